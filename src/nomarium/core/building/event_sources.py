"""Sources of events: sheets of dated rows, calendar files, months drawn as calendars."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import timedelta
from typing import TYPE_CHECKING

from nomarium.core.building import wording
from nomarium.core.building.sheet_desk import FileRead, SheetDesk, column_uses
from nomarium.core.columns import Headings, Matches, check_columns, fit_columns, people_into_texts
from nomarium.core.holidays import holiday_events, read_holidays
from nomarium.core.ics import CalendarChoices, read_calendar
from nomarium.core.kinds import EVENT_SHEET, means_people
from nomarium.core.problems import Problem, WrongCall, has_errors
from nomarium.core.programmes import GROUP_HEADING
from nomarium.core.shapes import MonthBlock, month_blocks
from nomarium.core.sheets import SheetChoices, account, take_notes
from nomarium.core.sources import (
    Adjustments,
    EventChoices,
    EventSheet,
    RepeatChoices,
    YearEvents,
    adjust,
    read_events,
    usual_title,
    year_events,
)
from nomarium.core.tables import Grid, Table, find_table, read_text
from nomarium.core.timetable import read_month_page
from nomarium.core.values import counted, hours_and_minutes, read_shift
from nomarium.settings import SETTINGS

if TYPE_CHECKING:
    from nomarium.core.plan import SourceKeys


def _event_choices(desk: SheetDesk, name: str, keys: SourceKeys, choices: SheetChoices) -> EventChoices:
    on_closure = "next" if keys.if_closed == "push" else keys.if_closed
    repeats = RepeatChoices(desk.year, keys.cycle, on_closure, periods=desk.found.bells)
    lookups = desk.lookups(name, keys)
    return EventChoices(
        desk.zone,
        usual_length(keys),
        choices.dates,
        lookups,
        each_day=keys.each_day,
        repeats=repeats,
        commas=choices.commas,
        used=choices.used,
    )


def take_events(desk: SheetDesk, name: str, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> None:
    """Read the sheets of a source of dated events."""
    headings = Headings(EVENT_SHEET)
    tables = []
    for grid in grids:
        table, problems = find_table(grid, headings)
        tables.append(table)
        desk.found.problems += problems
    try:
        check_columns(tables, choices.columns, choices.values, headings)
    except WrongCall as wrong:
        desk.found.problems.append(wording.wrong_columns(choices.place, wrong))
        return
    for grid, table in zip(grids, tables, strict=True):
        matches, problems = fit_columns(table, choices.columns, choices.values, headings)
        if not has_errors(problems):
            problems += take_notes(grid, table, matches, EVENT_SHEET)
            problems += people_into_texts(table, matches, desk.used, means_people)
            problems += account(EVENT_SHEET, table, matches, desk.used, desk.known)
        desk.found.problems += problems
        if has_errors(problems):
            continue
        sheet = read_events(table, matches, _event_choices(desk, name, keys, choices))
        _adjust(desk, sheet, keys, choices)
        desk.found.problems += sheet.problems
        desk.found.events.setdefault(name, []).extend(sheet.series)
        read = FileRead("", "", "", None, sheet.moments, column_uses(matches, desk.used))
        desk.note(grid, grid.form, _events_gave(sheet, usual_length(keys)), table, read)


def _adjust(desk: SheetDesk, sheet: EventSheet, keys: SourceKeys, choices: SheetChoices) -> None:
    """Choose and change the events of a sheet as its source says."""
    is_programme = any(column.heading == GROUP_HEADING for column in sheet.table.columns) and bool(keys.groups)
    prefix = keys.prefix or (f"{{{GROUP_HEADING}}}: " if is_programme else "")
    length, back = read_shift(keys.shift or "")
    wanted = Adjustments(
        keys.set,
        prefix=prefix,
        only=choices.only,
        without=choices.without,
        shift=length,
        back=back,
        start=None if sheet.table.origins else keys.start,
        keep_weekdays=keys.keep_weekdays,
        named_by="",
    )
    try:
        desk.found.problems += adjust([sheet], wanted)
    except WrongCall as wrong:
        desk.found.problems.append(wording.wrong_columns(choices.place, wrong))


def take_calendar(desk: SheetDesk, name: str, keys: SourceKeys, choices: SheetChoices) -> None:
    """Read a source that is a calendar file."""
    text = read_text(choices.path)
    if text is None:
        return
    span = desk.sheets.within or (None, None)
    sheet = read_calendar(text.text, text.file, CalendarChoices("", desk.zone, *span))
    _adjust(desk, sheet, keys, choices)
    desk.found.problems += sheet.problems
    desk.found.events.setdefault(name, []).extend(sheet.series)
    events = sum(len(one.occurrences) for one in sheet.series)
    desk.found.files.append(FileRead(text.file, "calendar", counted(events, "event")))


def take_months(desk: SheetDesk, name: str, keys: SourceKeys, choices: SheetChoices, grids: list[Grid]) -> None:
    """Read the month pages of a source."""
    desk.no_effect(choices, ("columns",), "a month page")
    for grid in grids:
        blocks = month_blocks(grid)
        if not blocks:
            desk.found.problems.append(wording.no_month_page(grid.place))
        _take_blocks(desk, name, keys, choices, blocks)


def _take_blocks(
    desk: SheetDesk, name: str, keys: SourceKeys, choices: SheetChoices, blocks: Sequence[MonthBlock]
) -> None:
    for block in blocks:
        grid = block.view.grid
        page = read_month_page(block, desk.zone, usual_length(keys), choices.dates.earliest_hour)
        if isinstance(page, Problem):
            desk.found.problems.append(page)
            continue
        desk.found.problems += page.problems
        sheet = EventSheet(Table(grid.file, grid.sheet, grid.form, 0, [], []), Matches(), page.series)
        _adjust(desk, sheet, keys, choices)
        desk.found.events.setdefault(name, []).extend(sheet.series)
        assumed = f", {page.lengths_assumed} without an end taken as long as stated" if page.lengths_assumed else ""
        desk.note(grid, "month page", f"{counted(len(sheet.series), 'event')} of {page.month:%B %Y}{assumed}")


def take_year(desk: SheetDesk, name: str, keys: SourceKeys) -> None:
    """Take the terms, closures and days of the plan's year, or public holidays, as the events of a source."""
    place = desk.plan.place("sources", name)
    if keys.kind == "holidays":
        first, last = desk.sheets.within or (None, None)
        stated = desk.plan.plan.sheets.within
        if stated:
            first, last = SETTINGS["within"].parse(stated)
        if not keys.holidays or first is None or last is None:
            desk.found.problems.append(wording.holidays_lack(place, "countries" if not keys.holidays else "days"))
            return
        held, problems = read_holidays(keys.holidays, first, last, keys.language, place)
        desk.found.problems += problems
        desk.found.events.setdefault(name, []).extend(holiday_events(held))
        gave = f"{counted(len(held), 'public holiday')} of {', '.join(keys.holidays)}"
        desk.found.files.append(FileRead(desk.plan.path.name, "public holidays", gave))
        return
    if desk.year is None:
        desk.found.problems.append(wording.needs_year(place, "Events of the year"))
        return
    cycles = [keys.cycle] if keys.cycle else list(desk.year.cycles)
    days = "cycle days" in keys.add
    title = keys.title or (usual_title(cycles, each_week=False) if days else "")
    try:
        events = year_events(desk.year, YearEvents(title, cycles if days else [], additions=keys.add))
    except WrongCall as wrong:
        desk.found.problems.append(wording.wrong_columns(place, wrong))
        return
    desk.found.events.setdefault(name, []).extend(events)
    desk.found.files.append(FileRead(desk.plan.path.name, "the year", counted(len(events), "event")))


def _events_gave(sheet: EventSheet, length: timedelta) -> str:
    """Say what a sheet of events gave: "7 rows = 106 events; 1 date dropped for closures; 2 without an end, …"."""
    events = sum(len(one.occurrences) for one in sheet.series)
    left = f" + {counted(sheet.left_out.total(), 'row')} left out" if sheet.left_out.total() else ""
    moved = sum(1 for effect in sheet.repeated.effects if effect.became is not None)
    dropped = len(sheet.repeated.effects) - moved
    effects = [f"{counted(dropped, 'date')} dropped for closures"] if dropped else []
    effects += [f"{counted(moved, 'date')} moved for closures"] if moved else []
    if sheet.lengths_assumed:
        effects.append(without_end(sheet.lengths_assumed, length))
    said = f"; {', '.join(effects)}" if effects else ""
    return f"{counted(sheet.rows, 'row')} = {counted(events, 'event')}{left}{said}"


def without_end(count: int, length: timedelta) -> str:
    """Say of how many rows the length was assumed."""
    return f"{count:,} without an end, taken as {hours_and_minutes(length)} each (length)"


def usual_length(keys: SourceKeys) -> timedelta:
    """Return how long events of a source take that say no end."""
    length: timedelta = SETTINGS["length"].parse(keys.length or "1h")
    return length
