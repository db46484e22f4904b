"""A month as a grid of weeks: as many lines a day as fit, and how many more there are."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from rich.cells import cell_len

from nomarium.core.agenda import DayFact, DayFacts, DayPart, MonthLayout, MonthWeek, Showing, Shown, titled
from nomarium.core.values import WEEKDAY_NAMES, clock_words
from nomarium.views.terminal.agenda_lines import calendar_style
from nomarium.views.terminal.runs import Line, Run, fitted

_FEWEST = 2
"""Lines of a day that are shown at least."""
_BAR = "▌"


def month_lines(showing: Showing, facts: DayFacts, layout: MonthLayout, width: int, height: int) -> Iterator[Line]:
    """Yield the lines of a month, as wide as the terminal; ``height`` is how many lines it should not exceed by far."""
    columns = [(width - 1) // 7 + (place < (width - 1) % 7) for place in range(7)]
    room = max(_FEWEST, (height - 2) // len(layout.weeks) - 2)
    days = layout.weeks[0].days
    yield _row([WEEKDAY_NAMES[day.day.weekday()][: 3 if columns[0] < 12 else 9] for day in days], columns, "bold")
    for week in layout.weeks:
        yield _rule(columns)
        yield _numbers(week, facts, columns)
        lines = week.lines()
        shown = lines if lines <= room else room - 1
        for number in range(shown):
            yield _events_line(showing, week, number, columns)
        if lines > shown:
            more = [week.hidden(place, shown) for place in range(7)]
            yield _row([f"+{count} more" if count else "" for count in more], columns, "dim")
    yield _rule(columns)


def _rule(columns: Sequence[int]) -> Line:
    return [Run("".join("┼" + "─" * (width - 1) for width in columns) + "┤", "dim")]


def _row(texts: Sequence[str], columns: Sequence[int], style: str) -> Line:
    line: Line = []
    for text, width in zip(texts, columns, strict=True):
        line += [Run("│", "dim"), Run(fitted(text, width - 1), style)]
    return [*line, Run("│", "dim")]


def _numbers(week: MonthWeek, facts: DayFacts, columns: Sequence[int]) -> Line:
    """Return the line of the days' numbers, with what each is."""
    line: Line = []
    for held, width in zip(week.days, columns, strict=True):
        fact = facts.of(held.day)
        style = "dim" if held.outside else "bold"
        said = fitted(_said(fact, width - 4), width - 4)
        line += [Run("│", "dim"), Run(f"{held.day.day:>2} ", style), Run(said, "dim")]
    return [*line, Run("│", "dim")]


def _said(fact: DayFact, width: int) -> str:
    """Return the longest of what can be said of a day that has room."""
    closed = [fact.closure, fact.closure.partition(":")[0]] if fact.closure else []
    label = ", ".join(filter(None, (fact.label, fact.week)))
    ways = [*closed, f"{label}, {fact.special}" if fact.special else label, label, fact.label, fact.short]
    return next((way for way in ways if way and cell_len(way) <= width), closed[-1] if closed else fact.short)


def _events_line(showing: Showing, week: MonthWeek, number: int, columns: Sequence[int]) -> Line:
    """Return one line of all days: bars across several, titles of one."""
    line: Line = []
    place = 0
    bars = {bar.first: bar for bar in week.bars if bar.line == number}
    while place < 7:
        bar = bars.get(place)
        line.append(Run("│", "dim"))
        if bar is None:
            line += _part(showing, dict(week.days[place].parts).get(number), columns[place] - 1)
            place += 1
            continue
        room = sum(columns[bar.first : bar.last + 1]) - 1
        mark = _mark(showing, bar.event)
        ends = f"{'' if bar.begins else '‹'}{titled(bar.event)}{'' if bar.ends else ' ›'}"
        style = calendar_style(bar.event.calendars[0])
        line += [Run(mark, style), Run(fitted(ends, room - len(mark)), "block")]
        place = bar.last + 1
    return [*line, Run("│", "dim")]


def _part(showing: Showing, part: DayPart | None, room: int) -> Line:
    if part is None:
        return [Run(" " * room)]
    event = part.event
    mark = _mark(showing, event)
    time = "" if part.whole_day else f"{clock_words(part.start)} "
    return [Run(mark, calendar_style(event.calendars[0])), Run(fitted(f"{time}{titled(event)}", room - len(mark)))]


def _mark(showing: Showing, event: Shown) -> str:
    """Return what stands before an event: the letters of its calendars, a bar where there is only one."""
    letters = showing.letters(event)
    return f"{letters} " if letters else _BAR
