"""What is said about bell times that cannot be read, or that tie."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from difflib import get_close_matches
from typing import TYPE_CHECKING

from nomarium.core.problems import Place, Problem, error, note, warning
from nomarium.core.values import WEEKDAY_NAMES

if TYPE_CHECKING:
    from nomarium.core.bells.rows import BellRow
    from nomarium.core.slots import UnknownDay


def no_bells(place: Place) -> Problem:
    """A sheet named among the bell times that is neither form of them."""
    return error(
        "no-bells",
        place,
        "No bell times were recognised here.",
        expected="A list with columns Period, Start and End, or a grid with periods down, days across and times such "
        "as “8:15–9:10” in its cells.",
        advice="“nomarium sheet bells -o bells.xlsx” writes a blank one.",
    )


def bells_of_span(place: Place, title: str, words: str) -> Problem:
    """Bell times whose title says from when until when they hold."""
    return note("holds-for-dates", place, f"These bell times hold {words} alone, as “{title}” above them says.")


def rings_on_weekdays(place: Place, heading: str, weekdays: Sequence[int]) -> Problem:
    """Bell times whose heading names weekdays among other words."""
    days = ", ".join(WEEKDAY_NAMES[day] for day in weekdays)
    return note(
        "rings-on-weekdays",
        place,
        f"What stands below “{heading}” is taken for every {days}.",
        advice="If only some of these days are such, list them in a sheet of special days.",
    )


def no_other_names(place: Place) -> Problem:
    """A sheet of other names without its two columns."""
    return error(
        "no-other-names",
        place,
        "The sheet of other names for periods lacks a column.",
        expected="“Written” (as the timetable writes it) and “Period” (as it is rung), with “Division” or “Group”.",
        advice="Write or rename its headings.",
    )


def no_period(place: Place) -> Problem:
    """Times without the name of a period."""
    return error("no-period", place, "No period is named here.", advice="Write its name or number.")


def unreadable_bell(place: Place, text: str) -> Problem:
    """A cell that is no time."""
    return error(
        "unreadable-bell",
        place,
        "This can't be read as the times of a period.",
        found=text,
        expected="A time such as 8:15, or in one cell “8:15–9:10”.",
        advice="Correct the cell; “–” means that the period does not run.",
    )


def no_span(place: Place) -> Problem:
    """A period without a beginning and a later end."""
    return error(
        "no-bell-span",
        place,
        "A period needs a start, and an end after it.",
        advice="Write both times, with am or pm where the afternoon is meant.",
    )


def unknown(place: Place, text: str, what: str, known: Iterable[str]) -> Problem:
    """A division or term that the year does not have."""
    names = list(known)
    near = get_close_matches(text, names, 1)
    meant = f"Did you mean “{near[0]}”? " if near else ""
    listed = ", ".join(f"“{name}”" for name in names) or "none"
    return error(
        f"unknown-{what}",
        place,
        f"The plan has no {what} of this name.",
        found=text,
        advice=f"{meant}It has: {listed}.",
    )


def unknown_day(place: Place, text: str, found: UnknownDay) -> Problem:
    """A day that is neither a label nor a weekday, or a label of several cycles."""
    if found.several:
        return error(
            "day-of-several-cycles",
            place,
            f"“{found.part}” is a day of several cycles: {', '.join(found.several)}.",
            found=text,
            advice="State the division in a column, or in the plan, so that one of them is meant.",
        )
    return error(
        "unknown-day",
        place,
        f"“{found.part}” {found.why}.",
        found=text,
        expected="Labels of a cycle (“A, C”, “1–3”), weekdays (“Mon–Thu”), or both (“Mon A”).",
        advice="Correct the cell, or the labels of the cycle in the plan.",
    )


def no_such_special(place: Place, text: str) -> Problem:
    """Bell times for a special day that no date is."""
    return warning(
        "unused-bells",
        place,
        "These bell times are for a special day of this name, but no date of the year is called so.",
        found=text,
        advice="Name its dates in the sheet of special days, or under [year.special] in the plan.",
    )


def two_names(place: Place, written: str, other: str) -> Problem:
    """Two rows that say different things of one name."""
    return error(
        "two-period-names",
        place,
        f"Period “{written}” already stands for “{other}” here.",
        found=written,
        advice="Keep one of the rows.",
    )


def tie(row: BellRow, other: BellRow) -> Problem:
    """Two rows for one period that fit the same day, neither more specific than the other."""
    return error(
        "bell-tie",
        row.place,
        f"Two bell times fit the same day for period {row.period}: {row.hours} here, {other.hours} in {other.place}. "
        "Neither is more specific than the other.",
        found=row.hours,
        advice="Add what tells their days apart (a division, day, term or special day), or take one out.",
    )


def never_rung(place: Place, row: BellRow) -> Problem:
    """A sheet of bell times of which no row ever holds: others go before it on every school day."""
    return error(
        "bells-never-rung",
        place,
        f"These bell times hold on no school day: others go before them, such as for period {row.period}, {row.hours}.",
        advice="Say what they are for in the plan, such as division = “Upper” or special = “Late start” in the table "
        "of the sheet; or take the sheet out.",
    )
