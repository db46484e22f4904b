"""The clock of a column: whether its times count 12 or 24 hours, and what each then is."""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from datetime import time
from typing import NamedTuple

from nomarium.core.values.time_text import Half, TimeShape

HOUR = 3600
NOON = 12 * HOUR
DAY = 24 * HOUR


def time_at(seconds: int) -> time:
    """Return the time of day so many seconds after a midnight, of whichever day, to the minute."""
    return time(seconds % DAY // HOUR, seconds // 60 % 60)


class ClockTime(NamedTuple):
    """A time of day in seconds since midnight; 86,400 is the end of the day."""

    seconds: int
    assumed: bool = False
    """Whether the half of the day was not stated but taken from the hours of the working day."""
    offset: int | None = None
    """Minutes east of UTC where the text states them: then it is no local time."""


@dataclass(slots=True)
class Clock:
    """How a column's times are read."""

    twenty_four: bool = False
    proof: str | None = None
    """The text that proves 24 hours."""
    halves_named: bool = False
    """Whether any text says am or pm."""
    earliest_hour: int = 7
    """Times of an unnamed half are read from this hour on, for twelve hours."""

    @classmethod
    def of(cls, times: Mapping[str, Iterable[TimeShape]], earliest_hour: int = 7) -> Clock:
        """Judge a column by the times of each distinct text."""
        clock = cls(earliest_hour=earliest_hour)
        for text, shapes in times.items():
            for shape in shapes:
                if shape.proves_24 and clock.proof is None:
                    clock.proof, clock.twenty_four = text, True
                clock.halves_named = clock.halves_named or shape.half is not None
        return clock

    def read(self, shape: TimeShape) -> ClockTime:
        """Return the time that a shape is on this clock."""
        seconds = shape.minute * 60 + shape.second
        if shape.half is not None:
            return ClockTime(
                shape.hour % 12 * HOUR + (NOON if shape.half is Half.PM else 0) + seconds, False, shape.offset
            )
        if shape.certain or (self.twenty_four and not self.halves_named):
            return ClockTime(shape.hour * HOUR + seconds, False, shape.offset)
        early = shape.hour % 12 * HOUR + seconds
        return ClockTime(early if early >= self.earliest_hour * HOUR else early + NOON, assumed=True)

    def read_span(self, start: TimeShape, end: TimeShape) -> tuple[ClockTime, ClockTime]:
        """Return both times of a span; one that names no half of the day is read from the other one's."""
        first, last = self.read(start), self.read(end)
        if first.assumed and end.half is not None:
            return _latest_before(first, last), last
        if last.assumed and start.half is not None:
            return first, _earliest_after(last, first)
        return first, end_after(first, last)


def _latest_before(time: ClockTime, end: ClockTime) -> ClockTime:
    early = time.seconds % NOON
    return ClockTime(early + NOON if early + NOON < end.seconds else early)


def _earliest_after(time: ClockTime, start: ClockTime) -> ClockTime:
    early = time.seconds % NOON
    return ClockTime(early if early > start.seconds else early + NOON)


def end_after(start: ClockTime, end: ClockTime) -> ClockTime:
    """Return an end whose half of the day was assumed, moved to the other half where it would precede its start."""
    if end.assumed and end.seconds < start.seconds < end.seconds % NOON + NOON:
        return ClockTime(end.seconds % NOON + NOON, assumed=True)
    return end


LATEST_USUAL_START = 17 * HOUR
"""What starts at 17:00 or later may end past midnight…"""
LONGEST_PAST_MIDNIGHT, LONGEST_NIGHT = 8 * HOUR, 14 * HOUR
"""…if it takes no longer than this, or than that where the sheet shows nights."""


_NIGHTS = re.compile(
    r"\b(?:night|shift|duty|on[- ]call|watch|crew|nacht|schicht|nuit|noche|turno|notte|vakt)", re.IGNORECASE
)


def speaks_of_nights(texts: Iterable[str]) -> bool:
    """Tell whether headings or cells of a sheet speak of nights, shifts or watches."""
    return any(map(_NIGHTS.search, dict.fromkeys(texts)))


def may_pass_midnight(start: int, end: int, *, nights: bool) -> bool:
    """Tell whether a span whose end is before its start may end on the next day; both in seconds since midnight."""
    return start >= LATEST_USUAL_START and end + DAY - start <= (LONGEST_NIGHT if nights else LONGEST_PAST_MIDNIGHT)
