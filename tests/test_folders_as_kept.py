"""Folders as schools, clubs and offices keep them, whole: two commands, no edit, and all that must come of them.

Each stands in a table of its region as text: the zone; the sheets, each below a line with its name (of a workbook with
its tab and the cells that are merged); then what comes out, a line for each event or lesson: when, its title, its
place, what else it says. The first of these lines says from when to when and without which days weekdays count. Then
the calendars with the number of their events, and the warnings and errors, and the codes of the notes.
"""

import csv
import io
import re
import tomllib
from collections import Counter
from datetime import UTC, date, datetime, time, timedelta
from itertools import cycle
from textwrap import dedent

import pytest
import xlsxwriter
from xlsxwriter.utility import xl_cell_to_rowcol

from answers import is_as_kept
from conftest import lines_of
from kept_americas import KEPT as AMERICAS
from kept_british_lists import KEPT as BRITISH_LISTS
from kept_british_schools import KEPT as BRITISH_SCHOOLS
from kept_elsewhere import KEPT as ELSEWHERE
from kept_european_lists import KEPT as EUROPEAN_LISTS
from kept_european_schools import KEPT as EUROPEAN_SCHOOLS
from made_schools import drafted, prepared
from nomarium.cli.build_report import footing_lines, read_lines
from nomarium.core.ics import render_calendar
from test_folders import WEEKDAYS, days_of

FOLDERS = AMERICAS | BRITISH_LISTS | BRITISH_SCHOOLS | ELSEWHERE | EUROPEAN_LISTS | EUROPEAN_SCHOOLS


def typed(text):
    """The value of a workbook's cell: a date, a time, a number, or a text, perhaps behind an apostrophe."""
    if re.fullmatch(r"\d{4}-\d\d-\d\d", text):
        return date.fromisoformat(text)
    if re.fullmatch(r"\d\d:\d\d", text):
        return time.fromisoformat(text)
    return float(text) if re.fullmatch(r"-?\d+(\.\d+)?", text) else text.removeprefix("'")


def workbook(path, tabs):
    """Write a workbook, each tab behind its name and merged cells."""
    with xlsxwriter.Workbook(str(path)) as book:
        formats = {date: book.add_format({"num_format": "dd/mm/yyyy"}), time: book.add_format({"num_format": "hh:mm"})}
        for (name, *merged), text in tabs:
            sheet = book.add_worksheet(name)
            rows = [list(map(typed, row)) for row in csv.reader(io.StringIO(text))]
            for at, value in (((r, c), value) for r, row in enumerate(rows) for c, value in enumerate(row)):
                if value != "":
                    sheet.write(*at, value, formats.get(type(value)))
            for area in merged:
                (top, left), (bottom, right) = map(xl_cell_to_rowcol, area.split(":"))
                sheet.merge_range(top, left, bottom, right, rows[top][left])


def laid_out(folder, sheets):
    """Write the sheets of a text into a folder and return their paths."""
    books = {}
    for head, text in sheets.items():
        name, *tab = head.split(" / ")
        if tab:
            books.setdefault(name, []).append((tab, text))
        else:
            (folder / name).write_text(text, "utf-8")
    for name, tabs in books.items():
        workbook(folder / name, tabs)
    return sorted({folder / head.split(" / ")[0] for head in sheets})


def dates_of(words):
    """The dates of “2026-09-07 2026-09-14..2026-10-26/7”: single ones, and spans with their steps."""
    for word in words:
        span, _, step = word.partition("/")
        yield from days_of(*span.split(".."))[:: int(step or 1)]


def expected(lines):
    """All events that the lines of a folder say, by plain loops."""
    found = Counter()
    days = []
    for line in lines:
        if re.fullmatch(r"\S+\.\.\S+( without .*)?", line):
            span, _, off = line.partition(" without ")
            closed = set(dates_of(off.split()))
            days = [day for day in dates_of([span]) if day not in closed]
            continue
        when, *says = line.split(" | ")
        on, number, length, start, end, later = re.fullmatch(
            r"(.*) (?:(\d+) (days)|all day|(\d\d:\d\d)–(\d\d:\d\d)(?:\+(\d+))?)", when
        ).groups()
        weekdays, _, without = on.partition(" but ")
        if weekdays.split()[0] in WEEKDAYS:
            off = set(dates_of(without.split()))
            held = [day for day in days if WEEKDAYS[day.weekday()] in weekdays.split() and day not in off]
        else:
            held = list(dates_of(on.split()))
        for day in held:
            if start:
                last = day + timedelta(days=int(later or end <= start))
                span = (
                    datetime.combine(day, time.fromisoformat(start)),
                    datetime.combine(last, time.fromisoformat(end)),
                )
            else:
                span = (day, day + timedelta(days=int(number) if length else 1))
            found[(*span, *says, *[""] * (3 - len(says)))] += 1
    return found


def come_out(build):
    """All events of a build's calendars, each once."""
    found = {}
    for part in build.calendars.parts:
        calendar = part.calendar("20260901T000000Z")
        uids = iter(calendar.uids)
        for series in calendar.series:
            title = f"[{series.status}] {series.summary}" if series.status else series.summary
            says = (title, series.location, " / ".join(series.description.splitlines()))
            for one in series.occurrences:
                span = (one.start.date(), one.end.date()) if one.all_day else (one.start, one.end)
                found[next(uids)] = (*span, *says)
    return Counter(found.values())


def whole_answer(draft, build):
    """All that the two commands give: the plan, what each sheet is, what is told, what the dates stand on, the calendars."""
    stamp = datetime(2026, 9, 1, tzinfo=UTC)
    parts = [] if build.failed else [part.calendar(f"{stamp:%Y%m%dT%H%M%SZ}") for part in build.calendars.parts]
    sheets = [f"{one.sheet} {one.kind} {one.recognised.why} {one.unused()}" for one in draft.sheets]
    texts = [draft.text, *sheets, lines_of(build.problems), *read_lines(build), *footing_lines(build)]
    return "\n".join([*texts, *(data.decode() for part in parts for data in render_calendar(part, stamp))])


def parts_of(name):
    """The zone of a folder; its sheets, and what comes of them, by the lines above them."""
    zone, *parts = re.split(r"^== (.*)\n", dedent(FOLDERS[name]), flags=re.MULTILINE)
    return zone.strip(), dict(zip(parts[::2], parts[1::2], strict=True))


@pytest.mark.parametrize("name", FOLDERS)
def test_a_folder_comes_out_as_it_is_kept(name, tmp_path):
    zone, parts = parts_of(name)
    said = parts.pop("with", "")
    calendars, events, refused = (
        parts.pop("in calendars", ""),
        parts.pop("comes out as", ""),
        parts.pop("is refused", None),
    )
    plan, draft = drafted(tmp_path, laid_out(tmp_path, parts), zone)
    build = prepared(plan)
    notes = sorted({problem.code for problem in build.problems if problem.severity == "note"})
    told = [f"undecided {name}" for name in tomllib.loads(draft.text).get("undecided", {})]
    told += [
        f"{one.severity} {one.code} {one.place}"
        for one in build.problems
        if one.severity != "note" and one.code != "undecided"
    ]
    told += [f"notes {' '.join(notes)}"] if notes else []
    assert list(dict.fromkeys(told)) == said.splitlines()
    assert build.failed == (refused is not None)
    if not build.failed:
        assert come_out(build) == expected(events.splitlines())
        assert (
            ", ".join(f"{part.whom or part.name} {part.events}" for part in build.calendars.parts) == calendars.strip()
        )
    assert is_as_kept(name, whole_answer(draft, build), tmp_path)


LINES = cycle(
    ["No sessions on Friday 5 February 2027", "All sessions in the Annex", "Thursday sessions start at 14:30"]
)
AROUND = {
    "above": lambda text, line: f"{line}\n{text}",
    "below": lambda text, line: f"{text}{line}\n",
    "below a blank row": lambda text, line: f"{text}\n{line}\n",
}
WITH_A_LINE = [
    (name, head, where, next(LINES))
    for name in (
        "Berlin: Geschlossen, Studio plan, Zeitraum",
        "Chicago: Courses, Holidays, Terms (3)",
        "London: Half term, Room plan, Term",
        "London: status",
        "New York: Camp week 2",
        "Oslo: Fri, Periode, Vakter",
        "Singapore: Exam schedule 18 March 2027",
    )
    for head in parts_of(name)[1]
    if re.search(r"[.](csv|xlsx)", head)
    for where in AROUND
]


@pytest.mark.parametrize(("name", "head", "where", "line"), WITH_A_LINE)
def test_a_line_around_a_sheet_is_heard_or_told(name, head, where, line, tmp_path):
    zone, parts = parts_of(name)
    sheets = {sheet: text for sheet, text in parts.items() if re.search(r"[.](csv|xlsx)", sheet)}
    plan, draft = drafted(tmp_path, laid_out(tmp_path, {**sheets, head: AROUND[where](sheets[head], line)}), zone)
    build = prepared(plan)
    told = draft.text + "".join(f"{one.found}{one.message}" for one in build.problems)
    assert line in told or build.failed or come_out(build) != expected(parts["comes out as"].splitlines())
