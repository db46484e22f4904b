"""Days with two columns each, when somebody comes and goes, "Mo von, Mo bis" → one column a day, "7:00–14:30"."""

from __future__ import annotations

from dataclasses import replace
from datetime import time
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.tables import plain_text
from nomarium.core.values import is_date, weekday_in_any
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.tables import Cell, Grid

_BEGINS = frozenset(
    "von from start starts begin begins beginn beginnt in an kommt de da inicio entrada début arrivée inizio início "
    "van fra från od".split()
)
_ENDS = frozenset(
    "bis to end ends ende endet finish out aus geht ab a hasta fin salida sortie fine uscita fim saída tot til till "
    "do".split()
)
_MOST_ABOVE, _FEWEST_PAIRS = 6, 2
_LAST_WORD = regex(r"(?:(?P<day>.*\S)\s+)?(?P<word>[^\W\d_]+)\.?")


def join_paired_hours(grid: Grid) -> Grid | None:
    """Return a sheet with each day's two columns of times as one; None where none stand so."""
    for head in range(min(_MOST_ABOVE, len(grid.rows))):
        pairs = _pairs_in(grid, head)
        if len(pairs) >= _FEWEST_PAIRS:
            return _joined(grid, head, pairs)
    return None


def _pairs_in(grid: Grid, head: int) -> dict[int, str]:
    """Return the days of a row of headings, or of the one above it, by the first of their two columns."""
    row = [plain_text(cell).strip() for cell in grid.rows[head]]
    above = [plain_text(cell).strip() for cell in grid.rows[head - 1]] if head else []
    found: dict[int, str] = {}
    for column, (one, other) in enumerate(pairwise(row)):
        first, second = _LAST_WORD.fullmatch(one.casefold()), _LAST_WORD.fullmatch(other.casefold())
        if not first or not second or first["word"] not in _BEGINS or second["word"] not in _ENDS:
            continue
        day = one[: len(first["day"])] if first["day"] else above[column] if column < len(above) else ""
        if (second["day"] or first["day"]) == first["day"] and _is_day(day):
            found[column] = day
    return found


def _is_day(text: str) -> bool:
    return weekday_in_any(text.strip(" .")) is not None or is_date(text)


def _joined(grid: Grid, head: int, pairs: dict[int, str]) -> Grid:
    """Return the sheet with one column a pair; the row of days above goes, and what it heads beside them comes down."""
    dropped = {column + 1 for column in pairs}
    above = grid.rows[head - 1] if head else []
    two = all(column < len(above) and plain_text(above[column]).strip() == day for column, day in pairs.items())
    rows: list[list[Cell]] = []
    origins = []
    for number, row in enumerate(grid.rows):
        if two and number == head - 1:
            continue
        kept = [column for column in range(len(row)) if column not in dropped]
        cells = [_cell(row, column, number - head, pairs) for column in kept]
        if two and number == head:
            cells = [
                cell if cell != "" else above[at] if at < len(above) else ""
                for at, cell in zip(kept, cells, strict=True)
            ]
        rows.append(cells)
        origins.append([grid.origins[number][column] if grid.origins else (number, column) for column in kept])
    return replace(grid, rows=rows, origins=origins, merged=[])


def _cell(row: list[Cell], column: int, below: int, pairs: dict[int, str]) -> Cell:
    """Return what stands in a column: of a pair, its day above and its span of times below."""
    if column not in pairs or below < 0:
        return row[column]
    if below == 0:
        return pairs[column]
    ends = [_time(row[at]) for at in (column, column + 1) if at < len(row)]
    return "–".join(filter(None, ends))


def _time(cell: Cell) -> str:
    return f"{cell:%H:%M}" if isinstance(cell, time) else plain_text(cell).strip()
