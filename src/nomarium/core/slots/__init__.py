"""Which days and periods a text means."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.slots.cell_weeks import by_bare_letters, by_weeks, letters_in
    from nomarium.core.slots.days import DayReader, DayTest, UnknownDay
    from nomarium.core.slots.periods import LONGEST_NAME, Periods, bare_block, bare_period, period_key, read_periods
    from nomarium.core.slots.slot_texts import Slot, read_slots
    from nomarium.core.slots.weeks import (
        EVERY_WEEK,
        Count,
        WeekNumbers,
        counted_by_words,
        read_week_numbers,
        weeks_of_caption,
    )

__all__ = [
    "EVERY_WEEK",
    "LONGEST_NAME",
    "Count",
    "DayReader",
    "DayTest",
    "Periods",
    "Slot",
    "UnknownDay",
    "WeekNumbers",
    "bare_block",
    "bare_period",
    "by_bare_letters",
    "by_weeks",
    "counted_by_words",
    "letters_in",
    "period_key",
    "read_periods",
    "read_slots",
    "read_week_numbers",
    "weeks_of_caption",
]

__getattr__ = on_demand(__name__)
