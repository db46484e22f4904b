"""Sheets of terms, closures, special days and listed days → what a school year is made of."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.datesheets.closures import ClosureList, read_closures, speaks_of_school
    from nomarium.core.datesheets.edges import Side, edge_of, is_bare_edge, names_holiday, names_term
    from nomarium.core.datesheets.listed import ListedDays, read_listed_days
    from nomarium.core.datesheets.plain_list import names_dates, read_plain_list, read_plain_tab
    from nomarium.core.datesheets.public_holidays import leave_open, read_public_holidays
    from nomarium.core.datesheets.row_names import closes_school, names_event
    from nomarium.core.datesheets.rows import DatedSheet
    from nomarium.core.datesheets.school_calendar import SchoolCalendar, read_school_calendar
    from nomarium.core.datesheets.special_days import SpecialDays, read_special_days
    from nomarium.core.datesheets.terms import SHORTEST_TERM, holds_holidays, read_breaks, read_terms
    from nomarium.core.datesheets.weeks import read_weeks
    from nomarium.core.datesheets.wording import empty_is_fine, holidays_among_terms

__all__ = [
    "SHORTEST_TERM",
    "ClosureList",
    "DatedSheet",
    "ListedDays",
    "SchoolCalendar",
    "Side",
    "SpecialDays",
    "closes_school",
    "edge_of",
    "empty_is_fine",
    "holds_holidays",
    "holidays_among_terms",
    "is_bare_edge",
    "leave_open",
    "names_dates",
    "names_event",
    "names_holiday",
    "names_term",
    "read_breaks",
    "read_closures",
    "read_listed_days",
    "read_plain_list",
    "read_plain_tab",
    "read_public_holidays",
    "read_school_calendar",
    "read_special_days",
    "read_terms",
    "read_weeks",
    "speaks_of_school",
]

__getattr__ = on_demand(__name__)
