"""Who is in which class, and what classes are: rosters as pairs or as a matrix, and class lists."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass, field, replace
from datetime import date
from typing import NamedTuple

from nomarium.core.columns import Headings, heading_key
from nomarium.core.kinds import CLASS_SHEET, ROSTER_SHEET
from nomarium.core.problems import DataRefused, Place, Problem, has_errors
from nomarium.core.sheets import Sheet, SheetChoices, column_text, read_sheet
from nomarium.core.tables import Grid, GridView, plain_text
from nomarium.core.timetable import wording
from nomarium.core.timetable.meeting import Values, clean
from nomarium.core.values import (
    CLASS_FORM,
    PERSON_FORM,
    PLAIN_YES,
    Fault,
    Moment,
    are_people,
    most_are,
    read_yes_no,
    split_list,
)

_MEMBERS = ("student", "teacher", "team")


class Attends(NamedTuple):
    """From when to when a member attends; None for the whole year's end."""

    first: date | None
    last: date | None

    def holds(self, day: date) -> bool:
        """Tell whether a date lies within."""
        return (self.first is None or self.first <= day) and (self.last is None or day <= self.last)


@dataclass(slots=True)
class Rosters:
    """The members of classes: by the class's case folded name, then by what they are; and where that is said."""

    members: dict[str, Values] = field(default_factory=dict)
    names: dict[str, str] = field(default_factory=dict)
    """The classes as they are written."""
    places: dict[str, Place] = field(default_factory=dict)
    pairs: int = 0
    spans: dict[str, dict[tuple[str, str], list[Attends]]] = field(default_factory=dict)
    """From when to when members attend a class who do not do so all year, by the class and by who they are."""

    def on(self, key: str, day: date) -> Values:
        """Return the members of a class on a date, by the class's key."""
        spans = self.spans.get(key, {})
        members = self.members.get(key, {})
        if not spans:
            return members

        def attends(kind: str, name: str) -> bool:
            return (kind, name) not in spans or any(one.holds(day) for one in spans[kind, name])

        return {kind: tuple(name for name in names if attends(kind, name)) for kind, names in members.items()}

    def rename(self, kind: str, named: Callable[[str], str]) -> None:
        """Call the members of a kind by other names."""
        for values in self.members.values():
            if kind in values:
                values[kind] = tuple(dict.fromkeys(map(named, values[kind])))
        for key, spans in self.spans.items():
            self.spans[key] = {(of, named(name) if of == kind else name): span for (of, name), span in spans.items()}

    def add(self, class_name: str, kind: str, member: str, place: Place, attends: Attends | None = None) -> None:
        """Put a member into a class; one who is there already stays."""
        key = class_name.casefold()
        if attends is not None and (attends.first or attends.last):
            self.spans.setdefault(key, {}).setdefault((kind, member), []).append(attends)
        self.names.setdefault(key, class_name)
        self.places.setdefault(key, place)
        values = self.members.setdefault(key, {})
        if member not in values.get(kind, ()):
            values[kind] = (*values.get(kind, ()), member)
            self.pairs += 1


def read_roster(grid: Grid, choices: SheetChoices, rosters: Rosters) -> tuple[Sheet | None, list[Problem]]:
    """Read a roster into ``rosters``: pairs, whose sheet is returned; or a matrix, or a column of names a class.

    Raises DataRefused where it is neither.
    """
    if columns := class_columns(grid):
        return None, _take_columns(grid, columns, rosters)
    if (named := class_of_sheet(grid)) and "class" not in choices.whole:
        choices = replace(choices, whole={**choices.whole, "class": named})
    sheet, problems = _pairs(grid, choices)
    if sheet is None:
        return None, [*problems, *_take_matrix(grid, rosters)] if not has_errors(problems) else problems
    for record in range(len(sheet)):
        problems += _take_pair(sheet, record, rosters)
    return sheet, problems


def class_columns(grid: Grid) -> dict[int, str]:
    """Return the columns of a sheet that have a class above and names of people below; none for other sheets."""
    view, known = GridView(grid), Headings(ROSTER_SHEET)
    head = view.head()
    classes = {column: " ".join(text.split()) for column, text in view.filled(head)} if head is not None else {}
    if len(classes) < _FEWEST_CLASSES or any(map(known, classes.values())):
        return {}
    below = [cell for row in range((head or 0) + 1, len(view.rows)) for cell in view.filled(row)]
    names = [text for _, text in below]
    stray = any(column not in classes for column, _ in below)
    named = most_are(list(classes.values()), CLASS_FORM) or len(names) >= len(classes) * _FEWEST_MEMBERS
    people = not stray and named and are_people(names, known)
    return classes if people and sum(bool(PERSON_FORM.fullmatch(name)) for name in names) == len(names) else {}


_FEWEST_CLASSES = _FEWEST_MEMBERS = 2


def class_of_sheet(grid: Grid) -> str:
    """Return the class that a tab or a file of names goes by: "7a", "Class 8b"; "" where it names none."""
    for name in grid.names:
        bare = re.sub(r"^(?:class|klasse|classe|form|roster|list)\s+", "", name.strip(), flags=re.IGNORECASE)
        if CLASS_FORM.fullmatch(bare):
            return bare
    return ""


def _take_columns(grid: Grid, classes: Mapping[int, str], rosters: Rosters) -> list[Problem]:
    view = GridView(grid)
    for row in range((view.head() or 0) + 1, len(view.rows)):
        for column, text in view.filled(row):
            rosters.add(classes[column], "student", " ".join(text.split()), view.place(row, column))
    return []


def _pairs(grid: Grid, choices: SheetChoices) -> tuple[Sheet | None, list[Problem]]:
    try:
        sheet, problems = read_sheet(grid, ROSTER_SHEET, choices)
    except DataRefused:
        return None, []
    if sheet is None:
        return None, problems
    is_pairs = sheet.has("class") and any(map(sheet.has, _MEMBERS))
    return (sheet, problems) if is_pairs else (None, [])


def _take_pair(sheet: Sheet, record: int, rosters: Rosters) -> list[Problem]:
    classes = split_list(sheet.text(record, "class"))
    members = {name: sheet.values(record, name) for name in _MEMBERS}
    if not classes or not any(members.values()):
        return [wording.half_pair(sheet.place(record), "a class" if not classes else "a name")]
    problems: list[Problem] = []
    begins, ends = (_bounds(sheet, record, name, problems) for name in ("from", "until"))
    attends = Attends(begins[0], ends[1] or ends[0] or begins[1])
    for class_name in classes:
        for kind, names in members.items():
            for name in names:
                rosters.add(class_name, kind, name, sheet.place(record, "class"), attends)
    return problems


def _bounds(sheet: Sheet, record: int, name: str, problems: list[Problem]) -> tuple[date | None, date | None]:
    """Return the first and the last date of a cell, of a single date the first alone; None where it says none."""
    cell = sheet.cell(record, name)
    moment = sheet.moments[name].moments.get(cell) if name in sheet.moments and cell != "" else None
    if isinstance(moment, Moment) and moment.first is not None:
        return moment.first, moment.last
    if isinstance(moment, Fault):
        problems.append(moment.at(sheet.place(record, name)))
    elif moment is not None:
        problems.append(wording.unreadable_bound(sheet.place(record, name), plain_text(cell)))
    return None, None  # where the order of the whole column is not proved, that is said once


def _take_matrix(grid: Grid, rosters: Rosters) -> list[Problem]:
    """Read a matrix: classes across, students (or what the corner says) down, marks where they meet."""
    view = GridView(grid)
    head = view.head()
    marked = {plain_text(cell).strip().casefold() for row in view.rows[(head or 0) + 1 :] for cell in row[1:]}
    if head is None or not marked & PLAIN_YES:
        raise DataRefused(wording.no_roster(grid.place))
    kind = Headings(ROSTER_SHEET)(view.text(head, 0))
    turned = kind == "class"
    if turned:  # classes down, members across
        view = GridView(grid, turned=True)
        head, kind = 0, "student"
    problems = []
    for place, class_name, member, mark in _cells(view, head):
        if mark.casefold() in PLAIN_YES:
            rosters.add(class_name, kind if kind in _MEMBERS else "student", member, place)
        elif read_yes_no(mark) is not False:
            problems.append(wording.unknown_mark(place, mark))
    return problems


def _cells(view: GridView, head: int) -> Iterator[tuple[Place, str, str, str]]:
    classes = {column: " ".join(text.split()) for column, text in view.filled(head) if column}
    for row in range(head + 1, len(view.rows)):
        member = " ".join(view.text(row, 0).split())
        for column, class_name in classes.items():
            if member:
                yield view.place(row, column), class_name, member, view.text(row, column)


@dataclass(slots=True)
class ClassLists:
    """What class lists say of classes, by their case folded names."""

    values: dict[str, Values] = field(default_factory=dict)
    names: dict[str, str] = field(default_factory=dict)
    places: dict[str, Place] = field(default_factory=dict)

    def divisions(self) -> dict[str, str]:
        """Return the division of each class that has one."""
        return {key: values["division"][0] for key, values in self.values.items() if values.get("division")}


def read_class_list(grid: Grid, choices: SheetChoices, lists: ClassLists) -> tuple[Sheet | None, list[Problem]]:
    """Read a class list into ``lists``. Raises DataRefused where it has no classes."""
    table, problems = read_sheet(grid, CLASS_SHEET, choices)
    if table is None:
        return None, problems
    if not table.has("class"):
        raise DataRefused(wording.no_timetable(grid.place))
    fields = [name for name in CLASS_SHEET.names if table.has(name) and name != "class"]
    for record in range(len(table)):
        class_name = table.text(record, "class")
        if not class_name:
            problems.append(wording.half_pair(table.place(record), "a class"))
            continue
        said = clean(
            {name: table.values(record, name) for name in fields}
            | {heading_key(c.heading): (column_text(c.cells[record]),) for c in table.others}
        )
        key = class_name.casefold()
        known = lists.values.setdefault(key, said)
        lists.names.setdefault(key, class_name)
        place = lists.places.setdefault(key, table.place(record))
        for name, several in said.items():
            if known.setdefault(name, several) != several:
                problems.append(wording.class_twice(table.place(record), class_name, name, place))
    return table, problems
