"""Headings → fields: which column of a table holds what, and what that shows of its kind."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.columns.by_contents import says_not_what
    from nomarium.core.columns.captions import has_captioned_days, is_caption, settled_copy
    from nomarium.core.columns.contents import (
        are_starts_and_ends,
        counts_up,
        date_of_cell,
        holds_dates,
        holds_days_and_periods,
        holds_days_and_times,
        holds_repeats,
        holds_times,
        holds_weekdays,
        holds_weeks_of_month,
        is_repeat,
        may_be_the_day,
        mixes_dates_and_repeats,
        numbers_periods,
        reads_as_dates,
        ring_in_turn,
        says_how_often,
        what_meets,
    )
    from nomarium.core.columns.evidence import (
        Evidence,
        Verdict,
        all_of,
        any_of,
        at_most,
        called,
        dated,
        dates_in,
        few_columns,
        has,
        has_none_of,
        has_one_of,
        headed,
        holds_first_and_last_days,
        no_dates_in,
        undated,
    )
    from nomarium.core.columns.fields import (
        DAY_HEADINGS,
        END_FIELDS,
        FILE_WIDE_FIELDS,
        MOMENT_FIELDS,
        ROW_FIELDS,
        RULE_FIELDS,
        START_FIELDS,
        TIME_FIELDS,
        Blank,
        BlankSheet,
        Condition,
        Field,
        Holds,
        Kind,
        SheetKind,
        heading_key,
    )
    from nomarium.core.columns.fitting import check_columns, fit_columns
    from nomarium.core.columns.headings import Headings
    from nomarium.core.columns.joined import SIDES_OF_A_MATCH, heads_people
    from nomarium.core.columns.match import check_stated, columns_headed, match_columns
    from nomarium.core.columns.matches import Certainty, Match, Matches
    from nomarium.core.columns.meetings import says_levels
    from nomarium.core.columns.own_values import OwnValues
    from nomarium.core.columns.places_behind import parted_place, places_apart
    from nomarium.core.columns.times_behind_days import says_how_often_and_when

__all__ = [
    "DAY_HEADINGS",
    "END_FIELDS",
    "FILE_WIDE_FIELDS",
    "MOMENT_FIELDS",
    "ROW_FIELDS",
    "RULE_FIELDS",
    "SIDES_OF_A_MATCH",
    "START_FIELDS",
    "TIME_FIELDS",
    "Blank",
    "BlankSheet",
    "Certainty",
    "Condition",
    "Evidence",
    "Field",
    "Headings",
    "Holds",
    "Kind",
    "Match",
    "Matches",
    "OwnValues",
    "SheetKind",
    "Verdict",
    "all_of",
    "any_of",
    "are_starts_and_ends",
    "at_most",
    "called",
    "check_columns",
    "check_stated",
    "columns_headed",
    "counts_up",
    "date_of_cell",
    "dated",
    "dates_in",
    "few_columns",
    "fit_columns",
    "has",
    "has_captioned_days",
    "has_none_of",
    "has_one_of",
    "headed",
    "heading_key",
    "heads_people",
    "holds_dates",
    "holds_days_and_periods",
    "holds_days_and_times",
    "holds_first_and_last_days",
    "holds_repeats",
    "holds_times",
    "holds_weekdays",
    "holds_weeks_of_month",
    "is_caption",
    "is_repeat",
    "match_columns",
    "may_be_the_day",
    "mixes_dates_and_repeats",
    "no_dates_in",
    "numbers_periods",
    "parted_place",
    "places_apart",
    "reads_as_dates",
    "ring_in_turn",
    "says_how_often",
    "says_how_often_and_when",
    "says_levels",
    "says_not_what",
    "settled_copy",
    "undated",
    "what_meets",
]

__getattr__ = on_demand(__name__)
