"""What ``nomarium build`` does: asks the core, writes, prints."""

from __future__ import annotations

import json
import sys
from collections.abc import Sequence
from dataclasses import dataclass
from pathlib import Path

import typer

from nomarium.cli.build_report import build_json, nothing_line, read_lines, written_lines
from nomarium.cli.check_report import clash_head
from nomarium.cli.console import print_lines, print_problems, progress
from nomarium.cli.stamp import stamp_of
from nomarium.core.building import Build, BuildChoices, Written, find_clashes, foreign_files, prepare, write_calendars
from nomarium.core.problems import Problem, by_place, has_errors


@dataclass(frozen=True, slots=True)
class BuildCall:
    """What was asked."""

    plan: Path
    choices: BuildChoices
    dry_run: bool
    force: bool
    as_json: bool
    quiet: bool


def build(call: BuildCall) -> int:
    """Build the calendars of a plan; return the exit status."""
    made = prepare(call.plan, call.choices)
    problems = list(made.problems)
    parts = made.calendars.parts
    if not made.failed and not call.force:
        problems = by_place([*problems, *foreign_files(made.folder, parts)])
    failed = has_errors(problems) or not parts
    written = Written() if failed or call.dry_run else _write(made, call)
    problems += written.problems
    if call.as_json:
        typer.echo(json.dumps(build_json(made, problems, written), ensure_ascii=False, indent=2))
    else:
        _print(made, call, problems, written, failed=failed)
    return 1 if failed else 0


def _write(made: Build, call: BuildCall) -> Written:
    parts = made.calendars.parts
    with progress("Writing", wanted=not call.quiet) as bar:
        return write_calendars(
            made.folder,
            parts,
            stamp_of(made.inputs),
            whole=not call.choices.only,
            progress=lambda done: bar(done, len(parts)),
        )


def _print(made: Build, call: BuildCall, problems: Sequence[Problem], written: Written, *, failed: bool) -> None:
    if not call.quiet:
        print_lines(read_lines(made), sys.stdout)
    print_problems(problems, errors_only=call.quiet)
    if failed:
        typer.echo(nothing_line(problems), err=True)
    elif not call.quiet:
        print_lines(written_lines(made, written, dry_run=call.dry_run), sys.stdout)
        clashes = find_clashes([one for one in made.held if one.event is None])
        if clashes:
            print_lines([clash_head(clashes) + "; nomarium check lists them"], sys.stdout)
