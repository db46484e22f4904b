"""Runs of every command on sheets, plans and calendars with a cell, a row or a line changed: each answers as it did.

The runs are drawn by number, so that each stays what it is; the answers' digests are kept (``answers.py``).
"""

import csv
import importlib.util
import io
from functools import cache
from hashlib import sha256
from pathlib import Path
from random import Random

import pytest

from answers import is_as_kept
from test_folders_as_kept import FOLDERS, parts_of

SPOILING = importlib.util.spec_from_file_location("fuzz", Path(__file__).parent.parent / "benchmarks" / "fuzz.py")
FUZZ = importlib.util.module_from_spec(SPOILING)
SPOILING.loader.exec_module(FUZZ)
RUNS = 160
PLAIN = ["--zone", "Europe/Paris"]
LESSONS = "Unit,Lesson,Homework,Length,On\nA,Lines,read 1,,\nA,Knots,read 2,2,\nB,Tides,,half,\nB,Test,,,2026-09-22\n"
PLAN = FUZZ.PLAN + '[lessons.yard]\nsheets = "course.csv"\nclass = "PLK-1"\n'
OPTIONS = {
    "convert": [
        ["-o", "o.ics"], ["-o", "o.csv"], ["-o", "o.json"], ["--keep-going"], ["--json", "-o", "o.ics"], ["--dates", "dmy"], ["--dates", "mdy"],
        ["--within", "2026-09-01..2027-06-30"], ["--length", "1h"], ["--length", "45m"], ["--shift", "14d"], ["--start", "2027-03-01"],
        ["--start", "2027-03-01", "--keep-weekdays"], ["--end", "2027-06-11"], ["--to-zone", "Asia/Tokyo"], ["--rules"], ["--remind", "1d"], ["--prefix", "Orrin: "],
        ["--split", "Place"], ["--split", "Class"], ["--from", "2026-09-10"], ["--to", "2026-10-01"], ["--each-day"], ["--once"], ["--commas", "between"],
        ["--calendar", "Quay"], ["--set", "Place=Loft"], ["--set", "Busy=free"], ["--expect", "3"], ["--hours", "8-20"], ["--save-plan", "p.toml"], ["--headings", "Title,Date,Start"],
    ],
    "inspect": [["--json"], ["--dates", "dmy"], ["--within", "2026-09-01..2027-06-30"], ["--hours", "8-20"], ["--length", "1h"], []],
    "build": [["--from", "2026-09-14"], ["--to", "2026-09-30"], ["--json"], ["--dry-run"], ["--only", "Class=PLK-1"], ["--updates", "changes"], []],
    "check": [["--json"], ["--why", "PLK-1 2026-09-10"], []],
    "days": [["--json"], ["--why", "2026-09-21"], ["--close", "2026-09-10"], ["--close", "2026-09-10=skip"], ["-o", "d.ics"], ["-o", "d.csv", "--from", "2026-09-14"], []],
    "show": [["--week", "2026-09-08"], ["--month", "2026-09"], ["--agenda", "--from", "2026-09-01", "--to", "2026-10-31"], ["--day", "2026-09-10"]],
    "free": [["--from", "2026-09-07", "--to", "2026-09-12", "--length", "2h"], ["--from", "2026-09-07", "--to", "2026-09-25", "--between", "8-12", "--every-day", "--json"]],
    "compare": [[], ["--json"], ["--from", "2026-09-10"], ["-o", "o.html"], ["-o", "o.csv"]],
    "weed": [["--alike"], ["--moved"], ["--keep", "longest"], ["--json", "--alike"], []],
}  # fmt: skip


def spoilt(text, chance):
    """A sheet's text with one cell, row or column changed."""
    rows = FUZZ.Spoiler.spoilt_rows(chance, text)
    made = io.StringIO()
    csv.writer(made, lineterminator="\n").writerows(rows)
    return made.getvalue()


def some_options(command, chance):
    drawn = chance.sample(OPTIONS[command], chance.choice([1, 1, 2, 3]) if command == "convert" else 1)
    return [word for words in drawn for word in words]


@cache
def folders_of_text():
    """The kept folders with sheets that are text, and these."""
    texts = {
        name: {sheet: text for sheet, text in parts_of(name)[1].items() if sheet.endswith(".csv")} for name in FOLDERS
    }
    return {name: sheets for name, sheets in texts.items() if sheets}


def kept_folder(chance):
    """The sheets of a kept folder that are text, one of them spoilt; a run keeps its folder when others are added."""
    drawn = f"{chance.random()}"
    sheets = folders_of_text()[min(folders_of_text(), key=lambda name: sha256(f"{drawn} {name}".encode()).digest())]
    name = chance.choice(list(sheets))
    return {**sheets, name: spoilt(sheets[name], chance)}


def list_alone(desk, chance):
    """One sheet converted or looked at."""
    name, text = chance.choice([*FUZZ.OWN.items(), *kept_folder(chance).items()])
    desk.put(name, spoilt(text, chance))
    command = chance.choice(["convert", "convert", "convert", "inspect"])
    written = ["-o", "out.ics"] if command == "convert" else []
    options = some_options(command, chance)
    yield [command, name, *(options if "-o" in options else [*written, *options]), *PLAIN]


def folder_from_nothing(desk, chance):
    """A folder's plan drafted and built."""
    sheets = kept_folder(chance)
    for name, text in sheets.items():
        desk.put(name, text)
    yield ["new", ".", *sheets, "--name", "Quay", *PLAIN]
    yield ["build"]


def planned_school(desk, chance):
    """A plan looked at, built, and built again after a sheet of it has changed."""
    for name, text in {**FUZZ.OWN, "course.csv": LESSONS, "nomarium.toml": PLAN}.items():
        desk.put(name, text)
    yield ["build", "-q"]
    name = chance.choice(
        ["terms.csv", "closures.csv", "bells.csv", "lessons.csv", "lessons.csv", "events.csv", "course.csv"]
    )
    desk.put(name, spoilt({**FUZZ.OWN, "course.csv": LESSONS}[name], chance))
    for command in (chance.choice(["check", "days"]), "build"):
        yield [command, *some_options(command, chance)]
    yield ["history", "--json"]


def calendars(desk, chance):
    """Two calendars, lines of them changed, read back."""
    for name in ("a.ics", "b.ics"):
        lines = FUZZ.CALENDAR.splitlines()
        at = chance.randrange(15, len(lines) - 1)
        match chance.randrange(4):
            case 0:
                lines.insert(at, lines[chance.randrange(15, len(lines) - 1)])
            case 1:
                del lines[at]
            case 2:
                lines = [
                    line.replace("202609", "202610") if number >= at else line for number, line in enumerate(lines)
                ]
            case 3:
                lines[at] = chance.choice(["DURATION:PT45M", "RRULE:FREQ=DAILY;COUNT=3", "EXDATE:20260922T120000Z", "DTSTART:2026-09-10", "SUMMARY;ALTREP=x:Y", "SEQUENCE:2", "RDATE;TZID=Halifax:20261001T090000", "STATUS:CANCELLED", "DTEND;TZID=Halifax:20260908T113000", "CLASS:CONFIDENTIAL", "TRANSP:TRANSPARENT", "RRULE:FREQ=MONTHLY;BYDAY=2TU;UNTIL=20270301T000000Z"])  # fmt: skip
        desk.put(name, "\r\n".join(lines) + "\r\n")
    command = chance.choice(["show", "free", "compare", "compare", "weed", "convert"])
    files = {
        "show": ["a.ics"],
        "convert": ["a.ics", "-o", chance.choice(["o.csv", "o.ics", "o.json"])],
        "weed": ["a.ics", "-o", "w.ics"],
    }
    zone = PLAIN if command in ("show", "free", "convert") else []
    yield [
        command,
        *files.get(command, ["a.ics", "b.ics"]),
        *([] if command == "convert" else some_options(command, chance)),
        *zone,
    ]


KINDS = [list_alone, list_alone, folder_from_nothing, planned_school, calendars]


@pytest.mark.parametrize("number", range(RUNS))
def test_a_run_answers_as_it_did(number, desk):
    given = []
    for words in KINDS[number % len(KINDS)](desk, Random(number)):
        run = desk.run(*words, zone=None, env={"TZ": "UTC"})
        given += [" ".join(words), str(run.status), run.out, run.err]
        for path in sorted(path.relative_to(desk.folder) for path in desk.folder.rglob("*") if path.is_file()):
            if path.suffix in (".ics", ".csv", ".json", ".toml", ".html") and not path.parts[0].startswith("."):
                given += [str(path), (desk.folder / path).read_text("utf-8", "replace")]
    assert is_as_kept(f"run {number}", "\n".join(given), desk.folder)
