"""The look of an OpenDocument spreadsheet, which the reader of workbooks does not tell (OpenDocument 1.3, part 3)."""

from __future__ import annotations

import zipfile
from io import BytesIO
from xml.etree.ElementTree import Element, iterparse

from nomarium.core.tables.looks import Looks

_TABLE = "{urn:oasis:names:tc:opendocument:xmlns:table:1.0}"
_STYLE = "{urn:oasis:names:tc:opendocument:xmlns:style:1.0}"
_CELLS = (f"{_TABLE}table-cell", f"{_TABLE}covered-table-cell")
_SIGNS = (b"number-rows-spanned", b'visibility="filter"', b'visibility="collapse"', b"text-line-through-style")
_MOST_REPEATED = 100_000
"""So many like cells or rows in a row are looked at: those beyond are the empty rest of a sheet."""


def ods_looks(data: bytes) -> dict[str, Looks]:
    """Return what each sheet looks like, by its name. Raises what a damaged archive raises."""
    with zipfile.ZipFile(BytesIO(data)) as archive:
        content = archive.read("content.xml")
    if not any(sign in content for sign in _SIGNS):
        return {}
    found: dict[str, Looks] = {}
    struck: set[str] = set()
    looks, row = Looks(), 0
    for event, element in iterparse(BytesIO(content), ("start", "end")):
        if event == "start" and element.tag == f"{_TABLE}table":
            looks, row = found.setdefault(element.get(f"{_TABLE}name", ""), Looks()), 0
        elif event == "end" and element.tag == f"{_STYLE}style" and _is_struck(element):
            struck.add(element.get(f"{_STYLE}name", ""))
        elif event == "end" and element.tag == f"{_TABLE}table-row":
            _look_at_row(looks, element, row, struck)
            row += _number(element, "number-rows-repeated")
            element.clear()
    return found


def _is_struck(style: Element) -> bool:
    lines = (one.get(f"{_STYLE}text-line-through-style", "none") for one in style.iter(f"{_STYLE}text-properties"))
    return any(line != "none" for line in lines)


def _look_at_row(looks: Looks, row_element: Element, row: int, struck: set[str]) -> None:
    if row_element.get(f"{_TABLE}visibility") in ("filter", "collapse"):
        looks.hidden.update(range(row, row + min(_number(row_element, "number-rows-repeated"), _MOST_REPEATED)))
    column = 0
    for cell in row_element:
        if cell.tag not in _CELLS:
            continue
        height, width = _number(cell, "number-rows-spanned"), _number(cell, "number-columns-spanned")
        if height > 1 or width > 1:
            looks.merged.append((row, column, row + height - 1, column + width - 1))
        repeated = _number(cell, "number-columns-repeated")
        if cell.get(f"{_TABLE}style-name") in struck:
            looks.struck.update((row, one) for one in range(column, column + min(repeated, _MOST_REPEATED)))
        column += repeated


def _number(element: Element, name: str) -> int:
    text = element.get(f"{_TABLE}{name}", "1")
    return int(text) if text.isdecimal() else 1
