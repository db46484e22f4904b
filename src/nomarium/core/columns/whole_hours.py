"""Whole hours behind weekdays, which might be periods: "Mon 8-10 / Thu 10-12" → "Mon 8:00–10:00 / Thu 10:00–12:00"."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from nomarium.core.columns.contents import holds_days_and_times
from nomarium.core.columns.matches import Certainty, Matches
from nomarium.core.tables import Cell, Column
from nomarium.core.values import is_weekday
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns.fields import SheetKind

_HOURS = regex(
    r"(?P<day>[^\W\d_]{2,})(?:\.?:?\s+(?:de\s+|von\s+|from\s+)?)(?P<start>\d{1,2})"
    r"(?:\s*[-–—]\s*|\s+(?:a|à|to|bis|às|tot)\s+)(?P<end>\d{1,2})(?![\w:.–-]|\s*[ap]\.?m)",
    re.IGNORECASE,
)
_EARLIEST, _MIDDAY = 7, 11
"""No column of periods begins at the seventh throughout; one of hours reaches late morning."""
_LONGEST = 200
_FIELDS = frozenset({"", "slot", "day", "period", "hours", "start"})


def hours_behind_weekdays(matches: Matches, sheet: SheetKind) -> None:
    """Write the whole hours of a timetable's column out, where all its cells have hours of the day behind weekdays."""
    if "slot" not in sheet.names:
        return
    for match in matches.all:
        if match.field in _FIELDS and (cells := _written_out(match.column)) is not None:
            match.column.cells = cells
            if match.certainty is not Certainty.STATED:
                match.take("slot", Certainty.LIKELY, "weekdays and whole hours below it")


def _written_out(column: Column) -> list[Cell] | None:
    """Return the cells with minutes behind their hours; None where they may be periods, or say something else."""
    texts = [text for text in column.distinct if isinstance(text, str)]
    if any(len(text) > _LONGEST for text in texts):
        return None
    hours = [found for text in texts for found in _hours_in(text)]
    starts, ends = [int(one["start"]) for one in hours], [int(one["end"]) for one in hours]
    rising = all(start < end <= 24 for start, end in zip(starts, ends, strict=True))
    if not rising or min(starts, default=0) < _EARLIEST or max(ends) < _MIDDAY:
        return None
    cells: list[Cell] = [_with_minutes(cell) if isinstance(cell, str) else cell for cell in column.cells]
    return cells if holds_days_and_times(Column(column.heading, column.index, cells)) else None


def _hours_in(text: str) -> list[re.Match[str]]:
    return [found for found in _HOURS.finditer(text) if is_weekday(found["day"])]


def _with_minutes(text: str) -> str:
    for one in reversed(_hours_in(text)):
        text = f"{text[: one.start('start')]}{one['start']}:00–{one['end']}:00{text[one.end() :]}"
    return text
