"""The dates on which something changes: their meetings period by period, what hits them, and what is left."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime, time
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.slots import Periods, period_key
from nomarium.core.timetable import Change, Values
from nomarium.core.timetable import change_wording as wording
from nomarium.core.timetable.wording import near_words
from nomarium.core.values import day_words

if TYPE_CHECKING:
    from nomarium.core.bells import Bells
    from nomarium.core.meetings.blocks import Block, Timetabling
    from nomarium.core.meetings.runs import Run
    from nomarium.core.problems import Problem


class DatedGroup(NamedTuple):
    """What one block has on one date."""

    block: Block
    day: date
    bells: Bells | None
    """None for a meeting with clock times of its own."""
    runs: Sequence[Run]


@dataclass(slots=True)
class _Unit:
    """One period of one meeting, and what hits it."""

    group: DatedGroup
    run: Run
    period: str
    """As written, "" for a meeting with clock times of its own."""
    start: time
    end: time
    changes: list[Change] = field(default_factory=list)


class Piece(NamedTuple):
    """What is left of a meeting on a date on which something changes."""

    block: Block
    values: Values
    periods: Periods
    known_by: str
    """The first period of the meeting as the timetable has it."""
    original: date
    day: date
    start: time
    end: time
    change: Change | None


class _Target(NamedTuple):
    """When periods take place."""

    day: date
    periods: Periods
    start: time
    end: time


class Cancelled(NamedTuple):
    """A meeting, or a period of it, that a change has cancelled."""

    class_name: str
    values: Values
    periods: Periods
    day: date
    change: Change


class ChangedDays:
    """Collects the meetings of the dates that changes name, and applies the changes to them as they were before any."""

    def __init__(self, changes: Sequence[Change], by: Timetabling) -> None:
        self.dates = frozenset(change.day for change in changes)
        self.applied: Counter[str] = Counter()
        self.problems: list[Problem] = []
        self.cancelled: list[Cancelled] = []
        self._changes = changes
        self._by = by
        self._units: dict[date, list[_Unit]] = {}
        self._classes: dict[str, str] = {}

    def take(self, group: DatedGroup) -> None:
        """Take up what a block has on a date, period by period."""
        units = self._units.setdefault(group.day, [])
        self._classes.setdefault(group.block.class_name.casefold(), group.block.class_name)
        rung = {one.name: one.rung for written in group.block.groups for one in written}
        for run in group.runs:
            if group.bells is None:
                units.append(_Unit(group, run, "", run.start, run.end))
                continue
            for period in run.periods:
                row = group.bells.rows[period_key(rung[period])]
                units.append(_Unit(group, run, period, row.start, row.end))

    def apply(self) -> list[Piece]:
        """Apply all changes and return what is left."""
        for change in self._changes:
            self._apply(change)
        return [piece for units in self._units.values() for piece in self._left(units)]

    def _apply(self, change: Change) -> None:
        units = [unit for unit in self._units.get(change.day, []) if _is_hit(unit, change)]
        if not units:
            self.problems.append(self._without_meeting(change))
            return
        meetings = {(id(unit.group), unit.run): unit for unit in units}
        if len(meetings) > 1 and not change.everything:
            slots = ", ".join(_slot_words(unit) for unit in meetings.values())
            self.problems.append(wording.matches_several(change.place, change.class_name, slots))
            return
        self.applied[change.words] += len(meetings)
        for unit in units:
            for other in unit.changes:
                if _contradict(other, change):
                    words = _slot_words(unit)
                    self.problems.append(wording.changed_twice(change.place, words, other.place))
                    return
            unit.changes.append(change)

    def _without_meeting(self, change: Change) -> Problem:
        day = self._by.year.day(change.day)
        what = ", ".join(filter(None, (change.class_name or "all", "–".join(change.periods))))
        closures = [closure.name for closure in day.closures]
        if day.term is None:
            why = f"{day_words(change.day)} is in no term"
        elif not day.has_school:
            why = f"there is no school on {day_words(change.day)}" + (f" ({closures[0]})" if closures else "")
        elif change.class_name and not self._met(change):
            why = f"“{change.class_name}” does not meet on {day_words(change.day)}"
            if change.class_name.casefold() not in self._classes:
                near = near_words(change.class_name, self._classes.values()).strip()
                return wording.matches_nothing(change.place, what, why, near)
        else:
            slots = ", ".join(_slot_words(unit) for unit in self._met(change)[:6])
            why = (
                f"on {day_words(change.day)} there is only {slots}"
                if slots
                else f"nothing meets on {day_words(change.day)}"
            )
        return wording.matches_nothing(change.place, what, why)

    def _met(self, change: Change) -> list[_Unit]:
        """Return what a change would hit in any period."""
        anywhen = replace(change, periods=())
        return [unit for unit in self._units.get(change.day, []) if _is_hit(unit, anywhen)]

    def _left(self, units: Sequence[_Unit]) -> Iterator[Piece]:
        """Yield what is left of a date's meetings: neighbours of one run that share their fate stay together."""
        runs: dict[tuple[int, Run], list[_Unit]] = {}
        for unit in units:
            runs.setdefault((id(unit.group), unit.run), []).append(unit)
        for several in runs.values():
            left = [unit for unit in several if not any(change.cancelled for change in unit.changes)]
            known_by = several[0].period
            self._note_cancelled(several)
            for piece in _together(left):
                yield from self._pieces(piece, known_by if piece[0] is left[0] else piece[0].period)

    def _note_cancelled(self, units: Sequence[_Unit]) -> None:
        for change in dict.fromkeys(change for unit in units for change in unit.changes if change.cancelled):
            gone = [unit for unit in units if change in unit.changes]
            block, day = gone[0].group.block, gone[0].group.day
            self.cancelled.append(Cancelled(block.class_name, block.values, _periods(gone), day, change))

    def _pieces(self, units: Sequence[_Unit], known_by: str) -> Iterator[Piece]:
        block, day = units[0].group.block, units[0].group.day
        changes = units[0].changes
        values = dict(block.values)
        for change in changes:
            values |= {"room": change.rooms} if change.rooms else {}
            values |= {"teacher": change.teachers} if change.teachers else {}
        move = next((change for change in changes if change.moves), None)
        stays = _Target(day, _periods(units), units[0].start, max(unit.end for unit in units))
        target = self._moved(units, stays, move) if move else stays
        if target is not None:
            yield Piece(
                block,
                values,
                target.periods,
                known_by,
                day,
                *target[:1],
                *target[2:],
                move or next(iter(changes), None),
            )

    def _moved(self, units: Sequence[_Unit], stays: _Target, move: Change) -> _Target | None:
        """Return where some periods move to; None, with a problem, where there is no such time."""
        day = move.new_date or stays.day
        if not self._by.year.day(day).has_school:
            self.problems.append(wording.moved_to_closure(move.place, _slot_words(units[0]), day_words(day)))
        if move.new_hours is not None:
            start, end = move.new_hours
            length = datetime.combine(day, stays.end) - datetime.combine(day, stays.start)
            return _Target(day, stays.periods, start, end or (datetime.combine(day, start) + length).time())
        if self._by.bells is None or units[0].group.bells is None:
            return _Target(day, stays.periods, stays.start, stays.end)
        block = units[0].group.block
        whom = (
            *block.values.get("class", ()),
            *block.values.get("group", ()),
            *block.values.get("team", ()),
            block.division,
        )
        bells = self._by.bells.on(day, block.division)
        periods = move.new_periods or stays.periods
        rows = [(period, bells.row(self._by.names.of(period, whom))) for period in periods]
        for period, row in rows:
            if row is None:
                self.problems.append(wording.no_period_there(move.place, period, day_words(day)))
        found = [row for _, row in rows if row is not None]
        if len(found) < len(rows):
            return None
        return _Target(day, periods, min(row.start for row in found), max(row.end for row in found))


def _periods(units: Sequence[_Unit]) -> Periods:
    return tuple(unit.period for unit in units if unit.period)


def _together(units: Sequence[_Unit]) -> list[list[_Unit]]:
    """Part the units of a run where their changes differ, or where one between them is gone."""
    found: list[list[_Unit]] = []
    for unit in units:
        last = found[-1][-1] if found else None
        follows = last is not None and _follows(last, unit)
        if last is not None and follows and last.changes == unit.changes:
            found[-1].append(unit)
        else:
            found.append([unit])
    return found


def _follows(one: _Unit, other: _Unit) -> bool:
    periods = one.run.periods
    return periods.index(other.period) == periods.index(one.period) + 1


def _is_hit(unit: _Unit, change: Change) -> bool:
    block = unit.group.block
    if change.class_name and change.class_name.casefold() not in _names(block):
        return False
    if change.division and change.division.casefold() != block.division.casefold():
        return False
    names = {unit.period} if unit.period else set(block.when.called)
    return not change.periods or not {*map(period_key, names)}.isdisjoint(map(period_key, change.periods))


def _names(block: Block) -> set[str]:
    return {block.class_name.casefold(), *(name.casefold() for name in block.values.get("class", ()))}


def _contradict(one: Change, other: Change) -> bool:
    if one == other or one.cancelled != other.cancelled:
        return True
    both_move = one.moves and other.moves
    rooms = bool(one.rooms and other.rooms and one.rooms != other.rooms)
    return both_move or rooms or bool(one.teachers and other.teachers and one.teachers != other.teachers)


def _slot_words(unit: _Unit) -> str:
    when = f"period {'–'.join(unit.run.periods)}" if unit.period else f"{unit.start.hour}:{unit.start:%M}"
    return f"“{unit.group.block.class_name}” {when}"
