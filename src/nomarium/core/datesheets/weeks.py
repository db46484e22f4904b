"""A list of weeks → the letter of each, or its number."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.rows import DatedSheet, read_dated_rows
from nomarium.core.kinds import WEEK_SHEET, bare_label, week_numbers_in
from nomarium.core.values import counted

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import SheetChoices


@dataclass(slots=True)
class WeekList:
    """What a list of weeks gave: the letter of each by a date in it, or its number."""

    letters: dict[date, str] = field(default_factory=dict)
    numbers: dict[date, int] = field(default_factory=dict)
    sheet: DatedSheet | None = None

    @property
    def words(self) -> str:
        """How many weeks it holds."""
        return counted(len(self.letters) + len(self.numbers), "week")


def read_weeks(choices: SheetChoices, letters: Sequence[str] = ()) -> tuple[WeekList, list[Problem]]:
    """Read a list of weeks. ``letters`` are those that there are; none for any.

    Where its labels are numbers that count up, the weeks between them that have none are weeks without lessons.
    """
    sheet, problems = read_dated_rows(choices, WEEK_SHEET)
    found = WeekList(sheet=sheet)
    rows = sheet.rows if sheet else []
    numbers = week_numbers_in([sheet.text(row, "label") for row in rows]) if sheet and not letters else None
    for row, number in zip(rows, numbers, strict=True) if numbers else ():
        if number is not None:
            found.numbers[row.first] = number
    for row in rows if not numbers else ():
        letter = bare_label(sheet.text(row, "label"), ()) if sheet else ""
        if sheet and (not letter or (letters and letter not in letters)):
            problems.append(wording.no_letter(sheet.place(row, "label"), letter, letters))
        elif sheet and (known := found.letters.setdefault(row.first, letter)) != letter:
            problems.append(wording.listed_twice(sheet.place(row, "label"), row.first, letter, known))
    return found, problems
