"""A plain text list, a name and a date or range on each line, in either order → a table of the two."""

from __future__ import annotations

from pathlib import Path

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.edges import names_term_alone
from nomarium.core.problems import Place, Problem
from nomarium.core.sheets import holding_bound, note_unused
from nomarium.core.tables import Cell, Column, LeftOut, Table, Vocabulary, plain_text, read_text
from nomarium.core.values import EDGES_OF_LINES, date_left_in, line_scanner, split_line
from nomarium.lazily import regex


class LineTable(Table):
    """A table whose records are lines of a text, and are named so."""

    def cell_place(self, record: int, column: Column) -> Place:
        """The line of a record."""
        return self.row_place(record)

    def heading_place(self, column: Column) -> Place:
        """The text as a whole: it has no headings."""
        return self.place

    def row_place(self, record: int) -> Place:
        """The line of a record."""
        row = self.row_numbers[record]
        return Place(self.file, None, f"line {row}", row)


def read_plain_list(path: Path, vocabulary: Vocabulary) -> tuple[Table, list[Problem]] | None:
    """Read a text that has no heading row, line by line; None where the file is no such text.

    Blank lines and those that begin with # are left out, and so are titles above the first line with a date and the
    names of terms between others, with a note. Any later line without a date keeps its place, with no date.
    """
    text = read_text(path)
    if text is None or text.has_headings(vocabulary):
        return None
    lines = [(number, line) for number, line in enumerate(text.lines, 1) if _says_something(line)]
    scanner = line_scanner([line for _, line in lines])
    if not lines or scanner is None:
        return None
    pieces = [split_line(line, scanner) for _, line in lines]
    first = next((index for index, (dates, _) in enumerate(pieces) if dates), None)
    if first is None:
        return None
    while first and _is_alike(lines[first - 1][1], lines[first][1]):
        first -= 1  # a line of the list whose date is not read: told where it is missed
    above, rows = lines[:first], []
    beside: list[Problem] = []
    """What is said of all lines: “Valid from 25 January 2027” is no line of the list."""
    for line, (dates, name) in zip(lines[first:], pieces[first:], strict=True):
        if not dates and names_term_alone(name):
            above.append(line)
        elif holding_bound(line[1].strip(EDGES_OF_LINES)) is not None:
            beside.append(note_unused(_line(path, line[0]), line[1].strip(EDGES_OF_LINES)))
        else:
            rows.append((line, dates, name))
    told = [wording.title_line(_line(path, number), line.strip(EDGES_OF_LINES)) for number, line in above]
    told += beside
    told += [
        wording.date_left(_line(path, number), left)
        for (number, _), dates, name in rows
        if dates and (left := date_left_in(name, scanner))
    ]
    columns = [
        Column("Date", 0, [dates for _, dates, _ in rows]),
        Column("Name", 1, [name for _, _, name in rows]),
    ]
    numbers = [number for (number, _), _, _ in rows]
    table = LineTable(path.name, None, f"plain text, {text.encoding}", 0, columns, numbers)
    table.titles = [*(line.strip(EDGES_OF_LINES) for _, line in above), path.name]
    table.left_out[LeftOut.CAPTION] += len(above)
    return table, text.problems + told


def _line(path: Path, number: int) -> Place:
    return Place(path.name, None, f"line {number}", number)


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


def is_plain_list(path: Path, vocabulary: Vocabulary) -> bool:
    """Tell whether most lines of a text without headings have a date and a name."""
    found = read_plain_list(path, vocabulary)
    if found is None or any(map(_says_times, found[0].columns[1].cells)):
        return False
    if any(map(_has_many_cells, found[0].columns[1].cells)):
        return False
    dates, names = found[0].columns
    whole = sum(
        day != "" and sum(map(str.isalpha, plain_text(name))) > 1  # a letter is a label, and no name
        for day, name in zip(dates.cells, names.cells, strict=True)
    )
    return whole * 2 > len(found[0])
