"""``nomarium new``: a plan, drafted from sheets or with blank ones."""

from __future__ import annotations

from datetime import datetime
from pathlib import Path
from typing import Annotated, Literal

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls

EXAMPLES = """\b
Examples:
  nomarium new .                              a plan to fill in, and blank sheets
  nomarium new . *.xlsx *.csv                 a plan of the sheets that are there; then: nomarium build
  nomarium new plans sheets/*.xlsx --zone America/Halifax --name "Orrin Sound"
"""

Folder = Annotated[Path, typer.Argument(metavar="DIR", help="The folder that the plan is written to.")]
Start = Annotated[
    datetime | None,
    typer.Option(
        "--start",
        metavar="DATE",
        formats=["%Y-%m-%d"],
        help="The first date of the cycle of days, where no sheet says it.",
    ),
]
Cycle = Annotated[
    Literal["school days", "working days"] | None,
    typer.Option(
        "--cycle",
        help="What moves the cycle on: school days (a closure holds the day), or working days (a closure uses it up).",
    ),
]
Sheets = Annotated[
    list[Path] | None,
    typer.Argument(metavar="FILE", show_default=False, help="The sheets that the plan is to be made of."),
]
Name = Annotated[
    str | None, typer.Option("--name", metavar="NAME", help="The school’s or office’s name; else the folder’s.")
]


Update = Annotated[
    bool,
    typer.Option(
        "--update",
        help="Offer what a plan that is there lacks, as comments at its end: sheets that it does not name, and keys.",
    ),
]


def new(
    folder: Folder,
    files: Sheets = None,
    zone: options.Zone = None,
    name: Name = None,
    start: Start = None,
    cycle: Cycle = None,
    update: Update = False,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Draft a plan from sheets, or write one to fill in with blank sheets beside it.

    Each sheet is looked at, and what it holds is found out: events, terms, closures, bell times, a timetable (list or
    grid), codes, a roster, changes. Nothing is copied. Each decision stands in the plan with a comment that says why,
    and each open question as one. What all dates hang on and no sheet says (the zone, the closures, what a cycle starts
    with) stands under [undecided]: nothing is built until it is settled.
    A plan that is there already is never written over: --update adds to its end, as comments, what the sheets given
    have beyond it.
    """
    from nomarium.cli import new_run

    with wrong_calls():
        zone_name = options.zone_name(zone) if zone else options.machine_zone()
        first = start.date().isoformat() if start else ""
        paths = options.existing(files or [])
        call = new_run.NewCall(
            folder, paths, zone_name, zone is not None, name, first, cycle or "", update, as_json, quiet
        )
        raise typer.Exit(new_run.new(call))
