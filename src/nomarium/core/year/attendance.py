"""Which dates are in which term, and who has school on them."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date
from typing import TypeVar

from nomarium.core.year.rules import Closure, CycleRule, Span, SpecialDay, Term, YearRules, days_of

_Spans = TypeVar("_Spans", bound=Span)


class Attendance:
    """Terms, school weekdays, closures and special days, by date."""

    def __init__(self, rules: YearRules) -> None:
        self.rules = rules
        self._terms = _innermost(rules.terms)
        self._holding = {
            inner: frozenset(o.name for o in rules.terms if o.first <= inner.first and inner.last <= o.last)
            for inner in rules.terms
        }
        self._closures = _by_date(rules.closures, rules)
        self._specials = _by_date(rules.specials, rules)
        self.term_days = sorted(self._terms)
        """All dates within a term."""
        self.working_days = [day for day in self.term_days if self.is_school_weekday(day)]
        """The dates within a term that are school days unless something closes the school."""

    def term(self, day: date) -> Term | None:
        """Return the innermost term of a date."""
        return self._terms.get(day)

    def holding_terms(self, term: Term) -> frozenset[str]:
        """Return the names of all terms that hold one, its own among them."""
        return self._holding[term]

    def weekday(self, day: date, division: str) -> int:
        """Return the weekday (Monday is 0) whose timetable holds on a date for a division, "" for none."""
        for special in self.specials(day):
            if special.follows is not None and (not special.divisions or division in special.divisions):
                return special.follows
        return day.weekday()

    def closures(self, day: date) -> Sequence[Closure]:
        """Return what closes the school, or a part of it, on a date."""
        return self._closures.get(day, ())

    def specials(self, day: date) -> Sequence[SpecialDay]:
        """Return what is special about a date."""
        return self._specials.get(day, ())

    def is_school_weekday(self, day: date) -> bool:
        """Tell whether a date is one of the school's weekdays, or a rest day made a school day."""
        return day.weekday() in self.rules.weekdays or day in self.rules.extra_school_days

    def is_working_day(self, day: date) -> bool:
        """Tell whether a date is within a term and on a school weekday, closed or not."""
        return day in self._terms and self.is_school_weekday(day)

    def closed_divisions(self, day: date) -> frozenset[str]:
        """Return the divisions that are closed on a date; divisions follow the cycles that are closed."""
        closed: set[str] = set()
        for closure in self.closures(day):
            if closure.for_all:
                return frozenset(self.rules.divisions)
            closed |= closure.divisions
            for cycle in self.rules.cycles:
                if cycle.name in closure.cycles:
                    closed |= cycle.divisions
        return frozenset(closed)

    def has_school(self, day: date) -> bool:
        """Tell whether any division has school on a date."""
        if not self.is_working_day(day):
            return False
        closures = self.closures(day)
        if not closures:
            return True
        if any(closure.for_all for closure in closures):
            return False
        everyone = frozenset(self.rules.divisions)
        if everyone:
            return not everyone <= self.closed_divisions(day)
        return not self.rules.cycles or any(not self.closing(cycle, day) for cycle in self.rules.cycles)

    def closing(self, cycle: CycleRule, day: date) -> list[Closure]:
        """Return the closures that close a cycle on a date; none where any division that follows it has school."""
        closures = self.closures(day)
        followers = cycle.divisions or frozenset(self.rules.divisions)
        whole = [closure for closure in closures if closure.for_all or cycle.name in closure.cycles]
        if whole:
            return whole
        parts = [closure for closure in closures if closure.divisions & followers]
        shut = frozenset().union(*(closure.divisions for closure in parts))
        return parts if followers and followers <= shut else []


def _innermost(terms: Sequence[Term]) -> dict[date, Term]:
    """Return the innermost term of each date: the shortest of those that hold it."""
    found: dict[date, Term] = {}
    for term in sorted(terms, key=lambda term: term.first - term.last):
        found.update(dict.fromkeys(term.days(), term))
    return found


def _by_date(spans: Sequence[_Spans], rules: YearRules) -> dict[date, list[_Spans]]:
    found: dict[date, list[_Spans]] = {}
    for span in spans:
        for day in days_of(max(span.first, rules.first), min(span.last, rules.last)):
            found.setdefault(day, []).append(span)
    return found
