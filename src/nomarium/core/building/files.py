"""The files of a build: each calendar rendered when its turn comes, and the index of all of them."""

from __future__ import annotations

import csv
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, field
from datetime import datetime
from pathlib import Path

from nomarium.core.building import wording
from nomarium.core.building.calendars import Part
from nomarium.core.ics import PRODID, Rendered, render_calendar
from nomarium.core.output import write_changed
from nomarium.core.problems import Place, Problem
from nomarium.core.rows import render_csv

INDEX = "calendars.csv"
INDEX_FIELDS = ("file", "kind", "for", "events", "first", "last", "hours")


@dataclass(slots=True)
class Written:
    """What came of writing: which files were written, which held the same already, and what is to be said."""

    written: list[Path] = field(default_factory=list)
    left: list[Path] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)


def index_rows(parts: Sequence[Part]) -> Iterator[tuple[str, ...]]:
    """Yield a row of the index for each calendar."""
    for part in parts:
        span = part.span()
        first, last = (span[0].isoformat(), span[1].isoformat()) if span else ("", "")
        yield (
            part.file,
            part.kind,
            part.whom,
            str(part.events),
            first,
            last,
            f"{part.hours():.2f}".rstrip("0").rstrip("."),
        )


def foreign_files(folder: Path, parts: Sequence[Part]) -> list[Problem]:
    """Return an error for each file in the way that this program did not write."""
    targets = [folder / part.file for part in parts]
    problems = [wording.foreign_file(str(path)) for path in targets if path.exists() and not _is_own(path)]
    index = folder / INDEX
    if index.exists() and _index_of(index) is None:
        problems.append(wording.foreign_file(str(index)))
    return problems


def _is_own(path: Path) -> bool:
    """Tell whether a calendar file says that this program made it."""
    try:
        with path.open("rb") as stream:
            return f"PRODID:{PRODID}".encode() in stream.read(400)
    except OSError:
        return False


def _index_of(path: Path) -> list[str] | None:
    """Return the files that an index names; None where it is no index."""
    try:
        rows = list(csv.reader(path.read_text("utf-8-sig").splitlines()))
    except (OSError, UnicodeDecodeError, csv.Error):
        return None
    return [row[0] for row in rows[1:] if row] if rows and tuple(rows[0]) == INDEX_FIELDS else None


def write_calendars(
    folder: Path, parts: Sequence[Part], stamp: datetime, *, whole: bool, progress: Callable[[int], None]
) -> Written:
    """Write calendars and, where they are all of the plan's (``whole``), their index; ``progress`` counts calendars.

    Each calendar is rendered when its turn comes. Raises DataRefused where a file cannot be written; then all are as
    they were.
    """
    before = _index_of(folder / INDEX) or []
    found = Written()
    found.written, found.left = write_changed(_files(folder, parts, stamp, whole, progress))
    files = {part.file for part in parts}
    gone = [name for name in before if name not in files and (folder / name).exists()]
    if whole and gone:
        found.problems.append(wording.no_longer_built(Place(str(folder)), gone))
    return found


def _files(
    folder: Path, parts: Sequence[Part], stamp: datetime, whole: bool, progress: Callable[[int], None]
) -> Iterator[tuple[Path, bytes]]:
    shared = Rendered()
    for done, part in enumerate(parts, 1):
        yield folder / part.file, b"".join(render_calendar(part.calendar(), stamp, shared=shared))
        progress(done)
    if whole:
        yield folder / INDEX, b"".join(render_csv(INDEX_FIELDS, index_rows(parts)))
