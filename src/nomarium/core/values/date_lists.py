"""Dates that stand in a list and share what stands behind the last: "8 and 9 September 2026"."""

from __future__ import annotations

import re
from collections.abc import Sequence

from nomarium.core.values.languages import is_date, weekday_in_any
from nomarium.lazily import regex

LIST_MARKS = (
    regex(r"\s*[;\n]\s*"),
    regex(
        r"\s*(?:[;\n,&+]|\b(?:and|und|et|y|e|en|och|og)\b|(?:(?<=\b\d)|(?<=\b\d\d))\s?/\s?(?=\d{1,2}\.?\s+[^\W\d_]))\s*",
        re.IGNORECASE,
    ),
)
"""What parts dates: marks that never stand within one, and all that may."""
_DAY = regex(r"(?:(?P<weekday>[^\W\d_]+)\.?,?\s+)?(?P<day>\d{1,2})(?:st|nd|rd|th|er|\.|º)?", re.IGNORECASE)
_TAIL = regex(r"(?:[^\W\d_]+\.?,?\s+)?\d{1,2}(?:st|nd|rd|th|er|\.|º)?(?P<tail>\s*(?:de\s+|of\s+)?[^\W\d_].*)")
_YEAR = regex(r"\b\d{4}\b")


def parted_dates(text: str, mark: re.Pattern[str] = LIST_MARKS[1]) -> list[str]:
    """Return the dates that a list names: each with its month, and with its year where that stands beside it.

    "12, 19 and 26 October" → three of October; a comma may stand within a date: "October 26, 2026".
    """
    found: list[str] = []
    for part in filter(None, (part.strip(" .") for part in mark.split(text))):
        if found and _YEAR.fullmatch(part):
            found[-1] = f"{found[-1]} {part}"
        else:
            found.append(part)
    for index in range(len(found) - 2, -1, -1):
        day, tail = _DAY.fullmatch(found[index]), _TAIL.fullmatch(found[index + 1])
        if day and tail and _may_lead(day["weekday"]):
            found[index] += f" {tail['tail'].strip()}"
    return found


_NOT_ON = regex(
    r"(?:no|not|except|excluding|off|none|without|kein\w*|nicht|entfällt|ohne|pas|sauf|sin|excepto|senza|escluso|geen|niet|"
    r"behalve|ingen|ikke|inte|utom)\b(?:[\s:]+(?:class(?:es)?|lessons?|sessions?|meetings?|training|practice|rehearsals?|"
    r"school|course|on|the|week|of|kurs|unterricht|am|training|de|d|cours|le|clases?|el|hay|lezion[ei]|il|les|op|"
    r"undervisning|lektion|den))*[\s:]*",
    re.IGNORECASE,
)


_NOT_ON_COLON = regex(
    r"(?:no|not|except|excluding|off|none|without|closed|kein\w*|nicht|entfällt|ohne|pas|sauf|sin|excepto|senza|escluso|geen|"
    r"niet|ingen|ikke|inte|(?:public |bank |school )?holidays|days off|(?:días )?festivos?|feriados?|férias|vacaciones|"
    r"feiertage?|ferien|(?:unterrichts|schul)frei\w*|(?:jours )?fériés|vacances|congés|festività|vacanze|"
    r"feestdagen|vrije? dagen|vakantie|helgdagar|lediga dagar|lov|fridage|lukkedage|helligdager|dni wolne)\b"
    r"[^:;\d]{0,40}:\s*",
    re.IGNORECASE,
)
_BRACKETED = regex(r"\([^()]*[^\W\d_][^()]*\)")


def without_not_on(text: str) -> str | None:
    """Return what a text says behind words such as “No class on”: dates; None where it does not begin so."""
    bare = _BRACKETED.sub(" ", text).strip()
    match = _NOT_ON_COLON.match(bare) or _NOT_ON.match(bare)
    return bare[match.end() :] if match else None


def are_dates(text: str) -> bool:
    """Tell whether a text is dates and spans of them, their years perhaps missing: "7–8 December, 5 April 2027"."""
    parts = parted_dates(text)
    return bool(parts) and all(map(_is_date_or_span, parts))


def _is_date_or_span(text: str) -> bool:
    ends = DATE_ENDS.fullmatch(text)
    if ends is None or is_date(text):
        return is_date(text)
    first, last = ends["first"], ends["last"]
    if is_date(first):
        return is_date(last) or _DAY_AND_YEAR.fullmatch(last) is not None
    day = _DAY.fullmatch(first)
    return day is not None and _may_lead(day["weekday"]) and is_date(last)


def _may_lead(word: str | None) -> bool:
    """Tell whether what stands before a day is its weekday, or nothing."""
    return not word or weekday_in_any(word) is not None


_DAY_AND_YEAR = regex(r"\d{1,2}(?:,? \d{4})?")
"""What ends a span within a month: "October 26–30, 2026"."""


DATE_ENDS = regex(
    r"(?P<first>.*?\S)\s*(?:[-–—]|\bto\b|\bt/m\b|\bbis(?: zum)?\b|\bau?\b|\btil\b|\btot\b|\bal?\b)\s*(?P<last>\S.*)",
    re.IGNORECASE,
)
"""A first and a last day."""


def shared_year(parts: Sequence[str]) -> int | None:
    """Return the year that only the last of some dates, all in words or all dotted, names: it holds for all of them."""
    years = [_YEAR.search(part) for part in parts]
    last = years[-1] if years else None
    alike = all(map(_has_letters, parts)) or all(map(_DOTTED.fullmatch, parts))
    return int(last[0]) if last and not any(years[:-1]) and alike else None


_DOTTED = regex(r"(?:[^\W\d_]+\.?,? )?\d{1,2}\.\d{1,2}(?:\.\d{4})?\.?")


def _has_letters(part: str) -> bool:
    return any(map(str.isalpha, part))
