"""A file → the table in it: headings, columns of raw cells, and where each stood."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.tables.cells import (
        Cell,
        address,
        column_letters,
        guarded,
        lies_within,
        plain_text,
        range_address,
    )
    from nomarium.core.tables.find import INSTRUCTIONS, OWN_SAMPLES, find_table, look_for_table
    from nomarium.core.tables.grid_view import GridView
    from nomarium.core.tables.headings import (
        CALENDAR_WEEK,
        Vocabulary,
        is_data,
        known_fields,
        lead_in,
        without_lead_in,
    )
    from nomarium.core.tables.oneroster import ONEROSTER_FILES, is_oneroster
    from nomarium.core.tables.open import TableChoices, TextFile, looks_like_calendar, read_grids, read_text
    from nomarium.core.tables.table import Column, Grid, LeftOut, Spot, Table
    from nomarium.core.tables.wording import NO_HEADINGS, NO_ROWS, TWO_TABLES

__all__ = [
    "CALENDAR_WEEK",
    "INSTRUCTIONS",
    "NO_HEADINGS",
    "NO_ROWS",
    "ONEROSTER_FILES",
    "OWN_SAMPLES",
    "TWO_TABLES",
    "Cell",
    "Column",
    "Grid",
    "GridView",
    "LeftOut",
    "Spot",
    "Table",
    "TableChoices",
    "TextFile",
    "Vocabulary",
    "address",
    "column_letters",
    "find_table",
    "guarded",
    "is_data",
    "is_oneroster",
    "known_fields",
    "lead_in",
    "lies_within",
    "look_for_table",
    "looks_like_calendar",
    "plain_text",
    "range_address",
    "read_grids",
    "read_text",
    "without_lead_in",
]

__getattr__ = on_demand(__name__)
