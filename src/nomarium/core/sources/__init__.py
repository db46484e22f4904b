"""Records of each kind → Series with Occurrences."""

from nomarium.core.sources.events import EventChoices, EventSheet, read_events
from nomarium.core.sources.series import Occurrence, Series

__all__ = ["EventChoices", "EventSheet", "Occurrence", "Series", "read_events"]
