"""Meetings, a school year and bell times → all dates on which each meeting is."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field
from datetime import date, datetime, time, timedelta
from typing import TYPE_CHECKING

from nomarium.core.meetings import wording
from nomarium.core.meetings.blocks import Block, Timetabling, blocks_of
from nomarium.core.meetings.changed_days import Cancelled, ChangedDays, DatedGroup
from nomarium.core.meetings.days import SchoolDates
from nomarium.core.meetings.held import Held
from nomarium.core.meetings.runs import Run, Runs
from nomarium.core.problems import Place, Problem
from nomarium.core.slots import DayTest, Periods, period_key
from nomarium.core.sources import Occurrence, clock_changes

if TYPE_CHECKING:
    from nomarium.core.bells import BellRow, Bells
    from nomarium.core.timetable import Change, Meeting
    from nomarium.core.year import SchoolYear

_NIGHT = 5
"""Clocks are changed before this hour."""


@dataclass(slots=True)
class Expansion:
    """What came of a timetable."""

    held: list[Held] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    applied: Counter[str] = field(default_factory=Counter)
    """How many meetings were changed, by what became of them."""
    cancelled: list[Cancelled] = field(default_factory=list)
    unrung: Counter[tuple[str, str]] = field(default_factory=Counter)
    """Meetings that special days leave no time for: by the day's name and the period."""


def expand(sources: Iterable[tuple[str, Sequence[Meeting]]], changes: Sequence[Change], by: Timetabling) -> Expansion:
    """Return all meetings of some sources on their dates, changes applied."""
    expander = _Expander(by, changes)
    blocks = [block for name, meetings in sources for block in blocks_of(name, meetings, by.names)]
    expander.bound(blocks)
    for block in blocks:
        expander.take(block)
    return expander.finish()


class _Expander:
    """Takes blocks one by one, and puts their dates together."""

    def __init__(self, by: Timetabling, changes: Sequence[Change]) -> None:
        self._by = by
        self._dates = SchoolDates(by.year)
        self._runs = Runs(by.joining)
        self._moments: dict[tuple[date, time, time], Occurrence] = {}
        self._changed = ChangedDays(changes, by)
        self._found = Expansion()
        self._without: dict[tuple[str, str], tuple[Block, list[date]]] = {}
        self._stamps: dict[date, str] = {}
        self._silent: Counter[str] = Counter()
        """Meetings that do not take place, as the cell of their period stands empty for the day: by the period."""

    def bound(self, blocks: Iterable[Block]) -> None:
        """Give rows that say how often they meet the date of their last meeting: only days with school count."""
        rows: dict[tuple[str, Place], list[Block]] = {}
        for block in blocks:
            if block.when.times:
                rows.setdefault((block.source, block.place), []).append(block)
        for (_, place), several in rows.items():
            count = several[0].when.times
            dates = sorted(day for block in several for day in self._dates.dates(block.when, block.division))
            if dates and len(dates) < count:
                self._found.problems.append(wording.fewer_meetings(place, several[0].class_name, count, len(dates)))
            for block in several if dates else ():
                block.when = block.when._replace(last=dates[min(count, len(dates)) - 1])

    def take(self, block: Block) -> None:
        """Find the dates of a block; those on which something changes are kept for later."""
        dates = self._dates.dates(block.when, block.division)
        if not dates:
            problem = wording.never_met(block.place, block.class_name, block.when.day.words)
            self._found.problems.append(problem)
        changed = self._changed.dates
        if block.when.clock is not None:
            self._take_clock(block, dates)
            return
        bells = self._by.bells
        if bells is None:
            if not any(problem.code == "no-bell-times" for problem in self._found.problems):
                self._found.problems.append(wording.no_bell_times(block.place))
            return
        held: dict[Periods, Held] = {}
        for day in dates:
            ringing = bells.on(day, block.division)
            runs, missing = self._runs.of(ringing, block.groups)
            if missing:
                self._note_missing(block, missing, day, ringing)
            if day in changed:
                self._changed.take(DatedGroup(block, day, ringing, runs))
                continue
            for run in runs:
                one = held.get(run.periods)
                if one is None:
                    one = held[run.periods] = self._new(block, run.periods)
                one.occurrences.append(self._occurrence(day, run.start, run.end))
                one.known_on.append(self._stamp(day))
        self._found.held += held.values()

    def _take_clock(self, block: Block, dates: Sequence[date]) -> None:
        start, end = block.when.clock or (time(), time())
        held = self._new(block, ())
        for day in dates:
            hours = self._left_of(day, block, (start, end))
            if hours is None:
                continue
            if day in self._changed.dates:
                self._changed.take(DatedGroup(block, day, None, (Run((), *hours),)))
                continue
            held.occurrences.append(self._occurrence(day, *hours))
            held.known_on.append(self._stamp(day))
        if held.occurrences:
            self._found.held.append(held)

    def _left_of(self, day: date, block: Block, hours: tuple[time, time]) -> tuple[time, time] | None:
        """Return what a day of which only a part is school leaves of clock times; None, counted, for nothing."""
        left: tuple[time, time] | None = hours
        for special in self._by.year.attendance.specials(day):
            if special.part is None or (special.divisions and block.division not in special.divisions):
                continue
            left = special.part.kept(*left) if left is not None else None
            if left != hours:
                self._found.unrung[special.name, "" if left is None else "cut"] += 1
            elif special.part.later or special.part.length:
                self._found.unrung[special.name, "kept"] += 1
        return left

    def _new(self, block: Block, periods: Periods, change: Change | None = None, first: str = "") -> Held:
        clock = block.when.clock
        known_by = first or (periods[0] if periods else f"{clock[0]:%H:%M}" if clock else "")
        return Held(
            block.source,
            block.values,
            identity=(block.class_name, known_by),
            day=block.when.day,
            periods=periods,
            called=block.when.called,
            place=block.place,
            change=change,
        )

    def _occurrence(self, day: date, start: time, end: time) -> Occurrence:
        key = (day, start, end)
        known = self._moments.get(key)
        if known is None:
            first, last = datetime.combine(day, start), datetime.combine(day, end)
            if end < start:
                last += timedelta(days=1)
            known = self._moments[key] = Occurrence(first, last, False, self._by.zone)
            if start.hour < _NIGHT:
                findings = clock_changes(first, last, self._by.zone)
                self._found.problems += [finding.at(Place(""), f"{first:%Y-%m-%d %H:%M}") for finding in findings]
        return known

    def _stamp(self, day: date) -> str:
        stamp = self._stamps.get(day)
        if stamp is None:
            stamp = self._stamps[day] = day.strftime("%Y%m%d")
        return stamp

    def _note_missing(self, block: Block, missing: Periods, day: date, bells: Bells) -> None:
        for period in missing:
            if self._turns(block, period):
                continue
            if bells.special:
                self._found.unrung[bells.special, period] += 1
            elif block.when.day.weekday is None and period_key(period) in bells.silent:
                self._silent[period] += 1
            else:
                key = (block.place.file + (block.place.sheet or ""), period)
                self._without.setdefault(key, (block, []))[1].append(day)

    def _turns(self, block: Block, period: str) -> bool:
        """Tell whether a class of every day has a period that by its bells rings on some days alone."""
        named = block.when.day != DayTest()
        rows = self._by.bells.rows if self._by.bells else ()
        conditions = [row.conditions for row in rows if row.period == period]
        return not named and bool(conditions) and all(one.labels or one.weekdays for one in conditions)

    def finish(self) -> Expansion:
        """Apply the changes, and say what could not be."""
        found = self._found
        for piece in self._changed.apply():
            held = self._new(piece.block, piece.periods, piece.change, piece.known_by)
            held.values = piece.values
            held.occurrences.append(self._occurrence(piece.day, piece.start, piece.end))
            held.known_on.append(self._stamp(piece.original))
            found.held.append(held)
        found.problems += self._changed.problems
        found.applied = self._changed.applied
        found.cancelled = self._changed.cancelled
        for (_, period), (block, found_days) in self._without.items():
            bells = self._by.bells
            rung = (
                ", ".join(row.period for row in bells.on(found_days[0], block.division).rows.values()) if bells else ""
            )
            days = sorted(set(found_days))
            found.problems.append(wording.period_without_bells(block.place, period, block.class_name, days, rung))
        if self._by.bells:
            found.problems += self._by.bells.ties
        rows = self._by.bells.rows if self._by.bells else ()
        found.problems += _unrung(found.unrung, rows, self._by.year)
        empty = {period_key(row.period): row.place for row in rows if not row.rings}
        for period, count in self._silent.items():
            found.problems.append(wording.silent(empty[period_key(period)], period, count))
        return found


def _unrung(counts: Counter[tuple[str, str]], rows: Sequence[BellRow], year: SchoolYear) -> list[Problem]:
    """Say what special days leave no time for, or shorten; and what they leave alone, as it has times of its own."""
    problems = []
    for special in dict.fromkeys(name for name, _ in counts):
        said = {period: count for (name, period), count in counts.items() if name == special}
        of_day = (one.place for one in year.rules.specials if one.name and one.name in special)
        of_bells = (row.place for row in rows if special.casefold() in row.conditions.specials)
        place = next((Place(one.file, one.sheet) for one in of_bells), next(of_day, Place("")))
        for word, told in (("cut", wording.cut_short), ("kept", wording.own_times_kept)):
            if word in said:
                problems.append(told(place, special, said.pop(word)))
        if said:
            periods = sorted(filter(None, said))
            listed = f"period {periods[0]}" if len(periods) == 1 else f"periods {', '.join(periods)}"
            problems.append(wording.not_rung(place, special, sum(said.values()), listed if periods else ""))
    return problems
