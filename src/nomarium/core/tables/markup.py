"""HTML tables → Grid: many systems export such a page and name it .xls."""

from __future__ import annotations

from html.parser import HTMLParser
from typing import TYPE_CHECKING

from nomarium.core.problems import DataRefused, Place
from nomarium.core.tables import wording
from nomarium.core.tables.table import Grid

if TYPE_CHECKING:
    from nomarium.core.tables.cells import Cell

_BREAKS = frozenset({"br", "p", "div", "li"})
MOST_SPAN = 500
"""Columns or rows that one cell may cover."""
MOST_COVERED = 2_000_000
"""Cells that all cells of a page may cover together."""
LONGEST_CELL = 1_000_000
"""Characters of a cell, beyond any text that people write into one."""


class _UnfoldsTooFar(Exception):
    """Cells that would cover more than a machine should hold."""


class _Tables(HTMLParser):
    """Collects the rows of all tables of a page; the cells of a table within a cell count as its text."""

    def __init__(self) -> None:
        super().__init__(convert_charrefs=True)
        self.tables: list[list[list[str]]] = []
        self.merged: list[list[tuple[int, int, int, int]]] = []
        self._depth = 0
        self._cell: list[str] | None = None
        self._span = (1, 1)
        self._taken: dict[tuple[int, int], bool] = {}
        self._covered = 0

    def handle_starttag(self, tag: str, attrs: list[tuple[str, str | None]]) -> None:
        """Open tables, rows and cells."""
        if tag == "table":
            self._depth += 1
            if self._depth == 1:
                self.tables.append([])
                self.merged.append([])
                self._taken = {}
        elif self._depth == 1 and tag == "tr":
            self._close_cell()
            self.tables[-1].append([])
        elif self._depth == 1 and tag in ("td", "th"):
            self._close_cell()
            if not self.tables[-1]:
                self.tables[-1].append([])
            spans = dict(attrs)
            self._span = _span(spans.get("rowspan")), _span(spans.get("colspan"))
            self._cell = []
        elif tag in _BREAKS and self._cell:
            self._cell.append("\n")

    def handle_endtag(self, tag: str) -> None:
        """Close tables, rows and cells."""
        if tag == "table" and self._depth:
            if self._depth == 1:
                self._close_cell()
            self._depth -= 1
        elif self._depth == 1 and tag in ("td", "th", "tr"):
            self._close_cell()

    def handle_data(self, data: str) -> None:
        """Take the text of a cell."""
        if self._cell is not None:
            self._cell.append(data if data.strip() else " ")

    def _close_cell(self) -> None:
        if self._cell is None:
            return
        text = "\n".join(" ".join(line.split()) for line in "".join(self._cell).split("\n")).strip()
        self._cell = None
        rows = self.tables[-1]
        top, row = len(rows) - 1, rows[-1]
        while (top, len(row)) in self._taken:
            row.append("")
        left = len(row)
        row.append(text)
        height, width = self._span
        self._covered += height * width
        if self._covered > MOST_COVERED:
            raise _UnfoldsTooFar
        for down in range(1, height):
            for right in range(width):
                self._taken[top + down, left + right] = True
        row.extend([""] * (width - 1))
        if height > 1 or width > 1:
            self.merged[-1].append((top, left, top + height - 1, left + width - 1))


def _span(text: str | None) -> int:
    return min(max(int(text), 1), MOST_SPAN) if text and text.isdecimal() else 1


def read_html_tables(text: str, file: str) -> list[Grid]:
    """Return the tables of an HTML page as grids, largest first; a page has no sheets, so they have no names.

    Raises DataRefused where its cells cover more than a machine should hold, or hold more than a cell can.
    """
    parser = _Tables()
    try:
        parser.feed(text)
        parser.close()
    except _UnfoldsTooFar:
        raise DataRefused(wording.unfolds_too_far(Place(file))) from None
    if any(len(cell) > LONGEST_CELL for rows in parser.tables for row in rows for cell in row):
        raise DataRefused(wording.huge_cell(Place(file)))
    grids = []
    for rows, merged in zip(parser.tables, parser.merged, strict=True):
        cells: list[list[Cell]] = [list(row) for row in rows]
        if any(any(row) for row in cells):
            grids.append(Grid(file, None, cells, "HTML table", merged))
    return sorted(grids, key=lambda grid: -len(grid.rows))
