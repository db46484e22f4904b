"""A line with a date and words, in either order, "Mon 11 January – Swimming starts" → the two."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence

from nomarium.core.values.languages import calendar_words
from nomarium.core.values.moment_text import MomentScanner
from nomarium.core.values.week_text import scan_weeks
from nomarium.lazily import regex

_CUT = regex(r"\s+|(?<=[^\w\s])(?=\S)|(?<=\w)(?=[,;:|])")
EDGES_OF_LINES = " \t,;:|–—-−\"'“”*•·()[]"
"""What may stand around the date and the words of a line."""
_MOST_CUTS = 80


def line_scanner(lines: Sequence[str]) -> MomentScanner | None:
    """Return a scanner that knows the names of months which stand beside numbers; None where they are ambiguous."""
    beside = [match[0] for line in lines for match in _BESIDE_NUMBERS.finditer(line)]
    words = calendar_words(beside)
    return None if isinstance(words, list) else MomentScanner(words)


_BESIDE_NUMBERS = regex(r"(?<![^\W\d_])[^\W\d_]{3,}\.?\s+\d|\d(?:st|nd|rd|th|\.)?\s+(?:de\s+)?[^\W\d_]{3,}")


def split_line(line: str, scanner: MomentScanner) -> tuple[str, str]:
    """Return the date or range of a line as text, and its name: ("21 Dec 2026 to 1 Jan 2027", "Winter break").

    A line with two dates apart ("2026-12-21, 2027-01-01, Winter break") has a range. Without a date: ("", the line).
    """
    line = _CELLS_OF_A_SPAN.sub(" ", line)
    remark = _REMARK.search(line)
    rest = (line[: remark.start()] if remark else line).strip(EDGES_OF_LINES)
    dates: list[str] = []
    while len(dates) < 2 and (found := _date_at_an_end(rest, scanner)):
        text, rest = found
        dates.append(text)
    name = rest.strip(EDGES_OF_LINES)
    if name.count("(") > name.count(")"):
        name += ")"
    behind = remark[0].rstrip(" \t;,|") if remark else ""
    return " to ".join(sorted(dates, key=line.find)), f"{name}{behind}" if name else behind.strip(EDGES_OF_LINES)


_CELLS_OF_A_SPAN = regex(
    r"\s?[;,|\t]\s?(?=(?:to|until|till|through|bis|au|al|até|tot|t/m|till och med|til)\s+\S)", re.IGNORECASE
)
"""What parts the two ends of a span that stand in cells of their own: "du 17 octobre;au 2 novembre"."""
_REMARK = regex(r"\s?\([^()]{0,80}[^\W\d_]{3}[^()]{0,80}\)[\s;,|]{0,40}$")
"""What stands in brackets behind all else: "(reprise)", "(no school)"."""


def date_left_in(name: str, scanner: MomentScanner) -> str:
    """Return a date that stands in a name still, so that its line was not wholly read; "" for none."""
    for found in _MAY_BE_DATE.finditer(name):
        shape = scanner.scan(found[0])
        if shape is not None and shape.dates and not shape.times:
            return found[0]
    begun = _BEGUN_SPAN.search(name)
    return begun[0] if begun else ""


_BEGUN_SPAN = regex(
    r"(?<!\w)\d{1,2}(?:st|nd|rd|th|\.)?\s*(?:[-–&]|\b(?:a|al|au|to|bis|til|tot|e|y|et|en|und|and|og|och))\s*$", re.I
)
"""A day and a word that leads to another, "8 a", which the date behind it was not read with."""


_MAY_BE_DATE = regex(
    r"(?<![\w.])(?:\d{1,2}(?:st|nd|rd|th|er|\.)?\s+(?:de\s+)?[^\W\d_]{3,}|[^\W\d_]{3,}\.?\s+\d{1,2}(?:st|nd|rd|th)?"
    r"|\d{1,2}[./]\d{1,2}[./]\d{2,4}|\d{4}-\d\d-\d\d)(?!\w)",
    re.IGNORECASE,
)


def _date_at_an_end(text: str, scanner: MomentScanner) -> tuple[str, str] | None:
    """Return the longest date or range at the beginning or end of a text, and the rest."""
    cuts = sorted({0, len(text), *(match.end() for match in _CUT.finditer(text))})
    if len(cuts) > _MOST_CUTS:
        cuts = cuts[: _MOST_CUTS // 2] + cuts[-_MOST_CUTS // 2 :]
    for piece, rest in _pieces(text, cuts):
        shape = scanner.scan(piece) if any(map(str.isdigit, piece)) else None
        if shape is None and scan_weeks(piece):
            return piece, rest
        dates = shape.dates if shape and not shape.times else ()
        # “18.00” is an hour: some reading has a month and a day.
        may_be = [any(one.month and one.day for one in date.readings.values()) for date in dates]
        if may_be and all(may_be):
            return piece, rest
    return None


def _pieces(text: str, cuts: list[int]) -> Iterator[tuple[str, str]]:
    """Yield the beginnings and ends of a text, the longest first."""
    found = [(text[:cut].strip(EDGES_OF_LINES), text[cut:]) for cut in cuts]
    found += [(text[cut:].strip(EDGES_OF_LINES), text[:cut]) for cut in cuts]
    return iter(sorted((part for part in found if part[0]), key=lambda part: -len(part[0])))
