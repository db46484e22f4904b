"""A sheet as rows of texts, merged areas included; the same view turned on its side."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from typing import TYPE_CHECKING

from nomarium.core.problems import Place
from nomarium.core.tables.cells import Cell, address, plain_text

if TYPE_CHECKING:
    from nomarium.core.tables.table import Grid, Spot


@dataclass(slots=True)
class GridView:
    """The cells of a sheet by row and column, both counted from 0."""

    grid: Grid
    turned: bool = False
    """Whether rows and columns have changed places."""
    left: int = 0
    """The first column of the sheet, as it is turned, that belongs to the view."""
    right: int | None = None
    """The column behind the last; None for the end of the sheet."""
    rows: list[list[Cell]] = field(init=False)
    _merged: dict[tuple[int, int], tuple[int, int]] = field(init=False)
    _covered: set[tuple[int, int]] = field(init=False)

    def __post_init__(self) -> None:
        width = max((len(row) for row in self.grid.rows), default=0)
        rows = [[*row, *([""] * (width - len(row)))] for row in self.grid.rows]
        whole = [list(column) for column in zip(*rows, strict=True)] if self.turned else rows
        self.rows = [row[self.left : self.right] for row in whole]
        self._merged, self._covered = {}, set()
        for box in self.grid.merged:
            top, left, bottom, right = (box[1], box[0], box[3], box[2]) if self.turned else box
            left, right = left - self.left, right - self.left
            self._merged[top, left] = (bottom, right)
            if (bottom - top + 1) * (right - left + 1) <= _LARGEST_AREA:
                self._covered.update((r, c) for r in range(top, bottom + 1) for c in range(left, right + 1))
                self._covered.discard((top, left))

    @property
    def width(self) -> int:
        """The number of columns."""
        return len(self.rows[0]) if self.rows else 0

    def text(self, row: int, column: int) -> str:
        """Return the text of a cell, its lines kept; "" outside the sheet."""
        if row >= len(self.rows) or column >= self.width:
            return ""
        return plain_text(self.rows[row][column]).strip()

    def cell(self, row: int, column: int) -> Cell:
        """Return a raw cell."""
        return self.rows[row][column]

    def end(self, row: int, column: int) -> tuple[int, int]:
        """Return the last row and column of the merged area that begins with a cell; the cell itself for none."""
        return self._merged.get((row, column), (row, column))

    def is_covered(self, row: int, column: int) -> bool:
        """Tell whether a cell is part of a merged area that begins elsewhere."""
        return (row, column) in self._covered

    def spot(self, row: int, column: int) -> Spot:
        """Return the row and column in which a cell of the view stands on its grid."""
        return (column + self.left, row) if self.turned else (row, column + self.left)

    def place(self, row: int, column: int) -> Place:
        """Return where a cell stands on the sheet."""
        line, index = self.spot(row, column)
        if self.grid.origins and line < len(self.grid.origins) and index < len(self.grid.origins[line]):
            line, index = self.grid.origins[line][index]
        return Place(self.grid.file, self.grid.sheet, address(line + 1, index), line + 1)

    def part(self, first: int, last: int | None) -> GridView:
        """Return the part of the view from its column ``first`` to that before ``last``, None for its end."""
        return GridView(self.grid, self.turned, self.left + first, None if last is None else self.left + last)

    def head(self) -> int | None:
        """Return the first row that holds more than a title, None where none does."""
        return next((row for row in range(len(self.rows)) if sum(1 for _ in self.filled(row)) > 1), None)

    def texts_above(self, row: int) -> list[str]:
        """Return the texts of all rows above one, in their order."""
        return [text for above in range(row) for _, text in self.filled(above)]

    def filled(self, row: int) -> Iterator[tuple[int, str]]:
        """Yield the columns of a row that hold anything, with their texts."""
        return ((column, text) for column in range(self.width) if (text := self.text(row, column)))


_LARGEST_AREA = 200_000
"""Cells of a merged area that are looked at; a larger one is a whole sheet merged by a slip."""
