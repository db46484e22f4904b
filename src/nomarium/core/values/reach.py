"""The years that dates may lie in: what is added to them, zones, weeks and repeats, never leads past the calendar's."""

from __future__ import annotations

from datetime import date

FIRST_DAY, LAST_DAY = date(1000, 1, 1), date(8999, 12, 31)
"""Beyond any calendar of people, and a thousand years from where Python's own dates end."""


def in_reach(day: date) -> bool:
    """Tell whether a date, or a moment, lies in the years that are reckoned with: 1000 to 8999."""
    return FIRST_DAY.year <= day.year <= LAST_DAY.year
