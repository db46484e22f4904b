"""The rows that could not be read, saved as they were, for mending and another try."""

from __future__ import annotations

import csv
import io
from collections.abc import Sequence
from typing import TYPE_CHECKING

from nomarium.core.tables import guarded, plain_text

if TYPE_CHECKING:
    from nomarium.core.sources import EventSheet


def refused_rows(sheets: Sequence[EventSheet]) -> bytes | None:
    """Return CSV (UTF-8 with a mark) of all refused rows: their own cells, then ``cell`` and ``reason``.

    Sheets with other headings share one table of all headings. None where no row was refused.
    """
    if not any(sheet.refused for sheet in sheets):
        return None
    headings = list(dict.fromkeys(column.heading for sheet in sheets for column in sheet.table.columns))
    text = io.StringIO(newline="")
    writer = csv.writer(text, lineterminator="\r\n")
    writer.writerow([*map(guarded, headings), "cell", "reason"])
    for sheet in sheets:
        writer.writerows(_rows(sheet, headings, several=len(sheets) > 1))
    return text.getvalue().encode("utf-8-sig")


def _rows(sheet: EventSheet, headings: list[str], *, several: bool) -> list[list[str]]:
    rows = []
    for record, problem in sorted(sheet.refused.items()):
        cells = {column.heading: guarded(plain_text(column.cells[record])) for column in sheet.table.columns}
        place = str(problem.place) if several else problem.place.cell or ""
        rows.append([*(cells.get(heading, "") for heading in headings), place, problem.message])
    return rows
