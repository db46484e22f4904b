"""The way in: a path → its sheets, cell by cell."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path
from stat import S_ISDIR, S_ISREG
from typing import TYPE_CHECKING

from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.tables import wording
from nomarium.core.tables.contents import WORKBOOKS, Kind, kind_of
from nomarium.core.tables.delimited import encoding_name, in_one_encoding, read_delimited, split_first_column
from nomarium.core.tables.find import DATE_FIELDS, INSTRUCTIONS
from nomarium.core.tables.headings import MOST_ROWS_ABOVE, Vocabulary, is_data, known_fields
from nomarium.core.tables.names import Area, named_areas, parse_area
from nomarium.core.tables.oneroster import is_oneroster, read_oneroster
from nomarium.core.tables.pipes import MOST_BYTES, piped
from nomarium.run import note_input

if TYPE_CHECKING:
    from nomarium.core.tables.table import Grid
    from nomarium.core.tables.workbook import Workbook


@dataclass(frozen=True, slots=True)
class TableChoices:
    """Which table of a file is meant."""

    sheet: str | None = None
    area: str | None = None
    """A range such as "B4:H90", or a name that the workbook gives to one."""
    visible: bool = False
    """Whether rows that are hidden or crossed out are left out."""


def read_grids(path: Path, choices: TableChoices = TableChoices()) -> tuple[list[Grid], list[Problem]]:
    """Read all sheets of a file that hold anything, cell by cell: the one stated, else all that are not hidden.

    Raises DataRefused where the file cannot be read, or holds nothing.
    """
    if is_oneroster(path):
        return _class_lists(path, choices)
    file = path.name
    data = _bytes(path)
    kind = kind_of(data)
    if kind in WORKBOOKS:
        return _workbook_grids(data, kind, file, choices)
    if kind not in (Kind.TEXT, Kind.HTML):
        raise DataRefused(wording.unreadable_kind(Place(file), kind))
    if choices.sheet is not None:
        raise DataRefused(wording.no_such_sheet(Place(file), choices.sheet, []))
    if kind is Kind.HTML:
        from nomarium.core.tables.markup import read_html_tables

        data, encoding, problems = in_one_encoding(data, file)
        grids = read_html_tables(data.decode(encoding), file)
        if not grids:
            raise DataRefused(wording.unreadable_kind(Place(file), Kind.HTML))
    else:
        grid, problems = read_delimited(data, file)
        problems += [unsplit] if (unsplit := split_first_column(grid)) else []
        grids = [grid]
    if choices.area is not None:
        for grid in grids:
            _keep_area(grid, _area(choices.area, {}, Place(file)))
    return _filled_grids(grids, Place(file)), problems


def _class_lists(path: Path, choices: TableChoices) -> tuple[list[Grid], list[Problem]]:
    """Return the sheets of class lists by the standard; the one stated, where one is."""
    grids, problems = read_oneroster(path)
    if choices.sheet is None:
        return grids, problems
    wanted = choices.sheet.strip().casefold().removesuffix(".csv")
    found = [grid for grid in grids if (grid.sheet or "").casefold().removesuffix(".csv") == wanted]
    if not found:
        raise DataRefused(wording.no_such_sheet(Place(path.name), choices.sheet, [grid.sheet or "" for grid in grids]))
    return found, problems


def _workbook_grids(data: bytes, kind: Kind, file: str, choices: TableChoices) -> tuple[list[Grid], list[Problem]]:
    from nomarium.core.tables.workbook import Workbook

    workbook = Workbook(data, kind, file)
    place = Place(file)
    problems = [wording.never_calculated(place)] if workbook.never_calculated else []
    area = _area(choices.area, named_areas(data, kind), place) if choices.area is not None else None
    wanted = choices.sheet or (area.sheet if area else None)
    if wanted is None and workbook.hidden:
        problems.append(wording.hidden_sheets(place, workbook.hidden))
    names = (
        [_sheet_named(workbook, wanted)]
        if wanted is not None
        else [name for name in workbook.sheets if name != INSTRUCTIONS]
    )
    grids = [workbook.grid(name) for name in names]
    for grid in grids:
        problems += _visible_only(grid) if choices.visible else wording.unseen_rows(grid)
    problems += [unsplit for grid in grids if (unsplit := split_first_column(grid))]
    for grid in grids if area is not None else ():
        _keep_area(grid, area)  # type: ignore[arg-type]
    return _filled_grids(grids, place), problems


def _visible_only(grid: Grid) -> list[Problem]:
    """Empty the rows that are hidden or crossed out."""
    grid.unseen = grid.hidden | grid.crossed_out
    for row in grid.unseen:
        grid.rows[row] = []
    return []


def _filled_grids(grids: list[Grid], place: Place) -> list[Grid]:
    filled = [grid for grid in grids if any(map(any, grid.rows))]
    if not filled:
        raise DataRefused(wording.no_sheets(place))
    return filled


def looks_like_calendar(path: Path) -> bool:
    """Tell by its first bytes whether a file may be an iCalendar file, in whatever encoding."""
    try:
        if not path.is_file():
            return not path.is_dir() and b"BEGIN:VCALENDAR" in _bytes(path)[:200].upper()
        with path.open("rb") as stream:
            return b"BEGIN:VCALENDAR" in stream.read(200).replace(b"\0", b"").upper()
    except (OSError, DataRefused):
        return False


@dataclass(slots=True)
class TextFile:
    """A text file, line by line."""

    file: str
    encoding: str
    text: str
    problems: list[Problem]
    _data: bytes

    @property
    def lines(self) -> list[str]:
        """Its lines, without their breaks."""
        return self.text.splitlines()

    @property
    def is_calendar(self) -> bool:
        """Whether it begins as an iCalendar file does."""
        return self.text.lstrip("\ufeff \t\r\n")[:15].upper() == "BEGIN:VCALENDAR"

    def has_headings(self, vocabulary: Vocabulary) -> bool:
        """Tell whether some row of it, read as delimited text, has the headings of a sheet of dates."""
        try:
            grid, _ = read_delimited(self._data, self.file)
        except DataRefused:
            return False
        rows = grid.rows[:MOST_ROWS_ABOVE]
        return any(
            DATE_FIELDS.intersection(known_fields(row, vocabulary)) and not any(map(is_data, row)) for row in rows
        )


def read_text(path: Path) -> TextFile | None:
    """Read a file as lines of text; None where it is something else. Raises DataRefused where it cannot be read."""
    data = _bytes(path)
    if kind_of(data) not in (Kind.TEXT, Kind.CALENDAR):
        return None
    data, encoding, problems = in_one_encoding(data, path.name)
    return TextFile(path.name, encoding_name(encoding), data.decode(encoding), problems, data)


def _bytes(path: Path) -> bytes:
    """Read a file, or a pipe of the caller's own, saying plainly what the operating system objects to."""
    place = Place(path.name)
    note_input(path)
    try:
        status = path.stat()
        if not S_ISREG(status.st_mode) and not S_ISDIR(status.st_mode):
            return piped(path, place)
        if status.st_size > MOST_BYTES:
            raise DataRefused(wording.too_large(place, status.st_size, MOST_BYTES))
        return path.read_bytes()
    except OSError as fault:
        reason = (fault.strerror or str(fault)).lower()
        raise DataRefused(wording.unreadable_file(place, reason)) from None


def _sheet_named(workbook: Workbook, wanted: str) -> str:
    everything = workbook.sheets + workbook.hidden
    found = [name for name in everything if name.strip().casefold() == wanted.strip().casefold()]
    if not found:
        raise DataRefused(wording.no_such_sheet(Place(workbook.file), wanted, everything))
    return found[0]


def _area(text: str, names: dict[str, Area], place: Place) -> Area:
    by_name = {name.casefold(): area for name, area in names.items()}
    area = by_name.get(text.strip().casefold()) or parse_area(text)
    if area is None:
        raise DataRefused(wording.no_such_range(place, text, sorted(names)))
    return area


def _keep_area(grid: Grid, area: Area) -> None:
    """Empty all cells of a grid outside an area: addresses stay as they are."""
    top, left, bottom, right = area.box
    for number, row in enumerate(grid.rows, 1):
        if top <= number <= bottom:
            row[:] = [cell if left <= column <= right else "" for column, cell in enumerate(row)]
        else:
            row.clear()
    grid.merged = [box for box in grid.merged if top <= box[0] + 1 <= bottom and left <= box[1] <= right]
