"""Folders in which days, periods, crews or dates stand in shapes of their own: two commands, and the truth beside them."""

from datetime import date, timedelta

import pytest

from made_schools import built, drafted, laid_out
from nomarium.core.building import BuildChoices, prepare
from nomarium.core.problems import has_errors
from test_folders import AUTUMN, CLOSED, TERM, Folder, assert_comes_out_true, days_of

SEPTEMBER = [day for day in days_of("2026-09-07", "2026-09-25") if day.weekday() < 5]
BELLS = "Period,Start,End\n1,8:30,9:15\n2,9:20,10:05\n3,10:20,11:05\n4,11:10,11:55\n"
LETTERS = "Class,Teacher,Room,Day,Period\n10 Art,J. Pell,S1,A,1\n11 Maths,R. Amm,M2,D,4\n"
YEAR = {"terms.csv": TERM, "closures.csv": CLOSED}
ROSTER = "Roster,From,To\nSpring,2027-01-04,2027-01-31\n"
SHIFTS = "Code,Shift,Start,End\nD,Day,7:00,15:00\nE,Evening,15:00,22:00\n-,Off,,\n"


def in_turn(labels):
    """The school days of three weeks of September, each with its label."""
    return {day: labels[number % len(labels)] for number, day in enumerate(SEPTEMBER)}


def on(labels, label, slot, letters=None):
    """A truth's line for a slot on the dates that have a label."""
    dates = [str(day) for day, other in (letters or in_turn(labels)).items() if other == label]
    return f"{slot}|" + " ".join(dates)


ALL = "Mon Tue Wed Thu Fri"
ABCD = (on("ABCD", "A", f"10 Art|{ALL}|08:30|09:15|S1"), on("ABCD", "D", f"11 Maths|{ALL}|11:10|11:55|M2"))
SPAN = {"first": "2026-09-07", "last": "2026-09-25"}


def weeks_of_letters(letters):
    """A month's page: the numbers of its days, and below them their letters."""
    first = date(2026, 9, 7)
    lines = ["September 2026", "Mon,Tue,Wed,Thu,Fri"]
    for week in range(3):
        days = [first + timedelta(days=7 * week + n) for n in range(5)]
        lines += [",".join(str(day.day) for day in days), ",".join(letters[day] for day in days)]
    return "\n".join(lines) + "\n"


def year_at_a_glance(letters):
    """Months across, their days down."""
    rows = [f"{n},{letters.get(date(2026, 9, n), '')}," for n in range(1, 31)]
    return "\n".join([",September 2026,October 2026", *rows]) + "\n"


def listed(*columns):
    """A list of dates with a column for each cycle, headed by its name."""
    names, labels = [name for name, _ in columns], [in_turn(labels) for _, labels in columns]
    rows = [",".join([str(day), *(one[day] for one in labels)]) for day in SEPTEMBER]
    return "\n".join([",".join(["Date", *names]), *rows]) + "\n"


def shifts(crew, first, pattern, last="2027-01-31"):
    """What a crew does by a pattern from a date on."""
    hours = {"D": ("07:00", "15:00", "Day"), "E": ("15:00", "22:00", "Evening")}
    days = days_of(first, last)
    codes = [(day, pattern[number % len(pattern)]) for number, day in enumerate(days)]
    return [f"{day} {hours[code][0]}|{hours[code][1]}|{hours[code][2]}|" for day, code in codes if code in hours]


FOLDERS = {
    "a month's page of letters": Folder(
        {"calendar.csv": weeks_of_letters(in_turn("ABCD")), "bells.csv": BELLS, "lessons.csv": LETTERS}, **SPAN, meets=ABCD,
    ),
    "letters in a year at a glance": Folder(
        {"year.csv": year_at_a_glance(in_turn("ABCD")), "bells.csv": BELLS, "lessons.csv": LETTERS}, **SPAN, meets=ABCD,
    ),
    "a column of days for each division": Folder(
        {
            "days.csv": listed(("Upper", "ABCD"), ("Lower", "12")), "bells.csv": BELLS,
            "upper.csv": "Class,Teacher,Room,Meets\n10 Art,J. Pell,S1,A1\n11 Maths,R. Amm,M2,D4\n",
            "lower.csv": "Class,Teacher,Room,Meets\n3 Art,K. Ode,L1,1 P1\n",
        },
        **SPAN, meets=(*ABCD, on("12", "1", f"3 Art|{ALL}|08:30|09:15|L1")),
    ),
    "two divisions with the same labels": Folder(
        {
            "days.csv": listed(("Upper", "ABCD"), ("Lower", "BCDA")), "bells.csv": BELLS,
            "upper.csv": "Class,Teacher,Room,Meets\n10 Art,J. Pell,S1,A1\n11 Maths,R. Amm,M2,D4\n",
            "lower.csv": "Class,Teacher,Room,Meets\n3 Art,K. Ode,L1,A1\n",
        },
        **SPAN, meets=(*ABCD, on("BCDA", "A", f"3 Art|{ALL}|08:30|09:15|L1")),
    ),
    "days with names of their own": Folder(
        {
            "days.csv": listed(("Colour", ["Red", "Blue", "Green"])), "bells.csv": BELLS,
            "grid.csv": "Ms Pell,,,\n,Red,Blue,Green\n1,10A,,\n2,,10B,11C\n",
        },
        **SPAN, meets=tuple(on(["Red", "Blue", "Green"], day, f"{slot}|") for day, slot in (("Red", f"10A|{ALL}|08:30|09:15"), ("Blue", f"10B|{ALL}|09:20|10:05"), ("Green", f"11C|{ALL}|09:20|10:05"))),
    ),
    "periods in another order each day, one dropping out": Folder(
        {
            **YEAR,
            "rotation.csv": "Time,Mon,Tue,Wed,Thu,Fri\n8:30-9:15,1,2,3,1,2\n9:20-10:05,2,3,1,2,3\n",
            "classes.csv": "Period,Class,Teacher,Room\n1,Art,J. Pell,S1\n3,French,K. Ode,L1\n",
        },
        meets=("Art|Mon Thu|08:30|09:15|S1", "Art|Wed|09:20|10:05|S1", "French|Tue Fri|09:20|10:05|L1", "French|Wed|08:30|09:15|L1"),
        **AUTUMN,
    ),
    "classes with a period and no day": Folder(
        {**YEAR, "bells.csv": BELLS, "classes.csv": "Period,Class,Teacher,Room\n1,Art,J. Pell,S1\n4,PE,T. Yu,Gym\n"},
        meets=(f"Art|{ALL}|08:30|09:15|S1", f"PE|{ALL}|11:10|11:55|Gym"), **AUTUMN,
    ),
    "courses with their number of meetings in words": Folder(
        {**YEAR, "courses.csv": 'Course,When,Time,Room,Tutor\nPottery,3 Tuesdays from 14 September,18:00-19:30,Studio,J. Pell\nSpanish,"Thursdays from 24 September until 8 October, none on 1 October",18:00-19:30,R2,R. Amm\nYoga,jeden Montag ab 5. Oktober 2026,7:30-8:30,Hall,K. Ode\n'},
        "2026-09-07", "2026-12-11", ("2026-10-09", "2026-10-26..2026-10-30"),
        ("Pottery|Tue|18:00|19:30|Studio|2026-09-15 2026-09-22 2026-09-29", "Spanish|Thu|18:00|19:30|R2|2026-09-24 2026-10-08", "Yoga|Mon|07:30|08:30|Hall|" + " ".join(str(day) for day in days_of("2026-10-05", "2026-12-07"))),
    ),
    "sessions counted over a holiday": Folder(
        {**YEAR, "courses.csv": "Course,Day,Time,Starts,Sessions,Room\nPottery,Mon,18:00-19:30,12 Oct 2026,4,Studio\n"},
        meets=("Pottery|Mon|18:00|19:30|Studio|2026-10-12 2026-10-19 2026-11-02 2026-11-09",), **AUTUMN,
    ),
    "bookings that repeat and have no date": Folder(
        {"bookings.csv": 'Group,Booking,Time,Hall\nKarate,"Mondays and Wednesdays from 7 September 2026 to 16 September 2026, not 9 and 14 September",18:00-19:30,Main\nWI,first Thursday of the month from 1 October 2026 until 3 December 2026,19:30-21:30,Small\n'},
        dated=("2026-09-07 18:00|19:30|Karate|Main", "2026-09-16 18:00|19:30|Karate|Main", *(f"{day} 19:30|21:30|WI|Small" for day in ("2026-10-01", "2026-11-05", "2026-12-03"))),
    ),
    "a calendar that begins and ends terms and holidays": Folder(
        {
            "calendar.csv": "Date,Event\n2026-09-08,First day of school\n2026-10-09,Founders' day (no school)\n2026-10-26,Half term begins\n2026-10-30,Half term ends\n2026-11-25,Thanksgiving break begins\n2026-11-30,School resumes\n2026-12-11,Last day of school\n",
            "lessons.csv": "Class,Teacher,Room,Day,Start,End\n10 Art,J. Pell,S1,Fri,9:00,10:00\n",
        },
        "2026-09-08", "2026-12-11", ("2026-10-09", "2026-10-26..2026-10-30", "2026-11-25..2026-11-29"), ("10 Art|Fri|09:00|10:00|S1",),
    ),
    "a calendar with events among its closures": Folder(
        {
            "calendar.csv": "Date,Event\n2026-09-08,First day of school\n2026-09-22,Open house 18:30\n2026-10-12,Harbour day - no school\n2026-12-18,Last day of classes\n",
            "lessons.csv": "Class,Teacher,Room,Day,Start,End\n10 Art,J. Pell,S1,Mon,9:00,10:00\n",
        },
        "2026-09-08", "2026-12-18", ("2026-10-12",), ("10 Art|Mon|09:00|10:00|S1",),
        dated=("2026-09-08 00:00|00:00|First day of school|", "2026-09-22 00:00|00:00|Open house 18:30|", "2026-10-12 00:00|00:00|Harbour day - no school|", "2026-12-18 00:00|00:00|Last day of classes|"),
    ),
    "crews by a pattern": Folder(
        {"crews.csv": "Crew,Pattern,Starts\nRed,DDE--,4 January 2027\nBlue,D D E - -,6 January 2027\n", "shifts.csv": SHIFTS, "year.csv": ROSTER},
        dated=(*shifts("Red", "2027-01-04", "DDE--"), *shifts("Blue", "2027-01-06", "DDE--")),
    ),
    "crews by one pattern, each later than the one above": Folder(
        {"crews.csv": "Pattern D D E - - from 4 January 2027 until 31 January 2027, each crew two days later\nCrew,Leader\nRed,Ann\nBlue,Bo\n", "shifts.csv": SHIFTS},
        dated=(*shifts("Red", "2027-01-04", "DDE--"), *shifts("Blue", "2027-01-06", "DDE--")),
    ),
    "crews by weeks": Folder(
        {"rota.csv": "Crew,4 Jan,11 Jan,18 Jan,25 Jan\nRed,Early,Late,Off,Early\nBlue,Late,Early,Late,Off\n", "shifts.csv": "Shift,Start,End,Days\nEarly,6:00,14:00,Mon-Tue\nLate,14:00,22:00,Sat\n", "year.csv": ROSTER},
        dated=(*(f"{day} 06:00|14:00|Early|" for day in ("2027-01-04", "2027-01-05", "2027-01-25", "2027-01-26", "2027-01-11", "2027-01-12")), *(f"{day} 14:00|22:00|Late|" for day in ("2027-01-16", "2027-01-09", "2027-01-23"))),
    ),
    "a half term among the terms": Folder(
        {"terms.csv": "Term,First day,Last day\nAutumn term,2026-09-07,2026-12-11\nAutumn half term,2026-10-26,2026-10-30\n", "lessons.csv": "Class,Day,Start,End\nArt,Mon,9:00,10:00\n"},
        "2026-09-07", "2026-12-11", ("2026-10-26..2026-10-30",), ("Art|Mon|09:00|10:00|",),
    ),
    "a school year and its holidays in French": Folder(
        {"Calendrier.csv": "Période;Début;Fin\nAnnée scolaire;01/09/2026;18/12/2026\nVacances de la Toussaint;17/10/2026;01/11/2026\n", "EDT.csv": "Matière;Jour;Début;Fin\nMaths;lundi;9:00;10:00\n"},
        "2026-09-01", "2026-12-18", ("2026-10-17..2026-11-01",), ("Maths|Mon|09:00|10:00|",),
    ),
    "times beside periods, and no bells": Folder(
        {**YEAR, "lessons.csv": "Class,Day,Period,Time,Room\n10 Art,Tue,1,8:00-9:25,S1\n11 Maths,Wed,2,9:30-10:55,M2\n"},
        **AUTUMN, meets=("10 Art|Tue|08:00|09:25|S1", "11 Maths|Wed|09:30|10:55|M2"),
    ),
    "a month in the corner": Folder(
        {"june.csv": "June 2027,1,2,3\n,Tue,Wed,Thu\nAda,D,E,-\nBo,-,D,E\n", "codes.csv": SHIFTS},
        dated=("2027-06-01 07:00|15:00|Day|", "2027-06-02 15:00|22:00|Evening|", "2027-06-02 07:00|15:00|Day|", "2027-06-03 15:00|22:00|Evening|"),
    ),
    "weekdays of numbered weeks across": Folder(
        {
            "rota.csv": "Name,Week 1 Mon,Week 1 Tue,Mon (week 2)\nAda,E,L,\nBo,L,,E\n\nE = 7:00-15:00\nL = 15:00-22:00\n",
            "weeks.csv": "Week commencing,Week\n7 Sep 2026,1\n14 Sep 2026,2\n21 Sep 2026,1\n",
            "terms.csv": "Term,First day,Last day\nAutumn,2026-09-07,2026-09-25\n", "closures.csv": "Closure,Date\nInset,2026-09-08\n",
        },
        **SPAN, closed=("2026-09-08",),
        meets=("E|Mon|07:00|15:00||2026-09-07 2026-09-14 2026-09-21", "L|Mon|15:00|22:00||2026-09-07 2026-09-21", "L|Tue|15:00|22:00||2026-09-22"),
    ),
    "two weeks of weekdays from a date": Folder(
        {"rota.csv": "Rota from Monday 4 January 2027\nName,Mon,Tue,Wed,Thu,Fri,Sat,Sun,Mon,Tue\nAda,E,,,,,L,,,E\nBo,,L,,,,,,E,\n\nE = Early 7:00-15:00\nL = Late 14:00-22:00\n"},
        dated=("2027-01-04 07:00|15:00|Early|", "2027-01-05 14:00|22:00|Late|", "2027-01-09 14:00|22:00|Late|", "2027-01-11 07:00|15:00|Early|", "2027-01-12 07:00|15:00|Early|"),
    ),
    "duties by initials, with a list of staff": Folder(
        {"duty.csv": "Week beginning,Monday,Tuesday,Wednesday\n7 Sep 2026,AH,BK,CL\n14 Sep 2026,BK,CL,AH\n", "staff.csv": "Initials,Name\nAH,Ann Hale\nBK,Bo Kerr\nCL,Cy Lund\n"},
        dated=tuple(f"{day} 00:00|00:00|{name}|" for day, name in (("2026-09-07", "Ann Hale"), ("2026-09-08", "Bo Kerr"), ("2026-09-09", "Cy Lund"), ("2026-09-14", "Bo Kerr"), ("2026-09-15", "Cy Lund"), ("2026-09-16", "Ann Hale"))),
    ),
    "examinations with lengths in their cells": Folder(
        {"exams.csv": "Date,Session,Grade 10,Grade 11\nMon 7 Dec 2026,9:00-12:00,English P1 (2 h),Physics (90 min)\n,13:00-14:30,History,\nTue 8 Dec 2026,9:00-11:00,Maths P1,Chemistry\n"},
        dated=("2026-12-07 09:00|11:00|English P1|", "2026-12-07 09:00|10:30|Physics|", "2026-12-07 13:00|14:30|History|", "2026-12-08 09:00|11:00|Maths P1|", "2026-12-08 09:00|11:00|Chemistry|"),
    ),
    "sessions that head the columns": Folder(
        {"exams.csv": "Date,AM (9:00),PM (13:30)\nMon 7 Dec 2026,Maths (1h 30m),French (45m)\nTue 8 Dec 2026,English (2h 15m),\n"},
        dated=("2026-12-07 09:00|10:30|Maths|", "2026-12-07 13:30|14:15|French|", "2026-12-08 09:00|11:15|English|"),
    ),
    "rooms by halves of the day": Folder(
        {**YEAR, "rooms.csv": "Room,Monday,,Tuesday,\n,AM,PM,AM,PM\nHall,Choir,Dance,,Yoga\nStudio,Pottery,,Pottery,Drawing\n", "hours.csv": "Session,Start,End\nAM,9:00,12:00\nPM,13:00,16:00\n"},
        meets=("Choir|Mon|09:00|12:00|Hall", "Dance|Mon|13:00|16:00|Hall", "Yoga|Tue|13:00|16:00|Hall", "Pottery|Mon Tue|09:00|12:00|Studio", "Drawing|Tue|13:00|16:00|Studio"), **AUTUMN,
    ),
    "teachers by days and periods": Folder(
        {**YEAR, "bells.csv": BELLS, "staff.csv": "Teacher,Mon,,Tue,\n,P1,P2,P1,P2\nMs Hale,7A R1,7B R1,,7A R1\nMs Yu,7B Gym,,7A Gym,7B Gym\n"},
        meets=("7A|Mon|08:30|09:15|R1", "7B|Mon|09:20|10:05|R1", "7A|Tue|09:20|10:05|R1", "7B|Mon|08:30|09:15|Gym", "7A|Tue|08:30|09:15|Gym", "7B|Tue|09:20|10:05|Gym"), **AUTUMN,
    ),
    "a grid that says but when its lines begin": Folder(
        {**YEAR, "1A.csv": "Hora,Lunes,Martes\n9:00,Cálculo (Aula 3),Física (Aula 3)\n10:00,Física (Aula 3),\n11:00,,Cálculo (Aula 3)\n"},
        meets=("1A|Mon|09:00|10:00|Aula 3", "1A|Tue|09:00|10:00|Aula 3", "1A|Mon|10:00|11:00|Aula 3", "1A|Tue|11:00|12:00|Aula 3"), **AUTUMN,
    ),
    "cells of three words": Folder(
        {**YEAR, "bells.csv": "Stunde,Beginn,Ende\n1.,7:45,8:30\n2.,8:35,9:20\n", "7a.csv": "7a,Mo,Di,Mi\n1.,D LEN 101,M OTT 101,\n2.,M OTT 101,,D LEN 101\n"},
        meets=("7a|Mon Tue|07:45|08:30|101", "7a|Mon Wed|08:35|09:20|101"), **AUTUMN,
    ),
    "a caption with a teacher and a date": Folder(
        {**YEAR, "oak.csv": "Oak class – Miss Bee,,\n,Mon,Tue\n9:00-10:00,Literacy,Maths\n10:00-10:15,Break,Break\n10:15-11:15,Maths,Science\n", "elm.csv": "Class 4E timetable from Monday 12 October 2026,,\n,Mon,Tue\n9:00-10:00,Art,PE\n10:00-11:00,PE,Art\n"},
        meets=("Oak|Mon Tue|09:00|10:00|", "Oak|Mon Tue|10:15|11:15|", "4E|Mon Tue|09:00|10:00||" + (late := " ".join(str(day) for day in days_of("2026-10-12", "2026-12-11"))), "4E|Mon Tue|10:00|11:00||" + late), **AUTUMN,
    ),
    "a day of a festival": Folder(
        {"Fri 2 July 2027.csv": "Time,Harbour Stage,Barn Stage\n18:00-19:00,Opening,Storytelling\n19:00-20:30,Fiddle band,\n"},
        dated=("2027-07-02 18:00|19:00|Opening|Harbour Stage", "2027-07-02 18:00|19:00|Storytelling|Barn Stage", "2027-07-02 19:00|20:30|Fiddle band|Harbour Stage"),
    ),
    "fixtures of a league": Folder(
        {"fixtures.csv": "Round,Date,KO,Home,Away,Venue\n1,Sat 5 Sep 2026,10:30,Otters,Seals,Park 1\n2,Sat 12 Sep 2026,12:00,Seals,Terns,Park 2\n"},
        dated=("2026-09-05 10:30|11:30|Otters – Seals|Park 1", "2026-09-12 12:00|13:00|Seals – Terns|Park 2"),
    ),
    "several dates in a cell": Folder(
        {"meetings.csv": 'Committee,Dates,Time,Venue\nPlanning,"8 Sep, 6 Oct and 10 Nov 2026",18:30-19:30,Chamber\nHarbour,15 and 16 September 2026,19:00-20:00,Room 2\n'},
        dated=(*(f"{day} 18:30|19:30|Planning|Chamber" for day in ("2026-09-08", "2026-10-06", "2026-11-10")), *(f"{day} 19:00|20:00|Harbour|Room 2" for day in ("2026-09-15", "2026-09-16"))),
    ),
    "closures without names, below one heading": Folder(
        {"terms.csv": TERM, "closed.csv": "No classes\n26-30 Oct 2026\n9 Oct 2026\n", "classes.csv": "Class,Level,Day,Start,End,Studio,Teacher\nTap,Grade 1,Mon,16.30,17.15,B,Miss Ode\n"},
        meets=("Tap|Mon|16:30|17:15|B",), **AUTUMN,
    ),
    "an order of dates that another sheet proves": Folder(
        {"periodos.csv": "Período;Início;Fim\n1;14/09/2026;16/12/2026\n", "ferias.csv": "Interrupção;De;Até\nFeriado;05/10/2026;05/10/2026\n", "8A.csv": "Turma 8A;;\nHora;Segunda;Sexta\n08:30-09:20;Artes;Inglês\n09:30-10:20;Inglês;Artes\n"},
        "2026-09-14", "2026-12-16", ("2026-10-05",), ("8A|Mon Fri|08:30|09:20|", "8A|Mon Fri|09:30|10:20|"),
    ),
    "sections that several courses share": Folder(
        {**YEAR, "bells.csv": BELLS, "schedule.csv": "Course,Section,Teacher,Room,Day,Period\nAlgebra,1,Ortiz,204,Mon,1\nArt,1,Ngo,Art,Mon,1\nBiology,2,Chen,Lab 1,Tue,2\n"},
        meets=("Algebra 1|Mon|08:30|09:15|204", "Art 1|Mon|08:30|09:15|Art", "Biology 2|Tue|09:20|10:05|Lab 1"), **AUTUMN,
    ),
    "runs of a bus": Folder(
        {**YEAR, "runs.csv": "Route,Days,Departs,Arrives,Driver\nHarbour loop,Mon-Thu,15:35,16:10,J. Pell\nHarbour loop,Fri,14:05,14:40,R. Amm\n"},
        meets=("Harbour loop|Mon Tue Wed Thu|15:35|16:10|", "Harbour loop|Fri|14:05|14:40|"), **AUTUMN,
    ),
    "terms and closures as lines of text": Folder(
        {"dates.txt": "Autumn term: 7 September 2026 – 11 December 2026\n", "closures.txt": "Founders' day: 9 October 2026\nHalf term: 26–30 October 2026\n", "clubs.csv": "Club,Day,Time,Where,Leader\nChess,Tuesdays,3.30-4.30pm,Library,Mr Ash\n"},
        meets=("Chess|Tue|15:30|16:30|Library",), **AUTUMN,
    ),
    "weeks of a module, one left out": Folder(
        {"terms.csv": "Semester,Teaching begins,Teaching ends\nAutumn,2026-09-28,2026-10-23\n", "closed.csv": "Holiday,Date\nReading day,2026-10-23\n", "modules.csv": "Module,Activity,Weekday,Time,Weeks,Location,Lecturer\nPHY101,Lecture,Monday,10:00-12:00,1-4 (not 3),LT A,Dr Osei\n"},
        "2026-09-28", "2026-10-23", ("2026-10-23",), ("PHY101|Mon|10:00|12:00|LT A|2026-09-28 2026-10-05 2026-10-19",),
    ),
    "high water": Folder(
        {"tides.csv": "Date,HW1,HW2\n3 Jan 2027,06:12,18:31\n4 Jan 2027,06:58,19:19\n"},
        dated=("2027-01-03 06:12|07:12|HW1|", "2027-01-03 18:31|19:31|HW2|", "2027-01-04 06:58|07:58|HW1|", "2027-01-04 19:19|20:19|HW2|"),
    ),
}  # fmt: skip


@pytest.mark.parametrize("name", FOLDERS)
def test_a_folder_comes_out_true_with_two_commands(tmp_path, name):
    assert_comes_out_true(tmp_path, FOLDERS[name])


def changed(name, file, old, new):
    """The files of a folder, one of them changed in one thing."""
    files = FOLDERS[name].files
    assert old in files[file]
    return {**files, file: files[file].replace(old, new)}


TWINS = {
    "crews whose pattern has no date": (changed("crews by a pattern", "crews.csv", "4 January 2027", "4/1/2027"), "pattern-without-date"),
    "crews without an end": ({file: text for file, text in FOLDERS["crews by a pattern"].files.items() if file != "year.csv"}, "endless-repeat"),
    "crews by one pattern, without an end": (changed("crews by one pattern, each later than the one above", "crews.csv", " until 31 January 2027", ""), "endless-repeat"),
    "times beside periods that ring": ({**FOLDERS["times beside periods, and no bells"].files, "bells.csv": BELLS}, "against-bells"),
    "weeks whose days nothing says": (changed("crews by weeks", "shifts.csv", ",Days", ",Notes"), "days-of-week-open"),
    "a code that nothing explains": (changed("two weeks of weekdays from a date", "rota.csv", "Bo,,L", "Bo,,X"), "code-unexplained"),
    "a holiday that does not end": (changed("a calendar that begins and ends terms and holidays", "calendar.csv", "2026-10-30,Half term ends\n", ""), "edge-alone"),
    "more sessions than the year has": (changed("sessions counted over a holiday", "courses.csv", ",4,", ",40,"), "fewer-meetings"),
    "a number of sessions that is none": (changed("sessions counted over a holiday", "courses.csv", ",4,", ",some,"), "no-number"),
    "a fortnight that nothing begins": (changed("bookings that repeat and have no date", "bookings.csv", "first Thursday of the month from 1 October 2026", "every other Thursday"), "no-date"),
    "a day's number below the wrong weekday": (changed("a month's page of letters", "calendar.csv", "14,15,16", "15,14,16"), "wrong-day-number"),
    "letters beside a day that no month has": (changed("letters in a year at a glance", "year.csv", "30,,", "30,,\n31,A,"), "no-day"),
    "lines that begin at no steady step": (changed("a grid that says but when its lines begin", "1A.csv", "11:00", "9:30"), "unreadable-times"),
}  # fmt: skip
"""Folders that differ from a true one in one thing: the code of what must be said."""


@pytest.mark.parametrize("name", TWINS)
def test_its_twin_is_refused_or_told(tmp_path, name):
    files, code = TWINS[name]
    plan, draft = drafted(tmp_path, laid_out(tmp_path, files))
    said = {problem.code for problem in prepare(plan, BuildChoices()).problems}
    said |= {problem.code for problem in (*draft.left_out.values(), *draft.to_correct)}
    assert code in said


TERM_OF_TWO_WEEKS = {"terms.csv": "Term,Start,End\nAutumn,2026-09-07,2026-09-18\n", "closures.csv": CLOSED}
SAID_BY_CELLS = [
    ("Class,Day,Start,Hours\nArt,Mon,9:00,2\nMaths,Tue,10:00,1\n", ["Art 09:00–11:00", "Maths 10:00–11:00"]),
    (
        "Class,Time,Mon,Tue\n7a,8:00–8:45,Art (R1),\n,8:50–9:35,,Latin (R2)\n",
        ["7a 08:00–08:45 R1", "7a 08:50–09:35 R2"],
    ),
    ("Team,Coach,Where,Meets,Times,Contact\nU12,Kay,Gym,Mon,5pm-6pm,office\n", ["U12 17:00–18:00 Gym"]),
    (
        "Course,Meets,Starts,Length,Fee\nClay,Mon,17:00,60 min,free\nSong,Tue,18:00,90 min,free\n",
        ["Clay 17:00–18:00", "Song 18:00–19:30"],
    ),
    (
        "Team,Day,Entrada,Salida\nU10,Po,16:00,17:00\nU12,Št,17:00,18:00\nU14,St,18:00,19:00\n",
        ["U10 16:00–17:00", "U14 18:00–19:00", "U12 17:00–18:00"],
    ),
]


@pytest.mark.parametrize(
    ("sheet", "expected"), SAID_BY_CELLS, ids=[sheet.partition("\n")[0] for sheet, _ in SAID_BY_CELLS]
)
def test_cells_decide_what_a_heading_may_mean(tmp_path, sheet, expected):
    plan, _ = drafted(tmp_path, laid_out(tmp_path, {"list.csv": sheet, **TERM_OF_TWO_WEEKS}))
    errors, meetings = built(plan)
    first_week = sorted((when, end, who, where) for when, end, who, where in meetings if when < "2026-09-12")
    found = [f"{who} {when[11:]}–{end} {where}".strip() for when, end, who, where in first_week]
    assert (errors, found) == ([], expected)


def test_periods_are_told_by_their_numbers_where_most_ring(tmp_path):
    grid = "Class 7a,,\n,Mon,Tue\nH1,Art,\nH2,,Latin\nH3,Art,Latin\n"
    for bells, code in (
        ("1,8:00,8:45\n2,8:50,9:35\n3,9:40,10:25\n", "period-by-number"),
        ("1,8:00,8:45\n9,9:00,9:45\n", ""),
    ):
        files = {"7a.csv": grid, "bells.csv": f"Period,Start,End\n{bells}", **TERM_OF_TWO_WEEKS}
        plan, _ = drafted(tmp_path, laid_out(tmp_path, files))
        problems = prepare(plan, BuildChoices(machine_zone="America/Halifax")).problems
        assert (code in {one.code for one in problems}, has_errors(problems)) == (bool(code), not code)
