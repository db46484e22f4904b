"""Calendar files, sheets and plans → what is to be shown."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.agenda.showing import MOST_LETTERS, Showing, only_zone
from nomarium.core.building import BuildChoices, Part, prepare, read_bell_times
from nomarium.core.conversion import Request, convert
from nomarium.core.history import as_given_out
from nomarium.core.plan import PLAN_NAME
from nomarium.core.privacy import Privacy, for_others, is_hidden
from nomarium.core.problems import WrongCall, has_errors
from nomarium.core.school import open_school
from nomarium.core.sources import Adjustments, EventChoices, RepeatChoices, Series

if TYPE_CHECKING:
    from nomarium.core.year import SchoolYear

_FAR = timedelta(days=366)


@dataclass(frozen=True, slots=True)
class Operands:
    """What was named to be shown."""

    paths: Sequence[Path]
    only: Mapping[str, tuple[str, ...]] = field(default_factory=dict)
    """Whose calendars of a plan: by what they are split by."""
    plan: Path | None = None
    """The plan that tells the days, beside those named."""
    zone: str | None = None
    """The zone that times are told in; None for the plan's, the calendars' own, or the machine's."""
    machine_zone: str = "UTC"
    last: date | None = None
    """The last day that is asked for: repeats without an end are told up to it, and a year from today at least."""
    cycles: Sequence[str] = ()
    """The cycles that were named: a sheet's “every Day 3” is a day of the one, if it is one."""
    for_all: bool = False
    """Whether all calendars of a plan are wanted, however many."""
    privacy: Privacy | None = "show"
    """What may be seen of private events; None for what the plan says."""
    taught: bool = True
    """Whether meetings say what is taught in them: a timetable for the wall holds for all weeks."""


@dataclass(slots=True)
class _Read:
    """One calendar as it was read."""

    name: str
    series: list[Series]
    uids: list[str]
    part: Part | None = None


def read_showing(operands: Operands) -> Showing:
    """Read calendars, sheets and plans. Errors are among the problems; then there may be no events.

    Raises WrongCall for more calendars than can be told apart, and for a plan of which it must be said whose calendar
    is meant; DataRefused where a plan cannot be read.
    """
    showing = Showing()
    zones: list[str | None] = [operands.zone]
    by_path: dict[Path, list[_Read]] = {}
    plans = {path: path / PLAN_NAME if path.is_dir() else path for path in operands.paths}
    for path, plan in plans.items():
        if plan.suffix == ".toml":
            year, zone, by_path[path] = _of_plan(plan, operands, showing)
            showing.year = showing.year or year
            zones.append(zone)
    if operands.plan is not None:
        school = open_school(operands.plan)
        showing.problems += [problem for problem in school.problems if problem.severity == "error"]
        showing.year = showing.year or school.year
        showing.bells = showing.bells or read_bell_times(school)[0]
        zones.append(school.plan.plan.school.zone if school.plan else None)
    stated = next((zone for zone in zones if zone), None)  # which holds for sheets and floating times, too
    for path in operands.paths:
        if path not in by_path:
            by_path[path] = [_of_file(path, stated, operands, showing)]
    read = [calendar for path in operands.paths for calendar in by_path[path]]
    if len(read) > MOST_LETTERS and not operands.for_all:
        raise WrongCall(f"{len(read)} calendars can't be told apart.", f"Name {MOST_LETTERS} at most.")
    shared = only_zone([one for calendar in read for one in calendar.series])
    showing.zone = stated or shared or operands.machine_zone
    for calendar in read:
        privacy = operands.privacy or showing.privacy
        private = (one for one in calendar.series if privacy != "show" and is_hidden(one.visibility))
        showing.hidden += sum(len(one.occurrences) for one in private)
        showing.add(calendar.name, *for_others(calendar.series, calendar.uids, privacy))
        showing.parts.append(calendar.part)
    showing.sort()
    return showing


def _of_plan(path: Path, operands: Operands, showing: Showing) -> tuple[SchoolYear | None, str | None, list[_Read]]:
    build = as_given_out(prepare(path, BuildChoices(operands.machine_zone, operands.only, taught=operands.taught)))
    showing.bells = build.read.bells
    problems = showing.problems
    problems += build.problems if has_errors(build.problems) else []
    parts = build.calendars.parts
    if len(parts) > 1 and not operands.only and not operands.for_all:
        kinds = list(dict.fromkeys(part.kind for part in parts if part.kind))
        example = next((part for part in parts if part.kind), None)
        way = f"Say whose: --only {example.kind}=“{example.whom}”." if example else ""
        if not kinds or len(parts) > MOST_LETTERS:
            raise WrongCall(f"The plan “{path}” has {len(parts)} calendars.", way)
    zone = build.plan.plan.school.zone if build.plan else None
    showing.privacy = build.plan.plan.output.private if build.plan else showing.privacy
    return build.school.year, zone, [] if has_errors(build.problems) else [_of_part(part) for part in parts]


def _of_part(part: Part) -> _Read:
    calendar = part.calendar()
    return _Read(part.name, list(calendar.series), list(calendar.uids), part)


def _of_file(path: Path, zone: str | None, operands: Operands, showing: Showing) -> _Read:
    """Read a calendar file or a sheet, its repeats by the year of the plan."""
    cycle = operands.cycles[0] if len(operands.cycles) == 1 else None
    repeats = RepeatChoices(showing.year, cycle, periods=showing.bells)
    choices = EventChoices(zone or operands.machine_zone, timedelta(hours=1), repeats=repeats)
    stated = zone is not None or path.suffix != ".ics"
    request = Request([path], path.stem, choices, zone_stated=stated)
    found = convert(request)
    if any(problem.code == "endless-repeat" for problem in found.problems):
        ends = [o.end.date() for one in found.calendar.series for o in one.occurrences]
        last = max([date.today() + _FAR, operands.last or date.min, *ends])
        showing.endless_until = max(last, showing.endless_until or last)
        events = replace(choices, repeats=replace(repeats, last=last))
        found = convert(replace(request, events=events, adjustments=Adjustments(last=last)))
    showing.problems += [problem for problem in found.problems if problem.severity == "error"]
    return _Read(path.stem, list(found.calendar.series), list(found.calendar.uids))
