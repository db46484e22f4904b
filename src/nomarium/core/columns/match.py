"""Headings → fields: what the user said, else what the table of headings knows."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from difflib import get_close_matches

from nomarium.core.columns import wording
from nomarium.core.columns.fields import FIELD_NAMES, MOMENT_FIELDS, heading_key, headings_by_key, without_brackets
from nomarium.core.problems import Problem, WrongCall
from nomarium.core.tables import Column, Table


@dataclass(slots=True)
class Match:
    """One column, the field it was taken for ("" for none), and why."""

    column: Column
    field: str
    why: str


@dataclass(slots=True)
class Matches:
    """All columns of a table with their fields."""

    all: list[Match] = field(default_factory=list)

    def column(self, name: str) -> Column | None:
        """Return the column of a field, or None."""
        return next((match.column for match in self.all if match.field == name), None)

    def columns(self, names: tuple[str, ...]) -> list[tuple[str, Column]]:
        """Return the fields among those named that the table has, each with its column."""
        return [(match.field, match.column) for match in self.all if match.field in names]

    @property
    def unused(self) -> list[Column]:
        """The columns that no field takes."""
        return [match.column for match in self.all if not match.field]


def match_columns(table: Table, stated: Mapping[str, str]) -> tuple[Matches, list[Problem]]:
    """Find the field of each column; ``stated`` maps headings to fields, or to "" for a column to leave alone."""
    by_user = _stated_columns(table, stated)
    known = headings_by_key()
    matches = Matches()
    for column in table.columns:
        name = known.get(heading_key(column.heading)) or known.get(heading_key(without_brackets(column.heading)))
        if column.index in by_user:
            matches.all.append(Match(column, by_user[column.index], "--column"))
        elif name and name not in by_user.values():
            matches.all.append(Match(column, name, "its heading"))
        else:
            matches.all.append(Match(column, "", ""))
    return matches, _doubled(table, matches) + _missing(table, matches)


def check_stated(tables: Sequence[Table], stated: Mapping[str, str]) -> None:
    """Raise WrongCall where ``stated`` names a field that does not exist, or a heading that no table has."""
    for heading, name in stated.items():
        if name and name not in FIELD_NAMES:
            near = get_close_matches(name, FIELD_NAMES, 1)
            raise WrongCall(f"There is no field “{name}”.", wording.fields_hint(near))
        if tables and not any(_columns_headed(table, heading) for table in tables):
            raise WrongCall(f"No column has the heading “{heading}”.", wording.headings_hint(tables[0], heading))


def _columns_headed(table: Table, heading: str) -> list[Column]:
    return [column for column in table.columns if heading_key(column.heading) == heading_key(heading)]


def _stated_columns(table: Table, stated: Mapping[str, str]) -> dict[int, str]:
    """Return the field stated for each column, by the column's place on the sheet."""
    return {column.index: name for heading, name in stated.items() for column in _columns_headed(table, heading)}


def _doubled(table: Table, matches: Matches) -> list[Problem]:
    problems = []
    for name in FIELD_NAMES:
        columns = [match.column for match in matches.all if match.field == name]
        if len(columns) > 1:
            problems.append(wording.doubled_field(table, name, columns))
    return problems


def _missing(table: Table, matches: Matches) -> list[Problem]:
    """A title and a date are all that an event needs."""
    problems = []
    if matches.column("summary") is None:
        problems.append(wording.no_title_column(table))
    if not matches.columns(MOMENT_FIELDS):
        problems.append(wording.no_date_column(table))
    return problems
