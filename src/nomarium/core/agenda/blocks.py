"""A week → its days side by side, each event a block at its times, those that overlap in lanes."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta
from typing import TYPE_CHECKING

from nomarium.core.agenda.days import agenda_days
from nomarium.core.agenda.lanes import lanes_of

if TYPE_CHECKING:
    from nomarium.core.agenda.showing import Shown

_DAY_MINUTES = 24 * 60


@dataclass(frozen=True, slots=True)
class DayBlock:
    """A timed event, or its part on one day: from when to when in minutes of the day, and its lane."""

    event: Shown
    start: int
    end: int
    lane: int
    lanes: int


@dataclass(frozen=True, slots=True)
class DayBar:
    """An event that takes whole days: from which day of the week to which, by their places, and its row."""

    event: Shown
    first: int
    last: int
    row: int


@dataclass(slots=True)
class WeekLayout:
    """A week as columns of days."""

    days: list[date]
    bars: list[DayBar] = field(default_factory=list)
    """Events of whole days, in rows above the others."""
    blocks: list[list[DayBlock]] = field(default_factory=list)
    """The timed ones of each day."""

    @property
    def bar_rows(self) -> int:
        """The number of rows that the bars take."""
        return max((bar.row + 1 for bar in self.bars), default=0)

    @property
    def is_empty(self) -> bool:
        """Whether nothing is on."""
        return not self.bars and not any(self.blocks)


def week_days(events: Sequence[Shown], first: date) -> list[date]:
    """Return the days of a week that are shown: Monday to Friday, and the rest where anything is on."""
    days = [first + timedelta(days=number) for number in range(7)]
    taken = {day.day for day in agenda_days(events, days[0], days[-1])}
    return [day for day in days if day.weekday() < 5 or day in taken]


def lay_out_week(events: Sequence[Shown], days: Sequence[date], least: int = 1) -> WeekLayout:
    """Lay out some days side by side; an event past midnight stands in the columns of both days.

    ``least`` is how many minutes an event takes up at least where it is drawn: shorter ones share no lane with what
    follows within these.
    """
    layout = WeekLayout(list(days))
    place_of = {day: place for place, day in enumerate(layout.days)}
    whole: dict[int, tuple[Shown, int, int]] = {}
    timed: list[list[tuple[Shown, int, int]]] = [[] for _ in layout.days]
    for held in agenda_days(events, min(days), max(days)):
        place = place_of.get(held.day)
        for part in held.parts if place is not None else ():
            if part.whole_day:
                event, first, _ = whole.get(id(part.event), (part.event, place, place))
                whole[id(part.event)] = event, first, place  # type: ignore[assignment]
            else:
                timed[place].append((part.event, _minute(part.start), _minute(part.end) or _DAY_MINUTES))  # type: ignore[index]
    spans = list(whole.values())
    rows = lanes_of([(first, last + 1) for _, first, last in spans])
    layout.bars = [DayBar(*span, row) for span, (row, _) in zip(spans, rows, strict=True)]
    for several in timed:
        lanes = lanes_of([(start, max(end, start + least)) for _, start, end in several])
        layout.blocks.append([DayBlock(*one, *lane) for one, lane in zip(several, lanes, strict=True)])
    return layout


def _minute(moment: object) -> int:
    return moment.hour * 60 + moment.minute  # type: ignore[attr-defined,no-any-return]
