"""``nomarium sheet``: a blank sheet to fill in."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

EXAMPLES = """\b
Examples:
  nomarium sheet events -o events.xlsx
  nomarium sheet events -o events.csv
  nomarium sheet closures -o closures.xlsx
  nomarium sheet holidays -o holidays.xlsx --country US,GB-SCT --from 2026-09-01 --to 2027-08-31
  nomarium sheet events -o events.xlsx --categories "Yard,Loft,Office"
"""

Kind = Annotated[
    str,
    typer.Argument(
        metavar="KIND",
        show_default=False,
        help="events, terms, closures, special-days, days, bells, timetable, classes, roster, changes, codes, lessons "
        "or notes; or holidays, filled with the public holidays of countries.",
    ),
]
Output = Annotated[
    Path,
    typer.Option(
        "-o", "--output", metavar="FILE", show_default=False, help="The .xlsx or .csv file to write; holidays: or .ics."
    ),
]
Categories = Annotated[
    str | None, typer.Option("--categories", metavar="A,B", help="What the drop-down list of categories offers.")
]
Country = Annotated[
    str | None, typer.Option("--country", metavar="US,GB-SCT", help="For holidays: the countries and regions.")
]
First = Annotated[str | None, typer.Option("--from", metavar="DATE", help="For holidays: the first day.")]
Last = Annotated[str | None, typer.Option("--to", metavar="DATE", help="For holidays: the last day.")]
Language = Annotated[
    str | None, typer.Option("--language", metavar="fr", help="For holidays: the language of their names.")
]
Force = Annotated[bool, typer.Option("--force", help="Write over a file that is there already.")]


def sheet(
    kind: Kind,
    output: Output,
    categories: Categories = None,
    country: Country = None,
    first: First = None,
    last: Last = None,
    language: Language = None,
    force: Force = False,
) -> None:
    """Write a blank sheet to fill in: headings with notes, drop-down lists, checks and a sample row.

    What is filled in there is read without a question. The sample row is never imported. A sheet of holidays comes
    filled with the public holidays of countries and regions, to be edited and converted like any list.
    """
    if output.exists() and not force:
        raise typer.BadParameter(f"“{output}” is there already; --force writes over it.", param_hint="-o")
    allow_force(force)
    if kind.lower() == "holidays":
        from nomarium.cli.holidays_run import HolidayCall, write_holidays

        days = options.day_span(first, last)
        raise typer.Exit(write_holidays(HolidayCall(output, country or "", *days, language)))
    from nomarium.core.blanks import BLANKS, blank_form, render_blank_csv, render_blank_xlsx
    from nomarium.core.output import write_whole

    if kind.lower() not in BLANKS:
        raise typer.BadParameter(
            f"“{kind}” is no kind of sheet; there are: {', '.join([*BLANKS, 'holidays'])}.", param_hint="KIND"
        )
    renderers = {".csv": render_blank_csv, ".xlsx": render_blank_xlsx}
    render = renderers.get(output.suffix.lower())
    if render is None:
        raise typer.BadParameter(f"“{output}” ends neither in .xlsx nor in .csv.", param_hint="-o")
    offered = tuple(part.strip() for part in (categories or "").split(",") if part.strip())
    blank = blank_form(BLANKS[kind.lower()], offered)
    with wrong_calls():
        write_whole(output, [render(blank)])

    typer.echo(f"Wrote    {output}: a blank sheet of {kind.lower().replace('-', ' ')}.")
    step = blank.says.next_step.format(file=output, stem=output.with_suffix(""))
    typer.echo(f"Next     fill it in, then {'' if step.startswith('name') else 'run: '}{step}")
