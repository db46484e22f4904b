"""Writing what a conversion gave, and saying so."""

from __future__ import annotations

import sys
from collections.abc import Callable, Iterable, Iterator
from datetime import datetime
from pathlib import Path

import typer

from nomarium.cli.console import print_lines, print_problems, progress
from nomarium.cli.report import conversion_json, nothing_line, read_lines, written_lines
from nomarium.cli.stamp import stamp_of
from nomarium.cli.target import Target
from nomarium.core.calendars import Calendar, file_names, split_calendar
from nomarium.core.columns import RULE_FIELDS
from nomarium.core.conversion import Conversion, Request
from nomarium.core.ics import render_calendar
from nomarium.core.output import write_all, write_below
from nomarium.core.refused import refused_rows
from nomarium.core.rows import ROW_FIELDS, RowStyle, event_rows, render_csv, render_json, render_xlsx
from nomarium.core.sources import check_name


def write_conversion(result: Conversion, request: Request, target: Target, *, as_json: bool, quiet: bool) -> int:
    """Write the calendar unless errors forbid it, print report and problems, and return the exit status."""
    for name in target.split:
        check_name(result.sheets, name, "--split")
    writing = bool(result.calendar.uids) and (target.keep_going or not result.failed)
    written = _write(result, request, target, quiet=quiet) if writing and not target.dry_run else []
    report_to = sys.stderr if target.to_stdout else sys.stdout
    if as_json:
        typer.echo(conversion_json(result, target.path if writing else None, written), file=report_to)
        return _status(result)
    if not quiet:
        print_lines(read_lines(result, request), report_to)
    print_problems(result.problems, errors_only=quiet)
    if writing and not quiet:
        print_lines(written_lines(result, request, target.path, written, dry_run=target.dry_run), report_to)
    elif not writing:
        typer.echo(nothing_line(result), err=True)
    return _status(result)


def _status(result: Conversion) -> int:
    return 1 if result.failed or not result.calendar.uids else 0


def _write(result: Conversion, request: Request, target: Target, *, quiet: bool) -> list[Path]:
    stamp = stamp_of(request.files)
    total = len(result.calendar.uids)
    with progress("Writing", wanted=not quiet) as bar:
        files = list(_files(result.calendar, target, stamp, lambda done: bar(done, total)))
        rows = refused_rows(result.sheets)
        refused_path = target.refused_path()
        if rows is not None and refused_path:
            files.append((refused_path, iter([rows])))
        if target.path is None:
            _to_stdout(parts for _, file in files for parts in file)
            return []
        return write_below(target.folder, files) if target.split else write_all(files)


def _files(
    calendar: Calendar, target: Target, stamp: datetime, done: Callable[[int], None]
) -> Iterator[tuple[Path, Iterator[bytes]]]:
    """Yield each file to write, rendered when its turn comes."""
    if not target.split:
        yield target.path or Path(), _rendered(calendar, target, stamp, done)
        return
    parts = split_calendar(calendar, target.split)
    safe = {
        name: file_names(dict.fromkeys(chosen[index] for chosen in parts), empty=f"without {name}")
        for index, name in enumerate(target.split)
    }
    for chosen, part in parts.items():
        names = {name: safe[name][value] for name, value in zip(target.split, chosen, strict=True)}
        yield target.part_path(names), _rendered(part, target, stamp, done)


def _rendered(calendar: Calendar, target: Target, stamp: datetime, done: Callable[[int], None]) -> Iterator[bytes]:
    if target.form == "ics":
        return render_calendar(calendar, stamp, done)
    if target.style is not None:
        return _styled(calendar, target, target.style, stamp)
    headings = (*ROW_FIELDS, *RULE_FIELDS) if target.rules else ROW_FIELDS
    rows = event_rows(calendar, rules=target.rules)
    if target.form == "csv":
        return render_csv(headings, rows)
    return render_json(headings, rows) if target.form == "json" else render_xlsx(headings, rows, stamp)


def _styled(calendar: Calendar, target: Target, style: RowStyle, stamp: datetime) -> Iterator[bytes]:
    """Render rows in a style of the user's own."""
    rows = style.rows(event_rows(calendar))
    if target.form == "csv":
        return style.csv(rows, str(target.path or "standard output"))
    return render_json(style.headings, rows) if target.form == "json" else render_xlsx(style.headings, rows, stamp)


def _to_stdout(parts: Iterable[bytes]) -> None:
    for part in parts:
        sys.stdout.buffer.write(part)
    sys.stdout.buffer.flush()
