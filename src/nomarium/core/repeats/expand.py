"""A rule and its start → the times that it makes, lazily (RFC 5545, 3.3.10: the table of expanding and limiting)."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from datetime import MAXYEAR, date, datetime, time, timedelta
from itertools import product

from nomarium.core.repeats.rule import Frequency, Rule

_DAY = timedelta(days=1)
_YEARS_AHEAD = 400
"""The Gregorian calendar repeats after so many years: a rule that has made nothing by then never will."""

_UNITS = {Frequency.HOURLY: 3600, Frequency.MINUTELY: 60, Frequency.SECONDLY: 1}


def expand(rule: Rule, start: datetime, last: datetime | None = None) -> Iterator[datetime]:
    """Yield the local times that a rule makes, from its start on, in order.

    All times are wall-clock times of one zone, without tzinfo; so must ``rule.until`` be where it is a time. A start
    that the rule does not hit is not among them. ``last`` ends the yielding early, at the last time that may come.
    """
    end = _end(rule, start, last)
    made = 0
    for moment in _candidates(rule, start, end):
        if moment < start:
            continue
        if moment > end:
            return
        yield moment
        made += 1
        if made == rule.count:
            return


def _end(rule: Rule, start: datetime, last: datetime | None) -> datetime:
    ends = [datetime(min(MAXYEAR - 1, start.year + _YEARS_AHEAD), 12, 31, 23, 59, 59)]
    if last is not None:
        ends.append(last)
    if isinstance(rule.until, datetime):
        ends.append(rule.until)
    elif rule.until is not None:
        ends.append(datetime.combine(rule.until, time(23, 59, 59)))
    return min(ends)


def _candidates(rule: Rule, start: datetime, end: datetime) -> Iterator[datetime]:
    """Yield the times of one period after another, each period's in order."""
    if rule.freq >= Frequency.HOURLY:
        for moments in _short_periods(rule, start, end):
            yield from _positions(rule, moments)
        return
    times = _times_of_day(rule, start)
    for days in _PERIODS[rule.freq](rule, start.date(), end.date()):
        yield from _positions(rule, [datetime.combine(day, at) for day in days for at in times])


def _positions(rule: Rule, moments: Sequence[datetime]) -> Sequence[datetime]:
    """Choose by BYSETPOS among the times of a period."""
    if not rule.by_set_pos:
        return moments
    count = len(moments)
    places = {position - 1 if position > 0 else count + position for position in rule.by_set_pos}
    return [moments[place] for place in sorted(places) if 0 <= place < count]


def _times_of_day(rule: Rule, start: datetime) -> list[time]:
    hours = sorted(rule.by_hour) or [start.hour]
    minutes = sorted(rule.by_minute) or [start.minute]
    seconds = sorted({min(second, 59) for second in rule.by_second}) or [start.second]
    return [time(*clock) for clock in product(hours, minutes, seconds)]


def _days_of(first: date, last: date) -> Iterator[date]:
    return (first + timedelta(days=n) for n in range((last - first).days + 1))


def _month_length(year: int, month: int) -> int:
    following = date(year + month // 12, month % 12 + 1, 1)
    return (following - _DAY).day


def _fits_month_day(rule: Rule, day: date) -> bool:
    wanted = rule.by_month_day
    return not wanted or day.day in wanted or day.day - _month_length(day.year, day.month) - 1 in wanted


def _fits_year_day(rule: Rule, day: date) -> bool:
    if not rule.by_year_day:
        return True
    number = day.timetuple().tm_yday
    length = date(day.year, 12, 31).timetuple().tm_yday
    return number in rule.by_year_day or number - length - 1 in rule.by_year_day


def _fits_month(rule: Rule, day: date) -> bool:
    return not rule.by_month or day.month in rule.by_month


def _fits_weekday(rule: Rule, day: date) -> bool:
    return not rule.by_day or any(day.weekday() == wanted.weekday for wanted in rule.by_day)


def _numbered_weekdays(rule: Rule, first: date, last: date) -> Callable[[date], bool]:
    """Return a test for BYDAY, its numbers counted within a month or year from ``first`` to ``last``."""
    plain = {wanted.weekday for wanted in rule.by_day if not wanted.ordinal}
    numbered = [wanted for wanted in rule.by_day if wanted.ordinal]

    def fits(day: date) -> bool:
        if day.weekday() in plain:
            return True
        from_front, from_back = (day - first).days // 7 + 1, -((last - day).days // 7 + 1)
        return any(day.weekday() == w.weekday and w.ordinal in (from_front, from_back) for w in numbered)

    return fits


def _yearly(rule: Rule, start: date, end: date) -> Iterator[list[date]]:
    for year in range(start.year, end.year + 2, rule.interval):
        if year >= MAXYEAR:
            return
        yield _days_of_year(rule, start, year)


def _days_of_year(rule: Rule, start: date, year: int) -> list[date]:
    if rule.by_week_no:
        return _days_of_weeks(rule, start, year)
    if rule.by_year_day or rule.by_month_day or rule.by_day:
        numbered = _weekdays_of_year(rule, year)
        days = _days_of(date(year, 1, 1), date(year, 12, 31))
        return [
            day
            for day in days
            if _fits_month(rule, day) and _fits_month_day(rule, day) and _fits_year_day(rule, day) and numbered(day)
        ]
    months = sorted(rule.by_month) or [start.month]
    return [date(year, month, start.day) for month in months if start.day <= _month_length(year, month)]


def _weekdays_of_year(rule: Rule, year: int) -> Callable[[date], bool]:
    """Return a test for BYDAY in a year: its numbers count within the months that BYMONTH names, else in the year."""
    if not rule.by_day:
        return lambda day: True
    if not rule.by_month:
        return _numbered_weekdays(rule, date(year, 1, 1), date(year, 12, 31))
    tests = {
        month: _numbered_weekdays(rule, date(year, month, 1), date(year, month, _month_length(year, month)))
        for month in rule.by_month
    }
    return lambda day: day.month in tests and tests[day.month](day)


def _days_of_weeks(rule: Rule, start: date, year: int) -> list[date]:
    """Return the days of BYWEEKNO: whole weeks, whose first and last may reach into the neighbouring years."""
    first = _first_week(year, rule.week_start)
    weeks = (_first_week(year + 1, rule.week_start) - first).days // 7
    wanted = {number if number > 0 else weeks + 1 + number for number in rule.by_week_no}
    found = []
    for number in sorted(wanted):
        if 1 <= number <= weeks:
            monday = first + timedelta(weeks=number - 1)
            found += [monday + timedelta(days=n) for n in range(7)]
    if not rule.by_day and not rule.by_month_day and not rule.by_year_day:
        found = [day for day in found if day.weekday() == start.weekday()]
    return [
        day
        for day in found
        if _fits_month(rule, day)
        and _fits_month_day(rule, day)
        and _fits_year_day(rule, day)
        and _fits_weekday(rule, day)
    ]


def _first_week(year: int, week_start: int) -> date:
    """Return the first day of a year's week 1: the first with at least four days in the year."""
    fourth = date(year, 1, 4)
    return fourth - timedelta(days=(fourth.weekday() - week_start) % 7)


def _monthly(rule: Rule, start: date, end: date) -> Iterator[list[date]]:
    month = start.year * 12 + start.month - 1
    while month <= end.year * 12 + end.month - 1:
        year, number = divmod(month, 12)
        month += rule.interval
        first = date(year, number + 1, 1)
        if not _fits_month(rule, first):
            yield []
            continue
        last = date(year, number + 1, _month_length(year, number + 1))
        if rule.by_month_day or rule.by_day:
            numbered = _numbered_weekdays(rule, first, last) if rule.by_day else lambda day: True
            yield [day for day in _days_of(first, last) if _fits_month_day(rule, day) and numbered(day)]
        else:
            yield [first.replace(day=start.day)] if start.day <= last.day else []


def _weekly(rule: Rule, start: date, end: date) -> Iterator[list[date]]:
    week = start - timedelta(days=(start.weekday() - rule.week_start) % 7)
    wanted = {day.weekday for day in rule.by_day} or {start.weekday()}
    while week <= end:
        days = [week + timedelta(days=n) for n in range(7)]
        yield [day for day in days if day.weekday() in wanted and _fits_month(rule, day)]
        week += timedelta(weeks=rule.interval)


def _daily(rule: Rule, start: date, end: date) -> Iterator[list[date]]:
    day = start
    while day <= end:
        fits = _fits_month(rule, day) and _fits_month_day(rule, day) and _fits_weekday(rule, day)
        yield [day] if fits else []
        day += _DAY * rule.interval


_PERIODS: dict[Frequency, Callable[[Rule, date, date], Iterator[list[date]]]] = {
    Frequency.YEARLY: _yearly,
    Frequency.MONTHLY: _monthly,
    Frequency.WEEKLY: _weekly,
    Frequency.DAILY: _daily,
}


def _short_periods(rule: Rule, start: datetime, end: datetime) -> Iterator[list[datetime]]:
    """Yield the times of hours, minutes or seconds; what BY parts rule out is stepped over whole."""
    unit = timedelta(seconds=_UNITS[rule.freq])
    step = unit * rule.interval
    moment = start
    while moment <= end:
        skip = _ruled_out(rule, moment)
        if skip is None:
            yield _within(rule, moment)
            moment += step
        else:
            moment += step * max(1, -((moment - skip) // step))


def _ruled_out(rule: Rule, moment: datetime) -> datetime | None:
    """Return when the day, hour or minute ends that BY parts rule out; None where they let the moment be."""
    day = moment.date()
    fits_day = _fits_month(rule, day) and _fits_month_day(rule, day) and _fits_year_day(rule, day)
    if not (fits_day and _fits_weekday(rule, day)):
        return datetime.combine(day + _DAY, time())
    if rule.by_hour and moment.hour not in rule.by_hour:
        return moment.replace(minute=0, second=0) + timedelta(hours=1)
    if rule.freq >= Frequency.MINUTELY and rule.by_minute and moment.minute not in rule.by_minute:
        return moment.replace(second=0) + timedelta(minutes=1)
    if rule.freq is Frequency.SECONDLY and rule.by_second and moment.second not in rule.by_second:
        return moment + timedelta(seconds=1)
    return None


def _within(rule: Rule, moment: datetime) -> list[datetime]:
    """Return the times of an hour or minute that BYMINUTE and BYSECOND make of it."""
    minutes, seconds = [moment.minute], [moment.second]
    if rule.freq is Frequency.HOURLY:
        minutes = sorted(rule.by_minute) or minutes
    if rule.freq <= Frequency.MINUTELY:
        seconds = sorted({min(second, 59) for second in rule.by_second}) or seconds
    return [moment.replace(minute=minute, second=second) for minute, second in product(minutes, seconds)]
