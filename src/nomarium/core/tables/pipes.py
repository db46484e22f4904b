"""Pipes that the caller has opened: standard input, and what a shell puts in the place of a file."""

from __future__ import annotations

import os
import select
from pathlib import Path
from stat import S_ISFIFO, S_ISSOCK

from nomarium.core.problems import DataRefused, Place
from nomarium.core.tables import wording
from nomarium.lazily import regex

MOST_BYTES = 250_000_000
"""The largest file that is read: far beyond any school's sheet, and bounded in memory."""
_PATIENCE = 10
"""Seconds that nothing may come through a pipe."""
_OWN = regex(r"/dev/stdin|/dev/fd/\d+|/proc/self/fd/\d+")
_PIECE = 1 << 20
_READ: dict[tuple[int, int], bytes] = {}
"""What came through pipes, by their places: each can be read only once."""


def piped(path: Path, place: Place) -> bytes:
    """Return all that comes through a pipe of the caller's own.

    Raises DataRefused for a device, for a pipe that stands in a folder, and for one into which nobody writes.
    """
    status = path.stat()
    is_pipe = S_ISFIFO(status.st_mode) or S_ISSOCK(status.st_mode)
    if not is_pipe or not _OWN.fullmatch(str(path)):
        raise DataRefused(wording.no_regular_file(place))
    key = (status.st_dev, status.st_ino)
    if key not in _READ:
        _READ[key] = _all_of(path, place)
    return _READ[key]


def _all_of(path: Path, place: Place) -> bytes:
    parts: list[bytes] = []
    size = 0
    with path.open("rb", buffering=0) as stream:
        while True:
            ready, _, _ = select.select([stream], [], [], _PATIENCE)
            if not ready:
                raise DataRefused(wording.nobody_writes(place, _PATIENCE))
            piece = os.read(stream.fileno(), _PIECE)
            if not piece:
                return b"".join(parts)
            size += len(piece)
            if size > MOST_BYTES:
                raise DataRefused(wording.too_large(place, size, MOST_BYTES))
            parts.append(piece)
