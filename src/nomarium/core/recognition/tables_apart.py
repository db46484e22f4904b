"""Several lists of different kinds on one sheet: the terms above the closures, or beside them."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from itertools import groupby
from typing import NamedTuple

from nomarium.core.columns import Kind
from nomarium.core.recognition.recognise import Recognised, recognise
from nomarium.core.tables import Grid, range_address

_MOST_ROWS, _MOST_COLUMNS = 2_000, 60
_SHAPED = frozenset({Kind.GRID, Kind.MONTHS, Kind.CODES, Kind.ROSTER})
"""Kinds of which several parts on a sheet belong together."""


class TableApart(NamedTuple):
    """One of several lists on a sheet: its range, the sheet with nothing else on it, and what it is."""

    range: str
    grid: Grid
    recognised: Recognised


class _Box(NamedTuple):
    top: int
    left: int
    bottom: int
    right: int


def tables_apart(grid: Grid) -> list[TableApart]:
    """Return the lists on a sheet, where blank rows or columns part lists of different kinds; else none."""
    if grid.origins or len(grid.rows) > _MOST_ROWS or max(map(len, grid.rows), default=0) > _MOST_COLUMNS:
        return []
    boxes = list(_boxes(grid))
    if len(boxes) < 2:
        return []
    found = [_apart(grid, box) for box in boxes]
    kinds = {one.recognised.kind for one in found if one.recognised.kind is not None}
    shaped = kinds & _SHAPED or any(one.recognised.crossing or one.recognised.unfolded for one in found)
    return found if len(kinds) > 1 and (not shaped or _are_grid_and_key(grid, found)) else []


def _are_grid_and_key(grid: Grid, found: list[TableApart]) -> bool:
    """Tell whether a grid stands apart from the list of its codes, for which the whole sheet would be taken."""
    kinds = [one.recognised.kind for one in found]
    return sorted(kinds, key=str) == [Kind.CODES, Kind.GRID] and recognise(grid.copy()).kind is Kind.CODES


def _apart(grid: Grid, box: _Box) -> TableApart:
    rows = [
        ["" if not box.left <= column <= box.right else cell for column, cell in enumerate(row)]
        if box.top <= number <= box.bottom
        else []
        for number, row in enumerate(grid.rows)
    ]
    merged = [one for one in grid.merged if box.top <= one[0] <= box.bottom and box.left <= one[1] <= box.right]
    alone = replace(grid, rows=rows, merged=merged)
    return TableApart(range_address(box.top + 1, box.left, box.bottom + 1, box.right), alone, recognise(alone.copy()))


def _boxes(grid: Grid) -> Iterator[_Box]:
    """Yield the parts of a sheet between blank columns and, in each, blank rows; a line of one cell heads the next."""
    width = max(map(len, grid.rows), default=0)
    used = [any(column < len(row) and row[column] != "" for row in grid.rows) for column in range(width)]
    for filled, columns in groupby(range(width), key=used.__getitem__):
        if filled:
            several = list(columns)
            yield from _parts(grid, several[0], several[-1])


def _parts(grid: Grid, left: int, right: int) -> Iterator[_Box]:
    counts = [sum(cell != "" for cell in row[left : right + 1]) for row in grid.rows]
    top: int | None = None
    for filled, numbers in groupby(range(len(counts)), key=lambda number: counts[number] > 0):
        rows = list(numbers)
        if not filled:
            continue
        top = rows[0] if top is None else top
        if len(rows) > 1 and max(counts[row] for row in rows) > 1:
            yield _Box(top, left, rows[-1], right)
            top = None
    if top is not None and left != right:
        yield _Box(top, left, len(counts) - 1, right)
