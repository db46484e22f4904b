"""Places behind the times of a cell, "Mon 17:30–18:30 Field 2", "10:00 @ Gym" → a column of their own."""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from nomarium.core.columns.fields import TIMED_FIELDS
from nomarium.core.columns.matches import Matches
from nomarium.core.tables import Cell, Column
from nomarium.core.values import looks_like_place, spans_in, words_behind_spans
from nomarium.lazily import regex

if TYPE_CHECKING:
    from collections.abc import Sequence

    from nomarium.core.columns.fields import SheetKind

_FIELDS = frozenset({"", "slot", "day", "period", *TIMED_FIELDS})
_MAY_END = regex(
    r"\d\s?(?:[ap]\.?m\.?|h|uhr|u)?\)?[\s,;@(–-]+(?:@\s*|at |in )?\w*[^\W\d_]\w*(?:[\s.-]+\w+){0,3}\)?\s*$", re.I
)
"""What ends in words behind a number: quick to look for."""
_CLOCK = regex(r"(?<![\d:.])\d{1,2}(?:[:.h]\d{2}(?:\s*[ap]\.?m\b\.?)?|\s*[ap]\.?m\b\.?)(?![:.]?\d)", re.IGNORECASE)
_BEHIND = regex(r"[\s,;(–-]*(?:@\s*|(?:at|in)\s+(?:the\s+)?)?(?P<place>[^\W_][^,;()\n]*?)\s*\)?\s*", re.IGNORECASE)
_APART = regex(r"\s*[,;\n]\s*")
_LONGEST = 200


def part_places(matches: Matches, sheet: SheetKind) -> None:
    """Give the places that stand behind times a column of their own, where no other column has places."""
    name = next((name for name in ("location", "room") if name in sheet.names), "")
    if not name or not matches.open(name):
        return
    for match in matches.all:
        if match.field not in _FIELDS or not (match.is_free or match.field in TIMED_FIELDS):
            continue
        short = [cell for cell in match.column.distinct if isinstance(cell, str) and len(cell) <= _LONGEST]
        texts = list(filter(_MAY_END.search, short))
        parts = _parted(texts)
        if not parts or any(map(places_apart, texts)) or not (match.field or _has_times(match.column)):
            continue
        matches.part(match, parts, name, "places stand behind its times")
        return


def _parted(texts: Sequence[str]) -> dict[Cell, tuple[str, str]]:
    """Return the texts behind whose times places stand, each in two; where most words there are places, all names."""
    named = {text: found for text in texts if (found := _words_behind(text))}
    sure = {text for text in named if parted_place(text)}
    mostly = len(sure) * 2 > len(named)
    return {text: parts for text, parts in named.items() if text in sure or (mostly and _NAME.fullmatch(parts[1]))}


_NAME = regex(r"[^\W\d_a-z]\S*(?: \S+)?")


def _has_times(column: Column) -> bool:
    """Tell whether most cells of a column have a time of day."""
    timed = sum(isinstance(cell, str) and _CLOCK.search(cell[:_LONGEST]) is not None for cell in column.distinct)
    return timed * 2 > len(column.distinct)


def places_apart(text: str) -> list[tuple[str, str]]:
    """Return each part of a text that has days and one span of times, with its place; none where not all have.

    Days without a time go with those behind them: "Mon, Wed 5–6pm Field 2; Fri 6–7pm Gym".
    """
    if len(text) > _LONGEST or _MAY_END.search(text) is None or _APART.search(text) is None:
        return []
    found: list[tuple[str, str]] = []
    ahead = ""
    for part in _APART.split(text):
        ahead = f"{ahead}, {part}" if ahead else part
        spans = list(spans_in(ahead))
        if not spans:
            continue
        parted = parted_place(ahead) or (ahead, "")
        if len(spans) > 1 or not ahead[: spans[0].start].strip() or words_behind_spans(parted[0]):
            return []
        found.append(parted)
        ahead = ""
    several = len(found) > 1 and any(place for _, place in found[:-1])
    return found if several and not ahead else []


def parted_place(text: str) -> tuple[str, str] | None:
    """Return a text up to its last time, and the place behind that; None where no place stands there."""
    found = _words_behind(text)
    return found if found and (_AT.match(text, len(found[0])) or looks_like_place(found[1])) else None


_AT = regex(r"[\s,;(–-]*(?:@|(?:at|in)\b)", re.IGNORECASE)


def _words_behind(text: str) -> tuple[str, str] | None:
    """Return a text up to its last time, and the words behind that; None where none stand there."""
    if len(text) > _LONGEST or _MAY_END.search(text) is None:
        return None
    ends = [*(span.end for span in spans_in(text)), *(found.end() for found in _CLOCK.finditer(text))]
    found = _BEHIND.fullmatch(text, max(ends)) if ends else None
    return (text[: max(ends)], found["place"]) if found else None
