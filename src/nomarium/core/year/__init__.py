"""The school year: from terms, closures and cycles to what every date is."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.year.against import Comparison, Difference, Listed, compare
    from nomarium.core.year.checks import check_rules, closure_effect
    from nomarium.core.year.closing import CLOSE_OPTION, CycleChange, Moved, WhatIf, what_if
    from nomarium.core.year.cycle import CycleDays, SetBy, Setting, Standing, Step
    from nomarium.core.year.day_parts import DayPart, read_day_part
    from nomarium.core.year.lists import unlisted_days, unlisted_weeks, year_of_list
    from nomarium.core.year.rules import (
        MONDAY_TO_FRIDAY,
        Advance,
        Closure,
        CycleRule,
        Effect,
        NoCycleDays,
        Pin,
        Span,
        SpecialDay,
        Term,
        WeekRules,
        YearRules,
    )
    from nomarium.core.year.school_year import Day, SchoolYear
    from nomarium.core.year.why import explain
    from nomarium.core.year.wording import days_words, listed_words

__all__ = [
    "CLOSE_OPTION",
    "MONDAY_TO_FRIDAY",
    "Advance",
    "Closure",
    "Comparison",
    "CycleChange",
    "CycleDays",
    "CycleRule",
    "Day",
    "DayPart",
    "Difference",
    "Effect",
    "Listed",
    "Moved",
    "NoCycleDays",
    "Pin",
    "SchoolYear",
    "SetBy",
    "Setting",
    "Span",
    "SpecialDay",
    "Standing",
    "Step",
    "Term",
    "WeekRules",
    "WhatIf",
    "YearRules",
    "check_rules",
    "closure_effect",
    "compare",
    "days_words",
    "explain",
    "listed_words",
    "read_day_part",
    "unlisted_days",
    "unlisted_weeks",
    "what_if",
    "year_of_list",
]

__getattr__ = on_demand(__name__)
