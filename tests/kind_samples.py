"""A small sheet of each kind, as text, with what a plan must name beside it."""

SAMPLES = {
    "events": "Title,Date,Start time,End time,Location\nMuster,2026-09-09,15:00,16:00,Slip\nRegatta,2026-09-15,09:00,12:00,Quay\n",
    "terms": "Term,First day,Last day\nAutumn,2026-09-07,2026-11-06\nWinter,2026-11-09,2027-01-29\n",
    "closures": "Closure,First day,Last day,Division,Kind\nGale,2026-09-21,2026-09-22,,\nTides,2026-10-12,2026-10-12,,closed\n",
    "special days": "Special day,First day,Last day,Follows\nLate start,2026-09-16,2026-09-16,\nLaunch,2026-09-30,2026-10-01,Monday\n",
    "listed days": "Date,Label\n" + "".join(f"2026-09-{day:02},{'ABC'[day % 3]}\n" for day in range(7, 19)),
    "bell times": "Period,Start,End,Day\n1,08:15,09:00,Mon–Fri\n2,09:05,09:50,Mon–Fri\n3,10:00,10:45,Mon\n",
    "other names for periods": "Written,Period,Group\nNoon,3,PLK-1\nDusk,2,PLK-1\n",
    "class list": "Class,Course,Teacher,Room\nPLK-1,Planking,R. Vasquel,Shed\nCLK-1,Caulking,D. Pell,Slip\n",
    "roster": "Class,Student\nPLK-1,A. Brandt\nPLK-1,F. Skarn\nCLK-1,F. Skarn\n",
    "changes": "Date,Class,Change,New room\n2026-09-14,PLK-1,room,Hall\n2026-09-16,CLK-1,cancelled,\n",
    "lessons": "Lesson,Unit,Homework,Class\nGrain,Wood,Draw a board,PLK-1\nKnots,Wood,,PLK-1\nAdze,Tools,Whet it,CLK-1\n",
    "timetable, a list": "Class,Course,Teacher,Room,Day,Period\nPLK-1,Planking,R. Vasquel,Shed,Mon,1\nCLK-1,Caulking,D. Pell,Slip,Wed,2\n",
    "list of coded slots": "Date,Start,End,Code\n2026-09-12,06:30,10:30,W1\n2026-09-13,06:30,10:30,W2\n2026-09-19,06:30,10:30,W1\n2026-09-20,06:30,10:30,W2\n",
    "list of weeks": "Week beginning,Week\n2026-09-07,A\n2026-09-14,B\n2026-09-21,B\n",
    "codes": "Code,Title,Room\nW1,Slip watch,Slip\nW2,Ferry,Quay\n",
    "people": "Initials,Name,E-mail\nRV,R. Vasquel,rv@example.org\nDP,D. Pell,dp@example.org\n",
    "places": "Code,Name,Address\nSH,Adze Shed,1 Quay\nSL,Town slip,2 Quay\n",
}
