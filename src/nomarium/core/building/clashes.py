"""Teachers, rooms and students who are in two places at once."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, field
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.values import counted, day_words

if TYPE_CHECKING:
    from nomarium.core.meetings import Held
    from nomarium.core.sources import Occurrence

KINDS = ("teacher", "room", "student")


@dataclass(slots=True)
class Clash:
    """Two meetings that are at the same time on some dates, and that one person or room cannot both have."""

    kind: str
    name: str
    one: Held
    other: Held
    dates: list[date] = field(default_factory=list)

    @property
    def words(self) -> str:
        """When: "12 times, Tue 8 Sep 2026 to Thu 17 Jun 2027"."""
        first, last = min(self.dates), max(self.dates)
        if first == last:
            return day_words(first)
        return f"{counted(len(self.dates), 'time')}, {day_words(first)} to {day_words(last)}"


def find_clashes(held: Sequence[Held]) -> list[Clash]:
    """Return all clashes, each pair of slots once with its dates; those of teachers first."""
    found: list[Clash] = []
    for kind in KINDS:
        groups: dict[str, list[Held]] = {}
        for one in held:
            for name in one.values.get(kind, ()):
                groups.setdefault(name, []).append(one)
        for name, several in groups.items():
            found += _clashes(kind, name, several)
    return found


def _clashes(kind: str, name: str, held: Sequence[Held]) -> Iterable[Clash]:
    clashes: dict[tuple[object, ...], Clash] = {}
    for (one, occurrence), (other, _) in _overlapping(held):
        if _is_one_event(one, other, kind):
            continue
        key = (one.class_name, one.day, one.periods, other.class_name, other.day, other.periods)
        clash = clashes.setdefault(key, Clash(kind, name, one, other))
        clash.dates.append(occurrence.start.date())
    return clashes.values()


def _overlapping(held: Sequence[Held]) -> Iterator[tuple[tuple[Held, Occurrence], tuple[Held, Occurrence]]]:
    """Yield pairs whose times overlap; what is all day, or has no length, is in nobody's way."""
    timed = [(o.start, o.end, number, o) for number, one in enumerate(held) for o in one.occurrences if not o.all_day]
    timed.sort(key=lambda found: found[:3])
    running: list[tuple[Occurrence, int]] = []
    for start, end, number, occurrence in timed:
        running = [(other, index) for other, index in running if other.end > start]
        for other, index in running:
            if end > other.start and other.end > start and index != number:
                yield (held[index], other), (held[number], occurrence)
        running.append((occurrence, number))


def _is_one_event(one: Held, other: Held, kind: str) -> bool:
    """Tell whether two classes sit together: the same teachers in the same room."""
    rooms, teachers = one.of("room"), one.of("teacher")
    together = bool(rooms and teachers) and rooms == other.of("room") and teachers == other.of("teacher")
    parts = kind == "student" and one.class_name == other.class_name
    return together or parts
