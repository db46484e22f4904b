"""Names along one side of a sheet, days along the other, and in the cells when or what: where all of it stands.

Staff by dates with the codes of shifts, squads by weekdays with times, dates by forms with what each of them does.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Collection, Iterator, Sequence
from dataclasses import dataclass, field, replace
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import SIDES_OF_A_MATCH, Headings, heading_key
from nomarium.core.kinds import CHANGE_SHEET, EVENT_SHEET, TIMETABLE_SHEET, heads_weeks, means_people
from nomarium.core.kinds import vocabulary as words
from nomarium.core.shapes.axis import FEWEST_HEADS, Axis, as_date, axis_at, carried, is_word, names_week, weeks_down
from nomarium.core.shapes.cell_texts import CLOCK, CLOCK_FORM, codes_in, is_free, mostly_labels
from nomarium.core.shapes.crossed_weekdays import crossed_weekdays
from nomarium.core.shapes.key import Meaning, codes_with_hours, meanings_in
from nomarium.core.shapes.months import month_blocks
from nomarium.core.shapes.paired_hours import join_paired_hours
from nomarium.core.sheets import length_said
from nomarium.core.slots import bare_period
from nomarium.core.tables import Grid, GridView, Spot, plain_text
from nomarium.core.values import (
    ORDERS,
    Clock,
    are_people,
    is_date,
    is_place_word,
    is_span,
    most_are,
    scan_span,
    span_in,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place
    from nomarium.core.sheets import SheetChoices

_MOST_ROWS_ABOVE = 25
_MOST_TURNED = 3000
_TOTAL = regex(r"(?:grand |sub-?)?totals?\b.*|sum\b.*|count\b.*|staffing\b.*|needed\b.*|required\b.*", re.IGNORECASE)
_PERIOD = regex(
    r"(?:p|pd|per|period|block|lesson|hour|stunde|heure|hora|ora|time|slot|mod)s?\.?\s*\d+\w?|\d{1,2}(?:st|nd|rd|th|\.)?|"
    r"(?:\d+\.?\s*)?(?:stunde|period|lesson|hora|ora|heure)|lunch|break|recess|registration|assembly|pause",
    re.IGNORECASE,
)
_ABOUT_PEOPLE = regex(
    r"\b(?:staff|rota|roster|duty|duties|on[- ]call|shifts?|dienst|dienstplan|schicht|turnos?|garde|vakt|ward)\b",
    re.IGNORECASE,
)
_ABOUT_THE_DAY = frozenset(
    "start_time end_time start end hours location weekday description when duration all_day categories".split()
)
"""Fields of a list of events that may stand beside dates, where what is on stands below the names."""


class Row(NamedTuple):
    """A line of cells: the row of the view that they stand in, and that of the names that it goes with."""

    row: int
    named_at: int
    axis: Axis


class Line(NamedTuple):
    """Texts around the names and days: a caption, a key, a note; and where the first of them stands on the view."""

    row: int
    column: int
    texts: list[str]


@dataclass(slots=True)
class Crossing:
    """Where names and days cross on a sheet."""

    view: GridView
    axes: list[Axis] = field(default_factory=list)
    leads: list[int] = field(default_factory=list)
    """The columns of the view that say whose a line is, and more of it."""
    rows: list[Row] = field(default_factory=list)
    about_days: dict[int, str] = field(default_factory=dict)
    """Rows of the view that say something of each day, with their headings."""
    lines: list[Line] = field(default_factory=list)
    """Rows of the view without a cell below the days, and texts behind them."""
    stray: list[tuple[int, int]] = field(default_factory=list)
    """Filled cells that belong to no name."""
    totals: int = 0
    by_weeks: bool = False
    """Whether its lines are weeks, and its columns their days: nothing says whose they are."""
    carried: int = 0
    """Columns that have no day of their own, and take that before them."""
    is_of_days: bool = False
    """Whether it is known to be a list of days: then any words that come again are labels."""

    @property
    def hours_lead(self) -> int | None:
        """The leading column that says when on its day a line is, where one holds nothing but times."""
        return next((lead for lead in self.leads if self._all_spans(lead)), None)

    def _all_spans(self, lead: int) -> bool:
        texts = [text for row in self.rows if (text := self.name(row, lead))]
        lasts = Headings(EVENT_SHEET)(self.heading(lead)) == "duration"  # “1h45” may be a length as well
        return bool(texts) and not lasts and all(map(says_hours, texts))

    @property
    def who(self) -> int | None:
        """The leading column that says whose a line is; None where none does."""
        return next((lead for lead in self.leads if lead != self.hours_lead), None) if not self.by_weeks else None

    @property
    def named_by(self) -> int | None:
        """The leading column that tells its lines apart: whose they are, else whatever stands in front."""
        return next(iter(self.leads), None) if self.who is None else self.who

    @property
    def dated(self) -> bool:
        """Whether the days are dates."""
        return self.axes[0].dated

    def cells(self) -> Iterator[tuple[Row, int, str]]:
        """Yield the filled cells: their line, their column, their text; a merged cell for each day that it covers."""
        for row in self.rows:
            for column in row.axis.heads:
                if self.view.is_covered(row.row, column):
                    continue
                if text := self.view.text(row.row, column):
                    across = range(column, self.view.end(row.row, column)[1] + 1)
                    yield from ((row, day, text) for day in across if day in row.axis.heads)

    def texts(self) -> list[str]:
        """Return the different texts of its cells that say anything."""
        return [text for text in dict.fromkeys(text for _, _, text in self.cells()) if not is_free(text)]

    def codes(self) -> dict[str, Place]:
        """Return the codes in its cells, each with the first cell that has it."""
        found: dict[str, Place] = {}
        cells = [(row, column, text) for row, column, text in self.cells() if not is_free(text)]
        coded = [(row, column, codes) for row, column, text in cells if (codes := codes_in(text))]
        if len(coded) * 2 <= len(cells):
            return {}  # short words among others are words
        for row, column, codes in coded:
            for code in codes:
                if not is_free(code):
                    found.setdefault(code, self.view.place(row.row, column))
        return found

    def words(self) -> list[str]:
        """Return the short texts in its cells that come again, where it has no codes: a list may explain them."""
        texts = [text for _, _, text in self.cells() if not is_free(text) and len(text) <= _LONGEST_WORD]
        counts = Counter(texts)
        again = [text for text, count in counts.items() if count > 1]
        often = sum(counts[text] for text in again) * 2 > len(texts)
        return again if often and len(again) <= _MOST_WORDS else []

    def goes_by_weeks(self) -> bool:
        """Tell whether all days are dates whole weeks apart, so that a cell may mean a week."""
        axis = self.axes[0]
        if not self.dated or len(self.axes) > 1:
            return False
        if all(map(names_week, axis.heads.values())) or any(map(heads_weeks, map(self.heading, self.leads))):
            return True
        if len(axis.heads) < _FEWEST_WEEKS:
            return False
        for year in ("", " 2027"):  # heads without a year are whole weeks apart in any, but for a turn of the year
            for order in ORDERS:
                heads = [axis.heads[column] for column in sorted(axis.heads)]
                days = [as_date(f"{head}{year}" if isinstance(head, str) else head, order) for head in heads]
                apart = [(b - a).days for a, b in pairwise(days) if a and b]
                if None not in days and all(gap in _WEEKS or gap < -_FEWEST_OF_A_YEAR for gap in apart):
                    return True
        return False

    def own_key(self) -> list[tuple[Meaning, Place]]:
        """Return what the lines around it say of its codes."""
        joined = dict.fromkeys(text for _, _, text in self.cells() if len(codes_in(text)) > 1)  # “A/L” may be one
        codes = [*self.codes(), *(text.strip() for text in joined)]
        return [
            (meaning, self.view.place(line.row, line.column))
            for line in self.lines
            for meaning in meanings_in(line.texts, codes)
        ]

    def name(self, row: Row, lead: int) -> str:
        """Return what a line says of itself in one of the leading columns, there or above in the lines of its name."""
        return " ".join(self.view.text(self.said_at(row, lead), lead).split())

    def said_at(self, row: Row, lead: int) -> int:
        """Return the row of the view in which a leading column says what holds for a line: each may have its hours."""
        above = range(row.row, row.named_at, -1)
        return next((one for one in above if self.view.text(one, lead)), row.named_at)

    def names(self) -> list[str]:
        """Return the different names."""
        lead = self.named_by
        if lead is None:
            return []
        return list(dict.fromkeys(filter(None, (self.name(row, lead) for row in self.rows))))

    def heading(self, lead: int) -> str:
        """Return the heading of a leading column, "" for none."""
        axis = self.axes[0]
        texts = (" ".join(self.view.text(row, lead).split()) for row in range(axis.row, axis.last_row + 1))
        return next(filter(None, texts), "")

    def spot(self, row: int, column: int) -> Spot:
        """Return where a cell of the view stands on the sheet."""
        return self.view.spot(row, column)

    @property
    def titles(self) -> list[str]:
        """The texts above it, its tab and its file."""
        return [*(text for _, _, text in self.captions()), self.view.grid.sheet or "", self.view.grid.file]

    def captions(self) -> list[tuple[int, int, str]]:
        """Return the texts above the days and, where names stand across, above those; with their rows and columns."""
        first = min((*self.leads, *self.axes[0].heads))
        return [
            (row, column, text)
            for row in range(self.axes[0].last_row + 1)
            for column, text in self.view.filled(row)
            if row < self.axes[0].row or (column < first and self.view.turned)
        ]

    def own_captions(self) -> dict[int, tuple[int, int, str]]:
        """Return the texts alone in the row above some of several days, where these differ, by the rows of the days."""
        found: dict[int, tuple[int, int, str]] = {}
        last = -1
        for axis in sorted(self.axes, key=lambda axis: axis.row):
            rows = ((row, list(self.view.filled(row))) for row in range(axis.row - 1, last, -1))
            row, above = next(((row, filled) for row, filled in rows if filled), (0, []))
            if len(above) == 1:
                found[axis.row] = (row, *above[0])
            last = axis.last_row
        several = len(found) > 1 and len({text for _, _, text in found.values()}) == len(found)
        return found if several else {}

    def role(self) -> str:
        """Tell what the names are: "class", "teacher", "room", "student", "team", "group" of a timetable."""
        lead = self.named_by
        heading = self.heading(lead) if lead is not None else ""
        role = Headings(TIMETABLE_SHEET)(heading) if heading else None
        if heading_key(heading) == "name":
            role = None
        if role in ("class", "teacher", "room", "student", "team", "group"):
            return role
        names = self.names()
        if means_people(heading) or _are_people(names):
            return "teacher"
        if sum(map(is_place_word, names)) * 2 > len(names) and not role:
            return "room"
        if any(map(_ABOUT_PEOPLE.search, self.titles)) and self.codes():
            return "teacher"
        return "class"

    def holds_labels(self) -> bool:
        """Tell whether the days of weeks hold the labels of a cycle: "A" to "L", "1" to "12", "Day 3", in turn."""
        if not self.by_weeks:
            return False
        texts = [text for _, _, text in self.cells() if not is_free(text)]
        return mostly_labels(texts, any_words=self.is_of_days)

    def people_in_cells(self) -> bool:
        """Tell whether the cells name people, for what stands where the names would: a list of duties."""
        texts = [text for text in self.texts() if span_in(text) is None]
        named = [line.strip() for text in texts for line in re.split(r"[\n;/,]| & ", text) if line.strip()]
        apart = _begin_apart(named) and not any(map(span_in, self.names()))
        called = _are_people(named) or (most_are(named, _CALLED) and (apart or _share_texts(self)))
        called = called or (
            not self.dated and self.on_duty() and all(map(_SURNAME.fullmatch, named)) and _share_texts(self)
        )
        return len(named) > 1 and called and not _are_people(self.names())

    def captions_with_hours(self) -> list[tuple[tuple[int, int], str]]:
        """Return the captions that say times, with their rows and columns."""
        return [((row, column), text) for row, column, text in self.captions() if hours_in(text)]

    def on_duty(self) -> bool:
        """Tell whether a title speaks of duties and says their hours: single words in the cells are people then."""
        return any(_ABOUT_PEOPLE.search(text) for _, text in self.captions_with_hours())


def _begin_apart(names: Sequence[str]) -> bool:
    """Tell whether most names have a first word of their own: “Team A” and “Team B” have not."""
    different = set(names)
    return len({name.split()[0] for name in different}) * 2 > len(different)


_SURNAME = regex(r"(?!\d)[^\W\d_a-zà-ÿ][^\W\d_]+(?:[-’'][^\W\d_]+)?")
"""“Quill”."""
_CALLED = regex(r"[^\W\d_]{2,12} [A-Z]\.?")
"""“Joan P”: so people are called who know one another."""


def says_hours(name: str) -> bool:
    """Tell whether a text says when on a day something is, and nothing else: "9:00–10:30", "AM (9:00)"."""
    if is_span(name):
        return True
    span = span_in(name)
    time = span.text if span is not None else next(iter(_CLOCK.findall(name)), "")
    words = re.findall(r"[^\W\d_]+", name.replace(time, " ", 1)) if time else ["?"]
    return all(word.casefold() in _PARTS_OF_DAY for word in words)


_CLOCK = regex(rf"\b(?:{CLOCK_FORM})", re.IGNORECASE)
_PARTS_OF_DAY = frozenset(
    "am pm morning afternoon evening session sitting paper slot from start starts at h uhr vormittag nachmittag abend "
    "matin après midi soir mañana tarde noche mattina pomeriggio sera".split()
)


def hours_in(name: str) -> str:
    """Return the times that a text says, a span or a start alone; "" for none."""
    span = span_in(name)
    if span is not None:
        return span.text
    clocks = list(_CLOCK.finditer(name))
    if len(clocks) == 2 and _END.search(name[clocks[0].end() : clocks[1].start()]):
        return f"{clocks[0][0]}–{clocks[1][0]}"
    return clocks[0][0] if clocks else ""


_END = regex(r"\b(?:ends?|ending|until|till|finish(?:es)?|ende|endet|bis|fin|jusqu.à|hasta|fino|slutt?|slut)\b", re.I)


def _are_people(names: Sequence[str]) -> bool:
    known = Headings(EVENT_SHEET), Headings(TIMETABLE_SHEET)
    return are_people(names, lambda word: any(heading(word) for heading in known))


def find_crossing(grid: Grid, *, turned: bool | None = None, explained: Collection[str] = ()) -> Crossing | None:
    """Return where names and days cross on a sheet; None for a list, a grid of periods, bell times and others.

    ``turned`` looks only for names across or only for names down; another sheet gives the ``explained`` codes hours.
    """
    if month_blocks(grid) or crossed_weekdays(grid) is not None:
        return None
    grid = join_paired_hours(grid) or grid
    return _crossing_in(grid, turned=turned, explained=explained) or _crossing_beside_key(grid, turned=turned)


def crossing_by_key(grid: Grid, lists: Sequence[tuple[Grid, SheetChoices]]) -> Crossing | None:
    """Return where names and days cross on a sheet by what its cells hold: codes that lists give hours.

    Each list stands with how it is read.
    """
    if not lists:
        return None
    texts = {text for row in grid.rows for cell in row if 0 < len(text := plain_text(cell).strip()) <= _LONGEST_WORD}
    codes = {part for text in texts for part in (text, *codes_in(text))}
    explained = {code for other, choices in lists for code in codes_with_hours(other, choices, codes)}
    return find_crossing(grid, explained=explained) if explained else None


def crossing_of_hours(grid: Grid) -> Crossing | None:
    """Return where names and weekdays cross on a sheet that could be bell times, where it is known to be none.

    Its cells are spans of times, and its names are neither numbered nor breaks, as periods are.
    """
    found = _crossing(GridView(grid))
    if found is None or found.dated or found.by_weeks or not all(map(is_span, found.texts())):
        return None
    names = found.names()
    numbered = any(
        any(map(str.isdigit, name)) or len(name) <= _SHORT or name.casefold() in words.BREAKS for name in names
    )
    return found if len(names) > 1 and not numbered else None


def _crossing_beside_key(grid: Grid, *, turned: bool | None) -> Crossing | None:
    """Return where names and days cross left of an empty column, behind which a key says what their codes mean."""
    width = max(map(len, grid.rows), default=0)
    empty = [column for column in range(width) if all(len(row) <= column or row[column] == "" for row in grid.rows)]
    gap = next((column for column in empty if 1 < column < width - 1), None)
    if gap is None or grid.merged:
        return None
    found = _crossing_in(replace(grid, rows=[row[:gap] for row in grid.rows]), turned=turned)
    behind = [[text for cell in row[gap:] if (text := plain_text(cell).strip())] for row in grid.rows]
    codes = list(found.codes()) if found is not None else []
    meant = [texts for texts in behind if meanings_in(texts, codes)]
    if found is None or not meant:
        return None
    found.lines += [Line(0, 0, texts) for texts in meant]
    return found


def _crossing_in(grid: Grid, *, turned: bool | None, explained: Collection[str] = ()) -> Crossing | None:
    if turned is not True and (upright := _crossing(GridView(grid))) is not None and _is_sure(upright, explained):
        return upright
    if turned is False or len(grid.rows) > _MOST_TURNED:
        return None
    sideways = _crossing(GridView(grid, turned=True))
    return sideways if sideways is not None and _is_sure(sideways, explained) and _is_sure_turned(sideways) else None


def _crossing(view: GridView) -> Crossing | None:
    """Lay the rows of a view out below its first row of days."""
    axes = (axis_at(view, row) for row in range(min(len(view.rows), _MOST_ROWS_ABOVE)))
    axis = next(filter(None, axes), None)
    if axis is None or (axis.dated and _below_headings(view, axis)):
        return None
    if (
        (below := axis_at(view, axis.row + 1) if axis.row + 1 < len(view.rows) else None)
        and below.dated
        and not axis.dated
    ):
        axis = below
    carried_from = len(axis.heads)
    axis = carried(view, axis)
    leads = [column for column in range(view.width) if _leads(view, axis, column)]
    sums = [column for column in leads if column > max(axis.heads) and _holds_sums(view, axis, column)]
    found = Crossing(view, [axis], [column for column in leads if column not in sums], totals=len(sums))
    if not found.leads or found.leads[0] > min(axis.heads):
        return None
    by_lead = {lead: weeks for lead in found.leads if not axis.dated and (weeks := weeks_down(view, axis, lead))}
    for lead, weeks in by_lead.items():
        found.by_weeks = True
        found.axes, found.leads = weeks, [other for other in found.leads if other != lead]
        found.rows = [
            Row(week.row, week.row, week) for week in weeks if any(view.text(week.row, c) for c in week.heads)
        ]
        return found if found.rows else None
    found.carried = len(axis.heads) - carried_from
    _take_rows(found, axis)
    found.lines += _behind_days(found)
    return found if found.rows and found.names() else None


def _behind_days(found: Crossing) -> list[Line]:
    """Return the texts beside the days that head nothing: below days that stand in the first column, mostly."""
    axis = found.axes[0]
    return [
        Line(row, column, [text])
        for row in range(axis.row, axis.last_row + 1)
        for column, text in found.view.filled(row)
        if column > max(axis.heads) and column not in found.leads
    ]


def _below_headings(view: GridView, axis: Axis) -> bool:
    """Tell whether a row of headings stands above days: they are those of a row of a list then."""
    heads, known = set(axis.heads), Headings(EVENT_SHEET)
    for row in range(axis.row):
        filled = dict(view.filled(row))
        words = {column for column, text in filled.items() if is_word(text) or known(text)}
        if len(words) == len(filled) >= _FEWEST_HEADINGS and heads <= words and min(words) < min(heads):
            return True
    return False


_FEWEST_HEADINGS = 3


def _leads(view: GridView, axis: Axis, column: int) -> bool:
    """Tell whether a column says something of the lines: it is no day's, and holds anything below the days."""
    return column not in axis.heads and any(view.text(row, column) for row in range(axis.last_row + 1, len(view.rows)))


def _holds_sums(view: GridView, axis: Axis, column: int) -> bool:
    """Tell whether a column behind the days has nothing but numbers: the hours of each line, or its shifts."""
    return all(
        _AMOUNT.fullmatch(text) for row in range(axis.last_row + 1, len(view.rows)) if (text := view.text(row, column))
    )


_AMOUNT = regex(r"\d+(?:[.,:]\d+)?")


def _take_rows(found: Crossing, axis: Axis) -> None:
    view, first = found.view, found.leads[0]
    heads = [text for row in range(axis.last_row + 1, len(view.rows)) if (text := view.text(row, first))]
    places = [text for text in heads if is_place_word(text)]
    places = places if len(places) > 1 else []  # “Hall” and “Gym” are names, where a single “Hall” says where
    named_at: int | None = None
    blank = False
    of_times = _row_of_times(found, axis)
    for row in range(axis.last_row + 1, len(view.rows)):
        texts = [text for _, text in view.filled(row)]
        corners = view.text(row, first), view.text(axis.row, first)
        headed_alike = not corners[0] or len(set(map(_form, corners))) == 1 or all(map(names_week, corners))
        again = axis_at(view, row, again=True) if headed_alike and len(texts) >= FEWEST_HEADS else None
        if again is not None and again.dated == axis.dated:
            axis, named_at = carried(view, again) if found.carried else again, None
            found.axes.append(again)
            of_times = _row_of_times(found, axis)
            continue
        if row <= axis.last_row:
            continue
        cells = [column for column in axis.heads if view.text(row, column)]
        name = view.text(row, first)
        if not texts:
            blank = True
        elif heading := _heading_of_days(found, axis, row, "" if name in places else name, of_times):
            found.about_days[row] = heading
        elif name and cells and (_TOTAL.fullmatch(name) or _counts(found, row, cells)):
            found.totals += 1
        elif not cells or (blank and name and _explains(found, texts)):
            named_at = row if name and not blank else None
            found.lines.append(Line(row, 0, texts))
        elif name or (named_at is not None and not blank):
            named_at = row if name else named_at
            found.rows.append(Row(row, named_at if named_at is not None else row, axis))
            blank = False
        else:
            found.stray += [(row, column) for column in cells]


def _heading_of_days(found: Crossing, axis: Axis, row: int, name: str, of_times: int) -> str:
    """Return how what a row says of each day is headed in a list; "" where it is of a name of its own.

    ``of_times`` is the row that says when something is on each date, -1 for none.
    """
    if not (found.view.turned and name):
        return ""
    field = Headings(EVENT_SHEET)(name)
    if field in _ABOUT_THE_DAY or _numbers_dates(found, axis, name, row):
        return name
    if row == of_times:
        return _TIME_OF_DAY
    return _OCCASION if axis.dated and field == "summary" and _is_sparse(found, row) else ""


def _form(text: str) -> str:
    """Return a text with its numbers alike: “KW 41 (5.10.–11.10.)” and “KW 42 (12.10.–18.10.)” are of one form."""
    return _NUMBER.sub("0", text)


_NUMBER = regex(r"\d+")


def _counts(found: Crossing, row: int, cells: Sequence[int]) -> bool:
    """Tell whether a line has but numbers, below lines of letters: how many are there on each day."""
    if not all(found.view.text(row, column).isdecimal() for column in cells):
        return False
    before = [text for _, _, text in found.cells()]
    return bool(before) and not any(map(str.isdecimal, before))


_WEEK_NUMBERS = frozenset(map(heading_key, f"{words.WEEK}|kw|no|nr|#|wk|week no|week number|vecka|uke".split("|")))
"""What heads the numbers of weeks, or of rows, beside dates."""


def _numbers_dates(found: Crossing, axis: Axis, name: str, row: int) -> bool:
    """Tell whether a row numbers the weeks of dates that stand across, or the dates themselves."""
    if not (axis.dated and heading_key(name) in _WEEK_NUMBERS):
        return False
    cells = [text for column in axis.heads if (text := found.view.text(row, column))]
    return bool(cells) and all(map(str.isdecimal, cells))


def _row_of_times(found: Crossing, axis: Axis) -> int:
    """Return the one row that says when something is on each date, whatever heads it; -1 for none, or several."""
    if not (found.view.turned and axis.dated):
        return -1
    below = range(axis.last_row + 1, len(found.view.rows))
    texts = {row: [text for column in axis.heads if (text := found.view.text(row, column))] for row in below}
    timed = [row for row, several in texts.items() if several and all(map(CLOCK.fullmatch, several))]
    return timed[0] if len(timed) == 1 and len(texts[timed[0]]) == len(axis.heads) else -1


_TIME_OF_DAY = "Time"
"""The heading of when on its day something is."""
_OCCASION = "Description"
"""The heading of what a day is, beside what each name does on it."""


def _is_sparse(found: Crossing, row: int) -> bool:
    """Tell whether a third or more of the days say nothing in a row: what some are called, and no title of each."""
    heads = found.axes[0].heads
    return sum(not found.view.text(row, column) for column in heads) * 3 >= len(heads)


def _explains(found: Crossing, texts: Sequence[str]) -> bool:
    """Tell whether a line below the others is of a key: it begins with a code that stands above."""
    codes = found.codes()
    return len(texts) > 1 and texts[0] in codes and not all(text in codes for text in texts[1:])


def _is_sure(found: Crossing, explained: Collection[str] = ()) -> bool:
    """Tell whether the cells say when, or the days are dates; periods and times along the side make other sheets.

    ``explained`` are codes to which another sheet gives hours.
    """
    names = found.names()
    if not names or found.by_weeks:  # weeks down, weekdays across: every cell is a date's own
        return not found.view.turned
    if most_are(names, _PERIOD) or any(bare_period(name) in ("1", "2", "3") for name in names):
        return False
    spans_beside = sum(span_in(name) is not None for name in names)
    if not any(any(map(str.isalpha, name)) for name in names):
        return spans_beside == len(names) and found.dated
    if found.dated:
        texts = found.texts()
        return sum(is_date(text) and span_in(text) is None for text in texts) * 2 <= len(texts)
    beside_hours = found.hours_lead is not None and found.named_by not in (None, found.hours_lead)
    if (
        (spans_beside == len(names) and found.people_in_cells())
        or (beside_hours and (_heads_names(found) or _share_hours(found)))
        or (not spans_beside and _are_on_duty_by_title(found))
    ):
        return True
    texts = found.texts()
    explained = {code.casefold() for code in (*explained, *(one.code for one, _ in found.own_key() if one.hours))}
    coded = [text for text in texts if _all_explained(text, explained)]
    starts = _are_times(texts) and any(map(length_said, (text for line in found.lines for text in line.texts)))
    timed = [text for text in texts if starts or span_in(text) or text in coded]
    by_key = 0 < len(coded) == len(texts)  # bell times have none
    named = by_key or starts or len(timed) < len(texts) or _heads_names(found) or _not_bells(found, texts)
    return len(timed) * 2 > len(texts) and named


def _all_explained(text: str, explained: Collection[str]) -> bool:
    """Tell whether a cell holds nothing but codes that have hours, and such as say that somebody is off."""
    codes = [text] if text.casefold() in explained else codes_in(text)
    return bool(explained and codes) and all(code.casefold() in explained or is_free(code) for code in codes)


def _are_on_duty_by_title(found: Crossing) -> bool:
    """Tell whether a title says the times of all cells, and these name people, in full or by their initials."""
    if not found.captions_with_hours():
        return False
    return found.people_in_cells() or all(map(_INITIALS.fullmatch, found.texts()))


_INITIALS = regex(r"[A-ZÄÖÜÅØÆ]{2,4}")


def _heads_names(found: Crossing) -> bool:
    """Tell whether the names of a crossing stand below a heading such as Class or Room, and so are no periods."""
    heading = found.heading(found.named_by) if found.named_by is not None else ""
    return Headings(TIMETABLE_SHEET)(heading) in ("class", "course", "teacher", "room", "student", "team", "group")


def _share_hours(found: Crossing) -> bool:
    """Tell whether two names have the same hours, as periods never have: each has its days."""
    if found.who is None or found.hours_lead is None:
        return False
    pairs = {(found.name(row, found.hours_lead), found.name(row, found.who)) for row in found.rows}
    return len({hours for hours, _ in pairs}) < len(pairs)


def _not_bells(found: Crossing, texts: Sequence[str]) -> bool:
    """Tell whether cells that all hold times are no bell times: they have words beside, or overlap on a day."""
    if any(len(text) > len(span.text) + 2 for text in texts if (span := span_in(text))):
        return True
    known = Headings(TIMETABLE_SHEET)
    if any(known(found.heading(lead)) in ("teacher", "room") for lead in found.leads):
        return True
    if found.role() in ("team", "teacher", "student") or known(found.heading(found.leads[0])) == "class":
        return True
    by_day: dict[int, list[str]] = {}
    for _, column, text in found.cells():
        by_day.setdefault(column, []).append(text)
    return any(len(set(texts)) < len(texts) or _overlap(texts) for texts in by_day.values())


def _overlap(texts: Sequence[str]) -> bool:
    """Tell whether any two spans of times overlap, which those of a day's periods never do."""
    read = [scan_span(span.text) for text in texts if (span := span_in(text)) is not None]
    spans = sorted(Clock().read_span(one.start, one.end) for one in read if one is not None and one.end is not None)
    return any(after[0].seconds < before[1].seconds for before, after in pairwise(spans))


def _share_texts(found: Crossing) -> bool:
    """Tell whether most names have a text that another has, too: their cells hold the same kind of thing."""
    whose: dict[str, set[str]] = {}
    for row, _, text in found.cells():
        if (len(text) > _SHORT or text.istitle()) and found.who is not None:
            whose.setdefault(text.casefold(), set()).add(found.name(row, found.who))
    sharing = {name for names in whose.values() if len(names) > 1 for name in names}
    return len(sharing) * 2 > len(found.names())


def _cells_by_name(found: Crossing) -> dict[str, list[str]]:
    cells: dict[str, list[str]] = {}
    for row, _, text in found.cells():
        if found.named_by is not None:
            cells.setdefault(found.name(row, found.named_by), []).append(text)
    return cells


def _are_times(texts: Sequence[str]) -> bool:
    """Tell whether texts are nothing but times of day: a column of starts, and no name's."""
    return all(_TIME.fullmatch(text.strip()) for text in texts)


_TIME = regex(r"\d{1,2}(?:[:.hu]\d{2})?\s*(?:[ap]\.?m\.?)?|noon|midnight", re.IGNORECASE)
_SHORT = 3
_LONGEST_WORD, _MOST_WORDS = 24, 12
_FEWEST_WEEKS = 3
_WEEKS = (7, 14)
_FEWEST_OF_A_YEAR = 300


def _is_short(text: str) -> bool:
    return len(text) <= _LONGEST_WORD and text.count(" ") <= 1


def _head_changes(names: Sequence[str]) -> bool:
    """Tell whether names are headings of several fields of a list of changes: “Form”, “Cover”, “New room”."""
    return len({field for name in names if (field := Headings(CHANGE_SHEET)(name))}) > 1


def _is_sure_turned(found: Crossing) -> bool:
    """Tell whether names stand across, and no headings of a list: they have one form, or all cells speak for it."""
    names = found.names()
    known = Headings(EVENT_SHEET)
    says_hours_of_days = found.hours_lead is not None or bool(found.about_days)
    on_duty = not found.dated and _are_on_duty_by_title(found)
    places = (on_duty or (found.dated and says_hours_of_days)) and all(map(is_place_word, names))
    headings = any((known(name) and not places) or heading_key(name) in SIDES_OF_A_MATCH for name in names)
    if len(names) < FEWEST_HEADS or headings or _head_changes(names):
        return False
    are_times = list(map(_are_times, _cells_by_name(found).values()))
    if found.hours_lead is None and any(are_times) and not all(are_times):
        return False
    if found.about_days and not found.dated:
        return False
    by_hours = found.hours_lead is not None or all(span_in(name) is not None for name in names)
    if (found.dated and (by_hours or places)) or on_duty:
        return True
    texts = found.texts()
    forms = {re.sub(r"\d+(?:st|nd|rd|th)?", "9", re.sub(r"\b[A-Za-z]\b|(?<=\d)[a-z]\b", "A", name)) for name in names}
    on_rota = found.dated and any(map(_ABOUT_PEOPLE.search, found.titles)) and all(map(_is_short, texts))
    if (len(forms) == 1 and forms != set(names)) or _share_texts(found) or on_rota:
        return True
    timed = sum(span_in(text) is not None or bool(codes_in(text)) for text in texts)
    return timed * 5 >= len(texts) * 4 or _are_people(names) or found.people_in_cells()
