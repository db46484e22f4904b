"""Calendar → the text of an iCalendar file (RFC 5545)."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Sequence
from datetime import UTC, datetime, timedelta
from itertools import islice, repeat
from typing import TYPE_CHECKING, Any, cast

from nomarium.core.ics.rule_lines import replaced_line, rule_lines
from nomarium.core.ics.text import escape, fold, text_line, uri
from nomarium.core.ics.zones import vtimezone
from nomarium.core.marks import PRODID
from nomarium.core.sources import EventBatch
from nomarium.core.values.wall import DAY_SECONDS, WallTexts

if TYPE_CHECKING:
    from nomarium.core.calendars import Calendar
    from nomarium.core.sources import Occurrence, Series
    from nomarium.core.values import Person

BATCH = 2_000
"""Events rendered at a time: enough to be quick, few enough to stay small."""

_TRANSP = {"BUSY": "OPAQUE", "FREE": "TRANSPARENT"}


class Rendered:
    """What the calendars of one run share, put into words once: moments, places and categories."""

    def __init__(self) -> None:
        self.moments = _Moments()
        self.said = _Said()


def render_calendar(
    calendar: Calendar,
    stamp: datetime,
    progress: Callable[[int], None] = lambda done: None,
    shared: Rendered | None = None,
    method: str = "",
) -> Iterator[bytes]:
    """Render a calendar file in parts, in UTF-8, its lines ended by CRLF.

    ``stamp`` is the DTSTAMP of all events (with tzinfo); ``progress`` is told how many events are done; ``shared`` is
    what is in several calendars, to be put into words once; ``method`` is the METHOD of a message (RFC 5546), "" for a
    calendar that is no message.
    """
    shared = shared or Rendered()
    yield _joined(_head(calendar, method))
    stamped = f"DTSTAMP:{stamp.astimezone(UTC):%Y%m%dT%H%M%SZ}"
    if isinstance(calendar.series, EventBatch) and not callable(calendar.stamps):
        events = _events_in_columns(calendar, calendar.series, stamped, shared.said)
    else:
        events = _events(calendar, stamped, shared)
    done = 0
    while batch := list(islice(events, BATCH)):
        yield _joined(batch)
        done += len(batch)
        progress(done)
    yield b"END:VCALENDAR\r\n"


def _joined(lines: Iterable[str]) -> bytes:
    return ("\r\n".join(lines) + "\r\n").encode()


def _head(calendar: Calendar, method: str) -> Iterator[str]:
    name = escape(calendar.name)
    yield from ("BEGIN:VCALENDAR", "VERSION:2.0", f"PRODID:{PRODID}", "CALSCALE:GREGORIAN")
    if method:
        yield f"METHOD:{method}"
    yield from (fold(f"NAME:{name}"), fold(f"X-WR-CALNAME:{name}"))
    yield from map(fold, calendar.head)
    for zone in calendar.zones():
        if zone != "UTC":
            yield from vtimezone(zone, *calendar.timed_span(zone))


def _events(calendar: Calendar, stamped: str, shared: Rendered) -> Iterator[str]:
    """Render each occurrence as a VEVENT; what a series says is rendered once."""
    uids = iter(calendar.uids)
    stated = stamped if calendar.stamps is None else calendar.stamps
    stamper = stated if callable(stated) else None
    stamps = repeat(stated) if isinstance(stated, str) else iter(() if callable(stated) else stated)
    moments, said = shared.moments, shared.said
    for series in calendar.series:
        unchanging = said.lines(series)
        for occurrence in series.occurrences:
            # Only an id from a sheet can hold what needs escaping or folding.
            uid = fold(f"UID:{escape(next(uids))}") if series.id else f"UID:{next(uids)}"
            when = moments.lines(occurrence)
            if series.recurrence is not None or series.replaces is not None:
                when += _repeat_lines(series, occurrence)
            if stamper is not None:
                yield f"BEGIN:VEVENT\r\n{stamper(series, occurrence, uid, when + unchanging)}END:VEVENT"
            else:
                yield f"BEGIN:VEVENT\r\n{uid}\r\n{next(stamps)}\r\n{when}{unchanging}END:VEVENT"


def _events_in_columns(calendar: Calendar, batch: EventBatch, stamped: str, said: _Said) -> Iterator[str]:
    """Render each event of a batch as a VEVENT, as ``_events`` does, from its columns."""
    stated = stamped if calendar.stamps is None else calendar.stamps
    stamps = repeat(stated) if isinstance(stated, str) else iter(cast(Sequence[str], stated))
    rarer = [column for name in _RARER if (column := batch.column(name)) is not None]
    more = (_rarer_lines(batch[index]) if any(said) else "" for index, said in enumerate(zip(*rarer, strict=True)))
    columns = zip(
        _uid_values(calendar.uids, batch.column("id")),
        stamps,
        _whens(batch),
        batch.texts["summary"],
        map(said.places.__getitem__, batch.column("location") or repeat("")),
        batch.column("description") or repeat(""),
        map(said.kinds.__getitem__, batch.column("categories") or repeat(())),
        more if rarer else repeat(""),
        strict=False,
    )
    for uid, stamp, when, summary, place, description, kinds, further in columns:
        title = text_line("SUMMARY", summary)
        about = text_line("DESCRIPTION", description) if description else ""
        yield f"BEGIN:VEVENT\r\nUID:{uid}\r\n{stamp}\r\n{when}{title}{place}{about}{kinds}{further}END:VEVENT"


def _uid_values(uids: Sequence[str], ids: Sequence[str] | None) -> Iterable[str]:
    """Return UIDs as their lines hold them: only one by a sheet's id can hold what needs escaping or folding."""
    if ids is None:
        return uids
    known = zip(uids, ids, strict=True)
    return (fold(f"UID:{escape(uid)}").removeprefix("UID:") if identifier else uid for uid, identifier in known)


_RARER = ("url", "status", "visibility", "busy", "organizer", "attendees", "reminders", "extra")
"""Fields that most events do without."""


def _whens(batch: EventBatch) -> Iterator[str]:
    """Return the lines of the start and the end of each event, with their breaks."""
    texts = WallTexts("%Y%m%d", "T%H%M%S")
    days, clocks = texts.days, texts.clocks
    prefix, suffix = _zone_parts(batch.zone)
    starts, ends = f"DTSTART{prefix}", f"{suffix}\r\nDTEND{prefix}"
    for start, end, all_day in zip(batch.starts, batch.ends, batch.all_day, strict=True):
        day, clock = divmod(start, DAY_SECONDS)
        last, until = divmod(end, DAY_SECONDS)
        if all_day:
            yield f"DTSTART;VALUE=DATE:{days[day]}\r\nDTEND;VALUE=DATE:{days[last]}\r\n"
        elif start == end:
            yield f"{starts}{days[day]}{clocks[clock]}{suffix}\r\n"
        else:
            yield f"{starts}{days[day]}{clocks[clock]}{ends}{days[last]}{clocks[until]}{suffix}\r\n"


def _zone_parts(zone: str) -> tuple[str, str]:
    """Return what stands before and behind a local time of a zone ("" for floating), for RFC 5545, 3.3.5."""
    if zone == "UTC":
        return ":", "Z"
    return f";TZID={zone}:" if zone else ":", ""


class _Known(dict[Any, str]):
    """What few distinct values are in words, each made once."""

    def __init__(self, make: Callable[[Any], str]) -> None:
        self._make = make

    def __missing__(self, value: object) -> str:
        text = self[value] = self._make(value)
        return text


def _category_line(categories: tuple[str, ...]) -> str:
    return fold(f"CATEGORIES:{','.join(map(escape, categories))}") + "\r\n" if categories else ""


def _repeat_lines(series: Series, occurrence: Occurrence) -> str:
    """Return the lines that say how an event repeats, or which occurrence of its event it stands for."""
    lines = list(rule_lines(series.recurrence, occurrence)) if series.recurrence is not None else []
    if series.replaces is not None:
        lines.append(replaced_line(series.replaces, occurrence))
    return "".join(f"{fold(line)}\r\n" for line in lines)


class _Moments:
    """Renders DTSTART and DTEND: each distinct moment once, and each occurrence that several series share once."""

    def __init__(self) -> None:
        self._stamps: dict[datetime, str] = {}
        self._known: dict[int, tuple[Occurrence, str]] = {}

    def lines(self, occurrence: Occurrence) -> str:
        """Return the lines of an occurrence's start and end, with their breaks."""
        known = self._known.get(id(occurrence))
        if known is None:  # it is kept with its words: as long as it is there, no other has its id
            known = self._known[id(occurrence)] = occurrence, self._rendered(occurrence)
        return known[1]

    def _rendered(self, occurrence: Occurrence) -> str:
        start, end = occurrence.start, occurrence.end
        if occurrence.all_day:
            first, after = self._stamp(start)[:8], self._stamp(end)[:8]
            return f"DTSTART;VALUE=DATE:{first}\r\nDTEND;VALUE=DATE:{after}\r\n"
        prefix, suffix = _zone_parts(occurrence.zone)
        begins = f"DTSTART{prefix}{self._stamp(start)}{suffix}\r\n"
        # An end that is the start is left out: RFC 5545, 3.6.1 then ends the event where it starts.
        return begins if end == start else f"{begins}DTEND{prefix}{self._stamp(end)}{suffix}\r\n"

    def _stamp(self, moment: datetime) -> str:
        stamp = self._stamps.get(moment)
        if stamp is None:
            stamp = self._stamps[moment] = moment.strftime("%Y%m%dT%H%M%S")
        return stamp


class _Said:
    """Renders the lines that are the same for every occurrence of a series; places and the like, which recur, once."""

    def __init__(self) -> None:
        self.places = _Known(lambda text: text_line("LOCATION", text) if text else "")
        self.kinds = _Known(_category_line)

    def lines(self, series: Series) -> str:
        """Return the lines of a series, with their breaks."""
        summary = text_line("SUMMARY", series.summary)
        place, kinds = self.places[series.location], self.kinds[series.categories]
        description = text_line("DESCRIPTION", series.description) if series.description else ""
        rarer = (
            series.url or series.status or series.visibility or series.busy
            or series.organizer or series.attendees or series.reminders or series.extra
        )  # fmt: skip
        return f"{summary}{place}{description}{kinds}{_rarer_lines(series) if rarer else ''}"


def _rarer_lines(series: Series) -> str:
    """Return the lines that most events do without."""
    lines = []
    if series.url:
        lines.append(fold(f"URL:{uri(series.url)}"))
    if series.status:
        lines.append(f"STATUS:{series.status}")
    if series.visibility:
        lines.append(f"CLASS:{series.visibility}")
    if series.busy:
        lines.append(f"TRANSP:{_TRANSP[series.busy]}")
    if series.organizer:
        lines.append(fold(_person("ORGANIZER", series.organizer)))
    lines += [fold(_person("ATTENDEE", person)) for person in series.attendees]
    for reminder in series.reminders:
        words = text_line("DESCRIPTION", series.summary).rstrip("\r\n")
        lines += ["BEGIN:VALARM", "ACTION:DISPLAY", words, f"TRIGGER:{_before(reminder)}", "END:VALARM"]
    lines += [fold(uri(line)) for line in series.extra]
    return "".join(f"{line}\r\n" for line in lines)


def _person(name: str, person: Person) -> str:
    """Return an ORGANIZER or ATTENDEE; one without a mail address can only be named, as CONTACT (RFC 5545, 3.8.4.2)."""
    if not person.address:
        return f"CONTACT:{escape(person.name)}"
    common_name = f';CN="{_parameter(person.name)}"' if person.name else ""
    return f"{name}{common_name}{uri(person.parameters)}:mailto:{uri(person.address)}"


def _parameter(text: str) -> str:
    """Return a quoted parameter value's inside (RFC 6868): no quotation mark, break or control character."""
    text = text.replace("^", "^^").replace('"', "^'")
    return uri(" ".join(text.split()))


def _before(reminder: timedelta) -> str:
    """Return a negative DURATION (RFC 5545, 3.3.6): "-P1D", "-PT15M"."""
    seconds = round(reminder.total_seconds())
    days, seconds = divmod(seconds, 86_400)
    hours, minutes = seconds // 3600, seconds // 60 % 60
    clock = (f"{hours}H" if hours else "") + (f"{minutes}M" if minutes else "")
    return (
        "-P"
        + (f"{days}D" if days else "")
        + (f"T{clock}" if clock or not days else "")
        + ("" if clock or days else "0S")
    )
