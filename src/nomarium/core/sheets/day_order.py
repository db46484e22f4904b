"""The order of day and month in first days, where the weekdays of the same rows leave only one."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from nomarium.core.tables import plain_text
from nomarium.core.values import date_in, weekday_in_any

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.values import Order

_FEWEST = 2


def order_by_days(matches: Matches) -> Order | None:
    """Return the only order in which each row’s first day is one of its weekdays; None where none is, or both are."""
    days, firsts = matches.column("day"), matches.column("from")
    if days is None or firsts is None:
        return None
    rows = dict.fromkeys(
        (plain_text(first), plain_text(day)) for first, day in zip(firsts.cells, days.cells, strict=True)
    )
    told = [(first, _weekdays(day)) for first, day in rows if first]
    if len(told) < _FEWEST:
        return None
    orders: tuple[Order, ...] = ("dmy", "mdy")
    fitting = [
        order
        for order in orders
        if all((date := date_in(first, order)) is not None and date.weekday() in named for first, named in told)
    ]
    return fitting[0] if len(fitting) == 1 else None


def _weekdays(text: str) -> set[int]:
    words = re.findall(r"[^\W\d_]+", text)
    return {number for word in words if (number := weekday_in_any(word)) is not None}
