"""The calendars that a plan names → which meetings and events each holds, and what they say there."""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from functools import cache, cached_property
from itertools import groupby, product
from typing import TYPE_CHECKING

from nomarium.core.building import wording
from nomarium.core.building.lesson_texts import LESSON_FIELDS, lesson_text
from nomarium.core.building.patterns import DATE_NAMES, SLOT_NAMES, Pattern
from nomarium.core.calendars import Calendar, file_names
from nomarium.core.columns import heading_key
from nomarium.core.meetings import About, Held
from nomarium.core.plan import CalendarKeys, PlanFile
from nomarium.core.problems import Problem, WrongCall
from nomarium.core.sheets import known_in
from nomarium.core.sources import Occurrence, Series
from nomarium.core.timetable import WHO_FIELDS
from nomarium.core.values import WEEKDAY_NAMES, clock_words, read_status, split_list
from nomarium.lazily import regex
from nomarium.settings import SETTINGS

if TYPE_CHECKING:
    from nomarium.core.year import SchoolYear

_NAME = regex(r"[^\W\d_]{3}")
"""What a line of a grid is called is worth telling where it is a word: “Lunch”, and not “1”."""
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
    by: Mapping[str, str] = field(default_factory=dict)
    """The values that it was split by, by their fields."""

    def calendar(self, stamp_of: Callable[[str], str] | str | None = None) -> Calendar:
        """Put the calendar together: its events with their UIDs and stamps, one for all or each by its UID.

        They stand in the order of time, those of one time in the order of their titles, whatever sheets they come from.
        """
        made = sorted(
            (one for held in self.held for one in self.texts.series(held)),
            key=lambda one: (one[0].occurrences[0].start, one[0].summary),
        )
        uids = [uid for _, names in made for uid in names]
        return Calendar(
            self.name,
            [series for series, _ in made],
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
        self._categories = Pattern(keys.categories) if keys.categories else None
        self._color = Pattern(keys.color) if keys.color else None
        self._status = Pattern(keys.status) if keys.status else None
        self._reminders = tuple(_length(text) for text in keys.reminders)
        self._visibility = _VISIBILITY.get(keys.visibility or "", "")
        self._busy = (keys.busy or "").upper()
        self._for_teachers = "teacher" in keys.split
        self._lesson_texts: dict[int, tuple[About, str]] = {}
        self._known: dict[int, tuple[Held, list[tuple[Series, list[str]]]]] = {}

    @cached_property
    def patterns(self) -> list[Pattern]:
        """The patterns that were stated."""
        texts = (self.title, self.location, self.description, self._categories, self._color, self._status)
        return [pattern for pattern in texts if pattern is not None]

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
            event = held.event if held.edited else self._as_stated(held.event)
            yield from _about_lessons(event, held.about, uids)
            return
        values = {name: ", ".join(several) for name, several in held.values.items()}
        values |= {"day": held.day.name, "period": "–".join(held.periods or held.called)}
        about = held.about
        alike = [place for place in range(len(uids)) if place not in about]
        if any(pattern.by_date for pattern in self.patterns):
            for place in (*alike, *sorted(about)):
                occurrence = held.occurrences[place]
                own = about.get(place, {})
                dated = {**values, **self._of_date(occurrence), **own}
                yield self._meeting(held, (occurrence,), dated, own), [uids[place]]
            return
        plain = self._meeting(held, tuple(held.occurrences[place] for place in alike), values)
        if alike:
            yield plain, [uids[place] for place in alike]
        for place in sorted(about):
            yield self._lesson(held, held.occurrences[place], values, about[place], plain), [uids[place]]

    def _as_stated(self, event: Series) -> Series:
        return replace(
            event,
            reminders=self._reminders or event.reminders,
            visibility=self._visibility or event.visibility,
            busy=self._busy or event.busy,
        )

    def _meeting(
        self, held: Held, occurrences: tuple[Occurrence, ...], values: Mapping[str, str], about: About | None = None
    ) -> Series:
        return Series(
            self._title(held, values),
            occurrences,
            self.location.fill(values),
            self._description(held, values, self._lesson_text(about) if about else ""),
            split_list(self._categories.fill(values)) if self._categories else (),
            status=read_status(self._status.fill(values)) or "" if self._status else "",
            extra=self._extra(values),
            visibility=self._visibility,
            busy=self._busy,
            reminders=self._reminders,
            origin=held.place,
        )

    def _lesson(
        self, held: Held, occurrence: Occurrence, values: Mapping[str, str], about: About, plain: Series
    ) -> Series:
        """Return a meeting that has a lesson, beside what others of its slot say."""
        values = {**values, **about}
        if self._lessons_anywhere:
            return self._meeting(held, (occurrence,), values, about)
        return Series(
            self._title(held, values),
            (occurrence,),
            plain.location,
            self._description(held, values, self._lesson_text(about)),
            plain.categories,
            status=plain.status,
            extra=plain.extra,
            visibility=plain.visibility,
            busy=plain.busy,
            reminders=plain.reminders,
            origin=plain.origin,
        )

    @cached_property
    def _lessons_anywhere(self) -> bool:
        """Whether more than title and text hang on what a meeting is about."""
        others = [self.location, self._categories, self._color, self._status]
        return any(name.casefold() in LESSON_FIELDS for one in others if one is not None for name in one.names)

    def _extra(self, values: Mapping[str, str]) -> tuple[str, ...]:
        """Return the line of a colour (RFC 7986, 5.9): a name of CSS; other words are no colour."""
        color = self._color.fill(values).strip().lower() if self._color else ""
        return (f"COLOR:{color}",) if color.isascii() and color.isalpha() else ()

    def _title(self, held: Held, values: Mapping[str, str]) -> str:
        title = values.get("prefix", "") + self._bare_title(held, values)
        lesson = values.get("lesson", "") if self.title is None else ""
        part = f" ({values['part']})" if lesson and values.get("part") else ""
        return f"{title}: {lesson}{part}" if lesson else title

    def _bare_title(self, held: Held, values: Mapping[str, str]) -> str:
        if self.title is not None:
            return self.title.fill(values) or held.class_name
        course, class_name = values.get("course", ""), values.get("class", "")
        if not course or not class_name or course.casefold() == class_name.casefold():
            named = course or class_name or held.class_name
            group = values.get("group", "")
            return f"{named} ({group})" if group and not _names(named, group) else named
        return f"{course} ({class_name})"

    def _lesson_text(self, about: About) -> str:
        """Return what the text of a meeting says of its lesson: one that classes share is put into words once."""
        known = self._lesson_texts.get(id(about))
        if known is None:  # it is kept with its words: as long as it is there, no other has its id
            known = self._lesson_texts[id(about)] = about, lesson_text(about, for_teacher=self._for_teachers)
        return known[1]

    def _description(self, held: Held, values: Mapping[str, str], about: str = "") -> str:
        if self.description is not None:
            return self.description.fill(values)
        period = f"period {values['period']}" if held.periods else ", ".join(filter(_NAME.search, held.called))
        day = f"Day {held.day.label}" if held.day.label else ""
        slot = ", ".join(filter(None, (day, period)))
        return "\n".join(filter(None, (slot[:1].upper() + slot[1:], values.get("description", ""), about)))

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


@cache
def _names(title: str, group: str) -> bool:
    """Tell whether a title has the words of a group in it, as words: "1" is none of "ENV101"."""
    return bool(known_in(title, {group.casefold(): group}))


def _about_lessons(event: Series, about: Mapping[int, About], uids: list[str]) -> Iterator[tuple[Series, list[str]]]:
    """Yield an event of a source, those of its occurrences that have a lesson apart."""
    alike = [place for place in range(len(uids)) if place not in about]
    if not about:
        yield event, uids
    elif alike:
        yield (
            replace(event, occurrences=tuple(event.occurrences[place] for place in alike)),
            [uids[place] for place in alike],
        )
    for place, says in sorted(about.items()):
        lesson = says.get("lesson", "")
        text = "\n".join(filter(None, (event.description, lesson_text(says))))
        title = f"{event.summary}: {lesson}" if lesson else event.summary
        one = replace(event, summary=title, description=text, occurrences=(event.occurrences[place],))
        yield one, [uids[place]]


def _length(text: str) -> timedelta:
    length: timedelta = SETTINGS["length"].parse(text)
    return length


@dataclass(slots=True)
class Calendars:
    """All calendars of a plan, and what is wrong with what it says of them."""

    parts: list[Part] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    without: dict[str, list[Held]] = field(default_factory=dict)
    """Meetings that a split has no calendar for, by the kind of calendar."""
    empty: list[str] = field(default_factory=list)
    """Kinds of calendars that hold nothing."""


_Made = tuple[str, dict[str, str], list[Held], Texts, CalendarKeys]
"""(the kind's name, the values that it was split by, what it holds, its texts, its keys) of one calendar."""


def plan_calendars(plan: PlanFile, held: Sequence[Held], year: SchoolYear | None) -> Calendars:
    """Return the calendars of a plan; without any in the plan, one of everything, by the school's name."""
    keys = plan.plan.calendars or {plan.plan.school.name: CalendarKeys()}
    found = Calendars()
    known = {name for one in held for name in one.values}
    made: list[_Made] = []
    for name, one in keys.items():
        texts = Texts(one, year)
        problems = _wrong(plan, name, one, known)
        found.problems += problems
        if not problems:
            made += _parts(name, one, held, texts, found)
    found.parts = _named(made)
    return found


def _wrong(plan: PlanFile, name: str, keys: CalendarKeys, known: set[str]) -> list[Problem]:
    """Return what is wrong with the keys of a calendar."""
    problems = []
    known_sources = [*plan.plan.sources, *plan.plan.lessons]
    for key in ("sources", "for_all"):
        for source in getattr(keys, key):
            if source not in known_sources:
                place = plan.place("calendars", name, key)
                problems.append(wording.unknown_name(place, source, "source", known_sources))
    for split in keys.split if known else ():
        if _key_in(split, known) is None:
            problems.append(wording.unknown_split(plan.place("calendars", name, "split"), split, known))
    fields = {*known, *SLOT_NAMES, *DATE_NAMES, *WHO_FIELDS, "title", "description", "code", "person"}
    fields |= {*LESSON_FIELDS} if plan.plan.lessons or plan.plan.classes.notes else set()
    for key in ("title", "location", "description", "categories", "color", "status"):
        problems += _unfilled(plan, name, key, getattr(keys, key), fields if known else None)
    for key in ("file", "name"):
        problems += _unfilled(plan, name, key, getattr(keys, key), set(keys.split))
    lacking = [split for split in keys.split if keys.file and f"{{{split}}}" not in keys.file]
    if lacking and keys.file:
        problems.append(wording.file_without_split(plan.place("calendars", name, "file"), keys.file, lacking[0]))
    return problems


def _key_in(name: str, known: Collection[str]) -> str | None:
    """Return the key by which values are known: a field, or a heading in any spelling."""
    return next((key for key in (name, name.casefold(), heading_key(name)) if key in known), None)


def _unfilled(plan: PlanFile, name: str, key: str, text: str | None, known: set[str] | None) -> list[Problem]:
    if not text or known is None:
        return []
    try:
        Pattern(text).check(known)
    except WrongCall as wrong:
        return [wording.unfilled(plan.place("calendars", name, key), wrong)]
    return []


def _parts(name: str, keys: CalendarKeys, held: Sequence[Held], texts: Texts, found: Calendars) -> Iterator[_Made]:
    """Yield each calendar of one kind: one of all, or one for each value of what it is split by."""
    for_all = set(keys.for_all)
    own = [one for one in held if (not keys.sources or one.source in keys.sources) and one.source not in for_all]
    shared = [one for one in held if one.source in for_all]
    if not keys.split:
        if not own and not shared:
            found.empty.append(name)
        yield name, {}, [*own, *shared], texts, keys
        return
    groups: dict[tuple[str, ...], list[Held]] = {}
    without = []
    for one in own:
        values = [one.values.get(_key_in(split, one.values) or "", ()) for split in keys.split]
        for chosen in product(*values):
            groups.setdefault(chosen, []).append(one)
        if not all(values):
            without.append(one)
    if without:
        found.without[name] = without
    if not groups:
        found.empty.append(name)
    for chosen in sorted(groups):
        yield name, dict(zip(keys.split, chosen, strict=True)), [*groups[chosen], *shared], texts, keys


def _named(made: Sequence[_Made]) -> list[Part]:
    """Give each calendar its name and its file: safe, and no two alike."""
    parts = []
    taken: set[str] = set()
    for name, several in groupby(made, key=lambda one: one[0]):
        calendars = list(several)
        folder = file_names([name], empty="calendar")[name]
        splits = list(calendars[0][1])
        safe = {split: file_names(dict.fromkeys(by[split] for _, by, *_ in calendars), empty=name) for split in splits}
        for _, by, held, texts, keys in calendars:
            usual = "/".join([folder, *(f"{{{split}}}" for split in splits)]) + ".ics"
            file = (keys.file or usual).replace("\\", "/")
            for split, value in by.items():
                file = file.replace(f"{{{split}}}", safe[split][value])
            whom = ", ".join(by.values())
            title = Pattern(keys.name).fill(by) if keys.name else whom or name
            parts.append(Part(_free(file, taken), ", ".join(splits), whom, title, held, texts, by))
    return parts


def _free(file: str, taken: set[str]) -> str:
    """Return a file's name, with a number where another calendar has it already."""
    stem, number = file.removesuffix(".ics"), 1
    while file.casefold() in taken:
        number += 1
        file = f"{stem} ({number}).ics"
    taken.add(file.casefold())
    return file
