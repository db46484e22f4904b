"""The assignment of rows to columns with the least sum of costs."""

from __future__ import annotations

from collections.abc import Sequence

_INFINITE = float("inf")


def best_assignment(matrix: Sequence[Sequence[float]]) -> list[tuple[int, int]]:
    """Return (row, column) of the cheapest assignment: every row where there are enough columns, else every column.

    The Hungarian method with potentials (Kuhn 1955, Munkres 1957), in O(n³).
    """
    if len(matrix) > len(matrix[0]):
        turned = [list(column) for column in zip(*matrix, strict=True)]
        return [(row, column) for column, row in best_assignment(turned)]
    search = _Search(matrix)
    for row in range(1, len(matrix) + 1):
        search.add(row)
    return [(row - 1, column - 1) for column, row in enumerate(search.owner) if column and row]


class _Search:
    """Takes rows in one by one; the cheapest chain of changes makes room for each. Rows and columns count from 1."""

    def __init__(self, matrix: Sequence[Sequence[float]]) -> None:
        self._matrix = matrix
        self._columns = range(1, len(matrix[0]) + 1)
        self._of_row = [0.0] * (len(matrix) + 1)
        self._of_column = [0.0] * (len(matrix[0]) + 1)
        self.owner = [0] * (len(matrix[0]) + 1)
        """The row that has each column, 0 for none."""

    def add(self, row: int) -> None:
        """Take a row in."""
        self.owner[0] = row
        way = [0] * len(self.owner)
        least = [_INFINITE] * len(self.owner)
        used: set[int] = set()
        at = 0
        while self.owner[at]:
            used.add(at)
            following = self._look_around(at, used, least, way)
            self._shift(least[following], used, least)
            at = following
        while at:
            self.owner[at] = self.owner[way[at]]
            at = way[at]

    def _look_around(self, at: int, used: set[int], least: list[float], way: list[int]) -> int:
        """Note what each free column costs by way of one, and return the cheapest of all."""
        row = self.owner[at]
        costs, base = self._matrix[row - 1], self._of_row[row]
        free = [column for column in self._columns if column not in used]
        for column in free:
            cost = costs[column - 1] - base - self._of_column[column]
            if cost < least[column]:
                least[column], way[column] = cost, at
        return min(free, key=least.__getitem__)

    def _shift(self, by: float, used: set[int], least: list[float]) -> None:
        """Move the potentials so that the cheapest step costs nothing."""
        for column in used:
            self._of_row[self.owner[column]] += by
            self._of_column[column] -= by
        for column in self._columns:
            if column not in used:
                least[column] -= by
