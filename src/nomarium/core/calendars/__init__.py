"""Series → calendars: which events, under which name, with which identity."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.calendars.calendar import Calendar
    from nomarium.core.calendars.doubles import Double, Likeness, find_doubles, find_longer, find_moved, maybe_doubles
    from nomarium.core.calendars.identity import assign_uids, occurrence_id, stable_uuid
    from nomarium.core.calendars.split import file_names, split_calendar

__all__ = [
    "Calendar",
    "Double",
    "Likeness",
    "assign_uids",
    "file_names",
    "find_doubles",
    "find_longer",
    "find_moved",
    "maybe_doubles",
    "occurrence_id",
    "split_calendar",
    "stable_uuid",
]

__getattr__ = on_demand(__name__)
