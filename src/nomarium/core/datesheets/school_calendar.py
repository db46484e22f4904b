"""A calendar of the school year: of all its rows, those that say so close the school or begin and end its terms."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass, field
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.closures import ClosureList, shortens_school, take_closures
from nomarium.core.datesheets.edges import edge_of, names_term
from nomarium.core.datesheets.row_names import closes_school
from nomarium.core.datesheets.rows import read_dated_rows
from nomarium.core.datesheets.terms import terms_among
from nomarium.core.kinds import CLOSURE_SHEET

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import SheetChoices
    from nomarium.core.year import Term


@dataclass(slots=True)
class SchoolCalendar:
    """What a calendar of the year gave."""

    terms: list[Term] = field(default_factory=list)
    closed: ClosureList = field(default_factory=ClosureList)
    silent: list[str] = field(default_factory=list)
    """The rows that say neither: events, on which the school is open."""


def read_school_calendar(choices: SheetChoices, cycles: Collection[str] = ()) -> tuple[SchoolCalendar, list[Problem]]:
    """Read a calendar of the year: its terms, its closures; all other rows are no part of the year."""
    sheet, problems = read_dated_rows(choices, CLOSURE_SHEET, plain_lists=True)
    found = SchoolCalendar(closed=ClosureList(sheet=sheet))
    if sheet is None:
        return found, problems
    found.terms = terms_among(sheet, problems)
    said = [
        row
        for row in sheet.rows
        if closes_school(row.name) or edge_of(row.name) is not None or shortens_school(row.name)
    ]
    found.silent = [row.name for row in sheet.rows if row not in said and not names_term(row.name)]
    problems += take_closures(sheet, said, found.closed, cycles)
    if found.silent:
        problems.append(wording.silent_rows(sheet.sheet.table.place, found.silent))
    return found, problems
