"""Sheets as a spreadsheet program writes them: one workbook, saved by it in many forms, gives the same events in each."""

import os
import shutil
import subprocess
from datetime import datetime, time, timedelta
from random import Random

import pytest
import xlsxwriter

from conftest import events_in

OFFICE = shutil.which("soffice")
pytestmark = pytest.mark.skipif(
    OFFICE is None or "SLOW_TESTS" not in os.environ, reason="takes minutes, and a spreadsheet program: SLOW_TESTS=1"
)

# The looks of dates and times, with the language that names their months; and how wide the looks are exact.
LOOKS = [
    ("yyyy-mm-dd", "hh:mm"),
    ("dd/mm/yyyy", "h:mm AM/PM"),
    ("[$-409]mmmm d, yyyy", "h:mm AM/PM"),
    ("[$-409]ddd d-mmm-yy", "hh:mm:ss"),
    ("[$-407]d. mmmm yyyy", "hh:mm"),
    ("[$-407]dddd, dd.mm.yyyy", 'h.mm" Uhr"'),
    ("[$-40C]d mmmm yyyy", 'hh"h"mm'),
    ("[$-C0A]d \\\\d\\\\e mmmm \\\\d\\\\e yyyy", "hh:mm"),
    ("[$-410]gg mmm aaaa", "hh.mm"),
    ("[$-416]dd/mm/yyyy", "hh:mm"),
    ("[$-41D]yyyy-mm-dd", "hh.mm"),
    ("[$-415]d mmmm yyyy", "hh:mm"),
]
# What it saves as: the ending, and the filter (field and text signs, UTF-8 or Windows-1252, as shown, quotes).
FORMS = {
    "ods": "ods",
    "xls": "xls",
    "xlsx": "xlsx",
    "csv as shown": "csv:Text - txt - csv (StarCalc):44,34,76,1,,0,false,true,false",
    "csv as values": "csv:Text - txt - csv (StarCalc):59,34,76,1,,0,false,false,false",
    "csv western": "csv:Text - txt - csv (StarCalc):59,34,1,1,,0,true,true,false",
    "tabs": "csv:Text - txt - csv (StarCalc):9,34,76,1,,0,false,true,false",
}


def made_events(seed):
    random = Random(seed)
    for number in range(40):
        start = datetime(2026, 9, 1) + timedelta(days=random.randrange(300), minutes=15 * random.randrange(28, 68))
        yield f"Event {number}", start, start + timedelta(minutes=15 * random.randrange(1, 12))


def workbook(path, events, date_look, time_look):
    book = xlsxwriter.Workbook(path)
    sheet = book.add_worksheet("Events")
    day, clock = book.add_format({"num_format": date_look}), book.add_format({"num_format": time_look})
    sheet.write_row(0, 0, ["Title", "Date", "Start", "End", "Place"])
    sheet.set_column(0, 4, 40)
    for row, (title, start, end) in enumerate(events, 1):
        sheet.write_row(row, 0, [title])
        sheet.write_datetime(row, 1, datetime.combine(start.date(), time()), day)
        sheet.write_datetime(row, 2, start.time(), clock)
        sheet.write_datetime(row, 3, end.time(), clock)
        sheet.write_string(row, 4, "Café, quay")
    book.close()


@pytest.mark.parametrize("look", LOOKS, ids=lambda look: look[0])
def test_all_forms_of_one_workbook_give_the_same_events(desk, look, tmp_path):
    events = [event for event in made_events(look[0]) if event[1].date() == event[2].date()]
    workbook(desk.folder / "made.xlsx", events, *look)
    expected = {(title, start, end) for title, start, end in events}
    for name, form in FORMS.items():
        out = tmp_path / name.replace(" ", "-")
        call = [OFFICE, f"-env:UserInstallation=file://{tmp_path}/profile", "--headless", "--convert-to", form]
        subprocess.run(
            [*call, "--outdir", out, desk.folder / "made.xlsx"], check=True, capture_output=True, timeout=120
        )
        (saved,) = out.iterdir()
        sheet = saved.rename(desk.folder / f"{out.name}{saved.suffix}")
        run = desk.run("convert", sheet.name, "-o", "out.ics", "--json", "--within", "2026-09-01..2027-08-31")
        assert run.status == 0, (name, run.report["problems"], sheet.read_bytes()[:300])
        found = {
            (str(event["SUMMARY"]), event["DTSTART"].dt.replace(tzinfo=None), event["DTEND"].dt.replace(tzinfo=None))
            for event in events_in(desk.folder / "out.ics")
        }
        assert found == expected, (name, sheet.read_bytes()[:300])
