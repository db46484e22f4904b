"""Files that are no sheets, or broken ones: one clear line each, and the old output as it was."""

import io
import os
import signal
import subprocess
import time
import zipfile

import pytest

from conftest import COMMAND
from old_workbooks import old_workbook


def workbook(*rows):
    """The bytes of an xlsx file with some rows on its first sheet."""
    openpyxl = pytest.importorskip("openpyxl")
    book = openpyxl.Workbook()
    for row in rows:
        book.active.append(row)
    stream = io.BytesIO()
    book.save(stream)
    return stream.getvalue()


def with_sheet_xml(change):
    """A workbook whose first sheet's XML has been changed."""
    source = zipfile.ZipFile(io.BytesIO(workbook(["Title", "Date"], ["A", "2026-09-08"])))
    stream = io.BytesIO()
    with zipfile.ZipFile(stream, "w", zipfile.ZIP_DEFLATED) as target:
        for name in source.namelist():
            data = source.read(name)
            target.writestr(name, change(data) if name.endswith("sheet1.xml") else data)
    return stream.getvalue()


def with_broken_mimetype():
    """An OpenDocument archive whose list of parts is whole, and whose packed media type is not."""
    stream = io.BytesIO()
    with zipfile.ZipFile(stream, "w", zipfile.ZIP_DEFLATED) as target:
        target.writestr("mimetype", "application/vnd.oasis.opendocument.spreadsheet")
    data = stream.getvalue()
    packed = data.index(b"mimetype") + len(b"mimetype")
    return data[:packed] + b"\xff" * 12 + data[packed + 12 :]


STRAY = (
    b'<row r="2"><c r="A2" t="inlineStr"><is><t>x</t></is></c></row>'
    b'<row r="1048576"><c r="XFD1048576"><v>1</v></c></row></sheetData>'
)

COMPOUND_FILE = b"\xd0\xcf\x11\xe0\xa1\xb1\x1a\xe1"

BAD = [
    ("empty.csv", b"", "empty-file"),
    ("spaces.csv", b"\n \n\t\n", "empty-file"),
    ("garbage.csv", bytes(range(256)) * 40, "not-a-sheet"),
    ("paper.csv", b"%PDF-1.7\n...", "not-a-sheet"),
    ("letter.xlsx", b"{\\rtf1 hello}", "not-a-sheet"),
    ("cal.csv", b"BEGIN:VCALENDARS\r\n", "no-calendar"),
    ("zip.xlsx", b"PK\x03\x04 and then nothing", "not-a-sheet"),
    ("cut.xlsx", workbook(["Title", "Date"], ["A", "2026-09-08"])[:3000], "not-a-sheet"),
    ("parts.ods", with_broken_mimetype(), "not-a-sheet"),
    ("old.xls", COMPOUND_FILE + b"\x00" * 600, "damaged-workbook"),
    ("locked.xlsx", COMPOUND_FILE + "EncryptedPackage".encode("utf-16-le") + b"\x00" * 600, "locked-workbook"),
    ("broken.xlsx", with_sheet_xml(lambda data: data[: len(data) // 2]), "damaged-workbook"),
    ("stray.xlsx", with_sheet_xml(lambda data: data.replace(b"</sheetData>", STRAY)), "stray-far-cell"),
    ("bomb.xlsx", with_sheet_xml(lambda data: data + b" " * 1_600_000_000), "too-large"),
    ("headings.csv", b"Title,Date\n", "no-rows"),
    ("wide.csv", b"Title,Date\nA" + b"," * 1_000_000 + b"\n", "too-many-columns"),
    ("long.csv", b"Title,Date\n" + b"x," * 20_000_000, "huge-cell"),
    ("deep.csv", b"Title,Date\n" + b"A,2026-09-08\n" * 1_048_576, "too-many-rows"),
    ("line.csv", b"Title,Date\n" + b"x" * 3_000_000 + b",2026-09-08\n", "huge-cell"),
]  # fmt: skip


@pytest.mark.parametrize(("name", "data", "code"), BAD, ids=[case[0] for case in BAD])
def test_bad_files_get_one_clear_line(desk, name, data, code):
    desk.put("out.ics", "as it was")
    desk.put(name, data)
    run = desk.run("convert", name, "-o", "out.ics", "--json")
    assert run.status == 1
    assert [found for found, _ in run.codes] == [code]
    problem = run.report["problems"][0]
    assert problem["file"] == name
    assert problem["advice"] or problem["expected"]
    assert (desk.folder / "out.ics").read_text() == "as it was"


def test_endings_do_not_matter(desk):
    desk.put("sheet.xls", "Title\tDate\nA\t2026-09-08\n")
    desk.put("book.csv", workbook(["Title", "Date"], ["A", "2026-09-08"]))
    for name in ("sheet.xls", "book.csv"):
        assert desk.run("convert", name, "-o", "out.ics").status == 0


def test_folders_and_outputs_that_cannot_be(desk):
    desk.put("s.csv", "Title,Date\nA,2026-09-08\n")
    (desk.folder / "folder.ics").mkdir()
    for source, target, words in [
        ("folder.ics", "o.ics", "is a directory"),
        ("s.csv", "folder.ics", "it is a folder"),
        ("s.csv", "none/o.ics", "no such file or directory"),
    ]:
        run = desk.run("convert", source, "-o", target)
        assert run.status == 1
        assert words in run.err
    assert sorted(path.name for path in desk.folder.iterdir()) == ["folder.ics", "s.csv"]


def test_a_killed_run_leaves_the_old_output(desk):
    rows = "".join(f"Session {n},2026-09-{n % 28 + 1:02},{n % 12 + 7}:{n % 60:02},note {n}\n" for n in range(60_000))
    desk.put("s.csv", "Title,Date,Time,Notes\n" + rows)
    desk.put("out.ics", "as it was")
    for wait in (0.5, 1.0, 1.5):
        run = subprocess.Popen([COMMAND, "convert", "s.csv", "-o", "out.ics", "-q"], cwd=desk.folder, env=os.environ)
        time.sleep(wait)
        run.send_signal(signal.SIGKILL)
        run.wait()
        text = (desk.folder / "out.ics").read_text()
        assert text == "as it was" or text.endswith("END:VCALENDAR\n")


MET_BY_CHANCE = [
    (["convert", "s.csv", "-o", "o.json"], "Person,Code,Title,Place\nM. Pell,W1,Day 0,Slip\nR. Amm,W1,Day 0,\nM. Pell,W2,Day 0,Yard\n"),
    (["convert", "s.csv", "-o", "o.csv", "--save-plan", "o.ics"], "Title,Date\nA,2026-09-08\n"),
    (["new", ".", "s.csv"], "Person,Code,Title,Place\nM. Pell,W1,Day 0,Slip\nR. Amm,W1,Day 0,\nM. Pell,W2,Day 0,Yard\n"),
    (["inspect", "s.csv"], "Period,Mon,Tue\n1,8:15–8:55,-1\n2,9:00–9:40,-1\n3,MWF,10:00–10:40\n"),
    (["new", ".", "s.csv"], "Crew,Pattern,From\nA,DDNN----,0001-01-01\nB,DDNN----,9999-12-30\n"),
    (["convert", "s.csv", "-o", "o.ics"], "Event,Week commencing\nA,27/12/9999\nB,20/12/9999\n"),
    (["convert", "s.csv", "-o", "o.ics"], "Event,Week commencing,Weekday\nA,27/12/9999,Sun\nB,20/12/9999,Sat\n"),
    (["inspect", "s.csv"], "Week,Mon,Tue,Sun\n20/12/9999,Ana 9:00-10:00,Bo 9:00-10:00,Di 9:00-10:00\n27/12/9999,Ana 9:00-10:00,Bo 9:00-10:00,Di 9:00-10:00\n"),
    (["inspect", "s.csv"], "Term,First day,Last day\n24:00,2026-09-08,2026-10-16\n"),
]  # fmt: skip
"""What inputs spoilt by chance once broke a promise with."""


@pytest.mark.parametrize(("words", "sheet"), MET_BY_CHANCE)
def test_what_was_met_by_chance_ends_with_a_word(desk, words, sheet):
    desk.put("s.csv", sheet)
    run = desk.run(*words)
    assert run.status in (0, 1, 2)
    assert run.status == 0 or run.err
    assert not (desk.folder / "o.ics").exists()


NASTY = [
    "a" + " " * 60_000 + "b",
    "1 " * 30_000,
    "<" * 30_000 + "a@b.c",
    "a." * 30_000,
    "8-" * 30_000,
    "1h" * 30_000 + "x",
    "((((" * 10_000,
    "9:00 to " * 8_000,
]


@pytest.mark.parametrize("text", NASTY, ids=lambda text: text[:8].strip())
def test_cells_made_to_hang_a_reader_are_read_at_once(desk, text):
    headings = ["Title", "Date", "Start", "End", "Duration", "Link", "Host", "Guests", "Reminder", "Zone", "Type"]
    desk.put("s.csv", ",".join(headings) + "\n" + f"A,{text},{text},{text}" + f",{text}" * 7 + "\n")
    started = time.monotonic()
    run = desk.run("convert", "s.csv", "-o", "o.ics", "--json")
    assert run.status == 1
    assert time.monotonic() - started < 20


@pytest.mark.parametrize("text", NASTY, ids=lambda text: text[:8].strip())
def test_titles_made_to_hang_a_draft_are_read_at_once(desk, text):
    desk.put("Rota.csv", f"{text[:4_000]}\nName,Mon,Tue\nPell,9:00-10:00,\nRoe,,9:00-10:00\n")
    started = time.monotonic()
    assert desk.run("new", ".", "Rota.csv", zone=None).status == 0
    assert time.monotonic() - started < 20


EDGES = {
    "a.ics": "DTSTART:99991231T230000Z\r\nDTEND:99991231T235900Z",
    "b.ics": "DTSTART;VALUE=DATE:00010101\r\nRRULE:FREQ=DAILY;UNTIL=99991231",
    "c.ics": "DTSTART;VALUE=DATE:89991231\r\nDURATION:P999999D",
    "d.ics": "DTSTART;VALUE=DATE:89990101\r\nRRULE:FREQ=YEARLY",
    "e.ics": "DTSTART;TZID=America/Halifax:89991231T235900\r\nDURATION:P90000D",
    "f.ics": "DTSTART;TZID=America/Halifax:10000101T000000",
}
AT_THE_EDGE = [
    *(["convert", "s.csv", "-o", "o.csv", "--force", *options.split()] for options in (
        "--start 0001-01-01 --to-zone UTC", "--start 9999-12-31", "--start 8999-12-31", "--shift 9999999d",
        "--shift=-99999d", "--length 99999999h", "--from 1000-01-01 --to 8999-12-31 --shift 1d",
        "--within 0001-01-01..9999-12-31",
    )),
    *(["show", name, *view.split()] for name in EDGES for view in ("", "--week 8999-12-31", "--month 8999-12", "--month 1000-01")),
    *(["convert", name, "-o", "o.csv", "--force", "--to-zone", "Pacific/Kiritimati"] for name in EDGES),
    *(["convert", name, "-o", "o.ics", "--force", "--rules"] for name in EDGES),
    *(["free", name, "--from", "8999-12-30"] for name in EDGES),
    *([command, name] for command in ("inspect", "weed") for name in EDGES),
    ["show", "s.csv", "--week", "9999-12-31"], ["free", "s.csv", "--from", "9999-12-31"], ["free", "s.csv", "--to", "0001-01-01"],
]  # fmt: skip


def test_dates_at_the_edges_of_the_calendar_lead_nowhere(desk):
    desk.put("s.csv", "Title,Date,Start,End\nA,2026-09-08,9:00,10:00\nB,2026-09-09,,\n")
    frame = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//X//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:A\r\n{}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"
    for name, lines in EDGES.items():
        desk.put(name, frame.format(lines))
    for call in AT_THE_EDGE:
        run = desk.run(*call)
        assert run.status in (0, 1, 2), call
        assert run.status == 0 or run.err, call
    written = desk.folder / "o.csv"
    assert "10101" not in written.read_text("utf-8")


@pytest.mark.parametrize(
    ("further", "codes"),
    [((), []), ([(65535, 65535, 1.0)], [("too-large", None)]), ([(65535, 255, 1.0)], [("too-large", None)])],
    ids=["sound", "a cell that aborts the reader", "a cell that fills the memory"],
)
def test_an_old_workbook_takes_down_only_its_own_reading(desk, further, codes):
    cells = [(0, 0, "Title"), (0, 1, "Date"), (1, 0, "Tea"), (1, 1, "2026-09-08"), *further]
    desk.put("old.xls", old_workbook(cells))
    run = desk.run("convert", "old.xls", "-o", "old.ics", "--json")
    assert (run.status, run.codes) == (int(bool(codes)), codes)
