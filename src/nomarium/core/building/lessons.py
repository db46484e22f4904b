"""Lists of lessons and notes of a plan → what each meeting says of what is taught in it."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date
from difflib import get_close_matches
from typing import TYPE_CHECKING

from nomarium.core.building import wording
from nomarium.core.building.lesson_texts import lesson_text
from nomarium.core.building.sheet_desk import LessonsRead, SheetDesk
from nomarium.core.calendars import stable_uuid
from nomarium.core.lessons import (
    HALVES,
    LESSON_TEXTS,
    Laid,
    LayingRules,
    Lesson,
    Meeting,
    Note,
    in_order,
    lay,
    read_lessons,
    read_notes,
)
from nomarium.core.lessons import wording as said
from nomarium.core.meetings import About, Held
from nomarium.core.problems import Place, Problem
from nomarium.core.sheets import known_in
from nomarium.core.sources import Series
from nomarium.core.values import counted

if TYPE_CHECKING:
    from nomarium.core.plan import LessonKeys
    from nomarium.core.year import SchoolYear

_WHOSE = ("class", "course", "student", "team", "code", "group", "teacher")
_Slot = tuple[int, int]
"""A meeting: the place of its slot among all, and its place among the dates of that."""


@dataclass(frozen=True, slots=True)
class LaidLesson:
    """A lesson in a meeting, as the history keeps it."""

    list: str
    whose: str
    title: str
    start: str
    """When the meeting is, as ISO 8601, local time."""


def read_lesson_sheets(desk: SheetDesk) -> LessonsRead:
    """Read the lists of lessons and the notes that a plan names."""
    read = LessonsRead()
    for name, keys in desk.plan.plan.lessons.items():
        found = read.lists[name] = []
        for stated in desk.sheets.of(keys.sheets, "lessons", name, "sheets"):
            choices = desk.choices(stated)
            for grid in desk.grids(choices):
                with desk.told():
                    lessons, sheet, problems = read_lessons(grid, choices)
                    desk.found.problems += problems
                    found += lessons
                    if sheet is not None:
                        desk.note_sheet(sheet, counted(len(lessons), "lesson"))
    for stated in desk.sheets.of(desk.plan.plan.classes.notes, "classes", "notes"):
        choices = desk.choices(stated)
        for grid in desk.grids(choices):
            with desk.told():
                notes, sheet, problems = read_notes(grid, choices)
                desk.found.problems += problems
                read.notes += notes
                if sheet is not None:
                    desk.note_sheet(sheet, counted(len(notes), "note"))
    return read


@dataclass(slots=True)
class Taught:
    """What a school's meetings are about."""

    held: list[Held]
    laid: list[LaidLesson] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)


def teach(
    held: Sequence[Held], read: LessonsRead, keys: Mapping[str, LessonKeys], year: SchoolYear | None, school: str
) -> Taught:
    """Lay all lists onto the meetings of their classes, and put notes to theirs."""
    return _Teaching(held, year, school).taught(read, keys)


class _Teaching:
    def __init__(self, held: Sequence[Held], year: SchoolYear | None, school: str) -> None:
        self._held = held
        self._year = year
        self._school = school
        self._says: dict[_Slot, list[About]] = {}
        self._of_name: dict[tuple[str, str], list[int]] = {}
        self._names: dict[str, str] = {}
        self._events: list[Held] = []
        self._found = Taught([])
        self._meetings: dict[tuple[date, int], Meeting] = {}
        self._starts: dict[int, tuple[date, str]] = {}

    def taught(self, read: LessonsRead, keys: Mapping[str, LessonKeys]) -> Taught:
        if any(read.lists.values()) or read.notes:
            self._gather()
        for name, lessons in read.lists.items():
            self._lay_list(name, lessons, keys[name])
        for note in read.notes:
            self._put_note(note)
        self._put_about()
        self._found.held = [*self._held, *self._events]
        return self._found

    def _gather(self) -> None:
        """Find the slots of each class, course, student and team."""
        for place, one in enumerate(self._held):
            said = {kind: one.of(kind) for kind in _WHOSE} | ({"event": (one.event.summary,)} if one.event else {})
            for kind, names in said.items():
                for name in dict.fromkeys(names):
                    self._names.setdefault(name.casefold(), name)
                    self._of_name.setdefault((kind, name.casefold()), []).append(place)

    def _slots_of(self, name: str) -> list[_Slot]:
        """Return the meetings of a class of that name; of a course, student and so on where no class has it."""
        kinds = (kind for kind in (*_WHOSE, "event") if (kind, name.casefold()) in self._of_name)
        kind = next(kinds, None)
        return self._in_time(self._of_name[kind, name.casefold()]) if kind else []

    def _in_time(self, places: Iterable[int]) -> list[_Slot]:
        """Return all meetings of some slots in the order of their times."""
        held = self._held
        ordered = sorted(
            (occurrence.start, place, number)
            for place in places
            for number, occurrence in enumerate(held[place].occurrences)
        )
        return [(place, number) for _, place, number in ordered]

    def _start(self, slot: _Slot) -> tuple[date, str]:
        """Return the day of a meeting, and its start as ISO 8601; meetings at one time mostly share what says so."""
        occurrence = self._held[slot[0]].occurrences[slot[1]]
        known = self._starts.get(id(occurrence))
        if known is None:
            known = self._starts[id(occurrence)] = occurrence.start.date(), occurrence.start.isoformat()
        return known

    def _lay_list(self, name: str, lessons: Sequence[Lesson], keys: LessonKeys) -> None:
        by_class: dict[tuple[str, str], list[Lesson]] = {}
        teller = _Teller(name, keys)
        for lesson in lessons:
            classes = lesson.classes or tuple(keys.classes) or self._named_by(name, lesson)
            for whose in classes:
                by_class.setdefault((whose, lesson.course), []).append(lesson)
            if not classes:
                self._found.problems.append(said.for_nobody(lesson.place, name))
                return
        for (written, course), own in by_class.items():
            whose = self._names.get(written.casefold(), written)
            slots = self._of_course(name, whose, course or keys.course or "", own[0])
            if slots is None:
                continue
            whose = f"{whose} {course}".strip()
            ordered, problems = in_order(own)
            self._found.problems += problems
            if keys.first:
                ordered = self._from_first(ordered, keys.first)
            if not slots:
                near = get_close_matches(whose, list(self._names.values()), 2)
                self._found.problems.append(said.no_meetings(own[0].place, whose, len(own), near))
            elif keys.again == "each term":
                for part in self._by_term(slots):
                    self._lay_class(teller, whose, ordered, part)
            else:
                self._lay_class(teller, whose, ordered, slots)

    def _named_by(self, name: str, lesson: Lesson) -> tuple[str, ...]:
        """Return the one class, else the one course, student or team that the names of a list, its tab or file have."""
        for kind in _WHOSE:
            named = self._names_in(kind, name, lesson)
            if named:
                return tuple(named) if len(named) == 1 else ()
        return ()

    def _names_in(self, kind: str, name: str, lesson: Lesson) -> list[str]:
        """Return the names of a kind that stand in the names of a list, its tab or its file as whole words."""
        known = {key: self._names[key] for of_kind, key in self._of_name if of_kind == kind}
        return known_in(f"{name} {lesson.place.sheet or ''} {lesson.place.file}", known)

    def _of_course(self, name: str, whose: str, course: str, lesson: Lesson) -> list[_Slot] | None:
        """Return the meetings of a class in which it has a course; None, with a problem, where several may be meant.

        Without one stated, it is that which the names of the list, its tab or its file have.
        """
        slots = self._slots_of(whose)
        courses = {one.casefold(): one for place, _ in slots for one in self._held[place].of("course") if one != whose}
        if not course and len(courses) > 1:
            named = [one for one in self._names_in("course", name, lesson) if one.casefold() in courses]
            if len(named) != 1:
                self._found.problems.append(said.several_courses(lesson.place, name, whose, sorted(courses.values())))
                return None
            course = named[0]
            self._found.problems.append(said.course_by_name(lesson.place, name, whose, course))
        if not course or course.casefold() == "all":
            return slots
        return [slot for slot in slots if course.casefold() in map(str.casefold, self._held[slot[0]].of("course"))]

    def _from_first(self, lessons: list[Lesson], first: str) -> list[Lesson]:
        places = [
            place
            for place, one in enumerate(lessons)
            if first.casefold() in (one.number.casefold(), one.title.casefold())
        ]
        if not places:
            self._found.problems.append(said.no_such_lesson(Place(lessons[0].place.file), first))
            return []
        return lessons[places[0] :]

    def _by_term(self, slots: Sequence[_Slot]) -> list[list[_Slot]]:
        found: dict[object, list[_Slot]] = {}
        for slot in slots:
            term = self._year.day(self._start(slot)[0]).term if self._year else None
            found.setdefault(term, []).append(slot)
        return list(found.values())

    def _lay_class(self, teller: _Teller, whose: str, lessons: Sequence[Lesson], slots: Sequence[_Slot]) -> None:
        keys = teller.keys
        meetings = [self._meeting(slot, keys) for slot in slots]
        laying = lay(lessons, meetings, LayingRules(keys.start))
        for one in laying.laid:
            self._teach(teller, whose, lessons[one.lesson], one, slots[one.meeting])
        from_start = [meeting for meeting in meetings if keys.start is None or meeting.day >= keys.start]
        tell = self._found.problems
        if laying.left:
            first, last = lessons[laying.left[0]].place, from_start[-1].day if from_start else None
            titles = [lessons[number].title for number in laying.left]
            tell.append(said.left_over(first, whose, len(lessons), len(from_start), last, titles))
        for number in laying.without_meeting:
            lesson = lessons[number]
            day = lesson.on or lesson.last_before
            if day is not None:
                tell.append(said.no_meeting_then(lesson.place, whose, lesson.title, day, before=lesson.on is None))
        for number in laying.late:
            by, places = lessons[number].by, [one.meeting for one in laying.laid if one.lesson == number]
            if by is not None:
                tell.append(
                    said.done_late(lessons[number].place, whose, lessons[number].title, by, meetings[places[-1]].day)
                )
        tell += [said.waits(lessons[n].place, whose, lessons[n].title, count) for n, count in laying.skipped]
        if laying.free and lessons and not laying.left:
            tell.append(said.meetings_free(lessons[-1].place, whose, laying.free, lessons[-1].title))

    def _meeting(self, slot: _Slot, keys: LessonKeys) -> Meeting:
        day = self._start(slot)[0]
        periods = max(1, len(self._held[slot[0]].periods)) if keys.doubles == "two" else 1
        known = self._meetings.get((day, periods))
        if known is None:
            terms = self._terms_of(day) if self._year else frozenset[str]()
            known = self._meetings[day, periods] = Meeting(day, HALVES * periods, terms)
        return known

    def _terms_of(self, day: date) -> frozenset[str]:
        term = self._year.day(day).term if self._year else None
        names = self._year.attendance.holding_terms(term) if term and self._year else frozenset[str]()
        return frozenset(one.casefold() for one in (*names, *((term.name,) if term else ())))

    def _teach(self, teller: _Teller, whose: str, lesson: Lesson, laid: Laid, slot: _Slot) -> None:
        """Note what a meeting is about, in its own words or as an event beside it."""
        title, about = teller.about(lesson, laid)
        if teller.keys.show != "as events":
            self._says.setdefault(slot, []).append(about)
        if teller.keys.show != "in meetings":
            self._events.append(self._as_event(teller.name, whose, lesson, laid, slot))
        self._found.laid.append(LaidLesson(teller.name, whose, title, self._start(slot)[1]))

    def _as_event(self, name: str, whose: str, lesson: Lesson, laid: Laid, slot: _Slot) -> Held:
        """Return a lesson as an event of its own."""
        held = self._held[slot[0]]
        occurrence = held.occurrences[slot[1]]
        known_by = (self._school, "lesson", name, whose, lesson.number or lesson.title, str(laid.part))
        event = Series(
            f"{whose}: {_title_of(lesson, laid)}",
            (occurrence,),
            ", ".join(held.of("room")),
            lesson_text(lesson.said),
            origin=lesson.place,
        )
        own = {**held.values, "lesson": (lesson.title,)}
        uid = stable_uuid("\x1f".join(known_by))
        return Held(name, own, [occurrence], place=lesson.place, event=event, uids=(uid,))

    def _put_note(self, note: Note) -> None:
        slots = [slot for name in note.whose for slot in self._slots_of(name)]
        slots = slots if note.whose else self._in_time(range(len(self._held)))
        found = False
        for slot in dict.fromkeys(slots):
            same_period = not note.periods or set(note.periods) & set(self._held[slot[0]].periods)
            if self._start(slot)[0] == note.day and same_period:
                self._says.setdefault(slot, []).append({"note": note.text})
                found = True
        if not found:
            self._found.problems.append(said.note_without_meeting(note.place, note.day, ", ".join(note.whose)))

    def _put_about(self) -> None:
        """Let each meeting of which something is said know it."""
        by_place: dict[int, dict[int, About]] = {}
        for (place, number), several in self._says.items():
            by_place.setdefault(place, {})[number] = several[0] if len(several) == 1 else _together(several)
        for place, about in by_place.items():
            self._held[place].about = about


class _Teller:
    """What a list says of its lessons: each is put into words once, however many classes have it."""

    def __init__(self, name: str, keys: LessonKeys) -> None:
        self.name = name
        self.keys = keys
        self._known: dict[tuple[int, int, int], tuple[str, About]] = {}

    def about(self, lesson: Lesson, laid: Laid) -> tuple[str, About]:
        """Return a lesson's title, its part in it, and what a meeting says of it."""
        key = (id(lesson), laid.part, laid.parts)
        known = self._known.get(key)
        if known is None:
            part = f"{laid.part}/{laid.parts}" if laid.parts > 1 else ""
            said_of = {"lesson": lesson.title, "lesson_number": lesson.number, "part": part, **lesson.said}
            about = {name: text for name, text in said_of.items() if text}
            known = self._known[key] = _title_of(lesson, laid), about
        return known


def _title_of(lesson: Lesson, laid: Laid) -> str:
    return f"{lesson.title} ({laid.part}/{laid.parts})" if laid.parts > 1 else lesson.title


def _together(several: Iterable[About]) -> About:
    """Return what a meeting is about of which more than one thing is said, each once."""
    found: dict[str, list[str]] = {}
    for about in several:
        for name, text in about.items():
            if name == "note" or text not in found.get(name, ()):
                found.setdefault(name, []).append(text)
    return {name: _JOIN.get(name, " / ").join(texts) for name, texts in found.items()}


_JOIN = dict.fromkeys((*LESSON_TEXTS, "note"), "\n")


def moves_of_lessons(before: Iterable[LaidLesson], now: Iterable[LaidLesson]) -> list[str]:
    """Return what has changed in words a teacher would use: "Tides moves from Tue 12 to Thu 14 Jan, and 9 after it"."""
    return wording.lesson_moves(_by_class(before), _by_class(now))


def _by_class(laid: Iterable[LaidLesson]) -> dict[tuple[str, str], dict[str, list[str]]]:
    """Return the starts of each lesson, by list and class."""
    found: dict[tuple[str, str], dict[str, list[str]]] = {}
    for one in laid:
        found.setdefault((one.list, one.whose), {}).setdefault(one.title, []).append(one.start)
    return found
