"""Spells over several days that a title gives all entries: "On call from Friday 17:00 to Monday 8:00"."""

from __future__ import annotations

import re
from typing import NamedTuple

from nomarium.core.values import TimeShape, scan_time, weekday_in_any
from nomarium.lazily import regex

_CLOCK = (
    r"(?:at |um |à |a las |alle |om |kl\.? ?)?(?P<{end}>\d{{1,2}}(?:[:.h]\d{{2}})?(?:\s*[ap]\.?m\.?)?)"
    r"(?: ?(?:uhr|h)\b)?"
)
_SPELL = regex(
    rf"(?P<first>[^\W\d_]{{2,12}})\.?,?\s+{_CLOCK.format(end='start')}\s*(?:-|–|—|to|until|till|bis|à|au|a|al|tot|til|till)\s*"
    rf"(?P<last>[^\W\d_]{{2,12}})\.?,?\s+{_CLOCK.format(end='end')}",
    re.IGNORECASE,
)
_MINUTES_OF_A_DAY = 1440


class Spell(NamedTuple):
    """A time on a weekday (Monday is 0), as it is written, and how many minutes later it ends."""

    weekday: int
    start: str
    minutes: int

    @property
    def length(self) -> str:
        """How long it lasts, as a list of events says it."""
        return f"{self.minutes // 60} h" if not self.minutes % 60 else f"{self.minutes} min"


def spell_in(text: str) -> Spell | None:
    """Return the one spell from a weekday and time to another that a text names; None for none, several or a doubt."""
    found = list(_SPELL.finditer(text))
    if len(found) != 1:
        return None
    said = found[0]
    days = [weekday_in_any(said[name]) for name in ("first", "last")]
    shapes = [scan_time(said[name]) for name in ("start", "end")]
    counts_24 = any(shape is not None and (shape.certain or shape.proves_24) for shape in shapes)
    clocks = [_minute(shape, counts_24=counts_24) for shape in shapes]
    first, last, start, end = *days, *clocks
    if first is None or last is None or start is None or end is None or (first == last and start < end):
        return None  # "Mon 9:00 to Mon 17:00" may be of one day or of eight
    return Spell(first, said["start"], ((last - first) % 7 or 7) * _MINUTES_OF_A_DAY + end - start)


def _minute(shape: TimeShape | None, *, counts_24: bool) -> int | None:
    """Return the minute of the day of a time; None where nothing says which half of the day it is in."""
    if shape is None or (shape.half is None and not counts_24):
        return None
    hour = shape.hour if shape.half is None else shape.hour % 12 + 12 * (shape.half == "pm")
    return hour * 60 + shape.minute
