"""A list that stands for a sheet of another shape."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from nomarium.core.columns import Kind
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Grid


@dataclass(slots=True)
class Unfolded:
    """What came of a sheet: the list, its kind, by which heading the names go, and what is wrong."""

    grid: Grid
    kind: Kind
    whose: str
    """The heading of the column that calendars can be split by."""
    why: str
    problems: list[Problem] = field(default_factory=list)
