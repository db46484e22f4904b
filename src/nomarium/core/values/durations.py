"""Lengths of time as people write them: "1h", "90 min", "1:30", "1½ hours", "2 days", "PT1H30M"."""

from __future__ import annotations

import re
from collections.abc import Iterable
from datetime import datetime, time, timedelta
from typing import NamedTuple

from nomarium.core.tables import Cell, plain_text
from nomarium.core.values.words import normalised
from nomarium.lazily import regex


class Length(NamedTuple):
    """A length: whole days are days of the calendar, the rest is elapsed time."""

    days: int
    elapsed: timedelta

    def __bool__(self) -> bool:
        return self.days > 0 or self.elapsed > timedelta()


LONGEST_LENGTH = 60
"""Characters of a length of time."""

_UNITS = {
    "w": "weeks", "wk": "weeks", "wks": "weeks", "week": "weeks", "weeks": "weeks",
    "d": "days", "day": "days", "days": "days",
    "h": "hours", "hr": "hours", "hrs": "hours", "hour": "hours", "hours": "hours",
    "m": "minutes", "min": "minutes", "mins": "minutes", "minute": "minutes", "minutes": "minutes", "'": "minutes",
    "s": "seconds", "sec": "seconds", "secs": "seconds", "second": "seconds", "seconds": "seconds",
}  # fmt: skip
_UNITS |= {
    word: unit
    for unit, words in {
        "weeks": "woche wochen semaine semaines semana semanas settimana settimane weken vecka veckor uge uger uke "
        "uker viikko viikkoa tydzień tygodnie tygodni týden týdny týdnů",
        "days": "tag tage tagen jour jours día días giorno giorni dia dias dag dagen dagar dage dager päivä päivää "
        "dzień dni den dny dnů",
        "hours": "stunde stunden std heure heures hora horas ora ore uur uren u timme timmar tim time timer tunti "
        "tuntia godz godzina godziny godzin hodina hodiny hodin",
        "minutes": "minuten minuto minutos minuti minuut minuter minutter minutt minuutti minuuttia minuta minuty "
        "minut",
    }.items()
    for word in words.split()
}
_PART = regex(
    r"(\d+(?:[.,]\d+)?|\d*[½¼¾]|a|an|half an?|one) ?("
    + "|".join(sorted(_UNITS, key=len, reverse=True))
    + r")\.?(?![a-z])"
)
_AMOUNTS = {"a": 1.0, "an": 1.0, "one": 1.0, "half a": 0.5, "half an": 0.5}
_ISO = regex(r"p(?:(\d+)w)?(?:(\d+)d)?(?:t(?:(\d+)h)?(?:(\d+)m)?(?:(\d+)s)?)?")
_CLOCK = regex(r"(\d{1,3}):([0-5]\d)(?::([0-5]\d))?(?: ?(?:h|hrs?|hours?)\.?)?")
_MINUTES_BEHIND = regex(r"[0-5]\d")
"""What stands behind hours without a unit: "1h30"."""
_HALVES = regex(r"(\d+) (1/2|1/4|3/4)")
_PARTS = {"1/2": ".5", "1/4": ".25", "3/4": ".75"}
_UNIT_IN_HEADING = regex(r"\b(hours?|hrs?|h|minutes?|mins?|days?)\b")


def read_length(text: str, unit: str | None = None) -> Length | None:
    """Return the length that a text says, or None; ``unit`` is what a bare number counts (hours, minutes, days).

    ISO 8601 durations as RFC 5545 (3.3.6) has them are read too.
    """
    if len(text) > LONGEST_LENGTH:
        return None
    text = re.sub(r"(\d)½", r"\1.5", text.strip()).replace("½", "0.5").replace("¼", "0.25").replace("¾", "0.75")
    text = _HALVES.sub(lambda match: f"{match[1]}{_PARTS[match[2]]}", normalised(text))
    clock = _CLOCK.fullmatch(text)
    if clock:
        return Length(0, timedelta(hours=int(clock[1]), minutes=int(clock[2]), seconds=int(clock[3] or 0)))
    iso = _ISO.fullmatch(text)
    if iso and any(iso.groups()):
        weeks, days, hours, minutes, seconds = (int(part or 0) for part in iso.groups())
        return Length(weeks * 7 + days, timedelta(hours=hours, minutes=minutes, seconds=seconds))
    if unit and re.fullmatch(r"\d+([.,]\d+)?", text):
        return _sum([(float(text.replace(",", ".")), unit)])
    return _in_words(text)


def read_shift(text: str) -> tuple[Length | None, bool]:
    """Return by how much a text moves something ("14d", "-2 weeks"; None where it says none), and whether back."""
    text = text.strip()
    length = read_length(text.lstrip("+-−"))
    moves = length is not None and bool(length.days or length.elapsed)
    return length if moves else None, text.startswith(("-", "−"))


def _in_words(text: str) -> Length | None:
    parts: list[tuple[float, str]] = []
    rest = text
    while rest:
        match = _PART.match(rest)
        if parts and parts[-1][1] == "hours" and _MINUTES_BEHIND.fullmatch(rest):
            return _sum([*parts, (float(rest), "minutes")])
        if not match:
            return None
        parts.append((_amount(match[1]), _UNITS[match[2]]))
        rest = re.sub(r"^(?:,| and|&)? ?", "", rest[match.end() :])
    return _sum(parts) if parts else None


def _amount(text: str) -> float:
    return _AMOUNTS[text] if text in _AMOUNTS else float(text.replace(",", "."))


def _sum(parts: list[tuple[float, str]]) -> Length | None:
    days, elapsed = 0, timedelta()
    for amount, unit in parts:
        if amount > 100_000:
            return None
        if unit in ("weeks", "days") and float(amount).is_integer():
            days += int(amount) * (7 if unit == "weeks" else 1)
        else:
            elapsed += timedelta(**{unit: amount})
    return Length(days, elapsed)


def unit_in_heading(heading: str) -> str | None:
    """Return what bare numbers count under a heading: "Length (min)" → "minutes"; None where it does not say."""
    match = _UNIT_IN_HEADING.search(heading.casefold())
    return _UNITS.get(match[1]) if match else None


_LEAST_MINUTES, _MOST_HOURS = 15, 12


def unit_of(heading: str, cells: Iterable[Cell]) -> tuple[str | None, bool]:
    """Return what bare numbers below a heading count, and whether only the numbers themselves say so.

    90 and 45 can only be minutes; 1.5 and 2 hours, where a part of one is among them.
    """
    if (unit := unit_in_heading(heading)) is not None:
        return unit, False
    numbers = [float(text.replace(",", ".")) for cell in cells if _NUMBER.fullmatch(text := plain_text(cell))]
    if numbers and all(_LEAST_MINUTES <= number <= _MOST_MINUTES for number in numbers):
        return "minutes", True
    if any(number % 1 for number in numbers) and all(0 < number <= _MOST_HOURS for number in numbers):
        return "hours", True
    return None, False


_MOST_MINUTES = 600
_NUMBER = regex(r"\d+(?:[.,]\d+)?")


def cell_length(cell: Cell, unit: str | None) -> Length | None:
    """Return the length in a cell, a workbook's own times and durations included, or None where it is none."""
    if isinstance(cell, timedelta):
        return Length(0, cell) if cell >= timedelta() else None
    if isinstance(cell, datetime):
        return Length(0, cell - datetime(1899, 12, 31)) if cell.year < 1901 else None
    if isinstance(cell, time):
        return Length(0, timedelta(hours=cell.hour, minutes=cell.minute, seconds=cell.second))
    if isinstance(cell, float):
        return _sum([(cell, unit)]) if unit and cell >= 0 else None
    return read_length(cell, unit) if isinstance(cell, str) else None
