"""The fields that sheets of named dates share: terms, closures, special days, listed days."""

from __future__ import annotations

from nomarium.core.columns import Blank, Field, Holds
from nomarium.core.kinds import vocabulary as words

_FIRST_DAY = (
    "date|dates|day|first day|start|starts|start date|begins|begin|begin date|beginning|from|from date|date from|"
    "opens|first|commences|when|starting|first date|datum|fecha|data|début|beginn|inicio|inizio|von|du"
)
_LAST_DAY = (
    "last day|end|ends|end date|to|to date|date to|until|till|through|closes|last|finish|finishes|finish date|ending|"
    "last date|ende|fin|fine|bis|au"
)


def first_day(meaning: str, more: str = "", blank: Blank | None = None) -> Field:
    """Return the field of a first day; ``more`` are headings that a kind has for it beside the usual."""
    headings = f"{_FIRST_DAY}|{more}" if more else _FIRST_DAY
    shared = f"{words.FIRST_DAY}|{words.BEGINS}|{words.DATE}"
    return Field("start_date", meaning, headings, Holds.DATE, shared, blank)


def last_day(more: str = "", blank: Blank | None = None) -> Field:
    """Return the field of a last day."""
    headings = f"{_LAST_DAY}|{more}" if more else _LAST_DAY
    return Field("end_date", "its last day, included", headings, Holds.DATE, f"{words.LAST_DAY}|{words.ENDS}", blank)


WEEKDAY = Field(
    "weekday",
    "the weekday of the date: proof of how it is read",
    "weekday|day of week|day of the week|dow|week day",
    Holds.DAYS,
    words.WEEKDAY,
)

FOR_WHOM = Field(
    "division",
    "the divisions (or cycles) it is for, separated by “;”; empty for all",
    "division|divisions|for|for whom|applies to|who|section|campus|site|part|school section|group|groups|audience",
    Holds.NAMES,
    f"{words.DIVISION}|affects|affected|concerns|für|gilt für|pour|concerne|para|per|voor|for hvem|gäller",
    Blank("Division", "Whom it is for, where not all: divisions of the plan, separated by “;”."),
)
