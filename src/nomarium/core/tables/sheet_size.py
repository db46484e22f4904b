"""Look at a workbook's stated sizes before it is opened: some small files unfold beyond any memory."""

from __future__ import annotations

import zipfile
from dataclasses import dataclass
from io import BytesIO

from nomarium.core.problems import DataRefused, Place
from nomarium.core.tables import wording
from nomarium.core.tables.cells import column_index
from nomarium.core.tables.contents import DAMAGED_ZIP, Kind
from nomarium.lazily import regex

MOST_UNPACKED = 1_500_000_000
"""Bytes that all parts of a workbook may hold unpacked."""

MOST_CELLS = 30_000_000
"""Cells of the rectangle that a sheet's filled cells span: a reader keeps each of them, filled or not."""

_ROWS_BELOW_WORRY = 1_500
"""So many rows stay below MOST_CELLS even at the widest that a sheet can be."""

_FAR_CELL = regex(rb" r=[\"'](?:[A-Z]{2,3}\d|[A-Z]?\d{6})")
_LAST_ROW = regex(rb'<(?:\w+:)?row [^>]*?r="(\d{1,7})"')
_WIDE_CELL = regex(rb" r=[\"']([A-Z]{2,3})\d")
_DEEP_CELL = regex(rb" r=[\"'][A-Z]{0,3}(\d{4,7})[\"']")
_PIECE = 8_000_000


_UNSAVED_RESULTS = (b"</f></c>", b"</f><v></v>", b"</f><v/>", b"</f><v />")


@dataclass(slots=True)
class Signs:
    """What the parts of a workbook hold that wants a closer look."""

    unsaved: bool = False
    """Formulas whose results were never saved."""
    from_1904: bool = False
    """Whether its day numbers count from 1 January 1904."""
    looks: bool = False
    """Rows that may be hidden, or fonts that may cross out."""


def check_size(data: bytes, kind: Kind, file: str) -> Signs:
    """Look through a workbook's parts for what wants a closer look.

    Raises DataRefused for one that would unfold to more than a machine should hold, or that is damaged. Every part
    is unpacked once, which proves the sizes that the archive states.
    """
    signs = Signs()
    if kind is Kind.XLS:
        return signs
    place = Place(file)
    try:
        with zipfile.ZipFile(BytesIO(data)) as archive:
            members = archive.infolist()
            if sum(member.file_size for member in members) > MOST_UNPACKED:
                raise DataRefused(wording.unfolds_too_far(place))
            for member in members:
                part = _Part(place, kind, member.filename, signs)
                with archive.open(member) as stream:
                    while piece := stream.read(_PIECE):
                        part.look(piece)
                part.check()
    except DAMAGED_ZIP:
        raise DataRefused(wording.damaged_workbook(place)) from None
    return signs


_DAYS_FROM_1904 = regex(rb"""date1904=["'](?:1|true)["']""")
_HIDDEN_ROW = regex(rb"""<(?:\w+:)?row [^>]*?hidden=["'](?:1|true)["']""")


class _Part:
    """One part of a workbook, looked through piece by piece for the farthest cell it names."""

    def __init__(self, place: Place, kind: Kind, name: str, signs: Signs) -> None:
        self._place = place
        self._signs = signs
        self._is_styles = name == "xl/styles.xml"
        self._is_book = name == "xl/workbook.xml"
        self._is_sheet = name.startswith("xl/worksheets/") and name.endswith(".xml")
        self._is_binary_sheet = kind is Kind.XLSB and name.startswith("xl/worksheets/") and name.endswith(".bin")
        self._is_document = kind is Kind.ODS and name == "content.xml"
        self._carry = b""
        self._watched = False
        self._rows = self._columns = 0

    def look(self, piece: bytes) -> None:
        """Look at the next piece of the part."""
        if self._is_sheet:
            text = self._carry + piece
            # Most sheets name no cell beyond Z99999: one look, and no more is needed.
            if not self._watched and _FAR_CELL.search(text):
                self._watched = True
                self._rows = 99_999 if self._carry else 0
            if self._watched:
                self._rows = max(self._rows, _last_row(text))
                self._columns = max(self._columns, _last_column(text))
            signs = self._signs
            signs.unsaved = signs.unsaved or (b"</f>" in text and any(mark in text for mark in _UNSAVED_RESULTS))
            signs.looks = signs.looks or (b"hidden=" in text and bool(_HIDDEN_ROW.search(text)))
            self._carry = piece[-100:]
        elif self._is_styles:
            self._signs.looks = self._signs.looks or b"strike" in piece
        elif self._is_book:
            self._signs.from_1904 = self._signs.from_1904 or bool(_DAYS_FROM_1904.search(piece))
        elif self._is_binary_sheet or self._is_document:
            self._carry += piece

    def check(self) -> None:
        """Refuse a rectangle of cells that is too large (ECMA-376, part 1, 18.3.1.4; OpenDocument 1.3, 19.675)."""
        if self._is_binary_sheet:
            self._rows, self._columns = _binary_extent(self._carry)
        elif self._is_document:
            self._rows, self._columns = _document_extent(self._carry)
        if self._rows > _ROWS_BELOW_WORRY and self._rows * self._columns > MOST_CELLS:
            raise DataRefused(wording.stray_far_cell(self._place, self._rows, self._columns))


def _binary_extent(data: bytes) -> tuple[int, int]:
    """Return the rows and columns that the records of an xlsb sheet reach to (MS-XLSB, 2.1.4, 2.4.722 and 2.5.9)."""
    position = rows = columns = 0
    while position + 2 <= len(data):
        kind = data[position]
        position += 2 if kind & 0x80 else 1
        length = shift = 0
        while position < len(data):
            byte = data[position]
            position += 1
            length |= (byte & 0x7F) << shift
            shift += 7
            if not byte & 0x80 or shift > 21:
                break
        if kind == 0:
            rows = max(rows, int.from_bytes(data[position : position + 4], "little") + 1)
        elif kind <= 11:
            columns = max(columns, int.from_bytes(data[position : position + 4], "little") + 1)
        position += length
    return rows, columns


_ROW_OR_CELL = regex(rb"<table:(?:table-row|table-cell)\b[^>]*>")
_REPEATED = regex(rb'number-(?:rows|columns)-repeated="(\d{1,9})"')


def _document_extent(data: bytes) -> tuple[int, int]:
    """Return the rows and columns that filled, repeated cells of an ods sheet unfold to, closed or not."""
    columns = rows = repeated_row = 1
    for found in _ROW_OR_CELL.finditer(data):
        repeated = _REPEATED.search(found[0])
        times = int(repeated[1]) if repeated else 1
        if found[0].startswith(b"<table:table-row"):
            repeated_row = times
        elif b"value-type" in found[0]:
            columns, rows = max(columns, times), max(rows, repeated_row)
    return (max(rows, _ROWS_BELOW_WORRY + 1), columns) if columns > 20_000 else (rows, max(columns, 64))


def _last_row(text: bytes) -> int:
    """Return the highest row number named: rows from 1,000 on by their digits, smaller ones by the last in line."""
    deep = max(map(int, _DEEP_CELL.findall(text)), default=0)
    tail = _LAST_ROW.findall(text[-50_000:])
    return max(deep, int(tail[-1]) if tail else 0)


def _last_column(text: bytes) -> int:
    """Return how many columns reach to the farthest cell named; 26 where all have single letters."""
    wide = set(_WIDE_CELL.findall(text))
    return max((column_index(letters.decode()) + 1 for letters in wide), default=26)
