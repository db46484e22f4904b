"""Lists of meetings, bell times, other names for periods, class lists: as people keep them, and what is wrong with them."""

import pytest

from timetable_school import BELLS, PLAN, SOURCE, TERMS, build, lines, said

CLEAN = []


@pytest.mark.parametrize(
    ("sheet", "expected"),
    [
        (
            "Class,Teacher,Room,Day,Period\nPLK-1,R. Vasquel,Adze Shed,1,1\n",
            ["PLK-1 Mon 7 08:15–09:00", "PLK-1 Thu 10 08:15–09:00", "PLK-1 Tue 15 08:15–09:00", "PLK-1 Fri 18 08:15–09:00"],
        ),
        ("Section,Cycle day,Block\nPLK-1,Day 2,P2\n", ["PLK-1 Tue 8 09:05–09:50", "PLK-1 Fri 11 09:05–09:50", "PLK-1 Wed 16 09:05–09:50"]),
        ("Course,Day,Period\nCaulking,Mon,1–2\n", ["Caulking Mon 7 08:15–09:50", "Caulking Mon 14 08:15–09:50"]),
        ("Class,Weekday,Period\nA,Mon,1\nA,Mon,2\n", ["A Mon 7 08:15–09:50", "A Mon 14 08:15–09:50"]),
        ("Class,Day,Period\nA,Mon,2\nA,Mon,3\n", ["A Mon 7 09:05–09:50", "A Mon 7 10:15–11:00", "A Mon 14 09:05–09:50", "A Mon 14 10:15–11:00"]),
        ("Class,Day,Period\nA,Mon,2–3\n", ["A Mon 7 09:05–11:00", "A Mon 14 09:05–11:00"]),
        ("Class,Day,Period\nA,Mon,\"1, 4\"\n", ["A Mon 7 08:15–09:00", "A Mon 7 11:05–11:50", "A Mon 14 08:15–09:00", "A Mon 14 11:05–11:50"]),
        ("Class,Day,Times\nGym,Tue,7:15–8:00\n", ["Gym Tue 8 07:15–08:00", "Gym Tue 15 07:15–08:00"]),
        ("Class,Day,Start,End\nGym,Tue,16:00,17:30\n", ["Gym Tue 8 16:00–17:30", "Gym Tue 15 16:00–17:30"]),
        ("Class,Meets at\nA,\"3P2 1P9\"\n", None),
        ("Class,Meets at\nA,Mon 8-10 / Tue 10-12\n", ["A Mon 7 08:00–10:00", "A Tue 8 10:00–12:00", "A Mon 14 08:00–10:00", "A Tue 15 10:00–12:00"]),
        ("Class,Meets at\nA,Mon 1-2\n", ["A Mon 7 08:15–09:50", "A Mon 14 08:15–09:50"]),
        ("Class,Meets at\nA,Mon 4-5pm & Tue 5-6pm\n", ["A Mon 7 16:00–17:00", "A Tue 8 17:00–18:00", "A Mon 14 16:00–17:00", "A Tue 15 17:00–18:00"]),
        ("Class,Meets at\nA,Wed P2\n", ["A Wed 9 09:05–09:50", "A Wed 16 09:05–09:50"]),
        ("Class,Slots\nA,Day 1 P5\n", ["A Mon 7 13:00–13:45", "A Thu 10 13:00–13:45", "A Tue 15 13:00–13:45", "A Fri 18 13:00–13:45"]),
        ("Class,Day,Period\nA,Wed P2,\nB,Wed,2\n", ["A Wed 9 09:05–09:50", "B Wed 9 09:05–09:50", "A Wed 16 09:05–09:50", "B Wed 16 09:05–09:50"]),
        ("Class,Day,Period\nA,,Wed P2\n", ["A Wed 9 09:05–09:50", "A Wed 16 09:05–09:50"]),
        ("Class,Day,Period,From,Until\nA,Tue,1,2026-09-10,2026-09-30\n", ["A Tue 15 08:15–09:00"]),
        ("Class,Day,Period,Until\nA,Tue,1,8 Sep\n", ["A Tue 8 08:15–09:00"]),
        ("Timetable of the Yard\n\nClass,Day,Period\n\nA,Tue,1\nClass,Day,Period\nB,Tue,1\n", ["A Tue 8 08:15–09:00", "B Tue 8 08:15–09:00", "A Tue 15 08:15–09:00", "B Tue 15 08:15–09:00"]),
    ],
)  # fmt: skip
def test_a_list_is_dated(tmp_path, sheet, expected):
    made = build(tmp_path, timetable_csv=sheet)
    if expected is None:
        assert said(made) == [("period-without-bells", "timetable.csv A2:B2")]
        return
    assert said(made) == CLEAN
    assert lines(made) == expected


def test_all_that_a_row_says_goes_along(tmp_path):
    sheet = (
        "Class,Course,Teacher,Room,Day,Period,Group,Credits\n"
        "PLK-1,Carvel planking,R. Vasquel; D. Pell,Adze Shed,Mon,1,a,3\n"
    )
    made = build(tmp_path, timetable_csv=sheet)
    assert made.held[0].values == {
        "class": ("PLK-1",),
        "course": ("Carvel planking",),
        "teacher": ("R. Vasquel", "D. Pell"),
        "room": ("Adze Shed",),
        "group": ("a",),
        "credits": ("3",),
        "division": ("Yard",),
    }


@pytest.mark.parametrize(
    ("sheet", "problem"),
    [
        ("Class,Day,Period\nA,7,1\n", ("unknown-day", "timetable.csv B2")),
        ("Class,Day,Period\nA,\"1, Z\",1\n", ("unknown-day", "timetable.csv B2")),
        ("Class,Day,Period\nA,2026-03-01,1\nB,Mon,1\n", ("unknown-day", "timetable.csv B2")),
        ("Class,Day,Period\nA,Mon,3–\n", ("unreadable-periods", "timetable.csv C2")),
        ("Class,Day,Period\nA,Mon,9\n", ("period-without-bells", "timetable.csv A2:C2")),
        ("Class,Day,Period\nA,Wed P2,3\n", ("unknown-day", "timetable.csv B2")),
        ("Class,Day,Period\nA,Wed PX,\n", ("unknown-day", "timetable.csv B2")),
        ("Class,Day,Period\nA,,1\n", ("no-slot", "timetable.csv A2:C2")),
        ("Class,Day,Period\nA,Mon,\nB,Mon,1\n", ("no-slot", "timetable.csv A2:C2")),
        ("Class,Day,Period\n,Mon,1\nB,Mon,1\n", ("no-class", "timetable.csv A2:C2")),
        ("Class,Day,Period,Week\nA,Mon,1,C\n", ("unknown-week", "timetable.csv D2")),
        ("Class,Day,Period,Term\nA,Mon,1,Autunm\n", ("unknown-term", "timetable.csv D2")),
        ("Class,Day,Period,Division\nA,Mon,1,Yrad\n", ("unknown-division", "timetable.csv D2")),
        ("Class,Day,Period,From,Until\nA,Mon,1,2026-09-10,2026-09-08\n", ("backward-span", "timetable.csv E2")),
        ("Class,Day,Period,Until\nA,Mon,1,soon\n", ("unreadable-date", "timetable.csv D2")),
        ("Class,Day,Times\nA,Mon,25:00\n", ("unreadable-times", "timetable.csv C2")),
        ("Class,Day,Start,End\nA,Mon,10:00,9:00\n", ("unreadable-times", "timetable.csv C2")),
        ("Class,Day,Start,End\nA,Mon,10:00,\nB,Mon,9:00,10:00\n", ("unreadable-times", "timetable.csv C2")),
        ("Nothing,here\n1,2\n", ("no-timetable", "timetable.csv")),
    ],
)  # fmt: skip
def test_a_row_that_cannot_be_is_refused_with_its_cell(tmp_path, sheet, problem):
    plan = PLAN + SOURCE + 'kind = "timetable"\n'
    assert problem in said(build(tmp_path, plan, timetable_csv=sheet))


def test_a_day_of_two_cycles_asks_for_the_division(tmp_path):
    plan = PLAN.replace('labels = "A-D"', 'labels = "1-4"') + '[sources.timetable]\nsheets = "timetable.csv"\n'
    sheet = "Class,Day,Period\nA,2,1\n"
    assert said(build(tmp_path, plan, timetable_csv=sheet)) == [("day-of-several-cycles", "timetable.csv B2")]
    assert said(build(tmp_path, plan + 'cycle = "Loft"\n', timetable_csv=sheet)) == CLEAN
    lists = plan + '[classes]\nlists = "classes.csv"\n'
    made = build(tmp_path, lists, timetable_csv=sheet, classes_csv="Class,Division,Room\nA,Loft,Mould Loft\n")
    assert said(made) == CLEAN
    assert lines(made, "room")[0] == "A Tue 8 08:15–09:00 Mould Loft"


@pytest.mark.parametrize(
    ("rows", "expected", "warned"),
    [
        ("A,V,Shed\nA,P,Shed\n", ["A Mon 7 08:15–09:00 V, P Shed"], []),
        ("A,V,Shed\nA,V,Shed\n", ["A Mon 7 08:15–09:00 V Shed"], ["identical-row"]),
        ("A,V,Shed\nA,P,Loft\n", ["A Mon 7 08:15–09:00 P Loft", "A Mon 7 08:15–09:00 V Shed"], ["same-slot"]),
    ],
)
def test_one_class_in_several_rows_at_one_slot(tmp_path, rows, expected, warned):
    sheet = "Class,Teacher,Room,Day,Period,Until\n" + rows.replace("\n", ",Mon,1,2026-09-08\n")
    made = build(tmp_path, timetable_csv=sheet)
    assert lines(made, "teacher", "room") == expected
    assert [code for code, _ in said(made, "warning", "error")] == warned


def test_week_letters_and_weeks_of_a_cycle(tmp_path):
    plan = PLAN.replace('terms = "terms.csv"', 'terms = "terms.csv"\nweeks = { letters = "A-B" }')
    plan += '[cycles.Tide]\nlabels = ["Low", "High"]\nadvance = "weeks"\n' + SOURCE
    sheet = 'Class,Day,Period,Week\nA,Tue,1,B\nB,Tue,1,Low\nC,Tue B,1,\nD,High Tue,2,\nE,Tue,3,"A, B"\n'
    assert lines(build(tmp_path, plan, timetable_csv=sheet)) == [
        "B Tue 8 08:15–09:00",
        "E Tue 8 10:15–11:00",
        "A Tue 15 08:15–09:00",
        "C Tue 15 08:15–09:00",
        "D Tue 15 09:05–09:50",
        "E Tue 15 10:15–11:00",
    ]


WEEKS = 'terms = "terms.csv"\nweeks = { listed = "weeks.csv" }'


@pytest.mark.parametrize(
    ("weeks", "held", "told"),
    [
        ("2026-09-07,B\n2026-09-14,A\n", ["B Mon 7 09:05–09:50", "A Mon 14 08:15–09:00"], []),
        ("2026-09-09,Week A\n2026-09-14,A\n", ["A Mon 7 08:15–09:00", "A Mon 14 08:15–09:00"], ["unknown-week"]),
        ("2026-09-07,B\n2026-09-21,A\n", ["B Mon 7 09:05–09:50"], ["weeks-unlisted", "never-meets"]),
        ("2026-09-07,A\n2026-09-14,B\n2026-09-07,B\n", [], ["listed-twice"]),
        ("2026-09-07,A\n2026-09-14,\n2026-09-21,B\n", [], ["no-letter"]),
    ],
)
def test_weeks_that_follow_no_rule_are_listed(tmp_path, weeks, held, told):
    plan = PLAN.replace('terms = "terms.csv"', WEEKS) + SOURCE
    sheet = "Class,Day,Period,Week\nA,Mon,1,A\nB,Mon,2,B\n"
    made = build(tmp_path, plan, timetable_csv=sheet, weeks_csv=f"Week beginning,Week\n{weeks}")
    assert [code for code, _ in said(made, "error", "warning")] == told
    assert lines(made) == held


TIMETABLE = "Class,Division,Day,Period\nK,Yard,Tue,1\nL,Loft,Tue,1\n"


@pytest.mark.parametrize(
    ("bells", "expected"),
    [
        ("Period,Start,End,Division\n1,8:00,8:45,\n1,8:10,8:55,Loft\n", ["K 08:00–08:45", "L 08:10–08:55"]),
        ("Period,Start,End,Day\n1,8:00,8:45,\n1,8:10,8:55,Tue\n", ["K 08:10–08:55", "L 08:10–08:55"]),
        ("Period,Start,End,Day\n1,8:00,8:45,Mon–Fri\n1,8:10,8:55,Tue\n", ["K 08:10–08:55", "L 08:10–08:55"]),
        ("Period,Start,End,Division,Day\n1,8:00,8:45,,Tue\n1,8:10,8:55,Loft,Tue\n", ["K 08:00–08:45", "L 08:10–08:55"]),
        ("Period,Start,End,Day\n1,8:00,8:45,\n1,8:10,8:55,Day 2\n", ["K 08:10–08:55", "L 08:00–08:45"]),
        ("Period,Start,End,Term\n1,8:00,8:45,\n1,8:10,8:55,Autumn\n", ["K 08:10–08:55", "L 08:10–08:55"]),
        ("Period,Times\nPeriod 1,8:00–8:45\n", ["K 08:00–08:45", "L 08:00–08:45"]),
        ("Block,From,To\n1st,8.00 am,8.45 am\n", ["K 08:00–08:45", "L 08:00–08:45"]),
        ("Period,Mon,Tue–Fri\n1,8:00–8:45,9–9:45\n2,9:00–9:45,10–10:45\n", ["K 09:00–09:45", "L 09:00–09:45"]),
        ("Period,Yard,Loft\n1,8:00–8:45,9:00–9:45\n", ["K 08:00–08:45", "L 09:00–09:45"]),
        ("Bells of the school\n\nPeriod,Usual,Loft Tue\nP1,8:00–8:45,9:00–9:45\n", ["K 08:00–08:45", "L 09:00–09:45"]),
        ("Period,Start,End\n1,8:00,8:45\n1,8:00,8:45\n", ["K 08:00–08:45", "L 08:00–08:45"]),
        (
            "Yard,,,,Loft\nPeriod,Start,End,,Period,Start,End\n1,8:00,8:45,,1,9:00,9:45\n",
            ["K 08:00–08:45", "L 09:00–09:45"],
        ),
        ("Day,Period 1,P2\nMon,8:00–8:45,9–9:45\nTue–Fri,9:00–9:45,10–10:45\n", ["K 09:00–09:45", "L 09:00–09:45"]),
        ("Period,Yard start,Yard end,Loft start,Loft end\n1,8:00,8:45,9:00,9:45\n", ["K 08:00–08:45", "L 09:00–09:45"]),
        ("Period,Start,End,Tue start,Tue end\n1,8:00,8:45,9:00,9:45\n", ["K 09:00–09:45", "L 09:00–09:45"]),
        ("Period,Start,End,Start (Mon),End (Mon)\n1,8:00,8:45,9:00,9:45\n", ["K 08:00–08:45", "L 08:00–08:45"]),
    ],
)
def test_the_most_specific_bells_ring(tmp_path, bells, expected):
    plan = PLAN + '[sources.timetable]\nsheets = "timetable.csv"\n'
    terms = TERMS.replace("2026-09-18", "2026-09-11")
    made = build(tmp_path, plan, bells_csv=bells, timetable_csv=TIMETABLE, terms_csv=terms)
    assert said(made) == CLEAN
    assert sorted(line.replace(" Tue 8", "") for line in lines(made)) == expected


@pytest.mark.parametrize(
    ("bells", "problem"),
    [
        ("Period,Start,End,Division,Day\n1,8:00,8:45,Yard,\n1,8:10,8:55,,Tue\n", ("bell-tie", "bells.csv A3:E3")),
        ("Period,Start,End\n1,8:00,8:45\n1,8:10,8:55\n", ("bell-tie", "bells.csv A3:C3")),
        ("Period,Start,End\n1,8:00,7:45\n", ("no-bell-span", "bells.csv A2:C2")),
        ("Period,Start,End\n1,8:00,\n", ("no-bell-span", "bells.csv A2:C2")),
        ("Period,Usual,Tue\n1,8:00–8:45,\n2,9:00–9:45,9:00–9:30\n", ("period-without-bells", "timetable.csv A2:D2")),
        ("Period,Start,End,Tue start,Tue end\n1,8:00,8:45,,\n", ("period-without-bells", "timetable.csv A2:D2")),
        ("Period,Start,End,Loft start,Loft end\n1,8:00,8:45,,\n", ("no-bell-span", "bells.csv A2:E2")),
        ("Period,Start,End\n1,eight,8:45\n", ("unreadable-bell", "bells.csv B2")),
        ("Period,Start,End\n,8:00,8:45\n1,8:00,8:45\n", ("no-period", "bells.csv A2:C2")),
        ("Period,Start,End,Division\n1,8:00,8:45,Yrad\n", ("unknown-division", "bells.csv D2")),
        ("Period,Start,End,Term\n1,8:00,8:45,Spring\n", ("unknown-term", "bells.csv D2")),
        ("Period,Start,End,Day\n1,8:00,8:45,Day 9\n", ("unknown-day", "bells.csv D2")),
        ("Period,Mon,Tue\n1,8:00–8:45,8:00–7:45\n", ("no-bell-span", "bells.csv C2")),
        ("Period,Mon,Tue\n1,8:00–8:45,9:00–9:45\n2,9:00–9:45,later\n", ("unreadable-bell", "bells.csv C3")),
        (
            "Yard,,,Lotf\nPeriod,Start,End,Period,Start,End\n1,8:00,8:45,1,9:00,9:45\n",
            ("period-without-bells", "timetable.csv A3:D3"),
        ),
        ("Event,Date\nX,2026-09-08\n", ("no-bells", "bells.csv")),
        ("Period,Start,End\n", ("no-rows", "bells.csv")),
    ],
)
def test_bells_that_cannot_ring_are_refused(tmp_path, bells, problem):
    plan = PLAN + '[sources.timetable]\nsheets = "timetable.csv"\n'
    assert problem in said(build(tmp_path, plan, bells_csv=bells, timetable_csv=TIMETABLE))


SPECIAL = 'special = { 2026-09-08 = "Early dismissal", 2026-09-15 = "Gale watch" }\n'


def test_a_special_days_bells_are_complete(tmp_path):
    plan = PLAN.replace('terms = "terms.csv"\n', f'terms = "terms.csv"\n{SPECIAL}') + SOURCE
    bells = (
        BELLS.replace("End\n", "End,Special day\n")
        .replace(":00\n", ":00,\n")
        .replace(":50\n", ":50,\n")
        .replace(":45\n", ":45,\n")
    )
    bells += "1,8:15,8:45,Early dismissal\n2,8:50,9:20,Early dismissal\n9,9:30,10:00,Fire drill\n"
    sheet = "Class,Day,Period,Times\nA,Tue,1–2,\nB,Tue,5,\nC,Tue,,14:00–15:00\n"
    made = build(tmp_path, plan, bells_csv=bells, timetable_csv=sheet)
    assert lines(made) == [
        "A Tue 8 08:15–09:20",
        "C Tue 8 14:00–15:00",
        "A Tue 15 08:15–09:50",
        "B Tue 15 13:00–13:45",
        "C Tue 15 14:00–15:00",
    ]
    assert said(made, "error", "warning", "note") == [
        ("unused-bells", "bells.csv D9"),
        ("not-rung", "bells.csv"),
        ("usual-bells", "nomarium.toml line 7"),
    ]


@pytest.mark.parametrize(
    ("names", "expected"),
    [
        ("Written,Period,Division\nNoon,4,Yard\n", "11:05–11:50"),
        ("Written,Period,Division\nNoon,4,Yard\n4,5,Yard\n", "11:05–11:50"),
        ("Written,Period,Group\nNoon,5,A\n", "13:00–13:45"),
        ("Written,Period\nNoon,3\n", "10:15–11:00"),
        ("Written,Period,Division,Group\nNoon,3,,\nNoon,5,Yard,\nNoon,2,,A\n", "09:05–09:50"),
    ],
)
def test_other_names_of_periods_do_not_chain(tmp_path, names, expected):
    plan = PLAN + 'other_names = "names.csv"\n' + SOURCE
    made = build(tmp_path, plan, names_csv=names, timetable_csv="Class,Day,Period\nA,Fri,Noon\n")
    assert said(made) == CLEAN
    assert lines(made)[0] == f"A Fri 11 {expected}"


def test_two_meanings_of_one_period_are_refused(tmp_path):
    plan = PLAN + 'other_names = "names.csv"\n' + SOURCE
    names = "Written,Period,Division\nNoon,4,Yard\nNoon,5,Yard\n"
    made = build(tmp_path, plan, names_csv=names, timetable_csv="Class,Day,Period\nA,Fri,Noon\n")
    assert said(made) == [("two-period-names", "names.csv A3:C3")]


@pytest.mark.parametrize(
    ("keys", "sheet", "expected"),
    [
        ('double_periods = "two events"\n', "A,Mon,1–2", ["08:15–09:00", "09:05–09:50"]),
        ('double_periods = "one event"\n', "A,Mon,1–2", ["08:15–09:50"]),
        ("passing = 30\n", "A,Mon,\"2, 3\"", ["09:05–11:00"]),
        ("passing = 0\n", "A,Mon,\"1, 2\"", ["08:15–09:00", "09:05–09:50"]),
        ("", "A,Mon,\"1, 2, 4\"", ["08:15–09:50", "11:05–11:50"]),
    ],
)  # fmt: skip
def test_double_periods_are_one_event_or_two(tmp_path, keys, sheet, expected):
    made = build(tmp_path, PLAN + keys + SOURCE, timetable_csv=f"Class,Day,Period\n{sheet}\n")
    assert [line.removeprefix("A Mon 7 ") for line in lines(made) if "Mon 7" in line] == expected


def test_closures_and_followed_weekdays(tmp_path):
    plan = PLAN.replace(
        'terms = "terms.csv"\n', 'terms = "terms.csv"\nclosures = "closures.csv"\nfollows = { 2026-09-11 = "Monday" }\n'
    )
    closures = "Closure,Date,Division\nGale,2026-09-08,\nInspection,2026-09-09,Loft\n"
    sheet = 'Class,Division,Day,Period\nK,Yard,"Mon, Tue, Wed",1\nL,Loft,"Mon, Tue, Wed",1\nN,,Wed,1\n'
    plan += '[sources.timetable]\nsheets = "timetable.csv"\n'
    made = build(tmp_path, plan, closures_csv=closures, timetable_csv=sheet)
    assert [line for line in lines(made) if not line.split()[2].startswith("1") or "11 " in line] == [
        "K Mon 7 08:15–09:00",
        "L Mon 7 08:15–09:00",
        "K Wed 9 08:15–09:00",
        "N Wed 9 08:15–09:00",
        "K Fri 11 08:15–09:00",
        "L Fri 11 08:15–09:00",
    ]
    assert ("no-division", "timetable.csv") in said(made, "warning")


def test_a_timetable_without_a_year_or_bells_says_what_it_needs(tmp_path):
    sheet = "Class,Day,Period\nA,Mon,1\n"
    without_year = '[school]\nzone = "America/Halifax"\n[sources.t]\nsheets = "timetable.csv"\n'
    assert said(build(tmp_path, without_year, timetable_csv=sheet)) == [("year-needed", "nomarium.toml line 4")]
    without_bells = PLAN.replace('[bells]\nsheets = "bells.csv"\n', "") + SOURCE
    assert said(build(tmp_path, without_bells, timetable_csv=sheet)) == [("no-bell-times", "timetable.csv A2:C2")]
    with_times = "Class,Day,Times\nA,Mon,9:00–10:00\n"
    assert said(build(tmp_path, without_bells, timetable_csv=with_times)) == CLEAN


def test_a_slot_that_no_date_is_has_a_warning(tmp_path):
    made = build(tmp_path, timetable_csv="Class,Day,Period\nA,Sat,1\nB,Mon,1\n")
    assert said(made, "warning") == [("never-meets", "timetable.csv A2:C2")]
