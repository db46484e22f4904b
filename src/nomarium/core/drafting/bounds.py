"""From when until when the timetables of a folder run, where they say it themselves and no sheet has the terms."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Collection, Iterable, Mapping, Sequence
from dataclasses import replace
from datetime import date, timedelta
from functools import cache
from itertools import zip_longest
from typing import NamedTuple

from nomarium.core.columns import Evidence, Headings, Kind, match_columns
from nomarium.core.datesheets import read_closures, read_weeks
from nomarium.core.drafting.proved_year import repeats
from nomarium.core.drafting.sheets import FoundSheet, as_found, blocks_of
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.problems import DataRefused, has_errors
from nomarium.core.repeats import bounds_in
from nomarium.core.shapes import Crossing
from nomarium.core.sheets import Sheet, read_sheet, titled_span, validity_by_name
from nomarium.core.slots import counted_by_words, read_week_numbers
from nomarium.core.sources import EventChoices, is_undated, read_events
from nomarium.core.tables import Grid, find_table, plain_text
from nomarium.core.timetable import holding_title
from nomarium.core.values import DateChoices, Moment, Order, days_of_week, weekday_in_any, year_in_titles


class Bounds(NamedTuple):
    """The first and the last day of a timetable, and what says them."""

    first: date
    last: date
    said_by: str
    soonest: date | None = None
    """When all is over if nothing is closed, where the last day leaves room for closures."""
    parts: tuple[tuple[date, date], ...] = ()
    """The spans of it in which there are lessons, where what says them leaves some out between."""

    @property
    def spans(self) -> tuple[tuple[date, date], ...]:
        """The spans of which a plan's year is made."""
        return self.parts or ((self.first, self.last),)

    @property
    def are_few_weeks(self) -> bool:
        """Whether they are so near to one another that who wrote them down had each week in view, closed or not."""
        return (self.soonest or self.last) - self.first <= _FEW_WEEKS


_FEW_WEEKS = timedelta(weeks=8)


def bounds_of_year(sheets: Sequence[FoundSheet], order: Order | None) -> Bounds | None:
    """Return from when until when all timetables run, or all events that need a year; None where one is silent.

    A year is needed by what repeats beside closures, and by events in periods.

    ``order`` is that of day and month, as dates of the folder prove it.
    """
    timetables = [sheet for sheet in sheets if sheet.kind in (Kind.LIST, Kind.GRID)]
    closures = tuple(sheet for sheet in sheets if sheet.kind is Kind.CLOSURES)
    closed = bool(closures)
    hanging = (sheet for sheet in sheets if "period" in sheet.columns.values() or (closed and repeats(sheet)))
    others = [*hanging, *(sheet for sheet in sheets if not closed and _lacks_first_days(sheet))]
    found = [_bounds_of(sheet, order) for sheet in timetables or others]
    if None in found and (within := _school_year_of(closures, order)) is not None:
        both = zip(found, timetables or others, strict=True)
        found = [one or _within(sheet, order, within) for one, sheet in both]
    return _of_all(found)


@cache
def _school_year_of(sheets: tuple[FoundSheet, ...], order: Order | None) -> tuple[date, date] | None:
    """Return the one school year, August to July, in which all closures of sheets lie; None for none or several."""
    listed = [replace(as_found(sheet), dates=DateChoices(order=order)) for sheet in sheets]
    try:
        found = [one for choices in listed for one in read_closures(choices)[0].closures]
    except DataRefused:
        return None
    years = {day.year - (day.month < _FIRST_MONTH) for one in found for day in (one.first, one.last)}
    year = years.pop() if len(years) == 1 else None
    return (date(year, _FIRST_MONTH, 1), date(year + 1, _FIRST_MONTH - 1, 31)) if year is not None else None


_FIRST_MONTH = 8


@cache
def _within(sheet: FoundSheet, order: Order | None, within: tuple[date, date]) -> Bounds | None:
    """Return the first and last days of a timetable's rows, which have no year, in a school year that fits them."""
    if sheet.kind is not Kind.LIST or sheet.grid is None:
        return None
    try:
        choices = replace(as_found(sheet), dates=DateChoices(order=order, within=within))
        table, _ = read_sheet(sheet.grid.copy(), TIMETABLE_SHEET, choices)
    except DataRefused:
        return None
    return _by_dates(table, sheet) if table is not None and _begin_on_their_weekdays(table) else None


def _begin_on_their_weekdays(table: Sheet) -> bool:
    """Tell whether each row begins on the weekday that it is on: its day is of that year then."""
    said = dict(enumerate(table.texts("day"))) if table.has("day") else {}
    firsts = _days_below(table, "from", first=True)
    weekdays = {row: weekday_in_any(text.rstrip("s.")) for row, text in said.items() if text}
    return bool(firsts) and bool(weekdays) and all(firsts[row].weekday() == day for row, day in weekdays.items())


def bounds_of_weeks(sheets: Sequence[FoundSheet]) -> Bounds | None:
    """Return from when until when weeks are numbered or lettered, in one list; its other weeks have no lessons."""
    listed = [sheet for sheet in sheets if sheet.kind is Kind.WEEKS]
    read = read_weeks(as_found(listed[0]))[0] if len(listed) == 1 else None
    days = (read.numbers or _all_lettered(read.letters)) if read is not None else ()
    weeks = sorted(day - timedelta(days=day.weekday()) for day in days)
    if not weeks:
        return None
    begin = [week for week, before in zip(weeks, [None, *weeks], strict=False) if before != week - _WEEK]
    end = [week + _WEEK - _DAY for week, after in zip_longest(weeks, weeks[1:]) if after != week + _WEEK]
    spans = list(zip(begin, end, strict=True))
    return Bounds(spans[0][0], spans[-1][1], f"the weeks in {listed[0].path.name}", parts=tuple(spans))


def _all_lettered(letters: Mapping[date, str]) -> Collection[date]:
    """Return the days of lettered weeks where each week of a list has its letter, and several letters come again."""
    counts = Counter(letters.values())
    return letters if len(counts) > 1 and min(counts.values()) > 1 else ()


_DAY, _WEEK = timedelta(days=1), timedelta(weeks=1)


# A draft is written several times until it builds: its sheets are read once.
@cache
def _bounds_of(sheet: FoundSheet, order: Order | None) -> Bounds | None:
    """Return from when until when a sheet runs; one of several tabs where each of them says so."""
    return _of_all([_bounds_of_part(part, order) for part in sheet.parts])


def _of_all(found: Sequence[Bounds | None]) -> Bounds | None:
    """Return the bounds within which all others lie; None where one is not known, or there is none."""
    known = [one for one in found if one is not None]
    if not known or len(known) < len(found):
        return None
    said_by = ", ".join(dict.fromkeys(one.said_by for one in known))
    soonest = max(one.soonest or one.last for one in known)
    return Bounds(min(one.first for one in known), max(one.last for one in known), said_by, soonest)


def _bounds_of_part(sheet: FoundSheet, order: Order | None) -> Bounds | None:
    if sheet.kind is Kind.GRID:
        return _by_captions(sheet, order)
    if sheet.grid is None:
        return None
    if sheet.kind is Kind.EVENTS:
        return _bounds_of_events(sheet, sheet.grid, order)
    try:
        choices = replace(as_found(sheet), dates=DateChoices(order=order))
        table, _ = read_sheet(sheet.grid.copy(), TIMETABLE_SHEET, choices)
    except DataRefused:
        return None
    if table is None or not len(table):
        return _by_title(_titles_of(sheet), sheet, order) or _by_name(sheet, order)
    by_rows = _by_dates(table, sheet) or _by_counts(table, sheet) or _by_weeks(table, sheet)
    return by_rows or _by_title([*_titles_of(sheet), *table.table.titles], sheet, order) or _by_name(sheet, order)


def _by_name(sheet: FoundSheet, order: Order | None) -> Bounds | None:
    """Return from when until when the name of the tab or the file says that a timetable holds; both of its days."""
    held = validity_by_name(sheet.grid, order) if sheet.grid is not None else None
    if held is None or held.first is None or held.last is None:
        return None
    return Bounds(held.first, held.last, f"the name “{held.name}”")


def _bounds_of_events(sheet: FoundSheet, grid: Grid, order: Order | None) -> Bounds | None:
    if not _lacks_first_days(sheet):
        return _by_events(sheet, grid.copy(), order)
    titles = _titles_above(grid)
    return _by_title(titles, sheet, order) or _by_year(titles)


def _titles_of(sheet: FoundSheet) -> list[str]:
    """Return the texts above names and days that cross; none for another sheet."""
    return sheet.recognised.crossing.titles if isinstance(sheet.recognised.crossing, Crossing) else []


def _titles_above(grid: Grid) -> list[str]:
    """Return the texts above the headings of a sheet of events."""
    table = Evidence.of(grid, EVENT_SHEET, {}).table
    return list(table.titles) if table is not None else []


def _by_title(titles: Sequence[str], sheet: FoundSheet, order: Order | None) -> Bounds | None:
    """Return from when until when a title above a list says that it holds; None where none does, or two."""
    year = year_in_titles(titles)
    spans = {(span.first, span.last) for text in titles if (span := titled_span(text, order, year))}
    if len(spans) != 1:
        return None
    first, last = spans.pop()
    return Bounds(first, last, f"the title in {sheet.path.name}")


def _by_year(titles: Sequence[str]) -> Bounds | None:
    """Return the year that titles, the tab or the file's name say: "Meetings 2027"."""
    year = year_in_titles(titles)
    return Bounds(year.first, year.last, f"the year in “{year.text}”") if year else None


def _by_captions(sheet: FoundSheet, order: Order | None) -> Bounds | None:
    """Return from when until when grids hold, where each has a caption that says it; None otherwise."""
    blocks = blocks_of(sheet)
    of_sheet = holding_title(blocks, order)
    captions = [[span for text in block.captions if (span := titled_span(text, order))] for block in blocks]
    spans = [several or ([of_sheet] if of_sheet else []) for several in captions]
    whole = [several[0] for several in spans if len(several) == 1]
    if not spans or len(whole) < len(spans):
        return None if any(spans) else _by_name(sheet, order)
    first, last = min(span.first for span in whole), max(span.last for span in whole)
    return Bounds(first, last, f"the captions in {sheet.path.name}")


def _lacks_first_days(sheet: FoundSheet) -> bool:
    """Tell whether events repeat, and no column and no word of theirs says from when."""
    table = Evidence.of(sheet.grid, EVENT_SHEET, {}).table if repeats(sheet) and sheet.grid is not None else None
    matches = match_columns(table, sheet.columns, Headings(EVENT_SHEET))[0] if table is not None else None
    named = matches.column("repeat") if matches is not None else None
    if matches is None or named is None or not is_undated(matches):
        return False
    return any(bounds is None or not bounds.first for bounds in map(bounds_in, map(plain_text, set(named.cells))))


def _by_events(sheet: FoundSheet, grid: Grid, order: Order | None) -> Bounds | None:
    """Return the first and the last day of events; None where a row cannot be read."""
    headings = Headings(EVENT_SHEET)
    try:
        table, _ = find_table(grid, headings)
    except DataRefused:
        return None
    matches, problems = match_columns(table, sheet.columns, headings)
    for match in matches.all:
        if match.field == "duration" and sheet.columns:
            match.field = ""  # how long it takes in its period says nothing of its day
    if has_errors(problems):
        return None
    read = read_events(table, matches, EventChoices("UTC", dates=DateChoices(order=order)))
    days = [one.start.date() for series in read.series for one in series.occurrences]
    if has_errors([*problems, *read.problems]) or read.refused or not days:
        return None
    return Bounds(min(days), max(days), f"the events in {sheet.path.name}")


def _by_dates(table: Sheet, sheet: FoundSheet) -> Bounds | None:
    """Return the first and the last day of rows that each have both."""
    firsts = _days_below(table, "from", first=True)
    lasts = _days_below(table, "until") or (_days_below(table, "from") if _holds_spans(table, "from") else [])
    if not firsts or not lasts:
        return None
    return Bounds(min(firsts), max(lasts), f"the first and last days in {sheet.path.name}")


def _by_counts(table: Sheet, sheet: FoundSheet) -> Bounds | None:
    """Return the first day of rows that say how often they meet, and one that lies behind the last of all.

    What meets is done when its meetings are counted: twice as many weeks leave room for all closures.
    """
    firsts, in_weeks = _days_below(table, "from", first=True), table.has("weeks")
    counts = table.texts("weeks" if in_weeks else "count")
    if not firsts or len(counts) != len(firsts):
        return None
    numbers = [int(found[0]) if (found := re.findall(r"\d+", text)) else 0 for text in counts]
    if not all(0 < number <= _MOST_MEETINGS for number in numbers):
        return None
    room, what = (1, "weeks") if in_weeks else (2, "meetings")
    lasts = [first + timedelta(weeks=room * number) for first, number in zip(firsts, numbers, strict=True)]
    soonest = max(first + timedelta(weeks=number) for first, number in zip(firsts, numbers, strict=True))
    said_by = f"the first days and the numbers of {what} in {sheet.path.name}"
    return Bounds(min(firsts), max(lasts), said_by, soonest)


_MOST_MEETINGS = 100


def _days_below(table: Sheet, name: str, *, first: bool = False) -> list[date]:
    """Return the dates of a column, of spans the last or the ``first``; none where a cell has none."""
    found = _moments_below(table, name)
    days = [(one.first if first else one.last or one.first) if one else None for one in found]
    return [day for day in days if day] if all(days) else []


def _holds_spans(table: Sheet, name: str) -> bool:
    found = _moments_below(table, name)
    return bool(found) and all(one is not None and one.last is not None for one in found)


def _moments_below(table: Sheet, name: str) -> list[Moment | None]:
    column, moments = table.matches.column(name), table.moments.get(name)
    if column is None or moments is None:
        return []
    found = [moments.moments.get(cell) for cell in column.cells]
    return [one if isinstance(one, Moment) else None for one in found]


def _by_weeks(table: Sheet, sheet: FoundSheet) -> Bounds | None:
    """Return the first and the last day of calendar weeks, where a title, the tab or the file says their year."""
    column = table.matches.column("week")
    read = [read_week_numbers(text) for text in table.texts("week")] if column else []
    year = year_in_titles([*table.table.titles, sheet.sheet or "", sheet.path.stem])
    said = column is not None and counted_by_words(column.heading) == "calendar"
    said = said or any(one is not None and max(one.numbers) > _LONGEST_TERM for one in read)
    if column is None or year is None or not all(one and (said or one.counted_by == "calendar") for one in read):
        return None
    days = [day for one in read if one for day in _days_of_weeks(one.numbers, year.first, year.last)]
    numbers = sum(len(one.numbers) for one in read if one)
    if len(days) != numbers * 2:
        return None  # a week that the year has not, or twice
    return Bounds(min(days), max(days), f"the weeks in {sheet.path.name}, of {year.text}")


_LONGEST_TERM = 30
"""Weeks: a higher number is of the calendar."""


def _days_of_weeks(numbers: Iterable[int], first: date, last: date) -> Iterable[date]:
    """Yield Monday and Sunday of each week that lies in a year, by RFC 5545's and ISO 8601's numbers."""
    for number in numbers:
        for year in range(first.year, last.year + 1):
            days = days_of_week(year, number)
            if days is not None and days[0] <= last and days[1] >= first:
                yield from days
