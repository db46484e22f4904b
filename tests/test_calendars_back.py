"""Calendar files read back: as they come from programs, good and sloppy, with repeats unrolled and zones decided."""

import csv
import io
from datetime import date, datetime, timedelta
from pathlib import Path

import icalendar
import pytest
import recurring_ical_events
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from conftest import events_in, told
from nomarium.core.calendars import Calendar
from nomarium.core.columns import Headings, match_columns
from nomarium.core.ics import CalendarChoices, read_calendar, render_calendar
from nomarium.core.ics.content_lines import Sloppiness, clean_lines, sloppy_lines
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.repeats import expand, parse_rule
from nomarium.core.rows import ROW_FIELDS, event_rows, render_csv
from nomarium.core.sheets import choose_grid
from nomarium.core.sources import EventChoices, Occurrence, Series, read_events
from nomarium.core.tables import TableChoices, find_table

HALIFAX = """BEGIN:VTIMEZONE
TZID:{tzid}
BEGIN:STANDARD
DTSTART:19701101T020000
RRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=1SU
TZOFFSETFROM:-0300
TZOFFSETTO:{standard}
END:STANDARD
BEGIN:DAYLIGHT
DTSTART:19700308T020000
RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=2SU
TZOFFSETFROM:{standard}
TZOFFSETTO:-0300
END:DAYLIGHT
END:VTIMEZONE
"""


def zone(tzid, standard="-0400"):
    return HALIFAX.format(tzid=tzid, standard=standard)


def calendar(*events, zones=""):
    body = "".join(f"BEGIN:VEVENT\nDTSTAMP:20260901T000000Z\n{event.strip()}\nEND:VEVENT\n" for event in events)
    return f"BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//Orrin//EN\n{zones}{body}END:VCALENDAR\n".replace("\n", "\r\n")


def rows(desk, text, *options):
    desk.put("in.ics", text)
    run = desk.run("convert", "in.ics", "-o", "-", "--format", "csv", *options, zone=None)
    return list(csv.DictReader(io.StringIO(run.out.removeprefix("\ufeff")))), run


def spans(found):
    return [f"{row['summary']} {row['start'][5:]}–{row['end'][5:]} {row['zone']}".strip() for row in found]


# (why, the calendar, its rows)
READ = [
    ("an all-day event", calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261224\nDTEND;VALUE=DATE:20261227"), ["A 12-24–12-26"]),
    ("a day without an end", calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261224"), ["A 12-24–12-24"]),
    ("UTC", calendar("UID:a\nSUMMARY:A\nDTSTART:20261224T120000Z\nDTEND:20261224T130000Z"), ["A 12-24T12:00–12-24T13:00 UTC"]),
    ("floating", calendar("UID:a\nSUMMARY:A\nDTSTART:20261224T120000\nDURATION:PT90M"), ["A 12-24T12:00–12-24T13:30"]),
    ("no end", calendar("UID:a\nSUMMARY:A\nDTSTART:20261224T120000Z"), ["A 12-24T12:00– UTC"]),
    ("a known zone", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=America/Halifax:20261224T120000\nDTEND;TZID=Europe/Paris:20261224T180000"), ["A 12-24T12:00–12-24T13:00 America/Halifax"]),
    ("a zone by a Windows name", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=Atlantic Standard Time:20261224T120000"), ["A 12-24T12:00– America/Halifax"]),
    ("a zone with its name at the end", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=/example.org/x/America/Halifax:20261224T120000"), ["A 12-24T12:00– America/Halifax"]),
    ("a zone of rules that agree with the one stated", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=Office:20261224T120000", zones=zone("Office")), ["A 12-24T12:00– America/Halifax"]),
    ("a zone of rules that no other has", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=Odd:20261224T120000", zones=zone("Odd", "-0417")), ["A 12-24T16:17– UTC"]),
    ("weekly, with a date left out", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:FREQ=WEEKLY;COUNT=3\nEXDATE:20261013T090000"), ["A 10-06T09:00–", "A 10-20T09:00–"]),
    ("over the change of the clock", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=America/Halifax:20261031T090000\nDTEND;TZID=America/Halifax:20261031T100000\nRRULE:FREQ=DAILY;COUNT=2"), ["A 10-31T09:00–10-31T10:00 America/Halifax", "A 11-01T09:00–11-01T10:00 America/Halifax"]),
    ("UNTIL in UTC", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=America/Halifax:20261006T200000\nRRULE:FREQ=DAILY;UNTIL=20261007T230000Z"), ["A 10-06T20:00– America/Halifax", "A 10-07T20:00– America/Halifax"]),
    ("a start that the rule does not hit counts", calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261006\nRRULE:FREQ=WEEKLY;BYDAY=FR;COUNT=2"), ["A 10-06–10-06", "A 10-09–10-09"]),
    ("further dates and periods", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRDATE:20261008T090000\nRDATE;VALUE=PERIOD:20261009T100000/PT1H"), ["A 10-06T09:00–", "A 10-08T09:00–", "A 10-09T10:00–"]),
    ("an EXDATE that is a day", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:FREQ=DAILY;COUNT=2\nEXDATE;VALUE=DATE:20261007"), ["A 10-06T09:00–"]),
    ("an EXRULE", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:FREQ=DAILY;COUNT=4\nEXRULE:FREQ=DAILY;INTERVAL=2"), ["A 10-07T09:00–", "A 10-09T09:00–"]),
    ("two rules", calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261006\nRRULE:FREQ=DAILY;COUNT=2\nRRULE:FREQ=WEEKLY;COUNT=2"), ["A 10-06–10-06", "A 10-07–10-07", "A 10-13–10-13"]),
    ("a changed occurrence", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:FREQ=DAILY;COUNT=2", "UID:a\nRECURRENCE-ID:20261007T090000\nSUMMARY:B\nDTSTART:20261008T100000"), ["A 10-06T09:00–", "B 10-08T10:00–"]),
    ("this and all that follow", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:FREQ=DAILY;COUNT=3", "UID:a\nRECURRENCE-ID;RANGE=THISANDFUTURE:20261007T090000\nSUMMARY:B\nDTSTART:20261007T110000"), ["A 10-06T09:00–", "B 10-07T11:00–", "B 10-08T11:00–"]),
    ("the same UID twice", calendar("UID:a\nSUMMARY:A\nSEQUENCE:2\nDTSTART;VALUE=DATE:20261006", "UID:a\nSUMMARY:B\nSEQUENCE:1\nDTSTART;VALUE=DATE:20261007"), ["A 10-06–10-06"]),
    ("bad folding and bare breaks", calendar("UID:a\nSUMMARY:Long\n  title\nDESCRIPTION:one\ntwo, which is no property\nDTSTART;VALUE=DATE:20261006").replace("\r", ""), ["Long title 10-06–10-06"]),
    ("old dates with dashes", calendar("UID:a\nSUMMARY:A\nDTSTART:2026-10-06T09:00:00Z"), ["A 10-06T09:00– UTC"]),
    ("a list of several calendars", calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261006") + calendar("UID:b\nSUMMARY:B\nDTSTART;VALUE=DATE:20261007"), ["A 10-06–10-06", "B 10-07–10-07"]),
    ("a time that the clock skips", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=America/Halifax:20270314T023000"), ["A 03-14T03:30– America/Halifax"]),
    ("and within a repeat", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=America/Halifax:20270313T023000\nRRULE:FREQ=DAILY;COUNT=3"), ["A 03-13T02:30– America/Halifax", "A 03-15T02:30– America/Halifax"]),
]  # fmt: skip


@pytest.mark.parametrize(("why", "text", "expected"), READ, ids=[why for why, _, _ in READ])
def test_calendars_are_read_as_they_mean(desk, why, text, expected):
    found, run = rows(desk, text, "--keep-going") if "Office" in text else rows(desk, text)
    assert run.status == 0, run.err
    shown = spans(found)
    if "Office" in text:  # which of the zones that agree is the machine's matter
        assert found[0]["start"] == "2026-12-24T12:00"
        return
    assert shown == expected


PROBLEMS = [
    ("endless-repeat", calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261006\nRRULE:FREQ=DAILY")),
    ("too-many-occurrences", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:FREQ=SECONDLY;COUNT=200000")),
    ("truncated-calendar", calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261006", "UID:b\nSUMMARY:B")[:-40]),
    ("bad-value", calendar("UID:a\nSUMMARY:A\nDTSTART:20261306T090000")),
    ("bad-value", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nDURATION:an hour")),
    ("bad-rule", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:FREQ=DAILY;BYEASTER=1")),
    ("bad-rule", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nRRULE:RSCALE=HEBREW;FREQ=DAILY;COUNT=2")),
    ("no-date", calendar("UID:a\nSUMMARY:A")),
    ("end-before-start", calendar("UID:a\nSUMMARY:A\nDTSTART:20261006T090000\nDTEND:20261006T080000")),
    ("unknown-zone", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=Nowhere:20261006T090000")),
    ("no-calendar", "BEGIN:VCALENDARS\r\nEND:VCALENDARS\r\n"),
]


@pytest.mark.parametrize(("code", "text"), PROBLEMS, ids=[f"{n} {code}" for n, (code, _) in enumerate(PROBLEMS)])
def test_what_cannot_be_read_is_named_by_its_line(desk, code, text):
    desk.put("in.ics", text)
    run = desk.run("convert", "in.ics", "-o", "out.csv", "--json", zone=None)
    assert run.status == 1
    assert [c for c, _ in run.codes if c not in ("zone-renamed",)] == [code]
    assert code == "no-calendar" or run.codes[0][1].startswith("line ")
    assert not (desk.folder / "out.csv").exists()


NOTES = [
    ("bare-line-breaks", READ[0][1].replace("\r", "")),
    ("zone-differs", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=America/Halifax:20261224T120000", zones=zone("America/Halifax", "-0500"))),
    ("own-zone", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=Odd:20261224T120000", zones=zone("Odd", "-0417"))),
    ("zone-renamed", calendar("UID:a\nSUMMARY:A\nDTSTART;TZID=Atlantic Standard Time:20261224T120000")),
    ("doubled-uid", next(text for why, text, _ in READ if why == "the same UID twice")),
    ("lonely-change", calendar("UID:a\nRECURRENCE-ID:20261007T090000\nSUMMARY:B\nDTSTART:20261008T100000")),
    ("skipped-occurrence", next(text for why, text, _ in READ if why == "and within a repeat")),
    ("moved-over-gap", next(text for why, text, _ in READ if why == "a time that the clock skips")),
    ("badly-folded", next(text for why, text, _ in READ if why == "bad folding and bare breaks").replace("\n", "\r\n")),
    ("stray-lines", "nonsense\r\n" + READ[0][1]),
    ("no-events", READ[0][1].replace("END:VCALENDAR", "BEGIN:VTODO\r\nUID:t\r\nEND:VTODO\r\nEND:VCALENDAR")),
]  # fmt: skip


@pytest.mark.parametrize(("code", "text"), NOTES, ids=[code for code, _ in NOTES])
def test_what_was_decided_is_said(code, text):
    sheet = read_calendar(text, "in.ics", CalendarChoices(preferred="America/Halifax"))
    assert [problem.code for problem in sheet.problems] == [code]
    assert len(sheet.series) >= 1


def test_endless_repeats_need_a_bound_and_days_choose(desk):
    text = calendar("UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20200106\nRRULE:FREQ=WEEKLY")
    found, run = rows(desk, text, "--from", "2026-10-01", "--to", "2026-10-20")
    assert spans(found) == ["A 10-05–10-05", "A 10-12–10-12", "A 10-19–10-19"]
    assert "2 events" not in run.err
    shown = desk.run("inspect", "in.ics", zone=None)
    assert shown.status == 0
    assert "1, 1 repeating = 53 dated" in shown.out


def test_a_calendar_to_a_calendar_keeps_what_it_does_not_know(desk):
    event = "UID:keep-me\nSUMMARY:Tea\\, then \\nrowing\nDTSTART:20261006T090000Z\nX-BOAT;KIND=dory:Auk\nSEQUENCE:3\nGEO:44.6;-63.5\nATTENDEE;CN=Ada Brandt;ROLE=CHAIR:mailto:ada@example.org\nBEGIN:VALARM\nACTION:AUDIO\nTRIGGER;RELATED=END:PT5M\nEND:VALARM"
    desk.put("in.ics", calendar(event, "UID:b\nSUMMARY:B\nDTSTART:20261007T090000Z\nSTATUS:CANCELLED"))
    run = desk.run(
        "convert", "in.ics", "-o", "out.ics", "--to-zone", "America/Halifax", "--without", "status=cancelled", zone=None
    )
    assert run.status == 0, run.err
    (event,) = events_in(desk.folder / "out.ics")
    assert told(event) == "Tea, then \nrowing 2026-10-06 06:00–06:00"
    assert (event["UID"], event["X-BOAT"], event["SEQUENCE"]) == ("keep-me", "Auk", 3)
    assert event["X-BOAT"].params["KIND"] == "dory"
    assert event["ATTENDEE"].params["ROLE"] == "CHAIR"
    assert event.walk("VALARM")[0]["ACTION"] == "AUDIO"


def test_several_calendars_become_one_and_one_several(desk):
    desk.put(
        "a.ics",
        calendar(
            "UID:a\nSUMMARY:A\nDTSTART;VALUE=DATE:20261006\nCATEGORIES:Yard",
            "UID:b\nSUMMARY:B\nDTSTART;VALUE=DATE:20261007\nCATEGORIES:Loft",
        ),
    )
    desk.put("b.ics", calendar("UID:b\nSUMMARY:B moved\nDTSTART;VALUE=DATE:20261009"))
    desk.put("c.csv", "Title,Date\nC,2026-10-10\n")
    run = desk.run("convert", "a.ics", "b.ics", "c.csv", "-o", "all.ics")
    assert run.status == 0, run.err
    assert sorted(event["SUMMARY"] for event in events_in(desk.folder / "all.ics")) == ["A", "B moved", "C"]
    assert "same UID" in run.err
    assert desk.run("convert", "a.ics", "-o", "parts", "--split", "categories", zone=None).status == 0
    assert sorted(path.name for path in (desk.folder / "parts").iterdir()) == ["Loft.ics", "Yard.ics"]


EVENT = "UID:a\nSUMMARY:A\nDTSTART:20261006T090000\n"
HOSTILE = [
    ("cut off 50,000 deep", "BEGIN:VCALENDAR\r\n" + "BEGIN:VEVENT\r\n" * 50_000),
    ("a length beyond all years", calendar("UID:a\nSUMMARY:A\nDTSTART:99991231T230000Z\nDURATION:P999999W")),
    ("the first of all days", calendar("UID:a\nSUMMARY:A\nDTSTART:00010101T000000\nRRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30;COUNT=5")),
    ("empty parameters", "BEGIN:VCALENDAR\r\n" + ";=" * 100_000),
    ("a count of 10^12", calendar(f"{EVENT}RRULE:FREQ=SECONDLY;COUNT=1000000000000")),
    ("endless seconds", calendar(f"{EVENT}RRULE:FREQ=SECONDLY")),
    ("an interval of 10^14", calendar(f"{EVENT}RRULE:FREQ=DAILY;INTERVAL=100000000000000;COUNT=3")),
    ("a line of a million letters", calendar(f"{EVENT}DESCRIPTION:{'x' * 1_000_000}\nX-{'Y' * 100_000};P={'z;' * 100_000}")),
    ("100,000 dates left out", calendar(EVENT + "RRULE:FREQ=DAILY;COUNT=9\n" + "\n".join(f"EXDATE:2{k:05}06T090000"[:22] for k in range(100_000)))),
    ("nothing but NULs", b"BEGIN:VCALENDAR\r\n" + b"\0" * 100_000),
    ("an encoding that lies", calendar(EVENT).encode("utf-16-le")),
    ("letters of no encoding", b"BEGIN:VCALENDAR\r\nX:" + bytes(range(128, 256)) * 50),
]  # fmt: skip


@pytest.mark.parametrize(("why", "content"), HOSTILE, ids=[why for why, _ in HOSTILE])
def test_a_hostile_calendar_gets_a_clear_answer_soon(desk, why, content):
    desk.put("in.ics", content)
    run = desk.run("convert", "in.ics", "-o", "out.csv", zone=None)
    assert run.status in (0, 1)
    assert run.err or "dated event" in run.out


@st.composite
def repeating(draw):
    """Random events with a rule, exceptions and further dates, as text and as a start."""
    start = draw(st.datetimes(datetime(2026, 1, 1), datetime(2026, 12, 1))).replace(microsecond=0, second=0, hour=12)
    rule = draw(
        st.sampled_from(
            [
                "FREQ=DAILY",
                "FREQ=WEEKLY;BYDAY=MO,TH",
                "FREQ=MONTHLY;BYMONTHDAY=3,-1",
                "FREQ=MONTHLY;BYDAY=2TU",
                "FREQ=YEARLY",
            ]
        )
    )
    start = next(expand(parse_rule(rule), start))  # the judge leaves out a start that its rule does not hit
    parts = [f"RRULE:{rule};INTERVAL={draw(st.integers(1, 3))};COUNT={draw(st.integers(1, 12))}"]
    for days in draw(st.lists(st.integers(0, 40), max_size=3, unique=True)):
        parts.append(f"EXDATE;TZID=America/Halifax:{start + timedelta(days=days):%Y%m%dT%H%M%S}")
    return start, "\n".join(parts)


@settings(max_examples=80, deadline=None)
@given(repeating())
def test_unrolled_repeats_agree_with_a_judge(event):
    start, parts = event
    text = calendar(
        f"UID:a\nSUMMARY:A\nDTSTART;TZID=America/Halifax:{start:%Y%m%dT%H%M%S}\nDURATION:PT1H\n{parts}",
        zones=zone("America/Halifax"),
    )
    sheet = read_calendar(text, "in.ics", CalendarChoices())
    ours = sorted(occurrence.start for series in sheet.series for occurrence in series.occurrences)
    judged = recurring_ical_events.of(icalendar.Calendar.from_ical(text)).between(date(2025, 12, 1), date(2060, 1, 1))
    hits = {moment.start.replace(tzinfo=None) for moment in judged}
    assert set(ours) == hits


texts = (
    st.text(st.characters(blacklist_categories=["Cs", "Cc", "Zl", "Zp"]), min_size=1, max_size=30)
    .map(lambda text: " ".join(text.split()))
    .filter(
        lambda text: text and text[0].isalpha() and not text.lower().startswith(("example", "sample", "e.g", "total"))
    )
)


@st.composite
def series(draw):
    start = draw(st.datetimes(datetime(2026, 9, 1), datetime(2027, 6, 30)))
    start = start.replace(microsecond=0, second=0)
    if draw(st.booleans()):
        first = datetime.combine(start.date(), datetime.min.time())
        occurrence = Occurrence(first, first + timedelta(days=draw(st.integers(1, 4))), True, "UTC")
    else:
        length = timedelta(minutes=draw(st.integers(0, 3000)))
        occurrence = Occurrence(start, start + length, False, draw(st.sampled_from(["", "UTC", "Asia/Tokyo"])))
    return Series(
        draw(texts), (occurrence,), draw(st.just("") | texts), draw(st.just("") | texts),
        status=draw(st.sampled_from(["", "CONFIRMED", "CANCELLED"])), visibility=draw(st.sampled_from(["", "PRIVATE"])),
        busy=draw(st.sampled_from(["", "FREE"])), reminders=draw(st.sampled_from([(), (timedelta(minutes=15),), (timedelta(days=1), timedelta(hours=2))])),
        id=f"{draw(st.uuids())}@example.org",
    )  # fmt: skip


def said(found):
    """What events say, in order; days have no zone."""
    return sorted(
        (s.id, s.summary, [(o.start, o.end, o.all_day, "" if o.all_day else o.zone) for o in s.occurrences], s.location,
         s.description, s.status, s.visibility, s.busy, s.reminders) for s in found
    )  # fmt: skip


@settings(max_examples=150, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(st.lists(series(), min_size=1, max_size=5, unique_by=lambda one: one.id))
def test_events_survive_the_way_through_ics_and_rows_and_back(tmp_path_factory, events):
    text = b"".join(render_calendar(Calendar.of("c", events), datetime(2026, 9, 1).astimezone())).decode()
    back = read_calendar(text, "c.ics", CalendarChoices()).series
    assert said(back) == said(events)
    path = Path(tmp_path_factory.getbasetemp()) / "rows.csv"
    path.write_bytes(b"".join(render_csv(ROW_FIELDS, event_rows(Calendar.of("c", back)))))
    headings = Headings(EVENT_SHEET)
    table, _ = find_table(choose_grid(path, EVENT_SHEET, TableChoices())[0], headings)
    matches, _ = match_columns(table, {}, headings)
    sheet = read_events(table, matches, EventChoices("UTC", zone_stated=False))
    assert not sheet.refused, sheet.problems
    assert said(sheet.series) == said(events)


STYLES = [
    (["--headings", "Subject,Start Date,Start Time,End Date,Where=location,Note="], "Subject,Start Date,Start Time,End Date,Where,Note", "Tea,2026-10-06,09:00,2026-10-06,Loft,"),
    (["--write-dates", "%d/%m/%Y", "--write-times", "%I:%M %p", "--headings", "Name,Begin,weekday"], "Name,Begin,weekday", "Tea,06/10/2026 09:00 AM,Tuesday"),
    (["--delimiter", "semicolon", "--encoding", "cp1252", "--headings", "What,Where"], "What;Where", "Tea;Loft"),
]  # fmt: skip


@pytest.mark.parametrize(("options", "head", "row"), STYLES, ids=range(len(STYLES)))
def test_rows_look_as_another_program_wants_them(desk, options, head, row):
    desk.put("in.csv", "Title,Date,Start,End,Place\nTea,2026-10-06,9:00,10:00,Loft\n")
    assert desk.run("convert", "in.csv", "-o", "out.csv", *options).status == 0
    lines = (desk.folder / "out.csv").read_bytes().decode("utf-8-sig").splitlines()
    assert lines == [head, row]
    desk.put(
        "nomarium.toml",
        '[rows]\nheadings = "What,start_date"\ndates = "%d.%m.%Y"\ndelimiter = "tab"\n[year]\nterms = "t.csv"\n',
    )
    desk.put("t.csv", "Term,First day,Last day\nA,2026-09-08,2026-12-18\n")
    assert desk.run("convert", "in.csv", "-o", "out.csv", "--force", "--plan", "nomarium.toml").status == 0
    assert (desk.folder / "out.csv").read_bytes().decode("utf-8-sig").splitlines() == [
        "What\tstart_date",
        "Tea\t06.10.2026",
    ]


@pytest.mark.parametrize(
    ("option", "words"),
    [
        (["--headings", "Subjet,Foo"], "is no heading that is known"),
        (["--headings", "Subject=summry"], "Did you mean summary?"),
        (["--write-dates", "dd/mm/yyyy"], "is no form such as %d/%m/%Y"),
        (["--write-times", "%d"], "is no form such as %H:%M"),
        (["--delimiter", "dash"], "is no delimiter"),
        (["--encoding", "klingon"], "There is no encoding"),
    ],
)
def test_styles_that_say_nothing_are_refused(desk, option, words):
    desk.put("in.csv", "Title,Date\nTea,2026-10-06\n")
    run = desk.run("convert", "in.csv", "-o", "out.csv", *option)
    assert run.status == 2
    assert words in run.err


def test_a_letter_that_an_encoding_lacks_is_named(desk):
    desk.put("in.csv", "Title,Date\n茶,2026-10-06\n")
    run = desk.run("convert", "in.csv", "-o", "out.csv", "--encoding", "cp1252")
    assert run.status == 1
    assert "The encoding cp1252 has no “茶”." in run.err
    assert not (desk.folder / "out.csv").exists()


SLOPPY = "".join(chr(code) for code in (*range(32, 40), 9, 58, 59, 61, 65, 66, 92, 110))


@given(st.lists(st.text(SLOPPY, max_size=12), max_size=12), st.booleans())
@settings(max_examples=300, deadline=None)
def test_the_quick_way_and_the_careful_way_read_the_same_lines(lines, folded):
    text = "\r\n".join([f"NAME;A=B:{line}" if folded and number % 2 else line for number, line in enumerate(lines)])
    quick = clean_lines(text)
    if quick is not None:
        sloppiness = Sloppiness()
        assert quick == list(sloppy_lines(text, sloppiness))
        assert sloppiness == Sloppiness()
