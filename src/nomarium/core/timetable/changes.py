"""A sheet of one-off changes → Changes: on which day, to which class or period, and what becomes of it."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import date, time

from nomarium.core.kinds import CANCELLED, CHANGE_SHEET, MOVED, ROOM, TEACHER, named_changes
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.sheets import Sheet, SheetChoices, read_sheet
from nomarium.core.slots import Periods, read_periods
from nomarium.core.tables import Grid, plain_text
from nomarium.core.timetable import change_wording as wording
from nomarium.core.values import Clock, Fault, Moment, scan_span, split_list, time_at
from nomarium.lazily import regex

_TIMES = ("new_start", "new_end")
_ALL = frozenset({"all", "everything", "everyone", "all classes", "whole school", "*", "every class"})


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


def read_changes(grid: Grid, choices: SheetChoices) -> tuple[list[Change], Sheet | None, list[Problem]]:
    """Read a sheet of changes. Raises DataRefused where it has no dates, or nothing that changes."""
    sheet, problems = read_sheet(grid, CHANGE_SHEET, choices)
    if sheet is None:
        return [], None, problems
    if not any(map(sheet.has, ("class", "period"))) or len(sheet.matches.all) < 3:
        raise DataRefused(wording.no_changes(grid.place))
    if not sheet.is_sound:
        return [], sheet, problems
    rows = _Rows(sheet, problems)
    return [change for record in range(len(sheet)) if (change := rows.change(record))], sheet, problems


class _Rows:
    """The rows of one sheet of changes."""

    def __init__(self, table: Sheet, problems: list[Problem]) -> None:
        self._table = table
        self._moments = table.moments
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
        """Return what changes, from the filled columns of new values and from the words beside them, together."""
        what: dict[str, object] = {
            "new_date": self._date(record, "new_date"),
            "new_periods": self._periods(record, "new_period"),
            "new_hours": self._hours(record),
            "rooms": split_list(self._table.text(record, "new_room")),
            "teachers": self._table.values(record, "new_teacher"),
        }
        text = self._table.text(record, "change")
        named = named_changes(text)
        if named is not None:
            self._hold_against(record, text, named, what)
            return what
        for part in [text] if self._in_words(text) else _PARTS.split(text):
            keys = named_changes(part)
            said = {} if keys is not None else self._in_words(part)
            if said is None:
                self._problems.append(wording.unknown_change(self._place(record), text))
                return what
            self._hold_against(record, text, keys or [], what)
            for name, value in said.items():
                if what[name] and what[name] != value:
                    self._problems.append(wording.word_against_column(self._place(record), text, _words_of(what[name])))
                what[name] = what[name] or value
        return what

    def _hold_against(self, record: int, text: str, named: list[str], what: dict[str, object]) -> None:
        """See that what words name is what the columns fill."""
        for key in named:
            if key in CANCELLED:
                what["cancelled"] = True
                continue
            for words, names, lacking in _NAMED:
                if words & set(key.split()) and not any(map(what.get, names)) and any(what.values()):
                    self._problems.append(wording.word_without_value(self._place(record), text, lacking))

    def _in_words(self, text: str) -> dict[str, object] | None:
        """Read "moved to 14 Oct", "moved to period 5", "moved to 13:00", "room 12", "cover: N. Vasquel"."""
        if match := ROOM.fullmatch(text):
            return {"rooms": (_with_word(text, match["room"]),)}
        if match := TEACHER.fullmatch(text):
            return {"teachers": split_list(match["teacher"])}
        if match := MOVED.fullmatch(text):
            to = match["to"].strip()
            span = scan_span(to) if any(mark in to for mark in ":.h") or "m" in to.casefold() else None
            if span is not None:
                clock = Clock.of({to: [shape for shape in span if shape]})
                start, end = clock.read_span(span.start, span.end) if span.end else (clock.read(span.start), None)
                return {"new_hours": (time_at(start.seconds), time_at(end.seconds) if end else None)}
            if to.casefold().startswith(("period", "p")) and (groups := read_periods(to)) and len(groups) == 1:
                return {"new_periods": groups[0]}
        return None

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
        return time_at(clocks[0].seconds), time_at(clocks[1].seconds) if len(clocks) > 1 else None

    def _periods(self, record: int, name: str) -> Periods:
        text = self._table.text(record, name)
        if not text:
            return ()
        groups = read_periods(text)
        if groups is None:
            self._problems.append(wording.no_periods(self._table.place(record, name), text))
            return ()
        return tuple(period for group in groups for period in group)


_PARTS = regex(r"\s*[;,]\s*|\s+and\s+")
_NAMED = (
    (
        frozenset({"moved", "move", "rescheduled", "postponed", "time"}),
        ("new_date", "new_periods", "new_hours"),
        "where to",
    ),
    (frozenset({"room"}), ("rooms",), "the new room"),
    (frozenset({"teacher", "cover", "substitute", "substitution"}), ("teachers",), "the new teacher"),
)
"""Words that name what changes, what must then be filled, and how that is called."""


def _words_of(value: object) -> str:
    return ", ".join(map(str, value)) if isinstance(value, tuple) else str(value)


def _with_word(text: str, room: str) -> str:
    """Return a room with the word before it where it is only a number: "Room 12"."""
    return f"Room {room}" if room[:1].isdigit() and "room" in text.casefold() else room
