"""A text → slots, each a day and its periods in one word: "A1 C4", "Day 2 P3", "Mon 5"."""

from __future__ import annotations

import re
from collections.abc import Sequence

from nomarium.core.slots.days import DayReader, DayTest, UnknownDay
from nomarium.core.slots.periods import Periods, read_periods
from nomarium.lazily import regex

_APART = regex(r"\s*[,;\n]\s*(?![^()]*\))")
_WORDS = regex(r"\s+(?![^()]*\))")
_PAIRS = (
    regex(
        r"(?P<day>(?:day\s*)?\w+?)\s*[-.:/]?\s*(?P<period>(?:period|per|p)\.?\s*\d+(?:\s*[-–]\s*\d+)?)", re.IGNORECASE
    ),
    regex(r"(?P<day>[^\W\d]+?)\s*[-.:/]?\s*(?P<period>\d+(?:\s*[-–]\s*\d+)?)"),
    regex(r"(?P<period>\d+(?:\s*[-–]\s*\d+)?)\s*[-.:/]?\s*(?P<day>[^\W\d]+)"),
    regex(
        r"(?P<day>[^\W\d]\D*?)\s*[-.:/ ]\s*(?P<period>(?:period|per|p)?\.?\s*\d+(?:\s*[-–]\s*\d+)?)", re.IGNORECASE
    ),  # "A Mon 3": the week's letter, too
    regex(
        r"(?P<day>(?:(?:week|wk|w)\.?\s?)?\d[-.:/ ]?[^\W\d_]{2,}|[^\W\d_]{2,}[-.:/ ]?(?:(?:week|wk|w)\.?\s?)?\d)"
        r"\s*[-.:/ ]\s*(?P<period>(?:period|per|p)?\.?\s?\d+)",
        re.IGNORECASE,
    ),  # "1Mon:2", "Mon 1:2": the week's number, too
    regex(r"(?P<day>(?:(?:week|wk|w)\.?\s?)?\d[^\W\d_]{2,})(?P<period>\d+)", re.IGNORECASE),
    regex(r"(?P<period>(?:p|pd|per|period)?\.?\s*\d+(?:\s*[-–]\s*\d+)?)\s*\(\s*(?P<day>[^()]+?)\s*\)", re.IGNORECASE),
)  # fmt: skip

Slot = tuple[DayTest, Periods]


def read_slots(text: str, days: DayReader, cycles: Sequence[str]) -> list[Slot] | UnknownDay:
    """Return the slots of a cell; where its parts are not a day and its periods each, what was not understood."""
    found: list[Slot] = []
    for part in _APART.split(" ".join(text.split())):
        slots = _one(part, days, cycles) or _several(part, days, cycles)
        if not slots:
            return UnknownDay(part)
        found += slots
    return found


def _several(part: str, days: DayReader, cycles: Sequence[str]) -> list[Slot]:
    """Read words each of which is a slot: "A1 C4"."""
    slots = [_one(word, days, cycles) for word in _WORDS.split(part)]
    return [slot for one in slots for slot in one] if all(slots) else []


def _one(part: str, days: DayReader, cycles: Sequence[str]) -> list[Slot]:
    for pattern in _PAIRS:
        match = pattern.fullmatch(part)
        found = _days(match["day"], days, cycles) if match else UnknownDay("")
        periods = read_periods(match["period"]) if match else None
        if periods and not isinstance(found, UnknownDay):
            return [(day, group) for day in found for group in periods]
    return []


def _days(text: str, days: DayReader, cycles: Sequence[str]) -> tuple[DayTest, ...] | UnknownDay:
    """Return the days of a slot; “A-Mon” and “Mon/A” are one, a weekday and the letter of its week."""
    whole = days.read(_SIGNS.sub(" ", text), cycles)
    apart = days.read(text, cycles)
    of_one_sort = not isinstance(apart, UnknownDay) and len({bool(day.label) for day in apart}) == 1
    return apart if of_one_sort or isinstance(whole, UnknownDay) else whole


_SIGNS = regex(r"[-/.]")
