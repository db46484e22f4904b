"""Folders as schools and offices of Asia, Africa and Oceania keep them; read by test_folders_as_kept."""

KEPT = {
    "Tokyo: 休日, 学期, 時間割 2年1組": r"""
        Asia/Tokyo
        == 休日.csv
        休日,日付
        昭和の日,2026-04-29
        憲法記念日,2026-05-04
        みどりの日,2026-05-05
        振替休日,2026-05-06
        == 学期.csv
        学期,開始日,終了日
        1学期,2026-04-08,2026-07-17
        == 時間割 2年1組.csv
        時限,時間,月,火,水,木,金
        1,8:50-9:40,国語,数学,英語,理科,体育
        2,9:50-10:40,数学,英語,国語,社会,数学
        == comes out as
        2026-04-08..2026-07-17 without 2026-04-29 2026-05-04..2026-05-06
        Mon 08:50–09:40 | 国語 (2年1組)
        Tue 08:50–09:40 | 数学 (2年1組)
        Wed 08:50–09:40 | 英語 (2年1組)
        Thu 08:50–09:40 | 理科 (2年1組)
        Fri 08:50–09:40 | 体育 (2年1組)
        Mon Fri 09:50–10:40 | 数学 (2年1組)
        Tue 09:50–10:40 | 英語 (2年1組)
        Wed 09:50–10:40 | 国語 (2年1組)
        Thu 09:50–10:40 | 社会 (2年1組)
        == in calendars
        2年1組 138
    """,
    "Melbourne: Holidays, Term 4, Yard duty": r"""
        Australia/Melbourne
        == Holidays.csv
        Holiday,Date
        Cup day eve,19/10/2026
        == Term 4.csv
        Term,Start,End
        Term 4,05/10/2026,30/10/2026
        == Yard duty.csv
        Yard duty roster Term 4 2026,,,,,
        Time,Place,Mon,Tue,Wed,Thu,Fri
        8:30-8:50,Front gate,Ash,Birch,Cole,Ash,Dunn
        11:00-11:30,Oval,Birch,Cole,Dunn,Birch,Ash
        == comes out as
        2026-10-05..2026-10-30 without 2026-10-19
        Mon Thu 08:30–08:50 | Ash | Front gate
        Fri 11:00–11:30 | Ash | Oval
        Tue 08:30–08:50 | Birch | Front gate
        Mon Thu 11:00–11:30 | Birch | Oval
        Wed 08:30–08:50 | Cole | Front gate
        Tue 11:00–11:30 | Cole | Oval
        Fri 08:30–08:50 | Dunn | Front gate
        Wed 11:00–11:30 | Dunn | Oval
        == in calendars
        Ash 11, Birch 11, Cole 8, Dunn 8, Front gate 19, Oval 19
    """,
    "Seoul: 시간표 1반, 학사일정, 휴일": r"""
        Asia/Seoul
        == 시간표 1반.csv
        교시,시간,월,화,수,목,금
        1,9:00-9:45,국어,수학,영어,과학,체육
        2,9:55-10:40,수학,국어,사회,영어,음악
        == 학사일정.csv
        학기,시작일,종료일
        1학기,2027-03-02,2027-04-30
        == 휴일.csv
        휴일,날짜
        개교기념일,2027-04-05
        == comes out as
        2027-03-02..2027-04-30 without 2027-04-05
        Mon 09:00–09:45 | 국어 (1반)
        Tue 09:00–09:45 | 수학 (1반)
        Wed 09:00–09:45 | 영어 (1반)
        Thu 09:00–09:45 | 과학 (1반)
        Fri 09:00–09:45 | 체육 (1반)
        Mon 09:55–10:40 | 수학 (1반)
        Tue 09:55–10:40 | 국어 (1반)
        Wed 09:55–10:40 | 사회 (1반)
        Thu 09:55–10:40 | 영어 (1반)
        Fri 09:55–10:40 | 음악 (1반)
        == in calendars
        1반 86
    """,
    "Melbourne: No training, Season dates, Squad times": r"""
        Australia/Melbourne
        == No training.csv
        No training,From,To
        Grand final holiday,2026-09-28,
        Christmas break,2026-12-19,2027-01-03
        == Season dates.csv
        Season,Starts,Finishes
        Summer,2026-09-21,2027-02-27
        == Squad times.csv
        Squad,Mon,Tue,Wed,Thu,Fri,Sat
        Gold,5:30-7:00 Main pool,,5:30-7:00 Main pool,,5:30-7:00 Main pool,7:00-9:30 Main pool
        Silver,,17:00-18:30 Main pool,,17:00-18:30 Main pool,,
        Learn to race,16:30-17:30 Small pool,,16:30-17:30 Small pool,,,
        == comes out as
        2026-09-21..2027-02-27 without 2026-09-28 2026-12-19..2027-01-02/7 2026-12-21..2026-12-25 2026-12-28..2027-01-01
        Mon Wed Fri 05:30–07:00 | Gold | Main pool
        Sat 07:00–09:30 | Gold | Main pool
        Mon Wed 16:30–17:30 | Learn to race | Small pool
        Tue Thu 17:00–18:30 | Silver | Main pool
        == in calendars
        Gold 82, Learn to race 41, Silver 42, Main pool 124, Small pool 41
    """,
    "Kolkata: Bell timings, Class timetable, Holidays, Term": r"""
        Asia/Kolkata
        == Bell timings.csv
        Period,Start,End
        Period 1,08:00,08:40
        Period 2,08:40,09:20
        Period 3,09:40,10:20
        Period 4,10:20,11:00
        == Class timetable.xlsx / VI A
        Class VI A
        Day,Period 1,Period 2,Period 3,Period 4
        Mon,Maths,Hindi,Science,Art
        Tue,Hindi,Maths,SST,Games
        Wed,English,Maths,Hindi,Music
        Thu,Maths,English,SST,Science
        Fri,Science,Hindi,English,Maths
        Sat,SST,Games,,
        == Class timetable.xlsx / VI B
        Class VI B
        Day,Period 1,Period 2,Period 3,Period 4
        Mon,Hindi,Maths,Art,Science
        Tue,Maths,Hindi,Games,SST
        Wed,Maths,English,Music,Hindi
        Thu,English,Maths,Science,SST
        Fri,Hindi,Science,Maths,English
        Sat,Games,SST,,
        == Holidays.csv
        Holiday,From,To
        Independence Day,15-08-2026,
        Gandhi Jayanti,02-10-2026,
        Autumn break,19-10-2026,24-10-2026
        == Term.csv
        Term,From,To
        I,06-07-2026,28-11-2026
        == comes out as
        2026-07-06..2026-11-28 without 2026-08-15 2026-10-02 2026-10-19..2026-10-24
        Mon Thu 08:00–08:40 | Maths (VI A) |  | Period 1
        Tue 08:00–08:40 | Hindi (VI A) |  | Period 1
        Wed 08:00–08:40 | English (VI A) |  | Period 1
        Fri 08:00–08:40 | Science (VI A) |  | Period 1
        Sat 08:00–08:40 | SST (VI A) |  | Period 1
        Mon Fri 08:40–09:20 | Hindi (VI A) |  | Period 2
        Tue Wed 08:40–09:20 | Maths (VI A) |  | Period 2
        Thu 08:40–09:20 | English (VI A) |  | Period 2
        Sat 08:40–09:20 | Games (VI A) |  | Period 2
        Mon 09:40–10:20 | Science (VI A) |  | Period 3
        Tue Thu 09:40–10:20 | SST (VI A) |  | Period 3
        Wed 09:40–10:20 | Hindi (VI A) |  | Period 3
        Fri 09:40–10:20 | English (VI A) |  | Period 3
        Mon 10:20–11:00 | Art (VI A) |  | Period 4
        Tue 10:20–11:00 | Games (VI A) |  | Period 4
        Wed 10:20–11:00 | Music (VI A) |  | Period 4
        Thu 10:20–11:00 | Science (VI A) |  | Period 4
        Fri 10:20–11:00 | Maths (VI A) |  | Period 4
        Mon Fri 08:00–08:40 | Hindi (VI B) |  | Period 1
        Tue Wed 08:00–08:40 | Maths (VI B) |  | Period 1
        Thu 08:00–08:40 | English (VI B) |  | Period 1
        Sat 08:00–08:40 | Games (VI B) |  | Period 1
        Mon Thu 08:40–09:20 | Maths (VI B) |  | Period 2
        Tue 08:40–09:20 | Hindi (VI B) |  | Period 2
        Wed 08:40–09:20 | English (VI B) |  | Period 2
        Fri 08:40–09:20 | Science (VI B) |  | Period 2
        Sat 08:40–09:20 | SST (VI B) |  | Period 2
        Mon 09:40–10:20 | Art (VI B) |  | Period 3
        Tue 09:40–10:20 | Games (VI B) |  | Period 3
        Wed 09:40–10:20 | Music (VI B) |  | Period 3
        Thu 09:40–10:20 | Science (VI B) |  | Period 3
        Fri 09:40–10:20 | Maths (VI B) |  | Period 3
        Mon 10:20–11:00 | Science (VI B) |  | Period 4
        Tue Thu 10:20–11:00 | SST (VI B) |  | Period 4
        Wed 10:20–11:00 | Hindi (VI B) |  | Period 4
        Fri 10:20–11:00 | English (VI B) |  | Period 4
        == in calendars
        VI A 434, VI B 434
    """,
    "Johannesburg: Exam timetable": r"""
        Africa/Johannesburg
        == Exam timetable.csv
        November examinations 2026
        Date,Session,Grade 10,Grade 11,Grade 12
        Mon 9 Nov,08:30,Maths P1 (2 h),,English P1 (2 h)
        ,12:30,,Physics P1 (2½ h),
        Tue 10 Nov,08:30,Geography (3 h),Maths P1 (3 h),
        == comes out as
        2026-11-09 08:30–10:30 | Maths P1
        2026-11-10 08:30–11:30 | Geography
        2026-11-09 12:30–15:00 | Physics P1
        2026-11-10 08:30–11:30 | Maths P1
        2026-11-09 08:30–10:30 | English P1
        == in calendars
        Grade 10 2, Grade 11 2, Grade 12 1
        == with
        notes day-carried year-of-title
    """,
    "Jerusalem: Holidays, Lessons, Year": r"""
        Asia/Jerusalem
        == Holidays.csv
        Holiday,First day,Last day
        Rosh Hashanah,2026-09-11,2026-09-13
        Yom Kippur,2026-09-20,2026-09-21
        Sukkot,2026-09-25,2026-10-04
        == Lessons.csv
        Class,Subject,Teacher,Room,Day,From,To
        10-1,Physics,D. Amar,Lab,Sunday,08:00,09:30
        10-1,Literature,R. Levin,12,Monday,10:00,11:30
        11-2,Physics,D. Amar,Lab,Thursday,08:00,09:30
        == Year.csv
        Semester,Start,End
        A,2026-09-01,2027-01-28
        == comes out as
        2026-09-03..2027-01-28 without 2026-09-13..2026-10-04/7 2026-09-21 2026-09-28 2026-10-01
        Sun 08:00–09:30 | Physics (10-1) | Lab
        Thu 08:00–09:30 | Physics (11-2) | Lab
        Mon 10:00–11:30 | Literature (10-1) | 12
        == in calendars
        D. Amar 38, R. Levin 19, 10-1 36, 11-2 21, 12 19, Lab 38
    """,
    "Seoul: 시간표, 학기, 휴일": r"""
        Asia/Seoul
        == 시간표.csv
        강좌,강사,요일,시작,종료,강의실
        중등 수학,김하늘,"월, 수, 금",17:00,18:30,301
        고등 영어,박솔,"화, 목",19:00,21:00,302
        == 학기.csv
        학기,시작일,종료일
        2학기,2026-09-01,2026-12-18
        == 휴일.csv
        휴일,날짜
        추석,2026-09-25
        개천절,2026-10-03
        한글날,2026-10-09
        == comes out as
        2026-09-01..2026-12-18 without 2026-09-25 2026-10-09
        Mon Wed Fri 17:00–18:30 | 중등 수학 | 301
        Tue Thu 19:00–21:00 | 고등 영어 | 302
        == in calendars
        김하늘 45, 박솔 32, 고등 영어 32, 중등 수학 45, 301 45, 302 32
        == with
        notes short-days
    """,
    "Sydney: Pool closed, Season, Squad times": r"""
        Australia/Sydney
        == Pool closed.csv
        Date,Reason
        3/11/2026,Carnival
        5/12/2026,Maintenance
        == Season.csv
        Season,First day,Last day
        Summer 2026-27,6/10/2026,18/12/2026
        == Squad times.csv
        Squad,Mon,Tue,Wed,Thu,Fri,Sat
        Gold,5:30-7:00am,,5:30-7:00am,,5:30-7:00am,7:00-9:00am
        Silver,,5:00-6:30pm,,5:00-6:30pm,,9:00-10:30am
        Learners,4:00-4:45pm,,4:00-4:45pm,,,
        == comes out as
        2026-10-06..2026-12-18 without 2026-11-03 2026-12-05
        Mon Wed Fri 05:30–07:00 | Gold
        Sat 07:00–09:00 | Gold
        Mon Wed 16:00–16:45 | Learners
        Tue Thu 17:00–18:30 | Silver
        Sat 09:00–10:30 | Silver
        == in calendars
        Gold 41, Learners 21, Silver 30
    """,
    "Tokyo: 休み, 学期, 時間割, 時限": r"""
        Asia/Tokyo
        == 休み.csv
        日付,休日
        2026年9月21日,敬老の日
        2026年10月12日,スポーツの日
        2026年11月3日,文化の日
        == 学期.csv
        学期,開始日,終了日
        2学期,2026年9月1日,2026年12月18日
        == 時間割.csv
        ,月,火,水,木,金
        1限,数学,英語,数学,理科,国語
        2限,英語,国語,英語,数学,
        == 時限.csv
        時限,開始,終了
        1限,17:00,17:50
        2限,18:00,18:50
        == comes out as
        2026-09-01..2026-12-18 without 2026-09-21 2026-10-12 2026-11-03
        Tue 18:00–18:50 | 国語 |  | Period 2
        Fri 17:00–17:50 | 国語 |  | Period 1
        Mon Wed 17:00–17:50 | 数学 |  | Period 1
        Thu 18:00–18:50 | 数学 |  | Period 2
        Thu 17:00–17:50 | 理科 |  | Period 1
        Tue 17:00–17:50 | 英語 |  | Period 1
        Mon Wed 18:00–18:50 | 英語 |  | Period 2
        == in calendars
        国語 31, 数学 45, 理科 16, 英語 44
        == with
        notes cells-meet
    """,
    "Johannesburg: Fixtures, Holidays, Term, Training": r"""
        Africa/Johannesburg
        == Fixtures.csv
        Date,Team,Opponent,Venue,KO
        2027-02-13,First XV,Harbour,Home,15:30
        2027-02-20,U15,Bay,Away,09:00
        == Holidays.csv
        Holiday,Date
        Founders' Day,2027-02-12
        == Term.csv
        Term,From,To
        1,2027-01-18,2027-03-19
        == Training.csv
        Team,Mon,Wed,Fri
        U13,15:00-16:30,15:00-16:30,
        U15,16:30-18:00,,15:00-16:30
        First XV,17:30-19:30,17:30-19:30,
        == comes out as
        2027-01-18..2027-03-19 without 2027-02-12
        Mon Wed 17:30–19:30 | First XV
        Mon Wed 15:00–16:30 | U13
        Mon 16:30–18:00 | U15
        Fri 15:00–16:30 | U15
        2027-02-13 15:30–16:30 | First XV – Harbour | Home
        2027-02-20 09:00–10:00 | U15 – Bay | Away
        == in calendars
        First XV 18, U13 18, U15 17, Fixtures 2
        == with
        notes unsure-column
    """,
    "Shanghai: 假期, 学期, 课程表": r"""
        Asia/Shanghai
        == 假期.csv
        假期,开始,结束
        国庆节,2026-10-01,2026-10-07
        元旦,2027-01-01,2027-01-01
        == 学期.csv
        学期,开始,结束
        第一学期,2026-09-01,2027-01-15
        == 课程表.csv
        节次,时间,星期一,星期二,星期三,星期四,星期五
        第1节,8:00-8:45,语文,数学,英语,语文,数学
        第2节,8:55-9:40,数学,语文,语文,体育,英语
        == comes out as
        2026-09-01..2027-01-15 without 2026-10-01 2026-10-02 2026-10-05..2026-10-07 2027-01-01
        Thu 08:55–09:40 | 体育
        Tue Fri 08:00–08:45 | 数学
        Mon 08:55–09:40 | 数学
        Wed 08:00–08:45 | 英语
        Fri 08:55–09:40 | 英语
        Mon Thu 08:00–08:45 | 语文
        Tue Wed 08:55–09:40 | 语文
        == in calendars
        体育 19, 数学 55, 英语 37, 语文 75
        == with
        notes cells-meet
    """,
    "Singapore: Exam schedule 18 March 2027": r"""
        Asia/Singapore
        == Exam schedule 18 March 2027.xlsx / Day 1
        Examination day: Thursday 18 March 2027
        No,Time,Candidate,Instrument,Grade
        1,09:00,Lim A.,Piano,5
        2,09:20,Tan B.,Violin,3
        3,09:35,Goh C.,Piano,8
        == comes out as
        2027-03-18 09:00–10:00 | Lim A.
        2027-03-18 09:20–10:20 | Tan B.
        2027-03-18 09:35–10:35 | Goh C.
        == in calendars
        Exam schedule 18 March 2027 3
        == with
        warning assumed-overlap Exam schedule 18 March 2027.xlsx, sheet “Day 1”, B4
        notes unsure-column
    """,
    "Auckland: Meetings, Year": r"""
        Pacific/Auckland
        == Meetings.csv
        Meeting,When,Time,Where
        Board,"3rd Wednesday of the month, except January and July",6pm-8pm,Boardroom
        Finance,Second Monday of each month,4:00pm-5:00pm,Room 2
        == Year.csv
        Year,Start,End
        2027,1 January 2027,30 June 2027
        == comes out as
        2027-02-17 2027-03-17 2027-04-21 2027-05-19 2027-06-16 18:00–20:00 | Board | Boardroom
        2027-01-11 2027-02-08 2027-03-08 2027-04-12 2027-05-10 2027-06-14 16:00–17:00 | Finance | Room 2
        == in calendars
        Meetings 11
    """,
    "Tokyo: 休み, 学期, 時間割": r"""
        Asia/Tokyo
        == 休み.csv
        休日,日付
        成人の日,2027/01/11
        建国記念の日,2027/02/11
        天皇誕生日,2027/02/23
        春分の日,2027/03/22
        == 学期.csv
        学期,開始日,終了日
        3学期,2027/01/08,2027/03/24
        == 時間割.csv
        5年1組,月,火,水,木,金
        1 (8:45-9:30),国語,算数,国語,理科,算数
        2 (9:35-10:20),算数,国語,体育,国語,音楽
        == comes out as
        2027-01-08..2027-03-24 without 2027-01-11 2027-02-11 2027-02-23 2027-03-22
        Mon Wed 08:45–09:30 | 国語 (5年1組)
        Tue Fri 08:45–09:30 | 算数 (5年1組)
        Thu 08:45–09:30 | 理科 (5年1組)
        Mon 09:35–10:20 | 算数 (5年1組)
        Tue Thu 09:35–10:20 | 国語 (5年1組)
        Wed 09:35–10:20 | 体育 (5年1組)
        Fri 09:35–10:20 | 音楽 (5年1組)
        == in calendars
        5年1組 100
    """,
    "Sydney: aud": r"""
        Australia/Sydney
        == sheet.csv
        Event,Date,Start
        Regatta,Mon 8/3/27,9:00am
        Gala,Fri 12/3/27,6:30pm
        == comes out as
        2027-03-08 09:00–10:00 | Regatta
        2027-03-12 18:30–19:30 | Gala
        == in calendars
        sheet 2
    """,
    "Jerusalem: he": r"""
        Asia/Jerusalem
        == sheet.csv
        אירוע,תאריך,שעה
        אסיפה,08/03/2027,18:00
        טיול,15/03/2027,08:00-14:00
        == comes out as
        2027-03-08 18:00–19:00 | אסיפה
        2027-03-15 08:00–14:00 | טיול
        == in calendars
        sheet 2
    """,
    "Seoul: 시간표, 학기, 휴일 (2)": r"""
        Asia/Seoul
        == 시간표.csv
        반,요일,시간,강의실
        초급,월,16:00~17:30,1
        중급,수,16:00~17:30,2
        == 학기.csv
        학기,시작일,종료일
        1학기,2027-03-02,2027-05-28
        == 휴일.csv
        휴일,날짜
        어린이날,2027-05-05
        == comes out as
        2027-03-03..2027-05-26 without 2027-05-05
        Wed 16:00–17:30 | 중급 | 2
        Mon 16:00–17:30 | 초급 | 1
        == in calendars
        중급 12, 초급 12, 1 12, 2 12
        == with
        notes short-days
    """,
    "Melbourne: Non teaching days, Timetable, Weeks": r"""
        Australia/Melbourne
        == Non teaching days.csv
        Date,Reason
        26 Mar 2027,Good Friday
        == Timetable.csv
        Unit,Class,Day,Time,Duration,Location,Teaching weeks
        NAV101,Lecture 1,Mon,10:00,2h,LT A,1-6
        NAV101,Tutorial 2,Wed,13:00,1h,T12,2-6
        HYD200,Lab,Fri,9:00,3h,Lab 4,"2,4,6"
        == Weeks.csv
        Teaching week,Starting
        1,22 Feb 2027
        2,1 Mar 2027
        3,8 Mar 2027
        4,15 Mar 2027
        5,22 Mar 2027
        6,5 Apr 2027
        == comes out as
        2027-02-22..2027-04-09 without 2027-02-24 2027-03-29 2027-03-31
        2027-03-05 2027-03-19 2027-04-09 09:00–12:00 | HYD200 (Lab) | Lab 4
        Mon 10:00–12:00 | NAV101 (Lecture 1) | LT A
        Wed 13:00–14:00 | NAV101 (Tutorial 2) | T12
        == in calendars
        Lab 3, Lecture 1 6, Tutorial 2 5, LT A 6, Lab 4 3, T12 5
        == with
        notes unsure-column
    """,
    "Auckland: Draw": r"""
        Pacific/Auckland
        == Draw.csv
        Round,Date,Time,Home,Away,Court
        1,Sat 9/1/2027,9:00am,Otters,Terns,1
        1,Sat 9/1/2027,10:15am,Gulls,Skuas,2
        2,Sat 16/1/2027,9:00am,Terns,Gulls,1
        2,Sat 16/1/2027,,Otters,BYE,
        == comes out as
        2027-01-09 09:00–10:00 | Otters – Terns | 1
        2027-01-09 10:15–11:15 | Gulls – Skuas | 2
        2027-01-16 09:00–10:00 | Terns – Gulls | 1
        == in calendars
        Draw 3
        == with
        notes nothing-on unsure-column
    """,
    "Tokyo: 活動予定": r"""
        Asia/Tokyo
        == 活動予定.csv
        日付,時間,内容,場所
        2027年1月12日(火),16:00～17:30,練習,体育館
        2027年1月14日(木),16:00～17:30,練習試合,第二グラウンド
        2027年1月23日(土),9:00～15:00,大会,市民体育館
        == comes out as
        2027-01-12 16:00–17:30 | 練習 | 体育館
        2027-01-14 16:00–17:30 | 練習試合 | 第二グラウンド
        2027-01-23 09:00–15:00 | 大会 | 市民体育館
        == in calendars
        活動予定 3
        == with
        notes unsure-column
    """,
    "Kolkata: Calendar, Holidays, Staff, Timetable": r"""
        Asia/Kolkata
        == Calendar.csv
        Semester,From,To
        Odd,11-01-2027,08-05-2027
        == Holidays.csv
        Date,Holiday
        14-01-2027,Pongal
        26-01-2027,Republic Day
        29-03-2027,Holi
        02-04-2027,Good Friday
        == Staff.csv
        Initials,Name
        RK,R. Kamat
        SV,S. Varma
        PM,P. Menon
        AN,A. Nair
        == Timetable.xlsx / III Sem ECE
        III SEM ECE - TIME TABLE,,,,,,
        Day,9.00-9.50,9.50-10.40,11.00-11.50,11.50-12.40,12.40-1.30,1.30-2.20
        MON,Maths (RK),Signals (SV),DE (PM),Maths (RK),LUNCH,EDC (AN)
        TUE,EDC (AN),DE (PM),Signals (SV),Library,LUNCH,Maths (RK)
        SAT,DE (PM),Sports,,,LUNCH,
        == comes out as
        2027-01-11..2027-05-08 without 2027-01-26 2027-03-29
        Tue 09:00–09:50 | EDC
        Mon 13:30–14:20 | EDC
        Sat 09:00–09:50 | DE
        Tue 09:50–10:40 | DE
        Mon 11:00–11:50 | DE
        Mon 09:00–09:50 | Maths
        Mon 11:50–12:40 | Maths
        Tue 13:30–14:20 | Maths
        Mon 09:50–10:40 | Signals
        Tue 11:00–11:50 | Signals
        Tue 11:50–12:40 | Library
        Sat 09:50–10:40 | Sports
        == in calendars
        A. Nair 32, P. Menon 49, R. Kamat 48, S. Varma 32, DE 49, EDC 32, Library 16, Maths 48, Signals 32, Sports 17
        == with
        warning without-value Timetable.xlsx, sheet “III Sem ECE”, C5
        notes cells-meet
    """,
    "Tokyo: 行事予定": r"""
        Asia/Tokyo
        == 行事予定.csv
        日付,曜日,行事,時間
        2027年4月8日,木,始業式,9:00～10:30
        2027年4月9日,金,入学式,10:00～11:30
        2027年4月12日,月,身体測定,
        == comes out as
        2027-04-08 09:00–10:30 | 始業式
        2027-04-09 10:00–11:30 | 入学式
        2027-04-12 all day | 身体測定
        == in calendars
        行事予定 3
        == with
        warning no-time 行事予定.csv, A4
    """,
    "Cairo: العطل, الفصل, جدول 5أ": r"""
        Africa/Cairo
        == العطل.csv
        العطلة,من,إلى
        عطلة,2027-03-07,2027-03-11
        == الفصل.csv
        الفصل,البداية,النهاية
        الثاني,2027-01-31,2027-05-27
        == جدول 5أ.csv
        الحصة,الوقت,الأحد,الاثنين,الثلاثاء
        1,8:00-8:45,رياضيات,عربي,علوم
        2,8:50-9:35,عربي,رياضيات,عربي
        == comes out as
        2027-01-31..2027-05-25 without 2027-03-07..2027-03-09
        Sun 08:00–08:45 | رياضيات (5أ)
        Mon 08:00–08:45 | عربي (5أ)
        Tue 08:00–08:45 | علوم (5أ)
        Tue Sun 08:50–09:35 | عربي (5أ)
        Mon 08:50–09:35 | رياضيات (5أ)
        == in calendars
        5أ 96
    """,
    "Shanghai: 三班课程表, 学期, 放假": r"""
        Asia/Shanghai
        == 三班课程表.csv
        节次,时间,星期一,星期二,星期三
        第1节,8:00-8:40,语文,数学,英语
        第2节,8:50-9:30,数学,语文,语文
        == 学期.csv
        学期,开始,结束
        第二学期,2027-02-22,2027-07-02
        == 放假.csv
        节日,开始,结束
        清明节,2027-04-05,2027-04-05
        劳动节,2027-05-03,2027-05-05
        == comes out as
        2027-02-22..2027-06-30 without 2027-04-05 2027-05-03..2027-05-05
        Tue 08:00–08:40 | 数学
        Mon 08:50–09:30 | 数学
        Wed 08:00–08:40 | 英语
        Mon 08:00–08:40 | 语文
        Tue Wed 08:50–09:30 | 语文
        == in calendars
        数学 35, 英语 18, 语文 53
        == with
        notes cells-meet
    """,
    "Ho Chi Minh: Giờ học, Học kỳ, Nghỉ, TKB 6A": r"""
        Asia/Ho_Chi_Minh
        == Giờ học.csv
        Tiết,Bắt đầu,Kết thúc
        1,7:00,7:45
        2,7:50,8:35
        == Học kỳ.csv
        Học kỳ,Từ ngày,Đến ngày
        HK2,18/01/2027,28/05/2027
        == Nghỉ.csv
        Nghỉ,Từ ngày,Đến ngày
        Tết,01/02/2027,12/02/2027
        Giỗ Tổ,16/04/2027,16/04/2027
        == TKB 6A.csv
        Thời khóa biểu lớp 6A,,,
        Tiết,Thứ 2,Thứ 3,Thứ 4
        1,Toán,Văn,Anh
        2,Văn,Toán,Toán
        == comes out as
        2027-01-18..2027-05-26 without 2027-02-01..2027-02-03 2027-02-08..2027-02-10
        Mon 07:00–07:45 | Toán (6A) |  | Period 1
        Tue 07:00–07:45 | Văn (6A) |  | Period 1
        Wed 07:00–07:45 | Anh (6A) |  | Period 1
        Mon 07:50–08:35 | Văn (6A) |  | Period 2
        Tue Wed 07:50–08:35 | Toán (6A) |  | Period 2
        == in calendars
        6A 102
    """,
    "Sydney: Bell times, Public holidays, Term dates 2027, Timetable, Week cycle": r"""
        Australia/Sydney
        == Bell times.csv
        Period,Start,End
        1,8:50,9:40
        2,9:45,10:35
        3,11:00,11:50
        == Public holidays.csv
        Holiday,Date
        Labour Day,08/03/2027
        == Term dates 2027.csv
        Term,Start,Finish
        Term 1,28/01/2027,25/03/2027
        == Timetable.csv
        Class,Teacher,Room,Day,Period
        9SCI1,K Quill,L1,Day 1,1
        9SCI1,K Quill,L1,Day 4,2
        9MAT2,P Roper,B3,Day 2,3
        9MAT2,P Roper,B3,Day 10,1
        == Week cycle.csv
        Ten-day timetable: Monday of week A is Day 1 and Monday of week B is Day 6,
        Week beginning,Week
        25/01/2027,A
        01/02/2027,B
        08/02/2027,A
        15/02/2027,B
        22/02/2027,A
        01/03/2027,B
        08/03/2027,A
        15/03/2027,B
        22/03/2027,A
        == comes out as
        2027-01-28..2027-03-25 without 2027-01-29..2027-03-12/14 2027-02-02..2027-03-16/14 2027-02-04..2027-03-18/14
        Thu 09:45–10:35 | 9SCI1 | L1 | Day 4, period 2
        2027-02-08 2027-02-22 2027-03-22 08:50–09:40 | 9SCI1 | L1 | Day 1, period 1
        Fri 08:50–09:40 | 9MAT2 | B3 | Day 10, period 1
        Tue 11:00–11:50 | 9MAT2 | B3 | Day 2, period 3
        == in calendars
        K Quill 8, P Roper 8, 9MAT2 8, 9SCI1 8, B3 8, L1 8
        == with
        warning notes-not-used Week cycle.csv, A1
    """,
    "Kolkata: Holidays, Session, VI-B timetable": r"""
        Asia/Kolkata
        == Holidays.csv
        Sl No,Holiday,Date,Day
        1,Pongal,14-01-2027,Thursday
        2,Republic Day,26-01-2027,Tuesday
        3,Holi,22-03-2027,Monday
        == Session.csv
        Term,From,To
        Term II,04-01-2027,27-03-2027
        == VI-B timetable.csv
        Class VI-B,,,,,
        Day,1,2,Break,3,4
        ,8:00-8:40,8:40-9:20,9:20-9:40,9:40-10:20,10:20-11:00
        Mon,Eng,Maths,,Hindi,Sci
        Tue,Maths,Eng,,SST,Hindi
        Wed,Sci,Hindi,,Maths,Eng
        Thu,SST,Maths,,Eng,Games
        Fri,Hindi,Sci,,Maths,Art
        Sat,Eng,SST,,Library,
        == comes out as
        2027-01-04..2027-03-27 without 2027-01-14 2027-01-26 2027-03-22
        Mon Sat 08:00–08:40 | Eng (VI-B)
        Mon Thu 08:40–09:20 | Maths (VI-B)
        Mon 09:40–10:20 | Hindi (VI-B)
        Mon 10:20–11:00 | Sci (VI-B)
        Tue 08:00–08:40 | Maths (VI-B)
        Tue 08:40–09:20 | Eng (VI-B)
        Tue 09:40–10:20 | SST (VI-B)
        Tue 10:20–11:00 | Hindi (VI-B)
        Wed 08:00–08:40 | Sci (VI-B)
        Wed 08:40–09:20 | Hindi (VI-B)
        Wed Fri 09:40–10:20 | Maths (VI-B)
        Wed 10:20–11:00 | Eng (VI-B)
        Thu 08:00–08:40 | SST (VI-B)
        Thu 09:40–10:20 | Eng (VI-B)
        Thu 10:20–11:00 | Games (VI-B)
        Fri 08:00–08:40 | Hindi (VI-B)
        Fri 08:40–09:20 | Sci (VI-B)
        Fri 10:20–11:00 | Art (VI-B)
        Sat 08:40–09:20 | SST (VI-B)
        Sat 09:40–10:20 | Library (VI-B)
        == in calendars
        VI-B 264
    """,
    "Auckland: Duty roster, Holidays, Terms": r"""
        Pacific/Auckland
        == Duty roster.csv
        Duty,Mon,Tue,Wed,Thu,Fri
        Before school 8:15-8:45 Gate,Aroha,Ben,Carla,Dev,Aroha
        Lunch 12:30-1:15 Field,Ben,Carla,Dev,Aroha,Ben
        == Holidays.csv
        Holiday,Date
        Waitangi Day,8 February 2027
        Easter,26-30 March 2027
        == Terms.csv
        Term,Starts,Ends
        Term 1,1 February 2027,9 April 2027
        == comes out as
        2027-02-01..2027-04-09 without 2027-02-08 2027-03-26 2027-03-29 2027-03-30
        Mon Fri 08:15–08:45 | Aroha |  | Before school Gate
        Thu 12:30–13:15 | Aroha |  | Lunch Field
        Mon Fri 12:30–13:15 | Ben |  | Lunch Field
        Tue 08:15–08:45 | Ben |  | Before school Gate
        Tue 12:30–13:15 | Carla |  | Lunch Field
        Wed 08:15–08:45 | Carla |  | Before school Gate
        Wed 12:30–13:15 | Dev |  | Lunch Field
        Thu 08:15–08:45 | Dev |  | Before school Gate
        == in calendars
        Aroha 27, Ben 26, Carla 19, Dev 20
        == with
        notes cells-meet
    """,
    "Nairobi: Midterm, Std 6 timetable, Term": r"""
        Africa/Nairobi
        == Midterm.csv
        Event,From,To
        Mid-term break,24/02/2027,26/02/2027
        == Std 6 timetable.csv
        Standard 6 East,,,,,,
        Time,8:00-8:35,8:35-9:10,9:10-9:30,9:30-10:05,10:05-10:40
        MONDAY,Maths,English,BREAK,Kiswahili,Science
        TUESDAY,English,Maths,BREAK,SST,Kiswahili
        WEDNESDAY,Kiswahili,Science,BREAK,Maths,English
        THURSDAY,Maths,SST,BREAK,English,CRE
        FRIDAY,English,Maths,BREAK,PPI,Science
        == Term.csv
        Term,Opening date,Closing date
        Term 1,04/01/2027,01/04/2027
        == comes out as
        2027-01-04..2027-04-01 without 2027-02-24..2027-02-26
        Thu 10:05–10:40 | CRE
        Mon 08:35–09:10 | English
        Tue Fri 08:00–08:35 | English
        Wed 10:05–10:40 | English
        Thu 09:30–10:05 | English
        Mon 09:30–10:05 | Kiswahili
        Tue 10:05–10:40 | Kiswahili
        Wed 08:00–08:35 | Kiswahili
        Mon Thu 08:00–08:35 | Maths
        Tue Fri 08:35–09:10 | Maths
        Wed 09:30–10:05 | Maths
        Fri 09:30–10:05 | PPI
        Tue 09:30–10:05 | SST
        Thu 08:35–09:10 | SST
        Mon Fri 10:05–10:40 | Science
        Wed 08:35–09:10 | Science
        == in calendars
        CRE 12, English 61, Kiswahili 38, Maths 61, PPI 11, SST 25, Science 36
        == with
        notes cells-meet
    """,
    "Singapore: Holidays, Lessons, Term": r"""
        Asia/Singapore
        == Holidays.csv
        Holiday,Date
        CNY,06 Feb 2027
        Youth day,10 Feb 2027
        == Lessons.csv
        Class,Subject,Teacher,Venue,Day,Start,End,Week
        3E1,Physics,Mr Tan,Lab 1,Mon,0730,0830,Odd
        3E1,Art,Ms Lim,Studio,Tue,0900,1000,Even
        3E2,History,Mr Raj,3-05,Thu,1030,1130,All
        == Term.csv
        Term,Start,End
        Term 1,04 Jan 2027,12 Mar 2027
        == comes out as
        2027-01-04..2027-03-11 without 2027-01-05..2027-03-02/14 2027-01-11..2027-03-08/14
        Thu 10:30–11:30 | History (3E2) | 3-05
        Mon 07:30–08:30 | Physics (3E1) | Lab 1
        Tue 09:00–10:00 | Art (3E1) | Studio
        == in calendars
        Mr Raj 10, Mr Tan 5, Ms Lim 5, 3E1 10, 3E2 10, 3-05 10, Lab 1 5, Studio 5
    """,
    "Sydney: Closures, Terms, Training times": r"""
        Australia/Sydney
        == Closures.csv
        What,Opens,Closes
        Half term,26-Oct-26,30-Oct-26
        Staff training day,20-Nov-26,20-Nov-26
        == Terms.csv
        Term dates 2026-27,,
        Term,Opens,Closes
        Autumn term,07-Sep-26,18-Dec-26
        == Training times.csv
        Group,Lead coach,Location,Days,Start time,End time
        U12 Girls,Orla Penn,Main Gym,Fri,6:30 PM,7:30 PM
        U14 Boys,Mr. Marsh,Pool 1,Thu,5:15 PM,7:15 PM
        Masters,A. Quill,Court 3,Mon,7:30 PM,8:45 PM
        ,,,,,
        Subject to change,,,,,
        == comes out as
        2026-09-07..2026-12-18 without 2026-10-26 2026-10-29 2026-10-30 2026-11-20
        Mon 19:30–20:45 | Masters | Court 3
        Thu 17:15–19:15 | U14 Boys | Pool 1
        Fri 18:30–19:30 | U12 Girls | Main Gym
        == in calendars
        A. Quill 14, Mr. Marsh 14, Orla Penn 13, Masters 14, U12 Girls 13, U14 Boys 14, Court 3 14, Main Gym 13, Pool 1 14
        == with
        notes unsure-column
    """,
    "Kolkata: Bell timings, Holidays, Std 8 timetable wef 02-11-2026, Std 8 timetable wef 07-09-2026, Term": r"""
        Asia/Kolkata
        == Std 8 timetable wef 07-09-2026.csv
        Period,Mon,Tue,Wed,Thu,Fri,Sat
        1,Maths,English,Hindi,Maths,Science,Art
        2,Science,Maths,English,Hindi,Maths,PT
        == Std 8 timetable wef 02-11-2026.csv
        Period,Mon,Tue,Wed,Thu,Fri,Sat
        1,Hindi,English,Maths,Maths,Science,Art
        2,Science,Maths,English,Hindi,Maths,PT
        == Bell timings.csv
        Period,From,To
        1,8.00 am,8.45 am
        2,8.45 am,9.30 am
        == Term.csv
        Term,From,To
        I,07-09-2026,18-12-2026
        == Holidays.csv
        Date,Holiday
        02-10-2026,Gandhi Jayanti
        14-11-2026,Children's Day
        == comes out as
        2026-09-07..2026-12-18 without 2026-10-02 2026-11-14
        Mon 08:45–09:30 | Science |  | Period 2
        Mon Wed Thu but 2026-09-09 2026-09-16 2026-09-23 2026-09-30 2026-10-07 2026-10-14 2026-10-21 2026-10-28 2026-11-02 2026-11-09 2026-11-16 2026-11-23 2026-11-30 2026-12-07 2026-12-14 08:00–08:45 | Maths |  | Period 1
        Tue 08:00–08:45 | English |  | Period 1
        Tue Fri 08:45–09:30 | Maths |  | Period 2
        2026-09-09 2026-09-16 2026-09-23 2026-09-30 2026-10-07 2026-10-14 2026-10-21 2026-10-28 2026-11-02 2026-11-09 2026-11-16 2026-11-23 2026-11-30 2026-12-07 2026-12-14 08:00–08:45 | Hindi |  | Period 1
        Wed 08:45–09:30 | English |  | Period 2
        Thu 08:45–09:30 | Hindi |  | Period 2
        Fri 08:00–08:45 | Science |  | Period 1
        Sat 08:00–08:45 | Art |  | Period 1
        Sat 08:45–09:30 | PT |  | Period 2
        == in calendars
        Art 13, English 30, Hindi 30, Maths 59, PT 13, Science 29
        == with
        notes cells-meet holds-for-dates superseded
    """,
    "Toronto: Studio schedule": r"""
        America/Toronto
        == Studio schedule.csv
        Harbourlight Yoga - Winter session January 4 to March 28 2027
        Day,Time,Class,Teacher,Room
        Monday,6:30 - 7:30 am,Sunrise Flow,Ines,Upper
        ,12:10 - 12:55 pm,Lunch Stretch,Tomas,Upper
        ,7:00 - 8:15 pm,Yin,Ines,Lower
        Tuesday,5:30 - 6:45 pm,Hatha 1,Rosa,Lower
        Wednesday,6:30 - 7:30 am,Sunrise Flow,Tomas,Upper
        ,7:00 - 8:30 pm,Hatha 2,Rosa,Upper
        Saturday,9:00 - 10:30 am,Open Class,Ines,Upper

        Studio closed Feb 15 (Family Day) and March 13.
        == comes out as
        2027-01-04..2027-03-27 without 2027-02-15 2027-03-13
        Mon 12:10–12:55 | Lunch Stretch | Upper
        Mon 19:00–20:15 | Yin | Lower
        Mon Wed 06:30–07:30 | Sunrise Flow | Upper
        Tue 17:30–18:45 | Hatha 1 | Lower
        Wed 19:00–20:30 | Hatha 2 | Upper
        Sat 09:00–10:30 | Open Class | Upper
        == in calendars
        Ines 33, Rosa 24, Tomas 23, Hatha 1 12, Hatha 2 12, Lunch Stretch 11, Open Class 11, Sunrise Flow 23, Yin 11, Lower 23, Upper 57
        == with
        notes days-carried note-used
    """,
    "Melbourne: Court allocation T4, Court allocation T4": r"""
        Australia/Melbourne
        == Court allocation T4.xlsx / Courts
        Court allocation Term 4 2026,,,,
        Time,Court 1,Court 2,Court 3,
        Monday,,,,
        16:00-17:00,Hot Shots Red,Hot Shots Orange,,
        17:00-18:30,Juniors A,,Squad,
        Wednesday,,,,
        16:00-17:00,Hot Shots Green,,Private - Lee,
        18:30-20:00,Ladies' social,Ladies' social,,
        Saturday,,,,
        08:00-09:00,Hot Shots Red,Hot Shots Orange,Hot Shots Green,
        == Court allocation T4.xlsx / Dates
        Term 4,2026-10-05,2026-12-18
        Closed,2026-11-03,Cup day
        == comes out as
        2026-10-05..2026-12-16
        Mon 16:00–17:00 | Hot Shots Orange | Court 2
        Mon 16:00–17:00 | Hot Shots Red | Court 1
        Mon 17:00–18:30 | Juniors A | Court 1
        Mon 17:00–18:30 | Squad | Court 3
        Wed 16:00–17:00 | Hot Shots Green | Court 1
        Wed 16:00–17:00 | Private - Lee | Court 3
        Wed 18:30–20:00 | Ladies' social | Court 1
        Wed 18:30–20:00 | Ladies' social | Court 2
        Sat 08:00–09:00 | Hot Shots Green | Court 3
        Sat 08:00–09:00 | Hot Shots Orange | Court 2
        Sat 08:00–09:00 | Hot Shots Red | Court 1
        == in calendars
        Hot Shots Green 21, Hot Shots Orange 21, Hot Shots Red 21, Juniors A 11, Ladies' social 22, Private - Lee 11, Squad 11, Court 1 54, Court 2 32, Court 3 32
        == with
        warning same-slot Court allocation T4.xlsx, sheet “Courts”, B8
        notes holds-for-all
    """,
    "Auckland: What's on": r"""
        Pacific/Auckland
        == What's on.csv
        What's on at the library: February 2027,,,
        Event,When,Where,Ages
        Wriggle & Rhyme,"Tuesdays 9.30am-10am, 2-23 February",Main library,0-2
        Code Club,"Wednesdays, 3.30-4.30pm, from 3 February to 24 February",Makerspace,8-12
        Book chat,Thursday 11 February 6pm-7.30pm,Cafe,Adults
        Craft drop-in,"Sat 13 & 27 Feb, 10am-12pm",Main library,All
        == comes out as
        2027-02-02..2027-02-27
        Tue 09:30–10:00 | Wriggle & Rhyme | Main library
        Wed 15:30–16:30 | Code Club | Makerspace
        2027-02-11 18:00–19:30 | Book chat | Cafe
        2027-02-13 2027-02-27 10:00–12:00 | Craft drop-in | Main library
        == in calendars
        What's on 11
        == with
        notes year-of-title
    """,
    "Johannesburg: Clinic days, Holidays": r"""
        Africa/Johannesburg
        == Clinic days.csv
        School,Visit day,From,To,Nurse,First visit,Last visit
        Ridgeview Primary,Every Monday,08:30,12:00,Sr Mokoena,18 Jan 2027,22 Mar 2027
        Dune Primary,1st and 3rd Tuesday,09:00,11:30,Sr Naidoo,19 Jan 2027,16 Mar 2027
        Kloof High,Alternate Wednesdays,10:00,13:00,Sr Mokoena,20 Jan 2027,17 Mar 2027
        Bay High,Last Friday of the month,08:00,10:00,Sr Naidoo,29 Jan 2027,26 Mar 2027
        == Holidays.csv
        Date,Holiday
        21 March 2027,Human Rights Day
        22 March 2027,Public holiday
        == comes out as
        2027-01-18..2027-03-26 without 2027-01-26 2027-01-27 2027-02-09 2027-02-10 2027-02-23 2027-02-24 2027-03-09 2027-03-10 2027-03-22 2027-03-23 2027-03-24
        Mon 08:30–12:00 | Ridgeview Primary |  | Nurse: Sr Mokoena
        Tue 09:00–11:30 | Dune Primary |  | Nurse: Sr Naidoo
        Wed 10:00–13:00 | Kloof High |  | Nurse: Sr Mokoena
        2027-01-29 2027-02-26 2027-03-26 08:00–10:00 | Bay High |  | Nurse: Sr Naidoo
        == in calendars
        Clinic days 22, Sr Mokoena 14, Sr Naidoo 8
        == with
        notes people-in-text repeat-bounded unsure-column
    """,
    "Sydney: Term planner": r"""
        Australia/Sydney
        == Term planner.csv
        Term 1 2027,Monday,Tuesday,Wednesday,Thursday,Friday
        Week 1 (1 Feb),,Staff day,Students return,,
        Week 2 (8 Feb),Assembly 9:15am,,Swimming carnival,,
        Week 3 (15 Feb),,Parent info night 6pm,,,Newsletter
        == comes out as
        2027-02-02 all day | Staff day
        2027-02-03 all day | Students return
        2027-02-08 09:15–10:15 | Assembly
        2027-02-10 all day | Swimming carnival
        2027-02-16 18:00–19:00 | Parent info night
        2027-02-19 all day | Newsletter
        == in calendars
        Term planner 6
        == with
        notes times-of-titles
    """,
}
