"""Busy times of several calendars → the times at which all of them are free, or all but one."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from itertools import pairwise

from nomarium.core.agenda import Showing, agenda_days

_Busy = tuple[int, int, tuple[int, ...]]
"""From when to when in minutes of the day, and whose."""


@dataclass(frozen=True, slots=True)
class Asked:
    """What kind of time is looked for."""

    length: int
    """Minutes at least."""
    opens: int = 8 * 60
    closes: int = 16 * 60
    """Only between these minutes of the day."""
    all_day_busy: bool = True
    """Whether events of whole days that say nothing else take up their days (RFC 5545, 3.8.2.7)."""


@dataclass(frozen=True, slots=True)
class Window:
    """A free time: from when to when in minutes of the day, and who alone is in the way."""

    start: int
    end: int
    all_but: int | None = None
    """The one calendar that is busy in it; None where all are free."""

    @property
    def minutes(self) -> int:
        """How long it is."""
        return self.end - self.start


@dataclass(slots=True)
class FreeDay:
    """A day, or a day of the cycle, and its free times; where there are none, those of all but one."""

    name: str
    days: list[date] = field(default_factory=list)
    windows: list[Window] = field(default_factory=list)


def free_days(showing: Showing, days: Sequence[date], asked: Asked) -> list[FreeDay]:
    """Return for each of some days when all calendars are free."""
    busy = _busy_days(showing, days, asked)
    return [FreeDay(day.isoformat(), [day], _windows([busy.get(day, [])], asked)) for day in days]


def free_on_cycle_days(showing: Showing, labels: Mapping[str, Sequence[date]], asked: Asked) -> list[FreeDay]:
    """Return for each day of a cycle when all calendars are free on every date that has it."""
    every = sorted(day for days in labels.values() for day in days)
    busy = _busy_days(showing, every, asked)
    return [
        FreeDay(label, list(days), _windows([busy.get(day, []) for day in days], asked))
        for label, days in labels.items()
    ]


def _busy_days(showing: Showing, days: Sequence[date], asked: Asked) -> dict[date, list[_Busy]]:
    """Return the busy times of each day; cancelled and free events take up none."""
    if not days:
        return {}
    events = [event for event in showing.events if event.busy and (asked.all_day_busy or not event.all_day)]
    found: dict[date, list[_Busy]] = {}
    for held in agenda_days(events, min(days), max(days)):
        midnight = datetime.combine(held.day, time())
        found[held.day] = [
            (_minutes(part.start - midnight), -_minutes(midnight - part.end), part.event.calendars)
            for part in held.parts
        ]
    return found


def _minutes(span: timedelta) -> int:
    """Return whole minutes, rounded down: a begun minute is busy at its start, and, turned, at its end."""
    return int(span.total_seconds() // 60)


def _windows(several: Iterable[Sequence[_Busy]], asked: Asked) -> list[Window]:
    """Return the times that are free on all of some days; without any, those that only one calendar takes."""
    pieces = list(_pieces([busy for day in several for busy in day], asked))
    free = [window for window in _stretches(pieces, None) if window.minutes >= asked.length]
    if free:
        return free
    calendars = sorted({calendar for _, _, taken in pieces for calendar in taken})
    but_one = [window for calendar in calendars for window in _stretches(pieces, calendar)]
    return sorted((window for window in but_one if window.minutes >= asked.length), key=lambda w: (w.start, -w.minutes))


def _pieces(busy: Sequence[_Busy], asked: Asked) -> Iterator[tuple[int, int, frozenset[int]]]:
    """Yield the day cut where anything starts or ends: (start, end, who is busy)."""
    inside = [
        (max(start, asked.opens), min(end, asked.closes), calendars)
        for start, end, calendars in busy
        if start < asked.closes and end > asked.opens and start < end
    ]
    cuts = sorted({asked.opens, asked.closes, *(cut for start, end, _ in inside for cut in (start, end))})
    starts: dict[int, list[tuple[int, ...]]] = {}
    ends: dict[int, list[tuple[int, ...]]] = {}
    for start, end, calendars in inside:
        starts.setdefault(start, []).append(calendars)
        ends.setdefault(end, []).append(calendars)
    taken: dict[int, int] = {}
    for cut, following in pairwise(cuts):
        for calendars in starts.get(cut, ()):
            for calendar in calendars:
                taken[calendar] = taken.get(calendar, 0) + 1
        for calendars in ends.get(cut, ()):
            for calendar in calendars:
                taken[calendar] -= 1
        yield cut, following, frozenset(calendar for calendar, count in taken.items() if count > 0)


def _stretches(pieces: Sequence[tuple[int, int, frozenset[int]]], all_but: int | None) -> Iterator[Window]:
    """Yield the longest stretches in which nobody is busy, or at most one calendar that is at least once."""
    start: int | None = None
    end = 0
    in_the_way = False
    for begins, ends, taken in [*pieces, (-1, -1, frozenset((-1,)))]:
        if taken <= {all_but}:
            start, end = begins if start is None else start, ends
            in_the_way = in_the_way or bool(taken)
            continue
        if start is not None and (all_but is None or in_the_way):
            yield Window(start, end, all_but)
        start, in_the_way = None, False
