"""A sheet of terms → Terms."""

from __future__ import annotations

from nomarium.core.datesheets.edges import join_edges, term_name
from nomarium.core.datesheets.rows import DatedSheet, read_dated_rows
from nomarium.core.kinds import TERM_SHEET
from nomarium.core.problems import Problem
from nomarium.core.sheets import SheetChoices
from nomarium.core.year import Term


def read_terms(choices: SheetChoices) -> tuple[list[Term], DatedSheet | None, list[Problem]]:
    """Read a sheet of terms, each with its name, first and last day; the sheet is None where it cannot be read.

    A calendar with rows such as “First day of school” and “Last day of school” has the terms between these.
    """
    sheet, problems = read_dated_rows(choices, TERM_SHEET, plain_lists=True)
    if sheet is None:
        return [], None, problems
    terms = terms_between(sheet)
    rows = [
        Term(row.name or f"Term {number}", row.first, row.last, sheet.place(row))
        for number, row in enumerate(sheet.rows, 1)
    ]
    return terms or rows, sheet, problems


def terms_between(sheet: DatedSheet) -> list[Term]:
    """Return the terms whose first and last days rows of a sheet name; none where none do."""
    spans = join_edges(sheet.rows, of_school=True).spans
    return [
        Term(term_name(one, number, len(spans)), one.first, one.last, sheet.place(one.row))
        for number, one in enumerate(spans, 1)
    ]
