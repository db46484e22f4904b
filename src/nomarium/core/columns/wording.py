"""What is said about headings that fit no field, or two of them one."""

from __future__ import annotations

from collections.abc import Sequence
from difflib import get_close_matches

from nomarium.core.problems import Place, Problem, Way, error, note, warning
from nomarium.core.tables import Column, Table, column_letters


def fields_hint(near: list[str], names: Sequence[str]) -> str:
    """Name the nearest field, and all of them."""
    meant = f"Did you mean {near[0]}? " if near else ""
    return f"{meant}The fields are: {', '.join(names)}."


def dates_under_captions(place: Place, count: int, caption: str) -> Problem:
    """Dates that take their month or year from a caption above them."""
    what = "1 date takes" if count == 1 else f"{count:,} dates take"
    message = f"{what} the month or year from what stands above or beside them, such as “{caption}”."
    return note("dates-under-captions", place, message, advice="Where that is wrong, write the dates in full.")


def code_not_found(place: Place, column: Column, code: str) -> Problem:
    """A value stated for cells of which there are none."""
    return warning(
        "value-not-found",
        place,
        f"No cell of column {column.name} says “{code}”, for which a value is stated.",
        advice="Check how the sheet writes it, or leave the value out.",
    )


def headings_hint(table: Table, wanted: str) -> str:
    """Name the nearest heading, and all of them."""
    headings = [column.heading for column in table.columns if column.heading]
    near = get_close_matches(wanted, headings, 1)
    meant = f"Did you mean “{near[0]}”? " if near else ""
    return f"{meant}Its headings are: {', '.join(f'“{heading}”' for heading in headings)}."


def column_way(column: Column, name: str, text: str, joint: str = ", or ") -> Way:
    """Return the way out that gives a column a field, or leaves it alone where the field is ""."""
    return Way("column", text, f"{column.heading or column_letters(column.index)}={name}", joint)


def _listed(table: Table) -> str:
    return ", ".join(column.name for column in table.columns)


def no_title_column(table: Table) -> Problem:
    """No heading says what the events are called."""
    return error(
        "no-title-column",
        table.place,
        f"No column was recognised as the title; the columns are: {_listed(table)}.",
        advice=(Way("column", "Say which one it is: {}", "Heading=summary"),),
    )


def no_date_column(table: Table) -> Problem:
    """No heading says when the events are."""
    return error(
        "no-date-column",
        table.place,
        f"No column was recognised as the date; the columns are: {_listed(table)}.",
        advice=(Way("column", "Say which one it is: {}", "Heading=start_date"),),
    )


def doubled_field(table: Table, name: str, columns: list[Column]) -> Problem:
    """Two columns claim one field."""
    both = " and ".join(column.name for column in columns)
    return error(
        "doubled-field",
        table.heading_place(columns[1]),
        f"Columns {both} both seem to be {name}.",
        advice=(
            column_way(columns[1], "", "Leave one alone, such as {}"),
            Way("column", "give it another field", joint=", or "),
        ),
    )


def unsure_match(table: Table, column: Column, name: str, why: str) -> Problem:
    """A column that was taken for a field without its heading saying so."""
    return note(
        "unsure-column",
        table.heading_place(column),
        f"Column {column.name} was taken for {name}: {why}.",
        advice=(column_way(column, name, "{} confirms it"), column_way(column, "", "{} leaves it alone", ", ")),
    )


def people_in_text(table: Table, column: Column) -> Problem:
    """People of whom nothing says what they do at an event: the text of each names them."""
    return note(
        "people-in-text",
        table.heading_place(column),
        f"Column {column.name} holds people: each event’s description names them.",
        advice=(column_way(column, "", "{} leaves them out"),),
    )


def tab_in_text(table: Table, tab: str) -> Problem:
    """A tab with somebody's name, which stands in no cell: the text of each event names them."""
    return note("people-in-text", table.place, f"The tab is called “{tab}”: each event’s description names them.")


def joined_match(table: Table, column: Column, name: str, why: str) -> Problem:
    """Columns that were taken together for a field without their headings saying so; ``column`` is made of them."""
    first = next(one for one in table.columns if one.index == column.index)
    return note(
        "unsure-column",
        table.heading_place(first),
        f"Columns “{column.heading}” were taken together for {name}: {why}.",
        advice=(column_way(first, "", "{} leaves them apart"),),
    )


def numbers_of_hours(table: Table, column: Column) -> Problem:
    """A column headed as times that holds bare numbers: lengths, starts, or how often."""
    return warning(
        "numbers-not-times",
        table.heading_place(column),
        f"Column {column.name} holds numbers that may be lengths, starts or counts, and was not used.",
        advice=(
            column_way(column, "duration", "Say which: {} for lengths"),
            column_way(column, "start_time", "{} for starts", ", "),
            column_way(column, "", "{} leaves it alone", ", "),
        ),
    )


def halves_apart(table: Table, column: Column) -> Problem:
    """A column of am and pm beside the times that they belong to."""
    return error(
        "halves-apart",
        table.heading_place(column),
        f"Column {column.name} says am or pm apart from the times.",
        expected="Times that say it themselves, such as 9:00 PM.",
        advice=("Join the two columns in the sheet", column_way(column, "", "leave this one alone: {}")),
    )
