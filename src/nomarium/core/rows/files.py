"""Rows → the bytes of a CSV, JSON or xlsx file."""

from __future__ import annotations

import csv
import io
import json
from collections.abc import Iterable, Iterator, Sequence
from datetime import datetime
from itertools import chain, islice

from nomarium.core.marks import MAKER
from nomarium.core.tables import guarded

_BATCH = 2_000


def render_csv(headings: Sequence[str], rows: Iterable[Sequence[str]]) -> Iterator[bytes]:
    """Render rows as CSV (RFC 4180) in UTF-8 with a mark; what a spreadsheet program would run is guarded."""
    yield b"\xef\xbb\xbf"
    lines = chain([headings], rows)
    while batch := list(islice(lines, _BATCH)):
        text = io.StringIO(newline="")
        csv.writer(text, lineterminator="\r\n").writerows([guarded(cell) for cell in row] for row in batch)
        yield text.getvalue().encode("utf-8", "replace")


def render_json(headings: Sequence[str], rows: Iterable[Sequence[str]]) -> Iterator[bytes]:
    """Render rows as a JSON array of objects (RFC 8259); empty values are left out."""
    before = "["
    for row in rows:
        filled = {heading: cell for heading, cell in zip(headings, row, strict=True) if cell}
        yield f"{before}\n  {json.dumps(filled, ensure_ascii=False)}".encode("utf-8", "replace")
        before = ","
    yield b"[]\n" if before == "[" else b"\n]\n"


def render_xlsx(
    headings: Sequence[str], rows: Iterable[Sequence[str]], stamp: datetime, sheet_name: str = "Events"
) -> Iterator[bytes]:
    """Render rows as a workbook of text cells; ``stamp`` is the time of making that it states."""
    from xlsxwriter import Workbook

    held = io.BytesIO()
    book = Workbook(held, {"in_memory": True, "strings_to_formulas": False, "strings_to_urls": False})
    book.set_properties({"created": stamp.replace(tzinfo=None), "author": MAKER})
    sheet = book.add_worksheet(sheet_name)
    bold = book.add_format({"bold": True, "bottom": 1})
    for column, heading in enumerate(headings):
        sheet.write_string(0, column, heading, bold)
    for number, row in enumerate(rows, 1):
        for column, cell in enumerate(row):
            if cell:
                sheet.write_string(number, column, cell[:32_767])
    sheet.freeze_panes(1, 0)
    sheet.set_column(0, len(headings) - 1, 18)
    book.close()
    yield held.getvalue()
