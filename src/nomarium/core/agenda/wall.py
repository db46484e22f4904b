"""A timetable for the wall: the days of a cycle or of the week across, periods down, what meets in each."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.values import WEEKDAY_NAMES, clock_words, counted

if TYPE_CHECKING:
    from nomarium.core.bells import BellTimes
    from nomarium.core.building import Part
    from nomarium.core.meetings import Held
    from nomarium.core.year import SchoolYear

_SELDOM = 0.2
"""What meets on a smaller share of a slot's dates is told below the grid, not in it."""


@dataclass(frozen=True, slots=True)
class WallCell:
    """What meets in a slot: its title and place."""

    title: str
    place: str


@dataclass(slots=True)
class WallGrid:
    """A person's, class's or room's timetable on one cycle."""

    name: str
    days: list[str] = field(default_factory=list)
    periods: list[str] = field(default_factory=list)
    times: dict[str, str] = field(default_factory=dict)
    """The usual times of each period: "8:15–9:00"."""
    cells: dict[tuple[str, str], list[WallCell]] = field(default_factory=dict)
    """What meets, by (day, period)."""
    regularity: float = 0.0
    """How far its slots meet whenever they come round, from 0 to 1: on the wrong cycle they seldom do."""
    beside: list[str] = field(default_factory=list)
    """What has no place in the grid: single meetings, and such as go by their own times or by date."""


class _Slots:
    """Gathers what meets in each slot, and when."""

    def __init__(self, part: Part, year: SchoolYear, cycle: str | None) -> None:
        self._texts = part.texts
        self._year = year
        self._cycle = list(year.cycles).index(cycle) if cycle is not None else None
        self.found: dict[tuple[str, str], Counter[WallCell]] = {}
        self.times: dict[str, Counter[str]] = {}
        self.without_slot: list[Held] = []

    def take(self, held: Held, bells: BellTimes | None) -> None:
        """Take in the meetings of a slot."""
        if held.event is not None or not held.periods:
            self.without_slot.append(held)
            return
        series, _ = self._texts.series(held)[0]
        days = [o.start.date() for o in held.occurrences]
        for label, count in Counter(label for day in days if (label := self.label(day))).items():
            for period in held.periods:
                self.found.setdefault((label, period), Counter())[WallCell(series.summary, series.location)] += count
        for period in held.periods if bells else ():
            rung = Counter(bells.times(day, period, held.of("division")) for day in days) if bells else Counter()
            words = {f"{clock_words(s)}–{clock_words(e)}": n for span, n in rung.items() if span for s, e in [span]}
            self.times.setdefault(period, Counter()).update(words)

    def label(self, day: date) -> str:
        """Return the day of the cycle, or of the week, that a date is; "" for none."""
        if self._cycle is None:
            return WEEKDAY_NAMES[day.weekday()]
        return self._year.day(day).labels[self._cycle]

    def dates(self) -> Counter[str]:
        """Return how often each day of the cycle or week has school."""
        return Counter(self.label(day.date) for day in self._year.days() if day.has_school)


def wall_grid(
    part: Part, year: SchoolYear, cycle: str | None, bells: BellTimes | None, periods: Sequence[str] = ()
) -> WallGrid:
    """Return the timetable that a calendar comes to on a cycle; None means weekdays.

    ``periods`` are the names of all in their order. What meets on few of a slot's dates is told below the grid.
    """
    slots = _Slots(part, year, cycle)
    for held in part.held:
        slots.take(held, bells)
    grid = WallGrid(part.name)
    dates = slots.dates()
    seldom: Counter[str] = Counter()
    for (day, period), counts in slots.found.items():
        for cell, count in counts.items():
            if count >= dates[day] * _SELDOM:
                grid.cells.setdefault((day, period), []).append(cell)
            else:
                seldom[cell.title] += count
    shares = [min(1.0, count / dates[day]) for (day, _), counts in slots.found.items() for count in counts.values()]
    grid.regularity = sum(shares) / len(shares) if shares else 0.0
    used = {period for _, period in grid.cells}
    taken = {day for day, _ in grid.cells}
    grid.periods = [period for period in periods if period in used] + sorted(used - set(periods))
    labels = WEEKDAY_NAMES if cycle is None else year.cycles[cycle].rule.labels
    grid.days = [day for number, day in enumerate(labels) if cycle is not None or number < 5 or day in taken]
    grid.times = {period: counts.most_common(1)[0][0] for period, counts in slots.times.items() if counts}
    grid.beside = [f"{title}: {counted(count, 'further meeting')}" for title, count in seldom.items()]
    grid.beside += _without_slot(slots.without_slot)
    return grid


def _without_slot(held: Sequence[Held]) -> Iterator[str]:
    """Yield what has no slot, each title once, with its number of dates."""
    counts: Counter[str] = Counter()
    for one in held:
        counts[one.event.summary if one.event else one.class_name] += len(one.occurrences)
    for title, count in counts.most_common():
        yield f"{title} ({counted(count, 'date')})"
