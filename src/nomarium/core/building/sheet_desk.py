"""What the readers of a plan's sheets share: where they find sheets, and what they have read so far."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field

from nomarium.core.bells import BellTimes, OtherNames
from nomarium.core.datesheets import SheetChoices, empty_is_fine, in_words_of_the_plan
from nomarium.core.plan import PlanFile
from nomarium.core.plan_sheets import PlanSheets, a_year_around
from nomarium.core.problems import DataRefused, Problem
from nomarium.core.school import School
from nomarium.core.sources import (
    Series,
)
from nomarium.core.tables import Grid, Table, read_grids
from nomarium.core.timetable import (
    Change,
    ClassLists,
    CodedMeeting,
    Known,
    Meeting,
    Rosters,
)
from nomarium.core.values import MomentColumn


@dataclass(frozen=True, slots=True)
class FileRead:
    """A file that was read: what it gave in words, and the columns of moments with the table that they stand in."""

    file: str
    form: str
    gave: str
    table: Table | None = None
    moments: Sequence[MomentColumn] = ()


@dataclass(slots=True)
class SourcesRead:
    """What all sheets of a plan gave."""

    meetings: dict[str, list[Meeting]] = field(default_factory=dict)
    """By the names of their sources."""
    events: dict[str, list[Series]] = field(default_factory=dict)
    coded: dict[str, list[CodedMeeting]] = field(default_factory=dict)
    bells: BellTimes | None = None
    names: OtherNames = field(default_factory=OtherNames)
    changes: list[Change] = field(default_factory=list)
    lists: ClassLists = field(default_factory=ClassLists)
    rosters: Rosters = field(default_factory=Rosters)
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
        if self.year is not None:
            self.sheets.within = a_year_around(self.year.rules.first, self.year.rules.last)
        self.known = Known()
        """The names that sheets read so far prove."""

    def grids(self, choices: SheetChoices) -> list[Grid]:
        """Return the filled sheets of a file; none, with a problem, where it cannot be read."""
        try:
            grids, problems = read_grids(choices.path, choices.table)
        except DataRefused as refused:
            self.found.problems.append(in_words_of_the_plan(refused.problem))
            return []
        self.found.problems += problems
        return grids

    def told(self, *, may_be_empty: bool = True) -> _Told:
        """Let what is refused within join the problems; an empty sheet is only a warning with ``may_be_empty``."""
        return _Told(self.found.problems, may_be_empty=may_be_empty)

    def note(
        self, grid: Grid, form: str, gave: str, table: Table | None = None, moments: Sequence[MomentColumn] = ()
    ) -> None:
        """Note what a sheet gave, for the report."""
        name = f"{grid.file}, sheet “{grid.sheet}”" if grid.sheet else grid.file
        self.found.files.append(FileRead(name, form, gave, table, moments))


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
            problem = in_words_of_the_plan(fault.problem)
            self._problems.append(empty_is_fine(problem) if self._may_be_empty else problem)
            return True
        return False
