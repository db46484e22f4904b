"""One row that repeats → all its dates, or the rule that makes them."""

from __future__ import annotations

from calendar import monthrange
from collections.abc import Collection, Iterator, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime, time, timedelta
from itertools import islice
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import GIVEN_BY_NOTE, ROW_FIELDS, Matches, heading_key
from nomarium.core.repeats import (
    Frequency,
    NotUnderstood,
    OnClosure,
    Recurrence,
    Repeat,
    Rule,
    RuleRefused,
    WeekdayNumber,
    expand,
    open_end,
    parse_rule,
    read_words,
)
from nomarium.core.sources import repeat_wording as wording
from nomarium.core.sources.repeat_dates import (
    DatesInWords,
    SchoolTest,
    all_days,
    closing,
    lies_between_terms,
    open_day,
)
from nomarium.core.sources.spans import LONGEST_OF_REPEAT, PeriodClock, clock_changes
from nomarium.core.tables import Cell, Table, plain_text
from nomarium.core.values import Order, parted_dates, split_list, weekday_in_any, without_not_on

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem
    from nomarium.core.sources.series import Occurrence, Series
    from nomarium.core.year import SchoolYear

MOST_OCCURRENCES = 100_000


_ON_CLOSURE: dict[str, OnClosure] = {
    **dict.fromkeys(("drop", "dropped", "skip", "cancel", "cancelled", "left out", "no", "off"), "drop"),
    **dict.fromkeys(("keep", "kept", "yes", "as usual", "on", "anyway"), "keep"),
    **dict.fromkeys(("next", "next day", "next open day", "later", "after", "move to next"), "next"),
    **dict.fromkeys(("previous", "previous day", "previous open day", "earlier", "before"), "previous"),
}


def is_own_rows(table: Table) -> bool:
    """Tell whether a table holds rows as calendars are written: no zone means a floating time, no end none."""
    return {column.heading for column in table.columns}.issuperset(ROW_FIELDS)


_SHORTER_THAN = {
    Frequency.DAILY: timedelta(),
    Frequency.WEEKLY: timedelta(),
    Frequency.MONTHLY: timedelta(days=31),
    Frequency.YEARLY: timedelta(days=366),
}
"""What repeats so often is shorter than this: beyond, its days are the first and the last of all."""


@dataclass(frozen=True, slots=True)
class RepeatChoices:
    """What was stated about repeats."""

    year: SchoolYear | None = None
    cycle: str | None = None
    on_closure: OnClosure = "drop"
    last: date | None = None
    """The last day of endless repeats."""
    limit: int = MOST_OCCURRENCES
    order: Order | None = None
    """The order of day and month, where it was stated."""
    rules: bool = False
    """Whether repeats are kept as rules where the standard can say them."""
    periods: PeriodClock | None = None


class Effect(NamedTuple):
    """What a closure did to a date of a repeat; ``became`` is None where it was dropped."""

    title: str
    was: date
    became: date | None
    closure: str


@dataclass(slots=True)
class Repeated:
    """What became of the rows that repeat."""

    rows: int = 0
    dates: int = 0
    effects: list[Effect] = field(default_factory=list)


class RowRefused(Exception):
    """A row whose repeat cannot be."""

    def __init__(self, problem: Problem) -> None:
        super().__init__(problem.message)
        self.problem = problem


class RepeatSheet(NamedTuple):
    """What all rows of a sheet share."""

    table: Table
    matches: Matches
    choices: RepeatChoices
    dates: DatesInWords
    own_rows: bool
    """Whether a calendar was written as these rows."""


class RepeatingRow:
    """One row that may repeat."""

    def __init__(self, series: Series, sheet: RepeatSheet) -> None:
        self._series = series
        self._table, self._matches, self._choices, self._dates, self._own_rows = sheet
        self._first = series.occurrences[0]
        self._last_of_span: date | None = None
        """The last day of what repeats, where its row names it beside the first."""
        self._text = self._below_every(self._cell_text("repeat"))
        self.said: list[Problem] = []

    def _below_every(self, text: str) -> str:
        """Return “2 weeks” below the heading “Every” as it is meant: “every 2 weeks”."""
        column = self._matches.column("repeat")
        bare = text[:1].isdigit() and column is not None and heading_key(column.heading) == "every"
        return f"every {text}" if bare else text

    def unroll(self, repeated: Repeated) -> None:
        """Give the series its occurrences, and count them."""
        if not self._text and self._own_rows and self._cell_text("also"):
            self._unroll_standard(repeated)
            return
        if not self._text:
            for name in ("until", "times", "except"):
                if text := self._cell_text(name):
                    raise RowRefused(wording.end_without_repeat(self._place(name), text, name))
            return
        if self._own_rows and self._text.upper().startswith(("RRULE:", "EXRULE:")):
            self._unroll_standard(repeated)
            return
        repeat = self._read()
        self._take_bounds(repeat)
        repeat = self._settled_in_month(repeat)
        if self._begins_with_the_year() and not repeat.first and self._hangs_on_its_start(repeat):
            raise RowRefused(wording.no_first_day(self._place("repeat"), self._text))
        starts = self._after_exceptions(list(self._starts(repeat)), repeat)
        self._tell_first(starts)
        kept, effects = self._after_closures(starts, repeat)
        occurrences = self._in_period(kept, repeat) if self._period_of(repeat) else self._occurrences(kept)
        if not occurrences:
            raise RowRefused(wording.no_dates(self._place("repeat"), self._text))
        if self._choices.rules and not repeat.needs_year:
            self._keep_as_rule(repeat, starts, kept)
        else:
            if self._choices.rules:
                self.said.append(wording.dated_all_the_same(self._place("repeat"), self._text, len(occurrences)))
            self._series.occurrences = occurrences
            self._series.of_repeat = True
        repeated.rows += 1
        repeated.dates += len(occurrences)
        repeated.effects += effects

    def _unroll_standard(self, repeated: Repeated) -> None:
        """Unroll or keep a repeat as a calendar was written: rules, further dates and dates left out as they stand."""
        recurrence = self._recurrence()
        if self._choices.rules:
            self._series.recurrence = recurrence
            return
        last = self._choices.last
        if recurrence.endless and last is None:
            raise RowRefused(wording.no_end(self._place("repeat"), self._text))
        end = datetime.combine(last, time(23, 59, 59)) if last else None
        starts = list(islice(recurrence.starts(self._first.start, end), self._choices.limit + 1))
        if len(starts) > self._choices.limit:
            raise RowRefused(wording.too_many(self._place("repeat"), self._text, self._choices.limit))
        self._series.occurrences = self._occurrences([(start, start) for start in starts])
        self._series.of_repeat = True
        repeated.rows += 1
        repeated.dates += len(self._series.occurrences)

    def _recurrence(self) -> Recurrence:
        """Return the recurrence that the cells of a calendar's row state."""
        rules: dict[str, list[Rule]] = {"RRULE": [], "EXRULE": []}
        for line in self._text.splitlines():
            name, _, text = line.strip().partition(":")
            try:
                rules[name.upper()].append(self._local(parse_rule(text)))
            except (KeyError, RuleRefused) as fault:
                problem = wording.not_understood(self._place("repeat"), line, f"The rule can't be read: {fault}.", "")
                raise RowRefused(problem) from None
        left_out = self._moments("except")
        days = frozenset(m.date() for m, is_day in left_out if is_day and not self._first.all_day)
        except_dates = frozenset(m for m, is_day in left_out if not is_day or self._first.all_day)
        also = tuple(sorted(moment for moment, _ in self._moments("also")))
        return Recurrence(tuple(rules["RRULE"]), also, except_dates, days, tuple(rules["EXRULE"]))

    def _moments(self, name: str) -> list[tuple[datetime, bool]]:
        """Return the moments of a cell as calendars are written ("2026-11-05T06:30"), and whether each is a day."""
        found = []
        for text in split_list(self._cell_text(name)):
            try:
                found.append((datetime.fromisoformat(text), len(text) == len("2026-11-05")))
            except ValueError:
                raise RowRefused(wording.bad_date(self._place(name), text)) from None
        return found

    def _keep_as_rule(
        self, repeat: Repeat, starts: Sequence[datetime], kept: Sequence[tuple[datetime, datetime]]
    ) -> None:
        """Give the series its first occurrence and the rule; what is left out or moved stands beside the rule."""
        last = self._last(repeat)
        rule = self._rule(repeat)
        if repeat.times is not None:
            rule = replace(rule, count=repeat.times)
        elif last is not None and rule.count is None:
            until = rule.until
            rule = replace(rule, until=last if until is None or (_is_day(until) and last < until) else until)
        everything = list(islice(expand(rule, self._first.start), self._choices.limit))
        span = self._first.end - self._first.start
        stays = {start for start, known_by in kept if start == known_by}
        moved = tuple(start for start, known_by in kept if start != known_by)
        self._series.occurrences = (replace(self._first, start=everything[0], end=everything[0] + span),)
        self._series.recurrence = Recurrence((rule,), moved, frozenset(set(everything) - stays))

    def _is_first_from(self, day: date, repeat: Repeat) -> bool:
        """Whether the row's date is the first that the repeat has from a day on (“Tuesdays from 1 September”)."""
        if day == self._first.start.date():
            return True
        begins = datetime.combine(day, self._first.start.timetz())
        hangs_on_its_first_day = read_words(self._text, day).rule != repeat.rule
        return (
            not (repeat.needs_year or hangs_on_its_first_day)
            and next(expand(repeat.rule, begins), begins) == self._first.start
        )

    def _read(self) -> Repeat:
        try:
            repeat = read_words(self._text, self._first.start.date())
        except NotUnderstood as fault:
            problem = wording.not_understood(self._place("repeat"), self._text, str(fault), fault.expected)
            raise RowRefused(problem) from None
        if ending := open_end(self._text.lower()):
            self.said.append(wording.month_to_its_end(self._place("repeat"), ending))
        first = self._dates.read(repeat.first, self._first.start.date()) if repeat.first else None
        if first is not None and not self._is_first_from(first, repeat):
            raise RowRefused(wording.two_starts(self._place("repeat"), self._text, self._first.start.date()))
        until, times = self._cell_text("until"), self._cell_text("times")
        if times and not (times.isdecimal() and int(times) > 0):
            raise RowRefused(wording.bad_number(self._place("times"), times))
        excepted = (*repeat.except_, *parted_dates(self._cell_text("except")))
        stated = [bool(repeat.until or until or repeat.rule.until), bool(repeat.times or times or repeat.rule.count)]
        if all(stated) or (repeat.until and until) or (repeat.times and times):
            raise RowRefused(wording.two_ends(self._place("repeat"), self._text))
        if repeat.needs_year and self._choices.year is None:
            raise RowRefused(wording.needs_year(self._place("repeat"), self._text))
        number = repeat.times or (int(times) if times else None)
        repeat = self._on_weekdays_beside(repeat)
        return replace(repeat, until=repeat.until or until, times=number, except_=excepted)

    def _take_bounds(self, repeat: Repeat) -> None:
        """Let the days of the row bound what repeats daily or weekly, and its events be shorter: “10 Sep – 17 Nov”."""
        first, end = self._first.start, self._first.end
        if end - first <= LONGEST_OF_REPEAT:
            return
        rule = repeat.rule
        ended = repeat.until or rule.until or repeat.times or rule.count
        if ended or end - first <= _SHORTER_THAN.get(rule.freq, timedelta.max):
            self.said.append(wording.longer_than_a_week(self._place("repeat"), self._text, first, end))
            return
        length = timedelta(days=1) if self._first.all_day else timedelta(seconds=(end - first).seconds)
        self._last_of_span = (end - length).date()
        self._first = replace(self._first, end=first + length)
        self.said.append(wording.bounded_by_its_days(self._place("repeat"), self._text, first, self._last_of_span))

    def _settled_in_month(self, repeat: Repeat) -> Repeat:
        """Return “monthly” beside a weekday on that weekday of the month, or on its day, as its last date proves."""
        rule, start, weekday = repeat.rule, self._first.start.date(), self._cell_text("weekday")
        bare = rule.freq is Frequency.MONTHLY and rule.by_month_day == (start.day,)
        if not bare or any(map(str.isdigit, self._text)) or weekday_in_any(weekday.rstrip("s.")) is None:
            return repeat
        last = self._last(repeat)
        on_weekday = last is not None and WeekdayNumber.of(last) == WeekdayNumber.of(start)
        on_day = last is not None and last.day == start.day
        if on_weekday == on_day:
            raise RowRefused(wording.day_or_weekday_of_month(self._place("repeat"), self._text, start))
        if on_day:
            return repeat
        return replace(repeat, rule=replace(rule, by_month_day=(), by_day=(WeekdayNumber.of(start),)))

    def _on_weekdays_beside(self, repeat: Repeat) -> Repeat:
        """Return a repeat of each day or week on the weekdays that stand beside it: "Daily", "Mon-Fri"."""
        rule, text = repeat.rule, self._cell_text("weekday")
        of_days = rule.freq is Frequency.DAILY and rule.interval == 1
        if not text or rule.by_day or not (of_days or rule.freq is Frequency.WEEKLY):
            return repeat
        try:
            named = read_words(text, self._first.start.date()).rule
        except NotUnderstood:
            return repeat
        if len(named.by_day) < 2:
            return repeat
        return replace(repeat, rule=replace(rule, freq=Frequency.WEEKLY, by_day=named.by_day))

    def _starts(self, repeat: Repeat) -> Iterator[datetime]:
        """Yield the starts that the words make, in order."""
        start, year = self._first.start, self._choices.year
        last = self._last(repeat)
        if last is None and repeat.times is None and repeat.rule.endless:
            raise RowRefused(wording.no_end(self._place("repeat"), self._text))
        end = datetime.combine(last, time(23, 59, 59)) if last else None
        hits = expand(self._rule(repeat), start, end)
        if year is not None and repeat.needs_year:
            test = SchoolTest(repeat, year, self._cycle_of(repeat, year))
            hits = (hit for hit in hits if test.fits(hit.date()))
        if repeat.times is not None:
            hits = islice(hits, repeat.times)
        limit = self._choices.limit
        for number, hit in enumerate(hits):
            if number >= limit:
                raise RowRefused(wording.too_many(self._place("repeat"), self._text, limit))
            yield hit

    def _rule(self, repeat: Repeat) -> Rule:
        """Return the rule of a repeat: its weeks begin as the plan's do, unless it says so itself."""
        rule, year = self._local(repeat.rule), self._choices.year
        if year is None or "WKST" in self._text.upper():
            return rule
        return replace(rule, week_start=year.rules.weeks.first_weekday)

    def _local(self, rule: Rule) -> Rule:
        """Return a rule whose UNTIL, where it is in UTC, is local time of the row."""
        until = rule.until
        if isinstance(until, datetime) and until.tzinfo is not None:
            from zoneinfo import ZoneInfo

            local = until.astimezone(ZoneInfo(self._first.zone or "UTC")).replace(tzinfo=None)
            return replace(rule, until=local)
        return rule

    def _last(self, repeat: Repeat) -> date | None:
        """Return the last day on which it may happen."""
        start, year = self._first.start.date(), self._choices.year
        ends = [day for day in (self._choices.last, self._last_of_span) if day is not None]
        if repeat.until:
            place = self._place("until") if self._cell_text("until") else self._place("repeat")
            ends.append(self._end_day(repeat.until, start, place))
        elif year is not None and repeat.times is None and repeat.rule.endless:
            ends.append(year.rules.last)
        return min(ends) if ends else None

    def _end_day(self, text: str, start: date, place: Place) -> date:
        column = self._matches.column("until")
        cell = column.cells[self._series.record] if column else ""
        if isinstance(cell, date):
            return cell.date() if isinstance(cell, datetime) else cell
        words = text.casefold().removeprefix("the ")
        if words in _ENDS:
            return self._school_end(_ENDS[words], start, place)
        day = self._dates.read(text, start)
        if day is None:
            raise RowRefused(wording.bad_date(place, text))
        return day

    def _school_end(self, what: str, start: date, place: Place) -> date:
        year = self._choices.year
        if year is None:
            raise RowRefused(wording.needs_year(place, self._text))
        term = year.attendance.term(start)
        if what == "term" and term is None:
            raise RowRefused(wording.bad_date(place, f"end of term ({start.isoformat()} lies in none)"))
        return term.last if what == "term" and term else year.rules.last

    def _cycle_of(self, repeat: Repeat, year: SchoolYear) -> str | None:
        """Return the cycle whose labels are meant."""
        if not repeat.labels:
            return None
        by_cycle = {name: {label.upper() for label in days.rule.labels} for name, days in year.cycles.items()}
        fitting = [name for name, labels in by_cycle.items() if labels.issuperset(repeat.labels)]
        if self._choices.cycle in fitting:
            return self._choices.cycle
        if len(fitting) != 1:
            problem = wording.no_such_label(self._place("repeat"), self._text, repeat.labels, fitting)
            raise RowRefused(problem)
        return fitting[0]

    def _after_exceptions(self, starts: list[datetime], repeat: Repeat) -> list[datetime]:
        """Leave out the dates that are excepted; one that is no date of the repeat is worth a word."""
        excepted: set[date] = set()
        missed: list[date] = []
        days = {start.date() for start in starts}
        of_all = any(match.field == "except" and match.why == GIVEN_BY_NOTE for match in self._matches.all)
        stated = self._matches.column("except") and not of_all
        place = self._place("except" if stated else "repeat")
        for text in repeat.except_:
            left_out = self._dates.days(text, self._first.start.date())
            if not left_out:
                raise RowRefused(wording.bad_date(place, text))
            excepted.update(left_out)
            if days.isdisjoint(left_out) and not of_all:
                missed.append(left_out[0])
        excepted |= self._remarked(days)
        missed = sorted({day for day in missed if not _is_of_whole_month(day, excepted)})
        self.said += [wording.no_such_exception(place, day) for day in missed]
        remaining = [start for start in starts if start.date() not in excepted]
        if repeat.times is not None and 0 < len(remaining) < len(starts):
            self.said.append(wording.fewer_than_counted(self._place("repeat"), self._text, len(starts), len(remaining)))
        return remaining

    def _remarked(self, days: Collection[date]) -> frozenset[date]:
        """Return the dates on which its remarks say that it is not: “No meeting in August”; it is told."""
        text = self._cell_text("description")
        dates = without_not_on(text) if text else None
        parts = [part.removeprefix("in ") for part in parted_dates(dates or "")]
        found = all_days(parts, lambda part: self._dates.days(part, self._first.start.date()))
        if found.isdisjoint(days):
            return frozenset()
        self.said.append(wording.excepted_by_remark(self._place("description"), text))
        return found

    def _tell_first(self, starts: Sequence[datetime]) -> None:
        if starts and starts[0] != self._first.start and not self._begins_with_the_year():
            stated, first = self._first.start.date(), starts[0].date()
            if stated != first:
                self.said.append(wording.first_hit(self._place("repeat"), self._text, stated, first))

    def _hangs_on_its_start(self, repeat: Repeat) -> bool:
        """Tell whether another first day would make other dates: "weekly", "every other Friday"."""
        if repeat.rule.interval > 1:
            return True
        if self._cell_text("weekday"):
            return False  # it is weekly on the weekday beside it
        later = self._first.start.date() + timedelta(days=1)
        return read_words(self._text, later).rule != repeat.rule

    def _begins_with_the_year(self) -> bool:
        """Tell whether nothing says when the row begins: its days are those of the year."""
        dated, repeat = self._matches.column("start_date"), self._matches.column("repeat")
        return dated is not None and repeat is not None and dated.index == repeat.index

    def _after_closures(
        self, starts: list[datetime], repeat: Repeat
    ) -> tuple[list[tuple[datetime, datetime]], list[Effect]]:
        """Drop or move the dates on which the school is closed; return (start, start known by), and what was done."""
        year = self._choices.year
        kept = [(start, start) for start in starts]
        if year is None:
            return kept, []
        doing = self._on_closure(repeat)
        closed = {start: names for start in starts if (names := closing(year, start.date()))}
        between = [s.date() for s in starts if s not in closed and lies_between_terms(year, s.date())]
        if between and not repeat.needs_year:
            self.said.append(wording.between_terms(self._place("repeat"), self._text, between))
        if doing == "keep" or not closed:
            return kept, []
        taken = {start.date() for start in starts if start not in closed}
        found, effects = [], []
        for start, known_by in kept:
            if start not in closed:
                found.append((start, known_by))
                continue
            day = None if doing == "drop" else open_day(year, start.date(), 1 if doing == "next" else -1)
            if day is not None and day not in taken:
                taken.add(day)
                found.append((datetime.combine(day, start.time()), known_by))
            else:
                day = None
            effects.append(Effect(self._series.summary, start.date(), day, closed[start]))
        return sorted(found), effects

    def _on_closure(self, repeat: Repeat) -> OnClosure:
        text = self._cell_text("on_closure")
        if not text:
            return repeat.on_closure or self._choices.on_closure
        doing = _ON_CLOSURE.get(text.casefold())
        if doing is None:
            raise RowRefused(wording.bad_closure_word(self._place("on_closure"), text))
        return doing

    def _occurrences(self, starts: Sequence[tuple[datetime, datetime]]) -> tuple[Occurrence, ...]:
        """Return the row's occurrence at each start; those that the clock skips are left out (RFC 5545, 3.3.10)."""
        first, found, skipped = self._first, [], []
        for start, known_by in starts:
            end = start + (first.end - first.start)
            findings = [] if first.all_day else clock_changes(start, end, first.zone)
            if any(finding.is_error for finding in findings):
                skipped.append(start.date())
            else:
                found.append(replace(first, start=start, end=end, known_by=known_by))
        if skipped:
            self.said.append(wording.over_gap(self._place("repeat"), skipped))
        return tuple(found)

    def _in_period(self, starts: Sequence[tuple[datetime, datetime]], repeat: Repeat) -> tuple[Occurrence, ...]:
        """Return the row's occurrence in its period of each day; days on which it does not run are left out."""
        year, periods, place = self._choices.year, self._choices.periods, self._place("repeat")
        period = self._period_of(repeat)
        if not self._first.all_day:
            raise RowRefused(wording.period_and_times(place, self._text))
        if year is None or periods is None:
            raise RowRefused(wording.needs_bells(place, self._text))
        cycle = self._cycle_of(repeat, year)
        divisions = year.cycles[cycle].rule.divisions if cycle else frozenset()
        found, without = [], []
        for start, known_by in starts:
            spans = periods.spans(start.date(), period, divisions)
            if not spans:
                without.append(start.date())
            for hours in spans:
                first, last = (datetime.combine(start, clock) for clock in hours)
                found.append(replace(self._first, start=first, end=last, all_day=False, known_by=known_by))
        if without:
            self.said.append(wording.period_not_rung(place, period, without))
        return tuple(found)

    def _period_of(self, repeat: Repeat) -> str:
        """Return the period that the repeat names, or that stands in a column of its own; "" where times do."""
        return repeat.period or (self._cell_text("period") if self._first.all_day and self._choices.periods else "")

    def _cell(self, name: str) -> Cell:
        column = self._matches.column(name)
        return column.cells[self._series.record] if column else ""

    def _cell_text(self, name: str) -> str:
        return plain_text(self._cell(name)).strip()

    def _place(self, name: str) -> Place:
        column = self._matches.column(name)
        return self._table.cell_place(self._series.record, column) if column else self._series.place


def _is_day(until: date | None) -> bool:
    return until is not None and not isinstance(until, datetime)


_ENDS = {
    **dict.fromkeys(("end of term", "end of the term", "term end", "term ends"), "term"),
    **dict.fromkeys(("end of year", "end of the year", "end of school year", "end of the school year"), "year"),
}


def _is_of_whole_month(day: date, excepted: Collection[date]) -> bool:
    """Tell whether a day is left out with all of its month: “except August”."""
    return all(day.replace(day=number) in excepted for number in range(1, monthrange(day.year, day.month)[1] + 1))
