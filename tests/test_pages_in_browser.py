"""The pages in a real browser: views, filters, keys and print; no error in its console, no request to any network."""

import shutil
from itertools import pairwise

import pytest

from nomarium.core.agenda import DayFacts
from nomarium.views.pages import IndexEntry, calendar_page, index_page
from test_showing import HARD, showing_of, shown

CHROMIUM = shutil.which("chromium") or shutil.which("chromium-browser")
sync_api = pytest.importorskip("playwright.sync_api", reason="playwright is not installed (pip install '.[browser]')")
pytestmark = pytest.mark.skipif(CHROMIUM is None, reason="Chromium is not installed (Debian's package chromium)")
QUIET = ["--disable-background-networking", "--disable-component-update", "--disable-sync", "--no-first-run"]


@pytest.fixture(scope="module")
def browser():
    with sync_api.sync_playwright() as playwright:
        opened = playwright.chromium.launch(executable_path=CHROMIUM, args=QUIET, chromium_sandbox=False)
        yield opened
        opened.close()


@pytest.fixture
def leaf(browser, tmp_path):
    """Return a function that opens a page; whatever the page complains of or asks for is an error."""
    context = browser.new_context(viewport={"width": 1280, "height": 800})
    complaints = []

    def opened(text, place="", width=1280):
        path = tmp_path / "page.html"
        path.write_text(text, "utf-8")
        page = context.new_page()
        page.set_viewport_size({"width": width, "height": 800})
        page.on("console", lambda said: complaints.append(said.text))
        page.on("pageerror", lambda fault: complaints.append(str(fault)))
        page.on(
            "request",
            lambda asked: complaints.append(asked.url) if not asked.url.startswith(("file:", "data:")) else None,
        )
        page.goto(path.as_uri() + place)
        return page

    yield opened
    assert complaints == []
    context.close()


@pytest.fixture
def office(leaf):
    events = [
        *HARD,
        shown("Choir", "15T13:00", "15T14:00", calendars=(1,)),
        shown("Both", "30T13:00", "30T14:00", calendars=(0, 1)),
    ]
    text = calendar_page(showing_of(*events, calendars=("office", "clubs")), DayFacts(None))
    return lambda place="", width=1280: leaf(text, place, width)


def titles(page):
    return page.locator("#shown .title").all_inner_texts()


def test_views_days_and_keys(office):
    page = office("#month/2026-09-14")
    assert page.inner_text("#span") == "September 2026"
    assert page.locator("table.month td").count() == 35
    assert page.get_attribute("button[data-view=month]", "aria-pressed") == "true"
    page.click("button[data-view=week]")
    assert page.inner_text("#span") == "Monday 14 September 2026 to Saturday 19 September 2026"
    assert page.locator("section.column").count() == 6
    boxes = [box.bounding_box() for box in page.locator("section.column").first.locator("li.event").all()]
    assert all(a["x"] + a["width"] <= b["x"] + 1 for a, b in pairwise(boxes))
    page.keyboard.press("ArrowRight")
    assert page.inner_text("#count") == "Nothing is on."
    page.keyboard.press("a")
    assert page.inner_text("#span") == "Four weeks from Monday 21 September 2026"
    assert titles(page) == ["Both"]
    page.click("[aria-label=Earlier]")
    assert len(titles(page)) == 17
    page.keyboard.press("t")
    assert page.evaluate("location.hash").startswith("#agenda/")
    page.keyboard.press("/")
    assert page.evaluate("document.activeElement.id") == "text"


def test_filters_by_text_and_calendar(office):
    page = office("#month/2026-09-14")
    page.fill("#text", "choir")
    assert titles(page) == ["Choir"]
    page.fill("#text", "slip no such word")
    assert titles(page) == []
    page.fill("#text", "")
    page.uncheck("[data-calendar='0']")
    assert titles(page) == ["Choir", "Both"]
    page.uncheck("[data-calendar='1']")
    assert page.inner_text("#count") == "Nothing is on."


def test_it_is_readable_on_a_phone_and_in_print(office):
    page = office("#week/2026-09-14", width=400)
    assert page.evaluate("document.documentElement.scrollWidth") <= 400
    for view in ("month", "agenda"):
        page.click(f"button[data-view={view}]")
        assert page.evaluate("document.documentElement.scrollWidth") <= 400
    page.emulate_media(media="print")
    assert not page.is_visible(".controls")
    assert page.is_visible("#shown")


CONTRAST = """() => {
  const channel = (v) => { v /= 255; return v <= 0.03928 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4; };
  const light = (c) => 0.2126 * channel(c[0]) + 0.7152 * channel(c[1]) + 0.0722 * channel(c[2]);
  const parse = (text) => text.match(/[\\d.]+/g).map(Number);
  const ground = (node) => {
    for (; node; node = node.parentElement) {
      const colour = parse(getComputedStyle(node).backgroundColor);
      if (colour.length < 4 || colour[3] > 0) return colour;
    }
    return [255, 255, 255];
  };
  let worst = 99;
  for (const node of document.querySelectorAll("body *")) {
    if (![...node.childNodes].some((child) => child.nodeType === 3 && child.textContent.trim()) || !node.offsetParent) continue;
    const [one, other] = [light(parse(getComputedStyle(node).color)), light(ground(node))].sort((a, b) => b - a);
    worst = Math.min(worst, (one + 0.05) / (other + 0.05));
  }
  return worst;
}"""


@pytest.mark.parametrize("scheme", ["light", "dark"])
@pytest.mark.parametrize("view", ["month", "week", "agenda"])
def test_texts_stand_out_from_their_ground(office, scheme, view):
    """WCAG 2.2, 1.4.3 (AA): 4.5 to 1."""
    page = office(f"#{view}/2026-09-14")
    page.emulate_media(color_scheme=scheme)
    assert page.evaluate(CONTRAST) >= 4.5


def test_the_index_is_searched(leaf):
    entries = [
        IndexEntry("teacher", name, f"t/{name}.html", f"t/{name}.ics", "3 events")
        for name in ("R. Vasquel", "D. Pell", "<b>")
    ]
    page = leaf(index_page("Orrin Sound", entries, "https://school.example.org"))
    page.fill("#text", "vas")
    assert page.locator("ul.calendars > li:visible").all_inner_texts()[0].startswith("R. Vasquel")
    assert page.inner_text("#count") == "1 of 3"
    page.fill("#text", "nobody")
    assert not page.is_visible("section.kind")


def test_a_page_of_1200_events_switches_at_once(leaf):
    events = [
        shown(f"Event {n}", f"{1 + n % 28:02}T{8 + n % 9:02}:00", f"{1 + n % 28:02}T{8 + n % 9:02}:45")
        for n in range(1200)
    ]
    page = leaf(calendar_page(showing_of(*events), DayFacts(None)), "#month/2026-09-01")
    assert page.locator("li.event").count() == 28 * 5
    page.click("button[data-view=agenda]")
    assert page.locator("li.event").count() == 1200
