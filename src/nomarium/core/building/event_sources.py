"""Sources of events: sheets of dated rows, calendar files, months drawn as calendars."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta

from nomarium.core.building import wording
from nomarium.core.building.sheet_desk import FileRead, SheetDesk
from nomarium.core.columns import Headings, check_stated, match_columns
from nomarium.core.datesheets import SheetChoices, in_words_of_the_plan
from nomarium.core.ics import CalendarChoices, read_calendar
from nomarium.core.plan import SourceKeys
from nomarium.core.problems import Problem, WrongCall, has_errors
from nomarium.core.sources import (
    Adjustments,
    EventChoices,
    EventSheet,
    Lookup,
    Lookups,
    RepeatChoices,
    adjust,
    read_events,
    read_lookup,
)
from nomarium.core.tables import Grid, find_table, read_text
from nomarium.core.timetable import (
    find_month,
    read_month_page,
)
from nomarium.core.values import counted, read_length


def _event_choices(desk: SheetDesk, keys: SourceKeys, choices: SheetChoices) -> EventChoices:
    repeats = RepeatChoices(desk.year, keys.cycle, keys.if_closed, periods=desk.found.bells)
    dates = choices.dates
    if keys.hours:
        dates = replace(dates, earliest_hour=int(keys.hours.split("-")[0]))
    lookups = Lookups(_lookup(desk, keys.places), _lookup(desk, keys.people))
    return EventChoices(desk.zone, usual_length(keys), dates, lookups, repeats=repeats)


def _lookup(desk: SheetDesk, file: str | None) -> Lookup | None:
    """Read a look-up sheet. Raises DataRefused where it is not there, or says two things of one code."""
    if file is None:
        return None
    lookup, problems = read_lookup(desk.plan.folder / file)
    desk.found.problems += problems
    return lookup


def take_events(desk: SheetDesk, name: str, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> None:
    """Read the sheets of a source of dated events."""
    headings = Headings()
    tables = []
    for grid in grids:
        table, problems = find_table(grid, headings)
        tables.append(table)
        desk.found.problems += list(map(in_words_of_the_plan, problems))
    try:
        check_stated(tables, choices.columns)
    except WrongCall as wrong:
        desk.found.problems.append(wording.wrong_columns(choices.place, wrong))
        return
    for grid, table in zip(grids, tables, strict=True):
        matches, problems = match_columns(table, choices.columns, headings)
        desk.found.problems += list(map(in_words_of_the_plan, problems))
        if has_errors(problems):
            continue
        sheet = read_events(table, matches, _event_choices(desk, keys, choices))
        desk.found.problems += list(map(in_words_of_the_plan, sheet.problems))
        _adjust(desk, sheet, keys, choices)
        desk.found.events.setdefault(name, []).extend(sheet.series)
        desk.note(grid, grid.form, _events_gave(sheet), table, sheet.moments)


def _adjust(desk: SheetDesk, sheet: EventSheet, keys: SourceKeys, choices: SheetChoices) -> None:
    """Choose and change the events of a sheet as its source says."""
    only, without = ([(name, tuple(values)) for name, values in said.items()] for said in (keys.only, keys.without))
    wanted = Adjustments(keys.set, prefix=keys.prefix or "", only=only, without=without)
    try:
        desk.found.problems += adjust([sheet], wanted)
    except WrongCall as wrong:
        desk.found.problems.append(wording.wrong_columns(choices.place, wrong))


def take_calendar(desk: SheetDesk, name: str, choices: SheetChoices) -> None:
    """Read a source that is a calendar file."""
    text = read_text(choices.path)
    if text is None:
        return
    span = desk.sheets.within or (None, None)
    sheet = read_calendar(text.text, text.file, CalendarChoices("", desk.zone, *span))
    desk.found.problems += sheet.problems
    desk.found.events.setdefault(name, []).extend(sheet.series)
    events = sum(len(one.occurrences) for one in sheet.series)
    desk.found.files.append(FileRead(text.file, "calendar", counted(events, "event")))


def take_months(desk: SheetDesk, name: str, keys: SourceKeys, grids: list[Grid]) -> None:
    """Read the month pages of a source."""
    for grid in grids:
        head = find_month(grid)
        if head is None:
            desk.found.problems.append(wording.no_month_page(grid.place))
            continue
        page = read_month_page(grid, head, desk.zone, usual_length(keys))
        if isinstance(page, Problem):
            desk.found.problems.append(page)
            continue
        desk.found.problems += page.problems
        desk.found.events.setdefault(name, []).extend(page.series)
        assumed = f", {page.lengths_assumed} without an end taken as long as stated" if page.lengths_assumed else ""
        desk.note(grid, "month page", f"{counted(len(page.series), 'event')} of {page.month:%B %Y}{assumed}")


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


def usual_length(keys: SourceKeys) -> timedelta:
    """Return how long events of a source take that say no end."""
    length = read_length(keys.length) if keys.length else None
    return timedelta(days=length.days) + length.elapsed if length else timedelta(hours=1)
