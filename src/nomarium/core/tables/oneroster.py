"""Class lists by the open standard (OneRoster 1.1 and 1.2, CSV binding): a folder or a zip → terms, classes, members.

Keys are followed, rows that are not active are left out and counted. Passwords, telephones and mail addresses of
students are never read.
"""

from __future__ import annotations

import csv
import io
import zipfile
from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta
from pathlib import Path, PurePosixPath
from typing import TYPE_CHECKING

from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.tables import wording
from nomarium.core.tables.contents import DAMAGED_ZIP
from nomarium.core.tables.pipes import MOST_BYTES
from nomarium.core.tables.table import Grid, Spot
from nomarium.run import note_input

if TYPE_CHECKING:
    from nomarium.core.tables.cells import Cell

ONEROSTER_FILES = ("academicSessions", "orgs", "courses", "classes", "users", "enrollments")
"""The files that are read; all others of the standard say nothing of who meets when."""
_ENOUGH = 2
"""So many of them make a folder one of the standard, its classes among them."""
_ACTIVE = ("", "active")
_FORM = "class lists (OneRoster)"

Row = Mapping[str, str]


def is_oneroster(path: Path) -> bool:
    """Tell whether a folder or a zip holds class lists by the standard."""
    names = _names_in(path)
    return len(names) >= _ENOUGH and "classes" in names


def _names_in(path: Path) -> dict[str, str]:
    """Return the files of the standard that a folder or a zip holds: what each is called there, by its own name."""
    try:
        if path.is_dir():
            names = [one.name for one in path.iterdir() if one.is_file()]
        elif path.is_file() and zipfile.is_zipfile(path):
            with zipfile.ZipFile(path) as archive:
                names = archive.namelist()
        else:
            return {}
    except DAMAGED_ZIP:
        return {}
    known = {f"{name}.csv".casefold(): name for name in ONEROSTER_FILES}
    bare = {name: PurePosixPath(name).name.casefold() for name in names}
    return {known[own]: name for name, own in bare.items() if own in known}


@dataclass(slots=True)
class _File:
    """The rows of one file that are active, each with its number on it."""

    name: str
    rows: dict[int, Row] = field(default_factory=dict)
    inactive: int = 0

    def by_id(self) -> dict[str, Row]:
        """Return its rows by their keys."""
        return {row.get("sourcedId", ""): row for row in self.rows.values()}


@dataclass(slots=True)
class _Lists:
    """All files, and what was found wrong or has to be told."""

    file: str
    files: dict[str, _File] = field(default_factory=dict)
    problems: list[Problem] = field(default_factory=list)

    def rows(self, name: str) -> Iterator[tuple[int, Row]]:
        """Yield the rows of a file, each with its number."""
        yield from self.files[name].rows.items() if name in self.files else ()

    def by_id(self, name: str) -> dict[str, Row]:
        """Return the rows of a file by their keys."""
        return self.files[name].by_id() if name in self.files else {}

    def place(self, name: str, row: int) -> Place:
        """Return where a row stands."""
        return Place(self.file, f"{name}.csv", f"line {row}", row)

    def grid(self, name: str, headings: Sequence[str], rows: Sequence[tuple[int, Sequence[Cell]]]) -> Grid:
        """Return a sheet whose rows stand where those of its file do."""
        origins: list[list[Spot]] = [[(0, column) for column in range(len(headings))]]
        origins += [[(number - 1, column) for column in range(len(headings))] for number, _ in rows]
        cells: list[list[Cell]] = [list(headings), *(list(row) for _, row in rows)]
        return Grid(self.file, f"{name}.csv", cells, _FORM, typed=True, origins=origins)


def read_oneroster(path: Path) -> tuple[list[Grid], list[Problem]]:
    """Read a folder or a zip of the standard as sheets: terms, classes, members.

    Raises DataRefused where a file cannot be read, or nothing in it is active.
    """
    lists = _Lists(path.name)
    for name, inner in _names_in(path).items():
        lists.files[name] = _read(path, name, inner)
    left_out = {one.name: one.inactive for one in lists.files.values() if one.inactive}
    if left_out:
        lists.problems.append(wording.inactive_rows(Place(path.name), left_out))
    grids = [grid for grid in (_terms(lists), _classes(lists), _members(lists)) if len(grid.rows) > 1]
    if not grids:
        raise DataRefused(wording.no_sheets(Place(path.name)))
    return grids, lists.problems


def _read(path: Path, name: str, inner: str) -> _File:
    place = Place(path.name, f"{name}.csv")
    try:
        if path.is_dir():
            note_input(path / inner)
            data = (path / inner).read_bytes()
        else:
            note_input(path)
            with zipfile.ZipFile(path) as archive:
                if archive.getinfo(inner).file_size > MOST_BYTES:
                    raise DataRefused(wording.too_large(place, archive.getinfo(inner).file_size, MOST_BYTES))
                data = archive.read(inner)
        text = data.decode("utf-8-sig")
    except UnicodeDecodeError:
        raise DataRefused(wording.not_utf8(place)) from None
    except DAMAGED_ZIP as fault:
        raise DataRefused(wording.unreadable_file(place, str(fault).lower())) from None
    found = _File(name)
    reader = csv.reader(io.StringIO(text, newline=""))
    headings = [heading.strip() for heading in next(reader, [])]
    for cells in reader:
        row = dict(zip(headings, (cell.strip() for cell in cells), strict=False))
        if any(cells) and row.get("status", "").casefold() in _ACTIVE:
            found.rows[reader.line_num] = row
        elif any(cells):
            found.inactive += 1
    return found


def _terms(lists: _Lists) -> Grid:
    """Return the sessions as terms; their ends as the last day, which some exports give and the standard does not."""
    sessions = [(number, row) for number, row in lists.rows("academicSessions") if row.get("startDate")]
    after = _ends_lie_behind([row for _, row in sessions])
    if sessions:
        lists.problems.append(wording.session_ends(lists.place("academicSessions", sessions[0][0]), behind=after))
    rows: list[tuple[int, Sequence[Cell]]] = []
    for number, row in sessions:
        first, end = (_day(row.get(name, "")) for name in ("startDate", "endDate"))
        last = end - timedelta(days=1) if after and end is not None else end
        rows.append((number, [row.get("title", ""), first or row["startDate"], last or row.get("endDate", "")]))
    return lists.grid("academicSessions", ("Term", "First day", "Last day"), rows)


def _ends_lie_behind(sessions: Sequence[Row]) -> bool:
    """Tell whether sessions end on the day after their last, as the standard has it: one begins where another ends."""
    by_kind: dict[str, list[tuple[str, str]]] = {}
    for row in sessions:
        by_kind.setdefault(row.get("type", ""), []).append((row.get("startDate", ""), row.get("endDate", "")))
    return any(
        {start for start, _ in spans} & {end for _, end in spans} for spans in by_kind.values() if len(spans) > 1
    )


def _day(text: str) -> date | None:
    try:
        return date.fromisoformat(text[:10])
    except ValueError:
        return None


def _classes(lists: _Lists) -> Grid:
    """Return the classes, each with its course, who teaches it, where, when by the bells, and in which terms."""
    courses, sessions = lists.by_id("courses"), lists.by_id("academicSessions")
    teachers = _people_of(lists, "teacher")
    names = _names(lists)
    rows: list[tuple[int, Sequence[Cell]]] = []
    for number, row in lists.rows("classes"):
        course = courses.get(row.get("courseSourcedId", ""), {})
        terms = [sessions[key].get("title", "") for key in _keys(row, "termSourcedIds") if key in sessions]
        taught = "; ".join(dict.fromkeys(teachers.get(row.get("sourcedId", ""), ())))
        title = row.get("title", "") or course.get("title", "")
        place, periods = row.get("location", ""), "; ".join(_keys(row, "periods"))
        rows.append((number, [names[row.get("sourcedId", "")], title, taught, place, periods, "; ".join(terms)]))
    return lists.grid("classes", ("Class", "Course", "Teacher", "Room", "Period", "Term"), rows)


def _names(lists: _Lists) -> dict[str, str]:
    """Return by its key what each class is called: its code, else its title; both where codes are not its own."""
    rows = lists.by_id("classes")
    codes = Counter(row.get("classCode", "") or row.get("title", "") for row in rows.values())

    def name(row: Row) -> str:
        code, title = row.get("classCode", ""), row.get("title", "")
        return code or title if codes[code or title] == 1 else f"{title} {code}".strip() or row.get("sourcedId", "")

    return {key: name(row) for key, row in rows.items()}


def _keys(row: Row, name: str) -> list[str]:
    """Return the values of a list in one cell."""
    return [part.strip() for part in row.get(name, "").split(",") if part.strip()]


def _person(user: Row) -> str:
    return " ".join(part for part in (user.get("givenName", ""), user.get("familyName", "")) if part)


def _people_of(lists: _Lists, role: str) -> dict[str, list[str]]:
    """Return by the keys of classes the names of those who have a role in them."""
    users = lists.by_id("users")
    found: dict[str, list[str]] = {}
    for _, row in lists.rows("enrollments"):
        user = users.get(row.get("userSourcedId", ""))
        if user is not None and row.get("role", "").casefold() == role:
            found.setdefault(row.get("classSourcedId", ""), []).append(_person(user))
    return found


def _members(lists: _Lists) -> Grid:
    """Return who attends which class, from when to when; an enrolment whose keys lead nowhere is told."""
    users, names = lists.by_id("users"), _names(lists)
    rows: list[tuple[int, Sequence[Cell]]] = []
    lost: list[int] = []
    for number, row in lists.rows("enrollments"):
        if row.get("role", "").casefold() != "student":
            continue
        user, name = users.get(row.get("userSourcedId", "")), names.get(row.get("classSourcedId", ""))
        if user is None or name is None:
            lost.append(number)
            continue
        first, end = (_day(row.get(key, "")) for key in ("beginDate", "endDate"))
        rows.append((number, [name, _person(user), first or "", end or ""]))
    if lost:
        lists.problems.append(wording.keys_lead_nowhere(lists.place("enrollments", lost[0]), len(lost)))
    return lists.grid("enrollments", ("Class", "Student", "From", "Until"), rows)
