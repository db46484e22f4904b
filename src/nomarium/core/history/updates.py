"""Small calendars that bring earlier imports up to date, and calendars that take them back."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from datetime import UTC, datetime
from typing import TYPE_CHECKING

from nomarium.core.calendars import Calendar
from nomarium.core.history.cancellations import cancelled, stamp_lines
from nomarium.core.history.differences import What, differences
from nomarium.core.history.entries import only_uids
from nomarium.core.history.record import renamed_files
from nomarium.core.ics import render_calendar

if TYPE_CHECKING:
    from nomarium.core.building import Build, Part
    from nomarium.core.history.store import Store
    from nomarium.core.sources import Series


def update_files(build: Build, store: Store, since: int) -> Iterator[tuple[str, bytes, int]]:
    """Yield (file, its bytes, its events) of each calendar in which anything has changed since a build.

    New and changed events stand in it as they are now, and those gone as cancelled.
    """
    now, then = store.files(), store.files(since)
    parts = {part.file: part for part in build.calendars.parts}
    renamed = renamed_files(
        {path: store.entries(then[path]).keys() for path in then.keys() - now.keys()},
        {path: store.entries(now[path]).keys() for path in now.keys() - then.keys() if not _is_split(parts.get(path))},
    )
    for path in sorted(now.keys() | (then.keys() - set(renamed.values()))):
        was, is_now = then.get(renamed.get(path, path)), now.get(path)
        before, after = store.entries(was), store.entries(is_now)
        anew = store.anew(path, since)
        if was and is_now and was.members == is_now.members and not anew:
            continue
        found = differences(before, after)
        wanted = (anew & after.keys()) | {d.entry.uid for d in found.found if d.what is not What.GONE}
        gone = [d.before for d in found.found if d.what is What.GONE and d.before]
        given = store.given(path) if anew - after.keys() else {}
        missing = anew - after.keys() - {entry.uid for entry in gone}
        gone += [given[uid].versions[-1][1] for uid in sorted(missing) if uid in given]
        if not wanted and not gone:
            continue
        state = is_now or then[path]
        lines = stamp_lines(state.origin, store.revisions(path))
        series, uids = only_uids(_made(parts.get(path)), wanted)
        taken_back, their_uids = cancelled(gone)
        calendar = Calendar(state.name, [*series, *taken_back], [*uids, *their_uids])
        stamped = replace(calendar, stamps=[lines(uid) for uid in calendar.uids])
        yield path, b"".join(render_calendar(stamped, datetime.now(UTC))), len(calendar.uids)


def _is_split(part: Part | None) -> bool:
    """Tell whether a calendar is one person's of a split: whoever takes over all events of another is not that one."""
    return part is None or bool(part.kind)


def _made(part: Part | None) -> Iterator[tuple[Series, list[str]]]:
    """Yield the events of a calendar with the UIDs of their occurrences."""
    return (made for held in part.held for made in part.texts.series(held)) if part else iter(())
