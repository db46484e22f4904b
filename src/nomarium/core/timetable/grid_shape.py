"""Where the grids of a sheet stand: periods or times down and days across, or the other way round."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from datetime import time
from itertools import dropwhile, zip_longest

from nomarium.core.columns import heading_key
from nomarium.core.kinds import PERIOD_HEADINGS, bare_label
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.vocabulary import BREAKS
from nomarium.core.problems import DataRefused, Place
from nomarium.core.slots import DayReader, DayTest, Periods, UnknownDay, read_periods
from nomarium.core.tables import Cell, Grid, GridView
from nomarium.core.timetable import wording
from nomarium.core.timetable.captions import week_of
from nomarium.core.timetable.named_rows import EVERY_DAY, PERIOD_WORD, stacked
from nomarium.core.values import (
    looks_like_place,
    scan_span,
    span_in,
    weekdays_in_turn,
)
from nomarium.lazily import regex

_PERIOD_CORNERS = frozenset(
    map(
        heading_key,
        f"{PERIOD_HEADINGS}|{words.PERIOD}|{words.HOURS}|{words.START_TIME}|{words.END_TIME}|"
        "start time|end time|time|times|zeit|uhrzeit|heure|hora|horario|orario|ora|tijd|tid|"
        "start|end|from|to|begins|ends".split("|"),
    )
)
_DAY_CORNERS = frozenset(map(heading_key, f"day|days|cycle day|weekday|date|{words.DAY}|{words.WEEKDAY}".split("|")))
_PLAIN_NUMBER = regex(r"\d{1,2}")
_FEWEST_DAYS = 2
_MOST_ROWS = 5_000
"""More rows than any sheet of grids has: a list."""
_MOST_ABOVE = 3
"""So many rows of caption are looked at above a grid."""


@dataclass(frozen=True, slots=True)
class Line:
    """A line of a grid: its period as written, or its own times as written, and the rows of the view that it takes."""

    row: int
    periods: Periods
    hours: str
    last: int

    @property
    def words(self) -> str:
        """The line's heading."""
        return "–".join(self.periods) or self.hours


@dataclass(slots=True)
class Block:
    """One grid: its days by their columns, its lines, and the texts that stand above it."""

    view: GridView
    head: int
    days: dict[int, tuple[DayTest, ...]]
    lines: list[Line] = field(default_factory=list)
    captions: list[str] = field(default_factory=list)
    rooms: dict[int, str] = field(default_factory=dict)
    """The rooms that stand beside the days, each in its column: below them a day may have several."""
    rooms_below: bool = False
    sections: dict[int, str] = field(default_factory=dict)
    """Texts that stand alone in a row between its lines: who the lines below it are for, or just “Morning”."""
    section: int | None = None
    """The row of the text that it stands under, where its days head several grids one below the other."""

    @property
    def begins(self) -> int:
        """The first row of the view that belongs to it alone."""
        return self.head if self.section is None else self.section

    @property
    def times_behind(self) -> list[int]:
        """The columns behind the days that say when each line begins and ends: "… Friday | Start | End"."""
        behind = range(max(self.days) + 1, self.view.width)
        headed = (column for column in behind if heading_key(self.view.text(self.head, column)) in _PERIOD_CORNERS)
        return [column for column in headed if _is_clock(self.view, self.head + 1, column)]

    def take_rooms(self) -> None:
        """Take the row above or below the days for rooms, where each of them has a column of its own."""
        texts = dict(self.view.filled(self.head - 1)) if self.head else {}
        above = {column: text for column, text in texts.items() if column >= min(self.days, default=0)}
        if len(above) > 1 and above.keys() <= self.days.keys() and all(map(looks_like_place, above.values())):
            self.rooms = above
            return
        below = self.head + 1
        texts = dict(self.view.filled(below)) if below < len(self.view.rows) else {}
        first = min(self.days, default=0)
        if min(texts, default=0) < max(first, 1) or len(texts) <= len(self.days):
            return
        if not all(looks_like_place(text) for text in texts.values()):
            return
        for column in sorted(texts):
            if column not in self.days and not self.view.text(self.head, column):
                self.days[column] = self.days[column - 1] if column - 1 in self.days else self.days[first]
        self.rooms = {column: text for column, text in texts.items() if column in self.days}
        self.rooms_below = bool(self.rooms)

    def take_lines(self, days: DayReader, cycles: Sequence[str]) -> bool:
        """Find the lines below the days, and tell whether there are any."""
        self.take_rooms()
        lines = _lines(self, days, cycles)
        self.lines = lines if self.sections else _in_pairs(lines)
        return bool(self.lines)

    def parts(self) -> list[Block]:
        """Return the grids that its days head: one below each text in it where lines begin anew, else itself."""
        if not self.sections:
            return [self]
        words = [line.words for line in self.lines]
        if len(set(words)) == len(words):
            return [replace(self, lines=_in_pairs(self.lines), sections={})]
        starts = [None, *self.sections]
        held = [
            (row, [line for line in self.lines if (row or -1) < line.row < (after or len(self.view.rows))])
            for row, after in zip_longest(starts, starts[1:])
        ]
        return [replace(self, lines=_in_pairs(lines), section=row, sections={}) for row, lines in held if lines]

    @property
    def last_row(self) -> int:
        """The last row of the view that belongs to it."""
        return self.lines[-1].last if self.lines else self.head


def find_blocks(grid: Grid, days: DayReader, cycles: Sequence[str]) -> list[Block]:
    """Return the grids of a sheet, the way round that makes sense of it; none where it holds none.

    Raises DataRefused where both ways do, and nothing tells days from periods.
    """
    if len(grid.rows) > _MOST_ROWS:
        return []
    grid = stacked(grid, days, cycles) or grid
    upright = _blocks(GridView(grid), days, cycles)
    turned = _blocks(GridView(grid, turned=True), days, cycles)
    if upright and _weight(upright) == _weight(turned):
        raise DataRefused(wording.two_ways_round(upright[0].view.place(upright[0].head, 0)))
    chosen = upright if _weight(upright) > _weight(turned) else turned
    for block in chosen:
        above = [other.last_row + 1 for other in chosen if other.last_row < block.head]
        block.captions = _captions(block, max(above, default=0))
    parts = [part for block in chosen for part in block.parts()]
    for part in parts:
        if part.section is not None:
            part.captions = [part.view.text(part.section, 0), *part.captions]
    return parts


def _weight(blocks: Sequence[Block]) -> float:
    """Weigh a reading: lines surely headed by periods or times count whole, plain numbers half."""
    return sum(_sureness(block) * len(block.lines) * len(block.days) for block in blocks)


def _sureness(block: Block) -> float:
    corner, turned = heading_key(block.view.text(block.head, min(block.days) - 1)), block.view.turned
    if corner in _PERIOD_CORNERS | _DAY_CORNERS:  # the corner heads the first column of the sheet
        return 2 if (corner in _DAY_CORNERS) is turned else 0.5
    plain = all(_PLAIN_NUMBER.fullmatch(line.words) and not line.hours for line in block.lines)
    heads = [block.view.text(block.head, column) for column in block.days]
    weekdays = all(day.weekday is not None for days in block.days.values() for day in days)
    surely_days = weekdays and not all(map(str.isdecimal, heads))
    surely_days = surely_days or all(bare_label(head, ()) != head for head in heads)  # “Day 1”
    return (0.5 if plain else 1) * (_OF_WEEKDAYS if surely_days else 1)


_OF_WEEKDAYS = 3
"""So much more a reading weighs whose days say that they are: as periods these were words like any other."""


def _blocks(view: GridView, days: DayReader, cycles: Sequence[str]) -> list[Block]:
    """Return the grids of a view; one of a single line counts where another has more, or where it surely is one."""
    blocks: list[Block] = []
    row = 0
    while row < len(view.rows):
        found = [
            block
            for part in _side_by_side(view, row, days, cycles)
            if _heads_days(part, row, days, cycles)
            and (block := Block(part, row, _in_weeks(part, row, days, cycles))).take_lines(days, cycles)
        ]
        blocks += found
        row = max((block.last_row for block in found), default=row) + 1
    return blocks if any(len(block.lines) > 1 or _is_sure_alone(block) for block in blocks) else []


def _is_sure_alone(block: Block) -> bool:
    """Tell whether a single line is one of a grid: below weekdays, headed by times or a period, with words in it."""
    line = block.lines[0]
    weekdays = all(day.weekday is not None for days in block.days.values() for day in days)
    span = scan_span(line.hours) if line.hours else None
    corner = heading_key(block.view.text(block.head, min(block.days) - 1))
    headed = (span is not None and span.end is not None) or (bool(line.periods) and corner in _PERIOD_CORNERS)
    cells = [text for column in block.days if (text := block.view.text(line.row, column))]
    wordy = [text for text in cells if any(map(str.isalpha, text)) and span_in(text) is None]
    return weekdays and headed and len(wordy) == len(cells) > 1 and min(block.days) == 1


def _side_by_side(view: GridView, row: int, days: DayReader, cycles: Sequence[str]) -> list[GridView]:
    """Return the parts of a view that each have a grid of their own below days in a row: one for most rows.

    A further grid begins behind the days of the one before it, where a cell that is no day stands before days again,
    or a day comes again behind an empty cell.
    """
    ends: list[int] = []
    run: list[object] = []
    broken = False
    last = 0
    for column, text in view.filled(row):
        day = UnknownDay(text) if PERIOD_WORD.fullmatch(text) else days.read(" ".join(text.split()), cycles)
        if isinstance(day, UnknownDay):
            broken = True
            continue
        again = day in run and column > last + 1
        if len(run) >= _FEWEST_DAYS and (broken or again):
            ends.append(last + 1)
            run = []
        elif broken:
            run = []
        run.append(day)
        broken, last = False, view.end(row, column)[1]
    if len(run) < _FEWEST_DAYS and ends:
        ends.pop()
    starts = [0, *ends]
    return [view.part(start, end) if ends else view for start, end in zip_longest(starts, ends)]


def _heads_days(view: GridView, row: int, days: DayReader, cycles: Sequence[str]) -> bool:
    """Tell whether days stand in a row: several, or one that is every day."""
    across = _days_across(view, row, days, cycles)
    return len(across) >= _FEWEST_DAYS or (bool(across) and view.text(row, 1) == EVERY_DAY)


def _days_across(view: GridView, row: int, days: DayReader, cycles: Sequence[str]) -> dict[int, tuple[DayTest, ...]]:
    """Return the days that head the columns of a row; none where a cell between them is no day."""
    across = [(column, text) for column, text in view.filled(row) if column]
    timed = not across or _is_clock(view, row + 1, across[-1][0])  # a hall's days have hours below them, too
    across = list(
        dropwhile(
            lambda head: heading_key(head[1]) in _PERIOD_CORNERS or (not timed and _is_clock(view, row + 1, head[0])),
            across,
        )
    )
    heads = [text for _, text in across]
    if in_turn := weekdays_in_turn(tuple(heads)):
        return {column: (DayTest(weekday=day),) for (column, _), day in zip(across, in_turn, strict=True)}
    if _FEWEST_SHORT <= len(heads) <= _MOST_SHORT and all(len(text) <= _LONGEST_SHORT for text in heads):
        days = days.of_column(heads, cycles)
    found: dict[int, tuple[DayTest, ...]] = {}
    for column, text in across:
        day = days.read(" ".join(text.split()), cycles) if not PERIOD_WORD.fullmatch(text) else UnknownDay(text)
        if isinstance(day, UnknownDay):
            if len(found) >= _FEWEST_DAYS:
                break  # what stands behind the days is no part of the grid
            if found:
                return {}
        else:
            _, last = view.end(row, column)
            found.update(dict.fromkeys(range(column, last + 1), day))
    return found


def _in_weeks(view: GridView, row: int, days: DayReader, cycles: Sequence[str]) -> dict[int, tuple[DayTest, ...]]:
    """Return the days of a row, each in the week above it where several stand there: “Week A | Week B”."""
    across = _days_across(view, row, days, cycles)
    weeks = _weeks_above(view, row)
    if not weeks or not across or min(weeks) > min(across) or any(day.letter for of in across.values() for day in of):
        return across
    letters = {column: next(weeks[at] for at in sorted(weeks, reverse=True) if at <= column) for column in across}
    return {column: tuple(day._replace(letter=letters[column]) for day in of) for column, of in across.items()}


def _weeks_above(view: GridView, row: int) -> dict[int, str]:
    """Return the letters of the weeks that stand above a row, by their columns; none where only one does."""
    weeks = {column: letter for column, text in view.filled(row - 1) if (letter := week_of([text]))} if row else {}
    return weeks if len(set(weeks.values())) > 1 else {}


def _is_clock(view: GridView, row: int, column: int) -> bool:
    """Tell whether a cell is a time, or a span of times, and so no meeting."""
    return row < len(view.rows) and _says_clock(view.cell(row, column))


def _says_clock(cell: Cell) -> bool:
    return isinstance(cell, time) or (isinstance(cell, str) and _CLOCK.fullmatch(cell.strip()) is not None)


_CLOCK = regex(
    r"\d{1,2}[:.hu]\d{2}(?:\s*[ap]\.?m\.?)?(?:\s*[-–—]\s*\d{1,2}[:.hu]\d{2}(?:\s*[ap]\.?m\.?)?)?", re.IGNORECASE
)
_FEWEST_SHORT, _MOST_SHORT, _LONGEST_SHORT = 3, 7, 3
"""A row of so many heads, each no longer, may be of weekdays in short forms: "Må, Ti, On"."""


def _lines(block: Block, days: DayReader, cycles: Sequence[str]) -> list[Line]:
    """Return the lines below a row of days: each headed by a period or times; lines without either go with the last."""
    view, first, behind = block.view, min(block.days), block.times_behind
    lines: list[Line] = []
    blank = 0
    for row in range(block.head + (2 if block.rooms_below else 1), len(view.rows)):
        heads = [view.cell(row, column) for column in (*range(first), *behind)]
        heading = _heading(heads)
        surely_a_line = heading is not None and bool(heading[1] or _is_plain_period(heading[0]))
        if not surely_a_line and _heads_days(view, row, days, cycles):
            break
        if heading is not None and _names_weekday(heads, days):
            break
        wordy = heading is not None and not heading[1] and not _is_plain_period(heading[0])
        if (caption := _caption_within(block, row)) and (wordy or heading is None):
            block.sections[row] = caption
            continue
        if wordy and not any(view.text(row, column) for column in block.days):
            continue  # a break or a footer: no meeting stands in it
        if heading is not None:
            lines.append(Line(row, *heading, view.end(row, _first_filled(heads))[0]))
            blank = 0
        elif any(view.text(row, column) for column in block.days) and not any(cell != "" for cell in heads) and lines:
            if blank:
                break
            lines[-1] = Line(lines[-1].row, lines[-1].periods, lines[-1].hours, max(row, lines[-1].last))
        elif any(cell != "" for cell in view.rows[row]):
            break
        else:
            blank += row > (lines[-1].last if lines else row)
    return lines


def _caption_within(block: Block, row: int) -> str:
    """Return the text that stands alone in a row in front of the days, above a line with times or a number; else ""."""
    view = block.view
    alone = [text for _, text in view.filled(row)]
    if len(alone) != 1 or row + 1 >= len(view.rows) or alone[0].casefold() in BREAKS or span_in(alone[0]) is not None:
        return ""
    first = min(block.days)
    heading = _heading([view.cell(row + 1, column) for column in (*range(first), *block.times_behind)])
    heads_line = heading is not None and bool(heading[1] or _is_plain_period(heading[0]))
    meets = any(view.text(row + 1, column) and not _is_clock(view, row + 1, column) for column in block.days)
    return alone[0] if heads_line and meets and view.text(row, 0) and any(map(str.isalpha, alone[0])) else ""


def _in_pairs(lines: list[Line]) -> list[Line]:
    """Join lines of which each two are one: its period, then its times; or when it begins, then when it ends."""
    firsts, seconds = lines[::2], lines[1::2]
    if not lines or len(firsts) != len(seconds):
        return lines
    numbered = all(line.periods and not line.hours for line in firsts)
    timed = all(line.hours and not line.periods for line in seconds)
    if numbered and timed and not any(_is_short(line.hours) for line in seconds):
        hours = [line.hours for line in seconds]
    elif timed and _begin_and_end([line.hours for line in lines]) and not any(line.periods for line in firsts):
        hours = [f"{line.hours} – {other.hours}" for line, other in zip(firsts, seconds, strict=True)]
    else:
        return lines
    return [
        Line(line.row, line.periods, said, other.last) for line, other, said in zip(firsts, seconds, hours, strict=True)
    ]


def _is_short(hours: str) -> bool:
    """Tell whether times are those of a break between lessons."""
    span = scan_span(hours)
    if span is None or span.end is None:
        return False
    length = (span.end.hour - span.start.hour) * 60 + span.end.minute - span.start.minute
    return length % _HALF_A_DAY <= _LONGEST_BREAK


_LONGEST_BREAK = 20


def _begin_and_end(hours: Sequence[str]) -> bool:
    """Tell whether times say by turns when a lesson begins and ends: all take as long, and some pause is no lesson."""
    spans = [scan_span(text) for text in hours]
    if len(hours) < _FEWEST_CLOCKS or not all(span is not None and span.end is None for span in spans):
        return False
    clocks = [span.start.hour * 60 + span.start.minute for span in spans if span is not None]
    clocks = [at + _HALF_A_DAY * any(before > at for before in clocks[:place]) for place, at in enumerate(clocks)]
    lengths = [end - start for start, end in zip(clocks[::2], clocks[1::2], strict=True)]
    pauses = [start - end for end, start in zip(clocks[1::2], clocks[2::2], strict=False)]
    return min(pauses) <= _SHORT_PAUSE < min(lengths) and max(lengths) - min(lengths) <= _SHORT_PAUSE


_FEWEST_CLOCKS = 4
_SHORT_PAUSE = 10
"""No lesson is as short as these minutes."""
_HALF_A_DAY = 12 * 60


def _names_weekday(heads: Sequence[Cell], days: DayReader) -> bool:
    """Tell whether a line is headed by a weekday: it is a day then, and no period."""
    texts = (" ".join(cell.split()) for cell in heads if isinstance(cell, str) and len(cell) > 1)
    read = (days.read(text, ()) for text in texts)
    return any(not isinstance(found, UnknownDay) and all(day.weekday is not None for day in found) for found in read)


def _is_plain_period(periods: Periods) -> bool:
    """Tell whether a period goes by a number or a letter, and not by a word, as breaks and captions do."""
    return all(period.isdecimal() or len(period) == 1 for period in periods)


def _first_filled(cells: Sequence[Cell]) -> int:
    return next((index for index, cell in enumerate(cells) if cell != ""), 0)


_BOTH = regex(
    r"(?P<period>[^\d\s]*\s*\w+?|\d+(?:[.ªº°]|st|nd|rd|th|er|e|ème|:[ae])?\s*[^\W\d]+)[.ªº°]?\s*[\n(:,–-]?\s*"
    r"\(?(?<!\d)(?P<hours>\d{1,2}[:.hu]\d{2}.*?)\)?",
    re.DOTALL,
)


def _heading(cells: Sequence[Cell]) -> tuple[Periods, str] | None:
    """Return the period and the times that the cells in front of a line say; None where they say neither."""
    periods: Periods = ()
    hours: list[str] = []
    timed = any(map(_says_clock, cells))
    for cell in cells:
        if isinstance(cell, time):
            hours.append(f"{cell:%H:%M}")
            continue
        text = (
            str(int(cell)) if isinstance(cell, float) and cell.is_integer() else cell if isinstance(cell, str) else ""
        )
        text = " ".join(text.split())
        if not text:
            continue
        numbered = _PLAIN_NUMBER.fullmatch(text) or (timed and _ORDINAL.fullmatch(text))
        span = None if numbered else scan_span(text)
        both = _BOTH.fullmatch(text) if span is None else None
        if span is not None:
            hours.append(text)
        elif both and (groups := read_periods(both["period"])) and scan_span(both["hours"]):
            periods, hours = groups[0], [*hours, both["hours"]]
        elif len(text) <= _LONGEST_HEADING and (groups := read_periods(text)) and len(groups) == 1 and not periods:
            periods = groups[0]
        elif (named := _named_span(text)) is not None and not periods:
            periods, hours = (named[0],), [*hours, named[1]]
        else:
            return None
    return (periods, " – ".join(hours)) if periods or hours else None


def _named_span(text: str) -> tuple[str, str] | None:
    """Return what a heading calls a span of times, and that span: “Before school 8:15–8:45 Gate”."""
    found = span_in(text) if len(text) <= _LONGEST_NAMED else None
    name = " ".join(f"{text[: found.start]} {text[found.end :]}".split()).strip(" -–:,()") if found else ""
    return (name, found.text) if found and any(map(str.isalpha, name)) and not any(map(str.isdigit, name)) else None


_LONGEST_HEADING, _LONGEST_NAMED = 24, 60
_ORDINAL = regex(r"\d{1,2}\s?(?:[ªº°.]|[^\W\d_]{1,2}\.?)")
"""“1ª”, “2a”: beside times a number, and not one o’clock."""


def _captions(block: Block, first: int) -> list[str]:
    """Return the texts above a grid, the nearest first, and those before its days, if they head no periods."""
    view = block.view
    before = [view.text(block.head, column) for column in range(min(block.days))]
    texts = [text for text in before if text and heading_key(text) not in _PERIOD_CORNERS | _DAY_CORNERS]
    weeks = _weeks_above(view, block.head)
    for row in range(block.head - 1, max(first, block.head - 1 - _MOST_ABOVE) - 1, -1):
        texts += [text for column, text in view.filled(row) if row < block.head - 1 or column not in weeks]
    return texts


@dataclass(frozen=True, slots=True)
class Outside:
    """A filled cell of a sheet of grids that belongs to none of them."""

    text: str
    place: Place
    below: bool
    """Whether it stands in a row below a grid with others under its days, and not beside its lines."""


def cells_outside(blocks: Sequence[Block]) -> list[Outside]:
    """Return the filled cells beside the lines of grids, and in rows of several below them, that belong to none."""
    found = []
    heads = sorted({block.begins for block in blocks})
    for block in blocks:
        above = [c for c in block.days if block.head and block.view.text(block.head - 1, c)]
        if block.view.turned and len(above) > 1 and not block.rooms:  # a column beside the days, and no caption
            found += [
                Outside(block.view.text(block.head - 1, c), block.view.place(block.head - 1, c), False) for c in above
            ]
        view, last = block.view, max(block.days)
        rows = [row for line in block.lines for row in range(line.row, line.last + 1)]
        behind = block.times_behind
        beside = [(row, column) for row in rows for column in range(last + 1, view.width) if column not in behind]
        found += [Outside(view.text(*cell), view.place(*cell), False) for cell in beside if view.text(*cell)]
        end = next((head for head in heads if head > block.last_row), len(view.rows))
        for row in range(block.last_row + 1, end):
            filled = [column for column in block.days if view.text(row, column)]
            if len(filled) > 1:
                first = next(column for column in range(view.width) if view.text(row, column))
                found.append(Outside(view.text(row, first), view.place(row, first), True))
                found += [Outside(view.text(row, c), view.place(row, c), True) for c in filled if c != first]
    return found
