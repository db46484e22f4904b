"""A sheet of terms → Terms."""

from __future__ import annotations

import re
from collections.abc import Sequence
from datetime import timedelta
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.edges import join_edges, names_holiday, names_term, speaks_of_holiday, term_name
from nomarium.core.datesheets.row_names import closes_school
from nomarium.core.datesheets.rows import DatedRow, DatedSheet, read_dated_rows
from nomarium.core.kinds import TERM_SHEET
from nomarium.core.values import BLANK, DateChoices, Fault, Moment, read_moments
from nomarium.core.year import Closure, Term
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import SheetChoices


def read_terms(choices: SheetChoices) -> tuple[list[Term], DatedSheet | None, list[Problem]]:
    """Read a sheet of terms, each with its name, first and last day; the sheet is None where it cannot be read.

    A calendar with rows such as “First day of school” and “Last day of school” has the terms between these.
    """
    sheet, problems = read_dated_rows(choices, TERM_SHEET, plain_lists=True)
    if sheet is None:
        return [], None, problems
    named = terms_among if holds_holidays([row.name for row in sheet.rows]) else terms_between
    terms = named(sheet, problems)
    rows = [
        Term(
            row.name or f"Term {number}",
            row.first,
            row.last,
            sheet.place(row),
            _first_letter(sheet, row),
            sheet.text(row, "code"),
        )
        for number, row in enumerate(sheet.rows, 1)
    ]
    return terms or rows, sheet, problems


def read_breaks(sheet: DatedSheet, terms: Sequence[Term]) -> tuple[list[Closure], list[Problem]]:
    """Return the days off within terms, where a sheet has a column for them; without a year they are in the terms'."""
    columns = [match.column for match in sheet.sheet.matches.all if match.field in ("break", "break_end")]
    if not columns or not terms or len(terms) != len(sheet.rows):
        return [], []
    if len(columns) == 1 and _BOUND.search(columns[0].heading):
        return [], [wording.break_without_end(sheet.sheet.table.heading_place(columns[0]), columns[0].heading)]
    within = min(term.first for term in terms), max(term.last for term in terms)
    moments, problems = read_moments(sheet.sheet.table, [(one, False) for one in columns], DateChoices(within=within))
    closures: list[Closure] = []
    for row, term in zip(sheet.rows, terms, strict=True):
        said = [moment.moments.get(moment.column.cells[row.record], BLANK) for moment in moments]
        place = sheet.place(row, "break")
        faults = [one.at(place) for one in said if isinstance(one, Fault)]
        days = [day for one in said if isinstance(one, Moment) for day in (one.first, one.last) if day is not None]
        if faults or not days:
            problems += faults
        elif not all(day in term for day in days):
            problems.append(wording.break_outside_term(place, sheet.text(row, "break"), term))
        else:
            name = columns[0].heading if columns[0].heading.strip() else "Break"
            closures.append(Closure(_BOUND.sub("", name), min(days), max(days), place))
    return closures, problems


_BOUND = regex(r"\s+(?:starts|begins|from|ends|to)$", re.IGNORECASE)


def _first_letter(sheet: DatedSheet, row: DatedRow) -> str:
    """Return the letter of a term's first week as its row says it: "A", "Week A"."""
    text = sheet.text(row, "first_letter").upper()
    return match[1] if (match := _LETTER.fullmatch(text)) else text


_LETTER = regex(r"(?:\w+[ -])?([A-Z])(?:[ -]\w+)?")


def holds_holidays(names: Sequence[str]) -> bool:
    """Tell whether all rows of a sheet are named as terms or as holidays, and some as each: these close the school."""
    holidays = [name for name in names if speaks_of_holiday(name) or names_holiday(name) or closes_school(name)]
    return 0 < len(holidays) < len(names) and all(names_term(name) for name in names if name not in holidays)


def terms_between(sheet: DatedSheet, problems: list[Problem]) -> list[Term]:
    """Return the terms whose first and last days rows of a sheet name; none where none do.

    A term that ends on the eve of a break is told among the problems.
    """
    spans = join_edges(sheet.rows, of_school=True).spans
    problems += [wording.ends_before_break(sheet.place(one.before), one.before.name) for one in spans if one.before]
    problems += [wording.ends_at_a_time(sheet.place(one.ends), one.ends.name) for one in spans if one.ends]
    return [
        Term(term_name(one, number, len(spans)), one.first, one.last, sheet.place(one.row))
        for number, one in enumerate(spans, 1)
    ]


SHORTEST_TERM = timedelta(days=20)
"""A span of no more than so many days is no term, unless a sheet of terms says so."""


def terms_among(sheet: DatedSheet, problems: list[Problem]) -> list[Term]:
    """Return the terms of a calendar of the year: between first and last days, else the spans called a term or a year.

    Of a year and its terms, the terms count.
    """
    if between := terms_between(sheet, problems):
        return between
    named = [row for row in sheet.rows if names_term(row.name) and row.last - row.first > SHORTEST_TERM]
    parts = [one for one in named if not any(one.first <= o.first and o.last <= one.last for o in named if o != one)]
    return [Term(row.name, row.first, row.last, sheet.place(row)) for row in parts]
