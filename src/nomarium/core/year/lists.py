"""What lists of days and of weeks leave out: dates with school that they do not name."""

from __future__ import annotations

from collections.abc import Iterator, Mapping

from nomarium.core.problems import Place, Problem
from nomarium.core.year import wording
from nomarium.core.year.checks import why_no_label
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
