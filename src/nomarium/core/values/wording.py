"""What is said about values that cannot be read, and about columns that could be read in two ways."""

from __future__ import annotations

from collections.abc import Collection, Mapping
from datetime import date, datetime, time, timedelta
from typing import TYPE_CHECKING

from nomarium.core.problems import Place, Problem, Way, error, note, warning
from nomarium.core.tables import Cell, Column, Table, plain_text
from nomarium.core.values.date_text import ORDER_NAMES, DateShape, Order, YearMonthDay, days_in_month
from nomarium.core.values.faults import Fault
from nomarium.core.values.moment_text import ARROWS, MomentShape
from nomarium.core.values.time_text import several_times
from nomarium.core.values.words import MONTH_NAMES, WEEKDAY_NAMES, CalendarWords
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.values.order import OrderEvidence

_CORRECT = ("Correct the cell", Way("keep_going", "leave its row out with {}"))
_FIRST_PART: dict[Order, str] = {"dmy": "the day first", "mdy": "the month first", "ymd": "the year first"}


def day_words(day: date) -> str:
    """Return a date as messages and reports write it: "Tue 8 Sep 2026"."""
    return f"{WEEKDAY_NAMES[day.weekday()][:3]} {day.day} {MONTH_NAMES[day.month - 1][:3]} {day.year}"


def full_day(day: date) -> str:
    """Return a date in full: "Tuesday 8 September 2026"."""
    return f"{WEEKDAY_NAMES[day.weekday()]} {day.day} {MONTH_NAMES[day.month - 1]} {day.year}"


def clock_words(moment: datetime | time) -> str:
    """Return a time of the day as people write it: "9:05"."""
    return f"{moment.hour}:{moment:%M}"


def minute_words(minute: int) -> str:
    """Return a minute of the day as people write it: 545 → "9:05", 1440 → "24:00"."""
    return f"{minute // 60}:{minute % 60:02}"


def hours_and_minutes(length: timedelta) -> str:
    """Return a length in words: "1 hour", "1 hour 30 minutes"."""
    hours, rest = divmod(round(length.total_seconds() / 60), 60)
    return " ".join(filter(None, (counted(hours, "hour") if hours else "", counted(rest, "minute") if rest else "")))


def counted(number: int, noun: str, plural: str = "") -> str:
    """Return "1 event", "1,204 events"; ``plural`` where it is not made with an s."""
    return f"{number:,} {noun}" if number == 1 else f"{number:,} {plural or f'{noun}s'}"


def long_day(day: date) -> str:
    """Return a date with its month in full: "4 December 2026"."""
    return f"{day.day} {MONTH_NAMES[day.month - 1]} {day.year}"


ZONE_LETTERS = regex(
    r"(?<![A-Za-z])(?:[ACEMNP][SD]T|BST|CES?T|EES?T|WES?T|MSK|JST|IST|A[CEW][SD]T|NZ[SD]T)(?![A-Za-z])"
)
_NO_ZONE = "Take it out, and name the zone in a column “Zone”, or for all rows with --zone."


def unreadable_moment(text: str, is_time: bool) -> Fault:
    """The text is neither a date nor a time."""
    if is_time and (zone := ZONE_LETTERS.search(text)):
        message = f"“{zone[0]}” behind the time names a zone, and may stand for several."
        return Fault("unreadable-time", message, text, "A time such as 9:30, or 9:30+01:00.", _NO_ZONE)
    if is_time and several_times(text):
        message = "It names several times, and nothing says when each ends."
        expected = "One time; or several, with how long each takes in a column “Minutes”, or with as many ends."
        return Fault("unreadable-time", message, text, expected, "Write a row for each time, or their lengths.")
    if is_time:
        return Fault("unreadable-time", "This is no time.", text, "A time such as 9:30, 2:15 pm or 14:15.", _CORRECT)
    if any(arrow in text for arrow in ARROWS):
        message = "The arrow may stand for a move from one day to another, or for a span of days."
        return Fault("unreadable-date", message, text, "The new day alone, or a span such as 6–13 October.", _CORRECT)
    return Fault(
        "unreadable-date", "This is no date.", text, "A date such as 8/9/2026, 2026-09-08 or 8 Sep 2026.", _CORRECT
    )


def to_come(table: Table, column: Column, texts: Collection[Cell]) -> list[Problem]:
    """Cells that say that a date or time is not known yet: they count as empty."""
    return [
        warning(
            "to-come",
            table.cell_place(record, column),
            "The date or time is not known yet: the cell counts as empty.",
            found=plain_text(cell),
            advice="Write it when it is known.",
        )
        for record, cell in enumerate(column.cells)
        if cell in texts
    ]


def remark_behind(place: Place, text: str, remark: str) -> Problem:
    """A cell that says when, and has a remark behind that."""
    return warning(
        "remark-behind",
        place,
        f"“{remark}” behind it is no date or time: it was left aside, and stands in no event.",
        found=text,
        advice="Write it into a column of notes to keep it.",
    )


def remarks_behind(table: Table, column: Column, remarks: Mapping[Cell, str]) -> list[Problem]:
    """Cells whose date or time has a remark in brackets behind it, which no event shows."""
    return [
        remark_behind(table.cell_place(record, column), plain_text(cell), remarks[cell])
        for record, cell in enumerate(column.cells)
        if cell in remarks
    ]


def half_unmarked(table: Table, column: Column, text: str) -> Problem:
    """A time without am or pm among times that have them."""
    return warning(
        "half-unmarked",
        table.cell_place(column.cells.index(text), column),
        f"It says neither am nor pm, though others of {_named(column)} do.",
        found=text,
        advice=("Write am or pm", Way("hours", "{} says in which hours such times lie", "8-20")),
    )


def evening_assumed(table: Table, column: Column, text: str) -> Problem:
    """A time without am or pm that would be of the morning, among others at five and six."""
    return warning(
        "evening-assumed",
        table.cell_place(column.cells.index(text), column),
        f"It says neither am nor pm, and was read in the evening, as the others of {_named(column)}.",
        found=text,
        advice=("If it is in the morning, write am", Way("hours", "{} says in which hours such times lie", "7-19")),
    )


def months_and_years(table: Table, column: Column, text: str) -> Problem:
    """Texts such as "Sep 26" that may be a day of a month, or a month and its year."""
    return error(
        "month-or-day",
        table.cell_place(column.cells.index(text), column),
        f"All dates in {_named(column)} may be a month and its year as well as a day: “{text}” is the day or the year.",
        found=text,
        expected="Dates in full, such as 26 Sep 2026.",
        advice="Write the dates in full; for whole months their first and last days.",
    )


def impossible_date(text: str, reading: YearMonthDay, order: Order | None) -> Fault:
    """No calendar has this date."""
    as_read = f" Read as {ORDER_NAMES[order]}." if order else ""
    if not 1 <= reading.month <= 12:
        reason = f"there is no month {reading.month}."
    else:
        days = days_in_month(reading.year, reading.month)
        year = f" {reading.year}" if reading.month == 2 and reading.year else ""
        reason = f"{MONTH_NAMES[reading.month - 1]}{year} has {days} days."
    return Fault("impossible-date", f"There is no such date: {reason}{as_read}", text, "", _CORRECT)


def impossible_year(text: str, year: int) -> Fault:
    """A slip of the finger in the year."""
    return Fault("impossible-date", f"The year {year} can't be meant.", text, "A year from 1900 to 2199.", _CORRECT)


def no_such_weeks(text: str, year: int) -> Fault:
    """Weeks of the calendar that a year does not have, or more of them than can be meant."""
    return Fault("impossible-date", f"The year {year} has no such weeks.", text, "Weeks by ISO 8601.", _CORRECT)


def year_of_title(table: Table, column: Column, title: str) -> Problem:
    """Dates without a year that take it from a title."""
    shown = title if len(title) <= _LONGEST_SHOWN else title[:_LONGEST_SHOWN] + "…"
    return note(
        "year-of-title",
        table.heading_place(column),
        f"The dates of {_named(column)} have no year: they were read in that of “{shown}”.",
        advice=(Way("within", "If it is another, {} says of which days the sheet is"),),
    )


def year_of_others(table: Table, column: Column, text: str, dated: str) -> Problem:
    """Dates without a year that take that of others beside them."""
    return note(
        "year-of-others",
        table.heading_place(column),
        f"Some dates of {_named(column)} have no year, such as “{text}”: they were read as those nearest to “{dated}”.",
        advice=(Way("within", "If it is another, {} says of which days the sheet is"),),
    )


_LONGEST_SHOWN = 60


def year_missing(text: str, span_stated: bool, readings: int) -> Fault:
    """The text names no year, and the span stated does not give it either."""
    if span_stated and not readings:
        return Fault(
            "year-missing", "This date has no year, and does not fall into the span stated.", text, "", _CORRECT
        )
    if span_stated:
        return Fault(
            "year-missing",
            f"This date has no year, and falls {readings} times into the span stated.",
            text,
            "A span of less than a year.",
            (Way("within", "Shorten {}"), "write the year into the cell"),
        )
    return Fault(
        "year-missing",
        "This date has no year.",
        text,
        "A date with its year.",
        (Way("within", "Say what the sheet is about, such as {}", "2026-09-01..2027-06-30"), "write the year"),
    )


def wrong_weekday(text: str, weekday: int, day: date) -> Fault:
    """The weekday and the date contradict each other."""
    said, real = WEEKDAY_NAMES[weekday], WEEKDAY_NAMES[day.weekday()]
    return Fault("wrong-weekday", f"{long_day(day)} is a {real}, not a {said}.", text, "", _CORRECT)


def backward_range(text: str, first: date, last: date) -> Fault:
    """A range that ends before it starts."""
    return Fault("end-before-start", f"{long_day(last)} is before {long_day(first)}.", text, "", _CORRECT)


def unswappable(cell: date) -> Fault:
    """``--typed-dates swap`` on a date that cannot have been exchanged."""
    return Fault(
        "impossible-date",
        f"{long_day(cell)} can't have day and month exchanged: there is no month {cell.day}.",
        plain_text(cell),
        "",
        (Way("typed_dates", "Use {}", "keep"), "correct the cell"),
    )


def _named(column: Column) -> str:
    return f"column {column.name}"


def _first_cell(table: Table, column: Column, text: Cell) -> tuple[str, int]:
    record = column.cells.index(text)
    place = table.cell_place(record, column)
    return place.cell or "", record


def unproved_order(
    table: Table,
    column: Column,
    shapes: Mapping[str, MomentShape],
    evidence: OrderEvidence,
    differing: int,
    ascending: list[Order],
) -> Problem:
    """Dates such as 04/12/2026, and nothing in the column that says which part is the month."""
    text = evidence.ambiguous[0]
    record = column.cells.index(text)
    both = " or ".join(_readings(shapes[text], evidence.left))
    rows = "1 row" if differing == 1 else f"{differing:,} rows"
    hint = ""
    if len(ascending) == 1:
        hint = f" (Read with {_FIRST_PART[ascending[0]]}, the rows would be in order of date: a sign, no proof.)"
    ways = tuple(
        Way("dates", f"{'' if number else 'Say which: '}{{}} ({_FIRST_PART[order]})", order, ", ")
        for number, order in enumerate(evidence.left)
    )
    return error(
        "unproved-dates",
        table.cell_place(record, column),
        f"This is {both}, and nothing in {_named(column)} proves which; {rows} would differ.{hint}",
        found=text,
        advice=ways,
    )


def _readings(shape: MomentShape, orders: list[Order]) -> list[str]:
    """Return a text's first date that differs between the orders, in words, under each of them."""
    for date_shape in shape.dates:
        words = dict.fromkeys(_reading_words(date_shape, order) for order in orders if order in date_shape.readings)
        if len(words) > 1:
            return list(words)
    return []


def _reading_words(shape: DateShape, order: Order) -> str:
    reading = shape.readings[order]
    if not reading.possible:
        return f"no date with {_FIRST_PART[order]}"
    year = f" {reading.year}" if reading.year is not None else ""
    return f"{reading.day} {MONTH_NAMES[reading.month - 1]}{year}"


def contradictory_order(table: Table, column: Column, evidence: OrderEvidence) -> Problem:
    """One cell proves day first, another month first."""
    shown = []
    for order, text in evidence.against.items():
        cell, _ = _first_cell(table, column, text)
        shown.append(f"{cell} “{text}” can't have {_FIRST_PART[order]}")
    record = column.cells.index(next(iter(evidence.against.values())))
    return error(
        "contradictory-dates",
        table.cell_place(record, column),
        f"The dates in {_named(column)} contradict each other: {'; '.join(shown)}.",
        advice=(
            "Correct the cells that are wrong",
            Way("dates", "say which order holds with {}; the others are then named"),
        ),
    )


def exchanged_dates(table: Table, column: Column, typed: Cell, text: str) -> Problem:
    """A spreadsheet program has converted half of the column under the wrong order."""
    typed_cell, record = _first_cell(table, column, typed)
    text_cell, _ = _first_cell(table, column, text)
    shown = plain_text(typed)
    year, month, day = shown[:10].split("-")
    return error(
        "exchanged-dates",
        table.cell_place(record, column),
        f"A spreadsheet program seems to have exchanged day and month in some cells of {_named(column)}: "
        f"{text_cell} “{text}” stayed text, which proves the order, while no date that became one has a day past 12: "
        f"{typed_cell} is {shown}, and was perhaps meant as {year}-{day}-{month}.",
        found=shown,
        advice=(
            Way("typed_dates", "Compare with the original: {} changes them back", "swap"),
            Way("typed_dates", "{} leaves them", "keep", ", "),
        ),
    )


def ambiguous_names(table: Table, column: Column, languages: list[CalendarWords]) -> Problem:
    """The names of months mean different months in two languages."""
    listed = " or ".join(words.language for words in languages[:4])
    return error(
        "ambiguous-names",
        table.heading_place(column),
        f"The names of months or weekdays can be {listed}, and mean different ones there.",
        advice="Write the months as numbers, or one of them in full.",
    )


def zone_in_heading(table: Table, column: Column, zone: str) -> Problem:
    """A heading such as "Start (EST)": no abbreviation of a zone says for sure which is meant."""
    return warning(
        "zone-in-heading",
        table.heading_place(column),
        f"The heading names “{zone}”; the times were taken as local times of the calendar’s zone.",
        found=column.heading,
        advice=(Way("zone", "State the zone that is meant, such as {}, if that is another", "America/Halifax"),),
    )
