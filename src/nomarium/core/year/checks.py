"""What is wrong, or odd, in the rules of a year: found before anything is worked out."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from datetime import date
from itertools import combinations
from typing import TYPE_CHECKING

from nomarium.core.year import wording
from nomarium.core.year.attendance import Attendance
from nomarium.core.year.rules import Advance, Closure, CycleRule, Effect, SpecialDay, YearRules

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem

LONGEST_YEAR = 15 * 366
"""So many days from the first term to the last: longer, and a slip in a year is likelier than a plan."""


def check_rules(rules: YearRules, place_of: Callable[[str], Place]) -> list[Problem]:
    """Return the problems in a year's rules; ``place_of`` tells where a key of the year stands, such as "terms"."""
    if not rules.terms:
        return [wording.no_terms(place_of("terms"))]
    if (rules.last - rules.first).days > LONGEST_YEAR:
        return [wording.endless_terms(place_of("terms"), rules.first, rules.last)]
    problems = list(_check_terms(rules))
    if problems:
        return problems
    attendance = Attendance(rules)
    problems += _check_closures(rules, attendance)
    problems += _check_days(rules, attendance, place_of("extra_school_days"))
    for rule in rules.cycles:
        problems += _check_labels(rule)
        problems += _check_days_of_weeks(rule, rules)
        problems += _check_dates(rule, attendance)
        problems += _check_pins(rule, attendance)
        problems += _check_without(rule, attendance)
    return problems


def _check_terms(rules: YearRules) -> Iterator[Problem]:
    """Terms may hold one another, but not overlap otherwise."""
    for one, other in combinations(sorted(rules.terms, key=lambda term: (term.first, -term.last.toordinal())), 2):
        if one.first < other.first <= one.last < other.last:
            yield wording.overlapping_terms(one, other)
    letters = rules.weeks.letters
    for term in rules.terms:
        if term.letter and term.letter not in letters and not rules.weeks.listed:
            yield wording.unknown_letter(term, letters)


def _check_closures(rules: YearRules, attendance: Attendance) -> Iterator[Problem]:
    own = [closure for closure in rules.closures if not closure.public]
    by_name = {rule.name: rule for rule in rules.cycles}
    for closure in own:
        yield from _check_names(closure, rules)
        if not any(attendance.term(day) for day in closure.days()):
            yield wording.closure_outside_terms(closure)
        for term in rules.terms:
            closed, whole = sum(day in term for day in closure.days()), (term.last - term.first).days + 1
            if closed > _LONG_BREAK and closed * 2 > whole:
                yield wording.closes_most_of_term(closure, term, closed, whole)
        concerned = [by_name[name] for name in closure.cycles if name in by_name] or list(by_name.values())
        if closure.effect and concerned and not any(rule.advance.heeds_closures for rule in concerned):
            yield wording.effect_without_meaning(closure)
    yield from _check_twice(own)


_LONG_BREAK = 35
"""Days; hardly a break within a term is longer."""


def _check_names(span: Closure | SpecialDay, rules: YearRules) -> Iterator[Problem]:
    for name in sorted(span.divisions - set(rules.divisions)):
        yield wording.unknown_division(span.place, name, rules.divisions)


def _check_twice(closures: list[Closure]) -> Iterator[Problem]:
    """The same date under two names for the same people; and two that disagree about the cycle."""
    seen: dict[date, list[Closure]] = {}
    told = set()
    for closure in closures:
        for day in closure.days():
            other = next((one for one in seen.get(day, ()) if _share(closure, one)), None)
            if other is None:
                seen.setdefault(day, []).append(closure)
            elif (id(other), id(closure)) not in told:
                told.add((id(other), id(closure)))
                if closure.effect and other.effect and closure.effect is not other.effect:
                    yield wording.hold_against_skip(day, closure, other)
                else:
                    yield wording.closed_twice(day, closure, other)


def _share(one: Closure, other: Closure) -> bool:
    """Tell whether two closures are for some of the same people."""
    if one.for_all or other.for_all:
        return one.for_all and other.for_all
    return bool(one.divisions & other.divisions or one.cycles & other.cycles)


def _check_days(rules: YearRules, attendance: Attendance, extra: Place) -> Iterator[Problem]:
    for day in sorted(rules.extra_school_days):
        if attendance.term(day) is None:
            yield wording.school_day_outside_terms(extra, day)
        elif day.weekday() in rules.weekdays:
            yield wording.school_day_anyway(extra, day)
    for special in rules.specials:
        yield from _check_names(special, rules)
        if not any(attendance.has_school(day) for day in special.days()):
            yield wording.special_without_school(special, in_term=any(map(attendance.term, special.days())))
    for first, second in combinations([s for s in rules.specials if s.follows is not None], 2):
        both = first.follows != second.follows and (first.divisions == second.divisions)
        if both and first.first <= second.last and second.first <= first.last:
            yield wording.follows_two(first, second)


def _check_labels(rule: CycleRule) -> Iterator[Problem]:
    if rule.listed is None and not rule.labels:
        yield wording.no_labels(rule)
    doubled = sorted({label for label in rule.labels if rule.labels.count(label) > 1})
    if doubled and not rule.doubled_meant and rule.listed is None:
        yield wording.doubled_label(rule, doubled[0])


def _check_dates(rule: CycleRule, attendance: Attendance) -> Iterator[Problem]:
    if rule.start is not None and attendance.term(rule.start) is None:
        yield wording.start_outside_terms(rule, rule.start)
    if rule.start_label is not None and rule.start_label not in rule.labels:
        yield wording.unknown_label(rule.at("start_label"), rule.start_label, rule)
    begin = rule.start or attendance.rules.first
    for day in rule.restarts:
        if day > attendance.rules.last:
            yield wording.restart_outside_terms(rule, day)
        elif day < begin:
            yield wording.restart_before_start(rule, day, begin)


def _check_days_of_weeks(rule: CycleRule, rules: YearRules) -> Iterator[Problem]:
    """Labels that are the days of lettered weeks are as many as these have."""
    if rule.advance is not Advance.DAYS_OF_WEEKS:
        return
    letters = rules.weeks.all_letters
    if len(rule.labels) != len(rules.weekdays) * len(letters):
        yield wording.labels_of_weeks(rule, len(rules.weekdays), letters)
    stated = {
        "start": rule.start,
        "start_label": rule.start_label,
        "restart": rule.restart_each_term or rule.restarts,
        "pin_from": any(pin.goes_on for pin in rule.pins.values()),
    }
    for key in (key for key, value in stated.items() if value):
        yield wording.weeks_set_it(rule, key)


def _check_pins(rule: CycleRule, attendance: Attendance) -> Iterator[Problem]:
    for day, pin in rule.pins.items():
        if pin.label not in rule.labels:
            yield wording.unknown_label(pin.place, pin.label, rule)
        elif rule.labels.count(pin.label) > 1 and pin.goes_on:
            yield wording.doubled_pin(pin, rule)
        elif why := why_no_label(rule, attendance, day):
            yield wording.pin_without_day(pin, day, rule, why)
        elif rule.start is not None and day < rule.start and pin.goes_on:
            yield wording.pin_before_start(pin, day, rule.start, rule)
    for day, pin in (rule.listed or {}).items():
        if why := why_no_label(rule, attendance, day):
            yield wording.listed_without_day(pin, day, rule, why)


def why_no_label(rule: CycleRule, attendance: Attendance, day: date) -> str:
    """Return why a date can have no label in a cycle, or "" where it can."""
    if attendance.term(day) is None:
        return "it lies outside the terms"
    if not attendance.is_school_weekday(day):
        return "it is no school day of the week"
    stopping = [*attendance.closing(rule, day), *(span for span in rule.without if day in span)]
    return f"“{stopping[0].name}” is on it ({stopping[0].place})" if stopping else ""


def _check_without(rule: CycleRule, attendance: Attendance) -> Iterator[Problem]:
    for span in rule.without:
        if not any(map(attendance.is_working_day, span.days())):
            yield wording.no_cycle_outside_terms(span, rule)
        if span.effect and not rule.advance.heeds_closures:
            yield wording.effect_without_meaning(span)


def closure_effect(text: str) -> Effect | None:
    """Return what a word says about a cycle: "hold", "skip", "used up", "counts"…; None for any other word."""
    return _EFFECT_WORDS.get(" ".join(text.casefold().split()).strip(" ."))


_EFFECT_WORDS = {
    **dict.fromkeys(
        "hold|holds|held|wait|waits|pause|pauses|shift|shifts|moves on|no day lost".split("|"), Effect.HOLD
    ),
    **dict.fromkeys(
        "skip|skips|skipped|used up|uses up|uses it up|counts|counted|lost|lose|drop|dropped".split("|"), Effect.SKIP
    ),
}
