"""Dates that stand only where they change, as people write a programme → a date in every row."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nomarium.core.columns import holds_dates
from nomarium.core.sheets.carried import carry_down
from nomarium.core.sources import wording

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Table


def carry_dates(table: Table, matches: Matches) -> list[Problem]:
    """Give rows without a date that of the row above, where the dates are the first column and never come twice."""
    said = matches.columns(("start_date", "start", "when"))
    dated = [(name, column) for name, column in said if holds_dates(column)] if len(said) > 1 else said
    titles = matches.column("summary")
    if len(dated) != 1 or titles is None:
        return []
    column = dated[0][1]
    carried = carry_down(table, column, lambda record: titles.cells[record] != "")
    return [wording.dates_carried(table.cell_place(carried[0], column), len(carried))] if carried else []
