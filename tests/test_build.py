"""The commands ``build`` and ``check`` on whole plans: which files there are, what stands in them, what is said."""

import csv
import json
import time
from datetime import date

import pytest

from conftest import events_in, told
from nomarium.core.building import BuildChoices, find_clashes, prepare
from nomarium.core.problems import WrongCall
from timetable_school import BELLS, PLAN, TERMS, build, lines, said

TIMETABLE = """\
Class,Course,Teacher,Room,Day,Period
PLK-1,Carvel planking,R. Vasquel,Adze Shed,1,1–2
CLK-1,Caulking,D. Pell,North/Slip,2,3
CLK-1,Caulking,D. Pell,,Fri,1
NAV-1,,,Chart Room,3,4
"""
SOURCE = '[sources.yard]\nsheets = "timetable.csv"\ndivision = "Yard"\n'
TEACHERS = '[calendars.teachers]\nsplit = "teacher"\n'


@pytest.fixture
def school(desk):
    """Return a function that puts a plan and its sheets there, and runs a command on it."""

    def run(command, *options, plan=PLAN + SOURCE + TEACHERS, **sheets):
        files = {"terms.csv": TERMS, "bells.csv": BELLS, "timetable.csv": TIMETABLE, "nomarium.toml": plan}
        files |= {name.replace("_", "."): text for name, text in sheets.items()}
        for name, text in files.items():
            desk.put(name, text)
        return desk.run(command, *options)

    run.folder = desk.folder / "calendars"
    run.desk = desk
    return run


def index_of(folder):
    with (folder / "calendars.csv").open(encoding="utf-8-sig", newline="") as text:
        return list(csv.DictReader(text))


def test_a_calendar_for_each_and_an_index_of_them(school):
    run = school("build")
    assert run.status == 0, run.err
    assert index_of(school.folder) == [
        {"file": "teachers/D. Pell.ics", "kind": "teacher", "for": "D. Pell", "events": "5", "first": "2026-09-08", "last": "2026-09-18", "hours": "3.75"},
        {"file": "teachers/R. Vasquel.ics", "kind": "teacher", "for": "R. Vasquel", "events": "4", "first": "2026-09-07", "last": "2026-09-18", "hours": "6.33"},
    ]  # fmt: skip
    events = events_in(school.folder / "teachers" / "R. Vasquel.ics")
    assert [told(event) for event in events] == [
        f"Carvel planking (PLK-1) 2026-09-{day} 08:15–09:50" for day in ("07", "10", "15", "18")
    ]
    assert events[0]["LOCATION"] == "Adze Shed"
    assert events[0]["DESCRIPTION"] == "Day 1, period 1–2"
    assert "3 meetings of “NAV-1” have no teacher" in run.err
    assert "Wrote    teachers/: 2 calendars, one a teacher: 9 events, Mon 7 Sep 2026 to Fri 18 Sep 2026" in run.out


def test_a_meeting_has_one_uid_in_every_calendar(school):
    plan = (
        PLAN + SOURCE + "".join(f'[calendars.{split}s]\nsplit = "{split}"\n' for split in ("teacher", "room", "class"))
    )
    assert school("build", plan=plan).status == 0
    by_uid = {}
    for path in school.folder.rglob("*.ics"):
        for event in events_in(path):
            by_uid.setdefault(str(event["UID"]), set()).add((told(event), path.parent.name))
    planking = [found for found in by_uid.values() if any("PLK-1" in line for line, _ in found)]
    assert len(planking) == 4
    assert all({kind for _, kind in found} == {"teachers", "rooms", "classs"} for found in planking)
    assert all(len({line for line, _ in found}) == 1 for found in by_uid.values())


def test_the_same_input_is_not_written_again(school):
    assert "3 files written" in school("build").out
    before = {path: (path.read_bytes(), path.stat().st_mtime_ns) for path in school.folder.rglob("*.*")}
    assert "0 files written; 3 held the same already" in school.desk.run("build").out
    assert before == {path: (path.read_bytes(), path.stat().st_mtime_ns) for path in school.folder.rglob("*.*")}


@pytest.mark.parametrize(
    ("keys", "expected"),
    [
        ('title = "{class}: {teacher}"', {"SUMMARY": "PLK-1: R. Vasquel"}),
        ('title = "{course} – {group}"', {"SUMMARY": "Carvel planking"}),
        ('title = "{teacher} ({group})"', {"SUMMARY": "R. Vasquel"}),
        ('location = "{room}, Orrin Sound"', {"LOCATION": "Adze Shed, Orrin Sound"}),
        ('location = ""', {"LOCATION": None}),
        ('description = "Day {day}, period {period}"', {"DESCRIPTION": "Day 1, period 1–2"}),
        ('description = "{weekday} {date}, week {week}, {term}, {start}–{end}"', {"DESCRIPTION": "Monday 2026-09-07, week 1, Autumn, 8:15–9:50"}),
        ('visibility = "private"\nbusy = "free"', {"CLASS": "PRIVATE", "TRANSP": "TRANSPARENT"}),
    ],
)  # fmt: skip
def test_what_meetings_say(school, keys, expected):
    sheet = TIMETABLE.replace("Period\n", "Period,Group\n")
    plan = PLAN + SOURCE + TEACHERS + keys + "\n"
    run = school("build", plan=plan, timetable_csv=sheet)
    assert run.status == 0, run.err
    event = events_in(school.folder / "teachers" / "R. Vasquel.ics")[0]
    assert {name: event.get(name) for name in expected} == expected


def test_reminders_names_and_files(school):
    keys = 'file = "staff/{teacher} 2026.ics"\nname = "{teacher}, 2026–27"\nreminders = ["10m", "1d"]\n'
    assert school("build", plan=PLAN + SOURCE + TEACHERS + keys).status == 0
    path = school.folder / "staff" / "D. Pell 2026.ics"
    assert b"NAME:D. Pell\\, 2026\xe2\x80\x9327" in path.read_bytes()
    assert path.read_bytes().count(b"TRIGGER:-PT10M") == path.read_bytes().count(b"TRIGGER:-P1D") == 5


def test_events_of_the_office_stand_in_every_calendar(school):
    plan = (
        PLAN
        + SOURCE
        + '[sources.office]\nsheets = "office.csv"\n'
        + TEACHERS
        + 'sources = "yard"\nfor_all = "office"\n'
    )
    plan += '[calendars.office]\nsources = "office"\nfile = "for the office.ics"\n'
    office = "Event,Date,Start,End,Repeat\nMuster,2026-09-09,15:00,16:00,\nTides,2026-09-07,7:00,7:30,weekly\n"
    assert school("build", plan=plan, office_csv=office).status == 0
    paths = (school.folder / "for the office.ics", school.folder / "teachers" / "D. Pell.ics")
    both = [{(str(e["UID"]), told(e)) for e in events_in(path) if "Caulking" not in told(e)} for path in paths]
    assert both[0] == both[1]
    assert sorted(line for _, line in both[0]) == [
        "Muster 2026-09-09 15:00–16:00",
        "Tides 2026-09-07 07:00–07:30",
        "Tides 2026-09-14 07:00–07:30",
    ]


def test_only_some_and_only_when(school):
    assert school("build", "--only", "teacher=d. pell").status == 0
    assert [path.name for path in school.folder.rglob("*.*")] == ["D. Pell.ics"]
    run = school.desk.run("build", "--dry-run", "--json", "--from", "2026-09-14", "--to", "2026-09-15")
    assert [(part["for"], part["events"]) for part in run.report["calendars"]] == [("R. Vasquel", 1)]
    assert run.report["written"] == []
    wrong = school.desk.run("build", "--only", "teacher=D. Bell")
    assert wrong.status == 2
    assert "Did you mean “D. Pell”?" in " ".join(wrong.err.split())
    assert school.desk.run("build", "--only", "student=X").status == 2


def test_a_file_that_somebody_else_put_there_stays(school):
    (school.folder / "teachers").mkdir(parents=True)
    foreign = school.folder / "teachers" / "D. Pell.ics"
    foreign.write_text("BEGIN:VCALENDAR\nPRODID:-//Other//EN\nEND:VCALENDAR\n")
    run = school("build", "--json")
    assert run.status == 1
    assert [problem["code"] for problem in run.report["problems"] if problem["severity"] == "error"] == ["foreign-file"]
    assert [path.name for path in school.folder.rglob("*.*")] == ["D. Pell.ics"]
    assert school.desk.run("build", "--force").status == 0
    assert b"Nomarium" in foreign.read_bytes()


def test_names_make_no_paths_and_no_two_files_alike(school):
    teachers = ["../../evil", "A/B", "A\\B", "A:B", "con", "a/b", ".hidden", "=SUM(1)", "x" * 200]
    rows = "".join(f'K{n},,"{name}",R{n},Mon,{n % 5 + 1}\n' for n, name in enumerate(teachers))
    run = school("build", timetable_csv="Class,Course,Teacher,Room,Day,Period\n" + rows)
    assert run.status == 0, run.err
    files = sorted(path.relative_to(school.folder).as_posix() for path in school.folder.rglob("*.ics"))
    assert len(files) == len(teachers) == len({name.casefold() for name in files})
    assert all(name.startswith("teachers/") and name.count("/") == 1 for name in files)
    assert not (school.desk.folder.parent / "evil.ics").exists()
    assert "'=SUM(1)" in (school.folder / "calendars.csv").read_text("utf-8-sig")


def test_calendars_of_an_earlier_build_are_named(school):
    school("build")
    run = school("build", timetable_csv=TIMETABLE.replace("D. Pell", "D. Bell"))
    assert "1 calendar of an earlier build is no longer built" in " ".join(run.err.split())
    assert (school.folder / "teachers" / "D. Pell.ics").exists()


def test_an_error_stops_everything_and_leaves_what_was_there(school):
    school("build")
    before = {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    run = school("build", timetable_csv=TIMETABLE.replace(",3,4", ",9,4"))
    assert run.status == 1
    assert "timetable.csv, E5 “9”" in run.err
    assert "Nothing  was written: 1 error" in run.err
    assert before == {path: path.read_bytes() for path in school.folder.rglob("*.*")}


@pytest.mark.parametrize(
    ("plan", "problem"),
    [
        (PLAN, ("no-sources", "nomarium.toml")),
        (PLAN + "[sources.x]\n", ("source-without-sheets", "nomarium.toml line 15")),
        (PLAN + '[sources.x]\nsheets = "nothere.csv"\n', ("missing-file", "nomarium.toml line 16")),
        (PLAN + SOURCE.replace("Yard", "Yrad"), ("unknown-division", "nomarium.toml line 17")),
        (PLAN + SOURCE + 'cycle = "Yrad"\n', ("unknown-cycle", "nomarium.toml line 18")),
        (PLAN + SOURCE + '[calendars.x]\nsources = "yrad"\n', ("unknown-source", "nomarium.toml line 19")),
        (PLAN + SOURCE + '[calendars.x]\nsplit = "techer"\n', ("unknown-split", "nomarium.toml line 19")),
        (PLAN + SOURCE + '[calendars.x]\ntitle = "{corse}"\n', ("unfilled-place", "nomarium.toml line 19")),
        (PLAN + SOURCE + '[calendars.x]\nsplit = "room"\nfile = "all.ics"\n', ("file-without-split", "nomarium.toml line 20")),
        (PLAN + SOURCE + '[calendars.x]\nfile = "../x.ics"\n', ("wrong-value", "nomarium.toml line 19")),
        (PLAN + SOURCE + '[calendars.x]\nfile = "/tmp/x.ics"\n', ("wrong-value", "nomarium.toml line 19")),
        (PLAN + SOURCE + '[calendars.x]\nreminders = "soon"\n', ("wrong-value", "nomarium.toml line 19")),
        (PLAN + SOURCE + '[classes]\nexpect = { "PLK-1" = 88 }\n', ("unexpected-count", "nomarium.toml line 19")),
        (PLAN + SOURCE + '[classes]\nexpect = { "PLK-1" = 4, "NAV-1" = 3 }\n', None),
    ],
)  # fmt: skip
def test_what_a_plan_says_wrongly_is_named_with_its_line(tmp_path, plan, problem):
    found = said(build(tmp_path, plan, timetable_csv=TIMETABLE))
    assert found == ([problem] if problem else [])


def test_only_names_a_calendar(tmp_path):
    build(tmp_path, PLAN + SOURCE + TEACHERS, timetable_csv=TIMETABLE)
    chosen = prepare(
        tmp_path / "nomarium.toml", BuildChoices(only={"teacher": ("R. Vasquel",)}, last=date(2026, 9, 10))
    )
    assert [(part.file, part.events) for part in chosen.calendars.parts] == [("teachers/R. Vasquel.ics", 2)]
    with pytest.raises(WrongCall):
        prepare(tmp_path / "nomarium.toml", BuildChoices(only={"room": ("Shed",)}))


def test_a_plan_without_calendars_makes_one_of_everything(tmp_path):
    made = build(tmp_path, PLAN + SOURCE, timetable_csv=TIMETABLE)
    assert [(part.file, part.events) for part in made.calendars.parts] == [("Orrin Sound.ics", 12)]


@pytest.mark.parametrize(
    ("rows", "clashes"),
    [
        ("A,V,Shed,Mon,1\nB,V,Loft,Mon,1\n", ["teacher V: A, B, 2 times, Mon 7 Sep 2026 to Mon 14 Sep 2026"]),
        ("A,V,Shed,Mon,1\nB,P,Shed,Mon,1\n", ["room Shed: A, B, 2 times, Mon 7 Sep 2026 to Mon 14 Sep 2026"]),
        ("A,V,Shed,Mon,1\nB,V,Shed,Mon,1\n", []),
        ("A,V,Shed,Mon,1\nB,V,Loft,Mon,2\n", []),
        ("A,V,Shed,Mon,1–2\nB,V,Loft,1,2\n", ["teacher V: A, B, Mon 7 Sep 2026"]),
        ("A,,,Mon,1\nB,,,Mon,1\n", ["student Ayla: A, B, 2 times, Mon 7 Sep 2026 to Mon 14 Sep 2026"]),
    ],
)
def test_clashes_are_told_once_with_their_dates(tmp_path, rows, clashes):
    roster = '[classes]\nrosters = "roster.csv"\n'
    sheet = "Class,Teacher,Room,Day,Period\n" + rows
    students = "Class,Student\nA,Ayla\nB,Ayla\n" if ",,," in rows else "Class,Student\nA,Ayla\n"
    made = build(tmp_path, PLAN + roster + SOURCE, timetable_csv=sheet, roster_csv=students)
    found = [f"{c.kind} {c.name}: {c.one.class_name}, {c.other.class_name}, {c.words}" for c in find_clashes(made.held)]
    assert found == clashes


def test_check_counts_and_finds_what_stands_out(school):
    sheet = "Class,Teacher,Room,Day,Period,Until\n" + "".join(
        f'K{n},T{n},R{n},"Mon, Tue, Wed, Thu, Fri",1,\n' for n in range(4)
    )
    sheet += 'K9,T9,R9,"Mon, Tue, Wed, Thu, Fri",1,2026-09-14\n'
    run = school("check", timetable_csv=sheet)
    assert run.status == 0
    assert "Clashes  none: no teacher, room or student is in two places at once" in run.out
    assert "K0        10      7.5\n" in run.out
    assert "K9         6      4.5  others with as many slots have 10" in run.out
    assert not school.folder.exists()
    report = school.desk.run("check", "--json").report
    assert [(count["class"], count["meetings"]) for count in report["classes"]][-1] == ("K9", 6)


@pytest.mark.parametrize(
    ("asked", "words"),
    [
        ("PLK-1 2026-09-10", ["“PLK-1”: Thu 10 Sep 2026, 8:15–9:50 (teacher R. Vasquel, room Adze Shed)", "It is said by timetable.csv, A2:F2 (source “yard”).", "Period 2 is 9:05–9:50 by bells.csv, A3:C3."]),
        ("D. Pell 2026-09-08", ["“CLK-1”: Tue 8 Sep 2026, 10:15–11:00", "It is period 3 of day 2 of Yard."]),
        ("NAV-1 2026-09-07", ["“NAV-1” has no meeting on Mon 7 Sep 2026.", "It meets on: day 3 of Yard, period 4.", "It meets next on Wed 9 Sep 2026."]),
    ],
)  # fmt: skip
def test_why_a_meeting_is_where_it_is(school, asked, words):
    run = school("check", "--why", asked)
    assert run.status == 0
    assert all(line in run.out for line in words)


def test_why_tells_of_changes(school):
    plan = PLAN + '[classes]\nchanges = "changes.csv"\n' + SOURCE
    changes = "Date,Class,Change,New date\n2026-09-10,PLK-1,cancelled,\n2026-09-15,PLK-1,moved,2026-09-16\n"
    run = school(
        "check", "--why", "PLK-1 2026-09-10", "--why", "PLK-1 2026-09-15", "--json", plan=plan, changes_csv=changes
    )
    first, second = json.loads(run.out).values()
    assert first[-1] == "“PLK-1”, period 1–2, was cancelled by changes.csv, A2:D2."
    assert second[-1] == "  It was changed by changes.csv, A3:D3: moved, and was meant for Tue 15 Sep 2026."
    for asked in ("PLK-1", "PLK-9 2026-09-10", "PLK-1 10 Sep"):
        assert school.desk.run("check", "--why", asked).status == 2


def test_the_calendars_of_other_programs_are_a_source(tmp_path):
    ics = (
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a@example.org\r\nDTSTAMP:20260901T000000Z\r\n"
        "DTSTART:20260908T120000Z\r\nDTEND:20260908T130000Z\r\nSUMMARY:Tide\r\nRRULE:FREQ=WEEKLY;COUNT=2\r\n"
        "END:VEVENT\r\nEND:VCALENDAR\r\n"
    )
    made = build(tmp_path, PLAN + '[sources.tides]\nsheets = "tides.ics"\n', tides_ics=ics)
    assert said(made) == []
    assert lines(made) == ["Tide Tue 8 12:00–13:00", "Tide Tue 15 12:00–13:00"]


def test_classes_without_a_teacher_or_room_are_named(tmp_path):
    made = build(tmp_path, PLAN + SOURCE, timetable_csv=TIMETABLE)
    messages = [problem.message for problem in made.problems if problem.code == "class-without"]
    assert sorted(messages) == ["1 class has no room: “CLK-1”.", "1 class has no teacher: “NAV-1”."]


@pytest.mark.parametrize(
    ("name", "content"),
    [
        ("timetable.csv", b""),
        ("timetable.csv", b"\x00\x01\x02 no sheet"),
        ("timetable.csv", b"PK\x03\x04 truncated"),
        ("timetable.csv", ("Class,Day,Period\n" + "A,Mon,1\n" * 20_000 + "B,Mon," + "9" * 5000 + "\n").encode()),
        ("timetable.csv", ("Class,Day,Period\n" + ",".join(["(" * 500] * 3) + "\n").encode()),
        ("timetable.csv", ("Class,Day,Period\nA," + "1–3," * 300 + "1\n").encode()),
        ("bells.csv", b"Period,Start,End\n" + b"1,8:00,8:45\n" * 3000),
        ("bells.csv", b"Period,Mon,Tue\n1," + b"8:00-" * 400 + b",9:00\n"),
        ("nomarium.toml", (PLAN + SOURCE + '[calendars.x]\ntitle = "' + "{class}" * 5000 + '"\n').encode()),
        ("nomarium.toml", (PLAN + SOURCE + 'cell = "' + "{class} {room} " * 400 + '"\n').encode()),
    ],
    ids=range(10),
)
def test_hostile_sheets_get_a_clear_answer_soon(desk, name, content):
    for file, text in {
        "terms.csv": TERMS,
        "bells.csv": BELLS,
        "timetable.csv": TIMETABLE,
        "nomarium.toml": PLAN + SOURCE,
    }.items():
        desk.put(file, text)
    desk.put(name, content)
    begun = time.monotonic()
    run = desk.run("build", "--json")
    assert run.status in {0, 1}
    assert run.status == 0 or any(problem["severity"] == "error" for problem in run.report["problems"])
    assert time.monotonic() - begun < 60
    assert (desk.folder / "calendars").exists() is (run.status == 0)


@pytest.mark.parametrize(
    ("rows", "problem"),
    [
        ("A,Muster,2026-09-08\nA,Regatta,2026-09-09\n", ("doubled-id", "events.csv")),
        ("a,Muster,2026-09-08\nb,Muster,2026-09-08\n", ("identical-events", "events.csv A3:C3")),
        ("x@example.org,Muster,2026-09-08\nb,Regatta,2026-09-08\n", None),
    ],
)
def test_events_of_one_id_or_alike_are_told(tmp_path, rows, problem):
    made = build(tmp_path, PLAN + '[sources.e]\nsheets = "events.csv"\n', events_csv="Id,Event,Date\n" + rows)
    found = [(code, where.removesuffix(" A3")) for code, where in said(made, "error", "warning")]
    assert found == ([problem] if problem else [])


def test_an_id_with_odd_signs_is_escaped_as_the_standard_wants(school):
    plan = PLAN + '[sources.e]\nsheets = "events.csv"\n'
    odd = "a;b,c@" + "x" * 90
    assert school("build", plan=plan, events_csv=f'Id,Event,Date\n"{odd}",Muster,2026-09-08\n').status == 0
    path = school.folder / "Orrin Sound.ics"
    assert [str(event["UID"]) for event in events_in(path)] == [odd]
    assert max(map(len, path.read_bytes().split(b"\r\n"))) <= 75
