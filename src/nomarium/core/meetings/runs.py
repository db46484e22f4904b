"""Periods of one class on one day → when it meets: neighbours joined to doubles."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import time
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.slots import Periods, period_key

if TYPE_CHECKING:
    from nomarium.core.bells import Bells


class Written(NamedTuple):
    """A period as the timetable writes it, and the one that is rung for it."""

    name: str
    rung: str


Group = tuple[Written, ...]
"""Periods that were written as one."""


class Run(NamedTuple):
    """Periods in one go, as written, and from when to when."""

    periods: Periods
    start: time
    end: time


@dataclass(frozen=True, slots=True)
class Joining:
    """Whether neighbouring periods of a class make one event, and across how many minutes between them."""

    join: bool = True
    passing: int = 10


class Runs:
    """Works out when a class meets on a day, once for each kind of day."""

    def __init__(self, joining: Joining) -> None:
        self._joining = joining
        self._known: dict[tuple[int, tuple[Group, ...]], tuple[tuple[Run, ...], Periods]] = {}
        self._kept: list[Bells] = []

    def of(self, bells: Bells, groups: tuple[Group, ...]) -> tuple[tuple[Run, ...], Periods]:
        """Return the runs of a day, and the periods that do not run on it."""
        key = (id(bells), groups)
        found = self._known.get(key)
        if found is None:
            self._kept.append(bells)  # so that its id stays its own
            found = self._known[key] = self._reckon(bells, groups)
        return found

    def _reckon(self, bells: Bells, groups: Sequence[Group]) -> tuple[tuple[Run, ...], Periods]:
        order = {key: place for place, key in enumerate(bells.rows)}
        missing = [one.name for group in groups for one in group if bells.row(one.rung) is None]
        runs: list[tuple[Run, int, int]] = []
        for group in groups:
            present = sorted(
                ((order[period_key(one.rung)], one) for one in group if bells.row(one.rung)), key=lambda found: found[0]
            )
            pieces = [present] if self._joining.join else [[one] for one in present]
            for piece in filter(None, pieces):
                rows = [bells.rows[period_key(one.rung)] for _, one in piece]
                run = Run(tuple(one.name for _, one in piece), rows[0].start, max(row.end for row in rows))
                runs.append((run, piece[0][0], piece[-1][0]))
        runs.sort(key=lambda found: found[1])
        return tuple(self._joined(runs)), tuple(missing)

    def _joined(self, runs: Sequence[tuple[Run, int, int]]) -> list[Run]:
        joined: list[tuple[Run, int, int]] = []
        for run, first, last in runs:
            before = joined[-1] if joined else None
            if before and self._joining.join and first == before[2] + 1 and self._near(before[0].end, run.start):
                joined[-1] = (Run((*before[0].periods, *run.periods), before[0].start, run.end), before[1], last)
            else:
                joined.append((run, first, last))
        return [run for run, _, _ in joined]

    def _near(self, end: time, start: time) -> bool:
        minutes = (start.hour - end.hour) * 60 + start.minute - end.minute
        return 0 <= minutes <= self._joining.passing
