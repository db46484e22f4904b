"""Programmes: rows that count from a start, dated for one group or several, forwards and backwards."""

from datetime import date, timedelta

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from conftest import events_in
from nomarium.core.programmes import Counts, DatingRules, Offset, Undatable, date_rows, read_offset, start_for_end

START = date(2027, 3, 3)  # a Wednesday
OFFSETS = {
    "Week 3, Tuesday": Offset(Counts.WEEKS, 3, 1), "wk 3 Tue": Offset(Counts.WEEKS, 3, 1), "W3": Offset(Counts.WEEKS, 3),
    "Woche 2, Dienstag": Offset(Counts.WEEKS, 2, 1), "Semaine 4 – jeudi": Offset(Counts.WEEKS, 4, 3),
    "Week 2 day 3": Offset(Counts.DAYS, 10, from_one=True), "Day 17": Offset(Counts.DAYS, 17, from_one=True),
    "Tag 5": Offset(Counts.DAYS, 5, from_one=True), "T+10 days": Offset(Counts.DAYS, 10), "T-2 weeks": Offset(Counts.DAYS, -14),
    "+3d": Offset(Counts.DAYS, 3), "T": Offset(Counts.DAYS, 0), "Session 5": Offset(Counts.SESSIONS, 5),
    "Workout #2": Offset(Counts.SESSIONS, 2), "3": None, "Tuesday": None, "KW 36": None, "Week": None, "2027-03-01": None,
    "Week 3, soon": None,
}  # fmt: skip


@pytest.mark.parametrize("text", OFFSETS)
def test_what_counts_from_a_start(text):
    assert read_offset(text) == OFFSETS[text]


def plainly_dated(offsets, start, rules):
    """The rules as a loop over days: walk to each row's day, and on from closed ones."""
    zero = any(one.number == 0 for one in offsets if one.from_one)
    wanted = []
    for one in offsets:
        day = start
        if one.counts is Counts.DAYS:
            steps = one.number if not one.from_one or zero else one.number - 1
            day = start + timedelta(steps)
        elif one.counts is Counts.WEEKS:
            day = start + timedelta(7 * (one.number - 1))
            while one.weekday is not None and day.weekday() != one.weekday:
                day += timedelta(1)
        else:
            left = one.number
            day = start - timedelta(1)
            while left:
                day += timedelta(1)
                left -= day.weekday() in rules.weekdays
        wanted.append(day)
    found, pushed = {}, 0
    for row in sorted(range(len(offsets)), key=lambda row: (wanted[row], row)):
        keeps = offsets[row].weekday is not None or offsets[row].counts is Counts.SESSIONS
        while keeps and pushed % 7:
            pushed += 1
        day = wanted[row] + timedelta(pushed)
        if not rules.why_closed(day) or rules.on_closed == "keep":
            found[row] = day
            continue
        if rules.on_closed == "drop":
            found[row] = None
            continue
        step = {"next": 1, "previous": -1, "push": 7 if keeps else 1}[rules.on_closed]
        at = day
        while rules.why_closed(at):
            at += timedelta(step)
        found[row] = at
        pushed += (at - day).days if rules.on_closed == "push" else 0
    return [found[row] for row in range(len(offsets))]


ROWS = st.lists(
    st.one_of(
        st.builds(Offset, st.just(Counts.DAYS), st.integers(0, 40), st.none(), st.booleans()),
        st.builds(Offset, st.just(Counts.WEEKS), st.integers(1, 6), st.none() | st.integers(0, 6), st.just(False)),
        st.builds(Offset, st.just(Counts.SESSIONS), st.integers(1, 12), st.none(), st.just(False)),
    ),
    min_size=1,
    max_size=8,
)
CLOSED = st.frozensets(st.integers(0, 60), max_size=12)
HOW = st.sampled_from(["drop", "keep", "next", "previous", "push"])
DAYS = st.frozensets(st.integers(0, 6), min_size=1, max_size=3)


def rules_of(weekdays, rest, how, closed):
    shut = {START + timedelta(day) for day in closed}
    return DatingRules(weekdays, rest, how, lambda day: "Storm" if day in shut else "")


@settings(max_examples=800, deadline=None)
@given(rows=ROWS, weekdays=DAYS, rest=st.frozensets(st.integers(5, 6), max_size=2), how=HOW, closed=CLOSED)
def test_programmes_are_dated_as_the_rules_say(rows, weekdays, rest, how, closed):
    rules = rules_of(weekdays, rest, how, closed)
    stuck = (how == "push" and any(one.weekday in rest for one in rows)) or (how == "push" and weekdays & rest)
    if stuck:  # a rest day by its weekday is never open: that is refused
        return
    assert [one.day for one in date_rows(rows, START, rules)] == plainly_dated(rows, START, rules)


@settings(max_examples=500, deadline=None)
@given(rows=ROWS, how=HOW, closed=CLOSED)
def test_backwards_is_the_latest_start_that_ends_in_time(rows, how, closed):
    rules = rules_of(frozenset({0, 2}), frozenset(), how, closed)
    end = START + timedelta(60)

    def last(start):
        return max((one.day for one in date_rows(rows, start, rules) if one.day), default=start)

    start = start_for_end(rows, end, rules)
    assert last(start) <= end
    assert start + timedelta(1) > end or last(start + timedelta(1)) > end


def test_what_cannot_be_dated_says_why():
    with pytest.raises(Undatable, match="weekdays"):
        date_rows([Offset(Counts.SESSIONS, 1)], START, DatingRules())
    with pytest.raises(Undatable, match="open"):
        date_rows([Offset(Counts.WEEKS, 1, 6)], START, DatingRules(rest=frozenset({6}), on_closed="push"))


PROGRAMME = "Week,Day,Session,Start,Length,Place\n1,Mon,Steady row,06:00,1h,Slip\n1,Thu,Intervals,06:00,1h,Slip\n2,Mon,Long row,06:00,2h,Slip\n"
CREWS = "Crew,Start,Time,End\nHeron,2027-03-01,,\nTern,2027-03-08,17:30,\n"
YEAR = '[school]\nname = "S"\nzone = "America/Halifax"\n[year]\nterms = "terms.csv"\nclosures = "closures.csv"\n'


def said(desk, name):
    events = sorted(events_in(desk.folder / name), key=lambda event: event.start)
    return [f"{event.start:%m-%d %H:%M} {event['SUMMARY']}" for event in events]


def with_year(desk, more=""):
    desk.put("terms.csv", "Term,First day,Last day\nSpring,2027-02-01,2027-05-28\n")
    desk.put("closures.csv", "Name,From,To\nStorm,2027-03-04,2027-03-04\n")
    desk.put("programme.csv", PROGRAMME)
    desk.put("crews.csv", CREWS)
    desk.put("nomarium.toml", YEAR + more)


# (options, what comes of the three rows)
DATED = {
    "a start": (["--start", "2027-03-01"], ["03-01 06:00 Steady row", "03-04 06:00 Intervals", "03-08 06:00 Long row"]),
    "a start in the week": (["--start", "2027-03-03"], ["03-04 06:00 Intervals", "03-08 06:00 Steady row", "03-15 06:00 Long row"]),
    "an end": (["--end", "2027-03-20"], ["03-08 06:00 Steady row", "03-11 06:00 Intervals", "03-15 06:00 Long row"]),
    "dropped": (["--start", "2027-03-01", "--plan", "nomarium.toml"], ["03-01 06:00 Steady row", "03-08 06:00 Long row"]),
    "pushed": (["--start", "2027-03-01", "--plan", "nomarium.toml", "--if-closed", "push"],
               ["03-01 06:00 Steady row", "03-11 06:00 Intervals", "03-15 06:00 Long row"]),
    "moved on": (["--start", "2027-03-01", "--plan", "nomarium.toml", "--if-closed", "next"],
                 ["03-01 06:00 Steady row", "03-05 06:00 Intervals", "03-08 06:00 Long row"]),
    "groups": (["--groups", "crews.csv"],
               ["03-01 06:00 Heron: Steady row", "03-04 06:00 Heron: Intervals", "03-08 06:00 Heron: Long row",
                "03-08 17:30 Tern: Steady row", "03-11 17:30 Tern: Intervals", "03-15 17:30 Tern: Long row"]),
}  # fmt: skip


@pytest.mark.parametrize("name", DATED)
def test_a_programme_is_dated_by_the_command(desk, name):
    options, expected = DATED[name]
    with_year(desk)
    run = desk.run("convert", "programme.csv", "-o", "out.ics", *options, "--json")
    assert run.status == 0, run.err
    assert said(desk, "out.ics") == expected
    codes = [code for code, _ in run.codes]
    assert ("programme-dated" in codes, "programme-closed-day" in codes) == (True, "--plan" in options)


def test_a_new_start_moves_the_same_events_and_a_plan_says_all_of_it(desk):
    with_year(desk)

    def known():
        return {str(event["SUMMARY"]): str(event["UID"]) for event in events_in(desk.folder / "out.ics")}

    desk.run("convert", "programme.csv", "-o", "out.ics", "--start", "2027-03-01")
    before = known()
    run = desk.run("convert", "programme.csv", "-o", "out.ics", "--start", "2027-04-05", "--json")
    assert (run.report["changes"]["moved"], known() == before) == (3, True)
    source = '[sources.rowing]\nsheets = "programme.csv"\ngroups = "crews.csv"\nif_closed = "push"\n[calendars.crews]\nsplit = "Group"\n'
    with_year(desk, source)
    run = desk.run("build", "--json")
    assert run.status == 0, run.err
    assert said(desk, "calendars/crews/Heron.ics") == [
        "03-01 06:00 Heron: Steady row",
        "03-11 06:00 Heron: Intervals",
        "03-15 06:00 Heron: Long row",
    ]
    desk.put("crews.csv", CREWS.replace("2027-03-08", "2027-03-29"))
    changed = desk.run("build", "--json").report["changes"]
    assert (changed["moved"], changed["gone"], changed["added"]) == (3, 0, 0)


LIST = "Title,Date,Start,End\nA,2026-09-08,9:00,10:00\nB,2026-09-10,9:00,10:00\n"


@pytest.mark.parametrize(
    ("options", "expected"),
    [
        (["--start", "2027-09-10", "--keep-weekdays"], ["09-07 09:00 A", "09-09 09:00 B"]),
        (["--start", "2027-09-10"], ["09-10 09:00 A", "09-12 09:00 B"]),
        (["--shift", "14d 1h"], ["09-22 10:00 A", "09-24 10:00 B"]),
        (["--shift", "-1h"], ["09-08 08:00 A", "09-10 08:00 B"]),
    ],
)
def test_dated_lists_are_moved_by_whole_weeks_or_by_hours(desk, options, expected):
    desk.put("list.csv", LIST)
    run = desk.run("convert", "list.csv", "-o", "out.ics", *options)
    assert run.status == 0, run.err
    assert said(desk, "out.ics") == expected


def test_a_plan_moves_dated_lists_too_and_says_what_it_cannot(desk):
    desk.put("list.csv", LIST)
    source = '[school]\nname = "S"\nzone = "America/Halifax"\n[sources.a]\nsheets = "list.csv"\n'
    desk.put("nomarium.toml", source + "start = 2027-09-10\nkeep_weekdays = true\n")
    assert desk.run("build").status == 0
    assert said(desk, "calendars/S.ics") == ["09-07 09:00 A", "09-09 09:00 B"]
    for keys in ('shift = "soon"', 'shift = "7d"\nstart = 2027-09-10', "keep_weekdays = true"):
        desk.put("nomarium.toml", source + keys + "\n")
        assert desk.run("build").status == 1, keys
    desk.put("programme.csv", PROGRAMME)
    desk.put("crews.csv", CREWS)
    for keys in ("start = 2027-03-01\nend = 2027-05-01", 'start = 2027-03-01\ngroups = "crews.csv"'):
        desk.put("nomarium.toml", source.replace("list.csv", "programme.csv") + keys + "\n")
        found = [problem["code"] for problem in desk.run("build", "--json").report["problems"]]
        assert found.count("programme-both-ends") == 1
    for options in (
        ["--shift", "7d", "--start", "2027-09-01"],
        ["--keep-weekdays"],
        ["--start", "2027-09-01", "--end", "2027-10-01"],
    ):
        assert desk.run("convert", "list.csv", "-o", "x.ics", *options).status == 2


WRONG = {
    "no start": (PROGRAMME, [], "this is a programme"),
    "two ways": (PROGRAMME, ["--start", "2027-03-01", "--end", "2027-05-01"], "give one of them"),
    "no weekdays": ("Session,Workout\nSession 1,A\nSession 2,B\n", ["--start", "2027-03-01"], "sessions need the weekdays"),
    "no weekday": (PROGRAMME, ["--start", "2027-03-01", "--on-days", "Funday"], "is no weekday"),
    "a bad cell": ("Day,Task\nDay 1,A\nDay 2,B\nDay 3,C\nDay 4,D\nsoon,E\n", ["--start", "2027-03-01"], "says no day of the programme"),
    "at the edge": (PROGRAMME, ["--start", "8999-12-30"], ""),
    "rest without a start": (PROGRAMME, ["--rest", "Sun"], "state its start"),
    "groups of a dated list": (LIST, ["--groups", "crews.csv"], "is no programme"),
}  # fmt: skip


@pytest.mark.parametrize("name", WRONG)
def test_what_is_wrong_is_told(desk, name):
    sheet, options, told = WRONG[name]
    with_year(desk)
    desk.put("p.csv", sheet)
    run = desk.run("convert", "p.csv", "-o", "out.ics", *options)
    assert (run.status > 0 or name == "groups of a dated list", told in run.err) == (True, True), run.err
