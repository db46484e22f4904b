"""Columns of dates and times → moments, with the evidence for how each column was read."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import replace
from datetime import date, datetime, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.values import wording
from nomarium.core.values.clock import Clock, ClockTime
from nomarium.core.values.date_spans import span_of_dates
from nomarium.core.values.durations import read_length
from nomarium.core.values.faults import Fault
from nomarium.core.values.languages import calendar_words, weekday_of
from nomarium.core.values.moment import BLANK, STATED, DateChoices, Moment, MomentColumn
from nomarium.core.values.moment_text import LONGEST_MOMENT, MomentScanner, MomentShape
from nomarium.core.values.month_title import month_named
from nomarium.core.values.order import dates_within, order_in_heading, weigh
from nomarium.core.values.spans_within import hours_of_part
from nomarium.core.values.time_text import Half
from nomarium.core.values.title_years import TitledYear, year_in_titles
from nomarium.core.values.typed import (
    BLANK_MARKS,
    are_serials,
    is_to_come,
    numbers_as_text,
    serial_moment,
    swapped,
    typed_moment,
)
from nomarium.core.values.week_text import CalendarWeeks, scan_weeks
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Cell, Column, Table
    from nomarium.core.values.date_text import DateShape, Order
    from nomarium.core.values.words import CalendarWords


def read_moments(
    table: Table,
    columns: Sequence[tuple[Column, bool]],
    choices: DateChoices,
    weekdays: Column | None = None,
    spans: Sequence[tuple[Column, Column]] = (),
) -> tuple[list[MomentColumn], list[Problem]]:
    """Read columns of dates and times together: (column, whether "9.30" there is rather a time than a date).

    A column whose order nothing proves follows one beside it that is proved and written in the same way. A column of
    weekday names beside the dates proves, or contradicts; so do first days that stand beside their last, ``spans``.
    """
    texts = [text for column, _ in columns for text in _texts(column)]
    words = calendar_words(texts + (_texts(weekdays) if weekdays else []))
    if isinstance(words, list):
        return [], [wording.ambiguous_names(table, columns[0][0], words)]
    scanner = MomentScanner(words)
    read = []
    for column, times_first in columns:
        beside = _weekdays_beside(column, weekdays, words) if weekdays and not times_first else {}
        read.append(_scan(column, scanner, choices, times_first, beside, table.first_day))
    _settle_by_neighbours(read)
    _settle_by_ends(read, spans)
    _settle_by_title(read, table)
    problems: list[Problem] = []
    for result in read:
        problems += _order_problems(table, result)
        if choices.typed is None and (pair := _exchanged(result)):
            problems.append(wording.exchanged_dates(table, result.column, *pair))
        if result.to_come:
            problems += wording.to_come(table, result.column, result.to_come)
        if result.remarks:
            problems += wording.remarks_behind(table, result.column, result.remarks)
        problems += _resolve(table, result, choices)
        if _UTC_HEADING.search(result.column.heading):
            _take_as_utc(result)
        elif result.has_times and (zone := wording.ZONE_LETTERS.search(result.column.heading)):
            problems.append(wording.zone_in_heading(table, result.column, zone[0]))
    return read, [*_halves_in_doubt(table, read), *problems]


def _halves_in_doubt(table: Table, columns: Sequence[MomentColumn]) -> Iterator[Problem]:
    """Report times without am or pm where others have them, and the first column that was read in the evening."""
    evenings = [column for column in columns if column.clock.evening]
    for column in columns:
        if column.clock.unmarked:
            yield wording.half_unmarked(table, column.column, column.clock.unmarked)
    for column in evenings[:1]:
        yield wording.evening_assumed(table, column.column, column.clock.evening or "")


_UTC_HEADING = regex(r"(?<![a-z])(?:utc|gmt|zulu)(?![a-z])", re.IGNORECASE)


def _take_as_utc(column: MomentColumn) -> None:
    """Give the times of a column whose heading says UTC that offset, where they name none themselves."""
    column.utc = True
    for cell, moment in column.moments.items():
        if isinstance(moment, Moment):
            start, end = (
                clock._replace(offset=0) if clock and clock.offset is None else clock
                for clock in (moment.start, moment.end)
            )
            column.moments[cell] = moment._replace(start=start, end=end)


def _texts(column: Column) -> list[str]:
    """The distinct texts of a column that have letters, those of zones apart."""
    texts = [cell for cell in column.distinct if isinstance(cell, str) and any(map(str.isalpha, cell))]
    return [bare for text in texts if any(map(str.isalpha, bare := wording.ZONE_LETTERS.sub("", text)))]


def _weekdays_beside(column: Column, weekdays: Column, words: CalendarWords) -> dict[str, set[int]]:
    """Return the weekdays that stand in the same rows as each text."""
    beside: dict[str, set[int]] = {}
    for text, name in dict.fromkeys(zip(column.cells, weekdays.cells, strict=True)):
        if isinstance(text, str) and isinstance(name, str) and (day := weekday_of(name, words)) is not None:
            beside.setdefault(text, set()).add(day)
    return beside


def _scan(
    column: Column,
    scanner: MomentScanner,
    choices: DateChoices,
    times_first: bool,
    weekdays: dict[str, set[int]],
    first_day: datetime,
) -> MomentColumn:
    result = MomentColumn(column, times_first, words=scanner.words)
    distinct = column.distinct
    result.serials = not times_first and are_serials(distinct)
    if not result.serials and any(isinstance(cell, float) for cell in distinct):
        column.cells = numbers_as_text(column.cells, times_first)
        distinct = column.distinct
    with_midnights = any(isinstance(cell, datetime) and cell.year >= 1901 for cell in distinct)
    for cell in distinct:
        if cell in BLANK_MARKS:
            result.moments[cell] = BLANK
        elif is_to_come(cell):
            result.moments[cell] = BLANK
            result.to_come.add(cell)
        elif not isinstance(cell, str):
            moment = typed_moment(cell, first_day=first_day if result.serials else None)
            midnight = with_midnights and isinstance(moment, Moment) and moment.start is None
            result.moments[cell] = moment._replace(midnight=True) if midnight else moment  # type: ignore[call-arg]
        elif result.serials:
            result.moments[cell] = serial_moment(float(cell), first_day)
        else:
            _take_text(result, cell, scanner)
    if not choices.keep_midnights:
        _drop_midnights(result)
    times = {text: shape.times for text, shape in result.shapes.items()}
    result.clock = Clock.of(times, choices.earliest_hour, column.heading)
    result.clock.take_evenings({text: shape.start for text, shape in result.shapes.items() if shape.start})
    _weigh_order(result, choices, weekdays)
    return result


def _take_text(result: MomentColumn, cell: str, scanner: MomentScanner) -> None:
    """Add what a text means to its column: a date or time, weeks, one of them with a remark behind it, or none."""
    times_first = result.times_first
    if shape := _shape_of(cell, scanner, times_first=times_first):
        result.shapes[cell] = shape
    elif not times_first and (weeks := scan_weeks(cell, result.column.heading)):
        result.weeks[cell] = weeks
    elif (starts := _with_length(cell, scanner, times_first=times_first)) is not None:
        result.shapes[cell], result.lengths[cell] = starts
    elif (remark := _remark_behind(cell)) and (
        shape := _shape_of(cell[: remark.start()], scanner, times_first=times_first)
    ):
        result.shapes[cell], result.remarks[cell] = shape, remark["said"]
    else:
        result.moments[cell] = wording.unreadable_moment(cell, times_first)


def _shape_of(text: str, scanner: MomentScanner, *, times_first: bool) -> MomentShape | None:
    """Return what a text may mean; of times, the hours beside a part of the day, too: "Morning (9–12)"."""
    shape = scanner.scan(text, times_first=times_first)
    hours = hours_of_part(text) if times_first and shape is None else ""
    return scanner.scan(hours, times_first=True) if hours else shape


def _with_length(text: str, scanner: MomentScanner, *, times_first: bool) -> tuple[MomentShape, int] | None:
    """Return the start that a text says and, in brackets behind it, how many seconds it takes; None for others."""
    found = _LENGTH.fullmatch(text) if len(text) <= LONGEST_MOMENT else None
    length = read_length(found["length"]) if found else None
    shape = _shape_of(found["start"], scanner, times_first=times_first) if found and length else None
    if length is None or length.days or shape is None or shape.start is None or shape.end is not None:
        return None
    return shape, int(length.elapsed.total_seconds())


_LENGTH = regex(r"(?P<start>.*\d.*?)\s?\((?P<length>\d[^()]*[^\W\d_'′’][^()]*|\d+['′’])\)")


def _remark_behind(text: str) -> re.Match[str] | None:
    """Return what stands in brackets behind a date or time, where it changes nothing of it; None for nothing."""
    found = _REMARK.search(text) if len(text) <= LONGEST_MOMENT else None
    if found is None or wording.ZONE_LETTERS.search(f"1:00 {found['said']}") or _CHANGES.search(found["said"]):
        return None
    return found


_REMARK = regex(r"\s*\((?P<said>[^()\d]*[^\W\d_]{3}[^()\d]*)\)\s*$")
_CHANGES = regex(
    r"\b(?:cancel\w*|moved|postponed|changed|new|not|no|except|excl\w*|approx\w*|tbc|tba|tentative|provisional|if|or|"
    r"abgesagt|entfällt|fällt|verschoben|neu|nicht|außer|ohne|annul\w*|supprim\w*|reporté\w*|sauf|cancelad\w*|salvo|"
    r"aplazad\w*|annullat\w*|rinviat\w*|geannuleerd|vervalt|verplaatst|inställ\w*|aflyst|avlyst|weekly|daily|monthly|"
    r"every|each|both|noon|midnight|morning|afternoon|evening|night|utc|gmt|zulu|time|zone|local|eastern|central|mountain|"
    r"pacific|zeit|uhr|heure|hora|ora|next|following|previous|day|days|week|later|tag|jour|día|giorno)\b",
    re.IGNORECASE,
)
"""Remarks that say something of when, or whether, it is."""


def _drop_midnights(result: MomentColumn) -> None:
    """Take dates that all carry the time 00:00 for dates: that is how programs without a type for them write them."""
    dated = {text: shape for text, shape in result.shapes.items() if shape.first is not None}
    if dated and not result.times_first and all(_at_midnight(shape) for shape in dated.values()):
        result.midnights_dropped = True
        result.shapes.update({text: shape._replace(start=None) for text, shape in dated.items()})


def _at_midnight(shape: MomentShape) -> bool:
    start = shape.start
    if start is None or shape.last or shape.end or start.minute or start.second or start.offset is not None:
        return False
    return start.hour == 0 or (start.hour == 12 and start.half is Half.AM)


def _weigh_order(result: MomentColumn, choices: DateChoices, weekdays: dict[str, set[int]]) -> None:
    shapes = {text: shape.dates for text, shape in result.shapes.items() if shape.dates}
    cells = (cell for cell in result.column.cells if isinstance(cell, str))
    result.evidence = weigh(shapes, choices.within, cells, weekdays)
    stated = order_in_heading(result.column.heading)
    if choices.order is not None:
        result.order, result.order_from = choices.order, STATED
    elif shapes and result.evidence.decided is not None:
        result.order = result.evidence.decided
    elif stated in result.evidence.left:
        result.order, result.order_from = stated, "its heading"


def _settle_by_neighbours(columns: list[MomentColumn]) -> None:
    """Let a proved column decide for one beside it that is written in the same way and proves nothing itself."""
    proved = [column for column in columns if column.order and column.evidence.against and not column.order_from]
    orders = {column.order for column in proved}
    if len(orders) != 1:
        return
    for column in columns:
        if column.order is None and proved[0].order in column.evidence.left:
            column.order, column.order_from = proved[0].order, f"column “{proved[0].column.heading}”"


def _settle_by_ends(columns: list[MomentColumn], spans: Sequence[tuple[Column, Column]]) -> None:
    """Let first and last days decide together where only one order of their parts puts no last day before its first."""
    read = {id(one.column): one for one in columns if one.order is None and one.evidence.ambiguous}
    for pair in spans:
        both = [read[id(column)] for column in pair if id(column) in read]
        if len(both) < len(pair):
            continue
        rows = dict.fromkeys(zip(*(column.cells for column in pair), strict=True))
        left = [order for order in both[0].evidence.left if order in both[1].evidence.left]
        in_turn = [order for order in left if not any(_ends_early(order, both, row) for row in rows)]
        for one in both if len(in_turn) == 1 else ():
            one.order, one.order_from = in_turn[0], "the order of first and last days"


def _ends_early(order: Order, both: Sequence[MomentColumn], row: Sequence[Cell]) -> bool:
    """Tell whether the last day of a row is before its first, under an order."""
    shapes = [one.shapes.get(cell) if isinstance(cell, str) else None for one, cell in zip(both, row, strict=True)]
    dates = [shape.first if shape else None for shape in shapes]
    first, last = (date.readings[order].as_date() if date and order in date.readings else None for date in dates)
    return first is not None and last is not None and last < first


def _settle_by_title(columns: list[MomentColumn], table: Table) -> None:
    """Let the month that a title names decide, where all dates of a column lie in it in one order of its parts only."""
    month = month_named(table.titles) if any(column.order is None for column in columns) else None
    for column in columns if month is not None else ():
        firsts = [shape.first for shape in column.shapes.values() if shape.first]
        left = [order for order in column.evidence.left if firsts and all(_is_of(month, order, one) for one in firsts)]
        if column.order is None and len(left) == 1:
            column.order, column.order_from = left[0], "the month of the title"


def _is_of(month: date | None, order: Order, shape: DateShape) -> bool:
    reading = shape.readings.get(order)
    return month is not None and reading is not None and (reading.year, reading.month) == (month.year, month.month)


def _order_problems(table: Table, column: MomentColumn) -> list[Problem]:
    """Report a column whose order is unproved or contradictory."""
    evidence = column.evidence
    if column.order is None and column.shapes and any(shape.dates for shape in column.shapes.values()):
        if not evidence.left:
            return [wording.contradictory_order(table, column.column, evidence)]
        counts = Counter(column.column.cells)
        differing = sum(counts[text] for text in evidence.ambiguous)
        ascending = [order for order in evidence.left if _ascends(column, order)]
        return [wording.unproved_order(table, column.column, column.shapes, evidence, differing, ascending)]
    return []


def _ascends(column: MomentColumn, order: Order) -> bool:
    """Tell whether an order of the parts puts the rows in order of date."""
    days = []
    for cell in column.column.cells:
        shape = column.shapes.get(cell) if isinstance(cell, str) else None
        reading = shape.first.readings.get(order) if shape and shape.first else None
        days.append(reading.as_date() if reading else None)
    known = [day for day in days if day]
    return len(known) > 2 and all(earlier <= later for earlier, later in pairwise(known))


def _exchanged(column: MomentColumn) -> tuple[Cell, str] | None:
    """Return a typed cell and a text cell of a column that a spreadsheet program has half converted.

    Under the wrong order it turns 4/12 into a date (exchanged) and leaves 25/12 as text: so every text proves
    one order, and no date's day is past 12.
    """
    texts = {text: shape.first for text, shape in column.shapes.items() if shape.first}
    unclear = [text for text, shape in texts.items() if not shape.plain]
    dates: list[tuple[Cell, int]] = [(cell, cell.day) for cell in column.typed]
    dates += [(text, shape.readings["ymd"].day) for text, shape in texts.items() if shape.plain and text[:4].isdigit()]
    if not unclear or not dates or column.order not in ("dmy", "mdy"):
        return None
    if any(day > 12 for _, day in dates) or not all(_proves_alone(texts[text]) for text in unclear):
        return None
    return dates[0][0], unclear[0]


def _proves_alone(shape: DateShape) -> bool:
    """Tell whether a date is possible with the day first or with the month first, but not with both."""
    return [reading.possible for order, reading in shape.readings.items() if order != "ymd"].count(True) == 1


def _resolve(table: Table, column: MomentColumn, choices: DateChoices) -> list[Problem]:
    """Decide every distinct text of a column; nothing where its order is not known.

    Dates without a year take that of a title, else of the others of their column, where nothing else says it, with a
    note.
    """
    titled = _year_of_title(table, column) if choices.within is None else None
    around = _days_around(column) if choices.within is None and titled is None else None
    if titled:
        choices = replace(choices, within=(titled.first, titled.last))
    elif around:
        choices = replace(choices, within=around.within)
    column.swapped = choices.typed == "swap"
    if column.swapped:
        for cell in column.typed:
            column.moments[cell] = swapped(cell)
    for text, shape in column.shapes.items():
        column.moments[text] = _decided(text, shape, column, choices)
    for text, seconds in column.lengths.items():
        column.moments[text] = _ended(text, column.moments[text], seconds)
    for text, weeks in column.weeks.items():
        column.moments[text] = _days_of_weeks(text, weeks, choices.within)
    if may_be_years := _months_and_years(column):
        return [wording.months_and_years(table, column.column, may_be_years)]
    if around:
        return [wording.year_of_others(table, column.column, around.without, around.dated)]
    return [wording.year_of_title(table, column.column, titled.text)] if titled else []


class _DaysAround(NamedTuple):
    """The half-years before and behind those dates of a column that have a year."""

    within: tuple[date, date]
    dated: str
    """The first text with a year, and the first without one."""
    without: str


def _days_around(column: MomentColumn) -> _DaysAround | None:
    """Return what dates without a year lie in that stand among others with one; None where these are far apart."""
    dated: dict[date, str] = {}
    without = [text for text, weeks in column.weeks.items() if weeks.year is None]
    for text, shape in column.shapes.items():
        readings = shape.first.readings if shape.first else {}
        reading = readings.get(column.order or "dmy") or next(iter(readings.values()), None)
        if reading and reading.year is None:
            without.append(text)
        elif reading and reading.year in _YEARS and (day := reading.as_date()) is not None:
            dated.setdefault(day, text)
    if not dated or not without or max(dated) - min(dated) > _HALF_A_YEAR:
        return None
    within = max(dated) - _HALF_A_YEAR, min(dated) + _HALF_A_YEAR
    return _DaysAround(within, dated[min(dated)], without[0])


_HALF_A_YEAR = timedelta(days=182)


def _ended(text: str, moment: Moment | Fault, seconds: int) -> Moment | Fault:
    """Return a start with the end that its length gives it, on the same day."""
    if not isinstance(moment, Moment) or moment.start is None:
        return moment
    end = moment.start.seconds + seconds
    return moment._replace(end=ClockTime(end)) if end <= _A_DAY else wording.unreadable_moment(text, is_time=True)


_A_DAY = 86_400


def _months_and_years(column: MomentColumn) -> str | None:
    """Return the first of a column's texts where all may be a month with its year: "Sep 26" and "Jan 27" of 2026–27."""
    readings = {}
    for text, shape in column.shapes.items():
        reading = shape.first.readings["dmy"] if shape.first and shape.first.month_first and shape.first.plain else None
        day = column.moments.get(text)
        if reading is None or reading.year is not None or not isinstance(day, Moment) or day.first is None:
            return None
        readings[text] = reading.day == day.first.year % 100
    return next(iter(readings)) if len(readings) > 1 and all(readings.values()) else None


def _year_of_title(table: Table, column: MomentColumn) -> TitledYear | None:
    """Return the year of a title, for a column of dates without one; a single year only where they do not cross it."""
    firsts = [shape.first for shape in column.shapes.values() if shape.first]
    if all(reading.year is not None for first in firsts for reading in first.readings.values()):
        return None
    months = [
        reading.month
        for cell in column.column.cells
        if isinstance(cell, str) and (shape := column.shapes.get(cell)) and shape.first
        for reading in [shape.first.readings.get(column.order or "dmy") or next(iter(shape.first.readings.values()))]
        if reading.year is None
    ]
    titles = [column.column.heading, *table.titles, *filter(span_of_dates, table.closing)]
    titled = year_in_titles(titles) if months else None
    falls = sum(earlier - later > _LEAST_OF_A_TURN for earlier, later in pairwise(months))
    return titled if titled and (titled.crosses or falls != 1 or months[-1] > months[0]) else None


_LEAST_OF_A_TURN = 3
"""Months: where a list goes back by more, a new year may begin; by fewer, its rows are in another order."""


def _decided(text: str, shape: MomentShape, column: MomentColumn, choices: DateChoices) -> Moment | Fault:
    days: list[date | None] = []
    for date_shape in (shape.first, shape.last):
        day = _date(text, date_shape, column.order, choices.within) if date_shape else None
        if isinstance(day, Fault):
            return day
        days.append(day)
    if days[0] and days[1] and days[1] < days[0]:
        return wording.backward_range(text, days[0], days[1])
    start = end = None
    if shape.start and shape.end:
        start, end = column.clock.read_span(shape.start, shape.end)
    elif shape.start:
        start = column.clock.read(shape.start)
    return Moment(days[0], start, days[1], end, shape.all_day)


def _days_of_weeks(text: str, weeks: CalendarWeeks, within: tuple[date, date] | None) -> Moment | Fault:
    """Return the days of weeks of the calendar, from Monday to Sunday."""
    if weeks.year is not None and weeks.year not in _YEARS:
        return wording.impossible_year(text, weeks.year)
    span = weeks.span(within)
    if span is None:
        no_year = wording.year_missing(text, within is not None, 0)
        return no_year if weeks.year is None else wording.no_such_weeks(text, weeks.year)
    return Moment(span[0], None, span[1], None, all_day=True)


_YEARS = range(1900, 2200)
"""The years that dates in sheets may have."""


def _date(text: str, shape: DateShape, order: Order | None, within: tuple[date, date] | None) -> date | Fault:
    reading = shape.readings.get(order or "dmy") or next(iter(shape.readings.values()))
    if order not in shape.readings and order is not None and not shape.plain:
        return wording.impossible_date(text, reading, order)
    if not reading.possible:
        return wording.impossible_date(text, reading, None if shape.plain else order)
    if reading.year is None:
        found = dates_within(reading, shape.weekday, within) if within else []
        return found[0] if len(found) == 1 else wording.year_missing(text, within is not None, len(found))
    if reading.year not in _YEARS:
        return wording.impossible_year(text, reading.year)
    day = date(reading.year, reading.month, reading.day)
    if shape.weekday is not None and day.weekday() != shape.weekday:
        return wording.wrong_weekday(text, shape.weekday, day)
    return day
