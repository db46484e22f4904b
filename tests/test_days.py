"""The command ``days``: plans, sheets of terms and closures as people keep them, and all that comes out."""

import csv
import io
import json
from datetime import date, datetime

import openpyxl
import pytest

from conftest import events_in, told

PLAN = """\
[school]
zone = "America/Halifax"
divisions = ["Yard", "Loft"]
[year]
terms = "terms.csv"
closures = "closures.csv"
[cycles.Yard]
labels = "1-3"
"""
TERMS = "Term,First day,Last day\nAutumn,2026-09-08,2026-12-18\nWinter,2027-01-04,2027-03-26\n"
CLOSURES = "Closure,Date\nHarvest tides,2026-09-10\n"


@pytest.fixture
def school(desk):
    """Return a function that puts a plan and its sheets there, and runs ``days``."""

    def put(*options, plan=PLAN, terms=TERMS, closures=CLOSURES, **sheets):
        desk.put("nomarium.toml", plan)
        desk.put("terms.csv", terms)
        desk.put("closures.csv", closures)
        for name, text in sheets.items():
            desk.put(name.replace("_", "."), text)
        return desk.run("days", *options)

    put.desk = desk
    return put


def rows_of(run):
    assert run.status == 0, run.err
    return list(csv.DictReader(io.StringIO(run.out.removeprefix("\ufeff"))))


def errors_of(run):
    """Each problem of a failed run as (code, where it stands)."""
    assert run.status == 1, run.out
    errors = [problem for problem in run.report["problems"] if problem["severity"] == "error"]
    return [(problem["code"], cell) for problem in errors for cell in problem["cells"]]


def test_every_date_is_a_row(school):
    rows = rows_of(school("-o", "-"))
    assert list(rows[0]) == ["date", "weekday", "term", "week", "letter", "Yard", "closure", "special"]
    assert len(rows) == (date(2027, 3, 26) - date(2026, 9, 8)).days + 1
    assert [row["Yard"] for row in rows[:8]] == ["1", "2", "", "3", "", "", "1", "2"]
    assert rows[2] == {
        "date": "2026-09-10",
        "weekday": "Thursday",
        "term": "Autumn",
        "week": "1",
        "letter": "",
        "Yard": "",
        "closure": "Harvest tides",
        "special": "",
    }
    assert [row["term"] for row in rows if row["date"] == "2026-12-25"] == [""]
    assert len(rows_of(school("-o", "-", "--from", "2026-10-01", "--to", "2026-10-07"))) == 7


def test_the_same_in_xlsx_json_and_on_the_screen(school):
    assert school("-o", "days.xlsx").status == 0
    sheet = openpyxl.load_workbook(school.desk.folder / "days.xlsx").active
    assert [cell.value for cell in sheet[4]][:6] == ["2026-09-10", "Thursday", "Autumn", "1", None, None]
    assert school("-o", "days.json").status == 0
    assert json.loads((school.desk.folder / "days.json").read_text("utf-8"))[0] == {
        "date": "2026-09-08",
        "weekday": "Tuesday",
        "term": "Autumn",
        "week": "1",
        "Yard": "1",
    }
    shown = school().out
    assert "Thu 10 Sep 2026  1     –     closed: Harvest tides" in shown
    assert "Read     terms.csv (comma-separated text, UTF-8): 2 terms" in shown
    counts = school("--json").report["counts"]["Yard"]
    assert counts == {"Autumn": {"1": 25, "2": 24, "3": 24}, "Winter": {"2": 20, "3": 20, "1": 20}}


# The text of a closure list without headings, and what it closes.
LISTS = [
    ("Labour Day: 7 October 2026\nHarvest – Oct 12, 2026", ["10-07 Labour Day", "10-12 Harvest"]),
    (
        "2026-10-21 to 2026-10-22 Autumn break\n# a remark\n\n- Staff day, Friday 6 November 2026",
        ["10-21..10-22 Autumn break", "11-06 Staff day"],
    ),
    ("25/11/2026 Regatta\n02/12/2026 Ice", ["11-25 Regatta", "12-02 Ice"]),
    ("Ice week\t7 Dec - 9 Dec", ["12-07..12-09 Ice week"]),
    ("2026-10-21,2026-10-23,Break", ["10-21..10-23 Break"]),
    ("Break;21.10.2026;23.10.2026", ["10-21..10-23 Break"]),
    ('"Oct 12, 2026",Thanksgiving', ["10-12 Thanksgiving"]),
    ("Vacances : du 21 octobre 2026 au 23 octobre 2026", ["10-21..10-23 Vacances"]),
    ("Day 3 of the fair 14 Oct 2026", ["10-14 Day 3 of the fair"]),
    ("12 Oct 2026", ["10-12 Closed"]),
]


@pytest.mark.parametrize(("text", "expected"), LISTS, ids=[text.splitlines()[0] for text, _ in LISTS])
def test_plain_lists_of_closures(school, text, expected):
    rows = rows_of(school("-o", "-", plan=PLAN.replace("closures.csv", "closures.txt"), closures_txt=text))
    spans = {}
    for row in rows:
        if row["closure"]:
            spans.setdefault(row["closure"], []).append(row["date"][5:])
    found = [f"{days[0]} {name}" if len(days) == 1 else f"{days[0]}..{days[-1]} {name}" for name, days in spans.items()]
    assert found == expected


# A sheet of closures; what it closes and what is special; codes of problems.
CLOSURE_SHEETS = [
    ("Holiday,Date\nHarvest,12/10/2026\nIce,25/11/2026\n", {"2026-10-12": "Harvest", "2026-11-25": "Ice"}, {}, []),
    ("Holiday,From,To\nHarvest,9 Oct 2026,12 Oct 2026\n", {"2026-10-09": "Harvest", "2026-10-12": "Harvest"}, {}, []),
    ("Name,Dates\nHarvest,Oct 9-12\n", {"2026-10-09": "Harvest", "2026-10-12": "Harvest"}, {}, []),
    ("Name,Date,Division\nInspection,2026-10-12,Loft\n", {"2026-10-12": "Inspection (Loft)"}, {}, []),
    ("Name,Date\nEarly dismissal,2026-10-12\n", {}, {"2026-10-12": "Early dismissal"}, ["half-day"]),
    ("Name,Date,Kind\nSkiff day,2026-10-12,half day\nEarly close,2026-10-13,closed\n", {"2026-10-13": "Early close"}, {"2026-10-12": "Skiff day"}, ["half-day"]),
    ("Name,Date\nClosing,12 Oct 2026 12:00-16:00\n", {}, {"2026-10-12": "Closing"}, ["half-day"]),
    ("Name,Date\nClasses resume,2026-10-12\n", {}, {}, ["not-a-closure"]),
    ("Name,Date\nA,2027-08-12\n", {}, {}, ["closure-outside-terms"]),
    ("Name,Date\nA,2026-10-12\nB,2026-10-12\n", {"2026-10-12": "A; B"}, {}, ["closed-twice"]),
    ("Date\n2026-10-12\n2026-10-13\n", {"2026-10-12": "Closed", "2026-10-13": "Closed"}, {}, []),
    ("Name,Date,Cycle\nA,2026-10-12,Yard\n", {"2026-10-12": "A (Yard)"}, {}, []),
]  # fmt: skip


@pytest.mark.parametrize(("sheet", "closed", "special", "codes"), CLOSURE_SHEETS, ids=range(len(CLOSURE_SHEETS)))
def test_sheets_of_closures(school, sheet, closed, special, codes):
    rows = {row["date"]: row for row in rows_of(school("-o", "-", closures=sheet))}
    assert {
        day: row["closure"] for day, row in rows.items() if row["closure"] and day in (*closed, "2026-10-12")
    } == closed
    assert {day: row["special"] for day, row in rows.items() if row["special"]} == special
    report = school("--json", closures=sheet).report
    told = [problem for problem in report["problems"] if problem["code"] != "unsure-column"]
    assert [problem["code"] for problem in told for _ in problem["cells"]] == codes


# A plan, terms or closures that cannot be; each error's code and place, all of them together.
BAD = [
    ({"plan": PLAN + 'labls = "1"\n'}, [("unknown-key", "line 9")]),
    ({"plan": PLAN.replace("[year]", "[yaer]")}, [("unknown-key", "line 4")]),
    ({"plan": PLAN.replace("[year]", "[year]\ncolumns = 1")}, [("unknown-key", "line 5")]),
    ({"plan": PLAN.replace('"1-3"', "3.5")}, [("wrong-value", "line 8")]),
    ({"plan": PLAN.replace('zone = "America/Halifax"', 'zone = "Orrin/Sound"')}, [("wrong-value", "line 2")]),
    ({"plan": PLAN.replace('divisions = ["Yard", "Loft"]', 'divisions = "Yard"')}, [("wrong-value", "line 3")]),
    ({"plan": PLAN.replace('"closures.csv"', '"closure.csv"')}, [("missing-file", "line 6")]),
    ({"plan": PLAN.replace('labels = "1-3"', "labels = ")}, [("not-toml", "line 8")]),
    ({"plan": PLAN + "start = 2026-13-01\n"}, [("not-toml", "line 9")]),
    ({"plan": PLAN + 'start = "8 Sep"\nrestart = "weekly"\n'}, [("wrong-value", "line 9"), ("wrong-value", "line 10")]),
    ({"plan": PLAN + "start = 2027-08-01\n"}, [("start-outside-terms", "line 9")]),
    ({"plan": PLAN + 'pin_from = { 2026-09-10 = "2" }\n'}, [("pin-without-school", "line 9")]),
    ({"plan": PLAN + '[cycles.Yard.pin_day]\n2026-09-11 = "9"\n'}, [("unknown-label", "line 10")]),
    ({"plan": PLAN.replace('"1-3"', '["A", "B", "A"]')}, [("doubled-label", "line 8")]),
    ({"plan": PLAN.replace("[cycles", 'public_holidays = "XX-YY"\n[cycles')}, [("unknown-country", "line 7")]),
    ({"plan": PLAN.replace("[cycles", 'public_holidays = "CA-ZZ"\n[cycles')}, [("unknown-country", "line 7")]),
    ({"plan": PLAN.replace("[school]", '[sheets]\nwithin = "2027-01-01..2026-01-01"\n[school]')}, [("wrong-value", "line 2")]),
    ({"plan": PLAN + 'divisions = ["Shore"]\n'}, [("unknown-division", "line 9")]),
    ({"plan": PLAN.replace("cycles.Yard", "cycles.week")}, [("wrong-value", "line 7")]),
    ({"terms": "Term,First day,Last day\nA,2026-12-08,2026-09-18\n"}, [("end-before-start", "B2")]),
    ({"terms": "Term,First day,Last day\nA,2026-09-08,2026-12-18\nB,2026-12-01,2027-02-01\n"}, [("overlapping-terms", "A3:C3")]),
    ({"terms": "Term,First day,Half term,Last day\nA,2026-09-08,21-25 Dec 2026,2026-12-18\n"}, [("break-outside-term", "C2")]),
    ({"terms": "Term,First day,Half term starts,Last day\nA,2026-09-08,2026-10-26,2026-12-18\n"}, [("break-without-end", "C1")]),
    ({"terms": "Term,First day,Last day,First week is\nA,2026-09-08,2026-12-18,C\n"}, [("unknown-letter", "A2:D2")]),
    ({"terms": "Term,First day,Last day\nA,08/09/2026,12/10/2026\n"}, [("unproved-dates", None), ("unproved-dates", None)]),
    ({"closures": "Closure,Date\nA,2026-09-31\n"}, [("impossible-date", "B2")]),
    ({"closures": "Closure,From,To\nA,2026-09-21,2026-09-18\n"}, [("end-before-start", "B2")]),
    ({"closures": "Closure,Date,Division\nA,2026-09-21,Lotf\n"}, [("unknown-division", "A2:C2")]),
    ({"closures": "Closure,Date,Cycle\nA,2026-09-21,halt\n"}, [("unknown-effect", "C2")]),
    ({"closures": ""}, [("empty-file", None)]),
    ({"terms": "Term,First day,Last day\nA,2026-09-08,2062-12-18\n"}, [("endless-terms", "line 5")]),
    ({"closures": "Closure,Date\n" + "A,2026-09-21\n" * 7000}, [("too-many-dates", None)]),
    ({"closures": "Closure,Date\nA,2026-09-31\n", "terms": "Term,First day,Last day\nA,2026-09-08,2026-09-31\n", "plan": PLAN.replace("1-3", "1-3-4")}, [("wrong-value", "line 8")]),
]  # fmt: skip


@pytest.mark.parametrize(("files", "expected"), BAD, ids=range(len(BAD)))
def test_what_cannot_be_is_named_with_its_place(school, files, expected):
    run = school("--json", "-o", "out.csv", **files)
    found = errors_of(run)
    assert [code for code, _ in found] == [code for code, _ in expected], run.out
    assert all(place in (None, cell) for (_, cell), (_, place) in zip(found, expected, strict=True)), found
    assert not (school.desk.folder / "out.csv").exists()


def test_a_wrong_key_is_told_its_nearest_and_a_misplaced_one_its_table(school):
    text = school(plan=PLAN + 'labls = "1"\n').err
    assert "nomarium.toml, line 9 “labls”" in text
    assert "Did you mean “labels”?" in text
    assert "It belongs under [year]." in school(plan=PLAN.replace("[school]", '[school]\nterms = "t.csv"')).err
    assert 'dates = "dmy"' in school(terms="Term,First day,Last day\nA,08/09/2026,12/10/2026\n").err


MORE_YEAR = """\
public_holidays = "CA-NS"
public_holidays_open = ["Heritage Day"]
extra_school_days = [2026-10-17]
follows = { 2026-10-17 = "Fri" }
special_days = "special.csv"
[year.weeks]
letters = "A-B"
number_short_first = false
"""
SPECIAL = "Date,Special day,Division,Follows,School,Cycle day\n2026-10-24,Open slip,,,yes,none\n2026-10-15,Late start,Loft,,,\n2026-10-16,Regatta,,Monday,,none; skip\n"


def test_holidays_rest_days_and_special_days(school):
    plan = PLAN.replace("[cycles", MORE_YEAR + "[cycles")
    rows = {row["date"]: row for row in rows_of(school("-o", "-", plan=plan, special_csv=SPECIAL))}
    assert rows["2026-11-11"]["closure"] == "Remembrance Day"
    assert rows["2027-02-15"] | {"week": "", "Yard": "", "letter": ""} == {
        "date": "2027-02-15",
        "weekday": "Monday",
        "term": "Winter",
        "week": "",
        "letter": "",
        "Yard": "",
        "closure": "",
        "special": "",
    }
    assert rows["2026-10-17"]["special"] == "follows Friday"
    assert [rows[f"2026-10-{day}"]["Yard"] for day in (14, 15, 16, 17, 19, 24, 26)] == ["2", "3", "", "2", "3", "", "2"]
    assert (rows["2026-10-15"]["special"], rows["2026-10-16"]["special"]) == (
        "Late start (Loft)",
        "Regatta; follows Monday",
    )
    assert (rows["2026-09-08"]["week"], rows["2026-09-14"]["week"], rows["2026-09-14"]["letter"]) == ("", "1", "B")


def test_terms_in_a_workbook_with_dates_of_its_own(school):
    book = openpyxl.Workbook()
    book.active.title = "Events"
    book.active.append(["Event", "Date"])
    book.active.append(["Launch", datetime(2026, 10, 1)])
    sheet = book.create_sheet("Terms")
    sheet.append(["The year 2026/27"])
    sheet.append(["Semester", "Begins", "Ends"])
    sheet.append(["First", datetime(2026, 9, 8), datetime(2027, 1, 29)])
    book.save(school.desk.folder / "year.xlsx")
    plan = PLAN.replace('"terms.csv"', '{ file = "year.xlsx", sheet = "Terms" }')
    assert rows_of(school("-o", "-", plan=plan))[0]["term"] == "First"
    assert errors_of(school("--json", plan=PLAN.replace("terms.csv", "year.xlsx")))[0][0] == "several-sheets"


def test_as_a_calendar_of_all_day_events(school):
    assert school("-o", "days.ics", "--add", "terms,closures").status == 0
    events = events_in(school.desk.folder / "days.ics")
    lines = [told(event) for event in events]
    assert lines[:3] == ["Day 1 2026-09-08..2026-09-09", "Day 2 2026-09-09..2026-09-10", "Day 3 2026-09-11..2026-09-12"]
    assert {"Autumn: first day 2026-09-08..2026-09-09", "Harvest tides 2026-09-10..2026-09-11"} <= set(lines)
    assert {event["TRANSP"] for event in events} == {"TRANSPARENT"}
    uids = {told(event)[6:]: event["UID"] for event in events if "Day" in event["SUMMARY"]}
    assert school("-o", "days.ics", closures=CLOSURES + "Storm,2026-09-11\n").status == 0
    again = {told(event)[6:]: event["UID"] for event in events_in(school.desk.folder / "days.ics")}
    assert all(uids[day] == uid for day, uid in again.items() if day in uids)
    assert (
        school("-o", "days.ics", "--each", "week", "--title", "{term}, week {week}", "--to", "2026-09-20").status == 0
    )
    assert list(map(told, events_in(school.desk.folder / "days.ics"))) == [
        "Autumn, week 1 2026-09-08..2026-09-09",
        "Autumn, week 2 2026-09-14..2026-09-15",
    ]


def test_the_picture_of_the_year(school):
    for name, start in (("year.png", b"\x89PNG"), ("year.pdf", b"%PDF"), ("year.svg", b"<?xml")):
        assert school("-o", name).status == 0
        data = (school.desk.folder / name).read_bytes()
        assert data.startswith(start)
    assert b"Harvest" in data
    assert school("-o", "again.svg").status == 0
    assert data == (school.desk.folder / "again.svg").read_bytes()
    png = (school.desk.folder / "year.png").read_bytes()
    assert (int.from_bytes(png[16:20]), int.from_bytes(png[20:24])) == (1280, 800)


def test_why_a_date_is_what_it_is(school):
    plan = PLAN + 'start_label = "2"\n'
    lines = school("--why", "2026-09-14", plan=plan).out.splitlines()
    assert lines == [
        "Mon 14 Sep 2026 lies in the term “Autumn”, Tue 8 Sep 2026 to Fri 18 Dec 2026 (terms.csv, A2:C2).",
        "It is in week 2 of that term.",
        "Monday is a school day of the week.",
        "Cycle “Yard”: “2”.",
        "It was set to “2” on Tue 8 Sep 2026, where it starts (nomarium.toml, line 9).",
        "Since then it moved on 3 times: 3 days with a label; 1 day did not count (Harvest tides).",
        "The day before it in the cycle is Fri 11 Sep 2026, “1”, the next is Tue 15 Sep 2026, “3”.",
    ]
    closed = school("--why", "2026-09-10").out
    assert "The school is closed: “Harvest tides” (closures.csv, A2:B2)." in closed
    assert "its label waits: “Harvest tides” (closures.csv, A2:B2) (the cycle advances by school days)" in closed
    assert "lies between the terms “Autumn” and “Winter”" in school("--why", "2026-12-25").out


@pytest.mark.parametrize(
    "heading", ["Date,Day\n", "Date,Yard\n", "When,Cycle day\n", "The year\n\nDate,Rotation\n", "Date,Letter day\n"]
)
def test_a_published_list_that_agrees(school, heading):
    days = rows_of(school("-o", "-", "--to", "2026-10-30"))
    listed = "".join(f"{row['date'][8:]}/{row['date'][5:7]}/2026,Day {row['Yard'] or '- no school'}\n" for row in days)
    run = school("--against", "list.csv", list_csv=heading + listed)
    assert run.status == 0, run.out + run.err
    assert run.out.startswith("Agrees   Yard and list.csv have the same label on all 38 dates, Tue 8 Sep 2026")


def test_a_published_list_that_differs_and_why(school):
    days = rows_of(school("-o", "-", closures=CLOSURES + "Storm,2026-09-22\n"))
    book = openpyxl.Workbook()
    book.active.append(["Date", "Yard", "Loft"])
    for row in days:
        book.active.append([datetime.fromisoformat(row["date"]), int(row["Yard"]) if row["Yard"] else None, "x"])
    book.save(school.desk.folder / "list.xlsx")
    run = school("--against", "list.xlsx")
    assert run.status == 1
    assert "part on Tue 22 Sep 2026" in run.out
    assert "Tue 22 Sep 2026   –       1" in run.out
    assert "one closure more, on Tue 22 Sep 2026" in run.out
    report = school("--against", "list.xlsx", "--json").report
    assert report[0]["differences"][0] == {"date": "2026-09-22", "listed": None, "reckoned": "1"}
    assert school("--against", "list.xlsx", closures=CLOSURES + "Storm,2026-09-22\n").status == 0


def test_a_storm_day_tried_out_touches_no_file(school):
    run = school("--close", "2026-09-16")
    before = {path: path.stat().st_mtime_ns for path in school.desk.folder.iterdir()}
    assert "Yard: 128 dates would change, Wed 16 Sep 2026 to Fri 26 Mar 2027." in run.out
    assert "  Thu 17 Sep 2026  1 → 3" in run.out
    skipped = school("--close", "2026-09-16=skip", "--close", "2026-12-24")
    assert "Yard: 1 date would change, Wed 16 Sep 2026." in skipped.out
    assert "There is no school on Thu 24 Dec 2026 anyway." in skipped.out
    assert before.keys() == dict.fromkeys(school.desk.folder.iterdir(), 0).keys()


LISTED = "Date,Label\n2026-09-08,Red\n2026-09-09,Blue\n2026-09-10,Red\n"


def test_listed_cycles_in_whole_and_in_part(school):
    whole = PLAN.replace('labels = "1-3"', 'listed = "listed.csv"')
    rows = rows_of(school("-o", "-", plan=whole, listed_csv=LISTED))
    assert [row["Yard"] for row in rows[:4]] == ["Red", "Blue", "", ""]
    part = PLAN + 'listed = "listed.csv"\n'
    rows = rows_of(school("-o", "-", plan=part, listed_csv="Date,Label\n2026-09-14,Day 3\n"))
    assert [row["Yard"] for row in rows[:8]] == ["1", "2", "", "3", "", "", "3", "1"]


WRONG_CALLS = [
    (["nowhere.toml"], "There is no file “nowhere.toml”"),
    (["--cycle", "Shore"], "The plan has no cycle “Shore”. Its cycles are: Yard."),
    (["--from", "8/9/2026"], "is no date of the form 2026-09-08"),
    (["--close", "2026-09-16=halt"], "“halt” is none of hold, skip"),
    (["-o", "days.docx"], "ends in none of .csv"),
    (["-o", "days.ics", "--title", "Day {nr}"], "Nothing fills {nr} in a title."),
    (["-o", "year.pdf", "--paper", "A5"], "“A5” is neither A4 nor Letter"),
    (["--against", "gone.csv"], "There is no file “gone.csv”"),
]


@pytest.mark.parametrize(("call", "words"), WRONG_CALLS, ids=[" ".join(call) for call, _ in WRONG_CALLS])
def test_wrong_calls(school, call, words):
    run = school(*call)
    assert run.status == 2
    assert words in " ".join(run.err.split())


def test_no_plan_here(desk):
    run = desk.run("days")
    assert run.status == 2
    assert "There is no nomarium.toml in this folder." in run.err


@pytest.mark.parametrize("kind", ["terms", "closures", "special-days", "days"])
def test_blank_sheets_are_read_and_their_samples_left_out(school, kind):
    for ending in ("csv", "xlsx"):
        run = school.desk.run("sheet", kind, "-o", f"blank.{ending}")
        assert run.status == 0
        assert f"blank.{ending}" in run.out.splitlines()[1]
    key = {"terms": "terms", "closures": "closures", "special-days": "special_days"}.get(kind)
    if key is not None:
        plan = PLAN.replace(f'{key} = "{key}.csv"\n', "").replace("[cycles", f'{key} = "blank.xlsx"\n[cycles')
        codes = [code for code, _ in school("--json", plan=plan).codes]
        assert codes == ["no-rows"]


def test_the_schema_of_plans_knows_every_key(desk):
    schema = json.loads(desk.run("plan-schema").out)
    assert {"school", "sheets", "year", "cycles"} <= schema["properties"].keys()
    assert schema["additionalProperties"] is False
