"""How a column of dates or times was read, in words, and what proves it."""

from __future__ import annotations

from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.values.date_text import ORDER_NAMES, Order
from nomarium.core.values.moment import STATED, MomentColumn

if TYPE_CHECKING:
    from nomarium.core.tables import Table


class Style(NamedTuple):
    """How a column's dates and its times were read; empty where it holds none."""

    dates: str
    times: str


def style_of(table: Table, column: MomentColumn) -> Style:
    """Say how a column was read: "day/month/year, proved by B14 “21/09/2026”"."""
    return Style("; ".join(_date_styles(table, column)), "; ".join(_time_styles(table, column)))


def _cell(table: Table, column: MomentColumn, text: str) -> str:
    place = table.cell_place(column.column.cells.index(text), column.column)
    return f"{place.cell} “{text}”"


def _date_styles(table: Table, column: MomentColumn) -> list[str]:
    styles = []
    if column.typed:
        own = "text" not in table.form  # text has no dates of its own: they were worked out from words around them
        styles.append(
            ("dates of the workbook’s own" if own else "worked out from the words around them")
            + (", day and month exchanged" if column.swapped else "")
        )
    shapes = [shape for moment in column.shapes.values() for shape in moment.dates]
    if column.serials:
        styles.append("day numbers that have lost their date format")
    if any(shape.plain for shape in shapes):
        named = any(shape.plain and not text[:4].isdigit() for text, m in column.shapes.items() for shape in m.dates)
        language = "" if column.words.language == "English" else f", in {column.words.language}"
        styles.append(f"months in words{language}" if named else "year-month-day")
    if any(not shape.plain for shape in shapes) and column.order:
        styles.append(ORDER_NAMES[column.order] + _proof(table, column, column.order))
    return styles


def _proof(table: Table, column: MomentColumn, order: Order) -> str:
    if column.order_from == STATED:
        return ", as stated"
    if column.order_from:
        return f", as {column.order_from} says"
    if column.evidence.by_dots:
        return ", by the dots between its parts"
    if column.evidence.by_year_part:
        return ", as one part hardly changes: the year"
    proofs = dict.fromkeys(text for other, text in column.evidence.against.items() if other != order)
    if proofs:
        return ", proved by " + " and ".join(_cell(table, column, text) for text in proofs)
    return ", though every date here reads the same either way"


def _time_styles(table: Table, column: MomentColumn) -> list[str]:
    if column.midnights_dropped:
        return ["00:00 in every cell: taken as no time"]
    utc = ["in UTC, as its heading says"] if column.utc and column.has_times else []
    return _clock_styles(table, column) + utc


def _clock_styles(table: Table, column: MomentColumn) -> list[str]:
    times = [shape for moment in column.shapes.values() for shape in moment.times]
    if not times:
        return ["times of the workbook’s own"] if column.has_times else []
    styles = []
    if column.clock.halves_named:
        styles.append("12-hour with am and pm")
    if column.clock.proof is not None and not column.clock.halves_named:
        styles.append(f"24-hour, proved by {_cell(table, column, column.clock.proof)}")
    elif all(shape.certain for shape in times):
        styles.append("24-hour")
    if column.clock.of_all and not all(shape.certain or shape.half for shape in times):
        styles.append(f"{column.clock.of_all}, as its heading says")
    if any(column.clock.read(shape).assumed for shape in times):
        first = column.clock.earliest_hour
        styles.append(f"without am or pm: read between {first}:00 and {first + 11}:59 (--hours)")
    return styles
