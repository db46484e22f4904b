"""Cells of a grid that say themselves in which weeks they hold: "Week A: Maths / Week B: Art"."""

from __future__ import annotations

import re
from collections.abc import Collection
from typing import NamedTuple

from nomarium.lazily import regex

_WORD = r"(?:weeks?|wk|woche|semaine|sem|semana|settimana|sett|vecka|uge|uke|týden|tydzień|hét|viikko)\.?"
_WEEK = rf"(?:{_WORD}\s*[a-d]|[a-d][ -]?{_WORD})"
_MARK = regex(
    rf"\s*[(\[]\s*{_WEEK}\s*[)\]]|"
    rf"(?:(?<=[\n/;|])|^)[ \t]*(?P<ahead>{_WEEK})[ \t]*(?:[:–—=-][ \t]*|(?=\n|$))|"
    rf"(?<=[\s,/;|])(?P<inline>{_WEEK})[ \t]*:[ \t]*|"
    rf"[ \t]+(?:[–—-][ \t]*{_WEEK}|{_WORD}\s*[a-d])(?=[ \t]*(?:[\n/;|,]|$))",
    re.IGNORECASE,
)
_BARE_MARK = regex(
    r"\s*[(\[]\s*[A-D]\s*[)\]](?=\s*(?:[\n/;|,]|$))|(?:(?<=[\n/;|])|^)[ \t]*(?P<ahead>[A-D])(?P<inline>)[ \t]*:[ \t]*"
)
_LETTER = regex(r"(?<![^\W_])[a-d](?![^\W_])", re.IGNORECASE)
_EDGES = " \t\n/;|,"


class InWeek(NamedTuple):
    """What a cell holds in a week: its letter, "" for all weeks, and the text without it."""

    letter: str
    text: str


def by_weeks(text: str, *, bare: bool = False) -> list[InWeek]:
    """Return what a cell holds by its weeks, as it stands where it names none; nothing where that is not clear.

    ``bare`` lets letters alone be weeks: "Maths (A)". Weeks stand ahead of what meets in them ("Week A: Maths /
    Week B: Art"), behind it ("Maths (Wk A)"), behind its first line, or ahead of what differs ("Maths", and below
    "Week A: R12", "Week B: R14").
    """
    marks = list(_MARK.finditer(text)) or (list(_BARE_MARK.finditer(text)) if bare else [])
    if not marks:
        return [InWeek("", text)]
    letters = map(_letter, marks)
    edges = [0, *(edge for match in marks for edge in match.span()), len(text)]
    parts = [text[start:end].strip(_EDGES) for start, end in zip(edges[::2], edges[1::2], strict=True)]
    held = _texts(parts, ahead=[bool(match["ahead"] or match["inline"]) for match in marks])
    return list(map(InWeek, letters, held))


def _texts(parts: list[str], ahead: list[bool]) -> list[str]:
    """Return the text of each mark, of the parts before, between and behind them; nothing where that is not clear."""
    first, *behind = parts
    if not first:
        return behind
    if not behind[-1]:
        return parts[:-1] if all(parts[:-1]) else []
    if all(ahead):
        return [f"{first}\n{part}" for part in behind] if len(ahead) > 1 else []
    if any(ahead) or "\n" in first:
        return []
    # A week behind the first line of each: the last line before the next week begins what meets in that.
    *cut, last = [part.rpartition("\n") for part in behind]
    heads = [first, *(head for _, _, head in cut)]
    rests = [*(rest for rest, _, _ in cut), behind[-1]]
    return [f"{head}\n{rest}" if rest else head for head, rest in zip(heads, rests, strict=True)] if last else []


def by_bare_letters(text: str, letters: Collection[str]) -> bool:
    """Tell whether a cell holds something for each of several letters of weeks, alone: "Maths (A) / Art (B)"."""
    if len(letters) < 2 or _MARK.search(text):
        return False
    named = [_letter(mark) for mark in _BARE_MARK.finditer(text)]
    return len(named) > 1 and len(set(named)) == len(named) and set(named) <= set(letters)


def letters_in(text: str) -> set[str]:
    """Return the letters of the weeks that a cell names."""
    return set(map(_letter, _MARK.finditer(text)))


def _letter(mark: re.Match[str]) -> str:
    return str(_LETTER.findall(mark[0])[-1]).upper()
