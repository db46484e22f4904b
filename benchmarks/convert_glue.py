"""The glue: the same job as it is commonly put together from libraries. ``convert_glue.py IN.csv OUT.ics``"""

import csv
import sys
from zoneinfo import ZoneInfo

from dateutil import parser
from icalendar import Calendar, Event


def main(source: str, target: str) -> None:
    zone = ZoneInfo("America/Halifax")
    calendar = Calendar()
    calendar.add("version", "2.0")
    calendar.add("prodid", "-//glue//EN")
    with open(source, encoding="utf-8", newline="") as stream:
        for row in csv.DictReader(stream):
            event = Event()
            start = parser.parse(f"{row['Date']} {row['Start']}", dayfirst=True).replace(tzinfo=zone)
            end = parser.parse(f"{row['Date']} {row['End']}", dayfirst=True).replace(tzinfo=zone)
            event.add("uid", f"{row['Title']}{row['Date']}{row['Start']}")
            event.add("dtstamp", start)
            event.add("dtstart", start)
            event.add("dtend", end)
            event.add("summary", row["Title"])
            event.add("location", row["Place"])
            event.add("description", row["Notes"])
            event.add("categories", [row["Kind"]])
            calendar.add_component(event)
    with open(target, "wb") as out:
        out.write(calendar.to_ical())


if __name__ == "__main__":
    main(sys.argv[1], sys.argv[2])
