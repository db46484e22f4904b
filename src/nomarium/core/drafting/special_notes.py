"""Lists of days that name in a column of remarks what kind of day some are, as bell times are headed."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from nomarium.core.bells import bell_parts
from nomarium.core.columns import Evidence, Kind
from nomarium.core.drafting.sheets import FoundSheet
from nomarium.core.drafting.whole_sheets import BELL_WORDS
from nomarium.core.kinds import DAY_SHEET, is_usual
from nomarium.core.recognition import Recognised
from nomarium.core.tables import Column, plain_text


def special_name(sheet: FoundSheet) -> str:
    """Return the kind of day that the tab, or else the file of bell times names; "" for usual days."""
    for text in (sheet.sheet or "", sheet.path.stem):
        words = [word for word in re.findall(r"[^\W\d_]{2,}", text) if word.casefold() not in BELL_WORDS]
        name = " ".join(words)
        if words:
            return "" if is_usual(name) or len(words) < _FEWEST_WORDS else name
    return ""


_FEWEST_WORDS = 2
"""A single word may be a division's, a weekday's or a season's."""


def with_special_notes(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; a list of days whose remarks name special days of the bells is theirs, too."""
    if any(sheet.kind is Kind.SPECIAL_DAYS for sheet in sheets):
        return list(sheets)
    known = _kinds_of_day(sheets)
    further = [one for sheet in sheets if known and (one := _as_special(sheet, known)) is not None]
    return [*sheets, *further]


def _kinds_of_day(sheets: Sequence[FoundSheet]) -> set[str]:
    """Return what bell times are headed, or their tabs called, but for usual days."""
    bells = [sheet for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    named = {part.caption for sheet in bells if sheet.grid for part in bell_parts(sheet.grid)}
    named |= {special_name(sheet) for sheet in bells}
    return {name.casefold() for name in named if name and not is_usual(name)}


def _as_special(sheet: FoundSheet, known: set[str]) -> FoundSheet | None:
    """Return a list of days as one of special days, where one of its columns names such; None for any other sheet."""
    if sheet.kind is not Kind.DAYS or sheet.grid is None:
        return None
    seen = Evidence.of(sheet.grid, DAY_SHEET, {})
    used = {column.index for column in seen.named.values()}
    columns = [one for one in (seen.table.columns if seen.table else []) if one.index not in used and one.heading]
    naming = [(column, names) for column in columns if (names := _named_in(column, known))]
    if len(naming) != 1:
        return None
    column, names = naming[0]
    why = f"its column “{column.heading}” names days that bell times are for"
    return replace(
        sheet,
        recognised=Recognised(Kind.SPECIAL_DAYS, why),
        columns={column.heading: "summary"},
        only={column.heading: names},
    )


def _named_in(column: Column, known: set[str]) -> tuple[str, ...]:
    texts = dict.fromkeys(plain_text(cell).strip() for cell in column.cells if cell != "")
    return tuple(text for text in texts if text.casefold() in known)
