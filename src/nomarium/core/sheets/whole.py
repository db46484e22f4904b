"""What holds for a whole sheet: its division, term, special day, person, by the plan, a title, the tab or the file."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Mapping
from pathlib import PurePath
from typing import TYPE_CHECKING

from nomarium.core.columns import Kind, says_not_what
from nomarium.core.sheets import wording
from nomarium.core.sheets.said_in_notes import says_when
from nomarium.core.tables import Grid, plain_text
from nomarium.core.values import TITLED_FORM, weekday_in_any
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets.choices import Known, SheetChoices
    from nomarium.core.sheets.reading import Sheet


def said_of_whole(sheet: Sheet, choices: SheetChoices, grid: Grid | None) -> tuple[dict[str, str], list[Problem]]:
    """Return the values that hold for all rows of a sheet, by their fields, and a note on each that nobody stated."""
    found = dict(choices.whole)
    problems = []
    for name in sheet.kind.whole:
        if name in found or sheet.matches.column(name) is not None:
            continue
        if name == "day" and (sheet.kind.kind is not Kind.BELLS or "special" in found):
            continue
        said = said_by_names(name, choices.known, grid, sheet.table.heading_row - 1) if grid else None
        if said:
            found[name], where = said
            problems.append(wording.holds_for_all(sheet.table.place, name, found[name], where))
    if (
        grid is not None
        and _says_not_what(sheet, found)
        and (said := _what_by_names(grid, sheet.table.heading_row - 1))
    ):
        found["course"], where = said
        problems.append(wording.holds_for_all(sheet.table.place, "course", found["course"], where))
    return found, problems


def _says_not_what(sheet: Sheet, whole: Mapping[str, str]) -> bool:
    """Tell whether the rows of a timetable say when, and where or with whom, but not what is on."""
    return sheet.kind.kind is Kind.LIST and says_not_what({match.field for match in sheet.matches.all} | whole.keys())


def _what_by_names(grid: Grid, above: int) -> tuple[str, str] | None:
    """Return what a title, the tab or the file's name calls a list: "Masses"; None where none is a name."""
    for text, where in _names_of(grid, above):
        if len(text) <= _LONGEST_NAME and not says_when(text) and not is_usual_name(text):
            return " ".join(_YEARS.sub(" ", text.replace("_", " ")).split()) or text, where
    return None


_LONGEST_NAME = 40
_YEARS = regex(r"[\s,–-]*\b20\d\d(?:[-–/]\d{2,4})?\b")


def is_usual_name(sheet: str) -> bool:
    """Tell whether a tab's name is one that programs give, or says only what it is: "Sheet1", "Timetable"."""
    return bool(_USUAL.fullmatch(sheet.strip()))


_USUAL = regex(
    r"(?:sheet|tabelle|feuil(?:le)?|hoja|foglio|blad|ark|planilha|timetable|grid|codes|list|data|export|page|schedule|plan|"
    r"rota|roster|calendar|overview|main|master|weekly|(?:mapa|quadro|grelha|grade)(?: de \w+)?|horários?|horarios?|"
    r"orario|horaires?|emploi du temps|stundenplan|kursplan|dienstplan|wochenplan|übersicht|rooster|lesrooster|schema|"
    r"skema|timeplan|plan zajęć|rozvrh|órarend|lukujärjestys|tabl[ae]|tabell?)[\W\d_]*.{0,12}",
    re.IGNORECASE,
)


def said_by_names(name: str, known: Known, grid: Grid, above: int) -> tuple[str, str] | None:
    """Return the one known value of a field that a title, the tab or the file's name says, and where that stands.

    Where none is said, a name that has the form of a class's or a person's and nothing else, such as “7A” or
    “Ms Okafor”, is one. ``above`` is how many rows from the top may hold titles.
    """
    values = known.of(name)
    for text, where in _names_of(grid, above) if values or name == "day" else ():
        said = _weekdays_in(text) if name == "day" else known_in(text, values)
        if len(said) == 1:
            return said[0], where
        if said:
            return None
    has_form = _FORMS.get(name, _never)
    parts = ((part, where) for text, where in _names_of(grid, above) for part in _PARTS.split(text))
    return next((said for said in parts if has_form(said[0])), None)


_PARTS = regex(r"\s+[–—|/-]\s+|\s*,\s+")


def _never(_: str) -> None:
    return None


_NUMBERED_ROOM = regex(r"(?:room|raum|salle|aula|sala|zaal|lokaal|lokale|studio|lab) ?\d{1,3}[a-z]?", re.IGNORECASE)
_CLASS = regex(
    r"(?!\d+(?:st|nd|rd|th|am|pm|h|e|o)$)\d{1,2}[ ./-]?[^\W\d_]\d?|"
    r"(?:Year|Grade|Klasse|Form|Class|Classe|Clase) ?\d{1,2}[^\W\d_]?",
    re.IGNORECASE,
)
"""A name that is surely a class's: “8A”, “Year 9”; “S1” may be a semester, “1st” a term."""
_FORMS: Mapping[str, Callable[[str], object]] = {
    "class": _CLASS.fullmatch,
    "teacher": TITLED_FORM.fullmatch,
    "room": _NUMBERED_ROOM.fullmatch,
}


def _names_of(grid: Grid, above: int) -> Iterator[tuple[str, str]]:
    for row in reversed(grid.rows[max(0, above - _MOST_ABOVE) : above]):
        for cell in row:
            if isinstance(cell, str) and cell:
                yield cell, f"“{plain_text(cell)}” above the table"
    if grid.sheet:
        yield grid.sheet, f"the sheet’s name “{grid.sheet}”"
    yield PurePath(grid.file).stem, f"the file’s name “{grid.file}”"


_MOST_ABOVE = 6


def _weekdays_in(text: str) -> list[str]:
    """Return the weekdays that a name says, as a plan writes them: "Bells Mon Tue Thu Fri"; none beside a date."""
    words = [] if any(map(str.isdigit, text)) else re.findall(r"[^\W\d_]{3,}|[-–]", text)
    named = [(word, weekday_in_any(word)) for word in words]
    days = [word for word, day in named if day is not None]
    for (first, day), (dash, _), (last, other) in zip(named, named[1:], named[2:], strict=False):
        if day is not None and other is not None and dash in ("-", "–"):
            return [f"{first}–{last}"] if len(days) == 2 else []
    return [", ".join(days)] if days else []


def _spaced(text: str) -> str:
    return f" {' '.join(_WORD.findall(text))} "


_WORD = regex(r"[^\W_]+")


def known_in(text: str, values: Mapping[str, str]) -> list[str]:
    """Return the known values, by their case folded keys, that stand in a text as whole words.

    Of one within another the longer one only.
    """
    words = _spaced(text.casefold())
    there = [(key, value) for key, value in values.items() if key and _spaced(key) in words]
    return [value for key, value in there if not any(key != other and key in other for other, _ in there)]
