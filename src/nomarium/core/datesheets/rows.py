"""A sheet of named dates or spans of dates → its rows, each with its first and last day."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field
from datetime import date, timedelta
from pathlib import Path
from typing import NamedTuple

from nomarium.core.columns import MOMENT_FIELDS, Certainty, Headings, Matches, SheetFields, check_stated, match_columns
from nomarium.core.datesheets import wording
from nomarium.core.datesheets.plain_list import read_plain_list
from nomarium.core.problems import DataRefused, Place, Problem, WrongCall, has_errors
from nomarium.core.sources import RowSpans, SpanFound, SpanRules
from nomarium.core.tables import Table, TableChoices, plain_text, read_table
from nomarium.core.values import DateChoices, MomentColumn, read_moments


@dataclass(frozen=True, slots=True)
class SheetChoices:
    """What was stated about a sheet of dates."""

    path: Path
    place: Place
    """Where the plan names it."""
    table: TableChoices = field(default_factory=TableChoices)
    dates: DateChoices = field(default_factory=DateChoices)
    columns: Mapping[str, str] = field(default_factory=dict)


class DatedRow(NamedTuple):
    """One row: its name ("" for none), its days, and whether it names times too."""

    record: int
    name: str
    first: date
    last: date
    timed: bool


@dataclass(slots=True)
class DatedSheet:
    """What was read from a sheet of dates."""

    table: Table
    matches: Matches
    moments: list[MomentColumn]
    rows: list[DatedRow] = field(default_factory=list)

    def headed(self, name: str) -> bool:
        """Tell whether a heading surely names a field, or the user does."""
        sure = (Certainty.SURE, Certainty.STATED)
        return any(match.field == name and match.certainty in sure for match in self.matches.all)

    def text(self, row: DatedRow, name: str) -> str:
        """Return what a row says for a field, "" for nothing."""
        column = self.matches.column(name)
        return plain_text(column.cells[row.record]) if column else ""

    def place(self, row: DatedRow, name: str = "") -> Place:
        """Return where a row stands, or its cell of a field."""
        column = self.matches.column(name) if name else None
        return self.table.cell_place(row.record, column) if column else self.table.row_place(row.record)


MOST_ROWS = 6_000
"""The longest list of terms, closures or days: beyond any school's."""


def read_dated_rows(
    choices: SheetChoices, fields: SheetFields, *, plain_lists: bool = False
) -> tuple[DatedSheet | None, list[Problem]]:
    """Read a sheet of named dates; None where it cannot be read at all.

    With ``plain_lists``, a text without headings is read line by line, each with a name and a date.
    """
    headings = Headings(fields)
    try:
        table, problems = _read(choices, headings, plain_lists=plain_lists)
        check_stated([table], choices.columns, fields.names)
    except DataRefused as refused:
        return None, [wording.in_words_of_the_plan(refused.problem)]
    except WrongCall as wrong:
        return None, [wording.wrong_columns(choices.place, wrong)]
    matches, found = match_columns(table, choices.columns, headings)
    problems += found
    if has_errors(found):
        return None, list(map(wording.in_words_of_the_plan, problems))
    columns = [(column, False) for _, column in matches.columns(MOMENT_FIELDS)]
    moments, found = read_moments(table, columns, choices.dates, matches.column("weekday"))
    problems += found
    sheet = DatedSheet(table, matches, moments)
    if len(table) > MOST_ROWS:
        problems.append(wording.too_many_dates(table.place, len(table), MOST_ROWS))
    elif not has_errors(found):
        problems += _fill(sheet, needs_name="title" in fields.needs)
    return sheet, list(map(wording.in_words_of_the_plan, problems))


def _read(choices: SheetChoices, headings: Headings, *, plain_lists: bool) -> tuple[Table, list[Problem]]:
    if plain_lists and choices.table == TableChoices() and (listed := read_plain_list(choices.path, headings)):
        return listed
    return read_table(choices.path, headings, choices.table)


_RULES = SpanRules("UTC", timedelta(0), times_usual=False)


def _fill(sheet: DatedSheet, *, needs_name: bool) -> list[Problem]:
    """Add a row for each record that has a date, and report the others."""
    spans = RowSpans(sheet.table, sheet.matches, sheet.moments, _RULES).of_rows()
    titles = sheet.matches.column("summary")
    problems: list[Problem] = []
    for record, span in enumerate(spans):
        name = plain_text(titles.cells[record]) if titles else ""
        problems += _problems_of(sheet, record, span)
        if isinstance(span, Problem) or span.occurrence is None:
            continue
        occurrence = span.occurrence
        last = occurrence.end - timedelta(days=1) if occurrence.all_day else occurrence.end
        row = DatedRow(record, name, occurrence.start.date(), last.date(), not occurrence.all_day)
        if needs_name and not name:
            problems.append(wording.no_name(sheet.place(row)))
        else:
            sheet.rows.append(row)
    return problems


def _problems_of(sheet: DatedSheet, record: int, span: SpanFound | Problem) -> Iterator[Problem]:
    if isinstance(span, Problem):
        yield span
        return
    filled = [c.column for c in sheet.moments if c.column.cells[record] != ""] or [sheet.moments[0].column]
    found = " ".join(text for column in filled if (text := plain_text(column.cells[record])))
    for finding in span.findings:
        if finding.is_error:
            yield finding.at(sheet.table.cell_place(record, filled[0]), found)
