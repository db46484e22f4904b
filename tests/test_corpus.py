"""A collection of sheets as they come from offices and programs, with what each becomes and what is said about it."""

import json
from typing import NamedTuple

import pytest
from typer.testing import CliRunner

from conftest import EPOCH, events_in, told
from nomarium.cli.app import app


class Case(NamedTuple):
    """A sheet, its events (None where it is refused), the problems' codes and cells, and the options of the call."""

    name: str
    sheet: str
    events: list[str] | None
    problems: list[str]
    options: tuple[str, ...] = ()


CASES = [
    Case(
        "titles above",
        (
            "Orrin Sound School\n"
            "Events 2026/27\n"
            "\n"
            "Please check weekly,,\n"
            ",,\n"
            "What,When,Where\n"
            "Tool check,Tue 8 Sep 2026 9-10:30,Shed\n"
            "Launch,23 October 2026,Slip\n"
        ),
        ["Tool check 2026-09-08 09:00–10:30", "Launch 2026-10-23..2026-10-24"],
        ["no-time B8"],
    ),
    Case(
        "french",
        ("Titre;Date;Heure\nRentrée;8 septembre 2026;14h30\nFête;1er oct. 2026;9h\n"),
        ["Rentrée 2026-09-08 14:30–15:30", "Fête 2026-10-01 09:00–10:00"],
        [],
    ),
    Case(
        "german",
        ("Titel;Datum;Uhrzeit\nA;8. März 2027;14.30 Uhr\nB;12. Mai 2027;9 Uhr\n"),
        ["A 2027-03-08 14:30–15:30", "B 2027-05-12 09:00–10:00"],
        [],
    ),
    Case(
        "croatian/polish",
        ("Title,Date\nA,8 listopad 2026\n"),
        None,
        ["ambiguous-names B1"],
    ),
    Case(
        "polish",
        ("Title,Date\nA,8 listopada 2026\nB,3 stycznia 2027\n"),
        ["A 2026-11-08..2026-11-09", "B 2027-01-03..2027-01-04"],
        [],
    ),
    Case(
        "CR",
        ("Title,Date\rA,2026-09-08\rB,2026-09-09\r"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "pipe",
        ("Title|Date\nA|2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "typos",
        ("Evnt titel,Strat date,End date,Locaton\nA,2026-09-08,2026-09-09,Hall\n"),
        ["A 2026-09-08..2026-09-10"],
        ["unsure-column A1", "unsure-column B1", "unsure-column D1"],
    ),
    Case(
        "word order",
        ("Title,Date of start (dd/mm),Time of end,Time of start\nA,8/9/2026,10:00,9:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "contents",
        ("Foo,Bar\nLaunch,2026-09-08\nSupper,2026-09-09\n"),
        ["Launch 2026-09-08..2026-09-09", "Supper 2026-09-09..2026-09-10"],
        ["unsure-column A1", "unsure-column B1"],
    ),
    Case(
        "date description",
        ("Date,Description\n2026-09-08,Launch\n"),
        ["Launch 2026-09-08..2026-09-09"],
        ["unsure-column B1"],
    ),
    Case(
        "weekday col",
        ("Day,Date,Event\nTuesday,8/9/2026,Launch\nFriday,11/9/2026,Supper\n"),
        ["Launch 2026-09-08..2026-09-09", "Supper 2026-09-11..2026-09-12"],
        [],
    ),
    Case(
        "weekday contradict",
        ("Day,Date,Event\nTuesday,8/9/2026,Launch\nFriday,21/9/2026,Supper\n"),
        None,
        ["wrong-weekday B3"],
    ),
    Case(
        "repeated headings",
        ("Title,Date\nA,2026-09-08\nTitle,Date\nB,2026-09-09\nTotal,2\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "captions",
        ("Title,Date\nSEPTEMBER,\nA,2026-09-08\nOctober 2026,\nB,2026-10-09\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-10-09..2026-10-10"],
        [],
    ),
    Case(
        "sample",
        ("Title,Date\nExample: Do this,2026-01-01\nA,2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        ["sample-row A2"],
    ),
    Case(
        "two side",
        ("Title,Date,,Title,Date\nA,2026-09-08,,B,2026-09-09\n"),
        None,
        ["two-tables A1:B2"],
    ),
    Case(
        "two below",
        ("Title,Date\nA,2026-09-08\n\nEvent,Start date\nB,2026-09-09\n"),
        None,
        ["two-tables A1:B3"],
    ),
    Case(
        "no year",
        ("Title,Date\nA,8 Sep\nB,3 Feb\n"),
        ["A 2026-09-08..2026-09-09", "B 2027-02-03..2027-02-04"],
        [],
        ("--within", "2026-09-01..2027-06-30"),
    ),
    Case(
        "missing year typed",
        ("Title,Date\nA,8 Sep\n"),
        None,
        ["year-missing B2"],
    ),
    Case(
        "html",
        (
            "<html><body><table><tr><th>Title</th><th>Date</th></tr><tr><td>A &amp; B</td><td>2026-09-08</td></tr></table></body></html>"
        ),
        ["A & B 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "decimal",
        ("Title;Date;Cost\nA;8.9.2026;1,50\nB;9.9.2026;2,50\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "day headings",
        ("Day,Event,Time\n8 Sep 2026,A,9am\n"),
        ["A 2026-09-08 09:00–10:00"],
        ["unsure-column A1"],
    ),
    Case(
        "created",
        ("Event,Created,Date\nA,2026-08-01,2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "only created",
        ("Event,Created\nA,2026-08-01\n"),
        None,
        ["no-date-column"],
    ),
    Case(
        "french2",
        ("Titre;Date;Heure;Fin\nRentrée;8 septembre 2026;14h30;16h\nFête;1er oct. 2026;9h;\n"),
        ["Rentrée 2026-09-08 14:30–16:00", "Fête 2026-10-01 09:00–10:00"],
        [],
    ),
    Case(
        "times by content",
        ("Event;Date;Foo\nA;8.9.2026;9:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        ["unsure-column C1"],
    ),
    Case(
        "two time cols",
        ("Event;Date;Foo;Bar\nA;8.9.2026;9:00;10:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        ["unsure-column C1", "unsure-column D1"],
    ),
    Case(
        "day",
        ("Day,Event,Time\n8 Sep 2026,A,9am\n"),
        ["A 2026-09-08 09:00–10:00"],
        ["unsure-column A1"],
    ),
    Case(
        "places people",
        ("Event,Date,Room,Who,Contact\nA,2026-09-08,AS,Nell; x@example.org,Jory Pell <jory@example.org>\n"),
        ["A 2026-09-08..2026-09-09"],
        ["no-address D1"],
    ),
    Case(
        "zone col",
        (
            "Event,Start,End,Time zone\n"
            "A,2026-09-08 09:00,2026-09-08 10:00,Europe/London\n"
            "B,2026-09-08 09:00,2026-09-08 10:00,\n"
            "C,2026-09-08 09:00,2026-09-08 10:00,London\n"
        ),
        None,
        ["unknown-zone D4"],
    ),
    Case(
        "reminder",
        ("Event,Date,Reminder\nA,2026-09-08,1 day; 15 min before\nB,2026-09-08,20\n"),
        None,
        ["unreadable-reminder C3"],
    ),
    Case(
        "shift",
        ("Event,Date\nA,2026-09-08\nB,2026-09-10\n"),
        ["A! A 2027-09-07..2027-09-08", "B! B 2027-09-09..2027-09-10"],
        [],
        ("--shift", "364d", "--prefix", "{Event}! ", "--set", "categories=Office;X"),
    ),
    Case(
        "start",
        ("Event,Date\nA,2026-09-08\nB,2026-09-10\n"),
        ["A 2027-09-08..2027-09-09"],
        ["weekdays-moved"],
        ("--start", "2027-09-08", "--only", "Event=A,B", "--without", "summary=b"),
    ),
    Case(
        "expect",
        ("Event,Date\nA,2026-09-08\nA,2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
        ("--expect", "1", "--once"),
    ),
    Case(
        "swap csv",
        ("Event,Date\nA,2026-09-08\nA,25/09/2026\n"),
        None,
        ["exchanged-dates B2"],
    ),
    Case(
        "when forms",
        (
            "Event,When\n"
            "A,8 Sep 2026 at 9am\n"
            "B,8 Sep 2026 from 9 to 10\n"
            "C,8/9/2026 13:00 - 14:00\n"
            "D,Sept 8-12 2026\n"
            'E,"Tuesday, September 8, 2026 9:00 AM - 10:00 AM"\n'
            "F,2026-09-08 09:00:00\n"
            "G,Tue 8 Sep 2026 (all day)\n"
            "H,8 Sep 2026 9:00 – 9 Sep 2026 17:00\n"
        ),
        None,
        ["unproved-dates B4"],
    ),
    Case(
        "midnight",
        (
            "Event,Date,Start,End\n"
            "A,2026-09-08,9:00 PM,midnight\n"
            "B,2026-09-08,20:00,24:00\n"
            "C,2026-09-08,noon,1pm\n"
            "D,2026-09-08,10 PM,2 AM\n"
            "E,2026-09-08,9 AM,2 AM\n"
        ),
        None,
        ["end-before-start D6", "ends-next-day D5"],
    ),
    Case(
        "end date range",
        ("Event,Start,End\nA,2026-09-08,2026-09-10\nB,2026-09-08 9:00,2026-09-08 10:00\n"),
        ["A 2026-09-08..2026-09-11", "B 2026-09-08 09:00–10:00"],
        ["no-time B2"],
    ),
    Case(
        "time tbc",
        ("Event,Date,Time\nA,2026-09-08,TBC\nB,2026-09-09,9am\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09 09:00–10:00"],
        ["to-come C2", "no-time B2"],
    ),
    Case(
        "date tbc",
        ("Event,Date\nA,TBC\nB,2026-09-09\n"),
        ["B 2026-09-09..2026-09-10"],
        ["to-come B2"],
    ),
    Case(
        "footers",
        ("Event,Date\nA,2026-09-08\nPrinted 1/9/2026,\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "fancy",
        ("Event name*,Date (DD/MM/YY),Start Time:,End_Time\nA,08/09/26,0900,1030\n"),
        ["A 2026-09-08 09:00–10:30"],
        [],
    ),
    Case(
        "iso basic",
        ("Event,Date\nA,20260908T090000\nB,20260908T120000Z\n"),
        ["A 2026-09-08 09:00–10:00", "B 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "us export",
        (
            "Subject,Start Date,Start Time,End Date,End Time,All Day Event,Description,Location,Private\n"
            "A,09/21/2026,9:00 AM,09/21/2026,10:00 AM,False,,,True\n"
            "B,09/08/2026,,09/09/2026,,True,,,\n"
        ),
        ["A 2026-09-21 09:00–10:00", "B 2026-09-08..2026-09-10"],
        [],
    ),
    Case(
        "excess year",
        ("Event,Date\nA,8/9/2226\n"),
        None,
        ["unproved-dates B2"],
    ),
    Case(
        "feb29",
        ("Event,Date\nA,29/2/2027\n"),
        None,
        ["impossible-date B2"],
    ),
    Case(
        "quoted title rows",
        ('"Harbour school, events","",""\n"","",""\nEvent,Date,Time\nA,2026-09-08,9am\n'),
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "notes dates",
        ("Event,Date,Notes\nA,8/9/2026,see 21/9/2026\nB,9/9/2026,\n"),
        None,
        ["unproved-dates B2"],
    ),
    Case(
        "blank title col",
        ("Date,,Where\n2026-09-08,Launch,Slip\n"),
        ["Launch 2026-09-08..2026-09-09"],
        ["unsure-column B1"],
    ),
    Case(
        "multi event cell",
        ("Event,Date\nA,8/9/2026 & 9/9/2026\n"),
        None,
        ["unproved-dates B2"],
    ),
    Case(
        "ordinal",
        ('Event,Date\nA,"Tuesday, 8th September 2026"\nB,1st of Oct 2026\n'),
        ["A 2026-09-08..2026-09-09", "B 2026-10-01..2026-10-02"],
        [],
    ),
    Case(
        "am in other col",
        ("Event,Date,Start,End\nA,2026-09-08,9:00,10:30am\nB,2026-09-08,1:00,2:30pm\n"),
        ["A 2026-09-08 09:00–10:30", "B 2026-09-08 13:00–14:30"],
        [],
    ),
    Case(
        "merged date gaps csv",
        ("Date,Event,Time\n8/9/2026,A,9am\n,B,10am\n22/9/2026,C,9am\n"),
        ["A 2026-09-08 09:00–10:00", "B 2026-09-08 10:00–11:00", "C 2026-09-22 09:00–10:00"],
        ["dates-carried A3"],
    ),
    Case(
        "euro",
        ("Datum;Uhrzeit von;Uhrzeit bis;Thema\n08.09.2026;09:00;10:30;Besprechung\n"),
        ["Besprechung 2026-09-08 09:00–10:30"],
        ["unsure-column D1"],
    ),
    Case(
        "when range 24",
        ("Title,Date and time\nA,08/09/2026 09:00 - 08/09/2026 10:30\nB,21/09/2026 09:00 - 10:30\n"),
        ["A 2026-09-08 09:00–10:30", "B 2026-09-21 09:00–10:30"],
        [],
    ),
    Case(
        "time range in time",
        ("Title,Date,Time\nA,2026-09-08,9:00 - 10:30\nB,2026-09-08,1-2:30\nC,2026-09-08,11:30-1\n"),
        ["A 2026-09-08 09:00–10:30", "B 2026-09-08 13:00–14:30", "C 2026-09-08 11:30–13:00"],
        [],
    ),
    Case(
        "start end same heading case",
        ("TITLE,START,END\nA,8 Sep 2026 9:00,8 Sep 2026 10:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "start date only time mixture",
        ("Title,Date,Start,End\nA,2026-09-08,9:00,\nB,2026-09-09,,\n"),
        ["A 2026-09-08 09:00–10:00", "B 2026-09-09..2026-09-10"],
        ["no-time B3"],
    ),
    Case(
        "hours 12 only",
        ("Title,Date,Start,End\nA,2026-09-08,12:00,12:45\nB,2026-09-08,12:30 AM,1:30 AM\n"),
        ["A 2026-09-08 12:00–12:45", "B 2026-09-08 00:30–01:30"],
        [],
    ),
    Case(
        "end 24 start 12",
        ("Title,Date,Start,End\nA,2026-09-08,1:30,14:30\n"),
        ["A 2026-09-08 13:30–14:30"],
        [],
    ),
    Case(
        "am pm dotted",
        ("Title,Date,Start\nA,2026-09-08,9 A.M.\nB,2026-09-08,2 p.m.\n"),
        ["A 2026-09-08 09:00–10:00", "B 2026-09-08 14:00–15:00"],
        [],
    ),
    Case(
        "date w/ time in date col + time col",
        ("Title,Date,Time\nA,2026-09-08 00:00:00,09:00\nB,2026-09-09 00:00:00,10:00\n"),
        ["A 2026-09-08 09:00–10:00", "B 2026-09-09 10:00–11:00"],
        [],
    ),
    Case(
        "date col midnight all",
        ("Title,Date\nA,2026-09-08 00:00:00\nB,2026-09-09 00:00:00\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "epoch",
        ("Title,Date\nA,1788220800\n"),
        None,
        ["unreadable-date B2"],
    ),
    Case(
        "duration",
        ("Title,Date,Start,Duration\nA,2026-09-08,9:00,2\n"),
        None,
        ["unreadable-length D2"],
    ),
    Case(
        "dur hours heading",
        ("Title,Date,Start,Hours\nA,2026-09-08,9:00,1.5\n"),
        ["A 2026-09-08 09:00–10:30"],
        [],
    ),
    Case(
        "dur heading",
        ("Title,Date,Start,Duration (hours)\nA,2026-09-08,9:00,1.5\n"),
        ["A 2026-09-08 09:00–10:30"],
        [],
    ),
    Case(
        "us no proof typed weak",
        ("Title,Date\nA,9/8/2026\nB,9/10/2026\nC,10/2/2026\n"),
        None,
        ["unproved-dates B2"],
    ),
    Case(
        "contradict one typo",
        (
            "Title,Date\n"
            "E0,13/9/2026\n"
            "E1,14/9/2026\n"
            "E2,15/9/2026\n"
            "E3,16/9/2026\n"
            "E4,17/9/2026\n"
            "E5,18/9/2026\n"
            "E6,19/9/2026\n"
            "E7,20/9/2026\n"
            "E8,21/9/2026\n"
            "E9,22/9/2026\n"
            "E10,23/9/2026\n"
            "E11,24/9/2026\n"
            "E12,25/9/2026\n"
            "E13,26/9/2026\n"
            "E14,27/9/2026\n"
            "X,9/28/2026\n"
        ),
        None,
        ["contradictory-dates B2"],
    ),
    Case(
        "weekday wrong all",
        ("Title,Date\nA,Monday 8/9/2026\nB,Tuesday 9/9/2026\n"),
        None,
        ["unproved-dates B2"],
    ),
    Case(
        "weekday mdy",
        ('Title,Date\nA,"Wed, 9/9/26"\nB,"Tue, 9/8/26"\n'),
        ["A 2026-09-09..2026-09-10", "B 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "dash",
        ("Title,Date\nA,08-Sep-26\nB,9-Oct-2026\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-10-09..2026-10-10"],
        [],
    ),
    Case(
        "mixed order months",
        ("Title,Date\nA,Sep 8 2026\nB,9 October 2026\nC,2026-11-10\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-10-09..2026-10-10", "C 2026-11-10..2026-11-11"],
        [],
    ),
    Case(
        "ranges",
        (
            "Title,Dates\n"
            "A,8 - 12 Sept 2026\n"
            "B,Sept 30 - Oct 2 2026\n"
            "C,21/12/2026 - 4/1/2027\n"
            "D,Dec 21 2026 to Jan 4 2027\n"
        ),
        [
            "A 2026-09-08..2026-09-13",
            "B 2026-09-30..2026-10-03",
            "C 2026-12-21..2027-01-05",
            "D 2026-12-21..2027-01-05",
        ],
        [],
    ),
    Case(
        "range across year no year",
        ("Title,Dates\nA,21 Dec – 4 Jan\n"),
        ["A 2026-12-21..2027-01-05"],
        [],
        ("--within", "2026-09-01..2027-06-30"),
    ),
    Case(
        "multi",
        ('Title,Dates\nA,"8, 9, 10 Sept 2026"\n'),
        ["A 2026-09-08..2026-09-09", "A 2026-09-09..2026-09-10", "A 2026-09-10..2026-09-11"],
        [],
    ),
    Case(
        "and",
        ("Title,Dates\nA,8 and 9 Sept 2026\n"),
        ["A 2026-09-08..2026-09-09", "A 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "titles w date words",
        ("Date,Event\nMarch 5 2027,March parade\n"),
        ["March parade 2027-03-05..2027-03-06"],
        [],
    ),
    Case(
        "newline heads",
        ('"Event\nname","Start\ndate"\nA,2026-09-08\n'),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "id dup blank",
        ("ID,Title,Date\n,A,2026-09-08\n,B,2026-09-09\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "status yes",
        ("Title,Date,Confirmed?\nA,2026-09-08,yes\nB,2026-09-08,no\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "category list",
        ('Title,Date,Category\nA,2026-09-08,"Yard, Loft"\n'),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "who",
        ("Title,Date,Teacher\nA,2026-09-08,Farrow\n"),
        ["A 2026-09-08..2026-09-09"],
        ["people-in-text C1"],
    ),
    Case(
        "an export with seconds and a column for all day",
        ('Name,Start,End,All-day,Location\nA,"Sep 8, 2026, 9:00:00 AM","Sep 8, 2026, 10:00:00 AM",,\n'),
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "iso offset",
        (
            "Title,Start,End\n"
            "A,2026-09-08T09:00:00-03:00,2026-09-08T10:00:00-03:00\n"
            "B,2026-09-08T09:00:00+00:00,2026-09-08T10:00Z\n"
        ),
        ["A 2026-09-08 09:00–10:00", "B 2026-09-08 06:00–07:00"],
        [],
    ),
    Case(
        "datetime 12h",
        ("Title,Start,End\nA,9/21/2026 9:00 AM,9/21/2026 10:00 AM\nB,9/22/2026 12:00 PM,9/22/2026 12:30 PM\n"),
        ["A 2026-09-21 09:00–10:00", "B 2026-09-22 12:00–12:30"],
        [],
    ),
    Case(
        "start w/o year",
        ("Title,Start\nA,Tue 8 Sep 9am\n"),
        ["A 2026-09-08 09:00–10:00"],
        [],
        ("--within", "2026-09-01..2027-06-30"),
    ),
    Case(
        "term row",
        ("Title,Date\nTerm 1,\nA,2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "notes row mid",
        ("Title,Date\nA,2026-09-08\nNote: dates may change,\nB,2026-09-09\n"),
        None,
        ["no-date B3"],
    ),
    Case(
        "title in second col header row numbers",
        ("1,2,3\nTitle,Date,Where\nA,2026-09-08,x\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "trailing commas header",
        ("Title,Date,Where,,\nA,2026-09-08,x,,\nB,2026-09-09,y,extra,\n"),
        None,
        ["too-many-cells D3"],
    ),
    Case(
        "quoted all",
        ('"Title";"Date"\n"A";"08.09.2026"\n'),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "excel text date",
        ('Title,Date\nA,="2026-09-08"\n'),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "arabic digits",
        ("Title,Date\nA,٢٠٢٦-٠٩-٠٨\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "fullwidth",
        ("Title,Date\nA,２０２６/０９/０８\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "nbsp",
        ("Title,Date\nA,8\xa0September\xa02026\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "soft hyphen",
        ("Title,Date\nA,8 Sep\xad 2026\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "date in title only",
        ("Title,Notes\nA 8 Sep 2026,x\n"),
        None,
        ["no-date-column"],
    ),
    Case(
        "comma date unquoted",
        ("Title,Date\nA,September 8, 2026\n"),
        None,
        ["too-many-cells C2", "year-missing B2"],
    ),
    Case(
        "tab sep w/ commas",
        ("Title\tDate\nA, B\tSeptember 8, 2026\n"),
        ["A, B 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "24 end",
        ("Title,Date,Start,End\nA,2026-09-08,22:30,00:30\n"),
        ["A 2026-09-08 22:30–2026-09-09 00:30"],
        ["ends-next-day D2"],
    ),
    Case(
        "end before by typo",
        ("Title,Date,Start,End\nA,2026-09-08,10:00 AM,9:00 AM\n"),
        None,
        ["end-before-start D2"],
    ),
    Case(
        "pm missing end",
        ("Title,Date,Start,End\nA,2026-09-08,11:00 AM,1:00\n"),
        ["A 2026-09-08 11:00–13:00"],
        [],
    ),
    Case(
        "pm missing start",
        ("Title,Date,Start,End\nA,2026-09-08,11:00,1:00 PM\n"),
        ["A 2026-09-08 11:00–13:00"],
        [],
    ),
    Case(
        "year typo",
        ("Title,Date\nA,8 Sep 2026\nB,9 Sep 2062\n"),
        ["A 2026-09-08..2026-09-09", "B 2062-09-09..2062-09-10"],
        [],
    ),
    Case(
        "leading apostrophe",
        ("Title,Date\n'-5 party,2026-09-08\n"),
        ["-5 party 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "two header rows",
        ("Event,When,When\n,Date,Time\nA,2026-09-08,9am\n"),
        None,
        ["doubled-field C1"],
    ),
    Case(
        "header merged style",
        (",Term 1,\nEvent,Date,Time\nA,2026-09-08,9am\n"),
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "units row",
        ("Event,Date,Duration\n,dd/mm/yyyy,min\nA,21/09/2026,45\n"),
        None,
        ["no-title A2", "unreadable-date B2", "no-start-time B3", "length-unit-assumed C1"],
    ),
    Case(
        "desc & notes",
        ("Event,Date,Description,Notes\nA,2026-09-08,x,y\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "room & location",
        ("Event,Date,Location,Room\nA,2026-09-08,x,y\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "start & date",
        ("Event,Date,Start,End\nA,2026-09-08,2026-09-08 9:00,2026-09-08 10:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "date & end date blank",
        ("Event,Date,End date,Start time,End time\nA,21/09/2026,,9:00,10:00\nB,22/09/2026,24/09/2026,,\n"),
        ["A 2026-09-21 09:00–10:00", "B 2026-09-22..2026-09-25"],
        ["no-time B3"],
    ),
    Case(
        "multi-day timed",
        ("Event,Date,End date,Start time,End time\nA,21/09/2026,22/09/2026,17:00,9:00\n"),
        ["A 2026-09-21 17:00–2026-09-22 09:00"],
        [],
    ),
    Case(
        "end date before",
        ("Event,Date,End date\nA,21/09/2026,20/09/2026\n"),
        None,
        ["end-before-start B2"],
    ),
    Case(
        "period",
        ("Event,Date,Period\nA,2026-09-08,3\n"),
        ["A 2026-09-08..2026-09-09"],
        ["no-bell-times C1"],
    ),
    Case(
        "price date",
        ("Event,Date,Cost\nA,2026-09-08,8.50\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "phone",
        ("Event,Date,Contact,Phone\nA,2026-09-08,Nell,902-555-0100\n"),
        ["A 2026-09-08..2026-09-09"],
        ["no-address C1"],
    ),
    Case(
        "group",
        ("Group,Event,Date\nYard,A,2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "week no",
        ("Week,Date,Event\n1,2026-09-08,A\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "time w seconds",
        ("Event,Date,Time\nA,2026-09-08,09:00:00\nB,2026-09-08,13:00:00\n"),
        ["A 2026-09-08 09:00–10:00", "B 2026-09-08 13:00–14:00"],
        [],
    ),
    Case(
        "time 24 no colon",
        ("Event,Date,Start,End\nA,2026-09-08,0900,1030\nB,2026-09-08,1330,1500\n"),
        ["A 2026-09-08 09:00–10:30", "B 2026-09-08 13:30–15:00"],
        [],
    ),
    Case(
        "time h only",
        ("Event,Date,Start,End\nA,2026-09-08,9,11\nB,2026-09-08,1,3\n"),
        ["A 2026-09-08 09:00–11:00", "B 2026-09-08 13:00–15:00"],
        [],
    ),
    Case(
        "time dots",
        ("Event,Date,Time\nA,2026-09-08,9.30-11.00\nB,2026-09-08,13.15\n"),
        ["A 2026-09-08 09:30–11:00", "B 2026-09-08 13:15–14:15"],
        [],
    ),
    Case(
        "time to",
        ("Event,Date,Time\nA,2026-09-08,9am to noon\nB,2026-09-08,from 2 until 4 pm\n"),
        ["A 2026-09-08 09:00–12:00", "B 2026-09-08 14:00–16:00"],
        [],
    ),
    Case(
        "time approx",
        ("Event,Date,Time\nA,2026-09-08,approx 9am\n"),
        None,
        ["unreadable-time C2"],
    ),
    Case(
        "after school",
        ("Event,Date,Time\nA,2026-09-08,after school\n"),
        None,
        ["unreadable-time C2"],
    ),
    Case(
        "P2",
        ("Event,Date,Time\nA,2026-09-08,P2\n"),
        None,
        ["unreadable-time C2"],
    ),
    Case(
        "strike",
        ("Event,Date,Time\nA,2026-09-08,9:00-\n"),
        None,
        ["unreadable-time C2"],
    ),
    Case(
        "em dash blank",
        ("Event,Date,Time\nA,2026-09-08,—\nB,2026-09-09,9am\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09 09:00–10:00"],
        ["no-time B2"],
    ),
    Case(
        "allday text cell",
        ("Event,Date,Time\nA,2026-09-08,ALL DAY\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "nn",
        ("Event,Date,Start,End\nA,2026-09-08,12:00 pm,1:00 pm\nB,2026-09-08,12:00 am,1:00 am\n"),
        ["A 2026-09-08 12:00–13:00", "B 2026-09-08 00:00–01:00"],
        [],
    ),
    Case(
        "noon span",
        ("Event,Date,Start,End\nA,2026-09-08,11:30,12:30\nB,2026-09-08,12:30,1:30\nC,2026-09-08,7:30,8:30\n"),
        ["A 2026-09-08 11:30–12:30", "B 2026-09-08 12:30–13:30", "C 2026-09-08 07:30–08:30"],
        [],
    ),
    Case(
        "evening",
        ("Event,Date,Start,End\nA,2026-09-08,7:00,9:00\n"),
        ["A 2026-09-08 07:00–09:00"],
        [],
    ),
    Case(
        "evening2",
        ("Event,Date,Start,End\nA,2026-09-08,6:00,7:30\n"),
        ["A 2026-09-08 18:00–19:30"],
        [],
    ),
    Case(
        "mixed dmy & words",
        ("Event,Date\nA,8/9/2026\nB,9 Sept 2026\nC,25/9/2026\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10", "C 2026-09-25..2026-09-26"],
        [],
    ),
    Case(
        "date with dow suffix",
        ("Event,Date\nA,08/09/2026 (Tue)\nB,09/09/2026 (Wed)\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "us dow",
        ('Event,Date\nA,"Tue 9/8"\nB,"Wed 9/9"\n'),
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
        ("--within", "2026-09-01..2027-06-30"),
    ),
    Case(
        "term date range text",
        ("Event,Date\nHalf term,26-30 October 2026\nTrip,30 Oct - 2 Nov 2026\nCamp,30/10/2026 to 2/11/2026\n"),
        ["Half term 2026-10-26..2026-10-31", "Trip 2026-10-30..2026-11-03", "Camp 2026-10-30..2026-11-03"],
        [],
    ),
    Case(
        "two days at a slash",
        ("Event,Date\nA,8/9 September 2026\n"),
        ["A 2026-09-08..2026-09-09", "A 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "iso week",
        ("Event,Date\nA,2026-W37-2\n"),
        None,
        ["unreadable-date B2"],
    ),
    Case(
        "quarter",
        ("Event,Date\nA,Q3 2026\n"),
        None,
        ["unreadable-date B2"],
    ),
    Case(
        "month only",
        ("Event,Date\nA,September 2026\n"),
        None,
        ["unreadable-date B2"],
    ),
    Case(
        "year 2 digits words",
        ("Event,Date\nA,8 Sep '26\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "sept.",
        ("Event,Date\nA,8 Sept. 2026\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "typo month",
        ("Event,Date\nA,8 Spetember 2026\n"),
        None,
        ["unreadable-date B2"],
    ),
    Case(
        "dd.mm. no year",
        ("Event,Date\nA,8.9.\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
        ("--within", "2026-09-01..2027-06-30"),
    ),
    Case(
        "double space",
        ("Event,Date\nA,8  /  9 / 2026\nB,21/9/2026\n"),
        ["A 2026-09-08..2026-09-09", "B 2026-09-21..2026-09-22"],
        [],
    ),
    Case(
        "backslash",
        ("Event,Date\nA,8\\9\\2026\n"),
        None,
        ["unreadable-date B2"],
    ),
    Case(
        "underscore",
        ("Event,Date\nA,2026_09_08\n"),
        None,
        ["unreadable-date B2"],
    ),
    Case(
        "times in UTC by the heading",
        ("Event,Start (UTC),End (UTC)\nA,2026-09-08 12:00,2026-09-08 13:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "a zone named by its abbreviation",
        ("Event,Date,Start (EST)\nA,2026-09-08,9:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        ["zone-in-heading C1"],
    ),
    Case(
        "prices are no times",
        ("Event,Date,Cost\nA,2026-09-08,8.50\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "numbers are no times",
        ("Event,Date,Rows\nA,2026-09-08,10-12\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "names",
        ("Name,Birthday\nA,2010-09-08\n"),
        None,
        ["no-date-column"],
    ),
    Case(
        "deadline",
        ("Task,Deadline\nA,2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        ["unsure-column B1"],
    ),
    Case(
        "start only weekday",
        ("Event,Day,Time\nA,Monday,9am\n"),
        None,
        ["no-date C2"],
    ),
    Case(
        "two dates",
        ("Event,Registration opens,Event date\nA,2026-08-01,2026-09-08\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "setup time",
        ("Event,Date,Setup,Start,End\nA,2026-09-08,8:00,9:00,10:00\n"),
        ["A 2026-09-08 09:00–10:00"],
        ["unread-times C1"],
    ),
    Case(
        "arrive",
        ("Event,Date,Arrive,Depart\nA,2026-09-08,8:00,9:00\n"),
        ["A 2026-09-08 08:00–09:00"],
        [],
    ),
    Case(
        "am/pm split col",
        ("Event,Date,Time,AM/PM\nA,2026-09-08,9:00,PM\n"),
        ["A 2026-09-08 21:00–22:00"],
        [],
    ),
    Case(
        "day month year",
        ("Event,Day,Month,Year\nA,8,September,2026\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "start/end one col newline",
        ('Event,Date,Time\nA,2026-09-08,"9:00\n10:00"\n'),
        None,
        ["unreadable-time C2"],
    ),
    Case(
        "date newline weekday",
        ('Event,Date\nA,"Tue\n8 Sep 2026"\n'),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "title trailing spaces",
        ("  Event ,  Date\n A ,2026-09-08 \n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "html entities",
        ("Event,Date\nA &amp; B,2026-09-08\n"),
        ["A &amp; B 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "long",
        (
            "Event,Date,Notes\n"
            "A,2026-09-08,xxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxxx\n"
        ),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "status cancelled col",
        ("Event,Date,Cancelled\nA,2026-09-08,yes\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "busy",
        ("Event,Date,Show as\nA,2026-09-08,Tentative\n"),
        ["A 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "pm by the end beside it",
        "Title,Date,Start,End\nA,2026-09-08,7:30,9:30 pm\nB,2026-09-09,10:30,12 pm\n",
        ["A 2026-09-08 19:30–21:30", "B 2026-09-09 10:30–12:00"],
        ["half-of-end C2"],
    ),
    Case(
        "pm in the headings",
        "Title,Date,Start (pm),End (pm)\nA,2026-09-08,7:30,9:30\n",
        ["A 2026-09-08 19:30–21:30"],
        [],
    ),
    Case(
        "midnight as a start",
        "Title,Date,Start,End\nA,2026-12-31,midnight,1:00\n",
        ["A 2027-01-01 00:00–01:00"],
        ["starts-at-midnight C2"],
    ),
    Case(
        "all day until midnight",
        "Title,Start date,Start time,End date,End time,All day\nA,2026-09-08,00:00,2026-09-09,00:00,yes\n",
        ["A 2026-09-08..2026-09-09"],
        ["ends-at-midnight B2"],
    ),
    Case(
        "all day from midnights to midnights",
        "Title,Start,End,All day\nA,2026-09-08 00:00,2026-09-09 00:00,yes\nB,2026-09-10 00:00,2026-09-12 00:00,yes\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-10..2026-09-12"],
        ["ends-at-midnight B2", "ends-at-midnight B3"],
    ),
    Case(
        "all day from midnight to the same",
        "Title,Start,End,All day\nA,2026-09-08 00:00,2026-09-08 00:00,yes\nB,2026-09-10 00:00,2026-09-11 00:00,yes\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-10..2026-09-12"],
        [],
    ),
    Case(
        "hours that count",
        "Title,Date,Hours\nA,2026-09-08,2\nB,2026-09-09,1.25\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        ["numbers-not-times C1"],
    ),
    Case(
        "a ratio",
        "Title,Date,Ratio\nA,2026-09-08,1:10\n",
        ["A 2026-09-08..2026-09-09"],
        ["unread-times C1"],
    ),
    Case(
        "a score beside no times",
        "Title,Date,Match\nA,2026-09-08,3:2\nB,2026-09-09,1:0\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        [],
    ),
    Case(
        "hour and minute apart",
        "Title,Date,Start hour,Start minute,End hour,End min\nA,2026-09-08,9,30,10,5\n",
        ["A 2026-09-08 09:30–10:05"],
        [],
    ),
    Case(
        "a reminder on the clock",
        "Title,Date,Start,End,Reminder date,Reminder time\nA,2026-09-08,09:00,10:00,2026-09-08,08:45:00\n",
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "a sample marked in a column",
        "Example,Title,Date\nx,A,2026-09-08\n,B,2026-09-09\n",
        ["B 2026-09-09..2026-09-10"],
        ["sample-row A2"],
    ),
    Case(
        "a sample that says so",
        "Title,Date\nSAMPLE – delete me,2026-09-08\nB,2026-09-09\n",
        ["B 2026-09-09..2026-09-10"],
        ["sample-row A2"],
    ),
    Case(
        "lengths in other forms",
        "Title,Date,Start,Length\nA,2026-09-08,9:00,1h30\nB,2026-09-08,9:00,1 h 30\nC,2026-09-08,9:00,1:30 hrs\n",
        ["A 2026-09-08 09:00–10:30", "B 2026-09-08 09:00–10:30", "C 2026-09-08 09:00–10:30"],
        [],
    ),
    Case(
        "months of two languages",
        "Title,Date\nA,9 septembre 2026\nB,10. Oktober 2026\n",
        ["A 2026-09-09..2026-09-10", "B 2026-10-10..2026-10-11"],
        [],
    ),
    Case(
        "dates where they change",
        "Date,Time,Title\n2026-09-08,9:00,A\n,10:00,B\n2026-09-09,9:00,C\n,11:00,D\n",
        [
            "A 2026-09-08 09:00–10:00",
            "B 2026-09-08 10:00–11:00",
            "C 2026-09-09 09:00–10:00",
            "D 2026-09-09 11:00–12:00",
        ],
        ["dates-carried A3"],
    ),
    Case(
        "dates that come twice, and a row without",
        "Date,Time,Title\n2026-09-08,9:00,A\n2026-09-08,9:30,A2\n,10:00,B\n2026-09-09,9:00,C\n",
        None,
        ["no-date B4"],
    ),
    Case(
        "a free slot",
        "Title,Date,Start\nA,2026-09-08,9:00\n,2026-09-09,9:00\n",
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "an untitled row with more than a time",
        "Title,Date,Start,Room\nA,2026-09-08,9:00,Loft\n,2026-09-09,9:00,Shed\n",
        None,
        ["no-title A3"],
    ),
    Case(
        "a word that is neither busy nor free",
        "Title,Date,Show as\nA,2026-09-08,wobbly\n",
        ["A 2026-09-08..2026-09-09"],
        ["unknown-busy C2"],
    ),
    Case(
        "a zone in a cell",
        "Title,Date,Start\nA,2026-09-08,9:00 EST\n",
        None,
        ["unreadable-time C2"],
    ),
    Case(
        "fields by other names",
        "Wot,Wen,Ware\nA,2026-09-08,Shed\n",
        ["A 2026-09-08..2026-09-09"],
        [],
        ("--column", "Wot=title", "--column", "Wen=date", "--column", "Ware=place"),
    ),
    Case(
        "private by one of two columns",
        "Title,Date,Private,Sensitivity\nA,2026-09-08,True,Normal\nB,2026-09-08,False,wobbly\n",
        None,
        ["unknown-visibility C3"],
    ),
    Case(
        "the year in the title",
        "Events 2026-27\nTitle,Date\nA,8 Sept\nB,4 Jan\n",
        ["A 2026-09-08..2026-09-09", "B 2027-01-04..2027-01-05"],
        ["year-of-title B2"],
    ),
    Case(
        "a single year that the dates cross",
        "Events 2026\nTitle,Date\nA,8 Sept\nB,4 Jan\n",
        None,
        ["year-missing B3", "year-missing B4"],
    ),
    Case(
        "the year of an update",
        "Updated 3 March 2026\nTitle,Date\nA,8 Sept\n",
        None,
        ["year-missing B3"],
    ),
    Case(
        "who is called, beside when",
        "Title,Date,Call,Finish,Called\nA,2026-10-06,18:30,21:00,Full company\n",
        ["A 2026-10-06 18:30–21:00"],
        [],
    ),
    Case(
        "a length in hours and minutes",
        "Title,Date,Start,Hours,Minutes\nA,2026-09-08,9:00,1,30\nB,2026-09-09,9:00,,45\n",
        ["A 2026-09-08 09:00–10:30", "B 2026-09-09 09:00–09:45"],
        [],
    ),
    Case(
        "past noon from midnight",
        "Title,Date,Start,End\nA,2026-09-08,00:00,12:01\n",
        ["A 2026-09-08 00:00–12:01"],
        ["night-start C2"],
    ),
    Case(
        "past midnight by am",
        "Title,Date,Start,End\nA,2026-09-08,12:05 am,12:30\n",
        ["A 2026-09-08 00:05–00:30"],
        [],
    ),
    Case(
        "a span proves only where all lie in it",
        "Title,Date\nA,03/04/2026\nB,05/02/2026\nC,09/10/2026\n",
        None,
        ["unproved-dates B2"],
        ("--within", "2026-09-01..2027-07-31"),
    ),
    Case(
        "a span proves where one order leaves it",
        "Title,Date\nA,08/09/2026\nB,10/03/2027\n",
        ["A 2026-09-08..2026-09-09", "B 2027-03-10..2027-03-11"],
        [],
        ("--within", "2026-09-01..2027-05-31"),
    ),
    Case(
        "proof goes before the span",
        "Title,Date\nA,13/02/2027\nB,05/02/2027\nC,09/10/2027\n",
        ["A 2027-02-13..2027-02-14", "B 2027-02-05..2027-02-06", "C 2027-10-09..2027-10-10"],
        ["outside-within B4"],
        ("--within", "2026-09-01..2027-07-31"),
    ),
    Case(
        "last year's file",
        "Title,Date\nA,13/02/2025\nB,05/02/2025\n",
        None,
        ["all-outside-within B2"],
        ("--within", "2026-09-01..2027-07-31"),
    ),
    Case(
        "English names beside another language's",
        "Title,Date\nA,Wed 9 Sep 2026\nB,3–4 Oktober 2026\n",
        ["A 2026-09-09..2026-09-10", "B 2026-10-03..2026-10-05"],
        [],
    ),
    Case(
        "months and years, or days",
        "Title,From,To\nA,Sep 26,Jan 27\nB,Oct 26,Nov 26\n",
        None,
        ["month-or-day B2", "month-or-day C2"],
        ("--within", "2026-09-01..2027-07-31"),
    ),
    Case(
        "days of a month that only look like years",
        "Title,Date\nA,Sep 26\nB,Oct 26\nC,Oct 3\n",
        ["A 2026-09-26..2026-09-27", "B 2026-10-26..2026-10-27", "C 2026-10-03..2026-10-04"],
        [],
        ("--within", "2026-09-01..2027-07-31"),
    ),
    Case(
        "times by their place beside the dates",
        "Title,Date,Zork,Gork\nA,2026-09-08,9.00,19.30\nB,2026-09-09,10.15,12.00\n",
        ["A 2026-09-08 09:00–19:30", "B 2026-09-09 10:15–12:00"],
        ["unsure-column C1", "unsure-column D1"],
    ),
    Case(
        "prices below unknown headings",
        "Title,Date,Place,Adult,Family\nA,2026-09-08,Quay,9.00,19.50\nB,2026-09-09,Quay,10.00,12.50\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        ["unread-times D1", "unread-times E1"],
    ),
    Case(
        "an end by its place beside the starts",
        "Title,Date,Starts,Gork\nA,2026-09-08,9.00,19.30\nB,2026-09-09,10.15,12.00\n",
        ["A 2026-09-08 09:00–19:30", "B 2026-09-09 10:15–12:00"],
        ["unsure-column D1"],
    ),
    Case(
        "weekdays with hyphens prove",
        "Título,Data,Dia\nA,9/8/2026,domingo\nB,8/9/2026,terça-feira\n",
        ["A 2026-08-09..2026-08-10", "B 2026-09-08..2026-09-09"],
        [],
    ),
    Case(
        "a first row months away",
        "Title,Date\nX,2026-01-01\nA,2026-09-08\nB,2026-09-09\nC,2026-10-10\nD,2026-11-10\n",
        [
            "X 2026-01-01..2026-01-02",
            "A 2026-09-08..2026-09-09",
            "B 2026-09-09..2026-09-10",
            "C 2026-10-10..2026-10-11",
            "D 2026-11-10..2026-11-11",
        ],
        ["perhaps-a-sample B2"],
    ),
    Case(
        "what is to come",
        "Event,Date,Time\nA,2026-09-08,TBC\nB,2026-09-09,10:00\nC,TBA,\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-09 10:00–11:00"],
        ["to-come C2", "to-come B4", "no-time B2"],
    ),
    Case(
        "halves of the day that other cells name",
        "Title,Date,Time\nA,2026-09-08,7:00\nB,2026-09-09,7:00 PM\nC,2026-09-10,9:00\n",
        ["A 2026-09-08 19:00–20:00", "B 2026-09-09 19:00–20:00", "C 2026-09-10 09:00–10:00"],
        ["half-unmarked C4"],
    ),
    Case(
        "numbers are no titles",
        "Game,Date,Opponent,Time\n1,2026-09-04,Dunmore,19:00\n2,2026-09-11,Castle Bay,19:00\n",
        ["Dunmore 2026-09-04 19:00–20:00", "Castle Bay 2026-09-11 19:00–20:00"],
        ["unsure-column C1"],
    ),
    Case(
        "years of two digits in three rows",
        "Title,Date\nA,7/9/26\nB,8/9/26\nC,19/9/26\n",
        ["A 2026-09-07..2026-09-08", "B 2026-09-08..2026-09-09", "C 2026-09-19..2026-09-20"],
        [],
    ),
    Case(
        "headings and dates of Japan",
        "日付,行事,場所\n2026年9月8日,A,体育館\n2026年10月3日,B,校庭\n",
        ["A 2026-09-08..2026-09-09", "B 2026-10-03..2026-10-04"],
        [],
    ),
    Case(
        "times behind a word for the clock",
        "Pvm;Klo;Tapahtuma\n8.9.2026;9.00–10.30;A\n15.9.2026;klo 18;B\n",
        ["A 2026-09-08 09:00–10:30", "B 2026-09-15 18:00–19:00"],
        [],
    ),
    Case(
        "away and back",
        "Title,Depart,Return,Date\nA,8:45,14:30,12 Nov 2026\nB,9.15,15.00,19 Nov 2026\n",
        ["A 2026-11-12 08:45–14:30", "B 2026-11-19 09:15–15:00"],
        [],
    ),
    Case(
        "lengths below a heading that nobody knows",
        "Event,Date,Start,Runs\nA,2026-09-08,9:00,2h\nB,2026-09-09,9:00,half an hour\nC,2026-09-10,9:00,1 1/2 h\n",
        ["A 2026-09-08 09:00–11:00", "B 2026-09-09 09:00–09:30", "C 2026-09-10 09:00–10:30"],
        ["unsure-column D1"],
    ),
    Case(
        "sessions that say what, not when",
        "Squad,Date,Session,Time\nA,7 Sept 26,Technique,17.00 - 18.00\nB,9 Sept 26,Endurance,6.00 - 7.30\n",
        ["A 2026-09-07 17:00–18:00", "B 2026-09-09 06:00–07:30"],
        ["unsure-column A1"],
    ),
    Case(
        "spans in Portuguese",
        "Data,Horário,Evento\n08/09/2026,8h às 10h,A\n23/10/2026,das 14h30 às 16h,B\n",
        ["A 2026-09-08 08:00–10:00", "B 2026-10-23 14:30–16:00"],
        [],
    ),
    Case(
        "what is called a title is the title",
        "Course,Session title,Date\nNav,Charts,2026-09-08\nNav,Tides,2026-09-15\n",
        ["Charts 2026-09-08..2026-09-09", "Tides 2026-09-15..2026-09-16"],
        [],
    ),
    Case(
        "a table drawn with signs",
        "| Event | Date | Time |\n|---|---|---|\n| A | 2026-09-08 | 9:00 |\n",
        ["A 2026-09-08 09:00–10:00"],
        [],
    ),
    Case(
        "late starts that say so",
        "Event,Date,Start,End\nA,2026-09-08,23:30,00:45\n",
        ["A 2026-09-08 23:30–2026-09-09 00:45"],
        ["ends-next-day D2"],
    ),
    Case(
        "headings of two lines",
        "Event,When,,Where\n,Start,End,\nA,2026-09-08 09:00,2026-09-08 10:30,Hall\n",
        ["A 2026-09-08 09:00–10:30"],
        [],
    ),
    Case(
        "dashes in the date, a dot in the time",
        "Title,Start\nA,8-9-2026 9.30\nB,23-9-2026 14.00\n",
        ["A 2026-09-08 09:30–10:30", "B 2026-09-23 14:00–15:00"],
        [],
    ),
    Case(
        "what stands below “Every”",
        "Title,Date,Every,Until\nA,2026-09-09,2 weeks,2026-09-30\n",
        ["A 2026-09-09..2026-09-10", "A 2026-09-23..2026-09-24"],
        [],
    ),
    Case(
        "headings cut short",
        "TITEL;BEGINN_DAT;BEGINN_UHR;ENDE_DAT;ENDE_UHR;ORT_BEZ\nA;20261224;1700;20261225;0130;Aula\n",
        ["A 2026-12-24 17:00–2026-12-25 01:30"],
        [],
    ),
    Case("an arrow is a move or a span", "Title,Date\nA,6 Oct 2026 → 13 Oct 2026\n", None, ["unreadable-date B2"]),
    Case(
        "months as captions",
        "Date,Title\nSeptember 2026,\n8,A\nWed 9,B\nOctober 2026,\n3–4,C\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10", "C 2026-10-03..2026-10-05"],
        ["dates-under-captions A3"],
    ),
    Case(
        "a month as the title of days",
        "September 2026,\nDay,Title\n8,A\nOctober 2026,\n3,B\n",
        ["A 2026-09-08..2026-09-09", "B 2026-10-03..2026-10-04"],
        ["unsure-column A2", "dates-under-captions A3"],
    ),
    Case(
        "seasons with their years as captions",
        "Title,Date\nAutumn 2026,\nA,8 Sep\nSpring term 2027,\nB,8 Jan\n",
        ["A 2026-09-08..2026-09-09", "B 2027-01-08..2027-01-09"],
        ["dates-under-captions B3"],
    ),
    Case(
        "hours that name no unit",
        "Title,Date,Start,Duration\nA,2026-09-08,9:00,1.5\nB,2026-09-09,9:00,2\n",
        ["A 2026-09-08 09:00–10:30", "B 2026-09-09 09:00–11:00"],
        ["length-unit-assumed D1"],
    ),
    Case(
        "an end that is not reached",
        "SUMMARY,DTSTART,DTEND\nA,20261012,20261014\n",
        ["A 2026-10-12..2026-10-14"],
        [],
    ),
    Case(
        "a comma within a date of a list",
        'Title,Date,Repeats,Except\nA,2026-10-05,every Monday until 2 Nov 2026,"October 12, 2026; Oct 26, 2026"\n',
        ["A 2026-10-05..2026-10-06", "A 2026-10-19..2026-10-20", "A 2026-11-02..2026-11-03"],
        [],
    ),
    Case(
        "dates of a list over the turn of the year",
        "Title,Date\nA,8 Dec and 5 Jan 2027\n",
        ["A 2026-12-08..2026-12-09", "A 2027-01-05..2027-01-06"],
        [],
    ),
    Case(
        "repeats in German",
        "Titel,Datum,Wiederholung\nA,2026-09-07,jeden Montag bis 21.9.2026\nB,2026-09-08,wöchentlich bis 15. September 2026\n",
        [
            *(f"A 2026-09-{day:02}..2026-09-{day + 1:02}" for day in (7, 14, 21)),
            *(f"B 2026-09-{day:02}..2026-09-{day + 1:02}" for day in (8, 15)),
        ],
        [],
    ),
    Case(
        "repeats in Portuguese, and what has no end",
        "Título,Data,Repete\nA,2026-09-08,todas as terças-feiras até 15/9/2026\nB,2026-09-08,terça-feira\n",
        None,
        ["endless-repeat C3"],
    ),
    Case(
        "the title stands beside the date",
        "Wobble,Date,Place,Notes\nA boat,2026-09-08,Quay,bring rope\nB boat,2026-09-09,Gate,\n",
        ["A boat 2026-09-08..2026-09-09", "B boat 2026-09-09..2026-09-10"],
        ["unsure-column A1"],
    ),
    Case(
        "days in one cell, hours beside them",
        "Title,Date,Start,End\nA,12–13 Oct 2026,9:00,16:00\n",
        ["A 2026-10-12 09:00–16:00", "A 2026-10-13 09:00–16:00"],
        ["on-each-day B2"],
    ),
    Case(
        "a night between the days of one cell",
        "Title,Date,Start,End\nA,12–13 Oct 2026,17:00,10:00\n",
        ["A 2026-10-12 17:00–2026-10-13 10:00"],
        [],
    ),
    Case(
        "days of two columns, through",
        "Title,First day,Last day,Start,End\nA,2026-10-12,2026-10-14,9:00,16:00\n",
        ["A 2026-10-12 09:00–2026-10-14 16:00"],
        ["through-several-days B2"],
    ),
    Case(
        "days of two columns, each",
        "Title,First day,Last day,Start,End\nA,2026-10-12,2026-10-13,9:00,16:00\n",
        ["A 2026-10-12 09:00–16:00", "A 2026-10-13 09:00–16:00"],
        ["on-each-day B2"],
        ("--each-day",),
    ),
    Case(
        "rows are chosen before they are judged",
        "Title,Date,Place\nA,2026-09-08,Quay\nB,broken,Gate\nC,2026-09-10,\n",
        ["A 2026-09-08..2026-09-09"],
        [],
        ("--only", "Place=Quay"),
    ),
    Case(
        "days are chosen before rows are judged",
        "Title,Date,Time\nA,2026-09-08,9:00\nB,2025-09-08,99:00\n",
        ["A 2026-09-08 09:00–10:00"],
        [],
        ("--from", "2026-09-01"),
    ),
    Case(
        "a field by another name, empty cells",
        "Title,Date,Where\nA,2026-09-08,Quay\nC,2026-09-10,\n",
        ["C 2026-09-10..2026-09-11"],
        [],
        ("--only", "place="),
    ),
    Case(
        "codes of the sheet's own",
        "Title,Date,Show as\nA,2026-09-08,3\nB,2026-09-09,\n",
        ["A 2026-09-08..2026-09-09", "B 2026-09-09..2026-09-10"],
        ["value-not-found C1"],
        ("--value", "Show as: 3=free", "--value", "Show as: 4=busy"),
    ),
    Case(
        "what no standard knows",
        "Title,Date,Colour,Priority,GPS,Picture\nA,2026-09-08,rainbow,dire,north,none\n",
        ["A 2026-09-08..2026-09-09"],
        ["unknown-color C2", "unknown-priority D2", "unknown-geo E2", "unknown-image F2"],
    ),
    Case(
        "a reminder behind the start",
        "Title,Date,Start,Reminder date,Remind at\nA,2026-09-08,09:00,2026-09-09,08:45\n",
        ["A 2026-09-08 09:00–10:00"],
        ["reminder-after-start E2"],
    ),
]


@pytest.mark.parametrize("case", CASES, ids=lambda case: case.name)
def test_each_sheet_becomes_just_these_events(case, tmp_path, monkeypatch):
    monkeypatch.chdir(tmp_path)
    monkeypatch.setenv("SOURCE_DATE_EPOCH", EPOCH)
    (tmp_path / "s.csv").write_bytes(case.sheet.encode())
    call = ["convert", "s.csv", "-o", "out.ics", "--json", "--zone", "America/Halifax", *case.options]
    result = CliRunner().invoke(app, call)
    report = json.loads(result.stdout)
    places = [(problem["code"], cell or "") for problem in report["problems"] for cell in problem["cells"]]
    problems = [f"{code} {cell}".strip() for code, cell in places]
    assert problems == case.problems
    if case.events is None:
        assert result.exit_code == 1
        assert not (tmp_path / "out.ics").exists()
    else:
        assert result.exit_code == 0
        assert [told(event) for event in events_in(tmp_path / "out.ics")] == case.events
    for sheet in report["sheets"]:
        assert sheet["rows"] >= sheet["events"] + sum(sheet["left_out"].values()) + sheet["refused"]
        if not any(problem["severity"] == "error" for problem in report["problems"]):
            assert sheet["rows"] == sheet["events"] + sum(sheet["left_out"].values())


def test_the_cases_have_names_of_their_own():
    assert len({case.name for case in CASES}) == len(CASES) > 130
