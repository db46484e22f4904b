"""A programme and its groups → the list of dated events that it stands for; cells keep their own addresses."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.columns import Headings, heading_key, holds_dates, holds_weekdays
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.problems import DataRefused, Problem
from nomarium.core.programmes import wording
from nomarium.core.programmes.dating import DatedRow, DatingRules, Undatable, date_rows, start_for_end
from nomarium.core.programmes.offsets import Counts, Offset, bare_number, counted_by, read_offset
from nomarium.core.tables import Cell, Column, Grid, Spot, Table, find_table, plain_text
from nomarium.core.values import weekday_in_any

if TYPE_CHECKING:
    from nomarium.core.programmes.groups import Group

GROUP_HEADING = "Group"
_FEWEST = 2


@dataclass(frozen=True, slots=True)
class Programme:
    """A sheet whose rows count from a start."""

    grid: Grid
    table: Table
    columns: tuple[Column, ...]
    """The columns that say when: one, or a week and a day."""
    offsets: list[Offset | None]
    """Of each row; None where it says no day."""

    def text(self, record: int) -> str:
        """Return what a row says of its day."""
        return ", ".join(filter(None, (plain_text(column.cells[record]).strip() for column in self.columns)))


@dataclass(frozen=True, slots=True)
class DatedProgramme:
    """The list that a programme stands for, and what is to be said of it."""

    grid: Grid
    problems: list[Problem] = field(default_factory=list)
    columns: dict[str, str] = field(default_factory=dict)
    """The fields of columns whose headings do not say them: the title."""


def find_programme(grid: Grid) -> Programme | None:
    """Return a sheet as a programme: no column of dates, and one or two that count from a start; None for any other."""
    try:
        table, _ = find_table(grid, Headings(EVENT_SHEET))
    except DataRefused:
        return None
    if len(table) < _FEWEST or any(map(holds_dates, table.columns)):
        return None
    for column in table.columns:
        offsets = [read_offset(plain_text(cell)) for cell in column.cells]
        if _most(offsets, column):
            return _with_weekdays(grid, table, column, offsets)
    return _of_numbers(grid, table)


def _most(offsets: Sequence[Offset | None], column: Column) -> bool:
    """Tell whether nearly all filled cells of a column count from a start."""
    filled = [offset for offset, cell in zip(offsets, column.cells, strict=True) if cell != ""]
    known = sum(offset is not None for offset in filled)
    return known >= _FEWEST and known * 10 >= len(filled) * 6


def _with_weekdays(grid: Grid, table: Table, column: Column, offsets: list[Offset | None]) -> Programme:
    """Take in a column of weekdays, or of days in the week, beside one of weeks."""
    bare_weeks = all(one is None or (one.counts is Counts.WEEKS and one.weekday is None) for one in offsets)
    beside = next((other for other in table.columns if other is not column and _says_days(other)), None)
    if not bare_weeks or beside is None:
        return Programme(grid, table, (column,), offsets)
    both = [_in_week(offset, plain_text(cell)) for offset, cell in zip(offsets, beside.cells, strict=True)]
    if not any(both):  # “Day 0” is no day of any week
        return Programme(grid, table, (column,), offsets)
    return Programme(grid, table, (column, beside), both)


def _says_days(column: Column) -> bool:
    if holds_weekdays(column):
        return True
    texts = [plain_text(cell) for cell in column.cells if cell != ""]
    days = [read_offset(text) for text in texts]
    numbers = counted_by(column.heading) is Counts.DAYS and all(bare_number(text) is not None for text in texts)
    return bool(texts) and (numbers or all(day is not None and day.from_one for day in days))


def _in_week(offset: Offset | None, text: str) -> Offset | None:
    """Return a week's offset with its day, as a second cell says it."""
    if offset is None or not text.strip():
        return offset
    weekday = weekday_in_any(text)
    if weekday is not None:
        return offset._replace(weekday=weekday)
    day = read_offset(text)
    number = day.number if day is not None and day.from_one else bare_number(text)
    if number is None or not 1 <= number <= 7:
        return None
    return Offset(Counts.DAYS, (offset.number - 1) * 7 + number, from_one=True)


def _of_numbers(grid: Grid, table: Table) -> Programme | None:
    """Return a programme whose column of bare numbers is headed by what it counts: “Week”, “Day”."""
    for column in table.columns:
        counts = counted_by(column.heading)
        texts = [plain_text(cell) for cell in column.cells]
        numbers = [bare_number(text) for text in texts]
        filled = [number for number, text in zip(numbers, texts, strict=True) if text]
        if counts in (Counts.WEEKS, Counts.DAYS) and len(filled) >= _FEWEST and None not in filled:
            from_one = counts is Counts.DAYS
            offsets = [None if number is None else Offset(counts, number, from_one=from_one) for number in numbers]
            found = _with_weekdays(grid, table, column, offsets)
            return found if counts is Counts.DAYS or len(found.columns) > 1 else None
    return None


def dated(programme: Programme, groups: Sequence[Group], rules: DatingRules) -> DatedProgramme:
    """Return the list of dated rows that a programme stands for: all of its rows for each of its groups."""
    table = programme.table
    problems = [
        wording.unreadable_offset(table.cell_place(record, programme.columns[0]), programme.text(record))
        for record, offset in enumerate(programme.offsets)
        if offset is None and any(column.cells[record] != "" for column in table.columns)
    ]
    known = [record for record, offset in enumerate(programme.offsets) if offset is not None]
    if not known:
        return DatedProgramme(programme.grid, problems)
    if not groups:
        first = table.cell_place(known[0], programme.columns[0])
        return DatedProgramme(programme.grid, [wording.needs_start(first, programme.text(known[0]), len(known))])
    offsets = [offset for offset in programme.offsets if offset is not None]
    lines = _Lines(programme, with_groups=any(group.name for group in groups))
    for group in groups:
        try:
            start = group.start or start_for_end(offsets, group.end or date.max, rules)
            rows = date_rows(offsets, start, rules)
        except (Undatable, OverflowError) as fault:
            problems.append(wording.not_dated(group.place, str(fault) or "it leads past the last year"))
            continue
        problems += _told(programme, group, start, list(zip(known, rows, strict=True)))
        if group.time and lines.ends:
            problems.append(wording.time_and_end(group.place))
        lines.add(group, [(record, row.day) for record, row in zip(known, rows, strict=True) if row.day])
    return DatedProgramme(lines.as_grid(), problems, lines.title)


def _told(programme: Programme, group: Group, start: date, rows: Sequence[tuple[int, DatedRow]]) -> Iterator[Problem]:
    days = [row.day for _, row in rows if row.day]
    if days:
        yield wording.dated_from(
            programme.table.place, group.name, start, max(days), len(days), by_end=group.start is None
        )
    for record, row in rows:
        if row.was is not None:
            place = programme.table.cell_place(record, programme.columns[0])
            title = f"{group.name}, {programme.text(record)}" if group.name else programme.text(record)
            yield wording.closed_day(place, title, row.was, row.day, row.why)


def _is_text(text: str) -> bool:
    return any(map(str.isalpha, text)) and read_offset(text) is None


class _Lines:
    """The lines of the list: an id that stays with another start, the date, the group, then the columns as they are."""

    def __init__(self, programme: Programme, *, with_groups: bool) -> None:
        self._programme = programme
        self._with_groups = with_groups
        table = programme.table
        headings = Headings(EVENT_SHEET)
        named = {headings(column.heading): column for column in table.columns}
        self.ends = "end_time" in named or "end" in named
        self._columns = [column for column in table.columns if column not in programme.columns]
        self._time = named.get("start_time") or named.get("start")
        self._place = named.get("location")
        self._own_id = named.get("id")
        self.title = {} if "summary" in named else self._as_title(headings)
        """The heading of the column that says what is done, where none says so by its heading."""
        self._headings = [column.heading for column in self._columns if column is not self._own_id]
        head = ["Id", "Date", *([GROUP_HEADING] if with_groups else [])]
        extra = ["Start time"] if self._time is None else []
        extra += ["Place"] if self._place is None else []
        self._extra = extra
        self._rows: list[list[Cell]] = [[*head, *self._headings, *extra]]
        self._spots: list[list[Spot]] = []
        self._spots.append([(table.heading_row - 1, programme.columns[0].index)] * len(self._rows[0]))
        self._ids: Counter[str] = Counter()

    def _as_title(self, headings: Headings) -> dict[str, str]:
        """Return the first column of texts that is nothing else."""
        for column in self._columns:
            texts = [plain_text(cell) for cell in column.cells if cell != ""]
            nothing_else = headings(column.heading) in (None, "when")  # “Session” may say when, and may say what
            if texts and nothing_else and sum(map(_is_text, texts)) * 2 > len(texts):
                return {column.heading: "summary"}
        return {}

    def add(self, group: Group, rows: Sequence[tuple[int, date]]) -> None:
        """Add the rows of a group."""
        table, when = self._programme.table, self._programme.columns[0].index
        for record, day in rows:
            line = table.row_numbers[record] - 1
            cells: list[Cell] = [self._id(group, record), day.isoformat()]
            spots: list[Spot] = [(line, when)] * 2
            if self._with_groups:
                cells.append(group.name)
                spots.append((line, when))
            for column in self._columns:
                if column is not self._own_id:
                    cells.append(self._cell(column, record, group))
                    spots.append((line, column.index))
            own = {"Start time": group.time, "Place": group.location}
            cells += [own[name] for name in self._extra]
            spots += [(line, when)] * len(self._extra)
            self._rows.append(cells)
            self._spots.append(spots)

    def _cell(self, column: Column, record: int, group: Group) -> Cell:
        if column is self._time and group.time:
            return group.time
        return group.location if column is self._place and group.location else column.cells[record]

    def _id(self, group: Group, record: int) -> str:
        """Return what an event of the programme is known by, whenever that starts."""
        own = plain_text(self._own_id.cells[record]) if self._own_id else ""
        titles = " ".join(plain_text(column.cells[record]) for column in self._columns[:2])
        name = f"programme {group.name} / {own or f'{heading_key(self._programme.text(record))} {titles}'}"
        self._ids[name] += 1
        return name if self._ids[name] == 1 else f"{name} / {self._ids[name]}"

    def as_grid(self) -> Grid:
        """Return the list."""
        return self._programme.grid.as_list(self._rows, self._spots)
