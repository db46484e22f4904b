"""Small calendars that bring earlier imports up to date, and calendars that take them back."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from dataclasses import replace
from datetime import UTC, datetime

from nomarium.core.building import Build, Part
from nomarium.core.calendars import Calendar
from nomarium.core.history.build_files import stamp_lines
from nomarium.core.history.differences import What, differences
from nomarium.core.history.entries import Entry
from nomarium.core.history.store import Store
from nomarium.core.ics import render_calendar
from nomarium.core.sources import Occurrence, Series


def update_files(build: Build, store: Store, since: int) -> Iterator[tuple[str, bytes, int]]:
    """Yield (file, its bytes, its events) of each calendar in which anything has changed since a build.

    New and changed events stand in it as they are now, and those gone as cancelled.
    """
    now, then = store.files(), store.files(since)
    parts = {part.file: part for part in build.calendars.parts}
    for path in sorted(now.keys() | then.keys()):
        before, after = store.entries(then.get(path)), store.entries(now.get(path))
        anew = store.anew(path, since)
        if path in then and path in now and then[path].members == now[path].members and not anew:
            continue
        found = differences(before, after)
        wanted = (anew & after.keys()) | {d.entry.uid for d in found.found if d.what is not What.GONE}
        gone = [d.before for d in found.found if d.what is What.GONE and d.before]
        given = store.given(path) if anew - after.keys() else {}
        missing = anew - after.keys() - {entry.uid for entry in gone}
        gone += [given[uid].versions[-1][1] for uid in sorted(missing) if uid in given]
        if not wanted and not gone:
            continue
        state = now.get(path) or then[path]
        lines = stamp_lines(state.origin, store.revisions(path))
        series, uids = _chosen(parts.get(path), wanted)
        cancelled, their_uids = _cancelled(gone)
        calendar = Calendar(state.name, [*series, *cancelled], [*uids, *their_uids])
        stamped = replace(calendar, stamps=[lines(uid) for uid in calendar.uids])
        yield path, b"".join(render_calendar(stamped, datetime.now(UTC))), len(calendar.uids)


def _chosen(part: Part | None, wanted: set[str]) -> tuple[list[Series], list[str]]:
    """Return the events of a calendar that are wanted, with their UIDs."""
    found: list[Series] = []
    names: list[str] = []
    for held in part.held if part else ():
        for series, uids in part.texts.series(held) if part else ():
            kept = [(o, uid) for o, uid in zip(series.occurrences, uids, strict=True) if uid in wanted]
            if kept:
                found.append(replace(series, occurrences=tuple(occurrence for occurrence, _ in kept)))
                names += [uid for _, uid in kept]
    return found, names


def _cancelled(gone: Iterable[Entry]) -> tuple[list[Series], list[str]]:
    """Return events as cancelled (RFC 5545, 3.8.1.11)."""
    entries = list(gone)
    return [cancelled_series(entry) for entry in entries], [entry.uid for entry in entries]


def cancelled_series(entry: Entry) -> Series:
    """Return an event that was given out, as cancelled."""
    occurrence = Occurrence(entry.starts(), entry.ends(), entry.all_day, entry.zone)
    return Series(
        entry.title,
        (occurrence,),
        entry.text("location"),
        status="CANCELLED",
        visibility=entry.text("visibility"),
        busy="FREE",
        id=entry.uid,
        uid_kept=True,
    )


def retraction(
    name: str, entries: Iterable[Entry], revisions: Mapping[str, tuple[int, str]], at: str, method: str = ""
) -> tuple[bytes, list[tuple[str, int]]]:
    """Return the calendar that takes events back: each cancelled, with the next sequence; and these sequences."""
    found = list(entries)
    sequences = {entry.uid: revisions.get(entry.uid, (0, ""))[0] + 1 for entry in found}
    lines = stamp_lines(at, {uid: (sequence, at) for uid, sequence in sequences.items()})
    series, uids = _cancelled(found)
    calendar = Calendar(name, series, uids, [lines(uid) for uid in uids])
    return b"".join(render_calendar(calendar, datetime.now(UTC), method=method)), list(sequences.items())
