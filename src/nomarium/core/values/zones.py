"""Time zones by their IANA names."""

from __future__ import annotations

from difflib import get_close_matches
from functools import cache
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError, available_timezones

_UTC_NAMES = frozenset({"utc", "etc/utc", "z", "gmt", "zulu", "etc/gmt"})


@cache
def zone_names() -> frozenset[str]:
    """Return the names of all zones that this machine knows."""
    return frozenset(available_timezones())


@cache
def zone_of(name: str) -> ZoneInfo:
    """Return a zone by its IANA name, each read once. Raises ZoneInfoNotFoundError where there is none."""
    return ZoneInfo(name)


def read_zone(text: str) -> str | None:
    """Return the IANA name of a zone ("UTC" for all forms of it), or None where there is none of that name."""
    name = text.strip().replace(" ", "_")
    if name.casefold() in _UTC_NAMES:
        return "UTC"
    if "/" not in name:
        return None
    try:
        ZoneInfo(name)
    except (ZoneInfoNotFoundError, ValueError, OSError):
        by_lower = {known.casefold(): known for known in zone_names()}
        return by_lower.get(name.casefold())
    return name


def near_zones(text: str) -> list[str]:
    """Return up to three zone names like a text: those of that city first."""
    names = sorted(name for name in zone_names() if "/" in name)
    city = text.strip().casefold().replace(" ", "_")
    by_city = [name for name in names if name.rpartition("/")[2].casefold() == city]
    return (by_city or get_close_matches(text, names, 3, 0.5))[:3]
