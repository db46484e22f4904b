"""A reader of days for sheets whose school is not known yet, and the columns of a list that hold such days."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Sequence
from datetime import date
from functools import cache
from itertools import pairwise

from nomarium.core.columns import Evidence, Headings, heading_key, holds_dates, holds_times, holds_weekdays
from nomarium.core.kinds import DAY_SHEET, LETTERS, NUMBERS, SPECIAL_SHEET, bare_label
from nomarium.core.slots import DayReader
from nomarium.core.tables import Grid, plain_text
from nomarium.core.year import CycleRule, SchoolYear, Term, WeekRules, YearRules

LETTER_FAMILY, NUMBER_FAMILY, NAME_FAMILY = "letters", "numbers", "names"


FAMILIES = (LETTER_FAMILY, NUMBER_FAMILY, NAME_FAMILY)


def families(names: Sequence[str] = ()) -> tuple[str, ...]:
    """Return the cycles whose labels a sheet may have: those of names alone, where a list of dates proves some."""
    return (NAME_FAMILY,) if names else (LETTER_FAMILY, NUMBER_FAMILY)


@cache
def any_days(names: tuple[str, ...] = ()) -> DayReader:
    """Return a reader of days for a school whose labels are not known: A to L, 1 to 12, and some ``names``."""
    term = Term("Year", date(2026, 9, 1), date(2026, 9, 30))
    labels = zip(FAMILIES, (LETTERS, NUMBERS, names), strict=True)
    cycles = tuple(CycleRule(*one) for one in labels if one[1])
    return DayReader(SchoolYear(YearRules((term,), cycles=cycles, weeks=WeekRules(letters=("A", "B")))))


def label_columns(grid: Grid) -> dict[str, list[str]]:
    """Return by their headings the columns of a list of dates whose texts are few and come again and again.

    They may be the labels of cycles; none where another column says of most dates something of its own.
    """
    seen = Evidence.of(grid, DAY_SHEET, {})
    table = seen.table
    if table is None or len(table) < _FEWEST_ROWS or not any(map(holds_dates, table.columns)):
        return {}
    found: dict[str, list[str]] = {}
    of_special = Headings(SPECIAL_SHEET)
    for column in table.columns:
        special = of_special(column.heading) == "summary" and seen.heading("summary") != heading_key(column.heading)
        if holds_dates(column) or holds_weekdays(column) or not column.heading or special:
            continue
        if holds_times(column):
            return {}
        texts = [" ".join(plain_text(cell).split()) for cell in column.cells if cell != ""]
        if _come_again(texts) and heading_key(column.heading) not in _NEVER:
            found[column.heading] = texts
        elif len(texts) * 2 > len(table) and len(set(texts)) * 2 > len(texts):
            return {}
    return found


_FEWEST_ROWS = 6
_MOST_LABELS = 12
_NEVER = frozenset("weekday week term month year room teacher class division start end time place location".split())
"""Headings of columns whose texts come again, and are no labels of a cycle's days."""


def _come_again(texts: Sequence[str]) -> bool:
    """Tell whether texts are few and come again: all short, and each of most stands there several times."""
    known = Counter(texts)
    labels = [text for text, count in known.items() if count > 1]
    often = sum(known[text] for text in labels) * 4 >= len(texts) * 3
    return 1 < len(labels) <= _MOST_LABELS and often and len(known) * 3 <= len(texts) * 2


def in_turn(texts: Sequence[str]) -> bool:
    """Tell whether texts follow one another as labels of a cycle do: mostly, one comes behind another."""
    after: dict[str, Counter[str]] = {}
    for text, other in pairwise(texts):
        after.setdefault(text, Counter())[other] += 1
    usual = sum(count for counts in after.values() for text, count in counts.most_common(1) if count)
    same = sum(counts[text] for text, counts in after.items())
    return usual * 10 >= (len(texts) - 1) * 7 and same * 10 <= len(texts)


def plain_or_named(texts: Sequence[str], names: Sequence[str]) -> Iterator[str]:
    """Yield the labels that texts mean: letters, numbers, and those of ``names``."""
    for text in texts:
        for labels in (LETTERS, NUMBERS, names):
            if (label := bare_label(text, labels)) in labels:
                yield label
                break
