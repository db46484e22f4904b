"""A master list of dated slots with codes, and what each code is for each person → Meetings on their own dates."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, field
from pathlib import Path

from nomarium.core.columns import heading_key
from nomarium.core.kinds import CODE_SHEET, SLOT_SHEET
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.sheets import Sheet, SheetChoices, column_text, read_sheet
from nomarium.core.sources import Occurrence, RowSpans, SpanRules
from nomarium.core.tables import Grid
from nomarium.core.timetable import wording
from nomarium.core.timetable.captions import is_usual_name
from nomarium.core.timetable.meeting import Values, clean
from nomarium.core.values import day_words
from nomarium.core.year import SchoolYear


@dataclass(frozen=True, slots=True)
class CodedSlot:
    """One slot of a master list."""

    code: str
    occurrence: Occurrence
    place: Place


@dataclass(slots=True)
class MasterList:
    """What a master list gave."""

    slots: list[CodedSlot] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    sheet: Sheet | None = None


def read_master(grid: Grid, choices: SheetChoices, rules: SpanRules, year: SchoolYear) -> MasterList:
    """Read a master list. Raises DataRefused where it has no codes or dates."""
    table, problems = read_sheet(grid, SLOT_SHEET, choices)
    found = MasterList(problems=problems, sheet=table)
    if table is None:
        return found
    if not table.has("code"):
        raise DataRefused(wording.no_codes(grid.place))
    if not table.is_sound:
        return found
    spans = RowSpans(table.table, table.matches, table.moment_columns, rules).of_rows()
    for record, (span, code) in enumerate(zip(spans, table.texts("code"), strict=True)):
        place = table.place(record)
        if isinstance(span, Problem):
            problems.append(span)
            continue
        problems += [finding.at(place, code) for finding in span.findings]
        if span.occurrence is not None and code:
            found.slots.append(CodedSlot(code, span.occurrence, place))
            problems += _on_closure(found.slots[-1], year)
    return found


def _on_closure(slot: CodedSlot, year: SchoolYear) -> list[Problem]:
    day = slot.occurrence.start.date()
    closures = [closure.name for closure in year.attendance.closures(day) if closure.for_all]
    return [wording.slot_on_closure(slot.place, slot.code, day_words(day), closures[0])] if closures else []


@dataclass(frozen=True, slots=True)
class Entry:
    """What a code is for one person; nothing where their time is free."""

    code: str
    values: Values
    place: Place


@dataclass(slots=True)
class CodeSheet:
    """The codes of one person, by their case folded codes."""

    whose: str
    entries: dict[str, Entry] = field(default_factory=dict)
    place: Place = field(default=Place(""))


def read_codes(grid: Grid, choices: SheetChoices) -> tuple[list[CodeSheet], Sheet | None, list[Problem]]:
    """Read a sheet of codes: that of the person whom the sheet or file is named for, or of several people by a column.

    Raises DataRefused where it has no codes.
    """
    table, problems = read_sheet(grid, CODE_SHEET, choices)
    if table is None:
        return [], None, problems
    if not table.has("code") or len(table.matches.all) < 2:
        raise DataRefused(wording.no_codes(grid.place))
    usual = grid.sheet if grid.sheet and not is_usual_name(grid.sheet) else Path(grid.file).stem
    sheets: dict[str, CodeSheet] = {}
    for record, (code, whose) in enumerate(zip(table.texts("code"), table.texts("teacher"), strict=True)):
        place = table.place(record)
        if not code:
            problems.append(wording.half_pair(place, "a code"))
            continue
        sheet = sheets.setdefault(whose or usual, CodeSheet(whose or usual, place=table.table.place))
        entry = Entry(code, _values(table, record), place)
        other = sheet.entries.setdefault(code.casefold(), entry)
        if other.values != entry.values:
            problems.append(wording.two_entries(place, code, other.place))
    return list(sheets.values()), table, problems


def _values(table: Sheet, record: int) -> Values:
    """Return what a row says of its code; nothing where it has no title: the time is free."""
    title = table.text(record, "title")
    if not title:
        return {}
    others = {heading_key(c.heading): (column_text(c.cells[record]),) for c in table.others}
    named: Values = {name: (table.text(record, name),) for name in ("title", "room", "description")}
    return clean({**others, **named, "course": (title,)})


@dataclass(slots=True)
class CodedMeeting:
    """What one code is for one person, on all its dates."""

    values: Values
    slots: list[CodedSlot]
    place: Place


def join_codes(master: Sequence[CodedSlot], sheets: Sequence[CodeSheet]) -> tuple[list[CodedMeeting], list[Problem]]:
    """Give each person the slots of their codes; codes that one of the two does not have are reported."""
    by_code: dict[str, list[CodedSlot]] = {}
    for slot in master:
        by_code.setdefault(slot.code.casefold(), []).append(slot)
    counts = Counter(slot.code for slot in master)
    meetings: list[CodedMeeting] = []
    problems: list[Problem] = []
    for sheet in sheets:
        for code, count in counts.items():
            if code.casefold() not in sheet.entries:
                problems.append(wording.code_without_entry(sheet.place, code, count, sheet.whose))
        for code, entry in sheet.entries.items():
            if code not in by_code:
                near = wording.near_words(entry.code, counts)
                problems.append(wording.entry_without_slot(entry.place, entry.code, near))
            elif entry.values:
                slots = by_code[code]
                values = {**entry.values, "code": (slots[0].code,), "person": (sheet.whose,), "teacher": (sheet.whose,)}
                meetings.append(CodedMeeting(values, slots, entry.place))
    return meetings, problems
