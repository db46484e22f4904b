"""Notes above or below a table that say when, where or for how long: "Thursdays, 16:15–17:15, Room L2"."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date, datetime, time

from nomarium.core.columns import GIVEN_BY_NOTE, Certainty, Kind, Match, Matches, SheetKind
from nomarium.core.problems import Place, Problem
from nomarium.core.repeats import bounds_in
from nomarium.core.sheets import wording
from nomarium.core.sheets.said_in_notes import (
    dates_without,
    half_of_day,
    holding_bound,
    holding_span,
    is_about_others,
    length_said,
    place_behind,
    place_said,
    says_how_new,
    says_when,
    says_when_or_where,
    sentences_of,
    start_said,
    times_of_parts,
    weekdays_named,
)
from nomarium.core.sheets.validity import unclear_name, validity_by_name
from nomarium.core.tables import Cell, Column, Grid, LeftOut, Table, address, plain_text
from nomarium.core.values import (
    ORDERS,
    Order,
    date_in,
    full_day,
    is_span,
    span_of_dates,
    spans_in,
    weekday_in_any,
    year_in_titles,
)
from nomarium.lazily import regex

_MOST_CELLS = 2
"""A row of more cells is no note, but a line of some table."""


@dataclass(frozen=True, slots=True)
class Note:
    """A text beside a table, and where it stands."""

    text: str
    place: Place
    row: int = 0
    """The row of the sheet's cells that it stands in, counted from 1."""


@dataclass(slots=True)
class Notes:
    """What the notes of a sheet say of all its rows."""

    columns: dict[str, Column] = field(default_factory=dict)
    """Columns that the notes stand for, by their fields: the same in every row."""
    problems: list[Problem] = field(default_factory=list)
    unused: list[Note] = field(default_factory=list)
    """The notes of which nothing was taken."""


def notes_of(grid: Grid, table: Table) -> list[Note]:
    """Return the texts above the headings and below the records of a table that say when: a time, a day, a date.

    Last records that are a text alone are looked at, too.
    """
    last = _last_whole(table)
    below = range(last + 1, min(len(grid.rows), last + _MOST_BELOW) + 1)
    found = []
    for number in [*range(1, table.heading_row), *below]:
        row = grid.rows[number - 1]
        cells = [
            (column, plain_text(cell)) for column, cell in enumerate(row) if isinstance(cell, str) and cell.strip()
        ]
        if 0 < len(cells) <= _MOST_CELLS and any(_may_tell(text) for _, text in cells):
            line, column = grid.origins[number - 1][cells[0][0]] if grid.origins else (number - 1, cells[0][0])
            place = Place(grid.file, grid.sheet, address(line + 1, column), line + 1)
            whole = ", ".join(" ".join(text.split()) for _, text in cells)
            telling = list(filter(_may_tell, sentences_of(whole))) or [whole]
            found += [Note(text, place, number) for text in telling]
    return found


def _beside(notes: Sequence[Note], table: Table) -> list[Note]:
    """Return the notes that are no records: what these say is told where they are read."""
    records = set(table.row_numbers[-_MOST_BELOW:])
    return [note for note in notes if note.row not in records]


def _last_whole(table: Table) -> int:
    """Return the row of the last record with more than one cell; that of the headings where none of a few has."""
    for record in reversed(range(max(0, len(table) - _MOST_BELOW), len(table))):
        if sum(column.cells[record] != "" for column in table.columns) > 1:
            return table.row_numbers[record]
    return table.heading_row if len(table) <= _MOST_BELOW else table.row_numbers[-1]


_MOST_BELOW = 20


def _may_tell(text: str) -> bool:
    return says_when_or_where(text) or bool(
        length_said(text) or _HOUR.search(text) or dates_without(text) or start_said(text)
    )


def take_notes(
    grid: Grid,
    table: Table,
    matches: Matches,
    kind: SheetKind,
    order: Order | None = None,
    year: tuple[date, date] | None = None,
) -> list[Problem]:
    """Give a table the columns that the notes beside it stand for, and say so; those that nothing used are told.

    ``year`` is that of the school, where it is known: it tells which of two days a date in the file's name is.
    """
    notes = notes_of(grid, table)
    bounded = any(map(matches.column, _BOUNDS)) or not all(map(kind.field, _BOUNDS))
    named = validity_by_name(grid, order, year) if not bounded else None
    unclear = unclear_name(grid) if not bounded and named is None else ""
    if not notes and named is None:
        return [wording.note_unused(grid.place, unclear)] if unclear else []
    timed = any(matches.column(name) for name in _TIMES) or any(
        map(_has_times, matches.columns(("start", "start_date")))
    )
    place = "location" if kind.field("location") else "room"
    placed = matches.column(place)
    wanted = [*(() if timed else ("hours",)), *(() if placed and "" not in placed.cells else (place,))]
    repeating = kind.field("slot") or matches.column("repeat")
    wanted += ["except"] if repeating and not matches.column("except") else []
    open_bounds = _BOUNDS if not bounded else ("until",) if _has_open_repeats(matches) else ()
    found = read_notes(notes, table, kind, (*wanted, *open_bounds), order)
    if named is not None and found.columns.keys().isdisjoint(_BOUNDS):
        said = [(name, day) for name, day in zip(_BOUNDS, (named.first, named.last), strict=True) if day is not None]
        found.columns |= {name: _column(table, name.capitalize(), day, 2) for name, day in said}
        found.problems.append(wording.named_bounds(grid.place, named))
    found.problems += [wording.note_unused(grid.place, unclear)] if unclear else []
    _take_length(found, [note for note in notes if length_said(note.text)], table, matches, kind)
    untold = [
        note
        for note in _beside(found.unused, table)
        if says_when_or_where(note.text) or (not timed and _HOUR.search(note.text))
        if not says_how_new(note.text) and (kind.kind is Kind.LIST or not _only_names_span(note.text))
    ]
    found.problems += [wording.note_unused(note.place, note.text) for note in untold]
    unused = {note.row for note in found.unused}
    used = {note.row for note in notes} - unused
    for name, column in found.columns.items():
        if (there := matches.column(name)) is not None:
            there.cells = [own if own != "" else said for own, said in zip(there.cells, column.cells, strict=True)]
            continue
        table.columns.append(column)
        matches.all.append(Match(column, name, Certainty.LIKELY, GIVEN_BY_NOTE))
    if left := [record for record, row in enumerate(table.row_numbers) if row not in used]:
        table.left_out[LeftOut.FOOTER] += len(table) - len(left)
        table.keep(left)
    return found.problems


def tell_notes(grid: Grid, table: Table) -> list[Problem]:
    """Return a word on each note beside a table of whose notes nothing is ever taken, and that says when or where."""
    telling = [note for note in _beside(notes_of(grid, table), table) if says_when_or_where(note.text)]
    return [
        wording.note_unused(note.place, note.text)
        for note in telling
        if not _only_names_span(note.text) and not says_how_new(note.text)
    ]


def _has_open_repeats(matches: Matches) -> bool:
    """Tell whether a column says how often rows are, and neither it nor another says until when or how many times."""
    repeat = matches.column("repeat")
    if repeat is None or not all(map(matches.open, ("until", "times", "end", "end_date"))):
        return False
    bounds = [bounds_in(plain_text(cell)) for cell in repeat.distinct if cell != ""]
    return not any(bound is not None and (bound.until or bound.times) for bound in bounds)


def _only_names_span(text: str) -> bool:
    """Tell whether a note says from when until when a list is, and nothing else: its rows have their own dates."""
    span = span_of_dates(text)
    return span is not None and not says_when(f"{span.before} {span.behind}") and not place_said(text)


def _take_length(found: Notes, notes: Sequence[Note], table: Table, matches: Matches, kind: SheetKind) -> None:
    """Give rows with a start and no end how long all of them take, where a single note says it."""
    starts = [matches.column(name) for name in ("start_time", "start", "when", "hours")]
    started = [column for column in starts if column is not None]
    started += [found.columns["hours"]] if "hours" in found.columns else []
    lasting = any(map(matches.column, ("duration", "end_time", "end", "end_date")))
    if len(notes) != 1 or len(started) != 1 or lasting or kind.field("duration") is None:
        return
    texts = [plain_text(cell) for cell in started[0].cells]
    if any(any(True for _ in spans_in(text)) for text in set(texts)):
        return
    length = length_said(notes[0].text)
    column = _column(table, "Length", length, 4)
    column.cells = [length if any(map(str.isdigit, text)) else "" for text in texts]
    found.columns["duration"] = column
    found.problems.append(wording.note_used(notes[0].place, notes[0].text, [f"the length {length}"]))
    found.unused = [note for note in found.unused if note is not notes[0]]


_TIMES = ("start_time", "end_time", "hours", "when", "end", "end_date", "period", "slot", "repeat")
"""Fields that say when a row is, or that it lasts several days: a note does not say it for them."""
_BOUNDS = ("from", "until")
_CLOCK = regex(r"\d[:h.u]\d\d|\d\s*[ap]\.?m", re.IGNORECASE)
_HOUR = regex(r"\b\d{1,2}[:hu]\d\d\b|\b\d{1,2}\s*[ap]\.?m\b|\b0\d[0-5]\d\b|\b\d{4}\s*(?:hrs|hours)\b", re.IGNORECASE)
"""A time of the day, which matters where rows have none."""


def _has_times(named: tuple[str, Column]) -> bool:
    cells = named[1].cells[:_LOOKED_AT]
    return any(
        (isinstance(cell, datetime) and cell.time() != time()) or (isinstance(cell, str) and _CLOCK.search(cell))
        for cell in cells
    )


_LOOKED_AT = 100


def read_notes(
    notes: Sequence[Note], table: Table, kind: SheetKind, open_fields: Sequence[str], order: Order | None = None
) -> Notes:
    """Return what notes say of rows that do not say it themselves: their times, the place, their bounds, when not.

    ``open_fields`` are the fields that rows leave open, ``order`` is that of day and month, where it is known.
    """
    found = Notes(unused=list(notes))
    reading = _Reading(
        found, table, open_fields, "location" if kind.field("location") else "room", kind.kind is Kind.LIST
    )
    telling = [note for note in notes if not is_about_others(note.text)]
    reading.take_span(telling, order)
    if kind.field("hours") is not None:
        reading.take_times(telling)
        reading.take_parts_of_day()
    reading.take_place()
    reading.take_exceptions()
    return found


@dataclass(slots=True)
class _Reading:
    """Takes from notes what rows leave open; what one note gave is looked for in no other."""

    found: Notes
    table: Table
    open_fields: Sequence[str]
    place: str
    """The field that places have."""
    of_weeks: bool
    """Whether its rows are those of weeks, and not on dates of their own."""

    def take_span(self, telling: Sequence[Note], order: Order | None) -> None:
        """Take from when until when all rows hold, where one note says it."""
        year = year_in_titles(self.table.titles)
        bounds = [(note, span) for note in telling if (span := holding_span(note.text, order, year)) is not None]
        open_to_both = set(_BOUNDS) <= set(self.open_fields)
        if len(bounds) == 1 and open_to_both:
            ((note, span),) = bounds
            for behind, (name, heading) in enumerate(zip(_BOUNDS, ("From", "Until"), strict=True), 2):
                self._add(name, heading, getattr(span, _ENDS[name]), behind)
            self._tell(note, f"the span {span.words}")
            return
        if len(bounds) == 1 and "until" in self.open_fields:
            ((note, span),) = bounds
            self._add("until", "Until", span.last, 3)
            self._tell(note, f"the last day {full_day(span.last)}")
            return
        said = [(note, bound) for note in telling if (bound := holding_bound(note.text, order)) is not None]
        of_rows = self.of_weeks or "from" not in self.open_fields
        open_to_all = of_rows and {bound.name for _, bound in said}.issubset(self.open_fields)
        if len({bound.name for _, bound in said}) == len(said) and not bounds and open_to_all:
            for note, bound in said:
                self._add(bound.name, bound.name.capitalize(), bound.day, 2)
                self._tell(note, f"the {'last' if bound.name == 'until' else 'first'} day {full_day(bound.day)}")

    def take_times(self, telling: Sequence[Note]) -> None:
        """Take the times of rows, and the place behind them, where one note says them, or each its weekdays' own."""
        timed = [(note, spans) for note in telling if len(spans := list(spans_in(note.text))) == 1]
        timed = timed or [(note, [start]) for note in telling if (start := start_said(note.text)) is not None]
        about = [_rows_about(note, self.table) for note, _ in timed]
        if any(sum(rows) != 1 for rows in zip(*about, strict=True)) and len(timed) > 1:
            return
        for (note, (times,)), rows in zip(timed, about, strict=True):
            if "hours" in self.open_fields and any(rows):
                said = [f"the {'times' if is_span(times.text) else 'start'} {times.text}"]
                self._add("hours", "Hours", times.text, 0, rows)
                place = place_behind(note.text[times.end :])
                if place and self.place in self.open_fields:
                    self._add(self.place, "Place", place, 1, rows)
                    said.append(f"the place “{place}”")
                self._tell(note, *said, whole=all(rows))

    def take_parts_of_day(self) -> None:
        """Take the times of morning and afternoon, where one note says them, and a column says which a row is in."""
        telling = [(note, times) for note in self.found.unused if (times := times_of_parts(note.text))]
        if len(telling) != 1 or "hours" not in self.open_fields or "hours" in self.found.columns:
            return
        ((note, times),) = telling
        for column in self.table.columns:
            halves = [half_of_day(plain_text(cell)) for cell in column.cells]
            if halves and all(half in times for half in halves):
                self._add("hours", "Hours", "", 0)
                self.found.columns["hours"].cells = [times[half] for half in halves]
                self._tell(note, "the times " + " and ".join(times.values()))
                return

    def take_place(self) -> None:
        """Take the place of all rows, where one note says nothing but that."""
        placing = [(note, place) for note in self.found.unused if (place := place_said(note.text))]
        if len(placing) == 1 and self.place in self.open_fields and self.place not in self.found.columns:
            ((note, place),) = placing
            self._add(self.place, "Place", place, 1)
            self._tell(note, f"the place “{place}”")

    def take_exceptions(self) -> None:
        """Take the dates on which nothing is from all notes that name some."""
        without = [(note, dates) for note in self.found.unused if (dates := dates_without(note.text))]
        if without and "except" in self.open_fields:
            self._add("except", "Except", "; ".join(dates for _, dates in without), 5)
            for note, dates in without:
                self._tell(note, f"the dates {dates}")

    def _add(self, name: str, heading: str, cell: Cell, behind: int, rows: Sequence[bool] = ()) -> None:
        """Let a column say this of all rows, or of those ``rows`` that are true; of others what is said already."""
        column = self.found.columns.setdefault(name, _column(self.table, heading, "", behind))
        about = rows or [True] * len(column.cells)
        column.cells = [cell if is_about else kept for kept, is_about in zip(column.cells, about, strict=True)]

    def _tell(self, note: Note, *said: str, whole: bool = True) -> None:
        self.found.problems.append(wording.note_used(note.place, note.text, list(said), whole=whole))
        self.found.unused.remove(note)


def _rows_about(note: Note, table: Table) -> list[bool]:
    """Tell of each row whether a note is about it: one on another weekday than those that it names is not."""
    named = weekdays_named(note.text)
    days = {cell: _weekday(cell) for column in table.columns for cell in (column.distinct if named else ())}
    others = {cell for cell, day in days.items() if day is not None and day not in named}
    return [others.isdisjoint(row) for row in zip(*(column.cells for column in table.columns), strict=True)]


def _weekday(cell: Cell) -> int | None:
    """Return the weekday of a date with its year, or that a text names, alone or ahead of a day; None for others."""
    if isinstance(cell, date):
        return cell.weekday()
    if not isinstance(cell, str):
        return None
    read = {day.weekday() for order in ORDERS if (day := date_in(cell, order)) is not None}
    ahead = _AHEAD_OF_DAY.match(cell)
    return read.pop() if len(read) == 1 else weekday_in_any(ahead["day"] if ahead else cell)


_AHEAD_OF_DAY = regex(r"\s*(?P<day>[^\W\d_]{2,})[.,]*\s+(?=\d)")


_ENDS = {"from": "first", "until": "last"}


def _column(table: Table, heading: str, cell: Cell, behind: int) -> Column:
    index = max((column.index for column in table.columns), default=0) + 1 + behind
    return Column(heading, index, [cell] * len(table))
