"""Workbooks: which sheet is meant, merged and hidden ones, names, lost formats, results never saved, odd files."""

import io
import zipfile
from datetime import date, datetime

import pytest
import xlsxwriter

from conftest import events_in, told
from nomarium.core.tables.ods_looks import ods_looks
from nomarium.core.tables.sheet_size import _binary_extent, _document_extent

DAY = datetime(2026, 9, 8)


@pytest.fixture
def book(desk):
    """Make a workbook: a function that takes {sheet: fill(sheet, formats)} and returns the file's name."""

    def make(sheets, hidden=(), names=()):
        workbook = xlsxwriter.Workbook(desk.folder / "book.xlsx")
        day = workbook.add_format({"num_format": "dd/mm/yyyy"})
        for name, fill in sheets.items():
            sheet = workbook.add_worksheet(name)
            fill(sheet, day)
            if name in hidden:
                sheet.hide()
        for name, target in names:
            workbook.define_name(name, target)
        workbook.close()
        return "book.xlsx"

    return make


def plan(sheet, day):
    """A list from B4 on, with a merged title above and one date merged over three rows."""
    sheet.merge_range(0, 0, 0, 4, "Harbour school")
    sheet.write_row(3, 1, ["Date", "Event", "Where"])
    sheet.merge_range(4, 1, 6, 1, DAY, day)
    for row, title in enumerate("ABC", 4):
        sheet.write_row(row, 2, [title, "Shed"])
    sheet.write_datetime(7, 1, datetime(2026, 9, 9), day)
    sheet.write_string(7, 2, "D")


def simple(title):
    def fill(sheet, day):
        sheet.write_row(0, 0, ["Event", "Date"])
        sheet.write_string(1, 0, title)
        sheet.write_datetime(1, 1, DAY, day)

    return fill


def notes(sheet, day):
    sheet.write_column(0, 0, ["Welcome", "Read this first"])


def titles(desk, *options):
    run = desk.run("convert", "book.xlsx", "-o", "out.ics", "--json", *options)
    events = [told(event) for event in events_in(desk.folder / "out.ics")] if run.status == 0 else []
    return run, events


def test_the_one_sheet_with_events_is_found_and_merged_cells_hold_for_their_rows(desk, book):
    book({"Info": notes, "Plan": plan, "Old": simple("Z")}, hidden=["Old"])
    run, events = titles(desk)
    assert events == [f"{title} 2026-09-08..2026-09-09" for title in "ABC"] + ["D 2026-09-09..2026-09-10"]
    assert {code for code, _ in run.codes} == {"hidden-sheets", "merged-cells"}
    assert run.report["sheets"][0]["area"] == "B4:D8"


def test_several_sheets_with_events_are_listed(desk, book):
    book({"Term 1": simple("A"), "Term 2": simple("B"), "Info": notes})
    run, _ = titles(desk)
    assert run.codes == [("several-sheets", None)]
    assert "“Term 1” (1 row: Event, Date); “Term 2”" in run.report["problems"][0]["message"]
    assert titles(desk, "--sheet", "term 2")[1] == ["B 2026-09-08..2026-09-09"]


def test_ranges_and_the_workbooks_own_names(desk, book):
    book({"Plan": plan, "Other": simple("Z")}, names=[("Events", "=Plan!$B$4:$D$5")])
    assert titles(desk, "--range", "events")[1] == ["A 2026-09-08..2026-09-09"]
    assert titles(desk, "--range", "Plan!B4:D6")[1] == [f"{t} 2026-09-08..2026-09-09" for t in "AB"]
    run, _ = titles(desk, "--range", "Evnts")
    assert run.codes == [("no-such-range", None)]


def test_several_sheets_that_are_named_are_read_together(desk, book):
    name = book({"A": simple("A"), "B": simple("B"), "C": notes})
    run = desk.run("convert", name, "-o", "out.ics", "--sheet", "A", "--sheet", "B", "--save-plan", "p.toml")
    assert (run.status, [event["SUMMARY"] for event in events_in(desk.folder / "out.ics")]) == (0, ["A", "B"])
    again = desk.run("build", "p.toml")
    assert (again.status, "2 events" in again.out) == (0, True)


@pytest.mark.parametrize("program", ["xlsx", "ods"])
def test_rows_that_are_hidden_or_crossed_out_are_told_or_left_out(desk, program):
    if program == "xlsx":
        workbook = xlsxwriter.Workbook(desk.folder / "s.xlsx")
        sheet, struck = workbook.add_worksheet("P"), workbook.add_format({"font_strikeout": True})
        sheet.write_row(0, 0, ["Title", "Date"])
        for line, (title, look) in enumerate([("A", None), ("B", None), ("C", struck)], 1):
            sheet.write_row(line, 0, [title, "2026-09-08"], look)
        sheet.set_row(2, None, None, {"hidden": True})
        workbook.close()
    else:
        style = '<style:style style:name="x" style:family="table-cell"><style:text-properties style:text-line-through-style="solid"/></style:style>'
        struck, day = 'table:style-name="x"', "2026-09-08"
        rows = [row(cell("Title"), cell("Date")), row(cell("A"), cell(day))]
        rows += [row(cell("B"), cell(day), more='table:visibility="filter"'), row(cell("C", struck), cell(day, struck))]
        desk.put("s.ods", ods("".join(rows), style))
    run = desk.run("convert", f"s.{program}", "-o", "out.ics", "--json")
    told_of = {problem["code"]: problem["message"] for problem in run.report["problems"]}
    assert (run.status, run.report["events"], set(told_of)) == (0, 3, {"hidden-rows", "crossed-out-rows"})
    assert ("row 3." in told_of["hidden-rows"], "row 4." in told_of["crossed-out-rows"]) == (True, True)
    run = desk.run("convert", f"s.{program}", "-o", "out.ics", "--json", "--visible")
    assert (run.codes, [event["SUMMARY"] for event in events_in(desk.folder / "out.ics")]) == ([], ["A"])


def test_day_numbers_count_from_the_first_day_that_the_workbook_says(desk):
    workbook = xlsxwriter.Workbook(desk.folder / "s.xlsx", {"date_1904": True})
    workbook.add_worksheet("P").write_row(0, 0, ["Title", "Date"])
    workbook.get_worksheet_by_name("P").write_row(1, 0, ["A", 44811])
    workbook.close()
    assert desk.run("convert", "s.xlsx", "-o", "out.ics").status == 0
    assert [told(event) for event in events_in(desk.folder / "out.ics")] == ["A 2026-09-08..2026-09-09"]


def test_lost_formats_and_bare_numbers(desk, book):
    def fill(sheet, day):
        sheet.write_row(0, 0, ["Event", "Date", "Time", "Minutes"])
        sheet.write_row(1, 0, ["A", 46273, 0.375, 45])
        sheet.write_row(2, 0, ["B", 46274, 0.5, 90])

    book({"x": fill})
    run, events = titles(desk)
    assert events == ["A 2026-09-08 09:00–09:45", "B 2026-09-09 12:00–13:30"]
    assert "lost their date format" in run.report["sheets"][0]["columns"][1]["dates"]


def test_bare_numbers_are_read_as_text_is_and_said(desk, book):
    def fill(sheet, day):
        sheet.write_row(0, 0, ["Event", "Date", "Time"])
        sheet.write_row(1, 0, ["A", 20260908, 1])
        sheet.write_row(2, 0, ["B", 20260909, 9])

    book({"x": fill})
    run, events = titles(desk)
    assert events == ["A 2026-09-08 13:00–14:00", "B 2026-09-09 09:00–10:00"]
    assert "read between 7:00 and 18:59" in run.report["sheets"][0]["columns"][2]["times"]
    assert titles(desk, "--hours", "0-12")[1][0] == "A 2026-09-08 01:00–02:00"


def test_midnight_comes_as_a_bare_date(desk, book):
    def fill(sheet, day):
        sheet.write_row(0, 0, ["Event", "Start", "End"])
        for row, (start, end) in enumerate([((8, 9), (8, 17)), ((8, 0), (8, 1)), ((8, 22), (9, 0))], 1):
            sheet.write_string(row, 0, f"E{row}")
            sheet.write_datetime(row, 1, datetime(2026, 9, *start), day)
            sheet.write_datetime(row, 2, datetime(2026, 9, *end), day)

    book({"x": fill})
    assert titles(desk)[1] == [
        "E1 2026-09-08 09:00–17:00",
        "E2 2026-09-08 00:00–01:00",
        "E3 2026-09-08 22:00–2026-09-09 00:00",
    ]


def test_whole_lines_in_column_a_are_split(desk, book):
    lines = ["Event;Date;Where", "A;8.9.2026;Hall", '"B; late";9.9.2026;']
    book({"x": lambda sheet, day: sheet.write_column(0, 0, lines)})
    run, events = titles(desk)
    assert events == ["A 2026-09-08..2026-09-09", "B; late 2026-09-09..2026-09-10"]
    assert ("unsplit-lines", None) in run.codes
    assert desk.events('"Event;Date"\n"A;8.9.2026"\n')[0]["SUMMARY"] == "A"
    assert desk.convert("Event\nA; B\nC; D\n").codes[0][0] == "no-date-column"


def test_formulas_with_and_without_saved_results(desk, book):
    def fill(sheet, day):
        sheet.write_row(0, 0, ["Event", "Date"])
        sheet.write_string(1, 0, "A")
        sheet.write_formula(1, 1, "=DATE(2026,9,8)", day, 46273)

    book({"x": fill})
    assert titles(desk)[1] == ["A 2026-09-08..2026-09-09"]
    openpyxl = pytest.importorskip("openpyxl")
    unsaved = openpyxl.Workbook()
    for row in (["Event", "Date"], ["A", "=DATE(2026,9,8)"], ["B", date(2026, 9, 9)]):
        unsaved.active.append(row)
    unsaved.save(desk.folder / "book.xlsx")
    run, _ = titles(desk)
    assert {("never-calculated", None), ("no-date", "B2")} <= set(run.codes)


def ods(rows, styles=""):
    """The bytes of a small OpenDocument spreadsheet, from the XML of its rows and of its automatic styles."""
    stream = io.BytesIO()
    names = "office table text style".split()
    spaces = " ".join(f'xmlns:{name}="urn:oasis:names:tc:opendocument:xmlns:{name}:1.0"' for name in names)
    content = (
        f'<office:document-content {spaces}><office:automatic-styles>{styles}</office:automatic-styles><office:body><office:spreadsheet><table:table table:name="P">'
        f"{rows}</table:table></office:spreadsheet></office:body></office:document-content>"
    )
    with zipfile.ZipFile(stream, "w") as archive:
        archive.writestr("mimetype", "application/vnd.oasis.opendocument.spreadsheet")
        archive.writestr("META-INF/manifest.xml", "<manifest/>")
        archive.writestr("content.xml", content)
    return stream.getvalue()


def cell(text, more=""):
    return f'<table:table-cell office:value-type="string" {more}><text:p>{text}</text:p></table:table-cell>'


def row(*cells, more=""):
    return f"<table:table-row {more}>{''.join(cells)}</table:table-row>"


def test_open_document_sheets_with_typed_and_merged_cells(desk):
    typed = '<table:table-cell office:value-type="date" office:date-value="2026-09-08" table:number-rows-spanned="2"/>'
    covered = "<table:covered-table-cell/>"
    data = ods(row(cell("Date"), cell("Event")) + row(typed, cell("A")) + row(covered, cell("B")))
    assert ods_looks(data)["P"].merged == [(1, 0, 2, 0)]
    desk.put("s.ods", data)
    run = desk.run("convert", "s.ods", "-o", "out.ics", "--json")
    assert run.status == 0, run.out
    assert [told(e) for e in events_in(desk.folder / "out.ics")] == [f"{t} 2026-09-08..2026-09-09" for t in "AB"]


def test_cells_repeated_beyond_any_sheet_are_refused(desk):
    far = cell("x", 'table:number-columns-repeated="16384"')
    desk.put("s.ods", ods(row(far, more='table:number-rows-repeated="1048576"')))
    run = desk.run("convert", "s.ods", "-o", "out.ics", "--json")
    assert run.codes == [("stray-far-cell", None)]
    assert _document_extent(ods(row(cell("x")))) == (1, 64)


def test_the_extent_of_a_binary_sheet_is_read_from_its_records():
    rows = b"\x00\x04" + (1_048_575).to_bytes(4, "little")
    far_cell = b"\x01\x08" + (16_383).to_bytes(4, "little") + bytes(4)
    long_record = b"\x94\x01\x04" + bytes(4)
    assert _binary_extent(long_record + rows + far_cell) == (1_048_576, 16_384)
    assert _binary_extent(b"\x00\x04") == (1, 0)
