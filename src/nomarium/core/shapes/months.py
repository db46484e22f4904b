"""Months drawn on a sheet: weekdays with day numbers below them, or months on one side and their days on the other."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.shapes import wording
from nomarium.core.tables import Grid, GridView, Spot
from nomarium.core.values import MONTH_NAMES, WEEKDAY_NAMES, month_named, month_of, weekday_in_any
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem

_DAY_NUMBER = regex(r"(\d{1,2})(?:st|nd|rd|th)?\.?(?:\s+|$)", re.IGNORECASE)
_WEEK = regex(r"(?:[^\W\d]{1,6}\.?\s*)?\d{1,2}")
"""The number of a week, as month pages have it beside the days."""
_INITIALS = frozenset(
    "MTWTF MTWRF MTWTFSS MTWRFSS SMTWTFS SMTWRFS MDMDF MDMDFSS LMMJV LMMJVSD DLMMJVS LMXJV LMXJVSD".split()
)
"""The weekdays by their initials, as they stand above months."""
_FEWEST_WEEKDAYS = 5
_MOST_ROWS_ABOVE = 12
_TITLE_ROWS = 3
_SHORTEST_MONTH = 28
_EARLY = 20
"""A higher number in the first week of a page is a day of the month before."""
_SCHOOL_YEAR = regex(r"(?<!\d)(20\d{2})\s*[-–/]\s*(?:20)?(\d{2})(?!\d)")
_NUMBERED = regex(r"(?P<weekday>[^\W\d]{1,10}\.?\s+)?(?P<day>\d{1,2})(?:st|nd|rd|th)?\.?(?P<rest>\s.*)?")
_FEWEST_DAYS = 20
"""A column of so many day numbers, one after the other, is that of a year drawn on one page."""
_MOST_YEAR_ROWS = 80


class DrawnDay(NamedTuple):
    """A text that stands in a day, or across several."""

    first: date
    last: date
    text: str
    place: Place
    spot: Spot
    weekday: str = ""
    """The weekday that stands beside it."""


@dataclass(slots=True)
class MonthBlock:
    """A month drawn as weeks: where its weekdays stand, where it ends, and which it is; None where nothing says it."""

    view: GridView
    head: int
    until: int
    weekdays: dict[int, int]
    month: date | None = None
    days: list[DrawnDay] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)

    def read(self) -> None:
        """Read the texts of its days. A row of day numbers begins a week; the rows below belong to it."""
        if self.month is None:
            self.problems.append(wording.no_month(self.view.grid.place))
            return
        self.days = list(self._entries(self.month))
        self.problems += self._beside()

    def _entries(self, month: date) -> Iterator[DrawnDay]:
        view, weekdays = self.view, self.weekdays
        of_column: dict[int, date] = {}
        before: date | None = None
        for row in range(self.head + 1, self.until):
            numbered = self._numbered(row)
            days = {c: _day_of(month, number, weekdays[c], before) for c, (number, _) in numbered.items()}
            if of_column and len(days) > 1 and not _goes_on(days, before):
                numbered = {}  # numbers that are no days: the labels of a cycle, below the days
            texts = {c: numbered[c][1] if c in numbered else view.text(row, c) for c in weekdays}
            if numbered:
                of_column = {}
            for column in numbered:
                day = days[column]
                if day is None:
                    self._wrong(row, column, month)
                    continue
                last = view.end(row, column)[1]
                across = [index for index in weekdays if column <= index <= last]
                of_column |= {index: day + timedelta(days=later) for later, index in enumerate(across)}
                before = of_column[across[-1]]
            for column, text in texts.items():
                yield from self._lines_of_cell(row, column, text, of_column)

    def _numbered(self, row: int) -> dict[int, tuple[int, str]]:
        """Return the day numbers of a row with the text behind each; none where it is a row of texts."""
        texts = {column: text for column in self.weekdays if (text := self.view.text(row, column))}
        matches = {column: match for column, text in texts.items() if (match := _DAY_NUMBER.match(text))}
        if len(matches) * 2 < len(texts):
            return {}
        return {column: (int(match[1]), texts[column][match.end() :].strip()) for column, match in matches.items()}

    def _wrong(self, row: int, column: int, month: date) -> None:
        expected = (
            f"A day of {MONTH_NAMES[month.month - 1]} {month.year} that is a {WEEKDAY_NAMES[self.weekdays[column]]}."
        )
        place, text = self.view.place(row, column), self.view.text(row, column)
        self.problems.append(wording.wrong_day_number(place, text, expected))

    def _lines_of_cell(self, row: int, column: int, text: str, of_column: Mapping[int, date]) -> Iterator[DrawnDay]:
        _, last = self.view.end(row, column)
        days = [of_column[index] for index in range(column, last + 1) if index in of_column]
        place = self.view.place(row, column)
        if text and not days:
            if not any(problem.place == place for problem in self.problems):
                self.problems.append(wording.unread_above_days(place, text))
            return
        for line in filter(None, map(str.strip, text.splitlines())):
            yield DrawnDay(days[0], days[-1], line, place, self.view.spot(row, column))

    def _beside(self) -> list[Problem]:
        """Report the filled cells that stand beside its weekdays, and are no numbers of weeks."""
        view = self.view
        cells = [
            (row, column)
            for row in range(self.head + 1, self.until)
            for column, text in view.filled(row)
            if column not in self.weekdays and not view.is_covered(row, column) and not _WEEK.fullmatch(text)
        ]
        return [wording.beside_days(view.place(*cells[0]), view.text(*cells[0]), len(cells))] if cells else []


def month_blocks(grid: Grid) -> list[MonthBlock]:
    """Return the months that a sheet draws as weeks, one below or beside the other; none for any other sheet."""
    top = GridView(replace(grid, rows=grid.rows[: _MOST_ROWS_ABOVE + 4], merged=[]))
    rows = range(min(_MOST_ROWS_ABOVE, len(top.rows)))
    if not any(_numbers_below(top, row, list(run)) for row in rows for run in _weeks_drawn(top, row)):
        return []
    whole = GridView(grid)
    blocks: list[MonthBlock] = []
    for row in range(len(whole.rows)):
        if not blocks and row >= _MOST_ROWS_ABOVE:
            break
        runs = [run for run in _weeks_drawn(whole, row) if _numbers_below(whole, row, list(run))]
        for index, run in enumerate(runs):
            left = 0 if index == 0 else min(run)
            right = min(runs[index + 1]) if index + 1 < len(runs) else None
            view = whole.part(left, right)
            blocks.append(MonthBlock(view, row, len(whole.rows), {column - left: day for column, day in run.items()}))
    _name_months(blocks)
    return blocks


def _weeks_drawn(view: GridView, row: int) -> list[dict[int, int]]:
    """Return the weekdays of a row, week by week; none where the days below run on from week to week in one line."""
    runs = _weekday_runs(view, row)
    through = len(runs) > 1 and _numbers_below(view, row, [column for run in runs for column in run])
    return [] if through or (runs and _heads_names(view, row, min(runs[0]))) else runs


def _heads_names(view: GridView, row: int, column: int) -> bool:
    """Tell whether the first row below that holds anything in a column has a word beside it: "Name" heads people."""
    below = next((line for line in range(row + 1, min(row + 4, len(view.rows))) if view.text(line, column)), None)
    lead = view.text(below, column - 1) if below is not None and column else ""
    return lead.isalpha() and month_of(lead) is None and not _WEEK_WORD.fullmatch(lead)


def _weekday_runs(view: GridView, row: int) -> list[dict[int, int]]:
    """Return the weekdays of a row by their columns, week by week; none where another text stands among them."""
    cells = list(view.filled(row))
    if len(cells) < _FEWEST_WEEKDAYS:
        return []
    initials = "".join(text for _, text in cells).upper()
    if initials in _INITIALS:
        first = 6 if initials[0] in "SD" else 0
        return [{column: (first + number) % 7 for number, (column, _) in enumerate(cells)}]
    runs: list[dict[int, int]] = [{}]
    for column, text in cells:
        weekday = weekday_in_any(text)
        if weekday is None:
            if not runs[-1] and len(runs) == 1 and column == cells[0][0]:
                continue  # the heading of the numbers of weeks
            return []
        if weekday in runs[-1].values():
            runs.append({})
        runs[-1][column] = weekday
    return [run for run in runs if len(run) >= _FEWEST_WEEKDAYS and _consecutive(list(run.values()))]


def _consecutive(days: Sequence[int]) -> bool:
    return all((other - one) % 7 == 1 for one, other in pairwise(days))


def _numbers_below(view: GridView, row: int, columns: Sequence[int]) -> bool:
    """Tell whether the first row below that holds anything has rising day numbers, and mostly such."""
    for below in range(row + 1, min(row + 4, len(view.rows))):
        texts = [view.text(below, column) for column in columns]
        filled = [text for text in texts if text]
        if filled:
            numbers = [int(match[1]) for text in filled if (match := _DAY_NUMBER.match(text))]
            rising = all(
                after == before + 1 or before >= _SHORTEST_MONTH > after == 1 for before, after in pairwise(numbers)
            )
            return len(numbers) * 2 > len(filled) and rising and all(0 < n <= 31 for n in numbers)
    return False


_WEEK_WORD = regex(
    r"(?:week|wk|woche|kw|semaine|sem|semana|settimana|vecka|v|uge|uke|no|nr|týden|hét|tydzień)", re.IGNORECASE
)


def _name_months(blocks: Sequence[MonthBlock]) -> None:
    """Give each month its name and its end, by the title above its weekdays, else by that of the sheet."""
    titled: list[tuple[MonthBlock, int, int | None]] = []
    for block in blocks:
        title_row, month, year = _title_above(block)
        titled.append((block, month, year))
        for other in blocks:
            if other.head < block.head and other.until > title_row and _side_by_side(other, block):
                other.until = title_row
    if len(blocks) == 1 and not titled[0][1]:
        block = blocks[0]
        above = [text for row in range(block.head) for _, text in GridView(block.view.grid).filled(row)]
        block.month = month_named([*above, *_names_of(block.view.grid)])
        return
    in_order = sorted(titled, key=lambda one: (one[0].head, one[0].view.left))
    years = _years([(month, year) for _, month, year in in_order], in_order[0][0].view.grid) if blocks else []
    for (block, month, _), year in zip(in_order, years, strict=True):
        block.month = date(year, month, 1) if year and month else None


def _side_by_side(one: MonthBlock, other: MonthBlock) -> bool:
    """Tell whether two months share columns of the sheet."""
    first, second = ({column + block.view.left for column in block.weekdays} for block in (one, other))
    return not first.isdisjoint(second)


def _title_above(block: MonthBlock) -> tuple[int, int, int | None]:
    """Return the row of the title above the weekdays of a month, its month (0 for none) and its year."""
    left, right = min(block.weekdays), max(block.weekdays)
    for row in range(block.head - 1, max(block.head - 1 - _TITLE_ROWS, -1), -1):
        for column, text in block.view.filled(row):
            if left <= column <= right or (column < left and block.view.left == 0):
                month, year = _month_in(text)
                if month:
                    return row, month, year
    return block.head, 0, None


def _month_in(text: str) -> tuple[int, int | None]:
    """Return the month that a short title names (0 for none), and its year, None where it says none."""
    named = month_named([text])
    if named is not None:
        return named.month, named.year
    words = re.findall(r"[^\W\d_]+", text)
    months = {month for word in words if (month := month_of(word)) is not None}
    return (months.pop(), None) if len(months) == 1 and len(words) == 1 else (0, None)


def _names_of(grid: Grid) -> list[str]:
    return [grid.sheet or "", grid.file]


def _years(months: Sequence[tuple[int, int | None]], grid: Grid) -> list[int | None]:
    """Return the year of each of some months in a row: as it says, else going on from those around it, or as titled.

    A title “2026–27” gives the first month its year; a single year gives it where the months do not pass its end.
    """
    found: list[int | None] = [year for _, year in months]
    if any(found):
        return _going_on(months, found)
    view = GridView(grid)
    texts = [*view.texts_above(min(_MOST_ROWS_ABOVE, len(view.rows))), *_names_of(grid)]
    span = next((match for text in texts if (match := _SCHOOL_YEAR.search(text))), None)
    if span is not None and (int(span[1]) + 1) % 100 == int(span[2]):
        found[0] = int(span[1])
        return _going_on(months, found)
    single = {year for text in texts for year in re.findall(r"(?<!\d)(20\d{2})(?!\d)", text)}
    rising = all(before < after for (before, _), (after, _) in pairwise(months))
    return [int(next(iter(single))) if len(single) == 1 and rising else None for _ in months]


def _going_on(months: Sequence[tuple[int, int | None]], years: list[int | None]) -> list[int | None]:
    """Fill in years from the month before, then from the month behind: the year turns where the months begin anew."""
    for index in range(1, len(months)):
        before = years[index - 1]
        if years[index] is None and before is not None:
            years[index] = before + (months[index][0] < months[index - 1][0])
    for index in range(len(months) - 2, -1, -1):
        behind = years[index + 1]
        if years[index] is None and behind is not None:
            years[index] = behind - (months[index][0] > months[index + 1][0])
    return years


def _goes_on(days: Mapping[int, date | None], before: date | None) -> bool:
    """Tell whether any numbers of a row can be the days that follow those of the week above."""
    return any(day is not None and before is not None and (day - before).days <= 7 for day in days.values())


def _day_of(month: date, number: int, weekday: int, before: date | None) -> date | None:
    """Return the date of a number: of the month, or of the one before or after, where the page shows these too."""
    months = [month, _shifted(month, 1)] if before or number <= _EARLY else [_shifted(month, -1), month]
    if before and before < month:
        months.insert(0, _shifted(month, -1))
    for candidate in months:
        try:
            day = candidate.replace(day=number)
        except ValueError:
            continue
        if day.weekday() == weekday and (before is None or before < day):
            return day
    return None


def _shifted(month: date, by: int) -> date:
    index = month.year * 12 + month.month - 1 + by
    return date(index // 12, index % 12 + 1, 1)


def year_page(grid: Grid) -> tuple[list[DrawnDay], list[Problem]] | None:
    """Return what stands in the days of a year drawn on one page: months on one side, day numbers on the other."""
    if not 2 < len(grid.rows) <= _MOST_YEAR_ROWS:
        return None
    for turned in (False, True):
        view = GridView(grid, turned)
        for row in range(min(_MOST_ROWS_ABOVE, len(view.rows))):
            months = _months_across(view, row)
            if months and (found := _year_page(view, row, months)) is not None:
                return found
    return None


def _months_across(view: GridView, row: int) -> dict[int, tuple[int, int | None]]:
    """Return the months of a row, each by its column, one after the other; none where other texts stand among them."""
    found: dict[int, tuple[int, int | None]] = {}
    for column, text in view.filled(row):
        month, year = _month_in(text)
        if month:
            found[column] = (month, year)
        elif found:
            return {}
    months = [month for month, _ in found.values()]
    return found if len(months) > 1 and all((other - one) % 12 == 1 for one, other in pairwise(months)) else {}


def _year_page(
    view: GridView, row: int, months: Mapping[int, tuple[int, int | None]]
) -> tuple[list[DrawnDay], list[Problem]] | None:
    starts = list(months)
    ends = [*starts[1:], max(starts[-1] + starts[1] - starts[0], starts[-1] + 1)]
    years = _years(list(months.values()), view.grid)
    common = _days_down(view, row, range(starts[0]))
    found: list[DrawnDay] = []
    problems: list[Problem] = []
    for start, end, (month, _), year in zip(starts, ends, months.values(), years, strict=True):
        group = range(start, min(end, view.width))
        own = _days_down(view, row, group)
        numbers = own or common
        if numbers is None or year is None:
            return None
        _take_month(view, group, numbers, date(year, month, 1), found, problems)
    return (found, problems) if found else None


class _Numbers(NamedTuple):
    """A column of day numbers: where it stands, and the number and the text beside it in each row."""

    column: int
    of_row: dict[int, tuple[int, str]]


def _days_down(view: GridView, row: int, columns: range) -> _Numbers | None:
    """Return the column among some that holds the days of a month from 1 on."""
    for column in columns:
        of_row: dict[int, tuple[int, str]] = {}
        for below in range(row + 1, len(view.rows)):
            text = " ".join(view.text(below, column).split())
            match = _NUMBERED.fullmatch(text)
            if match and int(match["day"]) == len(of_row) + 1:
                of_row[below] = (int(match["day"]), f"{match['weekday'] or ''}{match['rest'] or ''}".strip())
        if len(of_row) >= _FEWEST_DAYS:
            return _Numbers(column, of_row)
    return None


def _take_month(
    view: GridView, group: range, numbers: _Numbers, month: date, found: list[DrawnDay], problems: list[Problem]
) -> None:
    """Add what stands in the days of one month of a year's page."""
    days = (_shifted(month, 1) - month).days
    columns = [c for c in group if c != numbers.column and not _are_initials(view, numbers, c)]
    for row, (number, beside) in numbers.of_row.items():
        texts = [(column, view.text(row, column)) for column in columns]
        if numbers.column in group:
            texts.insert(0, (numbers.column, beside))
        weekday = ""
        for column, words in texts:
            text = words
            if not text or view.is_covered(row, column):
                continue
            first, _, rest = text.partition(" ")
            if not weekday and weekday_in_any(first) is not None:
                weekday, text = first, rest.strip()
            if not text:
                continue
            place, spot = view.place(row, column), view.spot(row, column)
            if number > days:
                problems.append(
                    wording.no_such_day(place, text, number, f"{MONTH_NAMES[month.month - 1]} {month.year}")
                )
                continue
            last = min(number + view.end(row, column)[0] - row, days)
            ends = month.replace(day=last)
            found += [
                DrawnDay(month.replace(day=number), ends, line, place, spot, weekday)
                for line in filter(None, map(str.strip, text.splitlines()))
            ]


def _are_initials(view: GridView, numbers: _Numbers, column: int) -> bool:
    """Tell whether a column beside days holds the initials of their weekdays: filled, and again after seven days."""
    texts = [view.text(row, column) for row in numbers.of_row]
    filled = [text for text in texts if text]
    weekly = all(one == other for one, other in zip(filled, filled[7:], strict=False))
    return len(filled) >= _FEWEST_DAYS and weekly and max(map(len, filled)) <= 2 and len(set(filled)) > 3
