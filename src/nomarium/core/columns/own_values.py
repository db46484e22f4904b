"""A sheet's own codes → the words that they stand for: “3” under “Show as” is “free”."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from nomarium.core.columns import wording
from nomarium.core.columns.match import columns_headed
from nomarium.core.problems import Problem, WrongCall
from nomarium.core.tables import Table, plain_text

OwnValues = Mapping[str, Mapping[str, str]]
"""For each heading what its cells stand for, by what stands in them."""


def check_own_values(tables: Sequence[Table], values: OwnValues) -> None:
    """Raise WrongCall where values are stated for a heading that no table has."""
    for heading in values:
        if tables and not any(columns_headed(table, heading) for table in tables):
            raise WrongCall(f"No column has the heading “{heading}”.", wording.headings_hint(tables[0], heading))


def put_values(table: Table, values: OwnValues) -> list[Problem]:
    """Put what they stand for in the place of a table's own codes; one that stands nowhere is told."""
    problems = []
    for heading, meanings in values.items():
        known = {code.strip().casefold(): meaning for code, meaning in meanings.items()}
        found: set[str] = set()
        columns = columns_headed(table, heading)
        for column in columns:
            codes = [plain_text(cell).strip().casefold() for cell in column.cells]
            found.update(codes)
            column.cells = [known.get(code, cell) for code, cell in zip(codes, column.cells, strict=True)]
        problems += [
            wording.code_not_found(table.heading_place(columns[0]), columns[0], code)
            for code in meanings
            if columns and code.strip().casefold() not in found
        ]
    return problems
