"""A sheet of any kind but events, read without a plan: what it is and why, its columns, the first things in it.

A school year stands in for the one that a plan would give: it has the divisions, terms and special days that the sheet
itself names, and cycles with letters and with numbers.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta
from itertools import islice
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.bells import BellReader, BellRow, OtherNames, read_other_names
from nomarium.core.building import ColumnUse, column_uses
from nomarium.core.columns import Evidence, Kind, SheetKind
from nomarium.core.datesheets import read_closures, read_listed_days, read_special_days, read_terms, read_weeks
from nomarium.core.kinds import BELL_SHEET, LETTERS, NUMBERS, SHEET_KINDS, TIMETABLE_SHEET
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.shapes import month_blocks
from nomarium.core.sheets import Known, Sheet, SheetChoices, read_sheet
from nomarium.core.slots import DayReader
from nomarium.core.sources import Series, SpanRules
from nomarium.core.tables import Grid, TableChoices
from nomarium.core.timetable import (
    ClassLists,
    Meeting,
    Rosters,
    TimetableChoices,
    read_changes,
    read_class_list,
    read_codes,
    read_grids_of,
    read_list,
    read_master,
    read_month_page,
    read_roster,
)
from nomarium.core.values import WEEKDAY_NAMES, DateChoices, counted, day_words, split_list
from nomarium.core.year import CycleRule, SchoolYear, SpecialDay, Term, WeekRules, YearRules, listed_words

if TYPE_CHECKING:
    from nomarium.core.recognition import Recognised

FIRST_THINGS = 6
"""So many of the first things in a sheet are shown."""

_FOLLOWS = {
    Kind.GRID: 'name it in nomarium.toml: [sources.timetable] sheets = "{file}"; or: nomarium new . {file}',
    Kind.MONTHS: 'name it in nomarium.toml: [sources.calendar] sheets = "{file}"; or: nomarium new . {file}',
    Kind.SLOTS: 'name it in nomarium.toml: [sources.rota] sheets = "{file}", codes = ["codes.csv"]',
    Kind.PERIOD_NAMES: 'name it under [bells] in nomarium.toml: other_names = "{file}"',
    Kind.PEOPLE: 'nomarium convert events.csv -o events.ics --people {file}; or people = "{file}" under a source',
    Kind.PLACES: 'nomarium convert events.csv -o events.ics --places {file}; or places = "{file}" under a source',
}
"""What comes next for kinds that have no blank sheet to say it."""


@dataclass(slots=True)
class Glance:
    """What a sheet was taken for, and what came of reading it so."""

    grid: Grid
    recognised: Recognised
    gave: str = ""
    columns: Sequence[ColumnUse] = ()
    first_things: list[str] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    follows: str = ""
    """The command, or the lines of a plan, that come next."""


def look(grid: Grid, path: Path, recognised: Recognised, dates: DateChoices, columns: dict[str, str]) -> Glance:
    """Read a sheet as what it was recognised for; what it is refused for joins the problems."""
    found = Glance(grid, recognised)
    kind = recognised.kind
    if kind is None or kind is Kind.EVENTS:
        return found
    table = TableChoices(grid.sheet) if grid.sheet else TableChoices()
    choices = SheetChoices(path, Place(path.name), table, dates, columns)
    try:
        read = _READERS.get(kind) or _rows_of(SHEET_KINDS[kind])
        unfolded = recognised.unfolded
        sheet, things, what, problems = read(unfolded.grid if unfolded else grid, choices)
        found.problems += unfolded.problems if unfolded else []
    except DataRefused as refused:
        found.problems.append(refused.problem)
        return found
    found.problems += problems
    found.gave = what
    found.first_things = list(islice(things, FIRST_THINGS))
    if sheet is not None:
        found.columns = column_uses(sheet.matches, ())
    follows = _FOLLOWS.get(kind) or (sheet.kind.blank.next_step if sheet is not None and sheet.kind.blank else "")
    found.follows = follows.format(file=path.name, stem=path.stem)
    return found


_Read = tuple[Sheet | None, Iterable[str], str, list[Problem]]
"""The sheet where it is a list; its first things, and how much it gave, in words; the problems."""


def _spans(named: Iterable[tuple[str, date, date]]) -> Iterable[str]:
    for name, first, last in named:
        until = f" to {day_words(last)}" if last > first else ""
        yield f"{day_words(first)}{until}  {name}"


def _terms(grid: Grid, choices: SheetChoices) -> _Read:
    terms, dated, problems = read_terms(choices)
    things = _spans((term.name, term.first, term.last) for term in terms)
    return dated.sheet if dated else None, things, counted(len(terms), "term"), problems


def _closures(grid: Grid, choices: SheetChoices) -> _Read:
    found, problems = read_closures(choices)
    things = _spans((one.name, one.first, one.last) for one in found.closures)
    return found.sheet.sheet if found.sheet else None, things, counted(len(found.closures), "closure"), problems


def _specials(grid: Grid, choices: SheetChoices) -> _Read:
    found, problems = read_special_days(choices)
    things = _spans((one.name, one.first, one.last) for one in found.specials)
    return found.sheet.sheet if found.sheet else None, things, counted(len(found.specials), "special day"), problems


def _days(grid: Grid, choices: SheetChoices) -> _Read:
    found, problems = read_listed_days(choices, "Cycle")
    things = (f"{day_words(day)}  {pin.label}" for day, pin in found.labels.items())
    return found.sheet.sheet if found.sheet else None, things, counted(len(found.labels), "listed day"), problems


def _weeks(grid: Grid, choices: SheetChoices) -> _Read:
    found, problems = read_weeks(choices)
    things = (f"{day_words(day)}  week {label}" for day, label in (found.letters | found.numbers).items())
    return found.sheet.sheet if found.sheet else None, things, found.words, problems


def _stand_in(grid: Grid, kind: SheetKind, choices: SheetChoices) -> SchoolYear:
    """Return a year that has what a sheet names: its divisions, terms and special days."""
    seen = Evidence.of(grid, kind, choices.columns)
    named = {
        name: list(dict.fromkeys(part for text in seen.texts(name) for part in split_list(text)))
        for name in ("division", "term", "special")
    }
    terms = [Term(name, date(2026, 9, 1), date(2026, 9, 30)) for name in named["term"] or ["Year"]]
    specials = [SpecialDay(name, date(2026, 9, 2), date(2026, 9, 2), Place("")) for name in named["special"]]
    cycles = (CycleRule("letters", LETTERS), CycleRule("numbers", NUMBERS))
    rules = YearRules(
        tuple(terms),
        specials=tuple(specials),
        weeks=WeekRules(letters=LETTERS[:4]),
        divisions=tuple(named["division"]),
        cycles=cycles,
    )
    return SchoolYear(rules)


def _bells(grid: Grid, choices: SheetChoices) -> _Read:
    reader = BellReader(_stand_in(grid, BELL_SHEET, choices), choices)
    found = reader.read(grid)
    unplaced = {"unused-bells"}  # no year says yet which dates are special days
    problems = [problem for problem in reader.problems if problem.code not in unplaced]
    return found.sheet, map(_bell_words, found.rows), counted(len(found.rows), "bell time"), problems


def _bell_words(row: BellRow) -> str:
    holds = row.conditions
    days = [WEEKDAY_NAMES[day][:3] for day in sorted(holds.weekdays)] + [label for _, label in sorted(holds.labels)]
    on = [*sorted(holds.divisions), *days, *sorted(holds.terms), *sorted(holds.specials)]
    return f"Period {row.period}  {row.hours}" + (f"  ({', '.join(on)})" if on else "")


def _timetable(grid: Grid, choices: SheetChoices) -> TimetableChoices:
    year = _stand_in(grid, TIMETABLE_SHEET, choices)
    return TimetableChoices(year, DayReader(year), choices.dates)


def _list(grid: Grid, choices: SheetChoices) -> _Read:
    stated = _timetable(grid, choices)
    sheet, problems = read_sheet(grid, TIMETABLE_SHEET, choices)
    if sheet is None:
        return None, (), "", problems
    found = read_list(sheet, stated)
    return sheet, map(_meeting_words, found.meetings), _slots(found.meetings), problems + found.problems


def _grid(grid: Grid, choices: SheetChoices) -> _Read:
    stated = _timetable(grid, choices)
    found = read_grids_of([grid], stated, Known())
    return None, map(_meeting_words, found.meetings), _slots(found.meetings), found.problems


def _slots(meetings: Sequence[Meeting]) -> str:
    classes = len({meeting.class_name for meeting in meetings})
    return f"{counted(len(meetings), 'slot')} of {counted(classes, 'class', 'classes')}"


def _meeting_words(meeting: Meeting) -> str:
    who = "; ".join(", ".join(meeting.of(name)) for name in ("room", "teacher") if meeting.of(name))
    when = meeting.when.words.replace(" of letters", "").replace(" of numbers", "")
    return f"{meeting.class_name}  {when}" + (f"  ({who})" if who else "")


def _month(grid: Grid, choices: SheetChoices) -> _Read:
    pages = [read_month_page(block, "UTC", _HOUR) for block in month_blocks(grid)]
    read = [page for page in pages if not isinstance(page, Problem)]
    problems = [page for page in pages if isinstance(page, Problem)]
    series = [one for page in read for one in page.series]
    months = listed_words([f"{page.month:%B %Y}" for page in read])
    problems += [problem for page in read for problem in page.problems]
    return None, map(_event_words, series), f"{counted(len(series), 'event')} of {months}", problems


def _event_words(event: Series) -> str:
    from nomarium.core.inspection.events import event_words

    return event_words(event)


def _roster(grid: Grid, choices: SheetChoices) -> _Read:
    rosters = Rosters()
    sheet, problems = read_roster(grid, choices, rosters)
    things = (
        f"{rosters.names[key]}: {', '.join(name for names in members.values() for name in names[:4])}"
        for key, members in rosters.members.items()
    )
    return sheet, things, counted(rosters.pairs, "member"), problems


def _classes(grid: Grid, choices: SheetChoices) -> _Read:
    lists = ClassLists()
    sheet, problems = read_class_list(grid, choices, lists)
    things = (
        f"{lists.names[key]}: {'; '.join(', '.join(values) for values in said.values())}"
        for key, said in lists.values.items()
    )
    return sheet, things, counted(len(lists.values), "class", "classes"), problems


def _changes(grid: Grid, choices: SheetChoices) -> _Read:
    changes, sheet, problems = read_changes(grid, choices)
    things = (f"{day_words(one.day)}  {one.class_name or 'all'}: {one.words}" for one in changes)
    return sheet, things, counted(len(changes), "change"), problems


def _master(grid: Grid, choices: SheetChoices) -> _Read:
    year = SchoolYear(YearRules((Term("Year", date(2026, 9, 1), date(2026, 9, 30)),)))
    found = read_master(grid, choices, SpanRules("UTC", _HOUR, times_usual=True), year)
    things = (f"{day_words(slot.occurrence.start)}  {slot.occurrence.start:%H:%M}  {slot.code}" for slot in found.slots)
    return found.sheet, things, counted(len(found.slots), "coded slot"), found.problems


def _codes(grid: Grid, choices: SheetChoices) -> _Read:
    found, sheet, problems = read_codes(grid, choices)
    things = (
        f"{one.whose}: {entry.code} is {', '.join(entry.values.get('course', ())) or 'free'}"
        for one in found
        for entries in one.entries.values()
        for entry in entries
    )
    return sheet, things, counted(sum(map(len, (e for one in found for e in one.entries.values()))), "code"), problems


def _names(grid: Grid, choices: SheetChoices) -> _Read:
    names = OtherNames()
    sheet, problems = read_other_names(grid, choices, names)
    things = (
        f"“{written}” is period {rung}" + (f" for {whom}" if whom else "")
        for (whom, written), rung in names.rung.items()
    )
    return sheet, things, counted(len(names.rung), "other name"), problems


def _rows_of(kind: SheetKind) -> Callable[[Grid, SheetChoices], _Read]:
    def read(grid: Grid, choices: SheetChoices) -> _Read:
        sheet, problems = read_sheet(grid, kind, choices)
        if sheet is None:
            return None, (), "", problems
        rows = (", ".join(filter(None, (sheet.text(r, name) for name in kind.names))) for r in range(len(sheet)))
        return sheet, rows, counted(len(sheet), "entry", "entries"), problems

    return read


_HOUR = timedelta(hours=1)

_READERS: dict[Kind, Callable[[Grid, SheetChoices], _Read]] = {
    Kind.TERMS: _terms,
    Kind.CLOSURES: _closures,
    Kind.SPECIAL_DAYS: _specials,
    Kind.DAYS: _days,
    Kind.WEEKS: _weeks,
    Kind.BELLS: _bells,
    Kind.PERIOD_NAMES: _names,
    Kind.CLASSES: _classes,
    Kind.ROSTER: _roster,
    Kind.CHANGES: _changes,
    Kind.LIST: _list,
    Kind.GRID: _grid,
    Kind.MONTHS: _month,
    Kind.SLOTS: _master,
    Kind.CODES: _codes,
}
"""How kinds are read of which more is made than rows; events are shown in a way of their own."""
