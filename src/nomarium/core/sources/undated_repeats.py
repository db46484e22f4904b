"""Rows that repeat and have no date of their own: they begin where their words say, else with the year."""

from __future__ import annotations

from datetime import date

from nomarium.core.columns import Match, Matches, holds_dates
from nomarium.core.repeats import bounds_in
from nomarium.core.sources.repeat_dates import date_in_words
from nomarium.core.tables import Cell, Column, plain_text
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
    if repeats is None or not is_undated(matches):
        return matches
    usual = year.rules.first if year is not None else dates.within[0] if dates.within else None
    words = {cell: bounds_in(plain_text(cell)) for cell in set(repeats.cells)}

    def first_day(cell: Cell) -> date | str:
        bounds = words[cell]
        if cell == "":
            return ""
        if bounds is None or not bounds.first:
            return usual or ""
        return date_in_words(bounds.first, usual or date.min, dates.order) or bounds.first

    firsts = {cell: first_day(cell) for cell in words}
    column = Column(repeats.heading, repeats.index, [firsts[cell] for cell in repeats.cells])
    return Matches([*matches.all, Match(column, "start_date", why="the words of its repeats")])
