"""Sheets of other names for periods: what a division or group writes for a period, and what is rung."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from typing import TYPE_CHECKING

from nomarium.core.bells import wording
from nomarium.core.kinds import NAMES_SHEET
from nomarium.core.problems import DataRefused, Problem
from nomarium.core.sheets import Sheet, SheetChoices, read_sheet
from nomarium.core.slots import bare_period, period_key
from nomarium.core.values import split_list

if TYPE_CHECKING:
    from nomarium.core.tables import Grid


@dataclass(slots=True)
class OtherNames:
    """What is rung for a period, by the division or group that writes it, and as written; keys are case folded."""

    rung: dict[tuple[str, str], str] = field(default_factory=dict)

    def __bool__(self) -> bool:
        return bool(self.rung)

    def of(self, period: str, whom: Sequence[str]) -> str:
        """Return the period that is rung for one as written: once, without chaining, the nearest group first."""
        for name in (*whom, ""):
            found = self.rung.get((name.casefold(), period_key(period)))
            if found is not None:
                return found
        return period


def read_other_names(grid: Grid, choices: SheetChoices, names: OtherNames) -> tuple[Sheet | None, list[Problem]]:
    """Read a sheet of other names into ``names``. Raises DataRefused where it has not both columns of periods."""
    table, problems = read_sheet(grid, NAMES_SHEET, choices)
    if table is None:
        return None, problems
    if not table.has("written") or not table.has("period"):
        raise DataRefused(wording.no_other_names(grid.place))
    for record in range(len(table)):
        written, rung = (bare_period(table.text(record, name)) for name in ("written", "period"))
        if not written or not rung:
            problems.append(wording.no_period(table.place(record)))
            continue
        whom = [*split_list(table.text(record, "division")), *split_list(table.text(record, "group"))] or [""]
        for name in whom:
            key = (name.casefold(), period_key(written))
            if names.rung.setdefault(key, rung) != rung:
                problems.append(wording.two_names(table.place(record), written, names.rung[key]))
    return table, problems
