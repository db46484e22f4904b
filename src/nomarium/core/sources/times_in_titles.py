"""Titles that say when they are, "Board (7pm)", "9:30 Assembly", where no column has times → a column of hours."""

from __future__ import annotations

import re
from datetime import datetime, time
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import MOMENT_FIELDS, TIME_FIELDS, Certainty, Match, Matches, holds_dates
from nomarium.core.sources import wording
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import scan_span, span_in
from nomarium.lazily import regex

if TYPE_CHECKING:
    from collections.abc import Sequence

    from nomarium.core.problems import Problem
    from nomarium.core.sources.series import Series
    from nomarium.core.tables import Cell, Table

_SURE = (
    r"\d{1,2}(?:[:.]\d{2})?\s?[ap]\.?m\b\.?|\d{1,2}(?:[:.]\d{2})?\s?(?:uhr|uur)\b|"
    r"\d{1,2}h(?:\d{2})?\b|\b(?:12 )?noon\b"
)
CLOCK = rf"(?:{_SURE}|\d{{1,2}}:\d{{2}}(?![:\d]))"
AT = r"(?:(?:at|@|um|à|às|a las|alle(?: ore)?|kl\.?|om)\s)"
_ALONE = (
    regex(rf"(?P<time>{CLOCK})\s*[:,–—-]?\s+(?P<title>[^\W\d].*)", re.IGNORECASE),
    regex(rf"(?P<title>.*?\S)\s*\(\s*{AT}?\s*(?P<time>{CLOCK})\s*\)", re.IGNORECASE),
    regex(rf"(?P<title>.*?\S)(?:\s*[,–—@]|\s+-|\s+{AT})\s*(?P<time>{CLOCK})", re.IGNORECASE),
    regex(rf"(?P<title>.*?[^\W\d])\s+(?P<time>{_SURE})", re.IGNORECASE),
)
_ENDS = regex(
    r"\b(?:until|till?|to|by|before|after|from|since|bis|vor|nach|ab|seit|avant|après|jusqu\S*|hasta|antes|después|desde|"
    r"entro|fino|dopo|dalle|tot|vóór|na|vanaf|före|efter|innan|före|inden|før|etter)\W*$",
    re.IGNORECASE,
)
"""What stands ahead of a time that is no start: “School closed until 1pm”."""


_LONGEST_TITLE = 200
"""Characters of a title; a longer one is text."""


class _Said(NamedTuple):
    title: str
    hours: str


def with_times_of_titles(table: Table, matches: Matches) -> tuple[Matches, list[Problem]]:
    """Return the columns with one for the hours that titles say, and a word on it; as they are where others have times.

    The title is what is left of its cell. A time that something lasts until, or two of them, stay in the title.
    """
    titles = matches.column("summary")
    others = [column for _, column in matches.columns(MOMENT_FIELDS)]
    timed = any(any(column.cells) for _, column in matches.columns((*TIME_FIELDS, "period")))
    if titles is None or timed or not any(map(holds_dates, others)) or any(map(says_times, others)):
        return matches, []
    said = {cell: _timed(cell) if isinstance(cell, str) else None for cell in titles.distinct}
    each = [said[cell] for cell in titles.cells]
    first = next((record for record, one in enumerate(each) if one is not None), None)
    if first is None:
        return matches, []
    names: list[Cell] = [cell if one is None else one.title for cell, one in zip(titles.cells, each, strict=True)]
    hours: list[Cell] = ["" if one is None else one.hours for one in each]
    rest = [match for match in matches.all if match.column is not titles and match.field != "hours"]
    found = [
        Match(Column(titles.heading, titles.index, names), "summary", Certainty.SURE, "its heading"),
        Match(Column(titles.heading, titles.index, hours), "hours", Certainty.SURE, "times in titles"),
    ]
    place = table.cell_place(first, titles)
    told = wording.times_of_titles(place, plain_text(titles.cells[first]), len(list(filter(None, hours))))
    return Matches([*rest, *found]), [told]


def with_time_in_title(matches: Matches, events: Sequence[Series]) -> list[Problem]:
    """Return a word on each event of the whole day whose title says a time that nothing was taken from."""
    titles = matches.column("summary")
    if titles is None or not any(map(_says_one, map(plain_text, titles.distinct))):
        return []  # events are made from columns only where somebody asks for them
    return [
        wording.time_in_title(one.place, one.summary)
        for one in events
        if _says_one(one.summary) and all(occurrence.all_day for occurrence in one.occurrences[:1])
    ]


def _says_one(title: str) -> bool:
    return _MAY_SAY.search(title) is not None and _SAID.search(title[:_LONGEST_TITLE]) is not None


_MAY_SAY = regex(r"\d\s?[aphu:]|noon", re.IGNORECASE)
_MAY_SPAN = regex(r"(?:\d|noon|mid)\D+(?:\d|noon|mid)", re.IGNORECASE)
"""What stands in each time alone, and in each span of times: quick to look for."""
_SAID = regex(rf"(?<![\d:.]){_SURE}|\({CLOCK}\)|\b{AT}{CLOCK}", re.IGNORECASE)


def says_times(column: Column) -> bool:
    """Tell whether any cell of a column says a time of day."""
    return any(map(_says_time, column.distinct))


def _says_time(cell: Cell) -> bool:
    if isinstance(cell, datetime):
        return cell.time() != time()
    return isinstance(cell, time) or (isinstance(cell, str) and _ANY.search(cell) is not None)


_ANY = regex(CLOCK, re.IGNORECASE)


def _timed(text: str) -> _Said | None:
    """Return the title and the one time of a text; None where it says none, or one that is no start."""
    if len(text) > _LONGEST_TITLE:
        return None
    text = " ".join(text.split())
    span = span_in(text) if _MAY_SPAN.search(text) else None
    if span is not None and scan_span(span.text) is not None:
        ahead, behind = text[: span.start], text[span.end :]
        bare = f"{ahead.rstrip(' (,–-@')} {behind.lstrip(' ),–-:')}".strip()
        edge = not ahead.strip(" (") or not behind.strip(" )")
        return _Said(bare, span.text) if bare and edge and not _ENDS.search(ahead) and not _ANY.search(bare) else None
    for pattern in _ALONE if _MAY_SAY.search(text) else ():
        found = pattern.fullmatch(text)
        if found is None or _ENDS.search(found["title"]) or _ANY.search(found["title"]):
            continue
        if scan_span(found["time"]) is not None:
            return _Said(found["title"].strip(" ,–-"), found["time"])
    return None
