"""Writes the sample school's sheets as its people keep them: delimited text, and workbooks with typed cells."""

from __future__ import annotations

import csv
from datetime import date, time
from importlib.resources import files
from io import BytesIO, StringIO
from pathlib import Path

from nomarium.core.output import write_all

OFFICE = "office-events.csv"
SLIPWAY = "slipway-bookings.xlsx"
PLAN = "nomarium.toml"
YEAR = (
    "terms.csv",
    "closures.csv",
    "storm-days.csv",
    "special-days.csv",
    "published-days.csv",
    "loft-days.csv",
    "weeks.csv",
)
CLUBS = "clubs.csv"
LESSONS = ("loft-lessons.csv", "rowing-programme.csv", "rowing-crews.csv")
LOFT = "loft-timetable.xlsx"
WATCH = "slip-watch-codes.xlsx"
TIMETABLE = (
    "bell-times.csv",
    "loft-bell-times.csv",
    "period-names.csv",
    "classes.csv",
    "crews.csv",
    "yard-timetable.csv",
    "timetable-changes.csv",
    "slip-watch.csv",
)
SHEETS = (OFFICE, SLIPWAY, CLUBS, PLAN, *YEAR, *TIMETABLE, *LESSONS, LOFT, WATCH)


def write_sheets(folder: Path) -> list[Path]:
    """Write all sheets into a folder that exists, and return their paths.

    Raises FileExistsError where one of them is there already: nothing is written then.
    """
    paths = [folder / name for name in SHEETS]
    for path in paths:
        if path.exists():
            raise FileExistsError(str(path))
    texts = {name: _text(name).encode("utf-8") for name in (OFFICE, CLUBS, PLAN, *YEAR, *TIMETABLE, *LESSONS)}
    books = {SLIPWAY: _slipway_workbook(), LOFT: _loft_workbook(), WATCH: _watch_workbook()}
    write_all((folder / name, [data]) for name, data in {**texts, **books}.items())
    return paths


def change_sheets(folder: Path) -> list[str]:
    """Change the sheets as a school does in its year: a storm day, a teacher in another room; say what changed."""
    storms, timetable = folder / "storm-days.csv", folder / "yard-timetable.csv"
    old, new = "J. Harrow-Tait,Engine Shop", "J. Harrow-Tait,Slip head"
    stormy = storms.read_text("utf-8") + "Nor’wester,Thu 21 Jan 2027,hold\n"
    moved = timetable.read_text("utf-8").replace(old, new)
    write_all([(storms, [stormy.encode()]), (timetable, [moved.encode()])])
    return [
        f"{storms.name}: a storm closes the school on Thu 21 Jan 2027",
        f"{timetable.name}: J. Harrow-Tait’s classes go from the Engine Shop to the Slip head",
    ]


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


def _watch_workbook() -> bytes:
    """What the codes of the slip watch are for each instructor: a sheet a person."""
    from xlsxwriter import Workbook

    held = BytesIO()
    book = Workbook(held, {"in_memory": True})
    headings, *rows = csv.reader(_text("slip-watch-codes.csv").splitlines())
    for person in dict.fromkeys(row[0] for row in rows):
        sheet = book.add_worksheet(person)
        sheet.write_row(0, 0, headings[1:], book.add_format({"bold": True}))
        for number, row in enumerate((row for row in rows if row[0] == person), 1):
            sheet.write_row(number, 0, row[1:])
        sheet.set_column(0, 2, 16)
    book.close()
    return held.getvalue()


def _loft_workbook() -> bytes:
    """The timetable of the Loft: a grid for each instructor, one below the other; double periods are merged cells."""
    from xlsxwriter import Workbook

    held = BytesIO()
    book = Workbook(held, {"in_memory": True})
    sheet = book.add_worksheet("Loft")
    bold = book.add_format({"bold": True})
    cell = book.add_format({"text_wrap": True, "valign": "vcenter", "align": "center", "border": 1})
    rows = list(csv.reader(StringIO(_text("loft-grids.csv"))))
    for number, row in enumerate(rows):
        heads = len(row) == 1 or (row and row[0] == "Period")
        for column, text in enumerate(row):
            below = rows[number + 1][column] if number + 1 < len(rows) and column < len(rows[number + 1]) else ""
            if below == _GOES_ON:
                sheet.merge_range(number, column, number + 1, column, text, cell)
            elif text != _GOES_ON:
                sheet.write_string(number, column, text, bold if heads or column == 0 else cell)
    sheet.set_column(0, 0, 10)
    sheet.set_column(1, 4, 18)
    book.close()
    return held.getvalue()


_GOES_ON = "^"
"""What stands in the sheet's text where the cell above is merged with this one."""
