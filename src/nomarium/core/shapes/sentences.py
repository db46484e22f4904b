"""Cells that say all at once, "Wednesdays 19:30–21:30, 9 September to 9 December" → repeats, and their hours."""

from __future__ import annotations

from datetime import date
from typing import NamedTuple

from nomarium.core.columns import Kind
from nomarium.core.repeats import NotUnderstood, read_words
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Grid, GridView
from nomarium.core.values import spans_in, without_preposition

_MOST_ABOVE = 6
_LONGEST = 160


class _Sentence(NamedTuple):
    """How often something is, and its hours."""

    repeat: str
    hours: str


def sentences(grid: Grid) -> Unfolded | None:
    """Return the list of events whose rows say how often and at which hours in one cell; None for other sheets."""
    view = GridView(grid)
    for head in range(min(_MOST_ABOVE, len(view.rows) - 1)):
        for column, _ in view.filled(head):
            said = _said_below(view, head, column)
            if said:
                return _list(view, head, column, said)
    return None


def _said_below(view: GridView, head: int, column: int) -> dict[int, _Sentence]:
    """Return what the cells of a column say, by their rows; nothing where one of them says something else."""
    found: dict[int, _Sentence] = {}
    for row in range(head + 1, len(view.rows)):
        text = view.text(row, column)
        if text or len(list(view.filled(row))) > 1:
            sentence = _read(text)
            if sentence is None:
                return {}
            found[row] = sentence
    return found


def _read(text: str) -> _Sentence | None:
    """Return what a cell says; None where it has no single span of times, or no bounds beside its days."""
    spans = list(spans_in(text)) if len(text) <= _LONGEST else []
    if len(spans) != 1:
        return None
    before, behind = text[: spans[0].start], text[spans[0].end :].strip(" ,;")
    repeat = " ".join(filter(None, (without_preposition(before), behind and f", {behind}"))).replace(" ,", ",")
    try:
        found = read_words(repeat, date(2000, 1, 3))
    except NotUnderstood:
        return None
    return _Sentence(repeat, spans[0].text) if found.first and (found.until or found.times) else None


def _list(view: GridView, head: int, column: int, said: dict[int, _Sentence]) -> Unfolded:
    others = [other for other in range(view.width) if other != column]
    listed = ListRows(view, head)
    listed.add(head, others, ("Repeat", (head, column)), ("Hours", (head, column)))
    for row in range(head + 1, len(view.rows)):
        if row in said:
            listed.add(row, others, *((text, (row, column)) for text in said[row]))
        else:
            listed.add(row, range(view.width))
    return listed.unfolded(Kind.EVENTS, "", f"“{view.text(head, column)}” says how often and when")
