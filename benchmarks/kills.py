"""Builds of the large school killed at random moments: no half file, a sound history, and a next build that is right.

``python benchmarks/kills.py [--kills N]``: the school of benchmarks/build.py; before each build its first period moves.
"""

import argparse
import random
import signal
import sqlite3
import subprocess
import sys
import tempfile
import time
from pathlib import Path

from build import write_sheets

PROGRAM = "from nomarium.cli import main; import sys; sys.argv = ['nomarium', 'build', '-q']; main()"
CALL = [sys.executable, "-c", PROGRAM]
STARTS = ("T080000\r\n", "T080500\r\n")


def move_first_period(folder: Path, later: int) -> None:
    """Let the first period begin at 8:00 or, as all calendars then change, at 8:05."""
    text = (folder / "bells.csv").read_text()
    old, new = ("8:00", "8:05") if later else ("8:05", "8:00")
    assert old in text
    (folder / "bells.csv").write_text(text.replace(old, new))


def starts_of(path: Path, events: int) -> int:
    """Return which start the first period has in a calendar, which must be whole and of one build."""
    text = path.read_bytes().decode()
    assert text.endswith("END:VCALENDAR\r\n"), path
    assert text.count("BEGIN:VEVENT") == events, path
    found = [number for number, start in enumerate(STARTS) if start in text]
    assert len(found) == 1, path
    return found[0]


def main() -> None:
    """Kill builds, and say what each left."""
    parser = argparse.ArgumentParser()
    parser.add_argument("--kills", type=int, default=50)
    wanted = parser.parse_args()
    chance = random.Random(1)
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        write_sheets(folder, 1)
        begin = time.monotonic()
        subprocess.run(CALL, cwd=folder, check=True)
        whole = time.monotonic() - begin
        paths = sorted(folder.rglob("*.ics"))
        events = {path: path.read_bytes().count(b"BEGIN:VEVENT") for path in paths}
        left = {"old": 0, "new": 0, "finished by the next": 0}
        for number in range(wanted.kills):
            later = (number + 1) % 2
            move_first_period(folder, later)
            process = subprocess.Popen(CALL, cwd=folder, stderr=subprocess.DEVNULL)
            time.sleep(chance.uniform(0.2, whole * 1.6))
            process.send_signal(signal.SIGKILL)
            process.wait()
            states = {starts_of(path, events[path]) for path in paths}
            left["finished by the next" if len(states) > 1 else "new" if states == {later} else "old"] += 1
            base = sqlite3.connect(folder / ".nomarium" / "history.sqlite3")
            assert base.execute("PRAGMA integrity_check").fetchone() == ("ok",)
            base.close()
            subprocess.run(CALL, cwd=folder, check=True, stderr=subprocess.DEVNULL)
            assert {starts_of(path, events[path]) for path in paths} == {later}
            assert not list(folder.rglob("*.part"))
        print(f"{wanted.kills} builds of {sum(events.values()):,} events killed: {left}; each next build was right")


if __name__ == "__main__":
    main()
