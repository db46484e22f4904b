"""Rows that say in which week they are, "Week commencing": on a weekday beside it, or through all of its days."""

from __future__ import annotations

from dataclasses import replace
from datetime import date
from itertools import repeat
from typing import TYPE_CHECKING

from nomarium.core.columns import Match, Matches, holds_dates, holds_weekdays
from nomarium.core.sheets import whole_weeks
from nomarium.core.sources import wording
from nomarium.core.tables import Cell, Column, Table, plain_text
from nomarium.core.values import ORDERS, date_in, in_reach, last_of_week, on_or_after, weekday_in_any, year_in_titles

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.values import DateChoices

_DATED = ("start_date", "start", "when")
_TIMED = ("start_time", "end_time", "end_date", "start", "end", "hours", "when", "duration", "period", "repeat")


def dated_by_weeks(table: Table, matches: Matches, dates: DateChoices) -> tuple[Matches, list[Problem]]:
    """Return the columns of a sheet whose only dates begin weeks with one for the days that its rows are on.

    A row is on the weekday that stands beside it; without one it lasts all seven days where nothing says a time, and
    else is on the first day, with a warning.
    """
    weeks = next((match for match in matches.all if match.field == "week_of"), None)
    if weeks is None or any(holds_dates(column) for _, column in matches.columns(_DATED)):
        return matches, []
    column = weeks.column
    firsts = _first_days(column, dates) or _first_days_of_titles(column, table, dates)
    weekdays = matches.column("weekday")
    by_weekdays = bool(firsts) and weekdays is not None and holds_weekdays(weekdays)
    said = map(plain_text, weekdays.cells) if by_weekdays and weekdays else repeat("", len(column.cells))
    days = [
        _on(firsts.get(cell), day) if by_weekdays else firsts.get(cell)
        for cell, day in zip(column.cells, said, strict=True)
    ]
    cells: list[Cell] = [day or cell for day, cell in zip(days, column.cells, strict=True)]
    dated = Match(Column(column.heading, column.index, cells), "start_date", weeks.certainty, weeks.why)
    found = replace(matches, all=[dated if match is weeks else match for match in matches.all])
    if by_weekdays:
        return found, []
    first = next((record for record, cell in enumerate(column.cells) if cell != ""), 0)
    place, text = table.cell_place(first, column), plain_text(column.cells[first])
    if not firsts or matches.columns(_TIMED):
        return found, [wording.first_day_of_week(place, text)]
    lasts: list[Cell] = [last_of_week(day) if day else "" for day in days]
    found.all.append(Match(Column(column.heading, column.index, lasts), "end_date", why="a week from its first day"))
    return found, [whole_weeks(place, text)]


def _first_days(column: Column, dates: DateChoices) -> dict[Cell, date]:
    """Return the dates of cells in the order that is stated, or in the one that makes all the same weekday; else none.

    Dates in words are read in every order alike.
    """
    readings: list[dict[Cell, date]] = []
    for order in (dates.order,) if dates.order else ORDERS:
        read = {cell: cell if isinstance(cell, date) else date_in(str(cell), order) for cell in column.distinct if cell}
        days = {cell: day for cell, day in read.items() if day is not None and in_reach(day)}
        if days and len(days) == len(read) and len({day.weekday() for day in days.values()}) == 1:
            readings += [days] if days not in readings else []
    return readings[0] if len(readings) == 1 else {}


def _first_days_of_titles(column: Column, table: Table, dates: DateChoices) -> dict[Cell, date]:
    """Return the dates of cells without a year in the one that the titles of a sheet name; else none."""
    year = year_in_titles(table.titles)
    if year is None or year.crosses or not all(isinstance(cell, str) for cell in column.cells):
        return {}
    with_year = {cell: f"{cell} {year.first.year}" for cell in column.distinct if cell != ""}
    found = _first_days(Column(column.heading, column.index, list(with_year.values())), dates)
    return {cell: found[text] for cell, text in with_year.items()} if len(found) == len(with_year) else {}


def _on(first: date | None, weekday: str) -> date | None:
    """Return the day of a week that is a weekday; None where either is not known."""
    wanted = weekday_in_any(weekday) if weekday else None
    return on_or_after(first, wanted) if first and wanted is not None else None
