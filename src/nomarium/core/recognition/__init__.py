"""Which kind of sheet a sheet is: every kind is held against it, with what speaks for it and against it."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.recognition.days import (
        FAMILIES,
        LETTER_FAMILY,
        NAME_FAMILY,
        NUMBER_FAMILY,
        any_days,
        families,
        label_columns,
        plain_or_named,
    )
    from nomarium.core.recognition.recognise import Candidate, Recognised, candidates, recognise
    from nomarium.core.recognition.tables_apart import TableApart, tables_apart

__all__ = [
    "FAMILIES",
    "LETTER_FAMILY",
    "NAME_FAMILY",
    "NUMBER_FAMILY",
    "Candidate",
    "Recognised",
    "TableApart",
    "any_days",
    "candidates",
    "families",
    "label_columns",
    "plain_or_named",
    "recognise",
    "tables_apart",
]

__getattr__ = on_demand(__name__)
