"""A sheet of special days → SpecialDays, rest days made school days, and days on which no cycle day runs."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass, field, replace
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.rows import DatedRow, DatedSheet, read_dated_rows
from nomarium.core.kinds import SPECIAL_SHEET, is_usual
from nomarium.core.tables import plain_text
from nomarium.core.values import read_yes_no, split_list, weekday_in_any
from nomarium.core.year import DayPart, NoCycleDays, SpecialDay, closure_effect, read_day_part

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import SheetChoices


@dataclass(slots=True)
class SpecialDays:
    """What a sheet of special days gave."""

    specials: list[SpecialDay] = field(default_factory=list)
    school_days: set[date] = field(default_factory=set)
    without_cycle: list[tuple[frozenset[str], NoCycleDays]] = field(default_factory=list)
    """(cycles or divisions, none meaning all; the days)"""
    sheet: DatedSheet | None = None


def read_special_days(choices: SheetChoices) -> tuple[SpecialDays, list[Problem]]:
    """Read a sheet of special days; one that is stated for all of it goes before the names of its rows."""
    stated = choices.whole.get("special", "")
    others = {name: value for name, value in choices.whole.items() if name != "special"}
    sheet, problems = read_dated_rows(replace(choices, whole=others), SPECIAL_SHEET, plain_lists=True)
    found = SpecialDays(sheet=sheet)
    for row in sheet.rows if sheet else ():
        if sheet is not None:
            problems += _take(row._replace(name=stated) if stated else row, sheet, found)
    return found, problems


def _take(row: DatedRow, sheet: DatedSheet, found: SpecialDays) -> list[Problem]:
    problems = []
    follows, weekday = sheet.text(row, "follows"), None
    if follows:
        weekday = weekday_in_any(follows)
        if weekday is None:
            problems.append(wording.unknown_weekday(sheet.place(row, "follows"), follows))
    school = sheet.text(row, "school")
    if school and read_yes_no(school) is None:
        problems.append(wording.unknown_word(sheet.place(row, "school"), school, "yes, no, or nothing."))
    divisions = frozenset(split_list(sheet.text(row, "division")))
    problems += _take_cycle_day(row, sheet, found, divisions)
    if school and read_yes_no(school):
        found.school_days.update(SpecialDay("", row.first, row.last).days())
    part = _part(row, sheet)
    if (row.name and not is_usual(row.name)) or weekday is not None or part is not None:
        found.specials.append(SpecialDay(row.name, row.first, row.last, sheet.place(row), divisions, weekday, part))
    return problems


def _part(row: DatedRow, sheet: DatedSheet) -> DayPart | None:
    """Return how a day differs from a usual one, by a column of its own, its name or a remark."""
    said = sheet.text(row, "part")
    texts = [row.name, *(plain_text(column.cells[row.record]) for column in sheet.sheet.others)]
    parts = (read_day_part(text, closed=False) for text in texts)
    return read_day_part(said, closed=False, surely=True) or next(filter(None, parts), None)


def _take_cycle_day(row: DatedRow, sheet: DatedSheet, found: SpecialDays, divisions: Collection[str]) -> list[Problem]:
    text = sheet.text(row, "cycle_day")
    if not text:
        return []
    first, *rest = [part.strip().casefold() for part in text.replace(";", ",").split(",")]
    effect = closure_effect(rest[0]) if rest else None
    if first not in ("none", "no", "-", "–", "—", "off", "no cycle day") or len(rest) > 1 or (rest and effect is None):
        return [wording.unknown_word(sheet.place(row, "cycle_day"), text, "none, “none; skip”, or nothing.")]
    days = NoCycleDays(row.name or "No cycle day", row.first, row.last, sheet.place(row), effect)
    found.without_cycle.append((frozenset(divisions), days))
    return []
