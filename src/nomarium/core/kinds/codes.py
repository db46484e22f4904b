"""Master lists of dated slots with codes, and sheets that say what the codes are for each person."""

from __future__ import annotations

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
    has,
    has_one_of,
    headed,
    undated,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.class_fields import STUDENT_WORDS, STUDENTS_OF_CLASS
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import CODE, SHEET_RULES

_LONGEST_CODE = 6
_CODE = (
    "code|block|block code|slot|slot code|period code|shift code|duty code|kürzel|code créneau|código|codice|kode|kod|"
    "line|option line|option|option block|timetable line|band|option band|elective block"
)


def _codes_come_again(seen: Evidence) -> Verdict:
    """The codes are short words that come again."""
    codes = seen.texts("code")
    if not codes or not all(len(code) <= _LONGEST_CODE and " " not in code for code in codes):
        return Verdict("its codes are not short words")
    return Verdict("its codes do not come again" if len(set(codes)) * 2 > len(codes) else "")


SLOT_SHEET = with_phrases(
    SheetKind(
        Kind.SLOTS,
        "coded slots",
        (
            Field(
                "code",
                "the code that stands for a class: “1A”, “B3”; required",
                "code|block|block code|slot|slot code|period code|summary|title|subject|event|name|label",
                Holds.NAMES,
                _CODE,
            ),
            Field(
                "start_date",
                "its day; required",
                "date|start date|day|dates|on|when|begin date",
                Holds.DATE,
                f"{words.DATE}|{words.FIRST_DAY}",
            ),
            Field(
                "start_time",
                "when it begins",
                "start time|start|begin|begins|from|time|begin time|starts",
                Holds.TIME,
                f"{words.START_TIME}|{words.BEGINS}",
            ),
            Field(
                "end_time",
                "when it ends",
                "end time|end|ends|to|until|finish",
                Holds.TIME,
                f"{words.END_TIME}|{words.ENDS}",
            ),
            Field("hours", "both in one cell", "hours|times|time span", Holds.HOURS, words.HOURS),
            Field("end_date", "its last day", "end date|last day", Holds.DATE, words.LAST_DAY),
            Field("weekday", "the weekday of the date", "weekday|day of week|dow|day name", Holds.DAYS, words.WEEKDAY),
        ),
        needs=("date",),
        proof=(has("code"), dated, has("start_date"), _codes_come_again),
        telling=("start_date", "start_time", "end_time", "code"),
        spans=(("start_time", "end_time"),),
    )
)

CODE_SHEET = with_phrases(
    SheetKind(
        Kind.CODES,
        "codes",
        (
            Field(
                "code",
                "the code of the master list; required",
                "code|block|block code|slot|slot code|period code|label|period",
                Holds.NAMES,
                _CODE,
                Blank("Code", "The code of the master list. Required.", CODE),
            ),
            Field(
                "title",
                "what it stands for; empty means free",
                "title|course|subject|what|summary|event|name|lesson|activity|course name|course title|subject name",
                Holds.TEXT,
                f"{words.COURSE}|{words.NAME}|meaning|stands for|is for me|shift|shift name|duty|schicht|dienst|"
                "turno|poste|service|dienstart|explanation|bedeutung|signification|significado",
                Blank("Title", "What it stands for; empty where the time is free.", "Slip watch", width=28),
            ),
            Field(
                "class",
                "the class or section, for the key of a grid of blocks",
                "class|class name|section|class code|form|set|group",
                Holds.NAMES,
                words.CLASS,
            ),
            Field("student", "a student, for the blocks of one", STUDENTS_OF_CLASS, Holds.PEOPLE, STUDENT_WORDS),
            Field(
                "room",
                "where",
                "room|rooms|location|place|where|room number|room no|venue|raum|salle|aula|sala|room name|building|shop",
                Holds.PLACE,
                words.PLACE,
                Blank("Room", "Where it is.", "Town slip"),
            ),
            Field(
                "teacher",
                "whose code it is, where a sheet holds those of several people",
                "teacher|teachers|instructor|instructors|staff|taught by|tutor|lecturer|faculty|teacher name|"
                "instructor name|lehrer|professor|profesor|coach|teacher code|staff code|person|who|for",
                Holds.PEOPLE,
                words.PEOPLE,
            ),
            Field(
                "start",
                "when it begins, for the codes of shifts",
                "start|starts|begin|begins|from|start time",
                Holds.TIME,
                f"{words.START_TIME}|{words.BEGINS}",
            ),
            Field(
                "end",
                "when it ends",
                "end|ends|finish|to|until|end time",
                Holds.TIME,
                f"{words.END_TIME}|{words.ENDS}",
            ),
            Field("hours", "both in one cell", "hours|times|time|time span", Holds.HOURS, words.HOURS),
            Field(
                "days",
                "the days of the week that it is on, where a rota goes by weeks: “Mon–Fri”",
                "days|day|weekdays|days of the week|tage|wochentage|jours|días|giorni|dagen|dage|dagar|dager",
            ),
            Field(
                "description",
                "more about it",
                "description|notes|note|details|comments",
                shared=words.NOTES,
            ),
        ),
        needs=("code",),
        proof=(
            any_of(
                all_of(has("code"), has_one_of("title", "class")), all_of(has("code"), has_one_of("start", "hours"))
            ),
            undated,
            headed("code", "code|block|block code|slot|slot code|period code|shift code|duty code"),
        ),
        telling=("code", "title", "class", "room", "start", "hours"),
        spans=(("start", "end"),),
        blank=BlankSheet(
            "Codes",
            ("One code a row, one sheet a person: the sheet or file goes by the person’s name.", *SHEET_RULES),
            'name it beside its master list in nomarium.toml: [sources.NAME] codes = ["{file}"]; then: nomarium check',
        ),
        whole=("teacher", "room"),
    )
)
