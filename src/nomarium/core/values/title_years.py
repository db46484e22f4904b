"""The year that titles, a tab or a file's name say for dates that have none: "Events 2026–27", "Autumn 2026"."""

from __future__ import annotations

import re
from collections.abc import Iterable
from datetime import date
from typing import NamedTuple

from nomarium.lazily import regex

_SCHOOL_YEAR = regex(r"(?<!\d)(?P<first>20\d\d)\s*[-–—/_]\s*(?:20)?(?P<last>\d\d)(?!\d)")
_YEAR = regex(r"(?<!\d)20\d\d(?!\d)")
_NOT_ABOUT_IT = regex(
    r"\b(?:updated?|printed|version|as (?:of|at)|stand|issued|created|modified|revised|copyright|approved)\b|©",
    re.IGNORECASE,
)
_FIRST_MONTH = 8
"""A year such as 2026–27 runs from August to July."""


class TitledYear(NamedTuple):
    """The first and the last day of the year that a text names."""

    first: date
    last: date
    text: str
    crosses: bool
    """Whether it runs over the turn of the year."""

    def of_month(self, month: int) -> int:
        """Return the year in which a month of it lies."""
        return self.last.year if self.crosses and month < _FIRST_MONTH else self.first.year


def year_in_titles(titles: Iterable[str]) -> TitledYear | None:
    """Return the year that the first of some texts names; None where none does, or where it names several."""
    for text in titles:
        if _NOT_ABOUT_IT.search(text):
            continue
        spans = {
            int(found["first"])
            for found in _SCHOOL_YEAR.finditer(text)
            if (int(found["first"]) + 1) % 100 == int(found["last"])
        }
        years = {int(found) for found in _YEAR.findall(text)}
        if len(spans) == 1 and years <= {min(spans), min(spans) + 1}:
            year = spans.pop()
            return TitledYear(date(year, _FIRST_MONTH, 1), date(year + 1, _FIRST_MONTH - 1, 31), text, crosses=True)
        if len(years) == 1:
            year = years.pop()
            return TitledYear(date(year, 1, 1), date(year, 12, 31), text, crosses=False)
        if years or spans:
            return None
    return None
