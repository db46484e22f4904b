"""Writing files so that a reader sees the old one or the new one, never half of one."""

from __future__ import annotations

import os
import tempfile
from collections.abc import Iterable
from contextlib import suppress
from pathlib import Path

from nomarium.core.problems import DataRefused, Place, Problem, error


def write_whole(path: Path, parts: Iterable[bytes]) -> None:
    """Write a file beside its target and rename it over it.

    Raises DataRefused where the folder or the file cannot be written; then what was there before is as it was.
    """
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
        temporary.replace(path)
    except OSError as fault:
        reason = (fault.strerror or str(fault)).lower()
        raise DataRefused(_unwritable(path, reason)) from None
    finally:
        if temporary is not None:
            with suppress(FileNotFoundError):
                temporary.unlink()


def _mode_of(path: Path) -> int:
    """Return the rights that the file had, or those that the system gives to a new one."""
    with suppress(OSError):
        return path.stat().st_mode & 0o777
    mask = os.umask(0)
    os.umask(mask)
    return 0o666 & ~mask


def _unwritable(path: Path, reason: str) -> Problem:
    return error(
        "unwritable-output",
        Place(str(path)),
        f"The file can't be written: {reason}.",
        advice="Name another file or folder with -o.",
    )
