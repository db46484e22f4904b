"""What comes from others does no harm: each attack is laid out in a folder, the program run, and the disk looked at."""

import csv
import json
import os
import random
import sqlite3
import subprocess
import sys
import tomllib
import zipfile
from datetime import date, timedelta
from io import BytesIO
from pathlib import Path

import pytest
import xlsxwriter
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from typer.testing import CliRunner

from conftest import COMMAND, Desk, events_in
from nomarium.cli.app import app

EVENTS = "Title,Date,Teacher\nA,2026-09-08,events\nB,2026-09-09,Bo\n"
OURS = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Nomarium//Nomarium 1//EN\r\nEND:VCALENDAR\r\n"
THEIRS = OURS.replace("-//Nomarium//Nomarium 1//EN", "-//Other//Other//EN")
PLAN = (
    '[school]\nname = "S"\nzone = "America/Halifax"\n[sources.E]\nsheets = "events.csv"\nkind = "events"\n'
    '[calendars.E]\nsources = ["E"]\nfile = "e.ics"\n[sheets]\nwithin = "2026-09-01..2027-08-31"\n'
)


def all_files(folder):
    """Every file below a folder with its bytes, links as what they lead to by name."""
    return {
        str(path.relative_to(folder)): (str(path.readlink()) if path.is_symlink() else path.read_bytes())
        for path in sorted(folder.rglob("*"))
        if path.is_symlink() or path.is_file()
    }


# (what stands in the folder, the call, the files that must be as they were, a word of what is said)
OVERWRITTEN = {
    "an input by its name": ({"events.csv": EVENTS}, ["convert", "events.csv", "-o", "events.csv"], ["events.csv"], "reads"),
    "an input by another case": (
        {"events.csv": EVENTS}, ["convert", "events.csv", "-o", "EVENTS.csv"], ["events.csv"], "reads"),
    "an input by a link": (
        {"events.csv": EVENTS, "e.csv": Path("events.csv")}, ["convert", "events.csv", "-o", "e.csv"], ["events.csv"], "reads"),
    "an input by a hard link, forced": (
        {"events.csv": EVENTS}, ["convert", "events.csv", "-o", "hard.csv", "--force"], ["events.csv", "hard.csv"], "reads"),
    "an input by a value of a split": (
        {"events.csv": EVENTS}, ["convert", "events.csv", "--split", "Teacher", "--format", "csv", "-o", "."],
        ["events.csv"], "reads"),
    "the refused rows that are read": (
        {"x.refused.csv": "Title,Date\nA,2026-09-08\nB,bad\n"},
        ["convert", "x.refused.csv", "-o", "x.ics", "--keep-going"], ["x.refused.csv"], "reads"),
    "a calendar of another program": (
        {"events.csv": EVENTS, "e.ics": THEIRS}, ["convert", "events.csv", "-o", "e.ics"], ["e.ics"], "did not write"),
    "a sheet of somebody": (
        {"events.csv": EVENTS, "terms.csv": "Term,First day\nA,2026-09-08\n"},
        ["convert", "events.csv", "-o", "terms.csv"], ["terms.csv"], "did not write"),
    "a note that only speaks of us": (
        {"events.csv": EVENTS, "note.csv": "\"(Nomarium)\",PRODID:-//Nomarium//Nomarium 1//EN,content=\"Nomarium\"\n"},
        ["convert", "events.csv", "-o", "note.csv"], ["note.csv"], "did not write"),
    "a calendar that is weeded": (
        {"e.ics": THEIRS}, ["weed", "e.ics", "-o", "e.ics"], ["e.ics"], "reads"),
    "a calendar that is taken back": (
        {"e.ics": OURS.replace("END:V", "BEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20260908T090000Z\r\nSUMMARY:A\r\nEND:VEVENT\r\nEND:V")},
        ["retract", "e.ics", "-o", "."], ["e.ics"], "reads"),
    "a file where a notice goes": (
        {"a.ics": THEIRS.replace("END:V", "BEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20260908T090000Z\r\nSUMMARY:A\r\nEND:VEVENT\r\nEND:V"),
         "b.ics": THEIRS, "n/b.txt": "Dear diary\n"},
        ["compare", "a.ics", "b.ics", "--notices", "n"], ["n/b.txt"], "did not write"),
    "a sheet that a plan would be saved to": (
        {"events.csv": EVENTS}, ["convert", "events.csv", "-o", "e.ics", "--save-plan", "events.csv"], ["events.csv"], "already"),
    "a picture of somebody": (
        {"e.ics": OURS, "p.svg": "<svg/>"}, ["show", "e.ics", "--week", "2026-09-08", "-o", "p.svg"], ["p.svg"], "did not write"),
    "a folder behind a link": (
        {"events.csv": EVENTS, "outside/Bo.ics": OURS, "out": Path("outside/..")},
        ["convert", "events.csv", "--split", "Teacher", "-o", "out/{Teacher}/x.ics"], ["outside/Bo.ics"], ""),
}  # fmt: skip


@pytest.mark.parametrize("name", OVERWRITTEN)
def test_what_is_not_ours_is_not_written_over(desk, name):
    files, call, kept, said = OVERWRITTEN[name]
    for file, content in files.items():
        (desk.folder / file).parent.mkdir(parents=True, exist_ok=True)
        if isinstance(content, Path):
            (desk.folder / file).symlink_to(content)
        else:
            desk.put(file, content)
    if "hard.csv" in call:
        (desk.folder / "hard.csv").hardlink_to(desk.folder / "events.csv")
    before = all_files(desk.folder)
    run = desk.run(*call)
    after = all_files(desk.folder)
    assert {file: after.get(file) for file in kept} == {file: before[file] for file in kept}
    assert said in run.err
    assert not [file for file in after if "part" in file]


def test_force_writes_over_what_is_not_ours_and_our_own_needs_none(desk):
    desk.put("events.csv", EVENTS)
    desk.put("e.ics", THEIRS)
    assert desk.run("convert", "events.csv", "-o", "e.ics").status == 1
    assert desk.run("convert", "events.csv", "-o", "e.ics", "--force").status == 0
    for name in ("e.ics", "r.csv", "r.json", "r.xlsx"):
        assert [desk.run("convert", "events.csv", "-o", name).status for _ in range(2)] == [0, 0], name
    for name in ("p.png", "p.pdf", "p.svg", "p.html", "p.txt"):
        call = ["show", "e.ics", "--week", "2026-09-08", "-o", name]
        assert [desk.run(*call).status for _ in range(2)] == [0, 0], name
    desk.put("other.csv", EVENTS.replace("A,", "C,"))
    for call in (["events.csv", "other.csv"], ["other.csv", "events.csv"]):
        assert desk.run("compare", *call, "-o", "c.html").status == 0


def built(desk, plan=PLAN):
    desk.put("events.csv", EVENTS)
    desk.put("nomarium.toml", plan)
    assert desk.run("build").status == 0
    return desk.folder / ".nomarium" / "history.sqlite3"


def outside_of(desk):
    folder = desk.folder.parent / "outside"
    folder.mkdir(exist_ok=True)
    (folder / "x.ics").write_text(OURS)
    (folder / ".x.ics.abcdefgh.nomarium-part").write_text("stolen")
    return folder


TAMPERED = {
    "a pending file outside": "INSERT INTO pending VALUES ('{out}/.x.ics.abcdefgh.nomarium-part', '{out}/x.ics')",
    "a pending file moved in": "INSERT INTO pending VALUES ('{out}/.x.ics.abcdefgh.nomarium-part', '{here}/calendars/e.ics')",
    "a path that climbs": "UPDATE files SET path = '../../outside/x.ics'",
    "an absolute path": "UPDATE files SET path = '{out}/x.ics'",
    "a path that is a number": "UPDATE files SET path = 7",
    "members that are none": "UPDATE files SET members = 'abc'",
    "sheaves that are none": "UPDATE sheaves SET body = x'00'",
    "moments that are none": "UPDATE files SET origin = 'yesterday'",
    "inputs that are none": "UPDATE builds SET inputs = '['",
    "builds that are none": "UPDATE builds SET at = 'never', events = 'x'",
    "edits of nothing": "INSERT INTO edits VALUES ('e.ics', 'u', 'nonsense', 't', 's', 'b', 'v', 'z')",
    "edits of a field that is none": "INSERT INTO edits VALUES ('e.ics', 'u', 'nonsense', 't', 's', 'b', 'v', 1)",
    "a table of others": "DROP TABLE files; CREATE TABLE files (x)",
    "a trigger": "CREATE TRIGGER t AFTER INSERT ON builds BEGIN DELETE FROM files; DELETE FROM builds; END",
    "a view": "ALTER TABLE files RENAME TO f; CREATE VIEW files AS SELECT * FROM f",
    "another program's": "PRAGMA application_id = 77",
}


@pytest.mark.parametrize("name", TAMPERED)
def test_a_history_that_was_tampered_with_names_nothing_outside(desk, name):
    history, out = built(desk), outside_of(desk)
    with sqlite3.connect(history) as base:
        base.executescript(TAMPERED[name].format(out=out, here=desk.folder))
    base.close()
    before, calendars = all_files(out), all_files(desk.folder / "calendars")
    desk.put("events.csv", EVENTS.replace("A,", "C,"))
    runs = [desk.run(*call) for call in (
        ["build", "--updates", "u", "--accept"], ["retract", "1", "-o", "back"], ["compare", "nomarium.toml", "--notices", "n"],
        ["history"],
    )]  # fmt: skip
    assert all_files(out) == before
    refused = [run for run in runs if "history of builds can't be used" in run.err]
    assert refused or all_files(desk.folder / "calendars") != calendars
    assert not [path for path in desk.folder.rglob("*") if path.name == "x.ics"]


def test_a_history_is_for_its_owner_alone_and_never_a_link(desk):
    history = built(desk)
    assert history.stat().st_mode & 0o077 == 0
    other = outside_of(desk) / "data.sqlite3"
    with sqlite3.connect(other) as base:
        base.execute("CREATE TABLE t (x)")
    base.close()
    before = other.read_bytes()
    history.unlink()
    history.symlink_to(other)
    run = desk.run("build")
    assert (run.status, "it is a link" in run.err, other.read_bytes() == before) == (1, True, True)


def test_a_build_takes_only_its_own_leavings_away(desk):
    built(desk, PLAN + '[output]\nfolder = "."\n')
    kept = [".download.part", "deep/.other.part", "deep/.e.ics.abcdefgh.nomarium-part", ".note.nomarium-part"]
    (desk.folder / "deep").mkdir()
    for name in [*kept, ".e.ics.abcdefgh.nomarium-part"]:
        desk.put(name, "x")
    assert desk.run("build").status == 0
    assert [name for name in kept if not (desk.folder / name).exists()] == []
    assert not (desk.folder / ".e.ics.abcdefgh.nomarium-part").exists()


def test_small_calendars_never_take_the_place_of_whole_ones(desk):
    built(desk)
    desk.put("events.csv", EVENTS.replace("A,", "C,"))
    run = desk.run("build", "--updates", "calendars", "--accept")
    assert (run.status, "Name another" in run.err) == (1, True)
    assert len(events_in(desk.folder / "calendars" / "e.ics")) == 2


def test_links_out_of_the_output_folder_lead_nowhere(desk):
    desk.put("events.csv", EVENTS)
    desk.put("nomarium.toml", PLAN.replace('"e.ics"', '"sub/e.ics"'))
    out = outside_of(desk)
    before = all_files(out)
    (desk.folder / "calendars").mkdir()
    (desk.folder / "calendars" / "sub").symlink_to(out)
    run = desk.run("build")
    assert (run.status, "leads out" in run.err, all_files(out) == before) == (1, True, True)


HOSTILE = [
    'x"\n[output]\nfolder = "/tmp/stolen"\n#',
    "a\r[output]",
    "b\u2028[x]\u2029",
    "c\x85d",
    "e\x0bf\x0c",
    'g"]\nh = 1',
    "\x1b[2J",
]


@pytest.mark.parametrize("text", HOSTILE)
def test_no_text_becomes_structure_of_a_plan(desk, text):
    desk.put("events.csv", EVENTS)
    assert desk.run("new", ".", "events.csv", "--name", text, "--zone", "America/Halifax").status == 0
    keys = tomllib.loads((desk.folder / "nomarium.toml").read_text("utf-8"))
    assert (keys["school"]["name"], "output" in keys, "x" in keys) == (text, False, False)
    (desk.folder / "nomarium.toml").unlink()
    workbook = xlsxwriter.Workbook(desk.folder / "t.xlsx")
    sheet = workbook.add_worksheet("T")
    for row, cells in enumerate(
        [["Day", "Start", "End", text[:80]], ["Mon", "9:00", "10:00", "x"], ["Tue", "9:00", "10:00", text]]
    ):
        sheet.write_row(row, 0, cells)
    workbook.close()
    tab = text.replace("\n", " ").replace("/", "-").replace('"', "&quot;").replace("[", "(").replace("]", ")")
    data = BytesIO()
    with zipfile.ZipFile(desk.folder / "t.xlsx") as old, zipfile.ZipFile(data, "w") as new:
        for part in old.namelist():
            body = old.read(part)
            if part == "xl/workbook.xml":
                body = body.replace(b'name="T"', f'name="{tab}&#10;(x&#10;'.encode()[:60] + b'"')
            new.writestr(part, body)
    desk.put("t.xlsx", data.getvalue())
    run = desk.run("new", ".", "t.xlsx", "events.csv", "--zone", "America/Halifax")
    if run.status == 0:
        keys = tomllib.loads((desk.folder / "nomarium.toml").read_text("utf-8"))
        assert set(keys) <= {
            "school",
            "year",
            "sources",
            "calendars",
            "bells",
            "sheets",
            "classes",
            "cycles",
            "undecided",
        }


@settings(deadline=None, max_examples=30, suppress_health_check=list(HealthCheck))
@given(
    texts=st.lists(
        st.text(
            st.sampled_from("ab \n\r\t\x0b\x0c\x85\u2028\u2029\"'[]{}=#\\.,\x1b\u202e\ud800"), min_size=1, max_size=12
        ),
        min_size=4,
        max_size=4,
    )
)
def test_drafts_say_what_they_mean_whatever_the_texts(tmp_path_factory, texts):
    heading, name, title, calendar = texts
    folder = tmp_path_factory.mktemp("draft")
    rows = [["Title", "Date", heading], [title + "x", "2026-09-08", "1"], ["B", "2026-09-21", "2"]]
    with (folder / "events.csv").open("w", encoding="utf-8", errors="replace", newline="") as file:
        csv.writer(file).writerows(rows)
    run = CliRunner().invoke(app, ["new", str(folder), str(folder / "events.csv"), "--name", name, "--zone", "UTC"])
    assert run.exit_code == 0, run.output
    call = ["convert", str(folder / "events.csv"), "-o", str(folder / "o.ics"), "--calendar", calendar]
    CliRunner().invoke(app, [*call, "--prefix", title, "--save-plan", str(folder / "saved.toml")])
    drafted = tomllib.loads((folder / "nomarium.toml").read_text("utf-8"))
    assert set(drafted) <= {"school", "year", "sheets", "sources", "calendars", "undecided"}
    assert set(drafted["school"]) == {"name", "zone"}
    saved = tomllib.loads((folder / "saved.toml").read_text("utf-8")) if (folder / "saved.toml").exists() else {}
    assert set(saved) <= {"school", "sources", "calendars", "output", "rows"}
    assert saved.get("output", {"folder": "."}) == {"folder": "."}


SECRET = ["Divorce lawyer", "Ward 7", "bring the papers", "x@example.org"]
PRIVATE = "Title,Date,Start,End,Where,Notes,Attendees,Private\nTea,2026-09-08,9:00,10:00,Hall,,,\n" + "".join(
    f"{SECRET[0]} {n},{date(2026, 9, 8) + timedelta(n % 200)},9:00,10:00,{SECRET[1]},{SECRET[2]},{SECRET[3]},{kind}\n"
    for n, kind in enumerate(["yes", "confidential"] * 500)
)


def public_texts(desk, folders):
    """Every text of files that others read, calendars whose private events say so left apart."""
    for folder in folders:
        for path in (desk.folder / folder).rglob("*.*"):
            text = path.read_bytes().decode("utf-8", "replace").replace("\r\n ", "")
            if path.suffix == ".ics":
                for event in text.split("BEGIN:VEVENT")[1:]:
                    if "CLASS:" not in event:
                        yield path, event
            else:
                yield path, text


def test_private_events_stay_private(desk):
    plan = PLAN + '[pages]\nfolder = "web"\n'
    desk.put("events.csv", PRIVATE)
    desk.put("nomarium.toml", plan)
    assert desk.run("build").status == 0
    desk.put("events.csv", PRIVATE.replace("9:00,10:00", "11:00,12:00", 30).replace("Tea,", "Coffee,"))
    assert desk.run("build", "--updates", "u", "--accept").status == 0
    assert desk.run("retract", "1", "-o", "back").status == 0
    assert desk.run("compare", "1", "2", "--notices", "n").status == 0
    (desk.folder / "cmp").mkdir()
    for name in ("c.csv", "c.html"):
        assert desk.run("compare", "1", "2", "-o", f"cmp/{name}").status == 0
    (desk.folder / "pics").mkdir()
    for name in ("w.svg", "w.html", "w.txt"):
        assert desk.run("show", "calendars/e.ics", "--week", "2026-09-14", "-o", f"pics/{name}").status == 0
    seen = dict.fromkeys(path.parts[-2] for path, _ in public_texts(desk, ["web", "u", "back", "n", "pics", "cmp"]))
    assert set(seen) >= {"web", "n", "pics", "cmp"}
    leaks = [(path, word) for path, text in public_texts(desk, seen) for word in SECRET if word in text]
    assert leaks == []
    feed = events_in(desk.folder / "web" / "e.ics")
    assert {str(event["SUMMARY"]) for event in feed} == {"Coffee", "Busy"}
    assert len(feed) == 1001
    desk.put("nomarium.toml", plan.replace("[pages]", '[output]\nprivate = "leave out"\n[pages]'))
    assert desk.run("build").status == 0
    assert len(events_in(desk.folder / "web" / "e.ics")) == 1
    desk.put("nomarium.toml", plan.replace("[pages]", '[output]\nprivate = "show"\n[pages]'))
    assert desk.run("build").status == 0
    assert f"{SECRET[0]} 3" in {str(event["SUMMARY"]) for event in events_in(desk.folder / "web" / "e.ics")}


FEED = """BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//X//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z
DTSTART:20260908T090000Z\r\nSUMMARY:A\r\n{line}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n""".replace("Z\nD", "Z\r\nD")
PASSING = [
    ("BEGIN:VALARM\r\nACTION:PROCEDURE\r\nTRIGGER:-PT5M\r\nATTACH:file:///bin/rm\r\nEND:VALARM", None),
    (
        "BEGIN:VALARM\r\nACTION:EMAIL\r\nTRIGGER:-PT5M\r\nATTENDEE:mailto:a@example.org\r\nSUMMARY:x\r\nDESCRIPTION:y\r\nEND:VALARM",
        None,
    ),
    ("BEGIN:VALARM\r\nACTION:AUDIO\r\nTRIGGER:-PT5M\r\nATTACH:file:///dev/zero\r\nEND:VALARM", None),
    ("BEGIN:VALARM\r\nACTION:AUDIO\r\nTRIGGER:-PT5M\r\nEND:VALARM", "ACTION:AUDIO"),
    ("URL:javascript:alert(1)", None),
    ("URL:java\x01script:alert(1)", None),
    ("URL:https://example.org/a", "URL:https://example.org/a"),
    ("ATTACH:file:///etc/passwd", None),
    ("ATTACH:cid:part1", "ATTACH:cid:part1"),
    ("IMAGE;VALUE=URI:data:text/html;base64,AAAA", None),
    ('X-NOTE;ALTREP="javascript:x":hi', None),
    ("ATTACH;ENCODING=BASE64;VALUE=BINARY;X-FILENAME=URL.exe:TVqQ", None),
    ("ATTENDEE:javascript:alert(1)", None),
    ("ORGANIZER;CN=URL:data:text/html,x", None),
    ("ATTENDEE:urn:uuid:7d2b3a52-0a54-44f5-9d5c-93c1d1d5a3a1", "ATTENDEE:urn:uuid:7d2b"),
    ("X-CONF:VBScript:URL", None),
    ("X-NOTE:file:///URL", None),
    ("X-NOTE:file under URL", "X-NOTE:file under URL"),
    ("X-ALT-DESC;FMTTYPE=text/html:<p>URL<SCRIPT>x</script>", None),
    ('X-ALT-DESC;FMTTYPE=text/html:<p onclick="x">URL', None),
    ('X-ALT-DESC;FMTTYPE=text/html:<a href="java&#115\\;cript:URL">', None),
    ('X-ALT-DESC;FMTTYPE=text/html:<a href="java\\nscript:URL">', None),
    ("X-ALT-DESC;FMTTYPE=text/html:<p>Bring <b>data: on paper</b>", "<b>data: on paper"),
    ("URL:\\\\server\\share", None),
    ("URL://server/share", None),
    ("X-NOTE:a\x00b\x0bc\x0cd\x85e\u2028f", "X-NOTE:abcdef"),
    ("ATTENDEE;X-P=a\x0bb\x85c:mailto:a@example.org", "ATTENDEE;X-P=abc:mailto:a@example.org"),
]


@pytest.mark.parametrize(("line", "kept"), PASSING, ids=range(len(PASSING)))
def test_what_passes_through_a_calendar_is_harmless(desk, line, kept):
    desk.put("feed.ics", FEED.format(line=line))
    run = desk.run("convert", "feed.ics", "-o", "out.ics", "--json")
    text = (desk.folder / "out.ics").read_bytes().decode()
    if kept is None:
        assert [code for code, _ in run.codes] == ["harmful-part"]
        assert not any(sign in text for sign in ("VALARM", "javascript", "file:", "URL", "IMAGE", "ALTREP"))
    else:
        assert (run.codes, kept in text) == ([], True)
    assert all(line.isprintable() for line in text.split("\r\n"))


def test_links_of_sheets_lead_somewhere_or_are_text(desk):
    (event,) = desk.events("Title,Date,Link\nA,2026-09-08,javascript:alert(1)\n")
    assert ("URL" in event, event["DESCRIPTION"]) == (False, "javascript:alert(1)")


@pytest.mark.parametrize("command", ["check", "build"])
def test_files_outside_a_plans_folder_are_told(desk, command):
    (desk.folder.parent / "far.csv").write_text(EVENTS)
    desk.put("nomarium.toml", PLAN.replace('"events.csv"', '"../far.csv"') + '[output]\nfolder = "../elsewhere"\n')
    run = desk.run(command)
    assert [run.err.count(f"“{name}” lies outside") for name in ("../far.csv", "../elsewhere")] == [1, 1]


def test_a_pipe_is_read_and_a_device_is_not(desk):
    call = [COMMAND, "convert", "-", "-o", "o.ics", "--zone", "UTC"]
    run = subprocess.run(call, cwd=desk.folder, input=EVENTS.encode(), capture_output=True, timeout=60, check=False)
    assert (run.returncode, len(events_in(desk.folder / "o.ics"))) == (0, 2), run.stderr
    os.mkfifo(desk.folder / "pipe")
    for name in ("/dev/zero", "pipe"):
        for words in (["convert", name, "-o", "p.ics"], ["build", name]):
            run = subprocess.run([COMMAND, *words], cwd=desk.folder, capture_output=True, timeout=30, check=False)
            assert run.returncode in (1, 2), words
            assert b"Traceback" not in run.stderr


def test_names_of_any_bytes_and_lengths(desk):
    name = os.fsdecode(b"caf\xe9.csv")
    (desk.folder / name).write_text(EVENTS.replace("Bo", "\U0001f6f6" * 80))
    call = [COMMAND, "convert", name, "-o", "out", "--split", "Teacher", "--zone", "UTC"]
    run = subprocess.run(call, cwd=desk.folder, capture_output=True, timeout=60, check=False)
    assert (run.returncode, b"Traceback" in run.stderr) == (0, False), run.stderr
    assert len(list((desk.folder / "out").iterdir())) == 2
    for longest in ("a" * 300, f"{'a' * 300}/b"):
        desk.put("nomarium.toml", f'[school]\nzone = "UTC"\n[sources.s]\nsheets = "{longest}.csv"\n')
        for call in (["build"], ["compare", "nomarium.toml", longest], ["build", "--edited", longest]):
            run = desk.run(*call)
            assert run.status in (1, 2), run.err
            assert any(said in run.err for said in ("that is not there", "neither a file nor")), run.err


LARGE = {
    "repeated rows of ods": lambda: ods_of('<table:table-row table:number-rows-repeated="1048576"><table:table-cell office:value-type="string" table:number-columns-repeated="16384"><text:p>x</text:p></table:table-cell>'),
    "spans of html": lambda: b"<table><tr>" + b'<td rowspan="500" colspan="500">x</td>' * 60 + b"</table>",
    "a cell of html": lambda: b"<table><tr><td>Title<td>Date<tr><td>" + b"x" * 60_000_000 + b"<td>2026-09-08</table>",
}  # fmt: skip


def ods_of(rows):
    data = BytesIO()
    spaces = " ".join(f'xmlns:{n}="urn:oasis:names:tc:opendocument:xmlns:{n}:1.0"' for n in ("office", "table", "text"))
    with zipfile.ZipFile(data, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("mimetype", "application/vnd.oasis.opendocument.spreadsheet")
        archive.writestr(
            "content.xml",
            f'<office:document-content {spaces}><office:body><office:spreadsheet><table:table table:name="P">{rows}',
        )
    return data.getvalue()


def test_a_key_of_a_plan_is_never_deeper_than_a_plan_is(desk):
    desk.put("nomarium.toml", "a." * 50_000 + "b = 1\n")
    run = subprocess.run([COMMAND, "check"], cwd=desk.folder, capture_output=True, timeout=10, check=False)
    assert (run.returncode, b"nested too deeply" in run.stderr) == (1, True)


MEASURED = """
import resource, sys
resource.setrlimit(resource.RLIMIT_AS, (3_000_000_000, 3_000_000_000))
sys.argv = ["nomarium", "convert", "x", "-o", "o.ics", "--zone", "UTC"]
from nomarium.cli import main
main()
"""


@pytest.mark.parametrize("name", LARGE)
def test_small_files_stay_small(desk, name):
    desk.put("x", LARGE[name]())
    run = subprocess.run(
        [sys.executable, "-c", MEASURED], cwd=desk.folder, capture_output=True, timeout=10, check=False
    )
    assert (run.returncode, b"Traceback" in run.stderr) == (1, False), run.stderr[-500:]


WRITING = [
    ["convert", "in.csv", "-o", "w/o.ics"], ["convert", "in.csv", "--split", "Teacher", "-o", "w"],
    ["build"], ["build", "--updates", "w"], ["retract", "1", "-o", "w"], ["compare", "1", "nomarium.toml", "--notices", "w"],
    ["convert", "in.csv", "--format", "csv", "--split", "Teacher", "-o", "w/{Teacher}/x"], ["days", "-o", "w/d.csv"],
    ["show", "in.csv", "--week", "2026-09-08", "-o", "w/x.txt"], ["free", "in.csv", "--from", "2026-09-08", "-o", "w/e.ics"],
    ["compare", "in.csv", "events.csv", "-o", "w/in.csv"], ["weed", "cal.ics", "-o", "w/e.ics"], ["new", "w", "in.csv"],
    ["sheet", "events", "-o", "w/x.csv"], ["sheet", "terms", "-o", "w/t.xlsx"], ["plan-schema", "-o", "w/x.csv"],
    ["convert", "in.csv", "-o", "w/o.ics", "--save-plan", "w/x.toml"],
]  # fmt: skip


@settings(deadline=None, max_examples=30, suppress_health_check=list(HealthCheck))
@given(seed=st.integers(0, 10**9), call=st.sampled_from(WRITING))
def test_no_command_changes_a_file_outside(tmp_path_factory, seed, call):
    chance = random.Random(seed)
    root = tmp_path_factory.mktemp("attack")
    here, out = root / "here", root / "outside"
    here.mkdir()
    for folder in (out, out / "Bo", out / "deep"):
        folder.mkdir()
        for name in ("e.ics", "x.csv", "Bo.ics", "in.csv"):
            (folder / name).write_text(chance.choice([OURS, THEIRS, EVENTS]))
    (here / "in.csv").write_text(EVENTS.replace("events", chance.choice(["..", "../..", "Bo", "/etc", "~"])))
    (here / "events.csv").write_text(EVENTS)
    (here / "cal.ics").write_text(THEIRS)
    (here / "nomarium.toml").write_text(PLAN.replace('"e.ics"', chance.choice(['"e.ics"', '"w/e.ics"', '"Bo/e.ics"'])))
    for place in chance.sample(
        ["w", "calendars", "w/Bo", "calendars/w", "calendars/Bo", ".nomarium", "w/o.ics", "u"], 4
    ):
        link = here / place
        link.parent.mkdir(exist_ok=True) if not link.parent.is_symlink() else None
        if link.parent.resolve().is_relative_to(here) and not link.exists() and not link.is_symlink():
            link.symlink_to(chance.choice([out, out / "Bo", out / "e.ics", out / "new", root]))
    before = all_files(out)
    named = (here / "w").is_symlink() and any(word.startswith("w") for word in call)
    named = named or (here / "calendars").is_symlink()  # the output folder, wherever it leads
    run = Desk(here).run(*call)
    if not named:  # a folder that the user names is written to, wherever it leads
        assert all_files(out) == before, (call, run.err)
    assert {name: before[name] for name in before if before[name] == THEIRS.encode()}.items() <= all_files(out).items()


STEERING = "\x1b]0;owned\x07\x1b[2J\u202egnp.exe\x9b31m"


@pytest.mark.parametrize("as_json", [False, True])
def test_no_text_steers_a_terminal(desk, as_json):
    desk.put("s.csv", f'Title,Date,{STEERING}\n"A{STEERING}",2026-09-08,x\nB,"{STEERING}",\nC,2026-09-08,9:00\n')
    desk.put("e.ics", FEED.format(line=f"LOCATION:{STEERING}"))
    calls = [
        ["convert", "s.csv", "-o", "o.ics"], ["inspect", "s.csv"], ["convert", "s.csv", "-o", "x.ics", "--only", f"{STEERING}=x"],
        ["show", "e.ics", "--week", "2026-09-08"], ["inspect", "e.ics"], ["weed", "e.ics"], ["compare", "e.ics", "s.csv"],
        ["free", "e.ics", "--from", "2026-09-08", "--to", "2026-09-08"], ["new", "there", "s.csv", "--zone", "UTC"],
    ]  # fmt: skip
    for call in calls:
        run = desk.run(*call, *(["--json"] if as_json else []))
        assert not set("\x1b\x07\x9b\u202e") & set(run.out + run.err), call
        if as_json and run.out:
            assert json.loads(run.out) is not None


@pytest.mark.parametrize("encoding", ["cp1252", "ascii"])
def test_streams_that_hold_few_characters_end_no_run(desk, encoding):
    desk.put("s.csv", "Title,Date\n始業式 “A”,2026-09-08\n漢,bad\n")
    env = {**os.environ, "PYTHONIOENCODING": encoding, "PYTHONUTF8": "0", "LC_ALL": "C"}
    call = [COMMAND, "convert", "s.csv", "-o", "o.ics", "--keep-going", "--zone", "UTC"]
    run = subprocess.run(call, cwd=desk.folder, env=env, capture_output=True, check=False)
    assert (run.returncode, b"Traceback" in run.stderr) == (1, False)
    assert "“bad”" in run.stderr.decode("utf-8")
    assert (desk.folder / "o.ics").exists()
