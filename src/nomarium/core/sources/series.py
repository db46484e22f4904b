"""What events are made of: a Series says what, its Occurrences say when."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import datetime, timedelta

from nomarium.core.problems import Place
from nomarium.core.tables import Table
from nomarium.core.values import Person


@dataclass(frozen=True, slots=True)
class Occurrence:
    """When something happens once.

    ``start`` and ``end`` are local times of ``zone`` (an IANA name or "UTC"), without tzinfo. An all-day occurrence
    runs from midnight of its first day to the midnight after its last. ``end`` is never before ``start``.
    """

    start: datetime
    end: datetime
    all_day: bool
    zone: str


@dataclass(slots=True)
class Series:
    """What one row says about an event, once, and when it happens."""

    summary: str
    occurrences: tuple[Occurrence, ...]
    location: str = ""
    description: str = ""
    categories: tuple[str, ...] = ()
    url: str = ""
    status: str = ""
    """"", "CONFIRMED", "TENTATIVE" or "CANCELLED"."""
    visibility: str = ""
    """"", "PUBLIC", "PRIVATE" or "CONFIDENTIAL"."""
    busy: str = ""
    """"", "BUSY" or "FREE"."""
    id: str = ""
    """The sheet's own identifier of the event."""
    organizer: Person | None = None
    attendees: tuple[Person, ...] = ()
    reminders: tuple[timedelta, ...] = ()
    """How long before each start to remind."""
    table: Table | None = field(default=None, compare=False, repr=False)
    record: int = field(default=0, compare=False)
    """Which record of the table this is, counted from 0: where the row stands is worked out when it is asked."""

    @property
    def place(self) -> Place:
        """The row that it was read from."""
        return self.table.row_place(self.record) if self.table else Place("")
