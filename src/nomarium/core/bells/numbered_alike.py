"""Periods that two sheets number alike, each with a word of its own: “H1” on a timetable, “1” in the bell times."""

from __future__ import annotations

from collections.abc import Iterable

from nomarium.core.slots import period_key
from nomarium.lazily import regex

_NUMBERED = regex(r"(?P<before>\D*)(?P<number>\d{1,2})(?P<behind>\D*)")
_FEWEST = 2


def rung_by_number(written: Iterable[str], ringing: Iterable[str]) -> dict[str, str]:
    """Return what is rung for periods that do not ring by their names, but all do by their numbers; else nothing.

    All that are numbered on one side have the same words around their numbers, and most of those that ring are
    written: “Block 1” to “Block 3” may be anything where six periods ring.
    """
    ringing = list(ringing)
    keys = set(map(period_key, ringing))
    numbered = [one for one in written if any(map(str.isdecimal, one))]
    by_word, by_bell = _by_number(numbered), _by_number(ringing)
    if not keys.isdisjoint(map(period_key, numbered)) or not set(by_word) <= set(by_bell):
        return {}
    if len(by_word) < _FEWEST or len(by_word) * 3 <= len(by_bell) * 2:
        return {}
    return {name: by_bell[number] for number, name in by_word.items()}


def _by_number(periods: Iterable[str]) -> dict[int, str]:
    """Return periods by their numbers, those without one left out; none where the words around them differ."""
    numbered = [one for one in periods if any(map(str.isdecimal, one))]
    found = [_NUMBERED.fullmatch(one) for one in numbered]
    words = {(match["before"], match["behind"]) if match else None for match in found}
    if len(words) != 1:
        return {}
    return {int(match["number"]): one for match, one in zip(found, numbered, strict=True) if match}
