"""iCalendar files (RFC 5545), out and in, with their time zones."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.ics.calendar_file import CalendarFile
    from nomarium.core.ics.content_lines import unescaped
    from nomarium.core.ics.read_wording import unsound_calendar
    from nomarium.core.ics.reading import CalendarChoices, read_calendar
    from nomarium.core.ics.rule_lines import rule_lines
    from nomarium.core.ics.text import escape, fold
    from nomarium.core.ics.weeding import changed_at, unsound_line, without_events
    from nomarium.core.ics.write import Rendered, render_calendar
    from nomarium.core.ics.zones import vtimezone

__all__ = [
    "CalendarChoices",
    "CalendarFile",
    "Rendered",
    "changed_at",
    "escape",
    "fold",
    "read_calendar",
    "render_calendar",
    "rule_lines",
    "unescaped",
    "unsound_calendar",
    "unsound_line",
    "vtimezone",
    "without_events",
]

__getattr__ = on_demand(__name__)
