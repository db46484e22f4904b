"""``nomarium convert``: sheets → a calendar."""

from __future__ import annotations

from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import progress, wrong_calls

CONVERT_EXAMPLES = """\b
Examples:
  nomarium convert events.csv -o events.ics
  nomarium convert bookings.xlsx -o bookings.ics --sheet "Term 1" --zone America/Halifax
  nomarium convert list.csv -o list.ics --column "Occasion=summary" --column "Booked by="
  nomarium convert list.csv --dates dmy --dry-run
"""

Output = Annotated[
    str | None,
    typer.Option("-o", "--output", metavar="OUT.ics", help="The calendar file to write; “-” is standard output."),
]
CalendarName = Annotated[
    str | None, typer.Option("--calendar", metavar="NAME", help="The calendar’s name; else that of the output file.")
]
KeepGoing = Annotated[
    bool, typer.Option("--keep-going", help="Write what can be read, and the refused rows beside it with the reasons.")
]
DryRun = Annotated[bool, typer.Option("--dry-run", help="Report only; write nothing.")]


def convert(
    files: options.Files,
    output: Output = None,
    sheet: options.Sheet = None,
    column: options.Columns = None,
    dates: options.Dates = None,
    typed_dates: options.TypedDates = None,
    within: options.Within = None,
    hours: options.Hours = None,
    zone: options.Zone = None,
    length: options.EventLength = "1h",
    calendar: CalendarName = None,
    keep_going: KeepGoing = False,
    dry_run: DryRun = False,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Make a calendar file of one or more sheets of dated events.

    Only a title and a date are required. How each column was read, and what proves it, stands in the report;
    where a sheet can be read in two ways, nothing is written and the option that settles it is named.
    """
    from nomarium.cli.writing import Target, write_conversion
    from nomarium.core import conversion
    from nomarium.core.sources import EventChoices
    from nomarium.core.values import DateChoices

    target = Target.of(output, dry_run=dry_run, keep_going=keep_going)
    paths = options.existing(files)
    choices = DateChoices(
        options.date_order(dates),
        options.date_span(within),
        options.earliest_hour(hours),
        options.typed_dates(typed_dates),
    )
    events = EventChoices(options.zone_name(zone), options.event_length(length), choices)
    request = conversion.Request(
        paths, calendar or target.stem, events, zone is not None, sheet, options.column_fields(column)
    )
    with wrong_calls():
        with progress("Reading", wanted=not quiet) as bar:
            result = conversion.convert(request, lambda done: bar(done, len(paths)))
        raise typer.Exit(write_conversion(result, request, target, as_json=as_json, quiet=quiet))
