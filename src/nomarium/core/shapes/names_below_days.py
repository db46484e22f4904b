"""Times down, rooms, classes or people across, below the day that a line names → a row for each filled cell."""

from __future__ import annotations

from collections.abc import Mapping
from typing import TYPE_CHECKING

from nomarium.core.columns import Kind
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.days_beside import SHOWN, heading_of_names, hours_of
from nomarium.core.shapes.headless import day_captions, small_view
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.values import is_span

if TYPE_CHECKING:
    from nomarium.core.tables import Cell, Grid, GridView, Spot

_FEWEST_NAMES, _FEWEST_LINES = 2, 2
_HEADINGS = {
    Kind.LIST: {"Room": ("Room", "Class"), "Class": ("Class", "Course"), "Teacher": ("Teacher", "Class")},
    Kind.EVENTS: {"Room": ("Location", "Title"), "Class": ("Group", "Title"), "Teacher": ("Person", "Title")},
}
"""How the names and what stands below them are headed in the list, by the form of the names."""


def names_below_days(grid: Grid) -> Unfolded | None:
    """Return the list whose days, weekdays or dates, stand in lines of their own; None for any other sheet.

    Below each day are its times, and across, once or below every day, the names: “Time, Court 1, Court 2”.
    """
    view = small_view(grid)
    days = day_captions(view) if view is not None else None
    if view is None or days is None:
        return None
    kind, captions = days
    filled = {row: texts for row in range(len(view.rows)) if (texts := dict(view.filled(row)))}
    head = _head(filled, min(captions))
    if head is None:
        return None
    below = [row for row in filled if row > min(captions) and row not in captions and filled[row] != filled[head]]
    hours = next((column for column in range(view.width) if below and _are_times(view, below, column)), view.width)
    names = {column: text for column, text in filled[head].items() if column > hours}
    lines = [row for row in below if is_span(view.text(row, hours))]
    whose = heading_of_names(names)
    if not whose or len(names) < _FEWEST_NAMES or len(set(names.values())) < len(names) or len(lines) < _FEWEST_LINES:
        return None
    if any(len(filled[row]) > 1 and row not in lines for row in below) or any(
        column not in names and column != hours for row in lines for column in filled[row]
    ):
        return None
    return _list(
        view, kind, whose, (head, hours), names, {row: max(at for at in captions if at < row) for row in lines}
    )


def _head(filled: Mapping[int, Mapping[int, str]], first: int) -> int | None:
    """Return the row of names, which stands above the first day or below it."""
    near = [next((row for row in range(first - 1, -1, -1) if row in filled), -1), first + 1]
    return next(
        (row for row in near if len(filled.get(row, {})) > 1 and not any(map(is_span, filled[row].values()))), None
    )


def _are_times(view: GridView, rows: list[int], column: int) -> bool:
    """Tell whether spans of times stand in a column wherever a row has more than one cell."""
    return all(is_span(view.text(row, column)) for row in rows if sum(1 for _ in view.filled(row)) > 1)


def _list(
    view: GridView, kind: Kind, whose: str, head: Spot, names: Mapping[int, str], lines: Mapping[int, int]
) -> Unfolded:
    heading, what = _HEADINGS[kind][whose]
    above = [(row, column) for row in range(head[0]) for column, _ in view.filled(row) if row not in lines.values()]
    cells: list[list[Cell]] = [[view.cell(*spot)] for spot in above]
    origins: list[list[Spot]] = [[view.spot(*spot)] for spot in above]
    cells.append([heading, "Day" if kind is Kind.LIST else "Date", "Time", what])
    origins.append([view.spot(*head)] * 4)
    for row, caption in lines.items():
        day = next(column for column, _ in view.filled(caption))
        said = view.text(caption, day).rstrip(": ") if kind is Kind.LIST else view.cell(caption, day)
        for column, text in view.filled(row):
            if column in names and not is_free(text) and not view.is_covered(row, column):
                last, across = view.end(row, column)
                for at in filter(names.__contains__, range(column, across + 1)):
                    cells.append([names[at], said, hours_of(view, head[1], row, last), " ".join(text.split())])
                    origins.append(
                        [view.spot(*spot) for spot in ((head[0], at), (caption, day), (row, head[1]), (row, column))]
                    )
    shown = ", ".join(list(names.values())[:SHOWN])
    why = f"{'weekdays' if kind is Kind.LIST else 'dates'} stand above their times, and {shown} across"
    return Unfolded(view.grid.as_list(cells, origins), kind, heading, why)
