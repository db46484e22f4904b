"""Builds kept and compared: identities that last, small files of changes, builds taken back, builds cut short."""

import json
import random
import re
import signal
import sqlite3
import subprocess
import sys
import time
from itertools import permutations

import pytest

from calendar_programs import (
    CALENDARS,
    OFFICE,
    OWN,
    OWN_CALENDAR,
    SHOWN_DENTIST,
    SOURCES,
    TIMETABLE,
    Program,
    calendar_of,
    edited,
    open_school,
    said_by,
)
from conftest import events_in, told
from nomarium.core.history import Entry, differences
from nomarium.core.history.assignment import best_assignment
from nomarium.core.history.pairing import pair
from timetable_school import PLAN


@pytest.fixture
def school(desk):
    """A school with its sheets: a function that builds."""
    return open_school(desk)


def changes(run):
    return {what: count for what, count in run.report["changes"].items() if count and what != "same"}


def office_events(school):
    return {str(event["UID"]): event for event in events_in(school.folder / "office.ics")}


@pytest.mark.parametrize(
    ("before", "after", "found"),
    [
        ("Staff meeting,", "Staff meeting (all),", {"changed": 1}),
        ("15:00,16:00,Office", "15:00,16:00,Keel Room", {"changed": 1}),
        ("2026-09-09,15:00", "2026-09-10,15:00", {"moved": 1}),
        ("15:00,16:00", "15:30,16:30", {"moved": 1}),
        ("Muster,2026-09-08,9:00,10:00,Shed\nStaff", "Staff", {"gone": 1}),
        ("Regatta,", "Launch,2026-09-16,,,\nRegatta,", {"added": 1}),
        ("Staff meeting,2026-09-09,15:00", "Fire drill,2026-09-09,15:00", {"added": 1, "gone": 1}),
        ("Muster,2026-09-08,9:00,10:00,Shed\nStaff meeting,2026-09-09,15:00,16:00,Office\n", "Staff meeting,2026-09-09,15:00,16:00,Office\nMuster,2026-09-08,9:00,10:00,Shed\n", {}),
    ],
)  # fmt: skip
def test_corrected_events_keep_their_identity(school, before, after, found):
    assert school().status == 0
    old = office_events(school)
    run = school("--accept", office_csv=OFFICE.replace(before, after))
    assert changes(run) == found
    new = office_events(school)
    assert len(new.keys() - old.keys()) == found.get("added", 0)
    assert len(old.keys() - new.keys()) == found.get("gone", 0)
    for uid in old.keys() & new.keys():
        same = old[uid].to_ical() == new[uid].to_ical()
        assert same == (new[uid].get("SEQUENCE", 0) == 0)
        assert same == (new[uid]["LAST-MODIFIED"].dt == old[uid]["LAST-MODIFIED"].dt)
    assert school().report["build"] == 0


def test_what_was_corrected_stays_known_through_further_builds(school):
    school()
    (uid,) = [uid for uid, event in office_events(school).items() if event["SUMMARY"] == "Regatta"]
    for number, title in enumerate(("Regatta of skiffs", "Regatta of all skiffs", "Regatta of all skiffs"), 1):
        school(office_csv=OFFICE.replace("Regatta", title))
        event = office_events(school)[uid]
        assert (event["SUMMARY"], event["SEQUENCE"]) == (title, min(number, 2))


def test_nothing_changed_nothing_written(school):
    assert school().report["build"] == 1
    before = {path: (path.read_bytes(), path.stat().st_mtime_ns) for path in school.folder.rglob("*.*")}
    again = school()
    assert (again.report["written"], again.report["build"]) == ([], 0)
    assert before == {path: (path.read_bytes(), path.stat().st_mtime_ns) for path in school.folder.rglob("*.*")}
    (school.folder / "office.ics").unlink()
    assert [name.rsplit("/", 1)[-1] for name in school().report["written"]] == ["office.ics"]
    assert (school.folder / "office.ics").read_bytes() == before[school.folder / "office.ics"][0]


def test_a_class_that_goes_to_another_teacher_has_changed_and_is_not_gone(school):
    school()
    run = school(timetable_csv=TIMETABLE.replace("Caulking,P", "Caulking,V"))
    assert changes(run) == {"changed": 2}
    both = {str(e["UID"]): e["SUMMARY"] for e in events_in(school.folder / "teachers" / "V.ics")}
    assert sorted(both.values()) == ["Caulking (CLK)"] * 2 + ["Planking (PLK)"] * 2


def test_a_storm_day_moves_classes_to_other_days_and_takes_nothing_away(school):
    plan = (PLAN + SOURCES + CALENDARS).replace('terms = "terms.csv"', 'terms = "terms.csv"\nclosures = "storms.csv"')
    school(
        timetable_csv=TIMETABLE.replace("Mon,1", "1,1").replace("Tue,2", "2,2"),
        nomarium_toml=plan,
        storms_csv="Closure,Date\n",
    )
    run = school(storms_csv="Closure,Date\nGale,2026-09-08\n")
    assert run.status == 0, run.out
    assert changes(run)["gone"] > changes(run)["added"] > 4


def test_an_event_at_the_old_time_of_a_moved_one_is_another(school):
    school()
    moved = OFFICE.replace("Muster,2026-09-08", "Muster,2026-09-10")
    school(office_csv=moved)
    (uid,) = [str(e["UID"]) for e in events_in(school.folder / "office.ics") if e["SUMMARY"] == "Muster"]
    run = school(office_csv=OFFICE + "Muster,2026-09-10,9:00,10:00,Shed\n")
    assert changes(run) == {"added": 1}
    uids = [str(event["UID"]) for event in events_in(school.folder / "office.ics")]
    assert len(uids) == len(set(uids)) == 4
    assert [told(e) for e in events_in(school.folder / "office.ics") if str(e["UID"]) == uid] == [
        "Muster 2026-09-10 09:00–10:00"
    ]
    assert school().report["build"] == 0
    assert changes(school(office_csv=OFFICE, timetable_csv=TIMETABLE)) == {"gone": 1}


def test_the_guard_stops_a_build_that_takes_too_much(school):
    school()
    before = {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    run = school(timetable_csv="Class,Teacher,Day,Period\nPLK,V,Mon,1\n")
    assert run.status == 1
    assert [p["code"] for p in run.report["problems"] if p["severity"] == "error"] == ["too-much-gone"]
    assert before == {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    assert school("--dry-run").status == 1
    assert school("--accept").status == 0
    school.desk.put("nomarium.toml", PLAN + SOURCES + CALENDARS + "[output]\nguard = 90\n")
    assert school(office_csv="Event,Date\nMuster,2026-09-08\n").status == 0


@pytest.mark.parametrize("seed", range(6))
def test_update_files_bring_any_calendar_up_to_date(school, seed):
    """Programs that import the small files of changes, whatever builds they skip, show what the last build holds."""
    chance = random.Random(seed)
    school()
    timetable, office = TIMETABLE, OFFICE
    programs = {path.relative_to(school.folder): (Program(), 1) for path in school.folder.rglob("*.ics")}
    for path, (program, _) in programs.items():
        program.take((school.folder / path).read_bytes())
    built = 1
    for step in range(5):
        timetable, office = edited(chance, timetable, office)
        last = step == 4
        run = school("--accept", timetable_csv=timetable, office_csv=office)
        assert run.status == 0, run.out
        built = run.report["build"] or built
        for path in {p.relative_to(school.folder) for p in school.folder.rglob("*.ics")} - programs.keys():
            programs[path] = (Program(), built)
            programs[path][0].take((school.folder / path).read_bytes())
        for path, (program, since) in programs.items():
            if last or chance.random() < 0.5:
                folder = school.desk.folder / f"updates-{step}-{since}"
                if not folder.exists():
                    assert school("--updates", folder, "--since", since).status == 0
                if (folder / path).exists():
                    program.take((folder / path).read_bytes())
                programs[path] = (program, built)
    index = {
        line.split(",")[0].strip('"') for line in (school.folder / "calendars.csv").read_text("utf-8").splitlines()
    }
    for path, (program, _) in programs.items():
        now = [said_by(event) for event in events_in(school.folder / path)] if path.as_posix() in index else []
        assert program.shown() == sorted([*now, SHOWN_DENTIST])


TO_KEEL = ("LOCATION:Shed", "LOCATION:Keel Room")


def by_hand(data, *changes, own="", without=None):
    """Return a calendar as a program exports it after somebody has worked on it: texts changed, events more and less."""
    text = re.sub(
        f"BEGIN:VEVENT((?!END:VEVENT).)*SUMMARY:{without}\r\n.*?END:VEVENT\r\n", "", data.decode(), flags=re.DOTALL
    )
    for old, new in changes:
        assert old in text, text
        text = text.replace(old, new)
    return text.replace("END:VCALENDAR", f"{own}END:VCALENDAR").encode()


def edits_of(run):
    return [(edit["what"], edit["title"], edit["after"], edit["choice"]) for edit in run.report["edits"]]


@pytest.mark.parametrize(
    ("changes", "options", "expected", "office"),
    [
        ([TO_KEEL], (), [("location", "Muster", "Keel Room", "keep")], "Muster 2026-09-08 09:00–10:00 Keel Room"),
        ([TO_KEEL], ("--on-edit", "overwrite"), [("location", "Muster", "Keel Room", "overwrite")], "Muster 2026-09-08 09:00–10:00 Shed"),
        (
            [TO_KEEL, ("SUMMARY:Muster", "SUMMARY:All hands")],
            ("--on-edit", "location=overwrite"),
            [("summary", "Muster", "All hands", "keep"), ("location", "Muster", "Keel Room", "overwrite")],
            "All hands 2026-09-08 09:00–10:00 Shed",
        ),
        ([("DTSTART;TZID=America/Halifax:20260908T090000", "DTSTART:20260908T123000Z")], (), [("time", "Muster", "2026-09-08 09:30–10:00", "keep")], "Muster 2026-09-08 09:30–10:00 Shed"),
        (
            [("DTSTART;TZID=America/Halifax:20260908T090000", "DTSTART:20260908T120000Z"), ("SUMMARY:Muster\r\n", "SUMMARY:Muster\r\nSTATUS:CONFIRMED\r\nTRANSP:OPAQUE\r\nX-OTHER:1\r\n")],
            (),
            [],
            "Muster 2026-09-08 09:00–10:00 Shed",
        ),
    ],
)  # fmt: skip
def test_edits_by_hand_are_kept_or_overwritten(school, changes, options, expected, office):
    school()
    program, path = Program(), school.folder / "office.ics"
    program.take(path.read_bytes())
    school.desk.put("export.ics", by_hand(path.read_bytes(), *changes))
    program.take((school.desk.folder / "export.ics").read_bytes())
    run = school("--edited", "export.ics", "--updates", "up", *options)
    assert run.status == 0, run.out
    assert edits_of(run) == expected
    assert [said_by(event) for event in events_in(path) if event.start.day == 8] == [office]
    if expected:
        program.take((school.desk.folder / "up" / "office.ics").read_bytes())
        assert office in program.shown()
    assert school().report["build"] == 0  # what is kept stays, and is not named again
    school.desk.put("export.ics", by_hand(path.read_bytes()))
    assert school("--edited", "export.ics").report["edits"] == []
    school("--edited", "export.ics", "--on-edit", "overwrite")  # what was kept can be given up
    assert school.desk.run("history", "--edits", "--json").report == []
    assert [said_by(event) for event in events_in(path) if event.start.day == 8] == [
        "Muster 2026-09-08 09:00–10:00 Shed"
    ]


def test_events_of_their_own_and_events_taken_away_are_kept(school):
    school()
    path = school.folder / "office.ics"
    weekly = OWN.format(uid="tea@example.org", title="Tea", more="RRULE:FREQ=WEEKLY;COUNT=3\r\n")
    school.desk.put("mine.ics", by_hand(path.read_bytes(), own=weekly, without="Staff meeting"))
    run = school("--edited", "mine.ics")
    assert edits_of(run) == [("added", "Tea", "", "keep"), ("removed", "Staff meeting", "", "keep")]
    assert sorted(str(event["SUMMARY"]) for event in events_in(path)) == ["Muster", "Regatta", "Tea"]
    assert b"RRULE:FREQ=WEEKLY;COUNT=3" in path.read_bytes()
    assert school().report["build"] == 0
    assert "Staff meeting: taken away by hand" in school.desk.run("history", "--edits").out
    assert school.desk.run("compare", ".", "--exit-code").status == 0
    assert school.desk.run("retract", "2", "-o", "back").status == 0
    assert b"tea@example.org" not in (school.desk.folder / "back" / "office.ics").read_bytes()
    moved = school(office_csv=OFFICE.replace("meeting,2026-09-09,15:00,16:00", "meeting,2026-09-09,14:00,16:00"))
    assert "Staff meeting" in {str(event["SUMMARY"]) for event in events_in(path)}, moved.out
    school.desk.put("mine.ics", by_hand(path.read_bytes(), without="Tea"))
    assert edits_of(school("--edited", "mine.ics")) == []
    assert [str(event["SUMMARY"]) for event in events_in(path)] == ["Muster", "Staff meeting", "Regatta"]


def test_where_both_sides_changed_the_sheets_hold(school):
    school()
    office = (school.folder / "office.ics").read_bytes()
    school.desk.put("mine.ics", by_hand(office, TO_KEEL, ("LOCATION:Slip", "LOCATION:Loft")))
    sheet = OFFICE.replace(",Shed", ",Hall").replace("Regatta,2026-09-15,9:00,12:00,Slip\n", "")
    run = school("--edited", "mine.ics", office_csv=sheet)
    codes = [problem["code"] for problem in run.report["problems"] if problem["severity"] == "warning"]
    assert codes == ["edited-on-both-sides", "edited-and-gone"]
    assert [(edit["choice"], edit["holds"]) for edit in run.report["edits"]] == [("keep", False)] * 2
    assert [said_by(event).split()[-1] for event in events_in(school.folder / "office.ics")] == ["Hall", "Office"]
    assert school.desk.run("history", "--edits", "--json").report == []


def test_an_older_import_is_no_edit(school):
    school()
    school.desk.put("old.ics", (school.folder / "office.ics").read_bytes())
    school(office_csv=OFFICE.replace("Shed", "Hall") + "Launch,2026-09-14,9:00,10:00,Slip\n")
    run = school("--edited", "old.ics")
    assert (run.report["edits"], run.report["build"]) == ([], 0)


@pytest.mark.parametrize(
    ("options", "status", "words"),
    [
        (("--edited", "nothing.ics"), 2, "There is no file"),
        (("--edited", "office.csv"), 2, "no calendar file"),
        (("--edited", "other.ics"), 2, "No event of “other.ics” was given out"),
        (("--edited", "cut.ics"), 1, "Export the calendar anew"),
        (("--edited", "nowhere.ics=other.ics"), 2, "There is no calendar “nowhere.ics”"),
        (("--edited", "other.ics", "--on-edit", "perhaps"), 2, "none of keep, overwrite, ask"),
        (("--on-edit", "keep"), 2, "name the calendar"),
    ],
)
def test_what_is_no_export_of_ours_is_refused(school, options, status, words):
    school()
    office = (school.folder / "office.ics").read_bytes()
    school.desk.put("other.ics", OWN_CALENDAR)
    school.desk.put("cut.ics", office[:-60])
    run = school.desk.run("build", *options)
    assert run.status == status
    assert words in " ".join(run.err.replace("│", " ").split())


def test_each_edit_is_asked_about(school):
    school()
    office = (school.folder / "office.ics").read_bytes()
    school.desk.put("mine.ics", by_hand(office, TO_KEEL, ("LOCATION:Slip", "LOCATION:Loft")))
    asking = ("build", "--edited", "mine.ics", "--on-edit", "ask", "--json")
    assert school.desk.run(*asking, answers="maybe\n").status == 2
    run = school.desk.run(*asking, answers="maybe\nk\noverwrite\n")
    assert [choice for *_, choice in edits_of(run)] == ["keep", "overwrite"]


def test_a_build_is_taken_back(school):
    school()
    assert school.desk.run("build", "--updates", "up", "--since", "9").status == 2
    assert school.desk.run("build", "--since", "1").status == 2
    program = Program()
    program.take((school.folder / "office.ics").read_bytes())
    assert len(program.shown()) == 4
    school(office_csv=OFFICE.replace("Regatta", "Regatta of skiffs"))
    program.take((school.folder / "office.ics").read_bytes())
    run = school.desk.run("retract", "2", "-o", "back", "--only", "office")
    assert run.status == 0, run.err
    assert "import each file" in run.out
    program.take((school.desk.folder / "back" / "office.ics").read_bytes())
    assert program.shown() == [SHOWN_DENTIST]
    own = school.desk.run("retract", "calendars/office.ics", "-o", "file", "--as-messages")
    assert own.status == 0, own.err
    assert b"METHOD:CANCEL" in (school.desk.folder / "file" / "office.ics").read_bytes()
    assert school.desk.run("retract", "9", "-o", "back").status == 2
    assert school.desk.run("retract", "office.csv", "-o", "back").status == 2


def test_history_lists_builds_and_what_became_of_an_event(school):
    school()
    school(office_csv=OFFICE.replace("15:00,16:00", "15:30,16:30"))
    builds = json.loads(school.desk.run("history", "--json").out)
    assert [(row["id"], row["added"], row["moved"], row["files"]) for row in builds] == [(1, 10, 0, 3), (2, 0, 1, 3)]
    assert "office.ics: 1 moved" in school.desk.run("history", "2").out
    told_of = json.loads(school.desk.run("history", "--event", "staff meeting", "--json").out)
    assert [(one["build"], one["what"]) for one in told_of] == [("1", "added"), ("2", "moved")]
    assert school.desk.run("history", "--forget", "2").status == 0
    assert [row["id"] for row in json.loads(school.desk.run("history", "--json").out)] == [2]
    assert school().report["build"] == 0
    assert school.desk.run("history", "7").status == 2


def test_compare_tells_event_by_event(school):
    school()
    first = (school.folder / "office.ics").read_bytes()
    school.desk.put("old.ics", first)
    office = OFFICE.replace("Staff meeting,2026-09-09", "Staff meeting,2026-09-10").replace("Slip", "Keel Room")
    school.desk.put("office.csv", office)
    planned = school.desk.run("compare", ".")
    assert "→ Staff meeting: 2026-09-09 15:00 → 2026-09-10 15:00" in planned.out
    school()
    for sides in (("old.ics", "calendars/office.ics"), ("1", "2"), ("old.ics", "office.csv")):
        report = json.loads(school.desk.run("compare", *sides, "--json").out)
        assert [(d["what"], d["title"]) for d in report] == [("moved", "Staff meeting"), ("changed", "Regatta")]
        assert report[1]["fields"] == {"location": ["Slip", "Keel Room"]}
    same = school.desk.run("compare", "calendars/office.ics", "calendars/office.ics", "--exit-code")
    assert (same.status, "the same events" in same.out) == (0, True)
    assert school.desk.run("compare", "1", "2", "--exit-code").status == 1
    for name in ("c.csv", "c.xlsx", "c.html"):
        assert school.desk.run("compare", "1", "2", "-o", name).status == 0
    assert "Keel Room" in (school.desk.folder / "c.csv").read_text("utf-8")
    assert "<td>Keel Room</td>" in (school.desk.folder / "c.html").read_text("utf-8")
    assert school.desk.run("compare", "nothing.ics", "office.csv").status == 2


NOTICES = [
    (("Shed", "Hall"), (), "Tuesday 8 September\n- 9:00–10:00: Muster, in Hall now, not in Shed.\n"),
    (("15:00,16:00", "15:30,16:30"), (), "Wednesday 9 September\n- 15:30–16:30: Staff meeting, not 15:00–16:00.\n"),
    (
        ("meeting,2026-09-09", "meeting,2026-09-10"),
        (),
        "Wednesday 9 September\n- 15:00–16:00: no Staff meeting, moved to Thursday 10 September, 15:00–16:00.\n\n"
        "Thursday 10 September\n- 15:00–16:00: Staff meeting, Office, moved here from Wednesday 9 September.\n",
    ),
    (("Regatta,", "Launch,"), (), "Tuesday 15 September\n- 9:00–12:00: Launch, Slip, in place of Regatta.\n"),
    (("Regatta,", "Launch,"), ("--to", "2026-09-14"), None),
    (
        (OFFICE, OFFICE + "".join(f"Tides,2026-09-{day},7:00,7:30,\n" for day in (21, 22, 23, 24))),
        ("--from", "2026-09-10"),
        "4 times, from Monday 21 September to Thursday 24 September:\n- 7:00–7:30: Tides (new).\n",
    ),
]


@pytest.mark.parametrize(("change", "options", "text"), NOTICES)
def test_what_changed_is_told_in_sentences_for_each_calendar(school, change, options, text):
    school()
    school.desk.put("office.csv", OFFICE.replace(*change))
    run = school.desk.run("compare", ".", "--notices", "notices", *options)
    assert run.status == 0, run.err
    notice = school.desk.folder / "notices" / "office.txt"
    head = "office: what has changed\n(build 1 → nomarium.toml)\n\n"
    assert (notice.read_text("utf-8") if notice.exists() else None) == (text and head + text)


TWICE = [
    ("Muster,9:00,Shed", "muster!,9:00,", ["muster!"]),
    ("Muster,9:00,", "MUSTER,9:00,Shed", ["Muster"]),
    ("Staff meeting,9:00,Shed", "Staf meeting,9:00,Shed", []),
    ("Staff meeting,9:00,Shed", "Staff meetng,9:00,Shed", ["Staff meetng"]),
    ("Staff meeting,9:00,Shed", "Staff meeting,9:00,Slip", []),
    ("Staff meeting,9:00,Shed", "Staff meetings,9:30,Shed", []),
    ("Trials 1,9:00,Shed", "Trials 2,9:00,Shed", []),
    ("Men's rowing,9:00,", "Women's rowing,9:00,", []),
]


@pytest.mark.parametrize(("one", "other", "twice"), TWICE)
def test_what_stands_twice_is_told_and_weeded_out(desk, one, other, twice):
    sheet = "".join(
        f"{title},2026-09-08,{start},{place}\n" for title, start, place in (row.split(",") for row in (one, other))
    )
    converted = desk.convert("Event,Date,Start,Place\n" + sheet)
    assert [code for code, _ in converted.codes if code == "near-double"] == ["near-double"] * len(twice)
    before = (desk.folder / "out.ics").read_bytes()
    run = desk.run("weed", "out.ics", "-o", "clean.ics", "--json")
    assert [double["title"] for double in run.report["twice"]] == twice
    assert len(events_in(desk.folder / "clean.ics")) == 2 - len(twice)
    assert (desk.folder / "clean.dropped.csv").exists() == bool(twice)
    left = [line for line in before.splitlines() if line not in (desk.folder / "clean.ics").read_bytes().splitlines()]
    assert bool(left) == bool(twice)
    assert desk.run("weed", "clean.ics", "--json").report["twice"] == []


def test_a_repeat_that_stands_twice_goes_with_its_changes_and_nothing_else(desk):
    rule = "RRULE:FREQ=WEEKLY;COUNT=4\r\n"
    change = OWN.format(
        uid="b@example.org", title="Tea in the loft", more="RECURRENCE-ID:20260917T120000Z\r\n"
    ).replace("0910", "0918")
    own = OWN.format(uid="a@example.org", title="Tea", more=f"X-KEPT;A=b:1\r\n{rule}")
    task = "BEGIN:VTODO\r\nUID:t@example.org\r\nDTSTAMP:20260901T000000Z\r\nSUMMARY:Paint\r\nEND:VTODO\r\n"
    desk.put("mine.ics", calendar_of(own + OWN.format(uid="b@example.org", title="TEA", more=rule) + change + task))
    run = desk.run("weed", "mine.ics", "-o", "clean.ics")
    assert "TEA" in run.out
    assert (desk.folder / "clean.ics").read_bytes() == calendar_of(own + task)
    assert desk.run("weed", "nothing.ics").status == desk.run("weed", "mine.ics", "-o", "x.csv").status == 2


LIMITED = """
import resource, sys
resource.setrlimit(resource.RLIMIT_FSIZE, ({size}, {size}))
sys.argv = ["nomarium", "build", "-q"]
from nomarium.cli import main
main()
"""


@pytest.mark.parametrize("size", [0, 2_000, 30_000, 42_000])
def test_a_full_disk_leaves_the_old_state(school, size):
    school()
    before = {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    rows = "".join(f"K{n},C,T{n},R{n},Mon,{n % 5 + 1}\n" for n in range(40))
    school.desk.put("timetable.csv", TIMETABLE + rows)
    call = [sys.executable, "-c", LIMITED.format(size=size)]
    run = subprocess.run(call, cwd=school.desk.folder, capture_output=True, text=True, check=False)
    assert (run.returncode, "Traceback" in run.stderr) == (1, False), run.stderr
    assert "error" in run.stderr
    assert before == {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    assert school().report["build"] == 2
    assert len(list((school.folder / "teachers").iterdir())) == 42


SLOW = """
import sys, time
import nomarium.core.output as output
settle, beside = output._written_beside, None
def slowly(path, parts):
    time.sleep(0.03)
    return settle(path, parts)
output._written_beside = slowly
from pathlib import Path
replace = Path.replace
def slow_replace(self, target):
    time.sleep(0.03)
    return replace(self, target)
Path.replace = slow_replace
sys.argv = ["nomarium", "build", "-q"]
from nomarium.cli import main
main()
"""


@pytest.mark.parametrize("moment", range(6))
def test_a_build_that_is_killed_leaves_the_old_state_or_is_finished(school, moment):
    rows = "".join(f"K{n},C,T{n},R{n},Mon,{n % 5 + 1}\n" for n in range(12))
    school(timetable_csv=TIMETABLE + rows)
    before = {path: path.read_bytes() for path in school.folder.rglob("*.ics")}
    school.desk.put("timetable.csv", TIMETABLE + rows.replace(",R", ",New room "))
    process = subprocess.Popen([sys.executable, "-c", SLOW], cwd=school.desk.folder)
    time.sleep(0.9 + moment * 0.11)
    process.send_signal(signal.SIGKILL)
    process.wait()
    base = sqlite3.connect(school.desk.folder / ".nomarium" / "history.sqlite3")
    assert base.execute("PRAGMA integrity_check").fetchone() == ("ok",)
    base.close()
    for path in before:
        events_in(path)  # each file is whole, the old one or the new
    run = school()
    assert run.status == 0, run.out
    rooms = {str(e.get("LOCATION")) for path in school.folder.rglob("T*.ics") for e in events_in(path)}
    assert rooms == {f"New room {n}" for n in range(12)}
    assert not list(school.folder.rglob("*.part"))
    assert school().report["written"] == []


def test_what_cannot_be_written_leaves_the_old_state(school):
    school()
    (school.desk.folder / ".nomarium" / "history.sqlite3").write_bytes(b"no database at all, but text" * 100)
    before = {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    run = school.desk.run("build", "-q")
    assert run.status == 1
    assert "The history of builds can't be used" in run.err
    assert before == {path: path.read_bytes() for path in school.folder.rglob("*.*")}


def test_a_file_in_the_place_of_a_folder_leaves_the_old_state(school):
    school()
    rows = "ROPE,Ropework,Q,Loft,Mon,3\n"
    school.desk.put(
        "nomarium.toml",
        PLAN + SOURCES + CALENDARS.replace('split = "teacher"', 'split = "teacher"\nfile = "new/{teacher}.ics"'),
    )
    (school.folder / "new").write_text("a note of somebody's")
    before = {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    run = school.desk.run("build", "-q", "--accept")
    assert (run.status, "new" in run.err, "can't be written" in run.err) == (1, True, True), run.err
    assert before == {path: path.read_bytes() for path in school.folder.rglob("*.*")}
    (school.folder / "new").unlink()
    assert school("--accept", timetable_csv=TIMETABLE + rows).status == 0
    assert (school.folder / "new" / "Q.ics").exists()


def entry(uid, title, start, place=""):
    texts = (title, place, *[""] * 10)
    return Entry(uid, f"2026-09-{start}:00", f"2026-09-{start}:30", False, "", texts)


@pytest.mark.parametrize(
    ("gone", "come", "pairs"),
    [
        (["Talk 08T09"], ["Talk 08T10"], [("a0", "b0", True)]),
        (["Talk 08T09"], ["A talk 08T09"], [("a0", "b0", False)]),
        (["Talk 08T09"], ["Rowing 08T09"], []),
        (["Talk 08T09"], ["Rowing 09T09"], []),
        (["Talk 08T09", "Talk 15T09"], ["Talk 08T10", "Talk 15T10"], [("a0", "b0", True), ("a1", "b1", True)]),
        (["Talk 08T09", "Talk 09T09"], ["Talk 09T10", "Talk 10T10"], [("a1", "b0", True), ("a0", "b1", False)]),
    ],
)
def test_the_best_pairing_and_no_strangers(gone, come, pairs):
    old, new = (
        [entry(f"{side}{n}", *text.rsplit(" ", 1)) for n, text in enumerate(texts)]
        for side, texts in (("a", gone), ("b", come))
    )
    assert [(one.old.uid, one.new.uid, one.certain) for one in pair(old, new)] == pairs


def test_the_assignment_is_the_cheapest_of_all():
    chance = random.Random(1)
    for _ in range(150):
        rows, columns = chance.randint(1, 5), chance.randint(1, 5)
        matrix = [[chance.randint(0, 20) for _ in range(columns)] for _ in range(rows)]
        found = best_assignment(matrix)
        short, long = (rows, columns) if rows <= columns else (columns, rows)
        upright = matrix if rows <= columns else list(zip(*matrix, strict=True))
        least = min(sum(upright[a][b] for a, b in enumerate(chosen)) for chosen in permutations(range(long), short))
        assert sum(matrix[row][column] for row, column in found) == least
        assert len(found) == short == len({row for row, _ in found}) == len({column for _, column in found})


def test_differences_know_what_changed():
    before = {"a": entry("a", "Talk", "08T09", "Shed"), "b": entry("b", "Tea", "09T09")}
    after = {"a": entry("a", "Talk", "08T10", "Loft"), "c": entry("c", "Row", "10T09")}
    found = differences(before, after)
    assert [(d.what.value, d.entry.uid) for d in found.found] == [("moved", "a"), ("gone", "b"), ("added", "c")]
    assert [name for name, _, _ in found.found[0].fields()] == ["start", "end", "location"]


def test_a_second_build_waits_for_the_first(school):
    school()
    holder = "from nomarium.core.history import alone; from pathlib import Path; import time\nwith alone(Path('.')):\n    print('held', flush=True)\n    time.sleep(2)\n"
    with subprocess.Popen(
        [sys.executable, "-c", holder], cwd=school.desk.folder, stdout=subprocess.PIPE, text=True
    ) as other:
        assert other.stdout.readline() == "held\n"
        begun = time.monotonic()
        assert school(office_csv=OFFICE.replace("Regatta", "Regatta of skiffs")).report["build"] == 2
        assert time.monotonic() - begun > 1


def test_a_calendar_under_another_name_is_that_calendar_still(school):
    school()
    office = CALENDARS.replace("[calendars.office]\n", '[calendars.office]\nfile = "yard/bureau.ics"\n')
    school.desk.put("nomarium.toml", PLAN + SOURCES + office)
    assert changes(school("--updates", school.desk.folder / "u")) == {}
    assert not (school.desk.folder / "u").exists()
    assert changes(school("--updates", school.desk.folder / "u", office_csv=OFFICE.replace("Slip", "Loft"))) == {
        "changed": 1
    }
    (event,) = events_in(school.desk.folder / "u/yard/bureau.ics")
    assert (str(event["SUMMARY"]), int(event["SEQUENCE"])) == ("Regatta", 1)
    out = school.desk.run("compare", "1", "3").out
    assert ("1 changed" in out, "gone" in out) == (True, False)
