"""Rows with a name each, months across (or the other way round), and days of them in the cells → a list of events."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence

from nomarium.core.columns import Kind
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.headless import small_view
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Grid, GridView
from nomarium.core.values import month_of, weekday_in_any
from nomarium.lazily import regex

_MOST_ABOVE = 6
_FEWEST_MONTHS, _MOST_LEADS = 2, 4
_APART = regex(r"\s*(?:[,;&+/\n]|\b(?:and|und|et|y|e|en|och|og)\b)\s*", re.IGNORECASE)
_DAY = regex(r"(?:(?P<weekday>[^\W\d_]{1,12})\.?\s+)?(?P<day>\d{1,2})(?:st|nd|rd|th|er|\.)?", re.IGNORECASE)
_MONTH = regex(r"(?P<month>[^\W\d_]{3,12})\.?(?:\s+(?P<year>\d{4}))?")


def months_across(grid: Grid) -> Unfolded | None:
    """Return the list of what is on the days that stand where a name and a month meet; None for other sheets."""
    upright = small_view(grid)
    for view in (upright, GridView(grid, turned=True)) if upright is not None else ():
        for head in range(min(_MOST_ABOVE, len(view.rows))):
            headings = dict(view.filled(head))
            months = [column for column, text in headings.items() if _is_month(text)]
            leads = range(min(months, default=0))
            if (
                len(months) < _FEWEST_MONTHS
                or not 0 < len(leads) <= _MOST_LEADS
                or len(months) < len(headings) - len(leads)
            ):
                continue
            if (listed := _list(view, head, list(leads), months)) is not None:
                return listed
    return None


def _is_month(text: str) -> bool:
    match = _MONTH.fullmatch(text.strip())
    return match is not None and month_of(match["month"]) is not None


def _list(view: GridView, head: int, leads: Sequence[int], months: Sequence[int]) -> Unfolded | None:
    """Return the list; None where a cell below the months holds anything but days, or all of them bare numbers."""
    below = range(head + 1, len(view.rows))
    leads = [lead for lead in leads if view.text(head, lead) and any(view.text(row, lead) for row in below)]
    if not leads:
        return None
    listed = ListRows(view, head)
    date_head = ("Date", (head, months[0]))
    if view.turned:
        leads = leads[:1]  # “Month” heads the months, and not the names
        listed.add(head, (), ("Title", (head, leads[0])), date_head)
    else:
        listed.add(head, leads, date_head)
    found: list[str] = []
    for row in below:
        for column in months:
            text = view.text(row, column)
            if not text or is_free(text):
                continue
            days = list(_days_in(text))
            if not days or not view.text(row, leads[0]):
                return None
            found += [text] if len(days) > 1 or not text.isdecimal() else []
            for day in days:
                listed.add(row, leads, (f"{day} {view.text(head, column)}", (row, column)))
    if not found:
        return None
    shown = ", ".join(view.text(head, column) for column in months[:2])
    side = "down" if view.turned else "across"
    why = f"months stand {side} ({shown}, …), names on the other side, and days in the cells"
    return listed.unfolded(Kind.EVENTS, "" if view.turned else view.text(head, leads[0]), why)


def _days_in(text: str) -> Iterator[str]:
    """Yield the days of a month that a cell names: "Tue 12, Tue 26"; none where it says anything else."""
    found = [_DAY.fullmatch(part) for part in _APART.split(text.strip())]
    if all(one and _is_weekday(one["weekday"] or "") for one in found):
        yield from (f"{one['weekday'] or ''} {one['day']}".strip() for one in found if one)


def _is_weekday(word: str) -> bool:
    """Tell whether a word ahead of a day is a weekday, or none; “mar.” is one where the months are headed."""
    return not word or word.casefold() == "mar" or weekday_in_any(word) is not None
