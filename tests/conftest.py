"""The installed command in a temporary folder, and calendars read back by an independent library."""

import json
import os
import subprocess
import sys
from dataclasses import dataclass
from datetime import datetime
from pathlib import Path

import icalendar
import pytest

COMMAND = Path(sys.executable).with_name("nomarium")
EPOCH = "1788220800"


@dataclass
class Run:
    """What a run of the command gave."""

    status: int
    out: str
    err: str

    @property
    def report(self):
        return json.loads(self.out)

    @property
    def codes(self):
        """The codes of a ``--json`` report's problems, with their cells."""
        return [(problem["code"], problem["cell"]) for problem in self.report["problems"]]


@dataclass
class Desk:
    """A folder with sheets, and the command to work on them."""

    folder: Path

    def put(self, name, content):
        data = content if isinstance(content, bytes) else content.encode()
        (self.folder / name).write_bytes(data)
        return name

    def run(self, *arguments, zone="America/Halifax", env=None):
        words = [str(word) for word in arguments]
        if words[0] in {"convert", "inspect"} and zone and "--zone" not in words:
            words += ["--zone", zone]
        done = subprocess.run(
            [COMMAND, *words],
            cwd=self.folder,
            capture_output=True,
            text=True,
            encoding="utf-8",
            check=False,
            timeout=300,
            env={**os.environ, "SOURCE_DATE_EPOCH": EPOCH, "COLUMNS": "100", **(env or {})},
        )
        assert "Traceback" not in done.stderr, done.stderr
        return Run(done.returncode, done.stdout, done.stderr)

    def convert(self, sheet, *options, name="sheet.csv", **more):
        """Convert the text of a sheet with a JSON report."""
        self.put(name, sheet)
        return self.run("convert", name, "-o", "out.ics", "--json", *options, **more)

    def events(self, sheet, *options, name="sheet.csv", **more):
        """Convert a sheet that must be good, and read the calendar back."""
        run = self.convert(sheet, *options, name=name, **more)
        assert run.status == 0, run.out
        return events_in(self.folder / "out.ics")


def events_in(path):
    """All events of a calendar file, judged by the icalendar library; its silent error lists must be empty."""
    calendar = icalendar.Calendar.from_ical(path.read_bytes())
    assert not calendar.errors
    events = calendar.walk("VEVENT")
    assert not any(event.errors for event in events)
    return events


def told(event):
    """An event's title and span as one line: "Talk 2026-09-08 09:00–10:00", all-day ends as exclusive dates."""
    start, end = event.start, event.get("DTEND").dt if event.get("DTEND") else event.start
    if not isinstance(start, datetime):
        return f"{event['SUMMARY']} {start}..{end}"
    last = f"{end:%H:%M}" if end.date() == start.date() else f"{end:%Y-%m-%d %H:%M}"
    return f"{event['SUMMARY']} {start:%Y-%m-%d %H:%M}–{last}"


def lines_of(problems):
    """Problems as text: where and what was found, what is wrong, what was expected, the way out."""
    told = []
    for problem in problems:
        if problem.code != "unsure-column":
            found = f" “{problem.found[:60]}”" if problem.found else ""
            expected = f"Expected: {problem.expected}" if problem.expected else ""
            head = f"{problem.severity} {problem.place}{found}"
            told += filter(None, (head, problem.message, expected, problem.advice))
    return "".join(f"{line}\n" for line in told)


@pytest.fixture
def desk(tmp_path):
    return Desk(tmp_path)
