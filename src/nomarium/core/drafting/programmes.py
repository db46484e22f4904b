"""Programmes among the sheets of a folder, and the groups that go through them."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from nomarium.core.columns import Evidence, Headings, Kind
from nomarium.core.drafting.sheets import FoundSheet
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.programmes import GROUP_SHEET, Programme, find_programme
from nomarium.core.recognition import Recognised

_MAY_BE = (Kind.EVENTS, Kind.GRID, Kind.LESSONS, None)
_SAYS_MORE = frozenset({"summary", "start_time", "end_time", "start", "end", "duration", "location", "description"})


def with_programmes(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder with those told apart whose rows count from a start, and their groups."""
    found = [_as_programme(sheet) for sheet in sheets]
    if all(sheet.kind is not Kind.PROGRAMME for sheet in found):
        return list(sheets)
    return [_as_groups(sheet) for sheet in found]


def _as_programme(sheet: FoundSheet) -> FoundSheet:
    if sheet.kind not in _MAY_BE or sheet.grid is None or sheet.recognised.crossing or sheet.recognised.unfolded:
        return sheet
    programme = find_programme(sheet.grid)
    if programme is None or not _says_more(programme):
        return sheet
    first = next(number for number, offset in enumerate(programme.offsets) if offset is not None)
    why = f"its rows count from a start: “{programme.text(first)}”"
    return replace(sheet, recognised=Recognised(Kind.PROGRAMME, why))


def _says_more(programme: Programme) -> bool:
    """Tell whether its other columns are those of events: a grid has periods there."""
    headings = Headings(EVENT_SHEET)
    others = [column for column in programme.table.columns if column not in programme.columns]
    return any(headings(column.heading) in _SAYS_MORE for column in others)


def _as_groups(sheet: FoundSheet) -> FoundSheet:
    if sheet.kind in (Kind.PROGRAMME, Kind.LIST, Kind.BELLS) or sheet.grid is None:
        return sheet
    seen = Evidence.of(sheet.grid, GROUP_SHEET, {})
    if any(condition(seen).against for condition in GROUP_SHEET.proof) or len(seen.named) < len(_columns(seen)):
        return sheet
    return replace(sheet, recognised=Recognised(Kind.GROUPS, "it says when groups start, beside a programme"))


def _columns(seen: Evidence) -> list[str]:
    return [column.heading for column in seen.table.columns if column.heading] if seen.table else []
