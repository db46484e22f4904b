"""A calendar and the files that it was given out in before → the same events under the same UIDs, each change told."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import UTC, datetime
from functools import cached_property
from typing import TYPE_CHECKING

from nomarium.core.calendars import Calendar, stable_uuid
from nomarium.core.history import wording
from nomarium.core.history.cancellations import cancelled_series
from nomarium.core.history.differences import Difference, Differences, What, share_gone
from nomarium.core.history.edits import changes_of
from nomarium.core.history.entries import Entry, entries_of, only_uids
from nomarium.core.history.given_files import GivenFile, Version, entries_of_bodies, head_lines, uid_of, version_of
from nomarium.core.history.losses import USUAL_GUARD, lost_of
from nomarium.core.history.pairing import pair
from nomarium.core.ics import render_calendar
from nomarium.core.problems import Place, Problem

if TYPE_CHECKING:
    from nomarium.core.sources import Occurrence, Series


@dataclass(slots=True)
class Carried:
    """A calendar whose events have the UIDs that they were given out under, and what became of the others."""

    calendar: Calendar
    gone: list[Entry] = field(default_factory=list)
    come: list[Entry] = field(default_factory=list)
    kept: dict[str, str] = field(default_factory=dict)
    """The UIDs that corrected events keep, by those that come from what they are now."""
    problems: list[Problem] = field(default_factory=list)


def carry_uids(calendar: Calendar, given: Sequence[GivenFile], place: Place) -> Carried:
    """Give corrected events the UIDs that they were given out under.

    The first file that holds an event says what it was. Events that a calendar program's file holds, and that are
    none of ours, are left alone.
    """
    known = _known(given)
    tombs = {uid for file in given for uid in file.gone}
    kept = {natural: uid for file in reversed(given) for natural, uid in file.kept.items()}
    carried = Carried(_renamed(calendar, kept), kept=kept)
    new = set(carried.calendar.uids)
    left = [(uid, body) for uid, (body, own) in known.items() if uid not in new and own]
    carried.gone = list(filter(None, entries_of_bodies(left)))
    if not known.keys() >= new:
        carried.come = list(_entries_but(carried.calendar, known.keys() | tombs))
    pairs = pair(carried.gone, carried.come) if carried.gone and carried.come else []
    if pairs:
        old_of = {one.new.uid: one.old.uid for one in pairs}
        natural_of = dict(zip(carried.calendar.uids, calendar.uids, strict=True))
        kept.update({natural_of[new_uid]: old for new_uid, old in old_of.items()})
        carried.calendar = replace(calendar, uids=[old_of.get(uid, uid) for uid in carried.calendar.uids])
        carried.gone = _without(carried.gone, (one.old for one in pairs))
        carried.come = _without(carried.come, (one.new for one in pairs))
    natural_now, uids_now = set(calendar.uids), set(carried.calendar.uids)
    carried.kept = {
        natural: uid
        for natural, uid in kept.items()
        if uid != natural and (natural in natural_now or (uid not in uids_now and (uid in tombs or uid in known)))
    }
    carried.problems = [wording.unsure_pair(place, one.old, one.new) for one in pairs if not one.certain]
    return carried


def _renamed(calendar: Calendar, kept: dict[str, str]) -> Calendar:
    """Give events the UIDs that they keep; one whose own UID another keeps gets a new one, which is kept, too."""
    now = dict.fromkeys(calendar.uids)
    taken: dict[str, str] = {}
    for natural in filter(kept.__contains__, now):
        if taken.setdefault(kept[natural], natural) != natural:
            kept[natural] = stable_uuid(f"{natural}\x1fanew")
    if not taken:
        return calendar
    for uid in (taken.keys() & now.keys()) - kept.keys():
        kept[uid] = stable_uuid(f"{uid}\x1fanew")
    return replace(calendar, uids=[kept.get(uid, uid) for uid in calendar.uids])


def _known(given: Iterable[GivenFile]) -> dict[str, tuple[str, bool]]:
    """Return the events that stand in files, by their UIDs: the lines of each, and whether we gave it out."""
    known: dict[str, tuple[str, bool]] = {}
    for file in given:
        for key, version in file.versions.items():
            uid = uid_of(key)
            if uid not in known and not version.is_cancelled:
                known[uid] = (version.body, file.knows(uid))
    return known


def _entries_but(calendar: Calendar, known: set[str]) -> Iterator[Entry]:
    """Yield the events that are new, those apart whose UID a calendar has given them: these are what they are."""
    for series, own in calendar.made():
        if not series.uid_kept and not known.issuperset(own):
            yield from (entry for entry in entries_of(series, own) if entry.uid not in known)


def _without(entries: Iterable[Entry], others: Iterable[Entry]) -> list[Entry]:
    uids = {entry.uid for entry in others}
    return [entry for entry in entries if entry.uid not in uids]


def foreign_events(given: Sequence[GivenFile], calendar: Calendar) -> list[Problem]:
    """Tell of events in files of calendar programs that are none of ours, and stay as they are."""
    uids = set(calendar.uids)
    problems = []
    for file in given:
        others = [
            entry
            for key, entry in file.entries.items()
            if not file.knows(uid_of(key)) and uid_of(key) not in uids and not file.versions[key].is_cancelled
        ]
        problems += [wording.others_in_export(Place(file.path.name), others)] if others else []
    return problems


def stop_too_much(carried: Carried, given: Sequence[GivenFile], place: Place) -> Problem | None:
    """Return the error that stops a run which would take away too much of what was given out."""
    lost = lost_of(carried.gone, carried.come)
    before = sum(own for _, own in _known(given).values())
    if len(lost) < _FEW and len(lost) < before:
        return None
    share = share_gone(len(lost), before)
    return wording.too_much_gone_again(place, lost, before, share, USUAL_GUARD) if share * 100 > USUAL_GUARD else None


_FEW = 4
"""So many events may always go, whatever their share, if others stay."""


class Reissue:
    """One calendar file given out again: what each event says of its last change, and what has changed.

    ``given`` are the files that it was given out in before: what has changed is told from the first.
    """

    def __init__(
        self, calendar: Calendar, given: Sequence[GivenFile], at: datetime, kept: Mapping[str, str] | None = None
    ) -> None:
        self._given = given
        ever = [f"{at.astimezone(UTC):%Y%m%dT%H%M%SZ}", *(one.at for file in given for one in file.versions.values())]
        self._at = max(ever)  # what is given out later is never older
        self._base = given[0].versions if given else {}
        self._changed: dict[str, tuple[str, Entry]] = {}
        self._fresh: dict[str, Entry] = {}
        self._seen = set[str]()
        self._sequences: dict[str, int] = {}
        uids = set(calendar.uids)
        self._gone = {uid: one for uid, one in self._gone_before().items() if uid not in uids}
        self._reverted = self._without_overrides(calendar)
        own = {natural: uid for natural, uid in (kept or {}).items() if uid in uids or uid in self._gone}
        self.calendar = replace(calendar, stamps=self, head=head_lines(self._gone, own))
        """The calendar to be rendered."""

    def _gone_before(self) -> dict[str, tuple[int, str]]:
        """Return the UIDs of all events that were ever given out: the SEQUENCE that they go with, and when."""
        found: dict[str, tuple[int, str]] = {}
        for file in self._given:
            for uid, stamp in file.gone.items():
                found[uid] = max(stamp, found.get(uid, stamp))
            for key, version in file.versions.items():
                uid = uid_of(key)
                if file.knows(uid):
                    stamp = version.sequence + (not version.is_cancelled), self._going(version)
                    found[uid] = max(stamp, found.get(uid, stamp))
        return found

    def _going(self, version: Version) -> str:
        return version.at if version.is_cancelled else self._at

    def _without_overrides(self, calendar: Calendar) -> set[str]:
        """Return the UIDs of events of which an occurrence was changed and is as all others again."""
        overridden = {uid_of(key) for file in self._given for key in file.versions if key != uid_of(key)}
        if not overridden:
            return overridden
        uids = iter(calendar.uids)
        now = Counter(uid for series in calendar.series for uid in (next(uids) for _ in series.occurrences))
        then: Counter[str] = Counter(map(uid_of, self._base))
        return {uid for uid in overridden if now[uid] < then[uid]}

    def __call__(self, series: Series, occurrence: Occurrence, uid: str, lines: str) -> str:
        """Return the lines of an event, with those that say when it was changed behind the UID's."""
        text = f"{uid}\r\n{lines}"
        key, new = version_of(text.replace("\r\n ", "") if "\r\n " in text else text)
        self._seen.add(key)
        least, kept = new.sequence, ""
        for file in self._given:
            old = file.versions.get(key)
            if old is not None:
                same = old.body == new.body or self._says_the_same(file, key, series, occurrence)
                same = same and key not in self._reverted
                least, kept = max((old.sequence + (not same), old.stamp if same and file.ours else ""), (least, kept))
            elif uid_of(key) in file.gone:
                least, kept = max((file.gone[uid_of(key)][0] + 1, ""), (least, kept))
        if key == uid_of(key):
            self._sequences[key] = least
        elif least < self._sequences.get(uid_of(key), 0) and not kept:  # never below the event that it is part of
            least = self._sequences[uid_of(key)]
        self._note(key, least, series, occurrence)
        if kept and new.stamp and kept.endswith(new.stamp):  # what a calendar file said of it stays where it was
            return f"{uid}\r\n{kept.removesuffix(new.stamp)}{lines}"
        return f"{uid}\r\n{kept or self._stamp(least)}{_unstamped(lines) if new.stamp else lines}"

    def _note(self, key: str, sequence: int, series: Series, occurrence: Occurrence) -> None:
        """Note an event that is new since the first file, or was given out otherwise meanwhile."""
        known = self._base.get(key)
        if known is None:
            self._fresh[key] = self._entry(series, occurrence, key)
        elif sequence > known.sequence:
            self._changed[key] = (known.body, self._entry(series, occurrence, key))

    def _says_the_same(self, file: GivenFile, key: str, series: Series, occurrence: Occurrence) -> bool:
        """Tell whether a calendar program holds an event as it is now, however it writes that."""
        known = file.entries.get(key)
        if file.ours or known is None:
            return False
        entry = self._entry(series, occurrence, key)
        return _repeats(known) == _repeats(entry) and not changes_of("", known, entry, 0)

    def _entry(self, series: Series, occurrence: Occurrence, key: str) -> Entry:
        return next(entries_of(replace(series, occurrences=(occurrence,)), [uid_of(key)]))

    def _stamp(self, sequence: int) -> str:
        number = f"SEQUENCE:{sequence}\r\n" if sequence else ""
        return f"DTSTAMP:{self._at}\r\nLAST-MODIFIED:{self._at}\r\n{number}"

    @cached_property
    def differences(self) -> Differences:
        """What has changed since the first file that it was given out in, once the calendar is rendered."""
        found = Differences(same=len(self._seen) - len(self._changed) - len(self._fresh))
        old = entries_of_bodies([(key, body) for key, (body, _) in self._changed.items()])
        for was, (_, after) in zip(old, self._changed.values(), strict=True):
            before = was or after
            what = What.MOVED if before.moment != after.moment else What.CHANGED
            found.found.append(Difference(what, before, after))
        known = set(map(uid_of, self._base))
        for key, entry in self._fresh.items():  # one date of a series that goes by itself is no new event
            is_date = uid_of(key) != key and uid_of(key) in known
            found.found.append(Difference(What.CHANGED if is_date else What.ADDED, None, entry))
        found.found += [Difference(What.GONE, entry, None) for entry in self._cancelled]
        found.found.sort(key=lambda difference: (difference.entry.start, difference.entry.title, difference.entry.uid))
        return found

    @cached_property
    def _cancelled(self) -> list[Entry]:
        """The events of the first file that are no longer in it."""
        base: dict[str, str] = {}
        for key, version in self._base.items():
            if uid_of(key) in self._gone and not version.is_cancelled:
                base.setdefault(uid_of(key), version.body)
        return list(filter(None, entries_of_bodies(list(base.items()))))

    def update(self) -> tuple[bytes, int]:
        """Return the small calendar that brings an import of the first file up to date, and how many events it has."""
        wanted = {uid_of(key) for key in (*self._changed, *self._fresh)}
        series, uids = only_uids(self.calendar.made(), wanted)
        gone = {entry.uid: cancelled_series(entry) for entry in self._cancelled}
        calendar = replace(
            self.calendar, series=[*series, *gone.values()], uids=[*uids, *gone], stamps=self._for_update(gone), head=()
        )
        return b"".join(render_calendar(calendar, datetime.fromtimestamp(0, UTC))), len(wanted) + len(gone)

    def _for_update(self, gone: Mapping[str, Series]) -> _Stamped:
        return _Stamped(self, {id(one): self._gone[uid] for uid, one in gone.items()})


@dataclass(frozen=True, slots=True)
class _Stamped:
    """What gives the events of an update their lines: those cancelled the SEQUENCE that they go with."""

    reissue: Reissue
    gone: Mapping[int, tuple[int, str]]

    def __call__(self, series: Series, occurrence: Occurrence, uid: str, lines: str) -> str:
        """Return the lines of an event, as Reissue does."""
        if id(series) not in self.gone:
            return self.reissue(series, occurrence, uid, lines)
        number, at = self.gone[id(series)]
        return f"{uid}\r\nDTSTAMP:{at}\r\nLAST-MODIFIED:{at}\r\nSEQUENCE:{number}\r\n{lines}"


def _repeats(entry: Entry) -> set[str]:
    """Return the lines that say how an event repeats."""
    names = ("RRULE", "EXRULE", "RDATE", "EXDATE")
    return {line for line in entry.text("extra").split("\n") if line.startswith(names)}


def _unstamped(lines: str) -> str:
    """Return the lines of an event without those that say when it was changed; none of these is ever folded."""
    names = ("SEQUENCE:", "LAST-MODIFIED", "DTSTAMP")
    return "".join(line for line in lines.splitlines(keepends=True) if not line.startswith(names))
