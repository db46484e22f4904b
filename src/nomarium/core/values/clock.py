"""The clock of a column: whether its times count 12 or 24 hours, and what each then is."""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import time
from itertools import islice, pairwise
from typing import NamedTuple

from nomarium.core.values.time_text import Half, TimeShape
from nomarium.lazily import regex

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
    named: bool = False
    """Whether the text says am or pm."""


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
    hours_stated: bool = False
    """Whether that hour is what the user said."""
    of_all: Half | None = None
    """The half of the day that the heading names for all times of the column."""
    half_elsewhere: Mapping[tuple[int, int], Half] = field(default_factory=dict)
    """The half of the day in which other cells of the column have the same hour and minute."""
    unmarked: str | None = None
    """The first text that names no half of the day, where others of the column do, and none has its time."""

    evening: str | None = None
    """The first text that would be of the morning by itself, and is of the evening among the others."""

    def take_evenings(self, starts: Mapping[str, TimeShape]) -> None:
        """Read starts from five to nine that lie about seven, one hour after the other, as an evening's."""
        said = self.twenty_four or self.halves_named or self.of_all or self.hours_stated
        if said or any(shape.certain for shape in starts.values()):
            return
        hours = sorted({shape.hour for shape in starts.values()})
        together = all(after - before == 1 for before, after in pairwise(hours))
        if hours and _EVENING[0] <= hours[0] < self.earliest_hour <= hours[-1] <= _EVENING[1] and together:
            late = self.earliest_hour
            self.evening = next(text for text, shape in starts.items() if shape.hour >= late)
            self.earliest_hour = NOON // HOUR

    @classmethod
    def of(cls, times: Mapping[str, Iterable[TimeShape]], earliest_hour: int | None = None, heading: str = "") -> Clock:
        """Judge a column by the times of each distinct text, and by its heading: "Start (pm)".

        ``earliest_hour`` is that from which times of an unnamed half are read, where it is stated.
        """
        halves = {Half(f"{found[1]}m") for found in _HALF_IN_HEADING.finditer(heading.casefold())}
        clock = cls(of_all=halves.pop() if len(halves) == 1 else None, hours_stated=earliest_hour is not None)
        if earliest_hour is not None:
            clock.earliest_hour = earliest_hour
        for text, shapes in times.items():
            for shape in shapes:
                if shape.proves_24 and clock.proof is None:
                    clock.proof, clock.twenty_four = text, True
                clock.halves_named = clock.halves_named or shape.half is not None
        clock._compare(times)
        return clock

    def _compare(self, times: Mapping[str, Iterable[TimeShape]]) -> None:
        """Find what cells that name a half of the day say of those that do not."""
        if not self.halves_named:
            return
        named: dict[tuple[int, int], set[Half]] = {}
        for shape in (shape for shapes in times.values() for shape in shapes if shape.half):
            named.setdefault((shape.hour, shape.minute), set()).add(shape.half or Half.AM)
        self.half_elsewhere = {clock: halves.pop() for clock, halves in named.items() if len(halves) == 1}
        unmarked = (
            text
            for text, shapes in times.items()
            if not any(_is_told(shape) or (shape.hour, shape.minute) in named for shape in shapes)
        )
        self.unmarked = None if self.of_all else next((text for text in unmarked if times[text]), None)

    def read(self, shape: TimeShape) -> ClockTime:
        """Return the time that a shape is on this clock."""
        seconds = shape.minute * 60 + shape.second
        half = shape.half or (None if shape.certain else self.of_all)
        if half is not None:
            hours = shape.hour % 12 * HOUR + (NOON if half is Half.PM else 0)
            return ClockTime(hours + seconds, False, shape.offset, named=True)
        if shape.certain or (self.twenty_four and not self.halves_named):
            return ClockTime(shape.hour * HOUR + seconds, False, shape.offset)
        early = shape.hour % 12 * HOUR + seconds
        elsewhere = self.half_elsewhere.get((shape.hour, shape.minute))
        if elsewhere is not None:
            return ClockTime(early + (NOON if elsewhere is Half.PM else 0), assumed=True)
        return ClockTime(early if early >= self.earliest_hour * HOUR else early + NOON, assumed=True)

    def read_span(self, start: TimeShape, end: TimeShape) -> tuple[ClockTime, ClockTime]:
        """Return both times of a span; one that names no half of the day is read from the other one's."""
        last = self.read(end)
        first = start_before(self.read(start), last)
        return first, end_after(first, last)


def earliest_in_turn(starts: Sequence[TimeShape], usual: int) -> tuple[int, bool]:
    """Return from which hour times that follow one another are read on, and whether that is in doubt.

    Times that name no half of the day go down a sheet in their order: “6:30, 9:15, 10:00” never is 18:30, 9:15, 10:00.
    As written they are of the morning where they go on to noon, or ten; of the afternoon where they begin by four.
    Other orders keep the ``usual`` hour.
    """
    hours = [shape.hour for shape in starts]
    written = [shape.hour * 60 + shape.minute for shape in starts]
    if not hours or any(shape.half or shape.certain or shape.hour > NOON // HOUR for shape in starts):
        return usual, False
    if not (hours[0] < usual <= max(hours) and NOON // HOUR not in hours[:1]):
        return usual, False
    falls = [place for place, (before, after) in enumerate(pairwise(written), 1) if after <= before]
    if falls:  # over noon: what comes behind is of the afternoon, where it is before the first
        behind = written[falls[0] :]
        return (hours[0], False) if len(falls) == 1 and max(behind) < written[0] else (usual, False)
    if hours[0] <= _LATEST_AFTERNOON and hours[-1] >= NOON // HOUR:
        return hours[0], True
    if hours[0] <= _LATEST_AFTERNOON:  # “4:15, 5:00, 10:00”: afternoons of the week above the morning of a Saturday
        apart = any(after - before >= _GAP for before, after in pairwise(written))
        return (usual, True) if apart else (NOON // HOUR, False)
    return (hours[0], hours[-1] < NOON // HOUR) if hours[-1] >= _TEN else (NOON // HOUR, True)


_EVENING = 5, 9
_LATEST_AFTERNOON, _TEN = 4, 10
"""Nobody begins at four in the morning; an evening that begins at five or six mostly ends before ten."""
_GAP = 4 * 60
"""Minutes from one start to the next, beyond which they are of different days."""


def _is_told(shape: TimeShape) -> bool:
    """Tell whether a time says its half of the day, or is by itself likely to be noon: "12:30"."""
    return bool(shape.half) or shape.certain or shape.hour == NOON // HOUR


_HALF_IN_HEADING = regex(r"(?<![a-z])([ap])\.?m\b")


def start_before(start: ClockTime, end: ClockTime | None) -> ClockTime:
    """Return a start whose half of the day was assumed, in the half that an end with am or pm gives it."""
    if not (start.assumed and end and end.named):
        return start
    early = start.seconds % NOON
    return start._replace(seconds=early + NOON if early + NOON < end.seconds else early, assumed=False)


def end_after(start: ClockTime, end: ClockTime) -> ClockTime:
    """Return an end whose half of the day was assumed, in the half that its start gives it.

    The first that follows a start that says its own half; the other one where it would precede its start.
    """
    early = end.seconds % NOON
    if end.assumed and not (start.assumed or start.named) and end.seconds // HOUR == 12 and end.seconds > start.seconds:
        return end._replace(assumed=False)  # “12:30” behind “00:10” counts 24 hours as its start does
    if end.assumed and not start.assumed:
        halves = [half for half in (early, early + NOON) if half > start.seconds]
        return end._replace(seconds=halves[0] if halves else early, assumed=False)
    if end.assumed and end.seconds < start.seconds < early + NOON:
        return end._replace(seconds=early + NOON)
    return end


LATEST_USUAL_START = 17 * HOUR
"""What starts at 17:00 or later may end past midnight…"""
LONGEST_PAST_MIDNIGHT, LONGEST_NIGHT = 8 * HOUR, 16 * HOUR
"""…if it takes no longer than this, or than that where the sheet shows nights."""
NIGHT_FROM, LONGEST_TILL_MORNING = 19 * HOUR, 13 * HOUR
"""What starts at 19:00 or later may take as long as a night does: “21:45–07:15”."""


_NIGHT_WORDS = (
    "night shift duty on-call watch crew rota roster nacht schicht bereitschaft dienst nuit garde astreinte noche "
    "turno guardia notte reperibilità noite plantão wacht natt vakt vagt skift dyżur depart arriv train ferry flight "
    "voyage abfahrt ankunft départ salida llegada partenza arrivo vertrek aankomst avgång ankomst afgang avgang"
).split()
_NIGHTS = regex(rf"\b(?:{'|'.join(_NIGHT_WORDS)})".replace("-", "[- ]"), re.IGNORECASE)


def speaks_of_nights(texts: Iterable[str]) -> bool:
    """Tell whether headings or cells of a sheet speak of nights, shifts or watches."""
    left = iter(texts)
    while text := "\n".join(islice(left, _AT_ONCE)):
        lowered = text.lower().replace(" ", "-")
        if any(word in lowered for word in _NIGHT_WORDS) and _NIGHTS.search(text):
            return True
    return False


_AT_ONCE = 5_000
"""Texts that are looked at together: quicker than one by one, and no second copy of a long sheet."""


def may_pass_midnight(start: int, end: int, *, nights: bool) -> bool:
    """Tell whether a span whose end is before its start may end on the next day; both in seconds since midnight."""
    longest = LONGEST_TILL_MORNING if start >= NIGHT_FROM else LONGEST_PAST_MIDNIGHT
    return start >= LATEST_USUAL_START and end + DAY - start <= (LONGEST_NIGHT if nights else longest)
