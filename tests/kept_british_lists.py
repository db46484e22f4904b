"""Lists, rotas and grids of dates as clubs, halls, wards and offices of Britain and Ireland keep them; read by test_folders_as_kept."""

KEPT = {
    "London: Junior sailing 2026": r"""
        Europe/London
        == Junior sailing 2026.csv
        Junior sailing – season 2026
        Group,When,Time,Place
        Minnows,every Tuesday from 1 Sep to 29 Sep,17:00-18:30,Slip
        Dolphins,every Thursday from 3 Sep until 24 Sep,17:30 - 19:00,Pontoon
        == comes out as
        2026-09-01..2026-09-29
        Tue 17:00–18:30 | Minnows | Slip
        Thu 17:30–19:00 | Dolphins | Pontoon
        == in calendars
        Junior sailing 2026 9
        == with
        notes unsure-column year-of-title
    """,
    "London: Rota Sept": r"""
        Europe/London
        == Rota Sept.csv
        Sunday services – 9.30am St Bride's
        Date,Reader,Intercessions,Coffee
        6 Sept 2026,Jane Dell,Tom Ray,Pat & Jo
        13 Sept 2026,Ian Foss,Jane Dell,Kim Orr
        20 Sept 2026,Tom Ray,,Pat & Jo
        == comes out as
        2026-09-06 2026-09-20 09:30–10:30 | Pat & Jo
        2026-09-13 09:30–10:30 | Kim Orr
        2026-09-06 2026-09-20 09:30–10:30 | Tom Ray
        2026-09-06 2026-09-13 09:30–10:30 | Jane Dell
        2026-09-13 09:30–10:30 | Ian Foss
        == in calendars
        Coffee 3, Intercessions 2, Reader 3
        == with
        notes note-used
    """,
    "London: Show schedule": r"""
        Europe/London
        == Show schedule.csv
        The Tempest – show schedule October 2026
        Day,Date,Call,Curtain up,Down,Venue
        Thu,8,17:30,19:30,22:00,Main house
        Fri,9,17:30,19:30,22:00,Main house
        Sat,10,12:30,14:30,17:00,Main house
        Sat,10,17:30,19:30,22:00,Main house
        == is refused
        == with
        undecided Show schedule.csv
    """,
    "London: Ward 4 rota w-c 2 Nov 2026": r"""
        Europe/London
        == Ward 4 rota w-c 2 Nov 2026.csv
        Ward 4 rota – week commencing 2 November 2026
        Name,Mon,Tue,Wed,Thu,Fri,Sat,Sun
        A. Bell,E,E,L,Off,N,N,Off
        C. Dunn,L,Off,E,E,E,Off,L

        E = Early 07:00-15:00
        L = Late 14:00-22:00
        N = Night 21:30-07:30
        == comes out as
        2026-11-02..2026-11-08
        Mon Tue Wed Thu Fri 07:00–15:00 | Early
        2026-11-02 2026-11-04 2026-11-08 14:00–22:00 | Late
        2026-11-06 2026-11-07 21:30–07:30 | Night
        == in calendars
        A. Bell 5, C. Dunn 5
        == with
        notes ends-next-day weekdays-from-title
    """,
    "London: Office planner": r"""
        Europe/London
        == Office planner.csv
        Task,Owner,Start date,Due date,Status
        Print handbook,Jo Hale,2026-08-17,2026-08-21,Open
        Order paper,Kim Orr,2026-08-18,2026-08-18,Done
        == comes out as
        2026-08-17 5 days | Print handbook
        2026-08-18 all day | Order paper
        == in calendars
        Office planner 2
        == with
        warning unknown-status Office planner.csv, E2
        warning unknown-status Office planner.csv, E3
        notes no-address
    """,
    "London: Vet rota": r"""
        Europe/London
        == Vet rota.csv
        Surgery rota – all shifts 8:30-18:30,,,,,,
        Week commencing,Mon,Tue,Wed,Thu,Fri
        05/10/2026,Dr Ash,Dr Ash,Dr Birch,Dr Birch,Dr Ash
        12/10/2026,Dr Birch,Dr Ash,Dr Ash,Dr Birch,Dr Birch
        == comes out as
        2026-10-05 2026-10-06 2026-10-09 2026-10-13 2026-10-14 08:30–18:30 | Dr Ash
        2026-10-07 2026-10-08 2026-10-12 2026-10-15 2026-10-16 08:30–18:30 | Dr Birch
        == in calendars
        Dr Ash 5, Dr Birch 5
        == with
        notes note-used
    """,
    "London: U12 fixtures": r"""
        Europe/London
        == U12 fixtures.csv
        U12 Fixtures – season 2026-27
        Date,KO,Opponent,H/A,Venue
        Sat 3 Oct,10.30,Rovers,H,Top field
        Sat 10 Oct,11.00,Albion,A,Mill Lane
        Sat 9 Jan,10.30,Town,H,Top field
        == comes out as
        2026-10-03 10:30–11:30 | Rovers (H) | Top field
        2026-10-10 11:00–12:00 | Albion (A) | Mill Lane
        2027-01-09 10:30–11:30 | Town (H) | Top field
        == in calendars
        U12 fixtures 3
        == with
        notes unsure-column year-of-title
    """,
    "London: Lessons this week": r"""
        Europe/London
        == Lessons this week.csv
        Driving lessons – October 2026,,,
        Time,Mon 5,Tue 6,Wed 7
        9:00-10:00,Ada F,,Ben L
        10:15-11:15,Cara M,Ada F,
        == comes out as
        2026-10-05 09:00–10:00 | Ada F
        2026-10-07 09:00–10:00 | Ben L
        2026-10-05 10:15–11:15 | Cara M
        2026-10-06 10:15–11:15 | Ada F
        == in calendars
        Lessons this week 4
    """,
    "London: Village hall 2026": r"""
        Europe/London
        == Village hall 2026.xlsx / October
        Date,Time,What
        1,7pm - 9pm,Bingo
        14,10am - 12pm,Coffee morning
        == Village hall 2026.xlsx / November
        Date,Time,What
        5,6pm - 8pm,Bonfire supper
        21,2pm - 4pm,Craft fair
        == comes out as
        2026-10-01 19:00–21:00 | Bingo
        2026-10-14 10:00–12:00 | Coffee morning
        2026-11-05 18:00–20:00 | Bonfire supper
        2026-11-21 14:00–16:00 | Craft fair
        == in calendars
        Village hall 2026 October 2, Village hall 2026 November 2
        == with
        notes dates-under-captions year-of-title
    """,
    "London: Services November": r"""
        Europe/London
        == Services November.csv
        Services – November 2026
        Sunday,8.00am,10.30am
        1st,Holy Communion,Family Service
        8th,Holy Communion,Remembrance
        15th,,Parish Eucharist
        == is refused
        == with
        undecided Services November.csv
    """,
    "Dublin: Festival": r"""
        Europe/Dublin
        == Festival.csv
        What's on,Date from,Date to,Time,Venue
        Art show,01/07/2027,04/07/2027,All day,Gallery
        Opening concert,01/07/2027,,from 7.30pm,Castle yard
        Regatta,03/07/2027,04/07/2027,10am - 4pm,Harbour
        == is refused
        == with
        undecided Festival.csv
    """,
    "London: Shop volunteers": r"""
        Europe/London
        == Shop volunteers.csv
        Charity shop – week beginning 5 October 2026,,,
        Shift,Monday,Tuesday,Wednesday
        Morning 9.30-1.00,Pat,Jo,Kim
        Afternoon 1.00-4.30,Kim,Pat,
        == comes out as
        2026-10-05 09:30–13:00 | Pat
        2026-10-06 09:30–13:00 | Jo
        2026-10-07 09:30–13:00 | Kim
        2026-10-05 13:00–16:30 | Kim
        2026-10-06 13:00–16:30 | Pat
        == in calendars
        Shop volunteers 5
        == with
        notes weekdays-from-title
    """,
    "Dublin: Regatta programme": r"""
        Europe/Dublin
        == Regatta programme.csv
        Race,Class,Time
        Saturday 12 June 2027,,
        1,Skiffs,10:00
        2,Dinghies,10:45
        Sunday 13 June 2027,,
        3,Skiffs,9:30
        4,Final,11:00
        == comes out as
        2027-06-12 10:00–11:00 | Skiffs
        2027-06-12 10:45–11:45 | Dinghies
        2027-06-13 09:30–10:30 | Skiffs
        2027-06-13 11:00–12:00 | Final
        == in calendars
        Regatta programme 4
    """,
    "London: Ward rota": r"""
        Europe/London
        == Ward rota.xlsx / Sep
        Ward 7 – September 2026
        Nurse,1,2,3,4,5,6,7,8,9,10,11,12,13,14,15,16,17,18,19,20,21,22,23,24,25,26,27,28,29,30
        Amaya R.,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O
        Boris T.,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E
        Chen L.,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L
        Dana W.,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N
        == Ward rota.xlsx / Oct
        Ward 7 – October 2026
        Nurse,1,2,3,4,5,6,7,8,9,10,11,12,13,14,15,16,17,18,19,20,21,22,23,24,25,26,27,28,29,30,31
        Amaya R.,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N
        Boris T.,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O
        Chen L.,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E
        Dana W.,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L,N,N,O,O,E,E,L,L
        == Ward rota.xlsx / Codes
        Code,Shift,Start,End
        E,Early,07:00,15:00
        L,Late,14:30,22:00
        N,Night,21:30,07:30
        O,Off,,
        == comes out as
        2026-09-01..2026-10-31
        Mon Tue Wed Thu Fri Sat Sun 07:00–15:00 | Early
        Mon Tue Wed Thu Fri Sat Sun 14:30–22:00 | Late
        Mon Tue Wed Thu Fri Sat Sun 21:30–07:30 | Night
        == in calendars
        Amaya R. 47, Boris T. 45, Chen L. 45, Dana W. 46
        == with
        notes ends-next-day
    """,
    "London: Committee dates 2027": r"""
        Europe/London
        == Committee dates 2027.csv
        Calendar of meetings 2027
        Committee,Time,January,February,March,April
        Full Council,19:00,12,9,9,13
        Planning,18:30,6 & 20,3 & 17,3 & 17,
        Finance,10:00,27,,24,
        == comes out as
        2027-01-12 2027-02-09 2027-03-09 2027-04-13 19:00–20:00 | Full Council
        2027-01-06..2027-03-17/14 18:30–19:30 | Planning
        2027-01-27 2027-03-24 10:00–11:00 | Finance
        == in calendars
        Committee dates 2027 12
        == with
        notes unsure-column year-of-title
    """,
    "London: Sunday rota": r"""
        Europe/London
        == Sunday rota.csv
        Sunday rota (10:00-11:30)
        Date,Leader,Crèche,Coffee
        6 September 2026,Ann P,Jo R,Sam K
        13 September 2026,Lee M,Ann P,Jo R
        20 September 2026,Sam K,Lee M,Ann P
        27 September 2026,Jo R,Sam K,Lee M
        4 October 2026,Ann P,Jo R,Sam K
        11 October 2026,Lee M,Ann P,Jo R
        == comes out as
        2026-09-06..2026-10-11
        Sun 10:00–11:30 | Leader
        Sun 10:00–11:30 | Crèche
        Sun 10:00–11:30 | Coffee
        == in calendars
        Ann P 5, Jo R 5, Lee M 4, Sam K 4
        == with
        notes note-used
    """,
    "Dublin: Calls": r"""
        Europe/Dublin
        == Calls.csv
        Date,Start,End,Scene,Venue,Nora,Finn,Maeve
        01/02/2027,19:00,21:00,Act 1,Studio,x,x,
        03/02/2027,19:00,21:30,Act 2 sc 1,Studio,,x,x
        06/02/2027,10:00,13:00,Songs,Hall,x,,x
        == is refused
        == with
        undecided Calls.csv
    """,
    "Dublin: Rotations": r"""
        Europe/Dublin
        == Rotations.csv
        Group,w/c 7 Sep 2026,w/c 14 Sep 2026,w/c 21 Sep 2026,w/c 28 Sep 2026
        A,Surgery,Medicine,Paeds,Psych
        B,Medicine,Surgery,Psych,Paeds
        "Placements run Monday to Friday, 8:30-16:30"
        == comes out as
        2026-09-07..2026-09-11 2026-09-14..2026-09-18 08:30–16:30 | Surgery
        2026-09-07..2026-09-11 2026-09-14..2026-09-18 08:30–16:30 | Medicine
        2026-09-21..2026-09-25 2026-09-28..2026-10-02 08:30–16:30 | Paeds
        2026-09-21..2026-09-25 2026-09-28..2026-10-02 08:30–16:30 | Psych
        == in calendars
        A 20, B 20
        == with
        notes note-used on-days-of-week
    """,
    "London: Rehearsal calls": r"""
        Europe/London
        == Rehearsal calls.csv
        Date,Time,Call,Who,Where
        Mon 1 Feb 2027,10:00-13:00,Act 1,Full company,Studio 1
        ,14:00-17:30,Songs,Chorus,Studio 2
        Tue 2 Feb 2027,10:00-13:00,Act 2,Principals,Studio 1
        ,14:00-15:30,Costume fittings,Chorus,Wardrobe
        Wed 3 Feb 2027,,DAY OFF,,
        Thu 4 Feb 2027,18:30-22:00,Stagger through,Full company,Stage
        == comes out as
        2027-02-01 10:00–13:00 | Act 1 | Studio 1
        2027-02-01 14:00–17:30 | Songs | Studio 2
        2027-02-02 10:00–13:00 | Act 2 | Studio 1
        2027-02-02 14:00–15:30 | Costume fittings | Wardrobe
        2027-02-03 all day | DAY OFF
        2027-02-04 18:30–22:00 | Stagger through | Stage
        == in calendars
        Rehearsal calls 6, Chorus 2, Full company 2, Principals 1
        == with
        warning no-time Rehearsal calls.csv, A6
        warning without-value Rehearsal calls.csv, A6:E6
        notes dates-carried no-address unsure-column
    """,
    "Dublin: Rota": r"""
        Europe/Dublin
        == Rota.xlsx / January 2027
        Name,1,2,3,4,5,6,7,8
        Anna,E,E,L,L,N,N,,
        Bode,,,E,E,L,L,N,N
        Cleo,N,N,,,E,E,L,L
        == Rota.xlsx / Key
        Code,Meaning,Hours
        E,Early,07:00-15:00
        L,Late,14:30-22:00
        N,Night,21:45-07:15
        == comes out as
        2027-01-01..2027-01-08
        2027-01-01..2027-01-06 07:00–15:00 | Early
        2027-01-03..2027-01-08 14:30–22:00 | Late
        Tue Wed Thu Fri Sat 21:45–07:15 | Night
        == in calendars
        Anna 6, Bode 6, Cleo 6
        == with
        notes ends-next-day
    """,
    "London: Meetings 2027": r"""
        Europe/London
        == Meetings 2027.csv
        Committee,Time,Jan,Feb,Mar,Apr,May
        Planning,7pm,12,9,9,13,11
        Finance,6.30pm,21,,18,,20
        Full Council,7pm,28,25,25,29,27
        == comes out as
        2027-01-12 2027-02-09 2027-03-09 2027-04-13 2027-05-11 19:00–20:00 | Planning
        2027-01-21 2027-03-18 2027-05-20 18:30–19:30 | Finance
        2027-01-28 2027-02-25 2027-03-25 2027-04-29 2027-05-27 19:00–20:00 | Full Council
        == in calendars
        Meetings 2027 13
        == with
        notes unsure-column year-of-title
    """,
    "London: Parents evening": r"""
        Europe/London
        == Parents evening.xlsx / Thu 4 Feb 2027
        Time,Mr Hale,Ms Orr,Dr Fay
        16:00,Adams,,Bell
        16:10,,Clark,Adams
        16:20,Dean,Bell,
        16:30,,,
        == comes out as
        2027-02-04 16:00–16:10 | Bell
        2027-02-04 16:10–16:20 | Adams
        2027-02-04 16:00–16:10 | Adams
        2027-02-04 16:20–16:30 | Dean
        2027-02-04 16:10–16:20 | Clark
        2027-02-04 16:20–16:30 | Bell
        == in calendars
        Dr Fay 2, Mr Hale 2, Ms Orr 2
        == with
        notes starts-alone
    """,
    "London: Team planner": r"""
        Europe/London
        == Team planner.csv
        "Team planner, week of 8 March 2027"
        ,Mon 8,Tue 9,Wed 10,Thu 11,Fri 12
        Ana,,H,H,H,
        Bo,WFH,,,,WFH
        Cy,,,T,T,

        H = holiday
        WFH = working from home
        T = training 09:30-16:30
        == comes out as
        2027-03-09..2027-03-11 all day | holiday
        2027-03-08 2027-03-12 all day | working from home
        2027-03-10 2027-03-11 09:30–16:30 | training
        == in calendars
        Ana 3, Bo 2, Cy 2
        == with
        warning no-time Team planner.csv, C2
        warning no-time Team planner.csv, D2
        warning no-time Team planner.csv, E2
        warning no-time Team planner.csv, B2
        warning no-time Team planner.csv, F2
    """,
    "London: Ward 3 Feb 2027": r"""
        Europe/London
        == Ward 3 Feb 2027.csv
        Ward 3 – Rota February 2027,,,,,,,,,,,,,,
        Name,1,2,3,4,5,6,7,8,9,10,11,12,13,14
        ,Mon,Tue,Wed,Thu,Fri,Sat,Sun,Mon,Tue,Wed,Thu,Fri,Sat,Sun
        Ann Moss,E,E,L,L,,,N,N,,,E,E,L,L
        Ben Orr,N,N,,,E,E,L,L,,,N,N,,
        Cat Ray,L,L,,,N,N,,,E,E,L,L,,
        Dov Ely,,,N,N,,,E,E,L,L,,,N,N
        ,,,,,,,,,,,,,,
        E = Early 07:00-15:00,,,,,,,,,,,,,,
        L = Late 13:30-21:30,,,,,,,,,,,,,,
        N = Night 21:15-07:15,,,,,,,,,,,,,,
        == comes out as
        2027-02-01..2027-02-14
        Mon Tue Wed Thu Fri Sat Sun but 2027-02-03 2027-02-04 2027-02-13 2027-02-14 07:00–15:00 | Early
        Mon Tue Wed Thu Fri Sat Sun but 2027-02-05 2027-02-06 13:30–21:30 | Late
        Mon Tue Wed Thu Fri Sat Sun but 2027-02-09 2027-02-10 21:15–07:15 | Night
        == in calendars
        Ann Moss 10, Ben Orr 8, Cat Ray 8, Dov Ely 8
        == with
        notes ends-next-day
    """,
    "Dublin: Readers": r"""
        Europe/Dublin
        == Readers.csv
        Date,Mass,Reader 1,Reader 2,Minister
        Sat 3 Oct 2026,18:30,M. Daly,P. Roe,A. Quinn
        Sun 4 Oct 2026,09:00,K. Shea,,B. Low
        ,11:30,T. Orr,S. Fay,C. Moss
        Sat 10 Oct 2026,18:30,P. Roe,M. Daly,A. Quinn
        Sun 11 Oct 2026,09:00,B. Low,,K. Shea
        ,11:30,S. Fay,T. Orr,C. Moss
        == comes out as
        2026-10-03 2026-10-10 18:30–19:30 | Minister
        2026-10-03 2026-10-10 18:30–19:30 | Reader 1
        2026-10-03 2026-10-10 18:30–19:30 | Reader 2
        2026-10-04 2026-10-11 09:00–10:00 | Minister
        2026-10-04 2026-10-11 09:00–10:00 | Reader 1
        2026-10-04 2026-10-11 11:30–12:30 | Minister
        2026-10-04 2026-10-11 11:30–12:30 | Reader 1
        2026-10-04 2026-10-11 11:30–12:30 | Reader 2
        == in calendars
        A. Quinn 2, B. Low 2, C. Moss 2, K. Shea 2, M. Daly 2, P. Roe 2, S. Fay 2, T. Orr 2
        == with
        notes day-carried
    """,
    "London: Committee dates 2027 (2)": r"""
        Europe/London
        == Committee dates 2027.csv
        Committee,Time,Venue,Jan,Feb,Mar,Apr,May
        Planning,7.00 pm,Chamber,12,9,9,13,11
        Finance,6.30 pm,Room 1,19,,16,,18
        Full Council,7.30 pm,Chamber,26,23,23,27,25
        == comes out as
        2027-01-12 2027-02-09 2027-03-09 2027-04-13 2027-05-11 19:00–20:00 | Planning | Chamber
        2027-01-19 2027-03-16 2027-05-18 18:30–19:30 | Finance | Room 1
        2027-01-26 2027-02-23 2027-03-23 2027-04-27 2027-05-25 19:30–20:30 | Full Council | Chamber
        == in calendars
        Committee dates 2027 13
        == with
        notes unsure-column year-of-title
    """,
    "London: Season": r"""
        Europe/London
        == Season.csv
        Show,From,To,Times,Space
        The Tide,Wed 7 Oct 2026,Sat 10 Oct 2026,"7.30pm, Sat also 2.30pm",Main
        Salt,Thu 12 Nov 2026,Sat 14 Nov 2026,8pm,Studio
        == is refused
        == with
        undecided Season.csv
    """,
    "London: Season 2026-27": r"""
        Europe/London
        == Season 2026-27.csv
        Harbour Choir – Season 2026/27,,
        Date,What,When & where
        Tue 8 Sep,Rehearsal,"7.30-9.30pm, Long Hall"
        Tue 15 Sep,Rehearsal,"7.30-9.30pm, Long Hall"
        Sat 12 Dec,Carol concert,"6pm-7.15pm, Chapel"
        Tue 12 Jan,Rehearsal,"7.30-9.30pm, Long Hall"
        == comes out as
        2026-09-08 2026-09-15 2027-01-12 19:30–21:30 | Rehearsal | Long Hall
        2026-12-12 18:00–19:15 | Carol concert | Chapel
        == in calendars
        Season 2026-27 4
        == with
        notes unsure-column year-of-title
    """,
    "Dublin: Exam timetable, Notes": r"""
        Europe/Dublin
        == Exam timetable.csv
        Code,Module,Date,Session,Duration (hrs),Venue
        HY101,History 1,Mon 11 Jan 2027,AM,2,Hall A
        MA204,Analysis,Mon 11 Jan 2027,PM,3,Hall B
        FR110,French,Tue 12 Jan 2027,AM,1.5,Hall A
        == Notes.csv
        "Morning sessions start at 9:30, afternoon sessions at 14:00."
        == is refused
        == with
        undecided Exam timetable.csv
        undecided Notes.csv
    """,
    "Dublin: Screenings": r"""
        Europe/Dublin
        == Screenings.csv
        Film,Running time,Fri 5 Mar 2027,Sat 6 Mar 2027,Sun 7 Mar 2027
        Salt Road,104 mins,20:00,"14:00, 20:00",17:30
        Tidewrack,92 mins,17:45,,14:00
        == comes out as
        2027-03-05 2027-03-06 20:00–21:44 | Salt Road
        2027-03-06 14:00–15:44 | Salt Road
        2027-03-07 17:30–19:14 | Salt Road
        2027-03-05 17:45–19:17 | Tidewrack
        2027-03-07 14:00–15:32 | Tidewrack
        == in calendars
        Salt Road 4, Tidewrack 2
    """,
    "London: Meetings": r"""
        Europe/London
        == Meetings.csv
        Group,When,From,To,Place
        Planning,Every other Tuesday from 12 January 2027 to 23 March 2027,19:00,21:00,Chamber
        Youth,"Second Wednesday of each month, January to March 2027",17:30,18:30,Room 2
        == comes out as
        2027-01-12..2027-03-23 without 2027-01-19..2027-03-16/14
        Tue 19:00–21:00 | Planning | Chamber
        2027-01-13 2027-02-10 2027-03-10 17:30–18:30 | Youth | Room 2
        == in calendars
        Meetings 9
        == with
        notes unsure-column
    """,
    "London: weekplus": r"""
        Europe/London
        == sheet.csv
        Week commencing,Monday duty,Friday duty
        04/01/2027,Hale,Orr
        11/01/2027,Low,Hale
        == comes out as
        2027-01-08 all day | Orr
        2027-01-04 2027-01-15 all day | Hale
        2027-01-11 all day | Low
        == in calendars
        Friday duty 2, Monday duty 2
        == with
        notes days-by-names
    """,
    "London: holidaylets": r"""
        Europe/London
        == sheet.csv
        Cottage,Guest,Arrive,Depart,Nights
        Gull,Mr Vane,Sat 3 Apr 2027,Sat 10 Apr 2027,7
        Tern,Ms Roe,Fri 9 Apr 2027,Mon 12 Apr 2027,3
        == comes out as
        2027-04-03 8 days | Mr Vane
        2027-04-09 4 days | Ms Roe
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "London: crew call": r"""
        Europe/London
        == sheet.csv
        Scene,Location,Call,Wrap,Shoot day
        Harbour,Pier 3,05:30,18:00,Mon 8 Mar 2027
        Storm,Tank,14:00,02:00,Tue 9 Mar 2027
        == is refused
        == with
        undecided sheet.csv
    """,
    "London: leave": r"""
        Europe/London
        == sheet.csv
        Name,Type,From,To,Half day
        Ann,Holiday,08/03/2027,12/03/2027,
        Ben,Sick,22/03/2027,22/03/2027,PM
        == is refused
        == with
        undecided sheet.csv
    """,
    "London: deliveries": r"""
        Europe/London
        == sheet.csv
        Supplier,Window,Date,Dock
        Oak Ltd,07:00 – 09:00,2027-03-08,2
        Rope & Co,between 10 and 12,2027-03-09,1
        == comes out as
        2027-03-08 07:00–09:00 | Oak Ltd | 2
        2027-03-09 10:00–12:00 | Rope & Co | 1
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "London: range month": r"""
        Europe/London
        == sheet.csv
        Exhibition,Dates,Space
        Salt,12 March – 4 April 2027,Gallery
        Wood,10–25 April 2027,Foyer
        == comes out as
        2027-03-12 24 days | Salt | Gallery
        2027-04-10 16 days | Wood | Foyer
        == in calendars
        sheet 2
    """,
    "London: daily times": r"""
        Europe/London
        == sheet.csv
        Workshop,Dates,Times,Tutor
        Splicing,13-14 March 2027,10am-4pm,P. Roe
        Caulking,20 March 2027,9.30am-12.30pm,A. Low
        == comes out as
        2027-03-13 2027-03-14 10:00–16:00 | Splicing |  | Tutor: P. Roe
        2027-03-20 09:30–12:30 | Caulking |  | Tutor: A. Low
        == in calendars
        sheet 3
        == with
        notes on-each-day people-in-text
    """,
    "London: iso dt": r"""
        Europe/London
        == sheet.csv
        name,begin,finish
        Sync,2027-03-08T09:00:00Z,2027-03-08T09:30:00Z
        Demo,2027-03-09T13:00:00Z,2027-03-09T14:00:00Z
        == comes out as
        2027-03-08 09:00–09:30 | Sync
        2027-03-09 13:00–14:00 | Demo
        == in calendars
        sheet 2
    """,
    "London: maint": r"""
        Europe/London
        == sheet.csv
        Asset,Task,Next due,Interval
        Pump 1,Oil change,15 Mar 2027,90 days
        Boiler,Inspection,1 Apr 2027,1 year
        == comes out as
        2027-03-15 all day | Oil change
        2027-04-01 all day | Inspection
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "London: party": r"""
        Europe/London
        == sheet.csv
        What;When;From;To
        Set-up;Saturday 13 March 2027;08:00;11:00
        Doors;Saturday 13 March 2027;11:00;
        Clear-up;Sunday 14 March 2027;10:00;noon
        == comes out as
        2027-03-13 08:00–11:00 | Set-up
        2027-03-13 11:00–12:00 | Doors
        2027-03-14 10:00–12:00 | Clear-up
        == in calendars
        sheet 3
    """,
    "London: sem weeks": r"""
        Europe/London
        == sheet.csv
        Unit,Week beginning,Lecture,Reading
        1,11 January 2027,Charts,Ch. 1
        2,18 January 2027,Tides,Ch. 2
        == comes out as
        2027-01-11 7 days | Charts
        2027-01-18 7 days | Tides
        == in calendars
        sheet 2
        == with
        warning whole-weeks sheet.csv, B2
    """,
    "London: radio": r"""
        Europe/London
        == sheet.csv
        Show,Days,Starts,Ends,Presenter
        Breakfast,Mon-Fri,07:00,10:00,Ann
        Late,Sat & Sun,22:00,00:00,Bo
        == is refused
        == with
        undecided terms
    """,
    "London: Sunday school": r"""
        Europe/London
        == Sunday school.csv
        "Sunday school rota Spring 2027, 10.30-11.30",,,
        Date,Infants,Juniors,Seniors
        3 Jan,Ann,Bob,Cat
        10 Jan,Dee,Ann,Bob
        17 Jan,NO SUNDAY SCHOOL,,
        24 Jan,Bob,Dee,Ann
        == comes out as
        2027-01-03 2027-01-10 2027-01-24 10:30–11:30 | Ann
        2027-01-10 2027-01-24 10:30–11:30 | Dee
        2027-01-03 2027-01-10 2027-01-24 10:30–11:30 | Bob
        2027-01-03 10:30–11:30 | Cat
        == in calendars
        Infants 3, Juniors 3, Seniors 3
        == with
        notes note-used year-of-title
    """,
    "London: Invigilation": r"""
        Europe/London
        == Invigilation.csv
        Date,Start,Finish,Exam,Room,Invigilator 1,Invigilator 2
        Mon 8 Mar 2027,09:00,10:30,Maths Paper 1,Hall,A. Moss,B. Ray
        Mon 8 Mar 2027,13:30,15:00,French Reading,Gym,C. Low,
        Tue 9 Mar 2027,09:00,11:00,English Lit,Hall,B. Ray,A. Moss
        == comes out as
        2027-03-08 09:00–10:30 | Maths Paper 1 | Hall | Invigilator 1: A. Moss / Invigilator 2: B. Ray
        2027-03-08 13:30–15:00 | French Reading | Gym | Invigilator 1: C. Low
        2027-03-09 09:00–11:00 | English Lit | Hall | Invigilator 1: B. Ray / Invigilator 2: A. Moss
        == in calendars
        Invigilation 3
        == with
        notes people-in-text
    """,
    "London: Staff calendar": r"""
        Europe/London
        == Staff calendar.csv
        Week,w/b,Monday,Tuesday,Wednesday,Thursday,Friday
        1,11 Jan 2027,INSET,,Staff meeting 15:45-16:45,,
        2,18 Jan 2027,,Y11 parents' evening 16:30-19:00,,,Celebration assembly 14:30-15:15
        3,25 Jan 2027,Briefing 8:20-8:35,,Staff meeting 15:45-16:45,,
        == comes out as
        2027-01-11 all day | INSET
        2027-01-13 2027-01-27 15:45–16:45 | Staff meeting
        2027-01-19 16:30–19:00 | Y11 parents' evening
        2027-01-22 14:30–15:15 | Celebration assembly
        2027-01-25 08:20–08:35 | Briefing
        == in calendars
        Staff calendar 6
        == with
        warning no-time Staff calendar.csv, C2
    """,
    "London: Class cover": r"""
        Europe/London
        == Class cover.csv
        Class,Time,Usual,Mon 1 Mar 2027,Mon 8 Mar 2027,Mon 15 Mar 2027
        Spin,18:00-18:45,Ann,Ann,Bo,Ann
        Yoga,19:00-20:00,Cy,Cy,Cy,OFF
        == comes out as
        2027-03-01 2027-03-15 18:00–18:45 | Ann
        2027-03-08 18:00–18:45 | Bo
        2027-03-01 2027-03-08 19:00–20:00 | Cy
        == in calendars
        Spin 3, Yoga 2
    """,
    "London: Programme": r"""
        Europe/London
        == Programme.csv
        Conference programme: 5–6 November 2026,,
        Thursday 5 November,,
        09:00-10:00,Welcome,Main hall
        10:15-11:00,Hulls,Room 1
        Friday 6 November,,
        09:30-10:30,Ropes,Room 1
        == comes out as
        2026-11-05 09:00–10:00 | Welcome | Main hall
        2026-11-05 10:15–11:00 | Hulls | Room 1
        2026-11-06 09:30–10:30 | Ropes | Room 1
        == in calendars
        Programme 3
        == with
        notes columns-by-cells year-of-title
    """,
    "London: Week of 8 March 2027": r"""
        Europe/London
        == Week of 8 March 2027.csv
        Name,Mon,Tue,Wed,Thu,Fri
        Ann,9-5,9-5,OFF,12-8,9-5
        Bo,12-8,OFF,9-5,9-5,12-8
        == comes out as
        2027-03-08 2027-03-09 2027-03-12 09:00–17:00 | Ann
        2027-03-11 12:00–20:00 | Ann
        2027-03-08 2027-03-12 12:00–20:00 | Bo
        2027-03-10 2027-03-11 09:00–17:00 | Bo
        == in calendars
        Ann 4, Bo 4
        == with
        notes weekdays-from-title
    """,
    "London: Rota": r"""
        Europe/London
        == Rota.csv
        Rota w/c Monday 8th March 2027,,,,
        ,Mon 8th,Tue 9th,Wed 10th,Thu 11th
        Ann,07:00-15:00,07:00-15:00,,14:00-22:00
        Bo,14:00-22:00,,07:00-15:00,07:00-15:00
        == comes out as
        2027-03-08 2027-03-09 07:00–15:00 | Ann
        2027-03-11 14:00–22:00 | Ann
        2027-03-08 14:00–22:00 | Bo
        2027-03-10 2027-03-11 07:00–15:00 | Bo
        == in calendars
        Ann 3, Bo 3
    """,
    "London: Shifts 1-14 March 2027": r"""
        Europe/London
        == Shifts 1-14 March 2027.csv
        Staff,1,2,3,4,5,6,7,8,9,10,11,12,13,14
        Ann,D,D,N,N,-,-,D,D,N,N,-,-,D,D
        Bo,-,-,D,D,N,N,-,-,D,D,N,N,-,-
        D = 07:00-19:00,,,,,,,,,,,,,,
        N = 19:00-07:00,,,,,,,,,,,,,,
        == comes out as
        2027-03-01..2027-03-14
        Mon Tue Wed Thu Sat Sun but 2027-03-06 2027-03-11 07:00–19:00 | D
        Tue Wed Thu Fri Sat but 2027-03-02 2027-03-13 19:00–07:00 | N
        == in calendars
        Ann 10, Bo 8
        == with
        notes ends-next-day
    """,
    "London: March 2027": r"""
        Europe/London
        == March 2027.csv
        Date,Day,Event,Time
        1,Mon,Assembly,9:00
        3,Wed,Trip,8:30-15:30
        12,Fri,Concert,18:30-20:00
        31,Wed,Term ends,
        == comes out as
        2027-03-01 09:00–10:00 | Assembly
        2027-03-03 08:30–15:30 | Trip
        2027-03-12 18:30–20:00 | Concert
        2027-03-31 all day | Term ends
        == in calendars
        March 2027 4
        == with
        warning no-time March 2027.csv, A5
        notes dates-under-captions
    """,
    "London: Diary": r"""
        Europe/London
        == Diary.csv
        September 2026,,
        Tue 8,Staff meeting,15:45
        Thu 17,Open evening,18:00-20:00
        October 2026,,
        Fri 2,Harvest lunch,12:00-13:00
        Wed 21,Flu vaccines,
        == comes out as
        2026-09-08 15:45–16:45 | Staff meeting
        2026-09-17 18:00–20:00 | Open evening
        2026-10-02 12:00–13:00 | Harvest lunch
        2026-10-21 all day | Flu vaccines
        == in calendars
        Diary 4
        == with
        warning no-time Diary.csv, A6
        notes columns-by-cells dates-under-captions
    """,
    "London: Rota (2)": r"""
        Europe/London
        == Rota.csv
        Rota 29 March – 4 April 2027,,,,,,,
        ,Mon 29,Tue 30,Wed 31,Thu 1,Fri 2,Sat 3,Sun 4
        Ann,8-4,8-4,,8-4,,10-2,
        Bo,,8-4,8-4,,8-4,,10-2
        == comes out as
        2027-03-29 2027-03-30 2027-04-01 08:00–16:00 | Ann
        2027-04-03 10:00–14:00 | Ann
        2027-03-30 2027-03-31 2027-04-02 08:00–16:00 | Bo
        2027-04-04 10:00–14:00 | Bo
        == in calendars
        Ann 4, Bo 4
    """,
    "London: Saturday fixtures": r"""
        Europe/London
        == Saturday fixtures.csv
        Saturday 6th March 2027,,,
        Team,Opponent,Venue,KO
        1st XV,Terns,Away,2.30pm
        2nd XV,Gulls,Home,2.30pm
        U13,Skuas,Home,10.30am
        == comes out as
        2027-03-06 10:30–11:30 | U13 – Skuas | Home
        2027-03-06 14:30–15:30 | 1st XV – Terns | Away
        2027-03-06 14:30–15:30 | 2nd XV – Gulls | Home
        == in calendars
        Saturday fixtures 3
        == with
        notes unsure-column
    """,
    "London: dur min": r"""
        Europe/London
        == sheet.csv
        Subject,StartDate,StartTime,Duration (min)
        Review,2027-03-08,09:15,45
        Demo,2027-03-09,14:00,90
        == comes out as
        2027-03-08 09:15–10:00 | Review
        2027-03-09 14:00–15:30 | Demo
        == in calendars
        sheet 2
    """,
    "London: serials": r"""
        Europe/London
        == sheet.csv
        Title,Start,End
        Review,46454.375,46454.4166666667
        Demo,46455.5833333333,46455.625
        == comes out as
        2027-03-08 09:00–10:00 | Review
        2027-03-09 14:00–15:00 | Demo
        == in calendars
        sheet 2
    """,
    "London: noon": r"""
        Europe/London
        == sheet.csv
        Event,Date,Time
        Lunch,8 March 2027,noon–2pm
        Vigil,13 March 2027,10pm–midnight
        == comes out as
        2027-03-08 12:00–14:00 | Lunch
        2027-03-13 22:00–00:00 | Vigil
        == in calendars
        sheet 2
    """,
    "London: slash": r"""
        Europe/London
        == sheet.csv
        Title,Date,Time
        A,2027/3/8,0900-1030
        B,2027/3/12,1330-1500
        == comes out as
        2027-03-08 09:00–10:30 | A
        2027-03-12 13:30–15:00 | B
        == in calendars
        sheet 2
    """,
    "London: frsun": r"""
        Europe/London
        == sheet.csv
        Camp,Dates,Place
        Cubs,Fri–Sun 12–14 March 2027,Hut
        Scouts,from 26 to 28 March 2027,Farm
        == comes out as
        2027-03-12 3 days | Cubs | Hut
        2027-03-26 3 days | Scouts | Farm
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "London: rrule": r"""
        Europe/London
        == sheet.csv
        Title,Start,End,RRULE
        Choir,2027-03-02 19:00,2027-03-02 21:00,FREQ=WEEKLY;COUNT=4
        == comes out as
        2027-03-02..2027-03-23
        Tue 19:00–21:00 | Choir
        == in calendars
        sheet 4
    """,
    "London: lastfri": r"""
        Europe/London
        == sheet.csv
        Meeting,Repeats,Time,First,Last
        Payroll,last Friday of each month,10:00-11:00,1 January 2027,30 April 2027
        == comes out as
        2027-01-29 2027-02-26 2027-03-26 2027-04-30 10:00–11:00 | Payroll
        == in calendars
        sheet 4
        == with
        notes later-start
    """,
    "London: arrow": r"""
        Europe/London
        == sheet.csv
        Event,When
        Trip,8 Mar 2027 09:00 → 15:30
        Talk,9 Mar 2027 18:00 → 19:00
        == comes out as
        2027-03-08 09:00–15:30 | Trip
        2027-03-09 18:00–19:00 | Talk
        == in calendars
        sheet 2
    """,
    "London: multi line": r"""
        Europe/London
        == sheet.csv
        Title,Date,Start,Notes
        "Harbour, tour",8 Mar 2027,10:00,"Bring boots;
        meet at pier"
        == comes out as
        2027-03-08 10:00–11:00 | Harbour, tour |  | Bring boots; / meet at pier
        == in calendars
        sheet 1
    """,
    "London: status": r"""
        Europe/London
        == sheet.csv
        Event,Date,Status
        Gala,8 Mar 2027,Confirmed
        Fair,9 Mar 2027,TBC
        Run,10 Mar 2027,Cancelled
        == comes out as
        2027-03-08 all day | [CONFIRMED] Gala
        2027-03-09 all day | [TENTATIVE] Fair
        2027-03-10 all day | [CANCELLED] Run
        == in calendars
        sheet 3
    """,
    "London: timezone": r"""
        Europe/London
        == sheet.csv
        Call,Date,Time (UTC),Length
        Sync,2027-03-08,15:00,30m
        Demo,2027-03-30,15:00,1h
        == comes out as
        2027-03-08 15:00–15:30 | Sync
        2027-03-30 16:00–17:00 | Demo
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "London: reminder": r"""
        Europe/London
        == sheet.csv
        Event,Date,Start,Reminder
        Call,8 Mar 2027,9:00,15 min before
        Meet,9 Mar 2027,10:00,1 day
        == comes out as
        2027-03-08 09:00–10:00 | Call
        2027-03-09 10:00–11:00 | Meet
        == in calendars
        sheet 2
    """,
    "London: shiftname": r"""
        Europe/London
        == sheet.csv
        Date,Morning (7-15),Evening (15-23),Night (23-7)
        8 Mar 2027,Ann,Bo,Cy
        9 Mar 2027,Bo,Cy,Ann
        == comes out as
        2027-03-08 07:00–15:00 | Ann
        2027-03-09 07:00–15:00 | Bo
        2027-03-08 15:00–23:00 | Bo
        2027-03-09 15:00–23:00 | Cy
        2027-03-08 23:00–07:00 | Cy
        2027-03-09 23:00–07:00 | Ann
        == in calendars
        sheet 6
        == with
        notes ends-next-day
    """,
    "London: interview": r"""
        Europe/London
        == sheet.csv
        Candidate,Panel,Date,Slot
        Moss,A,8/3/2027,09:00 - 09:40
        Ray,B,16/3/2027,09:40 - 10:20
        == comes out as
        2027-03-08 09:00–09:40 | Moss
        2027-03-16 09:40–10:20 | Ray
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "London: trains": r"""
        Europe/London
        == sheet.csv
        Train,Departs,Arrives,Date
        IC 12,07:05,10:40,08.03.2027
        IC 19,22:15,06:50,13.03.2027
        == comes out as
        2027-03-08 07:05–10:40 | IC 12
        2027-03-13 22:15–06:50 | IC 19
        == in calendars
        sheet 2
        == with
        notes ends-next-day
    """,
    "London: On call": r"""
        Europe/London
        == On call.csv
        Consultant on call 2027,
        Week commencing,Consultant
        1 Mar,Dr Orr
        8 Mar,Dr Low
        15 Mar,Dr Hale
        == comes out as
        2027-03-01 7 days | Dr Orr
        2027-03-08 7 days | Dr Low
        2027-03-15 7 days | Dr Hale
        == in calendars
        On call 3
        == with
        warning whole-weeks On call.csv, A3
        notes unsure-column
    """,
    "London: Bookings": r"""
        Europe/London
        == Bookings.xlsx / Read me
        How to use this workbook
        Fill in the Bookings tab.
        Ask the office on ext. 100.
        == Bookings.xlsx / Bookings
        Event,When,,,Where
        ,Date,From,To,Room
        Quiz,2027-03-05,19:00,22:00,Hall
        Fair,2027-03-13,10:00,15:00,Field
        == comes out as
        2027-03-05 19:00–22:00 | Quiz | Hall
        2027-03-13 10:00–15:00 | Fair | Field
        == in calendars
        Bookings Bookings 2
    """,
    "London: Rota (3)": r"""
        Europe/London
        == Rota.csv
        Rota March 2027,,,,,,,,
        ,Mon,Tue,Wed,Thu,Fri,Sat,Sun,
        Name,1,2,3,4,5,6,7,Hours
        Ann,E,E,L,L,,,E,40
        Bo,L,L,,E,E,E,,40
        Cover,2,2,2,2,2,2,2,
        E 06:00-14:00,,,,,,,,
        L 14:00-22:00,,,,,,,,
        == comes out as
        2027-03-01..2027-03-07
        Mon Tue Thu Fri Sat Sun 06:00–14:00 | E
        Mon Tue Wed Thu 14:00–22:00 | L
        == in calendars
        Ann 5, Bo 5
        == with
        notes totals-left-out
    """,
    "London: Sectionals": r"""
        Europe/London
        == Sectionals.csv
        Date,Sopranos,Altos,Tenors & Basses
        Tue 2 Mar 2027,18:30-19:00,19:00-19:30,19:30-20:00
        Tue 9 Mar 2027,19:30-20:00,18:30-19:00,19:00-19:30
        == comes out as
        2027-03-02 19:00–19:30 | Altos
        2027-03-09 18:30–19:00 | Altos
        2027-03-02 18:30–19:00 | Sopranos
        2027-03-09 19:30–20:00 | Sopranos
        2027-03-02 19:30–20:00 | Tenors & Basses
        2027-03-09 19:00–19:30 | Tenors & Basses
        == in calendars
        Altos 2, Sopranos 2, Tenors & Basses 2
    """,
    "London: Lessons (2)": r"""
        Europe/London
        == Lessons.xlsx / Hale
        Date,Time,Pupil,Mins
        2027-03-01,09:00,Ann,60
        2027-03-01,10:30,Bo,90
        == Lessons.xlsx / Orr
        Date,Time,Pupil,Mins
        2027-03-02,14:00,Cy,60
        == comes out as
        2027-03-01 09:00–10:00 | Ann
        2027-03-01 10:30–12:00 | Bo
        2027-03-02 14:00–15:00 | Cy
        == in calendars
        Lessons Hale 2, Lessons Orr 1
        == with
        notes unsure-column
    """,
    "London: Programme Spring": r"""
        Europe/London
        == Programme Spring.csv
        1st Harbour Scouts – Spring programme 2027,,,
        Thursdays 7.00–8.30pm at the Scout Hut unless stated,,,
        Date,Activity,Where,Leader
        7 Jan,Knots,,Ann
        14 Jan,Navigation,,Bo
        21 Jan,Night hike,Meet at Quay car park,Cy
        28 Jan,Cooking,,Ann
        == comes out as
        2027-01-07 19:00–20:30 | Knots | Scout Hut | Leader: Ann
        2027-01-14 19:00–20:30 | Navigation | Scout Hut | Leader: Bo
        2027-01-21 19:00–20:30 | Night hike | Meet at Quay car park | Leader: Cy
        2027-01-28 19:00–20:30 | Cooking | Scout Hut | Leader: Ann
        == in calendars
        Programme Spring 4, Ann 2, Bo 1, Cy 1
        == with
        notes note-used people-in-text year-of-title
    """,
    "London: Committee dates 2027 (3)": r"""
        Europe/London
        == Committee dates 2027.csv
        Committee,Time,January 2027,February 2027,March 2027
        Full Council,6.30pm,Wed 20,,Wed 17
        Planning,10am,"Tue 12, Tue 26",Tue 9,"Tue 9, Tue 23"
        Audit,2pm,,Thu 4,
        == comes out as
        2027-02-04 14:00–15:00 | Audit
        2027-01-20 2027-03-17 18:30–19:30 | Full Council
        2027-01-12..2027-02-09/14 2027-03-09 2027-03-23 10:00–11:00 | Planning
        == in calendars
        Audit 1, Full Council 2, Planning 5
        == with
        notes unsure-column
    """,
    "London: Parents evening 4 March 2027": r"""
        Europe/London
        == Parents evening 4 March 2027.csv
        Time,Ms Hale,Mr Orr
        16:00,7A Lund,7A Fenn
        16:10,7A Marr,
        16:20,,7A Lund
        == comes out as
        2027-03-04 16:00–16:10 | 7A Fenn
        2027-03-04 16:20–16:30 | 7A Lund
        2027-03-04 16:00–16:10 | 7A Lund
        2027-03-04 16:10–16:20 | 7A Marr
        == in calendars
        Mr Orr 2, Ms Hale 2
        == with
        notes starts-alone
    """,
    "London: Dates for your diary": r"""
        Europe/London
        == Dates for your diary.csv
        Dates for your diary – Spring term 2027
        Monday 11 January – Year 6 swimming starts
        Thursday 14 January – Parents' coffee morning 9.15am
        Friday 12 February – Break up for half term 3.15pm
        Tuesday 2 March – Book fair
        == comes out as
        2027-01-11 all day | Year 6 swimming starts
        2027-01-14 09:15–10:15 | Parents' coffee morning
        2027-02-12 15:15–16:15 | Break up for half term
        2027-03-02 all day | Book fair
        == in calendars
        Dates for your diary 4
        == with
        notes times-of-titles year-of-title
    """,
    "London: Duty manager rota": r"""
        Europe/London
        == Duty manager rota.csv
        Week commencing,Early (7-3),Late (1-9),On call
        04/01/2027,Ann,Bo,Cy
        11/01/2027,Bo,Cy,Ann
        18/01/2027,Cy,Ann,Bo
        == is refused
        == with
        undecided Duty manager rota.csv
    """,
    "London: Rota Jan-Mar 2027": r"""
        Europe/London
        == Rota Jan-Mar 2027.csv
        Date,Preacher,Readers,Welcome,Tech
        3 Jan,Rev Hale,"Ann, Bo",Cy,Di
        10 Jan,M. Orr,Bo,Ann,Ed
        17 Jan,Rev Hale,Di,Bo,Cy
        == comes out as
        2027-01-03 2027-01-17 all day | Rev Hale
        2027-01-10 all day | M. Orr
        2027-01-03 all day | Ann, Bo
        2027-01-10 2027-01-17 all day | Bo
        2027-01-03 2027-01-17 all day | Di
        2027-01-10 all day | Ed
        2027-01-03 2027-01-17 all day | Cy
        2027-01-10 all day | Ann
        == in calendars
        Preacher 3, Readers 3, Tech 3, Welcome 3
        == with
        notes year-of-title
    """,
    "London: Conference": r"""
        Europe/London
        == Conference.xlsx / Day plan / A3:A5 / A6:A7
        Sea Conference,,,
        Date,Start,Session,Room
        2027-03-04,09:00,Welcome,Hall
        ,10:00,Hulls,R1
        ,11:30,Lunch,
        2027-03-05,09:30,Sails,Hall
        ,11:00,Close,Hall
        == is refused
        == with
        undecided Conference.xlsx
    """,
    "London: Lab bookings March 2027": r"""
        Europe/London
        == Lab bookings March 2027.csv
        Date,AM,PM
        Mon 1,7A Hale,
        Tue 2,,8B Orr
        Wed 3,9C Fenn,9C Fenn
        == is refused
        == with
        error halves-apart Lab bookings March 2027.csv, A1
    """,
    "London: Care rota": r"""
        Europe/London
        == Care rota.csv
        Staff,Role,04/01,05/01,06/01,07/01,08/01,09/01,10/01
        Ann Hale,Senior,E,E,L,L,Off,N,N
        Bo Orr,Carer,L,L,Off,E,E,E,Off
        Key:,,E = 07:00-14:30,L = 14:00-21:30,N = 21:15-07:15,,,,
        == is refused
        == with
        undecided Care rota.csv
    """,
    "London: Concerts": r"""
        Europe/London
        == Concerts.csv
        Concert,Date,Venue,Times
        Spring,Sat 20 March 2027,Town Hall,7:00 for 7:30pm
        Summer,Sat 19 June 2027,Abbey,"Rehearsal 2pm, concert 7pm"
        == is refused
        == with
        undecided Concerts.csv
    """,
    "London: On-call": r"""
        Europe/London
        == On-call.csv
        Week,From (Fri 18:00),To (Fri 18:00),Vet
        1,08/01/2027,15/01/2027,Hale
        2,15/01/2027,22/01/2027,Orr
        == comes out as
        2027-01-08 18:00–18:00+7 | Hale
        2027-01-15 18:00–18:00+7 | Orr
        == in calendars
        On-call 2
        == with
        notes time-of-heading unsure-column
    """,
    "London: Exam diet": r"""
        Europe/London
        == Exam diet.csv
        Paper,Date,Start,Duration,Venue,Candidates
        Hydrodynamics 3,Mon 26 April 2027,09:30,2 hours,Sports Hall,42
        Statics 1,Tue 27 April 2027,14:30,1 hour 30 mins,Room 5,80
        Naval Arch 4,Wed 28 April 2027,9.30am,3hrs,Sports Hall,17
        == comes out as
        2027-04-26 09:30–11:30 | Hydrodynamics 3 | Sports Hall
        2027-04-27 14:30–16:00 | Statics 1 | Room 5
        2027-04-28 09:30–12:30 | Naval Arch 4 | Sports Hall
        == in calendars
        Exam diet 3
    """,
    "London: Line-up Sat 3 July 2027": r"""
        Europe/London
        == Line-up Sat 3 July 2027.csv
        Main stage,Quay stage
        12:00-12:45 The Gulls,12:30-13:15 Tideway
        13:15-14:00 Knots,13:45-14:30 Ferry Folk
        14:30-15:30 Otter Choir,
        == is refused
        == with
        undecided Line-up Sat 3 July 2027.csv
    """,
    "Dublin: 3rd class, School calendar": r"""
        Europe/Dublin
        == 3rd class.csv
        3rd class timetable,,,
        Time,Monday,Tuesday,Thursday
        9:20-10:00,Gaeilge,English,Maths
        10:00-10:50,Maths,Gaeilge,PE
        == School calendar.csv
        Date,Event
        11/01/2027,School reopens
        01/02/2027,St Brigid's Day - school closed
        18/02/2027 - 19/02/2027,Mid-term break
        17/03/2027,St Patrick's Day
        19/03/2027,School closes for Easter at 12:00
        == comes out as
        2027-01-11..2027-03-18 without 2027-02-01 2027-02-18
        Mon 09:20–10:00 | Gaeilge (3rd)
        Mon 10:00–10:50 | Maths (3rd)
        Tue 09:20–10:00 | English (3rd)
        Tue 10:00–10:50 | Gaeilge (3rd)
        Thu 09:20–10:00 | Maths (3rd)
        Thu 10:00–10:50 | PE (3rd)
        == in calendars
        3rd 56
        == with
        warning ends-at-a-time School calendar.csv, A6:B6
    """,
    "London: Theatre lists": r"""
        Europe/London
        == Theatre lists.xlsx / March
        Date,Theatre,Session,Surgeon,Start,Finish
        2027-03-01,Th 1,AM,Hale,08:30,12:30
        2027-03-01,Th 1,PM,Orr,13:30,17:30
        2027-03-02,Th 2,All day,Fenn,08:30,17:30
        == comes out as
        2027-03-01 08:30–12:30 | Hale | Th 1
        2027-03-01 13:30–17:30 | Orr | Th 1
        2027-03-02 08:30–17:30 | Fenn | Th 2
        == in calendars
        Theatre lists 3
        == with
        notes unsure-column
    """,
    "London: Tests 9 March 2027": r"""
        Europe/London
        == Tests 9 March 2027.csv
        Slot,Examiner 1,Examiner 2
        08:10,Cand A,Cand B
        09:07,Cand C,
        10:14,,Cand D
        Each test lasts 40 minutes,,
        == comes out as
        2027-03-09 08:10–08:50 | Cand A
        2027-03-09 09:07–09:47 | Cand C
        2027-03-09 08:10–08:50 | Cand B
        2027-03-09 10:14–10:54 | Cand D
        == in calendars
        Examiner 1 2, Examiner 2 2
        == with
        notes note-used
    """,
    "London: Rota (4)": r"""
        Europe/London
        == Rota.csv
        Rota March 2027,,,,
        ,Mon,Tue,Wed,Thu
        ,1,2,3,4
        Ann,8-16:30,8-16:30,OFF,10-18:30
        Bo,10-18:30,OFF,8-16:30,8-16:30
        == comes out as
        2027-03-01 2027-03-02 08:00–16:30 | Ann
        2027-03-04 10:00–18:30 | Ann
        2027-03-01 10:00–18:30 | Bo
        2027-03-03 2027-03-04 08:00–16:30 | Bo
        == in calendars
        Ann 3, Bo 3
    """,
    "London: Sessions": r"""
        Europe/London
        == Sessions.csv
        Date,HW,Squad,Meet,On water,Off water
        Sat 9 Jan 2027,08:12,Juniors,08:30,09:00,11:00
        Sun 10 Jan 2027,09:01,Seniors,07:30,08:00,10:30
        == comes out as
        2027-01-09 all day | Juniors
        2027-01-10 all day | Seniors
        == in calendars
        Sessions 2
        == with
        warning unread-times Sessions.csv, B1
        warning unread-times Sessions.csv, D1
        warning unread-times Sessions.csv, E1
        warning unread-times Sessions.csv, F1
        notes unsure-column
    """,
    "London: Summer sailings": r"""
        Europe/London
        == Summer sailings.csv
        Summer sailings 3 May - 26 September 2027,,,,
        Departs,Arrives,From,To,Days
        07:30,08:15,Orrin,Skarra,Daily except Sunday
        10:00,10:45,Orrin,Skarra,Daily
        18:30,19:15,Skarra,Orrin,Fri and Sun only
        == is refused
        == with
        undecided Summer sailings.csv
    """,
    "London: Fixtures": r"""
        Europe/London
        == Fixtures.csv
        Division 2 fixtures,,,,
        Date,KO,Home,Away,Ground
        Sat 9 Jan 2027,14:00,Gannet RFC,Tern RFC,Harbour Park
        Sat 16 Jan 2027,14:30,Tern RFC,Skua RFC,The Links
        Sat 23 Jan 2027,tbc,Skua RFC,Gannet RFC,North Field
        == comes out as
        2027-01-09 14:00–15:00 | Gannet RFC – Tern RFC | Harbour Park
        2027-01-16 14:30–15:30 | Tern RFC – Skua RFC | The Links
        2027-01-23 all day | Skua RFC – Gannet RFC | North Field
        == in calendars
        Fixtures 3
        == with
        warning to-come Fixtures.csv, B5
        warning no-time Fixtures.csv, A5
        notes unsure-column
    """,
    "London: Exams May 2027": r"""
        Europe/London
        == Exams May 2027.csv
        Date,Session,Paper,Length,Candidates,Room
        Mon 10 May 2027,AM,Navigation 1,1h 30m,24,Hall
        Mon 10 May 2027,PM,Design Theory,2h,18,Hall
        Thu 13 May 2027,AM,Navigation 2,2h 15m,24,Gym
        AM session starts 9.15am; PM session starts 1.30pm,,,,,
        == comes out as
        2027-05-10 09:15–10:45 | Navigation 1 | Hall
        2027-05-10 13:30–15:30 | Design Theory | Hall
        2027-05-13 09:15–11:30 | Navigation 2 | Gym
        == in calendars
        Exams May 2027 3
        == with
        notes note-used
    """,
    "London: On call (2)": r"""
        Europe/London
        == On call.csv
        Week commencing,First on call,Second on call
        04/01/2027,Hale,Orr
        11/01/2027,Fenn,Hale
        18/01/2027,Orr,Fenn
        Duty runs Monday 08:00 to Monday 08:00,,
        == comes out as
        2027-01-04 2027-01-11 08:00–08:00+7 | Hale
        2027-01-11 2027-01-18 08:00–08:00+7 | Fenn
        2027-01-04 2027-01-18 08:00–08:00+7 | Orr
        == in calendars
        First on call 3, Second on call 3
        == with
        notes note-used
    """,
    "London: Rehearsals": r"""
        Europe/London
        == Rehearsals.csv
        Rehearsals Spring 2027 - Thursdays 7.30-9.30pm in St Anne's Hall unless stated,
        January,
        14,Full choir
        21,Full choir
        28,Basses and tenors
        February,
        4,Full choir
        11,Full choir
        25,With organ (St John's)
        == comes out as
        2027-01-14 2027-01-21 2027-02-04 2027-02-11 19:30–21:30 | Full choir | St Anne's Hall
        2027-01-28 19:30–21:30 | Basses and tenors | St Anne's Hall
        2027-02-25 19:30–21:30 | With organ (St John's) | St Anne's Hall
        == in calendars
        Rehearsals 6
        == with
        notes columns-by-cells dates-under-captions note-used year-of-title
    """,
    "London: Sunday rota (2)": r"""
        Europe/London
        == Sunday rota.csv
        Sunday rota - service 10.30am to 11.45am,,,
        Date,Reader,Flowers,Coffee
        3 Jan 2027,Ann P,Joan T,Pat L
        10 Jan 2027,Bill S,,Kay M
        17 Jan 2027,Cath R,Joan T,Pat L
        == comes out as
        2027-01-03..2027-01-17/7 10:30–11:45 | Reader
        2027-01-03 2027-01-17 10:30–11:45 | Flowers
        2027-01-03..2027-01-17/7 10:30–11:45 | Coffee
        == in calendars
        Ann P 1, Bill S 1, Cath R 1, Joan T 2, Kay M 1, Pat L 2
        == with
        notes note-used
    """,
    "London: Lessons (3)": r"""
        Europe/London
        == Lessons.csv
        Student,When,Starts,Until,Length
        Mia,every other Tuesday 16:00,12 Jan 2027,23 Mar 2027,45 min
        Tom,Thursdays 17:15,14 Jan 2027,25 Mar 2027,1 h
        Ada,Mon & Wed 15:30,11 Jan 2027,24 Mar 2027,30 min
        == is refused
        == with
        undecided Lessons.csv
    """,
    "London: Parents evening 11 Feb 2027": r"""
        Europe/London
        == Parents evening 11 Feb 2027.xlsx / Sheet1
        Time,Ms Hale,Mr Orr
        17:00,Tern family,Gull family
        17:10,,Skua family
        17:20,Gull family,Tern family
        Appointments last 10 minutes,,
        == comes out as
        2027-02-11 17:00–17:10 | Gull family
        2027-02-11 17:10–17:20 | Skua family
        2027-02-11 17:20–17:30 | Tern family
        2027-02-11 17:00–17:10 | Tern family
        2027-02-11 17:20–17:30 | Gull family
        == in calendars
        Mr Orr 3, Ms Hale 2
        == with
        notes note-used
    """,
    "London: 7A, Term dates 2026-27": r"""
        Europe/London
        == 7A.csv
        7A,Mon,Tue
        9:00-10:00,Maths,Art
        == Term dates 2026-27.csv
        Term dates
        Autumn term: 7 September 2026 to 18 December 2026 (half term 26-30 October 2026)
        Spring term: 4 January 2027 to 24 March 2027 (half term 15-19 February 2027)
        == comes out as
        2026-09-07..2027-03-23 without 2026-10-26 2026-10-27 2026-12-21 2026-12-22 2026-12-28 2026-12-29 2027-02-15 2027-02-16
        Mon 09:00–10:00 | Maths (7A)
        Tue 09:00–10:00 | Art (7A)
        == in calendars
        7A 50
        == with
        notes title-line
    """,
    "London: Duty, Staff": r"""
        Europe/London
        == Duty.csv
        Date,Morning (8:00-8:30),Lunch (12:00-12:40)
        Mon 1 March 2027,AH,BO
        Tue 2 March 2027,BO,CF
        == Staff.csv
        Initials,Name
        AH,Ann Hale
        BO,Bo Orr
        CF,Cy Fenn
        == comes out as
        2027-03-01 12:00–12:40 | Bo Orr
        2027-03-02 12:00–12:40 | Cy Fenn
        2027-03-01 08:00–08:30 | Ann Hale
        2027-03-02 08:00–08:30 | Bo Orr
        == in calendars
        Lunch 2, Morning 2
    """,
    "London: Rehearsals (2)": r"""
        Europe/London
        == Rehearsals.csv
        1 March 2027,2 March 2027,3 March 2027
        10:00-11:00 Strings,,14:00-15:30 Brass
        11:15-12:00 Choir,,
        Bring your own stand,,
        == comes out as
        2027-03-01 10:00–11:00 | Strings
        2027-03-03 14:00–15:30 | Brass
        2027-03-01 11:15–12:00 | Choir
        == in calendars
        Rehearsals 3
        == with
        warning cells-not-read Rehearsals.csv, A4
    """,
    "London: Rehearsals (3)": r"""
        Europe/London
        == Rehearsals.csv
        All in the Main Hall,,
        14 Jan 2027,9:00-10:00,Choir
        21 Jan 2027,9:00-10:00,Band
        == comes out as
        2027-01-14 09:00–10:00 | Choir | Main Hall
        2027-01-21 09:00–10:00 | Band | Main Hall
        == in calendars
        Rehearsals 2
        == with
        notes columns-by-cells note-used
    """,
    "London: On call (3)": r"""
        Europe/London
        == On call.csv
        Week commencing,First on call,Second on call
        04/01/2027,Hale,Orr
        11/01/2027,Fenn,Hale
        18/01/2027,Orr,Fenn
        Monday to Friday 18:00-22:00 only,,
        == comes out as
        2027-01-04..2027-01-08 2027-01-11..2027-01-15 18:00–22:00 | Hale
        2027-01-11..2027-01-15 2027-01-18..2027-01-22 18:00–22:00 | Fenn
        2027-01-04..2027-01-08 2027-01-18..2027-01-22 18:00–22:00 | Orr
        == in calendars
        First on call 15, Second on call 15
        == with
        notes note-used on-days-of-week
    """,
    "London: Fair": r"""
        Europe/London
        == Fair.csv
        Event,Date,Place
        Gala,8 Mar 2027,Hall
        Run,10 Mar 2027,Hall
        Board meeting,,
        == comes out as
        2027-03-08 all day | Gala | Hall
        2027-03-10 all day | Run | Hall
        == in calendars
        Fair 2
        == with
        notes footer
    """,
    "London: Games": r"""
        Europe/London
        == Games.csv
        Date,Home,Away,KO,Ref
        "8 and 9 January 2027",Gulls,Terns,14:00-15:00,Ash
        16 January 2027,Gulls,Skuas,14:00-15:00,Birch
        == comes out as
        2027-01-08 2027-01-09 14:00–15:00 | Gulls – Terns
        2027-01-16 14:00–15:00 | Gulls – Skuas
        == in calendars
        Games 3
        == with
        notes unsure-column
    """,
    "Dublin: Fixtures": r"""
        Europe/Dublin
        == Fixtures.csv
        Date,Throw-in,Home,Away,Venue,Referee
        Sun 7 Mar 2027,2.00pm,St Brendans,Na Piarsaigh,Quay Park,J. Daly
        Sat 13 Mar 2027,6.30pm,Na Piarsaigh,Clan na Mara,The Strand,TBC
        == comes out as
        2027-03-07 14:00–15:00 | St Brendans – Na Piarsaigh | Quay Park | Referee: J. Daly
        2027-03-13 18:30–19:30 | Na Piarsaigh – Clan na Mara | The Strand | Referee: TBC
        == in calendars
        Fixtures 2
        == with
        notes people-in-text unsure-column
    """,
    "Dublin: Masses": r"""
        Europe/Dublin
        == Masses.csv
        Date,Feast,Masses
        Sunday 7 March 2027,Lent III,"8.00, 10.00, 18.30"
        Friday 19 March 2027,St Joseph,"9.30, 19.00"
        Each Mass lasts 50 minutes,,
        == is refused
        == with
        error no-title Masses.csv, B4
        error unreadable-date Masses.csv, A4
        warning unread-times Masses.csv, C1
        notes unsure-column
    """,
    "London: Rooms w-c 8 March": r"""
        Europe/London
        == Rooms w-c 8 March.xlsx / Week
        Room bookings,,,
        Room,2027-03-08,2027-03-09,2027-03-10
        Blue,09:00-10:30 Board,,14:00-15:00 Interview
        Red,,10:00-12:00 Audit,
        == comes out as
        2027-03-08 09:00–10:30 | Board | Blue
        2027-03-10 14:00–15:00 | Interview | Blue
        2027-03-09 10:00–12:00 | Audit | Red
        == in calendars
        Blue 2, Red 1
    """,
    "London: Orchestra": r"""
        Europe/London
        == Orchestra.csv
        Date,Rehearsal,Concert,Venue
        Sat 6 March 2027,14:00-17:00,19:30-21:30,Quay Hall
        Sat 13 March 2027,10:00-13:00,,St Anne
        == is refused
        == with
        undecided Orchestra.csv
    """,
    "London: Tuesday 9 March 2027": r"""
        Europe/London
        == Tuesday 9 March 2027.csv
        Dr Orr - Room 4,
        09:00,A. Tern
        09:15,B. Gull
        09:30,Break
        09:45,C. Skua
        Appointments are 15 minutes,
        == is refused
        == with
        undecided Tuesday 9 March 2027.csv
    """,
    "London: Festival": r"""
        Europe/London
        == Festival.xlsx / Fri 2 July 2027
        Time,Main stage,Tent
        18:00-19:00,Tideway,Storytelling
        19:30-21:00,The Gulls,
        == Festival.xlsx / Sat 3 July 2027
        Time,Main stage,Tent
        12:00-13:00,Brass,Puppets
        == is refused
        == with
        undecided Festival.xlsx, sheet Sat 3 July 2027
    """,
    "London: Meetings (2)": r"""
        Europe/London
        == Meetings.csv
        Meeting,Pattern,From,To,Time,Room
        Staff,Every Monday,4 Jan 2027,22 Mar 2027,15:45-16:45,Library
        Heads,Alternate Wednesdays,6 Jan 2027,24 Mar 2027,15:45-16:45,Room 2
        Governors,Last Thursday of the month,28 Jan 2027,25 Mar 2027,18:00-20:00,Hall
        == comes out as
        2027-01-04..2027-03-25 without 2027-01-13..2027-03-24/14
        Mon 15:45–16:45 | Staff | Library
        Wed 15:45–16:45 | Heads | Room 2
        2027-01-28 2027-02-25 2027-03-25 18:00–20:00 | Governors | Hall
        == in calendars
        Meetings 21
    """,
    "London: Bus duty, Staff": r"""
        Europe/London
        == Bus duty.csv
        Bus duty 3.15-3.40pm,,,,,
        Week beginning,Mon,Tue,Wed,Thu,Fri
        4 January 2027,AH,BO,CF,AH,BO
        11 January 2027,CF,AH,BO,CF,AH
        == Staff.csv
        Initials,Name
        AH,Ann Hale
        BO,Bo Orr
        CF,Cy Fenn
        == comes out as
        2027-01-04 2027-01-07 2027-01-12 2027-01-15 15:15–15:40 | Ann Hale
        2027-01-05 2027-01-08 2027-01-13 15:15–15:40 | Bo Orr
        2027-01-06 2027-01-11 2027-01-14 15:15–15:40 | Cy Fenn
        == in calendars
        Bus duty 10
        == with
        notes note-used
    """,
    "London: Fixtures 2027": r"""
        Europe/London
        == Fixtures 2027.csv
        Date,KO,Team,Opponent,H/A,Venue,Meet
        09/01/2027,14:30,1st XV,Larkhill,A,Larkhill Park,12:45
        16/01/2027,10:30,U14,St Brendan,H,Top field,10:00
        23/01/2027,TBC,1st XV,Coverly,H,Top field,
        == comes out as
        2027-01-09 14:30–15:30 | 1st XV – Larkhill | Larkhill Park
        2027-01-16 10:30–11:30 | U14 – St Brendan | Top field
        2027-01-23 all day | 1st XV – Coverly | Top field
        == in calendars
        Fixtures 2027 3
        == with
        warning unread-times Fixtures 2027.csv, G1
        warning to-come Fixtures 2027.csv, B4
        warning no-time Fixtures 2027.csv, A4
        notes unsure-column
    """,
    "London: Pilot roster March 2027, Shifts": r"""
        Europe/London
        == Pilot roster March 2027.csv
        Pilot,1,2,3,4,5,6
        Halvorsen,Day,Day,Off,Night,Night,Off
        McRae,Night,Night,Off,Off,Day,Day
        == Shifts.csv
        Shift,Start,Finish
        Day,07:00,19:00
        Night,19:00,07:00
        Off,,
        == comes out as
        2027-03-01..2027-03-06
        Mon Tue Fri Sat 07:00–19:00 | Day
        Mon Tue Thu Fri 19:00–07:00 | Night
        == in calendars
        Halvorsen 4, McRae 4
        == with
        notes ends-next-day
    """,
    "London: Committee calendar 2027, Times": r"""
        Europe/London
        == Committee calendar 2027.csv
        Committee,Jan,Feb,Mar,Apr
        Planning,12,9,9,13
        Licensing,20,,17,
        Council,,25,,22
        == Times.csv
        Committee,Time,Room
        Planning,18:30,Chamber
        Licensing,10:00,Room 2
        Council,19:00,Chamber
        == is refused
        == with
        undecided Times.csv
        undecided Committee calendar 2027.csv
    """,
    "London: Ward 4 w-c 11 January 2027": r"""
        Europe/London
        == Ward 4 w-c 11 January 2027.csv
        Nurse,Mon,Tue,Wed,Thu,Fri,Sat,Sun
        Adeyemi,07:00-15:00,07:00-15:00,OFF,14:00-22:00,14:00-22:00,OFF,OFF
        Blom,OFF,21:45-07:15,21:45-07:15,OFF,OFF,07:00-15:00,07:00-15:00
        == comes out as
        2027-01-11 2027-01-12 07:00–15:00 | Adeyemi
        2027-01-14 2027-01-15 14:00–22:00 | Adeyemi
        2027-01-12 2027-01-13 21:45–07:15 | Blom
        2027-01-16 2027-01-17 07:00–15:00 | Blom
        == in calendars
        Adeyemi 4, Blom 4
        == with
        notes ends-next-day weekdays-from-title
    """,
    "London: Exams Jan 2027": r"""
        Europe/London
        == Exams Jan 2027.csv
        Module code,Module title,Exam date,Start,Duration,Rooms,Candidates
        MA101,Calculus,Mon 11 Jan 2027,09:30,2h,"Hall A, Hall B",140
        PH102,Waves,Tue 12 Jan 2027,14:00,1h 30m,Hall A,62
        CH103,Bonding,Thu 14 Jan 2027,09:30,3 hrs,Gym,88
        == comes out as
        2027-01-11 09:30–11:30 | Calculus | Hall A, Hall B
        2027-01-12 14:00–15:30 | Waves | Hall A
        2027-01-14 09:30–12:30 | Bonding | Gym
        == in calendars
        Exams Jan 2027 3
        == with
        notes unsure-column
    """,
    "London: Courses": r"""
        Europe/London
        == Courses.csv
        Course,Weekend,Time,Level,Max
        Dinghy 1,6/7 March 2027,09:30-16:30,Beginner,6
        Dinghy 2,20/21 March 2027,09:30-16:30,Improver,6
        Powerboat,Sat 10 - Sun 11 April 2027,09:00-17:00,Level 2,4
        == comes out as
        2027-03-06 2027-03-07 09:30–16:30 | Dinghy 1
        2027-03-20 2027-03-21 09:30–16:30 | Dinghy 2
        2027-04-10 2027-04-11 09:00–17:00 | Powerboat
        == in calendars
        Courses 6
        == with
        notes on-each-day unsure-column
    """,
    "London: Seminar series": r"""
        Europe/London
        == Seminar series.csv
        Wednesdays 16:00-17:00 in B12 unless noted,,,
        Date,Speaker,Title,Room
        13 Jan 2027,Ada Quill,On knots,
        20 Jan 2027,Bo Renn,Tides and time,
        27 Jan 2027,Cy Moss,Hull forms,Main Hall
        == comes out as
        2027-01-13 16:00–17:00 | On knots | B12
        2027-01-20 16:00–17:00 | Tides and time | B12
        2027-01-27 16:00–17:00 | Hull forms | Main Hall
        == in calendars
        Seminar series 3
        == with
        notes note-used
    """,
    "London: Parents evening 11 February 2027": r"""
        Europe/London
        == Parents evening 11 February 2027.csv
        Time,Ms Adler,Mr Bose,Dr Crane
        16:00-16:10,Ivy T,Noor P,
        16:10-16:20,,Sam W,Ivy T
        16:20-16:30,Noor P,,Sam W
        == comes out as
        2027-02-11 16:10–16:20 | Ivy T
        2027-02-11 16:20–16:30 | Sam W
        2027-02-11 16:00–16:10 | Noor P
        2027-02-11 16:10–16:20 | Sam W
        2027-02-11 16:00–16:10 | Ivy T
        2027-02-11 16:20–16:30 | Noor P
        == in calendars
        Dr Crane 2, Mr Bose 2, Ms Adler 2
    """,
    "London: Films, Lengths": r"""
        Europe/London
        == Films.csv
        Film,Date,Times,Screen
        The Tide,Fri 5 March 2027,14:00 & 19:30,1
        Kelp,Sat 6 March 2027,"11:00, 15:00",2
        == Lengths.csv
        Film,Minutes
        The Tide,120
        Kelp,90
        == is refused
        == with
        undecided Films.csv
        undecided Lengths.csv
    """,
    "London: School photos Tue 19 Jan 2027": r"""
        Europe/London
        == School photos Tue 19 Jan 2027.csv
        Time,Class,Teacher
        09:00,1A,Mrs Fry
        09:20,1B,Mr Gull
        09:40,2A,Ms Hart
        10:00,Break,
        10:20,2B,Mr Ives
        == comes out as
        2027-01-19 09:00–10:00 | 1A |  | Teacher: Mrs Fry
        2027-01-19 09:20–10:20 | 1B |  | Teacher: Mr Gull
        2027-01-19 09:40–10:40 | 2A |  | Teacher: Ms Hart
        2027-01-19 10:00–11:00 | Break
        2027-01-19 10:20–11:20 | 2B |  | Teacher: Mr Ives
        == in calendars
        School photos Tue 19 Jan 2027 5
        == with
        warning assumed-overlap School photos Tue 19 Jan 2027.csv, A2
        notes people-in-text
    """,
    "London: Season (2)": r"""
        Europe/London
        == Season.csv
        What,When,Time,Where
        Rehearsals,"every Monday from 4 January to 15 March 2027, not 15 February",19:00-21:30,School hall
        Dress rehearsal,Fri 19 March 2027,18:00-21:00,St Anne's
        Concert,Sat 20 March 2027,19:30,St Anne's
        == comes out as
        2027-01-04..2027-03-20 without 2027-02-15
        Mon 19:00–21:30 | Rehearsals | School hall
        2027-03-19 18:00–21:00 | Dress rehearsal | St Anne's
        2027-03-20 19:30–20:30 | Concert | St Anne's
        == in calendars
        Season 12
    """,
    "London: Tennis bookings": r"""
        Europe/London
        == Tennis bookings.csv
        Court,Date,From,To,Booked by
        1,12/01/2027,18:00,19:00,Reid
        2,12/01/2027,18:30,20:00,Shaw
        1,30/01/2027,10:00,11:30,Reid
        == comes out as
        2027-01-12 18:00–19:00 | Reid | 1
        2027-01-12 18:30–20:00 | Shaw | 2
        2027-01-30 10:00–11:30 | Reid | 1
        == in calendars
        Tennis bookings 3
        == with
        notes unsure-column
    """,
    "London: Courses (2)": r"""
        Europe/London
        == Courses.csv
        Code,Course,Days,Time,Dates,Tutor,Room
        D101,German intensive,Mon-Fri,9:00-12:15,5 Oct - 30 Oct 2026,K. Hahn,12
        D205,German evening,Tue + Thu,18:00-20:15,6 Oct - 26 Nov 2026 (not 27 Oct),S. Lind,14
        E110,Conversation,Wed,17:30-19:00,"7 Oct to 25 Nov 2026, except 11 and 18 Nov",J. Webb,12
        == comes out as
        2026-10-05..2026-11-26 without 2026-11-02 2026-11-06 2026-11-09 2026-11-11 2026-11-13 2026-11-16 2026-11-18 2026-11-20 2026-11-23
        Mon Tue Wed Thu Fri but 2026-11-03 2026-11-04 2026-11-05 2026-11-10 2026-11-12 2026-11-17 2026-11-19 2026-11-24 2026-11-25 2026-11-26 09:00–12:15 | German intensive | 12
        Tue Thu but 2026-10-27 18:00–20:15 | German evening | 14
        Wed 17:30–19:00 | Conversation | 12
        == in calendars
        J. Webb 6, K. Hahn 20, S. Lind 15, Conversation 6, German evening 15, German intensive 20, 12 26, 14 15
        == with
        notes unsure-column
    """,
    "London: Closed, Groups, Season": r"""
        Europe/London
        == Groups.csv
        Group,Meets,Venue
        Book group,First Wednesday of the month 2-4pm,Library
        Knitters,Every Friday 10am-12 noon,Lounge
        Walking group,2nd and 4th Saturday 9.30am-12.30pm,Car park
        Film night,Last Friday of the month 7.30pm-10pm,Main hall
        == Season.csv
        Season,First day,Last day
        Autumn,1 September 2026,30 November 2026
        == Closed.csv
        Date,Closed for
        27 November 2026,Decorating
        == comes out as
        2026-09-02..2026-11-28 without 2026-09-05 2026-09-19 2026-10-03 2026-10-17 2026-10-31 2026-11-07 2026-11-21 2026-11-27
        2026-09-02 2026-10-07 2026-11-04 14:00–16:00 | Book group | Library
        Fri 10:00–12:00 | Knitters | Lounge
        Sat 09:30–12:30 | Walking group | Car park
        2026-09-25 2026-10-30 19:30–22:00 | Film night | Main hall
        == in calendars
        Groups 23
        == with
        notes unsure-column
    """,
    "London: Regular bookings (2)": r"""
        Europe/London
        == Regular bookings.csv
        Hirer,Day,From,To,Frequency,Starting,Until
        Yoga with Jan,Monday,18:30,19:30,Weekly,07/09/2026,28/09/2026
        WI,Tuesday,19:30,21:30,Monthly,08/09/2026,08/12/2026
        == is refused
        == with
        undecided Regular bookings.csv
    """,
    "London: Rehearsals autumn 2026": r"""
        Europe/London
        == Rehearsals autumn 2026.csv
        Day,Date,Time,Scenes,Called,Venue
        Mon,5 Oct,7–9.30pm,Act 1 sc 1-3,Full cast,Studio
        Wed,7 Oct,7–9.30pm,Act 1 sc 4,"Beth, Carl, Dot",Studio
        Sun,11 Oct,2–6pm,Act 2,Full cast,Main hall
        Mon,12 Oct,7–9.30pm,Songs,Chorus,Studio
        == comes out as
        2026-10-05 19:00–21:30 | Act 1 sc 1-3 | Studio
        2026-10-07 19:00–21:30 | Act 1 sc 4 | Studio
        2026-10-11 14:00–18:00 | Act 2 | Main hall
        2026-10-12 19:00–21:30 | Songs | Studio
        == in calendars
        Rehearsals autumn 2026 4
        == with
        notes unsure-column year-of-title
    """,
    "London: Calendar": r"""
        Europe/London
        == Calendar.csv
        Month,Date,Event
        September 2026,Thu 3rd,Term begins
        ,Fri 11th,Welcome evening
        October 2026,Tue 6th,Flu vaccinations
        January 2027,Mon 4th,INSET day
        == comes out as
        2026-09-03 all day | Term begins
        2026-09-11 all day | Welcome evening
        2026-10-06 all day | Flu vaccinations
        2027-01-04 all day | INSET day
        == in calendars
        Calendar 4
        == with
        notes dates-under-captions
    """,
    "London: Calendar 2026-27": r"""
        Europe/London
        == Calendar 2026-27.csv
        Month,Date,Event
        September,3,Term begins
        ,14-18,Book week
        October,26 - 30,Half term
        November,5,Bonfire night
        == comes out as
        2026-09-03 all day | Term begins
        2026-09-14 5 days | Book week
        2026-10-26 5 days | Half term
        2026-11-05 all day | Bonfire night
        == in calendars
        Calendar 2026-27 4
        == with
        notes dates-under-captions year-of-title
    """,
    "London: Summer exams": r"""
        Europe/London
        == Summer exams.csv
        Date,Session,Paper,Length,Candidates,Room
        Mon 10 May 2027,AM,Physics Paper 1,1h 45m,62,Sports Hall
        Mon 10 May 2027,PM,French Listening,45m,18,B12
        Wed 12 May 2027,AM,Maths Paper 1,1h 30m,140,Sports Hall
        Fri 14 May 2027,PM,History Unit 2,2h 15m,55,Sports Hall

        AM exams start at 9.00; PM exams start at 1.30pm.
        == comes out as
        2027-05-10 09:00–10:45 | Physics Paper 1 | Sports Hall
        2027-05-10 13:30–14:15 | French Listening | B12
        2027-05-12 09:00–10:30 | Maths Paper 1 | Sports Hall
        2027-05-14 13:30–15:45 | History Unit 2 | Sports Hall
        == in calendars
        Summer exams 4
        == with
        warning half-unmarked Summer exams.csv, G2
        notes note-used
    """,
    "London: Front desk": r"""
        Europe/London
        == Front desk.csv
        w/c 5 October 2026,Mon,Tue,Wed
        9-1,Ann,Bob,Ann
        1-5,Bob,Cat,Bob
        ,,,
        w/c 12 October 2026,Mon,Tue,Wed
        9-1,Cat,Bob,Cat
        1-5,Ann,Ann,Bob
        == comes out as
        2026-10-05 2026-10-07 09:00–13:00 | Ann
        2026-10-05 2026-10-07 2026-10-14 13:00–17:00 | Bob
        2026-10-06 13:00–17:00 | Cat
        2026-10-06 2026-10-13 09:00–13:00 | Bob
        2026-10-12 2026-10-13 13:00–17:00 | Ann
        2026-10-12 2026-10-14 09:00–13:00 | Cat
        == in calendars
        Front desk 12
        == with
        notes weekdays-from-title
    """,
    "London: Piano lessons": r"""
        Europe/London
        == Piano lessons.csv
        Pupil,Lesson,Dates
        Ada,Tue 15:30 (30 min),"8, 15, 22, 29 Sept 2026"
        Ben,Tue 16:00 (45 min),"8, 22 Sept 2026"
        Cleo,Thu 16:15 (30 min),"10, 17 & 24 Sept 2026"
        == comes out as
        2026-09-08..2026-09-29
        2026-09-08 2026-09-22 16:00–16:45 | Ben
        Tue 15:30–16:00 | Ada
        2026-09-10 2026-09-17 2026-09-24 16:15–16:45 | Cleo
        == in calendars
        Piano lessons 9
        == with
        notes unsure-column
    """,
    "London: Front desk (2)": r"""
        Europe/London
        == Front desk.csv
        Week commencing 5 October 2026
        ,Mon,Tue,Wed
        9-1,Ann,Bob,Ann
        1-5,Bob,Cat,Bob
        Week commencing 12 October 2026
        ,Mon,Tue,Wed
        9-1,Cat,Bob,Cat
        1-5,Ann,Ann,Bob
        == comes out as
        2026-10-05 2026-10-07 09:00–13:00 | Ann
        2026-10-05 2026-10-07 2026-10-14 13:00–17:00 | Bob
        2026-10-06 13:00–17:00 | Cat
        2026-10-06 2026-10-13 09:00–13:00 | Bob
        2026-10-12 2026-10-13 13:00–17:00 | Ann
        2026-10-12 2026-10-14 09:00–13:00 | Cat
        == in calendars
        Front desk 12
        == with
        notes weekdays-from-title
    """,
    "London: Diary (2)": r"""
        Europe/London
        == Diary.csv
        Date,Time,Event,Where
        Tues 6th Oct 2026,7.30pm,Committee,Hall
        Sat 17th Oct 2026,10 – 12,Coffee morning,Hall
        Sat 24th Oct 2026,2pm till late,Barn dance,Barn
        Mon 2nd Nov 2026,TBC,Bonfire meeting,
        == comes out as
        2026-10-06 19:30–20:30 | Committee | Hall
        2026-10-17 10:00–12:00 | Coffee morning | Hall
        2026-10-24 14:00–15:00 | Barn dance | Barn
        2026-11-02 all day | Bonfire meeting
        == in calendars
        Diary 4
        == with
        warning to-come Diary.csv, B5
        warning no-time Diary.csv, A5
    """,
    "London: Closed, Sessions, Sessions, Weeks": r"""
        Europe/London
        == Sessions.xlsx / Rota
        Doctor,Mon,Tue,Wed,Thu,Fri
        Dr Shah,AM,AM/PM,Off,PM,AM
        Dr Pell,PM,Off,AM/PM,AM,PM
        == Sessions.xlsx / Hours
        Session,From,To
        AM,08:30,12:30
        PM,14:00,18:00
        == Weeks.csv
        Period,From,To
        Winter,02/11/2026,18/12/2026
        == Closed.csv
        Date,Why
        30/11/2026,Staff training
        == comes out as
        2026-11-02..2026-12-18 without 2026-11-30
        Mon Tue Wed Thu Fri 08:30–12:30 | AM
        Mon Tue Wed Thu Fri 14:00–18:00 | PM
        == in calendars
        Dr Pell 34, Dr Shah 34, AM 34, PM 34
        == with
        notes unsure-column
    """,
    "London: Classes from 2 November 2026 to 18 December 2026, Closed": r"""
        Europe/London
        == Classes from 2 November 2026 to 18 December 2026.csv
        Mon,Tue,Wed,Thu,Fri
        06:15-07:00 Spin – Kim – Studio 2,06:30-07:15 Yoga – Ana – Studio 1,06:15-07:00 Spin – Kim – Studio 2,,07:00-07:45 Pump – Lou – Studio 1
        12:10-12:50 Core – Lou – Studio 1,,12:10-12:50 Core – Lou – Studio 1,12:15-13:00 Pilates – Ana – Studio 1,
        18:00-19:00 Box – Jed – Gym,18:00-19:00 Yoga – Ana – Studio 1,,18:30-19:15 Spin – Kim – Studio 2,
        == Closed.csv
        Date,Why
        30/11/2026,Boiler
        == comes out as
        2026-11-02..2026-12-18 without 2026-11-30
        Mon 18:00–19:00 | Box, Jed | Gym
        Mon Wed 06:15–07:00 | Spin, Kim | Studio 2
        Mon Wed 12:10–12:50 | Core, Lou | Studio 1
        Tue 06:30–07:15 | Yoga, Ana | Studio 1
        Tue 18:00–19:00 | Yoga, Ana | Studio 1
        Thu 12:15–13:00 | Pilates, Ana | Studio 1
        Thu 18:30–19:15 | Spin, Kim | Studio 2
        Fri 07:00–07:45 | Pump, Lou | Studio 1
        == in calendars
        Box, Jed 6, Core, Lou 13, Pilates, Ana 7, Pump, Lou 7, Spin, Kim 20, Yoga, Ana 14, Gym 6, Studio 1 41, Studio 2 20
        == with
        notes holds-for-dates unsure-column
    """,
    "London: Closed, Hours, Rota, Weeks": r"""
        Europe/London
        == Rota.csv
        Doctor,Mon,Tue,Wed,Thu,Fri
        Dr Shah,E,E,,L,E
        Dr Pell,L,,E,E,L
        == Hours.csv
        Session,From,To
        E,08:30,12:30
        L,14:00,18:00
        == Weeks.csv
        Period,From,To
        Winter,02/11/2026,18/12/2026
        == Closed.csv
        Date,Why
        30/11/2026,Staff training
        == comes out as
        2026-11-02..2026-12-18 without 2026-11-30
        Mon Thu Fri 14:00–18:00 | L
        Mon Tue Wed Thu Fri 08:30–12:30 | E
        == in calendars
        Dr Pell 27, Dr Shah 27, E 34, L 20
        == with
        notes unsure-column
    """,
    "London: Classes, Closed, Term": r"""
        Europe/London
        == Classes.csv
        Class,When,Where,Teacher
        Ballet,,,
        Grade 1,Mondays 4.00-4.45,Studio A,Miss Ivy
        Grade 2,Mondays 4.45-5.30,Studio A,Miss Ivy
        Tap,,,
        Grade 1,Wednesdays 4.30-5.15,Studio B,Miss Joy
        == Term.csv
        Term,From,To
        Autumn,07/09/2026,16/10/2026
        == Closed.csv
        Date,Reason
        21/09/2026,Inset
        == comes out as
        2026-09-07..2026-10-14 without 2026-09-21
        Mon 16:00–16:45 | Ballet: Grade 1 | Studio A
        Mon 16:45–17:30 | Ballet: Grade 2 | Studio A
        Wed 16:30–17:15 | Tap: Grade 1 | Studio B
        == in calendars
        Miss Ivy 10, Miss Joy 6, Ballet: Grade 1 5, Ballet: Grade 2 5, Tap: Grade 1 6, Studio A 10, Studio B 6
        == with
        warning heads-rows-below Classes.csv, A5
    """,
    "London: Fixtures (2)": r"""
        Europe/London
        == Fixtures.csv
        Match,Date,Time,Where
        Under 12,,,
        v Rovers,12 Sep 2026,10:00-11:30,Home
        v Town,19 Sep 2026,10:00-11:30,Away
        Under 14,,,
        v Rovers,13 Sep 2026,11:00-12:30,Home
        == comes out as
        2026-09-12 10:00–11:30 | Under 12: v Rovers | Home
        2026-09-13 11:00–12:30 | Under 14: v Rovers | Home
        2026-09-19 10:00–11:30 | Under 12: v Town | Away
        == in calendars
        Under 12 2, Under 14 1
        == with
        warning heads-rows-below Fixtures.csv, A5
    """,
    "London: Rota Advent 2026": r"""
        Europe/London
        == Rota Advent 2026.csv
        Date,Service,Preacher,Reader,Intercessions,Sidespeople
        29 Nov 2026,8.00 am,Revd Hill,A. Moss,,C. Frey
        29 Nov 2026,10.30 am,Revd Hill,B. Lane,D. Orr,E. Pitt
        6 Dec 2026,10.30 am,Revd Dunn,A. Moss,B. Lane,C. Frey
        13 Dec 2026,8.00 am,Revd Hill,D. Orr,,E. Pitt
        13 Dec 2026,10.30 am,Revd Dunn,C. Frey,A. Moss,B. Lane
        == comes out as
        2026-11-29 08:00–09:00 | A. Moss
        2026-11-29 08:00–09:00 | C. Frey
        2026-11-29 10:30–11:30 | D. Orr
        2026-11-29 10:30–11:30 | E. Pitt
        2026-11-29 10:30–11:30 | Revd Hill
        2026-11-29 2026-12-06 2026-12-13 10:30–11:30 | B. Lane
        2026-11-29 2026-12-13 08:00–09:00 | Revd Hill
        2026-12-06 2026-12-13 10:30–11:30 | A. Moss
        2026-12-06 2026-12-13 10:30–11:30 | C. Frey
        2026-12-06 2026-12-13 10:30–11:30 | Revd Dunn
        2026-12-13 08:00–09:00 | D. Orr
        2026-12-13 08:00–09:00 | E. Pitt
        == in calendars
        Intercessions 3, Preacher 5, Reader 5, Sidespeople 5
    """,
    "London: Sessions, Weeks": r"""
        Europe/London
        == Sessions.csv
        Module,Type,Group,Day,Start,Duration (h),Weeks,Room,Lecturer
        ENV101,Lecture,All,Mon,10:00,1,1-5,LT1,Dr Ames
        ENV101,Seminar,1,Tue,14:00,1.5,"2,4",S3,Ms Bond
        ENV101,Seminar,2,Tue,15:30,1.5,"2,4",S3,Ms Bond
        ENV101,Field trip,All,Fri,09:00,8,5,Off site,Dr Ames
        == Weeks.csv
        Week,Commencing
        1,28/09/2026
        2,05/10/2026
        3,12/10/2026
        4,19/10/2026
        5,26/10/2026
        == comes out as
        2026-09-28..2026-10-30
        Mon 10:00–11:00 | ENV101 (All) | LT1
        2026-10-06 2026-10-20 14:00–15:30 | ENV101 (1) | S3
        2026-10-06 2026-10-20 15:30–17:00 | ENV101 (2) | S3
        2026-10-30 09:00–17:00 | ENV101 (All) | Off site
        == in calendars
        Dr Ames 6, Ms Bond 4, ENV101 10, LT1 5, Off site 1, S3 4
        == with
        notes unsure-column
    """,
    "London: B, B": r"""
        Europe/London
        == B.xlsx / Clubs
        Day,Start,End,Club,Room
        Monday,15:30,16:30,Chess,R1
        Tuesday,15:30,16:30,Art,R2
        == B.xlsx / Info
        First day of clubs,2026-09-07
        Last day of clubs,2026-12-15
        No clubs,2026-10-26,2026-10-30
        == comes out as
        2026-09-07..2026-12-15 without 2026-10-26 2026-10-27
        Mon 15:30–16:30 | Chess | R1
        Tue 15:30–16:30 | Art | R2
        == in calendars
        Art 14, Chess 14, R1 14, R2 14
        == with
        notes unsure-column
    """,
    "London: B, B (2)": r"""
        Europe/London
        == B.xlsx / Clubs
        Day,Start,End,Club,Room
        Monday,15:30,16:30,Chess,R1
        Tuesday,15:30,16:30,Art,R2
        == B.xlsx / Info
        Term starts,7 September 2026
        Term ends,15 December 2026
        Half term,26-30 October 2026
        == comes out as
        2026-09-07..2026-12-15 without 2026-10-26 2026-10-27
        Mon 15:30–16:30 | Chess | R1
        Tue 15:30–16:30 | Art | R2
        == in calendars
        Art 14, Chess 14, R1 14, R2 14
        == with
        notes unsure-column
    """,
    "London: Bookings, Closures, Sessions": r"""
        Europe/London
        == Bookings.csv
        Child,Mon,Tue,Wed,Thu,Fri,Start date,End date
        Ada,AM,,AM,,Full,01/09/2026,18/12/2026
        Ben,Full,Full,,PM,,01/09/2026,18/12/2026
        == Sessions.csv
        Session,Times
        AM,8:00-13:00
        PM,13:00-18:00
        Full,8:00-18:00
        == Closures.csv
        Closed from,Closed to,Reason
        26/10/2026,30/10/2026,Half term
        == comes out as
        2026-09-01..2026-12-18 without 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30
        Mon Tue Fri 08:00–18:00 | Full
        Mon Wed 08:00–13:00 | AM
        Thu 13:00–18:00 | PM
        == in calendars
        AM 29, Full 44, PM 15, Ada 44, Ben 44
    """,
    "Dublin: Lessons": r"""
        Europe/Dublin
        == Lessons.csv
        Block 1: Mon 11 Jan - Fri 12 Feb 2027
        Level,Mon,Wed,Fri
        Beginner,4.00pm,4.00pm,
        Improver,4.30pm,,4.30pm
        Advanced,,5.00pm,5.00pm
        Each lesson lasts 30 minutes. No lessons Mon 1 Feb.
        == comes out as
        2027-01-11..2027-02-12 without 2027-02-01
        Mon Fri 16:30–17:00 | Improver
        Mon Wed 16:00–16:30 | Beginner
        Wed Fri 17:00–17:30 | Advanced
        == in calendars
        Advanced 10, Beginner 9, Improver 9
        == with
        notes note-used
    """,
    "London: Spring programme": r"""
        Europe/London
        == Spring programme.csv
        1st Harbour Scouts - Spring programme 2027
        Meetings are Fridays 7.00pm-8.45pm at the Scout Hut unless stated
        ,,
        Date,Activity,Notes
        8 Jan,Knots,
        15 Jan,Night hike,Meet at Beacon car park 6.30pm
        22 Jan,Cooking,
        29 Jan,No meeting,
        5 Feb,Pioneering,
        12 Feb,Half term - no meeting,
        19 Feb,First aid,
        == comes out as
        2027-01-08 19:00–20:45 | Knots | Scout Hut
        2027-01-15 19:00–20:45 | Night hike | Scout Hut | Meet at Beacon car park 6.30pm
        2027-01-22 19:00–20:45 | Cooking | Scout Hut
        2027-02-05 19:00–20:45 | Pioneering | Scout Hut
        2027-02-19 19:00–20:45 | First aid | Scout Hut
        == in calendars
        Spring programme 5
        == with
        notes note-used nothing-on year-of-title
    """,
    "Dublin: Rotations (2)": r"""
        Europe/Dublin
        == Rotations.csv
        Group,11 Jan - 5 Feb 2027,8 Feb - 5 Mar 2027,8 Mar - 2 Apr 2027
        Group A,Surgery,Paediatrics,Psychiatry
        Group B,Psychiatry,Surgery,Paediatrics
        Group C,Paediatrics,Psychiatry,Surgery
        == comes out as
        2027-01-11 2027-02-08 2027-03-08 26 days | Paediatrics
        2027-01-11 2027-02-08 2027-03-08 26 days | Psychiatry
        2027-01-11 2027-02-08 2027-03-08 26 days | Surgery
        == in calendars
        Group A 3, Group B 3, Group C 3
    """,
    "London: Calendar, Clubs": r"""
        Europe/London
        == Clubs.csv
        Day,Start,End,Club,Room
        Monday,15:30,16:30,Chess,R1
        == Calendar.csv
        Event,Date,To
        Term 1 begins,2026-09-07,
        Swimming starts,2026-09-14,
        After-school clubs begin,2026-09-21,
        Half term (closed),2026-10-26,2026-10-30
        Rehearsals end,2026-12-04,
        Term 1 ends,2026-12-18,
        == comes out as
        2026-09-07..2026-12-14 without 2026-10-26
        Mon 15:30–16:30 | Chess | R1
        == in calendars
        Chess 14, R1 14
        == with
        warning not-a-closure Calendar.csv, A3:C3
        warning not-a-closure Calendar.csv, A4:C4
        warning not-a-closure Calendar.csv, A6:C6
        notes unsure-column
    """,
    "London: Calendar, Clubs, Terms": r"""
        Europe/London
        == Clubs.csv
        Day,Start,End,Club,Room
        Monday,15:30,16:30,Chess,R1
        == Terms.csv
        Term,From,To
        Autumn,2026-09-07,2026-12-18
        == Calendar.csv
        Event,Date
        Swimming starts,2026-09-14
        Half term starts,2026-10-26
        Half term ends,2026-10-30
        Swimming ends,2026-11-20
        INSET (closed),2026-11-23
        == comes out as
        2026-09-07..2026-12-14 without 2026-10-26 2026-11-23
        Mon 15:30–16:30 | Chess | R1
        == in calendars
        Chess 13, R1 13
        == with
        notes unsure-column
    """,
    "London: Rehearsals Spring 2027": r"""
        Europe/London
        == Rehearsals Spring 2027.csv
        Spring concert rehearsals,,
        "All rehearsals Tuesdays 7.30–9.30pm in the Methodist Hall unless stated",,
        Date,What,Notes
        Tue 12 Jan,Tutti,
        Tue 19 Jan,Strings only,
        Tue 26 Jan,Wind and brass,in the Studio
        Tue 2 Feb,Tutti,
        Tue 9 Feb,Tutti,7pm start
        Tue 16 Feb,NO REHEARSAL (half term),
        Tue 23 Feb,Tutti with soloist,
        Sat 27 Feb,Dress rehearsal,2–5pm
        Sat 27 Feb,CONCERT,7.30pm St Mary's
        == comes out as
        2027-01-12 2027-02-02 19:30–21:30 | Tutti | Methodist Hall
        2027-01-19 19:30–21:30 | Strings only | Methodist Hall
        2027-01-26 19:30–21:30 | Wind and brass | Studio | in the Studio
        2027-02-09 19:00–21:30 | Tutti | Methodist Hall | 7pm start
        2027-02-23 19:30–21:30 | Tutti with soloist | Methodist Hall
        2027-02-27 14:00–17:00 | Dress rehearsal |  | 2–5pm
        2027-02-27 19:30–20:30 | CONCERT |  | 7.30pm St Mary's
        == in calendars
        Rehearsals Spring 2027 8
        == with
        notes note-used nothing-on time-of-remark year-of-title
    """,
    "Dublin: Fixtures (2)": r"""
        Europe/Dublin
        == Fixtures.csv
        Date,Comp,Opposition,H/A,Push back,Pitch
        Sat 09/01/27,League,Avoca,H,12.30,Astro 1
        Sat 16/01/27,League,Corrib,A,14.00,TBC
        Sat 23/01/27,Cup R2,Bandon,H,TBC,Astro 1
        Sat 30/01/27,,BYE,,,
        Sat 06/02/27,League,Lee Valley,A,13.15,
        == comes out as
        2027-01-09 12:30–13:30 | Avoca (H) | Astro 1
        2027-01-16 14:00–15:00 | Corrib (A) | TBC
        2027-01-23 all day | Bandon (H) | Astro 1
        2027-02-06 13:15–14:15 | Lee Valley (A)
        == in calendars
        Fixtures 4
        == with
        warning to-come Fixtures.csv, E4
        warning no-time Fixtures.csv, A4
        notes nothing-on unsure-column
    """,
    "London: Collections": r"""
        Europe/London
        == Collections.csv
        Round,Waste,Day,Frequency,First collection
        R1,Recycling,Wednesday,Fortnightly,06/01/2027
        R1,Refuse,Wednesday,Fortnightly,13/01/2027
        R2,Recycling,Friday,Fortnightly,08/01/2027
        R2,Garden,Friday,Every 4 weeks,15/01/2027
        until 31 March 2027,,,,
        == comes out as
        2027-01-06..2027-03-31 without 2027-01-15 2027-01-29 2027-02-12 2027-02-26 2027-03-12 2027-03-26
        Wed Fri but 2027-01-13 2027-01-27 2027-02-10 2027-02-24 2027-03-10 2027-03-24 all day | Recycling
        2027-01-13 2027-01-27 2027-02-10 2027-02-24 2027-03-10 2027-03-24 all day | Refuse
        2027-01-15 2027-02-12 2027-03-12 all day | Garden
        == in calendars
        Collections 22
        == with
        notes note-used unsure-column
    """,
    "London: What's on": r"""
        Europe/London
        == What's on.csv
        Session,When,Where,Cost
        Stay & Play,"Mondays and Thursdays, 9.30–11am",Main hall,£2
        Baby Massage,"Wednesdays 10–10.45am, starts 13 Jan, 6 weeks",Studio,£30
        Rhyme Time,"Fridays 2pm (30 mins), not 19 Feb",Library,Free
        Term dates: 11 January – 26 March 2027 (half term 15–19 February),,,
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15 2027-02-17 2027-02-18 2027-02-19 2027-03-03 2027-03-10 2027-03-17 2027-03-24
        Mon Thu 09:30–11:00 | Stay & Play | Main hall
        Wed 10:00–10:45 | Baby Massage | Studio
        Fri 14:00–14:30 | Rhyme Time | Library
        == in calendars
        Baby Massage 6, Rhyme Time 10, Stay & Play 20, Library 10, Main hall 20, Studio 6
        == with
        notes note-used unsure-column
    """,
    "London: Parents evening 4 Feb 2027, Parents evening 4 Feb 2027": r"""
        Europe/London
        == Parents evening 4 Feb 2027.xlsx / Mr Hale
        Time,Student,Parent
        16:00,A. Bell,Mrs Bell
        16:10,C. Dunn,Mr Dunn
        16:20,,
        == Parents evening 4 Feb 2027.xlsx / Ms Orr
        Time,Student,Parent
        16:00,C. Dunn,Mr Dunn
        16:10,,
        16:20,A. Bell,Mrs Bell
        == comes out as
        2027-02-04 16:00–17:00 | A. Bell |  | Parent: Mrs Bell / Person: Mr Hale
        2027-02-04 16:00–17:00 | C. Dunn |  | Parent: Mr Dunn / Person: Ms Orr
        2027-02-04 16:10–17:10 | C. Dunn |  | Parent: Mr Dunn / Person: Mr Hale
        2027-02-04 16:20–17:20 | A. Bell |  | Parent: Mrs Bell / Person: Ms Orr
        == in calendars
        Parents evening 4 Feb 2027 4
        == with
        warning assumed-overlap Parents evening 4 Feb 2027.xlsx, sheet “Mr Hale”, A2
        warning assumed-overlap Parents evening 4 Feb 2027.xlsx, sheet “Ms Orr”, A2
        notes people-in-text unsure-column
    """,
    "London: Clubs, Term dates": r"""
        Europe/London
        == Term dates.csv
        Academic year 2026-27
        "Autumn term: Thursday 3 September 2026 – Friday 18 December 2026 (half term Monday 26 – Friday 30 October)"
        "Spring term: Tuesday 5 January 2027 – Thursday 25 March 2027 (half term 15–19 February)"
        "Summer term: Monday 12 April 2027 – Wednesday 21 July 2027 (half term 31 May – 4 June)"
        Bank holiday: Monday 3 May 2027
        INSET days: 3 September 2026, 5 January 2027
        == Clubs.csv
        Club,Day,Time,Venue,Leader
        Chess,Tuesday,3.30pm-4.30pm,Library,Mr Low
        Netball,Thursday,3.30-4.45pm,Courts,Miss Day
        == comes out as
        2026-09-08..2027-07-20 without 2026-10-27 2026-10-29 2026-12-22 2026-12-24 2026-12-29 2026-12-31 2027-01-05 2027-02-16 2027-02-18 2027-03-30 2027-04-01 2027-04-06 2027-04-08 2027-06-01 2027-06-03
        Tue 15:30–16:30 | Chess | Library
        Thu 15:30–16:45 | Netball | Courts
        == in calendars
        Miss Day 38, Mr Low 38, Chess 38, Netball 38, Courts 38, Library 38
        == with
        notes title-line unsure-column
    """,
}
