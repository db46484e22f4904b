"""What ``nomarium days`` does: opens the school, asks the core, prints or writes."""

from __future__ import annotations

import json
import sys
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from datetime import date, datetime
from pathlib import Path

import typer

from nomarium.cli import days_report
from nomarium.cli.console import print_lines, print_problems
from nomarium.cli.report import problems_json
from nomarium.cli.stamp import stamp_of
from nomarium.core.calendars import Calendar
from nomarium.core.datesheets import ListedDays, read_listed_days
from nomarium.core.output import write_whole
from nomarium.core.problems import Place, Problem, WrongCall, by_place, has_errors, warning
from nomarium.core.rows import day_fields, day_rows, render_csv, render_json, render_xlsx
from nomarium.core.school import School, open_school
from nomarium.core.sheets import SheetChoices
from nomarium.core.sources import YearEvents, usual_title, year_events
from nomarium.core.tables import TableChoices
from nomarium.core.values import DateChoices, Order, counted
from nomarium.core.year import Closure, Comparison, Listed, SchoolYear, WhatIf, compare, explain, what_if

PICTURES = ("png", "pdf", "svg")
FORMATS = ("csv", "xlsx", "json", "ics", *PICTURES)


@dataclass(frozen=True, slots=True)
class DaysTarget:
    """Where the year goes, and in which form; no path and no form for a table on the screen."""

    path: Path | None
    form: str
    paper: str
    calendar: str

    @classmethod
    def of(cls, output: str | None, form: str | None, paper: str, calendar: str | None) -> DaysTarget:
        """Read ``-o``, ``--format`` and ``--paper``, refusing a call with values that say nothing."""
        paper_names = {"a4": "A4", "letter": "Letter"}
        if paper.casefold() not in paper_names:
            raise typer.BadParameter(f"“{paper}” is neither A4 nor Letter.", param_hint="--paper")
        if form is not None and form.casefold() not in FORMATS:
            raise typer.BadParameter(f"“{form}” is none of {', '.join(FORMATS)}.", param_hint="--format")
        path = None if output in (None, "-") else Path(output or "")
        ending = path.suffix.casefold().removeprefix(".") if path else ("csv" if output == "-" else "")
        if path and form is None and ending not in FORMATS:
            known = ", ".join(f".{name}" for name in FORMATS)
            raise typer.BadParameter(f"“{output}” ends in none of {known}; --format says it.", param_hint="-o")
        name = calendar or (path.stem if path else "School days")
        return cls(path, (form or ending).casefold() if output else "", paper_names[paper.casefold()], name)

    @property
    def to_stdout(self) -> bool:
        """Whether the result, not the report, goes to standard output."""
        return self.path is None and bool(self.form)


@dataclass(frozen=True, slots=True)
class DaysCall:
    """What was asked."""

    plan: Path
    target: DaysTarget
    first: date | None
    last: date | None
    cycles: tuple[str, ...]
    close: tuple[Closure, ...]
    title: str | None
    each_week: bool
    additions: tuple[str, ...]
    as_json: bool
    quiet: bool

    def chosen(self, year: SchoolYear) -> list[str]:
        """Return the names of the cycles asked for, all where none is. Raises WrongCall for an unknown one."""
        by_key = {name.casefold(): name for name in year.cycles}
        for name in self.cycles:
            if name.casefold() not in by_key:
                known = ", ".join(year.cycles) or "none"
                raise WrongCall(f"The plan has no cycle “{name}”.", f"Its cycles are: {known}.")
        return [by_key[name.casefold()] for name in self.cycles] or list(year.cycles)


def tell_why(call: DaysCall, dates: Sequence[date]) -> int:
    """Print how dates came to be what they are; return the exit status."""
    school = open_school(call.plan)
    year = _year_or_none(school, call)
    if year is None:
        return 1
    told = {day: explain(year, day, call.chosen(year)) for day in dates}
    if call.as_json:
        typer.echo(json.dumps({day.isoformat(): lines for day, lines in told.items()}, ensure_ascii=False, indent=2))
        return 0
    for number, lines in enumerate(told.values()):
        print_lines(([""] if number else []) + lines, sys.stdout, "  ")
    return 0


def hold_against(call: DaysCall, path: Path, sheet: str | None, order: Order | None) -> int:
    """Print whether a published list says the same as the plan; return the exit status, 1 where they differ."""
    school = open_school(call.plan)
    year = _year_or_none(school, call)
    if year is None:
        return 1
    within = (year.rules.first, year.rules.last)
    choices = SheetChoices(path, Place(path.name), TableChoices(sheet), DateChoices(order, within))
    names = call.chosen(year)
    if not names:
        raise WrongCall("The plan has no cycle to compare.", "Add one under [cycles.NAME].")
    found, problems = _comparisons(year, names, choices)
    problems += [_own_list(path, name) for name in names if _is_listed(school, path, name)]
    print_problems(by_place(problems), errors_only=call.quiet)
    if has_errors(problems):
        return 1
    if call.as_json:
        typer.echo(json.dumps([days_report.comparison_json(one) for one in found], ensure_ascii=False, indent=2))
    else:
        for one in found:
            print_lines(days_report.comparison_lines(one, path.name), sys.stdout)
    return 0 if all(one.agrees for one in found) else 1


def _is_listed(school: School, path: Path, cycle: str) -> bool:
    """Tell whether a cycle was read from a file."""
    if school.plan is None:
        return False
    files = [school.plan.folder / listed.file for listed in school.plan.plan.cycles[cycle].listed]
    return any(file.exists() and file.samefile(path) for file in files)


def _own_list(path: Path, cycle: str) -> Problem:
    return warning(
        "own-list",
        Place(path.name),
        f"The cycle “{cycle}” was read from this very list: that they agree proves nothing.",
        advice="Hold the cycle against a list that was made by somebody else.",
    )


def _comparisons(
    year: SchoolYear, names: Sequence[str], choices: SheetChoices
) -> tuple[list[Comparison], list[Problem]]:
    """Hold each cycle against its column; one column of labels is for the only cycle that has all of them."""
    read = {name: read_listed_days(choices, name, year.cycles[name].rule.labels) for name in names}
    columns = {name: listed.sheet.sheet.matches.column("summary") for name, (listed, _) in read.items() if listed.sheet}
    indexes = [column.index for column in columns.values() if column]
    if len(set(indexes)) < len(indexes):
        read = _only_fitting(year, read)
    found, problems = [], []
    for name, (listed, unsound) in read.items():
        problems += [problem for problem in unsound if problem not in problems]
        if (listed.labels or listed.words) and not has_errors(unsound):
            without = frozenset(listed.words.keys() | listed.unlabelled)
            found.append(compare(year, name, Listed(listed.labels, without)))
    return found, problems


_Read = dict[str, tuple[ListedDays, list[Problem]]]


def _only_fitting(year: SchoolYear, read: _Read) -> _Read:
    """Return the reading for the one cycle whose labels a list names. Raises WrongCall where it might be several."""
    fitting = {
        name: (listed, problems)
        for name, (listed, problems) in read.items()
        if listed.labels and {pin.label for pin in listed.labels.values()} <= set(year.cycles[name].rule.labels)
    }
    if len(fitting) != 1:
        raise WrongCall("The list has one column of labels, and the plan several cycles.", "Name one with --cycle.")
    return fitting


def show_days(call: DaysCall) -> int:
    """Print or write what every date is; return the exit status."""
    school = open_school(call.plan)
    year = _year_or_none(school, call)
    if year is None:
        return 1
    change = what_if(year, call.close) if call.close else None
    shown = change.year if change else year
    names = call.chosen(shown)
    if call.target.form:
        data = _rendered(call, school, shown, names)
        if call.target.path is None:
            sys.stdout.buffer.write(b"".join(data))
            sys.stdout.buffer.flush()
        else:
            write_whole(call.target.path, data)
    _report(call, school, shown, names, change)
    return 0


def _report(call: DaysCall, school: School, year: SchoolYear, names: list[str], change: WhatIf | None) -> None:
    if call.quiet:
        return
    report_to = sys.stderr if call.target.to_stdout else sys.stdout
    if call.as_json:
        typer.echo(days_report.year_json(school, year, names, change, (call.first, call.last)), file=report_to)
        return
    lines = list(days_report.read_lines(school))
    if change:
        lines += days_report.change_lines(change, names)
        lines += _lesson_lines(call, school)
    elif not call.target.form:
        lines += ["", *days_report.table_lines(year, names, (call.first, call.last))]
    lines += ["", *days_report.count_lines(year, names)] if names and not change else []
    if call.target.path:
        lines.append(f"{'Wrote':<9}{call.target.path}{_size(call, year, names)}")
    print_lines(lines, report_to)


def _lesson_lines(call: DaysCall, school: School) -> list[str]:
    """Say what further closures would do to lessons, where the plan has some."""
    if school.plan is None or not school.plan.plan.lessons:
        return []
    from nomarium.cli.options import machine_zone
    from nomarium.core.building import BuildChoices, lessons_if_closed

    return ["", *lessons_if_closed(call.plan, BuildChoices(machine_zone(), close=call.close))]


def _size(call: DaysCall, year: SchoolYear, names: Sequence[str]) -> str:
    """Return how much the file holds: ": 195 events", ": 291 dates"; nothing for a picture."""
    if call.target.form == "ics":
        return f": {counted(len(year_events(year, _events_wanted(call, names))), 'event')}"
    return "" if call.target.form in PICTURES else f": {counted(len(list(year.days(call.first, call.last))), 'date')}"


def _events_wanted(call: DaysCall, names: Sequence[str]) -> YearEvents:
    title = call.title or usual_title(names, each_week=call.each_week)
    return YearEvents(title, names, call.each_week, call.additions, call.first, call.last)


def _year_or_none(school: School, call: DaysCall) -> SchoolYear | None:
    """Print a school's problems and return its year, None where errors leave none."""
    if call.as_json and school.failed:
        problems = problems_json(school.problems)
        typer.echo(json.dumps({"problems": problems}, ensure_ascii=False, indent=2))
    else:
        print_problems(school.problems, errors_only=call.quiet)
    return school.year


def _rendered(call: DaysCall, school: School, year: SchoolYear, names: list[str]) -> Iterable[bytes]:
    """Return the file that was asked for."""
    form = call.target.form
    if form in PICTURES:
        from nomarium.views.year_picture import draw_year

        picture, missing = draw_year(year, names, school.name, form, call.target.paper)
        if missing:
            print_problems([_no_font(call.target.path or Path(), missing)], errors_only=call.quiet)
        return [picture]
    if form == "ics":
        from nomarium.core.ics import render_calendar

        wanted = _events_wanted(call, names)
        calendar = Calendar.of(call.target.calendar, year_events(year, wanted))
        return render_calendar(calendar, _stamp(school, call.plan))
    return _rows(call, school, year, names)


def _no_font(path: Path, missing: str) -> Problem:
    return warning(
        "no-font",
        Place(path.name),
        "No font on this machine has these characters: the picture shows empty boxes for them.",
        found=missing,
        advice="Install a font that has them.",
    )


def _rows(call: DaysCall, school: School, year: SchoolYear, names: list[str]) -> Iterator[bytes]:
    headings = day_fields(names)
    known = list(year.cycles)
    rows = day_rows(year.days(call.first, call.last), [known.index(name) for name in names])
    if call.target.form == "csv":
        return render_csv(headings, rows)
    if call.target.form == "json":
        return render_json(headings, rows)
    return render_xlsx(headings, rows, _stamp(school, call.plan), "Days")


def _stamp(school: School, plan: Path) -> datetime:
    paths = [plan, *(plan.parent / read.sheet.table.file for read in school.sheets)]
    return stamp_of(path for path in paths if path.exists())
