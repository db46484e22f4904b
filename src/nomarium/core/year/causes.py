"""Single changes to the rules of a year that could explain why a published list goes another way."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from datetime import date
from typing import NamedTuple

from nomarium.core.values import day_words
from nomarium.core.year.cycle import CycleDays, reckon
from nomarium.core.year.rules import Advance, Closure, CycleRule, Effect, NoCycleDays
from nomarium.core.year.school_year import SchoolYear
from nomarium.core.year.wording import days_words


class Parting(NamedTuple):
    """The cycle, the first date on which list and cycle part, and what the list says there (None for no label)."""

    rule: CycleRule
    date: date
    listed: str | None


_LOOK_BACK = 4
"""So many school days up to the parting are suspected of a closure that the rules do not know."""

_DOING = {
    None: "",
    Effect.HOLD: " that holds the label",
    Effect.SKIP: " that uses up the label",
}


def single_changes(year: SchoolYear, parting: Parting) -> Iterator[tuple[str, CycleDays]]:
    """Yield single changes of the rules, in words, each with the cycle that it would give; each outcome once."""
    seen = []
    for words, days in _all_changes(year, parting):
        labels = days.labels()
        if labels not in seen:
            seen.append(labels)
            yield words, days


def _all_changes(year: SchoolYear, parting: Parting) -> Iterator[tuple[str, CycleDays]]:
    rule = parting.rule
    for words, closures in (*_closures_more(year, parting), *_closures_other(year, parting)):
        cycles = year.rules.cycles if rule.advance.by_weeks else (rule,)
        other = SchoolYear(replace(year.rules, closures=closures, cycles=cycles))
        yield words, other.cycles[rule.name]
    if rule.listed is None:
        for changes in (_other_pauses, _other_starts, _other_restarts, _other_advance, _other_pins):
            for words, changed in changes(year, parting):
                yield words, reckon(changed, year.attendance, year.weeks, year.letter)


_Closures = Iterator[tuple[str, tuple[Closure, ...]]]
_Rules = Iterator[tuple[str, CycleRule]]


def _closures_more(year: SchoolYear, parting: Parting) -> _Closures:
    """One closure more, on one of the last school days up to the parting."""
    working = [day for day in year.attendance.working_days if day <= parting.date]
    for day in reversed(working[-_LOOK_BACK:]):
        if not year.attendance.closing(parting.rule, day):
            for effect in (None, Effect.HOLD, Effect.SKIP):
                more = Closure("closure", day, day, cycles=frozenset({parting.rule.name}), effect=effect)
                yield f"one closure more, on {day_words(day)}{_DOING[effect]}", (*year.rules.closures, more)


def _closures_other(year: SchoolYear, parting: Parting) -> _Closures:
    """One closure fewer, or one that holds instead of using up a label, or the other way; the latest first."""
    before = [closure for closure in year.rules.closures if closure.first <= parting.date]
    for closure in sorted(before, key=lambda closure: closure.last, reverse=True):
        others = tuple(other for other in year.rules.closures if other is not closure)
        which = f"“{closure.name}”, {days_words(closure)} ({closure.place})"
        yield f"one closure fewer: not {which}", others
        for effect in (Effect.HOLD, Effect.SKIP):
            if effect is not closure.effect:
                changed = replace(closure, effect=effect)
                yield f"{which}, as a closure{_DOING[effect]}", (*others, changed)


def _other_pauses(year: SchoolYear, parting: Parting) -> _Rules:
    """School without a cycle day on the date of the parting, or a cycle day where there was none."""
    rule, day = parting.rule, parting.date
    for effect in Effect if parting.listed is None else ():
        more = NoCycleDays("no cycle day", day, day, effect=effect)
        words = f"school without a cycle day on {day_words(day)}{_DOING[effect].replace('that', 'which')}"
        yield words, replace(rule, without=(*rule.without, more))
    for span in rule.without:
        rest = tuple(other for other in rule.without if other is not span)
        yield f"a cycle day after all on {days_words(span)} ({span.place})", replace(rule, without=rest)


def _other_starts(year: SchoolYear, parting: Parting) -> _Rules:
    """Another label to start with, or another date."""
    rule = parting.rule
    for label in dict.fromkeys(rule.labels):
        if label != (rule.start_label or rule.labels[0]):
            yield f"a start at “{label}”", replace(rule, start_label=label)
    if rule.start is not None:
        yield "a start with the first term", replace(rule, start=None)
    begin = rule.start or year.rules.first
    for day in [day for day in year.attendance.working_days if day != begin][:_STARTS]:
        yield f"a start on {day_words(day)}", replace(rule, start=day)


_STARTS = 15
"""So many of the year's first school days are tried as the cycle's start."""


def _other_restarts(year: SchoolYear, parting: Parting) -> _Rules:
    """A restart more or fewer."""
    rule, day = parting.rule, parting.date
    each = "no new beginning each term" if rule.restart_each_term else "a new beginning each term"
    yield each, replace(rule, restart_each_term=not rule.restart_each_term)
    for restart in rule.restarts:
        rest = tuple(other for other in rule.restarts if other != restart)
        yield f"no restart on {day_words(restart)}", replace(rule, restarts=rest)
    if rule.labels and parting.listed == rule.labels[0]:
        yield f"a restart on {day_words(day)}", replace(rule, restarts=(*rule.restarts, day))


def _other_advance(year: SchoolYear, parting: Parting) -> _Rules:
    """Another way of advancing."""
    rule = parting.rule
    for advance in Advance:
        if advance is not rule.advance and (advance.by_weeks, advance.heeds_closures) == (
            rule.advance.by_weeks,
            rule.advance.heeds_closures,
        ):
            yield f"advancing by {advance}", replace(rule, advance=advance)


def _other_pins(year: SchoolYear, parting: Parting) -> _Rules:
    """A pin fewer."""
    rule = parting.rule
    for day, pin in rule.pins.items():
        others = {other: kept for other, kept in rule.pins.items() if other != day}
        yield f"no pin on {day_words(day)} ({pin.place})", replace(rule, pins=others)
