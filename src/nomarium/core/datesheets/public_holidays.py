"""The public holidays of a country or region → Closures."""

from __future__ import annotations

from collections.abc import Collection
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.holidays import read_holidays
from nomarium.core.year import Closure

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem


def read_public_holidays(region: str, first: date, last: date, place: Place) -> tuple[list[Closure], list[Problem]]:
    """Return the public holidays from the first to the last date, observed days included.

    ``region`` is a country's two letters, with or without a subdivision: "CA-NS".
    """
    held, problems = read_holidays([region], first, last, None, place)
    return [Closure(one.name, one.day, one.day, place, public=True) for one in held], problems


def leave_open(closures: list[Closure], names: Collection[str], place: Place) -> tuple[list[Closure], list[Problem]]:
    """Return the public holidays without those named, on which the school is open."""
    wanted = {name.casefold(): name for name in names}
    known = {closure.name.casefold() for closure in closures}
    problems = [
        wording.unknown_holiday(place, name, dict.fromkeys(closure.name for closure in closures))
        for key, name in wanted.items()
        if key not in known
    ]
    return [closure for closure in closures if closure.name.casefold() not in wanted], problems
