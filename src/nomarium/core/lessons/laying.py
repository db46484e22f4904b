"""Lessons in order, and the meetings of a class → which lesson is in which meeting.

The rules, in full: docs/lessons.md.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date

from nomarium.core.lessons.sheet import HALVES, Lesson


@dataclass(frozen=True, slots=True)
class Meeting:
    """A meeting that lessons can be laid on."""

    day: date
    room: int = HALVES
    """How much goes into it, in half meetings."""
    terms: frozenset[str] = frozenset()
    """The terms that it lies in, in small letters, the year's parts and theirs."""


@dataclass(frozen=True, slots=True)
class LayingRules:
    """From where lessons are laid."""

    start: date | None = None
    """The first day."""


@dataclass(frozen=True, slots=True)
class Laid:
    """A lesson, or a part of a long one, in a meeting: both by their places."""

    lesson: int
    meeting: int
    part: int = 1
    parts: int = 1


@dataclass(slots=True)
class Laying:
    """What came of laying a list."""

    laid: list[Laid] = field(default_factory=list)
    """In the order of the meetings."""
    left: list[int] = field(default_factory=list)
    """The lessons for which no meeting is left."""
    without_meeting: list[int] = field(default_factory=list)
    """Those whose day has no meeting with room: they flow with the others."""
    late: list[int] = field(default_factory=list)
    """Those that are done later than they must be."""
    skipped: list[tuple[int, int]] = field(default_factory=list)
    """(lesson, meetings left free before it since it may not be earlier)."""
    free: int = 0
    """Meetings behind the last lesson."""


def lay(lessons: Sequence[Lesson], meetings: Sequence[Meeting], rules: LayingRules = LayingRules()) -> Laying:
    """Lay lessons, in their order, onto meetings, in the order of their times."""
    return _Layer(lessons, meetings, rules).laid()


class _Layer:
    """Lays one list onto the meetings of one class."""

    def __init__(self, lessons: Sequence[Lesson], meetings: Sequence[Meeting], rules: LayingRules) -> None:
        self._lessons = lessons
        self._meetings = meetings
        self._room = [0 if rules.start and one.day < rules.start else one.room for one in meetings]
        self._whole = list(self._room)
        self._places: dict[int, list[int]] = {}
        self._found = Laying()

    def laid(self) -> Laying:
        """Fix the pinned lessons, then let the others flow around them."""
        if self._is_plain():
            self._lay_one_by_one()
            return self._found
        pinned = {
            number for number, lesson in enumerate(self._lessons) if lesson.is_pinned and self._pin(number, lesson)
        }
        at = 0
        for number, lesson in enumerate(self._lessons):
            if number not in pinned:
                at = self._flow(number, lesson, at)
        self._found.laid = sorted(
            (
                Laid(number, meeting, part, len(places))
                for number, places in self._places.items()
                for part, meeting in enumerate(places, 1)
            ),
            key=lambda one: (one.meeting, one.lesson),
        )
        last = max((one.meeting for one in self._found.laid), default=-1)
        self._found.free = sum(room > 0 for room in self._whole[last + 1 :])
        self._found.late = [
            number
            for number, places in self._places.items()
            if (by := self._lessons[number].by) and self._meetings[places[-1]].day > by
        ]
        self._found.late.sort()
        return self._found

    def _is_plain(self) -> bool:
        """Tell whether all lessons take a meeting, on any day, and all meetings have room for one."""
        one_each = all(one.room == HALVES for one in self._meetings)
        return one_each and all(lesson.is_plain for lesson in self._lessons)

    def _lay_one_by_one(self) -> None:
        open_ = [place for place, room in enumerate(self._room) if room]
        self._found.laid = [
            Laid(number, place) for number, place in zip(range(len(self._lessons)), open_, strict=False)
        ]
        self._found.left = list(range(len(open_), len(self._lessons)))
        self._found.free = max(0, len(open_) - len(self._lessons))

    def _pin(self, number: int, lesson: Lesson) -> bool:
        """Put a pinned lesson to its day; tell whether that has a meeting with room."""
        if lesson.on is not None:
            at = next((place for place, one in enumerate(self._meetings) if one.day >= lesson.on), len(self._meetings))
            places = self._filled(at, lesson)
            if places and self._meetings[places[0]].day == lesson.on:
                self._take(number, lesson, places)
                return True
        elif lesson.last_before is not None:
            before = [place for place, one in enumerate(self._meetings) if one.day < lesson.last_before]
            for at in reversed(before):
                places = self._filled(at, lesson)
                if places and places[-1] in before:
                    self._take(number, lesson, places)
                    return True
        self._found.without_meeting.append(number)
        return False

    def _flow(self, number: int, lesson: Lesson, at: int) -> int:
        """Put a lesson to the first meeting with room from one on; return where the next one may be."""
        first = at
        while at < len(self._meetings) and not self._may_be(lesson, at):
            at += 1
        places = self._filled(at, lesson)
        if not places or not all(self._in_term(lesson, place) for place in places):
            self._found.left.append(number)
            return first
        skipped = sum(self._room[place] == self._whole[place] > 0 for place in range(first, places[0]))
        if skipped and lesson.not_before is not None:
            self._found.skipped.append((number, skipped))
        self._take(number, lesson, places)
        return places[-1]

    def _may_be(self, lesson: Lesson, at: int) -> bool:
        early = lesson.not_before is not None and self._meetings[at].day < lesson.not_before
        return not early and self._in_term(lesson, at)

    def _in_term(self, lesson: Lesson, at: int) -> bool:
        return not lesson.term or lesson.term.casefold() in self._meetings[at].terms

    def _filled(self, at: int, lesson: Lesson) -> list[int]:
        """Return the meetings that a lesson takes from one on, each with room for what is left of it; none, too few."""
        left, places = lesson.halves, []
        while left > 0:
            while at < len(self._room) and (self._whole[at] == 0 or self._room[at] < min(left, self._whole[at])):
                at += 1
            if at == len(self._room):
                return []
            places.append(at)
            left -= self._room[at]
            at += 1
        return places

    def _take(self, number: int, lesson: Lesson, places: list[int]) -> None:
        left = lesson.halves
        for place in places:
            taken = min(left, self._room[place])
            self._room[place] -= taken
            left -= taken
        self._places[number] = places
