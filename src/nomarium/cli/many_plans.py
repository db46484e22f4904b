"""Several plans in one call: each in a process of its own, so that what is wrong with one costs no other."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from collections.abc import Iterator, Sequence
from concurrent.futures import ThreadPoolExecutor, as_completed
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

import typer

from nomarium.cli.console import print_lines, print_problems
from nomarium.core.problems import Place, Problem, Severity
from nomarium.core.values import counted

_LABEL = 9


@dataclass(frozen=True, slots=True)
class Outcome:
    """What came of one plan."""

    plan: str
    status: int
    report: dict[str, Any] = field(default_factory=dict)
    """What its own call would have printed with --json."""
    said: str = ""
    """What it said instead, where it printed no report."""

    def count(self, severity: Severity) -> int:
        """Return how many problems of a severity there are."""
        return sum(one["count"] for one in self.report.get("problems", ()) if one["severity"] == severity.value)

    @property
    def errors(self) -> int:
        """How many errors there are; one where the plan could not even be asked."""
        return self.count(Severity.ERROR) or int(self.status > 0)


def run_each(
    command: str, plans: Sequence[Path], words: Sequence[str], jobs: int | None, *, as_json: bool, quiet: bool
) -> int:
    """Run a command on several plans, at most one a core, and print what came of them; return the highest status."""
    outcomes: dict[Path, Outcome] = {}
    with ThreadPoolExecutor(min(jobs or _cores(), len(plans))) as pool:
        running = {pool.submit(_run, command, plan, words): plan for plan in plans}
        for done in as_completed(running):
            outcomes[running[done]] = done.result()
            if not as_json:
                _print_one(done.result(), quiet=quiet)
    in_order = [outcomes[plan] for plan in plans]
    if as_json:
        told = [{"plan": one.plan, "status": one.status, **(one.report or {"said": one.said})} for one in in_order]
        typer.echo(json.dumps(told, ensure_ascii=False, indent=2))
    elif not quiet:
        print_lines(["", *_table(in_order)], sys.stdout)
    return max(one.status for one in in_order)


def _cores() -> int:
    try:
        return len(os.sched_getaffinity(0))
    except AttributeError:
        return os.cpu_count() or 1


def _run(command: str, plan: Path, words: Sequence[str]) -> Outcome:
    call = [sys.executable, "-m", "nomarium", command, str(plan), *words, "--json"]
    done = subprocess.run(call, capture_output=True, check=False, encoding="utf-8", errors="replace")
    try:
        report = json.loads(done.stdout)
    except ValueError:
        status = done.returncode if done.returncode > 0 else 1
        return Outcome(str(plan), status, said=done.stderr.strip() or f"It ended with status {done.returncode}.")
    return Outcome(str(plan), done.returncode, report)


def _print_one(outcome: Outcome, *, quiet: bool) -> None:
    """Say in a line what came of a plan, with its errors below."""
    label = "Refused" if outcome.status else "Done"
    what = ", ".join(_counts(outcome)) or counted(outcome.errors, "error")
    print_lines([] if quiet else [f"{label:<{_LABEL}}{outcome.plan}: {what}"], sys.stdout)
    print_problems(_problems(outcome), errors_only=True)
    for line in outcome.said.splitlines():
        typer.echo(f"{'':<{_LABEL}}{line}", err=True)


def _counts(outcome: Outcome) -> Iterator[str]:
    report = outcome.report
    if outcome.errors:
        yield counted(outcome.errors, "error")
    if "calendars" in report and not outcome.status:
        yield counted(len(report["calendars"]), "calendar")
    if "events" in report and not outcome.status:
        yield counted(report["events"], "event")
    if warnings := outcome.count(Severity.WARNING):
        yield counted(warnings, "warning")


def _problems(outcome: Outcome) -> Iterator[Problem]:
    """Return the problems of a report as they were, one for each cell."""
    for one in outcome.report.get("problems", ()):
        for cell in one["cells"] or [one["cell"]]:
            place = Place(f"{outcome.plan}: {one['file']}", one["sheet"], cell)
            said = one["message"], one["found"], one["expected"], one["advice"]
            yield Problem(Severity(one["severity"]), one["code"], place, *said)


_HEADINGS = ("Plan", "Came of it", "Calendars", "Events", "New or changed", "Errors", "Warnings")


def _table(outcomes: Sequence[Outcome]) -> Iterator[str]:
    """Return all plans as a table, the numbers to the right."""
    rows = [_HEADINGS, *(tuple(_row(one)) for one in outcomes)]
    widths = [max(map(len, column)) for column in zip(*rows, strict=True)]
    for row in rows:
        cells = [f"{text:{'<' if place < 2 else '>'}{widths[place]}}" for place, text in enumerate(row)]
        yield "  ".join(cells).rstrip()


def _row(outcome: Outcome) -> Iterator[str]:
    report = {} if outcome.status else outcome.report
    changes = report.get("changes")
    yield outcome.plan
    yield "refused" if outcome.status else "done"
    yield f"{len(report['calendars']):,}" if "calendars" in report else ""
    yield f"{report['events']:,}" if "events" in report else ""
    yield f"{sum(count for what, count in changes.items() if what != 'same'):,}" if changes else ""
    yield f"{outcome.errors:,}"
    yield f"{outcome.count(Severity.WARNING):,}"
