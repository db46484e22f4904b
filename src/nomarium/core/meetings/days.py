"""On which dates something is that a timetable gives by days, weeks and terms."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from nomarium.core.slots import DayTest
    from nomarium.core.timetable import When
    from nomarium.core.year import Day, SchoolYear


@dataclass(frozen=True, slots=True)
class _SchoolDay:
    """A date on which a division has school, with all that a day can be told by."""

    day: Day
    weekday: int
    """The weekday whose timetable holds."""
    labels: frozenset[tuple[str, str]]
    terms: frozenset[str]


class SchoolDates:
    """The dates of a school year, by the days that timetables name; each question is answered once."""

    def __init__(self, year: SchoolYear) -> None:
        self._year = year
        self._days = list(year.days())
        self._of_division: dict[str, list[_SchoolDay]] = {}
        self._known: dict[tuple[object, ...], tuple[date, ...]] = {}

    def dates(self, when: When, division: str) -> tuple[date, ...]:
        """Return the dates on which a meeting of a division is."""
        key = (when.day, when.weeks, when.terms, when.first, when.last, when.without, division)
        found = self._known.get(key)
        if found is None:
            days = self._of_division.get(division)
            if days is None:
                days = self._of_division[division] = [self._seen(day, division) for day in self._attended(division)]
            found = self._known[key] = tuple(day.day.date for day in days if _fits(day, when))
        return found

    def _attended(self, division: str) -> Sequence[Day]:
        attendance = self._year.attendance
        return [
            day
            for day in self._days
            if day.has_school and (not division or division not in attendance.closed_divisions(day.date))
        ]

    def _seen(self, day: Day, division: str) -> _SchoolDay:
        names = list(self._year.cycles)
        labels = frozenset((name, label) for name, label in zip(names, day.labels, strict=True) if label)
        attendance = self._year.attendance
        terms = attendance.holding_terms(day.term) if day.term else frozenset()
        return _SchoolDay(day, attendance.weekday(day.date, division), labels, terms)


def _fits(day: _SchoolDay, when: When) -> bool:
    date_ = day.day.date
    if (when.first and date_ < when.first) or (when.last and date_ > when.last):
        return False
    if date_ in when.without:
        return False
    if when.terms and not when.terms & day.terms:
        return False
    return _is_day(day, when.day) and (not when.weeks or any(_is_day(day, week) for week in when.weeks))


def _is_day(day: _SchoolDay, test: DayTest) -> bool:
    return (
        (not test.label or (test.cycle, test.label) in day.labels)
        and (test.weekday is None or test.weekday == day.weekday)
        and (not test.letter or test.letter == day.day.letter)
        and (not test.week or test.week == day.day.week)
        and (not test.calendar_week or test.calendar_week == day.day.date.isocalendar().week)
    )
