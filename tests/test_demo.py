"""The tour through the sample school, as a newcomer runs it."""

from pathlib import Path

from conftest import events_in, told
from nomarium.cli.demo import _new_folder


def test_the_demo_goes_from_sheets_to_calendars(desk):
    run = desk.run("demo")
    assert run.status == 0, run.err
    assert "$ nomarium convert office-events.csv -o office.ics" in run.out
    office = events_in(desk.folder / "orrin-sound" / "office.ics")
    slipway = events_in(desk.folder / "orrin-sound" / "slipway.ics")
    assert len(office) >= 60
    assert "Launch day: skiffs of the Yard 2026-10-23 13:00–16:30" in map(told, office)
    assert sum(event.get("CLASS") == "PRIVATE" for event in office) == 5
    assert len(slipway) == 40
    assert told(slipway[3]).endswith("10:00–12:00")
    days = events_in(desk.folder / "orrin-sound" / "days.ics")
    assert sum(event["SUMMARY"].startswith("Day ") for event in days) == 174
    clubs = events_in(desk.folder / "orrin-sound" / "clubs.ics")
    assert len({event["UID"] for event in clubs}) == len(clubs) > 100
    assert (desk.folder / "orrin-sound" / "november.csv").read_text("utf-8").count("2026-11-") > 20
    assert "as a closure that holds the label" in run.out
    ambrose = events_in(desk.folder / "orrin-sound" / "calendars" / "instructors" / "S. Ambrose.ics")
    assert "Lofting (LFT-1) 2026-11-16 13:00–14:35" in map(told, ambrose)
    drafted = desk.folder / "orrin-sound" / "drafted"
    assert len(list((drafted / "calendars" / "teachers").glob("*.ics"))) == 7
    assert (drafted / "nomarium.toml").read_text("utf-8").count("# ?") == 1
    tait = (desk.folder / "orrin-sound" / "notices" / "instructors" / "J. Harrow-Tait.txt").read_text("utf-8")
    assert "Monday 18 January\n- 10:15–12:00: Engines (ENG-1), in Slip head now, not in Engine Shop.\n" in tait
    changed = events_in(desk.folder / "orrin-sound" / "updates" / "instructors" / "J. Harrow-Tait.ics")
    assert any("STATUS" in event for event in changed)
    taken_back = events_in(desk.folder / "orrin-sound" / "back" / "office.ics")
    assert {event["STATUS"] for event in taken_back} == {"CANCELLED"}
    assert {"TENTATIVE", "CANCELLED", "CONFIRMED"} == {event["STATUS"] for event in slipway}

    before = {path: path.stat().st_mtime_ns for path in (desk.folder / "orrin-sound").rglob("*")}
    again = desk.run("demo", "orrin-sound")
    assert again.status == 2
    assert "is there already" in again.err
    assert before == {path: path.stat().st_mtime_ns for path in (desk.folder / "orrin-sound").rglob("*")}


def test_the_demo_takes_a_folder_that_is_free(tmp_path, monkeypatch):
    monkeypatch.chdir(tmp_path)
    assert _new_folder() == Path("orrin-sound")
    (tmp_path / "orrin-sound").mkdir()
    assert _new_folder() == Path("orrin-sound-2")


def test_version_help_and_module(desk):
    assert desk.run("--version").out.startswith("nomarium 0.")
    for call in (["--help"], *([name, "--help"] for name in ("convert", "days", "build", "new"))):
        run = desk.run(*call)
        assert run.status == 0
        assert "Examples" in run.out
