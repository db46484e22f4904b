"""The columns of a table with the fields that they were taken for."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from typing import TYPE_CHECKING

from nomarium.core.tables import Column

if TYPE_CHECKING:
    from nomarium.core.tables import Cell


class Certainty(StrEnum):
    """How sure a match is."""

    STATED = "stated"
    SURE = "sure"
    LIKELY = "likely"
    DOUBTFUL = "doubtful"


GIVEN_BY_NOTE = "a note beside the table"
"""Why a column was taken that says of all rows what a note does."""


@dataclass(slots=True)
class Match:
    """One column, the field it was taken for ("" for none), how sure that is, and why."""

    column: Column
    field: str = ""
    certainty: Certainty = Certainty.SURE
    why: str = ""
    released: bool = False
    """Whether its cells are not what its heading says: no likeness gives it a field."""

    @property
    def is_free(self) -> bool:
        """Whether a rule may give it a field."""
        return self.certainty is not Certainty.STATED and not self.released

    def take(self, field: str, certainty: Certainty, why: str) -> None:
        """Give it a field."""
        self.field, self.certainty, self.why = field, certainty, why

    def release(self) -> None:
        """Let it have no field, and get none by likeness: its cells are not what its heading says."""
        self.field, self.why, self.released = "", "", True


@dataclass(slots=True)
class Matches:
    """All columns of a table with their fields."""

    all: list[Match] = field(default_factory=list)

    def column(self, name: str) -> Column | None:
        """Return the column of a field, or None."""
        return next((match.column for match in self.all if match.field == name), None)

    def columns(self, names: Iterable[str]) -> list[tuple[str, Column]]:
        """Return the fields among those named that the table has, each with its column."""
        return [(match.field, match.column) for match in self.all if match.field in names]

    def spans(self, names: Iterable[tuple[str, str]]) -> list[tuple[Column, Column]]:
        """Return the columns of the fields of a start and an end, for each pair of which the table has both."""
        both = ((self.column(first), self.column(last)) for first, last in names)
        return [(first, last) for first, last in both if first is not None and last is not None]

    @property
    def unused(self) -> list[Column]:
        """The columns that no field takes."""
        return [match.column for match in self.all if not match.field]

    def unused_matches(self) -> list[Match]:
        """The columns that no field takes, those apart that the user has left alone."""
        return [match for match in self.all if not match.field and match.is_free]

    def part(self, match: Match, parts: Mapping[Cell, tuple[str, str]], name: str, why: str) -> None:
        """Leave the first part of each cell in a column, and give a field the second, in a column of its own."""
        column = match.column
        apart: list[Cell] = [parts[cell][1] if cell in parts else "" for cell in column.cells]
        column.cells = [parts[cell][0] if cell in parts else cell for cell in column.cells]
        self.all.append(Match(Column(column.heading, column.index, apart), name, Certainty.SURE, why))

    def open(self, name: str) -> bool:
        """Tell whether no column has a field yet."""
        return self.column(name) is None
