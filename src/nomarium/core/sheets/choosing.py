"""A file → the one sheet of it that is of a kind."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from nomarium.core.columns import Evidence, SheetKind
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.sheets import wording
from nomarium.core.tables import NO_ROWS, TWO_TABLES, Grid, TableChoices, is_data, read_grids

_SAMPLE = 200
"""So many cells of a column tell whether it holds dates."""


def choose_grid(path: Path, kind: SheetKind, choices: TableChoices) -> tuple[Grid, list[Problem]]:
    """Return the sheet of a file that is stated, else the one that is of a kind; the only one needs no proof.

    Raises DataRefused where the file cannot be read, or several of its sheets may be meant, or none.
    """
    grids, problems = read_grids(path, choices)
    return grid_of_kind(grids, path, kind), problems


def grid_of_kind(grids: Sequence[Grid], path: Path, kind: SheetKind) -> Grid:
    """Return the one sheet of a file that is of a kind, as choose_grid does of one that is read already."""
    if len(grids) == 1:
        return grids[0]
    place = Place(path.name)
    seen = [Evidence.of(grid, kind, {}) for grid in grids]
    fitting = [one for one in seen if _fits(one)]
    if len(fitting) == 1:
        return fitting[0].grid
    if all(grid.sheet is None for grid in grids):  # a page of the web
        if fitting:
            raise DataRefused(wording.several_html_tables(place, len(fitting)))
        return grids[0]
    unfilled = [one for one in seen if one.refused is not None and one.refused.code == NO_ROWS]
    if not fitting and len(unfilled) == 1:
        return unfilled[0].grid
    others = [_words(one) for one in seen if one not in fitting]
    if fitting:
        raise DataRefused(wording.several_sheets(place, kind.rows, [_words(one) for one in fitting], others))
    raise DataRefused(wording.no_sheet_of_kind(place, kind.rows, others))


def _fits(seen: Evidence) -> bool:
    """Tell whether a sheet may be meant: it has titles or dates where its kind needs them, else all that proves it."""
    if seen.table is None:
        return seen.refused is not None and seen.refused.code == TWO_TABLES
    if "date" not in seen.kind.needs:
        return all(not condition(seen).against for condition in seen.kind.proof)
    samples = [[cell for cell in column.cells[:_SAMPLE] if cell != ""] for column in seen.table.columns]
    dated = any(sum(map(is_data, cells)) * 2 > len(cells) for cells in samples)
    return dated and not seen.named.keys().isdisjoint(("summary", "start", "start_date", "when"))


def _words(seen: Evidence) -> str:
    """Return what a sheet looks like, in a few words."""
    name = f"“{seen.grid.sheet}”"
    if seen.table is None:
        return f"{name} (no table)"
    headings = [column.heading for column in seen.table.columns if column.heading]
    rows = "1 row" if len(seen.table) == 1 else f"{len(seen.table):,} rows"
    return f"{name} ({rows}: {', '.join(headings[:4])}{', …' if len(headings) > 4 else ''})"
