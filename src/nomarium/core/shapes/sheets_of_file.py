"""The sheets of one file that are crossings, unfolded with what the other sheets say of their codes."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from contextlib import suppress
from typing import TYPE_CHECKING

from nomarium.core.problems import DataRefused
from nomarium.core.shapes.crossing import Crossing, crossing_by_key, find_crossing
from nomarium.core.shapes.drawn_days import drawn_days
from nomarium.core.shapes.key import Key, read_key
from nomarium.core.shapes.patterns import find_patterns
from nomarium.core.shapes.unfolding import unfold
from nomarium.core.tables import Grid, plain_text

if TYPE_CHECKING:
    from nomarium.core.shapes.unfolded import Unfolded
    from nomarium.core.sheets import SheetChoices


def explains(grid: Grid, codes: Collection[str]) -> bool:
    """Tell whether a sheet lists the codes of another: most of its first column are such, or it has several, all."""
    wanted = {code.casefold() for code in codes}
    first = {text for row in grid.rows if row and (text := plain_text(row[0]).strip().casefold())}
    return len(wanted & first) * 2 > len(first) or (len(wanted) > 1 and wanted <= first)


def unfolded_of(
    grids: Sequence[Grid], others: Sequence[Grid], choices: SheetChoices, used: Collection[str]
) -> list[Unfolded]:
    """Return the crossings and drawn years among some sheets of a file as lists.

    Those of ``others`` that list codes are the key. ``used`` are the keys of headings that a split or a choice goes by.
    """

    def by_key(grid: Grid) -> Crossing | None:
        return crossing_by_key(grid, [(other, choices) for other in others if other.sheet != grid.sheet])

    tried = (find_patterns(grid) or find_crossing(grid) or by_key(grid) for grid in grids)
    crossings = [found for found in tried if found is not None]
    codes = {code for crossing in crossings for code in (*crossing.codes(), *crossing.words())}
    key = Key()
    for grid in others if codes else ():
        if explains(grid, codes):
            with suppress(DataRefused):
                read_key(grid, choices, key, codes)
    drawn = [one for grid in grids if (one := drawn_days(grid)) is not None]
    return [*(unfold(crossing, key, used=used) for crossing in crossings), *drawn]
