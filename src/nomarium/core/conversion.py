"""From sheets to one calendar: what the commands ``convert`` and ``inspect`` do, without a word to any screen."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field
from pathlib import Path

from nomarium.core.calendars import Calendar
from nomarium.core.columns import Headings, check_stated, match_columns
from nomarium.core.problems import DataRefused, Place, Problem, by_place, error, has_errors, warning
from nomarium.core.sources import Adjustments, EventChoices, EventSheet, Series, adjust, read_events
from nomarium.core.sources.wording import identical_events
from nomarium.core.tables import LeftOut, Table, TableChoices, read_table


@dataclass(frozen=True, slots=True)
class Request:
    """What the user asked for."""

    files: Sequence[Path]
    name: str
    """The calendar's name."""
    events: EventChoices
    zone_stated: bool = True
    tables: TableChoices = field(default_factory=TableChoices)
    columns: Mapping[str, str] = field(default_factory=dict)
    """Fields by the headings that the user gave them to; "" leaves a column alone."""
    adjustments: Adjustments = field(default_factory=Adjustments)
    once: bool = False
    """Whether one of identical events is enough."""
    expected: int | None = None
    """How many events there must be."""


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
    headings = Headings()
    tables, found = _read_tables(request, headings)
    found = [*problems, *found]
    check_stated(tables, request.columns)
    sheets = []
    for done, table in enumerate(tables, 1):
        matches, unsure = match_columns(table, request.columns, headings)
        found += unsure
        if has_errors(unsure):
            sheets.append(EventSheet(table, matches))
        else:
            sheets.append(read_events(table, matches, request.events))
        progress(done)
    found += [problem for sheet in sheets for problem in sheet.problems]
    found += adjust(sheets, request.adjustments)
    found += _identical(sheets, once=request.once)
    series = [one for sheet in sheets for one in sheet.series]
    found += _expectations(request, sheets, series)
    return Conversion(sheets, by_place(found), Calendar.of(request.name, series))


def _read_tables(request: Request, headings: Headings) -> tuple[list[Table], list[Problem]]:
    tables: list[Table] = []
    problems: list[Problem] = []
    for path in request.files:
        try:
            table, found = read_table(path, headings, request.tables)
        except DataRefused as refused:
            problems.append(refused.problem)
        else:
            tables.append(table)
            problems += found
    return tables, problems


def _identical(sheets: Sequence[EventSheet], *, once: bool) -> list[Problem]:
    """Report rows that make just the same event as an earlier one; with ``once`` take them out and count them."""
    series = [one for sheet in sheets for one in sheet.series]
    titled = {(one.summary, one.occurrences[0].start) for one in series}
    if len(titled) == len(series):
        return []
    first: dict[object, list[Series]] = {}
    problems = []
    for sheet in sheets:
        kept = []
        for one in sheet.series:
            alike = first.setdefault((one.summary, one.occurrences, one.location), [])
            earlier = next((other for other in alike if other == one), None)
            if earlier is None:
                alike.append(one)
            elif once:
                sheet.left_out[LeftOut.IDENTICAL] += 1
                continue
            else:
                problems.append(identical_events(one.place, one.summary, earlier.place))
            kept.append(one)
        sheet.series = kept
    return problems


def _expectations(request: Request, sheets: Sequence[EventSheet], series: Sequence[Series]) -> list[Problem]:
    """Hold the whole against what was expected of it."""
    place = Place(request.files[0].name)
    problems = []
    if request.expected is not None and request.expected != len(series):
        problems.append(_unexpected_count(place, request.expected, len(series)))
    own_zones = all(sheet.matches.column("zone") for sheet in sheets)
    timed = any(not one.occurrences[0].all_day for one in series)
    if timed and not request.zone_stated and request.events.zone == "UTC" and not own_zones:
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
        advice="State the zone that the sheet means, such as --zone America/Halifax.",
    )
