"""Lines of text below the grids of a sheet: when none of them meets, and what else may be wanted."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from datetime import date
from functools import partial
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.shapes import meanings_in
from nomarium.core.sheets import dates_without, note_unused, note_used, says_when
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


def _lines_below(blocks: Sequence[Block]) -> list[_Line]:
    """Return the rows below grids, and above the next, that hold one text and no more."""
    found = []
    heads = sorted({block.head for block in blocks})
    for end in sorted({block.last_row for block in blocks if not block.view.turned}):
        view = next(block.view for block in blocks if block.last_row == end)
        below = next((head for head in heads if head > end), len(view.rows))
        if below < len(view.rows):
            continue  # what stands between two grids is a caption
        for row in range(end + 1, below):
            filled = list(view.filled(row))
            if len(filled) == 1:
                found.append(_Line(" ".join(filled[0][1].split()), view.place(row, filled[0][0])))
    return found


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


def dates_off(blocks: Sequence[Block], after: date, order: Order | None, problems: list[Problem]) -> frozenset[date]:
    """Return the dates on which lines below grids say that nothing meets: "Closed: November 23–28".

    Dates without a year are the next from ``after`` on. What was used, and what says when and was not, is told.
    """
    found: set[date] = set()
    unused = []
    for line in _lines_below(blocks):
        dates = dates_without(line.text)
        parts = parted_dates(dates)
        read = partial(days_in_words, after=after, order=order or only_order(parts))
        if off := all_days(parts, read):
            found |= off
            problems.append(wording.nothing_meets_on(line.place, line.text, dates))
        elif says_when(line.text):
            unused.append(line)
    if unused:
        problems.append(note_unused(unused[0].place, unused[0].text, len(unused) - 1))
    return frozenset(found)
