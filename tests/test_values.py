"""Dates, times and lengths as texts: what each can mean, and what is none."""

from datetime import timedelta

import pytest

from nomarium.core.values.choices import read_busy, read_status, read_visibility, read_yes_no, split_list
from nomarium.core.values.clock import Clock, earliest_in_turn
from nomarium.core.values.durations import Length, read_length
from nomarium.core.values.moment_text import MomentScanner
from nomarium.core.values.order import order_in_heading
from nomarium.core.values.time_text import scan_span
from nomarium.core.values.words import ENGLISH

SCANNER = MomentScanner(ENGLISH)


def meant(text):
    """What a text means as dates: the readings by order ("dmy 2026-09-08"), or one where it says so itself."""
    shape = SCANNER.scan(text)
    if shape is None:
        return None
    return " to ".join(_readings(date) for date in shape.dates)


def _readings(shape):
    if shape.plain:
        year, month, day = next(iter(shape.readings.values()))
        return f"{year or '?'}-{month}-{day}"
    return ", ".join(f"{order} {r.year or '?'}-{r.month}-{r.day}" for order, r in shape.readings.items())


DATES = [
    ("2026-09-08", "2026-9-8"),
    ("2026/9/8", "2026-9-8"),
    ("2026.09.08", "2026-9-8"),
    ("20260908", "2026-9-8"),
    ("8/9/2026", "dmy 2026-9-8, mdy 2026-8-9"),
    ("08-09-2026", "dmy 2026-9-8, mdy 2026-8-9"),
    ("8 9 2026", "dmy 2026-9-8, mdy 2026-8-9"),
    ("8. 9. 2026", "dmy 2026-9-8, mdy 2026-8-9"),
    ("08092026", "dmy 2026-9-8, mdy 2026-8-9"),
    ("8/9/26", "dmy 2026-9-8, mdy 2026-8-9, ymd 2008-9-26"),
    ("8/9", "dmy ?-9-8, mdy ?-8-9"),
    ("8 Sep 2026", "2026-9-8"),
    ("8-Sept-26", "2026-9-8"),
    ("September 8th, 2026", "2026-9-8"),
    ("Sep. 8 '26", "2026-9-8"),
    ("the 8th of September", "?-9-8"),
    ("2026 Sep 8", "2026-9-8"),
    ("Tue, 8 September 2026", "2026-9-8"),
    ("8 Sep 2026 (Tue)", "2026-9-8"),
    ("Thursday 1st May 2027", "2027-5-1"),
    ("8–12 September 2026", "2026-9-8 to 2026-9-12"),
    ("Sept 8-12, 2026", "2026-9-8 to 2026-9-12"),
    ("Mon 7 – Fri 11 Sep 2026", "2026-9-7 to 2026-9-11"),
    ("30 Dec – 2 Jan 2027", "2026-12-30 to 2027-1-2"),
    ("8/9/2026 - 12/9/2026", "dmy 2026-9-8, mdy 2026-8-9 to dmy 2026-9-12, mdy 2026-12-9"),
    ("8.–12.9.2026", "dmy 2026-9-8, mdy 2026-12-8 to dmy 2026-9-12, mdy 2026-12-9"),
    ("2026-09-08/2026-09-12", "2026-9-8 to 2026-9-12"),
    ("2026年9月8日", "2026-9-8"),
    ("8 Sep 2026 14:30", "2026-9-8"),
    ("9:00 8 Sep 2026", "2026-9-8"),
    ("2026-09-08T09:00:00Z", "2026-9-8"),
    ("8 Sep 2026 9:00 – 9 Sep 2026 17:00", "2026-9-8 to 2026-9-9"),
    ("Sept 8 10-12", "?-9-8"),
    ("8 Sep 2026 0900", "2026-9-8"),
    ("8 Sep 2026 at 9", "2026-9-8"),
    ("September 2026", None),
    ("8-12 Sep 26", None),
    ("Sept 8 10", None),
    ("8 Sep 2026 9", None),
    ("soon", None),
    ("8 Sep 2026 or later", None),
    ("1/2/3/4", None),
    ("8/2026/9", None),
    ("Sept 31st of August 2026", None),
]


@pytest.mark.parametrize(("text", "expected"), DATES, ids=[case[0] for case in DATES])
def test_dates(text, expected):
    assert meant(text) == expected


TIMES = [
    ("9:00 AM", "9:00"), ("9.00am", "9:00"), ("9am", "9:00"), ("9 a.m.", "9:00"), ("12 am", "0:00"),
    ("12:30pm", "12:30"),
    ("0900", "9:00"), ("900", "9:00"), ("9", "9:00"), ("9:5", "9:05"), ("21:00", "21:00"), ("noon", "12:00"),
    ("12 midnight", "24:00"), ("14h30", "14:30"), ("8h", "8:00"), ("14 Uhr", "14:00"), ("1330 hrs", "13:30"),
    ("3:30", "15:30"), ("03:30", "3:30"), ("12:15", "12:15"), ("24:00", "24:00"), ("9 o'clock", "9:00"),
    ("9–10:30am", "9:00-10:30"), ("11-1pm", "11:00-13:00"), ("9-5pm", "9:00-17:00"), ("1–3 pm", "13:00-15:00"),
    ("10am to 2", "10:00-14:00"), ("9:00-10:30", "9:00-10:30"), ("from 9 to 11:30", "9:00-11:30"),
    ("6:30 - 8", "18:30-20:00"), ("13.15–14.00", "13:15-14:00"), ("noon–1pm", "12:00-13:00"),
    ("9a-4p", "9:00-16:00"),
    ("9:00:00-04:00", "9:00"), ("9:00 UTC+2", "9:00"), ("25:00", None),
    ("9:60", None), ("13pm", None), ("0am", None), ("9.5", None), ("9:00 EST", None), ("9 or 10", None),
    ("24:30", None), ("12345", None),
]  # fmt: skip


@pytest.mark.parametrize(("text", "expected"), TIMES, ids=[case[0] for case in TIMES])
def test_times(text, expected):
    span = scan_span(text)
    if span is None:
        assert expected is None
        return
    times = Clock().read_span(*span) if span.end else (Clock().read(span.start),)
    assert "-".join(f"{time.seconds // 3600}:{time.seconds // 60 % 60:02}" for time in times) == expected


@pytest.mark.parametrize(("starts", "hour", "in_doubt"), [
    ("6:30 9:15 10:00", 6, True), ("6:00 7:00 8:00 9:00", 12, True), ("4:00 5:00 6:00 7:00", 12, False),
    ("8:00 9:00 12:00 1:00", 7, False), ("6:30 9:15 12:00 5:30", 6, False), ("6:30 9:00 5:30 6:30", 7, False),
    ("1:00 2:00 3:00", 7, False), ("3:00 8:00 12:00", 3, True), ("6:30 12:15", 6, False), ("12:00 1:00 7:00", 7, False),
    ("6:30 pm 7:30", 7, False), ("06:30 07:30", 7, False), ("6:30 13:00", 7, False),
])  # fmt: skip
def test_times_that_follow_one_another_are_of_one_half_of_the_day(starts, hour, in_doubt):
    texts = starts.replace(" pm", "_pm").split()
    shapes = [scan_span(text.replace("_", " ")).start for text in texts]
    assert earliest_in_turn(shapes, 7) == (hour, in_doubt)


LENGTHS = [
    ("1h", 60), ("90 min", 90), ("1:30", 90), ("1h30m", 90), ("1 hr 30 mins", 90), ("1.5 hours", 90), ("1½ h", 90),
    ("PT1H30M", 90), ("an hour", 60), ("half an hour", 30), ("1 hour and 15 minutes", 75), ("¾ hour", 45),
    ("45", None), ("soon", None), ("1h later", None), ("1 fortnight", None), ("", None), ("-1h", None),
]  # fmt: skip


@pytest.mark.parametrize(("text", "minutes"), LENGTHS, ids=[case[0] or "empty" for case in LENGTHS])
def test_lengths(text, minutes):
    assert read_length(text) == (None if minutes is None else Length(0, timedelta(minutes=minutes)))
    assert read_length("2 days") == read_length("P2D") == Length(2, timedelta())
    assert read_length("45", "minutes") == Length(0, timedelta(minutes=45))


WORDS = [
    (read_yes_no, {"x": True, "Y": True, "ja": True, "✓": True, "": False, "No": False, "–": False, "maybe": None}),
    (read_status, {"Provisional": "TENTATIVE", "called off": "CANCELLED", "OK": "CONFIRMED", "": "", "new": None}),
    (lambda text: read_status(text, "Cancelled?"), {"yes": "CANCELLED", "no": "", "tentative": "TENTATIVE"}),
    (lambda text: read_status(text, "Confirmed"), {"yes": "CONFIRMED", "no": "TENTATIVE", "perhaps": None}),
    (read_visibility, {"Private": "PRIVATE", "Everyone": "PUBLIC", "": "", "yes": None}),
    (lambda text: read_visibility(text, "Private?"), {"yes": "PRIVATE", "no": "", "secret": "CONFIDENTIAL"}),
    (read_busy, {"Free": "FREE", "yes": "BUSY", "": "", "?": None}),
    (lambda text: read_busy(text, "Free?"), {"yes": "FREE", "no": "BUSY"}),
    (split_list, {"a; b, c": ("a", "b, c"), "a|b": ("a", "b"), "a, b,": ("a", "b"), "": (), "a\nb, c": ("a", "b, c")}),
    (order_in_heading, {"Date (dd/mm/yyyy)": "dmy", "mm-dd-yy": "mdy", "TT.MM.JJJJ": "dmy", "jj/mm/aaaa": "dmy",
                        "yyyy/mm/dd": "ymd", "Day/Time": None, "Date": None, "dd/mm": "dmy"}),
]  # fmt: skip


@pytest.mark.parametrize(("read", "expected"), WORDS)
def test_words_with_few_values(read, expected):
    assert {text: read(text) for text in expected} == expected
