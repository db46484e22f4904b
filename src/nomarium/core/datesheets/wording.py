"""What is said about sheets of terms, closures and days; and the ways out, in the words of the plan."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.problems import Place, Problem, error, note, warning
from nomarium.core.tables import NO_ROWS, Table
from nomarium.core.values import day_words

if TYPE_CHECKING:
    from nomarium.core.year import Term


def empty_is_fine(problem: Problem) -> Problem:
    """Return a warning for a sheet with nothing below its headings, where a school may well have nothing to say."""
    if problem.code != NO_ROWS:
        return problem
    return warning(
        NO_ROWS,
        problem.place,
        problem.message,
        advice="Nothing was read from it. Fill it in, or take it out of the plan.",
    )


def title_line(place: Place, text: str) -> Problem:
    """A line above all dates, without one."""
    return note("title-line", place, f"The line names no date: it was taken for a title, “{' '.join(text.split())}”.")


def no_name(place: Place) -> Problem:
    """A row with dates and no name."""
    return error("no-name", place, "The row has dates, but no name.", advice="Write the name.")


def no_letter(place: Place, letter: str, letters: Sequence[str]) -> Problem:
    """A week of a list without its letter, or with one that weeks do not have."""
    what = f"The letters of weeks are {', '.join(letters)}." if letter else "The week has no letter."
    return error("no-letter", place, what, found=letter, advice="Write its letter, or clear the row.")


def half_day(place: Place, name: str, why: str) -> Problem:
    """A row of a closure list that closes nothing for a whole day."""
    return note(
        "half-day",
        place,
        f"“{name}” was taken for a special day, not for a closure: {why}. School is in, and the cycle goes on.",
        advice="Write “closed” in a column “Kind” if the school is closed all day.",
    )


def part_of_day(place: Place, name: str, words: str) -> Problem:
    """A row of a closure list that closes a part of the day."""
    return note("part-of-day", place, f"“{name}” closes a part of the day only (“{words}”): school is in for the rest.")


def unknown_part(place: Place, text: str) -> Problem:
    """A part of the day that is not understood."""
    return error(
        "unknown-part",
        place,
        "Which part of the day is closed?",
        found=text,
        expected="“afternoon”, “from 12:00”, “until 10:30”, “13:00–16:00”, “periods 5–8”, or nothing for all of it.",
    )


def part_of_days(place: Place, name: str, words: str) -> Problem:
    """A closure of several days that seems to close a part of a day."""
    return error(
        "unknown-part",
        place,
        f"“{name}” lasts several days, but “{words}” closes a part of one: of the first, the last, or each of them?",
        found=words,
        advice="Write a row for the day that is closed in part, and one for the days that are closed whole.",
    )


def silent_rows(place: Place, names: Sequence[str]) -> Problem:
    """Rows of a calendar of the year that do not say that the school is closed."""
    shown = ", ".join(f"“{name}”" for name in names[:5]) + (f" and {len(names) - 5} more" if len(names) > 5 else "")
    verb, closes = ("row does", "closes") if len(names) == 1 else ("rows do", "close")
    return note(
        "silent-rows",
        place,
        f"{len(names)} {verb} not say that the school is closed, and {closes} nothing: {shown}.",
        advice="Write “(no school)” behind one that closes it.",
    )


def edge_alone(place: Place, name: str, side: str) -> Problem:
    """A row that says when a closure begins or ends, and no row says the other."""
    other = "ends" if side == "begins" else "begins"
    return error(
        "edge-alone",
        place,
        f"The row says when it {side}, but no row says when it {other}.",
        found=name,
        advice=f"Add a row that says when it {other}, or write both days into this row.",
    )


def not_a_closure(place: Place, name: str) -> Problem:
    """A row of a closure list about school itself."""
    return warning(
        "not-a-closure",
        place,
        "The row does not say that the school is closed: it was left out.",
        found=name,
        advice="Write “closed” in a column “Kind” if the school is closed on it.",
    )


def date_left(place: Place, text: str) -> Problem:
    """A line of a plain list that names a further date, which is neither its first nor its last day."""
    return error(
        "date-left",
        place,
        "The line names a further date that was not read.",
        found=text,
        expected="One date, or a first and a last day: 24 Oct 2026 to 1 Nov 2026.",
        advice="Write what is said of the other date in a line of its own.",
    )


def returns_on(place: Place, name: str, day: date) -> Problem:
    """A closure whose last date is the day on which school is in again."""
    message = f"“{name}”: on {day_words(day)} school is in again; it is closed until the day before."
    return note("returns-on", place, message)


def ends_before_break(place: Place, name: str) -> Problem:
    """The last row names the first day of a break, and no row the last day of school."""
    return note(
        "ends-before-break",
        place,
        f"No row says when school ends; the last, “{name}”, has only a first day: school ends on the day before.",
        advice="Write the last day of school in a row of its own if it is later.",
    )


def ends_at_a_time(place: Place, name: str) -> Problem:
    """The row that ends school names a time of that day, too."""
    return warning(
        "ends-at-a-time",
        place,
        f"“{name}” names a time: what meets later on that day is kept.",
        advice="Say in a sheet of closures which part of that day is closed, such as “from 12:00” below “Closed”.",
    )


def unknown_effect(place: Place, text: str) -> Problem:
    """A word that says neither hold nor skip."""
    return error(
        "unknown-effect", place, "What does it do to the cycle?", found=text, expected="hold, skip or nothing."
    )


def unknown_weekday(place: Place, text: str) -> Problem:
    """A word that should name a weekday, and does not."""
    return error(
        "unknown-weekday", place, "This names no weekday.", found=text, expected="A weekday, such as Monday or Mon."
    )


def unknown_word(place: Place, text: str, expected: str) -> Problem:
    """A word in a column that knows few."""
    return error("unknown-word", place, "This word is not known here.", found=text, expected=expected)


def listed_twice(place: Place, day: date, label: str, other: str) -> Problem:
    """A date with two labels in a list."""
    return error(
        "listed-twice",
        place,
        f"{day_words(day)} is in the list twice, once with “{other}”.",
        found=label,
        advice="Keep one of them.",
    )


def unknown_holiday(place: Place, text: str, known: Iterable[str]) -> Problem:
    """A public holiday that the country does not have in this year."""
    return error(
        "unknown-holiday",
        place,
        "There is no public holiday of this name in the year.",
        found=text,
        expected=f"One of {', '.join(known)}.",
    )


def no_label_column(table: Table, cycle: str) -> Problem:
    """A list of dates without a column of labels."""
    return error(
        "no-label-column",
        table.place,
        f"No column gives the labels of the cycle “{cycle}”; the columns are: "
        f"{', '.join(f'“{column.heading}”' for column in table.columns)}.",
        advice=f"Head the column “{cycle}” or “Label”.",
    )


def too_many_dates(place: Place, rows: int, most: int) -> Problem:
    """A list longer than any school's."""
    return error(
        "too-many-dates",
        place,
        f"The list has {rows:,} rows; a list of terms, closures or days has {most:,} at most.",
        advice="Check that this is the right file.",
    )


def break_without_end(place: Place, heading: str) -> Problem:
    """A column that says when days off begin or end, and none that says the other."""
    return error(
        "break-without-end",
        place,
        f"Column “{heading}” says one end of the days off within terms, and no column says the other.",
        advice="Add that column; or leave this one alone in the plan, and list the days off as closures.",
    )


def break_outside_term(place: Place, text: str, term: Term) -> Problem:
    """Days off that do not lie within the term of their row."""
    return error(
        "break-outside-term",
        place,
        f"These days do not lie within “{term.name}”.",
        found=text,
        expected=f"Days from {day_words(term.first)} to {day_words(term.last)}.",
    )


def holidays_among_terms(place: Place, names: Sequence[str]) -> Problem:
    """Rows of a sheet of terms that are holidays, where the sheet is not named under closures."""
    return warning(
        "holidays-among-terms",
        place,
        f"Its rows are terms and holidays ({', '.join(f'“{name}”' for name in names[:3])}, …): those are no terms.",
        advice=f'Name it under [year], too, so that they close the school: closures = "{place.file}".',
    )
