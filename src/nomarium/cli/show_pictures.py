"""What ``nomarium show -o`` draws: weeks, months and wall timetables, one or several pages."""

from __future__ import annotations

import sys
from collections.abc import Iterator
from datetime import date, timedelta

import typer

from nomarium.cli.console import progress
from nomarium.cli.show_run import PICTURES, ShowCall, span_of
from nomarium.core.agenda import DayFacts, Showing, WallGrid, wall_grid, week_days
from nomarium.core.output import write_whole
from nomarium.core.problems import WrongCall
from nomarium.core.values import counted
from nomarium.views.calendar_pictures import month_drawing, wall_drawing, week_drawing, weeks_between
from nomarium.views.page import SCREEN, SIZES, Drawing, draw_pages

_FEW_DAYS = timedelta(days=5)


def draw(call: ShowCall, showing: Showing, facts: DayFacts) -> None:
    """Draw the pages that were asked for into one file."""
    if call.output is None or call.output.suffix not in PICTURES:
        raise WrongCall("A timetable for the wall is drawn.", "Say where to with -o wall.pdf (or .png, .svg).")
    drawings = list(_drawings(call, showing, facts))
    form = call.output.suffix.removeprefix(".")
    if len(drawings) > 1 and form != "pdf":
        raise WrongCall(f"These are {len(drawings)} pages.", "Only a .pdf holds several; or choose one.")
    if not drawings:
        raise WrongCall("There is nothing to draw.", "Choose other days with --from and --to, or another calendar.")
    size = SIZES[call.paper] if form == "pdf" else SCREEN
    with progress("Drawing", wanted=True):
        data, missing = draw_pages(drawings, (size[1], size[0]) if call.portrait else size, form)
    write_whole(call.output, [data])
    typer.echo(f"Wrote    {call.output}: {counted(len(drawings), 'page')}")
    if missing:
        typer.echo(f"No font here has “{missing[:40]}”: boxes stand in their places.", file=sys.stderr)


def _drawings(call: ShowCall, showing: Showing, facts: DayFacts) -> Iterator[Drawing]:
    if call.view == "wall":
        for grid, cycle in wall_grids(showing, call.cycles):
            yield wall_drawing(grid, f"cycle “{cycle}”" if cycle else "week")
        return
    first, last = span_of(call, showing, facts)
    if call.view == "month" or (call.view == "agenda" and (last - first).days > 20):
        for month in _months(first, last):
            yield month_drawing(showing, facts, month)
    elif call.view == "day":
        yield week_drawing(showing, facts, [first])
    else:
        for start in weeks_between(first, last, facts.first_weekday):
            yield week_drawing(showing, facts, week_days(showing.events, start))


def wall_grids(showing: Showing, cycles: tuple[str, ...]) -> Iterator[tuple[WallGrid, str]]:
    """Yield the timetable of each calendar of a plan, with the name of its cycle; "" for weekdays.

    Raises WrongCall where nothing comes from a plan.
    """
    year, parts = showing.year, [part for part in showing.parts if part is not None]
    if year is None or not parts:
        raise WrongCall("A timetable for the wall comes from a plan.", "Name the plan, and whose: --only teacher=….")
    periods = list(showing.bells.periods().values()) if showing.bells else []
    names: list[str | None] = list(cycles or year.cycles) or [None]
    for part in parts:
        grids = [(wall_grid(part, year, name, showing.bells, periods), name or "") for name in names]
        yield max(grids, key=lambda one: one[0].regularity)


def _months(first: date, last: date) -> Iterator[date]:
    month = first.replace(day=1)
    while month <= last:
        yield month
        month = (month.replace(day=28) + _FEW_DAYS).replace(day=1)
