"""What each kind of blank sheet asks for."""

from __future__ import annotations

from dataclasses import dataclass, replace
from datetime import date, time

from nomarium.core.tables import OWN_SAMPLES


@dataclass(frozen=True, slots=True)
class BlankColumn:
    """One column: its heading, what to write in it, and its cell of the sample row."""

    heading: str
    note: str
    sample: str | date | time = ""
    choices: tuple[str, ...] = ()
    """What its drop-down list offers; nothing else is refused."""
    width: int = 16


@dataclass(frozen=True, slots=True)
class BlankSheet:
    """A sheet to fill in, and the instructions that come with it."""

    name: str
    columns: tuple[BlankColumn, ...]
    instructions: tuple[str, ...]
    next_step: str
    """What to do with it when it is filled in; ``{file}`` and ``{stem}`` are its path, whole and without ending."""

    def with_choices(self, heading: str, choices: tuple[str, ...]) -> BlankSheet:
        """Return the sheet with another drop-down list under a heading; its sample is the first choice."""
        columns = tuple(
            replace(column, choices=choices, sample=choices[0]) if column.heading == heading and choices else column
            for column in self.columns
        )
        return replace(self, columns=columns)


YES_NO = ("yes", "no")
LAUNCH, AUTUMN, STORM, EARLY, DAY = OWN_SAMPLES

EVENTS = BlankSheet(
    "Events",
    (
        BlankColumn("Title", "What the event is called. Required.", LAUNCH, width=32),
        BlankColumn("Date", "The day, or the first of several. Required.", date(2026, 10, 23)),
        BlankColumn("Start time", "Leave it empty for an event of whole days.", time(13, 0)),
        BlankColumn("End date", "The last day, included; empty for the same day."),
        BlankColumn("End time", "If it is empty, the event takes an hour.", time(16, 30)),
        BlankColumn("All day", "yes for an event of whole days.", "no", YES_NO),
        BlankColumn("Location", "Where it is.", "Town slip", width=24),
        BlankColumn("Description", "Anything more.", "High water at ten past two", width=40),
        BlankColumn("Category", "One or more, separated by “;”.", "Launch", ("School", "Staff", "Visitors", "Closure")),
        BlankColumn("Status", "Empty means nothing is said.", "confirmed", ("confirmed", "tentative", "cancelled")),
        BlankColumn("Private", "yes keeps the details from others.", "no", YES_NO),
        BlankColumn("Link", "A web address.", "https://orrinsound.example.org", width=28),
        BlankColumn("Reminders", "How long before: “1 day; 15 min”.", "1 day"),
        BlankColumn(
            "Id", "Your own number of the event. With it, a corrected title or date keeps its identity.", "E-1"
        ),
    ),
    (
        "One event a row, below the headings. The sample row is never imported; you may delete it.",
        "A title and a date are all that an event needs. Columns that you do not need may stay empty or be deleted.",
        "Dates and times: type them as your spreadsheet program expects them; it then shows them as such.",
        "Rows may stand in any order, and blank rows do no harm.",
        "Then: nomarium inspect FILE shows how it is read, nomarium convert FILE -o events.ics makes the calendar.",
    ),
    "nomarium convert {file} -o {stem}.ics",
)

_SHEET_RULES = (
    "The sample row is never read; you may delete it.",
    "Dates: type them as your spreadsheet program expects them; it then shows them as such.",
    "Rows may stand in any order, and blank rows do no harm.",
)
_DIVISION = BlankColumn("Division", "Whom it is for, where not all: divisions of the plan, separated by “;”.")

TERMS = BlankSheet(
    "Terms",
    (
        BlankColumn("Term", "What it is called. Required.", AUTUMN, width=24),
        BlankColumn("First day", "Its first school day. Required.", date(2026, 9, 8)),
        BlankColumn("Last day", "Its last school day. Required.", date(2026, 12, 18)),
    ),
    (
        "One term a row. Terms may hold one another (a year, its semesters), but not overlap otherwise.",
        *_SHEET_RULES,
    ),
    'name it under [year] in nomarium.toml: terms = "{file}"; then: nomarium days',
)

CLOSURES = BlankSheet(
    "Closures",
    (
        BlankColumn("Closure", "What closes the school.", STORM, width=30),
        BlankColumn("First day", "The day, or the first of several. Required.", date(2027, 1, 12)),
        BlankColumn("Last day", "The last of several, included; empty for one day.", date(2027, 1, 12)),
        _DIVISION,
        BlankColumn(
            "Cycle",
            "hold: the day’s label waits for the next day. skip: it is used up. Empty: as the plan says.",
            "hold",
            ("hold", "skip"),
        ),
        BlankColumn("Kind", "half day: school is in. Empty means closed.", "closed", ("closed", "half day")),
    ),
    ("One closure a row.", *_SHEET_RULES),
    'name it under [year] in nomarium.toml: closures = "{file}"; then: nomarium days',
)

SPECIAL_DAYS = BlankSheet(
    "Special days",
    (
        BlankColumn("Special day", "What the day is called; its bell times go by this name.", EARLY, width=30),
        BlankColumn("First day", "The day, or the first of several. Required.", date(2026, 12, 16)),
        BlankColumn("Last day", "The last of several, included; empty for one day.", date(2026, 12, 17)),
        _DIVISION,
        BlankColumn(
            "Follows",
            "The weekday whose timetable holds, where it is not its own.",
            "",
            ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"),
        ),
        BlankColumn("School", "yes makes a rest day a school day.", "", YES_NO),
        BlankColumn(
            "Cycle day",
            "none: no day of the cycle runs on it. “none; skip”: and its label is used up.",
            "",
            ("none", "none; hold", "none; skip"),
        ),
    ),
    ("One special day a row: school is in, but not as usual.", *_SHEET_RULES),
    'name it under [year] in nomarium.toml: special_days = "{file}"; then: nomarium days',
)

DAYS = BlankSheet(
    "Days",
    (
        BlankColumn("Date", "The day. Required.", date(2026, 9, 10)),
        BlankColumn("Label", "Its day in the cycle. Required.", DAY),
    ),
    ("One date a row, for a cycle that is listed and not worked out, or to prove one that is.", *_SHEET_RULES),
    'name it under [cycles.NAME] in nomarium.toml: listed = "{file}"; or: nomarium days --against {file}',
)

KINDS: dict[str, BlankSheet] = {
    "events": EVENTS,
    "terms": TERMS,
    "closures": CLOSURES,
    "special-days": SPECIAL_DAYS,
    "days": DAYS,
}
"""The kinds of blank sheet, by the word that asks for them."""
