"""Everything of a row but its dates: titles, places, notes, categories, and the words with few values."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, field
from datetime import timedelta
from typing import TYPE_CHECKING, Any, TypeVar

from nomarium.core.sources import wording
from nomarium.core.sources.attendance import read_attendance
from nomarium.core.sources.own_lines import OWN_LINES, own_line
from nomarium.core.sources.web import web_address
from nomarium.core.tables import Cell, Column, Table, plain_text
from nomarium.core.values import (
    read_busy,
    read_length,
    read_status,
    read_visibility,
    split_list,
    unit_in_heading,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.problems import Place, Problem
    from nomarium.core.sources.lookups import Lookup, Lookups

_Value = TypeVar("_Value")

DETAIL_FIELDS = (
    "location",
    "description",
    "categories",
    "url",
    "status",
    "visibility",
    "busy",
    "id",
    "organizer",
    "attendees",
    "reminders",
)
"""The fields that details hold, in the order in which a Series takes them."""


@dataclass(slots=True)
class Details:
    """The details of all rows, column by column, and the records that cannot be used, each with its problem."""

    table: Table
    columns: dict[str, Sequence[Any]] = field(default_factory=dict)
    problems: list[Problem] = field(default_factory=list)
    refused: dict[int, Problem] = field(default_factory=dict)

    @property
    def summaries(self) -> Sequence[str]:
        """The title of each row, "" where it has none."""
        return self.columns["summary"]

    def rows(self) -> Iterator[tuple[Any, ...]]:
        """For each row all that a Series takes behind its occurrences: DETAIL_FIELDS, table, record, further lines."""
        count = len(self.table)
        nothing: Sequence[Any] = [()] * count
        empty = {"categories": nothing, "attendees": nothing, "reminders": nothing, "organizer": [None] * count}
        blank = [""] * count
        columns = (self.columns.get(name, empty.get(name, blank)) for name in DETAIL_FIELDS)
        extra = self.columns.get("extra", nothing)
        return zip(*columns, [self.table] * count, range(count), extra, strict=True)

    def refuse(self, record: int, problem: Problem) -> None:
        """Report why a record cannot be used."""
        self.problems.append(problem)
        self.refused.setdefault(record, problem)

    def warn_of_word(self, record: int, name: str, column: Column) -> None:
        """Warn of a word that the field of a column cannot have: the event does without."""
        place, found = self.table.cell_place(record, column), plain_text(column.cells[record])
        self.problems.append(wording.unknown_word(place, name, column.heading, found, stops=False))

    def warn_unknown(self, record: int, column: Column, lookup: Lookup, text: str) -> None:
        """Warn of a text that a look-up sheet lacks."""
        place = self.table.cell_place(record, column)
        self.problems.append(wording.not_looked_up(place, text, lookup.file, lookup.nearest(text)))


def read_details(table: Table, matches: Matches, lookups: Lookups) -> Details:
    """Read all columns but those of dates and times; places and people by the look-up sheets given."""
    details = Details(table)
    for name in ("summary", "location", "description", "id"):
        if column := matches.column(name):
            details.columns[name] = [cell if type(cell) is str else plain_text(cell) for cell in column.cells]
    if column := matches.column("categories"):
        details.columns["categories"] = _each_once(column.cells, lambda cell: split_list(plain_text(cell)))
    for name, read in _WORDS.items():
        if column := matches.column(name):
            _read_words(details, name, column, read)
    if column := matches.column("url"):
        _read_urls(details, column)
    if column := matches.column("id"):
        _check_ids(details, column, matches.column("occurrence"))
    if column := matches.column("location"):
        _look_up_places(details, column, lookups.places)
    read_attendance(details, matches, lookups.people)
    if column := matches.column("reminders"):
        _read_reminders(details, column)
    _read_own_lines(details, matches)
    return details


def _read_own_lines(details: Details, matches: Matches) -> None:
    """Read the fields that have a line of their own; a text that is no such value is told, and left out."""
    lines: list[tuple[str, ...]] = [()] * len(details.table)
    for name, column in matches.columns(OWN_LINES):
        known = {cell: own_line(name, plain_text(cell)) for cell in column.distinct}
        for record, cell in enumerate(column.cells):
            line = known[cell]
            if line is None:
                details.warn_of_word(record, name, column)
            elif line:
                lines[record] = (*lines[record], line)
    if any(lines):
        details.columns["extra"] = lines


def _each_once(cells: Sequence[Cell], read: Callable[[Cell], _Value]) -> list[_Value]:
    """Read each distinct cell once, and return the values in the order of the cells."""
    known = {cell: read(cell) for cell in dict.fromkeys(cells)}
    return [known[cell] for cell in cells]


_Reader = Callable[[str, str], str | None]
"""(text, heading) → the value, "" for none, None for a text that is no such value."""

_WORDS: dict[str, _Reader] = {
    "status": read_status,
    "visibility": read_visibility,
    "busy": read_busy,
}


def _read_words(details: Details, name: str, column: Column, read: _Reader) -> None:
    values = _each_once(column.cells, lambda cell: read(plain_text(cell), column.heading))
    if None in values:
        for record, value in enumerate(values):
            if value is None and name == "visibility":  # a private event must not go out as a public one
                place, found = details.table.cell_place(record, column), plain_text(column.cells[record])
                details.refuse(record, wording.unknown_word(place, name, column.heading, found))
            elif value is None:
                details.warn_of_word(record, name, column)
        values = [value or "" for value in values]
    details.columns[name] = values


def _read_urls(details: Details, column: Column) -> None:
    """Read the links; a text that is none goes below the description, so that nothing is lost."""
    urls = _each_once(column.cells, lambda cell: web_address(plain_text(cell)))
    if None in urls:
        descriptions = list(details.columns.get("description", [""] * len(details.table)))
        for record, url in enumerate(urls):
            if url is None:
                text = plain_text(column.cells[record])
                descriptions[record] = f"{descriptions[record]}\n{text}".strip()
                details.problems.append(wording.no_web_address(details.table.cell_place(record, column), text))
        details.columns["description"] = descriptions
    details.columns["url"] = [url or "" for url in urls]


def _check_ids(details: Details, column: Column, changed: Column | None) -> None:
    """Refuse every row whose id another row has too: either could be the wrong one.

    Rows that stand for single occurrences of an event share its id.
    """
    cells: Sequence[Cell] = changed.cells if changed else [""] * len(details.table)
    ids = [identifier if cell == "" else "" for identifier, cell in zip(details.columns["id"], cells, strict=True)]
    if len(set(ids)) == len(ids):
        return
    first: dict[str, int] = {}
    for record, identifier in enumerate(ids):
        if identifier and first.setdefault(identifier, record) != record:
            place = details.table.cell_place(record, column)
            other: Place = details.table.cell_place(first[identifier], column)
            details.refuse(record, wording.doubled_id(place, column.heading, identifier, other))


def _look_up_places(details: Details, column: Column, places: Lookup | None) -> None:
    """Put full names and addresses in the place of codes, and links where the event has none."""
    if places is None:
        return
    locations = list(details.columns["location"])
    urls = list(details.columns.get("url", [""] * len(locations)))
    for record, text in enumerate(locations):
        entry = places.find(text) if text else None
        if entry is not None:
            locations[record] = entry.words
            urls[record] = urls[record] or entry.link
        elif text and (several := places.ambiguous(details.table.cell_place(record, column), text)):
            details.refuse(record, several)
        elif text:
            details.warn_unknown(record, column, places, text)
    details.columns["location"], details.columns["url"] = locations, urls


def _read_reminders(details: Details, column: Column) -> None:
    unit = unit_in_heading(column.heading)
    values = _each_once(column.cells, lambda cell: read_reminders(plain_text(cell), unit))
    for record, value in enumerate(values):
        if value is None:
            place = details.table.cell_place(record, column)
            details.refuse(record, wording.unreadable_reminder(place, plain_text(column.cells[record])))
    details.columns["reminders"] = [value or () for value in values]


_LONGEST_REMINDERS = 200
_BEFORE = regex(r"\s*(?:before(?:hand)?|earlier|prior|in advance|ahead)\s*$", re.IGNORECASE)


def read_reminders(text: str, unit: str | None = None) -> tuple[timedelta, ...] | None:
    """Return how long before the start to remind ("1 day; 15 min before"), or None where a part is no length."""
    if text.strip().casefold() in {"", "none", "no", "-", "–"}:
        return ()
    if len(text) > _LONGEST_REMINDERS:
        return None
    lengths = []
    for item in split_list(text):
        length = read_length(_BEFORE.sub("", item), unit)
        if length is None:
            return None
        lengths.append(timedelta(days=length.days) + length.elapsed)
    return tuple(sorted(set(lengths), reverse=True))
