"""Titles, places and descriptions from patterns such as "{course} ({class})"."""

from __future__ import annotations

from collections.abc import Collection, Mapping
from difflib import get_close_matches
from functools import lru_cache

from nomarium.core.columns import heading_key
from nomarium.core.problems import WrongCall
from nomarium.lazily import regex

_PLACE = regex(r"\{([^{}]*)\}")
_BRACKETED = regex(r"\s*[(\[]([^()\[\]]*)[)\]]")
_PARTS = regex(r"(\s*(?:,|;|\||\n| – | - |: )\s*)")

SLOT_NAMES = ("day", "period")
"""What every date of one slot has in common."""
DATE_NAMES = ("date", "weekday", "week", "letter", "term", "start", "end")
"""What differs from date to date."""


class Pattern:
    """A pattern with its places; where those of a part are all empty, the part falls away."""

    def __init__(self, text: str) -> None:
        self.text = text.replace("\\n", "\n")
        self.names = tuple(dict.fromkeys(_PLACE.findall(self.text)))
        self.by_date = any(name in DATE_NAMES for name in self.names)

    def check(self, known: Collection[str]) -> None:
        """Raise WrongCall where nothing fills a place."""
        for name in self.names:
            if not any(spelling in known for spelling in _spellings(name)):
                near = get_close_matches(name, list(known), 1)
                meant = f"Did you mean {{{near[0]}}}? " if near else ""
                every = ", ".join(f"{{{one}}}" for one in sorted(known))
                raise WrongCall(f"Nothing fills {{{name}}} in “{self.text}”.", f"{meant}There are: {every}.")

    def fill(self, values: Mapping[str, str]) -> str:
        """Return the text with its places filled."""
        found = (next((values[key] for key in _spellings(name) if key in values), "") for name in self.names)
        return _filled(self.text, tuple(found), self.names)


@lru_cache(maxsize=1_000)
def _spellings(name: str) -> tuple[str, str, str]:
    """Return the keys that a place may mean: a field, or a heading in any spelling."""
    return name, name.casefold(), heading_key(name)


@lru_cache(maxsize=50_000)
def _filled(text: str, values: tuple[str, ...], names: tuple[str, ...]) -> str:
    by_name = dict(zip(names, values, strict=True))
    if not all(values):
        text = _without_empty(text, by_name)
    return _PLACE.sub(lambda match: by_name[match[1]], text).strip(" ,;|–-:\n")


def _without_empty(text: str, values: Mapping[str, str]) -> str:
    """Take out brackets, then parts between commas and the like, that have places and none of them filled."""

    def is_empty(part: str) -> bool:
        names = _PLACE.findall(part)
        return bool(names) and not any(values[name] for name in names)

    lines = text.split("\n")
    text = "\n".join(line for line in lines if len(lines) == 1 or not is_empty(line))
    text = _BRACKETED.sub(lambda match: "" if is_empty(match[1]) else match[0], text)
    parts = _PARTS.split(text)
    kept = ""
    for index in range(0, len(parts), 2):
        if not is_empty(parts[index]):
            kept += (parts[index - 1] if index and kept else "") + parts[index]
    return kept
