"""The labels of a cycle's days as people write them: "Day A", "D1", "J1" and "B-Day" are A, 1, 1 and B."""

from __future__ import annotations

import re
from collections.abc import Sequence

from nomarium.lazily import regex

LETTERS, NUMBERS = tuple("ABCDEFGHIJKL"), tuple(map(str, range(1, 13)))
"""What labels usually are."""
PLAIN_LABELS = frozenset({*LETTERS, *NUMBERS})

_WORDS_AROUND = regex(
    r"(?:cycle|rotation|school|schedule|workshop)?\s*(?:day|week|jour|tag|día|dia|giorno|dag|journée)\b\s*[:#-]?\s*(?P<after>\S.*)|"
    r"(?P<before>\S+?)[\s-]*(?:day|week|tag|dag)|(?P<ordinal>\d+)(?:st|nd|rd|th)|[dwj](?P<number>\d+)",
    re.IGNORECASE,
)

_BETWEEN_LANGUAGES, _LANGUAGES = regex(r"\s*[/|]\s*"), 2


def label_order(label: str) -> tuple[int, str]:
    """Return what puts labels in order: numbers by size, all else by the alphabet."""
    return (int(label) if label.isdecimal() else 0, label)


def bare_label(text: str, labels: Sequence[str]) -> str:
    """Return the label that a text means: itself, or without the word "day" around it ("Day A", "D1", "B-Day")."""
    by_key = {label.casefold(): label for label in labels}
    text = " ".join(text.split()).strip(" .")
    if text.casefold() in by_key or not text:
        return by_key.get(text.casefold(), text)
    if len(sides := _BETWEEN_LANGUAGES.split(text)) == _LANGUAGES:  # “Day 1 / Jour 1”
        said = {bare_label(side, labels) for side in sides}
        return said.pop() if len(said) == 1 else text
    match = _WORDS_AROUND.fullmatch(text)
    inner = next((part for part in match.groups() if part), "").strip(" .()") if match else ""
    return by_key.get(inner.casefold(), inner if inner and not labels else text)
