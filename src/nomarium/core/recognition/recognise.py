"""A sheet held against every kind: lists by the descriptions of kinds, other shapes by where their cells stand."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass

from nomarium.core.bells import bell_parts, grid_heading, turning_periods
from nomarium.core.columns import (
    Certainty,
    Evidence,
    Headings,
    Kind,
    SheetKind,
    holds_dates,
    holds_days_and_periods,
    holds_days_and_times,
    holds_weekdays,
    holds_weeks_of_month,
    match_columns,
    numbers_periods,
    says_how_often,
)
from nomarium.core.kinds import (
    BELL_SHEET,
    LETTERS,
    NUMBERS,
    ROSTER_SHEET,
    SHEET_KINDS,
    TIMETABLE_SHEET,
    not_every_week,
    on_its_date,
    on_its_dates,
)
from nomarium.core.problems import DataRefused
from nomarium.core.recognition.days import any_days, families, in_turn, label_columns, plain_or_named
from nomarium.core.shapes import (
    Crossing,
    Patterns,
    Unfolded,
    captioned_list,
    drawn_days,
    find_crossing,
    find_patterns,
    month_blocks,
    unfold,
)
from nomarium.core.slots import UnknownDay, read_slots
from nomarium.core.tables import Grid, look_for_table, plain_text
from nomarium.core.timetable import Block, class_columns, class_of_sheet, find_blocks
from nomarium.core.values import PLAIN_YES, spans_with_days


@dataclass(frozen=True, slots=True)
class Candidate:
    """A kind that a sheet may be of: what speaks for it, and what against; nothing against it where it fits."""

    kind: Kind
    why: str
    against: tuple[str, ...] = ()
    weight: int = 0
    """How much speaks for it, where something speaks against it."""
    is_list: bool = True

    @property
    def fits(self) -> bool:
        """Whether nothing speaks against it."""
        return not self.against


@dataclass(frozen=True, slots=True)
class Recognised:
    """What a sheet was taken for, and why; no kind where it is nothing known; and the next best that it might be."""

    kind: Kind | None
    why: str
    next_best: Candidate | None = None
    also: tuple[Kind, ...] = ()
    """Further kinds that it is at once: a list of days may say which are special."""
    is_list: bool = True
    """Whether it is a list, a row a thing: in other shapes headings are no fields."""
    crossing: Crossing | Patterns | None = None
    """Where names and days cross on it, or crews have their patterns, where that is so."""
    unfolded: Unfolded | None = None
    """The list that such a sheet stands for, its codes standing for themselves."""

    @classmethod
    def as_list(cls, unfolded: Unfolded, crossing: Crossing | Patterns | None = None) -> Recognised:
        """Return what a sheet of another shape is, by the list that it stands for."""
        return cls(unfolded.kind, unfolded.why, is_list=False, crossing=crossing, unfolded=unfolded)


_NOTHING = "neither its headings nor its cells are those of a sheet that is known"


def recognise(
    grid: Grid,
    stated: Mapping[str, str] | None = None,
    among: Sequence[Kind] = (),
    *,
    with_next: bool = False,
    names: tuple[str, ...] = (),
) -> Recognised:
    """Tell what a sheet is. Of the kinds that fit, those that prove most come first; ``among`` names others' order.

    ``stated`` maps headings to fields; ``names`` are labels of days that are known. The next best kind is looked for
    where ``with_next`` asks for it.
    """
    order = among or tuple(_TESTS)
    found: Candidate | None = None
    others: list[Candidate] = []
    for kind in order:
        if not stated and (crossing := _crossing_before(kind, grid)) is not None:
            return Recognised.as_list(unfold(crossing), crossing)
        if kind in (Kind.LIST, Kind.EVENTS) and not stated and (captioned := captioned_list(grid)) is not None:
            return Recognised.as_list(captioned)
        if kind is Kind.MONTHS and not stated and (patterns := find_patterns(grid)) is not None:
            return Recognised.as_list(unfold(patterns), patterns)
        if kind is Kind.MONTHS and not stated and (drawn := drawn_days(grid)) is not None:
            return Recognised.as_list(drawn)
        candidate = _test(kind, grid, stated or {}, names)
        if candidate.fits and found is None:
            found = candidate
            if not with_next:
                break
        else:
            others.append(candidate)
    if found is not None and found.kind in _AT_ONCE:
        found, also = _at_once(found, grid, stated or {})
    else:
        also = ()
    best = max(others, key=lambda one: (one.fits, one.weight), default=None)
    next_best = best if with_next and best is not None and (best.fits or best.weight) else None
    return (
        Recognised(found.kind, found.why, next_best, also, found.is_list)
        if found
        else Recognised(None, _NOTHING, next_best)
    )


def _test(kind: Kind, grid: Grid, stated: Mapping[str, str], names: tuple[str, ...]) -> Candidate:
    if names and kind in _OF_NAMED_DAYS:
        return _OF_NAMED_DAYS[kind](grid, stated, names)
    return _TESTS[kind](grid, stated)


def _crossing_before(kind: Kind, grid: Grid) -> Crossing | None:
    """Return where names and days cross, before a kind is tried that such a sheet may seem to be."""
    if kind not in (Kind.BELLS, Kind.LIST):
        return None
    found = find_crossing(grid, turned=kind is Kind.LIST)
    if found is None and kind is Kind.BELLS:  # groups across, dates down: no bell times have dates
        found = crossing if (crossing := find_crossing(grid, turned=True)) is not None and crossing.dated else None
    return None if found is not None and found.view.turned and _days(grid, {}).fits else found


_AT_ONCE = (Kind.SPECIAL_DAYS, Kind.DAYS)


def _at_once(found: Candidate, grid: Grid, stated: Mapping[str, str]) -> tuple[Candidate, tuple[Kind, ...]]:
    """Return a list of days that says in a column of its own which are special as both: first as a list of days."""
    special, days = (_TESTS[kind](grid, stated) for kind in _AT_ONCE)
    if not (special.fits and days.fits):
        return found, ()
    of_special, of_days = (Evidence.of(grid, SHEET_KINDS[kind], stated) for kind in _AT_ONCE)
    used = {column.index for column in of_special.named.values()}
    return (days, (Kind.SPECIAL_DAYS,)) if of_days.named["summary"].index not in used else (found, ())


def candidates(grid: Grid, stated: Mapping[str, str]) -> list[Candidate]:
    """Hold a sheet against every kind."""
    return [test(grid, stated) for test in _TESTS.values()]


_Test = Callable[[Grid, Mapping[str, str]], Candidate]


def _list(kind: SheetKind) -> _Test:
    """Return the test of a list: its headings and cells held against the proof of its kind."""

    def test(grid: Grid, stated: Mapping[str, str]) -> Candidate:
        seen = Evidence.of(grid, kind, stated)
        if seen.table is None:
            return Candidate(kind.kind, "", ("no row of headings with rows below it",))
        verdicts = [condition(seen) for condition in kind.proof]
        against = tuple(verdict.against for verdict in verdicts if verdict.against)
        headings = [f"“{seen.named[name].heading}”" for name in kind.telling if name in seen.named]
        because = "".join(verdict.because for verdict in verdicts)
        weight = len(headings) * 2 - len(against) * 3 if headings else 0
        named = f"its headings {', '.join(headings)}" if headings else "what its columns hold"
        return Candidate(kind.kind, f"by {because}{named}", against, max(weight, 0))

    return test


def _month(grid: Grid, _: Mapping[str, str]) -> Candidate:
    against = () if month_blocks(grid) else ("no row of weekdays with day numbers below it",)
    return Candidate(Kind.MONTHS, "a month is drawn, with day numbers below weekdays", against)


def _bells(grid: Grid, stated: Mapping[str, str]) -> Candidate:
    if not stated and grid_heading(grid) is not None:
        return Candidate(
            Kind.BELLS,
            "periods stand along one side, and spans of times such as “8:15–9:10” in its cells",
            is_list=False,
        )
    if not stated and turning_periods(grid) is not None:
        why = "times stand along one side, days along the other, and periods in its cells, in another order each day"
        return Candidate(Kind.BELLS, why, is_list=False)
    parts = bell_parts(grid) if not stated else []
    found = [_BELL_LIST(part.grid, stated) for part in parts] if len(parts) > 1 else [_BELL_LIST(grid, stated)]
    return next((one for one in found if not one.fits), found[0])


_BELL_LIST = _list(BELL_SHEET)


def _timetable(grid: Grid, stated: Mapping[str, str], names: tuple[str, ...] = ()) -> Candidate:
    """Hold a sheet against a list of meetings; days and periods may stand in one column: "A1, C3" below “Meets”."""
    seen = Evidence.of(grid, TIMETABLE_SHEET, stated)
    for name in ("period", "day", "hours"):
        column = seen.named.get(name)
        texts = list(dict.fromkeys(seen.texts(name))) if column else []
        if column and sum(_is_day_and_times(text, names) for text in texts) * 2 > len(texts) > 0:
            return _MEETING_LIST(grid, {**stated, column.heading: "slot"})
    periods = seen.named.get("period")
    if periods is not None and seen.named.keys().isdisjoint({"day", "slot"}):
        read = [read_slots(text, any_days(names), families(names)) for text in dict.fromkeys(seen.texts("period"))]
        if read and sum(not isinstance(slots, UnknownDay) for slots in read) * 2 > len(read):
            return _MEETING_LIST(grid, {**stated, periods.heading: "slot"})
    found = _MEETING_LIST(grid, stated)
    return found if found.fits or stated else _meetings_by_contents(grid, seen) or found


def _meetings_by_contents(grid: Grid, seen: Evidence) -> Candidate | None:
    """Hold a sheet against a list of meetings by its columns: a weekday, times or periods, words, and no dates.

    ``seen`` is what its headings say of such a list.
    """
    headings = Headings(TIMETABLE_SHEET)
    try:
        table, _ = look_for_table(grid, headings)
    except DataRefused:
        return None
    matches, _ = match_columns(table, {}, headings)
    day, start, end, slot = (matches.column(name) for name in ("day", "start", "end", "slot"))
    bounds = [column for _, column in matches.columns(("from", "until"))]
    dated = [column for column in table.columns if holds_dates(column) and column not in bounds]
    period = matches.column("period")
    timed = matches.column("hours") is not None or (start is not None and end is not None)
    timed = timed or (period is not None and numbers_periods(period))
    named = matches.column("class") or matches.column("course")
    often = any(says_how_often(column) or holds_weeks_of_month(column) for column in table.columns)
    unsure = [match.column for match in matches.all if not match.field or match.certainty is not Certainty.SURE]
    not_weekly = any(not_every_week([column for column in unsure if column is not slot]))
    if not_weekly or on_its_dates(seen).against:
        return None
    for what, holds in (("periods", holds_days_and_periods), ("times", holds_days_and_times)):
        if slot is not None and named is not None and holds(slot):
            return Candidate(Kind.LIST, f"weekdays and {what} stand below “{slot.heading}”, and what meets beside it")
    if day is None or not holds_weekdays(day) or not timed or named is None or dated or often:
        return None
    if on_its_date(seen).against:
        return None
    at = "times" if period is None else "periods"
    return Candidate(Kind.LIST, f"a weekday and {at} stand below “{day.heading}” and beside it, and what meets")


def _is_day_and_times(text: str, names: tuple[str, ...]) -> bool:
    days = next((days for days, _ in spans_with_days(text)), "")
    return bool(days) and not isinstance(any_days(names).read(days, families(names)), UnknownDay)


_MEETING_LIST = _list(TIMETABLE_SHEET)


def _days(grid: Grid, stated: Mapping[str, str]) -> Candidate:
    """Hold a sheet against a list of days; the columns of labels may be headed by whose they are."""
    found = _DAY_LIST(grid, stated)
    if found.fits or stated:
        return found
    columns = label_columns(grid)
    plain = [
        heading
        for heading, texts in columns.items()
        if len(list(plain_or_named(texts, ()))) * 4 > len(texts) * 3 and in_turn(texts)
    ]
    if len(plain) < _FEWEST_COLUMNS:
        return found
    headings = ", ".join(f"“{heading}”" for heading in plain)
    return Candidate(Kind.DAYS, f"labels that come again stand below {headings}")


_FEWEST_COLUMNS = 2
_DAY_LIST = _list(SHEET_KINDS[Kind.DAYS])


def _roster(grid: Grid, stated: Mapping[str, str]) -> Candidate:
    filled = [[plain_text(cell).strip() for cell in row] for row in grid.rows if any(row)]
    inner = [cell.casefold() for row in filled[1:] for cell in row[1:] if cell]
    if len(filled) > 2 and inner and len(filled[0]) > 2 and all(cell in PLAIN_YES for cell in inner):
        return Candidate(Kind.ROSTER, "names stand down, classes across, and marks where they meet", is_list=False)
    if class_columns(grid):
        return Candidate(Kind.ROSTER, "a class stands above each column, and names of people below", is_list=False)
    found = _ROSTER_LIST(grid, stated)
    seen = Evidence.of(grid, ROSTER_SHEET, stated)
    if not found.fits and "class" not in seen.named and "student" in seen.named and (named := class_of_sheet(grid)):
        others = [heading for heading in seen.named if heading not in ("student", "team", "group")]
        if not others and seen.table is not None and len(seen.table.columns) <= _MOST_COLUMNS:
            return Candidate(Kind.ROSTER, f"its name “{named}” is that of a class, and it lists names")
    return found


_MOST_COLUMNS = 4
_ROSTER_LIST = _list(ROSTER_SHEET)


def _grid(grid: Grid, _: Mapping[str, str], names: tuple[str, ...] = ()) -> Candidate:
    try:
        blocks = find_blocks(grid, any_days(names), families(names))
    except DataRefused as refused:
        return Candidate(Kind.GRID, "", (refused.problem.message.rstrip("."),), 1)
    if not blocks:
        return Candidate(Kind.GRID, "", ("no days along one side with periods or times along the other",))
    tests = [test for several in blocks[0].days.values() for test in several]
    days = ", ".join(filter(None, dict.fromkeys(test.name for test in tests)))
    lines = ", ".join(line.words for line in blocks[0].lines[:4])
    known = Headings(TIMETABLE_SHEET)
    heads = [known(line.words) for line in blocks[0].lines]
    if all(head in _OF_A_LIST for head in heads) or not _TIMES_OF_A_LIST.isdisjoint(heads):
        return Candidate(Kind.GRID, "", (f"its heads are those of a list ({lines})",))
    if (letter := _no_run(blocks)) is not None:
        return Candidate(
            Kind.GRID, "", (f"“{letter}” heads a column, but the labels of a cycle would begin at A or 1",)
        )
    why = (
        f"days stand along one side ({days}), periods or times along the other ({lines}, …)"
        if days
        else f"names stand down, periods across ({lines}, …), the same on every school day"
    )
    if not any(_has_texts(block.view.rows, block.lines[0].row) for block in blocks):
        return Candidate(Kind.GRID, why, ("its cells hold no texts",), 1)
    return Candidate(Kind.GRID, why)


_TIMES_OF_A_LIST = frozenset({"hours", "start", "end"})
_OF_A_LIST = frozenset({"course", "class", "teacher", "room", "title"})


def _no_run(blocks: Sequence[Block]) -> str | None:
    """Return the first bare label at the heads of grids that leaves one out before it, as no labels of a cycle do."""
    labels = {
        (test.cycle, test.label)
        for block in blocks
        for column, tests in block.days.items()
        for test in tests
        if test.label and len(block.view.text(block.head, column)) <= 2
    }
    for family, known in zip(families(), (LETTERS, NUMBERS), strict=True):
        named = [label for label in known if (family, label) in labels]
        if named and named != list(known[: len(named)]):
            return next(label for label, other in zip(named, known, strict=False) if label != other)
    return None


def _has_texts(rows: Sequence[Sequence[object]], first: int) -> bool:
    return any(isinstance(cell, str) and any(map(str.isalpha, cell)) for row in rows[first:] for cell in row[1:])


_OWN_TESTS: dict[Kind, _Test] = {
    Kind.BELLS: _bells,
    Kind.ROSTER: _roster,
    Kind.DAYS: _days,
    Kind.LIST: _timetable,
}
_TESTS: dict[Kind, _Test] = {
    Kind.MONTHS: _month,
    Kind.BELLS: _bells,
    Kind.ROSTER: _roster,
    **{kind: _OWN_TESTS.get(kind) or _list(described) for kind, described in SHEET_KINDS.items()},
    Kind.GRID: _grid,
}
"""The kinds in the order in which they are believed: shapes that no list has first, grids last."""
_OF_NAMED_DAYS = {Kind.LIST: _timetable, Kind.GRID: _grid}
"""The tests of sheets on which days stand that may have names of their own."""
