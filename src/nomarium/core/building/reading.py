"""All sheets that a plan names beside those of the year → what meets when, and what is known of it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from datetime import timedelta

from nomarium.core.bells import BellReader, BellRow, BellTimes, OtherNames, read_other_names
from nomarium.core.building import wording
from nomarium.core.building.forms import Form, form_of
from nomarium.core.columns import Headings, check_stated, match_columns, read_fielded
from nomarium.core.datesheets import SheetChoices, empty_is_fine, in_words_of_the_plan
from nomarium.core.ics import CalendarChoices, read_calendar
from nomarium.core.plan import PlanFile, SourceKeys
from nomarium.core.plan_sheets import PlanSheets, a_year_around
from nomarium.core.problems import DataRefused, Problem, WrongCall, has_errors
from nomarium.core.school import School
from nomarium.core.slots import DayReader
from nomarium.core.sources import (
    Adjustments,
    EventChoices,
    EventSheet,
    Lookup,
    Lookups,
    RepeatChoices,
    Series,
    SpanRules,
    adjust,
    read_events,
    read_lookup,
)
from nomarium.core.tables import Grid, Table, find_table, looks_like_calendar, read_grids, read_text
from nomarium.core.timetable import (
    TIMETABLE_SHEET,
    Change,
    ClassLists,
    CodedMeeting,
    CodedSlot,
    CodeSheet,
    Known,
    Meeting,
    MeetingSheet,
    Rosters,
    TimetableChoices,
    find_month,
    join_codes,
    join_meetings,
    read_changes,
    read_class_list,
    read_codes,
    read_grids_of,
    read_list,
    read_master,
    read_month_page,
    read_roster,
)
from nomarium.core.values import MomentColumn, counted, read_length


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


_Opened = tuple[str, SourceKeys, SheetChoices, Form, list[Grid]]


class SourceReader:
    """Reads the sheets that a plan names: bell times, class lists, rosters, changes, then its sources."""

    def __init__(self, school: School, plan: PlanFile, zone: str) -> None:
        self._plan = plan
        self._year = school.year
        self._zone = zone
        self.found = SourcesRead()
        self._sheets = PlanSheets(plan, self.found.problems)
        if self._year is not None:
            self._sheets.within = a_year_around(self._year.rules.first, self._year.rules.last)
        self._known = Known()
        self._grid_sources: set[str] = set()
        self._days = DayReader(self._year) if self._year else None

    def read(self) -> SourcesRead:
        """Read everything; what is wrong is among the problems."""
        self.read_bells()
        self._classes()
        lists: list[_Opened] = []
        others: list[_Opened] = []
        for name, keys in self._plan.plan.sources.items():
            if not keys.sheets:
                self.found.problems.append(wording.no_sheets(self._plan.place("sources", name), name))
            for choices in self._sheets.of(keys.sheets, "sources", name, "sheets"):
                form, grids = self._open(choices, keys)
                (lists if form is Form.LIST else others).append((name, keys, choices, form, grids))
        # What lists say proves what the lines of grids mean.
        for name, keys, choices, form, grids in [*lists, *others]:
            self._source(name, keys, choices, form, grids)
        for name, meetings in self.found.meetings.items():
            self.found.meetings[name], problems = join_meetings(meetings, grids=name in self._grid_sources)
            self.found.problems += problems
        return self.found

    def read_bells(self) -> None:
        """Read the bell times and the other names of periods."""
        keys = self._plan.plan.bells
        rows: list[BellRow] = []
        for choices in self._sheets.of(keys.sheets, "bells", "sheets"):
            if self._year is None:
                self.found.problems.append(wording.needs_year(choices.place, "Bell times"))
                return
            reader = BellReader(self._year, choices.dates)
            for grid in self._grids(choices):
                with self._told(may_be_empty=False):
                    sheet = reader.read(grid, choices.columns)
                    rows += sheet.rows
                    form = "grid" if sheet.form == "grid" else grid.form
                    self._note(grid, form, counted(len(sheet.rows), "bell time"), sheet.table, sheet.moments)
            self.found.problems += [in_words_of_the_plan(problem) for problem in reader.problems]
        for choices in self._sheets.of(keys.other_names, "bells", "other_names"):
            for grid in self._grids(choices):
                with self._told():
                    before = len(self.found.names.rung)
                    self.found.problems += read_other_names(grid, choices.columns, self.found.names)
                    self._note(grid, grid.form, counted(len(self.found.names.rung) - before, "other name"))
        if self._year is not None and rows:
            self.found.bells = BellTimes(rows, self._year)

    def _classes(self) -> None:
        keys, found = self._plan.plan.classes, self.found
        for choices in self._sheets.of(keys.lists, "classes", "lists"):
            for grid in self._grids(choices):
                with self._told():
                    before = len(found.lists.values)
                    found.problems += read_class_list(grid, choices.columns, found.lists)
                    self._note(grid, grid.form, counted(len(found.lists.values) - before, "class", "classes"))
        for choices in self._sheets.of(keys.rosters, "classes", "rosters"):
            for grid in self._grids(choices):
                with self._told():
                    before = found.rosters.pairs
                    form, problems = read_roster(grid, choices.columns, found.rosters)
                    found.problems += problems
                    form = "matrix" if form == "matrix" else grid.form
                    self._note(grid, form, counted(found.rosters.pairs - before, "member"))
        for choices in self._sheets.of(keys.changes, "classes", "changes"):
            for grid in self._grids(choices):
                with self._told():
                    changes, problems = read_changes(grid, choices.columns, choices.dates)
                    found.changes += changes
                    found.problems += list(map(in_words_of_the_plan, problems))
                    self._note(grid, grid.form, counted(len(changes), "change"))
        self._learn()

    def _learn(self) -> None:
        """Take up the names that class lists and rosters prove."""
        self._known.add("class", [*self.found.lists.names.values(), *self.found.rosters.names.values()])
        for values in (*self.found.lists.values.values(), *self.found.rosters.members.values()):
            for name, several in values.items():
                self._known.add(name, several)

    def _grids(self, choices: SheetChoices) -> list[Grid]:
        try:
            grids, problems = read_grids(choices.path, choices.table)
        except DataRefused as refused:
            self.found.problems.append(in_words_of_the_plan(refused.problem))
            return []
        self.found.problems += problems
        return grids

    def _told(self, *, may_be_empty: bool = True) -> _Told:
        return _Told(self.found.problems, may_be_empty=may_be_empty)

    def _note(
        self, grid: Grid, form: str, gave: str, table: Table | None = None, moments: Sequence[MomentColumn] = ()
    ) -> None:
        name = f"{grid.file}, sheet “{grid.sheet}”" if grid.sheet else grid.file
        self.found.files.append(FileRead(name, form, gave, table, moments))

    def _open(self, choices: SheetChoices, keys: SourceKeys) -> tuple[Form, list[Grid]]:
        """Return what a source's file holds, and its sheets."""
        if looks_like_calendar(choices.path):
            return Form.CALENDAR, []
        grids = self._grids(choices)
        stated = {"events": Form.EVENTS, "month pages": Form.MONTHS, "codes": Form.CODES}.get(keys.kind or "")
        if stated:
            return stated, grids
        if keys.codes:
            return Form.CODES, grids
        forms = [form_of(grid, choices.columns) for grid in grids]
        if keys.kind == "timetable":
            return (Form.LIST if forms and all(form is Form.LIST for form in forms) else Form.GRID), grids
        return next((form for form in forms if form is not None), Form.EVENTS), grids

    def _source(self, name: str, keys: SourceKeys, choices: SheetChoices, form: Form, grids: list[Grid]) -> None:
        with self._told(may_be_empty=form is not Form.LIST):
            if form is Form.CALENDAR:
                self._calendar(name, choices)
            elif form is Form.EVENTS:
                self._events(name, keys, choices, grids)
            elif form is Form.MONTHS:
                self._months(name, keys, grids)
            elif self._year is None or self._days is None:
                self.found.problems.append(wording.needs_year(choices.place, "Timetables"))
            elif form is Form.CODES:
                self._codes(name, keys, choices, grids)
            else:
                self._timetable(name, keys, choices, form, grids)

    def _timetable(self, name: str, keys: SourceKeys, choices: SheetChoices, form: Form, grids: list[Grid]) -> None:
        stated = self._timetable_choices(name, keys, choices)
        if stated is None:
            return
        if form is Form.GRID:
            self._grid_sources.add(name)
            sheet = read_grids_of(grids, stated, self._known)
            if not sheet.rows and not sheet.problems and grids:
                raise DataRefused(wording.no_timetable(grids[0].place))
            self._take_meetings(name, sheet, choices)
            gave = f"{counted(sheet.rows, 'filled cell')} = {counted(len(sheet.meetings), 'slot')}"
            if grids:
                self._note(Grid(grids[0].file, None, [], ""), "grid", gave)
            return
        for grid in grids:
            table, problems = read_fielded(grid, TIMETABLE_SHEET, choices.columns)
            self.found.problems += list(map(in_words_of_the_plan, problems))
            if table is None:
                continue
            sheet = read_list(table, stated)
            for field_name in ("class", "course", "teacher", "room", "student"):
                self._known.add(field_name, [v for m in sheet.meetings for v in m.of(field_name)])
            self._take_meetings(name, sheet, choices)
            left = f" + {counted(sheet.left_out, 'row')} left out" if sheet.left_out else ""
            rows = counted(sheet.rows + sheet.left_out, "row")
            gave = f"{rows}{left}: {counted(len(sheet.meetings), 'slot')}"
            self._note(grid, grid.form, gave, table.table, sheet.moments)

    def _timetable_choices(self, name: str, keys: SourceKeys, choices: SheetChoices) -> TimetableChoices | None:
        if self._year is None or self._days is None:
            return None
        divisions = self._year.rules.divisions
        if keys.division and keys.division not in divisions:
            place = self._plan.place("sources", name, "division")
            self.found.problems.append(wording.unknown_name(place, keys.division, "division", divisions))
            return None
        if keys.cycle and keys.cycle not in self._year.cycles:
            place = self._plan.place("sources", name, "cycle")
            self.found.problems.append(wording.unknown_name(place, keys.cycle, "cycle", self._year.cycles))
            return None
        return TimetableChoices(
            self._year,
            self._days,
            choices.dates,
            keys.division or "",
            keys.cycle or "",
            keys.each or "",
            keys.cell or "",
            self.found.lists.divisions(),
        )

    def _take_meetings(self, name: str, sheet: MeetingSheet, choices: SheetChoices) -> None:
        self.found.problems += list(map(in_words_of_the_plan, sheet.problems))
        for meeting in sheet.meetings:
            said = self.found.lists.values.get(meeting.class_name.casefold(), {})
            for field_name, values in said.items():
                meeting.values.setdefault(field_name, values)
        self.found.meetings.setdefault(name, []).extend(sheet.meetings)

    def _event_choices(self, keys: SourceKeys, choices: SheetChoices) -> EventChoices:
        repeats = RepeatChoices(self._year, keys.cycle, keys.if_closed, periods=self.found.bells)
        dates = choices.dates
        if keys.hours:
            dates = replace(dates, earliest_hour=int(keys.hours.split("-")[0]))
        lookups = Lookups(self._lookup(keys.places), self._lookup(keys.people))
        return EventChoices(self._zone, _length(keys), dates, lookups, repeats=repeats)

    def _lookup(self, file: str | None) -> Lookup | None:
        """Read a look-up sheet. Raises DataRefused where it is not there, or says two things of one code."""
        if file is None:
            return None
        lookup, problems = read_lookup(self._plan.folder / file)
        self.found.problems += problems
        return lookup

    def _events(self, name: str, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> None:
        headings = Headings()
        tables = []
        for grid in grids:
            table, problems = find_table(grid, headings)
            tables.append(table)
            self.found.problems += list(map(in_words_of_the_plan, problems))
        try:
            check_stated(tables, choices.columns)
        except WrongCall as wrong:
            self.found.problems.append(wording.wrong_columns(choices.place, wrong))
            return
        for grid, table in zip(grids, tables, strict=True):
            matches, problems = match_columns(table, choices.columns, headings)
            self.found.problems += list(map(in_words_of_the_plan, problems))
            if has_errors(problems):
                continue
            sheet = read_events(table, matches, self._event_choices(keys, choices))
            self.found.problems += list(map(in_words_of_the_plan, sheet.problems))
            self._adjust(sheet, keys, choices)
            self.found.events.setdefault(name, []).extend(sheet.series)
            self._note(grid, grid.form, _events_gave(sheet), table, sheet.moments)

    def _adjust(self, sheet: EventSheet, keys: SourceKeys, choices: SheetChoices) -> None:
        """Choose and change the events of a sheet as its source says."""
        only, without = ([(name, tuple(values)) for name, values in said.items()] for said in (keys.only, keys.without))
        wanted = Adjustments(keys.set, prefix=keys.prefix or "", only=only, without=without)
        try:
            self.found.problems += adjust([sheet], wanted)
        except WrongCall as wrong:
            self.found.problems.append(wording.wrong_columns(choices.place, wrong))

    def _calendar(self, name: str, choices: SheetChoices) -> None:
        text = read_text(choices.path)
        if text is None:
            return
        span = self._sheets.within or (None, None)
        sheet = read_calendar(text.text, text.file, CalendarChoices("", self._zone, *span))
        self.found.problems += sheet.problems
        self.found.events.setdefault(name, []).extend(sheet.series)
        events = sum(len(one.occurrences) for one in sheet.series)
        self.found.files.append(FileRead(text.file, "calendar", counted(events, "event")))

    def _months(self, name: str, keys: SourceKeys, grids: list[Grid]) -> None:
        for grid in grids:
            head = find_month(grid)
            if head is None:
                self.found.problems.append(wording.no_month_page(grid.place))
                continue
            page = read_month_page(grid, head, self._zone, _length(keys))
            if isinstance(page, Problem):
                self.found.problems.append(page)
                continue
            self.found.problems += page.problems
            self.found.events.setdefault(name, []).extend(page.series)
            assumed = f", {page.lengths_assumed} without an end taken as long as stated" if page.lengths_assumed else ""
            self._note(grid, "month page", f"{counted(len(page.series), 'event')} of {page.month:%B %Y}{assumed}")

    def _codes(self, name: str, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> None:
        if self._year is None:
            return
        rules = SpanRules(self._zone, _length(keys), times_usual=True, within=choices.dates.within)
        slots: list[CodedSlot] = []
        for grid in grids:
            master = read_master(grid, choices.columns, choices.dates, rules, self._year)
            self.found.problems += list(map(in_words_of_the_plan, master.problems))
            slots += master.slots
            table = master.table.table if master.table else None
            self._note(grid, grid.form, counted(len(master.slots), "coded slot"), table, master.moments)
        sheets: list[CodeSheet] = []
        for beside in self._sheets.of(keys.codes, "sources", name, "codes"):
            opened = self._grids(beside)
            for grid in opened:
                with self._told():
                    found, problems = read_codes(grid, beside.columns, len(opened) > 1)
                    sheets += found
                    self.found.problems += list(map(in_words_of_the_plan, problems))
                    entries = sum(len(sheet.entries) for sheet in found)
                    self._note(
                        grid, grid.form, f"{counted(entries, 'code')} of {', '.join(s.whose for s in found[:3])}"
                    )
        if not keys.codes:
            self.found.problems.append(wording.no_code_sheets(self._plan.place("sources", name), name))
        joined, problems = join_codes(slots, sheets)
        self.found.problems += problems
        self.found.coded.setdefault(name, []).extend(joined)


def read_bell_times(school: School) -> tuple[BellTimes | None, list[Problem]]:
    """Read the bell times that a school's plan names; None where it names none."""
    if school.plan is None or school.year is None:
        return None, []
    reader = SourceReader(school, school.plan, "UTC")
    reader.read_bells()
    return reader.found.bells, reader.found.problems


def _events_gave(sheet: EventSheet) -> str:
    """Say what a sheet of events gave: "7 rows = 106 events; 1 date dropped for closures, 2 moved"."""
    events = sum(len(one.occurrences) for one in sheet.series)
    left = f" + {counted(sheet.left_out.total(), 'row')} left out" if sheet.left_out.total() else ""
    moved = sum(1 for effect in sheet.repeated.effects if effect.became is not None)
    dropped = len(sheet.repeated.effects) - moved
    effects = [f"{counted(dropped, 'date')} dropped for closures"] if dropped else []
    effects += [f"{counted(moved, 'date')} moved for closures"] if moved else []
    said = f"; {', '.join(effects)}" if effects else ""
    return f"{counted(sheet.rows, 'row')} = {counted(events, 'event')}{left}{said}"


def _length(keys: SourceKeys) -> timedelta:
    """Return how long events of a source take that say no end."""
    length = read_length(keys.length) if keys.length else None
    return timedelta(days=length.days) + length.elapsed if length else timedelta(hours=1)


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
