"""The month that a title names: "Ward rota: January 2027", "Dienstplan Januar 2027"."""

from __future__ import annotations

from collections.abc import Iterable
from datetime import date
from functools import cache

from nomarium.core.values.languages import calendar_words, usual_languages
from nomarium.core.values.words import ENGLISH, CalendarWords, normalised
from nomarium.lazily import regex

_TITLE = regex(r"([^\W\d_]+)\.?,?\s+(?:de\s+|del\s+)?(\d{4})")
_SHORTEST, _LONGEST = 3, 200


def month_named(texts: Iterable[str]) -> date | None:
    """Return the first day of the month that the first of some texts names with its year; None where none does."""
    for text in texts:
        for match in _TITLE.finditer(text[:_LONGEST].replace("_", " ").replace("-", " ")):
            month = month_of(match[1]) or _month_in_any(match[1])
            if month is not None and 1900 <= int(match[2]) <= 2199:
                return date(int(match[2]), month, 1)
    return None


@cache
def month_of(word: str) -> int | None:
    """Return the month that a word names in a usual language; None for none, or for two."""
    word = normalised(word).strip(". ")
    if len(word) < _SHORTEST:
        return None
    if word in ENGLISH.months:
        return ENGLISH.months[word]
    months = {names.months[word] for names in usual_languages(more=True) if word in names.months}
    return months.pop() if len(months) == 1 else None


@cache
def _month_in_any(word: str) -> int | None:
    """Return the month that a word names in the languages that know it; None for none, or for two."""
    found = calendar_words([word])
    if isinstance(found, CalendarWords):
        return found.months.get(normalised(word).strip(". "))
    months = {words.months.get(normalised(word).strip(". ")) for words in found}
    return months.pop() if len(months) == 1 else None
