"""Grids of meetings, one or several on a sheet → Meetings."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Collection, Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import date, time, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.kinds.vocabulary import BREAKS
from nomarium.core.repeats import bounds_in
from nomarium.core.shapes import is_free, unclear_weeks, without_length
from nomarium.core.sheets import (
    Known,
    Validity,
    holds_for_all,
    is_usual_name,
    known_in,
    length_said,
    named_bounds,
    note_unused,
    note_used,
    says_off,
    titled_span,
    unclear_name,
    validity_by_name,
    validity_in,
)
from nomarium.core.slots import DayTest, Periods, UnknownDay, by_bare_letters, by_weeks
from nomarium.core.sources import date_in_words
from nomarium.core.timetable import wording
from nomarium.core.timetable.captions import OWNERS, Owner, owner_of, teacher_by_cells, week_of
from nomarium.core.timetable.cell_lines import CellPattern, CellReader, lines_of_cell
from nomarium.core.timetable.editions import Edition
from nomarium.core.timetable.grid_notes import lines_unheard, said_around, with_hours_said
from nomarium.core.timetable.grid_shape import Block, Line, Outside, cells_outside, find_blocks
from nomarium.core.timetable.lists import MeetingSheet, TimetableChoices
from nomarium.core.timetable.meeting import Meeting, Values, When, clean
from nomarium.core.timetable.named_rows import not_taught
from nomarium.core.values import (
    Clock,
    DateSpan,
    Order,
    earliest_in_turn,
    may_pass_midnight,
    read_length,
    scan_span,
    split_list,
    time_at,
)

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem
    from nomarium.core.tables import Grid


@dataclass(frozen=True, slots=True)
class _Filled:
    """A filled cell of a grid: its text, the lines and days that it covers, and where it stands."""

    text: str
    lines: tuple[Line, ...]
    days: tuple[DayTest, ...]
    place: Place
    week: str = ""
    """The letter of the weeks in which it holds, where the cell names one."""
    room: str = ""
    """Where it is, as its column says."""
    length: int = 0
    """How many seconds it lasts, where it begins with its line and says how long it is."""


@dataclass(slots=True)
class _OwnedBlock:
    """A grid with whose it is, and its filled cells."""

    block: Block
    owner: Owner
    cells: list[_Filled]
    weeks: tuple[DayTest, ...] = ()
    """The weeks in which it holds, none for all."""
    first: date | None = None
    last: date | None = None
    """The days from and until which it holds, as its caption says."""
    without: frozenset[date] = frozenset()
    """The dates on which nothing meets, as lines below it say."""
    edition: Edition | None = None
    terms: frozenset[str] = frozenset()
    """The terms in which it holds, as a caption or a name says; none for all."""


def read_grids_of(grids: Sequence[Grid], choices: TimetableChoices, known: Known) -> MeetingSheet:
    """Read all grids of a file's sheets: what their cells mean is settled over all of them together."""
    found = MeetingSheet(form="grid")
    owned = [one for grid in grids for one in _owned_blocks(grid, len(grids) > 1, choices, known, found)]
    readers: dict[str, CellReader] = {}
    for kind in {one.owner.kind for one in owned}:
        texts = [cell.text for one in owned if one.owner.kind == kind for cell in one.cells]
        readers[kind] = CellReader(texts, kind, known)
    pattern = CellPattern(choices.cell) if choices.cell else None
    if pattern is None:
        found.problems += _told_by_form(owned, readers)
    told: set[str] = set()
    for one in owned:
        clocks = _Clocks(one.block, found.problems, choices)
        for cell in one.cells:
            said = pattern.read(cell.text) if pattern else readers[one.owner.kind].read(cell.text)
            if said is None or isinstance(said, str):
                if (problem := _unread(cell, said, choices.cell)).message not in told:
                    found.problems.append(problem)
                    told.add(problem.message if not pattern else "")
                continue
            weeks = _weeks(cell.week, cell.place, choices, found.problems) if cell.week else ()
            held_in = replace(one, weeks=weeks) if weeks else one
            found.meetings += _meetings(cell, said, held_in, clocks, choices)
    found.rows = len({cell.place for one in owned for cell in one.cells})
    return found


def _told_by_form(owned: Sequence[_OwnedBlock], readers: Mapping[str, CellReader]) -> list[Problem]:
    """Say which lines were told by their form alone, with a cell that shows it."""
    problems = []
    for kind, reader in readers.items():
        cells = [cell for one in owned if one.owner.kind == kind for cell in one.cells]
        for count, roles in reader.by_form.items():
            example = next((cell for cell in cells if len(reader.parts(cell.text)) == count), None)
            if example is not None:
                problems.append(wording.told_by_form(example.place, reader.parts(example.text), roles))
        if reader.may_have_rooms and cells and not any(cell.room for cell in cells):
            problems.append(wording.may_end_in_rooms(cells[0].place))
        if reader.has_open_brackets and cells:
            example = next((cell for cell in cells if cell.text.endswith(")")), cells[0])
            problems.append(wording.open_brackets(example.place, example.text, kind))
    return problems


def _unread(cell: _Filled, why: str | None, pattern: str) -> Problem:
    return (
        wording.untold_lines(cell.place, cell.text, why) if why else wording.misfit_cell(cell.place, cell.text, pattern)
    )


def _owned_blocks(
    grid: Grid, several: bool, choices: TimetableChoices, known: Known, found: MeetingSheet
) -> Iterator[_OwnedBlock]:
    of_tab = week_of([grid.sheet or ""])
    by_name = _validity_by_name(grid, choices, found)
    fallback = _called_by_name(grid, by_name, several=several)
    blocks = find_blocks(grid, choices.days, choices.cycles(choices.division))
    outside = cells_outside(blocks)
    inside: list[str] = []
    before: Owner | None = None
    of_sheet = holding_title(blocks, choices.dates.order)
    begins = of_sheet.first if of_sheet else choices.year.rules.first
    before_problems = len(found.problems)
    around = said_around(grid, blocks, begins, choices.dates.order, found.problems)
    holding = [_validity(block, choices, found.problems).or_else(of_sheet, by_name) for block in blocks]
    for block, held in zip(blocks, holding, strict=True):
        captions = held.captions
        owner = owner_of(captions, fallback, choices.each, known, choices.year.rules.divisions)
        stated = next((kind for kind in OWNERS if choices.whole.get(kind)), "")
        owner = owner._replace(kind=stated, name=choices.whole[stated]) if stated else owner
        week = week_of(block.captions) or of_tab
        if week and before is not None and (not owner.kind or owner.name == fallback):
            owner = before  # the grid of a further week of the same person or class
        texts = [] if owner.kind else [cell.text for cell in _filled(block, MeetingSheet())]
        if not owner.kind and not choices.of_blocks and teacher_by_cells(owner.name, texts):
            owner = owner._replace(kind="teacher")
            found.problems.append(wording.teacher_by_cells(block.view.place(block.head, 0), owner.name))
        before = owner if owner.kind else None
        if not owner.kind and not several and len(blocks) == 1 and _says_itself(texts):
            found.problems.append(wording.cells_meet(block.view.place(block.head, 0)))
        elif not owner.kind and not choices.of_blocks:
            caption = block.captions[0] if block.captions else ""
            found.problems.append(wording.no_whose(block.view.place(block.head, 0), caption))
            continue
        differs = owner.division and owner.division != choices.division
        own = _with_days_of(block, owner.division, choices) if differs else block
        with_hours_said(own, grid, found.problems)
        taught = (cell for cell in _filled(own, found) if not not_taught(owner.kind, cell.text))
        taught_in = (replace(cell, room=cell.room or around.room) for cell in taught)
        each = taught_in if owner.kind or choices.of_blocks else _one_by_one(list(taught_in), found.problems)
        cells = list(_in_weeks(list(each), choices, found.problems))
        inside += [cell.text for cell in cells]
        weeks = _weeks(week, block.view.place(block.head, 0), choices, found.problems)
        called = (owner.kind, owner.name) if owner.kind else ()
        edition = held.edition(grid, *called, *captions)
        terms = frozenset() if choices.whole.get("term") else _terms_said(block, known, found)
        yield _OwnedBlock(own, owner, cells, weeks, held.first, held.last, around.off, edition, terms)
    found.problems += _outside(outside, inside)
    if of_sheet is not None and any(held.said_by == "title" for held in holding):
        title = f"{of_sheet.before} {of_sheet.words} {of_sheet.behind}".strip()
        found.problems.append(wording.holds_for_dates(grid.place, title, of_sheet.first, of_sheet.last))
    if by_name is not None and any(held.said_by == "name" for held in holding):
        found.problems.append(named_bounds(grid.place, by_name))
    found.problems += lines_unheard(grid, blocks, found.problems[before_problems:])


def _terms_said(block: Block, known: Known, found: MeetingSheet) -> frozenset[str]:
    """Return the one term that a caption of a grid names, else its tab or its file: "Autumn timetable 4C"."""
    terms = {key: name for key, name in known.of("term").items() if len(key) >= _SHORTEST_TERM}
    grid = block.view.grid
    for text in (*block.captions, *grid.names):
        said = known_in(text, terms)
        if len(said) == 1:
            found.problems.append(holds_for_all(grid.place, "term", said[0], f"“{text}”"))
            return frozenset(said)
    return frozenset()


_SHORTEST_TERM = 3


def holding_title(blocks: Sequence[Block], order: Order | None) -> DateSpan | None:
    """Return from when until when all grids of a sheet hold, where the one title above the first of them says it."""
    first = min(blocks, key=lambda block: block.head, default=None)
    if first is None or first.view.turned:
        return None
    texts = [text for row in range(first.head) for _, text in first.view.filled(row)]
    spans = [span for text in texts if (span := titled_span(text, order)) is not None]
    return spans[0] if len(spans) == 1 else None


def _validity_by_name(grid: Grid, choices: TimetableChoices, found: MeetingSheet) -> Validity | None:
    """Return from when until when a sheet's name says that it holds; a date in it that may be two is told."""
    year = (choices.year.rules.first - _A_MONTH, choices.year.rules.last)
    by_name = validity_by_name(grid, choices.dates.order, year)
    if by_name is None and (unclear := unclear_name(grid)):
        found.problems.append(note_unused(grid.place, unclear))
    return by_name


def _called_by_name(grid: Grid, by_name: Validity | None, *, several: bool) -> str:
    """Return what the grids of a sheet are called by its tab or its file, without the dates that it says."""
    own_name = grid.sheet and not week_of([grid.sheet]) and (several or not is_usual_name(grid.sheet))
    name = grid.names[0 if own_name else -1]
    return by_name.what if by_name is not None and by_name.what and name == by_name.name else name


_A_MONTH = timedelta(days=31)
"""So long before the first term a timetable may be said to hold."""


class _Holding(NamedTuple):
    """The captions of a grid without the dates from and until which it holds, and these dates."""

    captions: list[str]
    first: date | None
    last: date | None
    said_by: str = "caption"
    what: str = ""
    """What a title or a name says besides."""

    def or_else(self, title: DateSpan | None, name: Validity | None) -> _Holding:
        """Return what the title of the sheet says of a grid, or its name, where no caption of its own says it."""
        if self.first or self.last:
            return self
        if title is not None:
            return self._replace(first=title.first, last=title.last, said_by="title")
        if name is not None:
            return self._replace(first=name.first, last=name.last, said_by="name", what=name.what)
        return self

    def edition(self, grid: Grid, *called: str) -> Edition | None:
        """Return what a grid, ``called`` by its owner and captions, is an edition of; None where its end is known."""
        if self.first is None or self.last is not None:
            return None
        return Edition("\n".join((self.what, *called)).casefold(), self.first, str(grid.place))


def _validity(block: Block, choices: TimetableChoices, problems: list[Problem]) -> _Holding:
    """Return from when until when the captions of a grid say that it holds."""
    captions: list[str] = []
    first = last = None
    for caption in block.captions:
        if (held := validity_in(caption, choices.dates.order)) is not None:
            captions += held.rest
            first, last = held.first or first, held.last or last
            problems.append(wording.holds_for_dates(block.view.place(block.head, 0), caption, first, last))
            continue
        bounds = bounds_in(caption) if len(caption) > _SHORTEST_BOUNDED and not says_off(caption) else None
        of_year = choices.year.rules.first
        said = (bounds.first, bounds.until) if bounds else ("", "")
        begins, ends = (date_in_words(text, of_year, choices.dates.order) for text in said)
        if bounds is None or not (begins or ends):
            captions.append(caption)
            continue
        captions += [bounds.head] if bounds.head else []
        first, last = begins or first, ends or last
        problems.append(wording.holds_for_dates(block.view.place(block.head, 0), caption, first, last))
    return _Holding(captions, first, last)


_SHORTEST_BOUNDED = 10


def _one_by_one(cells: Sequence[_Filled], problems: list[Problem]) -> list[_Filled]:
    """Return cells that name several with commas once for each; as they are where a name stands in one only.

    Of “García, López” each stands alone elsewhere, or beside another.
    """
    several = {cell.text: split_list(cell.text) for cell in cells if "," in cell.text}
    alone = {cell.text for cell in cells if cell.text not in several}
    beside = Counter(name for names in several.values() for name in names)
    if not several or not all(name in alone or beside[name] > 1 for names in several.values() for name in names):
        return list(cells)
    problems.append(next(wording.listed_apart(cell.place, cell.text) for cell in cells if cell.text in several))
    return [replace(cell, text=name) for cell in cells for name in several.get(cell.text, (cell.text,))]


def _says_itself(texts: Sequence[str]) -> bool:
    """Tell whether each cell of a grid says in one line what meets, so that it matters little whose grid it is."""
    return bool(texts) and all(len(lines_of_cell(text)) == 1 for text in texts)


def _outside(outside: Sequence[Outside], inside: Sequence[str]) -> list[Problem]:
    """Report filled cells that belong to no grid: an error where they look like the cells of one, else a warning."""
    known = {line.casefold() for text in inside for line in lines_of_cell(text)}
    forms = {_form(line) for line in known}
    problems = []
    for below in (True, False):
        cells = [cell for cell in outside if cell.below is below]
        alike = [cell for cell in cells if any(_is_like(line, known, forms) for line in lines_of_cell(cell.text))]
        if alike:
            problems.append(wording.left_meetings(alike[0].place, alike[0].text, len(alike)))
        elif cells and below:
            rows = len({cell.place.row for cell in cells})
            problems.append(wording.outside_grids(cells[0].place, cells[0].text, rows))
        elif cells:
            problems.append(wording.stray_cells(cells[0].place, cells[0].text, len(cells)))
    return problems


def _is_like(line: str, known: Collection[str], forms: Collection[str]) -> bool:
    key = line.casefold()
    return key in known or (any(map(str.isdigit, key)) and any(map(str.isalpha, key)) and _form(key) in forms)


def _form(text: str) -> str:
    """Return the form of a text: "plk-12" and "nav-3" are both of letters, a hyphen and digits."""
    return re.sub(r"\d+", "9", re.sub(r"[^\W\d_]+", "a", text))


def _with_days_of(block: Block, division: str, choices: TimetableChoices) -> Block:
    """Read the days of a grid again, as those of its own division."""
    again = find_blocks(block.view.grid, choices.days, choices.cycles(division))
    same = (other for other in again if (other.begins, other.view.left) == (block.begins, block.view.left))
    return next(same, block)


def _filled(block: Block, found: MeetingSheet) -> Iterator[_Filled]:
    """Yield the filled cells of a grid; a merged area is one cell of all its lines and days."""
    view = block.view
    for number, line in enumerate(block.lines):
        texts = [view.text(line.row, column).casefold() for column in block.days]
        if line.words.casefold() in BREAKS and len(set(texts)) <= 2:
            found.left_out += len(texts) - texts.count("")
            continue
        for column, days in block.days.items():
            if view.is_covered(line.row, column):
                continue
            last_row, last_column = view.end(line.row, column)
            rows = range(line.row, line.last + 1)
            text = "\n".join(
                part for row in rows if not view.is_covered(row, column) and (part := view.text(row, column))
            )
            if is_free(text) or text.casefold() in BREAKS:
                found.left_out += text.casefold() in BREAKS
                continue
            lines = tuple(other for other in block.lines[number:] if other.row <= last_row) or (line,)
            across = [block.days.get(index, ()) for index in range(column, last_column + 1)]
            covered = tuple(dict.fromkeys(day for several in (across or [days]) for day in several))
            span = scan_span(line.hours) if line.hours else None
            bare, length = without_length(text) if span is not None and span.end is None else (text, 0)
            room = block.rooms.get(column, "")
            yield _Filled(bare, lines, covered, view.place(line.row, column), room=room, length=length)


def _in_weeks(cells: Sequence[_Filled], choices: TimetableChoices, problems: list[Problem]) -> Iterator[_Filled]:
    """Yield what cells hold in each week that they name; the cell itself where it names none.

    Letters alone are weeks where the year has such weeks, and a cell of the grid holds something for several of them.
    """
    letters = choices.year.rules.weeks.letters
    pair = next((cell for cell in cells if by_bare_letters(cell.text, letters)), None)
    if pair is not None:
        problems.append(wording.letters_are_weeks(pair.place, pair.text))
    for cell in cells:
        held = by_weeks(cell.text, bare=pair is not None)
        if not held:
            problems.append(unclear_weeks(cell.place, cell.text))
        for week, text in held:
            if not is_free(text):
                yield replace(cell, text=text, week=week)


_FEWEST_STARTS = 3
_A_DAY = 86_400
_LONGEST_STEP = 2 * 3600
"""Seconds from one start to the next that a lesson may last; beyond, there are gaps between."""


class _Clocks:
    """The times of a grid's lines, read on one clock."""

    def __init__(self, block: Block, problems: list[Problem], choices: TimetableChoices) -> None:
        self._length = choices.length
        shapes = {line.hours: scan_span(line.hours) for line in block.lines if line.hours}
        spans = {text: [shape for shape in span if shape] for text, span in shapes.items() if span}
        starts = [of_line[0] for of_line in spans.values()]
        clock = Clock.of(spans, choices.dates.earliest_hour)
        if not (clock.twenty_four or clock.halves_named or clock.hours_stated):
            clock.earliest_hour, in_doubt = earliest_in_turn(starts, clock.earliest_hour)
            if in_doubt:
                first, last = (time_at(clock.read(shape).seconds) for shape in (starts[0], starts[-1]))
                place = block.view.place(block.lines[0].row, 0)
                problems.append(wording.half_by_order(place, next(iter(spans)), f"{first:%H:%M}", f"{last:%H:%M}"))
        self._clock = clock
        self._shapes = shapes
        self._problems = problems
        self._block = block
        self._reported: set[str] = set()
        self._ends = self._ends_of_starts()

    def of(self, lines: Sequence[Line], length: int = 0) -> tuple[time, time] | None:
        """Return from when to when some lines run by their own times; None, with a problem, where they do not say.

        A cell may say its ``length`` itself, in seconds: it begins with its line then.
        """
        begins = self._shapes.get(lines[0].hours)
        if length and begins is not None:
            start = self._clock.read(begins.start).seconds
            if start + length < _A_DAY:
                return time_at(start), time_at(start + length)
        first, last = self._span(lines[0]), self._span(lines[-1])
        return (first[0], last[1]) if first and last else None

    def _ends_of_starts(self) -> dict[int, time]:
        """Return the ends of lines of which all say but when they begin: with the next, or as long as the others."""
        lines = [line for line in self._block.lines if line.hours]
        spans = [self._shapes[line.hours] for line in lines]
        starts = [self._clock.read(span.start).seconds for span in spans if span is not None and span.end is None]
        if len(starts) < _FEWEST_STARTS or len(starts) < len(lines):
            return {}
        place = self._block.view.place(lines[0].row, 0)
        if length := self._length_of_all(place):
            return {line.row: time_at(start + length) for line, start in zip(lines, starts, strict=True)}
        steps = Counter(after - before for before, after in pairwise(starts))
        step, often = steps.most_common(1)[0]
        if step <= 0 or min(steps) <= 0 or often * 2 < len(starts) - 1 or step > _LONGEST_STEP:
            return {}
        ends = [min(start + step, after) for start, after in zip(starts, [*starts[1:], 86_399], strict=True)]
        self._problems.append(wording.starts_alone(place, step // 60))
        return {line.row: time_at(end) for line, end in zip(lines, ends, strict=True)}

    def _length_of_all(self, place: Place) -> int:
        """Return how many seconds all lines last, as the plan or a caption says; 0 where neither does."""
        if self._length is not None:
            return int(self._length.total_seconds())
        said = [(text, length) for text in self._block.captions if (length := length_said(text))]
        read = read_length(said[0][1]) if len(said) == 1 else None
        if read is None or read.days:
            return 0
        self._problems.append(note_used(place, said[0][0], [f"the length {said[0][1]}"]))
        return int(read.elapsed.total_seconds())

    def beside(self, lines: Sequence[Line]) -> tuple[time, time] | None:
        """Return the times that lines with periods have, too; None where one has none that can be read."""
        if any((shape := self._shapes.get(line.hours)) is None or shape.end is None for line in lines):
            return None
        before = len(self._problems)
        clock = self.of(lines)
        del self._problems[before:]
        return clock

    def _span(self, line: Line) -> tuple[time, time] | None:
        span = self._shapes.get(line.hours)
        if span is not None and span.end is None and line.row in self._ends:
            return time_at(self._clock.read(span.start).seconds), self._ends[line.row]
        if span is None or span.end is None:
            if line.hours not in self._reported:
                self._reported.add(line.hours)
                self._problems.append(wording.unreadable_clock(self._block.view.place(line.row, 0), line.hours))
            return None
        start, end = self._clock.read_span(span.start, span.end)
        passes = end.seconds < start.seconds and may_pass_midnight(start.seconds, end.seconds, nights=True)
        if not (start.seconds < end.seconds < 86_400 or passes):
            self._problems.append(wording.unreadable_clock(self._block.view.place(line.row, 0), line.hours))
            return None
        return time_at(start.seconds), time_at(end.seconds)


def _meetings(
    cell: _Filled, said: Values, block: _OwnedBlock, clocks: _Clocks, choices: TimetableChoices
) -> Iterator[Meeting]:
    owner = block.owner
    whose: Values = {owner.kind: (owner.name, *said.get(owner.kind, ()))} if owner.kind else {}
    whose |= {"room": (cell.room,)} if cell.room and "room" not in said else {}
    values = clean({**said, **whose})
    if owner.teacher and "teacher" not in values:
        values["teacher"] = (owner.teacher,)
    if "class" not in values:
        values["class"] = values.get("course", ())
        if owner.kind == "class":
            values["class"] = (owner.name,)
    if owner.kind == "class" and "course" not in values and (title := said.get("class")):
        values["course"] = title
    division = choices.division_of(", ".join(values["class"]), owner.division)
    if division:
        values["division"] = (division,)
    periods: Periods = tuple(dict.fromkeys(period for line in cell.lines for period in line.periods))
    own_times = all(line.hours for line in cell.lines) and not choices.has_bells
    clock = clocks.of(cell.lines, cell.length) if own_times or not periods else None
    called, periods = (periods, ()) if clock else ((), periods)
    beside = clocks.beside(cell.lines) if periods else None
    terms = frozenset(split_list(choices.whole.get("term", ""))) or block.terms
    if periods or clock:
        for day in cell.days:
            when = When(day, periods, clock, block.weeks, terms, block.first, block.last, block.without, 0, called)
            yield Meeting(dict(values), when, cell.place, beside, block.edition)


def _weeks(week: str, place: Place, choices: TimetableChoices, problems: list[Problem]) -> tuple[DayTest, ...]:
    """Return the weeks that hold for all of a grid: by its caption, else by what is stated of the sheet."""
    said = week or choices.whole.get("week", "")
    letters = choices.days.letters(said) if said else ()
    if isinstance(letters, UnknownDay):
        problems.append(wording.unknown_week(place, said, choices.year.rules.weeks.letters))
        return ()
    return tuple(DayTest(letter=letter) for letter in letters)


def join_meetings(meetings: Iterable[Meeting], *, grids: bool) -> tuple[list[Meeting], list[Problem]]:
    """Make one of meetings that are the same class at the same slot, with all its teachers.

    In grids, the class in different rooms is an error; in a list, these are two meetings: halves of the class. A row
    that says just what another does is reported.
    """
    joined: dict[tuple[object, ...], Meeting] = {}
    problems = []
    for meeting in meetings:
        own_room = () if grids else meeting.of("room")
        key = (meeting.class_name.casefold(), meeting.of("course"), meeting.of("group"), meeting.when, own_room)
        other = joined.get(key)
        if other is None:
            joined[key] = replace(meeting, values=dict(meeting.values))
            continue
        if not grids and other.values == meeting.values:
            problems.append(wording.identical_row(meeting.place, meeting.class_name, other.place))
        rooms = dict.fromkeys((*other.of("room"), *meeting.of("room")))
        if other.of("room") and meeting.of("room") and set(other.of("room")) != set(meeting.of("room")):
            problems.append(
                wording.rooms_differ(meeting.place, meeting.class_name, meeting.when.words, list(rooms), other.place)
            )
        for name, values in meeting.values.items():
            other.values[name] = tuple(dict.fromkeys((*other.values.get(name, ()), *values)))
    return list(joined.values()), problems
