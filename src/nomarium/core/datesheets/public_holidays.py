"""The public holidays of a country or region → Closures (by the library ``holidays``)."""

from __future__ import annotations

from collections.abc import Collection
from datetime import date

from nomarium.core.datesheets import wording
from nomarium.core.problems import Place, Problem
from nomarium.core.year import Closure


def read_public_holidays(region: str, first: date, last: date, place: Place) -> tuple[list[Closure], list[Problem]]:
    """Return the public holidays from the first to the last date, observed days included.

    ``region`` is a country's two letters, with or without a subdivision: "CA-NS".
    """
    import holidays

    country, _, subdivision = region.strip().partition("-")
    supported = holidays.list_supported_countries(include_aliases=False)
    code = country.strip().upper()
    if code not in supported:
        return [], [
            wording.unknown_country(place, region, [name for name in sorted(supported) if name[:1] == code[:1]])
        ]
    wanted = subdivision.strip()
    by_key = {name.casefold(): name for name in supported[code]}
    if wanted and wanted.casefold() not in by_key:
        return [], [wording.unknown_country(place, region, [f"{code}-{name}" for name in supported[code]] or [code])]
    years = range(first.year, last.year + 1)
    found = holidays.country_holidays(
        code, subdiv=by_key.get(wanted.casefold()), years=years, observed=True, language=_language(code)
    )
    closures = [
        Closure(_one_line(name), day, day, place, public=True)
        for day, name in sorted(found.items())
        if first <= day <= last
    ]
    return closures, []


def _language(code: str) -> str | None:
    """Return the English of a country's holiday names, where the library has it; else the country's own language."""
    import holidays

    known = holidays.list_localized_countries().get(code, [])
    return next((language for language in known if language.startswith("en")), None)


def _one_line(name: str) -> str:
    return " / ".join(part.strip() for part in name.split(";"))


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
