"""What a workbook's look says and its values do not: hidden rows, cells crossed out, merged areas."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from nomarium.core.tables.table import Spot

Box = tuple[int, int, int, int]
"""A merged area: first row, first column, last row, last column, counted from 0."""


@dataclass(slots=True)
class Looks:
    """What one sheet looks like; rows and columns are counted from 0."""

    hidden: set[int] = field(default_factory=set)
    """Rows that a filter or a person has hidden."""
    struck: set[Spot] = field(default_factory=set)
    """Cells that are crossed out."""
    merged: list[Box] = field(default_factory=list)
