"""``nomarium build``: every calendar of a plan."""

from __future__ import annotations

import os
import sys
from datetime import date
from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import print_said, wrong_calls

EXAMPLES = """\b
Examples:
  nomarium build                                every calendar of nomarium.toml in this folder
  nomarium build --dry-run                      what would be written
  nomarium build --only teacher="R. Vasquel"    only that calendar
  nomarium build --updates updates              beside it, small files with just what has changed
  nomarium build --edited exported.ics          keeps what was changed by hand in a calendar program
  nomarium build */nomarium.toml                several plans, each in a process of its own
  nomarium build --from 2027-01-04 --to 2027-03-25
"""

Only = Annotated[
    list[str] | None,
    typer.Option("--only", metavar="SPLIT=WHOM", help="Only the calendars of these: teacher=“R. Vasquel”. Repeatable."),
]
From = Annotated[str | None, typer.Option("--from", metavar="DATE", help="Only what is on this date or later.")]
To = Annotated[str | None, typer.Option("--to", metavar="DATE", help="Only what is up to this date, included.")]
DryRun = Annotated[bool, typer.Option("--dry-run", help="Say what would be written, and write nothing.")]


Accept = Annotated[
    bool, typer.Option("--accept", help="Build even if that takes more events away than the guard lets pass.")
]
Updates = Annotated[
    Path | None,
    typer.Option("--updates", metavar="DIR", help="Write a small file for each calendar with just what has changed."),
]
Since = Annotated[
    int | None, typer.Option("--since", metavar="BUILD", min=1, help="For --updates: since this build, not the last.")
]


Edited = Annotated[
    list[str] | None,
    typer.Option(
        "--edited",
        metavar="FILE",
        help="A calendar exported from a calendar program, edited by hand there; “CALENDAR=FILE” says which of ours it "
        "is. Repeatable.",
    ),
]
OnEdit = Annotated[
    list[str] | None,
    typer.Option(
        "--on-edit",
        metavar="keep|overwrite|ask",
        help="What becomes of edits by hand; else keep. “location=overwrite” for one field. Repeatable.",
    ),
]


def call_words(*, as_json: bool, quiet: bool) -> str:
    """Return what of a call and its surroundings could change a word of the report; "" where a terminal lays it out."""
    if sys.stdout.isatty() or sys.stderr.isatty():
        return ""
    return f"{as_json=}, {quiet=}, {date.today()}, {os.environ.get('SOURCE_DATE_EPOCH', '')}"


def build(
    plans: options.PlanFiles = None,
    only: Only = None,
    first: From = None,
    last: To = None,
    dry_run: DryRun = False,
    force: options.Force = False,
    accept: Accept = False,
    updates: Updates = None,
    since: Since = None,
    edited: Edited = None,
    on_edit: OnEdit = None,
    as_json: options.Json = False,
    quiet: options.Quiet = False,
    jobs: options.Jobs = None,
) -> None:
    """Write every calendar that the plan names, and an index of them: calendars.csv.

    The timetable’s meetings are dated by the school year, its cycles and bell times; changes are applied, rosters
    joined. Each meeting has the same identity in all calendars that hold it, and keeps it through corrections: each
    build is kept in .nomarium beside the plan and compared with the one before. Where anything is wrong, or too much
    would be gone, nothing is written (exit status 1). Several plans are built each for itself.
    """
    if since is not None and updates is None:
        raise options.wrong("--since", "It says since when --updates are wanted; name their folder.")
    if on_edit and not edited:
        raise options.wrong("--on-edit", "It says what becomes of edits by hand; name the calendar with --edited.")
    several = options.plan_paths(plans)
    options.of_one_plan(several, {"--only": only, "--updates": updates, "--since": since, "--edited": edited})
    if len(several) > 1:
        from nomarium.cli.many_plans import run_each

        asked = {"--from": first, "--to": last, "--dry-run": dry_run, "--force": force, "--accept": accept}
        raise typer.Exit(run_each("build", several, options.as_words(asked), jobs, as_json=as_json, quiet=quiet))
    from nomarium.core import history

    (plan,) = several
    with wrong_calls():
        plain = not (only or first or last or dry_run or force or updates or edited)
        words = call_words(as_json=as_json, quiet=quiet) if plain else ""
        if words and (said := history.sealed(plan.parent, f"{plan.name}, {words}")):
            print_said(said)
            raise typer.Exit
        from nomarium.cli import build_run
        from nomarium.cli.edit_choices import edit_choices
        from nomarium.core.building import BuildChoices

        choices = BuildChoices(
            options.machine_zone(),
            dict(options.conditions(only, "--only")),
            *options.day_span(first, last),
        )
        call = build_run.BuildCall(
            plan,
            choices,
            dry_run,
            force,
            accept,
            updates,
            since,
            tuple(edited or ()),
            edit_choices(on_edit),
            as_json,
            quiet,
            words,
        )
        raise typer.Exit(build_run.build(call))
