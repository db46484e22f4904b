"""Dates of repeats: those that stand in words, and those that the school year lets be."""

from __future__ import annotations

from calendar import monthrange
from collections.abc import Callable, Iterable, Sequence
from datetime import date, timedelta
from typing import TYPE_CHECKING

from nomarium.core.values import DATE_ENDS, MomentScanner, Order, likeliest_words, month_of
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.repeats import (
        Repeat,
    )
    from nomarium.core.values.date_text import YearMonthDay
    from nomarium.core.values.moment_text import MomentShape
    from nomarium.core.year import SchoolYear


class DatesInWords:
    """Reads dates that stand in words: in the order of the sheet's own dates, a missing year from the row's."""

    def __init__(self, scanner: MomentScanner, order: Order | None) -> None:
        self._scanner = scanner
        self._order = order

    def read(self, text: str, after: date) -> date | None:
        """Return the date that a text means: without a year, the first one on or after a date; None for none or two."""
        shape = self._scan(text)
        if shape is None or shape.first is None or shape.last or shape.times:
            return None
        readings = shape.first.readings
        if self._order in readings:
            found = {readings[self._order]}
        else:
            found = {reading for reading in readings.values() if reading.possible}
        if len(found) != 1:
            return None
        return _dated(found.pop(), after)

    def _scan(self, text: str) -> MomentShape | None:
        return self._scanner.scan(text) or MomentScanner(likeliest_words([text])).scan(text)

    def _span(self, text: str, after: date) -> list[date]:
        """Return all days from the first to the last of a span that its parts name, "22.–26.2.2027"; none in doubt."""
        shape = self._scan(text)
        if shape is None or shape.first is None or shape.last is None or shape.times:
            return []
        known = self._order or ("dmy" if shape.first.dotted else None)
        found = set()
        for order in [known] if known else [*shape.first.readings]:
            both = [shape.first.readings.get(order), shape.last.readings.get(order)]
            start, last = (_dated(one, after) if one is not None and one.possible else None for one in both)
            if start is not None and last is not None and start <= last:
                found.add((start, last))
        return _all_from(*found.pop()) if len(found) == 1 else []

    def days(self, text: str, after: date) -> list[date]:
        """Return the day that a text means, all from one to another, or those of a month; none for other texts.

        "7–8 December", "August".
        """
        if (single := self.read(text, after)) is not None:
            return [single]
        if span := self._span(text, after):
            return span
        if (named := _MONTH.fullmatch(text)) is not None and (number := month_of(named["month"])) is not None:
            year = int(named["year"] or after.year + (number < after.month))
            return [date(year, number, day) for day in range(1, monthrange(year, number)[1] + 1)]
        if (of_month := _DAYS_OF_MONTH.fullmatch(text)) is not None:
            text = f"{of_month['first']} - {of_month['last']} {of_month['month']} {of_month['year'] or ''}".strip()
        if (ends := DATE_ENDS.fullmatch(text)) is None:
            return []
        last = self.read(ends["last"], after)
        month = _MONTH_BEHIND.search(ends["last"])
        whole = ends["first"] if not ends["first"].isdecimal() or month is None else f"{ends['first']} {month[1]}"
        start = self.read(whole, after)
        return _all_from(start, last) if start is not None and last is not None else []


def _all_from(first: date, last: date) -> list[date]:
    """Return all days from one to another; none where these are too many to be meant."""
    days = (last - first).days + 1
    return [first + timedelta(days=step) for step in range(days)] if days <= _MOST_DAYS else []


def _dated(reading: YearMonthDay, after: date) -> date | None:
    """Return the date that a reading means: without a year, the first one on or after a date."""
    years = (reading.year,) if reading.year is not None else (after.year, after.year + 1)
    days = (reading._replace(year=year).as_date() for year in years)
    return next((day for day in days if day and (reading.year is not None or day >= after)), None)


_DAYS_OF_MONTH = regex(
    r"(?P<month>[^\W\d_]{3,})\.? (?P<first>\d{1,2})\s*[-–—]\s*(?P<last>\d{1,2})(?:,? (?P<year>\d{4}))?"
)
"""“March 25–27, 2027”."""
_MONTH_BEHIND = regex(r"\d\s*((?:de\s+)?[^\W\d_]{3,}.*|[./]\d.*)")
_MONTH = regex(r"(?P<month>[^\W\d_]{3,})(?: (?P<year>20\d\d))?")
_MOST_DAYS = 60
"""Days from the first to the last that are left out."""


def all_days(parts: Iterable[str], read: Callable[[str], Sequence[date]]) -> frozenset[date]:
    """Return the days that the parts of a text mean, as they are read; none where one of them means no day."""
    found = [read(part) for part in parts]
    return frozenset(day for days in found for day in days) if all(found) else frozenset()


def days_in_words(text: str, after: date, order: Order | None) -> list[date]:
    """Return the day that a text means by itself, or all from one to another; none for other texts, or in doubt."""
    return DatesInWords(MomentScanner(likeliest_words([text])), order).days(text, after) if text else []


def date_in_words(text: str, after: date, order: Order | None) -> date | None:
    """Return the date that a text means by itself, in whatever language its month is; None for none or two.

    ``after`` gives a date without a year its year: the first one on or after it.
    """
    return DatesInWords(MomentScanner(likeliest_words([text])), order).read(text, after) if text else None


class SchoolTest:
    """Whether a date is one that the words let be: by its label, its week, its term."""

    def __init__(self, repeat: Repeat, year: SchoolYear, cycle: str | None) -> None:
        self._repeat = repeat
        self._year = year
        self._cycle = cycle

    def fits(self, day: date) -> bool:
        """Tell whether a date fits."""
        repeat, found = self._repeat, self._year.day(day)
        if found.term is None:
            return False
        if self._cycle is not None:
            label = self._year.cycles[self._cycle].label(day)
            if label is None or label.upper() not in repeat.labels:
                return False
        elif repeat.school_days and not found.has_school:
            return False
        if repeat.week in ("odd", "even"):
            return found.week is not None and found.week % 2 == (repeat.week == "odd")
        return not repeat.week or found.letter.upper() == repeat.week


def closing(year: SchoolYear, day: date) -> str:
    """Return what closes the whole school on a date, "" where nothing does."""
    return next((closure.name for closure in year.attendance.closures(day) if closure.for_all), "")


def lies_between_terms(year: SchoolYear, day: date) -> bool:
    """Tell whether a date lies within the year, but in no term."""
    return year.rules.first <= day <= year.rules.last and year.attendance.term(day) is None


def open_day(year: SchoolYear, day: date, step: int) -> date | None:
    """Return the next or previous day with school, within the year."""
    other = day + timedelta(days=step)
    while year.rules.first <= other <= year.rules.last:
        if year.attendance.has_school(other):
            return other
        other += timedelta(days=step)
    return None
