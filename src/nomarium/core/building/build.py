"""A plan → all its calendars, ready to be written; what ``build`` and ``check`` do, without a word to any screen."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.building import wording
from nomarium.core.building.calendars import Calendars, Part, plan_calendars
from nomarium.core.building.lessons import LaidLesson, moves_of_lessons, teach
from nomarium.core.building.reading import SourceReader
from nomarium.core.building.sheet_desk import SourcesRead
from nomarium.core.calendars import assign_uids, find_doubles, stable_uuid
from nomarium.core.kinds import is_usual
from nomarium.core.meetings import Expansion, Held, Joining, Timetabling, assign_stems, expand
from nomarium.core.meetings.wording import no_special_bells
from nomarium.core.problems import Place, Problem, WrongCall, by_place, has_errors
from nomarium.core.school import School, open_school
from nomarium.core.sources import Series, SplitValues, has_part
from nomarium.core.sources.wording import near_double
from nomarium.core.values import read_zone
from nomarium.core.year import Closure, what_if

if TYPE_CHECKING:
    from nomarium.core.plan import PlanFile
    from nomarium.core.timetable import CodedMeeting, Rosters


@dataclass(frozen=True, slots=True)
class BuildChoices:
    """What the user asked of a build."""

    machine_zone: str = "UTC"
    only: Mapping[str, tuple[str, ...]] = field(default_factory=dict)
    """The calendars wanted: whose, by what they are split by."""
    first: date | None = None
    last: date | None = None
    close: tuple[Closure, ...] = ()
    """Further closures, to see what they would change."""
    taught: bool = True
    """Whether meetings say what is taught in them."""


@dataclass(slots=True)
class Build:
    """A plan read and put together."""

    school: School
    plan: PlanFile | None = None
    read: SourcesRead = field(default_factory=SourcesRead)
    held: list[Held] = field(default_factory=list)
    laid: list[LaidLesson] = field(default_factory=list)
    """Which lesson is in which meeting."""
    expansion: Expansion = field(default_factory=Expansion)
    calendars: Calendars = field(default_factory=Calendars)
    timetabling: Timetabling | None = None
    problems: list[Problem] = field(default_factory=list)

    @property
    def failed(self) -> bool:
        """Whether any error was found."""
        return has_errors(self.problems)

    @property
    def folder(self) -> Path:
        """The folder that calendars go to."""
        return self.plan.folder / self.plan.plan.output.folder if self.plan else Path()

    @property
    def inputs(self) -> list[Path]:
        """All files that were read."""
        if self.plan is None:
            return []
        names = {file.file.split(", sheet “")[0] for file in self.read.files}
        return [self.plan.path, *(path for name in sorted(names) if (path := self.plan.folder / name).is_file())]

    @property
    def by_holidays(self) -> bool:
        """Whether it goes by the tables of public holidays."""
        plan = self.plan.plan if self.plan else None
        if plan is None:
            return False
        return bool(plan.year and plan.year.public_holidays) or any(keys.holidays for keys in plan.sources.values())

    def events(self) -> int:
        """The number of all meetings and events, each once."""
        return sum(len(one.occurrences) for one in self.held)


def prepare(path: Path, choices: BuildChoices) -> Build:
    """Read a plan and its sheets, and put its calendars together.

    Raises DataRefused where the plan cannot be read at all, WrongCall where ``only`` names no calendar.
    """
    school = open_school(path, needs_year=False)
    if choices.close and school.year is not None:
        school.year = what_if(school.year, choices.close).year
    build = Build(school, school.plan, problems=list(school.problems))
    if school.plan is None or school.failed:
        return build
    for name, reason in school.plan.plan.undecided.items():
        build.problems.append(wording.undecided(school.plan.place("undecided", name), name, reason))
    if not school.plan.plan.sources:
        if not build.failed:
            build.problems.append(wording.nothing_to_build(Place(path.name)))
        return build
    zone = _zone(school.plan, choices.machine_zone, build.problems)
    build.read = SourceReader(school, school.plan, zone).read()
    told = "terms" in school.plan.plan.undecided  # that there is no year is said there
    build.problems += [one for one in build.read.problems if not (told and one.code == "year-needed")]
    _hold(build, zone)
    build.problems += _checked(build)
    if choices.taught:
        taught = teach(build.held, build.read.lessons, school.plan.plan.lessons, school.year, school.name)
        build.held, build.laid = taught.held, taught.laid
        build.problems += taught.problems
    chosen = _within(build.held, choices.first, choices.last)
    build.calendars = plan_calendars(school.plan, chosen, school.year)
    build.problems += build.calendars.problems
    build.problems += _gaps(build, school.plan)
    if choices.only:
        build.calendars.parts = _only(build.calendars.parts, choices.only)
    build.problems = by_place(dict.fromkeys(build.problems))
    return build


_LOSSES = frozenset({"lessons-left", "pin-without-meeting", "lesson-late"})
"""What is told of lessons for which the days no longer do."""


def lessons_if_closed(path: Path, choices: BuildChoices) -> list[str]:
    """Return what the closures of ``choices`` would do to lessons: which move, and which fall off the end."""
    now, then = prepare(path, replace(choices, close=())), prepare(path, choices)
    known = {problem.message for problem in now.problems}
    fallen = [one.message for one in then.problems if one.code in _LOSSES and one.message not in known]
    return [*moves_of_lessons(now.laid, then.laid), *fallen]


def _zone(plan: PlanFile, machine_zone: str, problems: list[Problem]) -> str:
    stated = plan.plan.school.zone
    if stated is None:
        problems.append(wording.zone_unstated(plan.place("school"), machine_zone))
        return machine_zone
    return read_zone(stated) or stated


def _hold(build: Build, zone: str) -> None:
    """Give all meetings and events their dates and identities."""
    read, school = build.read, build.school
    if school.year is not None and build.plan is not None:
        keys = build.plan.plan.bells
        joining = Joining(keys.double_periods == "one event", keys.passing)
        _name_by_number(build)
        build.timetabling = Timetabling(school.year, read.bells, read.names, zone, joining)
        build.expansion = expand(read.meetings.items(), read.changes, build.timetabling)
        told = bool(keys.sheets)  # what is wrong with the bell times themselves is told already
        build.problems += [p for p in build.expansion.problems if not (told and p.code == "no-bell-times")]
        build.held += build.expansion.held
        for one, other in assign_stems(build.held, school.name):
            slot = f"{one.day.words}, period {'–'.join(one.periods)}" if one.periods else one.day.words
            build.problems.append(wording.same_slot(one.place, one.class_name, slot, other.place))
    _add_members(build)
    for name, coded in read.coded.items():
        build.held += [_of_codes(name, meeting, school.name) for meeting in coded]
    for name, events in read.events.items():
        build.held += _of_events(name, events, _identity(build, name))


def _name_by_number(build: Build) -> None:
    """Give periods that do not ring by their names what rings by their numbers, where one sheet has a word around."""
    if build.read.bells is None or build.read.names:
        return
    from nomarium.core.bells import rung_by_number
    from nomarium.core.slots import period_key

    written = {
        period: meeting.place
        for meetings in build.read.meetings.values()
        for meeting in meetings
        for period in meeting.when.periods
        if not meeting.when.clock
    }
    rung = rung_by_number(written, build.read.bells.periods().values())
    build.read.names.rung |= {("", period_key(name)): period for name, period in rung.items()}
    if rung:
        build.problems.append(wording.rung_by_number(written[next(iter(rung))], rung))


def _add_members(build: Build) -> None:
    """Add to each meeting the members of its class: students, further teachers, teams."""
    members = build.read.rosters.members
    met = {name.casefold() for one in build.held for name in one.of("class")}
    if members:
        build.held = [part for one in build.held for part in _with_members(one, build.read.rosters)]
    for known in (build.read.rosters, build.read.lists):
        unmet = [key for key in known.names if key not in met]
        if unmet and build.read.meetings:
            place = known.places[unmet[0]]
            classes = [known.names[key] for key in unmet]
            near = wording.near_words(classes[0], [n for one in build.held for n in one.of("class")])
            build.problems.append(wording.unmet_roster(Place(place.file, place.sheet), classes, near))


def _with_members(held: Held, rosters: Rosters) -> list[Held]:
    """Return meetings with the members of their classes: in parts, where who attends changes in the year."""
    keys = [name.casefold() for name in held.of("class") if name.casefold() in rosters.members]
    if not keys:
        return [held]
    if not any(key in rosters.spans for key in keys):
        days = [date.min]
    else:
        days = [occurrence.start.date() for occurrence in held.occurrences]
    by_day = {day: {key: rosters.on(key, day) for key in keys} for day in dict.fromkeys(days)}
    parts: dict[str, list[int]] = {}
    for place, day in enumerate(days):
        parts.setdefault(repr(by_day[day]), []).append(place)
    found = []
    for places in parts.values():
        part = held if len(parts) == 1 else held.cut(places)
        values = dict(part.values)
        for said in by_day[days[places[0]]].values():
            for kind, names in said.items():
                values[kind] = tuple(dict.fromkeys((*values.get(kind, ()), *names)))
        part.values = values
        found.append(part)
    return found


def _of_codes(source: str, meeting: CodedMeeting, school: str) -> Held:
    code, person = meeting.values["code"][0], meeting.values["person"][0]
    held = Held(
        source,
        meeting.values,
        [slot.occurrence for slot in meeting.slots],
        identity=(person, code),
        place=meeting.place,
    )
    held.stem = stable_uuid("\x1f".join((school, "code", person, code)))
    taken: Counter[str] = Counter()
    for slot in meeting.slots:
        known_on = f"{slot.occurrence.start:%Y%m%dT%H%M}"
        taken[known_on] += 1
        held.known_on.append(known_on if taken[known_on] == 1 else f"{known_on}-{taken[known_on]}")
    return held


def _identity(build: Build, source: str) -> str:
    """Return what tells the events of a source from like ones of others."""
    keys = build.plan.plan.sources.get(source) if build.plan else None
    return source if keys is None or keys.identity is None else keys.identity


def _of_events(source: str, events: Sequence[Series], identity: str) -> list[Held]:
    uids = iter(assign_uids(identity, events))
    values = SplitValues()
    held = []
    for one in events:
        own = tuple(next(uids) for _ in one.occurrences)
        known = Held(source, values.of(one), list(one.occurrences), place=one.place, event=one, uids=own)
        held.append(known)
    return held


def _checked(build: Build) -> list[Problem]:
    """Hold what came of it against what the plan expects, and look for classes that closures miss."""
    if build.plan is None:
        return []
    problems = []
    counts = count_by_class(build.held)
    for name, expected in build.plan.plan.classes.expect.items():
        found = counts.get(name.casefold(), 0)
        if found != expected:
            place = build.plan.place("classes", "expect", name)
            problems.append(wording.unexpected_count(place, name, expected, found))
    return problems + _without_division(build) + _usual_bells(build) + _doubled(build.held, build.plan)


def _doubled(held: Sequence[Held], plan: PlanFile) -> list[Problem]:
    """Report events with an id that another has, and events that say just the same as another of their source.

    Events of different people are no doubles, where calendars are split by people.
    """
    splits = {split.casefold() for calendar in plan.plan.calendars.values() for split in calendar.split}
    whose = {id(one.event): tuple(one.of(split) for split in sorted(splits)) for one in held}
    problems = []
    by_uid: dict[str, Held] = {}
    alike: dict[tuple[object, ...], Held] = {}
    for one in held:
        event = one.event
        if event is None:
            continue
        same = next((by_uid[uid] for uid in one.uids if uid in by_uid), None)
        said = (event.summary, event.occurrences, event.location, event.description)
        twin = alike.setdefault((one.source, whose[id(event)], *said), one)
        if same is not None:
            problems.append(wording.doubled_id(one.place, event.id or event.summary, same.place))
        elif twin is not one:
            problems.append(wording.identical_events(one.place, event.summary, twin.place))
        by_uid.update(dict.fromkeys(one.uids, one))
    told = {problem.place for problem in problems}
    events = [one.event for one in held if one.event is not None]
    found = find_doubles(events, whose=lambda event: whose[id(event)])
    doubles = [double for double in found if double.other.place not in told]
    return problems + [near_double(d.other.place, d.other.summary, d.kept.summary, d.kept.place) for d in doubles]


def _usual_bells(build: Build) -> list[Problem]:
    """Say which special days have no bell times of their own."""
    year, bells = build.school.year, build.read.bells
    if year is None or bells is None:
        return []
    named = {name for row in bells.rows for name in row.conditions.specials}
    without = [
        special
        for special in year.rules.specials
        if special.name and not special.part and special.name.casefold() not in named and not is_usual(special.name)
    ]
    days: dict[str, int] = {}
    for special in without:
        days[special.name] = days.get(special.name, 0) + sum(1 for day in special.days() if year.day(day).has_school)
    places = {special.name: special.place for special in reversed(without)}
    return [no_special_bells(places[name], name, count) for name, count in days.items() if count]


def count_by_class(held: Iterable[Held]) -> Counter[str]:
    """Return the number of meetings of each class and of each code, by their case folded names."""
    counts: Counter[str] = Counter()
    for one in held:
        if one.event is None:
            for name in {n.casefold() for n in (*one.of("class"), *one.of("code"), one.class_name)}:
                counts[name] += len(one.occurrences)
    return counts


def _without_division(build: Build) -> list[Problem]:
    year = build.school.year
    if year is None or not year.rules.divisions:
        return []
    partial = [closure for closure in year.rules.closures if not closure.for_all]
    without = {one.class_name: one.place for one in build.expansion.held if not one.of("division")}
    if not partial or not without:
        return []
    place = next(iter(without.values()))
    return [wording.no_division(Place(place.file, place.sheet), partial[0].name, list(without))]


def _within(held: Sequence[Held], first: date | None, last: date | None) -> list[Held]:
    """Return what has any part in a span of days, both included."""
    if first is None and last is None:
        return list(held)
    found = []
    for one in held:
        kept = [place for place, o in enumerate(one.occurrences) if has_part(o, first, last)]
        if kept:
            found.append(one.cut(kept))
    return found


def _gaps(build: Build, plan: PlanFile) -> list[Problem]:
    """Report meetings that no calendar of a split holds, and calendars that would be empty."""
    problems = []
    for kind, held in build.calendars.without.items():
        split = " or ".join(plan.plan.calendars[kind].split)
        classes = list(dict.fromkeys(one.class_name for one in held))
        meetings = sum(len(one.occurrences) for one in held)
        problems.append(wording.without_value(held[0].place, kind, split, meetings, classes))
    for kind in () if build.failed else build.calendars.empty:
        problems.append(wording.empty_calendars(plan.place("calendars", kind), kind))
    return problems + _without_who(build)


def _without_who(build: Build) -> list[Problem]:
    """Report classes without a teacher or a room, where others have one; those of no calendar are told already."""
    if build.plan is None:
        return []
    told = {split for kind in build.calendars.without for split in build.plan.plan.calendars[kind].split}
    problems = []
    for name in ("teacher", "room"):
        having = [one for one in build.expansion.held if one.of(name)]
        lacking = {one.class_name: one.place for one in build.expansion.held if not one.of(name)}
        if having and lacking and name not in told:
            problems.append(wording.class_without(next(iter(lacking.values())), name, list(lacking)))
    return problems


def _only(parts: Sequence[Part], only: Mapping[str, tuple[str, ...]]) -> list[Part]:
    """Return the calendars of those asked for. Raises WrongCall where there are none."""
    chosen: list[Part] = []
    for name, values in only.items():
        having = [part for part in parts if name in part.by]
        if not having:
            kinds = sorted({kind for part in parts for kind in part.by})
            raise WrongCall(f"No calendars are split by “{name}”.", f"There are: {', '.join(kinds) or 'none'}.")
        whole = ", ".join(values)  # a name may hold a comma itself: “Nettle, Mina”
        for value in [whole] if any(part.by[name].casefold() == whole.casefold() for part in having) else values:
            found = [part for part in having if part.by[name].casefold() == value.strip().casefold()]
            if not found:
                near = wording.near_words(value, [part.by[name] for part in having])
                raise WrongCall(f"There is no calendar for the {name} “{value}”.", near.strip())
            chosen += [part for part in found if part not in chosen]
    return chosen
