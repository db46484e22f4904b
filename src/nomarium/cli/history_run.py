"""What ``history``, ``compare`` and ``retract`` do: ask the core, print, write."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterable, Iterator, Sequence
from contextlib import closing
from dataclasses import asdict
from pathlib import Path

import typer

from nomarium.cli.console import print_lines
from nomarium.cli.difference_lines import difference_line
from nomarium.cli.edit_choices import edit_line
from nomarium.cli.stamp import moment_of_build
from nomarium.core.history import (
    FOLDER,
    NAME,
    Entry,
    Store,
    What,
    alone,
    differences,
    read_side,
    retraction,
)
from nomarium.core.marks import carries_mark
from nomarium.core.output import write_below
from nomarium.core.plan import load_plan
from nomarium.core.problems import WrongCall
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
                line = difference_line(difference)
                told.append({"build": str(row.id), "what": difference.what.value, "event": line})
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
        write_below(folder, [(target, (data,)) for target, data, _ in files], _built(plan, states))
        store.revise(revisions)
    _say_retracted([(target, events) for target, _, events in files])
    return 0


def _built(plan: Path, states: Iterable[str]) -> list[Path]:
    """Return where the calendars of a build stand."""
    loaded, _ = load_plan(plan)
    folder = plan.parent / loaded.plan.output.folder if loaded else plan.parent
    return [folder / path for path in states]


def _retract_file(path: Path, folder: Path, at: str, method: str) -> int:
    side = read_side(str(path), None, "UTC")
    text = path.read_bytes() if path.suffix == ".ics" else b""
    if path.suffix != ".ics" or not carries_mark(path):
        raise WrongCall(f"“{path}” is no calendar that this program made.", "Only what it gave out can be taken back.")
    sequences = {uid: (_sequence(text, uid), "") for uid in side.entries()}
    data, taken = retraction(path.stem, side.entries().values(), sequences, at, method)
    write_below(folder, [(folder / path.name, (data,))], [path])
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
