"""What is stated about a sheet of events, and what was read from one."""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass, field
from datetime import timedelta
from typing import TYPE_CHECKING

from nomarium.core.sources.lookups import Lookups
from nomarium.core.sources.repeat_row import RepeatChoices, Repeated
from nomarium.core.tables import LeftOut, Table
from nomarium.core.values import Commas, DateChoices, MomentColumn

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.problems import Place, Problem
    from nomarium.core.sources.batch import Events
    from nomarium.core.sources.series import Series


@dataclass(frozen=True, slots=True)
class EventChoices:
    """What the user stated about a sheet of events."""

    zone: str
    length: timedelta = timedelta(hours=1)
    dates: DateChoices = field(default_factory=DateChoices)
    lookups: Lookups = field(default_factory=Lookups)
    zone_stated: bool = True
    each_day: bool = False
    """Whether times beside several days hold on each of them, and not from the first to the last."""
    repeats: RepeatChoices = field(default_factory=RepeatChoices)
    commas: Commas = None
    """Whether commas stand within the names of people or between them, where that is stated."""
    used: frozenset[str] = frozenset()
    """Keys of headings that a split, a pattern or a condition uses."""


@dataclass(slots=True)
class EventSheet:
    """What was read from one table: rows = series + left out + refused."""

    table: Table
    matches: Matches
    events: Events = field(default_factory=list)
    """What became of the rows; in columns, as long as nobody changes single events."""
    moments: list[MomentColumn] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    left_out: Counter[LeftOut] = field(default_factory=Counter)
    refused: dict[int, Problem] = field(default_factory=dict)
    """The records that make no event, each with its first problem."""
    lengths_assumed: int = 0
    repeated: Repeated = field(default_factory=Repeated)

    @property
    def series(self) -> list[Series]:
        """The events one by one, to be changed in place."""
        if not isinstance(self.events, list):
            self.events = list(self.events)
        return self.events

    @series.setter
    def series(self, series: list[Series]) -> None:
        self.events = series

    @property
    def rows(self) -> int:
        """All rows below the headings, blank ones included."""
        return len(self.table) + self.table.left_out.total()

    def moment_place(self, record: int) -> Place:
        """The first cell that says when, or the first of its columns where all are empty."""
        filled = (column.column for column in self.moments if column.column.cells[record] != "")
        return self.table.cell_place(record, next(filled, self.moments[0].column))
