"""Columns of dates and times → moments, with the evidence for how each column was read."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from itertools import pairwise
from typing import Literal, NamedTuple

from nomarium.core.problems import Problem
from nomarium.core.tables import Cell, Column, Table
from nomarium.core.values import wording
from nomarium.core.values.clock import Clock, ClockTime
from nomarium.core.values.date_text import DateShape, Order
from nomarium.core.values.faults import Fault
from nomarium.core.values.languages import calendar_words, weekday_of
from nomarium.core.values.moment_text import MomentScanner, MomentShape
from nomarium.core.values.order import OrderEvidence, dates_within, weigh
from nomarium.core.values.time_text import Half
from nomarium.core.values.words import ENGLISH, CalendarWords


class Moment(NamedTuple):
    """What a cell says about when, decided: any of a first and last date, a start and end time."""

    first: date | None = None
    start: ClockTime | None = None
    last: date | None = None
    end: ClockTime | None = None
    all_day: bool = False
    midnight: bool = False
    """Whether the first date may as well be its midnight: a workbook's own moments at midnight come as bare dates."""


BLANK = Moment()


@dataclass(frozen=True, slots=True)
class DateChoices:
    """What the user stated about dates and times."""

    order: Order | None = None
    within: tuple[date, date] | None = None
    earliest_hour: int = 7
    typed: Literal["keep", "swap"] | None = None
    """What to do with a workbook's own dates where they seem to have day and month exchanged."""


@dataclass(slots=True)
class MomentColumn:
    """A column of dates or times, each distinct cell read once."""

    column: Column
    times_first: bool
    shapes: dict[str, MomentShape] = field(default_factory=dict)
    moments: dict[Cell, Moment | Fault] = field(default_factory=dict)
    evidence: OrderEvidence = field(default_factory=lambda: OrderEvidence([]))
    words: CalendarWords = ENGLISH
    """The names of months and weekdays that hold in the column."""
    order: Order | None = None
    order_from: str = ""
    """What settled the order where the column itself did not: "--dates", "the heading", another column."""
    clock: Clock = field(default_factory=Clock)
    serials: bool = False
    """Whether the column's dates are day numbers that have lost their format."""
    midnights_dropped: bool = False
    """Whether all dates carried the time 00:00, which was taken for none."""
    swapped: bool = False
    """Whether day and month of the workbook's own dates were changed back."""

    def weekday(self, text: str) -> int | None:
        """Return the weekday that a text beside the column names (Monday is 0), or None."""
        return weekday_of(text, self.words)

    @property
    def typed(self) -> list[date]:
        """The dates and dates with times that the workbook itself holds as such."""
        return [cell for cell in self.moments if isinstance(cell, date)]

    @property
    def has_dates(self) -> bool:
        """Whether any cell names a date."""
        return any(isinstance(moment, Moment) and moment.first is not None for moment in self.moments.values())

    @property
    def has_times(self) -> bool:
        """Whether any cell names a time of day."""
        return any(isinstance(moment, Moment) and moment.start is not None for moment in self.moments.values())


def read_moments(
    table: Table, columns: Sequence[tuple[Column, bool]], choices: DateChoices, weekdays: Column | None = None
) -> tuple[list[MomentColumn], list[Problem]]:
    """Read columns of dates and times together: (column, whether "9.30" there is rather a time than a date).

    A column whose order nothing proves follows one beside it that is proved and written in the same way. A column of
    weekday names beside the dates proves, or contradicts.
    """
    texts = [text for column, _ in columns for text in _texts(column)]
    words = calendar_words(texts + (_texts(weekdays) if weekdays else []))
    if isinstance(words, list):
        return [], [wording.ambiguous_names(table, columns[0][0], words)]
    scanner = MomentScanner(words)
    read = []
    for column, times_first in columns:
        beside = _weekdays_beside(column, weekdays, words) if weekdays and not times_first else {}
        read.append(_scan(column, scanner, choices, times_first, beside))
    _settle_by_neighbours(read)
    problems: list[Problem] = []
    for result in read:
        problems += _order_problems(table, result)
        if choices.typed is None and (pair := _exchanged(result)):
            problems.append(wording.exchanged_dates(table, result.column, *pair))
        _resolve(result, choices)
    return read, problems


def _texts(column: Column) -> list[str]:
    """The distinct texts of a column that have letters."""
    return [cell for cell in dict.fromkeys(column.cells) if isinstance(cell, str) and any(map(str.isalpha, cell))]


def _weekdays_beside(column: Column, weekdays: Column, words: CalendarWords) -> dict[str, set[int]]:
    """Return the weekdays that stand in the same rows as each text."""
    beside: dict[str, set[int]] = {}
    for text, name in dict.fromkeys(zip(column.cells, weekdays.cells, strict=True)):
        if isinstance(text, str) and isinstance(name, str) and (day := weekday_of(name, words)) is not None:
            beside.setdefault(text, set()).add(day)
    return beside


_BLANK_MARKS = frozenset({"", "-", "–", "—", "n/a", "N/A", "none", "None"})


def _scan(
    column: Column, scanner: MomentScanner, choices: DateChoices, times_first: bool, weekdays: dict[str, set[int]]
) -> MomentColumn:
    result = MomentColumn(column, times_first, words=scanner.words)
    distinct = dict.fromkeys(column.cells)
    result.serials = not times_first and _are_serials(distinct)
    with_midnights = any(isinstance(cell, datetime) and cell.year >= 1901 for cell in distinct)
    for cell in distinct:
        if cell in _BLANK_MARKS:
            result.moments[cell] = BLANK
        elif not isinstance(cell, str):
            moment = _typed_moment(cell, result, scanner)
            midnight = with_midnights and isinstance(moment, Moment) and moment.start is None
            result.moments[cell] = moment._replace(midnight=True) if midnight else moment  # type: ignore[call-arg]
        elif result.serials:
            result.moments[cell] = _serial_moment(float(cell))
        elif shape := scanner.scan(cell, times_first=times_first):
            result.shapes[cell] = shape
        else:
            result.moments[cell] = wording.unreadable_moment(cell, times_first)
    _drop_midnights(result)
    result.clock = Clock.of({text: shape.times for text, shape in result.shapes.items()}, choices.earliest_hour)
    _weigh_order(result, choices, weekdays)
    return result


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


_HEADING_ORDER = re.compile(
    r"(?<![a-z])([dtj]{1,2}|m{1,3}|[yja]{2,4})[./\- ]([dtj]{1,2}|m{1,3})[./\- ]([dtj]{1,2}|[yja]{2,4})(?![a-z])"
)
_HEADING_PAIR = re.compile(r"(?<![a-z])([dtj]{1,2}|m{1,2})[./\- ]([dtj]{1,2}|m{1,2})(?![a-z])")


def order_in_heading(heading: str) -> Order | None:
    """Return the order that a heading states: "Date (dd/mm/yyyy)" → "dmy"; also TT.MM.JJJJ and jj/mm/aaaa."""
    text = heading.casefold()
    match = _HEADING_ORDER.search(text) or _HEADING_PAIR.search(text)
    if not match:
        return None
    parts = [part[0] for part in match.groups()]
    if parts.count("m") != 1:
        return None
    if len(parts) == 3 and parts[0] in "yja" and len(match[1]) > 1 and parts[1] == "m":
        return "ymd" if len(match[1]) == 4 or parts[0] == "y" else "dmy"
    return "mdy" if parts[0] == "m" else "dmy"


def _weigh_order(result: MomentColumn, choices: DateChoices, weekdays: dict[str, set[int]]) -> None:
    shapes = {text: shape.dates for text, shape in result.shapes.items() if shape.dates}
    cells = (cell for cell in result.column.cells if isinstance(cell, str))
    result.evidence = weigh(shapes, choices.within, cells, weekdays)
    stated = order_in_heading(result.column.heading)
    if choices.order is not None:
        result.order, result.order_from = choices.order, "--dates"
    elif result.evidence.decided is not None:
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


def _resolve(column: MomentColumn, choices: DateChoices) -> None:
    """Decide every distinct text of a column; nothing where its order is not known."""
    column.swapped = choices.typed == "swap"
    if column.swapped:
        for cell in column.typed:
            column.moments[cell] = _swapped(cell)
    for text, shape in column.shapes.items():
        column.moments[text] = _decided(text, shape, column, choices)


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


def _date(text: str, shape: DateShape, order: Order | None, within: tuple[date, date] | None) -> date | Fault:
    reading = shape.readings.get(order or "dmy") or next(iter(shape.readings.values()))
    if order not in shape.readings and order is not None and not shape.plain:
        return wording.impossible_date(text, reading, order)
    if not reading.possible:
        return wording.impossible_date(text, reading, None if shape.plain else order)
    if reading.year is None:
        found = dates_within(reading, shape.weekday, within) if within else []
        return found[0] if len(found) == 1 else wording.year_missing(text, within is not None, len(found))
    if not 1900 <= reading.year <= 2199:
        return wording.impossible_year(text, reading.year)
    day = date(reading.year, reading.month, reading.day)
    if shape.weekday is not None and day.weekday() != shape.weekday:
        return wording.wrong_weekday(text, shape.weekday, day)
    return day


_EPOCH = datetime(1899, 12, 30)
"""Day number 0 of workbooks, as counted since 1 March 1900 (ECMA-376, part 1, 18.17.4.1)."""


def _typed_moment(cell: Cell, result: MomentColumn, scanner: MomentScanner) -> Moment | Fault:
    if isinstance(cell, datetime):
        clock = ClockTime(cell.hour * 3600 + cell.minute * 60 + cell.second)
        return Moment(start=clock) if cell.year < 1901 else Moment(cell.date(), clock)
    if isinstance(cell, date):
        return Moment(cell) if cell.year >= 1901 else Moment(start=ClockTime(0))
    if isinstance(cell, time):
        return Moment(start=ClockTime(cell.hour * 3600 + cell.minute * 60 + cell.second))
    if isinstance(cell, timedelta):
        seconds = round(cell.total_seconds())
        return (
            Moment(start=ClockTime(seconds)) if 0 <= seconds <= 86_400 else wording.unreadable_moment(str(cell), True)
        )
    return _number(float(cell), result, scanner)


def _number(number: float, result: MomentColumn, scanner: MomentScanner) -> Moment | Fault:
    """A bare number: a day number or part of a day that lost its format, or a time or date typed without marks."""
    if result.serials:
        return _serial_moment(number)
    if result.times_first and 0 < number < 1:
        return Moment(start=ClockTime(round(number * 1440) * 60))
    text = str(int(number)) if number.is_integer() else str(number)
    shape = scanner.scan(text, times_first=result.times_first)
    if shape is None:
        return wording.unreadable_moment(text, result.times_first)
    clock = Clock(earliest_hour=7)
    if shape.first is not None and shape.first.plain and (day := shape.first.readings["ymd"].as_date()):
        return Moment(day)
    if shape.start is not None and result.times_first:
        return Moment(start=clock.read(shape.start))
    return wording.unreadable_moment(text, result.times_first)


def _are_serials(cells: Iterable[Cell]) -> bool:
    """Tell whether all filled cells are day numbers of the years 1954 to 2119 (20,000 to 80,000)."""
    filled = [cell for cell in cells if cell not in _BLANK_MARKS]
    return bool(filled) and all(_is_serial(cell) for cell in filled)


_SERIAL = re.compile(r"\d{5}(\.\d+)?")


def _is_serial(cell: Cell) -> bool:
    if isinstance(cell, str):
        return bool(_SERIAL.fullmatch(cell)) and 20_000 <= float(cell) <= 80_000
    return isinstance(cell, float) and 20_000 <= cell <= 80_000


def _serial_moment(number: float) -> Moment:
    moment = _EPOCH + timedelta(minutes=round(number * 1440))
    if number.is_integer():
        return Moment(moment.date())
    return Moment(moment.date(), ClockTime(moment.hour * 3600 + moment.minute * 60))


def _swapped(cell: date) -> Moment | Fault:
    """A typed date with its day and month changed back."""
    if cell.day > 12:
        return wording.unswappable(cell)
    day = date(cell.year, cell.day, cell.month)
    if isinstance(cell, datetime):
        return Moment(day, ClockTime(cell.hour * 3600 + cell.minute * 60))
    return Moment(day)
