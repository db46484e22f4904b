"""A small school for tests of timetables: two weeks, two divisions, bell times; and its meetings as lines."""

from io import BytesIO

import openpyxl

from nomarium.core.building import BuildChoices, prepare

PLAN = """\
[school]
name = "Orrin Sound"
zone = "America/Halifax"
divisions = ["Yard", "Loft"]
[year]
terms = "terms.csv"
[cycles.Yard]
labels = "1-3"
divisions = ["Yard"]
[cycles.Loft]
labels = "A-D"
divisions = ["Loft"]
[bells]
sheets = "bells.csv"
"""
TERMS = "Term,First day,Last day\nAutumn,2026-09-07,2026-09-18\n"
BELLS = "Period,Start,End\n1,8:15,9:00\n2,9:05,9:50\n3,10:15,11:00\n4,11:05,11:50\n5,13:00,13:45\n"
SOURCE = '[sources.timetable]\nsheets = "timetable.csv"\ndivision = "Yard"\n'
"""Yard: Mon 7 Sep is day 1, Tue 8 Sep day 2, Wed 9 Sep day 3, Thu 10 Sep day 1, … Fri 18 Sep is day 1."""


def build(folder, plan=PLAN + SOURCE, **files):
    """Write a plan and its sheets, and build them in memory; names go by "name_csv"."""
    sheets = {"terms.csv": TERMS, "bells.csv": BELLS, "nomarium.toml": plan}
    sheets |= {name[::-1].replace("_", ".", 1)[::-1]: content for name, content in files.items()}
    for name, content in sheets.items():
        (folder / name).write_bytes(content if isinstance(content, bytes) else content.encode())
    return prepare(folder / "nomarium.toml", BuildChoices())


def lines(made, *fields):
    """All meetings and events as lines: "PLK-1 Mon 7 08:15–09:50 Adze Shed"; in order."""
    told = []
    for one in made.held:
        for o in one.occurrences:
            hours = "all day" if o.all_day else f"{o.start:%H:%M}–{o.end:%H:%M}"
            values = [", ".join(one.of(field)) for field in fields]
            told.append(
                (o.start, " ".join([one.class_name, f"{o.start:%a} {o.start.day}", hours, *filter(None, values)]))
            )
    return [line for _, line in sorted(told)]


def said(made, *severities):
    """The problems as (code, where)."""
    wanted = severities or ("error",)
    return [(p.code, f"{p.place.file} {p.place.cell or ''}".strip()) for p in made.problems if p.severity in wanted]


def workbook(**sheets):
    """A workbook of sheets, each a list of rows; "<" merges a cell with the one on its left, "^" with that above."""
    book = openpyxl.Workbook()
    book.remove(book.active)
    for name, rows in sheets.items():
        sheet = book.create_sheet(name.replace("_", " "))
        for row in rows:
            sheet.append([None if cell in ("<", "^", "") else cell for cell in row])
        for top, row in enumerate(rows, 1):
            for left, cell in enumerate(row, 1):
                below, beside = top, left
                while (
                    below < len(rows)
                    and len(rows[below]) >= left
                    and rows[below][left - 1] == "^"
                    and cell not in ("^", "<", "")
                ):
                    below += 1
                while beside < len(row) and row[beside] == "<" and cell not in ("^", "<", ""):
                    beside += 1
                if (below, beside) != (top, left):
                    sheet.merge_cells(start_row=top, start_column=left, end_row=below, end_column=beside)
    held = BytesIO()
    book.save(held)
    return held.getvalue()
