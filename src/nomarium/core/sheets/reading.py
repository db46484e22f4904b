"""One way to read a sheet of any kind: its table, its columns, its rows, its dates and times."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import TYPE_CHECKING

from nomarium.core.columns import (
    Certainty,
    Headings,
    Holds,
    Kind,
    Matches,
    SheetKind,
    check_columns,
    columns_headed,
    fit_columns,
    heading_key,
)
from nomarium.core.problems import Place, Problem, WrongCall, has_errors
from nomarium.core.sheets import wording
from nomarium.core.sheets.accounting import account
from nomarium.core.sheets.carried import carry_weekdays
from nomarium.core.sheets.day_order import order_by_days
from nomarium.core.sheets.notes import take_notes, tell_notes
from nomarium.core.sheets.several_dates import split_dates
from nomarium.core.sheets.several_times import split_slots, split_times
from nomarium.core.sheets.whole import said_of_whole
from nomarium.core.tables import Cell, Column, Grid, LeftOut, Table, find_table, plain_text
from nomarium.core.values import MomentColumn, NameReader, read_moments, split_list

if TYPE_CHECKING:
    from nomarium.core.sheets.choices import Conditions, SheetChoices

_MOMENTS = (Holds.DATE, Holds.TIME, Holds.MOMENT, Holds.HOURS)


@dataclass(slots=True)
class Sheet:
    """A sheet of some kind: its table, the fields of its columns, its moments; what it says, by record and field."""

    kind: SheetKind
    table: Table
    matches: Matches
    whole: Mapping[str, str] = field(default_factory=dict)
    """What holds for all rows: values by fields; a row's own cell goes before it."""
    moments: dict[str, MomentColumn] = field(default_factory=dict)
    names: dict[str, NameReader] = field(default_factory=dict)
    """How the cells of people's fields are parted."""
    is_sound: bool = True
    """Whether its dates and times could be read."""

    def __len__(self) -> int:
        return len(self.table)

    def has(self, name: str) -> bool:
        """Tell whether a column has a field, or all rows say it."""
        return name in self.whole or self.matches.column(name) is not None

    def headed(self, name: str) -> bool:
        """Tell whether a heading surely names a field, or the user does."""
        sure = (Certainty.SURE, Certainty.STATED)
        return any(match.field == name and match.certainty in sure for match in self.matches.all)

    def cell(self, record: int, name: str) -> Cell:
        """Return the raw cell of a record's field, "" for none."""
        column = self.matches.column(name)
        return column.cells[record] if column else ""

    def text(self, record: int, name: str) -> str:
        """Return what a record says for a field, "" for nothing."""
        return " ".join(plain_text(self.cell(record, name)).split()) or self.whole.get(name, "")

    def values(self, record: int, name: str) -> tuple[str, ...]:
        """Return the values of a record's field: people by the column's own way of parting names."""
        column = self.matches.column(name)
        if name in self.names and column is not None and column.cells[record] != "":
            return self.names[name].read(plain_text(column.cells[record]))
        return split_list(self.text(record, name))

    def texts(self, name: str) -> Sequence[str]:
        """Return what each record says for a field."""
        column = self.matches.column(name)
        whole = self.whole.get(name, "")
        if column is None:
            return [whole] * len(self.table)
        known = {cell: " ".join(plain_text(cell).split()) or whole for cell in column.distinct}
        return [known[cell] for cell in column.cells]

    def place(self, record: int, name: str = "") -> Place:
        """Return where a record stands, or its cell of a field."""
        column = self.matches.column(name) if name else None
        return self.table.cell_place(record, column) if column else self.table.row_place(record)

    @property
    def others(self) -> list[Column]:
        """The columns that no field takes, but that have a heading."""
        return [match.column for match in self.matches.unused_matches() if match.column.heading]

    @property
    def moment_columns(self) -> list[MomentColumn]:
        """Its columns of dates and times, in the order in which they were read."""
        return list(self.moments.values())


def read_sheet(grid: Grid, kind: SheetKind, choices: SheetChoices) -> tuple[Sheet | None, list[Problem]]:
    """Read a sheet as one of a kind; None where its columns contradict each other.

    Raises DataRefused where it has no table, or several.
    """
    table, problems = find_table(grid, Headings(kind))
    sheet, found = sheet_of(table, kind, choices, grid)
    return sheet, problems + found


def sheet_of(
    table: Table, kind: SheetKind, choices: SheetChoices, grid: Grid | None = None
) -> tuple[Sheet | None, list[Problem]]:
    """Give the columns of a table their fields, choose its rows, and read its moments.

    ``grid`` is the sheet that the table was found on: what stands above it may say something of all rows.
    """
    if idle := [name for name in choices.whole if kind.field(name) is None]:
        return None, [wording.idle_keys(choices.place, idle, kind.rows, kind.names)]
    try:
        check_columns([table], choices.columns, choices.values, Headings(kind))
    except WrongCall as wrong:
        return None, [wording.wrong_columns(choices.place, wrong)]
    matches, problems = fit_columns(table, choices.columns, choices.values, Headings(kind))
    if has_errors(problems):
        return None, problems
    if grid is not None:
        of_list = kind.kind is Kind.LIST
        if of_list:
            problems += take_notes(grid, table, matches, kind, choices.dates.order, choices.dates.within)
        else:
            problems += tell_notes(grid, table)
    if kind.kind in (Kind.CLOSURES, Kind.SPECIAL_DAYS):
        split_dates(table, matches)
    if kind.kind is Kind.LIST:
        problems += carry_weekdays(table, matches)
        split_times(table, matches)
        split_slots(table, matches)
    sheet = Sheet(kind, table, matches)
    sheet.whole, said = said_of_whole(sheet, choices, grid)
    problems += said
    try:
        for conditions, keep in ((choices.only, True), (choices.without, False)):
            _choose(sheet, conditions, keep=keep)
    except WrongCall as wrong:
        return None, [*problems, wording.wrong_columns(choices.place, wrong)]
    problems += account(kind, table, matches, choices.used, choices.known)
    problems += _read_moments(sheet, choices)
    problems += _read_names(sheet, choices)
    return sheet, problems


def _choose(sheet: Sheet, conditions: Conditions, *, keep: bool) -> None:
    """Leave the records that have one of the values of each condition, or take them out without ``keep``."""
    for name, values in conditions:
        wanted = {value.strip().casefold() for value in values}
        columns = _columns_named(sheet, name)
        kept = [
            record
            for record in range(len(sheet))
            if wanted.isdisjoint(_said([column.cells[record] for column in columns])) is not keep
        ]
        table = sheet.table
        table.left_out[LeftOut.NOT_CHOSEN] += len(table) - len(kept)
        table.keep(kept)


def _said(cells: Sequence[Cell]) -> set[str]:
    """Return what the cells of a row say, whole and in parts; {""} where they are empty."""
    texts = [text for cell in cells if (text := " ".join(plain_text(cell).split()))]
    return {part.casefold() for text in texts for part in (text, *split_list(text))} or {""}


def _columns_named(sheet: Sheet, name: str) -> list[Column]:
    """Return the columns of a field or heading. Raises WrongCall where there is none."""
    column = sheet.matches.column(name.strip().casefold())
    columns = [column] if column else columns_headed(sheet.table, name)
    if not columns:
        headings = ", ".join(column.heading for column in sheet.table.columns if column.heading)
        raise WrongCall(f"“{name}” is no field and no heading.", f"The headings are: {headings}.")
    return columns


def _read_moments(sheet: Sheet, choices: SheetChoices) -> list[Problem]:
    """Read all columns of dates and times together: what proves one may decide for another."""
    timed_fields = sheet.kind.holding(Holds.TIME, Holds.HOURS)
    wanted = [
        (name, column, name in timed_fields) for name, column in sheet.matches.columns(sheet.kind.holding(*_MOMENTS))
    ]
    if not wanted:
        return []
    weekdays = sheet.matches.column("weekday") if any(not timed for _, _, timed in wanted) else None
    columns = [(column, timed) for _, column, timed in wanted]
    order = order_by_days(sheet.matches) if choices.dates.order is None else None
    dates = replace(choices.dates, order=order) if order else choices.dates
    moments, problems = read_moments(sheet.table, columns, dates, weekdays, sheet.matches.spans(sheet.kind.spans))
    for moment in moments if order else ():
        moment.order_from = "the weekday beside each"
    sheet.is_sound = not has_errors(problems)
    if moments:
        sheet.moments = {name: moment for (name, _, _), moment in zip(wanted, moments, strict=True)}
    return problems


def _read_names(sheet: Sheet, choices: SheetChoices) -> list[Problem]:
    """Decide for each column of people whether commas stand within their names or between them."""
    problems = []
    for name in sheet.kind.holding(Holds.PEOPLE):
        column = sheet.matches.column(name)
        if column is None:
            continue
        reader = NameReader.of([plain_text(cell) for cell in column.cells], choices.commas, choices.known.of(name))
        sheet.names[name] = reader
        if reader.unsure:
            record = next(r for r, cell in enumerate(column.cells) if plain_text(cell) == reader.unsure)
            problems.append(wording.name_or_names(sheet.place(record, name), reader.unsure))
    return problems


def key_of(column: Column) -> str:
    """Return the key by which a column without a field is known."""
    return heading_key(column.heading)
