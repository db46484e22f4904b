"""A column of cells → typed values: dates, times, lengths, choices, lists; with the evidence for the reading."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.values.choices import (
        MARKS,
        NO,
        PLAIN_YES,
        YES,
        read_busy,
        read_status,
        read_visibility,
        read_yes_no,
        split_list,
    )
    from nomarium.core.values.clock import (
        DAY,
        LATEST_USUAL_START,
        LONGEST_PAST_MIDNIGHT,
        Clock,
        ClockTime,
        earliest_in_turn,
        end_after,
        may_pass_midnight,
        speaks_of_nights,
        start_before,
        time_at,
    )
    from nomarium.core.values.colors import read_color
    from nomarium.core.values.date_lists import (
        DATE_ENDS,
        LIST_MARKS,
        are_dates,
        parted_dates,
        shared_year,
        without_not_on,
    )
    from nomarium.core.values.date_spans import DateSpan, span_of_dates
    from nomarium.core.values.date_text import ORDERS, Order
    from nomarium.core.values.dated_lines import EDGES_OF_LINES, date_left_in, dated_parts, line_scanner, split_line
    from nomarium.core.values.durations import Length, cell_length, read_length, read_shift, unit_in_heading, unit_of
    from nomarium.core.values.faults import Fault
    from nomarium.core.values.forms import (
        CLASS_FORM,
        PERSON_FORM,
        ROOM_FORM,
        TEACHER_FORM,
        TITLE_ALONE,
        TITLED_FORM,
        TITLED_WITHIN,
        are_people,
        most_are,
    )
    from nomarium.core.values.languages import (
        calendar_words,
        date_in,
        is_date,
        is_weekday,
        likeliest_words,
        may_be_short_weekday,
        may_be_weekday,
        only_order,
        short_weekdays,
        weekday_beside_date,
        weekday_in_any,
        weekdays_in_turn,
    )
    from nomarium.core.values.leading_weekdays import leading_weekdays
    from nomarium.core.values.moment import BLANK, DateChoices, Moment, MomentColumn
    from nomarium.core.values.moment_text import MomentScanner, behind_its_week
    from nomarium.core.values.moments import read_moments
    from nomarium.core.values.month_title import month_named, month_of
    from nomarium.core.values.names import Commas, NameReader, are_reversed_names, name_key
    from nomarium.core.values.parts_of_year import names_part_of_year
    from nomarium.core.values.people import Person, read_person
    from nomarium.core.values.places import is_place_name, is_place_word, looks_like_place
    from nomarium.core.values.reach import in_reach
    from nomarium.core.values.spans_within import (
        Found,
        ends_as_written,
        hours_of_part,
        is_and,
        is_span,
        span_in,
        spans_in,
        spans_with_days,
        without_preposition,
        words_behind_spans,
    )
    from nomarium.core.values.style import Style, style_of
    from nomarium.core.values.time_text import Span, TimeShape, scan_span, scan_time, several_times
    from nomarium.core.values.title_years import TitledYear, year_in_titles
    from nomarium.core.values.typed import is_to_come
    from nomarium.core.values.week_text import days_of_week, last_of_week, on_or_after, scan_weeks
    from nomarium.core.values.wording import (
        clock_words,
        counted,
        day_words,
        full_day,
        hours_and_minutes,
        minute_words,
        remark_behind,
    )
    from nomarium.core.values.words import MONTH_NAMES, WEEKDAY_NAMES, CalendarWords, normalised
    from nomarium.core.values.zones import near_zones, read_zone, zone_names, zone_of

__all__ = [
    "BLANK",
    "CLASS_FORM",
    "DATE_ENDS",
    "DAY",
    "EDGES_OF_LINES",
    "LATEST_USUAL_START",
    "LIST_MARKS",
    "LONGEST_PAST_MIDNIGHT",
    "MARKS",
    "MONTH_NAMES",
    "NO",
    "ORDERS",
    "PERSON_FORM",
    "PLAIN_YES",
    "ROOM_FORM",
    "TEACHER_FORM",
    "TITLED_FORM",
    "TITLED_WITHIN",
    "TITLE_ALONE",
    "WEEKDAY_NAMES",
    "YES",
    "CalendarWords",
    "Clock",
    "ClockTime",
    "Commas",
    "DateChoices",
    "DateSpan",
    "Fault",
    "Found",
    "Length",
    "Moment",
    "MomentColumn",
    "MomentScanner",
    "NameReader",
    "Order",
    "Person",
    "Span",
    "Style",
    "TimeShape",
    "TitledYear",
    "are_dates",
    "are_people",
    "are_reversed_names",
    "behind_its_week",
    "calendar_words",
    "cell_length",
    "clock_words",
    "counted",
    "date_in",
    "date_left_in",
    "dated_parts",
    "day_words",
    "days_of_week",
    "earliest_in_turn",
    "end_after",
    "ends_as_written",
    "full_day",
    "hours_and_minutes",
    "hours_of_part",
    "in_reach",
    "is_and",
    "is_date",
    "is_place_name",
    "is_place_word",
    "is_span",
    "is_to_come",
    "is_weekday",
    "last_of_week",
    "leading_weekdays",
    "likeliest_words",
    "line_scanner",
    "looks_like_place",
    "may_be_short_weekday",
    "may_be_weekday",
    "may_pass_midnight",
    "minute_words",
    "month_named",
    "month_of",
    "most_are",
    "name_key",
    "names_part_of_year",
    "near_zones",
    "normalised",
    "on_or_after",
    "only_order",
    "parted_dates",
    "read_busy",
    "read_color",
    "read_length",
    "read_moments",
    "read_person",
    "read_shift",
    "read_status",
    "read_visibility",
    "read_yes_no",
    "read_zone",
    "remark_behind",
    "scan_span",
    "scan_time",
    "scan_weeks",
    "several_times",
    "shared_year",
    "short_weekdays",
    "span_in",
    "span_of_dates",
    "spans_in",
    "spans_with_days",
    "speaks_of_nights",
    "split_line",
    "split_list",
    "start_before",
    "style_of",
    "time_at",
    "unit_in_heading",
    "unit_of",
    "weekday_beside_date",
    "weekday_in_any",
    "weekdays_in_turn",
    "without_not_on",
    "without_preposition",
    "words_behind_spans",
    "year_in_titles",
    "zone_names",
    "zone_of",
]

__getattr__ = on_demand(__name__)
