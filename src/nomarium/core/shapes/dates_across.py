"""Rows with a date in each of several columns, "Date 1 | Date 2" or "2026 | 2027" → a row for each date."""

from __future__ import annotations

import re

from nomarium.core.columns import Kind, holds_dates
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Cell, Column, Grid, GridView, plain_text
from nomarium.core.values import month_of
from nomarium.lazily import regex

_MOST_ABOVE = 6
_FEWEST_COLUMNS = 2
_NUMBERED = regex(
    r"(?:\d{1,2}(?:st|nd|rd|th|\.|º|ª|e)?\s+)?"
    r"(?P<word>dates?|datum|termin|fecha|data|dato|session|meeting|séance|sesión|incontro|sitting|visit|rehearsal|"
    r"performance|show|workshop|occurrence|spotkanie|möte|møde|møte|réunion|reunión|riunione|treffen|sitzung)"
    r"(?:\s*(?:no\.?|nr\.?|#)?\s*\d{1,2})?",
    re.IGNORECASE,
)


def dates_across(grid: Grid) -> Unfolded | None:
    """Return the list of events whose rows have their dates in several columns of one kind; None for other sheets."""
    view = GridView(grid)
    for head in range(min(_MOST_ABOVE, len(view.rows))):
        headings = dict(view.filled(head))
        several = [column for column, text in headings.items() if _is_one_of_several(text)]
        if len(several) < _FEWEST_COLUMNS or len(several) == len(headings):
            continue
        below = range(head + 1, len(view.rows))
        columns = [Column("", column, [view.cell(row, column) for row in below]) for column in several]
        alike = len({_kind(headings[column]) for column in several}) == 1
        if not alike or not any(cell != "" for one in columns for cell in one.cells):
            continue
        if all(any(cell != "" for cell in one.cells) and holds_dates(one) for one in columns):
            return _list(view, head, several)
        below_months = all(_kind(headings[column]) == "month" for column in several)
        filled = [plain_text(cell) for one in columns for cell in one.cells if cell != ""]
        if below_months and all(map(_DAYS.fullmatch, filled)):
            return _list(view, head, several)
    return None


_DAY = r"\d{1,2}(?:st|nd|rd|th|\.|º|er)?"
_DAYS = regex(rf"\s*{_DAY}(?:\s*(?:[,;&/+\n]|and|und|et|y|e|en|og|och)\s*{_DAY})*\s*")
"""Days of the month that heads them: “2, 23”."""


def _dates_in(view: GridView, row: int, head: int, column: int) -> list[Cell]:
    """Return the dates of a cell; numbers below a month are its days, dates below a year are of it."""
    cell = view.cell(row, column)
    text = plain_text(cell)
    if _kind(view.text(head, column)) == "year" and isinstance(cell, str) and not _YEAR.search(text):
        return [f"{text} {view.text(head, column).strip()}"]
    if _kind(view.text(head, column)) != "month" or not _DAYS.fullmatch(text):
        return [cell]
    return [f"{day} {view.text(head, column)}" for day in re.findall(r"\d+", text)]


def _is_one_of_several(heading: str) -> bool:
    numbered = _NUMBERED.fullmatch(heading.strip())
    return bool(numbered and any(map(str.isdigit, heading))) or _kind(heading) in ("month", "year")


_YEAR = regex(r"(?<!\d)(?:19|20|21)\d\d(?!\d)")


def _kind(heading: str) -> str:
    """Return what a heading counts: "month", "year", or the word beside its number."""
    words = heading.split()
    if _YEAR.fullmatch(heading.strip()):
        return "year"
    if words and month_of(words[0]) is not None and all(word.isdigit() for word in words[1:]):
        return "month"
    numbered = _NUMBERED.fullmatch(heading.strip())
    return numbered["word"].casefold() if numbered else ""


def _list(view: GridView, head: int, several: list[int]) -> Unfolded:
    others = [column for column in range(view.width) if column not in several]
    listed = ListRows(view, head)
    listed.add(head, others, ("Date", (head, several[0])))
    for row in range(head + 1, len(view.rows)):
        dated = [column for column in several if view.cell(row, column) != ""]
        filled = any(True for _ in view.filled(row))
        for column in dated or several[:1] if filled else ():
            for day in _dates_in(view, row, head, column):
                listed.add(row, others, (day, (row, column)))
    names = ", ".join(view.text(head, column) for column in several[:2])
    more = ", …" if len(several) > _FEWEST_COLUMNS else ""
    why = f"each row has its dates in several columns ({names}{more})"
    return listed.unfolded(Kind.EVENTS, "", why)
