"""Times behind days or how often something is, "2nd and 4th Saturday 9.30am–12.30pm" → a column of their own."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nomarium.core.columns.contents import holds_dates, holds_days_and_times, says_how_often
from nomarium.core.columns.fields import TIMED_FIELDS
from nomarium.core.columns.matches import Certainty, Matches
from nomarium.core.tables import Cell, Column, plain_text
from nomarium.core.values import is_weekday, spans_in

if TYPE_CHECKING:
    from nomarium.core.columns.fields import SheetKind

_FIELDS = frozenset({"", "repeat", "when", "start_date"})
_OF_MEETINGS = frozenset({"", "summary", "when", "hours", "start_time", "start"})
_LONGEST = 80


def part_times_and_repeats(matches: Matches, sheet: SheetKind) -> None:
    """Part the one column whose cells say how often something is, and from when to when, where none else has times."""
    if not {"repeat", "hours"} <= set(sheet.names) or not all(map(matches.open, set(TIMED_FIELDS) - {"when"})):
        return
    for match in matches.all:
        if match.field in _FIELDS and match.is_free and (parts := _parted(match.column)) is not None:
            match.take("repeat", Certainty.LIKELY, "its cells say how often")
            matches.part(match, parts, "hours", "times stand behind how often it is")
            return


def part_days_and_times(matches: Matches, sheet: SheetKind) -> None:
    """Part “Tue 15:30–16:00” below “Lesson” or “Day & time” in weekdays and times, where dates stand beside it."""
    timed = [match for match in matches.all if match.field in TIMED_FIELDS]
    if not {"weekday", "hours"} <= set(sheet.names) or not matches.open("weekday") or len(timed) > 1:
        return
    for match in timed or matches.all:
        if match.field not in _OF_MEETINGS or not match.is_free or not holds_days_and_times(match.column):
            continue
        parted = {cell: _in_two(plain_text(cell)) for cell in match.column.distinct if cell != ""}
        weekly = all(hours and is_weekday(day) for day, hours in parted.values())
        if weekly and any(holds_dates(other.column) for other in matches.all):
            match.take("hours", Certainty.LIKELY, "its cells are weekdays and times")
            parts = {cell: (hours, day) for cell, (day, hours) in parted.items()}
            matches.part(match, parts, "weekday", "weekdays stand before its times")
            return


def says_how_often_and_when(column: Column) -> bool:
    """Tell whether each filled cell says how often something is, and its times: "every Friday 10am–12 noon"."""
    return _parted(column) is not None


def _parted(column: Column) -> dict[Cell, tuple[str, str]] | None:
    """Return each filled cell in two: how often, and its times; None where not all are of that form."""
    parts: dict[Cell, tuple[str, str]] = {}
    for cell in column.distinct:
        if cell == "":
            continue
        parts[cell] = _in_two(plain_text(cell))
        if not parts[cell][1]:
            return None
    if not parts:
        return None
    often = Column(column.heading, column.index, [often for often, _ in parts.values()])
    return parts if says_how_often(often) else None


def _in_two(text: str) -> tuple[str, str]:
    spans = list(spans_in(text)) if len(text) <= _LONGEST else []
    if len(spans) != 1:
        return text, ""
    (span,) = spans
    before, behind = text[: span.start].strip(" ,;:(–-"), text[span.end :].strip(" ,;:)–-")
    return " ".join(filter(None, (before, behind))), span.text
