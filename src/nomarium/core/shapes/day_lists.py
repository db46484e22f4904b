"""The times of a day, or of days one below the other, in a list below headings → the list with the date of each row."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from datetime import date, time

from nomarium.core.columns import Headings, Kind, heading_key
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.kinds import vocabulary as words
from nomarium.core.shapes import wording
from nomarium.core.shapes.cell_texts import is_place_word
from nomarium.core.shapes.day_titles import date_in_words, date_of
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, GridView, Spot
from nomarium.core.values import minute_words, scan_span, weekday_in_any


def list_of_day(view: GridView, head: int) -> Unfolded | None:
    """Return the list below the headings of times, titles and places, where a title or the tab has its date."""
    headings = dict(view.filled(head))
    fields = _fields_of(headings)
    start = next((fields[name] for name in _STARTS if name in fields), None)
    if start is None or not _may_be_list(view, head, headings, fields):
        return None
    days = _days_below(view, head, headings)
    rows = [row for row in range(head + 1, len(view.rows)) if row not in days and any(True for _ in view.filled(row))]
    timed = [row for row in rows if isinstance(view.cell(row, start), time) or has_time(view.text(row, start))]
    dated = any(_is_day(view, row, column) for row in rows for column in headings)
    if not rows or dated or len(timed) * 2 <= len(rows):
        return None
    day = date_of(view, head)
    of_row = {row: max(((at, on) for at, on in days.items() if on and at < row), default=(0, day))[1] for row in rows}
    if None in of_row.values():
        return None
    ends = {} if _ENDS & fields.keys() else _ends_of_starts(view, start, rows, of_row)
    listed: list[list[Cell]] = [["Date", *headings.values(), *(["End"] if ends else [])]]
    origins: list[list[Spot]] = [[(head, at) for at in (start, *headings, *([start] if ends else []))]]
    for row in rows:
        ending: list[Cell] = [ends.get(row, "")] if ends else []
        listed.append([of_row[row] or "", *(view.cell(row, column) for column in headings), *ending])
        origins.append([(row, start), *((row, column) for column in headings), *((row, start) for _ in ending)])
    said = [wording.ends_with_next(view.place(rows[0], start))] if ends else []
    why = f"a list of the times of {_which(list(of_row.values()))}, below “{headings[start]}”"
    return Unfolded(view.grid.as_list(listed, origins), Kind.EVENTS, "", why, said)


def _which(days: Sequence[date | None]) -> str:
    """Return in words which days rows are of."""
    first, count = days[0] or date.min, len(set(days))
    return f"one day ({first.day} {first:%B %Y})" if count == 1 else f"{count} days, each below its date"


def _fields_of(headings: Mapping[int, str]) -> dict[str, int]:
    """Return the fields of events that headings name, each with its first column."""
    known = Headings(EVENT_SHEET)
    fields: dict[str, int] = {}
    for column, text in headings.items():
        if field := known(text):
            fields.setdefault(field, column)
    return fields


def _may_be_list(view: GridView, head: int, headings: Mapping[int, str], fields: Mapping[str, int]) -> bool:
    """Tell whether headings are those of a list of times, and neither of dates nor of places side by side."""
    if len(headings) < _FEWEST_HEADINGS or _DATES & fields.keys():
        return False
    if len(fields) < _FEWEST_FIELDS and not any(holds_numbers(view, head, column) for column in headings):
        return False
    if "location" not in fields or not fields.keys() <= _OF_TIMES | {"location"}:
        return True
    known = Headings(EVENT_SHEET)
    others = [text for text in headings.values() if known(text) not in _OF_TIMES]
    # “Gym” may be a place of its own: what is on there stands below.
    return heading_key(headings[fields["location"]]) in _PLACES and not _are_places(others, known)


_STARTS = ("start_time", "start", "hours", "when")
_FEWEST_FIELDS = 2


def _ends_of_starts(
    view: GridView, column: int, rows: Sequence[int], days: Mapping[int, date | None]
) -> dict[int, str]:
    """Return when rows end of which some begin within the hour of others: with the next, or after the usual step.

    None where a row says its end, or they do not go on in time.
    """
    starts: dict[int, int] = {}
    steps: dict[int, int] = {}
    before: int | None = None
    for row in rows:
        now = _start_of(view, row, column)
        if now is None:
            return {}
        if before is not None and days[row] == days[before]:
            now += _NOON if now <= starts[before] and now < _NOON else 0  # “1.30” behind “11.00”
            steps[before] = now - starts[before]
            if steps[before] <= 0:
                return {}
        starts[row], before = now, row
    near = {row: step for row, step in steps.items() if step <= _HOUR}
    if not near or min(near.values()) == _HOUR:
        return {}
    usual = near[min(near)] if len(set(near.values())) == 1 else 0
    lengths = {row: near.get(row, usual) for row in rows}
    return {row: minute_words(starts[row] + length) for row, length in lengths.items() if length}


_HOUR, _NOON = 60, 12 * 60


def _start_of(view: GridView, row: int, column: int) -> int | None:
    """Return the minute of the day at which a row begins; None where it says none, or its end, too."""
    cell = view.cell(row, column)
    if isinstance(cell, time):
        return cell.hour * 60 + cell.minute
    span = scan_span(view.text(row, column))
    if span is None or span.end is not None:
        return None
    start = span.start
    return (start.hour % 12 + 12 * (start.half == "pm") if start.half else start.hour) * 60 + start.minute


_ENDS = frozenset({"end_time", "end", "duration"})
_OF_TIMES = frozenset({"start_time", "end_time", "start", "end", "hours", "when"})
_PLACES = frozenset(f"{words.PLACE}|address|adresse|dirección|indirizzo|adres|morada|osoite|adresa|cím".split("|"))


def _are_places(texts: Sequence[str], known: Headings) -> bool:
    """Tell whether several headings name a place each: “Pitch” beside “Gym”."""
    return len(texts) > 1 and all(known(text) == "location" or is_place_word(text) for text in texts)


def _days_below(view: GridView, head: int, headings: Mapping[int, str]) -> dict[int, date | None]:
    """Return the rows below the headings that are no record: captions with a date, and the same headings again."""
    found: dict[int, date | None] = {}
    for row in range(head + 1, len(view.rows)):
        texts = dict(view.filled(row))
        if texts == headings:
            found[row] = None
            continue
        text = next(iter(texts.values())) if len(texts) == 1 else ""
        if text and not has_time(text) and (day := date_in_words(text)) is not None:
            found[row] = day
    return found


def _is_day(view: GridView, row: int, column: int) -> bool:
    """Tell whether a cell is a date or a weekday: its row says itself when it is."""
    return isinstance(view.cell(row, column), date) or weekday_in_any(view.text(row, column)) is not None


_FEWEST_HEADINGS = 3
_DATES = frozenset({"start_date", "end_date", "weekday", "repeat", "period"})


def holds_numbers(view: GridView, row: int, column: int) -> bool:
    """Tell whether nothing but numbers stand below a head: it heads the column of a list, and no place or person."""
    below = [text for line in range(row + 1, len(view.rows)) if (text := view.text(line, column))]
    return bool(below) and all(map(str.isdecimal, below))


def has_time(text: str) -> bool:
    """Tell whether a text is a time of day or a span of times."""
    return scan_span(text) is not None
