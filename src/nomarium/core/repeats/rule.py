"""A recurrence rule (RFC 5545, 3.3.10) as a value, and its text."""

from __future__ import annotations

import re
from collections.abc import Callable
from dataclasses import dataclass, fields
from datetime import UTC, date, datetime
from enum import IntEnum
from typing import NamedTuple

from nomarium.lazily import regex


class Frequency(IntEnum):
    """How often a rule comes round, the rarest first."""

    YEARLY = 0
    MONTHLY = 1
    WEEKLY = 2
    DAILY = 3
    HOURLY = 4
    MINUTELY = 5
    SECONDLY = 6


class WeekdayNumber(NamedTuple):
    """A weekday (Monday is 0), and which one of the month or year: 1 the first, -1 the last, 0 every one."""

    weekday: int
    ordinal: int = 0

    @classmethod
    def of(cls, day: date) -> WeekdayNumber:
        """Return which weekday of its month a date is: the second Tuesday."""
        return cls(day.weekday(), (day.day + 6) // 7)


WEEKDAY_CODES = ("MO", "TU", "WE", "TH", "FR", "SA", "SU")


@dataclass(frozen=True, slots=True)
class Rule:
    """A recurrence rule; the names are those of its parts. ``until`` is a date, a local time, or one with UTC."""

    freq: Frequency
    interval: int = 1
    count: int | None = None
    until: date | datetime | None = None
    by_second: tuple[int, ...] = ()
    by_minute: tuple[int, ...] = ()
    by_hour: tuple[int, ...] = ()
    by_day: tuple[WeekdayNumber, ...] = ()
    by_month_day: tuple[int, ...] = ()
    by_year_day: tuple[int, ...] = ()
    by_week_no: tuple[int, ...] = ()
    by_month: tuple[int, ...] = ()
    by_set_pos: tuple[int, ...] = ()
    week_start: int = 0

    @property
    def endless(self) -> bool:
        """Whether the rule itself has no end."""
        return self.count is None and self.until is None

    def __str__(self) -> str:
        """Return the rule as RFC 5545 writes it: "FREQ=WEEKLY;BYDAY=TU,TH"."""
        parts = [f"FREQ={self.freq.name}"]
        if self.until is not None:
            parts.append(f"UNTIL={_stamp(self.until)}")
        if self.count is not None:
            parts.append(f"COUNT={self.count}")
        if self.interval != 1:
            parts.append(f"INTERVAL={self.interval}")
        for name, key in _LISTS.items():
            values = getattr(self, key)
            if values:
                parts.append(f"{name}={','.join(map(_written, values))}")
        if self.week_start:
            parts.append(f"WKST={WEEKDAY_CODES[self.week_start]}")
        return ";".join(parts)


_LISTS = {
    "BYMONTH": "by_month",
    "BYWEEKNO": "by_week_no",
    "BYYEARDAY": "by_year_day",
    "BYMONTHDAY": "by_month_day",
    "BYDAY": "by_day",
    "BYHOUR": "by_hour",
    "BYMINUTE": "by_minute",
    "BYSECOND": "by_second",
    "BYSETPOS": "by_set_pos",
}


def _written(value: int | WeekdayNumber) -> str:
    if isinstance(value, WeekdayNumber):
        return f"{value.ordinal or ''}{WEEKDAY_CODES[value.weekday]}"
    return str(value)


def _stamp(moment: date | datetime) -> str:
    if not isinstance(moment, datetime):
        return f"{moment:%Y%m%d}"
    return f"{moment:%Y%m%dT%H%M%S}" + ("Z" if moment.tzinfo is not None else "")


class RuleRefused(ValueError):
    """A text is no recurrence rule, or one that RFC 5545 forbids: says why."""


def parse_rule(text: str) -> Rule:
    """Read the value of an RRULE (RFC 5545, 3.3.10), case apart.

    Raises RuleRefused for what the standard does not allow, and for RSCALE (RFC 7529).
    """
    parts = _parts(text)
    if "FREQ" not in parts:
        raise RuleRefused("the rule has no FREQ")
    try:
        freq = Frequency[parts.pop("FREQ")]
    except KeyError:
        raise RuleRefused("FREQ is none of YEARLY, MONTHLY, WEEKLY, DAILY, HOURLY, MINUTELY and SECONDLY") from None
    values: dict[str, object] = {}
    for name, value in parts.items():
        if name not in _READERS:
            raise RuleRefused(f"{name} is no part of a rule")
        key, read = _READERS[name]
        values[key] = read(name, value)
    rule = Rule(freq, **values)  # type: ignore[arg-type]
    _check(rule)
    return rule


def _parts(text: str) -> dict[str, str]:
    parts: dict[str, str] = {}
    for piece in filter(None, text.strip().upper().split(";")):
        name, equals, value = piece.partition("=")
        name = name.strip()
        if not equals or not value.strip():
            raise RuleRefused(f"“{piece}” is not of the form NAME=VALUE")
        if name in parts:
            raise RuleRefused(f"{name} stands twice")
        if name in ("RSCALE", "SKIP"):
            raise RuleRefused(f"{name} (other calendars than the Gregorian) is not read")
        parts[name] = value.strip()
    return parts


def _number(name: str, value: str) -> int:
    if not re.fullmatch(r"\d{1,15}", value) or int(value) < 1:
        raise RuleRefused(f"{name}={value} is no number from 1 on")
    return int(value)


def _numbers(least: int, most: int) -> Callable[[str, str], tuple[int, ...]]:
    """Return a reader of numbers between two bounds; where the least is negative, 0 is none of them."""

    def read(name: str, value: str) -> tuple[int, ...]:
        found = []
        for piece in value.split(","):
            if not re.fullmatch(r"[+-]?\d{1,4}", piece.strip()):
                raise RuleRefused(f"{name} has “{piece}”, which is no number")
            number = int(piece)
            if not least <= number <= most or (least < 0 and number == 0):
                raise RuleRefused(f"{name} has {number}, outside {least} to {most}{' without 0' if least < 0 else ''}")
            found.append(number)
        return tuple(dict.fromkeys(found))

    return read


_DAY = regex(r"([+-]?\d{1,2})?(MO|TU|WE|TH|FR|SA|SU)")


def _days(name: str, value: str) -> tuple[WeekdayNumber, ...]:
    found = []
    for piece in value.split(","):
        match = _DAY.fullmatch(piece.strip())
        if not match or (match[1] and not 1 <= abs(int(match[1])) <= 53):
            raise RuleRefused(f"{name} has “{piece}”, which is no weekday such as MO or -1FR")
        found.append(WeekdayNumber(WEEKDAY_CODES.index(match[2]), int(match[1] or 0)))
    return tuple(dict.fromkeys(found))


def _weekday(name: str, value: str) -> int:
    if value not in WEEKDAY_CODES:
        raise RuleRefused(f"{name}={value} is no weekday such as MO")
    return WEEKDAY_CODES.index(value)


def _until(name: str, value: str) -> date | datetime:
    try:
        if len(value) == 8:
            return datetime.strptime(value, "%Y%m%d").date()  # noqa: DTZ007
        moment = datetime.strptime(value.removesuffix("Z"), "%Y%m%dT%H%M%S")  # noqa: DTZ007
    except ValueError:
        raise RuleRefused(f"{name}={value} is neither a date nor a time") from None
    return moment.replace(tzinfo=UTC) if value.endswith("Z") else moment


_READERS: dict[str, tuple[str, Callable[[str, str], object]]] = {
    "INTERVAL": ("interval", _number),
    "COUNT": ("count", _number),
    "UNTIL": ("until", _until),
    "BYSECOND": ("by_second", _numbers(0, 60)),
    "BYMINUTE": ("by_minute", _numbers(0, 59)),
    "BYHOUR": ("by_hour", _numbers(0, 23)),
    "BYDAY": ("by_day", _days),
    "BYMONTHDAY": ("by_month_day", _numbers(-31, 31)),
    "BYYEARDAY": ("by_year_day", _numbers(-366, 366)),
    "BYWEEKNO": ("by_week_no", _numbers(-53, 53)),
    "BYMONTH": ("by_month", _numbers(1, 12)),
    "BYSETPOS": ("by_set_pos", _numbers(-366, 366)),
    "WKST": ("week_start", _weekday),
}


def _check(rule: Rule) -> None:
    """Refuse what the table of RFC 5545, 3.3.10 marks as not applicable, and what its text forbids."""
    freq = rule.freq
    if rule.count is not None and rule.until is not None:
        raise RuleRefused("COUNT and UNTIL exclude each other")
    if rule.by_week_no and freq is not Frequency.YEARLY:
        raise RuleRefused("BYWEEKNO goes with FREQ=YEARLY only")
    if rule.by_year_day and freq in (Frequency.MONTHLY, Frequency.WEEKLY, Frequency.DAILY):
        raise RuleRefused(f"BYYEARDAY does not go with FREQ={freq.name}")
    if rule.by_month_day and freq is Frequency.WEEKLY:
        raise RuleRefused("BYMONTHDAY does not go with FREQ=WEEKLY")
    if any(day.ordinal for day in rule.by_day) and (freq > Frequency.MONTHLY or rule.by_week_no):
        raise RuleRefused("BYDAY has numbers, which go with FREQ=MONTHLY or YEARLY without BYWEEKNO only")
    others = [f.name for f in fields(rule) if f.name.startswith("by_") and f.name != "by_set_pos"]
    if rule.by_set_pos and not any(getattr(rule, name) for name in others):
        raise RuleRefused("BYSETPOS needs another BY part")
