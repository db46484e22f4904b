"""Dates that stand only where they change, as people write a programme → a date in every row."""

from __future__ import annotations

from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.columns import holds_dates
from nomarium.core.sources import wording

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Column, Table

_FEW = 5
"""One row in so many at least has no date of its own, where dates stand only where they change."""


def carry_dates(table: Table, matches: Matches) -> list[Problem]:
    """Give rows without a date that of the row above, where the dates are the first column and never come twice.

    A single row in a long list has rather been forgotten: it stays as it is. So do the lines behind the last date, such
    as a footer, unless they look like rows that stand between dates.
    """
    said = matches.columns(("start_date", "start", "when"))
    dated = [(name, column) for name, column in said if holds_dates(column)] if len(said) > 1 else said
    if len(dated) != 1 or not table.columns or dated[0][1].index != table.columns[0].index:
        return []
    column = dated[0][1]
    filled = [record for record, cell in enumerate(column.cells) if cell != ""]
    blank = [record for record, cell in enumerate(column.cells) if cell == ""]
    if not filled or not blank or filled[0] != 0 or len(blank) * _FEW < len(column.cells):
        return []
    if any(column.cells[one] == column.cells[other] for one, other in pairwise(filled)):
        return []
    titles = matches.column("summary")
    between = {_filled(table, record) for record in blank if record < filled[-1]} or {_filled(table, filled[-1])[1:]}
    carried = [
        record
        for record in blank
        if titles is not None and titles.cells[record] != "" and _filled(table, record) in between
    ]
    _carry(column, carried)
    return [wording.dates_carried(table.cell_place(carried[0], column), len(carried))] if carried else []


def _filled(table: Table, record: int) -> tuple[int, ...]:
    return tuple(column.index for column in table.columns if column.cells[record] != "")


def _carry(column: Column, records: list[int]) -> None:
    wanted = set(records)
    above = column.cells[0]
    cells = list(column.cells)
    for record, cell in enumerate(column.cells):
        if record in wanted:
            cells[record] = above
        elif cell != "":
            above = cell
    column.cells = cells
