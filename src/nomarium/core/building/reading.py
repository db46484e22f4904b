"""All sheets that a plan names beside those of the year → what meets when, and what is known of it."""

from __future__ import annotations

from nomarium.core.building import wording
from nomarium.core.building.event_sources import take_calendar, take_events, take_months, usual_length
from nomarium.core.building.forms import Form, form_of
from nomarium.core.building.known_sheets import read_bells, read_classes
from nomarium.core.building.sheet_desk import SheetDesk, SourcesRead
from nomarium.core.columns import read_fielded
from nomarium.core.datesheets import SheetChoices, in_words_of_the_plan
from nomarium.core.plan import PlanFile, SourceKeys
from nomarium.core.problems import DataRefused
from nomarium.core.school import School
from nomarium.core.slots import DayReader
from nomarium.core.sources import (
    SpanRules,
)
from nomarium.core.tables import Grid, looks_like_calendar
from nomarium.core.timetable import (
    TIMETABLE_SHEET,
    CodedSlot,
    CodeSheet,
    MeetingSheet,
    TimetableChoices,
    join_codes,
    join_meetings,
    read_codes,
    read_grids_of,
    read_list,
    read_master,
)
from nomarium.core.values import counted

_Opened = tuple[str, SourceKeys, SheetChoices, Form, list[Grid]]


class SourceReader:
    """Reads the sheets that a plan names: bell times, class lists, rosters, changes, then its sources."""

    def __init__(self, school: School, plan: PlanFile, zone: str) -> None:
        self._desk = SheetDesk(school, plan, zone)
        self._days = DayReader(school.year) if school.year else None
        self._grid_sources: set[str] = set()

    def read(self) -> SourcesRead:
        """Read everything; what is wrong is among the problems."""
        read_bells(self._desk)
        read_classes(self._desk)
        lists: list[_Opened] = []
        others: list[_Opened] = []
        for name, keys in self._desk.plan.plan.sources.items():
            if not keys.sheets:
                self._desk.found.problems.append(wording.no_sheets(self._desk.plan.place("sources", name), name))
            for choices in self._desk.sheets.of(keys.sheets, "sources", name, "sheets"):
                form, grids = self._open(choices, keys)
                (lists if form is Form.LIST else others).append((name, keys, choices, form, grids))
        # What lists say proves what the lines of grids mean.
        for name, keys, choices, form, grids in [*lists, *others]:
            self._source(name, keys, choices, form, grids)
        for name, meetings in self._desk.found.meetings.items():
            self._desk.found.meetings[name], problems = join_meetings(meetings, grids=name in self._grid_sources)
            self._desk.found.problems += problems
        return self._desk.found

    def _open(self, choices: SheetChoices, keys: SourceKeys) -> tuple[Form, list[Grid]]:
        """Return what a source's file holds, and its sheets."""
        if looks_like_calendar(choices.path):
            return Form.CALENDAR, []
        grids = self._desk.grids(choices)
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
        with self._desk.told(may_be_empty=form is not Form.LIST):
            if form is Form.CALENDAR:
                take_calendar(self._desk, name, choices)
            elif form is Form.EVENTS:
                take_events(self._desk, name, keys, choices, grids)
            elif form is Form.MONTHS:
                take_months(self._desk, name, keys, grids)
            elif self._desk.year is None or self._days is None:
                self._desk.found.problems.append(wording.needs_year(choices.place, "Timetables"))
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
            sheet = read_grids_of(grids, stated, self._desk.known)
            if not sheet.rows and not sheet.problems and grids:
                raise DataRefused(wording.no_timetable(grids[0].place))
            self._take_meetings(name, sheet, choices)
            gave = f"{counted(sheet.rows, 'filled cell')} = {counted(len(sheet.meetings), 'slot')}"
            if grids:
                self._desk.note(Grid(grids[0].file, None, [], ""), "grid", gave)
            return
        for grid in grids:
            table, problems = read_fielded(grid, TIMETABLE_SHEET, choices.columns)
            self._desk.found.problems += list(map(in_words_of_the_plan, problems))
            if table is None:
                continue
            sheet = read_list(table, stated)
            for field_name in ("class", "course", "teacher", "room", "student"):
                self._desk.known.add(field_name, [v for m in sheet.meetings for v in m.of(field_name)])
            self._take_meetings(name, sheet, choices)
            left = f" + {counted(sheet.left_out, 'row')} left out" if sheet.left_out else ""
            rows = counted(sheet.rows + sheet.left_out, "row")
            gave = f"{rows}{left}: {counted(len(sheet.meetings), 'slot')}"
            self._desk.note(grid, grid.form, gave, table.table, sheet.moments)

    def _timetable_choices(self, name: str, keys: SourceKeys, choices: SheetChoices) -> TimetableChoices | None:
        if self._desk.year is None or self._days is None:
            return None
        divisions = self._desk.year.rules.divisions
        if keys.division and keys.division not in divisions:
            place = self._desk.plan.place("sources", name, "division")
            self._desk.found.problems.append(wording.unknown_name(place, keys.division, "division", divisions))
            return None
        if keys.cycle and keys.cycle not in self._desk.year.cycles:
            place = self._desk.plan.place("sources", name, "cycle")
            self._desk.found.problems.append(wording.unknown_name(place, keys.cycle, "cycle", self._desk.year.cycles))
            return None
        return TimetableChoices(
            self._desk.year,
            self._days,
            choices.dates,
            keys.division or "",
            keys.cycle or "",
            keys.each or "",
            keys.cell or "",
            self._desk.found.lists.divisions(),
        )

    def _take_meetings(self, name: str, sheet: MeetingSheet, choices: SheetChoices) -> None:
        self._desk.found.problems += list(map(in_words_of_the_plan, sheet.problems))
        for meeting in sheet.meetings:
            said = self._desk.found.lists.values.get(meeting.class_name.casefold(), {})
            for field_name, values in said.items():
                meeting.values.setdefault(field_name, values)
        self._desk.found.meetings.setdefault(name, []).extend(sheet.meetings)

    def _codes(self, name: str, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> None:
        if self._desk.year is None:
            return
        rules = SpanRules(self._desk.zone, usual_length(keys), times_usual=True, within=choices.dates.within)
        slots: list[CodedSlot] = []
        for grid in grids:
            master = read_master(grid, choices.columns, choices.dates, rules, self._desk.year)
            self._desk.found.problems += list(map(in_words_of_the_plan, master.problems))
            slots += master.slots
            table = master.table.table if master.table else None
            self._desk.note(grid, grid.form, counted(len(master.slots), "coded slot"), table, master.moments)
        sheets: list[CodeSheet] = []
        for beside in self._desk.sheets.of(keys.codes, "sources", name, "codes"):
            opened = self._desk.grids(beside)
            for grid in opened:
                with self._desk.told():
                    found, problems = read_codes(grid, beside.columns, len(opened) > 1)
                    sheets += found
                    self._desk.found.problems += list(map(in_words_of_the_plan, problems))
                    entries = sum(len(sheet.entries) for sheet in found)
                    self._desk.note(
                        grid, grid.form, f"{counted(entries, 'code')} of {', '.join(s.whose for s in found[:3])}"
                    )
        if not keys.codes:
            self._desk.found.problems.append(wording.no_code_sheets(self._desk.plan.place("sources", name), name))
        joined, problems = join_codes(slots, sheets)
        self._desk.found.problems += problems
        self._desk.found.coded.setdefault(name, []).extend(joined)
