"""A table whose columns have fields: its cells by the names of these."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from nomarium.core.columns.fields import SheetFields
from nomarium.core.columns.headings import Headings
from nomarium.core.columns.match import Matches, match_columns
from nomarium.core.problems import Place, Problem, has_errors
from nomarium.core.tables import Cell, Column, Grid, Table, find_table, plain_text


@dataclass(frozen=True, slots=True)
class FieldedTable:
    """A table and the fields of its columns."""

    table: Table
    matches: Matches

    def __len__(self) -> int:
        return len(self.table)

    def has(self, name: str) -> bool:
        """Tell whether a column has a field."""
        return self.matches.column(name) is not None

    def cell(self, record: int, name: str) -> Cell:
        """Return the raw cell of a record's field, "" for none."""
        column = self.matches.column(name)
        return column.cells[record] if column else ""

    def text(self, record: int, name: str) -> str:
        """Return what a record says for a field, "" for nothing."""
        return " ".join(plain_text(self.cell(record, name)).split())

    def texts(self, name: str) -> Sequence[str]:
        """Return what each record says for a field."""
        column = self.matches.column(name)
        if column is None:
            return [""] * len(self.table)
        known = {cell: " ".join(plain_text(cell).split()) for cell in set(column.cells)}
        return [known[cell] for cell in column.cells]

    def place(self, record: int, name: str = "") -> Place:
        """Return where a record stands, or its cell of a field."""
        column = self.matches.column(name) if name else None
        return self.table.cell_place(record, column) if column else self.table.row_place(record)

    @property
    def others(self) -> list[Column]:
        """The columns that no field takes, but that have a heading."""
        return [match.column for match in self.matches.unused_matches() if match.column.heading]


def read_fielded(
    grid: Grid, fields: SheetFields, stated: Mapping[str, str]
) -> tuple[FieldedTable | None, list[Problem]]:
    """Find the table of a grid and the fields of its columns; None where two columns claim a field.

    ``stated`` maps headings to fields. Raises DataRefused where the grid has no table, or several.
    """
    headings = Headings(fields)
    table, problems = find_table(grid, headings)
    matches, found = match_columns(table, stated, headings)
    problems += [problem for problem in found if problem.code not in ("unread-times", "unread-dates")]
    return None if has_errors(found) else FieldedTable(table, matches), problems
