"""What ``nomarium sheet holidays`` does: asks the core for public holidays, writes them, prints."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import UTC, date, datetime
from pathlib import Path

import typer

from nomarium.cli.console import print_problems, wrong_calls
from nomarium.core.calendars import Calendar
from nomarium.core.holidays import HOLIDAY_HEADINGS, Holiday, holiday_events, holiday_rows, read_holidays
from nomarium.core.ics import render_calendar
from nomarium.core.output import write_whole
from nomarium.core.problems import Place
from nomarium.core.rows import render_csv, render_xlsx
from nomarium.core.values import counted

_STAMP = datetime(2026, 1, 1, tzinfo=UTC)
"""A steady time of making, so that the same call gives the same bytes."""


@dataclass(frozen=True, slots=True)
class HolidayCall:
    """What was asked."""

    output: Path
    countries: str
    first: date | None
    last: date | None
    language: str | None


def write_holidays(call: HolidayCall) -> int:
    """Write the public holidays that were asked for; return the exit status."""
    regions = [part.strip() for part in call.countries.split(",") if part.strip()]
    if not regions:
        raise typer.BadParameter("Name the countries, such as --country US,GB-SCT.", param_hint="--country")
    if call.first is None or call.last is None or call.last < call.first:
        raise typer.BadParameter("Name the first and the last day: --from 2026-09-01 --to 2027-08-31.")
    ending = call.output.suffix.lower()
    if ending not in (".xlsx", ".csv", ".ics"):
        raise typer.BadParameter(f"“{call.output}” ends in none of .xlsx, .csv and .ics.", param_hint="-o")
    held, problems = read_holidays(regions, call.first, call.last, call.language, Place("--country"))
    print_problems(problems)
    if problems or not held:
        typer.echo("Nothing  was written.", err=True)
        return 1
    with wrong_calls():
        write_whole(call.output, _rendered(held, ending))
    observed = sum(one.instead_of is not None for one in held)
    moved = f", {observed:,} of them observed for another day" if observed else ""
    typer.echo(f"Wrote    {call.output}: {counted(len(held), 'public holiday')} of {', '.join(regions)}{moved}.")
    if ending != ".ics":
        typer.echo(f"Next     look through it, then run: nomarium convert {call.output} -o {call.output.stem}.ics")
    return 0


def _rendered(held: list[Holiday], ending: str) -> Iterable[bytes]:
    if ending == ".ics":
        return render_calendar(Calendar.of("Public holidays", holiday_events(held)), _STAMP)
    rows = holiday_rows(held)
    return render_csv(HOLIDAY_HEADINGS, rows) if ending == ".csv" else render_xlsx(HOLIDAY_HEADINGS, rows, _STAMP)
