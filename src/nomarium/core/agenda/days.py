"""Events → what each day holds of them."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from typing import TYPE_CHECKING

from nomarium.core.values import clock_words

if TYPE_CHECKING:
    from nomarium.core.agenda.showing import Shown

_DAY = timedelta(days=1)


@dataclass(frozen=True, slots=True)
class DayPart:
    """What a day has of an event."""

    event: Shown
    day: date
    start: datetime
    """Its start on that day: midnight where it began before."""
    end: datetime

    @property
    def begins(self) -> bool:
        """Whether the event begins on this day."""
        return self.event.first_day == self.day

    @property
    def ends(self) -> bool:
        """Whether the event ends on this day."""
        return self.event.last_day == self.day

    @property
    def whole_day(self) -> bool:
        """Whether it takes the whole of the day."""
        return self.event.all_day or self.end - self.start >= _DAY


@dataclass(slots=True)
class AgendaDay:
    """A day and what it holds, in order."""

    day: date
    parts: list[DayPart] = field(default_factory=list)


def agenda_days(events: Iterable[Shown], first: date, last: date) -> list[AgendaDay]:
    """Return the days from one to another that hold anything, both included; an event of several days is on each."""
    days: dict[date, AgendaDay] = {}
    for event in events:
        day, end = max(event.first_day, first), min(event.last_day, last)
        while day <= end:
            days.setdefault(day, AgendaDay(day)).parts.append(_part(event, day))
            day += _DAY
    for found in days.values():
        found.parts.sort(key=lambda part: (not part.whole_day, part.start, part.event.order))
    return [days[day] for day in sorted(days)]


def titled(event: Shown) -> str:
    """Return an event's title with what must be said before it: that it is cancelled, or not certain."""
    before = "cancelled: " if event.cancelled else "perhaps: " if event.tentative else ""
    return f"{before}{event.title}"


def time_words(part: DayPart) -> str:
    """Return when an event is on a day: "9:00–9:45", "all day", "until 9:45", "day 2 of 3"."""
    event = part.event
    if part.whole_day:
        days = (event.last_day - event.first_day).days + 1
        return "all day" if days == 1 else f"day {(part.day - event.first_day).days + 1} of {days}"
    start, end = map(clock_words, (part.start, part.end))
    if not part.begins:
        return f"until {end}"
    if not part.ends:
        return f"from {start}"
    return start if part.start == part.end else f"{start}–{end}"


def _part(event: Shown, day: date) -> DayPart:
    midnight = datetime.combine(day, time())
    return DayPart(event, day, max(event.start, midnight), min(event.end, midnight + _DAY))
