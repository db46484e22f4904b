"""Lessons: what is taught, in order, laid onto the meetings of a class."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.lessons.laying import Laid, Laying, LayingRules, Meeting, lay
    from nomarium.core.lessons.notes import Note, read_notes
    from nomarium.core.lessons.sheet import HALVES, LESSON_TEXTS, Lesson, in_order, read_lessons

__all__ = [
    "HALVES",
    "LESSON_TEXTS",
    "Laid",
    "Laying",
    "LayingRules",
    "Lesson",
    "Meeting",
    "Note",
    "in_order",
    "lay",
    "read_lessons",
    "read_notes",
]

__getattr__ = on_demand(__name__)
