"""Builds, pages and conversions killed at random moments: no half file, a sound history, and a next run that is right.

``python benchmarks/kills.py [--kills N]`` kills N of each: builds of the school of benchmarks/build.py, before each of
which its first period moves; the same with pages; and conversions of a list of 20,000 events whose hour moves.
"""

import argparse
import random
import signal
import sqlite3
import subprocess
import sys
import tempfile
import time
from collections import Counter
from collections.abc import Callable, Iterable
from pathlib import Path

from build import write_sheets

PROGRAM = "from nomarium.cli import main; import sys; sys.argv = ['nomarium', *sys.argv[1:]]; main()"
STARTS = ("08:00", "08:05")
ROWS = 20_000


def run(folder: Path, words: list[str]) -> "subprocess.Popen[bytes]":
    """Begin a command in a folder."""
    return subprocess.Popen([sys.executable, "-c", PROGRAM, *words], cwd=folder, stderr=subprocess.DEVNULL)


def written(folder: Path) -> list[Path]:
    """Return the files that commands have written in a folder."""
    return sorted(path for pattern in ("*.ics", "*.html", "*.csv") for path in folder.rglob(pattern))


def starts_of(path: Path) -> int | None:
    """Return which of the two starts a file has, which must be whole and of one run; None for one that has neither."""
    text = path.read_bytes().decode()
    assert path.suffix != ".ics" or text.endswith("END:VCALENDAR\r\n"), path
    assert path.suffix != ".html" or text.rstrip().endswith("</html>"), path
    found = [number for number, start in enumerate(STARTS) if start in text or f"T{start.replace(':', '')}00" in text]
    assert len(found) < len(STARTS), path
    return found[0] if found else None


def state_of(paths: Iterable[Path]) -> set[int]:
    """Return which starts some files have."""
    return {start for path in paths if (start := starts_of(path)) is not None}


def kill(folder: Path, words: list[str], move: Callable[[int], None], kills: int, what: str) -> None:
    """Kill a command so many times, each on changed sheets, and say what it left; the next run must set all right."""
    chance = random.Random(1)
    sheets = set(written(folder))
    begin = time.monotonic()
    assert run(folder, words).wait() == 0
    whole = time.monotonic() - begin
    paths = [path for path in written(folder) if path not in sheets]
    left: Counter[str] = Counter()
    for number in range(kills):
        later = (number + 1) % 2
        move(later)
        process = run(folder, words)
        time.sleep(chance.uniform(0.2, whole * 1.6))
        process.send_signal(signal.SIGKILL)
        process.wait()
        states = state_of(paths)
        left["finished by the next" if len(states) > 1 else "new" if states == {later} else "old"] += 1
        for history in folder.rglob("history.sqlite3"):
            base = sqlite3.connect(history)
            assert base.execute("PRAGMA integrity_check").fetchone() == ("ok",)
            base.close()
        assert run(folder, words).wait() == 0
        assert state_of(paths) == {later}
        assert not list(folder.rglob("*.part"))
    print(f"{kills} of {what} killed: {dict(left)}; each next one was right", flush=True)


def of_builds(folder: Path, kills: int, *, pages: bool) -> None:
    """Kill builds of a school whose first period begins at 8:00 or, as all calendars then change, at 8:05."""
    write_sheets(folder, 1)
    if pages:
        plan = folder / "nomarium.toml"
        plan.write_text(plan.read_text() + '[pages]\nfolder = "pages"\n')
    bells = folder / "bells.csv"

    def move(later: int) -> None:
        old, new = ("8:00", "8:05") if later else ("8:05", "8:00")
        bells.write_text(bells.read_text().replace(f",{old},", f",{new},"))

    kill(folder, ["build", "-q"], move, kills, "builds with pages" if pages else "builds")


def of_conversions(folder: Path, kills: int) -> None:
    """Kill conversions of a list of events that all begin at 8:00, or at 8:05."""
    sheet = folder / "events.csv"

    def move(later: int) -> None:
        rows = "".join(f"Event {n},2026-{n % 12 + 1:02}-{n % 28 + 1:02},{STARTS[later]},09:00\n" for n in range(ROWS))
        sheet.write_text(f"Title,Date,Start,End\n{rows}")

    move(0)
    words = ["convert", "events.csv", "-o", "events.ics", "--zone", "America/Halifax", "-q"]
    kill(folder, words, move, kills, "conversions")


def main() -> None:
    """Kill builds, pages and conversions, and say what each left."""
    parser = argparse.ArgumentParser()
    parser.add_argument("--kills", type=int, default=50)
    wanted = parser.parse_args()
    with tempfile.TemporaryDirectory() as name:
        folders = [Path(name) / part for part in ("converted", "built", "paged")]
        for folder in folders:
            folder.mkdir()
        of_conversions(folders[0], wanted.kills)
        of_builds(folders[1], wanted.kills, pages=False)
        of_builds(folders[2], wanted.kills, pages=True)


if __name__ == "__main__":
    main()
