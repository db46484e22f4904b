"""Public holidays → rows of a sheet, to be edited and converted like any list."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from nomarium.core.holidays.regions import Holiday, titled

HOLIDAY_HEADINGS = ("Holiday", "Date", "Country", "Observed for")
"""The headings of such a sheet; the last is the day that a moved one stands for."""


def holiday_rows(held: Sequence[Holiday]) -> Iterator[tuple[str, ...]]:
    """Yield a row for each holiday."""
    for title, one in titled(held):
        yield title, one.day.isoformat(), one.region, one.instead_of.isoformat() if one.instead_of else ""
