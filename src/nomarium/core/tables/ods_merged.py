"""Merged cells of an OpenDocument spreadsheet, which the reader of workbooks does not tell."""

from __future__ import annotations

import zipfile
from io import BytesIO
from xml.etree.ElementTree import Element, iterparse

_TABLE = "{urn:oasis:names:tc:opendocument:xmlns:table:1.0}"
_CELLS = (f"{_TABLE}table-cell", f"{_TABLE}covered-table-cell")

Box = tuple[int, int, int, int]


def ods_merged(data: bytes) -> dict[str, list[Box]]:
    """Return the merged areas of each sheet: (first row, first column, last row, last column), counted from 0."""
    with zipfile.ZipFile(BytesIO(data)) as archive:
        content = archive.read("content.xml")
    if b"number-rows-spanned" not in content:
        return {}
    found: dict[str, list[Box]] = {}
    sheet, row = "", 0
    for event, element in iterparse(BytesIO(content), ("start", "end")):
        if event == "start" and element.tag == f"{_TABLE}table":
            sheet, row = element.get(f"{_TABLE}name", ""), 0
        elif event == "end" and element.tag == f"{_TABLE}table-row":
            found.setdefault(sheet, []).extend(_merged_in_row(element, row))
            row += _number(element, "number-rows-repeated")
            element.clear()
    return found


def _merged_in_row(row_element: Element, row: int) -> list[Box]:
    boxes = []
    column = 0
    for cell in row_element:
        if cell.tag not in _CELLS:
            continue
        height, width = _number(cell, "number-rows-spanned"), _number(cell, "number-columns-spanned")
        if height > 1 or width > 1:
            boxes.append((row, column, row + height - 1, column + width - 1))
        column += _number(cell, "number-columns-repeated")
    return boxes


def _number(element: Element, name: str) -> int:
    text = element.get(f"{_TABLE}{name}", "1")
    return int(text) if text.isdecimal() else 1
