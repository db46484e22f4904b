"""Events taken back: cancelled, each with the sequence that stands above what was given out."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from datetime import UTC, datetime
from typing import TYPE_CHECKING

from nomarium.core.calendars import Calendar
from nomarium.core.ics import render_calendar
from nomarium.core.sources import Occurrence, Series

if TYPE_CHECKING:
    from nomarium.core.history.entries import Entry


def stamp_lines(origin: str, revisions: Mapping[str, tuple[int, str]]) -> Callable[[str], str]:
    """Return what gives an event by its UID DTSTAMP, LAST-MODIFIED and, where it was changed, SEQUENCE."""
    usual = change_lines(0, origin)
    return lambda uid: change_lines(*revisions[uid]) if uid in revisions else usual


def change_lines(sequence: int, at: str) -> str:
    """Return the lines that say when an event was last changed, ``at`` as ISO 8601, and how often."""
    stamp = f"{datetime.fromisoformat(at).astimezone(UTC):%Y%m%dT%H%M%SZ}"
    number = f"\r\nSEQUENCE:{sequence}" if sequence else ""
    return f"DTSTAMP:{stamp}\r\nLAST-MODIFIED:{stamp}{number}"


def cancelled(gone: Iterable[Entry]) -> tuple[list[Series], list[str]]:
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
    series, uids = cancelled(found)
    calendar = Calendar(name, series, uids, [lines(uid) for uid in uids])
    return b"".join(render_calendar(calendar, datetime.now(UTC), method=method)), list(sequences.items())
