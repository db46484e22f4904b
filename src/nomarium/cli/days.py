"""``nomarium days``: what every date of the school year is."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

EXAMPLES = """\b
Examples:
  nomarium days                                  the year of nomarium.toml in this folder
  nomarium days --from 2027-01-04 --to 2027-01-29 --cycle Yard
  nomarium days --why 2027-01-12                 how that date came to be what it is
  nomarium days --against published.xlsx         is our list the same as the published one?
  nomarium days --close 2027-01-20               what a storm day would change
  nomarium days -o days.ics --title "Day {day}" --cycle Yard --add closures
  nomarium days -o year.pdf --paper Letter       the year on one page
"""

Output = Annotated[
    str | None,
    typer.Option(
        "-o",
        "--output",
        metavar="OUT",
        help="The file to write: .csv, .xlsx, .json, .ics, .png, .pdf or .svg; “-” is standard output.",
    ),
]
Format = Annotated[
    str | None,
    typer.Option("--format", metavar="csv|xlsx|json|ics|png|pdf|svg", help="The form, where the ending does not say."),
]
From = Annotated[str | None, typer.Option("--from", metavar="DATE", help="From this date on.")]
To = Annotated[str | None, typer.Option("--to", metavar="DATE", help="Up to this date, included.")]
Cycles = Annotated[
    list[str] | None, typer.Option("--cycle", metavar="NAME", help="Only this cycle. Repeatable; else all.")
]
Why = Annotated[
    list[str] | None, typer.Option("--why", metavar="DATE", help="Tell how a date came to be what it is. Repeatable.")
]
Against = Annotated[
    Path | None, typer.Option("--against", metavar="FILE", help="Compare with a published list of dates and labels.")
]
Close = Annotated[
    list[str] | None,
    typer.Option(
        "--close",
        metavar="DATE[=hold|skip]",
        help="Show what one more closure would change; nothing is written to any sheet. Repeatable.",
    ),
]
Title = Annotated[
    str | None,
    typer.Option("--title", metavar="TEXT", help="For .ics: what a day is called, such as “Day {day}”."),
]
Each = Annotated[
    str, typer.Option("--each", metavar="day|week", help="For .ics: an event on each school day, or each week’s first.")
]
Add = Annotated[
    str | None,
    typer.Option("--add", metavar="KINDS", help="For .ics: terms, closures, special; events of their own, too."),
]
Calendar = Annotated[
    str | None, typer.Option("--calendar", metavar="NAME", help="For .ics: the calendar’s name; else the file’s.")
]
Paper = Annotated[str, typer.Option("--paper", metavar="A4|Letter", help="For .pdf: the paper.")]


def days(
    plan: options.PlanFile = Path("nomarium.toml"),
    output: Output = None,
    output_format: Format = None,
    first: From = None,
    last: To = None,
    cycle: Cycles = None,
    why: Why = None,
    against: Against = None,
    sheet: options.Sheet = None,
    dates: options.Dates = None,
    close: Close = None,
    title: Title = None,
    each: Each = "day",
    add: Add = None,
    calendar: Calendar = None,
    paper: Paper = "A4",
    force: options.Force = False,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Tell what every date of the school year is: its term, week, cycle day, closure or special day.

    It is worked out from the plan’s sheets of terms and closures and the rules of its cycles. “--why” tells the whole
    derivation of a date, “--against” proves the year against a list that the school has published (exit status 1
    where the two differ), “--close” shows what a storm day would change.
    """
    from nomarium.cli import days_run
    from nomarium.cli.days_run import DaysCall, DaysTarget

    target = DaysTarget.of(output, output_format, paper, calendar)
    allow_force(force)
    with wrong_calls():
        call = DaysCall(
            options.plan_path(plan),
            target,
            *options.day_span(first, last),
            tuple(cycle or ()),
            options.closures(close),
            title,
            options.one_of(each, ("day", "week"), "--each") == "week",
            options.kinds(add, "--add"),
            as_json,
            quiet,
        )
        if why:
            raise typer.Exit(days_run.tell_why(call, [options.iso_date(text, "--why") for text in why]))
        if against:
            raise typer.Exit(
                days_run.hold_against(call, options.existing([against])[0], sheet, options.stated("dates", dates))
            )
        raise typer.Exit(days_run.show_days(call))
