"""What is said about headings that fit no field, or two of them one."""

from __future__ import annotations

from collections.abc import Sequence
from difflib import get_close_matches

from nomarium.core.problems import Problem, error, note, warning
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


def _named(column: Column) -> str:
    return f"{column_letters(column.index)} “{column.heading}”" if column.heading else column_letters(column.index)


def _option(column: Column, name: str = "") -> str:
    """Return the option that gives a column a field, or leaves it alone."""
    return f'--column "{column.heading or column_letters(column.index)}={name}"'


def _listed(table: Table) -> str:
    return ", ".join(_named(column) for column in table.columns)


def no_title_column(table: Table) -> Problem:
    """No heading says what the events are called."""
    return error(
        "no-title-column",
        table.place,
        f"No column was recognised as the title; the columns are: {_listed(table)}.",
        advice='Say which one it is: --column "Heading=summary".',
    )


def no_date_column(table: Table) -> Problem:
    """No heading says when the events are."""
    return error(
        "no-date-column",
        table.place,
        f"No column was recognised as the date; the columns are: {_listed(table)}.",
        advice='Say which one it is: --column "Heading=start_date".',
    )


def doubled_field(table: Table, name: str, columns: list[Column]) -> Problem:
    """Two columns claim one field."""
    both = " and ".join(_named(column) for column in columns)
    return error(
        "doubled-field",
        table.heading_place(columns[1]),
        f"Columns {both} both seem to be {name}.",
        advice=f"Leave one alone, such as {_option(columns[1])}, or give it another field.",
    )


def unsure_match(table: Table, column: Column, name: str, why: str) -> Problem:
    """A column that was taken for a field without its heading saying so."""
    return note(
        "unsure-column",
        table.heading_place(column),
        f"Column {_named(column)} was taken for {name}: {why}.",
        advice=f"{_option(column, name)} confirms it, {_option(column)} leaves it alone.",
    )


def unread_moments(table: Table, column: Column) -> Problem:
    """A column of dates or times that nothing was made of: a start, an end?"""
    return warning(
        "unread-times",
        table.heading_place(column),
        f"Column {_named(column)} holds dates or times, but was not used.",
        advice=f"Say what it is, such as {_option(column, 'end_time')}; or leave it alone: {_option(column)}.",
    )


def halves_apart(table: Table, column: Column) -> Problem:
    """A column of am and pm beside the times that they belong to."""
    return error(
        "halves-apart",
        table.heading_place(column),
        f"Column {_named(column)} says am or pm apart from the times.",
        expected="Times that say it themselves, such as 9:00 PM.",
        advice=f"Join the two columns in the sheet, or leave this one alone: {_option(column)}.",
    )
