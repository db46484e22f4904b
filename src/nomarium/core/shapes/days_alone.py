"""Days along one side and nothing along the other → a list: every cell says what is on, mostly with its times."""

from __future__ import annotations

from nomarium.core.shapes import wording
from nomarium.core.shapes.axis import axis_at
from nomarium.core.shapes.crossing import Crossing, Row
from nomarium.core.shapes.headless import small_view
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.shapes.unfolding import unfold
from nomarium.core.tables import Grid, GridView
from nomarium.core.values import span_in

_MOST_ABOVE = 6


def days_alone(grid: Grid) -> Unfolded | None:
    """Return the list of what stands below days, or beside them, where nobody is named; None for other sheets."""
    if small_view(grid) is None:
        return None
    return next(filter(None, (_beside_days(GridView(grid, turned)) for turned in (False, True))), None)


def _beside_days(view: GridView) -> Unfolded | None:
    axes = (axis_at(view, row, alone=True) for row in range(min(_MOST_ABOVE, len(view.rows))))
    axis = next(filter(None, axes), None)
    if axis is None:
        return None
    below = [row for row in range(axis.last_row + 1, len(view.rows)) if any(True for _ in view.filled(row))]
    if not below or any(column not in axis.heads for row in below for column, _ in view.filled(row)):
        return None
    found = Crossing(view, [axis], rows=[Row(row, row, axis) for row in below])
    texts = found.texts()
    timed = [text for text in texts if span_in(text) is not None]
    says_what = [text for text in texts if any(map(str.isalpha, text))]
    if len(timed) * 2 > len(texts) and len(says_what) == len(texts):
        return _of_timed_cells(found)
    is_list = view.turned and len(below) > 1  # its columns are of a list: what, where, who
    return unfold(found) if axis.dated and texts == says_what and not timed and not is_list else None


def _of_timed_cells(found: Crossing) -> Unfolded:
    """Return the entries of cells with times; lines without any are told."""
    apart = [(row.row, column) for row, column, text in found.cells() if not _is_timed(found, row) and text]
    found.rows = [row for row in found.rows if _is_timed(found, row)]
    unfolded = unfold(found)
    if apart:
        unfolded.problems.append(wording.untimed(found.view.place(*apart[0]), found.view.text(*apart[0]), len(apart)))
    return unfolded


def _is_timed(found: Crossing, row: Row) -> bool:
    return any(span_in(found.view.text(row.row, column)) is not None for column in row.axis.heads)
