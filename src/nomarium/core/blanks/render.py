"""Blank sheets as xlsx and CSV files."""

from __future__ import annotations

import csv
import io
from datetime import date, datetime, time
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import Blank, BlankSheet, SheetKind
from nomarium.core.kinds import (
    BELL_SHEET,
    CHANGE_SHEET,
    CLASS_SHEET,
    CLOSURE_SHEET,
    CODE_SHEET,
    DAY_SHEET,
    EVENT_SHEET,
    LESSON_SHEET,
    NOTE_SHEET,
    ROSTER_SHEET,
    SPECIAL_SHEET,
    TERM_SHEET,
    TIMETABLE_SHEET,
)
from nomarium.core.tables import INSTRUCTIONS

if TYPE_CHECKING:
    from xlsxwriter.format import Format
    from xlsxwriter.workbook import Workbook
    from xlsxwriter.worksheet import Worksheet

ROWS = 1_000
"""So many rows below the headings have drop-down lists and checks."""

_MADE = datetime(2026, 1, 1)
"""A steady time of making, so that the same call gives the same bytes."""


BLANKS: dict[str, SheetKind] = {
    "events": EVENT_SHEET,
    "terms": TERM_SHEET,
    "closures": CLOSURE_SHEET,
    "special-days": SPECIAL_SHEET,
    "days": DAY_SHEET,
    "bells": BELL_SHEET,
    "timetable": TIMETABLE_SHEET,
    "classes": CLASS_SHEET,
    "roster": ROSTER_SHEET,
    "changes": CHANGE_SHEET,
    "codes": CODE_SHEET,
    "lessons": LESSON_SHEET,
    "notes": NOTE_SHEET,
}
"""The kinds that have a blank sheet, by the word that asks for it."""


class BlankForm(NamedTuple):
    """A blank sheet: its columns, and what it says beside them."""

    columns: tuple[Blank, ...]
    says: BlankSheet


def blank_form(kind: SheetKind, categories: tuple[str, ...] = ()) -> BlankForm:
    """Return the blank sheet of a kind; ``categories`` are what its list of categories offers."""
    columns = tuple(field.blank for field in kind.fields if field.blank)
    if categories:
        columns = tuple(
            one._replace(choices=categories, sample=categories[0]) if one.heading == "Category" else one
            for one in columns
        )
    return BlankForm(columns, kind.blank or BlankSheet(kind.rows.capitalize(), (), ""))


def render_blank_csv(blank: BlankForm) -> bytes:
    """Return a blank sheet as CSV (UTF-8 with a mark): headings and the sample row."""
    text = io.StringIO(newline="")
    writer = csv.writer(text, lineterminator="\r\n")
    writer.writerow([column.heading for column in blank.columns])
    writer.writerow([_text(column.sample) for column in blank.columns])
    return text.getvalue().encode("utf-8-sig")


def _text(sample: str | date | time) -> str:
    return sample.strftime("%H:%M") if isinstance(sample, time) else str(sample)


def render_blank_xlsx(blank: BlankForm) -> bytes:
    """Return a blank sheet as a workbook: notes on headings, drop-down lists, checks, a sheet of instructions."""
    from xlsxwriter import Workbook

    held = io.BytesIO()
    book = Workbook(held, {"in_memory": True})
    book.set_properties({"created": _MADE})
    sheet = book.add_worksheet(blank.says.name)
    heading = book.add_format({"bold": True, "bottom": 1, "bg_color": "#DDE7EE", "valign": "top"})
    faint = {"italic": True, "font_color": "#6B7280"}
    formats = _Formats(
        book.add_format({**faint}),
        book.add_format({**faint, "num_format": "yyyy-mm-dd"}),
        book.add_format({**faint, "num_format": "hh:mm"}),
        book.add_format({"num_format": "yyyy-mm-dd"}),
        book.add_format({"num_format": "hh:mm"}),
    )
    for index, column in enumerate(blank.columns):
        sheet.write_string(0, index, column.heading, heading)
        sheet.write_comment(0, index, column.note, {"x_scale": 1.6})
        _write_column(sheet, index, column, formats)
    sheet.freeze_panes(1, 1)
    sheet.set_landscape()
    _write_instructions(book, blank)
    book.close()
    return held.getvalue()


class _Formats:
    """The formats of the sample row, and of the cells to fill in."""

    def __init__(self, text: Format, day: Format, clock: Format, own_day: Format, own_clock: Format) -> None:
        self.text, self.day, self.clock = text, day, clock
        self.own_day, self.own_clock = own_day, own_clock


def _write_column(sheet: Worksheet, index: int, column: Blank, formats: _Formats) -> None:
    """Write a column's sample and what its cells offer or check."""
    is_date = isinstance(column.sample, date) or column.heading.casefold().endswith((" date", " day"))
    is_time = isinstance(column.sample, time)
    sheet.set_column(index, index, column.width, formats.own_day if is_date else formats.own_clock if is_time else None)
    if isinstance(column.sample, date):
        sheet.write_datetime(1, index, column.sample, formats.day)
    elif isinstance(column.sample, time):
        sheet.write_datetime(1, index, column.sample, formats.clock)
    elif column.sample:
        sheet.write_string(1, index, column.sample, formats.text)
    check = _check(column, is_date=is_date, is_time=is_time)
    if check:
        sheet.data_validation(1, index, ROWS, index, check)


def _check(column: Blank, *, is_date: bool, is_time: bool) -> dict[str, object] | None:
    if column.choices:
        return {"validate": "list", "source": list(column.choices), "error_type": "warning"}
    if is_date:
        return {
            "validate": "date",
            "criteria": "between",
            "minimum": date(1990, 1, 1),
            "maximum": date(2199, 12, 31),
            "error_title": "No date",
            "error_message": "Type a date, such as 2026-10-23.",
        }
    if is_time:
        return {
            "validate": "time",
            "criteria": "between",
            "minimum": time(0, 0),
            "maximum": time(23, 59),
            "error_title": "No time",
            "error_message": "Type a time, such as 13:00.",
        }
    return None


def _write_instructions(book: Workbook, blank: BlankForm) -> None:
    sheet = book.add_worksheet(INSTRUCTIONS)
    wrap = book.add_format({"text_wrap": True, "valign": "top"})
    bold = book.add_format({"bold": True, "valign": "top"})
    sheet.set_landscape()
    sheet.fit_to_pages(1, 0)
    sheet.set_column(0, 0, 22)
    sheet.set_column(1, 1, 90)
    row = 0
    for line in blank.says.instructions:
        sheet.write_string(row, 1, line, wrap)
        row += 1
    for column in blank.columns:
        row += 1
        sheet.write_string(row, 0, column.heading, bold)
        sheet.write_string(row, 1, column.note, wrap)
