"""What events are made of: a Series says what, its Occurrences say when."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import datetime, timedelta
from typing import TYPE_CHECKING

from nomarium.core.problems import Place

if TYPE_CHECKING:
    from nomarium.core.repeats import Recurrence
    from nomarium.core.tables import Table
    from nomarium.core.values import Person


@dataclass(frozen=True, slots=True)
class Occurrence:
    """When something happens once.

    ``start`` and ``end`` are local times of ``zone`` (an IANA name, "UTC", "" for floating), without tzinfo. All-day
    runs from midnight of its first day to the midnight after its last. ``end`` is never before ``start``.
    """

    start: datetime
    end: datetime
    all_day: bool
    zone: str
    known_by: datetime | None = field(default=None, compare=False)
    """The start by which it is known in its series, where it has been moved since."""


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
    extra: tuple[str, ...] = ()
    """Properties of a calendar file that nothing here stands for, as they were written, unfolded."""
    of_repeat: bool = False
    """Whether its occurrences are those of a repeat: each is then known by its id and its start."""
    recurrence: Recurrence | None = None
    """How it repeats, where that is told as a rule; its occurrence is then the first only."""
    replaces: datetime | None = None
    """The start of the occurrence of its event that it stands for, where that is told as a rule."""
    uid_kept: bool = field(default=False, compare=False)
    """Whether its id is a UID already, from a calendar."""
    origin: Place | None = field(default=None, compare=False)
    """Where it was read, if that is no table."""

    @property
    def place(self) -> Place:
        """The row, or the line of a calendar file, that it was read from."""
        if self.origin is not None:
            return self.origin
        return self.table.row_place(self.record) if self.table else Place("")
