"""The time zones of a calendar's events: what each TZID of the file is taken for."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from datetime import UTC, datetime, timedelta
from typing import TYPE_CHECKING
from zoneinfo import ZoneInfo

from nomarium.core.ics import read_wording as wording
from nomarium.core.ics.moments import BadValue, IcsMoment, read_moment
from nomarium.core.ics.zone_reading import OwnZone, agrees, iana_offset, name_in, nearest_agreeing, read_own_zone

if TYPE_CHECKING:
    from nomarium.core.ics.components import Component
    from nomarium.core.problems import Problem


@dataclass(frozen=True, slots=True)
class EventZone:
    """The zone of an event: a name ("" for floating, "UTC", IANA), or the file's own rules."""

    name: str
    own: OwnZone | None = None
    known: dict[datetime, timedelta] = field(default_factory=dict, compare=False, hash=False)
    """Offsets worked out already: a calendar names the same times over and over."""

    def offset(self, wall: datetime) -> timedelta:
        """Return the offset from UTC at a local time."""
        if self.own is not None:
            return self.own.offset(wall)
        if self.name in ("", "UTC"):
            return timedelta(0)
        known = self.known.get(wall)
        if known is None:
            known = self.known[wall] = iana_offset(self.name, wall)
        return known

    def from_utc(self, utc: datetime) -> datetime:
        """Return the local time of an instant."""
        if self.own is None and self.name not in ("", "UTC"):
            return utc.replace(tzinfo=UTC).astimezone(ZoneInfo(self.name)).replace(tzinfo=None)
        wall = utc + self.offset(utc)
        return utc + self.offset(wall)

    def skips(self, wall: datetime) -> bool:
        """Tell whether the clock of the zone never shows a local time."""
        if self.own is None:
            if self.name in ("", "UTC"):
                return False
            aware = wall.replace(tzinfo=ZoneInfo(self.name))
            if aware.utcoffset() == aware.replace(fold=1).utcoffset():
                return False
        return self.from_utc(wall - self.offset(wall)) != wall


class UnknownZone(Exception):
    """A TZID that nothing explains."""


class EventZones:
    """Decides the zone of each moment of a calendar; what was decided is among ``problems``."""

    def __init__(self, calendar: Component, file: str, floating: str, preferred: str) -> None:
        self._calendar = calendar
        self._file = file
        self._floating = floating
        self._preferred = preferred
        self._known: dict[str, EventZone | None] = {}
        self.problems: list[Problem] = []

    def of(self, moment: IcsMoment) -> EventZone:
        """Return the zone of a moment. Raises UnknownZone for a TZID that nothing explains."""
        if moment.is_date:
            return EventZone("")
        if moment.utc:
            return EventZone("UTC")
        if not moment.tzid:
            return EventZone(self._floating)
        if moment.tzid not in self._known:
            self._known[moment.tzid] = self._named_zone(moment.tzid)
        found = self._known[moment.tzid]
        if found is None:
            raise UnknownZone(moment.tzid)
        return found

    def _named_zone(self, tzid: str) -> EventZone | None:
        """Decide what a TZID is: a known zone by its name, one that agrees with its rules, or these rules."""
        definitions = [c for c in self._calendar.within("VTIMEZONE") if (t := c.first("TZID")) and t.value == tzid]
        definition = definitions[0] if definitions else None
        own = read_own_zone(definition) if definition else None
        name = name_in(tzid, definition)
        walls = list(self._walls(tzid)) if own is not None else []
        say = self.problems.append
        if name is not None:
            if own is not None and not agrees(name, own, walls):
                if name == tzid:
                    say(wording.zone_differs(self._file, tzid))
                    return EventZone(name)
                name = None
            else:
                if name != tzid:
                    say(wording.zone_renamed(self._file, tzid, name, "by its name"))
                return EventZone(name)
        if own is None:
            return EventZone(name) if name else None
        name = nearest_agreeing(own, walls, self._preferred)
        if name is not None:
            say(wording.zone_renamed(self._file, tzid, name, "its clock is the same at all events of the file"))
            return EventZone(name)
        say(wording.own_zone(self._file, tzid))
        return EventZone("", own)

    def _walls(self, tzid: str) -> Iterator[datetime]:
        """Yield the local times of a zone in the calendar, and for repeating events some of the year that follows."""
        seen: set[tuple[str, bool]] = set()
        for event in self._calendar.within("VEVENT"):
            repeats = event.first("RRULE") is not None
            lines = (line for name in ("DTSTART", "DTEND", "RDATE", "RECURRENCE-ID") for line in event.all(name))
            seen.update((line.value, repeats) for line in lines if line.parameters.get("TZID") == tzid)
        for value, repeats in sorted(seen):
            try:
                wall = read_moment(value.partition(",")[0].partition("/")[0], {}).wall
            except BadValue:
                continue
            yield wall
            if repeats and wall.year < 2100:
                yield from (wall + timedelta(days=days) for days in (60, 120, 182, 240, 300, 365))
