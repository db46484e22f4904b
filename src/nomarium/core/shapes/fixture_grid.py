"""Sides down and the same sides across, with the date of their match in the cells → a list of matches."""

from __future__ import annotations

from datetime import date

from nomarium.core.columns import Kind
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, Grid, GridView, Spot
from nomarium.core.values import is_date

_MOST_ABOVE = 6
_MOST_SIDES = 60
_FEWEST_SIDES = 3
_NO_MATCH = frozenset({"x", "xx", "xxx", "*", "■", "█", "n/a"})
"""What stands where a side would meet itself."""


def fixture_grid(grid: Grid) -> Unfolded | None:
    """Return the list of matches of a league whose sides stand down and across; None for any other sheet.

    The side at home stands down, as sides of a match are named: first the one that is at home.
    """
    view = GridView(grid)
    if len(view.rows) > _MOST_ABOVE + _MOST_SIDES:
        return None
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        across = {column: text for column, text in view.filled(head) if column}
        down = {row: text for row in range(head + 1, len(view.rows)) if (text := view.text(row, 0))}
        if _FEWEST_SIDES <= len(across) <= _MOST_SIDES and sorted(across.values()) == sorted(down.values()):
            return _matches(view, head, across, down)
    return None


def _matches(view: GridView, head: int, across: dict[int, str], down: dict[int, str]) -> Unfolded | None:
    listed: list[list[Cell]] = [["Home", "Away", "Date"]]
    origins: list[list[Spot]] = [[view.spot(head, 0)] * len(listed[0])]
    for row, home in down.items():
        for column, away in across.items():
            text = view.text(row, column)
            if not text or is_free(text) or text.casefold() in _NO_MATCH:
                continue
            if not isinstance(view.cell(row, column), date) and not is_date(text):
                return None
            listed.append([home, away, view.cell(row, column)])
            origins.append([view.spot(*spot) for spot in ((row, 0), (head, column), (row, column))])
    names = list(down.values())
    why = f"sides stand down and across ({names[0]}, {names[1]}, …), with dates in the cells"
    return Unfolded(view.grid.as_list(listed, origins), Kind.EVENTS, "", why) if len(listed) > 1 else None
