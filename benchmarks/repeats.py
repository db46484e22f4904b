"""What expanding rules costs beside python-dateutil, and reading calendar files beside icalendar, in one run.

``python benchmarks/repeats.py [--rules N] [--events N]``: medians of some runs, and the ratios.
"""

import argparse
import gc
import random
import statistics
import time
from collections.abc import Callable
from datetime import datetime, timedelta
from functools import partial

import icalendar
from dateutil.rrule import rrulestr

from nomarium.core.ics import CalendarChoices, read_calendar
from nomarium.core.repeats import expand, parse_rule

RUNS = 3
FORMS = (
    "FREQ=DAILY;INTERVAL={n}", "FREQ=DAILY;BYDAY=MO,WE,FR",
    "FREQ=WEEKLY;BYDAY=TU,TH", "FREQ=WEEKLY;INTERVAL={n};BYDAY=MO",
    "FREQ=MONTHLY;BYMONTHDAY={n},-1", "FREQ=MONTHLY;BYDAY={n}MO", "FREQ=MONTHLY;BYDAY=-1FR",
    "FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1", "FREQ=YEARLY", "FREQ=YEARLY;BYMONTH=1,5,9;BYMONTHDAY={n}",
    "FREQ=YEARLY;BYMONTH=11;BYDAY=1SU", "FREQ=YEARLY;BYYEARDAY={n},-{n}",
)  # fmt: skip


def varied_rules(count: int) -> list[tuple[str, datetime]]:
    """Return so many rules of all kinds, each with a start."""
    chance = random.Random(5545)
    first = datetime(2026, 1, 1, 9)
    forms = [FORMS[k % len(FORMS)].format(n=chance.randint(1, 4)) for k in range(count)]
    return [(form, first + timedelta(days=chance.randint(0, 300))) for form in forms]


def ours(rules: list[tuple[str, datetime]], years: int) -> int:
    """Expand all rules over some years."""
    span = timedelta(days=365 * years)
    return sum(sum(1 for _ in expand(parse_rule(text), start, start + span)) for text, start in rules)


def theirs(rules: list[tuple[str, datetime]], years: int) -> int:
    """Expand all rules with python-dateutil."""
    span = timedelta(days=365 * years)
    return sum(len(rrulestr(text, dtstart=start).between(start, start + span, inc=True)) for text, start in rules)


def calendar_of(events: int) -> str:
    """Return the text of a calendar of so many events."""
    lines = ["BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//Orrin Sound//EN"]
    for k in range(events):
        day = datetime(2026, 1, 1) + timedelta(days=k % 365, hours=7 + k % 10)
        lines += [
            "BEGIN:VEVENT", f"UID:{k}@example.org", "DTSTAMP:20260901T000000Z", f"SUMMARY:Event number {k}\\, of many",
            f"DTSTART;TZID=America/Halifax:{day:%Y%m%dT%H%M%S}", f"DTEND;TZID=America/Halifax:{day:%Y%m%dT%H}4500",
            "LOCATION:Adze Shed", "DESCRIPTION:Bring a coat\\; it rains", "END:VEVENT",
        ]  # fmt: skip
    return "\r\n".join([*lines, "END:VCALENDAR", ""])


def median(work: Callable[[], object]) -> float:
    """Return the median time of some runs, in seconds."""
    times = []
    for _ in range(RUNS):
        begin = time.perf_counter()
        work()
        times.append(time.perf_counter() - begin)
    return statistics.median(times)


def main() -> None:
    """Print a line for each comparison; the collector of garbage is off, as in the program itself."""
    gc.disable()
    parser = argparse.ArgumentParser()
    parser.add_argument("--rules", type=int, default=2000)
    parser.add_argument("--events", type=int, default=100_000)
    wanted = parser.parse_args()
    rules = varied_rules(wanted.rules)
    for years in (1, 10):
        assert ours(rules, years) == theirs(rules, years)
        mine, other = median(partial(ours, rules, years)), median(partial(theirs, rules, years))
        print(f"{len(rules)} rules over {years} years: {mine:.2f} s; dateutil {other:.2f} s = {other / mine:.1f} times")
    text = calendar_of(wanted.events)
    mine = median(lambda: read_calendar(text, "c.ics", CalendarChoices()))
    few = calendar_of(wanted.events // 10)
    other = 10 * median(lambda: icalendar.Calendar.from_ical(few))
    print(f"{wanted.events:,} events read: {mine:.2f} s; icalendar {other:.2f} s (scaled) = {other / mine:.1f} times")


if __name__ == "__main__":
    main()
