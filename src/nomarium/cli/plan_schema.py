"""``nomarium plan-schema``: what a plan may say, for editors that check while one types."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

Output = Annotated[
    Path | None, typer.Option("-o", "--output", metavar="FILE", help="The file to write; else standard output.")
]


def plan_schema(output: Output = None, force: options.Force = False) -> None:
    """Print the JSON Schema of plans, by which an editor offers and checks their keys."""
    from nomarium.core.output import write_whole
    from nomarium.core.plan import plan_schema as render

    allow_force(force)
    with wrong_calls():
        if output is None:
            typer.echo(render())
        else:
            write_whole(output, [f"{render()}\n".encode()])
            typer.echo(f"Wrote    {output}")
