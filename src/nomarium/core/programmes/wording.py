"""What is said about programmes: rows counted from a start, groups with starts of their own."""

from __future__ import annotations

from datetime import date

from nomarium.core.problems import Place, Problem, Way, error, note, warning
from nomarium.core.values import counted, day_words


def needs_start(place: Place, found: str, rows: int) -> Problem:
    """A programme without a start."""
    return error(
        "programme-without-start",
        place,
        f"{counted(rows, 'row')} {'counts' if rows == 1 else 'count'} from a start: this is a programme.",
        found=found,
        advice=(
            Way("start", "Date it from its first day, such as {}", "2027-03-01"),
            Way("groups", "name a sheet of groups and their starts: {}", "groups.csv"),
        ),
    )


def unreadable_offset(place: Place, found: str) -> Problem:
    """A cell of a programme that says no day."""
    return error(
        "unknown-offset",
        place,
        "This says no day of the programme.",
        found=found,
        expected="“Week 3, Tuesday”, “Day 17”, “T+10 days” or “Session 5”.",
        advice="Correct the cell, or leave the row out.",
    )


def not_dated(place: Place, reason: str) -> Problem:
    """A programme that can't be dated."""
    return error(
        "programme-not-dated",
        place,
        f"The programme can't be dated: {reason}.",
        advice=(Way("on_days", "Say on which weekdays its sessions are: {}", "Tue,Thu"), "correct its start"),
    )


def dated_from(place: Place, group: str, start: date, end: date, rows: int, *, by_end: bool) -> Problem:
    """A programme that was dated."""
    whose = f"{group}: " if group else ""
    since = f"from its end, so that it starts on {day_words(start)}" if by_end else f"from {day_words(start)}"
    return note(
        "programme-dated",
        place,
        f"{whose}{counted(rows, 'row')} of the programme {'is' if rows == 1 else 'are'} dated {since}; the last is on "
        f"{day_words(end)}.",
    )


def closed_day(place: Place, title: str, was: date, now: date | None, why: str) -> Problem:
    """A row of a programme on a closed day."""
    became = f"moved to {day_words(now)}" if now else "dropped"
    return note("programme-closed-day", place, f"“{title}” on {day_words(was)} ({why}): {became}.")


def incomplete_group(place: Place) -> Problem:
    """A row of groups without a name or a start."""
    return error(
        "incomplete-group",
        place,
        "A group needs a name, and a start or an end.",
        advice="Write what is missing, or clear the row.",
    )


def both_ends(place: Place) -> Problem:
    """A programme with a start and an end, or with groups beside these."""
    return error(
        "programme-both-ends",
        place,
        "A programme is dated from a start, an end, or groups that have theirs: here are two of them.",
        advice="Leave one of them.",
    )


def no_single_day(place: Place, text: str) -> Problem:
    """A start or an end that is a span, or no day."""
    return error("unreadable-date", place, "This is no single day.", found=text, advice="Write one date.")


def time_and_end(place: Place) -> Problem:
    """A group with a time of its own, and a programme whose rows say when they end."""
    return error(
        "group-time-and-end",
        place,
        "The group has a time of day of its own, and the programme says when its rows end.",
        advice="Say in the programme how long they take (a column “Length”) instead.",
    )


def no_programme(place: Place) -> Problem:
    """Groups or the like for sheets that are no programmes."""
    return warning(
        "no-programme",
        place,
        "This sheet has dates of its own, and is no programme: groups, ends and weekdays of sessions do nothing to it.",
        advice="Leave these out.",
    )
