"""Public holidays → all-day events that take up nobody's time."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime, time, timedelta

from nomarium.core.holidays.regions import Holiday, titled
from nomarium.core.sources import Occurrence, Series


def holiday_events(held: Sequence[Holiday]) -> list[Series]:
    """Return an event for each holiday; where several regions are meant, its title says of which it is."""
    return [_event(title, one) for title, one in titled(held)]


def _event(title: str, one: Holiday) -> Series:
    start = datetime.combine(one.day, time())
    description = f"Observed for {one.instead_of}" if one.instead_of else ""
    return Series(
        title,
        (Occurrence(start, start + timedelta(days=1), True, "UTC"),),
        description=description,
        categories=("Public holiday", one.region),
        busy="FREE",
        id=f"holiday {one.region} {one.day} {one.name}",
    )
