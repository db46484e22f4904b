"""What ``history``, ``compare`` and ``retract`` do: ask the core, print, write."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterable, Iterator, Sequence
from contextlib import closing
from dataclasses import asdict
from pathlib import Path

import typer

from nomarium.cli import options
from nomarium.cli.console import print_lines, print_problems
from nomarium.cli.edit_choices import edit_line
from nomarium.cli.stamp import moment_of_build
from nomarium.core.history import (
    FOLDER,
    NAME,
    Difference,
    Differences,
    Entry,
    Store,
    What,
    alone,
    differences,
    last_build,
    plan_zone,
    read_side,
    retraction,
    same_calendars,
    when,
)
from nomarium.core.output import make_folder, write_all
from nomarium.core.problems import WrongCall, has_errors
from nomarium.core.rows import render_csv, render_xlsx
from nomarium.core.values import counted

_MOST = 60
_SIGNS = {What.ADDED: "+", What.GONE: "−", What.MOVED: "→", What.CHANGED: "~"}


def _store(plan: Path, *, reading: bool = True) -> Store:
    if not (plan.parent / FOLDER / NAME).exists():
        raise WrongCall("There is no history of builds here.", "“nomarium build” begins one.")
    return Store(plan.parent, reading=reading)


def list_builds(plan: Path, number: int | None, *, as_json: bool) -> int:
    """Print the builds so far, or what one of them changed; return the exit status."""
    with closing(_store(plan)) as store:
        rows = [row for row in store.builds() if number is None or row.id == number]
        if not rows:
            raise WrongCall(f"There is no build {number}.", f"The last one is {store.last()}.")
        if as_json:
            typer.echo(json.dumps([asdict(row) for row in rows], indent=2))
            return 0
        typer.echo("Build  When              Events   New  Moved  Changed  Gone  Files")
        for row in rows:
            typer.echo(
                f"{row.id:>5}  {row.at[:16].replace('T', ' ')}  {row.events:>6,} {row.added:>5,} {row.moved:>6,} "
                f"{row.changed:>8,} {row.gone:>5,} {row.files:>6,}"
            )
        if number is not None:
            print_lines(_build_lines(store, number), sys.stdout)
    return 0


def _build_lines(store: Store, number: int) -> Iterator[str]:
    now, then = store.files(number), store.files(number - 1)
    for path in sorted(now.keys() | then.keys()):
        if path in now and path in then and now[path].members == then[path].members:
            continue
        found = differences(store.entries(then.get(path)), store.entries(now.get(path)))
        counts = found.counts()
        said = ", ".join(f"{counts[what]:,} {what.value}" for what in What if counts[what])
        yield f"{path}: {said or 'renamed'}"


def tell_event(plan: Path, asked: str, *, as_json: bool) -> int:
    """Print what became of the events of a title or UID, build by build; return the exit status."""
    told: list[dict[str, str]] = []
    with closing(_store(plan)) as store:
        before: dict[str, Entry] = {}
        for row in store.builds():
            files = store.files(row.id).values()
            now = {uid: e for state in files for uid, e in store.entries(state).items() if _goes_by(e, asked)}
            for difference in differences(before, now).found:
                told.append({"build": str(row.id), "what": difference.what.value, "event": _line(difference)})
            before = now
    if as_json:
        typer.echo(json.dumps(told, ensure_ascii=False, indent=2))
    elif not told:
        raise WrongCall(f"No build has an event “{asked}”.", "Name its title or its UID.")
    else:
        print_lines((f"{one['build']:>5}  {one['event']}" for one in told[: _MOST * 2]), sys.stdout)
    return 0


def _goes_by(entry: Entry, asked: str) -> bool:
    return entry.uid == asked or asked.casefold() in entry.title.casefold()


def list_edits(plan: Path, *, as_json: bool) -> int:
    """Print what was edited by hand and is kept; return the exit status."""
    with closing(_store(plan)) as store:
        edits = store.edits()
    if as_json:
        typer.echo(json.dumps([asdict(edit) for edit in edits], ensure_ascii=False, indent=2))
    else:
        print_lines((f"{edit.path}: {edit_line(edit)}" for edit in edits), sys.stdout)
        typer.echo(
            f"Kept     {counted(len(edits), 'edit')} by hand; a build keeps them until the sheets say otherwise."
        )
    return 0


def forget(plan: Path, before: int) -> int:
    """Drop old builds; return the exit status."""
    with alone(plan.parent), closing(_store(plan, reading=False)) as store:
        if before > store.last():
            raise WrongCall(f"There is no build {before}.", f"The last one is {store.last()}; it is always kept.")
        typer.echo(f"Dropped  {counted(store.forget(before), 'build')}; build {before} is the first now.")
    return 0


def compare(old: str, new: str | None, plan: Path, output: Path | None, *, as_json: bool, exit_code: bool) -> int:
    """Print or write what differs between two sets of events; return the exit status."""
    known = plan if plan.exists() else None
    if new is None:
        old, new = last_build(options.plan_path(Path(old))), old
        known = options.plan_path(Path(new))
    zone = (plan_zone(known) if known else None) or options.machine_zone()
    sides = [read_side(text, known, zone) for text in (old, new)]
    problems = [problem for side in sides for problem in side.problems if problem.severity == "error"]
    print_problems(problems)
    if has_errors(problems):
        return 1
    found = [(path, differences(a, b, pairing=True)) for path, a, b in same_calendars(*sides)]
    found = [(path, one) for path, one in found if one.found]
    if output is not None:
        _write_table(output, found)
    if as_json:
        typer.echo(json.dumps([_json(path, d) for path, one in found for d in one.found], ensure_ascii=False, indent=2))
    elif output is None:
        print_lines(_compare_lines(sides[0].name, sides[1].name, found), sys.stdout, "    ")
    return 1 if exit_code and found else 0


def _compare_lines(old: str, new: str, found: Sequence[tuple[str, Differences]]) -> Iterator[str]:
    if not found:
        yield f"{old} and {new} hold the same events."
        return
    for path, one in found:
        counts = one.counts()
        said = ", ".join(f"{counts[what]:,} {what.value}" for what in What if counts[what])
        yield f"{path or f'{old} → {new}'}: {said}; {one.same:,} the same"
        for difference in one.found[:_MOST]:
            yield f"  {_line(difference)}"
        if len(one.found) > _MOST:
            yield f"  … and {len(one.found) - _MOST:,} more (--json lists them all)"


def _line(difference: Difference) -> str:
    """Return a difference as a line: "→ Choir: 2026-09-10 13:00 → 2026-09-10 13:05"."""
    entry, sign = difference.entry, _SIGNS[difference.what]
    unsure = "" if difference.certain else " (most likely the same event)"
    if difference.before is None or difference.after is None:
        place = f" ({entry.text('location')})" if entry.text("location") else ""
        return f"{sign} {when(entry)} {entry.title}{place}{unsure}"
    if difference.what is What.MOVED:
        others = [one for one in difference.fields() if one[0] not in ("start", "end")]
        more = "".join(f"; {name}: {was} → {now}" for name, was, now in others)
        return f"{sign} {entry.title}: {when(difference.before)} → {when(difference.after)}{more}{unsure}"
    said = "; ".join(f"{name}: {was or '–'} → {now or '–'}" for name, was, now in difference.fields())
    return f"{sign} {when(entry)} {entry.title}: {said}{unsure}"


_COLUMNS = ("calendar", "what", "title", "start", "field", "before", "after", "certain", "uid")


def _table(found: Iterable[tuple[str, Differences]]) -> Iterator[tuple[str, ...]]:
    for path, one in found:
        for difference in one.found:
            entry, sure = difference.entry, "" if difference.certain else "no"
            for name, was, now in difference.fields() or [("", "", "")]:
                yield path, difference.what.value, entry.title, when(entry), name, was, now, sure, entry.uid


def _write_table(output: Path, found: Sequence[tuple[str, Differences]]) -> None:
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
    typer.echo(f"Wrote    {output}: {counted(len(rows), 'row')}")


def _page(rows: Sequence[tuple[str, ...]]) -> bytes:
    from html import escape

    def line(cells: Iterable[str], tag: str) -> str:
        return "<tr>" + "".join(f"<{tag}>{escape(cell)}</{tag}>" for cell in cells) + "</tr>"

    head = (
        '<!doctype html><html lang="en"><meta charset="utf-8"><title>What has changed</title><style>body{font-family:'
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


def retract(what: str, plan: Path, folder: Path, only: str | None, *, as_messages: bool) -> int:
    """Write the files that take a build, or a calendar of ours, back; return the exit status."""
    at, method = moment_of_build(), "CANCEL" if as_messages else ""
    if not what.isdecimal():
        return _retract_file(Path(what), folder, at, method)
    number = int(what)
    with alone(plan.parent), closing(_store(plan, reading=False)) as store:
        states = store.files(number) if any(row.id == number for row in store.builds()) else {}
        if only is not None:
            states = {path: state for path, state in states.items() if only.casefold() in path.casefold()}
        if not states:
            raise WrongCall(f"Build {number} has no such calendars.", "“nomarium history” lists the builds.")
        files, revisions = [], []
        own = {(edit.path, edit.uid) for edit in store.edits() if edit.is_added}
        for path, state in states.items():
            entries = [entry for uid, entry in store.entries(state).items() if (path, uid) not in own]
            data, sequences = retraction(state.name, entries, store.revisions(path), at, method)
            files.append((folder / path, data, len(sequences)))
            revisions += [(path, uid, sequence, at) for uid, sequence in sequences]
        for target, _, _ in files:
            make_folder(target.parent)
        write_all((target, (data,)) for target, data, _ in files)
        store.revise(revisions)
    _say_retracted([(target, events) for target, _, events in files])
    return 0


def _retract_file(path: Path, folder: Path, at: str, method: str) -> int:
    side = read_side(str(path), None, "UTC")
    text = path.read_bytes() if path.suffix == ".ics" else b""
    if b"PRODID:-//Nomarium//" not in text[:400]:
        raise WrongCall(f"“{path}” is no calendar that this program made.", "Only what it gave out can be taken back.")
    sequences = {uid: (_sequence(text, uid), "") for uid in side.entries()}
    data, taken = retraction(path.stem, side.entries().values(), sequences, at, method)
    make_folder(folder)
    write_all([(folder / path.name, (data,))])
    _say_retracted([(folder / path.name, len(taken))])
    return 0


def _sequence(text: bytes, uid: str) -> int:
    """Return the sequence that a calendar file gives an event."""
    start = text.find(f"UID:{uid}\r\n".encode())
    block = text[start : text.find(b"END:VEVENT", start)] if start >= 0 else b""
    found = block.partition(b"SEQUENCE:")[2].split(b"\r\n")[0]
    return int(found) if found.isdigit() else 0


def _say_retracted(files: Sequence[tuple[Path, int]]) -> None:
    for number, (path, events) in enumerate(files):
        typer.echo(f"{'' if number else 'Wrote':<9}{path}: {counted(events, 'event')}, each cancelled")
    typer.echo("Next     import each file into the calendar that has its events: they are cancelled there, and go.")
