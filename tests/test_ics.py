"""iCalendar text against RFC 5545, zoneinfo and an independent reader."""

import re
from datetime import UTC, datetime, timedelta
from zoneinfo import ZoneInfo, available_timezones

import icalendar
import pytest
from hypothesis import example, given, settings
from hypothesis import strategies as st

from nomarium.core.calendars import Calendar
from nomarium.core.ics import escape, fold, render_calendar, vtimezone
from nomarium.core.ics.text import fold_every_line
from nomarium.core.sources import Occurrence, Series

STAMP = datetime(2026, 9, 1, tzinfo=UTC)


def read_back(*series):
    text = b"".join(render_calendar(Calendar.of("Test", series), STAMP))
    calendar = icalendar.Calendar.from_ical(text)
    events = calendar.walk("VEVENT")
    assert not calendar.errors
    assert not any(event.errors for event in events)
    return text, calendar, events


@given(st.text(max_size=300))
@example("é" * 38)
@example("x" * 75)
@example("x" * 76)
@example("𝄞" * 40)
def test_folding_loses_nothing_and_splits_no_character(text):
    line = "SUMMARY:" + escape(text)
    folded = fold(line)
    assert folded == fold_every_line(line)
    assert folded.replace("\r\n ", "") == line
    for part in folded.encode().split(b"\r\n"):
        assert len(part) <= 75
        part.decode()


@given(st.text(max_size=80), st.text(max_size=80), st.lists(st.text(min_size=1, max_size=20), max_size=3))
@example("BEGIN:VEVENT", "x\r\nEND:VCALENDAR\nATTACH:file:///etc", ["a,b", "c;d"])
@example("a\\nb\\", "\x00\x1b\u2028\x85", ["\ud800"])
def test_text_from_a_sheet_stays_in_its_property(summary, description, kinds):
    when = Occurrence(datetime(2026, 9, 8, 9), datetime(2026, 9, 8, 10), False, "America/Halifax")
    series = Series(f"T{summary}", (when,), description=f"D{description}", categories=tuple(kinds))
    text, calendar, (event,) = read_back(series)
    assert len(calendar.walk()) == 5
    assert set(event) <= {"UID", "DTSTAMP", "DTSTART", "DTEND", "SUMMARY", "DESCRIPTION", "CATEGORIES"}
    lines = text.decode().replace("\r\n ", "").split("\r\n")
    raw = next(line for line in lines if line.startswith("SUMMARY:"))[8:]
    unescaped = re.sub(r"\\(.)", lambda match: "\n" if match[1] == "n" else match[1], raw)
    assert unescaped == _writable(f"T{summary}")


def _writable(text):
    """What of a text iCalendar can hold, written from RFC 5545, 3.3.11 and 3.1."""
    for line_break in ("\r\n", "\r", "\x0b", "\x0c", "\x85", "\u2028", "\u2029"):
        text = text.replace(line_break, "\n")
    return "".join(
        c for c in text if c in "\n\t" or not (c < " " or "\x7f" <= c <= "\x9f" or "\ud800" <= c <= "\udfff")
    )


ZONES = [
    "America/Halifax", "America/St_Johns", "Europe/Dublin", "Europe/London", "Australia/Lord_Howe", "Asia/Kathmandu",
    "Asia/Tokyo", "America/Phoenix", "Africa/Casablanca", "Asia/Tehran", "America/Sao_Paulo", "Pacific/Apia",
    "Asia/Gaza", "Antarctica/Troll", "America/Mexico_City", "Africa/Monrovia", "Asia/Jerusalem",
]  # fmt: skip


@pytest.mark.parametrize("zone", ZONES)
@pytest.mark.parametrize("first_year", [2005, 2010, 2021, 2026])
def test_vtimezone_agrees_with_the_zone_on_every_day_in_use(zone, first_year):
    assert zone in available_timezones()
    first, last = datetime(first_year, 2, 1, 9), datetime(first_year + 2, 3, 1, 17)
    lines = "\r\n".join(vtimezone(zone, first, last))
    component = icalendar.Timezone.from_ical(lines)
    assert not component.errors
    judged = _Observances(component)
    day = first
    while day <= last:
        early, late = (day.replace(tzinfo=ZoneInfo(zone), fold=fold).utcoffset() for fold in (0, 1))
        if early == late:  # neither skipped nor shown twice
            assert judged.offset(day) == early, day
        day += timedelta(hours=31)


class _Observances:
    """RFC 5545, 3.6.5, read literally: the observance with the latest onset that is not after a local time holds."""

    def __init__(self, component):
        self.onsets = []
        for part in component.subcomponents:
            start = part["DTSTART"].dt
            rule, before = part.get("RRULE"), part["TZOFFSETFROM"].td
            years = range(start.year, 2036) if rule else [start.year]
            for year in years:
                onset = start if not rule else _nth_weekday(year, start, rule["BYDAY"][0])
                until = rule["UNTIL"][0].replace(tzinfo=None) + before if rule and "UNTIL" in rule else None
                if until is None or onset <= until:
                    self.onsets.append((onset, part["TZOFFSETTO"].td))
        self.onsets.sort(key=lambda pair: pair[0])

    def offset(self, local):
        return [offset for onset, offset in self.onsets if onset <= local][-1]


def _nth_weekday(year, start, rule):
    weekday = ["MO", "TU", "WE", "TH", "FR", "SA", "SU"].index(rule[-2:])
    days = [
        day
        for day in (
            datetime(year, start.month, 1, start.hour, start.minute, start.second) + timedelta(n) for n in range(31)
        )
        if day.month == start.month and day.weekday() == weekday
    ]
    number = int(rule[:-2])
    return days[number - 1] if number > 0 else days[number]


@pytest.mark.parametrize(
    ("zone", "standard", "summer"),
    [
        ("America/Halifax", "-0400", "-0300"),
        ("Europe/London", "+0000", "+0100"),
        ("Australia/Sydney", "+1000", "+1100"),
    ],
)
def test_what_is_summer_time_is_called_so(zone, standard, summer):
    lines = "\n".join(vtimezone(zone, datetime(2026, 1, 1), datetime(2027, 1, 1)))
    parts = re.findall(r"BEGIN:(STANDARD|DAYLIGHT).*?TZOFFSETTO:(\S+)", lines, re.DOTALL)
    assert set(parts) == {("STANDARD", standard), ("DAYLIGHT", summer)}


def test_a_steady_zone_and_utc():
    assert "RRULE" not in "".join(vtimezone("Asia/Tokyo", datetime(2026, 1, 1), datetime(2027, 1, 1)))
    when = Occurrence(datetime(2026, 9, 8, 9), datetime(2026, 9, 8, 10), False, "UTC")
    text, _, _ = read_back(Series("A", (when,)))
    assert b"VTIMEZONE" not in text
    assert b"DTSTART:20260908T090000Z\r\n" in text


days = st.datetimes(datetime(2000, 1, 1), datetime(2090, 1, 1)).map(lambda d: d.replace(microsecond=0, fold=0))


@settings(deadline=None)
@given(st.lists(st.tuples(st.text(min_size=1, max_size=30), days, st.integers(0, 300_000), st.booleans()), max_size=12))
def test_events_come_back_as_they_were(rows):
    series = []
    for title, start, seconds, all_day in rows:
        begin = start.replace(hour=0, minute=0, second=0) if all_day else start
        length = timedelta(days=1 + seconds // 86_400) if all_day else timedelta(seconds=seconds)
        series.append(Series(title, (Occurrence(begin, begin + length, all_day, "America/St_Johns"),)))
    _, _, events = read_back(*series)
    assert len(events) == len(series) == len({event["UID"] for event in events})
    for one, event in zip(series, events, strict=True):
        (when,) = one.occurrences
        start, end = event["DTSTART"].dt, event["DTEND"].dt if "DTEND" in event else event["DTSTART"].dt
        if when.all_day:
            assert (start, end) == (when.start.date(), when.end.date())
        else:
            assert (start.replace(tzinfo=None, fold=0), end.replace(tzinfo=None, fold=0)) == (when.start, when.end)
