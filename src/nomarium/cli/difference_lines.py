"""Differences between two sets of events, and the files that tell of them, as lines and for programs."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from pathlib import Path

from nomarium.core.history import TIME, Difference, Differences, Entry, What, edit_words, time_text, when
from nomarium.core.values import counted

_SIGNS = {What.ADDED: "+", What.GONE: "−", What.MOVED: "→", What.CHANGED: "~"}


def difference_line(difference: Difference) -> str:
    """Return a difference as a line: "→ Choir: 2026-09-10 13:00 → 2026-09-10 13:05"."""
    entry, sign = difference.entry, _SIGNS[difference.what]
    unsure = "" if difference.certain else " (most likely the same event)"
    if difference.before is None or difference.after is None:
        place = f" ({entry.text('location')})" if entry.text("location") else ""
        return f"{sign} {when(entry)} {entry.title}{place}{unsure}"
    if difference.what is What.MOVED:
        others = [one for one in difference.fields() if one[0] not in ("start", "end", "all_day")]
        more = "".join(f"; {_changed(*one)}" for one in others)
        return f"{sign} {entry.title}: {_moved(difference.before, difference.after)}{more}{unsure}"
    said = "; ".join(_changed(*one) for one in difference.fields())
    return f"{sign} {when(entry)} {entry.title}: {said}{unsure}"


_NAMES = {"summary": "title", "location": "place", "all_day": "all day", "busy": "shown as"}
"""What people call some fields."""


def _changed(name: str, was: str, now: str) -> str:
    return f"{_NAMES.get(name, name)}: {was or '–'} → {now or '–'}"


def _moved(before: Entry, after: Entry) -> str:
    """Return when an event was and is: by its start alone where it is as long as before."""
    as_long = before.ends() - before.starts() == after.ends() - after.starts()
    if as_long and before.all_day == after.all_day:
        return f"{when(before)} → {when(after)}"
    was, now = (edit_words(TIME, time_text(entry)) for entry in (before, after))
    return f"{was} → {now}"


_WORDS = {What.ADDED: "new", What.MOVED: "moved", What.CHANGED: "changed", What.GONE: "gone"}


def changes_line(found: Differences) -> str:
    """Return what changes in what was given out before, in numbers: "Changes  3 moved, 2 gone; 154 as before"."""
    counts = found.counts()
    said = [f"{counts[what]:,} {word}" for what, word in _WORDS.items() if counts[what]]
    return f"Changes  {', '.join(said) or 'nothing'}; {found.same:,} as before"


def counts_json(found: Differences) -> dict[str, int]:
    """Return how many events have changed in which way, for programs."""
    counts = found.counts()
    return {**{what.value: counts[what] for what in What}, "same": found.same}


def update_lines(updates: Iterable[tuple[Path, int]]) -> Iterator[str]:
    """Say which small calendars were written, with how many events."""
    for number, (path, events) in enumerate(updates):
        yield f"{'' if number else 'Updates':<9}{path}: {counted(events, 'event')}"
