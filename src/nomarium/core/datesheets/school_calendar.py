"""A calendar of the school year: of all its rows, those that say so close the school or begin and end its terms."""

from __future__ import annotations

import re
from collections.abc import Collection
from dataclasses import dataclass, field
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.closures import ClosureList, shortens_school, take_closures
from nomarium.core.datesheets.edges import edge_of, names_term
from nomarium.core.datesheets.rows import read_dated_rows
from nomarium.core.datesheets.terms import terms_among
from nomarium.core.kinds import CLOSURE_SHEET
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import SheetChoices
    from nomarium.core.year import Term

CLOSING_WORDS = (
    r"closed|closes|closures?|mid-?term(?! (?:exam|test|report|grade|assess|paper|mark)\w*)|"
    r"holidays?|break|vacations?|half[- ]term|inset|p\.?d\.? days?|days? off|"
    r"no (?:school|classes|lessons|training)|bank holiday|feiertage?|"
    r"vacances|congés?|férié|festivos?|vacaciones|puente|"
    r"chiusur\w+|fermetur\w+|schließ\w*|cierres?|encerr\w*|stängt?|"
    r"feriados?|férias|vacanze|festa|festività|\w*ferie[nr]?|helligdag|\w*vakantie\w*|vrije?|"
    r"\w*lov(?:et)?|helgdag(?:ar)?|röda dagar|skolfritt|"
    r"(?:dni|dzień) woln[ey]|woln[ey]|przerwa|święt\w+|prázdnin\w*|svátk\w*|volno|szünet\w*|szünnap\w*|"
    r"\w*loma[ts]?|vapaapäiv\w*|tatil\w*|αργί\w+|διακοπές|каникул\w*|праздник\w*|выходн\w+|канікул\w*|vacan[tț]\w*|praznik\w*|"
    r"počitnice|raspust|recess|reading (?:week|day)|training days?|"
    r"(?:schul|unterrichts|vorlesungs|lehrveranstaltungs|kurs|dienst)\w*frei\w*|(?:college|les)vrij\w*|"
    r"undervisningsfri\w*|"
    r"non[- ]?teaching|no[nt]?[- ](?:school|class|contact|instructional)[- ]days?|no teaching|"
    r"(?:pupil|student)s?[- ]free|"
    r"\S*(?:休|祝日|假期|节假|節日)\S*|\S*휴(?:일|업)\S*|sans (?:cours|classe)|sin clases?|"
    r"senza lezioni|sem aulas|shut ?downs?"
)
"""The words, as alternatives of an expression, that say of whatever they name that the school is closed."""
_CLOSES = regex(rf"\b(?:{CLOSING_WORDS}|off|no students|\w*ferien|no lectivo)\b", re.IGNORECASE)


def closes_school(name: str) -> bool:
    """Tell whether a row's name says that the school is closed: "Fall break", "Founders' day (no school)"."""
    return bool(_CLOSES.search(name))


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
    found.terms = terms_among(sheet)
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
