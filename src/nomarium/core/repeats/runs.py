"""How programmes print when a course runs → a repeat in English: "Di, 12.01. – 16.02.2027, 6x"."""

from __future__ import annotations

import re
from collections.abc import Sequence
from datetime import date, timedelta
from typing import NamedTuple

from nomarium.core.values import DATE_ENDS, ORDERS, WEEKDAY_NAMES, Order, date_in, leading_weekdays
from nomarium.lazily import regex

_EACH = (
    r"times|sessions|meetings|classes|lessons|evenings|weeks|wks|termine?|abende?|mal|treffen|kurstage|wochen|"
    r"séances|cours|semaines|sesiones|clases|semanas|sessões|aulas|lezioni|incontri|settimane|lessen|keer|weken|"
    r"gånger|ggr|veckor|gange|uger|ganger|uker|kertaa|viikkoa|zajęć|spotkań|tygodni|lekcí"
)
_COUNT = regex(
    rf"[\s,;(]*\b(?:for |für )?(?:(?P<before>\d{{1,3}}) ?(?:[x×]|(?:{_EACH})\b)|[x×] ?(?P<behind>\d{{1,3}}))[\s,;)]*",
    re.IGNORECASE,
)
_MOST_DAYS, _LONGEST = 366, 200
_DOTTED = regex(r"\d\.\d")
"""Dots mean the day first."""


class Run(NamedTuple):
    """On which weekdays a course meets, from when until when, and how often, as far as its words say it."""

    weekdays: tuple[int, ...]
    first: date
    last: date | None
    times: int | None

    @property
    def words(self) -> str:
        """The repeat in English."""
        days = " and ".join(f"{WEEKDAY_NAMES[day]}s" for day in self.weekdays)
        if self.last is not None:
            return f"{days} from {self.first} until {self.last}"
        return f"{self.times} {days} from {self.first}"

    @property
    def strays(self) -> list[date]:
        """Its first and its last day, where they are on none of its weekdays."""
        return [day for day in (self.first, self.last) if day is not None and day.weekday() not in self.weekdays]

    def counted(self) -> int:
        """Return on how many dates it meets between its first and last day."""
        days = range((self.last - self.first).days + 1) if self.last else range(0)
        return sum((self.first.weekday() + day) % 7 in self.weekdays for day in days)


def run_in(text: str) -> Run | None:
    """Return what a text says of a course's run; None for words that say something else, or leave it open.

    Weekdays stand in front, then the first day, perhaps the last, and how often. The weekdays prove the order of day
    and month. One weekday with two dates and no number is a run only where it is said in the plural.
    """
    counts = list(_COUNT.finditer(text)) if len(text) <= _LONGEST else []
    if len(counts) > 1 or len(text) > _LONGEST:
        return None
    number = next((int(one["before"] or one["behind"]) for one in counts), None)
    rest = f"{text[: counts[0].start()]} {text[counts[0].end() :]}".strip() if counts else text
    weekdays, every, dated = leading_weekdays(rest)
    if not weekdays or not dated or not (every or number):
        return None
    first, last = _first_and_last(dated, weekdays)
    if first is None or (last is None and not number) or (last is not None and not first <= last):
        return None
    if last is not None and (last - first) > timedelta(days=_MOST_DAYS):
        return None
    return Run(weekdays, first, last, number)


def _first_and_last(text: str, weekdays: Sequence[int]) -> tuple[date | None, date | None]:
    """Return the first and the last day of a text, in the one way to read them, with the weekdays where one fits."""
    ends = DATE_ENDS.fullmatch(text)
    written = [ends["first"].strip(), ends["last"].strip()] if ends else [text]
    orders: tuple[Order, ...] = ("dmy",) if _DOTTED.search(text) else ORDERS
    found = {days for order in orders if (days := _days(written, order))}
    fitting = {days for days in found if all(day.weekday() in weekdays for day in days)} or found
    days = fitting.pop() if len(fitting) == 1 else ()
    return (days[0] if days else None), (days[1] if len(days) > 1 else None)


def _days(written: Sequence[str], order: Order) -> tuple[date, ...]:
    """Return dates in one order; the first has the last one's year where it has none, or the year before."""
    last = date_in(written[-1], order)
    if last is None:
        return ()
    if len(written) == 1:
        return (last,)
    first = date_in(written[0], order)
    for year in (last.year, last.year - 1):
        if first is None:
            bare = written[0] if written[0].endswith((".", "/")) else f"{written[0]} "
            near = date_in(f"{bare}{year}", order)
            first = near if near is not None and near <= last else None
    return (first, last) if first is not None else ()
