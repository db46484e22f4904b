"""Where everything stands in the picture of a year: months as blocks of dates, in fractions of the page."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from enum import Enum
from math import ceil
from typing import TYPE_CHECKING

from nomarium.core.rows import specials_words
from nomarium.core.values import MONTH_NAMES
from nomarium.views.page import Box

if TYPE_CHECKING:
    from nomarium.core.year import Closure, Day, SchoolYear, Term

MARGIN = 0.02
TITLE = 0.07
LEGEND_LINE = 0.024
"""Height of a line of the legend."""
_LONGEST_LABEL, _LONGEST_LINE = 3, 5
"""Longer labels are shortened; labels of several cycles that make a longer line stand below one another."""
MOST_CYCLES = 4
"""So many cycles have room in a date's box."""
_COLUMNS_OF_A_MONTH = 8
"""Seven days and the week's number across."""
_NAME_ROW, _WEEKDAY_ROW, _WEEK_ROWS = 0.75, 0.5, 6
"""The month's name, the weekdays and six weeks down, in heights of a week's row."""


class Kind(Enum):
    """What a date's box looks like."""

    OUTSIDE = "outside all terms"
    REST = "rest day"
    SCHOOL = "school"
    CLOSED = "closed"
    PARTLY = "partly closed"


@dataclass(frozen=True, slots=True)
class DateBox:
    """One date of a month."""

    box: Box
    number: int
    kind: Kind
    labels: tuple[str, ...]
    """The lines of its labels: one for all cycles where they are short, else one for each."""
    special: bool
    term: int
    """The place of its term among the terms shown, -1 for none."""


@dataclass(frozen=True, slots=True)
class WeekBox:
    """The number of a week, before its dates."""

    box: Box
    text: str
    term: int


@dataclass(frozen=True, slots=True)
class MonthBlock:
    """One month: its name, the weekdays' initials, its weeks and dates."""

    title: Box
    name: str
    weekdays: Sequence[tuple[Box, str]]
    weeks: Sequence[WeekBox]
    dates: Sequence[DateBox]


@dataclass(frozen=True, slots=True)
class YearLayout:
    """The whole page."""

    months: Sequence[MonthBlock]
    terms: Sequence[Term]
    legend: Box


def lay_out(year: SchoolYear, cycles: Sequence[str], aspect: float, legend_lines: int) -> YearLayout:
    """Lay a year out on a page; ``aspect`` is its width by its height."""
    months = list(_months(year.rules.first, year.rules.last))
    legend = Box(MARGIN, MARGIN, 1 - 2 * MARGIN, legend_lines * LEGEND_LINE)
    area = Box(MARGIN, legend.y + legend.height + 0.01, 1 - 2 * MARGIN, 1 - TITLE - legend.y - legend.height - 0.01)
    columns = best_columns(len(months), aspect * area.width / area.height)
    terms = innermost_terms(year)
    places = [list(year.cycles).index(name) for name in cycles]
    rows = ceil(len(months) / columns)
    width, height = area.width / columns, area.height / rows
    blocks = []
    for number, month in enumerate(months):
        row, column = divmod(number, columns)
        place = Box(area.x + column * width, area.y + area.height - (row + 1) * height, width * 0.95, height * 0.96)
        blocks.append(_Month(year, month, place, terms, places).block())
    return YearLayout(blocks, terms, legend)


def best_columns(months: int, aspect: float) -> int:
    """Return how many months go side by side so that their dates' boxes are largest; ``aspect`` is the area's."""

    def smallest_side(columns: int) -> float:
        return min(aspect / columns, 1 / ceil(months / columns))

    return max(range(1, months + 1), key=smallest_side)


def innermost_terms(year: SchoolYear) -> list[Term]:
    """Return the terms that some date has for its innermost, in order."""
    found = {term for day in year.attendance.term_days if (term := year.attendance.term(day))}
    return sorted(found, key=lambda term: (term.first, term.last))


def _months(first: date, last: date) -> Iterator[date]:
    month = first.replace(day=1)
    while month <= last:
        yield month
        month = (month + timedelta(days=31)).replace(day=1)


class _Month:
    """Lays out one month."""

    def __init__(self, year: SchoolYear, first: date, place: Box, terms: Sequence[Term], cycles: Sequence[int]) -> None:
        self._year = year
        self._first = first
        self._place = place
        self._terms = {term: number for number, term in enumerate(terms)}
        self._cycles = cycles
        self._short = shortened(year)
        longest = [max((len(s) for (n, _), s in self._short.items() if n == place), default=1) for place in cycles]
        self._on_one_line = sum(longest) + len(longest) - 1 <= _LONGEST_LINE
        self._width = place.width / _COLUMNS_OF_A_MONTH
        self._height = place.height / (_NAME_ROW + _WEEKDAY_ROW + _WEEK_ROWS)

    def block(self) -> MonthBlock:
        """Return the month's boxes."""
        name = f"{MONTH_NAMES[self._first.month - 1]} {self._first.year}"
        initials = ["Mo", "Tu", "We", "Th", "Fr", "Sa", "Su"]
        first_weekday = self._year.rules.weeks.first_weekday
        top = self._place.y + self._place.height
        name_height, head_height = self._height * _NAME_ROW, self._height * _WEEKDAY_ROW
        title = Box(self._place.x, top - name_height, self._place.width, name_height)
        heads = [self._cell(0, 1 + n)._replace(y=title.y - head_height, height=head_height) for n in range(7)]
        weekdays = [(head, initials[(first_weekday + n) % 7]) for n, head in enumerate(heads)]
        days = [self._first + timedelta(days=n) for n in range(31)]
        days = [day for day in days if day.month == self._first.month]
        return MonthBlock(title, name, weekdays, list(self._weeks(days)), [self._date(day) for day in days])

    def _cell(self, row: int, column: int) -> Box:
        x = self._place.x + column * self._width
        y = self._place.y + (_WEEK_ROWS - 1 - row) * self._height
        return Box(x, y, self._width, self._height)

    def _row(self, day: date) -> int:
        return (self._year.weeks.week(day) - self._year.weeks.week(self._first)).days // 7

    def _weeks(self, days: Sequence[date]) -> Iterator[WeekBox]:
        rows: dict[int, list[Day]] = {}
        for day in days:
            rows.setdefault(self._row(day), []).append(self._year.day(day))
        for row, found in rows.items():
            within = [day for day in found if day.term is not None]
            if within:
                numbered = [day for day in within if day.week is not None] or within
                text = f"{'' if numbered[0].week is None else numbered[0].week}{numbered[0].letter}"
                term = numbered[0].term
                yield WeekBox(self._cell(row, 0), text, self._terms[term] if term else -1)

    def _date(self, day: date) -> DateBox:
        found = self._year.day(day)
        column = 1 + (day - self._year.weeks.week(day)).days
        labels = tuple(self._short.get((place, found.labels[place]), "–") for place in self._cycles)
        text: tuple[str, ...] = ()
        if any(found.labels[place] for place in self._cycles):
            text = ("·".join(labels),) if self._on_one_line else labels
        term = self._terms[found.term] if found.term else -1
        box = self._cell(self._row(day), column)
        return DateBox(box, day.day, self._kind(found), text, bool(specials_words(found)), term)

    def _kind(self, day: Day) -> Kind:
        if day.term is None:
            return Kind.OUTSIDE
        if not self._year.attendance.is_working_day(day.date):
            return Kind.REST
        if not day.has_school:
            return Kind.CLOSED
        return Kind.PARTLY if day.closures else Kind.SCHOOL


def shortened(year: SchoolYear) -> dict[tuple[int, str], str]:
    """Return what stands for each label, by its cycle's place: itself, or as many letters as tell long ones apart."""
    found = {}
    for place, cycle in enumerate(year.cycles.values()):
        labels = list(dict.fromkeys(cycle.rule.labels))
        length = max(map(len, labels), default=1)
        if length > _LONGEST_LABEL:
            lengths = range(1, length)
            length = next((n for n in lengths if len({label[:n] for label in labels}) == len(labels)), length)
        found.update({(place, label): label[:length].strip() for label in labels})
    return found


def label_words(year: SchoolYear, cycles: Sequence[str]) -> list[str]:
    """Return what shortened labels stand for: "Yard: A = Amber, B = Bronze"."""
    short, known, words = shortened(year), list(year.cycles), []
    for name in cycles:
        place = known.index(name)
        pairs = [f"{brief} = {label}" for (n, label), brief in short.items() if n == place and brief != label]
        words += [f"{name}: {', '.join(pairs)}"] if pairs else []
    return words


def closure_words(year: SchoolYear) -> list[str]:
    """Return what closes the school within the terms: "9–12 Oct Harvest tides"."""
    attendance = year.attendance
    shown = [c for c in year.rules.closures if any(map(attendance.is_working_day, c.days()))]
    return [_span_words(c) for c in sorted(shown, key=lambda c: c.first)]


def _span_words(closure: Closure) -> str:
    first, last = closure.first, closure.last
    whom = "" if closure.for_all else f" ({', '.join(sorted(closure.divisions | closure.cycles))})"
    return f"{_days(first, last)} {closure.name}{whom}"


def date_words(day: date) -> str:
    """Return a date as short as a legend wants it: "9 Oct"."""
    return f"{day.day} {MONTH_NAMES[day.month - 1][:3]}"


def _days(first: date, last: date) -> str:
    if first == last:
        return date_words(first)
    return (
        f"{first.day}–{date_words(last)}" if first.month == last.month else f"{date_words(first)} – {date_words(last)}"
    )


def special_words(year: SchoolYear) -> list[str]:
    """Return what is special within the year: "16 Dec Early dismissal"."""
    found = ((day.date, specials_words(day)) for day in year.days())
    return [f"{date_words(day)} {words}" for day, words in found if words]
