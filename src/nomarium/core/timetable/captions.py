"""Whose timetable a grid is: from its caption, its sheet's name, and what other sheets prove."""

from __future__ import annotations

import re
from collections.abc import Iterable, Sequence
from typing import NamedTuple

from nomarium.core.sheets import Known

_KINDS = {
    "teacher": "teacher|instructor|tutor|staff|lehrer|prof|professor",
    "class": "class|form|section|klasse",
    "room": "room|shop|raum|salle",
    "student": "student|pupil|apprentice|schüler",
}
OWNERS = tuple(_KINDS)
"""What a grid may be the timetable of."""
_LABELLED = re.compile(
    "|".join(rf"(?P<{name}>(?:{words})\b\s*[:.–-]?\s*)" for name, words in _KINDS.items()), re.IGNORECASE
)
_AROUND = re.compile(
    r"\b(?:weekly |cycle |class )?(?:timetable|time table|schedule)\b(?:\s+(?:of|for))?\s*[:–-]?", re.IGNORECASE
)
_DIVISION = re.compile(r"division\s*[:–-]?\s*(.+)", re.IGNORECASE)


class Owner(NamedTuple):
    """Whose grid it is: "teacher", "class", "room", "student" or "" where that is not known, and the name."""

    kind: str
    name: str
    division: str = ""


def owner_of(captions: Sequence[str], fallback: str, each: str, known: Known, divisions: Iterable[str]) -> Owner:
    """Return whose grid it is. ``captions`` stand above it, the nearest first; ``fallback`` is the sheet's name."""
    by_key = {name.casefold(): name for name in divisions}
    texts, division = [], ""
    for caption in captions:
        match = _DIVISION.fullmatch(caption.strip())
        named = by_key.get((match[1] if match else caption).strip().casefold())
        if named:
            division = named
        else:
            texts.append(_AROUND.sub("", " ".join(caption.split())).strip(" :–-"))
    texts = [text for text in [*texts, fallback] if text]
    for text in texts:
        match = _LABELLED.match(text)
        if match and match.lastgroup and match.end() < len(text):
            return Owner(match.lastgroup, _name(text, match, known), division)
    for text in texts:
        kinds = known.kinds(text) & set(_KINDS)
        if each in kinds or len(kinds) == 1:
            return Owner(each if each in kinds else kinds.pop(), text, division)
    return Owner(each, texts[0] if texts else "", division)


def each_by_name(name: str) -> str:
    """Return whose grids a file holds, by its name ("teachers 2026": teacher); "" where that does not tell."""
    words = {word.removesuffix(plural) for word in re.split(r"[\W\d_]+", name.casefold()) for plural in ("", "s", "es")}
    kinds = [kind for kind, known in _KINDS.items() if not words.isdisjoint(known.split("|"))]
    return kinds[0] if len(kinds) == 1 else ""


def is_usual_name(sheet: str) -> bool:
    """Tell whether a tab's name is one that programs give, or says only what it is: "Sheet1", "Timetable"."""
    return bool(_USUAL.fullmatch(sheet.strip()))


_USUAL = re.compile(
    r"(?:sheet|tabelle|feuil(?:le)?|hoja|foglio|blad|ark|planilha|timetable|grid|codes|list|data|export|page)[\W\d_]*.{0,12}",
    re.IGNORECASE,
)


def _name(text: str, match: re.Match[str], known: Known) -> str:
    """Return the name behind a label; "Room 12" where other sheets know it with its label."""
    return text if known.kinds(text) else text[match.end() :].strip()
