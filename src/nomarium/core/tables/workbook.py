"""Workbooks (xlsx, xlsb, xls, ods) → Grid: the one module that knows python-calamine and its habits."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from contextlib import contextmanager
from datetime import date, datetime, time, timedelta
from io import BytesIO
from typing import TYPE_CHECKING, Any

from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.tables import wording
from nomarium.core.tables.contents import Kind
from nomarium.core.tables.looks import Looks
from nomarium.core.tables.markup import LONGEST_CELL
from nomarium.core.tables.ods_looks import ods_looks
from nomarium.core.tables.sheet_size import check_size
from nomarium.core.tables.table import FIRST_DAY, FIRST_DAY_OF_1904, Grid
from nomarium.core.tables.trial import LONGEST, MOST_MEMORY, survives
from nomarium.core.tables.xlsx_looks import xlsx_looks

if TYPE_CHECKING:
    from python_calamine import CalamineWorkbook

    from nomarium.core.tables.cells import Cell

_FORMS = {
    Kind.XLSX: "xlsx workbook",
    Kind.XLSB: "xlsb workbook",
    Kind.XLS: "xls workbook",
    Kind.ODS: "ods workbook",
}


class Workbook:
    """An open workbook: its sheets' names, and each as a grid."""

    def __init__(self, data: bytes, kind: Kind, file: str) -> None:
        self.file = file
        self._form = _FORMS[kind]
        signs = check_size(data, kind, file)
        if kind is Kind.XLS and not survives(data):
            raise DataRefused(wording.takes_reader_down(Place(file), LONGEST, MOST_MEMORY))
        self.never_calculated = signs.unsaved
        self._first_day = FIRST_DAY_OF_1904 if signs.from_1904 else FIRST_DAY
        self._book = _open(data, file)
        self._unlooked = data if kind is Kind.XLSX and signs.looks else None
        with _refusing(wording.damaged_workbook(Place(file))):
            self._looks = ods_looks(data) if kind is Kind.ODS else {}
        self.sheets, self.hidden = _sheet_names(self._book)

    def grid(self, sheet: str) -> Grid:
        """Return one sheet by its exact name, raising DataRefused where it is damaged."""
        with _refusing(wording.damaged_workbook(Place(self.file, sheet))):
            found = self._book.get_sheet_by_name(sheet)
            rows = found.to_python(skip_empty_area=False)
            merged = [(top, left, bottom, right) for (top, left), (bottom, right) in found.merged_cell_ranges or []]
            looks = xlsx_looks(self._unlooked, sheet) if self._unlooked else self._looks.get(sheet, Looks())
        cells = [[_AS_CELL[type(value)](value) for value in row] for row in rows]
        if any(type(cell) is str and len(cell) > LONGEST_CELL for row in cells for cell in row):
            raise DataRefused(wording.huge_cell(Place(self.file, sheet)))
        return Grid(
            self.file,
            sheet,
            cells,
            self._form,
            merged or looks.merged,
            typed=True,
            hidden=frozenset(row for row in looks.hidden if row < len(cells) and any(cells[row])),
            crossed_out=frozenset(_crossed_out(cells, looks)),
            first_day=self._first_day,
        )


def _crossed_out(cells: list[list[Cell]], looks: Looks) -> Iterator[int]:
    """Yield the rows of which all that is filled is crossed out."""
    for row in sorted({row for row, _ in looks.struck if row < len(cells)}):
        filled = [column for column, cell in enumerate(cells[row]) if cell != ""]
        if filled and all((row, column) in looks.struck for column in filled):
            yield row


@contextmanager
def _refusing(refusal: Problem) -> Iterator[None]:
    """Turn whatever the library raises into a refusal; its compiled part panics past Exception on some files."""
    try:
        yield
    except (KeyboardInterrupt, SystemExit, MemoryError, DataRefused):
        raise
    except BaseException as fault:
        raise DataRefused(refusal) from fault


def _open(data: bytes, file: str) -> CalamineWorkbook:
    from python_calamine import PasswordError, load_workbook

    with _refusing(wording.damaged_workbook(Place(file))):
        try:
            return load_workbook(BytesIO(data))
        except PasswordError:
            raise DataRefused(wording.unreadable_kind(Place(file), Kind.ENCRYPTED)) from None


def _sheet_names(book: CalamineWorkbook) -> tuple[list[str], list[str]]:
    """Return the names of the visible and of the hidden worksheets; charts and macros have no cells."""
    from python_calamine import SheetTypeEnum, SheetVisibleEnum

    sheets = [sheet for sheet in book.sheets_metadata if sheet.typ == SheetTypeEnum.WorkSheet]
    visible = [sheet.name for sheet in sheets if sheet.visible == SheetVisibleEnum.Visible]
    return visible, [sheet.name for sheet in sheets if sheet.name not in visible]


def _rounded(value: datetime | time) -> datetime | time:
    """Round to the minute: a workbook keeps times as fractions of a day, and 9:05 comes as 9:04:59.998."""
    if not (value.second or value.microsecond):
        return value
    if isinstance(value, datetime):
        return value.replace(second=0, microsecond=0) + timedelta(minutes=value.second >= 30)
    minutes = value.hour * 60 + value.minute + (value.second >= 30)
    return time(23, 59) if minutes == 24 * 60 else time(minutes // 60, minutes % 60)


_AS_CELL: dict[type, Callable[[Any], Cell]] = {
    str: str.strip,
    bool: lambda value: "TRUE" if value else "FALSE",
    int: float,
    float: lambda value: value,
    date: lambda value: value,
    timedelta: lambda value: value,
    datetime: _rounded,
    time: _rounded,
}
"""What makes a cell of each of the library's values: yes/no becomes the word that the sheet shows."""
