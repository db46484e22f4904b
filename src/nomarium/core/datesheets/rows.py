"""A sheet of named dates or spans of dates → its rows, each with its first and last day."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import suppress
from dataclasses import dataclass, field
from datetime import date, timedelta
from typing import NamedTuple

from nomarium.core.columns import Headings, Kind, SheetKind
from nomarium.core.datesheets import wording
from nomarium.core.datesheets.plain_list import read_plain_list, read_plain_tab
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.shapes import Unfolded, dates_across, listed_in
from nomarium.core.sheets import Sheet, SheetChoices, choose_grid, read_sheet, sheet_of
from nomarium.core.sources import RowSpans, SpanFound, SpanRules
from nomarium.core.tables import Table, TableChoices, plain_text


class DatedRow(NamedTuple):
    """One row: its name ("" for none), its days, and whether it names times too."""

    record: int
    name: str
    first: date
    last: date
    timed: bool


@dataclass(slots=True)
class DatedSheet:
    """A sheet of dates, and its rows."""

    sheet: Sheet
    rows: list[DatedRow] = field(default_factory=list)

    def text(self, row: DatedRow, name: str) -> str:
        """Return what a row says for a field, "" for nothing."""
        return self.sheet.text(row.record, name)

    def place(self, row: DatedRow, name: str = "") -> Place:
        """Return where a row stands, or its cell of a field."""
        return self.sheet.place(row.record, name)


MOST_ROWS = 6_000
"""The longest list of terms, closures or days: beyond any school's."""


def read_dated_rows(
    choices: SheetChoices, kind: SheetKind, *, plain_lists: bool = False
) -> tuple[DatedSheet | None, list[Problem]]:
    """Read a sheet of named dates; None where it cannot be read at all.

    With ``plain_lists``, a text without headings is read line by line, each with a name and a date.
    """
    try:
        sheet, problems = _read(choices, kind, plain_lists=plain_lists)
    except DataRefused as refused:
        return None, [refused.problem]
    if sheet is None:
        return None, problems
    found = DatedSheet(sheet)
    if len(sheet) > MOST_ROWS:
        problems.append(wording.too_many_dates(sheet.table.place, len(sheet), MOST_ROWS))
    elif sheet.is_sound:
        problems += _fill(found, needs_name="title" in kind.needs)
    return found, problems


def _read(choices: SheetChoices, kind: SheetKind, *, plain_lists: bool) -> tuple[Sheet | None, list[Problem]]:
    if (across := _in_several_columns(choices, kind)) is not None:
        sheet, found = read_sheet(across.grid, kind, choices)
        return sheet, across.problems + found
    if plain_lists and (listed := _plain_list(choices, kind)):
        table, problems = listed
        sheet, found = sheet_of(table, kind, choices)
    else:
        grid, problems = choose_grid(choices.path, kind, choices.table)
        shaped = listed_in(grid) if kind.kind is Kind.DAYS and not choices.columns else None
        sheet, found = read_sheet(shaped.grid if shaped else grid, kind, choices)
        problems += shaped.problems if shaped else []
    return sheet, problems + found


def _plain_list(choices: SheetChoices, kind: SheetKind) -> tuple[Table, list[Problem]] | None:
    """Return the lines of a text or a tab that has no headings, each with a name and a date; None for other sheets."""
    headings = Headings(kind)
    if choices.table == TableChoices() and (listed := read_plain_list(choices.path, headings)):
        return listed
    if choices.table != TableChoices(choices.table.sheet) or choices.columns:
        return None
    grid, problems = choose_grid(choices.path, kind, choices.table)
    found = read_plain_tab(grid, headings)
    return (found[0], problems + found[1]) if found is not None else None


def _in_several_columns(choices: SheetChoices, kind: SheetKind) -> Unfolded | None:
    """Return the list of a sheet with its dates in several columns of one kind, "2026 | 2027"; None for others."""
    if kind.kind is Kind.DAYS or choices.columns:
        return None
    with suppress(DataRefused):
        grid, _ = choose_grid(choices.path, kind, choices.table)
        return dates_across(grid)
    return None


_RULES = SpanRules("UTC", timedelta(0), times_usual=False)


def _fill(found: DatedSheet, *, needs_name: bool) -> list[Problem]:
    """Add a row for each record that has a date, and report the others."""
    sheet = found.sheet
    if not sheet.moments:
        return []
    spans = RowSpans(sheet.table, sheet.matches, sheet.moment_columns, _RULES).of_rows()
    problems: list[Problem] = []
    for record, span in enumerate(spans):
        name = sheet.text(record, "summary")
        problems += _problems_of(sheet, record, span)
        if isinstance(span, Problem) or span.occurrence is None:
            continue
        occurrence = span.occurrence
        last = occurrence.end - timedelta(days=1) if occurrence.all_day else occurrence.end
        row = DatedRow(record, name, occurrence.start.date(), last.date(), not occurrence.all_day)
        if needs_name and not name:
            problems.append(wording.no_name(found.place(row)))
        else:
            found.rows.append(row)
    return problems


def _problems_of(sheet: Sheet, record: int, span: SpanFound | Problem) -> Iterator[Problem]:
    if isinstance(span, Problem):
        yield span
        return
    moments = sheet.moment_columns
    filled = [c.column for c in moments if c.column.cells[record] != ""] or [moments[0].column]
    found = " ".join(text for column in filled if (text := plain_text(column.cells[record])))
    for finding in span.findings:
        if finding.is_error:
            yield finding.at(sheet.table.cell_place(record, filled[0]), found)
