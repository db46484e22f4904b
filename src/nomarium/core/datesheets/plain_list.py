"""A plain text list, a name and a date or range on each line, in either order → a table of the two."""

from __future__ import annotations

import re
from collections.abc import Iterator
from pathlib import Path

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.edges import names_term
from nomarium.core.datesheets.row_names import closes_school
from nomarium.core.problems import Place, Problem
from nomarium.core.tables import Cell, Column, LeftOut, Table, Vocabulary, plain_text, read_text
from nomarium.core.values import MomentScanner, calendar_words, scan_weeks
from nomarium.lazily import regex

_CUT = regex(r"\s+|(?<=[^\w\s])(?=\S)|(?<=\w)(?=[,;:|])")
_EDGES = " \t,;:|–—-−\"'“”*•·()[]"
_MOST_CUTS = 80


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
    scanner = _scanner([line for _, line in lines])
    if not lines or scanner is None:
        return None
    pieces = [split_line(line, scanner) for _, line in lines]
    first = next((index for index, (dates, _) in enumerate(pieces) if dates), None)
    if first is None:
        return None
    while first and _is_alike(lines[first - 1][1], lines[first][1]):
        first -= 1  # a line of the list whose date is not read: told where it is missed
    above, rows = lines[:first], []
    for line, (dates, name) in zip(lines[first:], pieces[first:], strict=True):
        if not dates and _names_term_alone(name):
            above.append(line)
        else:
            rows.append((line, dates, name))
    told = [wording.title_line(_line(path, number), line.strip(_EDGES)) for number, line in above]
    told += [
        wording.date_left(_line(path, number), left)
        for (number, _), dates, name in rows
        if dates and (left := _date_left_in(name, scanner))
    ]
    columns = [
        Column("Date", 0, [dates for _, dates, _ in rows]),
        Column("Name", 1, [name for _, _, name in rows]),
    ]
    numbers = [number for (number, _), _, _ in rows]
    table = LineTable(path.name, None, f"plain text, {text.encoding}", 0, columns, numbers)
    table.titles = [*(line.strip(_EDGES) for _, line in above), path.name]
    table.left_out[LeftOut.CAPTION] += len(above)
    return table, text.problems + told


def _names_term_alone(name: str) -> bool:
    return names_term(name) and not closes_school(name)


def _line(path: Path, number: int) -> Place:
    return Place(path.name, None, f"line {number}", number)


def _is_alike(line: str, dated: str) -> bool:
    """Tell whether a line without a date has as many cells as a dated one, and a number: no title has."""
    marks = [[text.count(mark) for mark in ";\t|"] for text in (line.rstrip(";\t| "), dated.rstrip(";\t| "))]
    return marks[0] == marks[1] and any(marks[0]) and any(map(str.isdigit, line))


def _says_something(line: str) -> bool:
    return bool(line.strip(_EDGES + "=_")) and not line.lstrip().startswith("#")


def _scanner(lines: list[str]) -> MomentScanner | None:
    """Return a scanner that knows the names of months which stand beside numbers; None where they are ambiguous."""
    beside = [match[0] for line in lines for match in _BESIDE_NUMBERS.finditer(line)]
    words = calendar_words(beside)
    return None if isinstance(words, list) else MomentScanner(words)


_BESIDE_NUMBERS = regex(r"(?<![^\W\d_])[^\W\d_]{3,}\.?\s+\d|\d(?:st|nd|rd|th|\.)?\s+(?:de\s+)?[^\W\d_]{3,}")


def split_line(line: str, scanner: MomentScanner) -> tuple[str, str]:
    """Return the date or range of a line as text, and its name: ("21 Dec 2026 to 1 Jan 2027", "Winter break").

    A line with two dates apart ("2026-12-21, 2027-01-01, Winter break") has a range. Without a date: ("", the line).
    """
    line = _CELLS_OF_A_SPAN.sub(" ", line)
    remark = _REMARK.search(line)
    rest = (line[: remark.start()] if remark else line).strip(_EDGES)
    dates: list[str] = []
    while len(dates) < 2 and (found := _date_at_an_end(rest, scanner)):
        text, rest = found
        dates.append(text)
    name = rest.strip(_EDGES)
    if name.count("(") > name.count(")"):
        name += ")"
    behind = remark[0].rstrip(" \t;,|") if remark else ""
    return " to ".join(sorted(dates, key=line.find)), f"{name}{behind}" if name else behind.strip(_EDGES)


_CELLS_OF_A_SPAN = regex(
    r"\s?[;,|\t]\s?(?=(?:to|until|till|through|bis|au|al|até|tot|t/m|till och med|til)\s+\S)", re.IGNORECASE
)
"""What parts the two ends of a span that stand in cells of their own: "du 17 octobre;au 2 novembre"."""
_REMARK = regex(r"\s?\([^()]{0,80}[^\W\d_]{3}[^()]{0,80}\)[\s;,|]{0,40}$")
"""What stands in brackets behind all else: "(reprise)", "(no school)"."""


def _date_left_in(name: str, scanner: MomentScanner) -> str:
    """Return a date that stands in a name still, so that its line was not wholly read; "" for none."""
    for found in _MAY_BE_DATE.finditer(name):
        shape = scanner.scan(found[0])
        if shape is not None and shape.dates and not shape.times:
            return found[0]
    begun = _BEGUN_SPAN.search(name)
    return begun[0] if begun else ""


_BEGUN_SPAN = regex(
    r"(?<!\w)\d{1,2}(?:st|nd|rd|th|\.)?\s*(?:[-–&]|\b(?:a|al|au|to|bis|til|tot|e|y|et|en|und|and|og|och))\s*$", re.I
)
"""A day and a word that leads to another, "8 a", which the date behind it was not read with."""


_MAY_BE_DATE = regex(
    r"(?<![\w.])(?:\d{1,2}(?:st|nd|rd|th|er|\.)?\s+(?:de\s+)?[^\W\d_]{3,}|[^\W\d_]{3,}\.?\s+\d{1,2}(?:st|nd|rd|th)?"
    r"|\d{1,2}[./]\d{1,2}[./]\d{2,4}|\d{4}-\d\d-\d\d)(?!\w)",
    re.IGNORECASE,
)


def _date_at_an_end(text: str, scanner: MomentScanner) -> tuple[str, str] | None:
    """Return the longest date or range at the beginning or end of a text, and the rest."""
    cuts = sorted({0, len(text), *(match.end() for match in _CUT.finditer(text))})
    if len(cuts) > _MOST_CUTS:
        cuts = cuts[: _MOST_CUTS // 2] + cuts[-_MOST_CUTS // 2 :]
    for piece, rest in _pieces(text, cuts):
        shape = scanner.scan(piece) if any(map(str.isdigit, piece)) else None
        if shape is None and scan_weeks(piece):
            return piece, rest
        dates = shape.dates if shape and not shape.times else ()
        # “18.00” is an hour: some reading has a month and a day.
        may_be = [any(one.month and one.day for one in date.readings.values()) for date in dates]
        if may_be and all(may_be):
            return piece, rest
    return None


def _pieces(text: str, cuts: list[int]) -> Iterator[tuple[str, str]]:
    """Yield the beginnings and ends of a text, the longest first."""
    found = [(text[:cut].strip(_EDGES), text[cut:]) for cut in cuts]
    found += [(text[cut:].strip(_EDGES), text[:cut]) for cut in cuts]
    return iter(sorted((part for part in found if part[0]), key=lambda part: -len(part[0])))


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
