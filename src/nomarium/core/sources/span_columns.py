"""When the rows of a sheet are, in columns: what does not hang on the date is worked out once and moved to each."""

from __future__ import annotations

from array import array
from collections.abc import Callable, Iterable, Sequence
from datetime import datetime, timedelta
from typing import TYPE_CHECKING, NamedTuple
from zoneinfo import ZoneInfo

from nomarium.core.sources.series import Occurrence
from nomarium.core.sources.spans import SpanFound
from nomarium.core.values import Moment
from nomarium.core.values.reach import FIRST_DAY, LAST_DAY
from nomarium.core.values.wall import DAY_SECONDS, moment_of, wall_of

if TYPE_CHECKING:
    from datetime import date

    from nomarium.core.problems import Problem
    from nomarium.core.tables import Cell
    from nomarium.core.values import MomentColumn


class SpanColumns:
    """When each row is: starts and ends as ``wall_of`` counts them; and all that was found of rows that need a word."""

    def __init__(self) -> None:
        self.starts = array("q")
        self.ends = array("q")
        self.all_day = bytearray()
        self.assumed = bytearray()
        """Whether the length was assumed."""
        self.special: dict[int, SpanFound | Problem] = {}
        """What was found of rows that are no event, or not only one, or of which there is something to say."""

    def found(self, record: int, zone: str) -> SpanFound | Problem:
        """Return what was found of a row."""
        special = self.special.get(record)
        if special is not None:
            return special
        start, end = moment_of(self.starts[record]), moment_of(self.ends[record])
        return SpanFound(Occurrence(start, end, bool(self.all_day[record]), zone))

    def apart(self, zone: str) -> dict[int, tuple[Occurrence, ...]]:
        """Return by their records the rows that take place on several days, or in another zone."""
        found = {
            record: span.days or (span.occurrence,)
            for record, span in self.special.items()
            if isinstance(span, SpanFound) and span.occurrence is not None
        }
        return {record: when for record, when in found.items() if len(when) > 1 or when[0].zone != zone}

    def add(self, start: int, end: int, *, all_day: bool, assumed: bool) -> None:
        """Take in when the next row is."""
        self.starts.append(start)
        self.ends.append(end)
        self.all_day.append(all_day)
        self.assumed.append(assumed)


class _Template(NamedTuple):
    """When a row is, counted from the midnight of its date."""

    start: int
    end: int
    all_day: bool
    assumed: bool


class DatedRows(NamedTuple):
    """The rows of a sheet parted into dates and the rest of what they say about when."""

    days: Sequence[int]
    """The first date of each row, as ``date.toordinal`` counts; 0 for none."""
    rests: Iterable[tuple[object, ...]]
    """What else each row says; other dates as days from the first."""


def find_each(count: int, find: Finder) -> SpanColumns:
    """Work out each of so many rows by itself, where zones, periods or offsets stand: these hang on the date."""
    found = SpanColumns()
    for record in range(count):
        _take_special(find(record), record, found)
    return found


def find_in_columns(rows: DatedRows, steady: set[int], find: Finder, find_anywhere: Finder) -> SpanColumns:
    """Work out when each row is.

    ``find`` works out a row by its number; ``find_anywhere`` does where no clock changes. What that finds is moved to
    the rows that say the same on other dates, where both dates are among ``steady``: days on and about which nothing
    hangs on which of them it is.
    """
    found = SpanColumns()
    templates: dict[tuple[object, ...], _Template] = {}
    for record, (day, rest) in enumerate(zip(rows.days, rows.rests, strict=True)):
        template = None
        if day in steady:
            template = templates.get(rest) or _template(find_anywhere(record), day)
            if template is not None:
                templates[rest] = template
        if template is None:
            span = find(record)
            template = _template(span, day, near=False)
            if template is None:
                _take_special(span, record, found)
                continue
        midnight = day * DAY_SECONDS
        found.starts.append(midnight + template.start)
        found.ends.append(midnight + template.end)
        found.all_day.append(template.all_day)
        found.assumed.append(template.assumed)
    return found


Finder = Callable[[int], "SpanFound | Problem"]
"""Works out when a row is, by its number."""


def _take_special(span: SpanFound | Problem, record: int, found: SpanColumns) -> None:
    found.special[record] = span
    if isinstance(span, SpanFound) and span.occurrence is not None:
        when = span.occurrence
        found.add(wall_of(when.start), wall_of(when.end), all_day=when.all_day, assumed=span.length_assumed)
    else:
        found.add(0, 0, all_day=False, assumed=False)


_TWO_DAYS = 2 * DAY_SECONDS


def _template(span: SpanFound | Problem, day: int, *, near: bool = True) -> _Template | None:
    """Return when a row is, counted from its date; None where it needs a closer look, or leads far from its date."""
    if not isinstance(span, SpanFound) or span.occurrence is None or span.findings or span.days:
        return None
    when, midnight = span.occurrence, day * DAY_SECONDS
    start, end = wall_of(when.start) - midnight, wall_of(when.end) - midnight
    if near and not when.all_day and not 0 <= start <= end <= _TWO_DAYS:
        return None
    return _Template(start, end, when.all_day, span.length_assumed)


def steady_days(days: Iterable[int], zone: str, within: tuple[date, date] | None) -> set[int]:
    """Return the days (as ``date.toordinal`` counts) near which no clock changes, and that lie where dates should."""
    first, last = (one.toordinal() for one in within or (FIRST_DAY, LAST_DAY))
    lying = {day for day in days if max(first, _EDGE) <= day <= min(last, LAST_DAY.toordinal() - 7)}
    if not zone:
        return lying
    tz = ZoneInfo(zone)
    offsets: dict[int, timedelta | None] = {}

    def offset(day: int) -> timedelta | None:
        if day not in offsets:
            offsets[day] = datetime.fromordinal(day).replace(tzinfo=tz).utcoffset()
        return offsets[day]

    return {day for day in lying if len({offset(other) for other in range(day - 1, day + 4)}) == 1}


_EDGE = FIRST_DAY.toordinal() + 7


def parted(columns: Sequence[MomentColumn], more: Sequence[Sequence[Cell | bool]]) -> DatedRows | None:
    """Part the rows of columns of dates and times into their dates and the rest; ``more`` are columns of the rest.

    None where a time says its own offset: when that is hangs on the date.
    """
    days, rests = [], []
    for column in columns:
        day_of: dict[Cell, int] = {}
        rest_of: dict[Cell, int] = {}
        numbers: dict[object, int] = {}
        rest: tuple[object, ...]
        for cell, moment in column.moments.items():
            if not isinstance(moment, Moment):
                day_of[cell], rest = 0, (cell, moment)
            elif any(clock is not None and clock.offset is not None for clock in (moment.start, moment.end)):
                return None
            else:
                first = moment.first or moment.last
                day_of[cell] = first.toordinal() if first else 0
                length = moment.last - first if moment.last and first else None
                rest = (moment._replace(first=None, last=None), moment.first is None, length)
            rest_of[cell] = numbers.setdefault(rest, len(numbers))
        cells = column.column.cells
        rests.append([rest_of[cell] for cell in cells])
        if any(day_of.values()):
            days.append([day_of[cell] for cell in cells])
    if not days:
        return None
    first_days, *others = days
    apart = [[_apart(day, first) for day, first in zip(other, first_days, strict=True)] for other in others]
    return DatedRows(first_days, zip(*rests, *apart, *more, strict=True))


def _apart(day: int, first: int) -> int | None:
    return day - first if day else None
