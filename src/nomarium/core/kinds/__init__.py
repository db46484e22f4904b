"""What each kind of sheet is: its fields, what they hold, how it is told from others, and its blank sheet."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.kinds.bells import BELL_SHEET, NAMES_SHEET
    from nomarium.core.kinds.change_words import CANCELLED, KINDS, MOVED, ROOM, TEACHER, change_key, named_changes
    from nomarium.core.kinds.changes import CHANGE_SHEET
    from nomarium.core.kinds.class_fields import PERIOD_HEADINGS
    from nomarium.core.kinds.classes import CLASS_SHEET, ROSTER_SHEET
    from nomarium.core.kinds.closures import CLOSURE_SHEET
    from nomarium.core.kinds.codes import CODE_SHEET, SLOT_SHEET
    from nomarium.core.kinds.events import EVENT_FIELDS, EVENT_SHEET
    from nomarium.core.kinds.labels import LETTERS, NUMBERS, PLAIN_LABELS, bare_label, label_order
    from nomarium.core.kinds.lessons import LESSON_SHEET, NOTE_SHEET
    from nomarium.core.kinds.listed_days import DAY_SHEET, listed_sheet, plain_labels
    from nomarium.core.kinds.lookups import PEOPLE_SHEET, PLACE_SHEET, SUBJECT_SHEET, means_people
    from nomarium.core.kinds.registry import SHEET_KINDS
    from nomarium.core.kinds.special_days import SPECIAL_SHEET, is_usual
    from nomarium.core.kinds.terms import TERM_SHEET
    from nomarium.core.kinds.timetable import TIMETABLE_SHEET, not_every_week, on_its_date, on_its_dates
    from nomarium.core.kinds.weeks import WEEK_SHEET, heads_weeks, week_numbers_in

__all__ = [
    "BELL_SHEET",
    "CANCELLED",
    "CHANGE_SHEET",
    "CLASS_SHEET",
    "CLOSURE_SHEET",
    "CODE_SHEET",
    "DAY_SHEET",
    "EVENT_FIELDS",
    "EVENT_SHEET",
    "KINDS",
    "LESSON_SHEET",
    "LETTERS",
    "MOVED",
    "NAMES_SHEET",
    "NOTE_SHEET",
    "NUMBERS",
    "PEOPLE_SHEET",
    "PERIOD_HEADINGS",
    "PLACE_SHEET",
    "PLAIN_LABELS",
    "ROOM",
    "ROSTER_SHEET",
    "SHEET_KINDS",
    "SLOT_SHEET",
    "SPECIAL_SHEET",
    "SUBJECT_SHEET",
    "TEACHER",
    "TERM_SHEET",
    "TIMETABLE_SHEET",
    "WEEK_SHEET",
    "bare_label",
    "change_key",
    "heads_weeks",
    "is_usual",
    "label_order",
    "listed_sheet",
    "means_people",
    "named_changes",
    "not_every_week",
    "on_its_date",
    "on_its_dates",
    "plain_labels",
    "week_numbers_in",
]

__getattr__ = on_demand(__name__)
