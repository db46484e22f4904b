"""All that makes an event repeat: rules, further dates and dates left out → its starts (RFC 5545, 3.8.5)."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from datetime import date, datetime, timedelta
from heapq import merge
from typing import TYPE_CHECKING

from nomarium.core.repeats.expand import expand

if TYPE_CHECKING:
    from nomarium.core.repeats.rule import Rule

_YEARS_AHEAD = 20


@dataclass(frozen=True, slots=True)
class Recurrence:
    """Rules and dates, all as local times of the event's zone; an UNTIL too."""

    rules: tuple[Rule, ...] = ()
    dates: tuple[datetime, ...] = ()
    except_dates: frozenset[datetime] = frozenset()
    except_days: frozenset[date] = frozenset()
    """Days left out whole: an EXDATE that is a date though the event has times."""
    except_rules: tuple[Rule, ...] = ()
    """The EXRULE of older calendars (RFC 2445)."""

    @property
    def endless(self) -> bool:
        """Whether some rule has no end."""
        return any(rule.endless for rule in self.rules)

    def starts(self, first: datetime, last: datetime | None = None) -> Iterator[datetime]:
        """Yield the starts in order, each once, up to ``last``; the event's own first start is one of them.

        Where a rule does not hit the first start, that still counts as the first of a COUNT (RFC 5545, 3.8.5.3).
        """
        rules = [_counted(rule, first) for rule in self.rules]
        sources = [iter([first]), *(expand(rule, first, last) for rule in rules if rule), iter(sorted(self.dates))]
        left_out = _LeftOut(merge(*(expand(rule, first, last) for rule in self.except_rules)))
        before: datetime | None = None
        for start in merge(*sources):
            if last is not None and start > last:
                return
            if start != before and not self._excepted(start) and not left_out.has(start):
                yield start
            before = start

    def last_day(self, first: datetime) -> datetime:
        """Return a time that no start lies behind, for rules without an end some twenty years ahead."""
        ends = [first, *self.dates]
        for rule in self.rules:
            if isinstance(rule.until, date):
                ends.append(datetime(rule.until.year, rule.until.month, rule.until.day) + timedelta(days=1))
            elif rule.count is not None:
                ends.append(max(expand(rule, first), default=first))
            else:
                ends.append(first.replace(year=min(first.year + _YEARS_AHEAD, 2199), day=min(first.day, 28)))
        return max(ends)

    def _excepted(self, start: datetime) -> bool:
        return start in self.except_dates or start.date() in self.except_days


def _counted(rule: Rule, first: datetime) -> Rule | None:
    """Return a rule whose COUNT leaves room for a first start that it does not hit; None where no more is left."""
    if rule.count is None or next(expand(rule, first, first), None) == first:
        return rule
    return replace(rule, count=rule.count - 1) if rule.count > 1 else None


class _LeftOut:
    """The starts that old exception rules make, asked for in order."""

    def __init__(self, starts: Iterator[datetime]) -> None:
        self._starts = starts
        self._next = next(starts, None)

    def has(self, start: datetime) -> bool:
        """Tell whether a start, not before the last one asked for, is left out."""
        while self._next is not None and self._next < start:
            self._next = next(self._starts, None)
        return self._next == start
