"""Remarks of rows that say when or where they are, "7pm start", "in the Studio", as no column of their own does."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import GIVEN_BY_NOTE, MOMENT_FIELDS, TIME_FIELDS, Certainty, Match, Matches
from nomarium.core.sources import wording
from nomarium.core.sources.times_in_titles import AT, CLOCK, says_times
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import is_span, scan_span, span_in
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Table

_LONGEST = 200
"""Characters of a remark that are looked at."""
_STARTS = r"(?:starts?|starting|begins?|beginn\w*|início|début|inicio|inizio|aanvang|börjar|start)"
_START = regex(
    rf"(?:{_STARTS}\s*:?\s*{AT}?\s*(?P<behind>{CLOCK})|{AT}?\s*(?P<time>{CLOCK})(?:\s+(?:{_STARTS}|sharp))?)",
    re.IGNORECASE,
)
_AHEAD = regex(rf"{AT}?\s*(?P<time>{CLOCK})(?=\W)", re.IGNORECASE)
_END = regex(r"\d[\d.:h]*\s*(?:[ap]\.?m\.?|uhr|noon)?$", re.IGNORECASE)
_PLACE = regex(
    r"(?i:in the|at the|at|in der|im|beim?|au|à la|dans l[ae]|en el|en la|nella?|nel|i|på|in het|in de|bij)\s+"
    r"(?P<place>[A-ZÀ-ÞŠŽ][^.;:]{1,50})"
)

_NAME = regex(r"[\s,–-]*(?:[A-ZÀ-ÞŠŽ]\S*\s*){1,4}")
"""Words that may be a name, such as that of a place: of what else happens at a time, verbs tell."""


class _Said(NamedTuple):
    hours: str = ""
    place: str = ""
    unread: bool = False
    """Whether a time stands in it that may be that of the row or of something else."""


def with_times_of_remarks(table: Table, matches: Matches) -> tuple[Matches, list[Problem]]:
    """Return the columns with the times and the places of remarks in them, and a word on each; else as they are.

    They stand only where a row has none of its own: instead of those which a note beside the table gives to all rows,
    or where no row has any. A time that may be another than that of the row is not taken, but told.
    """
    remarks = matches.column("description")
    given = {match.field: match for match in matches.all if match.why == GIVEN_BY_NOTE}
    hours = given.get("hours")
    given_hours = hours.column if hours else None
    timed = any(column is not given_hours for _, column in matches.columns((*TIME_FIELDS, "period")))
    timed = timed or any(
        says_times(column) for _, column in matches.columns(MOMENT_FIELDS) if column is not given_hours
    )
    if remarks is None or timed or not says_times(remarks):
        return matches, []
    said = {cell: _said(cell) if isinstance(cell, str) else _Said() for cell in remarks.distinct}
    each = [said[cell] for cell in remarks.cells]
    problems = [
        (wording.time_of_remark if one.hours else wording.time_in_remark)(table.cell_place(record, remarks), text)
        for record, (one, text) in enumerate(zip(each, map(plain_text, remarks.cells), strict=True))
        if one.unread or one.hours
    ]
    kept = given_hours or Column("Hours", remarks.index, [""] * len(each))
    kept.cells = [
        _joined(one.hours, plain_text(cell)) if one.hours else cell for one, cell in zip(each, kept.cells, strict=True)
    ]
    added = [] if hours or not any(kept.cells) else [Match(kept, "hours", Certainty.SURE, "times in remarks")]
    if "location" in given:
        places = given["location"].column
        places.cells = [one.place or cell for one, cell in zip(each, places.cells, strict=True)]
    return Matches([*matches.all, *added]), problems


def _said(remark: str) -> _Said:
    """Return what a remark says of when and where its row is."""
    text = " ".join(remark.split()).strip(" ()")[:_LONGEST]
    placed, started = _PLACE.fullmatch(text), _START.fullmatch(text)
    span, ahead = span_in(text), _AHEAD.match(text)
    if placed:
        return _Said(place=placed["place"])
    if started:
        return _Said(started["behind"] or started["time"])
    if span is not None and not text[: span.start].strip():
        return _Said(span.text)
    return _Said(ahead["time"]) if ahead and _NAME.fullmatch(text[ahead.end() :]) else _Said(unread=ahead is not None)


def _joined(start: str, given: str) -> str:
    """Return the hours of a row: from its own start to the end that is given to all rows."""
    end = _END.search(given) if is_span(given) and not is_span(start) else None
    joined = f"{start}–{end[0]}" if end else start
    return joined if scan_span(joined) is not None else start
