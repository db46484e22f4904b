"""What ``history``, ``compare`` and ``retract`` do: ask the core, print, write."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterable, Iterator, Sequence
from contextlib import closing
from dataclasses import asdict
from datetime import datetime
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
    cancelled_file,
    differences,
    retracted_file,
    retraction,
)
from nomarium.core.marks import carries_mark
from nomarium.core.output import Door, write_below, write_together
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


def retract(what: str, plan: Path, folder: Path, only: Sequence[str], *, as_messages: bool) -> int:
    """Write the files that take a build, or calendars of ours, back; return the exit status."""
    if folder.exists() and not folder.is_dir():
        raise WrongCall(f"“{folder}” is a file.", "-o names the folder that the files go into.")
    at, method = moment_of_build(), "CANCEL" if as_messages else ""
    built = [] if what.isdecimal() else _of_last_build(Path(what), plan)
    if not what.isdecimal() and not built:
        return _retract_files(Path(what), folder, only, at, method)
    with alone(plan.parent), closing(_store(plan, reading=False)) as store:
        number = store.last() if built else int(what)
        states = store.files(number) if any(row.id == number for row in store.builds()) else {}
        if not states:
            raise WrongCall(f"There is no build {number}.", "“nomarium history” lists the builds.")
        states = {path: states[path] for path in _named(only, built or list(states))}
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


def _of_last_build(path: Path, plan: Path) -> list[str]:
    """Return which calendars of the last build a file or folder is: the history then keeps that they are taken back."""
    if not (plan.parent / FOLDER / NAME).exists():
        return []
    with closing(_store(plan)) as store:
        states = store.files()
    whole = path.resolve()
    return [
        name
        for name, place in zip(states, _built(plan, states), strict=True)
        if place.resolve() == whole or whole in place.resolve().parents
    ]


def _named(only: Sequence[str], paths: Sequence[str]) -> list[str]:
    """Return the calendars of which the whole name is one of those asked for: "Vasquel", "teachers/Vasquel.ics"."""
    if not only:
        return list(paths)
    by_name: dict[str, list[str]] = {}
    for path in paths:
        for name in dict.fromkeys((path, Path(path).with_suffix("").as_posix(), Path(path).name, Path(path).stem)):
            by_name.setdefault(name.casefold(), []).append(path)
    unknown = [name for name in only if name.casefold() not in by_name]
    if unknown:
        near = [path for path in paths if unknown[0].casefold() in path.casefold()]
        hint = f"Names count whole, such as {', '.join(f'“{Path(path).stem}”' for path in near[:3])}."
        listed = ", ".join(f"“{Path(path).stem}”" for path in paths[:8])
        raise WrongCall(f"No calendar is named “{unknown[0]}”.", hint if near else f"There are: {listed}.")
    return list(dict.fromkeys(path for name in only for path in by_name[name.casefold()]))


def _built(plan: Path, states: Iterable[str]) -> list[Path]:
    """Return where the calendars of a build stand."""
    loaded, _ = load_plan(plan)
    folder = plan.parent / loaded.plan.output.folder if loaded else plan.parent
    return [folder / path for path in states]


def _retract_files(path: Path, folder: Path, only: Sequence[str], at: str, method: str) -> int:
    """Take back what calendar files of ours hold; each then says itself that its events are cancelled."""
    apart = path.is_dir() and folder.resolve() != path.resolve()
    files = sorted(path.rglob("*.ics")) if path.is_dir() else [path]
    files = [file for file in files if not (apart and folder.resolve() in file.resolve().parents)]
    if not path.exists():
        raise WrongCall(f"There is no file or folder “{path}”.", "Name a calendar, a folder of them, or a build.")
    base = path if path.is_dir() else path.parent
    ours = {file.relative_to(base).as_posix(): file for file in files if carries_mark(file)}
    if not ours:
        kind = "holds no calendar" if path.is_dir() else "is no calendar"
        raise WrongCall(f"“{path}” {kind} that this program made.", "Only what it gave out can be taken back.")
    taken = [(name, ours[name], retracted_file(ours[name], at, method)) for name in _named(only, list(ours))]
    moment = datetime.fromisoformat(at)
    back = [(folder / name, (data,)) for name, _, (data, events) in taken if events]
    marked = [(file, (found[0],)) for _, file, _ in taken if (found := cancelled_file(file, moment))]
    write_together([(back, Door(folder, frozenset(ours.values()))), (marked, Door())])
    told = [(folder / name, events) for name, _, (_, events) in taken if events]
    if not told:
        typer.echo(f"Nothing  is left to take back: all events of {path} are cancelled.")
        return 0
    _say_retracted(told)
    return 0


def _say_retracted(files: Sequence[tuple[Path, int]]) -> None:
    for number, (path, events) in enumerate(files):
        typer.echo(f"{'' if number else 'Wrote':<9}{path}: {counted(events, 'event')}, each cancelled")
    typer.echo("Next     import each file into the calendar that has its events: most programs take them out, or show")
    typer.echo(
        "         them crossed out. In one that leaves them as they were, delete that calendar; or export it, and"
    )
    typer.echo("         “nomarium weed EXPORTED.ics --take-out CALENDAR.ics -o OUT.ics” makes it without them.")
