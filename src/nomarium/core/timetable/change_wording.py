"""What is said about sheets of changes, and about changes that match nothing or too much."""

from __future__ import annotations

from nomarium.core.problems import Place, Problem, error, warning


def no_changes(place: Place) -> Problem:
    """A sheet of changes without its columns."""
    return error(
        "no-changes",
        place,
        "No changes were recognised here.",
        expected="Columns “Date”, “Class” or “Period”, and “Change” or “New date”, “New room”, “New teacher”.",
        advice="Rename its headings. “nomarium sheet changes -o changes.xlsx” writes a blank one.",
    )


def incomplete_change(place: Place) -> Problem:
    """A row without its date, or without class and period."""
    return error(
        "incomplete-change",
        place,
        "A change needs a date, and a class, a period or “all”.",
        advice="Write what is missing, or clear the row.",
    )


def no_effect(place: Place) -> Problem:
    """A row that does not say what changes."""
    return error(
        "no-effect",
        place,
        "The row does not say what changes.",
        expected="“cancelled”, or a new date, period, time, room or teacher.",
        advice="Write it, or clear the row.",
    )


def two_effects(place: Place) -> Problem:
    """A row that cancels a meeting and moves it too."""
    return error(
        "two-effects",
        place,
        "The row cancels the meeting, and says where or when it is too.",
        advice="Keep one of the two.",
    )


def unknown_change(place: Place, text: str) -> Problem:
    """Words of a change that are not understood."""
    return error(
        "unknown-change",
        place,
        "This change is not understood.",
        found=text,
        expected="“cancelled”, “moved to period 5”, “moved to 13:00–13:50”, “in Keel Room”, “room 12”, “cover: P. Q”; "
        "a new date in a column “New date”.",
        advice="Write it in one of these ways, or in columns of their own.",
    )


def word_against_column(place: Place, text: str, column: str) -> Problem:
    """The words of a change say one thing, and a column of new values another."""
    return error(
        "two-effects",
        place,
        f"The words say “{text}”, but the column beside them says “{column}”.",
        found=text,
        advice="Correct one of the two.",
    )


def word_without_value(place: Place, text: str, lacking: str) -> Problem:
    """The word names a change whose column is empty, while others are filled."""
    return error(
        "two-effects",
        place,
        f"The row says “{text}”, but not {lacking}; other columns of new values are filled.",
        found=text,
        advice=f"Write {lacking}, or correct the word.",
    )


def not_one_day(place: Place, text: str) -> Problem:
    """A cell that is not a single date."""
    return error("not-one-day", place, "One date is expected here.", found=text, advice="Write a row for each date.")


def no_time(place: Place, text: str) -> Problem:
    """A new time that is none."""
    return error("unreadable-times", place, "This can't be read as a time.", found=text, advice="Correct the cell.")


def no_periods(place: Place, text: str) -> Problem:
    """A cell that is no period."""
    return error("unreadable-periods", place, "This can't be read as periods.", found=text, advice="Correct the cell.")


def matches_nothing(place: Place, what: str, why: str, near: str = "") -> Problem:
    """A change that no meeting of the timetable is hit by."""
    return error(
        "change-without-meeting",
        place,
        f"The change matches no meeting: {why}.",
        found=what,
        advice=f"{near} Correct the date, class or period: they are those of the timetable before any change.".strip(),
    )


def matches_several(place: Place, what: str, slots: str) -> Problem:
    """A change of one meeting that hits several."""
    return error(
        "change-of-several",
        place,
        f"The change says one meeting, but hits several: {slots}.",
        found=what,
        advice="Name the period, or write “all” in its place.",
    )


def changed_twice(place: Place, what: str, other: Place) -> Problem:
    """Two changes of one meeting that cannot both be."""
    return error(
        "changed-twice",
        place,
        f"Another change of this meeting says otherwise: {other}.",
        found=what,
        advice="Keep one of the two.",
    )


def no_period_there(place: Place, period: str, day: str) -> Problem:
    """A change to a period that does not run on that date."""
    return error(
        "no-period-there",
        place,
        f"Period {period} has no bell times on {day}.",
        found=period,
        advice="Name a period that runs then, or write a new time.",
    )


def moved_to_closure(place: Place, what: str, day: str) -> Problem:
    """A change that moves a meeting to a day without school."""
    return warning(
        "moved-to-closure",
        place,
        f"{what} moves to {day}, on which there is no school.",
        advice="Correct the new date if that is a slip.",
    )
