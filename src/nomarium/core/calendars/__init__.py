"""Series → calendars: which events, under which name, with which identity."""

from nomarium.core.calendars.calendar import Calendar
from nomarium.core.calendars.identity import assign_uids, occurrence_id, stable_uuid
from nomarium.core.calendars.split import file_names, split_calendar

__all__ = ["Calendar", "assign_uids", "file_names", "occurrence_id", "split_calendar", "stable_uuid"]
