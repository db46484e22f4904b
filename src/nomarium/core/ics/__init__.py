"""iCalendar files (RFC 5545), written to the letter."""

from nomarium.core.ics.text import escape, fold
from nomarium.core.ics.write import render_calendar
from nomarium.core.ics.zones import vtimezone

__all__ = ["escape", "fold", "render_calendar", "vtimezone"]
