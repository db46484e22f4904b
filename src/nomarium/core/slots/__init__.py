"""Which days and periods a text means."""

from nomarium.core.slots.days import DayReader, DayTest, UnknownDay
from nomarium.core.slots.periods import LONGEST_NAME, Periods, bare_period, period_key, read_periods
from nomarium.core.slots.slot_texts import Slot, read_slots

__all__ = [
    "LONGEST_NAME",
    "DayReader",
    "DayTest",
    "Periods",
    "Slot",
    "UnknownDay",
    "bare_period",
    "period_key",
    "read_periods",
    "read_slots",
]
