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
_WHOLE_DATE = regex(r"(?<!\d)(?:\d{4}-\d\d?-\d\d?|\d{1,2}([./-])\d{1,2}\1(?:\d{4}|\d{2}))(?!\d)")
"""A date in digits, which is not cut."""
_MOST_CUTS = 80


def line_scanner(lines: Sequence[str]) -> MomentScanner | None:
    """Return a scanner that knows the names of months which stand beside numbers; None where they are ambiguous."""
    beside = [match[0] for line in lines for match in _BESIDE_NUMBERS.finditer(line)]
    words = calendar_words(beside)
    return None if isinstance(words, list) else MomentScanner(words)


_BESIDE_NUMBERS = regex(r"(?<![^\W\d_])[^\W\d_]{3,}\.?\s+\d|\d(?:st|nd|rd|th|\.)?\s+(?:de\s+)?[^\W\d_]{3,}")


def split_line(line: str, scanner: MomentScanner) -> tuple[str, str]:
    """Return the date or range of a line as text, and its name: ("21 Dec 2026 to 1 Jan 2027", "Winter break").

    A line with two dates apart ("2026-12-21, 2027-01-01, Winter break") has a range; the dates of days that are listed
    ("INSET days: 3 September, 5 January") stand with "; " between. Without a date: ("", the line).
    """
    line = _CELLS_OF_A_SPAN.sub(" ", line)
    remark = _REMARK.search(line)
    rest = (line[: remark.start()] if remark else line).strip(EDGES_OF_LINES)
    dates: list[str] = []
    listed = _LISTED.search(line) is not None and not _LASTS.search(line)
    while len(dates) < (_MOST_LISTED if listed else 2) and (found := _date_at_an_end(rest, scanner)):
        text, rest = found
        dates.append(text)
        rest = _AND_AT_ITS_END.sub("", rest) if listed else rest
    if not dates and (found := _date_between_cells(rest, scanner)):
        text, rest = found
        dates.append(text)
    name = rest.strip(EDGES_OF_LINES)
    if name.count("(") > name.count(")"):
        name += ")"
    behind = remark[0].rstrip(" \t;,|") if remark else ""
    return ("; " if listed else " to ").join(sorted(dates, key=line.find)), f"{name}{behind}" if name else behind.strip(
        EDGES_OF_LINES
    )


_AND = r"(?:and|&|und|et|y|e|en|og|och)"
_LISTED = regex(
    rf"(?:^[^\d:]+:\s|\b(?:days|dates|tage|jours|journées|días|dias|giorni|giornate|dagen|dagar|dage|dager)\b)"
    rf"[^;|\t]*\w(?:,\s|,?\s{_AND}\s)",
    re.IGNORECASE,
)
"""A line whose dates are days apart, and no first and last one: “INSET days: 3 September 2026, 5 January 2027”."""
_LASTS = regex(
    r"(?<!bank )(?<!public )\bholidays\b|\b(?:break|half[- ]term|vacations?|vacances|vacaciones|vacanze|férias|"
    r"ferie|lov)\b|ferien\b|vakantie\b",
    re.IGNORECASE,
)
"""What has a first and a last day, though a comma stands between."""
_AND_AT_ITS_END = regex(rf"[\s,]+{_AND}\s*$", re.IGNORECASE)
_MOST_LISTED = 12
_CELLS_OF_A_SPAN = regex(
    r"\s?[;,|\t]\s?(?=(?:to|until|till|through|bis|au|al|até|tot|t/m|till och med|til)\s+\S)", re.IGNORECASE
)
"""What parts the two ends of a span that stand in cells of their own: "du 17 octobre;au 2 novembre"."""
_REMARK = regex(r"\s?\([^()]{0,80}[^\W\d_]{3}[^()]{0,80}\)[\s;,|]{0,40}$")
"""What stands in brackets behind all else: "(reprise)", "(no school)"."""


def dated_parts(line: str, scanner: MomentScanner) -> list[tuple[str, str]]:
    """Return the dates, or ranges, of a line each with its name: one for each day listed, one for a break in brackets.

    "Autumn term: 3 September – 18 December 2026 (half term 26–30 October)" has two, both in one year.
    """
    line = line.strip(' \t"“”')
    remark = _REMARK.search(line)
    inside, what = split_line(remark[0].strip(EDGES_OF_LINES), scanner) if remark else ("", "")
    dates, name = split_line(line[: remark.start()] if remark and inside and what else line, scanner)
    found = [(day, name) for day in dates.split("; ")]
    if remark and inside and what and dates:
        years = set(_YEAR.findall(dates))
        dated = [f"{inside}{sign}{year}" for year in years for sign in (" ", ", ") if not _YEAR.search(inside)]
        whole = next((text for text in dated if len(years) == 1 and _is_dated(scanner, text)), inside)
        found.append((whole, what))
    return found


_YEAR = regex(r"\b20\d\d\b")


def date_left_in(name: str, scanner: MomentScanner) -> str:
    """Return a date that stands in a name still, so that its line was not wholly read; "" for none."""
    for found in _MAY_BE_DATE.finditer(name):
        shape = scanner.scan(found[0])
        if shape is not None and shape.dates and not shape.times:
            return found[0]
    begun = _BEGUN_SPAN.search(name)
    return begun[0] if begun else ""


_BEGUN_SPAN = regex(
    r"(?<!\w)\d{1,2}(?:st|nd|rd|th|\.)?\s*(?:[-–&]|\b(?:a|al|au|to|bis|til|tot|e|y|et|en|und|and|og|och))\s*$|"
    r"[:,;]\s*\d{1,2}(?:st|nd|rd|th|\.)?\s*$",
    re.I,
)
"""A day that the date behind it was not read with: "8 a", "Inset: 5"."""


_MAY_BE_DATE = regex(
    r"(?<![\w.])(?:\d{1,2}(?:st|nd|rd|th|er|\.)?\s+(?:de\s+)?[^\W\d_]{3,}|[^\W\d_]{3,}\.?\s+\d{1,2}(?:st|nd|rd|th)?"
    r"|\d{1,2}[./]\d{1,2}[./]\d{2,4}|\d{4}-\d\d-\d\d)(?!\w)",
    re.IGNORECASE,
)


def _date_between_cells(text: str, scanner: MomentScanner) -> tuple[str, str] | None:
    """Return the only date that fills a cell between others, and those: "Closed; 3 November 2026; Cup day"."""
    for mark in ";\t|,":
        cells = [cell.strip() for cell in text.split(mark)]
        dated = [cell for cell in cells if any(map(str.isdigit, cell)) and _is_dated(scanner, cell)]
        numbered = any(_BARE_DAY.fullmatch(cell) for cell in cells)  # “5, 6 October, Inset” has two dates
        if len(dated) == 1 and len(cells) > _MARGINS and not numbered:
            return dated[0], ", ".join(cell for cell in cells if cell and cell != dated[0])
    return None


_MARGINS = 2
_BARE_DAY = regex(r"\d{1,2}(?:st|nd|rd|th|\.)?", re.IGNORECASE)


def _is_dated(scanner: MomentScanner, piece: str) -> bool:
    """Tell whether a piece is a date or a range of dates, with its month and its day; “18.00” is an hour."""
    shape = scanner.scan(piece)
    if shape is None and scan_weeks(piece):
        return True
    dates = shape.dates if shape and not shape.times else ()
    may_be = [any(one.month and one.day for one in date.readings.values()) for date in dates]
    return bool(may_be) and all(may_be)


def _date_at_an_end(text: str, scanner: MomentScanner) -> tuple[str, str] | None:
    """Return the longest date or range at the beginning or end of a text, and the rest."""
    whole = [range(match.start() + 1, match.end()) for match in _WHOLE_DATE.finditer(text)]
    ends = {match.end() for match in _CUT.finditer(text)}
    cuts = sorted({0, len(text), *(cut for cut in ends if not any(cut in inside for inside in whole))})
    if len(cuts) > _MOST_CUTS:
        cuts = cuts[: _MOST_CUTS // 2] + cuts[-_MOST_CUTS // 2 :]
    for piece, rest in _pieces(text, cuts):
        if (any(map(str.isdigit, piece)) or scan_weeks(piece)) and _is_dated(scanner, piece):
            return piece, rest
    return None


def _pieces(text: str, cuts: list[int]) -> Iterator[tuple[str, str]]:
    """Yield the beginnings and ends of a text, the longest first."""
    found = [(text[:cut].strip(EDGES_OF_LINES), text[cut:]) for cut in cuts]
    found += [(text[cut:].strip(EDGES_OF_LINES), text[:cut]) for cut in cuts]
    whole = (part for part in found if part[0] and not _NUMBER_BEFORE_DATE.match(part[0]))
    return iter(sorted(whole, key=lambda part: -len(part[0])))


_NUMBER_BEFORE_DATE = regex(rf"\d{{1,2}}\s*[,;|\t]\s*{_WHOLE_DATE.pattern}")
"""The number of a name before its date: “Term 4, 2026-10-05”."""
