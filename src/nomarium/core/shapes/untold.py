"""Lines of a sheet of another shape that say when or where, and that its list has nothing of → a word on each."""

from __future__ import annotations

from collections.abc import Collection, Iterator, Sequence
from datetime import date, datetime
from functools import cached_property
from typing import TYPE_CHECKING

from nomarium.core.shapes.axis import names_week, one_date
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.day_titles import date_in_words, is_of_other_days
from nomarium.core.sheets import holding_bound, note_unused, place_said, says_when_or_where
from nomarium.core.tables import Grid, GridView, Spot, plain_text
from nomarium.core.values import ORDERS, date_in, is_date, span_of_dates, spans_in
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.shapes.unfolded import Unfolded

_IN_DIGITS = regex(r"\d{1,2}[./-]\d{1,2}[./-]\d{4}")
_MOST_ROWS, _MOST_CELLS, _FEWEST_WORDS = 3_000, 2, 3


def lines_untold(grid: Grid, unfolded: Unfolded) -> list[Problem]:
    """Return a word on the lines of a sheet whose times, dates or places went into no cell of its list."""
    if len(grid.rows) > _MOST_ROWS or grid.origins:
        return []
    listed = _Listed(unfolded.grid)
    told = {problem.found for problem in unfolded.problems} | {
        part for problem in unfolded.problems for part in problem.message.split("“")
    }
    found = [
        (spot, text)
        for spot, text in _lines(grid, listed.spots)
        if spot not in listed.spots and not listed.has_taken(text) and not any(one.startswith(text) for one in told)
    ]
    if not found:
        return []
    (row, column), text = found[0]
    return [note_unused(GridView(grid).place(row, column), text, len(found) - 1)]


def _lines(grid: Grid, used: Collection[Spot]) -> Iterator[tuple[Spot, str]]:
    """Yield the lines of a sheet that are a text or two, and other cells, that say when or where, with their spots.

    Lines with a cell that is ``used`` already are looked through cell by cell.
    """
    view = GridView(grid)
    for row in range(len(view.rows)):
        cells = [(column, " ".join(text.split())) for column, text in view.filled(row)]
        if any(is_free(text) for _, text in cells):
            continue
        few = 0 < len(cells) <= _MOST_CELLS and not any((row, column) in used for column, _ in cells)
        whole = [(cells[0][0], ", ".join(text for _, text in cells))] if few else cells
        for column, text in whole:
            long = text.count(" ") + 1 >= _FEWEST_WORDS
            if long and not is_date(text) and not names_week(text) and says_when_or_where(text):
                yield (row, column), text


class _Listed:
    """What the list of a sheet has."""

    def __init__(self, grid: Grid) -> None:
        self._grid = grid
        self.spots = {spot for spots in grid.origins for spot in spots}

    @cached_property
    def _texts(self) -> Sequence[str]:
        return list(dict.fromkeys(text for row in self._grid.rows for cell in row if (text := plain_text(cell))))

    @cached_property
    def _dates(self) -> set[date]:
        cells = [cell for row in self._grid.rows for cell in row if isinstance(cell, str | date)]
        days = {one_date(cell) for cell in dict.fromkeys(cells)}
        return {day.date() if isinstance(day, datetime) else day for day in days if day is not None}

    def has_taken(self, text: str) -> bool:
        """Tell whether the times, the place or the dates that a line says stand in the list."""
        said = [span.text for span in spans_in(text)] or list(filter(None, [place_said(text)]))
        if said:
            return all(any(one in cell for cell in self._texts) for one in said)
        bound = holding_bound(text, titled=True)
        if bound is not None and self._dates:
            return bound.day == (min(self._dates) if bound.name == "from" else max(self._dates))
        span = span_of_dates(text)
        days = {date_in(one, order) for one in _IN_DIGITS.findall(text) for order in ORDERS} | {date_in_words(text)}
        within = span is not None and any(span.first <= one <= span.last for one in self._dates)
        return (within or not self._dates.isdisjoint(filter(None, days))) and not is_of_other_days(text)
