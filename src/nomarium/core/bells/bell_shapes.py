"""Where bell times lie on a sheet: in one table, in several side by side, or in pairs of columns under one period.

Whatever the shape, what comes out is one table a part, its cells at their own addresses, and the caption that says on
which days it holds: "Early dismissal", "Upper", "" for none.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from typing import NamedTuple

from nomarium.core.columns import Headings
from nomarium.core.kinds import BELL_SHEET
from nomarium.core.slots import bare_period
from nomarium.core.tables import Cell, Grid, GridView, Spot, plain_text
from nomarium.core.values import is_span
from nomarium.lazily import regex

_MOST_ROWS_ABOVE = 20
_WORD = regex(r"\S+")
_MOST_WORDS = 8
_IN_BRACKETS = regex(r"([^()]+)\(([^()]+)\)\s*")


class Part(NamedTuple):
    """One table of bell times, and the caption that says when it holds."""

    grid: Grid
    caption: str


def bell_parts(grid: Grid) -> list[Part]:
    """Return the tables of bell times on a sheet, the sheet itself where it holds but one."""
    known = Headings(BELL_SHEET)
    if stacked := _one_below_other(grid, known):
        return stacked
    for index, row in enumerate(grid.rows[:_MOST_ROWS_ABOVE]):
        texts = [" ".join(plain_text(cell).split()) if isinstance(cell, str) else "" for cell in row]
        fields = [known(text) if text else None for text in texts]
        starts = [column for column, field in enumerate(fields) if field == "period"]
        if len(starts) > 1:
            return _side_by_side(grid, index, starts, len(row))
        if len(starts) == 1 and (pairs := _pairs_below(grid, index, texts, known)):
            timed = {column for both in pairs.values() for column in both}
            return [
                Part(_pair(_one_heading(grid, index), index + 1, pair, timed), name) for name, pair in pairs.items()
            ]
        above = [" ".join(plain_text(cell).split()) for cell in grid.rows[index - 1]] if index else []
        if len(starts) == 1 and above and (pairs := _pairs_below(grid, index - 1, above, known)):
            timed = {column for both in pairs.values() for column in both}
            bare = replace(grid, rows=[[] if number == index - 1 else one for number, one in enumerate(grid.rows)])
            return [Part(_pair(bare, index, pair, timed), name) for name, pair in pairs.items()]
        if len(starts) == 1 and (pairs := _pairs(texts, known)):
            timed = {column for both in pairs.values() for column in both}
            return [Part(_pair(grid, index, pair, timed), name) for name, pair in pairs.items()]
    return [Part(grid, "")]


def turning_periods(grid: Grid) -> Grid | None:
    """Return the list of bell times that stands on a sheet whose periods turn; None for any other.

    Times stand along one side, days along the other, and the number of a period in each cell, in another order on
    another day.
    """
    if len(grid.rows) > _MOST_TURNING:
        return None
    for turned in (False, True):
        view = GridView(grid, turned)
        for row in range(min(_MOST_ROWS_ABOVE, len(view.rows))):
            if (found := _turning(view, row)) is not None:
                return found
    return None


def _turning(view: GridView, head: int) -> Grid | None:
    heads = dict(view.filled(head))
    times = next((column for column in range(view.width) if is_span(view.text(head + 1, column))), None)
    days = [column for column in heads if times is not None and column > times]
    rows = [row for row in range(head + 1, len(view.rows)) if times is not None and is_span(view.text(row, times))]
    if len(days) < _FEWEST_DAYS or len(rows) < _FEWEST_ROWS or any(map(is_span, heads.values())):
        return None
    orders = [tuple(bare_period(view.text(row, day)) for row in rows) for day in days]
    said = [[period for period in order if period and period not in _NOTHING] for order in orders]
    numbered = [period for several in said for period in several if period.isdecimal()]
    if len(set(map(tuple, said))) < _FEWEST_DAYS or any(len(set(several)) < len(several) for several in said):
        return None
    if len(numbered) * 4 < sum(map(len, said)) * 3 or len(set(numbered)) * 2 > len(numbered):
        return None
    listed: list[list[Cell]] = [["Period", "Hours", "Day"]]
    origins: list[list[Spot]] = [[(0, 0)] * 3]
    for day, order in zip(days, orders, strict=True):
        for row, period in zip(rows, order, strict=True):
            if period and period not in _NOTHING:
                listed.append([period, view.cell(row, times or 0), heads[day]])
                spots = [(row, day), (row, times or 0), (head, day)]
                origins.append([view.spot(*spot) for spot in spots])
    return view.grid.as_list(listed, origins)


_FEWEST_DAYS, _FEWEST_ROWS = 2, 2
_MOST_TURNING = 100
_NOTHING = frozenset("- – — free none x".split())


def _one_below_other(grid: Grid, known: Headings) -> list[Part]:
    """Return the tables that stand one below the other, each below its caption and the same headings; else none."""
    if len(grid.rows) > _MOST_STACKED:
        return []
    heads = [row for row, texts in enumerate(map(_texts_of, grid.rows)) if list(map(known, texts)).count("period") == 1]
    first = _texts_of(grid.rows[heads[0]]) if heads else []
    if len(heads) < _FEWEST_TABLES or any(_texts_of(grid.rows[head]) != first for head in heads):
        return []
    captions = [_caption_above(grid, head) for head in heads]
    ends = [head - bool(caption) for head, caption in zip(heads, captions, strict=True)]
    parts = []
    for head, end, caption in zip(heads, [*ends[1:], len(grid.rows)], captions, strict=True):
        cut: list[list[Cell]] = [row if head <= number < end else [] for number, row in enumerate(grid.rows)]
        parts.append(Part(replace(grid, rows=cut), caption))
    return parts if all(captions[1:]) else []


_FEWEST_TABLES, _MOST_STACKED = 2, 400


def _texts_of(row: list[Cell]) -> list[str]:
    return [" ".join(plain_text(cell).split()) for cell in row if cell != ""]


def _caption_above(grid: Grid, head: int) -> str:
    """Return what stands alone in the row above headings; "" for nothing, and for the last row of a table."""
    above = _texts_of(grid.rows[head - 1]) if head else []
    return above[0] if len(above) == 1 else ""


def _side_by_side(grid: Grid, head: int, starts: list[int], width: int) -> list[Part]:
    parts = []
    for start, end in zip(starts, [*starts[1:], width], strict=True):
        rows = [[cell if start <= column < end else "" for column, cell in enumerate(row)] for row in grid.rows]
        captions = [plain_text(cell) for row in rows[:head] for cell in row if isinstance(cell, str) and cell]
        cut: list[list[Cell]] = [[] if number < head else row for number, row in enumerate(rows)]
        parts.append(Part(replace(grid, rows=cut), captions[-1] if captions else ""))
    return parts


def _pairs(texts: list[str], known: Headings) -> dict[str, tuple[int, int]]:
    """Return the columns of a start and an end by the words beside both: "Regular start, Regular end", "Start (Wed)".

    One pair may have no such words, and holds where no other does; it is called "".
    """
    ends: dict[str, dict[str, int]] = {}
    names: dict[str, str] = {}
    for column, text in enumerate(texts):
        for name, heading in _cuts(text):
            field = known(heading)
            if field in ("start", "end"):
                ends.setdefault(name.casefold(), {}).setdefault(field, column)
                names.setdefault(name.casefold(), name)
                break
    found = {names[key]: (both["start"], both["end"]) for key, both in ends.items() if len(both) == 2}
    return found if len(found) > 1 else {}


def _cuts(text: str) -> Iterator[tuple[str, str]]:
    """Yield how a text may be parted into a name and a heading: in brackets, none, before it or behind it."""
    if bracketed := _IN_BRACKETS.fullmatch(text):
        yield bracketed[2].strip(), bracketed[1].strip()
    words = _WORD.findall(text)
    yield "", " ".join(words)
    if len(words) > _MOST_WORDS:
        return
    for cut in range(1, len(words)):
        yield " ".join(words[:cut]).strip(" :–-"), " ".join(words[cut:])
    for cut in range(len(words) - 1, 0, -1):
        yield " ".join(words[cut:]).strip(" :–-"), " ".join(words[:cut])


def _pairs_below(grid: Grid, index: int, texts: list[str], known: Headings) -> dict[str, tuple[int, int]]:
    """Return the columns of a start and an end that stand below a caption each: "Regular" over "Start, End"."""
    below = grid.rows[index + 1] if index + 1 < len(grid.rows) else []
    fields = [known(" ".join(plain_text(cell).split())) if isinstance(cell, str) and cell else None for cell in below]
    pairs: dict[str, tuple[int, int]] = {}
    for column in range(len(fields) - 1):
        caption = next((text for text in reversed(texts[: column + 1]) if text), "")
        if fields[column : column + 2] == ["start", "end"] and caption and known(caption) != "period":
            pairs[caption] = (column, column + 1)
    return pairs if len(pairs) > 1 else {}


def _one_heading(grid: Grid, index: int) -> Grid:
    """Return a sheet with two lines of headings as one with the lower, which has the periods' heading, too."""
    rows = [list(row) for row in grid.rows]
    upper, lower = rows[index], rows[index + 1]
    for column, cell in enumerate(upper):
        lower.extend([""] * (column + 1 - len(lower)))
        lower[column] = lower[column] or (cell if column < _first_pair(lower) else "")
    rows[index] = []
    return replace(grid, rows=rows)


def _first_pair(row: list[Cell]) -> int:
    return next((column for column, cell in enumerate(row) if cell != ""), len(row))


def _pair(grid: Grid, head: int, pair: tuple[int, int], timed: set[int]) -> Grid:
    """Return a sheet with one of its pairs of times only, under the usual headings."""
    rows = [
        [cell if column in pair or column not in timed else "" for column, cell in enumerate(row)] for row in grid.rows
    ]
    rows[head][pair[0]], rows[head][pair[1]] = "Start", "End"
    return replace(grid, rows=rows)
