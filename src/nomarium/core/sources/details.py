"""Everything of a row but its dates: titles, places, notes, categories, and the words with few values."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, field
from datetime import timedelta
from typing import Any, TypeVar

from nomarium.core.columns import Matches
from nomarium.core.problems import Place, Problem
from nomarium.core.sources import wording
from nomarium.core.sources.lookups import Lookup, Lookups
from nomarium.core.tables import Cell, Column, Table, plain_text
from nomarium.core.values import (
    Person,
    read_busy,
    read_length,
    read_person,
    read_status,
    read_visibility,
    split_list,
    unit_in_heading,
)

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
        """For each row all that a Series takes behind its occurrences: DETAIL_FIELDS, the table, the record."""
        count = len(self.table)
        nothing: Sequence[Any] = [()] * count
        empty = {"categories": nothing, "attendees": nothing, "reminders": nothing, "organizer": [None] * count}
        blank = [""] * count
        columns = (self.columns.get(name, empty.get(name, blank)) for name in DETAIL_FIELDS)
        return zip(*columns, [self.table] * count, range(count), strict=True)


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
    _read_people(details, matches, lookups.people)
    if column := matches.column("reminders"):
        _read_reminders(details, column)
    return details


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
            if value is None:
                place = details.table.cell_place(record, column)
                found = plain_text(column.cells[record])
                stops = name == "visibility"  # a private event must not go out as a public one
                problem = wording.unknown_word(place, name, column.heading, found, stops=stops)
                details.problems.append(problem)
                if stops:
                    details.refused.setdefault(record, problem)
        values = [value or "" for value in values]
    details.columns[name] = values


def _refuse(details: Details, record: int, problem: Problem) -> None:
    details.problems.append(problem)
    details.refused.setdefault(record, problem)


_SCHEME = re.compile(r"[a-z][a-z0-9+.-]*:[^\s<>\"{}|\\^`]+", re.IGNORECASE)
_BARE_HOST = re.compile(r"(www\.)?[a-z0-9-]+(\.[a-z0-9-]+)*\.[a-z]{2,}(:\d+)?(/[^\s<>\"{}|\\^`]*)?", re.IGNORECASE)


_LONGEST_HOST = 2_000


def web_address(text: str) -> str | None:
    """Return a text as a URI (RFC 3986), with https:// in front of a bare host; None where it is none."""
    if not text or _SCHEME.fullmatch(text):
        return text
    if len(text) > _LONGEST_HOST:
        return None
    return f"https://{text}" if _BARE_HOST.fullmatch(text) else None


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
            _refuse(details, record, wording.doubled_id(place, column.heading, identifier, other))


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
            _refuse(details, record, several)
        elif text:
            _warn_unknown(details, record, column, places, text)
    details.columns["location"], details.columns["url"] = locations, urls


def _warn_unknown(details: Details, record: int, column: Column, lookup: Lookup, text: str) -> None:
    place = details.table.cell_place(record, column)
    details.problems.append(wording.not_looked_up(place, text, lookup.file, lookup.nearest(text)))


def _read_people(details: Details, matches: Matches, people: Lookup | None) -> None:
    """Read organisers and attendees; names get their addresses from the look-up sheet."""
    for name in ("organizer", "attendees"):
        column = matches.column(name)
        if column is None:
            continue
        split = (column.parted or split_list) if name == "attendees" else _as_one
        known = {
            cell: tuple(_person(item, people) for item in split(plain_text(cell)))
            for cell in dict.fromkeys(column.cells)
        }
        _tell_without_address(details, column, known, people)
        values = [known[cell] for cell in column.cells]
        details.columns[name] = (
            values if name == "attendees" else [persons[0] if persons else None for persons in values]
        )


def _as_one(text: str) -> tuple[str, ...]:
    return (text,) if text else ()


def _person(text: str, people: Lookup | None) -> Person:
    person = read_person(text)
    entry = people.find(person.name or person.address) if people else None
    if entry is None:
        return person
    return Person(entry.name or person.name, person.address or entry.address)


def _tell_without_address(
    details: Details, column: Column, known: dict[Cell, tuple[Person, ...]], people: Lookup | None
) -> None:
    """Warn of each name that the look-up sheet lacks; without such a sheet, say once that names have no address."""
    unaddressed = {cell: [person.name for person in persons if not person.address] for cell, persons in known.items()}
    if people is None:
        names = dict.fromkeys(name for found in unaddressed.values() for name in found)
        if names:
            details.problems.append(wording.without_address(details.table.heading_place(column), list(names)))
        return
    for record, cell in enumerate(column.cells):
        for name in unaddressed[cell]:
            if several := people.ambiguous(details.table.cell_place(record, column), name):
                _refuse(details, record, several)
            elif not people.find(name):
                _warn_unknown(details, record, column, people, name)


def _read_reminders(details: Details, column: Column) -> None:
    unit = unit_in_heading(column.heading)
    values = _each_once(column.cells, lambda cell: read_reminders(plain_text(cell), unit))
    for record, value in enumerate(values):
        if value is None:
            place = details.table.cell_place(record, column)
            _refuse(details, record, wording.unreadable_reminder(place, plain_text(column.cells[record])))
    details.columns["reminders"] = [value or () for value in values]


_LONGEST_REMINDERS = 200
_BEFORE = re.compile(r"\s*(?:before(?:hand)?|earlier|prior|in advance|ahead)\s*$", re.IGNORECASE)


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
