"""The month that a title names: "Ward rota: January 2027", "Dienstplan Januar 2027"."""

from __future__ import annotations

import re
from collections.abc import Iterable
from datetime import date

from nomarium.core.values.languages import calendar_words
from nomarium.core.values.words import CalendarWords, normalised

_TITLE = re.compile(r"([^\W\d_]+)\.?,?\s+(?:de\s+|del\s+)?(\d{4})")
_SHORTEST = 3


def month_named(texts: Iterable[str]) -> date | None:
    """Return the first day of the month that the first of some texts names with its year; None where none does."""
    for text in texts:
        for match in _TITLE.finditer(text.replace("_", " ").replace("-", " ")):
            month = month_of(match[1])
            if month is not None and 1900 <= int(match[2]) <= 2199:
                return date(int(match[2]), month, 1)
    return None


def month_of(word: str) -> int | None:
    """Return the month that a word names in English or in the language that knows it; None for none, or for two."""
    if len(word.strip(". ")) < _SHORTEST:
        return None
    found = calendar_words([word])
    if isinstance(found, CalendarWords):
        return found.months.get(normalised(word).strip(". "))
    months = {words.months.get(normalised(word).strip(". ")) for words in found}
    return months.pop() if len(months) == 1 else None
