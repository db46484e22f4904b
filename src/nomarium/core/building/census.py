"""How often each class meets, and which stand out."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from statistics import median

from nomarium.core.building.calendars import hours_of
from nomarium.core.meetings import Held
from nomarium.core.year import SchoolYear


@dataclass(frozen=True, slots=True)
class ClassCount:
    """A class, how often it meets in the year, for how many hours, and on which days."""

    name: str
    meetings: int
    hours: float
    days: Counter[str]
    stands_out: str = ""
    """Why it is worth a look, "" where it is like the others."""


def count_classes(held: Sequence[Held]) -> list[ClassCount]:
    """Return the counts of all classes and codes, in the order of their names; events are none."""
    by_name: dict[str, list[Held]] = {}
    for one in held:
        if one.event is None:
            by_name.setdefault(one.class_name, []).append(one)
    found = []
    for name in sorted(by_name, key=str.casefold):
        days: Counter[str] = Counter()
        for one in by_name[name]:
            days[one.day.name or "dated"] += len(one.occurrences)
        meetings, hours = days.total(), sum(map(hours_of, by_name[name]))
        found.append(ClassCount(name, meetings, hours, days))
    return _with_remarks(found)


def _with_remarks(counts: Sequence[ClassCount]) -> list[ClassCount]:
    if len(counts) < _ENOUGH:
        return list(counts)
    middle = median(count.meetings for count in counts)
    remarked = []
    for count in counts:
        why = ""
        if count.meetings * 2 < middle:
            why = f"less than half of the usual {middle:g}"
        elif count.meetings > middle * 2:
            why = f"more than twice the usual {middle:g}"
        remarked.append(ClassCount(count.name, count.meetings, count.hours, count.days, why))
    return remarked


_ENOUGH = 4
"""Of so many classes one can stand out."""


def count_labels(held: Sequence[Held], year: SchoolYear) -> dict[str, dict[str, tuple[int, int]]]:
    """Return for each cycle its labels with (days in the year, meetings on them)."""
    meetings: Counter[tuple[str, str]] = Counter()
    for one in held:
        if one.day.label:
            meetings[one.day.cycle, one.day.label] += len(one.occurrences)
    found: dict[str, dict[str, tuple[int, int]]] = {}
    for name, cycle in year.cycles.items():
        days = Counter(cycle.labels().values())
        found[name] = {label: (days[label], meetings[name, label]) for label in dict.fromkeys(cycle.rule.labels)}
    return found
