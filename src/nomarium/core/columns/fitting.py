"""A table → its columns with their fields; codes of its own and captions are settled before headings are matched."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import TYPE_CHECKING

from nomarium.core.columns.captions import settle_captions
from nomarium.core.columns.match import check_stated, match_columns
from nomarium.core.columns.own_values import OwnValues, check_own_values, put_values

if TYPE_CHECKING:
    from nomarium.core.columns.headings import Headings
    from nomarium.core.columns.matches import Matches
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Table


def check_columns(tables: Sequence[Table], stated: Mapping[str, str], values: OwnValues, headings: Headings) -> None:
    """Raise WrongCall where a field or a value is stated for a heading that no table has, or a field that is none."""
    check_stated(tables, stated, headings)
    check_own_values(tables, values)


def fit_columns(
    table: Table, stated: Mapping[str, str], values: OwnValues, headings: Headings
) -> tuple[Matches, list[Problem]]:
    """Return the columns of a table with their fields, its cells changed in place by what is stated and captioned."""
    settled = [*put_values(table, values), *settle_captions(table, headings)]
    matches, problems = match_columns(table, stated, headings)
    return matches, settled + problems
