"""A column of cells → typed values: dates, times, lengths, choices, lists; with the evidence for the reading."""

from nomarium.core.values.choices import read_busy, read_status, read_visibility, read_yes_no, split_list
from nomarium.core.values.clock import DAY, ClockTime, end_after
from nomarium.core.values.date_text import ORDER_NAMES, ORDERS, Order
from nomarium.core.values.durations import Length, cell_length, read_length, unit_in_heading
from nomarium.core.values.faults import Fault
from nomarium.core.values.moments import BLANK, DateChoices, Moment, MomentColumn, read_moments
from nomarium.core.values.style import style_of
from nomarium.core.values.wording import day_words, long_day

__all__ = [
    "BLANK",
    "DAY",
    "ORDERS",
    "ORDER_NAMES",
    "ClockTime",
    "DateChoices",
    "Fault",
    "Length",
    "Moment",
    "MomentColumn",
    "Order",
    "cell_length",
    "day_words",
    "end_after",
    "long_day",
    "read_busy",
    "read_length",
    "read_moments",
    "read_status",
    "read_visibility",
    "read_yes_no",
    "split_list",
    "style_of",
    "unit_in_heading",
]
