"""Sheets as people keep them: where the table is, what the headings mean, which rows are events, in which language."""

import pytest

from conftest import events_in, told

TITLED = "Harbour school\nAll events 2026/27\n\nPlease check weekly,,\n"

FOUND = [
    (TITLED + "What,When,Where\nA,Tue 8 Sep 2026 9-10:30,Shed\n", ["A 2026-09-08 09:00–10:30"], "below titles and notes"),
    ("Title,Date\nA,2026-09-08\ntitle , DATE\nB,2026-09-09\n", ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
     "repeated headings"),
    ("Title,Date\nSEPTEMBER,\nA,2026-09-08\nOctober 2026,\nB,2026-10-09\nTotal,2\n",
     ["A 2026-09-08..2026-09-09", "B 2026-10-09..2026-10-10"], "captions and totals"),
    ("Date,,Where\n2026-09-08,A,Slip\n", ["A 2026-09-08..2026-09-09"], "a column without a heading"),
    ("Title,Date,,\nA,2026-09-08,,\n", ["A 2026-09-08..2026-09-09"], "empty trailing columns"),
    ("Title,Date,Where\nA,2026-09-08\nB,2026-09-09,Hall\n", ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"], "ragged rows"),
    ("Title|Date\rA|2026-09-08\rB|2026-09-09\r", ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"], "pipes, CR alone"),
    ('Title,Date,Notes\nA,2026-09-08,"one\n\ntwo, ""three"""\n', ["A 2026-09-08..2026-09-09"], "breaks and quotes within cells"),
    ("Title,Date\nFête,2026-09-08\n".encode("cp1252"), ["Fête 2026-09-08..2026-09-09"], "Windows-1252"),
    ("Title\tDate\nFête\t2026-09-08\n".encode("utf-16"), ["Fête 2026-09-08..2026-09-09"], "UTF-16"),
    ("Title,Date\nParty,2026-09-08\n".encode("utf-16-be"), ["Party 2026-09-08..2026-09-09"], "UTF-16 without a mark"),
    ("<html><table><tr><th>Title<th>Date<tr><td>A &amp; B<td>2026-09-08</table>", ["A & B 2026-09-08..2026-09-09"], "HTML"),
    ("<table><tr><td>Menu</td></tr></table><table><tr><td>Title</td><td>Date</td></tr><tr><td>A</td>"
     "<td rowspan=2>2026-09-08</td></tr><tr><td>B</td></tr></table>",
     ["A 2026-09-08..2026-09-09", "B 2026-09-08..2026-09-09"], "the HTML table with events, a cell over two rows"),
    ("Title;Date;Cost\nA;8.9.2026;1,50\nB;9.9.2026;2,50\n", ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
     "commas within numbers"),
]  # fmt: skip


@pytest.mark.parametrize(("sheet", "expected", "why"), FOUND, ids=[case[2] for case in FOUND])
def test_the_table_is_found(desk, sheet, expected, why):
    assert [told(event) for event in desk.events(sheet)] == expected, why


MEANT = [
    ("Evnt title,Strat date,Locaton\nA,8 Sep 2026,Hall\n", {"A": "summary", "B": "start_date", "C": "location"}, "slips"),
    ("Title,Date of start (dd/mm),Time of end,Time of start\nA,8/9/2026,10:00,9:00\n",
     {"B": "start_date", "C": "end_time", "D": "start_time"}, "word order"),
    ("Foo,Bar\nLaunch,2026-09-08\nSupper,2026-09-09\n", {"A": "summary", "B": "start_date"}, "contents"),
    ("Event,Date,Foo,Bar\nA,2026-09-08,9:00,10:00\n", {"C": "start_time", "D": "end_time"}, "two columns of times"),
    ("Date,Description\n2026-09-08,Launch\n", {"B": "summary"}, "a description alone is the title"),
    ("Day,Event,Time\n8 Sep 2026,A,9am\n", {"A": "start_date"}, "a day that is a date"),
    ("Day,Date,Event\nTuesday,8/9/2026,A\n", {"A": "weekday", "B": "start_date"}, "a day that is a weekday"),
    ("Event,Created,Date\nA,2026-08-01,2026-09-08\n", {"B": None, "C": "start_date"}, "when the row was made is not used"),
    ("Titre;Date;Heure;Lieu\nA;8 septembre 2026;14h30;Quai\n", {"A": "summary", "C": "start_time", "D": "location"}, "French"),
    ("Titel;Datum;Beginn;Ende\nA;8. März 2027;9 Uhr;10 Uhr\n", {"C": "start", "D": "end"}, "German"),
]  # fmt: skip


@pytest.mark.parametrize(("sheet", "fields", "why"), MEANT, ids=[case[2] for case in MEANT])
def test_columns_are_recognised_and_doubts_said(desk, sheet, fields, why):
    run = desk.convert(sheet)
    assert run.status == 0, run.out
    columns = {column["column"]: column for column in run.report["sheets"][0]["columns"]}
    assert {letter: columns[letter]["field"] for letter in fields} == fields, why
    doubted = {problem["cell"] for problem in run.report["problems"] if problem["code"] == "unsure-column"}
    assert doubted == {f"{c['column']}1" for c in columns.values() if c["certainty"] in ("likely", "doubtful")}


LANGUAGES = [
    ("A,1er janv. 2027\nB,8 août 2027\n", "A 2027-01-01..2027-01-02", "French"),
    ("A,lun 8 mar 2027\nB,3 ene 2027\n", "A 2027-03-08..2027-03-09", "Spanish"),
    ("A,8 listopada 2026\nB,3 stycznia 2027\n", "A 2026-11-08..2026-11-09", "Polish"),
    ("A,Di. 8. Dez. 2026\nB,3. Jönner 2027\n", None, None),
    ("A,Di. 8. Dez. 2026\nB,3. Jänner 2027\n", "A 2026-12-08..2026-12-09", "German"),
    ("A,Di 8. Dez. 2026\nB,3. Mrz 2027\n", "A 2026-12-08..2026-12-09", "German"),
    ("A,8 σεπτεμβρίου 2026\n", "A 2026-09-08..2026-09-09", "Greek"),
    ("A,8 сентября 2026\n", "A 2026-09-08..2026-09-09", "Russian"),
    ("A,2026年9月8日\n", "A 2026-09-08..2026-09-09", None),
    ("A,8 सितंबर 2026\n", "A 2026-09-08..2026-09-09", "Hindi"),
    ("A,8. syyskuuta 2026\n", "A 2026-09-08..2026-09-09", "Finnish"),
    ("A,8 Mawrth 2027\n", "A 2027-03-08..2027-03-09", "Welsh"),
]


@pytest.mark.parametrize(("rows", "first", "language"), LANGUAGES, ids=[case[0][:12] for case in LANGUAGES])
def test_names_of_months_in_other_languages(desk, rows, first, language):
    run = desk.convert(f"Title,Date\n{rows}")
    if first is None:
        assert (run.status, run.codes[0][0]) == (1, "unreadable-date")
        return
    assert told(events_in(desk.folder / "out.ics")[0]) == first
    assert language is None or language in run.report["sheets"][0]["columns"][1]["dates"]


EVIDENCE = [
    ("Day,Date,Event\nTuesday,8/9/2026,A\n", "proved by B2 “8/9/2026”"),
    ("Event,Date\nA,8/9/2026\nB,25/9/2026\n", "day/month/year, proved by B3 “25/9/2026”"),
    ("Event,Date\nA,8.9.2026\n", "by the dots"),
    ("Event,Date\n" + "".join(f"E,{d}/{m}/26\n" for d, m in zip(range(13, 21), range(1, 9), strict=True)), "day/month/year, as one part"),
    ("Event,Date\n" + "".join(f"E,26/{m}/{d}\n" for d, m in zip(range(3, 12), range(1, 10), strict=True)), "year/month/day, as one part"),
    ("Event,Date\nA,25/12/26\n", None),
    ("Event,Date (dd.mm.yyyy)\nA,8/9/2026\n", "as its heading says"),
    ("Event,Date\nA,8/8/2026\n", "reads the same either way"),
]  # fmt: skip


@pytest.mark.parametrize(("sheet", "words"), EVIDENCE)
def test_the_evidence_for_the_order_is_told(desk, sheet, words):
    run = desk.convert(sheet)
    if words is None:
        assert ("unproved-dates", "B2") in run.codes
    else:
        assert words in " ".join(filter(None, (c["dates"] for c in run.report["sheets"][0]["columns"])))


WITHIN = [
    ("A,8/9/2026\nB,9/9/2026\n", "2026-09-01..2027-06-30", "A 2026-09-08..2026-09-09"),
    ("A,8 Sep\nB,3 Feb\n", "2026-09-01..2027-06-30", "A 2026-09-08..2026-09-09"),
    ("A,8/9\nB,25/9\n", "2026-09-01..2027-06-30", "A 2026-09-08..2026-09-09"),
    ("A,8/9/26\nB,9/9/26\n", "2026-09-01..2026-12-31", "A 2026-09-08..2026-09-09"),
]


@pytest.mark.parametrize(("rows", "span", "first"), WITHIN)
def test_what_the_sheet_is_about_proves_orders_and_gives_years(desk, rows, span, first):
    assert told(desk.events(f"Event,Date\n{rows}", "--within", span)[0]) == first


REFUSED = [
    ("Title,Date,,Title,Date\nA,2026-09-08,,B,2026-09-09\n", "two-tables", "A1:B2"),
    ("Title,Date\nA,2026-09-08\n\nEvent,Start date\nB,2026-09-09\n", "two-tables", "A1:B3"),
    ("Title,Date\nA,8 listopad 2026\n", "ambiguous-names", "B1"),
    ("Day,Date,Event\nTuesday,8/9/2026,A\nFriday,21/9/2026,B\n", "wrong-weekday", "B3"),
    ("Title,Date\nA,2026-09-08\nB,25/09/2026\n", "exchanged-dates", "B2"),
    ("Title,Date\nA,8-12 Sep 26\n", "unreadable-date", "B2"),
    ("2026-09-08\n2026-09-09\n", "no-headings", None),
    ("Title,Date\nExample: one,2026-01-01\n", "no-rows", None),
    ("Event,Created\nA,2026-08-01\n", "no-date-column", None),
    ("Event,Date,Zone\nA,2026-09-08,London\n", "unknown-zone", "C2"),
    ("Event,Date,Reminder\nA,2026-09-08,20\n", "unreadable-reminder", "C2"),
    ("Event,Date,All day\nA,2026-09-08,perhaps\n", "unknown-all-day", "C2"),
    ("Event,Date\nA,29/2/2027\n", "impossible-date", "B2"),
    ("Event,Date,Date\nA,2026-09-08,2026-09-09\n", "doubled-field", "C1"),
]


@pytest.mark.parametrize(("sheet", "code", "cell"), REFUSED, ids=[f"{case[1]} {case[2]}" for case in REFUSED])
def test_what_could_be_read_in_two_ways_is_refused(desk, sheet, code, cell):
    run = desk.convert(sheet)
    assert run.status == 1
    assert (code, cell) in run.codes
    assert not (desk.folder / "out.ics").exists()


def test_samples_are_left_out_and_said(desk):
    run = desk.convert("Title,Date\nExample: this,2026-01-01\nA,2026-09-08\nExample: real,2026-09-09\n")
    assert run.report["sheets"][0]["left_out"] == {"sample row": 1}
    assert run.report["events"] == 2
    assert ("sample-row", "A2") in run.codes


def test_unused_times_are_not_passed_over_in_silence(desk):
    run = desk.convert("Event,Date,Start,Interval,Paid on\nA,2026-09-08,9am,11:30,2026-08-01\n")
    assert ("unread-times", "D1") in run.codes
    assert ("unread-times", "E1") not in run.codes


@pytest.mark.parametrize("area", ["A4:B5", "a4:b5", "$A$4:$B$5"])
def test_a_range_points_at_one_table(desk, area):
    sheet = "Title,Date\nA,2026-09-08\n\nEvent,Start date\nB,2026-09-09\n"
    assert [told(event) for event in desk.events(sheet, "--range", area)] == ["B 2026-09-09..2026-09-10"]


def test_a_column_without_a_heading_goes_by_its_letter(desk):
    (event,) = desk.events("Date,,Event\n2026-09-08,Hall,A\n", "--column", "B=location")
    assert (event["SUMMARY"], event["LOCATION"]) == ("A", "Hall")
