"""Look at a workbook's stated sizes before it is opened: some small files unfold beyond any memory."""

from __future__ import annotations

import re
import zipfile
from io import BytesIO

from nomarium.core.problems import DataRefused, Place
from nomarium.core.tables import wording
from nomarium.core.tables.cells import column_index
from nomarium.core.tables.contents import Kind

MOST_UNPACKED = 1_500_000_000
"""Bytes that all parts of a workbook may hold unpacked."""

MOST_CELLS = 30_000_000
"""Cells of the rectangle that a sheet's filled cells span: a reader keeps each of them, filled or not."""

_ROWS_BELOW_WORRY = 1_500
"""So many rows stay below MOST_CELLS even at the widest that a sheet can be."""

_FAR_CELL = re.compile(rb' r="([A-Z]{0,3})(\d{1,7})"')
_LAST_ROW = re.compile(rb'<(?:\w+:)?row [^>]*?r="(\d{1,7})"')
_WIDE_CELL = re.compile(rb' r="([A-Z]{2,3})\d')
_DEEP_CELL = re.compile(rb' r="[A-Z]{0,3}(\d{5,7})"')
_REPEATED = re.compile(rb'number-(columns|rows)-repeated="(\d{1,9})"')
_PART_SIZE = 8_000_000


def check_size(data: bytes, kind: Kind, file: str) -> None:
    """Raise DataRefused for a workbook that would unfold to more than this machine should hold."""
    if kind is Kind.XLS:
        return
    with zipfile.ZipFile(BytesIO(data)) as archive:
        members = archive.infolist()
        if sum(member.file_size for member in members) > MOST_UNPACKED:
            raise DataRefused(wording.unfolds_too_far(Place(file)))
        if kind is Kind.XLSX:
            for member in members:
                if member.filename.startswith("xl/worksheets/") and member.filename.endswith(".xml"):
                    _check_sheet(archive, member, file)


def _check_sheet(archive: zipfile.ZipFile, member: zipfile.ZipInfo, file: str) -> None:
    """Refuse a sheet whose farthest row and column span too large a rectangle (ECMA-376, part 1, 18.3.1.4)."""
    rows = columns = 0
    carry = b""
    try:
        with archive.open(member) as stream:
            while part := stream.read(_PART_SIZE):
                text = carry + part
                rows = max(rows, _last_row(text))
                columns = max(columns, _last_column(text))
                carry = part[-100:]
    except (zipfile.BadZipFile, EOFError, OSError, zlib_error()):
        raise DataRefused(wording.damaged_workbook(Place(file))) from None
    if rows > _ROWS_BELOW_WORRY and rows * columns > MOST_CELLS:
        raise DataRefused(wording.stray_far_cell(Place(file), rows, columns))


def zlib_error() -> type[Exception]:
    """Return what a broken compressed stream raises."""
    import zlib

    return zlib.error


def _last_row(text: bytes) -> int:
    """Return the highest row number named: rows from 10,000 on by their digits, smaller ones by the last in line."""
    deep = max(map(int, _DEEP_CELL.findall(text)), default=0)
    tail = _LAST_ROW.findall(text[-50_000:])
    return max(deep, int(tail[-1]) if tail else 0)


def _last_column(text: bytes) -> int:
    """Return how many columns reach to the farthest cell named; 26 where all have single letters."""
    wide = set(_WIDE_CELL.findall(text))
    return max((column_index(letters.decode()) + 1 for letters in wide), default=26)
