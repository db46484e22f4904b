"""Lists of weeks with their letter: which week is week A, which week B."""

from __future__ import annotations

import re
from collections.abc import Sequence
from datetime import date
from itertools import pairwise

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Evidence,
    Field,
    Holds,
    Kind,
    SheetKind,
    Verdict,
    all_of,
    any_of,
    date_of_cell,
    dates_in,
    headed,
    heading_key,
    holds_dates,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.labels import bare_label
from nomarium.core.kinds.samples import SHEET_RULES
from nomarium.core.tables import Column
from nomarium.core.values import ORDERS
from nomarium.lazily import regex

WEEK_OF = (
    "week beginning|week commencing|w/c|w/b|week of|week starting|week starts|monday|week from|week start|first day of week|"
    "week begin date|week starting date|week commencing date|week begins|calendar week start|calendar week start date|reporting week begins|week commencing monday|"
    "monday date|date of monday|mondays|week start date|start of week|w/c date|week commences|"
    "monday of the week|week that begins|starts on monday|woche ab|woche vom|wochenbeginn|wochenanfang|woche beginnt am|"
    "montag der woche|semaine du|semaine commençant le|lundi de la semaine|semana del|semana de|semana que empieza el|"
    "lunes de la semana|settimana del|settimana dal|semana começando|semana com início em|week van|week beginnend op|uge fra|"
    "uge begynder|uke fra|vecka från"
)
"""Headings of the first days of weeks."""
_LETTER = (
    "week|letter|week letter|a/b|a or b|week a/b|week a or b|week type|timetable week|week name|which week|which week it is|"
    "cycle week|sort of week|red or blue week|letter of the week|week pattern|week pattern letter|schedule week|"
    "schedule week type|alternating week|wochentyp|wochenbuchstabe|quelle semaine|semaine a/b|lettre de la semaine|"
    "letra de la semana|tipo de semana|qué semana|lettera della settimana|letra da semana|weekletter|ugebogstav|typ|type|art|tipo|soort|slags"
)


def heads_weeks(heading: str) -> bool:
    """Tell whether a heading is one of the first days of weeks: "Week commencing"."""
    return heading_key(heading) in _WEEK_KEYS


_WEEK_KEYS = frozenset(map(heading_key, WEEK_OF.split("|")))


def week_numbers_in(labels: Sequence[str]) -> list[int | None] | None:
    """Return the numbers that labels of weeks are, None for one that is no number; None where they do not count up.

    "1", "2", "Reading week", "3": most are numbers, and each is the next.
    """
    found = [_NUMBER.fullmatch(label.strip()) for label in labels]
    numbers = [int(match[1]) for match in found if match]
    counted = numbers == list(range(1, len(numbers) + 1)) or numbers == list(range(len(numbers)))
    if not counted or len(numbers) < _FEWEST_NUMBERS or len(numbers) * 2 <= len(labels):
        return None
    return [int(match[1]) if match else None for match in found]


_NUMBER = regex(
    r"(?:(?:teaching |school |term )?(?:week|wk|w|woche|semaine|semana|settimana|vecka|uge|uke)\s?)?(\d{1,2})", re.I
)
_FEWEST_NUMBERS = 3


def _count_up(seen: Evidence) -> Verdict:
    """Weeks are numbered one by one, each whole weeks behind the one before, and nothing else is said of them."""
    column = seen.named.get("start_date")
    alone = seen.table is not None and len(seen.table.columns) == len(seen.named)
    numbered = alone and week_numbers_in(seen.texts("label")) is not None
    return Verdict(
        ""
        if numbered and column is not None and _first_days(column)
        else "no numbers that count up beside days whole weeks apart"
    )


def _whole_weeks(seen: Evidence) -> Verdict:
    """The days begin weeks, one behind the other, and nothing but their letters stands beside them."""
    columns = seen.table.columns if seen.table is not None else []
    dated = [column for column in columns if holds_dates(column)]
    lettered = {bare_label(text, ()) for text in seen.texts("label")} <= set("ABCD")
    alone = len(dated) == 1 and len(columns) == len(dated) + 1 and "label" in seen.named
    firsts = _first_days(dated[0]) if alone and lettered else []
    begin = any(first.weekday() in _BEGIN_WEEKS for first in firsts)
    return Verdict("" if begin else "no letters beside days whole weeks apart")


def _first_days(column: Column) -> list[date]:
    """Return the first day of a column in each order of day and month that makes its days whole weeks apart."""
    readings = [[date_of_cell(cell, order) for cell in column.cells] for order in ORDERS]
    return [first for first, *_ in filter(_weeks_apart, readings) if first is not None]


_BEGIN_WEEKS = (0, 6)
"""Monday and Sunday."""


def _weeks_apart(days: Sequence[date | None]) -> bool:
    known = [day for day in days if day is not None]
    gaps = [(after - before).days for before, after in pairwise(known)]
    return bool(gaps) and len(known) == len(days) and all(gap > 0 and gap % 7 == 0 for gap in gaps)


def _few_letters(seen: Evidence) -> Verdict:
    texts = seen.texts("label")
    letters = {bare_label(text, ()) for text in texts}
    few = 1 < len(letters) <= 4 and all(len(letter) == 1 for letter in letters)
    known = few or week_numbers_in(texts) is not None
    return Verdict("" if known else "no letters of weeks that come again and again, and no numbers that count up")


WEEK_SHEET = SheetKind(
    Kind.WEEKS,
    "weeks",
    (
        Field(
            "start_date",
            "the first day of the week, or any of its days; required",
            f"{WEEK_OF}|date|week date|starting|commencing|beginning|dates",
            Holds.DATE,
            words.FIRST_DAY,
            Blank("Week beginning", "The first day of the week. Required.", date(2026, 9, 7)),
        ),
        Field(
            "label",
            "its letter; required",
            _LETTER,
            Holds.NAMES,
            words.WEEK,
            Blank("Week", "Its letter. Required.", "A"),
            last_word="week",
        ),
    ),
    needs=("date",),
    proof=(
        any_of(all_of(dates_in("start_date"), any_of(headed("start_date", WEEK_OF), _count_up)), _whole_weeks),
        _few_letters,
    ),
    telling=("start_date", "label"),
    blank=BlankSheet(
        "Weeks",
        ("One week a row.", *SHEET_RULES),
        'name it under [year.weeks] in nomarium.toml: letters = "A-B", listed = "{file}"; then: nomarium days',
    ),
)
