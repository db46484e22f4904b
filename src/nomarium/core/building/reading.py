"""All sheets that a plan names beside those of the year → what meets when, and what is known of it."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from datetime import time
from typing import TYPE_CHECKING

from nomarium.core.building import wording
from nomarium.core.building.event_sources import (
    take_calendar,
    take_events,
    take_months,
    take_year,
    usual_length,
    without_end,
)
from nomarium.core.building.known_sheets import read_bells, read_classes
from nomarium.core.building.lessons import read_lesson_sheets
from nomarium.core.building.sheet_desk import SheetDesk, SourcesRead
from nomarium.core.building.source_keys import keys_without_effect
from nomarium.core.columns import Kind
from nomarium.core.kinds import TIMETABLE_SHEET
from nomarium.core.plan import PlanFile, SourceKeys
from nomarium.core.plan_sheets import as_conditions, first_hour
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.programmes import (
    Group,
    alone,
    both_ends,
    dated,
    dating_rules,
    find_programme,
    no_programme,
    read_groups,
)
from nomarium.core.recognition import recognise
from nomarium.core.shapes import (
    Crossing,
    Key,
    Patterns,
    Unfolded,
    crossing_by_key,
    crossing_of_hours,
    dated_lines,
    drawn_days,
    find_crossing,
    find_patterns,
    read_key,
    unfold,
)
from nomarium.core.sheets import SheetChoices, read_sheet, validity_by_name
from nomarium.core.slots import DayReader
from nomarium.core.sources import Lookup, Lookups, SpanRules, fill_prefix
from nomarium.core.sources.wording import not_looked_up
from nomarium.core.tables import Grid, looks_like_calendar
from nomarium.core.timetable import (
    CodedSlot,
    CodeSheet,
    Meeting,
    MeetingSheet,
    TimetableChoices,
    division_by_grade,
    grade_of,
    join_blocks,
    join_codes,
    join_meetings,
    mark_editions,
    read_codes,
    read_grids_of,
    read_list,
    read_master,
    supersede,
)
from nomarium.core.timetable.wording import against_bells, unknown_term
from nomarium.core.values import WEEKDAY_NAMES, clock_words, counted, split_list

if TYPE_CHECKING:
    from nomarium.core.school import School

_Opened = tuple[str, SourceKeys, SheetChoices, Kind, list[Grid]]
_STATED = {"events": Kind.EVENTS, "month pages": Kind.MONTHS, "codes": Kind.SLOTS}
"""The kinds that a plan can state, by its words for them."""
_OF_A_LIST = frozenset({"day", "slot"})
_FORMS = (Kind.MONTHS, Kind.LIST, Kind.EVENTS, Kind.GRID)
"""What a source may hold, in the order in which it is believed."""


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
            if keys.kind in ("year", "holidays"):
                self._desk.found.problems += keys_without_effect(self._desk.plan, name, keys, keys.kind)
                take_year(self._desk, name, keys)
                continue
            if not keys.sheets:
                self._desk.found.problems.append(wording.no_sheets(self._desk.plan.place("sources", name), name))
            for stated in self._desk.sheets.of(keys.sheets, "sources", name, "sheets"):
                choices = self._with_source(stated, keys)
                choices, programmes = self._programmes(name, keys, choices)
                kind, grids = (Kind.EVENTS, programmes) if programmes else self._open(name, choices, keys)
                (lists if kind is Kind.LIST else others).append((name, keys, choices, kind, grids))
        # What lists say proves what the lines of grids mean.
        for name, keys, choices, kind, grids in [*lists, *others]:
            used = ("codes",) if any(grid.origins for grid in grids) else ()
            self._desk.found.problems += keys_without_effect(self._desk.plan, name, keys, kind, used)
            self._source(name, keys, choices, kind, grids)
        of_all = [meeting for meetings in self._desk.found.meetings.values() for meeting in meetings]
        self._desk.found.problems += supersede(of_all)
        for name, meetings in self._desk.found.meetings.items():
            self._desk.found.meetings[name], problems = join_meetings(meetings, grids=name in self._grid_sources)
            self._desk.found.problems += problems
        self._look_up_changes()
        self._desk.found.lessons = read_lesson_sheets(self._desk)
        self._desk.found.problems = list(dict.fromkeys(self._desk.found.problems))
        return self._desk.found

    def _look_up_changes(self) -> None:
        """Let changes and rosters call teachers as the timetables do: by the names that look-ups give their codes."""
        desk = self._desk
        desk.found.changes = [
            replace(change, teachers=tuple(desk.looked_up("people", name) for name in change.teachers))
            for change in desk.found.changes
        ]
        desk.found.rosters.rename("teacher", lambda name: desk.looked_up("people", name))

    def _with_source(self, choices: SheetChoices, keys: SourceKeys) -> SheetChoices:
        """Return what is stated about a sheet, with what its source states for all of its sheets."""
        dates = replace(choices.dates, earliest_hour=first_hour(keys.hours)) if keys.hours else choices.dates
        return replace(
            self._desk.choices(choices),
            dates=dates,
            only=(*as_conditions(keys.only), *choices.only),
            without=(*as_conditions(keys.without), *choices.without),
        )

    def _open(self, name: str, choices: SheetChoices, keys: SourceKeys) -> tuple[Kind, list[Grid]]:
        """Return what a source's file holds, and its sheets."""
        if looks_like_calendar(choices.path):
            return Kind.CALENDAR, []
        grids = self._desk.grids(choices)
        crossed = [] if keys.kind in ("month pages", "codes") else self._crossings(name, keys, grids, choices)
        if any(crossed):
            return self._unfolded(name, keys, choices, grids, crossed)
        if keys.kind in _STATED:
            return _STATED[keys.kind], grids
        if keys.codes and not all(recognise(grid, choices.columns, (Kind.GRID,)).kind for grid in grids):
            return Kind.SLOTS, grids
        return self._by_form(keys, choices, grids)

    def _by_form(self, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> tuple[Kind, list[Grid]]:
        """Return what the sheets of a source are by their headings or cells, each line a date and words at last."""
        known = [recognise(grid, choices.columns, _FORMS).kind for grid in grids]
        if not _OF_A_LIST.isdisjoint(choices.columns.values()):  # a grid has no column of days
            known = [Kind.LIST if kind is Kind.GRID else kind for kind in known]
        lines = [dated_lines(grid) for grid in grids] if not (any(known) or choices.columns or keys.kind) else []
        if lines and all(lines):
            return Kind.EVENTS, [one.grid for one in lines if one is not None]
        kinds = [kind or (Kind.GRID if self._desk.year is not None else Kind.EVENTS) for kind in known]
        if keys.kind == "timetable":
            return (Kind.LIST if kinds and all(kind is Kind.LIST for kind in kinds) else Kind.GRID), grids
        return next(iter(kinds), Kind.EVENTS), grids

    def _programmes(self, name: str, keys: SourceKeys, choices: SheetChoices) -> tuple[SheetChoices, list[Grid]]:
        """Return programmes as the lists of dated events that they stand for; no lists where there is none."""
        counts = bool(keys.groups or keys.start or keys.end) and not looks_like_calendar(choices.path)
        grids = self._desk.grids(choices) if counts else []
        programmes = [find_programme(grid) for grid in grids]
        if not any(programmes):
            idle = counts and bool(keys.groups or keys.end or keys.on_days or keys.rest)
            self._desk.found.problems += [no_programme(grid.place) for grid in grids if idle]
            return choices, []
        if (keys.start is not None) + (keys.end is not None) + bool(keys.groups) > 1:
            self._desk.found.problems.append(both_ends(self._desk.plan.place("sources", name)))
        groups = [*alone(keys.start, keys.end, choices.place), *self._groups(name, keys)]
        weekdays, rest = (frozenset(map(WEEKDAY_NAMES.index, days)) for days in (keys.on_days, keys.rest))
        rules = dating_rules(weekdays, rest, keys.if_closed, self._desk.year)
        made = [dated(one, groups, rules) if one else None for one in programmes]
        self._desk.found.problems += [problem for one in made if one for problem in one.problems]
        columns = {heading: name for one in made if one for heading, name in one.columns.items()}
        lists = [one.grid if one else grid for one, grid in zip(made, grids, strict=True)]
        return replace(choices, columns={**columns, **choices.columns}), lists

    def _groups(self, name: str, keys: SourceKeys) -> list[Group]:
        """Return the groups that a source names."""
        groups: list[Group] = []
        for stated in self._desk.sheets.of(keys.groups, "sources", name, "groups"):
            choices = self._desk.choices(stated)
            for grid in self._desk.grids(choices):
                with self._desk.told():
                    found, sheet, problems = read_groups(grid, choices)
                    self._desk.found.problems += problems
                    groups += found
                    if sheet is not None:
                        self._desk.note_sheet(sheet, counted(len(found), "group"))
        return groups

    def _unfolded(
        self,
        name: str,
        keys: SourceKeys,
        choices: SheetChoices,
        grids: list[Grid],
        crossings: Sequence[Crossing | Patterns | Unfolded | None],
    ) -> tuple[Kind, list[Grid]]:
        """Return sheets on which names and days cross as lists, what their codes mean being read first."""
        key = Key()
        shapes = [one for one in crossings if one is not None and not isinstance(one, Unfolded)]
        codes = {code for one in shapes for code in (*one.codes(), *one.words())}
        for grid, beside in self._sheets_of_codes(name, keys):
            with self._desk.told():
                read_key(grid, beside, key, codes)
        self._desk.found.problems += key.problems
        kinds, lists = [], []
        for grid, crossing in zip(grids, crossings, strict=True):
            if crossing is None:
                lists.append(grid)
                continue
            if isinstance(crossing, Unfolded):
                unfolded = crossing
            else:
                rooms, days = self._desk.known.of("room").values(), choices.whole.get("day", "")
                dates = replace(choices.dates, within=self._desk.sheets.within)
                unfolded = unfold(crossing, key, rooms, self._desk.used, days, dates)
            self._desk.found.problems += unfolded.problems
            kinds.append(unfolded.kind)
            lists.append(unfolded.grid)
        return kinds[0], lists

    def _source(self, name: str, keys: SourceKeys, choices: SheetChoices, kind: Kind, grids: list[Grid]) -> None:
        with self._desk.told(may_be_empty=kind is not Kind.LIST):
            if kind is Kind.CALENDAR:
                take_calendar(self._desk, name, keys, choices)
            elif kind is Kind.EVENTS:
                take_events(self._desk, name, keys, choices, grids)
            elif kind is Kind.MONTHS:
                take_months(self._desk, name, keys, choices, grids)
            elif kind is Kind.SLOTS:
                self._codes(name, keys, choices, grids)
            elif self._desk.year is None or self._days is None:
                self._desk.found.problems.append(wording.needs_year(choices.place, "Timetables"))
            else:
                self._timetable(name, keys, choices, kind, grids)

    def _timetable(self, name: str, keys: SourceKeys, choices: SheetChoices, kind: Kind, grids: list[Grid]) -> None:
        stated = self._timetable_choices(name, keys, choices)
        if stated is None:
            return
        who = _Who(keys, self._desk.lookups(name, keys))
        if kind is Kind.GRID:
            for field_name, lookup in who.named():
                self._desk.known.add(field_name, lookup.written)
            self._grid_sources.add(name)
            self._desk.no_effect(choices, ("columns",), "a grid")
            sheet = read_grids_of(grids, stated, self._desk.known)
            if keys.codes:
                sheet.meetings, problems = join_blocks(sheet.meetings, self._code_sheets(name, keys))
                sheet.problems += problems
            if not sheet.rows and not sheet.problems and grids:
                raise DataRefused(wording.no_timetable(grids[0].place))
            taken = self._take_meetings(name, sheet, who, choices)
            gave = f"{counted(sheet.rows, 'filled cell')} = {counted(len(sheet.meetings), 'slot')}"
            gave += f", {counted(taken, 'slot')} chosen" if taken < len(sheet.meetings) else ""
            gave += f"; {counted(sheet.left_out, 'break')} left out" if sheet.left_out else ""
            if grids:
                self._desk.note(Grid(grids[0].file, None, [], ""), "grid", gave)
            return
        for grid in grids:
            table, problems = read_sheet(grid, TIMETABLE_SHEET, replace(choices, whole=_for_list(keys, choices)))
            self._desk.found.problems += problems
            if table is None:
                continue
            sheet = read_list(table, stated)
            held = validity_by_name(grid, choices.dates.order, choices.dates.within)
            mark_editions(sheet.meetings, held, str(grid.place))
            for field_name in ("class", "course", "teacher", "room", "student"):
                self._desk.known.add(field_name, [v for m in sheet.meetings for v in m.of(field_name)])
            self._take_meetings(name, sheet, who, replace(choices, only=(), without=()))
            left = f" + {sheet.left_out:,} left out" if sheet.left_out else ""
            slots = counted(len(sheet.meetings), "slot")
            gave = f"{counted(sheet.rows + sheet.left_out, 'row')} = {sheet.rows:,} with {slots}{left}"
            gave += f"; {without_end(sheet.lengths_assumed, usual_length(keys))}" if sheet.lengths_assumed else ""
            self._desk.note_sheet(table, gave)

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
        by_number = keys.day_numbers == "weekdays"
        return TimetableChoices(
            self._desk.year,
            DayReader(self._desk.year, numbers_are_weekdays=True) if by_number else self._days,
            choices.dates,
            choices.whole.get("division", "") or keys.division or "",
            keys.cycle or "",
            keys.each or "",
            keys.cell or "",
            self._desk.found.lists.divisions(),
            usual_length(keys) if keys.length else None,
            {**keys.set, **choices.whole},
            self._desk.found.bells is not None,
            bool(keys.codes),
        )

    def _take_meetings(self, name: str, sheet: MeetingSheet, who: _Who, choices: SheetChoices) -> int:
        """Take up the meetings of a sheet that are chosen, and return their number."""
        self._desk.found.problems += sheet.problems
        chosen = [meeting for meeting in sheet.meetings if _is_chosen(meeting, choices)]
        for meeting in chosen:
            said = self._desk.found.lists.values.get(meeting.class_name.casefold(), {})
            for field_name, values in said.items():
                if field_name != "term":
                    meeting.values.setdefault(field_name, values)
            if said.get("term") and not meeting.when.terms:
                meeting.when = meeting.when._replace(terms=self._terms_of(meeting.class_name, said["term"]))
            self._desk.found.problems += who.complete(meeting)
        self._desk.found.problems += self._by_grade(chosen)
        self._desk.found.problems += self._against_bells(chosen)
        self._desk.found.meetings.setdefault(name, []).extend(chosen)
        return len(chosen)

    def _by_grade(self, meetings: Sequence[Meeting]) -> list[Problem]:
        """Give meetings the division of their classes' grade, where divisions are called so; say which."""
        divisions = division_by_grade(self._desk.year.rules.divisions if self._desk.year else ())
        found: dict[str, dict[str, Place]] = {}
        for meeting in meetings if divisions else ():
            grade = grade_of(meeting.class_name)
            division = divisions.get(grade) if grade is not None else None
            if division is not None and "division" not in meeting.values:
                meeting.values["division"] = (division,)
                found.setdefault(division, {}).setdefault(meeting.class_name, meeting.place)
        return [wording.division_by_grade(next(iter(of.values())), name, list(of)) for name, of in found.items()]

    def _against_bells(self, meetings: Sequence[Meeting]) -> list[Problem]:
        """Report times beside periods that are none of those at which the bell rings for them; once for each."""
        found: dict[tuple[str, tuple[time, time]], Problem] = {}
        rows = [row for row in self._desk.found.bells.rows if row.rings] if self._desk.found.bells else []
        for meeting in meetings:
            periods = meeting.when.periods
            key = ("–".join(periods), meeting.stated) if meeting.stated and periods else None
            if key is None or key in found:
                continue
            starts = [row.start for row in rows if row.period == periods[0]]
            ends = [row.end for row in rows if row.period == periods[-1]]
            if starts and ends and not (key[1][0] in starts and key[1][1] in ends):
                spans = (key[1], (starts[0], ends[0]))
                stated, rung = (f"{clock_words(start)}–{clock_words(end)}" for start, end in spans)
                found[key] = against_bells(meeting.place, key[0], stated, rung)
        return list(found.values())

    def _terms_of(self, class_name: str, said: Sequence[str]) -> frozenset[str]:
        """Return the terms that a class list gives a class; one that the year has not is a problem."""
        rules = self._desk.year.rules if self._desk.year else None
        known = rules.terms_by_name() if rules else {}
        place = self._desk.found.lists.places[class_name.casefold()]
        unknown = [text for text in said if text.casefold() not in known]
        self._desk.found.problems += [unknown_term(place, text, list(known.values())) for text in unknown]
        return frozenset(known[text.casefold()] for text in said if text.casefold() in known)

    def _codes(self, name: str, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> None:
        rules = SpanRules(self._desk.zone, usual_length(keys), times_usual=True, within=choices.dates.within)
        slots: list[CodedSlot] = []
        for grid in grids:
            master = read_master(grid, choices, rules, self._desk.year)
            self._desk.found.problems += master.problems
            slots += master.slots
            if master.sheet is not None:
                self._desk.note_sheet(master.sheet, counted(len(master.slots), "coded slot"))
        if not keys.codes:
            self._desk.found.problems.append(wording.no_code_sheets(self._desk.plan.place("sources", name), name))
        joined, problems = join_codes(slots, self._code_sheets(name, keys))
        self._desk.found.problems += problems
        self._desk.found.coded.setdefault(name, []).extend(joined)

    def _sheets_of_codes(self, name: str, keys: SourceKeys) -> Iterator[tuple[Grid, SheetChoices]]:
        """Yield the sheets that a source names for its codes, each with what is stated of it."""
        for stated in self._desk.sheets.of(keys.codes, "sources", name, "codes"):
            beside = self._desk.choices(stated)
            yield from ((grid, beside) for grid in self._desk.grids(beside))

    def _crossings(
        self, name: str, keys: SourceKeys, grids: Sequence[Grid], choices: SheetChoices
    ) -> list[Crossing | Patterns | Unfolded | None]:
        """Return where names and days cross, or the list that a drawn year is; None for each sheet of another shape."""
        if choices.columns:
            return [None for _ in grids]
        found = [
            find_patterns(grid) or find_crossing(grid) or drawn_days(grid) or crossing_of_hours(grid) for grid in grids
        ]
        if all(found) or not keys.codes:
            return found
        lists = list(self._sheets_of_codes(name, keys))
        return [one or crossing_by_key(grid, lists) for one, grid in zip(found, grids, strict=True)]

    def _code_sheets(self, name: str, keys: SourceKeys) -> list[CodeSheet]:
        """Read what the codes of a source stand for, for each person."""
        sheets: list[CodeSheet] = []
        for grid, beside in self._sheets_of_codes(name, keys):
            with self._desk.told():
                found, codes, problems = read_codes(grid, beside)
                sheets += found
                self._desk.found.problems += problems
                entries = sum(len(several) for sheet in found for several in sheet.entries.values())
                if codes is not None:
                    whose = ", ".join(sheet.whose for sheet in found[:3])
                    self._desk.note_sheet(codes, f"{counted(entries, 'code')} of {whose}")
        if len(sheets) > 1:  # a file for each: the files go by the names of those whose codes they hold
            for sheet in sheets:
                sheet.is_named = True
        return sheets


@dataclass(frozen=True, slots=True)
class _Who:
    """Completes what is said of a meeting: names for codes of people and places, values for all, a prefix."""

    keys: SourceKeys
    lookups: Lookups

    def named(self) -> list[tuple[str, Lookup]]:
        """Return the look-up sheets that there are, each with the field whose codes it explains."""
        lookups = (("teacher", self.lookups.people), ("room", self.lookups.places), ("course", self.lookups.subjects))
        return [(name, lookup) for name, lookup in lookups if lookup is not None]

    def complete(self, meeting: Meeting) -> list[Problem]:
        """Give a meeting what its source states; return what is wrong with its names."""
        problems: list[Problem] = []
        for name, text in self.keys.set.items():
            meeting.values[name] = split_list(text)
        for name, lookup in self.named():
            if name not in meeting.values:
                continue
            full = []
            for text in meeting.values[name]:
                entry = lookup.find(text)
                problem = lookup.ambiguous(meeting.place, text)
                problems += [problem] if problem else []
                if entry is None and problem is None:
                    problems.append(not_looked_up(_sheet_of(meeting.place), text, lookup.file, lookup.nearest(text)))
                full.append((entry.words if name == "room" else entry.name) if entry else text)
            meeting.values[name] = tuple(dict.fromkeys(full))
        if self.keys.prefix:
            said = {name: ", ".join(values) for name, values in meeting.values.items()}
            text = fill_prefix(self.keys.prefix, said)
            meeting.values["prefix"] = (text,) if text else ()
        return problems


def _for_list(keys: SourceKeys, choices: SheetChoices) -> dict[str, str]:
    """Return what a source and a sheet say of all rows; what a source sets beside fields is added to the meetings."""
    return {**{name: text for name, text in keys.set.items() if TIMETABLE_SHEET.field(name)}, **choices.whole}


def _sheet_of(place: Place) -> Place:
    return Place(place.file, place.sheet)


def _is_chosen(meeting: Meeting, choices: SheetChoices) -> bool:
    """Tell whether a meeting of a grid has one of the values of each condition."""

    def has(name: str, values: tuple[str, ...]) -> bool:
        wanted = {value.strip().casefold() for value in values}
        return any(value.casefold() in wanted for value in meeting.of(name))

    only = all(has(name, values) for name, values in choices.only)
    return only and not any(has(name, values) for name, values in choices.without)
