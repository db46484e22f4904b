"""Sheets on which names and days cross, as people keep them: what each says, and twins that differ in one thing."""

import re

import pytest

from conftest import events_in, told
from nomarium.core.recognition import recognise
from nomarium.core.shapes import Key, unfold
from nomarium.core.tables import read_grids

SQUADS = "Squad,Mon,Wed,Sat\nOtters,17:30–19:00 Pool 2,,9:00–10:00\nSeals,,18:00–19:30 Gym,\n"
STAFF = "Front desk rota March 2027\nName,1,2,3,4,5,6\nAmal,E,E,L,-,Off,\nBea,L,N,,E,E/L,\n\n"
KEY = "E = Early 7:00–15:00; L = Late 14:00–22:00\nN: 21:00–7:00\n"
FORMS = "Date,Session,Form 10,Form 11\n14 June 2027,9:00–11:00,English P1,Maths P1\n15 June 2027,13:00–15:00,,History\n"
DUTIES = "Duty,Monday,Tuesday\nGate 8:15–8:40,Ms Ito,Mr Park\nYard 10:30–10:50,Mr Park,Ms Ito\n"
HALLS = "Room,Mon 4 Jan 2027,Tue 5 Jan 2027\nHall,9:00–12:00 Exam board,\nStudio 1,,10:00–11:30 Pilates\n"
WEEKS = ",1/2/2027,2/2/2027\nAmal,8–16,\nBea,,12–20\n,15/2/2027,16/2/2027\nAmal,12–20,\nBea,8–16,8–16\n"
GERMAN = "Dienstplan Januar 2027\nName;Fr 1;Sa 2;So 3;Mo 4;Di 5\nAhrens;F;F;S;-;-\n\nF;Frühdienst;6:00–14:00\nS;Spätdienst;14:00–22:00\n"
ACROSS = "Date,Amal Haddad,Bea Stone\n2027-03-01,9:00–17:00,OFF\n2027-03-02,,12:00–20:00\n"
EXAMS = "Time,10 May 2027,11 May 2027\n9:00–11:00,Maths 9A,English 9A\n13:00–15:00,Physics,\n"
LETTERS = "Ward plan,,,,,,,\nName,2027-01-04,2027-01-05,2027-01-06,2027-01-07,2027-01-08,2027-01-09,2027-01-10\n,M,T,W,T,F,S,S\nAmal,E,E,E,,,,\n\nE: 7:00–15:00\n"

SAID = [
    (
        SQUADS,
        "Class Day Course Hours Place",
        [
            "Otters|Mon||17:30–19:00|Pool 2|B2",
            "Otters|Sat||9:00–10:00||D2",
            "Seals|Wed||18:00–19:30|Gym|C3",
        ],
    ),
    (
        "Group;Montag;Mittwoch\nU10;16:00-17:00 Halle A, 18:00-19:00 Halle B;Halle C 17:00-18:00\n",
        "Class Day Course Hours Place",
        [
            "U10|Montag||16:00-17:00|Halle A|B2",
            "U10|Montag||18:00-19:00|Halle B|B2",
            "U10|Mittwoch||17:00-18:00|Halle C|C2",
        ],
    ),
    (
        "Team,Mon,Tue\nReds,17:00–18:00 Land training,\nBlues,,6 pm to 7:30 pm\n",
        "Class Day Course Hours Place",
        ["Reds|Mon|Land training|17:00–18:00||B2", "Blues|Tue||6 pm to 7:30 pm||C3"],
    ),
    (
        STAFF + KEY,
        "Person Date Weekday Title Shift hours Place",
        [
            "Amal|1 March 2027||Early|7:00–15:00||B3",
            "Amal|2 March 2027||Early|7:00–15:00||C3",
            "Amal|3 March 2027||Late|14:00–22:00||D3",
            "Bea|1 March 2027||Late|14:00–22:00||B4",
            "Bea|2 March 2027||N|21:00–7:00||C4",
            "Bea|4 March 2027||Early|7:00–15:00||E4",
            "Bea|5 March 2027||Early|7:00–15:00||F4",
            "Bea|5 March 2027||Late|14:00–22:00||F4",
        ],
    ),
    (
        FORMS,
        "Group Session Date Weekday Title Hours Place",
        [
            "Form 10|9:00–11:00|14 June 2027||English P1|||C2",
            "Form 11|9:00–11:00|14 June 2027||Maths P1|||D2",
            "Form 11|13:00–15:00|15 June 2027||History|||D3",
        ],
    ),
    (
        DUTIES,
        "Teacher Day Class Course Hours Place",
        [
            "Ms Ito|Monday|Gate||8:15–8:40||B2",
            "Mr Park|Tuesday|Gate||8:15–8:40||C2",
            "Mr Park|Monday|Yard||10:30–10:50||B3",
            "Ms Ito|Tuesday|Yard||10:30–10:50||C3",
        ],
    ),
    (
        HALLS,
        "Location Date Weekday Title Hours Note",
        [
            "Hall|Mon 4 Jan 2027||Exam board|9:00–12:00||B2",
            "Studio 1|Tue 5 Jan 2027||Pilates|10:00–11:30||C3",
        ],
    ),
    (
        WEEKS,
        "Group Date Weekday Title Hours Place",
        [
            "Amal|1/2/2027||Amal|8–16||B2",
            "Bea|2/2/2027||Bea|12–20||C3",
            "Amal|15/2/2027||Amal|12–20||B5",
            "Bea|15/2/2027||Bea|8–16||B6",
            "Bea|16/2/2027||Bea|8–16||C6",
        ],
    ),
    (
        GERMAN,
        "Person Date Weekday Title Shift hours Place",
        [
            "Ahrens|1 January 2027|Fr|Frühdienst|6:00–14:00||B3",
            "Ahrens|2 January 2027|Sa|Frühdienst|6:00–14:00||C3",
            "Ahrens|3 January 2027|So|Spätdienst|14:00–22:00||D3",
        ],
    ),
    (
        ACROSS,
        "Person Date Weekday Title Hours Place",
        [
            "Amal Haddad|2027-03-01||Amal Haddad|9:00–17:00||B2",
            "Bea Stone|2027-03-02||Bea Stone|12:00–20:00||C3",
        ],
    ),
    (
        EXAMS,
        "Date Weekday Title Hours Place",
        [
            "10 May 2027||Maths 9A|9:00–11:00||B2",
            "11 May 2027||English 9A|9:00–11:00||C2",
            "10 May 2027||Physics|13:00–15:00||B3",
        ],
    ),
    (
        LETTERS,
        "Person Date Weekday Title Shift hours Place",
        [f"Amal|2027-01-0{day}||E|7:00–15:00||{column}4" for day, column in ((4, "B"), (5, "C"), (6, "D"))],
    ),
    (
        "Place,1 Mar 2027,2 Mar 2027\nKitchen,Stocktake,Deep clean\nGarden,,Mow\n",
        "Location Date Weekday Title Hours Note",
        [
            "Kitchen|1 Mar 2027||Stocktake|||B2",
            "Kitchen|2 Mar 2027||Deep clean|||C2",
            "Garden|2 Mar 2027||Mow|||C3",
        ],
    ),
]


def crossing_of(tmp_path, text):
    """What a sheet is recognised as, and the crossing on it."""
    path = tmp_path / "sheet.csv"
    path.write_text(text, "utf-8")
    return recognise(read_grids(path)[0][0])


@pytest.mark.parametrize(("text", "headings", "expected"), SAID, ids=[text.split("\n")[0][:24] for text, _, _ in SAID])
def test_each_filled_cell_is_a_row_with_its_own_address(tmp_path, text, headings, expected):
    if all(row.split("|")[-2] == "" for row in expected):  # no cell names a place: there is no such column
        headings, expected = headings.rsplit(" ", 1)[0], [re.sub(r"\|\|(\w+)$", r"|\1", row) for row in expected]
    found = unfold(crossing_of(tmp_path, text).crossing, Key())
    assert found.problems == []
    assert " ".join(map(str, found.grid.rows[0])) == headings
    cells = [found.grid.origins[number][-1] for number in range(1, len(found.grid.rows))]
    places = [f"{'ABCDEFGH'[column]}{row + 1}" for row, column in cells]
    rows = ["|".join(map(str, row)) for row in found.grid.rows[1:]]
    assert sorted(f"{row}|{place}" for row, place in zip(rows, places, strict=True)) == sorted(expected)


@pytest.mark.parametrize(
    ("text", "kind"),
    [
        ("Period,Mon,Tue\n1,8:30–9:15,8:30–9:15\n2,9:20–10:05,9:20–10:05\n", "bell times"),
        ("Lesson,Mon,Fri\nRegistration,8:30–8:45,8:30–8:45\nLunch,12:00–13:00,11:30–12:30\n", "bell times"),
        ("Period,Mon,Tue,Wed\n1,Maths,English,Art\n2,PE,PE,Maths\n", "timetable, a grid"),
        ("Term,First day,Last day\nAutumn,2026-09-07,2026-11-06\nWinter,2026-11-09,2027-01-29\n", "terms"),
        ("Date,Home team,Away team,Score\n2026-09-08,Otters,Seals,3:2\n2026-09-09,Crabs,Seals,1:0\n", "events"),
        ("Crew,Week 1,Week 2\nRed,E,L\nBlue,L,N\n", None),
    ],
)
def test_a_sheet_that_only_looks_so_is_what_it_was(tmp_path, text, kind):
    found = crossing_of(tmp_path, text)
    assert (found.kind, found.crossing) == (kind, None)


@pytest.mark.parametrize(
    ("text", "problem"),
    [
        (STAFF, ("code-unexplained", "B3")),
        (STAFF + KEY.replace("N: ", "X: "), ("code-unexplained", "C4")),
        (STAFF + KEY + "N = Night 22:00–6:00\n", ("two-meanings", "A8")),
        (STAFF.replace("Bea,L", "\n,L") + KEY, ("cells-not-read", "B5")),
        (STAFF.replace("Bea,", "Total,2,1,1,,1,1\nBea,") + KEY, ("totals-left-out", None)),
        (SQUADS + "\nNo training on Mondays in May\n", ("notes-not-used", "A5")),
        ("Name,1/9/2026,2/9/2026\nAda,x,\nBen,x,x\n", ("code-unexplained", "B2")),
    ],
)
def test_what_nothing_explains_is_told_with_its_cell(tmp_path, text, problem):
    found = unfold(crossing_of(tmp_path, text).crossing, Key())
    assert problem in [(one.code, one.place.cell) for one in found.problems]


def test_a_rota_with_its_key_on_another_sheet_gives_everybody_a_calendar(desk):
    desk.put("rota.csv", STAFF)
    desk.put("hours.csv", "Shift,From,To\nE,7:00,15:00\nL,14:00,22:00\nN,21:00,7:30\n")
    assert desk.run("new", ".", "rota.csv", "hours.csv", "--zone", "Europe/Oslo").status == 0
    built = desk.run("build", "--json")
    assert built.status == 0, built.out
    assert [code for code, _ in built.codes if code != "ends-next-day"] == []
    folder = desk.folder / "calendars" / "rota"
    assert sorted(path.name for path in folder.iterdir()) == ["Amal.ics", "Bea.ics"]
    assert [told(event) for event in events_in(folder / "Bea.ics")] == [
        "L 2027-03-01 14:00–22:00",
        "N 2027-03-02 21:00–2027-03-03 07:30",
        "E 2027-03-04 07:00–15:00",
        "E 2027-03-05 07:00–15:00",
        "L 2027-03-05 14:00–22:00",
    ]


def test_a_rota_converted_by_itself_says_whose_each_shift_is(desk):
    run = desk.convert(STAFF + KEY, "-o", "all.ics", zone="Europe/Oslo")
    assert run.status == 0, run.out
    assert "read-as-list" in {code for code, _ in run.codes}
    assert told(events_in(desk.folder / "all.ics")[0]) == "Amal: Early 2027-03-01 07:00–15:00"
    apart = desk.convert(STAFF + KEY, "-o", "out", "--split", "person", zone="Europe/Oslo")
    assert apart.status == 0, apart.err
    assert told(events_in(desk.folder / "out" / "Bea.ics")[0]) == "Late 2027-03-01 14:00–22:00"


BLOCKS = ",Monday,Tuesday\n8:30–9:30,A,B\n9:40–10:40,B,Assembly\n"
SECTIONS = "Section,Course,Teacher,Room,Block\nENG-1,English,R. Ames,101,Block A\nALG-2,Algebra,T. Boyd,204,A\nBIO-1,Biology,R. Ames,Lab 2,B\n"


def test_a_grid_of_blocks_says_when_and_its_key_says_what(desk):
    desk.put("terms.csv", "Term,First day,Last day\nFall,2026-09-07,2026-09-15\n")
    desk.put("closed.csv", "Holiday,Date,Closed\nFair,2026-09-14,afternoon\n")
    desk.put("rotation.csv", BLOCKS)
    desk.put("sections.csv", SECTIONS)
    files = ("terms.csv", "closed.csv", "rotation.csv", "sections.csv")
    assert desk.run("new", ".", *files, "--zone", "America/Halifax").status == 0
    built = desk.run("build", "--json")
    assert built.status == 0, built.out
    assert ("block-unexplained", "C3") in built.codes
    ames = events_in(desk.folder / "calendars" / "teachers" / "R. Ames.ics")
    assert [told(event) for event in sorted(ames, key=lambda event: event.start)] == [
        "English (ENG-1) 2026-09-07 08:30–09:30",
        "Biology (BIO-1) 2026-09-07 09:40–10:40",
        "Biology (BIO-1) 2026-09-08 08:30–09:30",
        "English (ENG-1) 2026-09-14 08:30–09:30",
        "Biology (BIO-1) 2026-09-14 09:40–10:40",
        "Biology (BIO-1) 2026-09-15 08:30–09:30",
    ]
