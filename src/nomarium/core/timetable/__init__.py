"""Sheets of meetings, codes, rosters, classes and changes → what meets when, and who is in it."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.timetable.captions import each_by_name
    from nomarium.core.timetable.cell_lines import CellPattern, lines_of_cell
    from nomarium.core.timetable.changes import Change, read_changes
    from nomarium.core.timetable.codes import (
        CodedMeeting,
        CodedSlot,
        CodeSheet,
        MasterList,
        chosen_blocks,
        join_blocks,
        join_codes,
        read_codes,
        read_master,
    )
    from nomarium.core.timetable.editions import mark_editions, supersede
    from nomarium.core.timetable.grades import division_by_grade, grade_of
    from nomarium.core.timetable.grid_shape import Block, find_blocks
    from nomarium.core.timetable.grids import holding_title, join_meetings, read_grids_of
    from nomarium.core.timetable.lists import MeetingSheet, TimetableChoices, parts_with_times, read_list
    from nomarium.core.timetable.meeting import WHO_FIELDS, Meeting, Values, When, clean
    from nomarium.core.timetable.month_pages import MonthPage, read_month_page
    from nomarium.core.timetable.rosters import (
        ClassLists,
        Rosters,
        class_columns,
        class_of_sheet,
        read_class_list,
        read_roster,
    )

__all__ = [
    "WHO_FIELDS",
    "Block",
    "CellPattern",
    "Change",
    "ClassLists",
    "CodeSheet",
    "CodedMeeting",
    "CodedSlot",
    "MasterList",
    "Meeting",
    "MeetingSheet",
    "MonthPage",
    "Rosters",
    "TimetableChoices",
    "Values",
    "When",
    "chosen_blocks",
    "class_columns",
    "class_of_sheet",
    "clean",
    "division_by_grade",
    "each_by_name",
    "find_blocks",
    "grade_of",
    "holding_title",
    "join_blocks",
    "join_codes",
    "join_meetings",
    "lines_of_cell",
    "mark_editions",
    "parts_with_times",
    "read_changes",
    "read_class_list",
    "read_codes",
    "read_grids_of",
    "read_list",
    "read_master",
    "read_month_page",
    "read_roster",
    "supersede",
]

__getattr__ = on_demand(__name__)
