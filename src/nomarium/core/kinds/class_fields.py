"""Fields of sheets about classes: who and what meets where, with the headings that these sheets have for them."""

from __future__ import annotations

from nomarium.core.columns import (
    Blank,
    Field,
    Holds,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.samples import CLASS

PERIOD_HEADINGS = (
    "period|periods|block|line|lesson|bell|slot|pd|per|period number|period no|period name|class period|hour|time slot|"
    "lesson number|stunde|module|mod"
)
DIVISION_HEADINGS = (
    "division|divisions|school|school section|campus|site|phase|stage|unit|years|grades|year group|level"
)
CLASS_HEADINGS = (
    "class|classes|section|sections|class code|class name|section id|section code|class section|course section|crn|"
    "form|set|batch|batches|batch name|cohort|klasse|curso|classe|class id|section name|section number|teaching group|lesson class"
)
COURSE_HEADINGS = (
    "course|subject|course name|subject name|course title|fach|matière|asignatura|unit of study|discipline|title|"
    "lesson|activity"
)
TEACHER_HEADINGS = (
    "teacher|teachers|instructor|instructors|staff|taught by|tutor|lecturer|faculty|teacher name|instructor name|"
    "lehrer|professor|profesor|coach|teacher code|staff code"
)
ROOM_HEADINGS = (
    "room|rooms|location|place|where|room number|room no|venue|raum|salle|aula|sala|room name|building|bldg|shop"
)
STUDENT_HEADINGS = (
    "student|students|pupil|pupils|learner|student name|name|full name|apprentice|apprentices|schüler|élève|"
    "alumno|trainee"
)
STUDENTS_OF_CLASS = STUDENT_HEADINGS.replace("|name|", "|")
TEAM_HEADINGS = "team|teams|crew|squad|house|advisory|homeroom|tutor group"
GROUP_HEADINGS = "group|groups|subgroup|half|lab group|set group"
STUDENT_WORDS = "|".join(word for word in words.STUDENTS.split("|") if word not in ("member", "members", "attendee"))
GROUP_WORDS = "grup|grupp|grupper|groupes|grupos|gruppi|groepen|gruppe|teilgruppe|groupe|sous-groupe|grupo|subgrupo|gruppo|sottogruppo|groep|subgroep|halvklass|grp"
TEAM_WORDS = (
    "mannschaft|équipe|equipe|equipo|squadra|ploeg|hold/team|lag|crew name|squad name|team name|joukkue|ryhmä|tým|družstvo|"
    "drużyna|csapat|takım|команда|ομάδα|ekipa|komanda|echipa|equipa|momčad|команды|équipes|mannschaften|lið|võistkond|チーム|팀|队|球队|הקבוצה|קבוצה|الفريق|فريق"
)

WHO = (
    Field(
        "class",
        "the class or section; its meetings are known by it",
        CLASS_HEADINGS,
        Holds.NAMES,
        words.CLASS,
        Blank("Class", "The class or section: its meetings are known by it. Required.", CLASS, width=22),
    ),
    Field(
        "course",
        "the course or subject",
        COURSE_HEADINGS,
        Holds.NAMES,
        words.COURSE,
        Blank("Course", "What it is called.", "Carvel planking", width=24),
        codes="class",
    ),
    Field(
        "teacher",
        "who teaches it; several separated by “;”",
        TEACHER_HEADINGS,
        Holds.PEOPLE,
        words.PEOPLE,
        Blank("Teacher", "Who teaches it; several separated by “;”.", "A. Name", width=20),
    ),
    Field(
        "room",
        "where; several separated by “;”",
        ROOM_HEADINGS,
        Holds.PLACE,
        words.PLACE,
        Blank("Room", "Where it meets.", "Adze Shed"),
    ),
    Field(
        "division",
        "its division, where cycles, closures or bell times differ",
        DIVISION_HEADINGS,
        Holds.NAMES,
        words.DIVISION,
        Blank("Division", "Its division, where the plan has several."),
    ),
    Field("group", "a part of the class", GROUP_HEADINGS, Holds.NAMES, GROUP_WORDS),
    Field("team", "a team", TEAM_HEADINGS, Holds.NAMES, TEAM_WORDS),
)


def blank_of(name: str, note: str, sample: str = "", width: int = 16) -> Field:
    """Return a field of classes with another column in the blank sheet."""
    found = next(field for field in WHO if field.name == name)
    return found._replace(blank=Blank(found.blank.heading if found.blank else "", note, sample, width=width))
