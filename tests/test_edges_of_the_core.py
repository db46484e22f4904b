"""Small functions of the core at the edges between two answers."""

from datetime import UTC, date, datetime, timedelta

import pytest

from conftest import told
from nomarium.core.history.pairing import _is_longer
from nomarium.core.ics.content_lines import _rest_or_stray
from nomarium.core.ics.moments import IcsDuration
from nomarium.core.ics.reading import _as_length
from nomarium.core.ics.rule_lines import standard_rule
from nomarium.core.ics.text import FOLD_AT, fold, text_line
from nomarium.core.lessons.sheet import _order
from nomarium.core.problems import Place
from nomarium.core.repeats import Frequency, Rule
from nomarium.core.sources import Occurrence
from nomarium.core.sources.repeat_dates import days_in_words
from nomarium.core.tables.wording import keys_lead_nowhere
from nomarium.core.values import Length
from nomarium.core.values.date_text import days_in_month

AFTER = date(2026, 9, 1)


def lead_nowhere(count):
    return keys_lead_nowhere(Place("x.csv"), count).message.partition("left out")[2]


@pytest.mark.parametrize(("got", "expected"), [
    (days_in_month(2000, 2), 29),
    (days_in_month(1900, 2), 28),
    (days_in_month(2024, 2), 29),
    (days_in_month(None, 2), 29),
    (days_in_month(2026, 11), 30),
    (_as_length(IcsDuration(0, timedelta(hours=5)), is_date=True), Length(1, timedelta())),
    (_as_length(IcsDuration(2, timedelta(0)), is_date=True), Length(2, timedelta())),
    (_as_length(IcsDuration(0, timedelta(0)), is_date=False), Length(0, timedelta())),
    (_as_length(IcsDuration(-1, timedelta(0)), is_date=False), None),
    (_order("Lesson 7"), (7, 0)),
    (_order("3.2"), (3, 2)),
    (_order("three"), None),
    (_is_longer("Knots", "Knots for all"), True),
    (_is_longer("Knots for all", "Knots"), True),
    (_is_longer("Knots", "Knots"), True),
    (_is_longer("Knots for all", "Knots at night"), False),
    (lead_nowhere(1), "."),
    (lead_nowhere(2), ", and so are 1 more."),
    (days_in_words("7-8 December", AFTER, "dmy"), [date(2026, 12, 7), date(2026, 12, 8)]),
    (days_in_words("August", AFTER, "dmy")[::30], [date(2027, 8, 1), date(2027, 8, 31)]),
    (days_in_words("8 - nonsense", AFTER, "dmy"), []),
    (days_in_words("nonsense - 8 December", AFTER, "dmy"), []),
    (len(fold("x" * FOLD_AT)), FOLD_AT),
    (fold("x" * (FOLD_AT + 1)).count("\r\n "), 1),
    (text_line("SUMMARY", "a" * 90).count("\r\n "), 1),
])  # fmt: skip
def test_what_lies_at_an_edge(got, expected):
    assert got == expected


class Strayed:
    """What a reader of sloppy calendars notes."""

    def __init__(self):
        self.stray, self.rejoined = [], []


@pytest.mark.parametrize(("held", "line", "whole", "stray"), [
    ("SUMMARY:Knots", "for all", "SUMMARY:Knotsfor all", []),
    ("DESCRIPTION:Knots", "for all", "DESCRIPTION:Knots\\nfor all", []),
    ("BEGIN:VEVENT", "for all", "BEGIN:VEVENT", [(3, "for all")]),
    ("", "x" * 61, "", [(3, "x" * 60)]),
])  # fmt: skip
def test_a_line_that_is_no_property_belongs_to_the_one_above(held, line, whole, stray):
    noted = Strayed()
    assert _rest_or_stray(held, 3, line, noted) == whole
    assert noted.stray == stray
    assert bool(noted.rejoined) is not bool(stray)


@pytest.mark.parametrize(("sheet", "events", "codes"), [
    ("Task,Date,Due\nSand,2026-10-01,2026-10-05\n", ["Sand 2026-10-01..2026-10-06"], []),
    ("Task,Date,Due\nSand,2026-10-05,2026-10-01\n", [], ["doubled-field"]),
])  # fmt: skip
def test_a_due_date_ends_what_began_before_it(desk, sheet, events, codes):
    run = desk.convert(sheet)
    assert [code for code, _ in run.codes if code == "doubled-field"] == codes
    assert (run.status == 0) is not bool(codes)
    if not codes:
        assert [told(event) for event in desk.events(sheet)] == events


@pytest.mark.parametrize(("until", "zone", "all_day", "expected"), [
    (date(2027, 1, 1), "America/Halifax", False, datetime(2027, 1, 2, 3, 59, 59, tzinfo=UTC)),
    (date(2027, 1, 1), "", False, datetime(2027, 1, 1, 23, 59, 59)),
    (datetime(2027, 1, 1, 9), "America/Halifax", False, datetime(2027, 1, 1, 13, tzinfo=UTC)),
    (datetime(2027, 1, 1, 9, tzinfo=UTC), "America/Halifax", False, datetime(2027, 1, 1, 9, tzinfo=UTC)),
    (datetime(2027, 1, 1, 9), "America/Halifax", True, date(2027, 1, 1)),
    (None, "America/Halifax", False, None),
])  # fmt: skip
def test_the_end_of_a_rule_is_a_day_or_in_utc(until, zone, all_day, expected):
    start = datetime(2026, 9, 7, 9)
    first = Occurrence(start, start + timedelta(hours=1), all_day, zone)
    assert standard_rule(Rule(Frequency.DAILY, until=until), first).until == expected
