"""Calendars as rows, one occurrence a row: CSV, JSON and xlsx."""

from nomarium.core.rows.events import ROW_FIELDS, event_rows
from nomarium.core.rows.files import render_csv, render_json, render_xlsx

__all__ = ["ROW_FIELDS", "event_rows", "render_csv", "render_json", "render_xlsx"]
