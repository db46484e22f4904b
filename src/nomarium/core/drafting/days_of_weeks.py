"""A list of weeks and days by number → whether the days are those of its weeks: Day 6 is the Monday of week B."""

from __future__ import annotations

import re
from collections.abc import Sequence

from nomarium.core.columns import Kind
from nomarium.core.drafting.decisions import school_days
from nomarium.core.drafting.sheets import DraftCycle, FoundSheet, texts_below, week_letters
from nomarium.core.kinds import NUMBERS, WEEK_SHEET
from nomarium.core.recognition import NUMBER_FAMILY
from nomarium.lazily import regex

_DAYS, _FEWEST_WEEKS = 5, 2


def lay_on_weeks(cycle: DraftCycle, sheets: Sequence[FoundSheet]) -> None:
    """Let the days of a cycle be the school days of the weeks in a list, where they fill these and nothing else does.

    Days 1 to 10 beside weeks A and B are so; where timetables name the letters of weeks, the list is for these. Days
    that end before the ninth may be a shorter cycle.
    """
    listed = [sheet for sheet in sheets if sheet.kind is Kind.WEEKS]
    if len(listed) != 1 or cycle.listed or cycle.family != NUMBER_FAMILY or week_letters(sheets):
        return
    weeks = {text.strip().casefold() for text in texts_below(listed[0], WEEK_SHEET, "label")} - {""}
    rest_days, _ = school_days(sheets)
    size = _DAYS * len(weeks)
    fills = size - 1 <= max(map(int, cycle.labels)) <= size <= len(NUMBERS)
    if fills and not rest_days and len(weeks) >= _FEWEST_WEEKS:
        cycle.weeks_of, cycle.size = listed[0], size


def says_day_one(sheet: FoundSheet) -> bool:
    """Tell whether a list of weeks itself says which day is day 1: “Monday of week A is Day 1”."""
    rows = sheet.grid.rows if sheet.grid else []
    return any(_DAY_ONE.search(cell) for row in rows for cell in row if isinstance(cell, str))


_DAY_ONE = regex(r"\b(?:day|tag|jour|día|dia|giorno|dag) ?1\b", re.IGNORECASE)
