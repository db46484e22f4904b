"""Headings → fields: which column of a table holds what."""

from nomarium.core.columns.fields import END_FIELDS, EVENT_FIELDS, FIELD_NAMES, MOMENT_FIELDS, START_FIELDS, TIME_FIELDS
from nomarium.core.columns.match import Match, Matches, check_stated, match_columns

__all__ = [
    "END_FIELDS",
    "EVENT_FIELDS",
    "FIELD_NAMES",
    "MOMENT_FIELDS",
    "START_FIELDS",
    "TIME_FIELDS",
    "Match",
    "Matches",
    "check_stated",
    "match_columns",
]
