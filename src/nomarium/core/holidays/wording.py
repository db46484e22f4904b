"""What is said about public holidays."""

from __future__ import annotations

from collections.abc import Iterable

from nomarium.core.problems import Place, Problem, error


def unknown_country(place: Place, text: str, near: Iterable[str]) -> Problem:
    """A country or region whose public holidays are not known."""
    meant = ", ".join(near)
    return error(
        "unknown-country",
        place,
        "The public holidays of this country or region are not known.",
        found=text,
        expected="A country by its two letters (ISO 3166), perhaps with a region, such as CA-NS.",
        advice=f"Known are: {meant}." if meant else "",
    )


def unknown_language(place: Place, text: str, country: str, known: Iterable[str]) -> Problem:
    """A language in which a country's holidays have no names."""
    listed = ", ".join(known) or "its own only"
    return error(
        "unknown-language",
        place,
        f"The public holidays of {country} have no names in this language.",
        found=text,
        advice=f"Known are: {listed}.",
    )
