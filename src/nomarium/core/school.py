"""From a plan to a school: its sheets read, its year worked out."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date
from pathlib import Path
from typing import TYPE_CHECKING, TypeVar

from nomarium.core.datesheets import (
    DatedSheet,
    SchoolCalendar,
    empty_is_fine,
    holds_holidays,
    holidays_among_terms,
    leave_open,
    read_breaks,
    read_closures,
    read_listed_days,
    read_public_holidays,
    read_school_calendar,
    read_special_days,
    read_terms,
    read_weeks,
)
from nomarium.core.kinds import label_order
from nomarium.core.plan import CycleKeys, PlanFile, load_plan, named_outside
from nomarium.core.plan_sheets import PlanSheets, a_year_around
from nomarium.core.problems import Problem, by_place, has_errors
from nomarium.core.values import WEEKDAY_NAMES, counted
from nomarium.core.year import (
    Advance,
    Closure,
    CycleRule,
    NoCycleDays,
    Pin,
    SchoolYear,
    SpecialDay,
    Term,
    WeekRules,
    YearRules,
    check_rules,
    read_day_part,
    unlisted_days,
    unlisted_weeks,
    year_of_list,
)
from nomarium.core.year.wording import two_pins, year_is_listed

if TYPE_CHECKING:
    from nomarium.core.sheets import Sheet

_Found = TypeVar("_Found")


@dataclass(frozen=True, slots=True)
class SheetRead:
    """A sheet that was read: what it gave, in words ("11 closures"), and the sheet itself for its evidence."""

    gave: str
    sheet: Sheet


@dataclass(slots=True)
class School:
    """A school as its plan describes it; without a year where errors leave none to tell."""

    plan: PlanFile | None
    year: SchoolYear | None = None
    problems: list[Problem] = field(default_factory=list)
    sheets: list[SheetRead] = field(default_factory=list)

    @property
    def name(self) -> str:
        """The school's name."""
        return self.plan.plan.school.name if self.plan else ""

    @property
    def failed(self) -> bool:
        """Whether any error was found."""
        return has_errors(self.problems)


def open_school(path: Path, *, needs_year: bool = True) -> School:
    """Read a plan and its sheets, and work out the year. Raises DataRefused where the plan cannot be read at all.

    Without ``needs_year``, a plan may name no terms and no cycles: then it has no year.
    """
    plan, problems = load_plan(path)
    if plan is None:
        return School(None, None, by_place(problems))
    school = School(plan, problems=named_outside(plan))
    if not needs_year and not plan.plan.year.states_terms and not plan.plan.cycles:
        return school
    rules = _Assembly(school, plan).rules()
    if rules.terms or not school.failed:
        school.problems += check_rules(rules, lambda key: plan.place("year", key))
    if not school.failed:
        school.year = SchoolYear(rules)
        school.problems += unlisted_weeks(school.year, plan.place("year", "weeks", "listed"))
        lists = {name: plan.place("cycles", name, "listed") for name, keys in plan.plan.cycles.items() if keys.listed}
        school.problems += unlisted_days(school.year, lists)
    school.problems = by_place(school.problems)
    return school


class _Assembly:
    """Reads the sheets that a plan names, and puts the rules of the year together."""

    def __init__(self, school: School, plan: PlanFile) -> None:
        self._school = school
        self._plan = plan
        self._keys = plan.plan
        self._sheets = PlanSheets(plan, school.problems)
        self._lists: dict[str, dict[date, Pin]] = {}
        self._calendars: list[SchoolCalendar] = []
        self._breaks: list[Closure] = []
        """The days off that sheets of terms name within these."""

    def rules(self) -> YearRules:
        """Return the rules; what cannot be read is among the school's problems."""
        keys = self._keys.year
        self._calendars = self._read_calendars()
        terms = self._terms()
        terms, unlisted = (terms, []) if terms or keys.states_terms else self._listed_year()
        if terms:
            self._sheets.within = a_year_around(min(term.first for term in terms), max(term.last for term in terms))
        closures, specials = self._closures(terms)
        extra = set(keys.extra_school_days)
        without: list[tuple[frozenset[str], NoCycleDays]] = []
        for choices in self._sheets.of(keys.special_days, "year", "special_days"):
            found = self._take_list(read_special_days(choices))
            self._note(found.sheet, counted(len(found.specials), "special day"))
            specials += found.specials
            extra |= found.school_days
            without += found.without_cycle
        specials += self._follows()
        return YearRules(
            tuple(terms),
            frozenset(WEEKDAY_NAMES.index(name) for name in keys.school_days),
            frozenset(extra),
            (*closures, *unlisted),
            tuple(specials),
            self._weeks(),
            tuple(self._keys.school.divisions),
            tuple(self._cycle(name, cycle, without) for name, cycle in self._keys.cycles.items()),
        )

    def _read_calendars(self) -> list[SchoolCalendar]:
        found = []
        for choices in self._sheets.of(self._keys.year.calendars, "year", "calendars"):
            calendar = self._take_list(read_school_calendar(choices, list(self._keys.cycles)))
            gave = [counted(len(calendar.terms), "term")] if calendar.terms else []
            self._note(calendar.closed.sheet, " + ".join([*gave, counted(len(calendar.closed.closures), "closure")]))
            found.append(calendar)
        return found

    def _terms(self) -> list[Term]:
        terms = [term for calendar in self._calendars for term in calendar.terms]
        spans, place = self._keys.year.spans, self._plan.place("year", "spans")
        terms += [
            Term(f"Term {number}" if len(spans) > 1 else "School year", first, last, place)
            for number, (first, last) in enumerate(spans, 1)
        ]
        closing = {self._plan.folder / one.file for one in self._keys.year.closures}
        for choices in self._sheets.of(self._keys.year.terms, "year", "terms"):
            found, sheet, problems = read_terms(choices)
            self._school.problems += problems
            names = [row.name for row in sheet.rows] if sheet else []
            if sheet and holds_holidays(names) and choices.path not in closing:
                self._school.problems.append(holidays_among_terms(sheet.sheet.table.place, names))
            breaks, problems = read_breaks(sheet, found) if sheet else ([], [])
            self._school.problems += problems
            self._breaks += breaks
            also = f" + {counted(len(breaks), 'closure')}" if breaks else ""
            self._note(sheet, counted(len(found), "term") + also)
            terms += found
        return terms

    def _listed_year(self) -> tuple[list[Term], list[Closure]]:
        """Return the terms and closures of a year that only lists of days describe; none where there are no lists."""
        keys = self._keys.year
        weekdays = {WEEKDAY_NAMES.index(name) for name in keys.school_days}
        for name, cycle in self._keys.cycles.items():
            listed = self._listed(name, cycle) if not cycle.labels else None
            if listed:
                place = self._plan.place("cycles", name, "listed")
                terms, closures = year_of_list(listed, weekdays, cycle.listed[0].file, place)
                self._school.problems.append(year_is_listed(place, terms, len(closures)))
                return terms, closures
        return [], []

    def _closures(self, terms: Sequence[Term]) -> tuple[list[Closure], list[SpecialDay]]:
        keys = self._keys.year
        closures = [closure for calendar in self._calendars for closure in calendar.closed.closures] + self._breaks
        half_days = [day for calendar in self._calendars for day in calendar.closed.half_days]
        in_use = {(term.place, term.first) for term in terms}
        for choices in self._sheets.of(keys.closures, "year", "closures"):
            found = self._take_list(read_closures(choices, list(self._keys.cycles), in_use))
            gave = [counted(len(found.closures), "closure")]
            gave += [counted(len(found.half_days), "half day")] if found.half_days else []
            gave += [counted(found.left_out, "row") + " left out"] if found.left_out else []
            self._note(found.sheet, " + ".join(gave))
            closures += found.closures
            half_days += found.half_days
        return closures + self._public_holidays(terms), half_days

    def _public_holidays(self, terms: Sequence[Term]) -> list[Closure]:
        keys = self._keys.year
        if not keys.public_holidays or not terms:
            return []
        first, last = min(term.first for term in terms), max(term.last for term in terms)
        place = self._plan.place("year", "public_holidays")
        found = self._take(read_public_holidays(keys.public_holidays, first, last, place))
        if found:
            place = self._plan.place("year", "public_holidays_open")
            found = self._take(leave_open(found, keys.public_holidays_open, place))
        if not keys.public_holidays_on_rest_days:
            weekdays = {WEEKDAY_NAMES.index(name) for name in keys.school_days}
            extra = set(keys.extra_school_days)
            found = [closure for closure in found if closure.first.weekday() in weekdays or closure.first in extra]
        return found

    def _follows(self) -> list[SpecialDay]:
        place = self._plan.place("year", "follows")
        follows = [
            SpecialDay("", day, day, place, follows=WEEKDAY_NAMES.index(name))
            for day, name in self._keys.year.follows.items()
        ]
        place = self._plan.place("year", "special")
        return follows + [
            SpecialDay(name, day, day, place, part=read_day_part(name, closed=False))
            for day, name in self._keys.year.special.items()
        ]

    def _weeks(self) -> WeekRules:
        keys = self._keys.year.weeks
        listed: dict[date, str] = {}
        numbers: dict[date, int] = {}
        for choices in self._sheets.of(keys.listed, "year", "weeks", "listed"):
            found, problems = read_weeks(choices, keys.letters)
            self._school.problems += problems
            self._note(found.sheet, found.words)
            listed |= found.letters
            numbers |= found.numbers
        return WeekRules(
            WEEKDAY_NAMES.index(keys.first_day),
            tuple(keys.letters) or tuple(sorted(set(listed.values()))),
            keys.letters_by == "school weeks",
            keys.letters_restart == "each term",
            keys.number_short_first,
            keys.number_breaks,
            listed,
            numbers,
        )

    def _cycle(self, name: str, keys: CycleKeys, without: Sequence[tuple[frozenset[str], NoCycleDays]]) -> CycleRule:
        place = self._plan.place("cycles", name)
        own = [
            NoCycleDays("No cycle day", first, last, self._plan.place("cycles", name, "without"))
            for first, last in keys.without
        ]
        for_cycle = {name, *(keys.divisions or self._keys.school.divisions)}
        shared = [span for names, span in without if not names or names & for_cycle]
        listed = self._listed(name, keys)
        for division in sorted(set(keys.divisions) - set(self._keys.school.divisions)):
            self._school.problems.append(self._unknown_division(name, division))
        return CycleRule(
            name,
            tuple(keys.labels) or tuple(sorted({pin.label for pin in (listed or {}).values()}, key=label_order)),
            Advance(keys.advance),
            frozenset(keys.divisions),
            keys.start,
            keys.start_label,
            keys.restart == "each term",
            tuple(keys.restart) if isinstance(keys.restart, list) else (),
            self._pins(name, keys, (listed or {}) if keys.labels else {}),
            (*own, *shared),
            keys.same_label_twice,
            None if keys.labels else listed,
            place,
            {key: self._plan.place("cycles", name, key) for key in keys.model_fields_set},
        )

    def _unknown_division(self, cycle: str, division: str) -> Problem:
        from nomarium.core.year.wording import unknown_division

        place = self._plan.place("cycles", cycle, "divisions")
        return unknown_division(place, division, self._keys.school.divisions)

    def _listed(self, name: str, keys: CycleKeys) -> dict[date, Pin] | None:
        if not keys.listed:
            return None
        if name in self._lists:
            return self._lists[name]
        pins: dict[date, Pin] = {}
        for choices in self._sheets.of(keys.listed, "cycles", name, "listed"):
            found = self._take(read_listed_days(choices, name, tuple(keys.labels)))
            self._note(found.sheet, counted(len(found.labels), "listed day"))
            for day, pin in found.labels.items():
                if day in pins and pins[day].label != pin.label:
                    self._school.problems.append(two_pins(day, pin, pins[day]))
                pins[day] = pin
        return self._lists.setdefault(name, dict(sorted(pins.items())))

    def _pins(self, name: str, keys: CycleKeys, listed: dict[date, Pin]) -> dict[date, Pin]:
        pins = dict(listed)
        for key, stated, goes_on in (("pin_day", keys.pin_day, False), ("pin_from", keys.pin_from, True)):
            for day, label in stated.items():
                place = self._plan.place("cycles", name, key, day.isoformat())
                pin = Pin(label, goes_on, place)
                if day in pins:
                    self._school.problems.append(two_pins(day, pin, pins[day]))
                pins[day] = pin
        return dict(sorted(pins.items()))

    def _take_list(self, read: tuple[_Found, list[Problem]]) -> _Found:
        """Take what a list gave that may be empty."""
        return self._take((read[0], list(map(empty_is_fine, read[1]))))

    def _take(self, read: tuple[_Found, list[Problem]]) -> _Found:
        self._school.problems += read[1]
        return read[0]

    def _note(self, sheet: DatedSheet | None, gave: str) -> None:
        if sheet is not None:
            self._school.sheets.append(SheetRead(gave, sheet.sheet))
