"""What was stated about a sheet, and what is known of its school before it is read."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.tables import TableChoices
from nomarium.core.values import Commas, DateChoices

if TYPE_CHECKING:
    from nomarium.core.columns import OwnValues
    from nomarium.core.problems import Place

Conditions = tuple[tuple[str, tuple[str, ...]], ...]
"""(field or heading, values): rows that have one of the values; all conditions hold together."""


@dataclass(slots=True)
class Known:
    """The names that other sheets and the plan prove: of classes, courses, teachers, rooms, divisions, terms …"""

    names: dict[str, dict[str, str]] = field(default_factory=dict)
    """By the field; each name as it is written, by its case folded form."""

    def add(self, name: str, values: Iterable[str]) -> None:
        """Take up values of a field."""
        known = self.names.setdefault(name, {})
        for value in values:
            known.setdefault(value.casefold(), value)

    def of(self, name: str) -> Mapping[str, str]:
        """Return the known values of a field, by their case folded forms."""
        return self.names.get(name, {})

    def kinds(self, text: str) -> set[str]:
        """Return the fields of which a text is a known value."""
        key = text.casefold()
        return {name for name, known in self.names.items() if key in known}


@dataclass(frozen=True, slots=True)
class SheetChoices:
    """What was stated about a sheet."""

    path: Path
    place: Place
    """Where the plan names it."""
    table: TableChoices = field(default_factory=TableChoices)
    dates: DateChoices = field(default_factory=DateChoices)
    columns: Mapping[str, str] = field(default_factory=dict)
    """Fields by the headings that they were given to; "" leaves a column alone."""
    values: OwnValues = field(default_factory=dict)
    """What the sheet's own codes stand for, by headings."""
    only: Conditions = ()
    without: Conditions = ()
    whole: Mapping[str, str] = field(default_factory=dict)
    """What holds for all of its rows: values by fields."""
    used: frozenset[str] = frozenset()
    """Keys of headings that a split, a pattern or a condition uses."""
    commas: Commas = None
    """Whether commas stand within the names of people or between them, where that is stated."""
    known: Known = field(default_factory=Known)
