"""Events of one or several calendars, each once, with the calendars that hold it."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime, timedelta
from typing import TYPE_CHECKING

from nomarium.core.sources import Occurrence, Series, in_zone

if TYPE_CHECKING:
    from nomarium.core.bells import BellTimes
    from nomarium.core.building import Part
    from nomarium.core.privacy import Privacy
    from nomarium.core.problems import Problem
    from nomarium.core.year import SchoolYear

MOST_LETTERS = 26
"""So many calendars are told apart by single letters."""


def letter_of(place: int) -> str:
    """Return what tells a calendar apart, whatever colour it has: "a" to "z", then "aa", "ab"."""
    above, letter = divmod(place, MOST_LETTERS)
    return (letter_of(above - 1) if above else "") + chr(ord("a") + letter)


@dataclass(frozen=True, slots=True)
class Shown:
    """One event as it is shown: local times of the zone that all are told in."""

    title: str
    start: datetime
    end: datetime
    """Behind its last moment; of all-day ones the midnight after their last day."""
    all_day: bool
    place: str = ""
    description: str = ""
    calendars: tuple[int, ...] = (0,)
    """The calendars that hold it, by their places."""
    uid: str = ""
    cancelled: bool = False
    tentative: bool = False
    busy: bool = True
    """Whether it takes up the time (RFC 5545, 3.8.2.7)."""
    categories: tuple[str, ...] = ()
    url: str = ""

    @property
    def first_day(self) -> date:
        """The day on which it begins."""
        return self.start.date()

    @property
    def last_day(self) -> date:
        """The last day that it has any part in."""
        return (self.end - timedelta(microseconds=1)).date() if self.end > self.start else self.start.date()

    @property
    def order(self) -> tuple[object, ...]:
        """What events are sorted by: all-day ones first, then by start, long before short, title."""
        return self.first_day, not self.all_day, self.start, -(self.end - self.start), self.title


@dataclass(slots=True)
class Showing:
    """What is to be shown: the calendars by name, their events in order, and what is known of the days."""

    calendars: list[str] = field(default_factory=list)
    events: list[Shown] = field(default_factory=list)
    zone: str = ""
    year: SchoolYear | None = None
    problems: list[Problem] = field(default_factory=list)
    parts: list[Part | None] = field(default_factory=list)
    """For each calendar what the plan makes it of; None for one that is of no plan."""
    bells: BellTimes | None = None
    privacy: Privacy = "busy"
    """What others may read of private events, where the plan says it."""
    hidden: int = 0
    """How many private events are shown as busy, or left out."""
    endless_until: date | None = None
    """Up to when repeats without an end are told; None where there are none."""

    def add(self, name: str, series: Iterable[Series], uids: Iterable[str]) -> None:
        """Add a calendar; an event that another holds already is shown once, as both calendars'."""
        place = len(self.calendars)
        self.calendars.append(name)
        known = {(event.uid, event.start): number for number, event in enumerate(self.events) if event.uid}
        names = iter(uids)
        for one in series:
            for occurrence in one.occurrences:
                event = shown(one, occurrence, next(names), self.zone, place)
                number = known.get((event.uid, event.start))
                if number is None:
                    self.events.append(event)
                elif place not in self.events[number].calendars:
                    other = self.events[number]
                    self.events[number] = replace(other, calendars=(*other.calendars, place))

    def sort(self) -> None:
        """Put the events into the order in which they are shown."""
        self.events.sort(key=lambda event: event.order)

    def between(self, first: date | None, last: date | None) -> list[Shown]:
        """Return the events that have any part in the days from one to another, both included."""
        low, high = first or date.min, last or date.max
        return [event for event in self.events if event.first_day <= high and event.last_day >= low]

    def letters(self, event: Shown) -> str:
        """Return the letters of the calendars that hold an event: "ac"; "" where there is only one calendar."""
        between = "" if len(self.calendars) <= MOST_LETTERS else " "
        return between.join(map(letter_of, event.calendars)) if len(self.calendars) > 1 else ""


def shown(series: Series, occurrence: Occurrence, uid: str, zone: str, place: int) -> Shown:
    """Return one occurrence as it is shown in a zone."""
    told = in_zone(occurrence, zone)
    return Shown(
        series.summary,
        told.start,
        max(told.start, told.end),
        occurrence.all_day,
        series.location,
        series.description,
        (place,),
        uid,
        series.status == "CANCELLED",
        series.status == "TENTATIVE",
        series.busy != "FREE" and series.status != "CANCELLED",
        series.categories,
        series.url,
    )


def only_zone(series: Sequence[Series]) -> str | None:
    """Return the zone that all timed events share, None where there are several or none."""
    zones = {o.zone for one in series for o in one.occurrences if not o.all_day and o.zone}
    return zones.pop() if len(zones) == 1 else None
