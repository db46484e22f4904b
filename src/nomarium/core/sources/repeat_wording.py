"""What is said about repeats of a sheet."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from datetime import date, datetime

from nomarium.core.problems import Place, Problem, Way, error, note, warning
from nomarium.core.repeats import WeekdayNumber, nth
from nomarium.core.values import WEEKDAY_NAMES, day_words

_CORRECT = ("Correct the cell", Way("keep_going", "leave its row out with {}"))


def not_understood(place: Place, text: str, message: str, expected: str) -> Problem:
    """Words that are no repeat, or could mean two."""
    return error("unreadable-repeat", place, message, found=text, expected=expected, advice=_CORRECT)


def no_end(place: Place, text: str) -> Problem:
    """A repeat without an end."""
    return error(
        "endless-repeat",
        place,
        "The repeat has no end.",
        found=text,
        advice=(
            "Write “until 18 Dec 2026” or “10 times” in the cell",
            Way("last", "state the last day with {}"),
            Way("plan", "a {}"),
        ),
    )


def no_beginning(place: Place, text: str) -> Problem:
    """A repeat in a row without a date, of which nothing says from when on it is."""
    return error(
        "no-date",
        place,
        "It says how often, and nothing says from when until when.",
        found=text,
        advice=(
            "Write both into the cell, such as “every Tuesday from 12 Jan until 23 Mar 2027”",
            Way("keep_going", "leave it out with {}"),
        ),
    )


def too_many(place: Place, text: str, limit: int) -> Problem:
    """A repeat that makes more dates than anyone can mean."""
    return error(
        "too-many-occurrences",
        place,
        f"The repeat makes more than {limit:,} dates.",
        found=text,
        advice=("End it earlier", Way("limit", "raise {}")),
    )


def no_first_day(place: Place, text: str) -> Problem:
    """A repeat without a date of its row, whose days hang on the first."""
    return error(
        "no-first-day",
        place,
        "The row has no date, and the repeat does not say with which day it begins.",
        found=text,
        expected="“every other Friday from 11 Sep 2026”",
        advice="Write the first day behind it, or into a column “Date”.",
    )


def two_starts(place: Place, text: str, day: date) -> Problem:
    """A repeat whose words begin on another date than its row."""
    return error(
        "two-starts",
        place,
        f"The repeat begins on another date than its row, {day_words(day)}.",
        found=text,
        advice="State the first day once.",
    )


def two_ends(place: Place, text: str) -> Problem:
    """Until and times together."""
    return error(
        "two-ends", place, "The repeat has both a last date and a number of times.", found=text, advice=_CORRECT
    )


def end_without_repeat(place: Place, text: str, field: str) -> Problem:
    """An end, and nothing that repeats."""
    return error("no-repeat", place, f"The row says {field}, but does not repeat.", found=text, advice=_CORRECT)


def bad_date(place: Place, text: str) -> Problem:
    """A date of a repeat that cannot be read, or in two ways."""
    return error(
        "unreadable-date",
        place,
        "This is no date that could be read in one way.",
        found=text,
        expected="A date such as 2026-12-18 or 18 Dec 2026.",
        advice=_CORRECT,
    )


def bad_number(place: Place, text: str) -> Problem:
    """A number of times that is none."""
    return error("unreadable-number", place, "This is no number of times.", found=text, expected="A number from 1 on.")


def bad_closure_word(place: Place, text: str) -> Problem:
    """What a closure does, in a word that is not known."""
    return error(
        "unknown-on-closure", place, "What does a closure do?", found=text, expected="drop, keep, next or previous."
    )


def needs_year(place: Place, text: str) -> Problem:
    """A repeat by the school year, and no plan."""
    return error(
        "no-school-year",
        place,
        "The repeat goes by the school year, which is not known here.",
        found=text,
        advice=(Way("plan", "Name the plan: {}", "nomarium.toml"),),
    )


def needs_bells(place: Place, text: str) -> Problem:
    """A repeat in a period, and no bell times."""
    return error(
        "no-bell-times",
        place,
        "The repeat goes by a period, but no bell times are known here.",
        found=text,
        advice=(
            Way("plan", "Name a plan that has them under [bells], with {}"),
            Way("bells", "name them: {}"),
            "write times in the row",
        ),
    )


def period_and_times(place: Place, text: str) -> Problem:
    """A repeat in a period, in a row with times of its own."""
    return error(
        "period-and-times",
        place,
        "The repeat names a period, and the row has times of its own.",
        found=text,
        advice="Keep one of the two.",
    )


def period_not_rung(place: Place, period: str, days: Sequence[date]) -> Problem:
    """Dates on which the period does not run."""
    more = f" and {len(days) - 1:,} more" if len(days) > 1 else ""
    return warning(
        "period-not-rung",
        place,
        f"Period {period} has no bell times on {day_words(days[0])}{more}: left out there.",
        advice="Look at the bell times, and at those of special days.",
    )


def no_such_label(place: Place, text: str, labels: Sequence[str], cycles: Iterable[str]) -> Problem:
    """Labels that no cycle has, or several."""
    named = " and ".join(f"“{label}”" for label in labels)
    fitting = list(cycles)
    if fitting:
        return error(
            "several-cycles",
            place,
            f"Several cycles have {named}: {', '.join(fitting)}.",
            found=text,
            advice=(Way("cycle", "Name the one that is meant with {}"),),
        )
    return error("unknown-label", place, f"No cycle of the plan has {named}.", found=text, advice=_CORRECT)


def first_hit(place: Place, text: str, stated: date, first: date) -> Problem:
    """The row's date is not one of the repeat's."""
    return note(
        "later-start",
        place,
        f"{day_words(stated)} is no date of “{text}”: it begins on {day_words(first)}.",
    )


def month_to_its_end(place: Place, words: str) -> Problem:
    """A repeat that a month ends, and no day of it."""
    return note("whole-last-month", place, f"“{words}” was taken to the last day of the month.")


def bounded_by_its_days(place: Place, text: str, first: date, last: date) -> Problem:
    """A repeat whose row names its first and its last day."""
    message = f"“{text}” was taken from {day_words(first)} to {day_words(last)}, the days that its row names."
    return note("repeat-bounded", place, message)


def day_or_weekday_of_month(place: Place, text: str, first: date) -> Problem:
    """“Monthly” beside a weekday."""
    weekday, day = f"{nth(WeekdayNumber.of(first).ordinal)} {WEEKDAY_NAMES[first.weekday()]}", nth(first.day)
    message = f"From {day_words(first)} on it can mean the {weekday} of each month, or the {day}."
    return error(
        "day-or-weekday", place, message, found=text, advice=f"Write “{weekday} monthly”, or “monthly on the {day}”."
    )


def longer_than_a_week(place: Place, text: str, start: datetime, end: datetime) -> Problem:
    """A repeat of an event that lasts for more than a week."""
    message = f"Each event lasts from {day_words(start)} {start:%H:%M} to {day_words(end)} {end:%H:%M}, over a week."
    return warning("repeat-of-weeks", place, message, found=text, advice="If it is shorter, correct its end.")


def no_dates(place: Place, text: str) -> Problem:
    """A repeat that makes nothing."""
    return error("no-occurrence", place, "The repeat makes no date at all.", found=text, advice=_CORRECT)


def excepted_by_remark(place: Place, text: str) -> Problem:
    """A remark beside a repeat that says when it is not."""
    return note("excepted-by-remark", place, f"The remark says when it is not, and it is not then: “{text}”.")


def no_such_exception(place: Place, day: date) -> Problem:
    """A date excepted that is none of the repeat's."""
    return warning(
        "exception-missed", place, f"{day_words(day)} is excepted, but is no date of the repeat.", found=day.isoformat()
    )


def fewer_than_counted(place: Place, text: str, counted: int, remaining: int) -> Problem:
    """A number of times, some of which are excepted: the number counts them, too."""
    message = f"“{text}” makes {counted} dates, of which {counted - remaining} are excepted: {remaining} remain."
    advice = f"If {counted} are meant without them, write the number that ends on the last."
    return note("times-excepted", place, message, advice=advice)


def over_gap(place: Place, days: Sequence[date]) -> Problem:
    """Dates on which the clock skips the time."""
    return warning(
        "skipped-occurrence",
        place,
        f"The clock skips the time on {day_words(days[0])}: left out there, as RFC 5545 says.",
    )


def between_terms(place: Place, text: str, days: Sequence[date]) -> Problem:
    """Dates between terms, which no closure drops."""
    count = "1 date lies" if len(days) == 1 else f"{len(days)} dates lie"
    return note(
        "between-terms",
        place,
        f"{count} between terms, the first on {day_words(days[0])}; “in term” behind “{text}” leaves them out.",
    )


def dated_all_the_same(place: Place, text: str, dates: int) -> Problem:
    """A repeat that no rule of the standard can say."""
    return note(
        "dated-repeat", place, f"RFC 5545 has no rule for “{text}”: written as {dates:,} dated events, not as a rule."
    )
