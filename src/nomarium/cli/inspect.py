"""``nomarium inspect``: how a sheet would be read, before anything is written."""

from __future__ import annotations

import json
import sys
from typing import TYPE_CHECKING

import typer

from nomarium.cli import options
from nomarium.cli.console import print_problems, styled, wrapped, wrong_calls
from nomarium.cli.reading import DateOptions, event_choices, quoted_call

if TYPE_CHECKING:
    from pathlib import Path

    from nomarium.core.conversion import Conversion
    from nomarium.core.inspection import CalendarView, SheetView

INSPECT_EXAMPLES = """\b
Examples:
  nomarium inspect events.csv
  nomarium inspect bookings.xlsx --sheet "Term 1" --dates dmy
  nomarium inspect calendar.ics                what a calendar file holds
"""


def inspect(
    files: options.Files,
    sheet: options.Sheet = None,
    area: options.Range = None,
    column: options.Columns = None,
    dates: options.Dates = None,
    typed_dates: options.TypedDates = None,
    within: options.Within = None,
    hours: options.Hours = None,
    zone: options.Zone = None,
    length: options.EventLength = "1h",
    places: options.Places = None,
    people: options.People = None,
    as_json: options.Json = False,
) -> None:
    """Show how sheets are read: each column, what it was taken for and why, and what its cells became.

    Writes nothing. The call of “nomarium convert” that follows stands at the end.
    """
    from nomarium.core import conversion
    from nomarium.core.ics import CalendarFile
    from nomarium.core.inspection import CalendarView, view_calendar, view_sheet
    from nomarium.core.tables import TableChoices

    paths = options.existing(files)
    with wrong_calls():
        events, problems = event_choices(DateOptions(dates, typed_dates, within, hours), zone, length, places, people)
        tables = TableChoices(sheet, area)
        fields = options.column_fields(column)
        request = conversion.Request(paths, "Events", events, zone is not None, tables, fields, preview=True)
        result = conversion.convert(request, problems=problems)
    views = [view_calendar(one) if isinstance(one, CalendarFile) else view_sheet(one) for one in result.sheets]
    if as_json:
        typer.echo(_json(result, views))
    else:
        for view in views:
            if isinstance(view, CalendarView):
                _print_calendar(view)
            else:
                _print_view(view)
        sys.stdout.flush()
        print_problems(result.problems)
        if not result.failed:
            typer.echo(f"Next:  {_next_call(paths)}")
    raise typer.Exit(1 if result.failed or not result.calendar.uids else 0)


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


def _sample(cell: str, value: str) -> str:
    short = " ".join(cell.split())
    short = short if len(short) <= 40 else f"{short[:37]}…"
    return f"“{short}”" if not value or value == cell else f"“{short}” → {' '.join(value.split())}"


def _json(result: Conversion, views: list[SheetView | CalendarView]) -> str:
    from nomarium.cli.report import problem_json, sheet_json
    from nomarium.core.inspection import CalendarView, SheetView

    return json.dumps(
        {
            "events": len(result.calendar.uids),
            "sheets": [
                {**sheet_json(view), "first_events": view.first_events} for view in views if isinstance(view, SheetView)
            ],
            "calendars": [
                {"file": view.sheet.table.file, **dict(view.facts), "first_events": view.first_events}
                for view in views
                if isinstance(view, CalendarView)
            ],
            "problems": [problem_json(problem) for problem in result.problems],
        },
        ensure_ascii=False,
        indent=2,
    )
