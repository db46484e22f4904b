"""What ``nomarium free`` does: asks the core, prints, writes."""

from __future__ import annotations

import json
import re
import sys
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from datetime import date, datetime, time, timedelta
from pathlib import Path

import typer

from nomarium.cli import options
from nomarium.cli.console import print_lines, print_problems
from nomarium.cli.stamp import moment_of_build
from nomarium.core.agenda import Operands, Showing, check_cycles, read_showing
from nomarium.core.calendars import Calendar
from nomarium.core.free_time import Asked, FreeDay, Window, free_days, free_on_cycle_days
from nomarium.core.ics import render_calendar
from nomarium.core.output import write_whole
from nomarium.core.problems import has_errors
from nomarium.core.rows import render_csv
from nomarium.core.sources import Occurrence, Series
from nomarium.core.values import WEEKDAY_NAMES, counted, day_words, full_day, minute_words
from nomarium.core.year import SchoolYear

_USUAL_DAYS = 14
_MOST_DAYS = 3_700
_COLUMNS = ("day", "weekday", "start", "end", "minutes", "all_but")


@dataclass(frozen=True, slots=True)
class FreeCall:
    """What was asked."""

    operands: Operands
    asked: Asked
    days: tuple[date | None, date | None]
    cycle: str | None
    every_day: bool
    output: Path | None
    as_json: bool


def asked_for(length: str, between: str, all_day: str) -> Asked:
    """Return what is looked for: "45m", "08:15-15:30", "busy"."""
    match = re.fullmatch(r"(\d{1,2}):(\d{2})\s*[-–]\s*(\d{1,2}):(\d{2})", between.strip())
    opens, closes = (int(match[1]) * 60 + int(match[2]), int(match[3]) * 60 + int(match[4])) if match else (0, 0)
    if not match or not 0 <= opens < closes <= 24 * 60 or int(match[2]) > 59 or int(match[4]) > 59:
        raise options.wrong("--between", f"“{between}” is no span of the day such as 08:15-15:30.")
    minutes = int(options.stated("length", length).total_seconds() // 60)
    if not 0 < minutes <= closes - opens:
        raise options.wrong("--length", f"“{length}” does not lie between a minute and the span of the day.")
    return Asked(minutes, opens, closes, all_day == "busy")


def find(call: FreeCall) -> int:
    """Report when all are free; return the exit status."""
    if call.output is not None and call.output.suffix not in (".csv", ".ics"):
        raise options.wrong("-o", f"“{call.output}” ends in none of .csv, .ics.")
    showing = read_showing(call.operands)
    print_problems(showing.problems)
    if has_errors(showing.problems):
        return 1
    first, last = _span(call, showing)
    days = [day for day in _days(first, last) if _counts(day, showing.year, every_day=call.every_day)]
    if call.cycle is None:
        found = free_days(showing, days, call.asked)
    else:
        found = free_on_cycle_days(showing, _labels(call.cycle, showing.year, days), call.asked)
    if call.output is not None:
        _write(call.output, showing, found, beside_json=call.as_json)
    if call.as_json:
        typer.echo(json.dumps(_json(showing, found), ensure_ascii=False, indent=2))
    elif call.output is None:
        print_lines(_lines(call, showing, found, (first, last)), sys.stdout, " " * 18)
    return 0


def _span(call: FreeCall, showing: Showing) -> tuple[date, date]:
    """Return the days stated; else two weeks from today on, and for a cycle the whole year."""
    first, last = call.days
    year = showing.year
    if call.cycle is not None and year is not None:
        first, last = first or year.rules.first, last or year.rules.last
    if first is None:
        coming = [event.first_day for event in showing.events if event.last_day >= date.today()]
        start = showing.events[0].first_day if showing.events and not coming else date.today()
        first = max(start, min(coming)) if coming else start
        first = min(first, last) if last else first
    last = last or first + timedelta(days=_USUAL_DAYS - 1)
    if not first <= last <= first + timedelta(days=_MOST_DAYS):
        raise options.wrong("--to", "It is before --from, or more than ten years later.")
    return first, last


def _days(first: date, last: date) -> Iterator[date]:
    return (first + timedelta(days=number) for number in range((last - first).days + 1))


def _counts(day: date, year: SchoolYear | None, *, every_day: bool) -> bool:
    """Tell whether a day counts: a school day; without a plan, Monday to Friday."""
    if every_day:
        return True
    return year.day(day).has_school if year else day.weekday() < 5


def _labels(cycle: str, year: SchoolYear | None, days: Sequence[date]) -> dict[str, list[date]]:
    check_cycles(year, [cycle])
    if year is None:
        return {}
    place = list(year.cycles).index(cycle)
    found: dict[str, list[date]] = {label: [] for label in year.cycles[cycle].rule.labels}
    for day in days:
        label = year.day(day).labels[place]
        if label:
            found.setdefault(label, []).append(day)
    return {label: several for label, several in found.items() if several}


def _lines(call: FreeCall, showing: Showing, found: Sequence[FreeDay], span: tuple[date, date]) -> Iterator[str]:
    asked, people = call.asked, showing.calendars
    yield f"For      {', '.join(people)}"
    yield (
        f"Asked    {_long(asked.length)} or more between {minute_words(asked.opens)} and {minute_words(asked.closes)}, "
        f"{day_words(span[0])} to {day_words(span[1])}, times of {showing.zone}"
    )
    free = [(day, window) for day in found for window in day.windows if window.all_but is None]
    if free:
        longest = max(free, key=lambda one: one[1].minutes)
        yield f"Best     {_name(longest[0])}: {_window(longest[1], people)}, the longest"
    else:
        yield "Best     none: at no time are all of them free"
    for day in found:
        dates = f" ({counted(len(day.days), 'date')})" if call.cycle else ""
        said = ", ".join(_window(window, people) for window in day.windows) or "none"
        yield f"{_name(day) + dates:<17} {said}"


def _name(day: FreeDay) -> str:
    is_date = len(day.days) == 1 and day.days[0].isoformat() == day.name
    return day_words(day.days[0]) if is_date else f"Day {day.name}"


def _window(window: Window, people: Sequence[str]) -> str:
    but = f", all but {people[window.all_but]}" if window.all_but is not None else ""
    return f"{minute_words(window.start)}–{minute_words(window.end)} ({_long(window.minutes)}{but})"


def _long(minutes: int) -> str:
    hours, rest = divmod(minutes, 60)
    return " ".join(filter(None, (f"{hours} h" if hours else "", f"{rest} min" if rest or not hours else "")))


def _rows(showing: Showing, found: Sequence[FreeDay]) -> Iterator[tuple[str, ...]]:
    for day in found:
        weekday = WEEKDAY_NAMES[day.days[0].weekday()] if day.days[0].isoformat() == day.name else ""
        for window in day.windows:
            but = showing.calendars[window.all_but] if window.all_but is not None else ""
            yield day.name, weekday, minute_words(window.start), minute_words(window.end), str(window.minutes), but


def _write(path: Path, showing: Showing, found: Sequence[FreeDay], *, beside_json: bool) -> None:
    """Write the free times as rows, or those of all as a calendar of events that take up no time."""
    rows = list(_rows(showing, found))
    if path.suffix == ".csv":
        write_whole(path, render_csv(_COLUMNS, iter(rows)))
        typer.echo(f"Wrote    {path}: {counted(len(rows), 'row')}", err=beside_json)
        return
    series = [
        Series(f"Free: {', '.join(showing.calendars)}", (_occurrence(on, window, showing.zone),), busy="FREE")
        for day in found
        for window in day.windows
        if window.all_but is None
        for on in day.days
    ]
    data = render_calendar(Calendar.of(path.stem, series), datetime.fromisoformat(moment_of_build()))
    write_whole(path, data)
    typer.echo(f"Wrote    {path}: {counted(len(series), 'event')}", err=beside_json)


def _occurrence(day: date, window: Window, zone: str) -> Occurrence:
    midnight = datetime.combine(day, time())
    start, end = midnight + timedelta(minutes=window.start), midnight + timedelta(minutes=window.end)
    return Occurrence(start, end, False, zone)


def _json(showing: Showing, found: Sequence[FreeDay]) -> dict[str, object]:
    rows = [dict(zip(_COLUMNS, row, strict=True)) for row in _rows(showing, found)]
    return {
        "calendars": showing.calendars,
        "zone": showing.zone,
        "free": rows,
        "days": [full_day(day.days[0]) if len(day.days) == 1 else day.name for day in found],
    }
