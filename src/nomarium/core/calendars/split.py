"""One calendar → several, one for each value of a field; and file names that are safe and told apart."""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterable, Mapping, Sequence
from itertools import product

from nomarium.core.calendars.calendar import Calendar
from nomarium.core.sources import Series, values_of
from nomarium.lazily import regex

_UNSAFE = regex(r"[^\w\-. ()&+,']", re.UNICODE)
_RESERVED = frozenset({"con", "prn", "aux", "nul", *(f"{port}{n}" for port in ("com", "lpt") for n in range(1, 10))})
LONGEST_NAME = 80
"""Characters of a file's name before its ending."""
MOST_OCTETS = 200
"""Octets of a file name: most systems allow 255, its ending and a temporary mark included."""


def split_calendar(calendar: Calendar, names: Sequence[str]) -> dict[tuple[str, ...], Calendar]:
    """Return a calendar for each value of a field or column, or each pair of several, sorted.

    Events keep the UIDs that they had together. An event with several values is in several calendars; one without
    any is under "".
    """
    parts: dict[tuple[str, ...], tuple[list[Series], list[str]]] = {}
    for series, own in calendar.made():
        for chosen in product(*(dict.fromkeys(values_of(series, name) or [""]) for name in names)):
            events, known = parts.setdefault(chosen, ([], []))
            events.append(series)
            known += own
    return {
        chosen: Calendar(", ".join(filter(None, chosen)) or calendar.name, *parts[chosen]) for chosen in sorted(parts)
    }


def file_names(values: Iterable[str], empty: str) -> Mapping[str, str]:
    """Return a file name, without ending, for each value: no path, no sign that a system forbids, no two alike.

    ``empty`` is the name for an empty value.
    """
    names: dict[str, str] = {}
    taken: set[str] = set()
    for value in values:
        base = _safe(value) or _safe(empty) or "calendar"
        name, number = base, 1
        while name.casefold() in taken:
            number += 1
            name = f"{base} ({number})"
        taken.add(name.casefold())
        names[value] = name
    return names


def _safe(text: str) -> str:
    text = unicodedata.normalize("NFC", text)
    text = " ".join(_UNSAFE.sub("-", text).split()).strip(". -")[:LONGEST_NAME]
    text = text.encode("utf-8", "replace")[:MOST_OCTETS].decode("utf-8", "ignore").strip(". ")
    return f"{text}-" if text.casefold() in _RESERVED else text
