"""Sheets of terms, closures, special days and listed days → what a school year is made of."""

from nomarium.core.datesheets.closures import ClosureList, read_closures
from nomarium.core.datesheets.headings import CLOSURE_SHEET, SPECIAL_SHEET, TERM_SHEET, listed_sheet
from nomarium.core.datesheets.listed import ListedDays, bare_label, read_listed_days
from nomarium.core.datesheets.plain_list import is_plain_list
from nomarium.core.datesheets.public_holidays import leave_open, read_public_holidays
from nomarium.core.datesheets.rows import DatedSheet, SheetChoices
from nomarium.core.datesheets.special_days import SpecialDays, read_special_days
from nomarium.core.datesheets.terms import read_terms
from nomarium.core.datesheets.wording import empty_is_fine, in_words_of_the_plan

__all__ = [
    "CLOSURE_SHEET",
    "SPECIAL_SHEET",
    "TERM_SHEET",
    "ClosureList",
    "DatedSheet",
    "ListedDays",
    "SheetChoices",
    "SpecialDays",
    "bare_label",
    "empty_is_fine",
    "in_words_of_the_plan",
    "is_plain_list",
    "leave_open",
    "listed_sheet",
    "read_closures",
    "read_listed_days",
    "read_public_holidays",
    "read_special_days",
    "read_terms",
]
