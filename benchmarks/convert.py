"""How ``nomarium convert`` compares: with a bare loop, and with the same job glued from libraries.

Whole processes, run in turn, medians; ratios are what counts. ``python benchmarks/convert.py [--rows N] [--runs N]``
"""

from __future__ import annotations

import argparse
import csv
import os
import statistics
import sys
import tempfile
import time
from datetime import date, timedelta
from pathlib import Path

HERE = Path(__file__).parent


def write_sheet(path: Path, rows: int) -> None:
    """Write a sheet of made-up events: a few hundred days, many titles, notes with commas."""
    with path.open("w", encoding="utf-8", newline="") as stream:
        writer = csv.writer(stream)
        writer.writerow(["Title", "Date", "Start", "End", "Place", "Notes", "Kind"])
        for number in range(rows):
            day = date(2026, 9, 1) + timedelta(days=number * 7 % 300)
            hour, minute = 8 + number % 9, number * 5 % 60
            writer.writerow(
                [
                    f"Session {number}",
                    f"{day:%d/%m/%Y}",
                    f"{hour:02}:{minute:02}",
                    f"{hour + 1:02}:{minute:02}",
                    f"Shed {number % 12}",
                    f"Bring gloves, a pencil and sheet {number % 400}, please",
                    ("Yard", "Loft", "Office")[number % 3],
                ]
            )


def measured(command: list[str]) -> tuple[float, float]:
    """Run a command; return its seconds of processor time and its peak memory in MB."""
    started = time.perf_counter()
    pid = os.posix_spawn(
        command[0], command, os.environ, file_actions=[(os.POSIX_SPAWN_OPEN, 1, os.devnull, os.O_WRONLY, 0)]
    )
    _, status, usage = os.wait4(pid, 0)
    if status:
        raise SystemExit(f"{' '.join(command)} failed after {time.perf_counter() - started:.1f} s")
    return usage.ru_utime + usage.ru_stime, usage.ru_maxrss / 1024


def main() -> None:
    """Print the table of ratios."""
    options = argparse.ArgumentParser(description=__doc__)
    options.add_argument("--rows", type=int, default=100_000)
    options.add_argument("--runs", type=int, default=5)
    options.add_argument("--glue-rows", type=int, default=10_000, help="rows for the glued job, scaled up in the table")
    given = options.parse_args()
    with tempfile.TemporaryDirectory() as folder:
        sheet, small, out = (str(Path(folder, name)) for name in ("sheet.csv", "small.csv", "out.ics"))
        write_sheet(Path(sheet), given.rows)
        write_sheet(Path(small), given.glue_rows)
        ours = [sys.executable, "-m", "nomarium", "convert", sheet, "-o", out, "--zone", "America/Halifax", "-q"]
        floor = [sys.executable, str(HERE / "convert_floor.py"), sheet, out]
        glue = [sys.executable, str(HERE / "convert_glue.py"), small, out]
        runs = [(measured(ours), measured(floor)) for _ in range(given.runs)]
        glued = statistics.median(measured(glue)[0] for _ in range(2)) * given.rows / given.glue_rows
    seconds = statistics.median(o[0] for o, _ in runs)
    print(f"{given.rows:,} rows of CSV to ICS, {given.runs} runs in turn, medians of processor time and peak memory")
    print(f"ours / floor, time      {statistics.median(o[0] / f[0] for o, f in runs):6.2f}")
    print(f"ours / floor, memory    {statistics.median(o[1] / f[1] for o, f in runs):6.2f}")
    print(f"glue / ours, time       {glued / seconds:6.1f}")
    print(
        f"(ours {seconds:.2f} s, floor {statistics.median(f[0] for _, f in runs):.2f} s, glue {glued:.0f} s as scaled)"
    )


if __name__ == "__main__":
    main()
