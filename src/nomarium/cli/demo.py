"""``nomarium demo``: the sample school, from its sheets to its calendars."""

from __future__ import annotations

import subprocess
import sys
from itertools import count
from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli.console import styled
from nomarium.cli.reading import quoted_call

EXAMPLES = """\b
Examples:
  nomarium demo
  nomarium demo try-it-here
"""

Folder = Annotated[
    Path | None, typer.Argument(metavar="DIR", show_default=False, help="The folder to write to; else a new one here.")
]


def demo(folder: Folder = None) -> None:
    """Write the sheets of a sample school, and go the whole way from them to calendars.

    The Orrin Sound Boatbuilding School is invented, and so is everything in its sheets. Each command is shown as you
    would type it, with what it prints. Files that are there already are never written over.
    """
    from nomarium.demo import SCHOOL, change_sheets, write_sheets

    place = folder or _new_folder()
    try:
        place.mkdir(parents=True, exist_ok=True)
        sheets = write_sheets(place)
    except FileExistsError as existing:
        raise typer.BadParameter(f"“{existing}” is there already. Name another folder.", param_hint="DIR") from None
    except OSError as fault:
        raise typer.BadParameter(
            f"“{place}” can't be written: {(fault.strerror or '').lower()}.", param_hint="DIR"
        ) from None
    typer.echo(f"The {SCHOOL.name} keeps its sheets in {place}:")
    for sheet in sheets:
        typer.echo(f"  {sheet.name}")
    for line in _script(SCHOOL.zone):
        _run(line, place)
    typer.echo("\nThen the sheets change:")
    for change in change_sheets(place):
        typer.echo(f"  {change}")
    for line in _AFTER_THE_CHANGE:
        _run(line, place)
    typer.echo(f"\nThe calendars lie in {place}: open them, or import them into any calendar program.")


def _new_folder() -> Path:
    """Return the first folder name of its kind that is free here."""
    names = ("orrin-sound" if number == 1 else f"orrin-sound-{number}" for number in count(1))
    return next(path for name in names if not (path := Path(name)).exists())


_ROWING = ["convert", "rowing-programme.csv", "-o", "rowing.ics"]


def _script(zone: str) -> list[list[str]]:
    """Return the commands of the tour."""
    return [
        ["inspect", "slipway-bookings.xlsx", "--zone", zone, "--length", "2h"],
        ["convert", "office-events.csv", "-o", "office.ics", "--zone", zone],
        ["convert", "slipway-bookings.xlsx", "-o", "slipway.ics", "--zone", zone, "--length", "2h"],
        ["days", "--from", "2027-01-04", "--to", "2027-01-15"],
        ["days", "--why", "2027-03-03", "--cycle", "Yard"],
        ["days", "--against", "published-days.csv"],
        ["days", "--close", "2027-01-20", "--cycle", "Loft"],
        ["days", "-o", "days.ics", "--title", "Day {day}", "--cycle", "Yard", "--add", "terms,closures"],
        ["days", "-o", "year.png"],
        ["check"],
        ["check", "--why", "LFT-1 2026-11-17"],
        ["build"],
        ["show", ".", "--only", "teacher=R. Vasquel", "--week", "2026-10-19"],
        [*_ROWING, "--groups", "rowing-crews.csv", "--plan", "nomarium.toml", "--if-closed", "push"],
        ["show", ".", "--only", "student=Hamish Odell", "--week", "2027-01-18"],
        ["show", ".", "--only", "teacher=R. Vasquel", "--wall", "-o", "wall.png"],
        ["free", ".", "--only", "teacher=R. Vasquel,D. Pell", "--from", "2026-10-19", "--to", "2026-10-23"],
        ["new", "drafted", "--zone", zone, "*.xlsx", "*.csv"],
        ["build", "drafted"],
        ["convert", "clubs.csv", "-o", "clubs.ics", "--plan", "nomarium.toml"],
        ["inspect", "clubs.ics"],
        ["convert", "clubs.ics", "-o", "november.csv", "--from", "2026-11-01", "--to", "2026-11-30"],
    ]


_AFTER_THE_CHANGE = [
    ["compare", ".", "--notices", "notices", "--from", "2027-01-18", "--to", "2027-01-29"],
    ["build", "--updates", "updates"],
    ["history"],
    ["retract", "2", "-o", "back", "--only", "office"],
]


def _run(arguments: list[str], folder: Path) -> None:
    """Show a command and run it, its output going where ours goes."""
    typer.echo()
    patterns = [word for word in arguments if word.startswith("*")]
    plain = [word for word in arguments if word not in patterns]
    typer.echo(styled(f"$ {' '.join([quoted_call(plain), *patterns])}", sys.stdout, "green", bold=True))
    sys.stdout.flush()
    files = sorted(path.name for pattern in patterns for path in folder.glob(pattern))
    call = [sys.executable, "-m", "nomarium", *plain, *files]
    status = subprocess.run(call, cwd=folder, check=False).returncode
    if status and "--against" not in arguments:  # which shows a difference here
        raise typer.Exit(status)
