"""What ``nomarium compare`` does: asks the core, prints, writes tables and notices."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass
from datetime import date
from pathlib import Path

import typer

from nomarium.cli import options
from nomarium.cli.console import print_lines, print_problems
from nomarium.cli.difference_lines import difference_line
from nomarium.cli.stamp import moment_of_build
from nomarium.core.history import (
    Difference,
    Differences,
    Entry,
    Side,
    What,
    differences,
    entries_for_others,
    last_build,
    notice,
    plan_privacy,
    plan_zone,
    read_side,
    same_calendars,
    when,
    whole_calendars,
)
from nomarium.core.marks import PAGE_MARK
from nomarium.core.output import write_all, write_below
from nomarium.core.privacy import Privacy
from nomarium.core.problems import has_errors
from nomarium.core.rows import render_csv, render_xlsx
from nomarium.core.values import counted

_MOST, _FEW = 60, 5
Calendars = tuple[str, Mapping[str, Entry], Mapping[str, Entry]]
"""The file of a calendar, and its events on both sides."""


@dataclass(frozen=True, slots=True)
class CompareCall:
    """What was asked."""

    old: str
    new: str | None
    plan: Path
    output: Path | None
    notices: Path | None
    days: tuple[date | None, date | None]
    as_json: bool
    exit_code: bool
    quiet: bool


def compare(call: CompareCall) -> int:
    """Print or write what differs between two sets of events; return the exit status."""
    sides = _sides(call)
    problems = [problem for side in sides for problem in side.problems if problem.severity == "error"]
    print_problems(problems)
    if has_errors(problems):
        return 1
    old, new = sides
    both = same_calendars(old, new, whole_calendars(_plan(call)))
    found = _found(call, both)
    if call.output is not None:
        _write_table(call.output, _found_by_others(call, both), quiet=call.quiet or call.as_json)
    if call.notices is not None:
        _write_notices(call, old, new)
    if call.as_json:
        typer.echo(json.dumps([_json(path, d) for path, one in found for d in one.found], ensure_ascii=False, indent=2))
    elif call.output is None and call.notices is None and not call.quiet:
        print_lines(_compare_lines(old.name, new.name, found), sys.stdout, "    ")
    return 1 if call.exit_code and found else 0


def _found(call: CompareCall, both: Sequence[Calendars]) -> list[tuple[str, Differences]]:
    """Return what differs in each calendar in which something does."""
    found = ((path, differences(a, b, pairing=True).within(*call.days)) for path, a, b in both)
    return [(path, one) for path, one in found if one.found]


def _privacy(call: CompareCall) -> Privacy:
    return plan_privacy(_plan(call))


def _plan(call: CompareCall) -> Path:
    return call.plan if call.plan.exists() else Path(call.old)


def _found_by_others(call: CompareCall, both: Sequence[Calendars]) -> list[tuple[str, Differences]]:
    """Return what differs in what others may read: a file gets around."""
    privacy = _privacy(call)
    return _found(
        call, [(path, entries_for_others(old, privacy), entries_for_others(new, privacy)) for path, old, new in both]
    )


def _sides(call: CompareCall) -> tuple[Side, Side]:
    """Return both sides; with one operand, a plan, its last build and the plan as it is now."""
    old, new = call.old, call.new
    known = call.plan if call.plan.exists() else None
    if new is None:
        known = options.plan_path(Path(old))
        old, new = last_build(known), str(known)
    zone = (plan_zone(known) if known else None) or options.machine_zone()
    return read_side(old, known, zone), read_side(new, known, zone)


def _write_notices(call: CompareCall, old: Side, new: Side) -> None:
    """Write for each calendar what has changed, in sentences."""
    files = []
    folder = call.notices or Path()
    privacy = _privacy(call)
    for path, before, after in same_calendars(old, new):
        file = folder / Path(path or f"{Path(new.name).stem}.ics").with_suffix(".txt")
        was, now = (entries_for_others(entries, privacy) for entries in (before, after))
        text = notice(file.stem, f"{old.name} → {new.name}", was, now, call.days)
        if text:
            files.append((file, (text.encode(),)))
    written = write_below(folder, files)
    if call.quiet or call.as_json:
        return
    typer.echo(f"Wrote    {counted(len(written), 'notice')} of what has changed")
    for target in written[:_FEW]:
        typer.echo(f"         {target}")
    if len(written) > _FEW:
        typer.echo(f"         … and {len(written) - _FEW:,} more in {folder}")


def _compare_lines(old: str, new: str, found: Sequence[tuple[str, Differences]]) -> Iterator[str]:
    if not found:
        yield f"{old} and {new} hold the same events."
        return
    for path, one in found:
        counts = one.counts()
        said = ", ".join(f"{counts[what]:,} {what.value}" for what in What if counts[what])
        yield f"{path or f'{old} → {new}'}: {said}; {one.same:,} the same"
        for difference in one.found[:_MOST]:
            yield f"  {difference_line(difference)}"
        if len(one.found) > _MOST:
            yield f"  … and {len(one.found) - _MOST:,} more (--json lists them all)"


_COLUMNS = ("calendar", "what", "title", "start", "field", "before", "after", "certain", "uid")


def _table(found: Iterable[tuple[str, Differences]]) -> Iterator[tuple[str, ...]]:
    for path, one in found:
        for difference in one.found:
            entry, sure = difference.entry, "" if difference.certain else "no"
            for name, was, now in difference.fields() or [("", "", "")]:
                yield path, difference.what.value, entry.title, when(entry), name, was, now, sure, entry.uid


def _write_table(output: Path, found: Sequence[tuple[str, Differences]], *, quiet: bool) -> None:
    rows = list(_table(found))
    endings = {".csv": lambda: render_csv(_COLUMNS, iter(rows)), ".html": lambda: iter([_page(rows)])}
    if output.suffix == ".xlsx":
        from datetime import datetime

        data: Iterable[bytes] = render_xlsx(_COLUMNS, iter(rows), datetime.fromisoformat(moment_of_build()), "Changes")
    elif output.suffix in endings:
        data = endings[output.suffix]()
    else:
        raise typer.BadParameter(f"“{output}” ends in none of .csv, .xlsx, .html.", param_hint="-o")
    write_all([(output, data)])
    if not quiet:
        typer.echo(f"Wrote    {output}: {counted(len(rows), 'row')}")


def _page(rows: Sequence[tuple[str, ...]]) -> bytes:
    from html import escape

    def line(cells: Iterable[str], tag: str) -> str:
        return "<tr>" + "".join(f"<{tag}>{escape(cell)}</{tag}>" for cell in cells) + "</tr>"

    head = (
        f'<!doctype html><html lang="en"><meta charset="utf-8">{PAGE_MARK}<title>What has changed</title>'
        "<style>body{font-family:"
        "sans-serif}table{border-collapse:collapse}td,th{border:1px solid #888;padding:.2em;text-align:left}</style>"
    )
    body = "".join(line(row, "td") for row in rows)
    return f"{head}<h1>What has changed</h1><table>{line(_COLUMNS, 'th')}{body}</table></html>\n".encode()


def _json(path: str, difference: Difference) -> dict[str, object]:
    return {
        "calendar": path,
        "what": difference.what.value,
        "uid": difference.entry.uid,
        "title": difference.entry.title,
        "start": difference.entry.start,
        "certain": difference.certain,
        "fields": {name: [was, now] for name, was, now in difference.fields()},
    }
