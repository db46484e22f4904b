"""What is on, day by day: the events of several calendars, ready to be shown, and where each stands on a page."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.agenda.blocks import DayBar, DayBlock, WeekLayout, lay_out_week, week_days
    from nomarium.core.agenda.day_facts import DayFact, DayFacts, check_cycles, cycles_of
    from nomarium.core.agenda.days import AgendaDay, DayPart, agenda_days, time_words, titled
    from nomarium.core.agenda.lanes import lanes_of
    from nomarium.core.agenda.months import MonthBar, MonthDay, MonthLayout, MonthWeek, lay_out_month
    from nomarium.core.agenda.reading import Operands, read_showing
    from nomarium.core.agenda.showing import MOST_LETTERS, Showing, Shown, letter_of
    from nomarium.core.agenda.wall import WallCell, WallGrid, wall_grid

__all__ = [
    "MOST_LETTERS",
    "AgendaDay",
    "DayBar",
    "DayBlock",
    "DayFact",
    "DayFacts",
    "DayPart",
    "MonthBar",
    "MonthDay",
    "MonthLayout",
    "MonthWeek",
    "Operands",
    "Showing",
    "Shown",
    "WallCell",
    "WallGrid",
    "WeekLayout",
    "agenda_days",
    "check_cycles",
    "cycles_of",
    "lanes_of",
    "lay_out_month",
    "lay_out_week",
    "letter_of",
    "read_showing",
    "time_words",
    "titled",
    "wall_grid",
    "week_days",
]

__getattr__ = on_demand(__name__)
