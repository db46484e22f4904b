"""What bell sheets state: when a period begins and ends, and on which days that holds."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import date, time
from typing import NamedTuple

from nomarium.core.problems import Place
from nomarium.core.values import clock_words

_ANY: frozenset[str] = frozenset()


class Conditions(NamedTuple):
    """On which days a bell row holds; an empty set means any. Weekdays count from Monday, 0."""

    divisions: frozenset[str] = _ANY
    labels: frozenset[tuple[str, str]] = frozenset()
    """Pairs of a cycle's name and one of its labels."""
    weekdays: frozenset[int] = frozenset()
    terms: frozenset[str] = _ANY
    """Names of terms, each with the terms that it holds."""
    specials: frozenset[str] = _ANY
    """Names of special days, case folded."""
    spans: frozenset[tuple[date, date]] = frozenset()
    """From when until when: first and last days."""

    @property
    def name_days(self) -> bool:
        """Whether they name weekdays or days of a cycle."""
        return bool(self.weekdays or self.labels)

    def include(self, other: Conditions) -> bool:
        """Tell whether these include all of the other's: they hold on no day on which the others do not."""
        return all(not theirs or (mine and mine <= theirs) for mine, theirs in zip(self, other, strict=True))

    def within(self, other: Conditions) -> Conditions:
        """Return these, and where they say nothing, the other's."""
        return Conditions(
            self.divisions or other.divisions,
            self.labels or other.labels,
            self.weekdays or other.weekdays,
            self.terms or other.terms,
            self.specials or other.specials,
            self.spans or other.spans,
        )

    def hold_on(self, day: Conditions) -> bool:
        """Tell whether they hold on a day, given by all that is true of it."""
        return all(not mine or mine & theirs for mine, theirs in zip(self, day, strict=True))


@dataclass(frozen=True, slots=True)
class BellRow:
    """When a period begins and ends, as one row or cell says it; or that it does not ring on the days of a column."""

    period: str
    start: time
    end: time
    conditions: Conditions = field(default_factory=Conditions)
    place: Place = field(default=Place(""), compare=False)
    rings: bool = True

    @classmethod
    def silent(cls, period: str, conditions: Conditions, place: Place) -> BellRow:
        """Return that a period does not ring on some days: its cell stands empty where others have their times."""
        return cls(period, time(), time(), conditions, place, rings=False)

    @property
    def hours(self) -> str:
        """Its times: "8:15–9:10"."""
        return f"{clock_words(self.start)}–{clock_words(self.end)}"
