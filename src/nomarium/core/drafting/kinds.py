"""What a sheet is: terms, closures, bell times, a timetable, a roster and so on; told from its headings and cells."""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from datetime import date
from enum import StrEnum
from functools import cache
from pathlib import PurePath

from nomarium.core.bells import BELL_SHEET, NAMES_SHEET, grid_heading
from nomarium.core.columns import EVENT_SHEET, Headings, SheetFields, heading_key, holds_dates
from nomarium.core.datesheets import CLOSURE_SHEET, SPECIAL_SHEET, TERM_SHEET, bare_label, listed_sheet
from nomarium.core.problems import DataRefused
from nomarium.core.slots import DayReader
from nomarium.core.tables import Grid, Table, find_table, plain_text
from nomarium.core.timetable import (
    CHANGE_SHEET,
    CLASS_SHEET,
    CODE_SHEET,
    ROSTER_SHEET,
    SLOT_SHEET,
    TIMETABLE_SHEET,
    find_blocks,
    find_month,
    tells_change,
)
from nomarium.core.year import CycleRule, SchoolYear, Term, YearRules


class Kind(StrEnum):
    """The kinds of sheets that a plan can name, in the words that a report uses."""

    TERMS = "terms"
    CLOSURES = "closures"
    SPECIAL_DAYS = "special days"
    DAYS = "listed days"
    BELLS = "bell times"
    PERIOD_NAMES = "other names for periods"
    CLASSES = "class list"
    ROSTER = "roster"
    CHANGES = "changes"
    LIST = "timetable, a list"
    GRID = "timetable, a grid"
    MONTHS = "month page"
    SLOTS = "list of coded slots"
    CODES = "codes"
    EVENTS = "events"
    CALENDAR = "calendar"


@dataclass(frozen=True, slots=True)
class Recognised:
    """What a sheet was taken for, and why; no kind where it is nothing known."""

    kind: Kind | None
    why: str


LETTERS, NUMBERS = tuple("ABCDEFGHIJKL"), tuple(map(str, range(1, 13)))


@cache
def any_days() -> DayReader:
    """Return a reader of days for which A to L and 1 to 12 are labels: the school's own are not known yet."""
    term = Term("Year", date(2026, 9, 1), date(2026, 9, 30))
    cycles = (CycleRule("letters", LETTERS), CycleRule("numbers", NUMBERS))
    return DayReader(SchoolYear(YearRules((term,), cycles=cycles)))


_MARKS = frozenset("x ✓ ✔ ☑ 1 yes y".split())


def recognise(grid: Grid) -> Recognised:
    """Tell what a sheet is. The first test that fits decides, those that prove most come first."""
    for test in _TESTS:
        found = test(grid)
        if found is not None:
            return found
    return Recognised(None, "neither its headings nor its cells are those of a sheet that is known")


def _table(grid: Grid, fields: SheetFields) -> tuple[Table, dict[str, str]] | None:
    """Return a sheet's table and its headings by the fields that they surely mean."""
    headings = Headings(fields)
    copy = Grid(grid.file, grid.sheet, [list(row) for row in grid.rows], grid.form, list(grid.merged), grid.typed)
    try:
        table, _ = find_table(copy, headings)
    except DataRefused:
        return None
    named: dict[str, str] = {}
    for column in table.columns:
        if name := headings(column.heading):
            named.setdefault(name, column.heading)
    return table, named


def _told_by(kind: Kind, named: dict[str, str], fields: Sequence[str], also: str = "") -> Recognised:
    headings = [f"“{named[name]}”" for name in fields if name in named]
    return Recognised(kind, f"by {also}its headings {', '.join(headings)}")


_CALLED = {
    Kind.TERMS: frozenset("term terms semester semesters quarter quarters trimester trimesters".split()),
    Kind.CLOSURES: frozenset("closure closures closed holiday holidays vacation vacations break breaks".split()),
    Kind.SPECIAL_DAYS: frozenset("special specials".split()),
}
_SAYS_NOTHING = frozenset("a and calendar date dates day days list of our school sheet the year".split())
_TIMED = frozenset({"start_time", "end_time", "start", "end", "when", "duration", "repeat"})


def _called(grid: Grid, kind: Kind) -> str:
    """Return the name of a sheet, or of its file, where all that it says is what the sheet holds; "" where not.

    An event’s times speak against it: nothing of a term, a closure or a special day has any.
    """
    for name in (grid.sheet or "", PurePath(grid.file).stem):
        words = set(re.findall(r"[^\W\d_]+", name.casefold())) - _SAYS_NOTHING
        if words and words <= _CALLED[kind]:
            found = _table(grid, EVENT_SHEET)
            return "" if found is not None and _TIMED & found[1].keys() else f"its name “{name}” and "
    return ""


def _dated(table: Table) -> bool:
    return any(map(holds_dates, table.columns))


def _month(grid: Grid) -> Recognised | None:
    return (
        Recognised(Kind.MONTHS, "a month is drawn, with day numbers below weekdays")
        if find_month(grid) is not None
        else None
    )


def _bell_grid(grid: Grid) -> Recognised | None:
    if grid_heading(grid) is None:
        return None
    return Recognised(Kind.BELLS, "periods stand down, and spans of times such as “8:15–9:10” in its cells")


def _bell_list(grid: Grid) -> Recognised | None:
    found = _table(grid, BELL_SHEET)
    if found is None:
        return None
    table, named = found
    timed = "hours" in named or {"start", "end"} <= named.keys()
    if "period" not in named or not timed or _dated(table) or _has_class(grid):
        return None
    return _told_by(Kind.BELLS, named, ("period", "start", "end", "hours", "division", "day", "special"))


def _has_class(grid: Grid) -> bool:
    found = _table(grid, TIMETABLE_SHEET)
    return found is not None and bool({"class", "course", "teacher"} & found[1].keys())


def _changes(grid: Grid) -> Recognised | None:
    found = _table(grid, CHANGE_SHEET)
    if found is None:
        return None
    table, named = found
    new = [
        name
        for name in named
        if name.startswith("new_") and heading_key(named[name]).startswith(("new", "cover", "substitute"))
    ]
    says = "change" in named and (
        heading_key(named["change"]) in ("change", "changes", "whatchanges", "action") or _all_change(table, named)
    )
    if not _dated(table) or "start_date" not in named or not ({"class", "period"} & named.keys()) or not (new or says):
        return None
    return _told_by(Kind.CHANGES, named, ("start_date", "class", "period", "change", *new))


def _all_change(table: Table, named: dict[str, str]) -> bool:
    """Tell whether each cell says a change, in a sheet that has no column besides those of changes."""
    texts = [plain_text(cell) for c in table.columns if c.heading == named["change"] for cell in c.cells if cell != ""]
    return bool(texts) and len(named) == len(table.columns) and all(map(tells_change, texts))


def _list(grid: Grid) -> Recognised | None:
    found = _table(grid, TIMETABLE_SHEET)
    if found is None:
        return None
    table, named = found
    when = "slot" in named or ("day" in named and bool({"period", "start", "hours"} & named.keys()))
    if not ({"class", "course"} & named.keys()) or not when:
        return None
    days = [c for c in table.columns if c.heading == named.get("day")]
    if any(map(holds_dates, days)):
        return None
    return _told_by(Kind.LIST, named, ("class", "course", "teacher", "room", "day", "period", "slot", "hours"))


def _period_names(grid: Grid) -> Recognised | None:
    found = _table(grid, NAMES_SHEET)
    if found is None or not {"written", "period"} <= found[1].keys() or _dated(found[0]) or len(found[1]) < 3:
        return None
    if heading_key(found[1]["written"]) not in ("written", "writtenas", "timetableperiod", "intimetable", "aswritten"):
        return None
    return _told_by(Kind.PERIOD_NAMES, found[1], ("written", "period", "division", "group"))


def _terms(grid: Grid) -> Recognised | None:
    found = _table(grid, TERM_SHEET)
    if found is None:
        return None
    table, named = found
    words = (
        "term",
        "semester",
        "quarter",
        "trimester",
        "halfterm",
        "halbjahr",
        "trimestre",
        "schuljahr",
        "semestername",
        "termname",
    )
    ends = [c for c in table.columns if c.heading in (named.get("start_date"), named.get("end_date"))]
    spans = len(ends) == 2 and all(map(holds_dates, ends))
    if not spans or len(table) > _MOST_TERMS or "summary" not in named:
        return None
    called = "" if heading_key(named["summary"]) in words else _called(grid, Kind.TERMS)
    if not called and heading_key(named["summary"]) not in words:
        return None
    return _told_by(Kind.TERMS, named, ("summary", "start_date", "end_date"), called)


_MOST_TERMS = 24


def _specials(grid: Grid) -> Recognised | None:
    found = _table(grid, SPECIAL_SHEET)
    if found is None or not _dated(found[0]) or "start_date" not in found[1]:
        return None
    named = found[1]
    title = heading_key(named.get("summary", ""))
    fields = ("start_date", "summary", "follows", "cycle_day", "division")
    if (
        title in ("specialday", "special", "bellschedule", "bells", "belltimes", "schedule", "daytype")
        or "follows" in named
    ):
        return _told_by(Kind.SPECIAL_DAYS, named, fields)
    called = title and _called(grid, Kind.SPECIAL_DAYS)
    return _told_by(Kind.SPECIAL_DAYS, named, fields, called) if called else None


def _closures(grid: Grid) -> Recognised | None:
    found = _table(grid, CLOSURE_SHEET)
    if found is None or not _dated(found[0]) or "start_date" not in found[1]:
        return None
    named = found[1]
    title = heading_key(named.get("summary", ""))
    words = (
        "closure closures holiday holidays stormday stormdays snowday snowdays weatherday break vacation dayoff "
        "noschool feiertag ferien vacances holidayname nameofholiday"
    )
    fields = ("summary", "start_date", "end_date", "division", "effect")
    if title in words.split() or (named.get("effect") and title):
        return _told_by(Kind.CLOSURES, named, fields)
    called = title and _called(grid, Kind.CLOSURES)
    return _told_by(Kind.CLOSURES, named, fields, called) if called else None


def _days(grid: Grid) -> Recognised | None:
    found = _table(grid, listed_sheet())
    if found is None or not {"start_date", "summary"} <= found[1].keys() or not _dated(found[0]):
        return None
    table, named = found
    labels = next(c for c in table.columns if c.heading == named["summary"])
    bare = {bare_label(plain_text(cell), ()) for cell in labels.cells if cell != ""}
    few = 1 < len(bare) <= _MOST_LABELS and len(bare) * 3 <= len(table)
    if not few or len(table.columns) > _MOST_COLUMNS or not bare <= {*LETTERS, *NUMBERS}:
        return None
    return _told_by(Kind.DAYS, named, ("start_date", "summary"))


_MOST_LABELS, _MOST_COLUMNS = 12, 4


def _slots(grid: Grid) -> Recognised | None:
    found = _table(grid, SLOT_SHEET)
    if found is None or "code" not in found[1] or not _dated(found[0]) or "start_date" not in found[1]:
        return None
    table, named = found
    codes = [plain_text(cell) for c in table.columns if c.heading == named["code"] for cell in c.cells if cell != ""]
    short = bool(codes) and all(len(code) <= _LONGEST_CODE and " " not in code for code in codes)
    if not short or len(set(codes)) * 2 > len(codes):
        return None
    return _told_by(Kind.SLOTS, named, ("start_date", "start_time", "end_time", "code"))


_LONGEST_CODE = 6


def _codes(grid: Grid) -> Recognised | None:
    found = _table(grid, CODE_SHEET)
    if found is None or not {"code", "title"} <= found[1].keys() or _dated(found[0]):
        return None
    if heading_key(found[1]["code"]) not in ("code", "block", "blockcode", "slot", "slotcode", "periodcode"):
        return None
    return _told_by(Kind.CODES, found[1], ("code", "title", "room"))


def _roster(grid: Grid) -> Recognised | None:
    filled = [[plain_text(cell).strip() for cell in row] for row in grid.rows if any(row)]
    inner = [cell.casefold() for row in filled[1:] for cell in row[1:] if cell]
    if len(filled) > 2 and inner and len(filled[0]) > 2 and all(cell in _MARKS for cell in inner):
        return Recognised(Kind.ROSTER, "names stand down, classes across, and marks where they meet")
    found = _table(grid, ROSTER_SHEET)
    if found is None or "class" not in found[1] or not {"student", "team"} & found[1].keys() or _dated(found[0]):
        return None
    if len(found[0].columns) > _MOST_COLUMNS:
        return None
    return _told_by(Kind.ROSTER, found[1], ("class", "student", "team"))


def _classes(grid: Grid) -> Recognised | None:
    found = _table(grid, CLASS_SHEET)
    if found is None or "class" not in found[1] or len(found[1]) < 2 or _dated(found[0]):
        return None
    table, named = found
    names = [plain_text(cell) for c in table.columns if c.heading == named["class"] for cell in c.cells]
    if len(set(names)) < len(names) or "student" in named:
        return None
    return _told_by(Kind.CLASSES, named, ("class", "course", "division", "teacher", "room"))


def _grid(grid: Grid) -> Recognised | None:
    try:
        blocks = find_blocks(grid, any_days(), ("letters", "numbers"))
    except DataRefused:
        return None
    if not blocks or not any(_has_texts(block.view.rows, block.lines[0].row) for block in blocks):
        return None
    days = ", ".join(dict.fromkeys(test.name for tests in blocks[0].days.values() for test in tests))
    lines = ", ".join(line.words for line in blocks[0].lines[:4])
    return Recognised(Kind.GRID, f"days stand along one side ({days}), periods or times along the other ({lines}, …)")


def _has_texts(rows: Sequence[Sequence[object]], first: int) -> bool:
    return any(isinstance(cell, str) and any(map(str.isalpha, cell)) for row in rows[first:] for cell in row[1:])


def _events(grid: Grid) -> Recognised | None:
    found = _table(grid, EVENT_SHEET)
    if found is None or not _dated(found[0]):
        return None
    named = found[1]
    if "summary" not in named and not {"start_date", "start", "when"} & named.keys():
        return None
    return _told_by(Kind.EVENTS, named, ("summary", "start_date", "start", "when", "start_time", "repeat"))


_TESTS: tuple[Callable[[Grid], Recognised | None], ...] = (
    _month,
    _bell_grid,
    _roster,
    _period_names,
    _changes,
    _list,
    _bell_list,
    _terms,
    _specials,
    _closures,
    _days,
    _slots,
    _codes,
    _classes,
    _grid,
    _events,
)
