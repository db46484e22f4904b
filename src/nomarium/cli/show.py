"""``nomarium show``: calendars to look at, in the terminal, as pictures and as pages."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING, Annotated

import typer

from nomarium.cli import options
from nomarium.cli.console import wrong_calls
from nomarium.run import allow_force

if TYPE_CHECKING:
    from nomarium.core.privacy import Privacy

EXAMPLES = """\b
Examples:
  nomarium show office.ics                                   what comes next, day by day
  nomarium show office.ics --week 2026-09-14                 a week as columns of days
  nomarium show . --only teacher="R. Vasquel" --month 2026-10
  nomarium show . --only teacher="R. Vasquel" --wall -o vasquel.pdf    a timetable for the wall
  nomarium show office.ics clubs.ics -o office.html          a page with month, week and agenda
"""

Only = Annotated[
    list[str] | None,
    typer.Option("--only", metavar="SPLIT=WHOM", help="Whose calendars of a plan: teacher=“R. Vasquel”. Repeatable."),
]
All = Annotated[bool, typer.Option("--all", help="All calendars of a plan: for --wall and pages.")]
PlanOption = Annotated[
    Path | None,
    typer.Option("--plan", metavar="PLAN", help="The plan that says what each day is, and by which sheets repeat."),
]
DayOption = Annotated[str | None, typer.Option("--day", metavar="DATE", help="One day, or “today”.")]
WeekOption = Annotated[str | None, typer.Option("--week", metavar="DATE", help="The week of a date, or “today”.")]
MonthOption = Annotated[
    str | None, typer.Option("--month", metavar="MONTH", help="A month, as 2026-10, a date of it, or “today”.")
]
TermOption = Annotated[str | None, typer.Option("--term", metavar="NAME", help="A term of the plan, as an agenda.")]
AgendaOption = Annotated[bool, typer.Option("--agenda", help="Day by day; the usual view.")]
Wall = Annotated[bool, typer.Option("--wall", help="A timetable for the wall: days of the cycle by periods.")]
From = Annotated[str | None, typer.Option("--from", metavar="DATE", help="Only what is on this date or later.")]
To = Annotated[str | None, typer.Option("--to", metavar="DATE", help="Only what is up to this date, included.")]
Cycle = Annotated[
    list[str] | None, typer.Option("--cycle", metavar="NAME", help="The cycle of the headings and the wall timetable.")
]
Output = Annotated[
    Path | None,
    typer.Option("-o", "--output", metavar="OUT", help="Draw it: .png, .pdf or .svg; .html for a page; .txt."),
]
Paper = Annotated[str, typer.Option("--paper", metavar="A4|Letter", help="The paper of a PDF.")]
Portrait = Annotated[bool, typer.Option("--portrait", help="Upright; else across.")]

Private = Annotated[
    str | None,
    typer.Option(
        "--private",
        metavar="busy|show|leave-out",
        help="What a file shows of private events: their times as “busy” (else by the plan), all, or nothing.",
    ),
]


def show(
    calendars: options.Calendars,
    only: Only = None,
    every: All = False,
    plan: PlanOption = None,
    agenda: AgendaOption = False,
    day: DayOption = None,
    week: WeekOption = None,
    month: MonthOption = None,
    term: TermOption = None,
    wall: Wall = False,
    first: From = None,
    last: To = None,
    cycle: Cycle = None,
    zone: options.ShownZone = None,
    output: Output = None,
    paper: Paper = "A4",
    portrait: Portrait = False,
    private: Private = None,
    force: options.Force = False,
    as_json: options.Json = False,
) -> None:
    """Show calendars as an agenda, a day, a week, a month or a timetable for the wall.

    In the terminal as wide as it is; with -o as a picture (one page a week, month or calendar in a PDF) or as a page
    that opens in any browser. Several calendars are told apart by a letter and a colour. Where a plan is named, the
    headings say the day of the cycle, the week and what is closed.
    """
    from nomarium.cli import show_run

    stated = [name for name, given in _views(agenda, day, week, month, term, wall).items() if given]
    if len(stated) > 1:
        raise options.wrong(f"--{stated[1]}", f"It goes not together with --{stated[0]}.")
    allow_force(force)
    with wrong_calls():
        call = show_run.ShowCall(
            options.sheets_or_folders(calendars),
            dict(options.conditions(only, "--only")),
            every,
            options.plan_path(plan) if plan else None,
            stated[0] if stated else "agenda",
            day or week or month or term or "",
            options.day_span(first, last),
            tuple(cycle or ()),
            options.zone_name(zone) if zone else None,
            output,
            options.one_of(paper, ("A4", "Letter"), "--paper"),
            portrait,
            _privacy(private),
            as_json,
        )
        raise typer.Exit(show_run.show(call))


def _privacy(text: str | None) -> Privacy | None:
    """Return what ``--private`` states."""
    known: dict[str, Privacy] = {"busy": "busy", "show": "show", "leave-out": "leave out"}
    return known[options.one_of(text, tuple(known), "--private")] if text else None


def _views(agenda: bool, *stated: object) -> dict[str, object]:
    return dict(zip(("agenda", "day", "week", "month", "term", "wall"), (agenda, *stated), strict=True))
