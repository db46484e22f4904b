"""Rows of dates, times and words without headings → the same rows below the headings that their cells prove."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from datetime import date, datetime, time

from nomarium.core.columns import Kind
from nomarium.core.shapes import wording
from nomarium.core.shapes.cell_texts import is_place_name, is_place_word
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, Grid, GridView, Spot
from nomarium.core.values import is_date, month_of, scan_span, weekday_in_any
from nomarium.lazily import regex

_MOST_ROWS, _MOST_COLUMNS = 2_000, 40
_FEWEST_RECORDS, _FEWEST_CELLS = 2, 3
_DAY_OF_MONTH = regex(r"(?:(?P<weekday>[^\W\d_]{2,})\.?,?\s+)?(?P<day>\d{1,2})(?:st|nd|rd|th|\.)?")
_MONTH = regex(r"(?P<month>[^\W\d_]{3,})\.?(?:\s+\d{4})?")


def headless_list(grid: Grid) -> Unfolded | None:
    """Return the list of events whose rows begin without headings; None for any other sheet.

    Each row has one date, in the same column, and times; captions may say the month for days that do not.
    """
    view = GridView(grid)
    if len(view.rows) > _MOST_ROWS or view.width > _MOST_COLUMNS:
        return None
    rows = [row for row in range(len(view.rows)) if any(True for _ in view.filled(row))]
    records = [row for row in rows if len(list(view.filled(row))) > 1]
    if len(records) < _FEWEST_RECORDS:
        return None
    columns = range(view.width)
    monthly = _follow_months(view, rows, records)
    dates = [column for column in columns if all(_is_day(view, row, column, monthly=monthly) for row in records)]
    times = [column for column in columns if column not in dates and _holds_times(view, records, column)]
    words = [column for column in columns if column not in (*dates, *times) and _holds_words(view, records, column)]
    titles = [column for column in words if all(view.text(row, column) for row in records)]
    if len(dates) != 1 or not 0 < len(times) <= len(_TIMES) or not titles:
        return None
    if any(len(list(view.filled(row))) < _FEWEST_CELLS for row in records):
        return None
    title = min(titles, key=lambda column: (column < dates[0], abs(column - max(dates[0], *times))))
    headings = {dates[0]: "Date", title: "Title"} | dict(zip(times, _TIMES[len(times)], strict=True))
    for column in words:
        if column != title:
            headings[column] = "Place" if _holds_places(view, records, column) else "Notes"
    return _headed(view, rows, records[0], headings)


_TIMES = {1: ("Time",), 2: ("Start", "End")}


def _follow_months(view: GridView, rows: Sequence[int], records: Sequence[int]) -> bool:
    """Tell whether a caption with a month stands above the first record."""
    above = [view.filled(row) for row in rows if row < records[0]]
    return any(_is_month(text) for filled in above for _, text in filled)


def _is_month(text: str) -> bool:
    found = _MONTH.fullmatch(text.strip())
    return found is not None and month_of(found["month"]) is not None


def _is_day(view: GridView, row: int, column: int, *, monthly: bool) -> bool:
    cell, text = view.cell(row, column), view.text(row, column)
    if isinstance(cell, date | datetime):
        return True
    day = _DAY_OF_MONTH.fullmatch(text) if monthly else None
    named = day is not None and (day["weekday"] is None or weekday_in_any(day["weekday"]) is not None)
    return is_date(text) or named


def _holds_times(view: GridView, records: Sequence[int], column: int) -> bool:
    cells = [view.cell(row, column) for row in records if view.text(row, column)]
    return bool(cells) and all(isinstance(cell, time) or scan_span(str(cell)) is not None for cell in cells)


def _holds_words(view: GridView, records: Sequence[int], column: int) -> bool:
    texts = [text for row in records if (text := view.text(row, column))]
    return bool(texts) and all(any(map(str.isalpha, text)) for text in texts)


def _holds_places(view: GridView, records: Sequence[int], column: int) -> bool:
    texts = [text for row in records if (text := view.text(row, column))]
    return all(map(is_place_name, texts)) or any(map(is_place_word, texts))


def _headed(view: GridView, rows: Sequence[int], first: int, headings: Mapping[int, str]) -> Unfolded:
    """Return the rows below a line of headings, which stands above the first record and the month of it."""
    caption = first - 1 if first and any(_is_month(text) for _, text in view.filled(first - 1)) else first
    columns = range(view.width)
    listed: list[list[Cell]] = [[headings.get(column, "") for column in columns]]
    origins: list[list[Spot]] = [[view.spot(caption, column) for column in columns]]
    for row in rows:
        if row >= caption:
            listed.append([view.cell(row, column) for column in columns])
            origins.append([view.spot(row, column) for column in columns])
    said = wording.columns_by_cells(view.place(first, 0), {column: headings[column] for column in sorted(headings)})
    why = "no row of headings stands above its dates, times and words"
    return Unfolded(view.grid.as_list(listed, origins), Kind.EVENTS, "", why, [said])
