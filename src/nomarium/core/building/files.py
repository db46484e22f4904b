"""The files of a build: each calendar rendered when its turn comes, and the index of all of them."""

from __future__ import annotations

import csv
from collections.abc import Callable, Iterator, Sequence
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.building import wording
from nomarium.core.ics import Rendered, render_calendar
from nomarium.core.marks import carries_mark
from nomarium.core.output import Door, write_changed
from nomarium.core.problems import Place, Problem
from nomarium.core.rows import render_csv

if TYPE_CHECKING:
    from nomarium.core.building.calendars import Part

INDEX = "calendars.csv"
INDEX_FIELDS = ("file", "kind", "for", "events", "first", "last", "hours")


def index_rows(parts: Sequence[Part]) -> Iterator[tuple[str, ...]]:
    """Yield a row of the index for each calendar."""
    for part in parts:
        span = part.span()
        first, last = (span[0].isoformat(), span[1].isoformat()) if span else ("", "")
        yield (
            part.file,
            " ".join(part.kind.split()),
            " ".join(part.whom.split()),
            str(part.events),
            first,
            last,
            f"{part.hours():.2f}".rstrip("0").rstrip("."),
        )


def foreign_files(folder: Path, parts: Sequence[Part]) -> list[Problem]:
    """Return an error for each file in the way that this program did not write."""
    targets = [folder / part.file for part in parts]
    problems = [wording.foreign_file(str(path)) for path in targets if path.exists() and not carries_mark(path)]
    index = folder / INDEX
    if index.exists() and _index_of(index) is None:
        problems.append(wording.foreign_file(str(index)))
    return problems


def _index_of(path: Path) -> list[str] | None:
    """Return the files that an index names; None where it is no index."""
    try:
        rows = list(csv.reader(path.read_text("utf-8-sig").splitlines()))
    except (OSError, UnicodeDecodeError, csv.Error):
        return None
    return [row[0] for row in rows[1:] if row] if rows and tuple(rows[0]) == INDEX_FIELDS else None


def index_bytes(parts: Sequence[Part]) -> bytes:
    """Return the index of calendars as CSV."""
    return b"".join(render_csv(INDEX_FIELDS, index_rows(parts)))


def no_longer_built(folder: Path, parts: Sequence[Part]) -> list[Problem]:
    """Name the calendars of an earlier build that the plan makes no more."""
    files = {part.file for part in parts}
    gone = [name for name in _index_of(folder / INDEX) or [] if name not in files and (folder / name).exists()]
    return [wording.no_longer_built(Place(str(folder)), gone)] if gone else []


def write_calendars(
    folder: Path, parts: Sequence[Part], stamp: datetime, *, whole: bool, progress: Callable[[int], None]
) -> tuple[list[Path], list[Path]]:
    """Write calendars and, where they are all of the plan's (``whole``), their index; ``progress`` counts calendars.

    Each calendar is rendered when its turn comes. Returns the files written, and those that held the same already.
    Raises DataRefused where a file cannot be written; then all are as they were.
    """
    return write_changed(_files(folder, parts, stamp, whole, progress), Door(inside=folder))


def _files(
    folder: Path, parts: Sequence[Part], stamp: datetime, whole: bool, progress: Callable[[int], None]
) -> Iterator[tuple[Path, bytes]]:
    shared = Rendered()
    for done, part in enumerate(parts, 1):
        yield folder / part.file, b"".join(render_calendar(part.calendar(), stamp, shared=shared))
        progress(done)
    if whole:
        yield folder / INDEX, index_bytes(parts)
