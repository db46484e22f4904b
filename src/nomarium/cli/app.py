"""The program ``nomarium`` and its commands."""

from __future__ import annotations

import gc

import typer

from nomarium import __version__
from nomarium.cli.asker import COMMAND
from nomarium.cli.build import BUILD_EXAMPLES, build
from nomarium.cli.check import CHECK_EXAMPLES, check
from nomarium.cli.compare import COMPARE_EXAMPLES, compare
from nomarium.cli.convert import CONVERT_EXAMPLES, convert
from nomarium.cli.days import DAYS_EXAMPLES, days
from nomarium.cli.demo import DEMO_EXAMPLES, demo
from nomarium.cli.free import FREE_EXAMPLES, free
from nomarium.cli.history import HISTORY_EXAMPLES, history
from nomarium.cli.inspect import INSPECT_EXAMPLES, inspect
from nomarium.cli.new import NEW_EXAMPLES, new
from nomarium.cli.once import OnceCommand, PlainGroup
from nomarium.cli.plan_schema import plan_schema
from nomarium.cli.retract import RETRACT_EXAMPLES, retract
from nomarium.cli.sheet import SHEET_EXAMPLES, sheet
from nomarium.cli.show import SHOW_EXAMPLES, show
from nomarium.cli.visible import guard_streams
from nomarium.cli.weed import WEED_EXAMPLES, weed
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
for _command, _examples in (
    (inspect, INSPECT_EXAMPLES),
    (convert, CONVERT_EXAMPLES),
    (sheet, SHEET_EXAMPLES),
    (days, DAYS_EXAMPLES),
    (new, NEW_EXAMPLES),
    (check, CHECK_EXAMPLES),
    (build, BUILD_EXAMPLES),
    (show, SHOW_EXAMPLES),
    (free, FREE_EXAMPLES),
    (compare, COMPARE_EXAMPLES),
    (history, HISTORY_EXAMPLES),
    (retract, RETRACT_EXAMPLES),
    (weed, WEED_EXAMPLES),
    (demo, DEMO_EXAMPLES),
):
    app.command(cls=OnceCommand, epilog=_examples)(_command)
app.command(name="plan-schema", cls=OnceCommand)(plan_schema)


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
