"""A list that stands for a sheet of another shape."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from collections.abc import Iterable

    from nomarium.core.columns import Kind
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Cell, Grid, GridView, Spot


@dataclass(slots=True)
class Unfolded:
    """What came of a sheet: the list, its kind, by which heading the names go, and what is wrong."""

    grid: Grid
    kind: Kind
    whose: str
    """The heading of the column that calendars can be split by."""
    why: str
    problems: list[Problem] = field(default_factory=list)


class ListRows:
    """Collects the rows of a list that a sheet of another shape stands for, each cell with where it stands."""

    def __init__(self, view: GridView, head: int) -> None:
        self._view = view
        self._cells: list[list[Cell]] = []
        self._origins: list[list[Spot]] = []
        for row in range(head):  # titles and notes stay above the headings
            self.add(row, range(view.width))

    def add(self, row: int, columns: Iterable[int], *more: tuple[Cell, Spot]) -> None:
        """Add some cells of a row, and behind them others, each with where it stands on the view."""
        columns = list(columns)
        spots = [*((row, column) for column in columns), *(spot for _, spot in more)]
        self._cells.append([*(self._view.cell(row, column) for column in columns), *(cell for cell, _ in more)])
        self._origins.append([self._view.spot(*spot) for spot in spots])

    def entitle(self, column: int, text: str) -> None:
        """Give the row that was added last another text in a column."""
        self._cells[-1][column] = text

    def unfolded(self, kind: Kind, whose: str, why: str) -> Unfolded:
        """Return the list."""
        return Unfolded(self._view.grid.as_list(self._cells, self._origins), kind, whose, why)
