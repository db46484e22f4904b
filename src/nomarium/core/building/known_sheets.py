"""Bell times, class lists, rosters and changes: what is known before the sources are read."""

from __future__ import annotations

from nomarium.core.bells import BellReader, BellRow, BellTimes, read_other_names
from nomarium.core.building import wording
from nomarium.core.building.sheet_desk import SheetDesk
from nomarium.core.datesheets import in_words_of_the_plan
from nomarium.core.problems import Problem
from nomarium.core.school import School
from nomarium.core.timetable import (
    read_changes,
    read_class_list,
    read_roster,
)
from nomarium.core.values import counted


def read_bells(desk: SheetDesk) -> None:
    """Read the bell times and the other names of periods."""
    keys = desk.plan.plan.bells
    rows: list[BellRow] = []
    for choices in desk.sheets.of(keys.sheets, "bells", "sheets"):
        if desk.year is None:
            desk.found.problems.append(wording.needs_year(choices.place, "Bell times"))
            return
        reader = BellReader(desk.year, choices.dates)
        for grid in desk.grids(choices):
            with desk.told(may_be_empty=False):
                sheet = reader.read(grid, choices.columns)
                rows += sheet.rows
                form = "grid" if sheet.form == "grid" else grid.form
                desk.note(grid, form, counted(len(sheet.rows), "bell time"), sheet.table, sheet.moments)
        desk.found.problems += [in_words_of_the_plan(problem) for problem in reader.problems]
    for choices in desk.sheets.of(keys.other_names, "bells", "other_names"):
        for grid in desk.grids(choices):
            with desk.told():
                before = len(desk.found.names.rung)
                desk.found.problems += read_other_names(grid, choices.columns, desk.found.names)
                desk.note(grid, grid.form, counted(len(desk.found.names.rung) - before, "other name"))
    if desk.year is not None and rows:
        desk.found.bells = BellTimes(rows, desk.year)


def read_classes(desk: SheetDesk) -> None:
    """Read class lists, rosters and changes, and take up the names that they prove."""
    keys, found = desk.plan.plan.classes, desk.found
    for choices in desk.sheets.of(keys.lists, "classes", "lists"):
        for grid in desk.grids(choices):
            with desk.told():
                before = len(found.lists.values)
                found.problems += read_class_list(grid, choices.columns, found.lists)
                desk.note(grid, grid.form, counted(len(found.lists.values) - before, "class", "classes"))
    for choices in desk.sheets.of(keys.rosters, "classes", "rosters"):
        for grid in desk.grids(choices):
            with desk.told():
                before = found.rosters.pairs
                form, problems = read_roster(grid, choices.columns, found.rosters)
                found.problems += problems
                form = "matrix" if form == "matrix" else grid.form
                desk.note(grid, form, counted(found.rosters.pairs - before, "member"))
    for choices in desk.sheets.of(keys.changes, "classes", "changes"):
        for grid in desk.grids(choices):
            with desk.told():
                changes, problems = read_changes(grid, choices.columns, choices.dates)
                found.changes += changes
                found.problems += list(map(in_words_of_the_plan, problems))
                desk.note(grid, grid.form, counted(len(changes), "change"))
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
