"""All that an event can say besides its date, and all that can be said for a whole file."""

import csv
import io
import json

import pytest

from conftest import events_in, told
from nomarium.core.values.people import Person, read_person
from nomarium.core.values.zones import near_zones, read_zone

PEOPLE = "Initials,Name,Email\nNF,Nell Farrow,nell@example.org\nJP,Jory Pell,jory@example.org\n"
PLACES = 'Code,Name,Address,Link\nAS,Adze Shed,"1 Quay, Orrin",https://example.org/as\nML,Mould Loft,,\n'


def test_people_and_places_are_looked_up(desk):
    desk.put("people.csv", PEOPLE)
    desk.put("places.csv", PLACES)
    sheet = 'Event,Date,Room,Who,Contact\nA,2026-09-08,as,"NF; jory pell",JP\nB,2026-09-09,MLL,Xu,\n'
    run = desk.convert(sheet, "--people", "people.csv", "--places", "places.csv")
    first, second = events_in(desk.folder / "out.ics")
    assert first["LOCATION"] == "Adze Shed, 1 Quay, Orrin"
    assert first["URL"] == "https://example.org/as"
    assert first["ORGANIZER"] == "mailto:jory@example.org"
    assert [(a, a.params["CN"]) for a in first["ATTENDEE"]] == [
        ("mailto:nell@example.org", "Nell Farrow"),
        ("mailto:jory@example.org", "Jory Pell"),
    ]
    assert (second["LOCATION"], second["CONTACT"]) == ("MLL", "Xu")
    assert run.codes == [("not-looked-up", "C3"), ("not-looked-up", "D3")]
    assert "The nearest there is “ML”" in run.report["problems"][0]["message"]


def test_look_up_sheets_that_cannot_be_used(desk):
    desk.put("s.csv", "Event,Date,Place\nA,2026-09-08,A\n")
    for text, words in [
        ("Code,Name\nA,One\nA,Two\n", "two entries of the look-up sheet: One and Two"),
        ("Foo,Bar\n1,2\n", "lacks columns"),
        ("", "empty"),
    ]:
        desk.put("l.csv", text)
        run = desk.run("convert", "s.csv", "-o", "o.ics", "--places", "l.csv")
        assert run.status == 1
        assert words in run.err


PERSONS = [
    ("nell@example.org", Person("", "nell@example.org")),
    ("Nell Farrow <nell@example.org>", Person("Nell Farrow", "nell@example.org")),
    ('"Farrow, Nell" <mailto:nell@example.org>', Person("Farrow, Nell", "nell@example.org")),
    ("Nell (nell@example.org)", Person("Nell", "nell@example.org")),
    ("Nell Farrow", Person("Nell Farrow", "")),
    ("nell@example", Person("nell@example", "")),
]


@pytest.mark.parametrize(("text", "person"), PERSONS)
def test_persons(text, person):
    assert read_person(text) == person


def test_names_cannot_break_out_of_their_parameter(desk):
    (event,) = desk.events('Event,Date,Host\nA,2026-09-08,"X"";CUTYPE=ROOM:^n <a@example.org>"\n')
    assert event["ORGANIZER"] == "mailto:a@example.org"
    assert set(event["ORGANIZER"].params) == {"CN"}


def test_zones_row_by_row(desk):
    sheet = "Event,Start,End,Time zone\nA,2026-09-08 09:00,2026-09-08 10:00,Europe/London\nB,2026-09-08 09:00,2026-09-08 10:00,\n"
    first, second = desk.events(sheet)
    assert [event["DTSTART"].params["TZID"] for event in (first, second)] == ["Europe/London", "America/Halifax"]
    assert (desk.folder / "out.ics").read_bytes().count(b"BEGIN:VTIMEZONE") == 2
    assert (read_zone("utc"), read_zone("america/halifax"), read_zone("Mars/Base")) == ("UTC", "America/Halifax", None)
    assert near_zones("london") == ["Europe/London"]


def test_reminders(desk):
    sheet = "Event,Date,Reminder\nA,2026-09-08,1 day; 15 min before\nB,2026-09-09,none\n"
    first, second = desk.events(sheet, "--remind", "1h30m")
    triggers = [[alarm["TRIGGER"].to_ical().decode() for alarm in event.walk("VALARM")] for event in (first, second)]
    assert triggers == [["-P1D", "-PT1H30M", "-PT15M"], ["-PT1H30M"]]
    (event,) = desk.events("Event,Date,Reminder (minutes)\nA,2026-09-08,20\n")
    assert event.walk("VALARM")[0]["TRIGGER"].to_ical() == b"-PT20M"


def test_reminders_at_a_time_of_their_own(desk):
    sheet = (
        "Event,Date,Start,Reminder on/off,Reminder date,Reminder time\n"
        "A,2026-09-08,9:00,True,2026-09-08,08:45:00\nB,2026-09-09,9:00,False,2026-09-09,08:45:00\n"
        "C,2026-09-09,9:00,,2026-09-08,\nD,2026-09-09,9:00,,,07:30:00\n"
    )
    events = desk.events(sheet)
    triggers = [[alarm["TRIGGER"].to_ical().decode() for alarm in event.walk("VALARM")] for event in events]
    assert triggers == [["-PT15M"], [], ["-P1DT9H"], ["-PT1H30M"]]


def test_roles_replies_and_lines_of_their_own(desk):
    (event,) = desk.events(
        "Event,Date,Required attendees,Optional attendees,Chaired by,Accepted,RSVP,Colour,Priority,GPS,Picture,Video link\n"
        "A,2026-09-08,a@example.org; b@example.org,c@example.org,a@example.org,b@example.org,yes,Dark blue,high,"
        '"57.5, -4.25",example.org/a.png,https://meet.example.org/a\n'
    )
    said = {str(one): dict(one.params) for one in event["ATTENDEE"]}
    assert said == {
        "mailto:a@example.org": {"ROLE": "CHAIR", "RSVP": "TRUE"},
        "mailto:b@example.org": {"PARTSTAT": "ACCEPTED", "RSVP": "TRUE"},
        "mailto:c@example.org": {"ROLE": "OPT-PARTICIPANT", "RSVP": "TRUE"},
    }
    assert (event["COLOR"], event["PRIORITY"], event["GEO"].to_ical()) == ("darkblue", 1, "57.5;-4.25")
    assert (event["IMAGE"], event["CONFERENCE"]) == ("https://example.org/a.png", "https://meet.example.org/a")
    assert all(one["COLOR"] == "teal" for one in desk.events(LIST, "--set", "color=teal"))


LIST = "Event,Date,Type,Group\nA,2026-09-08,x; y,Yard\nB,2026-09-10,y,Loft\nC,2026-09-14,,\n"

WHOLE_FILE = [
    (["--set", "categories=Office"], "CATEGORIES", [["x", "y", "Office"], ["y", "Office"], ["Office"]]),
    (["--set", "status=provisional"], "STATUS", ["TENTATIVE"] * 3),
    (["--set", "visibility=private"], "CLASS", ["PRIVATE"] * 3),
    (["--prefix", "{group}: "], "SUMMARY", ["Yard: A", "Loft: B", "C"]),
    (["--prefix", "School – "], "SUMMARY", ["School – A", "School – B", "School – C"]),
    (["--only", "categories=y"], "SUMMARY", ["A", "B"]),
    (["--only", "Group=yard,loft", "--without", "summary=b"], "SUMMARY", ["A"]),
    (["--from", "2026-09-09", "--to", "2026-09-10"], "SUMMARY", ["B"]),
    (["--shift", "7d"], "DTSTART", ["2026-09-15", "2026-09-17", "2026-09-21"]),
    (["--shift", "-2 weeks"], "DTSTART", ["2026-08-25", "2026-08-27", "2026-08-31"]),
    (["--start", "2027-09-07"], "DTSTART", ["2027-09-07", "2027-09-09", "2027-09-13"]),
]


@pytest.mark.parametrize(("options", "name", "expected"), WHOLE_FILE, ids=[" ".join(case[0]) for case in WHOLE_FILE])
def test_what_is_said_for_the_whole_file(desk, options, name, expected):
    events = desk.events(LIST, *options)
    values = [event[name] for event in events]
    if name == "DTSTART":
        values = [value.dt.isoformat() for value in values]
    assert [value.cats if name == "CATEGORIES" else value for value in values] == expected


def test_moving_says_when_weekdays_change_and_when_the_clock_objects(desk):
    run = desk.convert("Event,Date,Time\nA,2026-09-08,9am\n", "--start", "2027-09-08")
    assert "on a Tuesday is on a Wednesday" in run.report["problems"][0]["message"]
    run = desk.convert("Event,Date,Time\nA,2027-03-07,02:30\nB,2027-03-08,9am\n", "--shift", "7d")
    assert run.status == 1
    assert run.codes[0][0] == "skipped-time"
    assert run.report["events"] == 1


def test_rows_not_chosen_are_counted(desk):
    run = desk.convert(LIST, "--only", "Group=Yard")
    assert run.report["sheets"][0]["left_out"] == {"row not chosen": 2}


def test_identical_events_once_and_counts_expected(desk):
    twice = "Event,Date\nA,2026-09-08\nA,8 Sep 2026\nB,2026-09-08\n"
    run = desk.convert(twice, "--expect", "3")
    assert (run.status, run.codes) == (0, [("identical-events", "A3:B3")])
    run = desk.convert(twice, "--once", "--expect", "2")
    assert (run.status, run.report["sheets"][0]["left_out"]) == (0, {"identical row": 1})
    before = (desk.folder / "out.ics").read_bytes()
    run = desk.convert(twice, "--once", "--expect", "24")
    assert (run.status, run.codes[0][0]) == (1, "unexpected-count")
    assert (desk.folder / "out.ics").read_bytes() == before


OUT_ROW = {
    "summary": "=A",
    "start": "2026-09-08T09:00",
    "end": "2026-09-08T10:00",
    "location": "Hall",
    "categories": "x; y",
    "status": "tentative",
    "visibility": "private",
    "busy": "free",
    "organizer": "Nell <nell@example.org>",
    "attendees": "a@example.org; b@example.org",
    "reminders": "1 day; 1h 30min",
    "zone": "America/Halifax",
}
RICH = (
    "Event,Date,Start,End,Where,Type,Status,Private,Busy,Host,Guests,Reminders\n"
    "=A,2026-09-08,9:00,10:00,Hall,x;y,tentative,yes,free,Nell <nell@example.org>,a@example.org;b@example.org,1 day;90 min\n"
    "B,8–10 Sep 2026,,,,,,,,,,\n"
)


def test_rows_out_as_csv_json_and_xlsx_come_back_as_they_were(desk):
    desk.put("s.csv", RICH)
    for name in ("out.csv", "out.json", "out.xlsx", "first.ics"):
        run = desk.run("convert", "s.csv", "-o", name, "--calendar", "c")
        assert run.status == 0, run.err
    rows = json.loads((desk.folder / "out.json").read_text("utf-8"))
    assert {key: value for key, value in rows[0].items() if key != "id"} == OUT_ROW
    assert (rows[1]["start"], rows[1]["end"], rows[1]["all_day"]) == ("2026-09-08", "2026-09-10", "yes")
    text = (desk.folder / "out.csv").read_text("utf-8-sig")
    assert next(csv.DictReader(io.StringIO(text)))["summary"] == "'=A"
    first = (desk.folder / "first.ics").read_bytes()
    for name in ("out.csv", "out.xlsx"):
        run = desk.run("convert", name, "-o", "again.ics", "--calendar", "c", "--json")
        assert run.status == 0, run.out
        assert [code for code, _ in run.codes if code != "no-time"] == []
        assert (desk.folder / "again.ics").read_bytes() == first


def test_split_into_files_with_safe_names(desk):
    sheet = "Event,Date,Group\nA,2026-09-08,Yard; ../Loft\nB,2026-09-09,../Loft\nC,2026-09-10,\nD,2026-09-11,con\nE,2026-09-12,YARD\n"
    desk.put("s.csv", sheet)
    run = desk.run("convert", "s.csv", "-o", "out", "--split", "Group")
    assert run.status == 0, run.err
    names = {path.name: [told(event)[0] for event in events_in(path)] for path in (desk.folder / "out").iterdir()}
    assert names == {
        "YARD.ics": ["E"],
        "Yard (2).ics": ["A"],
        "Loft.ics": ["A", "B"],
        "con-.ics": ["D"],
        "without Group.ics": ["C"],
    }
    assert sorted(path.name for path in desk.folder.iterdir()) == ["out", "s.csv"]
    run = desk.run("convert", "s.csv", "-o", "cal-{group}.json", "--split", "group")
    assert (run.status, (desk.folder / "cal-Loft.json").exists()) == (0, True)
    uids = {event["SUMMARY"]: event["UID"] for name in names for event in events_in(desk.folder / "out" / name)}
    assert len({*uids.values()}) == 5


WRONG = [
    (["--set", "summary=x"], "can't be stated for all"),
    (["--set", "status=perhaps"], "is no status"),
    (["--set", "status"], "not of the form"),
    (["--only", "Colour=red"], "no field and no heading"),
    (["--prefix", "{colour}: "], "no field and no heading"),
    (["--split", "colour"], "no field and no heading"),
    (["--shift", "2x"], "is no length such as"),
    (["--remind", "soon"], "no length"),
    (["--from", "8/9/2026"], "of the form 2026-09-08"),
    (["--format", "doc"], "none of ics"),
    (["--places", "none.csv"], "no file"),
]


@pytest.mark.parametrize(("options", "words"), WRONG, ids=[" ".join(case[0]) for case in WRONG])
def test_wrong_values_of_options_are_wrong_calls(desk, options, words):
    desk.put("s.csv", LIST)
    run = desk.run("convert", "s.csv", "-o", "o.ics", *options)
    assert run.status == 2
    assert words in " ".join(run.err.split())
    assert not (desk.folder / "o.ics").exists()


def test_what_the_blank_sheet_asks_for_is_read_without_a_note(desk):
    for name in ("blank.csv", "blank.xlsx"):
        assert desk.run("sheet", "events", "-o", name, "--categories", "Yard, Loft").status == 0
    text = (desk.folder / "blank.csv").read_bytes().decode("utf-8-sig")
    assert text.count("\r\n") == 2
    desk.put("filled.csv", text + "Launch,2026-10-23,13:00,,16:30,no,Slip,Bring boots,Yard,confirmed,no,,1 day,E-7\r\n")
    run = desk.run("convert", "filled.csv", "-o", "out.ics", "--json")
    assert (run.status, run.codes) == (0, [])
    assert run.report["sheets"][0]["left_out"] == {"sample row": 1}
    assert [told(event) for event in events_in(desk.folder / "out.ics")] == ["Launch 2026-10-23 13:00–16:30"]
    openpyxl = pytest.importorskip("openpyxl")
    book = openpyxl.load_workbook(desk.folder / "blank.xlsx")
    lists = [str(v.formula1) for v in book["Events"].data_validations.dataValidation if v.type == "list"]
    assert '"Yard,Loft"' in lists
    assert book["Events"]["A1"].comment.text.startswith("What the event is called")
    book["Events"]["A3"], book["Events"]["B3"] = "Launch", "2026-10-23"
    book.save(desk.folder / "blank.xlsx")
    run = desk.run("convert", "blank.xlsx", "-o", "out.ics", "--json")
    assert (run.status, run.codes, run.report["events"]) == (0, [], 1)
    again = desk.run("sheet", "events", "-o", "blank.csv")
    assert (again.status, "is there already" in again.err) == (2, True)
    assert desk.run("sheet", "evnts", "-o", "x.csv").status == desk.run("sheet", "events", "-o", "x.pdf").status == 2


def test_inspect_shows_how_a_sheet_is_read(desk):
    desk.put("s.csv", "Evnt name,Date,Time,Wood\nA,21/9/2026,1:30,red\nB,22/9/2026,,\n")
    narrow = desk.run("inspect", "s.csv", env={"COLUMNS": "80"})
    assert max(map(len, narrow.out.splitlines()[:-1])) <= 80
    run = desk.run("inspect", "s.csv", env={"COLUMNS": "160"})
    assert run.status == 0
    words = " ".join(run.out.split())
    for part in ("A1:D3", "like “event name” (likely)", "“21/9/2026” → Mon 21 Sep 2026", "“1:30” → 13:30", "not used",
                 "day/month/year, proved by B2", "2 rows = 2 events", "Mon 21 Sep 2026 13:30–14:30 A",
                 "Next: nomarium convert s.csv --zone America/Halifax -o s.ics"):  # fmt: skip
        assert part in words, part
    report = desk.run("inspect", "s.csv", "--json").report
    assert report["sheets"][0]["columns"][1]["samples"][0] == {"cell": "21/9/2026", "became": "Mon 21 Sep 2026"}
    assert report["sheets"][0]["first_events"][1].startswith("Tue 22 Sep 2026  all day  B")
    desk.put("t.csv", "Event,Date\nA,4/12/2026\n")
    run = desk.run("inspect", "t.csv")
    assert (run.status, "Next:" in run.out, "--dates dmy" in run.err) == (1, False, True)
    assert sorted(path.name for path in desk.folder.iterdir()) == ["s.csv", "t.csv"]
