"""What a conversion read and wrote, in a few lines or as JSON; the lines know nothing of the command line."""

from __future__ import annotations

import json
from collections.abc import Iterable, Iterator, Mapping, Sequence
from datetime import timedelta
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.cli.asker import asker
from nomarium.core import inspection
from nomarium.core.columns import heading_key
from nomarium.core.ics import CalendarFile
from nomarium.core.problems import by_cause
from nomarium.core.tables import Column
from nomarium.core.values import counted, day_words, hours_and_minutes, style_of
from nomarium.settings import advice_words

if TYPE_CHECKING:
    from nomarium.core.calendars import Calendar
    from nomarium.core.conversion import Conversion, Request
    from nomarium.core.inspection import Glance, SheetView
    from nomarium.core.problems import Problem
    from nomarium.core.sources import EventSheet
    from nomarium.core.tables import Column, Table

_LABEL = 9


def read_lines(result: Conversion, request: Request) -> Iterator[str]:
    """Say what was read, and how."""
    for sheet in result.sheets:
        yield from _sheet_lines(sheet, request)


def written_lines(
    result: Conversion, request: Request, path: Path | None, written: Sequence[Path], *, dry_run: bool
) -> Iterator[str]:
    """Say what was written: how many events, from when to when, in which zone."""
    name = str(path) if path else "standard output"
    zones = result.calendar.zones()
    own_zones = all(isinstance(sheet, CalendarFile) for sheet in result.sheets)
    from_machine = not request.zone_stated and not own_zones and request.events.zone in zones
    zone = " (this machine’s; --zone states another)" if from_machine else ""
    verb = "Would write" if dry_run else "Wrote"
    where = f"{name}: " if path or not dry_run else ""
    times = f", times of {', '.join(zones)}{zone}" if zones else ""
    yield f"{verb:<{_LABEL - 1}} {where}{calendar_words(result.calendar)}{times}"
    for extra in [path for path in written if path.name.endswith("refused.csv")]:
        yield f"{'':<{_LABEL}}{extra}: the refused rows, with the reasons"


def nothing_line(result: Conversion) -> str:
    """Say that nothing was written, and why."""
    errors = sum(problem.severity == "error" for problem in result.problems)
    why = f"{counted(errors, 'error')}; the way out stands above" if errors else "there is no event"
    return f"{'Nothing':<{_LABEL}}was written: {why}."


def plural(count: int, reason: str) -> str:
    """Return "1 blank row", "2 dates without an event", "3 rows not chosen"."""
    first, space, rest = reason.partition(" ")
    if reason.startswith(("date ", "row ")):
        return f"{counted(count, first)}{space}{rest}"
    return counted(count, reason)


def calendar_words(calendar: Calendar) -> str:
    """Return how many events a calendar has, and from when to when: "64 events, Tue 1 Sep 2026 to Fri 25 Jun 2027"."""
    span = calendar.span()
    if span is None:
        return "no events"
    first, last = span[0].date(), span[1].date()
    if span[1].time() == span[0].min.time() and last > first:
        last -= timedelta(days=1)
    days = day_words(first) if first == last else f"{day_words(first)} to {day_words(last)}"
    return f"{counted(len(calendar.uids), 'event')}, {days}"


def _sheet_lines(sheet: EventSheet, request: Request) -> Iterator[str]:
    """Say what one sheet held and how it was read."""
    table = sheet.table
    yield f"{'Read':<{_LABEL}}{sheet_name(table)} ({table.form}): {tally(sheet)}"
    for headings, style in _styles(sheet):
        yield f"{'':<{_LABEL}}{headings}: {style}"
    if sheet.lengths_assumed:
        length = hours_and_minutes(request.events.length)
        yield f"{'':<{_LABEL}}No end: {counted(sheet.lengths_assumed, 'event')}, taken as {length} each (--length)"
    yield from _repeat_lines(sheet)
    asked = [c for c in sheet.matches.unused if heading_key(c.heading) in request.events.used]
    if asked:
        yield f"{'':<{_LABEL}}Used to split, choose or prefix: {_listed(asked)}"
    if idle := [c for c in sheet.matches.unused if c not in asked]:
        yield f"{'':<{_LABEL}}Not used: {_listed(idle)}"


def _listed(columns: Iterable[Column]) -> str:
    return ", ".join(_column(column) for column in columns)


_EFFECTS_SHOWN = 6


def _repeat_lines(sheet: EventSheet) -> Iterator[str]:
    """Say how many dates the rows that repeat make, and what closures did to them."""
    repeated = sheet.repeated
    if not repeated.rows:
        return
    yield f"{'':<{_LABEL}}Repeats: {counted(repeated.rows, 'row')} = {counted(repeated.dates, 'date')}"
    dropped = [effect for effect in repeated.effects if effect.became is None]
    moved = [effect for effect in repeated.effects if effect.became is not None]
    for doing, effects in (("dropped", dropped), ("moved", moved)):
        if effects:
            shown = [
                f"{effect.title}, {day_words(effect.was)}"
                + (f" to {day_words(effect.became)}" if effect.became else "")
                + f" ({effect.closure})"
                for effect in effects[:_EFFECTS_SHOWN]
            ]
            more = f" and {len(effects) - _EFFECTS_SHOWN:,} more" if len(effects) > _EFFECTS_SHOWN else ""
            yield f"{'':<{_LABEL}}{counted(len(effects), 'date')} {doing} for closures: {'; '.join(shown)}{more}"


def sheet_name(table: Table) -> str:
    """Return the name of a file and its sheet."""
    return str(table.place)


def _styles(sheet: EventSheet) -> list[tuple[str, str]]:
    """Return how the columns of dates and times were read; columns that were read alike share a line."""
    by_style: dict[str, list[str]] = {}
    for column in sheet.moments:
        style = "; ".join(filter(None, style_of(sheet.table, column)))
        if style:
            by_style.setdefault(style, []).append(column.column.heading.rstrip(":"))
    return [(", ".join(dict.fromkeys(headings)), style) for style, headings in by_style.items()]


def _column(column: Column) -> str:
    return column.name if column.heading else f"{column.name} (no heading)"


def tally(sheet: EventSheet) -> str:
    """Say what became of all rows, so that the sum can be checked."""
    if isinstance(sheet, CalendarFile):
        return _calendar_tally(sheet)
    repeating = f", {sheet.repeated.rows:,} repeating" if sheet.repeated.rows else ""
    parts = [counted(len(sheet.events), "event") + repeating]
    reasons = [plural(count, reason) for reason, count in sheet.left_out.items() if count]
    if reasons:
        parts.append(f"{sheet.left_out.total():,} left out ({', '.join(reasons)})")
    if sheet.refused:
        parts.append(f"{len(sheet.refused):,} refused")
    return f"{counted(sheet.rows, 'row')} = {' + '.join(parts)}"


def _calendar_tally(sheet: CalendarFile) -> str:
    """Say how many events a calendar file holds, and how many dates they make."""
    counts = sheet.counts
    repeating = f", {counts['repeating']:,} repeating" if counts["repeating"] else ""
    changed = f", {counted(counts['changed'], 'changed date')}" if counts["changed"] else ""
    dates = sum(len(series.occurrences) for series in sheet.series)
    left_out = f" + {sheet.left_out.total():,} not chosen" if sheet.left_out.total() else ""
    became = (
        f"{counted(dates, 'dated event')} in the days asked for" if sheet.bounded else counted(dates, "dated event")
    )
    return f"{counted(counts['VEVENT'], 'event')}{repeating}{changed} = {became}{left_out}"


def conversion_json(
    result: Conversion,
    path: Path | None,
    written: Sequence[Path],
    changes: Mapping[str, int],
    updates: Mapping[Path, int],
) -> str:
    """Return the report as JSON; ``changes`` are the numbers of events that have changed since they were given out."""
    span = result.calendar.span()
    return json.dumps(
        {
            "calendar": result.calendar.name,
            "output": str(path) if path else None,
            "written": [str(file) for file in written],
            "events": len(result.calendar.uids),
            "first": span[0].isoformat() if span else None,
            "last": span[1].isoformat() if span else None,
            "zones": result.calendar.zones(),
            "sheets": [
                sheet_json(inspection.view_sheet(sheet))
                for sheet in result.sheets
                if not isinstance(sheet, CalendarFile)
            ],
            "calendars": [
                {"file": sheet.table.file, **sheet.counts} for sheet in result.sheets if isinstance(sheet, CalendarFile)
            ],
            "changes": dict(changes),
            "updates": {str(file): events for file, events in updates.items()},
            "problems": problems_json(result.problems),
        },
        ensure_ascii=False,
        indent=2,
    )


def sheet_json(view: SheetView) -> dict[str, object]:
    """Return how a sheet was read, for programs."""
    sheet = view.sheet
    return {
        "file": sheet.table.file,
        "sheet": sheet.table.sheet,
        "form": sheet.table.form,
        "area": sheet.table.area,
        "rows": sheet.rows,
        "events": len(sheet.events),
        "left_out": {reason.value: count for reason, count in sheet.left_out.items() if count},
        "refused": len(sheet.refused),
        "lengths_assumed": sheet.lengths_assumed,
        "repeats": {
            "rows": sheet.repeated.rows,
            "dates": sheet.repeated.dates,
            "closures": [
                {
                    "title": effect.title,
                    "was": effect.was.isoformat(),
                    "became": effect.became.isoformat() if effect.became else None,
                    "closure": effect.closure,
                }
                for effect in sheet.repeated.effects
            ],
        },
        "columns": [
            {
                "column": column.letters,
                "heading": column.heading,
                "field": column.field or None,
                "certainty": column.certainty or None,
                "why": column.why or None,
                "dates": column.style.dates or None,
                "times": column.style.times or None,
                "samples": [{"cell": cell, "became": value or None} for cell, value in column.samples],
            }
            for column in view.columns
        ],
    }


_GLANCE = 12


def glance_lines(glance: Glance) -> Iterator[str]:
    """Say what a sheet was taken for and why, its columns, its first things, and what comes next."""
    found = glance.recognised
    yield f"{'Kind':<{_GLANCE}}{found.kind or 'unknown'}: {found.why}"
    if found.next_best is not None:
        against = "; ".join(found.next_best.against) or "it fits, too, but proves less"
        yield f"{'Next best':<{_GLANCE}}{found.next_best.kind}; against it: {against}"
    if glance.columns:
        used = [f"{one} as {one.use}" for one in glance.columns if one.use]
        yield f"{'Columns':<{_GLANCE}}{', '.join(used)}"
        if idle := [str(one) for one in glance.columns if not one.use]:
            yield f"{'Not used':<{_GLANCE}}{', '.join(idle)}"
    if glance.gave:
        yield f"{'Holds':<{_GLANCE}}{glance.gave}"
    for number, thing in enumerate(glance.first_things):
        yield f"{'' if number else 'First':<{_GLANCE}}{thing}"
    if glance.follows:
        yield f"{'Next':<{_GLANCE}}{glance.follows}"


def glance_json(glance: Glance) -> dict[str, object]:
    """Return what a sheet was taken for, for programs."""
    found = glance.recognised
    best = found.next_best
    return {
        "file": glance.grid.file,
        "sheet": glance.grid.sheet,
        "kind": str(found.kind) if found.kind else None,
        "why": found.why,
        "next_best": {"kind": str(best.kind), "against": list(best.against)} if best else None,
        "columns": [
            {"column": one.letters, "heading": one.heading, "used_as": one.use or None} for one in glance.columns
        ],
        "holds": glance.gave,
        "first": glance.first_things,
        "next": glance.follows,
    }


def problems_json(problems: Iterable[Problem]) -> list[dict[str, object]]:
    """Return problems for programs, one cause once: the first of it in full, with all cells, values and messages."""
    return [
        {
            "severity": cause.first.severity.value,
            "code": cause.first.code,
            "file": cause.first.place.file,
            "sheet": cause.first.place.sheet,
            "cell": cause.first.place.cell,
            "found": cause.first.found,
            "message": cause.first.message,
            "expected": cause.first.expected,
            "advice": advice_words(cause.first.advice, asker()),
            "count": cause.count,
            "cells": cause.cells,
            "values": cause.values,
            "messages": cause.messages,
        }
        for cause in by_cause(problems)
    ]
