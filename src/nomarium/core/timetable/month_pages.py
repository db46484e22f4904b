"""A month drawn as a calendar → dated events: a day number and lines of text in each cell."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from typing import TYPE_CHECKING

from nomarium.core.sources import Occurrence, Series, clock_changes
from nomarium.core.timetable import wording
from nomarium.core.values import Clock, ClockTime, scan_span
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.shapes import DrawnDay, MonthBlock
    from nomarium.core.values.time_text import Span

_LEADING_TIME = regex(
    r"(?P<time>\d{1,2}(?:[:.hu]\d{2})?\s*(?:[ap]\.?m?\.?\b)?(?:\s*[-–—]\s*\d{1,2}(?:[:.hu]\d{2})?\s*(?:[ap]\.?m?\.?\b)?)?"
    r"|noon|midday)\s*[:,–-]?\s+(?P<title>\S.*)",
    re.IGNORECASE,
)


@dataclass(slots=True)
class MonthPage:
    """What a month page gave."""

    month: date
    series: list[Series] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    lengths_assumed: int = 0


def read_month_page(
    block: MonthBlock, zone: str, length: timedelta, earliest_hour: int | None = None
) -> MonthPage | Problem:
    """Read the events of a drawn month; the problem where its month is not said."""
    block.read()
    if block.month is None:
        return block.problems[0]
    page = MonthPage(block.month, problems=block.problems)
    clock = _clock(block.days, earliest_hour)
    for entry in block.days:
        _take(entry, clock, zone, length, page)
    return page


def _span_of(text: str) -> tuple[Span, str] | None:
    """Return the time or span that a line begins with, and its title; a bare number is no time."""
    match = _LEADING_TIME.fullmatch(text)
    if not match or match["time"].strip().isdecimal():
        return None
    span = scan_span(match["time"])
    return (span, match["title"]) if span else None


def _clock(entries: Sequence[DrawnDay], earliest_hour: int | None) -> Clock:
    spans = {entry.text: found[0] for entry in entries if (found := _span_of(entry.text))}
    return Clock.of({text: [shape for shape in span if shape] for text, span in spans.items()}, earliest_hour)


def _take(entry: DrawnDay, clock: Clock, zone: str, length: timedelta, page: MonthPage) -> None:
    timed = _span_of(entry.text)
    if timed is None:
        start = datetime.combine(entry.first, time())
        end = datetime.combine(entry.last + timedelta(days=1), time())
        page.series.append(Series(entry.text, (Occurrence(start, end, True, zone),), origin=entry.place))
        return
    span, title = timed
    first = clock.read(span.start)
    last: ClockTime | None = None
    if span.end is not None:
        first, last = clock.read_span(span.start, span.end)
    start = datetime.combine(entry.first, time()) + timedelta(seconds=first.seconds)
    if last is None:
        end = start + length
        page.lengths_assumed += 1
    else:
        end = datetime.combine(entry.last, time()) + timedelta(seconds=last.seconds)
    if end < start:
        page.problems.append(wording.unreadable_clock(entry.place, entry.text))
        return
    findings = clock_changes(start, end, zone)
    page.problems += [finding.at(entry.place, entry.text) for finding in findings]
    page.series.append(Series(title, (Occurrence(start, end, False, zone),), origin=entry.place))
