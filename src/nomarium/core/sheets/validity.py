"""From when until when a sheet or a part of it holds: by a caption, or the name of its tab or its file."""

from __future__ import annotations

from datetime import date
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.sheets.said_in_notes import holding_bound, titled_span
from nomarium.core.values import ORDERS, Order, day_words
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.tables import Grid


class Validity(NamedTuple):
    """The first and the last day on which something holds, one of both at least, and what says it."""

    first: date | None = None
    last: date | None = None
    rest: tuple[str, ...] = ()
    """What the text that says it says besides, before and behind the dates."""
    name: str = ""
    """The name that says it, as it stands, where it is one of a tab or a file."""

    @property
    def what(self) -> str:
        """What it is that holds, in words; "" where only dates are said."""
        return " ".join(self.rest).strip(" ,-–()")


def validity_in(text: str, order: Order | None, year: tuple[date, date] | None = None) -> Validity | None:
    """Return from when until when a caption says that what stands below it holds; None where it says neither.

    ``order`` is that of day and month, where it is known; without it, a date must be one in any, or in the ``year``
    of the school.
    """
    if (span := titled_span(text, order)) is not None:
        return Validity(span.first, span.last, tuple(filter(None, (span.before, span.behind))))
    bound = holding_bound(text, order, titled=True, year=year)
    if bound is None:
        return None
    rest = (bound.what,) if bound.what else ()
    return Validity(first=bound.day, rest=rest) if bound.name == "from" else Validity(last=bound.day, rest=rest)


def validity_by_name(grid: Grid, order: Order | None, year: tuple[date, date] | None = None) -> Validity | None:
    """Return from when until when a tab's name, else a file's, says that a sheet holds: "Rota 2 Nov to 18 Dec 2026".

    ``order`` and ``year`` are those of ``validity_in``.
    """
    return next(filter(None, (_named(name, order, year) for name in grid.names)), None)


def unclear_name(grid: Grid) -> str:
    """Return the name that says from when or until when a sheet holds, by a date that may be two; "" for none."""
    for name in grid.names:
        read = (_named(name, order, None) for order in ORDERS)
        if len({(held.first, held.last) for held in read if held is not None}) > 1:
            return name
    return ""


def validity_words(first: date | None, last: date | None) -> str:
    """Return bounds as they are told: "from Mon 7 Sep 2026 until Fri 18 Dec 2026"."""
    return " ".join(f"{word} {day_words(day)}" for word, day in (("from", first), ("until", last)) if day is not None)


def _named(name: str, order: Order | None, year: tuple[date, date] | None) -> Validity | None:
    text = _BETWEEN_DATES.sub(" to ", " ".join(name.replace("_", " ").split()))
    held = validity_in(text, order, year)
    return held._replace(name=name) if held is not None else None


_BETWEEN_DATES = regex(r"(?<=\d{4}-\d\d-\d\d) (?=\d{4}-\d\d-\d\d)")
"""Two dates with nothing but a blank between them: a name seldom says more."""
