"""The files given to a draft → their sheets, each recognised; and what can be learnt from them for the plan."""

from __future__ import annotations

import os
import re
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from functools import cache
from itertools import pairwise, zip_longest
from pathlib import Path

from nomarium.core.bells import bell_parts, is_usual
from nomarium.core.columns import (
    Evidence,
    Headings,
    Kind,
    SheetKind,
    heading_key,
    holds_dates,
    holds_times,
    holds_weekdays,
    match_columns,
)
from nomarium.core.datesheets import is_plain_list, read_listed_days, read_terms, speaks_of_school
from nomarium.core.kinds import (
    BELL_SHEET,
    CLOSURE_SHEET,
    CODE_SHEET,
    DAY_SHEET,
    EVENT_SHEET,
    LETTERS,
    SHEET_KINDS,
    SLOT_SHEET,
    SPECIAL_SHEET,
    TIMETABLE_SHEET,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.problems import DataRefused, Place, has_errors
from nomarium.core.recognition import Recognised, any_days, recognise
from nomarium.core.shapes import explains, unfold
from nomarium.core.sheets import SheetChoices
from nomarium.core.slots import DayReader, DayTest, UnknownDay, bare_period, read_slots
from nomarium.core.tables import (
    Column,
    Grid,
    Table,
    TableChoices,
    column_letters,
    find_table,
    looks_like_calendar,
    plain_text,
    read_grids,
)
from nomarium.core.timetable import chosen_blocks, find_blocks, lines_of_cell
from nomarium.core.values import span_in, split_list
from nomarium.core.year import Term

_FAMILIES = ("letters", "numbers")


@dataclass(frozen=True, slots=True, eq=False)
class FoundSheet:
    """A sheet of one of the files, and what it was taken for."""

    path: Path
    sheet: str | None
    """The sheet of a workbook that has several filled ones."""
    recognised: Recognised
    grid: Grid | None = None

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
            table, _ = find_table(self.grid.copy(), Headings(kind))
        except DataRefused:
            return []
        matches, _ = match_columns(table, {}, Headings(kind))
        return [f"{column_letters(one.index)} “{one.heading}”" for one in matches.unused if one.heading]

    def written(self, folder: Path) -> str:
        """Return its path as a plan in a folder writes it."""
        return Path(os.path.relpath(self.path, folder)).as_posix()

    def column(self, name: str) -> list[str]:
        """Return the texts of all columns with a heading, by the heading's key."""
        table, headings = self._table(), Headings(TIMETABLE_SHEET)
        columns = table.columns if table else []
        named = [one for one in columns if heading_key(one.heading) == name or headings(one.heading) == name]
        if table is not None and self.kind is Kind.LIST:
            named = [column for _, column in match_columns(table, {}, headings)[0].columns((name,))]
        return [" ".join(plain_text(cell).split()) for column in named for cell in column.cells if cell != ""]

    def _table(self) -> Table | None:
        if self.grid is None:
            return None
        try:
            return find_table(self.grid.copy(), Headings(TIMETABLE_SHEET))[0]
        except DataRefused:
            return None


def look_at(paths: Iterable[Path]) -> list[FoundSheet]:
    """Recognise all sheets of some files; one that cannot be read is kept with the reason."""
    return [sheet for path in paths for sheet in _sheets_of(path)]


def _sheets_of(path: Path) -> list[FoundSheet]:
    if looks_like_calendar(path):
        return [FoundSheet(path, None, Recognised(Kind.CALENDAR, "it is a calendar file"))]
    try:
        grids, _ = read_grids(path)
    except DataRefused as refused:
        return [FoundSheet(path, None, Recognised(None, refused.problem.message.rstrip(".")))]
    found = [_found(path, grid) for grid in grids]
    plain = len(found) == 1 and found[0].kind is None and not _is_headed(grids[0])
    if plain and is_plain_list(path, Headings(CLOSURE_SHEET)):
        return [FoundSheet(path, None, Recognised(Kind.CLOSURES, "each line has a name and a date"), grids[0])]
    kinds = {sheet.kind for sheet in found}
    crossed = any(sheet.recognised.crossing for sheet in found)
    if len(kinds) == 1 and (
        len(found) == 1 or (not crossed and kinds & {Kind.GRID, Kind.CODES, Kind.MONTHS, Kind.LIST, Kind.ROSTER})
    ):
        # All its sheets are alike: the file as a whole is meant.
        return [FoundSheet(path, None, found[0].recognised, found[0].grid)]
    return found


def _is_headed(grid: Grid) -> bool:
    """Tell whether the first row of a sheet has headings of some kind: its lines are no plain text then."""
    first = next((row for row in grid.rows if any(cell != "" for cell in row)), [])
    texts = [text for cell in first if (text := plain_text(cell))]
    return len(texts) > 1 and any(sum(map(bool, map(Headings(kind), texts))) > 1 for kind in SHEET_KINDS.values())


def _found(path: Path, grid: Grid) -> FoundSheet:
    recognised = recognise(grid)
    return FoundSheet(path, grid.sheet, recognised, unfold(recognised.crossing).grid if recognised.crossing else grid)


@dataclass(slots=True)
class DraftCycle:
    """A cycle that the sheets speak of: its name, labels, the division that follows it, and what says so."""

    name: str
    family: str
    labels: set[str] = field(default_factory=set)
    division: str = ""
    said_by: list[str] = field(default_factory=list)
    listed: FoundSheet | None = None
    exact: bool = False
    """Whether the list goes through the year: no label is worked out beside it."""

    def all_labels(self) -> list[str]:
        """Return all labels from the first to the last that is named."""
        if self.family == "numbers":
            return [str(number) for number in range(1, max(map(int, self.labels)) + 1)]
        return [letter for letter in LETTERS if letter <= max(self.labels)]

    def range(self) -> str:
        """Return its labels as a plan writes them: from the first to the last that is named."""
        if self.family == "numbers":
            return f"1-{max(int(label) for label in self.labels)}"
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


def texts_of_grid(sheet: FoundSheet) -> list[str]:
    """Return the lines of all cells of a sheet."""
    rows = sheet.grid.rows if sheet.grid else []
    return [line for row in rows for cell in row if isinstance(cell, str) for line in lines_of_cell(cell)]


def labels_of(sheet: FoundSheet) -> dict[str, set[str]]:
    """Return the labels of cycles that a timetable or a list of days names, by their family: letters or numbers."""
    found: dict[str, set[str]] = {}
    days = list(_days_of(sheet))
    for test in days:
        if test.label:
            found.setdefault(test.cycle, set()).add(test.label)
    if found.get("letters") == {"F"} and any(not test.label for test in days):
        del found["letters"]  # beside "MWF" a lone F is Friday
    return found


def weekdays_of(sheet: FoundSheet) -> set[int]:
    """Return the weekdays that a timetable names, or that the dates of a list of days are; Monday as 0."""
    if sheet.kind is Kind.DAYS:
        return {day.weekday() for day in _listed_dates(sheet)}
    return {test.weekday for test in _days_of(sheet) if test.weekday is not None}


def names_weekdays(sheets: Sequence[FoundSheet]) -> bool:
    """Tell whether any timetable goes by weekdays."""
    return any(weekdays_of(sheet) for sheet in sheets if sheet.kind in (Kind.LIST, Kind.GRID))


def _days_of(sheet: FoundSheet) -> Iterable[DayTest]:
    reader = any_days()
    if sheet.kind is Kind.GRID and sheet.grid is not None:
        blocks = find_blocks(sheet.grid, reader, _FAMILIES)  # its kind says that there are some
        return [test for block in blocks for tests in block.days.values() for test in tests]
    if sheet.kind is Kind.DAYS:
        texts = Evidence.of(sheet.grid, DAY_SHEET, {}).texts("summary") if sheet.grid else []
    else:
        days = sheet.column("day")
        texts = [*days, *sheet.column("slot"), *([] if days else sheet.column("period"))]
    return [test for text in dict.fromkeys(texts) for test in _days_in(text, reader)]


def _days_in(text: str, reader: DayReader) -> Iterable[DayTest]:
    """Return the days of a cell that holds days, or days and periods in one."""
    days = reader.read(text, _FAMILIES)
    if not isinstance(days, UnknownDay):
        return days
    slots = read_slots(text, reader, _FAMILIES)
    return [] if isinstance(slots, UnknownDay) else [day for day, _ in slots]


def goes_through_the_year(listed: FoundSheet, terms: Sequence[FoundSheet]) -> bool:
    """Tell whether a list of days spans most of the terms, and is no example of some weeks."""
    days, spans = _listed_dates(listed), _spans(terms)
    if not days:
        return False
    span = max(days) - min(days)
    if not spans:
        return span > _SOME_WEEKS and len(days) * 2 > span.days
    return span * 4 > (max(term.last for term in spans) - min(term.first for term in spans)) * 3


_SOME_WEEKS = timedelta(days=60)
"""A list over so many days is no example, where no terms say how long the year is."""


def holds_moments(sheet: FoundSheet) -> bool:
    """Tell whether a sheet that is of no known kind holds days or times, so that it could be about what meets when."""
    rows = [row for row in sheet.grid.rows if any(cell != "" for cell in row)] if sheet.grid else []
    lines = [*zip_longest(*rows[1:], fillvalue=""), *(row[1:] for row in rows)]
    columns = [Column("", 0, list(cells)) for cells in lines if len([cell for cell in cells if cell != ""]) > 1]
    return any(test(column) for column in columns for test in (holds_dates, holds_times, holds_weekdays))


def holds_spans(sheet: FoundSheet) -> bool:
    """Tell whether any cell of a sheet has times from when to when."""
    rows = sheet.grid.rows if sheet.grid else []
    return any(span_in(cell) is not None for row in rows for cell in row if isinstance(cell, str))


def with_terms(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; where none is of terms and timetables need them, the one that can only be theirs.

    It names a few spans of weeks that do not overlap, without times: “Season, First day, Last day”.
    """
    kinds = {sheet.kind for sheet in sheets}
    if Kind.TERMS in kinds or not kinds & {Kind.LIST, Kind.GRID}:
        return list(sheets)
    fitting = [sheet for sheet in sheets if sheet.kind in (Kind.EVENTS, Kind.CLOSURES, None) and _is_of_terms(sheet)]
    if len(fitting) != 1:
        return list(sheets)
    why = "it names spans of weeks, one behind the other, and no other sheet has the terms"
    terms = replace(fitting[0], recognised=Recognised(Kind.TERMS, why))
    return [terms if sheet is fitting[0] else sheet for sheet in sheets]


def _is_of_terms(sheet: FoundSheet) -> bool:
    table = Evidence.of(sheet.grid, EVENT_SHEET, {}).table if sheet.grid else None
    if table is None or sheet.grid is None or any(map(holds_times, table.columns)):
        return False
    named = [plain_text(cell) for cell in table.columns[0].cells]
    said = " ".join([table.columns[0].heading, *named, sheet.path.stem, sheet.grid.sheet or ""])
    if _TERM_WORDS.isdisjoint(re.findall(r"[^\W\d_]+", said.casefold())):
        return False
    terms, _, problems = read_terms(_as_found(sheet))
    if not 0 < len(terms) <= _MOST_TERMS or has_errors(problems):
        return False
    in_order = sorted(terms, key=lambda term: term.first)
    apart = all(term.last < after.first for term, after in pairwise(in_order))
    return apart and all(term.last - term.first > _SHORTEST_TERM for term in terms)


_TERM_WORDS = frozenset(
    f"{words.TERM}|season|seasons|saison|temporada|stagione|periodo|periodos|période|periode|curso|cursos|block|blocks|year|"
    "session|sessions|half|halves|halbjahr|zeitraum|schuljahr|año|année|anno|terms|semesters|trimesters|quarters".split(
        "|"
    )
)
"""Words in a heading, the tab or the file's name that say that spans are parts of a year."""
_MOST_TERMS = 8
_SHORTEST_TERM = timedelta(days=20)


def first_day(terms: Sequence[FoundSheet]) -> str:
    """Return the first date of some sheets of terms as a plan writes it; an example of one where they have none."""
    return min((term.first for term in _spans(terms)), default=date(2026, 9, 8)).isoformat()


def _spans(terms: Sequence[FoundSheet]) -> list[Term]:
    return [term for sheet in terms for term in _terms_of(sheet)]


# A draft is written several times until it builds: its sheets are read once.
@cache
def _terms_of(sheet: FoundSheet) -> list[Term]:
    return read_terms(_as_found(sheet))[0]


@cache
def _listed_dates(sheet: FoundSheet) -> frozenset[date]:
    return frozenset(read_listed_days(_as_found(sheet), "")[0].labels)


def _as_found(sheet: FoundSheet) -> SheetChoices:
    return SheetChoices(sheet.path, Place(sheet.path.name), TableChoices(sheet=sheet.sheet))


_WEEK_LETTER = re.compile(r"week ([A-D])\b|([A-D])[ -]weeks?\b", re.IGNORECASE)


def week_letters(sheets: Sequence[FoundSheet]) -> list[str]:
    """Return the letters of weeks from A to the last that timetables or repeats name; none where none is named."""
    found = {text.upper() for sheet in sheets if sheet.kind is Kind.LIST for text in sheet.column("week")}
    named = {letter for text in found for letter in split_list(text.removeprefix("WEEK "))}
    for sheet in sheets:
        if sheet.kind is Kind.EVENTS:
            for text in sheet.column("repeat"):
                named |= {(match[1] or match[2]).upper() for match in _WEEK_LETTER.finditer(text)}
    letters = sorted(letter for letter in named if letter in LETTERS)
    return list(LETTERS[: max(2, LETTERS.index(letters[-1]) + 1)]) if letters else []


def with_closures(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; beside timetables, names and dates without times that say so are closures."""
    if not {sheet.kind for sheet in sheets} & {Kind.LIST, Kind.GRID}:
        return list(sheets)

    def as_closures(sheet: FoundSheet) -> FoundSheet:
        said = says_closed(sheet) if may_be_closures(sheet) else ""
        return replace(sheet, recognised=Recognised(Kind.CLOSURES, said)) if said else sheet

    return [as_closures(sheet) for sheet in sheets]


def with_specials(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; dates with the kinds of day that bell times are headed with are special days."""
    bells = [sheet for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    captions = {part.caption.casefold() for sheet in bells if sheet.grid for part in bell_parts(sheet.grid)}
    named = {text.casefold() for sheet in bells for text in _texts_of(sheet, BELL_SHEET, "special")}
    known = {name for name in captions | named if name and not is_usual(name)}

    def as_specials(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind not in (Kind.EVENTS, None) or sheet.recognised.crossing or sheet.grid is None:
            return sheet
        table = Evidence.of(sheet.grid, SPECIAL_SHEET, {}).table
        columns = table.columns if table else []
        words = [
            [plain_text(cell).casefold() for cell in one.cells if cell != ""] for one in columns if not holds_dates(one)
        ]
        named_so = any(sum(text in known for text in texts) * 2 > len(texts) for texts in words)
        if not named_so or not any(map(holds_dates, columns)):
            return sheet
        return replace(
            sheet, recognised=Recognised(Kind.SPECIAL_DAYS, "it has the kinds of day that bell times are headed with")
        )

    return [as_specials(sheet) for sheet in sheets] if known else list(sheets)


def _texts_of(sheet: FoundSheet, kind: SheetKind, name: str) -> Sequence[str]:
    return Evidence.of(sheet.grid, kind, {}).texts(name) if sheet.grid else ()


def may_be_closures(sheet: FoundSheet) -> bool:
    """Tell whether a sheet that seems to be of events has but names and dates: it could be of closures."""
    if sheet.kind not in (Kind.EVENTS, None) or sheet.recognised.crossing or sheet.grid is None:
        return False
    seen = Evidence.of(sheet.grid, CLOSURE_SHEET, {})
    if seen.table is None or len(seen.table.columns) > _MOST_COLUMNS or any(map(holds_times, seen.table.columns)):
        return False
    others = _OF_EVENTS & Evidence.of(sheet.grid, EVENT_SHEET, {}).named.keys()
    dated = sum(map(holds_dates, seen.table.columns))
    words = [column for column in seen.table.columns if not holds_dates(column) and any(column.cells)]
    return not others and dated > 0 and len(words) > 0


_OF_EVENTS = frozenset({"location", "repeat", "attendees", "duration"})
"""Fields that closures have not."""


def says_closed(sheet: FoundSheet) -> str:
    """Return which of a heading, a name or most cells of a sheet speak of closures; "" where none does."""
    seen = Evidence.of(sheet.grid, CLOSURE_SHEET, {}) if sheet.grid else None
    if seen is None or seen.table is None:
        return ""
    headings = [(column.heading, "its headings speak") for column in seen.table.columns]
    for text, where in (*headings, (f"{sheet.path.stem} {sheet.sheet or ''}".strip(), "its name speaks")):
        if _CLOSED.search(text.replace("_", " ")):
            return f"{where} of closures"
    names = seen.texts("summary")
    spoken = [name for name in names if _CLOSED.search(name)]
    others = [name for name in names if name not in spoken and not speaks_of_school(name)]
    return f"its rows speak of closures (“{spoken[0]}”)" if len(spoken) * 2 > len(names) and not others else ""


_MOST_COLUMNS = 4
_CLOSED = re.compile(
    r"^off$|\b(?:closed|closes|closures?|holidays?|break|vacations?|half[- ]term|inset|p\.?d\.? days?|days? off|"
    r"no (?:school|classes|lessons|training)|bank holiday|ferien|feiertage?|frei|"
    r"vacances|congés?|férié|festivos?|vacaciones|puente|"
    r"motivo|reason|grund|motif|raison|orsak|årsag|reden|chiusur\w+|fermetur\w+|schließ\w*|cierres?|encerr\w*|stängt?|"
    r"feriados?|férias|vacanze|festa|ferie|helligdag|vakantie|vrij|lov|recess|reading (?:week|day)|training days?)\b",
    re.IGNORECASE,
)


def with_keys(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder, those as keys that explain the codes or blocks in another's cells."""
    coded = {code for sheet in sheets if sheet.recognised.crossing for code in codes_of(sheet)}
    grids = [codes for sheet in sheets if sheet.kind is Kind.GRID and (codes := codes_of(sheet))]

    def as_key(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind in (Kind.CODES, Kind.GRID, Kind.LIST) or sheet.recognised.crossing or sheet.grid is None:
            return sheet
        named = _codes_in_column(sheet)
        if explains(sheet.grid, coded) or any(len(named & blocks) * 2 > len(blocks) for blocks in grids):
            return replace(sheet, recognised=Recognised(Kind.CODES, "it has the codes of another sheet’s cells"))
        return sheet

    return [as_key(sheet) for sheet in sheets]


def _blocks_in(sheet: FoundSheet) -> set[str]:
    """Return the texts in the cells of grids, as keys of blocks; none where a cell holds several lines."""
    if sheet.grid is None:
        return set()
    found = set()
    for block in find_blocks(sheet.grid, any_days(), _FAMILIES):
        for line in block.lines:
            found |= {text for column in block.days if (text := block.view.text(line.row, column))}
    return {bare_period(text).casefold() for text in found if len(lines_of_cell(text)) == 1}


def _codes_in_column(sheet: FoundSheet) -> set[str]:
    if sheet.grid is not None and (chosen := chosen_blocks(sheet.grid)):
        return {bare_period(block).casefold() for block in chosen.values()}
    headings = Headings(SLOT_SHEET if sheet.kind is Kind.SLOTS else CODE_SHEET)
    codes = _column_of(sheet, headings, "code") or _column_of(sheet, headings, "title")
    return {bare_period(text).casefold() for text in codes}


def codes_of(sheet: FoundSheet) -> set[str]:
    """Return the codes of a master list, of the cells of a crossing or of a sheet that explains them, case folded."""
    if sheet.recognised.crossing:
        return {bare_period(code).casefold() for code in sheet.recognised.crossing.codes()}
    return _blocks_in(sheet) if sheet.kind is Kind.GRID else _codes_in_column(sheet)


def _column_of(sheet: FoundSheet, headings: Headings, name: str) -> list[str]:
    if sheet.grid is None:
        return []
    try:
        table = find_table(sheet.grid.copy(), headings)[0]
    except DataRefused:
        return []
    column = next((column for column in table.columns if headings(column.heading) == name), None)
    return [" ".join(plain_text(cell).split()) for cell in column.cells if cell != ""] if column else []
