"""Lists of days and of weeks: the year that they make by themselves, and what they leave out of another."""

from __future__ import annotations

from collections.abc import Collection, Iterator, Mapping
from datetime import date, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.year import wording
from nomarium.core.year.checks import why_no_label
from nomarium.core.year.rules import Closure, Term

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem
    from nomarium.core.year.school_year import SchoolYear


def unlisted_weeks(year: SchoolYear, place: Place) -> Iterator[Problem]:
    """Yield a problem where a list of weeks leaves weeks with school out."""
    if year.rules.weeks.listed:
        without = dict.fromkeys(year.weeks.week(day.date) for day in year.days() if day.has_school and not day.letter)
        if without:
            yield wording.weeks_without_letter(place, list(without))


def unlisted_days(year: SchoolYear, lists: Mapping[str, Place]) -> Iterator[Problem]:
    """Yield a problem for each cycle whose list of days leaves school days out.

    ``lists`` says where the plan names the list of a cycle. Where the cycle has labels of its own, such days have been
    worked out; else they have none.
    """
    for rule in year.rules.cycles:
        if rule.name not in lists or rule.advance.by_weeks:
            continue
        named = rule.pins if rule.listed is None else rule.listed
        left_out = [
            day.date
            for day in year.days(rule.start)
            if day.date not in named and day.term and not why_no_label(rule, year.attendance, day.date)
        ]
        if left_out:
            worked_out = rule.listed is None
            yield wording.days_unlisted(lists[rule.name], rule, left_out, len(named), worked_out=worked_out)


_A_WEEK = timedelta(days=7)


def year_of_list(
    days: Collection[date], weekdays: Collection[int], name: str, place: Place
) -> tuple[list[Term], list[Closure]]:
    """Return the terms and closures of a year that only a list of its school days describes.

    A week or more without a day of the list ends a term; what lies between days of a term is closed. ``weekdays`` are
    those of school, Monday as 0; ``name`` and ``place`` are the list's.
    """
    listed = sorted(days)
    breaks = [index for index, (day, after) in enumerate(pairwise(listed), 1) if after - day > _A_WEEK]
    parts = [listed[start:end] for start, end in pairwise([0, *breaks, len(listed)])]
    terms = [Term(f"Term {number}", part[0], part[-1], place) for number, part in enumerate(parts, 1)]
    closures = [
        Closure(f"Not in {name}", between, between, place)
        for part in parts
        for day, after in pairwise(part)
        for offset in range(1, (after - day).days)
        if (between := day + timedelta(days=offset)).weekday() in weekdays
    ]
    return terms, closures
