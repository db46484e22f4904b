"""A list of weeks → the letter of each."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.rows import DatedSheet, read_dated_rows
from nomarium.core.kinds import WEEK_SHEET, bare_label

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import SheetChoices


def read_weeks(
    choices: SheetChoices, letters: Sequence[str] = ()
) -> tuple[dict[date, str], DatedSheet | None, list[Problem]]:
    """Read a list of weeks: the letter of each by a date in it. ``letters`` are those that there are; none for any."""
    sheet, problems = read_dated_rows(choices, WEEK_SHEET)
    found: dict[date, str] = {}
    for row in sheet.rows if sheet else ():
        letter = bare_label(sheet.text(row, "label"), ()) if sheet else ""
        if sheet and (not letter or (letters and letter not in letters)):
            problems.append(wording.no_letter(sheet.place(row, "label"), letter, letters))
        elif sheet and found.setdefault(row.first, letter) != letter:
            problems.append(wording.listed_twice(sheet.place(row, "label"), row.first, letter, found[row.first]))
    return found, sheet, problems
