"""Lines of text below the grids of a sheet: when none of them meets, and what else may be wanted."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from datetime import date
from functools import partial
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.shapes import meanings_in
from nomarium.core.sheets import dates_without, note_unused, note_used, place_said, says_when_or_where, sentences_of
from nomarium.core.sources import all_days, days_in_words
from nomarium.core.tables import Grid, GridView
from nomarium.core.timetable import wording
from nomarium.core.values import Order, only_order, parted_dates

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem
    from nomarium.core.timetable.grid_shape import Block


class _Line(NamedTuple):
    text: str
    place: Place
    beside: bool = False
    """Whether it stands in a row of a grid, and may speak of that row alone."""


def _lines_around(grid: Grid, blocks: Sequence[Block]) -> list[_Line]:
    """Return the rows of a sheet that hold a text or two and belong to none of its grids, and cells beside those."""
    within = {place for block in blocks for place in _places_of(block)}
    rows = {place.row for place in within}
    found = []
    view = GridView(grid)
    for row in range(len(view.rows)):
        cells = [(view.place(row, column), " ".join(text.split())) for column, text in view.filled(row)]
        outside = [(place, text) for place, text in cells if place not in within]
        if 0 < len(cells) <= _MOST_CELLS and cells[0][0].row not in rows:
            found.append(_Line(", ".join(text for _, text in cells), cells[0][0]))
        elif len(outside) < len(cells):
            found += [_Line(text, place, beside=True) for place, text in outside]
    return found


def _places_of(block: Block) -> Iterator[Place]:
    """Yield the places of all cells of a grid: its days, the heads of its lines, what stands below and beside them."""
    first, last = (0 if not block.view.turned else min(block.days) - 1), max((*block.days, *block.times_behind))
    for row in range(block.head, block.last_row + 1):
        yield from (block.view.place(row, column) for column, _ in block.view.filled(row) if first <= column <= last)


_MOST_CELLS = 2


class SaidAround(NamedTuple):
    """What lines around the grids of a sheet say of all their meetings."""

    off: frozenset[date]
    """When none of them meets."""
    room: str
    """Where all of them are that say nothing else; "" for nowhere said."""


def with_hours_said(block: Block, grid: Grid, problems: list[Problem]) -> None:
    """Give the lines of a grid that have no times those that a line of text on its sheet says: "AM = 9:30–12:00".

    What was used is told.
    """
    names = [line.periods[0] for line in block.lines if not line.hours and len(line.periods) == 1]
    view = GridView(grid)
    for row in range(len(view.rows)) if names else ():
        filled = list(view.filled(row))
        said = meanings_in([filled[0][1]], names) if len(filled) == 1 else []
        hours = {meaning.code: meaning.hours for meaning in said if meaning.hours}
        if hours:
            block.lines = [
                replace(line, hours=hours.get(line.periods[0], line.hours)) if len(line.periods) == 1 else line
                for line in block.lines
            ]
            shown = [f"{hours[code]} for {code}" for code in hours]
            problems.append(note_used(view.place(row, filled[0][0]), filled[0][1], shown))


def said_around(
    grid: Grid, blocks: Sequence[Block], after: date, order: Order | None, problems: list[Problem]
) -> SaidAround:
    """Return what lines around grids say: "Closed: November 23–28", "All lessons in the Annex". What was used is told.

    Dates without a year are the next from ``after`` on.
    """
    off: set[date] = set()
    lines = [line for line in _lines_around(grid, blocks) if not line.beside]
    for where, dates in ((line, dates_without(part)) for line in lines for part in sentences_of(line.text)):
        parts = parted_dates(dates)
        read = partial(days_in_words, after=after, order=order or only_order(parts))
        if days := all_days(parts, read):
            off |= days
            problems.append(wording.nothing_meets_on(where.place, where.text, dates))
    placing = [(line, room) for line in lines if (room := place_said(line.text))]
    if len(placing) != 1:
        return SaidAround(frozenset(off), "")
    ((line, room),) = placing
    problems.append(note_used(line.place, line.text, [f"the place “{room}”"]))
    return SaidAround(frozenset(off), room)


def lines_unheard(grid: Grid, blocks: Sequence[Block], problems: Sequence[Problem]) -> list[Problem]:
    """Return a word on the lines around grids that say when or where, and that nothing among the problems speaks of."""
    messages = [f"{problem.message} {problem.found}" for problem in problems]
    unused = [
        line
        for line in _lines_around(grid, blocks)
        if line.text.count(" ") >= _FEWEST_BLANKS and says_when_or_where(line.text)
        if not any(line.text in message for message in messages)
    ]
    return [note_unused(unused[0].place, unused[0].text, len(unused) - 1)] if unused else []


_FEWEST_BLANKS = 2
