"""From sheets to one calendar: what the commands ``convert`` and ``inspect`` do, without a word to any screen."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from itertools import product
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core import ics, programmes, recognition, shapes
from nomarium.core.calendars import Calendar, find_doubles, maybe_doubles
from nomarium.core.columns import (
    Headings,
    Kind,
    OwnValues,
    check_columns,
    fit_columns,
    heading_key,
    people_into_texts,
)
from nomarium.core.ics import CalendarFile
from nomarium.core.kinds import EVENT_SHEET, means_people
from nomarium.core.problems import (
    DataRefused,
    Place,
    Problem,
    Way,
    WrongCall,
    by_place,
    error,
    has_errors,
    note,
    warning,
)
from nomarium.core.sheets import Known, SheetChoices, account, grid_of_kind, take_notes
from nomarium.core.sources import (
    Adjustments,
    EventChoices,
    EventSheet,
    Series,
    adjust,
    maybe_alike,
    move_to_zone,
    read_events,
    values_of,
    without,
)
from nomarium.core.sources.wording import identical_events, near_double, shared_uid
from nomarium.core.tables import (
    Grid,
    LeftOut,
    Table,
    TableChoices,
    find_table,
    looks_like_calendar,
    plain_text,
    read_grids,
    read_text,
)

if TYPE_CHECKING:
    from nomarium.core.programmes import DatedProgramme, DatingRules, Group
    from nomarium.core.recognition import Recognised


@dataclass(frozen=True, slots=True)
class Request:
    """What the user asked for."""

    files: Sequence[Path]
    name: str
    """The calendar's name."""
    events: EventChoices
    zone_stated: bool = True
    tables: Sequence[TableChoices] = (TableChoices(),)
    """Which tables of each file are meant."""
    columns: Mapping[str, str] = field(default_factory=dict)
    """Fields by the headings that the user gave them to; "" leaves a column alone."""
    values: OwnValues = field(default_factory=dict)
    """What the sheets' own codes stand for, by headings."""
    adjustments: Adjustments = field(default_factory=Adjustments)
    once: bool = False
    """Whether one of identical events is enough."""
    expected: int | None = None
    """How many events there must be."""
    to_zone: str | None = None
    """The zone that all timed events are told in, whatever theirs was; floating ones apart."""
    rules: bool = False
    """Whether repeats are written as rules where the standard can say them, and not as dated events."""
    programme: ProgrammeRequest | None = None
    """How programmes are dated."""
    preview: bool = False
    """Whether a year of an endless repeat is enough."""
    scope: str = ""
    """What keeps the identities of events apart from those of like events elsewhere: the name where it is stated."""


@dataclass(frozen=True, slots=True)
class ProgrammeRequest:
    """How sheets whose rows count from a start are dated."""

    groups: Sequence[Group]
    """The groups that go through them; one without a name where a start or an end was stated."""
    rules: DatingRules = field(default_factory=lambda: programmes.DatingRules())  # noqa: PLW0108 (brought on demand)

    @property
    def prefix(self) -> str:
        """What stands in front of titles where nothing else was stated: whose event it is."""
        return f"{{{programmes.GROUP_HEADING}}}: " if any(group.name for group in self.groups) else ""

    @property
    def groups_only(self) -> bool:
        """Whether it says what only a programme heeds: a start moves any list."""
        return any(group.name or group.end for group in self.groups) or bool(self.rules.weekdays or self.rules.rest)


@dataclass(slots=True)
class Conversion:
    """What came of it: the sheets as read, all problems, and the calendar of the rows that could be read."""

    sheets: list[EventSheet]
    problems: list[Problem]
    calendar: Calendar

    @property
    def failed(self) -> bool:
        """Whether any error was found."""
        return has_errors(self.problems)


def convert(
    request: Request, progress: Callable[[int], None] = lambda done: None, problems: Sequence[Problem] = ()
) -> Conversion:
    """Read all files and put their events into one calendar; ``progress`` is told how many files are read.

    ``problems`` are those found before, in look-up sheets. Raises WrongCall where a stated heading, field or value
    does not exist.
    """
    if request.rules and (request.to_zone or request.adjustments.moves):
        raise WrongCall("--rules can't be moved: their weekdays may change.", "Leave --rules out for dated events.")
    headings = Headings(EVENT_SHEET)
    read, found = _read_files(request, headings)
    found = [*problems, *found]
    adjustments, idle = _adjusted_for_programmes(request, read)
    found += idle
    tables = [one.table for one in read if isinstance(one, _Read)]
    check_columns(tables, request.columns, request.values, headings)
    sheets: list[EventSheet] = []
    while read:  # a sheet's cells are let go as soon as its events are read
        sheet, said = _events_of(read.pop(0), request, headings)
        sheets.append(sheet)
        found += said
        progress(len(sheets))
    found += _same_uid(sheets)
    found += adjust(sheets, adjustments)
    found += [problem for sheet in sheets for problem in sheet.problems]
    if request.to_zone:
        move_to_zone(sheets, request.to_zone)
    used = sorted(filter(None, request.events.used))

    def whose(one: Series) -> object:
        return tuple(tuple(values_of(one, name) or ()) for name in used)

    found += _identical(sheets, whose, once=request.once)
    events = sheets[0].events if len(sheets) == 1 else [one for sheet in sheets for one in sheet.series]
    found += [
        near_double(one.other.place, one.other.summary, one.kept.summary, one.kept.place)
        for one in find_doubles(maybe_doubles(events), whose=whose)
    ]
    calendar = Calendar.of(request.name, events, request.scope)
    found += _expectations(request, sheets, calendar)
    return Conversion(sheets, by_place(found), calendar)


def _events_of(one: _Read | CalendarFile, request: Request, headings: Headings) -> tuple[EventSheet, list[Problem]]:
    """Read the events of a table; what was wrong with its columns stands beside them."""
    if isinstance(one, CalendarFile):
        return one, []
    table = one.table
    columns = {**(one.programme.columns if one.programme else {}), **request.columns}
    matches, unsure = fit_columns(table, columns, request.values, headings)
    found = list(unsure)
    if not has_errors(unsure):
        found += take_notes(one.grid, table, matches, EVENT_SHEET)
        found += people_into_texts(table, matches, request.events.used, means_people)
        unsure = account(EVENT_SHEET, table, matches, request.events.used, Known())
        found += unsure
    if has_errors(unsure):
        sheet = EventSheet(table, matches)
    else:
        sheet = read_events(table, matches, replace(request.events, zone_stated=request.zone_stated))
    if not sheet.events and has_errors([*unsure, *sheet.problems]):
        # A list whose columns are told is one of events, whatever its rows lack; a grid only seemed to be a list.
        others = tuple(Kind) if has_errors(unsure) else (Kind.GRID, Kind.MONTHS)
        found += _perhaps_programme(one.grid, request)
        path = next(path for path in request.files if path.name == table.file)
        found += _other_kind(path, TableChoices(table.sheet), request, others)
    return sheet, found


def _adjusted_for_programmes(
    request: Request, read: Sequence[_Read | CalendarFile]
) -> tuple[Adjustments, list[Problem]]:
    """Return what is to be changed where sheets were programmes: these are dated from the start already."""
    wanted = request.programme
    if wanted is not None and any(isinstance(one, _Read) and one.programme for one in read):
        prefix = request.adjustments.prefix or wanted.prefix
        return replace(request.adjustments, start=None, prefix=prefix), []
    if wanted is None or not wanted.groups_only or not read:
        return request.adjustments, []
    return request.adjustments, [programmes.no_programme(Place(request.files[0].name))]


def _perhaps_programme(grid: Grid, request: Request) -> list[Problem]:
    """Say of a sheet without dates that it counts from a start, which nobody has stated."""
    programme = programmes.find_programme(grid) if request.programme is None else None
    return programmes.dated(programme, (), programmes.DatingRules()).problems if programme else []


@dataclass(frozen=True, slots=True)
class _Read:
    """A table, and the sheet that it was found on."""

    table: Table
    grid: Grid
    programme: DatedProgramme | None = None
    """What it was made of, where that is a programme."""


def _dated(grid: Grid, request: Request) -> DatedProgramme | None:
    """Return a programme as the list of dated events that it stands for; None for any other sheet."""
    programme = programmes.find_programme(grid) if request.programme is not None else None
    if programme is None or request.programme is None:
        return None
    return programmes.dated(programme, request.programme.groups, request.programme.rules)


def _read_files(request: Request, headings: Headings) -> tuple[list[_Read | CalendarFile], list[Problem]]:
    """Read the table of each sheet, and the events of each calendar file."""
    read: list[_Read | CalendarFile] = []
    problems: list[Problem] = []
    for path, wanted in product(request.files, request.tables):
        try:
            calendar = _read_as_calendar(path, request)
            if calendar is not None:
                read.append(calendar)
                continue
            grid, found = _event_grid(path, wanted, request)
            problems += found
            programme = _dated(grid, request)
            if programme is not None:
                problems += programme.problems
                grid = programme.grid
                if has_errors(programme.problems):
                    continue
            table, found = find_table(grid, headings)
        except DataRefused as refused:
            problems += [refused.problem, *_other_kind(path, wanted, request)]
        else:
            read.append(_Read(table, grid, programme))
            problems += found
    return read, problems


def _event_grid(path: Path, wanted: TableChoices, request: Request) -> tuple[Grid, list[Problem]]:
    """Return the sheet of events of a file; one on which names and dates cross as the list that it stands for.

    Raises DataRefused where there is none, or several may be meant.
    """
    grids, problems = read_grids(path, wanted)
    if any(map(_is_list, grids)):
        return grid_of_kind(grids, path, EVENT_SHEET), problems
    others = read_grids(path)[0] if wanted.sheet else grids
    choices = SheetChoices(path, Place(path.name), wanted, request.events.dates)
    unfolded = shapes.unfolded_of(grids, others, choices, request.events.used)
    if not unfolded and not request.columns:
        unfolded = [one for grid in grids if (one := shapes.dated_lines(grid)) is not None]
    crossed = [one for one in unfolded if one.kind is Kind.EVENTS and _has_headings(one.grid, request)]
    if len(crossed) == 1:
        read_as = note("read-as-list", crossed[0].grid.place, f"It is read as a list: {crossed[0].why}.")
        return crossed[0].grid, [*problems, *crossed[0].problems, read_as]
    return grid_of_kind([one.grid for one in crossed] or grids, path, EVENT_SHEET), problems


def _is_list(grid: Grid) -> bool:
    """Tell whether a row of headings names titles and dates: names and days do not cross there."""
    known = Headings(EVENT_SHEET)
    rows = ({known(cell) for cell in row if isinstance(cell, str)} for row in grid.rows[:_MOST_ROWS_ABOVE])
    return any("summary" in fields and not fields.isdisjoint(("start_date", "start", "when")) for fields in rows)


_MOST_ROWS_ABOVE = 20


def _has_headings(grid: Grid, request: Request) -> bool:
    headings = {heading_key(plain_text(cell)) for cell in grid.rows[0]}
    return all(heading_key(heading) in headings for heading in request.columns)


def _other_kind(
    path: Path, wanted: TableChoices, request: Request, others: Sequence[Kind] = tuple(Kind)
) -> list[Problem]:
    """Say of a file that holds no events what it seems to hold of some other kinds, and what reads that."""
    try:
        grids, _ = read_grids(path, wanted)
    except DataRefused:
        return []
    found = [(grid, recognition.recognise(grid, request.columns)) for grid in grids]
    return [_looks_like(grid.place, one) for grid, one in found if one.kind in others and one.kind is not Kind.EVENTS]


def _looks_like(place: Place, found: Recognised) -> Problem:
    return note(
        "other-kind",
        place,
        f"This looks like {found.kind}: {found.why}.",
        advice=f"“nomarium new . {place.file}” drafts a plan that reads it; “nomarium inspect {place.file}” shows how.",
    )


def _read_as_calendar(path: Path, request: Request) -> CalendarFile | None:
    """Read a calendar file; None for any other."""
    text = read_text(path) if looks_like_calendar(path) else None
    if text is None or not text.is_calendar:
        return None
    stated = request.events.zone if request.zone_stated else ""
    chosen = request.adjustments
    first, last = chosen.before_shift()
    choices = ics.CalendarChoices(stated, request.events.zone, first, last, request.preview, request.rules)
    sheet = ics.read_calendar(text.text, text.file, choices)
    sheet.problems += text.problems
    return sheet


def _same_uid(sheets: Sequence[EventSheet]) -> list[Problem]:
    """Keep one of events that several calendar files share: the last read of each UID and start."""
    calendars = [sheet for sheet in sheets if isinstance(sheet, CalendarFile)]
    problems: list[Problem] = []
    known: dict[str, tuple[EventSheet, Series]] = {}
    replaced: set[int] = set()
    for sheet in calendars if len(calendars) > 1 else ():
        for one in sheet.series:
            other, earlier = known.get(one.id, (sheet, one)) if one.id else (sheet, one)
            if other is not sheet:
                problems.append(shared_uid(one.place, one.summary, earlier.place))
                replaced.add(id(earlier))
            if one.id:
                known[one.id] = (sheet, one)
    for sheet in calendars if replaced else ():
        sheet.series = [one for one in sheet.series if id(one) not in replaced]
    return problems


def _identical(sheets: Sequence[EventSheet], whose: Callable[[Series], object], *, once: bool) -> list[Problem]:
    """Report rows that make just the same event as an earlier one; with ``once`` take them out and count them."""
    first: dict[object, list[Series]] = {}
    problems = []
    for sheet in sheets:
        again = set()
        for index in maybe_alike(sheet.events, str) if len(sheets) == 1 else range(len(sheet.events)):
            one = sheet.events[index]
            alike = first.setdefault((one.summary, one.occurrences, one.location, whose(one)), [])
            earlier = next((other for other in alike if other == one), None)
            if earlier is None:
                alike.append(one)
            elif once:
                sheet.left_out[LeftOut.IDENTICAL] += 1
                again.add(index)
            else:
                problems.append(identical_events(one.place, one.summary, earlier.place))
        if again:
            sheet.events = without(sheet.events, again)
    return problems


def _expectations(request: Request, sheets: Sequence[EventSheet], calendar: Calendar) -> list[Problem]:
    """Hold the whole against what was expected of it."""
    place = Place(request.files[0].name)
    problems = []
    count = len(calendar.series)
    if request.expected is not None and request.expected != count:
        problems.append(_unexpected_count(place, request.expected, count))
    own_zones = all(isinstance(sheet, CalendarFile) or sheet.matches.column("zone") for sheet in sheets)
    if calendar.is_timed and not request.zone_stated and request.events.zone == "UTC" and not own_zones:
        problems.append(_utc_by_chance(place))
    return problems


def _unexpected_count(place: Place, expected: int, found: int) -> Problem:
    return error(
        "unexpected-count",
        place,
        f"{found:,} {'event was' if found == 1 else 'events were'} read, but --expect says {expected:,}.",
        advice="Look for rows left out or refused, or correct the number.",
    )


def _utc_by_chance(place: Place) -> Problem:
    return warning(
        "zone-unknown",
        place,
        "No time zone was stated, and this machine runs on UTC: the times are taken as UTC.",
        advice=(Way("zone", "State the zone that the sheet means, such as {}", "America/Halifax"),),
    )
