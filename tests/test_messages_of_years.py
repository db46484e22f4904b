"""What is said about plans, years, repeats and calendar files, word for word."""

import pytest

from conftest import CONVERT, lines_of
from nomarium.core.conversion import Request, convert
from nomarium.core.ics import CalendarChoices, read_calendar
from nomarium.core.problems import DataRefused
from nomarium.core.school import open_school
from nomarium.core.sources import EventChoices
from test_days import CLOSURES, PLAN, TERMS

# The files that differ from those of a sound school, and all that is said of them.
SCHOOLS = [
    (
        {"plan": PLAN + 'labls = "1"\n'},
        """\
error nomarium.toml, line 9 “labls”
There is no such key here.
Expected: [cycles.Yard] may hold: labels, same_label_twice, advance, divisions, start, start_label, restart, pin_day, pin_from, without, listed.
Did you mean “labels”?
""",
    ),
    (
        {"plan": PLAN.replace("[year]\n", "[yaer]\n")},
        """\
error nomarium.toml, line 4 “yaer”
There is no such key here.
Expected: A plan may hold: school, sheets, year, cycles, bells, classes, sources, lessons, calendars, undecided, output, pages, rows.
Did you mean “year”?
""",
    ),
    (
        {"plan": PLAN.replace('labels = "1-3"\n', "labels = 3.5\n")},
        """\
error nomarium.toml, line 8 “3.5”
The key “cycles.Yard.labels” can’t have this value.
Expected: A list in square brackets.
""",
    ),
    (
        {"plan": PLAN.replace('zone = "America/Halifax"\n', 'zone = "Orrin/Sound"\n')},
        """\
error nomarium.toml, line 2 “Orrin/Sound”
The key “school.zone” can’t have this value: it is no time zone. Did you mean America/Scoresbysund or Africa/Luanda?
""",
    ),
    (
        {"plan": PLAN.replace('divisions = ["Yard", "Loft"]\n', 'divisions = "Yard"\n')},
        """\
error nomarium.toml, line 3 “Yard”
The key “school.divisions” can’t have this value.
Expected: A list in square brackets.
""",
    ),
    (
        {"plan": PLAN.replace('closures = "closures.csv"\n', 'closures = "closure.csv"\n')},
        """\
error nomarium.toml, line 6 “closure.csv”
The plan names a file that is not there.
Did you mean “closures.csv”?
""",
    ),
    (
        {"plan": PLAN.replace('labels = "1-3"\n', "labels = \n")},
        """\
error nomarium.toml, line 8
The line is no TOML: invalid value.
Expected: Lines such as key = "text", tables such as [year].
Look for a missing quotation mark, bracket or equals sign on this line or the one above.
""",
    ),
    (
        {"plan": PLAN + "start = 2026-13-01\n"},
        """\
error nomarium.toml, line 9
The line is no TOML: expected newline or end of document after a statement.
Expected: Lines such as key = "text", tables such as [year].
Look for a missing quotation mark, bracket or equals sign on this line or the one above.
""",
    ),
    (
        {"plan": PLAN + 'start = "8 Sep"\nrestart = "weekly"\n'},
        """\
error nomarium.toml, line 9 “8 Sep”
The key “cycles.Yard.start” can’t have this value.
Expected: A date such as 2026-09-08.
error nomarium.toml, line 10 “weekly”
The key “cycles.Yard.restart” can’t have this value.
Expected: One of never, each term.
""",
    ),
    (
        {"plan": PLAN + "start = 2027-08-01\n"},
        """\
error nomarium.toml, line 9 “2027-08-01”
The cycle “Yard” starts on Sun 1 Aug 2027, which no term has.
Correct start, or the terms.
""",
    ),
    (
        {"plan": PLAN + 'pin_from = { 2026-09-10 = "2" }\n'},
        """\
error nomarium.toml, line 9 “2”
Thu 10 Sep 2026 can have no label in the cycle “Yard”: “Harvest tides” is on it (closures.csv, A2:B2).
Pin the next school day instead, or correct the date.
""",
    ),
    (
        {"plan": PLAN + '[cycles.Yard.pin_day]\n2026-09-11 = "9"\n'},
        """\
error nomarium.toml, line 10 “9”
The cycle “Yard” has no such label.
Expected: One of 1, 2, 3.
""",
    ),
    (
        {"plan": PLAN.replace('labels = "1-3"\n', 'labels = ["A", "B", "A"]\n')},
        """\
error nomarium.toml, line 8 “A, B, A”
The cycle “Yard” has the label “A” twice.
Correct the labels; same_label_twice = true says that it is meant.
""",
    ),
    (
        {"plan": PLAN.replace("[cycles.Yard]\n", 'public_holidays = "XX-YY"\n[cycles.Yard]\n')},
        """\
error nomarium.toml, line 7 “XX-YY”
The public holidays of this country or region are not known.
Expected: A country by its two letters (ISO 3166), perhaps with a region, such as CA-NS.
Known are: XK.
""",
    ),
    (
        {"plan": PLAN.replace("[cycles.Yard]\n", 'public_holidays = "CA-ZZ"\n[cycles.Yard]\n')},
        """\
error nomarium.toml, line 7 “CA-ZZ”
The public holidays of this country or region are not known.
Expected: A country by its two letters (ISO 3166), perhaps with a region, such as CA-NS.
Known are: CA-AB, CA-BC, CA-MB, CA-NB, CA-NL, CA-NS, CA-NT, CA-NU, CA-ON, CA-PE, CA-QC, CA-SK, CA-YT.
""",
    ),
    (
        {"plan": PLAN.replace("[school]\n", '[sheets]\nwithin = "2027-01-01..2026-01-01"\n[school]\n')},
        """\
error nomarium.toml, line 2 “2027-01-01..2026-01-01”
The key “sheets.within” can’t have this value: it ends before it starts.
""",
    ),
    (
        {"plan": PLAN + 'divisions = ["Shore"]\n'},
        """\
error nomarium.toml, line 9 “Shore”
The school has no such division or cycle. The divisions are “Yard” and “Loft”.
Divisions stand under [school], such as divisions = [“Yard”, “Loft”].
""",
    ),
    (
        {"plan": PLAN.replace("[cycles.Yard]\n", "[cycles.week]\n")},
        """\
error nomarium.toml, line 7
The key “cycles” can’t have this value.
Expected: A name for each cycle that is none of date, weekday, term, week, letter, closure, special, day.
""",
    ),
    (
        {"terms": "Term,First day,Last day\nA,2026-12-08,2026-09-18\n"},
        """\
error terms.csv, B2 “2026-12-08 2026-09-18”
It ends on Fri 18 Sep 2026, before it starts on Tue 8 Dec 2026.
Correct the row.
""",
    ),
    (
        {"terms": "Term,First day,Last day\nA,2026-09-08,2026-12-18\nB,2026-12-01,2027-02-01\n"},
        """\
error terms.csv, A3:C3 “B: Tue 1 Dec 2026 to Mon 1 Feb 2027”
The term overlaps “A” (Tue 8 Sep 2026 to Fri 18 Dec 2026), which begins before it and ends within it.
Expected: Terms apart from one another, or one wholly within the other.
Correct the dates here or in terms.csv, A2:C2.
""",
    ),
    (
        {"terms": "Term,First day,Last day\nA,08/09/2026,12/10/2026\n"},
        """\
error terms.csv, B2 “08/09/2026”
This is 8 September 2026 or 9 August 2026, and nothing in column B “First day” proves which; 1 row would differ.
Say which: dates = "dmy" under [sheets] (the day first), dates = "mdy" under [sheets] (the month first).
error terms.csv, C2 “12/10/2026”
This is 12 October 2026 or 10 December 2026, and nothing in column C “Last day” proves which; 1 row would differ.
Say which: dates = "dmy" under [sheets] (the day first), dates = "mdy" under [sheets] (the month first).
""",
    ),
    (
        {"closures": "Closure,Date\nA,2026-09-31\n"},
        """\
error closures.csv, B2 “2026-09-31”
There is no such date: September has 30 days.
Correct the cell.
""",
    ),
    (
        {"closures": "Closure,From,To\nA,2026-09-21,2026-09-18\n"},
        """\
error closures.csv, B2 “2026-09-21 2026-09-18”
It ends on Fri 18 Sep 2026, before it starts on Mon 21 Sep 2026.
Correct the row.
""",
    ),
    (
        {"closures": "Closure,Date,Division\nA,2026-09-21,Lotf\n"},
        """\
error closures.csv, A2:C2 “Lotf”
The school has no such division or cycle. The divisions are “Yard” and “Loft”.
Did you mean “Loft”? Divisions stand under [school], such as divisions = [“Yard”, “Loft”].
""",
    ),
    (
        {"closures": "Closure,Date,Cycle\nA,2026-09-21,halt\n"},
        """\
error closures.csv, C2 “halt”
What does it do to the cycle?
Expected: hold, skip or nothing.
""",
    ),
    (
        {"closures": ""},
        """\
error closures.csv
The file is empty.
Save the sheet again and give that file.
""",
    ),
    (
        {"terms": "Term,First day,Last day\nA,2026-09-08,2062-12-18\n"},
        """\
error nomarium.toml, line 5
The terms run from Tue 8 Sep 2026 to Mon 18 Dec 2062: more than fifteen years.
Look for a slip in a year, or keep each few years in a plan of their own.
""",
    ),
    (
        {
            "closures": "Closure,Date\nA,2026-09-31\n",
            "terms": "Term,First day,Last day\nA,2026-09-08,2026-09-31\n",
            "plan": PLAN.replace('labels = "1-3"\n', 'labels = "1-3-4"\n'),
        },
        """\
error nomarium.toml, line 8 “1-3-4”
The key “cycles.Yard.labels” can’t have this value.
Expected: A range of labels such as “1-6” or “A-H”, or a list of them.
""",
    ),
    (
        {"closures": "Closure,Date\nEarly dismissal,2026-10-12\n"},
        """\
note closures.csv, A2:B2
“Early dismissal” was taken for a special day, not for a closure: its name says so. School is in, and the cycle goes on.
Write “closed” in a column “Kind” if the school is closed all day.
""",
    ),
    (
        {"closures": "Closure,Date\nClasses resume,2026-10-12\n"},
        """\
warning closures.csv, A2:B2 “Classes resume”
The row does not say that the school is closed: it was left out.
Write “closed” in a column “Kind” if the school is closed on it.
""",
    ),
    (
        {"closures": "Closure,Date\nA,2026-10-12\nB,2026-10-12\n"},
        """\
warning closures.csv, A3:B3 “B”
Mon 12 Oct 2026 is closed also as “A” (closures.csv, A2:B2); it counts once.
Delete one of them, or correct its date.
""",
    ),
    (
        {"closures": "Closure,Date\nA,2027-08-12\n"},
        """\
warning closures.csv, A2:B2 “A”
No term has Thu 12 Aug 2027, so that the closure changes nothing.
Correct its date, or leave it if that is meant.
""",
    ),
    (
        {"plan": PLAN.replace("[cycles.Yard]\n", "extra_school_days = [2026-10-12, 2027-08-01]\n[cycles.Yard]\n")},
        """\
warning nomarium.toml, line 7
Mon 12 Oct 2026 was made a school day, but is one anyway.
Take it out of extra_school_days, or correct its date.
warning nomarium.toml, line 7
Sun 1 Aug 2027 was made a school day, but lies outside the terms: it stays without school.
Correct it under extra_school_days, or lengthen the term.
""",
    ),
    (
        {
            "plan": PLAN.replace("[cycles.Yard]\n", 'special_days = "special.csv"\n[cycles.Yard]\n'),
            "special": "Date,Special day,Follows,School,Cycle day\n2026-12-25,Late start,Mnday,perhaps,one\n2026-10-17,Regatta,,,\n",
        },
        """\
error special.csv, C2 “Mnday”
This names no weekday.
Expected: A weekday, such as Monday or Mon.
error special.csv, D2 “perhaps”
This word is not known here.
Expected: yes, no, or nothing.
error special.csv, E2 “one”
This word is not known here.
Expected: none, “none; skip”, or nothing.
warning special.csv, A2:E2 “Late start”
This special day changes nothing: on Fri 25 Dec 2026 no term has it.
Correct its date, or delete the row.
warning special.csv, A3:E3 “Regatta”
This special day changes nothing: on Sat 17 Oct 2026 there is no school.
Correct its date, or delete the row.
""",
    ),
    (
        {"plan": PLAN + 'pin_day = { 2026-09-14 = "1" }\npin_from = { 2026-09-14 = "2" }\n'},
        """\
error nomarium.toml, line 10 “2”
Mon 14 Sep 2026 is pinned twice; also as “1” (nomarium.toml, line 9).
Keep one of them.
""",
    ),
    (
        {
            "plan": PLAN.replace(
                "[cycles.Yard]\n", 'public_holidays = "CA-NS"\npublic_holidays_open = ["Heritge Day"]\n[cycles.Yard]\n'
            )
        },
        """\
error nomarium.toml, line 8 “Heritge Day”
There is no public holiday of this name in the year.
Expected: One of Remembrance Day, Christmas Day, New Year's Day, Heritage Day, Good Friday.
""",
    ),
    (
        {"plan": PLAN + 'listed = "listed.csv"\n', "listed": "Date,Label\n2026-09-14,1\n2026-09-14,2\n"},
        """\
error listed.csv, B3 “2”
Mon 14 Sep 2026 is in the list twice, once with “1”.
Keep one of them.
""",
    ),
    (
        {"plan": PLAN + 'listed = "listed.csv"\n', "listed": "Date,Weather\n2026-09-14,\n"},
        """\
error listed.csv
No column gives the labels of the cycle “Yard”; the columns are: “Date”, “Weather”.
Head the column “Yard” or “Label”.
""",
    ),
    (
        {
            "plan": PLAN.replace(
                'terms = "terms.csv"\n', 'terms = { file = "terms.csv", columns = { "Begin" = "start_date" } }\n'
            )
        },
        """\
error nomarium.toml, line 5
No column has the heading “Begin”.
Its headings are: “Term”, “First day”, “Last day”.
""",
    ),
    (
        {"plan": PLAN + "restart = [2026-09-01, 2028-01-01]\n"},
        """\
error nomarium.toml, line 9 “2028-01-01”
The cycle “Yard” restarts on Sat 1 Jan 2028, after the last term.
Correct restart, or the terms.
warning nomarium.toml, line 9 “2026-09-01”
The cycle “Yard” begins on Tue 8 Sep 2026: the restart on Tue 1 Sep 2026 changes nothing.
Take it out of restart, or correct it.
""",
    ),
    (
        {"plan": PLAN + 'without = ["2026-12-24"]\n'},
        """\
warning nomarium.toml, line 9 “No cycle day”
On Thu 24 Dec 2026 there is no school anyway: the cycle “Yard” has no day to leave out.
Correct the date, or take it out.
""",
    ),
    (
        {
            "plan": PLAN.replace(
                '[school]\nzone = "America/Halifax"\ndivisions = ["Yard", "Loft"]\n[year]\nterms = "terms.csv"\nclosures = "closures.csv"\n[cycles.Yard]\nlabels = "1-3"\n',
                "[year]\nterms = []\n",
            )
        },
        """\
error nomarium.toml, line 2
The plan names no terms, so that no date can be told.
Expected: A sheet with each term’s name, first and last day, such as terms = "terms.csv" under [year]; or the days themselves: spans = "2026-09-08..2027-06-24".
“nomarium sheet terms -o terms.csv” writes a blank one.
""",
    ),
]

# The cells behind title and date, and all that is said of them.
REPEATS = [
    (
        "every now and then,,",
        """\
error clubs.csv, C2 “every now and then”
“every now and then” is not understood as a repeat.
Expected: “every Tuesday and Thursday”, for example
Correct the cell, or leave its row out with --keep-going.
""",
    ),
    (
        "weekly,,",
        """\
error clubs.csv, C2 “weekly”
The repeat has no end.
Write “until 18 Dec 2026” or “10 times” in the cell, or state the last day with --to, or a --plan.
""",
    ),
    (
        '"weekly, 3 times",2026-10-01,',
        """\
error clubs.csv, C2 “weekly, 3 times”
The repeat has both a last date and a number of times.
Correct the cell, or leave its row out with --keep-going.
""",
    ),
    (
        ",2026-10-01,",
        """\
error clubs.csv, D2 “2026-10-01”
The row says until, but does not repeat.
Correct the cell, or leave its row out with --keep-going.
""",
    ),
    (
        "every school day,2026-10-01,",
        """\
error clubs.csv, C2 “every school day”
The repeat goes by the school year, which is not known here.
Name the plan: --plan nomarium.toml.
""",
    ),
    (
        "weekly,soon,",
        """\
error clubs.csv, D2 “soon”
This is no date that could be read in one way.
Expected: A date such as 2026-12-18 or 18 Dec 2026.
Correct the cell, or leave its row out with --keep-going.
""",
    ),
    (
        "RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30;COUNT=2,,",
        """\
error clubs.csv, C2 “RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30;COUNT=2”
The repeat makes no date at all.
Correct the cell, or leave its row out with --keep-going.
""",
    ),
    (
        "RRULE:FREQ=SECONDLY;COUNT=200000,,",
        """\
error clubs.csv, C2 “RRULE:FREQ=SECONDLY;COUNT=200000”
The repeat makes more than 100,000 dates.
End it earlier, or raise --limit.
""",
    ),
    (
        "weekly until end of term,,",
        """\
error clubs.csv, C2 “weekly until end of term”
The repeat goes by the school year, which is not known here.
Name the plan: --plan nomarium.toml.
""",
    ),
    (
        "weekly until 6 Oct 2026,,8 Oct 2026",
        """\
warning clubs.csv, E2 “2026-10-08”
Thu 8 Oct 2026 is excepted, but is no date of the repeat.
""",
    ),
    (
        "every Friday until 6 Oct 2026,,",
        """\
note clubs.csv, C2
Tue 8 Sep 2026 is no date of “every Friday until 6 Oct 2026”: it begins on Fri 11 Sep 2026.
""",
    ),
    (
        "weekly until 33 Oct,,",
        """\
error clubs.csv, C2 “33 oct”
This is no date that could be read in one way.
Expected: A date such as 2026-12-18 or 18 Dec 2026.
Correct the cell, or leave its row out with --keep-going.
""",
    ),
    (
        "biweekly,,",
        """\
error clubs.csv, C2 “biweekly”
It can mean twice a week or every other week.
Expected: “every other week”, or two weekdays
Correct the cell, or leave its row out with --keep-going.
""",
    ),
]

# A calendar, and all that is said of it.
CALENDARS = [
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;VALUE=DATE:20261006
RRULE:FREQ=DAILY
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
The event repeats without an end (UID a).
State the last day, such as --to 2027-06-30.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART:20261006T090000
RRULE:FREQ=SECONDLY;COUNT=200000
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
The event repeats more than 100,000 times (UID a).
State a shorter span with --from and --to.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;VALUE=DATE:20261006
END:VEVENT
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:b
""",
        """\
error in.ics, line 10
The file ends within the event that begins here: something is cut off.
Get the whole file; --keep-going saves the events that are whole.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART:20261306T090000
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
Its date, time or length can't be read: “20261306T090000” (UID a).
Correct it, or leave the event out with --keep-going.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART:20261006T090000
DURATION:an hour
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
Its date, time or length can't be read: “an hour” (UID a).
Correct it, or leave the event out with --keep-going.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART:20261006T090000
RRULE:FREQ=DAILY;BYEASTER=1
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
Its repeat can't be read: BYEASTER is no part of a rule (UID a).
Correct it, or leave the event out with --keep-going.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART:20261006T090000
RRULE:RSCALE=HEBREW;FREQ=DAILY;COUNT=2
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
Its repeat can't be read: RSCALE (other calendars than the Gregorian) is not read (UID a).
Correct it, or leave the event out with --keep-going.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
The event has no start (UID a).
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART:20261006T090000
DTEND:20261006T080000
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
The event ends before it starts (UID a).
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;TZID=Nowhere:20261006T090000
END:VEVENT
END:VCALENDAR
""",
        """\
error in.ics, line 4 “A”
No time zone is known as “Nowhere”, and the file does not say what it is.
Correct the name in the file.
""",
    ),
    (
        """\
BEGIN:VCALENDARS
END:VCALENDARS
""",
        """\
error in.ics
The file holds no calendar.
Expected: BEGIN:VCALENDAR … END:VCALENDAR
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VTIMEZONE
TZID:America/Halifax
BEGIN:STANDARD
DTSTART:19701101T020000
RRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=1SU
TZOFFSETFROM:-0300
TZOFFSETTO:-0500
END:STANDARD
BEGIN:DAYLIGHT
DTSTART:19700308T020000
RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=2SU
TZOFFSETFROM:-0500
TZOFFSETTO:-0300
END:DAYLIGHT
END:VTIMEZONE
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;TZID=America/Halifax:20261224T120000
END:VEVENT
END:VCALENDAR
""",
        """\
warning in.ics “America/Halifax”
The file defines America/Halifax otherwise than the world’s time zones do; the world’s are used.
Check the times of the events.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VTIMEZONE
TZID:Odd
BEGIN:STANDARD
DTSTART:19701101T020000
RRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=1SU
TZOFFSETFROM:-0300
TZOFFSETTO:-0417
END:STANDARD
BEGIN:DAYLIGHT
DTSTART:19700308T020000
RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=2SU
TZOFFSETFROM:-0417
TZOFFSETTO:-0300
END:DAYLIGHT
END:VTIMEZONE
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;TZID=Odd:20261224T120000
END:VEVENT
END:VCALENDAR
""",
        """\
warning in.ics “Odd”
No known time zone has the rules that the file gives this one: its times are written in UTC.
--to-zone writes them in another.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;TZID=Atlantic Standard Time:20261224T120000
END:VEVENT
END:VCALENDAR
""",
        """\
note in.ics
The time zone “Atlantic Standard Time” was taken for America/Halifax: by its name.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
SEQUENCE:2
DTSTART;VALUE=DATE:20261006
END:VEVENT
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:B
SEQUENCE:1
DTSTART;VALUE=DATE:20261007
END:VEVENT
END:VCALENDAR
""",
        """\
warning in.ics, line 11 “B”
Another event has the same UID (UID a): the one before was kept.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
RECURRENCE-ID:20261007T090000
SUMMARY:B
DTSTART:20261008T100000
END:VEVENT
END:VCALENDAR
""",
        """\
note in.ics, line 4
“B” changes one date of an event that the file does not hold: taken for itself.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;TZID=America/Halifax:20270313T023000
RRULE:FREQ=DAILY;COUNT=3
END:VEVENT
END:VCALENDAR
""",
        """\
warning in.ics, line 4 “A”
1 occurrence falls on a time that the clock in America/Halifax skips, first on Sun 14 Mar 2027: left out, as RFC 5545 says.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;TZID=America/Halifax:20270314T023000
END:VEVENT
END:VCALENDAR
""",
        """\
note in.ics, line 4
“A” starts or ends at a time that the clock in America/Halifax skips: taken an hour later.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:Long
  title
DESCRIPTION:one
two, which is no property
DTSTART;VALUE=DATE:20261006
END:VEVENT
END:VCALENDAR
""",
        """\
warning in.ics, line 10 “two, which is no property”
1 line begins like no property: taken for the rest of the line above.
Check the events there.
""",
    ),
    (
        """\
nonsense
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;VALUE=DATE:20261224
DTEND;VALUE=DATE:20261227
END:VEVENT
END:VCALENDAR
""",
        """\
warning in.ics, line 1 “nonsense”
1 line belongs to nothing: left out.
Check the events there.
""",
    ),
    (
        """\
BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Orrin//EN
BEGIN:VEVENT
DTSTAMP:20260901T000000Z
UID:a
SUMMARY:A
DTSTART;VALUE=DATE:20261224
DTEND;VALUE=DATE:20261227
END:VEVENT
BEGIN:VTODO
UID:t
END:VTODO
END:VCALENDAR
""",
        """\
note in.ics
Left out, as they are no events: 1 VTODO.
""",
    ),
]


@pytest.mark.parametrize(("files", "said"), SCHOOLS, ids=range(len(SCHOOLS)))
def test_what_is_said_of_plans_and_years(tmp_path, files, said):
    usual = {"plan": PLAN, "terms": TERMS, "closures": CLOSURES}
    for name, text in (usual | files).items():
        (tmp_path / ("nomarium.toml" if name == "plan" else f"{name}.csv")).write_text(text, "utf-8")
    assert lines_of(open_school(tmp_path / "nomarium.toml").problems) == said


@pytest.mark.parametrize(("cells", "said"), REPEATS, ids=[cells for cells, _ in REPEATS])
def test_what_is_said_of_repeats(tmp_path, cells, said):
    sheet = tmp_path / "clubs.csv"
    sheet.write_text(f"Title,Date,Repeat,Repeat until,Except\nRowing,2026-09-08,{cells}\n", "utf-8")
    assert lines_of(convert(Request([sheet], "c", EventChoices("UTC"))).problems, CONVERT) == said


@pytest.mark.parametrize(("text", "said"), CALENDARS, ids=range(len(CALENDARS)))
def test_what_is_said_of_calendar_files(text, said):
    try:
        problems = read_calendar(
            text.replace("\n", "\r\n"), "in.ics", CalendarChoices(preferred="America/Halifax")
        ).problems
    except DataRefused as refused:
        problems = [refused.problem]
    assert lines_of(problems, CONVERT) == said


def test_there_is_something_to_read():
    assert len(SCHOOLS) + len(REPEATS) + len(CALENDARS) > 60
