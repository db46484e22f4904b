"""``nomarium build``: every calendar of a plan."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls

BUILD_EXAMPLES = """\b
Examples:
  nomarium build                                every calendar of nomarium.toml in this folder
  nomarium build --dry-run                      what would be written
  nomarium build --only teacher="R. Vasquel"    only that calendar
  nomarium build --from 2027-01-04 --to 2027-03-25
"""

Only = Annotated[
    list[str] | None,
    typer.Option("--only", metavar="SPLIT=WHOM", help="Only the calendars of these: teacher=“R. Vasquel”. Repeatable."),
]
From = Annotated[str | None, typer.Option("--from", metavar="DATE", help="Only what is on this date or later.")]
To = Annotated[str | None, typer.Option("--to", metavar="DATE", help="Only what is up to this date, included.")]
DryRun = Annotated[bool, typer.Option("--dry-run", help="Say what would be written, and write nothing.")]
Force = Annotated[bool, typer.Option("--force", help="Write over files that this program did not write, too.")]


def build(
    plan: options.PlanFile = Path("nomarium.toml"),
    only: Only = None,
    first: From = None,
    last: To = None,
    dry_run: DryRun = False,
    force: Force = False,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Write every calendar that the plan names, and an index of them: calendars.csv.

    The timetable’s meetings are dated by the school year, its cycles and bell times; changes are applied, rosters
    joined. Each meeting has the same identity in all calendars that hold it. Where anything is wrong, nothing is
    written (exit status 1).
    """
    from nomarium.cli import build_run
    from nomarium.core.building import BuildChoices

    with wrong_calls():
        choices = BuildChoices(
            options.machine_zone(),
            dict(options.conditions(only, "--only")),
            options.iso_date(first, "--from") if first else None,
            options.iso_date(last, "--to") if last else None,
        )
        call = build_run.BuildCall(options.plan_path(plan), choices, dry_run, force, as_json, quiet)
        raise typer.Exit(build_run.build(call))
