"""A plain text list, a name and a date or range on each line, in either order → a table of the two."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime, time
from itertools import takewhile
from pathlib import Path
from typing import NamedTuple

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.edges import names_term_alone
from nomarium.core.problems import Place, Problem
from nomarium.core.sheets import holding_bound, note_unused
from nomarium.core.tables import (
    Cell,
    Column,
    Grid,
    LeftOut,
    Table,
    Vocabulary,
    is_data,
    known_fields,
    plain_text,
    read_text,
)
from nomarium.core.values import EDGES_OF_LINES, date_left_in, dated_parts, line_scanner
from nomarium.lazily import regex


class LineTable(Table):
    """A table whose records are lines of a text, or rows of a tab, and are named so."""

    def cell_place(self, record: int, column: Column) -> Place:
        """The line of a record."""
        return self.row_place(record)

    def heading_place(self, column: Column) -> Place:
        """The text as a whole: it has no headings."""
        return self.place

    def row_place(self, record: int) -> Place:
        """The line of a record."""
        return _line_place(self.file, self.sheet, self.row_numbers[record])


def _line_place(file: str, sheet: str | None, number: int) -> Place:
    return Place(file, sheet, f"{'line' if sheet is None else 'row'} {number}", number)


class _Lines(NamedTuple):
    """The lines of a text or of a tab, each with its number, and what it is."""

    file: str
    sheet: str | None
    form: str
    lines: list[tuple[int, str]]
    problems: list[Problem]

    def place(self, number: int) -> Place:
        """Where a line stands."""
        return _line_place(self.file, self.sheet, number)


def read_plain_list(path: Path, vocabulary: Vocabulary) -> tuple[LineTable, list[Problem]] | None:
    """Read a text that has no heading row, line by line; None where the file is no such text.

    Blank lines and those that begin with # are left out, and so are titles above the first line with a date and the
    names of terms between others, with a note. Any later line without a date keeps its place, with no date.
    """
    text = read_text(path)
    if text is None or text.has_headings(vocabulary):
        return None
    lines = [(number, line) for number, line in enumerate(text.lines, 1) if _says_something(line)]
    return _table_of(_Lines(path.name, None, f"plain text, {text.encoding}", lines, text.problems))


def read_plain_tab(grid: Grid, vocabulary: Vocabulary) -> tuple[LineTable, list[Problem]] | None:
    """Read a tab of a workbook without headings, its rows as the lines of a plain list; None where it is no such.

    Most of its rows have a date and a name.
    """
    rows = [(number, row) for number, row in enumerate(grid.rows, 1) if any(cell != "" for cell in row)]
    if grid.origins or not grid.typed or len(rows) > _MOST_ROWS_OF_TAB:
        return None
    if any(sum(cell != "" for cell in row) > _MOST_CELLS for _, row in rows):
        return None
    above = list(takewhile(lambda row: not any(map(_is_data, row)), (row for _, row in rows)))
    if any(known_fields(row, vocabulary) or sum(cell != "" for cell in row) > 1 for row in above):
        return None  # it has headings
    lines = [(number, _as_line(row)) for number, row in rows]
    listed = _table_of(_Lines(grid.file, grid.sheet, grid.form, lines, []))
    return listed if listed is not None and names_dates(listed[0]) else None


_MOST_ROWS_OF_TAB = 400


def _is_data(cell: Cell) -> bool:
    """Tell whether a cell cannot be a heading: it is a number, a date, or words around one."""
    return is_data(cell) or any(map(str.isdigit, plain_text(cell)))


def _as_line(row: Sequence[Cell]) -> str:
    return "; ".join(text for cell in row if (text := _text_of(cell)))


def _text_of(cell: Cell) -> str:
    if isinstance(cell, datetime) and cell.time() == time():
        return cell.date().isoformat()
    return " ".join(plain_text(cell).split())


def _table_of(source: _Lines) -> tuple[LineTable, list[Problem]] | None:
    """Return the table of some lines, their dates and names; None where none has a date."""
    lines = source.lines
    scanner = line_scanner([line for _, line in lines])
    if not lines or scanner is None:
        return None
    pieces = [dated_parts(line, scanner) for _, line in lines]
    first = next((index for index, [(dates, _), *_] in enumerate(pieces) if dates), None)
    if first is None:
        return None
    while first and _is_alike(lines[first - 1][1], lines[first][1]):
        first -= 1  # a line of the list whose date is not read: told where it is missed
    above, rows = lines[:first], []
    beside: list[Problem] = []
    """What is said of all lines: “Valid from 25 January 2027” is no line of the list."""
    for line, parts in zip(lines[first:], pieces[first:], strict=True):
        dates, name = parts[0]
        if not dates and names_term_alone(name):
            above.append(line)
        elif holding_bound(line[1].strip(EDGES_OF_LINES)) is not None:
            beside.append(note_unused(source.place(line[0]), line[1].strip(EDGES_OF_LINES)))
        else:
            rows += [(line, *part) for part in parts]
    told = [wording.title_line(source.place(number), line.strip(EDGES_OF_LINES)) for number, line in above]
    told += beside
    told += [
        wording.date_left(source.place(number), left)
        for (number, _), dates, name in rows
        if dates and (left := date_left_in(name, scanner))
    ]
    columns = [
        Column("Date", 0, [dates for _, dates, _ in rows]),
        Column("Name", 1, [name for _, _, name in rows]),
    ]
    numbers = [number for (number, _), _, _ in rows]
    table = LineTable(source.file, source.sheet, source.form, 0, columns, numbers)
    table.titles = [*(line.strip(EDGES_OF_LINES) for _, line in above), source.sheet or "", source.file]
    table.left_out[LeftOut.CAPTION] += len(above)
    return table, source.problems + told


def _is_alike(line: str, dated: str) -> bool:
    """Tell whether a line without a date has as many cells as a dated one, and a number: no title has."""
    marks = [[text.count(mark) for mark in ";\t|"] for text in (line.rstrip(";\t| "), dated.rstrip(";\t| "))]
    return marks[0] == marks[1] and any(marks[0]) and any(map(str.isdigit, line))


def _says_something(line: str) -> bool:
    return bool(line.strip(EDGES_OF_LINES + "=_")) and not line.lstrip().startswith("#")


def _says_times(name: Cell) -> bool:
    """Tell whether what stands beside a date holds times of day: the line is one of a table then."""
    return len(_CLOCK.findall(plain_text(name))) > 1


def _has_many_cells(name: Cell) -> bool:
    """Tell whether what stands beside a date is a row of words, as below weekdays or headings."""
    return max(len([part for part in plain_text(name).split(mark) if part.strip()]) for mark in ";\t|") > _MOST_CELLS


_MOST_CELLS = 3
_CLOCK = regex(r"(?<!\d)\d{1,2}[:hu]\d{2}(?!\d)|(?<![\d.])(?:[01]?\d|2[0-4])\.(?:00|15|30|45)(?![\d.])")


def names_dates(table: LineTable) -> bool:
    """Tell whether most lines have a date and a name, and none is the row of a table of more."""
    dates, names = table.columns
    if any(map(_says_times, names.cells)) or any(map(_has_many_cells, names.cells)):
        return False
    whole = sum(
        day != "" and sum(map(str.isalpha, plain_text(name))) > 1  # a letter is a label, and no name
        for day, name in zip(dates.cells, names.cells, strict=True)
    )
    return whole * 2 > len(table)
