"""What reading a workbook costs beside python-calamine's own reading of the same file.

In one process, in turn, medians. ``python benchmarks/workbook.py [--rows N] [--runs N]``
"""

from __future__ import annotations

import argparse
import statistics
import tempfile
import time
from datetime import date, timedelta
from datetime import time as clock
from pathlib import Path

from python_calamine import load_workbook
from xlsxwriter import Workbook

from nomarium.core.columns import Headings, match_columns
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.sheets import choose_grid
from nomarium.core.sources import EventChoices, read_events
from nomarium.core.tables import TableChoices
from nomarium.core.tables.find import find_table
from nomarium.core.tables.table import Grid


def write_workbook(path: Path, rows: int) -> None:
    """Write a workbook of made-up events with typed dates and times."""
    book = Workbook(str(path))
    sheet = book.add_worksheet("Events")
    day, hour = book.add_format({"num_format": "dd/mm/yyyy"}), book.add_format({"num_format": "hh:mm"})
    sheet.write_row(0, 0, ["Title", "Date", "Start", "End", "Place", "Notes", "Kind"])
    for number in range(1, rows + 1):
        sheet.write_string(number, 0, f"Session {number}")
        sheet.write_datetime(number, 1, date(2026, 9, 1) + timedelta(days=number * 7 % 300), day)
        sheet.write_datetime(number, 2, clock(8 + number % 9, number * 5 % 60), hour)
        sheet.write_datetime(number, 3, clock(9 + number % 9, number * 5 % 60), hour)
        sheet.write_row(number, 4, [f"Shed {number % 12}", f"Bring gloves and sheet {number % 400}", "Yard"])
    book.close()


def main() -> None:
    """Print the ratio."""
    options = argparse.ArgumentParser(description=__doc__)
    options.add_argument("--rows", type=int, default=20_000)
    options.add_argument("--runs", type=int, default=5)
    given = options.parse_args()
    headings, choices = Headings(EVENT_SHEET), EventChoices("America/Halifax")
    ours, bare = [], []
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder, "events.xlsx")
        write_workbook(path, given.rows)
        for _ in range(given.runs):
            started = time.process_time()
            grid, _ = choose_grid(path, EVENT_SHEET, TableChoices())
            table, _ = find_table(grid, headings)
            read_events(table, match_columns(table, {}, headings)[0], choices)
            ours.append(time.process_time() - started)
            started = time.process_time()
            rows = load_workbook(path).get_sheet_by_index(0).to_python(skip_empty_area=False)
            table, _ = find_table(Grid("events.xlsx", "Events", rows, "", typed=True), headings)
            read_events(table, match_columns(table, {}, headings)[0], choices)
            bare.append(time.process_time() - started)
    print(f"{given.rows:,} rows of xlsx read as events, {given.runs} runs in turn, medians of processor time")
    print(f"ours / (calamine's reading + the same conversion)  {statistics.median(ours) / statistics.median(bare):.2f}")


if __name__ == "__main__":
    main()
