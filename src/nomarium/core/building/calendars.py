"""The calendars that a plan names → which meetings and events each holds, and what they say there."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from functools import cached_property

from nomarium.core.building import wording
from nomarium.core.building.patterns import DATE_NAMES, SLOT_NAMES, Pattern
from nomarium.core.calendars import Calendar, file_names
from nomarium.core.meetings import Held
from nomarium.core.plan import CalendarKeys, PlanFile
from nomarium.core.problems import Problem, WrongCall
from nomarium.core.sources import Occurrence, Series
from nomarium.core.timetable import WHO_FIELDS
from nomarium.core.values import WEEKDAY_NAMES, clock_words, read_length
from nomarium.core.year import SchoolYear

_VISIBILITY = {"public": "PUBLIC", "private": "PRIVATE", "confidential": "CONFIDENTIAL"}


@dataclass(frozen=True, slots=True)
class Part:
    """One calendar to write: its file below the output folder, for whom it is, and what it holds."""

    file: str
    kind: str
    """What it was split by, "" for a calendar of everything."""
    whom: str
    name: str
    held: Sequence[Held]
    texts: Texts

    def calendar(self, stamp_of: Callable[[str], str] | str | None = None) -> Calendar:
        """Put the calendar together: its events with their UIDs and stamps, one for all or each by its UID."""
        series: list[Series] = []
        uids: list[str] = []
        for one in self.held:
            for made, names in self.texts.series(one):
                series.append(made)
                uids += names
        return Calendar(
            self.name,
            series,
            uids,
            stamp_of if stamp_of is None or isinstance(stamp_of, str) else list(map(stamp_of, uids)),
        )

    @property
    def events(self) -> int:
        """The number of its events."""
        return sum(len(one.occurrences) for one in self.held)

    def span(self) -> tuple[date, date] | None:
        """The first and the last day of its events."""
        occurrences = [occurrence for one in self.held for occurrence in one.occurrences]
        if not occurrences:
            return None
        last = max(occurrences, key=lambda o: o.end)
        end = last.end - timedelta(seconds=1) if last.end > last.start else last.end
        return min(o.start for o in occurrences).date(), end.date()

    def hours(self) -> float:
        """The hours of its timed events."""
        return sum(hours_of(one) for one in self.held)


def hours_of(held: Held) -> float:
    """Return the hours of the timed occurrences."""
    seconds = sum((o.end - o.start).total_seconds() for o in held.occurrences if not o.all_day)
    return seconds / 3600


class Texts:
    """What meetings say in one kind of calendar: each slot is put into words once, however many calendars hold it."""

    def __init__(self, keys: CalendarKeys, year: SchoolYear | None) -> None:
        self._year = year
        self.title = Pattern(keys.title) if keys.title else None
        self.location = Pattern(keys.location if keys.location is not None else "{room}")
        self.description = Pattern(keys.description) if keys.description is not None else None
        self._reminders = tuple(_length(text) for text in keys.reminders)
        self._visibility = _VISIBILITY.get(keys.visibility or "", "")
        self._busy = (keys.busy or "").upper()
        self._known: dict[int, tuple[Held, list[tuple[Series, list[str]]]]] = {}

    @cached_property
    def patterns(self) -> list[Pattern]:
        """The patterns that were stated."""
        return [pattern for pattern in (self.title, self.location, self.description) if pattern is not None]

    def forget(self, held: Held) -> None:
        """Put a slot into words anew when it is asked for next: its UIDs are others now."""
        self._known.pop(id(held), None)

    def series(self, held: Held) -> list[tuple[Series, list[str]]]:
        """Return what is written for a slot: one series, or one for each date where the patterns differ by date."""
        found = self._known.get(id(held))
        if found is None:
            found = self._known[id(held)] = (held, list(self._made(held)))
        return found[1]

    def _made(self, held: Held) -> Iterator[tuple[Series, list[str]]]:
        uids = held.occurrence_uids()
        if held.event is not None:
            yield held.event if held.edited else self._as_stated(held.event), uids
            return
        values = {name: ", ".join(several) for name, several in held.values.items()}
        values |= {"day": held.day.name, "period": "–".join(held.periods)}
        if not any(pattern.by_date for pattern in self.patterns):
            yield self._meeting(held, tuple(held.occurrences), values), uids
            return
        for occurrence, uid in zip(held.occurrences, uids, strict=True):
            dated = {**values, **self._of_date(occurrence)}
            yield self._meeting(held, (occurrence,), dated), [uid]

    def _as_stated(self, event: Series) -> Series:
        return replace(
            event,
            reminders=self._reminders or event.reminders,
            visibility=self._visibility or event.visibility,
            busy=self._busy or event.busy,
        )

    def _meeting(self, held: Held, occurrences: tuple[Occurrence, ...], values: Mapping[str, str]) -> Series:
        return Series(
            self._title(held, values),
            occurrences,
            self.location.fill(values),
            self._description(held, values),
            visibility=self._visibility,
            busy=self._busy,
            reminders=self._reminders,
            origin=held.place,
        )

    def _title(self, held: Held, values: Mapping[str, str]) -> str:
        if self.title is not None:
            return self.title.fill(values) or held.class_name
        course, class_name = values.get("course", ""), values.get("class", "")
        if not course or not class_name or course.casefold() == class_name.casefold():
            return course or class_name or held.class_name
        return f"{course} ({class_name})"

    def _description(self, held: Held, values: Mapping[str, str]) -> str:
        if self.description is not None:
            return self.description.fill(values)
        period = f"period {values['period']}" if values["period"] else ""
        day = f"Day {held.day.label}" if held.day.label else ""
        slot = ", ".join(filter(None, (day, period)))
        return "\n".join(filter(None, (slot[:1].upper() + slot[1:], values.get("description", ""))))

    def _of_date(self, occurrence: Occurrence) -> dict[str, str]:
        day = self._year.day(occurrence.start.date()) if self._year else None
        start, end = occurrence.start, occurrence.end
        return {
            "date": start.date().isoformat(),
            "weekday": WEEKDAY_NAMES[start.weekday()],
            "week": str(day.week or "") if day else "",
            "letter": day.letter if day else "",
            "term": day.term.name if day and day.term else "",
            "start": clock_words(start),
            "end": clock_words(end),
        }


def _length(text: str) -> timedelta:
    length = read_length(text)
    return timedelta(days=length.days) + length.elapsed if length else timedelta()


@dataclass(slots=True)
class Calendars:
    """All calendars of a plan, and what is wrong with what it says of them."""

    parts: list[Part] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    without: dict[str, list[Held]] = field(default_factory=dict)
    """Meetings that a split has no calendar for, by the kind of calendar."""
    empty: list[str] = field(default_factory=list)
    """Kinds of calendars that hold nothing."""


def plan_calendars(plan: PlanFile, held: Sequence[Held], year: SchoolYear | None) -> Calendars:
    """Return the calendars of a plan; without any in the plan, one of everything, by the school's name."""
    keys = plan.plan.calendars or {plan.plan.school.name: CalendarKeys()}
    found = Calendars()
    known = {name for one in held for name in one.values}
    files: list[tuple[str, str, str, list[Held], Texts, CalendarKeys]] = []
    for name, one in keys.items():
        texts = Texts(one, year)
        problems = _wrong(plan, name, one, texts, known)
        found.problems += problems
        if not problems:
            files += [(name, *rest) for rest in _parts(name, one, held, texts, found)]
    found.parts = _named(files)
    return found


def _wrong(plan: PlanFile, name: str, keys: CalendarKeys, texts: Texts, known: set[str]) -> list[Problem]:
    """Return what is wrong with the keys of a calendar."""
    problems = []
    for key in ("sources", "for_all"):
        for source in getattr(keys, key):
            if source not in plan.plan.sources:
                place = plan.place("calendars", name, key)
                problems.append(wording.unknown_name(place, source, "source", plan.plan.sources))
    if keys.split and known and keys.split not in known:
        place = plan.place("calendars", name, "split")
        problems.append(wording.unknown_split(place, keys.split, known))
    fields = {*known, *SLOT_NAMES, *DATE_NAMES, *WHO_FIELDS, "title", "description", "code", "person"}
    stated = {"title": keys.title, "location": keys.location, "description": keys.description}
    for key, text in stated.items():
        problems += _unfilled(plan, name, key, text, fields if known else None)
    for key, text in {"file": keys.file, "name": keys.name}.items():
        problems += _unfilled(plan, name, key, text, {keys.split} if keys.split else set())
    if keys.split and keys.file and f"{{{keys.split}}}" not in keys.file:
        place = plan.place("calendars", name, "file")
        problems.append(wording.file_without_split(place, keys.file, keys.split))
    return problems


def _unfilled(plan: PlanFile, name: str, key: str, text: str | None, known: set[str] | None) -> list[Problem]:
    if not text or known is None:
        return []
    try:
        Pattern(text).check(known)
    except WrongCall as wrong:
        return [wording.unfilled(plan.place("calendars", name, key), wrong)]
    return []


def _parts(
    name: str, keys: CalendarKeys, held: Sequence[Held], texts: Texts, found: Calendars
) -> Iterator[tuple[str, str, list[Held], Texts, CalendarKeys]]:
    """Yield (what it is split by, for whom, what it holds, …) of each calendar of one kind."""
    for_all = set(keys.for_all)
    own = [one for one in held if (not keys.sources or one.source in keys.sources) and one.source not in for_all]
    shared = [one for one in held if one.source in for_all]
    if keys.split is None:
        if not own and not shared:
            found.empty.append(name)
        yield "", name, [*own, *shared], texts, keys
        return
    groups: dict[str, list[Held]] = {}
    for one in own:
        for value in one.values.get(keys.split, ()):
            groups.setdefault(value, []).append(one)
    without = [one for one in own if not one.values.get(keys.split)]
    if without:
        found.without[name] = without
    if not groups:
        found.empty.append(name)
    for value in sorted(groups):
        yield keys.split, value, [*groups[value], *shared], texts, keys


def _named(files: Sequence[tuple[str, str, str, list[Held], Texts, CalendarKeys]]) -> list[Part]:
    """Give each calendar its name and its file: safe, and no two alike."""
    parts = []
    taken: set[str] = set()
    by_kind: dict[str, list[tuple[str, str, list[Held], Texts, CalendarKeys]]] = {}
    for name, *rest in files:
        by_kind.setdefault(name, []).append(tuple(rest))  # type: ignore[arg-type]
    for name, several in by_kind.items():
        safe = file_names([whom for _, whom, *_ in several], empty=name)
        for kind, whom, held, texts, keys in several:
            folder = file_names([name], empty="calendar")[name]
            usual = f"{folder}/{{{kind}}}.ics" if kind else f"{folder}.ics"
            file = _free((keys.file or usual).replace("\\", "/").replace(f"{{{kind}}}", safe[whom]), taken)
            title = Pattern(keys.name).fill({kind: whom}) if keys.name else whom
            parts.append(Part(file, kind, whom if kind else "", title, held, texts))
    return parts


def _free(file: str, taken: set[str]) -> str:
    """Return a file's name, with a number where another calendar has it already."""
    stem, number = file.removesuffix(".ics"), 1
    while file.casefold() in taken:
        number += 1
        file = f"{stem} ({number}).ics"
    taken.add(file.casefold())
    return file
