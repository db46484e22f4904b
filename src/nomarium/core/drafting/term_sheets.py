"""What the sheets of terms of a folder say: from when until when, with which letters, and which days are off."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date, timedelta
from functools import cache
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.datesheets import read_breaks, read_closures, read_terms
from nomarium.core.drafting.sheets import FoundSheet, as_found, listed_dates

if TYPE_CHECKING:
    from nomarium.core.year import Closure, Term


def goes_through_the_year(listed: Sequence[FoundSheet], terms: Sequence[FoundSheet]) -> bool:
    """Tell whether lists of days span most of the terms, and are no example of some weeks."""
    days, spans = frozenset[date]().union(*map(listed_dates, listed)), _spans(terms)
    if not days:
        return False
    span = max(days) - min(days)
    if not spans:
        return span >= _TWO_WEEKS and len(days) * 2 > span.days
    return span * 4 > (max(term.last for term in spans) - min(term.first for term in spans)) * 3


_TWO_WEEKS = timedelta(days=11)
"""A list over so many days is the year, where no terms say how long it is."""


def first_day(terms: Sequence[FoundSheet]) -> str:
    """Return the first date of some sheets of terms as a plan writes it; an example of one where they have none."""
    return min((term.first for term in _spans(terms)), default=date(2026, 9, 8)).isoformat()


def each_says_its_letter(terms: Sequence[FoundSheet], closures: Sequence[FoundSheet]) -> bool:
    """Tell whether each term says with which letter its weeks begin, and no closure takes a whole week out of one."""
    spans = _spans(terms)
    if not spans or not all(term.letter for term in spans):
        return False
    if has_breaks(terms):
        return False
    closed = {day for sheet in closures for one in read_closures(as_found(sheet))[0].closures for day in one.days()}
    mondays = [day for term in spans for day in term.days() if day.weekday() == 0]
    return not any({monday + timedelta(days=day) for day in range(5)} <= closed for monday in mondays)


def has_breaks(terms: Sequence[FoundSheet]) -> bool:
    """Tell whether sheets of terms say themselves which days within these are off."""
    return any(_read(sheet).breaks for sheet in terms)


def _spans(terms: Sequence[FoundSheet]) -> list[Term]:
    return [term for sheet in terms for term in _read(sheet).terms]


class _Read(NamedTuple):
    terms: list[Term]
    breaks: list[Closure]


# A draft is written several times until it builds: its sheets are read once.
@cache
def _read(sheet: FoundSheet) -> _Read:
    terms, read, _ = read_terms(as_found(sheet))
    return _Read(terms, read_breaks(read, terms)[0] if read is not None else [])
