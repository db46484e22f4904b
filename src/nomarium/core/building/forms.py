"""What a sheet of a source holds: dated events, a list of meetings, grids, or months drawn as calendars."""

from __future__ import annotations

from collections.abc import Mapping
from enum import Enum, auto

from nomarium.core.columns import EVENT_SHEET, Headings, heading_key, holds_dates
from nomarium.core.problems import DataRefused
from nomarium.core.tables import Grid, Table, find_table
from nomarium.core.timetable import TIMETABLE_SHEET, find_month


class Form(Enum):
    """The forms of sources."""

    EVENTS = auto()
    CALENDAR = auto()
    LIST = auto()
    GRID = auto()
    MONTHS = auto()
    CODES = auto()


_EVENTS, _MEETINGS = Headings(EVENT_SHEET), Headings(TIMETABLE_SHEET)


def form_of(grid: Grid, columns: Mapping[str, str]) -> Form | None:
    """Return what a sheet holds by its headings and cells; None where that depends on the days of the year."""
    if find_month(grid) is not None:
        return Form.MONTHS
    if is_list(grid, columns):
        return Form.LIST
    if _has_dates(grid, columns):
        return Form.EVENTS
    return Form.GRID


def is_list(grid: Grid, columns: Mapping[str, str]) -> bool:
    """Tell whether a sheet is a list of meetings: a class, a day and a period, or a slot, and no column of dates."""
    table = _table(grid, _MEETINGS)
    if table is None:
        return False
    fields = _fields(table, _MEETINGS, columns)
    named = bool(fields & {"class", "course"})
    when = "day" in fields and bool(fields & {"period", "start", "hours"})
    return named and (when or "slot" in fields) and not _dated_days(table, columns)


def _dated_days(table: Table, columns: Mapping[str, str]) -> bool:
    days = [c for c in table.columns if (columns.get(c.heading) or _MEETINGS(c.heading)) == "day"]
    return any(map(holds_dates, days))


def _has_dates(grid: Grid, columns: Mapping[str, str]) -> bool:
    table = _table(grid, _EVENTS)
    if table is None:
        return False
    fields = _fields(table, _EVENTS, columns)
    dated = any(holds_dates(column) for column in table.columns)
    return dated and ("summary" in fields or bool(fields & {"start_date", "start", "when"}))


def _table(grid: Grid, headings: Headings) -> Table | None:
    try:
        return find_table(grid, headings)[0]
    except DataRefused:
        return None


def _fields(table: Table, headings: Headings, columns: Mapping[str, str]) -> set[str]:
    stated = {heading_key(heading): name for heading, name in columns.items()}
    return {name for c in table.columns if (name := stated.get(heading_key(c.heading), headings(c.heading) or ""))}
