"""A month → weeks of days, events of several days as bars across them, the others in their days' lines."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta
from typing import TYPE_CHECKING

from nomarium.core.agenda.days import DayPart, agenda_days
from nomarium.core.agenda.lanes import lanes_of

if TYPE_CHECKING:
    from nomarium.core.agenda.showing import Shown


@dataclass(frozen=True, slots=True)
class MonthBar:
    """An event of several days within one week: from which place to which, and its line."""

    event: Shown
    first: int
    last: int
    line: int
    begins: bool
    """Whether it begins in this week."""
    ends: bool


@dataclass(slots=True)
class MonthDay:
    """A day of the page."""

    day: date
    outside: bool
    """Whether it belongs to the month before or after."""
    parts: list[tuple[int, DayPart]] = field(default_factory=list)
    """The events of this day only, with their lines: bars that cross it leave out theirs."""


@dataclass(slots=True)
class MonthWeek:
    """A week of the page."""

    days: list[MonthDay]
    bars: list[MonthBar] = field(default_factory=list)

    def lines(self) -> int:
        """Return the number of lines that all of it takes."""
        last_bar = max((bar.line for bar in self.bars), default=-1)
        return 1 + max((line for day in self.days for line, _ in day.parts), default=last_bar)

    def hidden(self, place: int, shown: int) -> int:
        """Return how many events of a day have no room, where only some lines are shown."""
        bars = sum(bar.first <= place <= bar.last and bar.line >= shown for bar in self.bars)
        return bars + sum(line >= shown for line, _ in self.days[place].parts)


@dataclass(slots=True)
class MonthLayout:
    """A month as weeks."""

    month: date
    """Its first day."""
    weeks: list[MonthWeek]


def lay_out_month(events: Sequence[Shown], month: date, first_weekday: int = 0) -> MonthLayout:
    """Lay a month out in whole weeks; ``first_weekday`` is where they begin, Monday being 0."""
    first = month.replace(day=1)
    last = (first + timedelta(days=31)).replace(day=1) - timedelta(days=1)
    start = first - timedelta(days=(first.weekday() - first_weekday) % 7)
    weeks = []
    while start <= last:
        days = [start + timedelta(days=number) for number in range(7)]
        own = [event for event in events if event.first_day <= days[-1] and event.last_day >= days[0]]
        weeks.append(_week(own, days, first))
        start += timedelta(days=7)
    return MonthLayout(first, weeks)


def _week(events: Sequence[Shown], days: Sequence[date], month: date) -> MonthWeek:
    week = MonthWeek([MonthDay(day, day.month != month.month) for day in days])
    long = [event for event in events if event.first_day != event.last_day]
    spans = [(max(0, (event.first_day - days[0]).days), min(6, (event.last_day - days[0]).days)) for event in long]
    lanes = lanes_of([(first, last + 1) for first, last in spans])
    for event, (first, last), (line, _) in zip(long, spans, lanes, strict=True):
        begins, ends = event.first_day >= days[0], event.last_day <= days[-1]
        week.bars.append(MonthBar(event, first, last, line, begins, ends))
    single = [event for event in events if event.first_day == event.last_day]
    for held in agenda_days(single, days[0], days[-1]):
        place = (held.day - days[0]).days
        taken = {bar.line for bar in week.bars if bar.first <= place <= bar.last}
        line = 0
        for part in held.parts:
            while line in taken:
                line += 1
            week.days[place].parts.append((line, part))
            line += 1
    return week
