"""Calendars exported from calendar programs → what people have changed in what was given out."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import UTC, datetime
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.calendars import Calendar
from nomarium.core.history import wording
from nomarium.core.history.edits import ADDED, Edit, Edits, OnEdit, OnEdits, added, changes_of, is_same, removed
from nomarium.core.history.entries import Entry, entries_of
from nomarium.core.ics import CalendarChoices, read_calendar, render_calendar
from nomarium.core.problems import DataRefused, Place, Problem, WrongCall, has_errors
from nomarium.core.standing import is_file
from nomarium.core.tables import read_text

if TYPE_CHECKING:
    from nomarium.core.history.store import Given, Store
    from nomarium.core.sources import Series


@dataclass(slots=True)
class Export:
    """One exported calendar: which of ours it is, and what has changed there."""

    name: str
    path: str
    """The file below the output folder that it was imported from."""
    found: list[tuple[Edit, OnEdit]] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)


@dataclass(frozen=True, slots=True)
class _Theirs:
    """An event as it stands in the export: as an entry, and in full."""

    entry: Entry
    series: list[Series]
    sequence: int

    @property
    def repeats(self) -> bool:
        """Whether it is more than one dated event."""
        return len(self.series) > 1 or self.series[0].recurrence is not None


def read_exports(exports: Sequence[str], store: Store, zone: str, on_edits: OnEdits) -> tuple[Edits, list[Export]]:
    """Compare exported calendars with what was given out; return the edits that hold now, and what was found in each.

    ``exports`` are files, or "teachers/V.ics=export.ics" where it must be said which calendar they are. Raises
    WrongCall for files that are none or can't be told apart, DataRefused for those that can't be read.
    """
    files = store.files()
    if not files:
        raise WrongCall("Nothing was given out yet.", "Build first; what was edited then can be told from it.")
    edits = Edits(store.edits())
    read = []
    for text in exports:
        export = _read(text, store, zone)
        known = {(edit.uid, edit.what): edit for edit in edits.kept if edit.path == export.path}
        fresh = _settled(export, known)
        for edit in fresh:
            known.pop((edit.uid, edit.what), None)
        kept_so_far = [edit for edit in known.values() if on_edits.stated(edit) is OnEdit.OVERWRITE]
        for edit in [*fresh, *kept_so_far]:
            choice = on_edits.choose(edit)
            export.found.append((edit, choice))
            if choice is OnEdit.KEEP:
                known[edit.uid, edit.what] = edit
            else:
                known.pop((edit.uid, edit.what), None)
            if choice is OnEdit.OVERWRITE and not edit.is_added:
                edits.anew[edit.path, edit.uid] = edit.sequence
        edits.kept = [edit for edit in edits.kept if edit.path != export.path] + list(known.values())
        read.append(export)
    return edits, read


def _settled(export: Export, known: dict[tuple[str, str], Edit]) -> list[Edit]:
    """Return the edits that are new; those that were kept and are taken back there are dropped from ``known``."""
    found = []
    for edit, _ in export.found:
        if edit.is_removed and (edit.uid, ADDED) in known:
            del known[edit.uid, ADDED]  # an event of their own that they took away again
            continue
        before = known.get((edit.uid, edit.what))
        if before is None or edit.is_added or edit.is_removed:
            if before != edit:
                found.append(edit)
        elif is_same(edit.what, edit.value, before.base):
            del known[edit.uid, edit.what]
        elif not is_same(edit.what, edit.value, before.value):
            found.append(replace(edit, base=before.base))
    export.found = []
    return found


def _read(text: str, store: Store, zone: str) -> Export:
    stated, equals, name = text.partition("=")
    path = Path(name if equals and not is_file(Path(text)) else text)
    if not is_file(path):
        raise WrongCall(f"There is no file “{path}”.", "Name a calendar exported from a calendar program.")
    source = read_text(path)
    if source is None or not source.is_calendar:
        raise WrongCall(f"“{path}” is no calendar file.", "Export the calendar as .ics.")
    read = read_calendar(source.text, path.name, CalendarChoices("", zone, rules=True))
    if has_errors(read.problems):
        first = next(problem for problem in read.problems if problem.severity == "error")
        raise DataRefused(
            replace(first, advice="Export the calendar anew: what is missing would seem taken away by hand.")
        )
    theirs = _by_uid(read.series)
    calendar = _calendar_of(path, stated.strip() if path != Path(text) else "", theirs, store)
    export = Export(path.name, calendar)
    given = store.given(calendar)
    own = {edit.uid for edit in store.edits() if edit.path == calendar and edit.is_added}
    ours = {uid: one for uid, one in given.items() if uid not in own}
    others = _of_others(theirs.keys() - given.keys(), calendar, store)
    _compare(export, {uid: one for uid, one in theirs.items() if uid not in others}, ours)
    export.found += [(removed(calendar, given[uid].versions[-1][1]), OnEdit.KEEP) for uid in own - theirs.keys()]
    return export


def _by_uid(series: Sequence[Series]) -> dict[str, _Theirs]:
    found: dict[str, list[Series]] = {}
    for one in series:
        found.setdefault(one.id, []).append(one)
    return {
        uid: _Theirs(next(entries_of(several[0], [uid])), several, max(map(_sequence, several)))
        for uid, several in found.items()
        if uid
    }


def _sequence(series: Series) -> int:
    for line in series.extra:
        name, _, value = line.partition(":")
        if name.upper() == "SEQUENCE" and value.strip().isdigit():
            return int(value)
    return 0


def _calendar_of(path: Path, stated: str, theirs: Mapping[str, _Theirs], store: Store) -> str:
    """Return which of our calendars an export is of: the one whose events it shares."""
    states = store.files()
    if stated:
        if stated not in states:
            raise WrongCall(f"There is no calendar “{stated}”.", f"There are: {', '.join(sorted(states)[:8])}.")
        return stated
    shares: dict[str, float] = {}
    for name, state in states.items():
        own = store.entries(state).keys()
        if common := len(own & theirs.keys()):
            shares[name] = common / len(own | theirs.keys())
    if not shares:
        raise WrongCall(f"No event of “{path}” was given out by this plan.", "Name a calendar that was imported.")
    best = [name for name, share in shares.items() if share == max(shares.values())]
    if len(best) > 1:
        way = f"Say which it is: --edited “{best[0]}={path}”."
        raise WrongCall(f"“{path}” could be {' or '.join(best)}.", way)
    return best[0]


def _of_others(unknown: set[str], calendar: str, store: Store) -> set[str]:
    """Return which events of an export belong to other calendars of ours."""
    others = set[str]()
    for path in store.files() if unknown else ():
        if path != calendar:
            others |= unknown & store.given(path).keys()
    return others


def _compare(export: Export, theirs: Mapping[str, _Theirs], given: Mapping[str, Given]) -> None:
    """Note what has changed in an export: fields, events of their own, events taken away."""
    newest = 0
    edits: list[Edit] = []
    for uid, event in theirs.items():
        known = given.get(uid)
        if known is None:
            if event.entry.text("status") != "CANCELLED":
                edits.append(added(export.path, event.entry, _file_of(event), event.sequence))
        elif event.repeats:
            export.problems.append(wording.repeat_not_kept(Place(export.name), event.entry.title))
        else:
            version, changes = _nearest(export.path, event, known)
            newest = max(newest, version)
            edits += changes
    edits += _removed(export, theirs, given, newest)
    export.found = [(edit, OnEdit.KEEP) for edit in edits]


def _nearest(path: str, event: _Theirs, known: Given) -> tuple[int, list[Edit]]:
    """Return which build gave out the version that an event comes from, and what has changed in it since.

    A program that has not taken in the last build holds an older version: that is no edit.
    """
    versions = ((build, changes_of(path, given, event.entry, event.sequence)) for build, given in known.versions)
    return min(versions, key=lambda version: (len(version[1]), -version[0]))


def _removed(export: Export, theirs: Mapping[str, _Theirs], given: Mapping[str, Given], newest: int) -> Iterator[Edit]:
    """Yield the events that were taken away: within the days of the export, and of the builds that it has taken in."""
    known = [event.entry.start for uid, event in theirs.items() if uid in given]
    missing = [one for uid, one in given.items() if one.now and uid not in theirs and one.versions[0][0] <= newest]
    outside = []
    for one in missing:
        entry = one.versions[-1][1]
        if min(known) <= entry.start <= max(known):
            yield removed(export.path, entry)
        else:
            outside.append(entry)
    if outside:
        export.problems.append(wording.outside_export(Place(export.name), outside))


def _file_of(event: _Theirs) -> str:
    """Return a calendar file with just an event, its repeats and changed occurrences."""
    own = [
        replace(one, extra=tuple(line for line in one.extra if not line.startswith(_STAMPS))) for one in event.series
    ]
    calendar = Calendar(event.entry.title, own, [event.entry.uid] * len(own))
    return b"".join(render_calendar(calendar, datetime.fromtimestamp(0, UTC))).decode()


_STAMPS = ("SEQUENCE", "LAST-MODIFIED", "CREATED", "DTSTAMP")
