"""Bell times, class lists, rosters and changes: what is known before the sources are read."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nomarium.core.bells import BellReader, BellRow, BellTimes, read_other_names
from nomarium.core.building import wording
from nomarium.core.building.sheet_desk import SheetDesk
from nomarium.core.problems import Problem, has_errors
from nomarium.core.timetable import read_changes, read_class_list, read_roster
from nomarium.core.values import counted

if TYPE_CHECKING:
    from nomarium.core.school import School

_OF_LISTS = ("columns", "only", "without")
"""What can be stated of lists, and not of grids and matrices."""


def read_bells(desk: SheetDesk) -> None:
    """Read the bell times and the other names of periods."""
    keys = desk.plan.plan.bells
    before = len(desk.found.problems)
    rows: list[BellRow] = []
    for stated in desk.sheets.of(keys.sheets, "bells", "sheets"):
        if desk.year is None:
            desk.found.problems.append(wording.needs_year(stated.place, "Bell times"))
            return
        choices = desk.choices(stated)
        reader = BellReader(desk.year, choices)
        for grid in desk.grids(choices):
            with desk.told(may_be_empty=False):
                sheet = reader.read(grid)
                rows += sheet.rows
                gave = counted(sum(row.rings for row in sheet.rows), "bell time")
                if sheet.sheet is None:
                    desk.no_effect(choices, _OF_LISTS, "a grid of bell times")
                    desk.note(grid, "grid", gave)
                else:
                    desk.note_sheet(sheet.sheet, gave)
        desk.found.problems += reader.problems
    for stated in desk.sheets.of(keys.other_names, "bells", "other_names"):
        choices = desk.choices(stated)
        for grid in desk.grids(choices):
            with desk.told():
                known = len(desk.found.names.rung)
                names, problems = read_other_names(grid, choices, desk.found.names)
                desk.found.problems += problems
                if names is not None:
                    desk.note_sheet(names, counted(len(desk.found.names.rung) - known, "other name"))
    if desk.year is not None and rows:
        desk.found.bells = BellTimes(rows, desk.year)
        desk.found.problems += desk.found.bells.contradictions()
    desk.found.bells_refused = has_errors(desk.found.problems[before:])


def read_classes(desk: SheetDesk) -> None:
    """Read class lists, rosters and changes, and take up the names that they prove."""
    keys, found = desk.plan.plan.classes, desk.found
    for stated in desk.sheets.of(keys.lists, "classes", "lists"):
        choices = desk.choices(stated)
        for grid in desk.grids(choices):
            with desk.told():
                before = len(found.lists.values)
                sheet, problems = read_class_list(grid, choices, found.lists)
                found.problems += problems
                if sheet is not None:
                    desk.note_sheet(sheet, counted(len(found.lists.values) - before, "class", "classes"))
    for stated in desk.sheets.of(keys.rosters, "classes", "rosters"):
        choices = desk.choices(stated)
        for grid in desk.grids(choices):
            with desk.told():
                pairs = found.rosters.pairs
                sheet, problems = read_roster(grid, choices, found.rosters)
                found.problems += problems
                gave = counted(found.rosters.pairs - pairs, "member")
                if sheet is not None:
                    desk.note_sheet(sheet, gave)
                else:
                    desk.no_effect(choices, _OF_LISTS, "a matrix of members")
                    desk.note(grid, "matrix", gave)
    for stated in desk.sheets.of(keys.changes, "classes", "changes"):
        choices = desk.choices(stated)
        for grid in desk.grids(choices):
            with desk.told():
                changes, sheet, problems = read_changes(grid, choices)
                found.changes += changes
                found.problems += problems
                if sheet is not None:
                    desk.note_sheet(sheet, counted(len(changes), "change"))
    _learn(desk)


def _learn(desk: SheetDesk) -> None:
    """Take up the names that class lists and rosters prove."""
    desk.known.add("class", [*desk.found.lists.names.values(), *desk.found.rosters.names.values()])
    for values in (*desk.found.lists.values.values(), *desk.found.rosters.members.values()):
        for name, several in values.items():
            desk.known.add(name, several)


def read_bell_times(school: School) -> tuple[BellTimes | None, list[Problem]]:
    """Read the bell times that a school's plan names; None where it names none."""
    if school.plan is None or school.year is None:
        return None, []
    desk = SheetDesk(school, school.plan, "UTC")
    read_bells(desk)
    return desk.found.bells, desk.found.problems
