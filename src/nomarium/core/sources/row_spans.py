"""The date and time cells of all rows of a table → when each row is."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from datetime import timedelta

from nomarium.core.columns import END_FIELDS, MOMENT_FIELDS, Matches, heading_key
from nomarium.core.problems import Problem
from nomarium.core.sources import wording
from nomarium.core.sources.span_columns import SpanColumns, find_each, find_in_columns, parted, steady_days
from nomarium.core.sources.spans import RowTimes, SpanFound, SpanRules, find_in_periods, find_span, gather
from nomarium.core.tables import Cell, Table, plain_text
from nomarium.core.values import (
    ClockTime,
    Fault,
    Length,
    Moment,
    MomentColumn,
    cell_length,
    near_zones,
    read_yes_no,
    read_zone,
    unit_of,
)

_EXCLUSIVE_ENDS = frozenset({"dtend", "dtendvaluedate", "endexclusive", "enddateexclusive"})
"""Headings of ends that all-day events do not reach (RFC 5545, 3.6.1)."""


class RowSpans:
    """When each row is: every distinct combination of date and time cells is worked out once."""

    def __init__(self, table: Table, matches: Matches, moments: Sequence[MomentColumn], rules: SpanRules) -> None:
        self._table = table
        names = [name for name, _ in matches.columns(MOMENT_FIELDS)]
        self._columns = moments
        self._is_end = [name in END_FIELDS for name in names]
        self._length = matches.column("duration")
        self._unit, self._unit_assumed = (
            unit_of(self._length.heading, self._length.cells) if self._length else (None, False)
        )
        self._exclusive = any(
            name in END_FIELDS and heading_key(column.heading) in _EXCLUSIVE_ENDS
            for name, column in matches.columns(MOMENT_FIELDS)
        )
        self._all_day = matches.column("all_day")
        self._weekday = matches.column("weekday")
        self._zone = matches.column("zone")
        self._repeat = matches.column("repeat")
        self._period = matches.column("period")
        self._rules = rules
        self._zoneless = replace(rules, zone="")
        self._midnights = self._all_day is not None and self._are_midnights()
        blank: Sequence[Cell] = [""] * len(table)
        more = (self._length, self._all_day, self._weekday, self._zone, self._period, self._repeat)
        self._cells = [column.column.cells for column in moments] + [one.cells if one else blank for one in more]
        self._known: dict[tuple[Cell, ...], SpanFound | Problem] = {}

    @property
    def problems(self) -> list[Problem]:
        """What there is to say of all rows at once."""
        found = []
        if self._period is not None and self._rules.periods is None:
            found.append(wording.no_bells(self._table.heading_place(self._period), self._period.heading))
        if self._unit_assumed and self._length is not None:
            place = self._table.heading_place(self._length)
            found.append(wording.unit_assumed(place, self._length.heading, str(self._unit)))
        return found

    def _are_midnights(self) -> bool:
        """Tell whether all dates carry 0:00, and each row ends later than it starts: then it ends at that midnight."""
        starts = [one for one, is_end in zip(self._columns, self._is_end, strict=True) if not is_end]
        ends = [one for one, is_end in zip(self._columns, self._is_end, strict=True) if is_end]
        if not (len(starts) == len(ends) == 1 and starts[0].midnights_dropped and ends[0].midnights_dropped):
            return False
        return all(
            start != end for start, end in zip(starts[0].column.cells, ends[0].column.cells, strict=True) if end != ""
        )

    def of_rows(self) -> list[SpanFound | Problem]:
        """Return what was found for each row, in order."""
        return list(map(self._found, range(len(self._table))))

    def in_columns(self) -> SpanColumns:
        """Return when each row is, column by column, and what else was found of rows that need a word."""
        rest = [column.cells for column in (self._length, self._all_day, self._weekday, self._repeat) if column]
        in_order = sorted(zip(self._columns, self._is_end, strict=True), key=lambda one: one[1])  # starts come first
        rows = parted([column for column, _ in in_order], rest) if self._zone is None and self._period is None else None
        if rows is None:
            return find_each(len(self._table), self._found)
        steady = steady_days(set(rows.days), self._rules.zone, self._rules.within)
        if self._weekday is not None:
            rows = rows._replace(days=self._with_weekdays(rows.days))
        return find_in_columns(rows, steady, self._found, self._found_anywhere)

    def _with_weekdays(self, days: Sequence[int]) -> list[int]:
        """Return the dates, but none for a row whose weekday is not that of its date."""
        names = {cell: self._columns[0].weekday(plain_text(cell)) for cell in set(self._weekday_cells)}
        return [
            day if names[cell] in (None, (day - 1) % 7) else 0
            for day, cell in zip(days, self._weekday_cells, strict=True)
        ]

    @property
    def _weekday_cells(self) -> Sequence[Cell]:
        return self._weekday.cells if self._weekday else ()

    def _found(self, record: int) -> SpanFound | Problem:
        """Return what is found for a row; every distinct combination of cells is worked out once."""
        key = tuple([cells[record] for cells in self._cells])
        span = self._known.get(key)
        if span is None or isinstance(span, Problem):
            span = self._known[key] = self._work_out(record, key, self._rules)
        return span

    def _found_anywhere(self, record: int) -> SpanFound | Problem:
        """Return what is found for a row where no clock changes: as in no zone, which is quicker told."""
        key = tuple([cells[record] for cells in self._cells])
        return self._work_out(record, key, self._zoneless)

    def _work_out(self, record: int, key: tuple[Cell, ...], rules: SpanRules) -> SpanFound | Problem:
        *cells, length_cell, all_day_cell, weekday_cell, zone_cell, period_cell, repeat_cell = key
        starts: list[Moment] = []
        ends: list[Moment] = []
        for column, cell, is_end in zip(self._columns, cells, self._is_end, strict=True):
            moment = column.moments[cell]
            if isinstance(moment, Fault):
                return moment.at(self._table.cell_place(record, column.column))
            (ends if is_end else starts).append(moment)
        times = gather(starts, ends)
        if not isinstance(times, RowTimes):
            return SpanFound(None, (times,))
        if self._exclusive and times.first and times.last and times.end is None and times.last > times.first:
            times = times._replace(last=times.last - timedelta(days=1))
        if self._midnights and times.last is not None:
            times = times._replace(start=ClockTime(0), end=ClockTime(0))
        length = self._read_length(record, length_cell)
        all_day = self._read_all_day(record, all_day_cell)
        zone = self._read_zone(record, zone_cell)
        if isinstance(length, Problem):
            return length
        if isinstance(all_day, Problem):
            return all_day
        if isinstance(zone, Problem):
            return zone
        rules = replace(rules, zone=zone) if zone else rules
        if length or weekday_cell or repeat_cell or all_day is not None:
            weekday = self._columns[0].weekday(plain_text(weekday_cell)) if weekday_cell else None
            all_day, repeats = times.all_day or all_day, repeat_cell != ""
            times = times._replace(length=length, all_day=all_day, weekday=weekday, repeats=repeats)
        return find_in_periods(times, rules, plain_text(period_cell)) if period_cell != "" else find_span(times, rules)

    def _read_zone(self, record: int, cell: Cell) -> str | Problem:
        if cell == "" or self._zone is None:
            return ""
        text = plain_text(cell)
        place = self._table.cell_place(record, self._zone)
        return read_zone(text) or wording.unknown_zone(place, text, near_zones(text))

    def _read_length(self, record: int, cell: Cell) -> Length | Problem | None:
        if cell == "" or self._length is None:
            return None
        length = cell_length(cell, self._unit)
        if length is None:
            return wording.bare_length(self._table.cell_place(record, self._length), plain_text(cell))
        return length

    def _read_all_day(self, record: int, cell: Cell) -> bool | Problem | None:
        if cell == "":
            return None
        answer = read_yes_no(plain_text(cell))
        if answer is None and self._all_day is not None:
            place = self._table.cell_place(record, self._all_day)
            return wording.unknown_word(place, "all_day", self._all_day.heading, plain_text(cell))
        return answer
