"""Rows with times, weekdays across, and crosses where a row is on one → a list of meetings with their weekdays."""

from __future__ import annotations

from nomarium.core.columns import Kind
from nomarium.core.shapes.day_lists import is_timed
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Grid, GridView
from nomarium.core.values import NO, PLAIN_YES, WEEKDAY_NAMES, weekday_in_any

_MOST_ABOVE = 6
_FEWEST_DAYS = 2
_MOST_ROWS = 5_000
_MOSTLY = 0.75


def crossed_weekdays(grid: Grid) -> Unfolded | None:
    """Return the list of what is on at the times of its rows, on the weekdays that are crossed; None for others."""
    view = GridView(grid)
    if len(view.rows) > _MOST_ROWS:
        return None
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        headings = dict(view.filled(head))
        named = {column: day for column, text in headings.items() if (day := weekday_in_any(text)) is not None}
        if len(named) < _FEWEST_DAYS:
            continue
        below = [row for row in range(head + 1, len(view.rows)) if any(True for _ in view.filled(row))]
        under = {column: [text.casefold() for row in below if (text := view.text(row, column))] for column in named}
        days = {  # “To” is a weekday in the north, and elsewhere heads where something goes
            column: weekday
            for column, weekday in named.items()
            if not under[column] or any(text in PLAIN_YES | NO for text in under[column])
        }
        marks = [text for column in days for text in under[column]]
        known = [mark for mark in marks if mark in PLAIN_YES | NO]
        others = [column for column in headings if column not in days]
        alone = _FEWEST_DAYS <= len(set(days.values())) == len(days) and len(others) > 1
        crossed = len(known) >= _MOSTLY * len(marks) and not PLAIN_YES.isdisjoint(known)
        if alone and crossed and _have_times(view, below, others):
            return _list(view, head, days, others)
    return None


def _have_times(view: GridView, rows: list[int], columns: list[int]) -> bool:
    """Tell whether a column has a time in each row that has more than one cell."""
    records = [row for row in rows if len(list(view.filled(row))) > 1]
    return bool(records) and any(all(is_timed(view, row, column) for row in records) for column in columns)


def _list(view: GridView, head: int, days: dict[int, int], others: list[int]) -> Unfolded:
    listed = ListRows(view, head)
    first = min(days)
    listed.add(head, others, ("Day", (head, first)))
    for row in range(head + 1, len(view.rows)):
        said = {column: text for column in days if (text := view.text(row, column)) and text.casefold() not in NO}
        on = list(said)
        if any(True for _ in view.filled(row)):  # what is no mark stays, and is refused where the days are read
            names = ", ".join(
                WEEKDAY_NAMES[days[c]] if text.casefold() in PLAIN_YES else text for c, text in said.items()
            )
            listed.add(row, others, (names, (row, on[0] if on else first)))
    shown = ", ".join(view.text(head, column) for column in list(days)[:2])
    why = f"weekdays stand across ({shown}, …), with marks where a row is on them"
    return listed.unfolded(Kind.LIST, "", why)
