"""Columns headed by the labels of a cycle, with the dates of each below → a list of days: "A days | B days"."""

from __future__ import annotations

import re

from nomarium.core.columns import Kind, holds_dates
from nomarium.core.kinds import PLAIN_LABELS, bare_label
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, Column, Grid, GridView, Spot
from nomarium.lazily import regex

_MOST_ABOVE = 6
_FEWEST_DATES = 3
_DAYS = regex(r"\b(?:days|dates|school days)\b", re.IGNORECASE)
_NAMED = regex(r"(?P<name>[^\W\d_]+)[ -]days?", re.IGNORECASE)


def dates_below_labels(grid: Grid) -> Unfolded | None:
    """Return the list of days that stands as a column of dates for each label; None for any other sheet."""
    view = GridView(grid)
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        labels = {column: _label(text) for column, text in view.filled(head)}
        if len(labels) < 2 or not all(labels.values()) or len(set(labels.values())) < len(labels):
            continue
        below = range(head + 1, len(view.rows))
        columns = {column: Column("", column, [view.cell(row, column) for row in below]) for column in labels}
        used = {column for row in below for column, _ in view.filled(row)}
        dated = all(holds_dates(one) and _count(one) >= _FEWEST_DATES for one in columns.values())
        return _list(grid, view, head, labels) if dated and used <= labels.keys() else None
    return None


def _label(text: str) -> str:
    bare = bare_label(" ".join(_DAYS.sub("day", text).split()), ())
    named = _NAMED.fullmatch(text.strip())
    return bare if bare in PLAIN_LABELS else named["name"] if named else ""


def _count(column: Column) -> int:
    return sum(cell != "" for cell in column.cells)


def _list(grid: Grid, view: GridView, head: int, labels: dict[int, str]) -> Unfolded:
    cells: list[list[Cell]] = [["Date", "Day"]]
    origins: list[list[Spot]] = [[view.spot(head, column) for column in labels][:2]]
    for row in range(head + 1, len(view.rows)):
        for column, label in labels.items():
            if view.cell(row, column) != "":
                cells.append([view.cell(row, column), label])
                origins.append([view.spot(row, column), view.spot(head, column)])
    why = f"each column is headed by a day ({', '.join(labels.values())}), with its dates below"
    return Unfolded(grid.as_list(cells, origins), Kind.DAYS, "", why)
