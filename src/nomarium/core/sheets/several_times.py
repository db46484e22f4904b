"""Cells that name several times, "10:30, 14:00" → a record for each, as long as it is sure how long each takes.

So too for days and times that are each at a place of their own: "Mon 5–6pm Field 2, Wed 6–7pm Field 1".
"""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from typing import TYPE_CHECKING

from nomarium.core.columns import Certainty, Match, parted_place, places_apart
from nomarium.core.tables import Cell, Column, Table
from nomarium.core.values import scan_span, several_times
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns import Matches

_STARTS, _ENDS = ("start_time", "start", "hours"), ("end_time", "end")


def split_times(table: Table, matches: Matches) -> None:
    """Let each time of a cell with several have a record of its own, all else of the row repeated.

    Spans say themselves how long each takes; starts do so with a length beside them, or with as many ends. Two starts
    with “and” between them are no start and end.
    """
    column = next(filter(None, map(matches.column, _STARTS)), None)
    if column is None:
        return
    several: dict[Cell, Sequence[Cell]] = {cell: times for cell in column.distinct if len(times := _times(cell)) > 1}
    if not several:
        return
    ends = next(filter(None, map(matches.column, _ENDS)), None)
    lengths = matches.column("duration")
    records: list[int] = []
    starting: list[Cell] = []
    ending: list[Cell] = []
    for record, cell in enumerate(column.cells):
        end = ends.cells[record] if ends else ""
        length = lengths.cells[record] if lengths else ""
        times, until = several.get(cell, [cell]), _times(end) or [end]
        apart = isinstance(cell, str) and _are_apart(cell) and (end, length) == ("", "")
        if not (apart or _are_sure(times, until, length)):
            times, until = [cell], [end]
        records += [record] * len(times)
        starting += times
        ending += until if len(until) == len(times) else [end] * len(times)
    table.keep(records)
    column.cells = starting
    if ends is not None:
        ends.cells = ending


def split_slots(table: Table, matches: Matches) -> None:
    """Let each day and time of a cell have a record of its own where several places stand behind them."""
    column = matches.column("slot") or matches.column("day")
    if column is None or not matches.open("room"):
        return
    several = {cell: places_apart(cell) for cell in column.distinct if isinstance(cell, str)}
    if not any(several.values()):
        return
    each = [_with_place(cell, several) for cell in column.cells]
    table.keep([record for record, parts in enumerate(each) for _ in parts])
    column.cells = [slot for parts in each for slot, _ in parts]
    rooms = Column(column.heading, column.index, [place for parts in each for _, place in parts])
    table.derived.append(rooms)
    matches.all.append(Match(rooms, "room", Certainty.SURE, "places stand behind its times"))


def _are_apart(text: str) -> bool:
    """Tell whether a text names two times with “and” between them, and not from when to when: “between 10 and 12”."""
    return _BOTH.search(text) is not None and _BETWEEN.search(text) is None


_BETWEEN = regex(r"\b(?:between|zwischen|entre|tra|fra|tussen|mellan|mellem|mellom)\b", re.IGNORECASE)
_BOTH = regex(r"[&+]|\b(?:and|und|et|y|e|en|och|og|i|oraz)\b", re.IGNORECASE)


def _with_place(cell: Cell, several: Mapping[str, Sequence[tuple[str, str]]]) -> Sequence[tuple[Cell, Cell]]:
    """Return the parts of a cell, each with its place; "" for none."""
    if not isinstance(cell, str):
        return [(cell, "")]
    return several[cell] or [parted_place(cell) or (cell, "")]


def _are_sure(times: Sequence[Cell], until: Sequence[Cell], length: Cell) -> bool:
    """Tell whether it is sure when each of several times ends."""
    if len(times) > 1 and len(times) == len(until):
        return True
    spans = [scan_span(str(text)) for text in times]
    return list(until) == [""] and (length != "" or all(span is not None and span.end for span in spans))


def _times(cell: Cell) -> Sequence[Cell]:
    return several_times(cell) if isinstance(cell, str) else []
