"""Words for parts of days, for weeks by number and for spans within longer texts: what each means, and what means nothing."""

from datetime import time, timedelta

import pytest

from nomarium.core.slots import read_week_numbers
from nomarium.core.values import date_in, is_date, month_named, spans_in
from nomarium.core.year import read_day_part
from timetable_school import build, lines, said

CLOSED_PARTS = [
    ("afternoon", "12:00–24:00"),
    ("Staff conference (afternoon)", "12:00–24:00"),
    ("Nachmittag", "12:00–24:00"),
    ("après-midi", "12:00–24:00"),
    ("PM", "12:00–24:00"),
    ("closed in the morning", "0:00–12:00"),
    ("a.m.", "0:00–12:00"),
    ("from 12:00", "12:00–24:00"),
    ("ab 12 Uhr", "12:00–24:00"),
    ("no classes after 1 pm", "13:00–24:00"),
    ("until 10:30", "0:00–10:30"),
    ("13:00–16:00", "13:00–16:00"),
    ("noon dismissal", "12:00–24:00"),
    ("periods 5–7", "without 5 6 7"),
    ("Good Friday", ""),
    ("Morning of remembrance", ""),
    ("Break from 21.12. to 4.1.", ""),
    ("Holiday until 4 January", ""),
    ("Term 1 break", ""),
]
SCHOOL_PARTS = [
    ("ends at 12:15", "12:15–24:00"),
    ("Early dismissal 12:15", "12:15–24:00"),
    ("late start 10:00", "0:00–10:00"),
    ("8:30–12:15", "0:00–8:30 12:15–24:00"),
    ("morning only", "12:00–24:00"),
    ("starts two hours later", "later 2:00:00"),
    ("2-hour delay", "later 2:00:00"),
    ("one and a half hours late", "later 1:30:00"),
    ("delayed by 45 minutes", "later 0:45:00"),
    ("30 min lessons", "length 0:30:00"),
    ("periods 1–3 only", "only 1 2 3"),
    ("Afternoon assembly", ""),
    ("Late start", ""),
    ("Exams periods 1-4", ""),
]


def in_words(part):
    """A part of a day in a few words."""
    if part is None:
        return ""
    shut = [f"{clock(one.first)}–{clock(one.last)}" for one in part.shut]
    named = [
        f"{word} {' '.join(sorted(several))}"
        for word, several in (("only", part.only), ("without", part.without))
        if several
    ]
    rung = [f"{word} {length}" for word, length in (("later", part.later), ("length", part.length)) if length]
    return " ".join([*shut, *named, *rung])


def clock(moment):
    return "24:00" if moment == time.max else f"{moment.hour}:{moment:%M}"


@pytest.mark.parametrize(("text", "expected"), CLOSED_PARTS)
def test_what_a_closure_closes_of_a_day(text, expected):
    assert in_words(read_day_part(text, closed=True)) == expected


@pytest.mark.parametrize(("text", "expected"), SCHOOL_PARTS)
def test_what_a_special_day_leaves_of_a_day(text, expected):
    assert in_words(read_day_part(text, closed=False)) == expected


def test_a_part_of_a_day_cuts_what_runs_into_it_and_leaves_what_begins_before_the_half():
    from_noon, afternoon = read_day_part("from 12:00", closed=True), read_day_part("afternoon", closed=True)
    assert from_noon.kept(time(11, 30), time(12, 30)) == (time(11, 30), time(12))
    assert afternoon.kept(time(11, 30), time(12, 30)) == (time(11, 30), time(12, 30))
    assert from_noon.kept(time(12), time(13)) is afternoon.kept(time(12), time(13)) is None
    assert read_day_part("2-hour delay", closed=False).later == timedelta(hours=2)


WEEKS = [
    ("1-5, 7", (1, 2, 3, 4, 5, 7), ""),
    ("1-5 7-11", (1, 2, 3, 4, 5, 7, 8, 9, 10, 11), ""),
    ("1 - 3 6", (1, 2, 3, 6), ""),
    ("KW 36", (36,), "calendar"),
    ("v. 35–37", (35, 36, 37), "calendar"),
    ("sem. 12", (12,), "calendar"),
    ("uge 50-2", (50, 51, 52, 53, 1, 2), "calendar"),
    ("week 36, 38 and 40", (36, 38, 40), ""),
    ("teaching weeks 3 to 5", (3, 4, 5), "term"),
    ("A", None, ""),
    ("weeks 0-3", None, ""),
    ("odd weeks", tuple(range(1, 54, 2)), ""),
    ("3-11 odd", (3, 5, 7, 9, 11), ""),
    ("KW 36–40 gerade", (36, 38, 40), "calendar"),
    ("weeks 2-8 fortnightly", (2, 4, 6, 8), ""),
    ("1-5, 7-11 odd", None, ""),
    ("4 odd", None, ""),
    ("odd rooms", None, ""),
    ("60", None, ""),
]


@pytest.mark.parametrize(("text", "numbers", "counted_by"), WEEKS)
def test_weeks_by_number(text, numbers, counted_by):
    found = read_week_numbers(text)
    assert (found.numbers, found.counted_by) == (numbers, counted_by) if numbers else found is None


BELLS = '[sources.timetable]\nsheets = "timetable.csv"\n'
HEAD = "Class,Day,Start,End,{}\n"


@pytest.mark.parametrize(
    ("heading", "weeks", "expected", "problem"),
    [
        ("Weeks of term", "1", ["A Mon 7 08:15–09:00"], None),
        ("Calendar weeks", "38", ["A Mon 14 08:15–09:00"], None),
        ("Weeks", "38", ["A Mon 14 08:15–09:00"], None),
        ("Weeks", "2", ["A Mon 14 08:15–09:00"], None),
        ("Weeks of term", "9", [], ("unknown-week", "timetable.csv E2")),
    ],
)
def test_numbers_of_weeks_are_the_calendars_or_the_terms(tmp_path, heading, weeks, expected, problem):
    plan = '[school]\nname = "Orrin Sound"\nzone = "America/Halifax"\n[year]\nterms = "terms.csv"\n' + BELLS
    terms = "Term,First day,Last day\nAutumn,2026-09-07,2026-09-18\n"
    sheet = f"{HEAD.format(heading)}A,Mon,8:15,9:00,{weeks}\n"
    made = build(tmp_path, plan, terms_csv=terms, timetable_csv=sheet)
    assert said(made) == ([problem] if problem else [])
    assert lines(made) == expected


SPANS = [
    ("17:30–19:00 Pool 2", ["17:30–19:00"]),
    ("Tue 16:30 (45 min) Pool 2", ["16:30–17:15"]),
    ("11:30 am for 1 hour", ["11:30–12:30"]),
    ("16:30–17:15 (45 min)", ["16:30–17:15"]),
    ("Tue 16:30 (45 min), Thu 17:00-18:00", ["16:30–17:15", "17:00-18:00"]),
    ("16:30 (45)", []),
    ("Early (7 am to 3 pm)", ["7 am to 3 pm"]),
    ("6:00-7:00, 17:30-19:00", ["6:00-7:00", "17:30-19:00"]),
    ("9-12 Ito", ["9-12"]),
    ("9-12", ["9-12"]),
    ("von 8:00 bis 9:30 Uhr", ["8:00 bis 9:30 Uhr"]),
    ("Room 2-3", []),
    ("3-4 Ito", []),
    ("12-9 Ito", ["12-9"]),
    ("A 1:10 scale", []),
]


@pytest.mark.parametrize(("text", "expected"), SPANS)
def test_spans_of_times_within_texts(text, expected):
    assert [one.text for one in spans_in(text)] == expected


@pytest.mark.parametrize(
    ("text", "day"),
    [
        ("Mon 4 Jan 2027", True),
        ("4.1.", True),
        ("5 de marzo", True),
        ("January", False),
        ("17:30", False),
        ("Pool 2", False),
    ],
)
def test_a_text_is_a_date_or_none(text, day):
    assert is_date(text) is day


@pytest.mark.parametrize(
    ("text", "month"),
    [
        ("Ward rota: January 2027", (2027, 1)),
        ("Dienstplan März 2027", (2027, 3)),
        ("turnos de febrero de 2027", (2027, 2)),
        ("Rota 2027", None),
        ("Spring 2027", None),
    ],
)
def test_the_month_that_a_title_names(text, month):
    found = month_named([text])
    assert ((found.year, found.month) if found else None) == month
    assert date_in("soon", "dmy") is None
