"""Calendar → the text of an iCalendar file (RFC 5545)."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from datetime import UTC, datetime, timedelta
from itertools import islice

from nomarium.core.calendars import Calendar
from nomarium.core.ics.text import escape, fold, uri
from nomarium.core.ics.zones import vtimezone
from nomarium.core.sources import Occurrence, Series

PRODID = "-//Nomarium//Nomarium 1//EN"
BATCH = 2_000
"""Events rendered at a time: enough to be quick, few enough to stay small."""

_TRANSP = {"BUSY": "OPAQUE", "FREE": "TRANSPARENT"}


def render_calendar(
    calendar: Calendar, stamp: datetime, progress: Callable[[int], None] = lambda done: None
) -> Iterator[bytes]:
    """Render a calendar file in parts, in UTF-8, its lines ended by CRLF.

    ``stamp`` is the DTSTAMP of all events (with tzinfo); ``progress`` is told how many events are done.
    """
    yield _joined(_head(calendar))
    stamped = f"DTSTAMP:{stamp.astimezone(UTC):%Y%m%dT%H%M%SZ}"
    events = _events(calendar, stamped)
    done = 0
    while batch := list(islice(events, BATCH)):
        yield _joined(batch)
        done += len(batch)
        progress(done)
    yield b"END:VCALENDAR\r\n"


def _joined(lines: Iterable[str]) -> bytes:
    return ("\r\n".join(lines) + "\r\n").encode()


def _head(calendar: Calendar) -> Iterator[str]:
    name = escape(calendar.name)
    yield from ("BEGIN:VCALENDAR", "VERSION:2.0", f"PRODID:{PRODID}", "CALSCALE:GREGORIAN")
    yield from (fold(f"NAME:{name}"), fold(f"X-WR-CALNAME:{name}"))
    for zone in calendar.zones():
        if zone != "UTC":
            timed = [o for o in calendar.occurrences() if o.zone == zone and not o.all_day]
            yield from vtimezone(zone, min(o.start for o in timed), max(o.end for o in timed))


def _events(calendar: Calendar, stamped: str) -> Iterator[str]:
    """Render each occurrence as a VEVENT; what a series says is rendered once."""
    uids = iter(calendar.uids)
    moments = _Moments()
    for series in calendar.series:
        said = _said(series)
        for occurrence in series.occurrences:
            uid = fold(f"UID:{escape(next(uids))}")
            yield f"BEGIN:VEVENT\r\n{uid}\r\n{stamped}\r\n{moments.lines(occurrence)}{said}\r\nEND:VEVENT"


class _Moments:
    """Renders DTSTART and DTEND, each distinct date or time once."""

    def __init__(self) -> None:
        self._stamps: dict[datetime, str] = {}
        self._prefixes = {"UTC": ":"}

    def lines(self, occurrence: Occurrence) -> str:
        """Return the lines of an occurrence's start and end, with their breaks."""
        start, end = occurrence.start, occurrence.end
        if occurrence.all_day:
            first, after = self._stamp(start)[:8], self._stamp(end)[:8]
            return f"DTSTART;VALUE=DATE:{first}\r\nDTEND;VALUE=DATE:{after}\r\n"
        prefix = self._prefixes.get(occurrence.zone) or f";TZID={occurrence.zone}:"
        suffix = "Z" if occurrence.zone == "UTC" else ""
        begins = f"DTSTART{prefix}{self._stamp(start)}{suffix}\r\n"
        # An end that is the start is left out: RFC 5545, 3.6.1 then ends the event where it starts.
        return begins if end == start else f"{begins}DTEND{prefix}{self._stamp(end)}{suffix}\r\n"

    def _stamp(self, moment: datetime) -> str:
        stamp = self._stamps.get(moment)
        if stamp is None:
            stamp = self._stamps[moment] = moment.strftime("%Y%m%dT%H%M%S")
        return stamp


def _said(series: Series) -> str:
    """Return the lines that are the same for every occurrence of a series, without a break at the end."""
    lines = [fold(f"SUMMARY:{escape(series.summary)}")]
    if series.location:
        lines.append(fold(f"LOCATION:{escape(series.location)}"))
    if series.description:
        lines.append(fold(f"DESCRIPTION:{escape(series.description)}"))
    if series.categories:
        lines.append(fold(f"CATEGORIES:{','.join(map(escape, series.categories))}"))
    if series.url:
        lines.append(fold(f"URL:{uri(series.url)}"))
    if series.status:
        lines.append(f"STATUS:{series.status}")
    if series.visibility:
        lines.append(f"CLASS:{series.visibility}")
    if series.busy:
        lines.append(f"TRANSP:{_TRANSP[series.busy]}")
    for reminder in series.reminders:
        lines += ["BEGIN:VALARM", "ACTION:DISPLAY", lines[0].replace("SUMMARY:", "DESCRIPTION:", 1)]
        lines += [f"TRIGGER:{_before(reminder)}", "END:VALARM"]
    return "\r\n".join(lines)


def _before(reminder: timedelta) -> str:
    """Return a negative DURATION (RFC 5545, 3.3.6): "-P1D", "-PT15M"."""
    seconds = round(reminder.total_seconds())
    days, seconds = divmod(seconds, 86_400)
    hours, minutes = seconds // 3600, seconds // 60 % 60
    clock = (f"{hours}H" if hours else "") + (f"{minutes}M" if minutes else "")
    return "-P" + (f"{days}D" if days else "") + (f"T{clock}" if clock or not days else "") + ("" if clock or days else "0S")
