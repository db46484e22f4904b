"""Events in columns against events one by one: the same reading, the same identities, the same octets."""

import random
from datetime import UTC, date, datetime, timedelta

import pytest

from nomarium.core.calendars import Calendar, find_doubles, maybe_doubles
from nomarium.core.columns import Headings, fit_columns
from nomarium.core.ics import render_calendar
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.sources import EventBatch, EventChoices, read_events, row_spans
from nomarium.core.sources.span_columns import find_each
from nomarium.core.tables import find_table, read_grids
from nomarium.core.values import DateChoices
from nomarium.core.values.wall import moment_of, wall_of

STAMP = datetime(2026, 9, 1, tzinfo=UTC)
TITLES = ["Tea", "Tea", "tea", "Staff, meeting; all", "Fête \\ du port", "x" * 90, "Muster", ""]
NEAR_CHANGES = [
    date(2026, 3, 26),
    date(2026, 3, 28),
    date(2026, 3, 29),
    date(2026, 10, 24),
    date(2026, 10, 25),
    date(2026, 10, 26),
]


def sheet(chance, headings):
    """A sheet of 60 rows of few times as people write them: spans, lengths, nights, whole days, blanks, slips, days of changed clocks."""
    rows = [",".join(headings)]
    for _ in range(60):
        day = (
            chance.choice(NEAR_CHANGES)
            if chance.random() < 0.3
            else date(2026, 1, 1) + timedelta(chance.randrange(365))
        )
        start, last = chance.choice([0, 150, 540, 555, 1380]), day + timedelta(chance.choice([0, 0, 0, 1, 3]))
        end = start + chance.choice([-60, 0, 45, 480, 840])
        begins, ends = (f"{(at // 60 - 1) % 12 + 1}:{at % 60:02} {'AP'[at // 720 % 2]}M" for at in (start, end % 1440))
        says = {
            "Title": f'"{chance.choice(TITLES)}"',
            "Date": day.isoformat() if chance.random() < 0.97 else chance.choice(["", "soon", "2026-02-30"]),
            "End date": last.isoformat() if chance.random() < 0.5 else "",
            "Start": f"{start // 60:02}:{start % 60:02}"
            if chance.random() < 0.85
            else chance.choice(["", "24:00", "25:99"]),
            "End": f"{end // 60 % 24:02}:{end % 60:02}" if chance.random() < 0.7 else "",
            "Length": chance.choice(["", "", "1h30", "2 days", "5 h"]),
            "When": f"{day} – {last}" if last > day and chance.random() < 0.7 else f"{day}",
            "Begins": begins if chance.random() < 0.9 else "",
            "Ends": ends if chance.random() < 0.8 else "",
            "All day": chance.choice(["", "", "yes", "no"]),
            "Weekday": f"{day:%A}" if chance.random() < 0.95 else "Monday",
            "Place": chance.choice(["", "Hall", "Keel Room, north"]),
            "ID": f"id{chance.randrange(10**6)}" if chance.random() < 0.5 else "",
            "Category": chance.choice(["", "Sport", "Sport; Trip"]),
            "Private": chance.choice(["", "", "yes"]),
            "Time zone": chance.choice(["", "Asia/Tokyo"]),
        }
        rows.append(",".join(says[heading] for heading in headings))
    return "\n".join(rows)


COLUMNS = {
    "spans": ["Title", "Date", "Start", "End", "Place"],
    "whole days": ["Title", "Date", "End date", "Category"],
    "two dates and times": ["Title", "Date", "Start", "End date", "End", "Private"],
    "lengths": ["Title", "Date", "Start", "Length", "All day"],
    "weekdays": ["Title", "Weekday", "Date", "Start", "End", "ID"],
    "halves of the day": ["Title", "Date", "Begins", "Ends"],
    "halves over days": ["Title", "Date", "Begins", "End date", "Ends"],
    "halves and lengths": ["Title", "Date", "Begins", "Length"],
    "spans in a cell": ["Title", "When", "Begins", "Ends"],
    "zones": ["Title", "Date", "Start", "End", "Time zone"],
}


def read(path, zone, within):
    table, _ = find_table(read_grids(path)[0][0], Headings(EVENT_SHEET))
    matches, _ = fit_columns(table, {}, {}, Headings(EVENT_SHEET))
    return read_events(table, matches, EventChoices(zone, dates=DateChoices(within=within)))


@pytest.mark.parametrize("zone", ["Europe/Berlin", "UTC", ""])
@pytest.mark.parametrize("headings", COLUMNS.values(), ids=COLUMNS)
def test_columns_say_what_rows_say_one_by_one(tmp_path, monkeypatch, headings, zone):
    path = tmp_path / "sheet.csv"
    for seed in range(12):
        path.write_text(sheet(random.Random(seed), headings), "utf-8")
        within = (date(2026, 2, 1), date(2026, 11, 30)) if seed % 3 == 0 else None
        in_columns = read(path, zone, within)
        with monkeypatch.context() as patch:
            patch.setattr(
                row_spans, "find_in_columns", lambda rows, steady, find, near: find_each(len(rows.days), find)
            )
            alone = read(path, zone, within)
        plain = all(len(one.occurrences) == 1 and one.occurrences[0].zone == zone for one in alone.events)
        if plain:
            assert isinstance(in_columns.events, EventBatch)
        assert list(in_columns.events) == list(alone.events)
        assert in_columns.lengths_assumed == alone.lengths_assumed
        for part in ("problems", "refused", "left_out"):
            assert getattr(in_columns, part) == getattr(alone, part)


@pytest.mark.parametrize("headings", COLUMNS.values(), ids=COLUMNS)
def test_a_batch_is_written_as_its_events_are(tmp_path, headings):
    path = tmp_path / "sheet.csv"
    for seed in range(12):
        path.write_text(sheet(random.Random(seed), headings), "utf-8")
        events = read(path, "Europe/Berlin", None).events
        batch, single = Calendar.of("All", events, "All"), Calendar.of("All", list(events), "All")
        assert batch.uids == single.uids
        assert (batch.span(), batch.zones(), batch.is_timed) == (single.span(), single.zones(), single.is_timed)
        for stamps in (None, "DTSTAMP:x", [f"DTSTAMP:{n}" for n in range(len(batch.uids))]):
            written = [
                b"".join(render_calendar(Calendar("All", one.series, one.uids, stamps), STAMP))
                for one in (batch, single)
            ]
            assert written[0] == written[1]
        doubles = [
            [(one.kept.record, one.other.record) for one in find_doubles(each)]
            for each in (maybe_doubles(events), list(events))
        ]
        assert sorted(doubles[0]) == sorted(doubles[1])


@pytest.mark.parametrize(
    "moment",
    [datetime(1, 1, 1), datetime(1000, 1, 1), datetime(2026, 9, 8, 8, 15, 7), datetime(8999, 12, 31, 23, 59, 59)],
)
def test_a_moment_is_a_number_and_back(moment):
    assert moment_of(wall_of(moment)) == moment


def test_what_is_changed_is_a_list_from_then_on(tmp_path):
    path = tmp_path / "sheet.csv"
    path.write_text("Title,Date\nTea,2026-09-08\nMuster,2026-09-09\n", "utf-8")
    read_sheet = read(path, "UTC", None)
    read_sheet.series[1].summary = "Roll call"
    assert [one.summary for one in read_sheet.events] == ["Tea", "Roll call"]
    with pytest.raises(IndexError):
        read(path, "UTC", None).events[2]
    assert [one.summary for one in read(path, "UTC", None).events[-1:]] == ["Muster"]
