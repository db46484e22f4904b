"""All kinds of sheets that are lists."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nomarium.core.kinds.bells import BELL_SHEET, NAMES_SHEET
from nomarium.core.kinds.changes import CHANGE_SHEET
from nomarium.core.kinds.classes import CLASS_SHEET, ROSTER_SHEET
from nomarium.core.kinds.closures import CLOSURE_SHEET
from nomarium.core.kinds.codes import CODE_SHEET, SLOT_SHEET
from nomarium.core.kinds.events import EVENT_SHEET
from nomarium.core.kinds.lessons import LESSON_SHEET
from nomarium.core.kinds.listed_days import DAY_SHEET
from nomarium.core.kinds.lookups import PEOPLE_SHEET, PLACE_SHEET
from nomarium.core.kinds.special_days import SPECIAL_SHEET
from nomarium.core.kinds.terms import TERM_SHEET
from nomarium.core.kinds.timetable import TIMETABLE_SHEET
from nomarium.core.kinds.weeks import WEEK_SHEET

if TYPE_CHECKING:
    from nomarium.core.columns import Kind, SheetKind

SHEET_KINDS: dict[Kind, SheetKind] = {
    kind.kind: kind
    for kind in (
        BELL_SHEET,
        NAMES_SHEET,
        CHANGE_SHEET,
        LESSON_SHEET,
        TIMETABLE_SHEET,
        WEEK_SHEET,
        TERM_SHEET,
        SPECIAL_SHEET,
        CLOSURE_SHEET,
        DAY_SHEET,
        SLOT_SHEET,
        PEOPLE_SHEET,
        PLACE_SHEET,
        CODE_SHEET,
        ROSTER_SHEET,
        CLASS_SHEET,
        EVENT_SHEET,
    )
}
"""The kinds that are lists, in the order in which they are believed: those that prove most come first."""
