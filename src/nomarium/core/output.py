"""The one door for writing: it knows where files may go, which ones are ours, and what this run has read.

A reader sees the old file or the new one, never half of one.
"""

from __future__ import annotations

import os
import re
import tempfile
from collections.abc import Iterable, Iterator, Sequence
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path

from nomarium.core.marks import carries_mark, has_place_for_mark
from nomarium.core.problems import DataRefused, Place, Problem, Way, error
from nomarium.lazily import regex
from nomarium.run import is_forced, is_input


@dataclass(frozen=True, slots=True)
class Door:
    """What a run may write over, and where."""

    inside: Path | None = None
    """The folder that all must stay in, links followed; None for a file that the user has named."""
    kept: frozenset[Path] = frozenset()
    """Further files that are never written over."""

    def check(self, path: Path) -> None:
        """Raise DataRefused where a file must not be written, whatever it holds."""
        if is_input(path) or any(_is_same(path, other) for other in self.kept):
            raise DataRefused(_over_input(path))
        if self.inside is not None and not _is_inside(path, self.inside):
            raise DataRefused(_outside(path, self.inside))

    def check_ours(self, path: Path, new: Path) -> None:
        """Raise DataRefused where a file stands that is not ours; ``new`` is what would take its place."""
        if not is_forced() and path.exists() and not is_ours(path, _head(new)):
            raise DataRefused(foreign_file(path))


def _is_same(path: Path, other: Path) -> bool:
    with suppress(OSError):
        return path.samefile(other)
    return False


def _is_inside(path: Path, folder: Path) -> bool:
    """Tell whether a file lies below a folder when links are followed; the file itself may be one, to be replaced."""
    try:
        return path.parent.resolve().is_relative_to(folder.resolve())
    except (OSError, RuntimeError):
        return False


_HEAD = 4096
_KEY = regex(rb'"((?:[^"\\\\]|\\\\.)*)":')


def is_ours(path: Path, new: bytes = b"") -> bool:
    """Tell whether a file is one that this program has made, or is empty; a folder or an unreadable file is not.

    A file with a mark says so itself. Delimited text, JSON and plain text have no place for one: they count as ours
    where they begin as ``new``, the beginning of what would take their place, does.
    """
    try:
        head = _head(path) if path.is_file() else None
    except OSError:
        head = None
    if head is None:
        return False
    if not head or carries_mark(path):
        return True
    return bool(new) and not has_place_for_mark(head) and not has_place_for_mark(new) and _shape(head) == _shape(new)


def _head(path: Path) -> bytes:
    with path.open("rb") as stream:
        return stream.read(_HEAD)


def _shape(head: bytes) -> tuple[bytes, ...]:
    """Return how a text begins: the keys of a first object of JSON, else the first line that says anything."""
    text = head.removeprefix(b"\xef\xbb\xbf").lstrip()
    if text.startswith((b"[", b"{")):
        return tuple(_KEY.findall(text.partition(b"}")[0]))
    return (text.partition(b"\n")[0].rstrip(),)


def write_whole(path: Path, parts: Iterable[bytes], door: Door = Door()) -> None:
    """Write a file beside its target and rename it over it.

    Raises DataRefused where the folder or the file cannot be written, or must not; then what was there is as it was.
    """
    write_all([(path, parts)], door)


def write_all(files: Iterable[tuple[Path, Iterable[bytes]]], door: Door = Door()) -> list[Path]:
    """Write files so that all of them are ready before the first takes its place; their folders must be there.

    Returns their paths. Raises DataRefused as write_whole does.
    """
    return write_together([(files, door)])


def write_together(batches: Iterable[tuple[Iterable[tuple[Path, Iterable[bytes]]], Door]]) -> list[Path]:
    """Write files through several doors, as write_all does: all are ready before the first takes its place.

    They are rendered in their order, so that one may tell what came of those before. Folders are made for files that
    must stay in one.
    """
    ready: Ready = []
    try:
        for files, door in batches:
            ready += write_beside(_with_folders(files, door), door)
    except BaseException:
        discard(ready)
        raise
    settle(ready)
    return [path for _, path in ready]


def _with_folders(files: Iterable[tuple[Path, Iterable[bytes]]], door: Door) -> Iterator[tuple[Path, Iterable[bytes]]]:
    for path, parts in files:
        if door.inside is not None:
            make_folder_of(path, door)
        yield path, parts


def is_calendar_below(text: str) -> bool:
    """Tell whether a text names a calendar file below a folder: no way up, no other drive, no absolute path."""
    parts = text.replace("\\", "/").split("/")
    leads_away = text.startswith(("/", "~")) or ".." in parts or ":" in parts[0] or "\0" in text
    return text.endswith(".ics") and not leads_away


def write_below(folder: Path, files: Sequence[tuple[Path, Iterable[bytes]]], kept: Iterable[Path] = ()) -> list[Path]:
    """Write files that must stay in a folder, as write_all does; it and the folders in it are made.

    ``kept`` are files that are not written over, whosever they are. Raises DataRefused as write_whole does.
    """
    return write_together([(files, Door(folder, frozenset(kept)))])


Ready = list[tuple[Path, Path]]
"""Files that are written whole: (the temporary file, where it belongs)."""


def write_beside(files: Iterable[tuple[Path, Iterable[bytes]]], door: Door = Door()) -> Ready:
    """Write files beside their targets, whole and safe on the disk.

    Raises DataRefused where one cannot be written, or must not; then none is left.
    """
    ready: Ready = []
    try:
        for path, parts in files:
            door.check(path)
            ready.append((_written_beside(path, parts), path))
            door.check_ours(path, ready[-1][0])
    except BaseException:
        discard(ready)
        raise
    return ready


def settle(ready: Ready) -> None:
    """Let files that are written whole take their places. Raises DataRefused where one cannot."""
    try:
        for temporary, path in ready:
            try:
                temporary.replace(path)
            except OSError as fault:
                raise DataRefused(_unwritable(path, fault)) from None
    finally:
        discard(ready)


def make_folder(folder: Path) -> None:
    """Make a folder with all above it. Raises DataRefused where that cannot be."""
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as fault:
        raise DataRefused(_unwritable(folder, fault)) from None


def make_folder_of(path: Path, door: Door) -> None:
    """Make the folder of a file, once it is sure that the file may go there. Raises DataRefused."""
    door.check(path)
    make_folder(path.parent)


def discard(ready: Ready) -> None:
    """Take temporary files away that are still there."""
    for temporary, _ in ready:
        with suppress(OSError):
            temporary.unlink(missing_ok=True)


_PART = ".nomarium-part"
_OWN_PART = regex(r"\..{1,40}\.[a-z0-9_]{8}\.nomarium-part", re.DOTALL)


def is_partial(path: Path) -> bool:
    """Tell whether a file is one that an interrupted run has left: its name says so, and it is no link."""
    return bool(_OWN_PART.fullmatch(path.name)) and path.is_file() and not path.is_symlink()


def write_changed(files: Iterable[tuple[Path, bytes]], door: Door = Door()) -> tuple[list[Path], list[Path]]:
    """Write files as write_all does, but leave those alone that hold the same already.

    Returns the paths that were written, and those that were left. Raises DataRefused as write_whole does.
    """
    left: list[Path] = []

    def changed() -> Iterator[tuple[Path, Iterable[bytes]]]:
        for path, data in files:
            if _holds(path, data):
                left.append(path)
            else:
                make_folder_of(path, door)
                yield path, (data,)

    return write_all(changed(), door), left


def _holds(path: Path, data: bytes) -> bool:
    """Tell whether a file holds some data already."""
    with suppress(OSError):
        return path.stat().st_size == len(data) and path.read_bytes() == data
    return False


def _written_beside(path: Path, parts: Iterable[bytes]) -> Path:
    """Write a temporary file next to its target, with the rights that the target has or will have."""
    temporary: Path | None = None
    try:
        if path.is_dir():
            raise IsADirectoryError(21, "it is a folder")
        handle, name = tempfile.mkstemp(prefix=f".{_short(path.name)}.", suffix=_PART, dir=path.parent)
        temporary = Path(name)
        with os.fdopen(handle, "wb") as stream:
            for part in parts:
                stream.write(part)
            stream.flush()
            os.fsync(stream.fileno())
        temporary.chmod(_mode_of(path))
    except BaseException as fault:
        if temporary is not None:
            with suppress(OSError):
                temporary.unlink(missing_ok=True)
        if isinstance(fault, OSError):
            raise DataRefused(_unwritable(path, fault)) from None
        raise
    return temporary


def _short(name: str) -> str:
    """Return the beginning of a file's name, so short that a temporary name has room in any file system."""
    return name.encode("utf-8", "surrogateescape")[:40].decode("utf-8", "ignore") or "file"


def _mode_of(path: Path) -> int:
    """Return the rights that the file had, or those that the system gives to a new one."""
    with suppress(OSError):
        return path.stat().st_mode & 0o777
    mask = os.umask(0)
    os.umask(mask)
    return 0o666 & ~mask


def foreign_file(path: Path) -> Problem:
    """A file in the way that this program did not write."""
    return error(
        "foreign-file",
        Place(str(path)),
        "A file that this program did not write stands there. Nothing was written.",
        advice=("Move it away, name another place", Way("force", "use {} to write over it")),
    )


def _over_input(path: Path) -> Problem:
    return error(
        "output-is-input",
        Place(str(path)),
        "This run reads the file, and would write over it. Nothing was written.",
        advice="Name another file to write.",
    )


def _outside(path: Path, folder: Path) -> Problem:
    return error(
        "outside-folder",
        Place(str(path)),
        f"A link leads out of the folder “{folder}”. Nothing was written.",
        advice="Take the link away, or name the folder that it leads to.",
    )


def _unwritable(path: Path, fault: OSError) -> Problem:
    reason = (fault.strerror or str(fault)).lower()
    return error(
        "unwritable-output",
        Place(str(path)),
        f"The file can't be written: {reason}.",
        advice="Look at the space on the disk and the rights of the folder, or name another place for it.",
    )
