"""What a run has read, which is never written over, and what its user allows: the door for writing asks for both."""

from __future__ import annotations

import unicodedata
from contextlib import suppress
from contextvars import ContextVar
from pathlib import Path

_READ: ContextVar[set[object] | None] = ContextVar("_READ", default=None)
_PATHS: ContextVar[list[Path]] = ContextVar("_PATHS")
_FORCED: ContextVar[bool] = ContextVar("_FORCED", default=False)


def begin_run() -> None:
    """Forget what was read and allowed before: a run begins."""
    _READ.set(set())
    _PATHS.set([])
    _FORCED.set(False)


def allow_force(allowed: bool) -> None:
    """Note whether the user lets this run write over files that are not ours."""
    _FORCED.set(allowed)


def is_forced() -> bool:
    """Tell whether the user lets this run write over files that are not ours."""
    return _FORCED.get()


def note_input(path: Path) -> None:
    """Note that a file is read, by what it is and by its name."""
    read = _READ.get()
    if read is not None:
        read.update(_identities(path))
        _PATHS.get().append(path)


def inputs() -> list[Path]:
    """Return the files that this run has read so far."""
    return list(dict.fromkeys(_PATHS.get([])))


def is_input(path: Path) -> bool:
    """Tell whether a file was read in this run, by whatever name, link, case or normal form."""
    read = _READ.get()
    return bool(read) and not _identities(path).isdisjoint(read or ())


def _identities(path: Path) -> set[object]:
    """Return what a file is known by: its place on the disk, and its name as the least careful system compares it."""
    found: set[object] = set()
    with suppress(OSError, RuntimeError, ValueError):
        found.add(unicodedata.normalize("NFC", str(path.resolve())).casefold())
        status = path.stat()
        found.add((status.st_dev, status.st_ino))
    return found
