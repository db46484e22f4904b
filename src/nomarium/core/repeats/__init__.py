"""Repeats: rules of RFC 5545, and the times that they make."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.repeats.expand import expand
    from nomarium.core.repeats.months_as_bounds import open_end
    from nomarium.core.repeats.recurrence import Recurrence
    from nomarium.core.repeats.rule import WEEKDAY_CODES, Frequency, Rule, RuleRefused, WeekdayNumber, parse_rule
    from nomarium.core.repeats.runs import run_in
    from nomarium.core.repeats.words import FORMS, Bounds, NotUnderstood, OnClosure, Repeat, bounds_in, nth, read_words

__all__ = [
    "FORMS",
    "WEEKDAY_CODES",
    "Bounds",
    "Frequency",
    "NotUnderstood",
    "OnClosure",
    "Recurrence",
    "Repeat",
    "Rule",
    "RuleRefused",
    "WeekdayNumber",
    "bounds_in",
    "expand",
    "nth",
    "open_end",
    "parse_rule",
    "read_words",
    "run_in",
]

__getattr__ = on_demand(__name__)
