"""The time zones of a calendar file: known ones by their names, others by the file's own VTIMEZONE rules."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from itertools import islice
from typing import TYPE_CHECKING

from nomarium.core.ics.moments import BadValue, read_moment
from nomarium.core.ics.moments import read_moments as read_list
from nomarium.core.repeats import Rule, RuleRefused, expand, parse_rule
from nomarium.core.values import read_zone, zone_names, zone_of

if TYPE_CHECKING:
    from nomarium.core.ics.components import Component
    from nomarium.core.ics.content_lines import ContentLine

_LATEST = datetime(2100, 1, 1)
_MOST_ONSETS = 600


@dataclass(frozen=True, slots=True)
class OwnZone:
    """A zone by the rules of its file: from each onset (local time before it) on, an offset from UTC."""

    onsets: Sequence[datetime]
    offsets: Sequence[timedelta]
    before: timedelta
    """The offset before the first onset."""

    def offset(self, wall: datetime) -> timedelta:
        """Return the offset at a local time."""
        at = bisect_right(self.onsets, wall)
        return self.offsets[at - 1] if at else self.before


def read_own_zone(zone: Component) -> OwnZone | None:
    """Read a VTIMEZONE (RFC 5545, 3.6.5); None where it says nothing that could be used."""
    found: list[tuple[datetime, timedelta, timedelta]] = []
    for part in zone.components:
        if part.name in ("STANDARD", "DAYLIGHT"):
            found += _onsets(part)
    if not found:
        return None
    found.sort(key=lambda onset: onset[0])
    return OwnZone([when for when, _, _ in found], [after for _, _, after in found], found[0][1])


def _onsets(part: Component) -> list[tuple[datetime, timedelta, timedelta]]:
    """Return when a part of a zone begins each time, with the offsets before and after."""
    start, before, after = part.first("DTSTART"), part.first("TZOFFSETFROM"), part.first("TZOFFSETTO")
    if start is None or after is None:
        return []
    try:
        first = read_moment(start.value, start.parameters).wall
        from_offset, to_offset = _offset((before or after).value), _offset(after.value)
        onsets = [first]
        for line in part.all("RRULE"):
            rule = parse_rule(line.value)
            onsets += islice(expand(_with_local_until(rule, from_offset), first, _LATEST), _MOST_ONSETS)
        for line in part.all("RDATE"):
            onsets += [moment.wall for moment, _ in read_list(line)]
    except (BadValue, RuleRefused):
        return []
    return [(onset, from_offset, to_offset) for onset in dict.fromkeys(onsets)]


def _with_local_until(rule: Rule, offset: timedelta) -> Rule:
    until = rule.until
    if isinstance(until, datetime) and until.tzinfo is not None:
        return replace(rule, until=until.replace(tzinfo=None) + offset)
    return rule


def _offset(text: str) -> timedelta:
    """Read a UTC offset such as "-0400" (RFC 5545, 3.3.14). Raises BadValue."""
    text = text.strip().replace(":", "")
    if len(text) not in (5, 7) or text[0] not in "+-" or not text[1:].isdecimal():
        raise BadValue(text)
    hours, minutes, seconds = int(text[1:3]), int(text[3:5]), int(text[5:7] or 0)
    length = timedelta(hours=hours, minutes=minutes, seconds=seconds)
    return -length if text[0] == "-" else length


def iana_offset(name: str, wall: datetime) -> timedelta:
    """Return the offset of an IANA zone at a local time: the one before the gap or of the first of two."""
    return wall.replace(tzinfo=zone_of(name)).utcoffset() or timedelta(0)


def agrees(name: str, own: OwnZone, walls: Iterable[datetime]) -> bool:
    """Tell whether an IANA zone has the same offsets as a file's own zone at all these local times."""
    return all(iana_offset(name, wall) == own.offset(wall) for wall in walls)


def name_in(tzid: str, definition: Component | None) -> str | None:
    """Return the IANA zone that a TZID names: itself, its end, what the file says beside it, or a Windows name."""
    hints = [tzid, tzid.strip("/").partition("/")[2]]
    parts = tzid.strip("/").split("/")
    hints += ["/".join(parts[-n:]) for n in (3, 2) if len(parts) > n]
    if definition is not None:
        said: list[ContentLine | None] = [definition.first("X-LIC-LOCATION"), definition.first("TZID-ALIAS-OF")]
        hints += [line.value for line in said if line]
    for hint in hints:
        name = read_zone(hint.strip()) if hint else None
        if name and (name != "UTC" or hint.upper() in ("UTC", "ETC/UTC", "GMT", "Z")):
            return name
    return _by_windows_name(tzid)


def _by_windows_name(tzid: str) -> str | None:
    from tzlocal.windows_tz import win_tz

    return win_tz.get(tzid.strip())


def nearest_agreeing(own: OwnZone, walls: Sequence[datetime], preferred: str) -> str | None:
    """Return an IANA zone that agrees with a file's own: the preferred one, else the first by name that does."""
    if agrees(preferred, own, walls):
        return preferred
    places = sorted(name for name in zone_names() if "/" in name and not name.startswith(("Etc/", "SystemV/")))
    return next((name for name in places if agrees(name, own, walls)), None)
