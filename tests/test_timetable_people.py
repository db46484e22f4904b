"""Codes of a master list, rosters, class lists and one-off changes."""

import pytest

from timetable_school import PLAN, SOURCE, build, lines, said, workbook

CODES = PLAN + '[sources.rota]\nsheets = "master.csv"\ncodes = ["codes.csv"]\n'
MASTER = "Date,Start,End,Code\n2026-09-08,9:00,10:00,W1\n2026-09-08,10:00,11:00,W2\n2026-09-09,9:00,10:00,W1\n"


@pytest.mark.parametrize(
    ("codes", "expected", "warned"),
    [
        ("Code,Title,Room\nW1,Slip watch,Town slip\nW2,,\n", ["W1 Tue 8 09:00–10:00 codes Slip watch", "W1 Wed 9 09:00–10:00 codes Slip watch"], []),
        ("Code,Title\nW1,Slip watch\n", ["W1 Tue 8 09:00–10:00 codes Slip watch", "W1 Wed 9 09:00–10:00 codes Slip watch"], ["code-without-entry"]),
        ("Person,Code,Title\nV,W2,Launch\nP,W1,Watch\nV,W1,\nP,W2,\n", ["W1 Tue 8 09:00–10:00 P Watch", "W2 Tue 8 10:00–11:00 V Launch", "W1 Wed 9 09:00–10:00 P Watch"], []),
        ("Block,Class\nw1,Slip watch\nW2,\n", ["W1 Tue 8 09:00–10:00 codes Slip watch", "W1 Wed 9 09:00–10:00 codes Slip watch"], []),
    ],
)  # fmt: skip
def test_everybody_gets_the_slots_of_their_codes(tmp_path, codes, expected, warned):
    made = build(tmp_path, CODES, master_csv=MASTER, codes_csv=codes)
    assert said(made) == []
    assert lines(made, "person", "title") == expected
    assert [code for code, _ in said(made, "warning")] == warned


@pytest.mark.parametrize(
    ("master", "codes", "problem"),
    [
        (MASTER, "Code,Title\nW1,Watch\nW2,\nW9,Nothing\n", ("entry-without-slot", "codes.csv A4:B4")),
        (MASTER, "Code,Title\nW1,Watch\nW2,\nw1,Launch\n", ("two-entries", "codes.csv A4:B4")),
        (MASTER, "Code,Title\n,Watch\nW1,\nW2,\n", ("half-pair", "codes.csv A2:B2")),
        (MASTER, "Name,Address\nX,Y\n", ("no-codes", "codes.csv")),
        ("When,Who\n2026-09-08,W1\n", "Code,Title\nW1,Watch\n", ("no-codes", "master.csv")),
        ("Date,Code\nsoon,W1\n2026-09-08,W1\n", "Code,Title\nW1,Watch\n", ("unreadable-date", "master.csv A2")),
    ],
)
def test_codes_that_do_not_fit_are_refused(tmp_path, master, codes, problem):
    plan = CODES.replace("[sources.rota]", '[sources.rota]\nkind = "codes"')
    assert problem in said(build(tmp_path, plan, master_csv=master, codes_csv=codes))


def test_a_coded_slot_stays_on_a_closure_with_a_warning(tmp_path):
    plan = CODES.replace('terms = "terms.csv"\n', 'terms = "terms.csv"\nclosures = "closures.csv"\n')
    made = build(
        tmp_path,
        plan,
        master_csv=MASTER,
        codes_csv="Code,Title\nW1,Watch\nW2,\n",
        closures_csv="Closure,Date\nGale,2026-09-09\n",
    )
    assert lines(made)[-1] == "W1 Wed 9 09:00–10:00"
    assert said(made, "warning") == [("slot-on-closure", "master.csv A4:D4")]


def test_a_sheet_of_codes_a_person(tmp_path):
    book = workbook(
        R_Vasquel=[["Code", "Title"], ["W1", "Watch"], ["W2", ""]],
        D_Pell=[["Code", "Title"], ["W1", ""], ["W2", "Launch"]],
    )
    made = build(tmp_path, CODES.replace("codes.csv", "codes.xlsx"), master_csv=MASTER, codes_xlsx=book)
    assert lines(made, "person") == [
        "W1 Tue 8 09:00–10:00 R Vasquel",
        "W2 Tue 8 10:00–11:00 D Pell",
        "W1 Wed 9 09:00–10:00 R Vasquel",
    ]


PEOPLE = PLAN + '[classes]\nrosters = "roster.csv"\n' + SOURCE
SHEET = "Class,Teacher,Day,Period\nA,V,Wed,1\nB,P,Wed,2\n"


@pytest.mark.parametrize(
    ("roster", "students"),
    [
        ("Class,Student\nA,Ayla\nA,Finn\nB,Finn\n", ["A: Ayla, Finn", "B: Finn"]),
        ("Student,Section\nAyla,A\nFinn,A; B\n", ["A: Ayla, Finn", "B: Finn"]),
        ("Class,Students\nA,Ayla; Finn\nB,Finn\n", ["A: Ayla, Finn", "B: Finn"]),
        ("Student,A,B\nAyla,x,\nFinn,x,x\n", ["A: Ayla, Finn", "B: Finn"]),
        ("Apprentice,A,B\nAyla,✓,-\nFinn,yes,1\n", ["A: Ayla, Finn", "B: Finn"]),
        ("Class,Ayla,Finn\nA,x,x\nB,,x\n", ["A: Ayla, Finn", "B: Finn"]),
        ("Rosters of the year\n\nClass,Student\na,Ayla\nA,Ayla\nb,Finn\n", ["A: Ayla", "B: Finn"]),
    ],
)
def test_rosters_are_pairs_or_a_matrix(tmp_path, roster, students):
    made = build(tmp_path, PEOPLE, roster_csv=roster, timetable_csv=SHEET)
    assert said(made) == []
    assert [f"{one.class_name}: {', '.join(one.of('student'))}" for one in made.held] == students


def test_rosters_add_teachers_and_teams(tmp_path):
    made = build(tmp_path, PEOPLE, roster_csv="Class,Teacher,Team\nA,P,Red\nB,,Red\n", timetable_csv=SHEET)
    assert [(one.of("teacher"), one.of("team")) for one in made.held] == [(("V", "P"), ("Red",)), (("P",), ("Red",))]


@pytest.mark.parametrize(
    ("roster", "problem"),
    [
        ("Student,A,B\nAyla,x,perhaps\n", ("unknown-mark", "roster.csv C2")),
        ("Class,Student\nA,\nB,Finn\n", ("half-pair", "roster.csv A2:B2")),
        ("Class,Room\nA,Shed\n", ("no-roster", "roster.csv")),
        ("Class,Student,From\nA,Ayla,2026-02-31\n", ("impossible-date", "roster.csv C2")),
    ],
)
def test_a_roster_that_cannot_be_read_is_refused(tmp_path, roster, problem):
    assert problem in said(build(tmp_path, PEOPLE, roster_csv=roster, timetable_csv=SHEET))


def test_a_class_of_a_roster_that_never_meets_is_told(tmp_path):
    made = build(tmp_path, PEOPLE, roster_csv="Class,Student\nA,Ayla\nBB,Finn\n", timetable_csv=SHEET)
    assert said(made, "warning") == [("class-not-met", "roster.csv")]


def test_class_lists_fill_in_what_the_timetable_leaves_out(tmp_path):
    plan = PLAN + '[classes]\nlists = "classes.csv"\n' + SOURCE
    classes = "Class,Course,Teacher,Room\nA,Planking,X,Shed\nB,Caulking,,Slip\n"
    made = build(tmp_path, plan, classes_csv=classes, timetable_csv=SHEET)
    assert lines(made, "course", "teacher", "room")[:2] == [
        "A Wed 9 08:15–09:00 Planking V Shed",
        "B Wed 9 09:05–09:50 Caulking P Slip",
    ]
    twice = build(tmp_path, plan, classes_csv=classes + "a,Planking,X,Loft\n", timetable_csv=SHEET)
    assert said(twice) == [("class-twice", "classes.csv A4:D4")]


CHANGED = PLAN + '[classes]\nchanges = "changes.csv"\n' + SOURCE
MEETINGS = "Class,Teacher,Room,Day,Period\nA,V,Shed,Wed,1–2\nB,P,Slip,Wed,3\nB,P,Slip,Wed,5\nC,V,Shed,Thu,1\n"
USUAL = ["A 08:15–09:50 V Shed", "B 10:15–11:00 P Slip", "B 13:00–13:45 P Slip", "C Thu 08:15–09:00 V Shed"]


@pytest.mark.parametrize(
    ("changes", "changed"),
    [
        ("Date,Class,Change\n2026-09-09,A,cancelled\n", {0: None}),
        ("Date,Class,Change\nWed 9 Sep,a,No class\n", {0: None}),
        ("Date,Class,Period,Change\n2026-09-09,A,1,cancelled\n", {0: "A 09:05–09:50 V Shed"}),
        ("Date,Class,Period,Change\n2026-09-09,A,2,cancelled\n", {0: "A 08:15–09:00 V Shed"}),
        ("Date,Class,Period,Change\n2026-09-09,A,1–2,cancelled\n", {0: None}),
        ("Date,Class,Period,Change\n2026-09-09,B,all,cancelled\n", {1: None, 2: None}),
        ("Date,Class,Period,Change\n2026-09-09,B,P5,cancelled\n", {2: None}),
        ("Date,Class,Change\n2026-09-09,all,cancelled\n", {0: None, 1: None, 2: None}),
        ("Date,Period,Change\n2026-09-09,2,cancelled\n", {0: "A 08:15–09:00 V Shed"}),
        ("Date,Class,Period,New room\n2026-09-09,B,3,Tide Room\n", {1: "B 10:15–11:00 P Tide Room"}),
        ("Date,Class,Period,Change\n2026-09-09,B,3,room 7\n", {1: "B 10:15–11:00 P Room 7"}),
        ("Date,Class,Period,Change\n2026-09-09,B,3,in Tide Room\n", {1: "B 10:15–11:00 P Tide Room"}),
        ("Date,Class,Change\n2026-09-09,A,cover: D. Pell\n", {0: "A 08:15–09:50 D. Pell Shed"}),
        ("Date,Class,New teacher,New room\n2026-09-09,A,Q,Loft\n", {0: "A 08:15–09:50 Q Loft"}),
        ("Date,Class,Period,Change\n2026-09-09,B,3,moved to period 4\n", {1: "B 11:05–11:50 P Slip"}),
        ("Date,Class,Period,New period\n2026-09-09,B,3,4\n", {1: "B 11:05–11:50 P Slip"}),
        ("Date,Class,Period,Change\n2026-09-09,B,3,moved to 14:00–14:30\n", {1: "B 14:00–14:30 P Slip"}),
        ("Date,Class,Change\n2026-09-09,A,moved to 2 pm\n", {0: "A 14:00–15:35 V Shed"}),
        ("Date,Class,New start,New end\n2026-09-09,A,15:00,16:00\n", {0: "A 15:00–16:00 V Shed"}),
        ("Date,Class,New date\n2026-09-09,A,2026-09-10\n", {0: "A Thu 08:15–09:50 V Shed"}),
        ("Date,Class,New date,New room\n2026-09-09,A,2026-09-10,Loft\n", {0: "A Thu 08:15–09:50 V Loft"}),
        ("Date,Class,New room,New teacher\n2026-09-09,A,Loft,\n2026-09-09,A,,Q\n", {0: "A 08:15–09:50 Q Loft"}),
        ("Date,Class,Period,Change\n2026-09-09,A,1,cancelled\n2026-09-09,A,2,room 9\n", {0: "A 09:05–09:50 V Room 9"}),
    ],
)  # fmt: skip
def test_a_change_changes_what_it_says_and_nothing_else(tmp_path, changes, changed):
    made = build(tmp_path, CHANGED, changes_csv=changes, timetable_csv=MEETINGS)
    assert said(made) == []
    expected = filter(None, (changed.get(number, line) for number, line in enumerate(USUAL)))
    first_week = [line for line in lines(made, "teacher", "room") if " 9 " in line or " 10 " in line]
    assert sorted(line.replace(" Wed 9", "").replace(" Thu 10", " Thu") for line in first_week) == sorted(expected)
    plain = build(tmp_path, PLAN + SOURCE, timetable_csv=MEETINGS)
    before = {uid for one in plain.held for uid in one.occurrence_uids()}
    assert {uid for one in made.held for uid in one.occurrence_uids()} <= before


@pytest.mark.parametrize(
    ("changes", "problem"),
    [
        ("Date,Class,Change\n2026-09-10,A,cancelled\n", ("change-without-meeting", "changes.csv A2:C2")),
        ("Date,Class,Change\n2026-09-09,AA,cancelled\n", ("change-without-meeting", "changes.csv A2:C2")),
        ("Date,Class,Change\n2026-09-12,A,cancelled\n", ("change-without-meeting", "changes.csv A2:C2")),
        ("Date,Class,Change\n2026-10-14,A,cancelled\n", ("change-without-meeting", "changes.csv A2:C2")),
        ("Date,Class,Period,Change\n2026-09-09,A,4,cancelled\n", ("change-without-meeting", "changes.csv A2:D2")),
        ("Date,Class,Change\n2026-09-09,B,cancelled\n", ("change-of-several", "changes.csv A2:C2")),
        ("Date,Class,Change\n2026-09-09,A,cancelled\n2026-09-09,A,room 9\n", ("changed-twice", "changes.csv A3:C3")),
        ("Date,Class,New room\n2026-09-09,A,X\n2026-09-09,A,Y\n", ("changed-twice", "changes.csv A3:C3")),
        ("Date,Class,Change\n2026-09-09,A,cancelled\n2026-09-09,A,cancelled\n", ("changed-twice", "changes.csv A3:C3")),
        ("Date,Class,Change\n2026-09-09,A,perhaps\n", ("unknown-change", "changes.csv C2")),
        ("Date,Class,Change\n2026-09-09,A,\n2026-09-09,B,cancelled\n", ("no-effect", "changes.csv C2")),
        ("Date,Class,Change,New room\n2026-09-09,A,cancelled,Loft\n", ("two-effects", "changes.csv C2")),
        ("Date,Class,Change\n,A,cancelled\n2026-09-09,A,cancelled\n", ("incomplete-change", "changes.csv A2:C2")),
        ("Date,Class,Change\n9–10 Sep 2026,A,cancelled\n", ("not-one-day", "changes.csv A2")),
        ("Date,Class,Change\nsoon,A,cancelled\n2026-09-09,A,cancelled\n", ("unreadable-date", "changes.csv A2")),
        ("Date,Class,Change,New date\n2026-09-09,A,moved,never\n2026-09-09,C,moved,2026-09-10\n", ("unreadable-date", "changes.csv D2")),
        ("Date,Class,New period\n2026-09-09,A,9\n", ("no-period-there", "changes.csv A2:C2")),
        ("Date,Class,New start\n2026-09-09,A,late\n2026-09-09,A,9:00\n", ("unreadable-times", "changes.csv C2")),
        ("Date,What\n2026-09-09,cancelled\n", ("no-changes", "changes.csv")),
    ],
)  # fmt: skip
def test_a_change_that_cannot_be_is_an_error(tmp_path, changes, problem):
    made = build(tmp_path, CHANGED, changes_csv=changes, timetable_csv=MEETINGS)
    assert problem in said(made)


def test_changes_are_counted_and_a_moved_meeting_keeps_its_uid(tmp_path):
    changes = "Date,Class,Period,Change,New date,New room\n2026-09-09,A,,moved,2026-09-11,\n2026-09-09,B,3,,,Loft\n"
    plain = build(tmp_path, PLAN + SOURCE, timetable_csv=MEETINGS)
    made = build(tmp_path, CHANGED, changes_csv=changes, timetable_csv=MEETINGS)
    assert dict(made.expansion.applied) == {"moved": 1, "another room": 1}
    uids = [{uid for one in of.held for uid in one.occurrence_uids()} for of in (plain, made)]
    assert uids[0] == uids[1]


def test_a_meeting_moved_to_a_day_without_school_is_told(tmp_path):
    changes = "Date,Class,Change,New date\n2026-09-09,A,moved,2026-09-12\n"
    made = build(tmp_path, CHANGED, changes_csv=changes, timetable_csv=MEETINGS)
    assert ("moved-to-closure", "changes.csv A2:D2") in said(made, "warning")
