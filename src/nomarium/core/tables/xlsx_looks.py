"""Hidden rows and cells crossed out of an Excel workbook, which the reader of workbooks does not tell.

Parts and elements are those of ECMA-376, part 1, chapter 18.
"""

from __future__ import annotations

import posixpath
import zipfile
from collections.abc import Iterator
from io import BytesIO
from xml.etree.ElementTree import Element, fromstring, iterparse

from nomarium.core.tables.cells import column_index
from nomarium.core.tables.looks import Looks

_MAIN = "{http://schemas.openxmlformats.org/spreadsheetml/2006/main}"
_LINK = "{http://schemas.openxmlformats.org/officeDocument/2006/relationships}id"


def xlsx_looks(data: bytes, sheet: str) -> Looks:
    """Return what a sheet of a workbook looks like, by the sheet's name. Raises what a damaged archive raises."""
    looks = Looks()
    with zipfile.ZipFile(BytesIO(data)) as archive:
        part = _part_of(archive, sheet)
        if part is None:
            return looks
        struck = _struck_formats(archive)
        with archive.open(part) as stream:
            for number, row in _rows(stream):
                if row.get("hidden") in ("1", "true"):
                    looks.hidden.add(number)
                for cell in row if struck else ():
                    if cell.get("s") in struck and (spot := _column(cell)) is not None:
                        looks.struck.add((number, spot))
    return looks


def _part_of(archive: zipfile.ZipFile, sheet: str) -> str | None:
    """Return the part that holds a sheet."""
    book = fromstring(archive.read("xl/workbook.xml"))
    links = fromstring(archive.read("xl/_rels/workbook.xml.rels"))
    targets = {link.get("Id"): link.get("Target", "") for link in links}
    for element in book.iter(f"{_MAIN}sheet"):
        if element.get("name") == sheet:
            target = targets.get(element.get(_LINK), "")
            part = target.lstrip("/") if target.startswith("/") else posixpath.normpath(f"xl/{target}")
            return part if part in archive.namelist() else None
    return None


def _struck_formats(archive: zipfile.ZipFile) -> frozenset[str]:
    """Return the numbers of the cell formats whose font is crossed out."""
    if "xl/styles.xml" not in archive.namelist():
        return frozenset()
    styles = fromstring(archive.read("xl/styles.xml"))
    fonts = styles.find(f"{_MAIN}fonts")
    crossed = {str(number) for number, font in enumerate(fonts if fonts is not None else ()) if _is_struck(font)}
    formats = styles.find(f"{_MAIN}cellXfs")
    return frozenset(
        str(number) for number, one in enumerate(formats if formats is not None else ()) if one.get("fontId") in crossed
    )


def _is_struck(font: Element) -> bool:
    strike = font.find(f"{_MAIN}strike")
    return strike is not None and strike.get("val", "1") not in ("0", "false")


def _rows(stream: object) -> Iterator[tuple[int, Element]]:
    """Yield the rows of a sheet's part with their numbers; a row without one is the next."""
    number = -1
    for _, element in iterparse(stream):  # type: ignore[call-overload]
        if element.tag == f"{_MAIN}row":
            stated = element.get("r", "")
            number = int(stated) - 1 if stated.isdecimal() else number + 1
            yield number, element
            element.clear()


def _column(cell: Element) -> int | None:
    letters = cell.get("r", "").rstrip("0123456789")
    return column_index(letters) if letters.isalpha() and letters.isascii() else None
