"""The date and time cells of one row, taken together → when the event is."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass
from datetime import UTC, date, datetime, time, timedelta
from typing import TYPE_CHECKING, NamedTuple, Protocol
from zoneinfo import ZoneInfo

from nomarium.core.sources import wording
from nomarium.core.sources.series import Occurrence
from nomarium.core.values import (
    BLANK,
    DAY,
    WEEKDAY_NAMES,
    ClockTime,
    Length,
    Moment,
    end_after,
    may_pass_midnight,
    start_before,
    time_at,
)

if TYPE_CHECKING:
    from nomarium.core.sources.wording import Finding

_NO_TWO_CHANGES = timedelta(days=60)
"""Within so short a time a clock that shows the same offset at both ends has not changed and changed back."""
_MIDNIGHTS = (0, 24 * 3600 - 60, 24 * 3600 - 1, 24 * 3600)
"""The ends of a day as calendar programs write them, in seconds: 0:00 is that of the day before."""
NIGHT_TO = 6 * 3600


@dataclass(frozen=True, slots=True)
class SpanRules:
    """What holds for all rows of a sheet."""

    zone: str
    length: timedelta
    """For events with a start and no end."""
    times_usual: bool
    """Whether other rows have times, so that a row without any is worth a word."""
    within: tuple[date, date] | None = None
    """What the sheet is about: a date outside it is worth a word."""
    each_day: bool | None = None
    """Whether times beside several days hold on each of them: always, where one cell names the days (no), or never."""
    periods: PeriodClock | None = None
    """Knows when periods are, where bell times say so."""
    nights: bool = False
    """Whether the sheet is about shifts or nights: what starts in the evening may then last till the morning."""


class PeriodClock(Protocol):
    """Knows when the periods that a cell names are on a date: the bell times of a school year."""

    def spans(self, day: date, text: str, divisions: Collection[str] = ()) -> list[tuple[time, time]]:
        """Return from when to when they are, those written as one together; none where one does not run.

        ``divisions`` are those that it must be alike for, all of the school where none are named.
        """
        ...


class RowTimes(NamedTuple):
    """All that a row says about when; each part from whichever column holds it."""

    first: date | None = None
    start: ClockTime | None = None
    last: date | None = None
    end: ClockTime | None = None
    all_day: bool | None = None
    """Whether the row says all-day: yes, explicitly no, or nothing."""
    length: Length | None = None
    midnights: tuple[bool, bool] = (False, False)
    """Whether the first and the last date may be midnights."""
    weekday: int | None = None
    """The weekday that a column of its own names, Monday being 0."""
    in_one_cell: bool = False
    """Whether one cell names the first and the last day, and the times stand elsewhere: "12–14 Oct"."""
    repeats: bool = False
    """Whether the row repeats: its times are then those of one event."""
    apart: bool = False
    """Whether its days and its times stand in cells of their own."""
    as_span: bool = False
    """Whether one cell names both times: "07:00–07:00"."""


class SpanFound(NamedTuple):
    """When an event is (None where that can't be said), and what there is to say about it."""

    occurrence: Occurrence | None
    findings: tuple[Finding, ...] = ()
    length_assumed: bool = False
    days: tuple[Occurrence, ...] = ()
    """The days of an event that takes place on several, each at the same hours."""


def gather(starts: Sequence[Moment], ends: Sequence[Moment]) -> RowTimes | Finding:
    """Put together what the start columns and the end columns of a row say; two that differ are a finding."""
    first, start, last, end, _, _ = BLANK
    all_day = None
    in_one_cell = begins_at_midnight = ends_at_midnight = False
    for moment in starts:
        all_day = moment.all_day or all_day
        begins_at_midnight = begins_at_midnight or moment.midnight
        in_one_cell = in_one_cell or bool(moment.last and moment.start is None and moment.end is None)
        for mine, other in ((first, moment.first), (start, moment.start), (last, moment.last), (end, moment.end)):
            if mine is not None and other is not None and mine != other:
                return wording.two_answers(mine, other)
        first, start = first or moment.first, start or moment.start
        last, end = last or moment.last, end or moment.end
    for moment in ends:
        all_day = moment.all_day or all_day
        ends_at_midnight = ends_at_midnight or moment.midnight
        final_day, final_time = moment.last or moment.first, moment.end or moment.start
        for mine, other in ((last, final_day), (end, final_time)):
            if mine is not None and other is not None and mine != other:
                return wording.two_answers(mine, other)
        last, end = last or final_day, end or final_time
    midnights = begins_at_midnight, ends_at_midnight
    apart = all(moment.first is None or moment.start is None for moment in (*starts, *ends))
    as_span = any(moment.start is not None and moment.end is not None for moment in (*starts, *ends))
    found = RowTimes(first, start, last, end, all_day, None, midnights, None, in_one_cell, apart=apart, as_span=as_span)
    return _with_midnights(found)


def _with_midnights(times: RowTimes) -> RowTimes:
    """Let a bare date be its midnight where only the other end of the event has a time."""
    if times.start is None and times.end is not None and times.midnights[0]:
        return times._replace(start=ClockTime(0))
    if times.end is None and times.start is not None and times.last is not None and times.midnights[1]:
        return times._replace(end=ClockTime(0))
    return times


def find_span(times: RowTimes, rules: SpanRules) -> SpanFound:
    """Work out when an event is from all that its row says."""
    if times.first is None:
        return _refused(wording.no_date())
    if times.weekday is not None and times.weekday != times.first.weekday():
        return _refused(wording.weekday_beside(WEEKDAY_NAMES[times.weekday], times.first))
    if times.last is not None and times.last < times.first:
        return _refused(wording.last_before_first(times.first, times.last))
    if times.all_day or (times.start is None and times.end is None):
        found = _all_day(times, rules)
    elif times.start is None:
        return _refused(wording.end_without_start())
    else:
        found = _timed(times, times.first, times.start, rules)
    if rules.within and not rules.within[0] <= times.first <= rules.within[1]:
        return found._replace(findings=(*found.findings, wording.outside_within(times.first)))
    return found


def find_in_periods(times: RowTimes, rules: SpanRules, text: str) -> SpanFound:
    """Work out when an event is of which a row names the periods; one that has times of its own keeps them."""
    if times.first is None or times.start is not None or times.end is not None or times.all_day or times.repeats:
        return find_span(times, rules)
    hours = rules.periods.spans(times.first, text) if rules.periods is not None else []
    if not hours:
        found = find_span(times, rules)
        told = () if rules.periods is None else (wording.not_rung_then(text, times.first),)
        return found._replace(findings=(*found.findings, *told))
    spans = [find_span(_at(times, *span), rules) for span in hours]
    findings = tuple(finding for one in spans for finding in one.findings)
    occurrences = tuple(one.occurrence for one in spans if one.occurrence)
    several = len(spans) > 1 and len(occurrences) == len(spans)
    return spans[0]._replace(findings=findings, days=occurrences if several else spans[0].days)


def _at(times: RowTimes, start: time, end: time) -> RowTimes:
    """Return what a row says with the hours of a period; a length of its own goes before the period's end."""
    first, last = (ClockTime(clock.hour * 3600 + clock.minute * 60, named=True) for clock in (start, end))
    return times._replace(start=first, end=None if times.length else last)


def _refused(finding: Finding) -> SpanFound:
    return SpanFound(None, (finding,))


def _midnight(day: date) -> datetime:
    return datetime.combine(day, time())


def _all_day(times: RowTimes, rules: SpanRules) -> SpanFound:
    first, last = times.first or date.min, times.last
    if times.length and times.length.elapsed:
        return _refused(wording.length_without_start())
    if times.length and times.length.days and last is None:
        last = first + timedelta(days=times.length.days - 1)
    findings: list[Finding] = []
    if times.start is not None and times.start.seconds == 0 and (times.end is None or times.end.seconds in _MIDNIGHTS):
        if times.end is not None and times.end.seconds == 0 and last is not None and last > first:
            last -= timedelta(days=1)
            findings.append(wording.ends_at_midnight(last))
    elif times.start is not None or times.end is not None:
        findings.append(wording.all_day_with_times())
    elif times.all_day is False or (rules.times_usual and times.all_day is None):
        findings.append(wording.no_time())
    occurrence = Occurrence(_midnight(first), _midnight((last or first) + timedelta(days=1)), True, rules.zone)
    return SpanFound(occurrence, tuple(findings))


def _placed(times: RowTimes, first: date, starting: ClockTime) -> tuple[RowTimes, date, ClockTime, list[Finding]]:
    """Settle a start by what is beside it: its half of the day by the end's, midnight as the end of its day."""
    findings: list[Finding] = []
    named = start_before(starting, times.end)
    if named.seconds != starting.seconds:
        findings.append(wording.half_of_end(time_at(named.seconds)))
    if named.seconds == DAY and named.offset is None:
        first, named = first + timedelta(days=1), named._replace(seconds=0, named=True)
        times = times._replace(last=max(times.last, first) if times.last else None)
        findings.append(wording.starts_at_midnight(first))
    return times, first, named, findings


def _timed(times: RowTimes, day: date, stated: ClockTime, rules: SpanRules) -> SpanFound:
    times, first, starting, findings = _placed(times, day, stated)
    start, absolute = _local(first, starting, rules.zone)
    if not starting.named and starting.seconds < NIGHT_TO:
        findings.append(wording.night_start(start))
    assumed = False
    if times.end is None:
        if times.last not in (None, first):
            return _so_long_each_day(times, start, rules, findings)
        end = after(start, times.length or Length(0, rules.length), rules.zone)
        assumed = not times.length and rules.length > timedelta(0)
    else:
        ended = _ended(times, first, start, starting, absolute, rules)
        if isinstance(ended, SpanFound):
            return ended
        end, said = ended
        findings += said
        if times.length and end != after(start, times.length, rules.zone):
            return _refused(wording.length_against_end(start, end))
    if end < start:
        return _refused(wording.end_before_start(start, end))
    days = _each_day(times, start, end, rules)
    spans = [(one.start, one.end) for one in days] or [(start, end)]
    findings += [finding for span in spans for finding in clock_changes(*span, rules.zone)]
    if not (times.repeats and end - start > LONGEST_OF_REPEAT):  # it may be what bounds the repeat: told there
        findings += _over_days(start, end, len(days), apart=times.apart)
    if any(finding.is_error for finding in findings):
        return SpanFound(None, tuple(findings))
    return SpanFound(Occurrence(start, end, False, rules.zone), tuple(findings), assumed, days)


def _ended(
    times: RowTimes, first: date, start: datetime, starting: ClockTime, absolute: bool, rules: SpanRules
) -> tuple[datetime, list[Finding]] | SpanFound:
    """Return when an event ends whose end is said, on the next day where that is so, and a word on it."""
    stated = times.end or starting
    ending = end_after(starting, stated) if times.last in (None, first) else stated
    end, _ = _local(times.last or first, ending, rules.zone)
    if times.last is not None or absolute or end > start:
        return end, []
    if end == start and not times.as_span:
        return end, [wording.no_length(start)]
    if end < start and not may_pass_midnight(starting.seconds, ending.seconds, nights=rules.nights):
        return _refused(wording.end_before_start(start, end))
    following = end + timedelta(days=1)
    return following, [wording.ends_next_day(start, following)]


def _so_long_each_day(times: RowTimes, start: datetime, rules: SpanRules, findings: list[Finding]) -> SpanFound:
    """Return an event of a length on each of several days; refused where no length, or one over days, is said."""
    last, length = times.last or start.date(), times.length
    count = (last - start.date()).days + 1
    if times.repeats and timedelta(count) > LONGEST_OF_REPEAT and not (length and length.days):
        end = after(start + timedelta(count - 1), length or Length(0, rules.length), rules.zone)
        return SpanFound(Occurrence(start, end, False, rules.zone), tuple(findings), not length)  # bounds the repeat
    if not length or length.days or length.elapsed >= _A_DAY or times.repeats or count > _MOST_DAYS:
        return _refused(wording.last_day_without_end(last))
    starts = [start + timedelta(days=day) for day in range(count)]
    days = tuple(Occurrence(one, after(one, length, rules.zone), False, rules.zone) for one in starts)
    findings += [finding for one in days for finding in clock_changes(one.start, one.end, rules.zone)]
    findings.append(wording.on_each_day(start, days[-1].end, count))
    if any(finding.is_error for finding in findings):
        return SpanFound(None, tuple(findings))
    return SpanFound(days[0], tuple(findings), False, days)


_A_DAY = timedelta(days=1)
LONGEST_OF_REPEAT = timedelta(days=7)
"""What is longer is hardly one event of those that repeat."""


def _over_days(start: datetime, end: datetime, days: int, *, apart: bool) -> list[Finding]:
    """Say how several days with hours were taken: as an event each day, or as one through all."""
    if days:
        return [wording.on_each_day(start, end, days)]
    if end - start <= _A_DAY or end.time() <= start.time():
        return []
    return [wording.through_several_days(start, end, apart=apart)]


_MOST_DAYS = 366


def _each_day(times: RowTimes, start: datetime, end: datetime, rules: SpanRules) -> tuple[Occurrence, ...]:
    """Return an event of each day, where days stand apart from hours that fit into each of them."""
    count = (end.date() - start.date()).days + 1
    if (
        rules.each_day is None
        or times.repeats
        or not (times.in_one_cell or rules.each_day)
        or end.time() <= start.time()
    ):
        return ()
    if not 1 < count <= _MOST_DAYS:
        return ()
    last_hour = end.replace(year=start.year, month=start.month, day=start.day)
    return tuple(
        Occurrence(start + timedelta(days=day), last_hour + timedelta(days=day), False, rules.zone)
        for day in range(count)
    )


def _local(day: date, clock: ClockTime, zone: str) -> tuple[datetime, bool]:
    """Return a local time of the zone, and whether the sheet had stated an offset that was converted."""
    wall = _midnight(day) + timedelta(seconds=clock.seconds)
    if clock.offset is None:
        return wall, False
    instant = (wall - timedelta(minutes=clock.offset)).replace(tzinfo=UTC)
    return instant.astimezone(ZoneInfo(zone or "UTC")).replace(tzinfo=None), True


def after(start: datetime, length: Length, zone: str) -> datetime:
    """Return the local time a length after a start: days by the calendar, the rest elapsed (RFC 5545, 3.3.6)."""
    day = start + timedelta(days=length.days)
    if not length.elapsed:
        return day
    tz = ZoneInfo(zone or "UTC")
    end = day + length.elapsed
    if day.replace(tzinfo=tz).utcoffset() == end.replace(tzinfo=tz).utcoffset() and length.elapsed < _NO_TWO_CHANGES:
        return end
    return (day.replace(tzinfo=tz).astimezone(UTC) + length.elapsed).astimezone(tz).replace(tzinfo=None)


def clock_changes(start: datetime, end: datetime, zone: str) -> list[Finding]:
    """Report local times that the clock skips, and those that it shows twice."""
    findings: list[Finding] = []
    if not zone:
        return findings
    tz = ZoneInfo(zone)
    for moment in dict.fromkeys((start, end)):
        early, late = moment.replace(tzinfo=tz, fold=0), moment.replace(tzinfo=tz, fold=1)
        if early.utcoffset() == late.utcoffset():
            continue
        if early.astimezone(UTC).astimezone(tz).replace(tzinfo=None) != moment:
            findings.append(wording.skipped_time(moment, zone))
        else:
            findings.append(wording.doubled_time(moment, zone))
    return findings
