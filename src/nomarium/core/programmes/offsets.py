"""What the rows of a programme say instead of dates: "Week 3, Tuesday", "Day 17", "T+10 days", "Session 5"."""

from __future__ import annotations

import re
from enum import StrEnum
from functools import cache
from typing import NamedTuple

from nomarium.core.values import weekday_in_any
from nomarium.lazily import regex


class Counts(StrEnum):
    """What an offset counts."""

    DAYS = "days"
    WEEKS = "weeks"
    SESSIONS = "sessions"


class Offset(NamedTuple):
    """When a row is, counted from the start of its programme."""

    counts: Counts
    number: int
    """Days from the start ("Day 1" is 0, unless there is a "Day 0"; "T+10" is 10); weeks and sessions count from 1."""
    weekday: int | None = None
    """The weekday that the row names, Monday is 0."""
    from_one: bool = False
    """Whether days were counted from 1: "Day 17"."""


_WEEK_WORD = r"(?:weeks?|wks?|w|woche|wo|semaine|sem|semana|settimana|uke|vecka|uge|viikko|týden|tydzień|hét)"
_DAY_WORD = r"(?:days?|d|tage?|jours?|j|d[ií]as?|giorno|dag|päivä|den|dzień|nap)"
_SESSION_WORD = (
    r"(?:sessions?|meetings?|lessons?|workouts?|trainings?|practices?|classes|class|module|unit|einheit|sitzung|termin|"
    r"séance|sesión|lezione|les|økt|pass)"
)
_WEEK = regex(rf"{_WEEK_WORD}\.?\s*(?:no\.?\s*)?(\d{{1,3}})(?:\s*[,;:/–-]?\s*(?:on\s+)?(\S.*))?", re.IGNORECASE)
_DAY = regex(rf"{_DAY_WORD}\.?\s*(?:no\.?\s*)?(\d{{1,4}})", re.IGNORECASE)
_SESSION = regex(rf"{_SESSION_WORD}\.?\s*(?:no\.?\s*|#\s*)?(\d{{1,3}})", re.IGNORECASE)
_FROM_START = regex(
    rf"(?:t|start|d)?\s*([+−–-])\s*(\d{{1,4}})\s*({_DAY_WORD}|{_WEEK_WORD})?|(t|start)(?:\s*[+]\s*0)?", re.IGNORECASE
)
_BARE = regex(r"(\d{1,4})(?:\.0)?")


@cache
def read_offset(text: str) -> Offset | None:
    """Return what a cell counts from the start; None for anything else, a bare number included."""
    plain = " ".join(text.split()).strip(" .")
    if found := _WEEK.fullmatch(plain):
        return _of_week(int(found[1]), found[2] or "")
    if found := _DAY.fullmatch(plain):
        return Offset(Counts.DAYS, int(found[1]), from_one=True)
    if found := _SESSION.fullmatch(plain):
        return Offset(Counts.SESSIONS, int(found[1]))
    if found := _FROM_START.fullmatch(plain):
        if found[4]:
            return Offset(Counts.DAYS, 0)
        unit = re.fullmatch(_WEEK_WORD, found[3] or "", re.IGNORECASE)
        days = int(found[2]) * (7 if unit else 1)
        return Offset(Counts.DAYS, days if found[1] == "+" else -days)
    return None


def _of_week(week: int, rest: str) -> Offset | None:
    """Return the offset of a week with a day in it: a weekday, "day 2", or none."""
    if not rest:
        return Offset(Counts.WEEKS, week)
    weekday = weekday_in_any(rest)
    if weekday is not None:
        return Offset(Counts.WEEKS, week, weekday)
    day = _DAY.fullmatch(rest) or _BARE.fullmatch(rest)
    return Offset(Counts.DAYS, (week - 1) * 7 + int(day[1]), from_one=True) if day and 1 <= int(day[1]) <= 7 else None


def bare_number(text: str) -> int | None:
    """Return the number that a cell is, for a column whose heading says what it counts."""
    found = _BARE.fullmatch(text.strip())
    return int(found[1]) if found else None


def counted_by(heading: str) -> Counts | None:
    """Return what a column's heading says that its bare numbers count."""
    plain = " ".join(heading.split()).strip(" .:#").removesuffix(" no").removesuffix(" number").removesuffix(" nr")
    for pattern, counts in ((_WEEK_WORD, Counts.WEEKS), (_DAY_WORD, Counts.DAYS), (_SESSION_WORD, Counts.SESSIONS)):
        if len(plain) > 1 and re.fullmatch(pattern, plain, re.IGNORECASE):
            return counts
    return None
