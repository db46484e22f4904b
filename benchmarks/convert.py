"""How ``nomarium convert`` compares: with a bare loop, and with the same job glued from libraries.

Whole processes, run in turn, medians; ratios are what counts. Two inputs, each described where it is made:
``as_they_come`` and ``alike``. ``python benchmarks/convert.py [--rows N …] [--runs N]``
"""

from __future__ import annotations

import argparse
import csv
import os
import random
import statistics
import sys
import tempfile
import time
from collections.abc import Iterator
from datetime import date, timedelta
from pathlib import Path
from typing import NamedTuple

HERE = Path(__file__).parent


HEADINGS = ["Title", "Date", "Start", "End", "Place", "Notes", "Kind"]
WORDS = (
    "keel plank rib caulk launch muster loft yard regatta sounding tide ballast mast sail oar rope pitch deck".split()
)


def as_they_come(rows: int) -> Iterator[list[str]]:
    """Rows as schools have them: nearly each with a date and a time of its own, and a title of its own.

    100,000 rows have over 90,000 combinations of date and times. A fifth has a place; of the notes some have commas,
    quotes, accents or line breaks, some are empty.
    """
    chance = random.Random(20260901)
    for number in range(rows):
        words = chance.choices(WORDS, k=4)
        day = date(2026, 9, 1) + timedelta(days=chance.randrange(300))
        start = chance.randrange(7 * 60, 18 * 60)
        end = start + chance.randrange(15, 300)
        notes = (
            f"Bring {words[1]}, {words[2]} and {words[3]}; {number % 40} of each",
            f'Ask for the "{words[2]} {words[3]}" at the slip',
            f"Répétition générale – à l’école navale, {words[1]}",
            f"{words[1]} first\nthen {words[2]} and whatever else is left of the {words[3]} from the week before",
            "",
        )[chance.randrange(5)]
        clock = (f"{minute // 60:02}:{minute % 60:02}" for minute in (start, end))
        place = f"Shed {chance.randrange(40)}, north" if chance.random() < 0.2 else ""
        kind = chance.choice(("Yard", "Loft", "Büro"))
        yield [f"{words[0].title()} {words[1]} {number}", f"{day:%d/%m/%Y}", *clock, place, notes, kind]


def alike(rows: int) -> Iterator[list[str]]:
    """Rows that say the same few hundred dates and times over and over, without anything to escape but commas."""
    for number in range(rows):
        day = date(2026, 9, 1) + timedelta(days=number * 7 % 300)
        hour, minute = 8 + number % 9, number * 5 % 60
        clock = f"{hour:02}:{minute:02}", f"{hour + 1:02}:{minute:02}"
        notes = f"Bring gloves, a pencil and sheet {number % 400}, please"
        kind = ("Yard", "Loft", "Office")[number % 3]
        yield [f"Session {number}", f"{day:%d/%m/%Y}", *clock, f"Shed {number % 12}", notes, kind]


def write_sheet(path: Path, rows: Iterator[list[str]]) -> None:
    """Write a sheet of rows below their headings."""
    with path.open("w", encoding="utf-8", newline="") as stream:
        csv.writer(stream).writerows([HEADINGS, *rows])


class Cost(NamedTuple):
    """What a process took: seconds of the processor, seconds of the clock on the wall, MB at most."""

    cpu: float
    wall: float
    memory: float


def measured(command: list[str]) -> Cost:
    """Run a command, and return what it took."""
    started = time.perf_counter()
    pid = os.posix_spawn(
        command[0], command, os.environ, file_actions=[(os.POSIX_SPAWN_OPEN, 1, os.devnull, os.O_WRONLY, 0)]
    )
    _, status, usage = os.wait4(pid, 0)
    wall = time.perf_counter() - started
    if status:
        raise SystemExit(f"{' '.join(command)} failed after {wall:.1f} s")
    return Cost(usage.ru_utime + usage.ru_stime, wall, usage.ru_maxrss / 1024)


def compared(folder: Path, rows: Iterator[list[str]], runs: int) -> list[tuple[Cost, Cost]]:
    """Return what ours and the floor took for the same rows, run in turn."""
    sheet, out, bare = (str(folder / name) for name in ("sheet.csv", "out.ics", "bare.ics"))
    write_sheet(Path(sheet), rows)
    ours = [sys.executable, "-m", "nomarium", "convert", sheet, "-o", out, "--zone", "America/Halifax", "-q", "--fresh"]
    floor = [sys.executable, str(HERE / "convert_floor.py"), sheet, bare]
    return [(measured(ours), measured(floor)) for _ in range(runs)]


def main() -> None:
    """Print the table of ratios."""
    options = argparse.ArgumentParser(description=__doc__)
    options.add_argument("--rows", type=int, nargs="+", default=[1_000, 10_000, 100_000])
    options.add_argument("--runs", type=int, default=5)
    options.add_argument("--glue-rows", type=int, default=3_000, help="rows for the glued job; it is slow")
    given = options.parse_args()
    print(f"{given.runs} runs in turn, medians; cpu, wall and memory as ratios to a bare loop")
    print(f"{'rows':>9}  {'what they are like':18} {'cpu':>6} {'wall':>6} {'memory':>6}   ours")
    with tempfile.TemporaryDirectory() as held:
        folder = Path(held)
        for count in given.rows:
            for name, rows in (("as they come", as_they_come), ("alike", alike)):
                runs = compared(folder, rows(count), given.runs)
                ratios = [statistics.median(ours[n] / floor[n] for ours, floor in runs) for n in range(3)]
                cpu, _, memory = (statistics.median(ours[n] for ours, _ in runs) for n in range(3))
                said = " ".join(f"{ratio:6.2f}" for ratio in ratios)
                print(f"{count:9,}  {name:18} {said}   {cpu:.2f} s, {memory:.0f} MB", flush=True)
        if given.glue_rows:
            runs = compared(folder, as_they_come(given.glue_rows), 2)
            glue = [sys.executable, str(HERE / "convert_glue.py"), str(folder / "sheet.csv"), str(folder / "glue.ics")]
            ratio = measured(glue).cpu / min(ours.cpu for ours, _ in runs)
            print(f"glued from libraries, {given.glue_rows:,} rows as they come: {ratio:.1f} times ours")


if __name__ == "__main__":
    main()
