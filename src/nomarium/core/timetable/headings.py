"""What sheets of meetings, codes, rosters, classes and changes hold, and the headings that people write for it."""

from __future__ import annotations

from nomarium.core.bells import DIVISION_HEADINGS, PERIOD_HEADINGS
from nomarium.core.columns import Field, SheetFields

_CLASS = (
    "class|classes|section|sections|class code|class name|section id|section code|class section|course section|crn|"
    "form|set|klasse|curso|classe|class id|section name|section number|teaching group|lesson class"
)
_COURSE = (
    "course|subject|course name|subject name|course title|fach|matière|asignatura|unit of study|discipline|title|"
    "lesson|activity"
)
_TEACHER = (
    "teacher|teachers|instructor|instructors|staff|taught by|tutor|lecturer|faculty|teacher name|instructor name|"
    "lehrer|professor|profesor|coach|teacher code|staff code"
)
_ROOM = "room|rooms|location|place|where|room number|room no|venue|raum|salle|aula|sala|room name|building|shop"
_STUDENT = (
    "student|students|pupil|pupils|learner|student name|name|full name|apprentice|apprentices|schüler|élève|"
    "alumno|trainee"
)
_TEAM = "team|teams|crew|squad|house|advisory|homeroom|tutor group"
_GROUP = "group|groups|subgroup|half|lab group|set group"
_DAY = (
    "day|days|cycle day|cycle days|rotation day|label|day letter|letter day|weekday|weekdays|day of week|on|"
    "meets on|meeting days|day number|workshop day|tag|jour|día|timetable day"
)
_WEEK = "week|weeks|week letter|letter|a/b|week a/b|ab week|week type"

_WHO = (
    Field("class", "the class or section; its meetings are known by it", _CLASS),
    Field("course", "the course or subject", _COURSE),
    Field("teacher", "who teaches it; several separated by “;”", _TEACHER),
    Field("room", "where; several separated by “;”", _ROOM),
    Field("division", "its division, where cycles, closures or bell times differ", DIVISION_HEADINGS),
    Field("group", "a part of the class", _GROUP),
    Field("team", "a team", _TEAM),
)

TIMETABLE_SHEET = SheetFields(
    "meetings",
    (
        *_WHO,
        Field("student", "a student, for a timetable of one", _STUDENT.replace("|name|", "|")),
        Field("day", "labels of the cycle, or weekdays: “A, C”, “1–3”, “Mon/Wed”, “Mon A”", _DAY),
        Field("period", "“3”, “3–4” for a double, “1, 4” for two", f"{PERIOD_HEADINGS}|meets|meeting period"),
        Field(
            "slot",
            "day and period in one: “A1 C4”",
            "slots|meeting pattern|meeting times|day and period|day/period|day period|meets at|pattern|"
            "schedule|expression|timeslots|block code|slot code",
        ),
        Field(
            "start",
            "when it begins, where it has clock times of its own",
            "start|starts|begin|begins|start time|from time|time from|beginn",
        ),
        Field(
            "end",
            "when it ends, where it has clock times of its own",
            "end|ends|finish|end time|to time|time to|ende",
        ),
        Field("hours", "both in one cell: “8:15–9:10”", "hours|times|time|clock times|time of day"),
        Field("week", "the letters of the weeks in which it is", _WEEK),
        Field("term", "the terms in which it is", "term|terms|semester|quarter|trimester|session|block of year"),
        Field(
            "from",
            "its first day, where it does not run all year",
            "from|from date|start date|first day|first date|begins on|starts on|effective|effective from|valid from",
        ),
        Field(
            "until",
            "its last day",
            "until|until date|to date|end date|last day|last date|ends on|through|to|effective to|valid to",
        ),
    ),
    needs=("class",),
)

CLASS_SHEET = SheetFields(
    "classes",
    (*_WHO, Field("student", "students, separated by “;”", _STUDENT.replace("|name|", "|"))),
    needs=("class",),
)

ROSTER_SHEET = SheetFields(
    "members",
    (
        Field("class", "the class or section; several separated by “;”", _CLASS),
        Field("student", "who is in it", _STUDENT),
        Field("teacher", "who teaches it too", _TEACHER),
        Field("team", "the team that it belongs to", _TEAM),
        Field("group", "the part of the class that the member is in", _GROUP),
    ),
    needs=("class",),
)

CHANGE_SHEET = SheetFields(
    "changes",
    (
        Field(
            "start_date",
            "the day of the meeting as the timetable has it; required",
            "date|day|on|when|dates|original date|meeting date|datum|fecha",
        ),
        Field("class", "the class, or “all”", f"{_CLASS}|who|which|meeting|for"),
        Field("period", "the period as its class writes it; empty for the only one of the day", PERIOD_HEADINGS),
        Field(
            "change",
            "cancelled, moved, room or teacher: what changes",
            "change|what|action|what changes|kind|type|status|note|instruction",
        ),
        Field("new_date", "the day that it moves to", "new date|to date|moved to|move to|to|new day|to day"),
        Field("new_period", "the period that it moves to", "new period|to period"),
        Field("new_start", "the time that it moves to", "new start|new time|to time|new start time|start|from"),
        Field("new_end", "when it ends then", "new end|new end time|end|until"),
        Field("new_room", "the room that it moves to", "new room|room|to room|where|new place|new location"),
        Field("new_teacher", "who takes it", "new teacher|teacher|cover|covered by|substitute|taken by|replacement"),
        Field("division", "only meetings of this division", DIVISION_HEADINGS),
        Field("weekday", "the weekday of the date: proof of how it is read", "weekday|day of week|dow"),
    ),
    needs=("date",),
)

SLOT_SHEET = SheetFields(
    "coded slots",
    (
        Field(
            "code",
            "the code that stands for a class: “1A”, “B3”; required",
            "code|block|block code|slot|slot code|period code|summary|title|subject|event|name|label",
        ),
        Field("start_date", "its day; required", "date|start date|day|dates|on|when|begin date"),
        Field("start_time", "when it begins", "start time|start|begin|begins|from|time|begin time|starts"),
        Field("end_time", "when it ends", "end time|end|ends|to|until|finish"),
        Field("hours", "both in one cell", "hours|times|time span"),
        Field("end_date", "its last day", "end date|last day"),
        Field("weekday", "the weekday of the date", "weekday|day of week|dow|day name"),
    ),
    needs=("date",),
)

CODE_SHEET = SheetFields(
    "codes",
    (
        Field(
            "code",
            "the code of the master list; required",
            "code|block|block code|slot|slot code|period code|label|period",
        ),
        Field(
            "title",
            "what it stands for; empty means free",
            "title|class|course|subject|what|class name|summary|event|name|lesson|activity",
        ),
        Field("room", "where", _ROOM),
        Field(
            "teacher",
            "whose code it is, where a sheet holds those of several people",
            f"{_TEACHER}|person|who|for",
        ),
        Field("description", "more about it", "description|notes|note|details|comments"),
    ),
    needs=("code",),
)
