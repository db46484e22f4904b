"""From the options that say how sheets are read to what the core is asked: the same for every command that reads."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, replace
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.cli import options

if TYPE_CHECKING:
    from datetime import date

    from nomarium.core.conversion import ProgrammeRequest
    from nomarium.core.plan import RowKeys
    from nomarium.core.problems import Problem
    from nomarium.core.rows import RowStyle
    from nomarium.core.sources import EventChoices, Lookup
    from nomarium.core.values import DateChoices
    from nomarium.core.year import SchoolYear


@dataclass(frozen=True, slots=True)
class DateOptions:
    """The options about dates and times, as they were given."""

    order: str | None
    typed: str | None
    within: str | None
    hours: str | None

    def choices(self) -> DateChoices:
        """Return what they state, refusing a call with a value that says nothing."""
        from nomarium.core.values import DateChoices

        return DateChoices(
            options.stated("dates", self.order),
            options.stated("within", self.within),
            options.stated("hours", self.hours) if self.hours else None,
            options.stated("typed_dates", self.typed),
        )


def event_choices(
    dates: DateOptions, zone: str | None, length: str, places: Path | None, people: Path | None
) -> tuple[EventChoices, list[Problem]]:
    """Return what is stated about events, look-up sheets read; and the problems found in these.

    Raises DataRefused where a look-up sheet cannot be used.
    """
    from nomarium.core.sources import EventChoices, Lookups

    problems: list[Problem] = []
    lookups = Lookups(_lookup(places, "places", problems), _lookup(people, "people", problems))
    return EventChoices(options.zone_name(zone), options.stated("length", length), dates.choices(), lookups), problems


@dataclass(frozen=True, slots=True)
class RepeatOptions:
    """The options about repeats, as they were given."""

    plan: Path | None
    cycle: str | None
    if_closed: str
    last: date | None
    limit: int
    rules: bool


def with_repeats(
    events: EventChoices, stated: RepeatOptions, problems: list[Problem], *, zone_stated: bool
) -> tuple[EventChoices, bool]:
    """Return what is stated about events with the school year that repeats go by, and whether the zone is stated.

    A plan gives the zone, and the span of the dates, where no option does; what is wrong in it joins the problems.
    """
    from nomarium.core.sources import RepeatChoices
    from nomarium.core.values import read_zone

    doing = options.on_closure(stated.if_closed)
    year, bells = None, None
    if stated.plan is not None:
        from nomarium.core.building import read_bell_times
        from nomarium.core.school import open_school  # loads the model of plans, which takes its time

        school = open_school(options.plan_path(stated.plan))
        problems += school.problems
        year = school.year
        bells, found = read_bell_times(school)
        problems += found
        zone = school.plan.plan.school.zone if school.plan else None
        if zone and not zone_stated:
            events, zone_stated = replace(events, zone=read_zone(zone) or zone), True
    if stated.cycle is not None and (year is None or stated.cycle not in year.cycles):
        known = ", ".join(year.cycles) if year else "none, as no --plan is named"
        raise options.wrong("--cycle", f"There is no cycle “{stated.cycle}”. The cycles are: {known}.")
    repeats = RepeatChoices(year, stated.cycle, doing, stated.last, stated.limit, rules=stated.rules, periods=bells)
    return replace(events, repeats=repeats), zone_stated


@dataclass(frozen=True, slots=True)
class ProgrammeOptions:
    """The options about programmes, as they were given."""

    start: str | None
    end: str | None
    groups: Path | None
    on_days: str | None
    rest: str | None
    if_closed: str


def programme_request(
    stated: ProgrammeOptions, year: SchoolYear | None, problems: list[Problem]
) -> ProgrammeRequest | None:
    """Return how programmes are dated; None where nothing was said of it. What is wrong with the groups is told."""
    if not any((stated.start, stated.end, stated.groups)):
        if stated.on_days or stated.rest:
            raise options.wrong("--start", "--on-days and --rest are of programmes: state its start too.")
        return None
    from nomarium.core.conversion import ProgrammeRequest
    from nomarium.core.problems import Place
    from nomarium.core.programmes import alone, dating_rules, groups_of_file

    if (stated.start is not None) + (stated.end is not None) + (stated.groups is not None) > 1:
        raise options.wrong("--start", "A programme is dated from --start, --end or --groups: give one of them.")
    rules = dating_rules(
        options.weekdays(stated.on_days, "--on-days"), options.weekdays(stated.rest, "--rest"), stated.if_closed, year
    )
    if stated.groups is not None:
        (path,) = options.existing([stated.groups])
        groups, found = groups_of_file(path)
        problems += found
        return ProgrammeRequest(groups, rules)
    start, end = (
        options.iso_date(text, name) if text else None
        for text, name in ((stated.start, "--start"), (stated.end, "--end"))
    )
    return ProgrammeRequest(alone(start, end, Place("--start" if start else "--end")), rules)


def row_style_of(plan: Path | None, headings: str | None, stated: tuple[str, str, str, str]) -> RowStyle | None:
    """Return how rows are to look: as the options say, else as the plan does; None for as usual.

    ``stated`` are the forms of dates and times, the delimiter and the encoding. Raises WrongCall.
    """
    from nomarium.core.rows import row_style

    listed = [part for part in (headings or "").split(",") if part.strip()]
    if plan is not None and (keys := _row_keys(plan)) is not None:
        listed = listed or list(keys.headings)
        said = (keys.dates, keys.times, keys.delimiter, keys.encoding)
        stated = tuple(mine or other for mine, other in zip(stated, said, strict=True))  # type: ignore[assignment]
    style = row_style(listed, *stated)
    return None if style.is_usual else style


def _row_keys(plan: Path) -> RowKeys | None:
    """Return what a plan says of rows; None for a plan with faults, which are told elsewhere."""
    from nomarium.core.plan import load_plan

    loaded = load_plan(options.plan_path(plan))[0]
    return loaded.plan.rows if loaded else None


def _lookup(path: Path | None, what: str, problems: list[Problem]) -> Lookup | None:
    if path is None:
        return None
    from nomarium.core.problems import Place
    from nomarium.core.sheets import SheetChoices
    from nomarium.core.sources import read_lookup

    options.existing([path])
    lookup, _, found = read_lookup(SheetChoices(path, Place(path.name)), what)
    problems += found
    return lookup


def quoted_call(words: Iterable[str]) -> str:
    """Return a command as it would be typed in a shell."""
    from shlex import join

    return join(["nomarium", *words])


def used_headings(names: Iterable[str]) -> frozenset[str]:
    """Return the keys of the headings that a split, a choice of rows or a prefix ("{Type}: ") names."""
    import re

    from nomarium.core.columns import heading_key

    return frozenset(heading_key(part) for name in names for part in (re.findall(r"\{([^{}]+)\}", name) or [name]))
