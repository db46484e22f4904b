"""A month drawn as a calendar → dated events: a day number and lines of text in each cell."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from itertools import pairwise

from nomarium.core.problems import Place, Problem
from nomarium.core.sources import Occurrence, Series, clock_changes
from nomarium.core.tables import Grid, GridView
from nomarium.core.timetable import wording
from nomarium.core.values import MONTH_NAMES, WEEKDAY_NAMES, Clock, ClockTime, month_named, scan_span, weekday_in_any
from nomarium.core.values.time_text import Span

_DAY_NUMBER = re.compile(r"(\d{1,2})(?:st|nd|rd|th)?\.?(?:\s+|$)", re.IGNORECASE)
_LEADING_TIME = re.compile(
    r"(?P<time>\d{1,2}(?:[:.h]\d{2})?\s*(?:[ap]\.?m?\.?\b)?(?:\s*[-–—]\s*\d{1,2}(?:[:.h]\d{2})?\s*(?:[ap]\.?m?\.?\b)?)?"
    r"|noon|midday)\s*[:,–-]?\s+(?P<title>\S.*)",
    re.IGNORECASE,
)


@dataclass(slots=True)
class MonthPage:
    """What a month page gave."""

    month: date
    series: list[Series] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    lengths_assumed: int = 0


@dataclass(frozen=True, slots=True)
class _Entry:
    """A line of text in a day, or across several."""

    first: date
    last: date
    text: str
    place: Place


def find_month(grid: Grid) -> int | None:
    """Return the row of weekdays of a sheet that is drawn as a month; None for any other sheet."""
    view = GridView(grid)
    for row in range(min(len(view.rows), 12)):
        days = _weekdays(view, row)
        if len(days) >= 5 and _consecutive(list(days.values())) and _numbers_below(view, row, list(days)):
            return row
    return None


def _weekdays(view: GridView, row: int) -> dict[int, int]:
    """Return the weekdays of a row by their columns; none where another text stands among them."""
    found: dict[int, int] = {}
    for column, text in view.filled(row):
        weekday = weekday_in_any(text)
        if weekday is None:
            return {}
        found[column] = weekday
    return found


def _consecutive(days: Sequence[int]) -> bool:
    return all((other - one) % 7 == 1 for one, other in pairwise(days))


def _numbers_below(view: GridView, row: int, columns: Sequence[int]) -> bool:
    """Tell whether the first row below that holds anything has rising day numbers, and mostly such."""
    for below in range(row + 1, min(row + 4, len(view.rows))):
        texts = [view.text(below, column) for column in columns]
        filled = [text for text in texts if text]
        if filled:
            numbers = [int(match[1]) for text in filled if (match := _DAY_NUMBER.match(text))]
            rising = all(after in (before + 1, 1) for before, after in pairwise(numbers))
            return len(numbers) * 2 > len(filled) and rising and all(0 < n <= 31 for n in numbers)
    return False


def read_month_page(grid: Grid, head: int, zone: str, length: timedelta, earliest_hour: int = 7) -> MonthPage | Problem:
    """Read the events of a month page; the problem where its month is not said."""
    view = GridView(grid)
    month = _month(view, head)
    if month is None:
        return wording.no_month(grid.place)
    page = MonthPage(month)
    entries = list(_entries(view, head, month, page))
    page.problems += _beside(view, head)
    clock = _clock(entries, earliest_hour)
    for entry in entries:
        _take(entry, clock, zone, length, page)
    return page


def _month(view: GridView, head: int) -> date | None:
    texts = [text for row in range(head) for _, text in view.filled(row)]
    return month_named([*texts, view.grid.sheet or "", view.grid.file])


def _entries(view: GridView, head: int, month: date, page: MonthPage) -> Iterator[_Entry]:
    """Yield the lines of text of all days. A row of day numbers begins a week; the rows below it belong to it."""
    weekdays = _weekdays(view, head)
    of_column: dict[int, date] = {}
    before: date | None = None
    for row in range(head + 1, len(view.rows)):
        numbered = _numbered(view, row, weekdays)
        texts = {column: numbered[column][1] if column in numbered else view.text(row, column) for column in weekdays}
        if numbered:
            of_column = {}
        for column, (number, _) in numbered.items():
            day = _day_of(month, number, weekdays[column], before)
            if day is None:
                expected = (
                    f"A day of {MONTH_NAMES[month.month - 1]} {month.year} that is a {WEEKDAY_NAMES[weekdays[column]]}."
                )
                page.problems.append(
                    wording.wrong_day_number(view.place(row, column), view.text(row, column), expected)
                )
            else:
                last = view.end(row, column)[1]
                across = [index for index in weekdays if column <= index <= last]
                of_column |= {index: day + timedelta(days=later) for later, index in enumerate(across)}
                before = of_column[across[-1]]
        for column, text in texts.items():
            yield from _lines_of_cell(view, (row, column), text, of_column, page)


def _beside(view: GridView, head: int) -> list[Problem]:
    """Report the filled cells of a month page that stand beside its weekdays."""
    weekdays = _weekdays(view, head)
    cells = [
        (row, column)
        for row in range(head + 1, len(view.rows))
        for column, text in view.filled(row)
        if column not in weekdays and not view.is_covered(row, column) and not _WEEK.fullmatch(text)
    ]
    return [wording.stray_cells(view.place(*cells[0]), view.text(*cells[0]), len(cells))] if cells else []


_WEEK = re.compile(r"(?:[^\W\d]{1,6}\.?\s*)?\d{1,2}")
"""The number of a week, as month pages have it beside the days."""


def _lines_of_cell(
    view: GridView, cell: tuple[int, int], text: str, of_column: dict[int, date], page: MonthPage
) -> Iterator[_Entry]:
    _, last = view.end(*cell)
    days = [of_column[index] for index in range(cell[1], last + 1) if index in of_column]
    if text and not days:
        if not any(problem.place == view.place(*cell) for problem in page.problems):
            page.problems.append(wording.unread_above_days(view.place(*cell), text))
        return
    for line in filter(None, map(str.strip, text.splitlines())):
        yield _Entry(days[0], days[-1], line, view.place(*cell))


def _numbered(view: GridView, row: int, weekdays: dict[int, int]) -> dict[int, tuple[int, str]]:
    """Return the day numbers of a row with the text behind each; none where it is a row of texts."""
    texts = {column: text for column in weekdays if (text := view.text(row, column))}
    matches = {column: match for column, text in texts.items() if (match := _DAY_NUMBER.match(text))}
    if len(matches) * 2 < len(texts):
        return {}
    return {column: (int(match[1]), texts[column][match.end() :].strip()) for column, match in matches.items()}


def _day_of(month: date, number: int, weekday: int, before: date | None) -> date | None:
    """Return the date of a number: of the month, or of the one before or after, where the page shows these too."""
    months = [month, _shifted(month, 1)] if before or number <= _EARLY else [_shifted(month, -1), month]
    if before and before < month:
        months.insert(0, _shifted(month, -1))
    for candidate in months:
        try:
            day = candidate.replace(day=number)
        except ValueError:
            continue
        if day.weekday() == weekday and (before is None or before < day):
            return day
    return None


_EARLY = 20
"""A higher number in the first week of a page is a day of the month before."""


def _shifted(month: date, by: int) -> date:
    index = month.year * 12 + month.month - 1 + by
    return date(index // 12, index % 12 + 1, 1)


def _span_of(text: str) -> tuple[Span, str] | None:
    """Return the time or span that a line begins with, and its title; a bare number is no time."""
    match = _LEADING_TIME.fullmatch(text)
    if not match or match["time"].strip().isdecimal():
        return None
    span = scan_span(match["time"])
    return (span, match["title"]) if span else None


def _clock(entries: Sequence[_Entry], earliest_hour: int) -> Clock:
    spans = {entry.text: found[0] for entry in entries if (found := _span_of(entry.text))}
    return Clock.of({text: [shape for shape in span if shape] for text, span in spans.items()}, earliest_hour)


def _take(entry: _Entry, clock: Clock, zone: str, length: timedelta, page: MonthPage) -> None:
    timed = _span_of(entry.text)
    if timed is None:
        start = datetime.combine(entry.first, time())
        end = datetime.combine(entry.last + timedelta(days=1), time())
        page.series.append(Series(entry.text, (Occurrence(start, end, True, zone),), origin=entry.place))
        return
    span, title = timed
    first = clock.read(span.start)
    last: ClockTime | None = None
    if span.end is not None:
        first, last = clock.read_span(span.start, span.end)
    start = datetime.combine(entry.first, time()) + timedelta(seconds=first.seconds)
    if last is None:
        end = start + length
        page.lengths_assumed += 1
    else:
        end = datetime.combine(entry.last, time()) + timedelta(seconds=last.seconds)
    if end < start:
        page.problems.append(wording.unreadable_clock(entry.place, entry.text))
        return
    findings = clock_changes(start, end, zone)
    page.problems += [finding.at(entry.place, entry.text) for finding in findings]
    page.series.append(Series(title, (Occurrence(start, end, False, zone),), origin=entry.place))
