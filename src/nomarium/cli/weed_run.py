"""What ``nomarium weed`` does: asks the core, writes, prints."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path

import typer

from nomarium.cli import options
from nomarium.cli.console import print_lines, print_problems
from nomarium.cli.report import problems_json
from nomarium.core.calendars import Double, Likeness
from nomarium.core.history import read_given, read_side, uid_of
from nomarium.core.output import write_all
from nomarium.core.problems import has_errors
from nomarium.core.sources import Series
from nomarium.core.values import counted
from nomarium.core.weeding import WeedChoices, Weeded, dropped_rows, take_out, weed, when_of


@dataclass(frozen=True, slots=True)
class WeedCall:
    """What was asked."""

    path: Path
    output: Path | None
    choices: WeedChoices
    take_out: str | None
    """A calendar of ours, or the number of a build, whose events go."""
    plan: Path
    as_json: bool
    quiet: bool


def weed_out(call: WeedCall) -> int:
    """Report what goes from a calendar, write it without; return the exit status."""
    output = call.output
    if output is not None and output.suffix.lower() != ".ics":
        raise options.wrong("-o", f"“{output}” does not end in .ics.")
    zone = options.machine_zone()
    if call.take_out is None:
        found = weed(call.path, zone, call.choices)
    else:
        found = take_out(call.path, zone, _given_out(call.take_out, call.plan, zone))
    failed = has_errors(found.problems)
    written = []
    if output is not None and not failed:
        dropped = output.with_suffix(".dropped.csv")
        files = [(output, (found.text.encode(),))]
        files += [(dropped, (dropped_rows(found),))] if found.doubles or found.taken else []
        written = write_all(files)
    if call.as_json:
        typer.echo(json.dumps(_json(found, written), ensure_ascii=False, indent=2))
        return 1 if failed else 0
    print_problems(found.problems, errors_only=call.quiet)
    if not call.quiet:
        print_lines(_lines(call, found, written), sys.stdout)
    return 1 if failed else 0


def _given_out(what: str, plan: Path, zone: str) -> set[str]:
    """Return the UIDs of all events that a calendar of ours, or a build, has put into calendars."""
    if what.isdecimal():
        return set(read_side(what, options.plan_path(plan), zone).entries())
    (path,) = options.existing([Path(what)])
    given = read_given(path, zone)
    return {*map(uid_of, given.versions), *given.gone}


def _lines(call: WeedCall, found: Weeded, written: list[Path]) -> Iterator[str]:
    yield f"Read     {call.path}: {counted(found.events, 'event')}"
    if call.take_out is not None:
        missing = f"; {counted(found.missing, 'event')} of it {'is' if found.missing == 1 else 'are'} not there"
        yield f"Out      {counted(len(found.taken), 'event')} of {call.take_out}{missing if found.missing else ''}"
    elif not found.doubles:
        yield "         nothing stands twice"
    for number, double in enumerate(found.doubles):
        yield f"{'' if number else 'Twice':<9}{_shown(double.other)}"
        yield f"           stays: {_shown(double.kept)}{_why(double)}"
    for number, double in enumerate(found.perhaps):
        first, second = sorted((double.kept, double.other), key=when_of)
        yield f"{'' if number else 'Perhaps':<9}{_shown(first)}"
        yield f"           and    {_shown(second)}: moved? --moved takes out the one that says less"
    for number, target in enumerate(written):
        gone = len(found.doubles) + len(found.taken)
        events = gone if number else found.events - gone
        yield f"{'' if number else 'Wrote':<9}{target}: {counted(events, 'event')}{' left out' if number else ''}"


def _shown(event: Series) -> str:
    place = f" ({event.location})" if event.location else ""
    return f"{when_of(event)[0].replace('T', ' ')} {event.summary}{place}, {event.place.cell}"


def _why(double: Double) -> str:
    return "" if double.likeness is Likeness.TITLE else f": {double.likeness.value}"


def _json(found: Weeded, written: list[Path]) -> dict[str, object]:
    return {
        "events": found.events,
        "twice": [_double_json(double) for double in found.doubles],
        "perhaps": [_double_json(double) for double in found.perhaps],
        "taken_out": [_event_json(event) for event in found.taken],
        "missing": found.missing,
        "written": list(map(str, written)),
        "problems": problems_json(found.problems),
    }


def _double_json(double: Double) -> dict[str, object]:
    return {**_event_json(double.other), "likeness": double.likeness.value, "kept": _event_json(double.kept)}


def _event_json(event: Series) -> dict[str, object]:
    return {"uid": event.id, "title": event.summary, "start": when_of(event)[0], "line": event.place.row}
