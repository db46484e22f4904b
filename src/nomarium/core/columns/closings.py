"""What columns of closures say besides their dates: which rows close the school, and for which part of a day."""

from __future__ import annotations

import re

from nomarium.core.columns.contents import holds_titles, marks_rows
from nomarium.core.columns.fields import Kind, SheetKind
from nomarium.core.columns.matches import Match, Matches
from nomarium.core.tables import plain_text
from nomarium.lazily import regex


def marks_of_closures(matches: Matches, sheet: SheetKind) -> None:
    """Let crosses below “No school” say which rows of a calendar close it: the others do not, and have names beside."""
    if sheet.kind is not Kind.CLOSURES:
        return
    parts = [match for match in matches.all if match.is_free and matches.open("part") and _says_part_of_day(match)]
    if len(parts) == 1:
        parts[0].field, parts[0].why = "part", "its heading, with parts of the day below it"
    named = [match for match in matches.all if match.field in ("", "summary") and holds_titles(match.column)]
    marked = [
        match
        for match in matches.all
        if match.field in ("summary", "kind") and match.is_free and marks_rows(match.column)
    ]
    if len(marked) == 1 and named:
        column = marked[0].column
        column.cells = ["no" if cell == "" else "closed" for cell in column.cells]
        marked[0].field, marked[0].why = "kind", "its heading, with crosses below it"


def _says_part_of_day(match: Match) -> bool:
    """Tell whether “Closed” stands above parts of the day, “afternoon”, “until 10:30”, all filled cells being such."""
    texts = [plain_text(cell).strip() for cell in match.column.distinct if cell != ""]
    named = match.field in ("", "summary", "kind") and _CLOSED.fullmatch(match.column.heading.strip()) is not None
    return named and any(map(_PART_OF_DAY.fullmatch, texts)) and all(map(_PART_OR_WHOLE.fullmatch, texts))


_CLOSED = regex(
    r"closed|closure|closes|when closed|geschlossen|fermé|cerrado|chiuso|gesloten|stängt|lukket|stengt", re.IGNORECASE
)
_PART = (
    r"(?:in the )?(?:mornings?|afternoons?|evenings?|am|pm|vormittags?|nachmittags?|matin|après-midi|mañana|tarde|"
    r"mattina|pomeriggio|ochtend|middag|förmiddag|eftermiddag)(?: only)?|"
    r"(?:from|until|till|after|before|ab|bis|vor|nach|à partir de|jusqu.à|desde|hasta|"
    r"dalle|fino alle|vanaf|tot|från|till)\s+\d[\d:. apm]*|"
    r"periods? \d[\d–, -]*"
)
_PART_OF_DAY = regex(_PART, re.IGNORECASE)
_PART_OR_WHOLE = regex(
    rf"{_PART}|(?:all|whole|full|entire)(?: the)?(?: day)?|yes|ganztägig|journée|todo el día", re.IGNORECASE
)
