"""What is said about the history of builds."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.history.edits import Edit, edit_words
from nomarium.core.problems import Place, Problem, error, note, warning
from nomarium.core.values import counted

if TYPE_CHECKING:
    from nomarium.core.history.entries import Entry


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
    return error(
        "too-much-gone",
        place,
        f"This build would take away {_lost(gone, before, share, guard)}.",
        advice="Look for a lost column, sheet or row. If it is meant, build with --accept; guard = 50 under [output] "
        "moves the bound.",
    )


def too_much_gone_again(place: Place, gone: Sequence[Entry], before: int, share: float, guard: int) -> Problem:
    """A conversion that would take away more of what was given out than the guard lets pass."""
    return error(
        "too-much-gone",
        place,
        f"This would take away {_lost(gone, before, share, guard)}.",
        advice="Look for a lost column, sheet or row. --accept takes them away; --fresh makes a calendar that has "
        "nothing to do with the one before; another -o leaves that where it is.",
    )


def _lost(gone: Sequence[Entry], before: int, share: float, guard: int) -> str:
    titles = list(dict.fromkeys(entry.title for entry in gone))
    shown = ", ".join(f"“{title}”" for title in titles[:5]) + (
        f" and {len(titles) - 5:,} more" if len(titles) > 5 else ""
    )
    events = counted(len(gone), "event")
    return f"{events} ({share:.0%} of the {before:,} given out; the guard stops at {guard} %): {shown}"


def not_given_out(place: Place, reason: str) -> Problem:
    """A file that earlier events should be told from, and that can't be read."""
    return error(
        "unreadable-earlier",
        place,
        f"What was given out before can't be told from this file: {reason}.",
        advice="Name another one with --since, or start anew with --fresh: then an import adds all events once more.",
    )


def rows_of_series(place: Place, identity: str, rows: int) -> Problem:
    """Rows that stand for dates of a repeating event, whose calendar nobody named."""
    return error(
        "rows-of-a-series",
        place,
        f"{counted(rows, 'row')} {'is a date' if rows == 1 else 'are dates'} of a repeating event, as the ids say: as "
        "events of their own they would stand beside it.",
        found=identity,
        advice="--since CALENDAR names the calendar that they were written of, and puts them back into it; --fresh "
        "makes events of their own.",
    )


def no_date_of_series(place: Place, identity: str, title: str) -> Problem:
    """A row whose id names a date that its event does not have."""
    return error(
        "no-date-of-series",
        place,
        f"“{title}” has no such date; the id says which one the row stands for.",
        found=identity,
        advice="For another event leave its id empty.",
    )


def row_stands_twice(place: Place, identity: str) -> Problem:
    """Two rows that stand for one date of a repeating event."""
    return error(
        "row-stands-twice",
        place,
        "Another row stands for the same date of its event.",
        found=identity,
        advice="For another event leave its id empty.",
    )


def row_without_id(place: Place, title: str) -> Problem:
    """A row of a calendar without its id."""
    return warning(
        "row-without-id",
        place,
        f"“{title}” has no id, so that nothing says which event it was: it is a new one, or found again by its time "
        "and title.",
        advice="Leave the ids of rows as they were written.",
    )


def dates_outside(place: Place, title: str, first: datetime, last: datetime) -> Problem:
    """Dates of a repeating event before the first row or after the last."""
    return note(
        "dates-outside-rows",
        place,
        f"Dates of “{title}” before {first:%Y-%m-%d} or after {last:%Y-%m-%d}, the first and the last of the rows, "
        "stay as they are.",
    )


def others_in_export(place: Place, entries: Sequence[Entry]) -> Problem:
    """Events of a calendar program that were not given out from here."""
    first, one = entries[0], len(entries) == 1
    more = "" if one else f" and {len(entries) - 1:,} more"
    return note(
        "not-ours",
        place,
        f"“{first.title}” ({when(first)}){more} in it {'was' if one else 'were'} not given out from here, as the "
        f"{'UID tells' if one else 'UIDs tell'}: left as {'it is' if one else 'they are'}.",
    )


def nobody_now(place: Place, events: int) -> Problem:
    """A file of a split for somebody who is in the sheets no more."""
    return warning(
        "no-longer-split",
        place,
        f"The file is for somebody who is in the sheets no more: its {counted(events, 'event')} "
        f"{'is' if events == 1 else 'are'} marked as cancelled in it.",
        advice="Import it once more where it was imported, then delete it.",
    )


def unsure_pair(place: Place, old: Entry, new: Entry) -> Problem:
    """Two events that were taken for one, corrected."""
    return warning(
        "unsure-pair",
        place,
        f"“{new.title}” on {when(new)} was taken for “{old.title}” on {when(old)}, corrected: it keeps its identity.",
        advice="Give the events ids in their sheet if that is wrong.",
    )


def edited_on_both_sides(place: Place, edit: Edit, now: str) -> Problem:
    """A field that was edited by hand, and changed in the sheets, too."""
    there, here = edit_words(edit.what, edit.value) or "empty", edit_words(edit.what, now) or "empty"
    return warning(
        "edited-on-both-sides",
        place,
        f"{edit.what.capitalize()} of “{edit.title}” ({edit.start[:10]}) was changed by hand to “{there}”, and in the "
        f"sheets to “{here}”: the sheets’ holds.",
        advice="Correct the sheet, if it should be as it was changed by hand.",
    )


def edited_and_gone(place: Place, edit: Edit) -> Problem:
    """An event that was edited by hand, and is in the sheets no more."""
    return warning(
        "edited-and-gone",
        place,
        f"“{edit.title}” ({edit.start[:10]}) was changed by hand, and is in the sheets no more: it goes.",
        advice="Put it back into its sheet if it should stay.",
    )


def removed_and_moved(place: Place, edit: Edit, now: Entry) -> Problem:
    """An event that was taken away by hand, and moved in the sheets."""
    return warning(
        "edited-on-both-sides",
        place,
        f"“{edit.title}” ({edit.start[:10]}) was taken away by hand, and is on {when(now)} in the sheets now: it comes "
        "back.",
        advice="Take it out of its sheet, or away by hand once more, if it should not be.",
    )


def repeat_not_kept(place: Place, title: str) -> Problem:
    """An event of ours that repeats in an export."""
    return warning(
        "repeat-not-kept",
        place,
        f"“{title}” was made to repeat by hand; it stays as it is in the sheets.",
        advice="Add the repeats to the sheet, or as events of their own.",
    )


def outside_export(place: Place, entries: Sequence[Entry]) -> Problem:
    """Events before the first or after the last one of an export."""
    first = entries[0]
    more = f" and {len(entries) - 1:,} more" if len(entries) > 1 else ""
    return note(
        "outside-export",
        place,
        f"“{first.title}” ({first.start[:10]}){more} lie before the first or after the last event of the export: they "
        "stay.",
        advice="If they were taken away by hand, take them out of their sheet.",
    )


def when(entry: Entry) -> str:
    """Return when an event is: "2026-09-08 09:00", "2026-09-08" where it is all day."""
    return entry.start[:10] if entry.all_day else f"{entry.start[:10]} {entry.start[11:16]}"


def no_such_build(place: Place, number: int, last: int) -> Problem:
    """A build that the history does not have."""
    advice = f"The last one is {last}." if last else "There is none yet."
    return error("no-such-build", place, f"There is no build {number}.", advice=advice)
