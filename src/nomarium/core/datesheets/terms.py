"""A sheet of terms → Terms."""

from __future__ import annotations

from nomarium.core.datesheets.rows import DatedSheet, read_dated_rows
from nomarium.core.kinds import TERM_SHEET
from nomarium.core.problems import Problem
from nomarium.core.sheets import SheetChoices
from nomarium.core.year import Term


def read_terms(choices: SheetChoices) -> tuple[list[Term], DatedSheet | None, list[Problem]]:
    """Read a sheet of terms, each with its name, first and last day; the sheet is None where it cannot be read."""
    sheet, problems = read_dated_rows(choices, TERM_SHEET, plain_lists=True)
    if sheet is None:
        return [], None, problems
    return [Term(row.name, row.first, row.last, sheet.place(row)) for row in sheet.rows], sheet, problems
