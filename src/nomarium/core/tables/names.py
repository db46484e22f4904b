"""Ranges that a workbook gives names to, and ranges as people write them: ``B4:H90``, ``Plan!B4:H90``, ``Events``."""

from __future__ import annotations

import html
import re
import zipfile
from io import BytesIO
from typing import NamedTuple

from nomarium.core.tables.cells import parse_range
from nomarium.core.tables.contents import Kind
from nomarium.lazily import regex


class Area(NamedTuple):
    """A rectangle (first row, first column, last row, last column: rows from 1, columns from 0), perhaps of a sheet."""

    sheet: str | None
    box: tuple[int, int, int, int]


_XLSX_NAME = regex(r"<(?:\w+:)?definedName\b[^>]*?\bname=\"([^\"]*)\"[^>]*>([^<]*)<")
_ODS_NAME = regex(r"<table:named-range\b([^>]*)>")
_ATTRIBUTE = regex(r"table:(name|cell-range-address)=\"([^\"]*)\"")


def parse_area(text: str) -> Area | None:
    """Read a range written as an address: "B4:H90", "Plan!B4:H90", "'Term 1'.$B$4:.$H$90"."""
    match = re.fullmatch(r"(?:'?(.+?)'?[!.])?(\$?[A-Za-z]{1,3}\$?\d+:)\.?(\$?[A-Za-z]{1,3}\$?\d+)", text.strip())
    if not match:
        return None
    box = parse_range(match[2] + match[3])
    sheet = match[1].strip("$'").replace("''", "'") if match[1] else None
    return Area(sheet, box) if box else None


def named_areas(data: bytes, kind: Kind) -> dict[str, Area]:
    """Return the ranges that an xlsx or ods workbook names; other kinds do not tell."""
    if kind not in (Kind.XLSX, Kind.ODS):
        return {}
    part = "xl/workbook.xml" if kind is Kind.XLSX else "content.xml"
    with zipfile.ZipFile(BytesIO(data)) as archive:
        text = archive.read(part).decode("utf-8", "replace")
    if kind is Kind.XLSX:
        pairs = [(match[1], match[2]) for match in _XLSX_NAME.finditer(text)]
    else:
        attributes = [dict(_ATTRIBUTE.findall(match[1])) for match in _ODS_NAME.finditer(text)]
        pairs = [(found.get("name", ""), found.get("cell-range-address", "")) for found in attributes]
    areas = {html.unescape(name): parse_area(html.unescape(address)) for name, address in pairs}
    return {name: area for name, area in areas.items() if area}
