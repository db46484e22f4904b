"""A plan → all its calendars, and what is to be said about them."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.building.build import Build, BuildChoices, count_by_class, lessons_if_closed, prepare
    from nomarium.core.building.calendars import Part, hours_of
    from nomarium.core.building.census import ClassCount, count_classes, count_labels
    from nomarium.core.building.clashes import Clash, find_clashes
    from nomarium.core.building.files import INDEX, foreign_files, index_bytes, no_longer_built, write_calendars
    from nomarium.core.building.footing import Footing, footing
    from nomarium.core.building.known_sheets import read_bell_times
    from nomarium.core.building.lessons import LaidLesson, moves_of_lessons
    from nomarium.core.building.provenance import tell_why
    from nomarium.core.building.sheet_desk import ColumnUse, FileRead, column_uses

__all__ = [
    "INDEX",
    "Build",
    "BuildChoices",
    "Clash",
    "ClassCount",
    "ColumnUse",
    "FileRead",
    "Footing",
    "LaidLesson",
    "Part",
    "column_uses",
    "count_by_class",
    "count_classes",
    "count_labels",
    "find_clashes",
    "footing",
    "foreign_files",
    "hours_of",
    "index_bytes",
    "lessons_if_closed",
    "moves_of_lessons",
    "no_longer_built",
    "prepare",
    "read_bell_times",
    "tell_why",
    "write_calendars",
]

__getattr__ = on_demand(__name__)
