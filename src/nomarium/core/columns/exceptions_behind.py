"""Exceptions behind the dates of a cell, "6 Oct – 26 Nov 2026 (not 27 Oct)" → a column of their own."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nomarium.core.columns.contents import is_date_or_span
from nomarium.core.columns.matches import Matches
from nomarium.core.tables import Cell
from nomarium.core.values import are_dates, without_not_on
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns.fields import SheetKind

_FIELDS = frozenset({"", "from", "until"})
_BEHIND = regex(r"\s*[,;(\n]\s*|\s+(?=[^\W\d_]{2})")
"""What may part dates from words behind them."""
_LONGEST = 120


def part_exceptions(matches: Matches, sheet: SheetKind) -> None:
    """Give the dates behind first and last days on which nothing is a column of their own, where none has such."""
    if not {"from", "except"} <= set(sheet.names) or not matches.open("except"):
        return
    for match in matches.all:
        if match.field not in _FIELDS or not match.is_free:
            continue
        texts = [cell for cell in match.column.distinct if isinstance(cell, str) and cell.strip()]
        parts: dict[Cell, tuple[str, str]] = {text: parted_exceptions(text) for text in texts}
        if not any(without for _, without in parts.values()):
            continue
        if all(is_date_or_span(dates) for dates, _ in parts.values()):
            matches.part(match, parts, "except", "exceptions stand behind its dates")
            return


def parted_exceptions(text: str) -> tuple[str, str]:
    """Return a text up to the words behind which it says when not, and the dates there, "" for none."""
    for found in _BEHIND.finditer(text) if len(text) <= _LONGEST else ():
        dates = without_not_on(text[found.end() :].rstrip(" )."))
        if dates and are_dates(dates.strip()):
            return text[: found.start()], dates.strip()
    return text, ""
