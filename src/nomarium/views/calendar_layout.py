"""Where everything stands on the page of a week, a month or a wall timetable: boxes in fractions of the page."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.views.page import Box

if TYPE_CHECKING:
    from nomarium.core.agenda import DayBar, DayBlock, MonthLayout, WeekLayout

MARGIN = 0.025
HEAD = 0.075
"""The height of the page's title."""
FOOT = 0.03
_GUTTER = 0.05
"""The width of the hours, or of the periods, before the days."""
_DAY_HEAD = 0.055
_BAR = 0.026
_MOST_BARS = 6
"""So many rows of events of whole days are drawn; what is beyond is counted."""
_EARLIEST, _LATEST = 8 * 60, 16 * 60
"""Hours that are drawn even where nothing is on, in minutes."""
LEAST = 0.017
"""The height of the lowest block, so that its title has room."""
_LONG_DAY, _LOW = 10 * 60, 0.3
"""Of a day that is longer than so many minutes, hours in which nothing is on are drawn so low."""


@dataclass(frozen=True, slots=True)
class WeekPage:
    """The page of a week."""

    heads: Sequence[Box]
    """For each day, where its heading stands."""
    columns: Sequence[Box]
    hours: Sequence[tuple[int, float]]
    """(minute of the day, height on the page) of each hour's rule."""
    bars: Sequence[tuple[Box, DayBar]]
    hidden_bars: int
    blocks: Sequence[tuple[Box, DayBlock]]


def week_page(layout: WeekLayout) -> WeekPage:
    """Return where the days, hours and events of a week stand."""
    top = 1 - MARGIN - HEAD
    columns = list(_columns(len(layout.days), MARGIN + FOOT, top))
    heads = [box._replace(y=top - _DAY_HEAD, height=_DAY_HEAD) for box in columns]
    rows = min(layout.bar_rows, _MOST_BARS)
    ceiling = top - _DAY_HEAD - rows * _BAR - (0.008 if rows else 0.0)
    columns = [box._replace(height=ceiling - box.y) for box in columns]
    bars = []
    for bar in layout.bars:
        if bar.row < _MOST_BARS:
            first, last = columns[bar.first], columns[bar.last]
            y = top - _DAY_HEAD - (bar.row + 1) * _BAR
            bars.append((Box(first.x + 0.002, y, last.x + last.width - first.x - 0.004, _BAR * 0.9), bar))
    hours = Hours.of(layout, columns[0].height)
    blocks = []
    for column, several in zip(columns, layout.blocks, strict=True):
        for block in several:
            width = column.width / block.lanes
            above, below = hours.depth(block.start), hours.depth(block.end)
            below = min(max(below, above + LEAST), hours.depth(hours.closes))
            above = min(above, below - LEAST)
            box = Box(column.x + block.lane * width, ceiling - below, width, below - above)
            blocks.append((box.inside(0.0015, 0.0015), block))
    marks = [(minute, ceiling - hours.depth(minute)) for minute in range(hours.opens, hours.closes + 1, 60)]
    return WeekPage(heads, columns, marks, bars, len(layout.bars) - len(bars), blocks)


@dataclass(frozen=True, slots=True)
class Hours:
    """The hours of a week's page: those of a long day in which nothing is on are drawn low."""

    opens: int
    closes: int
    depths: Sequence[float]
    """How far below the first hour each begins, in fractions of the page; the end behind the last."""

    @classmethod
    def of(cls, layout: WeekLayout, height: float) -> Hours:
        """Return the hours of a week on a height."""
        opens, closes = _span(layout)
        spans = [(block.start, block.end) for several in layout.blocks for block in several]
        weights = []
        for hour in range(opens, closes, 60):
            taken = any(start < hour + 60 and max(end, start + 1) > hour for start, end in spans)
            weights.append(1.0 if taken or closes - opens <= _LONG_DAY else _LOW)
        total, depths, depth = sum(weights), [0.0], 0.0
        for weight in weights:
            depth += weight * height / total
            depths.append(depth)
        return cls(opens, closes, depths)

    def depth(self, minute: int) -> float:
        """Return how far below the first hour a minute of the day is."""
        hour, rest = divmod(min(max(minute, self.opens), self.closes) - self.opens, 60)
        above = self.depths[hour]
        return above + (self.depths[hour + 1] - above) * rest / 60 if rest else above

    @property
    def least_minutes(self) -> int:
        """How many minutes the lowest block takes in an hour that something is on."""
        highest = max(below - above for above, below in pairwise(self.depths))
        return int(LEAST / highest * 60) + 1


def _columns(days: int, bottom: float, top: float) -> Iterator[Box]:
    width = (1 - 2 * MARGIN - _GUTTER) / days
    for place in range(days):
        yield Box(MARGIN + _GUTTER + place * width, bottom, width, top - bottom)


def _span(layout: WeekLayout) -> tuple[int, int]:
    """Return the whole hours that hold all blocks, and the usual ones where these are few."""
    starts = [block.start for several in layout.blocks for block in several]
    ends = [block.end for several in layout.blocks for block in several]
    first = min([_EARLIEST, *(start // 60 * 60 for start in starts)]) if starts else _EARLIEST
    last = max([*(-(-end // 60) * 60 for end in ends), first + 8 * 60]) if ends else _LATEST
    return first, min(last, 24 * 60)


@dataclass(frozen=True, slots=True)
class MonthCell:
    """One day of a month's page."""

    box: Box
    week: int
    place: int


@dataclass(frozen=True, slots=True)
class MonthPage:
    """The page of a month: each day's box, and how many lines of events it has room for."""

    heads: Sequence[Box]
    cells: Sequence[MonthCell]
    lines: int
    line: float
    """The height of a line of events."""
    number: float
    """The height of the line with a day's number."""


def month_page(layout: MonthLayout, line: float) -> MonthPage:
    """Return where the days of a month stand; ``line`` is the height that a line of events wants."""
    head = 0.035
    top, bottom = 1 - MARGIN - HEAD - head, MARGIN + FOOT
    width = (1 - 2 * MARGIN) / 7
    height = (top - bottom) / len(layout.weeks)
    heads = [Box(MARGIN + place * width, top, width, head) for place in range(7)]
    cells = [
        MonthCell(Box(MARGIN + place * width, top - (week + 1) * height, width, height), week, place)
        for week in range(len(layout.weeks))
        for place in range(7)
    ]
    number = line * 1.25
    return MonthPage(heads, cells, max(1, int((height - number) / line)), line, number)


def wall_cells(days: int, periods: int, foot: float) -> tuple[list[Box], list[Box], list[list[Box]]]:
    """Return the boxes of a wall timetable: of the days' headings, the periods' headings, and the cells by period."""
    gutter, head = 0.085, 0.05
    top, bottom = 1 - MARGIN - HEAD, MARGIN + FOOT + foot
    width = (1 - 2 * MARGIN - gutter) / max(1, days)
    height = (top - head - bottom) / max(1, periods)
    heads = [Box(MARGIN + gutter + place * width, top - head, width, head) for place in range(days)]
    rows = [Box(MARGIN, top - head - (row + 1) * height, gutter, height) for row in range(periods)]
    cells = [[Box(box.x, row.y, width, height) for box in heads] for row in rows]
    return heads, rows, cells
