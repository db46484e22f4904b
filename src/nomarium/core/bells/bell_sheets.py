"""Sheets of bell times → BellRows: lists with a row for each period, and grids with the days across."""

from __future__ import annotations

import re
from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, time
from itertools import pairwise, zip_longest
from typing import TYPE_CHECKING

from nomarium.core.bells import wording
from nomarium.core.bells.bell_shapes import Part, bell_parts, turning_periods
from nomarium.core.bells.rows import BellRow, Conditions
from nomarium.core.columns import Headings, heading_key
from nomarium.core.kinds import BELL_SHEET, is_usual
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.sheets import (
    Sheet,
    SheetChoices,
    holding_bound,
    holding_span,
    holds_for_all,
    note_unused,
    read_sheet,
    said_by_names,
    says_when_or_where,
)
from nomarium.core.slots import DayReader, UnknownDay, bare_period
from nomarium.core.tables import Cell, Column, Grid, Table, address, plain_text
from nomarium.core.values import (
    ClockTime,
    Fault,
    Moment,
    Order,
    day_words,
    read_moments,
    scan_span,
    split_list,
    time_at,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.year import SchoolYear

_FEWEST_BLANKS = 2
_LONGEST_PERIOD = 6 * 3600
_MOST_WORDS = 16
"""Words of a heading among which weekdays are looked for."""
_CLOCKS = ("start", "end", "hours")
"""Seconds: a longer period comes from an end before its start, taken for the afternoon."""


@dataclass(slots=True)
class BellSheet:
    """What a sheet of bell times gave."""

    rows: list[BellRow] = field(default_factory=list)
    form: str = "list"
    """"list" or "grid"."""
    sheet: Sheet | None = None


def _is_remark(sheet: Sheet, record: int) -> bool:
    """Tell whether a row is a sentence and no period: no other cell says anything."""
    filled = [column for column in sheet.table.columns if column.cells[record] != ""]
    return len(filled) == 1 and len(sheet.text(record, "period").split()) >= _FEWEST_WORDS


_FEWEST_WORDS = 4


class BellReader:
    """Reads sheets of bell times for one school year; what was found wrong is in ``problems``."""

    def __init__(self, year: SchoolYear, choices: SheetChoices) -> None:
        self._days = DayReader(year)
        self._year = year.rules
        self._choices = choices
        self._divisions = {name.casefold(): name for name in year.rules.divisions}
        self._terms = year.rules.terms_by_name()
        self._specials = {special.name.casefold() for special in year.rules.specials if special.name}
        self.problems: list[Problem] = []

    def read(self, grid: Grid) -> BellSheet:
        """Read one sheet. Raises DataRefused where it holds neither a list nor a grid of bell times."""
        if not self._choices.columns and (turning := turning_periods(grid)) is not None:
            self._tell_lines(grid, {row for spots in turning.origins for row, _ in spots})
            return self._table(turning)
        head = grid_heading(grid)
        if head is not None and not self._choices.columns:
            return self._grid(grid, head)
        parts = bell_parts(grid) if not self._choices.columns else []
        if len(parts) > 1:
            return self._parts(parts)
        return self._table(grid)

    def _parts(self, parts: Sequence[Part]) -> BellSheet:
        """Read tables side by side, or pairs of columns: each holds on the days that its caption names."""
        found = BellSheet()
        for part in parts:
            place = part.grid.place
            holds = self._heading(part.caption, place, Conditions()) if part.caption else Conditions()
            read = self._table(part.grid, of_some_days=holds is not None and holds.name_days)
            found.sheet = found.sheet or read.sheet
            found.rows += [
                replace(row, conditions=row.conditions.within(holds)) for row in read.rows if holds is not None
            ]
        return found

    def _table(self, grid: Grid, *, of_some_days: bool = False) -> BellSheet:
        """Read one table, a row a period; in one of some days, a period without times does not ring on these."""
        sheet, problems = read_sheet(grid, BELL_SHEET, self._choices)
        if sheet is None:
            self.problems += problems
            return BellSheet()
        if not sheet.has("period") or not (sheet.has("hours") or (sheet.has("start") and sheet.has("end"))):
            raise DataRefused(wording.no_bells(grid.place))
        self.problems += problems
        found = self._list(sheet, of_some_days=of_some_days)
        if (holds := self._span_above(sheet)) is not None:
            found.rows = [replace(row, conditions=row.conditions.within(holds)) for row in found.rows]
        return found

    def _span_above(self, sheet: Sheet) -> Conditions | None:
        """Return from when until when bell times hold, where the one title above them says it; None where none does."""
        order = self._choices.dates.order
        titles = [text for text in sheet.table.titles if text not in (sheet.table.sheet, sheet.table.file)]
        found = [(text, span) for text in titles if (span := self._span_in(text, order)) is not None]
        if len(found) != 1:
            return None
        text, (first, last) = found[0]
        self.problems.append(wording.bells_of_span(sheet.table.place, text, f"{day_words(first)} to {day_words(last)}"))
        return Conditions(spans=frozenset({(first, last)}))

    def _span_in(self, text: str, order: Order | None) -> tuple[date, date] | None:
        """Return the span that a title says: where that is one day, to the end of the year or from its beginning."""
        if (span := holding_span(text, order)) is not None:
            return span.first, span.last
        bound = holding_bound(text, order)
        if bound is None:
            return None
        return (bound.day, self._year.last) if bound.name == "from" else (self._year.first, bound.day)

    def _list(self, sheet: Sheet, *, of_some_days: bool) -> BellSheet:
        found = BellSheet(sheet=sheet)
        for record in range(len(sheet)):
            if _is_remark(sheet, record):
                self.problems.append(note_unused(sheet.place(record), sheet.text(record, "period")))
                continue
            conditions = self._conditions(sheet, record)
            period = bare_period(sheet.text(record, "period"))
            if of_some_days and period and not any(sheet.text(record, name).strip("-– —") for name in _CLOCKS):
                if conditions is not None:
                    found.rows.append(BellRow.silent(period, conditions, sheet.place(record)))
                continue
            hours = self._hours(sheet, record)
            if not period:
                self.problems.append(wording.no_period(sheet.place(record)))
            elif hours is not None and conditions is not None:
                found.rows.append(BellRow(period, *hours, conditions, sheet.place(record)))
        return found

    def _hours(self, sheet: Sheet, record: int) -> tuple[time, time] | None:
        clocks: list[ClockTime | None] = []
        for name in _CLOCKS:
            cell = sheet.cell(record, name)
            if cell == "" or name not in sheet.moments:
                continue
            moment = sheet.moments[name].moments[cell]
            if isinstance(moment, Fault) or moment.start is None:
                self.problems.append(wording.unreadable_bell(sheet.place(record, name), sheet.text(record, name)))
                return None
            clocks += [moment.start, moment.end] if name == "hours" else [moment.start]
        return self._checked(clocks, sheet.place(record))

    def _checked(self, clocks: Sequence[ClockTime | None], place: Place) -> tuple[time, time] | None:
        known = [clock.seconds for clock in clocks if clock is not None]
        if len(known) != 2 or not 0 < known[1] - known[0] <= _LONGEST_PERIOD or known[1] >= 86_400:
            self.problems.append(wording.no_span(place))
            return None
        start, end = map(time_at, known)
        return start, end

    def _conditions(self, sheet: Sheet, record: int) -> Conditions | None:
        """Return the days that a row holds on; None, with a problem, where they cannot be told."""
        before = len(self.problems)
        divisions = self._named(
            sheet.text(record, "division"), "division", self._divisions, sheet.place(record, "division")
        )
        days = Conditions()
        for name in ("day", "weekday"):
            if text := sheet.text(record, name):
                days = _both(days, self._day_conditions(text, tuple(divisions), sheet.place(record, name)))
        terms = self._named(sheet.text(record, "term"), "term", self._terms, sheet.place(record, "term"))
        specials = [
            self._special(text, sheet.place(record, "special")) for text in split_list(sheet.text(record, "special"))
        ]
        conditions = Conditions(
            frozenset(divisions) or days.divisions,
            days.labels,
            days.weekdays,
            frozenset(terms),
            frozenset(name for name in specials if name),
        )
        failed = any(problem.severity == "error" for problem in self.problems[before:])
        return None if failed else conditions

    def _named(self, text: str, name: str, known: Mapping[str, str], place: Place) -> list[str]:
        """Return the known names in a text; those that are not known are problems."""
        found = []
        for part in split_list(text):
            if part.casefold() in known:
                found.append(known[part.casefold()])
            else:
                self.problems.append(wording.unknown(place, part, name, known.values()))
        return found

    def _special(self, text: str, place: Place) -> str:
        name = text.casefold()
        if is_usual(name):
            return ""
        if name not in self._specials:
            self.problems.append(wording.no_such_special(place, text))
        return name

    def _day_conditions(self, text: str, divisions: Sequence[str], place: Place) -> Conditions:
        found = self._read_days(text, divisions)
        if isinstance(found, UnknownDay):
            self.problems.append(wording.unknown_day(place, text, found))
            return Conditions()
        return found

    def _read_days(self, text: str, divisions: Sequence[str]) -> Conditions | UnknownDay:
        cycles = [name for division in divisions or ("",) for name in self._days.cycles_of(division)]
        days = self._days.read(text, tuple(dict.fromkeys(cycles)))
        if isinstance(days, UnknownDay):
            return days
        labels = frozenset((day.cycle, day.label) for day in days if day.label)
        return Conditions(labels=labels, weekdays=frozenset(day.weekday for day in days if day.weekday is not None))

    def _grid(self, grid: Grid, head: int) -> BellSheet:
        """Read a grid: periods down, kinds of day across, "8:15–9:10" in the cells."""
        for_all = self._for_all(grid, head)
        turned = _has_periods_across(grid.rows[head])
        filled = _with_merged_times(grid, head, turned=turned)
        rows = [list(row) for row in zip_longest(*filled[head:], fillvalue="")] if turned else filled[head:]

        def place_of(row: int, column: int) -> Place:
            down, right = (column, row) if turned else (row, column)
            return Place(grid.file, grid.sheet, address(head + 1 + down, right), head + 1 + down)

        across = {
            index: self._heading(plain_text(cell), place_of(0, index), for_all)
            for index, cell in enumerate(rows[0])
            if index and cell != ""
        }
        body = list(enumerate(rows[1:], 1))
        moments = self._clock(grid, [(head + 1 + number, row) for number, row in body], across)
        found = BellSheet(form="grid")
        for number, row in body if moments else ():
            name = bare_period(plain_text(row[0])) if row else ""
            for index, conditions in across.items():
                cell = row[index] if index < len(row) else ""
                place = place_of(number, index)
                if plain_text(cell).strip() in ("", "-", "–", "—"):
                    if name and conditions is not None and conditions.name_days and any(map(_spans, row)):
                        found.rows.append(BellRow.silent(name, conditions, place))
                    continue
                if not name:
                    if any(map(_spans, row)):
                        self.problems.append(wording.no_period(place))
                    continue
                moment = moments.get(cell)
                hours = [moment.start, moment.end] if isinstance(moment, Moment) else []
                if not any(hours):
                    self.problems.append(wording.unreadable_bell(place, plain_text(cell)))
                elif conditions is not None and (span := self._checked(hours, place)):
                    found.rows.append(BellRow(name, *span, conditions, place))
        timed = [] if turned else [head + number for number, row in body if any(map(_spans, row))]
        self._tell_lines(grid, timed)
        return found

    def _tell_lines(self, grid: Grid, within: Collection[int]) -> None:
        """Tell the lines around a grid that say when or where, and that nothing was taken from."""
        messages = [problem.message for problem in self.problems]
        for number, row in enumerate(grid.rows):
            texts = [" ".join(plain_text(cell).split()) for cell in row if cell != ""]
            line = texts[0] if len(texts) == 1 and number not in within else ""
            if line.count(" ") < _FEWEST_BLANKS or any(line in message for message in messages):
                continue
            if says_when_or_where(line):
                column = next(column for column, cell in enumerate(row) if cell != "")
                place = Place(grid.file, grid.sheet, address(number + 1, column), number + 1)
                self.problems.append(note_unused(place, line))

    def _clock(
        self, grid: Grid, body: Sequence[tuple[int, list[Cell]]], across: Mapping[int, object]
    ) -> Mapping[Cell, Moment | Fault]:
        """Read all cells of a grid on one clock; none where they cannot be read, which is among the problems."""
        cells = [row[index] if index < len(row) else "" for _, row in body for index in across]
        numbers = [number for number, _ in body for _ in across]
        if not cells:
            raise DataRefused(wording.no_bells(grid.place))
        column = Column("", min(across), list(cells))
        table = Table(grid.file, grid.sheet, grid.form, numbers[0] - 1, [column], numbers)
        moments, problems = read_moments(table, [(column, True)], self._choices.dates)
        self.problems += problems
        return moments[0].moments if moments else {}

    def _for_all(self, grid: Grid, head: int) -> Conditions:
        """Return what holds for a whole grid: as the plan states it, or as a title, the tab or the file's name says."""
        found = dict(self._choices.whole)
        for name in BELL_SHEET.whole:
            if name not in found and (said := said_by_names(name, self._choices.known, grid, head)):
                found[name] = said[0]
                self.problems.append(holds_for_all(grid.place, name, *said))
        return self._stated(found, grid.place)

    def _stated(self, said: Mapping[str, str], place: Place) -> Conditions:
        """Return the conditions that some texts by fields state."""
        divisions = self._named(said.get("division", ""), "division", self._divisions, place)
        terms = self._named(said.get("term", ""), "term", self._terms, place)
        specials = [self._special(text, place) for text in split_list(said.get("special", ""))]
        days = Conditions()
        for name in ("day", "weekday"):
            if text := said.get(name, ""):
                days = _both(days, self._day_conditions(text, tuple(divisions), place))
        return days._replace(
            divisions=frozenset(divisions) or days.divisions,
            terms=frozenset(terms),
            specials=frozenset(filter(None, specials)),
        )

    def _heading(self, text: str, place: Place, for_all: Conditions) -> Conditions | None:
        """Return the days that the heading of a grid's column names, within what holds for all of the grid."""
        found = self._of_heading(text, place, tuple(for_all.divisions))
        return found and found.within(for_all)

    def _of_heading(self, text: str, place: Place, divisions: Sequence[str]) -> Conditions | None:
        name = " ".join(text.split())
        named = self._by_name(name.casefold())
        days = self._read_days(name, divisions) if named is None else named
        if not isinstance(days, UnknownDay):
            return days
        if days.several:
            self.problems.append(wording.unknown_day(place, name, days))
            return None
        mixed = self._mixed(name) or self._weekdays_within(name, place, divisions)
        if mixed is None:
            self.problems.append(wording.no_such_special(place, name))
        return mixed or Conditions(specials=frozenset({name.casefold()}))

    def _by_name(self, key: str) -> Conditions | None:
        """Return the days of a heading that is no day: all of them, a special day, a division."""
        if is_usual(key):
            return Conditions()
        if key in self._specials:
            return Conditions(specials=frozenset({key}))
        return Conditions(frozenset({self._divisions[key]})) if key in self._divisions else None

    def _mixed(self, name: str) -> Conditions | None:
        """Read a heading of a division and days: "Yard Mon–Thu", "Loft: Friday"."""
        for key, division in self._divisions.items():
            if name.casefold().startswith(key):
                rest = name[len(key) :].strip(" :,–-()")
                if rest.casefold() in self._specials:
                    return Conditions(frozenset({division}), specials=frozenset({rest.casefold()}))
                days = self._read_days(rest, (division,))
                if not isinstance(days, UnknownDay):
                    return days._replace(divisions=frozenset({division}))
        return None

    def _weekdays_within(self, name: str, place: Place, divisions: Sequence[str]) -> Conditions | None:
        """Read a heading with weekdays at brackets, or among its words: "Regular (M T Th F)", "Late Wednesday"."""
        bracketed = _BRACKETED.search(name)
        words = name.split()[:_MOST_WORDS]
        runs = [words[first:last] for first in range(len(words)) for last in range(len(words), first, -1)]
        texts = (
            [bracketed[1], "".join(bracketed[1].split()), name[: bracketed.start()].strip()]
            if bracketed
            else [" ".join(run) for run in sorted(runs, key=len, reverse=True)]
        )
        for text in texts:
            days = self._read_days(text, divisions)
            if not isinstance(days, UnknownDay) and days.weekdays and not days.labels:
                self.problems.append(wording.rings_on_weekdays(place, name, sorted(days.weekdays)))
                return days
        return None


_BRACKETED = regex(r"\(([^()]{1,40})\)")
_CLOCK_MARK = regex(r"[:.hu]|[ap]\.?m", re.IGNORECASE)
"""What a span of times has, and a telephone number does not."""


def _both(one: Conditions, other: Conditions) -> Conditions:
    return one._replace(labels=one.labels | other.labels, weekdays=one.weekdays | other.weekdays)


def _with_merged_times(grid: Grid, head: int, *, turned: bool) -> list[list[Cell]]:
    """Return the rows of a grid, times that are merged over several days in each of these cells.

    Days stand across, or down where the grid is ``turned``; what is merged over periods stays where it begins.
    """
    rows = [list(row) for row in grid.rows]
    width = len(rows[head])
    for top, left, bottom, right in grid.merged:
        if not (head < top < len(rows) and 0 < left < len(rows[top]) and _spans(rows[top][left])):
            continue
        down, across = (range(top, min(bottom + 1, len(rows))), left + 1) if turned else ((top,), min(right + 1, width))
        for number in down:
            row = rows[number]
            row.extend([""] * (across - len(row)))
            row[left:across] = [cell or rows[top][left] for cell in row[left:across]]
    return rows


def _spans(cell: Cell) -> bool:
    return (
        isinstance(cell, str)
        and bool(_CLOCK_MARK.search(cell))
        and (span := scan_span(cell)) is not None
        and span.end is not None
    )


_MOST_ROWS_ABOVE = 400
"""So many rows are searched for the headings of a grid."""


def _has_periods_across(heads: Sequence[Cell]) -> bool:
    """Tell whether a row of headings names periods: the kinds of day stand down then."""
    texts = [plain_text(cell) for cell in heads[1:] if cell != ""]
    worded = [text for text in texts if bare_period(text) != text.strip()]
    numbered = [text for text in texts if bare_period(text).isdecimal()]
    corner = heading_key(plain_text(heads[0])) if heads else ""
    return bool(texts) and len(numbered) == len(texts) and (bool(worded) or corner in _DAY_CORNERS)


_DAY_CORNERS = frozenset("day days weekday weekdays tag wochentag jour día dia giorno dag".split())


def grid_heading(grid: Grid) -> int | None:
    """Return the row of headings of a grid of bell times: above rows that hold spans of times; None for a list."""
    known = Headings(BELL_SHEET)
    for index, (row, below) in enumerate(pairwise([*grid.rows[:_MOST_ROWS_ABOVE], []])):
        fields = {known(plain_text(cell)) for cell in row if cell != ""}
        if {"start", "end"} <= fields or ("hours" in fields and len(fields) > 2):
            return None
        filled = [cell for cell in below[1:] if cell != ""]
        if filled and all(map(_spans, filled)) and [c for c in row[1:] if c != ""] and not any(map(_spans, row)):
            return index if _hold_spans(grid.rows[index + 2 :]) else None
    return None


def _hold_spans(rows: Sequence[Sequence[Cell]]) -> bool:
    """Tell whether no row below holds words where spans of times are meant: those are a grid's below hours."""
    words = [cell for row in rows for cell in row[1:] if isinstance(cell, str) and any(map(str.isalpha, cell))]
    filled = sum(cell != "" for row in rows for cell in row[1:])
    return sum(not _spans(cell) for cell in words) * 2 <= filled
