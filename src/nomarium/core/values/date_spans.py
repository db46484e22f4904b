"""Spans of dates within longer texts: "Clinic plan, valid 11.01.2027 to 25.06.2027"."""

from __future__ import annotations

import re
from calendar import monthrange
from datetime import date
from functools import cache
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.values.languages import likeliest_words
from nomarium.core.values.moment_text import MomentScanner
from nomarium.core.values.month_title import month_of
from nomarium.core.values.reach import in_reach
from nomarium.core.values.wording import day_words
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.values.date_text import DateShape, Order

_LONGEST = 160
_MOST_WORDS = 11
_EDGES = " \t,;:.()[]"


class DateSpan(NamedTuple):
    """The first and the last day of a span that a text names, and what stands before and behind it."""

    first: date
    last: date
    before: str
    behind: str

    @property
    def words(self) -> str:
        """The span as it is told."""
        return f"{day_words(self.first)} to {day_words(self.last)}"


@cache
def span_of_dates(text: str, order: Order | None = None) -> DateSpan | None:
    """Return the one span of dates, with its year, that a text names; None for none, several, or one in doubt.

    ``order`` is that of day and month, where it is known.
    """
    if len(text) > _LONGEST or sum(map(str.isdigit, text)) < _YEAR_DIGITS:
        return None
    if (months := _span_of_months(text)) is not None:
        return months
    if sum(map(str.isdigit, text)) < _DATE_DIGITS:
        return None
    scanner = MomentScanner(likeliest_words(re.findall(r"[^\W\d_]{3,}", text)))
    words = [(match.start(), match.end()) for match in re.finditer(r"\S+", text)]
    found: list[DateSpan] = []
    taken = 0
    for number, (start, _) in enumerate(words):
        if start < taken:
            continue
        for _, end in reversed(words[number : number + _MOST_WORDS]):
            piece = text[start:end].strip(_EDGES)
            days = _read(piece, scanner, order) if any(map(str.isdigit, piece)) else None
            if days is not None:
                found.append(DateSpan(*days, text[:start].strip(_EDGES), text[end:].strip(_EDGES)))
                taken = end
                break
    return found[0] if len(found) == 1 else None


_YEAR_DIGITS, _DATE_DIGITS = 4, 6
_MONTHS = regex(
    r"(?<![\d.] )\b(?P<first>[^\W\d_]{3,})\.?(?: (?P<first_year>\d{4}))?\s*(?:-|–|—|to|until|bis|à|al?|t/m|till|til)\s*"
    r"(?P<last>[^\W\d_]{3,})\.?(?: de)? (?P<last_year>\d{4})\b",
    re.IGNORECASE,
)


def _span_of_months(text: str) -> DateSpan | None:
    """Return the span from one month to another, with its year: "January to March 2027"; None for none, or several."""
    found = []
    for match in _MONTHS.finditer(text):
        first, last = month_of(match["first"]), month_of(match["last"])
        if first is None or last is None or not 1 < int(match["last_year"]) < _LAST_YEAR:
            continue
        last_year = int(match["last_year"])
        first_year = int(match["first_year"] or last_year - (first > last))
        days = date(max(first_year, 1), first, 1), date(last_year, last, monthrange(last_year, last)[1])
        if days[0] < days[1] and all(map(in_reach, days)):
            found.append(DateSpan(*days, text[: match.start()].strip(_EDGES), text[match.end() :].strip(_EDGES)))
    return found[0] if len(found) == 1 else None


_LAST_YEAR = 9999


def _read(text: str, scanner: MomentScanner, order: Order | None) -> tuple[date, date] | None:
    shape = scanner.scan(text)
    if shape is None or shape.first is None or shape.last is None or shape.times:
        return None
    known: Order | None = order or ("dmy" if _DOTTED.search(text) else None)
    orders = [known] if known in shape.first.readings else list(shape.first.readings)
    pairs = {(_day(shape.first, one), _day(shape.last, one)) for one in orders}
    spans = [(first, last) for first, last in pairs if first and last and first < last]
    return spans[0] if len(spans) == 1 else None


_DOTTED = regex(r"\d{1,2}\.\s?\d{1,2}\.")
"""Dots say that the day comes first."""


def _day(shape: DateShape, order: Order) -> date | None:
    reading = shape.readings.get(order)
    day = reading.as_date() if reading else None
    return day if day is not None and in_reach(day) else None
