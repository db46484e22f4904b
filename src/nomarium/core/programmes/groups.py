"""A sheet of groups that go through one programme, each from a start of its own."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date
from pathlib import Path

from nomarium.core.columns import Blank, BlankSheet, Field, Holds, Kind, SheetKind, has, has_one_of
from nomarium.core.kinds import vocabulary as words
from nomarium.core.problems import Place, Problem
from nomarium.core.programmes import wording
from nomarium.core.sheets import Sheet, SheetChoices, read_sheet
from nomarium.core.tables import Grid, plain_text, read_grids
from nomarium.core.values import Fault, Moment

GROUP_SHEET = SheetKind(
    Kind.GROUPS,
    "groups",
    (
        Field(
            "group",
            "the group, crew, class or person",
            "group|crew|team|squad|class|cohort|course|name|who|participant|client|gruppe|groupe|grupo|gruppo|groep|mannschaft",
            Holds.NAMES,
            "",
            Blank("Group", "The group, crew, class or person. Required.", ""),
        ),
        Field(
            "start_date",
            "the day that the programme is counted from",
            "start|start date|starts|starts on|first day|from|begin|beginn|start am|début|inicio|inizio|date",
            Holds.DATE,
            f"{words.FIRST_DAY}|{words.DATE}",
            Blank("Start", "The day that the programme is counted from.", date(2027, 3, 1)),
        ),
        Field(
            "end_date",
            "the day by which it ends, in place of a start",
            "end|end date|ends|by|until|finish|event|event date|race day|exam|ende|bis|fin|fecha final",
            Holds.DATE,
            words.LAST_DAY,
            Blank("End", "Or the day by which it must be done.", ""),
        ),
        Field(
            "start_time",
            "the time of day of this group",
            "time|at|start time|time of day|uhrzeit|heure|hora|ora|tid",
            Holds.TIME,
            words.START_TIME,
            Blank("Time", "The time of day of this group.", ""),
        ),
        Field(
            "location", "where this group meets", "place|room|where|location|ort|lieu|lugar", Holds.PLACE, words.PLACE
        ),
    ),
    needs=("group",),
    proof=(has("group"), has_one_of("start_date", "end_date")),
    telling=("group", "start_date"),
    blank=BlankSheet("Groups", ("One group a row.",), "name it: --groups {file}"),
)


@dataclass(frozen=True, slots=True)
class Group:
    """One group: its start or its end, and what is its own."""

    name: str
    start: date | None = None
    end: date | None = None
    time: str = ""
    location: str = ""
    place: Place = field(default=Place(""), compare=False)


def read_groups(grid: Grid, choices: SheetChoices) -> tuple[list[Group], Sheet | None, list[Problem]]:
    """Read a sheet of groups. Raises DataRefused where it has none."""
    sheet, problems = read_sheet(grid, GROUP_SHEET, choices)
    if sheet is None or not sheet.is_sound:
        return [], sheet, problems
    found: list[Group] = []
    for record in range(len(sheet)):
        days = {name: _day(sheet, record, name, problems) for name in ("start_date", "end_date")}
        name = sheet.text(record, "group")
        if not name or not any(days.values()):
            problems.append(wording.incomplete_group(sheet.place(record)))
            continue
        if all(days.values()):
            problems.append(wording.both_ends(sheet.place(record)))
        time, place = plain_text(sheet.cell(record, "start_time")), sheet.text(record, "location")
        found.append(Group(name, days["start_date"], days["end_date"], time, place, sheet.place(record)))
    return found, sheet, problems


def _day(sheet: Sheet, record: int, name: str, problems: list[Problem]) -> date | None:
    cell = sheet.cell(record, name)
    moment = sheet.moments[name].moments[cell] if cell != "" and name in sheet.moments else None
    if isinstance(moment, Fault):
        problems.append(moment.at(sheet.place(record, name)))
    elif isinstance(moment, Moment) and (moment.last or moment.first is None):
        problems.append(wording.no_single_day(sheet.place(record, name), plain_text(cell)))
    return moment.first if isinstance(moment, Moment) else None


def alone(start: date | None, end: date | None, place: Place) -> Sequence[Group]:
    """Return the one group of a programme that is dated from a stated start or end."""
    return [Group("", start, end, place=place)] if start or end else []


def groups_of_file(path: Path) -> tuple[list[Group], list[Problem]]:
    """Read the groups of a file by itself. Raises DataRefused where it has none."""
    grids, problems = read_grids(path)
    choices = SheetChoices(path, Place(path.name))
    groups, _, found = read_groups(grids[0], choices)
    return groups, [*problems, *found]
