"""The forms that names have, where nothing else tells what they name: classes, rooms, people."""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence

from nomarium.lazily import regex

_CLASS = (
    r"\d{1,2}[ ./-]?[^\W\d_]{1,2}\d?|\d{1,2}(?:[ºª°.]|er|ère|nde?|de|[eè]me|e) ?[A-Z\d]{1,2}|\d年[A-Z\d]{1,2}組|"
    r"\d{1,2}[ºª°] ?(?:ESO|Bach\w{0,9}|Primaria|Infantil|EP|EM|ano|año|curso)\.?(?: ?[A-Z\d]{1,2})?|"
    r"(?:Year|Grade|Klasse|Form|Class|Kl|Classe|Clase|Primary)\.? ?\d{1,2}[^\W\d_]?|[SPY] ?\d{1,2}[^\W\d_]?"
)
_CAPITAL = "[A-ZÀ-ÖØ-ÞĀČĐĒĢĪĶĻŅŌŠŪŽŁŚŻÇĞİŞÑ]"
_TITLES = (
    r"(?:Mr|Mrs|Ms|Miss|Mx|Dr|Nurse|Sister|Coach|Rev|Herr|Hr|Frau|Fr|Fru|Frk|M|Mme|Mlle|Madame|Monsieur|Sr|Sra|Srta|"
    r"Dra|Sig|Ing|Mgr|Mevr|Mw|Dhr|Lic|(?i:prof(?:\.?ssa)?|dott(?:\.?ssa)?|sig\.?r?a|dr\.?ssa|pani?|maestr[oa]))\b\.?"
)
_TITLE = rf"{_TITLES} \S.*|[^\W\d_]\.[ -]?(?!\d)\S.*"

CLASS_FORM = regex(_CLASS, re.IGNORECASE)
"""“7a”, “10 B”, “Year 9”."""
ROOM_FORM = regex(
    rf"(?!(?:{_CLASS})$)(?=.*\d)(?:[^\W\d_]{{0,10}}(?:\.? |[.-])?\d{{1,4}}[a-z]?|\d{{1,4}})", re.IGNORECASE
)
"""“R12”, “Lab 3”, “204”."""
TITLE_ALONE = regex(_TITLES)
"""“Mr”, “Dr.”: how people are addressed."""
TITLED_FORM = regex(_TITLE)
"""“Ms Okafor”, “D. Pell”."""
TITLED_WITHIN = regex(
    rf"(?P<ahead>\S.*?),? (?:(?:with|mit|avec|con|com|med|met) )?"
    rf"(?P<name>{_TITLES} (?:(?:de|di|du|von|van|der|den|le|la|da|dos) )*{_CAPITAL}[^\W\d_][^\W\d_'’-]*)"
    r"(?:,? (?P<behind>\S.*))?"
)
"""Words, somebody with a title, and perhaps more words: “Maths Mme Roy S4”."""
TEACHER_FORM = regex(rf"{_TITLE}|[A-Z]{{2,4}}")
"""“Ms Okafor”, “D. Pell”, or initials."""
PERSON_FORM = regex(
    rf"{_TITLE}|[^\W\d_]+(?:[ -][^\W\d_]+)*, [^\W\d_].*|"
    rf"{_CAPITAL}[^\W\d_]+(?: [^\W\d_]\.?)?(?: {_CAPITAL}[^\W\d_'’-]+){{1,2}}"
)
"""“Amal Haddad”, “Haddad, Amal”, “D. Pell”, “Nurse Abiola”."""


def most_are(texts: Sequence[str], form: re.Pattern[str]) -> bool:
    """Tell whether more than half of some texts have a form; of very many, those that stand evenly among them."""
    texts = texts[:: len(texts) // _MOST_LOOKED_AT + 1]
    return sum(bool(form.fullmatch(text)) for text in texts) * 2 > len(texts) > 0


def are_people(names: Sequence[str], heads: Callable[[str], object]) -> bool:
    """Tell whether most names have the form of people's, and none has a word, but initials, that ``heads`` columns."""
    words = {word for name in names for word in name.split() if not _INITIAL.fullmatch(word)}
    return most_are(names, PERSON_FORM) and not any(map(heads, words))


_INITIAL = regex(r"[^\W\d_]\.")
_MOST_LOOKED_AT = 4_000
