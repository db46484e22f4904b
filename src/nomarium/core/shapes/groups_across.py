"""Columns that come again, "Training 1 | Training 2" or "Day, Time | Day, Time" → a row for each time they come."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from typing import NamedTuple

from nomarium.core.columns import Kind, holds_dates, holds_days_and_times, holds_weekdays
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Column, Grid, GridView
from nomarium.lazily import regex

_MOST_ABOVE = 6
_FEWEST_GROUPS = 2
_NUMBER = regex(
    r"(?:^|(?<=[\s.#(]))(\d{1,2})(?:st|nd|rd|th|\.|º|ª|e|er|ère)?(?=$|[\s)])|(?<=[^\W\d_])(\d)$", re.IGNORECASE
)
_COUNTED = regex(
    r"(?:weeks?|wk|wochen?|kw|semaines?|semanas?|settimane?|weken|veckor|vecka|uger|uge|uker|uke|terms?|semesters?|"
    r"quarters?|months?|periods?|lessons?|stunden?|days?)",
    re.IGNORECASE,
)
"""What heads columns of another shape: weeks, periods and days that are numbered stand across a grid."""


class _Group(NamedTuple):
    """The columns of one turn, by what their headings have in common."""

    columns: dict[str, int]


def groups_across(grid: Grid) -> Unfolded | None:
    """Return the list whose rows say several times when something is, in columns that come again; None for others."""
    view = GridView(grid)
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        headings = dict(view.filled(head))
        for groups in (_numbered(headings), _repeated(headings)):
            taken = {column for group in groups for column in group.columns.values()}
            if len(groups) >= _FEWEST_GROUPS and len(taken) < len(headings):
                named = _named(view, head, groups)
                others = [column for column in headings if column not in taken]
                if named is not None and not any(_says_when(_column(view, head, [column])) for column in others):
                    return _list(view, head, groups, named)
    return None


def _numbered(headings: dict[int, str]) -> list[_Group]:
    """Return the groups that headings with a number make: "Day 1", "Time 1", "Day 2" …; each has the same."""
    found: dict[int, dict[str, int]] = {}
    for column, text in headings.items():
        match = _NUMBER.search(text)
        key = " ".join(_NUMBER.sub(" ", text).split()).casefold() if match else ""
        if match and key:
            found.setdefault(int(match[1] or match[2]), {}).setdefault(key, column)
    groups = [_Group(found[number]) for number in sorted(found)]
    alike = sorted(found) == list(range(1, len(found) + 1)) and len({frozenset(one.columns) for one in groups}) == 1
    counted = [key for group in groups[:1] for key in group.columns if _COUNTED.fullmatch(key)]
    return [] if not alike or (len(counted) == len(groups[0].columns) == 1) else groups


def _repeated(headings: dict[int, str]) -> list[_Group]:
    """Return the groups that the same headings make one behind the other: "Day, Time, Day, Time"."""
    columns = list(headings)
    keys = [text.casefold() for text in headings.values()]
    first = next((index for index, key in enumerate(keys) if keys.count(key) > 1), None)
    if first is None:
        return []
    width = keys.index(keys[first], first + 1) - first
    turns = [keys[start : start + width] for start in range(first, len(keys), width)]
    if width < _FEWEST_GROUPS or any(turn != turns[0] for turn in turns):
        return []
    starts = range(first, len(keys), width)
    return [_Group(dict(zip(turns[0], columns[start : start + width], strict=True))) for start in starts]


def _named(view: GridView, head: int, groups: Sequence[_Group]) -> tuple[Kind, dict[str, str]] | None:
    """Return what the rows are, and how each column of a group is headed in their list; None where none says when."""
    kind = None
    named: dict[str, str] = {}
    for key in groups[0].columns:
        column = _column(view, head, [group.columns[key] for group in groups])
        named[key] = key.capitalize()
        if holds_days_and_times(column):
            kind, named[key] = Kind.LIST, "Slot"
        elif holds_weekdays(column):
            kind, named[key] = kind or Kind.LIST, "Day"
        elif holds_dates(column):
            kind, named[key] = Kind.EVENTS, "Date"
    return (kind, named) if kind and len(set(named.values())) == len(named) else None


def _column(view: GridView, head: int, columns: Sequence[int]) -> Column:
    """Return what stands below headings, one column behind the other."""
    below = range(head + 1, len(view.rows))
    return Column("", columns[0], [view.cell(row, column) for column in columns for row in below])


def _says_when(column: Column) -> bool:
    """Tell whether a column says by itself when its rows are: what comes again beside it is something else."""
    return holds_dates(column) or holds_weekdays(column) or holds_days_and_times(column)


def _list(view: GridView, head: int, groups: Sequence[_Group], found: tuple[Kind, dict[str, str]]) -> Unfolded:
    kind, named = found
    taken = [column for group in groups for column in group.columns.values()]
    others = [column for column in range(view.width) if column not in taken]
    listed = ListRows(view, head)
    heads = zip(named.values(), groups[0].columns.values(), strict=True)
    listed.add(head, others, *((heading, (head, column)) for heading, column in heads))
    for row in range(head + 1, len(view.rows)):
        for group in _filled(view, row, groups):
            listed.add(row, [*others, *group.columns.values()])
    shown = ", ".join(view.text(head, column) for column in taken[:2])
    more = ", …" if len(taken) > _FEWEST_GROUPS else ""
    why = f"each row says several times when it is ({shown}{more})"
    return listed.unfolded(kind, "", why)


def _filled(view: GridView, row: int, groups: Sequence[_Group]) -> Iterator[_Group]:
    """Yield the groups that say something in a row; the first for a row that says nothing but what it is about."""
    filled = [group for group in groups if any(view.text(row, column) for column in group.columns.values())]
    yield from filled or (groups[:1] if any(True for _ in view.filled(row)) else ())
