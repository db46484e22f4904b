"""Writing what a conversion gave, and saying so."""

from __future__ import annotations

import os
import sys
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from datetime import UTC, datetime
from pathlib import Path
from typing import TextIO

import typer

from nomarium.cli.console import print_problems, progress, wrapped
from nomarium.cli.report import conversion_json, nothing_line, read_lines, written_lines
from nomarium.core.conversion import Conversion, Request
from nomarium.core.ics import render_calendar
from nomarium.core.output import write_whole
from nomarium.core.refused import refused_rows


@dataclass(frozen=True, slots=True)
class Target:
    """Where the result goes: a file, standard output (no path), or nowhere (a dry run)."""

    path: Path | None
    dry_run: bool
    keep_going: bool

    @classmethod
    def of(cls, output: str | None, *, dry_run: bool, keep_going: bool) -> Target:
        """Read the option ``-o``, refusing a call that names no output or one of an unknown ending."""
        if output is None and not dry_run:
            raise typer.BadParameter(
                "Name the calendar to write, such as -o events.ics, or use --dry-run.", param_hint="-o"
            )
        if output is None or output == "-":
            return cls(None, dry_run, keep_going)
        path = Path(output)
        if path.suffix.lower() != ".ics":
            raise typer.BadParameter(f"“{output}” does not end in .ics.", param_hint="-o")
        return cls(path, dry_run, keep_going)

    @property
    def stem(self) -> str:
        """The name that a calendar gets where none is stated."""
        return self.path.stem if self.path else "Events"

    @property
    def to_stdout(self) -> bool:
        """Whether the result, not the report, goes to standard output."""
        return self.path is None and not self.dry_run

    @property
    def refused_path(self) -> Path | None:
        """The file beside the output that takes refused rows."""
        return self.path.with_suffix(".refused.csv") if self.path else None


def write_conversion(result: Conversion, request: Request, target: Target, *, as_json: bool, quiet: bool) -> int:
    """Write the calendar unless errors forbid it, print report and problems, and return the exit status."""
    writing = bool(result.calendar.uids) and (target.keep_going or not result.failed)
    written: list[Path] = []
    if writing and not target.dry_run:
        written = _write(result, request, target, quiet=quiet)
    report_to = sys.stderr if target.to_stdout else sys.stdout
    if as_json:
        typer.echo(conversion_json(result, target.path if writing else None, written), file=report_to)
        return _status(result)
    if not quiet:
        _print(read_lines(result, request), report_to)
    print_problems(result.problems, errors_only=quiet)
    if writing and not quiet:
        _print(written_lines(result, request, target.path, written, dry_run=target.dry_run), report_to)
    elif not writing:
        typer.echo(nothing_line(result), err=True)
    return _status(result)


def _status(result: Conversion) -> int:
    return 1 if result.failed or not result.calendar.uids else 0


def _print(lines: Iterable[str], stream: TextIO) -> None:
    for line in lines:
        typer.echo(wrapped(line, stream, " " * 9), file=stream)
    stream.flush()


def _write(result: Conversion, request: Request, target: Target, *, quiet: bool) -> list[Path]:
    total = len(result.calendar.uids)
    with progress("Writing", wanted=not quiet) as bar:
        parts = render_calendar(result.calendar, _stamp(request), lambda done: bar(done, total))
        if target.path is None:
            _to_stdout(parts)
            return []
        write_whole(target.path, parts)
    written = [target.path]
    rows = refused_rows(result.sheets)
    if rows is not None and target.refused_path:
        write_whole(target.refused_path, [rows])
        written.append(target.refused_path)
    return written


def _to_stdout(parts: Iterator[bytes]) -> None:
    for part in parts:
        sys.stdout.buffer.write(part)
    sys.stdout.buffer.flush()


def _stamp(request: Request) -> datetime:
    """Return the DTSTAMP: SOURCE_DATE_EPOCH, else when the newest input was changed; never the clock."""
    epoch = os.environ.get("SOURCE_DATE_EPOCH", "")
    if epoch.isdecimal() and int(epoch) < 250_000_000_000:
        return datetime.fromtimestamp(int(epoch), UTC)
    return datetime.fromtimestamp(int(max(path.stat().st_mtime for path in request.files)), UTC)
