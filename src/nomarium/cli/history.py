"""``nomarium history``: the builds of a plan so far."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls

EXAMPLES = """\b
Examples:
  nomarium history                         the builds of nomarium.toml in this folder
  nomarium history 3                       what build 3 changed, calendar by calendar
  nomarium history --event "PLK-1"         what became of an event, build by build
  nomarium history --edits                 what was edited by hand, and is kept
  nomarium history --forget 10             drop the builds before the tenth
"""

Number = Annotated[int | None, typer.Argument(metavar="BUILD", show_default=False, help="One build, by its number.")]
PlanOption = Annotated[
    Path, typer.Option("--plan", metavar="PLAN", help="The plan; else nomarium.toml in this folder.")
]
Event = Annotated[
    str | None, typer.Option("--event", metavar="TITLE|UID", help="What became of an event, by its title or UID.")
]
Forget = Annotated[
    int | None, typer.Option("--forget", metavar="BUILD", min=2, help="Drop the builds before this one.")
]


EditsOption = Annotated[bool, typer.Option("--edits", help="List what was edited by hand and is kept.")]


def history(
    number: Number = None,
    plan: PlanOption = Path("nomarium.toml"),
    event: Event = None,
    edits: EditsOption = False,
    forget: Forget = None,
    as_json: options.Json = False,
) -> None:
    """List the builds so far: when each was, and how many events it added, changed, moved and took away.

    The history lies in .nomarium beside the plan. Old builds can be dropped; what the last one gave out stays known.
    """
    from nomarium.cli import history_run

    with wrong_calls():
        path = options.plan_path(plan)
        if forget is not None:
            raise typer.Exit(history_run.forget(path, forget))
        if edits:
            raise typer.Exit(history_run.list_edits(path, as_json=as_json))
        if event is not None:
            raise typer.Exit(history_run.tell_event(path, event, as_json=as_json))
        raise typer.Exit(history_run.list_builds(path, number, as_json=as_json))
