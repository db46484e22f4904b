"""What is said about files and tables that cannot be read as they are."""

from __future__ import annotations

from nomarium.core.problems import Place, Problem, error
from nomarium.core.tables.contents import Kind

_SAVE_AS = "Save the sheet as CSV (UTF-8) or xlsx and give that file."


def unreadable_kind(place: Place, kind: Kind) -> Problem:
    """The file is something else than a sheet."""
    if kind is Kind.EMPTY:
        return error("empty-file", place, "The file is empty.", advice="Save the sheet again and give that file.")
    if kind is Kind.ENCRYPTED:
        return error(
            "locked-workbook",
            place,
            "The workbook is locked with a password.",
            advice="Open it, save it without a password, and give that file.",
        )
    return error(
        "not-a-sheet",
        place,
        f"This is {kind.value}.",
        expected="A sheet: CSV or other delimited text, xlsx, xlsb, xls or ods.",
        advice=_SAVE_AS,
    )


def unreadable_file(place: Place, reason: str) -> Problem:
    """The operating system does not give the file's bytes."""
    return error(
        "unreadable-file", place, f"The file can't be read: {reason}.", advice="Check the name and the rights."
    )


def too_large(place: Place, size: int, most: int) -> Problem:
    """The file is larger than any sheet of events."""
    return error(
        "too-large",
        place,
        f"The file has {size // 1_000_000:,} MB; at most {most // 1_000_000:,} MB are read.",
        advice="Split the sheet, or leave out what is not needed.",
    )


def undecodable(place: Place, encoding: str) -> Problem:
    """The text is not in the encoding that it seemed to be in."""
    name = "UTF-16" if encoding.startswith("utf-16") else "UTF-8"
    return error("encoding", place, f"The text is not {name} from here on.", advice="Save the sheet as CSV (UTF-8).")


def open_quote(place: Place) -> Problem:
    """A quoted cell swallows all the rest of the file."""
    return error(
        "open-quote",
        place,
        "A quotation mark opens in this row and never closes, so the rows below can't be told apart.",
        advice="Close the quotation mark, or take it out.",
    )


def stray_quote(place: Place, line: int) -> Problem:
    """Text follows a closed quote."""
    return error(
        "stray-quote",
        place,
        f"In line {line} of the file, text follows a closing quotation mark within the same cell.",
        expected="A quotation mark within a quoted cell is written twice.",
        advice="Write it twice, or take it out.",
    )


def huge_cell(place: Place) -> Problem:
    """A cell longer than any text that people write."""
    return error(
        "huge-cell",
        place,
        "A cell has more than 131,072 characters: perhaps a quotation mark never closes, or this is no sheet.",
        advice="Close the quotation mark, or take the cell out.",
    )


def too_many_columns(place: Place, columns: int) -> Problem:
    """More columns than any spreadsheet has."""
    return error(
        "too-many-columns",
        place,
        f"A row has {columns:,} cells; a sheet has at most 16,384.",
        advice="Check that this file is a sheet of events.",
    )


def damaged_workbook(place: Place) -> Problem:
    """The workbook is truncated or otherwise broken."""
    return error(
        "damaged-workbook",
        place,
        "The workbook is damaged or incomplete.",
        advice="Open it in a spreadsheet program, save it again, and give that file.",
    )


def unfolds_too_far(place: Place) -> Problem:
    """A zip bomb, or a workbook of that size."""
    return error(
        "too-large",
        place,
        "The workbook unpacks to more than 1,500 MB.",
        advice="Save only the sheet with the events.",
    )


def stray_far_cell(place: Place, rows: int, columns: int) -> Problem:
    """One forgotten cell far out makes the sheet a huge rectangle."""
    return error(
        "stray-far-cell",
        place,
        f"A sheet's filled cells span {rows:,} rows and up to {columns:,} columns: a stray cell stands far out.",
        advice="Delete the rows below and the columns beside the table, or save the table as CSV.",
    )


def no_sheets(place: Place) -> Problem:
    """A workbook of charts, or with every sheet hidden."""
    return error(
        "no-sheets", place, "The workbook has no visible sheet with cells.", advice="Unhide the sheet with the events."
    )


def no_such_sheet(place: Place, wanted: str, sheets: list[str]) -> Problem:
    """``--sheet`` names none of the sheets."""
    listed = ", ".join(f"“{sheet}”" for sheet in sheets) or "none"
    return error(
        "no-such-sheet", place, f"There is no sheet “{wanted}”; the sheets are: {listed}.", advice="Name one of these."
    )


def no_headings(place: Place) -> Problem:
    """No row says what the columns are."""
    return error(
        "no-headings",
        place,
        "No row of headings was found.",
        expected="A row with a heading for each column, such as “Title”, “Date”, “Start time”.",
        advice="Write headings above the first event.",
    )


def no_rows(place: Place) -> Problem:
    """Headings and nothing below."""
    return error("no-rows", place, "There is nothing below the headings.", advice="Give the sheet with the events.")


def shifted_row(place: Place, cells: int, headings: int, extra: str) -> Problem:
    """A row of delimited text has more filled cells than there are headings: its text holds a bare delimiter."""
    return error(
        "too-many-cells",
        place,
        f"The row has {cells} cells, but there are {headings} headings.",
        found=extra,
        expected="A cell that holds a delimiter within its text stands in quotation marks.",
        advice="Quote that cell, or give the last column a heading.",
    )
