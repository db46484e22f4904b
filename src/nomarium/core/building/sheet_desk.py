"""What the readers of a plan's sheets share: where they find sheets, and what they have read so far."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.bells import BellTimes, OtherNames
from nomarium.core.building import wording
from nomarium.core.columns import Matches, heading_key
from nomarium.core.datesheets import empty_is_fine
from nomarium.core.plan_sheets import PlanSheets, a_year_around
from nomarium.core.problems import DataRefused, Problem
from nomarium.core.sheets import Known, Sheet, SheetChoices
from nomarium.core.sources import Lookup, Lookups, Series, read_lookup
from nomarium.core.tables import Grid, Table, TableChoices, read_grids
from nomarium.core.timetable import Change, ClassLists, CodedMeeting, Meeting, Rosters
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.lessons import Lesson, Note
    from nomarium.core.plan import PlanFile, SheetKeys, SourceKeys
    from nomarium.core.school import School
    from nomarium.core.values import MomentColumn


@dataclass(frozen=True, slots=True)
class ColumnUse:
    """A column, and what it was used for: a field, a split or pattern; "" for nothing."""

    letters: str
    heading: str
    use: str

    def __str__(self) -> str:
        return f"{self.letters} “{self.heading}”".strip() if self.heading else f"{self.letters} (no heading)"


@dataclass(slots=True)
class LessonsRead:
    """The lists of lessons of a plan, and its notes, as read."""

    lists: dict[str, list[Lesson]] = field(default_factory=dict)
    notes: list[Note] = field(default_factory=list)


@dataclass(frozen=True, slots=True)
class FileRead:
    """A file that was read: what it gave in words, and the columns of moments with the table that they stand in."""

    file: str
    form: str
    gave: str
    table: Table | None = None
    moments: Sequence[MomentColumn] = ()
    columns: Sequence[ColumnUse] = ()

    @property
    def unused(self) -> list[ColumnUse]:
        """The columns that nothing uses."""
        return [column for column in self.columns if not column.use]


@dataclass(slots=True)
class SourcesRead:
    """What all sheets of a plan gave."""

    meetings: dict[str, list[Meeting]] = field(default_factory=dict)
    """By the names of their sources."""
    events: dict[str, list[Series]] = field(default_factory=dict)
    coded: dict[str, list[CodedMeeting]] = field(default_factory=dict)
    bells: BellTimes | None = None
    bells_refused: bool = False
    """Whether something of the bell times could not be read."""
    names: OtherNames = field(default_factory=OtherNames)
    changes: list[Change] = field(default_factory=list)
    lists: ClassLists = field(default_factory=ClassLists)
    rosters: Rosters = field(default_factory=Rosters)
    lessons: LessonsRead = field(default_factory=LessonsRead)
    files: list[FileRead] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)


class SheetDesk:
    """Opens the sheets that a plan names, and collects what they give; refusals join the problems."""

    def __init__(self, school: School, plan: PlanFile, zone: str) -> None:
        self.plan = plan
        self.year = school.year
        self.zone = zone
        self.found = SourcesRead()
        self.sheets = PlanSheets(plan, self.found.problems)
        self.used = _used_names(plan)
        """Keys of the headings that splits, patterns and conditions of the plan use."""
        self.known = Known()
        """The names that the plan and the sheets read so far prove."""
        self._lookups: dict[tuple[Path, TableChoices, str], Lookup] = {}
        if self.year is not None:
            rules = self.year.rules
            self.sheets.within = a_year_around(rules.first, rules.last)
            self.known.add("division", rules.divisions)
            self.known.add("term", [term.name for term in rules.terms])
            self.known.add("special", [special.name for special in rules.specials if special.name])
        for read in school.sheets:
            self.note_sheet(read.sheet, read.gave)

    def choices(self, choices: SheetChoices, whole: Mapping[str, str] | None = None) -> SheetChoices:
        """Return what is stated about a sheet, with what its source says of all its sheets and what is known."""
        return replace(choices, whole={**(whole or {}), **choices.whole}, used=self.used, known=self.known)

    def grids(self, choices: SheetChoices) -> list[Grid]:
        """Return the filled sheets of a file; none, with a problem, where it cannot be read."""
        try:
            grids, problems = read_grids(choices.path, choices.table)
        except DataRefused as refused:
            self.found.problems.append(refused.problem)
            return []
        self.found.problems += problems
        return grids

    def lookups(self, name: str, keys: SourceKeys) -> Lookups:
        """Return the look-up sheets of a source, each read once. Raises DataRefused where one cannot be used."""
        return Lookups(
            self._lookup(name, keys.places, "places"),
            self._lookup(name, keys.people, "people"),
            self._lookup(name, keys.subjects, "subjects"),
        )

    def _lookup(self, name: str, keys: SheetKeys | None, what: str) -> Lookup | None:
        for choices in self.sheets.of([keys] if keys else [], "sources", name, what):
            read = (choices.path, choices.table, what)
            if read not in self._lookups:
                self._lookups[read], sheet, problems = read_lookup(choices, what)
                self.found.problems += problems
                self.note_sheet(sheet, wording.entries(len(sheet)))
            return self._lookups[read]
        return None

    def looked_up(self, what: str, text: str) -> str:
        """Return who or what a text is by the look-up sheets of any source that were read; itself where none says."""
        lookups = (lookup for (_, _, kind), lookup in self._lookups.items() if kind == what)
        found = [entry.name for lookup in lookups if (entry := lookup.find(text)) is not None and entry.name]
        return found[0] if len(set(found)) == 1 else text

    def told(self, *, may_be_empty: bool = True) -> _Told:
        """Let what is refused within join the problems; an empty sheet is only a warning with ``may_be_empty``."""
        return _Told(self.found.problems, may_be_empty=may_be_empty)

    def note(self, grid: Grid, form: str, gave: str, table: Table | None = None, more: FileRead | None = None) -> None:
        """Note what a sheet gave, for the report; ``more`` has its columns and moments."""
        name = f"{grid.file}, sheet “{grid.sheet}”" if grid.sheet else grid.file
        moments, columns = (more.moments, more.columns) if more else ((), ())
        self.found.files.append(FileRead(name, form, gave, table, moments, columns))

    def note_sheet(self, sheet: Sheet, gave: str) -> None:
        """Note what a list gave, and what each of its columns was used for."""
        table = sheet.table
        name = f"{table.file}, sheet “{table.sheet}”" if table.sheet else table.file
        uses = column_uses(sheet.matches, self.used)
        self.found.files.append(FileRead(name, table.form, gave, table, sheet.moment_columns, uses))

    def no_effect(self, choices: SheetChoices, names: Iterable[str], what: str) -> None:
        """Refuse what is stated of a sheet that can have no effect on it."""
        stated = {
            "columns": choices.columns,
            "only": choices.only,
            "without": choices.without,
            **choices.whole,
        }
        for name in names:
            if stated.get(name):
                self.found.problems.append(wording.key_without_effect(choices.place, name, what))


def column_uses(matches: Matches, used: Iterable[str]) -> list[ColumnUse]:
    """Return what each column of a table is used for."""
    names = set(used)
    return [
        ColumnUse(
            match.column.letters,
            match.column.heading,
            match.field or ("split or pattern" if heading_key(match.column.heading) in names else ""),
        )
        for match in matches.all
    ]


_PLACE = regex(r"\{([^{}]+)\}")


def _used_names(plan: PlanFile) -> frozenset[str]:
    """Return the keys of all headings that the calendars, sources and cycles of a plan name."""
    names: list[str] = []
    for calendar in plan.plan.calendars.values():
        names += calendar.split
        texts = (calendar.title, calendar.location, calendar.description, calendar.file, calendar.name)
        for text in (*texts, calendar.categories, calendar.color, calendar.status):
            names += _PLACE.findall(text or "")
    for source in plan.plan.sources.values():
        names += [*source.only, *source.without, *_PLACE.findall(source.prefix or "")]
    names += [name for name, cycle in plan.plan.cycles.items() if cycle.listed]  # each has a column of a list of days
    return frozenset(map(heading_key, names))


class _Told:
    """Lets what a sheet is refused for join the problems, so that the others are read all the same."""

    def __init__(self, problems: list[Problem], *, may_be_empty: bool) -> None:
        self._problems = problems
        self._may_be_empty = may_be_empty

    def __enter__(self) -> None:
        """Nothing to prepare."""

    def __exit__(self, kind: object, fault: object, trace: object) -> bool:
        """Take a refusal for a problem; anything else goes on."""
        if isinstance(fault, DataRefused):
            self._problems.append(empty_is_fine(fault.problem) if self._may_be_empty else fault.problem)
            return True
        return False
