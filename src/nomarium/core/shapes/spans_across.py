"""Names down, spans of dates across, and what each does then in the cells: "11 Jan – 5 Feb 2027" → a list of events."""

from __future__ import annotations

import re

from nomarium.core.columns import Headings, Kind
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.headless import small_view
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Grid, GridView
from nomarium.core.values import are_dates, is_date, span_in
from nomarium.lazily import regex

_MOST_ABOVE = 6
_FEWEST_SPANS, _MOST_LEADS = 2, 3


def spans_across(grid: Grid) -> Unfolded | None:
    """Return the list of what names have in the spans of dates that head the columns; None for other sheets."""
    view = small_view(grid)
    if view is None:
        return None
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        headings = dict(view.filled(head))
        spans = [column for column, text in headings.items() if _is_span_of_days(text)]
        leads = [column for column in range(view.width) if column < min(spans, default=0)]
        behind = [column for column in headings if spans and column > spans[0]]
        if len(spans) < _FEWEST_SPANS or spans[1:] != behind or not 0 < len(leads) <= _MOST_LEADS:
            continue
        below = [row for row in range(head + 1, len(view.rows)) if view.text(row, leads[0])]
        texts = [text for row in below for column in spans if (text := view.text(row, column))]
        if below and texts and all(map(_says_what, texts)):
            return _list(view, head, below, leads, spans)
    return None


def _is_span_of_days(text: str) -> bool:
    dated = _MONTH_OR_YEAR.search(text) is not None and span_in(text) is None and _TO.search(text) is not None
    return dated and not is_date(text) and are_dates(text)


_MONTH_OR_YEAR = regex(r"[^\W\d_]{3,}|\d{4}")
_TO = regex(r"[-–—]|\b(?:to|bis|au|al?|tot|t/m|til)\b", re.IGNORECASE)


def _says_what(text: str) -> bool:
    """Tell whether a cell says what is on, and neither when nor how much."""
    return any(map(str.isalpha, text)) and not is_date(text) and span_in(text) is None


def _list(view: GridView, head: int, below: list[int], leads: list[int], spans: list[int]) -> Unfolded:
    named = [lead for lead in leads if view.text(head, lead) or lead == leads[0]]
    whose = view.text(head, leads[0])
    known = Headings(EVENT_SHEET)(whose) if whose else None
    heading = whose if whose and known in (None, "attendees", "categories") else "Group"
    listed = ListRows(view, head)
    listed.add(head, named[1:], (heading, (head, leads[0])), ("Date", (head, spans[0])), ("Title", (head, spans[0])))
    for row in below:
        for column in spans:
            if (text := view.text(row, column)) and not is_free(text) and not view.is_covered(row, column):
                who = (view.cell(row, leads[0]), (row, leads[0]))
                listed.add(row, named[1:], who, (view.text(head, column), (head, column)), (text, (row, column)))
    shown = ", ".join(view.text(head, column) for column in spans[:2])
    return listed.unfolded(Kind.EVENTS, heading, f"names stand down, and spans of dates across ({shown}, …)")
