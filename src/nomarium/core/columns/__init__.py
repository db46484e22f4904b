"""Headings → fields: which column of a table holds what."""

from nomarium.core.columns.contents import holds_dates
from nomarium.core.columns.fielded import FieldedTable, read_fielded
from nomarium.core.columns.fields import (
    END_FIELDS,
    EVENT_FIELDS,
    EVENT_SHEET,
    FIELD_NAMES,
    FILE_WIDE_FIELDS,
    MOMENT_FIELDS,
    ROW_FIELDS,
    RULE_FIELDS,
    START_FIELDS,
    TIME_FIELDS,
    Field,
    SheetFields,
    heading_key,
)
from nomarium.core.columns.headings import Headings
from nomarium.core.columns.match import Certainty, Match, Matches, check_stated, columns_headed, match_columns

__all__ = [
    "END_FIELDS",
    "EVENT_FIELDS",
    "EVENT_SHEET",
    "FIELD_NAMES",
    "FILE_WIDE_FIELDS",
    "MOMENT_FIELDS",
    "ROW_FIELDS",
    "RULE_FIELDS",
    "START_FIELDS",
    "TIME_FIELDS",
    "Certainty",
    "Field",
    "FieldedTable",
    "Headings",
    "Match",
    "Matches",
    "SheetFields",
    "check_stated",
    "columns_headed",
    "heading_key",
    "holds_dates",
    "match_columns",
    "read_fielded",
]
