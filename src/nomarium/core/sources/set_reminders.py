"""Reminders that stand as a date and a time of day of their own, perhaps with a column that says whether at all."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from datetime import date, datetime, time, timedelta
from typing import TYPE_CHECKING

from nomarium.core.problems import Problem
from nomarium.core.sources import wording
from nomarium.core.tables import Table, plain_text
from nomarium.core.values import DateChoices, Fault, MomentColumn, Order, read_moments, read_yes_no, time_at

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.sources.series import Series

_MOMENT_FIELDS = ("reminder_date", "reminder_time")
REMINDER_FIELDS = (*_MOMENT_FIELDS, "reminder_on")
"""The fields of reminders that stand as dates and times of their own."""


def set_reminders(
    table: Table, matches: Matches, series: Sequence[Series], dates: DateChoices, order: Order | None
) -> list[Problem]:
    """Give events the reminders that columns of dates and times, or of yes and no, say of them, in place.

    ``order`` is that of the events' own dates. A time alone is one of the day on which the event starts. What cannot be
    read, or comes after the start, is told, and does not remind.
    """
    switch = matches.column("reminder_on")
    columns = matches.columns(_MOMENT_FIELDS)
    problems: list[Problem] = []
    moments: list[MomentColumn] = []
    if columns:
        wanted = [(column, name == "reminder_time") for name, column in columns]
        moments, problems = read_moments(table, wanted, replace(dates, order=dates.order or order))
    for one in series:
        answer = plain_text(switch.cells[one.record]) if switch else ""
        if answer and read_yes_no(answer) is None and switch is not None:
            place = table.cell_place(one.record, switch)
            problems.append(wording.unknown_word(place, "reminder_on", switch.heading, answer, stops=False))
        if answer and read_yes_no(answer) is False:
            one.reminders = ()
            continue
        found = _set_for(one, moments)
        if isinstance(found, Problem):
            problems.append(found)
        elif found is not None:
            one.reminders = tuple(sorted({*one.reminders, found}, reverse=True))
    return problems


def _set_for(series: Series, moments: Sequence[MomentColumn]) -> timedelta | Problem | None:
    """Return how long before its start a row reminds of an event; None where it says nothing."""
    day: date | None = None
    clock: time | None = None
    last = None
    for column in moments:
        cell = column.column.cells[series.record]
        if cell == "" or series.table is None:
            continue
        last = column
        moment = column.moments.get(cell)
        place = series.table.cell_place(series.record, column.column)
        if isinstance(moment, Fault) or moment is None:
            return wording.reminder_not_read(place, plain_text(cell))
        day = moment.first or day
        if moment.start is not None:
            clock = time_at(moment.start.seconds % 86_400)
    if last is None or series.table is None:
        return None
    start = series.occurrences[0].start
    before = start - datetime.combine(day or start.date(), clock or time())
    if before < timedelta(0):
        place = series.table.cell_place(series.record, last.column)
        return wording.reminder_after_start(place, plain_text(last.column.cells[series.record]))
    return before
