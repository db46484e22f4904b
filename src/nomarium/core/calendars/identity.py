"""The UID of each event: worked out from what makes it that event, so that the next import finds it again."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Callable, Mapping, Sequence
from datetime import datetime
from hashlib import blake2b
from typing import TYPE_CHECKING

from nomarium.core.sources import EventBatch
from nomarium.core.values.wall import WallTexts
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sources import Occurrence, Series

_NAMESPACE = b"nomarium event"
"""What keeps our UUIDs apart from those that others make of the same names (at most 16 octets)."""
_KEYED = blake2b(digest_size=16, person=_NAMESPACE)

_GLOBAL_ID = regex(r"[^\s@]+@[^\s@]+|[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}", re.IGNORECASE)


def assign_uids(calendar: str, series: Sequence[Series]) -> list[str]:
    """Return the UID of each occurrence, in order.

    An id from the sheet that is unique in the world (an address-like one, a UUID) is the UID itself; another is unique
    within the calendar of that name. Without one, the title and start make the UID; then, only among events that
    share these, the place, then the end, then the order.
    """
    if isinstance(series, EventBatch):
        return _of_batch(calendar, series)
    named = [one for one in series if one.id and (one.of_repeat or len(one.occurrences) == 1)]
    if not named:
        return _by_contents(calendar, series)
    own_ids = {id(one) for one in named}
    rest = iter(_by_contents(calendar, [one for one in series if id(one) not in own_ids]))
    return [
        _uid_of(calendar, one, occurrence) if id(one) in own_ids else next(rest)
        for one in series
        for occurrence in one.occurrences
    ]


def _uid_of(calendar: str, one: Series, occurrence: Occurrence) -> str:
    """Return the UID by an event's id, and where it repeats, by its start too; that of a calendar file stays."""
    known_by = occurrence.known_by or occurrence.start
    identifier = occurrence_id(one.id, known_by) if one.of_repeat else one.id
    return identifier if one.uid_kept else _by_id(calendar, identifier)


def occurrence_id(identifier: str, start: datetime) -> str:
    """Return the id of one occurrence of a repeating event."""
    return f"{identifier}/{start:%Y%m%dT%H%M%S}"


def _by_id(calendar: str, identifier: str) -> str:
    return identifier if _GLOBAL_ID.fullmatch(identifier) else stable_uuid(f"{calendar}\x1fid\x1f{identifier}")


def _of_batch(calendar: str, batch: EventBatch) -> list[str]:
    """Return the UIDs of events in columns: by their ids, where they have any, else by what they say."""
    ids = batch.column("id") or ()
    if not any(ids):
        return _by_columns(calendar, batch)
    rest = iter(_by_columns(calendar, batch.chosen([not identifier for identifier in ids])))
    return [_by_id(calendar, identifier) if identifier else next(rest) for identifier in ids]


def _by_columns(calendar: str, batch: EventBatch) -> list[str]:
    stamps = WallTexts("%Y-%m-%d", "T%H:%M:%S")
    titles, starts, places = batch.texts["summary"], batch.starts, batch.column("location")

    def name(index: int) -> str:
        return f"{calendar}\x1f{titles[index]}\x1f{stamps[starts[index]]}"

    parts = (lambda index: places[index] if places else "", lambda index: stamps[batch.ends[index]])
    return _told_apart(len(batch), name, parts)


def _by_contents(calendar: str, series: Sequence[Series]) -> list[str]:
    events = [(one, occurrence) for one in series for occurrence in one.occurrences]
    stamps = {start: start.isoformat() for start in {occurrence.start for _, occurrence in events}}

    def name(index: int) -> str:
        one, occurrence = events[index]
        return f"{calendar}\x1f{one.summary}\x1f{stamps[occurrence.start]}"

    parts = (lambda index: events[index][0].location, lambda index: events[index][1].end.isoformat())
    return _told_apart(len(events), name, parts)


def _told_apart(count: int, name: Callable[[int], str], parts: Sequence[Callable[[int], str]]) -> list[str]:
    """Return the UUIDs of so many events by their names.

    Where events share theirs, parts of them (the place, then the end), then the order are added to it.
    """
    uids = [stable_uuid(name(index)) for index in range(count)]
    if len(set(uids)) == count:
        return uids
    counts = Counter(uids)
    shared = [index for index, uid in enumerate(uids) if counts[uid] > 1]
    names = {index: name(index) for index in shared}
    for part in (*parts, _order(names)):
        again = Counter(names[index] for index in shared)
        shared = [index for index in shared if again[names[index]] > 1]
        names |= {index: f"{names[index]}\x1f{part(index)}" for index in shared}
    for index, told_apart in names.items():
        uids[index] = stable_uuid(told_apart)
    return uids


def _order(names: Mapping[int, str]) -> Callable[[int], str]:
    """Return what counts the events of one name, in their order."""
    taken = Counter[str]()

    def number(index: int) -> str:
        taken[names[index]] += 1
        return str(taken[names[index]])

    return number


def stable_uuid(name: str) -> str:
    """Return the UUID of a name (RFC 9562, version 8: 118 bits of BLAKE2b of the name, keyed with our namespace)."""
    hashed = _KEYED.copy()
    hashed.update(name.encode("utf-8", "replace"))
    digest = hashed.hexdigest()
    return f"{digest[:8]}-{digest[8:12]}-8{digest[13:16]}-a{digest[17:20]}-{digest[20:]}"
