"""How long pictures and pages take: a month of 2,000 events, 120 wall timetables in one PDF, a page of 1,200 events.

``python benchmarks/showing.py``: the school of benchmarks/build.py; the page in Chromium, where it and Playwright are.
"""

import shutil
import tempfile
import time
from collections.abc import Callable
from datetime import date, datetime, timedelta
from pathlib import Path

from build import write_sheets

from nomarium.cli.show_pictures import wall_grids
from nomarium.core.agenda import DayFacts, Operands, Showing, Shown, read_showing
from nomarium.views.calendar_pictures import month_drawing, wall_drawing
from nomarium.views.page import SCREEN, SIZES, draw_pages
from nomarium.views.pages import calendar_page

FIRST = date(2026, 9, 1)


def timed(label: str, work: Callable[[], object]) -> float:
    """Run a piece of work, print how long it took, and return that."""
    begin = time.perf_counter()
    work()
    spent = time.perf_counter() - begin
    print(f"{label}: {spent:.2f} s")
    return spent


def month_of(events: int) -> Showing:
    """Return so many events of one month, at the hours of a school day."""
    showing = Showing(["school"], [], "America/Halifax")
    for number in range(events):
        start = datetime(2026, 9, 1 + number % 28, 8 + number % 8, number % 60)
        place = f"Room {number % 30}"
        showing.events.append(Shown(f"Class {number % 90}", start, start + timedelta(minutes=45), False, place))
    showing.sort()
    return showing


def page_in_browser(path: Path) -> None:
    """Open a page in Chromium and switch its views."""
    chromium = shutil.which("chromium")
    try:
        from playwright.sync_api import sync_playwright
    except ImportError:
        chromium = None
    if chromium is None:
        print("the page in a browser: there is no Chromium or no Playwright here")
        return
    with sync_playwright() as playwright:
        page = playwright.chromium.launch(executable_path=chromium, chromium_sandbox=False).new_page()
        timed("it opens", lambda: page.goto(path.as_uri()))
        for view in ("week", "agenda", "month"):
            timed(f"it switches to {view}", lambda view=view: page.click(f"button[data-view={view}]"))  # type: ignore[misc]


def main() -> None:
    """Print the times."""
    busy = month_of(2_000)
    timed("a month of 2,000 events", lambda: draw_pages([month_drawing(busy, DayFacts(None), FIRST)], SCREEN, "png"))
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        write_sheets(folder, 1)
        showing = read_showing(Operands([folder], for_all=True))
        drawings = [wall_drawing(grid, cycle) for grid, cycle in wall_grids(showing, ())]
        spent = timed(f"{len(drawings)} wall timetables in one PDF", lambda: draw_pages(drawings, SIZES["A4"], "pdf"))
        print(f"{len(drawings) / spent:.1f} pages a second")
        path = folder / "page.html"
        path.write_text(calendar_page(month_of(1_200), DayFacts(None)), "utf-8")
        page_in_browser(path)


if __name__ == "__main__":
    main()
