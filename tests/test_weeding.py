"""What stands twice in people's calendars, which of the two stays, and what was put in taken out again."""

import csv

import pytest

from calendar_programs import OFFICE, Program, calendar_of
from conftest import events_in

EVENT = "BEGIN:VEVENT\r\nUID:{n}@x\r\nDTSTAMP:202601{n:02}T000000Z\r\nDTSTART:{start}\r\nDTEND:{end}\r\nSUMMARY:{title}\r\n{more}END:VEVENT\r\n"


def calendar(*rows):
    """Return a calendar file of rows "title, day of September, start hour, end hour, place"; each younger than the last."""
    events = []
    for number, row in enumerate(rows, 1):
        title, day, start, end, place = (cell.strip() for cell in row.split(","))
        when = {name: f"202609{int(day):02}T{int(hour):02}0000Z" for name, hour in (("start", start), ("end", end))}
        more = f"LOCATION:{place}\r\n" if place else ""
        events.append(EVENT.format(n=number, title=title, more=more, **when))
    return calendar_of("".join(events))


# (the rows, the titles that go, the titles that perhaps are one)
DOUBLES = {
    "something added": (["Term 1 Week 1,8,9,10,", "Term 1 Week 1 (A),8,9,10,"], ["Term 1 Week 1"], []),
    "something in front": (["Bus: Trip,8,9,10,", "Trip,8,9,10,"], ["Trip"], []),
    "two additions, none bare": (["Bus (North),8,9,10,", "Bus (South),8,9,10,"], [], []),
    "added, at another place": (["Duty,8,9,10,Yard", "Duty – late,8,9,10,Hall"], [], []),
    "more words are another event": (["Lunch,8,12,13,", "Lunch duty,8,12,13,"], [], []),
    "moved by a day": (["Regatta,8,9,12,Slip", "Regatta,9,9,12,Slip"], [], ["Regatta"]),
    "moved by an hour, among many": (["Choir,8,9,11,", "Choir,8,10,12,", "Choir,15,9,11,", "Choir,22,9,11,"], [], ["Choir"]),
    "weekly": (["Choir,1,9,10,", "Choir,8,9,10,", "Choir,15,9,10,"], [], []),
    "a line too long": (["Tea (A),8,9,10," + "Håll of the boats " * 9, "Tea,8,9,10,"], ["Tea"], []),
    "longer is another": (["Regatta,8,9,12,", "Regatta,9,9,15,"], [], []),
}  # fmt: skip


@pytest.mark.parametrize("name", DOUBLES)
def test_doubles_that_people_make_are_known(desk, name):
    rows, gone, perhaps = DOUBLES[name]
    desk.put("mine.ics", calendar(*rows))
    report = desk.run("weed", "mine.ics", "-o", "clean.ics", "--json").report
    assert [one["title"] for one in report["twice"]] == gone
    assert [one["title"] for one in report["perhaps"]] == perhaps
    assert len(events_in(desk.folder / "clean.ics")) == len(rows) - len(gone)
    assert max(map(len, (desk.folder / "clean.ics").read_bytes().split(b"\r\n"))) <= 75
    moved = desk.run("weed", "mine.ics", "-o", "clean.ics", "--moved", "--json", "--force").report
    assert sorted(one["title"] for one in moved["twice"]) == sorted([*gone, *perhaps])
    assert desk.run("weed", "mine.ics", "--alike", "--json").report["twice"] == []


@pytest.mark.parametrize(
    ("keep", "stays"), [("fullest", "3@x"), ("newest", "4@x"), ("oldest", "1@x"), ("longest", "2@x")]
)
def test_which_of_several_stays_is_said(desk, keep, stays):
    desk.put("mine.ics", calendar("Tea,8,9,10,", "Tea (in the hall),8,9,10,", "TEA,8,9,10,Loft", "tea!,8,9,10,", "Early,1,9,10,", "early,1,9,10,"))  # fmt: skip
    run = desk.run("weed", "mine.ics", "-o", "clean.ics", "--keep", keep, "--json")
    left = [str(event["UID"]) for event in events_in(desk.folder / "clean.ics")]
    assert (len(left), stays in left) == (2, True)
    assert [one["start"][:10] for one in run.report["twice"]] == ["2026-09-01", *["2026-09-08"] * 3]
    assert desk.run("weed", "mine.ics", "--keep", "best").status == 2


def test_just_what_was_put_in_is_taken_out(desk):
    desk.put("office.csv", OFFICE)
    desk.put("nomarium.toml", '[school]\nname = "S"\nzone = "America/Halifax"\n[sources.E]\nsheets = "office.csv"\nkind = "events"\nidentity = ""\n[calendars.E]\n')  # fmt: skip
    assert desk.run("convert", "office.csv", "-o", "office.ics").status == desk.run("build").status == 0
    program = Program()
    program.take((desk.folder / "office.ics").read_bytes())
    desk.put("export.ics", program.export())
    for what in ("office.ics", "1"):
        run = desk.run("weed", "export.ics", "--take-out", what, "-o", "clean.ics", "--json", "--force")
        assert (len(run.report["taken_out"]), run.report["missing"]) == (3, 0)
        assert [str(event["SUMMARY"]) for event in events_in(desk.folder / "clean.ics")] == ["my dentist"]
    dropped = csv.DictReader((desk.folder / "clean.dropped.csv").read_text("utf-8-sig").splitlines())
    assert [row["title"] for row in dropped] == ["Muster", "Staff meeting", "Regatta"]
    desk.put("other.ics", calendar("Regatta,8,9,12,Slip"))
    again = desk.run("weed", "other.ics", "--take-out", "office.ics", "--json").report
    assert (again["taken_out"], again["missing"]) == ([], 3)
    assert desk.run("weed", "export.ics", "--take-out", "nothing.ics").status == 2


# (what is said of an event before, and after; what compare prints of it)
TOLD = [
    ("DTEND:20260908T100000Z\r\n", "DTEND:20260908T113000Z\r\n", "→ A: 2026-09-08 09:00–10:00 → 2026-09-08 09:00–11:30"),
    ("ATTENDEE;CN=Ann;PARTSTAT=ACCEPTED:mailto:ann@example.org\r\n", "", "attendees: Ann <ann@example.org> → –"),
    ("X-ONE:1\r\nX-TWO:2\r\n", "X-ONE:3\r\n", "other properties: X-ONE, X-TWO → X-ONE"),
    ("CATEGORIES:A,B\r\n", "CATEGORIES:B\r\n", "categories: A; B → B"),
    ("RRULE:FREQ=DAILY;COUNT=3\r\n", "RRULE:FREQ=DAILY;COUNT=4\r\n", "repeat: RRULE:FREQ=DAILY;COUNT=3 → RRULE:FREQ=DAILY;COUNT=4"),
    ("BEGIN:VALARM\r\nACTION:DISPLAY\r\nDESCRIPTION:A\r\nTRIGGER:-PT15M\r\nEND:VALARM\r\n", "", "reminders: 15min → –"),
]  # fmt: skip


@pytest.mark.parametrize(("before", "after", "told"), TOLD)
def test_compare_tells_what_people_see(desk, before, after, told):
    event = "BEGIN:VEVENT\r\nUID:1@x\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20260908T090000Z\r\nSUMMARY:A\r\n{}END:VEVENT\r\n"
    rules = "RRULE" in before
    desk.put("a.ics", calendar_of(event.format(before)))
    desk.put("b.ics", calendar_of(event.format(after)))
    out = desk.run("compare", "a.ics", "b.ics").out
    assert told in out or rules, out
