"""Lists of events as offices keep them, each read by itself: what becomes of each, and what is asked."""

import pytest

from conftest import events_in, told

LISTS = {
    "times below what heads first and last days": (
        "Sündmus;Päev;Algus;Lõpp;Koht\nKoosolek;15.09.2026;18:00;19:30;Aula\nVaheaeg;19.10.2026 - 25.10.2026;;;\n",
        ["Koosolek 2026-09-15 18:00–19:30", "Vaheaeg 2026-10-19..2026-10-26"],
    ),
    "spans of days behind their year and month": (
        "Event,Date\nSzünet,2026. október 26–30.\nCamp,2026-11-05–08\n文化祭,2026年11月26日〜30日\n",
        ["Szünet 2026-10-26..2026-10-31", "Camp 2026-11-05..2026-11-09", "文化祭 2026-11-26..2026-12-01"],
    ),
    "periods with first and last days": (
        "Period,Start,End\nHalf-term,19/10/2026,25/10/2026\nBreak,21/12/2026,03/01/2027\n",
        ["Half-term 2026-10-19..2026-10-26", "Break 2026-12-21..2027-01-04"],
    ),
    "all day in words": (
        "Renginys;Data;Laikas;Vieta\nSusirinkimas;2026-09-15;18:00–19:30;Salė\nDiena;2026-09-25;visą dieną;\n",
        ["Susirinkimas 2026-09-15 18:00–19:30", "Diena 2026-09-25..2026-09-26"],
    ),
    "patients as titles": (
        "Patient,Owner,Appt,Length\nRex,Mr Hale,09/14/2026 9:15 AM,20 min\n",
        ["Rex 2026-09-14 09:15–09:35"],
    ),
    "dates below Tag, minutes abbreviated": (
        "Film;Saal;Tag;Beginn;Dauer\nNebelkerze;1;Fr, 11.09.2026;20.15 Uhr;118 Min.\n",
        ["Nebelkerze 2026-09-11 20:15–22:13"],
    ),
    "the sides of a match before the ground": (
        "Round,Home,Away,Date,KO,Ground\n1,Otters,Seals,05/09/2026,14:00,North\n2,Gulls,Terns,19/09/2026,11:30,South\n",
        ["Otters – Seals 2026-09-05 14:00–15:00", "Gulls – Terns 2026-09-19 11:30–12:30"],
    ),
    "people below Assigned to": (
        "Task,Assigned to,Due\nSend forms,Ana,2026-09-18\n",
        ["Send forms 2026-09-18..2026-09-19"],
    ),
    "days one below the other": (
        "Day 1 - Thursday 8 October 2026\nTime,Session,Speaker\n09:00-09:45,Opening,Dr Vale\n10:00-11:00,Tides,M. Orr\n"
        "Day 2 - Friday 9 October 2026\nTime,Session,Speaker\n09:30-10:30,Knots,P. Lee\n",
        ["Opening 2026-10-08 09:00–09:45", "Tides 2026-10-08 10:00–11:00", "Knots 2026-10-09 09:30–10:30"],
    ),
    "a Dutch clock": (
        "Activiteit;Datum;Aanvang;Einde\nOuderavond;di 15-09-2026;19.30 uur;21.00 uur\n",
        ["Ouderavond 2026-09-15 19:30–21:00"],
    ),
    "a purpose beside bookings": (
        "Room,Booked from,Booked to,Booked by,Purpose\nHall,22/09/2026 18:00,22/09/2026 20:00,J. Fox,Choir\n",
        ["Choir 2026-09-22 18:00–20:00"],
    ),
    "headings of two lines whose words come twice": (
        "Event,Start,,End,\n,Date,Time,Date,Time\nCamp,02/10/2026,17:00,04/10/2026,12:00\nFair,14/11/2026,10:00,14/11/2026,15:00\n",
        ["Camp 2026-10-02 17:00–2026-10-04 12:00", "Fair 2026-11-14 10:00–15:00"],
    ),
    "am and pm in columns of their own": (
        "Event,Date,Start,AM/PM,End,AM/PM\nTea,9/8/2026,3:00,PM,4:00,PM\nRun,9/19/2026,9:30,AM,11:00,AM\n",
        ["Tea 2026-09-08 15:00–16:00", "Run 2026-09-19 09:30–11:00"],
    ),
    "mar is the weekday beside a date in digits": (
        "Evento;Data;Ora inizio;Ora fine\nOpen day;sabato 12 dicembre 2026;9:00;12:30\nConsiglio;mar 15/12/2026;14:30;16:00\n",
        ["Open day 2026-12-12 09:00–12:30", "Consiglio 2026-12-15 14:30–16:00"],
    ),
    "days of the month below months": (
        "Committee,Sept 2026,Oct 2026\nPlanning,\"2, 23\",21st\n",
        ["Planning 2026-09-02..2026-09-03", "Planning 2026-09-23..2026-09-24", "Planning 2026-10-21..2026-10-22"],
    ),
    "a running time on each of several nights": (
        "Show,From,To,Starts,Running time\nBoats,1 October 2026,2 October 2026,7.30pm,75 mins\n",
        ["Boats 2026-10-01 19:30–20:45", "Boats 2026-10-02 19:30–20:45"],
    ),
    "a rota whose title has the year and the hours": (
        "Rota January to March 2027\nAll services 10:30-11:45\nDate,Reader,Coffee\n3 January,Anne W,Bob T\n10 January,Cath L,Anne W\n",
        [f"{what} 2027-01-{day} 10:30–11:45" for day, what in (("03", "Anne W: Reader"), ("03", "Bob T: Coffee"), ("10", "Cath L: Reader"), ("10", "Anne W: Coffee"))],
    ),
    "duties from the first day to the last, roles across": (
        "KW;Von;Bis;Bereitschaft;Vertretung\n1;04.01.2027;10.01.2027;Jansen;Nowak\n2;11.01.2027;17.01.2027;Nowak;Weiß\n3;18.01.2027;24.01.2027;Weiß;Jansen\n",
        [f"{what} 2027-01-{span}" for what, span in (("Bereitschaft: Jansen", "04..2027-01-11"), ("Vertretung: Nowak", "04..2027-01-11"), ("Bereitschaft: Nowak", "11..2027-01-18"), ("Vertretung: Weiß", "11..2027-01-18"), ("Bereitschaft: Weiß", "18..2027-01-25"), ("Vertretung: Jansen", "18..2027-01-25"))],
    ),
    "one day drawn, its spans in words": (
        "Sports day 18 June 2027\nTime,Field,Gym\n9:00 to 10:00,Relay,Chess\n10:00 to 11:00,Long jump,\n",
        [f"{what} 2027-06-18 {span}" for what, span in (("Relay", "09:00–10:00"), ("Chess", "09:00–10:00"), ("Long jump", "10:00–11:00"))],
    ),
    "one day drawn, its places headings as well": (
        "Sports day 18 June 2027\nTime,Pitch,Stage\n9:00 to 10:00,Relay,Chess\n10:00 to 11:00,,Choir\n",
        [f"{what} 2027-06-18 {span}" for what, span in (("Relay", "09:00–10:00"), ("Chess", "09:00–10:00"), ("Choir", "10:00–11:00"))],
    ),
    "a row of a list that could be a head of times": (
        "Program,Ages,Branch,Days,Time,Dates\nLego club,6-10,West,Thursday,4:00-5:00 PM,Sept 10 - Sept 17 2026\n"
        "Tech help,Adults,Main,Monday,1:00-2:00 PM,Sept 14 - Sept 21 2026\n",
        ["Lego club 2026-09-10 16:00–17:00", "Lego club 2026-09-17 16:00–17:00", "Tech help 2026-09-14 13:00–14:00", "Tech help 2026-09-21 13:00–14:00"],
    ),
    "weeks across, their days and times in a line below": (
        "Group,w/c 7 Sep 2026,w/c 14 Sep 2026\nA,Surgery,\nB,,Wards\n\"Mondays, 8:30-16:30\"\n",
        ["A: Surgery 2026-09-07 08:30–16:30", "B: Wards 2026-09-14 08:30–16:30"],
    ),
    "weekdays beside spans of weeks in one column": (
        "Club,Weekday,Time,Dates\nLego,Thursday,4:00-5:00 PM,10 Sep - 24 Sep 2026\nChess,Mon & Wed,1:00-2:00 PM,14 Sep - 23 Sep 2026\n",
        ["Chess 2026-09-14 13:00–14:00", "Chess 2026-09-16 13:00–14:00", "Chess 2026-09-21 13:00–14:00", "Chess 2026-09-23 13:00–14:00",
         *(f"Lego 2026-09-{day} 16:00–17:00" for day in (10, 17, 24))],
    ),
    "how often beside a span of weeks": (
        "Club,Repeat,Time,Dates\nLego,weekly,16:00-17:00,10 Sep - 24 Sep 2026\nStay,every month 2 times,9:00-17:00,1 Oct - 3 Oct 2026\n",
        [*(f"Lego 2026-09-{day} 16:00–17:00" for day in (10, 17, 24)), "Stay 2026-10-01 09:00–2026-10-03 17:00", "Stay 2026-11-01 09:00–2026-11-03 17:00"],
    ),
    "a repeat whose end says the year": (
        "Hirer,When,Time\nTai Chi,\"Every Tuesday from 29 December to 12 January 2027, not 5 January\",18:00-19:30\nQuiz,Friday 5 February 2027,19:30-22:30\n",
        ["Tai Chi 2026-12-29 18:00–19:30", "Tai Chi 2027-01-12 18:00–19:30", "Quiz 2027-02-05 19:30–22:30"],
    ),
    "weeks of the calendar beside dates": (
        "Was;Wann\nPraktikum;KW 8/2027\nAusflug;05.03.2027\nProjekt;KW 10-11/2027\n",
        ["Praktikum 2027-02-22..2027-03-01", "Ausflug 2027-03-05..2027-03-06", "Projekt 2027-03-08..2027-03-22"],
    ),
}  # fmt: skip

WEEK = {"Ann 09:00–17:00": "08", "Bo 11:00–19:00": "08", "Ann 11:00–19:00": "10"}
LISTS |= {
    "days of digits that their weekdays prove, hours as a and p": (
        "Schedule for week of 3/8/2027,,\nEmployee,Mon 3/8,Wed 3/10\nAnn,9a-5p,11a-7p\nBo,11a-7p,\n",
        [f"{said.split()[0]} 2027-03-{day} {said.split()[1]}" for said, day in WEEK.items()],
    ),
    "days below two months, by the span of the title": (
        "Rota 31 March – 2 April 2027,,,\n,Wed 31,Thu 1,Fri 2\nAnn,9-17,,10-14\nBo,,9-17,\n",
        ["Ann 2027-03-31 09:00–17:00", "Ann 2027-04-02 10:00–14:00", "Bo 2027-04-01 09:00–17:00"],
    ),
    "weekdays in the calendar week of the title": (
        "Vagtplan uge 10 2027;;\nNavn;Mandag;Tirsdag\nIda;7-15;15-23\nBo;15-23;\n",
        ["Ida 2027-03-08 07:00–15:00", "Ida 2027-03-09 15:00–23:00", "Bo 2027-03-08 15:00–23:00"],
    ),
    "a rota with its sums behind and below": (
        "Rota March 2027,,,\n,Mon,Tue,\nName,1,2,Hours\nAnn,E,L,16\nBo,L,,8\nCover,2,1,\nE 06:00-14:00,,,\nL 14:00-22:00,,,\n",
        ["Ann: E 2027-03-01 06:00–14:00", "Ann: L 2027-03-02 14:00–22:00", "Bo: L 2027-03-01 14:00–22:00"],
    ),
    "dates down, groups across, times in the cells": (
        "Date,Sopranos,Altos\nTue 2 Mar 2027,18:30-19:00,19:00-19:30\nTue 9 Mar 2027,19:30-20:00,18:30-19:00\n",
        [
            "Sopranos 2027-03-02 18:30–19:00",
            "Altos 2027-03-02 19:00–19:30",
            "Sopranos 2027-03-09 19:30–20:00",
            "Altos 2027-03-09 18:30–19:00",
        ],
    ),
    "headings of two lines, one of which only above": (
        "Event,When,,Where\n,Date,From,Room\nQuiz,5 Mar 2027,19:00,Hall\n",
        ["Quiz 2027-03-05 19:00–20:00"],
    ),
    "days and a word between them that may be an hour": (
        "Evento,Data\nCarnaval,8 a 10 de fevereiro de 2027\n",
        ["Carnaval 2027-02-08..2027-02-11"],
    ),
    "dates below their years": (
        "Holiday,2026,2027\nNew Year,1 January,1 January\nMay Day,4 May,3 May\n",
        [
            "New Year 2026-01-01..2026-01-02",
            "New Year 2027-01-01..2027-01-02",
            "May Day 2026-05-04..2026-05-05",
            "May Day 2027-05-03..2027-05-04",
        ],
    ),
    "what is on below a word for when to come": (
        "Call,Date,Time (UTC)\nSync,2026-11-08,15:00\n",
        ["Sync 2026-11-08 11:00–12:00"],
    ),
    "days below their months, some without times": (
        "September 2026,,\nTue 8,Meeting,15:45-16:45\nThu 17,Open evening,18:00-20:00\nOctober 2026,,\nWed 21,Vaccines,\n",
        ["Meeting 2026-09-08 15:45–16:45", "Open evening 2026-09-17 18:00–20:00", "Vaccines 2026-10-21..2026-10-22"],
    ),
    "when courses run, as programmes print it": (
        "Kurs;Termine;Uhrzeit\nKnoten;Di, 12.01. - 26.01.2027, 3x;18:30-20:00\nSegel;Sa, 23.01. und 30.01.2027;10-15 Uhr\n"
        "Karten;Do, 14.01.2027;19-21 Uhr\n",
        [
            "Knoten 2027-01-12 18:30–20:00",
            "Knoten 2027-01-19 18:30–20:00",
            "Knoten 2027-01-26 18:30–20:00",
            "Segel 2027-01-23 10:00–15:00",
            "Segel 2027-01-30 10:00–15:00",
            "Karten 2027-01-14 19:00–21:00",
        ],
    ),
    "weekdays that prove the order of day and month in a run": (
        'Course,Dates,Time\nKnots,Tuesdays 12/01/2027 - 26/01/2027,18:30-20:00\nSplices,"Tue 2/2/2027, 2 sessions",9-10am\n',
        [
            "Knots 2027-01-12 18:30–20:00",
            "Knots 2027-01-19 18:30–20:00",
            "Knots 2027-01-26 18:30–20:00",
            "Splices 2027-02-02 09:00–10:00",
            "Splices 2027-02-09 09:00–10:00",
        ],
    ),
    "lines of dates and words, without headings": (
        "Dates for your diary, Spring 2027\nMon 11 January – Year 6 swimming starts\nThu 14 January – Coffee morning 9.15am\nFair: 2 March\n",
        [
            "Year 6 swimming starts 2027-01-11..2027-01-12",
            "Coffee morning 2027-01-14 09:15–10:15",
            "Fair 2027-03-02..2027-03-03",
        ],
    ),
    "sessions by number and name": (
        "Session,Dates,Ages,Hours\n1: Pirates,July 5-6 2027,5-8,9:00 AM - 3:00 PM\n2: Knots,July 12 2027,8-11,9:00 AM - 3:00 PM\n",
        ["1: Pirates 2027-07-05 09:00–15:00", "1: Pirates 2027-07-06 09:00–15:00", "2: Knots 2027-07-12 09:00–15:00"],
    ),
    "a night on the way": (
        "Train,Departs,Arrives,Date\nIC 19,22:15,06:50,13.03.2027\n",
        ["IC 19 2027-03-13 22:15–2027-03-14 06:50"],
    ),
    "times in the headings of dates": (
        "Week,From (Fri 18:00),To (Fri 18:00),Vet\n1,08/01/2027,15/01/2027,Hale\n2,15/01/2027,22/01/2027,Orr\n",
        ["Hale 2027-01-08 18:00–2027-01-15 18:00", "Orr 2027-01-15 18:00–2027-01-22 18:00"],
    ),
    "two columns a day, below their days or behind them": (
        "Name;18.01.2027 von;18.01.2027 bis;19.01.2027 von;19.01.2027 bis\nAnna;07:00;14:30;frei;\nBernd;9:00;17:00;7:00;14:30\n",
        ["Anna 2027-01-18 07:00–14:30", "Bernd 2027-01-18 09:00–17:00", "Bernd 2027-01-19 07:00–14:30"],
    ),
    "two columns a day, in two rows of headings": (
        "Name,18 Jan 2027,,19 Jan 2027,\n,In,Out,In,Out\nAnn,07:00,14:30,Off,\nBo,9:00,17:00,,\n",
        ["Ann 2027-01-18 07:00–14:30", "Bo 2027-01-18 09:00–17:00"],
    ),
    "times in titles, where no column has any": (
        "Date,Event\n8 Sep 2026,Board (7pm)\n14 Sep 2026,9:30 Assembly\n15 Sep 2026,Fair\n16 Sep 2026,Concert at 19:30\n17 Sep 2026,Psalm 12:30\n18 Sep 2026,Show 2-5pm\n",
        [
            "Board 2026-09-08 19:00–20:00",
            "Assembly 2026-09-14 09:30–10:30",
            "Fair 2026-09-15..2026-09-16",
            "Concert 2026-09-16 19:30–20:30",
            "Psalm 12:30 2026-09-17..2026-09-18",
            "Show 2026-09-18 14:00–17:00",
        ],
    ),
    "days where a name and a month meet": (
        'Committee,Time,January 2027,March 2027\nCouncil,6.30pm,Wed 20,–\nPlanning,10am,"Tue 12, 26",Tue 9 & Tue 23\n',
        [
            "Council 2027-01-20 18:30–19:30",
            "Planning 2027-01-12 10:00–11:00",
            "Planning 2027-01-26 10:00–11:00",
            "Planning 2027-03-09 10:00–11:00",
            "Planning 2027-03-23 10:00–11:00",
        ],
    ),
    "days below names beside their months": (
        'Meetings 2027,,\nMonth,Council,Planning\nJanuary,20,"12, 26"\nMarch,17,9\n',
        [
            f"{what} 2027-{day}..2027-{after}"
            for what, day, after in (
                ("Council", "01-20", "01-21"),
                ("Council", "03-17", "03-18"),
                ("Planning", "01-12", "01-13"),
                ("Planning", "01-26", "01-27"),
                ("Planning", "03-09", "03-10"),
            )
        ],
    ),
    "who is on below the hours of shifts": (
        "Date,Morning (7-15),Night (23-7)\n8 Mar 2027,Ann,AB\n9 Mar 2027,Bo,Ann\n",
        [
            "Ann 2027-03-08 07:00–15:00",
            "Bo 2027-03-09 07:00–15:00",
            "AB 2027-03-08 23:00–2027-03-09 07:00",
            "Ann 2027-03-09 23:00–2027-03-10 07:00",
        ],
    ),
}

ASKED = {
    "a line without a date among lines with one": (
        "Mon 11 January 2027 – Swimming\nCake sale soon\nTue 2 March 2027 – Fair\n",
        "no-headings",
    ),
    "numbers below months are no days by themselves": ("Item,January 2027,March 2027\nRent,12,14\nWater,3,2\n", ""),
    "a time in a title that is no start": ("Date,Event\n8 Sep 2026,Open until 6pm\n9 Sep 2026,Fair\n", "time-in-title"),
    "a time in a title beside a column of times": (
        "Date,Time,Event\n8 Sep 2026,9:00,Fair\n9 Sep 2026,,Staff meeting 3.45pm\n",
        "time-in-title",
    ),
    "a run that is more often than it says": (
        "Kurs;Termine;Uhrzeit\nKnoten;Di, 12.01. - 16.02.2027, 5x;18:30-20:00\nKarten;Do, 14.01.2027;19-21 Uhr\n",
        "unreadable-repeat",
    ),
    "who is on below shifts without hours": (
        "Date,Early,Night\n8 Mar 2027,AB,CD\n9 Mar 2027,CD,AB\n",
        "code-unexplained",
    ),
    "a week of no year that sheets have": ("Was;Wann\nFahrt;KW 52/9999\nAusflug;05.03.2027\n", "impossible-date"),
    "a week that its year does not have": ("Was;Wann\nFahrt;KW 53/2027\nAusflug;05.03.2027\n", "impossible-date"),
    "vans are no hours": ("Vehicle,Service due,Garage\nVan 1,12/10/2026,North\nVan 2,26/10/2026,North\n", "no-title"),
    "times are no titles": (
        "DATE,VENUE,CITY,DOORS,SHOW\n3 Oct 2026,Vault,Leeds,19:00,20:00\n4 Oct 2026,Dock,Hull,18:30,19:30\n",
        "",
    ),
    "notes of which some lack are no titles": (
        "Date,Notes\n8 September 2026,New music\n15 September 2026,\n",
        "no-title",
    ),
    "a term of lessons is no event": (
        "Lesson,From,To,Starts,Ends\nPhysics,15 June 2026,30 September 2026,7:00,8:30\n",
        "through-several-days",
    ),
}


@pytest.mark.parametrize(("text", "events"), LISTS.values(), ids=LISTS)
def test_a_list_becomes_just_these_events(desk, text, events):
    desk.put("list.csv", text)
    run = desk.run("convert", "list.csv", "-o", "list.ics")
    assert not run.status, run.err
    assert sorted(map(told, events_in(desk.folder / "list.ics"))) == sorted(events)


@pytest.mark.parametrize(("text", "code"), ASKED.values(), ids=ASKED)
def test_what_may_be_wrong_is_asked(desk, text, code):
    desk.put("list.csv", text)
    run = desk.run("convert", "list.csv", "-o", "list.ics", "--json")
    if code:
        assert run.status == (code != "time-in-title")
        assert code in [problem for problem, _ in run.codes] or any(code in problem for problem, _ in run.codes)
    else:
        assert not any(event["SUMMARY"] in ("20:00", "19:30") for event in events_in(desk.folder / "list.ics"))
