"""``nomarium check``: everything read and reported, nothing written."""

from __future__ import annotations

from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls

EXAMPLES = """\b
Examples:
  nomarium check                          problems, clashes and counts of nomarium.toml in this folder
  nomarium check --why "PLK-1 2026-10-14" where the meetings of a class on a date come from
  nomarium check --json                   the same for programs, every class counted
"""

Why = Annotated[
    list[str] | None,
    typer.Option(
        "--why",
        metavar="“WHOM DATE”",
        help="Tell where the meetings of a class, teacher or room on a date come from. Repeatable.",
    ),
]


def check(
    plans: options.PlanFiles = None,
    why: Why = None,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
    jobs: options.Jobs = None,
) -> None:
    """Read everything that a plan names, and report problems, clashes and counts. Nothing is written.

    A clash is a teacher, room or student in two places at once; it is listed once, with its dates. The counts say how
    often each class meets in the year, and which classes stand out. Exit status 1 where a build would be refused.
    """
    several = options.plan_paths(plans)
    options.of_one_plan(several, {"--why": why})
    if len(several) > 1:
        from nomarium.cli.many_plans import run_each

        raise typer.Exit(run_each("check", several, [], jobs, as_json=as_json, quiet=quiet))
    from nomarium.cli import check_run

    with wrong_calls():
        call = check_run.CheckCall(several[0], tuple(why or ()), as_json, quiet)
        raise typer.Exit(check_run.check(call))
