"""A sheet on which names and days cross → a list, a row for each entry of a cell, every cell at its own address."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection, Iterator
from dataclasses import dataclass, field, replace

from nomarium.core.columns import Headings, Kind
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.problems import Problem
from nomarium.core.shapes import wording
from nomarium.core.shapes.cell_texts import Said, codes_in, is_free, read_cell
from nomarium.core.shapes.crossing import Crossing, Row
from nomarium.core.shapes.hours import span_in
from nomarium.core.shapes.key import Key, Meaning, meanings_in
from nomarium.core.tables import Cell, Grid, Spot, is_data
from nomarium.core.values import weekday_in_any

_OF_EVENTS = {"teacher": "Person", "room": "Location", "student": "Person"}
_OF_MEETINGS = {"teacher": "Teacher", "room": "Room", "student": "Student"}
_Filled = tuple[Cell, Spot]


@dataclass(slots=True)
class Unfolded:
    """What came of it: the list, its kind, by which heading the names go, and what is wrong."""

    grid: Grid
    kind: Kind
    whose: str
    """The heading of the column that calendars can be split by."""
    why: str
    problems: list[Problem] = field(default_factory=list)
    free: int = 0
    """The cells that say that nothing is on."""


def unfold(found: Crossing, key: Key | None = None, rooms: Collection[str] = ()) -> Unfolded:
    """Return a crossing as a list: of events where its days are dates, else of meetings.

    ``key`` explains the codes in its cells, together with the lines around it; without one, codes stand for
    themselves. ``rooms`` are known places.
    """
    by = Key(dict(key.meanings)) if key else Key({code: Meaning(code, code) for code in found.codes()})
    for meaning, place in found.own_key():
        by.add(meaning, place)
    return _Unfolding(found, by, rooms).unfolded()


class _Unfolding:
    def __init__(self, found: Crossing, key: Key, rooms: Collection[str]) -> None:
        self._found = found
        self._key = key
        self._rooms = rooms
        self._turned_around = found.people_in_cells()
        self._role = found.role()
        self._kind = Kind.EVENTS if found.dated else Kind.LIST
        self._unexplained: Counter[str] = Counter()
        self._free = 0

    def unfolded(self) -> Unfolded:
        """Return the list."""
        found = self._found
        headings = self._headings()
        rows = list(self._rows())
        grid = found.view.grid
        start = found.spot(found.axes[0].row, found.leads[0])
        list_of = replace(
            grid,
            rows=[headings, *([cell for cell, _ in row] for row in rows)],
            origins=[[start] * len(headings), *([spot for _, spot in row] for row in rows)],
            merged=[],
            typed=True,
        )
        return Unfolded(list_of, self._kind, self._whose(), self._why(), list(self._problems()), self._free)

    def _whose(self) -> str:
        if self._turned_around:
            return "Person" if self._found.dated else "Teacher"
        if self._found.dated:
            return _OF_EVENTS.get(self._role, "Group")
        return _OF_MEETINGS.get(self._role, "Class")

    def _headings(self) -> list[Cell]:
        """Return the headings of the list: who, more of a line and of a day, the day, what, when, where."""
        found, known = self._found, Headings(EVENT_SHEET if self._found.dated else TIMETABLE_SHEET)
        taken = {"start_date", "day", "summary", "class", "course", "hours", "weekday", known(self._whose())}
        more: list[Cell] = []
        for number, lead in enumerate(found.leads[1:], 2):
            heading = found.heading(lead) or f"Column {number}"
            more.append(f"{heading} (line)" if known(heading) in taken else heading)
        what = ["Title"] if found.dated else ["Class", "Course"] if self._whose() != "Class" else ["Course"]
        return [
            self._whose(),
            *more,
            *found.about_days.values(),
            *(["Date", "Weekday"] if found.dated else ["Day"]),
            *what,
            "Shift hours" if found.codes() else "Hours",
            "Place" if self._whose() not in ("Location", "Room") else "Note",
        ]

    def _rows(self) -> Iterator[list[_Filled]]:
        found = self._found
        self._hours_of = {name: span.text for name in found.names() if (span := span_in(name))}
        words_are_place = self._role in ("class", "team", "group", "student")
        for row, column, text in found.cells():
            name = found.name(row, found.leads[0])
            if is_free(text):
                self._free += 1
                continue
            if self._turned_around:
                said: list[Said] | str = [Said(name, self._hours_of.get(name, ""))]
                name = "; ".join(text.replace(" & ", "\n").replace("/", "\n").splitlines())
            else:
                said = read_cell(text, self._key, words_are_place=words_are_place, rooms=self._rooms)
            if isinstance(said, str):
                self._unexplained[said] += 1
                continue
            self._free += not said
            for one in said:
                yield self._row(row, column, name, one)

    def _row(self, row: Row, column: int, name: str, said: Said) -> list[_Filled]:
        found = self._found
        view, axis = found.view, row.axis
        here, head = found.spot(row.row, column), found.spot(axis.row, column)
        named = (self._bare(name), here if self._turned_around else found.spot(row.named_at, found.leads[0]))
        more = [(view.cell(row.named_at, lead), found.spot(row.named_at, lead)) for lead in found.leads[1:]]
        of_day = [(view.cell(line, column), found.spot(line, column)) for line in found.about_days]
        day = [(axis.heads[column], head)]
        title = said.title or self._bare(name)
        if found.dated:
            day.append((axis.weekdays.get(column, ""), head))
            what = [(title, here)]
        elif self._whose() == "Class":
            what = [(said.title, here)]
        else:
            what = [(title, here), ("", here)]
        hours = said.hours or self._hours_of.get(found.name(row, found.leads[0]), "")
        return [named, *more, *of_day, *day, *what, (hours, here), (said.place, here)]

    def _bare(self, name: str) -> str:
        """Return a name without the times that stand in it."""
        span = span_in(name)
        bare = " ".join((name[: span.start] + " " + name[span.end :]).split()).strip(" ,;:()–-") if span else name
        return bare or name

    def _problems(self) -> Iterator[Problem]:
        found = self._found
        yield from self._key.problems
        if self._unexplained:
            first = next(iter(self._unexplained))
            yield wording.unexplained(found.codes()[first], self._unexplained)
        if found.stray:
            yield wording.stray(found.view.place(*found.stray[0]), found.view.text(*found.stray[0]), len(found.stray))
        codes = list(found.codes())
        unused = [
            (row, texts)
            for row, texts in found.lines
            if not meanings_in(texts, codes) and row > found.axes[0].row and any(map(_says_when, texts))
        ]
        if unused:
            row, texts = unused[0]
            yield wording.lines_unused(found.view.place(row, 0), " ".join(texts), len(unused))

    def _why(self) -> str:
        found = self._found
        side, other = ("across", "down") if found.view.turned else ("down", "across")
        heads = [found.view.text(axis.row, column) for axis in found.axes for column in axis.heads]
        names = found.names()
        cells = {code for text in found.texts() for code in codes_in(text)}
        said = (
            f"codes ({', '.join(sorted(cells)[:6])})"
            if cells
            else "times"
            if any(map(span_in, found.texts()))
            else "words"
        )
        what = "people" if self._turned_around else said
        return (
            f"names stand {side} ({', '.join(names[:2])}{', …' if len(names) > 2 else ''}), "
            f"days {other} ({heads[0]} to {heads[-1]}), {what} in its cells"
        )


def _says_when(text: str) -> bool:
    words = text.replace(",", " ").split()
    return (
        span_in(text) is not None
        or is_data(text)
        or any(weekday_in_any(word) is not None for word in words if len(word) > 2)
    )
