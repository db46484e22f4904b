"""A day, or days side by side, drawn as a sheet: times down, what is on in the cells → a list of events.

Places or groups stand across, and the one date above them; or a date above each column.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import replace
from datetime import date, datetime, time, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import Headings, Kind
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.kinds import vocabulary as words
from nomarium.core.shapes import wording
from nomarium.core.shapes.axis import by_their_weekdays, one_date
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.crossing import find_crossing
from nomarium.core.shapes.day_lists import has_time, holds_numbers, is_of_slots, list_of_day
from nomarium.core.shapes.day_titles import date_in_words, date_of, days_of, titles, week_of, year_above
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.sheets import note_used
from nomarium.core.tables import Cell, Grid, GridView, Spot
from nomarium.core.values import (
    ends_as_written,
    is_place_word,
    minute_words,
    scan_span,
    weekday_in_any,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem

_MOST_ROWS_ABOVE = 6
_FEWEST_TIMES, _FEWEST_NAMES = 2, 2
_MOST_ROWS = 200


def day_sheet(grid: Grid) -> Unfolded | None:
    """Return the list that the sheet of a day or of some days stands for; None for others, or where no date is said.

    The date stands above, or is the name of the tab or the file; or dates head the columns. A line that says but when
    it begins lasts as long as a note says, or until the next.
    """
    view = GridView(grid)
    if not 1 < len(view.rows) <= _MOST_ROWS:
        return None
    return _one_or_more_days(view) or _days_below_captions(view)


def _days_below_captions(view: GridView) -> Unfolded | None:
    """Return the list of days that are drawn one below the other, each below its date or weekday; None for others."""
    rows = range(len(view.rows))
    alone = {row: texts[0][1] for row in rows if len(texts := list(view.filled(row))) == 1}
    weekly = [row for row, text in alone.items() if weekday_in_any(text) is not None]
    dated = weekly or [row for row, text in alone.items() if not has_time(text) and date_in_words(text) is not None]
    ends = [*dated[1:], len(view.rows)]
    captions = [(row, end) for row, end in zip(dated, ends, strict=False) if end > row + 1]
    if len(captions) < _FEWEST_DAYS:
        return None
    days = [_one_or_more_days(GridView(_rows_between(view.grid, row, end)), fewest=1) for row, end in captions]
    known = [day for day in days if day is not None]
    if len(known) < len(days) or len({tuple(day.grid.rows[0]) for day in known}) > 1:
        return None
    cells = [known[0].grid.rows[0], *(row for day in known for row in day.grid.rows[1:])]
    origins = [known[0].grid.origins[0], *(spots for day in known for spots in day.grid.origins[1:])]
    problems = [problem for day in known for problem in day.problems]
    why = f"{len(known)} days are drawn one below the other, each below its {'weekday' if weekly else 'date'}"
    return Unfolded(view.grid.as_list(cells, origins), known[0].kind, known[0].whose, why, problems)


_FEWEST_DAYS = 2


def _rows_between(grid: Grid, first: int, end: int) -> Grid:
    """Return a grid of which only some rows hold anything, each where it stood."""
    return replace(grid, rows=[row if first <= number < end else [] for number, row in enumerate(grid.rows)])


def _one_or_more_days(view: GridView, fewest: int = _FEWEST_TIMES) -> Unfolded | None:
    """Return the list of a day, or of days side by side, with so many times; None for other sheets."""
    first = next((row for row in range(len(view.rows)) if any(True for _ in view.filled(row))), 0)
    above = range(first, min(first + _MOST_ROWS_ABOVE, len(view.rows)))
    for row in above:
        if (listed := list_of_day(view, row)) is not None:
            return listed
    for head in above:
        columns = _columns_at(view, head)
        if columns:
            return _drawn(view, head, columns, fewest)
    return _times_across(view)


def _drawn(view: GridView, head: int, columns: Mapping[int, _Column], fewest: int = _FEWEST_TIMES) -> Unfolded | None:
    """Return the list of what stands below the heads of columns, beside times; None where other lines are between."""
    rows = [row for row in range(head + 1, len(view.rows)) if _hours(view, row)]
    between = range(head + 1, rows[-1]) if rows else ()
    if len(rows) < fewest or any(list(view.filled(row)) and row not in rows for row in between):
        return None
    return _Drawn(view, head, columns, rows).unfolded()


def _times_across(view: GridView) -> Unfolded | None:
    """Return the list of a day whose times stand across, and places or people down: appointments of an evening."""
    for head in range(min(_MOST_ROWS_ABOVE, len(view.rows))):
        day = date_of(view, head)
        weekday = _weekday_of(view, head) if day is None else ""
        across = GridView(view.grid, turned=True).part(head, None)
        names = _names_at(across, 0) if day is not None or weekday else {}
        if names:
            days = () if day is None else (day,)
            return _drawn(across, 0, {column: _Column(days, name, weekday) for column, name in names.items()})
    return None


def _weekday_of(view: GridView, head: int) -> str:
    """Return the weekday that a title above a row, the tab or the file names; "" for none.

    A title stands alone in its row: “To” behind “From” is none.
    """
    beside = {text for row in range(head) for _, text in view.filled(row) if len(list(view.filled(row))) > 1}
    return next((text for text in titles(view, head) if text not in beside and weekday_in_any(text) is not None), "")


class _Column(NamedTuple):
    """A column of such a sheet: its day or days, and whose it is, "" where only days stand across."""

    days: tuple[date, ...]
    name: str = ""
    weekday: str = ""
    """The weekday on which it is each week, as the tab or a title names it, where no date does."""


def _columns_at(view: GridView, row: int) -> dict[int, _Column]:
    """Return what heads the columns in a row, with their days; none where it is no head of such a sheet."""
    names = _names_at(view, row)
    day = date_of(view, row)
    dates = _dates_at(view, row, day)
    if dates:
        apart = find_crossing(view.grid) is None
        return {column: _Column((one,)) for column, one in dates.items()} if apart else {}
    days = (day,) if day is not None else days_of(view, row)
    weekday = "" if days else _weekday_of(view, row)
    return {column: _Column(days, name, weekday) for column, name in names.items()} if days or weekday else {}


def _dates_at(view: GridView, row: int, titled: date | None) -> dict[int, date]:
    """Return the dates that head the columns, where times stand in the first one below; none where any is no date.

    The year, and the week of bare weekdays, may stand in the date of a title above.
    """
    heads = {column: view.cell(row, column) for column, _ in view.filled(row) if column}
    if len(heads) < _FEWEST_NAMES or row + 1 >= len(view.rows) or not _hours(view, row + 1):
        return {}
    week, year = week_of(view, row), titled.year if titled is not None else year_above(view, row)
    texts = {column: " ".join(view.text(row, column).split()) for column in heads}
    by_weekdays = by_their_weekdays(texts, year) if year else {}
    found: dict[int, date] = {}
    for column, cell in heads.items():
        day = one_date(cell)
        text = texts[column]
        weekday = weekday_in_any(text)
        if day is None and weekday is not None:
            day = week + timedelta(days=weekday) if week is not None else None
        elif day is None and week is not None and (numbered := _numbered_day(text, week)) is not None:
            day = numbered
        elif day is None and year:
            day = one_date(f"{text} {year}") or by_weekdays.get(column)
        if day is None or day in found.values():
            return {}
        found[column] = day
    return found


def _numbered_day(text: str, week: date) -> date | None:
    """Return the day of a week that a weekday and its number in the month name: "Mon 1"; None for any other text."""
    word, _, number = text.partition(" ")
    weekday = weekday_in_any(word.rstrip(".,"))
    day = week + timedelta(days=weekday) if weekday is not None else None
    return day if day is not None and number.rstrip(".") == str(day.day) else None


def _names_at(view: GridView, row: int) -> dict[int, str]:
    """Return the names that head the columns of a sheet, where times stand in the first column below."""
    names = {column: text for column, text in view.filled(row) if column}
    words = [text for text in names.values() if any(map(str.isalpha, text)) and weekday_in_any(text) is None]
    corner = view.text(row, 0)
    below = row + 1 < len(view.rows) and bool(_hours(view, row + 1))
    is_head = not corner or not any(map(str.isdigit, corner))
    plain = len(words) == len(names) and not any(map(has_time, names.values())) and len(set(words)) == len(words)
    known = Headings(EVENT_SHEET)
    plain = plain and not any(_begins_with_weekday(word) or known(word) in _TIMES for word in words)
    plain = plain and not all(is_of_slots(word) for word in words)
    plain = plain and not any(holds_numbers(view, row, column) for column in names)
    return names if len(names) >= _FEWEST_NAMES and plain and below and is_head else {}


_TIMES = frozenset("start_time end_time start end start_date end_date description duration attendees".split())
"""Fields whose headings head no place and no person."""


def _begins_with_weekday(text: str) -> bool:
    """Tell whether a text is a weekday with its number: the day of a column, and nobody's name."""
    first, *rest = text.split()
    return weekday_in_any(first) is not None and any(map(str.isdigit, "".join(rest)))


def _hours(view: GridView, row: int) -> str:
    """Return the times that head a row, a span or a start alone; "" for none."""
    cell = view.cell(row, 0)
    if isinstance(cell, time):
        return f"{cell:%H:%M}"
    text = view.text(row, 0)
    if isinstance(cell, date | datetime) or text.isdecimal() or not re.search(r"\d", text):
        return ""
    return text if has_time(text) else ""


class _Drawn:
    """A sheet of days whose columns and lines are known."""

    def __init__(self, view: GridView, head: int, columns: Mapping[int, _Column], rows: Sequence[int]) -> None:
        self._view = view
        self._head = head
        self._columns = columns
        self._rows = rows
        self._starts = {row: _hours(view, row) for row in rows}
        self._alone = [row for row in rows if (span := scan_span(self._starts[row])) is not None and span.end is None]
        self._noted = self._length_noted()
        self._length = self._noted[1] if self._noted else self._usual_step()
        self._problems: list[Problem] = []
        self._breaks: list[Spot] = []

    def unfolded(self) -> Unfolded:
        """Return its list."""
        view, names = self._view, [one.name for one in self._columns.values() if one.name]
        whose = "" if not names else "Location" if sum(map(is_place_word, names)) * 2 > len(names) else "Group"
        weekly = any(one.weekday for one in self._columns.values())
        headings = [*filter(None, [whose]), "Date", "Hours", "Title"]
        if weekly:
            whose = "Room" if whose == "Location" else "Class"
            headings = [whose, "Day", "Hours", "Class" if whose == "Room" else "Course"]
        listed: list[list[Cell]] = [[*headings]]
        origins: list[list[Spot]] = [[view.spot(self._head, 0)] * len(listed[0])]
        for column, head in self._columns.items():
            for row in self._rows:
                text = view.text(row, column)
                if view.is_covered(row, column) or not text or is_free(text):
                    continue
                named: list[Cell] = [head.name] if whose else []
                at, spot = (self._head, column), (row, column)
                if whose in ("Group", "Class") and text.casefold() in words.BREAKS:
                    self._breaks.append(spot)
                    continue
                span = self._span_of(row, view.end(row, column)[0], spot)
                spots = [*([at] if whose else []), at if not whose else spot, (row, 0), spot]
                days = [head.weekday] if weekly else head.days
                listed += [[*named, day, span, _title(text)] for day in days]
                origins += [[view.spot(*one) for one in spots]] * len(days)
        if self._breaks:
            row, column = self._breaks[0]
            said = wording.breaks_left_out(view.place(row, column), view.text(row, column), len(self._breaks))
            self._problems.append(said)
        if self._noted is not None:
            place, length, text = self._noted
            self._problems.append(note_used(place, text, [f"a length of {length.seconds // 60} minutes"]))
        elif self._alone:
            self._problems.append(wording.ends_with_next(view.place(self._alone[0], 0)))
        kind = Kind.LIST if weekly else Kind.EVENTS
        return Unfolded(view.grid.as_list(listed, origins), kind, whose, self._why(names), self._problems)

    def _why(self, names: Sequence[str]) -> str:
        if weekday := next((one.weekday for one in self._columns.values() if one.weekday), ""):
            return f"a weekday is drawn ({weekday}), with times down and {', '.join(names[:2])} across"
        days = sorted({day for one in self._columns.values() for day in one.days})
        first = f"{days[0].day} {days[0]:%B %Y}"
        if names and len(days) > 1:
            which = f"{len(days)} days from {first} to {days[-1].day} {days[-1]:%B %Y}"
            return f"a day is drawn that is the same on {which}, with times down and {', '.join(names[:2])} across"
        if names:
            return f"a day is drawn ({first}), with times down and {', '.join(names[:2])} across"
        return f"days are drawn, with times down and dates across ({first} to {days[-1].day} {days[-1]:%B %Y})"

    def _length_noted(self) -> tuple[Place, timedelta, str] | None:
        """Return the one length of all entries that a line above or below says, with its place and its text."""
        view = self._view
        beside = [row for row in range(len(view.rows)) if row < self._head or row > self._rows[-1]]
        found = [
            (view.place(row, column), timedelta(minutes=int(match[1])), text)
            for row in beside
            for column, text in view.filled(row)
            if (match := _LENGTH.search(text)) and 0 < int(match[1]) < _MOST_MINUTES
        ]
        return found[0] if self._alone and len({length for _, length, _ in found}) == 1 else None

    def _usual_step(self) -> timedelta | None:
        """Return from one start to the next, where that is mostly the same."""
        clocks = [self._clock(row) for row in self._alone]
        steps = [after - before for before, after in pairwise(clocks) if before is not None and after is not None]
        step, count = Counter(steps).most_common(1)[0] if steps else (timedelta(), 0)
        alike = count == len(steps) > 1 or (len(steps) >= _FEWEST_STEPS and count * 2 > len(steps))
        return step if alike and step > timedelta() else None

    def _clock(self, row: int) -> timedelta | None:
        span = scan_span(self._starts[row])
        if span is None or span.end is not None:
            return None
        noon = 12 if span.start.half == "pm" and span.start.hour < 12 else 0
        return timedelta(hours=span.start.hour + noon, minutes=span.start.minute)

    def _span_of(self, row: int, last: int, spot: Spot) -> str:
        """Return from when to when a cell runs: from its line's start to its last one's end, or the next start."""
        starts, last_row = self._starts, max(one for one in self._rows if one <= last)
        first_span, last_span = scan_span(starts[row]), scan_span(starts[last_row])
        begin, _ = ends_as_written(starts[row])
        if first_span is not None and last_span is not None and last_span.end is not None:
            return f"{begin}–{ends_as_written(starts[last_row])[1]}"
        following = next((after for before, after in pairwise(self._rows) if before == last_row), None)
        start = self._clock(last_row)
        after = self._clock(following) if following is not None else None
        if (
            start is not None
            and self._length is not None
            and (after is None or self._noted is not None or after - start > self._length)
        ):
            end = start + self._length
            return f"{begin}–{minute_words(int(end.total_seconds()) // 60)}"
        if following is not None:
            return f"{begin}–{ends_as_written(starts[following])[0]}"
        if not any(one.code == "last-line-open" for one in self._problems):
            self._problems.append(wording.last_line_open(self._view.place(*spot), self._view.text(*spot)))
        return starts[row]


_LENGTH = regex(r"\b(\d{1,3})[ -]?(?:min(?:ute)?s?\b|minuten\b|minutos\b|minuti\b|′)", re.IGNORECASE)
_MOST_MINUTES = 480
_FEWEST_STEPS = 3


def _title(text: str) -> str:
    return " ".join(text.split())
