"""Calendars to look at: agendas, weeks and months in the terminal, pictures, pages, and free times."""

import json
import random
import re
from datetime import date, datetime, timedelta
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from rich.cells import cell_len

from conftest import events_in
from nomarium.core.agenda import DayFacts, Showing, Shown, lanes_of, lay_out_month, lay_out_week, week_days
from nomarium.core.free_time import Asked, free_days
from nomarium.views.page import Box, Page, measure, shortened, wrapped
from nomarium.views.pages import calendar_page
from nomarium.views.terminal import month_lines, plain_text, week_lines
from timetable_school import BELLS, PLAN, TERMS

MONDAY = date(2026, 9, 14)


@given(st.lists(st.tuples(st.integers(0, 40), st.integers(0, 12)), max_size=14))
def test_what_overlaps_stands_side_by_side_in_as_few_lanes_as_can_be(spans):
    whole = [(start, start + length) for start, length in spans]
    found = lanes_of(whole)
    taken = [(start, max(end, start + 1), *lane) for (start, end), lane in zip(whole, found, strict=True)]
    for number, (start, end, lane, lanes) in enumerate(taken):
        assert lane < lanes
        for other_start, other_end, other_lane, other_lanes in taken[number + 1 :]:
            if start < other_end and other_start < end:
                assert lane != other_lane
                assert lanes == other_lanes
    at_once = max((sum(s <= minute < e for s, e, *_ in taken) for minute in range(60)), default=0)
    assert max((lanes for *_, lanes in taken), default=0) == at_once


def shown(title, start, end, *, all_day=False, calendars=(0,), **more):
    first, last = (datetime.fromisoformat(f"2026-09-{moment}") for moment in (start, end))
    return Shown(title, first, last, all_day, calendars=calendars, **more)


HARD = [
    shown("One", "14T09:00", "14T12:00", place="Shed"),
    shown("Two, with a title of many words that has no room beside others", "14T09:00", "14T11:00"),
    shown("Three", "14T09:30", "14T10:30"),
    shown("Four", "14T10:00", "14T13:00"),
    shown("Five minutes", "15T09:00", "15T09:05"),
    shown("Launching days", "16", "19", all_day=True),
    shown("T" * 120, "17T10:00", "17T10:45"),
    shown("اجتماع الموظفين", "16T09:00", "16T10:00"),
    shown("進水式の練習", "16T11:00", "16T12:00", place="船台"),
    shown("Regatta ⛵🎉", "16T13:00", "16T14:00"),
    shown("Over midnight", "18T21:00", "19T02:00"),
    shown("No length", "17T12:00", "17T12:00"),
    shown("\x1b[31mred\x07\n\u202eturned", "15T11:00", "15T12:00"),
]


def showing_of(*events, calendars=("office",)):
    return Showing(list(calendars), sorted(events, key=lambda event: event.order), "America/Halifax")


def test_a_week_is_laid_out_by_days_lanes_and_whole_days():
    layout = lay_out_week(HARD, week_days(HARD, MONDAY))
    assert [day.day for day in layout.days] == [14, 15, 16, 17, 18, 19]
    assert [(bar.event.title, bar.first, bar.last, bar.row) for bar in layout.bars] == [("Launching days", 2, 4, 0)]
    assert [(block.event.title[:4], block.lane, block.lanes) for block in layout.blocks[0]] == [
        ("One", 0, 4),
        ("Two,", 1, 4),
        ("Thre", 2, 4),
        ("Four", 3, 4),
    ]
    assert [(block.start, block.end) for block in layout.blocks[4]] == [(21 * 60, 24 * 60)]
    assert [(block.start, block.end) for block in layout.blocks[5]] == [(0, 120)]
    crowded = lay_out_week([HARD[4], shown("Then", "15T09:05", "15T09:50")], [MONDAY + timedelta(days=1)], least=20)
    assert [block.lanes for block in crowded.blocks[0]] == [2, 2]


@pytest.mark.parametrize(
    ("month", "first_weekday", "weeks", "first"),
    [("2027-02-01", 0, 4, "2027-02-01"), ("2026-09-01", 0, 5, "2026-08-31"), ("2026-08-01", 0, 6, "2026-07-27"), ("2026-08-01", 6, 6, "2026-07-26")],
)  # fmt: skip
def test_a_month_has_whole_weeks(month, first_weekday, weeks, first):
    layout = lay_out_month([], date.fromisoformat(month), first_weekday)
    assert (len(layout.weeks), layout.weeks[0].days[0].day.isoformat()) == (weeks, first)


def test_bars_and_events_of_a_month_share_no_line():
    events = [shown(f"{n}", f"{n}", f"{n + 3}", all_day=True) for n in range(14, 18)]
    events += [shown(f"t{n}", f"16T{n:02}:00", f"16T{n:02}:30") for n in range(8, 14)]
    week = lay_out_month(events, date(2026, 9, 1)).weeks[2]
    for place in range(7):
        lines = [bar.line for bar in week.bars if bar.first <= place <= bar.last]
        lines += [line for line, _ in week.days[place].parts]
        assert len(lines) == len(set(lines))
    assert week.hidden(2, 3) == 9 - sum(line < 3 for line, _ in week.days[2].parts) - sum(
        bar.line < 3 and bar.first <= 2 <= bar.last for bar in week.bars
    )


@pytest.mark.parametrize("width", [60, 79, 80, 120, 200])
def test_every_line_of_the_terminal_is_as_wide_as_it(width):
    showing, facts = showing_of(*HARD), DayFacts(None)
    week = list(week_lines(showing, facts, week_days(HARD, MONDAY), width))
    month = list(month_lines(showing, facts, lay_out_month(HARD, MONDAY), width, 40))
    for lines in (week, month):
        texts = ["".join(run.text for run in line) for line in lines]
        assert {cell_len(text) for text in texts if "│" in text or "┼" in text} == {width}
        assert all(cell_len(text) <= width for text in texts)
        assert not re.search(r"[\x00-\x1f\x7f\u202e]", "".join(texts))
    told = "\n".join(map(plain_text, week))
    for title in ("One", "Four", "Regatta", "Over midnight", "No length"):
        assert title.split()[0] in told
    listed = sum(line.startswith("also") for line in told.splitlines())
    assert listed == max(0, 4 - (width - 5 + 5) // 6 // 7)


OFFICE = "Event,Date,Last day,Start,End,Place,Status\nMuster,2026-09-14,,9:00,10:00,Shed,\nStaff meeting,2026-09-14,,9:30,10:30,Office,cancelled\nLaunching days,2026-09-15,2026-09-17,,,Slip,\n"
CLUBS = "Event,Date,Start,End\nChoir,2026-09-15,13:00,14:00\nRowing,2026-10-01,15:30,17:00\n"


@pytest.fixture
def harbour(desk):
    """A folder with two calendars and a school's plan."""
    desk.convert(OFFICE, name="office.csv")
    (desk.folder / "out.ics").rename(desk.folder / "office.ics")
    desk.convert(CLUBS, name="clubs.csv")
    (desk.folder / "out.ics").rename(desk.folder / "clubs.ics")
    for name, text in (("terms.csv", TERMS), ("bells.csv", BELLS)):
        desk.put(name, text)
    desk.put(
        "timetable.csv",
        "Class,Course,Teacher,Room,Day,Period\nPLK,Planking,V,Shed,1,1–2\nCLK,Caulking,P,Slip,2,3\nNAV,Charts,V,Loft,3,4\n",
    )
    desk.put(
        "nomarium.toml",
        PLAN
        + '[sources.yard]\nsheets = "timetable.csv"\ndivision = "Yard"\n[calendars.teachers]\nsplit = "teacher"\n[pages]\nfolder = "pages"\naddress = "https://school.example.org/cal/"\n',
    )
    return desk


def test_an_agenda_tells_day_by_day(harbour):
    run = harbour.run("show", "office.ics", "clubs.ics", "--to", "2026-09-20")
    assert run.status == 0, run.err
    assert (
        run.out
        == """\
a office
b clubs
4 of 5 events, Mon 14 Sep 2026 to Sun 20 Sep 2026, times of America/Halifax

Monday 14 September 2026  2 events
  9:00–10:00   a Muster  Shed
  9:30–10:30   a cancelled: Staff meeting  Office

Tuesday 15 September 2026  2 events
  day 1 of 3   a Launching days  Slip
  13:00–14:00  b Choir

Wednesday 16 September 2026  1 event
  day 2 of 3   a Launching days  Slip

Thursday 17 September 2026  1 event
  day 3 of 3   a Launching days  Slip
"""
    )
    report = harbour.run("show", "office.ics", "clubs.ics", "--day", "2026-09-15", "--json").report
    assert [event["calendars"] for event in report["days"][0]["events"]] == [["office"], ["clubs"]]


def test_a_week_is_shown_as_columns_of_days(harbour):
    run = harbour.run(
        "show", "office.ics", "--week", "2026-09-16", "--plan", ".", "--cycle", "Yard", env={"COLUMNS": "75"}
    )
    assert run.status == 0, run.err
    assert (
        run.out.split("\n\n", 1)[1]
        == """\
     │Mon 14 Sep   │Tue 15 Sep   │Wed 16 Sep   │Thu 17 Sep   │Fri 18 Sep
     │Day 3, week  │Day 1, week  │Day 2, week  │Day 3, week  │Day 1, week
     │2            │2            │2            │2            │2
─────┼─────────────┼─────────────┼─────────────┼─────────────┼─────────────
     │             │▌Launching days                          │
─────┼─────────────┼─────────────┼─────────────┼─────────────┼─────────────
 9:00│▌Muster      │             │             │             │
     │▌Shed        │             │             │             │
10:00│             │             │             │             │
─────┼─────────────┼─────────────┼─────────────┼─────────────┼─────────────
also Mon 9:30–10:30  cancelled: Staff meeting
"""
    )
    narrow = harbour.run("show", "office.ics", "--week", "2026-09-16", env={"COLUMNS": "40"})
    assert "Monday 14 September 2026" in narrow.out


def test_a_month_shows_what_fits_and_counts_the_rest(desk):
    rows = "".join(f"Event {n},2026-09-15,{8 + n}:00,{8 + n}:30\n" for n in range(9))
    desk.convert("Event,Date,Start,End\n" + rows)
    run = desk.run("show", "out.ics", "--month", "2026-09", env={"COLUMNS": "100", "LINES": "40"})
    assert (run.out.count("Event"), "+5 more" in run.out) == (4, True)


def test_repeats_without_an_end_are_told_up_to_what_is_asked_for(desk):
    rule = "BEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20200101T000000Z\r\nDTSTART:20200106T090000Z\r\nDTEND:20200106T093000Z\r\nRRULE:FREQ=WEEKLY\r\nSUMMARY:Muster\r\nEND:VEVENT\r\n"
    desk.put("weekly.ics", f"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n{rule}END:VCALENDAR\r\n")
    for day in ("2020-01-13", "2031-06-02"):
        run = desk.run("show", "weekly.ics", "--zone", "UTC", "--day", day)
        assert " 9:00│▌Muster\n" in run.out, run.out
        assert "Repeats without an end are told up to" in run.out
    free = desk.run("free", "weekly.ics", "--zone", "UTC", "--from", "2031-06-02", "--to", "2031-06-02")
    assert "9:30–16:00" in free.out


@pytest.mark.parametrize(
    ("options", "status", "words"),
    [
        (("nothing.ics",), 2, "There is no file"),
        (("office.ics", "--week", "2026-09-14", "--month", "2026-09"), 2, "goes not together with"),
        (("office.ics", "--week", "14/9"), 2, "no date"),
        (("office.ics", "--term", "Autumn"), 2, "There is no term"),
        (("office.ics", "--cycle", "Yard"), 2, "There is no cycle"),
        (("office.ics", "--wall", "-o", "w.png"), 2, "comes from a plan"),
        ((".", "--wall", "--all"), 2, "Say where to"),
        (("office.ics", "-o", "x.doc"), 2, "ends in none of"),
        (("office.ics", "--from", "2026-09-01", "--to", "2026-12-01", "--month", "2026-09", "-o", "."), 2, "ends in none of"),
        (("bells.csv",), 1, "no-date"),
        ((".", "--only", "teacher=Nobody"), 2, "There is no calendar"),
    ],
)  # fmt: skip
def test_what_cannot_be_shown_is_refused(harbour, options, status, words):
    run = harbour.run("show", *options)
    said = " ".join(run.err.replace("│", " ").split())
    assert run.status == status, said
    assert words in said or status == 1


def test_terms_and_plans_are_shown_with_what_each_day_is(harbour):
    run = harbour.run("show", ".", "--only", "teacher=V", "--term", "Autumn")
    assert run.status == 0, run.err
    assert "Monday 7 September 2026  Day 1, week 1  1 event\n  8:15–9:50    Planking (PLK)  Shed\n" in run.out
    sheet = harbour.run("show", "clubs.csv", "--plan", ".", "--day", "2026-09-15", env={"TZ": "UTC"})
    assert "13:00│▌Choir\n14:00│\n" in sheet.out  # the plan's zone is the sheet's
    harbour.put("club.csv", "Event,Date,Start,End,Repeat\nKnots,2026-09-08,12:00,12:45,every Day 3\n")
    repeated = harbour.run("show", "club.csv", "--plan", ".", "--cycle", "Yard", "--to", "2026-09-18", "--json").report
    assert [day["date"][-2:] for day in repeated["days"]] == ["09", "14", "17"]
    for number in range(30):
        (harbour.folder / f"c{number}.ics").write_bytes((harbour.folder / "clubs.ics").read_bytes())
    many = harbour.run("show", *(f"c{number}.ics" for number in range(30)))
    assert (many.status, "30 calendars can't be told apart" in many.err) == (2, True)
    both = harbour.run("show", ".", "--day", "2026-09-08", "--json").report
    assert both["calendars"] == ["P", "V"]


def pages_of(path):
    return len(re.findall(rb"/Type /Page\b(?!s)", path.read_bytes()))


@pytest.mark.parametrize(
    ("options", "name", "pages"),
    [
        (("--week", "2026-09-14"), "week.png", 1),
        (("--week", "2026-09-14", "--portrait"), "week.pdf", 1),
        (("--month", "2026-09"), "month.svg", 1),
        (("--from", "2026-09-14", "--to", "2026-09-30"), "weeks.pdf", 3),
        (("--from", "2026-09-14", "--to", "2026-11-30", "--paper", "Letter"), "months.pdf", 3),
    ],
)
def test_pictures_are_drawn_page_by_page(harbour, options, name, pages):
    run = harbour.run("show", "office.ics", "clubs.ics", *options, "-o", name)
    assert run.status == 0, run.err
    path = harbour.folder / name
    if path.suffix == ".pdf":
        assert pages_of(path) == pages
    again = path.read_bytes()
    assert harbour.run("show", "office.ics", "clubs.ics", *options, "-o", name).status == 0
    assert path.read_bytes() == again


def test_several_pages_want_a_pdf_and_missing_letters_are_told(harbour):
    assert harbour.run("show", "office.ics", "--from", "2026-09-01", "--to", "2026-12-01", "-o", "x.png").status == 2
    harbour.convert("Event,Date\nRunes \U00016800,2026-09-14\n")
    run = harbour.run("show", "out.ics", "--month", "2026-09", "-o", "x.png")
    assert (run.status, "No font here has “\U00016800”" in run.err) == (0, True)


def test_a_timetable_for_the_wall(harbour):
    run = harbour.run("show", ".", "--all", "--wall", "-o", "wall.pdf")
    assert run.status == 0, run.err
    assert pages_of(harbour.folder / "wall.pdf") == 2
    harbour.run("show", ".", "--only", "teacher=V", "--wall", "-o", "wall.svg")
    texts = re.findall(r"<text[^>]*>([^<]*)</text>", (harbour.folder / "wall.svg").read_text("utf-8"))
    assert [text for text in texts if text.startswith("Day")] == ["Day 1", "Day 2", "Day 3"]
    assert (texts.count("Planking (PLK)"), texts.count("Charts (NAV)"), texts.count("Caulking (CLK)")) == (1, 1, 0)
    assert "8:15–9:00" in texts


@settings(deadline=None)
@given(st.text(alphabet="abc DEFgh— 日本語ش", max_size=80), st.floats(4, 60), st.booleans())
def test_texts_keep_within_their_width(text, width, bold):
    lines = wrapped(text, width, bold=bold)
    assert all(measure(line, bold=bold) <= width or len(line) == 1 for line in lines)
    assert "".join("".join(lines).split()) == "".join(text.split())
    assert measure(shortened(text, width, bold=bold), bold=bold) <= width + 1


@settings(deadline=None)
@given(
    st.lists(st.text(alphabet="keel planks ", min_size=1, max_size=60), min_size=1, max_size=3),
    st.floats(0.01, 0.3),
    st.floats(0.01, 0.3),
)
def test_paragraphs_keep_within_their_boxes(texts, width, height):
    from matplotlib.figure import Figure

    page = Page(Figure(figsize=(10, 8)))
    box = Box(0.1, 0.1, width, height)
    size, lines, _ = page._set_in(box, [(text, "") for text in texts], 10, 4.5)
    assert len(lines) <= max(1, page.points(height) / (size * 1.22) + 0.2)
    assert all(measure(line) * size <= page.points_across(width) or len(line) <= 2 for line, _ in lines)


def test_more_calendars_than_letters():
    showing = showing_of(
        shown("x", "14T09:00", "14T10:00", calendars=(0, 27, 701, 702)), calendars=[str(n) for n in range(703)]
    )
    assert showing.letters(showing.events[0]) == "a ab zz aaa"


EVIL = '</script><script>alert("1")</script><img src=x onerror=alert(2)>'


def test_a_page_holds_all_of_it_escaped_and_asks_no_network():
    event = shown(EVIL, "14T09:00", "14T10:00", place="<b>Shed</b>", description="a\u2028b", url="javascript:alert(3)")
    page = calendar_page(showing_of(event, calendars=[EVIL]), DayFacts(None))
    assert "<img" not in page
    assert page.count("<script") == page.count("</script>") == 2
    data = json.loads(page.split('id="data">')[1].split("</script>")[0])
    assert data["events"] == [
        {"t": EVIL, "s": "2026-09-14T09:00", "e": "2026-09-14T10:00", "p": "<b>Shed</b>", "d": "a\u2028b"}
    ]
    assert data["days"] == {"2026-09-14": [[0, 540, 600, 0, 1]]}
    assert not re.search(r"""(?:src|href)=["'](?!data:|#)|@import|url\(|https?:""", page.split("<script")[0])
    assert "default-src &#39;none&#39;" in page


def test_a_build_writes_pages_and_an_index_of_them(harbour):
    run = harbour.run("build", "--json")
    assert run.status == 0, run.err
    folder = harbour.folder / "pages"
    assert sorted(path.relative_to(folder).as_posix() for path in folder.rglob("*.*")) == [
        "index.html",
        "teachers/P.html",
        "teachers/P.ics",
        "teachers/V.html",
        "teachers/V.ics",
    ]
    index = (folder / "index.html").read_text("utf-8")
    assert '<a class="page" href="teachers/V.html">V</a>' in index
    assert 'href="webcal://school.example.org/cal/teachers/V.ics"' in index
    page = (folder / "teachers" / "V.html").read_text("utf-8")
    assert '<a href="../index.html">All calendars</a>' in page
    assert (folder / "teachers" / "V.ics").read_bytes() == (
        harbour.folder / "calendars" / "teachers" / "V.ics"
    ).read_bytes()
    before = {path: path.stat().st_mtime_ns for path in folder.rglob("*.*")}
    assert "0 files written; 5 held the same already" in harbour.run("build").out
    assert before == {path: path.stat().st_mtime_ns for path in folder.rglob("*.*")}
    harbour.put(
        "timetable.csv", "Class,Course,Teacher,Room,Day,Period\nPLK,Planking,V,Shed,1,1–2\nNAV,Charts,V,Loft,3,4\n"
    )
    assert (
        "The index leads to 1 page of an earlier build no more: teachers/P.html."
        in harbour.run("build", "--accept").err
    )
    index = (folder / "index.html").read_text("utf-8")
    assert "P.html" not in index
    (folder / "index.html").write_text("my own page")
    (folder / "teachers" / "V.ics").write_text("my own file")
    run = harbour.run("build", "--json")
    assert [(p["code"], Path(p["file"]).name) for p in run.report["problems"] if p["severity"] == "error"] == [
        ("foreign-file", "index.html"),
        ("foreign-file", "V.ics"),
    ]
    assert harbour.run("build", "--force", "-q").status == 0
    assert (folder / "index.html").read_text("utf-8") == index


BROKEN = [
    (b"", "empty.ics"),
    (bytes(range(256)) * 20, "garbage.ics"),
    (b"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART:2026", "cut.ics"),
    (
        b"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART:20269999T990000\r\nSUMMARY:x\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
        "nonsense.ics",
    ),
    (b"Event,Date\nA,31/31/2026\n", "sheet.csv"),
    (b'[school\nname = "', "nomarium.toml"),
]


@pytest.mark.parametrize(("data", "name"), BROKEN, ids=[name for _, name in BROKEN])
@pytest.mark.parametrize(
    "call",
    [
        ("show",),
        ("show", "-o", "x.html"),
        ("show", "--week", "2026-09-14", "-o", "x.png"),
        ("free",),
        ("weed", "-o", "x.ics"),
    ],
)
def test_what_is_broken_is_told_and_nothing_written(desk, data, name, call):
    desk.put(name, data)
    run = desk.run(call[0], name, *call[1:])
    assert run.status in (1, 2)
    assert "rror" in run.err
    assert [path.name for path in desk.folder.iterdir()] == [name]


def test_names_and_titles_from_sheets_are_only_text(desk):
    """Whatever a title says, it commands no terminal, leaves no folder, and runs in no page or picture."""
    title = "../../up \x1b]0;x\x07 $\\\\frac{1}{2}$ <i>{{ 7*7 }}</i> %s"
    event = f"BEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20260901T000000Z\r\nDTSTART:20260914T090000\r\nSUMMARY:{title}\r\nEND:VEVENT\r\n"
    desk.put("out.ics", f"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n{event}END:VCALENDAR\r\n")
    run = desk.run("show", "out.ics", "--week", "2026-09-14")
    assert not re.search(r"[\x00-\x09\x0b-\x1f]", run.out)
    for name in ("x.html", "x.svg", "x.pdf"):
        assert desk.run("show", "out.ics", "--week", "2026-09-14", "-o", name).status == 0
    page = (desk.folder / "x.html").read_text("utf-8")
    assert "<i>{{ 7*7 }}" not in page
    assert "{{ 7*7 }}" in page
    assert "$\\frac" in (desk.folder / "x.svg").read_text("utf-8")


def naive(showing, day, asked, *, but=None):
    """Minutes of a day that are free for all but one, minute by minute."""
    found = []
    for minute in range(asked.opens, asked.closes):
        at = datetime.combine(day, datetime.min.time()) + timedelta(minutes=minute)
        busy = {
            calendar
            for event in showing.events
            if event.busy and event.start < at + timedelta(minutes=1) and event.end > at
            for calendar in event.calendars
        }
        found += [minute] if busy <= {but} else []
    return found


@pytest.mark.parametrize("seed", range(25))
def test_free_times_agree_with_minute_by_minute(seed):
    chance = random.Random(seed)
    events = []
    for _ in range(chance.randint(0, 25)):
        start = datetime(2026, 9, 14) + timedelta(minutes=chance.randint(0, 4 * 1440))
        end = start + timedelta(minutes=chance.choice((0, 5, 30, 45, 90, 400, 2000)))
        events.append(
            Shown(
                "x",
                start,
                end,
                False,
                calendars=tuple(chance.sample(range(3), chance.randint(1, 3))),
                busy=chance.random() < 0.9,
            )
        )
    showing = showing_of(*events, calendars="abc")
    asked = Asked(chance.choice((1, 30, 60)), 8 * 60, 16 * 60 + 7)
    days = [MONDAY + timedelta(days=n) for n in range(4)]
    for day, found in zip(days, free_days(showing, days, asked), strict=True):
        for but in (None, 0, 1, 2):
            minutes = {m for w in found.windows if w.all_but == but for m in range(w.start, w.end)}
            free = naive(showing, day, asked, but=but)
            long = {
                m
                for m in free
                if any(set(range(s, s + asked.length)) <= set(free) for s in range(m - asked.length + 1, m + 1))
            }
            if but is None or not any(w.all_but is None for w in found.windows):
                assert minutes == long
        assert all(window.minutes >= asked.length for window in found.windows)


def test_free_times_of_calendars_and_of_a_cycle(harbour):
    days = ("--from", "2026-09-14", "--to", "2026-09-18")
    run = harbour.run("free", "office.ics", "clubs.ics", *days, "--length", "1h", "--between", "09:00-12:00")
    assert run.status == 0, run.err
    assert "Best     Fri 18 Sep 2026: 9:00–12:00 (3 h), the longest" in run.out
    assert "Mon 14 Sep 2026   10:00–12:00 (2 h)" in run.out  # what is cancelled takes up no time
    assert "Tue 15 Sep 2026   9:00–12:00 (3 h, all but office)" in run.out
    easy = harbour.run("free", "office.ics", "clubs.ics", *days, "--all-day", "free", "-o", "free.ics")
    assert easy.status == 0, easy.err
    assert {str(event["TRANSP"]) for event in events_in(harbour.folder / "free.ics")} == {"TRANSPARENT"}
    cycle = harbour.run("free", ".", "--cycle", "Yard", "--between", "08:15-09:50", "--length", "45m", "--json").report
    assert [(row["day"], row["start"], row["all_but"]) for row in cycle["free"]] == [
        ("1", "8:15", "V"),
        ("2", "8:15", ""),
        ("3", "8:15", ""),
    ]
    assert harbour.run("free", "office.ics", *days, "-o", "free.csv").status == 0
    assert "2026-09-14,Monday,10:00,16:00,360," in (harbour.folder / "free.csv").read_text("utf-8")


@pytest.mark.parametrize(
    ("options", "words"),
    [
        (("--between", "8-16"), "no span of the day"),
        (("--length", "9h"), "span of the day"),
        (("--cycle", "Loft"), "There is no cycle"),
        (("-o", "x.doc"), "ends in none of"),
        (("--from", "2026-09-14", "--to", "2026-09-01"), "before --from"),
    ],
)
def test_free_times_that_cannot_be_are_refused(harbour, options, words):
    run = harbour.run("free", "office.ics", *options)
    assert run.status == 2
    assert words in " ".join(run.err.replace("│", " ").split())
