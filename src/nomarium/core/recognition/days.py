"""A reader of days for sheets whose school is not known yet."""

from __future__ import annotations

from datetime import date
from functools import cache

from nomarium.core.kinds import LETTERS, NUMBERS
from nomarium.core.slots import DayReader
from nomarium.core.year import CycleRule, SchoolYear, Term, YearRules

FAMILIES = ("letters", "numbers")
"""The cycles that it knows."""


@cache
def any_days() -> DayReader:
    """Return a reader of days for which A to L and 1 to 12 are labels: the school's own are not known yet."""
    term = Term("Year", date(2026, 9, 1), date(2026, 9, 30))
    cycles = (CycleRule(FAMILIES[0], LETTERS), CycleRule(FAMILIES[1], NUMBERS))
    return DayReader(SchoolYear(YearRules((term,), cycles=cycles)))
