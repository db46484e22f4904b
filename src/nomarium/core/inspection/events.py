"""How a sheet is read, shown beforehand: columns with samples and what became of them, and the first events."""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import TYPE_CHECKING

from nomarium.core.columns import END_FIELDS, MOMENT_FIELDS, START_FIELDS, Match
from nomarium.core.tables import plain_text
from nomarium.core.values import Style, day_words, style_of

if TYPE_CHECKING:
    from nomarium.core.ics import CalendarFile
    from nomarium.core.sources import EventSheet, Occurrence, Series

SAMPLES = 2
FIRST_EVENTS = 5


@dataclass(frozen=True, slots=True)
class ColumnView:
    """One column: where it stands, what it was taken for and why, how its values were read, and samples of them."""

    letters: str
    heading: str
    field: str
    certainty: str
    why: str
    style: Style
    samples: list[tuple[str, str]]
    """(what the cell says, what it became); "" where the row made no event."""


@dataclass(frozen=True, slots=True)
class SheetView:
    """One sheet as it is read."""

    sheet: EventSheet
    columns: list[ColumnView]
    first_events: list[str]


@dataclass(frozen=True, slots=True)
class CalendarView:
    """A calendar file as it is read: (what, how much of it), and its first events."""

    sheet: CalendarFile
    facts: list[tuple[str, str]]
    first_events: list[str]


def view_calendar(sheet: CalendarFile) -> CalendarView:
    """Show what a calendar file holds."""
    occurrences = [occurrence for series in sheet.series for occurrence in series.occurrences]
    facts = [("Events", _event_counts(sheet, len(occurrences)))]
    if occurrences:
        first, last = min(o.start for o in occurrences), max(o.start for o in occurrences)
        facts.append(("Span", f"{day_words(first.date())} to {day_words(last.date())}"))
        zones = Counter("all day" if o.all_day else o.zone or "floating (no zone)" for o in occurrences)
        facts.append(("Times", _counted_words(zones)))
    for label, words in (
        ("Categories", Counter(name for series in sheet.series for name in series.categories)),
        ("Places", Counter(series.location for series in sheet.series if series.location)),
        ("Status", Counter(series.status.lower() for series in sheet.series if series.status)),
        ("Kept as is", Counter(_property_name(line) for series in sheet.series for line in series.extra)),
    ):
        if words:
            facts.append((label, _counted_words(words)))
    ordered = sorted(sheet.series, key=lambda series: series.occurrences[0].start)
    return CalendarView(sheet, facts, [event_words(series) for series in ordered[:FIRST_EVENTS]])


def _event_counts(sheet: CalendarFile, dated: int) -> str:
    counts = sheet.counts
    parts = [f"{counts['VEVENT']:,}"]
    parts += [f"{counts['repeating']:,} repeating"] if counts["repeating"] else []
    parts += [f"{counts['changed']:,} changed date{'s' * (counts['changed'] > 1)}"] if counts["changed"] else []
    return parts[0] if len(parts) == 1 else f"{', '.join(parts)} = {dated:,} dated"


def _property_name(line: str) -> str:
    return line.replace(";", ":").partition(":")[0]


_MOST_WORDS = 8


def _counted_words(words: Counter[str]) -> str:
    shown = ", ".join(f"{word} ({count:,})" for word, count in words.most_common(_MOST_WORDS))
    return shown + (f" and {len(words) - _MOST_WORDS} more" if len(words) > _MOST_WORDS else "")


def view_sheet(sheet: EventSheet) -> SheetView:
    """Show how a sheet was read."""
    by_record = {series.record: series for series in sheet.series}
    styles = {column.column.index: style_of(sheet.table, column) for column in sheet.moments}
    columns = [
        _view_column(match, styles.get(match.column.index, Style("", "")), by_record) for match in sheet.matches.all
    ]
    return SheetView(sheet, columns, [event_words(series) for series in sheet.series[:FIRST_EVENTS]])


def _view_column(match: Match, style: Style, by_record: dict[int, Series]) -> ColumnView:
    column = match.column
    samples: dict[str, str] = {}
    for record, cell in enumerate(column.cells):
        text = plain_text(cell)
        if text and text not in samples and (record in by_record or not by_record):
            samples[text] = became(by_record[record], match.field) if record in by_record else ""
        if len(samples) == SAMPLES:
            break
    why = match.why if match.field else ""
    certainty = match.certainty.value if match.field else ""
    return ColumnView(column.letters, column.heading, match.field, certainty, why, style, list(samples.items()))


def became(series: Series, name: str) -> str:
    """Return what a field of an event is, in words."""
    occurrence = series.occurrences[0]
    if name in MOMENT_FIELDS:
        return _moment_words(occurrence, name)
    if name == "duration":
        return _clock(occurrence.end)
    if name in ("all_day", "weekday", "zone", ""):
        return {"all_day": "yes" if occurrence.all_day else "no", "zone": occurrence.zone}.get(name, "")
    value = getattr(series, name, "")
    if name in ("status", "visibility", "busy"):
        return str(value).lower()
    if name == "reminders":
        return "; ".join(f"{reminder} before" for reminder in value)
    return (
        "; ".join(map(str, value)) if isinstance(value, tuple) and name in ("categories", "attendees") else str(value)
    )


def _moment_words(occurrence: Occurrence, name: str) -> str:
    last = occurrence.end - timedelta(days=occurrence.all_day)
    moment = occurrence.start if name in START_FIELDS else last
    if occurrence.all_day or name in ("start_date", "end_date"):
        same = name in END_FIELDS or last.date() == occurrence.start.date() or not occurrence.all_day
        return day_words(moment) if same else f"{day_words(moment)} to {day_words(last)}"
    if name in ("start_time", "end_time"):
        return _clock(moment)
    if name in ("when", "hours"):
        return f"{_clock(occurrence.start)}–{_clock(occurrence.end)}"
    return f"{day_words(moment)} {_clock(moment)}"


def _clock(moment: datetime) -> str:
    return f"{moment:%H:%M}"


def event_words(series: Series) -> str:
    """Return an event on one line: "Tue 8 Sep 2026  09:00–10:30  Tool check (Adze Shed)"."""
    occurrence = series.occurrences[0]
    place = f" ({series.location})" if series.location else ""
    last = occurrence.end - timedelta(days=1)
    if occurrence.all_day:
        until = f" to {day_words(last)}" if last > occurrence.start else ""
        return f"{day_words(occurrence.start)}{until}  all day  {series.summary}{place}"
    next_day = "" if occurrence.end.date() == occurrence.start.date() else f"{day_words(occurrence.end)} "
    times = f"{_clock(occurrence.start)}–{next_day}{_clock(occurrence.end)}"
    return f"{day_words(occurrence.start)}  {times}  {series.summary}{place}"
