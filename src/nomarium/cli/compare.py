"""``nomarium compare``: what differs between two sets of events."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

EXAMPLES = """\b
Examples:
  nomarium compare .                       what a build of this plan would change
  nomarium compare 2 3                     what build 3 changed
  nomarium compare old.ics new.ics
  nomarium compare 2 3 -o changes.xlsx     the same as a table
  nomarium compare 2 3 --notices notices --from 2026-11-23 --to 2026-11-27
                                           for each calendar, what changes this week, ready to be sent
"""

Old = Annotated[str, typer.Argument(metavar="OLD", help="A calendar, a sheet, a build by number, or a plan.")]
New = Annotated[
    str | None, typer.Argument(metavar="NEW", show_default=False, help="Another one; else the plan OLD as it is now.")
]
PlanOption = Annotated[Path, typer.Option("--plan", metavar="PLAN", help="The plan whose builds the numbers are.")]
Output = Annotated[
    Path | None, typer.Option("-o", "--output", metavar="OUT", help="Write the table: .csv, .xlsx or .html.")
]
Notices = Annotated[
    Path | None,
    typer.Option("--notices", metavar="DIR", help="Write for each calendar what has changed, in sentences to be sent."),
]
From = Annotated[str | None, typer.Option("--from", metavar="DATE", help="Only what is or was on this date or later.")]
To = Annotated[str | None, typer.Option("--to", metavar="DATE", help="Only what is or was up to this date, included.")]
ExitCode = Annotated[bool, typer.Option("--exit-code", help="Exit with status 1 where they differ.")]


def compare(
    old: Old,
    new: New = None,
    plan: PlanOption = Path("nomarium.toml"),
    output: Output = None,
    notices: Notices = None,
    first: From = None,
    last: To = None,
    exit_code: ExitCode = False,
    force: options.Force = False,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Tell event by event what is added, gone, moved and changed between two calendars, sheets, builds or plans.

    Events are matched by their UIDs, and what is left over by likeness: the same time and a like title is a change,
    the same title at another time a move. With one operand, a plan, its last build is compared with what it is now.
    """
    from nomarium.cli import compare_run

    allow_force(force)
    with wrong_calls():
        path = plan / "nomarium.toml" if plan.is_dir() else plan
        call = compare_run.CompareCall(
            old, new, path, output, notices, options.day_span(first, last), as_json, exit_code, quiet
        )
        raise typer.Exit(compare_run.compare(call))
