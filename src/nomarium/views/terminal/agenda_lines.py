"""An agenda: day by day, what is on, when and where."""

from __future__ import annotations

from collections.abc import Iterator
from datetime import date

from rich.cells import cell_len

from nomarium.core.agenda import DayFacts, DayPart, Showing, agenda_days, time_words, titled
from nomarium.core.values import counted, full_day
from nomarium.views.terminal.runs import Line, Run, fitted, isolated, wrapped

_TIMES = 11
"""The width of "12:15–13:00"."""
_INDENT = 2


def agenda_lines(showing: Showing, facts: DayFacts, first: date, last: date, width: int) -> Iterator[Line]:
    """Yield the lines of the days from one to another that hold anything, or are closed for a reason."""
    days = agenda_days(showing.events, first, last)
    letters = max((len(showing.letters(part.event)) for day in days for part in day.parts), default=0)
    for number, held in enumerate(days):
        if number:
            yield []
        said = [facts.of(held.day).words, counted(len(held.parts), "event")]
        yield [Run(full_day(held.day), "bold"), *(Run(f"  {words}", "dim") for words in said if words)]
        for part in held.parts:
            yield from _part_lines(showing, part, letters, width)


def _part_lines(showing: Showing, part: DayPart, letters: int, width: int) -> Iterator[Line]:
    event = part.event
    times = fitted(time_words(part), _TIMES)
    head = [Run(" " * _INDENT), Run(times, "dim"), Run("  ")]
    if letters:
        head += [Run(fitted(showing.letters(event), letters), calendar_style(event.calendars[0])), Run(" ")]
    room = max(10, width - _INDENT - _TIMES - 2 - (letters + 1 if letters else 0))
    title = titled(event)
    place = event.place.split("\n")[0]
    if place and cell_len(title) + cell_len(place) + 2 <= room:
        yield [*head, Run(isolated(title), title_style(part)), Run(f"  {isolated(place)}", "dim")]
        return
    blank = " " * (width - room)
    lines = wrapped(title, room, 4)
    yield [*head, Run(fitted(lines[0], room) if lines else "", title_style(part))]
    for line in lines[1:]:
        yield [Run(blank), Run(fitted(line, room), title_style(part))]
    for line in wrapped(place, room, 2):
        yield [Run(blank), Run(fitted(line, room), "dim")]


def title_style(part: DayPart) -> str:
    """Return the style of a title."""
    return "struck" if part.event.cancelled else ""


def calendar_style(place: int) -> str:
    """Return the style that a calendar's letter and bars have."""
    return f"calendar {place}"
