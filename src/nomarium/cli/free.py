"""``nomarium free``: when several people are all free."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

EXAMPLES = """\b
Examples:
  nomarium free vasquel.ics pell.ics --length 45m --between 08:15-15:30
  nomarium free . --only teacher="R. Vasquel,D. Pell" --from 2026-09-14 --to 2026-09-25
  nomarium free . --only teacher="R. Vasquel,D. Pell" --cycle Yard    free on the same day of the cycle all year
  nomarium free vasquel.ics pell.ics -o free.csv
"""

Only = Annotated[
    list[str] | None,
    typer.Option("--only", metavar="SPLIT=WHOM", help="Whose calendars of a plan: teacher=“R. Vasquel,D. Pell”."),
]
PlanOption = Annotated[
    Path | None, typer.Option("--plan", metavar="PLAN", help="The plan that says which days are school days.")
]
Length = Annotated[str, typer.Option("--length", metavar="LENGTH", help="How long they need at least, such as 45m.")]
Between = Annotated[str, typer.Option("--between", metavar="FROM-TO", help="Only between these times of the day.")]
From = Annotated[str | None, typer.Option("--from", metavar="DATE", help="From this date on; else from today.")]
To = Annotated[str | None, typer.Option("--to", metavar="DATE", help="Up to this date, included; else two weeks.")]
Cycle = Annotated[
    str | None, typer.Option("--cycle", metavar="NAME", help="Times free on the same day of the cycle all year.")
]
EveryDay = Annotated[bool, typer.Option("--every-day", help="Days without school, too; without a plan, weekends, too.")]
AllDay = Annotated[
    str, typer.Option("--all-day", metavar="busy|free", help="What events of whole days are that do not say it.")
]
Output = Annotated[
    Path | None, typer.Option("-o", "--output", metavar="OUT", help="Write the free times: .csv or .ics.")
]


def free(
    calendars: options.Calendars,
    only: Only = None,
    plan: PlanOption = None,
    length: Length = "45m",
    between: Between = "08:00-16:00",
    first: From = None,
    last: To = None,
    cycle: Cycle = None,
    every_day: EveryDay = False,
    all_day: AllDay = "busy",
    zone: options.ShownZone = None,
    output: Output = None,
    force: options.Force = False,
    as_json: options.Json = False,
) -> None:
    """Find the times at which several people are all free.

    Events take up their time unless they say that they are free, or are cancelled. Where there is no time for all on a
    day, the times of all but one are told, and who is in the way. With a plan only school days count.
    """
    from nomarium.cli import free_run
    from nomarium.core.agenda import Operands

    allow_force(force)
    with wrong_calls():
        days = options.day_span(first, last)
        operands = Operands(
            options.sheets_or_folders(calendars),
            dict(options.conditions(only, "--only")),
            options.plan_path(plan) if plan else None,
            options.zone_name(zone) if zone else None,
            options.machine_zone(),
            days[1],
        )
        asked = free_run.asked_for(length, between, options.one_of(all_day, ("busy", "free"), "--all-day"))
        call = free_run.FreeCall(operands, asked, days, cycle, every_day, output, as_json)
        raise typer.Exit(free_run.find(call))
