"""What ``nomarium check`` does: asks the core, prints."""

from __future__ import annotations

import json
import sys
from dataclasses import dataclass
from pathlib import Path

import typer

from nomarium.cli import options
from nomarium.cli.build_report import footing_lines, made_lines, read_lines
from nomarium.cli.check_report import check_json, clash_lines, count_lines
from nomarium.cli.console import print_lines, print_problems
from nomarium.core.building import Build, BuildChoices, find_clashes, prepare, tell_why
from nomarium.core.problems import has_errors


@dataclass(frozen=True, slots=True)
class CheckCall:
    """What was asked."""

    plan: Path
    why: tuple[str, ...]
    as_json: bool
    quiet: bool


def check(call: CheckCall) -> int:
    """Report what a plan and its sheets come to; return the exit status, 1 where a build would be refused."""
    build = prepare(call.plan, BuildChoices(options.machine_zone()))
    if call.why and build.held:
        return _tell(build, call)
    wrong_times = build.read.bells_refused or any(problem.code == "bell-tie" for problem in build.problems)
    clashes = [] if wrong_times else find_clashes(build.held)
    if call.as_json:
        typer.echo(json.dumps(check_json(build, clashes), ensure_ascii=False, indent=2))
        return 1 if build.failed else 0
    if not call.quiet:
        print_lines([*read_lines(build), *footing_lines(build)], sys.stdout)
    print_problems(build.problems, errors_only=call.quiet)
    if not call.quiet and build.held:
        print_lines(made_lines(build), sys.stdout)
        print_lines(clash_lines(clashes), sys.stdout)
        print_lines(count_lines(build), sys.stdout)
    return 1 if has_errors(build.problems) else 0


def _tell(build: Build, call: CheckCall) -> int:
    told = {asked: tell_why(build, asked) for asked in call.why}
    if call.as_json:
        typer.echo(json.dumps(told, ensure_ascii=False, indent=2))
        return 0
    for number, lines in enumerate(told.values()):
        print_lines(([""] if number else []) + lines, sys.stdout, "  ")
    return 0
