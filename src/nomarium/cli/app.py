"""The program ``nomarium`` and its commands."""

from __future__ import annotations

import gc

import typer

from nomarium import __version__
from nomarium.cli.asker import COMMAND
from nomarium.cli.once import PlainGroup
from nomarium.cli.visible import guard_streams
from nomarium.run import begin_run

EXAMPLES = """\b
Examples:
  nomarium demo                               the whole way, on a sample school
  nomarium inspect events.xlsx                how a sheet is read, and why
  nomarium convert events.xlsx -o events.ics  a calendar of it
  nomarium sheet events -o blank.xlsx         a blank sheet to fill in
  nomarium days                               what every date of the school year is
  nomarium build                              every calendar of a school’s plan
  nomarium show office.ics --month 2026-10    a calendar to look at
"""

app = typer.Typer(
    name="nomarium",
    cls=PlainGroup,
    help="Turn the spreadsheets of a school or an office into calendar files.",
    epilog=EXAMPLES,
    rich_markup_mode=None,
    pretty_exceptions_enable=False,
    no_args_is_help=True,
    context_settings={"help_option_names": ["-h", "--help"]},
)


def _show_version(wanted: bool) -> None:
    if wanted:
        typer.echo(f"nomarium {__version__}")
        raise typer.Exit


@app.callback()
def _program(
    ctx: typer.Context,
    version: bool = typer.Option(
        False, "--version", callback=_show_version, is_eager=True, help="Show the version and exit."
    ),
) -> None:
    """Turn the spreadsheets of a school or an office into calendar files."""
    COMMAND.set(ctx.invoked_subcommand or "")
    begin_run()


def main() -> None:
    """Run the command line.

    What a run makes lives until its end: the collector of cyclic garbage would walk a year's events again and again
    in vain, so it is put off.
    """
    gc.disable()
    guard_streams()
    app(prog_name="nomarium")
