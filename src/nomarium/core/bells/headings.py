"""What sheets of bell times and of names for periods hold, and the headings that people write for it."""

from __future__ import annotations

from nomarium.core.columns import Field, SheetFields

PERIOD_HEADINGS = (
    "period|periods|block|lesson|bell|slot|pd|per|period number|period no|period name|class period|hour|time slot|"
    "lesson number|stunde|module|mod"
)
DIVISION_HEADINGS = (
    "division|divisions|school|school section|campus|site|phase|stage|unit|years|grades|year group|level"
)

BELL_SHEET = SheetFields(
    "bell times",
    (
        Field("period", "the period’s name or number; required", PERIOD_HEADINGS),
        Field(
            "start",
            "when it begins",
            "start|starts|begin|begins|from|start time|begin time|time in|opens|beginn|von",
        ),
        Field("end", "when it ends", "end|ends|to|until|end time|finish|finishes|time out|closes|ende|bis"),
        Field("hours", "both in one cell: “8:15–9:10”", "hours|times|time|bell times|from to|time span|start end"),
        Field("division", "the divisions that it holds for, separated by “;”; empty for all", DIVISION_HEADINGS),
        Field(
            "day",
            "the days that it holds on: labels of the cycle or weekdays; empty for all",
            "day|days|on|cycle day|cycle days|label|rotation day|day letter|letter day",
        ),
        Field(
            "weekday",
            "the weekdays that it holds on: “Mon–Thu”; empty for all",
            "weekday|weekdays|day of week|day of the week",
        ),
        Field("term", "the terms that it holds in; empty for all", "term|terms|semester|quarter|trimester|season"),
        Field(
            "special",
            "the special day that it holds on, by its name",
            "special|special day|special days|schedule|bell schedule|schedule name|day type|timetable|variant",
        ),
    ),
    needs=("period",),
)

NAMES_SHEET = SheetFields(
    "names of periods",
    (
        Field(
            "written",
            "the period as the timetable writes it; required",
            "written|written as|timetable period|in timetable|as written|called|name|number|period name|"
            "says|their period",
        ),
        Field(
            "period",
            "the period that is rung; required",
            "period|rung|rung as|rings as|bell|bell period|means|is|real period|bell times period",
        ),
        Field("division", "the divisions for which it is so", DIVISION_HEADINGS),
        Field(
            "group",
            "the groups or classes for which it is so",
            "group|groups|class|classes|for|section|sections|year|grade|team",
        ),
    ),
    needs=("period",),
)
