"""From sheets to one calendar: what the command ``convert`` does, without a word to any screen."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field
from pathlib import Path

from nomarium.core.calendars import Calendar
from nomarium.core.columns import check_stated, match_columns
from nomarium.core.problems import DataRefused, Place, Problem, by_place, has_errors, warning
from nomarium.core.sources import EventChoices, EventSheet, Series, read_events
from nomarium.core.sources.wording import identical_events
from nomarium.core.tables import Table, read_table


@dataclass(frozen=True, slots=True)
class Request:
    """What the user asked for."""

    files: Sequence[Path]
    name: str
    """The calendar's name."""
    events: EventChoices
    zone_stated: bool = True
    sheet: str | None = None
    columns: Mapping[str, str] = field(default_factory=dict)
    """Fields by the headings that the user gave them to; "" leaves a column alone."""


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


def convert(request: Request, progress: Callable[[int], None] = lambda done: None) -> Conversion:
    """Read all files and put their events into one calendar; ``progress`` is told how many files are read.

    Raises WrongCall where a stated heading or field does not exist.
    """
    tables, problems = _read_tables(request)
    check_stated(tables, request.columns)
    sheets = []
    for done, table in enumerate(tables, 1):
        matches, found = match_columns(table, request.columns)
        problems += found
        if not has_errors(found):
            sheets.append(read_events(table, matches, request.events))
        progress(done)
    problems += [problem for sheet in sheets for problem in sheet.problems]
    series = [one for sheet in sheets for one in sheet.series]
    problems += _identical(series)
    if not request.zone_stated and request.events.zone == "UTC" and any(not s.occurrences[0].all_day for s in series):
        problems.append(_utc_by_chance(request))
    return Conversion(sheets, by_place(problems), Calendar.of(request.name, series))


def _read_tables(request: Request) -> tuple[list[Table], list[Problem]]:
    tables: list[Table] = []
    problems: list[Problem] = []
    for path in request.files:
        try:
            table, found = read_table(path, request.sheet)
        except DataRefused as refused:
            problems.append(refused.problem)
        else:
            tables.append(table)
            problems += found
    return tables, problems


def _identical(series: Sequence[Series]) -> list[Problem]:
    """Report rows that make just the same event as an earlier one."""
    titled = {(one.summary, one.occurrences[0].start) for one in series}
    if len(titled) == len(series):
        return []
    first: dict[object, Series] = {}
    problems = []
    for one in series:
        earlier = first.setdefault((one.summary, one.occurrences, one.location), one)
        if earlier is not one and earlier == one:
            problems.append(identical_events(one.place, one.summary, earlier.place))
    return problems


def _utc_by_chance(request: Request) -> Problem:
    return warning(
        "zone-unknown",
        Place(request.files[0].name),
        "No time zone was stated, and this machine runs on UTC: the times are taken as UTC.",
        advice="State the zone that the sheet means, such as --zone America/Halifax.",
    )
