"""What is said about the columns of sheets, whatever their kind."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from nomarium.core.columns.wording import column_way
from nomarium.core.problems import Place, Problem, Way, WrongCall, error, note, warning
from nomarium.core.sheets.validity import validity_words
from nomarium.core.tables import plain_text

if TYPE_CHECKING:
    from nomarium.core.sheets.validity import Validity
    from nomarium.core.tables import Column, Table


def wrong_columns(place: Place, wrong: WrongCall) -> Problem:
    """The plan gives a column that is not there, or a field that is none."""
    return error("wrong-columns", place, wrong.message, advice=wrong.hint)


def idle_column(table: Table, column: Column, holds: str) -> Problem:
    """A column that nothing was made of, though what it holds usually changes what is true."""
    return warning(
        "unused-column",
        table.heading_place(column),
        f"Column {column.name} holds {holds}, but was not used.",
        advice=(column_way(column, "FIELD", "Say what it is: {}"), column_way(column, "", "leave it alone: {}")),
    )


def tells_apart(table: Table, column: Column, whose: Column) -> Problem:
    """A column that nothing was made of, though rows that are at one time in one place differ in it: weeks, perhaps."""
    return warning(
        "unused-column",
        table.heading_place(column),
        f"Column {column.name} was not used, and rows with the same “{whose.heading}” at the same time differ in it.",
        advice=(
            column_way(column, "week", "If it says the weeks, write their letters in it, and say so: {}"),
            column_way(column, "", "leave it alone: {}"),
        ),
    )


def idle_keys(place: Place, keys: Sequence[str], rows: str, fields: Sequence[str]) -> Problem:
    """The plan says something of a whole sheet that sheets of its kind do not say."""
    return error(
        "key-without-effect",
        place,
        f"The key “{keys[0]}” has no effect here: the sheet was read as one of {rows}.",
        found=keys[0],
        advice=f"Take it out. What may be said of all of such a sheet: {', '.join(fields)}.",
    )


def unread_moments(table: Table, column: Column, open_field: str, *, sure: bool = True) -> Problem:
    """A column of dates or times that nothing was made of; ``open_field`` is what it may be, "" for nothing left."""
    holds = "holds dates or times" if sure else "may hold times"
    say = column_way(column, open_field, "Say what it is, such as {}") if open_field else "Say so in its heading"
    return warning(
        "unread-times",
        table.heading_place(column),
        f"Column {column.name} {holds}, but was not used.",
        advice=(
            say,
            column_way(column, "", "or leave it alone: {}", "; "),
        ),
    )


def unread_dates(table: Table, column: Column) -> Problem:
    """A column of dates in a timetable that nothing was made of: what meets on them would meet in every week."""
    return error(
        "unread-dates",
        table.heading_place(column),
        f"Column {column.name} holds dates, and not in one form: without them each row would meet in every week.",
        found=next((plain_text(cell) for cell in column.cells if cell != ""), ""),
        advice=(
            "Write the first and the last day of each row into columns “From” and “Until”, or a row for each date",
            column_way(column, "", "leave it alone: {}"),
        ),
    )


def half_span(table: Table, column: Column, known: Column, lacking: str) -> Problem:
    """One end of a span was understood, and the other was not."""
    return error(
        "half-span",
        table.heading_place(column),
        f"Column {known.name} is one end of a span; {column.name} seems to be the other, but is not understood.",
        advice=(column_way(column, lacking, "Say so: {}"), column_way(column, "", "leave it alone: {}")),
    )


def holds_for_all(place: Place, name: str, value: str, where: str) -> Problem:
    """A title, tab or file's name says what no column does."""
    return note(
        "holds-for-all",
        place,
        f"All of it was taken for {name} “{value}”: {where} says so.",
    )


def named_bounds(place: Place, held: Validity) -> Problem:
    """A tab's or a file's name that says from when or until when its rows hold."""
    return note(
        "holds-for-dates",
        place,
        f"All of it holds {validity_words(held.first, held.last)} alone: the name “{held.name}” says so.",
        advice="Columns “From” and “Until”, or another name, say it otherwise.",
    )


def name_or_names(place: Place, text: str) -> Problem:
    """A comma in a cell of people, and nothing that tells whether it parts two people or one name."""
    first, _, last = (part.strip() for part in text.partition(","))
    return error(
        "name-or-names",
        place,
        f"This is one person, {last} {first}, or two, {first} and {last}: nothing in the column tells which.",
        found=text,
        advice=(
            "Write several people with “;” between them",
            Way("commas", "say that commas are part of names: {}", "within"),
            Way("commas", "or that they part people: {}", "between"),
        ),
    )


def key_of_two(place: Place, text: str, one: str, other: str) -> Problem:
    """A word that stands for two different entries of a look-up sheet."""
    return error(
        "two-meanings",
        place,
        f"“{text}” stands for two entries of the look-up sheet: {one} and {other}.",
        found=text,
        advice="Write the one that is meant in full, or give them different codes.",
    )


def several_sheets(place: Place, rows: str, fitting: list[str], others: list[str]) -> Problem:
    """More than one sheet of the workbook is of the kind."""
    rest = f" The others: {'; '.join(others)}." if others else ""
    return error(
        "several-sheets",
        place,
        f"Several sheets hold {rows}: {'; '.join(fitting)}.{rest}",
        advice=(Way("sheet", "Say which one is meant with {}; each can be read by itself", "NAME"),),
    )


def no_sheet_of_kind(place: Place, rows: str, sheets: list[str]) -> Problem:
    """None of a workbook's sheets looks like one of the kind."""
    return error(
        "no-event-sheet",
        place,
        f"No sheet looks like a list of {rows}: {'; '.join(sheets)}.",
        advice=(
            Way("sheet", "Name one with {}", "NAME"),
            Way("column", "its columns with {}", "Heading=field", ", and "),
        ),
    )


def several_html_tables(place: Place, count: int) -> Problem:
    """A page with more than one table of events."""
    return error(
        "several-sheets",
        place,
        f"The page has {count} tables that hold events.",
        advice="Open the file in a spreadsheet program, and save the table that is meant as CSV or xlsx.",
    )


def note_used(place: Place, text: str, said: Sequence[str], *, whole: bool = True) -> Problem:
    """A note beside a table that says when or where all of its rows are, or those on the weekdays that it names."""
    rows = "all rows" if whole else "the rows on its weekdays"
    return note("note-used", place, f"“{text}” gives {rows} that say nothing else {' and '.join(said)}.")


def whole_weeks(place: Place, text: str) -> Problem:
    """Entries without times, of which only the first day of their week is said."""
    return warning(
        "whole-weeks",
        place,
        "This is the first day of a week, and what has no times is taken to last all seven days of it.",
        found=text,
        advice="If it is on some of them, say so in a column “Weekday”, or in a line above or below (“Mon–Fri”).",
    )


def note_unused(place: Place, text: str, more: int = 0) -> Problem:
    """A note that says when, and that nothing used; and how many more of its sheet."""
    others = f", and {more} more {'line' if more == 1 else 'lines'}" if more else ""
    return warning(
        "notes-not-used",
        place,
        f"Notes not used: “{text}”{others}.",
        found=text,
        advice="If it changes when or where something is, write that into the rows.",
    )


def days_carried(place: Place, count: int) -> Problem:
    """Rows without a day that take it from the row above."""
    rows = "1 row without a day takes" if count == 1 else f"{count:,} rows without a day take"
    message = f"{rows} that of the row above: the days stand only where they change."
    return note("days-carried", place, message, advice="Where that is wrong, write the day.")
