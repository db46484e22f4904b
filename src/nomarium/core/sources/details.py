"""Everything of a row but its dates: titles, places, notes, categories, and the words with few values."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass, field
from itertools import repeat
from typing import Any, TypeVar

from nomarium.core.columns import Matches
from nomarium.core.problems import Place, Problem
from nomarium.core.sources import wording
from nomarium.core.tables import Cell, Column, Table, plain_text
from nomarium.core.values import read_busy, read_status, read_visibility, split_list

_Value = TypeVar("_Value")

DETAIL_FIELDS = ("location", "description", "categories", "url", "status", "visibility", "busy", "id")
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
        """For each row the values of DETAIL_FIELDS."""
        empty: dict[str, Iterable[Any]] = {"categories": repeat((), len(self.table))}
        blank = [""] * len(self.table)
        return zip(*(self.columns.get(name, empty.get(name, blank)) for name in DETAIL_FIELDS), strict=True)


def read_details(table: Table, matches: Matches) -> Details:
    """Read all columns but those of dates and times."""
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
        _check_ids(details, column)
    return details


def _each_once(cells: Sequence[Cell], read: Callable[[Cell], _Value]) -> list[_Value]:
    """Read each distinct cell once, and return the values in the order of the cells."""
    known = {cell: read(cell) for cell in dict.fromkeys(cells)}
    return [known[cell] for cell in cells]


_Reader = Callable[[str, str], str | None]
"""(text, heading) → the value, "" for none, None for a text that is no such value."""

_WORDS: dict[str, _Reader] = {
    "status": lambda text, heading: read_status(text),
    "visibility": read_visibility,
    "busy": read_busy,
}
_ALLOWED = {
    "status": "confirmed, tentative or cancelled",
    "visibility": "public, private or confidential",
    "busy": "busy or free",
}


def _read_words(details: Details, name: str, column: Column, read: _Reader) -> None:
    values = _each_once(column.cells, lambda cell: read(plain_text(cell), column.heading))
    if None in values:
        for record, value in enumerate(values):
            if value is None:
                place = details.table.cell_place(record, column)
                found = plain_text(column.cells[record])
                _refuse(details, record, wording.unknown_word(place, name, column.heading, found, _ALLOWED[name]))
    details.columns[name] = values


def _refuse(details: Details, record: int, problem: Problem) -> None:
    details.problems.append(problem)
    details.refused.setdefault(record, problem)


_SCHEME = re.compile(r"[a-z][a-z0-9+.-]*:[^\s<>\"{}|\\^`]+", re.IGNORECASE)
_BARE_HOST = re.compile(r"(www\.)?[a-z0-9-]+(\.[a-z0-9-]+)*\.[a-z]{2,}(:\d+)?(/[^\s<>\"{}|\\^`]*)?", re.IGNORECASE)


def web_address(text: str) -> str | None:
    """Return a text as a URI (RFC 3986), with https:// in front of a bare host; None where it is none."""
    if not text or _SCHEME.fullmatch(text):
        return text
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


def _check_ids(details: Details, column: Column) -> None:
    """Refuse every row whose id another row has too: either could be the wrong one."""
    ids: Sequence[str] = details.columns["id"]
    if len(set(ids)) == len(ids):
        return
    first: dict[str, int] = {}
    for record, identifier in enumerate(ids):
        if identifier and first.setdefault(identifier, record) != record:
            place = details.table.cell_place(record, column)
            other: Place = details.table.cell_place(first[identifier], column)
            _refuse(details, record, wording.doubled_id(place, identifier, other))
