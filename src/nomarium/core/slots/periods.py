"""A text → the periods that it names: "P3", "Period 3" and "3rd" are 3, "3–4" is a double, "1, 4" are two."""

from __future__ import annotations

import re
from functools import cache

from nomarium.lazily import regex

_FOREIGN = (
    "lesuur|uur|stunde|std|stde|ora|hora|heure|lektion|lekcja|lekcia|time|tunti|tund|ders|hodina|hod|óra|урок|"
    "ώρα|tempo|pamoka|stunda|jaotund|ura|sat|час|séance|séquence|lektio|lekce|lektioner|tími|kennslustund|gwers|"
    "saioa|jam(?: ke)?|tiết|الحصة|حصة|שיעור|lecke|tanóra|školski sat|šolska ura|vyučovací hodina|"
    "vyučovacia hodina|godzina|lekcija|pelajaran|mësimi|ora e mësimit|økt|sessie|sesión|sessão|turno"
)
_EAST_ASIAN = r"第?\s*(?P<{name}>\d+)\s*(?:時限目?|時間目|校時|限目?|节课?|節課?|節目?|교시|차시)"
_AROUND = regex(
    r"(?:periods?|per|pd|p|blocks?|lessons?|hours?|slots?|bells?|bands?|lines?|modules?|mods?)\s*\.?\s*[:#-]?\s*(?P<after>\d+\w?)"
    r"|(?:periods?|blocks?|lessons?|slots?|bands?|lines?)\s*[:#-]?\s*(?P<name>\w{1,3})"
    r"|(?P<ordinal>\d+)(?:st|nd|rd|th|er|re|ère|ème|\.?ª|\.?º|\.?°|:[ae]|e)"
    rf"(?:\s+(?:period|block|lesson|hour|slot|aula|{_FOREIGN}))?"
    rf"|(?P<nth>\d+)(?:a|η|[-–]?(?:й|я|а|ий|ій|та))\s+(?:{_FOREIGN})"
    r"|(?P<before>\d+)\s*\.?\s*"
    rf"(?:period|block|lesson|hour|slot|{_FOREIGN})?"
    rf"|(?:{_FOREIGN})\s*\.?\s*(?P<foreign>\d+)|{_EAST_ASIAN.format(name='numbered')}",
    re.IGNORECASE,
)
_APART = regex(r"\s*(?:[,;/\n]|\band\b)\s*", re.IGNORECASE)
_TOGETHER = regex(r"\s*(?:[+&]|\bwith\b)\s*", re.IGNORECASE)
_RANGE = regex(r"(.+?)\s*(?:[-–—]|\bto\b)\s*(.+)", re.IGNORECASE)
LONGEST_NAME = 40
"""Characters of a period's name."""
_LONGEST_RANGE = 20
_DASHES = ("-", "–", "—")

Periods = tuple[str, ...]
"""Periods that were written as one: ("3",) or ("3", "4")."""


@cache
def bare_period(text: str) -> str:
    """Return a period's name without the word around it: "Period 1", "P1" and "1st" are "1", "Lunch" is "Lunch"."""
    text = " ".join(text.split()).strip(" .:")
    match = _AROUND.fullmatch(text)
    inner = next((part for part in match.groups() if part), "") if match else ""
    number = inner or text
    return str(int(number)) if number.isdecimal() and number.isascii() else number


@cache
def bare_block(text: str) -> str:
    """Return a block's name without the word around it, case folded: "Option B", "Block B" and "b" are one."""
    option = _OPTION.fullmatch(" ".join(text.split()))
    return (option["name"] if option else bare_period(text)).casefold()


_OPTION = regex(
    r"(?:options?|electives?|pool|column|wahlpflicht|wahlfach|optativa|opzione|keuze|valgfag|tillval)\s*[:#-]?\s*"
    r"(?P<name>\w{1,3})",
    re.IGNORECASE,
)


@cache
def read_periods(text: str) -> tuple[Periods, ...] | None:
    """Return the periods of a cell, those written as one together; None where the text cannot be periods."""
    groups: list[Periods] = []
    for part in _APART.split(text.strip()):
        group = _as_one(part)
        if not group:
            return None
        groups.append(group)
    return tuple(groups)


def _as_one(text: str) -> Periods:
    if not text or len(text) > LONGEST_NAME:
        return ()
    parts = [_expanded(part) for part in _TOGETHER.split(text)]
    return tuple(dict.fromkeys(name for part in parts for name in part)) if all(parts) else ()


def _expanded(text: str) -> Periods:
    """Return the periods of "1–3" or "A–C"; another text is a period itself."""
    match = _RANGE.fullmatch(text)
    first, last = (bare_period(part) for part in match.groups()) if match else ("", "")
    if first.isdecimal() and last.isdecimal() and 0 < int(last) - int(first) < _LONGEST_RANGE:
        return tuple(str(number) for number in range(int(first), int(last) + 1))
    if len(first) == len(last) == 1 and first.isalpha() and 0 < ord(last) - ord(first) < _LONGEST_RANGE:
        return tuple(chr(code) for code in range(ord(first), ord(last) + 1))
    if (
        text[-1:] in _DASHES
        or text[:1] in _DASHES
        or (match and any(character.isdigit() for character in first + last))
    ):
        return ()
    return (bare_period(text),)


def period_key(period: str) -> str:
    """Return what makes two spellings of a period's name one: case does not matter."""
    return period.casefold()
