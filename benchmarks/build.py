"""What building a school's calendars costs beside a bare loop and the same job glued from icalendar, in one run.

``python benchmarks/build.py [--schools N] [--no-glue]``: a school has 120 teachers, 600 sections, a cycle of 8 days and
180 days (about 67,500 meetings), in one calendar a teacher. Medians of some runs, and the ratios; peak memory of ours.
"""

import argparse
import gc
import random
import resource
import shutil
import statistics
import tempfile
import time
import uuid
from collections.abc import Callable
from datetime import UTC, date, datetime, timedelta
from pathlib import Path
from zoneinfo import ZoneInfo

import icalendar

from nomarium.core.building import BuildChoices, prepare, write_calendars

RUNS = 3
TEACHERS, SECTIONS, DAYS, PERIODS = 120, 600, 8, 8
FIRST, LAST = date(2026, 9, 7), date(2027, 5, 14)
BELLS = [(8 * 60 + 50 * period, 8 * 60 + 50 * period + 45) for period in range(PERIODS)]
ZONE = "America/Halifax"


def school_days() -> list[date]:
    """Return the school days: Monday to Friday."""
    days = (FIRST + timedelta(days=number) for number in range((LAST - FIRST).days + 1))
    return [day for day in days if day.weekday() < 5]


def slots_of(school: int) -> list[tuple[str, str, str, str, list[int], int]]:
    """Return (section, course, teacher, room, days of the cycle, period): five sections a teacher, no two at once."""
    chance = random.Random(school)
    rows = []
    for section in range(SECTIONS):
        days = sorted(chance.sample(range(DAYS), 5))
        teacher, period = f"Teacher {school}-{section % TEACHERS:03}", section // TEACHERS
        rows.append(
            (
                f"S{school}-{section:03}",
                f"Course {section % 40}",
                teacher,
                f"Room {school}-{section % TEACHERS}",
                days,
                period,
            )
        )
    return rows


def write_sheets(folder: Path, schools: int) -> None:
    """Write the plan and the sheets of all schools."""
    (folder / "terms.csv").write_text(f"Term,First day,Last day\nYear,{FIRST},{LAST}\n")
    bells = "".join(f"{n + 1},{s // 60}:{s % 60:02},{e // 60}:{e % 60:02}\n" for n, (s, e) in enumerate(BELLS))
    (folder / "bells.csv").write_text(f"Period,Start,End\n{bells}")
    with (folder / "timetable.csv").open("w") as sheet:
        sheet.write("Section,Course,Teacher,Room,Day,Period\n")
        for school in range(schools):
            for section, course, teacher, room, days, period in slots_of(school):
                for day in days:
                    sheet.write(f"{section},{course},{teacher},{room},{'ABCDEFGH'[day]},{period + 1}\n")
    (folder / "nomarium.toml").write_text(
        f'[school]\nname = "Bench"\nzone = "{ZONE}"\n[year]\nterms = "terms.csv"\n[cycles.Eight]\nlabels = "A-H"\n'
        '[bells]\nsheets = "bells.csv"\ndouble_periods = "two events"\n[sources.timetable]\nsheets = "timetable.csv"\n'
        '[calendars.teachers]\nsplit = "teacher"\n'
    )


def ours(folder: Path) -> None:
    """Build all calendars."""
    build = prepare(folder / "nomarium.toml", BuildChoices())
    assert not build.failed, build.problems
    stamp = datetime(2026, 9, 1, tzinfo=UTC)
    write_calendars(folder / "ours", build.calendars.parts, stamp, whole=True, progress=lambda done: None)


def bare(folder: Path, schools: int) -> int:
    """Format the same events in plain loops: the floor."""
    out = folder / "bare"
    out.mkdir(exist_ok=True)
    files: dict[str, list[str]] = {}
    days = school_days()
    for school in range(schools):
        for section, course, teacher, room, cycle_days, period in slots_of(school):
            start, end = BELLS[period]
            wanted = set(cycle_days)
            lines = files.setdefault(teacher, [])
            stem = uuid.uuid5(uuid.NAMESPACE_DNS, f"{section}{period}")
            for number, day in enumerate(days):
                if number % DAYS in wanted:
                    stamp = day.strftime("%Y%m%d")
                    lines.append(
                        f"BEGIN:VEVENT\r\nUID:{stem}-{stamp}\r\nDTSTAMP:20260901T000000Z\r\n"
                        f"DTSTART;TZID={ZONE}:{stamp}T{start // 60:02}{start % 60:02}00\r\n"
                        f"DTEND;TZID={ZONE}:{stamp}T{end // 60:02}{end % 60:02}00\r\nSUMMARY:{course} ({section})\r\n"
                        f"LOCATION:{room}\r\n"
                        f"DESCRIPTION:Day {'ABCDEFGH'[number % DAYS]}\\, period {period + 1}\r\nEND:VEVENT\r\n"
                    )
    for teacher, lines in files.items():
        (out / f"{teacher}.ics").write_bytes(f"BEGIN:VCALENDAR\r\n{''.join(lines)}END:VCALENDAR\r\n".encode())
    return sum(map(len, files.values()))


def glue(folder: Path, schools: int) -> None:
    """Do the same with the icalendar library."""
    out = folder / "glue"
    out.mkdir(exist_ok=True)
    calendars: dict[str, icalendar.Calendar] = {}
    zone, days = ZoneInfo(ZONE), school_days()
    for school in range(schools):
        for section, course, teacher, room, cycle_days, period in slots_of(school):
            calendar = calendars.setdefault(teacher, icalendar.Calendar())
            for number, day in enumerate(days):
                if number % DAYS in cycle_days:
                    event = icalendar.Event()
                    event.add("uid", str(uuid.uuid5(uuid.NAMESPACE_DNS, f"{section}{day}{period}")))
                    event.add("dtstamp", datetime(2026, 9, 1, tzinfo=UTC))
                    midnight = datetime(day.year, day.month, day.day, tzinfo=zone)
                    event.add("dtstart", midnight + timedelta(minutes=BELLS[period][0]))
                    event.add("dtend", midnight + timedelta(minutes=BELLS[period][1]))
                    event.add("summary", f"{course} ({section})")
                    event.add("location", room)
                    event.add("description", f"Day {'ABCDEFGH'[number % DAYS]}, period {period + 1}")
                    calendar.add_component(event)
    for teacher, calendar in calendars.items():
        (out / f"{teacher}.ics").write_bytes(calendar.to_ical())


def timed(work: Callable[[], object], folder: Path, runs: int) -> float:
    """Return the median time of some runs, in seconds; what they wrote is taken away before each."""
    times = []
    for _ in range(runs):
        for name in ("ours", "bare", "glue"):
            shutil.rmtree(folder / name, ignore_errors=True)
        begin = time.perf_counter()
        work()
        times.append(time.perf_counter() - begin)
    return statistics.median(times)


def main() -> None:
    """Print the times and their ratios; the collector of garbage is off, as in the program itself."""
    gc.disable()
    parser = argparse.ArgumentParser()
    parser.add_argument("--schools", type=int, default=1)
    parser.add_argument("--no-glue", action="store_true")
    wanted = parser.parse_args()
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        write_sheets(folder, wanted.schools)
        own = timed(lambda: ours(folder), folder, RUNS)
        memory = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss // 1024
        floor = timed(lambda: bare(folder, wanted.schools), folder, RUNS)
        meetings = bare(folder, wanted.schools)
        print(
            f"{meetings:,} meetings: ours {own:.2f} s ({memory} MB), a bare loop {floor:.2f} s: {own / floor:.1f} times"
        )
        if not wanted.no_glue:
            slow = timed(lambda: glue(folder, wanted.schools), folder, 1)
            print(f"glued from icalendar {slow:.1f} s: ours is {slow / own:.0f} times as fast")


if __name__ == "__main__":
    main()
