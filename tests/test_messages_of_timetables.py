"""What is said of timetables, bell times, codes, rosters and changes, word for word."""

import pytest

from conftest import lines_of
from timetable_school import PLAN, SOURCE, build

LIST = PLAN + SOURCE
ANY = PLAN + '[sources.timetable]\nsheets = "timetable.csv"\n'
GRID = PLAN + '[sources.timetable]\nsheets = "grid.csv"\nkind = "timetable"\ndivision = "Yard"\n'
CHANGES = PLAN + '[classes]\nchanges = "changes.csv"\n' + SOURCE
ROSTER = PLAN + '[classes]\nrosters = "roster.csv"\n' + SOURCE
LISTS = PLAN + '[classes]\nlists = "classes.csv"\n' + SOURCE
CODES = PLAN + '[sources.rota]\nkind = "codes"\nsheets = "master.csv"\ncodes = ["codes.csv"]\n'
MEETINGS = "Class,Teacher,Room,Day,Period\nA,V,Shed,Wed,1–2\nB,P,Slip,Wed,3\nB,P,Slip,Wed,5\n"
MASTER = "Date,Start,End,Code\n2026-09-08,9:00,10:00,W1\n2026-09-08,10:00,11:00,W2\n"
PLAIN = "Class,Day,Period\nA,Mon,1\n"

SAID = [
    (
        LIST,
        {"timetable_csv": "Class,Day,Period\nA,7,1\n"},
        """\
error timetable.csv, B2 “7”
“7” is a day of no cycle, and no weekday.
Expected: One of the labels “1”, “2”, “3”, several as “A, C” or “1–3”; or a weekday, in full or short, or several: “Mon, Wed”, “MWF”, “Mon–Thu”.
Correct the cell, or the labels of the cycle in the plan.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period\nA,Mon,3–\n"},
        """\
error timetable.csv, C2 “3–”
This can't be read as periods.
Expected: “3”, “3–4” for a double period, “1, 4” for two; a spreadsheet program may have made a date of “3-4”: write it as text.
Correct the cell.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period\nA,Mon,9\n"},
        """\
error timetable.csv, A2:C2 “9”
Period 9 of “A” has no bell times on Mon 7 Sep 2026 and 1 more.
Expected: A period that is rung then: 1, 2, 3, 4, 5.
Correct the period, add its bell times, or say in a sheet of other names what is rung for it.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period\nA,,1\nB,Mon,1\n"},
        """\
error timetable.csv, A2:C2
The row does not say when “A” meets: it has no day.
Write its day and its period or times, or clear the row.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period\n,Mon,1\nB,Mon,1\n"},
        """\
error timetable.csv, A2:C2
The row names neither a class nor a course.
Write one, or clear the row.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period,Week\nA,Mon,1,C\n"},
        """\
error timetable.csv, D2 “C”
No weeks of the year go by this letter; there are: none.
Correct the cell, or state the letters under [year.weeks] in the plan.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period,Term\nA,Mon,1,Autunm\n"},
        """\
error timetable.csv, D2 “Autunm”
The year has no term of this name.
Did you mean “Autumn”? It has: “Autumn”.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period,Division\nA,Mon,1,Yrad\n"},
        """\
error timetable.csv, D2 “Yrad”
The plan has no division of this name.
Did you mean “Yard”? It has: “Yard”, “Loft”.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period,From,Until\nA,Mon,1,2026-09-10,2026-09-08\n"},
        """\
error timetable.csv, E2
The last day is before the first.
Correct one of them.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Times\nA,Mon,25:00\n"},
        """\
error timetable.csv, C2 “25:00”
This can't be read as the times of a meeting.
Expected: A start, and an end after it, such as “8:15–9:10”.
Correct the cell.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Slots\nA,1P9 soon\n"},
        """\
error timetable.csv, B2 “1P9 soon”
“1P9 soon” is not a day and a period.
Expected: Days and periods such as “A1 C4”, “Day 2 P3”, “Mon 5”.
Correct the cell, or write days and periods in columns of their own.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Day,Period\nA,Sat,1\nB,Mon,1\n"},
        """\
warning timetable.csv, A2:C2
“A” never meets: no school day of its weeks and terms is Saturday.
Look at its days, terms and dates.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Room,Day,Period\nA,X,Mon,1\nA,Y,Mon,1\n"},
        """\
warning timetable.csv, A2:D2
“A” meets twice on Monday, period 1: here, and by timetable.csv, A3:D3. Both are kept.
Take one out, or tell the halves of the class apart in a column “Group”.
""",
    ),
    (
        LIST,
        {"timetable_csv": "Class,Room,Day,Period\nA,X,Mon,1\nA,X,Mon,1\n"},
        """\
warning timetable.csv, A3:D3
The row for “A” says the same as timetable.csv, A2:D2; it counts once.
Take one of them out.
""",
    ),
    (
        LIST + 'kind = "timetable"\n',
        {"timetable_csv": "Nothing,here\n1,2\n"},
        """\
error timetable.csv
No timetable was recognised here.
Expected: A list with a class, a day and a period (or times) in each row; or a grid with periods or times down and days across, or the other way round.
Rename its headings, or state them in the plan: columns = { "Heading" = "period" }. “nomarium sheet timetable -o timetable.xlsx” writes a blank one.
""",
    ),
    (
        ANY.replace('"A-D"', '"1-4"'),
        {"timetable_csv": "Class,Day,Period\nA,2,1\n"},
        """\
error timetable.csv, B2 “2”
“2” is a day of several cycles: Yard, Loft.
Give the class its division, in a column or a class list, or the source its cycle in the plan.
""",
    ),
    (
        LIST,
        {"timetable_csv": PLAIN, "bells_csv": "Period,Start,End,Division,Day\n1,8:00,8:45,Yard,\n1,8:10,8:55,,Mon\n"},
        """\
error bells.csv, A3:E3 “8:10–8:55”
Two bell times fit the same day for period 1: 8:10–8:55 here, 8:00–8:45 in bells.csv, A2:E2. Neither is more specific than the other.
Add what tells their days apart (a division, day, term or special day), or take one out.
""",
    ),
    (
        ANY,
        {"timetable_csv": PLAIN, "bells_csv": "Period,Start,End\n1,8:00,7:45\n"},
        """\
error bells.csv, A2:C2
A period needs a start, and an end after it.
Write both times, with am or pm where the afternoon is meant.
""",
    ),
    (
        ANY,
        {"timetable_csv": PLAIN, "bells_csv": "Period,Start,End\n1,eight,8:45\n"},
        """\
error bells.csv, B2 “eight”
This can't be read as the times of a period.
Expected: A time such as 8:15, or in one cell “8:15–9:10”.
Correct the cell; “–” means that the period does not run.
""",
    ),
    (
        ANY,
        {"timetable_csv": PLAIN, "bells_csv": "Period,Start,End,Special day\n1,8:00,8:45,\n1,9:00,9:45,Fog\n"},
        """\
warning bells.csv, D3 “Fog”
These bell times are for a special day of this name, but no date of the year is called so.
Name its dates in the sheet of special days, or under [year.special] in the plan.
""",
    ),
    (
        ANY,
        {"timetable_csv": PLAIN, "bells_csv": "Event,Date\nX,2026-09-08\n"},
        """\
error bells.csv
No bell times were recognised here.
Expected: A list with columns Period, Start and End, or a grid with periods down, days across and times such as “8:15–9:10” in its cells.
“nomarium sheet bells -o bells.xlsx” writes a blank one.
""",
    ),
    (
        ANY.replace('[bells]\nsheets = "bells.csv"\n', ""),
        {"timetable_csv": PLAIN},
        """\
error timetable.csv, A2:C2
The timetable goes by periods, but the plan has no bell times.
Expected: A sheet of periods, starts and ends under [bells]: sheets = "bells.csv".
“nomarium sheet bells -o bells.xlsx” writes a blank one.
""",
    ),
    (
        GRID,
        {"grid_csv": 'Teacher: V\nPeriod,Mon,Tue\n1,"PLK-1\nNowhere",\n2,,\n'},
        """\
error grid.csv, B3 “PLK-1
Nowhere”
What the lines of the cells mean can't be told: 2 lines without labels, and no list names what stands in them.
Expected: Labels in the cells (“Room: 12”), lists that name the classes, rooms or teachers, or a pattern.
State the pattern in the plan, one line for each: cell = "{class}\\n{room}".
""",
    ),
    (
        GRID,
        {"grid_csv": 'Period,Mon,Tue\n1,"PLK-1\nShed",\n2,,\n'},
        """\
error grid.csv, A1
Whose timetable this is can't be told: it has no caption, and whether that is a teacher, a class or a room is not known.
State it in the plan, such as each = "teacher"; or write “Teacher: …” above the grid.
""",
    ),
    (
        GRID + 'cell = "{class} @ {room}"\n',
        {"grid_csv": "Teacher: V\nPeriod,Mon,Tue\n1,PLK-1,\n2,,\n"},
        """\
error grid.csv, B3 “PLK-1”
The cell does not fit the pattern of its source.
Expected: The pattern “{class} @ {room}”, line by line.
Correct the cell, or the pattern in the plan.
""",
    ),
    (
        GRID,
        {
            "grid_csv": 'Teacher: V\nPeriod,Mon,Tue\n1,"A\nRoom: X",\n2,,\n\nTeacher: P\nPeriod,Mon,Tue\n1,"A\nRoom: Y",\n2,,\n'
        },
        """\
error grid.csv, B8
“A” is in two rooms on Monday, period 1: “X”, “Y”; the other is in grid.csv, B3.
Correct one of the cells; or give the halves of the class names of their own.
""",
    ),
    (
        GRID,
        {"grid_csv": "Teacher: V\nPeriod,Mon,Tue\n1,A,\n2,,A\nto be settled with the office,B,A\n4,A,A\n5,A,\n"},
        """\
error grid.csv, C5 “A”
The cell looks like a meeting, but belongs to no grid, and so do 2 more.
Expected: A day above each column and a period (3, P3, 3–4) or times in front of each line.
Write what is missing there, or clear the cells.
""",
    ),
    (
        GRID,
        {"grid_csv": "Teacher: V\nPeriod,Mon,Tue,Notes\n1,A,,gloves\n2,,A,hats\n"},
        """\
warning grid.csv, D3 “gloves”
The cell stands beside the days, and was left out, and so was one more.
Write the day above its column, if it is a meeting.
""",
    ),
    (
        CODES,
        {"master_csv": MASTER, "codes_csv": "Code,Title\nW1,Watch\n"},
        """\
warning codes.csv
The code “W2” has no entry for codes: 1 slot is left out.
Add a row for the code; leave its title empty where the time is free.
""",
    ),
    (
        CODES,
        {"master_csv": MASTER, "codes_csv": "Code,Title\nW1,Watch\nW2,\nW9,Nothing\n"},
        """\
error codes.csv, A4:B4 “W9”
The master list has no slot with this code.
Correct the code, or take the row out.
""",
    ),
    (
        CODES,
        {"master_csv": MASTER, "codes_csv": "Code,Title\nW1,Watch\nW2,\nw1,Launch\n"},
        """\
error codes.csv, A4:B4 “w1”
The code “w1” is explained here and in codes.csv, A2:B2, but differently.
Keep one of the rows.
""",
    ),
    (
        CODES,
        {"master_csv": MASTER, "codes_csv": "Name,Address\nX,Y\n"},
        """\
error codes.csv
No codes were recognised here.
Expected: A column “Code”, and beside it “Title”, “Room” and the like.
Write or rename its headings. “nomarium sheet codes -o codes.xlsx” writes a blank one.
""",
    ),
    (
        ROSTER,
        {"timetable_csv": MEETINGS, "roster_csv": "Student,A,B\nAyla,x,perhaps\n"},
        """\
error roster.csv, C2 “perhaps”
This is neither a mark nor blank.
Expected: x, yes, 1 or ✓ where the one down is in the class across.
Correct the cell.
""",
    ),
    (
        ROSTER,
        {"timetable_csv": MEETINGS, "roster_csv": "Class,Student\nA,\nB,Finn\n"},
        """\
error roster.csv, A2:B2
The row lacks a name.
Write it, or clear the row.
""",
    ),
    (
        ROSTER,
        {"timetable_csv": MEETINGS, "roster_csv": "Class,Student\nA,Ayla\nBB,Finn\n"},
        """\
warning roster.csv
No timetable has a meeting of 1 class named here: “BB”.
Did you mean “B”? Correct the names, or take the rows out.
""",
    ),
    (
        ROSTER,
        {"timetable_csv": MEETINGS, "roster_csv": "Class,Room\nA,Shed\n"},
        """\
error roster.csv
No roster was recognised here.
Expected: Columns “Class” and “Student” (or “Teacher”, “Team”); or a matrix: names down, classes across, a mark where they meet.
Rename its headings. “nomarium sheet roster -o roster.xlsx” writes a blank one.
""",
    ),
    (
        LISTS,
        {"timetable_csv": MEETINGS, "classes_csv": "Class,Room\nA,Shed\na,Loft\nB,Slip\n"},
        """\
error classes.csv, A3:B3 “a”
The room of “a” differs from that in classes.csv, A2:B2.
Keep one of them.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,Change\n2026-09-10,A,cancelled\n"},
        """\
error changes.csv, A2:C2 “A”
The change matches no meeting: “A” does not meet on Thu 10 Sep 2026.
Correct the date, class or period: they are those of the timetable before any change.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,Change\n2026-09-12,A,cancelled\n"},
        """\
error changes.csv, A2:C2 “A”
The change matches no meeting: there is no school on Sat 12 Sep 2026.
Correct the date, class or period: they are those of the timetable before any change.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,Period,Change\n2026-09-09,A,4,cancelled\n"},
        """\
error changes.csv, A2:D2 “A, 4”
The change matches no meeting: on Wed 9 Sep 2026 there is only “A” period 1–2, “A” period 1–2.
Correct the date, class or period: they are those of the timetable before any change.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,Change\n2026-09-09,B,cancelled\n"},
        """\
error changes.csv, A2:C2 “B”
The change says one meeting, but hits several: “B” period 3, “B” period 5.
Name the period, or write “all” in its place.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,Change\n2026-09-09,A,cancelled\n2026-09-09,A,room 9\n"},
        """\
error changes.csv, A3:C3 ““A” period 1–2”
Another change of this meeting says otherwise: changes.csv, A2:C2.
Keep one of the two.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,Change\n2026-09-09,A,perhaps\n"},
        """\
error changes.csv, C2 “perhaps”
This change is not understood.
Expected: “cancelled”, “moved to period 5”, “moved to 13:00–13:50”, “in Keel Room”, “room 12”, “cover: P. Q”; a new date in a column “New date”.
Write it in one of these ways, or in columns of their own.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,Change\n2026-09-09,A,\n2026-09-09,A,cancelled\n"},
        """\
error changes.csv, C2
The row does not say what changes.
Expected: “cancelled”, or a new date, period, time, room or teacher.
Write it, or clear the row.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,New period\n2026-09-09,A,9\n"},
        """\
error changes.csv, A2:C2 “9”
Period 9 has no bell times on Wed 9 Sep 2026.
Name a period that runs then, or write a new time.
""",
    ),
    (
        CHANGES,
        {"timetable_csv": MEETINGS, "changes_csv": "Date,Class,New date\n2026-09-09,A,2026-09-12\n"},
        """\
warning changes.csv, A2:C2
“A” period 1–2 moves to Sat 12 Sep 2026, on which there is no school.
Correct the new date if that is a slip.
""",
    ),
    (
        PLAN,
        {},
        """\
error nomarium.toml
The plan names no sources, so that there is nothing to build.
Expected: A table such as [sources.timetable] with sheets = "timetable.csv".
“nomarium new . *.csv *.xlsx” drafts a plan from the sheets that you have.
""",
    ),
    (
        PLAN + "[sources.x]\n",
        {},
        """\
error nomarium.toml, line 15
The source “x” names no sheets.
Name its files: sheets = "timetable.xlsx".
""",
    ),
    (
        LIST + '[calendars.x]\nsplit = "techer"\n',
        {"timetable_csv": MEETINGS},
        """\
error nomarium.toml, line 19 “techer”
No meeting or event has a value of this name.
Did you mean “teacher”? There are: “class”, “division”, “room”, “teacher”.
""",
    ),
    (
        LIST + '[calendars.x]\ntitle = "{corse}"\n',
        {"timetable_csv": MEETINGS},
        """\
error nomarium.toml, line 19
Nothing fills {corse} in “{corse}”.
Did you mean {course}? There are: {class}, {code}, {course}, {date}, {day}, {description}, {division}, {end}, {group}, {letter}, {period}, {person}, {room}, {start}, {student}, {teacher}, {team}, {term}, {title}, {week}, {weekday}.
""",
    ),
    (
        LIST + '[calendars.x]\nsplit = "room"\nfile = "all.ics"\n',
        {"timetable_csv": MEETINGS},
        """\
error nomarium.toml, line 20 “all.ics”
All calendars of this split would have the same file: it lacks {room}.
Write a name such as “{room}.ics”.
""",
    ),
    (
        LIST + '[calendars.x]\nsplit = "teacher"\n',
        {"timetable_csv": "Class,Teacher,Day,Period\nA,V,Mon,1\nB,,Mon,2\n"},
        """\
warning timetable.csv, A3:D3
2 meetings of “B” have no teacher: no calendar of “x” holds them.
Write the teacher in the timetable or in a class list.
""",
    ),
    (
        LIST + '[classes]\nexpect = { "A" = 88 }\n',
        {"timetable_csv": MEETINGS},
        """\
error nomarium.toml, line 19
“A” has 2 meetings, but the plan expects 88.
Look for a lost row or day, or correct the number in the plan.
""",
    ),
    (
        LIST.replace('zone = "America/Halifax"\n', ""),
        {"timetable_csv": PLAIN},
        """\
warning nomarium.toml, line 1
The plan states no time zone: that of this machine is taken, UTC.
State it under [school]: zone = "America/Halifax".
""",
    ),
    (
        PLAN + SOURCE.replace("Yard", "Yrad"),
        {"timetable_csv": PLAIN},
        """\
error nomarium.toml, line 17 “Yrad”
The plan has no division of this name.
Did you mean “Yard”? It has: “Yard”, “Loft”.
""",
    ),
]


@pytest.mark.parametrize(("plan", "sheets", "words"), SAID, ids=range(len(SAID)))
def test_what_is_said_of_timetables(tmp_path, plan, sheets, words):
    assert lines_of(build(tmp_path, plan, **sheets).problems) == words
