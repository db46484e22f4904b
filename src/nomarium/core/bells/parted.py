"""The usual bells of a day of which only a part is school, or that is rung later or shorter."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from datetime import date, datetime, time, timedelta
from typing import TYPE_CHECKING

from nomarium.core.slots import period_key

if TYPE_CHECKING:
    from nomarium.core.bells.rows import BellRow
    from nomarium.core.year import DayPart


def parted(rows: dict[str, BellRow], part: DayPart) -> dict[str, BellRow]:
    """Return what is left of a day's periods, by their keys: shifted, squeezed, then cut."""
    left: dict[str, BellRow] = {}
    for key, row in _rung(rows, part):
        hours = part.kept(row.start, row.end)
        name = period_key(row.period)
        if hours is not None and name not in part.without and (not part.only or name in part.only):
            left[key] = replace(row, start=hours[0], end=hours[1])
    return left


def _rung(rows: dict[str, BellRow], part: DayPart) -> Iterator[tuple[str, BellRow]]:
    before: tuple[time, time] | None = None
    """When the period before ended, and when it would have."""
    for key, row in rows.items():
        start = row.start
        if part.length is not None and before is not None:
            start = _plus(before[0], _between(before[1], row.start))
        elif part.later:
            start = _plus(row.start, part.later)
        end = _plus(start, part.length if part.length is not None else _between(row.start, row.end))
        before = (end, row.end)
        yield key, replace(row, start=start, end=end)


def _between(first: time, last: time) -> timedelta:
    return datetime.combine(date.min, last) - datetime.combine(date.min, first)


def _plus(start: time, length: timedelta) -> time:
    later = datetime.combine(date(2000, 1, 1), start) + length
    return later.time() if later.date() == date(2000, 1, 1) else time.max
