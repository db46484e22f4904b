"""The sheets that a plan names: whether they are there, and how their dates are read."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from datetime import date, timedelta
from difflib import get_close_matches
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.plan import PlanFile, ReadingKeys, SheetKeys
from nomarium.core.plan import wording as plan_wording
from nomarium.core.sheets import Conditions, SheetChoices
from nomarium.core.standing import is_file, is_folder
from nomarium.core.tables import TableChoices, is_oneroster
from nomarium.core.values import DateChoices
from nomarium.settings import SETTINGS

if TYPE_CHECKING:
    from nomarium.core.problems import Problem

_DAYS_OF_A_YEAR = 365


class PlanSheets:
    """Finds the sheets that a plan names; those that are not there join the problems."""

    def __init__(self, plan: PlanFile, problems: list[Problem], within: tuple[date, date] | None = None) -> None:
        self._plan = plan
        self._keys = plan.plan
        self._problems = problems
        self.within = within
        """The span that sheets are about where the plan does not say it: known when the terms are."""

    def of(self, sheets: Sequence[SheetKeys], *keys: str) -> list[SheetChoices]:
        """Return the sheets that are there, and report those that are not."""
        place = self._plan.place(*keys)
        found = []
        for sheet in sheets:
            path = self._plan.folder / sheet.file
            if is_file(path) or is_oneroster(path):
                found.append(self._choices(sheet, path, keys))
            else:
                beside = [other.name for other in path.parent.iterdir()] if is_folder(path.parent) else []
                near = get_close_matches(path.name, beside, 1)
                self._problems.append(plan_wording.missing_file(place, sheet.file, near))
        return found

    def _choices(self, sheet: SheetKeys, path: Path, keys: Sequence[str]) -> SheetChoices:
        return SheetChoices(
            path,
            self._plan.place(*keys),
            TableChoices(sheet.sheet, sheet.range, visible=sheet.visible),
            self.dates(sheet, keys),
            dict(sheet.columns),
            sheet.values,
            as_conditions(sheet.only),
            as_conditions(sheet.without),
            sheet.whole,
            commas=sheet.commas or self._keys.sheets.commas,
        )

    def dates(self, sheet: ReadingKeys, keys: Sequence[str]) -> DateChoices:
        """Return how a sheet's dates are read: as it says itself, else as the plan does for all sheets."""
        everywhere = self._keys.sheets
        stated = sheet.within or everywhere.within
        within = SETTINGS["within"].parse(stated) if stated else self.within
        order, typed = sheet.dates or everywhere.dates, sheet.typed_dates or everywhere.typed_dates
        return DateChoices(order, within, first_hour(sheet.hours or everywhere.hours), typed)


def as_conditions(said: Mapping[str, Sequence[str]]) -> Conditions:
    """Return the conditions that a plan's table states."""
    return tuple((name, tuple(values)) for name, values in said.items())


def first_hour(hours: str | None) -> int | None:
    """Return the hour from which times without am or pm are read: "8-20" → 8; None where nothing is stated."""
    return int(SETTINGS["hours"].parse(hours)) if hours else None


def a_year_around(first: date, last: date) -> tuple[date, date]:
    """Return the terms' span, widened on both sides alike to a year, so that every day and month comes once."""
    spare = max(0, _DAYS_OF_A_YEAR - 1 - (last - first).days)
    before = spare // 2
    return first - timedelta(days=before), last + timedelta(days=spare - before)
