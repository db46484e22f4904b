"""Dates, times, durations and periods of iCalendar (RFC 5545, 3.3) → Python's own."""

from __future__ import annotations

import re
from collections.abc import Mapping
from datetime import datetime, timedelta
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.values import in_reach
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.ics.content_lines import ContentLine


class IcsMoment(NamedTuple):
    """A DATE or DATE-TIME: its wall-clock time (midnight for a date), and where that holds."""

    wall: datetime
    is_date: bool = False
    utc: bool = False
    tzid: str = ""
    """The TZID as written; "" for UTC, dates, and floating times."""


class IcsDuration(NamedTuple):
    """A DURATION: days by the calendar, and the rest as elapsed time (RFC 5545, 3.3.6)."""

    days: int
    elapsed: timedelta


class BadValue(ValueError):
    """A value that is none of its type."""


_DATE = regex(r"(\d{4})-?(\d{2})-?(\d{2})")
_TIME = regex(r"(\d{4})-?(\d{2})-?(\d{2})[Tt](\d{2}):?(\d{2}):?(\d{2})?([Zz]?)")
_USUAL = len("20260908T090000")
_LONGEST = 100_000
"""Days that an event may take."""
_DURATION = regex(
    r"([+-]?)P(?:(\d{1,5})W)?(?:(\d{1,6})D)?(?:T(?:(\d{1,6})H)?(?:(\d{1,7})M)?(?:(\d{1,8})S)?)?", re.IGNORECASE
)


def read_moment(text: str, parameters: Mapping[str, str]) -> IcsMoment:
    """Read a DATE or DATE-TIME. Raises BadValue, for a year before 1000 or after 8999, too."""
    moment = _moment(text, parameters)
    if not in_reach(moment.wall):
        raise BadValue(text)
    return moment


def _moment(text: str, parameters: Mapping[str, str]) -> IcsMoment:
    if len(text) == _USUAL and text[8] == "T" and text.isascii():
        try:
            wall = datetime.fromisoformat(text)
        except ValueError:
            raise BadValue(text) from None
        if wall.tzinfo is None:
            return IcsMoment(wall, tzid=parameters.get("TZID", ""))
    text = text.strip()
    try:
        if match := _DATE.fullmatch(text):
            return IcsMoment(datetime(int(match[1]), int(match[2]), int(match[3])), is_date=True)
        if match := _TIME.fullmatch(text):
            year, month, day, hour, minute, second = (int(part or 0) for part in match.groups()[:6])
            wall = datetime(year, month, day, hour, minute, min(second, 59))
            utc = bool(match[7])
            return IcsMoment(wall, utc=utc, tzid="" if utc else parameters.get("TZID", ""))
    except ValueError:
        raise BadValue(text) from None
    raise BadValue(text)


def read_duration(text: str) -> IcsDuration:
    """Read a DURATION. Raises BadValue."""
    match = _DURATION.fullmatch(text.strip())
    if not match or not any(match.groups()[1:]):
        raise BadValue(text)
    weeks, days, hours, minutes, seconds = (int(part or 0) for part in match.groups()[1:])
    if 7 * weeks + days > _LONGEST:
        raise BadValue(text)
    sign = -1 if match[1] == "-" else 1
    return IcsDuration(sign * (7 * weeks + days), sign * timedelta(hours=hours, minutes=minutes, seconds=seconds))


def read_moments(line: ContentLine) -> list[tuple[IcsMoment, IcsMoment | IcsDuration | None]]:
    """Read the list of an RDATE or EXDATE: moments, and for periods also their end or length. Raises BadValue."""
    found: list[tuple[IcsMoment, IcsMoment | IcsDuration | None]] = []
    for piece in filter(None, (part.strip() for part in line.value.split(","))):
        start, slash, end = piece.partition("/")
        moment = read_moment(start, line.parameters)
        if not slash:
            found.append((moment, None))
        elif end.lstrip("+-").upper().startswith("P"):
            found.append((moment, read_duration(end)))
        else:
            found.append((moment, read_moment(end, line.parameters)))
    return found
