"""Lists of lessons: what is taught, in order; and notes for single meetings."""

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
    has,
    has_one_of,
    headed,
    holds_dates,
    holds_times,
    holds_weekdays,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.class_fields import CLASS_HEADINGS, PERIOD_HEADINGS
from nomarium.core.kinds.samples import LESSON, SHEET_RULES
from nomarium.lazily import regex

_WHOSE = (
    f"{CLASS_HEADINGS}|whose lesson|which class|course section code|for|for class|student|team|crew|group|squad|grupo|"
    "groupe|gruppe"
)
_COURSE = "course|course code|subject|course name|subject name|fach|matière|asignatura|materia|disciplina|vak|fag"

_LESSON_WORDS = (
    "lesson|lesson title|topic|lesson topic|lesson name|content title|lesson plan|thema|stundenthema|tema|"
    "título de la lección|argomento|onderwerp|emne|ämne"
)


def _rarely_dated(seen: Evidence) -> Verdict:
    """Few lessons have a day of their own: a list of dates is one of events."""
    columns = seen.table.columns if seen.table else []
    for column in filter(holds_dates, columns):
        if sum(cell != "" for cell in column.cells) * 2 > len(column.cells):
            return Verdict(f"most rows have a date below “{column.heading}”")
    return Verdict()


def _named_and_without_hours(seen: Evidence) -> Verdict:
    """Lessons have titles, and neither weekdays nor clock times: a timetable says which lesson of the day it is."""
    titles = seen.texts("lesson")
    if sum(bool(_WORD.search(title)) for title in titles) * 10 < len(titles) * 7:
        return Verdict("its lessons have no titles")
    timed = [one for one in (seen.table.columns if seen.table else []) if holds_weekdays(one) or holds_times(one)]
    return Verdict(f"“{timed[0].heading}” holds weekdays or times" if timed else "")


_WORD = regex(r"[^\W\d_]{3}")


LESSON_SHEET = SheetKind(
    Kind.LESSONS,
    "lessons",
    (
        Field(
            "class",
            "the class, course, student or team that it is for; several separated by “;”",
            _WHOSE,
            Holds.NAMES,
            words.CLASS,
            Blank(
                "Class", "The class, course, student or team. Empty where the tab or the plan says it.", "", width=18
            ),
        ),
        Field(
            "course",
            "the course of the class, where that has several; the course that it is for, where no column says the class",
            _COURSE,
            Holds.NAMES,
            "",
            Blank("Course", "The course, where the class has several.", "", width=18),
        ),
        Field(
            "number",
            "its place in the order; else the rows are in order",
            "lesson no|lesson number|no|nr|number|num|order|sequence|seq|session|session no|"
            "lesson order|stunde nr|stunden nr|lfd nr|lfd. nr.|séance|séance n°|sesión|sesión n.º|lektion nr|les nr|numero|número|lesson sequence number|session number|sequence order|which one|stunde nr|lfd nr|séance n",
            Holds.NUMBER,
            "",
            Blank("No.", "Its place in the order; else the order of the rows counts.", "", width=8),
        ),
        Field(
            "unit",
            "the unit, module or chapter that it belongs to",
            "unit|unit title|module|chapter|topic area|theme|block|unterrichtseinheit|einheit|reihe|kapitel|chapitre|séquence|"
            "unidad|módulo|unità|unidade|hoofdstuk|forløb|område|module title|curriculum unit name|part of|what it belongs to",
            Holds.TEXT,
            "",
            Blank("Unit", "The unit that it belongs to.", "", width=20),
        ),
        Field(
            "lesson",
            "what is taught: the lesson’s title",
            "lesson|lesson title|title|topic|lesson topic|lesson name|content title|subject matter|lesson plan|thema|stundenthema|"
            "titel|sujet|titre|thème|tema|título|título de la lección|argomento|titolo|assunto|onderwerp|emne|ämne|tittel|what we learn|what is taught|thema der stunde|titre de la séance",
            Holds.TEXT,
            "",
            Blank("Lesson", "What is taught. Required.", LESSON, width=28),
        ),
        Field(
            "text",
            "what is done in it",
            "text|description|content|contents|details|activity|activities|in class|plan|objectives|aim|aims|learning goals|"
            "inhalt|inhalte|contenu|contenido|contenuto|conteúdo|inhoud|indhold|innehåll|innhold|lesson description|learning objectives|student activities|what we do|what happens|lernziele",
            Holds.TEXT,
            "",
            Blank("Text", "What is done in it.", "", width=36),
        ),
        Field(
            "homework",
            "the homework",
            "homework|home work|assignment|assignments|hw|prep|to do at home|hausaufgabe|hausaufgaben|devoirs|deberes|tarea|"
            "compiti|trabalho de casa|huiswerk|lektier|läxa|lekse|homework assignment|assigned homework|for next time",
            Holds.TEXT,
            "",
            Blank("Homework", "The homework.", "", width=28),
        ),
        Field(
            "material",
            "what is needed",
            "material|materials|resources|bring|equipment|handout|handouts|matériel|materialien|medien|materiales|recursos|materiali|lesson resources|instructional materials|what to bring|bring along",
            Holds.TEXT,
            "",
            Blank("Material", "What is needed.", "", width=20),
        ),
        Field(
            "link",
            "a web address",
            "link|url|web|web link|website|web address|adresse web|enlace|lien|resource link|on the web",
            Holds.TEXT,
            "",
            Blank("Link", "A web address.", "", width=20),
        ),
        Field(
            "length",
            "how many meetings it takes: 2, “half”",
            "length|meetings|lessons|periods needed|no of lessons|number of lessons|number of meetings|hours|duration|takes|"
            "stunden|anzahl stunden|umfang|durée|nombre de séances|sesiones|n.º de sesiones|duración|ore|aulas|lessen|lektioner|lesson length in meetings|how many lessons|takes so many lessons|umfang in stunden",
            Holds.TEXT,
            "",
            Blank("Length", "How many meetings it takes: 2, “half”; empty is one.", "", width=10),
        ),
        Field(
            "on",
            "the day that it is on, whatever comes before and after",
            "on|on date|fixed date|date|fixed|pinned|am|datum|fecha|data|dato|fester termin|date fixe|fecha fija|fixed for the",
            Holds.DATE,
            words.DATE,
            Blank("On", "The day that it is on, whatever comes before and after.", "", width=12),
        ),
        Field(
            "not_before",
            "the day before which it is not",
            "not before|earliest|from|not earlier than|frühestens|ab|pas avant|no antes de|non prima del|niet voor|tidligst|not before the",
            Holds.DATE,
            "",
            Blank("Not before", "The first day on which it may be.", "", width=12),
        ),
        Field(
            "by",
            "the day by which it must be done",
            "by|latest|no later than|due by|must be done by|spätestens|bis|au plus tard|a más tardar|entro|uiterlijk|senest|done by the|done by",
            Holds.DATE,
            "",
            Blank("By", "The last day on which it may be.", "", width=12),
        ),
        Field(
            "last_before",
            "the day on the last meeting before which it is",
            "on the last meeting before|last meeting before|last lesson before|last before|letzte stunde vor|dernière séance avant|"
            "última clase antes de|ultima lezione prima di|last lesson before the",
            Holds.DATE,
            "",
            Blank("Last meeting before", "It is on the last meeting before this day.", "", width=20),
        ),
        Field(
            "term",
            "the term in which it is laid",
            "term|semester|quarter|trimester",
            Holds.NAMES,
            words.TERM,
        ),
        Field(
            "teacher_notes",
            "what only the teacher’s calendars say",
            "teacher notes|notes for teacher|for the teacher|teacher only|private notes|notes to self|preparation|lehrernotiz|"
            "notes du professeur|notas del profesor|instructor notes|only for me|note to self",
            Holds.TEXT,
            "",
            Blank("Teacher notes", "What only the teacher’s own calendar says.", "", width=24),
        ),
    ),
    needs=("lesson",),
    proof=(
        has("lesson"),
        any_of(
            has_one_of("homework", "last_before", "not_before", "teacher_notes"),
            all_of(headed("lesson", _LESSON_WORDS), has_one_of("number", "unit", "length")),
        ),
        _rarely_dated,
        _named_and_without_hours,
    ),
    telling=("lesson", "number", "unit", "homework", "length"),
    blank=BlankSheet(
        "Lessons",
        ("One lesson a row, in their order.", *SHEET_RULES[:1], SHEET_RULES[1]),
        'name it in nomarium.toml: [lessons.{stem}] with sheets = "{file}"; then: nomarium check',
    ),
    whole=("class",),
)

NOTE_SHEET = SheetKind(
    Kind.NOTES,
    "notes",
    (
        Field(
            "start_date",
            "the day of the meeting",
            "date|day|on|when|dates|datum|fecha|data|dato",
            Holds.DATE,
            words.DATE,
            Blank("Date", "The day of the meeting. Required.", date(2026, 10, 14)),
        ),
        Field(
            "class",
            "the class, course or teacher; empty for all that meet then",
            f"{_WHOSE}|teacher|who",
            Holds.NAMES,
            words.CLASS,
            Blank("Class", "The class, course or teacher.", "", width=18),
        ),
        Field(
            "period",
            "the period, where only one of the day is meant",
            PERIOD_HEADINGS,
            Holds.PERIODS,
            words.PERIOD,
            Blank("Period", "Its period, where it meets twice that day. Write it as text.", ""),
        ),
        Field(
            "note",
            "what is to be said of the meeting",
            "note|notes|remark|reminder|comment|message|announcement|notiz|bemerkung|hinweis|remarque|nota|aviso|opmerking|merknad",
            Holds.TEXT,
            "",
            Blank("Note", "What is to be said. Required.", LESSON, width=36),
        ),
    ),
    needs=("date", "note"),
    proof=(has("note"), has("class"), dated),
    telling=("start_date", "class", "note"),
    blank=BlankSheet(
        "Notes",
        ("One note a row: it is put to the meetings of its class on its day.", *SHEET_RULES),
        'name it under [classes] in nomarium.toml: notes = "{file}"; then: nomarium check',
    ),
    whole=("class",),
)
