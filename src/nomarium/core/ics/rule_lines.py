"""How an event repeats → RRULE, EXRULE, RDATE, EXDATE and RECURRENCE-ID lines (RFC 5545, 3.8.5 and 3.8.4.4)."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from dataclasses import replace
from datetime import UTC, date, datetime, time
from typing import TYPE_CHECKING
from zoneinfo import ZoneInfo

if TYPE_CHECKING:
    from nomarium.core.repeats import Recurrence, Rule
    from nomarium.core.sources import Occurrence


def rule_lines(recurrence: Recurrence, first: Occurrence) -> Iterator[str]:
    """Yield the lines of a recurrence, whose times are those of its first occurrence's zone."""
    for name, rules in (("RRULE", recurrence.rules), ("EXRULE", recurrence.except_rules)):
        yield from (f"{name}:{standard_rule(rule, first)}" for rule in rules)
    if recurrence.dates:
        yield f"RDATE{_moments(recurrence.dates, first)}"
    left_out = sorted({*recurrence.except_dates, *_on_days(recurrence.except_days, first)})
    if left_out:
        yield f"EXDATE{_moments(left_out, first)}"


def replaced_line(start: datetime, occurrence: Occurrence) -> str:
    """Return the RECURRENCE-ID of a changed occurrence."""
    return f"RECURRENCE-ID{_moments([start], occurrence)}"


def standard_rule(rule: Rule, first: Occurrence) -> Rule:
    """Return a rule with its UNTIL as RFC 5545, 3.3.10 wants it: a date for days, UTC where the start has a zone."""
    until = rule.until
    if until is None:
        return rule
    day = until.date() if isinstance(until, datetime) else until
    if first.all_day:
        return replace(rule, until=day)
    local = until if isinstance(until, datetime) else datetime.combine(day, time(23, 59, 59))
    if local.tzinfo is not None or not first.zone:
        return replace(rule, until=local)
    return replace(rule, until=local.replace(tzinfo=ZoneInfo(first.zone)).astimezone(UTC))


def _on_days(days: Iterable[date], first: Occurrence) -> Iterator[datetime]:
    return (datetime.combine(day, first.start.time()) for day in days)


def _moments(moments: Iterable[datetime], first: Occurrence) -> str:
    if first.all_day:
        return ";VALUE=DATE:" + ",".join(f"{moment:%Y%m%d}" for moment in moments)
    if first.zone == "UTC":
        return ":" + ",".join(f"{moment:%Y%m%dT%H%M%S}Z" for moment in moments)
    zone = f";TZID={first.zone}" if first.zone else ""
    return f"{zone}:" + ",".join(f"{moment:%Y%m%dT%H%M%S}" for moment in moments)
