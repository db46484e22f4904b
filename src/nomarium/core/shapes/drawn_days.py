"""Months and years that are drawn with a text in each day → a list: of the labels of a cycle, or of events."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from nomarium.core.columns import Kind
from nomarium.core.shapes.captioned import captioned_list
from nomarium.core.shapes.cell_texts import mostly_labels
from nomarium.core.shapes.crossed_weekdays import crossed_weekdays
from nomarium.core.shapes.crossing import find_crossing
from nomarium.core.shapes.dates_across import dates_across
from nomarium.core.shapes.dates_below import dates_below_labels
from nomarium.core.shapes.day_sheets import day_sheet
from nomarium.core.shapes.days_alone import days_alone
from nomarium.core.shapes.days_beside import days_beside
from nomarium.core.shapes.fixture_grid import fixture_grid
from nomarium.core.shapes.groups_across import groups_across
from nomarium.core.shapes.headless import headless_list, rows_below_days
from nomarium.core.shapes.hours_across import hours_across
from nomarium.core.shapes.key import FREE
from nomarium.core.shapes.months import DrawnDay, month_blocks, year_page
from nomarium.core.shapes.months_across import months_across
from nomarium.core.shapes.names_below_days import names_below_days
from nomarium.core.shapes.paired_hours import join_paired_hours
from nomarium.core.shapes.periods_of_days import periods_of_days
from nomarium.core.shapes.sentences import sentences
from nomarium.core.shapes.spans_across import spans_across
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.shapes.unfolding import unfold
from nomarium.core.shapes.untold import lines_untold

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Cell, Grid


def drawn_days(grid: Grid) -> Unfolded | None:
    """Return the list that a drawn year or day stands for, months whose days hold labels, or dates below labels.

    None for other sheets, and for those on which names and days cross, two columns a day. What lines around say, and
    the list has nothing of, is told.
    """
    found = _drawn_days(grid)
    if found is not None:
        found.problems += lines_untold(grid, found)
    return found


def _drawn_days(grid: Grid) -> Unfolded | None:
    if join_paired_hours(grid) is not None:
        return None
    blocks = month_blocks(grid)
    for block in blocks:
        block.read()
    days = [day for block in blocks for day in block.days]
    if blocks:
        problems = [problem for block in blocks for problem in block.problems]
        return _labelled(grid, days, problems, "months are drawn") if _hold_labels(days) else None
    year = year_page(grid)
    if year is None:
        return next(filter(None, (find(grid) for find in _OTHER_SHAPES)), None)
    days, problems = year
    why = "a year is drawn, with months on one side and their days on the other"
    return _labelled(grid, days, problems, why) if _hold_labels(days) else _events(grid, days, problems, why)


_OTHER_SHAPES = (
    captioned_list,
    dates_below_labels,
    dates_across,
    spans_across,
    months_across,
    day_sheet,
    days_beside,
    names_below_days,
    crossed_weekdays,
    periods_of_days,
    groups_across,
    sentences,
    hours_across,
    fixture_grid,
    headless_list,
    rows_below_days,
    days_alone,
)


def listed_in(grid: Grid) -> Unfolded | None:
    """Return the list of days that a sheet which is one draws as weeks, months or a year; None where it does not."""
    crossing = find_crossing(grid)
    found = unfold(replace(crossing, is_of_days=True)) if crossing is not None else drawn_days(grid)
    return found if found is not None and found.kind is Kind.DAYS else None


def _is_blank(text: str) -> bool:
    """Tell whether a day holds nothing; a day that is closed says so."""
    return text.strip().casefold() in FREE


def _hold_labels(days: Sequence[DrawnDay]) -> bool:
    first: dict[object, str] = {}
    for day in days:
        if not _is_blank(day.text):
            first.setdefault(day.first, day.text)
    return mostly_labels(list(first.values()))


def _labelled(grid: Grid, days: Sequence[DrawnDay], problems: list[Problem], why: str) -> Unfolded:
    """Return a list of days: each with its label, the first line of its cell, and what else stands there."""
    rows: dict[object, list[DrawnDay]] = {}
    for day in days:
        rows.setdefault(day.first, []).append(day)
    cells: list[list[Cell]] = [
        [first.first, first.weekday, first.text, "; ".join(more.text for more in others)]
        for first, *others in rows.values()
    ]
    headings: list[Cell] = ["Date", "Weekday", "Day", "Remark"]
    width = 4 if any(row[3] for row in cells) else 3
    listed = [row[:width] for row in (headings, *cells)]
    firsts = [several[0] for several in rows.values()]
    return _unfolded(grid, Kind.DAYS, listed, firsts, problems, f"{why}, labels in its cells")


def _events(grid: Grid, days: Sequence[DrawnDay], problems: list[Problem], why: str) -> Unfolded:
    cells: list[list[Cell]] = [[day.first, day.last, day.text] for day in days if not _is_blank(day.text)]
    rows: list[list[Cell]] = [["Date", "Last day", "Title"], *cells]
    shown = [day for day in days if not _is_blank(day.text)]
    return _unfolded(grid, Kind.EVENTS, rows, shown, problems, f"{why}, words in its cells")


def _unfolded(
    grid: Grid, kind: Kind, rows: list[list[Cell]], days: Sequence[DrawnDay], problems: list[Problem], why: str
) -> Unfolded:
    width = len(rows[0])
    first = days[0].spot if days else (0, 0)
    origins = [[first] * width, *([day.spot] * width for day in days)]
    return Unfolded(grid.as_list(rows, origins), kind, "", why, problems)
