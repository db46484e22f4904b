"""Repeats: rules of RFC 5545, and the times that they make."""

from nomarium.core.repeats.expand import expand
from nomarium.core.repeats.recurrence import Recurrence
from nomarium.core.repeats.rule import WEEKDAY_CODES, Frequency, Rule, RuleRefused, WeekdayNumber, parse_rule

__all__ = [
    "WEEKDAY_CODES",
    "Frequency",
    "Recurrence",
    "Rule",
    "RuleRefused",
    "WeekdayNumber",
    "expand",
    "parse_rule",
]
