"""A list of events in any of the styles and layouts that people use reads back as the same events, or is refused."""

import csv
import io
from datetime import date, datetime, time, timedelta
from pathlib import Path
from tempfile import TemporaryDirectory

from hypothesis import HealthCheck, assume, given, settings
from hypothesis import strategies as st

from nomarium.core.conversion import Request, convert
from nomarium.core.sources import EventChoices

MONTHS = {
    "de": "Januar Februar März April Mai Juni Juli August September Oktober November Dezember".split(),
    "fr": "janvier février mars avril mai juin juillet août septembre octobre novembre décembre".split(),
}
WEEKDAYS = {"pt": "segunda-feira terça-feira quarta-feira quinta-feira sexta-feira sábado domingo".split()}
DAYS = {
    "iso": lambda d: d.isoformat(),
    "dmy": lambda d: f"{d.day}/{d.month}/{d.year}",
    "mdy": lambda d: f"{d.month:02}-{d.day:02}-{d.year}",
    "dots": lambda d: f"{d.day:02}.{d.month:02}.{d.year}",
    "ymd": lambda d: f"{d.year}/{d.month}/{d.day}",
    "short": lambda d: f"{d.day:02}/{d.month:02}/{d.year % 100:02}",
    "words": lambda d: f"{d.day} {d:%B} {d.year}",
    "american": lambda d: f"{d:%b} {d.day}, {d.year}",
    "weekday": lambda d: f"{d:%a} {d.day}/{d.month}/{d.year}",
    "compact": lambda d: f"{d:%Y%m%d}",
    "german": lambda d: f"{d.day}. {MONTHS['de'][d.month - 1]} {d.year}",
    "french": lambda d: f"{d.day} {MONTHS['fr'][d.month - 1]} {d.year}",
    "portuguese": lambda d: f"{WEEKDAYS['pt'][d.weekday()]}, {d.day}/{d.month}/{d.year}",
}
CLOCKS = {
    "24": lambda t: f"{t:%H:%M}",
    "12": lambda t: f"{t.hour % 12 or 12}:{t.minute:02} {'AM' if t.hour < 12 else 'PM'}",
    "dotted": lambda t: f"{t.hour % 12 or 12}.{t.minute:02}{'am' if t.hour < 12 else 'pm'}",
    "h": lambda t: f"{t.hour}h{t.minute:02}",
    "bare": lambda t: f"{t.hour % 12 or 12}:{t.minute:02}",
}
HEADINGS = [
    ("Title", "Date", "Start time", "End time", "Notes"),
    ("EVENT", "Day", "From", "To", "Remarks"),
    ("What", "Start date", "Begins", "Finish", "Comments"),
    ("Event name", "Event date", "Time", "Until", "Details"),
    ("Titel", "Datum", "Beginn", "Ende", "Bemerkung"),
    ("Evento", "Data", "Ora inizio", "Ora fine", "Note"),
    ("Titre", "Date", "Heure de début", "Heure de fin", "Remarques"),
]
# How the columns of dates and times are laid out: their headings from the usual ones, and their cells.
DATES = {
    "one column": lambda head, day, style: ([head], [DAYS[style](day)]),
    "three columns": lambda head, day, style: (["Day", "Month", "Year"], [day.day, day.month, day.year]),
    "month in words": lambda head, day, style: (["Day", "Month", "Year"], [day.day, f"{day:%B}", day.year]),
    "weekday beside": lambda head, day, style: (["Weekday", head], [f"{day:%a}", DAYS["dmy"](day)]),
}
TIMES = {
    "start and end": lambda heads, start, end, style: (heads, [CLOCKS[style](start), CLOCKS[style](end)]),
    "am or pm at the end": lambda heads, start, end, style: (heads, [CLOCKS["bare"](start), CLOCKS["12"](end)]),
    "length": lambda heads, start, end, style: (
        [heads[0], "Length"],
        [CLOCKS[style](start), LENGTHS[start.minute // 15](divmod((end - start).seconds // 60, 60))],
    ),
    "minutes": lambda heads, start, end, style: (
        [heads[0], "Minutes"],
        [CLOCKS[style](start), (end - start).seconds // 60],
    ),
    "in one cell": lambda heads, start, end, style: (["Time"], [f"{CLOCKS[style](start)} – {CLOCKS[style](end)}"]),
}
LENGTHS = [
    lambda parts: f"{parts[0]}h{parts[1]:02}",
    lambda parts: f"{parts[0] * 60 + parts[1]}'",
    lambda parts: f"{parts[0]}:{parts[1]:02} hrs",
    lambda parts: f"{parts[0]} h {parts[1]} min",
]
titles = st.text(st.characters(codec="utf-8", exclude_categories=("C", "Z")), min_size=1, max_size=12).map("T".__add__)
notes = st.text(st.sampled_from("ab ,;|\t\"'\n=+@/1.é漢"), max_size=20)
starts = st.builds(
    lambda day, quarter: datetime.combine(date(2026, 9, 1) + timedelta(days=day), time(quarter // 4, quarter % 4 * 15)),
    st.integers(0, 300),
    st.integers(4 * 7, 4 * 18 - 1),
)
events = st.tuples(titles, starts, st.integers(15, 240), notes)
# Codes of what may be said about an event that is right all the same.
HARMLESS = {"identical-events", "night-start", "encoding-guessed", "unsure-column", "ends-next-day", "half-of-end"}


@settings(deadline=None, max_examples=200, suppress_health_check=list(HealthCheck))
@given(
    rows=st.lists(events, min_size=1, max_size=12, unique_by=lambda row: row[:2]),
    day=st.sampled_from(list(DAYS)),
    clock=st.sampled_from(list(CLOCKS)),
    headings=st.sampled_from(HEADINGS),
    delimiter=st.sampled_from(",;\t|"),
    encoding=st.sampled_from(["utf-8", "utf-8-sig", "utf-16", "cp1252"]),
    line_end=st.sampled_from(["\r\n", "\n", "\r"]),
    titled=st.booleans(),
    dates=st.sampled_from(list(DATES)),
    times=st.sampled_from(list(TIMES)),
)
def test_the_same_events_or_a_refusal_never_others(
    rows, day, clock, headings, delimiter, encoding, line_end, titled, dates, times
):
    text = io.StringIO(newline="")
    writer = csv.writer(text, delimiter=delimiter, lineterminator=line_end)
    if titled:
        writer.writerows([["Our events"], []])
    expected = []
    for number, (title, start, minutes, note) in enumerate(rows):
        end = start + timedelta(minutes=minutes)
        date_heads, date_cells = DATES[dates](headings[1], start, day)
        time_heads, time_cells = TIMES[times](list(headings[2:4]), start, end, clock)
        if not number:
            writer.writerow([headings[0], *date_heads, *time_heads, headings[4]])
        writer.writerow([title, *date_cells, *time_cells, note])
        expected.append((title.strip(), start, end))
    data = text.getvalue().encode(encoding, "replace")
    assume(encoding != "cp1252" or data.isascii() or not (_is_utf_8(data) or _is_mostly_foreign(data)))
    if encoding == "cp1252":
        expected = [(title.encode(encoding, "replace").decode(encoding).strip(), *when) for title, *when in expected]
    with TemporaryDirectory() as folder:
        path = Path(folder, "list.csv")
        path.write_bytes(data)
        result = convert(Request([path], "List", EventChoices("America/Halifax")))
    found = [(s.summary, s.occurrences[0].start, s.occurrences[0].end) for s in result.calendar.series]
    errors = [problem for problem in result.problems if problem.severity == "error"]
    if not errors:
        told = {problem.code for problem in result.problems} - HARMLESS
        assert found == expected or told, (data.decode(encoding), result.problems)
        assert sum(sheet.rows for sheet in result.sheets) == len(found) + sum(s.left_out.total() for s in result.sheets)
    assert not set(found) - set(expected), data.decode(encoding)


def _is_mostly_foreign(data):
    """Nor can they where hardly a letter is ASCII: it could be Greek or Russian."""
    return sum(byte >= 0x80 for byte in data) >= 20


def _is_utf_8(data):
    """Some Windows-1252 text is, byte for byte, UTF-8 that says something else: nobody can tell."""
    try:
        data.decode("utf-8")
    except UnicodeDecodeError:
        return False
    return True
