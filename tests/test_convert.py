"""Sheets in, calendars out, through the installed command; every calendar is read by an independent library."""

import csv
import io
from datetime import UTC, date, datetime, time

import pytest

from conftest import EPOCH, events_in, told

FULL = """Event,Date,Start time,End time,Where,Notes,Type,Private?,Web page,Status,Ref,Free?
Tool check,21/09/2026,9:00 AM,10:30 AM,"Shed 1, north","Bring ""all"" tools; a \\ too
and gloves","Safety;Yard",yes,https://example.org/a?b=1,tentative,T-1,
Ceilidh,28/11/2026,8:00 PM,12:30 AM,,,,,,confirmed,,yes
"""


def test_every_field_arrives_as_the_sheet_said(desk):
    check, ceilidh = desk.events(FULL)
    assert told(check) == "Tool check 2026-09-21 09:00–10:30"
    assert check["DTSTART"].params["TZID"] == "America/Halifax"
    assert check["LOCATION"] == "Shed 1, north"
    assert check["DESCRIPTION"] == 'Bring "all" tools; a \\ too\nand gloves'
    assert check["CATEGORIES"].cats == ["Safety", "Yard"]
    assert (check["CLASS"], check["STATUS"], check["URL"]) == ("PRIVATE", "TENTATIVE", "https://example.org/a?b=1")
    assert told(ceilidh) == "Ceilidh 2026-11-28 20:00–2026-11-29 00:30"
    assert (ceilidh["TRANSP"], ceilidh["STATUS"]) == ("TRANSPARENT", "CONFIRMED")
    assert check["DTSTAMP"].dt == datetime.fromtimestamp(int(EPOCH), UTC)


SHEETS = [
    ("Title,Date\nA,2026-09-08\n", ["A 2026-09-08..2026-09-09"], "no times: all-day, the end exclusive"),
    ("Title;Date;Time\nA;8.9.2026;14h30\n", ["A 2026-09-08 14:30–15:30"], "semicolons, dots, one hour without an end"),
    ("Title\tStart\tEnd\nA\t2026-09-08 09:00\t2026-09-09 17:00\n", ["A 2026-09-08 09:00–2026-09-09 17:00"], "tabs"),
    ("\ufeffTitle,Date,Hours\nA,8 Sep 2026,9–10:30am\n", ["A 2026-09-08 09:00–10:30"], "a byte order mark; a span"),
    ("What,When\nA,Tue 8 Sep 2026 9:00–10:30\n", ["A 2026-09-08 09:00–10:30"], "all in one cell"),
    ("Title,Date\nA,8–12 September 2026\n", ["A 2026-09-08..2026-09-13"], "a range of dates"),
    ("Title,Date,Duration\nA,2026-09-08,3 days\n", ["A 2026-09-08..2026-09-11"], "days are calendar days"),
    ("Title,Date,Start,Duration\nA,2026-10-31,20:00,7h\n", ["A 2026-10-31 20:00–2026-11-01 02:00"], "hours elapse"),
    ("Title,Date,Time\nA,2026-09-08,1:30\n", ["A 2026-09-08 13:30–14:30"], "no am or pm: within the working day"),
    ("Title,Date,Start,End\nA,2026-09-08,6:30,8:30\n", ["A 2026-09-08 18:30–20:30"], "an end follows its start"),
    ("Title,Date,Time\nA,2026-09-08,1:30\nB,2026-09-08,15:00\n",
     ["A 2026-09-08 01:30–02:30", "B 2026-09-08 15:00–16:00"], "15:00 proves 24 hours for the column"),
    ("Title,Date,All day\nA,2026-09-08,x\n", ["A 2026-09-08..2026-09-09"], "all-day said"),
    ("Title,Date,Time\nA,2026-09-08,all day\nB,2026-09-09,9 am\n",
     ["A 2026-09-08..2026-09-09", "B 2026-09-09 09:00–10:00"], "all-day said in the time's place"),
    ("Title,Date,Start,End\nA,2026-09-08,9:00,9:00\n", ["A 2026-09-08 09:00–09:00"], "a moment without a length"),
    ("Title,Start\nA,2026-09-08T12:00:00Z\n", ["A 2026-09-08 09:00–10:00"], "UTC becomes local time"),
    (' start-DATE ,"EVENT\nTitle"\n2026-09-08,A\n', ["A 2026-09-08..2026-09-09"], "case, marks and breaks in headings"),
    ("sep=;\nTitle;Date\nA;2026-09-08\n", ["A 2026-09-08..2026-09-09"], "a first line that states the delimiter"),
    ("Title,Date\nA,09/08/2026\nB,09/21/2026\n", ["A 2026-09-08..2026-09-09", "B 2026-09-21..2026-09-22"], "21 proves"),
    ("Title,Date\nA,Tue 8/9/2026\n", ["A 2026-09-08..2026-09-09"], "the weekday proves"),
    ("Title,Date (mm/dd/yy)\nA,09/08/26\n", ["A 2026-09-08..2026-09-09"], "the heading states it"),
    ("Title,Start date,End date\nA,3/9/2026,25/9/2026\n", ["A 2026-09-03..2026-09-26"], "the column beside it proves"),
    ("Title,Date,Time\nA,2026-09-08 00:00:00,9am\nB,2026-09-09 00:00:00,\n",
     ["A 2026-09-08 09:00–10:00", "B 2026-09-09..2026-09-10"], "00:00 in every cell is no time"),
    ('Title,Date\nA,="2026-09-08"\n', ["A 2026-09-08..2026-09-09"], "a text kept from a spreadsheet's hands"),
    ("Title,Date\nA,8 Sep\u00ad\u00a02026\n", ["A 2026-09-08..2026-09-09"], "marks that nobody sees"),
    ("Title,Date,Confirmed?\nA,2026-09-08,no\n", ["A 2026-09-08..2026-09-09"], "not confirmed is tentative"),
    ("Title,Date\nA,46273\n", ["A 2026-09-08..2026-09-09"], "day numbers that lost their format"),
]  # fmt: skip


@pytest.mark.parametrize(("sheet", "expected", "why"), SHEETS, ids=[case[2] for case in SHEETS])
def test_sheets_are_read_as_people_mean_them(desk, sheet, expected, why):
    assert [told(event) for event in desk.events(sheet)] == expected, why


REFUSED = [
    ("Title,Date\nA,04/12/2026\n", "unproved-dates", "B2", "4 December 2026 or 12 April 2026"),
    ("Title,Date\nA,21/09/2026\nB,09/21/2026\n", "contradictory-dates", "B2", "contradict each other"),
    ("Title,Date\nA,21/09/2026\nB,31/02/2027\n", "impossible-date", "B3", "February 2027 has 28 days"),
    ("Title,Date\nA,2026-13-05\n", "impossible-date", "B2", "no month 13"),
    ("Title,Date\nA,Mon 8 Sep 2026\n", "wrong-weekday", "B2", "is a Tuesday, not a Monday"),
    ("Title,Date\nA,8 Sep\n", "year-missing", "B2", "no year"),
    ("Title,Date\nA,soon\n", "unreadable-date", "B2", "no date"),
    ("Title,Date,Time\nA,2026-09-08,25:00\n", "unreadable-time", "C2", "no time"),
    ("Title,Date,Start,End\nA,2026-09-08,14:00,13:00\n", "end-before-start", "D2", "ends at 13:00"),
    ("Title,Start date,End date\nA,2026-09-08,2026-09-07\n", "end-before-start", "B2", "before it starts"),
    ("Title,Date,End time\nA,2026-09-08,10:00\n", "no-start-time", "C2", "no start time"),
    ("Title,Date,Time,Duration\nA,2026-09-08,10:00,3\n", "unreadable-length", "D2", "no length"),
    ("Title,Date,Private\nA,2026-09-08,perhaps?\n", "unknown-visibility", "C2", "neither public"),
    ("Title,Date\nA,2026-09-08\nB,\nC,2026-09-10\n", "no-date", "B3", "no date"),
    ("Title,Date,Where\n,2026-09-08,Hall\n", "no-title", "A2", "no title"),
    ("Id,Title,Date\n7,A,2026-09-08\n7,B,2026-09-09\n", "doubled-id", "A3", "A2 too"),
    ("Title,Date,Time\nA,2027-03-14,02:30\n", "skipped-time", "C2", "does not exist"),
    ("Title,Date\nA,2026-09-08,Hall\n", "too-many-cells", "C2", "3 cells"),
    ("Title,Name,Date\nA,B,2026-09-08\n", "doubled-field", "B1", "both seem to be summary"),
    ("Title,Where\nA,B\n", "no-date-column", None, "recognised as the date"),
    ("Wood,Size,Date\nA,B,2026-09-08\n", "no-title-column", None, "recognised as the title"),
    ('Title,Date\n"A,2026-09-08\nB,2026-09-09\n', "open-quote", "row 2", "never closes"),
    ('Title,Date\n"A" x,2026-09-08\n', "stray-quote", "row 2", "closing quotation mark"),
]


@pytest.mark.parametrize(("sheet", "code", "cell", "words"), REFUSED, ids=[case[1] + " " + case[3] for case in REFUSED])
def test_what_cannot_be_trusted_is_refused_with_its_cell(desk, sheet, code, cell, words):
    desk.put("out.ics", "as it was")
    run = desk.convert(sheet)
    assert run.status == 1
    assert (code, cell) in run.codes
    problem = next(problem for problem in run.report["problems"] if problem["code"] == code)
    assert words in problem["message"]
    assert problem["advice"]
    assert (desk.folder / "out.ics").read_text() == "as it was"


WARNED = [
    ("Title,Date,Time\nA,2026-09-08,9 am\nB,2026-09-09,\n", ("no-time", "B3")),
    ("Title,Date,Time\nA,2026-09-08,05:30\n", ("night-start", "C2")),
    ("Title,Date,Time,All day\nA,2026-09-08,9 am,yes\n", ("all-day-with-times", "C2")),
    ("Title,Date\nA,2026-09-08\nA,2026-09-08\n", ("identical-events", "A3:B3")),
    ("Title,Date,Link\nA,2026-09-08,ask Nell\n", ("no-web-address", "C2")),
    ("Title,Date,Time\nA,2026-11-01,01:30\n", ("doubled-time", "C2")),
    ("Title,Date\nA,2026-09-08\nB,2026-09-09\nC,2062-09-10\n", ("far-away", "B4")),
    ("Title,Date,All day\nA,2026-09-08,no\n", ("no-time", "B2")),
    ("Title,Date\nA,2026-09-08\n\u00e9,2026-09-09\n".encode("cp1252"), ("encoding-guessed", None)),
    (
        "Title,Date\nF\u00eate,2026-09-08\n\u00c9t\u00e9,2026-09-09\n".encode()
        + "Caf\u00e9,2026-09-10\n".encode("cp1252"),
        ("mixed-encodings", None),
    ),
]


@pytest.mark.parametrize(("sheet", "expected"), WARNED, ids=[case[1][0] for case in WARNED])
def test_what_is_odd_is_written_and_said(desk, sheet, expected):
    run = desk.convert(sheet)
    assert run.status == 0
    assert expected in run.codes


def test_all_problems_are_told_together_in_words(desk):
    desk.put("s.csv", "Title,Date,Time,Where\nA,21/09/2026,25:00,\nB,31/02/2027,9:00,\n,22/09/2026,8:00,Loft\n")
    run = desk.run("convert", "s.csv", "-o", "o.ics")
    assert run.status == 1
    assert "s.csv, C2 “25:00”" in run.err
    assert "There is no such date: February 2027 has 28 days. Read as day/month/year." in run.err
    assert "s.csv, A4" in run.err
    assert "3 rows = 0 events + 3 refused" in run.out
    assert not (desk.folder / "o.ics").exists()


def test_keep_going_saves_the_refused_rows_as_they_were(desk):
    run = desk.convert("Title,Date\nA,2026-09-08\nB,31/02/2027\n=C,soon\n", "--keep-going", "--dates", "dmy")
    assert run.status == 1
    assert [told(event) for event in events_in(desk.folder / "out.ics")] == ["A 2026-09-08..2026-09-09"]
    rows = list(csv.reader(io.StringIO((desk.folder / "out.refused.csv").read_text("utf-8-sig"))))
    assert rows[0] == ["Title", "Date", "cell", "reason"]
    assert [row[:3] for row in rows[1:]] == [["B", "31/02/2027", "B3"], ["'=C", "soon", "B4"]]
    assert run.report["sheets"][0]["rows"] == 3 == run.report["events"] + run.report["sheets"][0]["refused"]


def test_rows_that_are_no_events_are_left_out_and_counted(desk):
    run = desk.convert(
        "Title,Date,Where\nA,2026-09-08,Hall\n,,\n,2026-09-09,\nB,2026-09-10,\nAll dates may change,,\n\n"
    )
    sheet = run.report["sheets"][0]
    assert (run.status, sheet["rows"], sheet["events"]) == (0, 5, 2)
    assert sheet["left_out"] == {"blank row": 1, "date without an event": 1, "footer": 1}


def test_columns_can_be_stated_and_left_alone(desk):
    sheet = "Occasion,Title,Date,Colour\nA,B,2026-09-08,red\n"
    (event,) = desk.events(sheet, "--column", "occasion=summary", "--column", "Colour=categories")
    assert (event["SUMMARY"], event["CATEGORIES"].cats) == ("A", ["red"])
    run = desk.convert(sheet, "--column", "Title=", "--column", "Occasion=summary")
    assert run.report["sheets"][0]["columns"][1]["field"] is None


def test_several_files_make_one_calendar(desk):
    desk.put("a.csv", "Title,Date\nA,2026-09-08\n")
    desk.put("b.csv", "Occasion;Start\nB;9 Sep 2026 2pm\n")
    run = desk.run("convert", "a.csv", "b.csv", "-o", "out.ics", "--calendar", "Both, of them")
    assert run.status == 0
    assert [told(event) for event in events_in(desk.folder / "out.ics")] == [
        "A 2026-09-08..2026-09-09",
        "B 2026-09-09 14:00–15:00",
    ]
    assert b"X-WR-CALNAME:Both\\, of them\r\n" in (desk.folder / "out.ics").read_bytes()


def test_uids_come_from_the_event_and_not_from_its_row(desk):
    def uids(*rows, **options):
        events = desk.events("Id,Title,Date,Where,Notes\n" + "".join(rows), "--fresh", **options)
        return {str(event["SUMMARY"]) + str(event.get("LOCATION", "")): str(event["UID"]) for event in events}

    plain = uids(",A,2026-09-08,Hall,x\n", ",B,2026-09-08,,\n")
    moved = uids(",B,2026-09-08,,\n", ",A,2026-09-08,Hall,other\n", name="renamed.csv")
    assert plain == moved
    relocated = uids(",A,2026-09-08,Shed,x\n")
    assert relocated["AShed"] == plain["AHall"]
    twins = uids(",A,2026-09-08,Hall,\n", ",A,2026-09-08,Shed,\n")
    assert len(set(twins.values())) == 2
    own = uids("x@example.org,A,2026-09-08,,\n", "7,B,2026-09-08,,\n")
    assert own["A"] == "x@example.org"
    assert own["B"] == uids("7,B renamed,2026-10-01,,\n")["B renamed"]


def test_same_input_same_bytes_and_the_pipe(desk):
    desk.put("s.csv", FULL)
    desk.run("convert", "s.csv", "-o", "Events.ics")
    first = (desk.folder / "Events.ics").read_bytes()
    piped = desk.run("convert", "s.csv", "-o", "-")
    assert piped.out == first.decode().replace("\r\n", "\n")
    assert "Read" in piped.err
    dry = desk.run("convert", "s.csv", "-o", "other.ics", "--dry-run")
    assert dry.status == 0
    assert "Would write" in dry.out
    assert not (desk.folder / "other.ics").exists()
    assert desk.run("convert", "s.csv", "-o", "Events.ics", "-q").out == ""


def test_the_machines_zone_is_named_and_doubted_where_it_is_utc(desk):
    desk.put("s.csv", "Title,Date,Time\nA,2026-09-08,9 am\n")
    run = desk.run("convert", "s.csv", "-o", "o.ics", zone=None, env={"TZ": "Asia/Kathmandu"})
    assert "times of Asia/Kathmandu (this machine’s; --zone states another)" in run.out
    assert b"TZOFFSETTO:+0545" in (desk.folder / "o.ics").read_bytes()
    run = desk.run("convert", "s.csv", "-o", "o.ics", zone=None, env={"TZ": "UTC"})
    assert "this machine runs on UTC" in run.err
    assert b"DTSTART:20260908T090000Z" in (desk.folder / "o.ics").read_bytes()


def test_typed_cells_of_workbooks(desk):
    xlsxwriter = pytest.importorskip("xlsxwriter")
    book = xlsxwriter.Workbook(desk.folder / "b.xlsx")
    sheet = book.add_worksheet("Plan")
    day, clock = (book.add_format({"num_format": form}) for form in ("dd/mm/yy", "h:mm AM/PM"))
    sheet.write_row(0, 0, ["What", "Day of event", "Date", "From", "To", "Room"])
    sheet.write(1, 0, "A")
    sheet.write_datetime(1, 2, datetime(2026, 9, 8), day)
    sheet.write_datetime(1, 3, time(9, 5), clock)
    sheet.write_number(1, 4, 10.2499999 / 24, clock)
    sheet.write(1, 5, 101)
    sheet.write(2, 0, "B")
    sheet.write_datetime(2, 2, datetime(2026, 9, 9), day)
    sheet.write(2, 3, "all day")
    book.add_worksheet("Other").write(0, 0, "Nothing here")
    book.close()
    run = desk.run("convert", "b.xlsx", "-o", "out.ics", "--json")
    assert run.status == 0
    first, second = events_in(desk.folder / "out.ics")
    assert told(first) == "A 2026-09-08 09:05–10:15"
    assert first["LOCATION"] == "101"
    assert told(second) == "B 2026-09-09..2026-09-10"
    assert desk.run("convert", "b.xlsx", "-o", "out.ics", "--sheet", "Nope").status == 1


def test_day_and_month_exchanged_by_a_spreadsheet_program(desk):
    openpyxl = pytest.importorskip("openpyxl")
    book = openpyxl.Workbook()
    for row in (["Title", "Date"], ["A", date(2026, 4, 12)], ["B", "25/12/2026"]):
        book.active.append(row)
    book.save(desk.folder / "b.xlsx")
    run = desk.run("convert", "b.xlsx", "-o", "out.ics", "--json")
    assert ("exchanged-dates", "B2") in run.codes
    for choice, day in (("swap", "2026-12-04"), ("keep", "2026-04-12")):
        assert desk.run("convert", "b.xlsx", "-o", "out.ics", "--typed-dates", choice).status == 0
        assert told(events_in(desk.folder / "out.ics")[0]).startswith(f"A {day}")


WRONG_CALLS = [
    (["convert"], "FILE"),
    (["convert", "none.csv", "-o", "o.ics"], "no file “none.csv”. Did you mean “nine.csv”?"),
    (["convert", "nine.csv"], "Name the file to write"),
    (["convert", "nine.csv", "-o", "o.doc"], "ends in none of .ics"),
    (["convert", "nine.csv", "-o", "o.ics", "--dates", "dym"], "none of dmy, mdy and ymd"),
    (["convert", "nine.csv", "-o", "o.ics", "--dates", "dmy", "--dates", "mdy"], "more than once"),
    (["convert", "nine.csv", "-o", "o.ics", "--zone", "Halifax"], "Did you mean America/Halifax?"),
    (["convert", "nine.csv", "-o", "o.ics", "--length", "long"], "no length such as"),
    (["convert", "nine.csv", "-o", "o.ics", "--within", "2026"], "not of the form"),
    (["convert", "nine.csv", "-o", "o.ics", "--hours", "8-9"], "twelve hours"),
    (["convert", "nine.csv", "-o", "o.ics", "--column", "Title"], "not of the form “Heading=field”"),
    (["convert", "nine.csv", "-o", "o.ics", "--column", "Titel=summary"], "Did you mean “Title”?"),
    (["convert", "nine.csv", "-o", "o.ics", "--column", "Title=sumary"], "Did you mean summary?"),
    (["convrt"], "No such command"),
]


@pytest.mark.parametrize(("call", "words"), WRONG_CALLS, ids=[case[1] for case in WRONG_CALLS])
def test_wrong_calls_end_with_status_2_and_a_hint(desk, call, words):
    desk.put("nine.csv", "Title,Date\nA,2026-09-08\n")
    run = desk.run(*call)
    assert run.status == 2
    assert words in " ".join(run.err.split())
