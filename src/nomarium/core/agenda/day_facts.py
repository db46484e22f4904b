"""What a school's year says of a day, in the few words that a heading has room for."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.problems import WrongCall
from nomarium.core.rows import specials_words

if TYPE_CHECKING:
    from nomarium.core.building import Part
    from nomarium.core.year import Closure, Day, SchoolYear


@dataclass(frozen=True, slots=True)
class DayFact:
    """What a heading says of a day."""

    label: str = ""
    """Its labels in the cycles: "Day 3", or "Yard 3, Loft B" where there are several."""
    short: str = ""
    """The labels alone: "3·B"."""
    week: str = ""
    """Its week: "week 2A"."""
    closure: str = ""
    """What closes the school, or whom of it: "closed: Harvest tides", "Loft closed: Sail loft inspection"."""
    special: str = ""
    has_school: bool = True
    """False where it is known that there is none."""

    @property
    def words(self) -> str:
        """All of it in one line."""
        return ", ".join(filter(None, (self.label, self.week, self.closure, self.special)))


def cycles_of(part: Part, year: SchoolYear) -> list[str]:
    """Return the cycles that a calendar's meetings follow, by their divisions; all where these do not tell."""
    divisions = {division for held in part.held for division in held.of("division")}
    own = [rule.name for rule in year.rules.cycles if not rule.divisions or divisions & set(rule.divisions)]
    return own if divisions and own else list(year.cycles)


def check_cycles(year: SchoolYear | None, names: Iterable[str]) -> None:
    """Raise WrongCall where a year, or there being none, does not know a cycle."""
    known = list(year.cycles) if year else []
    for name in names:
        if name not in known:
            raise WrongCall(f"There is no cycle “{name}”.", f"There are: {', '.join(known) or 'none; name the plan'}.")


class DayFacts:
    """Tells what each day is; nothing where there is no year."""

    def __init__(self, year: SchoolYear | None, cycles: Sequence[str] = ()) -> None:
        self._year = year
        known = list(year.cycles) if year else []
        self._cycles = [name for name in known if not cycles or name in cycles]
        self._places = [known.index(name) for name in self._cycles]
        self._known: dict[date, DayFact] = {}

    @property
    def year(self) -> SchoolYear | None:
        """The year, if there is one."""
        return self._year

    def days(self) -> Iterator[Day]:
        """Yield all days of the year."""
        return self._year.days() if self._year else iter(())

    @property
    def first_weekday(self) -> int:
        """The day that weeks begin on, Monday being 0."""
        return self._year.rules.weeks.first_weekday if self._year else 0

    def of(self, day: date) -> DayFact:
        """Return what a day is."""
        if self._year is None:
            return _NOTHING
        if day not in self._known:
            self._known[day] = self._fact(self._year.day(day))
        return self._known[day]

    def _fact(self, day: Day) -> DayFact:
        named = [(name, day.labels[place]) for name, place in zip(self._cycles, self._places, strict=True)]
        labels = [(name, label) for name, label in named if label]
        if len(self._cycles) == 1:
            label = f"Day {labels[0][1]}" if labels else ""
        else:
            label = ", ".join(f"{name} {label}" for name, label in labels)
        number = "" if day.week is None else str(day.week)
        week = f"week {number}{day.letter}" if number or day.letter else ""
        closure = ", ".join(dict.fromkeys(map(_closure_words, day.closures)))
        short = "·".join(label for _, label in labels)
        return DayFact(label, short, week, closure, specials_words(day), day.has_school)


def _closure_words(closure: Closure) -> str:
    whom = ", ".join(sorted(closure.divisions | closure.cycles))
    return f"closed: {closure.name}" if closure.for_all else f"{whom} closed: {closure.name}"


_NOTHING = DayFact()
