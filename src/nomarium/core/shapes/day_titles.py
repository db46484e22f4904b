"""What the titles above a sheet, its tab and its file say of the days that it is about."""

from __future__ import annotations

import re
from datetime import date, timedelta
from itertools import filterfalse

from nomarium.core.shapes.axis import leading_date, one_date, weekdays_named
from nomarium.core.sheets import dates_without, holding_bound
from nomarium.core.tables import GridView
from nomarium.core.values import month_of, span_of_dates, year_in_titles
from nomarium.lazily import regex


def titles(view: GridView, head: int) -> list[str]:
    """Return the texts above a row, then the name of the tab, then that of the file."""
    return [*view.texts_above(head), *(name.replace("_", " ") for name in view.grid.names)]


def date_of(view: GridView, head: int) -> date | None:
    """Return the one date that the titles, the tab or the file name; None for none."""
    telling = (text for text in titles(view, head) if not speaks_of_else(text))
    return next((day for day in map(date_in_words, telling) if day is not None), None)


def speaks_of_else(text: str) -> bool:
    """Tell whether the dates of a title are others than those of the rows: when nothing is, from when, by when."""
    return is_of_other_days(text) or holding_bound(text, titled=True) is not None


def is_of_other_days(text: str) -> bool:
    """Tell whether a text says when nothing is, or by when or since when something else is so."""
    return bool(dates_without(text) or _OF_OTHERS.search(text))


_OF_OTHERS = regex(
    r"\b(?:no|not|except|closed|cancelled|deadline|due|by|before|after|updated|revised|printed|version|as at|since|"
    r"until|"
    r"kein\w*|nicht|außer|geschlossen|stand|bis|vor|nach|seit|pas de|sauf|fermé|avant|après|jusqu.au|mis à jour|sin|"
    r"salvo|cerrado|antes|hasta|nessun\w*|chiuso|entro|fino al|geen|behalve|gesloten|voor|tot|ingen|inga|utom|"
    r"stängt|senast)\s+(?:\w+\s+){0,4}?\d",
    re.IGNORECASE,
)


def days_of(view: GridView, head: int) -> tuple[date, ...]:
    """Return the days from when until when a title says that a sheet holds, on the weekdays that it names.

    None where it names no weekdays, and a weekend may be meant or not.
    """
    for text in filterfalse(speaks_of_else, titles(view, head)):
        if (span := span_of_dates(text)) is not None:
            whole = [span.first + timedelta(days=step) for step in range((span.last - span.first).days + 1)]
            named = weekdays_named(f"{span.before} {span.behind}")
            sure = bool(named) or len({one.weekday() // _SATURDAY for one in whole}) == 1
            on = tuple(one for one in whole if not named or one.weekday() in named)
            return on if sure and len(on) <= _MOST_DAYS else ()
    return ()


_DAYS_AND_YEAR = regex(r"(?<!\d[-./])(?<!\d)\d{1,2}\s*[-–]\s*\d{1,2},?\s+\d{4}\b")
_SATURDAY = 5
_MOST_DAYS = 60
_MOST_WORDS = 8
"""Words of a date, its weekday and what parts them included."""
_COUNTS = range(2, _MOST_WORDS + 1)


def date_in_words(text: str) -> date | None:
    """Return the first date that stands in a text; None for none, and for a span: “July 12–16, 2027”."""
    months = sum(month_of(word) is not None for word in re.findall(r"[^\W\d_]{3,}", text))
    if _DAYS_AND_YEAR.search(text) or (months > 1 and span_of_dates(text) is not None):
        return None
    if (whole := one_date(text.strip(" ,.:()"))) is not None:
        return whole
    for part in re.split(r"[()\[\]]", text):  # “November 2026 (2–8)” is no second of August
        words = _DASH.sub(" ", part).replace("–", " – ").split()
        runs = (leading_date(words[at : at + _MOST_WORDS], _COUNTS, " ,.:") for at in range(len(words)))
        if (day := next((found[0] for found in runs if found is not None), None)) is not None:
            return day
    return None


_DASH = regex(r"(?<![\d ]) *– *")
"""A dash that parts no days: “Sept 8 – Nov 27” is a span, and not the eighth of November."""


def year_above(view: GridView, head: int) -> int:
    """Return the one year that the titles, the tab or the file name; 0 for none, and for a school year."""
    year = year_in_titles([*view.texts_above(head), view.grid.sheet or "", view.grid.file])
    return 0 if year is None or year.crosses else year.first.year


def week_of(view: GridView, head: int) -> date | None:
    """Return the Monday of the week that a title, the tab or the file says it is; None where none says it."""
    above = filterfalse(speaks_of_else, filter(_WEEK_OF.search, titles(view, head)))
    day = next(filter(None, map(date_in_words, above)), None)
    return day if day is not None and day.weekday() == 0 else None


_WEEK_OF = regex(
    r"\b(?:week (?:of|beginning|commencing|starting|from|van)|w[/-]?[cb]\b|woche vom|semaine du|semana del|"
    r"settimana del)",
    re.IGNORECASE,
)
