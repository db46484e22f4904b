"""What was read from a calendar file, beside what a sheet of events is."""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass, field

from nomarium.core.sources import EventSheet


@dataclass(slots=True)
class CalendarFile(EventSheet):
    """What was read from a calendar file."""

    counts: Counter[str] = field(default_factory=Counter)
    """Components by their names, repeating events and changed occurrences apart."""
    bounded: bool = False
    """Whether only some days were asked for."""
