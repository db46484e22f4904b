"""What if the school were closed on some more dates: which labels would move, and until when."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.problems import Place
from nomarium.core.year.school_year import SchoolYear

if TYPE_CHECKING:
    from nomarium.core.year.rules import Closure


class Moved(NamedTuple):
    """A date whose label would change; "" stands for none."""

    date: date
    before: str
    after: str


@dataclass(frozen=True, slots=True)
class CycleChange:
    """What further closures would do to one cycle."""

    cycle: str
    moved: Sequence[Moved]
    before: Counter[str]
    after: Counter[str]
    """How often each label comes in the year, now and then."""


@dataclass(frozen=True, slots=True)
class WhatIf:
    """A year with further closures."""

    year: SchoolYear
    without_school: Sequence[date]
    """Dates to be closed on which there is no school anyway."""
    changes: Sequence[CycleChange]


def what_if(year: SchoolYear, closures: Sequence[Closure]) -> WhatIf:
    """Return the year as further closures would make it, and what that changes."""
    idle = [closure.first for closure in closures if not year.attendance.has_school(closure.first)]
    other = SchoolYear(replace(year.rules, closures=(*year.rules.closures, *closures)))
    return WhatIf(other, idle, [_change(year, other, name) for name in year.cycles])


def _change(year: SchoolYear, other: SchoolYear, name: str) -> CycleChange:
    before, after = year.cycles[name].labels(), other.cycles[name].labels()
    moved = [
        Moved(day, before.get(day, ""), after.get(day, ""))
        for day in sorted(before.keys() | after.keys())
        if before.get(day) != after.get(day)
    ]
    return CycleChange(name, moved, Counter(before.values()), Counter(after.values()))


CLOSE_OPTION = Place("--close")
"""Where such a closure comes from."""
