"""A cycle → the label of every date, and how it came about."""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Callable
from dataclasses import dataclass, field
from datetime import date
from enum import StrEnum
from itertools import product
from typing import TYPE_CHECKING

from nomarium.core.year.rules import Advance, Closure, CycleRule, Effect, NoCycleDays, Pin, Span, Term
from nomarium.core.year.weeks import WeekCalendar, WeekLabels

if TYPE_CHECKING:
    from nomarium.core.year.attendance import Attendance


class Standing(StrEnum):
    """What a cycle does on a working day."""

    RUNS = "runs"
    HOLDS = "holds"
    USED_UP = "uses up a label"
    PAUSES = "pauses"
    """No label, and none is counted either: a cycle by weeks on a closed day, or a listed cycle on an unlisted one."""
    NOT_BEGUN = "has not begun"


class SetBy(StrEnum):
    """What set a cycle to a label."""

    START = "start"
    TERM = "term"
    RESTART = "restart"
    PIN = "pin"


@dataclass(frozen=True, slots=True)
class Setting:
    """A date on which a cycle was set to a place in its labels, from which it then counts on."""

    day: date
    place: int
    by: SetBy
    term: Term | None = None
    pin: Pin | None = None


@dataclass(frozen=True, slots=True)
class Step:
    """What a cycle does on one date, and why."""

    standing: Standing
    label: str | None = None
    because: tuple[Span, ...] = ()
    """What closes it, or lets no day of it run."""
    setting: Setting | None = None
    pin: Pin | None = None
    """What sets this date's label alone, or lists it."""


@dataclass(slots=True)
class CycleDays:
    """A cycle worked out: a step for every working day."""

    rule: CycleRule
    steps: dict[date, Step] = field(default_factory=dict)

    def label(self, day: date) -> str | None:
        """Return the label of a date, or None."""
        step = self.steps.get(day)
        return step.label if step else None

    def labels(self) -> dict[date, str]:
        """Return all dates that have a label, in order."""
        return {day: step.label for day, step in self.steps.items() if step.label is not None}


def reckon(
    rule: CycleRule, attendance: Attendance, calendar: WeekCalendar, letter_of: Callable[[date], str]
) -> CycleDays:
    """Work out a cycle for all working days of the year; ``letter_of`` tells the letter of a date's week.

    Its rule must be sound: labels there, pins naming them (see the checks).
    """
    if rule.listed is not None:
        return _listed(rule, attendance)
    if rule.advance is Advance.DAYS_OF_WEEKS:
        return _by_days_of_weeks(rule, attendance, letter_of)
    return _by_weeks(rule, attendance, calendar) if rule.advance.by_weeks else _by_days(rule, attendance)


def settings_of(rule: CycleRule, attendance: Attendance) -> dict[date, Setting]:
    """Return the dates on which a cycle is set to a label: its start, its restarts, and pins that it goes on from.

    A restart is due on the first working day on or after its date; one that falls on the start or before it is void.
    """
    begin = _first_working_day(attendance, rule.start or attendance.rules.first)
    if begin is None:
        return {}
    first_place = rule.labels.index(rule.start_label) if rule.start_label is not None else 0
    found = {begin: Setting(begin, first_place, SetBy.START)}
    due = [(day, Setting(day, 0, SetBy.RESTART)) for day in rule.restarts]
    if rule.restart_each_term:
        due += [(term.first, Setting(term.first, 0, SetBy.TERM, term)) for term in attendance.rules.terms]
    for day, setting in sorted(due, key=lambda found: found[0]):
        working = _first_working_day(attendance, day)
        if working is not None and working > begin:
            found[working] = setting
    for day, pin in rule.pins.items():
        if pin.goes_on:
            found[day] = Setting(day, rule.labels.index(pin.label), SetBy.PIN, pin=pin)
    return dict(sorted(found.items()))


def _first_working_day(attendance: Attendance, day: date) -> date | None:
    at = bisect_left(attendance.working_days, day)
    return attendance.working_days[at] if at < len(attendance.working_days) else None


def _by_days(rule: CycleRule, attendance: Attendance) -> CycleDays:
    days = CycleDays(rule)
    settings = settings_of(rule, attendance)
    setting: Setting | None = None
    place = 0
    for day in attendance.working_days:
        if day in settings:
            setting = settings[day]
            place = setting.place
        stopped = _stopped(rule, attendance, day)
        if setting is None:
            days.steps[day] = _pinned(Step(Standing.NOT_BEGUN, because=stopped), rule, day)
            continue
        if not stopped:
            days.steps[day] = _pinned(
                Step(Standing.RUNS, rule.labels[place % len(rule.labels)], (), setting), rule, day
            )
            place += 1
        elif _uses_up(rule, stopped):
            days.steps[day] = Step(Standing.USED_UP, None, stopped, setting)
            place += 1
        else:
            days.steps[day] = Step(Standing.HOLDS, None, stopped, setting)
    return days


def _by_weeks(rule: CycleRule, attendance: Attendance, calendar: WeekCalendar) -> CycleDays:
    days = CycleDays(rule)
    labels = WeekLabels(calendar, rule.labels, school_weeks=rule.advance is Advance.SCHOOL_WEEKS)
    settings = settings_of(rule, attendance)
    setting: Setting | None = None
    for day in attendance.working_days:
        if day in settings:
            setting = settings[day]
            labels.anchor(day, setting.place, _anchor_week(setting, rule, attendance, calendar))
        stopped = _stopped(rule, attendance, day)
        if setting is None:
            days.steps[day] = _pinned(Step(Standing.NOT_BEGUN, because=stopped), rule, day)
        elif stopped:
            days.steps[day] = Step(Standing.PAUSES, None, stopped, setting)
        else:
            days.steps[day] = _pinned(Step(Standing.RUNS, labels.label(day), (), setting), rule, day)
    return days


def _by_days_of_weeks(rule: CycleRule, attendance: Attendance, letter_of: Callable[[date], str]) -> CycleDays:
    days = CycleDays(rule)
    weekdays, letters = sorted(attendance.rules.weekdays), attendance.rules.weeks.all_letters
    labels = dict(zip(product(letters, weekdays), rule.labels, strict=False))
    for day in attendance.working_days:
        stopped = _stopped(rule, attendance, day)
        label = labels.get((letter_of(day), day.weekday()))
        if stopped or label is None:
            days.steps[day] = _pinned(Step(Standing.PAUSES, None, stopped), rule, day)
        else:
            days.steps[day] = _pinned(Step(Standing.RUNS, label), rule, day)
    return days


def _anchor_week(setting: Setting, rule: CycleRule, attendance: Attendance, calendar: WeekCalendar) -> date | None:
    """Return the week that a setting counts from: that of a term's first day, be it a rest day; else its own."""
    if setting.by is SetBy.TERM:
        return calendar.week(setting.day)
    if setting.by is SetBy.START and rule.start is None:
        return calendar.week(attendance.rules.first)
    return None


def _listed(rule: CycleRule, attendance: Attendance) -> CycleDays:
    days = CycleDays(rule)
    listed = rule.listed or {}
    for day in attendance.working_days:
        pin = listed.get(day)
        stopped = _stopped(rule, attendance, day)
        if pin is None or stopped:
            days.steps[day] = Step(Standing.PAUSES, None, stopped, pin=pin)
        else:
            days.steps[day] = Step(Standing.RUNS, pin.label, (), pin=pin)
    return days


def _pinned(step: Step, rule: CycleRule, day: date) -> Step:
    """Give a date the label that is pinned for it alone."""
    pin = rule.pins.get(day)
    if pin is None or pin.goes_on or step.because:
        return step
    return Step(Standing.RUNS, pin.label, (), step.setting, pin)


def _stopped(rule: CycleRule, attendance: Attendance, day: date) -> tuple[Span, ...]:
    """Return what lets no day of a cycle run on a date: closures, and days without a cycle day."""
    closures = attendance.closing(rule, day)
    return (*closures, *(span for span in rule.without if day in span))


def effect_of(rule: CycleRule, stopped: tuple[Span, ...]) -> Effect:
    """Return what spans that stop a cycle do to its count: what one of them says, else what its advance says."""
    for span in stopped:
        if isinstance(span, Closure | NoCycleDays) and span.effect is not None:
            return span.effect
    return Effect.SKIP if rule.advance is Advance.WORKING_DAYS else Effect.HOLD


def _uses_up(rule: CycleRule, stopped: tuple[Span, ...]) -> bool:
    return effect_of(rule, stopped) is Effect.SKIP
