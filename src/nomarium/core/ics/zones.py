"""VTIMEZONE components (RFC 5545, 3.6.5), worked out from the system's rules for the years in use."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import UTC, datetime, timedelta
from functools import lru_cache
from zoneinfo import ZoneInfo

WEEKDAYS = ("MO", "TU", "WE", "TH", "FR", "SA", "SU")


@dataclass(frozen=True, slots=True)
class Onset:
    """A moment at which a zone's clock begins to show another offset or name."""

    local: datetime
    """The local time of the change on the clock as it was before, as DTSTART of an observance wants it."""
    before: timedelta
    after: timedelta
    name: str
    is_daylight: bool

    @property
    def key(self) -> tuple[object, ...]:
        """What onsets of one yearly rule have in common."""
        return (self.before, self.after, self.name, self.is_daylight, self.local.month, self.local.time())


@lru_cache(maxsize=256)
def onsets(zone: str, first_year: int, last_year: int) -> tuple[Onset, ...]:
    """Return all changes of a zone's clock within some years, found by looking at each day and then closer."""
    tz = ZoneInfo(zone)
    found = []
    day = datetime(first_year, 1, 1, tzinfo=UTC)
    end = datetime(last_year + 1, 1, 1, tzinfo=UTC)
    seen = _state(tz, day)
    while day < end:
        after = day + timedelta(days=1)
        state = _state(tz, after)
        if state != seen:
            found.append(_onset(tz, *_narrowed(tz, day, after)))
            seen = state
        day = after
    return tuple(found)


def _state(tz: ZoneInfo, instant: datetime) -> tuple[timedelta, str, bool]:
    local = instant.astimezone(tz)
    return local.utcoffset() or timedelta(), local.tzname() or "", (local.dst() or timedelta()) > timedelta()


def _narrowed(tz: ZoneInfo, early: datetime, late: datetime) -> tuple[datetime, datetime]:
    """Close in on a change to the second."""
    before = _state(tz, early)
    while late - early > timedelta(seconds=1):
        middle = early + (late - early) // 2
        middle = middle.replace(microsecond=0)
        if _state(tz, middle) == before:
            early = middle
        else:
            late = middle
    return early, late


def _onset(tz: ZoneInfo, before: datetime, change: datetime) -> Onset:
    old, _, _ = _state(tz, before)
    new, name, daylight = _state(tz, change)
    return Onset((change + old).replace(tzinfo=None), old, new, name, daylight)


def vtimezone(zone: str, first: datetime, last: datetime) -> list[str]:
    """Return the lines of a VTIMEZONE that is right for every local time from ``first`` to ``last``.

    A change that recurs by one rule through the years is one observance with an RRULE; others are listed.
    """
    changes = onsets(zone, first.year - 1, last.year + 1)
    lines = ["BEGIN:VTIMEZONE", f"TZID:{zone}"]
    if not changes or changes[0].local >= first:
        lines += _observance([_standing(zone, first)], last_year=None)
    for group in _grouped(changes):
        lines += _observance(group, last.year + 1)
    lines.append("END:VTIMEZONE")
    return lines


def _standing(zone: str, first: datetime) -> Onset:
    """The state that holds before the first change, said to begin with the year before."""
    tz = ZoneInfo(zone)
    begin = datetime(first.year - 1, 1, 1, tzinfo=UTC)
    offset, name, daylight = _state(tz, begin)
    return Onset(begin.replace(tzinfo=None), offset, offset, name, daylight)


def _grouped(changes: Sequence[Onset]) -> list[list[Onset]]:
    """Group changes that one yearly rule makes: alike, a year apart, on the same weekday of the month."""
    groups: list[list[Onset]] = []
    for change in changes:
        for group in groups:
            if (
                group[-1].key == change.key
                and group[-1].local.year + 1 == change.local.year
                and _rule([*group, change])
            ):
                group.append(change)
                break
        else:
            groups.append([change])
    return groups


def _rule(group: list[Onset]) -> str | None:
    """Return the BYDAY of changes in successive years ("2SU", "-1SU"), or None where no single one fits."""
    weekdays = {change.local.weekday() for change in group}
    if len(weekdays) > 1:
        return None
    day = WEEKDAYS[weekdays.pop()]
    if all((change.local + timedelta(days=7)).month != change.local.month for change in group):
        return f"-1{day}"
    weeks = {(change.local.day - 1) // 7 + 1 for change in group}
    return f"{weeks.pop()}{day}" if len(weeks) == 1 else None


def _observance(group: list[Onset], last_year: int | None) -> list[str]:
    """Return one STANDARD or DAYLIGHT with its onsets; a rule that still holds in the last year stays open."""
    first = group[0]
    kind = "DAYLIGHT" if first.is_daylight else "STANDARD"
    lines = [f"BEGIN:{kind}", f"DTSTART:{_stamp(first.local)}"]
    if len(group) > 1:
        until = "" if group[-1].local.year == last_year else f";UNTIL={_stamp(group[-1].local - first.before)}Z"
        lines.append(f"RRULE:FREQ=YEARLY;BYMONTH={first.local.month};BYDAY={_rule(group)}{until}")
    lines += [f"TZOFFSETFROM:{_offset(first.before)}", f"TZOFFSETTO:{_offset(first.after)}"]
    return [*lines, f"TZNAME:{first.name}", f"END:{kind}"]


def _stamp(moment: datetime) -> str:
    return moment.strftime("%Y%m%dT%H%M%S")


def _offset(offset: timedelta) -> str:
    """Return a UTC-OFFSET value (RFC 5545, 3.3.14): seconds only where there are any."""
    seconds = round(offset.total_seconds())
    sign, seconds = ("-", -seconds) if seconds < 0 else ("+", seconds)
    hours, rest = divmod(seconds, 3600)
    minutes, rest = divmod(rest, 60)
    return f"{sign}{hours:02}{minutes:02}" + (f"{rest:02}" if rest else "")
