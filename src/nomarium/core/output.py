"""Writing files so that a reader sees the old one or the new one, never half of one."""

from __future__ import annotations

import os
import tempfile
from collections.abc import Iterable, Iterator
from contextlib import suppress
from pathlib import Path

from nomarium.core.problems import DataRefused, Place, Problem, error


def write_whole(path: Path, parts: Iterable[bytes]) -> None:
    """Write a file beside its target and rename it over it.

    Raises DataRefused where the folder or the file cannot be written; then what was there before is as it was.
    """
    write_all([(path, parts)])


def write_all(files: Iterable[tuple[Path, Iterable[bytes]]]) -> list[Path]:
    """Write files so that all of them are ready before the first takes its place; folders are made.

    Returns their paths. Raises DataRefused as write_whole does.
    """
    ready = write_beside(files)
    settle(ready)
    return [path for _, path in ready]


Ready = list[tuple[Path, Path]]
"""Files that are written whole: (the temporary file, where it belongs)."""


def write_beside(files: Iterable[tuple[Path, Iterable[bytes]]]) -> Ready:
    """Write files beside their targets, whole and safe on the disk; folders are made.

    Raises DataRefused where one cannot be written; then none is left.
    """
    ready: Ready = []
    try:
        for path, parts in files:
            ready.append((_written_beside(path, parts), path))
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


def discard(ready: Ready) -> None:
    """Take temporary files away that are still there."""
    for temporary, _ in ready:
        with suppress(OSError):
            temporary.unlink(missing_ok=True)


PARTIAL = ".*.part"
"""What temporary files are called."""


def write_changed(files: Iterable[tuple[Path, bytes]]) -> tuple[list[Path], list[Path]]:
    """Write files as write_all does, but leave those alone that hold the same already.

    Returns the paths that were written, and those that were left. Raises DataRefused as write_whole does.
    """
    left: list[Path] = []

    def changed() -> Iterator[tuple[Path, Iterable[bytes]]]:
        for path, data in files:
            if _holds(path, data):
                left.append(path)
            else:
                make_folder(path.parent)
                yield path, (data,)

    return write_all(changed()), left


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
        handle, name = tempfile.mkstemp(prefix=f".{path.name[:40]}.", suffix=".part", dir=path.parent)
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


def _mode_of(path: Path) -> int:
    """Return the rights that the file had, or those that the system gives to a new one."""
    with suppress(OSError):
        return path.stat().st_mode & 0o777
    mask = os.umask(0)
    os.umask(mask)
    return 0o666 & ~mask


def _unwritable(path: Path, fault: OSError) -> Problem:
    reason = (fault.strerror or str(fault)).lower()
    return error(
        "unwritable-output",
        Place(str(path)),
        f"The file can't be written: {reason}.",
        advice="Look at the space on the disk and the rights of the folder, or name another place for it.",
    )
