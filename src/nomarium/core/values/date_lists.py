"""Dates that stand in a list and share what stands behind the last: "8 and 9 September 2026"."""

from __future__ import annotations

import re
from collections.abc import Sequence

from nomarium.core.values.languages import weekday_in_any

_DAY = re.compile(r"(?:(?P<weekday>[^\W\d_]+)\.?,?\s+)?(?P<day>\d{1,2})(?:st|nd|rd|th|\.|º)?", re.IGNORECASE)
_TAIL = re.compile(r"(?:[^\W\d_]+\.?,?\s+)?\d{1,2}(?:st|nd|rd|th|\.|º)?(?P<tail>\s*(?:de\s+|of\s+)?[^\W\d_].*)")
_YEAR = re.compile(r"\b\d{4}\b")


def completed_dates(parts: Sequence[str]) -> list[str]:
    """Return the parts of a list, each with the month behind the next where it is a day's number, and its year."""
    found = list(parts)
    for index in range(len(found) - 2, -1, -1):
        day, tail = _DAY.fullmatch(found[index]), _TAIL.fullmatch(found[index + 1])
        if day and tail and (not day["weekday"] or weekday_in_any(day["weekday"]) is not None):
            found[index] += f" {tail['tail'].strip()}"
    years = [_YEAR.search(part) for part in found]
    if years and (last := years[-1]) and not any(years[:-1]) and all(map(_has_letters, found)):
        return [part if _YEAR.search(part) else f"{part} {last[0]}" for part in found]
    return found


def _has_letters(part: str) -> bool:
    return any(map(str.isalpha, part))
