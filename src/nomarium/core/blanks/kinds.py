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
LAUNCH, AUTUMN, STORM, EARLY, DAY, CLASS, CODE = OWN_SAMPLES

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

_PERIODS = "“3”; “3–4” for a double period, “1, 4” for two. In a workbook, write “3–4” as text."

BELLS = BlankSheet(
    "Bells",
    (
        BlankColumn("Period", "Its name or number. Required.", DAY, width=20),
        BlankColumn("Start", "When it begins. Required.", time(10, 15)),
        BlankColumn("End", "When it ends. Required.", time(11, 5)),
        _DIVISION,
        BlankColumn("Day", "Only on these days: labels of the cycle (“A, C”) or weekdays (“Mon–Thu”)."),
        BlankColumn("Term", "Only in these terms."),
        BlankColumn(
            "Special day", "Only on the special days of this name; its bell times are then complete.", width=24
        ),
    ),
    (
        "One period a row. Where several rows fit a day, the one with more conditions holds.",
        "A period that a special day does not list does not run on it.",
        *_SHEET_RULES,
    ),
    'name it under [bells] in nomarium.toml: sheets = "{file}"; then: nomarium check',
)

TIMETABLE = BlankSheet(
    "Timetable",
    (
        BlankColumn("Class", "The class or section: its meetings are known by it. Required.", CLASS, width=22),
        BlankColumn("Course", "What it is called.", "Carvel planking", width=24),
        BlankColumn("Teacher", "Who teaches it; several separated by “;”.", "A. Name", width=20),
        BlankColumn("Room", "Where it meets.", "Adze Shed"),
        BlankColumn("Day", "Labels of the cycle (“A, C”, “1–3”), or weekdays (“Mon/Wed”). Required.", "1, 4"),
        BlankColumn("Period", _PERIODS, "3–4"),
        BlankColumn("Times", "In place of periods: “8:15–9:10”.", ""),
        BlankColumn("Division", "Its division, where the plan has several."),
        BlankColumn("Week", "The letters of the weeks in which it meets, where not in all."),
        BlankColumn("Term", "The terms in which it meets, where not in all."),
    ),
    ("One class at one period a row; several days in one cell.", *_SHEET_RULES),
    'name it in nomarium.toml: [sources.timetable] sheets = "{file}"; then: nomarium check',
)

CLASSES = BlankSheet(
    "Classes",
    (
        BlankColumn("Class", "The class as the timetable writes it. Required.", CLASS, width=22),
        BlankColumn("Course", "What it is called.", "Carvel planking", width=24),
        BlankColumn("Division", "Its division.", ""),
        BlankColumn("Teacher", "Who teaches it, where the timetable does not say.", ""),
        BlankColumn("Room", "Where it meets, where the timetable does not say.", ""),
    ),
    ("One class a row.", *_SHEET_RULES),
    'name it under [classes] in nomarium.toml: lists = "{file}"; then: nomarium check',
)

ROSTER = BlankSheet(
    "Roster",
    (
        BlankColumn("Class", "The class as the timetable writes it. Required.", CLASS, width=22),
        BlankColumn("Student", "Who is in it; several separated by “;”. Required.", "A. Name", width=30),
    ),
    ("One class and student a row.", *_SHEET_RULES),
    'name it under [classes] in nomarium.toml: rosters = "{file}"; then: nomarium check',
)

CHANGES = BlankSheet(
    "Changes",
    (
        BlankColumn("Date", "The day of the meeting, as the timetable has it. Required.", date(2026, 10, 14)),
        BlankColumn("Class", "The class, or “all”.", CLASS, width=22),
        BlankColumn("Period", "Its period, where it meets twice that day. Write it as text.", ""),
        BlankColumn(
            "Change",
            "“cancelled”, or empty where a new date, time, room or teacher says it.",
            "cancelled",
            ("cancelled",),
        ),
        BlankColumn("New date", "The day that it moves to."),
        BlankColumn("New period", "The period that it moves to."),
        BlankColumn("New start", "Or the time that it moves to.", ""),
        BlankColumn("New room", "The room that it moves to.", ""),
        BlankColumn("New teacher", "Who takes it.", ""),
    ),
    ("One change a row. All dates and periods are those of the timetable before any change.", *_SHEET_RULES),
    'name it under [classes] in nomarium.toml: changes = "{file}"; then: nomarium check',
)

CODES = BlankSheet(
    "Codes",
    (
        BlankColumn("Code", "The code of the master list. Required.", CODE),
        BlankColumn("Title", "What it stands for; empty where the time is free.", "Slip watch", width=28),
        BlankColumn("Room", "Where it is.", "Town slip"),
    ),
    ("One code a row, one sheet a person: the sheet or file goes by the person’s name.", *_SHEET_RULES),
    'name it beside its master list in nomarium.toml: [sources.NAME] codes = ["{file}"]; then: nomarium check',
)

KINDS: dict[str, BlankSheet] = {
    "events": EVENTS,
    "terms": TERMS,
    "closures": CLOSURES,
    "special-days": SPECIAL_DAYS,
    "days": DAYS,
    "bells": BELLS,
    "timetable": TIMETABLE,
    "classes": CLASSES,
    "roster": ROSTER,
    "changes": CHANGES,
    "codes": CODES,
}
"""The kinds of blank sheet, by the word that asks for them."""
