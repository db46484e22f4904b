"""Offsets and a start → dates: weekdays kept where a row names one, closed days moved past, dropped or pushed."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from typing import TYPE_CHECKING, Literal

from nomarium.core.programmes.offsets import Counts, Offset

if TYPE_CHECKING:
    from nomarium.core.year import SchoolYear

OnClosed = Literal["drop", "keep", "next", "previous", "push"]
"""What becomes of a row on a closed day; *push* moves all that follows, too."""
_DAY = timedelta(days=1)
_WEEK = timedelta(days=7)
MOST_DAYS = 20_000
"""Days from a start that a row may be."""
_MOST_CLOSED = 800
"""Closed days in a row that are looked past."""


@dataclass(frozen=True, slots=True)
class DatingRules:
    """How a programme is dated."""

    weekdays: frozenset[int] = frozenset()
    """The weekdays of its sessions, Monday is 0."""
    rest: frozenset[int] = frozenset()
    """The weekdays on which nothing is, as if they were closed."""
    on_closed: OnClosed = "drop"
    closed: Callable[[date], str] = field(default=lambda day: "")
    """Says why a day is closed, "" where it is not."""

    def why_closed(self, day: date) -> str:
        """Return why nothing is on a day, "" where something may be."""
        return "rest day" if day.weekday() in self.rest else self.closed(day)


@dataclass(frozen=True, slots=True)
class DatedRow:
    """The day of a row; None where it was dropped, and what a closed day did to it."""

    day: date | None
    was: date | None = None
    """The day that it had, where that was closed."""
    why: str = ""


class Undatable(ValueError):
    """A programme that cannot be dated; says why."""


def date_rows(offsets: Sequence[Offset], start: date, rules: DatingRules) -> list[DatedRow]:
    """Return the day of each row. Raises Undatable where sessions have no weekdays, or all days are closed."""
    offsets = from_zero(offsets)
    planned = [_planned(offset, start, rules) for offset in offsets]
    found: list[DatedRow] = [DatedRow(None)] * len(offsets)
    pushed = timedelta(0)
    for row in sorted(range(len(offsets)), key=lambda row: (planned[row], row)):
        named = offsets[row].weekday is not None or offsets[row].counts is Counts.SESSIONS
        day = planned[row] + (-(-pushed // _WEEK) * _WEEK if named else pushed)  # a weekday is kept
        found[row] = _settled(day, rules, named=named)
        if rules.on_closed == "push":
            pushed = max(pushed, (found[row].day or day) - planned[row])
    return found


def from_zero(offsets: Sequence[Offset]) -> list[Offset]:
    """Return offsets with their days counted from the start: "Day 1" is the start, unless there is a "Day 0"."""
    ones = [offset for offset in offsets if offset.from_one]
    by = 0 if any(offset.number == 0 for offset in ones) else 1
    return [replace_number(offset, by) if offset.from_one else offset for offset in offsets]


def replace_number(offset: Offset, by: int) -> Offset:
    """Return an offset of days, ``by`` less."""
    return offset._replace(number=offset.number - by, from_one=False)


def _planned(offset: Offset, start: date, rules: DatingRules) -> date:
    """Return the day of a row if nothing were closed."""
    if abs(offset.number) > MOST_DAYS:
        raise Undatable(f"{offset.number:,} is farther than {MOST_DAYS:,} days")
    if offset.counts is Counts.DAYS:
        return start + offset.number * _DAY
    if offset.counts is Counts.WEEKS:
        first = start + (offset.number - 1) * _WEEK
        return first if offset.weekday is None else first + ((offset.weekday - first.weekday()) % 7) * _DAY
    if not rules.weekdays:
        raise Undatable("sessions need the weekdays on which they are")
    days = sorted((weekday - start.weekday()) % 7 for weekday in rules.weekdays)
    weeks, place = divmod(offset.number - 1, len(days))
    return start + weeks * _WEEK + days[place] * _DAY


def _settled(day: date, rules: DatingRules, *, named: bool) -> DatedRow:
    """Return what becomes of a row on its day."""
    why = rules.why_closed(day)
    if not why or rules.on_closed == "keep":
        return DatedRow(day)
    if rules.on_closed == "drop":
        return DatedRow(None, day, why)
    step = -_DAY if rules.on_closed == "previous" else _DAY
    if rules.on_closed == "push" and named:  # the weekday is kept: it moves by whole weeks
        step = _WEEK
    at = day
    for _ in range(_MOST_CLOSED):
        at += step
        if not rules.why_closed(at):
            return DatedRow(at, day, why)
    raise Undatable(f"no day after {day:%Y-%m-%d} is open")


def start_for_end(offsets: Sequence[Offset], end: date, rules: DatingRules) -> date:
    """Return the latest start with which nothing of a programme is after a day: it is dated from its end.

    Where rows name weekdays, it starts on the weekday of ``end``'s week that makes its last row end nearest.
    """
    usual = [row.day for row in date_rows(offsets, end, replace(rules, on_closed="keep")) if row.day]
    at = end - (max(usual, default=end) - end)
    for _ in range(_MOST_CLOSED):
        last = max((row.day for row in date_rows(offsets, at, rules) if row.day), default=at)
        if last <= end and (at + _DAY > end or _last(offsets, at + _DAY, rules) > end):
            return at
        at += _DAY if last <= end else -_DAY
    raise Undatable(f"no start ends it by {end:%Y-%m-%d}")


def _last(offsets: Sequence[Offset], start: date, rules: DatingRules) -> date:
    return max((row.day for row in date_rows(offsets, start, rules) if row.day), default=start)


def dating_rules(
    weekdays: frozenset[int], rest: frozenset[int], on_closed: str, year: SchoolYear | None
) -> DatingRules:
    """Return how a programme is dated, by the closures of a school year where there is one."""
    known: tuple[OnClosed, ...] = ("drop", "keep", "next", "previous", "push")
    doing = next(word for word in known if word == on_closed)
    return DatingRules(weekdays, rest, doing, _closed_in(year) if year is not None else lambda day: "")


def _closed_in(year: SchoolYear) -> Callable[[date], str]:
    """Return what says why a day is closed: by a closure of the year; weekends and days outside terms are open."""
    return lambda day: next((closure.name for closure in year.attendance.closures(day) if not closure.divisions), "")
