"""Rows of days, times and words without headings, or below their days → the same rows below the headings they prove."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping, Sequence
from datetime import date, datetime, time
from typing import NamedTuple

from nomarium.core.columns import Headings, Kind, holds_days_and_times
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.shapes import wording
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, Column, Grid, GridView, Spot
from nomarium.core.values import (
    PERSON_FORM,
    TITLED_FORM,
    is_date,
    is_place_name,
    is_place_word,
    month_of,
    scan_span,
    weekday_in_any,
)
from nomarium.lazily import regex

_MOST_ROWS, _MOST_COLUMNS = 2_000, 40
_FEWEST_RECORDS, _FEWEST_CELLS = 2, 3
_DAY_OF_MONTH = regex(r"(?:(?P<weekday>[^\W\d_]{2,})\.?,?\s+)?(?P<day>\d{1,2})(?:st|nd|rd|th|\.)?")
_MONTH = regex(r"(?P<month>[^\W\d_]{3,})\.?(?:\s+\d{4})?")


class _Words(NamedTuple):
    """What heads the columns of a kind of list: its day, what is on, where, and what else is said."""

    day: str
    title: str
    place: str
    more: str


_WORDS = {
    Kind.EVENTS: _Words("Date", "Title", "Place", "Notes"),
    Kind.LIST: _Words("Day", "Course", "Room", "Note"),
}
"""A list of dates is one of events, a list of weekdays one of meetings."""


def headless_list(grid: Grid) -> Unfolded | None:
    """Return the list whose rows begin without headings; None for any other sheet.

    Each row has one date or one weekday, in the same column, and times; captions may say the month for days that do
    not.
    """
    view = small_view(grid)
    if view is None:
        return None
    rows = [row for row in range(len(view.rows)) if any(True for _ in view.filled(row))]
    records = [row for row in rows if len(list(view.filled(row))) > 1]
    if len(records) < _FEWEST_RECORDS or any(_heads_days(view, row) for row in records):
        return None
    columns = range(view.width)
    monthly = _follow_months(view, rows, records)
    weekly = [column for column in columns if all(_is_weekday(view.text(row, column)) for row in records)]
    dates = [column for column in columns if all(_is_day(view, row, column, monthly=monthly) for row in records)]
    slots = [column for column in columns if _holds_slots(view, records, column)] if not (weekly or dates) else []
    kind = Kind.LIST if (weekly or slots) and not dates else Kind.EVENTS
    days = weekly or slots if kind is Kind.LIST else dates
    whole = sum(len(list(view.filled(row))) >= _FEWEST_CELLS for row in records)
    if len(days) != 1 or (kind is Kind.LIST and whole * 2 <= len(records)):
        return None
    headings = _headings_by_cells(view, records, days[0], kind, timed=bool(slots))
    return _headed(view, rows, records[0], headings, kind) if headings else None


def rows_below_days(grid: Grid) -> Unfolded | None:
    """Return the list whose rows stand below their days: “Monday”, then times and words; None for any other sheet.

    The headings stand above the first day, below every day, or nowhere.
    """
    view = small_view(grid)
    days = day_captions(view, with_places=True) if view is not None else None
    if view is None or days is None:
        return None
    kind, captions = days
    first = min(captions)
    filled = {row: dict(view.filled(row)) for row in range(len(view.rows))}
    alone = {row: next(iter(texts.items())) for row, texts in filled.items() if len(texts) == 1 or row in captions}
    places = {row: place for row in captions if (place := _place_beside(filled[row]))}
    head, heads = _headings_among(filled, captions)
    records = [
        row for row, texts in filled.items() if row > first and len(texts) > 1 and row not in heads | captions.keys()
    ]
    notes = [row for row in alone.keys() - captions.keys() if row < first or row > max(records, default=0)]
    if len(records) < _FEWEST_RECORDS or len(notes) + len(captions) < len(alone):
        return None
    headings: Mapping[int, str] = filled[head] if head is not None else _headings_by_cells(view, records, -1, kind)
    timed = any(_are_all_times(view, records, column) for column in headings)
    if not timed or any(filled[row].keys() - headings.keys() for row in records):
        return None
    below = {row: max(caption for caption in captions if caption < row) for row in records}
    origins = [[view.spot(row, alone[row][0])] for row in notes]
    origins += [[(first, captions[first]), *(view.spot(records[0] if head is None else head, at) for at in headings)]]
    cells: list[list[Cell]] = [[alone[row][1]] for row in notes]
    cells.append([_WORDS[kind].day, *headings.values()])
    placed = bool(places) and _WORDS[kind].place not in headings.values()
    if placed:
        cells[-1].append(_WORDS[kind].place)
        origins[-1].append(view.spot(*next(iter(places.items()))))
    for row, caption in below.items():
        day = view.spot(caption, captions[caption])
        origins.append([day, *(view.spot(row, column) for column in headings)])
        named_day = alone[caption][1].rstrip(":") if kind is Kind.LIST else view.cell(caption, captions[caption])
        cells.append([named_day, *(view.cell(row, column) for column in headings)])
        if placed:
            at = places.get(caption, captions[caption])
            cells[-1].append(view.text(caption, at) if caption in places else "")
            origins[-1].append(view.spot(caption, at))
    named = {column: heading for column, heading in headings.items() if heading and head is None}
    said = [wording.columns_by_cells(view.place(records[0], 0), named)] if named else []
    why = f"{'weekdays' if kind is Kind.LIST else 'dates'} stand above its rows, each of which has its times"
    return Unfolded(view.grid.as_list(cells, origins), kind, "", why, said)


def day_captions(view: GridView, *, with_places: bool = False) -> tuple[Kind, dict[int, int]] | None:
    """Return the rows whose only cell is a day, with its column; and of which kind a list of what is below would be.

    ``with_places`` lets a place stand beside it. None where no row is such, or some are weekdays and others dates.
    """
    rows = [(row, list(view.filled(row))) for row in range(len(view.rows))]
    alone = [
        (row, *filled[0])
        for row, filled in rows
        if len(filled) == 1 or (with_places and filled and _place_beside(dict(filled)))
    ]
    days = [(row, column, text) for row, column, text in alone if _is_caption(view, row, column, text)]
    weekly = [_is_weekday(text) for _, _, text in days]
    if not days or any(weekly) != all(weekly):
        return None
    return Kind.LIST if all(weekly) else Kind.EVENTS, {row: column for row, column, _ in days}


def _place_beside(texts: Mapping[int, str]) -> int:
    """Return the column of the one place that stands behind a day, “Monday | Room 3”; 0 for none."""
    columns = list(texts)
    return columns[1] if len(columns) == _DAY_AND_PLACE and is_place_name(texts[columns[1]]) else 0


_DAY_AND_PLACE = 2


def small_view(grid: Grid) -> GridView | None:
    """Return a sheet that is not larger than people lay one out by hand; None for a larger one."""
    view = GridView(grid)
    return None if len(view.rows) > _MOST_ROWS or view.width > _MOST_COLUMNS else view


def _is_caption(view: GridView, row: int, column: int, text: str) -> bool:
    return _is_weekday(text) or isinstance(view.cell(row, column), date | datetime) or is_date(text)


def _headings_among(
    filled: Mapping[int, Mapping[int, str]], captions: Mapping[int, int]
) -> tuple[int | None, frozenset[int]]:
    """Return the row of headings above the first day or below it, and all rows that say the same."""
    first = min(captions)
    near = [next((row for row in range(first - 1, -1, -1) if filled[row]), None), first + 1]
    for row in near:
        texts = filled.get(row, {}) if row is not None else {}
        if len(texts) > 1 and any(sum(map(bool, map(known, texts.values()))) > 1 for known in _known()):
            return row, frozenset(other for other, same in filled.items() if same == texts)
    return None, frozenset()


def _known() -> Iterator[Headings]:
    return map(Headings, (EVENT_SHEET, TIMETABLE_SHEET))


def _headings_by_cells(
    view: GridView, records: Sequence[int], day: int, kind: Kind, *, timed: bool = False
) -> dict[int, str]:
    """Return what heads the columns, as their cells prove it; none where no column says what is on.

    Meetings must have their times beside them, unless they are ``timed`` by their day; of dates a title may say those.
    """
    columns = [column for column in range(view.width) if column != day]
    times = [column for column in columns if _holds_times(view, records, column)]
    words = [column for column in columns if column not in times and _holds_words(view, records, column)]
    titles = [column for column in words if all(view.text(row, column) for row in records)]
    if len(times) > len(_TIMES) or not titles or not (times or timed or (kind is Kind.EVENTS and day >= 0)):
        return {}
    head = _WORDS[kind]
    named = [column for column in titles if _are_of(PERSON_FORM, view, records, column)]
    titles = [column for column in titles if column not in named] or titles

    def far_from_times(column: int) -> tuple[bool, int]:
        return (column > day, column) if timed else (column < day, abs(column - max([day, *times])))

    title = min(titles, key=far_from_times)
    headings = {title: head.title} | dict(zip(times, _TIMES.get(len(times), ()), strict=True))
    if day >= 0:
        headings[day] = _DAY_AND_TIME if timed else head.day
    for column in words:
        if column != title:
            teaches = kind is Kind.LIST and _are_of(TITLED_FORM, view, records, column)
            attends = kind is Kind.LIST and column in named
            more = _TEACHER if teaches else _STUDENT if attends else head.more
            headings[column] = head.place if _holds_places(view, records, column) else more
    return headings


_DAY_AND_TIME, _TEACHER, _STUDENT = "Day and time", "Teacher", "Student"


def _are_of(form: re.Pattern[str], view: GridView, records: Sequence[int], column: int) -> bool:
    """Tell whether all texts of a column have a form."""
    return all(form.fullmatch(view.text(row, column)) for row in records)


_TIMES = {1: ("Time",), 2: ("Start", "End")}


def _heads_days(view: GridView, row: int) -> bool:
    """Tell whether several weekdays stand in a row: it heads a grid, and is no row of a list."""
    return sum(_is_weekday(text) for _, text in view.filled(row)) > 1


def _follow_months(view: GridView, rows: Sequence[int], records: Sequence[int]) -> bool:
    """Tell whether a caption with a month stands above the first record."""
    above = [view.filled(row) for row in rows if row < records[0]]
    return any(_is_month(text) for filled in above for _, text in filled)


def _is_month(text: str) -> bool:
    found = _MONTH.fullmatch(text.strip())
    return found is not None and month_of(found["month"]) is not None


def _is_weekday(text: str) -> bool:
    return weekday_in_any(text.strip().rstrip(":")) is not None


def _is_day(view: GridView, row: int, column: int, *, monthly: bool) -> bool:
    cell, text = view.cell(row, column), view.text(row, column)
    if isinstance(cell, date | datetime):
        return True
    day = _DAY_OF_MONTH.fullmatch(text) if monthly else None
    named = day is not None and (day["weekday"] is None or _is_weekday(day["weekday"]))
    return is_date(text) or named


def _holds_slots(view: GridView, records: Sequence[int], column: int) -> bool:
    """Tell whether a column has a weekday and its times in each row: “Mondays 4.00-4.45”."""
    texts = (view.text(row, column) for row in records)
    return all(text and holds_days_and_times(Column("", column, [text])) for text in texts)


def _holds_times(view: GridView, records: Sequence[int], column: int) -> bool:
    cells = [view.cell(row, column) for row in records if view.text(row, column)]
    return bool(cells) and all(isinstance(cell, time) or scan_span(str(cell)) is not None for cell in cells)


def _are_all_times(view: GridView, records: Sequence[int], column: int) -> bool:
    return _holds_times(view, records, column) and all(view.text(row, column) for row in records)


def _holds_words(view: GridView, records: Sequence[int], column: int) -> bool:
    texts = [text for row in records if (text := view.text(row, column))]
    return bool(texts) and all(any(map(str.isalpha, text)) for text in texts)


def _holds_places(view: GridView, records: Sequence[int], column: int) -> bool:
    texts = [text for row in records if (text := view.text(row, column))]
    return all(map(is_place_name, texts)) or any(map(is_place_word, texts))


def _headed(view: GridView, rows: Sequence[int], first: int, headings: Mapping[int, str], kind: Kind) -> Unfolded:
    """Return the rows below a line of headings, which stands above the first record and the month of it."""
    caption = first - 1 if first and any(_is_month(text) for _, text in view.filled(first - 1)) else first
    columns = range(view.width)
    above = [row for row in rows if row < caption]
    listed: list[list[Cell]] = [[view.cell(row, column) for column in columns] for row in above]
    origins: list[list[Spot]] = [[view.spot(row, column) for column in columns] for row in above]
    listed.append([headings.get(column, "") for column in columns])
    origins.append([view.spot(caption, column) for column in columns])
    for row in rows:
        if row >= caption:
            listed.append([view.cell(row, column) for column in columns])
            origins.append([view.spot(row, column) for column in columns])
    said = wording.columns_by_cells(view.place(first, 0), {column: headings[column] for column in sorted(headings)})
    why = "no row of headings stands above its days, times and words"
    return Unfolded(view.grid.as_list(listed, origins), kind, "", why, [said])
