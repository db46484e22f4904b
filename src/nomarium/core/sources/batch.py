"""Events in columns, as they travel from a sheet to its calendar: one event's object is made when it is asked for."""

from __future__ import annotations

from array import array
from collections import Counter
from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from itertools import compress
from operator import sub
from typing import TYPE_CHECKING, Any, Union, overload

from nomarium.core.sources.series import Occurrence, Series
from nomarium.core.values.wall import moment_of, wall_of

if TYPE_CHECKING:
    from nomarium.core.tables import Table


Events = Union["list[Series]", "EventBatch"]
"""Events one by one, or in columns."""


class EventBatch(Sequence[Series]):
    """Single events of one table, of one zone: each column holds one part of all of them.

    ``records`` are the table's records that they were read from. ``starts`` and ``ends`` are local moments as
    ``wall_of`` counts them; all-day events run from midnight to midnight. ``texts`` are what else a Series says, by
    its fields; a field that is empty in all events has no column. Nothing in a batch is ever changed: whoever changes
    events makes a list of it first.
    """

    __slots__ = ("all_day", "ends", "records", "starts", "table", "texts", "zone")

    def __init__(
        self,
        table: Table,
        records: Sequence[int],
        when: tuple[array[int], array[int], bytearray],
        texts: Mapping[str, Sequence[Any]],
        zone: str,
    ) -> None:
        self.table = table
        self.records = records
        self.starts, self.ends, self.all_day = when
        self.texts = texts
        self.zone = zone

    def __len__(self) -> int:
        return len(self.starts)

    @overload
    def __getitem__(self, index: int) -> Series: ...
    @overload
    def __getitem__(self, index: slice) -> list[Series]: ...
    def __getitem__(self, index: int | slice) -> Series | list[Series]:
        if isinstance(index, slice):
            return [self._series(one) for one in range(*index.indices(len(self)))]
        if not -len(self) <= index < len(self):
            raise IndexError(index)
        return self._series(index % len(self))

    def __iter__(self) -> Iterator[Series]:
        return map(self._series, range(len(self)))

    def _series(self, index: int) -> Series:
        when = Occurrence(
            moment_of(self.starts[index]), moment_of(self.ends[index]), bool(self.all_day[index]), self.zone
        )
        said = {name: column[index] for name, column in self.texts.items()}
        return Series(occurrences=(when,), table=self.table, record=self.records[index], **said)

    def column(self, name: str) -> Sequence[Any] | None:
        """Return what a field says in each event; None where it says nothing in any."""
        return self.texts.get(name)

    def chosen(self, kept: Sequence[int]) -> EventBatch:
        """Return the events for which ``kept`` has anything but 0, in a batch of their own."""
        when = (
            array("q", compress(self.starts, kept)),
            array("q", compress(self.ends, kept)),
            bytearray(compress(self.all_day, kept)),
        )
        texts = {name: list(compress(column, kept)) for name, column in self.texts.items()}
        return EventBatch(self.table, list(compress(self.records, kept)), when, texts, self.zone)


def without(events: Events, indices: Iterable[int]) -> Events:
    """Return events without some, told by their places among them, in the form in which they are."""
    kept = bytearray(b"\x01") * len(events)
    for index in indices:
        kept[index] = 0
    return events.chosen(kept) if isinstance(events, EventBatch) else list(compress(events, kept))


def starts_of(events: Events) -> Sequence[int]:
    """Return the first start of each event, as ``wall_of`` counts."""
    if isinstance(events, EventBatch):
        return events.starts
    return [wall_of(one.occurrences[0].start) for one in events]


def spans_of(events: Events) -> list[tuple[int, int]]:
    """Return the start and the end of each occurrence, as ``wall_of`` counts."""
    if isinstance(events, EventBatch):
        return list(zip(events.starts, events.ends, strict=True))
    return [(wall_of(when.start), wall_of(when.end)) for one in events for when in one.occurrences]


def longest_of(events: Events) -> int:
    """Return how many seconds the longest occurrence lasts; 0 for none."""
    if isinstance(events, EventBatch):
        return max(map(sub, events.ends, events.starts), default=0)
    return max((wall_of(when.end) - wall_of(when.start) for one in events for when in one.occurrences), default=0)


def maybe_alike(events: Events, sign: Callable[[str], str]) -> list[int]:
    """Return the places of the events that start and end with another and share with it what ``sign`` says of titles.

    Of events that repeat the first time counts.
    """
    ends = events.ends if isinstance(events, EventBatch) else [wall_of(one.occurrences[0].end) for one in events]
    times = [start << _SPAN_BITS | end - start for start, end in zip(starts_of(events), ends, strict=True)]
    counts = Counter(times)
    places = [place for place, time in enumerate(times) if counts[time] > 1] if len(counts) < len(times) else []
    titles = events.texts["summary"] if isinstance(events, EventBatch) else [one.summary for one in events]
    keys = [(times[place], sign(titles[place])) for place in places]
    alike = Counter(keys)
    return [place for place, key in zip(places, keys, strict=True) if alike[key] > 1]


_SPAN_BITS = 40
"""Enough for the seconds from any start to any end."""
