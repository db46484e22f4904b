"""The installed command in a temporary folder, and calendars read back by an independent library."""

import atexit
import json
import os
import subprocess
import sys
import tempfile
import tomllib
from dataclasses import dataclass
from datetime import datetime
from functools import cache
from pathlib import Path

import icalendar
import pytest
from hypothesis import settings

from nomarium.cli.asker import asker_of
from nomarium.settings import BY_PLAN, advice_words

COMMAND = Path(sys.executable).with_name("nomarium")
STARTER = """
import gc, json, os, sys, tempfile, time
from importlib import import_module
from pkgutil import walk_packages
import nomarium
for found in walk_packages(nomarium.__path__, "nomarium."):
    module = import_module(found.name) if not found.name.endswith("__main__") else nomarium
    for value in list(vars(module).values()):
        getattr(value, "pattern", None)
import holidays, python_calamine, rapidfuzz.fuzz, rapidfuzz.process, rapidfuzz.distance, xlsxwriter
import jinja2, matplotlib.figure, matplotlib.font_manager, tzlocal
from nomarium.cli import main
from nomarium.core.values import calendar_words
calendar_words(["a word of no language, so that the names of all are read"])
with tempfile.TemporaryDirectory() as held, open(os.devnull, "w") as nowhere:
    os.chdir(held)
    for name, text in (("list.csv", "Class,Room,Day,Start,End\\nA,Slip,Mon,9:00,10:00\\n"), ("off.csv", "Closure,Date\\nGale,2026-09-21\\n")):
        open(name, "w").write(text)
    kept = sys.stdout, sys.stderr
    sys.stdout = sys.stderr = nowhere
    for words in (["new", ".", "list.csv", "off.csv", "--zone", "America/Halifax"], ["check"], ["convert", "off.csv", "-o", "o.ics", "--zone", "UTC"]):
        sys.argv = ["nomarium", *words]
        try:
            main()
        except SystemExit:
            pass
    sys.stdout, sys.stderr = kept
    os.chdir("/")
gc.collect()
gc.freeze()
for line in sys.stdin:
    call = json.loads(line)
    child = os.fork()
    if not child:
        for number, name in ((1, "out"), (2, "err")):
            os.dup2(os.open(call[name], os.O_WRONLY | os.O_CREAT | os.O_TRUNC), number)
        os.dup2(os.open(call["in"], os.O_RDONLY), 0)
        os.chdir(call["cwd"])
        os.environ.clear()
        os.environ.update(call["env"])
        time.tzset()
        tzlocal.reload_localzone()
        sys.argv = ["nomarium", *call["words"]]
        status = 0
        try:
            main()
        except SystemExit as ended:
            status = ended.code if isinstance(ended.code, int) else int(ended.code is not None)
        except BaseException:
            import traceback
            traceback.print_exc()
            status = 70
        sys.stdout.flush()
        sys.stderr.flush()
        os._exit(status)
    print(os.waitstatus_to_exitcode(os.waitpid(child, 0)[1]), flush=True)
"""
"""Runs the command as its script does, each call in a process of its own that has its imports and its tables already."""
CONVERT = asker_of("convert")
EPOCH = "1788220800"
settings.register_profile("any machine", deadline=None)
settings.load_profile("any machine")


@dataclass
class Run:
    """What a run of the command gave."""

    status: int
    out: str
    err: str

    @property
    def report(self):
        assert self.out, self.err
        return json.loads(self.out)

    @property
    def codes(self):
        """The codes of a ``--json`` report's problems, with their cells."""
        return [(problem["code"], cell) for problem in self.report["problems"] for cell in problem["cells"]]


class Starter:
    """A process that starts the command again and again."""

    def __init__(self):
        self.process = subprocess.Popen(
            [sys.executable, "-c", STARTER], stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True
        )

    def run(self, call):
        """Run one call and return its exit status."""
        self.process.stdin.write(json.dumps(call) + "\n")
        self.process.stdin.flush()
        return int(self.process.stdout.readline())


@cache
def starter():
    """The one starter of this process of tests."""
    made = Starter()
    atexit.register(made.process.stdin.close)
    return made


@dataclass
class Desk:
    """A folder with sheets, and the command to work on them."""

    folder: Path

    def put(self, name, content):
        data = content if isinstance(content, bytes) else content.encode()
        (self.folder / name).write_bytes(data)
        return name

    def run(self, *arguments, zone="America/Halifax", env=None, answers=""):
        words = [str(word) for word in arguments]
        if words[0] in {"convert", "inspect"} and zone and "--zone" not in words:
            words += ["--zone", zone]
        environment = {**os.environ, "SOURCE_DATE_EPOCH": EPOCH, "COLUMNS": "100", **(env or {})}
        with tempfile.TemporaryDirectory() as held:
            typed, out, err = (Path(held) / name for name in ("in", "out", "err"))
            typed.write_text(answers)
            files = {"in": str(typed), "out": str(out), "err": str(err)}
            call = {"words": words, "cwd": str(self.folder), "env": environment, **files}
            status = starter().run(call)
            run = Run(status, out.read_text("utf-8"), err.read_text("utf-8"))
        assert "Traceback" not in run.err, run.err
        return run

    def settle(self, plan="nomarium.toml"):
        """Take all lines out that a drafted plan leaves undecided; return what they were about."""
        path = self.folder / plan
        text = path.read_text("utf-8")
        open_lines = tomllib.loads(text).get("undecided", {})
        head, _, rest = text.partition("[undecided]\n")
        path.write_text(head + rest.partition("\n\n")[2] if rest else text, "utf-8")
        return list(open_lines)

    def convert(self, sheet, *options, name="sheet.csv", **more):
        """Convert the text of a sheet with a JSON report."""
        self.put(name, sheet)
        output = [] if "-o" in options else ["-o", "out.ics"]
        return self.run("convert", name, *output, "--json", *options, **more)

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


def lines_of(problems, asker=BY_PLAN):
    """Problems as text: where and what was found, what is wrong, what was expected, the way out."""
    told = []
    for problem in problems:
        if problem.code != "unsure-column":
            found = f" “{problem.found[:60]}”" if problem.found else ""
            expected = f"Expected: {problem.expected}" if problem.expected else ""
            head = f"{problem.severity} {problem.place}{found}"
            told += filter(None, (head, problem.message, expected, advice_words(problem.advice, asker)))
    return "".join(f"{line}\n" for line in told)


@pytest.fixture
def desk(tmp_path):
    return Desk(tmp_path)
