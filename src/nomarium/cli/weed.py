"""``nomarium weed``: a calendar without the events that stand twice."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

WEED_EXAMPLES = """\b
Examples:
  nomarium weed exported.ics                 what stands twice in it
  nomarium weed exported.ics -o clean.ics    the calendar without these, and clean.dropped.csv: what was left out
"""

Calendar = Annotated[Path, typer.Argument(metavar="CALENDAR", show_default=False, help="A calendar file.")]
Output = Annotated[
    Path | None, typer.Option("-o", "--output", metavar="OUT", help="Where to write the calendar without them.")
]
Alike = Annotated[
    bool, typer.Option("--alike", help="Only titles that are the same but for capitals, spaces and signs.")
]


def weed(
    calendar: Calendar,
    output: Output = None,
    alike: Alike = False,
    force: options.Force = False,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
) -> None:
    """Find the events of a calendar that stand twice, and write it without them.

    Twice are events at the same time with near-same titles and no two different places: a letter more in a long word,
    other capitals or signs. The one that says more stays. All else in the file stays as it was written.
    """
    from nomarium.cli import weed_run

    allow_force(force)
    with wrong_calls():
        (path,) = options.existing([calendar])
        raise typer.Exit(weed_run.weed_out(path, output, alike_only=alike, as_json=as_json, quiet=quiet))
