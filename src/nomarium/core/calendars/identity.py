"""The UID of each event: worked out from what makes it that event, so that the next import finds it again."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterable, Sequence
from hashlib import sha1

from nomarium.core.sources import Occurrence, Series

_NAMESPACE = bytes.fromhex("4b1d4c0e6f2b5d3a9a7c0e8b7d5f2c61")
"""Our own namespace for name-based UUIDs (RFC 9562, 5.5)."""

_GLOBAL_ID = re.compile(r"[^\s@]+@[^\s@]+|[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}", re.IGNORECASE)


def assign_uids(calendar: str, series: Sequence[Series]) -> list[str]:
    """Return the UID of each occurrence, in order.

    An id from the sheet that is unique in the world (an address-like one, a UUID) is the UID itself; another is unique
    within the calendar of that name. Without one, the title and start make the UID; then, only among events that
    share these, the place, then the end, then the order.
    """
    uids: list[str | None] = []
    unnamed: list[tuple[Series, Occurrence]] = []
    for one in series:
        for occurrence in one.occurrences:
            if one.id and len(one.occurrences) == 1:
                uids.append(one.id if _GLOBAL_ID.fullmatch(one.id) else _uuid((calendar, "id", one.id)))
            else:
                uids.append(None)
                unnamed.append((one, occurrence))
    names = iter(_names(unnamed))
    return [uid or _uuid((calendar, *next(names))) for uid in uids]


def _names(events: Iterable[tuple[Series, Occurrence]]) -> list[tuple[str, ...]]:
    """Return the shortest distinct name of each event."""
    whole = [
        (one.summary, occurrence.start.isoformat(), one.location, occurrence.end.isoformat())
        for one, occurrence in events
    ]
    by_two = Counter(name[:2] for name in whole)
    if len(by_two) == len(whole):
        return [name[:2] for name in whole]
    by_three, by_four = Counter(name[:3] for name in whole), Counter(whole)
    taken: Counter[tuple[str, ...]] = Counter()
    names: list[tuple[str, ...]] = []
    for name in whole:
        if by_two[name[:2]] == 1:
            names.append(name[:2])
        elif by_three[name[:3]] == 1:
            names.append(name[:3])
        elif by_four[name] == 1:
            names.append(name)
        else:
            taken[name] += 1
            names.append((*name, str(taken[name])))
    return names


def _uuid(name: tuple[str, ...]) -> str:
    """Return the UUID of a name (RFC 9562, version 5: SHA-1 of the namespace and the name)."""
    digest = sha1(_NAMESPACE + "\x1f".join(name).encode("utf-8", "replace"), usedforsecurity=False).hexdigest()
    variant = "89ab"[int(digest[16], 16) & 3]
    return f"{digest[:8]}-{digest[8:12]}-5{digest[13:16]}-{variant}{digest[17:20]}-{digest[20:32]}"
