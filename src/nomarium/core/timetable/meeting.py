"""A meeting: what a timetable says of one class at one slot."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import date, time
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import heading_key
from nomarium.core.problems import Place

if TYPE_CHECKING:
    from nomarium.core.slots import DayTest, Periods
    from nomarium.core.timetable.editions import Edition

Values = dict[str, tuple[str, ...]]
"""What is said of a class: fields and headings, by their keys, each with one or several values."""

WHO_FIELDS = ("class", "course", "teacher", "room", "group", "team", "division", "student")
"""The fields by which meetings are known, chosen and split."""


class When(NamedTuple):
    """On which days, and when on them, a meeting is."""

    day: DayTest
    periods: Periods = ()
    """Periods as they were written, those written as one together; none where it has clock times of its own."""
    clock: tuple[time, time] | None = None
    weeks: tuple[DayTest, ...] = ()
    """Weeks in which it is, by their letters or the labels of a cycle that goes by weeks; none means all."""
    terms: frozenset[str] = frozenset()
    first: date | None = None
    last: date | None = None
    without: frozenset[date] = frozenset()
    """Dates on which it is not."""
    times: int = 0
    """How often its row meets in all, 0 where that is not said."""
    called: Periods = ()
    """What periods its clock times are called in a grid that says both."""

    @property
    def words(self) -> str:
        """The slot in words: "day 3 of Yard, period 4"."""
        clock = "–".join(f"{t.hour}:{t.minute:02}" for t in self.clock) if self.clock else ""
        return ", ".join(filter(None, (self.day.words, f"period {'–'.join(self.periods)}" if self.periods else clock)))


@dataclass(slots=True)
class Meeting:
    """One class at one slot: who and where by ``values``, when, and the row or cell that says so."""

    values: Values
    when: When
    place: Place = field(default=Place(""), compare=False)
    stated: tuple[time, time] | None = field(default=None, compare=False)
    """The times that its sheet has beside its periods: the bell times must say the same."""
    edition: Edition | None = field(default=None, compare=False)
    """The whole timetable of which it is, where another may take its place."""

    def of(self, name: str) -> tuple[str, ...]:
        """Return the values of a field or heading."""
        return self.values.get(name) or self.values.get(heading_key(name)) or ()

    @property
    def class_name(self) -> str:
        """The class, or the course where no class is named."""
        return ", ".join(self.of("class") or self.of("course"))


def clean(values: Values) -> Values:
    """Return values without those that are empty, each value once."""
    return {name: tuple(dict.fromkeys(filter(None, several))) for name, several in values.items() if any(several)}
