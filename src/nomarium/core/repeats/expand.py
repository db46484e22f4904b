"""A rule and its start → the times that it makes, lazily (RFC 5545, 3.3.10: the table of expanding and limiting)."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Sequence
from datetime import MAXYEAR, date, datetime, time, timedelta
from itertools import product
from typing import NamedTuple

from nomarium.core.repeats.rule import Frequency, Rule, WeekdayNumber

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
    from_ordinal, at = datetime.fromordinal, times[0]
    for days in _PERIODS[rule.freq](rule, start.date(), end.date()):
        if len(times) == 1:
            moments = [from_ordinal(day) + at for day in days]
        else:
            moments = [from_ordinal(day) + at for day in days for at in times]
        yield from _positions(rule, moments) if rule.by_set_pos else moments


def _positions(rule: Rule, moments: Sequence[datetime]) -> Sequence[datetime]:
    """Choose by BYSETPOS among the times of a period."""
    if not rule.by_set_pos:
        return moments
    count = len(moments)
    places = {position - 1 if position > 0 else count + position for position in rule.by_set_pos}
    return [moments[place] for place in sorted(places) if 0 <= place < count]


def _times_of_day(rule: Rule, start: datetime) -> list[timedelta]:
    """Return the times of day as what has passed since midnight."""
    hours = sorted(rule.by_hour) or [start.hour]
    minutes = sorted(rule.by_minute) or [start.minute]
    seconds = sorted({min(second, 59) for second in rule.by_second}) or [start.second]
    return [timedelta(hours=h, minutes=m, seconds=s) for h, m, s in product(hours, minutes, seconds)]


def _month_length(year: int, month: int) -> int:
    if month == 2:
        return 29 if year % 4 == 0 and (year % 100 != 0 or year % 400 == 0) else 28
    return 30 if month in (4, 6, 9, 11) else 31


class _Stretch(NamedTuple):
    """A month or year: the ordinal of its first day (date.toordinal), and how many days it has."""

    first: int
    length: int

    def numbered(self, numbers: Iterable[int]) -> set[int]:
        """Return the days of these numbers, negative ones counted from the end."""
        first, length = self.first, self.length
        places = (number - 1 if number > 0 else length + number for number in numbers)
        return {first + place for place in places if 0 <= place < length}

    def weekdays(self, wanted: Iterable[WeekdayNumber]) -> set[int]:
        """Return the days of BYDAY: every one of a weekday, or that of a number."""
        found: set[int] = set()
        for weekday, ordinal in wanted:
            earliest = (weekday - self.first + 1) % 7
            places = range(earliest, self.length, 7)
            if not ordinal:
                found.update(self.first + place for place in places)
            elif abs(ordinal) <= len(places):
                found.add(self.first + places[ordinal - 1 if ordinal > 0 else ordinal])
        return found


def _month(year: int, month: int) -> _Stretch:
    return _Stretch(date(year, month, 1).toordinal(), _month_length(year, month))


def _year(year: int) -> _Stretch:
    return _Stretch(date(year, 1, 1).toordinal(), 337 + _month_length(year, 2))


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


def _fits_day(rule: Rule, day: date) -> bool:
    """Tell whether a day is one that the BY parts let be, each of them as a limit."""
    fits = _fits_month(rule, day) and _fits_month_day(rule, day) and _fits_year_day(rule, day)
    return fits and _fits_weekday(rule, day)


def _fits_weekday(rule: Rule, day: date) -> bool:
    return not rule.by_day or any(day.weekday() == wanted.weekday for wanted in rule.by_day)


def _yearly(rule: Rule, start: date, end: date) -> Iterator[Iterable[int]]:
    for year in range(start.year, min(end.year + 2, MAXYEAR), rule.interval):
        yield _days_of_weeks(rule, start, year) if rule.by_week_no else sorted(_days_of_year(rule, start, year))


def _days_of_year(rule: Rule, start: date, year: int) -> set[int]:
    """Return the days of a year that all its BY parts let be; numbers of weekdays count in the months of BYMONTH."""
    if not (rule.by_year_day or rule.by_month_day or rule.by_day):
        months = rule.by_month or (start.month,)
        return set().union(*(_month(year, month).numbered([start.day]) for month in months))
    months = rule.by_month or tuple(range(1, 13))
    found: list[set[int]] = []
    if rule.by_year_day:
        found.append(_year(year).numbered(rule.by_year_day))
    if rule.by_month_day:
        found.append(set().union(*(_month(year, month).numbered(rule.by_month_day) for month in months)))
    if rule.by_day and rule.by_month:
        found.append(set().union(*(_month(year, month).weekdays(rule.by_day) for month in months)))
    elif rule.by_day:
        found.append(_year(year).weekdays(rule.by_day))
    if rule.by_month and rule.by_year_day:
        found.append({day for day in found[0] if date.fromordinal(day).month in rule.by_month})
    return set.intersection(*found)


def _days_of_weeks(rule: Rule, start: date, year: int) -> list[int]:
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
    return [day.toordinal() for day in found if _fits_day(rule, day)]


def _first_week(year: int, week_start: int) -> date:
    """Return the first day of a year's week 1: the first with at least four days in the year."""
    fourth = date(year, 1, 4)
    return fourth - timedelta(days=(fourth.weekday() - week_start) % 7)


def _monthly(rule: Rule, start: date, end: date) -> Iterator[Iterable[int]]:
    for count in range(start.year * 12 + start.month - 1, end.year * 12 + end.month, rule.interval):
        year, month = count // 12, count % 12 + 1
        if rule.by_month and month not in rule.by_month:
            continue
        stretch = _month(year, month)
        if rule.by_month_day and rule.by_day:
            yield sorted(stretch.numbered(rule.by_month_day) & stretch.weekdays(rule.by_day))
        elif rule.by_day:
            yield sorted(stretch.weekdays(rule.by_day))
        else:
            yield sorted(stretch.numbered(rule.by_month_day or [start.day]))


def _weekly(rule: Rule, start: date, end: date) -> Iterator[Iterable[int]]:
    first = start.toordinal() - (start.weekday() - rule.week_start) % 7
    weekdays = {day.weekday for day in rule.by_day} or {start.weekday()}
    steps = sorted((weekday - rule.week_start) % 7 for weekday in weekdays)
    for week in range(first, end.toordinal() + 1, 7 * rule.interval):
        days = [week + step for step in steps if week + step > 0]
        if rule.by_month:
            days = [day for day in days if date.fromordinal(day).month in rule.by_month]
        yield days


def _daily(rule: Rule, start: date, end: date) -> Iterator[Iterable[int]]:
    days = range(start.toordinal(), end.toordinal() + 1, rule.interval)
    if not (rule.by_month or rule.by_month_day or rule.by_day):
        return ([day] for day in days)
    weekdays = {day.weekday for day in rule.by_day} or set(range(7))
    found = (day for day in days if (day - 1) % 7 in weekdays)
    if not (rule.by_month or rule.by_month_day):
        return ([day] for day in found)
    return ([day] for day in found if _fits_day(rule, date.fromordinal(day)))


_PERIODS: dict[Frequency, Callable[[Rule, date, date], Iterator[Iterable[int]]]] = {
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
    if not _fits_day(rule, day):
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
