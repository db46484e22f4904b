"""The floor: the least that any Python program does to turn rows of one known form into an equivalent calendar.

Knows the columns, the form of every date and the zone beforehand; checks nothing. ``convert_floor.py IN.csv OUT.ics``
"""

import csv
import sys
from hashlib import sha1

HEAD = """BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//floor//EN
CALSCALE:GREGORIAN
NAME:floor
X-WR-CALNAME:floor
BEGIN:VTIMEZONE
TZID:America/Halifax
BEGIN:DAYLIGHT
DTSTART:20250309T020000
RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=2SU
TZOFFSETFROM:-0400
TZOFFSETTO:-0300
TZNAME:ADT
END:DAYLIGHT
BEGIN:STANDARD
DTSTART:20251102T020000
RRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=1SU
TZOFFSETFROM:-0300
TZOFFSETTO:-0400
TZNAME:AST
END:STANDARD
END:VTIMEZONE
""".replace("\n", "\r\n")


def escaped(text: str) -> str:
    return text.replace("\\", "\\\\").replace(";", "\\;").replace(",", "\\,").replace("\n", "\\n")


def main(source: str, target: str) -> None:
    events = []
    with open(source, encoding="utf-8", newline="") as stream:
        rows = csv.reader(stream)
        next(rows)
        for title, day, start, end, place, notes, kind in rows:
            stamp = day[6:10] + day[3:5] + day[:2]
            where, about, what = escaped(place), escaped(notes), escaped(title)
            uid = sha1(f"{title}{day}{start}".encode()).hexdigest()
            events.append(
                f"BEGIN:VEVENT\r\nUID:{uid}\r\nDTSTAMP:20260901T000000Z\r\n"
                f"DTSTART;TZID=America/Halifax:{stamp}T{start[:2]}{start[3:]}00\r\n"
                f"DTEND;TZID=America/Halifax:{stamp}T{end[:2]}{end[3:]}00\r\nSUMMARY:{what}\r\n"
                + (f"LOCATION:{where}\r\n" if place else "")
                + (f"DESCRIPTION:{about}\r\n" if notes else "")
                + f"CATEGORIES:{kind}\r\nEND:VEVENT\r\n"
            )
    with open(target, "w", encoding="utf-8", newline="") as stream:
        stream.write(HEAD + "".join(events) + "END:VCALENDAR\r\n")


if __name__ == "__main__":
    main(sys.argv[1], sys.argv[2])
