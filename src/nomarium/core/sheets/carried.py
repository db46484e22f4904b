"""What stands only where it changes in the first column of a list, as people write it → the same in every row."""

from __future__ import annotations

from collections.abc import Callable
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.sheets import wording

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Column, Table

_FEW = 5
"""One row in so many at least has none of its own, where values stand only where they change."""


def carry_down(table: Table, column: Column, is_row: Callable[[int], bool]) -> list[int]:
    """Give rows whose first column is empty what the row above has there; return their records.

    Only where the first row has a value, none follows upon itself, and ``is_row`` says of a record that it is one.
    A single row in a long list has rather been forgotten: it stays as it is. So do the lines behind the last value,
    such as a footer, unless they look like rows that stand between values.
    """
    if not table.columns or column.index != table.columns[0].index:
        return []
    filled = [record for record, cell in enumerate(column.cells) if cell != ""]
    blank = [record for record, cell in enumerate(column.cells) if cell == ""]
    if not filled or not blank or filled[0] != 0 or len(blank) * _FEW < len(column.cells):
        return []
    if any(column.cells[one] == column.cells[other] for one, other in pairwise(filled)):
        return []
    between = {_filled(table, record) for record in blank if record < filled[-1]} or {_filled(table, filled[-1])[1:]}
    carried = [record for record in blank if is_row(record) and _filled(table, record) in between]
    wanted = set(carried)
    above = column.cells[0]
    cells = list(column.cells)
    for record, cell in enumerate(column.cells):
        if record in wanted:
            cells[record] = above
        elif cell != "":
            above = cell
    column.cells = cells
    return carried


def carry_weekdays(table: Table, matches: Matches) -> list[Problem]:
    """Give rows of a timetable without a day that of the row above, where each day stands once, ahead of its rows."""
    column = matches.column("day")
    said = [cell for cell in column.cells if cell != ""] if column is not None else []
    if column is None or len(set(said)) < len(said):
        return []
    timed = [other for _, other in matches.columns(("hours", "start", "period"))]
    carried = carry_down(table, column, lambda record: any(other.cells[record] != "" for other in timed))
    return [wording.days_carried(table.cell_place(carried[0], column), len(carried))] if carried else []


def _filled(table: Table, record: int) -> tuple[int, ...]:
    return tuple(column.index for column in table.columns if column.cells[record] != "")
