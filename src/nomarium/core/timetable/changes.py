"""A sheet of one-off changes → Changes: on which day, to which class or period, and what becomes of it."""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date, time

from nomarium.core.columns import FieldedTable, read_fielded
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.slots import Periods, read_periods
from nomarium.core.tables import Grid, plain_text
from nomarium.core.timetable import change_wording as wording
from nomarium.core.timetable.headings import CHANGE_SHEET
from nomarium.core.values import Clock, DateChoices, Fault, Moment, MomentColumn, read_moments, scan_span, split_list

_DATES = ("start_date", "new_date")
_TIMES = ("new_start", "new_end")
_CANCELLED = frozenset(
    "cancelled|canceled|cancel|off|dropped|no class|does not run|not running|free|no lesson|called off".split("|")
)
_ALL = frozenset({"all", "everything", "everyone", "all classes", "whole school", "*", "every class"})
_MOVED = re.compile(
    r"(?:moved?|moves|shifted|shift|postponed|brought forward|rescheduled)(?:\s+to)?\s*(?P<to>.*)", re.IGNORECASE
)
_ROOM = re.compile(
    r"(?:(?:moved? to |in |to |now in )?(?:room|rm)\.?\s*:?\s*|(?:now )?in\s+)(?P<room>\S.*)", re.IGNORECASE
)
_TEACHER = re.compile(
    r"(?:teacher|cover(?:ed)?(?: by)?|taught by|taken by|substitute|with)\s*:?\s+(?P<teacher>\S.*)", re.IGNORECASE
)
_KINDS = frozenset(
    {
        "",
        "moved",
        "move",
        "room",
        "new room",
        "room change",
        "teacher",
        "new teacher",
        "cover",
        "substitute",
        "change",
        "changed",
    }
)


@dataclass(frozen=True, slots=True)
class Change:
    """One row: which meetings of a date it is about, and what becomes of them."""

    day: date
    class_name: str
    """"" where all classes are meant."""
    periods: Periods
    """Periods as the class writes them; none where all or the only one of the day is meant."""
    everything: bool
    """Whether the row says that all meetings are meant, and not just one."""
    division: str = ""
    cancelled: bool = False
    new_date: date | None = None
    new_periods: Periods = ()
    new_hours: tuple[time, time | None] | None = None
    rooms: tuple[str, ...] = ()
    teachers: tuple[str, ...] = ()
    place: Place = field(default=Place(""), compare=False)

    @property
    def moves(self) -> bool:
        """Whether meetings get another date or time."""
        return bool(self.new_date or self.new_periods or self.new_hours)

    @property
    def words(self) -> str:
        """What becomes of a meeting, in a word."""
        if self.cancelled:
            return "cancelled"
        parts = ["moved"] if self.moves else []
        return " and ".join(
            [*parts, *(["another room"] if self.rooms else []), *(["another teacher"] if self.teachers else [])]
        )


def read_changes(grid: Grid, columns: Mapping[str, str], dates: DateChoices) -> tuple[list[Change], list[Problem]]:
    """Read a sheet of changes. Raises DataRefused where it has no dates, or nothing that changes."""
    table, problems = read_fielded(grid, CHANGE_SHEET, columns)
    if table is None:
        return [], problems
    if not any(map(table.has, ("class", "period"))) or len(table.matches.all) < 3:
        raise DataRefused(wording.no_changes(grid.place))
    wanted = table.matches.columns((*_DATES, *_TIMES))
    moments, unsound = read_moments(
        table.table, [(column, name in _TIMES) for name, column in wanted], dates, table.matches.column("weekday")
    )
    problems += unsound
    if any(problem.severity == "error" for problem in unsound):
        return [], problems
    rows = _Rows(table, {name: moment for (name, _), moment in zip(wanted, moments, strict=True)}, problems)
    return [change for record in range(len(table)) if (change := rows.change(record))], problems


def tells_change(text: str) -> bool:
    """Tell whether words say what becomes of a meeting: “cancelled”, “moved to period 5”, “room 12”, “cover: …”."""
    key = _key(text)
    return key in _CANCELLED | _KINDS - {""} or any(said.fullmatch(text.strip()) for said in (_ROOM, _TEACHER, _MOVED))


def _key(text: str) -> str:
    return text.casefold().strip(" .!")


class _Rows:
    """The rows of one sheet of changes."""

    def __init__(self, table: FieldedTable, moments: Mapping[str, MomentColumn], problems: list[Problem]) -> None:
        self._table = table
        self._moments = moments
        self._problems = problems

    def change(self, record: int) -> Change | None:
        """Return what a row says; None, with a problem, where it cannot be told."""
        before = len(self._problems)
        day = self._date(record, "start_date")
        text = self._table.text(record, "class")
        period = self._table.text(record, "period")
        everything = text.casefold() in _ALL or period.casefold() in _ALL or not text
        if day is None or not (text or period):
            if len(self._problems) == before:
                self._problems.append(wording.incomplete_change(self._table.place(record)))
            return None
        what = self._what(record)
        found = Change(
            day,
            "" if text.casefold() in _ALL else text,
            self._periods(record, "period") if period.casefold() not in _ALL else (),
            everything,
            self._table.text(record, "division"),
            place=self._table.place(record),
            **what,  # type: ignore[arg-type]
        )
        if len(self._problems) == before and not (found.cancelled or found.moves or found.rooms or found.teachers):
            self._problems.append(wording.no_effect(self._place(record)))
        if found.cancelled and (found.moves or found.rooms or found.teachers):
            self._problems.append(wording.two_effects(self._place(record)))
        return found if len(self._problems) == before else None

    def _place(self, record: int) -> Place:
        return self._table.place(record, "change" if self._table.has("change") else "")

    def _what(self, record: int) -> dict[str, object]:
        """Return what changes, from the columns of new values and from the words of the column of changes."""
        what: dict[str, object] = {
            "new_date": self._date(record, "new_date"),
            "new_periods": self._periods(record, "new_period"),
            "new_hours": self._hours(record),
            "rooms": tuple(split_list(self._table.text(record, "new_room"))),
            "teachers": tuple(split_list(self._table.text(record, "new_teacher"))),
        }
        text = self._table.text(record, "change")
        key = _key(text)
        if key in _CANCELLED:
            what["cancelled"] = True
        elif key not in _KINDS:
            what |= self._in_words(record, text)
        return what

    def _in_words(self, record: int, text: str) -> dict[str, object]:
        """Read "moved to 14 Oct", "moved to period 5", "moved to 13:00", "room 12", "cover: N. Vasquel"."""
        if match := _ROOM.fullmatch(text):
            return {"rooms": (_with_word(text, match["room"]),)}
        if match := _TEACHER.fullmatch(text):
            return {"teachers": tuple(split_list(match["teacher"]))}
        if match := _MOVED.fullmatch(text):
            to = match["to"].strip()
            span = scan_span(to) if any(mark in to for mark in ":.h") or "m" in to.casefold() else None
            if span is not None:
                clock = Clock.of({to: [shape for shape in span if shape]})
                start, end = clock.read_span(span.start, span.end) if span.end else (clock.read(span.start), None)
                return {"new_hours": (_time(start.seconds), _time(end.seconds) if end else None)}
            if to.casefold().startswith(("period", "p")) and (groups := read_periods(to)) and len(groups) == 1:
                return {"new_periods": groups[0]}
        self._problems.append(wording.unknown_change(self._place(record), text))
        return {}

    def _date(self, record: int, name: str) -> date | None:
        cell = self._table.cell(record, name)
        if cell == "" or name not in self._moments:
            return None
        moment = self._moments[name].moments[cell]
        if isinstance(moment, Fault):
            self._problems.append(moment.at(self._table.place(record, name)))
            return None
        if moment.first is None or moment.last is not None:
            self._problems.append(wording.not_one_day(self._table.place(record, name), plain_text(cell)))
        return moment.first

    def _hours(self, record: int) -> tuple[time, time | None] | None:
        clocks = []
        for name in _TIMES:
            cell = self._table.cell(record, name)
            if cell == "" or name not in self._moments:
                continue
            moment = self._moments[name].moments[cell]
            if isinstance(moment, Moment) and moment.start is not None:
                clocks += [clock for clock in (moment.start, moment.end) if clock]
            else:
                self._problems.append(wording.no_time(self._table.place(record, name), plain_text(cell)))
        if not clocks:
            return None
        return _time(clocks[0].seconds), _time(clocks[1].seconds) if len(clocks) > 1 else None

    def _periods(self, record: int, name: str) -> Periods:
        text = self._table.text(record, name)
        if not text:
            return ()
        groups = read_periods(text)
        if groups is None:
            self._problems.append(wording.no_periods(self._table.place(record, name), text))
            return ()
        return tuple(period for group in groups for period in group)


def _with_word(text: str, room: str) -> str:
    """Return a room with the word before it where it is only a number: "Room 12"."""
    return f"Room {room}" if room[:1].isdigit() and "room" in text.casefold() else room


def _time(seconds: int) -> time:
    seconds %= 86_400
    return time(seconds // 3600, seconds // 60 % 60)
