"""Weeks: their numbers within a term, and labels that change with them."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterable
from datetime import date, timedelta
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from nomarium.core.year.attendance import Attendance
    from nomarium.core.year.rules import Term, WeekRules

_WEEK = timedelta(days=7)


def week_of(day: date, first_weekday: int) -> date:
    """Return the first day of a date's week; ``first_weekday`` is 0 for Monday."""
    return day - timedelta(days=(day.weekday() - first_weekday) % 7)


class WeekCalendar:
    """The weeks of a school year, each by its first day."""

    def __init__(self, attendance: Attendance, rules: WeekRules) -> None:
        self._first_weekday = rules.first_weekday
        days = filter(attendance.has_school, attendance.working_days)
        self._school_weeks = sorted({self.week(day) for day in days})

    def week(self, day: date) -> date:
        """Return the first day of a date's week."""
        return week_of(day, self._first_weekday)

    def has_school(self, week: date) -> bool:
        """Tell whether any division has school in a week."""
        at = bisect_right(self._school_weeks, week)
        return at > 0 and self._school_weeks[at - 1] == week

    def between(self, anchor: date, week: date, *, school_weeks: bool) -> int | None:
        """Return how many weeks a week lies after an anchor (both by their first day).

        With ``school_weeks`` only those with school count, from the first one at or after the anchor; None for a week
        without any.
        """
        if not school_weeks:
            return (week - anchor) // _WEEK
        if not self.has_school(week):
            return None
        return bisect_right(self._school_weeks, week) - bisect_right(self._school_weeks, anchor - _WEEK) - 1

    def weeks_of(self, term: Term) -> list[date]:
        """Return the weeks that a term touches."""
        first, last = self.week(term.first), self.week(term.last)
        return [first + _WEEK * number for number in range((last - first) // _WEEK + 1)]


def week_numbers(attendance: Attendance, calendar: WeekCalendar, rules: WeekRules) -> dict[tuple[Term, date], int]:
    """Return the number of each term's weeks that have one, by term and the week's first day."""
    listed = {calendar.week(day): number for day, number in rules.numbers.items()}
    if listed:
        weeks = ((term, week) for term in attendance.rules.terms for week in calendar.weeks_of(term))
        return {(term, week): listed[week] for term, week in weeks if week in listed}
    numbers = {}
    for term in attendance.rules.terms:
        number = 0
        for week in calendar.weeks_of(term):
            if not rules.number_breaks and not calendar.has_school(week):
                continue
            if not rules.number_short_first and _begins_late(term, week, attendance):
                continue
            number += 1
            numbers[term, week] = number
    return numbers


def _begins_late(term: Term, week: date, attendance: Attendance) -> bool:
    """Tell whether a term begins after a week's first school day."""
    days = (week + timedelta(days=number) for number in range(7))
    first = next(filter(attendance.is_school_weekday, days), week)
    return week <= term.first < week + _WEEK and term.first > first


class WeekLabels:
    """Labels that change with the week: from each anchor (a date, and its label's place) they count on."""

    def __init__(self, calendar: WeekCalendar, labels: tuple[str, ...], *, school_weeks: bool) -> None:
        self._calendar = calendar
        self._labels = labels
        self._school_weeks = school_weeks
        self._anchors: list[tuple[date, date, int]] = []

    def anchor(self, day: date, place: int, week: date | None = None) -> None:
        """Let labels count from a date on, whose week (or the one given) has the label at a place."""
        self._anchors.append((day, week or self._calendar.week(day), place))

    def anchor_terms(self, terms: Iterable[Term], *, restart: bool = True) -> None:
        """Let labels begin anew in the week of each term's first day: with the one that it states, or the first.

        Without ``restart``, only where a term states its own.
        """
        for term in sorted(terms, key=lambda term: term.first):
            if restart or term.letter:
                self.anchor(term.first, self._labels.index(term.letter) if term.letter in self._labels else 0)

    def label(self, day: date) -> str | None:
        """Return the label of a date's week; None before the first anchor, and in a week that does not count."""
        before = [anchor for anchor in self._anchors if anchor[0] <= day]
        if not before:
            return None
        _, week, place = before[-1]
        weeks = self._calendar.between(week, self._calendar.week(day), school_weeks=self._school_weeks)
        return None if weeks is None else self._labels[(place + weeks) % len(self._labels)]
