"""Rows that were written of a calendar, edited and put back → the events of that calendar, changed."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, field, replace
from datetime import datetime
from typing import TYPE_CHECKING

from nomarium.core.history import wording
from nomarium.core.history.edits import changes_of
from nomarium.core.history.entries import entries_of
from nomarium.core.repeats import Recurrence
from nomarium.core.sources import Occurrence, Series, after, is_own_rows
from nomarium.core.values import Length, Person
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.history.given_files import GivenFile
    from nomarium.core.problems import Problem

_OF_SERIES = regex(r"(.+)/(\d{8}T\d{6})")
"""What the id of a row is that stands for one date of a repeating event."""
_MOST_DATES = 100_000


@dataclass(slots=True)
class _Dates:
    """The rows that stand for dates of one repeating event, by the starts that they are known by."""

    uid: str
    rows: dict[datetime, Series] = field(default_factory=dict)


def put_back(series: Sequence[Series], given: Sequence[GivenFile]) -> tuple[Sequence[Series], list[Problem]]:
    """Return the events of rows that were written of a calendar, in which they are again what they were there.

    Dates of a repeating event become that event: where they say the same they are its dates; those that differ are its
    changed occurrences (RECURRENCE-ID), and those between the first and the last row that lack are left out (EXDATE).
    What rows can't hold (properties that nothing here stands for, what is said of attendees) comes from ``given``, the
    files that hold the events, the nearest first.
    """
    repeating: dict[str, _Dates] = {}
    rest: list[Series] = []
    problems: list[Problem] = []
    for one in series:
        found = _OF_SERIES.fullmatch(one.id) if one.table is not None and "/" in one.id else None
        known = _moment(found[2]) if found else None
        if not found or known is None:
            rest.append(one)
        elif repeating.setdefault(found[1], _Dates(found[1])).rows.setdefault(known, one) is not one:
            problems.append(wording.row_stands_twice(one.place, one.id))
    problems += _without_id(series)
    if not repeating:
        return _completed(series, given), problems
    masters = _masters(repeating.keys(), given)
    for uid, dates in repeating.items():
        if uid in masters:
            made, told = _as_series(dates, masters[uid])
            rest += made
            problems += told
        else:
            first = next(iter(dates.rows.values()))
            problems.append(wording.rows_of_series(first.place, first.id, len(dates.rows)))
    return _completed(rest, given), problems


def _moment(text: str) -> datetime | None:
    try:
        return datetime.fromisoformat(text)
    except ValueError:
        return None


def _without_id(series: Iterable[Series]) -> Iterator[Problem]:
    """Warn of rows that were written of a calendar, and have lost the ids that tell which events they are."""
    ours: dict[int, bool] = {}
    for one in series:
        if one.table is not None and not one.id and ours.setdefault(id(one.table), is_own_rows(one.table)):
            yield wording.row_without_id(one.place, one.summary)


def _masters(uids: Iterable[str], given: Sequence[GivenFile]) -> dict[str, list[Series]]:
    """Return repeating events by their UIDs, each with its changed occurrences, from the nearest file that has them."""
    wanted, found = set(uids), dict[str, list[Series]]()
    for file in given:
        for one in file.read(wanted - found.keys()):
            found.setdefault(one.id, []).append(one)
    return {uid: several for uid, several in found.items() if any(one.recurrence for one in several)}


def _as_series(dates: _Dates, known: Sequence[Series]) -> tuple[list[Series], list[Problem]]:
    """Return a repeating event as rows have it now: itself, and its changed occurrences."""
    master = next(one for one in known if one.recurrence)
    recurrence = master.recurrence or Recurrence()
    changed = {one.replaces: one for one in known if one.replaces is not None}
    first, last = min(dates.rows), max(dates.rows)
    problems: list[Problem] = []
    starts: set[datetime] = set()
    outside = 0
    for number, start in enumerate(recurrence.starts(master.occurrences[0].start, last)):
        if number >= _MOST_DATES:
            break
        if start >= first:
            starts.add(start)
        else:
            outside += 1
    overrides = []
    for start, row in dates.rows.items():
        if start not in starts and start not in changed:
            problems.append(wording.no_date_of_series(row.place, row.id, master.summary))
        elif start in changed and _says_the_same(changed[start], row):
            overrides.append(changed[start])
        elif start in changed or not _says_the_same(_at(master, start), row):
            overrides.append(_override(master, changed.get(start), start, row))
    overrides += [one for start, one in changed.items() if start not in dates.rows and not first <= start <= last]
    lost = frozenset(start for start in starts if start not in dates.rows)
    kept = replace(recurrence, except_dates=recurrence.except_dates | lost)
    if outside or recurrence.endless or next(_later(recurrence, master, last), None):
        problems.append(wording.dates_outside(next(iter(dates.rows.values())).place, master.summary, first, last))
    return [replace(master, recurrence=kept), *sorted(overrides, key=lambda one: one.replaces or first)], problems


def _later(recurrence: Recurrence, master: Series, last: datetime) -> Iterator[datetime]:
    return (start for start in recurrence.starts(master.occurrences[0].start) if start > last)


def _at(master: Series, start: datetime) -> Series:
    """Return the occurrence of a repeating event at one of its starts."""
    one = master.occurrences[0]
    if one.all_day:
        moved = replace(one, start=start, end=start + (one.end - one.start))
    else:
        moved = Occurrence(start, after(start, Length(0, one.end - one.start), one.zone or "UTC"), False, one.zone)
    return replace(master, occurrences=(moved,), recurrence=None)


def _says_the_same(one: Series, other: Series) -> bool:
    given, now = (next(entries_of(replace(side, recurrence=None), [""])) for side in (one, other))
    return not changes_of("", given, now, 0) and _people(one) == _people(other)


def _people(series: Series) -> list[tuple[str, str]]:
    people = [*series.attendees, *([series.organizer] if series.organizer else [])]
    return [(person.name, person.address.casefold()) for person in people]


def _override(master: Series, changed: Series | None, start: datetime, row: Series) -> Series:
    said = changed or master
    own = replace(row, id=master.id, uid_kept=True, replaces=start, extra=said.extra)
    return _with_parameters(own, said)


def _completed(series: Sequence[Series], given: Sequence[GivenFile]) -> Sequence[Series]:
    """Return events with what rows can't hold of them, from the files that hold them."""
    tables = {id(one.table): one.table for one in series if one.table is not None} if given else {}
    from_rows = {number: is_own_rows(table) for number, table in tables.items()}
    if not any(from_rows.values()):
        return series
    wanted = {one.id for one in series if one.id and from_rows.get(id(one.table)) and not one.extra}
    known: dict[str, Series] = {}
    for file in given:
        for one in file.read(wanted - known.keys()):
            if one.replaces is None:
                known.setdefault(one.id, one)
    return [
        _with_parameters(replace(one, extra=known[one.id].extra), known[one.id])
        if one.id in known and one.id in wanted
        else one
        for one in series
    ]


def _with_parameters(series: Series, before: Series) -> Series:
    """Return an event whose people are told of as before, where they are the same ones."""
    known = {person.address.casefold(): person for person in before.attendees if person.address}
    attendees = tuple(_same_person(person, known.get(person.address.casefold())) for person in series.attendees)
    organizer = series.organizer
    if organizer is not None and before.organizer is not None:
        same = organizer.address.casefold() == before.organizer.address.casefold()
        organizer = _same_person(organizer, before.organizer if same else None)
    return replace(series, attendees=attendees, organizer=organizer)


def _same_person(now: Person, before: Person | None) -> Person:
    return now if before is None or now.parameters else now._replace(parameters=before.parameters)
