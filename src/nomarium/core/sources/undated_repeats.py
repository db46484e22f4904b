"""Rows that repeat and have no date of their own: they begin where their words say, else with the year."""

from __future__ import annotations

from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.columns import Match, Matches, holds_dates, is_repeat, mixes_dates_and_repeats
from nomarium.core.repeats import Bounds, bounds_in, run_in
from nomarium.core.sources.repeat_dates import date_in_words
from nomarium.core.tables import Cell, Column, plain_text
from nomarium.core.values import day_words, on_or_after, weekday_in_any
from nomarium.core.values.reach import in_reach

if TYPE_CHECKING:
    from nomarium.core.values import DateChoices
    from nomarium.core.year import SchoolYear

_DATED = ("start_date", "start", "when")


def is_undated(matches: Matches) -> bool:
    """Tell whether rows repeat, and no column has their dates."""
    return matches.column("repeat") is not None and not any(
        holds_dates(column) for _, column in matches.columns(_DATED)
    )


def with_first_days(matches: Matches, dates: DateChoices, year: SchoolYear | None) -> Matches:
    """Return the columns of a sheet with one for the first days of its repeats, where it has none.

    “8 Tuesdays from 14 September” begins then; a repeat that says nothing of it with the school year, or with the days
    that the sheet is about. What neither says stays empty.
    """
    repeats = matches.column("repeat")
    if repeats is None and (mixed := _mixed(matches)) is not None:
        return _parted(matches, mixed, dates, year)
    if repeats is None or not is_undated(matches):
        return matches
    firsts = {cell: _first_day(cell, dates, year) for cell in set(repeats.cells)}
    weekdays = matches.column("weekday")
    days = [plain_text(cell) for cell in weekdays.cells] if weekdays else [""] * len(repeats.cells)
    cells: list[Cell] = [_on_weekday(firsts[cell], day) for cell, day in zip(repeats.cells, days, strict=True)]
    column = Column(repeats.heading, repeats.index, cells)
    return Matches([*matches.all, Match(column, "start_date", why="the words of its repeats")])


def _on_weekday(first: date | str, weekday: str) -> date | str:
    """Return a first day, or the next one that is a weekday which stands beside the repeat."""
    wanted = weekday_in_any(weekday) if weekday else None
    if wanted is None or not isinstance(first, date):
        return first
    return on_or_after(first, wanted)


def _first_day(cell: Cell, dates: DateChoices, year: SchoolYear | None) -> date | str:
    usual = year.rules.first if year is not None else dates.within[0] if dates.within else None
    if cell == "":
        return ""
    if (run := run_in(plain_text(cell))) is not None:
        return run.first
    bounds = bounds_in(plain_text(cell))
    if bounds is None or not bounds.first:
        return usual or ""
    if usual is None:
        return _first_by_itself(bounds, dates) or bounds.first
    return date_in_words(bounds.first, usual, dates.order) or bounds.first


def _first_by_itself(bounds: Bounds, dates: DateChoices) -> date | None:
    """Return a first day that says its year; or the last before the end, where that does: "12 Jan to 23 Mar 2027"."""
    first, until = (
        date_in_words(text, date.min, dates.order) if text else None for text in (bounds.first, bounds.until)
    )
    if first is None or in_reach(first):
        return first
    if until is None or not in_reach(until) or (first.month, first.day) == (2, 29):
        return None
    return first.replace(year=until.year - ((first.month, first.day) > (until.month, until.day)))


def _mixed(matches: Matches) -> Match | None:
    """Return the column of dates in which some rows say how often they are in place of one; None for none."""
    found = [match for match in matches.all if match.field in _DATED and mixes_dates_and_repeats(match.column)]
    return found[0] if len(found) == 1 else None


def _parted(matches: Matches, mixed: Match, dates: DateChoices, year: SchoolYear | None) -> Matches:
    """Part a column of dates and repeats in two: each row's first day, and how often it is."""
    column = mixed.column
    often = {cell: isinstance(cell, str) and is_repeat(cell) for cell in column.distinct}
    firsts: list[Cell] = [_written(_first_day(cell, dates, year)) if often[cell] else cell for cell in column.cells]
    repeats = [cell if often[cell] else "" for cell in column.cells]
    others = [match for match in matches.all if match is not mixed]
    why = "dates, and words that say how often"
    day = Match(Column(column.heading, column.index, firsts), mixed.field, mixed.certainty, why)
    return Matches([*others, day, Match(Column(column.heading, column.index, repeats), "repeat", mixed.certainty, why)])


def _written(first: date | str) -> str:
    """Return a first day as words: a date among texts would look like one that a spreadsheet program made."""
    return day_words(first) if isinstance(first, date) else first
