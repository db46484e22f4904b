"""One text → date, time, date and time, or a span of them: what a cell of a date or time column can hold."""

from __future__ import annotations

import re
from collections.abc import Iterator
from typing import NamedTuple

from nomarium.core.values.date_text import DateShape, Order, YearMonthDay, day_alone, scan_date
from nomarium.core.values.time_text import ALL_DAY_WORDS, Span, TimeShape, scan_span, scan_time
from nomarium.core.values.words import CalendarWords, normalised
from nomarium.lazily import regex


class MomentShape(NamedTuple):
    """What a cell says about when: any of a first and last date, a start and end time."""

    first: DateShape | None = None
    start: TimeShape | None = None
    last: DateShape | None = None
    end: TimeShape | None = None
    all_day: bool = False

    @property
    def dates(self) -> tuple[DateShape, ...]:
        """The dates named, in order."""
        return tuple(shape for shape in (self.first, self.last) if shape is not None)

    @property
    def times(self) -> tuple[TimeShape, ...]:
        """The times named, in order."""
        return tuple(shape for shape in (self.start, self.end) if shape is not None)


LONGEST_MOMENT = 120
"""Characters of a cell that says when; a longer text is prose, and not taken apart."""

_GAP = regex(r"(?<=\d)t(?=\d)|,? (?:at |um |@ ?|à )|[,;] ?| ")
_BETWEEN = regex(
    r" ?[–—−→~〜] ?|->| (?:to|until|till|through|thru|bis|au|al|a|til|tot en met|tot|t/m|hasta|até|do) | - |"
    r"(?<=\S)-(?=\S)|(?<=\d)/(?=\d{4}-)"
)
ARROWS = frozenset({"→", "->"})
"""Signs that stand for a move from one day to another as often as for a span of days."""
_DATE_AND_CLOCK = regex(r"(\S+)[t ](\d{1,2}[:.]\d{2}\S*)")
_ISO_OFFSET = regex(r"(\d{4}-\d{2}-\d{2})t(\d{2}:\d{2})(:\d{2}(?:\.\d+)?)?(z|[+-]\d{2}:?\d{2})")
_ISO_BASIC = regex(r"(\d{4})(\d{2})(\d{2})t(\d{2})(\d{2})(\d{2})?(z?)")
_BARE_NUMBER = regex(r"\d{1,4}")
_DAY_TO = regex(r"(?:de |do |das |del )?\d{1,2} a")
_LEAD = regex(r"(?:from|between|von|vom|du|del|dal|de|desde|van|vanaf|fra|från|od) (?=\S* ?\d)")

_WEEKDAYS = (
    r"(?P<first>[^\W\d_]{2,}\.?) ?(?:[-–—/&]|to|through|and|bis|und|au|al?|et|e|y|t/m|en|och|og) ?"
    r"(?P<last>[^\W\d_]{2,}\.?)"
)
_WEEKDAYS_AHEAD = regex(rf"{_WEEKDAYS}[ ,]+(?P<days>.*\d.*)")
_WEEKDAYS_BEHIND = regex(rf"(?P<days>.*\d.*?)[ ,]+\(?{_WEEKDAYS}\)?")

_BEHIND_WEEK = regex(
    r"(?:week|wk|kw|woche|tag|day|session|termin|semaine|sem|séance|jour|semana|sesión|día|settimana|giorno|vecka|v|uge|"
    r"uke|dag|viikko|vko|tydzień|týden)\.? ?(?:no\.? ?|nr\.? ?)?"
    r"\d{1,2} ?(?:[:,] ?|[–-] ?(?!\d)|\(|(?<=\d) )(?P<days>\S.*?)\)?",
    re.IGNORECASE,
)


def behind_its_week(text: str) -> str:
    """Return the days behind the number of their week, day or session, "KW 2 (11.–15.1.)"; any other text as it is."""
    found = _BEHIND_WEEK.fullmatch(text)
    return found["days"] if found else text


class MomentScanner:
    """Reads texts with the names of months and weekdays given, each distinct part of a text once."""

    def __init__(self, words: CalendarWords) -> None:
        self.words = words
        self._dates: dict[str, DateShape | None] = {}
        self._spans: dict[str, Span | None] = {}

    def scan(self, text: str, *, times_first: bool = False) -> MomentShape | None:
        """Return what a text says about when, or None where it is no date, time or span.

        ``times_first`` says that "9.30" or "8-10" stand in a column of times.
        """
        if len(text) > LONGEST_MOMENT:
            return None
        text = normalised(text)
        if text in ALL_DAY_WORDS:
            return MomentShape(all_day=True)
        if times_first:
            return self._only_times(text) or _dated(self._simple(text) or self._compound(text))
        return (
            self._simple(text)
            or self._only_times(text)
            or self._compound(text)
            or self._between_weekdays(text)
            or self._behind_its_week(text)
        )

    def _simple(self, text: str) -> MomentShape | None:
        """A date, or a date and a time with nothing that could be taken otherwise: most cells are that."""
        basic = _ISO_BASIC.fullmatch(text)
        if basic:
            text = f"{basic[1]}-{basic[2]}-{basic[3]}t{basic[4]}:{basic[5]}:{basic[6] or '00'}{basic[7]}"
        instant = _ISO_OFFSET.fullmatch(text)
        if instant:
            text = f"{instant[1]} {instant[2]}{instant[3] or ':00'}{instant[4]}"
        parts = _DATE_AND_CLOCK.fullmatch(text)
        if parts and (shape := self._date(parts[1])) and (span := self._span(parts[2])):
            return MomentShape(shape, span.start, None, span.end)
        return self._whole_date(text)

    def _compound(self, text: str) -> MomentShape | None:
        """A date with times, or a range; None where the text can be taken apart in ways that differ."""
        found = [*self._split(text), *self._range(text)]
        return found[0] if found and all(other == found[0] for other in found) else None

    def _between_weekdays(self, text: str) -> MomentShape | None:
        """A range whose weekdays stand together, ahead of its days or behind them: "Mon-Tue Oct 12-13"."""
        found = _WEEKDAYS_AHEAD.fullmatch(text) or _WEEKDAYS_BEHIND.fullmatch(text)
        weekdays = [self.words.weekdays.get(found[name].strip(".")) for name in ("first", "last")] if found else []
        shape = self._compound(found["days"]) if found and None not in weekdays else None
        if shape is None or shape.first is None or shape.last is None:
            return None
        first, last = (
            day._replace(weekday=weekday) for day, weekday in zip((shape.first, shape.last), weekdays, strict=True)
        )
        return shape._replace(first=first, last=last)

    def _behind_its_week(self, text: str) -> MomentShape | None:
        """Days behind the number of their week or day: "Week 1 (4–8 Jan 2027)", "KW 2: 11.–15.1."."""
        days = behind_its_week(text)
        shape = self._simple(days) or self._compound(days) if days != text else None
        return shape if shape is not None and shape.first is not None else None

    def _whole_date(self, text: str) -> MomentShape | None:
        shape = self._date(text)
        return MomentShape(first=shape) if shape else None

    def _only_times(self, text: str) -> MomentShape | None:
        span = self._span(text)
        return MomentShape(start=span.start, end=span.end) if span else None

    def _split(self, text: str) -> Iterator[MomentShape]:
        """Yield the ways to take a text for a date and, behind or before it, a time or span of times."""
        for gap in _GAP.finditer(text):
            left, right = text[: gap.start()], text[gap.end() :]
            for dates_text, times_text in ((left, right), (right, left)):
                if _DAY_TO.fullmatch(times_text):
                    continue  # “8 a 10 de fevereiro” is a span of days, and no eight in the morning
                found = self._date_with_times(
                    dates_text, times_text.strip("() "), stated="at" in gap[0] or "@" in gap[0]
                )
                if found:
                    yield found

    def _date_with_times(self, dates_text: str, times_text: str, *, stated: bool) -> MomentShape | None:
        """A bare number is a time only where the date has its year already, or where "at" says so."""
        shape = self._date(dates_text)
        if shape is None:
            return None
        if times_text in ALL_DAY_WORDS:
            return MomentShape(shape, all_day=True)
        has_year = all(reading.year is not None for reading in shape.readings.values())
        if _BARE_NUMBER.fullmatch(times_text) and not stated and (len(times_text) < 3 or not has_year):
            return None
        span = self._span(times_text)
        return MomentShape(shape, span.start, None, span.end) if span else None

    def _range(self, text: str) -> Iterator[MomentShape]:
        """Yield the ways to take a text for a range; either half may leave out what the other says."""
        text = _LEAD.sub("", text, count=1)
        for between in _BETWEEN.finditer(text):
            left, right = text[: between.start()].strip(), text[between.end() :].strip()
            found = self._range_of_dates(left, right) or self._range_of_moments(left, right)
            if found and not (between[0].strip() in ARROWS and found.start is None):
                yield found

    def _range_of_dates(self, left: str, right: str) -> MomentShape | None:
        first, last = self._date(left), self._date(right)
        if first is None and last is not None and not last.month_first:
            first = _with_day(last, day_alone(left, self.words))
        elif last is None and first is not None and first.month_first:
            last = _with_day(first, day_alone(right, self.words))
        if first is None or last is None:
            return None
        return MomentShape(_with_year_of(first, last), None, last)

    def _range_of_moments(self, left: str, right: str) -> MomentShape | None:
        first, last = self._date_and_time(left), self._date_and_time(right)
        if first is None or last is None or first.first is None or last.first is None:
            return None
        if first.end or last.end or (first.start is None) != (last.start is None):
            return None
        return MomentShape(_with_year_of(first.first, last.first), first.start, last.first, last.start)

    def _date_and_time(self, text: str) -> MomentShape | None:
        return self._whole_date(text) or next(self._split(text), None)

    def _date(self, text: str) -> DateShape | None:
        if text not in self._dates:
            self._dates[text] = scan_date(text, self.words)
        return self._dates[text]

    def _span(self, text: str) -> Span | None:
        if text not in self._spans:
            time = scan_time(text)
            self._spans[text] = Span(time) if time else scan_span(text)
        return self._spans[text]


def _dated(shape: MomentShape | None) -> MomentShape | None:
    """Let a date stand in a column of times only with its year: "9.75" there is a slip, no date."""
    has_year = shape and all(reading.year is not None for date in shape.dates for reading in date.readings.values())
    return shape if has_year else None


def _with_day(shape: DateShape, alone: tuple[int, int | None, int | None] | None) -> DateShape | None:
    """Return a shape's dates with another day, and year where one is stated: the shortened half of a range."""
    if alone is None:
        return None
    day, year, weekday = alone
    readings: dict[Order, YearMonthDay] = {
        order: YearMonthDay(year or reading.year, reading.month, day) for order, reading in shape.readings.items()
    }
    return shape._replace(readings=readings, weekday=weekday, short_year=None)


def _with_year_of(first: DateShape, last: DateShape) -> DateShape:
    """Give the first date of a range the year that only the last one states: 30 Dec – 2 Jan 2027 begins in 2026."""
    readings: dict[Order, YearMonthDay] = {}
    for order, reading in first.readings.items():
        end = last.readings.get(order)
        if reading.year is None and end is not None and end.year is not None:
            turn_of_year = (reading.month, reading.day) > (end.month, end.day)
            readings[order] = reading._replace(year=end.year - turn_of_year)
        else:
            readings[order] = reading
    return first._replace(readings=readings)
