"""A week as columns of days: events as blocks at their times, those that overlap side by side."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field
from datetime import date

from nomarium.core.agenda import DayBlock, DayFact, DayFacts, Showing, Shown, WeekLayout, lay_out_week, titled
from nomarium.core.values import MONTH_NAMES, WEEKDAY_NAMES, minute_words
from nomarium.views.terminal.agenda_lines import calendar_style
from nomarium.views.terminal.runs import Line, Run, fitted, wrapped

_GUTTER = 6
"""The width of the times in front."""
_NARROWEST_DAY, _NARROWEST_LANE = 9, 7
_MOST_LINES = 4
"""So many lines of a block are filled with its title and place at most."""
_BAR = "▌"


@dataclass(slots=True)
class _Hidden:
    """Events that have no lane wide enough to stand in: they are listed below the week."""

    blocks: list[tuple[date, DayBlock]] = field(default_factory=list)


def has_room(days: int, width: int) -> bool:
    """Tell whether a terminal has room for so many days side by side."""
    return width >= _GUTTER - 1 + days * _NARROWEST_DAY


def week_lines(showing: Showing, facts: DayFacts, days: Sequence[date], width: int) -> Iterator[Line]:
    """Yield the lines of some days side by side, as wide as the terminal."""
    layout = lay_out_week(showing.between(days[0], days[-1]), days)
    columns = _widths(width - _GUTTER + 1, len(days))
    yield from _heading_lines(facts, layout.days, columns)
    yield from _bar_lines(showing, layout, columns)
    hidden = _Hidden()
    if any(layout.blocks):
        yield _rule(columns)
        yield from _Bands(showing, layout, columns, hidden).lines()
    yield _rule(columns)
    for day, block in hidden.blocks:
        start, end = minute_words(block.start), minute_words(block.end)
        words = _lettered(showing, block.event)
        when = f"also {WEEKDAY_NAMES[day.weekday()][:3]} {start}–{end}  "
        yield [Run(when, "dim"), Run(fitted(words, max(10, width - len(when))).rstrip())]


def _widths(room: int, days: int) -> list[int]:
    """Return the widths of the days' columns, all of the room."""
    base, more = divmod(room, days)
    return [base + (place < more) for place in range(days)]


def _rule(columns: Sequence[int]) -> Line:
    return [Run("─" * (_GUTTER - 1), "dim"), *(Run("┼" + "─" * (width - 1), "dim") for width in columns)]


def _heading_lines(facts: DayFacts, days: Sequence[date], columns: Sequence[int]) -> Iterator[Line]:
    known = [facts.of(day) for day in days]
    heads = [f"{WEEKDAY_NAMES[day.weekday()][:3]} {day.day}" for day in days]
    if min(columns) > 10:
        heads = [f"{head} {MONTH_NAMES[day.month - 1][:3]}" for head, day in zip(heads, days, strict=True)]
    yield _row(heads, columns, "bold")
    for said in ([_label(fact) for fact in known], [_closure(fact) for fact in known]):
        lines = [wrapped(text, width - 2, 2) for text, width in zip(said, columns, strict=True)]
        for number in range(max(map(len, lines))):
            texts = [several[number] if number < len(several) else "" for several in lines]
            yield _row(texts, columns, "dim")


def _label(fact: DayFact) -> str:
    return ", ".join(filter(None, (fact.label, fact.week)))


def _closure(fact: DayFact) -> str:
    return ", ".join(filter(None, (fact.closure, fact.special)))


def _row(texts: Sequence[str], columns: Sequence[int], style: str) -> Line:
    line = [Run(" " * (_GUTTER - 1))]
    for text, width in zip(texts, columns, strict=True):
        line += [Run("│", "dim"), Run(fitted(text, width - 1), style)]
    return line


def _bar_lines(showing: Showing, layout: WeekLayout, columns: Sequence[int]) -> Iterator[Line]:
    """Yield the events of whole days, each a bar across its days."""
    if layout.bars:
        yield _rule(columns)
    for row in range(layout.bar_rows):
        line, place = [Run(" " * (_GUTTER - 1))], 0
        for bar in sorted((bar for bar in layout.bars if bar.row == row), key=lambda bar: bar.first):
            for width in columns[place : bar.first]:
                line += [Run("│", "dim"), Run(" " * (width - 1))]
            room = sum(columns[bar.first : bar.last + 1]) - 1
            line += [Run("│", "dim"), Run(_BAR, calendar_style(bar.event.calendars[0]))]
            line.append(Run(fitted(_lettered(showing, bar.event), room - 1), "block"))
            place = bar.last + 1
        for width in columns[place:]:
            line += [Run("│", "dim"), Run(" " * (width - 1))]
        yield line


def _lettered(showing: Showing, event: Shown) -> str:
    """Return an event's title behind the letters of its calendars, where there are several."""
    letters = showing.letters(event)
    return f"{letters} {titled(event)}" if letters else titled(event)


class _Bands:
    """The hours of a week, cut where anything starts or ends; each band is as high as its texts want."""

    def __init__(self, showing: Showing, layout: WeekLayout, columns: Sequence[int], hidden: _Hidden) -> None:
        self._showing = showing
        self._columns = columns
        self._shown = [
            self._with_room(day, blocks, width, hidden)
            for day, blocks, width in zip(layout.days, layout.blocks, columns, strict=True)
        ]
        self._cuts = sorted({cut for blocks in self._shown for block in blocks for cut in (block.start, block.end)})
        self._heights = self._reckoned()

    def _with_room(self, day: date, blocks: Sequence[DayBlock], width: int, hidden: _Hidden) -> list[DayBlock]:
        """Return the blocks that have room in a column; of more lanes than fit, the last ones are listed instead."""
        most = max(1, (width - 1) // _NARROWEST_LANE)
        hidden.blocks += [(day, block) for block in blocks if block.lane >= most]
        return [
            DayBlock(block.event, block.start, block.end, block.lane, min(block.lanes, most))
            for block in blocks
            if block.lane < most
        ]

    def _bands(self, block: DayBlock) -> range:
        first = self._cuts.index(block.start)
        return range(first, max(first + 1, self._cuts.index(block.end)))

    def _reckoned(self) -> list[int]:
        """Return the height of each band in lines: enough for the texts that stand in it, none for a gap."""
        heights = [0] * len(self._cuts)
        blocks = [(block, width) for blocks, width in zip(self._shown, self._columns, strict=True) for block in blocks]
        for block, width in sorted(blocks, key=lambda one: len(self._bands(one[0]))):
            bands = self._bands(block)
            for band in bands:
                heights[band] = max(heights[band], 1)
            lacking = len(self._texts(block, width)) - sum(heights[band] for band in bands)
            if lacking > 0:
                heights[bands[-1]] += lacking
        return heights

    def _texts(self, block: DayBlock, width: int) -> list[str]:
        """Return the lines that a block's title and place take."""
        room = self._lane_width(block, width) - 1
        lines = wrapped(_lettered(self._showing, block.event), max(1, room), _MOST_LINES - 1)
        place = wrapped(block.event.place.split("\n")[0], max(1, room), 1) if block.event.place else []
        return [*lines, *place]

    def _lane_width(self, block: DayBlock, width: int) -> int:
        base, more = divmod(width - 1, block.lanes)
        return base + (block.lane < more)

    def lines(self) -> Iterator[Line]:
        """Yield the lines of all bands; where nothing is on, and behind the last, one that says since when."""
        for band, height in enumerate(self._heights):
            if not height:
                yield self._free_line(self._cuts[band])
            for number in range(height):
                time = minute_words(self._cuts[band]) if number == 0 else ""
                line = [Run(f"{time:>{_GUTTER - 1}}", "dim")]
                for blocks, width in zip(self._shown, self._columns, strict=True):
                    line.append(Run("│", "dim"))
                    line += self._cell(blocks, width, band, number)
                yield line

    def _free_line(self, minute: int) -> Line:
        line = [Run(f"{minute_words(minute):>{_GUTTER - 1}}", "dim")]
        for width in self._columns:
            line += [Run("│", "dim"), Run(" " * (width - 1))]
        return line

    def _cell(self, blocks: Sequence[DayBlock], width: int, band: int, number: int) -> Line:
        """Return what one day has on one line."""
        here = sorted((block for block in blocks if band in self._bands(block)), key=lambda block: block.lane)
        line: Line = []
        taken = 0
        for block in here:
            base, more = divmod(width - 1, block.lanes)
            start = block.lane * base + min(block.lane, more)
            line.append(Run(" " * (start - taken)))
            room = self._lane_width(block, width)
            first = self._bands(block)[0]
            at = sum(self._heights[first:band]) + number
            texts = self._texts(block, width)
            style = calendar_style(block.event.calendars[0])
            text = texts[at] if at < len(texts) else ""
            is_place = bool(block.event.place) and at == len(texts) - 1 and at > 0
            line += [Run(_BAR, style), Run(fitted(text, room - 1), "place" if is_place else "block")]
            taken = start + room
        line.append(Run(" " * (width - 1 - taken)))
        return line
