"""A day of which only a part is school, or that is rung otherwise: "from 12:00", "starts two hours later"."""

from __future__ import annotations

import re
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from functools import cache

from nomarium.core.values import Clock, scan_span
from nomarium.lazily import regex

NOON, MIDNIGHT, END_OF_DAY = time(12), time(), time.max


@dataclass(frozen=True, slots=True)
class Shut:
    """Hours without school, local times of the school; ``whole`` leaves alone what begins before them."""

    first: time
    last: time
    whole: bool = False


@dataclass(frozen=True, slots=True)
class DayPart:
    """How a day differs from a usual one: in which hours there is no school, and how its bells ring."""

    shut: tuple[Shut, ...] = ()
    only: frozenset[str] = frozenset()
    """The periods that run, by their names in small letters; none for all."""
    without: frozenset[str] = frozenset()
    """The periods that do not run."""
    later: timedelta = timedelta(0)
    """How much later than usual every period is."""
    length: timedelta | None = None
    """How long each period is, the breaks between them being as usual."""
    words: str = field(default="", compare=False)
    """The words that say so."""

    def kept(self, start: time, end: time) -> tuple[time, time] | None:
        """Return what is left of some hours; None where nothing is."""
        for shut in self.shut:
            if shut.first <= start < shut.last and (shut.whole or end <= shut.last):
                return None
            if shut.whole:
                continue
            if start < shut.first < end:
                end = shut.first
            elif shut.first <= start < shut.last < end:
                start = shut.last
        return start, end


_NUMBERS = {
    "a": 1, "an": 1, "one": 1, "two": 2, "three": 3, "half": 0.5, "eine": 1, "zwei": 2, "une": 1, "deux": 2, "una": 1,
    "dos": 2,
}  # fmt: skip
_COUNT = r"(?P<count>\d+(?:[.,]\d+)?|" + "|".join(_NUMBERS) + r")(?P<more>\s*½|[- ]and[- ]a[- ]half)?"
_UNIT = r"[- ]?(?P<unit>h(?:ou)?rs?|h|min(?:ute)?s?|stunden?|minuten|heures?|horas?)"
_BEHIND = re.sub(r"\(\?P<(\w+)>", r"(?P<\g<1>2>", _COUNT + _UNIT)
_LATER = regex(
    rf"\b{_COUNT}{_UNIT}[- ](?:late|later|delay(?:ed)?|delayed (?:start|opening)|später|plus tard|más tarde)\b|"
    rf"\b(?:late|delayed?|starts late) (?:by|of) {_BEHIND}\b",
    re.IGNORECASE,
)
_LENGTH = regex(
    r"\b(?P<a>\d{2})[- ]?min(?:ute)?s?[- ](?:lessons|periods|classes|blocks)\b|"
    r"\b(?:lessons|periods|classes|blocks) (?:of|are|shortened to|cut to) (?P<b>\d{2}) ?min",
    re.IGNORECASE,
)
_PERIODS = regex(
    r"\b(?P<no>no |without |ohne |sans |sin )?(?:periods?|lessons?|blocks?|stunden?|heures?|p)\s*\.?"
    r"(?P<first>\d{1,2})(?:\s*(?:-|–|—|to|bis|à|a)\s*(?P<last>\d{1,2}))?(?P<only>\s+(?:only|nur|seulement|solo))?",
    re.IGNORECASE,
)
_AFTERNOON = r"afternoon|p\.m\.|after lunch|nachmittags?|après-midi|apres-midi|tarde|pomeriggio|middag|eftermiddag"
_MORNING = r"morning|a\.m\.|before lunch|vormittags?|matin|matinée|mañana|mattina|ochtend|formiddag|förmiddag"
_HALF = regex(
    rf"(?:^|[(,;:–—-]\s*|\b(?:closed|off|free|no school|no classes|no lessons)\s+(?:in the\s+|on the\s+)?)(?:the\s+)?"
    rf"(?:(?P<pm>{_AFTERNOON}|pm)|(?P<am>{_MORNING}|am))\s*(?P<only>only|nur|seulement|solo)?\s*(?:off|closed|free)?\s*\)?$",
    re.IGNORECASE,
)
_TIME = (
    r"(?P<time>noon|midday|\d{1,2}(?:[:hu]\d{2}|\.(?:00|1[3-9]|[2-5]\d)(?![.\d]))?\s*(?:uhr|h\b|[ap]\.?m\.?)?)(?![.\d])"
)
"""A time; after a dot only such minutes as are no month."""
_SHUT_FROM = regex(
    rf"\b(?:from|after|as of|ab|von|à partir de|dès|desde(?: las)?|dalle|vanaf|fra|från|closed from|out at)\s+{_TIME}"
    r"(?!\s*(?:-|–|to\b|\d))",
    re.IGNORECASE,
)
_SHUT_UNTIL = regex(
    rf"\b(?:until|till|before|up to|bis|jusqu.?à|hasta(?: las)?|fino alle|tot|til|till)\s+{_TIME}", re.IGNORECASE
)
_ENDS_AT = regex(
    rf"\b(?:ends?|closes?|closing|finish(?:es)?|dismissal|dismissed|release|school out|unterrichtsschluss|"
    rf"schluss|fin(?: des cours)?|salida)\s*(?:is\s+)?(?:at|um|à|a las)?\s*:?\s*{_TIME}|(?P<noon>noon) dismissal",
    re.IGNORECASE,
)
_STARTS_AT = regex(
    rf"\b(?:starts?|opens?|begins?|late start|late opening|unterrichtsbeginn|beginn|début(?: des cours)?|entrada)"
    rf"\s*(?:at|um|à|a las)?\s*:?\s*{_TIME}",
    re.IGNORECASE,
)
_SPAN = regex(
    r"\d{1,2}(?:[:.hu]\d{2})?\s*(?:[ap]\.?m\.?)?\s*(?:-|–|—|to|bis)\s*\d{1,2}(?:[:.hu]\d{2})\s*(?:[ap]\.?m\.?)?",
    re.IGNORECASE,
)


@cache
def read_day_part(text: str, *, closed: bool, surely: bool = False) -> DayPart | None:
    """Return how a day differs from a usual one, by the words that say so; None where they say nothing of it.

    ``closed`` reads words of what is closed ("afternoon", "13:00–16:00"), else of when there is school ("ends at
    12:15"). ``surely`` is for a cell that can only say this, where a bare "pm" or "12:00" does.
    """
    text = " ".join(text.split())
    if not text:
        return None
    return _rung(text, closed=closed) or _half(text, closed=closed) or _timed(text, closed=closed, surely=surely)


def _rung(text: str, *, closed: bool) -> DayPart | None:
    if match := _LATER.search(text):
        count, more, unit = (match[name] or match[f"{name}2"] for name in ("count", "more", "unit"))
        number = _NUMBERS.get(count.casefold()) or float(count.replace(",", "."))
        number += 0.5 if more else 0
        minutes = number * (1 if unit.casefold().startswith("m") else 60)
        return DayPart(later=timedelta(minutes=minutes), words=match[0])
    if match := _LENGTH.search(text):
        return DayPart(length=timedelta(minutes=int(match["a"] or match["b"])), words=match[0])
    match = _PERIODS.search(text)
    if match is None:
        return None
    first = int(match["first"])
    named = frozenset(str(number) for number in range(first, int(match["last"] or first) + 1))
    if match["only"]:
        return DayPart(only=named, words=match[0])
    return DayPart(without=named, words=match[0]) if closed or match["no"] else None


def _half(text: str, *, closed: bool) -> DayPart | None:
    match = _HALF.search(text)
    if match is None or not (
        closed or match["only"] or re.search(r"off|closed|free|no (?:school|classes|lessons)", text, re.I)
    ):
        return None
    only = bool(match["only"]) and not closed
    afternoon = bool(match["pm"]) is not only
    shut = Shut(NOON, END_OF_DAY, whole=True) if afternoon else Shut(MIDNIGHT, NOON, whole=True)
    return DayPart((shut,), words=match[0].strip(" (),;:–—-"))


def _timed(text: str, *, closed: bool, surely: bool) -> DayPart | None:
    for form, ends in ((_ENDS_AT, True), (_STARTS_AT, False)):
        if (match := form.search(text)) and (at := _time_in(match["time"] or "noon")):
            return _open_until(at, match[0]) if ends else _open_from(at, match[0])
    if (match := _SPAN.search(text)) and (hours := _span_in(match[0])):
        first, last = hours
        shut = (Shut(first, last),) if closed else (Shut(MIDNIGHT, first), Shut(last, END_OF_DAY))
        return DayPart(shut, words=match[0])
    for form, until in ((_SHUT_UNTIL, True), (_SHUT_FROM, False)):
        if (match := form.search(text)) and (at := _time_in(match["time"])):
            return _open_until(at, match[0]) if until is not closed else _open_from(at, match[0])
    at = _time_in(text) if surely else None
    return _open_until(at, text) if at else None


def _open_until(at: time, words: str) -> DayPart:
    return DayPart((Shut(at, END_OF_DAY),), words=words)


def _open_from(at: time, words: str) -> DayPart:
    return DayPart((Shut(MIDNIGHT, at),), words=words)


def _time_in(text: str) -> time | None:
    """Return a time of the school day; a bare number is none, "12 Uhr" and "1 pm" are."""
    bare = text.strip()
    span = None if bare.isdecimal() else scan_span(bare)
    if span is None or span.end is not None:
        return None
    return _clock_time(Clock().read(span.start).seconds)


def _span_in(text: str) -> tuple[time, time] | None:
    span = scan_span(text)
    if span is None or span.end is None:
        return None
    start, end = Clock.of({text: [span.start, span.end]}).read_span(span.start, span.end)
    return (_clock_time(start.seconds), _clock_time(end.seconds)) if start.seconds < end.seconds else None


def _clock_time(seconds: int) -> time:
    return (datetime.combine(date.min, time()) + timedelta(seconds=seconds)).time() if seconds < 86_400 else END_OF_DAY
