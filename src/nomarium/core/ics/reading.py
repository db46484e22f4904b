"""A calendar file → Series with Occurrences: our own reader of RFC 5545, repeats unrolled."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime, time, timedelta
from itertools import islice
from typing import TYPE_CHECKING, Any

from nomarium.core.calendars import occurrence_id
from nomarium.core.columns import Matches
from nomarium.core.ics import read_wording as wording
from nomarium.core.ics.calendar_file import CalendarFile
from nomarium.core.ics.components import Component, read_components
from nomarium.core.ics.details import read_details
from nomarium.core.ics.event_zones import EventZone, EventZones, UnknownZone
from nomarium.core.ics.moments import BadValue, IcsDuration, IcsMoment, read_duration, read_moment, read_moments
from nomarium.core.problems import DataRefused
from nomarium.core.repeats import Recurrence, Rule, RuleRefused, parse_rule
from nomarium.core.sources import Occurrence, Series, after
from nomarium.core.tables import Table
from nomarium.core.values import Length, day_words

if TYPE_CHECKING:
    from nomarium.core.ics.content_lines import ContentLine

MOST_OCCURRENCES = 100_000
"""So many occurrences one event may have."""

_REPEATING = frozenset({"RRULE", "RDATE"})
_DAY = timedelta(days=1)
_A_YEAR = timedelta(days=366)


@dataclass(frozen=True, slots=True)
class CalendarChoices:
    """What was stated about calendar files."""

    zone: str = ""
    """The zone that floating times are filled with; "" leaves them floating."""
    preferred: str = "UTC"
    """The zone tried first for one whose name says nothing: the machine's."""
    first: date | None = None
    last: date | None = None
    preview: bool = False
    """Whether a year of an endless repeat is enough."""
    rules: bool = False
    """Whether repeats are kept as rules, and not unrolled."""


@dataclass(slots=True)
class _Event:
    """A VEVENT taken apart: what it says, and when."""

    component: Component
    uid: str
    details: dict[str, Any]
    start: datetime
    all_day: bool
    zone: EventZone
    length: Length
    recurrence: Recurrence | None
    replaces: datetime | None
    """The start of the occurrence that it changes, in its event's local time."""
    and_future: bool
    file: str

    @property
    def words(self) -> wording.EventWords:
        """What problems say of it."""
        return _words(self.file, self.component, self.uid, self.details)


def _words(file: str, component: Component, uid: str, details: dict[str, Any]) -> wording.EventWords:
    return wording.EventWords(file, component.line, str(details["summary"]), uid)


def read_calendar(text: str, file: str, choices: CalendarChoices) -> CalendarFile:
    """Read the text of a calendar file. Raises DataRefused where it holds no calendar."""
    calendars, sloppiness = read_components(text)
    if not calendars:
        raise DataRefused(wording.no_calendar(file))
    table = Table(file, None, "iCalendar", 0, [], [])
    sheet = CalendarFile(table, Matches(), problems=wording.sloppy(file, sloppiness))
    sheet.bounded = choices.first is not None or choices.last is not None
    for calendar in calendars:
        _Reader(calendar, file, choices, sheet).read()
    others = {name: count for name, count in sheet.counts.items() if name.startswith("V") and name != "VEVENT"}
    if others:
        sheet.problems.append(wording.passed_over(file, others))
    return sheet


class _Reader:
    """Reads one calendar of a file."""

    def __init__(self, calendar: Component, file: str, choices: CalendarChoices, sheet: CalendarFile) -> None:
        self._calendar = calendar
        self._file = file
        self._choices = choices
        self._sheet = sheet
        self._zones = EventZones(calendar, file, choices.zone, choices.preferred)
        self._known_times: dict[tuple[str, str], tuple[IcsMoment, EventZone, Length | None]] = {}
        self._known_singles: dict[tuple[datetime, bool, str, Length], Occurrence] = {}

    def read(self) -> None:
        """Add the events of the calendar to the sheet."""
        if not self._calendar.closed:
            open_ones = [c for c in self._calendar.components if not c.closed] or [self._calendar]
            name = open_ones[0].name.removeprefix("V").lower()
            self._sheet.problems.append(wording.truncated(self._file, open_ones[0].line, name))
        events = []
        for component in self._calendar.components:
            if component.name not in ("VEVENT", "VTIMEZONE"):
                self._sheet.counts[component.name] += 1
            elif component.name == "VEVENT" and component.closed:
                self._sheet.counts["VEVENT"] += 1
                event = self._event(component)
                events += [event] if event else []
        self._sheet.problems += self._zones.problems
        self._add(events)

    def _event(self, component: Component) -> _Event | None:
        """Take an event apart; None, and a problem, where it cannot be read."""
        uid_line = component.first("UID")
        uid = uid_line.value.strip() if uid_line else ""
        details, harmful = read_details(component)
        self._sheet.problems += [wording.harmful(self._file, *one) for one in harmful]
        try:
            return self._taken_apart(component, uid, details)
        except BadValue as bad:
            problem = _words(self._file, component, uid, details).bad_value("date, time or length", str(bad))
        except RuleRefused as refused:
            problem = _words(self._file, component, uid, details).bad_rule(str(refused))
        except (OverflowError, ValueError) as fault:
            problem = _words(self._file, component, uid, details).bad_value("date", str(fault))
        except UnknownZone as unknown:
            problem = _words(self._file, component, uid, details).unknown_zone(str(unknown))
        self._sheet.problems.append(problem)
        return None

    def _taken_apart(self, component: Component, uid: str, details: dict[str, Any]) -> _Event | None:
        line = component.first("DTSTART")
        if line is None:
            self._sheet.problems.append(_words(self._file, component, uid, details).no_start())
            return None
        start, zone, length = self._times(component, line)
        if length is None:
            self._sheet.problems.append(_words(self._file, component, uid, details).end_before_start())
            return None
        names = component.names
        recurrence = self._recurrence(component, start, zone) if names & _REPEATING else None
        replaces = component.first("RECURRENCE-ID") if "RECURRENCE-ID" in names else None
        replaced = None
        if replaces is not None:
            replaced = self._wall(read_moment(replaces.value, replaces.parameters), zone)
        return _Event(
            component,
            uid,
            details,
            start.wall,
            start.is_date,
            zone,
            length,
            recurrence,
            replaced,
            replaces is not None and replaces.parameters.get("RANGE", "").upper() == "THISANDFUTURE",
            self._file,
        )

    def _times(self, component: Component, line: ContentLine) -> tuple[IcsMoment, EventZone, Length | None]:
        """Return when an event starts, where, and how long it takes; calendars say the same over and over."""
        ending = component.first("DTEND") or component.first("DURATION")
        key = (line.raw, ending.raw if ending else "")
        known = self._known_times.get(key)
        if known is None:
            start = read_moment(line.value, line.parameters)
            zone = self._zones.of(start)
            known = self._known_times[key] = (start, zone, self._length(component, start, zone))
        return known

    def _length(self, component: Component, start: IcsMoment, zone: EventZone) -> Length | None:
        """Return how long an event takes; None where it ends before it starts."""
        ending, lasting = component.first("DTEND"), component.first("DURATION")
        if ending is not None:
            end = read_moment(ending.value, ending.parameters)
            if start.is_date or end.is_date:
                days = (end.wall.date() - start.wall.date()).days
                return Length(max(days, 1), timedelta(0)) if days >= 0 else None
            elapsed = self._instant(end, self._zones.of(end)) - self._instant(start, zone)
            return Length(0, elapsed) if elapsed >= timedelta(0) else None
        if lasting is not None:
            duration = read_duration(lasting.value)
            return _as_length(duration, is_date=start.is_date)
        return Length(1 if start.is_date else 0, timedelta(0))

    def _instant(self, moment: IcsMoment, zone: EventZone) -> datetime:
        return moment.wall if moment.utc else moment.wall - zone.offset(moment.wall)

    def _wall(self, moment: IcsMoment, zone: EventZone) -> datetime:
        """Return a moment as local time of an event's zone."""
        own = self._zones.of(moment)
        if moment.is_date or own == zone or (own.name == "" and own.own is None):
            return moment.wall
        return zone.from_utc(self._instant(moment, own))

    def _recurrence(self, component: Component, start: IcsMoment, zone: EventZone) -> Recurrence | None:
        rules = [self._rule(line.value, start, zone) for line in component.all("RRULE")]
        except_rules = [self._rule(line.value, start, zone) for line in component.all("EXRULE")]
        dates = [self._wall(moment, zone) for line in component.all("RDATE") for moment, _ in read_moments(line)]
        left_out = [moment for line in component.all("EXDATE") for moment, _ in read_moments(line)]
        if not (rules or dates):
            return None
        return Recurrence(
            tuple(rules),
            tuple(sorted(dates)),
            frozenset(self._wall(moment, zone) for moment in left_out if moment.is_date == start.is_date),
            frozenset(moment.wall.date() for moment in left_out if moment.is_date and not start.is_date),
            tuple(except_rules),
        )

    def _rule(self, text: str, start: IcsMoment, zone: EventZone) -> Rule:
        """Read a rule, its UNTIL as local time of the event."""
        rule = parse_rule(text)
        until = rule.until
        if isinstance(until, datetime):
            local = zone.from_utc(until.replace(tzinfo=None)) if until.tzinfo is not None else until
            return replace(rule, until=local.date() if start.is_date else local)
        return rule

    def _add(self, events: Sequence[_Event]) -> None:
        """Make series of all events, each with the changes of its single occurrences."""
        masters: dict[str, _Event] = {}
        changes: dict[str, list[_Event]] = {}
        for event in events:
            if event.replaces is not None:
                changes.setdefault(event.uid, []).append(event)
            elif event.uid and event.uid in masters:
                kept = max((masters[event.uid], event), key=_sequence)
                which = "the later version" if kept is event else "the one before"
                self._sheet.problems.append(event.words.doubled(which))
                masters[event.uid] = kept
            else:
                masters[event.uid or f"\0{len(masters)}"] = event
        for event in masters.values():
            own = changes.pop(event.uid, []) if event.uid else []
            self._add_event(event, own if event.recurrence else [])
            if not event.recurrence:
                changes.update({event.uid: own} if own else {})
        for lonely in changes.values():
            for event in lonely:
                self._sheet.problems.append(event.words.lonely_change())
                self._add_single(event, _changed_id(event))

    def _add_event(self, event: _Event, changes: Sequence[_Event]) -> None:
        if event.recurrence is None:
            self._add_single(event, event.uid)
            return
        self._sheet.counts["repeating"] += 1
        self._sheet.counts["changed"] += len(changes)
        last = datetime.combine(self._choices.last, time(23, 59, 59)) if self._choices.last else None
        if self._choices.rules and event.uid and event.zone.own is None and not any(c.and_future for c in changes):
            self._add_as_rule(event, event.recurrence, changes)
            return
        if event.recurrence.endless and last is None:
            last = event.start + _A_YEAR if self._choices.preview else None
        if event.recurrence.endless and last is None:
            self._sheet.problems.append(event.words.endless())
            return
        self._unroll(event, event.recurrence, changes, last)

    def _unroll(self, event: _Event, recurrence: Recurrence, changes: Sequence[_Event], last: datetime | None) -> None:
        """Add the occurrences of a repeat: its own, those of the changes from one date on, and the single changes."""
        singles = {change.replaces for change in changes if not change.and_future}
        futures = sorted((change for change in changes if change.and_future), key=lambda c: c.replaces or c.start)
        marks = [change.replaces or change.start for change in futures]
        parts: dict[int, list[datetime]] = {}
        for number, start in enumerate(recurrence.starts(event.start, last)):
            if number >= MOST_OCCURRENCES:
                self._sheet.problems.append(event.words.too_many(MOST_OCCURRENCES))
                return
            if start not in singles:
                parts.setdefault(bisect_right(marks, start), []).append(start)
        for place, starts in parts.items():
            source = futures[place - 1] if place else event
            shift = source.start - marks[place - 1] if place else timedelta(0)
            self._add_occurrences(source, event.uid, [(start, start + shift) for start in starts])
        for change in changes:
            if not change.and_future:
                self._add_single(change, _changed_id(change))

    def _add_as_rule(self, event: _Event, recurrence: Recurrence, changes: Sequence[_Event]) -> None:
        """Add a repeat as it is, and its changed occurrences, where any of its dates is asked for."""
        last = datetime.combine(self._choices.last, time(23, 59, 59)) if self._choices.last else None
        bounded = self._choices.first is not None or last is not None
        starts = islice(recurrence.starts(event.start, last), MOST_OCCURRENCES)
        if bounded and not any(self._chosen(self._occurrence(event, start)) for start in starts):
            return
        series = self._series(event, event.uid, (self._occurrence(event, event.start),))
        series.recurrence = recurrence
        self._sheet.series.append(series)
        for change in changes:
            changed = self._series(change, event.uid, (self._occurrence(change, change.start),))
            changed.replaces = change.replaces
            self._sheet.series.append(changed)

    def _add_single(self, event: _Event, identity: str) -> None:
        start = event.start
        key = (start, event.all_day, event.zone.name, event.length)
        known = self._known_singles.get(key) if event.zone.own is None else None
        if known is not None:
            if self._chosen(known):
                self._sheet.series.append(self._series(event, identity, (known,)))
            return
        if not event.all_day and event.zone.skips(start):
            self._sheet.problems.append(event.words.moved_over_gap(event.zone.name or "the file"))
            start = event.zone.from_utc(start - event.zone.offset(start))
        occurrence = self._occurrence(event, start)
        if start == event.start and event.zone.own is None:
            self._known_singles[key] = occurrence
        if self._chosen(occurrence):
            self._sheet.series.append(self._series(event, identity, (occurrence,)))

    def _add_occurrences(self, event: _Event, uid: str, starts: Sequence[tuple[datetime, datetime]]) -> None:
        """Add the occurrences of a repeat; those whose time the clock skips are left out (RFC 5545, 3.3.10)."""
        skipped = [] if event.all_day else [start for _, start in starts if event.zone.skips(start)]
        if skipped:
            name = event.zone.name or "the file"
            self._sheet.problems.append(event.words.skipped(len(skipped), day_words(skipped[0].date()), name))
        occurrences = tuple(
            replace(self._occurrence(event, start), known_by=original)
            for original, start in starts
            if start not in skipped
        )
        chosen = tuple(filter(self._chosen, occurrences))
        if chosen:
            series = self._series(event, uid, chosen)
            series.of_repeat = bool(uid)
            self._sheet.series.append(series)

    def _occurrence(self, event: _Event, start: datetime) -> Occurrence:
        """Return an occurrence from a local start; those of the file's own zones are told in UTC."""
        if event.all_day:
            return Occurrence(start, start + event.length.days * _DAY, True, event.zone.name or "UTC")
        if event.zone.own is not None:
            own = event.zone.own
            end = start + event.length.days * _DAY
            utc = start - own.offset(start)
            return Occurrence(utc, end - own.offset(end) + event.length.elapsed, False, "UTC")
        return Occurrence(start, after(start, event.length, event.zone.name or "UTC"), False, event.zone.name)

    def _chosen(self, occurrence: Occurrence) -> bool:
        """Tell whether an occurrence has any part in the days asked for."""
        first, last = self._choices.first, self._choices.last
        if first is None and last is None:
            return True
        end = occurrence.end if occurrence.end > occurrence.start else occurrence.start + timedelta(seconds=1)
        before = first is not None and end <= datetime.combine(first, time())
        return not before and (last is None or occurrence.start.date() <= last)

    def _series(self, event: _Event, identity: str, occurrences: tuple[Occurrence, ...]) -> Series:
        origin = wording.at_line(self._file, event.component.line)
        return Series(occurrences=occurrences, id=identity, uid_kept=bool(identity), origin=origin, **event.details)


def _as_length(duration: IcsDuration, *, is_date: bool) -> Length | None:
    if duration.days < 0 or duration.elapsed < timedelta(0):
        return None
    if is_date:
        return Length(max(1, duration.days + duration.elapsed // _DAY), timedelta(0))
    return Length(duration.days, duration.elapsed)


def _sequence(event: _Event) -> int:
    line = event.component.first("SEQUENCE")
    return int(line.value) if line and line.value.strip().isdecimal() else 0


def _changed_id(event: _Event) -> str:
    return occurrence_id(event.uid, event.replaces or event.start) if event.uid else ""
