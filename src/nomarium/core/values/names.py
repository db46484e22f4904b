"""Cells that name people → the people: whether commas stand within names ("Nettle, Mina") or between them.

That is decided for a whole column, as the order of dates is: by what its own cells and other sheets prove.
"""

from __future__ import annotations

import re
from collections.abc import Collection, Iterable, Sequence
from dataclasses import dataclass
from typing import Literal

from nomarium.core.values.forms import TITLED_FORM
from nomarium.core.values.typed import is_to_come
from nomarium.lazily import regex

Commas = Literal["within", "between"] | None
"""What is stated of the commas in a column of people; None where nothing is."""

_SEPARATORS = regex(r"[;\n|]")
_INITIALS = regex(r"[^\W\d_a-z]{1,4}\d?")
_WITH_INITIAL = regex(r"(?:(?:Mr|Mrs|Ms|Miss|Mx|Dr|Prof|Herr|Frau|M|Mme|Mlle|Sr|Sra|Sig)\b\.? |[^\W\d_]\.[ -]?)\S.*")
_NOBODY = frozenset(("n.n.", "n. n.", "vacant", "vacancy", "vakant", "unassigned", "to be assigned"))
_SUFFIX = regex(r"(?:jr|sr|ii|iii|phd|md|esq|b\.?a|m\.?a|msc|bsc)\.?", re.IGNORECASE)


@dataclass(frozen=True, slots=True)
class NameReader:
    """Parts the cells of one column into people."""

    between: bool = True
    """Whether a comma parts two people."""
    unsure: str = ""
    """The first cell that could be one person or two, where nothing tells which."""

    @classmethod
    def of(cls, texts: Sequence[str], stated: Commas, known: Collection[str]) -> NameReader:
        """Decide for a column's cells; ``known`` are the case folded names that other sheets prove."""
        if stated is not None:
            return cls(stated == "between")
        distinct = [text for text in dict.fromkeys(texts) if text.strip()]
        items = [item.strip() for text in distinct for item in _SEPARATORS.split(text) if item.strip()]
        with_comma = [item for item in items if _commas(item)]
        if not with_comma:
            return cls()
        alone = {item.casefold() for item in items if not _commas(item)} | set(known)
        separated = any(_SEPARATORS.search(text.strip()) for text in distinct)
        between = (
            any(TITLED_FORM.fullmatch(item) for item in items if not _commas(item))  # “Dr Hale”: no last name first
            or any(map(_is_list, with_comma))
            or _change_places(with_comma)
            or all(_parts_stand_alone(item, alone) for item in with_comma)
        )
        within = separated or any(item.casefold() in known for item in with_comma) or _all_reversed(items)
        if between == within:
            return cls(between, next(text for text in texts if _commas(text)))
        return cls(between)

    def read(self, text: str) -> tuple[str, ...]:
        """Return the people of a cell, each once, in their order; “N.N.”, “TBA” and “vacant” are nobody."""
        if _SEPARATORS.search(text.strip()):
            parts = re.split(r"[;]" if ";" in text else r"[\n|]", text)
        else:
            parts = text.split(",") if self.between and _commas(text) else [text]
        names = dict.fromkeys(" ".join(part.split()) for part in parts)
        return tuple(name for name in names if name and not (is_to_come(name) or name.casefold() in _NOBODY))


def _commas(text: str) -> bool:
    """Tell whether a text has a comma that is not the one before "Jr." or a degree."""
    parts = [part.strip() for part in text.split(",")]
    return len([part for part in parts if part and not _SUFFIX.fullmatch(part)]) > 1


def _is_list(item: str) -> bool:
    """Tell whether an item can only be several people: three of them, or each with a title or initial, or initials."""
    parts = [part.strip() for part in item.split(",") if part.strip()]
    if len(parts) > 2:
        return True
    return all(map(_INITIALS.fullmatch, parts)) or all(map(_WITH_INITIAL.fullmatch, parts))


def _change_places(items: Sequence[str]) -> bool:
    """Tell whether a word stands in front of a comma here and behind one there: "Nora, Ivo" and "Ivo, Tam"."""
    parts = [[part.strip().casefold() for part in item.split(",")] for item in items]
    return not {one[0] for one in parts}.isdisjoint(other for one in parts for other in one[1:])


def _parts_stand_alone(item: str, alone: Collection[str]) -> bool:
    return all(part.strip().casefold() in alone for part in item.split(","))


_FEWEST_REVERSED = 2


def _all_reversed(items: Sequence[str]) -> bool:
    """Tell whether every item has the form "Last, First": one comma, no initial or number in front of it."""
    forms = [item.split(",") for item in items]
    reversed_ = all(len(form) == 2 and not re.search(r"\d|\b\w\.", form[0]) for form in forms)
    return reversed_ and len(items) >= _FEWEST_REVERSED


def are_reversed_names(distinct: Iterable[str]) -> bool:
    """Tell whether all of several texts are names of people, the last name first: "Nettle, Mina"."""
    count = 0
    for text in distinct:
        if text.strip():
            if not _REVERSED.fullmatch(text):
                return False
            count += 1
    return count >= _FEWEST_REVERSED


_REVERSED = regex(r"(?!\d)[^\W\d_]+(?:[ '’-][^\W\d_]+){0,3}, [^\W\d_]+(?:[ '’-][^\W\d_]+){0,2}\.?")


def name_key(name: str) -> str:
    """Return what makes the spellings of one person's name one: "Nettle, Mina" and "Mina Nettle" are alike."""
    last, comma, first = name.partition(",")
    turned = f"{first} {last}" if comma else name
    return " ".join(turned.split()).casefold()
