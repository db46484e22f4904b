"""A master list of dated slots with codes, and what each code is for each person → Meetings on their own dates."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, field
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.columns import Headings, heading_key
from nomarium.core.kinds import CLASS_SHEET, CODE_SHEET, SLOT_SHEET
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.sheets import Sheet, SheetChoices, column_text, is_usual_name, read_sheet
from nomarium.core.slots import bare_block
from nomarium.core.sources import Occurrence, RowSpans, SpanRules
from nomarium.core.tables import Grid, GridView
from nomarium.core.timetable import wording
from nomarium.core.timetable.meeting import Meeting, Values, clean
from nomarium.core.values import PERSON_FORM, TEACHER_FORM, day_words, most_are
from nomarium.lazily import regex

if TYPE_CHECKING:
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


def read_master(grid: Grid, choices: SheetChoices, rules: SpanRules, year: SchoolYear | None = None) -> MasterList:
    """Read a master list; slots on closures of a year are told. Raises DataRefused where it has no codes or dates."""
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
            problems += _on_closure(found.slots[-1], year) if year else []
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
    """The codes of one person, by their case folded codes; several of one code only in the key of a grid of blocks."""

    whose: str
    entries: dict[str, list[Entry]] = field(default_factory=dict)
    place: Place = field(default=Place(""))
    is_named: bool = False
    """Whether a column or a tab names the person, and not the file alone."""


def read_codes(grid: Grid, choices: SheetChoices) -> tuple[list[CodeSheet], Sheet | None, list[Problem]]:
    """Read a sheet of codes: that of the person whom the sheet or file is named for, or of several people by a column.

    Raises DataRefused where it has no codes.
    """
    if chosen := chosen_blocks(grid):
        return _chosen(grid, chosen), None, []
    table, problems = read_sheet(grid, CODE_SHEET, choices)
    if table is None:
        return [], None, problems
    if not table.has("code") or len(table.matches.all) < 2:
        raise DataRefused(wording.no_codes(grid.place))
    tab = grid.sheet if grid.sheet and not is_usual_name(grid.sheet) else ""
    usual = tab or Path(grid.file).stem
    sheets: dict[str, CodeSheet] = {}
    for record, (code, whose) in enumerate(zip(table.texts("code"), table.texts("teacher"), strict=True)):
        place = table.place(record)
        if not code:
            problems.append(wording.half_pair(place, "a code"))
            continue
        named = bool(whose or tab)
        sheet = sheets.setdefault(whose or usual, CodeSheet(whose or usual, place=table.table.place, is_named=named))
        sheet.entries.setdefault(code.casefold(), []).append(Entry(code, _values(table, record), place))
    return list(sheets.values()), table, problems


def chosen_blocks(grid: Grid) -> dict[int, str]:
    """Return the blocks that head the columns of a sheet which says for each student, in a row, what is in each.

    None for other sheets: "Student, Option 1, Option 2" has them, with people below the first heading.
    """
    view, known = GridView(grid), (Headings(CODE_SHEET), Headings(CLASS_SHEET))
    head = view.head()
    if head is None:
        return {}
    blocks = {column: text for column, text in view.filled(head) if column}
    if len(blocks) < _FEWEST_BLOCKS or any(
        heading(text) not in (None, "code") for text in blocks.values() for heading in known
    ):
        return {}
    if len({_NUMBER_BEHIND.sub("", text).casefold() for text in blocks.values()}) > 1:
        return {}
    names = [text for row in range(head + 1, len(view.rows)) if (text := view.text(row, 0))]
    return blocks if most_are(names, PERSON_FORM) else {}


_FEWEST_BLOCKS = 2
_NUMBER_BEHIND = regex(r"\W*(?:\d+|[A-H])$")


def _chosen(grid: Grid, blocks: dict[int, str]) -> list[CodeSheet]:
    view = GridView(grid)
    sheets = []
    for row in range((view.head() or 0) + 1, len(view.rows)):
        name = view.text(row, 0)
        if not name:
            continue
        sheet = CodeSheet(name, place=grid.place, is_named=True)
        for column, block in blocks.items():
            if title := view.text(row, column):
                said: Values = {"title": (title,), "course": (title,), "student": (name,)}
                sheet.entries.setdefault(block.casefold(), []).append(Entry(block, said, view.place(row, column)))
        sheets.append(sheet)
    return sheets


def _values(table: Sheet, record: int) -> Values:
    """Return what a row says of its code; nothing where it has no title: the time is free."""
    title = table.text(record, "title") or table.text(record, "class")
    if not title:
        return {}
    others = {heading_key(c.heading): (column_text(c.cells[record]),) for c in table.others}
    named: Values = {name: (table.text(record, name),) for name in ("title", "class", "room", "description")}
    people: Values = {name: table.values(record, name) for name in ("teacher", "student")}
    return clean({**others, **named, **people, "title": (title,), "course": (title,)})


def join_blocks(meetings: Sequence[Meeting], sheets: Sequence[CodeSheet]) -> tuple[list[Meeting], list[Problem]]:
    """Return the meetings of a grid of blocks as what each block stands for: for every person or class that has it.

    A cell that no key explains stays as it is, with a warning, but for a letter or number among such blocks: nobody has
    it. A block that no cell has is reported.
    """
    found: list[Meeting] = []
    unexplained: dict[str, Meeting] = {}
    by_block: dict[str, list[tuple[CodeSheet, Entry]]] = {}
    for sheet in sheets:
        for code, entries in sheet.entries.items():
            by_block.setdefault(bare_block(code), []).extend((sheet, entry) for entry in entries)
    met: set[str] = set()
    longest = max(map(len, by_block), default=0)

    def is_of_nobody(block: str) -> bool:
        return len(block) <= longest <= _LONGEST_BLOCK

    for meeting in meetings:
        # In a class's own grid the block is what the class has; else nothing else says whose it is.
        written = (*meeting.of("course"), meeting.class_name)
        block = next((key for key in map(bare_block, written) if key in by_block), bare_block(written[0]))
        met.add(block)
        if block not in by_block:
            unexplained.setdefault(written[0], meeting)
            found += [] if is_of_nobody(block) else [meeting]
        for sheet, entry in by_block.get(block, ()):
            if entry.values:
                found.append(Meeting(_of_block(meeting, sheet, entry), meeting.when, entry.place))
    problems = [
        wording.block_of_nobody(one.place, name)
        if is_of_nobody(bare_block(name))
        else wording.block_unexplained(one.place, name)
        for name, one in unexplained.items()
    ]
    for block, explained in by_block.items():
        if block not in met:
            (_, entry), *_ = explained
            near = wording.near_words(entry.code, [meeting.class_name for meeting in meetings])
            problems.append(wording.entry_without_slot(entry.place, entry.code, near))
    return found, problems


_LONGEST_BLOCK = 2


def _of_block(meeting: Meeting, sheet: CodeSheet, entry: Entry) -> Values:
    """Return what is said of a block: by the grid for all who have it, and by the key for one of them."""
    said = {name: values for name, values in meeting.values.items() if name not in ("class", "course")}
    named = entry.values.get("class") or entry.values["title"]
    owner = meeting.of("class")
    if owner and meeting.of("course") and "class" not in entry.values:
        return clean({**said, **entry.values, "class": owner, "course": entry.values["title"], "block": (entry.code,)})
    whose: Values = {}
    if sheet.is_named and not {"teacher", "student"} & entry.values.keys():
        whose = {"teacher" if TEACHER_FORM.fullmatch(sheet.whose) else "person": (sheet.whose,)}
    return clean({**said, **whose, **entry.values, "class": named, "block": (entry.code,)})


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
        for code, (entry, *further) in sheet.entries.items():
            other = next((one for one in further if one.values != entry.values), None)
            if other is not None:
                problems.append(wording.two_entries(other.place, other.code, entry.place))
            if code not in by_code:
                near = wording.near_words(entry.code, counts)
                problems.append(wording.entry_without_slot(entry.place, entry.code, near))
            elif entry.values:
                slots = by_code[code]
                said = dict(entry.values)
                if said.get("class") == said.get("title"):
                    said.pop("class", None)  # it is known by its code
                values = {**said, "code": (slots[0].code,), "person": (sheet.whose,), "teacher": (sheet.whose,)}
                meetings.append(CodedMeeting(values, slots, entry.place))
    return meetings, problems
