"""Class lists and rosters: what is known of each class, and who is in it."""

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
    few_columns,
    has,
    has_none_of,
    has_one_of,
    holds_dates,
    holds_days_and_periods,
    holds_days_and_times,
    undated,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.class_fields import (
    GROUP_HEADINGS,
    GROUP_WORDS,
    STUDENT_HEADINGS,
    STUDENT_WORDS,
    STUDENTS_OF_CLASS,
    TEACHER_HEADINGS,
    TEAM_HEADINGS,
    TEAM_WORDS,
    WHO,
    blank_of,
)
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import CLASS, SHEET_RULES
from nomarium.core.tables import plain_text


def _classes_once(seen: Evidence) -> Verdict:
    """Each class stands in the list once."""
    names = [plain_text(cell) for cell in seen.named["class"].cells] if "class" in seen.named else []
    return Verdict("a class stands in it several times" if len(set(names)) < len(names) else "")


def _meets_not(seen: Evidence) -> Verdict:
    """No column says on which days classes meet, and when."""
    tests = (holds_days_and_periods, holds_days_and_times)
    meeting = [column for column in (seen.table.columns if seen.table else ()) if any(test(column) for test in tests)]
    return Verdict(f"below “{meeting[0].heading}” stands when classes meet" if meeting else "")


def _says_more(seen: Evidence) -> Verdict:
    return Verdict("" if len(seen.named) > 1 else "it says nothing of its classes")


def _dated_by_bounds(seen: Evidence) -> Verdict:
    """No column holds dates but those from when to when a member attends."""
    bounds = [seen.named[name] for name in ("from", "until") if name in seen.named]
    columns = [column for column in seen.table.columns if holds_dates(column)] if seen.table else []
    others = [column for column in columns if column not in bounds]
    return Verdict(f"column “{others[0].heading}” holds dates" if others else "")


CLASS_SHEET = with_phrases(
    SheetKind(
        Kind.CLASSES,
        "classes",
        (
            blank_of("class", "The class as the timetable writes it. Required.", CLASS, 22),
            WHO[1],
            blank_of("teacher", "Who teaches it, where the timetable does not say."),
            blank_of("room", "Where it meets, where the timetable does not say."),
            blank_of("division", "Its division."),
            *WHO[5:],
            Field("student", "students, separated by “;”", STUDENTS_OF_CLASS, Holds.PEOPLE, STUDENT_WORDS),
            Field(
                "term",
                "the terms in which it meets, where the timetable does not say",
                "term|terms|semester|quarter|trimester",
                Holds.NAMES,
                words.TERM,
            ),
        ),
        needs=("class",),
        proof=(has("class"), _says_more, undated, _classes_once, has_none_of("student"), _meets_not),
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
            blank_of("class", "The class as the timetable writes it. Required.", CLASS, 22)._replace(
                meaning="the class or section; several separated by “;”"
            ),
            Field(
                "student",
                "who is in it",
                STUDENT_HEADINGS,
                Holds.PEOPLE,
                f"{words.STUDENTS}|names|nom|nombre|nome|naam|navn|namn|nachname, vorname",
                Blank("Student", "Who is in it; several separated by “;”. Required.", "A. Name", width=30),
            ),
            Field("teacher", "who teaches it too", TEACHER_HEADINGS, Holds.PEOPLE, words.PEOPLE),
            Field("team", "the team that it belongs to", TEAM_HEADINGS, Holds.NAMES, TEAM_WORDS),
            Field("group", "the part of the class that the member is in", GROUP_HEADINGS, Holds.NAMES, GROUP_WORDS),
            Field(
                "from",
                "the first day on which the member attends, where that is not the whole year",
                "from|from date|start date|begin date|first day|joined|joins|enrolled from|begins|starts|von|du|desde|da|van",
                Holds.DATE,
                words.FIRST_DAY,
            ),
            Field(
                "until",
                "the last day on which the member attends",
                "until|to|to date|end date|last day|left|leaves|enrolled until|ends|bis|au|hasta|a|tot",
                Holds.DATE,
                words.LAST_DAY,
            ),
        ),
        needs=("class",),
        proof=(has("class"), has_one_of("student", "team"), _dated_by_bounds, few_columns(6)),
        telling=("class", "student", "team"),
        blank=BlankSheet(
            "Roster",
            ("One class and student a row.", *SHEET_RULES),
            'name it under [classes] in nomarium.toml: rosters = "{file}"; then: nomarium check',
        ),
        whole=("class", "team", "group"),
    )
)
