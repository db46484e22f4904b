"""Who calls an event and who takes part, what each is asked and has answered (RFC 5545, 3.2.12, 3.2.16, 3.2.17)."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import TYPE_CHECKING

from nomarium.core.sources import wording
from nomarium.core.tables import Cell, Column, plain_text
from nomarium.core.values import Person, read_person, read_yes_no, split_list

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.sources.details import Details
    from nomarium.core.sources.lookups import Lookup

_PARAMETERS = {
    "attendees": "",
    "chair": ";ROLE=CHAIR",
    "optional_attendees": ";ROLE=OPT-PARTICIPANT",
    "informed": ";ROLE=NON-PARTICIPANT",
    "accepted": ";PARTSTAT=ACCEPTED",
    "declined": ";PARTSTAT=DECLINED",
    "undecided": ";PARTSTAT=TENTATIVE",
}
"""The fields of people who take part, and what each says of them."""
TAKING_PART = frozenset(_PARAMETERS)
PEOPLE_FIELDS = TAKING_PART | {"organizer"}


def read_attendance(details: Details, matches: Matches, people: Lookup | None) -> None:
    """Read organisers and attendees; names get their addresses from the look-up sheet."""
    if column := matches.column("organizer"):
        persons = _persons(details, column, people, several=False)
        details.columns["organizer"] = [found[0] if found else None for found in persons]
    taking_part = [
        (_PARAMETERS[name], _persons(details, column, people, several=True))
        for name, column in matches.columns(_PARAMETERS)
    ]
    if not taking_part:
        return
    if len(taking_part) == 1 and not taking_part[0][0]:
        attendees = taking_part[0][1]
    else:
        attendees = [
            _together((parameters, rows[record]) for parameters, rows in taking_part)
            for record in range(len(details.table))
        ]
    if column := matches.column("rsvp"):
        attendees = _asked(details, column, attendees)
    details.columns["attendees"] = attendees


def _persons(details: Details, column: Column, people: Lookup | None, *, several: bool) -> list[tuple[Person, ...]]:
    """Return the people whom each row names in a column."""
    split = (column.parted or split_list) if several else _as_one
    known = {cell: tuple(_person(item, people) for item in split(plain_text(cell))) for cell in column.distinct}
    _tell_without_address(details, column, known, people)
    return [known[cell] for cell in column.cells]


def _as_one(text: str) -> tuple[str, ...]:
    return (text,) if text else ()


def _person(text: str, people: Lookup | None) -> Person:
    person = read_person(text)
    entry = people.find(person.name or person.address) if people else None
    if entry is None:
        return person
    return Person(entry.name or person.name, person.address or entry.address)


def _together(named: Iterable[tuple[str, Sequence[Person]]]) -> tuple[Person, ...]:
    """Join what the columns of a row say of people: each once, with all that is said."""
    found: dict[str, Person] = {}
    for parameters, persons in named:
        for person in persons:
            key = (person.address or person.name).casefold()
            known = found.get(key, person)
            found[key] = known._replace(parameters=known.parameters + parameters)
    return tuple(found.values())


def _asked(details: Details, column: Column, attendees: Sequence[tuple[Person, ...]]) -> list[tuple[Person, ...]]:
    """Ask the people of each row that says so to reply; a word that is neither yes nor no is told."""
    answers = {cell: read_yes_no(plain_text(cell)) for cell in column.distinct}
    found = []
    for record, persons in enumerate(attendees):
        cell = column.cells[record]
        if cell != "" and answers[cell] is None:
            details.warn_of_word(record, "rsvp", column)
        asked = ";RSVP=TRUE" if answers[cell] else ""
        found.append(tuple(person._replace(parameters=person.parameters + asked) for person in persons))
    return found


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
                details.refuse(record, several)
            elif not people.find(name):
                details.warn_unknown(record, column, people, name)
