"""Events that stand twice: at the same time, under titles that say the same but for a slip of the finger."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass
from datetime import UTC, datetime, timedelta
from enum import StrEnum
from functools import cache
from typing import TYPE_CHECKING
from zoneinfo import ZoneInfo

from nomarium.core.sources import EventBatch, maybe_alike
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sources import Occurrence, Series

_WORD = regex(r"\w+")
_SLIP_FROM = 5
"""Words from this length may differ by one letter: shorter ones, and those with digits, are told apart by it."""


class Likeness(StrEnum):
    """What makes two events one."""

    TITLE = "the same title"
    MORE = "something added to the title"
    MOVED = "another time"


@dataclass(frozen=True, slots=True)
class Double:
    """An event, and another that says the same."""

    kept: Series
    """The one that says more; of two that say as much, the first."""
    other: Series
    likeness: Likeness = Likeness.TITLE


def _nobody(_: Series) -> object:
    return None


def find_doubles(
    events: Iterable[Series], *, alike_only: bool = False, whose: Callable[[Series], object] = _nobody
) -> list[Double]:
    """Return the events that stand twice: same times, same repeat, near-same title, no two different places.

    Events with the same UID are one event, and such as are equal in all are told elsewhere. Those that are not the
    same people's, by ``whose``, are no doubles.
    """
    groups: dict[object, list[Series]] = {}
    known: dict[int, object] = {}  # events that are at the same time mostly share the occurrence that says so
    for event in events:
        plain = len(event.occurrences) == 1 and event.recurrence is None and event.replaces is None
        single = event.occurrences[0] if plain else None
        when = known.get(id(single)) if single else _moments(event)
        if when is None:
            when = known[id(single)] = _moments(event)
        groups.setdefault((when, whose(event)), []).append(event)
    return [double for group in groups.values() if len(group) > 1 for double in _in_group(group, alike_only=alike_only)]


def maybe_doubles(events: Sequence[Series]) -> Sequence[Series]:
    """Return those events that may stand twice: of events in columns, only these become objects."""
    if not isinstance(events, EventBatch):
        return events
    return [events[place] for place in maybe_alike(events, _first_letter)]


def _first_letter(text: str) -> str:
    """Return what near-same titles have in common at their least."""
    return next((sign.casefold()[:1] for sign in text if sign.isalnum() or sign == "_"), "")


_ADDED = regex(r"\s*[(\[][^()\[\]]*[)\]]\s*$|\s+[-–—|:/]\s.*$|:\s.*$")
"""What people add behind a title: in brackets, or behind a dash or colon."""
_BEFORE = regex(r"^[(\[][^()\[\]]*[)\]]\s*|^[^:|–—-]{1,20}(?::|\s[-–—|])\s+")
"""And in front of it."""


def find_longer(events: Iterable[Series]) -> list[Double]:
    """Return events at the same time of which one title is the other with something added: "Tea", "Tea (A)"."""
    groups: dict[object, list[Series]] = {}
    for event in events:
        groups.setdefault(_moments(event), []).append(event)
    found = []
    for group in groups.values():
        plain = {_words(event.summary): event for event in reversed(group)} if len(group) > 1 else {}
        for event in group if plain else ():
            bases = {_words(_ADDED.sub("", event.summary)), _words(_BEFORE.sub("", event.summary))}
            for base in bases - {_words(event.summary), ()}:
                other = plain.get(base)
                if other is not None and _one_place(event, other):
                    found.append(Double(event, other, Likeness.MORE))
    return found


_NEAR = timedelta(days=7)


def find_moved(events: Iterable[Series]) -> list[Double]:
    """Return pairs of events of one title, as long as each other: the only two of it, at most a week apart, or two
    that overlap.

    Such a pair may be an event and what was left of it when it was moved; it may as well be two.
    """
    titled: dict[tuple[str, ...], list[Series]] = {}
    for event in events:
        titled.setdefault(_words(event.summary), []).append(event)
    found = []
    for several in titled.values():
        pairs = [(several[0], several[1])] if len(several) == 2 else _overlapping(several)
        for one, other in pairs:
            if _is_moved(one, other):
                kept, less = sorted((one, other), key=_says, reverse=True)
                found.append(Double(kept, less, Likeness.MOVED))
    return found


def _overlapping(events: Iterable[Series]) -> Iterator[tuple[Series, Series]]:
    """Yield each two neighbours that overlap, none of them twice."""
    ordered = sorted(events, key=lambda event: event.occurrences[0].start)
    place = 1
    while place < len(ordered):
        one, other = ordered[place - 1], ordered[place]
        if other.occurrences[0].start < one.occurrences[0].end:
            yield one, other
            place += 1
        place += 1


def _is_moved(one: Series, other: Series) -> bool:
    if one.recurrence or other.recurrence or one.id == other.id or len(one.occurrences) + len(other.occurrences) > 2:
        return False
    first, second = one.occurrences[0], other.occurrences[0]
    same_kind = first.all_day == second.all_day and first.end - first.start == second.end - second.start
    return same_kind and timedelta(0) < abs(first.start - second.start) <= _NEAR and _one_place(one, other)


def _one_place(one: Series, other: Series) -> bool:
    return len({_words(place) for place in (one.location, other.location) if place}) < 2


def _in_group(group: Sequence[Series], *, alike_only: bool) -> Iterator[Double]:
    shape = _words if alike_only else _shape
    by_shape: dict[tuple[str, ...], list[Series]] = {}
    for event in group:
        by_shape.setdefault(shape(event.summary), []).append(event)
    for several in by_shape.values():
        kept: list[Series] = []
        # Sorting is stable: of two that say as much, the first one stays.
        for event in sorted(several, key=_says, reverse=True) if len(several) > 1 else ():
            twin = next((other for other in kept if _is_double(other, event)), None)
            if twin is None:
                kept.append(event)
            else:
                yield Double(twin, event)


def _is_double(one: Series, other: Series) -> bool:
    if one == other or (one.id and one.id == other.id):
        return False
    return _one_place(one, other) and near_same(one.summary, other.summary)


def near_same(one: str, other: str) -> bool:
    """Tell whether two titles are the same but for capitals, spaces, signs, and a letter in a long word or two."""
    return _are_near(_words(one), _words(other))


@cache
def _are_near(one: tuple[str, ...], other: tuple[str, ...]) -> bool:
    return len(one) == len(other) and all(map(_is_slip, one, other))


@cache
def _is_slip(one: str, other: str) -> bool:
    if one == other:
        return True
    if min(len(one), len(other)) < _SLIP_FROM or one[0] != other[0] or not (one + other).isalpha():
        return False
    from rapidfuzz.distance import OSA

    return OSA.distance(one, other, score_cutoff=1) == 1


@cache
def _shape(text: str) -> tuple[str, ...]:
    """Return what titles must share to be near-same: words that allow no slip, and the first letters of the others."""
    return tuple(word if len(word) < _SLIP_FROM or not word.isalpha() else word[0] for word in _words(text))


@cache
def _words(text: str) -> tuple[str, ...]:
    return tuple(_WORD.findall(text.casefold()))


def _says(event: Series) -> int:
    """Return how many fields of an event say anything."""
    fields = (event.location, event.description, event.categories, event.url, event.organizer, event.attendees)
    return sum(map(bool, (*fields, event.reminders)))


def _moments(event: Series) -> object:
    """Return when an event is, the same for the same instants in any zone."""
    first = event.occurrences[0]
    whens = tuple(map(_moment, event.occurrences)) if len(event.occurrences) > 1 else _moment(first)
    return (whens, event.recurrence, event.replaces) if event.recurrence or event.replaces else whens


def _moment(occurrence: Occurrence) -> tuple[datetime, datetime, bool]:
    if occurrence.all_day or not occurrence.zone:
        return occurrence.start, occurrence.end, occurrence.all_day
    return _instant(occurrence.start, occurrence.zone), _instant(occurrence.end, occurrence.zone), False


@cache
def _instant(wall: datetime, zone: str) -> datetime:
    return wall.replace(tzinfo=ZoneInfo(zone)).astimezone(UTC)
