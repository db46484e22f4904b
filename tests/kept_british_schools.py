"""Folders as schools, colleges, clubs and offices of Britain and Ireland keep them, that have a year; read by test_folders_as_kept."""

KEPT = {
    "London: Clinics Oct-Dec 2026, Dates": r"""
        Europe/London
        == Clinics Oct-Dec 2026.csv
        Clinic,Consultant,When,Time,Room
        Asthma,Dr Hale,1st and 3rd Tuesday,09:00-12:00,C1
        Diabetes,Dr Moss,every 2nd Wednesday of the month,13:30-16:00,C2
        Baby clinic,Sr Penn,last Friday of the month,09:30-11:30,C1
        == Dates.csv
        Period,From,To
        Quarter,01/10/2026,31/12/2026
        == comes out as
        2026-10-06..2026-12-25 without 2026-10-13 2026-10-27 2026-11-10 2026-11-24 2026-12-08 2026-12-22
        Tue 09:00–12:00 | Asthma | C1 | Consultant: Dr Hale
        2026-10-14 2026-11-11 2026-12-09 13:30–16:00 | Diabetes | C2 | Consultant: Dr Moss
        2026-10-30 2026-11-27 2026-12-25 09:30–11:30 | Baby clinic | C1 | Consultant: Sr Penn
        == in calendars
        Clinics Oct-Dec 2026 12
        == with
        notes people-in-text unsure-column
    """,
    "London: Clubs, Dates": r"""
        Europe/London
        == Clubs.csv
        Club,When,Time,Place
        Repair café,1st & 3rd Sat of the month,10am-1pm,Hall
        Chess,every other Thursday from 8 October 2026,7pm-9pm,Library
        == Dates.csv
        Season,From,To
        Autumn,1 Oct 2026,18 Dec 2026
        == comes out as
        2026-10-03..2026-12-17 without 2026-10-15..2026-12-10/14
        2026-10-03 2026-10-17 2026-11-07..2026-12-05/14 10:00–13:00 | Repair café | Hall
        Thu 19:00–21:00 | Chess | Library
        == in calendars
        Clubs 11
    """,
    "London: Closed, Clubs, Terms": r"""
        Europe/London
        == Closed.csv
        Closed,Date
        INSET,05/01/2027
        == Clubs.csv
        Club,Day,Time,Room,Term
        Chess,Mon,15:30-16:30,B2,Autumn
        Drama,Tue,15:30-17:00,Hall,Autumn; Spring
        Robotics,Thu,15:30-16:30,Lab,Spring
        == Terms.csv
        Term,Start,End
        Autumn,07/09/2026,16/10/2026
        Spring,04/01/2027,12/02/2027
        == comes out as
        2026-09-07..2026-10-12/7 15:30–16:30 | Chess | B2
        2026-09-08..2026-10-13/7 2027-01-12..2027-02-09/7 15:30–17:00 | Drama | Hall
        2027-01-07..2027-02-11/7 15:30–16:30 | Robotics | Lab
        == in calendars
        Chess 6, Drama 11, Robotics 6, B2 6, Hall 11, Lab 6
        == with
        notes unsure-column
    """,
    "London: Year 4": r"""
        Europe/London
        == Year 4.xlsx / Timetable / C3:G3
        Year 4 Timetable 2026-27
        Start,End,Monday,Tuesday,Wednesday,Thursday,Friday
        09:00,09:20,Assembly,Assembly,Assembly,Assembly,Assembly
        09:20,10:20,Maths,Maths,Maths,Maths,Maths
        10:20,10:40,Break,Break,Break,Break,Break
        10:40,12:00,English,Science,English,PE,Art
        == Year 4.xlsx / Terms
        Half term,First day,Last day
        Autumn 1,2026-09-07,2026-10-16
        == Year 4.xlsx / Inset
        Inset day,Date
        Inset,2026-09-07
        == comes out as
        2026-09-08..2026-10-16
        Mon Tue Wed Thu Fri 09:00–09:20 | Assembly (Year 4)
        Mon Tue Wed Thu Fri 09:20–10:20 | Maths (Year 4)
        Mon Wed 10:40–12:00 | English (Year 4)
        Tue 10:40–12:00 | Science (Year 4)
        Thu 10:40–12:00 | PE (Year 4)
        Fri 10:40–12:00 | Art (Year 4)
        == in calendars
        Year 4 87
    """,
    "London: Closed, Modules, Term dates": r"""
        Europe/London
        == Closed.csv
        Holiday,Date
        Reading day,20/10/2026
        == Modules.csv
        Module,Lecturer,Day,Start,End,Room,Weeks
        HIS101,Dr Bell,Mon,10:00,12:00,G1,1-5
        HIS101,Dr Bell,Thu,14:00,15:00,G2,"2, 4"
        GEO110,Dr Cole,Tue,09:00,11:00,L3,1-3
        == Term dates.csv
        Term,Start,End
        Autumn,28/09/2026,06/11/2026
        == comes out as
        2026-09-28..2026-10-26 without 2026-10-01 2026-10-15 2026-10-20
        Mon 10:00–12:00 | HIS101 | G1
        2026-10-08 2026-10-22 14:00–15:00 | HIS101 | G2
        2026-09-29..2026-10-13/7 09:00–11:00 | GEO110 | L3
        == in calendars
        Dr Bell 7, Dr Cole 3, GEO110 3, HIS101 7, G1 5, G2 2, L3 3
        == with
        notes unsure-column
    """,
    "London: Closed, Staff, Terms, Timetable": r"""
        Europe/London
        == Closed.csv
        Closed,Date
        X,14/09/2026
        == Staff.csv
        Initials,Name
        JO,James Ochola
        JO,Joyce Omolo
        == Terms.csv
        Term,Start,End
        A,07/09/2026,18/09/2026
        == Timetable.csv
        Class,Day,Start,End,Teacher,Room
        7A,Mon,9:00,10:00,JO,1
        7B,Tue,9:00,10:00,JO,2
        == is refused
        == with
        undecided Timetable.csv
    """,
    "London: College terms, Day release": r"""
        Europe/London
        == College terms.csv
        Term,From,To,Half term from,Half term to
        Autumn,07/09/2026,18/12/2026,26/10/2026,30/10/2026
        == Day release.csv
        Apprentice,College day,Start,Finish,College
        Sam Reid,Thursday,09:00,16:00,Quay College
        Tia Moss,Tuesday,09:00,16:00,Quay College
        == comes out as
        2026-09-08..2026-12-17 without 2026-10-27 2026-10-29
        Thu 09:00–16:00 | Sam Reid
        Tue 09:00–16:00 | Tia Moss
        == in calendars
        Quay College 28, Sam Reid 14, Tia Moss 14, Sam Reid 14, Tia Moss 14
        == with
        notes unsure-column
    """,
    "London: Teaching weeks, Timetable S1": r"""
        Europe/London
        == Teaching weeks.csv
        Week,Week commencing
        1,2026-09-21
        2,2026-09-28
        3,2026-10-05
        4,2026-10-12
        5,2026-10-19
        6,2026-10-26
        7,2026-11-02
        8,2026-11-09
        9,2026-11-16
        10,2026-11-23
        11,2026-11-30
        == Timetable S1.csv
        Module,Activity,Day,Start,Duration (hrs),Weeks,Room,Staff
        BIO1010,Lecture,Monday,10:00,1,1-5; 7-11,LT1,Dr A Price
        BIO1010,Practical,Thursday,14:00,3,"2, 4, 8, 10",Lab 3,Dr A Price
        CHE1002,Lecture,Tuesday,09:00,2,1-11,LT2,Prof N Oda
        CHE1002,Tutorial,Friday,11:00,1,"3,5,7,9,11",S12,Dr L Beck
        == is refused
        == with
        undecided closures
        notes unsure-column
    """,
    "Dublin: Meetings 2027": r"""
        Europe/Dublin
        == Meetings 2027.csv
        Body,When,Time,Venue,Remarks
        Full council,First Monday of each month,7.00 pm,Council chamber,No meeting in August
        Planning,Second and fourth Wednesday of the month,6.30 pm,Committee room,
        Audit,Quarterly: 15 March; 14 June; 20 September; 13 December,10.00 am,Committee room,
        == is refused
        == with
        error unreadable-repeat Meetings 2027.csv, B4
        notes excepted-by-remark unsure-column
    """,
    "Dublin: Bells Friday, Bells Mon-Thu, School closures, Term 1, Timetable": r"""
        Europe/Dublin
        == Bells Friday.csv
        Class period,From,To
        1,08:50,09:35
        2,09:35,10:20
        3,10:35,11:20
        4,11:20,12:05
        5,12:05,12:50
        == Bells Mon-Thu.csv
        Class period,From,To
        1,08:50,09:50
        2,09:50,10:50
        3,11:05,12:05
        4,12:05,13:05
        5,13:45,14:45
        == School closures.csv
        Occasion,First day,Last day,Remarks
        Mid-term break,26/10/2026,30/10/2026,
        Staff meeting,19/11/2026,,school closes at 13:00
        == Term 1.csv
        Term,Opens,Closes
        Term 1,31/08/2026,18/12/2026
        == Timetable.csv
        Class group,Subject,Teacher,Room,Day,Class period
        2A,Irish,N. Daly,R4,Mon,1
        2A,Maths,P. Shaw,R9,Mon,2
        2A,Irish,N. Daly,R4,Wed,3
        2A,Maths,P. Shaw,R9,Fri,1
        2B,Science,O. Keane,Lab 1,Tue,4
        2B,Science,O. Keane,Lab 1,Tue,5
        2B,Irish,N. Daly,R4,Fri,5
        3C,History,C. Nolan,R2,Thu,2
        == comes out as
        2026-08-31..2026-12-18 without 2026-10-26..2026-10-30
        Thu 09:50–10:50 | History (3C) | R2 | Period 2
        Mon 08:50–09:50 | Irish (2A) | R4 | Period 1
        Wed 11:05–12:05 | Irish (2A) | R4 | Period 3
        Fri 12:05–12:50 | Irish (2B) | R4 | Period 5
        Tue 12:05–13:05 | Science (2B) | Lab 1 | Period 4
        Tue 13:45–14:45 | Science (2B) | Lab 1 | Period 5
        Mon 09:50–10:50 | Maths (2A) | R9 | Period 2
        Fri 08:50–09:35 | Maths (2A) | R9 | Period 1
        == in calendars
        C. Nolan 15, N. Daly 45, O. Keane 30, P. Shaw 30, 2A 60, 2B 45, 3C 15, Lab 1 30, R2 15, R4 45, R9 30
        == with
        notes part-of-day
    """,
    "London: Dates, Staff list, Staff timetables": r"""
        Europe/London
        == Dates.xlsx / Terms
        Term,Start,End
        Autumn,2026-09-03,2026-12-18
        == Dates.xlsx / Closed
        Closed,From,To
        Half term,2026-10-26,2026-10-30
        INSET,2026-11-27,
        == Staff list.csv
        Initials,Surname,Forename,Email
        ABE,Berry,Alice,a@example.org
        CDO,Doyle,Colm,c@example.org
        == Staff timetables.xlsx / ABE
        ,Mon,Tue,Wed,Thu,Fri
        P1 08:30-09:25,"8A Ma
        R1",,"9B Ma
        R1",,"8A Ma
        R1"
        P2 09:30-10:25,,"8A Ma
        R1",,"9B Ma
        R1",
        P3 10:45-11:40,"9B Ma
        R1",,,,
        P4 11:45-12:40,,,,"8A Ma
        R1",
        == Staff timetables.xlsx / CDO
        ,Mon,Tue,Wed,Thu,Fri
        P1 08:30-09:25,"9B Sc
        Lab","8A Sc
        Lab",,,
        P2 09:30-10:25,,,"9B Sc
        Lab",,"8A Sc
        Lab"
        P3 10:45-11:40,,,,,
        P4 11:45-12:40,"8A Sc
        Lab",,,,
        == comes out as
        2026-09-03..2026-12-18 without 2026-10-26..2026-10-30 2026-11-27
        Mon Fri 08:30–09:25 | 8A Ma | R1
        Wed 08:30–09:25 | 9B Ma | R1
        Tue 09:30–10:25 | 8A Ma | R1
        Thu 09:30–10:25 | 9B Ma | R1
        Mon 10:45–11:40 | 9B Ma | R1
        Thu 11:45–12:40 | 8A Ma | R1
        Mon 08:30–09:25 | 9B Sc | Lab
        Tue 08:30–09:25 | 8A Sc | Lab
        Wed 09:30–10:25 | 9B Sc | Lab
        Fri 09:30–10:25 | 8A Sc | Lab
        Mon 11:45–12:40 | 8A Sc | Lab
        == in calendars
        ABE 100, CDO 70, 8A Ma 57, 8A Sc 42, 9B Ma 43, 9B Sc 28, Lab 70, R1 100
        == with
        warning told-by-form Staff timetables.xlsx, sheet “ABE”, B2
    """,
    "London: Class 5 week A, Class 5 week B, No school, Term, Weeks": r"""
        Europe/London
        == Class 5 week A.csv
        Time,Mon,Tue,Wed,Thu,Fri
        9:00-10:00,Maths,English,Maths,PE,Art
        10:15-11:15,English,Maths,Science,Maths,Music
        == Class 5 week B.csv
        Time,Mon,Tue,Wed,Thu,Fri
        9:00-10:00,Maths,English,Maths,Swimming,Art
        10:15-11:15,English,Maths,History,Maths,Drama
        == No school.csv
        No school,Date
        == Term.csv
        Half term,Start,End
        Autumn 1,2026-09-07,2026-10-16
        == Weeks.csv
        Week commencing,Week
        2026-09-07,A
        2026-09-14,B
        2026-09-21,A
        2026-09-28,B
        2026-10-05,A
        2026-10-12,B
        == is refused
        == with
        undecided closures
    """,
    "London: Closed, Opening, Room plan": r"""
        Europe/London
        == Closed.csv
        Closed,From,To
        Training day,2026-10-23,
        == Opening.csv
        Term,Opens,Closes
        Autumn,2026-09-01,2026-12-18
        == Room plan.csv
        Room,Mon,Tue,Wed,Thu,Fri
        Ducklings,8:00-13:00,8:00-13:00,8:00-18:00,8:00-13:00,
        Otters,8:00-18:00,8:00-18:00,8:00-18:00,8:00-18:00,8:00-18:00
        == comes out as
        2026-09-01..2026-12-18 without 2026-10-23
        Mon Tue Thu 08:00–13:00 | Ducklings | Ducklings
        Wed 08:00–18:00 | Ducklings | Ducklings
        Mon Tue Wed Thu Fri 08:00–18:00 | Otters | Otters
        == in calendars
        Ducklings 63, Otters 78, Ducklings 63, Otters 78
    """,
    "London: Hall bookings": r"""
        Europe/London
        == Hall bookings.xlsx / Regular
        Group,Day,Start,Finish,Room,From,To,Not on
        Brownies,Tuesday,18:00,19:30,Main hall,2026-09-08,2026-12-15,27 Oct
        Yoga,Thursday,09:30,10:30,Small hall,2026-09-10,2026-12-10,
        == Hall bookings.xlsx / One-off
        Date,Start,Finish,Room,Hirer,Event
        2026-10-03,14:00,17:00,Main hall,Patel,Birthday party
        2026-11-28,10:00,16:00,Main hall,Parish,Christmas fair
        == comes out as
        2026-09-08..2026-12-15 without 2026-10-27
        Tue 18:00–19:30 | Brownies | Main hall
        Thu 09:30–10:30 | Yoga | Small hall
        2026-10-03 14:00–17:00 | Birthday party | Main hall
        2026-11-28 10:00–16:00 | Christmas fair | Main hall
        == in calendars
        Brownies 14, Yoga 14, Main hall 14, Small hall 14, Hall bookings One-off 2
        == with
        notes unsure-column
    """,
    "Dublin: No swimming, Season, Squad times": r"""
        Europe/Dublin
        == No swimming.csv
        Date,Why
        26/10/2026,Bank holiday
        31/10/2026,Gala
        == Season.csv
        Term,First session,Last session
        Autumn,7 Sept 2026,19 Dec 2026
        == Squad times.csv
        Squad,Monday,Tuesday,Wednesday,Thursday,Friday,Saturday
        Dolphins,17:00-18:00,,17:00-18:00,,,
        Seals,18:00-19:30,,,18:00-19:30,,08:00-10:00
        Orcas,19:30-21:00,06:00-07:30,,06:00-07:30,,08:00-10:00
        == comes out as
        2026-09-07..2026-12-19 without 2026-10-26 2026-10-31
        Mon Wed 17:00–18:00 | Dolphins
        Mon 19:30–21:00 | Orcas
        Tue Thu 06:00–07:30 | Orcas
        Sat 08:00–10:00 | Orcas
        Mon Thu 18:00–19:30 | Seals
        Sat 08:00–10:00 | Seals
        == in calendars
        Dolphins 29, Orcas 58, Seals 43
        == with
        notes unsure-column
    """,
    "London: Teaching weeks, Timetable": r"""
        Europe/London
        == Teaching weeks.csv
        Week,w/c
        1,28/09/2026
        2,05/10/2026
        3,12/10/2026
        4,19/10/2026
        5,26/10/2026
        6,02/11/2026
        7,09/11/2026
        8,16/11/2026
        9,23/11/2026
        10,30/11/2026
        11,07/12/2026
        == Timetable.csv
        Module,Activity,Day,Start,Duration,Weeks,Room,Staff
        NAV101,Lecture,Monday,10:00,1:00,1-11,LT1,Dr Hale
        NAV101,Seminar,Wednesday,14:00,2:00,"2-6, 8-11",S12,Ms Orr
        HYD204,Lecture,Thursday,09:00,2:00,"1-5, 7-11",LT2,Dr Fay
        HYD204,Lab,Friday,13:00,3:00,"3, 5, 8, 10",Lab B,Dr Fay
        == is refused
        == with
        undecided closures
        notes unsure-column
    """,
    "Dublin: 1A timetable, Bell times, School closed, Staff codes, Terms": r"""
        Europe/Dublin
        == 1A timetable.csv
        1A,Mon,Tue,Wed,Thu,Fri
        1,Irish MOB,Maths TK,English SD,Irish MOB,PE JL
        2,Maths TK,Irish MOB,Maths TK,English SD,PE JL
        3,English SD,History SD,,Maths TK,Irish MOB
        == Bell times.csv
        Class,From,To
        1,08:50,09:30
        2,09:30,10:10
        3,10:25,11:05
        == School closed.csv
        Break,From,To (incl.)
        Mid-term,26/10/2026,30/10/2026
        Christmas,22/12/2026,05/01/2027
        == Staff codes.csv
        Code,Name
        MOB,Máire O'Boyle
        TK,Tom Keane
        SD,Sheila Dunne
        JL,John Lacey
        == Terms.csv
        Term,Start,Finish
        Autumn & spring,27/08/2026,29/01/2027
        == comes out as
        2026-08-27..2027-01-29 without 2026-10-26..2026-10-30 2026-12-22..2027-01-05/7 2026-12-23..2026-12-25 2026-12-28 2026-12-30..2027-01-01 2027-01-04
        Fri 08:50–10:10 | PE (1A) |  | Period 1–2
        Mon Thu 08:50–09:30 | Irish (1A) |  | Period 1
        Tue 09:30–10:10 | Irish (1A) |  | Period 2
        Fri 10:25–11:05 | Irish (1A) |  | Period 3
        Wed 08:50–09:30 | English (1A) |  | Period 1
        Thu 09:30–10:10 | English (1A) |  | Period 2
        Mon 10:25–11:05 | English (1A) |  | Period 3
        Tue 10:25–11:05 | History (1A) |  | Period 3
        Tue 08:50–09:30 | Maths (1A) |  | Period 1
        Mon Wed 09:30–10:10 | Maths (1A) |  | Period 2
        Thu 10:25–11:05 | Maths (1A) |  | Period 3
        == in calendars
        John Lacey 20, Máire O'Boyle 77, Sheila Dunne 76, Tom Keane 76, 1A 249
        == with
        notes unsure-column
    """,
    "London: Fixtures, No training, Season, Training": r"""
        Europe/London
        == Fixtures.csv
        Date,KO,Squad,Opponent,H/A
        12/09/2026,10:30,U9,Terns,H
        19/09/2026,11:00,U11,Gulls,A
        == No training.csv
        No training,Date
        Half term,27/10/2026
        Half term,29/10/2026
        Half term,31/10/2026
        == Season.csv
        Season,From,To
        Autumn,01/09/2026,12/12/2026
        == Training.csv
        Squad,Tue,Thu,Sat
        U9,17:00-18:00,,9:00-10:00
        U11,18:00-19:15,17:00-18:15,
        == comes out as
        2026-09-01..2026-12-12 without 2026-10-27 2026-10-29 2026-10-31
        Tue 18:00–19:15 | U11
        Thu 17:00–18:15 | U11
        Tue 17:00–18:00 | U9
        Sat 09:00–10:00 | U9
        2026-09-12 10:30–11:30 | U9 – Terns
        2026-09-19 11:00–12:00 | U11 – Gulls
        == in calendars
        U11 28, U9 28, Fixtures 2
        == with
        notes unsure-column
    """,
    "London: Break duty, Inset, Term": r"""
        Europe/London
        == Break duty.csv
        Break duty rota – 10:40 to 11:00,,
        Day,Playground,Field
        Monday,Ms Hale,Mr Orr
        Tuesday,Mr Orr,Mx Low
        Wednesday,Mx Low,Ms Hale
        Thursday,Ms Ray,Mr Orr
        Friday,Ms Hale,Ms Ray
        == Inset.csv
        INSET day,Date
        Staff training,4 January 2027
        == Term.csv
        Term,Start,End
        Spring 1,4 January 2027,12 February 2027
        == comes out as
        2027-01-05..2027-02-12
        Mon Tue Wed Thu Fri 10:40–11:00 | Playground
        Mon Tue Wed Thu Fri 10:40–11:00 | Field
        == in calendars
        Mr Orr 17, Ms Hale 17, Ms Ray 12, Mx Low 12, Field 29, Playground 29
        == with
        notes note-used
    """,
    "London: Half term, Piano, Term": r"""
        Europe/London
        == Half term.csv
        Closed,From,To
        Half term,15/02/2027,19/02/2027
        == Piano.csv
        Piano lessons – all lessons are 30 minutes,
        Day,Lessons
        Monday,"3:30pm Anna, 4:00pm Ben, 4:30pm Cara"
        Thursday,"4:00pm Dee, 4:30pm Eli"
        == Term.csv
        Term,From,To
        Spring,11/01/2027,26/03/2027
        == is refused
        == with
        undecided Piano.csv
    """,
    "London: Half term, Room plan, Term": r"""
        Europe/London
        == Half term.csv
        Closed,From,To
        Half term,15/02/2027,19/02/2027
        == Room plan.csv
        Community centre – regular users,,,,
        "AM = 9:30-12:00, PM = 13:30-16:00",,,,
        Room,Mon AM,Mon PM,Wed AM,Wed PM
        Hall,Toddlers,Choir,Toddlers,
        Studio,,Pottery,Yoga,Pottery
        == Term.csv
        Term,From,To
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-24 without 2027-02-15 2027-02-17
        Mon 13:30–16:00 | Choir | Hall
        Mon Wed 13:30–16:00 | Pottery | Studio
        Mon Wed 09:30–12:00 | Toddlers | Hall
        Wed 09:30–12:00 | Yoga | Studio
        == in calendars
        Choir 10, Pottery 20, Toddlers 20, Yoga 10, Hall 30, Studio 30
        == with
        notes note-used
    """,
    "London: Half term, Lunch duty, Term, Weeks": r"""
        Europe/London
        == Half term.csv
        Closed,From,To
        Half term,15/02/2027,19/02/2027
        == Lunch duty.csv
        Lunch duty 12:15-13:00,,,,,
        Week A,,,Week B,,
        Day,Canteen,Yard,Day,Canteen,Yard
        Mon,Hale,Orr,Mon,Low,Ray
        Tue,Low,Ray,Tue,Hale,Orr
        == Term.csv
        Term,From,To
        Spring,11/01/2027,26/03/2027
        == Weeks.csv
        Week beginning,Week
        11/01/2027,A
        18/01/2027,B
        25/01/2027,A
        01/02/2027,B
        08/02/2027,A
        22/02/2027,B
        01/03/2027,A
        08/03/2027,B
        15/03/2027,A
        22/03/2027,B
        == is refused
        == with
        undecided Lunch duty.csv
    """,
    "London: Clubs, Half term, Members, Term": r"""
        Europe/London
        == Clubs.csv
        Club,Leader,Day,Time,Room
        Chess,Mr Orr,Tuesday,15:30-16:30,Library
        Robotics,Ms Hale,Thursday,15:30-17:00,Lab
        == Half term.csv
        Closed,From,To
        Half term,15/02/2027,19/02/2027
        == Members.csv
        Chess,Robotics
        Ann Moss,Ben Ray
        Cy Low,Ann Moss
        ,Dot Fay
        == Term.csv
        Term,From,To
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-12..2027-03-25 without 2027-02-16 2027-02-18
        Tue 15:30–16:30 | Chess | Library
        Thu 15:30–17:00 | Robotics | Lab
        == in calendars
        Mr Orr 10, Ms Hale 10, Lab 10, Library 10
        == with
        warning class-not-met Members.csv
        notes unsure-column
    """,
    "London: Half term, Opening hours, Term": r"""
        Europe/London
        == Half term.csv
        Closed,From,To
        Half term,15/02/2027,19/02/2027
        == Opening hours.csv
        Day,Opens,Closes
        Monday,09:00,17:00
        Tuesday,09:00,19:00
        Wednesday,Closed,
        Thursday,09:00,17:00
        Friday,09:00,17:00
        Saturday,10:00,13:00
        == Term.csv
        Term,From,To
        Spring,11/01/2027,26/03/2027
        == is refused
        == with
        undecided Opening hours.csv
    """,
    "London: Clinics 2027, Period": r"""
        Europe/London
        == Clinics 2027.csv
        Clinic,When,Time,Room
        Foot clinic,1st & 3rd Monday,9:00-12:00,2
        Ear clinic,2nd Tuesday,13:30-16:00,2
        Eye clinic,Last Friday,9:00-11:00,3
        == Period.csv
        Period,From,To
        2027,01/01/2027,30/06/2027
        == comes out as
        2027-01-04..2027-03-15/14 2027-04-05..2027-05-17/14 2027-06-07 2027-06-21 09:00–12:00 | Foot clinic | 2
        2027-01-12 2027-02-09 2027-03-09 2027-04-13 2027-05-11 2027-06-08 13:30–16:00 | Ear clinic | 2
        2027-01-29 2027-02-26 2027-03-26 2027-04-30 2027-05-28 2027-06-25 09:00–11:00 | Eye clinic | 3
        == in calendars
        Clinics 2027 24
        == with
        notes unsure-column
    """,
    "London: Bells, Holidays, Term dates, Timetable": r"""
        Europe/London
        == Bells.csv
        Period,"Mon, Tue, Thu, Fri",Wednesday
        1,08:30-09:20,09:30-10:10
        2,09:25-10:15,10:15-10:55
        3,10:35-11:25,11:10-11:50
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == Timetable.csv
        Class,Teacher,Room,Days,Period
        7A Maths,Hale,R1,"Mon, Wed, Fri",1
        7A Art,Low,Studio,"Tue, Wed",2
        7B Maths,Hale,R1,Wed,3
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-17 2027-02-19
        Mon Fri 08:30–09:20 | 7A Maths | R1 | Period 1
        Wed 09:30–10:10 | 7A Maths | R1 | Period 1
        Wed 11:10–11:50 | 7B Maths | R1 | Period 3
        Tue 09:25–10:15 | 7A Art | Studio | Period 2
        Wed 10:15–10:55 | 7A Art | Studio | Period 2
        == in calendars
        Hale 40, Low 20, 7A Art 20, 7A Maths 30, 7B Maths 10, R1 40, Studio 20
    """,
    "London: Holidays, Term dates, Timetable": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End,Notes
        Half term,15/02/2027,19/02/2027,
        Parents' evening,11/03/2027,11/03/2027,closed from 13:00
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == Timetable.csv
        Class,Day,Start,End,Room
        9C Science,Thursday,09:00,10:00,Lab
        9C PE,Thursday,14:00,15:00,Gym
        == comes out as
        2027-01-14..2027-03-25 without 2027-02-18
        Thu but 2027-03-11 14:00–15:00 | 9C PE | Gym
        Thu 09:00–10:00 | 9C Science | Lab
        == in calendars
        9C PE 9, 9C Science 10, Gym 9, Lab 10
        == with
        notes not-rung part-of-day
    """,
    "London: Changes, Holidays, Term dates, Timetable": r"""
        Europe/London
        == Changes.csv
        Date,Class,Change,New room
        18/01/2027,10A French,cancelled,
        21/01/2027,10A French,room change,L7
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == Timetable.csv
        Class,Teacher,Day,Start,End,Room
        10A French,Ray,Monday,09:00,10:00,L1
        10A French,Ray,Thursday,11:00,12:00,L1
        == comes out as
        2027-01-11..2027-03-25 without 2027-01-18 2027-02-15 2027-02-18
        Mon 09:00–10:00 | 10A French | L1
        Thu but 2027-01-21 11:00–12:00 | 10A French | L1
        2027-01-21 11:00–12:00 | 10A French | L7
        == in calendars
        Ray 19, 10A French 19, L1 18, L7 1
    """,
    "London: Holidays, Oak class, Term dates": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Oak class.csv
        Oak class weekly timetable,,,,
        ,9:00-9:30,9:30-10:30,10:45-12:00,13:00-14:00
        Monday,Assembly,Maths,English,Science
        Tuesday,Phonics,Maths,English,PE
        Wednesday,Phonics,English,Maths,Art
        Thursday,Assembly,Maths,English,Music
        Friday,Phonics,Maths,Topic,Golden time
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Mon Thu 09:00–09:30 | Assembly (Oak)
        Tue Wed Fri 09:00–09:30 | Phonics (Oak)
        Mon Tue Thu Fri 09:30–10:30 | Maths (Oak)
        Wed 09:30–10:30 | English (Oak)
        Mon Tue Thu 10:45–12:00 | English (Oak)
        Wed 10:45–12:00 | Maths (Oak)
        Fri 10:45–12:00 | Topic (Oak)
        Mon 13:00–14:00 | Science (Oak)
        Tue 13:00–14:00 | PE (Oak)
        Wed 13:00–14:00 | Art (Oak)
        Thu 13:00–14:00 | Music (Oak)
        Fri 13:00–14:00 | Golden time (Oak)
        == in calendars
        Oak 200
    """,
    "London: Holidays, Periods, Staff timetable, Term dates": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Periods.csv
        Period,Start,End
        1,09:00,10:00
        2,10:00,11:00
        == Staff timetable.csv
        ,Mon,,Tue,,Wed,,Thu,,Fri,
        Teacher,1,2,1,2,1,2,1,2,1,2
        Hale,7A R1,7B R1,,8A R1,7A R1,,,7B R1,8A R1,
        Orr,,8A Lab,7A Lab,,,7B Lab,8A Lab,,,7A Lab
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Mon Wed 09:00–10:00 | 7A | R1 | Period 1
        Fri 09:00–10:00 | 8A | R1 | Period 1
        Mon Thu 10:00–11:00 | 7B | R1 | Period 2
        Tue 10:00–11:00 | 8A | R1 | Period 2
        Tue 09:00–10:00 | 7A | Lab | Period 1
        Thu 09:00–10:00 | 8A | Lab | Period 1
        Mon 10:00–11:00 | 8A | Lab | Period 2
        Wed 10:00–11:00 | 7B | Lab | Period 2
        Fri 10:00–11:00 | 7A | Lab | Period 2
        == in calendars
        Hale 60, Orr 50, 7A 40, 7B 30, 8A 40, Lab 50, R1 60
        == with
        warning told-by-form Staff timetable.csv, B3
    """,
    "London: 8B, Calendar": r"""
        Europe/London
        == 8B.xlsx / Week A
        8B – Week A
        ,Mon,Tue,Wed,Thu,Fri
        09:00-10:00,Maths,Art,English,PE,Music
        10:00-11:00,English,Maths,History,Maths,Drama
        == 8B.xlsx / Week B
        8B – Week B
        ,Mon,Tue,Wed,Thu,Fri
        09:00-10:00,English,Maths,Art,Music,PE
        10:00-11:00,Maths,Drama,English,History,Maths
        == Calendar.xlsx / Terms
        Term,Start,End
        Spring,2027-01-11,2027-03-26
        == Calendar.xlsx / Holidays
        Holiday,First day,Last day
        Half term,2027-02-15,2027-02-19
        == Calendar.xlsx / Weeks
        Week commencing,Week
        2027-01-11,A
        2027-01-18,B
        2027-01-25,A
        2027-02-01,B
        2027-02-08,A
        2027-02-22,B
        2027-03-01,A
        2027-03-08,B
        2027-03-15,A
        2027-03-22,B
        == comes out as
        2027-01-11..2027-02-08/14 2027-01-19 2027-02-02 2027-02-23..2027-03-23/14 2027-03-01 2027-03-15 09:00–10:00 | Maths (8B)
        2027-01-12..2027-02-09/14 2027-01-20 2027-02-03 2027-02-24..2027-03-24/14 2027-03-02 2027-03-16 09:00–10:00 | Art (8B)
        2027-01-13..2027-02-10/14 2027-01-18 2027-02-01 2027-02-22..2027-03-22/14 2027-03-03 2027-03-17 09:00–10:00 | English (8B)
        2027-01-14..2027-02-11/14 2027-01-22 2027-02-05 2027-02-26..2027-03-26/14 2027-03-04 2027-03-18 09:00–10:00 | PE (8B)
        2027-01-15..2027-02-12/14 2027-01-21 2027-02-04 2027-02-25..2027-03-25/14 2027-03-05 2027-03-19 09:00–10:00 | Music (8B)
        2027-01-11..2027-02-08/14 2027-01-20 2027-02-03 2027-02-24..2027-03-24/14 2027-03-01 2027-03-15 10:00–11:00 | English (8B)
        2027-01-12..2027-02-09/14 2027-01-14..2027-02-11/14 2027-01-18 2027-01-22 2027-02-01 2027-02-05 2027-02-22..2027-03-22/14 2027-02-26..2027-03-26/14 2027-03-02 2027-03-04 2027-03-16 2027-03-18 10:00–11:00 | Maths (8B)
        2027-01-13..2027-02-10/14 2027-01-21 2027-02-04 2027-02-25..2027-03-25/14 2027-03-03 2027-03-17 10:00–11:00 | History (8B)
        2027-01-15..2027-02-12/14 2027-01-19 2027-02-02 2027-02-23..2027-03-23/14 2027-03-05 2027-03-19 10:00–11:00 | Drama (8B)
        == in calendars
        8B 100
    """,
    "London: College timetable, Holidays, Term dates": r"""
        Europe/London
        == College timetable.csv
        Course,Day,Start,Finish,Room,Teaching weeks
        BTEC Boats,Mon,09:30,12:30,W1,1-5
        BTEC Boats,Wed,13:00,16:00,W2,1-10
        Rigging,Fri,10:00,12:00,Loft,6-10
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-17
        2027-01-11..2027-02-08/7 09:30–12:30 | BTEC Boats | W1
        Wed 13:00–16:00 | BTEC Boats | W2
        2027-02-26..2027-03-26/7 10:00–12:00 | Rigging | Loft
        == in calendars
        BTEC Boats 15, Rigging 5, Loft 5, W1 5, W2 10
    """,
    "London: Lessons": r"""
        Europe/London
        == Lessons.xlsx / Monday
        Room,'15:00,'15:30,'16:00
        Room 1,Anna/piano,Ben/piano,
        Room 2,Cy/cello,,Dot/cello
        == Lessons.xlsx / Thursday
        Room,'15:00,'15:30,'16:00
        Room 1,Eve/piano,,
        Room 2,,Fox/cello,Gus/cello
        == Lessons.xlsx / Term
        Term,Start,End
        Spring,2027-01-11,2027-03-26
        == Lessons.xlsx / Closed
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == comes out as
        2027-01-11..2027-03-25 without 2027-02-15 2027-02-18
        Mon 15:00–15:30 | Anna/piano | Room 1
        Mon 15:30–16:00 | Ben/piano | Room 1
        Mon 15:00–15:30 | Cy/cello | Room 2
        Mon 16:00–16:30 | Dot/cello | Room 2
        Thu 15:00–15:30 | Eve/piano | Room 1
        Thu 15:30–16:00 | Fox/cello | Room 2
        Thu 16:00–16:30 | Gus/cello | Room 2
        == in calendars
        Anna/piano 10, Ben/piano 10, Cy/cello 10, Dot/cello 10, Eve/piano 10, Fox/cello 10, Gus/cello 10, Room 1 30, Room 2 40
        == with
        notes starts-alone
    """,
    "London: Closed, Quarter, Theatre lists, Week numbers": r"""
        Europe/London
        == Closed.csv
        Closed,Date
        Audit,06/01/2027
        == Quarter.csv
        Quarter,From,To
        Q4,04/01/2027,28/03/2027
        == Theatre lists.csv
        Specialty,Surgeon,Day,Start,End,Theatre,Week
        Hips,Mr Orr,Mon,08:30,12:30,Theatre 1,"1, 3"
        Knees,Ms Low,Tue,13:30,17:30,Theatre 2,"2, 4"
        Eyes,Dr Fay,Wed,08:30,12:30,Theatre 1,"1, 2, 3, 4"
        == Week numbers.csv
        Week commencing,Week
        04/01/2027,1
        11/01/2027,2
        18/01/2027,3
        25/01/2027,4
        01/02/2027,1
        08/02/2027,2
        15/02/2027,3
        22/02/2027,4
        01/03/2027,1
        08/03/2027,2
        15/03/2027,3
        22/03/2027,4
        == comes out as
        2027-01-04..2027-03-24 without 2027-01-05..2027-03-16/14 2027-01-06 2027-01-11..2027-03-22/14
        Wed 08:30–12:30 | Eyes | Theatre 1
        Mon 08:30–12:30 | Hips | Theatre 1
        Tue 13:30–17:30 | Knees | Theatre 2
        == in calendars
        Dr Fay 11, Mr Orr 6, Ms Low 6, Eyes 11, Hips 6, Knees 6, Theatre 1 17, Theatre 2 6
        == with
        notes unsure-column
    """,
    "London: Classes": r"""
        Europe/London
        == Classes.csv
        Class,Day & time,Teacher,Runs,Not on
        Yoga,Mondays 18:00-19:00,Ann,11 Jan – 22 Mar 2027,15 Feb
        Pilates,Wednesdays 7-8pm,Bo,13 Jan – 24 Mar 2027,"17 Feb, 3 Mar"
        == comes out as
        2027-01-11..2027-03-24 without 2027-02-15 2027-02-17 2027-03-03
        Mon 18:00–19:00 | Yoga
        Wed 19:00–20:00 | Pilates
        == in calendars
        Ann 10, Bo 9, Pilates 9, Yoga 10
        == with
        notes unsure-column
    """,
    "London: P7, Session dates": r"""
        Europe/London
        == P7.csv
        P7,Mon,Tue,Wed,Thu,Fri
        9.00-10.15,Maths,Language,Maths,Language,Maths
        10.30-12.00,Language,Maths,PE,Maths,Art
        == Session dates.csv
        Session dates 2026/27,,
        Term 1 begins,Wednesday 19 August 2026,
        September holiday,Friday 18 September 2026,Monday 21 September 2026
        Term 1 ends,Friday 9 October 2026,
        Term 2 begins,Tuesday 27 October 2026,
        Term 2 ends,Tuesday 22 December 2026,
        == comes out as
        2026-08-19..2026-12-22 without 2026-09-18 2026-09-21 2026-10-12..2026-10-26/7 2026-10-13..2026-10-16 2026-10-20..2026-10-23
        Mon Wed Fri 09:00–10:15 | Maths (P7)
        Tue Thu 09:00–10:15 | Language (P7)
        Mon 10:30–12:00 | Language (P7)
        Tue Thu 10:30–12:00 | Maths (P7)
        Wed 10:30–12:00 | PE (P7)
        Fri 10:30–12:00 | Art (P7)
        == in calendars
        P7 154
        == with
        notes title-line
    """,
    "London: Clubs, Holidays, Term dates": r"""
        Europe/London
        == Clubs.csv
        Clubs – Spring term,,
        Day,Lunchtime (12:30-13:00),After school (15:30-16:30)
        Monday,Chess (Library),Netball (Hall)
        Tuesday,Choir (Hall),Coding (ICT)
        Wednesday,,Football (Field)
        Thursday,Art (Studio),
        Friday,Debate (R4),
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15 2027-02-16 2027-02-17 2027-02-18 2027-02-19
        Mon 12:30–13:00 | Chess | Library | Lunchtime
        Mon 15:30–16:30 | Netball | Hall | After school
        Tue 12:30–13:00 | Choir | Hall | Lunchtime
        Tue 15:30–16:30 | Coding | ICT | After school
        Wed 15:30–16:30 | Football | Field | After school
        Thu 12:30–13:00 | Art | Studio | Lunchtime
        Fri 12:30–13:00 | Debate | R4 | Lunchtime
        == in calendars
        Art 10, Chess 10, Choir 10, Coding 10, Debate 10, Football 10, Netball 10, Field 10, Hall 20, ICT 10, Library 10, R4 10, Studio 10
        == with
        warning told-by-form Clubs.csv, B3
        notes cells-meet holds-for-all
    """,
    "London: Day, Holidays, Setting, Term dates": r"""
        Europe/London
        == Day.csv
        Lesson,Start,End
        1,09:00,10:00
        2,10:00,11:00
        3,11:20,12:20
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Setting.csv
        Set,Teacher,Room,Lessons
        10X1 Maths,Hale,M1,"Mon1, Wed3"
        10X2 Maths,Orr,M2,"Mon1, Thu2"
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-25 without 2027-02-15 2027-02-17 2027-02-18
        Mon 09:00–10:00 | 10X1 Maths | M1 | Period 1
        Wed 11:20–12:20 | 10X1 Maths | M1 | Period 3
        Mon 09:00–10:00 | 10X2 Maths | M2 | Period 1
        Thu 10:00–11:00 | 10X2 Maths | M2 | Period 2
        == in calendars
        Hale 20, Orr 20, 10X1 Maths 20, 10X2 Maths 20, M1 20, M2 20
    """,
    "Dublin: Dance, Holidays, Term dates": r"""
        Europe/Dublin
        == Dance.csv
        Day,Time,Studio A,Studio B
        Tuesday,16:00-16:45,Ballet 1,Tap 2
        ,17:00-18:00,Jazz,
        Saturday,09:30-10:30,Ballet 2,Hip hop
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-12..2027-03-23 without 2027-02-16
        Tue 16:00–16:45 | Ballet 1 | Studio A
        Sat 09:30–10:30 | Ballet 2 | Studio A
        Sat 09:30–10:30 | Hip hop | Studio B
        Tue 17:00–18:00 | Jazz | Studio A
        Tue 16:00–16:45 | Tap 2 | Studio B
        == in calendars
        Ballet 1 10, Ballet 2 10, Hip hop 10, Jazz 10, Tap 2 10, Studio A 30, Studio B 20
    """,
    "London: Holidays, Lanes, Term dates": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Lanes.csv
        Tuesday,,
        Time,Lane 1,Lane 2
        18:00-19:00,Seals,Public
        19:00-20:00,Masters,Masters
        ,,
        Thursday,,
        Time,Lane 1,Lane 2
        18:00-19:00,Public,Public
        19:00-20:00,Tri club,
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-12..2027-03-25 without 2027-02-16 2027-02-18
        Tue 19:00–20:00 | Masters | Lane 1
        Tue 19:00–20:00 | Masters | Lane 2
        Tue Thu 18:00–19:00 | Public | Lane 2
        Thu 18:00–19:00 | Public | Lane 1
        Tue 18:00–19:00 | Seals | Lane 1
        Thu 19:00–20:00 | Tri club | Lane 1
        == in calendars
        Masters 20, Public 30, Seals 10, Tri club 10, Lane 1 40, Lane 2 30
        == with
        warning same-slot Lanes.csv, B4
        warning same-slot Lanes.csv, B8
    """,
    "London: Hale, Holidays, Term dates": r"""
        Europe/London
        == Hale.xlsx / Timetable / B3:B4
        Ms Hale – timetable,,,,,
        ,Mon,Tue,Wed,Thu,Fri
        P1 09:00-10:00,7A (R1),,8B (R1),7A (R1),
        P2 10:00-11:00,7A (R1),9C (Lab),,8B (R1),9C (Lab)
        P3 11:20-12:20,,9C (Lab),7A (R2),,
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Mon 09:00–11:00 | 7A | R1
        Wed 09:00–10:00 | 8B | R1
        Thu 09:00–10:00 | 7A | R1
        Tue Fri 10:00–11:00 | 9C | Lab
        Thu 10:00–11:00 | 8B | R1
        Tue 11:20–12:20 | 9C | Lab
        Wed 11:20–12:20 | 7A | R2
        == in calendars
        Ms Hale 80, 7A 30, 8B 20, 9C 30, Lab 30, R1 40, R2 10
        == with
        warning told-by-form Hale.xlsx, sheet “Timetable”, B3
    """,
    "London: Blocks, Grid, Holidays, Term dates": r"""
        Europe/London
        == Blocks.csv
        Block,Subject,Teacher,Room
        A,Physics,Orr,Lab 1
        A,Drama,Ray,Studio
        B,Maths,Hale,R1
        C,History,Low,R4
        D,Games,Best,Field
        == Grid.csv
        Sixth form grid,,,,,
        ,Mon,Tue,Wed,Thu,Fri
        9:00-10:00,A,B,C,A,B
        10:00-11:00,B,C,A,C,D
        11:20-12:20,C,A,D,B,A
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Fri 10:00–11:00 | Games | Field
        Wed 11:20–12:20 | Games | Field
        Tue Fri 09:00–10:00 | Maths | R1
        Mon 10:00–11:00 | Maths | R1
        Thu 11:20–12:20 | Maths | R1
        Wed 09:00–10:00 | History | R4
        Tue Thu 10:00–11:00 | History | R4
        Mon 11:20–12:20 | History | R4
        Mon Thu 09:00–10:00 | Physics | Lab 1
        Wed 10:00–11:00 | Physics | Lab 1
        Tue Fri 11:20–12:20 | Physics | Lab 1
        Mon Thu 09:00–10:00 | Drama | Studio
        Wed 10:00–11:00 | Drama | Studio
        Tue Fri 11:20–12:20 | Drama | Studio
        == in calendars
        Best 20, Hale 40, Low 40, Orr 50, Ray 50, Drama 50, Games 20, History 40, Maths 40, Physics 50, Field 20, Lab 1 50, R1 40, R4 40, Studio 50
        == with
        notes cells-meet
    """,
    "London: Bells, Holidays, Lessons, Special days, Term dates": r"""
        Europe/London
        == Bells.csv
        Period,Regular,Assembly day
        1,8:30-9:20,9:00-9:45
        2,9:25-10:15,9:50-10:35
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Lessons.csv
        Class,Day,Period
        7A Maths,Mon-Fri,1
        7A Art,Wed,2
        == Special days.csv
        Date,Schedule
        20/01/2027,Assembly day
        10/02/2027,Assembly day
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Wed but 2027-01-20 2027-02-10 09:25–10:15 | 7A Art |  | Period 2
        2027-01-20 2027-02-10 09:50–10:35 | 7A Art |  | Period 2
        Mon Tue Wed Thu Fri but 2027-01-20 2027-02-10 08:30–09:20 | 7A Maths |  | Period 1
        2027-01-20 2027-02-10 09:00–09:45 | 7A Maths |  | Period 1
        == in calendars
        7A Art 10, 7A Maths 50
    """,
    "London: Regular bookings": r"""
        Europe/London
        == Regular bookings.csv
        Hirer,Day,From,To,Start date,End date,Not on
        Badminton,Tue,19:00,21:00,12/01/2027,23/03/2027,16/02/2027
        Karate,Thu,18:00,19:30,14/01/2027,25/03/2027,18/02/2027; 04/03/2027
        == comes out as
        2027-01-12..2027-03-25 without 2027-02-16 2027-02-18 2027-03-04
        Tue 19:00–21:00 | Badminton
        Thu 18:00–19:30 | Karate
        == in calendars
        Badminton 10, Karate 9
        == with
        notes unsure-column
    """,
    "London: Holidays, Term dates, Timetables": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == Timetables.csv
        Class 7A
        ,Mon,Tue,Wed,Thu,Fri
        09:00-10:00,Maths,Art,PE,Maths,Music
        10:00-11:00,English,Maths,English,Science,Art
        ""
        Class 7B
        ,Mon,Tue,Wed,Thu,Fri
        09:00-10:00,English,Science,Maths,Art,Maths
        10:00-11:00,Maths,English,Music,PE,Science
        ""
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Mon Thu 09:00–10:00 | Maths (7A)
        Tue 09:00–10:00 | Art (7A)
        Wed 09:00–10:00 | PE (7A)
        Fri 09:00–10:00 | Music (7A)
        Mon Wed 10:00–11:00 | English (7A)
        Tue 10:00–11:00 | Maths (7A)
        Thu 10:00–11:00 | Science (7A)
        Fri 10:00–11:00 | Art (7A)
        Mon 09:00–10:00 | English (7B)
        Tue 09:00–10:00 | Science (7B)
        Wed Fri 09:00–10:00 | Maths (7B)
        Thu 09:00–10:00 | Art (7B)
        Mon 10:00–11:00 | Maths (7B)
        Tue 10:00–11:00 | English (7B)
        Wed 10:00–11:00 | Music (7B)
        Thu 10:00–11:00 | PE (7B)
        Fri 10:00–11:00 | Science (7B)
        == in calendars
        7A 100, 7B 100
    """,
    "London: Lessons, Year at a glance": r"""
        Europe/London
        == Lessons.csv
        Class,Day,Start,End
        9X Art,A,09:00,10:00
        9Y Art,B,09:00,10:00
        == Year at a glance.csv
        2027,January,February,March
        1,,B,A
        2,,A,B
        3,,B,A
        4,,A,B
        5,,B,A
        6,,,
        7,,,
        8,,A,B
        9,,B,A
        10,,A,B
        11,A,B,A
        12,B,A,B
        13,A,,
        14,B,,
        15,A,,A
        16,,,B
        17,,,A
        18,B,,B
        19,A,,A
        20,B,,
        21,A,,
        22,B,B,B
        23,,A,A
        24,,B,B
        25,A,A,A
        26,B,B,B
        27,A,,
        28,B,,
        29,A,,
        30,,,
        31,,,
        == comes out as
        2027-01-11..2027-02-08/14 2027-01-13..2027-02-10/14 2027-01-15..2027-02-12/14 2027-01-19 2027-01-21 2027-02-02 2027-02-04 2027-02-23..2027-03-23/14 2027-02-25..2027-03-25/14 2027-03-01 2027-03-03 2027-03-05 2027-03-15 2027-03-17 2027-03-19 09:00–10:00 | 9X Art |  | Day A
        2027-01-12..2027-02-09/14 2027-01-14..2027-02-11/14 2027-01-18 2027-01-20 2027-01-22 2027-02-01 2027-02-03 2027-02-05 2027-02-22..2027-03-22/14 2027-02-24..2027-03-24/14 2027-02-26..2027-03-26/14 2027-03-02 2027-03-04 2027-03-16 2027-03-18 09:00–10:00 | 9Y Art |  | Day B
        == in calendars
        9X Art 25, 9Y Art 25
        == with
        notes year-is-listed
    """,
    "London: Holidays, Nursery day, Term dates": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Nursery day.csv
        Activity,Days,Start,End
        Story time,Mon-Fri,09:15,09:45
        Forest school,Wed,10:00,12:00
        Music,"Tue, Thu",10:00,10:30
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Wed 10:00–12:00 | Forest school
        Tue Thu 10:00–10:30 | Music
        Mon Tue Wed Thu Fri 09:15–09:45 | Story time
        == in calendars
        Forest school 10, Music 20, Story time 50
    """,
    "London: Holidays, Labs, Rotation, Term dates": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Labs.csv
        Group,Day,Start,End,Week
        Lab group 1,Tue,14:00,16:00,A
        Lab group 2,Tue,14:00,16:00,B
        Lab group 3,Tue,14:00,16:00,C
        == Rotation.csv
        Week commencing,Week
        11 Jan 2027,A
        18 Jan 2027,B
        25 Jan 2027,C
        01 Feb 2027,A
        08 Feb 2027,B
        22 Feb 2027,C
        01 Mar 2027,A
        08 Mar 2027,B
        15 Mar 2027,C
        22 Mar 2027,A
        == Term dates.csv
        Term,Starts,Ends
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-12 2027-02-02 2027-03-02 2027-03-23 14:00–16:00 | Lab group 1
        2027-01-19 2027-02-09 2027-03-09 14:00–16:00 | Lab group 2
        2027-01-26 2027-02-23 2027-03-16 14:00–16:00 | Lab group 3
        == in calendars
        Lab group 1 4, Lab group 2 3, Lab group 3 3
        == with
        notes unsure-column
    """,
    "London: Holidays, Lessons Ms Orr, Term dates": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Lessons Ms Orr.csv
        Ms Orr – Violin – Room 3,,,
        Monday,,,
        Time,Pupil,Length,Notes
        15:00,Ada Lund,30,
        15:30,Bo Hult,45,
        Wednesday,,,
        Time,Pupil,Length,Notes
        14:30,Cy Fenn,30,
        15:00,Di Marr,60,
        == Term dates.csv
        Term,Start,End
        Spring 2027,04/01/2027,25/03/2027
        == comes out as
        2027-01-04..2027-03-24 without 2027-02-15 2027-02-17
        Mon 15:00–15:30 | Ada Lund | Room 3
        Mon 15:30–16:15 | Bo Hult | Room 3
        Wed 14:30–15:00 | Cy Fenn | Room 3
        Wed 15:00–16:00 | Di Marr | Room 3
        == in calendars
        Ada Lund 11, Bo Hult 11, Cy Fenn 11, Di Marr 11, Ada Lund 11, Bo Hult 11, Cy Fenn 11, Di Marr 11
        == with
        notes holds-for-all unsure-column
    """,
    "London: Clinic template, Holidays, Sessions, Term dates": r"""
        Europe/London
        == Clinic template.csv
        Consultant,Mon AM,Mon PM,Tue AM,Tue PM
        Dr Hale,Fracture clinic,,Theatre,Theatre
        Mr Orr,,New patients,,Review
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Sessions.csv
        Session,Start,End
        AM,09:00,12:30
        PM,13:30,17:00
        == Term dates.csv
        Term,Start,End
        Spring 2027,04/01/2027,25/03/2027
        == comes out as
        2027-01-04..2027-03-23 without 2027-02-15 2027-02-16
        Mon 09:00–12:30 | Fracture clinic |  | Period AM
        Tue 09:00–12:30 | Theatre |  | Period AM
        Tue 13:30–17:00 | Theatre |  | Period PM
        Mon 13:30–17:00 | New patients |  | Period PM
        Tue 13:30–17:00 | Review |  | Period PM
        == in calendars
        Dr Hale 33, Mr Orr 22, Fracture clinic 11, New patients 11, Review 11, Theatre 22
    """,
    "London: Bus times, Holidays, Term dates": r"""
        Europe/London
        == Bus times.csv
        Route,Stop,Mon-Thu depart,Fri depart
        Harbour,Gate,15:45,14:30
        Hill,Gate,15:50,14:35
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Start,End
        Spring 2027,04/01/2027,25/03/2027
        == is refused
        == with
        undecided Bus times.csv
    """,
    "London: Clubs, Holidays": r"""
        Europe/London
        == Clubs.csv
        Day,Club,Years,Time,Venue,Starts,Ends
        Monday,Choir,3-6,3.15-4.15pm,Hall,11 Jan,22 Mar
        ,Chess,2-6,3.15-4pm,Library,11 Jan,22 Mar
        Tuesday,Football,5-6,3.15-4.30pm,Field,12 Jan,23 Mar
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == comes out as
        2027-01-11..2027-03-23 without 2027-02-15 2027-02-16
        Mon 15:15–16:00 | Chess | Library
        Mon 15:15–16:15 | Choir | Hall
        Tue 15:15–16:30 | Football | Field
        == in calendars
        Chess 10, Choir 10, Football 10, Field 10, Hall 10, Library 10
        == with
        notes days-carried unsure-column
    """,
    "London: Holidays, Term dates, Timetables (2)": r"""
        Europe/London
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Start,End
        Spring 2027,04/01/2027,25/03/2027
        == Timetables.xlsx / 7A
        ,Mon,Tue,Wed
        8:50-9:50,Maths R1,English R2,Science Lab
        9:50-10:50,English R2,Maths R1,Science Lab
        Break,,,
        11:10-12:10,PE Gym,Art A1,Maths R1
        == Timetables.xlsx / 7B
        ,Mon,Tue,Wed
        8:50-9:50,English R3,Maths R4,PE Gym
        9:50-10:50,Maths R4,Science Lab,English R3
        Break,,,
        11:10-12:10,Art A1,PE Gym,Maths R4
        == comes out as
        2027-01-04..2027-03-24 without 2027-02-15..2027-02-17
        Mon 08:50–09:50 | Maths R1 (7A)
        Tue 08:50–09:50 | English R2 (7A)
        Wed 08:50–09:50 | Science Lab (7A)
        Mon 09:50–10:50 | English R2 (7A)
        Tue 09:50–10:50 | Maths R1 (7A)
        Wed 09:50–10:50 | Science Lab (7A)
        Mon 11:10–12:10 | PE Gym (7A)
        Tue 11:10–12:10 | Art A1 (7A)
        Wed 11:10–12:10 | Maths R1 (7A)
        Mon 08:50–09:50 | English R3 (7B)
        Tue 08:50–09:50 | Maths R4 (7B)
        Wed 08:50–09:50 | PE Gym (7B)
        Mon 09:50–10:50 | Maths R4 (7B)
        Tue 09:50–10:50 | Science Lab (7B)
        Wed 09:50–10:50 | English R3 (7B)
        Mon 11:10–12:10 | Art A1 (7B)
        Tue 11:10–12:10 | PE Gym (7B)
        Wed 11:10–12:10 | Maths R4 (7B)
        == in calendars
        7A 99, 7B 99
        == with
        notes may-end-in-rooms
    """,
    "Dublin: Dates, Mass times": r"""
        Europe/Dublin
        == Dates.csv
        From,Until
        3 January 2027,28 March 2027
        == Mass times.csv
        Day,Time,Church,Note
        Sunday,9:00am,St Anne,
        Sunday,11:00am,St Anne,Sung
        Wednesday,10:00am,St John,Not 17 February
        == is refused
        == with
        undecided closures
        notes excepted-by-remark holds-for-all
    """,
    "London: Season, Tours": r"""
        Europe/London
        == Season.csv
        Season,From,To
        Spring season,6 March 2027,30 May 2027
        == Tours.csv
        Tour,When,Time,Duration,Meeting point
        Ships of the Sound,Every Saturday,11:00,60 min,Foyer
        Lamp room,First Sunday of the month,14:30,45 min,Tower
        Senior morning,2nd and 4th Tuesday,10:15,1 h 30,Cafe
        == comes out as
        2027-03-06..2027-05-29 without 2027-03-16 2027-03-30 2027-04-06..2027-05-18/14
        Sat 11:00–12:00 | Ships of the Sound | Foyer
        2027-03-07 2027-04-04 2027-05-02 14:30–15:15 | Lamp room | Tower
        Tue 10:15–11:45 | Senior morning | Cafe
        == in calendars
        Tours 22
    """,
    "London: Closed, Pool plan, Term": r"""
        Europe/London
        == Closed.csv
        Closed,From,To
        Half term,15 Feb 2027,19 Feb 2027
        == Pool plan.csv
        Monday,,,
        Time,Lane 1,Lane 2,Lane 3
        17:00-18:00,Minnows,Minnows,Dolphins
        18:00-19:30,Seniors,Seniors,Masters
        ,,,
        Wednesday,,,
        Time,Lane 1,Lane 2,Lane 3
        17:00-18:00,Dolphins,Dolphins,Minnows
        18:00-19:30,Seniors,Masters,Masters
        == Term.csv
        Term,First day,Last day
        Spring,11 January 2027,26 March 2027
        == comes out as
        2027-01-11..2027-03-24 without 2027-02-15 2027-02-17
        Mon 17:00–18:00 | Dolphins | Lane 3
        Wed 17:00–18:00 | Dolphins | Lane 1
        Wed 17:00–18:00 | Dolphins | Lane 2
        Mon Wed 18:00–19:30 | Masters | Lane 3
        Wed 18:00–19:30 | Masters | Lane 2
        Mon 17:00–18:00 | Minnows | Lane 1
        Mon 17:00–18:00 | Minnows | Lane 2
        Wed 17:00–18:00 | Minnows | Lane 3
        Mon Wed 18:00–19:30 | Seniors | Lane 1
        Mon 18:00–19:30 | Seniors | Lane 2
        == in calendars
        Dolphins 30, Masters 30, Minnows 30, Seniors 30, Lane 1 40, Lane 2 40, Lane 3 40
        == with
        warning same-slot Pool plan.csv, B3
        warning same-slot Pool plan.csv, B4
        warning same-slot Pool plan.csv, B8
        warning same-slot Pool plan.csv, C9
    """,
    "London: Clinics, Closed, Dates": r"""
        Europe/London
        == Clinics.csv
        Doctor,Days,Session,Hours,Room
        Dr Orr,Mon/Thu,AM,9-12:30,2
        Dr Hale,Tue,PM,2-5:30,1
        Dr Fenn,Mon-Fri,Evening,6-8pm,3
        == Closed.csv
        Closed,Date
        Staff day,8 March 2027
        == Dates.csv
        Term,From,To
        Spring,4 January 2027,26 March 2027
        == comes out as
        2027-01-04..2027-03-26 without 2027-03-08
        Mon Tue Wed Thu Fri 18:00–20:00 | Evening | 3
        Tue 14:00–17:30 | PM | 1
        Mon Thu 09:00–12:30 | AM | 2
        == in calendars
        Dr Fenn 59, Dr Hale 12, Dr Orr 23, AM 23, Evening 59, PM 12, 1 12, 2 23, 3 59
        == with
        warning half-unmarked Clinics.csv, D3
        notes unsure-column
    """,
    "London: Hall bookings (2)": r"""
        Europe/London
        == Hall bookings.csv
        Hirer,Day,From,To,First date,Last date,Notes
        Guides,Tuesday,18:00,20:00,12/01/2027,23/03/2027,not 16/02/2027
        Art club,Thursday,9:30,12:00,14/01/2027,25/03/2027,
        == comes out as
        2027-01-12..2027-03-25 without 2027-02-16
        Thu 09:30–12:00 | Art club
        Tue 18:00–20:00 | Guides
        == in calendars
        Art club 11, Guides 10
        == with
        notes unsure-column
    """,
    "London: Closed, History 7A lessons, Term, Timetable 7A": r"""
        Europe/London
        == Closed.csv
        Closed,Date
        Snow,2027-01-20
        == History 7A lessons.csv
        No,Lesson,Homework
        1,Vikings,Read p. 4
        2,Longships,
        3,Runes,Write your name
        4,Trade,
        5,Review,
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-01-29
        == Timetable 7A.csv
        Class 7A,Mon,Wed
        9:00-10:00,History,History
        == comes out as
        2027-01-11 09:00–10:00 | History (7A): Vikings |  | Homework: Read p. 4
        2027-01-18 09:00–10:00 | History (7A): Runes |  | Homework: Write your name
        2027-01-25 09:00–10:00 | History (7A): Trade
        2027-01-13 09:00–10:00 | History (7A): Longships
        2027-01-27 09:00–10:00 | History (7A): Review
        == in calendars
        7A 5
    """,
    "London: Closed, Lessons, Term": r"""
        Europe/London
        == Closed.csv
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == Lessons.csv
        Class 7A,,,
        Day,Start,End,Course
        Mon,9:00,10:00,Maths
        Tue,9:00,10:00,Art
        ,,,
        Class 7B,,,
        Day,Start,End,Course
        Mon,10:00,11:00,Maths
        Tue,11:00,12:00,Art
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        == comes out as
        2027-01-11..2027-03-23 without 2027-02-15 2027-02-16
        Mon 09:00–10:00 | Maths (7A)
        Tue 09:00–10:00 | Art (7A)
        Mon 10:00–11:00 | Maths (7B)
        Tue 11:00–12:00 | Art (7B)
        == in calendars
        7A 20, 7B 20
    """,
    "London: Closed, Term, Timetable": r"""
        Europe/London
        == Closed.csv
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        == Timetable.csv
        Timetable effective from 25 January 2027,,,,
        Day,Start,End,Course,Class
        Mon,9:00,10:00,Maths,7A
        Tue,10:00,11:00,Art,7A
        == comes out as
        2027-01-25..2027-03-23 without 2027-02-15 2027-02-16
        Mon 09:00–10:00 | Maths (7A)
        Tue 10:00–11:00 | Art (7A)
        == in calendars
        7A 16
        == with
        notes note-used
    """,
    "London: Closed, Squads, Term": r"""
        Europe/London
        == Closed.csv
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == Squads.csv
        Squads (until 12 February 2027),,,
        Squad,Mon,Tue,Wed
        Juniors,16:00-17:00 Pool,,16:00-17:00 Pool
        Seniors,17:00-18:30 Pool,18:00-19:00 Gym,
        No training 25-27 January 2027,,,
        Review meeting Thursday 13:00,,,
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        == comes out as
        2027-01-11..2027-02-10 without 2027-01-25..2027-01-27
        Mon Wed 16:00–17:00 | Juniors | Pool
        Mon 17:00–18:30 | Seniors | Pool
        Tue 18:00–19:00 | Seniors | Gym
        == in calendars
        Juniors 8, Seniors 8, Gym 4, Pool 12
        == with
        warning notes-not-used Squads.csv, A6
        notes note-used
    """,
    "London: Closed, Lessons, Term (2)": r"""
        Europe/London
        == Closed.csv
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == Lessons.csv
        Day,Start,End,Course,Class
        Mon-Fri except Wed,9:00,10:00,Maths,7A
        daily except Wednesdays,10:00,10:30,Reading,7A
        Fri and Wed only,11:00,12:00,Art,7A
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15..2027-02-19
        Mon Tue Thu Fri 09:00–10:00 | Maths (7A)
        Mon Tue Thu Fri 10:00–10:30 | Reading (7A)
        Wed Fri 11:00–12:00 | Art (7A)
        == in calendars
        7A 100
    """,
    "London: Closed, History 7A lessons, Term, Timetable 7A (2)": r"""
        Europe/London
        == Closed.csv
        Closed,Date
        Snow,2027-01-20
        == History 7A lessons.csv
        No,Lesson,Homework
        1,Vikings,Read p. 4
        2,Longships,
        3,Runes,Write your name
        4,Trade,
        5,Review,
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-01-29
        == Timetable 7A.csv
        Class 7A,Mon,Wed,Fri
        9:00-10:00,History,Maths,History
        10:00-11:00,Maths,History,Art
        == comes out as
        2027-01-25 2027-01-29 09:00–10:00 | History (7A)
        2027-01-11 09:00–10:00 | History (7A): Vikings |  | Homework: Read p. 4
        2027-01-18 09:00–10:00 | History (7A): Trade
        2027-01-13 2027-01-27 09:00–10:00 | Maths (7A)
        2027-01-15 09:00–10:00 | History (7A): Runes |  | Homework: Write your name
        2027-01-22 09:00–10:00 | History (7A): Review
        2027-01-11..2027-01-25/7 10:00–11:00 | Maths (7A)
        2027-01-27 10:00–11:00 | History (7A)
        2027-01-13 10:00–11:00 | History (7A): Longships
        2027-01-15..2027-01-29/7 10:00–11:00 | Art (7A)
        == in calendars
        7A 16
        == with
        notes lessons-of-course meetings-free
    """,
    "London: Closed, Lessons, Term, Timetable 7A": r"""
        Europe/London
        == Closed.csv
        Closed,Date
        Snow,2027-01-20
        == Lessons.csv
        Class,No,Lesson
        7A,1,Vikings
        7A,2,Longships
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-01-29
        == Timetable 7A.csv
        Class 7A,Mon,Wed
        9:00-10:00,History,Maths
        10:00-11:00,Maths,History
        == is refused
        == with
        undecided Lessons.csv
    """,
    "London: 7A, Closed, Term": r"""
        Europe/London
        == 7A.csv
        7A,Mon,Tue,Thu
        9:00-10:00,Maths,Art,PE
        == Closed.csv
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        == comes out as
        2027-01-11..2027-03-25 without 2027-02-15 2027-02-16 2027-02-18
        Mon 09:00–10:00 | Maths (7A)
        Tue 09:00–10:00 | Art (7A)
        Thu 09:00–10:00 | PE (7A)
        == in calendars
        7A 30
    """,
    "London: 7A, Closed, Term (2)": r"""
        Europe/London
        == 7A.csv
        7A,Mon,Tue
        9:00-10:00,Maths,Art
        10:00-11:00,Art,Maths
        == Closed.csv
        Updated 5 January 2027,,
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        No school on the afternoon of 5 March 2027,,
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        Classrooms close at 18:00 on Fridays,,
        == comes out as
        2027-01-11..2027-03-23 without 2027-02-15 2027-02-16
        Mon 09:00–10:00 | Maths (7A)
        Tue 09:00–10:00 | Art (7A)
        Mon 10:00–11:00 | Art (7A)
        Tue 10:00–11:00 | Maths (7A)
        == in calendars
        7A 40
        == with
        warning notes-not-used Closed.csv, A4
        warning notes-not-used Term.csv, A3
    """,
    "London: Class 7A, Closed, Term": r"""
        Europe/London
        == Class 7A.csv
        Class 7A,,,
        All lessons in the Annex,,,
        Time,Mon,Tue,Wed
        9:00-10:00,Maths,Art,PE
        10:00-11:00,Art,Maths,Maths,Wednesday starts at 10:15
        No lessons on Monday 1 February 2027,,,
        == Closed.csv
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        == comes out as
        2027-01-11..2027-03-24 without 2027-02-01 2027-02-15..2027-02-17
        Mon 09:00–10:00 | Maths (7A) | Annex
        Tue 09:00–10:00 | Art (7A) | Annex
        Wed 09:00–10:00 | PE (7A) | Annex
        Mon 10:00–11:00 | Art (7A) | Annex
        Tue Wed 10:00–11:00 | Maths (7A) | Annex
        == in calendars
        7A 58, Annex 58
        == with
        warning stray-cell Class 7A.csv, E5
        notes note-used
    """,
    "London: Closed, Lessons, Term (3)": r"""
        Europe/London
        == Closed.csv
        Closed,From,To
        Half term,2027-02-15,2027-02-19
        == Lessons.csv
        Pupil,Mon,Tue,Thu
        Ada,16:00,,16:45
        Bo,,15:30,
        All lessons 45 minutes,,,
        == Term.csv
        Term,From,To
        Spring,2027-01-11,2027-03-26
        == comes out as
        2027-01-11..2027-03-25 without 2027-02-15 2027-02-16 2027-02-18
        Mon 16:00–16:45 | Ada
        Thu 16:45–17:30 | Ada
        Tue 15:30–16:15 | Bo
        == in calendars
        Ada 20, Bo 10, Ada 20, Bo 10
        == with
        notes note-used
    """,
    "London: Closed, Plan 6C, Term": r"""
        Europe/London
        == Closed.csv
        Closed,Date
        Snow,2027-01-18
        == Plan 6C.xlsx / Timetable
        6C,Mon,Tue,Wed
        9:00-10:00,Science,Maths,Science
        10:00-11:00,Maths,Art,Maths
        == Plan 6C.xlsx / Science lessons
        No,Topic
        1,Light
        2,Sound
        3,Heat
        == Term.csv
        Term,From,To
        T1,2027-01-11,2027-01-22
        == comes out as
        2027-01-11 09:00–10:00 | Science (6C): Light
        2027-01-12 2027-01-19 09:00–10:00 | Maths (6C)
        2027-01-13 09:00–10:00 | Science (6C): Sound
        2027-01-20 09:00–10:00 | Science (6C): Heat
        2027-01-11 2027-01-13 2027-01-20 10:00–11:00 | Maths (6C)
        2027-01-12 2027-01-19 10:00–11:00 | Art (6C)
        == in calendars
        6C 10
        == with
        notes lessons-of-course
    """,
    "London: Clubs, Holidays, Term dates (2)": r"""
        Europe/London
        == Clubs.csv
        After-school clubs Spring 2027 - all clubs start week beginning 11 January,,,,
        Club,Day,Time,Years,Where
        Chess,Monday,3.30-4.30,3-6,Library
        Football,Wednesday,3.30-4.45,5-6,Field
        Choir,Thursday,12.15-12.55,All,Hall
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Start,End
        Spring 2027,04/01/2027,25/03/2027
        == comes out as
        2027-01-04..2027-03-25 without 2027-02-15 2027-02-17 2027-02-18
        Mon 15:30–16:30 | Chess | Library
        Thu 12:15–12:55 | Choir | Hall
        Wed 15:30–16:45 | Football | Field
        == in calendars
        Chess 11, Choir 11, Football 11, Field 11, Hall 11, Library 11
        == with
        warning notes-not-used Clubs.csv, A1
        notes holds-for-all unsure-column
    """,
    "London: 7B, Closed, Dates, Weeks": r"""
        Europe/London
        == 7B.xlsx / Week A
        7B,Mon,Tue
        9:00-10:00,Maths,Art
        10:00-11:00,PE,Maths
        == 7B.xlsx / Week B
        7B,Mon,Tue
        9:00-10:00,English,Art
        10:00-11:00,PE,Music
        == Closed.csv
        Closed,Date
        Inset,12/01/2027
        == Dates.csv
        Term,Start,End
        Spring A,04/01/2027,29/01/2027
        == Weeks.csv
        Week beginning,Week
        04/01/2027,A
        11/01/2027,B
        18/01/2027,A
        25/01/2027,B
        == comes out as
        2027-01-04..2027-01-26 without 2027-01-12
        2027-01-04 2027-01-18 09:00–10:00 | Maths (7B)
        2027-01-05 2027-01-19 2027-01-26 09:00–10:00 | Art (7B)
        Mon 10:00–11:00 | PE (7B)
        2027-01-05 2027-01-19 10:00–11:00 | Maths (7B)
        2027-01-11 2027-01-25 09:00–10:00 | English (7B)
        2027-01-26 10:00–11:00 | Music (7B)
        == in calendars
        7B 14
    """,
    "London: Semester weeks, Teaching": r"""
        Europe/London
        == Semester weeks.csv
        Week,Monday
        1,18/01/2027
        2,25/01/2027
        3,01/02/2027
        4,08/02/2027
        5,15/02/2027
        6,22/02/2027
        7,01/03/2027
        8,08/03/2027
        9,15/03/2027
        10,22/03/2027
        11,29/03/2027
        12,05/04/2027
        == Teaching.csv
        Module,Type,Day,Start,Finish,Room,Weeks
        BIO101,Lecture,Monday,10:00,11:00,LT1,1-5; 7-12
        BIO101,Lab,Thursday,14:00,17:00,Lab 3,"2,4,6"
        CHE110,Lecture,Friday,09:00,10:00,LT2,1-12
        CHE110,Tutorial,Tuesday,16:00,17:00,S4,3-11 odd
        == is refused
        == with
        undecided closures
        notes unsure-column
    """,
    "London: No training, Season, Squad training": r"""
        Europe/London
        == No training.csv
        No training,Date
        Gala,06/02/2027
        Pool closed,15/03/2027
        == Season.csv
        Season,From,To
        Spring,11/01/2027,27/03/2027
        == Squad training.csv
        Squad,Mon,Tue,Wed,Thu,Fri,Sat
        Minnows,17:00-18:00 Small pool,,17:00-18:00 Small pool,,,09:00-10:00 Small pool
        Sharks,18:00-19:30 Main pool,18:00-19:30 Main pool,,18:00-19:30 Main pool,,07:30-09:00 Main pool
        == comes out as
        2027-01-11..2027-03-27 without 2027-02-06 2027-03-15
        Mon Wed 17:00–18:00 | Minnows | Small pool
        Sat 09:00–10:00 | Minnows | Small pool
        Mon Tue Thu 18:00–19:30 | Sharks | Main pool
        Sat 07:30–09:00 | Sharks | Main pool
        == in calendars
        Minnows 31, Sharks 42, Main pool 42, Small pool 31
    """,
    "London: Crew pattern, Period, Shift key": r"""
        Europe/London
        == Crew pattern.csv
        Pattern,DDNN----
        Crew,Starts
        Red,04/01/2027
        Blue,06/01/2027
        Green,08/01/2027
        White,10/01/2027
        == Period.csv
        Period,From,To
        Rota,04/01/2027,31/01/2027
        == Shift key.csv
        Shift,From,To
        D,07:00,19:00
        N,19:00,07:00
        == comes out as
        2027-01-04..2027-01-31
        Mon Tue Wed Thu Fri Sat Sun 07:00–19:00 | D
        Mon Tue Wed Thu Fri Sat Sun but 2027-01-04 2027-01-05 19:00–07:00 | N
        == in calendars
        Blue 14, Green 12, Red 16, White 12
        == with
        notes ends-next-day
    """,
    "Dublin: School calendar 2027, Timetable Farrelly": r"""
        Europe/Dublin
        == School calendar 2027.csv
        Event,From,To
        Term 2 opens,06/01/2027,
        Mid-term break,18/02/2027,19/02/2027
        St Patrick's Day,17/03/2027,
        Easter holidays,22/03/2027,02/04/2027
        School closes for summer,28/05/2027,
        == Timetable Farrelly.xlsx / Timetable
        Ms Farrelly,,,,
        ,08:50-09:50,09:50-10:50,11:05-12:05,12:05-13:05
        Mon,2A Eng Rm 4,,3C Eng Rm 4,5 Eng Rm 9
        Tue,,2A Eng Rm 4,,
        Wed,3C Eng Rm 4,5 Eng Rm 9,,
        Thu,2A Eng Rm 4,,,3C Eng Rm 4
        Fri,5 Eng Rm 9,,2A Eng Rm 4,
        == comes out as
        2027-01-06..2027-05-28 without 2027-02-18 2027-02-19 2027-03-17 2027-03-22 2027-03-23 2027-03-24 2027-03-25 2027-03-26 2027-03-29 2027-03-30 2027-03-31 2027-04-01 2027-04-02
        Wed 08:50–09:50 | 3C Eng | Rm 4
        Wed 09:50–10:50 | 5 Eng | Rm 9
        Mon Thu 08:50–09:50 | 2A Eng | Rm 4
        Thu 12:05–13:05 | 3C Eng | Rm 4
        Fri 08:50–09:50 | 5 Eng | Rm 9
        Fri 11:05–12:05 | 2A Eng | Rm 4
        Mon 11:05–12:05 | 3C Eng | Rm 4
        Mon 12:05–13:05 | 5 Eng | Rm 9
        Tue 09:50–10:50 | 2A Eng | Rm 4
        == in calendars
        Ms Farrelly 180, 2A Eng 72, 3C Eng 54, 5 Eng 54, Rm 4 126, Rm 9 54
    """,
    "London: Hols, Term, Year 4": r"""
        Europe/London
        == Hols.csv
        Half term,15/02/2027,19/02/2027
        INSET,04/01/2027
        == Term.csv
        Term,Starts,Ends
        Spring,04/01/2027,25/03/2027
        == Year 4.csv
        Year 4 - Mrs Dell,,,,,
        ,Mon,Tue,Wed,Thu,Fri
        8:50-9:05,Register,Register,Register,Register,Register
        9:05-10:05,Maths,English,Maths,English,Maths
        10:05-10:20,Assembly,Assembly,Assembly,Assembly,Celebration assembly
        10:20-10:40,Break,Break,Break,Break,Break
        10:40-12:00,English,Maths,Science,Maths,PE
        12:00-13:00,Lunch,Lunch,Lunch,Lunch,Lunch
        13:00-15:15,Art,Music,Topic,Computing,Golden time
        == comes out as
        2027-01-05..2027-03-25 without 2027-02-15..2027-02-19
        Mon Tue Wed Thu Fri 08:50–09:05 | Register
        Tue Thu 09:05–10:05 | English
        Mon Tue Wed Thu 10:05–10:20 | Assembly
        Tue Thu 10:40–12:00 | Maths
        Tue 13:00–15:15 | Music
        Mon Wed Fri 09:05–10:05 | Maths
        Wed 10:40–12:00 | Science
        Wed 13:00–15:15 | Topic
        Thu 13:00–15:15 | Computing
        Fri 10:05–10:20 | Celebration assembly
        Fri 10:40–12:00 | PE
        Fri 13:00–15:15 | Golden time
        Mon 10:40–12:00 | English
        Mon 13:00–15:15 | Art
        == in calendars
        Mrs Dell 265, Art 10, Assembly 43, Celebration assembly 10, Computing 11, English 32, Golden time 10, Maths 53, Music 11, PE 10, Register 53, Science 11, Topic 11
    """,
    "London: Period, Services": r"""
        Europe/London
        == Period.csv
        Period,From,To
        Spring,1 January 2027,30 April 2027
        == Services.csv
        Service,When,Time,Place
        Eucharist,1st and 3rd Sunday,10:00-11:15,St Mary
        Matins,2nd Sunday,10:00-11:00,St Mary
        Evensong,Last Sunday of the month,18:00-19:00,Chapel
        == comes out as
        2027-01-03 2027-01-17 2027-02-07..2027-04-18/14 10:00–11:15 | Eucharist | St Mary
        2027-01-10 2027-02-14 2027-03-14 2027-04-11 10:00–11:00 | Matins | St Mary
        2027-01-31 2027-02-28 2027-03-28 2027-04-25 18:00–19:00 | Evensong | Chapel
        == in calendars
        Services 16
    """,
    "London: Pupils": r"""
        Europe/London
        == Pupils.csv
        Pupil,Lesson,Where,First lesson,Last lesson,Not on
        Isla,Tuesdays 16:30 (45 min),Home,12/01/2027,23/03/2027,16/02/2027
        Rowan,Thursdays 17:15 (1 hour),School,14/01/2027,25/03/2027,18/02/2027
        == comes out as
        2027-01-12..2027-03-25 without 2027-02-16 2027-02-18
        Tue 16:30–17:15 | Isla | Home
        Thu 17:15–18:15 | Rowan | School
        == in calendars
        Isla 10, Rowan 10, Home 10, School 10, Isla 10, Rowan 10
        == with
        notes unsure-column
    """,
    "London: Bells, Days, T": r"""
        Europe/London
        == Bells.csv
        Period,Start,End,Wed start,Wed end
        1,8:00,8:50,9:00,9:40
        2,9:00,9:50,9:45,10:25
        3,10:00,10:50,,
        == Days.csv
        Date,Day
        2027-01-04,Day 1
        2027-01-05,Day 2
        2027-01-06,Day 1
        2027-01-07,Day 2
        2027-01-08,Day 1
        2027-01-11,Day 2
        2027-01-12,Day 1
        2027-01-13,Day 2
        2027-01-14,Day 1
        2027-01-15,Day 2
        2027-01-18,Day 1
        2027-01-19,Day 2
        2027-01-20,Day 1
        2027-01-21,Day 2
        2027-01-22,Day 1
        == T.csv
        Class,Room,Day,Period
        7A,1,Day 1,3
        7A,2,Day 2,3
        7B,2,Day 1,1
        == comes out as
        2027-01-04 2027-01-08 2027-01-12 2027-01-14 2027-01-18 2027-01-22 10:00–10:50 | 7A | 1 | Day 1, period 3
        2027-01-05 2027-01-07 2027-01-11 2027-01-15 2027-01-19 2027-01-21 10:00–10:50 | 7A | 2 | Day 2, period 3
        2027-01-04 2027-01-08 2027-01-12 2027-01-14 2027-01-18 2027-01-22 08:00–08:50 | 7B | 2 | Day 1, period 1
        2027-01-06 2027-01-20 09:00–09:40 | 7B | 2 | Day 1, period 1
        == in calendars
        7A 12, 7B 8, 1 6, 2 14
        == with
        notes not-rung year-is-listed
    """,
    "London: Classes, Closed, Term dates": r"""
        Europe/London
        == Classes.xlsx / Monday
        Time,Studio 1,Studio 2
        16:00-16:45,Primary ballet,Tap 1
        17:00-18:00,Grade 2,Jazz
        == Classes.xlsx / Tuesday
        Time,Studio 1,Studio 2
        16:30-17:30,Grade 3,
        17:30-18:30,Pointe,Street
        == Closed.csv
        Closed,From,To
        Half term,15/02/2027,19/02/2027
        == Term dates.csv
        Term,Start,End
        Spring,11/01/2027,26/03/2027
        == comes out as
        2027-01-11..2027-03-23 without 2027-02-15 2027-02-16
        Mon 17:00–18:00 | Grade 2 | Studio 1
        Tue 16:30–17:30 | Grade 3 | Studio 1
        Mon 17:00–18:00 | Jazz | Studio 2
        Tue 17:30–18:30 | Pointe | Studio 1
        Mon 16:00–16:45 | Primary ballet | Studio 1
        Tue 17:30–18:30 | Street | Studio 2
        Mon 16:00–16:45 | Tap 1 | Studio 2
        == in calendars
        Grade 2 10, Grade 3 10, Jazz 10, Pointe 10, Primary ballet 10, Street 10, Tap 1 10, Studio 1 40, Studio 2 30
    """,
    "London: Holidays, Peripatetic": r"""
        Europe/London
        == Holidays.csv
        Holiday,From,To
        Half term,15/02/2027,19/02/2027
        == Peripatetic.csv
        Tutor,Instrument,School,Day,Arrive,Leave,Start week,Weeks
        Holt,Brass,Larkhill,Tuesday,09:00,11:30,11/01/2027,10
        Iqbal,Strings,St Brendan,Thursday,13:00,15:15,18/01/2027,9
        == comes out as
        2027-01-12..2027-03-18 without 2027-01-14 2027-02-16 2027-02-18
        Tue 09:00–11:30 | Brass | Larkhill
        Thu 13:00–15:15 | Strings | St Brendan
        == in calendars
        Holt 9, Iqbal 8, Brass 9, Strings 8, Larkhill 9, St Brendan 8
        == with
        warning weeks-closed Peripatetic.csv, H2
        warning weeks-closed Peripatetic.csv, H3
        notes unsure-column
    """,
    "London: Bell times, Holidays, Terms, Timetable": r"""
        Europe/London
        == Bell times.csv
        Campus,Period,Start,End
        North,1,09:00,10:30
        North,2,10:45,12:15
        South,1,09:15,10:45
        South,2,11:00,12:30
        == Holidays.csv
        Holiday,Start,End
        Half term,15/02/2027,19/02/2027
        == Terms.csv
        Term,Start,End
        Spring,11/01/2027,26/03/2027
        == Timetable.csv
        Class,Campus,Room,Day,Period
        WLD1,North,W1,Mon,1
        CAR2,South,C3,Mon,1
        CAR2,South,C3,Wed,2
        == comes out as
        2027-01-11..2027-03-24 without 2027-02-15 2027-02-17
        Mon 09:15–10:45 | CAR2 | C3 | Period 1
        Wed 11:00–12:30 | CAR2 | C3 | Period 2
        Mon 09:00–10:30 | WLD1 | W1 | Period 1
        == in calendars
        CAR2 20, WLD1 10, C3 20, W1 10
        == with
        notes unsure-column
    """,
    "London: Dates of term, Holidays, Training times": r"""
        Europe/London
        == Dates of term.csv
        Term dates 2026-27,,
        ,,
        Semester,Opens,Closes
        Autumn term,07 September 2026,18 December 2026
        == Holidays.csv
        Description,Opens,Closes
        Half term,26 October 2026,30 October 2026
        Staff training day,20 November 2026,20 November 2026
        == Training times.csv
        Training times 2026-27,,,,
        Session,Weekday,Hours,Where,Coach
        U12 Girls,Fri,5:30 PM - 7:00 PM,Main Gym,Orla Penn
        U14 Boys,Fri,8:00 AM-9:30 AM,Pool 1,Mr. Marsh
        Masters,Thurs,10:00 AM to 12:00 PM,Court 3,A. Quill
        Juniors,Mon/Fri,10:00 AM–11:15 AM,North Field,"Reyes, Tom"
        == comes out as
        2026-09-07..2026-12-18 without 2026-10-26 2026-10-29 2026-10-30 2026-11-20
        Thu 10:00–12:00 | Masters | Court 3
        Fri 08:00–09:30 | U14 Boys | Pool 1
        Fri 17:30–19:00 | U12 Girls | Main Gym
        Mon Fri 10:00–11:15 | Juniors | North Field
        == in calendars
        A. Quill 14, Mr. Marsh 13, Orla Penn 13, Reyes 27, Tom 27, Juniors 27, Masters 14, U12 Girls 13, U14 Boys 13, Court 3 14, Main Gym 13, North Field 27, Pool 1 13
        == with
        notes unsure-column
    """,
    "Dublin: Days off, Rehearsals": r"""
        Europe/Dublin
        == Days off.csv
        What,First day,Last day
        Half term,Mon 26 Oct 2026,Fri 30 Oct 2026
        Staff training day,Fri 20 Nov 2026,Fri 20 Nov 2026
        == Rehearsals.csv
        Ensemble,Day,Start,End,Room,Conductor,First day,Last day,Fee
        Chamber Choir,Wednesday & Friday,10:30,11:30,Hall A,Orla Penn,Mon 14 Sep 2026,Fri 20 Nov 2026,£65
        Junior Choir,Tuesday,09:15,10:45,Studio 2,Mr. Marsh,Mon 21 Sep 2026,Fri 11 Dec 2026,£40
        Orchestra,Monday,16:30,17:45,Rehearsal Room,A. Quill,Mon 05 Oct 2026,Fri 04 Dec 2026,£65
        Wind Band,Wednesday,17:00,19:00,Stage,"Reyes, Tom",Mon 14 Sep 2026,Fri 18 Dec 2026,£40
        ,,,,,,,,
        Subject to change,,,,,,,,
        == comes out as
        2026-09-16..2026-12-16 without 2026-09-21 2026-09-28 2026-10-26..2026-10-28 2026-10-30 2026-11-20..2026-12-11/7 2026-12-07 2026-12-14 2026-12-15
        Mon 16:30–17:45 | Orchestra | Rehearsal Room
        Tue 09:15–10:45 | Junior Choir | Studio 2
        Wed Fri but 2026-11-25..2026-12-16/7 10:30–11:30 | Chamber Choir | Hall A
        Wed 17:00–19:00 | Wind Band | Stage
        == in calendars
        A. Quill 8, Mr. Marsh 11, Orla Penn 17, Reyes 13, Tom 13, Chamber Choir 17, Junior Choir 11, Orchestra 8, Wind Band 13, Hall A 17, Rehearsal Room 8, Stage 13, Studio 2 11
    """,
    "London: Holidays, Terms, Timetable": r"""
        Europe/London
        == Timetable.csv
        Kestrel Primary weekly timetable
        ,Monday,Tuesday,Wednesday,Thursday,Friday
        Class 3
        9:00-10:00,Maths,English,Maths,English,Maths
        10:15-11:15,English,Maths,Science,Maths,Art
        Class 4
        9:00-10:00,English,Maths,English,Maths,English
        10:15-11:15,Maths,Science,Maths,Art,Maths
        == Terms.csv
        Term,Start,End
        Autumn,7 Sep 2026,18 Dec 2026
        == Holidays.csv
        Holiday,From,To
        Half term,26 Oct 2026,30 Oct 2026
        == comes out as
        2026-09-07..2026-12-18 without 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30
        Mon 10:15–11:15 | English (3)
        Mon Wed Fri 09:00–10:00 | English (4)
        Mon Wed Fri 09:00–10:00 | Maths (3)
        Mon Wed Fri 10:15–11:15 | Maths (4)
        Tue 10:15–11:15 | Science (4)
        Tue Thu 09:00–10:00 | English (3)
        Tue Thu 09:00–10:00 | Maths (4)
        Tue Thu 10:15–11:15 | Maths (3)
        Wed 10:15–11:15 | Science (3)
        Thu 10:15–11:15 | Art (4)
        Fri 10:15–11:15 | Art (3)
        == in calendars
        3 140, 4 140
    """,
    "London: Autumn programme, Lessons": r"""
        Europe/London
        == Autumn programme.csv
        Term,Starts,Ends,Half term
        Autumn 2026,Mon 7 September,Sat 12 December,26-30 October
        == Lessons.csv
        Level,Day,Start time,Duration (mins),Pool,Teacher
        Stage 1,Monday,16:00,30,Learner,Kay
        Stage 2,Monday,16:30,30,Learner,Kay
        Stage 5,Wednesday,17:00,45,Main,Lou
        Stage 1,Saturday,09:00,30,Learner,Kay
        == comes out as
        2026-09-07..2026-12-12 without 2026-10-26 2026-10-28
        Mon 16:00–16:30 | Stage 1 | Learner
        Mon 16:30–17:00 | Stage 2 | Learner
        Wed 17:00–17:45 | Stage 5 | Main
        Sat 09:00–09:30 | Stage 1 | Learner
        == in calendars
        Kay 40, Lou 13, Stage 1 27, Stage 2 13, Stage 5 13, Learner 40, Main 13
        == with
        notes dates-under-captions unsure-column
    """,
    "London: Closed, Term, Timetable 5B": r"""
        Europe/London
        == Timetable 5B.csv
        Class 5B
        Time,Mon,Tue,Wed,Thu,Fri
        9.00,Maths,English,Maths,English,Art
        10.00,English,Maths,English,Maths,Maths
        11.15,Science,PE,,Science,PE
        12.15,Lunch,Lunch,,Lunch,Lunch
        1.15,History,Art,,Music,Golden time
        2.15,,,,,
        == Term.csv
        Term,From,To
        Autumn,07/09/2026,16/10/2026
        == Closed.csv
        Date,Reason
        21/09/2026,Inset
        == comes out as
        2026-09-07..2026-10-16 without 2026-09-21
        Mon 13:15–14:15 | History (5B)
        Mon Thu 11:15–12:15 | Science (5B)
        Mon Wed 09:00–10:00 | Maths (5B)
        Mon Wed 10:00–11:00 | English (5B)
        Tue 13:15–14:15 | Art (5B)
        Tue Fri 11:15–12:15 | PE (5B)
        Tue Thu 09:00–10:00 | English (5B)
        Tue Thu Fri 10:00–11:00 | Maths (5B)
        Thu 13:15–14:15 | Music (5B)
        Fri 09:00–10:00 | Art (5B)
        Fri 13:15–14:15 | Golden time (5B)
        == in calendars
        5B 104
        == with
        notes starts-alone
    """,
    "London: Closed, Term, Timetable from 2 November 2026, Timetable from 7 September 2026": r"""
        Europe/London
        == Timetable from 7 September 2026.csv
        Time,Mon,Tue,Wed,Thu,Fri
        9.00-10.00,Maths,English,Maths,English,Art
        10.00-11.00,English,Maths,English,Maths,PE
        == Timetable from 2 November 2026.csv
        Time,Mon,Tue,Wed,Thu,Fri
        9.00-10.00,English,Maths,English,Maths,Art
        10.00-11.00,Maths,English,Maths,English,PE
        == Term.csv
        Term,Start,End
        Autumn,07/09/2026,18/12/2026
        == Closed.csv
        Date,Reason
        19/10/2026 - 30/10/2026,Half term
        == comes out as
        2026-09-07..2026-12-18 without 2026-10-19 2026-10-20 2026-10-21 2026-10-22 2026-10-23 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30
        2026-09-07 2026-09-09 2026-09-14 2026-09-16 2026-09-21 2026-09-23 2026-09-28 2026-09-30 2026-10-05 2026-10-07 2026-10-12 2026-10-14 2026-11-03 2026-11-05 2026-11-10 2026-11-12 2026-11-17 2026-11-19 2026-11-24 2026-11-26 2026-12-01 2026-12-03 2026-12-08 2026-12-10 2026-12-15 2026-12-17 09:00–10:00 | Maths
        2026-09-07 2026-09-09 2026-09-14 2026-09-16 2026-09-21 2026-09-23 2026-09-28 2026-09-30 2026-10-05 2026-10-07 2026-10-12 2026-10-14 2026-11-03 2026-11-05 2026-11-10 2026-11-12 2026-11-17 2026-11-19 2026-11-24 2026-11-26 2026-12-01 2026-12-03 2026-12-08 2026-12-10 2026-12-15 2026-12-17 10:00–11:00 | English
        2026-09-08 2026-09-10 2026-09-15 2026-09-17 2026-09-22 2026-09-24 2026-09-29 2026-10-01 2026-10-06 2026-10-08 2026-10-13 2026-10-15 2026-11-02 2026-11-04 2026-11-09 2026-11-11 2026-11-16 2026-11-18 2026-11-23 2026-11-25 2026-11-30 2026-12-02 2026-12-07 2026-12-09 2026-12-14 2026-12-16 09:00–10:00 | English
        2026-09-08 2026-09-10 2026-09-15 2026-09-17 2026-09-22 2026-09-24 2026-09-29 2026-10-01 2026-10-06 2026-10-08 2026-10-13 2026-10-15 2026-11-02 2026-11-04 2026-11-09 2026-11-11 2026-11-16 2026-11-18 2026-11-23 2026-11-25 2026-11-30 2026-12-02 2026-12-07 2026-12-09 2026-12-14 2026-12-16 10:00–11:00 | Maths
        Fri 09:00–10:00 | Art
        Fri 10:00–11:00 | PE
        == in calendars
        Art 13, English 52, Maths 52, PE 13
        == with
        notes cells-meet holds-for-dates superseded
    """,
    "London: Closed, Clubs, Clubs": r"""
        Europe/London
        == Clubs.xlsx / 7 Sep 2026 - 16 Oct 2026
        Club,Day,Time,Room
        Chess,Mon,15:30-16:30,L1
        Choir,Tue,15:30-16:30,Hall
        == Clubs.xlsx / 2 Nov 2026 - 18 Dec 2026
        Club,Day,Time,Room
        Chess,Tue,15:30-16:30,L1
        Choir,Wed,15:30-16:30,Hall
        == Closed.csv
        Date,Reason
        23/11/2026,Inset
        == comes out as
        2026-09-07..2026-12-16 without 2026-09-09 2026-09-16 2026-09-23 2026-09-30 2026-10-07 2026-10-14 2026-10-19 2026-10-20 2026-10-21 2026-10-26 2026-10-27 2026-10-28 2026-11-02 2026-11-09 2026-11-16 2026-11-23 2026-11-30 2026-12-07 2026-12-14
        Mon Tue but 2026-09-08 2026-09-15 2026-09-22 2026-09-29 2026-10-06 2026-10-13 15:30–16:30 | Chess | L1
        2026-09-08 2026-09-15 2026-09-22 2026-09-29 2026-10-06 2026-10-13 2026-11-04 2026-11-11 2026-11-18 2026-11-25 2026-12-02 2026-12-09 2026-12-16 15:30–16:30 | Choir | Hall
        == in calendars
        Chess 13, Choir 13, Hall 13, L1 13
        == with
        notes holds-for-dates unsure-column
    """,
    "London: Closed, Rota, Rota, Terms": r"""
        Europe/London
        == Rota.xlsx / From 7 Sep 2026
        Club,Day,Time
        Chess,Mon,15:30-16:30
        == Rota.xlsx / From 2 Nov 2026
        Club,Day,Time
        Chess,Tue,15:30-16:30
        == Terms.csv
        Term,From,To
        Autumn,07/09/2026,18/12/2026
        == Closed.csv
        Date,Reason
        19/10/2026,Inset
        == comes out as
        2026-09-07..2026-12-15 without 2026-09-08 2026-09-15 2026-09-22 2026-09-29 2026-10-06 2026-10-13 2026-10-19 2026-10-20 2026-10-27 2026-11-02 2026-11-09 2026-11-16 2026-11-23 2026-11-30 2026-12-07 2026-12-14
        Mon Tue 15:30–16:30 | Chess
        == in calendars
        Chess 14
        == with
        notes holds-for-dates superseded unsure-column
    """,
    "London: Autumn timetable 4C, Closed, Spring timetable 4C, Terms": r"""
        Europe/London
        == Autumn timetable 4C.csv
        Time,Mon,Tue,Wed,Thu,Fri
        9.00-10.00,Maths,English,Maths,English,Art
        == Spring timetable 4C.csv
        Time,Mon,Tue,Wed,Thu,Fri
        9.00-10.00,English,Maths,English,Maths,Music
        == Terms.csv
        Term,From,To
        Autumn,07/09/2026,16/10/2026
        Spring,11/01/2027,12/02/2027
        == Closed.csv
        Date,Reason
        21/09/2026,Inset
        == comes out as
        2026-09-07..2027-02-12 without 2026-09-21 2026-10-19 2026-10-20 2026-10-21 2026-10-22 2026-10-23 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30 2026-11-02 2026-11-03 2026-11-04 2026-11-05 2026-11-06 2026-11-09 2026-11-10 2026-11-11 2026-11-12 2026-11-13 2026-11-16 2026-11-17 2026-11-18 2026-11-19 2026-11-20 2026-11-23 2026-11-24 2026-11-25 2026-11-26 2026-11-27 2026-11-30 2026-12-01 2026-12-02 2026-12-03 2026-12-04 2026-12-07 2026-12-08 2026-12-09 2026-12-10 2026-12-11 2026-12-14 2026-12-15 2026-12-16 2026-12-17 2026-12-18 2026-12-21 2026-12-22 2026-12-23 2026-12-24 2026-12-25 2026-12-28 2026-12-29 2026-12-30 2026-12-31 2027-01-01 2027-01-04 2027-01-05 2027-01-06 2027-01-07 2027-01-08
        2026-09-07 2026-09-09 2026-09-14 2026-09-16 2026-09-23 2026-09-28 2026-09-30 2026-10-05 2026-10-07 2026-10-12 2026-10-14 2027-01-12 2027-01-14 2027-01-19 2027-01-21 2027-01-26 2027-01-28 2027-02-02 2027-02-04 2027-02-09 2027-02-11 09:00–10:00 | Maths (4C)
        2026-09-08 2026-09-10 2026-09-15 2026-09-17 2026-09-22 2026-09-24 2026-09-29 2026-10-01 2026-10-06 2026-10-08 2026-10-13 2026-10-15 2027-01-11 2027-01-13 2027-01-18 2027-01-20 2027-01-25 2027-01-27 2027-02-01 2027-02-03 2027-02-08 2027-02-10 09:00–10:00 | English (4C)
        2026-09-11 2026-09-18 2026-09-25 2026-10-02 2026-10-09 2026-10-16 09:00–10:00 | Art (4C)
        2027-01-15 2027-01-22 2027-01-29 2027-02-05 2027-02-12 09:00–10:00 | Music (4C)
        == in calendars
        4C 54
        == with
        notes holds-for-all
    """,
    "Dublin: Options, Terms, Timetable 5th Year": r"""
        Europe/Dublin
        == Timetable 5th Year.csv
        ,Mon,Tue,Wed,Thu,Fri
        8:50-9:30,Irish,Option A,Maths,English,Option C
        9:30-10:10,Option B,Option A,English,Maths,Option C
        10:10-10:50,Maths,English,Option B,Irish,PE
        11:05-11:45,English,Irish,Option B,Option D,Maths
        11:45-12:25,Option D,Maths,Irish,Option D,English
        == Options.csv
        Option,Subject,Teacher,Room
        A,Physics,Mr Doyle,Lab 1
        A,Art,Ms Keane,Art Room
        B,Geography,Ms Tobin,R4
        C,Music,Mr Casey,Music Room
        D,Business,Ms Roche,R9
        == Terms.csv
        Term,Starts,Finishes,Mid-term break
        Autumn,31/08/2026,18/12/2026,26/10/2026 - 30/10/2026
        Spring,04/01/2027,19/03/2027,15/02/2027 - 19/02/2027
        == comes out as
        2026-08-31..2027-03-19 without 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30 2026-12-21 2026-12-22 2026-12-23 2026-12-24 2026-12-25 2026-12-28 2026-12-29 2026-12-30 2026-12-31 2027-01-01 2027-02-15 2027-02-16 2027-02-17 2027-02-18 2027-02-19
        Mon 08:50–09:30 | Irish (5th)
        Mon 09:30–10:10 | Geography (5th) | R4
        Mon 10:10–10:50 | Maths (5th)
        Mon 11:05–11:45 | English (5th)
        Mon Thu 11:45–12:25 | Business (5th) | R9
        Tue 08:50–09:30 | Art (5th) | Art Room
        Tue 08:50–09:30 | Physics (5th) | Lab 1
        Tue 09:30–10:10 | Art (5th) | Art Room
        Tue 09:30–10:10 | Physics (5th) | Lab 1
        Tue 10:10–10:50 | English (5th)
        Tue 11:05–11:45 | Irish (5th)
        Tue 11:45–12:25 | Maths (5th)
        Wed 08:50–09:30 | Maths (5th)
        Wed 09:30–10:10 | English (5th)
        Wed 10:10–10:50 | Geography (5th) | R4
        Wed 11:05–11:45 | Geography (5th) | R4
        Wed 11:45–12:25 | Irish (5th)
        Thu 08:50–09:30 | English (5th)
        Thu 09:30–10:10 | Maths (5th)
        Thu 10:10–10:50 | Irish (5th)
        Thu 11:05–11:45 | Business (5th) | R9
        Fri 08:50–09:30 | Music (5th) | Music Room
        Fri 09:30–10:10 | Music (5th) | Music Room
        Fri 10:10–10:50 | PE (5th)
        Fri 11:05–11:45 | Maths (5th)
        Fri 11:45–12:25 | English (5th)
        == in calendars
        Mr Casey 50, Mr Doyle 50, Ms Keane 50, Ms Roche 75, Ms Tobin 75, 5th 675, Art Room 50, Lab 1 50, Music Room 50, R4 75, R9 75
        == with
        warning same-slot Options.csv, A2:D2
        warning block-unexplained Timetable 5th Year.csv, B2
        warning block-unexplained Timetable 5th Year.csv, D2
        warning block-unexplained Timetable 5th Year.csv, E2
        warning without-value Timetable 5th Year.csv, B2
        warning block-unexplained Timetable 5th Year.csv, F4
    """,
    "London: Half term, Lesson times, Term, Timetable 7S, Weeks": r"""
        Europe/London
        == Timetable 7S.csv
        Form 7S,Week A,,,,,Week B,,,,
        ,Mon,Tue,Wed,Thu,Fri,Mon,Tue,Wed,Thu,Fri
        P1,Maths,English,French,Maths,Art,English,Maths,French,Science,Art
        P2,English,Maths,Science,History,PE,Maths,Science,English,Maths,PE
        P3,Science,Music,Games,English,French,Geography,Music,Games,English,Maths
        == Lesson times.csv
        Lesson,Start,End
        P1,8:45,9:40
        P2,9:45,10:40
        P3,11:00,11:55
        == Weeks.csv
        Week commencing,Week
        11/01/2027,A
        18/01/2027,B
        25/01/2027,A
        01/02/2027,B
        08/02/2027,A
        22/02/2027,B
        == Term.csv
        Term,First day,Last day
        Lent,11/01/2027,26/02/2027
        == Half term.csv
        Half term,15/02/2027,19/02/2027
        == comes out as
        2027-01-11..2027-02-26 without 2027-02-15 2027-02-16 2027-02-17 2027-02-18 2027-02-19
        2027-01-11 2027-01-14 2027-01-19 2027-01-25 2027-01-28 2027-02-02 2027-02-08 2027-02-11 2027-02-23 08:45–09:40 | Maths (7S) |  | Period 1
        2027-01-11 2027-01-20 2027-01-25 2027-02-03 2027-02-08 2027-02-24 09:45–10:40 | English (7S) |  | Period 2
        2027-01-11 2027-01-25 2027-02-08 11:00–11:55 | Science (7S) |  | Period 3
        2027-01-12 2027-01-18 2027-01-21 2027-01-26 2027-02-01 2027-02-04 2027-02-09 2027-02-22 2027-02-25 09:45–10:40 | Maths (7S) |  | Period 2
        2027-01-12 2027-01-18 2027-01-26 2027-02-01 2027-02-09 2027-02-22 08:45–09:40 | English (7S) |  | Period 1
        Tue 11:00–11:55 | Music (7S) |  | Period 3
        2027-01-13 2027-01-19 2027-01-27 2027-02-02 2027-02-10 2027-02-23 09:45–10:40 | Science (7S) |  | Period 2
        Wed 08:45–09:40 | French (7S) |  | Period 1
        Wed 11:00–11:55 | Games (7S) |  | Period 3
        2027-01-14 2027-01-28 2027-02-11 09:45–10:40 | History (7S) |  | Period 2
        Thu 11:00–11:55 | English (7S) |  | Period 3
        2027-01-15 2027-01-29 2027-02-12 11:00–11:55 | French (7S) |  | Period 3
        Fri 08:45–09:40 | Art (7S) |  | Period 1
        Fri 09:45–10:40 | PE (7S) |  | Period 2
        2027-01-18 2027-02-01 2027-02-22 11:00–11:55 | Geography (7S) |  | Period 3
        2027-01-21 2027-02-04 2027-02-25 08:45–09:40 | Science (7S) |  | Period 1
        2027-01-22 2027-02-05 2027-02-26 11:00–11:55 | Maths (7S) |  | Period 3
        == in calendars
        7S 90
    """,
    "Dublin: House exams": r"""
        Europe/Dublin
        == House exams.csv
        House exams – May 2027,,,
        Date,Session,2nd Year,5th Year
        Mon 17 May,9.00am,English (2 h),Maths P1 (2.5 h)
        ,1.30pm,Geography (1.5 h),
        Tue 18 May,9.00am,Maths (2 h),Irish P1 (2 h)
        == comes out as
        2027-05-17 09:00–11:00 | English
        2027-05-17 09:00–11:30 | Maths P1
        2027-05-17 13:30–15:00 | Geography
        2027-05-18 09:00–11:00 | Irish P1
        2027-05-18 09:00–11:00 | Maths
        == in calendars
        2nd Year 3, 5th Year 2
        == with
        notes day-carried year-of-title
    """,
    "London: Closures, Lessons, Terms": r"""
        Europe/London
        == Lessons.csv
        Class,Day,Start,End,Subject
        7A,Wednesday,09:00,10:00,Maths
        7A,Wednesday,14:00,15:00,Games
        == Terms.csv
        Term,From,To
        Autumn,2026-09-07,2026-10-23
        == Closures.csv
        Event,Date,Closed
        Staff conference,2026-09-23,afternoon
        Open morning,2026-09-30,until 10:30
        Founders Day,2026-10-14,all day
        == comes out as
        2026-09-09..2026-10-21 without 2026-10-14
        Wed but 2026-09-23 14:00–15:00 | Games (7A)
        Wed but 2026-09-30 09:00–10:00 | Maths (7A)
        == in calendars
        7A 10
        == with
        notes not-rung part-of-day
    """,
    "London: Closures, Period times, Staff list, Timetable export, Week calendar": r"""
        Europe/London
        == Timetable export.csv
        Class,Subject,Staff,Room,Slot
        12A/Ma1,Mathematics,RGR,M4,1Mon:2
        12A/Ma1,Mathematics,RGR,M4,2Tue:1
        12B/Ph1,Physics,TKL,S2,1Wed:1
        12B/Ph1,Physics,TKL,S2,2Mon:2
        == Staff list.csv
        Code,Surname,Title
        RGR,Granger,Mr
        TKL,Kellett,Dr
        == Period times.csv
        Period,Start,End
        1,09:00,10:00
        2,10:15,11:15
        == Week calendar.csv
        Week commencing,Week
        04/01/2027,1
        11/01/2027,2
        18/01/2027,1
        25/01/2027,2
        01/02/2027,1
        08/02/2027,2
        == Closures.csv
        Date,Reason
        Mon 4 January 2027,Staff training
        == comes out as
        2027-01-06 2027-01-20 2027-02-03 09:00–10:00 | Physics (12B/Ph1) | S2 | Period 1
        2027-01-11 2027-01-25 2027-02-08 10:15–11:15 | Physics (12B/Ph1) | S2 | Period 2
        2027-01-12 2027-01-26 2027-02-09 09:00–10:00 | Mathematics (12A/Ma1) | M4 | Period 1
        2027-01-18 2027-02-01 10:15–11:15 | Mathematics (12A/Ma1) | M4 | Period 2
        == in calendars
        Dr Kellett 6, Mr Granger 5, 12A/Ma1 5, 12B/Ph1 6, M4 5, S2 6
    """,
    "Dublin: School calendar 2026-27, Timetables, Timetables": r"""
        Europe/Dublin
        == Timetables.xlsx / Ms Daly 3rd class
        Time,Monday,Tuesday,Wednesday,Thursday,Friday
        9:00-9:40,English,Irish,English,Maths,English
        9:40-10:20,Maths,English,Maths,Irish,Art
        Lunch,,,,,
        11:10-11:50,Irish,PE,SESE,Music,Irish
        == Timetables.xlsx / Mr Roche 5th class
        Time,Monday,Tuesday,Wednesday,Thursday,Friday
        9:00-9:40,Maths,Maths,Irish,English,PE
        9:40-10:20,English,Irish,Maths,Maths,Maths
        Lunch,,,,,
        11:10-11:50,SESE,Music,English,Irish,Art
        == School calendar 2026-27.csv
        School re-opens,Wed 6 January 2027
        Mid-term break,Mon 15 February – Fri 19 February 2027
        St Patrick's Day,Wed 17 March 2027
        School closes for Easter,Fri 19 March 2027
        == comes out as
        2027-01-06..2027-03-19 without 2027-02-15 2027-02-16 2027-02-17 2027-02-18 2027-02-19 2027-03-17
        Mon Wed 09:40–10:20 | Maths (Ms Daly 3rd)
        Mon Wed Fri 09:00–09:40 | English (Ms Daly 3rd)
        Wed 09:00–09:40 | Irish (Mr Roche 5th)
        Wed 11:10–11:50 | English (Mr Roche 5th)
        Wed 11:10–11:50 | SESE (Ms Daly 3rd)
        Wed Thu Fri 09:40–10:20 | Maths (Mr Roche 5th)
        Thu 09:00–09:40 | English (Mr Roche 5th)
        Thu 09:00–09:40 | Maths (Ms Daly 3rd)
        Thu 09:40–10:20 | Irish (Ms Daly 3rd)
        Thu 11:10–11:50 | Irish (Mr Roche 5th)
        Thu 11:10–11:50 | Music (Ms Daly 3rd)
        Fri 09:00–09:40 | PE (Mr Roche 5th)
        Fri 09:40–10:20 | Art (Ms Daly 3rd)
        Fri 11:10–11:50 | Art (Mr Roche 5th)
        Mon Fri 11:10–11:50 | Irish (Ms Daly 3rd)
        Mon 09:40–10:20 | English (Mr Roche 5th)
        Mon 11:10–11:50 | SESE (Mr Roche 5th)
        Mon Tue 09:00–09:40 | Maths (Mr Roche 5th)
        Tue 09:00–09:40 | Irish (Ms Daly 3rd)
        Tue 09:40–10:20 | English (Ms Daly 3rd)
        Tue 09:40–10:20 | Irish (Mr Roche 5th)
        Tue 11:10–11:50 | Music (Mr Roche 5th)
        Tue 11:10–11:50 | PE (Ms Daly 3rd)
        == in calendars
        Mr Roche 5th 141, Ms Daly 3rd 141
    """,
}
