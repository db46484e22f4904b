"""What keeping builds costs beside writing their files alone, and how large the history grows, in one run.

``python benchmarks/history.py [--builds N]``: the school of benchmarks/build.py; then N builds with a few changes each.
"""

import argparse
import gc
import random
import shutil
import statistics
import tempfile
import time
from datetime import UTC, datetime, timedelta
from pathlib import Path

from build import write_sheets

from nomarium.core.building import Build, BuildChoices, prepare, write_calendars
from nomarium.core.history import Store, look_ahead, write_build

RUNS = 3
BEGAN = datetime(2026, 9, 1, tzinfo=UTC)


def prepared(folder: Path) -> Build:
    """Read the plan and date its meetings."""
    build = prepare(folder / "nomarium.toml", BuildChoices())
    assert not build.failed, build.problems
    return build


def plain(folder: Path) -> None:
    """Build without a history."""
    build = prepared(folder)
    write_calendars(folder / "calendars", build.calendars.parts, BEGAN, whole=True, progress=lambda done: None)


def kept(folder: Path, at: datetime = BEGAN) -> None:
    """Build and keep the build."""
    build, store = prepared(folder), Store(folder)
    outlook = look_ahead(build, store, at.isoformat(), whole=True)
    write_build(build, outlook, store, at.isoformat(), whole=True, progress=lambda done: None)
    store.close()


def change_rooms(folder: Path, chance: random.Random) -> None:
    """Put a few classes into other rooms."""
    lines = (folder / "timetable.csv").read_text().splitlines()
    for place in chance.sample(range(1, len(lines)), 5):
        cells = lines[place].split(",")
        cells[3] = f"Room {chance.randint(1, 99)}"
        lines[place] = ",".join(cells)
    (folder / "timetable.csv").write_text("\n".join(lines) + "\n")


def main() -> None:
    """Print the times and the size; the collector of garbage is off, as in the program itself."""
    gc.disable()
    parser = argparse.ArgumentParser()
    parser.add_argument("--builds", type=int, default=100)
    wanted = parser.parse_args()
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        write_sheets(folder, 1)
        times: dict[str, list[float]] = {"plain": [], "kept": []}
        for _ in range(RUNS):
            for label, work in (("plain", plain), ("kept", kept)):
                shutil.rmtree(folder / "calendars", ignore_errors=True)
                shutil.rmtree(folder / ".nomarium", ignore_errors=True)
                begin = time.perf_counter()
                work(folder)
                times[label].append(time.perf_counter() - begin)
        alone, with_history = (statistics.median(times[label]) for label in ("plain", "kept"))
        print(f"first build: {alone:.2f} s alone, {with_history:.2f} s kept: {with_history / alone - 1:.0%} more")
        begin = time.perf_counter()
        kept(folder)
        print(f"nothing changed: {time.perf_counter() - begin:.2f} s")
        chance, spent = random.Random(1), []
        for number in range(1, wanted.builds + 1):
            change_rooms(folder, chance)
            begin = time.perf_counter()
            kept(folder, BEGAN + timedelta(days=number))
            spent.append(time.perf_counter() - begin)
        size = (folder / ".nomarium" / "history.sqlite3").stat().st_size
        each = statistics.median(spent)
        print(f"{wanted.builds} more builds: {each:.2f} s each, the history holds {size / 1e6:.1f} MB")


if __name__ == "__main__":
    main()
