"""A cycle held against a published list of dates and labels: where they part, and the likeliest cause."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.year.causes import Parting, single_changes

if TYPE_CHECKING:
    from nomarium.core.year.cycle import CycleDays
    from nomarium.core.year.rules import Pin
    from nomarium.core.year.school_year import SchoolYear

PARTIAL_LIST = 0.5
"""A list with fewer of the cycle's dates than this share names only some: what it does not name proves nothing."""


class Difference(NamedTuple):
    """A date on which list and cycle do not say the same; None stands for no label."""

    date: date
    listed: str | None
    reckoned: str | None


@dataclass(slots=True)
class Comparison:
    """What came of holding a cycle against a list."""

    cycle: str
    first: date
    last: date
    agreeing: int
    """Dates on which both have the same label."""
    differences: list[Difference]
    partial: bool
    """Whether the list names only some of the dates."""
    outside: list[date] = field(default_factory=list)
    """Listed dates with a label that lie outside the terms."""
    causes: list[str] = field(default_factory=list)
    """Single changes to the rules, each of which makes the two agree in full."""

    @property
    def agrees(self) -> bool:
        """Whether nothing differs."""
        return not self.differences and not self.outside


class Listed(NamedTuple):
    """A published list: labels by date, and dates on which it says that there is none."""

    labels: Mapping[date, Pin]
    without: frozenset[date]


def compare(year: SchoolYear, cycle: str, listed: Listed) -> Comparison:
    """Hold a cycle of a year against a list that names at least one date, and look for the cause of differences."""
    days = year.cycles[cycle]
    within = {day: pin.label for day, pin in listed.labels.items() if year.attendance.term(day) is not None}
    outside = sorted(day for day in listed.labels if year.attendance.term(day) is None)
    everything = [*listed.labels, *listed.without]
    first, last = min(everything), max(everything)
    reckoned = {day: label for day, label in days.labels().items() if first <= day <= last}
    partial = len(within.keys() & reckoned.keys()) + len(listed.without) < PARTIAL_LIST * len(reckoned)
    target = _Target(within, listed.without, first, last, partial)
    differences = target.differences(days)
    agreeing = sum(within.get(day) == label for day, label in reckoned.items())
    found = Comparison(cycle, first, last, agreeing, differences, partial, outside)
    if differences:
        parting = Parting(days.rule, differences[0].date, differences[0].listed)
        changes = single_changes(year, parting)
        found.causes = [words for words, changed in changes if not target.differences(changed)]
    return found


class _Target(NamedTuple):
    """What a cycle should come to."""

    labels: Mapping[date, str]
    without: frozenset[date]
    first: date
    last: date
    partial: bool

    def differences(self, days: CycleDays) -> list[Difference]:
        found = []
        reckoned = {day: label for day, label in days.labels().items() if self.first <= day <= self.last}
        for day in sorted(self.labels.keys() | self.without | (set() if self.partial else reckoned.keys())):
            listed, label = self.labels.get(day), reckoned.get(day)
            if listed != label:
                found.append(Difference(day, listed, label))
        return found
