"""``nomarium sheet``: a blank sheet to fill in."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli.console import wrong_calls

SHEET_EXAMPLES = """\b
Examples:
  nomarium sheet events -o events.xlsx
  nomarium sheet events -o events.csv
  nomarium sheet closures -o closures.xlsx
  nomarium sheet events -o events.xlsx --categories "Yard,Loft,Office"
"""

Kind = Annotated[
    str,
    typer.Argument(
        metavar="KIND",
        show_default=False,
        help="events, terms, closures, special-days, days, bells, timetable, classes, roster, changes or codes.",
    ),
]
Output = Annotated[
    Path, typer.Option("-o", "--output", metavar="FILE", show_default=False, help="The .xlsx or .csv file to write.")
]
Categories = Annotated[
    str | None, typer.Option("--categories", metavar="A,B", help="What the drop-down list of categories offers.")
]
Force = Annotated[bool, typer.Option("--force", help="Write over a file that is there already.")]


def sheet(kind: Kind, output: Output, categories: Categories = None, force: Force = False) -> None:
    """Write a blank sheet to fill in: headings with notes, drop-down lists, checks and a sample row.

    What is filled in there is read without a question. The sample row is never imported.
    """
    from nomarium.core.blanks import BLANKS, blank_form, render_blank_csv, render_blank_xlsx
    from nomarium.core.output import write_whole

    if kind.lower() not in BLANKS:
        raise typer.BadParameter(f"“{kind}” is no kind of sheet; there are: {', '.join(BLANKS)}.", param_hint="KIND")
    renderers = {".csv": render_blank_csv, ".xlsx": render_blank_xlsx}
    render = renderers.get(output.suffix.lower())
    if render is None:
        raise typer.BadParameter(f"“{output}” ends neither in .xlsx nor in .csv.", param_hint="-o")
    if output.exists() and not force:
        raise typer.BadParameter(f"“{output}” is there already; --force writes over it.", param_hint="-o")
    offered = tuple(part.strip() for part in (categories or "").split(",") if part.strip())
    blank = blank_form(BLANKS[kind.lower()], offered)
    with wrong_calls():
        write_whole(output, [render(blank)])

    typer.echo(f"Wrote    {output}: a blank sheet of {kind.lower().replace('-', ' ')}.")
    step = blank.says.next_step.format(file=output, stem=output.with_suffix(""))
    typer.echo(f"Next     fill it in, then {'' if step.startswith('name') else 'run: '}{step}")
