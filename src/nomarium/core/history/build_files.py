"""The files of a build that is kept in the history: written whole, put in place together, or not at all."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Mapping
from dataclasses import dataclass, field
from datetime import UTC, datetime
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.building import INDEX, Build, index_bytes
from nomarium.core.history import wording
from nomarium.core.history.cancellations import change_lines, stamp_lines
from nomarium.core.history.record import Outlook, digest_of, input_digests, new_build
from nomarium.core.ics import Rendered, render_calendar
from nomarium.core.output import Door, Ready, discard, is_partial, make_folder_of, settle, write_beside
from nomarium.core.problems import Place, Problem

if TYPE_CHECKING:
    from nomarium.core.history.store import FileState, Store


@dataclass(slots=True)
class Kept:
    """What came of writing a build: its number (0 where nothing had changed), the files written and those left."""

    number: int = 0
    written: list[Path] = field(default_factory=list)
    left: list[Path] = field(default_factory=list)


def recover(store: Store, folder: Path, files: Iterable[str]) -> list[Problem]:
    """Bring an interrupted build to its end, or take away what is left of it; say what was found.

    ``files`` are those that the plan builds, from the output folder on. Raises DataRefused where the history names
    files that no build has made.
    """
    problems: list[Problem] = []
    pending = store.pending(folder)
    if pending:
        ready = [(temporary, target) for temporary, target in pending if is_partial(temporary)]
        settle(ready)
        store.settled()
        problems.append(wording.finished_for(Place(str(folder)), len(ready)))
    folders = {folder, *((folder / file).parent for file in [*files, *store.files()])}
    own = [one for one in folders if one.is_dir() and one.resolve().is_relative_to(folder.resolve())]
    stray = sorted(path for one in own for path in one.iterdir() if is_partial(path))
    for path in stray:
        path.unlink(missing_ok=True)
    if stray:
        problems.append(wording.cleaned_up(Place(str(folder)), len(stray)))
    return problems


def stamps(origin: str, revisions: Mapping[str, tuple[int, str]]) -> Callable[[str], str] | str:
    """Return the lines of their last change for all events of a file, or what gives each its own."""
    return stamp_lines(origin, revisions) if revisions else change_lines(0, origin)


def write_build(
    build: Build, outlook: Outlook, store: Store, at: str, *, whole: bool, progress: Callable[[int], None]
) -> Kept:
    """Write the files that changed, or that are not as they were given out, and keep the build in the history.

    Files and history change together: a build that is killed leaves both as they were, or is finished by the next.
    """
    kept = Kept()
    digests: dict[str, bytes] = {}
    door = Door(inside=build.folder)
    ready = write_beside(_changed_files(build, outlook, store, kept, digests, progress), door)
    try:
        ready += _index(build, kept, door) if whole else []
        kept.number = _commit(build, outlook, store, at, digests, ready)
    except BaseException:
        discard(ready)
        raise
    settle(ready)
    store.settled()
    kept.written = [target for _, target in ready]
    return kept


def _commit(build: Build, outlook: Outlook, store: Store, at: str, digests: Mapping[str, bytes], ready: Ready) -> int:
    """Keep the build, if anything has changed; files that are only put back are no build of their own."""
    if not outlook.changes and not outlook.dropped:
        if outlook.edits.kept != store.edits():
            store.keep_edits(outlook.edits.kept)
        return 0
    new = new_build(build, outlook, at, digests, input_digests(build.inputs))
    new.pending = [(str(temporary), str(target)) for temporary, target in ready]
    return store.commit(new)


def _changed_files(
    build: Build,
    outlook: Outlook,
    store: Store,
    kept: Kept,
    digests: dict[str, bytes],
    progress: Callable[[int], None],
) -> Iterator[tuple[Path, tuple[bytes, ...]]]:
    """Yield each file that must be written, rendered when its turn comes."""
    shared, done = Rendered(), 0
    states = store.files()
    for part in outlook.same:
        state, path = states[part.file], build.folder / part.file
        if _holds(path, state):
            kept.left.append(path)
        else:
            lines = stamps(state.origin, store.revisions(part.file))
            make_folder_of(path, Door(inside=build.folder))
            yield path, tuple(render_calendar(part.calendar(lines), datetime.now(UTC), shared=shared))
        done += 1
        progress(done)
    for change in outlook.changes:
        path = build.folder / change.part.file
        data = b"".join(
            render_calendar(
                change.part.calendar(stamps(change.origin, change.revisions)), datetime.now(UTC), shared=shared
            )
        )
        digests[change.part.file] = digest_of(data)
        make_folder_of(path, Door(inside=build.folder))
        yield path, (data,)
        done += 1
        progress(done)


def _holds(path: Path, state: FileState) -> bool:
    """Tell whether a file is as it was given out."""
    try:
        return digest_of(path.read_bytes()) == state.written
    except OSError:
        return False


def _index(build: Build, kept: Kept, door: Door) -> Ready:
    path = build.folder / INDEX
    data = index_bytes(build.calendars.parts)
    if path.exists() and path.read_bytes() == data:
        kept.left.append(path)
        return []
    make_folder_of(path, door)
    return write_beside([(path, (data,))], door)
