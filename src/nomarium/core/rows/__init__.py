"""Calendars and school years as rows: CSV, JSON and xlsx."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.rows.days import closures_words, day_fields, day_rows, specials_words
    from nomarium.core.rows.events import ROW_FIELDS, event_rows, length_words, not_in_rows
    from nomarium.core.rows.files import render_csv, render_json, render_xlsx
    from nomarium.core.rows.style import RowStyle, row_style

__all__ = [
    "ROW_FIELDS",
    "RowStyle",
    "closures_words",
    "day_fields",
    "day_rows",
    "event_rows",
    "length_words",
    "not_in_rows",
    "render_csv",
    "render_json",
    "render_xlsx",
    "row_style",
    "specials_words",
]

__getattr__ = on_demand(__name__)
