"""Headings of dates that say the time of all of them, "From (Fri 18:00)", where no column has times."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from nomarium.core.columns import TIME_FIELDS, Certainty, Match, Matches
from nomarium.core.sources import wording
from nomarium.core.sources.times_in_titles import says_times
from nomarium.core.tables import Column
from nomarium.core.values import scan_span, span_in
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Cell, Table

_TIME = regex(r"(?<![\d:.])\d{1,2}(?:[:.]\d{2}\s?(?:[ap]\.?m\b\.?)?|\s?[ap]\.?m\b\.?|h\d{2}\b|\s?uhr\b)", re.IGNORECASE)
_STARTS = {"start_date": "start_time", "start": "start_time", "when": "hours"}
_FIELDS = {**_STARTS, "end_date": "end_time", "end": "end_time"}


def with_times_of_headings(table: Table, matches: Matches) -> tuple[Matches, list[Problem]]:
    """Return the columns with those for the times that headings of dates say, and a word on each."""
    dated = [match for match in matches.all if match.field in _FIELDS]
    timed = [column for _, column in matches.columns((*TIME_FIELDS, "period"))]
    if timed or any(says_times(match.column) for match in dated):
        return matches, []
    said = [(match, time) for match in dated if (time := _time_of(match.column.heading))]
    if not any(match.field in _STARTS for match, _ in said):
        return matches, []
    added, problems = [], []
    for match, time in said:
        column = match.column
        cells: list[Cell] = [time if cell != "" else "" for cell in column.cells]
        name = "hours" if span_in(time) else _FIELDS[match.field]
        added.append(
            Match(Column(column.heading, column.index, cells), name, Certainty.SURE, "the time in its heading")
        )
        problems.append(wording.time_of_heading(table.heading_place(column), column.heading, time))
    return Matches([*matches.all, *added]), problems


def _time_of(heading: str) -> str:
    """Return the span of times, or the one time, in a heading; "" for none, or several."""
    if (span := span_in(heading)) is not None:
        return span.text
    found = [one[0] for one in _TIME.finditer(heading) if scan_span(one[0]) is not None]
    return found[0] if len(found) == 1 else ""
