"""Programmes among the sheets of a folder, and the groups that go through them."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from nomarium.core.columns import Evidence, Headings, Kind, has_captioned_days
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.programmes import GROUP_SHEET, Programme, find_programme
from nomarium.core.recognition import Recognised

if TYPE_CHECKING:
    from nomarium.core.drafting.sheets import FoundSheet

_MAY_BE = (Kind.EVENTS, Kind.GRID, Kind.LIST, Kind.LESSONS, None)
_OF_CLASSES = frozenset({"class", "teacher", "period"})
_SAYS_MORE = frozenset({"summary", "start_time", "end_time", "start", "end", "duration", "location", "description"})


def with_programmes(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder with those told apart whose rows count from a start, and their groups.

    A list of weeks and days may be a timetable, too: it is a programme where groups stand beside it.
    """
    programmes = {id(sheet): one for sheet in sheets if (one := _programme_of(sheet)) is not None}
    groups = [sheet for sheet in sheets if programmes and id(sheet) not in programmes and _are_groups(sheet)]
    found = []
    for sheet in sheets:
        if id(sheet) in programmes and (groups or sheet.kind is not Kind.LIST):
            found.append(replace(sheet, recognised=Recognised(Kind.PROGRAMME, _why(programmes[id(sheet)]))))
        elif sheet in groups:
            why = "it says when groups start, beside a programme"
            found.append(replace(sheet, recognised=Recognised(Kind.GROUPS, why)))
        else:
            found.append(sheet)
    return found


def _programme_of(sheet: FoundSheet) -> Programme | None:
    if sheet.kind not in _MAY_BE or sheet.grid is None or sheet.recognised.crossing or sheet.recognised.unfolded:
        return None
    programme = find_programme(sheet.grid)
    if programme is None or has_captioned_days(programme.table, Headings(EVENT_SHEET)):
        return None  # “3” beside “September” is its third
    return programme if _says_more(programme) else None


def _why(programme: Programme) -> str:
    first = next(number for number, offset in enumerate(programme.offsets) if offset is not None)
    return f"its rows count from a start: “{programme.text(first)}”"


def _says_more(programme: Programme) -> bool:
    """Tell whether its other columns are those of events: a grid has periods there."""
    headings, of_classes = Headings(EVENT_SHEET), Headings(TIMETABLE_SHEET)
    if any(of_classes(column.heading) in _OF_CLASSES for column in programme.table.columns):
        return False
    others = [column for column in programme.table.columns if column not in programme.columns]
    return any(headings(column.heading) in _SAYS_MORE for column in others)


def _are_groups(sheet: FoundSheet) -> bool:
    if sheet.kind in (Kind.LIST, Kind.BELLS) or sheet.grid is None:
        return False
    seen = Evidence.of(sheet.grid, GROUP_SHEET, {})
    proved = not any(condition(seen).against for condition in GROUP_SHEET.proof)
    return proved and len(seen.named) == len(_columns(seen))


def _columns(seen: Evidence) -> list[str]:
    return [column.heading for column in seen.table.columns if column.heading] if seen.table else []
