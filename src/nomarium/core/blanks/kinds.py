"""What each kind of blank sheet asks for."""

from __future__ import annotations

from dataclasses import dataclass, replace
from datetime import date, time

from nomarium.core.tables import OWN_SAMPLE


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

    def with_choices(self, heading: str, choices: tuple[str, ...]) -> BlankSheet:
        """Return the sheet with another drop-down list under a heading; its sample is the first choice."""
        columns = tuple(
            replace(column, choices=choices, sample=choices[0]) if column.heading == heading and choices else column
            for column in self.columns
        )
        return replace(self, columns=columns)


YES_NO = ("yes", "no")

EVENTS = BlankSheet(
    "Events",
    (
        BlankColumn("Title", "What the event is called. Required.", OWN_SAMPLE, width=32),
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
)

KINDS: dict[str, BlankSheet] = {"events": EVENTS}
"""The kinds of blank sheet, by the word that asks for them."""
