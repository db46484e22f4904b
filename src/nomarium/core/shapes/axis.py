"""A row of days: dates, day numbers below a month, weekdays, or labels with their word ("Day 1")."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime, timedelta
from functools import cache
from itertools import islice, pairwise

from nomarium.core.tables import Cell, GridView, plain_text
from nomarium.core.values import (
    MONTH_NAMES,
    ORDERS,
    WEEKDAY_NAMES,
    Order,
    date_in,
    days_of_week,
    in_reach,
    is_date,
    may_be_short_weekday,
    month_named,
    month_of,
    on_or_after,
    span_of_dates,
    weekday_in_any,
    weekdays_in_turn,
    year_in_titles,
)
from nomarium.lazily import regex

FEWEST_HEADS = 2
_NUMBER = regex(r"(?P<number>\d{1,2})(?:st|nd|rd|th|\.|º|er)?", re.IGNORECASE)
_DAY_AND_NUMBER = regex(r"(?P<weekday>[^\W\d_]{1,12})\.?,?\s+(?P<number>\d{1,2})(?:st|nd|rd|th|\.)?", re.IGNORECASE)
_LABEL = regex(r"(?:day|tag|jour|día|dia|giorno|dag)\s*[:#-]?\s*(?:[A-L]|\d{1,2})", re.IGNORECASE)
_DAY_OF_WEEK = regex(
    r"(?:week|wk|woche|semaine|semana|vecka|uge)\s*(?:[A-D]|\d)\s*[:,/–-]?\s*(?P<behind>[^\W\d_]{2,12})"
    r"|(?P<before>[^\W\d_]{2,12})\s*[:,/–-]?\s*\(?(?:week|wk|woche|semaine|semana|vecka|uge)\s*(?:[A-D]|\d)\)?",
    re.IGNORECASE,
)
"""A weekday in a lettered or numbered week: "Week 1 Mon", "Mon (week B)"."""
_PAIR = regex(r"\d{1,2}\s*[-–]\s*\d{1,2}")
"""Two numbers that are hours rather than a day and a month."""
_LONGEST_HEAD = 40
_WEEK_OF = regex(
    r"^(?:w[/-]?[cb]\.?|wk\.?|week (?:of|beginning|commencing|starting)|woche (?:ab|vom)|semaine du|semana del|"
    r"settimana del|uge fra|uke fra|vecka från|week van)\s+(?=\S*\d|\S+ \d)|"
    r"^(?:weeks?|wk|woche|kw|semaine|semana|settimana|vecka|uge|uke)\.?\s*\d{1,2}\s*[:,(–-]+\s*(?=\S*\d|\S+ \d)",
    re.IGNORECASE,
)
"""What stands in front of the date of a week."""
_SAMPLE = 14
"""So many cells of a row are looked at first: most rows are no days."""


@dataclass(frozen=True, slots=True)
class Axis:
    """The days that head the columns of a view, and the rows that say them."""

    row: int
    last_row: int
    dated: bool
    """Whether its heads are dates, and not weekdays or labels."""
    heads: dict[int, Cell]
    """What a list would say below Date or Day, by the columns."""
    weekdays: dict[int, str]
    """The weekdays that stand beside dates in a row of their own."""


@cache
def _head_kind(text: str) -> str:
    """Tell what a text is that may head a column: a date, a day's number, a weekday, a label, or "" for another."""
    if len(text) > _LONGEST_HEAD or text.isspace():
        return ""
    text = _WEEK_OF.sub("", text)
    number = _NUMBER.fullmatch(text)
    if number:
        return "number" if 1 <= int(number["number"]) <= 31 else ""
    if all(weekday_in_any(part) is not None for part in _SEVERAL_DAYS.split(text)):
        return "weekday"
    both = _DAY_AND_NUMBER.fullmatch(text)
    if both and weekday_in_any(both["weekday"]) is not None:
        return "number" if 1 <= int(both["number"]) <= 31 else ""
    in_week = _DAY_OF_WEEK.fullmatch(text)
    if _LABEL.fullmatch(text) or (in_week and weekday_in_any(in_week["behind"] or in_week["before"]) is not None):
        return "label"
    timed = _DATE_AND_TIME.fullmatch(text)
    day = timed["day"] if timed else text
    return "date" if any(map(str.isdigit, day)) and is_date(day) and not _PAIR.fullmatch(day) else ""


_SEVERAL_DAYS = regex(r"\s*[,;/&+]\s*|\s+(?:and|und|et|y|e|en|och|og|i|a)\s+")
"""Between the weekdays of one head: “Mon & Wed”."""
_DATE_AND_TIME = regex(
    r"(?P<day>.*\d)\.?,?\s+(?:at\s+|um\s+|à\s+)?\d{1,2}(?:[:h]\d{2}|\s?[ap]m)(?:\s*(?:uhr|h|[ap]m))?",
    re.IGNORECASE,
)
"""A date with the time at which something begins on it."""


def is_word(text: str) -> bool:
    """Tell whether a text is no day, no week and no month: it may head a column of a list."""
    plain = " ".join(text.split())
    return not _head_kind(plain) and month_of(plain.split()[0]) is None and any(map(str.isalpha, plain))


def _kind_of(cell: Cell) -> str:
    if isinstance(cell, date | datetime):
        return "date"
    return _head_kind(" ".join(plain_text(cell).split())) if cell != "" else ""


def axis_at(view: GridView, row: int, *, again: bool = False, alone: bool = False) -> Axis | None:
    """Return the days that stand in a row, with the rows of weekdays and months beside it; None where none do.

    ``again`` is for days below others: what stands above them are cells, and no headings. ``alone`` takes days
    from the first column on, where otherwise names stand: days that begin there are none beside names.
    """
    sample = [kind for column, _ in islice(view.filled(row), _SAMPLE) if (kind := _kind_of(view.cell(row, column)))]
    in_turn = _weekdays_in_turn(view, row)
    if max(len(sample), len(in_turn)) < FEWEST_HEADS:
        return None
    kinds = {column: kind for column, _ in view.filled(row) if (kind := _kind_of(view.cell(row, column)))}
    if len(in_turn) > sum(kind == "weekday" for kind in kinds.values()):
        kinds = dict.fromkeys(in_turn, "weekday")
    main = max(kinds.values(), key=list(kinds.values()).count, default="")
    columns = _columns_of(view, row, kinds, main, alone=alone)
    if len(columns) < FEWEST_HEADS or any(view.text(row, c) and c not in columns for c in _between(columns)):
        return None
    if not again and _stand_below_headings(view, row, columns):
        return None
    if main == "number":
        return _numbered(view, row, columns)
    heads: dict[int, Cell] = {}
    for column in columns:  # a merged head holds for all of its columns
        cell = in_turn.get(column, view.cell(row, column)) if main == "weekday" else view.cell(row, column)
        heads |= dict.fromkeys(range(column, view.end(row, column)[1] + 1), cell)
    if main == "date":
        return None if _are_clocks(list(heads.values())) else _dated(view, row, heads)
    dated = _from_title(view, row, heads) if main == "weekday" else None
    return dated or (Axis(row, row, False, heads, {}) if len(set(heads.values())) == len(columns) else None)


def _are_clocks(heads: Sequence[Cell]) -> bool:
    """Tell whether heads are times with dots, and no dates: “9.00, 10.00, 11.15”, of which one names no month."""
    matches = [_DOTTED_PAIR.fullmatch(head.strip()) if isinstance(head, str) else None for head in heads]
    behind = [int(match[1]) for match in matches if match]
    return len(behind) == len(matches) and any(not 1 <= number <= _MONTHS_OF_A_YEAR for number in behind)


_DOTTED_PAIR = regex(r"\d{1,2}\.(\d{2})")
_MONTHS_OF_A_YEAR = 12


def _weekdays_in_turn(view: GridView, row: int) -> dict[int, Cell]:
    """Return the weekdays, by name, that neighbouring cells of a row are in one language's short forms: "pn", "wt"."""
    texts = [(column, text) for column, text in islice(view.filled(row), _SAMPLE) if may_be_short_weekday(text)]
    runs: list[list[tuple[int, str]]] = []
    for one in texts:
        if runs and view.end(row, runs[-1][-1][0])[1] + 1 == one[0]:
            runs[-1].append(one)
        else:
            runs.append([one])
    longest = max(runs, key=len, default=[])
    for length in range(min(_DAYS_OF_A_WEEK, len(longest)), FEWEST_HEADS, -1):
        for first in range(len(longest) - length + 1):
            part = longest[first : first + length]
            if days := weekdays_in_turn(tuple(text for _, text in part)):
                return {column: WEEKDAY_NAMES[day] for (column, _), day in zip(part, days, strict=True)}
    return {}


def _columns_of(view: GridView, row: int, kinds: Mapping[int, str], main: str, *, alone: bool) -> list[int]:
    """Return the columns whose heads are days of one kind; none where the first column is one, unless ``alone``.

    The first of several numbers is no day where the second does not follow upon it: it heads the lines.
    """
    columns = [column for column in range(view.width) if kinds.get(column) == main]
    if alone or columns[:1] != [0]:
        return columns
    numbers = (
        [int(re.findall(r"\d+", view.text(row, column))[-1]) for column in columns[:2]] if main == "number" else []
    )
    counts_lines = len(numbers) > 1 and numbers[1] not in (numbers[0] + 1, 1)
    return columns[1:] if counts_lines else []


def carried(view: GridView, axis: Axis) -> Axis:
    """Return days that hold for the columns behind them, too, where these have cells but no head: said once for all."""
    heads: dict[int, Cell] = {}
    weekdays = dict(axis.weekdays)
    before: int | None = None
    for column in range(view.width):
        if column in axis.heads:
            heads[column], before = axis.heads[column], column
        elif before is not None and not view.text(axis.row, column) and _has_cells(view, axis.last_row, column):
            heads[column] = axis.heads[before]
            weekdays |= {column: weekdays[before]} if before in weekdays else {}
    return Axis(axis.row, axis.last_row, axis.dated, heads, weekdays)


def weeks_down(view: GridView, axis: Axis, lead: int) -> list[Axis]:
    """Return for each line below weekdays that begins with a date the dates of its week; none unless all are so.

    Dates in digits are read in the order in which they are whole weeks apart.
    """
    rows = [row for row in range(axis.last_row + 1, len(view.rows)) if view.text(row, lead)]
    weekdays = {column: weekday_in_any(str(head)) for column, head in axis.heads.items()}
    cells = [view.cell(row, lead) for row in rows]
    firsts = _weeks_apart(cells) or _weeks_of_year(
        cells, [view.text(axis.row, lead), *view.texts_above(axis.row)], view
    )
    if axis.dated or not firsts or None in weekdays.values():
        return []
    found = []
    first_of = dict(zip(rows, firsts, strict=True))
    first = firsts[0]
    for row in range(rows[0], len(view.rows)):
        first = first_of.get(row, first)  # a line without a date goes on with the week before it
        heads: dict[int, Cell] = {
            column: on_or_after(first, weekday) for column, weekday in weekdays.items() if weekday is not None
        }
        found.append(Axis(row, row, True, heads, {}))
    return found


_FEWEST_WEEKS = 2


def _weeks_of_year(cells: Sequence[Cell], titles: Sequence[str], view: GridView) -> list[date]:
    """Return cells as dates whole weeks apart in the year that titles, the tab or the file name; none otherwise."""
    year = year_in_titles([*titles, *view.grid.names]) if len(cells) >= _FEWEST_WEEKS else None
    days = [one_date(cell, (year.first, year.last)) for cell in cells] if year is not None else []
    dated = [day for day in days if day is not None]
    apart = all(before < after and (after - before).days % 7 == 0 for before, after in pairwise(dated))
    return dated if apart and len(dated) == len(cells) else []


def _weeks_apart(cells: Sequence[Cell]) -> list[date]:
    """Return cells as dates that are whole weeks apart, in the one order that makes them so; none otherwise."""
    if len(cells) < _FEWEST_WEEKS:
        return []
    readings: list[list[date]] = []
    for order in ORDERS:
        days = [as_date(cell, order) for cell in cells]
        dated = [day for day in days if day is not None]
        apart = all(before < after and (after - before).days % 7 == 0 for before, after in pairwise(dated))
        if len(dated) == len(cells) and apart and dated not in readings:
            readings.append(dated)
    return readings[0] if len(readings) == 1 else []


_DAILY = regex(
    r"\b(?:daily|every day|all week|whole week|seven days|7 days|täglich|tous les jours|todos los días)\b", re.I
)
_WEEKDAY_SPAN = regex(r"([^\W\d_]{2,12})\.?\s*(?:-|–|—|to|bis|à|a|al|tot|til|till)\s*([^\W\d_]{2,12})\.?", re.I)


def weekdays_named(text: str) -> tuple[int, ...]:
    """Return the weekdays that a text names: "Mon–Fri", "Mon, Wed", "daily"; Monday is 0, none for other texts."""
    if _DAILY.search(text):
        return tuple(range(7))
    for match in _WEEKDAY_SPAN.finditer(text):
        first, last = (weekday_in_any(word) for word in match.groups())
        if first is not None and last is not None:
            return tuple((first + step) % 7 for step in range((last - first) % 7 + 1))
    words = re.findall(r"[^\W\d_]{2,12}", text)
    named = {word: weekday for word in words if (weekday := weekday_in_any(word)) is not None}
    if len(named) < len(set(words)):  # “on”, “to” and “do” among other words are mostly these words, and no days
        named = {word: weekday for word, weekday in named.items() if len(word) > _SHORTEST or _stands_first(word, text)}
    return tuple(dict.fromkeys(named.values()))


_SHORTEST = 2


def _stands_first(word: str, text: str) -> bool:
    return word.istitle() and word not in ("On", "To") and text.lstrip().startswith(word)


def names_week(head: Cell) -> bool:
    """Tell whether a head says that it is a week: "w/c 7 Sep 2026"."""
    return isinstance(head, str) and _WEEK_OF.match(head) is not None


def as_date(cell: Cell, order: Order) -> date | None:
    """Return the date that a cell is where its parts stand in an order; None for any other cell.

    A date out of reach is none: days and weeks are added to it.
    """
    day: date | None = None
    if isinstance(cell, date):
        day = cell.date() if isinstance(cell, datetime) else cell
    elif isinstance(cell, str):
        bare = _WEEK_OF.sub("", cell)
        day = date_in(bare if bare == cell else bare.rstrip(") "), order)
    return day if day is not None and in_reach(day) else None


def one_date(cell: Cell, within: tuple[date, date] | None = None) -> date | None:
    """Return a cell as the one date that it can be; None for no date, and for one that can be read in two ways.

    A date in words without a year is the one that lies ``within`` a span, where that is known.
    """
    read = {day for order in ORDERS if (day := as_date(cell, order)) is not None}
    if not read and within is not None and isinstance(cell, str) and any(map(str.isalpha, cell)):
        years = {within[0].year, within[1].year}
        bare = cell.rstrip(") ") if _WEEK_OF.match(cell) else cell
        read = {day for year in years for order in ORDERS if (day := as_date(f"{bare} {year}", order)) is not None}
        read = {day for day in read if within[0] <= day <= within[1]}
    return read.pop() if len(read) == 1 else None


def all_dates(cells: Sequence[Cell], within: tuple[date, date] | None = None, order: Order | None = None) -> list[date]:
    """Return cells as the dates that they can only be together, whole weeks apart where that decides; else none.

    Where the ``order`` of day and month is known, it decides.
    """
    alone = [one_date(cell, within) or (as_date(cell, order) if order else None) for cell in cells]
    if None not in alone:
        return [day for day in alone if day is not None]
    return _weeks_apart(cells)


def leading_date(words: Sequence[str], counts: range, marks: str) -> tuple[date, int] | None:
    """Return the date that the first words of a text are, with how many of them: the most of some ``counts``.

    ``marks`` may stand around it. None where no such run is a date.
    """
    for count in reversed(range(counts.start, min(counts.stop, len(words) + 1))):
        if (day := one_date(" ".join(words[:count]).strip(marks))) is not None:
            return day, count
    return None


def _has_cells(view: GridView, row: int, column: int) -> bool:
    return any(view.text(below, column) for below in range(row + 1, len(view.rows)))


def _stand_below_headings(view: GridView, row: int, columns: Sequence[int]) -> bool:
    """Tell whether words that are no days, months or weeks stand above: the dates are those of a list then.

    So they are where each cell of the row has a heading above it, and most of these are words.
    """
    whole = [view.text(row - 1, column) for column, _ in view.filled(row)] if row else []
    if len(whole) >= _FEWEST_HEADINGS and all(whole) and sum(map(is_word, whole)) * 2 > len(whole):
        return True
    above = [text for column in columns if row and (text := view.text(row - 1, column))]
    words = [text for text in above if not _head_kind(" ".join(text.split())) and month_of(text.split()[0]) is None]
    words = [text for text in words if len(text) > 1 and not text.isdecimal() and not _WEEK.fullmatch(text)]
    return len(words) >= FEWEST_HEADS


_FEWEST_HEADINGS = 4
_WEEK = regex(r"(?:week|wk|woche|kw|semaine|semana|uge|uke|vecka|v)\b.*", re.IGNORECASE)


def _between(columns: Sequence[int]) -> range:
    return range(columns[0], columns[-1] + 1)


def _dated(view: GridView, row: int, heads: dict[int, Cell]) -> Axis:
    year = year_in_titles([*_titles(view, row), *filter(span_of_dates, view.grid.closing_texts())])
    texts = {column: " ".join(plain_text(cell).split()) for column, cell in heads.items()}
    if year is not None and not year.crosses and (proved := by_their_weekdays(texts, year.first.year)):
        return _with_weekdays(view, row, dict(proved))
    title = _title(view, row)
    return _with_weekdays(view, row, {column: _with_year(cell, title) for column, cell in heads.items()})


def by_their_weekdays(heads: Mapping[int, str], year: int) -> dict[int, date]:
    """Return the dates of digits in the one order that their weekdays prove: “mån 2/11” is of November; else none."""
    matches = {column: _WEEKDAY_AND_DIGITS.fullmatch(text) for column, text in heads.items()}
    readings: list[dict[int, date]] = []
    for order in ORDERS:
        found: dict[int, date] = {}
        for column, match in matches.items():
            day = as_date(f"{match['digits']}{match['sign']}{year}", order) if match else None
            if day is not None and match and weekday_in_any(match["weekday"]) == day.weekday():
                found[column] = day
        if len(found) == len(heads) and found not in readings:
            readings.append(found)
    return readings[0] if len(readings) == 1 else {}


_WEEKDAY_AND_DIGITS = regex(r"(?P<weekday>[^\W\d_]{2,})\.?,? (?P<digits>\d{1,2}(?P<sign>[./-])\d{1,2})\.?")


def _titles(view: GridView, row: int) -> list[str]:
    """Return the texts above a row, the nearest first, the name of the tab and that of the file."""
    return [*reversed(view.texts_above(row)), *view.grid.names]


_STARTS = regex(
    r"\b(?:(?P<week>week (?:of|beginning|commencing|from|van)|w[/-]?[cb]|woche vom|semaine du|semana del|"
    r"settimana del)|"
    r"from|starting|beginning|begins|starts|commencing|ab|vom|à partir du|desde el|desde|dal|vanaf|från|fra)\b\s*"
    r"(?P<rest>.+)",
    re.IGNORECASE,
)


def _from_title(view: GridView, row: int, heads: dict[int, Cell]) -> Axis | None:
    """Return weekdays as dates, where a title says with which date they begin: "Rota from Monday 4 January 2027".

    They must begin with the weekday of that date, and be a single week only where the title calls them so: a timetable
    that holds from a date on goes through the term.
    """
    corner = [text for column, text in view.filled(row) if column < min(heads)]
    texts = [*corner, *_titles(view, row)]
    days = [weekday_in_any(str(head)) for head in heads.values()]
    one_week = len(days) <= _DAYS_OF_A_WEEK
    first = next((day for text in texts if (day := _start_in(text, one_week)) is not None), None)
    if first is None and one_week and days and days[0] is not None:
        mondays = (day for text in texts if (day := _monday_of_week(text)) is not None)
        first = next((monday + timedelta(days=days[0]) for monday in mondays), None)
        first = first or next((day for text in texts if (day := _first_of_week(text, days)) is not None), None)
    if first is None or not days or None in days or days[0] != first.weekday():
        return None
    dates: dict[int, Cell] = {}
    day = first
    for column, weekday in zip(heads, days, strict=True):
        ahead = ((weekday or 0) - day.weekday()) % 7
        day += timedelta(days=ahead if column == min(heads) or ahead else 7)
        dates[column] = day
    return Axis(row, row, True, dates, {column: str(head) for column, head in heads.items()})


_DAYS_OF_A_WEEK = 7


def _first_of_week(text: str, weekdays: Sequence[int | None]) -> date | None:
    """Return the first day of a week that a title names by its span, its weekdays being those: "Rota 11–17 January"."""
    span = span_of_dates(text)
    if span is None or not 0 < (span.last - span.first).days < _DAYS_OF_A_WEEK:
        return None
    named = [(span.first + timedelta(days=n)).weekday() for n in range((span.last - span.first).days + 1)]
    return span.first if weekdays == named[: len(weekdays)] and len(named) - len(weekdays) <= _DAYS_OF_WEEKEND else None


_DAYS_OF_WEEKEND = 2


def _monday_of_week(text: str) -> date | None:
    """Return the Monday of the calendar week (ISO 8601) that a title names with its year: "uge 10 2027"."""
    match = _CALENDAR_WEEK.search(text)
    week = days_of_week(int(match["year"]), int(match["week"])) if match else None
    return week[0] if week else None


_CALENDAR_WEEK = regex(
    r"\b(?:kw|kalenderwoche|uge|uke|vecka|viikko|week|semaine|semana|settimana|týden|tydzień|hét|v)\.?\s?(?P<week>\d{1,2})\b"
    r"[\s,./–-]{1,3}(?P<year>20\d\d)\b",
    re.IGNORECASE,
)


def _start_in(text: str, one_week: bool) -> date | None:
    """Return the date that a title says to begin with; of ``one_week`` only where it speaks of a week."""
    match = _STARTS.search(text)
    words = match["rest"].split() if match and (match["week"] or not one_week) else []
    found = leading_date(words, range(1, 6), ".,;:")
    return found[0] if found else None


def _with_weekdays(view: GridView, row: int, heads: dict[int, Cell]) -> Axis:
    """Return dates with the weekdays that stand in the row above or below."""
    beside, weekdays = _weekdays_beside(view, row, heads) or (row, {})
    return Axis(row, max(row, beside), True, heads, weekdays)


def _title(view: GridView, row: int) -> date | None:
    """Return the month that a title above a row, the tab or the file names."""
    return month_named([*_titles(view, row)[:-1], view.grid.file])


def _with_year(cell: Cell, title: date | None) -> Cell:
    """Return a date in words of the month that a title names, with the title's year where it has none."""
    if title is None or not isinstance(cell, str) or re.search(r"\d{4}|'\d{2}", cell):
        return cell
    months = {month_of(word) for word in re.findall(r"[^\W\d_]{3,}", cell)}
    return f"{cell} {title.year}" if title.month in months else cell


def _numbered(view: GridView, row: int, columns: Sequence[int]) -> Axis | None:
    """Read the numbers of days below the name of their month: in a row above them, in a title, the tab or the file."""
    matches = {column: view.text(row, column) for column in columns}
    numbers = {column: int(re.findall(r"\d+", text)[-1]) for column, text in matches.items()}
    if not all(after in (before + 1, 1) for before, after in pairwise(numbers.values())):
        return None
    whole = _whole_span(view, row, list(numbers.values()))
    if whole is not None:
        heads: dict[int, Cell] = {column: whole + timedelta(days=step) for step, column in enumerate(numbers)}
        return _with_weekdays(view, row, heads)
    beside = [view.text(row, column) for column in range(min(columns))]
    if any(map(_COUNTS.fullmatch, beside)):
        return None
    title = month_named(beside) or _title(view, row)
    months = {column: month for column, text in view.filled(row - 1) if (month := month_of(text))} if row else {}
    if title is None and not months:
        return None
    heads = {}
    year, month, before = (title.year, title.month, 0) if title else (0, 0, 0)
    for column, number in numbers.items():
        if column in months and months[column] != month:
            year += bool(year and month and months[column] < month)
            month = months[column]
        elif number < before and not months:
            year, month = (year + (month == 12), month % 12 + 1)
        before = number
        heads[column] = f"{number} {MONTH_NAMES[month - 1]}" + (f" {year}" if year else "") if month else ""
    if not all(heads.values()):
        return None
    found = _with_weekdays(view, row, heads)
    named = {column: match["weekday"] for column, text in matches.items() if (match := _DAY_AND_NUMBER.fullmatch(text))}
    return replace(found, weekdays={**found.weekdays, **named})


_COUNTS = regex(
    r"(?:no|nr|num|nº|n°|№|#|lp|sl|s/?n|item|rank|place|position|pos)\.?|number|nummer|número", re.IGNORECASE
)
"""What heads the numbers of rows, which are no days."""


def _whole_span(view: GridView, row: int, numbers: Sequence[int]) -> date | None:
    """Return the first day of the span that a title says, where the numbers of days are just those of it; else None."""
    for span in filter(None, map(span_of_dates, _titles(view, row))):
        days = [span.first + timedelta(days=step) for step in range(min((span.last - span.first).days + 1, 366))]
        if [day.day for day in days] == list(numbers):
            return span.first
    return None


def _weekdays_beside(view: GridView, row: int, heads: dict[int, Cell]) -> tuple[int, dict[int, str]] | None:
    """Return the row above or below that names the weekdays of dates, and their names; "" for letters such as "M"."""
    for beside in (row + 1, row - 1):
        if not 0 <= beside < len(view.rows):
            continue
        texts = {column: view.text(beside, column) for column in heads}
        filled = {column: text for column, text in texts.items() if text}
        if len(filled) * 2 <= len(heads) or any(view.text(beside, c) for c in range(min(heads))):
            continue
        named = {column: weekday_in_any(text) for column, text in filled.items()}
        if None not in named.values():
            return beside, filled
        if len(filled) > 6 and max(map(len, filled.values())) <= 2 and _comes_weekly(filled):
            return beside, {}
    return None


def _comes_weekly(texts: dict[int, str]) -> bool:
    """Tell whether short texts come again every seven columns: the letters of weekdays."""
    return all(texts.get(column + 7, text) == text for column, text in texts.items()) and len(set(texts.values())) > 3
