"""The files given to a draft → their sheets, each recognised; and what can be learnt from them for the plan."""

from __future__ import annotations

import os
import re
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date
from functools import cache
from itertools import zip_longest
from pathlib import Path

from nomarium.core.bells import bell_parts
from nomarium.core.columns import (
    Evidence,
    Headings,
    Kind,
    SheetKind,
    heading_key,
    heads_people,
    holds_dates,
    holds_times,
    holds_weekdays,
    match_columns,
    people_into_texts,
    settled_copy,
)
from nomarium.core.datesheets import (
    closes_school,
    edge_of,
    names_dates,
    names_term,
    read_listed_days,
    read_plain_list,
    read_plain_tab,
)
from nomarium.core.kinds import (
    CLOSURE_SHEET,
    CODE_SHEET,
    DAY_SHEET,
    EVENT_SHEET,
    LETTERS,
    NUMBERS,
    SHEET_KINDS,
    SLOT_SHEET,
    TIMETABLE_SHEET,
    bare_label,
    means_people,
    plain_labels,
)
from nomarium.core.problems import DataRefused, Place
from nomarium.core.recognition import (
    FAMILIES,
    LETTER_FAMILY,
    NAME_FAMILY,
    NUMBER_FAMILY,
    Recognised,
    any_days,
    families,
    label_columns,
    plain_or_named,
    recognise,
    tables_apart,
)
from nomarium.core.sheets import SheetChoices, dates_without, notes_of, sentences_of
from nomarium.core.slots import DayReader, DayTest, UnknownDay, bare_block, bare_period, letters_in, read_slots
from nomarium.core.sources import days_in_words
from nomarium.core.tables import (
    ONEROSTER_FILES,
    Cell,
    Column,
    Grid,
    Table,
    TableChoices,
    is_oneroster,
    look_for_table,
    looks_like_calendar,
    plain_text,
    read_grids,
)
from nomarium.core.timetable import Block, chosen_blocks, find_blocks, lines_of_cell, parts_with_times
from nomarium.core.values import (
    CLASS_FORM,
    TITLED_FORM,
    DateChoices,
    Order,
    only_order,
    parted_dates,
    span_in,
    split_list,
)
from nomarium.lazily import regex


@dataclass(frozen=True, slots=True, eq=False)
class FoundSheet:
    """A sheet of one of the files, and what it was taken for."""

    path: Path
    sheet: str | None
    """The sheet of a workbook that has several filled ones."""
    recognised: Recognised
    grid: Grid | None = None
    names: tuple[str, ...] = ()
    """Labels of days with names of their own ("Red"), as a list of dates proves them."""
    is_plain_list: bool = False
    """Whether it is text without headings, a name and a date a line."""
    range: str = ""
    """The part of the sheet that it stands on, where that has several lists."""
    columns: Mapping[str, str] = field(default_factory=dict)
    """What columns are that other sheets prove: fields by headings."""
    whole: Mapping[str, str] = field(default_factory=dict)
    """What holds for all of it, as other sheets prove: values by fields."""
    only: Mapping[str, tuple[str, ...]] = field(default_factory=dict)
    """Which of its rows are meant, where it is several things: values by headings."""
    order: Order | None = None
    """The order of day and month that the dates of its folder prove."""
    tabs: tuple[Grid, ...] = ()
    """All its tabs, where a file of several tabs alike is meant as a whole."""

    @property
    def parts(self) -> Sequence[FoundSheet]:
        """The sheet, or each tab of a file that is meant as a whole."""
        return _parts_of(self) if self.tabs else (self,)

    @property
    def kind(self) -> Kind | None:
        """What it was taken for."""
        return self.recognised.kind

    def unused(self) -> list[str]:
        """Return the headings that its kind has no use for, each with its column's letters."""
        kind = SHEET_KINDS.get(self.kind) if self.kind else None
        if kind is None or self.grid is None or not self.recognised.is_list:
            return []
        if self.kind is Kind.BELLS and len(bell_parts(self.grid)) > 1:
            return []
        try:
            table, _ = look_for_table(self.grid, Headings(kind))
        except DataRefused:
            return []
        table = settled_copy(table, Headings(kind)) or table
        matches, _ = match_columns(table, self.columns, Headings(kind))
        if self.kind is Kind.EVENTS:
            people_into_texts(table, matches, (), means_people)
        listed = listed_columns(self) if self.kind is Kind.DAYS else {}
        unused = [one for one in matches.unused if one.heading and one.heading not in listed]
        return [one.name for one in unused]

    def names_days(self) -> bool:
        """Tell whether a timetable has a column of days, or of days and periods in one."""
        return bool(self.column("day") or self.column("slot"))

    def says_when_not(self) -> bool:
        """Tell whether a timetable says on which dates it does not meet, in a column or in a note for all of it."""
        if self.tabs:
            return any(part.says_when_not() for part in self.parts)
        if self.kind is Kind.GRID:
            rows = self.grid.rows if self.grid is not None else []
            texts = [texts for texts in map(_texts_of, rows) if len(texts) == 1]
            return any(map(self._names_days, (part for [text] in texts for part in sentences_of(text))))
        table = _as_timetable(self)
        notes = notes_of(self.grid, table) if self.grid is not None and table is not None else []
        return bool(self.column("except")) or any(dates_without(note.text) for note in notes)

    def _names_days(self, text: str) -> bool:
        """Tell whether a text says on which days nothing is, and all of them can be read."""
        parts = parted_dates(dates_without(text))
        order = self.order or only_order(parts)
        return bool(parts) and all(days_in_words(part, date(2000, 1, 1), order) for part in parts)

    def done_by(self) -> str:
        """Return the heading below which a list of dated duties says who does each, some several; "" for none."""
        if self.kind is not Kind.EVENTS or not self.recognised.is_list or self.grid is None:
            return ""
        table = Evidence.of(self.grid, EVENT_SHEET, {}).table
        headed = (
            [column for column in table.columns if heads_people(column) or means_people(column.heading)]
            if table is not None
            else []
        )
        names = [plain_text(cell) for column in headed for cell in column.cells if cell != ""]
        return headed[0].heading if len(headed) == 1 and 1 < len(set(names)) < len(names) else ""

    def named(self, folder: Path) -> str:
        """Return what messages and comments call it: its path, the sheet and the range where there are several."""
        parts = (self.written(folder), self.sheet and f"sheet {self.sheet}", self.range)
        return ", ".join(filter(None, parts))

    def written(self, folder: Path) -> str:
        """Return its path as a plan in a folder writes it."""
        return Path(os.path.relpath(self.path, folder)).as_posix()

    def column(self, name: str) -> list[str]:
        """Return the texts of all columns with a heading, by the heading's key."""
        if self.tabs:
            return [text for part in self.parts for text in part.column(name)]
        table, headings = _as_timetable(self), Headings(TIMETABLE_SHEET)
        columns = table.columns if table else []
        named = [one for one in columns if heading_key(one.heading) == name or headings(one.heading) == name]
        if table is not None and self.kind is Kind.LIST:
            named = [column for _, column in match_columns(table, self.columns, headings)[0].columns((name,))]
        return [" ".join(plain_text(cell).split()) for column in named for cell in column.cells if cell != ""]


# A draft asks for its columns one by one: its parts are made once, and the table of each is found once.
@cache
def _parts_of(sheet: FoundSheet) -> tuple[FoundSheet, ...]:
    return tuple(replace(sheet, sheet=tab.sheet, grid=tab, tabs=()) for tab in sheet.tabs)


@cache
def _as_timetable(sheet: FoundSheet) -> Table | None:
    """Return the table of a sheet as one of a timetable; None where it has none."""
    if sheet.grid is None:
        return None
    try:
        return look_for_table(sheet.grid, Headings(TIMETABLE_SHEET))[0]
    except DataRefused:
        return None


def look_at(paths: Iterable[Path]) -> list[FoundSheet]:
    """Recognise all sheets of some files; one that cannot be read is kept with the reason."""
    return [sheet for path in paths for sheet in _sheets_of(path)]


def whole_files(paths: Iterable[Path]) -> list[Path]:
    """Return the files that sheets stand in: the parts of class lists by the standard as their folder, named once."""
    return list(dict.fromkeys(_as_a_whole(path) for path in paths))


def _as_a_whole(path: Path) -> Path:
    """Return the folder of class lists by the standard that a file is part of, else the file."""
    parent = path.resolve().parent
    part = path.suffix.casefold() == ".csv" and path.stem.casefold() in _CLASS_LISTS
    return parent if part and is_oneroster(parent) else path


_CLASS_LISTS = frozenset(name.casefold() for name in (*ONEROSTER_FILES, "manifest", "demographics", "lineItems"))


def _sheets_of(path: Path) -> list[FoundSheet]:
    if looks_like_calendar(path):
        return [FoundSheet(path, None, Recognised(Kind.CALENDAR, "it is a calendar file"))]
    try:
        grids, _ = read_grids(path)
    except DataRefused as refused:
        return [FoundSheet(path, None, Recognised(None, refused.problem.message.rstrip(".")))]
    found = _parts_of_one(path, grids) or [sheet for grid in grids for sheet in _found(path, grid)]
    if len(found) == 1 and _is_plain_list(path, found[0], grids[0]):
        lines = Recognised(Kind.CLOSURES, "each line has a name and a date")
        return [FoundSheet(path, None, lines, grids[0], is_plain_list=True)]
    kinds = {sheet.kind for sheet in found}
    crossed = any(sheet.recognised.crossing for sheet in found)
    pages = len(grids) > 1 and Kind.DAYS not in kinds
    drawn = pages and all(sheet.recognised.unfolded and not sheet.recognised.crossing for sheet in found)
    if (
        len(kinds) == 1
        and not any(sheet.range for sheet in found)
        and (len(found) == 1 or drawn or (not crossed and kinds & _ALIKE))
    ):
        # All its sheets are alike: the file as a whole is meant.
        tabs = tuple(sheet.grid for sheet in found if sheet.grid is not None)
        return [FoundSheet(path, None, found[0].recognised, found[0].grid, tabs=tabs if len(tabs) > 1 else ())]
    return found


_ALIKE = {Kind.GRID, Kind.CODES, Kind.MONTHS, Kind.LIST, Kind.ROSTER}
"""Kinds of which all tabs of a file are read as one."""


def _is_headed(grid: Grid) -> bool:
    """Tell whether the first row of a sheet has headings of some kind: its lines are no plain text then."""
    first = next((row for row in grid.rows if any(cell != "" for cell in row)), [])
    texts = [text for cell in first if (text := plain_text(cell))]
    return len(texts) > 1 and any(sum(map(bool, map(Headings(kind), texts))) > 1 for kind in SHEET_KINDS.values())


def _parts_of_one(path: Path, grids: Sequence[Grid]) -> list[FoundSheet]:
    """Return tabs with the same headings as parts of one list of days, where only all of them together prove it."""
    heads = [next((row for row in grid.rows if any(cell != "" for cell in row)), []) for grid in grids]
    if len(grids) < 2 or not heads[0] or any(head != heads[0] for head in heads):
        return []
    rows = [row for grid, head in zip(grids, heads, strict=True) for row in grid.rows if row is not head]
    whole = recognise(replace(grids[0], rows=[heads[0], *rows], merged=[]).copy())
    if whole.kind is not Kind.DAYS or whole.unfolded:
        return []
    return [FoundSheet(path, grid.sheet, whole, grid) for grid in grids]


def _found(path: Path, grid: Grid) -> list[FoundSheet]:
    if several := tables_apart(grid):
        return [FoundSheet(path, grid.sheet, one.recognised, one.grid, range=one.range) for one in several]
    recognised = recognise(grid)
    if _is_plain_tab(grid, recognised):
        lines = Recognised(Kind.CLOSURES, "each row has a name and a date")
        return [FoundSheet(path, grid.sheet, lines, grid, is_plain_list=True)]
    return [FoundSheet(path, grid.sheet, recognised, recognised.unfolded.grid if recognised.unfolded else grid)]


def _is_plain_list(path: Path, found: FoundSheet, grid: Grid) -> bool:
    """Tell whether a text is a name and a date a line; what seems to be events must say when the school is closed."""
    if _is_headed(grid) or not _may_be_plain(found.recognised):
        return False
    listed = read_plain_list(path, Headings(CLOSURE_SHEET))
    if listed is None or not names_dates(listed[0]):
        return False
    return found.kind is None or _speaks_of_year(listed[0])


def _is_plain_tab(grid: Grid, recognised: Recognised) -> bool:
    """Tell whether a tab of a workbook has nothing but names and dates, some of which say when the school is closed."""
    listed = read_plain_tab(grid, Headings(CLOSURE_SHEET)) if _may_be_plain(recognised) else None
    return listed is not None and _speaks_of_year(listed[0])


def _may_be_plain(recognised: Recognised) -> bool:
    """Tell whether a sheet is nothing known, or rows of dates and words that no headings stand above."""
    listed = recognised.kind is Kind.EVENTS and recognised.unfolded is not None and recognised.crossing is None
    return recognised.kind is None or listed


def _speaks_of_year(listed: Table) -> bool:
    """Tell whether lines of dates and names say when school begins, ends or is closed."""
    names = map(plain_text, listed.columns[1].cells)
    return any(closes_school(name) or edge_of(name) is not None or names_term(name) for name in names)


@dataclass(slots=True)
class DraftCycle:
    """A cycle that the sheets speak of: its name, labels, the division that follows it, and what says so."""

    name: str
    family: str
    labels: set[str] = field(default_factory=set)
    division: str = ""
    said_by: list[str] = field(default_factory=list)
    listed: list[FoundSheet] = field(default_factory=list)
    """The sheets that list its days: one, or several of a file, each with its part of the year."""
    names: tuple[str, ...] = ()
    """Labels with names of their own, in the order in which dates have them."""
    exact: bool = False
    """Whether the list goes through the year: no label is worked out beside it."""
    weeks_of: FoundSheet | None = None
    """The list of weeks of which its labels are the school days."""
    size: int = 0
    """The number of its labels, where that is known."""

    def _last_number(self) -> int:
        return self.size or max(map(int, self.labels))

    def all_labels(self) -> list[str]:
        """Return all labels from the first to the last that is named."""
        if self.family == "numbers":
            return [str(number) for number in range(1, self._last_number() + 1)]
        if self.family == NAME_FAMILY:
            return [name for name in self.names if name in self.labels]
        return [letter for letter in LETTERS if letter <= max(self.labels)]

    def range(self) -> str:
        """Return its labels as a plan writes them: from the first to the last that is named."""
        if self.family == "numbers":
            return f"1-{self._last_number()}"
        if self.family == NAME_FAMILY:
            return ", ".join(self.all_labels())
        return f"A-{max(self.labels)}"


def divisions_of(sheets: Sequence[FoundSheet]) -> list[str]:
    """Return all divisions that columns of that name hold, in their order."""
    kinds = (Kind.CLASSES, Kind.LIST, Kind.BELLS, Kind.CLOSURES, Kind.SPECIAL_DAYS)
    texts = [text for sheet in sheets if sheet.kind in kinds for text in sheet.column("division")]
    return list(dict.fromkeys(name for text in texts for name in split_list(text)))


def class_divisions(sheets: Sequence[FoundSheet]) -> dict[str, str]:
    """Return the division of each class, case folded, that class lists give one."""
    found = {}
    for sheet in sheets:
        if sheet.kind is Kind.CLASSES:
            for name, division in zip(sheet.column("class"), sheet.column("division"), strict=False):
                found[name.casefold()] = division
    return found


def division_of(sheet: FoundSheet, classes: dict[str, str], divisions: Sequence[str]) -> tuple[str, str]:
    """Return the one division of a timetable's classes, and what says so; "" where there is none, or several."""
    stated = dict.fromkeys(sheet.column("division")) if sheet.kind is Kind.LIST else {}
    if len(stated) == 1:
        return next(iter(stated)), "its column of divisions"
    names = sheet.column("class") if sheet.kind is Kind.LIST else texts_of_grid(sheet)
    found = {classes[name.casefold()] for name in names if name.casefold() in classes}
    if len(found) == 1:
        return found.pop(), "the class list"
    named = [division for division in divisions if division.casefold() in sheet.path.stem.casefold()]
    return (named[0], "the file’s name") if len(named) == 1 and not found else ("", "")


def nearest_kind(sheet: FoundSheet) -> str:
    """Return what a sheet of no known kind comes nearest to, and what it lacks; "" for nothing."""
    next_best = recognise(sheet.grid, with_next=True).next_best if sheet.grid else None
    return (
        f"it comes nearest to {next_best.kind}, but has {next_best.against[0]}"
        if next_best and next_best.against
        else ""
    )


def texts_of_grid(sheet: FoundSheet) -> list[str]:
    """Return the lines of all cells of a sheet."""
    rows = sheet.grid.rows if sheet.grid else []
    return [line for row in rows for cell in row if isinstance(cell, str) for line in lines_of_cell(cell)]


def parts_of_grid(sheet: FoundSheet) -> set[str]:
    """Return the lines of all cells of a sheet, and what spaces and brackets part in them: "Irish MOB", "D (Me)"."""
    return {part for line in set(texts_of_grid(sheet)) for part in (line, *_PARTS.split(line)) if part}


_PARTS = regex(r"[\s()\[\],;/|]+")


def labels_of(sheet: FoundSheet, heading: str = "") -> dict[str, set[str]]:
    """Return the labels of cycles that a timetable or a list of days names, by their family: letters, numbers, names.

    Of a list with several columns of labels, ``heading`` says which.
    """
    found: dict[str, set[str]] = {}
    column = _labels_only(listed_columns(sheet)[heading]) if heading else []
    among = _all_families(sheet.names)
    reader = any_days(sheet.names)
    days = [test for text in dict.fromkeys(column) for test in _days_in(text, reader, among)]
    days = days or list(_days_of(sheet))
    for test in days:
        if test.label:
            found.setdefault(test.cycle, set()).add(test.label)
    if found.get("letters") == {"F"} and any(not test.label for test in days):
        del found["letters"]  # beside "MWF" a lone F is Friday
    return found


def weekdays_of(sheet: FoundSheet) -> set[int]:
    """Return the weekdays that a timetable names, or that the dates of a list of days are; Monday as 0."""
    if sheet.kind is Kind.DAYS:
        return {day.weekday() for day in listed_dates(sheet)}
    return {test.weekday for test in _days_of(sheet) if test.weekday is not None}


def names_weekdays(sheets: Sequence[FoundSheet]) -> bool:
    """Tell whether any timetable goes by weekdays."""
    return any(weekdays_of(sheet) for sheet in sheets if sheet.kind in (Kind.LIST, Kind.GRID))


def _days_of(sheet: FoundSheet) -> Iterable[DayTest]:
    if sheet.kind is Kind.GRID and sheet.grid is not None:
        return [test for block in blocks_of(sheet) for tests in block.days.values() for test in tests]
    if sheet.kind is Kind.DAYS:
        texts = [text for column in listed_columns(sheet).values() for text in _labels_only(column)]
    else:
        days = sheet.column("day")
        periods = [] if days else [text for text in sheet.column("period") if bare_period(text) not in NUMBERS]
        texts = [*map(_without_times, days), *map(_without_times, sheet.column("slot")), *periods]
    among = families(sheet.names) if sheet.kind is not Kind.DAYS else _all_families(sheet.names)
    reader = any_days(sheet.names).of_column(texts, among) if sheet.kind is Kind.LIST else any_days(sheet.names)
    found = {text: _days_in(text, reader, among) for text in dict.fromkeys(texts)}
    labels = {test.cycle for days in found.values() for test in days if test.label}
    numbered = {text for text, days in found.items() if any(test.cycle == NUMBER_FAMILY for test in days)}
    if LETTER_FAMILY in labels and all(map(_DAY_D.fullmatch, numbered)):  # “D4” beside “A1” is period 4 of day D
        found |= {text: _days_in(text, reader, (LETTER_FAMILY,)) for text in numbered}
    return [test for days in found.values() for test in days]


def _without_times(text: str) -> str:
    """Return the days of a cell that names times beside them: “Tue 16:30–17:15”; any other as it is."""
    named = [part.days for part in parts_with_times(text)]
    return ", ".join(named) if named and all(named) else text


_DAY_D = regex(r"d\d{1,2}(?:\s*[,;/&]\s*[a-l]\d{1,2})*", re.IGNORECASE)


def _labels_only(texts: Sequence[str]) -> list[str]:
    """Return the texts of a list of days that are labels, without those that say something else: “H”, “No school”."""
    labels = plain_labels(texts)
    return [text for text in texts if bare_label(text, ()) in labels]


def _all_families(names: tuple[str, ...]) -> tuple[str, ...]:
    return tuple(name for name in FAMILIES if name != NAME_FAMILY or names)


def blocks_of(sheet: FoundSheet) -> list[Block]:
    """Return the grids on a sheet."""
    return find_blocks(sheet.grid, any_days(sheet.names), families(sheet.names)) if sheet.grid else []


def listed_columns(sheet: FoundSheet) -> dict[str, list[str]]:
    """Return the columns of a list of days that hold the labels of cycles, each with its texts; "" heads an only one.

    Several go by their headings: each is of a cycle of its own.
    """
    if sheet.grid is None:
        return {}
    several = {
        heading: texts
        for heading, texts in label_columns(sheet.grid).items()
        if len(list(plain_or_named(texts, sheet.names))) * 2 > len(texts)
    }
    headed = Evidence.of(sheet.grid, DAY_SHEET, {}).texts("summary")
    return several if len(several) > 1 or not headed else {"": headed}


def _days_in(text: str, reader: DayReader, among: tuple[str, ...]) -> Sequence[DayTest]:
    """Return the days of a cell that holds days, or days and periods in one."""
    days = reader.read(text, among)
    if not isinstance(days, UnknownDay):
        return days
    slots = read_slots(text, reader, among)
    return [] if isinstance(slots, UnknownDay) else [day for day, _ in slots]


def _texts_of(row: Sequence[Cell]) -> list[str]:
    return [text for cell in row if (text := plain_text(cell).strip())]


def holds_moments(sheet: FoundSheet) -> bool:
    """Tell whether a sheet that is of no known kind holds days or times, so that it could be about what meets when."""
    rows = [row for row in sheet.grid.rows if any(cell != "" for cell in row)] if sheet.grid else []
    lines = [*zip_longest(*rows[1:], fillvalue=""), *(row[1:] for row in rows)]
    columns = [Column("", 0, list(cells)) for cells in lines if len([cell for cell in cells if cell != ""]) > 1]
    alone = [Column("", 0, [cell for cell in row if cell != ""]) for row in rows[1:]]
    return (
        sum(_cells_with_spans(sheet)) > 1
        or any(any(_spans_of(row)) and len(row) - row.count("") > 1 for row in rows)
        or any(map(holds_dates, alone))
        or any(test(column) for column in columns for test in (holds_dates, holds_times, holds_weekdays))
    )


def holds_spans(sheet: FoundSheet) -> bool:
    """Tell whether any cell of a sheet has times from when to when."""
    return any(_cells_with_spans(sheet))


def _cells_with_spans(sheet: FoundSheet) -> Iterator[bool]:
    """Tell of each text on a sheet whether it has times from when to when."""
    return (found for row in (sheet.grid.rows if sheet.grid else []) for found in _spans_of(row))


def _spans_of(row: Sequence[Cell]) -> Iterator[bool]:
    return (span_in(cell) is not None for cell in row if isinstance(cell, str))


@cache
def listed_dates(sheet: FoundSheet) -> frozenset[date]:
    """Return the dates that a list of days has a label for."""
    columns = list(listed_columns(sheet))
    days = [read_listed_days(as_found(sheet), heading, sheet.names)[0].labels for heading in columns]
    return frozenset().union(*days)


def as_found(sheet: FoundSheet) -> SheetChoices:
    """Return how a sheet is read of which nothing is stated."""
    table = TableChoices(sheet.sheet, sheet.range or None)
    only = tuple((name, tuple(values)) for name, values in sheet.only.items())
    dates = DateChoices(order=sheet.order)
    return SheetChoices(sheet.path, Place(sheet.path.name), table, dates, columns=sheet.columns, only=only)


_WEEK_LETTER = regex(r"week ([A-D])\b|([A-D])[ -]weeks?\b", re.IGNORECASE)


def week_letters(sheets: Sequence[FoundSheet]) -> list[str]:
    """Return the letters of weeks from A to the last that timetables or repeats name; none where none is named."""
    found = {text.upper() for sheet in sheets if sheet.kind is Kind.LIST for text in sheet.column("week")}
    named = {letter for text in found for letter in split_list(text.removeprefix("WEEK "))}
    named |= {test.letter for sheet in sheets if sheet.kind in (Kind.LIST, Kind.GRID) for test in _days_of(sheet)}
    for sheet in sheets:
        if sheet.kind is Kind.GRID:
            named |= {letter for text in texts_of_grid(sheet) for letter in letters_in(text)}
        if sheet.kind is Kind.EVENTS:
            for text in sheet.column("repeat"):
                named |= {(match[1] or match[2]).upper() for match in _WEEK_LETTER.finditer(text)}
    letters = sorted(letter for letter in named if letter in LETTERS)
    return list(LETTERS[: max(2, LETTERS.index(letters[-1]) + 1)]) if letters else []


def _blocks_in(sheet: FoundSheet) -> set[str]:
    """Return the texts in the cells of grids, as keys of blocks; none where a cell holds several lines."""
    if sheet.grid is None:
        return set()
    found = set()
    for block in blocks_of(sheet):
        for line in block.lines:
            found |= {text for column in block.days if (text := block.view.text(line.row, column))}
    return {bare_block(text) for text in found if len(lines_of_cell(text)) == 1}


def codes_in_column(sheet: FoundSheet) -> set[str]:
    """Return the codes that a sheet lists in a column, or that head its columns, as keys of blocks."""
    if sheet.grid is not None and (chosen := chosen_blocks(sheet.grid)):
        return {bare_block(block) for block in chosen.values()}
    headings = Headings(SLOT_SHEET if sheet.kind is Kind.SLOTS else CODE_SHEET)
    stated = next((heading for heading, name in sheet.columns.items() if name == "code"), "")
    codes = _texts_below(sheet, stated) if stated else _column_of(sheet, headings, "code")
    if not codes:
        first = [plain_text(row[0]) for row in sheet.grid.rows[1:] if row] if sheet.grid else []
        codes = [*_column_of(sheet, headings, "title"), *filter(None, first)]
    return {bare_block(text) for text in codes}


def blocks_below(column: Column) -> set[str]:
    """Return what stands in a column, as keys of blocks."""
    return {bare_block(plain_text(cell)) for cell in column.cells if cell != ""}


def _texts_below(sheet: FoundSheet, heading: str) -> list[str]:
    table = Evidence.of(sheet.grid, CODE_SHEET, {}).table if sheet.grid else None
    column = next((one for one in table.columns if one.heading == heading), None) if table else None
    return [" ".join(plain_text(cell).split()) for cell in column.cells if cell != ""] if column else []


def key_column(sheet: FoundSheet, blocks: set[str]) -> dict[str, str]:
    """Return the column whose texts are the blocks of a grid, as that of the codes; empty where none or two are."""
    seen = Evidence.of(sheet.grid, CODE_SHEET, {}) if sheet.grid else None
    found = []
    for column in seen.table.columns if seen and seen.table else ():
        texts = blocks_below(column)
        if column.heading and len(texts & blocks) * 2 > max(len(blocks), len(texts)):
            found.append(column.heading)
    if len(found) != 1 or seen is None:
        return {}
    other = seen.named.get("code")
    return {found[0]: "code", **({other.heading: "class"} if other and other.heading != found[0] else {})}


def is_of_blocks(sheet: FoundSheet) -> bool:
    """Tell whether the cells of a grid are nothing but short codes that come again, as blocks of some key do.

    Two letters are no block: where “ČJ” and “M” stand, subjects do. In a teacher's week “7X” is a class.
    """
    blocks = _blocks_in(sheet)
    named = (sheet.path.stem, sheet.sheet or "", *(text for block in blocks_of(sheet) for text in block.captions))
    if all(map(CLASS_FORM.fullmatch, blocks)) and any(map(TITLED_FORM.match, named)):
        return False
    short = all(len(block) <= _LONGEST_BLOCK and max(block) < _WORD_SIGNS for block in blocks)
    short = short and not any(len(block) > 1 and block.isalpha() for block in blocks)
    return len(blocks) >= _FEWEST_BLOCKS and short and _alone(sheet)


_FEWEST_BLOCKS, _LONGEST_BLOCK = 3, 2
_WORD_SIGNS = "\u2e80"
"""From here on signs are words or syllables: two of them are no code."""


def _alone(sheet: FoundSheet) -> bool:
    cells = [
        block.view.text(line.row, column) for block in blocks_of(sheet) for line in block.lines for column in block.days
    ]
    filled = [cell for cell in cells if cell]
    return all(len(lines_of_cell(cell)) == 1 for cell in filled) and len(set(filled)) * 2 <= len(filled)


def codes_of(sheet: FoundSheet) -> set[str]:
    """Return the codes of a master list, of the cells of a crossing or of a sheet that explains them, case folded."""
    if sheet.recognised.crossing:
        crossing = sheet.recognised.crossing
        return {bare_block(code) for code in crossing.codes() or crossing.words()}
    return _blocks_in(sheet) if sheet.kind is Kind.GRID else codes_in_column(sheet)


def _column_of(sheet: FoundSheet, headings: Headings, name: str) -> list[str]:
    if sheet.grid is None:
        return []
    try:
        table = look_for_table(sheet.grid, headings)[0]
    except DataRefused:
        return []
    column = next((column for column in table.columns if headings(column.heading) == name), None)
    return [" ".join(plain_text(cell).split()) for cell in column.cells if cell != ""] if column else []


def texts_below(sheet: FoundSheet, kind: SheetKind, name: str) -> Sequence[str]:
    """Return what stands below the headings of a field, the sheet looked at as one of a kind."""
    return Evidence.of(sheet.grid, kind, {}).texts(name) if sheet.grid else ()
