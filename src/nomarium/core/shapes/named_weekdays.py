"""Weekdays that names beside dates say: "Sat vigil", "Sun 8 am" → on which day of a date's week each entry is."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date, timedelta

from nomarium.core.shapes.axis import weekdays_named

_MONDAY, _FRIDAY, _SATURDAY, _SUNDAY = 0, 4, 5, 6
_ON_THE_EVE, _AROUND_SATURDAY = frozenset({_FRIDAY, _SATURDAY}), frozenset({_FRIDAY, _SUNDAY})


def weekdays_of_names(names: Sequence[str]) -> dict[str, int]:
    """Return the weekday of each name (Monday is 0), where all of several name one; else none."""
    found = {name: weekdays_named(name) for name in names}
    alone = {name: days[0] for name, days in found.items() if len(days) == 1}
    return alone if len(alone) == len(found) > 1 else {}


def day_of_week(day: date, weekday: int, named: frozenset[int]) -> date | None:
    """Return the day that a weekday is in the week of a date; None where that may be the week before or after.

    ``named`` are the weekdays of all names. A Monday begins its week. Saturday and Sunday are of a weekend where only
    days of one are named, and a Sunday begins a week where none of them is. Any other date stands for its own weekday
    alone.
    """
    others = named - {day.weekday()}
    ahead = timedelta(days=(weekday - day.weekday()) % 7)
    if not ahead or day.weekday() == _MONDAY:
        return day + ahead
    if day.weekday() == _SATURDAY and others <= _AROUND_SATURDAY:
        return day + ahead if weekday == _SUNDAY else day - timedelta(days=1)
    if day.weekday() == _SUNDAY and others <= _ON_THE_EVE:
        return day + ahead - timedelta(days=7)
    return day + ahead if day.weekday() == _SUNDAY and others.isdisjoint(_ON_THE_EVE) else None
