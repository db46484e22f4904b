"""Cells that say all at once, "Wednesdays 19:30–21:30, 9 September to 9 December" → days or repeats, and hours."""

from __future__ import annotations

import re
from contextlib import suppress
from datetime import date
from typing import NamedTuple

from nomarium.core.columns import Kind
from nomarium.core.repeats import NotUnderstood, read_words
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Grid, GridView
from nomarium.core.values import Found, are_dates, is_date, spans_in, without_preposition
from nomarium.lazily import regex

_MOST_ABOVE = 6
_LONGEST = 160


class _Sentence(NamedTuple):
    """On which dates something is, or how often; and its hours."""

    days: str
    hours: str
    repeats: bool


def sentences(grid: Grid) -> Unfolded | None:
    """Return the list of events whose rows say in one cell on which dates or how often, and when; None for others."""
    view = GridView(grid)
    for head in range(min(_MOST_ABOVE, len(view.rows) - 1)):
        for column, text in view.filled(head):
            said = _said_below(view, head, column) if not any(True for _ in spans_in(text)) else {}
            if said:
                return _list(view, head, column, said)
    return None


def _said_below(view: GridView, head: int, column: int) -> dict[int, _Sentence]:
    """Return what the cells of a column say, by their rows; nothing where one of them says something else.

    Where each names but its dates, they are the dates of any list.
    """
    found: dict[int, _Sentence] = {}
    for row in range(head + 1, len(view.rows)):
        text = view.text(row, column)
        if text or len(list(view.filled(row))) > 1:
            sentence = _read(text)
            if sentence is None:
                return {}
            found[row] = sentence
    return found if any(one.repeats or not is_date(one.days) for one in found.values()) else {}


def _only_time(text: str) -> re.Match[str] | None:
    """Return the only time of day of a text, which surely is one: “11 Uhr”, “7 pm”; None for none, or several."""
    times = list(_TIME.finditer(text)) if len(text) <= _LONGEST else []
    return times[0] if len(times) == 1 else None


_TIME = regex(
    r"(?<![\d.:])\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\b\.?|uhr\b|uur\b|h\b)|(?<![\d.:])\d{1,2}[:h]\d{2}(?![\d:])",
    re.IGNORECASE,
)


def _read(text: str) -> _Sentence | None:
    """Return what a cell says; None where it has no single span of times, or no bounds beside its days."""
    spans = list(spans_in(text)) if len(text) <= _LONGEST else []
    spans = spans or ([Found(one[0], *one.span())] if (one := _only_time(text)) is not None else [])
    if len(spans) != 1:
        return None
    before, behind = text[: spans[0].start], text[spans[0].end :].strip(" ,;")
    repeat = " ".join(filter(None, (without_preposition(before), behind and f", {behind}"))).replace(" ,", ",")
    with suppress(NotUnderstood):
        found = read_words(repeat, date(2000, 1, 3))
        return _Sentence(repeat, spans[0].text, repeats=True) if found.first and (found.until or found.times) else None
    dates = _WEEKDAY_AHEAD.sub(r"\1 ", f"{before} {behind}".strip(" ,;"))
    return _Sentence(dates, spans[0].text, repeats=False) if are_dates(dates) else None


_WEEKDAY_AHEAD = regex(r"^([^\W\d_]{2,}\.?),\s+(?=\d)")
"""“Freitag, 18.6.2027”."""


def _list(view: GridView, head: int, column: int, said: dict[int, _Sentence]) -> Unfolded:
    others = [other for other in range(view.width) if other != column]
    days = "Repeat" if all(one.repeats for one in said.values()) else "Date"
    listed = ListRows(view, head)
    listed.add(head, others, (days, (head, column)), ("Hours", (head, column)))
    for row in range(head + 1, len(view.rows)):
        if row in said:
            listed.add(row, others, *((text, (row, column)) for text in said[row][:2]))
        else:
            listed.add(row, range(view.width))
    return listed.unfolded(Kind.EVENTS, "", f"“{view.text(head, column)}” says on which days and when")
