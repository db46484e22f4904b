"""Where the headings of a sheet stand: below titles and instructions, above the first event."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Callable, Sequence
from datetime import date, datetime, time
from functools import lru_cache
from itertools import islice

from nomarium.core.tables.cells import Cell, plain_text
from nomarium.lazily import regex

Vocabulary = Callable[[str], str | None]
"""Returns the field that a heading means, or None: whoever reads a table knows which headings it may have."""

MOST_ROWS_ABOVE = 400
"""So many rows are searched for headings."""

_LONGEST_HEADING = 80
_LONGEST_DATA = 400
_MONTH = r"(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?"
_DATA = regex(
    r"\d{1,4}\s*[./-]\s*\d{1,2}(?:\s*[./-]\s*\d{2,4})?|\d{1,2}[:h.u]\d{2}(?!\d).*|\d{1,2}\s*[ap]\.?m\b.*|\d{8}"
    rf"|(?:\w+,?\s+)?\d{{1,2}}(?:st|nd|rd|th|er|º)?[\s-]+{_MONTH}(?:[\s,-].*)?|(?:\w+,?\s+)?{_MONTH}\s+\d{{1,2}}(?:st|nd|rd|th|er)?(?:[\s,–—-].*)?"
    r"|(?:\w+\.?,?\s+)?\d{1,2}\.?\s+(?:de\s+)?[^\W\d_]{3,}\.?\s+(?:de\s+)?\d{4}.*",
    re.IGNORECASE,
)


def is_data(cell: Cell) -> bool:
    """Tell whether a cell looks like a date or a time, which no heading does."""
    if isinstance(cell, str):
        return len(cell) <= _LONGEST_DATA and _says_when(cell)
    return isinstance(cell, date | datetime | time)


@lru_cache(maxsize=20_000)
def _says_when(text: str) -> bool:
    return bool(_DATA.fullmatch(text.strip()) or (len(text) < 40 and _has_numeric_date(text)))


_NUMERIC_DATE = regex(
    r"(?<!\d)(?:\d{1,2}[./-]\d{1,2}[./-]\d{2,4}|\d{4}[./-]\d{1,2}[./-]\d{1,2}|"
    r"\d{1,2}\. \d{1,2}\. \d{4}|\d{4}\. \d{1,2}\. \d{1,2}|"
    r"\d{4}\s*[年년]\s*\d{1,2}\s*[月월]\s*\d{1,2})(?!\d)"
)


def _has_numeric_date(text: str) -> bool:
    return bool(_NUMERIC_DATE.search(text))


def find_headings(rows: Sequence[Sequence[Cell]], vocabulary: Vocabulary) -> int | None:
    """Return the index of the row of headings, or None where no row can be one.

    The row that knows most fields wins, the first among equals; without any known heading, the last row of texts
    above the first row with a date.
    """
    best, best_score = None, 0
    for index, row in enumerate(islice(rows, MOST_ROWS_ABOVE)):
        score = _score(row, vocabulary)
        if score > best_score:
            best, best_score = index, score
    if best is not None and best_score >= 2:
        return best
    above = _row_above_data(rows)
    if above is None:
        return best
    return above if best is None or best > above else best


def known_fields(row: Sequence[Cell], vocabulary: Vocabulary) -> list[str]:
    """Return the fields that the cells of a row would mean as headings, each once."""
    texts = [cell for cell in row if isinstance(cell, str) and cell and len(cell) <= _LONGEST_HEADING]
    lead = lead_in(texts)
    named = (vocabulary(text) or (vocabulary(without_lead_in(text, lead)) if lead else None) for text in texts)
    return list(dict.fromkeys(name for name in named if name))


_WORD = regex(r"[A-Z]?[^\W\d_A-Z]+|[A-Z]+(?![a-z])|\d+")


def lead_in(headings: Sequence[str]) -> str:
    """Return the word that most headings begin with ("Section" in "Section ID, Section Room, Section Day"), or ""."""
    filled = [heading for heading in headings if heading]
    firsts = Counter(words[0].casefold() for heading in filled if len(words := _WORD.findall(heading)) > 1)
    word, count = firsts.most_common(1)[0] if firsts else ("", 0)
    return word if count >= _FEWEST_LED and count * 2 > len(filled) else ""


_FEWEST_LED = 3


def without_lead_in(heading: str, lead: str) -> str:
    """Return a heading without the word that it begins with, "" where it does not begin so."""
    match = _WORD.search(heading)
    return heading[match.end() :].strip(" _-.:") if lead and match and match[0].casefold() == lead else ""


def _score(row: Sequence[Cell], vocabulary: Vocabulary) -> int:
    """Count the known headings of a row; 0 for a row that holds data, and for a sentence with a known word."""
    filled = [cell for cell in row if cell != ""]
    if not filled or any(is_data(cell) for cell in filled):
        return 0
    return len(known_fields(row, vocabulary))


def _row_above_data(rows: Sequence[Sequence[Cell]]) -> int | None:
    """Return the row of at least two texts right above the first row with a date or time, blank rows skipped."""
    candidate = before = None
    for index, row in enumerate(islice(rows, MOST_ROWS_ABOVE)):
        filled = [cell for cell in row if cell != ""]
        if not filled:
            continue
        if any(is_data(cell) for cell in filled):
            return (
                candidate if before is None or candidate is None or not _names_weeks(rows[candidate], row) else before
            )
        if candidate is not None and before is None and any(map(_is_week, filled)):
            before = candidate
        texts = [cell for cell in filled if isinstance(cell, str) and len(cell) <= _LONGEST_HEADING]
        candidate = index if len(texts) >= 2 and len(texts) == len(filled) else None
    return None


def _names_weeks(row: Sequence[Cell], dated: Sequence[Cell]) -> bool:
    """Tell whether a row has a week of the calendar where the one below has a date: it is a record, too."""
    return any(is_data(day) and _is_week(cell) for cell, day in zip(row, dated, strict=False))


def _is_week(cell: Cell) -> bool:
    return isinstance(cell, str) and len(cell) < _LONGEST_HEADING and bool(_WEEK.fullmatch(cell.strip()))


CALENDAR_WEEK = r"kw|kalenderwochen?|vecka|veckor|v|uger|uge|uker|uke|vko|viikko|viikot"
"""Words that mean weeks of the calendar, as alternatives; “week” and “semaine” may as well be those of a term."""
_WEEK = regex(
    rf"(?:{CALENDAR_WEEK}|ugen)\.?\s*\d{{1,2}}(?:\s*[-–/]\s*\d{{1,2}})?(?:\s*[,/ ]\s*\(?\d{{4}}\)?)?",
    re.IGNORECASE,
)
"""“KW 8/2027”, “vecka 44”: beside dates in one column, no heading."""


def same_headings(row: Sequence[Cell], headings: Sequence[str]) -> bool:
    """Tell whether a row repeats the headings."""
    if not row or not headings or " ".join(plain_text(row[0]).split()).casefold() != headings[0].casefold():
        return not any(row) and not headings
    texts = [" ".join(plain_text(cell).split()).casefold() for cell in row]
    while texts and not texts[-1]:
        texts.pop()
    return texts == [heading.casefold() for heading in headings]
