"""What holds for whole sheets of a folder, by their titles, tabs and files: a division, a term, a special day."""

from __future__ import annotations

import re
from collections.abc import Sequence

from nomarium.core.bells import bell_parts, grid_heading
from nomarium.core.columns import Evidence, Kind
from nomarium.core.drafting.sheets import FoundSheet, divisions_of
from nomarium.core.kinds import BELL_SHEET, SPECIAL_SHEET, TERM_SHEET
from nomarium.core.sheets import Known, said_by_names
from nomarium.core.timetable import division_by_grade

BELL_WORDS = frozenset(
    "bell bells time times schedule schedules school period periods ring rings timetable hours sheet of the and for "
    "stundenplan stundenzeiten zeiten horaires horarios orari".split()
)


def known_of(sheets: Sequence[FoundSheet]) -> Known:
    """Return the divisions, terms and special days that the sheets of a folder name."""
    known = Known()
    known.add("division", [*divisions_of(sheets), *_divisions_by_name(sheets), *_divisions_by_caption(sheets)])
    for name, kind, fields in (("term", Kind.TERMS, TERM_SHEET), ("special", Kind.SPECIAL_DAYS, SPECIAL_SHEET)):
        for sheet in sheets:
            if sheet.kind is kind and sheet.grid is not None:
                said = [
                    *filter(None, [sheet.whole.get(name)]),
                    *(text for texts in sheet.only.values() for text in texts),
                ]
                known.add(name, said or Evidence.of(sheet.grid, fields, {}).texts("summary"))
    return known


def whole_of(sheet: FoundSheet, known: Known) -> dict[str, tuple[str, str]]:
    """Return what holds for a whole sheet: of each field without a column its value, and what says it."""
    if sheet.whole:
        return {name: (value, "its name") for name, value in sheet.whole.items()}
    if sheet.kind is not Kind.BELLS or sheet.grid is None or len(bell_parts(sheet.grid)) > 1:
        return {}  # captions of several tables say each when it holds
    seen = Evidence.of(sheet.grid, BELL_SHEET, {})
    head = grid_heading(sheet.grid)
    above = head if head is not None else seen.table.heading_row - 1 if seen.table else 0
    found = {
        name: said
        for name in ("division", "term", "special", "day")
        if name not in seen.named and (said := said_by_names(name, known, sheet.grid, above))
    }
    if "special" in found or {"day", "weekday"} & seen.named.keys():
        found.pop("day", None)
    return found


def _divisions_by_name(sheets: Sequence[FoundSheet]) -> list[str]:
    """Return the divisions that only the names of two or more sheets of bell times tell apart.

    Each has one word of its own beside those of bell times, which stands in the name of another sheet, too: “Senior
    bells”, “Junior bells”, “Senior timetable”.
    """
    bells = [sheet for sheet in sheets if sheet.kind is Kind.BELLS]
    others = {word for sheet in sheets if sheet.kind is not Kind.BELLS for word in _words(sheet)}
    own = [[word for word in _words(sheet) if word not in BELL_WORDS and word in others] for sheet in bells]
    single = [words[0] for words in own if len(words) == 1]
    return [word.capitalize() for word in single] if len(single) > 1 and len(set(single)) == len(single) else []


def _divisions_by_caption(sheets: Sequence[FoundSheet]) -> list[str]:
    """Return the captions of tables of bell times side by side, where all are called by grades: “Grades 7–8”."""
    bells = [sheet.grid for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    captions = [part.caption for grid in bells for part in bell_parts(grid) if part.caption]
    return captions if len(captions) > 1 and division_by_grade(captions) else []


def _words(sheet: FoundSheet) -> list[str]:
    return re.findall(r"[^\W\d_]+", f"{sheet.path.stem} {sheet.sheet or ''}".casefold())
