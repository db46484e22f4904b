"""A plan to begin with, for a school that has no sheets yet."""

from __future__ import annotations

from nomarium.core.drafting.toml import one_line, toml_text

_STARTER = """\
# The plan of {name}. Fill in the blank sheets beside it, then: nomarium check, nomarium build.
# docs/plan.md explains every key.

[school]
name = {quoted}
zone = {zone}
# divisions = ["Upper", "Lower"]      # where closures, cycles or bell times differ

[year]
terms = "terms.xlsx"
closures = "closures.xlsx"
# public_holidays = "CA-NS"           # the country and region whose public holidays close the school
# school_days = "Mon-Fri"

# The rotating cycle of days. Take it out where the timetable goes by weekdays.
[cycles.Day]
labels = "1-6"
advance = "school days"               # a closure holds the day; “working days”: it uses it up
# restart = "each term"

[bells]
sheets = "bells.xlsx"
double_periods = "one event"          # neighbouring periods of one class

[classes]
changes = "changes.xlsx"
rosters = "roster.xlsx"

[sources.timetable]
sheets = "timetable.xlsx"

[sources.events]
sheets = "events.xlsx"

# One calendar a teacher, with the school’s events in each.
[calendars.teachers]
sources = "timetable"
for_all = "events"
split = "teacher"

[calendars.students]
sources = "timetable"
split = "student"

[calendars.events]
sources = "events"
"""

STARTER_SHEETS = ("terms", "closures", "bells", "timetable", "roster", "changes", "events")
"""The kinds of blank sheets that it names, each in a workbook of that name."""


def starter_plan(name: str, zone: str) -> str:
    """Return the text of a plan with comments, for a school of that name."""
    text = _STARTER.format(name=one_line(name), quoted=toml_text(name), zone=toml_text(zone))
    return text.replace("[cycles.Day]", "[cycles.Cycle]")
