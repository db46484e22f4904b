"""Sheets of terms: a name, a first and a last day; few rows that span the year."""

from __future__ import annotations

from datetime import date

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Field,
    Holds,
    Kind,
    SheetKind,
    any_of,
    at_most,
    called,
    dates_in,
    has,
    headed,
    holds_first_and_last_days,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.dated_fields import WEEKDAY, first_day, last_day
from nomarium.core.kinds.events import EVENT_SHEET
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import AUTUMN, SHEET_RULES

_SURE = (
    "term|semester|quarter|trimester|half term|half-term|halbjahr|trimestre|schuljahr|semester name|term name|"
    "marking period|grading period|academic term|academic period|school term|semestre|schulhalbjahr|reporting period|"
    "cuatrimestre|quadrimestre|bimestre|terms|semesters|läsperiod|académie trimestre|school year|academic year|"
    "dönem|dönemler|semestr|trymestr|pololetí|pololetie|félév|tanév|lukukausi|jakso|εξάμηνο|τρίμηνο|polugodište|"
    "polugodje|полугодие|четверть|семестр|semestru|trimestru|modul|modulul|poolaasta|pusgads|pusmetis|学期|학기|schooljaar|skoleår|läsår|"
    "rok szkolny|školní rok|curso escolar|ano letivo|anno scolastico|année scolaire"
)

TERM_SHEET = with_phrases(
    SheetKind(
        Kind.TERMS,
        "terms",
        (
            Field(
                "summary",
                "the term’s name; required",
                "term|name|terms|semester|quarter|half term|half-term|trimester|period|session|title|term name|what|"
                "semester name|block|season|label|event|description|trimestre|semestre|halbjahr|schuljahr|year",
                shared=f"{words.TERM}|{words.NAME}",
                blank=Blank("Term", "What it is called. Required.", AUTUMN, width=24),
            ),
            first_day(
                "its first day, or both: “8 Sep – 18 Dec 2026”; required",
                "term begins|term starts|resumption|resumption date|resumes|resumes on|reopens|reopening|opening|opening date|classes begin|classes start|instruction begins|lessons begin|season starts|season begins|"
                "semester starts|semester begins|year starts|year begins|school starts|school begins",
                Blank("First day", "Its first school day. Required.", date(2026, 9, 8)),
            ),
            last_day(
                "term ends|closing|closing date|vacation date|breaks up|breaks up on|classes end|instruction ends|lessons end|season ends|semester ends|year ends|school ends",
                Blank("Last day", "Its last school day. Required.", date(2026, 12, 18)),
            ),
            Field(
                "first_letter",
                "the letter of its first week, where weeks go by letters: “A”",
                "first week|first week is|first week letter|letter of first week|starts with week|starts in week|begins with week|"
                "starting week|week at start|erste woche|erste woche ist|beginnt mit woche|première semaine|primera semana|"
                "prima settimana|eerste week|första veckan|første uge",
            ),
            Field(
                "break",
                "the days off within it: “26–30 Oct 2026”, or the first of them",
                "half term break|half-term break|half term holiday|half-term holiday|mid-term break|midterm break|mid term break|"
                "reading week|half term starts|half term begins|half term from|half-term starts|half-term begins|break starts|"
                "break begins|mid-term|midterm|mid term|mid-semester break|mid term holiday|mid-term holiday",
            ),
            Field(
                "break_end",
                "the last of the days off within it, where a column of its own says it",
                "half term ends|half term to|half-term ends|break ends",
            ),
            Field(
                "code",
                "what other sheets call it: “S1”",
                "abbreviation|abbr|abbrev|term abbreviation|short name|short|kürzel|abréviation|sigla|afkorting",
                Holds.NAMES,
            ),
            WEEKDAY,
        ),
        needs=("date",),
        proof=(
            any_of(dates_in("start_date", "end_date"), holds_first_and_last_days),
            at_most(24),
            has("summary"),
            any_of(headed("summary", _SURE), called(_SURE.replace("|", " ") + " quarters trimesters", EVENT_SHEET)),
        ),
        telling=("summary", "start_date", "end_date"),
        spans=(("start_date", "end_date"),),
        blank=BlankSheet(
            "Terms",
            (
                "One term a row. Terms may hold one another (a year, its semesters), but not overlap otherwise.",
                *SHEET_RULES,
            ),
            'name it under [year] in nomarium.toml: terms = "{file}"; then: nomarium days',
        ),
    )
)
