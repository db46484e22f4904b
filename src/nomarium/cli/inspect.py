"""``nomarium inspect``: how a sheet would be read, before anything is written."""

from __future__ import annotations

import json
import sys
from contextlib import suppress
from dataclasses import replace
from typing import TYPE_CHECKING

import typer

from nomarium.cli import options
from nomarium.cli.console import print_problems, styled, wrapped, wrong_calls
from nomarium.cli.reading import DateOptions, event_choices, quoted_call

if TYPE_CHECKING:
    from pathlib import Path

    from nomarium.core.inspection import CalendarView, Glance, SheetView
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Grid, TableChoices
    from nomarium.core.values import DateChoices

EXAMPLES = """\b
Examples:
  nomarium inspect events.csv
  nomarium inspect bookings.xlsx --sheet "Term 1" --dates dmy
  nomarium inspect calendar.ics                what a calendar file holds
"""


def inspect(
    files: options.Files,
    sheet: options.Sheet = None,
    area: options.Range = None,
    visible: options.Visible = False,
    column: options.Columns = None,
    value: options.Values = None,
    dates: options.Dates = None,
    typed_dates: options.TypedDates = None,
    within: options.Within = None,
    hours: options.Hours = None,
    zone: options.Zone = None,
    length: options.EventLength = "1h",
    each_day: options.EachDay = False,
    places: options.Places = None,
    people: options.People = None,
    commas: options.Commas = None,
    as_json: options.Json = False,
) -> None:
    """Show how sheets of any kind are read: what each is and why, each column, and what its cells became.

    Writes nothing. The call of “nomarium convert”, or the lines of a plan, that follow stand at the end.
    """
    from nomarium.core import conversion
    from nomarium.core.ics import CalendarFile
    from nomarium.core.inspection import CalendarView, Glance, view_calendar, view_sheet
    from nomarium.core.problems import by_place, has_errors
    from nomarium.core.tables import TableChoices

    paths = options.existing(files)
    views: list[SheetView | CalendarView | Glance] = []
    with wrong_calls():
        date_options = DateOptions(dates, typed_dates, within, hours)
        events, problems = event_choices(date_options, zone, length, places, people)
        events = replace(events, commas=options.stated("commas", commas), each_day=each_day)
        fields = options.column_fields(column)
        glances, others = _sorted(paths, TableChoices(sheet, area, visible), fields, events.dates)
        views += glances
        problems += [problem for glance in glances for problem in glance.problems]
        results = []
        for tables, several in others.items():
            request = conversion.Request(
                several, "Events", events, zone is not None, [tables], fields, options.own_values(value), preview=True
            )
            results.append(conversion.convert(request))
        for result in results:
            problems += result.problems
            views += [view_calendar(one) if isinstance(one, CalendarFile) else view_sheet(one) for one in result.sheets]
    failed = has_errors(problems)
    counted = sum(len(result.calendar.uids) for result in results)
    if as_json:
        typer.echo(_json(counted, problems, views))
    else:
        for view in views:
            if isinstance(view, CalendarView):
                _print_calendar(view)
            elif isinstance(view, Glance):
                _print_glance(view)
            else:
                _print_view(view)
        sys.stdout.flush()
        print_problems(by_place(problems))
        if not failed and others:
            typer.echo(f"Next:  {_next_call(paths)}")
    empty = not counted and not any(glance.first_things for glance in glances)
    raise typer.Exit(1 if failed or empty else 0)


def _sorted(
    paths: list[Path], tables: TableChoices, fields: dict[str, str], dates: DateChoices
) -> tuple[list[Glance], dict[TableChoices, list[Path]]]:
    """Look at the sheets that hold no events; return with them the files, and sheets of files, that hold some."""
    from nomarium.core.columns import Kind
    from nomarium.core.inspection import look
    from nomarium.core.problems import DataRefused
    from nomarium.core.recognition import recognise
    from nomarium.core.tables import looks_like_calendar, read_grids

    glances: list[Glance] = []
    others: dict[TableChoices, list[Path]] = {}
    for path in paths:
        grids: list[Grid] = []
        if not looks_like_calendar(path):
            with suppress(DataRefused):  # a file that can't be read is refused where events are looked for
                grids, _ = read_grids(path, tables)
        found = [(grid, recognise(grid, fields, with_next=True)) for grid in grids]
        if all(one.kind in (None, Kind.EVENTS) for _, one in found):
            others.setdefault(tables, []).append(path)
            continue
        for grid, one in found:
            if one.kind is Kind.EVENTS:
                others.setdefault(replace(tables, sheet=grid.sheet), []).append(path)
            else:
                glances.append(look(grid, path, one, dates, fields))
    return glances, others


def _next_call(paths: list[Path]) -> str:
    """Return the call that makes the calendar: this one's options, and a file to write."""
    stem = paths[0].stem
    output = f"{stem}-rows.csv" if paths[0].suffix.casefold() == ".ics" else f"{stem}.ics"
    words = ["convert", *sys.argv[2:], "-o", output]
    return quoted_call(words)


def _print_view(view: SheetView) -> None:
    """Print the columns of a sheet as a table that fits the width, then its first events."""
    from rich.console import Console
    from rich.table import Table
    from rich.text import Text

    from nomarium.cli.report import sheet_name, tally

    console = Console(highlight=False, soft_wrap=False)
    table = view.sheet.table
    console.print(Text(f"{sheet_name(table)}, {table.area} ({table.form})", style="bold"))
    grid = Table(box=None, pad_edge=False, show_header=True, header_style="dim", padding=(0, 2, 0, 0))
    for heading in ("", "Heading", "Field", "Why", "How it is read"):
        grid.add_column(heading, overflow="fold", ratio=4 if heading.startswith("How") else None)
    for column in view.columns:
        how = Text()
        for line in filter(None, column.style):
            how.append(f"{line}\n")
        how.append("\n".join(_sample(cell, value) for cell, value in column.samples), style="dim")
        field = Text(column.field) if column.field else Text("not used", style="dim")
        why = column.why if column.certainty in ("", "sure", "stated") else f"{column.why} ({column.certainty})"
        grid.add_row(column.letters, Text(column.heading or "(none)"), field, Text(why), how)
    console.print(grid)
    console.print(Text(tally(view.sheet)))
    if view.first_events:
        console.print(Text("First events:", style="dim"))
        for event in view.first_events:
            console.print(Text(f"  {event}"), overflow="ellipsis", no_wrap=True)


def _print_calendar(view: CalendarView) -> None:
    """Print what a calendar file holds."""
    from nomarium.cli.report import sheet_name

    typer.echo(styled(f"{sheet_name(view.sheet.table)} ({view.sheet.table.form})", sys.stdout, bold=True))
    for label, words in view.facts:
        typer.echo(wrapped(f"{label:<12}{words}", sys.stdout, " " * 12))
    typer.echo("First events:")
    for event in view.first_events:
        typer.echo(f"  {event}")


def _print_glance(glance: Glance) -> None:
    """Print what a sheet that holds no events was taken for, its columns, and its first things."""
    name = str(glance.grid.place)
    typer.echo(styled(f"{name} ({glance.grid.form})", sys.stdout, bold=True))
    from nomarium.cli.report import glance_lines

    for line in glance_lines(glance):
        typer.echo(wrapped(line, sys.stdout, " " * 12))


def _sample(cell: str, value: str) -> str:
    short = " ".join(cell.split())
    short = short if len(short) <= 40 else f"{short[:37]}…"
    return f"“{short}”" if not value or value == cell else f"“{short}” → {' '.join(value.split())}"


def _json(events: int, problems: list[Problem], views: list[SheetView | CalendarView | Glance]) -> str:
    from nomarium.cli.report import glance_json, problems_json, sheet_json
    from nomarium.core.inspection import CalendarView, Glance, SheetView

    return json.dumps(
        {
            "events": events,
            "sheets": [
                {**sheet_json(view), "kind": "events", "first_events": view.first_events}
                for view in views
                if isinstance(view, SheetView)
            ],
            "other_sheets": [glance_json(view) for view in views if isinstance(view, Glance)],
            "calendars": [
                {"file": view.sheet.table.file, **dict(view.facts), "first_events": view.first_events}
                for view in views
                if isinstance(view, CalendarView)
            ],
            "problems": problems_json(problems),
        },
        ensure_ascii=False,
        indent=2,
    )
