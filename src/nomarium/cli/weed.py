"""``nomarium weed``: a calendar without the events that stand twice."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

EXAMPLES = """\b
Examples:
  nomarium weed exported.ics                 what stands twice in it
  nomarium weed exported.ics -o clean.ics    the calendar without these, and clean.dropped.csv: what was left out
  nomarium weed exported.ics -o clean.ics --keep newest
  nomarium weed exported.ics -o clean.ics --take-out events.ics    without all that this file put into it
  nomarium weed exported.ics -o clean.ics --take-out 3             without all that build 3 put into it
"""

Calendar = Annotated[Path, typer.Argument(metavar="CALENDAR", show_default=False, help="A calendar file.")]
Output = Annotated[
    Path | None, typer.Option("-o", "--output", metavar="OUT", help="Where to write the calendar without them.")
]
Alike = Annotated[
    bool, typer.Option("--alike", help="Only titles that are the same but for capitals, spaces and signs.")
]
Moved = Annotated[
    bool,
    typer.Option("--moved", help="Events that may be one, moved, are taken for one, too; they are only told else."),
]
FULLEST = "fullest"
Kept = Annotated[
    str,
    typer.Option(
        "--keep", metavar="fullest|newest|oldest|longest", help="Which one stays; else the one that says most."
    ),
]
TakeOut = Annotated[
    str | None,
    typer.Option(
        "--take-out", metavar="FILE|BUILD", help="Take out just what a calendar of ours, or a build, has put in."
    ),
]
PlanOption = Annotated[
    Path, typer.Option("--plan", metavar="PLAN", help="For a build: the plan; else nomarium.toml in this folder.")
]


def weed(
    calendar: Calendar,
    output: Output = None,
    alike: Alike = False,
    moved: Moved = False,
    keep: Kept = FULLEST,
    taken_out: TakeOut = None,
    plan: PlanOption = Path("nomarium.toml"),
    force: options.Force = False,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Find the events of a calendar that stand twice, and write it without them.

    Twice are events at the same time with near-same titles and no two different places: a letter more in a long word,
    other capitals or signs, or something added: “Tea”, “Tea (A)”. The one that says more stays, or the one that
    “--keep” says. All else in the file stays as it was written. “--take-out” goes by identities alone.
    """
    from nomarium.cli import weed_run
    from nomarium.core.weeding import Keep, WeedChoices

    if keep not in tuple(Keep):
        raise options.wrong("--keep", f"“{keep}” is none of {', '.join(Keep)}.")
    allow_force(force)
    with wrong_calls():
        (path,) = options.existing([calendar])
        call = weed_run.WeedCall(path, output, WeedChoices(alike, moved, Keep(keep)), taken_out, plan, as_json, quiet)
        raise typer.Exit(weed_run.weed_out(call))
