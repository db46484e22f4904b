"""What is said about headings that fit no field, or two of them one."""

from __future__ import annotations

from collections.abc import Sequence
from difflib import get_close_matches

from nomarium.core.problems import Problem, Way, error, note, warning
from nomarium.core.tables import Column, Table, column_letters


def fields_hint(near: list[str], names: Sequence[str]) -> str:
    """Name the nearest field, and all of them."""
    meant = f"Did you mean {near[0]}? " if near else ""
    return f"{meant}The fields are: {', '.join(names)}."


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


def reminder_of_the_clock(table: Table, column: Column) -> Problem:
    """A column of reminders with times of day where lengths before the start are meant."""
    return warning(
        "reminder-of-the-clock",
        table.heading_place(column),
        f"Column {column.name} holds times of day, not how long before an event to remind, and was not used.",
        advice=("Write how long before, such as “15 min”", column_way(column, "", "{} leaves it alone")),
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
