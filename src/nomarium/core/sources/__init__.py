"""Records of each kind → Series with Occurrences."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.sources.adjust import Adjustments, adjust, fill_prefix, in_zone, move_to_zone
    from nomarium.core.sources.batch import EventBatch, Events, maybe_alike, starts_of, without
    from nomarium.core.sources.chosen import SplitValues, check_name, has_part, values_of
    from nomarium.core.sources.details import read_reminders
    from nomarium.core.sources.event_sheet import EventChoices, EventSheet
    from nomarium.core.sources.events import read_events
    from nomarium.core.sources.lookups import Lookup, Lookups, read_lookup
    from nomarium.core.sources.repeat_dates import all_days, date_in_words, days_in_words
    from nomarium.core.sources.repeat_row import RepeatChoices, Repeated, is_own_rows
    from nomarium.core.sources.row_spans import RowSpans
    from nomarium.core.sources.series import Occurrence, Series
    from nomarium.core.sources.spans import SpanFound, SpanRules, after, clock_changes
    from nomarium.core.sources.undated_repeats import is_undated
    from nomarium.core.sources.year_events import ADDITIONS, YearEvents, usual_title, year_events

__all__ = [
    "ADDITIONS",
    "Adjustments",
    "EventBatch",
    "EventChoices",
    "EventSheet",
    "Events",
    "Lookup",
    "Lookups",
    "Occurrence",
    "RepeatChoices",
    "Repeated",
    "RowSpans",
    "Series",
    "SpanFound",
    "SpanRules",
    "SplitValues",
    "YearEvents",
    "adjust",
    "after",
    "all_days",
    "check_name",
    "clock_changes",
    "date_in_words",
    "days_in_words",
    "fill_prefix",
    "has_part",
    "in_zone",
    "is_own_rows",
    "is_undated",
    "maybe_alike",
    "move_to_zone",
    "read_events",
    "read_lookup",
    "read_reminders",
    "starts_of",
    "usual_title",
    "values_of",
    "without",
    "year_events",
]

__getattr__ = on_demand(__name__)
