"""Folders of several countries and trades whose sheets say more to one another than their headings do."""

from datetime import date, timedelta

import pytest

from made_schools import built, drafted, laid_out
from nomarium.core.building import BuildChoices, prepare
from nomarium.core.columns import Kind
from nomarium.core.drafting.sheets import look_at
from nomarium.core.recognition import any_days, families
from nomarium.core.sheets import holding_span
from nomarium.core.slots import UnknownDay, read_week_numbers
from nomarium.core.values import weekdays_in_turn
from test_folders import AUTUMN, CLOSED, LESSONS, TERM, Folder, assert_comes_out_true, days_of

SCHOOL_DAYS = [day for day in days_of("2026-09-07", "2026-10-02") if day.weekday() < 5]
OTHERS = {day: number % 5 + 1 for number, day in enumerate(day for day in SCHOOL_DAYS if str(day) != "2026-09-14")}


def on(label, days=OTHERS):
    """The dates that have a label, as a folder's lines name them."""
    return " ".join(str(day) for day, said in days.items() if said == label)


def every(step, first, count):
    """So many dates, a number of days apart."""
    return [date.fromisoformat(first) + timedelta(days=step * number) for number in range(count)]


FOLDERS = {
    "a Belgian school: 8u25, vacations in one word, codes of teachers and subjects on lists of their own": Folder(
        {
            "Lesrooster 1A.csv": 'Lesuur;Uur;maandag;woensdag\n1;8u25 - 9u15;"WIS\nVDB\nB12";"NED\nPEE\nB14"\n2;9u15 - 10u05;"NED\nPEE\nB14";"WIS\nVDB\nB12"\n',
            "Vakken.csv": "Code;Vak\nWIS;wiskunde\nNED;Nederlands\n",
            "Leraren.csv": "Code;Naam\nVDB;An Van den Broeck\nPEE;Tom Peeters\n",
            "Schooljaar.csv": "Schooljaar;Eerste schooldag;Laatste schooldag\n2026-2027;dinsdag 1 september 2026;vrijdag 18 december 2026\n",
            "Vakantieregeling.csv": "Periode;Van;Tot en met\nHerfstvakantie;maandag 2 november 2026;zondag 8 november 2026\nWapenstilstand;woensdag 11 november 2026;\n",
        },
        "2026-09-01", "2026-12-18", ("2026-11-02..2026-11-08", "2026-11-11"),
        ("1A|Mon Wed|08:25|09:15|B12|" + " ".join(str(day) for day in days_of("2026-09-01", "2026-12-18") if day.weekday() == 0), "1A|Wed|08:25|09:15|B14", "1A|Mon|09:15|10:05|B14", "1A|Wed|09:15|10:05|B12"),
    ),
    "a middle school: teachers by periods, bells by grade side by side": Folder(
        {
            "Master schedule.csv": "Teacher,Room,Period 1,Period 2,Period 3\nMs. Avery,204,Math 6 (6A),Math 7 (7A),Prep\nMr. Boone,118,ELA 7 (7A),Prep,ELA 6 (6A)\n",
            "Bell schedule.csv": "Grade 6,,,,Grades 7-8,,\nPeriod,Start,End,,Period,Start,End\n1,8:00,8:50,,1,8:00,8:50\n2,8:54,9:44,,Lunch,8:54,9:24\n3,9:48,10:38,,2,9:28,10:18\n,,,,3,10:22,11:12\n",
            "Calendar.csv": "Event,Date,End date\nFirst day of school,8/17/2026,\nLabor Day – no school,9/7/2026,\nThanksgiving break – no school,11/25/2026,11/27/2026\nLast day of semester,12/18/2026,\n",
        },
        "2026-08-17", "2026-12-18", ("2026-09-07", "2026-11-25..2026-11-27"),
        ("6A|Mon Tue Wed Thu Fri|08:00|08:50|204", "7A|Mon Tue Wed Thu Fri|09:28|10:18|204", "7A|Mon Tue Wed Thu Fri|08:00|08:50|118", "6A|Mon Tue Wed Thu Fri|09:48|10:38|118"),
    ),
    "evening classes: nights, numbers of weeks, and when there is none": Folder(
        {
            "Evening classes.csv": "Course,Tutor,Night,Time,Weeks,Starts,Notes,Venue,Fee\nSpanish,M. Ortega,Tues,7-9pm,4,22/09/2026,,Room 4,€120\nClay,P. Lacey,Wed,7.30-9.30pm,3,23/09/2026,No class 30 September,Art room,€90\nPhotos,L. Quirke,Mon & Wed,6.30-8pm,2,21/09/2026,,Room 2,€80\n",
        },
        "2026-09-21", "2026-10-18", (),
        ("Spanish|Tue|19:00|21:00|Room 4|2026-09-22 2026-09-29 2026-10-06 2026-10-13", "Clay|Wed|19:30|21:30|Art room|2026-09-23 2026-10-07", "Photos|Mon Wed|18:30|20:00|Room 2|2026-09-21 2026-09-23 2026-09-28 2026-09-30"),
    ),
    "a two-week timetable: week, weekday and period in one cell": Folder(
        {
            "export.csv": "Class,Subject,Teacher,Room,Day/Period\n7X/Ma1,Maths,Mr J Holt,M4,A Mon 2\n7X/Ma1,Maths,Mr J Holt,M4,B Tue 1\n",
            "School day.csv": "Lesson,Starts,Ends\n1,08:50,09:50\n2,09:50,10:50\n",
            "Term dates.csv": "Term,Starts,Ends,Half term starts,Half term ends\nAutumn,03/09/2026,02/10/2026,21/09/2026,25/09/2026\n",
            "INSET days.csv": "Date,Reason\n03/09/2026,INSET day\n",
            "Weeks.csv": "Week commencing,Week\n31/08/2026,A\n07/09/2026,B\n14/09/2026,A\n28/09/2026,B\n",
        },
        "2026-09-03", "2026-10-02", ("2026-09-03", "2026-09-21..2026-09-25"),
        ("7X/Ma1|Mon|09:50|10:50|M4|2026-09-14", "7X/Ma1|Tue|08:50|09:50|M4|2026-09-08 2026-09-29"),
    ),
    "an exam timetable: dates across, starts down, how long all take below": Folder(
        {
            "exams.csv": "Practical exams,,\nTime,Mon 15 March 2027,Tue 16 March 2027\n09:30,Ella Frost,Ida Bell\n09:45,,Tom Reed\n10:30,Una Park,\n,Each exam takes 15 minutes.,\n",
        },
        dated=("2027-03-15 09:30|09:45|Ella Frost|", "2027-03-15 10:30|10:45|Una Park|", "2027-03-16 09:30|09:45|Ida Bell|", "2027-03-16 09:45|10:00|Tom Reed|"),
    ),
    "a laboratory's week: the year in the title alone": Folder(
        {
            "bookings.csv": 'Lab bookings,,\n"Week of September 14, 2026",,\n,Monday Sep 14,Tuesday Sep 15\n9:00-11:00,BIO 101,CHEM 110\n14:00-16:00,,BIO 102\n',
        },
        dated=("2026-09-14 09:00|11:00|BIO 101|", "2026-09-15 09:00|11:00|CHEM 110|", "2026-09-15 14:00|16:00|BIO 102|"),
    ),
    "a college: codes beside titles, runs of letters, dates of its own in every row": Folder(
        {
            "sections.csv": "CRN,Course,Title,Instructor,Room,Days,Begin Time,End Time,Start Date,End Date\n20114,ENG 101,Writing,D. Okafor,H4,MWF,9:00 AM,9:50 AM,8/24/2026,12/11/2026\n20115,ART 1,Drawing,T. Marsh,A3,TR,1:00 PM,2:15 PM,8/24/2026,10/16/2026\n20116,ART 2,Clay,T. Marsh,A3,S,9:00 AM,11:45 AM,10/17/2026,12/11/2026\n",
            "Holidays.csv": "Holiday,First Day,Last Day\nLabor Day,09/07/2026,09/07/2026\nThanksgiving,11/25/2026,11/28/2026\n",
        },
        "2026-08-24", "2026-12-11", ("2026-09-07", "2026-11-25..2026-11-28"),
        ("20114|Mon Wed Fri|09:00|09:50|H4", "20115|Tue Thu|13:00|14:15|A3|" + " ".join(map(str, days_of("2026-08-24", "2026-10-16"))), "20116|Sat|09:00|11:45|A3|" + " ".join(map(str, days_of("2026-10-17", "2026-12-11")))),
    ),
    "a clinic: rooms down, its dates in a title": Folder(
        {
            "plan.csv": "\"Clinic plan, valid 11.01.2027 to 25.06.2027\"\nRoom,Monday,Tuesday,Thursday\nRoom 1,Dr Haas 8:00-12:00,,Dr Meili 13:00-17:00\nRoom 2,,Dr Sutter 8:30-12:00,\n",
            "closed.csv": "Closed,From,To\nEaster,26.03.2027,29.03.2027\nBridge,06.05.2027,07.05.2027\n",
        },
        "2027-01-11", "2027-06-25", ("2027-03-26..2027-03-29", "2027-05-06..2027-05-07"),
        ("Dr Haas|Mon|08:00|12:00|Room 1", "Dr Meili|Thu|13:00|17:00|Room 1", "Dr Sutter|Tue|08:30|12:00|Room 2"),
    ),
    "a Dutch school: spans whose headings nobody knows": Folder(
        {
            "Rooster.csv": "Klas;Vak;Docent;Lokaal;Dag;Lesuur\nTIM1A;Techniek;Van Dalen;B1;maandag;1-2\nTIM1A;Rekenen;Hoekstra;A0;dinsdag;3\n",
            "Lesuren.csv": "Lesuur;Begin;Einde\n1;8:30;9:20\n2;9:20;10:10\n3;10:30;11:20\n",
            "Vakanties.csv": "Vakantie;Van;Tot en met\nHerfst;12-10-2026;16-10-2026\nKerst;21-12-2026;01-01-2027\n",
            "Schooljaar.csv": "Schooljaar;Dag een;Dag laatst\n2026-2027;31-08-2026;29-01-2027\n",
        },
        "2026-08-31", "2027-01-29", ("2026-10-12..2026-10-16", "2026-12-21..2027-01-01"),
        ("TIM1A|Mon|08:30|10:10|B1", "TIM1A|Tue|10:30|11:20|A0"),
    ),
    "Swedish evening courses: the shortest weekdays, calendar weeks of the year that the file names": Folder(
        {
            "Kurser hösten 2026.csv": "Kurs;Lärare;Lokal;Dag;Tid;Veckor\nSvenska;Eva Lind;Sal 3;må;17.30-19.00;v. 36-38\nFoto;Olle Berg;Sal 1;lö;10.00-13.00;v. 37, 39\nKör;Siv Alm;Aulan;on;18.00-19.00;v. 36-39\n",
            "Lov.csv": "Lov;Från;Till\nStudiedag;2026-09-14;2026-09-14\n",
        },
        "2026-08-31", "2026-09-27", ("2026-09-14",),
        ("Svenska|Mon|17:30|19:00|Sal 3|2026-08-31 2026-09-07", "Foto|Sat|10:00|13:00|Sal 1|2026-09-12 2026-09-26", "Kör|Wed|18:00|19:00|Aulan"),
    ),
    "a list of days with kinds of day and remarks beside the labels, homerooms for classes": Folder(
        {
            "days.csv": "Weekday,Date,Day,Schedule,Note\n" + "".join(f"{day:%A},{day},{f'Day {OTHERS[day]}' if day in OTHERS else ''},{'Assembly' if day.day == 18 else 'Regular' if day in OTHERS else ''},{'' if day in OTHERS else 'No school'}\n" for day in SCHOOL_DAYS),
            "bells.csv": "Regular,,,,Assembly,,\nBlock,Start,End,,Block,Start,End\nA,8:45,9:55,,A,8:45,9:40\nB,10:00,11:10,,B,9:45,10:40\n",
            "sections.csv": "Homeroom,Course,Teacher,Room,Days,Block\n9-1,Math,J. Farrow,101,\"Day 1, Day 5\",A\n9-2,Art,M. Quill,Studio,Day 4,B\n",
        },
        "2026-09-07", "2026-10-02",
        meets=(
            f"9-1|Mon Tue Wed Thu Fri|08:45|09:55|101|{on(1)} {' '.join(d for d in on(5).split() if d != '2026-09-18')}",
            *(f"9-1|Fri|08:45|09:40|101|{d}" for d in on(5).split() if d == "2026-09-18"),
            *(f"9-2|Mon Tue Wed Thu Fri|{'09:45|10:40' if d == '2026-09-18' else '10:00|11:10'}|Studio|{d}" for d in on(4).split()),
        ),
    ),
    "dates below the letters of a cycle, bells by the weekdays in their files' names": Folder(
        {
            "AB days.csv": "A days,B days\n" + "".join(f"{a:%m/%d/%Y},{b:%m/%d/%Y}\n" for a, b in zip(SCHOOL_DAYS[::2], SCHOOL_DAYS[1::2], strict=True)),
            "Bells Mon Tue Thu Fri.csv": "Block,Start,End\n1,8:30,9:55\n2,10:05,11:30\n",
            "Bells Wednesday.csv": "Block,Start,End\n1,8:30,9:40\n2,9:50,11:00\n",
            "master.csv": "Teacher,Course,Room,Block\nAlvarez,Spanish,C4,A1\nNakai,Biology,L2,B2\n",
        },
        "2026-09-07", "2026-10-02",
        meets=(f"Spanish|Mon Tue Thu Fri|08:30|09:55|C4|{' '.join(map(str, SCHOOL_DAYS[::2]))}", f"Spanish|Wed|08:30|09:40|C4|{' '.join(map(str, SCHOOL_DAYS[::2]))}", f"Biology|Mon Tue Thu Fri|10:05|11:30|L2|{' '.join(map(str, SCHOOL_DAYS[1::2]))}", f"Biology|Wed|09:50|11:00|L2|{' '.join(map(str, SCHOOL_DAYS[1::2]))}"),
    ),
    "watches by a pattern whose dates prove their order together, a key with On and Off": Folder(
        {
            "watches.csv": "Watch,Pattern,First tour,Until\nRed,DDNN----,04/01/2027,15/01/2027\nWhite,DDNN----,06/01/2027,15/01/2027\n",
            "shifts.csv": "Shift,Name,On,Off\nD,Day,09:00,18:00\nN,Night,18:00,09:00\n",
        },
        dated=tuple(
            f"{day + timedelta(days=offset)} {start}|{end}|{name}|"
            for first in ("2027-01-04", "2027-01-06")
            for offset, start, end, name in ((0, "09:00", "18:00", "Day"), (1, "09:00", "18:00", "Day"), (2, "18:00", "09:00", "Night"), (3, "18:00", "09:00", "Night"))
            for day in every(8, first, 2)
            if day + timedelta(days=offset) <= date(2027, 1, 15)
        ),
    ),
    "terms above closures on one sheet, periods that only count up, a remark below them": Folder(
        {
            "year.csv": "Term,Opens,Closes\nAutumn,2026-09-07,2026-10-16\n\nSchool closed,From,To\nFair,2026-09-21,2026-09-22\n",
            "times.csv": "Class,From,To\n1,8:50,9:50\n2,9:50,10:50\n3,11:05,12:05\n\nNo third class on Wednesdays (half day)\n",
            "Class 1A.csv": "Class 1A timetable 2026/27\n,Mon,Wed\n1,Maths / MOB / R4,Irish / SL / R7\n3,Irish / SL / R7,\n",
            "staff.csv": "Initials,Teacher\nMOB,Maeve Byrne\nSL,Síle Lavery\n",
        },
        "2026-09-07", "2026-10-16", ("2026-09-21..2026-09-22",),
        ("1A|Mon|08:50|09:50|R4", "1A|Wed|08:50|09:50|R7", "1A|Mon|11:05|12:05|R7"),
    ),
    "an Italian class: hour and times in one head, teachers by their titles": Folder(
        {
            "terms.csv": TERM, "closures.csv": CLOSED,
            "orario.csv": "Orario classe 3B\n,lunedì,martedì,sabato\n1ª ora 8:10-9:10,Latino / prof.ssa Berti,Storia / prof. Riva,\n2ª ora 9:10-10:05,Storia / prof. Riva,,Latino / prof.ssa Berti\n",
        },
        meets=("3B|Mon Tue|08:10|09:10|", "3B|Mon Sat|09:10|10:05|"),
        **AUTUMN,
    ),
    "semesters by number, breaks below the word for a span, hours short": Folder(
        {
            "sem.csv": "Okres;Od;Do\nI semestr;01.09.2026;31.01.2027\nII semestr;15.02.2027;25.06.2027\n",
            "vaheajad.csv": "Periood;Algus;Lõpp\nSügisvaheaeg;19.10.2026;25.10.2026\n",
            "plan.csv": "Klasa;Przedmiot;Dzień;Godz.;Sala\n5a;matematyka;pon.;8:00-8:45;12\n5a;w-f;śr.;8:55-9:40;hala\n",
        },
        "2026-09-01", "2027-06-25", ("2026-10-19..2026-10-25", "2027-02-01..2027-02-14"),
        ("5a|Mon|08:00|08:45|12", "5a|Wed|08:55|09:40|hala"),
    ),
    "a Portuguese class: weekdays that count": Folder(
        {
            "Períodos letivos.csv": "Período;Início;Fim\n1.º período;14/09/2026;17/12/2026\n",
            "Interrupções.csv": "Motivo;De;Até\nFeriado;05/10/2026;\nFeriado;01/12/2026;\n",
            "7A.csv": "Horário da turma 7A - 2026/2027\nHoras;2ª feira;3ª feira;6ª feira\n08:30 - 09:20;Matemática / Rui Sá / Sala 4;;Inglês / Luís Pina / Sala 6\n09:30 - 10:20;;Inglês / Luís Pina / Sala 6;\n",
        },
        "2026-09-14", "2026-12-17", ("2026-10-05", "2026-12-01"),
        ("7A|Mon|08:30|09:20|Sala 4", "7A|Fri|08:30|09:20|Sala 6", "7A|Tue|09:30|10:20|Sala 6"),
    ),
    "a choir: words that say how often, and dates, in one column": Folder(
        {"rehearsals.csv": "What,When,Time,Where\nRehearsal,Every Tuesday from 8 September 2026 until 29 September 2026 except 22 September,19:30 - 21:30,Hall\nConcert,Saturday 24 October 2026,19:00 - 21:15,St Mark's\n"},
        dated=("2026-09-08 19:30|21:30|Rehearsal|Hall", "2026-09-15 19:30|21:30|Rehearsal|Hall", "2026-09-29 19:30|21:30|Rehearsal|Hall", "2026-10-24 19:00|21:15|Concert|St Mark's"),
    ),
    "an office: meetings that repeat from a first day to a last, closed between": Folder(
        {
            "meetings.csv": "Meeting,Weekday,Frequency,Starts,Ends,First,Last,Room\nSync,Monday,weekly,9:30,10:00,2026-09-14,2026-10-26,Oak\nReview,Wednesday,every 2 weeks,14:00,14:30,2026-09-16,2026-10-28,Elm\n",
            "Office closed.csv": "Holiday,Date\nThanksgiving,2026-10-12\n",
        },
        dated=(*(f"{day} 09:30|10:00|Sync|Oak" for day in every(7, "2026-09-14", 7) if str(day) != "2026-10-12"), *(f"{day} 14:00|14:30|Review|Elm" for day in every(14, "2026-09-16", 4))),
    ),
    "German lectures: several days with their times in one cell, the term above": Folder(
        {
            "Veranstaltungen.csv": "Vorlesungszeit 05.04.2027 bis 16.07.2027\n\nNr.;Veranstaltung;Dozent;Raum;Zeit\n101;Statistik;Prof. Dr. Lang;H1;Mo 10:00-12:00\n210;Seminar;Dr. Oster;R 17;\"Mi 16:00-18:00, Fr 12:00-14:00\"\n",
            "Feiertage.csv": "Feiertag;Datum\nPfingstmontag;17.05.2027\nBrückentag;07.05.2027\n",
        },
        "2027-04-05", "2027-07-16", ("2027-05-17", "2027-05-07"),
        ("Statistik|Mon|10:00|12:00|H1", "Seminar|Wed|16:00|18:00|R 17", "Seminar|Fri|12:00|14:00|R 17"),
    ),
    "a Danish class: even and odd weeks, dotted times below Fra and Til": Folder(
        {
            "Skema.csv": "Klasse;Fag;Lærer;Lokale;Dag;Fra;Til;Uger\n7.a;Dansk;Lone;12;mandag;8.00;9.30;\n7.a;Musik;Per;M;tirsdag;10.00;11.30;lige uger\n7.a;Kunst;Eva;14;tirsdag;10.00;11.30;ulige uger\n",
            "Ferie.csv": "Ferie;Fra;Til\nEfterår;12-10-2026;16-10-2026\n",
            "Skoleår.csv": "Skoleår;Første skoledag;Sidste skoledag\n2026;10-08-2026;30-10-2026\n",
        },
        "2026-08-10", "2026-10-30", ("2026-10-12..2026-10-16",),
        ("7.a|Mon|08:00|09:30|12", *(f"7.a|Tue|10:00|11:30|{room}|" + " ".join(str(d) for d in days_of("2026-08-10", "2026-10-30") if d.isocalendar().week % 2 == odd) for room, odd in (("M", 0), ("14", 1)))),
    ),
    "courses whose headings are of no language that is known: told by what stands below them": Folder(
        {
            "courses.csv": "Aa;Bb;Cc;Dd;Ee;Ff\nWeaving;pondělí;17:00;18:30;14.09.2026;14.12.2026\nSpinning;středa;18:00;19:30;16.09.2026;16.12.2026\n",
            "Svátky.csv": "Svátek;Datum\nDen české státnosti;28.09.2026\nVznik;28.10.2026\n",
        },
        "2026-09-14", "2026-12-16", ("2026-09-28", "2026-10-28"),
        ("Weaving|Mon|17:00|18:30|", "Spinning|Wed|18:00|19:30|"),
    ),
    "classes by the days of a rotation, a subject beside the times": Folder(
        {
            "specials.csv": "Class,Day 1,Day 2,Day 3,Day 4,Day 5\nK-Ames,Art 9:10-9:55,PE 9:10-9:55,Music 9:10-9:55,Library 9:10-9:55,PE 9:10-9:55\n",
            "rotation.csv": "Date,Rotation Day\n" + "".join(f"{day:%m/%d/%Y},Day {label}\n" for day, label in OTHERS.items()),
        },
        "2026-09-07", "2026-10-02", ("2026-09-14",),
        ("K-Ames|Mon Tue Wed Thu Fri|09:10|09:55|",),
    ),
    "German lectures: free days whose file says so, weekdays that are Mo and Do, hours with Uhr": Folder(
        {
            "Lehrveranstaltungen.csv": "Veranstaltung;Dozent/in;Tag;Zeit;Raum;Beginn;Ende\nStatik;Prof. Held;Mo;10-12 Uhr;H 3;12.10.2026;27.11.2026\nÜbung;Dr. Kranz;Do;14-15.30 Uhr;S 204;12.10.2026;27.11.2026\n",
            "vorlesungsfrei.csv": "Anlass;von;bis\nWeihnachtspause;23.11.2026;24.11.2026\nDies academicus;19.11.2026;\n",
        },
        "2026-10-12", "2026-11-27", ("2026-11-23..2026-11-24", "2026-11-19"),
        ("Statik|Mon|10:00|12:00|H 3", "Übung|Thu|14:00|15:30|S 204"),
    ),
    "swimming courses: weeks counted from first lessons, whose weekdays prove the order of day and month": Folder(
        {
            "courses.csv": "Course,Pool,Day(s),Start time,End time,First lesson,Weeks\nDucks,Small,Mon,16:00,16:30,07/09/2026,4\nStage 3,Main,Tue & Thu,17:00,17:45,08/09/2026,3\n",
            "Pool closed.csv": "Closed,Date\nGala,2026-09-22\n",
        },
        "2026-09-07", "2026-10-04", ("2026-09-22",),
        ("Ducks|Mon|16:00|16:30|Small", "Stage 3|Tue Thu|17:00|17:45|Main|" + " ".join(map(str, days_of("2026-09-08", "2026-09-28")))),
    ),
    "A and B days whose remarks name the days of other bells": Folder(
        {
            "Regular.csv": "Block,Start,End\n1,8:00,9:25\n2,9:35,11:00\n",
            "Early Release.csv": "Block,Start,End\n1,8:00,8:55\n2,9:05,10:00\n",
            "Day Calendar.csv": "Date,Day,Notes\n" + "".join(f"{day:%m/%d/%Y},{'AB'[n % 2]},{'Early Release' if day.weekday() == 2 else ''}\n" for n, day in enumerate(SCHOOL_DAYS)),
            "Master.csv": "Course,Teacher,Block,Day,Room\nChemistry,Blake,2,A,Lab\n",
        },
        dated=tuple(f"{day} {'09:05|10:00' if day.weekday() == 2 else '09:35|11:00'}|Chemistry|Lab" for n, day in enumerate(SCHOOL_DAYS) if n % 2 == 0),
    ),
    "a French class: the year between rentrée and fin de l’année, the school year in the caption": Folder(
        {
            "5eB.csv": "Emploi du temps – Classe 5eB – Année 2026-2027,,,\n\n,Lundi,Mardi,Jeudi\n8h00 - 8h55,\"Maths\nMme Carel\nS12\",,\"Anglais\nMme Lind\nS7\"\n9h00 - 9h55,,\"SVT\nMme Oury\nLabo\",\n",
            "vacances.csv": "Période,Début,Fin\nRentrée,01/09/2026,\nToussaint,17/10/2026,01/11/2026\nFin de l'année,20/11/2026,\n",
        },
        "2026-09-01", "2026-11-20", ("2026-10-17..2026-11-01",),
        ("5eB|Mon|08:00|08:55|S12", "5eB|Thu|08:00|08:55|S7", "5eB|Tue|09:00|09:55|Labo"),
    ),
    "an ice rink: its season in the title, two spans in a cell": Folder(
        {
            "ice.csv": "\"Weekly ice times, 5 October 2026 to 1 November 2026\",,,\n,Monday,Wednesday,Sunday\nPublic,,12:00-13:30,\"10:00-12:00\n14:00-16:00\"\nClub,16:00-18:00,,\n",
            "Closed.csv": "Closed on,Reason\n2026-10-18,Gala\n",
        },
        "2026-10-05", "2026-11-01", ("2026-10-18",),
        ("Public|Wed|12:00|13:30|", "Public|Sun|10:00|12:00|", "Public|Sun|14:00|16:00|", "Club|Mon|16:00|18:00|"),
    ),
    "specials by the days of a rotation, their hours in a column": Folder(
        {
            "specials.csv": "Class,Time,Day 1,Day 2,Day 3,Day 4,Day 5\nK-Ames,9:10-9:55,Art,PE,Music,Library,PE\n",
            "rotation.csv": "Date,Rotation Day\n" + "".join(f"{day:%m/%d/%Y},Day {label}\n" for day, label in OTHERS.items()),
        },
        "2026-09-07", "2026-10-02", ("2026-09-14",),
        ("K-Ames|Mon Tue Wed Thu Fri|09:10|09:55|",),
    ),
    "a council: days of the month below months, hours and place in a note": Folder(
        {"meetings.csv": "All meetings at 18:30–20:30 in the Council Chamber.,,\n\nCommittee,Sept 2026,Oct 2026\nPlanning,\"2, 23\",21\nAudit,,6\n"},
        dated=tuple(f"{day} 18:30|20:30|{what}|Council Chamber" for day, what in (("2026-09-02", "Planning"), ("2026-09-23", "Planning"), ("2026-10-21", "Planning"), ("2026-10-06", "Audit"))),
    ),
    "a hospital: hours of four digits across, dates down": Folder(
        {"teaching.csv": "Date,0800-0850,0900-0950\nTue 6 Oct 2026,Cardiology,Sepsis\nTue 13 Oct 2026,,Renal\n"},
        dated=("2026-10-06 08:00|08:50|Cardiology|", "2026-10-06 09:00|09:50|Sepsis|", "2026-10-13 09:00|09:50|Renal|"),
    ),
    "a theatre: first and last nights, a start and a running time": Folder(
        {"season.csv": "Show,From,To,Starts,Running time,Space\nTide Clock,Thu 1 October 2026,Sat 3 October 2026,7.30pm,2 hrs 15 mins,Main\nBoats,Tue 6 October 2026,,8pm,75 mins,Studio\n"},
        dated=(*(f"{day} 19:30|21:45|Tide Clock|Main" for day in days_of("2026-10-01", "2026-10-03")), "2026-10-06 20:00|21:15|Boats|Studio"),
    ),
    "shifts of a personnel system: the role and who has it are what they are called": Folder(
        {"shifts.csv": "Employee,Shift Start,Shift End,Role,Location,Unpaid Break (min)\nDana Cho,2026-11-30T08:00,2026-11-30T16:30,Front desk,Main,30\nEli Ruiz,2026-12-01T22:00,2026-12-02T06:00,Security,Annex,45\n"},
        dated=("2026-11-30 08:00|16:30|Front desk – Dana Cho|Main", "2026-12-01 22:00|06:00|Security – Eli Ruiz|Annex"),
    ),
    "a ward: two weeks in a line, weekdays above the days, its key below": Folder(
        {"rota.csv": "Ward 7 – off duty – 2 to 15 November 2026\n," + ",".join("Mon Tue Wed Thu Fri Sat Sun".split() * 2) + "\nName," + ",".join(map(str, range(2, 16))) + "\nAda Okafor,E,,,,,,,,,,,,,L\n\nKey\nE,Early 07:00-15:00\nL,Late 13:00-21:00\n"},
        dated=("2026-11-02 07:00|15:00|Early|", "2026-11-15 13:00|21:00|Late|"),
    ),
    "a tutor: a lesson on Saturdays, day and hours in one cell": Folder(
        {
            "lessons.csv": "Pupil,Subject,When,First lesson,No. of lessons,Not on\nLeo,Physics,Thu 17:30-18:30,10 Sept 2026,3,\nNia,Maths,Sat 9:00-10:00,12 Sept 2026,3,19 Sept 2026\n",
            "Closed.csv": "Closed,Date\nMoving,2026-09-21\n",
        },
        "2026-09-10", "2026-10-10", (),
        ("Physics|Thu|17:30|18:30||" + " ".join(map(str, days_of("2026-09-10", "2026-09-24"))), "Maths|Sat|09:00|10:00||2026-09-12 2026-09-26 2026-10-03"),
    ),
    "a Brazilian list: Início and Término": Folder(
        {
            "Horário.csv": "Turma;Disciplina;Dia;Início;Término;Sala\n9A;História;segunda-feira;07:00;07:50;12\n9A;Artes;sexta-feira;10:00;10:50;14\n",
            "Bimestres.csv": "Bimestre;Início;Término\n1º bimestre;02/02/2026;27/02/2026\n",
            "Feriados.csv": "Feriado;Data\nCarnaval;16/02/2026\n",
        },
        "2026-02-02", "2026-02-27", ("2026-02-16",),
        ("9A|Mon|07:00|07:50|12", "9A|Fri|10:00|10:50|14"),
    ),
    "a coaching centre: runs of letters that rise, batches, timings": Folder(
        {
            "Batches.csv": "Batch,Subject,Faculty,Days,Timing,Room,Start date,End date\nA,Physics,R. Menon,MWF,7:00 am - 8:30 am,R1,15-06-2026,15-07-2026\nB,Biology,A. Khan,TTS,5:00 pm - 6:30 pm,R3,15-06-2026,15-07-2026\n",
            "Holidays.csv": "Date,Holiday\n01-07-2026,Founders\n",
        },
        "2026-06-15", "2026-07-15", ("2026-07-01",),
        ("A|Mon Wed Fri|07:00|08:30|R1", "B|Tue Thu Sat|17:00|18:30|R3"),
    ),
    "a gym: starts down the side, the length of all in a note above": Folder(
        {
            "Schema.csv": "Schema 31 augusti 2026 – 27 september 2026. Alla pass är 55 minuter.;;\n\nTid;Måndag;Lördag\n07:00;Yoga;\n12:00;;Spin\n17:30;Pump;\n",
            "Stängt.csv": "Datum;Anledning\n2026-09-14;Inventering\n",
        },
        "2026-08-31", "2026-09-27", ("2026-09-14",),
        ("Yoga|Mon|07:00|07:55|", "Pump|Mon|17:30|18:25|", "Spin|Sat|12:00|12:55|"),
    ),
    "a Japanese class: 月 to 金, two signs are a word, 学期 and 休日": Folder(
        {
            "時間割 1年A組.csv": "時間割 1年A組,,,\n,月,火,水\n\"1限\n8:50-9:40\",国語,数学,英語\n\"2限\n9:50-10:40\",数学,国語,\n\"3限\n10:50-11:40\",国語,,国語\n",
            "学期.csv": "学期,開始日,終了日\n1学期,2026/4/8,2026/5/15\n",
            "休日.csv": "日付,名称\n2026/4/27,創立記念日\n2026/5/4,みどりの日\n2026/5/5,こどもの日\n",
        },
        "2026-04-08", "2026-05-15", ("2026-04-27", "2026-05-04", "2026-05-05"),
        ("1年A組|Mon|08:50|09:40|", "1年A組|Mon|09:50|10:40|", "1年A組|Mon|10:50|11:40|", "1年A組|Tue|08:50|09:40|", "1年A組|Tue|09:50|10:40|", "1年A組|Wed|08:50|09:40|", "1年A組|Wed|10:50|11:40|"),
    ),
    "an Italian list: hours by their ordinals": Folder(
        {
            "Orario.csv": "Classe;Materia;Giorno;Ora;Aula\n1A;Matematica;lunedì;1ª;12\n2B;Arte;sabato;3ª;Lab\n",
            "Scansione oraria.csv": "Ora;Dalle;Alle\n1ª;8:00;9:00\n2ª;9:00;10:00\n3ª;10:10;11:10\n",
            "Periodi.csv": "Periodo;Dal;Al\nI quadrimestre;14/09/2026;31/10/2026\n",
            "Vacanze.csv": "Vacanza;Dal;Al\nPonte;12/10/2026;12/10/2026\n",
        },
        "2026-09-14", "2026-10-31", ("2026-10-12",),
        ("1A|Mon|08:00|09:00|12", "2B|Sat|10:10|11:10|Lab"),
    ),
    "games on their dates, the weekday beside: no timetable": Folder(
        {"Games 2026.csv": "Date,Day,Opponent,Start,End,Location\n9/4/2026,Fri,vs Harlan,7:00 PM,9:00 PM,Home\n9/26/2026,Sat,@ Marlow,1:00 PM,3:00 PM,Marlow\n"},
        dated=("2026-09-04 19:00|21:00|vs Harlan|Home", "2026-09-26 13:00|15:00|@ Marlow|Marlow"),
    ),
    "a rota of duties whose hours stand in its title": Folder(
        {"rota.csv": "\"Break duty 10:40-11:00, playground\"\n\nWeek beginning,Mon,Wed\n2026-09-07,Bell,Dunn\n2026-09-14,Ford,\n"},
        dated=("2026-09-07 10:40|11:00|Bell|", "2026-09-09 10:40|11:00|Dunn|", "2026-09-14 10:40|11:00|Ford|"),
    ),
    "trips: two columns of dates that nobody knows, a row of dates below headings": Folder(
        {"trips.csv": "Trip,Leaves,Returns,Depart time,Return time,Where\nField trip,8 Oct 2026,,08:15,16:30,Valley\nCamp,13 Feb 2027,14 Feb 2027,09:00,15:00,Lake\n"},
        dated=("2026-10-08 08:15|16:30|Field trip|Valley", "2027-02-13 09:00|15:00|Camp|Lake"),
    ),
    "slots of a university, their letters in a column that is not headed as codes": Folder(
        {
            "terms.csv": TERM, "closures.csv": CLOSED,
            "slots.csv": "Time,Mon,Thu\n9:00-10:00,A,B\n10:00-11:00,B,A\n11:00-12:00,C,C\n",
            "courses.csv": "Code,Title,Instructor,Venue,Slot\nCS101,Programming,Dr Rao,LH1,A\nMA102,Calculus,Dr Iyer,LH2,B\n",
        },
        meets=("CS101|Mon|09:00|10:00|LH1", "CS101|Thu|10:00|11:00|LH1", "MA102|Thu|09:00|10:00|LH2", "MA102|Mon|10:00|11:00|LH2"),
        **AUTUMN,
    ),
    "grids below one title that says for how long": Folder(
        {
            "closed.csv": "Closed,Date\nHoliday,26 Oct 2026\n",
            "plan.csv": "Timetable from 7 September 2026 to 18 December 2026\n\nClass 7A,Mon,Tue\n9:00-10:00,Maths,\n10:00-11:00,,Art\n\nClass 7B,Mon,Tue\n9:00-10:00,,Maths\n10:00-11:00,Art,\n",
        },
        "2026-09-07", "2026-12-18", ("2026-10-26",),
        ("7A|Mon|09:00|10:00|", "7A|Tue|10:00|11:00|", "7B|Tue|09:00|10:00|", "7B|Mon|10:00|11:00|"),
    ),
    "terms and days off as lines of one text": Folder(
        {
            "Key dates.txt": "Term 1: 1 February 2027 - 9 April 2027\nTerm 2: 27 April 2027 - 2 July 2027\nWaitangi Day (no school): 8 February 2027\nBirthday (school closed): 7 June 2027\n",
            "lessons.csv": "Class,Subject,Day,Start,End\nY5,Swimming,Monday,11:00 am,12:00 pm\n",
        },
        "2027-02-01", "2027-07-02", ("2027-02-08", "2027-06-07", "2027-04-10..2027-04-26"),
        ("Y5|Mon|11:00|12:00|",),
    ),
    "runs of letters from one to another, and days on which a lesson is not": Folder(
        {
            "quarters.csv": "Quarter,Start Date,End Date\nQuarter 1,08/24/2026,10/23/2026\n",
            "off.csv": "Day off,Start Date,End Date\nLabor Day,09/07/2026,09/07/2026\n",
            "lessons.csv": "Section,Subject,Teacher,Room,Days,Start,End,Not on\nELA 6,English,B. Harris,104,M-F,8:10,9:00,\nART 6,Art,P. Nolan,2,TTh,10:00,10:50,09/08/2026; 09/24/2026\n",
        },
        "2026-08-24", "2026-10-23", ("2026-09-07",),
        ("ELA 6|Mon Tue Wed Thu Fri|08:10|09:00|104", "ART 6|Tue Thu|10:00|10:50|2|" + " ".join(str(day) for day in days_of("2026-08-24", "2026-10-23") if str(day) not in ("2026-09-08", "2026-09-24"))),
    ),
    "a cycle listed in words, an H for each holiday": Folder(
        {
            "days.csv": "Date,Day\n" + "".join(f"\"{day:%A, %B} {day.day}, {day.year}\",{OTHERS.get(day, 'H')}\n" for day in SCHOOL_DAYS),
            "prep.csv": "Class,Subject,Days,Start,End\n4A,French,\"1,3,5\",8:45,9:25\n",
        },
        "2026-09-07", "2026-10-02",
        meets=(f"4A|Mon Tue Wed Thu Fri|08:45|09:25||{on(1)} {on(3)} {on(5)}",),
    ),
    "one sheet of the year, its terms and holidays by their names": Folder(
        {
            "Calendrier.csv": "Période;Du;Au\nAnnée scolaire;14/09/2026;27/11/2026\nVacances de la Toussaint;17/10/2026;01/11/2026\nArmistice;11/11/2026;11/11/2026\n",
            "Cours.csv": "Cours;Professeur;Salle;Jour;Début;Fin\nSolfège;Anne Roux;Salle 1;mercredi;14h00;15h00\n",
        },
        "2026-09-14", "2026-11-27", ("2026-10-17..2026-11-01", "2026-11-11"),
        ("Solfège|Wed|14:00|15:00|Salle 1",),
    ),
    "weekday, week and period in one word": Folder(
        {
            "terms.csv": TERM, "closures.csv": "Holiday,From,To\nFounders' day,2026-10-09,\n",
            "periods.csv": "Period,Start,Finish\n1,9:00,10:00\n2,10:00,11:00\n",
            "weeks.csv": "Week commencing,Week\n" + "".join(f"{day},{'AB'[number % 2]}\n" for number, day in enumerate(every(7, "2026-09-07", 14))),
            "sets.csv": "Set,Subject,Room,Periods\n12A,Maths,M3,\"MonA1, WedB2\"\n",
        },
        "2026-09-07", "2026-12-11", ("2026-10-09",),
        ("12A|Mon|09:00|10:00|M3|" + " ".join(map(str, every(14, "2026-09-07", 7))), "12A|Wed|10:00|11:00|M3|" + " ".join(map(str, every(14, "2026-09-16", 7)))),
    ),
    "calls below a title in capitals, which are no pattern of shifts": Folder(
        {"calls.csv": "REHEARSAL CALLS\nDate,Call,What,Where\n5 Oct 2026,10:00-13:00,Act 1,Studio\n6 Oct 2026,10:00-13:00,Music,Band room\n"},
        dated=("2026-10-05 10:00|13:00|Act 1|Studio", "2026-10-06 10:00|13:00|Music|Band room"),
    ),
    "a Swedish school: a list of breaks whose days are weeks of the calendar or dates": Folder(
        {
            "Schema.csv": "Grupp;Kurs;Lärare;Veckodag;Start;Slut;Sal\nNA1;Fysik;LBG;Måndag;10:00;11:20;B2\n",
            "Läsårstider.csv": "Termin;Start;Slut\nHösttermin;2026-08-18;2026-12-21\nVårtermin;2027-01-11;2027-06-11\n",
            "Lov.csv": "Lov;Vecka eller datum\nHöstlov;vecka 44\nSportlov;v. 8\nStudiedag;2026-09-28\n",
        },
        "2026-08-18", "2027-06-11", ("2026-10-26..2026-11-01", "2026-12-22..2027-01-10", "2027-02-22..2027-02-28", "2026-09-28"),
        ("NA1|Mon|10:00|11:20|B2",),
    ),
    "a club: its season as two lines, closed in between": Folder(
        {
            "Training.csv": "Team,Days,Time,Pitch,Coach\nU12,Tue & Thu,18:00-19:00,Pitch 2,Aoife\nU8,Saturday,10:00-11:00,Pitch 3,Aoife\n",
            "Season.csv": "Season starts,1 March 2027\nSeason ends,30 April 2027\nNo training,26 March 2027 - 5 April 2027\n",
        },
        "2027-03-01", "2027-04-30", ("2027-03-26..2027-04-05",),
        ("U12|Tue Thu|18:00|19:00|Pitch 2", "U8|Sat|10:00|11:00|Pitch 3"),
    ),
    "an Australian school: a fortnight across, each term says its first letter": Folder(
        {
            "Year 7.csv": ",MonA,TueA,WedA,ThuA,FriA,MonB,TueB,WedB,ThuB,FriB\nP1,Art,,,,,,Music,,,\nP2,,,,,Drama,,,,,\n",
            "Bells.csv": "Period,Start,End\nP1,9:00,9:55\nP2,9:55,10:50\n",
            "Terms.csv": "Term,Starts,Ends,First week is\nTerm 1,01/02/2027,19/02/2027,A\nTerm 2,27/04/2027,14/05/2027,B\n",
            "Holidays.csv": "Date,Holiday\n15/02/2027,Harbour day\n",
        },
        "2027-02-01", "2027-05-14",
        meets=("Year 7|Mon|09:00|09:55||2027-02-01 2027-05-03", "Year 7|Tue|09:00|09:55||2027-02-09 2027-04-27 2027-05-11", "Year 7|Fri|09:55|10:50||2027-02-05 2027-02-19 2027-05-07"),
    ),
    "a Polish school: weekdays and lessons down with their hours, classes across": Folder(
        {
            "Plan lekcji.csv": "Plan lekcji 2026/2027;;;;\nDzień;Lekcja;Godziny;1a;1b\nponiedziałek;1;8:00-8:45;matematyka;\n;2;8:55-9:40;historia;wf\nwtorek;1;8:00-8:45;;matematyka\n;2;8:55-9:40;wf;\n",
            "Kalendarz.csv": "Wydarzenie;Od;Do\nSemestr I;01.09.2026;15.01.2027\n",
            "Dni wolne.csv": "Dzień wolny;Od;Do\nŚwięta;23.12.2026;01.01.2027\n",
        },
        "2026-09-01", "2027-01-15", ("2026-12-23..2027-01-01",),
        ("1a|Mon|08:00|08:45|", "1a|Mon|08:55|09:40|", "1b|Mon|08:55|09:40|", "1b|Tue|08:00|08:45|", "1a|Tue|08:55|09:40|"),
    ),
    "a music school: half terms beside the terms, lessons by their minutes": Folder(
        {
            "Lessons.csv": "Class,Teacher,Day,Start time,Minutes\nPiano,Ms Hale,Monday,15:30,30\n",
            "Term dates 2026-27.csv": ",Starts,Half term,Ends\nAutumn,Mon 7 Sep 2026,26 Oct - 31 Oct,Sat 12 Dec 2026\nSpring,Mon 4 Jan 2027,15 Feb - 20 Feb,Thu 25 Mar 2027\n",
        },
        "2026-09-07", "2027-03-25", ("2026-10-26..2026-10-31", "2026-12-13..2027-01-03", "2027-02-15..2027-02-20"),
        ("Piano|Mon|15:30|16:00|",),
    ),
    "a school of the Gulf: bell times whose title says when they hold": Folder(
        {
            "lessons.csv": "Class,Subject,Room,Day,Period\n5A,Maths,12,Sunday,1\n6B,Science,Lab,Thursday,2\n",
            "Bells.csv": "Period,Start,End\n1,07:30,08:20\n2,08:25,09:15\n",
            "Bells Ramadan.csv": "Ramadan timings 8 February 2027 to 9 March 2027\nPeriod,Start,End\n1,09:00,09:35\n2,09:40,10:15\n",
            "Terms.csv": "Term,Start,End\nTerm 2,03/01/2027,25/03/2027\n",
            "Holidays.csv": "Holiday,Date\nFounding Day,22/02/2027\nEid break,10/03/2027 - 14/03/2027\n",
        },
        "2027-01-03", "2027-03-25", ("2027-02-22", "2027-03-10..2027-03-14"),
        tuple(
            f"{name}|{weekday}|{start}|{end}|{room}|" + " ".join(map(str, days))
            for spans, times in {
                (("2027-01-03", "2027-02-07"), ("2027-03-10", "2027-03-25")): ("07:30|08:20", "08:25|09:15"),
                (("2027-02-08", "2027-03-09"),): ("09:00|09:35", "09:40|10:15"),
            }.items()
            for days in [[day for span in spans for day in days_of(*span)]]
            for name, weekday, hours, room in [("5A", "Sun", times[0], "12"), ("6B", "Thu", times[1], "Lab")]
            for start, end in [hours.split("|")]
        ),
    ),
    "sections of an American school: a period and its days in one word, terms by their abbreviations": Folder(
        {
            "Sections.csv": "Course.Section,Course Name,Teacher,Room,Expression,Term\nENG101-1,English 9,\"Cole, J.\",B12,\"1(1,3)\",S1\nMAT201-2,Algebra II,\"Diaz, M.\",C3,2(2-4),S1\n",
            "Bell schedule.csv": "Period,Start Time,End Time\n1,08:00,09:25\n2,09:35,11:00\n",
            "Day calendar.csv": "Date,Day\n" + "".join(f"{day:%m/%d/%Y},{label}\n" for day, label in OTHERS.items()),
            "Terms.csv": "Abbreviation,Name,First Day,Last Day\nS1,Semester 1,09/07/2026,10/02/2026\n",
        },
        "2026-09-07", "2026-10-02",
        meets=(f"ENG101-1|Mon Tue Wed Thu Fri|08:00|09:25|B12|{on(1)} {on(3)}", f"MAT201-2|Mon Tue Wed Thu Fri|09:35|11:00|C3|{on(2)} {on(3)} {on(4)}"),
    ),
    "a parish: a title that says for how long, a note that says when there is none": Folder(
        {
            "Weekly activities.csv": "\"Weekly activities – January 4 to May 29, 2027\"\nDay,Activity,Starts,Ends,Place\nMonday,Bible study,7:00 PM,8:30 PM,Hall\nThursday,Choir,7:30 PM,9:00 PM,Church\n\n\"No activities: March 25-27, 2027 (Holy Week)\"\n",
        },
        "2027-01-04", "2027-05-29", ("2027-03-25..2027-03-27",),
        ("Bible study|Mon|19:00|20:30|Hall", "Choir|Thu|19:30|21:00|Church"),
    ),
    "clinics: weekdays of the month, sessions by their key, the months in the title": Folder(
        {
            "Clinics.csv": "\"Outpatient clinics, January to March 2027\"\nConsultant,Clinic,Frequency,Session,Location\nDr Osei,Diabetes,1st & 3rd Tuesday,AM,Suite A\nDr Roy,Asthma,2nd Thursday,PM,Suite A\nDr Osei,Review,Last Friday,PM,Suite C\n",
            "Sessions.csv": "Session,Start,End\nAM,09:00,12:30\nPM,13:30,17:00\n",
            "Bank holidays.csv": "Bank holiday,Date\nGood Friday,26/03/2027\n",
        },
        dated=(
            *(f"{day} 09:00|12:30|Diabetes|Suite A" for day in ["2027-01-05", "2027-01-19", "2027-02-02", "2027-02-16", "2027-03-02", "2027-03-16"]),
            *(f"{day} 13:30|17:00|Asthma|Suite A" for day in ["2027-01-14", "2027-02-11", "2027-03-11"]),
            *(f"{day} 13:30|17:00|Review|Suite C" for day in ["2027-01-29", "2027-02-26"]),
        ),
    ),
    "an ice rink: weekdays with their dates across, half hours down": Folder(
        {"Istider v45.csv": "Istider vecka 45 2026 (2–8 november);;\nTid;mån 2/11;lör 7/11\n16:00;Hockey;\n16:30;;Allmänhetens åkning\n17:00;Konst;\n17:30;;\n"},
        dated=("2026-11-02 16:00|16:30|Hockey|", "2026-11-02 17:00|17:30|Konst|", "2026-11-07 16:30|17:00|Allmänhetens åkning|"),
    ),
    "a plan of shifts, its key behind an empty column": Folder(
        {"Shift plan.csv": "Shift plan February 2027,,,,Code,From,To\nDate,Dana,Eli,,E,6:00 AM,2:00 PM\n2/1/2027,E,L,,L,2:00 PM,10:00 PM\n2/2/2027,L,-,,N,10:00 PM,6:00 AM\n2/13/2027,N,E,,,,\n"},
        dated=("2027-02-01 06:00|14:00|E|", "2027-02-01 14:00|22:00|L|", "2027-02-02 14:00|22:00|L|", "2027-02-13 06:00|14:00|E|", "2027-02-13 22:00|06:00|N|"),
    ),
    "scouts: the hours in the title, a week on which there is none": Folder(
        {"Spring programme 2027.csv": "\"Spring programme 2027, Mondays 7.15pm to 8.45pm, Scout Hut\"\nDate,Activity,Leader\n11 Jan,Games night,Baloo\n18 Jan,No meeting – half term,\n25 Jan,First aid,Skip\n"},
        dated=("2027-01-11 19:15|20:45|Games night|", "2027-01-25 19:15|20:45|First aid|"),
    ),
    "an office: repeats in words, bounded by the months that they name": Folder(
        {
            "Meetings.csv": "Meeting,When,Time,Room\nFinance,\"last Thursday of the month, February to April 2027\",2.00pm - 3.30pm,Boardroom\nWorks panel,first and third Wednesday in March 2027,10.00am - 12.00pm,Depot\n",
        },
        dated=(
            *(f"{day} 14:00|15:30|Finance|Boardroom" for day in ["2027-02-25", "2027-03-25", "2027-04-29"]),
            *(f"{day} 10:00|12:00|Works panel|Depot" for day in ["2027-03-03", "2027-03-17"]),
        ),
    ),
    "calls of a theatre, each day's below its date": Folder(
        {"Calls.csv": "Rehearsal calls\nTime,Call,Where\nTuesday 6 October 2026,,\n10:00 - 13:00,Act 1,Studio\n14:00 - 17:30,Songs,Band room\nWednesday 7 October 2026,,\n10:00 - 13:00,Act 2,Studio\n"},
        dated=("2026-10-06 10:00|13:00|Act 1|Studio", "2026-10-06 14:00|17:30|Songs|Band room", "2026-10-07 10:00|13:00|Act 2|Studio"),
    ),
    "a Romanian school": Folder(
        {
            "Orar.csv": "Clasa;Disciplina;Profesor;Sala;Ziua;Interval orar\n9A;Matematică;Popescu Ana;12;Luni;8:00-8:50\n10B;Chimie;Radu Ion;Lab;Miercuri;10:00-10:50\n",
            "Structura anului.csv": "Modul;De la;Până la\nModulul 1;07.09.2026;23.10.2026\nModulul 2;02.11.2026;22.12.2026\n",
            "Zile libere.csv": "Zi liberă;Data\nSfântul Andrei;30.11.2026\n",
        },
        "2026-09-07", "2026-12-22", ("2026-10-24..2026-11-01", "2026-11-30"),
        ("9A|Mon|08:00|08:50|12", "10B|Wed|10:00|10:50|Lab"),
    ),
    "a French school: weeks in the cells, the year by its first and last day": Folder(
        {
            "6A.csv": 'Emploi du temps 6A;;\n;Lundi;Mardi\n8h00-8h55;"Maths\nS12";"Sem. A : SVT\nLabo"\n8h55-9h50;"Sem. A : Anglais\nS7\nSem. B : Latin\nS4";\n',
            "Calendrier.csv": "Période;Dates\nRentrée;1er septembre 2026\nVacances de la Toussaint;du 17 octobre au 1er novembre 2026\nFin du semestre;20 novembre 2026\n",
            "Semaines.csv": "Semaine du;Semaine\n" + "".join(f"{day:%d/%m/%Y};{'AB'[number % 2]}\n" for number, day in enumerate([*every(7, "2026-08-31", 7), *every(7, "2026-11-02", 3)])),
        },
        "2026-09-01", "2026-11-20", ("2026-10-17..2026-11-01",),
        (
            "6A|Mon|08:00|08:55|S12",
            "6A|Tue|08:00|08:55|Labo|" + " ".join(map(str, [*every(14, "2026-09-01", 4), *every(14, "2026-11-10", 1)])),
            "6A|Mon|08:55|09:50|S7|" + " ".join(map(str, [*every(14, "2026-09-14", 3), *every(14, "2026-11-09", 1)])),
            "6A|Mon|08:55|09:50|S4|" + " ".join(map(str, [*every(14, "2026-09-07", 3), *every(14, "2026-11-02", 2)])),
        ),
    ),
    "a Danish swimming club: times in the cells, its season in the title": Folder(
        {
            "Træningstider.csv": "Træningstider 7. september 2026 til 27. november 2026;;\nHold;Mandag;Tirsdag\nBegyndere;kl. 16.00-16.45;\nK2;kl. 17.00-18.30;kl. 17.00-18.30\n",
            "Ferier.csv": "Ferie;Fra;Til\nEfterårsferie;12-10-2026;18-10-2026\n",
        },
        "2026-09-07", "2026-11-27", ("2026-10-12..2026-10-18",),
        ("Begyndere|Mon|16:00|16:45|", "K2|Mon Tue|17:00|18:30|"),
    ),
    "a Spanish academy: days and hours in words, the year in a title, days off in a note": Folder(
        {
            "Cursos.csv": "Cursos del 5 de octubre al 18 de diciembre de 2026\nCurso,Profesor,Horario,Aula\nInglés,Laura Gil,Lunes y miércoles de 18:00 a 19:30,A1\nAlemán,Eva Prat,Sábados de 10:00 a 13:00,A2\n\n\"Festivos: 12 de octubre, 2 de noviembre, 7 y 8 de diciembre\"\n",
        },
        "2026-10-05", "2026-12-18", ("2026-10-12", "2026-11-02", "2026-12-07..2026-12-08"),
        ("Inglés|Mon Wed|18:00|19:30|A1", "Alemán|Sat|10:00|13:00|A2"),
    ),
    "a ward: lines that explain its codes without a sign between": Folder(
        {
            "Rota.csv": "Ward rota February 2027,,,,\nName,Band,1,2,3\n,,M,T,W\n\"Adeyemi, T.\",6,LD,N,\n\"Brook, S.\",5,A/L,LD,N\n\nKey,,,,\nLD 0700-1930,,,,\nN 1930-0730,,,,\nA/L day off,,,,\n",
        },
        dated=("2027-02-01 07:00|19:30|LD|", "2027-02-02 07:00|19:30|LD|", "2027-02-02 19:30|07:30|N|", "2027-02-03 19:30|07:30|N|"),
    ),
    "a conference: the day in the file's name, places across": Folder(
        {"Thu 4 March 2027.csv": "Time,Main hall,Loft\n09:00-10:00,Opening,\n10:30-12:00,Tides,Timber\n13:00-15:00,Sails,Paint\n"},
        dated=("2027-03-04 09:00|10:00|Opening|", "2027-03-04 10:30|12:00|Tides|", "2027-03-04 10:30|12:00|Timber|", "2027-03-04 13:00|15:00|Sails|", "2027-03-04 13:00|15:00|Paint|"),
    ),
    "sections of a college: from when until when in one cell": Folder(
        {
            "Spring sections.csv": "CRN,Course,Sec,Meeting pattern,Instructor,Room,Dates\n10231,BIO 110,01,MWF 9:05AM-9:55AM,Kane,SCI 204,01/11/2027-03/05/2027\n10240,ART 150,02,F 2:00PM-4:50PM,Pike,ART 3,01/11/2027-03/05/2027\n",
            "Holidays.csv": "Holiday,Begins,Ends\nMartin Luther King Day,01/18/2027,01/18/2027\n",
        },
        "2027-01-11", "2027-03-05", ("2027-01-18",),
        ("10231|Mon Wed Fri|09:05|09:55|SCI 204", "10240|Fri|14:00|16:50|ART 3"),
    ),
    "a church: the hours of its service in a title, before a colon": Folder(
        {"Sunday rota.csv": "Sunday service 10.30am - 11.45am: rota January to March 2027\nSunday,Reader,Coffee\n3 January,A. Penn,B. Quill\n10 January,B. Quill,C. Rook\n"},
        dated=("2027-01-03 10:30|11:45|Reader|", "2027-01-03 10:30|11:45|Coffee|", "2027-01-10 10:30|11:45|Reader|", "2027-01-10 10:30|11:45|Coffee|"),
    ),
    "teachers by weekdays: weeks in the cells": Folder(
        {
            "terms.csv": TERM, "closures.csv": CLOSED,
            "weeks.csv": "Week commencing,Week\n" + "".join(f"{day:%d/%m/%Y},{'AB'[number % 2]}\n" for number, day in enumerate(every(7, "2026-09-07", 14))),
            "plan.csv": "Teacher,Mon,Tue\nMs Avery,9:00-10:00 7A (Wk A),Week A: 9:00-10:00 7B / Week B: 10:00-11:00 8C\nMr Boon,,9:00-10:00 9A\n",
        },
        meets=(
            "7A|Mon|09:00|10:00||" + " ".join(map(str, every(14, "2026-09-07", 7))),
            "7B|Tue|09:00|10:00||" + " ".join(map(str, every(14, "2026-09-08", 7))),
            "8C|Tue|10:00|11:00||" + " ".join(map(str, every(14, "2026-09-15", 7))),
            "9A|Tue|09:00|10:00|",
        ),
        **AUTUMN,
    ),
    "guided tours: two starts in a cell, a length beside them": Folder(
        {
            "Guided tours.csv": "Tour,Days,Times,Minutes,Meeting point,From,Until\nHighlights,\"Sat, Sun\",\"10:30, 14:00\",60,Foyer,05/09/2026,27/09/2026\nShipwrights,Wed,11:00,45,Dock gate,02/09/2026,30/09/2026\n",
        },
        "2026-09-02", "2026-09-30", (),
        ("Shipwrights|Wed|11:00|11:45|Dock gate", "Highlights|Sat Sun|10:30|11:30|Foyer", "Highlights|Sat Sun|14:00|15:00|Foyer"),
    ),
    "a studio that says below its classes when it is closed": Folder(
        {
            "Classes spring 2027.csv": "Class,Day,Time,Teacher,Room\nHatha,Monday,18:00-19:15,Aoife Lane,Studio 1\nFlow,Thursday,7:00-8:00,Ben Moran,Studio 2\n,,,,\nClasses run 1 March 2027 to 30 April 2027,,,,\nStudio closed 29 March - 9 April 2027,,,,\n",
        },
        "2027-03-01", "2027-04-29", ("2027-03-29..2027-04-09",),
        ("Hatha|Mon|18:00|19:15|Studio 1", "Flow|Thu|07:00|08:00|Studio 2"),
    ),
    "repeats in words, and a note that says when there is none": Folder(
        {
            "Sessions.csv": "Session,When,Time,Place\nHatha,every Monday from 1 March 2027 to 26 April 2027,18:00-19:15,Studio 1\nFlow,every Thursday from 4 March 2027 until 29 April 2027,7:00-8:00,Studio 2\n,,,\nStudio closed 29 March - 9 April 2027,,,\n",
        },
        "2027-03-01", "2027-04-29", ("2027-03-29..2027-04-09",),
        ("Hatha|Mon|18:00|19:15|Studio 1", "Flow|Thu|07:00|08:00|Studio 2"),
    ),
    "fixtures with byes": Folder(
        {
            "Fixtures.csv": "Round,Date,Time,Home,Away,Rink\n1,2026-10-03,18:00,Gulls,Cormorants,Rink A\n1,2026-10-03,19:30,Herons,BYE,\n2,2026-10-10,18:00,Cormorants,Herons,Rink B\n2,2026-10-10,18:00,Gulls,BYE,\n3,2026-10-17,20:00,Herons,Gulls,Rink A\n3,2026-10-17,,Cormorants,BYE,\n",
        },
        dated=("2026-10-03 18:00|19:00|Gulls – Cormorants|Rink A", "2026-10-10 18:00|19:00|Cormorants – Herons|Rink B", "2026-10-17 20:00|21:00|Herons – Gulls|Rink A"),
    ),
    "a Czech school: weekdays in two letters behind the hours, half-years": Folder(
        {
            "Rozvrh 6.A.csv": "Hodina;Čas;Po;Út;St;Čt;Pá\n1.;8:00-8:45;M;Čj;M;Aj;Čj\n2.;8:55-9:40;Čj;M;Aj;M;D\n",
            "Organizace roku.csv": "Období;Od;Do\n1. pololetí;1. 9. 2026;29. 1. 2027\n2. pololetí;1. 2. 2027;30. 6. 2027\n",
            "Prázdniny.csv": "Prázdniny;Od;Do\nPodzimní prázdniny;29. 10. 2026;30. 10. 2026\nVánoční prázdniny;23. 12. 2026;3. 1. 2027\nJarní prázdniny;8. 2. 2027;14. 2. 2027\nVelikonoční prázdniny;25. 3. 2027;26. 3. 2027\n",
        },
        "2026-09-01", "2027-06-30", ("2026-10-29..2026-10-30", "2026-12-23..2027-01-03", "2027-01-30..2027-01-31", "2027-02-08..2027-02-14", "2027-03-25..2027-03-26",),
        ("6.A|Mon Tue Wed Thu Fri|08:00|08:45|", "6.A|Mon Tue Wed Thu Fri|08:55|09:40|"),
    ),
    "a programme whose evenings are said above it, unless stated": Folder(
        {
            "Cub programme autumn.csv": "Autumn programme 2026\nMondays 18:30-20:00 at the Scout Hut unless stated\nDate,Activity,Leader,Notes\n7 Sept,Knots,Akela,\n14 Sept,Map reading,Baloo,Bring compass\n21 Sept,Campfire,Akela,At Dell Woods\n28 Sept,Badge night,Baloo,\n",
        },
        dated=("2026-09-07 18:30|20:00|Knots|Scout Hut", "2026-09-14 18:30|20:00|Map reading|Scout Hut", "2026-09-21 18:30|20:00|Campfire|Scout Hut", "2026-09-28 18:30|20:00|Badge night|Scout Hut"),
    ),
    "one cell that says days, hours, first and last day and when not": Folder(
        {
            "Rehearsals.csv": "Harbour Choir rehearsals\nGroup,Rehearsals,Place\nFull choir,\"Wednesdays 19:30-21:30, 9 September to 9 December 2026 (not 28 October)\",St Bride's Hall\nSopranos,\"Mondays 18:00-19:00, 14 September to 12 October 2026\",Vestry\n",
        },
        "2026-09-09", "2026-12-09", ("2026-10-28",),
        ("Full choir|Wed|19:30|21:30|St Bride's Hall", "Sopranos|Mon|18:00|19:00|Vestry|2026-09-14 2026-09-21 2026-09-28 2026-10-05 2026-10-12"),
    ),
    "a place for all lessons that say no other": Folder(
        {
            "Lessons.csv": "Instrument lessons. All lessons in the Annex unless noted.\nPupil,Instrument,Teacher,Day,Start,End,Where\nAda Fox,Violin,Mr Reed,Mon,15:00,15:30,\nBen Low,Cello,Ms Hart,Tue,15:30,16:00,Hall\n",
            "Dates.csv": "Term,From,To\nAutumn,07/09/2026,16/10/2026\n",
            "Closed.csv": "Closed,Date\nStaff day,21/09/2026\n",
        },
        dated=("2026-09-07 15:00|15:30|Violin|Annex", "2026-09-08 15:30|16:00|Cello|Hall", "2026-09-14 15:00|15:30|Violin|Annex", "2026-09-15 15:30|16:00|Cello|Hall", "2026-09-22 15:30|16:00|Cello|Hall", "2026-09-28 15:00|15:30|Violin|Annex", "2026-09-29 15:30|16:00|Cello|Hall", "2026-10-05 15:00|15:30|Violin|Annex", "2026-10-06 15:30|16:00|Cello|Hall", "2026-10-12 15:00|15:30|Violin|Annex", "2026-10-13 15:30|16:00|Cello|Hall"),
    ),
    "groups down, weekdays across, one behind the other in the hall": Folder(
        {
            "Créneaux.csv": "Groupe;Lundi;Mercredi;Samedi\nAvenirs;17h30-18h30;14h00-15h00;\nJeunes;18h30-20h00;15h00-16h30;9h00-10h30\n",
            "Saison.csv": "Saison;Du;Au\nAutomne;07/09/2026;16/10/2026\n",
            "Fermetures.csv": "Fermeture;Date\nVidange du bassin;23/09/2026\n",
        },
        "2026-09-07", "2026-10-14", ("2026-09-23",),
        ("Avenirs|Mon|17:30|18:30|", "Jeunes|Mon|18:30|20:00|", "Avenirs|Wed|14:00|15:00|", "Jeunes|Wed|15:00|16:30|", "Jeunes|Sat|09:00|10:30|"),
    ),
    "evening classes: number, title, leader, no heading known in all": Folder(
        {
            "Kursplan Herbst 2026.csv": "Kursnr.;Kurstitel;Leitung;Wochentag;Zeit;Ort;Beginn;Ende;Gebühr\nA101;Italienisch A1;G. Bassi;mittwochs;18.00 - 19.30 Uhr;Raum 3;09.09.2026;16.12.2026;96,00 €\nB210;Yoga am Morgen;S. Kern;freitags;8.30-9.45 Uhr;Turnraum;11.09.2026;27.11.2026;70,00 €\n",
            "Ferien.csv": "Ferien;Erster Tag;Letzter Tag\nHerbstferien;12.10.2026;24.10.2026\n",
        },
        "2026-09-09", "2026-12-16", ("2026-10-12..2026-10-24",),
        ("A101|Wed|18:00|19:30|Raum 3", "B210|Fri|08:30|09:45|Turnraum|2026-09-11 2026-09-18 2026-09-25 2026-10-02 2026-10-09 2026-10-30 2026-11-06 2026-11-13 2026-11-20 2026-11-27"),
    ),
    "days below months, the hour and the place in the title": Folder(
        {
            "Meetings 2027.csv": "Committee meetings 2027 (all at 19:00 in the Council Chamber)\nCommittee,Jan,Feb,Mar\nFull council,12,9,9\nPlanning,\"5, 19\",\"2, 16\",2\nFinance,,23,\n",
        },
        dated=("2027-01-05 19:00|20:00|Planning|Council Chamber", "2027-01-12 19:00|20:00|Full council|Council Chamber", "2027-01-19 19:00|20:00|Planning|Council Chamber", "2027-02-02 19:00|20:00|Planning|Council Chamber", "2027-02-09 19:00|20:00|Full council|Council Chamber", "2027-02-16 19:00|20:00|Planning|Council Chamber", "2027-02-23 19:00|20:00|Finance|Council Chamber", "2027-03-02 19:00|20:00|Planning|Council Chamber", "2027-03-09 19:00|20:00|Full council|Council Chamber"),
    ),
    "shifts in whole hours across, the month in the file's name": Folder(
        {
            "Guardias octubre 2026.csv": "Fecha;Mañana (8-15);Tarde (15-22);Noche (22-8)\n01/10/2026;Dra. Sanz;Dr. Polo;Dra. Vega\n02/10/2026;Dr. Polo;Dra. Vega;Dra. Sanz\n",
        },
        dated=("2026-10-01 08:00|15:00|Dra. Sanz|", "2026-10-01 15:00|22:00|Dr. Polo|", "2026-10-01 22:00|08:00|Dra. Vega|", "2026-10-02 08:00|15:00|Dr. Polo|", "2026-10-02 15:00|22:00|Dra. Vega|", "2026-10-02 22:00|08:00|Dra. Sanz|"),
    ),
    "trips that leave and return": Folder(
        {
            "Trips.csv": "Trip,Year group,Leaving,Returning,Leader\nField centre,Year 7,Mon 5 Oct 2026 8:15am,Fri 9 Oct 2026 3pm,Mr Hope\nMuseum,Year 9,14 Oct 2026 9:30am,14 Oct 2026 4pm,Ms Ray\n",
        },
        dated=("2026-10-05 08:15|15:00|Field centre|", "2026-10-14 09:30|16:00|Museum|"),
    ),
    "appointments of an evening, times across": Folder(
        {
            "Parents evening.csv": "Parents' evening – Thursday 5 November 2026\nTeacher,16:00,16:10,16:20\nMs Hale,Ada Fox,,Ben Low\nMr Stone,,Ada Fox,Cara Moss\n",
        },
        dated=("2026-11-05 16:00|16:10|Ada Fox|", "2026-11-05 16:10|16:20|Ada Fox|", "2026-11-05 16:20|16:30|Ben Low|", "2026-11-05 16:20|16:30|Cara Moss|"),
    ),
    "papers in the morning and the afternoon, whose hours a note says": Folder(
        {
            "Mock exams.csv": "Mock exams January 2027. Morning papers begin at 9:00; afternoon papers begin at 13:30.\nDate,Session,Paper,Duration,Room\n11 Jan 2027,AM,Maths 1,1h 30m,Hall\n11 Jan 2027,PM,French,2h,Gym\n12 Jan 2027,AM,English,1h 45m,Hall\n",
        },
        dated=("2027-01-11 09:00|10:30|Maths 1|Hall", "2027-01-11 13:30|15:30|French|Gym", "2027-01-12 09:00|10:45|English|Hall"),
    ),
    "a grid with number and hours in one cell, first and last school day among the dates": Folder(
        {
            "Stundenplan 8c.csv": "Stundenplan Klasse 8c;;;;;\n;Montag;Dienstag;Mittwoch;Donnerstag;Freitag\n1. 7.50-8.35;D / Mü / 104;M / Ka / 104;E / Lo / 104;M / Ka / 104;Sp / Re / TH\n2. 8.40-9.25;D / Mü / 104;Bio / Fr / B1;E / Lo / 104;D / Mü / 104;Sp / Re / TH\n",
            "Termine.csv": "Was;Von;Bis\nErster Schultag;14.09.2026;\nHerbstferien (schulfrei);12.10.2026;16.10.2026\nBuß- und Bettag (schulfrei);18.11.2026;\nLetzter Schultag;18.12.2026;\n",
        },
        "2026-09-14", "2026-12-18", ("2026-10-12..2026-10-16", "2026-11-18",),
        ("8c|Mon Tue Wed Thu|07:50|08:35|104", "8c|Mon Wed Thu|08:40|09:25|104", "8c|Tue|08:40|09:25|B1", "8c|Fri|07:50|08:35|TH", "8c|Fri|08:40|09:25|TH"),
    ),
    "lessons of pupils, whose names are all that says what meets": Folder(
        {
            "Lessons.csv": "Student,Lesson day,Lesson time,Length,Teacher,First lesson,Last lesson\nMia Brook,Monday,4:00 PM,30 min,Mr. Vale,9/14/2026,12/14/2026\nOwen Hart,Wednesday,4:30 PM,45 min,Mr. Vale,9/16/2026,12/16/2026\n",
            "No lessons.csv": "Dates with no lessons\n11/23/2026 - 11/27/2026 Thanksgiving week\n10/12/2026 Columbus Day\n",
        },
        "2026-09-14", "2026-12-16", ("2026-10-12", "2026-11-23..2026-11-27",),
        ("Mia Brook|Mon|16:00|16:30|", "Owen Hart|Wed|16:30|17:15|"),
    ),
    "a week of ice below weekdays, its date in the title": Folder(
        {
            "Ice schedule.csv": "\"Ice schedule – week of October 5, 2026\"\nTime,Mon,Tue,Wed\n6:00-7:00 AM,Figure skating,,Figure skating\n4:00-5:30 PM,U9 Gulls,U11 Herons,U9 Gulls\n5:45-7:15 PM,Public skate,U13 Terns,Maintenance\n",
        },
        dated=("2026-10-05 06:00|07:00|Figure skating|", "2026-10-05 16:00|17:30|U9 Gulls|", "2026-10-05 17:45|19:15|Public skate|", "2026-10-06 16:00|17:30|U11 Herons|", "2026-10-06 17:45|19:15|U13 Terns|", "2026-10-07 06:00|07:00|Figure skating|", "2026-10-07 16:00|17:30|U9 Gulls|", "2026-10-07 17:45|19:15|Maintenance|"),
    ),
    "a grid with its hours in two columns and ordinals before them": Folder(
        {
            "Grade horária 2º ano B.csv": "Aula;Início;Fim;Segunda;Terça;Quarta;Quinta;Sexta\n1ª;07:10;08:00;Matemática;Português;História;Matemática;Física\n2ª;08:00;08:50;Português;Matemática;Química;Geografia;Português\n",
            "Calendário letivo.csv": "Evento;Início;Término\n1º trimestre;03/02/2027;30/04/2027\n",
            "Feriados.csv": "Feriado;Data\nCarnaval;08/02/2027\nCarnaval;09/02/2027\nPaixão de Cristo;26/03/2027\nTiradentes;21/04/2027\n",
        },
        "2027-02-03", "2027-04-30", ("2027-02-08", "2027-02-09", "2027-03-26", "2027-04-21",),
        ("História|Wed|07:10|08:00|", "Química|Wed|08:00|08:50|", "Matemática|Mon Thu|07:10|08:00|", "Geografia|Thu|08:00|08:50|", "Física|Fri|07:10|08:00|", "Português|Mon Fri|08:00|08:50|", "Português|Tue|07:10|08:00|", "Matemática|Tue|08:00|08:50|"),
    ),
    "weekdays and ordinals below the month of a title": Folder(
        {
            "What's on.csv": "What's on at the library – October 2026\nDay and date,Time,Event,Room,Booking\nThursday 1st,10.30am - 11.15am,Storytime,Children's room,No\nSaturday 3rd,2pm - 4pm,Chess,Reading room,Yes\nThursday 8th,10.30am - 11.15am,Storytime,Children's room,No\n",
        },
        dated=("2026-10-01 10:30|11:15|Storytime|Children's room", "2026-10-03 14:00|16:00|Chess|Reading room", "2026-10-08 10:30|11:15|Storytime|Children's room"),
    ),
    "Spanish letters of weekdays with their times": Folder(
        {
            "Clases.csv": "Estilo,Nivel,Días y horas,Sala,Profesora\nBallet,Inicial,L y X 17:00-18:00,Sala 1,Irene Soto\nJazz,Medio,M y J 18:00-19:30,Sala 2,Clara Ruiz\nContemporáneo,Avanzado,V 19:00-20:30,Sala 1,Irene Soto\n",
            "Curso.csv": "Trimestre,Desde,Hasta\n1º,14/09/2026,18/12/2026\n",
            "Fiestas.csv": "Fiesta,Fecha\nPilar,12/10/2026\nConstitución,07/12/2026\nInmaculada,08/12/2026\n",
        },
        "2026-09-14", "2026-12-18", ("2026-10-12", "2026-12-07", "2026-12-08",),
        ("Ballet|Mon Wed|17:00|18:00|Sala 1", "Jazz|Tue Thu|18:00|19:30|Sala 2", "Contemporáneo|Fri|19:00|20:30|Sala 1"),
    ),
    "a room with its term above the grid, and morning tea": Folder(
        {
            "Room 7 timetable.csv": "Room 7 – Term 1 2027,,,,,\nTime,Monday,Tuesday,Wednesday,Thursday,Friday\n8:55-9:45,Reading,Reading,Reading,Reading,Assembly\n9:45-10:40,Maths,Maths,Maths,Maths,Maths\n10:40-11:00,Morning tea,Morning tea,Morning tea,Morning tea,Morning tea\n11:00-12:30,Writing,PE,Writing,Science,Art\n",
            "Term dates.csv": "Term,Starts,Ends\nTerm 1,1 February 2027,16 April 2027\n",
            "Holidays.csv": "Holiday,Date\nWaitangi Day (observed),8 February 2027\nGood Friday,26 March 2027\nEaster Monday,29 March 2027\nEaster Tuesday,30 March 2027\n",
        },
        "2027-02-01", "2027-04-16", ("2027-02-08", "2027-03-26", "2027-03-29", "2027-03-30",),
        ("Reading|Mon Tue Wed Thu|08:55|09:45|7", "Maths|Mon Tue Wed Thu Fri|09:45|10:40|7", "Writing|Mon Wed|11:00|12:30|7", "PE|Tue|11:00|12:30|7", "Science|Thu|11:00|12:30|7", "Assembly|Fri|08:55|09:45|7", "Art|Fri|11:00|12:30|7"),
    ),
    "a club whose trainings stand in columns that come again": Folder(
        {
            "Trainingsschema 2026-2027.csv": "Team;Trainer;Training 1;Training 2;Veld\nJO9-1;Bas Mulder;di 17.30-18.30;do 17.30-18.30;Veld 2\nJO11-1;Ria Kok;ma 18.00-19.00;wo 18.30-19.30;Veld 1\nMO13-1;Jan Vos;di 18.30-19.45;;Veld 3\n",
            "Seizoen.csv": "Periode;Begin;Einde\nNajaar;31-08-2026;16-10-2026\n",
            "Vrij.csv": "Vrij;Datum\nFeestdag;15-09-2026\n",
        },
        "2026-08-31", "2026-10-15", ("2026-09-15",),
        ("JO11-1|Mon|18:00|19:00|Veld 1", "JO9-1|Tue Thu|17:30|18:30|Veld 2", "MO13-1|Tue|18:30|19:45|Veld 3", "JO11-1|Wed|18:30|19:30|Veld 1"),
    ),
    "pairs of days and times that come again": Folder(
        {
            "Tutorials.csv": "Pupil,Tutor,Day 1,Time 1,Day 2,Time 2\nAda Fox,Mr Reed,Mon,15:00-15:30,Thu,16:00-16:30\nBen Low,Ms Hart,Tue,15:30-16:00,,\n",
            "Dates.csv": "Term,From,To\nAutumn,07/09/2026,16/10/2026\n",
            "Closed.csv": "Closed,Date\nStaff day,21/09/2026\n",
        },
        "2026-09-07", "2026-10-15", ("2026-09-21",),
        ("Ada Fox|Mon|15:00|15:30|", "Ben Low|Tue|15:30|16:00|", "Ada Fox|Thu|16:00|16:30|"),
    ),
    "bells of two divisions in pairs of columns; the last day before a break is the last": Folder(
        {
            "Bells.csv": "Period,Lower start,Lower end,Upper start,Upper end\n1,8:10,8:55,8:00,8:50\n2,9:00,9:45,8:55,9:45\n",
            "Schedule.csv": "Course,Division,Teacher,Room,Days,Period\nReading 3,Lower,T. Gray,12,M-F,1\nAlgebra,Upper,J. Holt,30,\"M, W, F\",1\nBiology,Upper,K. Ross,41,T/Th,2\n",
            "Calendar.csv": "Event,Start,End\nFirst day of classes,9/8/2026,\nColumbus Day - no school,10/12/2026,\nThanksgiving recess - no school,11/25/2026,11/27/2026\nLast day of classes before break,12/18/2026,\n",
        },
        "2026-09-08", "2026-12-18", ("2026-10-12", "2026-11-25..2026-11-27",),
        ("Reading 3|Mon Tue Wed Thu Fri|08:10|08:55|12", "Biology|Tue Thu|08:55|09:45|41", "Algebra|Mon Wed Fri|08:00|08:50|30"),
    ),
    "dates carried down, a gallery as the place": Folder(
        {
            "School visits.csv": "Date,Time,School,Guide,Gallery\nTue 6 Oct 2026,10:00-11:00,St Bride's Primary,Jo,Boats\n,11:15-12:15,Dell Road School,Kim,Knots\nThu 8 Oct 2026,10:00-11:00,Harbour Academy,Jo,Boats\n,13:00-14:00,Quay Infants,Kim,Sails\n",
        },
        dated=("2026-10-06 10:00|11:00|St Bride's Primary|Boats", "2026-10-06 11:15|12:15|Dell Road School|Knots", "2026-10-08 10:00|11:00|Harbour Academy|Boats", "2026-10-08 13:00|14:00|Quay Infants|Sails"),
    ),
    "starts down, lengths in the cells": Folder(
        {
            "Gym classes.csv": "Class timetable 5 October 2026 - 27 November 2026,,,\nTime,Monday,Wednesday,Friday\n06:15,Spin (45 min),HIIT (30 min),Spin (45 min)\n12:30,Yoga (60 min),,Pilates (50 min)\n",
        },
        "2026-10-05", "2026-11-27", (),
        ("Gym classes|Mon Fri|06:15|07:00|", "Gym classes|Mon|12:30|13:30|", "Gym classes|Wed|06:15|06:45|", "Gym classes|Fri|12:30|13:20|"),
    ),
    "a panel and a date in each row, slots across": Folder(
        {
            "Interviews.csv": "Panel,Date,09:00-09:45,10:00-10:45,11:00-11:45\nPanel A,2026-11-09,A. Quill,B. Rowe,\nPanel B,2026-11-10,C. Stone,,D. Teal\n",
        },
        dated=("2026-11-09 09:00|09:45|A. Quill|", "2026-11-09 10:00|10:45|B. Rowe|", "2026-11-10 09:00|09:45|C. Stone|", "2026-11-10 11:00|11:45|D. Teal|"),
    ),
    "a hall and a gym across, days and hours down": Folder(
        {
            "Exams by room.csv": "Date,Session,Hall,Gym\nMon 11 Jan 2027,09:00-10:30,Maths P1,French\nMon 11 Jan 2027,13:30-15:00,Physics,\nTue 12 Jan 2027,09:00-10:30,English,Art\n",
        },
        dated=("2027-01-11 09:00|10:30|French|Gym", "2027-01-11 09:00|10:30|Maths P1|Hall", "2027-01-11 13:30|15:00|Physics|Hall", "2027-01-12 09:00|10:30|Art|Gym", "2027-01-12 09:00|10:30|English|Hall"),
    ),
    "how often, between a first and a last day": Folder(
        {
            "Maintenance.csv": "Job,Frequency,Time,Where,Starts,Ends\nFire alarm test,First Monday of each month,8-8:30 a.m.,All floors,10/1/2026,3/31/2027\nFilter change,Every 2 weeks on Friday,6 a.m. - 7 a.m.,Roof,10/2/2026,12/18/2026\n",
        },
        dated=("2026-10-02 06:00|07:00|Filter change|Roof", "2026-10-05 08:00|08:30|Fire alarm test|All floors", "2026-10-16 06:00|07:00|Filter change|Roof", "2026-10-30 06:00|07:00|Filter change|Roof", "2026-11-02 08:00|08:30|Fire alarm test|All floors", "2026-11-13 06:00|07:00|Filter change|Roof", "2026-11-27 06:00|07:00|Filter change|Roof", "2026-12-07 08:00|08:30|Fire alarm test|All floors", "2026-12-11 06:00|07:00|Filter change|Roof", "2027-01-04 08:00|08:30|Fire alarm test|All floors", "2027-02-01 08:00|08:30|Fire alarm test|All floors", "2027-03-01 08:00|08:30|Fire alarm test|All floors"),
    ),
    "crosses below voices are no titles": Folder(
        {
            "Proben.csv": "Datum;Uhrzeit;Stück;Sopran;Alt;Tenor\n08.10.2026;19:00-20:00;Kyrie;x;x;\n08.10.2026;20:15-21:30;Gloria;x;x;x\n15.10.2026;19:00-20:00;Credo;;;x\n",
        },
        dated=("2026-10-08 19:00|20:00|Kyrie|", "2026-10-08 20:15|21:30|Gloria|", "2026-10-15 19:00|20:00|Credo|"),
    ),
    "a teacher's two weeks, classes in the cells, a list of weeks": Folder(
        {
            "Mr Lowe timetable.csv": "Week A,,,,,\nPeriod,Mon,Tue,Wed,Thu,Fri\n1 (8:50-9:50),7X,8Y,,9Z,7X\n2 (9:50-10:50),8Y,,9Z,,\nWeek B,,,,,\nPeriod,Mon,Tue,Wed,Thu,Fri\n1 (8:50-9:50),9Z,,7X,8Y,\n2 (9:50-10:50),,7X,8Y,,9Z\n",
            "Weeks.csv": "w/c,Week\n07/09/2026,A\n14/09/2026,B\n21/09/2026,A\n28/09/2026,B\n",
            "Term.csv": "Term,First day,Last day\nAutumn 1,07/09/2026,02/10/2026\n",
            "Closed.csv": "Closed,Date\nINSET,18/09/2026\n",
        },
        "2026-09-07", "2026-10-02", ("2026-09-18",),
        ("7X|Mon Wed Fri|08:50|09:50||2026-09-07 2026-09-11 2026-09-16 2026-09-21 2026-09-25 2026-09-30", "8Y|Mon Wed|09:50|10:50||2026-09-07 2026-09-16 2026-09-21 2026-09-30", "8Y|Tue Thu|08:50|09:50||2026-09-08 2026-09-17 2026-09-22 2026-10-01", "9Z|Wed Fri|09:50|10:50||2026-09-09 2026-09-23 2026-10-02", "9Z|Mon Thu|08:50|09:50||2026-09-10 2026-09-14 2026-09-24 2026-09-28", "7X|Tue|09:50|10:50||2026-09-15 2026-09-29"),
    ),
    "clinics with a column of when there is none": Folder(
        {
            "Clinics.csv": "Clinic,Day,Start,Finish,Room,From,To,No clinic on\nFracture,Mon,09:00,12:30,OPD 1,05/10/2026,14/12/2026,26/10/2026\nENT,Thu,14:00,16:30,OPD 2,01/10/2026,17/12/2026,\"29/10/2026, 26/11/2026\"\n",
        },
        "2026-10-01", "2026-12-17", (),
        ("ENT|Thu|14:00|16:30|OPD 2|2026-10-01 2026-10-08 2026-10-15 2026-10-22 2026-11-05 2026-11-12 2026-11-19 2026-12-03 2026-12-10 2026-12-17", "Fracture|Mon|09:00|12:30|OPD 1|2026-10-05 2026-10-12 2026-10-19 2026-11-02 2026-11-09 2026-11-16 2026-11-23 2026-11-30 2026-12-07 2026-12-14"),
    ),
    "two days of a conference, one below the other, halls across": Folder(
        {
            "Conference.csv": "Trail Builders Conference – 14 & 15 May 2027,,,\nDay 1 – Friday 14 May 2027,,,\nTime,Main Hall,Room A,Room B\n9:00-10:00,Opening,,\n10:15-11:15,Keynote,Soils 101,Bridges\nDay 2 – Saturday 15 May 2027,,,\nTime,Main Hall,Room A,Room B\n9:00-10:30,Panel,Maps,\n",
        },
        dated=("2027-05-14 09:00|10:00|Opening|Main Hall", "2027-05-14 10:15|11:15|Bridges|Room B", "2027-05-14 10:15|11:15|Keynote|Main Hall", "2027-05-14 10:15|11:15|Soils 101|Room A", "2027-05-15 09:00|10:30|Maps|Room A", "2027-05-15 09:00|10:30|Panel|Main Hall"),
    ),
    "a pool whose sessions are no periods": Folder(
        {
            "Pool timetable.csv": "Day,Session,From,To,Lanes\nMonday,Lane swim,06:30,08:30,6\nMonday,Aqua fit,10:00,10:45,3\nWednesday,Lane swim,06:30,08:30,6\nSaturday,Family fun,14:00,16:00,0\n",
            "Pool dates.csv": "Programme,Starts,Ends\nAutumn,07/09/2026,25/10/2026\n",
            "Pool closed.csv": "Closed for,Date\nMaintenance,16/09/2026\n",
        },
        "2026-09-07", "2026-10-24", ("2026-09-16",),
        ("Lane swim|Mon Wed|06:30|08:30|", "Aqua fit|Mon|10:00|10:45|", "Family fun|Sat|14:00|16:00|"),
    ),
    "duties across, a date with its hour in front": Folder(
        {
            "Refreshments rota.csv": "Date,Bar,Tickets,Programmes\nFri 6 Nov 2026 19:00,Jo Hale,Kim Orr,Al Pine\nSat 7 Nov 2026 19:00,Al Pine,Jo Hale,Kim Orr\n",
        },
        dated=("2026-11-06 19:00|20:00|Al Pine|", "2026-11-06 19:00|20:00|Jo Hale|", "2026-11-06 19:00|20:00|Kim Orr|", "2026-11-07 19:00|20:00|Al Pine|", "2026-11-07 19:00|20:00|Jo Hale|", "2026-11-07 19:00|20:00|Kim Orr|"),
    ),
    "lessons counted from a first one": Folder(
        {
            "Bookings.csv": "Student,Tutor,Subject,Day,Time,First session,Sessions,Mode\nZoe Lim,Mr Nash,Maths,Tuesday,4:00pm-5:00pm,13/10/2026,5,Online\nEli Roy,Ms Pike,English,Thursday,5:15pm-6:15pm,15/10/2026,4,Room 2\n",
        },
        dated=("2026-10-13 16:00|17:00|Maths|", "2026-10-15 17:15|18:15|English|", "2026-10-20 16:00|17:00|Maths|", "2026-10-22 17:15|18:15|English|", "2026-10-27 16:00|17:00|Maths|", "2026-10-29 17:15|18:15|English|", "2026-11-03 16:00|17:00|Maths|", "2026-11-05 17:15|18:15|English|", "2026-11-10 16:00|17:00|Maths|"),
    ),
    "a list with a sum below it, in German": Folder(
        {
            "Unterricht.csv": "Schüler;Fach;Lehrer;Tag;Beginn;Dauer;Raum\nLea Ort;Klavier;F. Beck;Mo;14:30;30 min;1\nTom Au;Geige;H. Wolf;Di;15:00;45 min;2\n;;;;;;\nSumme;;;;;75 min;\n",
            "Schuljahr.csv": "Halbjahr;von;bis\n1. Halbjahr;14.09.2026;29.01.2027\n",
            "Frei.csv": "Unterrichtsfrei;von;bis\nHerbst;12.10.2026;23.10.2026\nWeihnachten;21.12.2026;03.01.2027\n",
        },
        "2026-09-14", "2027-01-26", ("2026-10-12..2026-10-23", "2026-12-21..2027-01-03",),
        ("Klavier|Mon|14:30|15:00|1", "Geige|Tue|15:00|15:45|2"),
    ),
    "trips on weekdays between De and Até, from a quay": Folder(
        {
            "Passeios.csv": "Passeio,Partida,Regresso,Dias,Cais,De,Até\nGrutas,10:00,11:30,\"Ter, Qui, Sáb\",Cais 2,01/06/2027,27/06/2027\nPôr do sol,19:30,21:00,Sex,Cais 1,04/06/2027,25/06/2027\n",
        },
        "2027-06-01", "2027-06-26", (),
        ("Grutas|Tue Thu Sat|10:00|11:30|Cais 2", "Pôr do sol|Fri|19:30|21:00|Cais 1"),
    ),
    "a short list of days whose letters the timetable names": Folder(
        {
            "Days.csv": "Date,Day\n2026-09-08,A\n2026-09-09,B\n2026-09-10,C\n2026-09-11,D\n2026-09-14,E\n2026-09-15,F\n2026-09-16,A\n2026-09-17,B\n2026-09-18,C\n2026-09-21,D\n2026-09-24,E\n2026-09-25,F\n2026-09-28,A\n2026-09-29,B\n2026-09-30,C\n2026-10-01,D\n2026-10-02,E\n",
            "Classes.csv": "Class,Day,Start,End\nLoft,A,9:00,10:00\n",
        },
        dated=("2026-09-08 09:00|10:00|Loft|", "2026-09-16 09:00|10:00|Loft|", "2026-09-28 09:00|10:00|Loft|"),
    ),
    "days above their studios": Folder(
        {
            "Studio week.csv": ",Monday,,Tuesday,\n,Studio 1,Studio 2,Studio 1,Studio 2\n17:00-18:00,Ballet 1,Jazz 1,Tap 1,\n18:00-19:30,Ballet 2,,Tap 2,Jazz 2\n",
            "Term.csv": "Term,Start,End\nAutumn,07/09/2026,16/10/2026\n",
            "Closed.csv": "Closed,Date\nX,15/09/2026\n",
        },
        "2026-09-07", "2026-10-13", ("2026-09-15",),
        ("Ballet 1|Mon|17:00|18:00|Studio 1", "Jazz 1|Mon|17:00|18:00|Studio 2", "Ballet 2|Mon|18:00|19:30|Studio 1", "Tap 1|Tue|17:00|18:00|Studio 1", "Jazz 2|Tue|18:00|19:30|Studio 2", "Tap 2|Tue|18:00|19:30|Studio 1"),
    ),
    "weeks by their type, in German": Folder(
        {
            "Plan.csv": "Fach;Kürzel;Klasse;Tag;Stunde;Raum;Woche\nMathe;Mü;10a;Mo;1;R1;\nPhysik;Ka;10a;Di;2;R2;A\nChemie;Ka;10a;Di;2;R3;B\n",
            "Stundenzeiten.csv": "Stunde;Beginn;Ende\n1;8:00;8:45\n2;8:50;9:35\n",
            "Wochen.csv": "Woche ab;Typ\n14.09.2026;A\n21.09.2026;B\n28.09.2026;A\n05.10.2026;B\n",
            "Halbjahr.csv": "Halbjahr;von;bis\n1;14.09.2026;09.10.2026\n",
            "Frei.csv": "Feiertag;Datum\nBrückentag;02.10.2026\n",
        },
        dated=("2026-09-14 08:00|08:45|10a|R1", "2026-09-15 08:50|09:35|10a|R2", "2026-09-21 08:00|08:45|10a|R1", "2026-09-22 08:50|09:35|10a|R3", "2026-09-28 08:00|08:45|10a|R1", "2026-09-29 08:50|09:35|10a|R2", "2026-10-05 08:00|08:45|10a|R1", "2026-10-06 08:50|09:35|10a|R3"),
    ),
    "holidays of two years in columns, dates in words that a list looks through": Folder(
        {
            "Holidays.csv": "Holiday,2026,2027\nNew Year,1 January,1 January\nMay Day,4 May,3 May\n",
            "Terms.csv": "Term,From,To\nSpring,2027-04-26,2027-05-14\n",
            "Classes.csv": "Class,Day,Start,End\nYoga,Mon,9:00,10:00\n",
        },
        "2027-04-26", "2027-05-14", ("2027-05-03",), ("Yoga|Mon|09:00|10:00|",),
    ),
    "a plan of stand-ins by periods, beside a grid that says its hours itself": Folder(
        {
            "4a.csv": "4a;Mo;Di\n1. 8:00-8:50;Mathe;Deutsch\n2. 8:55-9:45;Deutsch;Mathe\n",
            "Semester.csv": "Semester;Beginn;Ende\n2.;15.02.2027;26.02.2027\n",
            "Frei.csv": "schulfrei;von;bis\nFest;16.02.2027;16.02.2027\n",
            "Supplierplan.csv": "Datum;Klasse;Stunde;Fach;Art\n22.02.2027;4a;1;M;entfällt\n",
        },
        "2027-02-15", "2027-02-26", ("2027-02-16",),
        ("4a|Mon|08:00|08:50||2027-02-15", "4a|Mon|08:55|09:45|", "4a|Tue|08:00|08:50|", "4a|Tue|08:55|09:45|"),
    ),
    "weeks without a year below Week commencing, in that of the title": Folder(
        {"On call.csv": "Consultant on call 2027,\nWeek commencing,Consultant\n1 Mar,Dr Orr\n8 Mar,Dr Low\n"},
        dated=("2027-03-01 00:00|00:00|Dr Orr|", "2027-03-08 00:00|00:00|Dr Low|"),
    ),
    "dates in whole sentences": Folder(
        {"Fair.csv": "What,When\nFair,8th of March 2027 10am to 3pm\nMeet,Friday the 12th of March 2027 at 7pm\n"},
        dated=("2027-03-08 10:00|15:00|Fair|", "2027-03-12 19:00|20:00|Meet|"),
    ),
    "slots by the part of the day and its hours": Folder(
        {
            "Lab booking.csv": "Date,Slot,Instrument,User\n10/05/2026,Morning (9-12),Microscope,K. Lee\n10/05/2026,Afternoon (13-17),Microscope,P. Rao\n10/16/2026,Morning (9-12),Laser,K. Lee\n",
        },
        dated=("2026-10-05 09:00|12:00|Microscope|", "2026-10-05 13:00|17:00|Microscope|", "2026-10-16 09:00|12:00|Laser|"),
    ),
    "a master with Rm and Per": Folder(
        {
            "Master.csv": "Course,Sec,Teacher,Rm,Per,Days,Term\nAlgebra 1,1,Ruiz,B2,1,MTWRF,Sem 1\nChemistry,1,Tate,S4,2,MWF,Sem 1\nChem Lab,1,Tate,S4,2,TR,Sem 1\n",
            "Bell.csv": "Per,Begin,End\n1,7:30,8:25\n2,8:30,9:25\n",
            "Dates.csv": "Semester,Begins,Ends\nSem 1,8/3/2026,10/2/2026\nSem 2,1/4/2027,2/26/2027\n",
            "Holidays.csv": "Holiday,Date\nLabor Day,9/7/2026\n",
        },
        "2026-08-03", "2026-10-02", ("2026-09-07",),
        ("Algebra 1 1|Mon Tue Wed Thu Fri|07:30|08:25|B2", "Chemistry 1|Mon Wed Fri|08:30|09:25|S4", "Chem Lab 1|Tue Thu|08:30|09:25|S4"),
    ),
    "crosses below Schulfrei among the dates of a year": Folder(
        {
            "Termine 26-27.csv": "Termin;Datum;Bis;Schulfrei\nErster Schultag;14.09.2026;;\nElternabend;22.09.2026;;\nHerbstferien;12.10.2026;16.10.2026;x\nPädagogischer Tag;13.11.2026;;x\nLetzter Schultag vor Weihnachten;18.12.2026;;\n",
            "AGs.csv": "AG;Tag;Von;Bis;Raum;Leitung\nChor;Dienstag;14:00;15:30;Aula;Fr. Ott\nSchach;Freitag;13:30;14:30;R 12;Hr. Beil\n",
        },
        "2026-09-15", "2026-12-18", ("2026-10-12..2026-10-16", "2026-11-13",),
        ("Chor|Tue|14:00|15:30|Aula", "Schach|Fri|13:30|14:30|R 12"),
    ),
    "courts and their days down, hours across": Folder(
        {
            "Court bookings.csv": "Court,Day,9-10,10-11,11-12\nCourt 1,Mon,Seniors,Seniors,\nCourt 2,Wed,,Juniors,Juniors\n",
            "Season.csv": "Season,From,To\nAutumn,07/09/2026,02/10/2026\n",
            "Closed.csv": "Closed,Date\nAGM,16/09/2026\n",
        },
        "2026-09-07", "2026-09-30", ("2026-09-16",),
        ("Seniors|Mon|09:00|10:00|Court 1", "Seniors|Mon|10:00|11:00|Court 1", "Juniors|Wed|10:00|11:00|Court 2", "Juniors|Wed|11:00|12:00|Court 2"),
    ),
    "when and where, in Italian": Folder(
        {
            "Incontri.csv": "Incontro;Quando;Dove\nGenitori prime;mercoledì 16 settembre 2026 ore 17.30;Aula magna\nConsiglio;giovedì 17 settembre 2026, dalle 15.00 alle 17.00;Sala docenti\n",
        },
        dated=("2026-09-16 17:30|18:30|Genitori prime|Aula magna", "2026-09-17 15:00|17:00|Consiglio|Sala docenti"),
    ),
    "a college's schedule: MWF and TR, shares that are no dates, one class to be arranged; the year only in a title": Folder(
        {
            "Schedule of classes Fall 2026.csv": "CRN,Course,Sec,Title,Cr,Meets,Time,Location,Instructor,Enrl\n10231,HIST 101,01,World History I,3,MWF,9:00-9:50 am,Dale Hall 104,Okafor,31/35\n10232,HIST 101,02,World History I,3,TR,11:00 am-12:15 pm,Dale Hall 104,Okafor,28/35\n10240,CHEM 110,01,General Chemistry,4,MWF,1:00-1:50 pm,Ray 210,Lindqvist,24/24\n10240,CHEM 110,01,General Chemistry,,R,2:00-4:50 pm,Ray Lab 2,Lindqvist,\n10251,ART 220,01,Ceramics,3,TBA,,Studio,Pell,4/8\n10260,MBA 510,E1,Finance,3,W,6:30-9:15 pm,Online,Haas,12/20\n",
            "Academic calendar.csv": "Fall 2026,\nMon Aug 24,Classes begin\nMon Sep 7,Labor Day - no classes\nMon-Tue Oct 12-13,Fall break - no classes\nFri Oct 23,Last day to withdraw\nWed-Fri Nov 25-27,Thanksgiving - no classes\nFri Dec 4,Last day of classes\nMon-Thu Dec 7-10,Final examinations\n",
        },
        "2026-08-24", "2026-12-04", ("2026-09-07", "2026-10-12..2026-10-13", "2026-11-25..2026-11-27",),
        ("10231|Mon Wed Fri|09:00|09:50|Dale Hall 104", "10240|Mon Wed Fri|13:00|13:50|Ray 210", "10232|Tue Thu|11:00|12:15|Dale Hall 104", "10260|Wed|18:30|21:15|Online", "10240|Thu|14:00|16:50|Ray Lab 2"),
    ),
    "a French calendar: until the eve of the last holidays, back on the day in brackets": Folder(
        {
            "EDT 5B.csv": "Emploi du temps 5B;;;;;\n;Lundi;Mardi;Mercredi;Jeudi;Vendredi\nM1 8h30-9h25;Français M. Blin 12;Maths Mme Roux 14;Anglais Mme Hay 8;Français M. Blin 12;EPS M. Tic Gymnase\nM2 9h25-10h20;Maths Mme Roux 14;Français M. Blin 12;SVT Mme Sel Labo 1;Histoire-Géo M. Nau 10;EPS M. Tic Gymnase\nS1 13h30-14h25;Anglais Mme Hay 8;Histoire-Géo M. Nau 10;;Maths Mme Roux 14;\n",
            "Calendrier.csv": "Calendrier scolaire 2026-2027;;\nRentrée;mardi 1er septembre 2026;\nVacances de la Toussaint;du samedi 17 octobre 2026;au lundi 2 novembre 2026 (reprise)\nArmistice;mercredi 11 novembre 2026;\nVacances de Noël;samedi 19 décembre 2026;\n",
        },
        "2026-09-01", "2026-12-18", ("2026-10-17..2026-11-01", "2026-11-11",),
        (
            "5B|Mon|08:30|09:25|12", "5B|Tue|08:30|09:25|14", "5B|Wed|08:30|09:25|8", "5B|Thu|08:30|09:25|12", "5B|Fri|08:30|09:25|Gymnase",
            "5B|Mon|09:25|10:20|14", "5B|Tue|09:25|10:20|12", "5B|Wed|09:25|10:20|Labo 1", "5B|Thu|09:25|10:20|10", "5B|Fri|09:25|10:20|Gymnase",
            "5B|Mon|13:30|14:25|8", "5B|Tue|13:30|14:25|10", "5B|Thu|13:30|14:25|14",
        ),
    ),
    "lessons and their minutes, terms in sentences without a year": Folder(
        {
            "Peripatetic lessons.csv": "Pupil,Year,Instrument,Teacher,Day,Time,Mins,Room\nIda Bell,7,Flute,Mrs Dunn,Mon,9.10,20,MP1\nTom Reed,9,Trumpet,Mr Hale,Mon,1.30,30,MP2\nUna Park,8,Cello,Ms Voss,Weds,11.05,30,MP1\nEli Stone,10,Drums,Mr Hale,Fri,2.15,20,MP2\n",
            "Term dates.csv": "Autumn term 2026\nStart of term: Thursday 3 September\nHalf term: Monday 26 October to Friday 30 October\nEnd of term: Friday 18 December\n",
        },
        "2026-09-04", "2026-12-18", ("2026-10-26..2026-10-30",),
        ("Drums|Fri|14:15|14:35|MP2", "Flute|Mon|09:10|09:30|MP1", "Trumpet|Mon|13:30|14:00|MP2", "Cello|Wed|11:05|11:35|MP1"),
    ),
    "evening courses: numbers of meetings, one with an exception, N.N. as nobody": Folder(
        {
            "Kursplan Herbst.csv": "Kursnr.;Kurs;Kursleitung;Wochentag;Uhrzeit;Beginn;Termine;Raum;Gebühr\nE101;Englisch A1;J. Frost;montags;18:00–19:30;14.09.2026;5;R 3;95 €\nE205;Englisch B1;J. Frost;mittwochs;18:00–19:30;16.09.2026;4;R 3;80 €\nS110;Spanisch A2;L. Mora;di + do;17:30–19:00;15.09.2026;6;R 1;120 €\nF130;Französisch;N.N.;freitags;10:00–11:30;18.09.2026;3 (nicht 2.10.);R 2;60 €\n",
        },
        "2026-09-14", "2026-10-12", (),
        ("E101|Mon|18:00|19:30|R 3", "S110|Tue Thu|17:30|19:00|R 1|2026-09-15 2026-09-17 2026-09-22 2026-09-24 2026-09-29 2026-10-01", "E205|Wed|18:00|19:30|R 3", "F130|Fri|10:00|11:30|R 2|2026-09-18 2026-09-25 2026-10-09"),
    ),
    "masses of a weekend: the vigil is on the eve of the date": Folder(
        {
            "Mass schedule and lectors.csv": "Lector schedule – September/October 2026,,,\nSunday,Sat Vigil 5:00 PM,Sun 8:00 AM,Sun 10:30 AM\n9/6/2026,J. Marsh,A. Cole,P. Dunn\n9/13/2026,A. Cole,K. Ives,J. Marsh\n9/20/2026,K. Ives,P. Dunn,A. Cole\n",
        },
        dated=("2026-09-05 17:00|18:00|Sat Vigil|", "2026-09-06 08:00|09:00|Sun 8:00 AM|", "2026-09-06 10:30|11:30|Sun 10:30 AM|", "2026-09-12 17:00|18:00|Sat Vigil|", "2026-09-13 08:00|09:00|Sun 8:00 AM|", "2026-09-13 10:30|11:30|Sun 10:30 AM|", "2026-09-19 17:00|18:00|Sat Vigil|", "2026-09-20 08:00|09:00|Sun 8:00 AM|", "2026-09-20 10:30|11:30|Sun 10:30 AM|"),
    ),
    "a league whose dates say their weekday: one evening each": Folder(
        {
            "League schedule.csv": "Week,Date,Court 1,Court 2,Court 3\n1,Tue 9/8/26,Aces v Dinks,Lobs v Smash,Nets v Drops\n2,Tue 9/15/26,Aces v Lobs,Dinks v Nets,Smash v Drops\n3,Tue 9/22/26,Aces v Nets,Lobs v Drops,Dinks v Smash\n,,,,\nAll matches 6:30 pm - 8:00 pm,,,,\n",
        },
        dated=("2026-09-08 18:30|20:00|Aces v Dinks|Court 1", "2026-09-08 18:30|20:00|Lobs v Smash|Court 2", "2026-09-08 18:30|20:00|Nets v Drops|Court 3", "2026-09-15 18:30|20:00|Aces v Lobs|Court 1", "2026-09-15 18:30|20:00|Dinks v Nets|Court 2", "2026-09-15 18:30|20:00|Smash v Drops|Court 3", "2026-09-22 18:30|20:00|Aces v Nets|Court 1", "2026-09-22 18:30|20:00|Dinks v Smash|Court 3", "2026-09-22 18:30|20:00|Lobs v Drops|Court 2"),
    ),
    "rehearsals with a remark behind the time": Folder(
        {
            "Rehearsals.csv": "The Harbour Light – rehearsal schedule 2027,,,,\nDate,Time,Scenes,Called,Venue\nMon 11 Jan,7-9.30pm,Act 1 read-through,Full company,Church hall\nThu 14 Jan,7-9.30pm,Act 1 sc. 1-3,\"Anna, Ben, Chris\",Church hall\nSun 17 Jan,2-5pm,Songs,Chorus,School\nMon 18 Jan,,NO REHEARSAL,,\nThu 21 Jan,7-9.30pm,Act 1 sc. 4,Anna & Dee,Church hall\nSat 30 Jan,10am-4pm (bring lunch),Full run,Full company,Theatre\n",
        },
        dated=("2027-01-11 19:00|21:30|Act 1 read-through|Church hall", "2027-01-14 19:00|21:30|Act 1 sc. 1-3|Church hall", "2027-01-17 14:00|17:00|Songs|School", "2027-01-18 00:00|00:00|NO REHEARSAL|", "2027-01-21 19:00|21:30|Act 1 sc. 4|Church hall", "2027-01-30 10:00|16:00|Full run|Theatre"),
    ),
    "studios below days; a season whose year stands before it; closed days in a line below": Folder(
        {
            "Fall class schedule.csv": "Fall 2026: September 8 - December 19,,,,,,\n,Monday,,Tuesday,,Wednesday,\n,Studio A,Studio B,Studio A,Studio B,Studio A,Studio B\n4:00-5:00,Ballet I,Tap I,Creative Movement,Jazz I,Ballet I,Tap II\n5:00-6:30,Ballet III,Jazz II,Ballet II,,Ballet III,Jazz II\n,,,,,,\n\"Closed: November 23-28\",,,,,,\n",
        },
        "2026-09-08", "2026-12-16", ("2026-11-23..2026-11-28",),
        ("Creative Movement|Tue|16:00|17:00|Studio A", "Jazz I|Tue|16:00|17:00|Studio B", "Ballet II|Tue|17:00|18:30|Studio A", "Ballet I|Mon Wed|16:00|17:00|Studio A", "Tap II|Wed|16:00|17:00|Studio B", "Ballet III|Mon Wed|17:00|18:30|Studio A", "Jazz II|Mon Wed|17:00|18:30|Studio B", "Tap I|Mon|16:00|17:00|Studio B"),
    ),
    "a Norwegian school: planning days close it, breaks of the day are nothing": Folder(
        {
            "Timeplan 6B.csv": "Timeplan 6B;;;;;\nTid;Mandag;Tirsdag;Onsdag;Torsdag;Fredag\n08.30–09.15;Norsk;Matte;Engelsk;Matte;KRLE\n09.15–10.00;Norsk;Naturfag;Engelsk;Matte;Kroppsøving\n10.00–10.15;Friminutt;Friminutt;Friminutt;Friminutt;Friminutt\n10.15–11.00;Matte;Musikk;Samfunnsfag;Norsk;Kroppsøving\n",
            "Skolerute 2026-2027.csv": "Hendelse;Dato\nFørste skoledag;17. august 2026\nHøstferie;28. september – 2. oktober 2026\nPlanleggingsdag, elevene har fri;19.–20. november 2026\nSiste skoledag før jul;18. desember 2026\n",
        },
        "2026-08-17", "2026-12-18", ("2026-09-28..2026-10-02", "2026-11-19..2026-11-20",),
        ("6B|Mon Tue Wed Thu Fri|08:30|09:15|", "6B|Mon Tue Wed Thu Fri|09:15|10:00|", "6B|Mon Tue Wed Thu Fri|10:15|11:00|"),
    ),
    "exams in Spanish: weekday and day, a length in brackets, years of study that are no titles": Folder(
        {
            "Exámenes enero.csv": "Convocatoria enero 2027;;;;\nAsignatura;Curso;Fecha;Hora;Aula\nÁlgebra;1º;lunes 18/01;9:00 h;A-101\nFísica;1º;miércoles 20/01;9:00 h;A-101\nCálculo;2º;martes 19/01;12:00 h (2h);A-204\nEstadística;2º;viernes 22/01;16:00 h;\"A-204, A-205\"\n",
        },
        dated=("2027-01-18 09:00|10:00|Álgebra|A-101", "2027-01-19 12:00|14:00|Cálculo|A-204", "2027-01-20 09:00|10:00|Física|A-101", "2027-01-22 16:00|17:00|Estadística|A-204, A-205"),
    ),
    "weekends on call: from a weekday and time to another": Folder(
        {
            "On-call 2026 Q4.csv": "Weekend on call – Friday 17:00 to Monday 08:00,,\nWeekend of,Physician,Backup\nOct 2,Dr. Mears,Dr. Tully\nOct 9,Dr. Tully,Dr. Odum\nOct 16,Dr. Odum,Dr. Mears\nOct 23,Dr. Mears,Dr. Tully\n",
        },
        dated=("2026-10-02 17:00|08:00|Backup|", "2026-10-02 17:00|08:00|Physician|", "2026-10-09 17:00|08:00|Backup|", "2026-10-09 17:00|08:00|Physician|", "2026-10-16 17:00|08:00|Backup|", "2026-10-16 17:00|08:00|Physician|", "2026-10-23 17:00|08:00|Backup|", "2026-10-23 17:00|08:00|Physician|"),
    ),
    "a calendar with yes and no, school until the last day before a break": Folder(
        {
            "School calendar.csv": "Date,Event,School closed?\n2026-09-08,First day of school,No\n2026-10-12,Thanksgiving,Yes\n2026-10-30,Halloween dance,No\n2026-11-13,PA day,Yes\n2026-12-18,Last day before winter break,No\n",
            "Classes.csv": "Class,Day,Start,End,Room\n8A Art,Mon,9:00,10:00,1\n8A PE,Fri,9:00,10:00,Gym\n",
        },
        "2026-09-11", "2026-12-18", ("2026-10-12", "2026-11-13",),
        ("8A PE|Fri|09:00|10:00|Gym", "8A Art|Mon|09:00|10:00|1"),
    ),
    "bell times whose captions name weekdays; a list of A and B days": Folder(
        {
            "Bell schedule.csv": "Regular (M T Th F),,,Advisory Wednesday,,\nBlock,Start,End,Block,Start,End\n1,7:50,9:15,1,7:50,9:00\n2,9:20,10:45,Advisory,9:05,9:45\nLunch,10:45,11:25,2,9:50,11:00\n3,11:30,12:55,Lunch,11:00,11:40\n4,1:00,2:25,3,11:45,12:55\n,,,4,1:00,2:25\n",
            "A-B calendar.csv": "Date,Day\n08/31/2026,A\n09/01/2026,B\n09/02/2026,A\n09/03/2026,B\n09/04/2026,A\n09/08/2026,B\n09/09/2026,A\n09/10/2026,B\n09/11/2026,A\n09/14/2026,B\n09/15/2026,A\n09/16/2026,B\n09/17/2026,A\n09/18/2026,B\n09/21/2026,A\n09/22/2026,B\n09/23/2026,A\n09/24/2026,B\n09/25/2026,A\n09/28/2026,B\n09/29/2026,A\n09/30/2026,B\n10/01/2026,A\n10/02/2026,B\n",
            "Schedule Ms Otero.csv": "Block,A Day,B Day\n1,Spanish 2 (Rm 114),Planning\n2,Spanish 2 (Rm 114),AP Spanish (Rm 114)\n3,Planning,Spanish 1 (Rm 110)\n4,Spanish 1 (Rm 110),AP Spanish (Rm 114)\n",
        },
        "2026-08-31", "2026-10-02", ("2026-09-07",),
        ("Spanish 2|Mon Tue Thu Fri|07:50|10:45|Rm 114|2026-08-31 2026-09-04 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-25 2026-09-29 2026-10-01", "Spanish 1|Mon Tue Wed Thu Fri|13:00|14:25|Rm 110|2026-08-31 2026-09-02 2026-09-04 2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 2026-09-29 2026-10-01", "AP Spanish|Mon Tue Thu Fri|09:20|10:45|Rm 114|2026-09-01 2026-09-03 2026-09-08 2026-09-10 2026-09-14 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-10-02", "Spanish 1|Mon Tue Thu Fri|11:30|12:55|Rm 110|2026-09-01 2026-09-03 2026-09-08 2026-09-10 2026-09-14 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-10-02", "AP Spanish|Mon Tue Wed Thu Fri|13:00|14:25|Rm 114|2026-09-01 2026-09-03 2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-09-30 2026-10-02", "Spanish 2|Wed|07:50|09:00|Rm 114|2026-09-02 2026-09-09 2026-09-23", "Spanish 2|Wed|09:50|11:00|Rm 114|2026-09-02 2026-09-09 2026-09-23", "AP Spanish|Wed|09:50|11:00|Rm 114|2026-09-16 2026-09-30", "Spanish 1|Wed|11:45|12:55|Rm 110|2026-09-16 2026-09-30"),
    ),
    "hirers on days of each month, one-off bookings, a closed day": Folder(
        {
            "Regular hirers.csv": "Hirer,Activity,Day,Time,Room,From,Until\nWI,Meeting,2nd Tuesday,19:30-21:30,Main hall,08/09/2026,08/12/2026\nLittle Feet,Toddler dance,Every Thursday,9.30am-10.15am,Small room,10/09/2026,17/12/2026\nCamera Club,Talk,1st & 3rd Wed,19:45-22:00,Small room,16/09/2026,16/12/2026\n",
            "One-off bookings.csv": "Date,Start,End,Hirer,Room\n26/09/2026,14:00,17:30,Party – Price,Main hall\n17/10/2026,10:00,12:00,Jumble sale,Main hall\n",
            "Hall closed.csv": "Date,Reason\n22/10/2026,Floor sealing\n",
        },
        "2026-09-08", "2026-12-17", ("2026-10-22",),
        ("Meeting|Tue|19:30|21:30|Main hall|2026-09-08 2026-10-13 2026-11-10 2026-12-08", "Toddler dance|Thu|09:30|10:15|Small room", "Talk|Wed|19:45|22:00|Small room|2026-09-16 2026-10-07 2026-10-21 2026-11-04 2026-11-18 2026-12-02 2026-12-16", "Party – Price|Sat|14:00|17:30|Main hall|2026-09-26", "Jumble sale|Sat|10:00|12:00|Main hall|2026-10-17"),
    ),
    "ships in Portuguese: in from one day and time to another": Folder(
        {
            "Escalas setembro.csv": "Navio;Cais;Chegada;Hora chegada;Partida;Hora partida;Agente\nMaré Alta;Cais 2;03/09/2026;06:30;04/09/2026;18:00;Agência Sul\nCosta Azul;Cais 1;14/09/2026;08:00;14/09/2026;20:00;Agência Sul\nVento Norte;Cais 2;21/09/2026;22:00;23/09/2026;05:00;N. Marques\n",
        },
        dated=("2026-09-03 06:30|18:00|Maré Alta|Cais 2", "2026-09-14 08:00|20:00|Costa Azul|Cais 1", "2026-09-21 22:00|05:00|Vento Norte|Cais 2"),
    ),
    "weeks A and B with a plan of substitutions in German": Folder(
        {
            "Stunden.csv": "Stunde;von;bis\n1;07:50;08:35\n2;08:40;09:25\n3;09:45;10:30\n4;10:35;11:20\n",
            "Stundenplan.csv": "Klasse;Fach;Lehrer;Raum;Tag;Stunde;Woche\n8c;Deutsch;Frau Kemper;E12;Mo;1;A+B\n8c;Mathe;Herr Ruß;E12;Mo;2;A+B\n8c;Chemie;Frau Adler;Ch1;Di;3;A\n8c;Physik;Herr Ruß;Ph2;Di;3;B\n8c;Sport;Herr Wolf;Halle;Do;4;B\n9a;Deutsch;Frau Kemper;E14;Mi;2;A+B\n",
            "Wochen.csv": "Woche ab;Typ\n31.08.2026;A\n07.09.2026;B\n14.09.2026;A\n21.09.2026;B\n28.09.2026;A\n05.10.2026;B\n26.10.2026;A\n02.11.2026;B\n09.11.2026;A\n16.11.2026;B\n23.11.2026;A\n30.11.2026;B\n07.12.2026;A\n14.12.2026;B\n04.01.2027;A\n11.01.2027;B\n18.01.2027;A\n25.01.2027;B\n",
            "Halbjahr.csv": "Halbjahr;Beginn;Ende\n1;31.08.2026;29.01.2027\n",
            "Ferien.csv": "Ferien;Erster Tag;Letzter Tag\nHerbstferien;12.10.2026;23.10.2026\nWeihnachtsferien;21.12.2026;05.01.2027\n",
            "Vertretung.csv": "Datum;Klasse;Stunde;Art;Vertreter;Raum neu\n15.09.2026;8c;3;entfällt;;\n23.09.2026;9a;2;Vertretung;Herr Ruß;\n05.11.2026;8c;4;Raum;;Feld\n",
        },
        "2026-08-31", "2027-01-28", ("2026-10-12..2026-10-23", "2026-12-21..2027-01-05",),
        ("8c|Mon|07:50|08:35|E12", "8c|Mon|08:40|09:25|E12", "8c|Tue|09:45|10:30|Ch1|2026-09-01 2026-09-29 2026-10-27 2026-11-10 2026-11-24 2026-12-08 2027-01-19", "9a|Wed|08:40|09:25|E14", "8c|Tue|09:45|10:30|Ph2|2026-09-08 2026-09-22 2026-10-06 2026-11-03 2026-11-17 2026-12-01 2026-12-15 2027-01-12 2027-01-26", "8c|Thu|10:35|11:20|Halle|2026-09-10 2026-09-24 2026-10-08 2026-11-19 2026-12-03 2026-12-17 2027-01-14 2027-01-28", "8c|Thu|10:35|11:20|Feld|2026-11-05"),
    ),
    "lines in another order each day, classes on lines": Folder(
        {
            "Line structure.csv": "Time,Mon,Tue,Wed,Thu,Fri\n08:45-09:45,Line 1,Line 4,Line 6,Line 3,Line 2\n09:45-10:45,Line 2,Line 5,Line 1,Line 4,Line 3\n11:05-12:05,Line 3,Line 6,Line 2,Line 5,Line 4\n12:05-13:05,Line 4,Line 1,Line 3,Line 6,Line 5\n13:50-14:50,Line 5,Line 2,Line 4,Line 1,Line 6\n",
            "Classes on lines.csv": "Line,Class code,Subject,Teacher,Room\n1,9MAT,Mathematics,HRK,M3\n3,10SCI,Science,PTA,S1\n6,12BIO,Biology,PTA,S2\n",
            "Staff.csv": "Code,Name\nHRK,H. Raukawa\nPTA,P. Tamati\n",
            "Term dates.csv": "Term,Start,End\n4,12/10/2026,11/12/2026\n",
            "Non-teaching days.csv": "Day,Date\nLabour Day,26/10/2026\n",
        },
        "2026-10-12", "2026-12-11", ("2026-10-26",),
        ("9MAT|Mon|08:45|09:45|M3", "10SCI|Mon|11:05|12:05|S1", "12BIO|Tue|11:05|12:05|S2", "9MAT|Tue|12:05|13:05|M3", "12BIO|Wed|08:45|09:45|S2", "9MAT|Wed|09:45|10:45|M3", "10SCI|Wed|12:05|13:05|S1", "10SCI|Thu|08:45|09:45|S1", "12BIO|Thu|12:05|13:05|S2", "9MAT|Thu|13:50|14:50|M3", "10SCI|Fri|09:45|10:45|S1", "12BIO|Fri|13:50|14:50|S2"),
    ),
    "a form's grid of subject codes, a list of subjects, an opening and a closing day": Folder(
        {
            "Form 2 North.csv": "TIME,MON,TUE,WED,THU,FRI\n8:00-8:40,ENG,MAT,KIS,BIO,CHE\n8:40-9:20,MAT,ENG,MAT,KIS,PHY\n9:20-9:40,BREAK,BREAK,BREAK,BREAK,BREAK\n9:40-10:20,KIS,CHE,ENG,MAT,BIO\n19:00-21:00,PREP,PREP,PREP,PREP,PREP\n",
            "Subjects.csv": "Code,Subject\nENG,English\nMAT,Mathematics\nKIS,Kiswahili\nBIO,Biology\nCHE,Chemistry\nPHY,Physics\nPREP,Evening prep\n",
            "Term 3.csv": "Term,Opening day,Closing day\n3,31/08/2026,20/11/2026\n",
            "Public holidays.csv": "Holiday,Date\nMazingira Day,10/10/2026\nMashujaa Day,20/10/2026\n",
        },
        "2026-08-31", "2026-11-20", ("2026-10-20", "2026-10-10",),
        ("2 North|Mon Tue Wed Thu Fri|08:00|08:40|", "2 North|Mon Tue Wed Thu Fri|08:40|09:20|", "2 North|Mon Tue Wed Thu Fri|09:40|10:20|", "2 North|Mon Tue Wed Thu Fri|19:00|21:00|"),
    ),
    "columns of a school day, classes on columns": Folder(
        {
            "S5 columns.csv": "Period,Time,Mon,Tue,Wed,Thu,Fri\n1,08:50-09:40,A,B,C,D,E\n2,09:40-10:30,B,C,D,E,F\n3,10:50-11:40,C,D,E,F,A\n4,11:40-12:30,D,E,F,A,B\n",
            "S5 classes.csv": "Column,Class,Teacher,Room\nA,Higher Maths,Mr Bain,M2\nB,Higher Art,Ms Orr,A1\nD,N5 Music,Dr Kerr,Mu1\nF,Higher Physics,Ms Gow,P3\n",
            "Session dates.csv": "Term,Begins,Ends\n1,2026-08-17,2026-12-18\n",
            "Holidays.csv": "Holiday,From,To\nOctober week,2026-10-12,2026-10-23\n",
        },
        "2026-08-17", "2026-12-18", ("2026-10-12..2026-10-23",),
        ("Higher Maths|Mon|08:50|09:40|M2", "Higher Art|Mon|09:40|10:30|A1", "N5 Music|Mon|11:40|12:30|Mu1", "Higher Art|Tue|08:50|09:40|A1", "N5 Music|Tue|10:50|11:40|Mu1", "N5 Music|Wed|09:40|10:30|Mu1", "Higher Physics|Wed|11:40|12:30|P3", "N5 Music|Thu|08:50|09:40|Mu1", "Higher Physics|Thu|10:50|11:40|P3", "Higher Maths|Thu|11:40|12:30|M2", "Higher Physics|Fri|09:40|10:30|P3", "Higher Maths|Fri|10:50|11:40|M2", "Higher Art|Fri|11:40|12:30|A1"),
    ),
    "training in Greek: pitches, two days in a cell": Folder(
        {
            "Προπονήσεις.csv": "Τμήμα,Ημέρα,Ώρα,Γήπεδο,Προπονητής\nK10,Δευτέρα,17:00-18:15,Γήπεδο 1,Ν. Δήμου\nK12,Τρίτη & Πέμπτη,18:15-19:30,Γήπεδο 2,Α. Ρήγας\n",
            "Περίοδος.csv": "Περίοδος,Έναρξη,Λήξη\nΦθινόπωρο,01/09/2026,20/12/2026\n",
            "Αργίες.csv": "Αργία,Ημερομηνία\n28η Οκτωβρίου,28/10/2026\nΠολυτεχνείο,17/11/2026\n",
        },
        "2026-09-01", "2026-12-17", ("2026-10-28", "2026-11-17",),
        ("K12|Tue Thu|18:15|19:30|Γήπεδο 2", "K10|Mon|17:00|18:15|Γήπεδο 1"),
    ),
    "meetings daily, weekly and fortnightly beside their weekdays": Folder(
        {
            "Standing meetings.csv": "Meeting,Frequency,Day,Start,End,Room,From,To\nStand-up,Daily,Mon-Fri,9:15,9:30,Online,2026-10-05,2026-10-30\nTeam review,Weekly,Wed,14:00,15:00,Harbour room,2026-10-07,2026-12-16\nOne-to-one,Fortnightly,Thu,10:00,10:30,Small room,2026-10-08,2026-12-17\n",
            "Office closed.csv": "Closed,Date\nThanksgiving,2026-10-12\nRemembrance Day,2026-11-11\n",
        },
        "2026-10-05", "2026-12-17", (),
        ("Stand-up|Mon Tue Wed Thu Fri|09:15|09:30|Online|2026-10-05 2026-10-06 2026-10-07 2026-10-08 2026-10-09 2026-10-13 2026-10-14 2026-10-15 2026-10-16 2026-10-19 2026-10-20 2026-10-21 2026-10-22 2026-10-23 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30", "Team review|Wed|14:00|15:00|Harbour room|2026-10-07 2026-10-14 2026-10-21 2026-10-28 2026-11-04 2026-11-18 2026-11-25 2026-12-02 2026-12-09 2026-12-16", "One-to-one|Thu|10:00|10:30|Small room|2026-10-08 2026-10-22 2026-11-05 2026-11-19 2026-12-03 2026-12-17"),
    ),
    "listed days with a column of schedules": Folder(
        {
            "Calendar.csv": "Date,Day,Schedule\n09/08/2026,1,Regular\n09/09/2026,2,Regular\n09/10/2026,3,Regular\n09/11/2026,4,Early dismissal\n09/14/2026,1,Regular\n09/15/2026,2,Regular\n09/16/2026,3,Regular\n09/17/2026,4,Regular\n09/18/2026,1,Regular\n09/21/2026,2,Regular\n09/22/2026,3,Regular\n09/23/2026,4,Regular\n09/24/2026,1,Regular\n09/25/2026,2,Early dismissal\n09/28/2026,3,Regular\n09/29/2026,4,Regular\n09/30/2026,1,Regular\n10/01/2026,2,Regular\n10/02/2026,3,Regular\n10/05/2026,4,Regular\n10/06/2026,1,Regular\n10/07/2026,2,Regular\n10/08/2026,3,Regular\n10/09/2026,4,Regular\n10/13/2026,1,Regular\n10/14/2026,2,Regular\n10/15/2026,3,Regular\n10/16/2026,4,Regular\n",
            "Bells.csv": "Period,Regular,Early dismissal\n1,8:00-8:50,8:00-8:30\n2,8:55-9:45,8:35-9:05\n",
            "Classes.csv": "Class,Teacher,Room,Days,Period\nLoft drawing,P. Quist,L1,\"1, 3\",1\nRigging,M. Odell,Y2,\"2, 4\",2\n",
        },
        "2026-09-08", "2026-10-16", ("2026-10-12",),
        ("Loft drawing|Mon Tue Wed Thu Fri|08:00|08:50|L1|2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-09-30 2026-10-02 2026-10-06 2026-10-08 2026-10-13 2026-10-15", "Rigging|Mon Tue Wed Thu Fri|08:55|09:45|Y2|2026-09-09 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-29 2026-10-01 2026-10-05 2026-10-07 2026-10-09 2026-10-14 2026-10-16", "Rigging|Fri|08:35|09:05|Y2|2026-09-11 2026-09-25"),
    ),
    "duties of Saturdays in Danish, the number of each week in front": Folder(
        {
            "Vagtplan.csv": "Uge;Dato;Vagtleder;Følgebåd;Tid\n34;22-08-2026;Anna K;Bo L;10:00-13:00\n35;29-08-2026;Carl M;Dorte N;10:00-13:00\n36;05-09-2026;Bo L;Anna K;10:00-13:00\n",
        },
        dated=("2026-08-22 10:00|13:00|Følgebåd|", "2026-08-22 10:00|13:00|Vagtleder|", "2026-08-29 10:00|13:00|Følgebåd|", "2026-08-29 10:00|13:00|Vagtleder|", "2026-09-05 10:00|13:00|Følgebåd|", "2026-09-05 10:00|13:00|Vagtleder|"),
    ),
    "clinics on Tuesdays of a month and every Monday, in half a year": Folder(
        {
            "Clinics 2027.csv": "Clinic,Consultant,When,Time,Location\nCardiology,Dr Lane,1st and 3rd Tuesday of the month,09:00-12:30,Suite 2\nFracture,Dr Moss,every Monday,13:30-16:30,Suite 1\n",
            "Closed.csv": "Closed,Date\nSt Brigid,2027-02-01\nEaster Monday,2027-03-29\n",
            "Year.csv": "Period,From,To\nFirst half,2027-01-04,2027-06-30\n",
        },
        "2027-01-04", "2027-06-28", ("2027-02-01", "2027-03-29",),
        ("Fracture|Mon|13:30|16:30|Suite 1", "Cardiology|Tue|09:00|12:30|Suite 2|2027-01-05 2027-01-19 2027-02-02 2027-02-16 2027-03-02 2027-03-16 2027-04-06 2027-04-20 2027-05-04 2027-05-18 2027-06-01 2027-06-15"),
    ),
    "a schedule of A and B days with its times behind the days": Folder(
        {
            "Schedule.csv": "Period,A Day,B Day,Start,End\n1,Algebra,Drama,8:00,9:30\n2,Spanish,Chemistry,9:40,11:10\n",
            "Calendar.csv": "Date,A/B\n08/24/2026,A\n08/25/2026,B\n08/26/2026,A\n08/27/2026,B\n08/28/2026,A\n08/31/2026,B\n09/01/2026,A\n09/02/2026,B\n09/03/2026,A\n09/04/2026,B\n09/08/2026,A\n09/09/2026,B\n09/10/2026,A\n09/11/2026,B\n09/14/2026,A\n09/15/2026,B\n09/16/2026,A\n09/17/2026,B\n09/18/2026,A\n09/21/2026,B\n09/22/2026,A\n09/23/2026,B\n09/24/2026,A\n09/25/2026,B\n09/28/2026,A\n09/29/2026,B\n09/30/2026,A\n",
        },
        "2026-08-24", "2026-09-30", ("2026-09-07",),
        ("Algebra|Mon Tue Wed Thu Fri|08:00|09:30||2026-08-24 2026-08-26 2026-08-28 2026-09-01 2026-09-03 2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-09-30", "Spanish|Mon Tue Wed Thu Fri|09:40|11:10||2026-08-24 2026-08-26 2026-08-28 2026-09-01 2026-09-03 2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-09-30", "Drama|Mon Tue Wed Thu Fri|08:00|09:30||2026-08-25 2026-08-27 2026-08-31 2026-09-02 2026-09-04 2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 2026-09-29", "Chemistry|Mon Tue Wed Thu Fri|09:40|11:10||2026-08-25 2026-08-27 2026-08-31 2026-09-02 2026-09-04 2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 2026-09-29"),
    ),
    "clubs: a note says in its sentences from when until when, and when not": Folder(
        {
            "After school clubs Autumn 2026.csv": "\"After school clubs, Autumn 2026\"\nClubs run from Monday 14 September to Friday 4 December. No clubs in half term (26-30 October).\n\nClub,Day,Time,Where,Led by,Years\nChoir,Monday,3.20-4.20,Hall,Mrs Dene,3-6\nChess,Tuesday,3.20-4.15,Library,Mr Hobb,2-6\nFootball,Wednesday,3.20-4.30,Field,Coach Pell,4-6\nSewing,Thursday,3.20-4.20,Room 5,Miss Ray,1-6\n",
        },
        "2026-09-14", "2026-12-03", ("2026-10-26..2026-10-30",),
        ("Choir|Mon|15:20|16:20|Hall", "Chess|Tue|15:20|16:15|Library", "Football|Wed|15:20|16:30|Field", "Sewing|Thu|15:20|16:20|Room 5"),
    ),
    "a parish: churches, days and starts alone, called by the file": Folder(
        {
            "Masses.csv": "Church,Day,Time\nSt Anne,Sunday,8:30\nSt Anne,Sunday,11:00\nSt Bride,Saturday,18:30\nSt Bride,Wednesday,10:00\n",
            "Period.csv": "From,To\n3 January 2027,28 March 2027\n",
            "No Mass.csv": "Date,Reason\n17 March 2027,Bank holiday\n",
        },
        "2027-01-03", "2027-03-28", (),
        ("Masses|Sun|08:30|09:30|St Anne", "Masses|Sun|11:00|12:00|St Anne", "Masses|Wed|10:00|11:00|St Bride|2027-01-06 2027-01-13 2027-01-20 2027-01-27 2027-02-03 2027-02-10 2027-02-17 2027-02-24 2027-03-03 2027-03-10 2027-03-24", "Masses|Sat|18:30|19:30|St Bride"),
    ),
    "a college: sections from first to last days, closures among its dates": Folder(
        {
            "Fall 2026 sections.csv": "CRN,Subj,Crse,Sec,Title,Days,Time,Bldg,Room,Instructor,Start Date,End Date\n10234,CHEM,1010,01,General Chemistry I,MWF,9:30 am-10:20 am,Loft,101,\"Hale, R\",08/31/2026,12/09/2026\n10235,CHEM,1010,02,General Chemistry I,TR,11:00 am-12:15 pm,Loft,101,\"Hale, R\",08/31/2026,12/09/2026\n10240,HIST,2200,01,Maritime History,MW,2:00 pm-3:15 pm,Quay,220,\"Orr, D\",08/31/2026,12/09/2026\n10251,BIOL,1500,L1,Biology Lab,F,1:00 pm-3:50 pm,Loft,B12,\"Fay, M\",08/31/2026,12/09/2026\n10260,ARTS,3000,01,Independent Study,,TBA,,,\"Low, P\",08/31/2026,12/09/2026\n",
            "Academic calendar.csv": "Date,Event\n\"Aug 31, 2026\",First day of classes\n\"Sep 7, 2026\",Labor Day (no classes)\n\"Oct 12-13, 2026\",Fall break (no classes)\n\"Nov 25-27, 2026\",Thanksgiving recess (no classes)\n\"Dec 9, 2026\",Last day of classes\n",
        },
        "2026-08-31", "2026-12-09", ("2026-09-07", "2026-10-12..2026-10-13", "2026-11-25..2026-11-27",),
        ("10234|Mon Wed Fri|09:30|10:20|Loft 101", "10240|Mon Wed|14:00|15:15|Quay 220", "10235|Tue Thu|11:00|12:15|Loft 101", "10251|Fri|13:00|15:50|Loft B12"),
    ),
    "weeks of days with names, which the timetable has with its periods": Folder(
        {
            "Day calendar.csv": "Week of,Monday,Tuesday,Wednesday,Thursday,Friday\n\"Sep 7, 2026\",No School,Gold,Black,Gold,Black\n\"Sep 14, 2026\",Gold,Black,Gold,Black,Gold\n\"Sep 21, 2026\",Black,Gold,Black,Gold,Black\n\"Sep 28, 2026\",Gold,Black,Gold,No School,No School\n",
            "Bell times.csv": "Block,Begins,Ends\n1,8:00 AM,9:25 AM\n2,9:35 AM,11:00 AM\nLunch,11:00 AM,11:40 AM\n3,11:40 AM,1:05 PM\n4,1:15 PM,2:40 PM\n",
            "Master schedule.csv": "Course,Teacher,Room,Block\nPhysics,Hale,P1,Gold 1\nPhysics,Hale,P1,Black 3\nAlgebra,Orr,12,\"Gold 2, Black 1\"\nBand,Fay,Hall,\"Gold 4, Black 4\"\nCivics,Low,9,Black 2\n",
        },
        "2026-09-08", "2026-09-30", (),
        ("Physics|Mon Tue Wed Thu Fri|08:00|09:25|P1|2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-09-30", "Algebra|Mon Tue Wed Thu Fri|09:35|11:00|12|2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 2026-09-28 2026-09-30", "Band|Mon Tue Wed Thu Fri|13:15|14:40|Hall", "Algebra|Mon Tue Wed Thu Fri|08:00|09:25|12|2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 2026-09-29", "Civics|Mon Tue Wed Thu Fri|09:35|11:00|9|2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 2026-09-29", "Physics|Mon Tue Wed Thu Fri|11:40|13:05|P1|2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 2026-09-29"),
    ),
    "a class's grid above the key of its subjects": Folder(
        {
            "III BSc A.csv": "Class: III B.Sc. A,,,,\nDay/Hour,\"I\n9:00-9:50\",\"II\n9:50-10:40\",\"III\n11:00-11:50\",\"IV\n11:50-12:40\"\nMON,CS31,MA32,CS33,EN30\nTUE,MA32,CS31,LAB,LAB\nWED,EN30,CS33,MA32,CS31\nTHU,CS33,EN30,CS31,\nFRI,CS31,MA32,EN30,CS33\n\nCode,Subject,Faculty,,\nCS31,Data Structures,Dr. Rao,,\nMA32,Statistics,Ms. Iyer,,\nCS33,Networks,Mr. Das,,\nEN30,English,Ms. Paul,,\nLAB,Networks Lab,Mr. Das,,\n",
            "Semester.csv": "Semester,Commencement,Last working day\nV,06-07-2026,30-10-2026\n",
            "Holidays.csv": "Date,Day,Occasion\n15-08-2026,Saturday,Independence Day\n02-10-2026,Friday,Gandhi Jayanti\n20-10-2026,Tuesday,Festival\n",
        },
        "2026-07-06", "2026-10-30", ("2026-10-02", "2026-10-20",),
        ("III B.Sc. A|Mon Tue Wed Thu Fri|09:00|09:50|", "III B.Sc. A|Mon Tue Wed Thu Fri|09:50|10:40|", "III B.Sc. A|Mon Tue Wed Thu Fri|11:00|11:50|", "III B.Sc. A|Mon Tue Wed Fri|11:50|12:40|"),
    ),
    "days and periods down, classes across": Folder(
        {
            "Master timetable.csv": "Day,Period,S1A,S1B,S2A\nMonday,1,Maths,English,Art\n,2,English,Maths,PE\nTuesday,1,PE,Science,Maths\n,2,Science,PE,English\nFriday,1,Art,Maths,\n",
            "Periods.csv": "Period,Start,Finish\n1,08:50,09:40\n2,09:45,10:35\n",
            "Session dates.csv": "Term,Starts,Ends\nTerm 1,19 August 2026,9 October 2026\nTerm 2,26 October 2026,18 December 2026\n",
            "Holidays.csv": "Holiday,Date\nStaff day,16 November 2026\n",
        },
        "2026-08-21", "2026-12-18", ("2026-10-12..2026-10-23", "2026-11-16",),
        ("S1A|Mon Tue Fri|08:50|09:40|", "S1B|Mon Tue Fri|08:50|09:40|", "S2A|Mon Tue|08:50|09:40|", "S1A|Mon Tue|09:45|10:35|", "S1B|Mon Tue|09:45|10:35|", "S2A|Mon Tue|09:45|10:35|"),
    ),
    "lessons counted from a first one, in Dutch": Folder(
        {
            "Lesrooster.csv": "Les;Docent;Dag;Tijd;Zaal;Leeftijd;Eerste les;Aantal lessen\nBallet 1;Sanne;maandag;16:00-16:45;A;6-8 jr;7-9-2026;12\nHiphop;Daan;dinsdag;17:00-18:00;B;10-14 jr;8-9-2026;12\nModern;Sanne;donderdag;19:30-21:00;A;16+;10-9-2026;10\n",
            "Vakanties.csv": "Vakantie;Van;Tot en met\nHerfstvakantie;17-10-2026;25-10-2026\n",
        },
        "2026-09-07", "2026-12-01", ("2026-10-17..2026-10-25",),
        ("Ballet 1|Mon|16:00|16:45|A", "Hiphop|Tue|17:00|18:00|B", "Modern|Thu|19:30|21:00|A|2026-09-10 2026-09-17 2026-09-24 2026-10-01 2026-10-08 2026-10-15 2026-10-29 2026-11-05 2026-11-12 2026-11-19"),
    ),
    "a programme guide: a count of classes, and when there is none": Folder(
        {
            "Winter program guide.csv": "Code,Program,Ages,Day,Time,Start date,# of classes,Location,Fee,No class\n1201,Pottery,16+,Tue,6:30-8:30 pm,\"Jan 12, 2027\",8,Craft room,$120,Feb 16\n1202,Tots gym,2-4,\"Wed, Fri\",9:30-10:15 am,\"Jan 13, 2027\",12,Gym,$60,\n1203,Badminton,19+,Sat,1-3 pm,\"Jan 16, 2027\",6,Gym,$45,Feb 13\n",
        },
        "2027-01-12", "2027-03-09", (),
        ("1201|Tue|18:30|20:30|Craft room|2027-01-12 2027-01-19 2027-01-26 2027-02-02 2027-02-09 2027-02-23 2027-03-02 2027-03-09", "1202|Wed Fri|09:30|10:15|Gym|2027-01-13 2027-01-15 2027-01-20 2027-01-22 2027-01-27 2027-01-29 2027-02-03 2027-02-05 2027-02-10 2027-02-12 2027-02-17 2027-02-19", "1203|Sat|13:00|15:00|Gym|2027-01-16 2027-01-23 2027-01-30 2027-02-06 2027-02-20 2027-02-27"),
    ),
    "tutors and days, several hours in a cell, the span in the title": Folder(
        {
            "Tutor grid fall.csv": "\"Tutoring, September 14 to December 11, 2026\"\nTutor,Mon,Tue,Wed,Thu\nIna,\"4:00-5:00 Ava\n5:00-6:00 Ben\",,4:00-5:00 Cole,\nJoss,,4:30-5:30 Dee,,\"4:30-5:30 Dee\n5:30-6:30 Eli\"\n",
            "Closed.csv": "Date,Why closed\nMon Oct 12 2026,Thanksgiving\n",
        },
        "2026-09-14", "2026-12-10", ("2026-10-12",),
        ("Ava|Mon|16:00|17:00|", "Ben|Mon|17:00|18:00|", "Dee|Tue Thu|16:30|17:30|", "Cole|Wed|16:00|17:00|", "Eli|Thu|17:30|18:30|"),
    ),
    "shifts by codes, their hours and days off in lines below": Folder(
        {
            "Turni febbraio 2027.csv": "Turni febbraio 2027\nInfermiere;1;2;3;4;5;6;7;8\nBianchi;M;M;P;P;N;N;S;R\nConti;P;N;N;S;R;M;M;P\nFerri;N;S;R;M;M;P;P;N\n\nM = mattina 7-14\nP = pomeriggio 14-21\nN = notte 21-7\nS = smonto\nR = riposo\n",
        },
        "2027-02-01", "2027-02-08", (),
        ("mattina|Mon Tue Thu Fri Sat Sun|07:00|14:00||2027-02-01 2027-02-02 2027-02-04 2027-02-05 2027-02-06 2027-02-07", "pomeriggio|Mon Wed Thu Sat Sun|14:00|21:00|", "notte|Mon Tue Wed Fri Sat|21:00|07:00|"),
    ),
    "a class by hours, with its break in every column": Folder(
        {
            "Horário 6º ano.csv": "Horário;Segunda-feira;Terça-feira;Quarta-feira;Quinta-feira;Sexta-feira\n7h00 às 7h50;Português;Matemática;História;Português;Ciências\n7h50 às 8h40;Matemática;Português;Matemática;Geografia;Português\n8h40 às 9h00;INTERVALO;INTERVALO;INTERVALO;INTERVALO;INTERVALO\n9h00 às 9h50;Ciências;Ed. Física;Português;Matemática;Artes\n",
            "Calendário letivo.csv": "Evento;Início;Fim\n1º semestre;01/02/2027;30/06/2027\n",
            "Feriados.csv": "Data;Feriado\n08/02/2027 a 10/02/2027;Carnaval\n26/03/2027;Sexta-feira Santa\n21/04/2027;Tiradentes\n",
        },
        "2027-02-01", "2027-06-30", ("2027-02-08..2027-02-10", "2027-03-26", "2027-04-21",),
        ("6º ano|Mon Tue Wed Thu Fri|07:00|07:50|", "6º ano|Mon Tue Wed Thu Fri|07:50|08:40|", "6º ano|Mon Tue Wed Thu Fri|09:00|09:50|"),
    ),
    "a desk's shifts below a title that ends with its span": Folder(
        {
            "Museum desk volunteers Jan-Mar 2027.csv": "\"Museum front desk, January 4 - March 26, 2027\"\nShift,Mon,Tue,Wed,Thu,Fri\nMorning (10:00-1:00),Ada,Ben,Cyd,Ada,Dot\nAfternoon (1:00-4:00),Eve,Eve,Fay,Gus,Gus\n",
            "Closed days.csv": "Date,Reason\n\"January 18, 2027\",MLK Day\n\"February 15, 2027\",Presidents Day\n",
        },
        "2027-01-04", "2027-03-26", ("2027-01-18", "2027-02-15",),
        ("Ada|Mon Thu|10:00|13:00|", "Eve|Mon Tue|13:00|16:00|", "Ben|Tue|10:00|13:00|", "Cyd|Wed|10:00|13:00|", "Fay|Wed|13:00|16:00|", "Gus|Thu Fri|13:00|16:00|", "Dot|Fri|10:00|13:00|"),
    ),
    "examinations of which one date has a year": Folder(
        {
            "Mock exams.csv": "Date,Start,Subject,Paper,Length,Venue\nMon 11 Jan,9.00am,Maths,1,1h 30m,Sports hall\n,1.30pm,History,1,2h,Sports hall\nTue 12 Jan,9.00am,Biology,1,1h 45m,Gym\nWed 13 Jan 2027,9.00am,English,Lit,2h 15m,Sports hall\n",
        },
        dated=("2027-01-11 09:00|10:30|Maths|Sports hall", "2027-01-11 13:30|15:30|History|Sports hall", "2027-01-12 09:00|10:45|Biology|Gym", "2027-01-13 09:00|11:15|English|Sports hall"),
    ),
    "a camp's day, the same on each weekday of its title": Folder(
        {
            "Camp July 2027.csv": "\"Summer camp, Monday-Friday, July 12-16, 2027\"\nTime,Otters,Herons\n9:00-10:00,Swimming,Crafts\n10:15-11:15,Crafts,Swimming\n11:30-12:30,Lunch,Lunch\n1:00-2:30,Hike,Kayaks\n",
        },
        "2027-07-12", "2027-07-16", (),
        ("Crafts|Mon Tue Wed Thu Fri|09:00|10:00|", "Swimming|Mon Tue Wed Thu Fri|09:00|10:00|", "Crafts|Mon Tue Wed Thu Fri|10:15|11:15|", "Swimming|Mon Tue Wed Thu Fri|10:15|11:15|", "Hike|Mon Tue Wed Thu Fri|13:00|14:30|", "Kayaks|Mon Tue Wed Thu Fri|13:00|14:30|"),
    ),
    "bell times of weekdays, one table below the other": Folder(
        {
            "Bell schedule.csv": "\"Mon, Tue, Thu, Fri\"\nPeriod,Start,End\n1,8:00,8:50\n2,8:55,9:45\n\nWednesday (late start)\nPeriod,Start,End\n1,9:30,10:10\n2,10:15,10:55\n",
            "Classes.csv": "Class,Teacher,Room,Days,Period\nArt,Fay,5,M-F,1\nShop,Orr,6,MWF,2\n",
            "Year.csv": "Semester,Start,End\nSpring,1/11/2027,5/21/2027\n",
            "No school.csv": "Date,What\n1/18/2027,MLK Day\n3/15/2027 - 3/19/2027,Spring break\n",
        },
        "2027-01-11", "2027-05-21", ("2027-01-18", "2027-03-15..2027-03-19",),
        ("Art|Mon Tue Thu Fri|08:00|08:50|5", "Shop|Mon Fri|08:55|09:45|6", "Art|Wed|09:30|10:10|5", "Shop|Wed|10:15|10:55|6"),
    ),
    "a music school in Polish: pupils, and instruments taught": Folder(
        {
            "Plan zajęć.csv": "Uczeń;Instrument;Nauczyciel;Dzień;Godzina;Sala\nOla K.;fortepian;p. Nowak;poniedziałek;15:00-15:45;3\nJan W.;skrzypce;p. Lis;wtorek;16:00-16:45;4\nEwa Z.;flet;p. Lis;czwartek;15:30-16:15;4\n",
            "Semestr.csv": "Semestr;Początek;Koniec\nzimowy;01.09.2026;22.01.2027\n",
            "Dni wolne.csv": "Dzień wolny;Od;Do\nŚwięto Niepodległości;11.11.2026;\nPrzerwa świąteczna;23.12.2026;31.12.2026\nNowy Rok;01.01.2027;\n",
        },
        "2026-09-01", "2027-01-21", ("2026-11-11", "2026-12-23..2027-01-01",),
        ("skrzypce|Tue|16:00|16:45|4", "flet|Thu|15:30|16:15|4", "fortepian|Mon|15:00|15:45|3"),
    ),
    "what is on, below months and without headings": Folder(
        {
            "What's on.csv": "What's on 2027\nJanuary\nTue 12,10.30am,Rhyme time,Children's area\nThu 21,6pm-7.30pm,Author talk,Gallery\nFebruary\nTue 9,10.30am,Rhyme time,Children's area\nSat 20,2pm-4pm,Repair cafe,Gallery\n",
        },
        dated=("2027-01-12 10:30|11:30|Rhyme time|Children's area", "2027-01-21 18:00|19:30|Author talk|Gallery", "2027-02-09 10:30|11:30|Rhyme time|Children's area", "2027-02-20 14:00|16:00|Repair cafe|Gallery"),
    ),
    "appointments of a day, a break among them": Folder(
        {
            "Bookings Tue 9 March 2027.csv": "Time,Ina,Tess,Uma\n09:00,Mrs Hale - cut,,Mr Orr - trim\n09:30,,Ms Ray - colour,\n10:00,Mr Bell - cut,,LUNCH\n10:30,,,\n",
        },
        dated=("2027-03-09 09:00|09:30|Mr Orr - trim|", "2027-03-09 09:00|09:30|Mrs Hale - cut|", "2027-03-09 09:30|10:00|Ms Ray - colour|", "2027-03-09 10:00|10:30|Mr Bell - cut|"),
    ),
    "platoons whose shifts a note says: so many hours from 0700": Folder(
        {
            "Platoon calendar January 2027.csv": "\"Platoon calendar, January 2027. Shifts run 24 hours from 0700.\"\nDate,Platoon\n1/1/2027,A\n1/2/2027,B\n1/3/2027,C\n1/4/2027,A\n1/5/2027,B\n1/6/2027,C\n1/7/2027,A\n1/8/2027,B\n1/9/2027,C\n1/10/2027,A\n1/11/2027,B\n1/12/2027,C\n",
        },
        dated=("2027-01-01 07:00|07:00|A|", "2027-01-02 07:00|07:00|B|", "2027-01-03 07:00|07:00|C|", "2027-01-04 07:00|07:00|A|", "2027-01-05 07:00|07:00|B|", "2027-01-06 07:00|07:00|C|", "2027-01-07 07:00|07:00|A|", "2027-01-08 07:00|07:00|B|", "2027-01-09 07:00|07:00|C|", "2027-01-10 07:00|07:00|A|", "2027-01-11 07:00|07:00|B|", "2027-01-12 07:00|07:00|C|"),
    ),
    "classes whose cells say how long they take": Folder(
        {
            "Class timetable.csv": "\"Group fitness timetable, 1 March to 30 April 2027\"\n,Mon,Tue,Wed,Thu,Fri,Sat\n6:30,Spin (Ina) 45 min,,Spin (Ina) 45 min,,HIIT (Joss) 30 min,\n9:15,Yoga (Mel) 60 min,Pilates (Mel) 60 min,,Pilates (Mel) 60 min,,\n10:00,,,,,,Family yoga (Mel) 45 min\n",
            "Public holidays.csv": "Date,Holiday\n5 April 2027,Easter Monday\n",
        },
        "2027-03-01", "2027-04-30", ("2027-04-05",),
        ("Spin (Ina)|Mon Wed|06:30|07:15|", "Yoga (Mel)|Mon|09:15|10:15|", "Pilates (Mel)|Tue Thu|09:15|10:15|", "HIIT (Joss)|Fri|06:30|07:00|", "Family yoga (Mel)|Sat|10:00|10:45|"),
    ),
    "sides down and across, dates in the cells": Folder(
        {
            "Fixture grid.csv": "Home \\ Away,Herons,Otters,Terns\nHerons,X,12/09/2026,26/09/2026\nOtters,19/09/2026,X,03/10/2026\nTerns,10/10/2026,17/10/2026,X\n",
        },
        dated=("2026-09-12 00:00|00:00|Herons – Otters|", "2026-09-19 00:00|00:00|Otters – Herons|", "2026-09-26 00:00|00:00|Herons – Terns|", "2026-10-03 00:00|00:00|Otters – Terns|", "2026-10-10 00:00|00:00|Terns – Herons|", "2026-10-17 00:00|00:00|Terns – Otters|"),
    ),
    "duties of houses by initials, the hours in the title": Folder(
        {
            "Prep duty.csv": "\"Prep supervision 19:00-20:30, Autumn term\"\nHouse,Mon,Tue,Wed,Thu\nNorth,AH,BK,CL,AH\nSouth,CL,AH,BK,BK\n",
            "Staff.csv": "Initials,Name\nAH,Ann Hale\nBK,Bo Kerr\nCL,Cy Lund\n",
            "Terms.csv": "Term,Start,End\nAutumn,7 Sep 2026,11 Dec 2026\n",
            "Exeats.csv": "Exeat,From,To\nHalf term,17 Oct 2026,1 Nov 2026\nExeat,20 Nov 2026,22 Nov 2026\n",
        },
        "2026-09-07", "2026-12-10", ("2026-10-17..2026-11-01",),
        ("North|Mon Tue Wed Thu|19:00|20:30|", "South|Mon Tue Wed Thu|19:00|20:30|"),
    ),
    "driving lessons called by who learns": Folder(
        {
            "Fahrstunden.csv": "Schüler;Wann;Lehrer;Treffpunkt\nMoser;Mo 11.01.2027 14:00 (90 min);Huber;Bahnhof\nGruber;Mo 11.01.2027 16:00 (45 min);Huber;Schule\nMoser;Do 14.01.2027 08:30 (90 min);Lang;Bahnhof\n",
        },
        dated=("2027-01-11 14:00|15:30|Moser|Bahnhof", "2027-01-11 16:00|16:45|Gruber|Schule", "2027-01-14 08:30|10:00|Moser|Bahnhof"),
    ),
    "first and last days below the name of their term": Folder(
        {
            "Timetable.csv": "Class,Subject,Staff,Room,Slot\n10X/Ma1,Maths,HAL,12,MonA1\n10X/Ma1,Maths,HAL,12,WedB3\n10X/En2,English,ORR,4,TueA2\n10X/En2,English,ORR,4,TueB2\n11Y/Sc1,Science,FAY,Lab 2,FriA3\n",
            "Bells.csv": "Period,Start,End\n1,08:50,09:50\n2,09:50,10:50\n3,11:10,12:10\n",
            "Weeks.csv": "Week beginning,Week\n07/09/2026,A\n14/09/2026,B\n21/09/2026,A\n28/09/2026,B\n05/10/2026,A\n12/10/2026,B\n19/10/2026,A\n02/11/2026,B\n09/11/2026,A\n16/11/2026,B\n23/11/2026,A\n30/11/2026,B\n07/12/2026,A\n14/12/2026,B\n",
            "Term dates.csv": "Autumn term 2026\nFirst day,Monday 7 September 2026\nHalf term,Monday 26 October 2026 to Friday 30 October 2026\nINSET day,Friday 20 November 2026\nLast day,Friday 18 December 2026\n",
        },
        "2026-09-07", "2026-12-16", ("2026-10-26..2026-10-30", "2026-11-20",),
        ("10X/Ma1|Mon|08:50|09:50|12|2026-09-07 2026-09-21 2026-10-05 2026-10-19 2026-11-09 2026-11-23 2026-12-07", "10X/En2|Tue|09:50|10:50|4", "11Y/Sc1|Fri|11:10|12:10|Lab 2|2026-09-11 2026-09-25 2026-10-09 2026-10-23 2026-11-13 2026-11-27 2026-12-11", "10X/Ma1|Wed|11:10|12:10|12|2026-09-16 2026-09-30 2026-10-14 2026-11-04 2026-11-18 2026-12-02 2026-12-16"),
    ),
    "races called by their numbers": Folder(
        {
            "Race programme 2027.csv": "Series,Race,Date,Start,HW,OOD\nSpring,1,Sun 4 Apr,10:30,11:52,Hale\nSpring,2,Sun 11 Apr,13:00,16:40,Orr\nSpring,3,Sun 18 Apr,10:30,10:12,Fay\n",
        },
        dated=("2027-04-04 10:30|11:30|Spring – Race 1|", "2027-04-11 13:00|14:00|Spring – Race 2|", "2027-04-18 10:30|11:30|Spring – Race 3|"),
    ),
    "clinics in weeks of the month, beside their weekday": Folder(
        {
            "Outpatient clinics.csv": "Clinic,Consultant,Day,Weeks,Time,Room\nFracture,Mr Hale,Monday,every,09:00-12:30,OPD 1\nDiabetes,Dr Orr,Tuesday,1st & 3rd,14:00-17:00,OPD 2\nPain,Dr Fay,Thursday,2nd,09:30-12:00,OPD 1\n",
            "Period.csv": "From,To\n04/01/2027,31/03/2027\n",
            "Bank holidays.csv": "Date,Holiday\n17/03/2027,St Patrick's Day\n29/03/2027,Easter Monday\n",
        },
        "2027-01-04", "2027-03-22", ("2027-03-17", "2027-03-29",),
        ("Fracture|Mon|09:00|12:30|OPD 1", "Diabetes|Tue|14:00|17:00|OPD 2|2027-01-05 2027-01-19 2027-02-02 2027-02-16 2027-03-02 2027-03-16", "Pain|Thu|09:30|12:00|OPD 1|2027-01-14 2027-02-11 2027-03-11"),
    ),
    "turns in a hall, in Finnish: teams and weekdays alone": Folder(
        {
            "Hallivuorot.csv": "Kausi 1.9.2026 - 30.11.2026\nJoukkue;Maanantai;Keskiviikko;Lauantai\nP12;16.00-17.30;;10.00-11.30\nT14;17.30-19.00;17.30-19.00;\n",
            "Ei vuoroja.csv": "Pvm;Syy\n10.10.2026;Turnaus\n4.11.2026;Huolto\n",
        },
        "2026-09-02", "2026-11-30", ("2026-10-10", "2026-11-04",),
        ("T14|Mon Wed|17:30|19:00|", "P12|Sat|10:00|11:30|", "P12|Mon|16:00|17:30|"),
    ),
    "a run sheet: people by commas beside one with a title": Folder(
        {
            "Run sheet 6 March 2027.csv": "Time,What,Who,Where\n7:30am,Bump in,Crew,Hall\n9:00am - 10:15am,Keynote,Dr Hale,Hall\n10:15am,Morning tea,All,Foyer\n10:45am - 12:00pm,Panel,\"Orr, Fay\",Hall\n",
        },
        dated=("2027-03-06 07:30|08:30|Bump in|Hall", "2027-03-06 09:00|10:15|Keynote|Hall", "2027-03-06 10:15|11:15|Morning tea|Foyer", "2027-03-06 10:45|12:00|Panel|Hall"),
    ),
    "a class in Arabic": Folder(
        {
            "جدول الصف 5أ.csv": "الحصة,الوقت,الاثنين,الثلاثاء,الأربعاء,الخميس,الجمعة\n1,7:30-8:15,رياضيات,علوم,عربي,رياضيات,دين\n2,8:20-9:05,عربي,رياضيات,علوم,عربي,\n",
            "الفصل.csv": "الفصل,البداية,النهاية\nالأول,2026-08-31,2026-12-11\n",
            "العطل.csv": "العطلة,من,إلى\nاليوم الوطني,2026-12-02,2026-12-03\n",
        },
        "2026-08-31", "2026-12-11", ("2026-12-02..2026-12-03",),
        ("5أ|Mon Tue Wed Thu Fri|07:30|08:15|", "5أ|Mon Tue Wed Thu|08:20|09:05|"),
    ),
    "heats below their date, called by numbers": Folder(
        {
            "Heat times.csv": "\"Saturday, April 10, 2027\"\nHeat,Time,Level,Floor\n101,8:00,Bronze,A\n102,8:12,Silver,A\n103,12:45,Gold,B\n104,1:05,Open,B\n",
        },
        dated=("2027-04-10 08:00|09:00|Heat 101|", "2027-04-10 08:12|09:12|Heat 102|", "2027-04-10 12:45|13:45|Heat 103|", "2027-04-10 13:05|14:05|Heat 104|"),
    ),
    "two terms of a school, each below its name": Folder(
        {
            "School dates 2026-27.csv": "Autumn term 2026\nFirst day,Wednesday 2 September 2026\nHalf term,Monday 26 October 2026 to Friday 30 October 2026\nLast day,Friday 18 December 2026\n\nSpring term 2027\nFirst day,Tuesday 5 January 2027\nHalf term,Monday 15 February 2027 to Friday 19 February 2027\nLast day,Thursday 25 March 2027\n",
            "Clubs.csv": "Club,Day,Start,End,Room\nChess,Tuesday,15:30,16:30,Library\nArt,Thursday,15:30,16:45,Studio\n",
        },
        "2026-09-03", "2027-03-25", ("2026-10-26..2026-10-30", "2026-12-19..2027-01-04", "2027-02-15..2027-02-19",),
        ("Art|Thu|15:30|16:45|Studio", "Chess|Tue|15:30|16:30|Library"),
    ),
    "films whose names say how long they are, several starts in a cell": Folder(
        {
            "Screenings w-c 8 Jan 2027.csv": "Film,Fri 8 Jan,Sat 9 Jan,Sun 10 Jan\nThe Keel (112 min),\"18:00, 20:30\",\"15:00, 20:30\",15:00\nTide (95 min),20:45,18:15,18:15\n",
        },
        dated=("2027-01-08 18:00|19:52|The Keel|", "2027-01-08 20:30|22:22|The Keel|", "2027-01-08 20:45|22:20|Tide|", "2027-01-09 15:00|16:52|The Keel|", "2027-01-09 18:15|19:50|Tide|", "2027-01-09 20:30|22:22|The Keel|", "2027-01-10 15:00|16:52|The Keel|", "2027-01-10 18:15|19:50|Tide|"),
    ),
    "hours of people without minutes, that overlap": Folder(
        {
            "Surgery rota.csv": "Surgery rota from 4 January 2027 to 26 March 2027\nDentist,Mon,Tue,Wed,Thu,Fri\nHale,9-5,9-5,,9-1,9-5\nOrr,,12-8,9-5,9-5,\n",
            "Closed.csv": "Closed,Date\nTraining,10 February 2027\n",
        },
        "2027-01-04", "2027-03-26", ("2027-02-10",),
        ("Hale|Mon Tue Fri|09:00|17:00|", "Orr|Tue|12:00|20:00|", "Orr|Wed Thu|09:00|17:00|", "Hale|Thu|09:00|13:00|"),
    ),
    "a sentence directly below a list says when and where": Folder(
        {
            "Seminar programme.csv": "Week,Date,Speaker,Title\n1,20 January 2027,A. Hale,Keels\n2,27 January 2027,B. Orr,Sails\n3,3 February 2027,C. Fay,Tides\n\"All seminars Wednesdays 16:00-17:30 in Room 4, Quay House\"\n",
        },
        dated=("2027-01-20 16:00|17:30|Keels|Room 4, Quay House", "2027-01-27 16:00|17:30|Sails|Room 4, Quay House", "2027-02-03 16:00|17:30|Tides|Room 4, Quay House"),
    ),
    "weekdays in the names of files, courts across": Folder(
        {
            "Monday.csv": "Time,Court 1,Court 2\n17:00-18:00,Badminton jun,Futsal\n18:00-20:00,Badminton,Futsal adults\n",
            "Wednesday.csv": "Time,Court 1,Court 2\n17:00-18:30,Netball,\n18:30-20:00,Netball adults,Volleyball\n",
            "Season.csv": "Season,From,To\nWinter,3 May 2027,27 August 2027\n",
            "Closed.csv": "Date,Reason\n7 June 2027,King's Birthday\n",
        },
        "2027-05-03", "2027-08-25", ("2027-06-07",),
        ("Badminton jun|Mon|17:00|18:00|Court 1", "Futsal|Mon|17:00|18:00|Court 2", "Badminton|Mon|18:00|20:00|Court 1", "Futsal adults|Mon|18:00|20:00|Court 2", "Netball|Wed|17:00|18:30|Court 1", "Netball adults|Wed|18:30|20:00|Court 1", "Volleyball|Wed|18:30|20:00|Court 2"),
    ),
    "odd and even weeks in Czech": Folder(
        {
            "Rozvrh.csv": "Předmět;Učitel;Den;Od;Do;Učebna;Týden\nMatematika;Novák;pondělí;8:00;8:45;12;každý\nFyzika;Dvořák;úterý;8:00;8:45;14;lichý\nChemie;Malá;úterý;8:00;8:45;15;sudý\n",
            "Pololetí.csv": "Pololetí;Začátek;Konec\n1.;1.9.2026;29.1.2027\n",
            "Prázdniny.csv": "Prázdniny;Od;Do\nPodzimní;29.10.2026;30.10.2026\nVánoční;23.12.2026;3.1.2027\nStátní svátek;28.9.2026;\nStátní svátek;28.10.2026;\nStátní svátek;17.11.2026;\n",
        },
        "2026-09-01", "2027-01-26", ("2026-10-28..2026-10-30", "2026-12-23..2027-01-03", "2026-09-28", "2026-11-17",),
        ("Chemie|Tue|08:00|08:45|15|2026-09-01 2026-09-15 2026-09-29 2026-10-13 2026-10-27 2026-11-10 2026-11-24 2026-12-08 2026-12-22 2027-01-12 2027-01-26", "Matematika|Mon|08:00|08:45|12", "Fyzika|Tue|08:00|08:45|14|2026-09-08 2026-09-22 2026-10-06 2026-10-20 2026-11-03 2026-12-01 2026-12-15 2027-01-05 2027-01-19"),
    ),
    "sessions by their numbers, days of a month in a span": Folder(
        {
            "Camp sessions 2027.csv": "Session,Dates,Theme,Hours,Ages\n1,June 14-18,Boats,9 am - 3 pm,6-10\n2,June 21-25,Knots,9 am - 3 pm,6-10\n3,June 28 - July 2,Tides,9 am - 12 pm,4-6\n",
        },
        "2027-06-14", "2027-07-02", (),
        ("Boats|Mon Tue Wed Thu Fri|09:00|15:00||2027-06-14 2027-06-15 2027-06-16 2027-06-17 2027-06-18", "Knots|Mon Tue Wed Thu Fri|09:00|15:00||2027-06-21 2027-06-22 2027-06-23 2027-06-24 2027-06-25", "Tides|Mon Tue Wed Thu Fri|09:00|12:00||2027-06-28 2027-06-29 2027-06-30 2027-07-01 2027-07-02"),
    ),
    "visits of two days: clients, addresses and nurses": Folder(
        {
            "Home visits.csv": "Monday 8 March 2027\nTime,Client,Address,Nurse\n9.15,Mrs Hale,1 Quay St,Orr\n10.30,Mr Bell,4 Loft Rd,Orr\nTuesday 9 March 2027\nTime,Client,Address,Nurse\n9.00,Ms Ray,2 Pier Rd,Fay\n1.30,Mrs Hale,1 Quay St,Fay\n",
        },
        dated=("2027-03-08 09:15|10:15|Mrs Hale|1 Quay St", "2027-03-08 10:30|11:30|Mr Bell|4 Loft Rd", "2027-03-09 09:00|10:00|Ms Ray|2 Pier Rd", "2027-03-09 13:30|14:30|Mrs Hale|1 Quay St"),
    ),
    "a student: letters of days apart, a term and its holidays without headings": Folder(
        {
            "My schedule.csv": "Course,Section,Days,Start,End,Room,Instructor\nMATH 1000,A,M W F,08:30,09:20,LH 101,Hale\nBIOL 1010,B,T R,10:00,11:15,SB 20,Orr\nBIOL 1010 Lab,B,W,14:00,16:50,SB L2,Fay\n",
            "Term.csv": "Fall term,\"September 9, 2026\",\"December 4, 2026\"\nThanksgiving,\"October 12, 2026\"\nReading week,\"November 2, 2026\",\"November 6, 2026\"\n",
        },
        "2026-09-09", "2026-12-04", ("2026-10-12", "2026-11-02..2026-11-06",),
        ("A|Mon Wed Fri|08:30|09:20|LH 101", "B|Wed|14:00|16:50|SB L2", "B|Tue Thu|10:00|11:15|SB 20"),
    ),
}  # fmt: skip


@pytest.mark.parametrize("name", FOLDERS)
def test_a_folder_comes_out_true_with_two_commands(tmp_path, name):
    assert_comes_out_true(tmp_path, FOLDERS[name])


SPANS = {
    "Clinic plan, valid 11.01.2027 to 25.06.2027": ("2027-01-11", "2027-06-25"),
    "Timetable 1 September – 18 December 2026": ("2026-09-01", "2026-12-18"),
    "Emploi du temps du 1er septembre 2026 au 3 juillet 2027": ("2026-09-01", "2027-07-03"),
    "24 Aug 2026 - 11 Dec 2026": ("2026-08-24", "2026-12-11"),
    "Registration 24 Aug 2026 - 11 Sep 2026": None,
    "Timetable, no classes 24 Aug 2026 - 11 Sep 2026": None,
    "Roster 4/5/2027 to 6/7/2027": None,
    "Timetable 8 Sep": None,
}


@pytest.mark.parametrize("title", SPANS)
def test_a_title_says_from_when_until_when_all_rows_hold(title):
    found = holding_span(title)
    assert (found and (str(found.first), str(found.last))) == SPANS[title]


SHORT = {
    "må ti on": [0, 1, 2],
    "ma ti ke to": [0, 1, 2, 3],
    "MWF TR S": ["0 2 4", "1 3", "5"],
    "MW U": ["0 2", "6"],
    "L X V": [0, 2, 4],
    "S": None,
    "on at": None,
    "A B": ["A", "B"],
}


@pytest.mark.parametrize("texts", SHORT)
def test_the_shortest_weekdays_are_proved_by_all_of_a_column(texts):
    reader = any_days().of_column(texts.split(), families())
    read = [reader.read(text, families()) for text in texts.split()]
    if SHORT[texts] is None:
        assert any(isinstance(days, UnknownDay) for days in read)
    else:
        said = [" ".join(day.label or str(day.weekday) for day in days) for days in read]
        assert said == list(map(str, SHORT[texts]))


@pytest.mark.parametrize(
    ("letters", "days"),
    [("MTWTF", (0, 1, 2, 3, 4)), ("SMTWTFS", (6, 0, 1, 2, 3, 4, 5)), ("MDMDF", (0, 1, 2, 3, 4)), ("MTWFT", ()), ("ABCDE", ())],
)  # fmt: skip
def test_letters_in_turn_are_weekdays(letters, days):
    assert weekdays_in_turn(tuple(letters)) == days


@pytest.mark.parametrize(
    ("text", "first", "counted_by"),
    [("lige uger", 2, "calendar"), ("ungerade KW", 1, "calendar"), ("even weeks", 2, ""), ("odd teaching weeks", 1, "term")],
)  # fmt: skip
def test_even_and_odd_weeks(text, first, counted_by):
    weeks = read_week_numbers(text)
    assert (weeks.numbers[:2], weeks.counted_by) == ((first, first + 2), counted_by)


def test_closures_that_nothing_gives_a_year_stop_the_build(tmp_path):
    files = {
        "meetings.csv": "Meeting,Date,Repeat,Starts,Ends\nSync,2026-09-14,every Monday,9:30,10:00\n",
        "Office closed.csv": "Holiday,Date\nThanksgiving,2026-10-12\n",
    }
    _, draft = drafted(tmp_path, laid_out(tmp_path, files))
    assert "Office closed.csv" in [decision.about for decision in draft.undecided]


def test_blocks_without_a_key_stop_the_build(tmp_path):
    grid = "Time,Mon,Tue,Thu\n9:00-10:00,A,B,C\n10:00-11:00,B,C,A\n11:00-12:00,C,A,B\n"
    files = {"terms.csv": TERM, "closures.csv": CLOSED, "blocks.csv": grid}
    _, draft = drafted(tmp_path, laid_out(tmp_path, files))
    assert [decision.about for decision in draft.undecided] == ["blocks.csv"]


def test_half_days_of_a_calendar_of_the_year_end_early(tmp_path):
    files = {
        "terms.csv": TERM,
        "calendar.csv": "Event,Start,End\nFair - no school,2026-09-14,\nHalf day - dismissal 11:30,2026-09-21,\n",
        "lessons.csv": "Class,Day,Start,End\n8A,Mon,9:00,9:50\n8A,Mon,13:00,13:50\n",
    }
    plan, _ = drafted(tmp_path, laid_out(tmp_path, files))
    _, meetings = built(plan)
    assert [one[0] for one in meetings if "2026-09-14" <= one[0] < "2026-09-28" and one[2] == "8A"] == [
        "2026-09-21 09:00"
    ]


@pytest.mark.parametrize(
    ("text", "kinds"),
    [
        ("Term,Opens,Closes\nAutumn,2026-09-07,2026-10-16\n\nHoliday,From,To\nFair,2026-09-21,2026-09-22\n", [Kind.TERMS, Kind.CLOSURES]),
        ("Term,Opens,Closes,,Holiday,Date\nAutumn,2026-09-07,2026-10-16,,Fair,2026-09-21\nSpring,2027-01-07,2027-04-16,,Fog,2027-02-21\n", [Kind.TERMS, Kind.CLOSURES]),
        ("Holiday,From,To\nFair,2026-09-21,2026-09-22\n\nHoliday,From,To\nFog,2026-10-21,2026-10-22\n", [Kind.CLOSURES]),
        (LESSONS + "\n8B,Ms Ito,12,Tue,9:00,9:50\n", [Kind.LIST]),
    ],
    ids=["below", "beside", "of one kind", "a blank row"],
)  # fmt: skip
def test_lists_of_different_kinds_on_one_sheet_are_parted(tmp_path, text, kinds):
    (tmp_path / "year.csv").write_text(text, "utf-8")
    assert [sheet.kind for sheet in look_at([tmp_path / "year.csv"])] == kinds


SESSIONS = "Session,Start,End\nAM,9:00,12:00\nPM,13:30,16:30\n"
ROTA = "Sunday service 10.30am-11.45am\n\nSunday,Occasion,Reader,Coffee\n4 Oct 2026,Harvest,Joan P,Bill T\n11 Oct 2026,,Ken L,Joan P\n18 Oct 2026,,Bill T,Ken L\n"


@pytest.mark.parametrize(
    ("files", "expected"),
    [
        (
            {"Exams.csv": "Date,Session,Paper,Length\n2026-10-05,AM,Maths,1h 30m\n2026-10-06,PM,French,\n", "Sessions.csv": SESSIONS},
            ["2026-10-05 09:00–10:30 Maths", "2026-10-06 13:30–16:30 French"],
        ),
        (
            {"terms.csv": TERM, "Events.csv": "Date,Period,Event,Repeat\n2026-09-08,1-2,Drill,\n2026-09-09,\"1, 3\",Visit,\n2026-10-08,Lunch,Fair,\n2026-10-05,2,Choir,every Monday until 12 October 2026\n", "Bells.csv": "Period,Start,End\n1,8:00,8:50\n2,9:00,9:50\n3,10:00,10:50\n"},
            ["2026-09-08 08:00–09:50 Drill", "2026-09-09 08:00–08:50 Visit", "2026-09-09 10:00–10:50 Visit", "2026-10-05 09:00–09:50 Choir", "2026-10-08 all day Fair", "2026-10-12 09:00–09:50 Choir"],
        ),
        ({"Rota.csv": ROTA}, [f"2026-10-{day} 10:30–11:45 {role}" for day in ("04", "11", "18") for role in ("Coffee", "Reader")]),
        (
            {"Scouts.csv": "Date,Cubs (18:30-20:00),Scouts (19:30-21:30)\n15 Sep 2026,Knots,Hike\n22 Sep 2026,,Fire\n29 Sep 2026,Maps,\n"},
            ["2026-09-15 18:30–20:00 Knots", "2026-09-15 19:30–21:30 Hike", "2026-09-22 19:30–21:30 Fire", "2026-09-29 18:30–20:00 Maps"],
        ),
        (
            {"Bookings.csv": "Booking,Room,Day(s),Start,Finish,First date,Last date\nYoga,Hall,Mondays,18:30,19:30,14/09/2026,28/09/2026\nBridge,Room 2,Tues & Thurs,14:00,16:30,15/09/2026,24/09/2026\n", "Centre closed.csv": "Reason,Date\nBoiler,\"21 and 22 September 2026\"\n"},
            ["2026-09-14 18:30–19:30 Yoga", "2026-09-15 14:00–16:30 Bridge", "2026-09-17 14:00–16:30 Bridge", "2026-09-24 14:00–16:30 Bridge", "2026-09-28 18:30–19:30 Yoga"],
        ),
        (
            {"9 October 2026.csv": "Start,End,Session,Speaker\n18:00,19:30,Supper,R. Moss\n20:00,21:00,Songs,T. Vane\n"},
            ["2026-10-09 18:00–19:30 Supper", "2026-10-09 20:00–21:00 Songs"],
        ),
        (
            {"Workshops.csv": "Workshop,Date 1,Date 2,Time\nKnots,14 Sep 2026,21 Sep 2026,18:00-19:00\nOars,16 Sep 2026,,18:00-19:30\n"},
            ["2026-09-14 18:00–19:00 Knots", "2026-09-16 18:00–19:30 Oars", "2026-09-21 18:00–19:00 Knots"],
        ),
        (
            {"Meetings.csv": "Committee,Time,September,October\nFinance,7pm,8 September 2026,13 October 2026\nYard,6pm,,14 October 2026\n"},
            ["2026-09-08 19:00–20:00 Finance", "2026-10-13 19:00–20:00 Finance", "2026-10-14 18:00–19:00 Yard"],
        ),
        (
            {"Season.csv": "Show,Dates,Time,Running time (mins)\nThe Tide,\"12, 13 November 2026\",7.30pm,135\nPuppets,2 and 3 January 2027,2.30pm,50\n"},
            ["2026-11-12 19:30–21:45 The Tide", "2026-11-13 19:30–21:45 The Tide", "2027-01-02 14:30–15:20 Puppets", "2027-01-03 14:30–15:20 Puppets"],
        ),
        (
            {"Fixtures.csv": "Fixtures 2026. Matches last 70 minutes.\nDate,Opponent,Kick-off\n5 Sep 2026,Rovers,10:30\n19 Sep 2026,Harriers,TBC\n"},
            ["2026-09-05 10:30–11:40 Rovers", "2026-09-19 all day Harriers"],
        ),
    ],
    ids=[
        "sessions of exams", "events in periods", "roles across, people below", "hours in the names across",
        "weekdays beside first and last days", "the date of a list in its name", "dates in numbered columns",
        "dates below months", "several dates in a cell", "a length in a note",
    ],
)  # fmt: skip
def test_what_says_when_stands_elsewhere(tmp_path, files, expected):
    plan, _ = drafted(tmp_path, laid_out(tmp_path, files))
    found = [
        f"{one.start:%Y-%m-%d} {'all day' if one.all_day else f'{one.start:%H:%M}–{one.end:%H:%M}'} {held.event.summary if held.event else held.class_name}"
        for held in prepare(plan, BuildChoices()).held
        for one in held.occurrences
    ]
    assert sorted(found) == expected


def test_special_days_go_by_the_name_that_bell_times_bear(tmp_path):
    files = {
        "terms.csv": TERM,
        "closures.csv": CLOSED,
        "Regular bells.csv": "Period,Start,End\n1,8:00,8:50\n",
        "Early release bells.csv": "Period,Start,End\n1,8:00,8:30\n",
        "Early release dates.csv": "Date,Reason\n2026-09-22,Staff\n",
        "Classes.csv": "Class Code,Teacher Code,Timetabled\n8A,KLA,Tue P1\n8B,DRU,Thu P1\n",
    }
    plan, _ = drafted(tmp_path, laid_out(tmp_path, files))
    errors, meetings = built(plan)
    assert not errors
    assert [one[:3] for one in meetings if "2026-09-21" <= one[0] < "2026-10-02"] == [
        ("2026-09-22 08:00", "08:30", "8A"), ("2026-09-29 08:00", "08:50", "8A"),
        ("2026-09-24 08:00", "08:50", "8B"), ("2026-10-01 08:00", "08:50", "8B"),
    ]  # fmt: skip


@pytest.mark.parametrize("text", ["T-Th", "M-W"])
def test_a_dash_between_letters_that_may_be_two_days_or_three_is_asked(text):
    found = any_days(()).read(text, families(()))
    assert isinstance(found, UnknownDay)
    assert found.readings


def test_weekdays_below_a_caption_with_dates_are_no_list_of_one_day(tmp_path):
    caption = '"Winter schedule 4 Jan 2027 - 22 Jan 2027. All classes last 45 minutes."\n'
    files = {
        "Classes.csv": caption + "Class,Day,Start\nSpin,Mon,6:15\nYoga,Tue,17:30\n",
        "Closed.csv": "Closed,Date\nFog,11 Jan 2027\n",
    }
    plan, _ = drafted(tmp_path, laid_out(tmp_path, files))
    errors, meetings = built(plan)
    spin, yoga = ("2027-01-04", "2027-01-18"), ("2027-01-05", "2027-01-12", "2027-01-19")
    assert not errors
    assert [one[:3] for one in meetings] == [(f"{day} 06:15", "07:00", "Spin") for day in spin] + [
        (f"{day} 17:30", "18:15", "Yoga") for day in yoga
    ]
