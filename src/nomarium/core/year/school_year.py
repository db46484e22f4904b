"""The school year worked out: what every date is."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator
from dataclasses import dataclass
from datetime import date
from functools import cached_property

from nomarium.core.year.attendance import Attendance
from nomarium.core.year.cycle import CycleDays, reckon
from nomarium.core.year.rules import Closure, SpecialDay, Term, YearRules, days_of
from nomarium.core.year.weeks import WeekCalendar, WeekLabels, week_numbers


@dataclass(frozen=True, slots=True)
class Day:
    """What one date is."""

    date: date
    term: Term | None
    week: int | None
    """The number of its week within the term; None outside terms and in weeks that have none."""
    letter: str
    labels: tuple[str, ...]
    """Its label in each cycle, in their order; "" where it has none."""
    closures: tuple[Closure, ...]
    specials: tuple[SpecialDay, ...]
    has_school: bool
    """Whether any division has school."""


class SchoolYear:
    """What every date from the first day of the first term to the last of the last is.

    The rules must be sound (see the checks): terms there and not overlapping, pins naming labels of their cycles.
    """

    def __init__(self, rules: YearRules) -> None:
        self.rules = rules
        self.attendance = Attendance(rules)
        self.weeks = WeekCalendar(self.attendance, rules.weeks)
        self.cycles: dict[str, CycleDays] = {
            rule.name: reckon(rule, self.attendance, self.weeks, self.letter) for rule in rules.cycles
        }
        self._numbers = week_numbers(self.attendance, self.weeks, rules.weeks)

    @cached_property
    def _listed(self) -> dict[date, str]:
        return {self.weeks.week(day): letter for day, letter in self.rules.weeks.listed.items()}

    @cached_property
    def _letters(self) -> WeekLabels | None:
        rules = self.rules.weeks
        if not rules.letters:
            return None
        labels = WeekLabels(self.weeks, rules.letters, school_weeks=rules.by_school_weeks)
        labels.anchor(self.rules.first, 0)
        labels.anchor_terms(self.rules.terms, restart=rules.restart_each_term)
        return labels

    def day(self, day: date) -> Day:
        """Return what a date is; one outside all terms has no term, week or label."""
        attendance = self.attendance
        term = attendance.term(day)
        closures, specials = tuple(attendance.closures(day)), tuple(attendance.specials(day))
        if term is None:
            return Day(day, None, None, "", ("",) * len(self.cycles), closures, specials, False)
        number = self._numbers.get((term, self.weeks.week(day)))
        letter = self.letter(day)
        labels = tuple(cycle.label(day) or "" for cycle in self.cycles.values())
        return Day(day, term, number, letter, labels, closures, specials, attendance.has_school(day))

    def letter(self, day: date) -> str:
        """Return the letter of a date's week: as it is listed, else as it is worked out; "" for none."""
        if self.rules.weeks.listed:
            return self._listed.get(self.weeks.week(day), "")
        return (self._letters.label(day) if self._letters else None) or ""

    def days(self, first: date | None = None, last: date | None = None) -> Iterator[Day]:
        """Yield every date of the year, or of the part of it from ``first`` to ``last``, both included."""
        start, end = max(first or self.rules.first, self.rules.first), min(last or self.rules.last, self.rules.last)
        return (self.day(day) for day in days_of(start, end))

    def counts(self, cycle: str) -> dict[Term, Counter[str]]:
        """Return how often each label of a cycle comes in each innermost term, terms and labels in their order."""
        found: dict[Term, Counter[str]] = {}
        for day, label in self.cycles[cycle].labels().items():
            term = self.attendance.term(day)
            if term is not None:
                found.setdefault(term, Counter())[label] += 1
        return found
