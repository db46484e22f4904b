"""Writes the sample school's sheets as its people keep them: delimited text, and workbooks with typed cells."""

from __future__ import annotations

import csv
from datetime import date, time
from importlib.resources import files
from io import BytesIO
from pathlib import Path

OFFICE = "office-events.csv"
SLIPWAY = "slipway-bookings.xlsx"
PLAN = "nomarium.toml"
YEAR = ("terms.csv", "closures.csv", "storm-days.csv", "special-days.csv", "published-days.csv")
CLUBS = "clubs.csv"
SHEETS = (OFFICE, SLIPWAY, CLUBS, PLAN, *YEAR)


def write_sheets(folder: Path) -> list[Path]:
    """Write all sheets into a folder that exists, and return their paths.

    Raises FileExistsError where one of them is there already: nothing is written then.
    """
    paths = [folder / name for name in SHEETS]
    for path in paths:
        if path.exists():
            raise FileExistsError(str(path))
    for name in (OFFICE, CLUBS, PLAN, *YEAR):
        (folder / name).write_bytes(_text(name).encode("utf-8"))
    (folder / SLIPWAY).write_bytes(_slipway_workbook())
    return paths


def _text(name: str) -> str:
    return (files("nomarium.demo") / "data" / name).read_bytes().decode("utf-8")


def _slipway_workbook() -> bytes:
    """The bookings of the slipway: dates and times as the workbook's own, some without an end."""
    from xlsxwriter import Workbook

    held = BytesIO()
    book = Workbook(held, {"in_memory": True})
    sheet = book.add_worksheet("Bookings")
    bold = book.add_format({"bold": True, "bottom": 1})
    day_format, clock_format = book.add_format({"num_format": "dd-mmm-yyyy"}), book.add_format({"num_format": "hh:mm"})
    headings, *rows = csv.reader(_text("slipway-bookings.csv").splitlines())
    sheet.write_row(0, 0, headings, bold)
    for number, (ref, day, start, end, *rest) in enumerate(rows, 1):
        sheet.write_string(number, 0, ref)
        sheet.write_datetime(number, 1, date.fromisoformat(day), day_format)
        for column, clock in ((2, start), (3, end)):
            if clock:
                sheet.write_datetime(number, column, time.fromisoformat(clock), clock_format)
        sheet.write_row(number, 4, rest)
    sheet.set_column(0, 3, 12)
    sheet.set_column(4, 7, 26)
    sheet.freeze_panes(1, 0)
    book.close()
    return held.getvalue()
