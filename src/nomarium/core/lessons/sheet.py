"""A list of lessons → Lessons, in their order."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date
from functools import cache
from itertools import pairwise

from nomarium.core.kinds import LESSON_SHEET
from nomarium.core.lessons import wording
from nomarium.core.problems import Place, Problem
from nomarium.core.sheets import Sheet, SheetChoices, note_unused, read_sheet, says_when
from nomarium.core.tables import Grid, plain_text
from nomarium.core.values import Fault, split_list
from nomarium.lazily import regex

HALVES = 2
"""Half meetings in a meeting: what lengths are counted in."""
LONGEST = 40
"""Meetings that one lesson may take."""
LESSON_TEXTS = ("unit", "text", "homework", "material", "link", "teacher_notes")
"""What is said of a lesson beside its title."""
_HALF = regex(r"half|halves|½|1/2|0?[.,]50?|halbe?|demi|demie|media|medio|mezza|meia|halve|halv|halvt", re.IGNORECASE)
_NUMBER = regex(
    r"(\d{1,3})(?:[.,](\d))?\s*(?:x|meetings?|lessons?|periods?|sessions?|h|hours?|std\.?|stunden?)?", re.IGNORECASE
)
_DOUBLE = regex(r"double|doppelstunde|double lesson|doble|doppia|dubbel|dobbelt", re.IGNORECASE)
_ORDER = regex(r"\D{0,12}?(\d{1,4})(?:[.\-](\d{1,4}))?\D{0,3}")


@dataclass(frozen=True, slots=True)
class Lesson:
    """One lesson of a list."""

    title: str
    classes: tuple[str, ...] = ()
    """Whom it is for; none where the list or the plan says it."""
    course: str = ""
    """The course of the class that it is for, where a column says both."""
    number: str = ""
    """Its place in the order, as it is written."""
    halves: int = HALVES
    """How long it is, in half meetings."""
    on: date | None = None
    not_before: date | None = None
    by: date | None = None
    last_before: date | None = None
    term: str = ""
    said: dict[str, str] = field(default_factory=dict)
    """What else is said of it, by LESSON_TEXTS."""
    place: Place = field(default=Place(""), compare=False)

    @property
    def is_pinned(self) -> bool:
        """Whether its day is fixed."""
        return self.on is not None or self.last_before is not None

    @property
    def is_plain(self) -> bool:
        """Whether it takes one meeting, whichever comes next."""
        return self.halves == HALVES and not (self.on or self.last_before or self.not_before or self.by or self.term)


def read_lessons(grid: Grid, choices: SheetChoices) -> tuple[list[Lesson], Sheet | None, list[Problem]]:
    """Read a list of lessons, its rows as they stand. Raises DataRefused where it has no titles of lessons."""
    sheet, problems = read_sheet(grid, LESSON_SHEET, choices)
    if sheet is None or not sheet.is_sound:
        return [], sheet, problems
    rows = _Rows(sheet, problems)
    return [lesson for record in range(len(sheet)) if (lesson := rows.lesson(record)) is not None], sheet, problems


class _Rows:
    """The rows of a list of lessons: each column is read once."""

    def __init__(self, sheet: Sheet, problems: list[Problem]) -> None:
        self._sheet = sheet
        self._problems = problems
        self._plain = {name: sheet.texts(name) for name in ("lesson", "class", "course", "number", "length", "term")}
        self._whole = {name: _whole_texts(sheet, name) for name in LESSON_TEXTS if sheet.has(name)}
        self._dates = [name for name in ("on", "not_before", "by", "last_before") if name in sheet.moments]

    def lesson(self, record: int) -> Lesson | None:
        """Return the lesson of a row; None, with a problem where something is wrong, for a row without one."""
        before = len(self._problems)
        title = self._plain["lesson"][record]
        said = {name: texts[record] for name, texts in self._whole.items() if texts[record]}
        if not title:
            number = self._plain["number"][record]
            if said:
                self._problems.append(wording.no_title(self._sheet.place(record)))
            elif says_when(number):
                self._problems.append(note_unused(self._sheet.place(record, "number"), number))
            return None
        dates = {name: day_of(self._sheet, record, name, self._problems) for name in self._dates}
        if dates.get("on") and dates.get("last_before"):
            self._problems.append(wording.two_pins(self._sheet.place(record, "last_before")))
        text = self._plain["length"][record]
        halves = length_in_halves(text)
        if halves is None:
            self._problems.append(wording.unknown_length(self._sheet.place(record, "length"), text))
        if len(self._problems) > before:
            return None
        whose, course = self._plain["class"][record], self._plain["course"][record]
        return Lesson(
            title,
            _classes(whose or course),
            course if whose else "",
            self._plain["number"][record],
            halves or HALVES,
            term=self._plain["term"][record],
            said=said,
            place=self._sheet.place(record),
            **dates,
        )


_classes = cache(split_list)


def _whole_texts(sheet: Sheet, name: str) -> list[str]:
    """Return what the cells of a field say, their lines kept."""
    column = sheet.matches.column(name)
    if column is None:
        return list(sheet.texts(name))
    known = {cell: _lines(plain_text(cell)) for cell in column.distinct}
    return [known[cell] for cell in column.cells]


def _lines(text: str) -> str:
    if text.isprintable() and "  " not in text:
        return text.strip()
    return "\n".join(" ".join(line.split()) for line in text.splitlines()).strip()


def day_of(sheet: Sheet, record: int, name: str, problems: list[Problem]) -> date | None:
    """Return the day that a cell says; None for an empty one, and with a problem for any other."""
    cell = sheet.cell(record, name)
    if cell == "" or name not in sheet.moments:
        return None
    moment = sheet.moments[name].moments[cell]
    if isinstance(moment, Fault):
        problems.append(moment.at(sheet.place(record, name)))
        return None
    if moment.first is None or moment.last is not None:
        problems.append(wording.not_one_day(sheet.place(record, name), plain_text(cell)))
    return moment.first


@cache
def length_in_halves(text: str) -> int | None:
    """Return how long a lesson is, in half meetings; None where the text says no length."""
    plain = " ".join(text.split())
    if not plain:
        return HALVES
    if _HALF.fullmatch(plain):
        return 1
    if _DOUBLE.fullmatch(plain):
        return 2 * HALVES
    found = _NUMBER.fullmatch(plain)
    if found is None or found[2] not in (None, "0", "5"):
        return None
    halves = int(found[1]) * HALVES + (found[2] == "5")
    return halves if 0 < halves <= LONGEST * HALVES else None


def in_order(lessons: Sequence[Lesson]) -> tuple[list[Lesson], list[Problem]]:
    """Return the lessons of one list in their order: by their numbers where all have one, else as they stand.

    Numbers that lack or stand twice are told.
    """
    numbers = [_order(lesson.number) for lesson in lessons]
    known = [number for number in numbers if number is not None]
    if not known:
        return list(lessons), []
    if len(known) < len(lessons):
        first = next(lesson for lesson, number in zip(lessons, numbers, strict=True) if number is None)
        return list(lessons), [wording.not_all_numbered(first.place, first.title)]
    ordered = sorted(range(len(lessons)), key=lambda place: known[place])
    problems = []
    for one, other in pairwise(ordered):
        if known[one] == known[other]:
            problems.append(wording.number_twice(lessons[other].place, lessons[other].number, lessons[one].place))
        elif known[one][1] == known[other][1] == 0 and known[other][0] - known[one][0] > 1:
            problems.append(wording.numbers_lack(lessons[other].place, known[one][0] + 1, known[other][0] - 1))
    return [lessons[place] for place in ordered], problems


def _order(text: str) -> tuple[int, int] | None:
    """Return the place in the order that a text says: "7", "Lesson 7", "3.2"; None for none."""
    found = _ORDER.fullmatch(text)
    return (int(found[1]), int(found[2] or 0)) if found else None
