"""One text → the weeks of the calendar (ISO 8601) that it names: "vecka 44", "KW 8–9", "uge 42/2026", "2026-W44"."""

from __future__ import annotations

import re
from datetime import date, timedelta
from typing import NamedTuple

from nomarium.core.tables import CALENDAR_WEEK
from nomarium.lazily import regex

_WORDS = rf"(?:{CALENDAR_WEEK}|(?:iso|calendar)[ -]weeks?)"
_NAMED = regex(
    rf"{_WORDS}\.?\s*(?P<first>\d{{1,2}})(?:\s*(?:-|–|och|og|und|bis|till?|to|&|\+)\s*(?:{_WORDS}\.?\s*)?(?P<last>\d{{1,2}}))?"
    r"(?:\s*[,/ ]\s*\(?(?P<year>\d{4})\)?)?",
    re.IGNORECASE,
)
_HEADING = regex(rf"{_WORDS}\b", re.IGNORECASE)
_BEHIND = regex(
    r"(?P<first>\d{1,2})\.\s*(?:kw|kalenderwoche)(?P<last>)(?:\s*[,/ ]\s*\(?(?P<year>\d{4})\)?)?", re.IGNORECASE
)
_STANDARD = regex(r"(?P<year>\d{4})-?w(?P<first>\d{2})(?P<last>)", re.IGNORECASE)
_MOST = timedelta(weeks=20)


class CalendarWeeks(NamedTuple):
    """Weeks by their numbers; the year is None where the text does not say it."""

    first: int
    last: int
    year: int | None

    def span(self, within: tuple[date, date] | None) -> tuple[date, date] | None:
        """Return the Monday of the first week and the Sunday of the last; None where no or several years fit.

        Without a year of its own the weeks lie in ``within``, all of them.
        """
        years = [self.year] if self.year else range(within[0].year, within[1].year + 1) if within else []
        found = [span for year in years if (span := self._of(year))]
        if not self.year and within:
            found = [(first, last) for first, last in found if within[0] <= first and last <= within[1]]
        return found[0] if len(found) == 1 else None

    def _of(self, year: int) -> tuple[date, date] | None:
        first = days_of_week(year, self.first)
        last = days_of_week(year + (self.last < self.first), self.last)
        return (first[0], last[1]) if first and last and last[0] - first[0] < _MOST else None


def days_of_week(year: int, number: int) -> tuple[date, date] | None:
    """Return Monday and Sunday of a week of the calendar (ISO 8601); None where the year has no such week."""
    try:
        monday = date.fromisocalendar(year, number, 1)
    except ValueError:
        return None
    return monday, last_of_week(monday)


def on_or_after(first: date, weekday: int) -> date:
    """Return the first day from a date on that is a weekday (Monday is 0), which may be the date itself."""
    return first + timedelta(days=(weekday - first.weekday()) % 7)


def last_of_week(first: date) -> date:
    """Return the last of the seven days that begin on a date."""
    return first + timedelta(days=6)


def scan_weeks(text: str, heading: str = "") -> CalendarWeeks | None:
    """Return the weeks of the calendar that a text names, or None where it is something else.

    Below a heading such as “Vecka” or “KW” the numbers alone do.
    """
    bare = " ".join(text.split())
    if heading and bare[:1].isdigit() and _HEADING.match(heading.strip()):
        bare = f"v {bare}"
    match = _NAMED.fullmatch(bare) or _BEHIND.fullmatch(bare) or _STANDARD.fullmatch(bare) if len(bare) < 60 else None
    if match is None:
        return None
    first, year = int(match["first"]), match["year"]
    return CalendarWeeks(first, int(match["last"] or first), int(year) if year else None)
