"""Names of a school year and of its parts: "Autumn term", "Semester 2, 2026", "Année scolaire 2026-27"."""

from __future__ import annotations

import re

from nomarium.lazily import regex

_LONGEST = 60
_PART = regex(
    r"(?:the )?(?:(?:school|academic|teaching) year|schuljahr|année scolaire|año (?:escolar|lectivo)|curso escolar|"
    r"anno scolastico|ano le[ct]tivo|schooljaar|läsår\w*|skoleår\w*|scholenjaar)\b.*|"
    r"(?:\d\.?\s?[ºª°]|primo|primer|primeiro|secondo|segundo|terzo|tercer|terceiro|quarto|cuarto|"
    r"[IVX]{1,3})\s?(?:período|periodo|bimestre|cuatrimestre|quadrimestre)(?: le[ct]tivo| lectivo)?|"
    r"(?:[^\W\d_]+\.? |\d\w*\.? ){0,2}(?:term|semester|trimester|trimestre|semestre|halbjahr|semestr(?:ul)?|trymestr|"
    r"półrocze|pololetí|polrok|félév|lukukausi|termin|halvår|poolaasta|trimestrul|dönemi?|yarıyıl|семестр|чверть|четверть|"
    r"полугодие|polugodište|polugodje|εξάμηνο|τρίμηνο|τετράμηνο|学期|학기)(?: \d| [IVX]{1,3})?(?:,? \d{4}.*)?",
    re.IGNORECASE,
)


def names_part_of_year(text: str) -> bool:
    """Tell whether a text is called as a school year or one of its parts is."""
    text = " ".join(text.split())
    return len(text) <= _LONGEST and bool(_PART.fullmatch(text))
