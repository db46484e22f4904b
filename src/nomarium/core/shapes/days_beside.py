"""Lines of weekdays and times or periods down, classes, rooms or people across → a list of meetings."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from nomarium.core.columns import Headings, Kind
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.slots import read_periods
from nomarium.core.tables import Cell, Grid, GridView, Spot
from nomarium.core.values import (
    CLASS_FORM,
    ROOM_FORM,
    TITLED_FORM,
    WEEKDAY_NAMES,
    ends_as_written,
    is_place_word,
    is_span,
    weekday_in_any,
)

_MOST_ROWS_ABOVE = 8
_MOST_ROWS = 400
_FEWEST_NAMES, _FEWEST_DAYS = 2, 2


@dataclass(frozen=True, slots=True)
class _Lines:
    """Where such a sheet has its headings, its weekdays, its times or periods, and by their columns the names."""

    head: int
    day: int
    hours: int
    timed: bool
    """Whether its lines are times, and not periods."""
    names: Mapping[int, str]


def days_beside(grid: Grid) -> Unfolded | None:
    """Return the list that a sheet of a school's whole week stands for; None for any other sheet.

    Each line is one time of a weekday, which may stand once for several lines; each column is a class, a room or a
    person. A column of the lessons' numbers may stand beside the times, which say more.
    """
    view = GridView(grid)
    if not _FEWEST_DAYS < len(view.rows) <= _MOST_ROWS:
        return None
    texts = [[view.text(row, column) for row in range(len(view.rows))] for column in range(view.width)]
    heads = range(min(_MOST_ROWS_ABOVE, len(view.rows) - _FEWEST_DAYS))
    found = (_lines_below(head, texts) for head in heads)
    lines = next(filter(None, found), None)
    return _unfolded(view, lines) if lines is not None else None


def _lines_below(head: int, whole: Sequence[Sequence[str]]) -> _Lines | None:
    """Return where a sheet has its lines below a row of headings; ``whole`` are the texts of its columns."""
    headings = {column: texts[head] for column, texts in enumerate(whole) if texts[head]}
    texts = {column: [text for text in texts[head + 1 :] if text] for column, texts in enumerate(whole)}
    days = [
        column for column, below in texts.items() if below and all(weekday_in_any(text) is not None for text in below)
    ]
    hours = [column for column, below in texts.items() if below and all(map(is_span, below))]
    numbers = {
        column for column, below in texts.items() if below and all(text.strip(".").isdecimal() for text in below)
    }
    known = Headings(TIMETABLE_SHEET)
    periods = [
        column for column in texts if known(headings.get(column, "")) == "period" and _are_periods(texts[column])
    ]
    apart = {*days, *hours, *numbers, *periods}
    names = {column: text for column, text in headings.items() if column not in apart}
    timed = bool(hours)
    hours = hours or periods
    if len(days) != 1 or len(hours) != 1 or min(names, default=0) < max(days[0], hours[0]):
        return None
    weekdays = {weekday_in_any(text) for text in texts[days[0]]}
    has_lines = len(weekdays) >= _FEWEST_DAYS and len(texts[hours[0]]) > len(weekdays)
    headless = any(below and column not in names and column not in apart for column, below in texts.items())
    return _Lines(head, days[0], hours[0], timed, names) if has_lines and not headless and _are_names(names) else None


def _are_periods(texts: Sequence[str]) -> bool:
    return bool(texts) and all(len(text) <= _LONGEST_PERIOD and read_periods(text) for text in texts)


_LONGEST_PERIOD = 12
SHOWN = 3
"""Names that a reason shows."""


def _are_names(names: Mapping[int, str]) -> bool:
    """Tell whether headings are the names of classes, rooms or people, and say nothing of a list's columns."""
    known = [Headings(sheet) for sheet in (TIMETABLE_SHEET, EVENT_SHEET)]
    if len(names) < _FEWEST_NAMES or len(set(names.values())) < len(names):
        return False
    return bool(heading_of_names(names)) and not any(headings(text) for text in names.values() for headings in known)


def heading_of_names(names: Mapping[int, str]) -> str:
    """Return the heading of a list's column for names of one form; "" for names of none."""
    texts = names.values()
    if all(map(CLASS_FORM.fullmatch, texts)):
        return "Class"
    if all(ROOM_FORM.fullmatch(text) or is_place_word(text) for text in texts):
        return "Room"
    return "Teacher" if all(map(TITLED_FORM.fullmatch, texts)) else ""


def _unfolded(view: GridView, lines: _Lines) -> Unfolded | None:
    whose = heading_of_names(lines.names)
    when = "Hours" if lines.timed else "Period"
    listed: list[list[Cell]] = [[whose, "Day", when, "Course" if whose == "Class" else "Class"]]
    origins: list[list[Spot]] = [[(lines.head, lines.day)] * 4]
    day, day_at = "", lines.head
    for row in range(lines.head + 1, len(view.rows)):
        if text := view.text(row, lines.day):
            day, day_at = WEEKDAY_NAMES[weekday_in_any(text) or 0], row
        for column, text in view.filled(row):
            if column not in lines.names or is_free(text) or view.is_covered(row, column):
                continue
            last_row, last_column = view.end(row, column)
            periods = range(row, last_row + 1)
            hours = hours_of(view, lines.hours, row, last_row) if lines.timed else _periods(view, lines.hours, periods)
            for across in range(column, last_column + 1):
                if hours and day and across in lines.names:
                    listed.append([lines.names[across], day, hours, " ".join(text.split())])
                    spots = (lines.head, across), (day_at, lines.day), (row, lines.hours), (row, column)
                    origins.append(list(spots))
                elif across in lines.names:
                    return None  # an entry without a day or a time: another shape
    names = list(lines.names.values())
    shown = f"{', '.join(names[:SHOWN])}{', …' if len(names) > SHOWN else ''}"
    why = f"weekdays and {'times' if lines.timed else 'periods'} stand down, {shown} across"
    return Unfolded(view.grid.as_list(listed, origins), Kind.LIST, whose, why)


def hours_of(view: GridView, column: int, row: int, last: int) -> str:
    """Return when a cell is that may be merged over several lines of times; "" where one has none."""
    spans = [view.text(one, column) for one in (row, last)]
    if not all(spans):
        return ""
    return f"{ends_as_written(spans[0])[0]}–{ends_as_written(spans[1])[1]}" if last > row else spans[0]


def _periods(view: GridView, column: int, rows: range) -> str:
    """Return the periods of a cell that may be merged over several lines; "" where one has none."""
    periods = [view.text(row, column) for row in rows]
    return ", ".join(periods) if periods[0] and periods[-1] else ""
