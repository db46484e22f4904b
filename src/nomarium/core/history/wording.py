"""What is said about the history of builds."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from nomarium.core.history.entries import Entry
from nomarium.core.problems import Place, Problem, error, note, warning
from nomarium.core.values import counted


def unusable(path: Path, reason: str) -> Problem:
    """The file of the history can't be read or written."""
    return error(
        "unusable-history",
        Place(str(path)),
        f"The history of builds can't be used: {reason}.",
        advice="Look at the rights of its folder and the space on the disk. Without the file a new history begins.",
    )


def another_build(path: Path) -> Problem:
    """Another build in the same folder."""
    return error(
        "another-build",
        Place(str(path.parent.parent)),
        "Another build of this plan has been running for over a minute.",
        advice="Wait for it, and build again.",
    )


def finished_for(place: Place, files: int) -> Problem:
    """An interrupted build was brought to its end."""
    return note(
        "interrupted-build",
        place,
        f"An earlier build was interrupted behind its last step but one: {counted(files, 'file')} of it "
        f"{'was' if files == 1 else 'were'} put in place now.",
    )


def cleaned_up(place: Place, files: int) -> Problem:
    """An interrupted build has left files that nobody needs."""
    return note(
        "interrupted-build",
        place,
        f"An earlier build was interrupted before it had changed anything: {counted(files, 'half file')} of it "
        f"{'was' if files == 1 else 'were'} taken away.",
    )


def too_much_gone(place: Place, gone: Sequence[Entry], before: int, share: float, guard: int) -> Problem:
    """A build that would take away more than the guard lets pass."""
    titles = list(dict.fromkeys(entry.title for entry in gone))
    shown = ", ".join(f"“{title}”" for title in titles[:5]) + (
        f" and {len(titles) - 5:,} more" if len(titles) > 5 else ""
    )
    return error(
        "too-much-gone",
        place,
        f"This build would take away {counted(len(gone), 'event')} ({share:.0%} of the {before:,} given out; the guard "
        f"stops at {guard} %): {shown}.",
        advice="Look for a lost column, sheet or row. If it is meant, build with --accept; guard = 50 under [output] "
        "moves the bound.",
    )


def unsure_pair(place: Place, old: Entry, new: Entry) -> Problem:
    """Two events that were taken for one, corrected."""
    return warning(
        "unsure-pair",
        place,
        f"“{new.title}” on {when(new)} was taken for “{old.title}” on {when(old)}, corrected: it keeps its identity.",
        advice="Give the events ids in their sheet if that is wrong.",
    )


def when(entry: Entry) -> str:
    """Return when an event is: "2026-09-08 09:00", "2026-09-08" where it is all day."""
    return entry.start[:10] if entry.all_day else f"{entry.start[:10]} {entry.start[11:16]}"


def no_such_build(place: Place, number: int, last: int) -> Problem:
    """A build that the history does not have."""
    advice = f"The last one is {last}." if last else "There is none yet."
    return error("no-such-build", place, f"There is no build {number}.", advice=advice)
