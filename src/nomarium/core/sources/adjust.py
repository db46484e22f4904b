"""What is stated for a whole file of events: values for all, which rows, another date, a title in front."""

from __future__ import annotations

import re
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime, timedelta
from typing import TYPE_CHECKING
from zoneinfo import ZoneInfo

from nomarium.core.columns import FILE_WIDE_FIELDS, Headings, heading_key
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.problems import Problem, WrongCall, note
from nomarium.core.sources.chosen import check_name, choose_days, choose_rows, values_of
from nomarium.core.sources.own_lines import OWN_LINES, own_line
from nomarium.core.sources.spans import clock_changes
from nomarium.core.sources.web import web_address
from nomarium.core.values import (
    WEEKDAY_NAMES,
    Length,
    read_busy,
    read_person,
    read_status,
    read_visibility,
    split_list,
)
from nomarium.core.values.reach import FIRST_DAY, LAST_DAY
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sources.event_sheet import EventSheet
    from nomarium.core.sources.series import Occurrence, Series


@dataclass(frozen=True, slots=True)
class Adjustments:
    """All that is to be changed or chosen after reading."""

    stated: Mapping[str, str] = field(default_factory=dict)
    """Values of fields for every event; lists are added to, the rest is replaced."""
    reminders: tuple[timedelta, ...] = ()
    prefix: str = ""
    """Put in front of each title, with ``{heading}`` or ``{field}`` filled in from the row."""
    only: Sequence[tuple[str, tuple[str, ...]]] = ()
    """(field or heading, values): rows that have one of the values stay; all conditions hold together."""
    without: Sequence[tuple[str, tuple[str, ...]]] = ()
    shift: Length | None = None
    back: bool = False
    """Whether the shift goes into the past."""
    start: date | None = None
    """The day on which the first event is to fall."""
    keep_weekdays: bool = False
    """Whether a start moves by whole weeks: the nearest to it."""
    first: date | None = None
    last: date | None = None
    """What has no part in the days from ``first`` to ``last`` is left out; both are included."""
    named_by: str = "--"
    """What stands before the names of these choices where they are spoken of: dashes for options."""

    @property
    def moves(self) -> bool:
        """Whether dates are moved."""
        return self.shift is not None or self.start is not None

    def before_shift(self) -> tuple[date | None, date | None]:
        """Return the days to choose from before anything is moved; none where the way of moving is not known yet."""
        if self.start is not None:
            return None, None
        days = timedelta(days=(self.shift.days if self.shift else 0) * (-1 if self.back else 1))
        return self.first and self.first - days, self.last and self.last - days


def move_to_zone(sheets: Sequence[EventSheet], zone: str) -> None:
    """Tell all timed events in a zone; floating ones, which have none, and all-day ones stay as they are."""
    for sheet in sheets:
        for series in sheet.series:
            series.occurrences = tuple(in_zone(occurrence, zone) for occurrence in series.occurrences)


def in_zone(occurrence: Occurrence, zone: str) -> Occurrence:
    """Return an occurrence told in a zone; floating ones, which have none, and all-day ones as they are."""
    if occurrence.all_day or not occurrence.zone or occurrence.zone == zone:
        return occurrence
    own, other = ZoneInfo(occurrence.zone), ZoneInfo(zone)
    start, end = (
        moment.replace(tzinfo=own).astimezone(other).replace(tzinfo=None)
        for moment in (occurrence.start, occurrence.end)
    )
    return replace(occurrence, start=start, end=end, zone=zone)


def adjust(sheets: Sequence[EventSheet], wanted: Adjustments) -> list[Problem]:
    """Apply all adjustments to the events of sheets, in place, and return what there is to say about it.

    Raises WrongCall where one names a field, heading or value that does not exist.
    """
    problems: list[Problem] = []
    for stated, text in wanted.stated.items():
        name = Headings(EVENT_SHEET).field_of(stated)
        set_value = _setter(name, text, wanted.named_by)
        for sheet in sheets:
            for series in sheet.series:
                set_value(series)
    for sheet in sheets if wanted.reminders else ():
        for series in sheet.series:
            series.reminders = tuple(sorted({*series.reminders, *wanted.reminders}, reverse=True))
    for conditions, keep, option in ((wanted.only, True, "only"), (wanted.without, False, "without")):
        for name, values in conditions:
            check_name(sheets, name, f"{wanted.named_by}{option}")
            choose_rows(sheets, name, values, keep=keep)
    problems += _move(sheets, wanted)
    if wanted.first or wanted.last:
        choose_days(sheets, wanted.first, wanted.last)
    if wanted.prefix:
        _put_in_front(sheets, wanted.prefix, wanted.named_by)
    return problems


def _setter(name: str, text: str, dashes: str) -> Callable[[Series], None]:
    """Return what gives one event the value stated for all."""
    if name not in FILE_WIDE_FIELDS:
        raise WrongCall(f"{dashes}set: “{name}” can't be stated for all.", f"What can: {', '.join(FILE_WIDE_FIELDS)}.")
    if name in ("categories", "attendees"):
        items = tuple(read_person(item) if name == "attendees" else item for item in split_list(text))
        return lambda series: setattr(series, name, tuple(dict.fromkeys((*getattr(series, name), *items))))
    if name == "organizer":
        return lambda series: setattr(series, name, read_person(text))
    if name in OWN_LINES:
        line = own_line(name, text)
        if not line:
            raise WrongCall(f"{dashes}set: “{text}” is no {name}.")
        return lambda series: setattr(series, "extra", _replaced(series.extra, line))
    readers: dict[str, Callable[[str], str | None]] = {
        "status": read_status,
        "visibility": read_visibility,
        "busy": read_busy,
        "url": web_address,
    }
    value = readers[name](text) if name in readers else text
    if value is None:
        raise WrongCall(f"{dashes}set: “{text}” is no {name}.")
    return lambda series: setattr(series, name, value)


def _replaced(lines: Sequence[str], line: str) -> tuple[str, ...]:
    """Return lines with one in the place of that of its property."""
    name = re.split("[:;]", line, maxsplit=1)[0]
    return (*(one for one in lines if re.split("[:;]", one, maxsplit=1)[0] != name), line)


def _move(sheets: Sequence[EventSheet], wanted: Adjustments) -> list[Problem]:
    """Move all dates by whole days, and times by the clock on the wall where a shift says hours."""
    named = wanted.named_by
    if wanted.start is not None and wanted.shift is not None:
        raise WrongCall(f"{named}start and {named}shift both move the list.", "Leave one of them out.")
    if wanted.keep_weekdays and wanted.start is None:
        keep = f"{named}keep-weekdays" if named else "keep_weekdays"
        raise WrongCall(f"{keep} is of {named}start.", f"State {named}start too, or leave it out.")
    if not wanted.moves:
        return []
    starts = [occurrence.start for sheet in sheets for one in sheet.series for occurrence in one.occurrences]
    return _moved_by(sheets, wanted, starts) if starts else []


def _moved_by(sheets: Sequence[EventSheet], wanted: Adjustments, starts: Sequence[datetime]) -> list[Problem]:
    earliest = min(starts).date()
    sign = -1 if wanted.back else 1
    elapsed = wanted.shift.elapsed * sign if wanted.shift and wanted.start is None else timedelta(0)
    if wanted.start is not None:
        days = (wanted.start - earliest).days
        days = round(days / 7) * 7 if wanted.keep_weekdays else days
    else:
        days = (wanted.shift or Length(0, timedelta())).days * sign
    latest = max(starts).date()
    if not (FIRST_DAY - earliest).days <= days <= (LAST_DAY - latest).days:
        raise WrongCall("The list would lie beyond the years 1000 to 8999.", "Move it by fewer days.")
    problems: list[Problem] = []
    if days % 7:
        before, after = earliest.weekday(), (earliest + timedelta(days=days)).weekday()
        message = f"The weekdays change: what was on a {WEEKDAY_NAMES[before]} is on a {WEEKDAY_NAMES[after]} now."
        problems.append(note("weekdays-moved", sheets[0].table.place, message))
    for sheet in sheets:
        for series in list(sheet.series):
            moved = tuple(_moved(occurrence, days, elapsed) for occurrence in series.occurrences)
            findings = [
                finding for one in moved if not one.all_day for finding in clock_changes(one.start, one.end, one.zone)
            ]
            problems += [finding.at(series.place, series.summary) for finding in findings]
            if any(finding.is_error for finding in findings):
                sheet.refused[series.record] = problems[-1]
                sheet.series.remove(series)
            series.occurrences = moved
    return problems


def _moved(occurrence: Occurrence, days: int, elapsed: timedelta) -> Occurrence:
    """Return an occurrence by so many days, and by hours of the clock on the wall where it has a time."""
    by = timedelta(days=days) + (timedelta(0) if occurrence.all_day else elapsed)
    return replace(occurrence, start=occurrence.start + by, end=occurrence.end + by)


_PLACEHOLDER = regex(r"\{([^{}]+)\}")


def _put_in_front(sheets: Sequence[EventSheet], pattern: str, dashes: str) -> None:
    for name in _PLACEHOLDER.findall(pattern):
        check_name(sheets, name, f"{dashes}prefix")
    for sheet in sheets:
        for series in sheet.series:
            series.summary = fill_in(pattern, series) + series.summary


def fill_in(pattern: str, series: Series) -> str:
    """Return a pattern with each ``{field}`` or ``{heading}`` filled in; "" where the row leaves them all empty."""
    names = _PLACEHOLDER.findall(pattern)
    return fill_prefix(pattern, {name: ", ".join(values_of(series, name) or ()) for name in names})


def fill_prefix(pattern: str, values: Mapping[str, str]) -> str:
    """Return a pattern with each ``{name}`` filled in from values by names or headings; "" where all are empty."""
    names = _PLACEHOLDER.findall(pattern)
    found = {name: values.get(name, "") or values.get(heading_key(name), "") for name in names}
    if names and not any(found.values()):
        return ""
    return _PLACEHOLDER.sub(lambda match: found[match[1]], pattern)
