"""A small school whose sheets change, and an imaginary calendar program that imports what is built."""

import icalendar

from conftest import EPOCH, told
from timetable_school import BELLS, PLAN, TERMS

SOURCES = '[sources.yard]\nsheets = "timetable.csv"\ndivision = "Yard"\n[sources.office]\nsheets = "office.csv"\n'
CALENDARS = '[calendars.teachers]\nsources = "yard"\nsplit = "teacher"\n[calendars.office]\nsources = "office"\n'
TIMETABLE = "Class,Course,Teacher,Room,Day,Period\nPLK,Planking,V,Shed,Mon,1\nCLK,Caulking,P,Slip,Tue,2\nNAV,Charts,P,Loft,3,4\n"
OFFICE = "Event,Date,Start,End,Place\nMuster,2026-09-08,9:00,10:00,Shed\nStaff meeting,2026-09-09,15:00,16:00,Office\nRegatta,2026-09-15,9:00,12:00,Slip\n"


def open_school(desk):
    """Put the sheets there; return a function that changes some and builds, each build a day later, with a report."""
    day = iter(range(100))

    def run(*options, **sheets):
        for name, text in sheets.items():
            desk.put(name.replace("_", "."), text)
        return desk.run("build", "--json", *options, env={"SOURCE_DATE_EPOCH": str(int(EPOCH) + 86_400 * next(day))})

    for name, text in (
        ("terms.csv", TERMS),
        ("bells.csv", BELLS),
        ("timetable.csv", TIMETABLE),
        ("office.csv", OFFICE),
    ):
        desk.put(name, text)
    desk.put("nomarium.toml", PLAN + SOURCES + CALENDARS)
    run.desk, run.folder = desk, desk.folder / "calendars"
    return run


OWN = "BEGIN:VEVENT\r\nUID:{uid}\r\nDTSTAMP:20260901T000000Z\r\nDTSTART:20260910T120000Z\r\nDTEND:20260910T130000Z\r\nSUMMARY:{title}\r\n{more}END:VEVENT\r\n"


def calendar_of(events):
    """Return a calendar file of another program with some events; times in the school's zone go without its rules."""
    return f"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Example//EN\r\n{events}END:VCALENDAR\r\n".encode()


DENTIST = OWN.format(uid="own@example.org", title="my dentist", more="")
OWN_CALENDAR = calendar_of(DENTIST)
SHOWN_DENTIST = "my dentist 2026-09-10 12:00–13:00 "


class Program:
    """An imaginary calendar program: it imports by UID and SEQUENCE, and deletes what is cancelled (RFC 5545, 5546)."""

    def __init__(self):
        self.events = {}
        self.sequences = {}
        self.take(OWN_CALENDAR)

    def take(self, data):
        for event in icalendar.Calendar.from_ical(data).walk("VEVENT"):
            uid, sequence = str(event["UID"]), int(event.get("SEQUENCE", 0))
            if sequence >= self.sequences.get(uid, -1):
                self.sequences[uid] = sequence
                self.events.pop(uid, None)
                if event.get("STATUS") != "CANCELLED":
                    self.events[uid] = event

    def edit(self, chance):
        """Change a place or a title by hand, take an event away, or add one."""
        uid = chance.choice(sorted(self.events))
        what = chance.choice(("LOCATION", "SUMMARY", "away", "own"))
        given = sorted((event.start.isoformat(), uid) for uid, event in self.events.items() if "@" not in uid)
        if what == "away" and uid in (given[0][1], given[-1][1]):
            return  # what is not within an export's days is not known to be taken away
        if what == "own":
            self.take(calendar_of(OWN.format(uid=f"{chance.random()}@example.org", title="Own", more="")))
        elif what == "away":
            del self.events[uid]
        else:
            self.events[uid][what] = f"By hand {chance.randint(1, 99)}"
            self.sequences[uid] += chance.randint(0, 2)
            self.events[uid]["SEQUENCE"] = self.sequences[uid]

    def export(self):
        return calendar_of("".join(event.to_ical().decode() for event in self.events.values()))

    def shown(self):
        return sorted(said_by(event) for event in self.events.values())


class BluntProgram(Program):
    """One that knows nothing but UIDs: whatever comes last stands there, and cancelled events are crossed out."""

    def take(self, data):
        for event in icalendar.Calendar.from_ical(data).walk("VEVENT"):
            self.events[str(event["UID"])] = event

    def shown(self):
        return sorted(said_by(event) for event in self.events.values() if event.get("STATUS") != "CANCELLED")


def said_by(event):
    return f"{told(event)} {event.get('LOCATION', '')}"


def edited(chance, timetable, office):
    """Change some rows as a school does: rooms, teachers, days, times, titles; rows come and go."""
    rows = [line.split(",") for line in timetable.splitlines()[1:]]
    row = chance.choice(rows)
    row[chance.choice((2, 3))] = chance.choice(("V", "P", "Q", "Shed", "Slip"))
    if chance.random() < 0.5:
        row[4] = chance.choice(("Mon", "Tue", "Wed", "1", "2", "3"))
    if chance.random() < 0.4:
        rows.append([f"K{chance.randint(1, 99)}", "New", "Q", "Hall", "Thu", "5"])
    if chance.random() < 0.3 and len(rows) > 2:
        rows.remove(chance.choice(rows))
    events = [line.split(",") for line in office.splitlines()[1:]]
    event = chance.choice(events)
    field = chance.choice((0, 1, 2, 4))
    event[field] = {0: event[0] + "!", 1: f"2026-09-{chance.randint(8, 18):02}", 2: "8:30", 4: "Hall"}[field]
    if chance.random() < 0.4:
        events.append([f"Extra {chance.randint(1, 99)}", "2026-09-17", "10:00", "11:00", ""])
    if chance.random() < 0.3 and len(events) > 1:
        events.remove(chance.choice(events))
    chance.shuffle(events)
    texts = [
        ["Class,Course,Teacher,Room,Day,Period", *map(",".join, rows)],
        ["Event,Date,Start,End,Place", *map(",".join, events)],
    ]
    return ["\n".join(lines) + "\n" for lines in texts]
