"""Grid → Table: where the headings stand, which rows are records, and why the others are not."""

from __future__ import annotations

from itertools import compress, islice, zip_longest

from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.tables import wording
from nomarium.core.tables.cells import Cell, address, plain_text
from nomarium.core.tables.table import Column, Grid, LeftOut, Table


def find_table(grid: Grid) -> tuple[Table, list[Problem]]:
    """Find the table of a grid: headings in the first filled row, and below them one record a row.

    Raises DataRefused where there are no headings, or nothing below them.
    """
    place = Place(grid.file, grid.sheet)
    start = next((index for index, row in enumerate(grid.rows) if any(row)), None)
    if start is None:
        raise DataRefused(wording.no_headings(place))
    headings = _headings(grid.rows[start])
    table = _cut(grid, start, headings)
    if not len(table):
        raise DataRefused(wording.no_rows(place))
    return table, [] if grid.typed else _shifted_rows(grid, start, len(headings))


def _headings(row: list[Cell]) -> list[str]:
    """Return the texts of a heading row, its empty end cut off."""
    headings = [" ".join(plain_text(cell).split()) for cell in row]
    while not headings[-1]:
        headings.pop()
    return headings


def _cut(grid: Grid, start: int, headings: list[str]) -> Table:
    """Cut the records out of the grid, column by column, leaving out blank rows."""
    end = len(grid.rows)
    while end > start + 1 and not any(grid.rows[end - 1]):
        end -= 1
    filled = [any(row) for row in grid.rows[start + 1 : end]]
    records = list(compress(islice(grid.rows, start + 1, end), filled))
    numbers = list(compress(range(start + 2, end + 1), filled))
    table = Table(grid.file, grid.sheet, grid.form, start + 1, _columns(records, headings), numbers)
    table.left_out[LeftOut.BLANK] = len(filled) - len(records)
    return table


def _columns(records: list[list[Cell]], headings: list[str]) -> list[Column]:
    """Turn records on their side; a column without a heading counts where it holds anything."""
    columns = []
    for index, (heading, cells) in enumerate(zip_longest(headings, zip_longest(*records, fillvalue=""), fillvalue="")):
        if heading or any(cells):
            columns.append(Column(heading, index, list(cells) if cells else [""] * len(records)))
    return columns


def _shifted_rows(grid: Grid, start: int, width: int) -> list[Problem]:
    """Report rows of delimited text with cells beyond the last heading: a bare delimiter has moved their cells."""
    problems = []
    for number, row in enumerate(islice(grid.rows, start + 1, None), start + 2):
        if len(row) > width and any(row[width:]):
            place = Place(grid.file, grid.sheet, address(number, width), number)
            problems.append(wording.shifted_row(place, len(row), width, plain_text(row[width])))
    return problems
