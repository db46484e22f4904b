"""Look-up sheets: from a code or short name to the full name, address and link of a place, or a person's address."""

from __future__ import annotations

from dataclasses import dataclass, field
from pathlib import Path
from typing import NamedTuple

from nomarium.core.columns import heading_key
from nomarium.core.problems import DataRefused, Place, Problem, error
from nomarium.core.tables import NO_HEADINGS, Column, Table, plain_text, read_table

_HEADINGS = {
    "code": "code short abbreviation abbr key id initials shortname shortform roomcode room number no nr",
    "name": "name fullname place title location person teacher building description longname displayname",
    "address": "address street streetaddress postaladdress where mail email mailaddress emailaddress",
    "link": "link url map website web webaddress page",
}
"""What the columns of a look-up sheet hold, and the headings that mean it."""

_FIELDS = {word: name for name, words in _HEADINGS.items() for word in words.split()}


class Entry(NamedTuple):
    """One row of a look-up sheet; "" for what it does not say."""

    name: str
    address: str
    link: str

    @property
    def words(self) -> str:
        """The name and address as one text."""
        return ", ".join(filter(None, (self.name, self.address)))


@dataclass(frozen=True, slots=True)
class Lookup:
    """The entries of a look-up sheet, by their codes and by their names; case does not matter."""

    file: str
    entries: dict[str, Entry]
    written: list[str]

    def find(self, text: str) -> Entry | None:
        """Return the entry that a code or name stands for, or None."""
        return self.entries.get(_key(text))

    def nearest(self, text: str) -> str | None:
        """Return the code or name that a text is most like, or None."""
        from rapidfuzz import fuzz, process

        near = process.extractOne(_key(text), self.written, scorer=fuzz.ratio, processor=_key, score_cutoff=60)
        return near[0] if near else None


@dataclass(frozen=True, slots=True)
class Lookups:
    """The look-up sheets of a run."""

    places: Lookup | None = None
    people: Lookup | None = field(default=None)


def _key(text: str) -> str:
    return " ".join(text.split()).casefold()


def read_lookup(path: Path) -> tuple[Lookup, list[Problem]]:
    """Read a look-up sheet: a column of codes or short names, and at least one that says what they stand for.

    Raises DataRefused where it has no such columns, or says two things of one code.
    """
    try:
        table, problems = read_table(path, lambda heading: _FIELDS.get(heading_key(heading)))
    except DataRefused as refused:
        raise (
            DataRefused(_no_columns(refused.problem.place)) if refused.problem.code == NO_HEADINGS else refused
        ) from None
    columns = _columns(table)
    keys = [columns[name] for name in ("code", "name") if name in columns]
    if not keys or len(columns) < 2:
        raise DataRefused(_no_columns(table.place))
    entries: dict[str, Entry] = {}
    written: list[str] = []
    for record in range(len(table)):
        entry = Entry(*(_text(columns.get(name), record) for name in ("name", "address", "link")))
        for column in keys:
            word = _text(column, record)
            if word and entries.setdefault(_key(word), entry) != entry:
                raise DataRefused(_two_meanings(table, column, record, word))
            written.append(word)
    return Lookup(table.file, entries, written), problems


def _columns(table: Table) -> dict[str, Column]:
    columns: dict[str, Column] = {}
    for column in table.columns:
        name = _FIELDS.get(heading_key(column.heading))
        if name:
            columns.setdefault(name, column)
    return columns


def _text(column: Column | None, record: int) -> str:
    return plain_text(column.cells[record]) if column else ""


def _no_columns(place: Place) -> Problem:
    return error(
        "no-lookup-columns",
        place,
        "The look-up sheet lacks columns that could be told.",
        expected="A column “Code” or “Name”, and one or more of “Name”, “Address”, “Email” and “Link”.",
        advice="Write or rename its headings.",
    )


def _two_meanings(table: Table, column: Column, record: int, word: str) -> Problem:
    return error(
        "two-meanings",
        table.cell_place(record, column),
        "The look-up sheet says two things of this.",
        found=word,
        advice="Keep one of the rows.",
    )
