"""Programmes: rows that count from a start, dated for one group or for several at once."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.programmes.dating import DatingRules, OnClosed, Undatable, date_rows, dating_rules, start_for_end
    from nomarium.core.programmes.groups import GROUP_SHEET, Group, alone, groups_of_file, read_groups
    from nomarium.core.programmes.offsets import Counts, Offset, read_offset
    from nomarium.core.programmes.sheet import GROUP_HEADING, DatedProgramme, Programme, dated, find_programme
    from nomarium.core.programmes.wording import both_ends, no_programme

__all__ = [
    "GROUP_HEADING",
    "GROUP_SHEET",
    "Counts",
    "DatedProgramme",
    "DatingRules",
    "Group",
    "Offset",
    "OnClosed",
    "Programme",
    "Undatable",
    "alone",
    "both_ends",
    "date_rows",
    "dated",
    "dating_rules",
    "find_programme",
    "groups_of_file",
    "no_programme",
    "read_groups",
    "read_offset",
    "start_for_end",
]

__getattr__ = on_demand(__name__)
