"""``nomarium retract``: the files that take an earlier build back."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

EXAMPLES = """\b
Examples:
  nomarium retract 3 -o back               every calendar of build 3, all its events cancelled
  nomarium retract 3 -o back --only "Vasquel"
  nomarium retract office.ics -o back      a calendar that this program made
  nomarium retract duties -o back          a folder of such calendars
"""

What = Annotated[
    str, typer.Argument(metavar="BUILD|FILE|DIR", help="A build by number, a calendar of ours, or a folder.")
]
PlanOption = Annotated[
    Path, typer.Option("--plan", metavar="PLAN", help="The plan; else nomarium.toml in this folder.")
]
Output = Annotated[
    Path, typer.Option("-o", "--output", metavar="DIR", show_default=False, help="The folder to write to.")
]
Only = Annotated[
    list[str] | None,
    typer.Option("--only", metavar="NAME", help="Only the calendar of this whole name: “Vasquel”. Repeatable."),
]
Messages = Annotated[
    bool,
    typer.Option("--as-messages", help="As messages that cancel (METHOD:CANCEL), for programs that want these."),
]


def retract(
    what: What,
    output: Output,
    plan: PlanOption = Path("nomarium.toml"),
    only: Only = None,
    as_messages: Messages = False,
    force: options.Force = False,
) -> None:
    """Write calendar files that take a build back: imported, they cancel every event that it gave out.

    What is given out later stands above that: a build keeps it in its history, a calendar of “convert” in the file
    itself, whose events are marked as cancelled.
    """
    from nomarium.cli import history_run

    allow_force(force)
    with wrong_calls():
        path = options.plan_path(plan) if what.isdecimal() else plan
        raise typer.Exit(history_run.retract(what, path, output, only or [], as_messages=as_messages))
