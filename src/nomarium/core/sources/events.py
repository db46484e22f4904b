"""A sheet of dated events → Series, one a row."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from datetime import timedelta

from nomarium.core.columns import END_FIELDS, MOMENT_FIELDS, TIME_FIELDS, Matches
from nomarium.core.problems import Place, Problem, has_errors
from nomarium.core.sources import wording
from nomarium.core.sources.details import Details, read_details
from nomarium.core.sources.lookups import Lookups
from nomarium.core.sources.series import Series
from nomarium.core.sources.spans import RowTimes, SpanFound, SpanRules, find_span, gather
from nomarium.core.tables import Cell, LeftOut, Table, plain_text
from nomarium.core.values import (
    DateChoices,
    Fault,
    Length,
    Moment,
    MomentColumn,
    cell_length,
    near_zones,
    read_moments,
    read_yes_no,
    read_zone,
    unit_in_heading,
)


@dataclass(frozen=True, slots=True)
class EventChoices:
    """What the user stated about a sheet of events."""

    zone: str
    length: timedelta = timedelta(hours=1)
    dates: DateChoices = field(default_factory=DateChoices)
    lookups: Lookups = field(default_factory=Lookups)


@dataclass(slots=True)
class EventSheet:
    """What was read from one table: rows = series + left out + refused."""

    table: Table
    matches: Matches
    series: list[Series] = field(default_factory=list)
    moments: list[MomentColumn] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    left_out: Counter[LeftOut] = field(default_factory=Counter)
    refused: dict[int, Problem] = field(default_factory=dict)
    """The records that make no event, each with its first problem."""
    lengths_assumed: int = 0

    @property
    def rows(self) -> int:
        """All rows below the headings, blank ones included."""
        return len(self.table) + self.table.left_out.total()


def read_events(table: Table, matches: Matches, choices: EventChoices) -> EventSheet:
    """Read every row of a table as an event; rows that cannot be are refused, each with its problem."""
    sheet = EventSheet(table, matches, left_out=Counter(table.left_out))
    columns = matches.columns(MOMENT_FIELDS)
    wanted = [(column, name in TIME_FIELDS) for name, column in columns]
    sheet.moments, sheet.problems = read_moments(table, wanted, choices.dates, matches.column("weekday"))
    if has_errors(sheet.problems):
        return sheet
    spans = _Spans(sheet, choices)
    details = read_details(table, matches, choices.lookups)
    sheet.problems += details.problems
    sheet.refused.update(details.refused)
    _make_series(sheet, spans.of_rows(), details)
    sheet.problems += _far_away(sheet)
    return sheet


class _Spans:
    """When each row is: every distinct combination of date and time cells is worked out once."""

    def __init__(self, sheet: EventSheet, choices: EventChoices) -> None:
        self._sheet = sheet
        names = [name for name, _ in sheet.matches.columns(MOMENT_FIELDS)]
        self._columns = sheet.moments
        self._is_end = [name in END_FIELDS for name in names]
        self._length = sheet.matches.column("duration")
        self._unit = unit_in_heading(self._length.heading) if self._length else None
        self._all_day = sheet.matches.column("all_day")
        self._weekday = sheet.matches.column("weekday")
        self._zone = sheet.matches.column("zone")
        timed = any(column.has_times for column in sheet.moments)
        self._rules = SpanRules(choices.zone, choices.length, timed, choices.dates.within)

    def of_rows(self) -> list[SpanFound | Problem]:
        """Return what was found for each row, in order."""
        blank: Sequence[Cell] = [""] * len(self._sheet.table)
        more = [
            column.cells if column else blank for column in (self._length, self._all_day, self._weekday, self._zone)
        ]
        cells = [column.column.cells for column in self._columns]
        known: dict[tuple[Cell, ...], SpanFound | Problem] = {}
        found = []
        for record, key in enumerate(zip(*cells, *more, strict=True)):
            span = known.get(key)
            if span is None or isinstance(span, Problem):
                span = known[key] = self._work_out(record, key)
            found.append(span)
        return found

    def _work_out(self, record: int, key: tuple[Cell, ...]) -> SpanFound | Problem:
        *cells, length_cell, all_day_cell, weekday_cell, zone_cell = key
        starts: list[Moment] = []
        ends: list[Moment] = []
        for column, cell, is_end in zip(self._columns, cells, self._is_end, strict=True):
            moment = column.moments[cell]
            if isinstance(moment, Fault):
                return moment.at(self._sheet.table.cell_place(record, column.column))
            (ends if is_end else starts).append(moment)
        times = gather(starts, ends)
        if not isinstance(times, RowTimes):
            return SpanFound(None, (times,))
        length = self._read_length(record, length_cell)
        all_day = self._read_all_day(record, all_day_cell)
        zone = self._read_zone(record, zone_cell)
        if isinstance(length, Problem):
            return length
        if isinstance(all_day, Problem):
            return all_day
        if isinstance(zone, Problem):
            return zone
        rules = replace(self._rules, zone=zone) if zone else self._rules
        weekday = self._columns[0].weekday(plain_text(weekday_cell)) if weekday_cell else None
        return find_span(times._replace(length=length, all_day=times.all_day or all_day, weekday=weekday), rules)

    def _read_zone(self, record: int, cell: Cell) -> str | Problem:
        if cell == "" or self._zone is None:
            return ""
        text = plain_text(cell)
        place = self._sheet.table.cell_place(record, self._zone)
        return read_zone(text) or wording.unknown_zone(place, text, near_zones(text))

    def _read_length(self, record: int, cell: Cell) -> Length | Problem | None:
        if cell == "" or self._length is None:
            return None
        length = cell_length(cell, self._unit)
        if length is None:
            return wording.bare_length(self._sheet.table.cell_place(record, self._length), plain_text(cell))
        return length

    def _read_all_day(self, record: int, cell: Cell) -> bool | Problem | None:
        if cell == "":
            return None
        answer = read_yes_no(plain_text(cell))
        if answer is None and self._all_day is not None:
            place = self._sheet.table.cell_place(record, self._all_day)
            return wording.unknown_word(place, "all_day", self._all_day.heading, plain_text(cell))
        return answer


def _make_series(sheet: EventSheet, spans: list[SpanFound | Problem], details: Details) -> None:
    """Join what and when, row by row."""
    last_dated = _last_dated(spans)
    rows = zip(details.summaries, spans, details.rows(), strict=True)
    for record, (summary, span, detail) in enumerate(rows):
        if isinstance(span, Problem) or span.occurrence is None or not summary:
            _without_event(sheet, record, span, last_dated)
            continue
        if span.findings:
            _report(sheet, record, span)
        if record not in sheet.refused:
            sheet.series.append(Series(summary, (span.occurrence,), *detail))
            sheet.lengths_assumed += span.length_assumed


FAR_AWAY = timedelta(days=3 * 366)
"""So far from the middle of a list, a date is more likely a slip in the year."""


def _far_away(sheet: EventSheet) -> list[Problem]:
    """Report single dates that lie years away from all others: one in twenty at most, and more than one event else."""
    years = {series.occurrences[0].start.year for series in sheet.series}
    if len(sheet.series) < 3 or max(years) - min(years) < 3:
        return []
    starts = sorted(series.occurrences[0].start for series in sheet.series)
    middle = starts[len(starts) // 2]
    far = [series for series in sheet.series if abs(series.occurrences[0].start - middle) > FAR_AWAY]
    if len(far) > max(1, len(starts) // 20):
        return []
    problems = []
    for series in far:
        finding = wording.far_away(series.occurrences[0].start, middle)
        problems.append(finding.at(_moment_place(sheet, series.record), series.summary))
    return problems


def _last_dated(spans: Sequence[SpanFound | Problem]) -> int:
    """Return the last record that has a date, right or wrong."""
    dated = (i for i in range(len(spans) - 1, -1, -1) if not _undated(spans[i]))
    return next(dated, -1)


def _undated(span: SpanFound | Problem) -> bool:
    return isinstance(span, SpanFound) and any(finding.code == "no-date" for finding in span.findings)


def _report(sheet: EventSheet, record: int, span: SpanFound) -> None:
    place = _moment_place(sheet, record)
    found = " ".join(filled for column in sheet.moments if (filled := plain_text(column.column.cells[record])))
    sheet.problems += [finding.at(place, found) for finding in span.findings]


def _moment_place(sheet: EventSheet, record: int) -> Place:
    """The first cell that says when, or the first of its columns where all are empty."""
    filled = (column.column for column in sheet.moments if column.column.cells[record] != "")
    return sheet.table.cell_place(record, next(filled, sheet.moments[0].column))


def _without_event(sheet: EventSheet, record: int, span: SpanFound | Problem, last_dated: int) -> None:
    """Leave a row out that is no event, and refuse one that should be."""
    filled = [text for column in sheet.table.columns if (text := plain_text(column.cells[record]))]
    titles = sheet.matches.column("summary")
    untitled = titles is not None and titles.cells[record] == ""
    dates = sum(1 for column in sheet.moments if _is_date_alone(column.moments[column.column.cells[record]]))
    if _undated(span) and record > last_dated >= 0 and len(filled) == 1:
        sheet.left_out[LeftOut.FOOTER] += 1
    elif isinstance(span, SpanFound) and untitled and len(filled) == dates:
        sheet.left_out[LeftOut.GAP] += 1
    else:
        _refuse(sheet, record, span, " | ".join(filled) if untitled else "")


def _is_date_alone(moment: Moment | Fault) -> bool:
    return isinstance(moment, Moment) and moment.first is not None and moment.start is None


def _refuse(sheet: EventSheet, record: int, span: SpanFound | Problem, untitled: str) -> None:
    """Report why a row makes no event; ``untitled`` is what a row without a title holds."""
    before = len(sheet.problems)
    titles = sheet.matches.column("summary")
    if untitled and titles:
        sheet.problems.append(wording.no_title(sheet.table.cell_place(record, titles), untitled))
    if isinstance(span, Problem):
        sheet.problems.append(span)
    else:
        _report(sheet, record, span)
    sheet.refused.setdefault(record, sheet.problems[before])
