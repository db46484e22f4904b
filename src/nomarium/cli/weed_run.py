"""What ``nomarium weed`` does: asks the core, writes, prints."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterator
from pathlib import Path

import typer

from nomarium.cli import options
from nomarium.cli.console import print_lines, print_problems
from nomarium.cli.report import problems_json
from nomarium.core.output import write_all
from nomarium.core.problems import has_errors
from nomarium.core.sources import Series
from nomarium.core.values import counted
from nomarium.core.weeding import Weeded, dropped_rows, weed, when_of


def weed_out(path: Path, output: Path | None, *, alike_only: bool, as_json: bool, quiet: bool) -> int:
    """Report what stands twice in a calendar, write it without; return the exit status."""
    if output is not None and output.suffix != ".ics":
        raise options.wrong("-o", f"“{output}” does not end in .ics.")
    found = weed(path, options.machine_zone(), alike_only=alike_only)
    failed = has_errors(found.problems)
    written = []
    if output is not None and not failed:
        dropped = output.with_suffix(".dropped.csv")
        files = [(output, (found.text.encode(),))]
        files += [(dropped, (dropped_rows(found.doubles),))] if found.doubles else []
        written = write_all(files)
    if as_json:
        typer.echo(json.dumps(_json(found, written), ensure_ascii=False, indent=2))
        return 1 if failed else 0
    print_problems(found.problems, errors_only=quiet)
    if not quiet:
        print_lines(_lines(path, found, written), sys.stdout)
    return 1 if failed else 0


def _lines(path: Path, found: Weeded, written: list[Path]) -> Iterator[str]:
    yield f"Read     {path}: {counted(found.events, 'event')}"
    if not found.doubles:
        yield "         nothing stands twice"
    for number, double in enumerate(found.doubles):
        other, kept = double.other, double.kept
        same = "the same title" if other.summary == kept.summary else f"“{kept.summary}”"
        label = "" if number else "Twice"
        yield f"{label:<9}{_when(other)} {other.summary} ({other.place.cell}): {same}, {kept.place.cell}"
    for number, target in enumerate(written):
        events = len(found.doubles) if number else found.events - len(found.doubles)
        yield f"{'' if number else 'Wrote':<9}{target}: {counted(events, 'event')}{' left out' if number else ''}"


def _when(event: Series) -> str:
    return when_of(event)[0].replace("T", " ")


def _json(found: Weeded, written: list[Path]) -> dict[str, object]:
    doubles = [
        {
            "uid": double.other.id,
            "title": double.other.summary,
            "start": when_of(double.other)[0],
            "line": double.other.place.row,
            "kept": {"uid": double.kept.id, "title": double.kept.summary, "line": double.kept.place.row},
        }
        for double in found.doubles
    ]
    return {
        "events": found.events,
        "twice": doubles,
        "written": list(map(str, written)),
        "problems": problems_json(found.problems),
    }
