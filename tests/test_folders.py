"""Folders as schools, clubs and offices of several countries keep them: two commands, no edit, and the truth beside them."""

from dataclasses import dataclass, field
from datetime import date, timedelta

import pytest

from conftest import events_in
from made_schools import built, drafted, laid_out
from nomarium.core.building import BuildChoices, prepare

WEEKDAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"]


@dataclass
class Folder:
    """What lies in a folder, from when to when its school is, when it is closed, and what meets then."""

    files: dict[str, str]
    first: str = ""
    last: str = ""
    closed: tuple[str, ...] = ()
    meets: tuple[str, ...] = ()
    """“class|weekdays|start|end|room”, perhaps with “|dates”: those of the weekdays' dates on which alone it is."""
    dated: tuple[str, ...] = ()
    """“start|end|what|where” of events."""
    without: dict[str, str] = field(default_factory=dict)
    """By date, the hour from which nothing meets."""

    def truth(self):
        """All that must be in the calendars, by plain loops."""
        found = []
        closed = {day for span in self.closed for day in days_of(*span.split(".."))}
        for line in self.meets:
            name, weekdays, start, end, room, *only = line.split("|")
            for day in days_of(self.first, self.last):
                in_time = start < self.without.get(day.isoformat(), "99")
                on_it = WEEKDAYS[day.weekday()] in weekdays.split() and day not in closed and in_time
                if on_it and (not only or day.isoformat() in only[0].split()):
                    found.append((f"{day} {start}", end, name, room))
        return sorted([*found, *(tuple(line.split("|")) for line in self.dated)])


def days_of(first, last=""):
    """Every date from one to another, both included."""
    start, end = date.fromisoformat(first), date.fromisoformat(last or first)
    return [start + timedelta(days=number) for number in range((end - start).days + 1)]


TERM = "Term,First day,Last day\nAutumn,2026-09-07,2026-12-11\n"
CLOSED = "Holiday,From,To\nFounders' day,2026-10-09,\nHalf term,2026-10-26,2026-10-30\n"
AUTUMN = {"first": "2026-09-07", "last": "2026-12-11", "closed": ("2026-10-09", "2026-10-26..2026-10-30")}

FOLDERS = {
    "a swimming club": Folder(
        {
            "season.csv": "Season,Start,End\nWinter 2026,2026-09-07,2026-12-18\n",
            "closed.csv": "Closed for,From,To\nGala,2026-10-10,\nAutumn half term,2026-10-26,2026-10-30\n",
            "squads.csv": "Squad,Coach,Mon,Tue,Wed,Sat\nOtters,J. Pell,17:30–19:00 Pool 2,,17:30–19:00 Pool 2,\nSeals,R. Amm,6:00–7:00 Pool 1,18:00–19:30 Gym,,8:00–10:00 Pool 1\n",
        },
        "2026-09-07", "2026-12-18", ("2026-10-10", "2026-10-26..2026-10-30"),
        ("Otters|Mon Wed|17:30|19:00|Pool 2", "Seals|Mon|06:00|07:00|Pool 1", "Seals|Tue|18:00|19:30|Gym", "Seals|Sat|08:00|10:00|Pool 1"),
    ),
    "a university with weeks by number": Folder(
        {
            "terms.csv": "Semester,Teaching starts,Teaching ends\nSemester 1,2026-09-21,2026-12-04\n",
            "holidays.csv": "Bank holiday,Date\nReading day,2026-10-26\n",
            "modules.csv": 'Module title,Type,Day,Start,Finish,Weeks,Room,Staff\nStatics,Lecture,Mon,10:00,11:00,1-10,LT1,Dr Moss\nStatics,Tutorial,Wed,14:00,15:00,"2,4",T3,Dr Moss\n',
        },
        "2026-09-21", "2026-12-04", ("2026-10-26",),
        ("Statics|Mon|10:00|11:00|LT1|" + " ".join(str(date(2026, 9, 21) + timedelta(days=7 * n)) for n in range(10)), "Statics|Wed|14:00|15:00|T3|2026-09-30 2026-10-14"),
    ),
    "evening classes in German, calendar weeks": Folder(
        {
            "Termine.csv": "Zeitraum;Beginn;Ende\n1. Halbjahr;01.09.2026;29.01.2027\n2. Halbjahr;08.02.2027;23.07.2027\n",
            "Ferien.csv": "Ferien;Erster Tag;Letzter Tag\nHerbstferien;12.10.2026;24.10.2026\nWeihnachtsferien;21.12.2026;06.01.2027\n",
            "Kurse.csv": "Kurs;Lehrer;Raum;Tag;Uhrzeit;Wochen\nTöpfern;Frau Lenz;Werkraum 1;Mo;18:00-19:30;KW 37-41\nGitarre;Herr Otte;M2;Di;17:00-17:45;KW 36, 38\n",
        },
        "2026-09-01", "2027-07-23", ("2026-10-12..2026-10-24", "2026-12-21..2027-01-06"),
        ("Töpfern|Mon|18:00|19:30|Werkraum 1|2026-09-07 2026-09-14 2026-09-21 2026-09-28 2026-10-05", "Gitarre|Tue|17:00|17:45|M2|2026-09-01 2026-09-15"),
    ),
    "a Spanish class": Folder(
        {
            "curso.csv": "Trimestre;Inicio;Fin\n1;10/09/2026;22/12/2026\n",
            "festivos.csv": "Festivo;Fecha;Fin\nFiesta Nacional;12/10/2026;\nPuente;21/12/2026;22/12/2026\n",
            "Horario 2B.csv": ";Lunes;Martes;Viernes\n8:30-9:25;Lengua / Sra. Gil / A1;Mates / Sr. Paz / A2;Mates / Sr. Paz / A2\nRecreo;;;\n9:25-10:20;Mates / Sr. Paz / A2;;Lengua / Sra. Gil / A1\n",
        },
        "2026-09-10", "2026-12-22", ("2026-10-12", "2026-12-21..2026-12-22"),
        ("2B|Mon|08:30|09:25|A1", "2B|Tue Fri|08:30|09:25|A2", "2B|Mon|09:25|10:20|A2", "2B|Fri|09:25|10:20|A1"),
    ),
    "a primary school whose days off have words only": Folder(
        {
            "terms.csv": "Half term,Start,End\nAutumn 1,Thu 3 Sep 2026,Fri 23 Oct 2026\n",
            "inset.csv": "Day,Reason\nThu 3 Sep 2026,INSET\nFri 18 Sep 2026,Polling day: school closes at 11:00\n",
            "week.csv": "Class 3 timetable,,\n,Thursday,Friday\n9:00-10:00,Literacy,PE\nBreak,,\n11:00-12:00,Art,Golden time\n",
        },
        "2026-09-03", "2026-10-23", ("2026-09-03",),
        ("3|Thu Fri|09:00|10:00|", "3|Thu Fri|11:00|12:00|"), without={"2026-09-18": "11:00"},
    ),
    "music lessons of a length each": Folder(
        {
            "terms.csv": "Term,Begins,Ends\nAutumn,2026-09-07,2026-12-11\n",
            "no lessons.csv": "No lessons,From,To\nHalf term,2026-10-26,2026-10-30\n",
            "lessons.csv": "Student,Instrument,Teacher,Day,Time,Length\nAda Lund,Violin,M. Sato,Tuesday,15:30,30 min\nBo Hult,Cello,M. Sato,Tuesday,16:00,45 min\n",
        },
        "2026-09-07", "2026-12-11", ("2026-10-26..2026-10-30",),
        ("Violin|Tue|15:30|16:00|", "Cello|Tue|16:00|16:45|"),
    ),
    "tutoring with day and times in one cell": Folder(
        {
            "term.csv": TERM,
            "off.csv": "Off,Date\nFounders' day,2026-10-09\n",
            "students.csv": "Student,Tutor,Slot,Subject\nAda L,J. Pell,Mon 16:00-17:00,Maths\nCem A,R. Amm,Wed & Fri 15:30-16:30,English\n",
        },
        "2026-09-07", "2026-12-11", ("2026-10-09",),
        ("Maths|Mon|16:00|17:00|", "English|Wed Fri|15:30|16:30|"),
    ),
    "options in blocks, a key for each teacher": Folder(
        {
            "terms.csv": TERM, "closures.csv": CLOSED,
            "bells.csv": "Period,Start,End\nP1,8:45,9:45\nP2,9:50,10:50\n",
            "blocks.csv": ",P1,P2\nMon,A,B\nThu,C,A\n",
            "Ms Hale.csv": "Block,Class,Room\nA,Year 9 Art,Studio\nB,Year 10 Art,Studio\n",
            "Mr Cole.csv": "Block,Class,Room\nA,Year 9 French,L1\nC,Year 11 French,L1\n",
        },
        meets=("Year 9 Art|Mon|08:45|09:45|Studio", "Year 9 Art|Thu|09:50|10:50|Studio", "Year 10 Art|Mon|09:50|10:50|Studio", "Year 9 French|Mon|08:45|09:45|L1", "Year 9 French|Thu|09:50|10:50|L1", "Year 11 French|Thu|08:45|09:45|L1"),
        **AUTUMN,
    ),
    "what each student chose for each block": Folder(
        {
            "terms.csv": TERM, "closures.csv": CLOSED,
            "grid.csv": ",Mon,Tue\n9:00-10:00,Option 1,Option 2\n10:15-11:15,Option 2,Option 1\n",
            "options.csv": "Student,Option 1,Option 2\nAda Lund,Art,French\nBo Hult,Drama,French\n",
        },
        meets=tuple(f"{one}|{slot}" for one, slots in {"Art": ("Mon|09:00|10:00|", "Tue|10:15|11:15|"), "Drama": ("Mon|09:00|10:00|", "Tue|10:15|11:15|"), "French": ("Tue|09:00|10:00|", "Mon|10:15|11:15|")}.items() for slot in slots),
        **AUTUMN,
    ),
    "an ice rink with half-hour slots": Folder(
        {
            "season.csv": "Season,From,To\n2026/27,2026-10-05,2026-12-18\n",
            "closed.csv": "Ice closed,Date\nResurfacing,2026-11-09\n",
            "ice.csv": "Ice schedule\nTime,Mon,Tue\n16:00–16:30,Skating,\n16:30–17:00,Skating,U10 hockey\n",
        },
        "2026-10-05", "2026-12-18", ("2026-11-09",),
        ("Skating|Mon|16:00|16:30|", "Skating|Mon|16:30|17:00|", "U10 hockey|Tue|16:30|17:00|"),
    ),
    "bells below two lines of headings, and the days on which they ring": Folder(
        {
            "terms.csv": TERM, "closures.csv": CLOSED,
            "Bell Schedule.csv": "Period,Regular,,Early Release,\n,Start,End,Start,End\n1,7:50,8:40,7:50,8:25\n2,8:45,9:35,8:30,9:05\n",
            "Early release.csv": "Date,Type\n9/16/2026,Early Release\n10/14/2026,Early Release\n",
            "Master Schedule.csv": "Course,Section,Teacher,Room,Period,Days\nAlgebra I,01,Ortiz,201,2,MW\n",
        },
        meets=("01|Mon|08:45|09:35|201", "01|Wed|08:45|09:35|201|" + " ".join(str(day) for day in days_of("2026-09-07", "2026-12-11") if str(day) not in ("2026-09-16", "2026-10-14")), "01|Wed|08:30|09:05|201|2026-09-16 2026-10-14"),
        **AUTUMN,
    ),
    "exams of each form, dates said once": Folder(
        {"exams.csv": "Date,Time,Year 10,Year 11\nMon 17 May 2027,9:00–10:30,Maths,\n,13:00–14:30,,English\nTue 18 May 2027,9:00–10:30,,Maths\n"},
        dated=("2027-05-17 09:00|10:30|Maths|", "2027-05-17 13:00|14:30|English|", "2027-05-18 09:00|10:30|Maths|"),
    ),
    "bookings of instruments": Folder(
        {"Bookings February 2027.csv": "Instrument,Mon 1 Feb,Tue 2 Feb\nMicroscope,9-12 Ito,\nLathe,,10-11 Roe\n"},
        dated=("2027-02-01 09:00|12:00|Ito|", "2027-02-02 10:00|11:00|Roe|"),
    ),
    "rehearsals with their hours in a note": Folder(
        {"rehearsals.csv": "Rehearsals: Thursdays 19:30-21:30 in Long Hall\n\nDate,Programme\n14 Jan 2027,Fauré\n28 Jan 2027,Britten\n"},
        dated=("2027-01-14 19:30|21:30|Fauré|Long Hall", "2027-01-28 19:30|21:30|Britten|Long Hall"),
    ),
    "weeks down, weekdays across": Folder(
        {"duty.csv": "Week commencing,Mon,Tue\n04/01/2027,Ito 8:00–16:00,\n11/01/2027,,Roe 9:00–17:00\n18/01/2027,Amm 8:00–16:00,\n,Bea 9:00–10:00,\n"},
        dated=("2027-01-04 08:00|16:00|Ito|", "2027-01-12 09:00|17:00|Roe|", "2027-01-18 08:00|16:00|Amm|", "2027-01-18 09:00|10:00|Bea|"),
    ),
    "berths of a port": Folder(
        {"berths.csv": "Vessel,ETA,ETD,Berth\nMV Kestrel,03/02/2027 06:30,03/02/2027 18:00,B2\nSea Finch,14/02/2027 08:00,14/02/2027 15:00,B1\n"},
        dated=("2027-02-03 06:30|18:00|MV Kestrel|B2", "2027-02-14 08:00|15:00|Sea Finch|B1"),
    ),
}  # fmt: skip


def assert_comes_out_true(tmp_path, folder):
    """A plan drafted of a folder's sheets leaves nothing open, and its build holds the truth and nothing else."""
    plan, draft = drafted(tmp_path, laid_out(tmp_path, folder.files))
    errors, meetings = built(plan)
    assert (draft.undecided, [error.message for error in errors]) == ([], [])
    assert sorted(meetings) == folder.truth()


@pytest.mark.parametrize("name", FOLDERS)
def test_a_folder_comes_out_true_with_two_commands(tmp_path, name):
    assert_comes_out_true(tmp_path, FOLDERS[name])


PAGES = "Week of,Mon,Tue,Wed,Thu,Fri\n"
LESSONS = "Class,Teacher,Room,Day,Start,End\n8A,Ms Ito,12,A,9:00,9:50\n"


def test_a_page_of_weeks_with_letters_is_the_year(tmp_path):
    school_days = [day for day in days_of("2026-09-07", "2026-12-11") if day.weekday() < 5 and str(day) != "2026-10-12"]
    letters = {day: "ABC"[number % 3] for number, day in enumerate(school_days)}
    weeks = [date(2026, 9, 7) + timedelta(days=7 * number) for number in range(14)]
    rows = [
        [
            f"{week.month}/{week.day}/{week.year}",
            *(letters.get(week + timedelta(days=n), "No school") for n in range(5)),
        ]
        for week in weeks
    ]
    (tmp_path / "letters.csv").write_text(PAGES + "\n".join(map(",".join, rows)) + "\n", "utf-8")
    (tmp_path / "lessons.csv").write_text(LESSONS, "utf-8")
    plan, draft = drafted(tmp_path, [tmp_path / "letters.csv", tmp_path / "lessons.csv"])
    errors, meetings = built(plan)
    assert (draft.undecided, errors) == ([], [])
    assert sorted(meetings) == [
        (f"{day} 09:00", "09:50", "8A", "12") for day, letter in letters.items() if letter == "A"
    ]


NOTES = [
    "Office hours 9:00–17:00",
    "Rehearsals 19:30–21:30, except 28 January",
    "Doors 18:00–19:00, concert 19:30–21:30",
]


@pytest.mark.parametrize("note", NOTES)
def test_a_note_about_something_else_gives_no_times_and_is_told(desk, note):
    run = desk.convert(f"{note}\n\nDate,Programme\n14 Jan 2027,Fauré\n28 Jan 2027,Britten\n")
    assert ("notes-not-used", "A1") in run.codes
    assert all(not hasattr(event.start, "hour") for event in events_in(desk.folder / "out.ics"))


ROSTERS = {
    "7a,7b\nAda Lund,Finn Skar\nBo Hult,\n": {"7a": ("Ada Lund", "Bo Hult"), "7b": ("Finn Skar",)},
    "Student,Phone\nAda Lund,555\nBo Hult,556\n": {"7a": ("Ada Lund", "Bo Hult")},
}


@pytest.mark.parametrize("text", ROSTERS)
def test_names_below_a_class_or_in_a_file_of_its_name_are_its_members(tmp_path, text):
    files = {
        "terms.csv": TERM,
        "closures.csv": CLOSED,
        "lessons.csv": LESSONS.replace("8A", "7a").replace(",A,", ",Mon,"),
        "7a.csv": text,
    }
    for file, content in files.items():
        (tmp_path / file).write_text(content, "utf-8")
    plan, draft = drafted(tmp_path, [tmp_path / file for file in files])
    assert draft.undecided == []
    members = prepare(plan, BuildChoices()).read.rosters.members
    assert {key: values["student"] for key, values in members.items()} == ROSTERS[text]


OPEN = {
    "a file that cannot be read": ({"broken.xlsx": "PK\x03\x04 no workbook"}, "broken.xlsx"),
    "names and dates that may be closures": (
        {"dates.csv": "What,When\nRegatta,2026-09-21\nTides,2026-09-28\n"},
        "dates.csv",
    ),
    "closures among other days": (
        {"days.csv": "Event,Begin\nTides - No School,2026-09-21\nSkipper’s Day,2026-09-28\n"},
        "days.csv",
    ),
    "days of a cycle that nothing meets on": (
        {"days.csv": "Date,Day\n2026-09-07,Day 1\n2026-09-08,Day 2\n2026-09-09,Day 1\n2026-09-10,Day 2\n"},
        "days.csv",
    ),
}


@pytest.mark.parametrize("name", OPEN)
def test_what_could_change_the_year_stops_the_build_until_it_is_settled(tmp_path, name):
    more, about = OPEN[name]
    files = {"terms.csv": TERM, "lessons.csv": LESSONS.replace(",A,", ",Mon,"), **more}
    for file, content in files.items():
        (tmp_path / file).write_text(content, "utf-8")
    plan, draft = drafted(tmp_path, [tmp_path / file for file in files])
    errors, _ = built(plan)
    assert about in [decision.about for decision in draft.undecided]
    assert {error.code for error in errors} == {"undecided"}
