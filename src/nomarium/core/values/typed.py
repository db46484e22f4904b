"""Cells that are no text: a workbook's own dates, times and durations, and the bare numbers that these can become."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from datetime import date, datetime, time, timedelta
from typing import TYPE_CHECKING

from nomarium.core.tables import Cell, plain_text
from nomarium.core.values import wording
from nomarium.core.values.clock import ClockTime
from nomarium.core.values.moment import Moment
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.values.faults import Fault

BLANK_MARKS = frozenset({"", "-", "–", "—", "n/a", "N/A", "none", "None"})
"""What people write in a cell of a date or time that they leave empty."""


TO_COME = frozenset("tbc tba tbd ? ?? offen folgt".split()) | {
    "to be confirmed",
    "to be announced",
    "to be decided",
    "to follow",
    "noch offen",
}
TO_COME |= {"à confirmer", "à définir", "por confirmar", "da definire", "nog onbekend"}
TO_COME |= {"arr", "arranged", "by arrangement", "by appointment", "n.v.", "nach vereinbarung", "sur rendez-vous"}
"""What people write in a cell of a date or time that is not known yet, or is agreed on with each."""


def is_to_come(cell: Cell) -> bool:
    """Tell whether a cell says that what stands there is not known yet."""
    return isinstance(cell, str) and cell.strip().casefold() in TO_COME


def typed_moment(cell: Cell, *, first_day: datetime | None) -> Moment | Fault:
    """Return what a workbook's own date, time or duration is; a number counts from a first day, or is part of a day."""
    if isinstance(cell, datetime):
        clock = ClockTime(cell.hour * 3600 + cell.minute * 60 + cell.second)
        return Moment(start=clock) if cell.year < 1901 else Moment(cell.date(), clock)
    if isinstance(cell, date):
        return Moment(cell) if cell.year >= 1901 else Moment(start=ClockTime(0))
    if isinstance(cell, time):
        return Moment(start=ClockTime(cell.hour * 3600 + cell.minute * 60 + cell.second))
    if isinstance(cell, timedelta):
        seconds = round(cell.total_seconds())
        return (
            Moment(start=ClockTime(seconds)) if 0 <= seconds <= 86_400 else wording.unreadable_moment(str(cell), True)
        )
    number = float(cell)
    return serial_moment(number, first_day) if first_day else Moment(start=ClockTime(round(number * 1440) * 60))


def numbers_as_text(cells: Sequence[Cell], times_first: bool) -> list[Cell]:
    """Return cells with bare numbers as the texts that were typed: 9 and 1330 are read, and proved, as text is.

    In a column of times, parts of a day that have lost their format stay the numbers that they are.
    """
    return [
        plain_text(cell) if isinstance(cell, float) and not (times_first and 0 < cell < 1) else cell for cell in cells
    ]


def are_serials(cells: Iterable[Cell]) -> bool:
    """Tell whether all filled cells are day numbers of the years 1954 to 2119 (20,000 to 80,000)."""
    filled = [cell for cell in cells if cell not in BLANK_MARKS]
    return bool(filled) and all(_is_serial(cell) for cell in filled)


_SERIAL = regex(r"\d{5}(\.\d+)?")


def _is_serial(cell: Cell) -> bool:
    if isinstance(cell, str):
        return bool(_SERIAL.fullmatch(cell)) and 20_000 <= float(cell) <= 80_000
    return isinstance(cell, float) and 20_000 <= cell <= 80_000


def serial_moment(number: float, first_day: datetime) -> Moment:
    """Return the date, or date and time, that a day number stands for, counted from the day of number 0."""
    moment = first_day + timedelta(minutes=round(number * 1440))
    if number.is_integer():
        return Moment(moment.date())
    return Moment(moment.date(), ClockTime(moment.hour * 3600 + moment.minute * 60))


def swapped(cell: date) -> Moment | Fault:
    """Return a workbook's own date with its day and month changed back."""
    if cell.day > 12:
        return wording.unswappable(cell)
    day = date(cell.year, cell.day, cell.month)
    if isinstance(cell, datetime):
        return Moment(day, ClockTime(cell.hour * 3600 + cell.minute * 60))
    return Moment(day)
