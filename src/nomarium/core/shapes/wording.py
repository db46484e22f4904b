"""What is said about sheets on which names and days cross."""

from __future__ import annotations

from collections.abc import Mapping
from datetime import date

from nomarium.core.problems import Place, Problem, Way, error, note, warning
from nomarium.core.tables import column_letters
from nomarium.core.values import day_words


def two_meanings(place: Place, code: str) -> Problem:
    """A code that a key explains twice, and differently."""
    return error(
        "two-meanings",
        place,
        f"The code “{code}” is explained twice, and differently.",
        found=code,
        advice="Leave one of the two.",
    )


def meaning_without_code(place: Place) -> Problem:
    """A row of a list of codes that names none."""
    return error("half-pair", place, "The row has no code.", advice="Write it, or clear the row.")


def unexplained(place: Place, codes: Mapping[str, int]) -> Problem:
    """Codes in cells that no key explains."""
    most = ", ".join(f"“{code}” ({count})" for code, count in list(codes.items())[:8])
    more = f" and {len(codes) - 8} more" if len(codes) > 8 else ""
    verb = "codes stand" if len(codes) > 1 else "code stands"
    return error(
        "code-unexplained",
        place,
        f"{len(codes)} {verb} in cells, and nothing says what they mean: {most}{more}.",
        found=next(iter(codes)),
        advice="Name the list that explains them (Code, Shift, Start, End) under the source: codes = "
        '"shifts.csv"; or write it below the sheet: E = Early, 7:00–15:00. A code without hours is free time if it is '
        "called “off”, and an event of the whole day otherwise.",
    )


def pattern_without_date(place: Place, text: str) -> Problem:
    """A pattern whose first day cannot be read, or in two ways."""
    return error(
        "pattern-without-date",
        place,
        "The first day of the pattern is no single date.",
        found=text,
        expected="A date with its year, such as 4 January 2027 or 2027-01-04.",
        advice=("Write it so", Way("dates", "{} (the day first)", "dmy", ", or say which part stands first: ")),
    )


def days_of_week_open(place: Place, text: str) -> Problem:
    """Heads of columns that are weeks, and nothing says on which of their days something is."""
    return error(
        "days-of-week-open",
        place,
        "The dates stand a week apart: does a cell hold for that day, or for which days of its week?",
        found=text,
        advice="Say it in a line above or below (“Mon–Fri”), in a column “Days” of the list of codes, or in the plan: "
        '{ file = "…", day = "Mon-Fri" }.',
    )


def weekday_of_name(place: Place, name: str, day: date) -> Problem:
    """An entry whose name says a weekday that is not the date's, and may be of the week before or after."""
    return error(
        "weekday-of-name",
        place,
        f"“{name}” names a weekday, but its date is {day_words(day)}: is it in the week before that date, or after it?",
        advice="Write the date of each day itself; or the Monday of the week, and the weekdays follow.",
    )


def days_by_names(place: Place, name: str, entries: int) -> Problem:
    """Entries on the weekdays that their names say."""
    what = "1 entry is" if entries == 1 else f"{entries} entries are"
    return note(
        "days-by-names",
        place,
        f"The names say weekdays (“{name}”): {what} on that day of the week, not on the date that heads it.",
    )


def weekdays_from_title(place: Place, first: date | None, last: date | None) -> Problem:
    """Weekdays that a title makes dates."""
    span = f"{day_words(first)} to {day_words(last)}" if first and last else "dates"
    return note("weekdays-from-title", place, f"The weekdays are those from {span}, as the title says, and no others.")


def ends_with_next(place: Place) -> Problem:
    """Lines of a day that say but when they begin."""
    return note(
        "starts-alone",
        place,
        "The lines say but when they begin: each lasts until the next.",
        advice="Write both times into them (“9:00–9:50”) where that is not so.",
    )


def columns_by_cells(place: Place, headings: Mapping[int, str]) -> Problem:
    """A list of events without a row of headings."""
    first, *others = headings.items()
    said = f"{column_letters(first[0])} is the {first[1].lower()}"
    said += "".join(f", {column_letters(column)} the {heading.lower()}" for column, heading in others)
    return note(
        "columns-by-cells",
        place,
        f"No row of headings stands above: by what the cells hold, column {said}.",
        advice="Write headings above the first row, such as “Date”, “Time”, “Title”, where that is not so.",
    )


def breaks_left_out(place: Place, text: str, count: int) -> Problem:
    """Cells of a day that say that nothing is on."""
    more = f", and so were {count - 1} more" if count > 1 else ""
    return note("break-left-out", place, f"“{text}” is a break: the cell was left out{more}.")


def last_line_open(place: Place, text: str) -> Problem:
    """What is on in the last line of a day, of which no line says when it ends."""
    return warning(
        "last-line-open",
        place,
        "No line below says when it ends: it is taken as long as events without an end.",
        found=text,
        advice="Write the end into its line (“16:00–17:00”), or a line below it with the time.",
    )


def on_days_of_week(place: Place, days: str) -> Problem:
    """Heads of columns that are weeks."""
    return note("on-days-of-week", place, f"Each cell holds for a week, on {days}.")


def said_of_block(place: Place, text: str) -> Problem:
    """A caption above one of several blocks of days, which says when or where that block holds."""
    return note("holds-for-block", place, f"“{text}” holds for the block below it, and for no other.")


def heads_rows_below(place: Place, text: str) -> Problem:
    """A name alone in its row, close below the row before it: what the rows below are of, or one without its date."""
    return warning(
        "heads-rows-below",
        place,
        f"“{text}” stands alone in its row, and was taken for what the rows below it are of.",
        advice="If it is something of its own, write when it is beside it.",
    )


def taken_for_place(place: Place, heading: str) -> Problem:
    """A column that names a place, beside those of people or groups."""
    return note(
        "taken-for-place",
        place,
        f"What stands below “{heading}” is taken for the place of what stands beside it.",
        advice="Give it another heading (“Task in the hall”) if it is something of its own.",
    )


def stray(place: Place, text: str, count: int) -> Problem:
    """Filled cells that belong to no name."""
    why = "stands below the days, but beside no name"
    return _cells_not_read(place, text, count, why, "Write whose it is in the first column, or clear it.")


def untimed(place: Place, text: str, count: int) -> Problem:
    """Filled cells without a time, below days whose other cells have one."""
    why = "stands below a day, but has no time as the other cells have"
    return _cells_not_read(place, text, count, why, "Write the time in front of it, or clear it.")


def _cells_not_read(place: Place, text: str, count: int, why: str, advice: str) -> Problem:
    more = f" and {count - 1} more" if count > 1 else ""
    return warning("cells-not-read", place, f"“{text}”{more} {why}: not used.", found=text, advice=advice)


def days_carried(place: Place, day: str, count: int) -> Problem:
    """Days that are said once, for several lines or columns."""
    more = f", and {count - 1} more so" if count > 1 else ""
    return note("day-carried", place, f"It has no day of its own, and takes the one before it (“{day}”){more}.")


def totals_left_out(place: Place, count: int) -> Problem:
    """Lines of sums below names, or behind the days."""
    rows = "1 line or column of totals was" if count == 1 else f"{count} lines or columns of totals were"
    return note(
        "totals-left-out", place, f"{rows} left out.", advice="Rename it if it is the line of a person or group."
    )


def no_month(place: Place) -> Problem:
    """A month page without its month."""
    return error(
        "no-month",
        place,
        "A month is drawn here, but which one is not said.",
        expected="“September 2026” above the weekdays, or as the sheet’s name.",
        advice="Write the month and the year above it.",
    )


def wrong_day_number(place: Place, text: str, expected: str) -> Problem:
    """A day number under the wrong weekday."""
    return error(
        "wrong-day-number",
        place,
        "The day number does not stand under its weekday.",
        found=text,
        expected=expected,
        advice="Look whether the month and year above are those of the page.",
    )


def unread_above_days(place: Place, text: str) -> Problem:
    """Text of a month page that stands in no day."""
    return error(
        "no-day",
        place,
        "The text belongs to no day of the month.",
        found=text,
        advice="Move it into a day, or clear it.",
    )


def beside_days(place: Place, text: str, cells: int) -> Problem:
    """Cells beside the days of a drawn month."""
    more = f", and so was {'one more' if cells == 2 else f'{cells - 1:,} more'}" if cells > 1 else ""
    return warning(
        "stray-cell",
        place,
        f"The cell stands beside the days, and was left out{more}.",
        found=text,
        advice="Move it into a day, if it is one's.",
    )


def no_such_day(place: Place, text: str, number: int, month: str) -> Problem:
    """A text beside a day that its month has not."""
    return error(
        "no-day",
        place,
        f"It stands beside day {number} of {month}, which has none.",
        found=text,
        advice="Move it into a day, or clear it.",
    )


def unclear_weeks(place: Place, text: str) -> Problem:
    """A cell that names a week, and not for all of what it holds."""
    return error(
        "unclear-weeks",
        place,
        "The cell names a week, but not what meets in which.",
        found=text,
        expected="Week A: Maths / Week B: Art",
        advice="Write the week ahead of each.",
    )
