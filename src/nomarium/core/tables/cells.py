"""Cells as files hold them, and the addresses that spreadsheet programs show for them."""

from __future__ import annotations

from datetime import date, datetime, time, timedelta

from nomarium.lazily import regex

Cell = str | float | date | datetime | time | timedelta
"""A cell's raw value: text ("" for an empty cell), a number, or a workbook's own date, time or duration."""

MOST_ROWS = 1_048_576
MOST_COLUMNS = 16_384
"""The size of a sheet in ECMA-376 (Office Open XML) spreadsheets: no address lies beyond it."""

_RANGE = regex(r"\$?([A-Za-z]{1,3})\$?(\d{1,7}):\$?([A-Za-z]{1,3})\$?(\d{1,7})")


def column_letters(index: int) -> str:
    """Return the letters of a column: 0 → "A", 25 → "Z", 26 → "AA"."""
    letters = ""
    number = index + 1
    while number:
        number, rest = divmod(number - 1, 26)
        letters = chr(ord("A") + rest) + letters
    return letters


def column_index(letters: str) -> int:
    """Return the index of a column from its letters: "A" → 0, "AA" → 26."""
    number = 0
    for letter in letters.upper():
        number = number * 26 + ord(letter) - ord("A") + 1
    return number - 1


def address(row: int, column: int) -> str:
    """Return the address of a cell, from its row counted from 1 and its column counted from 0: (7, 1) → "B7"."""
    return f"{column_letters(column)}{row}"


def range_address(first_row: int, first_column: int, last_row: int, last_column: int) -> str:
    """Return the address of a rectangle, rows counted from 1 and columns from 0: "B4:H90"."""
    return f"{address(first_row, first_column)}:{address(last_row, last_column)}"


def parse_range(text: str) -> tuple[int, int, int, int] | None:
    """Return (first row, first column, last row, last column) of "B4:H90", or None where it is no range."""
    match = _RANGE.fullmatch(text.strip())
    if not match:
        return None
    left, top, right, bottom = match.groups()
    rows = sorted((int(top), int(bottom)))
    columns = sorted((column_index(left), column_index(right)))
    if rows[0] < 1 or rows[1] > MOST_ROWS or columns[1] >= MOST_COLUMNS:
        return None
    return rows[0], columns[0], rows[1], columns[1]


def lies_within(cells: str, area: str) -> bool:
    """Tell whether a cell or range such as "B4" or "B4:H4" begins within another range."""
    first = cells.partition(":")[0]
    cell, box = parse_range(f"{first}:{first}"), parse_range(area)
    return cell is not None and box is not None and box[0] <= cell[0] <= box[2] and box[1] <= cell[1] <= box[3]


def plain_text(cell: Cell) -> str:
    """Return a cell as a person would type it: 101.0 → "101", a date → "2026-09-08", a time → "09:00"."""
    if isinstance(cell, str):
        return cell
    if isinstance(cell, float):
        return str(int(cell)) if cell.is_integer() and abs(cell) < 1e15 else repr(cell)
    if isinstance(cell, datetime):
        return cell.isoformat(" ", "seconds" if cell.second else "minutes")
    if isinstance(cell, time):
        return cell.isoformat("seconds" if cell.second else "minutes")
    if isinstance(cell, timedelta):
        minutes, seconds = divmod(round(cell.total_seconds()), 60)
        return f"{minutes // 60}:{minutes % 60:02}" + (f":{seconds:02}" if seconds else "")
    return cell.isoformat() if isinstance(cell, date) else str(cell)


_FORMULA = regex(r"'*[=+\-@\t\r]")
_GUARDED = regex(r"'+[=+\-@\t\r]")


def guarded(text: str) -> str:
    """Return a text that a spreadsheet program will not take for a formula when it opens delimited text."""
    return f"'{text}" if _FORMULA.match(text) else text


def unguarded(text: str) -> str:
    """Return a text of delimited text without the mark that ``guarded`` puts in front.

    ``="…"``, by which some programs keep a spreadsheet from changing a text, is that text.
    """
    if text.startswith('="') and text.endswith('"') and len(text) > 2:
        return text[2:-1].replace('""', '"')
    return text[1:] if _GUARDED.match(text) else text
