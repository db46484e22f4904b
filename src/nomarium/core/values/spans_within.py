"""Spans of times within longer texts: "17:30–19:00 Pool 2", "Early (7 am to 3 pm)"."""

from __future__ import annotations

import re
from collections.abc import Iterator
from itertools import pairwise
from typing import NamedTuple

from nomarium.core.values.languages import weekday_in_any
from nomarium.core.values.month_title import month_of
from nomarium.core.values.time_text import scan_span
from nomarium.lazily import regex

_ONE = (
    r"(?:12(?:[:.]00)?\s*)?(?:noon|midnight|midday)|"
    r"\d{1,2}(?:[:.hu]\d{2}|[hu])?\s*(?:[ap](?:\.?m)?\.?(?!\w))?(?!\s*(?:noon|midnight|midday)\b)"
)
_SPAN = regex(
    rf"(?<![\w:.])(?P<start>{_ONE})\s*(?:uhr\s*)?(?:[-–—~→]|\bto\b|\btill?\b|\buntil\b|\bbis\b|\bà\b|\ba\b|\btot\b|\btil\b|"
    rf"\balle\b|\bàs\b|\bdo\b|\bhasta\b|\baté\b)\s*"
    rf"(?P<end>{_ONE})(?:\s*(?:uhr|h|hrs|hours)\b)?(?!\w|[:.,]\d)",
    re.IGNORECASE,
)
_SURE = regex(r"[:.hu]\d{2}|[ap]\.?m|\d\s?p\b|\d\s?[hu]|noon|mid|\bhours|\bhrs", re.IGNORECASE)


_RISING = regex(r"(?:[5-9]|1\d|2[0-3])\s*[-–—]\s*(?:[6-9]|1\d|2[0-4])\s+[^\W\d_]")
"""Whole hours in front of words: "9–12 Ito"."""


_DIGITS = regex(
    r"\s*(?P<start>(?:[01]\d|2[0-3])[0-5]\d)\s*(?:h|hrs)?\s*[-–—]\s*(?P<end>(?:[01]\d|2[0-3])[0-5]\d)\s*(?:h|hrs)?\s*"
)
"""All of a text: “0800-0850”."""


_PART_OF_DAY = (
    r"(?:early|late|day|night|morning|afternoon|evening|am|pm|früh\w*|spät\w*|tag\w*|nacht\w*|vormittags?|nachmittags?|"
    r"abends?|matin|après-midi|soir|nuit|mañana|tarde|noche|mattin[ao]|pomeriggio|sera|notte|manhã|noite|ochtend|middag|"
    r"avond|nacht|morgon|dag|kväll|natt|eftermiddag|aften|morgen|kveld)(?:\s+(?:shift|duty|turn|session|slot))?"
)
_OF_SHIFT = regex(
    rf"\s*{_PART_OF_DAY}\s*[:(,]?\s*"
    r"(?P<span>(?P<start>[01]?\d|2[0-3])\s*(?:[-–—]|to|bis|à|a)\s*(?P<end>[01]?\d|2[0-4]))\s*(?:h|uhr|hrs?)?\s*\)?\s*",
    re.IGNORECASE,
)
"""A part of the day with its whole hours: “Noche (22-8)”."""


def _are_years(one: int, other: int) -> bool:
    """Tell whether two numbers are years rather than times: “2026-2027”."""
    return 1900 <= one < other < 2100 and (one % 5 > 0 or other % 5 > 0)


class Found(NamedTuple):
    """A span of times in a text: as it is written, and where it begins and ends."""

    text: str
    start: int
    end: int


def spans_in(text: str) -> Iterator[Found]:
    """Yield the spans of times in a text; "9-12" counts only as all of it, or in front of words: it may be anything.

    Of a text longer than any that people write about times, only the first part is looked at.
    """
    text = text[:_LOOKED_INTO]
    digits = _DIGITS.fullmatch(text)
    if digits and not _are_years(int(digits["start"]), int(digits["end"])):
        yield Found(" ".join(f"{at[:2]}:{at[2:]}" for at in digits.groups()).replace(" ", "–"), 0, len(text))
        return
    if of_shift := _OF_SHIFT.fullmatch(text):
        yield Found(f"{of_shift['start']}:00–{of_shift['end']}:00", *of_shift.span("span"))
        return
    matches = list(_SPAN.finditer(text))
    sure = [
        _SURE.search(match[0]) is not None
        or match[0].strip() == text.strip()
        or (not match.start() and _RISING.match(text) is not None)
        for match in matches
    ]
    pairs = [
        (number, before)
        for number, (before, after) in enumerate(pairwise(matches), 1)
        if _AND.fullmatch(text[before.end() : after.start()])
    ]
    for number, _ in pairs:  # “9–12 and 2–5 Ito”, “9–12 and 14–17 Uhr”: both are times
        sure[number] |= sure[number - 1] and not _is_of_month(text, matches[number])
    for number, before in reversed(pairs):
        sure[number - 1] |= sure[number] and _leads(text, before)
    found = [
        Found(" ".join(match[0].split()), *match.span())
        for match, is_sure in zip(matches, sure, strict=True)
        if is_sure and scan_span(match[0]) is not None and not _TWO_CLASSES.fullmatch(match[0].strip())
    ]
    found += [
        Found(_till_its_end(lasting), *lasting.span())
        for lasting in _LASTING.finditer(text)
        if not any(match.start() <= lasting.start() < match.end() for match in matches)
    ]
    yield from sorted(found, key=lambda one: one.start)


_LOOKED_INTO = 2_000
_LASTING = regex(
    r"(?<![\w:.])(?P<hour>[01]?\d|2[0-3])(?:[:.h](?P<minute>[0-5]\d)|(?=\s*[ap]\.?m\b))\s*(?P<half>[ap]\.?m\.?)?\s*"
    r"(?:[(,/]|\bfor\b|\bfür\b)\s*"
    r"(?P<length>\d{1,3})\s*(?P<unit>min(?:s|utes?|uten|uti|utos|uter)?|hours?|hrs?|h|std|stunden?)\b\.?\)?",
    re.IGNORECASE,
)
"""A start with how long it takes: “16:30 (45 min)”, “4.30 pm for 1 hour”."""
_MINUTES_OF_NOON = 720


def _till_its_end(lasting: re.Match[str]) -> str:
    """Return a start and its length as the span that they are, the end written on the clock of its start."""
    start = int(lasting["hour"]) * 60 + int(lasting["minute"] or 0)
    length = int(lasting["length"]) * (1 if lasting["unit"][0] in "mM" else 60)
    half, end = lasting["half"] or "", start + length
    if half:
        of_day = start % _MINUTES_OF_NOON + (_MINUTES_OF_NOON if half[0] in "pP" else 0)
        start, end = of_day, of_day + length
    elif start < _MINUTES_OF_NOON + 60 <= end:
        end -= _MINUTES_OF_NOON  # “12:30 (45 min)”: the column’s other times say which clock it is
    return "–".join(f"{minutes // 60 % 24}:{minutes % 60:02d}" for minutes in (start, end))


def _leads(text: str, match: re.Match[str]) -> bool:
    """Tell whether nothing but a weekday, or a word that leads to times, stands ahead of a span."""
    ahead = without_preposition(text[: match.start()])
    return not ahead or weekday_in_any(ahead.strip(" .:,")) is not None


def _is_of_month(text: str, match: re.Match[str]) -> bool:
    """Tell whether a month stands behind what may be a span of times: days are meant, “2–23 February”."""
    behind = _WORD.match(text, match.end())
    return behind is not None and month_of(behind["word"]) is not None


_WORD = regex(r"\.?\s+(?:de\s+|of\s+)?(?P<word>[^\W\d_]{3,})")


def is_and(text: str) -> bool:
    """Tell whether a text is nothing but what may stand between two spans of times."""
    return _AND.fullmatch(text) is not None


_TWO_CLASSES = regex(r"\d{1,2}a\s*[-–—]\s*\d{1,2}a", re.IGNORECASE)
"""“5a-6a” are classes as often as hours of the morning."""
_AND = regex(
    r"\s*(?:[,;/&+\n]|\bu\.|\b(?:and|und|et|y|e|en|och|og|i)\b)\s*(?:(?:from|von|de|ab|dalle)\s+)?", re.IGNORECASE
)


def hours_of_part(text: str) -> str:
    """Return the hours that stand beside a part of the day and nothing else: "Morning (9–12)"; "" for other texts."""
    span = span_in(text)
    beside = f"{text[: span.start]}{text[span.end :]}".strip(" ,:()–-") if span else ""
    return span.text if span and _BESIDE_HOURS.fullmatch(beside) else ""


_BESIDE_HOURS = regex(_PART_OF_DAY, re.IGNORECASE)
_PREPOSITION = regex(
    r"(?:^|(?<=\s))(?:at|from|between|de(?: las)?|das|dalle(?: ore)?|delle|ore|von|um|kl\.?|klo|fra|från|van|om|à|od|"
    r"desde(?: las)?)$",
    re.IGNORECASE,
)


def without_preposition(text: str) -> str:
    """Return what stands ahead of a span of times without the word that leads to it: "Tuesdays at", "martes de las"."""
    return _PREPOSITION.sub("", text.strip()).rstrip(" ,:")


def spans_with_days(text: str) -> Iterator[tuple[str, Found]]:
    """Yield each span of times in a text with the days ahead of it, or behind the only one: "Tue 4–5pm & Thu 5–6pm"."""
    before = 0
    found = list(spans_in(text))
    for span in found:
        days = text[before : span.start].strip(_AROUND_WORDS)
        if not days and len(found) == 1:
            days = text[span.end :].strip(_AROUND_WORDS)
        before = span.end
        yield without_preposition(_LEADING_AND.sub("", days)), span


def words_behind_spans(text: str) -> str:
    """Return the words behind the last span of times in a text that has its days ahead; "" for none."""
    found = list(spans_in(text))
    behind = text[found[-1].end :].strip(_AROUND_WORDS) if found else ""
    alone = len(found) == 1 and not text[: found[0].start].strip(_AROUND_WORDS)
    return "" if alone else behind


_AROUND_WORDS = " ,;:/()–-\n"
_LEADING_AND = regex(r"^(?:[&+]|(?:and|und|et|y|e|en|och|og|i)\b)\s*", re.IGNORECASE)


def is_span(text: str) -> bool:
    """Tell whether a text is a span of times, but for a mark or two around it."""
    return (span := span_in(text)) is not None and len(span.text) + _MARKS_AROUND >= len(text)


_MARKS_AROUND = 2


def span_in(text: str) -> Found | None:
    """Return the first span of times in a text; None where there is none."""
    return next(spans_in(text), None)


def ends_as_written(text: str) -> tuple[str, str]:
    """Return the start and the end of a span of times as they are written; of a time alone, it twice."""
    parts = _BETWEEN.split(text.strip())
    return parts[0], parts[-1]


_BETWEEN = regex(r"\s*(?:[-–—~→]|\b(?:to|till?|until|bis|tot|til)\b)\s*", re.IGNORECASE)
