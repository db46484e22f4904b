"""From when until when a sheet holds, by the name of its tab or its file: "Rota 2 Nov 2026 to 18 Dec 2026.csv"."""

from __future__ import annotations

from datetime import date
from typing import NamedTuple

from nomarium.core.sheets.said_in_notes import holding_bound, titled_span
from nomarium.core.values import ORDERS, Order
from nomarium.lazily import regex


class Held(NamedTuple):
    """The first and the last day on which a sheet holds, one of both at least, and what its name says besides."""

    name: str
    """The name that says it, as it stands."""
    rest: str
    first: date | None = None
    last: date | None = None


def held_by_name(
    sheet: str | None, file: str, order: Order | None, year: tuple[date, date] | None = None
) -> Held | None:
    """Return from when until when a tab's name, else a file's, says that a sheet holds; None where neither does.

    ``order`` is that of day and month, where it is known; without it, a date must be one in any, or in the ``year``
    of the school.
    """
    stem = file.rsplit(".", 1)[0]
    return next(filter(None, (_held(name, order, year) for name in (sheet or "", stem) if name)), None)


def unclear_name(sheet: str | None, file: str) -> str:
    """Return the name that says from when or until when a sheet holds, by a date that may be two; "" for none."""
    names = [name for name in (sheet or "", file.rsplit(".", 1)[0]) if name]
    read = ({order: _held(name, order, None) for order in ORDERS} for name in names)
    several = ({one[1:] for one in by_order.values() if one} for by_order in read)
    return next((name for name, held in zip(names, several, strict=True) if len(held) > 1), "")


def _held(name: str, order: Order | None, year: tuple[date, date] | None) -> Held | None:
    text = _BETWEEN_DATES.sub(" to ", " ".join(name.replace("_", " ").split()))
    if (span := titled_span(text, order)) is not None:
        return Held(name, f"{span.before} {span.behind}".strip(" ,-–()"), span.first, span.last)
    if (bound := holding_bound(text, order, titled=True, year=year)) is not None:
        return Held(name, bound.what, **{"first" if bound.name == "from" else "last": bound.day})
    return None


_BETWEEN_DATES = regex(r"(?<=\d{4}-\d\d-\d\d) (?=\d{4}-\d\d-\d\d)")
"""Two dates with nothing but a blank between them: a name seldom says more."""
