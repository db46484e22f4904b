"""What ``nomarium build`` does: asks the core, writes, keeps the build, prints."""

from __future__ import annotations

import json
import sys
from contextlib import closing, redirect_stderr, redirect_stdout
from dataclasses import dataclass, field
from io import StringIO
from pathlib import Path

import typer

from nomarium.cli.build_pages import check_pages, old_pages, write_pages
from nomarium.cli.build_report import build_json, change_lines, footing_lines, nothing_line, read_lines, written_lines
from nomarium.cli.check_report import clash_head
from nomarium.cli.console import print_lines, print_problems, progress
from nomarium.cli.edit_choices import export_lines
from nomarium.cli.stamp import moment_of_build
from nomarium.core.building import (
    INDEX,
    Build,
    BuildChoices,
    Clash,
    find_clashes,
    foreign_files,
    no_longer_built,
    prepare,
)
from nomarium.core.history import (
    FOLDER,
    NAME,
    Edits,
    Export,
    Kept,
    Made,
    OnEdits,
    Outlook,
    Said,
    Store,
    alone,
    guard,
    look_ahead,
    put_seal,
    read_exports,
    recover,
    unchanged,
    update_files,
    write_build,
)
from nomarium.core.output import write_below
from nomarium.core.problems import Place, Problem, WrongCall, by_place, has_errors
from nomarium.run import allow_force, inputs


@dataclass(frozen=True, slots=True)
class BuildCall:
    """What was asked."""

    plan: Path
    choices: BuildChoices
    dry_run: bool
    force: bool
    accept: bool
    updates: Path | None
    since: int | None
    edited: tuple[str, ...]
    on_edit: OnEdits
    as_json: bool
    quiet: bool
    words: str = ""
    """All of the call that could change a word of the report; "" where it can't be sealed."""


@dataclass(slots=True)
class Done:
    """What came of a build."""

    problems: list[Problem]
    outlook: Outlook | None = None
    kept: Kept = field(default_factory=Kept)
    updates: list[tuple[Path, int]] = field(default_factory=list)
    exports: list[Export] = field(default_factory=list)
    pages: tuple[Path, int, int] | None = None
    """The folder of the pages, how many files were written, and how many held the same."""
    left: list[Problem] = field(default_factory=list)
    """What is told of files that nothing is behind any more."""
    clashes: list[Clash] | None = None
    """The meetings at the same time, once they have been looked for."""


def build(call: BuildCall) -> int:
    """Build the calendars of a plan; return the exit status."""
    made = prepare(call.plan, call.choices)
    done = Done(list(made.problems))
    parts = made.calendars.parts
    allow_force(call.force)
    if not made.failed and not call.force:
        in_the_way = [*foreign_files(made.folder, parts), *check_pages(made)]
        done.problems = by_place([*done.problems, *in_the_way])
    if not has_errors(done.problems) and parts and made.plan is not None:
        if call.dry_run:
            _look(made, call, done, made.plan.folder)
        else:
            with alone(made.plan.folder), closing(Store(made.plan.folder)) as store:
                done.problems += recover(store, made.folder, [part.file for part in parts])
                _build(made, call, done, store)
    failed = has_errors(done.problems) or not parts
    _report(made, call, done, failed=failed)
    if call.words and not failed and done.outlook is not None:
        _seal(made, call, done, done.outlook)
    return 1 if failed else 0


def _report(made: Build, call: BuildCall, done: Done, *, failed: bool) -> None:
    if call.as_json:
        typer.echo(json.dumps(build_json(made, done), ensure_ascii=False, indent=2))
    else:
        _print(made, call, done, failed=failed)


def _seal(made: Build, call: BuildCall, done: Done, outlook: Outlook) -> None:
    """Seal a build with what the next one says if nothing changes; not one that hangs on more than its files."""
    if made.plan is None or not made.plan.plan.school.zone or outlook.edits.kept or outlook.problems:
        return
    files = [*(made.folder / part.file for part in made.calendars.parts), made.folder / INDEX]
    then = Done(
        by_place([*made.problems, *done.left]),
        unchanged(made.calendars.parts),
        Kept(0, [], files),
        clashes=done.clashes,
    )
    folders = [made.folder]
    if done.pages is not None:
        folder, written, left = done.pages
        then.pages = folder, 0, written + left
        folders.append(folder)
    out, err = StringIO(), StringIO()
    with redirect_stdout(out), redirect_stderr(err):
        _report(made, call, then, failed=False)
    outputs = [*files, *(path for folder in folders[1:] for path in folder.rglob("*") if path.is_file())]
    sealing = Made(made.plan.folder, inputs(), outputs, folders, made.by_holidays)
    put_seal(sealing, f"{call.plan.name}, {call.words}", Said(out.getvalue(), err.getvalue()))


def _look(made: Build, call: BuildCall, done: Done, folder: Path) -> None:
    """Say what a build would change, and write nothing."""
    if not (folder / FOLDER / NAME).exists():
        if call.edited:
            raise WrongCall("Nothing was given out yet.", "Build first; what was edited then can be told from it.")
        return
    with closing(Store(folder, reading=True)) as store:
        edits = _edits(made, call, done, store)
        done.outlook = look_ahead(made, store, moment_of_build(), whole=not call.choices.only, edits=edits)
    done.problems += _guarded(made, call, done.outlook)


def _edits(made: Build, call: BuildCall, done: Done, store: Store) -> Edits | None:
    """Return the edits by hand that hold, with those of the exported calendars; None where none were named."""
    if not call.edited:
        return None
    zone = made.plan.plan.school.zone if made.plan else None
    edits, done.exports = read_exports(call.edited, store, zone or call.choices.machine_zone, call.on_edit)
    done.problems += [problem for export in done.exports for problem in export.problems]
    return edits


def _guarded(made: Build, call: BuildCall, outlook: Outlook) -> list[Problem]:
    if call.accept or made.plan is None:
        return outlook.problems
    stopped = guard(outlook, Place(made.plan.path.name), made.plan.plan.output.guard)
    return [*outlook.problems, *([stopped] if stopped else [])]


def _build(made: Build, call: BuildCall, done: Done, store: Store) -> None:
    whole, at, before = not call.choices.only, moment_of_build(), store.last()
    if call.since is not None and call.since > before:
        known = f"The last one is {before}." if before else "There is none yet."
        raise WrongCall(f"There is no build {call.since}.", known)
    done.outlook = look_ahead(made, store, at, whole=whole, edits=_edits(made, call, done, store))
    done.problems += _guarded(made, call, done.outlook)
    if has_errors(done.problems):
        return
    done.left = no_longer_built(made.folder, made.calendars.parts) if whole else []
    done.left += old_pages(made, whole=whole)
    done.problems += done.left
    with progress("Writing", wanted=not call.quiet) as bar:
        total = len(made.calendars.parts)
        done.kept = write_build(made, done.outlook, store, at, whole=whole, progress=lambda count: bar(count, total))
        done.pages = write_pages(made, whole=whole)
    if call.updates is not None:
        since = call.since if call.since is not None else before
        done.updates = _write_updates(made, store, call.updates, since)


def _write_updates(made: Build, store: Store, folder: Path, since: int) -> list[tuple[Path, int]]:
    files = list(update_files(made, store, since))
    whole = (made.folder / part.file for part in made.calendars.parts)  # whose place a small calendar must not take
    write_below(folder, [(folder / path, (data,)) for path, data, _ in files], whole)
    return [(folder / path, events) for path, _, events in files]


def _print(made: Build, call: BuildCall, done: Done, *, failed: bool) -> None:
    if not call.quiet:
        print_lines([*read_lines(made), *footing_lines(made)], sys.stdout)
    print_problems(by_place(done.problems), errors_only=call.quiet)
    if not call.quiet and done.outlook is not None:
        print_lines(export_lines(done.exports, done.outlook.edits.kept), sys.stdout)
        print_lines(change_lines(done.outlook), sys.stdout)
    if failed:
        typer.echo(nothing_line(done.problems), err=True)
    elif not call.quiet:
        print_lines(written_lines(made, done, dry_run=call.dry_run), sys.stdout)
        if done.clashes is None:
            done.clashes = find_clashes([one for one in made.held if one.event is None])
        if done.clashes:
            print_lines([clash_head(done.clashes) + "; nomarium check lists them"], sys.stdout)
