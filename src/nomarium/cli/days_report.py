"""A school year in lines for the terminal and as JSON; the lines know nothing of the command line."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Iterator, Sequence
from datetime import date
from itertools import groupby

from nomarium.cli.report import problems_json, sheet_name
from nomarium.core.rows import closures_words, day_fields, day_rows, specials_words
from nomarium.core.school import School
from nomarium.core.values import counted, day_words, style_of
from nomarium.core.year import (
    Closure,
    Comparison,
    CycleChange,
    Day,
    Difference,
    SchoolYear,
    WhatIf,
    days_words,
)

_LABEL = 9
_NONE = "–"
_SHOWN = 12
"""So many dates are listed before and behind what matters."""

Bounds = tuple[date | None, date | None]


def read_lines(school: School) -> Iterator[str]:
    """Say which sheets were read, how, and what they gave."""
    label = "Read"
    for read in school.sheets:
        table = read.sheet.table
        yield f"{label:<{_LABEL}}{sheet_name(table)} ({table.form}): {read.gave}"
        styles: dict[str, list[str]] = {}
        for column in read.sheet.moment_columns:
            if style := style_of(table, column).dates:
                styles.setdefault(style, []).append(column.column.heading)
        for style, headings in styles.items():
            yield f"{'':<{_LABEL}}  {', '.join(headings)}: {style}"
        label = ""
    if school.plan and school.year and school.plan.plan.year.public_holidays:
        public = _public_holidays(school.year)
        region = school.plan.plan.year.public_holidays
        yield f"{label:<{_LABEL}}{counted(len(public), 'public holiday')} of {region}: {_holidays(public)}"


def _public_holidays(year: SchoolYear) -> list[Closure]:
    return [closure for closure in year.rules.closures if closure.public and year.attendance.term(closure.first)]


def _holidays(public: Sequence[Closure]) -> str:
    return ", ".join(f"{closure.name} ({day_words(closure.first)[4:-5]})" for closure in public) or "none in a term"


def table_lines(year: SchoolYear, names: Sequence[str], bounds: Bounds) -> Iterator[str]:
    """Show the dates one a line, under their terms; rest days and the time between terms are passed over."""
    known = list(year.cycles)
    places = [known.index(name) for name in names]
    widths = [max(len(name), *(len(label) for label in year.cycles[name].rule.labels)) for name in names]
    headings = "  ".join(f"{name:<{width}}" for name, width in zip(names, widths, strict=True))
    yield f"{'Date':<17}{'Week':<6}{headings}".rstrip()
    for term, days in groupby(year.days(*bounds), key=lambda day: day.term):
        shown = [day for day in days if year.attendance.is_working_day(day.date)]
        if term is not None:
            yield ""
            yield f"{term.name}: {days_words(term)}"
        for day in shown:
            labels = "  ".join(
                f"{day.labels[place] or _NONE:<{width}}" for place, width in zip(places, widths, strict=True)
            )
            week = f"{_NONE if day.week is None else day.week}{day.letter}"
            yield f"{_aligned(day.date):<17}{week:<6}{labels}  {_remark(day)}".rstrip()


def _aligned(day: date) -> str:
    words = day_words(day).split(" ", 1)
    return f"{words[0]} {words[1]:>11}"


def _remark(day: Day) -> str:
    closed = closures_words(day)
    return "; ".join(filter(None, (f"closed: {closed}" if closed else "", specials_words(day))))


def count_lines(year: SchoolYear, names: Sequence[str]) -> Iterator[str]:
    """Show how often each label comes in each term, so that an uneven year shows."""
    for name in names:
        by_term = year.counts(name)
        labels = list(dict.fromkeys(year.cycles[name].rule.labels))
        width = max([4, *(len(label) + 2 for label in labels)])
        head = max([len(name) + 1, 10, *(len(term.name) + 2 for term in by_term)])
        yield f"{name:<{head}}{''.join(f'{label:>{width}}' for label in labels)}{'days':>7}"
        for term, counts in by_term.items():
            yield _count_line(term.name, counts, labels, (head, width))
        if len(by_term) > 1:
            total = sum(by_term.values(), Counter[str]())
            yield _count_line("all", total, labels, (head, width))
        yield ""


def _count_line(name: str, counts: Counter[str], labels: Sequence[str], widths: tuple[int, int]) -> str:
    head, width = widths
    cells = "".join(f"{counts[label]:>{width}}" for label in labels)
    return f"  {name:<{head - 2}}{cells}{counts.total():>7}"


def change_lines(change: WhatIf, names: Sequence[str]) -> Iterator[str]:
    """Say what further closures would change."""
    for day in change.without_school:
        yield f"{'Note':<{_LABEL}}There is no school on {day_words(day)} anyway."
    for one in change.changes:
        if one.cycle in names:
            yield ""
            yield from _cycle_change_lines(one)


def _cycle_change_lines(change: CycleChange) -> Iterator[str]:
    if not change.moved:
        yield f"{change.cycle}: no label changes."
        return
    first, last = change.moved[0], change.moved[-1]
    until = f" to {day_words(last.date)}" if last != first else ""
    yield f"{change.cycle}: {counted(len(change.moved), 'date')} would change, {day_words(first.date)}{until}."
    for moved in change.moved[:_SHOWN]:
        yield f"  {_aligned(moved.date)}  {moved.before or _NONE} → {moved.after or _NONE}"
    if len(change.moved) > _SHOWN:
        yield f"  … and {len(change.moved) - _SHOWN} more"
    labels = list(dict.fromkeys([*change.before, *change.after]))
    width = max([4, *(len(label) + 2 for label in labels)])
    yield f"  {'Label':<8}{''.join(f'{label:>{width}}' for label in sorted(labels))}"
    yield f"  {'now':<8}{''.join(f'{change.before[label]:>{width}}' for label in sorted(labels))}"
    yield f"  {'then':<8}{''.join(f'{change.after[label]:>{width}}' for label in sorted(labels))}"


def comparison_lines(found: Comparison, file: str) -> Iterator[str]:
    """Say whether a list and a cycle agree; else where they part, what differs, and why that may be."""
    span = f"{day_words(found.first)} to {day_words(found.last)}"
    if found.agrees:
        all_dates = f"all {counted(found.agreeing, 'date')}, {span}"
        yield f"{'Agrees':<{_LABEL}}{found.cycle} and {file} have the same label on {all_dates}."
    for day in found.outside[:_SHOWN]:
        yield f"{'Outside':<{_LABEL}}{file} has a label on {day_words(day)}, which no term has."
    if found.partial:
        yield f"{'Note':<{_LABEL}}The list names only some dates: what it leaves out was not compared."
    if not found.differences:
        return
    parting = found.differences[0]
    shares = f"{counted(found.agreeing, 'date')} agree, {len(found.differences):,} do not"
    yield f"{'Differs':<{_LABEL}}{found.cycle} and {file} part on {day_words(parting.date)}: {shares}."
    yield ""
    yield f"  {'Date':<16}  {'list':<8}plan"
    for difference in found.differences[:_SHOWN]:
        yield _difference_line(difference)
    if len(found.differences) > _SHOWN:
        yield f"  … and {len(found.differences) - _SHOWN:,} more, the last on {day_words(found.differences[-1].date)}"
    yield ""
    if found.causes:
        yield f"{'Likely':<{_LABEL}}They would agree in full with:"
        for words in found.causes:
            yield f"{'':<{_LABEL}}{words}"
    else:
        yield f"{'Likely':<{_LABEL}}No single change to the plan explains it; look at the dates above one by one."


def _difference_line(difference: Difference) -> str:
    listed, reckoned = difference.listed or _NONE, difference.reckoned or _NONE
    return f"  {_aligned(difference.date):<16}  {listed:<8}{reckoned:<8}".rstrip()


def comparison_json(found: Comparison) -> dict[str, object]:
    """Return a comparison for programs."""
    return {
        "cycle": found.cycle,
        "first": found.first.isoformat(),
        "last": found.last.isoformat(),
        "agrees": found.agrees,
        "agreeing": found.agreeing,
        "partial": found.partial,
        "outside": [day.isoformat() for day in found.outside],
        "differences": [
            {"date": d.date.isoformat(), "listed": d.listed, "reckoned": d.reckoned} for d in found.differences
        ],
        "causes": found.causes,
    }


def year_json(school: School, year: SchoolYear, names: Sequence[str], change: WhatIf | None, bounds: Bounds) -> str:
    """Return a year for programs."""
    known = list(year.cycles)
    headings = day_fields(names)
    rows = day_rows(year.days(*bounds), [known.index(name) for name in names])
    report: dict[str, object] = {
        "school": school.name,
        "days": [{key: cell for key, cell in zip(headings, row, strict=True) if cell} for row in rows],
        "counts": {name: {term.name: dict(counts) for term, counts in year.counts(name).items()} for name in names},
        "problems": problems_json(school.problems),
    }
    if change:
        report["changes"] = {
            one.cycle: [{"date": m.date.isoformat(), "before": m.before, "after": m.after} for m in one.moved]
            for one in change.changes
            if one.cycle in names
        }
    return json.dumps(report, ensure_ascii=False, indent=2)
