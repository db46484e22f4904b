"""A line for each class, room or person → a grid for each, one below the other.

Above the lines stand days over periods; or periods alone, where every school day is like the others.
"""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from itertools import pairwise

from nomarium.core.shapes import is_free
from nomarium.core.slots import DayReader, UnknownDay, bare_period, read_periods
from nomarium.core.tables import Cell, Grid, GridView, Spot, plain_text
from nomarium.core.timetable.captions import OWNERS, each_by_name
from nomarium.core.values import is_date, is_span, weekday_in_any
from nomarium.lazily import regex

_FEWEST_DAYS = 2
_FEWEST_PARTS = 2
_MOST_ROWS_ABOVE = 20
_LONGEST_PART = 24
_MOST_ROWS = 600


def stacked(grid: Grid, days: DayReader, cycles: Sequence[str]) -> Grid | None:
    """Return a sheet of such lines as grids with their names above them; None for a sheet of any other shape.

    Every cell of the new sheet keeps its own address.
    """
    if len(grid.rows) > _MOST_ROWS:
        return None
    grid = _parts_below_days(grid, days, cycles) or grid
    for turned in (False, True):
        view = GridView(grid, turned)
        for row in range(min(_MOST_ROWS_ABOVE, len(view.rows) - 2)):
            heads = _days_over_parts(view, row, days, cycles)
            more = _more_of_lines(view, row, min(heads)) if heads else None
            names = _names_below(view, row + 1) if more is not None else []
            if names and more is not None and not any(is_span(view.text(name, 0)) for name in names):
                return _stack(view, row, heads, names, more)
    upright = GridView(grid)
    for row in range(min(_MOST_ROWS_ABOVE, len(upright.rows) - 1)):
        if (across := _periods_across(upright, row)) is not None:
            return _stack_of_all_days(upright, across)
    return None


@dataclass(frozen=True, slots=True)
class _PeriodsAcross:
    """Periods in a row, below each what somebody does then on every school day."""

    head: int
    whose: str
    """What the lines are named by, as OWNERS."""
    more: dict[int, str]
    """Columns that say more of a line: their labels."""
    periods: list[int]
    names: list[int]
    """The rows of the lines."""


def _periods_across(view: GridView, row: int) -> _PeriodsAcross | None:
    """Return where periods stand in a row behind headings such as Teacher and Room, and no days anywhere."""
    filled = dict(view.filled(row))
    periods = [column for column, text in filled.items() if PERIOD_WORD.fullmatch(text) or text.isdecimal()]
    if len(periods) < _FEWEST_PERIODS or periods != list(range(periods[0], periods[0] + len(periods))):
        return None
    if all(filled[column].isdecimal() for column in periods) and [int(filled[c]) for c in periods] != list(
        range(1, len(periods) + 1)
    ):
        return None
    leads = [column for column in filled if column < periods[0]]
    kinds = {column: each_by_name(filled[column]) for column in leads}
    if not leads or leads[0] != 0 or not all(kinds.values()) or len(set(kinds.values())) < len(leads):
        return None
    if any(column > periods[-1] for column in filled):
        return None
    names = [below for below in range(row + 1, len(view.rows)) if view.text(below, 0)]
    cells = [text for below in names for column in periods if (text := view.text(below, column))]
    wordy = [text for text in cells if any(map(str.isalpha, text)) and not is_span(text) and not is_date(text)]
    if not names or len(wordy) * 2 <= len(cells) or names[-1] - row > len(names) + _MOST_BLANK:
        return None
    more = {column: kinds[column].capitalize() for column in leads[1:]}
    return _PeriodsAcross(row, kinds[0], more, periods, names)


_FEWEST_PERIODS = 3
_MOST_BLANK = 5


def _stack_of_all_days(view: GridView, across: _PeriodsAcross) -> Grid:
    """Return the grids of all names, each with one column for every school day."""
    rows: list[list[Cell]] = []
    origins: list[list[Spot]] = []
    corner = view.spot(across.head, 0)
    for name in across.names:
        own = view.spot(name, 0)
        rows += [[f"{across.whose.capitalize()} {view.text(name, 0)}"], ["Period", EVERY_DAY]]
        origins += [[own], [corner, corner]]
        more = [f"{label}: {text}" for column, label in across.more.items() if (text := view.text(name, column))]
        for column in across.periods:
            text = "" if view.is_covered(name, column) else view.text(name, column)
            idle = not text or is_free(text) or not_taught(across.whose, text)
            rows.append([view.cell(across.head, column), "" if idle else "\n".join([text, *more])])
            origins.append([view.spot(across.head, column), view.spot(name, column)])
        rows.append([])
        origins.append([])
    return _laid_anew(view.grid, rows, origins)


def not_taught(whose: str, text: str) -> bool:
    """Tell whether a cell of a teacher’s timetable, or of a room’s, says that no class meets: "Planning"."""
    return whose in ("teacher", "room") and text.casefold() in _NOT_TEACHING


_NOT_TEACHING = frozenset(
    "prep|prep period|prep time|preparation|planning|planning period|plan|plan period|conference|conference period|"
    "freistunde|springstunde|hueco|hora libre|trou|tussenuur".split("|")
)
"""What the line of a teacher, or of a room, says where no class meets."""
EVERY_DAY = "every school day"
"""The head of what is so on all days."""
PERIOD_WORD = regex(
    r"(?:p|pd|per|period|block|lesson|hour|slot|module|mod)s?\s*\.?\s*[:#-]?\s*\d+\w?|"
    r"\d+(?:st|nd|rd|th)(?: (?:period|block|lesson|hour))?",
    re.IGNORECASE,
)


def _days_over_parts(view: GridView, row: int, days: DayReader, cycles: Sequence[str]) -> dict[int, list[int]]:
    """Return the columns of each day, by its own first one: each holds a part of the day below it; none otherwise."""
    filled = dict(view.filled(row))
    first = next((column for column, text in filled.items() if _is_day(text, days, cycles)), None)
    if first is None or any(not _is_day(text, days, cycles) for column, text in filled.items() if column >= first):
        return {}
    if any(column < first and view.text(row + 1, column) == "" and text == "" for column, text in filled.items()):
        return {}
    starts = [column for column in filled if column >= first]
    parts = [column for column, _ in view.filled(row + 1) if column >= first]
    if len(starts) < _FEWEST_DAYS or not all(_is_part(view.text(row + 1, column)) for column in parts):
        return {}
    found = {
        start: [column for column in parts if start <= column and (end is None or column < end)]
        for start, end in zip(starts, [*starts[1:], None], strict=True)
    }
    return found if min(map(len, found.values())) >= _FEWEST_PARTS else {}


def _parts_below_days(grid: Grid, days: DayReader, cycles: Sequence[str]) -> Grid | None:
    """Return a sheet whose heads are "Mon AM | Mon PM" or "A1 | A2" with the parts below the days; None for others."""
    view = GridView(grid)
    for row in range(min(_MOST_ROWS_ABOVE, len(view.rows) - 1)):
        filled = dict(view.filled(row))
        heads = {column: parts for column, text in filled.items() if column and (parts := _day_and_part(text))}
        behind = [column for column in filled if heads and column >= min(heads)]
        if len(heads) < _FEWEST_DAYS * _FEWEST_PARTS or list(heads) != behind:
            continue
        if not all(_is_day(day, days, cycles) for day, _ in heads.values()) or not _are_parts_of_days(heads):
            continue
        before = {column: heads[at][0] for at, column in pairwise(behind)}
        above = [day if day != before.get(column) else "" for column, (day, _) in heads.items()]
        lead: list[Cell] = [view.cell(row, column) for column in range(behind[0])]
        split: list[list[Cell]] = [[*lead, *above], [*("" for _ in lead), *(part for _, part in heads.values())]]
        width = range(view.width)
        spots = [[view.spot(number, column) for column in width] for number in range(len(view.rows))]
        rows = [*grid.rows[:row], *split, *grid.rows[row + 1 :]]
        return replace(grid, rows=rows, merged=[], origins=[*spots[: row + 1], *spots[row:]])
    return None


def _day_and_part(text: str) -> tuple[str, str] | None:
    """Return the day and its part that a head names: "Mon AM", "Tue P2", "A-1", "Day 2 P3"; None for another text."""
    text = " ".join(text.split())
    if (match := _NUMBERED.fullmatch(text)) is not None:
        return match["day"].strip(" -/.:"), match["part"]
    day, _, part = text.rpartition(" ")
    return (day, part) if day and not part.isdecimal() and _is_part(part) else None


_NUMBERED = regex(
    r"(?P<day>(?:day |tag |jour )?(?:[^\W\d_]+|\d+(?=[ /:-]*p))(?: day)?)[ /.:-]*"
    r"(?P<part>(?:p|per|period|std\.?|h)?\.?\s?\d{1,2})",
    re.IGNORECASE,
)


def _are_parts_of_days(heads: Mapping[int, tuple[str, str]]) -> bool:
    """Tell whether each day has several parts, which begin with the first where they are numbers: no dates have."""
    parts: dict[str, list[str]] = {}
    for day, part in heads.values():
        parts.setdefault(day.casefold(), []).append(part)
    numbers = [
        [int(re.findall(r"\d+", part)[-1]) for part in of_day if part[-1:].isdecimal()] for of_day in parts.values()
    ]
    rising = all(
        of_day == list(range(of_day[0], of_day[0] + len(of_day))) and of_day[0] <= 1 for of_day in numbers if of_day
    )
    return min(map(len, parts.values())) >= _FEWEST_PARTS and rising


def _is_day(text: str, days: DayReader, cycles: Sequence[str]) -> bool:
    found = days.read(" ".join(text.split()), cycles)
    return not isinstance(found, UnknownDay) and len(found) == 1


def _is_part(text: str) -> bool:
    """Tell whether a text is a part of a day: a span of times, a period, a word for one."""
    named = len(text) <= _LONGEST_PART and weekday_in_any(text) is None and read_periods(text) is not None
    return named or is_span(text)


def _names_below(view: GridView, row: int) -> list[int]:
    """Return the rows below the parts that a name in the first column heads; none where any has no name."""
    found = [below for below in range(row + 1, len(view.rows)) if len(list(view.filled(below))) > 1]
    texts = [view.text(below, 0) for below in found]
    named = all(texts) and len(set(texts)) == len(texts) and not any(map(str.isdecimal, texts))
    return found if named else []


def _more_of_lines(view: GridView, head: int, first: int) -> dict[int, str] | None:
    """Return the labels of the columns between names and days, such as Room; None where one says something else."""
    labels = {
        column: each_by_name(view.text(head, column) or view.text(head + 1, column)) for column in range(1, first)
    }
    return {column: kind.capitalize() for column, kind in labels.items()} if all(labels.values()) else None


def _stack(
    view: GridView, head: int, heads: dict[int, list[int]], names: Sequence[int], more: Mapping[int, str]
) -> Grid:
    """Return the grids of all names; what more columns say of a line stands in each of its cells."""
    heading = view.text(head, 0) or view.text(head + 1, 0)
    kind = each_by_name(heading)
    word = kind.capitalize() if kind in OWNERS else ""
    days = list(heads)
    most = max(heads.values(), key=len)
    rows: list[list[Cell]] = []
    origins: list[list[Spot]] = []
    corner = view.spot(head, 0)
    numbered = all(bare_period(view.text(head + 1, column)).isdecimal() for column in most)
    label_of_lines = "Period" if numbered else ""
    for name in names:
        own = view.spot(name, 0)
        label = view.text(name, 0)
        said = [f"{heading}: {text}" for column, heading in more.items() if (text := view.text(name, column))]
        rows += [[f"{word} {label}".strip()], [label_of_lines, *(view.cell(head, day) for day in days)]]
        origins += [[own], [corner, *(view.spot(head, day) for day in days)]]
        for index, column in enumerate(most):
            columns = [heads[day][index] if index < len(heads[day]) else None for day in days]
            rows.append(
                [
                    view.cell(head + 1, column),
                    *(_with(_cell(view, name, c), said, kind) if c is not None else "" for c in columns),
                ]
            )
            spots = [view.spot(name, c) if c is not None else own for c in columns]
            origins.append([view.spot(head + 1, column), *spots])
        rows.append([])
        origins.append([])
    return _laid_anew(view.grid, rows, origins)


def _laid_anew(grid: Grid, rows: list[list[Cell]], origins: list[list[Spot]]) -> Grid:
    """Return a sheet with other rows, each cell where it stands on the first sheet that it came from."""
    if grid.origins:
        origins = [[grid.origins[row][column] for row, column in spots] for spots in origins]
    return replace(grid, rows=rows, merged=[], origins=origins)


def _with(cell: Cell, said: Sequence[str], whose: str) -> Cell:
    """Return a cell with what is said of its line, a line each; as it is where nothing is on."""
    text = plain_text(cell).strip()
    return cell if not said or not text or is_free(text) or not_taught(whose, text) else "\n".join([text, *said])


def _cell(view: GridView, row: int, column: int) -> Cell:
    """Return a cell; of a merged area what it begins with."""
    if view.is_covered(row, column):
        column = next((c for c in range(column, -1, -1) if not view.is_covered(row, c)), column)
    return view.cell(row, column)
