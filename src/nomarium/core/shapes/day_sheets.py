"""One day drawn as a sheet: times down, places or groups across, what is on in the cells → a list of events."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from datetime import date, datetime, time
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.columns import Headings, Kind
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.shapes import wording
from nomarium.core.shapes.axis import leading_date, one_date
from nomarium.core.shapes.cell_texts import is_free, is_place_word
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, Grid, GridView, Spot
from nomarium.core.values import ends_as_written, scan_span, weekday_in_any

if TYPE_CHECKING:
    from nomarium.core.problems import Problem

_MOST_ROWS_ABOVE = 6
_FEWEST_TIMES, _FEWEST_NAMES = 2, 2
_MOST_ROWS = 200


def day_sheet(grid: Grid) -> Unfolded | None:
    """Return the list that the sheet of one day stands for; None for any other sheet, or where no date is said.

    The date stands above, or is the name of the tab or the file. A line that says but when it begins ends with the
    next.
    """
    view = GridView(grid)
    if not 1 < len(view.rows) <= _MOST_ROWS:
        return None
    for row in range(min(_MOST_ROWS_ABOVE, len(view.rows))):
        if (listed := _list_of_day(view, row)) is not None:
            return listed
    head = next((row for row in range(min(_MOST_ROWS_ABOVE, len(view.rows))) if _names_at(view, row)), None)
    day = _date_of(view, head) if head is not None else None
    if head is None or day is None:
        return None
    names = _names_at(view, head)
    rows = [row for row in range(head + 1, len(view.rows)) if _hours(view, row)]
    if len(rows) < _FEWEST_TIMES or any(
        list(view.filled(row)) and row not in rows for row in range(head + 1, rows[-1])
    ):
        return None
    return _unfolded(view, head, day, names, rows)


def _list_of_day(view: GridView, head: int) -> Unfolded | None:
    """Return the list below the headings of times, titles and places, where a title or the tab has its date."""
    known = Headings(EVENT_SHEET)
    headings = dict(view.filled(head))
    fields = {field: column for column, text in headings.items() if (field := known(text))}
    start = next((fields[name] for name in ("start_time", "start", "hours", "when") if name in fields), None)
    if start is None or len(headings) < _FEWEST_HEADINGS or _DATES & fields.keys() or len(fields) < _FEWEST_NAMES:
        return None
    days = _days_below(view, head, headings)
    rows = [row for row in range(head + 1, len(view.rows)) if row not in days and any(True for _ in view.filled(row))]
    timed = [row for row in rows if isinstance(view.cell(row, start), time) or _has_time(view.text(row, start))]
    dated = any(_is_day(view, row, column) for row in rows for column in headings)
    day = _date_of(view, head)
    if day is None or not rows or dated or len(timed) * 2 <= len(rows):
        return None
    listed: list[list[Cell]] = [["Date", *headings.values()]]
    of_row = {row: max(((at, on) for at, on in days.items() if on and at < row), default=(0, day))[1] for row in rows}
    listed += [[of_row[row] or day, *(view.cell(row, column) for column in headings)] for row in rows]
    origins = [[(row, start), *((row, column) for column in headings)] for row in (head, *rows)]
    count = len(set(of_row.values()))
    which = f"one day ({day.day} {day:%B %Y})" if count == 1 else f"{count} days, each below its date"
    why = f"a list of the times of {which}, below “{headings[start]}”"
    return Unfolded(view.grid.as_list(listed, origins), Kind.EVENTS, "", why, [])


def _days_below(view: GridView, head: int, headings: Mapping[int, str]) -> dict[int, date | None]:
    """Return the rows below the headings that are no record: captions with a date, and the same headings again."""
    found: dict[int, date | None] = {}
    for row in range(head + 1, len(view.rows)):
        texts = dict(view.filled(row))
        if texts == headings:
            found[row] = None
            continue
        text = next(iter(texts.values())) if len(texts) == 1 else ""
        if text and not _has_time(text) and (day := _date_in_words(text)) is not None:
            found[row] = day
    return found


def _is_day(view: GridView, row: int, column: int) -> bool:
    """Tell whether a cell is a date or a weekday: its row says itself when it is."""
    return isinstance(view.cell(row, column), date) or weekday_in_any(view.text(row, column)) is not None


_FEWEST_HEADINGS = 3
_DATES = frozenset({"start_date", "end_date", "weekday", "repeat", "period"})


def _names_at(view: GridView, row: int) -> dict[int, str]:
    """Return the names that head the columns of a sheet, where times stand in the first column below."""
    names = {column: text for column, text in view.filled(row) if column}
    words = [text for text in names.values() if any(map(str.isalpha, text)) and weekday_in_any(text) is None]
    corner = view.text(row, 0)
    below = row + 1 < len(view.rows) and bool(_hours(view, row + 1))
    is_head = not corner or not any(map(str.isdigit, corner))
    plain = len(words) == len(names) and not any(map(_has_time, names.values())) and len(set(words)) == len(words)
    return names if len(names) >= _FEWEST_NAMES and plain and below and is_head else {}


def _has_time(text: str) -> bool:
    return scan_span(text) is not None


def _hours(view: GridView, row: int) -> str:
    """Return the times that head a row, a span or a start alone; "" for none."""
    cell = view.cell(row, 0)
    if isinstance(cell, time):
        return f"{cell:%H:%M}"
    text = view.text(row, 0)
    return text if not isinstance(cell, date | datetime) and re.search(r"\d", text) and _has_time(text) else ""


def _date_of(view: GridView, head: int) -> date | None:
    """Return the one date that the titles, the tab or the file name; None for none."""
    above = [text for row in range(head) for _, text in view.filled(row)]
    named = (view.grid.sheet or "", view.grid.file.rsplit(".", 1)[0])
    read = (_date_in_words(text) for text in (*above, *(name.replace("_", " ") for name in named)))
    return next((day for day in read if day is not None), None)


def _date_in_words(text: str) -> date | None:
    """Return the first date that stands in a text; None for none."""
    if (whole := one_date(text.strip(" ,.:()"))) is not None:
        return whole
    words = text.replace("–", " ").split()
    runs = (leading_date(words[start:], range(2, len(words) + 1), " ,.:()") for start in range(len(words)))
    return next((found[0] for found in runs if found is not None), None)


def _unfolded(view: GridView, head: int, day: date, names: dict[int, str], rows: Sequence[int]) -> Unfolded:
    places = sum(map(is_place_word, names.values())) * 2 > len(names)
    whose = "Location" if places else "Group"
    listed: list[list[Cell]] = [[whose, "Date", "Hours", "Title"]]
    origins: list[list[Spot]] = [[(head, 0)] * 4]
    starts = {row: _hours(view, row) for row in rows}
    alone = [row for row in rows if (span := scan_span(starts[row])) is not None and span.end is None]
    problems: list[Problem] = []
    for column, name in names.items():
        for row in rows:
            text = view.text(row, column)
            if view.is_covered(row, column) or not text or is_free(text):
                continue
            last = view.end(row, column)[0]
            hours = _span_of(starts, rows, row, last)
            spot = (row, column)
            listed.append([name, day, hours, " ".join(text.split())])
            origins.append([(head, column), spot, (row, 0), spot])
            if hours == starts[row] and row in alone and not any(one.code == "last-line-open" for one in problems):
                problems.append(wording.last_line_open(view.place(row, column), text))
    if alone:
        problems.append(wording.ends_with_next(view.place(alone[0], 0)))
    why = f"a day is drawn ({day.day} {day:%B %Y}), with times down and {', '.join(list(names.values())[:2])} across"
    grid = view.grid.as_list(listed, origins)
    return Unfolded(grid, Kind.EVENTS, whose, why, problems)


def _span_of(starts: dict[int, str], rows: Sequence[int], row: int, last: int) -> str:
    """Return from when to when a cell runs: from its line's start to the end of its last, or the start of the next."""
    first_span, last_row = scan_span(starts[row]), max(one for one in rows if one <= last)
    last_span = scan_span(starts[last_row])
    begin, _ = ends_as_written(starts[row])
    if first_span is not None and last_span is not None and last_span.end is not None:
        return f"{begin}–{ends_as_written(starts[last_row])[1]}"
    following = next((after for before, after in pairwise(rows) if before == last_row), None)
    return f"{begin}–{ends_as_written(starts[following])[0]}" if following is not None else starts[row]
