"""The history of a plan's builds in one SQLite file: what every calendar held, build by build, each change once."""

from __future__ import annotations

import json
import os
import re
import sqlite3
import struct
import zlib
from array import array
from collections.abc import Iterable, Iterator, Mapping, Sequence
from contextlib import closing, contextmanager
from dataclasses import astuple, dataclass, field
from datetime import datetime
from pathlib import Path
from urllib.parse import quote

from nomarium.core.history import wording
from nomarium.core.history.edits import EDITED_FIELDS, Edit
from nomarium.core.history.entries import Entry, Sheaf, unpacked
from nomarium.core.history.folder import FOLDER, NAME
from nomarium.core.output import is_calendar_below
from nomarium.core.problems import DataRefused

_SCHEMA = """
CREATE TABLE IF NOT EXISTS builds (
    id INTEGER PRIMARY KEY, at TEXT, plan TEXT, inputs TEXT, events INTEGER,
    added INTEGER, changed INTEGER, moved INTEGER, gone INTEGER, files INTEGER);
CREATE TABLE IF NOT EXISTS sheaves (id INTEGER PRIMARY KEY, digest BLOB UNIQUE, body BLOB);
CREATE TABLE IF NOT EXISTS files (
    path TEXT, name TEXT, first INTEGER, last INTEGER, members BLOB, origin TEXT, written BLOB, events INTEGER);
CREATE INDEX IF NOT EXISTS files_by_path ON files (path);
CREATE TABLE IF NOT EXISTS revisions (
    path TEXT, uid TEXT, sequence INTEGER, at TEXT, PRIMARY KEY (path, uid)) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS carried (natural TEXT PRIMARY KEY, uid TEXT) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS edits (
    path TEXT, uid TEXT, what TEXT, title TEXT, start TEXT, base TEXT, value TEXT, sequence INTEGER);
CREATE TABLE IF NOT EXISTS anew (path TEXT, uid TEXT, build INTEGER);
CREATE TABLE IF NOT EXISTS laid (list TEXT, whose TEXT, title TEXT, start TEXT);
CREATE TABLE IF NOT EXISTS pending (temporary TEXT, target TEXT);
"""
_TABLES = {
    match[1]: [part.split()[0] for part in re.sub(r"PRIMARY KEY \(.*?\)", "", match[2]).split(",") if part.strip()]
    for match in re.finditer(r"CREATE TABLE IF NOT EXISTS (\w+) \((.*?)\)(?: WITHOUT ROWID)?;", _SCHEMA, re.DOTALL)
}
"""The columns of each table, as the schema has them."""
_APPLICATION = 0x4E6F6D61
"""What SQLite's header says of a history of ours: “Noma”."""
_ENDINGS = (".ics", ".csv")
_OWN_EYES = 0o600
"""Only its owner reads a history: it knows private events."""
_PATIENCE = 60
"""Seconds that a build waits for another one in the same folder."""


_ODD = (ValueError, TypeError, KeyError, IndexError, OverflowError, zlib.error, struct.error)
"""What rows that no build has written raise when they are read."""


@dataclass(frozen=True, slots=True)
class BuildRow:
    """One build of the past, in numbers."""

    id: int
    at: str
    plan: str
    events: int
    added: int
    changed: int
    moved: int
    gone: int
    files: int


@dataclass(frozen=True, slots=True)
class FileState:
    """What a calendar file held after a build."""

    path: str
    name: str
    members: tuple[int, ...]
    """The sheaves in it, by their numbers."""
    origin: str
    """When it was first given out."""
    written: bytes = b""
    """The digest of its bytes."""
    events: int = 0


@dataclass(slots=True)
class NewBuild:
    """All that a build adds to the history."""

    at: str
    plan: str
    inputs: Mapping[str, str]
    counts: tuple[int, int, int, int, int]
    """Events, added, changed, moved, gone."""
    sheaves: Mapping[bytes, Sheaf] = field(default_factory=dict)
    changed: Sequence[tuple[str, str, Sequence[bytes], str, bytes, int]] = ()
    """Of each file that is not as before: path, name, digests of its sheaves, origin, digest of its bytes, events."""
    dropped: Sequence[str] = ()
    """Files that are no longer built."""
    revisions: Sequence[tuple[str, str, int, str]] = ()
    carried: Mapping[str, str] = field(default_factory=dict)
    pending: Sequence[tuple[str, str]] = ()
    edits: Sequence[Edit] = ()
    laid: Sequence[tuple[str, str, str, str]] = ()
    """Which lesson is in which meeting: list, class, title, start."""
    anew: Sequence[tuple[str, str]] = ()
    """Events given out over what was edited by hand: (file, UID)."""


@dataclass(slots=True)
class Given:
    """One event of a calendar as it was given out, build by build."""

    versions: list[tuple[int, Entry]] = field(default_factory=list)
    """(build, event) of each version, the first one first."""
    now: bool = False
    """Whether the last build holds it."""


class _OddHistory(ValueError):
    """A history that no build can have written."""


def _look_at(path: Path) -> None:
    """Look at a history before anything is written into it. Raises _OddHistory, sqlite3.Error or OSError."""
    if path.is_symlink() or path.parent.is_symlink():
        raise _OddHistory("it is a link")
    if not path.exists() or not path.stat().st_size:
        return
    with closing(sqlite3.connect(f"file:{quote(str(path))}?mode=ro&immutable=1", uri=True)) as base:
        (mark,) = base.execute("PRAGMA application_id").fetchone()
        if mark not in (0, _APPLICATION):
            raise _OddHistory("it belongs to another program")
        others = [
            name for kind, name in base.execute("SELECT type, name FROM sqlite_schema") if kind in ("trigger", "view")
        ]
        if others:
            raise _OddHistory(f"it does more than to keep builds ({', '.join(map(str, others))})")
        tables = {name: columns for name, columns in _TABLES.items() if _columns(base, name) not in ([], columns)}
        if tables or not _columns(base, "builds"):
            odd = ", ".join(tables) or "no table of builds"
            raise _OddHistory(f"its tables are not those of a history ({odd})")


def _columns(base: sqlite3.Connection, table: str) -> list[str]:
    return [row[1] for row in base.execute(f"PRAGMA table_info({table})")]


def checked_file(path: object) -> str:
    """Return a calendar's file as a history may name it: below its folder. Raises ValueError for any other."""
    text = path if isinstance(path, str) else ""
    if not is_calendar_below(text):
        raise _OddHistory(f"it names a file outside its folder (“{text or path}”)")
    return text


class Store:
    """An open history. Raises DataRefused where its file can't be used."""

    def __init__(self, folder: Path, *, reading: bool = False) -> None:
        self.path = folder / FOLDER / NAME
        try:
            _look_at(self.path)
            if not reading and not self.path.exists():
                self.path.parent.mkdir(parents=True, exist_ok=True)
                os.close(os.open(self.path, os.O_CREAT | os.O_EXCL | os.O_WRONLY, _OWN_EYES))
            name = f"file:{quote(str(self.path))}?mode=ro" if reading else str(self.path)
            self._base = sqlite3.connect(name, _PATIENCE, uri=reading)
            if not reading:
                self._base.executescript(_SCHEMA)
                self._base.execute(f"PRAGMA application_id = {_APPLICATION}")
            self._base.execute("SELECT count(*) FROM builds").fetchone()
        except (OSError, sqlite3.Error, _OddHistory) as fault:
            raise DataRefused(wording.unusable(self.path, str(fault))) from None

    def close(self) -> None:
        """Close the file."""
        self._base.close()

    @contextmanager
    def _told(self) -> Iterator[None]:
        try:
            yield
        except (sqlite3.Error, *_ODD) as fault:
            raise DataRefused(wording.unusable(self.path, str(fault))) from None

    def builds(self) -> list[BuildRow]:
        """Return all builds, the first one first."""
        columns = "id, at, plan, events, added, changed, moved, gone, files"
        with self._told():
            rows = self._base.execute(f"SELECT {columns} FROM builds ORDER BY id")
            return [
                BuildRow(int(number), _moment(at), str(plan), *map(int, counts)) for number, at, plan, *counts in rows
            ]

    def last(self) -> int:
        """Return the number of the last build, 0 for none."""
        with self._told():
            return int(self._base.execute("SELECT coalesce(max(id), 0) FROM builds").fetchone()[0])

    def inputs(self, build: int) -> dict[str, str]:
        """Return the digests of the files that a build read."""
        with self._told():
            row = self._base.execute("SELECT inputs FROM builds WHERE id = ?", (build,)).fetchone()
            return dict(json.loads(row[0])) if row else {}

    def files(self, build: int | None = None) -> dict[str, FileState]:
        """Return what all files held after a build, the last one for None."""
        where, values = "last IS NULL", ()
        if build is not None:
            where, values = "first <= ? AND (last IS NULL OR last >= ?)", (build, build)  # type: ignore[assignment]
        with self._told():
            rows = self._base.execute(
                f"SELECT path, name, members, origin, written, events FROM files WHERE {where}", values
            )
            return {
                checked_file(path): FileState(
                    path, str(name), tuple(array("I", members)), _moment(origin), bytes(written), int(events)
                )
                for path, name, members, origin, written, events in rows
            }

    def entries(self, state: FileState | None) -> dict[str, Entry]:
        """Return the events that a file held, by their UIDs."""
        found: dict[str, Entry] = {}
        with self._told():
            for number in state.members if state else ():
                row = self._base.execute("SELECT body FROM sheaves WHERE id = ?", (number,)).fetchone()
                found.update((entry.uid, entry) for entry in unpacked(row[0]))
        return found

    def digests(self) -> dict[int, bytes]:
        """Return the digests of all sheaves by their numbers."""
        with self._told():
            return {
                int(number): bytes(digest) for number, digest in self._base.execute("SELECT id, digest FROM sheaves")
            }

    def revisions(self, path: str) -> dict[str, tuple[int, str]]:
        """Return the sequence of each event of a file that was ever changed, and when that was last."""
        with self._told():
            rows = self._base.execute("SELECT uid, sequence, at FROM revisions WHERE path = ?", (path,))
            return {str(uid): (int(sequence), _moment(at)) for uid, sequence, at in rows}

    def carried(self) -> dict[str, str]:
        """Return the UIDs that corrected events keep, by those that they would have now."""
        with self._told():
            return {str(natural): str(uid) for natural, uid in self._base.execute("SELECT natural, uid FROM carried")}

    def given(self, path: str) -> dict[str, Given]:
        """Return all events that a file ever held, with their versions."""
        statement = "SELECT first, last, members FROM files WHERE path = ? ORDER BY first"
        with self._told():
            rows = [(first, last, tuple(array("I", m))) for first, last, m in self._base.execute(statement, (path,))]
        found: dict[str, Given] = {}
        for first, last, members in rows:
            state = FileState(path, "", members, "")
            for uid, entry in self.entries(state).items():
                one = found.setdefault(uid, Given())
                one.now = last is None
                if not one.versions or one.versions[-1][1] != entry:
                    one.versions.append((first, entry))
        return found

    def edits(self) -> list[Edit]:
        """Return the edits by hand that are kept."""
        if not self._has("edits"):
            return []
        statement = (
            "SELECT path, uid, what, title, start, base, value, sequence FROM edits ORDER BY path, start, uid, what"
        )
        with self._told():
            rows = self._base.execute(statement)
            return [_edit(row) for row in rows]

    def laid(self) -> list[tuple[str, str, str, str]]:
        """Return which lesson was in which meeting at the last build: list, class, title, start (ISO 8601)."""
        if not self._has("laid"):
            return []
        with self._told():
            rows = self._base.execute("SELECT list, whose, title, start FROM laid")
            return [
                (str(name), str(whose), str(title), datetime.fromisoformat(start).isoformat())
                for name, whose, title, start in rows
            ]

    def anew(self, path: str, since: int) -> set[str]:
        """Return the events of a file that were given out over edits by hand after a build."""
        if not self._has("anew"):
            return set()
        rows = self._base.execute("SELECT uid FROM anew WHERE path = ? AND build > ?", (path, since))
        return {uid for (uid,) in rows}

    def _has(self, table: str) -> bool:
        """Tell whether the file has a table: one from before may lack it while it is only read."""
        return bool(self._base.execute("SELECT 1 FROM sqlite_master WHERE name = ?", (table,)).fetchone())

    def keep_edits(self, edits: Iterable[Edit]) -> None:
        """Keep these edits by hand, and no others."""
        with self._told(), self._base:
            self._put_edits(edits)

    def _put_edits(self, edits: Iterable[Edit]) -> None:
        self._base.execute("DELETE FROM edits")
        self._base.executemany("INSERT INTO edits VALUES (?, ?, ?, ?, ?, ?, ?, ?)", map(astuple, edits))

    def pending(self, folder: Path) -> list[tuple[Path, Path]]:
        """Return the files that an interrupted build has ready: (where it is, where it belongs).

        Raises DataRefused where one lies outside the output folder, or where its temporary file does not stand beside.
        """
        with self._told():
            rows = self._base.execute("SELECT temporary, target FROM pending").fetchall()
            found = [(Path(str(temporary)), Path(str(target))) for temporary, target in rows]
            for temporary, target in found:
                inside = target.parent.resolve().is_relative_to(folder.resolve())
                if not inside or temporary.parent.resolve() != target.parent.resolve() or target.suffix not in _ENDINGS:
                    raise _OddHistory(f"it names a file outside its folder (“{target}”)")
        return found

    def settled(self) -> None:
        """Note that all files stand where they belong."""
        with self._told(), self._base:
            self._base.execute("DELETE FROM pending")

    def commit(self, new: NewBuild) -> int:
        """Add a build, all or nothing, and return its number."""
        with self._told(), self._base:
            number = self.last() + 1
            inputs = json.dumps(new.inputs, ensure_ascii=False)
            total = (
                len(self.files()) + sum(1 for path, *_ in new.changed if path not in self.files()) - len(new.dropped)
            )
            values = (number, new.at, new.plan, inputs, *new.counts, total)
            self._base.execute(f"INSERT INTO builds VALUES ({','.join('?' * len(values))})", values)
            self._add_sheaves(new.sheaves)
            self._add_files(number, new)
            self._base.executemany("INSERT OR REPLACE INTO revisions VALUES (?, ?, ?, ?)", new.revisions)
            self._base.executemany("INSERT OR REPLACE INTO carried VALUES (?, ?)", new.carried.items())
            self._put_edits(new.edits)
            self._base.execute("DELETE FROM laid")
            self._base.executemany("INSERT INTO laid VALUES (?, ?, ?, ?)", new.laid)
            self._base.executemany("INSERT INTO anew VALUES (?, ?, ?)", ((*one, number) for one in new.anew))
            self._base.executemany("INSERT INTO pending VALUES (?, ?)", new.pending)
        return number

    def _add_sheaves(self, sheaves: Mapping[bytes, Sheaf]) -> None:
        rows = ((sheaf.digest, sheaf.body) for sheaf in sheaves.values())
        self._base.executemany("INSERT OR IGNORE INTO sheaves (digest, body) VALUES (?, ?)", rows)

    def _add_files(self, number: int, new: NewBuild) -> None:
        ids = {digest: place for place, digest in self._base.execute("SELECT id, digest FROM sheaves")}
        ended = [path for path, *_ in new.changed] + list(new.dropped)
        rows = [(number - 1, path) for path in ended]
        self._base.executemany("UPDATE files SET last = ? WHERE path = ? AND last IS NULL", rows)
        self._base.executemany(
            "INSERT INTO files VALUES (?, ?, ?, NULL, ?, ?, ?, ?)",
            (
                (path, name, number, array("I", [ids[digest] for digest in members]).tobytes(), origin, written, events)
                for path, name, members, origin, written, events in new.changed
            ),
        )

    def revise(self, revisions: Iterable[tuple[str, str, int, str]]) -> None:
        """Note the sequences of events that were given out otherwise than by a build."""
        with self._told(), self._base:
            self._base.executemany("INSERT OR REPLACE INTO revisions VALUES (?, ?, ?, ?)", list(revisions))

    def forget(self, before: int) -> int:
        """Drop the builds before one, and what only they held; return how many."""
        with self._told(), self._base:
            count = self._base.execute("DELETE FROM builds WHERE id < ?", (before,)).rowcount
            self._base.execute("DELETE FROM files WHERE last IS NOT NULL AND last < ?", (before,))
            kept = {n for (members,) in self._base.execute("SELECT members FROM files") for n in array("I", members)}
            every = [row[0] for row in self._base.execute("SELECT id FROM sheaves")]
            gone = ((number,) for number in every if number not in kept)
            self._base.executemany("DELETE FROM sheaves WHERE id = ?", gone)
        with self._told():
            self._base.execute("VACUUM")
        return int(count)


def _moment(text: object) -> str:
    """Return a moment as it is kept. Raises ValueError where it is none."""
    if text != "":
        datetime.fromisoformat(str(text))
    return str(text)


def _edit(row: Sequence[object]) -> Edit:
    """Return an edit as it is kept. Raises ValueError where it is none."""
    path, uid, what, title, start, base, value = (str(text) for text in row[:7])
    if what not in EDITED_FIELDS:
        raise _OddHistory(f"it holds an edit of “{what}”")
    return Edit(checked_file(path), uid, what, title, start, base, value, int(str(row[7])))


@contextmanager
def alone(folder: Path) -> Iterator[None]:
    """Keep other builds of the same plan waiting. Raises DataRefused where another one does not end."""
    path = folder / FOLDER / "lock.sqlite3"
    try:
        if path.is_symlink() or path.parent.is_symlink():
            raise OSError("it is a link")
        path.parent.mkdir(parents=True, exist_ok=True)
        lock = sqlite3.connect(path, _PATIENCE, isolation_level=None)
        lock.execute("BEGIN EXCLUSIVE")
    except (OSError, sqlite3.Error) as fault:
        locked = "locked" in str(fault)
        raise DataRefused(wording.another_build(path) if locked else wording.unusable(path, str(fault))) from None
    try:
        yield
    finally:
        lock.close()
