"""What a school states about its year: terms, closures, special days, weeks, cycles. Nothing here is worked out."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field
from datetime import date, timedelta
from enum import StrEnum
from types import MappingProxyType
from typing import TYPE_CHECKING

from nomarium.core.problems import Place

if TYPE_CHECKING:
    from nomarium.core.year.day_parts import DayPart

NOWHERE = Place("")
MONDAY_TO_FRIDAY = frozenset(range(5))


def days_of(first: date, last: date) -> Iterator[date]:
    """Yield every date from the first to the last, both included."""
    return (first + timedelta(days=number) for number in range((last - first).days + 1))


class Effect(StrEnum):
    """What a date without its usual classes does to a cycle."""

    HOLD = "hold"
    """The label waits for the next day."""
    SKIP = "skip"
    """The label is used up."""


@dataclass(frozen=True, slots=True)
class Span:
    """Dates from ``first`` to ``last``, both included, under a name, and the place that says so."""

    name: str
    first: date
    last: date
    place: Place = field(default=NOWHERE, compare=False)

    def __contains__(self, day: date) -> bool:
        return self.first <= day <= self.last

    def days(self) -> Iterator[date]:
        """Every date of it."""
        return days_of(self.first, self.last)


@dataclass(frozen=True, slots=True)
class Term(Span):
    """A year, semester, quarter or half-term."""

    letter: str = ""
    """The letter of its first week, where the sheet says it."""
    code: str = ""
    """What other sheets call it, where the sheet says that beside its name: "S1"."""


@dataclass(frozen=True, slots=True)
class Closure(Span):
    """Dates without school: for all, or for some divisions or cycles only."""

    divisions: frozenset[str] = frozenset()
    cycles: frozenset[str] = frozenset()
    effect: Effect | None = None
    """What it does to cycles, where that is not what their way of advancing says."""
    public: bool = False
    """Whether it is a public holiday, worked out and not from a sheet."""

    @property
    def for_all(self) -> bool:
        """Whether the whole school is closed."""
        return not self.divisions and not self.cycles


@dataclass(frozen=True, slots=True)
class SpecialDay(Span):
    """Dates with school, but with bell times of their own, or with another weekday's timetable."""

    divisions: frozenset[str] = frozenset()
    follows: int | None = None
    """The weekday whose timetable holds (Monday is 0)."""
    part: DayPart | None = None
    """How it differs from a usual day, where it has no bell times of its own."""


@dataclass(frozen=True, slots=True)
class NoCycleDays(Span):
    """Dates on which school is in, but no day of the cycle runs: exams, staff days."""

    effect: Effect | None = None


class Advance(StrEnum):
    """What moves a cycle on to its next label."""

    SCHOOL_DAYS = "school days"
    WORKING_DAYS = "working days"
    CALENDAR_WEEKS = "weeks"
    SCHOOL_WEEKS = "school weeks"
    DAYS_OF_WEEKS = "days of weeks"
    """The labels are the school days of week A, then those of week B: “Day 6” is the Monday of week B."""

    @property
    def by_weeks(self) -> bool:
        """Whether a label holds for a week."""
        return self in (Advance.CALENDAR_WEEKS, Advance.SCHOOL_WEEKS)

    @property
    def heeds_closures(self) -> bool:
        """Whether a closure may change which label another day has."""
        return self in (Advance.SCHOOL_DAYS, Advance.WORKING_DAYS)


@dataclass(frozen=True, slots=True)
class Pin:
    """A label stated for a date."""

    label: str
    goes_on: bool
    """Whether the cycle goes on from it, or it stands alone."""
    place: Place = field(default=NOWHERE, compare=False)


@dataclass(frozen=True, slots=True)
class CycleRule:
    """How the labels of one cycle follow one another."""

    name: str
    labels: tuple[str, ...]
    advance: Advance = Advance.SCHOOL_DAYS
    divisions: frozenset[str] = frozenset()
    """The divisions that follow it; none means all."""
    start: date | None = None
    """The first date that may have a label, where that is not the first school day."""
    start_label: str | None = None
    restart_each_term: bool = False
    restarts: tuple[date, ...] = ()
    pins: Mapping[date, Pin] = field(default_factory=lambda: MappingProxyType({}))
    without: tuple[NoCycleDays, ...] = ()
    doubled_meant: bool = False
    """Whether a label may stand twice among its labels."""
    listed: Mapping[date, Pin] | None = None
    """Its labels by date, where they are listed outright and not worked out."""
    place: Place = field(default=NOWHERE, compare=False)
    places: Mapping[str, Place] = field(default_factory=lambda: MappingProxyType({}), compare=False)
    """Where its keys stand, by their names."""

    def at(self, key: str) -> Place:
        """Return where one of its keys stands, or the cycle as a whole."""
        return self.places.get(key, self.place)


@dataclass(frozen=True, slots=True)
class WeekRules:
    """How the weeks of a term are numbered, and which letters they get."""

    first_weekday: int = 0
    letters: tuple[str, ...] = ()
    by_school_weeks: bool = True
    restart_each_term: bool = False
    number_short_first: bool = True
    number_breaks: bool = False
    listed: Mapping[date, str] = field(default_factory=dict)
    """The letters of weeks by a date in each, where they are listed and not worked out."""
    numbers: Mapping[date, int] = field(default_factory=dict)
    """The numbers of weeks by a date in each, where they are listed and not counted."""

    @property
    def all_letters(self) -> tuple[str, ...]:
        """The letters in their order; those that a list gives, where it does."""
        return tuple(sorted(set(self.listed.values()))) if self.listed else self.letters


@dataclass(frozen=True, slots=True)
class YearRules:
    """All that makes a school year."""

    terms: tuple[Term, ...]
    weekdays: frozenset[int] = MONDAY_TO_FRIDAY
    """The weekdays on which there is school (Monday is 0)."""
    extra_school_days: frozenset[date] = frozenset()
    """Rest days that are school days all the same."""
    closures: tuple[Closure, ...] = ()
    specials: tuple[SpecialDay, ...] = ()
    weeks: WeekRules = WeekRules()
    divisions: tuple[str, ...] = ()
    cycles: tuple[CycleRule, ...] = ()

    def terms_by_name(self) -> dict[str, str]:
        """Return the names of terms by what they may be called, in small letters: by their names, and their codes."""
        codes = {term.code.casefold(): term.name for term in self.terms if term.code}
        return {**codes, **{term.name.casefold(): term.name for term in self.terms}}

    @property
    def first(self) -> date:
        """The first day of the first term."""
        return min(term.first for term in self.terms)

    @property
    def last(self) -> date:
        """The last day of the last term."""
        return max(term.last for term in self.terms)
