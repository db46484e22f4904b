"""What the command ``weed`` does: finds the events of a calendar file that stand twice, and writes it without them."""

from __future__ import annotations

import csv
import io
from collections.abc import Callable, Sequence, Set
from dataclasses import dataclass, field
from datetime import datetime, timedelta
from enum import StrEnum
from pathlib import Path
from typing import TYPE_CHECKING, Any

from nomarium.core.calendars import Double, Likeness, find_doubles, find_longer, find_moved
from nomarium.core.ics import (
    CalendarChoices,
    changed_at,
    read_calendar,
    unsound_calendar,
    unsound_line,
    without_events,
)
from nomarium.core.problems import Place, Problem, WrongCall, has_errors
from nomarium.core.tables import guarded, read_text

if TYPE_CHECKING:
    from nomarium.core.sources import Series

_COLUMNS = ("uid", "title", "start", "end", "location", "kept_uid", "kept_title", "line")


class Keep(StrEnum):
    """Which of several events that are one stays."""

    FULLEST = "fullest"
    """The one of which most fields say something; of two that say as much, the first."""
    NEWEST = "newest"
    OLDEST = "oldest"
    """By when they were last changed."""
    LONGEST = "longest"
    """The one with the longest title, then the longest text."""


@dataclass(slots=True)
class Weeded:
    """What came of a calendar file: its events, those that go, and the file without these."""

    events: int
    doubles: list[Double] = field(default_factory=list)
    """Events that stand twice, in the order of their times: each that goes, with the one that stays."""
    perhaps: list[Double] = field(default_factory=list)
    """Events that may be one, moved; both stay."""
    taken: list[Series] = field(default_factory=list)
    """Events that go since they were put in by what is taken out."""
    missing: int = 0
    """How many events of that are not in the calendar."""
    problems: list[Problem] = field(default_factory=list)
    text: str = ""


@dataclass(frozen=True, slots=True)
class WeedChoices:
    """What was said about what stands twice."""

    alike_only: bool = False
    """Titles may only differ by capitals, spaces and signs."""
    moved: bool = False
    """Whether events that may be one, moved, are taken for one."""
    keep: Keep = Keep.FULLEST


def weed(path: Path, zone: str, choices: WeedChoices = WeedChoices()) -> Weeded:
    """Find what stands twice in a calendar file. Raises WrongCall for a file that is none.

    ``zone`` is where floating times are told.
    """
    text, events, problems = _read(path, zone)
    found = Weeded(len(events), problems=problems)
    doubles = find_doubles(events, alike_only=choices.alike_only)
    doubles += [] if choices.alike_only else find_longer(events)
    gone = {id(double.other) for double in doubles}
    moved = find_moved(event for event in events if id(event) not in gone)
    doubles += moved if choices.moved else []
    found.perhaps = [] if choices.moved else sorted(moved, key=_start)
    found.doubles = sorted(_chosen(doubles, choices.keep, text), key=_start)
    if not has_errors(problems):
        found.text = _without(text, [double.other for double in found.doubles])
    return found


def take_out(path: Path, zone: str, uids: Set[str]) -> Weeded:
    """Find the events of some UIDs in a calendar file, to be taken out. Raises WrongCall for a file that is none."""
    text, events, problems = _read(path, zone)
    taken = [event for event in events if event.id in uids]
    found = Weeded(len(events), taken=taken, missing=len(uids - {event.id for event in taken}), problems=problems)
    if not has_errors(problems):
        found.text = _without(text, taken)
    return found


def _read(path: Path, zone: str) -> tuple[str, list[Series], list[Problem]]:
    source = read_text(path)
    if source is None or not source.is_calendar:
        raise WrongCall(f"“{path}” is no calendar file.", "Export the calendar as .ics.")
    read = read_calendar(source.text, path.name, CalendarChoices("", zone, rules=True))
    events = [one for one in read.series if one.replaces is None]
    unsound = unsound_line(source.text)
    row = unsound[0] if unsound else 0
    broken = [unsound_calendar(Place(path.name, None, f"line {row}", row), unsound[1])] if unsound else []
    return source.text, events, [*source.problems, *read.problems, *broken]


def _without(text: str, gone: Sequence[Series]) -> str:
    return without_events(text, {one.id for one in gone if one.id}, {one.place.row for one in gone if not one.id})


def _start(double: Double) -> tuple[datetime, str]:
    return double.other.occurrences[0].start, double.other.summary


def _chosen(doubles: Sequence[Double], keep: Keep, text: str) -> list[Double]:
    """Return each event that goes, once, with the one that stays of those that are one with it."""
    of_event: dict[int, dict[int, tuple[Series, Likeness]]] = {}
    for double in doubles:
        known = [of_event[id(one)] for one in (double.kept, double.other) if id(one) in of_event]
        group = known[0] if known else {}
        for other in known[1:]:
            group.update(other)
        group.setdefault(id(double.kept), (double.kept, double.likeness))
        group[id(double.other)] = (double.other, double.likeness)
        of_event.update(dict.fromkeys(group, group))
    several = list({id(group): group for group in of_event.values()}.values())
    worth = _worth(keep, text)
    found = []
    for group in several:
        events = [event for event, _ in group.values()]
        stays = max(events, key=worth) if worth else events[0]
        found += [
            Double(stays, event, group[id(stays)][1] if likeness is Likeness.TITLE else likeness)
            for event, likeness in group.values()
            if event is not stays
        ]
    return found


def _worth(keep: Keep, text: str) -> Callable[[Series], Any] | None:
    """Return what an event is measured by; None where the first one stays."""
    if keep is Keep.LONGEST:
        return lambda event: (len(event.summary), len(event.description))
    if keep is Keep.FULLEST:
        return None
    changed = changed_at(text)
    sign = 1 if keep is Keep.NEWEST else -1
    order = {stamp: sign * place for place, stamp in enumerate(sorted(set(changed.values())))}
    return lambda event: order[changed[event.place.row]]


def dropped_rows(found: Weeded) -> bytes:
    """Return CSV (UTF-8 with a mark) of the events that go, each with the one that stays in its place."""
    text = io.StringIO(newline="")
    writer = csv.writer(text, lineterminator="\r\n")
    writer.writerow(_COLUMNS)
    pairs: list[tuple[Series, Series | None]] = [(double.other, double.kept) for double in found.doubles]
    pairs += [(event, None) for event in found.taken]
    for other, kept in pairs:
        start, end = when_of(other)
        said = (kept.id, kept.summary) if kept else ("", "")
        row = (other.id, other.summary, start, end, other.location, *said)
        writer.writerow([*map(guarded, row), other.place.row])
    return text.getvalue().encode("utf-8-sig")


def when_of(event: Series) -> tuple[str, str]:
    """Return the first start and end of an event as rows have them: "2026-09-08T09:00"; dates inclusive."""
    first = event.occurrences[0]
    if first.all_day:
        return first.start.date().isoformat(), (first.end - timedelta(days=1)).date().isoformat()
    return f"{first.start:%Y-%m-%dT%H:%M}", f"{first.end:%Y-%m-%dT%H:%M}"
