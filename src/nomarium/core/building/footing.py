"""What a build stands on: the zone, the year and its days; and what nobody said, so that it had to be assumed."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from datetime import timedelta
from typing import TYPE_CHECKING

from nomarium.core.building.census import count_labels
from nomarium.core.values import WEEKDAY_NAMES, counted, day_words

if TYPE_CHECKING:
    from nomarium.core.building.build import Build
    from nomarium.core.plan import PlanFile
    from nomarium.core.year import SchoolYear


@dataclass(slots=True)
class Footing:
    """What all dates of a build hang on."""

    zone: str = ""
    weekdays: str = ""
    terms: list[tuple[str, str]] = field(default_factory=list)
    """Names and spans, in words."""
    school_days: int = 0
    labels: dict[str, dict[str, int]] = field(default_factory=dict)
    """For each cycle, how many days each of its labels has."""
    closures: int = 0
    closed_days: int = 0
    """School weekdays within the terms on which the whole school is closed."""
    special_days: int = 0
    few: list[str] = field(default_factory=list)
    """What stands out: labels with far fewer days than others."""
    assumed: list[str] = field(default_factory=list)
    """What no sheet and no key says, each with the line that would."""


def footing(build: Build) -> Footing | None:
    """Return what a build stands on; None for a plan without a school year."""
    year, plan = build.school.year, build.plan
    if year is None or plan is None:
        return None
    rules, attendance = year.rules, year.attendance
    days = [day for day in year.days() if day.has_school]
    labels = {
        name: {label: days for label, (days, _) in counts.items() if days}
        for name, counts in count_labels((), year).items()
    }
    found = Footing(
        zone=plan.plan.school.zone or "that of this machine",
        weekdays=_weekday_words(rules.weekdays),
        terms=[(term.name, f"{day_words(term.first)} to {day_words(term.last)}") for term in rules.terms],
        school_days=len(days),
        labels=labels,
        closures=len(rules.closures),
        closed_days=sum(not attendance.has_school(day) for day in attendance.working_days),
        special_days=len({day for special in rules.specials if special.name for day in special.days()}),
    )
    found.few = list(_few(found))
    found.assumed = list(_assumed(plan, year))
    return found


def _weekday_words(weekdays: frozenset[int]) -> str:
    days = sorted(weekdays)
    runs = len(days) > 2 and days == list(range(days[0], days[-1] + 1))
    names = [WEEKDAY_NAMES[day][:3] for day in days]
    return f"{names[0]}–{names[-1]}" if runs else ", ".join(names)


_FAR_FEWER, _FEW = 0.75, 2


def _few(found: Footing) -> Iterator[str]:
    for name, counts in found.labels.items():
        most = max(counts.values(), default=0)
        for label, count in counts.items():
            if count < most * _FAR_FEWER and most - count > _FEW:
                yield f"{name}: {label} has {counted(count, 'day')}, another label {most}"


_SHORT_YEAR = timedelta(days=60)


def _assumed(plan: PlanFile, year: SchoolYear) -> Iterator[str]:
    keys = plan.plan
    if keys.school.zone is None:
        yield 'the time zone is this machine’s ([school] zone = "America/Halifax")'
    if "school_days" not in keys.year.model_fields_set and not all(rule.listed for rule in year.rules.cycles):
        yield 'school is from Monday to Friday ([year] school_days = "Mon-Fri")'
    if not year.rules.closures and not keys.year.public_holidays and keys.year.states_terms:
        yield 'the school is never closed within its terms ([year] closures = "closures.csv")'
    begin, end = year.rules.terms[0].first, year.rules.terms[-1].last
    if not keys.year.states_terms and end - begin < _SHORT_YEAR:
        span = f"{day_words(begin)} to {day_words(end)}"
        yield f'the year is {span}, as its days are listed ([year] terms = "terms.csv")'
    for name, cycle in keys.cycles.items():
        rule = year.cycles[name].rule if name in year.cycles else None
        if rule is None or (rule.listed and not cycle.labels) or not rule.advance.heeds_closures:
            continue
        first = min(year.cycles[name].labels(), default=None)
        if cycle.start is None and not cycle.listed and not cycle.pin_from and first is not None:
            begins = f"{name} begins on its first school day, {day_words(first)}"
            yield f"{begins} ([cycles.{name}] start = {first})"
        if "advance" not in cycle.model_fields_set:
            yield f'a closure holds the day of {name} ([cycles.{name}] advance = "school days")'
    weeks = keys.year.weeks
    if year.rules.weeks.letters and not weeks.listed and "letters_by" not in weeks.model_fields_set:
        yield 'weeks without school do not count for the letters ([year.weeks] letters_by = "school weeks")'
