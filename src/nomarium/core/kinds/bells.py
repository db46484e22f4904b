"""Sheets of bell times, and of other names for periods."""

from __future__ import annotations

from datetime import time
from itertools import pairwise

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Evidence,
    Field,
    Holds,
    Kind,
    SheetKind,
    Verdict,
    any_of,
    are_starts_and_ends,
    counts_up,
    has,
    headed,
    holds_numbered_weeks,
    ring_in_turn,
    undated,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.class_fields import DIVISION_HEADINGS, PERIOD_HEADINGS
from nomarium.core.kinds.labels import PLAIN_LABELS, bare_label
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import DAY, SHEET_RULES
from nomarium.core.kinds.timetable import TIMETABLE_SHEET
from nomarium.core.tables import plain_text
from nomarium.core.values import is_weekday, weekdays_in_turn
from nomarium.lazily import regex


def _no_meetings(seen: Evidence) -> Verdict:
    """No class, course or teacher is named, no room beside days, and no codes of courses: those are a timetable's."""
    named = Evidence.of(seen.grid, TIMETABLE_SHEET, {}).named
    there = [named[name] for name in ("class", "course", "teacher") if name in named]
    if "day" in named and "room" in named:
        there.append(named["room"])
    meetings = [column.heading for column in there if not counts_up(column)]
    if not meetings and (period := seen.named.get("period")):
        filled = [plain_text(cell) for cell in period.cells if cell != ""]
        if filled and all(map(_OF_A_COURSE.fullmatch, filled)):
            return Verdict(f"below “{period.heading}” stand codes of courses, such as “{filled[0]}”")
    return Verdict(f"it has a column “{meetings[0]}”, as a timetable has" if meetings else "")


_OF_A_COURSE = regex(r"[^\W\d_]{2,5}[ -]?\d{3,5}[A-Z]?")
"""“BIO101”, “CHE 1102”."""


def _periods_stand(seen: Evidence) -> Verdict:
    """A column is headed as periods, or counts up as they do; weeks by number are none."""
    named = seen.named.get("period")
    if named is not None and holds_numbered_weeks(named):
        return Verdict(f"weeks stand below “{named.heading}”")
    if "period" in seen.named or (seen.table and sum(map(counts_up, seen.table.columns)) == 1):
        return Verdict()
    return has("period")(seen)


def _ring_in_turn(seen: Evidence) -> Verdict:
    """Two neighbouring columns are starts and ends, whatever heads them, and each row begins when that above is over."""
    pairs = pairwise(seen.table.columns if seen.table else ())
    found = next((pair for pair in pairs if are_starts_and_ends(*pair) and ring_in_turn(*pair)), None)
    if found is None:
        return Verdict("no two columns of times, one row behind the other")
    return Verdict("", f"times in turn below “{found[0].heading}” and “{found[1].heading}”, and by ")


def _no_days_across(seen: Evidence) -> Verdict:
    """No headings are weekdays: days across are a grid's."""
    headings = tuple(column.heading for column in seen.table.columns) if seen.table else ()
    days = [heading for heading in headings if is_weekday(heading) or _is_of_a_cycle(heading)]
    if len(days) < 2:
        runs = (headings[first : first + length] for length in (3, 5) for first in range(len(headings) - length + 1))
        days = next((list(run) for run in runs if weekdays_in_turn(run)), [])
    return Verdict(f"days stand across: {days[0]}, {days[1]} …" if days else "")


def _is_of_a_cycle(heading: str) -> bool:
    """Tell whether a heading is a day of a cycle, with the word for it: “Day 3”, “A Day”, “Day 3 / Jour 3”."""
    return heading.strip() != (label := bare_label(heading, ())) and label.upper() in PLAIN_LABELS


BELL_SHEET = with_phrases(
    SheetKind(
        Kind.BELLS,
        "bell times",
        (
            Field(
                "period",
                "the period’s name or number; required",
                PERIOD_HEADINGS,
                Holds.PERIODS,
                f"{words.PERIOD}|bell name|activity|session|part of the day|part of day|tageszeit",
                Blank("Period", "Its name or number. Required.", DAY, width=20),
            ),
            Field(
                "start",
                "when it begins",
                "start|starts|begin|begins|from|start time|begin time|time in|opens|beginn|von",
                Holds.TIME,
                f"{words.START_TIME}|{words.BEGINS}",
                Blank("Start", "When it begins. Required.", time(10, 15)),
            ),
            Field(
                "end",
                "when it ends",
                "end|ends|to|until|end time|finish|finishes|time out|closes|ende|bis",
                Holds.TIME,
                f"{words.END_TIME}|{words.ENDS}",
                Blank("End", "When it ends. Required.", time(11, 5)),
            ),
            Field(
                "hours",
                "both in one cell: “8:15–9:10”",
                "hours|times|time|bell times|from to|time span|start end",
                Holds.HOURS,
                words.HOURS,
            ),
            Field(
                "division",
                "the divisions that it holds for, separated by “;”; empty for all",
                DIVISION_HEADINGS,
                Holds.NAMES,
                words.DIVISION,
                Blank("Division", "Whom it is for, where not all: divisions of the plan, separated by “;”."),
            ),
            Field(
                "day",
                "the days that it holds on: labels of the cycle or weekdays; empty for all",
                "day|days|on|cycle day|cycle days|label|rotation day|day letter|letter day",
                Holds.DAYS,
                words.DAY,
                Blank("Day", "Only on these days: labels of the cycle (“A, C”) or weekdays (“Mon–Thu”)."),
            ),
            Field(
                "weekday",
                "the weekdays that it holds on: “Mon–Thu”; empty for all",
                "weekday|weekdays|day of week|day of the week",
                Holds.DAYS,
            ),
            Field(
                "term",
                "the terms that it holds in; empty for all",
                "term|terms|semester|quarter|trimester|season",
                Holds.NAMES,
                words.TERM,
                Blank("Term", "Only in these terms."),
            ),
            Field(
                "special",
                "the special day that it holds on, by its name",
                "special|special day|special days|schedule|bell schedule|schedule name|day type|timetable|variant",
                Holds.NAMES,
                "schedule type|bell schedule name|schedule code|stundenraster|horaire spécial|horario especial|rooster|skema",
                Blank(
                    "Special day",
                    "Only on the special days of this name; its bell times are then complete.",
                    width=24,
                ),
            ),
        ),
        needs=("period",),
        proof=(
            _periods_stand,
            any_of(has("hours"), has("start", "end"), _ring_in_turn),
            undated,
            _no_meetings,
            _no_days_across,
        ),
        telling=("period", "start", "end", "hours", "division", "day", "special"),
        spans=(("start", "end"),),
        blank=BlankSheet(
            "Bells",
            (
                "One period a row. Where several rows fit a day, the one with more conditions holds.",
                "A period that a special day does not list does not run on it.",
                *SHEET_RULES,
            ),
            'name it under [bells] in nomarium.toml: sheets = "{file}"; then: nomarium check',
        ),
        whole=("division", "term", "special", "day"),
    )
)

NAMES_SHEET = with_phrases(
    SheetKind(
        Kind.PERIOD_NAMES,
        "names of periods",
        (
            Field(
                "written",
                "the period as the timetable writes it; required",
                "written|written as|timetable period|in timetable|as written|called|name|number|period name|"
                "says|their period",
                Holds.PERIODS,
                "local name|shown as|appears as|in the timetable|school’s name|geschrieben|écrit|escrito|scritto",
            ),
            Field(
                "period",
                "the period that is rung; required",
                "period|rung|rung as|rings as|bell|bell period|means|is|real period|bell times period",
                Holds.PERIODS,
                f"{words.PERIOD}|official period|system period|standard period|actual period|corresponds to",
            ),
            Field("division", "the divisions for which it is so", DIVISION_HEADINGS, Holds.NAMES, words.DIVISION),
            Field(
                "group",
                "the groups or classes for which it is so",
                "group|groups|class|classes|for|section|sections|year|grade|team",
                Holds.NAMES,
                f"{words.CLASS}|applies to",
            ),
        ),
        needs=("period",),
        proof=(
            has("written", "period"),
            undated,
            any_of(has("division"), has("group")),
            headed("written", "written|written as|timetable period|in timetable|as written|shown as|in the timetable"),
        ),
        telling=("written", "period", "division", "group"),
        whole=("division", "group"),
    )
)
