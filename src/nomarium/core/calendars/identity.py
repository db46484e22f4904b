"""The UID of each event: worked out from what makes it that event, so that the next import finds it again."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterable, Sequence
from datetime import datetime
from hashlib import blake2b
from typing import TYPE_CHECKING

from nomarium.core.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sources import Occurrence, Series

_NAMESPACE = b"nomarium event"
"""What keeps our UUIDs apart from those that others make of the same names (at most 16 octets)."""

_GLOBAL_ID = regex(r"[^\s@]+@[^\s@]+|[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}", re.IGNORECASE)


def assign_uids(calendar: str, series: Sequence[Series]) -> list[str]:
    """Return the UID of each occurrence, in order.

    An id from the sheet that is unique in the world (an address-like one, a UUID) is the UID itself; another is unique
    within the calendar of that name. Without one, the title and start make the UID; then, only among events that
    share these, the place, then the end, then the order.
    """
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


def _by_contents(calendar: str, series: Sequence[Series]) -> list[str]:
    events = [(one, occurrence) for one in series for occurrence in one.occurrences]
    stamps = {start: start.isoformat() for start in {occurrence.start for _, occurrence in events}}
    titled = [f"{calendar}\x1f{one.summary}\x1f{stamps[occurrence.start]}" for one, occurrence in events]
    if len(set(titled)) < len(titled):
        titled = _told_apart(titled, events)
    return list(map(stable_uuid, titled))


def _told_apart(names: list[str], events: Iterable[tuple[Series, Occurrence]]) -> list[str]:
    """Return the names, with the place, then the end, then the order added to those that are shared."""
    further = [(f"\x1f{one.location}", f"\x1f{occurrence.end.isoformat()}") for one, occurrence in events]
    for part in (0, 1):
        counts = Counter(names)
        names = [name + more[part] if counts[name] > 1 else name for name, more in zip(names, further, strict=True)]
    counts, taken = Counter(names), Counter[str]()
    told_apart = []
    for name in names:
        taken[name] += 1
        told_apart.append(f"{name}\x1f{taken[name]}" if counts[name] > 1 else name)
    return told_apart


def stable_uuid(name: str) -> str:
    """Return the UUID of a name (RFC 9562, version 8: 118 bits of BLAKE2b of the name, keyed with our namespace)."""
    digest = blake2b(name.encode("utf-8", "replace"), digest_size=16, person=_NAMESPACE).hexdigest()
    return f"{digest[:8]}-{digest[8:12]}-8{digest[13:16]}-a{digest[17:20]}-{digest[20:]}"
