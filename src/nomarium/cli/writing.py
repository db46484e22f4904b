"""Writing what a conversion gave, and saying so."""

from __future__ import annotations

import sys
from collections import deque
from collections.abc import Callable, Iterable, Iterator
from dataclasses import dataclass, field
from datetime import datetime
from pathlib import Path
from types import ModuleType
from typing import TYPE_CHECKING

import typer

from nomarium.cli.console import print_lines, print_problems, progress
from nomarium.cli.reissuing import Again, Reissued, reissued
from nomarium.cli.report import conversion_json, nothing_line, read_lines, written_lines
from nomarium.cli.stamp import stamp_of
from nomarium.core import rows
from nomarium.core.calendars import Calendar, file_names, split_calendar
from nomarium.core.columns import RULE_FIELDS
from nomarium.core.ics import render_calendar
from nomarium.core.output import Door, write_together
from nomarium.core.problems import Place, WrongCall, by_place, has_errors
from nomarium.core.refused import refused_rows
from nomarium.core.sources import check_name

if TYPE_CHECKING:
    from nomarium.cli.target import Target
    from nomarium.core.conversion import Conversion, Request
    from nomarium.core.history import Differences
    from nomarium.core.rows import RowStyle


def write_conversion(
    result: Conversion, request: Request, target: Target, again: Again, *, as_json: bool, quiet: bool
) -> int:
    """Write the calendar unless errors forbid it, print report and problems, and return the exit status."""
    for name in target.split:
        check_name(result.sheets, name, "--split")
    possible = bool(result.calendar.uids) and (target.keep_going or not result.failed)
    made = _going_on(result, request, target, again) if possible else None
    writing = made is not None and not has_errors(made.problems)
    done = _Done()
    if writing and made is not None:
        done = _write(result, request, target, made, again, quiet=quiet)
        lost = rows.not_in_rows(result.calendar, Place(str(target.path))) if target.form != "ics" else []
        result.problems = by_place([*result.problems, *made.problems, *lost])
    report_to = sys.stderr if target.to_stdout else sys.stdout
    if as_json:
        path = target.path if writing else None
        changes = _difference_lines().counts_json(done.changes) if done.changes else {}
        typer.echo(conversion_json(result, path, done.written, changes, done.updates), file=report_to)
        return _status(result)
    if not quiet:
        print_lines(read_lines(result, request), report_to)
    print_problems(result.problems, errors_only=quiet)
    if writing and not quiet:
        print_lines([_difference_lines().changes_line(done.changes)] if done.changes else [], report_to)
        print_lines(written_lines(result, request, target.path, done.written, dry_run=target.dry_run), report_to)
        print_lines(_difference_lines().update_lines(done.updates.items()) if done.updates else [], report_to)
    elif not writing:
        typer.echo(nothing_line(result), err=True)
    return _status(result)


def _difference_lines() -> ModuleType:
    """The words for changes: only a calendar that was given out before needs them."""
    from nomarium.cli import difference_lines

    return difference_lines


@dataclass(slots=True)
class _Done:
    """What came of the writing."""

    written: list[Path] = field(default_factory=list)
    changes: Differences | None = None
    """What has changed since the calendar was given out before; None where it was not."""
    updates: dict[Path, int] = field(default_factory=dict)
    """The small calendars of what has changed, with their numbers of events."""


def _status(result: Conversion) -> int:
    return 1 if result.failed or not result.calendar.uids else 0


def _going_on(result: Conversion, request: Request, target: Target, again: Again) -> Reissued:
    """Let the events of a conversion go on from those given out before."""
    if again.updates is not None and result.failed:
        raise WrongCall("--updates needs every row.", "What a refused row stood for would be taken back: correct it.")
    place = Place(str(target.path or "standard output"))
    made = reissued(result, target, again, stamp_of(request.files), place, request.scope)
    if again.updates is not None and not made.given:
        raise WrongCall("Nothing was given out yet.", "--updates tells what has changed since: convert without it.")
    result.calendar = made.calendar
    if has_errors(made.problems):
        result.problems = by_place([*result.problems, *made.problems])
    return made


def _write(result: Conversion, request: Request, target: Target, made: Reissued, again: Again, *, quiet: bool) -> _Done:
    stamp = stamp_of(request.files)
    total = len(result.calendar.uids)
    done = _Done()
    with progress("Writing", wanted=not quiet) as bar:
        files: list[tuple[Path, Iterable[bytes]]] = list(
            _files(result.calendar, target, made, stamp, lambda count: bar(count, total))
        )
        files += made.forsaken(path for path, _ in files)
        refused = refused_rows(result.sheets)
        refused_path = target.refused_path()
        if refused is not None and refused_path:
            files.append((refused_path, iter([refused])))
        if target.path is None or target.dry_run:
            _pass_on((parts for _, file in files for parts in file), to_stdout=target.to_stdout)
        else:
            done.written = write_together(_batches(files, target, made, again.updates, done))
    done.changes = made.differences() if made.given else None
    return done


def _batches(
    files: Iterable[tuple[Path, Iterable[bytes]]], target: Target, made: Reissued, updates: Path | None, done: _Done
) -> Iterator[tuple[Iterable[tuple[Path, Iterable[bytes]]], Door]]:
    """Yield the files of a conversion, then the small ones that tell what they change."""
    yield files, Door(target.folder) if target.split else Door()
    if updates is not None:
        small = list(made.updates(updates, target))
        done.updates = {path: events for path, _, events in small}
        whole = frozenset(made.given)
        yield ((path, data) for path, data, _ in small), Door(updates if target.split else None, whole)


def _files(
    calendar: Calendar, target: Target, made: Reissued, stamp: datetime, done: Callable[[int], None]
) -> Iterator[tuple[Path, Iterator[bytes]]]:
    """Yield each file to write, rendered when its turn comes."""
    if not target.split:
        path = target.path or Path()
        yield path, _rendered(made.of(path, calendar), target, stamp, done)
        return
    parts = split_calendar(calendar, target.split)
    safe = {
        name: file_names(dict.fromkeys(chosen[index] for chosen in parts), empty=f"without {name}")
        for index, name in enumerate(target.split)
    }
    for chosen, part in parts.items():
        names = {name: safe[name][value] for name, value in zip(target.split, chosen, strict=True)}
        path = target.part_path(names)
        yield path, _rendered(made.of(path, part), target, stamp, done)


def _rendered(calendar: Calendar, target: Target, stamp: datetime, done: Callable[[int], None]) -> Iterator[bytes]:
    if target.form == "ics":
        return render_calendar(calendar, stamp, done)
    if calendar.stamps is not None:  # what has changed is told from the events as calendars have them
        deque(render_calendar(calendar, stamp), maxlen=0)
    if target.style is not None:
        return _styled(calendar, target, target.style, stamp)
    headings = (*rows.ROW_FIELDS, *RULE_FIELDS) if target.rules else rows.ROW_FIELDS
    cells = rows.event_rows(calendar, rules=target.rules)
    if target.form == "csv":
        return rows.render_csv(headings, cells)
    return rows.render_json(headings, cells) if target.form == "json" else rows.render_xlsx(headings, cells, stamp)


def _styled(calendar: Calendar, target: Target, style: RowStyle, stamp: datetime) -> Iterator[bytes]:
    """Render rows in a style of the user's own."""
    cells = style.rows(rows.event_rows(calendar))
    if target.form == "csv":
        return style.csv(cells, str(target.path or "standard output"))
    return (
        rows.render_json(style.headings, cells)
        if target.form == "json"
        else rows.render_xlsx(style.headings, cells, stamp)
    )


def _pass_on(parts: Iterable[bytes], *, to_stdout: bool) -> None:
    """Render everything, to standard output or to nowhere."""
    for part in parts:
        if to_stdout:
            sys.stdout.buffer.write(part)
    if to_stdout:
        sys.stdout.buffer.flush()
