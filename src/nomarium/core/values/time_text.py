"""One text → the time or span of times that it can mean, before 12 or 24 hours are decided."""

from __future__ import annotations

import re
from enum import StrEnum
from typing import NamedTuple

from nomarium.core.values.words import normalised
from nomarium.lazily import regex


class Half(StrEnum):
    """Which half of the day a text names."""

    AM = "am"
    PM = "pm"


class TimeShape(NamedTuple):
    """A time as written. Hours run to 24, which is the end of the day."""

    hour: int
    minute: int
    second: int = 0
    half: Half | None = None
    certain: bool = False
    """Whether the text itself says that it counts 24 hours: a leading zero, "14h30", an hour of 13 and more, noon."""
    offset: int | None = None
    """Minutes east of UTC, where the text states them."""
    proves_24: bool = False
    """Whether the text proves 24 hours for the column that it stands in."""


class Span(NamedTuple):
    """A time, or from one time to another."""

    start: TimeShape
    end: TimeShape | None = None


_TIME = regex(
    r"(?:at |um |à |@ ?|kl(?:o|ockan)?\.? ?|(?:o )?godz\.? ?|alle (?:ore )?|ore |às |a las |om |ob |в |v |saat )?"
    r"(?:(?P<noon>(?:12(?:[:.]00)? ?)?(?:noon|midday))|(?P<midnight>(?:12(?:[:.]00)? ?)?midnight)"
    r"|(?P<hour>\d{1,2})(?:(?P<mark>[:h.u])(?P<minute>\d{1,2})(?:[:.](?P<second>\d{2})(?:[.,]\d+)?)?)?"
    r"|(?P<block>\d{3,4}))"
    r" ?(?P<half>a\.?m?\.?|p\.?m?\.?)?"
    r" ?(?P<clock>uhr|uur|u\.?|h|hrs?|hours|heures|horas|ore|hod\.?|o'clock)?"
    r" ?(?P<offset>z|utc|gmt|(?:utc|gmt|(?(second)|(?!-)))[+-]\d{1,2}(?::?\d{2})?)?"
)
_BETWEEN = regex(
    r" ?[–—−~→〜～] ?|->| (?:to|until|till|til|bis|through|à|a|às|as|até|tot|t/m|alle|al|do|hasta|fino alle) | - |-"
)
_AMID = regex(r"^(?:between|zwischen|entre|tra|tussen|mellan|mellem|mellom) (.+) (?:and|und|et|y|e|en|och|og) (.+)$")
_LEAD = regex(r"(?:from|between|von|de|das|dalle|od|van|fra|från) ")
_OPEN_END = regex(
    r"(?<=[\dmhr])(?: ?[-–] ?| )(?:(?:till?|until|to|bis) )?"
    r"(?:late|onwards?|close|closing|open end|ende offen|finish|spät)$"
)
"""“2 pm till late”: when it ends is not said."""
LONGEST_SPAN = 60
"""Characters of a time or span of times."""

ALL_DAY_WORDS = frozenset(
    "all day|all-day|allday|full day|whole day|ganztägig|ganztags|den ganzen tag|toute la journée|journée entière|"
    "todo el día|tutto il giorno|dia inteiro|o dia todo|hele dag|de hele dag|hele dagen|heldag|heldags|koko päivä|"
    "cały dzień|celý den|celý deň|egész nap|toată ziua|tüm gün|весь день|увесь день|цілий день|visą dieną|"
    "visu dienu|terve päev|kogu päev|cijeli dan|cel dan|ολοήμερο|όλη μέρα|終日".split("|")
)


def scan_time(text: str) -> TimeShape | None:
    """Return what a text means as one time, or None where it is none (or impossible, such as 25:00)."""
    return _time(normalised(text)) if len(text) <= LONGEST_SPAN else None


_ORDINAL = regex(r"\d\s?[ªº]")
"""“1ª” is the first of something, and not one o’clock."""


def scan_span(text: str) -> Span | None:
    """Return what a text means as a time or as a span of times ("9–10:30am"), or None."""
    if len(text) > LONGEST_SPAN or _ORDINAL.search(text):
        return None
    text = _AMID.sub(r"\1 - \2", normalised(text))
    text = _OPEN_END.sub("", _LEAD.sub("", text, count=1), count=1)
    single = _time(text)
    if single:
        return Span(single)
    for between in _BETWEEN.finditer(text):
        start, end = _time(text[: between.start()].strip()), _time(text[between.end() :].strip())
        if start and end:
            return Span(start, end)
    return None


_PARTS_TIMES = regex(r"\s*(?:[;,\n&/+]|\bu\.|\b(?:and|und|et|y|e|en|och|og|i|a|ja)\b)\s*")


def several_times(text: str) -> list[str]:
    """Return the times, or the spans of times, that a text names one behind the other: "10:30, 14:00"; else [].

    In "2 & 4 pm" both are in the afternoon; in "10 & 2 pm" nobody knows. Numbers alone are a date, or anything.
    """
    if len(text) > LONGEST_SPAN or not _PARTS_TIMES.search(text):
        return []
    parts = [part for part in _PARTS_TIMES.split(text.strip().casefold()) if part]
    shapes = [scan_span(part) for part in parts]
    times = [shape.start for shape in shapes if shape is not None and shape.end is None]
    if len(parts) < _SEVERAL or all(map(str.isdecimal, parts)) or None in shapes or 0 < len(times) < len(parts):
        return []
    half = times[-1].half if times else None
    if half is None or any(shape.half for shape in times[:-1]):
        return parts
    hours = [shape.hour % 12 for shape in times]
    return [*(f"{part} {half}" for part in parts[:-1]), parts[-1]] if hours == sorted(hours) else []


_SEVERAL = 2


def _time(text: str) -> TimeShape | None:
    match = _TIME.fullmatch(text)
    if not match:
        return None
    if match["noon"]:
        return TimeShape(12, 0, certain=True)
    if match["midnight"]:
        return TimeShape(24, 0, certain=True)
    digits = match["hour"] or match["block"]
    hour, minute = (int(digits), int(match["minute"] or 0)) if match["hour"] else (int(digits[:-2]), int(digits[-2:]))
    return _checked(match, hour, minute, _offset(match["offset"]))


def _checked(match: re.Match[str], hour: int, minute: int, offset: int | None) -> TimeShape | None:
    """Return the shape of a matched time, or None where its parts cannot be a time."""
    mark, second = match["mark"], int(match["second"] or 0)
    half = Half.AM if (match["half"] or "").startswith("a") else Half.PM if match["half"] else None
    possible = hour <= 24 and minute < 60 and second < 60 and not (hour == 24 and (minute or second))
    too_short = mark == "." and len(match["minute"]) == 1
    if not possible or too_short or (half and not 1 <= hour <= 12) or (half and match["clock"] and mark in ("h", "u")):
        return None
    digits = match["hour"] or match["block"]
    proves = half is None and (hour >= 13 or hour == 0)
    leading_zero = digits[0] == "0" and len(digits) > 1
    by_itself = (
        leading_zero
        or mark in ("h", "u")
        or match["clock"] in ("uhr", "uur", "u", "u.", "h", "heures", "horas", "ore", "hod", "hod.")
        or offset is not None
    )
    return TimeShape(hour, minute, second, half, proves or (half is None and by_itself), offset, proves)


def _offset(text: str | None) -> int | None:
    """Return minutes east of UTC of "z", "+02:00", "-0330", "utc+2"."""
    if text is None:
        return None
    digits = text.lstrip("utcgmz")
    if not digits:
        return 0
    sign = -1 if digits[0] == "-" else 1
    numbers = digits[1:].replace(":", "")
    hours, minutes = (numbers[:-2], numbers[-2:]) if len(numbers) > 2 else (numbers, "0")
    return sign * (int(hours) * 60 + int(minutes))
