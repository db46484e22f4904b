"""Rows with what meets, days of a cycle across, and its period on each below them → a row for each day and period."""

from __future__ import annotations

import re

from nomarium.core.columns import Headings, Kind
from nomarium.core.kinds import TIMETABLE_SHEET
from nomarium.core.shapes.headless import small_view
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.slots import read_periods
from nomarium.core.tables import Grid, GridView
from nomarium.lazily import regex

_MOST_ABOVE = 6
_FEWEST_DAYS, _FEWEST_ROWS = 2, 2
_DAY = regex(
    r"(?:day|tag|jour|día|dia|giorno|dag)\s*[:#-]?\s*(?P<behind>[A-L]|\d{1,2})|"
    r"(?P<ahead>[A-L]|\d{1,2})[ -]?(?:days?|tag|dag)",
    re.IGNORECASE,
)
"""“Day 1”, “A day”."""
_PERIOD = regex(r"(?:p|pd|per|period|block|b)?\.?\s?\d{1,2}(?:\s*[,&+/–-]\s*\d{1,2})*", re.IGNORECASE)
_WHAT_MEETS = frozenset({"course", "class", "group", "teacher"})


def periods_of_days(grid: Grid) -> Unfolded | None:
    """Return the list of what meets in which period of which day of a cycle: “Day 1 | Day 2”; None for others."""
    view = small_view(grid)
    if view is None:
        return None
    known = Headings(TIMETABLE_SHEET)
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        headings = dict(view.filled(head))
        days = {column: (found["behind"] or found["ahead"]).upper() for column, found in _days(headings).items()}
        others = [column for column in headings if column not in days]
        if len(days) < _FEWEST_DAYS or not any(known(headings[column]) in _WHAT_MEETS for column in others):
            continue
        below = [row for row in range(head + 1, len(view.rows)) if any(True for _ in view.filled(row))]
        periods = [text for row in below for column in days if (text := view.text(row, column))]
        if len(below) >= _FEWEST_ROWS and periods and all(map(_is_period, periods)):
            return _list(view, head, below, days, others)
    return None


def _days(headings: dict[int, str]) -> dict[int, re.Match[str]]:
    found = {column: _DAY.fullmatch(text.strip()) for column, text in headings.items()}
    return {column: match for column, match in found.items() if match is not None}


def _is_period(text: str) -> bool:
    return _PERIOD.fullmatch(text) is not None and read_periods(text) is not None


def _list(view: GridView, head: int, below: list[int], days: dict[int, str], others: list[int]) -> Unfolded:
    listed = ListRows(view, head)
    first = min(days)
    listed.add(head, others, ("Day", (head, first)), ("Period", (head, first)))
    for row in below:
        for column in [column for column in days if view.text(row, column)] or [first]:
            period = view.text(row, column)
            listed.add(row, others, (f"Day {days[column]}" if period else "", (head, column)), (period, (row, column)))
    shown = ", ".join(view.text(head, column) for column in list(days)[:2])
    why = f"days of a cycle stand across ({shown}, …), with the period of each row on them"
    return listed.unfolded(Kind.LIST, "", why)
