"""Look-up sheets: from a code or short name to the full name of a place, person or subject, to address and link."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.kinds import PEOPLE_SHEET, PLACE_SHEET, SUBJECT_SHEET
from nomarium.core.problems import DataRefused, Place, Problem, error, warning
from nomarium.core.sheets import Sheet, SheetChoices, choose_grid, key_of_two, read_sheet
from nomarium.core.tables import NO_HEADINGS
from nomarium.core.values import TITLE_ALONE, name_key

if TYPE_CHECKING:
    from collections.abc import Sequence

    from nomarium.core.columns import SheetKind


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
    """The entries of a look-up sheet, by codes, names in any order of their parts, and addresses; case is nothing."""

    file: str
    entries: dict[str, list[Entry]]
    written: list[str]

    def find(self, text: str) -> Entry | None:
        """Return the one entry that a code, name or address stands for; None for none, and for several."""
        found = self.entries.get(name_key(text), [])
        return found[0] if len(found) == 1 else None

    def ambiguous(self, place: Place, text: str) -> Problem | None:
        """Return the error that a text stands for two different entries; None where it does not."""
        found = self.entries.get(name_key(text), [])
        return key_of_two(place, text, *(entry.words for entry in found[:2])) if len(found) > 1 else None

    def nearest(self, text: str) -> str | None:
        """Return the code or name that a text is most like, or None."""
        from rapidfuzz import fuzz, process

        near = process.extractOne(name_key(text), self.written, scorer=fuzz.ratio, processor=name_key, score_cutoff=60)
        return near[0] if near else None


@dataclass(frozen=True, slots=True)
class Lookups:
    """The look-up sheets of a run."""

    places: Lookup | None = None
    people: Lookup | None = None
    subjects: Lookup | None = None


_KINDS: dict[str, SheetKind] = {"people": PEOPLE_SHEET, "places": PLACE_SHEET, "subjects": SUBJECT_SHEET}


def read_lookup(choices: SheetChoices, what: str) -> tuple[Lookup, Sheet, list[Problem]]:
    """Read a look-up sheet of "people", "places" or "subjects": codes or names, and a column or more of what they are.

    Raises DataRefused where it is not there, or has no such columns.
    """
    kind = _KINDS[what]
    try:
        grid, problems = choose_grid(choices.path, kind, choices.table)
        sheet, found = read_sheet(grid, kind, choices)
    except DataRefused as refused:
        raise (
            DataRefused(_no_columns(refused.problem.place)) if refused.problem.code == NO_HEADINGS else refused
        ) from None
    if sheet is None:
        raise DataRefused(found[0])
    keys = [name for name in ("code", "name") if sheet.has(name)]
    if not (keys or sheet.has("last_name")) or sum(bool(match.field) for match in sheet.matches.all) < 2:
        raise DataRefused(_no_columns(sheet.table.place))
    lookup = Lookup(choices.path.name, {}, [])
    rows = [_entry(sheet, record) for record in range(len(sheet))]
    namesakes = _namesakes(sheet, [entry for entry, _ in rows]) if kind is PEOPLE_SHEET else {}
    problems += [_tell_namesakes(sheet, records) for records in namesakes.values()]
    shared = {record for records in namesakes.values() for record in records}
    for record, (read, names) in enumerate(rows):
        told_apart = f"{read.name} ({sheet.text(record, 'code')})"
        entry = read._replace(name=told_apart) if record in shared else read
        for word in dict.fromkeys(name_key(name) for name in names if name):
            known = lookup.entries.setdefault(word, [])
            if entry not in known:
                known.append(entry)
        lookup.written.extend(filter(None, names))
    return lookup, sheet, problems + found


def _entry(sheet: Sheet, record: int) -> tuple[Entry, list[str]]:
    """Return what a row says, and all that it may be found by."""
    first, last = sheet.text(record, "first_name"), sheet.text(record, "last_name")
    stated, title = sheet.text(record, "name"), sheet.text(record, "title")
    if sheet.kind is PEOPLE_SHEET and (first or last) and TITLE_ALONE.fullmatch(stated):
        stated, title = "", stated  # “Title” beside “Surname” is how somebody is addressed
    if first and not last and first.casefold() not in stated.casefold():
        last, stated = stated, ""  # “Name” beside “Vorname” is the last name
    whole = " ".join(filter(None, (first or title, last)))
    name, address = stated or whole, sheet.text(record, "address")
    names = [sheet.text(record, "code"), name, whole]
    if sheet.kind is PEOPLE_SHEET:
        names.append(address)
    return Entry(name, address, sheet.text(record, "link")), names


def _namesakes(sheet: Sheet, entries: Sequence[Entry]) -> dict[str, list[int]]:
    """Return the records of people with one name, whose codes and addresses all differ: they are not the same."""
    by_name: dict[str, list[int]] = {}
    for record, entry in enumerate(entries):
        if entry.name and sheet.text(record, "code"):
            by_name.setdefault(name_key(entry.name), []).append(record)
    return {name: records for name, records in by_name.items() if _are_others(sheet, entries, records)}


def _are_others(sheet: Sheet, entries: Sequence[Entry], records: Sequence[int]) -> bool:
    codes = {name_key(sheet.text(record, "code")) for record in records}
    addresses = [entries[record].address for record in records if entries[record].address]
    return len(codes) == len(records) > 1 and len(set(addresses)) == len(addresses)


def _tell_namesakes(sheet: Sheet, records: Sequence[int]) -> Problem:
    codes = [sheet.text(record, "code") for record in records]
    name = _entry(sheet, records[0])[0].name
    return warning(
        "namesakes",
        sheet.table.row_place(records[1]),
        f"“{name}” stands beside {' and '.join(f'“{code}”' for code in codes)}: the code is written behind each name.",
        found=name,
        advice="Write first names or initials; or, where it is one person, the same code in the timetable.",
    )


def _no_columns(place: Place) -> Problem:
    return error(
        "no-lookup-columns",
        place,
        "The look-up sheet lacks columns that could be told.",
        expected="A column “Code” or “Name”, and one or more of “Name”, “Address”, “Email” and “Link”.",
        advice="Write or rename its headings.",
    )
