"""What reading a file gives: a grid of raw cells, and the table of headings and columns found in it."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Mapping, Sequence
from copy import copy
from dataclasses import dataclass, field, replace
from datetime import datetime
from enum import StrEnum
from itertools import takewhile

from nomarium.core.problems import Place, Problem
from nomarium.core.tables.cells import Cell, address, column_letters, plain_text, range_address

Spot = tuple[int, int]
"""The row and the column of a cell on its sheet, both counted from 0."""

FIRST_DAY = datetime(1899, 12, 30)
"""Day number 0 of most workbooks, as counted since 1 March 1900 (ECMA-376, part 1, 18.17.4.1)."""
FIRST_DAY_OF_1904 = datetime(1904, 1, 1)
"""Day number 0 of a workbook that says ``date1904``."""
_MOST_CLOSING = 8
"""The last rows of a sheet that are looked at for texts which stand alone."""


@dataclass(slots=True)
class Grid:
    """All cells of one sheet. ``rows[0]`` is what a spreadsheet program shows as row 1; rows may differ in length."""

    file: str
    sheet: str | None
    rows: list[list[Cell]]
    form: str
    """What the file turned out to be, in words: "comma-separated text, UTF-8"."""
    merged: list[tuple[int, int, int, int]] = field(default_factory=list)
    """Merged areas as (first row, first column, last row, last column), all counted from 0."""
    typed: bool = False
    """Whether the file can hold dates and times of its own (workbooks), not only text."""
    origins: list[list[Spot]] = field(default_factory=list)
    """Where each cell stands on its sheet, for a list that was made of another shape; none for a sheet as it is."""
    above: tuple[str, ...] = ()
    """The titles of the sheet that such a list was made of."""
    below: tuple[str, ...] = ()
    """The texts that stood alone in its last rows."""
    hidden: frozenset[int] = frozenset()
    """The filled rows that the sheet does not show, counted from 0."""
    crossed_out: frozenset[int] = frozenset()
    """The rows of which all is crossed out by its format alone, counted from 0."""
    unseen: frozenset[int] = frozenset()
    """The rows that were emptied since only what is visible counts."""
    first_day: datetime = FIRST_DAY
    """What the day number 0 stands for in its cells."""
    cuts: dict[tuple[object, ...], tuple[Table, list[Problem]]] = field(
        default_factory=dict, init=False, repr=False, compare=False
    )
    """Tables that were found in it while it stayed as it is, by their headings and where they stand."""

    @property
    def place(self) -> Place:
        """The file and sheet as a whole."""
        return Place(self.file, self.sheet)

    @property
    def names(self) -> tuple[str, ...]:
        """What its tab is called, where it has one, and its file without the ending."""
        return tuple(filter(None, (self.sheet, self.file.rsplit(".", 1)[0])))

    def as_list(self, rows: list[list[Cell]], origins: list[list[Spot]]) -> Grid:
        """Return a list that stands for the sheet, with where on it each cell stands; it holds dates of its own."""
        top = min((row for row, _ in origins[0]), default=0) if origins else 0
        above = tuple(filter(None, (" ".join(filter(None, map(plain_text, row))) for row in self.rows[:top])))
        return replace(
            self,
            rows=rows,
            origins=origins,
            merged=[],
            typed=True,
            above=self.above or above,
            below=self.closing_texts(),
        )

    def closing_texts(self) -> tuple[str, ...]:
        """Return the texts that stand alone in its last rows, or stood there before a list was made of it."""
        rows = ([text for cell in row if (text := plain_text(cell))] for row in reversed(self.rows[-_MOST_CLOSING:]))
        alone = takewhile(_stand_alone, rows)
        return self.below or tuple(text for texts in alone for text in texts)

    def copy(self) -> Grid:
        """Return it with rows of its own, for what looks at a sheet and changes its cells."""
        return replace(self, rows=[list(row) for row in self.rows], merged=list(self.merged))


def _stand_alone(texts: Sequence[str]) -> bool:
    return len(texts) <= 1


class LeftOut(StrEnum):
    """Why a row of a sheet is no record."""

    BLANK = "blank row"
    HEADINGS = "repeated heading row"
    SAMPLE = "sample row"
    TOTAL = "total"
    CAPTION = "caption"
    GAP = "date without an event"
    FREE_SLOT = "free slot"
    FOOTER = "footer"
    NOT_CHOSEN = "row not chosen"
    UNSEEN = "row not visible"
    UNDATED = "row without a date yet"
    IDENTICAL = "identical row"
    NOT_RUNNING = "row not running"


@dataclass(slots=True)
class Column:
    """One column of a table: its heading, its place on the sheet (counted from 0), and a cell for every record."""

    heading: str
    index: int
    cells: list[Cell]
    parted: Callable[[str], tuple[str, ...]] | None = None
    """How a cell that holds several values is parted, where that is not the usual way."""
    drawn: bool = False
    """Tells that the list was made of another shape: the sheet has no such column."""
    _known: list[tuple[list[Cell], list[Cell]]] = field(default_factory=list, init=False, repr=False, compare=False)
    """Cells, and each of their values once; shared by the copies of a column, as long as they have the same cells."""

    @property
    def distinct(self) -> list[Cell]:
        """Its cells, each value once, in their order; worked out anew only where it has got other cells."""
        if not self._known:
            self._known.append((self.cells, list(dict.fromkeys(self.cells))))
        elif self._known[0][0] is not self.cells:
            self._known = [(self.cells, list(dict.fromkeys(self.cells)))]
        return self._known[0][1]

    @property
    def letters(self) -> str:
        """The letters of the column on its sheet, "" where it has none."""
        return "" if self.drawn else column_letters(self.index)

    @property
    def name(self) -> str:
        """Its letters and heading, whichever there are: B “Date”."""
        return f"{self.letters} “{self.heading}”".strip() if self.heading else column_letters(self.index)


@dataclass(slots=True)
class Table:
    """Headings and, below them, one record a row; ``row_numbers`` says where each record stood on the sheet."""

    file: str
    sheet: str | None
    form: str
    heading_row: int
    columns: list[Column]
    row_numbers: Sequence[int]
    left_out: Counter[LeftOut] = field(default_factory=Counter)
    origins: Sequence[Sequence[Spot]] = ()
    """Where each cell of the sheet's rows stands, where the list was made of another shape."""
    titles: Sequence[str] = ()
    """The texts above the headings, from the nearest on, then the tab, then the file's name."""
    closing: Sequence[str] = ()
    """The texts that stand alone in the last rows of the sheet."""
    first_day: datetime = FIRST_DAY
    """What the day number 0 stands for in its cells."""
    captions: Mapping[int, str] = field(default_factory=dict)
    """The captions that were left out among the rows, by the record that comes next."""
    derived: list[Column] = field(default_factory=list)
    """Columns made of these, which lose and repeat records with them: a title of two columns, a place behind times."""

    def __len__(self) -> int:
        return len(self.row_numbers)

    def again(self) -> Table:
        """Return it with columns of its own, which share their cells with these."""
        columns = [copy(column) for column in self.columns]
        return replace(self, columns=columns, left_out=self.left_out.copy(), captions=dict(self.captions), derived=[])

    def keep(self, records: Sequence[int]) -> None:
        """Leave these records, in this order; one that is named several times is there so often."""
        for column in (*self.columns, *self.derived):
            column.cells = [column.cells[record] for record in records]
        self.row_numbers = [self.row_numbers[record] for record in records]

    @property
    def place(self) -> Place:
        """The file and sheet as a whole."""
        return Place(self.file, self.sheet)

    @property
    def area(self) -> str:
        """The rectangle from the first heading to the last record: "B4:H90"."""
        if self.origins:
            rows, columns = zip(*(spot for spots in self.origins for spot in spots), strict=True)
            return range_address(min(rows) + 1, min(columns), max(rows) + 1, max(columns))
        last = self.row_numbers[-1] if self.row_numbers else self.heading_row
        return range_address(self.heading_row, self.columns[0].index, last, self.columns[-1].index)

    def cell_place(self, record: int, column: Column) -> Place:
        """The place of one record's cell, the record counted from 0."""
        return self._at(self.row_numbers[record], column.index)

    def row_place(self, record: int) -> Place:
        """The place of a whole record: its first to its last column."""
        row = self.row_numbers[record]
        if self.origins:
            return self._at(row, -1)
        first, last = self.columns[0].index, self.columns[-1].index
        return Place(self.file, self.sheet, f"{address(row, first)}:{address(row, last)}", row)

    def heading_place(self, column: Column) -> Place:
        """The place of a column's heading."""
        return self._at(self.heading_row, column.index)

    def _at(self, row: int, column: int) -> Place:
        if self.origins:
            spots = self.origins[row - 1]
            line, column = spots[min(column, len(spots) - 1)]  # what a note says stands behind the last
            row = line + 1
        return Place(self.file, self.sheet, address(row, column), row)
