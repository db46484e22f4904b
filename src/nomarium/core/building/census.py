"""How often each class meets, and which stand out."""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from statistics import median
from typing import TYPE_CHECKING

from nomarium.core.building.calendars import hours_of

if TYPE_CHECKING:
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
    slots: dict[str, tuple[str, int]] = {}
    for name in sorted(by_name, key=str.casefold):
        days: Counter[str] = Counter()
        for one in by_name[name]:
            days[one.day.name or "dated"] += len(one.occurrences)
        meetings, hours = days.total(), sum(map(hours_of, by_name[name]))
        found.append(ClassCount(name, meetings, hours, days))
        usual = {(one.day, one.place) for one in by_name[name] if one.change is None and one.day.name}
        slots[name] = by_name[name][0].day.cycle, len(usual)
    return _with_remarks(found, slots)


def _with_remarks(counts: Sequence[ClassCount], slots: Mapping[str, tuple[str, int]]) -> list[ClassCount]:
    """Hold each class against those that meet at as many slots of the same cycle, or of the week."""
    peers: dict[tuple[str, int], list[int]] = {}
    for count in counts:
        peers.setdefault(slots[count.name], []).append(count.meetings)
    remarked = []
    for count in counts:
        alike = peers[slots[count.name]]
        usual = median(alike)
        dated = slots[count.name][1] > 0
        far = dated and abs(count.meetings - usual) > max(_FEW, usual * _SHARE)
        why = f"others with as many slots have {usual:g}" if far and len(alike) >= _ENOUGH else ""
        remarked.append(ClassCount(count.name, count.meetings, count.hours, count.days, why))
    return remarked


_ENOUGH = 3
"""Of so many classes one can stand out."""
_FEW, _SHARE = 3, 0.15
"""A class stands out by more than so many meetings, and more than this share of the usual."""


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
