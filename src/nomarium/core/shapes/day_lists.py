"""The times of a day, or of days one below the other, in a list below headings → the list with the date of each row."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from datetime import date, time

from nomarium.core.columns import DAY_HEADINGS, Headings, Kind, heading_key
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.kinds import vocabulary as words
from nomarium.core.shapes.day_titles import date_in_words, date_of
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, GridView
from nomarium.core.values import is_place_word, scan_span, weekday_in_any
from nomarium.lazily import regex


def list_of_day(view: GridView, head: int) -> Unfolded | None:
    """Return the list below the headings of times, titles and places, where a title or the tab has its date."""
    headings = dict(view.filled(head))
    fields = _fields_of(headings)
    start = next((fields[name] for name in _STARTS if name in fields), None)
    if start is None or not _may_be_list(view, head, headings, fields):
        return None
    days = _days_below(view, head, headings)
    rows = [row for row in range(head + 1, len(view.rows)) if row not in days and any(True for _ in view.filled(row))]
    timed = [row for row in rows if is_timed(view, row, start)]
    dated = any(_is_day(view, row, column) for row in rows for column in headings)
    if not rows or dated or len(timed) * 2 <= len(rows):
        return None
    day = date_of(view, head)
    of_row = {row: max(((at, on) for at, on in days.items() if on and at < row), default=(0, day))[1] for row in rows}
    if None in of_row.values():
        return None
    listed: list[list[Cell]] = [["Date", *headings.values()]]
    listed += [[of_row[row] or "", *(view.cell(row, column) for column in headings)] for row in rows]
    origins = [[(row, start), *((row, column) for column in headings)] for row in (head, *rows)]
    why = f"a list of the times of {_which(list(of_row.values()))}, below “{headings[start]}”"
    return Unfolded(view.grid.as_list(listed, origins), Kind.EVENTS, "", why, [])


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
    says_day = not DAY_HEADINGS.isdisjoint(map(heading_key, headings.values()))
    if len(headings) < _FEWEST_HEADINGS or _DATES & fields.keys() or says_day:
        return False
    if len(fields) < _FEWEST_FIELDS and not any(
        is_of_slots(text) or holds_numbers(view, head, column) for column, text in headings.items()
    ):
        return False
    if "location" not in fields or not fields.keys() <= _OF_TIMES | {"location"}:
        return True
    known = Headings(EVENT_SHEET)
    others = [text for text in headings.values() if known(text) not in _OF_TIMES]
    # “Gym” may be a place of its own: what is on there stands below.
    return heading_key(headings[fields["location"]]) in _PLACES and not _are_places(others, known)


_STARTS = ("start_time", "start", "hours", "when")
_FEWEST_FIELDS = 2


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


def is_of_slots(heading: str) -> bool:
    """Tell whether a heading is one of a list whose rows are a slot each, “Student”, “Parent”: the name of nobody."""
    return _ROLE.fullmatch(heading) is not None


_ROLE = regex(
    r"(?:name (?:of )?)?(?:the )?(?:students?|pupils?|child|children|parents?|parents?/(?:guardians?|carers?)|"
    r"guardians?|carers?|family|families|patients?|clients?|visitors?|candidates?|teachers?|staff|tutors?|subjects?|courses?|notes?|"
    r"phone|e-?mail|schüler(?:/in|in)?|kind|eltern|lehrer|élèves?|parents d.élève|enfant|professeur|alumn[oa]s?|padres|"
    r"familia|profesor|alunn[oi]|genitori|leerling|ouders?|elev|förälder|foresatte|forældre)(?:.s)?(?: names?)?",
    re.IGNORECASE,
)


def holds_numbers(view: GridView, row: int, column: int) -> bool:
    """Tell whether nothing but numbers stand below a head: it heads the column of a list, and no place or person."""
    below = [text for line in range(row + 1, len(view.rows)) if (text := view.text(line, column))]
    return bool(below) and all(map(str.isdecimal, below))


def is_timed(view: GridView, row: int, column: int) -> bool:
    """Tell whether a cell is a time of day or a span of times, as a time or as a text."""
    return isinstance(view.cell(row, column), time) or has_time(view.text(row, column))


def has_time(text: str) -> bool:
    """Tell whether a text is a time of day or a span of times."""
    return scan_span(text) is not None
