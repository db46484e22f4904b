"""The program run on what nobody would write: cells, rows, octets, members of workbooks, plans and options, all spoilt.

``python benchmarks/fuzz.py --seconds 60 --seed 1 --jobs 2 [--keep DIR]`` spoils small sheets, calendars and plans by
chance, runs a command on each in this process, and holds what came of it against what is promised (docs/limits.md):

- it ends by itself, within ten seconds of computing, with status 0, 1 or 2, and an error says why;
- nothing on the terminal steers it: no control characters, no marks that turn its direction;
- ``--json`` is JSON and nothing else; calendars are UTF-8, lines end in CRLF and have at most 75 octets, what begins ends;
- no part of a file is left behind, and nothing is written but below the folder.

What breaks a promise is told once for each place where it broke, and kept below DIR with the call that does it again.
"""

import argparse
import io
import itertools
import json
import multiprocessing
import os
import random
import resource
import shutil
import signal
import sys
import tempfile
import time
import traceback
import warnings
import zipfile
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from importlib.resources import files
from pathlib import Path
from typing import NamedTuple

LONGEST = 10
MOST_MEMORY = 6 << 30
INPUTS_A_PROCESS = 3_000
"""What texts mean is kept for a command's life: a process that runs thousands of commands is followed by another."""
ROWS = 9
"""Rows of each sheet that are taken: small inputs are many."""
STEERING = [chr(n) for n in (*range(32), *range(127, 160)) if chr(n) not in "\n\r\t"] + list(
    "\u202a\u202b\u202d\u202e\u2066\u2067\u2068"
)

TOKENS = [
    "", " ", "\x1b[2J\x1b]0;x\x07", "\u202egnp.exe", "\x00", "\x85", "\u2028", "🙂" * 40, "a" * 3000, "\n", '"', "'", ";", "|", "\\", "{", "{summary}",
    "{summary:>99999999}", "9999-12-31", "0001-01-01", "31/02/2026", "24:00", "25:61", "23:59-00:01", "1e309", "-1", "0", "1", "3", "=1+1", "@SUM(A1)",
    "2026-13-45", "2026-09-08", "08/09/2026", "8 Sep", "Sept 8 – Oct 9", "8–11 Sep 2026", "12-14 Oct", "every Tuesday", "every second 0 of", "8 Tuesdays from 14 September",
    "every day until 9999-12-31", "FREQ=SECONDLY", "RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30", "1-99999", "99999999999999999999", "½", "٣", "noon", "midnight", "TBC",
    "x;y;z", "a, b", "Nettle, Mina", "../../x", "/etc/passwd", "CON", "NaN", "KW 53", "v. 0", "odd weeks", "Day 0", "A1, C3", "MWF", "må", "2ª feira", "P99-1", "3–4",
    "1h30", "90'", "5 h 99 min", "Europe/London", "UTC+14:00", "T+10 days", "Week 3, Tuesday", "#REF!", "<b>x</b>", "javascript:x", "mailto:a@b", "TRUE", "no school",
    "closed", "Christmas", "DDNN----", "Week A", "Room 12", "7a", "Ms Okafor", "Title", "Date", "Start", "End", "Day", "Period", "Class", "Teacher", "From", "Until",
]  # fmt: skip
CALENDAR = """BEGIN:VCALENDAR
VERSION:2.0
PRODID:-//Somebody//Else//EN
BEGIN:VTIMEZONE
TZID:Halifax
BEGIN:STANDARD
DTSTART:20261101T020000
RRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=1SU
TZOFFSETFROM:-0300
TZOFFSETTO:-0400
END:STANDARD
END:VTIMEZONE
BEGIN:VEVENT
UID:1@example.org
DTSTAMP:20260901T000000Z
DTSTART;TZID=Halifax:20260908T090000
DURATION:PT1H
RRULE:FREQ=WEEKLY;COUNT=5
EXDATE;TZID=Halifax:20260915T090000
SUMMARY;LANGUAGE=en:Muster
ATTENDEE;CN="Pell, D";PARTSTAT=ACCEPTED:mailto:d@example.org
BEGIN:VALARM
ACTION:DISPLAY
TRIGGER:-PT15M
DESCRIPTION:soon
END:VALARM
END:VEVENT
BEGIN:VEVENT
UID:1@example.org
RECURRENCE-ID;TZID=Halifax:20260922T090000
DTSTART;TZID=Halifax:20260922T100000
SUMMARY:Muster\\, later
END:VEVENT
BEGIN:VEVENT
UID:2@example.org
DTSTART;VALUE=DATE:20260910
DTEND;VALUE=DATE:20260912
SUMMARY:Regatta
CLASS:PRIVATE
END:VEVENT
END:VCALENDAR
"""
PLAN = """[school]
name = "Quay"
zone = "America/Halifax"
[year]
terms = "terms.csv"
closures = "closures.csv"
[cycles.Yard]
labels = "A-C"
start = 2026-09-08
[bells]
sheets = "bells.csv"
[sources.lessons]
sheets = "lessons.csv"
[sources.events]
sheets = "events.csv"
[calendars.classes]
sources = ["lessons"]
split = "class"
title = "{course} ({class})"
[calendars.office]
sources = ["events"]
"""
OWN = {
    "terms.csv": "Term,First day,Last day\nAutumn,2026-09-08,2026-10-16\n",
    "closures.csv": "Closure,Date\nGale,2026-09-21\n",
    "bells.csv": "Period,Start,End\n1,8:15,9:00\n2,9:05,9:50\n",
    "lessons.csv": 'Class,Course,Teacher,Room,Day,Period\nPLK-1,Planking,R. Vasquel,Shed,"A, C",1\nCLK-1,Caulking,D. Pell,Slip,Mon,2\n',
    "events.csv": "Title,Date,Start,End,Place,Repeat\nMuster,2026-09-09,15:00,16:00,Slip,\nRegatta,2026-09-15,09:00,12:00,Quay,every Tuesday until 20 Oct 2026\n",
    "grid.csv": "Class 7a,Mon,Tue\n9:00-9:50,Art / Ms Roe / R1,Maths / Mr Poe / R2\n10:00-10:50,,Art / Ms Roe / R1\n",
    "rota.csv": "Rota November 2026\nName,1,2,3,4\nBerg,E,L,N,\nDahl,,E,L,N\n\nE,Early 06:00-14:00\nL,Late 14:00-22:00\nN,Night 22:00-06:00\n",
    "text.txt": "Term 1: 1 February 2027 - 9 April 2027\nEaster break: 26 March 2027\n",
}


class Broken(Exception):
    """A promise that was not kept."""


class Call(NamedTuple):
    """One run: its words, and the files that lie in its folder."""

    words: list[str]
    inputs: dict[str, bytes]


def seeds() -> dict[str, str]:
    """Return small sheets of all kinds: those of the sample school, cut short, and some more."""
    demo = files("nomarium.demo") / "data"
    cut = {
        one.name: "\n".join(one.read_text("utf-8").splitlines()[:ROWS]) + "\n"
        for one in demo.iterdir()
        if one.name.endswith(".csv")
    }
    return {**cut, **OWN}


class Spoiler:
    """Makes calls by chance."""

    def __init__(self, seed: int) -> None:
        from typer.core import TyperOption

        from nomarium.cli.commands import Commands

        self._chance = random.Random(seed)
        self._seeds = seeds()
        self._options = {
            name: [one for one in command.params if isinstance(one, TyperOption) and not one.hidden]
            for name, command in Commands().items()
        }

    def call(self) -> Call:
        """Return a run of some command on spoilt inputs."""
        make = self._chance.choices([self._convert, self._folder, self._plan, self._calendars], [5, 2, 3, 3])[0]
        return make()

    def _convert(self) -> Call:
        name, data = self._sheet()
        words = self._chance.choice(
            [
                ["convert", name, "-o", self._chance.choice(["o.ics", "o.json", "o.csv", "o.xlsx", "-"])],
                ["inspect", name],
            ]
        )
        return Call([*words, *self._some_options(words[0])], {name: data})

    def _folder(self) -> Call:
        inputs = dict(self._sheet() for _ in range(self._chance.randint(1, 3)))
        return Call(["new", ".", *inputs, *self._some_options("new")], inputs)

    def _plan(self) -> Call:
        inputs = {
            name: self._spoilt_text(text) if self._chance.random() < 0.3 else text.encode()
            for name, text in OWN.items()
            if name in PLAN
        }
        plan = self._spoilt_plan() if self._chance.random() < 0.6 else PLAN.encode()
        command = self._chance.choice(["build", "build", "check", "days"])
        return Call([command, *self._some_options(command)], {**inputs, "nomarium.toml": plan})

    def _calendars(self) -> Call:
        data = [
            self._spoilt_octets(self._spoilt_lines()) if self._chance.random() < 0.3 else self._spoilt_lines()
            for _ in range(2)
        ]
        words = self._chance.choice(
            [
                ["show", "a.ics"],
                ["free", "a.ics", "b.ics"],
                ["compare", "a.ics", "b.ics"],
                ["weed", "a.ics", "-o", "w.ics"],
                ["retract", "a.ics", "-o", "r.ics"],
                ["convert", "a.ics", "-o", "o.csv"],
                ["convert", "a.ics", "-o", "o.ics"],
            ]
        )
        return Call([*words, *self._some_options(words[0])], {"a.ics": data[0], "b.ics": data[1]})

    def _sheet(self) -> tuple[str, bytes]:
        name, text = self._chance.choice(list(self._seeds.items()))
        stem = name.rsplit(".", 1)[0]
        form = self._chance.random()
        if form < 0.8:
            return name, self._spoilt_text(text)
        data = workbook(self.spoilt_rows(self._chance, text))
        return f"{stem}.xlsx", data if form < 0.9 else self._spoilt_members(data)

    @staticmethod
    def spoilt_rows(chance: random.Random, text: str) -> list[list[str]]:
        """Return the rows of a sheet's text, some cells, rows or columns of them changed."""
        mark = ";" if text.count(";") > text.count(",") else ","
        rows = [line.split(mark) for line in text.splitlines()]
        for _ in range(chance.choice([1, 1, 2, 4])):
            row = chance.randrange(len(rows))
            column = chance.randrange(len(rows[row]) or 1)
            match chance.randrange(9):
                case 0 | 1 | 2 | 3:
                    rows[row][column : column + 1] = [chance.choice(TOKENS)]
                case 4:
                    rows.insert(row, list(chance.choice(rows)))
                case 5:
                    del rows[row][column:]
                case 6:
                    other = chance.choice(TOKENS)
                    rows = [
                        [*line[:column], other, *line[column + 1 :]] if number else line
                        for number, line in enumerate(rows)
                    ]
                case 7:
                    rows = [line[column:] + line[:column] for line in rows]
                case 8:
                    rows = (
                        rows[:1] if chance.random() < 0.2 else [line for line in rows if chance.random() < 0.8] or rows
                    )
        return rows

    def _spoilt_text(self, text: str) -> bytes:
        mark = ";" if text.count(";") > text.count(",") else self._chance.choice([",", ",", ",", ";", "\t"])
        said = (
            "\n".join(
                mark.join(f'"{cell}"' if mark in cell else cell for cell in row)
                for row in self.spoilt_rows(self._chance, text)
            )
            + "\n"
        )
        data = said.encode(self._chance.choice(["utf-8"] * 6 + ["utf-16", "cp1252"]), "replace")
        return self._spoilt_octets(data) if self._chance.random() < 0.15 else data

    def _spoilt_octets(self, data: bytes) -> bytes:
        spoilt = bytearray(data)
        for _ in range(self._chance.randint(1, 4)):
            at = self._chance.randrange(len(spoilt) or 1)
            match self._chance.randrange(4):
                case 0:
                    spoilt[at : at + 1] = bytes([self._chance.randrange(256)])
                case 1:
                    del spoilt[at : at + self._chance.randint(1, 40)]
                case 2:
                    spoilt[at:at] = bytes(self._chance.randrange(256) for _ in range(3))
                case 3:
                    spoilt[at:at] = spoilt[at : at + 60] * self._chance.randint(1, 30)
        return bytes(spoilt)

    def _spoilt_members(self, data: bytes) -> bytes:
        spoilt = io.BytesIO()
        with (
            zipfile.ZipFile(io.BytesIO(data)) as whole,
            zipfile.ZipFile(spoilt, "w", zipfile.ZIP_DEFLATED) as out,
            warnings.catch_warnings(),
        ):
            warnings.simplefilter("ignore")
            chosen = self._chance.choice(whole.namelist())
            for name in whole.namelist():
                member = whole.read(name)
                if name == chosen and self._chance.random() < 0.1:
                    continue
                out.writestr(name, self._spoilt_octets(member) if name == chosen else member)
                if self._chance.random() < 0.02:
                    out.writestr(name, member)
        return self._spoilt_octets(spoilt.getvalue()) if self._chance.random() < 0.2 else spoilt.getvalue()

    def _spoilt_plan(self) -> bytes:
        lines = PLAN.splitlines()
        for _ in range(self._chance.randint(1, 3)):
            at = self._chance.randrange(len(lines))
            key, equals, value = lines[at].partition(" = ")
            match self._chance.randrange(4):
                case 0:
                    lines[at] = (
                        f"{key} = {json.dumps(self._chance.choice(TOKENS), ensure_ascii=False)}"
                        if equals
                        else self._chance.choice(TOKENS)
                    )
                case 1:
                    lines[at] = (
                        f"{self._chance.choice(['spans', 'listed', 'calendars', 'special', 'public_holidays', 'school_days', 'codes', 'length', 'hours', 'file', 'name', 'description', 'pages', 'x'])} = {value or 1}"
                    )
                case 2:
                    lines.insert(at, self._chance.choice(lines))
                case 3:
                    del lines[at]
        return ("\n".join(lines) + "\n").encode("utf-8", "replace")

    def _spoilt_lines(self) -> bytes:
        lines = CALENDAR.splitlines()
        for _ in range(self._chance.choice([1, 2, 4])):
            at = self._chance.randrange(len(lines))
            name, colon, value = lines[at].partition(":")
            match self._chance.randrange(6):
                case 0 | 1:
                    lines[at] = (
                        f"{name}:{self._chance.choice([*TOKENS, '20260908', '99991231T235959Z', '00010101', 'PT99999999H', 'P9999W', '-P1D', 'FREQ=HOURLY;COUNT=100000', value * 50])}"
                    )
                case 2:
                    lines[at] = (
                        f"{name};{self._chance.choice(['VALUE=DATE', 'TZID=Nowhere', 'TZID=', 'X=' + chr(34) + ';:' + chr(34), 'ALTREP=x', 'RANGE=THISANDFUTURE'])}{colon}{value}"
                    )
                case 3:
                    lines.insert(at, self._chance.choice(lines))
                case 4:
                    del lines[at]
                case 5:
                    lines[at] = lines[at][: len(lines[at]) // 2]
        return "\r\n".join(lines).encode("utf-8", "replace") + b"\r\n"

    def _some_options(self, command: str) -> list[str]:
        words: list[str] = []
        for one in self._chance.sample(self._options[command], self._chance.choice([0, 0, 1, 2, 3])):
            if one.opts[0] in ("-o", "--notices", "--updates", "--save-plan", "--log"):
                words += [one.opts[0], self._chance.choice(["o.ics", "o.csv", "out", "o.html", "o.json", "o.txt"])]
            elif getattr(one, "is_flag", False):
                words.append(one.opts[0])
            else:
                words += [
                    one.opts[0],
                    self._chance.choice(
                        [
                            *TOKENS,
                            "2026-09-08",
                            "2026-01-01..2026-12-31",
                            "dmy",
                            "Title=title",
                            "Class",
                            "1h",
                            "7d",
                            "o.ics",
                            "a.ics",
                            "events.csv",
                            "nomarium.toml",
                            "8-20",
                            "utf-7",
                            "utf-8",
                            "A1:C4",
                        ]
                    ).replace("\x00", ""),
                ]
        return words


def workbook(rows: list[list[str]]) -> bytes:
    """Return rows as the octets of a workbook."""
    from xlsxwriter import Workbook

    made = io.BytesIO()
    with Workbook(
        made, {"in_memory": True, "strings_to_numbers": True, "strings_to_formulas": False, "strings_to_urls": False}
    ) as book:
        sheet = book.add_worksheet()
        for number, row in enumerate(rows):
            sheet.write_row(number, 0, row)
    return made.getvalue()


@contextmanager
def in_time(seconds: int) -> Iterator[None]:
    """Let what computes for too long end with Broken: a machine may have other work."""

    def late(*_: object) -> None:
        raise Broken(f"no end within {seconds} s of computing")

    signal.signal(signal.SIGPROF, late)
    signal.setitimer(signal.ITIMER_PROF, seconds)
    try:
        yield
    finally:
        signal.setitimer(signal.ITIMER_PROF, 0)


def run(call: Call, folder: Path) -> None:
    """Run a call in a folder, and raise Broken where it breaks a promise."""
    from nomarium.cli import main

    for name, data in call.inputs.items():
        (folder / name).write_bytes(data)
    before = {path: path.stat().st_mtime_ns for path in folder.parent.iterdir()}
    out, err = io.BytesIO(), io.BytesIO()
    kept = sys.argv, sys.stdout, sys.stderr, sys.stdin
    sys.argv, sys.stdin = ["nomarium", *call.words], io.TextIOWrapper(io.BytesIO())
    streams = [io.TextIOWrapper(one, encoding="utf-8", write_through=True) for one in (out, err)]
    sys.stdout, sys.stderr = streams
    os.chdir(folder)
    status: object = 0
    try:
        with in_time(LONGEST):
            main()
    except SystemExit as ended:
        status = ended.code or 0
    finally:
        for stream in streams:  # detached, so that what was written can be read when it is gone
            stream.flush()
            stream.detach()
        sys.argv, sys.stdout, sys.stderr, sys.stdin = kept
    judge(call, folder, status, out.getvalue(), err.getvalue())
    if {path: path.stat().st_mtime_ns for path in folder.parent.iterdir()}.keys() != before.keys():
        raise Broken("something was written beside the folder")


def judge(call: Call, folder: Path, status: object, out: bytes, err: bytes) -> None:
    """Hold what a call gave against what is promised."""
    if status not in (0, 1, 2):
        raise Broken(f"status {status}")
    if status == 1 and not (out or err or "--exit-code" in call.words):
        raise Broken("status 1, and nothing says why")
    data_on_terminal = "-" in call.words or call.words[0] in ("plan-schema", "sheet")
    for text in (err, *(() if data_on_terminal else (out,))):
        if found := [mark for mark in STEERING if mark in text.decode("utf-8")]:
            raise Broken(f"{found[0]!r} on the terminal")
    if "--json" in call.words and out and status != 2 and not data_on_terminal:
        try:
            json.loads(out)
        except ValueError as wrong:
            raise Broken(f"--json gives no JSON: {wrong}") from None
    for path in folder.rglob("*"):
        if path.name.endswith("-part"):
            raise Broken(f"{path.name} was left behind")
        if path.suffix == ".ics" and path.is_file() and path.name not in call.inputs:
            judge_calendar(path.read_bytes())


def judge_calendar(data: bytes) -> None:
    """Hold a calendar against RFC 5545's form."""
    lines = data.decode("utf-8").split("\r\n")
    open_parts = []
    for line in lines:
        if len(line.encode()) > 75 or any(mark in line for mark in ("\n", "\r", *STEERING[:33])):
            raise Broken(f"a line of a calendar: {line[:90]!r}")
    for line in data.decode("utf-8").replace("\r\n ", "").split("\r\n"):
        name, _, value = line.partition(":")
        if name == "BEGIN":
            open_parts.append(value)
        elif name == "END" and (not open_parts or open_parts.pop() != value):
            raise Broken(f"{line} ends nothing")
    if open_parts or lines[-1]:
        raise Broken("a calendar that does not end")


def place_of(wrong: BaseException) -> str:
    """Return what makes two faults one: what was raised, and the last place of ours that it came through."""
    frames = [
        one
        for one in traceback.extract_tb(wrong.__traceback__)
        if "nomarium" in one.filename and "benchmarks" not in one.filename
    ]
    where = f" {Path(frames[-1].filename).name}:{frames[-1].lineno}" if frames else ""
    return f"{type(wrong).__name__}{where}: {str(wrong)[:100]}"


def work(seed: int, seconds: float, most: int, keep: Path, told: Callable[[str, str], None]) -> int:
    """Try calls one after another, and tell of those that break a promise; return how many were tried."""
    resource.setrlimit(resource.RLIMIT_AS, (MOST_MEMORY, MOST_MEMORY))
    os.environ.update({"SOURCE_DATE_EPOCH": "1788220800", "TZ": "UTC", "COLUMNS": "100"})
    spoiler, end, number = Spoiler(seed), time.monotonic() + seconds, 0
    while time.monotonic() < end and number < most:
        number += 1
        call = spoiler.call()
        with tempfile.TemporaryDirectory() as held:
            folder = Path(held) / "in"
            folder.mkdir()
            (keep / f"now-{seed}.json").write_text(json.dumps(call.words))
            try:
                run(call, folder)
            except BaseException as wrong:
                if isinstance(wrong, KeyboardInterrupt):
                    raise
                trace = "".join(traceback.format_exception(wrong))
                told(place_of(wrong), json.dumps({"words": call.words, "trace": trace[-4000:]}))
                kept = keep / f"{seed}-{number}"
                kept.mkdir(exist_ok=True)
                for name, data in call.inputs.items():
                    (kept / name).write_bytes(data)
                (kept / "call.json").write_text(json.dumps({"words": call.words, "trace": trace}))
            os.chdir("/")
    return number


def job(seed: int, seconds: float, most: int, keep: Path, queue: "multiprocessing.Queue[tuple[str, object]]") -> None:
    """Work in a process of its own, so that an abort is seen from outside."""
    number = work(seed, seconds, most, keep, lambda place, said: queue.put((place, said)))
    queue.put(("", number))


def main() -> int:
    """Run the jobs, and say what was found."""
    parser = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    parser.add_argument("--seconds", type=float, default=60)
    parser.add_argument("--inputs", type=int, default=10**9, help="about so many a job")
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--jobs", type=int, default=1)
    parser.add_argument("--keep", type=Path, default=None)
    wanted = parser.parse_args()
    keep = (wanted.keep or Path(tempfile.mkdtemp())).resolve()
    keep.mkdir(parents=True, exist_ok=True)
    queue: multiprocessing.Queue[tuple[str, object]] = multiprocessing.Queue()
    end, seeds = time.monotonic() + wanted.seconds, itertools.count(wanted.seed)
    jobs: list[multiprocessing.Process] = []

    def begin() -> None:
        most = min(INPUTS_A_PROCESS, wanted.inputs)
        jobs.append(multiprocessing.Process(target=job, args=(next(seeds), end - time.monotonic(), most, keep, queue)))
        jobs[-1].start()

    for _ in range(wanted.jobs):
        begin()
    found: dict[str, int] = {}
    tried = 0
    while any(one.is_alive() for one in jobs) or not queue.empty():
        try:
            place, said = queue.get(timeout=1)
        except Exception:
            continue
        if not place:
            tried += int(str(said))
            if tried < wanted.inputs * wanted.jobs and time.monotonic() < end:
                begin()
            continue
        if place not in found:
            print(place, "\n   ", json.loads(str(said))["words"], flush=True)
        found[place] = found.get(place, 0) + 1
    aborted = [one for one in jobs if one.exitcode]
    for one in aborted:
        print(f"a job ended with {one.exitcode}: the call that did it is in {keep}")
    print(
        f"{tried:,} inputs tried, {sum(found.values())} promises broken in {len(found)} places, {len(aborted)} aborts; kept in {keep}"
    )
    if not found and not aborted and wanted.keep is None:
        shutil.rmtree(keep)
    return int(bool(found or aborted))


if __name__ == "__main__":
    sys.exit(main())
