"""``nomarium convert``: sheets → a calendar, or several."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import progress, wrong_calls
from nomarium.cli.reading import (
    DateOptions,
    ProgrammeOptions,
    RepeatOptions,
    event_choices,
    programme_request,
    row_style_of,
    used_headings,
    with_repeats,
)
from nomarium.run import allow_force

EXAMPLES = """\b
Examples:
  nomarium convert events.csv -o events.ics
  nomarium convert bookings.xlsx -o bookings.ics --sheet "Term 1" --zone America/Halifax
  nomarium convert list.csv -o list.ics --column "Occasion=summary" --column "Booked by="
  nomarium convert list.csv --dates dmy --dry-run
  nomarium convert duties.csv -o duties --split Person --remind 1d --prefix "{group}: "
  nomarium convert clubs.csv -o clubs.ics --plan nomarium.toml
  nomarium convert calendar.ics -o rows.csv --from 2026-09-01 --to 2027-06-30
  nomarium convert last-year.csv -o this-year.ics --shift 364d --without status=cancelled
  nomarium convert programme.csv -o crews.ics --groups crews.csv --plan nomarium.toml --if-closed push
"""

Output = Annotated[
    str | None,
    typer.Option(
        "-o", "--output", metavar="OUT", help="The file to write: .ics, .csv, .xlsx or .json; “-” is standard output."
    ),
]
Format = Annotated[
    str | None, typer.Option("--format", metavar="ics|csv|xlsx|json", help="The form, where the ending does not say.")
]
Sheets = Annotated[list[str] | None, options.option_of("sheet")]
CalendarName = Annotated[
    str | None, typer.Option("--calendar", metavar="NAME", help="The calendar’s name; else that of the output file.")
]
Set = Annotated[
    list[str] | None, typer.Option("--set", metavar="FIELD=VALUE", help="A value for every event. Repeatable.")
]
Remind = Annotated[
    list[str] | None, typer.Option("--remind", metavar="1d", help="Remind so long before each event. Repeatable.")
]
Prefix = Annotated[
    str | None,
    typer.Option("--prefix", metavar="TEXT", help="Text in front of each title; {heading} is filled in from the row."),
]
Only = Annotated[
    list[str] | None,
    typer.Option("--only", metavar="FIELD=VALUE", help="Only rows that say so; several values by comma. Repeatable."),
]
Without = Annotated[
    list[str] | None, typer.Option("--without", metavar="FIELD=VALUE", help="Not the rows that say so. Repeatable.")
]
From = Annotated[
    str | None, typer.Option("--from", metavar="DATE", help="Only events with a part on or after this day.")
]
To = Annotated[str | None, typer.Option("--to", metavar="DATE", help="Only events with a part on or before this day.")]
Shift = Annotated[
    str | None, typer.Option("--shift", metavar="14d", help="Move every date by so many days; -14d goes back.")
]
ToZone = Annotated[
    str | None,
    typer.Option("--to-zone", metavar="AREA/CITY", help="Write all times in this zone, whatever theirs was."),
]
PlanOption = Annotated[
    Path | None,
    typer.Option(
        "--plan", metavar="PLAN", help="The plan whose school year repeats go by: its terms, closures and cycles."
    ),
]
Cycle = Annotated[str | None, options.option_of("cycle")]
IfClosed = Annotated[str, options.option_of("if_closed")]
Rules = Annotated[
    bool, typer.Option("--rules", help="Write repeats as rules (RRULE), where the standard can say them.")
]
RowHeadings = Annotated[
    str | None,
    typer.Option("--headings", metavar="A,B", help="For rows: the headings in order; “Subject=summary” names a field."),
]
WriteDates = Annotated[str, typer.Option("--write-dates", metavar="%d/%m/%Y", help="For rows: the form of dates.")]
WriteTimes = Annotated[str, typer.Option("--write-times", metavar="%H:%M", help="For rows: the form of times.")]
Delimiter = Annotated[str, typer.Option("--delimiter", metavar="SIGN", help="For .csv: comma, semicolon, tab or pipe.")]
Encoding = Annotated[str, typer.Option("--encoding", metavar="NAME", help="For .csv: utf-8, cp1252, utf-16…")]
Limit = Annotated[int, typer.Option("--limit", metavar="NUMBER", min=1, help="The most dates of one repeat.")]
Start = Annotated[
    str | None,
    typer.Option(
        "--start",
        metavar="DATE",
        help="The day that a programme (“Week 3, Tuesday”) counts from; a dated list is moved to begin on it.",
    ),
]
End = Annotated[
    str | None, typer.Option("--end", metavar="DATE", help="Date a programme backwards, so that it ends by this day.")
]
KeepWeekdays = Annotated[
    bool, typer.Option("--keep-weekdays", help="With --start for a dated list: move it by the nearest whole weeks.")
]
Groups = Annotated[
    Path | None,
    typer.Option("--groups", metavar="FILE", help="The groups of a programme, each with its start, end or time."),
]
OnDays = Annotated[
    str | None, typer.Option("--on-days", metavar="Tue,Thu", help="The weekdays of a programme’s “Session 1”, “2” …")
]
Rest = Annotated[
    str | None, typer.Option("--rest", metavar="Sat,Sun", help="Weekdays without anything, as if they were closed.")
]
Split = Annotated[
    list[str] | None,
    typer.Option(
        "--split", metavar="FIELD", help="One file for each value, into the folder OUT; given twice: each pair."
    ),
]
Once = Annotated[bool, typer.Option("--once", help="Keep one of identical events.")]
Expect = Annotated[int | None, typer.Option("--expect", metavar="NUMBER", help="How many events there must be.")]
Since = Annotated[
    Path | None,
    typer.Option(
        "--since",
        metavar="EARLIER",
        help="The calendar that was imported, or exported since: events keep its UIDs; else OUT as it stands.",
    ),
]
Updates = Annotated[
    Path | None,
    typer.Option(
        "--updates",
        metavar="FILE",
        help="Write a small calendar of what is new, changed and cancelled; with --split a folder of several.",
    ),
]
Accept = Annotated[bool, typer.Option("--accept", help="Go on even if more events are gone than the guard lets pass.")]
Fresh = Annotated[bool, typer.Option("--fresh", help="A calendar that has nothing to do with what stands in OUT.")]
KeepGoing = Annotated[
    bool, typer.Option("--keep-going", help="Write what can be read, and the refused rows beside it with the reasons.")
]
SavePlan = Annotated[
    Path | None, typer.Option("--save-plan", metavar="PLAN", help="Keep what this call says in a plan, for next time.")
]
DryRun = Annotated[bool, typer.Option("--dry-run", help="Report only; write nothing.")]


def convert(
    ctx: typer.Context,
    files: options.Files,
    output: Output = None,
    output_format: Format = None,
    sheet: Sheets = None,
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
    calendar: CalendarName = None,
    stated: Set = None,
    remind: Remind = None,
    prefix: Prefix = None,
    only: Only = None,
    without: Without = None,
    first: From = None,
    last: To = None,
    shift: Shift = None,
    start: Start = None,
    end: End = None,
    keep_weekdays: KeepWeekdays = False,
    groups: Groups = None,
    on_days: OnDays = None,
    rest: Rest = None,
    to_zone: ToZone = None,
    plan: PlanOption = None,
    cycle: Cycle = None,
    if_closed: IfClosed = "drop",
    limit: Limit = 100_000,
    rules: Rules = False,
    headings: RowHeadings = None,
    write_dates: WriteDates = "",
    write_times: WriteTimes = "",
    delimiter: Delimiter = "",
    encoding: Encoding = "",
    split: Split = None,
    once: Once = False,
    expect: Expect = None,
    keep_going: KeepGoing = False,
    dry_run: DryRun = False,
    force: options.Force = False,
    since: Since = None,
    updates: Updates = None,
    accept: Accept = False,
    fresh: Fresh = False,
    saved: SavePlan = None,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Make a calendar of one or more sheets of dated events, or rows of a calendar.

    Only a title and a date are required. How each column was read, and what proves it, stands in the report;
    where a sheet can be read in two ways, nothing is written and the option that settles it is named.
    “nomarium inspect” shows the reading beforehand. Calendar files (.ics) are read like sheets: their repeats are
    unrolled into dated events; several become one, and any form is written.
    """
    from nomarium.cli.reissuing import Again
    from nomarium.cli.target import Target
    from nomarium.cli.writing import write_conversion
    from nomarium.core import conversion
    from nomarium.core.sources import Adjustments
    from nomarium.core.tables import TableChoices

    splits = tuple(split or ())
    target = replace(Target.of(output, output_format, splits, dry_run=dry_run, keep_going=keep_going), rules=rules)
    paths = options.existing(files)
    options.existing([since] if since else [])
    if fresh and (since or updates):
        raise options.wrong("--fresh", "It forgets what was given out; --since and --updates go by it.")
    if saved is not None:
        from nomarium.cli.save_plan import check_saved, save_plan

        check_saved(saved, target.path)
    days, back = options.shift_days(shift)
    adjustments = Adjustments(
        dict(options.pairs(stated, "--set")),
        options.reminders(remind),
        prefix or "",
        options.row_conditions(only, "--only"),
        options.row_conditions(without, "--without"),
        days,
        back,
        options.iso_date(start, "--start") if start else None,
        keep_weekdays,
        *options.day_span(first, last),
    )
    allow_force(force)
    with wrong_calls():
        style = row_style_of(plan, headings, (write_dates, write_times, delimiter, encoding))
        target = replace(target, style=style)
        date_options = DateOptions(dates, typed_dates, within, hours)
        events, problems = event_choices(date_options, zone, length, places, people)
        names = [*splits, *(name for name, _ in (*adjustments.only, *adjustments.without)), prefix or ""]
        events = replace(events, commas=options.stated("commas", commas), used=used_headings(names), each_day=each_day)
        repeats = RepeatOptions(plan, cycle, if_closed, adjustments.before_shift()[1], limit, rules)
        events, zone_stated = with_repeats(events, repeats, problems, zone_stated=zone is not None)
        stated_programme = ProgrammeOptions(start, end, groups, on_days, rest, if_closed)
        programme = programme_request(stated_programme, events.repeats.year, problems)
        request = conversion.Request(
            paths,
            calendar or target.stem,
            events,
            zone_stated,
            [TableChoices(name, area, visible) for name in sheet or (None,)],
            options.column_fields(column),
            options.own_values(value),
            adjustments,
            once,
            expect,
            options.zone_name(to_zone) if to_zone else None,
            rules,
            scope=calendar or "",
            programme=programme,
        )
        with progress("Reading", wanted=not quiet) as bar:
            result = conversion.convert(request, lambda done: bar(done, len(paths)), problems)
        again = Again(since, updates, accept, fresh, options.zone_name(zone))
        status = write_conversion(result, request, target, again, as_json=as_json, quiet=quiet)
        if saved is not None and not status:
            save_plan(saved, ctx.params, target)
        raise typer.Exit(status)
