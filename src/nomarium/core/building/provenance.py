"""Where a meeting comes from: the row of the timetable, the day, the bell times, the change."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.problems import Place, WrongCall
from nomarium.core.timetable.wording import near_words
from nomarium.core.values import day_words
from nomarium.core.year import explain
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.building.build import Build
    from nomarium.core.meetings import Held
    from nomarium.core.sources import Occurrence

_ASKED = regex(r"(?P<name>.+?)\s+(?P<date>\d{4}-\d{2}-\d{2})(?:\s+(?:period\s+|p)?(?P<period>\S+))?", re.IGNORECASE)
_FIELDS = ("class", "course", "code", "teacher", "room", "person")


def tell_why(build: Build, asked: str) -> list[str]:
    """Return, line by line, where the meetings of a class, teacher or room on a date come from.

    ``asked`` is a name, a date, and perhaps a period: "1A 2026-10-14", "1A 2026-10-14 3". Raises WrongCall where it
    is something else, or names nobody.
    """
    match = _ASKED.fullmatch(asked.strip())
    try:
        day = date.fromisoformat(match["date"]) if match else None
    except ValueError:
        day = None
    if match is None or day is None:
        raise WrongCall(f"“{asked}” is not a class and a date.", "Such as: --why “1A 2026-10-14”.")
    name = match["name"].strip(" “”\"'")
    meant = [one for one in build.held if _goes_by(one, name)]
    if not meant:
        known = dict.fromkeys(value for one in build.held for key in _FIELDS for value in one.of(key))
        raise WrongCall(f"Nothing in the plan goes by “{name}”.", near_words(name, known).strip())
    lines = list(_day_lines(build, day))
    found = [(one, o) for one in meant for o, known in _of_date(one, day) if _in_period(one, match["period"])]
    found.sort(key=lambda pair: pair[1].start)
    cancelled = list(_cancelled_lines(build, name, day))
    lines += cancelled
    if not found and not cancelled:
        lines.append(f"“{name}” has no meeting on {day_words(day)}.")
        lines += _instead(meant, day)
    for one, occurrence in found:
        lines += ["", *_meeting_lines(build, one, occurrence, day)]
    return lines


def _cancelled_lines(build: Build, name: str, day: date) -> Iterator[str]:
    for gone in build.expansion.cancelled:
        names = {value.casefold() for key in _FIELDS for value in gone.values.get(key, ())}
        if gone.day == day and name.casefold() in names:
            period = f", period {'–'.join(gone.periods)}," if gone.periods else ""
            yield ""
            yield f"“{gone.class_name}”{period} was cancelled by {gone.change.place}."


def _goes_by(held: Held, name: str) -> bool:
    key = name.casefold()
    title = held.event.summary.casefold() if held.event else ""
    return key == title or any(value.casefold() == key for field in _FIELDS for value in held.of(field))


def _of_date(held: Held, day: date) -> Iterator[tuple[Occurrence, str]]:
    """Yield what takes place on a date, or should have before a change."""
    stamp = day.strftime("%Y%m%d")
    known = held.known_on or [""] * len(held.occurrences)
    for occurrence, known_on in zip(held.occurrences, known, strict=True):
        if occurrence.start.date() == day or known_on[:8] == stamp:
            yield occurrence, known_on


def _in_period(held: Held, period: str | None) -> bool:
    return period is None or period in held.periods


def _day_lines(build: Build, day: date) -> Iterator[str]:
    year = build.school.year
    if year is None:
        yield f"{day_words(day)}."
        return
    yield from explain(year, day, list(year.cycles))


def _instead(meant: Sequence[Held], day: date) -> Iterator[str]:
    slots = dict.fromkeys(
        f"{one.day.words}, period {'–'.join(one.periods)}" if one.periods else one.day.words
        for one in meant
        if one.event is None and one.day.name
    )
    if slots:
        yield f"It meets on: {'; '.join(slots)}."
    before = [o.start.date() for one in meant for o in one.occurrences if o.start.date() < day]
    behind = [o.start.date() for one in meant for o in one.occurrences if o.start.date() > day]
    if before or behind:
        said = [f"before that on {day_words(max(before))}"] if before else []
        said += [f"next on {day_words(min(behind))}"] if behind else []
        yield f"It meets {' and '.join(said)}."


def _meeting_lines(build: Build, held: Held, occurrence: Occurrence, day: date) -> Iterator[str]:
    start, end = occurrence.start, occurrence.end
    when = (
        f"{day_words(start.date())}, all day"
        if occurrence.all_day
        else f"{day_words(start.date())}, {_clock(start)}–{_clock(end)}"
    )
    yield f"“{held.class_name}”: {when}" + _who(held)
    yield f"  It is said by {held.place} (source “{held.source}”)."
    if held.periods:
        yield f"  It is period {'–'.join(held.periods)} of {held.day.words}."
    yield from _bell_lines(build, held, start.date())
    if held.change is not None:
        was = f", and was meant for {day_words(day)}" if start.date() != day else ""
        yield f"  It was changed by {held.change.place}: {held.change.words}{was}."


def _who(held: Held) -> str:
    said = [f"{name} {', '.join(held.of(name))}" for name in ("teacher", "room") if held.of(name)]
    return f" ({', '.join(said)})" if said else ""


def _clock(moment: object) -> str:
    return f"{moment:%H:%M}".removeprefix("0")


def _bell_lines(build: Build, held: Held, day: date) -> Iterator[str]:
    by = build.timetabling
    if by is None or by.bells is None or not held.periods:
        return
    division = next(iter(held.of("division")), "")
    bells = by.bells.on(day, division)
    whom = (*held.of("class"), *held.of("group"), *held.of("team"), *held.of("division"))
    for period in held.periods:
        rung = by.names.of(period, whom)
        row = bells.row(rung)
        if row is not None:
            special = f", as on special days “{bells.special}”" if bells.special else ""
            other = f", rung as period {rung}" if rung != period else ""
            yield f"  Period {period}{other} is {row.hours} by {_named(row.place)}{special}."


def _named(place: Place) -> str:
    return str(place)
