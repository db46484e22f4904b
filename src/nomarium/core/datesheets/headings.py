"""What sheets of terms, closures, special days and listed days hold, and the headings that people write for it."""

from __future__ import annotations

from nomarium.core.columns import Field, SheetFields

_FIRST_DAY = (
    "date|dates|day|first day|start|starts|start date|begins|begin|begin date|beginning|from|from date|date from|"
    "opens|first|commences|when|starting|first date|datum|fecha|data|début|beginn|inicio|inizio|von|du"
)
_LAST_DAY = (
    "last day|end|ends|end date|to|to date|date to|until|till|through|closes|last|finish|finishes|finish date|ending|"
    "last date|ende|fin|fine|bis|au"
)
_WEEKDAY = Field(
    "weekday", "the weekday of the date: proof of how it is read", "weekday|day of week|day of the week|dow|week day"
)
_DIVISION = Field(
    "division",
    "the divisions (or cycles) it is for, separated by “;”; empty for all",
    "division|divisions|for|for whom|applies to|who|section|campus|site|part|school section|group|groups|audience",
)

TERM_SHEET = SheetFields(
    "terms",
    (
        Field(
            "summary",
            "the term’s name; required",
            "term|name|terms|semester|quarter|half term|half-term|trimester|period|session|title|term name|what|"
            "semester name|block|season|label|event|description|trimestre|semestre|halbjahr|schuljahr|year",
        ),
        Field("start_date", "its first day, or both: “8 Sep – 18 Dec 2026”; required", f"{_FIRST_DAY}|term begins"),
        Field("end_date", "its last day, included", f"{_LAST_DAY}|term ends"),
        _WEEKDAY,
    ),
)

CLOSURE_SHEET = SheetFields(
    "closures",
    (
        Field(
            "summary",
            "what closes the school",
            "closure|name|holiday|reason|event|what|title|occasion|closures|holidays|holiday name|break|vacation|"
            "storm day|storm days|snow day|snow days|weather day|description|name of holiday|day off|no school|"
            "feiertag|ferien|vacances|congé|festivo|vakantie",
        ),
        Field("start_date", "the day, its first day, or a range of days; required", _FIRST_DAY),
        Field("end_date", "its last day, included", _LAST_DAY),
        _WEEKDAY,
        _DIVISION,
        Field(
            "effect",
            "what it does to a cycle: hold (the label waits) or skip (the label is used up)",
            "effect|cycle|hold or skip|hold/skip|cycle effect|effect on cycle|cycle does|rotation|label",
        ),
        Field(
            "kind",
            "closed, or half day",
            "kind|type|status|category|closed|open or closed|school closed|classes|half day",
        ),
    ),
    needs=("date",),
)

SPECIAL_SHEET = SheetFields(
    "special days",
    (
        Field(
            "summary",
            "what the day is called: its bell times go by this name",
            "special day|name|special|schedule|bell times|bells|what|bell schedule|day type|type|kind|title|event|"
            "description|reason",
        ),
        Field("start_date", "the day, its first day, or a range of days; required", _FIRST_DAY),
        Field("end_date", "its last day, included", _LAST_DAY),
        _WEEKDAY,
        _DIVISION,
        Field(
            "follows",
            "the weekday whose timetable holds on it",
            "follows|timetable of|as on|runs as|follows weekday|weekday timetable|uses timetable of|timetable",
        ),
        Field("school", "yes makes a rest day a school day", "school|school day|is school|school in"),
        Field(
            "cycle_day",
            "“none” where no day of the cycle runs on it; “none; skip” where it uses up a label",
            "cycle day|cycle|day of cycle|rotation day|cycle days",
        ),
    ),
    needs=("date",),
)

LABEL_HEADINGS = (
    "label|cycle day|day letter|letter day|rotation day|rotation|cycle|day number|letter|timetable day|day of cycle|"
    "workshop day|day name|school day|day type|schedule day|day code|day|a/b day|ab day|day no|day #"
)


def listed_sheet(cycle: str = "") -> SheetFields:
    """Return the fields of a sheet of dates and labels; with a cycle's name, its column is the label."""
    return SheetFields(
        "listed days",
        (
            Field("start_date", "the day; required", "date|dates|when|on|calendar date|datum|fecha|data|school date"),
            Field("weekday", _WEEKDAY.meaning, _WEEKDAY.headings),
            Field("summary", "its label in the cycle; required", f"{cycle}|day {cycle}" if cycle else LABEL_HEADINGS),
        ),
    )
