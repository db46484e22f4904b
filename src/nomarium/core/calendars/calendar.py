"""A calendar: a name, and events with the identities that they have in it."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from functools import cached_property
from itertools import compress
from operator import not_
from typing import TYPE_CHECKING, Protocol

from nomarium.core.calendars.identity import assign_uids
from nomarium.core.sources import EventBatch
from nomarium.core.values.wall import moment_of

if TYPE_CHECKING:
    from nomarium.core.sources import Occurrence, Series


class Stamper(Protocol):
    """What gives each event the lines that say when it was last changed."""

    def __call__(self, series: Series, occurrence: Occurrence, uid: str, lines: str) -> str:
        """Return the lines of an event with those in their place; ``uid`` is its line, ``lines`` are all others."""


@dataclass(frozen=True)
class Calendar:
    """What one calendar file holds: its name, its events, and the UID of each occurrence in their order."""

    name: str
    series: Sequence[Series]
    uids: Sequence[str]
    stamps: Sequence[str] | str | Stamper | None = None
    """For each occurrence, the lines that say when it was last changed; a text where they are the same in all."""
    head: Sequence[str] = ()
    """Further lines of its head."""

    @classmethod
    def of(cls, name: str, series: Sequence[Series], scope: str = "") -> Calendar:
        """Make a calendar of events, in the order given, working out their UIDs.

        ``scope`` keeps them apart from like events of other calendars; never the name of a file, which may change.
        """
        return cls(name, series, assign_uids(scope, series))

    def one_by_one(self) -> Calendar:
        """Return it with its events as objects that stay, for whoever tells them apart by what they are."""
        return replace(self, series=list(self.series)) if isinstance(self.series, EventBatch) else self

    def occurrences(self) -> Iterator[Occurrence]:
        """All occurrences, in the order of the UIDs."""
        return (occurrence for one in self.series for occurrence in one.occurrences)

    def made(self) -> Iterator[tuple[Series, list[str]]]:
        """Each of its events with the UIDs of its occurrences."""
        uids = iter(self.uids)
        return ((one, [next(uids) for _ in one.occurrences]) for one in self.series)

    def span(self) -> tuple[datetime, datetime] | None:
        """The first start and the last end (local times), or None where there are no events."""
        if isinstance(self.series, EventBatch) and self.series:
            return moment_of(min(self.series.starts)), moment_of(max(self.series.ends))
        occurrences = self._distinct
        if not occurrences:
            return None
        return min(o.start for o in occurrences), max(o.end for o in occurrences)

    def zones(self) -> list[str]:
        """The zones of its timed events, sorted."""
        if isinstance(self.series, EventBatch):
            return [self.series.zone] if self.is_timed and self.series.zone else []
        return sorted({o.zone for o in self._distinct if not o.all_day and o.zone})

    @property
    def is_timed(self) -> bool:
        """Whether any of its events has a time of day."""
        if isinstance(self.series, EventBatch):
            return 0 in self.series.all_day
        return any(not one.occurrences[0].all_day for one in self.series)

    def timed_span(self, zone: str) -> tuple[datetime, datetime]:
        """The first start and the last end of the timed events in one of its zones."""
        if isinstance(self.series, EventBatch):
            first = min(compress(self.series.starts, map(not_, self.series.all_day)))
            return moment_of(first), moment_of(max(compress(self.series.ends, map(not_, self.series.all_day))))
        whens = [occurrence for occurrence in self._distinct if occurrence.zone == zone and not occurrence.all_day]
        last = max(o.end for o in whens)
        for series in self.series:
            if series.recurrence is not None and series.occurrences[0].zone == zone:
                last = max(last, series.recurrence.last_day(series.occurrences[0].start))
        return min(o.start for o in whens), last

    @cached_property
    def _distinct(self) -> list[Occurrence]:
        """Each occurrence once: rows that say the same about when share one."""
        return list({id(occurrence): occurrence for occurrence in self.occurrences()}.values())
