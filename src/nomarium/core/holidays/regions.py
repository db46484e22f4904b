"""Countries and regions → their public holidays (by the library ``holidays``)."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from datetime import date
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.holidays import wording

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem


class Holiday(NamedTuple):
    """One public holiday of one region."""

    name: str
    day: date
    region: str
    """The country's two letters (ISO 3166), perhaps with a region: "CA-NS"."""
    instead_of: date | None = None
    """The day that it is observed for, where that is another."""


def read_holidays(
    regions: Sequence[str], first: date, last: date, language: str | None, place: Place
) -> tuple[list[Holiday], list[Problem]]:
    """Return the public holidays of all regions from the first to the last date, observed days included, by date.

    ``language`` is that of their names ("fr"); without it English, where that is known, else the country's own.
    """
    found: list[Holiday] = []
    problems: list[Problem] = []
    for region in dict.fromkeys(regions):
        held, wrong = _of_region(region, first, last, language, place)
        found += held
        problems += wrong
    return sorted(found, key=lambda one: (one.day, one.region, one.name)), problems


def titled(held: Sequence[Holiday]) -> Iterator[tuple[str, Holiday]]:
    """Yield each holiday with its title; where several regions are meant, it says of which it is."""
    several = len({one.region for one in held}) > 1
    return ((f"{one.name} ({one.region})" if several else one.name, one) for one in held)


def _of_region(
    region: str, first: date, last: date, language: str | None, place: Place
) -> tuple[list[Holiday], list[Problem]]:
    import holidays

    country, _, subdivision = region.strip().partition("-")
    supported = holidays.list_supported_countries(include_aliases=False)
    code = country.strip().upper()
    if code not in supported:
        near = [name for name in sorted(supported) if name[:1] == code[:1]]
        return [], [wording.unknown_country(place, region, near)]
    by_key = {name.casefold(): name for name in supported[code]}
    wanted = subdivision.strip().casefold()
    if wanted and wanted not in by_key:
        return [], [wording.unknown_country(place, region, [f"{code}-{name}" for name in supported[code]] or [code])]
    named = _language(code, language)
    if language and named is None:
        known = holidays.list_localized_countries().get(code, [])
        return [], [wording.unknown_language(place, language, code, known)]
    years = range(first.year, last.year + 1)
    subdiv = by_key.get(wanted)
    observed, proper = (
        holidays.country_holidays(code, subdiv=subdiv, years=years, observed=moved, language=named)
        for moved in (True, False)
    )
    label = f"{code}-{subdiv}" if subdiv else code
    return [
        Holiday(_one_line(name), day, label, None if day in proper else _proper_day(name, day, proper))
        for day, name in sorted(observed.items())
        if first <= day <= last
    ], []


def _proper_day(name: str, day: date, proper: dict[date, str]) -> date | None:
    """Return the day that an observed day stands for: the nearest of a name that the observed one's contains."""
    alike = [other for other, known in proper.items() if known in name and other != day]
    return min(alike, key=lambda other: abs((other - day).days), default=None)


def _language(code: str, wanted: str | None) -> str | None:
    """Return the library's language for what is wanted, or its English of a country; None where it has neither."""
    import holidays

    known = holidays.list_localized_countries().get(code, [])
    begin = (wanted or "en").replace("-", "_").casefold()
    return next((language for language in known if language.casefold().startswith(begin)), None)


def _one_line(name: str) -> str:
    return " / ".join(part.strip() for part in name.split(";"))
