"""What the command ``weed`` does: finds the events of a calendar file that stand twice, and writes it without them."""

from __future__ import annotations

import csv
import io
from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import timedelta
from pathlib import Path

from nomarium.core.calendars import Double, find_doubles
from nomarium.core.ics import CalendarChoices, read_calendar, without_events
from nomarium.core.problems import Problem, WrongCall, has_errors
from nomarium.core.sources import Series
from nomarium.core.tables import guarded, read_text

_COLUMNS = ("uid", "title", "start", "end", "location", "kept_uid", "kept_title", "line")


@dataclass(slots=True)
class Weeded:
    """What came of a calendar file: its events, those that stand twice, and the file without these."""

    events: int
    doubles: list[Double]
    problems: list[Problem] = field(default_factory=list)
    text: str = ""


def weed(path: Path, zone: str, *, alike_only: bool) -> Weeded:
    """Find what stands twice in a calendar file. Raises WrongCall for a file that is none.

    ``zone`` is where floating times are told; with ``alike_only`` titles may only differ by capitals, spaces and signs.
    """
    source = read_text(path)
    if source is None or not source.is_calendar:
        raise WrongCall(f"“{path}” is no calendar file.", "Export the calendar as .ics.")
    read = read_calendar(source.text, path.name, CalendarChoices("", zone, rules=True))
    events = [one for one in read.series if one.replaces is None]
    found = Weeded(len(events), find_doubles(events, alike_only=alike_only), [*source.problems, *read.problems])
    if not has_errors(found.problems):
        gone = [double.other for double in found.doubles]
        lines = {one.place.row for one in gone if not one.id}
        found.text = without_events(source.text, {one.id for one in gone if one.id}, lines)
    return found


def dropped_rows(doubles: Sequence[Double]) -> bytes:
    """Return CSV (UTF-8 with a mark) of the events that go, each with the one that stays in its place."""
    text = io.StringIO(newline="")
    writer = csv.writer(text, lineterminator="\r\n")
    writer.writerow(_COLUMNS)
    for double in doubles:
        other, kept = double.other, double.kept
        start, end = when_of(other)
        row = (other.id, other.summary, start, end, other.location, kept.id, kept.summary)
        writer.writerow([*map(guarded, row), other.place.row])
    return text.getvalue().encode("utf-8-sig")


def when_of(event: Series) -> tuple[str, str]:
    """Return the first start and end of an event as rows have them: "2026-09-08T09:00"; dates inclusive."""
    first = event.occurrences[0]
    if first.all_day:
        return first.start.date().isoformat(), (first.end - timedelta(days=1)).date().isoformat()
    return f"{first.start:%Y-%m-%dT%H:%M}", f"{first.end:%Y-%m-%dT%H:%M}"
