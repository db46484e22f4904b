"""What ``nomarium show -o page.html`` writes."""

from __future__ import annotations

from datetime import date
from pathlib import Path

import typer

from nomarium.core.agenda import DayFacts, Showing
from nomarium.core.output import write_whole
from nomarium.core.values import counted, day_words
from nomarium.views.pages import calendar_page


def write_page(path: Path, showing: Showing, facts: DayFacts, days: tuple[date | None, date | None]) -> None:
    """Write a page of calendars, and say so."""
    write_whole(path, [calendar_page(showing, facts, days).encode()])
    typer.echo(f"Wrote    {path}: {counted(len(showing.between(*days)), 'event')}; it opens in any browser")
    if showing.endless_until:
        typer.echo(f"         repeats without an end are in it up to {day_words(showing.endless_until)}")
