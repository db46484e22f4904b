"""What ``nomarium show`` does: asks the core what is on, and shows it where it was asked for."""

from __future__ import annotations

import json
import os
import shutil
import sys
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from pathlib import Path
from typing import TextIO

import typer

from nomarium.cli import options
from nomarium.cli.console import print_problems, styled
from nomarium.core.agenda import (
    DayFacts,
    Operands,
    Showing,
    Shown,
    agenda_days,
    check_cycles,
    cycles_of,
    lay_out_month,
    letter_of,
    read_showing,
    week_days,
)
from nomarium.core.output import write_whole
from nomarium.core.privacy import Privacy
from nomarium.core.problems import WrongCall, has_errors
from nomarium.core.values import counted, day_words
from nomarium.views.terminal import Line, Run, agenda_lines, has_room, month_lines, plain_text, week_lines

_USUAL_DAYS = 14
"""So many days of an agenda are shown where none are stated."""
_WIDTH = 100
"""The width of what is written to a file or a pipe."""
_HEIGHT = 50
PICTURES = (".png", ".pdf", ".svg")


@dataclass(frozen=True, slots=True)
class ShowCall:
    """What was asked."""

    paths: Sequence[Path]
    only: Mapping[str, tuple[str, ...]]
    every: bool
    plan: Path | None
    view: str
    stated: str
    """The day, week, month or term that was named."""
    days: tuple[date | None, date | None]
    cycles: tuple[str, ...]
    zone: str | None
    output: Path | None
    paper: str
    portrait: bool
    private: Privacy | None
    as_json: bool


def show(call: ShowCall) -> int:
    """Show calendars; return the exit status."""
    ending = call.output.suffix if call.output else ""
    if call.output is not None and ending not in (*PICTURES, ".html", ".txt"):
        raise typer.BadParameter(f"“{call.output}” ends in none of .png, .pdf, .svg, .html, .txt.", param_hint="-o")
    if call.output is not None and call.as_json:
        raise typer.BadParameter(
            "With --json the events go to standard output, and no file is written.", param_hint="-o"
        )
    showing = read_showing(_operands(call))
    print_problems(showing.problems)
    if has_errors(showing.problems):
        return 1
    facts = _facts(call, showing)
    if call.as_json:
        first, last = span_of(call, showing, facts)
        typer.echo(json.dumps(_json(showing, facts, first, last), ensure_ascii=False, indent=2))
    elif ending == ".html":
        from nomarium.cli.show_page import write_page

        write_page(call.output or Path(), showing, facts, call.days)
    elif ending in PICTURES or call.view == "wall":
        from nomarium.cli.show_pictures import draw

        draw(call, showing, facts)
    else:
        _print(call, showing, facts)
    if call.output is not None and showing.hidden:
        typer.echo(
            f"         {counted(showing.hidden, 'private event')} not told in full: --private show tells all of it"
        )
    return 0


def _operands(call: ShowCall) -> Operands:
    machine = options.machine_zone()
    last = call.days[1] if call.view in ("agenda", "term", "wall") else span_of(call, Showing(), DayFacts(None))[1]
    privacy = call.private or (None if call.output else "show")  # in the terminal, people see what is theirs
    return Operands(
        call.paths,
        call.only,
        call.plan,
        call.zone,
        machine,
        last,
        call.cycles,
        call.every,
        privacy,
        taught=call.view != "wall",
    )


def _facts(call: ShowCall, showing: Showing) -> DayFacts:
    check_cycles(showing.year, call.cycles)
    year, own = showing.year, [part for part in showing.parts if part is not None]
    followed = [name for part in own if year for name in cycles_of(part, year)]
    return DayFacts(year, call.cycles or followed)


def _print(call: ShowCall, showing: Showing, facts: DayFacts) -> None:
    """Print the lines of a view, or write them into a file of text."""
    to_file = call.output is not None
    width = shutil.get_terminal_size((_WIDTH, _HEIGHT)).columns if not to_file else _WIDTH
    lines = list(view_lines(call, showing, facts, width))
    if call.output is not None:
        write_whole(call.output, ["\n".join(map(plain_text, lines)).encode() + b"\n"])
        typer.echo(f"Wrote    {call.output}")
        return
    for line in lines:
        typer.echo(_coloured(line, sys.stdout))


def view_lines(call: ShowCall, showing: Showing, facts: DayFacts, width: int) -> Iterator[Line]:
    """Yield the lines of the view that was asked for."""
    first, last = span_of(call, showing, facts)
    yield from _head_lines(showing, first, last)
    if call.view == "month":
        height = shutil.get_terminal_size((_WIDTH, _HEIGHT)).lines
        layout = lay_out_month(showing.events, first, facts.first_weekday)
        yield from month_lines(showing, facts, layout, width, height)
    elif call.view in ("week", "day"):
        days = [first] if call.view == "day" else week_days(showing.events, first)
        if has_room(len(days), width):
            yield from week_lines(showing, facts, days, width)
        else:
            yield from agenda_lines(showing, facts, first, last, width)
    else:
        yield from agenda_lines(showing, facts, first, last, width)


def _head_lines(showing: Showing, first: date, last: date) -> Iterator[Line]:
    """Say what is shown: which calendars, how many events on which days, and in which zone's times."""
    shown = len(showing.between(first, last))
    span = day_words(first) if first == last else f"{day_words(first)} to {day_words(last)}"
    every = f" of {len(showing.events):,}" if shown < len(showing.events) else ""
    if len(showing.calendars) == 1:
        yield [Run(showing.calendars[0], "bold")]
    else:
        for number, name in enumerate(showing.calendars):
            yield [Run(letter_of(number), f"calendar {number}"), Run(f" {name}", "bold")]
    events = "event" if len(showing.events) == 1 else "events"
    yield [Run(f"{shown:,}{every} {events}, {span}, times of {showing.zone}", "dim")]
    if showing.endless_until:
        yield [Run(f"Repeats without an end are told up to {day_words(showing.endless_until)}.", "dim")]
    yield []


def span_of(call: ShowCall, showing: Showing, facts: DayFacts) -> tuple[date, date]:
    """Return the days that a call is about."""
    if call.view == "day":
        day = _named_day(call.stated, "--day")
        return day, day
    if call.view == "week":
        day = _named_day(call.stated, "--week")
        start = day - timedelta(days=(day.weekday() - facts.first_weekday) % 7)
        return start, start + timedelta(days=6)
    if call.view == "month":
        return month_of(call.stated)
    if call.view == "term":
        return _term(call.stated, showing)
    return _agenda_span(call, showing)


def _agenda_span(call: ShowCall, showing: Showing) -> tuple[date, date]:
    """Return the days stated; else two weeks from today, or from the first event where nothing is to come."""
    first, last = call.days
    events = showing.events
    if not events:
        today = date.today()
        return first or last or today, last or first or today
    if first is None and last is None:
        today = date.today()
        coming = [event for event in events if event.last_day >= today]
        start = max(today, coming[0].first_day) if coming else events[0].first_day
        return start, start + timedelta(days=_USUAL_DAYS - 1)
    ends = max(event.last_day for event in events)
    first = first or min(events[0].first_day, last or ends)
    return first, max(first, last or ends)


def _named_day(text: str, option: str) -> date:
    return date.today() if text.casefold() == "today" else options.iso_date(text, option)


def month_of(text: str) -> tuple[date, date]:
    """Return the first and the last day of a month: "2026-10", a date of it, or "today"."""
    day = _named_day(f"{text}-01" if len(text.strip()) == 7 else text, "--month")
    first = day.replace(day=1)
    return first, (first + timedelta(days=31)).replace(day=1) - timedelta(days=1)


def _term(name: str, showing: Showing) -> tuple[date, date]:
    terms = showing.year.rules.terms if showing.year else ()
    for term in terms:
        if term.name.casefold() == name.strip().casefold():
            return term.first, term.last
    known = ", ".join(term.name for term in terms) or "none; name the plan with --plan"
    raise WrongCall(f"There is no term “{name}”.", f"There are: {known}.")


_COLOURS = ("cyan", "magenta", "yellow", "green", "blue", "red", "bright_cyan", "bright_magenta", "bright_yellow")


def _coloured(line: Line, stream: TextIO) -> str:
    """Return a line with its colours, where the stream is a terminal and NO_COLOR is not set."""
    if os.environ.get("NO_COLOR") or not stream.isatty():
        return plain_text(line)
    return "".join(_styled_run(run, stream) for run in line)


def _styled_run(run: Run, stream: TextIO) -> str:
    if not run.style or run.style == "block":
        return run.text
    if run.style.startswith("calendar "):
        return styled(run.text, stream, _COLOURS[int(run.style.removeprefix("calendar ")) % len(_COLOURS)], bold=True)
    if run.style == "bold":
        return styled(run.text, stream, bold=True)
    return typer.style(run.text, dim=run.style in ("dim", "place"), strikethrough=run.style == "struck")


def _json(showing: Showing, facts: DayFacts, first: date, last: date) -> dict[str, object]:
    days = agenda_days(showing.events, first, last)
    return {
        "calendars": showing.calendars,
        "zone": showing.zone,
        "first": first.isoformat(),
        "last": last.isoformat(),
        "days": [
            {
                "date": held.day.isoformat(),
                "is": facts.of(held.day).words,
                "events": [_event_json(showing, part.event) for part in held.parts],
            }
            for held in days
        ],
        "count": counted(len(showing.between(first, last)), "event"),
    }


def _event_json(showing: Showing, event: Shown) -> dict[str, object]:
    return {
        "title": event.title,
        "start": event.start.isoformat(),
        "end": event.end.isoformat(),
        "all_day": event.all_day,
        "place": event.place,
        "calendars": [showing.calendars[place] for place in event.calendars],
        "uid": event.uid,
    }
