"""The school year: from terms, closures and cycles to what every date is."""

from nomarium.core.year.checks import check_rules, closure_effect
from nomarium.core.year.cycle import CycleDays, SetBy, Setting, Standing, Step
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

__all__ = [
    "MONDAY_TO_FRIDAY",
    "Advance",
    "Closure",
    "CycleDays",
    "CycleRule",
    "Day",
    "Effect",
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
    "YearRules",
    "check_rules",
    "closure_effect",
]
