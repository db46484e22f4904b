"""A sheet of notes for single meetings."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import date

from nomarium.core.kinds import NOTE_SHEET
from nomarium.core.lessons import wording
from nomarium.core.lessons.sheet import day_of
from nomarium.core.problems import Place, Problem
from nomarium.core.sheets import Sheet, SheetChoices, read_sheet
from nomarium.core.slots import Periods, read_periods
from nomarium.core.tables import Grid, plain_text
from nomarium.core.values import split_list


@dataclass(frozen=True, slots=True)
class Note:
    """What is to be said of the meetings of a class, course or teacher on a day."""

    day: date
    whose: tuple[str, ...]
    """None means all that meet."""
    periods: Periods
    text: str
    place: Place = field(default=Place(""), compare=False)


def read_notes(grid: Grid, choices: SheetChoices) -> tuple[list[Note], Sheet | None, list[Problem]]:
    """Read a sheet of notes. Raises DataRefused where it has no dates or no notes."""
    sheet, problems = read_sheet(grid, NOTE_SHEET, choices)
    if sheet is None or not sheet.is_sound:
        return [], sheet, problems
    found = []
    for record in range(len(sheet)):
        before = len(problems)
        day = day_of(sheet, record, "start_date", problems)
        text = plain_text(sheet.cell(record, "note")).strip()
        if len(problems) > before:
            continue
        if day is None or not text:
            problems.append(wording.incomplete_note(sheet.place(record)))
            continue
        groups = read_periods(sheet.text(record, "period")) or ()
        periods = tuple(period for group in groups for period in group)
        found.append(Note(day, split_list(sheet.text(record, "class")), periods, text, sheet.place(record)))
    return found, sheet, problems
