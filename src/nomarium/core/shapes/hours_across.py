"""Rows with a name and a date each, and spans of times across, people or titles in the cells → a list of events."""

from __future__ import annotations

from nomarium.core.columns import Kind, holds_dates
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Column, Grid, GridView
from nomarium.core.values import is_span, span_in

_MOST_ABOVE = 6
_FEWEST_SPANS = 2


def hours_across(grid: Grid) -> Unfolded | None:
    """Return the list of what is on in spans of times that stand across, below the dates of rows; None for others."""
    view = GridView(grid)
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        headings = dict(view.filled(head))
        spans = [column for column, text in headings.items() if is_span(text)]
        if len(spans) < _FEWEST_SPANS:
            continue
        others = [column for column in headings if column not in spans]
        below = range(head + 1, len(view.rows))
        columns = [Column("", column, [view.cell(row, column) for row in below]) for column in others]
        dated = [column.index for column in columns if holds_dates(column)]
        is_record = any(holds_dates(Column("", column, [view.cell(head, column)])) for column in dated)
        plain = len(others) > 1 and not any(span_in(headings[column]) for column in others)
        if len(dated) == 1 and plain and not is_record:
            return _list(view, head, spans, others, dated[0])
    return None


def _list(view: GridView, head: int, spans: list[int], others: list[int], dated: int) -> Unfolded:
    whose = next((view.text(head, column) for column in others if column != dated), "")
    listed = ListRows(view, head)
    listed.add(head, others, ("Hours", (head, spans[0])), ("Title", (head, spans[0])))
    for row in range(head + 1, len(view.rows)):
        for column in spans:
            text = view.text(row, column)
            if text and not is_free(text):
                listed.add(row, others, (view.text(head, column), (head, column)), (text, (row, column)))
    shown = ", ".join(view.text(head, column) for column in spans[:2])
    why = f"times stand across ({shown}, …), dates down below “{view.text(head, dated)}”, what is on in its cells"
    return listed.unfolded(Kind.EVENTS, whose, why)
