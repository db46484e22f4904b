"""Captions among the rows of a table, which give those below them their month or year: "September", "Autumn 2026"."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from dataclasses import replace
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.columns import wording
from nomarium.core.columns.fields import DAY_HEADINGS, MOMENT_FIELDS, YEAR_HEADINGS, Kind, heading_key
from nomarium.core.tables import Cell, Column, LeftOut, Table, is_data, plain_text
from nomarium.core.values import MONTH_NAMES, month_named, month_of, names_part_of_year, weekday_in_any
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns.headings import Headings
    from nomarium.core.problems import Problem

_MONTH = regex(r"(?P<month>[^\W\d_]+)\.?,?(?:\s+(?:de\s+|del\s+)?(?P<year>\d{4}))?")
_SEASON = regex(
    r"(?:autumn|fall|winter|spring|summer|herbst|frühling|frühjahr|sommer|automne|hiver|printemps|été|otoño|invierno|"
    r"primavera|verano|autunno|inverno|estate)(?:,?\s+\d{4}(?:\s*[-–/]\s*\d{2,4})?)?|\d{4}(?:\s*[-–/]\s*\d{2,4})?",
    re.IGNORECASE,
)
_YEAR = regex(r"(?<!\d)(?:19|20|21)\d\d(?!\d)")
_DAY = r"\d{1,2}(?:st|nd|rd|th|er|\.|º)?"
_DAYS = regex(rf"(?:[^\W\d_]{{2,10}}\.?,?\s+)?{_DAY}(?:\s*[-–]\s*{_DAY})?(?:,?\s+[^\W\d_]{{2,10}}\.?)?", re.IGNORECASE)
"""A day's number, perhaps with its weekday, or a span of them."""
_YEARLESS = regex(r"(?=.*[^\W\d_]{3})(?!.*\d{3})(?=.*\d)[^–—-]+")
"""A date with its month in words and without a year, and no span."""


_ABOUT_PARTS = frozenset({Kind.TERMS, Kind.CLOSURES, Kind.SPECIAL_DAYS})
"""Kinds of sheets whose rows may be called as parts of the year are: there only months are captions."""


def is_caption(text: str, kind: Kind) -> bool:
    """Tell whether a text names a month, a season, a year or a part of it, and nothing else."""
    if _month_named(text) is not None:
        return True
    return kind not in _ABOUT_PARTS and (bool(_SEASON.fullmatch(text.strip())) or names_part_of_year(text))


def _month_named(text: str) -> str | None:
    """Return a caption's month, with its year where it has one; None for another text."""
    found = _MONTH.fullmatch(" ".join(text.split()))
    return found[0] if found and month_of(found["month"]) is not None else None


def settle_captions(table: Table, headings: Headings) -> list[Problem]:
    """Take captions out of the rows of a table, and give the dates below them their month or year, in place.

    The nearest text above the headings counts as the first caption where it is one. A column of months does as well.
    """
    columns = list(table.columns)
    spoken = _spoken(table, headings.sheet.kind) or _years_beside(table, headings.sheet.kind)
    titled = "" if any(spoken) else _month_of_titles(table)
    wanting = _columns_of_days(table, headings) if titled or any(spoken) else []
    if wanting and not (titled and not _are_days_in_order(wanting[0].cells)):
        spoken = spoken or [titled] * len(table)
        said = [one for column in wanting if (one := _complete(table, column, spoken)) is not None]
        if said:
            return said
    table.columns[:] = columns
    return []


def _complete(table: Table, column: Column, spoken: Sequence[str]) -> Problem | None:
    """Complete the dates of a column with their captions, and say so; None where that changes nothing."""
    changed = [_completed(cell, caption) for cell, caption in zip(column.cells, spoken, strict=True)]
    different = [record for record, cell in enumerate(changed) if cell != column.cells[record]]
    if not different:
        return None
    place = table.cell_place(different[0], column)
    column.cells = changed
    return wording.dates_under_captions(place, len(different), spoken[different[0]])


def has_captioned_days(table: Table, headings: Headings) -> bool:
    """Tell whether a column holds days that captions give their month; the table stays as it is."""
    return settled_copy(table, headings) is not None


def settled_copy(table: Table, headings: Headings) -> Table | None:
    """Return a table as its captions make it; None where it has none; the table stays as it is."""
    columns = [replace(column, cells=list(column.cells)) for column in table.columns]
    copied = replace(table, columns=columns, left_out=table.left_out.copy())
    return copied if settle_captions(copied, headings) else None


def _month_of_titles(table: Table) -> str:
    """Return the one month that the titles of a table name with its year; "" for none."""
    month = month_named(table.titles)
    return f"{MONTH_NAMES[month.month - 1]} {month.year}" if month is not None else ""


def _are_days_in_order(cells: Sequence[Cell]) -> bool:
    """Tell whether cells are days of a month that never go back, as those of a single month do."""
    texts = [plain_text(cell).strip() for cell in cells if cell != ""]
    numbers = [int(re.findall(r"\d+", text)[0]) for text in texts if _is_day(text)]
    return len(numbers) == len(texts) and numbers == sorted(numbers)


def _spoken(table: Table, kind: Kind) -> list[str]:
    """Return the caption above each record, and take the records out that are captions; nothing where there is none."""
    first = next((title for title in table.titles[:1] if is_caption(title, kind)), "")
    before = {record: text if is_caption(text, kind) else "" for record, text in table.captions.items()}
    alone = _captions_alone(table, kind)
    if not (any(before.values()) or alone) and (beside := _months_beside(table)):
        return beside
    if not (first or before or alone):
        return []
    above = {**before, **alone}
    spoken, now = [], first
    for record in range(len(table)):
        now = above.get(record, now)
        if record not in alone:
            spoken.append(now)
    _take_out(table, alone)
    return spoken


def _months_beside(table: Table) -> list[str]:
    """Return the month that a column of its own says of each record, perhaps once for several, and take it out."""
    for column in table.columns:
        months = _carried_months(column.cells)
        if not months:
            continue
        if any(heading_key(other.heading) in YEAR_HEADINGS for other in table.columns):
            return []
        table.columns.remove(column)
        return months
    return []


def _years_beside(table: Table, kind: Kind) -> list[str]:
    """Return the names of terms, where each has one year in it: "Autumn 2026", beside dates without any."""
    for column in table.columns if kind is Kind.TERMS else ():
        names = [plain_text(cell) for cell in column.cells]
        if names and all(len(_YEAR.findall(name)) == 1 and not _is_dated(name) for name in names):
            return names
    return []


def _is_dated(name: str) -> bool:
    return is_data(name) or any(month_of(word) is not None for word in re.findall(r"[^\W\d_]{3,}", name))


def _carried_months(cells: Sequence[Cell]) -> list[str]:
    """Return the month that each cell names, an empty one that above it; nothing where one names none."""
    months: list[str] = []
    for cell in cells:
        month = _month_in_cell(cell) if cell != "" else months[-1] if months else None
        if month is None:
            return []
        months.append(month)
    return months


def _month_in_cell(cell: Cell) -> str | None:
    """Return the month that a cell names, perhaps with its year: "September", or its first day; None for none."""
    if isinstance(cell, date):
        return f"{MONTH_NAMES[cell.month - 1]} {cell.year}" if cell.day == 1 else None
    return _month_named(cell) if isinstance(cell, str) else None


def _captions_alone(table: Table, kind: Kind) -> dict[int, str]:
    """Return the records of which one cell alone is filled, and is a caption."""
    others = len(table.columns) - 1
    if sum("" not in column.cells for column in table.columns) > 1:
        return {}
    rows = enumerate(zip(*(column.cells for column in table.columns), strict=True))
    single = ((record, next(cell for cell in row if cell != "")) for record, row in rows if row.count("") == others > 0)
    return {record: cell for record, cell in single if isinstance(cell, str) and is_caption(cell, kind)}


def _take_out(table: Table, records: Collection[int]) -> None:
    if records:
        table.keep([record for record in range(len(table)) if record not in records])
    table.left_out[LeftOut.CAPTION] += len(records)


def _columns_of_days(table: Table, headings: Headings) -> list[Column]:
    """Return the columns whose cells want a month or a year: one of dates by its heading, else the first.

    So do further ones of dates without a year. None where another column has whole dates: what are numbers beside them
    is something else.
    """
    if any(map(_holds_whole_dates, table.columns)):
        return []
    dated = [
        column
        for column in table.columns
        if headings(column.heading) in MOMENT_FIELDS or heading_key(column.heading) in DAY_HEADINGS
    ]
    candidates = [*dated, *(column for column in table.columns[:1] if not column.heading)]
    fitting = [column for column in candidates if _wants_more(column.cells)]
    return [*fitting[:1], *(column for column in fitting[1:] if _lack_years(column.cells))]


def _holds_whole_dates(column: Column) -> bool:
    cells = [cell for cell in column.cells if cell != ""]
    return bool(cells) and all(isinstance(cell, date) or (is_data(cell) and _YEAR.search(str(cell))) for cell in cells)


def _wants_more(cells: Sequence[Cell]) -> bool:
    texts = [plain_text(cell).strip() for cell in cells if cell != ""]
    return bool(texts) and (all(map(_is_day, texts)) or _lack_years(cells))


def _lack_years(cells: Sequence[Cell]) -> bool:
    texts = [plain_text(cell).strip() for cell in cells if cell != ""]
    return bool(texts) and all(map(_YEARLESS.fullmatch, texts))


def _is_day(text: str) -> bool:
    if _DAYS.fullmatch(text) is None or any(not 1 <= int(number) <= _LAST_DAY for number in re.findall(r"\d+", text)):
        return False
    words = re.findall(r"[^\W\d_]{2,}", re.sub(r"(?<=\d)(?:st|nd|rd|th|er)", "", text))
    return all(weekday_in_any(word) is not None for word in words)


_LAST_DAY = 31


def _completed(cell: Cell, caption: str) -> Cell:
    """Return a date with what its caption says: "8" below "September 2026", "8 Sep" below "Autumn 2026"."""
    text = plain_text(cell).strip()
    if not text or not caption:
        return cell
    month = _month_named(caption)
    if _is_day(text):
        return f"{text} {month}" if month else cell
    year = _YEAR.findall(caption)
    return f"{text} {year[0]}" if len(year) == 1 and not re.search(r"\d\s*[-–/]\s*\d", caption) else cell
