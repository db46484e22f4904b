"""Cells that name several dates, "8 Sep, 6 Oct and 10 Nov 2026" → a record for each."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from nomarium.core.tables import Cell, Table, plain_text
from nomarium.core.values import (
    LIST_MARKS,
    ORDERS,
    MomentScanner,
    date_in,
    leading_weekdays,
    likeliest_words,
    parted_dates,
    shared_year,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns import Matches

_MAY_BE_SEVERAL = regex(
    r"\d.*(?:[;,\n&+]|\b(?:and|und|et|y|e|en|och|og)\b).*\d|\d\s?/\s?\d{1,2}\.?\s+[^\W\d_]", re.IGNORECASE | re.DOTALL
)
_LEAST = 2
_LONGEST = 400


def split_dates(table: Table, matches: Matches) -> None:
    """Let each date of a cell with several have a record of its own, all else of the row repeated."""
    column = matches.column("start_date")
    if column is None:
        return
    texts = [
        cell
        for cell in column.distinct
        if isinstance(cell, str) and len(cell) <= _LONGEST and _MAY_BE_SEVERAL.search(cell)
    ]
    if not texts:
        return
    scanner = MomentScanner(likeliest_words(texts))
    several = {text: dates for text in texts if (dates := dates_of(text, scanner))}
    if not several:
        return
    records = [
        (record, number, cell)
        for record, whole in enumerate(column.cells)
        for number, cell in enumerate(_each(whole, several))
    ]
    table.keep([record for record, _, _ in records])
    column.cells = [cell for _, _, cell in records]
    if (ids := matches.column("id")) is not None:  # what names a row names none of its dates
        numbers = (number for _, number, _ in records)
        ids.cells = [
            f"{plain_text(own)}/{number + 1}" if number and own != "" else own
            for own, number in zip(ids.cells, numbers, strict=True)
        ]


def _each(cell: Cell, several: dict[str, list[str]]) -> Sequence[Cell]:
    return several.get(cell, [cell]) if isinstance(cell, str) else [cell]


def dates_of(text: str, scanner: MomentScanner) -> list[str]:
    """Return the dates of a text that names several, each written out; none for one date, a range, or other words.

    A month or a year that stands behind the last holds for those before it, too: "8 and 9 September 2026".
    """
    plain = plain_text(text)
    if scanner.scan(" ".join(plain.split())) is not None:
        return []
    for mark in LIST_MARKS:
        whole = _with_years(parted_dates(plain, mark), scanner)
        if len(whole) >= _LEAST and all(_is_date(part, scanner) for part in whole):
            return whole
    weekdays, _, dated = leading_weekdays(plain)
    whole = dates_of(dated, scanner) if weekdays else []
    return whole if all(_may_be_on(part, weekdays) for part in whole) else []


def _may_be_on(part: str, weekdays: Sequence[int]) -> bool:
    """Tell whether a date is on one of some weekdays, in one order of its parts at least, or has no year."""
    days = [day for order in ORDERS if (day := date_in(part, order)) is not None]
    return not days or any(day.weekday() in weekdays for day in days)


def _with_years(parts: list[str], scanner: MomentScanner) -> list[str]:
    """Give dates the year that only the last one names; one that lies later in its year is of the year before."""
    year = shared_year(parts)
    if year is None:
        return parts
    days = [_month_and_day(part, scanner) for part in parts]
    last = days[-1]
    return [
        *(
            _in_year(part, year - (day is not None and last is not None and day > last))
            for part, day in zip(parts[:-1], days[:-1], strict=True)
        ),
        parts[-1],
    ]


def _in_year(part: str, year: int) -> str:
    return f"{part.rstrip('.')}.{year}" if _DOTTED_END.search(part) else f"{part} {year}"


_DOTTED_END = regex(r"\d\.\d{1,2}\.?$")


def _month_and_day(part: str, scanner: MomentScanner) -> tuple[int, int] | None:
    shape = scanner.scan(" ".join(part.split()))
    reading = next(iter(shape.first.readings.values())) if shape and shape.first else None
    return (reading.month, reading.day) if reading else None


def _is_date(part: str, scanner: MomentScanner) -> bool:
    shape = scanner.scan(" ".join(part.split()))
    return shape is not None and shape.first is not None and shape.last is None and not shape.times
