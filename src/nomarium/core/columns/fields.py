"""Fields, kinds of sheets, and the fields that all of the program speaks of.

Case, spaces, punctuation and line breaks of a heading do not matter: "Start-Date" is "start date".
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field, replace
from datetime import date, time
from enum import StrEnum
from functools import lru_cache
from typing import TYPE_CHECKING, NamedTuple

from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns.evidence import Evidence, Verdict


class Holds(StrEnum):
    """What the cells of a field hold."""

    TEXT = "text"
    DATE = "a date"
    TIME = "a time"
    MOMENT = "a date, a time or both"
    HOURS = "a span of times"
    LENGTH = "a length of time"
    DAYS = "days"
    PERIODS = "periods"
    PEOPLE = "people"
    PLACE = "places"
    NAMES = "names"
    NUMBER = "a number"
    CHOICE = "one of a few words"
    YES_NO = "yes or no"


class Blank(NamedTuple):
    """A column of a blank sheet: its heading, what to write in it, and its cell of the sample row."""

    heading: str
    note: str
    sample: str | date | time = ""
    choices: tuple[str, ...] = ()
    """What its drop-down list offers; nothing else is refused."""
    width: int = 16


class Field(NamedTuple):
    """A field: its name (RFC 5545's own where it has one), what it holds, and the headings that mean it."""

    name: str
    meaning: str
    headings: str
    """The headings that a kind of sheet has for it, separated by ``|``."""
    holds: Holds = Holds.TEXT
    shared: str = ""
    """Headings from the words that all kinds share: they mean the field where no other field has them as its own."""
    blank: Blank | None = None
    """Its column in the blank sheet of its kind; none where that does not ask for it."""
    codes: str = ""
    """The field that a second column of it is, where that holds codes: “Course” with “CHEM 110” beside “Title”."""
    timed: str = ""
    """The field that it is where its cells are times of day: “Fra”."""
    dated: str = ""
    """The field that it is where it holds dates: “Starts” with “15 Sep 2026” beside “Time”."""
    titled: str = ""
    """The field that it is where it holds titles: “Closed” with “Office move” below it, and no yes or no."""
    last_word: str = ""
    """A word that means it behind a name that nobody can foresee: "Loft day"."""
    joint: str = ""
    """What joins the texts of several columns of it; empty where only one column can be it."""

    @property
    def all_headings(self) -> tuple[str, ...]:
        """Its own headings and those that it shares, each once."""
        return tuple(dict.fromkeys(filter(None, f"{self.headings}|{self.shared}".split("|"))))


class Kind(StrEnum):
    """The kinds of sheets, in the words that reports use."""

    TERMS = "terms"
    CLOSURES = "closures"
    SPECIAL_DAYS = "special days"
    DAYS = "listed days"
    WEEKS = "list of weeks"
    BELLS = "bell times"
    PERIOD_NAMES = "other names for periods"
    CLASSES = "class list"
    ROSTER = "roster"
    CHANGES = "changes"
    LESSONS = "lessons"
    NOTES = "notes for meetings"
    PROGRAMME = "programme"
    GROUPS = "groups of a programme"
    LIST = "timetable, a list"
    GRID = "timetable, a grid"
    MONTHS = "month page"
    SLOTS = "list of coded slots"
    CODES = "codes"
    EVENTS = "events"
    CALENDAR = "calendar"
    PEOPLE = "people"
    PLACES = "places"
    SUBJECTS = "subjects"


class BlankSheet(NamedTuple):
    """What a blank sheet says beside its columns: its tab's name, its instructions, and what comes next."""

    name: str
    instructions: tuple[str, ...]
    next_step: str
    """What to do with it when it is filled in; ``{file}`` and ``{stem}`` are its path, whole and without ending."""


Condition = Callable[["Evidence"], "Verdict"]
"""Something that must be true of a table for it to be of a kind."""


@dataclass(frozen=True, slots=True, eq=False)
class SheetKind:
    """A kind of sheet: its fields, what each row must have, and how it is told from other kinds."""

    kind: Kind
    rows: str
    """What its rows are, in the plural: "events"."""
    fields: tuple[Field, ...]
    needs: tuple[str, ...] = ("title", "date")
    """What each row must have."""
    proof: tuple[Condition, ...] = ()
    """What must be true of a table for it to be of this kind."""
    telling: tuple[str, ...] = ()
    """The fields whose headings are named as the reason."""
    spans: tuple[tuple[str, str], ...] = ()
    """Pairs of fields that are the first and the last of a span: one is not understood without the other."""
    blank: BlankSheet | None = None
    whole: tuple[str, ...] = field(default=())
    """The fields that may be said for a whole sheet: by the plan, a title above it, its tab or its file's name."""

    @property
    def names(self) -> tuple[str, ...]:
        """The names of all fields."""
        return tuple(field.name for field in self.fields)

    def field(self, name: str) -> Field | None:
        """Return a field by its name."""
        return next((one for one in self.fields if one.name == name), None)

    def holding(self, *holds: Holds) -> tuple[str, ...]:
        """Return the names of the fields that hold something."""
        return tuple(one.name for one in self.fields if one.holds in holds)

    def needing(self, *needs: str) -> SheetKind:
        """Return the kind with other things that a row must have."""
        return replace(self, needs=needs)


START_FIELDS = ("start", "start_date", "start_time", "when", "hours")
END_FIELDS = ("end", "end_date", "end_time")
MOMENT_FIELDS = (*START_FIELDS, *END_FIELDS)
TIME_FIELDS = ("start_time", "end_time", "hours")
"""Fields in which "9.30" is a time rather than a date."""

TIMED_FIELDS = ("start_time", "end_time", "start", "end", "hours", "when")
"""Fields that may say a time of day, with or without a date."""

ROW_FIELDS = (
    "id",
    "summary",
    "start",
    "end",
    "all_day",
    "location",
    "description",
    "categories",
    "url",
    "status",
    "visibility",
    "busy",
    "organizer",
    "attendees",
    "reminders",
    "zone",
    "repeat",
)
"""The headings of the rows that calendars are written as; a sheet that has them all is read as such rows."""

RULE_FIELDS = ("except", "also", "occurrence")
"""Three more headings of rows that keep repeats as rules."""

DAY_HEADINGS = frozenset(
    "day days dia día jour tag giorno dag päivä dzień den deň nap zi ziua dan день ден ημέρα μέρα gün päev diena dagur "
    "dita hari יום اليوم".split()
)
"""Headings that mean a weekday or a date: what stands below decides."""

YEAR_HEADINGS = frozenset("year yyyy yy jahr année annee año ano anno jaar år".split())

FILE_WIDE_FIELDS = (
    "location",
    "description",
    "categories",
    "url",
    "status",
    "visibility",
    "busy",
    "organizer",
    "attendees",
    "color",
    "priority",
    "geo",
    "image",
    "conference",
)
"""Fields that can be stated for all events of a file at once."""

_BRACKETS = regex(r"\([^()]*\)|\[[^\[\]]*\]")


def without_brackets(heading: str) -> str:
    """Return a heading without what stands in brackets: "Date (dd/mm/yyyy)" → "Date"."""
    return _BRACKETS.sub(" ", heading).strip()


@lru_cache(maxsize=20_000)
def heading_key(heading: str) -> str:
    """Return a heading without all that does not matter: "Start-Date:" → "startdate", "#" stays "#"."""
    if heading.replace(" ", "").isalnum():
        return heading.casefold().replace(" ", "")
    return "".join(letter for letter in heading.casefold() if letter.isalnum()) or heading.strip()
