"""What the commands print of a small school, word for word: the plan that is drafted, and the reports along the way."""

import shlex

from test_new import SHEETS

PLAN = """\
# The plan of Orrin Sound, drafted from its sheets. Open questions begin with “# ?”.
# “nomarium check” says what it comes to, “nomarium build” writes the calendars.
# docs/plan.md explains every key.

[school]
name = "Orrin Sound"
zone = "America/Halifax"

[year]
# terms.csv: terms, by its headings “Term”, “First day”, “Last day”.
terms = "terms.csv"
# holidays.csv: closures, by its headings “Holiday”, “From”, “To”.
closures = "holidays.csv"
# ? Is there school from Monday to Friday? Else say which days: school_days = "Sun-Thu".

# timetable.csv: the days are 1, 2, 3.
[cycles.Cycle]
labels = "1-3"
# A closure holds the day (“school days”), or uses it up (“working days”).
advance = "school days"
start = 2026-09-07
# ? Does the cycle begin anew with each term (restart = "each term")?

[bells]
# bells.csv: bell times, by its headings “Period”, “Start”, “End”.
sheets = "bells.csv"
# Neighbouring periods of one class make one event; “two events” keeps them apart.
double_periods = "one event"

[classes]
# roster.csv: roster, by its headings “Section”, “Student”.
rosters = "roster.csv"

# timetable.csv: timetable, a list, by its headings “Section”, “Course”, “Instructor”, “Room”, “Day”, “Period”.
[sources.timetable]
sheets = "timetable.csv"

# events.csv: events, by its headings “Event”, “Date”, “Start”.
[sources.events]
sheets = "events.csv"

# One calendar a teacher: the timetables name them.
[calendars.teachers]
sources = ["timetable"]
split = "teacher"

# One calendar a class.
[calendars.classes]
sources = ["timetable"]
split = "class"

# One calendar a room: to see when it is taken.
[calendars.rooms]
sources = ["timetable"]
split = "room"

# One calendar a student: the roster says who is in which class.
[calendars.students]
sources = ["timetable"]
split = "student"

[calendars.events]
sources = ["events"]
"""

FIRST = """\
$ nomarium new . *.csv --zone America/Halifax --name "Orrin Sound" --start 2026-09-07 --cycle "school days"
Found    terms.csv: terms (by its headings “Term”, “First day”, “Last day”)
         holidays.csv: closures (by its headings “Holiday”, “From”, “To”)
         bells.csv: bell times (by its headings “Period”, “Start”, “End”)
         timetable.csv: timetable, a list (by its headings “Section”, “Course”, “Instructor”, “Room”, “Day”, “Period”)
         roster.csv: roster (by its headings “Section”, “Student”)
         events.csv: events (by its headings “Event”, “Date”, “Start”)
Wrote    nomarium.toml: a plan, with 2 open questions (“# ?”)
Next     look through it, then: nomarium build
$ nomarium build
Read     terms.csv (comma-separated text, UTF-8): 1 term
           First day, Last day: year-month-day
         holidays.csv (comma-separated text, UTF-8): 1 closure
           From, To: year-month-day
         bells.csv (comma-separated text, UTF-8): 5 bell times
           Start: 24-hour, proved by B6 “13:00”
           End: 24-hour, proved by C6 “13:45”
         roster.csv (comma-separated text, UTF-8): 3 members
         timetable.csv (comma-separated text, UTF-8): 2 rows = 2 with 3 slots
         events.csv (comma-separated text, UTF-8): 2 rows = 2 events
           Date: year-month-day
           Start: 24-hour, proved by C2 “15:00”
           End: 24-hour, proved by D2 “16:00”
Year     America/Halifax, Mon–Fri: 8 school days, 1 closure of 2 days
         Autumn: Mon 7 Sep 2026 to Fri 18 Sep 2026
         Cycle: 1 (3 days), 2 (3 days), 3 (2 days)
Assumed  Built on these assumptions, each with the line that settles it:
           school is from Monday to Friday ([year] school_days = "Mon-Fri")
Dated    8 meetings of 2 classes, 10 hours
         2 events
Wrote    teachers/: 2 calendars, one a teacher: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         classes/: 2 calendars, one a class: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         rooms/: 2 calendars, one a room: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         students/: 2 calendars, one a student: 13 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         events.ics: 2 events, Wed 9 Sep 2026 to Tue 15 Sep 2026
         in calendars: 10 files written
Kept     as build 1 (nomarium history)
$ nomarium build --dry-run
Read     terms.csv (comma-separated text, UTF-8): 1 term
           First day, Last day: year-month-day
         holidays.csv (comma-separated text, UTF-8): 1 closure
           From, To: year-month-day
         bells.csv (comma-separated text, UTF-8): 5 bell times
           Start: 24-hour, proved by B6 “13:00”
           End: 24-hour, proved by C6 “13:45”
         roster.csv (comma-separated text, UTF-8): 3 members
         timetable.csv (comma-separated text, UTF-8): 2 rows = 2 with 3 slots
         events.csv (comma-separated text, UTF-8): 2 rows = 2 events
           Date: year-month-day
           Start: 24-hour, proved by C2 “15:00”
           End: 24-hour, proved by D2 “16:00”
Year     America/Halifax, Mon–Fri: 8 school days, 1 closure of 2 days
         Autumn: Mon 7 Sep 2026 to Fri 18 Sep 2026
         Cycle: 1 (3 days), 2 (3 days), 3 (2 days)
Assumed  Built on these assumptions, each with the line that settles it:
           school is from Monday to Friday ([year] school_days = "Mon-Fri")
Changes  nothing; 10 as before
Dated    8 meetings of 2 classes, 10 hours
         2 events
Would write teachers/: 2 calendars, one a teacher: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         classes/: 2 calendars, one a class: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         rooms/: 2 calendars, one a room: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         students/: 2 calendars, one a student: 13 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         events.ics: 2 events, Wed 9 Sep 2026 to Tue 15 Sep 2026
$ nomarium check
Read     terms.csv (comma-separated text, UTF-8): 1 term
           First day, Last day: year-month-day
         holidays.csv (comma-separated text, UTF-8): 1 closure
           From, To: year-month-day
         bells.csv (comma-separated text, UTF-8): 5 bell times
           Start: 24-hour, proved by B6 “13:00”
           End: 24-hour, proved by C6 “13:45”
         roster.csv (comma-separated text, UTF-8): 3 members
         timetable.csv (comma-separated text, UTF-8): 2 rows = 2 with 3 slots
         events.csv (comma-separated text, UTF-8): 2 rows = 2 events
           Date: year-month-day
           Start: 24-hour, proved by C2 “15:00”
           End: 24-hour, proved by D2 “16:00”
Year     America/Halifax, Mon–Fri: 8 school days, 1 closure of 2 days
         Autumn: Mon 7 Sep 2026 to Fri 18 Sep 2026
         Cycle: 1 (3 days), 2 (3 days), 3 (2 days)
Assumed  Built on these assumptions, each with the line that settles it:
           school is from Monday to Friday ([year] school_days = "Mon-Fri")
Dated    8 meetings of 2 classes, 10 hours
         2 events
Clashes  none: no teacher, room or student is in two places at once

Class  Meetings    Hours
CLK-1         3      2.2
PLK-1         5      7.9

Cycle: Day 1 3 days, 3 meetings, Day 2 3 days, 3 meetings, Day 3 2 days, 2 meetings
$ nomarium check --why "PLK-1 2026-09-09"
Wed 9 Sep 2026 lies in the term “Autumn”, Mon 7 Sep 2026 to Fri 18 Sep 2026 (terms.csv, A2:C2).
It is in week 1 of that term.
Wednesday is a school day of the week.
Cycle “Cycle”: “3”.
It was set to “1” on Mon 7 Sep 2026, where it starts (nomarium.toml, line 21).
Since then it moved on 2 times: 2 days with a label.
The day before it in the cycle is Tue 8 Sep 2026, “2”, the next is Mon 14 Sep 2026, “1”.

“PLK-1”: Wed 9 Sep 2026, 8:15–9:50 (teacher R. Vasquel, room Shed)
  It is said by timetable.csv, A2:F2 (source “timetable”).
  It is period 1–2 of day 3 of Cycle.
  Period 1 is 8:15–9:00 by bells.csv, A2:C2.
  Period 2 is 9:05–9:50 by bells.csv, A3:C3.
$ nomarium history
Build  When              Events   New  Moved  Changed  Gone  Files
    1  2026-09-01 00:00      10    10      0        0     0      9
$ nomarium sheet bells -o blank.csv
Wrote    blank.csv: a blank sheet of bells.
Next     fill it in, then name it under [bells] in nomarium.toml: sheets = "blank.csv"; then: nomarium check
"""

THEN = """\
$ nomarium build --dry-run
Read     terms.csv (comma-separated text, UTF-8): 1 term
           First day, Last day: year-month-day
         holidays.csv (comma-separated text, UTF-8): 1 closure
           From, To: year-month-day
         bells.csv (comma-separated text, UTF-8): 5 bell times
           Start: 24-hour, proved by B6 “13:00”
           End: 24-hour, proved by C6 “13:45”
         roster.csv (comma-separated text, UTF-8): 3 members
         timetable.csv (comma-separated text, UTF-8): 2 rows = 2 with 3 slots
         events.csv (comma-separated text, UTF-8): 1 row = 1 event
           Date: year-month-day
           Start: 24-hour, proved by C2 “15:00”
           End: 24-hour, proved by D2 “16:00”
Year     America/Halifax, Mon–Fri: 8 school days, 1 closure of 2 days
         Autumn: Mon 7 Sep 2026 to Fri 18 Sep 2026
         Cycle: 1 (3 days), 2 (3 days), 3 (2 days)
Assumed  Built on these assumptions, each with the line that settles it:
           school is from Monday to Friday ([year] school_days = "Mon-Fri")
Changes  1 moved, 5 changed, 1 gone; 3 as before
Dated    8 meetings of 2 classes, 10 hours
         1 event
Would write teachers/: 2 calendars, one a teacher: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         classes/: 2 calendars, one a class: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         rooms/: 2 calendars, one a room: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         students/: 2 calendars, one a student: 13 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         events.ics: 1 event, Tue 8 Sep 2026 to Tue 8 Sep 2026
$ nomarium compare .
classes/PLK-1.ics: 5 changed; 0 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
events.ics: 1 gone, 1 moved; 0 the same
  → Muster: 2026-09-09 15:00 → 2026-09-08 15:00
  − 2026-09-15 09:00 Regatta
rooms/Loft.ics: 5 added; 0 the same
  + 2026-09-07 08:15 Planking (PLK-1) (Loft)
  + 2026-09-09 08:15 Planking (PLK-1) (Loft)
  + 2026-09-14 08:15 Planking (PLK-1) (Loft)
  + 2026-09-16 08:15 Planking (PLK-1) (Loft)
  + 2026-09-17 08:15 Planking (PLK-1) (Loft)
rooms/Shed.ics: 5 gone; 0 the same
  − 2026-09-07 08:15 Planking (PLK-1) (Shed)
  − 2026-09-09 08:15 Planking (PLK-1) (Shed)
  − 2026-09-14 08:15 Planking (PLK-1) (Shed)
  − 2026-09-16 08:15 Planking (PLK-1) (Shed)
  − 2026-09-17 08:15 Planking (PLK-1) (Shed)
students/Ayla.ics: 5 changed; 0 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
students/Finn.ics: 5 changed; 3 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
teachers/R. Vasquel.ics: 5 changed; 0 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
$ nomarium build --updates changes
Read     terms.csv (comma-separated text, UTF-8): 1 term
           First day, Last day: year-month-day
         holidays.csv (comma-separated text, UTF-8): 1 closure
           From, To: year-month-day
         bells.csv (comma-separated text, UTF-8): 5 bell times
           Start: 24-hour, proved by B6 “13:00”
           End: 24-hour, proved by C6 “13:45”
         roster.csv (comma-separated text, UTF-8): 3 members
         timetable.csv (comma-separated text, UTF-8): 2 rows = 2 with 3 slots
         events.csv (comma-separated text, UTF-8): 1 row = 1 event
           Date: year-month-day
           Start: 24-hour, proved by C2 “15:00”
           End: 24-hour, proved by D2 “16:00”
Year     America/Halifax, Mon–Fri: 8 school days, 1 closure of 2 days
         Autumn: Mon 7 Sep 2026 to Fri 18 Sep 2026
         Cycle: 1 (3 days), 2 (3 days), 3 (2 days)
Assumed  Built on these assumptions, each with the line that settles it:
           school is from Monday to Friday ([year] school_days = "Mon-Fri")
Changes  1 moved, 5 changed, 1 gone; 3 as before
Dated    8 meetings of 2 classes, 10 hours
         1 event
Wrote    teachers/: 2 calendars, one a teacher: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         classes/: 2 calendars, one a class: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         rooms/: 2 calendars, one a room: 8 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         students/: 2 calendars, one a student: 13 events, Mon 7 Sep 2026 to Fri 18 Sep 2026
         events.ics: 1 event, Tue 8 Sep 2026 to Tue 8 Sep 2026
         in calendars: 7 files written; 3 held the same already
Kept     as build 2 (nomarium history)
Updates  changes/classes/PLK-1.ics: 5 events
         changes/events.ics: 2 events
         changes/rooms/Loft.ics: 5 events
         changes/rooms/Shed.ics: 5 events
         changes/students/Ayla.ics: 5 events
         changes/students/Finn.ics: 5 events
         changes/teachers/R. Vasquel.ics: 5 events
note     calendars
         1 calendar of an earlier build is no longer built, and left as it was: rooms/Shed.ics.
         Delete them if nobody needs them any more.
$ nomarium history
Build  When              Events   New  Moved  Changed  Gone  Files
    1  2026-09-01 00:00      10    10      0        0     0      9
    2  2026-09-01 00:00       9     0      1        5     1      9
$ nomarium history 2
Build  When              Events   New  Moved  Changed  Gone  Files
    2  2026-09-01 00:00       9     0      1        5     1      9
classes/PLK-1.ics: 5 changed
events.ics: 1 gone, 1 moved
rooms/Loft.ics: 5 added
rooms/Shed.ics: 5 gone
students/Ayla.ics: 5 changed
students/Finn.ics: 5 changed
teachers/R. Vasquel.ics: 5 changed
$ nomarium history --event muster
    1  + 2026-09-09 15:00 Muster
    2  → Muster: 2026-09-09 15:00 → 2026-09-08 15:00
$ nomarium compare 1 2
classes/PLK-1.ics: 5 changed; 0 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
events.ics: 1 gone, 1 moved; 0 the same
  → Muster: 2026-09-09 15:00 → 2026-09-08 15:00
  − 2026-09-15 09:00 Regatta
rooms/Loft.ics: 5 added; 0 the same
  + 2026-09-07 08:15 Planking (PLK-1) (Loft)
  + 2026-09-09 08:15 Planking (PLK-1) (Loft)
  + 2026-09-14 08:15 Planking (PLK-1) (Loft)
  + 2026-09-16 08:15 Planking (PLK-1) (Loft)
  + 2026-09-17 08:15 Planking (PLK-1) (Loft)
rooms/Shed.ics: 5 gone; 0 the same
  − 2026-09-07 08:15 Planking (PLK-1) (Shed)
  − 2026-09-09 08:15 Planking (PLK-1) (Shed)
  − 2026-09-14 08:15 Planking (PLK-1) (Shed)
  − 2026-09-16 08:15 Planking (PLK-1) (Shed)
  − 2026-09-17 08:15 Planking (PLK-1) (Shed)
students/Ayla.ics: 5 changed; 0 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
students/Finn.ics: 5 changed; 3 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
teachers/R. Vasquel.ics: 5 changed; 0 the same
  ~ 2026-09-07 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-09 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-14 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-16 08:15 Planking (PLK-1): place: Shed → Loft
  ~ 2026-09-17 08:15 Planking (PLK-1): place: Shed → Loft
$ nomarium retract 1 -o back --only events
Wrote    back/events.ics: 2 events, each cancelled
Next     import each file into the calendar that has its events: most programs take them out, or show
         them crossed out. In one that leaves them as they were, delete that calendar; or export it, and
         “nomarium weed EXPORTED.ics --take-out CALENDAR.ics -o OUT.ics” makes it without them.
"""


def session(desk, text):
    """Run the commands of a session, and return it with what they print."""
    told = ""
    for line in [line for line in text.splitlines() if line.startswith("$ nomarium ")]:
        words = [word for one in shlex.split(line)[2:] for word in (SHEETS if one == "*.csv" else [one])]
        run = desk.run(*words)
        told += f"{line}\n{run.out}{run.err}"
    return told


def test_the_whole_way_reads_as_it_should(desk):
    for name, text in SHEETS.items():
        desk.put(name, text)
    assert session(desk, FIRST) == FIRST
    assert (desk.folder / "nomarium.toml").read_text("utf-8") == PLAN
    desk.put("timetable.csv", SHEETS["timetable.csv"].replace("Shed", "Loft"))
    events = SHEETS["events.csv"].replace("Muster,2026-09-09", "Muster,2026-09-08")
    desk.put("events.csv", events.replace("Regatta,2026-09-15,9:00,12:00\n", ""))
    assert session(desk, THEN) == THEN
