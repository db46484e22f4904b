"""Which sheets of a folder explain the codes of its timetables, known by the codes that they share."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from dataclasses import replace

from nomarium.core.columns import (
    Evidence,
    Headings,
    Kind,
)
from nomarium.core.drafting.sheets import (
    FoundSheet,
    as_found,
    blocks_below,
    codes_in_column,
    codes_of,
    is_of_blocks,
    key_column,
    parts_of_grid,
)
from nomarium.core.kinds import (
    CODE_SHEET,
    PEOPLE_SHEET,
    PLACE_SHEET,
    SUBJECT_SHEET,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.recognition import Recognised
from nomarium.core.shapes import crossing_by_key, explains, headed_by_values, unfold
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import are_people, name_key


def with_lookups(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; what explains the codes of a timetable is a list of its people, rooms or subjects.

    It is known by its values: most of one column stand in a timetable, and a name beside each.
    """
    timetables = [sheet for sheet in sheets if sheet.kind in (Kind.LIST, Kind.GRID)]
    coded = [sheet for sheet in sheets if sheet.kind in (Kind.GRID, Kind.SLOTS) or sheet.recognised.crossing]
    blocks = {code for sheet in coded for code in codes_of(sheet)}
    keyed = any(sheet.recognised.crossing or sheet.kind is Kind.SLOTS or is_of_blocks(sheet) for sheet in coded)
    by_field = {
        name: {name_key(text) for sheet in timetables for text in sheet.column(name)} for name in LOOKED_UP.values()
    }
    said = {name_key(text) for sheet in timetables if sheet.kind is Kind.GRID for text in parts_of_grid(sheet)}
    said = said.union(*by_field.values())

    def as_lookup(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind not in (Kind.CODES, None) or sheet.grid is None or sheet.recognised.crossing or not said:
            return sheet
        if sheet.kind is Kind.CODES and codes_of(sheet) & blocks and (keyed or not _names_subjects(sheet)):
            return sheet
        found = _codes_and_names(sheet, said)
        if found is not None and _says_what_meets(sheet) and blocks_below(found[0]) <= blocks:
            return sheet
        kind = _explained(sheet, *found, by_field) if found else None
        if found is None or kind is None:
            return sheet
        why = f"below “{found[0].heading}” it has codes of a timetable, and beside them what they stand for"
        columns = {found[0].heading: "code"} | ({found[1].heading: "name"} if found[1] else {})
        return replace(sheet, recognised=Recognised(kind, why), columns=columns)

    return [as_lookup(sheet) for sheet in sheets]


def _names_subjects(sheet: FoundSheet) -> bool:
    """Tell whether a sheet has codes, and beside them nothing but the subjects that they stand for."""
    table = Evidence.of(sheet.grid, SUBJECT_SHEET, {}).table if sheet.grid else None
    headings = [column.heading.casefold() for column in table.columns] if table else []
    return len(headings) == 2 and not _LOOKUP_WORDS[Kind.SUBJECTS].isdisjoint(headings)


def _says_what_meets(sheet: FoundSheet) -> bool:
    """Tell whether a sheet says of each of its codes what is on then, and with whom or where, as keys of blocks do."""
    named = Evidence.of(sheet.grid, CODE_SHEET, {}).named.keys() if sheet.grid else set()
    return "title" in named and not named.isdisjoint({"teacher", "room"})


LOOKED_UP = {Kind.PEOPLE: "teacher", Kind.PLACES: "room", Kind.SUBJECTS: "course"}
"""What look-up sheets explain, by the field of timetables."""
_LOOKUP_WORDS = {
    Kind.PEOPLE: frozenset(f"{words.PEOPLE}|initials|people|surname|first name".split("|")),
    Kind.PLACES: frozenset(words.PLACE.split("|")),
    Kind.SUBJECTS: frozenset(words.COURSE.split("|")),
}


def _codes_and_names(sheet: FoundSheet, said: Collection[str]) -> tuple[Column, Column | None] | None:
    """Return the column of a sheet that has the codes of timetables, and that of names; None where there is none.

    Names in two columns are no column.
    """
    kinds = (PEOPLE_SHEET, PLACE_SHEET, SUBJECT_SHEET)
    read = [Evidence.of(sheet.grid, kind, {}) for kind in kinds] if sheet.grid else []
    seen = next((one for one in read if one.table is not None), None)
    columns = [one for one in seen.table.columns if one.heading and any(one.cells)] if seen and seen.table else []
    texts = {one.index: {name_key(plain_text(cell)) for cell in one.cells if cell != ""} for one in columns}
    fitting = [one for one in columns if sum(text in said for text in texts[one.index]) * 2 > len(texts[one.index])]
    if not fitting or seen is None:
        return None
    code = min(fitting, key=lambda one: sum(map(len, texts[one.index])) / len(texts[one.index]))
    if seen.texts("last_name"):
        return code, None
    others = [one for one in columns if one is not code and any(map(str.isalpha, "".join(texts[one.index])))]
    others = [one for one in others if not any("@" in text or "://" in text for text in texts[one.index])]
    longer = [one for one in others if sum(map(len, texts[one.index])) > sum(map(len, texts[code.index]))]
    named = seen.named.get("name")
    name = named if named in longer else next(iter(longer), None)
    return (code, name) if name is not None else None


def _explained(sheet: FoundSheet, code: Column, name: Column | None, by_field: dict[str, set[str]]) -> Kind | None:
    """Return what the codes of a sheet stand for: people, rooms or subjects; None where nothing tells."""
    codes = {name_key(plain_text(cell)) for cell in code.cells if cell != ""}
    of_lists = [kind for kind, field in LOOKED_UP.items() if len(codes & by_field[field]) * 2 > len(codes)]
    if len(of_lists) == 1:
        return of_lists[0]
    if name is None:
        return Kind.PEOPLE
    for text in (name.heading, code.heading, sheet.sheet or "", sheet.path.stem):
        said = {text.casefold(), *re.findall(r"[^\W\d_]+", text.casefold())}
        named = [kind for kind, meant in _LOOKUP_WORDS.items() if said & meant]
        if len(named) == 1:
            return named[0]
    names = [plain_text(cell) for cell in name.cells if cell != ""]
    return Kind.PEOPLE if are_people(names, Headings(PEOPLE_SHEET)) else None


def _by_key_column(sheet: FoundSheet, grids: Sequence[set[str]]) -> FoundSheet | None:
    """Return a sheet as the key of a grid whose blocks stand in one of its columns; None where none does."""
    columns = next(filter(None, (key_column(sheet, blocks) for blocks in grids)), None)
    if columns is None:
        return None
    why = f"below “{next(iter(columns))}” it has the codes of another sheet’s cells"
    return replace(sheet, recognised=Recognised(Kind.CODES, why), columns=columns)


def _are_of(named: set[str], blocks: set[str]) -> bool:
    """Tell whether codes of a key are most of the blocks of a grid, or several and none but such."""
    return len(named & blocks) * 2 > len(blocks) or (len(named) > 1 and named <= blocks)


def with_crossings(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder, those on which names and weekdays cross by a key that stands on another."""
    return [_crossed_by_key(sheet, sheets) for sheet in sheets]


def _crossed_by_key(sheet: FoundSheet, sheets: Sequence[FoundSheet]) -> FoundSheet:
    """Return a sheet on which names and weekdays cross as such, where another gives hours to the codes in its cells."""
    if sheet.kind not in (Kind.GRID, Kind.EVENTS, None) or sheet.recognised.unfolded or sheet.is_plain_list:
        return sheet
    if sheet.grid is None or sheet.tabs:
        return sheet
    others = [other for other in sheets if other.kind in (Kind.CODES, Kind.BELLS, None) and other is not sheet]
    lists = [(other.grid, as_found(other)) for other in others if other.grid is not None]
    crossing = crossing_by_key(sheet.grid, lists)
    if crossing is None:
        return sheet
    unfolded = unfold(crossing)
    return replace(sheet, recognised=Recognised.as_list(unfolded, crossing), grid=unfolded.grid)


def with_keys(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder, those as keys that explain the codes or blocks in another's cells."""
    coded = {code for sheet in sheets if sheet.recognised.crossing for code in codes_of(sheet)}
    grids = [codes for sheet in sheets if sheet.kind is Kind.GRID and (codes := codes_of(sheet))]

    def as_key(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind is Kind.CODES and not any(codes_of(sheet) & blocks for blocks in (*grids, coded)):
            return _by_key_column(sheet, grids) or sheet
        if sheet.kind in (Kind.CODES, Kind.GRID) or sheet.recognised.crossing or sheet.grid is None:
            return sheet
        if sheet.kind is Kind.LIST and sheet.names_days():
            return sheet
        named = codes_in_column(sheet)
        if (by_column := _by_key_column(sheet, grids)) is not None:
            return by_column
        if explains(sheet.grid, coded) or any(_are_of(named, blocks) for blocks in grids):
            of_keys = Recognised(Kind.CODES, "it has the codes of another sheet’s cells")
            heading = headed_by_values(sheet.grid, coded)
            return replace(sheet, recognised=of_keys, columns={heading: "code"} if heading else {})
        return sheet

    return [as_key(sheet) for sheet in sheets]
