"""Each occurrence of a calendar as a row of texts."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator
from datetime import datetime, timedelta
from typing import TYPE_CHECKING

from nomarium.core.columns import ROW_FIELDS
from nomarium.core.ics.rule_lines import standard_rule
from nomarium.core.problems import Place, Problem, note
from nomarium.core.values import counted

if TYPE_CHECKING:
    from nomarium.core.calendars import Calendar
    from nomarium.core.sources import Occurrence, Series

__all__ = ["ROW_FIELDS", "event_rows", "not_in_rows"]


def event_rows(calendar: Calendar, *, rules: bool = False) -> Iterator[list[str]]:
    """Yield the values of ROW_FIELDS for each occurrence, in order; with ``rules`` also those of RULE_FIELDS.

    Times are local times of ``zone`` ("2026-09-08T09:00"), all-day events are dates, their end the last day.
    """
    uids = iter(calendar.uids)
    for series in calendar.series:
        said = _said(series)
        for occurrence in series.occurrences:
            start, end = _span(occurrence)
            all_day = "yes" if occurrence.all_day else ""
            zone = "" if occurrence.all_day else occurrence.zone
            repeat, *more = rule_cells(series, occurrence)
            row = [next(uids), series.summary, start, end, all_day, *said, zone, repeat]
            yield [*row, *more] if rules else row


_MOST_NAMED = 6
_ABOUT_CHANGES = frozenset({"DTSTAMP", "CREATED", "LAST-MODIFIED"})


def not_in_rows(calendar: Calendar, place: Place) -> list[Problem]:
    """Tell which properties of events rows have no place for, and what brings them back."""
    found: Counter[str] = Counter()
    for series in calendar.series:
        names = {line.replace(";", ":", 1).partition(":")[0].upper() for line in _outer(series.extra)} - _ABOUT_CHANGES
        if any(person.parameters for person in series.attendees):
            names.add("parameters of ATTENDEE")
        found.update(dict.fromkeys(sorted(names), len(series.occurrences)))
    if not found:
        return []
    named = [f"{name} ({counted(count, 'event')})" for name, count in found.most_common(_MOST_NAMED)]
    more = f" and {len(found) - _MOST_NAMED} more" if len(found) > _MOST_NAMED else ""
    return [
        note(
            "not-in-rows",
            place,
            f"Rows have no place for what the calendar says of {', '.join(named)}{more}.",
            advice="Where the rows become a calendar again, --since with that calendar brings it back.",
        )
    ]


def _outer(lines: Iterable[str]) -> Iterator[str]:
    """Yield the lines of an event itself, and the first one of each part of it."""
    depth = 0
    for line in lines:
        name = line.partition(":")[0].upper()
        if name == "BEGIN" and not depth:
            yield line.partition(":")[2]
        depth += (name == "BEGIN") - (name == "END")
        if not depth and name != "END":
            yield line


def rule_cells(series: Series, occurrence: Occurrence) -> list[str]:
    """Return how an event repeats: its rules, dates left out, further dates, and the occurrence that it stands for."""
    found = series.recurrence
    replaces = _start_cell(series.replaces, occurrence) if series.replaces else ""
    if found is None:
        return ["", "", "", replaces]
    rules = [f"RRULE:{standard_rule(rule, occurrence)}" for rule in found.rules]
    rules += [f"EXRULE:{standard_rule(rule, occurrence)}" for rule in found.except_rules]
    left_out = [_start_cell(start, occurrence) for start in sorted(found.except_dates)]
    left_out += [day.isoformat() for day in sorted(found.except_days)]
    also = [_start_cell(start, occurrence) for start in found.dates]
    return ["\n".join(rules), "; ".join(left_out), "; ".join(also), replaces]


def _start_cell(start: datetime, occurrence: Occurrence) -> str:
    return start.date().isoformat() if occurrence.all_day else _moment(start)


def _span(occurrence: Occurrence) -> tuple[str, str]:
    if occurrence.all_day:
        return occurrence.start.date().isoformat(), (occurrence.end - timedelta(days=1)).date().isoformat()
    end = "" if occurrence.end == occurrence.start else _moment(occurrence.end)
    return _moment(occurrence.start), end


def _moment(moment: datetime) -> str:
    return moment.isoformat(timespec="seconds" if moment.second else "minutes")


def _said(series: Series) -> list[str]:
    """Return the values from location to reminders."""
    return [
        series.location,
        series.description,
        "; ".join(series.categories),
        series.url,
        series.status.lower(),
        series.visibility.lower(),
        series.busy.lower(),
        str(series.organizer or ""),
        "; ".join(map(str, series.attendees)),
        "; ".join(map(length_words, series.reminders)),
    ]


def length_words(length: timedelta) -> str:
    """Return a length as a person writes it and as it is read again: "1 day", "1h 30min"."""
    days, seconds = divmod(round(length.total_seconds()), 86_400)
    hours, minutes = seconds // 3600, seconds // 60 % 60
    parts = [
        f"{days} day{'s' if days > 1 else ''}" if days else "",
        f"{hours}h" if hours else "",
        f"{minutes}min" if minutes else "",
    ]
    return " ".join(filter(None, parts)) or "0min"
