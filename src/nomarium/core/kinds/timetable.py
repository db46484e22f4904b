"""Sheets about classes: lists of meetings, class lists, rosters, changes."""

from __future__ import annotations

from datetime import date

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Evidence,
    Field,
    Holds,
    Kind,
    SheetKind,
    Verdict,
    all_of,
    any_of,
    dated,
    few_columns,
    has,
    has_none_of,
    has_one_of,
    headed,
    holds_titles,
    no_dates_in,
    undated,
)
from nomarium.core.columns.fields import heading_key
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.change_words import tells_change
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import CLASS, SHEET_RULES
from nomarium.core.tables import plain_text

PERIOD_HEADINGS = (
    "period|periods|block|lesson|bell|slot|pd|per|period number|period no|period name|class period|hour|time slot|"
    "lesson number|stunde|module|mod"
)
_DIVISION = "division|divisions|school|school section|campus|site|phase|stage|unit|years|grades|year group|level"
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
_STUDENT_IN_CLASS = _STUDENT.replace("|name|", "|")
_TEAM = "team|teams|crew|squad|house|advisory|homeroom|tutor group"
_GROUP = "group|groups|subgroup|half|lab group|set group"
_DAY = (
    "day|days|cycle day|cycle days|rotation day|label|day letter|letter day|weekday|weekdays|day of week|on|"
    "meets on|meeting days|day number|workshop day|tag|jour|día|timetable day"
)
_WEEK = "week|weeks|week letter|letter|a/b|week a/b|ab week|week type"
_STUDENTS = "|".join(word for word in words.STUDENTS.split("|") if word not in ("member", "members", "attendee"))
_GROUPS = "gruppe|teilgruppe|groupe|sous-groupe|grupo|subgrupo|gruppo|sottogruppo|groep|subgroep|halvklass|grp"
_TEAMS = "mannschaft|équipe|equipe|equipo|squadra|ploeg|hold/team|lag|crew name|squad name|team name"

_PERIODS = "“3”; “3–4” for a double period, “1, 4” for two. In a workbook, write “3–4” as text."

_WHO = (
    Field(
        "class",
        "the class or section; its meetings are known by it",
        _CLASS,
        Holds.NAMES,
        words.CLASS,
        Blank("Class", "The class or section: its meetings are known by it. Required.", CLASS, width=22),
    ),
    Field(
        "course",
        "the course or subject",
        _COURSE,
        Holds.NAMES,
        words.COURSE,
        Blank("Course", "What it is called.", "Carvel planking", width=24),
        codes="class",
    ),
    Field(
        "teacher",
        "who teaches it; several separated by “;”",
        _TEACHER,
        Holds.PEOPLE,
        words.PEOPLE,
        Blank("Teacher", "Who teaches it; several separated by “;”.", "A. Name", width=20),
    ),
    Field(
        "room",
        "where; several separated by “;”",
        _ROOM,
        Holds.PLACE,
        words.PLACE,
        Blank("Room", "Where it meets.", "Adze Shed"),
    ),
    Field(
        "division",
        "its division, where cycles, closures or bell times differ",
        _DIVISION,
        Holds.NAMES,
        words.DIVISION,
        Blank("Division", "Its division, where the plan has several."),
    ),
    Field("group", "a part of the class", _GROUP, Holds.NAMES, _GROUPS),
    Field("team", "a team", _TEAM, Holds.NAMES, _TEAMS),
)


def _blank(name: str, note: str, sample: str = "", width: int = 16) -> Field:
    """Return a field of classes with another column in the blank sheet."""
    found = next(field for field in _WHO if field.name == name)
    return found._replace(blank=Blank(found.blank.heading if found.blank else "", note, sample, width=width))


_LONGEST_PERIOD = 3


def _named_otherwise(seen: Evidence) -> Verdict:
    """A day and clock times say when, and one column of words that no heading explains says what meets."""
    if seen.table is None or "day" not in seen.named or seen.named.keys().isdisjoint({"start", "hours"}):
        return Verdict("no column such as “class” or “course”")
    used = {column.index for name, column in seen.named.items() if name != "period"}
    words_left = [column for column in seen.table.columns if column.index not in used and holds_titles(column)]
    if "period" in seen.named:
        words_left = [seen.named["period"]] if all(len(text) > _LONGEST_PERIOD for text in seen.texts("period")) else []
    if len(words_left) != 1:
        return Verdict("no column such as “class” or “course”")
    return Verdict("", f"what stands below “{words_left[0].heading}” and by ")


TIMETABLE_SHEET = with_phrases(
    SheetKind(
        Kind.LIST,
        "meetings",
        (
            *_WHO[:4],
            _WHO[4]._replace(blank=None),
            *_WHO[5:],
            Field("student", "a student, for a timetable of one", _STUDENT_IN_CLASS, Holds.PEOPLE, _STUDENTS),
            Field(
                "day",
                "labels of the cycle, or weekdays: “A, C”, “1–3”, “Mon/Wed”, “Mon A”",
                _DAY,
                Holds.DAYS,
                words.DAY,
                Blank("Day", "Labels of the cycle (“A, C”, “1–3”), or weekdays (“Mon/Wed”). Required.", "1, 4"),
            ),
            Field(
                "period",
                "“3”, “3–4” for a double, “1, 4” for two",
                f"{PERIOD_HEADINGS}|meets|meeting period",
                Holds.PERIODS,
                words.PERIOD,
                Blank("Period", _PERIODS, "3–4"),
            ),
            Field(
                "slot",
                "day and period in one: “A1 C4”",
                "slots|meeting pattern|meeting times|day and period|day/period|day period|meets at|pattern|"
                "schedule|expression|timeslots|block code|slot code",
                Holds.DAYS,
            ),
            Field(
                "start",
                "when it begins, where it has clock times of its own",
                "start|starts|begin|begins|start time|from time|time from|beginn",
                Holds.TIME,
                f"{words.START_TIME}|begin time|von|début|inicio|inizio|início|anfang",
            ),
            Field(
                "end",
                "when it ends, where it has clock times of its own",
                "end|ends|finish|end time|to time|time to|ende",
                Holds.TIME,
                f"{words.END_TIME}|finishes|bis|fin|fine|fim|slut",
            ),
            Field(
                "hours",
                "both in one cell: “8:15–9:10”",
                "hours|times|time|clock times|time of day",
                Holds.HOURS,
                words.HOURS,
                Blank("Times", "In place of periods: “8:15–9:10”.", ""),
            ),
            Field(
                "week",
                "the letters of the weeks in which it is",
                _WEEK,
                Holds.NAMES,
                words.WEEK,
                Blank("Week", "The letters of the weeks in which it meets, where not in all."),
            ),
            Field(
                "term",
                "the terms in which it is",
                "term|terms|semester|quarter|trimester|session|block of year",
                Holds.NAMES,
                words.TERM,
                Blank("Term", "The terms in which it meets, where not in all."),
            ),
            Field(
                "from",
                "its first day, where it does not run all year",
                "from|from date|start date|first day|first date|begins on|starts on|effective|effective from|valid from",
                Holds.DATE,
                f"{words.FIRST_DAY}|desde|da|van|fra|från",
            ),
            Field(
                "until",
                "its last day",
                "until|until date|to date|end date|last day|last date|ends on|through|to|effective to|valid to",
                Holds.DATE,
                f"{words.LAST_DAY}|till|hasta|a|tot|til|till datum",
            ),
            Field(
                "status",
                "whether it runs: rows that say dropped or cancelled are left out",
                "status|state",
                Holds.CHOICE,
                words.STATUS,
            ),
        ),
        needs=("class",),
        proof=(
            any_of(has_one_of("class", "course"), _named_otherwise),
            any_of(has("slot"), all_of(has("day"), has_one_of("period", "start", "hours"))),
            no_dates_in("day"),
        ),
        telling=("class", "course", "teacher", "room", "day", "period", "slot", "hours"),
        spans=(("start", "end"), ("from", "until")),
        blank=BlankSheet(
            "Timetable",
            ("One class at one period a row; several days in one cell.", *SHEET_RULES),
            'name it in nomarium.toml: [sources.timetable] sheets = "{file}"; then: nomarium check',
        ),
        whole=("division", "term", "week", "day", "class", "teacher", "room", "student", "team", "group"),
    )
)


def _classes_once(seen: Evidence) -> Verdict:
    """Each class stands in the list once."""
    names = [plain_text(cell) for cell in seen.named["class"].cells] if "class" in seen.named else []
    return Verdict("a class stands in it several times" if len(set(names)) < len(names) else "")


def _says_more(seen: Evidence) -> Verdict:
    return Verdict("" if len(seen.named) > 1 else "it says nothing of its classes")


CLASS_SHEET = with_phrases(
    SheetKind(
        Kind.CLASSES,
        "classes",
        (
            _blank("class", "The class as the timetable writes it. Required.", CLASS, 22),
            _WHO[1],
            _blank("teacher", "Who teaches it, where the timetable does not say."),
            _blank("room", "Where it meets, where the timetable does not say."),
            _blank("division", "Its division."),
            *_WHO[5:],
            Field("student", "students, separated by “;”", _STUDENT_IN_CLASS, Holds.PEOPLE, _STUDENTS),
        ),
        needs=("class",),
        proof=(has("class"), _says_more, undated, _classes_once, has_none_of("student")),
        telling=("class", "course", "division", "teacher", "room"),
        blank=BlankSheet(
            "Classes",
            ("One class a row.", *SHEET_RULES),
            'name it under [classes] in nomarium.toml: lists = "{file}"; then: nomarium check',
        ),
        whole=("division", "team", "course", "teacher", "room"),
    )
)

ROSTER_SHEET = with_phrases(
    SheetKind(
        Kind.ROSTER,
        "members",
        (
            _blank("class", "The class as the timetable writes it. Required.", CLASS, 22)._replace(
                meaning="the class or section; several separated by “;”"
            ),
            Field(
                "student",
                "who is in it",
                _STUDENT,
                Holds.PEOPLE,
                f"{words.STUDENTS}|names|nom|nombre|nome|naam|navn|namn|nachname, vorname",
                Blank("Student", "Who is in it; several separated by “;”. Required.", "A. Name", width=30),
            ),
            Field("teacher", "who teaches it too", _TEACHER, Holds.PEOPLE, words.PEOPLE),
            Field("team", "the team that it belongs to", _TEAM, Holds.NAMES, _TEAMS),
            Field("group", "the part of the class that the member is in", _GROUP, Holds.NAMES, _GROUPS),
        ),
        needs=("class",),
        proof=(has("class"), has_one_of("student", "team"), undated, few_columns(4)),
        telling=("class", "student", "team"),
        blank=BlankSheet(
            "Roster",
            ("One class and student a row.", *SHEET_RULES),
            'name it under [classes] in nomarium.toml: rosters = "{file}"; then: nomarium check',
        ),
        whole=("class", "team", "group"),
    )
)


def _all_change(seen: Evidence) -> Verdict:
    """Each cell says a change, in a sheet that has no column besides those of changes."""
    texts = seen.texts("change")
    whole = seen.table is not None and len(seen.named) == len(seen.table.columns)
    told = bool(texts) and whole and all(map(tells_change, texts))
    return Verdict("" if told else "not all its cells say what changes")


def _says_new(seen: Evidence) -> Verdict:
    new = [
        name
        for name, column in seen.named.items()
        if name.startswith("new_") and heading_key(column.heading).startswith(("new", "cover", "substitute", "neu"))
    ]
    return Verdict("" if new else "no column such as “New date” or “New room”")


CHANGE_SHEET = with_phrases(
    SheetKind(
        Kind.CHANGES,
        "changes",
        (
            Field(
                "start_date",
                "the day of the meeting as the timetable has it; required",
                "date|day|on|when|dates|original date|meeting date|datum|fecha",
                Holds.DATE,
                f"{words.DATE}|lesson date|affected date|day of lesson|old date|from date",
                Blank("Date", "The day of the meeting, as the timetable has it. Required.", date(2026, 10, 14)),
            ),
            Field(
                "class",
                "the class, or “all”",
                f"{_CLASS}|who|which|meeting|for",
                Holds.NAMES,
                f"{words.CLASS}|{words.COURSE}|affected class",
                Blank("Class", "The class, or “all”.", CLASS, width=22),
            ),
            Field(
                "period",
                "the period as its class writes it; empty for the only one of the day",
                PERIOD_HEADINGS,
                Holds.PERIODS,
                f"{words.PERIOD}|old period|original period",
                Blank("Period", "Its period, where it meets twice that day. Write it as text.", ""),
            ),
            Field(
                "change",
                "cancelled, moved, room or teacher: what changes",
                "change|what|action|what changes|kind|type|status|note|instruction",
                Holds.CHOICE,
                "change type|type of change|kind of change|what happens|änderung|art der änderung|vertretungsart|changement|"
                "modification|cambio|tipo de cambio|variazione|alteração|wijziging|ændring|endring|ändring",
                Blank(
                    "Change",
                    "“cancelled”, or empty where a new date, time, room or teacher says it.",
                    "cancelled",
                    ("cancelled",),
                ),
            ),
            Field(
                "new_date",
                "the day that it moves to",
                "new date|to date|moved to|move to|to|new day|to day",
                Holds.DATE,
                "makeup date|make-up date|rescheduled to|rescheduled date|replacement date|neues datum|verlegt auf|"
                "nouvelle date|nueva fecha|nuova data|nova data|nieuwe datum|ny dato|nytt datum",
                Blank("New date", "The day that it moves to."),
            ),
            Field(
                "new_period",
                "the period that it moves to",
                "new period|to period",
                Holds.PERIODS,
                "new block|new lesson|neue stunde|nouvelle heure de cours|nuevo periodo|nieuw lesuur",
                Blank("New period", "The period that it moves to."),
            ),
            Field(
                "new_start",
                "the time that it moves to",
                "new start|new time|to time|new start time|start|from",
                Holds.TIME,
                "new begin|new from|new hours|neue zeit|neuer beginn|nouvel horaire|nueva hora|nuovo orario|nieuwe tijd",
                Blank("New start", "Or the time that it moves to.", ""),
            ),
            Field(
                "new_end",
                "when it ends then",
                "new end|new end time|end|until",
                Holds.TIME,
                "new finish|new to|neues ende|nouvelle fin|nuevo fin",
            ),
            Field(
                "new_room",
                "the room that it moves to",
                "new room|room|to room|where|new place|new location",
                Holds.PLACE,
                f"{words.PLACE}|replacement room|temporary room|room now|neuer raum|vertretungsraum|nouvelle salle|"
                "nueva aula|nuova aula|nova sala|nieuw lokaal|nyt lokale|nytt rom|ny sal",
                Blank("New room", "The room that it moves to.", ""),
            ),
            Field(
                "new_teacher",
                "who takes it",
                "new teacher|teacher|cover|covered by|substitute|taken by|replacement",
                Holds.PEOPLE,
                f"{words.PEOPLE}|cover teacher|substitute teacher|supply teacher|relief teacher|sub|cover staff|"
                "replacement teacher|vertretung|vertreter|remplaçant|sustituto|supplente|substituto|vervanger|vikar",
                Blank("New teacher", "Who takes it.", ""),
            ),
            Field("division", "only meetings of this division", _DIVISION, Holds.NAMES, words.DIVISION),
            Field(
                "weekday",
                "the weekday of the date: proof of how it is read",
                "weekday|day of week|dow",
                Holds.DAYS,
                words.WEEKDAY,
            ),
        ),
        needs=("date",),
        proof=(
            dated,
            has("start_date"),
            has_one_of("class", "period"),
            any_of(
                _says_new,
                all_of(
                    has("change"), headed("change", "change|changes|what changes|action|change type|type of change")
                ),
                all_of(has("change"), _all_change),
            ),
        ),
        telling=("start_date", "class", "period", "change", "new_date", "new_room", "new_teacher"),
        blank=BlankSheet(
            "Changes",
            (
                "One change a row. All dates and periods are those of the timetable before any change.",
                *SHEET_RULES,
            ),
            'name it under [classes] in nomarium.toml: changes = "{file}"; then: nomarium check',
        ),
        whole=("division", "class"),
    )
)
