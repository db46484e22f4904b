"""Two sets of events → what is added, gone, moved or changed between them."""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from datetime import date
from enum import StrEnum

from nomarium.core.history.entries import TEXT_FIELDS, Entry
from nomarium.core.history.field_words import field_words, properties_that_differ
from nomarium.core.history.pairing import pair


class What(StrEnum):
    """What became of an event."""

    ADDED = "added"
    GONE = "gone"
    MOVED = "moved"
    CHANGED = "changed"


@dataclass(frozen=True, slots=True)
class Difference:
    """One event that is not the same before and after."""

    what: What
    before: Entry | None
    after: Entry | None
    certain: bool = True
    """Whether before and after are surely the same event."""

    @property
    def entry(self) -> Entry:
        """The event as it is now, or as it was."""
        found = self.after or self.before
        if found is None:
            raise ValueError("a difference is of an event")
        return found

    def touches(self, first: str, last: str) -> bool:
        """Tell whether the event is or was on any day from one to another ("2026-09-08")."""
        midnight = f"{first}T00:00:00"
        sides = [one for one in (self.before, self.after) if one]
        return any(one.start[:10] <= last and (one.start >= midnight or one.end > midnight) for one in sides)

    def fields(self) -> list[tuple[str, str, str]]:
        """Return the fields that differ, in words: (name, before, after)."""
        if self.before is None or self.after is None:
            return []
        pairs = zip(TEXT_FIELDS, self.before.texts, self.after.texts, strict=True)
        changed: list[tuple[str, str, str]] = []
        for name, old, new in pairs:
            if name == "extra" and old != new:
                changed += properties_that_differ(old, new)
            elif old != new:
                changed.append((name, field_words(name, old), field_words(name, new)))
        times = (("start", 1), ("end", 2), ("all_day", 3), ("zone", 4))
        return [
            *(
                (name, str(self.before[at]), str(self.after[at]))
                for name, at in times
                if self.before[at] != self.after[at]
            ),
            *changed,
        ]


@dataclass(slots=True)
class Differences:
    """All differences between two sets of events, and how many are the same."""

    found: list[Difference] = field(default_factory=list)
    same: int = 0
    fresh: int = 0
    """Events that are new because nothing was there before: they are counted, and not listed."""

    def within(self, first: date | None, last: date | None) -> Differences:
        """Return those of which the event is, or was, on a day of a span, both included; ``same`` stays."""
        days = (first or date.min).isoformat(), (last or date.max).isoformat()
        return replace(self, found=[one for one in self.found if one.touches(*days)])

    def counts(self) -> Counter[What]:
        """Return how many there are of each kind."""
        counts = Counter(difference.what for difference in self.found)
        counts[What.ADDED] += self.fresh
        return counts

    @property
    def gone(self) -> list[Entry]:
        """The events that are no more."""
        return [d.before for d in self.found if d.what is What.GONE and d.before is not None]


def differences(before: Mapping[str, Entry], after: Mapping[str, Entry], *, pairing: bool = False) -> Differences:
    """Compare two sets of events by their UIDs; with ``pairing``, what is left over by likeness, too."""
    found = Differences()
    gone = [entry for uid, entry in before.items() if uid not in after]
    come = [entry for uid, entry in after.items() if uid not in before]
    for uid, new in after.items():
        old = before.get(uid)
        if old is None:
            continue
        if old[1:] == new[1:]:
            found.same += 1
        else:
            found.found.append(_difference(old, new, certain=True))
    for one in pair(gone, come) if pairing else ():
        gone.remove(one.old)
        come.remove(one.new)
        if one.old[1:] == one.new[1:]:
            found.same += 1
        else:
            found.found.append(_difference(one.old, one.new, certain=one.certain))
    found.found += [Difference(What.GONE, entry, None) for entry in gone]
    found.found += [Difference(What.ADDED, None, entry) for entry in come]
    found.found.sort(key=lambda difference: (difference.entry.start, difference.entry.title, difference.entry.uid))
    return found


def _difference(old: Entry, new: Entry, *, certain: bool) -> Difference:
    what = What.MOVED if old.moment != new.moment else What.CHANGED
    return Difference(what, old, new, certain)


def share_gone(gone: int, before: int) -> float:
    """Return which share of the events before is gone."""
    return gone / before if before else 0.0
