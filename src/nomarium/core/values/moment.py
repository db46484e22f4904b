"""What a column of dates or times turned out to be: its moments, and how they were decided."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import date
from typing import TYPE_CHECKING, Literal, NamedTuple

from nomarium.core.values.clock import Clock, ClockTime
from nomarium.core.values.languages import weekday_of
from nomarium.core.values.order import OrderEvidence
from nomarium.core.values.words import ENGLISH, CalendarWords

if TYPE_CHECKING:
    from nomarium.core.tables import Cell, Column
    from nomarium.core.values.date_text import Order
    from nomarium.core.values.faults import Fault
    from nomarium.core.values.moment_text import MomentShape
    from nomarium.core.values.week_text import CalendarWeeks


class Moment(NamedTuple):
    """What a cell says about when, decided: any of a first and last date, a start and end time."""

    first: date | None = None
    start: ClockTime | None = None
    last: date | None = None
    end: ClockTime | None = None
    all_day: bool = False
    midnight: bool = False
    """Whether the first date may as well be its midnight: a workbook's own moments at midnight come as bare dates."""


BLANK = Moment()

STATED = "what was stated"
"""What settled the order of a column's dates where the user did."""


@dataclass(frozen=True, slots=True)
class DateChoices:
    """What the user stated about dates and times."""

    order: Order | None = None
    within: tuple[date, date] | None = None
    earliest_hour: int | None = None
    """From which hour on times of an unnamed half of the day are read, where that is stated."""
    typed: Literal["keep", "swap"] | None = None
    """What to do with a workbook's own dates where they seem to have day and month exchanged."""
    keep_midnights: bool = False
    """Whether 00:00 is meant as a time even where every cell has it."""


@dataclass(slots=True)
class MomentColumn:
    """A column of dates or times, each distinct cell read once."""

    column: Column
    times_first: bool
    shapes: dict[str, MomentShape] = field(default_factory=dict)
    weeks: dict[str, CalendarWeeks] = field(default_factory=dict)
    """The cells that name weeks of the calendar by number: each is its days from Monday to Sunday."""
    moments: dict[Cell, Moment | Fault] = field(default_factory=dict)
    to_come: set[Cell] = field(default_factory=set)
    """The cells that say that what they hold is not known yet."""
    remarks: dict[Cell, str] = field(default_factory=dict)
    """What stands in brackets behind the date or time of a cell, and was left aside: "(bring lunch)"."""
    lengths: dict[str, int] = field(default_factory=dict)
    """How many seconds it takes, where a cell says so behind its start: "12:00 (2 h)"."""
    evidence: OrderEvidence = field(default_factory=lambda: OrderEvidence([]))
    words: CalendarWords = ENGLISH
    """The names of months and weekdays that hold in the column."""
    order: Order | None = None
    order_from: str = ""
    """What settled the order where the column itself did not: what was stated, its heading, another column."""
    clock: Clock = field(default_factory=Clock)
    serials: bool = False
    """Whether the column's dates are day numbers that have lost their format."""
    midnights_dropped: bool = False
    """Whether all dates carried the time 00:00, which was taken for none."""
    utc: bool = False
    """Whether the heading says that its times are UTC."""
    swapped: bool = False
    """Whether day and month of the workbook's own dates were changed back."""

    def weekday(self, text: str) -> int | None:
        """Return the weekday that a text beside the column names (Monday is 0), or None."""
        return weekday_of(text, self.words)

    @property
    def typed(self) -> list[date]:
        """The dates and dates with times that the workbook itself holds as such."""
        return [cell for cell in self.moments if isinstance(cell, date)]

    @property
    def has_times(self) -> bool:
        """Whether any cell names a time of day."""
        return any(isinstance(moment, Moment) and moment.start is not None for moment in self.moments.values())
