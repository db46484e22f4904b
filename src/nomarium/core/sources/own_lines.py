"""Fields that go into an event as a line of their own: colour, priority, place on the globe, picture, conference."""

from __future__ import annotations

from collections.abc import Callable

from nomarium.core.sources.web import web_address
from nomarium.core.values import read_color
from nomarium.lazily import regex

_PRIORITIES = {
    "highest": 1, "urgent": 1, "critical": 1, "high": 1, "important": 1, "medium": 5, "normal": 5, "middle": 5,
    "low": 9, "hoch": 1, "wichtig": 1, "mittel": 5, "niedrig": 9, "haute": 1, "moyenne": 5, "basse": 9, "alta": 1,
    "media": 5, "baja": 9, "bassa": 9, "hoog": 1, "laag": 9,
}  # fmt: skip
"""Words of priorities, as RFC 5545 (3.8.1.9) sorts numbers into high, medium and low."""
_DEGREES = regex(r"\(?\s*([+-]?\d{1,2}(?:\.\d+)?)\s*°?\s*[;,\s]\s*([+-]?\d{1,3}(?:\.\d+)?)\s*°?\s*\)?")


def _priority(text: str) -> str | None:
    key = text.strip().casefold()
    number = _PRIORITIES.get(key)
    if number is None and key.isdecimal() and int(key) <= _LOWEST:
        number = int(key)
    return None if number is None else str(number)


_LOWEST = 9


def _on_the_globe(text: str) -> str | None:
    """Return latitude and longitude in degrees, as GEO has them (RFC 5545, 3.8.1.6)."""
    found = _DEGREES.fullmatch(text.strip())
    if found is None or abs(float(found[1])) > 90 or abs(float(found[2])) > 180:
        return None
    return f"{float(found[1])};{float(found[2])}"


OWN_LINES: dict[str, tuple[str, Callable[[str], str | None]]] = {
    "color": ("COLOR:", read_color),
    "priority": ("PRIORITY:", _priority),
    "geo": ("GEO:", _on_the_globe),
    "image": ("IMAGE;VALUE=URI:", web_address),
    "conference": ("CONFERENCE;VALUE=URI:", web_address),
}
"""Fields with a property of their own (RFC 5545, RFC 7986): how its line begins, and what makes its value of a text."""


def own_line(name: str, text: str) -> str | None:
    """Return the line of a field with a text, "" for an empty one, None for one that it cannot have."""
    begins, read = OWN_LINES[name]
    value = read(text) if text.strip() else ""
    return value if not value else f"{begins}{value}"
