"""Folders as schools, clubs and offices of the Americas keep them; read by test_folders_as_kept."""

KEPT = {
    "Chicago: No class dates, Spring 2027 sections": r"""
        America/Chicago
        == No class dates.csv
        Date,Reason
        03/15/2027-03/19/2027,Spring break
        04/02/2027,Good Friday
        == Spring 2027 sections.csv
        CRN,Course,Title,Days,Times,Location,Instructor,Start date,End date
        20411,HIST 101,World History,MWF,9:00-9:50 am,Cole 210,R. Ames,01/19/2027,05/07/2027
        20412,BIOL 150L,Biology Lab,T,1:00-3:50 pm,Sci 114,L. Ortiz,01/19/2027,05/07/2027
        20413,ENGL 210,Short Story,TTh,11:00 am-12:15 pm,Cole 101,P. Dunn,01/19/2027,03/12/2027
        == comes out as
        2027-01-19..2027-05-07 without 2027-03-15..2027-03-19 2027-03-25..2027-05-06/7 2027-04-02
        Tue 13:00–15:50 | BIOL 150L Biology Lab (20412) | Sci 114
        2027-01-19..2027-03-09/7 2027-01-21..2027-03-11/7 11:00–12:15 | ENGL 210 Short Story (20413) | Cole 101
        Mon Wed Fri 09:00–09:50 | HIST 101 World History (20411) | Cole 210
        == in calendars
        L. Ortiz 15, P. Dunn 16, R. Ames 43, 20411 43, 20412 15, 20413 16, Cole 101 16, Cole 210 43, Sci 114 15
    """,
    "Toronto: Bells, Day cycle, My timetable": r"""
        America/Toronto
        == Bells.csv
        Period,Begins,Ends
        1,8:40,9:55
        2,10:05,11:20
        == Day cycle.csv
        Date,Day
        2026-09-08,Day 1
        2026-09-09,Day 2
        2026-09-10,Day 3
        2026-09-11,Day 4
        2026-09-14,Day 1
        2026-09-15,Day 2
        2026-09-16,Day 3
        2026-09-17,Day 4
        2026-09-18,Day 1
        2026-09-21,Day 2
        2026-09-22,Day 3
        2026-09-23,Day 4
        2026-09-24,Day 1
        2026-09-25,Day 2
        2026-09-28,Day 3
        2026-09-29,Day 4
        2026-10-01,Day 1
        2026-10-02,Day 2
        == My timetable.csv
        Period,Day 1,Day 2,Day 3,Day 4
        1,Art 8A,Math 8B,,Art 8B
        2,,Art 8A,Math 8B,
        == comes out as
        2026-09-08 2026-09-14 2026-09-18 2026-09-24 2026-10-01 08:40–09:55 | Art 8A |  | Day 1, period 1
        2026-09-09 2026-09-15 2026-09-21 2026-09-25 2026-10-02 10:05–11:20 | Art 8A |  | Day 2, period 2
        2026-09-11 2026-09-17 2026-09-23 2026-09-29 08:40–09:55 | Art 8B |  | Day 4, period 1
        2026-09-09 2026-09-15 2026-09-21 2026-09-25 2026-10-02 08:40–09:55 | Math 8B |  | Day 2, period 1
        2026-09-10 2026-09-16 2026-09-22 2026-09-28 10:05–11:20 | Math 8B |  | Day 3, period 2
        == in calendars
        Art 8A 10, Art 8B 4, Math 8B 9
        == with
        notes cells-meet year-is-listed
    """,
    "Toronto: Room bookings": r"""
        America/Toronto
        == Room bookings.csv
        Room,Booked by,Date,From,To,Purpose,Repeats
        Harbour,Finance,2026-10-05,9:00,10:30,Budget review,weekly until 2026-11-02
        Pier,HR,2026-10-06,13:00,14:00,Interview,
        Harbour,IT,2026-10-07,15:00,15:30,Stand-up,daily until 2026-10-09
        == comes out as
        2026-10-05..2026-11-02
        Mon 09:00–10:30 | Budget review | Harbour
        2026-10-06 13:00–14:00 | Interview | Pier
        2026-10-07 2026-10-08 2026-10-09 15:00–15:30 | Stand-up | Harbour
        == in calendars
        Room bookings 9
        == with
        notes no-address
    """,
    "Chicago: Courses, Holidays, Terms": r"""
        America/Chicago
        == Courses.csv
        Course,Title,Meets,Room,Instructor
        BIO 101,Biology,MWF 9:00-9:50,Hall 2,R. Ames
        CHEM 110,Chemistry,TTh 11:00-12:15,Lab 1,L. Ortiz
        ART 5,Drawing,T 1:00-3:50pm,Studio,P. Dunn
        == Holidays.csv
        Holiday,Date
        Labor Day,2026-09-07
        == Terms.csv
        Term,Start,End
        Fall,2026-08-24,2026-12-11
        == comes out as
        2026-08-24..2026-12-11 without 2026-09-07
        Tue Thu 11:00–12:15 | Chemistry (CHEM 110) | Lab 1
        Tue 13:00–15:50 | Drawing (ART 5) | Studio
        Mon Wed Fri 09:00–09:50 | Biology (BIO 101) | Hall 2
        == in calendars
        L. Ortiz 32, P. Dunn 16, R. Ames 47, ART 5 16, BIO 101 47, CHEM 110 32, Hall 2 47, Lab 1 32, Studio 16
    """,
    "Chicago: Courses, Holidays, Terms (2)": r"""
        America/Chicago
        == Courses.csv
        Course,Title,Meeting pattern,Room,Instructor
        BIO 101,Biology,MWF 9:00-9:50,Hall 2,R. Ames
        CHEM 110,Chemistry,TTh 11:00-12:15,Lab 1,L. Ortiz
        ART 5,Drawing,T 1:00-3:50pm,Studio,P. Dunn
        == Holidays.csv
        Holiday,Date
        Labor Day,2026-09-07
        == Terms.csv
        Term,Start,End
        Fall,2026-08-24,2026-12-11
        == comes out as
        2026-08-24..2026-12-11 without 2026-09-07
        Tue Thu 11:00–12:15 | Chemistry (CHEM 110) | Lab 1
        Tue 13:00–15:50 | Drawing (ART 5) | Studio
        Mon Wed Fri 09:00–09:50 | Biology (BIO 101) | Hall 2
        == in calendars
        L. Ortiz 32, P. Dunn 16, R. Ames 47, ART 5 16, BIO 101 47, CHEM 110 32, Hall 2 47, Lab 1 32, Studio 16
    """,
    "Chicago: Courses, Holidays, Terms (3)": r"""
        America/Chicago
        == Courses.csv
        Course,Title,When,Room,Instructor
        BIO 101,Biology,MWF 9:00-9:50,Hall 2,R. Ames
        CHEM 110,Chemistry,TTh 11:00-12:15,Lab 1,L. Ortiz
        ART 5,Drawing,T 1:00-3:50pm,Studio,P. Dunn
        == Holidays.csv
        Holiday,Date
        Labor Day,2026-09-07
        == Terms.csv
        Term,Start,End
        Fall,2026-08-24,2026-12-11
        == comes out as
        2026-08-24..2026-12-11 without 2026-09-07
        Tue Thu 11:00–12:15 | Chemistry (CHEM 110) | Lab 1
        Tue 13:00–15:50 | Drawing (ART 5) | Studio
        Mon Wed Fri 09:00–09:50 | Biology (BIO 101) | Hall 2
        == in calendars
        L. Ortiz 32, P. Dunn 16, R. Ames 47, ART 5 16, BIO 101 47, CHEM 110 32, Hall 2 47, Lab 1 32, Studio 16
    """,
    "Chicago: Courses, Holidays, Terms (4)": r"""
        America/Chicago
        == Courses.csv
        Course,Title,Schedule,Room,Instructor
        BIO 101,Biology,MWF 9:00-9:50,Hall 2,R. Ames
        CHEM 110,Chemistry,TTh 11:00-12:15,Lab 1,L. Ortiz
        ART 5,Drawing,T 1:00-3:50pm,Studio,P. Dunn
        == Holidays.csv
        Holiday,Date
        Labor Day,2026-09-07
        == Terms.csv
        Term,Start,End
        Fall,2026-08-24,2026-12-11
        == comes out as
        2026-08-24..2026-12-11 without 2026-09-07
        Tue Thu 11:00–12:15 | Chemistry (CHEM 110) | Lab 1
        Tue 13:00–15:50 | Drawing (ART 5) | Studio
        Mon Wed Fri 09:00–09:50 | Biology (BIO 101) | Hall 2
        == in calendars
        L. Ortiz 32, P. Dunn 16, R. Ames 47, ART 5 16, BIO 101 47, CHEM 110 32, Hall 2 47, Lab 1 32, Studio 16
    """,
    "Chicago: Block rotation, Days, My classes": r"""
        America/Chicago
        == Block rotation.csv
        Time,Day A,Day B,Day C
        8:00-9:10,1,2,3
        9:20-10:30,2,3,1
        == Days.csv
        Date,Day
        09/08/2026,A
        09/09/2026,B
        09/10/2026,C
        09/11/2026,A
        09/14/2026,B
        09/15/2026,C
        09/16/2026,A
        09/17/2026,B
        09/18/2026,C
        09/21/2026,A
        09/22/2026,B
        09/23/2026,C
        09/24/2026,A
        09/25/2026,B
        == My classes.csv
        Block,Course,Teacher,Room
        1,English,Ms Fry,101
        2,Algebra,Mr Lowe,204
        3,Biology,Dr Pike,Lab 2
        == comes out as
        2026-09-09 2026-09-14 2026-09-17 2026-09-22 2026-09-25 09:20–10:30 | Biology | Lab 2 | Period 3
        2026-09-10 2026-09-15 2026-09-18 2026-09-23 08:00–09:10 | Biology | Lab 2 | Period 3
        2026-09-08 2026-09-11 2026-09-16 2026-09-21 2026-09-24 09:20–10:30 | Algebra | 204 | Period 2
        2026-09-09 2026-09-14 2026-09-17 2026-09-22 2026-09-25 08:00–09:10 | Algebra | 204 | Period 2
        2026-09-08 2026-09-11 2026-09-16 2026-09-21 2026-09-24 08:00–09:10 | English | 101 | Period 1
        2026-09-10 2026-09-15 2026-09-18 2026-09-23 09:20–10:30 | English | 101 | Period 1
        == in calendars
        Dr Pike 9, Mr Lowe 10, Ms Fry 9, Algebra 10, Biology 9, English 9, 101 9, 204 10, Lab 2 9
        == with
        notes every-day year-is-listed
    """,
    "Toronto: bells, daycycle, sections": r"""
        America/Toronto
        == bells.csv
        Period,Start Time,End Time
        1,8:30 AM,9:45 AM
        2,9:50 AM,11:05 AM
        3,11:45 AM,1:00 PM
        == daycycle.csv
        Date,Cycle Day
        2026-09-08,A
        2026-09-09,B
        2026-09-10,A
        2026-09-11,B
        2026-09-14,A
        2026-09-15,B
        2026-09-16,A
        2026-09-17,B
        2026-09-18,A
        2026-09-21,B
        2026-09-22,A
        2026-09-23,B
        2026-09-24,A
        2026-09-25,B
        == sections.csv
        Course Code,Section,Course Title,Teacher Last,Teacher First,Room,Expression
        ENG1D,01,English 9,Marsh,Ana,210,1(A)
        MTH1W,02,Math 9,Okoye,Ben,118,2(A-B)
        SNC1W,01,Science 9,Liu,Cai,305,"1(B),3(A)"
        == comes out as
        2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 08:30–09:45 | Science 9 (Science 9 01) | 305 | Day B, period 1
        2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 11:45–13:00 | Science 9 (Science 9 01) | 305 | Day A, period 3
        2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 08:30–09:45 | English 9 (English 9 01) | 210 | Day A, period 1
        2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-18 2026-09-22 2026-09-24 09:50–11:05 | Math 9 (Math 9 02) | 118 | Day A, period 2
        2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-21 2026-09-23 2026-09-25 09:50–11:05 | Math 9 (Math 9 02) | 118 | Day B, period 2
        == in calendars
        Liu 14, Marsh 7, Okoye 14, English 9 01 7, Math 9 02 14, Science 9 01 14, 118 14, 210 7, 305 14
        == with
        notes numbered-sections unsure-column year-is-listed
    """,
    "New York: Classes, Days off, Terms": r"""
        America/New_York
        == Classes.csv
        Class,Teacher,Room,Days,Start,End
        Art 6,Ms Fay,A1,M-F,9:00 AM,9:50 AM
        Music 6,Mr Ode,M2,M-F,1:00 PM,1:50 PM
        == Days off.csv
        Date,Reason
        9/21/2026,No school
        9/25/2026,Early dismissal at 12:00
        == Terms.csv
        Term,Start,End
        Q1,9/8/2026,10/2/2026
        == comes out as
        2026-09-08..2026-10-02
        Mon Tue Wed Thu Fri but 2026-09-21 2026-09-25 13:00–13:50 | Music 6 | M2
        Mon Tue Wed Thu Fri but 2026-09-21 09:00–09:50 | Art 6 | A1
        == in calendars
        Mr Ode 17, Ms Fay 18, Art 6 18, Music 6 17, A1 18, M2 17
        == with
        notes not-rung part-of-day
    """,
    "Los Angeles: Meets": r"""
        America/Los_Angeles
        == Meets.csv
        Meet,Dates,Warm-up,Start,Location
        Fall Invite,Oct 10-11 2026,8:00 AM,9:00 AM,Bay Pool
        Duel vs Seals,"Sat, Nov 7, 2026",9:30 AM,10:30 AM,Home
        == is refused
        == with
        undecided Meets.csv
    """,
    "Halifax: export": r"""
        America/Halifax
        == export.csv
        id,title,starts_at,ends_at,all_day,location
        1,Board meeting,2026-10-06T18:00:00-03:00,2026-10-06T20:00:00-03:00,false,Office
        2,Open day,2026-10-10,2026-10-10,true,Yard
        3,Call,2026-10-07T13:00:00Z,2026-10-07T13:30:00Z,false,
        == comes out as
        2026-10-06 18:00–20:00 | Board meeting | Office
        2026-10-10 all day | Open day | Yard
        2026-10-07 10:00–10:30 | Call
        == in calendars
        export 3
    """,
    "New York: Board dates": r"""
        America/New_York
        == Board dates.csv
        Meeting,September,October,November
        Board (7pm),"Tue 8","Tue 13","Tue 10"
        Finance (6pm),Mon 14,,Mon 16
        == is refused
        == with
        undecided Board dates.csv
    """,
    "New York: After school": r"""
        America/New_York
        == After school.xlsx / Clubs
        After-school clubs – Fall 2026
        Club,Grades,Day,Starts,Ends,Room,Advisor
        Robotics,6-8,Monday,15:00,16:30,Lab,J. Orr
        Band,5-8,Tue & Thu,15:00,16:00,Music,L. Dee
        == After school.xlsx / Dates
        Session,First day,Last day
        Fall,2026-09-14,2026-11-20
        == After school.xlsx / No clubs
        No clubs,Why
        2026-10-12,Holiday
        2026-11-03,Election day
        == comes out as
        2026-09-14..2026-11-19 without 2026-10-12 2026-11-03
        Mon 15:00–16:30 | Robotics | Lab
        Tue Thu 15:00–16:00 | Band | Music
        == in calendars
        J. Orr 9, L. Dee 19, Band 19, Robotics 9, Lab 9, Music 19
        == with
        notes holds-for-all unsure-column
    """,
    "Sao Paulo: Calendário, Feriados, Horários": r"""
        America/Sao_Paulo
        == Calendário.csv
        Bimestre,Início,Fim
        3º,03/08/2026,09/10/2026
        4º,19/10/2026,11/12/2026
        == Feriados.csv
        Feriado,Data
        Independência,07/09/2026
        == Horários.csv
        Turma 601,,,,,,,Turma 602,,,,,
        Hora,Segunda,Terça,Quarta,Quinta,Sexta,,Hora,Segunda,Terça,Quarta,Quinta,Sexta
        07:00-07:50,Português,Matemática,Ciências,História,Inglês,,07:00-07:50,Matemática,Ciências,Português,Inglês,História
        07:50-08:40,Matemática,Português,Geografia,Ciências,Artes,,07:50-08:40,Geografia,Artes,Matemática,Português,Ciências
        == comes out as
        2026-08-03..2026-12-11 without 2026-09-07 2026-10-12..2026-10-16
        Mon 07:00–07:50 | Português (601)
        Tue 07:00–07:50 | Matemática (601)
        Wed 07:00–07:50 | Ciências (601)
        Thu 07:00–07:50 | História (601)
        Fri 07:00–07:50 | Inglês (601)
        Mon 07:50–08:40 | Matemática (601)
        Tue 07:50–08:40 | Português (601)
        Wed 07:50–08:40 | Geografia (601)
        Thu 07:50–08:40 | Ciências (601)
        Fri 07:50–08:40 | Artes (601)
        Mon 07:00–07:50 | Matemática (602)
        Tue 07:00–07:50 | Ciências (602)
        Wed 07:00–07:50 | Português (602)
        Thu 07:00–07:50 | Inglês (602)
        Fri 07:00–07:50 | História (602)
        Mon 07:50–08:40 | Geografia (602)
        Tue 07:50–08:40 | Artes (602)
        Wed 07:50–08:40 | Matemática (602)
        Thu 07:50–08:40 | Português (602)
        Fri 07:50–08:40 | Ciências (602)
        == in calendars
        601 178, 602 178
    """,
    "Vancouver: Bells Junior, Bells Senior, Classes, Closed days, Timetable, Year": r"""
        America/Vancouver
        == Bells Junior.csv
        Block,Start,End
        1,8:30,9:20
        2,9:25,10:15
        == Bells Senior.csv
        Block,Start,End
        1,8:45,10:00
        2,10:15,11:30
        == Classes.csv
        Class,Division,Teacher,Room
        6 Hum,Junior,L. Ames,J1
        11 Bio,Senior,T. Rice,S4
        == Closed days.csv
        Closed,Date
        Thanksgiving,2026-10-12
        Remembrance,2026-11-11
        == Timetable.csv
        Class,Day,Block
        6 Hum,Mon,1
        6 Hum,Wed,2
        11 Bio,Mon,1
        11 Bio,Thu,2
        == Year.csv
        Term,First day,Last day
        Fall,2026-09-08,2026-12-18
        == comes out as
        2026-09-09..2026-12-17 without 2026-10-12 2026-11-11
        Mon 08:30–09:20 | 6 Hum | J1 | Period 1
        Wed 09:25–10:15 | 6 Hum | J1 | Period 2
        Mon 08:45–10:00 | 11 Bio | S4 | Period 1
        Thu 10:15–11:30 | 11 Bio | S4 | Period 2
        == in calendars
        L. Ames 27, T. Rice 28, 11 Bio 28, 6 Hum 27, J1 27, S4 28
    """,
    "Denver: Programs fall": r"""
        America/Denver
        == Programs fall.csv
        Program,Ages,Branch,Days,Time,Dates,Skips
        Baby rhyme,0-2,Main,Tuesdays,10:00-10:30 AM,"Sept 8 - Dec 8, 2026",Nov 24
        Lego club,6-10,West,Thursdays,4:00-5:00 PM,"Sept 10 - Nov 19, 2026",
        Tech help,Adults,Main,Mon & Wed,1:00-2:00 PM,"Sept 14 - Oct 28, 2026",Oct 12
        == comes out as
        2026-09-08..2026-12-08 without 2026-09-09 2026-11-04..2026-12-02/7 2026-11-24 2026-11-26 2026-12-03
        Tue 10:00–10:30 | Baby rhyme | Main
        Thu 16:00–17:00 | Lego club | West
        2026-09-14..2026-10-05/7 2026-09-16..2026-10-28/7 2026-10-19 2026-10-26 13:00–14:00 | Tech help | Main
        == in calendars
        Baby rhyme 13, Lego club 11, Tech help 13, Main 26, West 11
        == with
        notes unsure-column
    """,
    "Halifax: U12 schedule": r"""
        America/Halifax
        == U12 schedule.csv
        Game #,Date,Time,Home,Visitor,Field,Ref
        1,Sat May 8 2027,9:00 AM,Herons,Gulls,Pier 1,P. Orr
        2,Sat May 8 2027,10:30 AM,Terns,Otters,Pier 2,L. Fay
        3,Sat May 15 2027,9:00 AM,Gulls,Terns,Pier 1,P. Orr
        == comes out as
        2027-05-08 09:00–10:00 | Herons – Gulls | Pier 1
        2027-05-08 10:30–11:30 | Terns – Otters | Pier 2
        2027-05-15 09:00–10:00 | Gulls – Terns | Pier 1
        == in calendars
        U12 schedule 3
        == with
        warning unused-column U12 schedule.csv, G1
        notes unsure-column
    """,
    "Winnipeg: Ice": r"""
        America/Winnipeg
        == Ice.xlsx / Ice / B3:B4 / B5:B7 / C3:C5 / D7:D10 / G3:G6 / F9:F10
        "Ice allocation, week of 11 January 2027",,,,,,,
        ,Mon,Tue,Wed,Thu,Fri,Sat,Sun
        '16:00,Public skate,U11,,,,Public skate,
        '16:30,,,,,,,
        '17:00,Figure club,,,,,,
        '17:30,,,,,,,
        '18:00,,,Adult hockey,,,,
        '18:30,,,,,,,
        '19:00,,,,,Curling,,
        '19:30,,,,,,,
        == comes out as
        2027-01-11 16:00–17:00 | Public skate
        2027-01-11 17:00–18:30 | Figure club
        2027-01-12 16:00–17:30 | U11
        2027-01-13 18:00–20:00 | Adult hockey
        2027-01-15 19:00–20:00 | Curling
        2027-01-16 16:00–18:00 | Public skate
        == in calendars
        Ice 6
        == with
        notes starts-alone
    """,
    "Halifax: Bells, Blocks grade 11, Closures, Days, Rotation, Semester": r"""
        America/Halifax
        == Bells.csv
        Period,Start,End
        1,08:45,10:00
        2,10:05,11:20
        3,12:10,13:25
        4,13:30,14:45
        == Blocks grade 11.csv
        Block,Course,Teacher,Room
        A,Physics 11,Hale,201
        B,English 11,Orr,105
        C,Band 11,Fay,Music
        D,Math 11,Low,110
        == Closures.csv
        Date,Reason
        2027-02-15,Heritage Day
        2027-03-15 to 2027-03-19,March break
        2027-03-26,Good Friday
        2027-05-24,Victoria Day
        == Days.txt
        Day 1 is Monday 1 February 2027. Days alternate on school days; after a closure the next day in order follows.
        == Rotation.csv
        ,Day 1,Day 2
        1,A,B
        2,B,A
        3,C,D
        4,D,C
        == Semester.csv
        Semester,First day,Last day
        2,2027-02-01,2027-06-11
        == is refused
        == with
        undecided cycle Cycle
        notes cells-meet
    """,
    "Denver: Programs": r"""
        America/Denver
        == Programs.csv
        Program,When,Time,Room,Begins,Ends,Not on
        Story time,1st and 3rd Tuesday,10:30 AM - 11:15 AM,Children's,9/1/2026,5/31/2027,12/1/2026
        Book club,last Thursday of the month,7:00 PM - 8:30 PM,Fireside,9/1/2026,5/31/2027,11/26/2026; 12/31/2026
        Chess,every Saturday,2-4 PM,Meeting room,9/12/2026,12/12/2026,
        == comes out as
        2026-09-01 2026-09-15 2026-10-06..2026-11-17/14 2026-12-15 2027-01-05..2027-03-16/14 2027-04-06..2027-05-18/14 10:30–11:15 | Story time | Children's
        2026-09-24 2026-10-29 2027-01-28 2027-02-25 2027-03-25 2027-04-29 2027-05-27 19:00–20:30 | Book club | Fireside
        2026-09-12..2026-12-12/7 14:00–16:00 | Chess | Meeting room
        == in calendars
        Programs 38
        == with
        notes later-start
    """,
    "New York: Tours": r"""
        America/New_York
        == Tours.csv
        Tour,Days,Times,Length,Meet at,Dates
        Ship,Tue-Sun,"10:30, 13:00, 15:00",45 min,Quay,"May 1 - May 16, 2027"
        Loft,Sat & Sun,11:00,30 min,Loft door,"May 1 - May 16, 2027"
        == comes out as
        2027-05-01..2027-05-16
        Sat Sun 11:00–11:30 | Loft | Loft door
        Tue Wed Thu Fri Sat Sun 10:30–11:15 | Ship | Quay
        Tue Wed Thu Fri Sat Sun 13:00–13:45 | Ship | Quay
        Tue Wed Thu Fri Sat Sun 15:00–15:45 | Ship | Quay
        == in calendars
        Loft 6, Ship 42, Loft door 6, Quay 42
        == with
        notes unsure-column
    """,
    "Chicago: Dates, Days off, Reading groups": r"""
        America/Chicago
        == Dates.csv
        Start,End
        "Sept 8, 2026","Oct 30, 2026"
        == Days off.csv
        Date,Why
        "Oct 12, 2026",Columbus Day
        == Reading groups.csv
        Group,Teacher,Meeting days,Time,Location
        Red,Ms. Hale,Mon/Wed/Fri,8:30-9:00,Room 3
        Blue,Mr. Orr,Tue & Thu,8:30-9:15,Room 4
        Green,Ms. Fay,daily,1:00-1:30,Library
        == comes out as
        2026-09-08..2026-10-30 without 2026-10-12
        Tue Thu 08:30–09:15 | Blue | Room 4
        Mon Tue Wed Thu Fri 13:00–13:30 | Green | Library
        Mon Wed Fri 08:30–09:00 | Red | Room 3
        == in calendars
        Mr. Orr 16, Ms. Fay 38, Ms. Hale 22, Blue 16, Green 38, Red 22, Library 38, Room 3 22, Room 4 16
        == with
        notes unsure-column
    """,
    "New York: Spring play rehearsals 2027": r"""
        America/New_York
        == Spring play rehearsals 2027.csv
        Day,Date,Time,Scenes,Called
        Mon,1/11,3:15-5:00,Act 1,All
        Wed,1/13,3:15-5:30,Act 1 sc 3,Leads
        Thu,1/14,6:00-8:30,Music,Chorus
        Sat,1/23,10:00-2:00,Set build,Crew
        == comes out as
        2027-01-11 15:15–17:00 | Act 1
        2027-01-13 15:15–17:30 | Act 1 sc 3
        2027-01-14 18:00–20:30 | Music
        2027-01-23 10:00–14:00 | Set build
        == in calendars
        Spring play rehearsals 2027 4
        == with
        notes unsure-column year-of-title
    """,
    "Halifax: Beach shifts July": r"""
        America/Halifax
        == Beach shifts July.csv
        Date,Early 9:00-13:00,Late 13:00-18:00
        Thu 1 July 2027,Ann / Bo,Cy
        Fri 2 July 2027,Cy,Ann / Dee
        Sat 3 July 2027,Bo,Cy / Dee
        == comes out as
        2027-07-01 09:00–13:00 | Ann, Bo
        2027-07-02 09:00–13:00 | Cy
        2027-07-03 09:00–13:00 | Bo
        2027-07-01 13:00–18:00 | Cy
        2027-07-02 13:00–18:00 | Ann, Dee
        2027-07-03 13:00–18:00 | Cy, Dee
        == in calendars
        Early 3, Late 3
    """,
    "Toronto: Ice": r"""
        America/Toronto
        == Ice.xlsx / Ice / B3:B4 / B5:B7 / C3:C6 / D6:D8
        Ice schedule,,,
        ,Monday,Tuesday,Saturday
        '16:00,U10 hockey,Public skate,
        '16:30,,,
        '17:00,Figure skating,,
        '17:30,,,U14 hockey
        '18:00,,,
        '18:30,,,
        == Ice.xlsx / Season
        Season,Start,End
        Fall,2026-10-05,2026-12-19
        == Ice.xlsx / Closed
        Closed,Date
        Thanksgiving,2026-10-12
        == comes out as
        2026-10-05..2026-12-19 without 2026-10-12
        Mon 17:00–18:30 | Figure skating
        Tue 16:00–18:00 | Public skate
        Mon 16:00–17:00 | U10 hockey
        Sat 17:30–19:00 | U14 hockey
        == in calendars
        Figure skating 10, Public skate 11, U10 hockey 10, U14 hockey 11
        == with
        notes cells-meet starts-alone
    """,
    "New York: Recurring meetings": r"""
        America/New_York
        == Recurring meetings.csv
        Meeting,Frequency,First,Last,Time,Duration
        Standup,Every weekday,1/4/2027,1/29/2027,9:00 AM,15 min
        Team sync,Weekly,1/5/2027,2/23/2027,10:00 AM,1 hr
        1:1,Every 2 weeks,1/7/2027,3/4/2027,2:30 PM,30 min
        All hands,Monthly on the first Thursday,1/7/2027,4/1/2027,3:00 PM,1 hr
        == comes out as
        2027-01-04..2027-04-01 without 2027-02-11..2027-03-25/14 2027-03-02..2027-03-30/7 2027-03-18
        2027-01-04..2027-01-25/7 2027-01-05..2027-01-26/7 2027-01-06..2027-01-27/7 2027-01-07..2027-01-28/7 2027-01-08..2027-01-29/7 09:00–09:15 | Standup
        Tue 10:00–11:00 | Team sync
        2027-01-07..2027-03-04/14 14:30–15:00 | 1:1
        2027-01-07 2027-02-04 2027-03-04 2027-04-01 15:00–16:00 | All hands
        == in calendars
        Recurring meetings 37
    """,
    "Sao Paulo: Calendário, Horário 7A": r"""
        America/Sao_Paulo
        == Calendário.csv
        Evento;Data inicial;Data final
        Início das aulas;01/02/2027;
        Carnaval;08/02/2027;10/02/2027
        Tiradentes;21/04/2027;
        Término das aulas;30/06/2027;
        == Horário 7A.csv
        Turma 7º A;;;;;
        Aula;segunda-feira;terça-feira;quarta-feira;quinta-feira;sexta-feira
        1ª aula (07h00 - 07h50);Português;Matemática;História;Geografia;Inglês
        2ª aula (07h50 - 08h40);Matemática;Português;Ciências;Matemática;Artes
        3ª aula (09h00 - 09h50);Ciências;História;Português;Inglês;Matemática
        == comes out as
        2027-02-01..2027-06-30 without 2027-02-08..2027-02-10 2027-04-21
        Mon 07:00–07:50 | Português (7º A)
        Mon Thu 07:50–08:40 | Matemática (7º A)
        Mon 09:00–09:50 | Ciências (7º A)
        Tue 07:00–07:50 | Matemática (7º A)
        Tue 07:50–08:40 | Português (7º A)
        Tue 09:00–09:50 | História (7º A)
        Wed 07:00–07:50 | História (7º A)
        Wed 07:50–08:40 | Ciências (7º A)
        Wed 09:00–09:50 | Português (7º A)
        Thu 07:00–07:50 | Geografia (7º A)
        Thu 09:00–09:50 | Inglês (7º A)
        Fri 07:00–07:50 | Inglês (7º A)
        Fri 07:50–08:40 | Artes (7º A)
        Fri 09:00–09:50 | Matemática (7º A)
        == in calendars
        7º A 312
        == with
        notes unsure-column
    """,
    "Denver: On-call March 2027": r"""
        America/Denver
        == On-call March 2027.csv
        On-call – March 2027,
        Dates,Physician
        1-7,Dr. Orr
        8-14,Dr. Hale
        15-21,Dr. Low
        22-28,Dr. Orr
        29-31,Dr. Hale
        == comes out as
        2027-03-01 2027-03-22 7 days | Dr. Orr
        2027-03-08 7 days | Dr. Hale
        2027-03-15 7 days | Dr. Low
        2027-03-29 3 days | Dr. Hale
        == in calendars
        On-call March 2027 5, Dr. Hale 2, Dr. Low 1, Dr. Orr 2
        == with
        notes dates-under-captions unsure-column
    """,
    "Chicago: Greeters 2027": r"""
        America/Chicago
        == Greeters 2027.csv
        Sunday,Greeter,Coffee
        1st,The Hales,M. Orr
        2nd,B. Low,The Rays
        3rd,The Moss family,B. Low
        4th,M. Orr,The Hales
        5th,Youth,Youth
        == is refused
        == with
        undecided Greeters 2027.csv
    """,
    "New York: Academic calendar, Spring 2027 schedule": r"""
        America/New_York
        == Academic calendar.csv
        Event,Date
        First day of classes,"January 19, 2027"
        Spring break,"March 8-12, 2027"
        Last day of classes,"May 4, 2027"
        == Spring 2027 schedule.csv
        CRN,Course,Title,Meets,Room,Final exam
        10231,HIST 101,World History,TR 11:00-12:15,Hale 204,Tue 5/11/2027 8:00-10:00
        10442,BIOL 210,Cells,MWF 9:00-9:50,Orr 12,Mon 5/10/2027 12:00-14:00
        10443,BIOL 210L,Cells Lab,W 2:00-4:50 pm,Orr L3,
        == comes out as
        2027-01-19..2027-05-04 without 2027-03-08..2027-03-12
        Tue Thu 11:00–12:15 | HIST 101 World History (10231) | Hale 204
        Mon Wed Fri 09:00–09:50 | BIOL 210 Cells (10442) | Orr 12
        Wed 14:00–16:50 | BIOL 210L Cells Lab (10443) | Orr L3
        == in calendars
        10231 29, 10442 42, 10443 14, Hale 204 29, Orr 12 42, Orr L3 14
        == with
        warning unread-times Spring 2027 schedule.csv, F1
    """,
    "New York: Classes, Cycle calendar": r"""
        America/New_York
        == Classes.csv
        Class,Teacher,Day,Start,End
        Bio 1,Hale,A,8:00,8:50
        Bio 1,Hale,C,9:00,9:50
        Art 2,Low,B,8:00,8:50
        Art 2,Low,D,13:00,13:50
        == Cycle calendar.xlsx / Feb
        February 2027
        Sun,Mon,Tue,Wed,Thu,Fri,Sat
        ,1,2,3,4,5,6
        ,A,B,C,D,A,
        7,8,9,10,11,12,13
        ,B,C,D,A,B,
        14,15,16,17,18,19,20
        ,No school,No school,No school,No school,No school,
        21,22,23,24,25,26,27
        ,C,D,A,B,C,
        28,,,,,,
        ,,,,,,
        == Cycle calendar.xlsx / Mar
        March 2027
        Sun,Mon,Tue,Wed,Thu,Fri,Sat
        ,1,2,3,4,5,6
        ,D,A,B,C,D,
        7,8,9,10,11,12,13
        ,A,B,C,D,A,
        14,15,16,17,18,19,20
        ,,,,,,
        21,22,23,24,25,26,27
        ,,,,,,
        28,29,30,31,,,
        ,,,,,,
        == comes out as
        2027-02-01 2027-02-05 2027-02-11 2027-02-24 2027-03-02 2027-03-08 2027-03-12 08:00–08:50 | Bio 1 |  | Day A
        2027-02-03 2027-02-09 2027-02-22 2027-02-26 2027-03-04 2027-03-10 09:00–09:50 | Bio 1 |  | Day C
        2027-02-02 2027-02-08 2027-02-12 2027-02-25 2027-03-03 2027-03-09 08:00–08:50 | Art 2 |  | Day B
        2027-02-04 2027-02-10 2027-02-23 2027-03-01 2027-03-05 2027-03-11 13:00–13:50 | Art 2 |  | Day D
        == in calendars
        Hale 13, Low 12, Art 2 12, Bio 1 13
        == with
        notes year-is-listed
    """,
    "Chicago: NAV 210 syllabus, Year": r"""
        America/Chicago
        == NAV 210 syllabus.csv
        "NAV 210 Coastal Navigation – TTh 9:30-10:45, Hale 12",,
        Week,Tuesday,Thursday
        Jan 19/21,Charts,Tides
        Jan 26/28,Currents,Quiz 1
        Feb 2/4,Fixes,Radar
        == Year.csv
        Semester,Start,End
        Spring 2027,1/19/2027,5/7/2027
        == is refused
        == with
        undecided NAV 210 syllabus.csv
        notes title-line
    """,
    "Toronto: Shifts": r"""
        America/Toronto
        == Shifts.csv
        Employee,Shift start,Shift end,Unit
        Ana Ruiz,2027-03-13 19:00,2027-03-14 07:30,ICU
        Bo Lee,2027-03-14 07:00,2027-03-14 19:30,ICU
        == comes out as
        2027-03-13 19:00–07:30 | ICU |  | Employee: Ana Ruiz
        2027-03-14 07:00–19:30 | ICU |  | Employee: Bo Lee
        == in calendars
        Shifts 2
        == with
        notes people-in-text
    """,
    "New York: webcal": r"""
        America/New_York
        == sheet.csv
        Subject,Start Date,Start Time,End Date,End Time,All Day Event,Location
        Board,03/08/2027,6:00 PM,03/08/2027,8:00 PM,False,Room 1
        Holiday,03/15/2027,,03/15/2027,,True,
        == comes out as
        2027-03-08 18:00–20:00 | Board | Room 1
        2027-03-15 all day | Holiday
        == in calendars
        sheet 2
    """,
    "Sao Paulo: pt reun": r"""
        America/Sao_Paulo
        == sheet.csv
        Reunião,Dia,Hora de início,Hora de término,Sala
        Conselho,08/03/2027,19h00,21h00,Auditório
        Pais 7º A,17/03/2027,18h30,19h30,Sala 4
        == comes out as
        2027-03-08 19:00–21:00 | Conselho | Auditório
        2027-03-17 18:30–19:30 | Pais 7º A | Sala 4
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "Chicago: Varsity football 2026": r"""
        America/Chicago
        == Varsity football 2026.csv
        Week,Day,Date,Opponent,Site,Time
        1,Fri,9/4,Central,Home,7:00 PM
        2,Fri,9/11,West,Away,7:00 PM
        3,Sat,9/19,North,Home,1:30 PM
        == comes out as
        2026-09-04 19:00–20:00 | Central | Home
        2026-09-11 19:00–20:00 | West | Away
        2026-09-19 13:30–14:30 | North | Home
        == in calendars
        Varsity football 2026 3
        == with
        notes unsure-column year-of-title
    """,
    "New York: Camp week 2": r"""
        America/New_York
        == Camp week 2.csv
        "Camp Week 2: July 12 - July 16, 2027",,,
        Time,Puffins,Terns,Gulls
        9:00-10:00,Sailing,Swim,Crafts
        10:15-11:15,Swim,Crafts,Sailing
        1:00-2:30,Games,Games,Hike
        == comes out as
        2027-07-12..2027-07-16
        Mon Tue Wed Thu Fri 09:00–10:00 | Crafts
        Mon Tue Wed Thu Fri 10:15–11:15 | Sailing
        Mon Tue Wed Thu Fri 13:00–14:30 | Hike
        Mon Tue Wed Thu Fri 09:00–10:00 | Sailing
        Mon Tue Wed Thu Fri 10:15–11:15 | Swim
        Mon Tue Wed Thu Fri 13:00–14:30 | Games
        Mon Tue Wed Thu Fri 13:00–14:30 | Games
        Mon Tue Wed Thu Fri 09:00–10:00 | Swim
        Mon Tue Wed Thu Fri 10:15–11:15 | Crafts
        == in calendars
        Gulls 15, Puffins 15, Terns 15
    """,
    "Buenos Aires: Cuatrimestre, Feriados, Materias": r"""
        America/Argentina/Buenos_Aires
        == Cuatrimestre.csv
        Cuatrimestre;Desde;Hasta
        1º;08/03/2027;25/06/2027
        == Feriados.csv
        Feriado;Fecha
        Malvinas;02/04/2027
        Revolución de Mayo;25/05/2027
        == Materias.csv
        Materia;Comisión;Horario;Aula
        Álgebra;A;Lun 8-10 / Jue 10-12;101
        Física;B;Mar y Vie 14:00-16:00;205
        == comes out as
        2027-03-08..2027-06-25 without 2027-04-02 2027-05-25
        Tue Fri 14:00–16:00 | Física | 205
        Mon 08:00–10:00 | Álgebra | 101
        Thu 10:00–12:00 | Álgebra | 101
        == in calendars
        Física 30, Álgebra 32, 101 32, 205 30
        == with
        notes unsure-column
    """,
    "Chicago: Schedule": r"""
        America/Chicago
        == Schedule.csv
        Schedule for week of 3/8/2027,,,
        Employee,Mon 3/8,Tue 3/9,Wed 3/10
        Ann,9a-5p,,11a-7p
        Bo,11a-7p,9a-5p,
        == comes out as
        2027-03-08 09:00–17:00 | Ann
        2027-03-10 11:00–19:00 | Ann
        2027-03-08 11:00–19:00 | Bo
        2027-03-09 09:00–17:00 | Bo
        == in calendars
        Ann 2, Bo 2
    """,
    "Denver: two digit": r"""
        America/Denver
        == sheet.csv
        Event,Date,Start,End
        Open house,03-08-27,6:00 PM,8:00 PM
        Parade,03-27-27,9:00 AM,11:00 AM
        == comes out as
        2027-03-08 18:00–20:00 | Open house
        2027-03-27 09:00–11:00 | Parade
        == in calendars
        sheet 2
    """,
    "Chicago: Calendar, Specials": r"""
        America/Chicago
        == Calendar.csv
        Date,Day
        1/4/2027,1
        1/5/2027,2
        1/6/2027,3
        1/7/2027,1
        1/8/2027,2
        1/11/2027,3
        == Specials.csv
        Grade,Time,Day 1,Day 2,Day 3
        K,9:00-9:45,Art,Music,PE
        1,10:00-10:45,PE,Art,Music
        2,1:00-1:45,Music,PE,Art
        == is refused
        == with
        undecided terms
    """,
    "Toronto: Ice week of Jan 11 2027": r"""
        America/Toronto
        == Ice week of Jan 11 2027.csv
        Time,Mon Jan 11,Tue Jan 12,Wed Jan 13
        4:00-5:00 PM,U9 Otters,U11 Seals,U9 Otters
        5:10-6:10 PM,U11 Seals,,U13 Terns
        6:20-7:20 PM,,U13 Terns,Learn to Skate
        == comes out as
        2027-01-11 2027-01-13 16:00–17:00 | U9 Otters
        2027-01-12 16:00–17:00 | U11 Seals
        2027-01-11 17:10–18:10 | U11 Seals
        2027-01-13 17:10–18:10 | U13 Terns
        2027-01-12 18:20–19:20 | U13 Terns
        2027-01-13 18:20–19:20 | Learn to Skate
        == in calendars
        Ice week of Jan 11 2027 7
        == with
        notes year-of-title
    """,
    "Halifax: Camp sessions": r"""
        America/Halifax
        == Camp sessions.csv
        Session,Dates,Ages,Hours
        1: Pirates,July 5-9 2027,5-8,9:00 AM - 3:00 PM
        2: Knots,July 12-16 2027,8-11,9:00 AM - 3:00 PM
        == comes out as
        2027-07-05..2027-07-09 09:00–15:00 | 1: Pirates
        2027-07-12..2027-07-16 09:00–15:00 | 2: Knots
        == in calendars
        Camp sessions 10
        == with
        notes on-each-day unsure-column
    """,
    "Chicago: Bells, Days, Sections": r"""
        America/Chicago
        == Bells.csv
        Period,Start,End
        1,8:00 AM,9:20 AM
        2,9:30 AM,10:50 AM
        3,11:00 AM,12:20 PM
        == Days.csv
        Date,Day
        01/11/2027,A
        01/12/2027,B
        01/13/2027,A
        01/14/2027,B
        01/15/2027,A
        01/19/2027,B
        01/20/2027,A
        01/21/2027,B
        01/22/2027,A
        01/25/2027,B
        01/26/2027,A
        01/27/2027,B
        01/28/2027,A
        01/29/2027,B
        == Sections.csv
        Section,Course,Teacher,Expression,Room
        ALG-1,Algebra I,Hale,1(A),201
        BIO-1,Biology,Orr,2(A-B),Lab
        ENG-2,English,Fay,3(B),105
        == comes out as
        2027-01-12 2027-01-14 2027-01-19 2027-01-21 2027-01-25 2027-01-27 2027-01-29 11:00–12:20 | English (ENG-2) | 105 | Day B, period 3
        2027-01-11 2027-01-13 2027-01-15 2027-01-20 2027-01-22 2027-01-26 2027-01-28 08:00–09:20 | Algebra I (ALG-1) | 201 | Day A, period 1
        2027-01-11 2027-01-13 2027-01-15 2027-01-20 2027-01-22 2027-01-26 2027-01-28 09:30–10:50 | Biology (BIO-1) | Lab | Day A, period 2
        2027-01-12 2027-01-14 2027-01-19 2027-01-21 2027-01-25 2027-01-27 2027-01-29 09:30–10:50 | Biology (BIO-1) | Lab | Day B, period 2
        == in calendars
        Fay 7, Hale 7, Orr 14, ALG-1 7, BIO-1 14, ENG-2 7, 105 7, 201 7, Lab 14
        == with
        notes year-is-listed
    """,
    "Toronto: No class, Winter programs": r"""
        America/Toronto
        == No class.csv
        No class dates
        Feb 15 2027
        == Winter programs.csv
        Barcode,Program,Dates,Day,Time,Classes,Location
        10021,Tot Skate,Jan 11-Mar 8 2027,M,9:30-10:15am,8,Rink
        10044,Yoga,Jan 14-Mar 4 2027,Th,6:30-7:30pm,8,Room B
        == comes out as
        2027-01-11..2027-03-08 without 2027-02-15
        Mon 09:30–10:15 | Tot Skate | Rink
        Thu 18:30–19:30 | Yoga | Room B
        == in calendars
        Tot Skate 8, Yoga 8, Rink 8, Room B 8
        == with
        notes title-line unsure-column
    """,
    "New York: Breaks, Schedule": r"""
        America/New_York
        == Breaks.csv
        Break,Start,End
        Spring break,03/15/2027,03/19/2027
        == Schedule.csv
        Subj,Crse,Sec,Title,Days,Time,Date (MM/DD),Location,Instructor
        NAV,101,01,Coastal Piloting,MW,09:30 am-10:45 am,01/11-04/30,HALE 204,A. Hale
        NAV,210,01,Celestial,TR,01:00 pm-02:15 pm,01/11-04/30,QUAY 11,B. Orr
        NAV,499,01,Thesis,,TBA,01/11-04/30,TBA,Staff
        == is refused
        == with
        undecided terms
    """,
    "Sao Paulo: Bimestres, Feriados, Grade 1A": r"""
        America/Sao_Paulo
        == Bimestres.csv
        Bimestre;Início;Término
        1º;01/02/2027;16/04/2027
        2º;19/04/2027;02/07/2027
        == Feriados.csv
        Data;Feriado
        09/02/2027;Carnaval
        26/03/2027;Sexta-feira Santa
        21/04/2027;Tiradentes
        == Grade 1A.csv
        Horário;Segunda;Terça;Quarta;Quinta;Sexta
        7h00 - 7h50;Matemática;Português;História;Ciências;Inglês
        7h50 - 8h40;Português;Matemática;Geografia;Ed. Física;Matemática
        8h40 - 9h00;INTERVALO;INTERVALO;INTERVALO;INTERVALO;INTERVALO
        9h00 - 9h50;Ciências;Artes;Matemática;Português;História
        == comes out as
        2027-02-01..2027-07-02 without 2027-02-09 2027-03-26 2027-04-21
        Mon 07:00–07:50 | Matemática (Grade 1A)
        Tue 07:00–07:50 | Português (Grade 1A)
        Wed 07:00–07:50 | História (Grade 1A)
        Thu 07:00–07:50 | Ciências (Grade 1A)
        Fri 07:00–07:50 | Inglês (Grade 1A)
        Mon 07:50–08:40 | Português (Grade 1A)
        Tue Fri 07:50–08:40 | Matemática (Grade 1A)
        Wed 07:50–08:40 | Geografia (Grade 1A)
        Thu 07:50–08:40 | Ed. Física (Grade 1A)
        Mon 09:00–09:50 | Ciências (Grade 1A)
        Tue 09:00–09:50 | Artes (Grade 1A)
        Wed 09:00–09:50 | Matemática (Grade 1A)
        Thu 09:00–09:50 | Português (Grade 1A)
        Fri 09:00–09:50 | História (Grade 1A)
        == in calendars
        Grade 1A 321
    """,
    "Toronto: Day plan, PA days, Term 2": r"""
        America/Toronto
        == Day plan.csv
        ,Day 1,Day 2,Day 3,Day 4,Day 5
        8:45-9:25,French,Gym,French,Music,French
        9:25-10:05,Math,Math,Gym,Math,Math
        10:20-11:00,Literacy,Library,Literacy,Literacy,Art
        == PA days.csv
        Date,PA Day
        2027-01-29,PA Day
        2027-02-15,Family Day
        == Term 2.csv
        Term,First day,Last day,Day of first day
        Term 2,2027-01-04,2027-03-12,Day 3
        == is refused
        == with
        undecided cycle Cycle
        notes cells-meet
    """,
    "New York: Hearings": r"""
        America/New_York
        == Hearings.csv
        Courtroom 1 - Judge Fenn,,
        Date,Time,Matter
        Mon 8 Mar 2027,10:00 AM,Quay v. Harbour Board
        Mon 8 Mar 2027,2:00 PM,In re Tern Estate
        ,,
        Courtroom 2 - Judge Orr,,
        Date,Time,Matter
        Tue 9 Mar 2027,9:30 AM,Skua v. Gannet
        == comes out as
        2027-03-08 10:00–11:00 | Quay v. Harbour Board | Courtroom 1 - Judge Fenn
        2027-03-08 14:00–15:00 | In re Tern Estate | Courtroom 1 - Judge Fenn
        2027-03-09 09:30–10:30 | Skua v. Gannet | Courtroom 2 - Judge Orr
        == in calendars
        Courtroom 1 - Judge Fenn 2, Courtroom 2 - Judge Orr 1
        == with
        notes unsure-column
    """,
    "Chicago: Class schedule": r"""
        America/Chicago
        == Class schedule.csv
        MONDAY,,,
        6:15 AM,Spin,Kay,45 min
        9:30 AM,Yoga,Lou,60 min
        TUESDAY,,,
        6:15 AM,Bootcamp,Max,45 min
        Effective 1/4/2027 - 3/26/2027,,,
        == is refused
        == with
        undecided closures
        notes columns-by-cells note-used unsure-column
    """,
    "Chicago: Off, Practice, Season": r"""
        America/Chicago
        == Off.csv
        No practice,Date
        Spring break,4/5/2027-4/10/2027
        Memorial weekend,5/22/2027
        == Practice.csv
        Team,Practice,Coach
        U8 Boys,Mon/Wed 5:30-6:30pm Field 2,Kay
        U10 Girls,Tue & Thu 6-7:15 PM Field 1,Lou
        U12,Sat 9am-11am Turf,Max
        == Season.csv
        Season,Start,End
        Spring 2027,3/8/2027,5/22/2027
        == comes out as
        2027-03-08..2027-05-20 without 2027-04-05..2027-04-08 2027-04-10
        Mon Wed 17:30–18:30 | U8 Boys | Field 2
        Tue Thu 18:00–19:15 | U10 Girls | Field 1
        Sat 09:00–11:00 | U12 | Turf
        == in calendars
        Kay 20, Lou 20, Max 9, U10 Girls 20, U12 9, U8 Boys 20
        == with
        notes unsure-column
    """,
    "New York: Calendar, Specials rotation": r"""
        America/New_York
        == Calendar.csv
        Date,Day
        4 Jan 2027,1
        5 Jan 2027,2
        6 Jan 2027,3
        7 Jan 2027,1
        8 Jan 2027,2
        11 Jan 2027,3
        == Specials rotation.csv
        Class,Day 1,Day 2,Day 3,Time
        3A,Music,PE,Art,10:15-11:00
        3B,PE,Art,Music,10:15-11:00
        4A,Art,Music,PE,11:05-11:50
        == is refused
        == with
        undecided terms
    """,
    "Chicago: Off, Practice, Season (2)": r"""
        America/Chicago
        == Off.csv
        No practice,Date
        Memorial weekend,5/22/2027
        == Practice.csv
        Team,Practice,Coach
        U8 Boys,"Mon 5:30-6:30pm Field 2, Wed 6-7pm Field 1",Kay
        U10 Girls,"Tue & Thu 6-7:15 PM, Turf",Lou
        U12,Sat 9am-11am bring shin pads,Max
        == Season.csv
        Season,Start,End
        Spring 2027,3/8/2027,5/22/2027
        == comes out as
        2027-03-08..2027-05-20
        Mon 17:30–18:30 | U8 Boys | Field 2
        Wed 18:00–19:00 | U8 Boys | Field 1
        Tue Thu 18:00–19:15 | U10 Girls
        Sat 09:00–11:00 | U12
        == in calendars
        Kay 22, Lou 22, Max 10, U10 Girls 22, U12 10, U8 Boys 22
        == with
        warning remark-behind Practice.csv, B3
        warning class-without Practice.csv, A3:C3
        warning remark-behind Practice.csv, B4
        notes unsure-column
    """,
    "New York: Classes, Days": r"""
        America/New_York
        == Classes.csv
        No sessions on Friday 5 February 2027,,,,
        Class,Teacher,Day,Start,End
        Bio 1,Hale,A,8:00,8:50
        Art 2,Low,B,8:00,8:50
        == Days.csv
        Date,Day
        2027-02-01,A
        2027-02-02,B
        2027-02-03,A
        2027-02-04,B
        2027-02-05,A
        2027-02-08,B
        2027-02-09,A
        2027-02-10,B
        2027-02-11,A
        2027-02-12,B
        == comes out as
        2027-02-01 2027-02-03 2027-02-09 2027-02-11 08:00–08:50 | Bio 1 |  | Day A
        2027-02-02 2027-02-04 2027-02-08 2027-02-10 2027-02-12 08:00–08:50 | Art 2 |  | Day B
        == in calendars
        Hale 4, Low 5, Art 2 5, Bio 1 4
        == with
        notes note-used year-is-listed
    """,
    "New York: Bells, Days, Master": r"""
        America/New_York
        == Bells.csv
        Period,Regular,Short
        1,8:00-9:25,8:00-8:55
        2,9:35-11:00,9:05-10:00
        Short days: Friday 15 January 2027,,
        == Days.csv
        Date,Day
        1/4/2027,A
        1/5/2027,B
        1/6/2027,A
        1/7/2027,B
        1/8/2027,A
        1/11/2027,B
        1/12/2027,A
        1/13/2027,B
        1/14/2027,A
        1/15/2027,B
        == Master.csv
        Teacher,Room,A1,A2,B1,B2
        Hale,101,Algebra,History,Geometry,Prep
        Orr,102,English 9,Prep,English 10,English 9
        Advisory meets Wednesday 15:00,,,,,
        == comes out as
        2027-01-04 2027-01-06 2027-01-08 2027-01-12 2027-01-14 08:00–09:25 | Algebra | 101 | Day A, period 1
        2027-01-05 2027-01-07 2027-01-11 2027-01-13 2027-01-15 08:00–09:25 | Geometry | 101 | Day B, period 1
        2027-01-04 2027-01-06 2027-01-08 2027-01-12 2027-01-14 09:35–11:00 | History | 101 | Day A, period 2
        2027-01-04 2027-01-06 2027-01-08 2027-01-12 2027-01-14 08:00–09:25 | English 9 | 102 | Day A, period 1
        2027-01-05 2027-01-07 2027-01-11 2027-01-13 2027-01-15 08:00–09:25 | English 10 | 102 | Day B, period 1
        2027-01-05 2027-01-07 2027-01-11 2027-01-13 2027-01-15 09:35–11:00 | English 9 | 102 | Day B, period 2
        == in calendars
        Hale 15, Orr 15, Algebra 5, English 10 5, English 9 10, Geometry 5, History 5, 101 15, 102 15
        == with
        warning unused-bells Bells.csv, C1
        warning notes-not-used Bells.csv, A4
        warning notes-not-used Master.csv, A4
        notes may-end-in-rooms year-is-listed
    """,
    "Denver: Bell schedule, Off, Schedule, Terms": r"""
        America/Denver
        == Bell schedule.csv
        Block,Mon/Thu,Tue/Fri,Wednesday
        A,8:00-9:20,8:00-9:20,9:00-9:45
        B,9:30-10:50,9:30-10:50,9:55-10:40
        == Off.csv
        Holiday,Date
        MLK Day,1/18/2027
        Presidents Day,2/15/2027
        == Schedule.csv
        Class,Block,Days,Room,Teacher
        Biology,A,Mon/Thu,12,Hale
        French,B,Tue/Fri,4,Orr
        Chorus,A,Wed,Aud,Fenn
        == Terms.csv
        Term,Start,End
        Spring,1/4/2027,3/12/2027
        == comes out as
        2027-01-04..2027-03-12 without 2027-01-18 2027-02-15
        Wed 09:00–09:45 | Chorus | Aud | Period A
        Mon Thu 08:00–09:20 | Biology | 12 | Period A
        Tue Fri 09:30–10:50 | French | 4 | Period B
        == in calendars
        Fenn 10, Hale 18, Orr 20, Biology 18, Chorus 10, French 20, 12 18, 4 20, Aud 10
    """,
    "Chicago: Calendar 2026-27, Grade 6": r"""
        America/Chicago
        == Calendar 2026-27.csv
        Date,Event
        Jan 4 2027,Classes resume
        Jan 18 2027,No School - MLK Day
        Feb 12 2027,Early Release 12:00
        "Feb 15-19, 2027",Winter Break - No School
        Mar 26 2027,Last day of quarter
        == Grade 6.csv
        Grade 6,Mon,Tue,Wed,Thu,Fri
        8:00-8:50,Math,ELA,Math,Science,Math
        8:55-9:45,ELA,Math,ELA,ELA,Art
        1:00-1:50,PE,Art,PE,Math,Science
        == comes out as
        2027-01-04..2027-03-26 without 2027-01-18 2027-02-15 2027-02-16 2027-02-17 2027-02-18 2027-02-19
        2027-01-04 all day | Classes resume
        Mon Wed 13:00–13:50 | PE (Grade 6)
        Mon Wed Fri 08:00–08:50 | Math (Grade 6)
        Mon Wed Thu 08:55–09:45 | ELA (Grade 6)
        Tue 08:00–08:50 | ELA (Grade 6)
        Tue 08:55–09:45 | Math (Grade 6)
        Tue 13:00–13:50 | Art (Grade 6)
        Thu 08:00–08:50 | Science (Grade 6)
        Thu 13:00–13:50 | Math (Grade 6)
        Fri 08:55–09:45 | Art (Grade 6)
        Fri but 2027-02-12 13:00–13:50 | Science (Grade 6)
        2027-01-18 all day | No School - MLK Day
        2027-02-12 all day | Early Release 12:00
        2027-02-15 5 days | Winter Break - No School
        2027-03-26 all day | Last day of quarter
        == in calendars
        Grade 6 161, Calendar 2026-27 5
        == with
        notes not-rung part-of-day
    """,
    "New York: Letter days, Specials": r"""
        America/New_York
        == Letter days.csv
        Date,Day
        1/4/2027,A
        1/5/2027,B
        1/6/2027,C
        1/7/2027,D
        1/8/2027,E
        1/11/2027,F
        1/12/2027,A
        1/13/2027,B
        1/14/2027,C
        1/15/2027,D
        1/19/2027,E
        1/20/2027,F
        1/21/2027,A
        1/22/2027,B
        1/25/2027,C
        1/26/2027,D
        1/27/2027,E
        1/28/2027,F
        1/29/2027,A
        2/1/2027,B
        2/2/2027,C
        2/3/2027,D
        2/4/2027,E
        2/5/2027,F
        2/8/2027,A
        2/9/2027,B
        2/10/2027,C
        2/11/2027,D
        2/12/2027,E
        2/22/2027,F
        2/23/2027,A
        2/24/2027,B
        2/25/2027,C
        2/26/2027,D
        == Specials.csv
        Mr. Pike - Music,A,B,C,D,E,F
        8:30-9:15,K1,1A,,2B,K2,3A
        9:20-10:05,,2A,3B,,1B,4A
        == comes out as
        2027-01-04 2027-01-12 2027-01-21 2027-01-29 2027-02-08 2027-02-23 08:30–09:15 | K1 |  | Day A
        2027-01-05 2027-01-13 2027-01-22 2027-02-01 2027-02-09 2027-02-24 08:30–09:15 | 1A |  | Day B
        2027-01-05 2027-01-13 2027-01-22 2027-02-01 2027-02-09 2027-02-24 09:20–10:05 | 2A |  | Day B
        2027-01-06 2027-01-14 2027-01-25 2027-02-02 2027-02-10 2027-02-25 09:20–10:05 | 3B |  | Day C
        2027-01-07 2027-01-15 2027-01-26 2027-02-03 2027-02-11 2027-02-26 08:30–09:15 | 2B |  | Day D
        2027-01-08 2027-01-19 2027-01-27 2027-02-04 2027-02-12 08:30–09:15 | K2 |  | Day E
        2027-01-08 2027-01-19 2027-01-27 2027-02-04 2027-02-12 09:20–10:05 | 1B |  | Day E
        2027-01-11 2027-01-20 2027-01-28 2027-02-05 2027-02-22 08:30–09:15 | 3A |  | Day F
        2027-01-11 2027-01-20 2027-01-28 2027-02-05 2027-02-22 09:20–10:05 | 4A |  | Day F
        == in calendars
        Mr. Pike 50, 1A 6, 1B 5, 2A 6, 2B 6, 3A 5, 3B 6, 4A 5, K1 6, K2 5
        == with
        notes year-is-listed
    """,
    "Denver: AB Calendar, Bell schedule, Courses": r"""
        America/Denver
        == AB Calendar.csv
        Date,Day
        1/5/27,A
        1/6/27,B
        1/7/27,A
        1/8/27,B
        1/11/27,A
        1/12/27,B
        1/13/27,A
        1/14/27,B
        1/15/27,A
        1/19/27,B
        1/20/27,A
        1/21/27,B
        1/22/27,A
        1/25/27,B
        1/26/27,A
        1/27/27,B
        1/28/27,A
        1/29/27,B
        2/1/27,A
        2/2/27,B
        2/3/27,A
        2/4/27,B
        2/5/27,A
        2/8/27,B
        2/9/27,A
        2/10/27,B
        2/11/27,A
        2/12/27,B
        2/16/27,A
        2/17/27,B
        2/18/27,A
        2/19/27,B
        2/22/27,A
        2/23/27,B
        2/24/27,A
        2/25/27,B
        2/26/27,A
        3/1/27,B
        3/2/27,A
        3/3/27,B
        3/4/27,A
        3/5/27,B
        3/8/27,A
        3/9/27,B
        3/10/27,A
        3/11/27,B
        3/12/27,A
        == Bell schedule.csv
        Block,Start,End,Wed Start,Wed End
        1,8:00 AM,9:30 AM,9:00 AM,10:10 AM
        2,9:36 AM,11:06 AM,10:16 AM,11:26 AM
        == Courses.csv
        Course,Section,Teacher,Room,Day,Block
        Algebra I,ALG-1,Hobart,112,A,1
        Biology,BIO-2,Nance,Lab 2,B,2
        Band,BND-1,Suarez,Music,A,2
        == comes out as
        2027-01-05 2027-01-07 2027-01-11 2027-01-15 2027-01-22 2027-01-26 2027-01-28 2027-02-01 2027-02-05 2027-02-09 2027-02-11 2027-02-16 2027-02-18 2027-02-22 2027-02-26 2027-03-02 2027-03-04 2027-03-08 2027-03-12 08:00–09:30 | Algebra I (ALG-1) | 112 | Day A, period 1
        2027-01-13 2027-01-20 2027-02-03 2027-02-24 2027-03-10 09:00–10:10 | Algebra I (ALG-1) | 112 | Day A, period 1
        2027-01-06 2027-01-27 2027-02-10 2027-02-17 2027-03-03 10:16–11:26 | Biology (BIO-2) | Lab 2 | Day B, period 2
        2027-01-08 2027-01-12 2027-01-14 2027-01-19 2027-01-21 2027-01-25 2027-01-29 2027-02-02 2027-02-04 2027-02-08 2027-02-12 2027-02-19 2027-02-23 2027-02-25 2027-03-01 2027-03-05 2027-03-09 2027-03-11 09:36–11:06 | Biology (BIO-2) | Lab 2 | Day B, period 2
        2027-01-05 2027-01-07 2027-01-11 2027-01-15 2027-01-22 2027-01-26 2027-01-28 2027-02-01 2027-02-05 2027-02-09 2027-02-11 2027-02-16 2027-02-18 2027-02-22 2027-02-26 2027-03-02 2027-03-04 2027-03-08 2027-03-12 09:36–11:06 | Band (BND-1) | Music | Day A, period 2
        2027-01-13 2027-01-20 2027-02-03 2027-02-24 2027-03-10 10:16–11:26 | Band (BND-1) | Music | Day A, period 2
        == in calendars
        Hobart 24, Nance 23, Suarez 24, ALG-1 24, BIO-2 23, BND-1 24, 112 24, Lab 2 23, Music 24
        == with
        notes year-is-listed
    """,
    "Toronto: Day cycle, Timetable 8B": r"""
        America/Toronto
        == Day cycle.csv
        Date,Day
        2027-02-01,Day 1
        2027-02-02,Day 2
        2027-02-03,Day 3
        2027-02-04,Day 4
        2027-02-05,Day 1
        2027-02-08,Day 2
        2027-02-09,Day 3
        2027-02-10,Day 4
        2027-02-11,Day 1
        2027-02-12,PD Day
        2027-02-15,Family Day
        2027-02-16,Day 2
        2027-02-17,Day 3
        2027-02-18,Day 4
        2027-02-19,Day 1
        2027-02-22,Day 2
        2027-02-23,Day 3
        2027-02-24,Day 4
        2027-02-25,Day 1
        2027-02-26,Day 2
        2027-03-01,Day 3
        2027-03-02,Day 4
        2027-03-03,Day 1
        2027-03-04,Day 2
        2027-03-05,Day 3
        2027-03-08,Day 4
        2027-03-09,Day 1
        2027-03-10,Day 2
        2027-03-11,Day 3
        2027-03-12,Day 4
        == Timetable 8B.csv
        8B,Day 1,Day 2,Day 3,Day 4
        8:40-9:30,Math,Gym,Math,French
        9:35-10:25,Science,Math,Art,Math
        == comes out as
        2027-02-01 2027-02-05 2027-02-11 2027-02-19 2027-02-25 2027-03-03 2027-03-09 08:40–09:30 | Math (8B) |  | Day 1
        2027-02-01 2027-02-05 2027-02-11 2027-02-19 2027-02-25 2027-03-03 2027-03-09 09:35–10:25 | Science (8B) |  | Day 1
        2027-02-02 2027-02-08 2027-02-16 2027-02-22 2027-02-26 2027-03-04 2027-03-10 08:40–09:30 | Gym (8B) |  | Day 2
        2027-02-02 2027-02-08 2027-02-16 2027-02-22 2027-02-26 2027-03-04 2027-03-10 09:35–10:25 | Math (8B) |  | Day 2
        2027-02-03 2027-02-09 2027-02-17 2027-02-23 2027-03-01 2027-03-05 2027-03-11 08:40–09:30 | Math (8B) |  | Day 3
        2027-02-03 2027-02-09 2027-02-17 2027-02-23 2027-03-01 2027-03-05 2027-03-11 09:35–10:25 | Art (8B) |  | Day 3
        2027-02-04 2027-02-10 2027-02-18 2027-02-24 2027-03-02 2027-03-08 2027-03-12 08:40–09:30 | French (8B) |  | Day 4
        2027-02-04 2027-02-10 2027-02-18 2027-02-24 2027-03-02 2027-03-08 2027-03-12 09:35–10:25 | Math (8B) |  | Day 4
        == in calendars
        8B 56
        == with
        notes year-is-listed
    """,
    "New York: Breaks, Schedule Spring 2027": r"""
        America/New_York
        == Breaks.csv
        Holiday,Begin,End
        MLK Day,1/18/2027,1/18/2027
        Spring break,3/8/2027,3/12/2027
        == Schedule Spring 2027.csv
        CRN,Course,Title,Days,Times,Location,Instructor,Start,End
        10231,BIO 101,General Biology,MWF,9:00-9:50am,SCI 110,Abbott,1/11/2027,4/30/2027
        10232,BIO 101L,Bio Lab,T,1:00-3:50pm,SCI 114,Abbott,1/11/2027,4/30/2027
        10377,HIS 210,Atlantic World,TR,10:30-11:45am,OLD 2,Ferreira,1/11/2027,4/30/2027
        == comes out as
        2027-01-11..2027-04-30 without 2027-01-18 2027-03-08..2027-03-12
        Mon Wed Fri 09:00–09:50 | BIO 101 General Biology (10231) | SCI 110
        Tue 13:00–15:50 | BIO 101L Bio Lab (10232) | SCI 114
        Tue Thu 10:30–11:45 | HIS 210 Atlantic World (10377) | OLD 2
        == in calendars
        Abbott 59, Ferreira 30, 10231 44, 10232 15, 10377 30, OLD 2 30, SCI 110 44, SCI 114 15
    """,
    "Chicago: Front desk": r"""
        America/Chicago
        == Front desk.csv
        Week of 1/11/2027,Mon,Tue,Wed,Thu,Fri
        Dana,8a-12p,8a-12p,,12p-5p,8a-12p
        Luis,12p-5p,12p-5p,8a-5p,8a-12p,12p-5p
        == is refused
        == with
        undecided terms
    """,
    "Winnipeg: Bells, Cycle calendar, Gym schedule": r"""
        America/Winnipeg
        == Bells.csv
        Period,From,To
        1,9:00,9:40
        2,9:40,10:20
        == Cycle calendar.csv
        Date,Cycle day
        11-Jan-2027,1
        12-Jan-2027,2
        13-Jan-2027,3
        14-Jan-2027,4
        15-Jan-2027,5
        18-Jan-2027,1
        19-Jan-2027,2
        20-Jan-2027,3
        21-Jan-2027,4
        22-Jan-2027,5
        25-Jan-2027,1
        26-Jan-2027,2
        27-Jan-2027,3
        28-Jan-2027,4
        29-Jan-2027,PD Day - no classes
        01-Feb-2027,5
        02-Feb-2027,1
        03-Feb-2027,2
        04-Feb-2027,3
        05-Feb-2027,4
        08-Feb-2027,5
        09-Feb-2027,1
        10-Feb-2027,2
        11-Feb-2027,3
        12-Feb-2027,4
        == Gym schedule.csv
        Period,Day 1,Day 2,Day 3,Day 4,Day 5
        1,4A,4B,5A,5B,6A
        2,6B,,4A,4B,
        == comes out as
        2027-01-11..2027-01-25/7 2027-02-02 2027-02-09 09:00–09:40 | 4A |  | Day 1, period 1
        2027-01-13..2027-01-27/7 2027-02-04 2027-02-11 09:40–10:20 | 4A |  | Day 3, period 2
        2027-01-12..2027-01-26/7 2027-02-03 2027-02-10 09:00–09:40 | 4B |  | Day 2, period 1
        2027-01-14..2027-01-28/7 2027-02-05 2027-02-12 09:40–10:20 | 4B |  | Day 4, period 2
        2027-01-13..2027-01-27/7 2027-02-04 2027-02-11 09:00–09:40 | 5A |  | Day 3, period 1
        2027-01-14..2027-01-28/7 2027-02-05 2027-02-12 09:00–09:40 | 5B |  | Day 4, period 1
        2027-01-15 2027-01-22 2027-02-01 2027-02-08 09:00–09:40 | 6A |  | Day 5, period 1
        2027-01-11..2027-01-25/7 2027-02-02 2027-02-09 09:40–10:20 | 6B |  | Day 1, period 2
        == in calendars
        4A 10, 4B 10, 5A 5, 5B 5, 6A 4, 6B 5
        == with
        notes cells-meet year-is-listed
    """,
    "New York: Class timetable, No school days": r"""
        America/New_York
        == Class timetable.csv
        Class timetable 2026-27,,,,,,,
        Session,Weekday,Starts,Ends,Room,Instructor,Start,End,Notes
        Spin,Mon/Thurs,3:30 PM,4:30 PM,Main Gym,Orla Penn,2026-09-14,2026-11-20,
        Yoga Flow,Tues/Fri,6:15 PM,7:00 PM,Pool 1,Mr. Marsh,2026-09-21,2026-12-11,
        Pilates,Tues,6:15 PM,7:30 PM,Court 3,A. Quill,2026-10-05,2026-12-04,bring own kit
        Aqua,Wed/Fri,6:30 PM,7:30 PM,North Field,"Reyes, Tom",2026-09-14,2026-12-18,new this year
        == No school days.csv
        Description,Start,End
        Thanksgiving,2026-11-25,2026-11-27
        Veterans Day,2026-11-11,2026-11-11
        == comes out as
        2026-09-14..2026-12-18 without 2026-09-15 2026-11-11 2026-11-23..2026-12-14/7 2026-11-25..2026-11-27 2026-12-03..2026-12-17/7 2026-12-15
        Tue but 2026-09-22 2026-09-29 2026-12-08 18:15–19:30 | Pilates | Court 3
        Tue Fri but 2026-09-18 2026-12-18 18:15–19:00 | Yoga Flow | Pool 1
        Mon Thu 15:30–16:30 | Spin | Main Gym
        Wed Fri 18:30–19:30 | Aqua | North Field
        == in calendars
        A. Quill 9, Mr. Marsh 23, Orla Penn 20, Reyes 25, Tom 25, Aqua 25, Pilates 9, Spin 20, Yoga Flow 23, Court 3 9, Main Gym 20, North Field 25, Pool 1 23
        == with
        notes unsure-column
    """,
    "Chicago: Evening classes, Holidays, Term dates": r"""
        America/Chicago
        == Evening classes.csv
        Course,Meets,Starts,Length,Room,Instructor
        Pottery,Thursday,17:00,60 min,Hall A,Orla Penn
        Spanish 1,Wednesday,18:00,120 min,Studio 2,Mr. Marsh
        Life Drawing,Wednesday,08:30,45 min,Rehearsal Room,A. Quill
        == Holidays.csv
        Name,Date from,Date to
        Thanksgiving,"Nov 25, 2026","Nov 27, 2026"
        Veterans Day,"Nov 11, 2026","Nov 11, 2026"
        == Term dates.csv
        Name,Date from,Date to
        Fall semester,"Aug 31, 2026","Dec 18, 2026"
        == comes out as
        2026-09-02..2026-12-17 without 2026-11-11 2026-11-25 2026-11-26
        Wed 08:30–09:15 | Life Drawing | Rehearsal Room
        Wed 18:00–20:00 | Spanish 1 | Studio 2
        Thu 17:00–18:00 | Pottery | Hall A
        == in calendars
        A. Quill 14, Mr. Marsh 14, Orla Penn 15, Life Drawing 14, Pottery 15, Spanish 1 14, Hall A 15, Rehearsal Room 14, Studio 2 14
    """,
    "New York: Breaks and holidays, Clubs, Dates of term": r"""
        America/New_York
        == Breaks and holidays.csv
        Description,Begins,Finishes
        Thanksgiving,11/25/2026,11/27/2026
        Veterans Day,11/11/2026,
        == Clubs.csv
        Name,Days,Start,Length,Place,Leader,Fee
        Chess Club,Wednesday,4pm,75 min,Room 12,Orla Penn,free
        Robotics,Monday,10:30am,90 min,Lab 2,Mr. Marsh,free
        Drama Club,Thursday,3pm,90 min,B14,A. Quill,free
        == Dates of term.csv
        Session,Begins,Finishes
        Fall semester,08/31/2026,12/18/2026
        == comes out as
        2026-08-31..2026-12-17 without 2026-11-11 2026-11-25 2026-11-26
        Thu 15:00–16:30 | Drama Club | B14
        Mon 10:30–12:00 | Robotics | Lab 2
        Wed 16:00–17:15 | Chess Club | Room 12
        == in calendars
        A. Quill 15, Mr. Marsh 16, Orla Penn 14, Chess Club 14, Drama Club 15, Robotics 16, B14 15, Lab 2 16, Room 12 14
        == with
        notes unsure-column
    """,
    "New York: Non-teaching days, Term dates, Training times": r"""
        America/New_York
        == Non-teaching days.csv
        Occasion,Start date,End date
        Thanksgiving,2026-11-25,2026-11-27
        Veterans Day,2026-11-11,2026-11-11
        == Term dates.csv
        Name,Start date,End date
        Fall semester,2026-08-31,2026-12-18
        == Training times.csv
        Training times 2026-27,,,,,
        ,,,,,
        Squad,Lead coach,Where,Day,From,Until
        U12 Girls,Orla Penn,Main Gym,Wed & Thurs,6:00 PM,7:00 PM
        U14 Boys,Mr. Marsh,Pool 1,Mon,10:00 AM,11:30 AM
        Masters,A. Quill,Court 3,Mon & Thurs,10:30 AM,11:15 AM
        == comes out as
        2026-08-31..2026-12-17 without 2026-11-11 2026-11-25 2026-11-26
        Mon Thu 10:30–11:15 | Masters | Court 3
        Mon 10:00–11:30 | U14 Boys | Pool 1
        Wed Thu 18:00–19:00 | U12 Girls | Main Gym
        == in calendars
        A. Quill 31, Mr. Marsh 16, Orla Penn 29, Masters 31, U12 Girls 29, U14 Boys 16, Court 3 31, Main Gym 29, Pool 1 16
        == with
        notes unsure-column
    """,
    "Chicago: Bells, Master schedule, calendar": r"""
        America/Chicago
        == calendar.csv
        Date,Day type
        9/8/2026,Red
        9/9/2026,Blue
        9/10/2026,Red
        9/11/2026,Blue
        9/14/2026,Red
        9/15/2026,Blue
        9/16/2026,Red
        9/17/2026,Blue
        9/18/2026,No school - PD
        9/21/2026,Red
        9/22/2026,Blue
        == Bells.csv
        Block,Start,End
        1,7:45 AM,9:10 AM
        2,9:15 AM,10:40 AM
        == Master schedule.csv
        Teacher,Room,Red 1,Red 2,Blue 1,Blue 2
        Alvarez,204,Algebra I,Algebra I,PREP,Geometry
        Kim,118,PREP,Biology,Chemistry,Chemistry
        == comes out as
        2026-09-08..2026-09-22 without 2026-09-18
        2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-21 07:45–10:40 | Algebra I | 204 | Day Red, period 1–2
        2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-21 09:15–10:40 | Biology | 118 | Day Red, period 2
        Tue Wed Thu Fri but 2026-09-08 2026-09-10 2026-09-16 07:45–10:40 | Chemistry | 118 | Day Blue, period 1–2
        Tue Wed Thu Fri but 2026-09-08 2026-09-10 2026-09-16 09:15–10:40 | Geometry | 204 | Day Blue, period 2
        == in calendars
        Alvarez 10, Kim 10, Algebra I 5, Biology 5, Chemistry 5, Geometry 5, 118 10, 204 10
        == with
        notes year-is-listed
    """,
    "Toronto: Fall schedule 2026": r"""
        America/Toronto
        == Fall schedule 2026.csv
        Fall session: Sept 14 to Dec 5 2026 (no classes Oct 12)
        Time,Mon,Tue,Wed,Thu,Sat
        4:15-5:00,Ballet 1 (LM),Tap 1 (JS),Ballet 2 (LM),Jazz 1 (JS),
        10:00-11:00,,,,,Creative movement (RK)
        == comes out as
        2026-09-14..2026-12-05 without 2026-10-12
        Mon 16:15–17:00 | Ballet 1 (LM)
        Tue 16:15–17:00 | Tap 1 (JS)
        Wed 16:15–17:00 | Ballet 2 (LM)
        Thu 16:15–17:00 | Jazz 1 (JS)
        Sat 10:00–11:00 | Creative movement (RK)
        == in calendars
        Ballet 1 (LM) 11, Ballet 2 (LM) 12, Creative movement (RK) 12, Jazz 1 (JS) 12, Tap 1 (JS) 12
        == with
        warning half-by-order Fall schedule 2026.csv, A3
        notes cells-meet holds-for-dates note-used open-brackets
    """,
    "New York: Meetings": r"""
        America/New_York
        == Meetings.csv
        Meeting,Frequency,Day & Time,Location,Start date,End date
        Faculty,Monthly (1st Wed),Wed 3:30-4:30 PM,Library,9/2/2026,12/2/2026
        Dept heads,Weekly,Tue 2:45-3:30 PM,Rm 12,9/8/2026,10/6/2026
        PTA,2nd Thursday,Thu 7:00-8:30 PM,Cafeteria,9/10/2026,12/10/2026
        == comes out as
        2026-09-02..2026-12-10 without 2026-09-03 2026-09-09 2026-09-16 2026-09-17 2026-09-23 2026-09-24 2026-09-30 2026-10-01 2026-10-13 2026-10-14 2026-10-15 2026-10-20 2026-10-21 2026-10-22 2026-10-27 2026-10-28 2026-10-29 2026-11-03 2026-11-05 2026-11-10 2026-11-11 2026-11-17 2026-11-18 2026-11-19 2026-11-24 2026-11-25 2026-11-26 2026-12-01 2026-12-03 2026-12-08 2026-12-09
        Wed 15:30–16:30 | Faculty | Library
        Tue 14:45–15:30 | Dept heads | Rm 12
        Thu 19:00–20:30 | PTA | Cafeteria
        == in calendars
        Meetings 13
        == with
        notes unsure-column
    """,
    "New York: Meetings (2)": r"""
        America/New_York
        == Meetings.csv
        Meeting,Time,Repeat,Start date,Until
        Faculty,3:30-4:30 PM,Weekly,9/2/2026,10/7/2026
        PTA,7:00-8:30 PM,Weekly,9/17/2026,12/10/2026
        == comes out as
        2026-09-02..2026-12-10 without 2026-09-03 2026-09-10 2026-10-14 2026-10-21 2026-10-28 2026-11-04 2026-11-11 2026-11-18 2026-11-25 2026-12-02 2026-12-09
        Wed 15:30–16:30 | Faculty
        Thu 19:00–20:30 | PTA
        == in calendars
        Meetings 19
    """,
    "Chicago: Clubs": r"""
        America/Chicago
        == Clubs.csv
        Club,Time,Repeat,Start date,Until,Except
        Chess,3:00 PM - 4:00 PM,Weekly,9/14/2026,11/9/2026,10/12/2026
        Robotics,3:15 PM - 4:45 PM,Weekly,9/10/2026,10/8/2026,"9/24/2026, 10/1/2026"
        == comes out as
        2026-09-10..2026-11-09 without 2026-10-12
        2026-09-10 2026-09-17 2026-10-08 15:15–16:45 | Robotics
        Mon 15:00–16:00 | Chess
        == in calendars
        Clubs 11
    """,
    "Phoenix: Shifts": r"""
        America/Phoenix
        == Shifts.csv
        Employee,Date,In,Out,Position
        Dana Cole,10/13/2026,6:00 AM,2:30 PM,Front
        Dana Cole,10/14/2026,6:00 AM,2:30 PM,Front
        Eli Moss,10/13/2026,2:00 PM,10:30 PM,Bar
        Eli Moss,10/14/2026,10:00 PM,6:00 AM,Bar
        == comes out as
        2026-10-13 14:00–22:30 | Bar – Eli Moss
        2026-10-13 2026-10-14 06:00–14:30 | Front – Dana Cole
        2026-10-14 22:00–06:00 | Bar – Eli Moss
        == in calendars
        Shifts 4, Dana Cole 2, Eli Moss 2
        == with
        notes ends-next-day unsure-column
    """,
    "Toronto: Calendar - Calendrier, Timetable - Horaire": r"""
        America/Toronto
        == Calendar - Calendrier.csv
        Date,Day / Jour,Note / Remarque
        2026-09-08,1,
        2026-09-09,2,
        2026-09-10,3,
        2026-09-11,4,
        2026-09-14,5,
        2026-09-15,1,
        2026-09-16,,PD day / Journée pédagogique
        2026-09-17,2,
        2026-09-18,3,
        2026-09-21,4,
        2026-09-22,5,
        2026-09-23,1,
        2026-09-24,2,
        2026-09-25,3,
        == Timetable - Horaire.csv
        Period / Période,Time / Heure,Day 1 / Jour 1,Day 2 / Jour 2,Day 3 / Jour 3,Day 4 / Jour 4,Day 5 / Jour 5
        1,8:45 - 9:55,Math,Français,Math,Science,Art
        2,10:05 - 11:15,Français,Math,Gym,Math,Français
        == comes out as
        2026-09-08 2026-09-15 2026-09-23 08:45–09:55 | Math |  | Day 1
        2026-09-08 2026-09-15 2026-09-23 10:05–11:15 | Français |  | Day 1
        2026-09-09 2026-09-17 2026-09-24 08:45–09:55 | Français |  | Day 2
        2026-09-09 2026-09-17 2026-09-24 10:05–11:15 | Math |  | Day 2
        2026-09-10 2026-09-18 2026-09-25 08:45–09:55 | Math |  | Day 3
        2026-09-10 2026-09-18 2026-09-25 10:05–11:15 | Gym |  | Day 3
        2026-09-11 2026-09-21 08:45–09:55 | Science |  | Day 4
        2026-09-11 2026-09-21 10:05–11:15 | Math |  | Day 4
        2026-09-14 2026-09-22 08:45–09:55 | Art |  | Day 5
        2026-09-14 2026-09-22 10:05–11:15 | Français |  | Day 5
        == in calendars
        Art 2, Français 8, Gym 3, Math 11, Science 2
        == with
        notes cells-meet year-is-listed
    """,
    "New York: Duty roster, No school, Weeks": r"""
        America/New_York
        == Duty roster.csv
        Spot,Mon A,Tue A,Wed A,Thu A,Fri A,Mon B,Tue B,Wed B,Thu B,Fri B
        Front loop 7:20-7:45,Cole,Diaz,Cole,Diaz,Earl,Earl,Cole,Diaz,Cole,Diaz
        Bus ramp 2:40-3:05,Earl,Cole,Diaz,Earl,Cole,Diaz,Earl,Cole,Diaz,Earl
        == Weeks.csv
        Week of,Week
        8/31/2026,A
        9/7/2026,B
        9/14/2026,A
        9/21/2026,B
        == No school.csv
        Date,Reason
        9/7/2026,Labor Day
        == comes out as
        2026-08-31..2026-09-25 without 2026-09-07
        2026-08-31 2026-09-02 2026-09-08 2026-09-10 2026-09-14 2026-09-16 2026-09-22 2026-09-24 07:20–07:45 | Cole |  | Front loop
        2026-08-31 2026-09-03 2026-09-08 2026-09-11 2026-09-14 2026-09-17 2026-09-22 2026-09-25 14:40–15:05 | Earl |  | Bus ramp
        2026-09-01 2026-09-03 2026-09-09 2026-09-11 2026-09-15 2026-09-17 2026-09-23 2026-09-25 07:20–07:45 | Diaz |  | Front loop
        2026-09-01 2026-09-04 2026-09-09 2026-09-15 2026-09-18 2026-09-23 14:40–15:05 | Cole |  | Bus ramp
        2026-09-02 2026-09-10 2026-09-16 2026-09-21 2026-09-24 14:40–15:05 | Diaz |  | Bus ramp
        2026-09-04 2026-09-18 2026-09-21 07:20–07:45 | Earl |  | Front loop
        == in calendars
        Cole 14, Diaz 13, Earl 11
        == with
        notes cells-meet
    """,
    "Chicago: Academic calendar, Sections": r"""
        America/Chicago
        == Sections.csv
        CRN,Subject,Course,Title,Days,Begin,End,Bldg,Room,Instructor,Start Date,End Date
        10234,BIO,101,General Biology,MWF,0900,0950,SCI,210,"Hale, R.",01/11/2027,05/07/2027
        10235,BIO,101L,Biology Lab,T,1300,1550,SCI,115,"Hale, R.",01/11/2027,05/07/2027
        10301,ENG,110,Composition,TR,1100,1215,LIB,12,"Osei, P.",01/11/2027,05/07/2027
        10322,ART,205,Ceramics,S,1000,1250,ART,3,"Quint, L.",01/11/2027,05/07/2027
        10340,HIS,220,World History,ARR,,,,,"Dorn, S.",01/11/2027,05/07/2027
        == Academic calendar.csv
        Date,Event
        "Monday, January 18, 2027","MLK Day - no classes"
        "March 15-19, 2027",Spring break - no classes
        "Friday, March 26, 2027",Good Friday (no classes)
        "April 12, 2027",Advising begins
        == comes out as
        2027-01-11..2027-05-07 without 2027-01-18 2027-03-15 2027-03-16 2027-03-17 2027-03-18 2027-03-19 2027-03-26
        Mon Wed Fri 09:00–09:50 | BIO 101 General Biology (10234) | SCI 210
        Tue 13:00–15:50 | BIO 101L Biology Lab (10235) | SCI 115
        Tue Thu 11:00–12:15 | ENG 110 Composition (10301) | LIB 12
        Sat 10:00–12:50 | ART 205 Ceramics (10322) | ART 3
        == in calendars
        Hale, R. 62, Osei, P. 32, Quint, L. 16, 10234 46, 10235 16, 10301 32, 10322 16, ART 3 16, LIB 12 32, SCI 115 16, SCI 210 46
        == with
        warning not-a-closure Academic calendar.csv, A5:B5
        warning not-known-yet Sections.csv, E6
        notes short-days
    """,
    "Edmonton: Codes, Period, Shift pattern": r"""
        America/Edmonton
        == Shift pattern.csv
        Crew,Pattern,Starts
        A,DDDDNNNN--------,2027-01-04
        B,DDDDNNNN--------,2027-01-12
        == Codes.csv
        Shift,From,To
        D,0700,1900
        N,1900,0700
        == Period.csv
        From,To
        2027-01-04,2027-02-04
        == comes out as
        2027-01-04..2027-02-04
        2027-01-04 2027-01-05 2027-01-06 2027-01-07 2027-01-12 2027-01-13 2027-01-14 2027-01-15 2027-01-20 2027-01-21 2027-01-22 2027-01-23 2027-01-28 2027-01-29 2027-01-30 2027-01-31 07:00–19:00 | D
        2027-01-08 2027-01-09 2027-01-10 2027-01-11 2027-01-16 2027-01-17 2027-01-18 2027-01-19 2027-01-24 2027-01-25 2027-01-26 2027-01-27 2027-02-01 2027-02-02 2027-02-03 2027-02-04 19:00–07:00 | N
        == in calendars
        A 16, B 16
        == with
        notes ends-next-day
    """,
    "Denver: Bells, Days, Schedule": r"""
        America/Denver
        == Bells.csv
        ,Regular,,Early release,
        Block,Start,End,Start,End
        1,8:00,9:25,8:00,8:55
        2,9:35,11:00,9:05,10:00
        3,11:45,1:10,10:10,11:05
        4,1:20,2:45,11:15,12:10
        == Schedule.csv
        Course,Teacher,Room,A day,B day
        Physics,Hale,101,1,
        Calculus,Orr,204,,1
        Choir,Fay,Aud,2,2
        Welding,Low,Shop,3,
        US History,Dunn,110,,4
        == Days.csv
        Date,Day,Schedule
        1/4/2027,A,
        1/5/2027,B,
        1/6/2027,A,Early release
        1/7/2027,B,
        1/8/2027,A,
        1/11/2027,B,
        1/12/2027,A,
        1/13/2027,B,
        1/14/2027,A,
        1/15/2027,B,
        == comes out as
        2027-01-04..2027-01-15 without 2027-01-06
        2027-01-04 2027-01-08 2027-01-12 2027-01-14 08:00–09:25 | Physics | 101 | Day A, period 1
        2027-01-04 2027-01-08 2027-01-12 2027-01-14 09:35–11:00 | Choir | Aud | Day A, period 2
        2027-01-04 2027-01-08 2027-01-12 2027-01-14 11:45–13:10 | Welding | Shop | Day A, period 3
        2027-01-05 2027-01-07 2027-01-11 2027-01-13 2027-01-15 08:00–09:25 | Calculus | 204 | Day B, period 1
        2027-01-05 2027-01-07 2027-01-11 2027-01-13 2027-01-15 09:35–11:00 | Choir | Aud | Day B, period 2
        2027-01-05 2027-01-07 2027-01-11 2027-01-13 2027-01-15 13:20–14:45 | US History | 110 | Day B, period 4
        2027-01-06 08:00–08:55 | Physics | 101 | Day A, period 1
        2027-01-06 09:05–10:00 | Choir | Aud | Day A, period 2
        2027-01-06 10:10–11:05 | Welding | Shop | Day A, period 3
        == in calendars
        Dunn 5, Fay 10, Hale 5, Low 5, Orr 5, Calculus 5, Choir 10, Physics 5, US History 5, Welding 5, 101 5, 110 5, 204 5, Aud 10, Shop 5
        == with
        notes year-is-listed
    """,
    "Chicago: Dates, Mass schedule": r"""
        America/Chicago
        == Mass schedule.csv
        Day,Time,Mass,Celebrant
        Saturday,5:00 PM,Vigil,Fr. Tom
        Sunday,8:00 AM & 10:30 AM,Sunday Mass,Fr. Tom
        Monday - Thursday,7:00 AM,Daily Mass,Fr. Luke
        First Friday,6:30 PM,Sacred Heart,Fr. Luke
        == Dates.csv
        Schedule valid,From,To
        Winter,1/3/2027,3/27/2027
        == comes out as
        2027-01-03..2027-03-27
        Sun 08:00–09:00 | Sunday Mass |  | Celebrant: Fr. Tom
        Sun 10:30–11:30 | Sunday Mass |  | Celebrant: Fr. Tom
        Mon Tue Wed Thu 07:00–08:00 | Daily Mass |  | Celebrant: Fr. Luke
        Sat 17:00–18:00 | Vigil |  | Celebrant: Fr. Tom
        2027-02-05 2027-03-05 18:30–19:30 | Sacred Heart |  | Celebrant: Fr. Luke
        == in calendars
        Mass schedule 86
        == with
        notes people-in-text unsure-column
    """,
    "Denver: Closed, Schedule, Term": r"""
        America/Denver
        == Schedule.csv
        Course,Teacher,Room,Mon,Tue,Wed,Thu,Fri
        Physics,Hale,101,8:00-8:50,,8:00-8:50,,8:00-8:50
        Calculus,Orr,204,9:00-9:50,9:00-9:50,9:00-9:50,9:00-9:50,
        == Term.csv
        Term,Start,End
        Q1,1/4/2027,3/26/2027
        == Closed.csv
        Closed,Date
        Presidents Day,2/15/2027
        == comes out as
        2027-01-04..2027-03-26 without 2027-02-15
        Mon Tue Wed Thu 09:00–09:50 | Calculus | 204
        Mon Wed Fri 08:00–08:50 | Physics | 101
        == in calendars
        Hale 35, Orr 47, Calculus 47, Physics 35, 101 35, 204 47
    """,
    "Denver: Bells, Days, Schedule (2)": r"""
        America/Denver
        == Bells.csv
        Period,Start,End
        1,8:00,8:50
        2,9:00,9:50
        3,10:00,10:50
        == Schedule.csv
        Course,Teacher,Room,Day 1,Day 2,Day 3
        Physics,Hale,101,1,,2
        Calculus,Orr,204,2,2,
        Choir,Fay,Aud,,3,1
        == Days.csv
        Date,Day
        1/4/2027,1
        1/5/2027,2
        1/6/2027,3
        1/7/2027,1
        1/8/2027,2
        1/11/2027,3
        1/12/2027,1
        1/13/2027,2
        1/14/2027,3
        1/15/2027,1
        == comes out as
        2027-01-04..2027-01-15 without 2027-01-05 2027-01-08 2027-01-11 2027-01-14
        Mon Tue Thu Fri 08:00–08:50 | Physics | 101 | Day 1, period 1
        Mon Tue Thu Fri 09:00–09:50 | Calculus | 204 | Day 1, period 2
        2027-01-05 2027-01-08 2027-01-13 09:00–09:50 | Calculus | 204 | Day 2, period 2
        2027-01-05 2027-01-08 2027-01-13 10:00–10:50 | Choir | Aud | Day 2, period 3
        2027-01-06 2027-01-11 2027-01-14 08:00–08:50 | Choir | Aud | Day 3, period 1
        2027-01-06 2027-01-11 2027-01-14 09:00–09:50 | Physics | 101 | Day 3, period 2
        == in calendars
        Fay 6, Hale 7, Orr 7, Calculus 7, Choir 6, Physics 7, 101 7, 204 7, Aud 6
        == with
        notes year-is-listed
    """,
    "New York: Clubs, No school, School year": r"""
        America/New_York
        == Clubs.csv
        Club,Advisor,Room,Meets,Time
        Chess,Mr. Orr,12,"First and third Mondays",2:45-3:30
        Robotics,Ms. Fay,Lab,Tuesdays and Thursdays,2:45-4:00
        Yearbook,Mrs. Low,9,Every other Wednesday starting 9/16,2:45-3:30
        == School year.csv
        First day,Last day
        9/8/2026,12/18/2026
        == No school.csv
        Date
        9/21/2026
        11/26/2026
        11/27/2026
        == comes out as
        2026-09-08..2026-12-17 without 2026-09-09 2026-09-14 2026-09-21 2026-09-23 2026-09-28 2026-10-07 2026-10-12 2026-10-21 2026-10-26 2026-11-04 2026-11-09 2026-11-18 2026-11-23 2026-11-26 2026-11-30 2026-12-02 2026-12-14 2026-12-16
        Tue Thu 14:45–16:00 | Robotics | Lab | Advisor: Ms. Fay
        Wed 14:45–15:30 | Yearbook | 9 | Advisor: Mrs. Low
        Mon 14:45–15:30 | Chess | 12 | Advisor: Mr. Orr
        == in calendars
        Clubs 41
        == with
        notes people-in-text unsure-column
    """,
    "Chicago: AB calendar, Bell schedules, Bell schedules, Master schedule": r"""
        America/Chicago
        == Bell schedules.xlsx / Regular
        Block,Begin,End
        1,8:00 AM,9:25 AM
        2,9:35 AM,11:00 AM
        3,12:00 PM,1:25 PM
        4,1:35 PM,3:00 PM
        == Bell schedules.xlsx / Late Start
        Block,Begin,End
        1,10:00 AM,11:00 AM
        2,11:10 AM,12:10 PM
        3,12:50 PM,1:50 PM
        4,2:00 PM,3:00 PM
        == Master schedule.csv
        Course,Section,Expression,Teacher,Room
        Algebra I,01,1(A),"Reyes, M.",204
        Biology,01,1(B),"Stone, K.",Lab 1
        English 9,02,2(A-B),"Novak, P.",110
        PE,03,4(B),"Hill, D.",Gym
        == AB calendar.csv
        Date,Day,A/B,Notes
        1/11/2027,Mon,A,
        1/12/2027,Tue,B,
        1/13/2027,Wed,A,Late Start
        1/14/2027,Thu,B,
        1/15/2027,Fri,A,
        1/18/2027,Mon,,MLK Day - No School
        1/19/2027,Tue,B,
        1/20/2027,Wed,A,Late Start
        1/21/2027,Thu,B,
        1/22/2027,Fri,A,
        1/25/2027,Mon,B,
        1/26/2027,Tue,A,
        1/27/2027,Wed,B,Late Start
        1/28/2027,Thu,A,
        1/29/2027,Fri,B,
        == comes out as
        2027-01-11..2027-01-29 without 2027-01-18
        2027-01-11 2027-01-15 2027-01-22 2027-01-26 2027-01-28 08:00–09:25 | Algebra I (Algebra I 01) | 204 | Day A, period 1
        2027-01-11 2027-01-15 2027-01-22 2027-01-26 2027-01-28 09:35–11:00 | English 9 (English 9 02) | 110 | Day A, period 2
        2027-01-12 2027-01-14 2027-01-19 2027-01-21 2027-01-25 2027-01-29 08:00–09:25 | Biology (Biology 01) | Lab 1 | Day B, period 1
        2027-01-12 2027-01-14 2027-01-19 2027-01-21 2027-01-25 2027-01-29 09:35–11:00 | English 9 (English 9 02) | 110 | Day B, period 2
        2027-01-12 2027-01-14 2027-01-19 2027-01-21 2027-01-25 2027-01-29 13:35–15:00 | PE (PE 03) | Gym | Day B, period 4
        2027-01-13 2027-01-20 10:00–11:00 | Algebra I (Algebra I 01) | 204 | Day A, period 1
        2027-01-13 2027-01-20 11:10–12:10 | English 9 (English 9 02) | 110 | Day A, period 2
        2027-01-27 10:00–11:00 | Biology (Biology 01) | Lab 1 | Day B, period 1
        2027-01-27 11:10–12:10 | English 9 (English 9 02) | 110 | Day B, period 2
        2027-01-27 14:00–15:00 | PE (PE 03) | Gym | Day B, period 4
        == in calendars
        Hill, D. 7, Novak, P. 14, Reyes, M. 7, Stone, K. 7, Algebra I 01 7, Biology 01 7, English 9 02 14, PE 03 7, 110 14, 204 7, Gym 7, Lab 1 7
        == with
        notes numbered-sections year-is-listed
    """,
    "New York: Day calendar, Specials rotation": r"""
        America/New_York
        == Specials rotation.csv
        Time,Class,Day 1,Day 2,Day 3,Day 4,Day 5,Day 6
        9:00-9:45,Adams (2),Art,Music,PE,Library,PE,STEM
        9:50-10:35,Brown (3),Music,PE,Art,PE,Library,Music
        == Day calendar.csv
        Date,Day
        2027-01-04,1
        2027-01-05,2
        2027-01-06,3
        2027-01-07,4
        2027-01-08,5
        2027-01-11,6
        2027-01-12,1
        2027-01-13,2
        2027-01-14,3
        2027-01-15,4
        2027-01-18,No school – MLK Day
        2027-01-19,5
        2027-01-20,6
        2027-01-21,1
        2027-01-22,2
        == comes out as
        2027-01-04 2027-01-12 2027-01-21 09:00–09:45 | Art (Adams (2)) |  | Day 1
        2027-01-04 2027-01-12 2027-01-21 09:50–10:35 | Music (Brown (3)) |  | Day 1
        2027-01-05 2027-01-13 2027-01-22 09:00–09:45 | Music (Adams (2)) |  | Day 2
        2027-01-05 2027-01-13 2027-01-22 09:50–10:35 | PE (Brown (3)) |  | Day 2
        2027-01-06 2027-01-14 09:00–09:45 | PE (Adams (2)) |  | Day 3
        2027-01-06 2027-01-14 09:50–10:35 | Art (Brown (3)) |  | Day 3
        2027-01-07 2027-01-15 09:00–09:45 | Library (Adams (2)) |  | Day 4
        2027-01-07 2027-01-15 09:50–10:35 | PE (Brown (3)) |  | Day 4
        2027-01-08 2027-01-19 09:00–09:45 | PE (Adams (2)) |  | Day 5
        2027-01-08 2027-01-19 09:50–10:35 | Library (Brown (3)) |  | Day 5
        2027-01-11 2027-01-20 09:00–09:45 | STEM (Adams (2)) |  | Day 6
        2027-01-11 2027-01-20 09:50–10:35 | Music (Brown (3)) |  | Day 6
        == in calendars
        Adams (2) 14, Brown (3) 14
        == with
        notes year-is-listed
    """,
    "Chicago: Finals": r"""
        America/Chicago
        == Finals.csv
        Class meeting time,Exam date,Exam time
        MWF 8:00-8:50 AM,"Monday, May 10, 2027",8:00-9:50 AM
        MWF 9:00-9:50 AM,"Wednesday, May 12, 2027",8:00-9:50 AM
        TR 9:30-10:45 AM,"Tuesday, May 11, 2027",10:00-11:50 AM
        == comes out as
        2027-05-10 08:00–09:50 | MWF 8:00-8:50 AM
        2027-05-11 10:00–11:50 | TR 9:30-10:45 AM
        2027-05-12 08:00–09:50 | MWF 9:00-9:50 AM
        == in calendars
        Finals 3
        == with
        notes unsure-column
    """,
    "Denver: Bell schedule, Calendar, Classes": r"""
        America/Denver
        == Bell schedule.csv
        Period,Grades 6-7 Start,Grades 6-7 End,Grade 8 Start,Grade 8 End
        1,8:00 AM,8:50 AM,8:00 AM,8:50 AM
        2,8:54 AM,9:44 AM,8:54 AM,9:44 AM
        3,9:48 AM,10:38 AM,10:20 AM,11:10 AM
        == Classes.csv
        Section,Grade,Course,Teacher,Period,Room
        601,Grades 6-7,Math,K. Ott,1,12
        601,Grades 6-7,Science,L. Ray,3,14
        801,Grade 8,History,M. Sun,3,20
        == Calendar.csv
        Event,Date
        First Day of School,1/5/2027
        MLK Day - No School,1/18/2027
        Presidents Day - No School,2/15/2027
        Last Day of School,3/12/2027
        == comes out as
        2027-01-05..2027-03-12 without 2027-01-18 2027-02-15
        Mon Tue Wed Thu Fri 08:00–08:50 | Math (601) | 12 | Period 1
        Mon Tue Wed Thu Fri 09:48–10:38 | Science (601) | 14 | Period 3
        Mon Tue Wed Thu Fri 10:20–11:10 | History (801) | 20 | Period 3
        == in calendars
        K. Ott 47, L. Ray 47, M. Sun 47, 601 94, 801 47, 12 47, 14 47, 20 47
        == with
        notes every-day
    """,
    "Toronto: Programs": r"""
        America/Toronto
        == Programs.csv
        Program,Branch,When,Time,Runs
        Baby Rhymes,Central,Tuesdays,10:00-10:30 a.m.,Jan 12 - Mar 30 2027
        Lego Club,East,1st and 3rd Saturday,2:00-3:30 p.m.,Jan 2 - Mar 20 2027
        Book Club,Central,Last Wednesday of the month,7:00 p.m.,Jan 27 - Apr 28 2027
        Tax Help,West,Mon & Thu,1:00-4:00 p.m.,Mar 1 - Mar 25 2027
        == comes out as
        2027-01-02..2027-04-28 without 2027-01-04 2027-01-05 2027-01-06 2027-01-07 2027-01-09 2027-01-11 2027-01-13 2027-01-14 2027-01-18 2027-01-20 2027-01-21 2027-01-23 2027-01-25 2027-01-28 2027-01-30 2027-02-01 2027-02-03 2027-02-04 2027-02-08 2027-02-10 2027-02-11 2027-02-13 2027-02-15 2027-02-17 2027-02-18 2027-02-22 2027-02-25 2027-02-27 2027-03-03 2027-03-10 2027-03-13 2027-03-17 2027-03-24 2027-03-27 2027-03-29 2027-04-01 2027-04-03 2027-04-05 2027-04-06 2027-04-07 2027-04-08 2027-04-10 2027-04-12 2027-04-13 2027-04-14 2027-04-15 2027-04-17 2027-04-19 2027-04-20 2027-04-21 2027-04-22 2027-04-24 2027-04-26 2027-04-27
        Sat 14:00–15:30 | Lego Club | East
        Tue 10:00–10:30 | Baby Rhymes | Central
        Wed 19:00–20:00 | Book Club | Central
        Mon Thu 13:00–16:00 | Tax Help | West
        == in calendars
        Programs 30
        == with
        notes repeat-bounded unsure-column
    """,
}
