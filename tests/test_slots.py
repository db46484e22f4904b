"""Days, periods and slots as people write them."""

from datetime import date

import pytest

from nomarium.core.slots import DayReader, UnknownDay, bare_period, read_periods, read_slots
from nomarium.core.year import Advance, CycleRule, SchoolYear, Term, WeekRules, YearRules

TERM = Term("Autumn", date(2026, 9, 7), date(2026, 12, 18))
YEAR = SchoolYear(
    YearRules(
        (TERM,),
        weeks=WeekRules(letters=("A", "B")),
        divisions=("Yard", "Loft"),
        cycles=(
            CycleRule("Yard", ("1", "2", "3", "4", "5", "6"), divisions=frozenset({"Yard"})),
            CycleRule("Loft", ("A", "B", "C", "D"), divisions=frozenset({"Loft"})),
            CycleRule("Tide", ("Low", "High"), Advance.CALENDAR_WEEKS),
            CycleRule("Watch", ("C", "E")),
        ),
    )
)
DAYS = DayReader(YEAR)


@pytest.mark.parametrize(
    ("text", "bare"),
    [
        ("3", "3"),
        ("P3", "3"),
        ("p. 3", "3"),
        ("Period 3", "3"),
        ("PERIOD 03", "3"),
        ("Per. 3", "3"),
        ("3rd", "3"),
        ("1st period", "1"),
        ("Block 2", "2"),
        ("Block B", "B"),
        ("Lesson 4", "4"),
        ("Lunch", "Lunch"),
        ("Noon watch", "Noon watch"),
        ("5a", "5a"),
        ("P5a", "5a"),
        ("", ""),
    ],
)
def test_a_period_goes_without_the_word_around_it(text, bare):
    assert bare_period(text) == bare


@pytest.mark.parametrize(
    ("text", "groups"),
    [
        ("3", [("3",)]),
        ("P1–P3", [("1", "2", "3")]),
        ("3-4", [("3", "4")]),
        ("1 to 2", [("1", "2")]),
        ("3+4", [("3", "4")]),
        ("3 & 5", [("3", "5")]),
        ("1, 4", [("1",), ("4",)]),
        ("1; 3–4", [("1",), ("3", "4")]),
        ("2 and 5", [("2",), ("5",)]),
        ("A–C", [("A", "B", "C")]),
        ("Lunch", [("Lunch",)]),
        ("Half-day", [("Half-day",)]),
        ("1st, 2nd", [("1",), ("2",)]),
        ("4–3", None),
        ("3–", None),
        (",", None),
        ("1–99", None),
        ("x" * 41, None),
    ],
)
def test_periods_written_as_one_stay_together(text, groups):
    assert read_periods(text) == (groups and tuple(groups))


def names(found):
    return [day.name for day in found]


@pytest.mark.parametrize(
    ("text", "division", "days"),
    [
        ("3", "Yard", ["3"]),
        ("Day 3", "Yard", ["3"]),
        ("D3", "Yard", ["3"]),
        ("3rd", "Yard", ["3"]),
        ("1, 4", "Yard", ["1", "4"]),
        ("1–3", "Yard", ["1", "2", "3"]),
        ("Day 1 / Day 2", "Yard", ["1", "2"]),
        ("A, C", "Loft", ["A", "C"]),
        ("A-Day", "Loft", ["A"]),
        ("B–D", "Loft", ["B", "C", "D"]),
        ("A and B", "Loft", ["A", "B"]),
        ("Monday", "Yard", ["Monday"]),
        ("Mon/Wed/Fri", "Yard", ["Monday", "Wednesday", "Friday"]),
        ("Mon–Thu", "Loft", ["Monday", "Tuesday", "Wednesday", "Thursday"]),
        ("Fri-Mon", "Loft", ["Friday", "Saturday", "Sunday", "Monday"]),
        ("MWF", "Yard", ["Monday", "Wednesday", "Friday"]),
        ("TTh", "Yard", ["Tuesday", "Thursday"]),
        ("MTuWThF", "Yard", ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"]),
        ("lundi", "Yard", ["Monday"]),
        ("Mon A", "Yard", ["A Monday"]),
        ("B Tuesday", "Yard", ["B Tuesday"]),
        ("Wednesday (week B)", "Yard", ["B Wednesday"]),
        ("Low Friday", "Yard", ["Low Friday"]),
        ("daily", "Yard", [""]),
        ("every day", "Loft", [""]),
        ("1, 1", "Yard", ["1"]),
    ],
)
def test_days_are_labels_or_weekdays_or_both(text, division, days):
    assert names(DAYS.read(text, (division, "Tide"))) == days


@pytest.mark.parametrize(
    ("text", "division", "part"),
    [
        ("7", "Yard", "7"),
        ("1, 9", "Yard", "9"),
        ("E, F", "Watch", "F"),
        ("B, F", "Loft", "F"),
        ("Moonday", "Loft", "Moonday"),
        ("2026-10-14", "Yard", "2026-10-14"),
        ("Mon C", "Yard", "Mon C"),
        ("3–1", "Yard", "3–1"),
    ],
)
def test_what_is_no_day_is_named(text, division, part):
    assert DAYS.read(text, (division,)) == UnknownDay(part)


def test_a_label_of_two_cycles_is_neither():
    assert DAYS.read("C", ("Loft", "Watch")) == UnknownDay("C", ("Loft", "Watch"))


def test_a_label_of_one_division_is_none_of_the_other():
    assert isinstance(DAYS.read("4", ("Loft",)), UnknownDay)
    assert DAYS.cycles_of("Loft") == ("Loft", "Tide", "Watch")
    assert DAYS.cycles_of("") == ("Yard", "Loft", "Tide", "Watch")


@pytest.mark.parametrize(
    ("text", "slots"),
    [
        ("A1", ["A 1"]),
        ("A1 C4", ["A 1", "C 4"]),
        ("A1, C4–5", ["A 1", "C 4+5"]),
        ("1A", ["A 1"]),
        ("A-3; B-2", ["A 3", "B 2"]),
        ("Day B P3", ["B 3"]),
        ("Mon 5", ["Monday 5"]),
        ("Mon P5, Wed P2", ["Monday 5", "Wednesday 2"]),
        ("BMon2", ["B Monday 2"]),
        ("AWed:1", ["A Wednesday 1"]),
        ("Mon 1:2", None),
        ("A9 and B2", None),
        ("E1", None),
        ("A", None),
        ("1", None),
    ],
)
def test_slots_are_a_day_and_a_period_in_one(text, slots):
    found = read_slots(text, DAYS, ("Loft",))
    told = None if isinstance(found, UnknownDay) else [f"{day.name} {'+'.join(periods)}" for day, periods in found]
    assert told == slots


@pytest.mark.parametrize("text", ["2Mon:3", "2Mon3", "Mon 2:3", "Mon2 P3", "MonWk2:3", "W2Mon3", "Week 2 Mon 3"])
def test_slots_in_weeks_that_go_by_numbers(text):
    days = DayReader(SchoolYear(YearRules((TERM,), weeks=WeekRules(letters=("1", "2")))))
    found = read_slots(text, days, ())
    assert not isinstance(found, UnknownDay)
    assert [(day.words, periods) for day, periods in found] == [("Monday, week 2", ("3",))]


@pytest.mark.parametrize(("text", "letters"), [("A", ("A",)), ("week B", ("B",)), ("A, B", ("A", "B")), ("C", None)])
def test_letters_of_weeks(text, letters):
    found = DAYS.letters(text)
    assert (None if isinstance(found, UnknownDay) else found) == letters
