"""A list of meetings, one a row → Meetings."""

from __future__ import annotations

import re
from collections.abc import Collection, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime, time, timedelta
from functools import cached_property
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import Holds, heading_key
from nomarium.core.columns.contents import is_repeat
from nomarium.core.repeats import Bounds, bounds_in
from nomarium.core.sheets import NOT_RUNNING, RUNNING, Sheet, column_text, says_when
from nomarium.core.slots import (
    EVERY_WEEK,
    Count,
    DayReader,
    DayTest,
    Periods,
    UnknownDay,
    WeekNumbers,
    counted_by_words,
    read_periods,
    read_slots,
    read_week_numbers,
)
from nomarium.core.sources import all_days, date_in_words, days_in_words
from nomarium.core.tables import LeftOut, plain_text
from nomarium.core.timetable import wording
from nomarium.core.timetable.meeting import WHO_FIELDS, Meeting, Values, When, clean
from nomarium.core.values import (
    WEEKDAY_NAMES,
    Clock,
    DateChoices,
    Fault,
    Moment,
    Order,
    Span,
    cell_length,
    is_to_come,
    may_pass_midnight,
    only_order,
    parted_dates,
    remark_behind,
    scan_span,
    span_in,
    spans_with_days,
    speaks_of_nights,
    split_list,
    time_at,
    unit_of,
    weekday_in_any,
    without_not_on,
    words_behind_spans,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem
    from nomarium.core.year import Day, SchoolYear

_TIMES = ("start", "end", "hours")
_BOUNDS = ("from", "until")
_LIMITS = ("week", "term", "count", "weeks", "except")
_SHORTEST_BOUNDED = 8
_LONGEST_SECTION = 2


@dataclass(slots=True)
class TimetableChoices:
    """What was stated about a source of meetings."""

    year: SchoolYear
    days: DayReader
    dates: DateChoices
    division: str = ""
    cycle: str = ""
    each: str = ""
    """Whose timetable each grid is: "teacher", "class", "room", "student"."""
    cell: str = ""
    """The pattern of a grid's cells."""
    class_divisions: Mapping[str, str] = field(default_factory=dict)
    """The divisions of classes, by their case folded names, as class lists say."""
    length: timedelta | None = None
    """How long a meeting without an end takes, where that is stated."""
    whole: Mapping[str, str] = field(default_factory=dict)
    """What holds for all of a sheet: values by fields."""
    has_bells: bool = True
    """Whether bell times say when periods are; without any, a grid's own times do."""
    of_blocks: bool = False
    """Whether a key says whose the blocks in a grid are, so that its caption need not."""

    def cycles(self, division: str) -> tuple[str, ...]:
        """Return the cycles whose labels a division's days may be."""
        return (self.cycle,) if self.cycle else self.days.cycles_of(division)

    def labels(self, division: str) -> list[str]:
        """Return those labels."""
        return [label for name in self.cycles(division) for label in self.year.cycles[name].rule.labels]

    def division_of(self, class_name: str, stated: str = "") -> str:
        """Return the division of a class: as its row says, else as class lists do, else the source's."""
        return stated or self.class_divisions.get(class_name.casefold(), "") or self.division


@dataclass(slots=True)
class MeetingSheet:
    """What a sheet of a timetable gave."""

    meetings: list[Meeting] = field(default_factory=list)
    form: str = "list"
    rows: int = 0
    """The rows of a list that hold a meeting, or the filled cells of a grid."""
    left_out: int = 0
    lengths_assumed: int = 0
    """The rows that say no end, and were given the usual length."""
    problems: list[Problem] = field(default_factory=list)


USUAL_LENGTH = timedelta(hours=1)
"""How long a meeting takes of which nothing says it."""


def read_list(sheet: Sheet, choices: TimetableChoices) -> MeetingSheet:
    """Read every row of a list as meetings: one for each of its days and groups of periods."""
    found = MeetingSheet(rows=len(sheet))
    rows = _Rows(sheet, choices, found)
    for record in range(len(sheet)):
        if rows.runs(record):
            found.meetings += rows.meetings(record)
    found.rows -= sheet.table.left_out[LeftOut.UNDATED]
    stopped = sheet.table.left_out[LeftOut.NOT_RUNNING]
    if stopped:
        column = sheet.matches.column("status")
        heading = column.heading if column else "Status"
        found.problems.append(wording.not_running(sheet.table.place, stopped, rows.stopped, heading))
    found.left_out = sheet.table.left_out.total()
    found.lengths_assumed = rows.lengths_assumed
    found.rows -= stopped
    return found


_Slot = tuple[DayTest, Periods, tuple[time, time] | None]


_WHEN = ("slot", "day", "period", "hours", "start")
_TOGETHER = ("slot", "day", "period")
"""The fields in which days and times may stand in one."""


class _Timed(NamedTuple):
    """Days and a span of times that stand together."""

    days: str
    span: Span


def parts_with_times(text: str) -> Iterator[_Timed]:
    """Yield each span of times of a cell with its days."""
    for days, found in spans_with_days(text):
        if (span := scan_span(found.text)) is not None:
            yield _Timed(days, span)


def _days_of_slot(text: str) -> str:
    """Return the days that stand beside the times of a cell; "" where it has no times."""
    return ", ".join(part.days for part in parts_with_times(text))


def _spans(text: str) -> list[Span]:
    return [part.span for part in parts_with_times(text)]


_NUMBER = regex(r"(?:x\s*)?(\d{1,3})(?:\.0)?(?:\s*(?:x|[^\W\d]+))?$", re.IGNORECASE)


class _Limits(NamedTuple):
    """When in the year a row holds."""

    weeks: tuple[DayTest, ...]
    terms: frozenset[str]
    first: date | None
    last: date | None
    without: frozenset[date] = frozenset()
    times: int = 0


class _Rows:
    """The rows of one list, read one by one; what is the same in many rows is read once."""

    def __init__(self, sheet: Sheet, choices: TimetableChoices, found: MeetingSheet) -> None:
        self._sheet = sheet
        self._choices = choices
        self._problems = found.problems
        self._moments = sheet.moments
        people = sheet.kind.holding(Holds.PEOPLE)
        self._people = [name for name in WHO_FIELDS if sheet.has(name) and name in people]
        self._columns = {name: sheet.texts(name) for name in WHO_FIELDS if sheet.has(name) and name not in people}
        self._others = {heading_key(c.heading): list(map(column_text, c.cells)) for c in sheet.others}
        self._lists: dict[str, tuple[str, ...]] = {}
        self._nights = _shows_nights(sheet)
        self.stopped: dict[str, int] = {}
        """What the rows that do not run say, with their counts."""
        self.lengths_assumed = 0
        self._divisions = {name.casefold(): name for name in choices.year.rules.divisions}
        self._terms = choices.year.rules.terms_by_name()
        self._known_limits: dict[tuple[object, ...], _Limits] = {}
        self._clocks: dict[str, Clock] = {}
        self._known_bounds: dict[str, Bounds | None] = {}
        self._week_numbers = False
        self._weeks_counted_by: Count = ""
        self._term_weeks: set[int] = set()
        self._order = choices.dates.order or next((one.order for one in self._moments.values() if one.order), None)
        lengths = sheet.matches.column("duration")
        self._unit = unit_of(lengths.heading, lengths.cells)[0] if lengths else None
        self._day_reader = self._reader_of_days()
        self._numbered_sections = self._are_numbered_sections()
        self._settle_weeks()
        self._every_day = not any(map(sheet.has, ("day", "slot"))) and sheet.has("period")

    def _reader_of_days(self) -> DayReader:
        """Return what reads the days of its column; forms that only the whole column proves are told."""
        column = self._sheet.matches.column("day") or self._sheet.matches.column("slot")
        if column is None:
            return self._choices.days
        written = [*self._sheet.texts("day"), *map(_days_of_slot, dict.fromkeys(self._sheet.texts("slot")))]
        reader = self._choices.days.of_column(filter(None, written), self._choices.cycles(self._choices.division))
        if reader.short:
            texts = [part for text in written for part in (text, *text.split()) if part in reader.short]
            place = self._sheet.table.heading_place(column)
            self._problems.append(wording.short_days(place, {text: reader.short[text] for text in texts}))
        if reader.pairs:
            self._problems.append(wording.paired_days(self._sheet.table.heading_place(column), reader.pairs))
        return reader

    def _said(self, record: int, name: str) -> str:
        """Return what a row says of its days, without what bounds them."""
        text = self._sheet.text(record, name)
        bounds = self._bounds(text) if name in _TOGETHER else None
        return bounds.head if bounds else text

    def _bounds(self, text: str) -> Bounds | None:
        if text not in self._known_bounds:
            found = bounds_in(text) if len(text) > _SHORTEST_BOUNDED else None
            if found and found.head == "weekly":
                words = re.split(r"[\s,.]+", found.first)
                weekday = next((n for word in words if (n := weekday_in_any(word)) is not None), None)
                found = replace(found, head=WEEKDAY_NAMES[weekday]) if weekday is not None else None
            off = [words for words in found.without if weekday_in_any(words) is not None] if found else []
            if found and off:  # weekdays are no dates: they are taken from the days where these are read
                without = tuple(words for words in found.without if words not in off)
                found = replace(found, head=f"{found.head} except {', '.join(off)}", without=without)
            self._known_bounds[text] = found
        return self._known_bounds[text]

    def _are_numbered_sections(self) -> bool:
        """Tell whether several courses share the classes as parts of them: section 1 of Algebra, and of Art; “Lab”."""
        if not (self._sheet.has("class") and self._sheet.has("course")):
            return False
        pairs = {
            (one, other) for one, other in zip(self._sheet.texts("class"), self._sheet.texts("course"), strict=True)
        }
        sections = {section for section, _ in pairs}
        shared = len(sections) < len({pair for pair in pairs if pair[0]})
        if shared and all(map(_is_part_of_course, filter(None, sections))):
            section, course = next(pair for pair in sorted(pairs) if all(pair))
            self._problems.append(wording.numbered_sections(self._sheet.table.place, section, course))
            return True
        return False

    def runs(self, record: int) -> bool:
        """Tell whether a row runs: one whose status says that it does not, or not yet when, is counted as left out."""
        if self._is_to_come(record):
            self._sheet.table.left_out[LeftOut.UNDATED] += 1
            return False
        status = self._sheet.text(record, "status")
        if status.casefold() in NOT_RUNNING:
            self._sheet.table.left_out[LeftOut.NOT_RUNNING] += 1
            self.stopped[status] = self.stopped.get(status, 0) + 1
            return False
        if status and status.casefold() not in RUNNING:
            self._problems.append(wording.unknown_status(self._sheet.place(record, "status"), status))
        return True

    def _is_to_come(self, record: int) -> bool:
        """Tell whether a row says that its day or time is not known yet; it is told."""
        name = next((name for name in _WHEN if is_to_come(self._sheet.text(record, name))), None)
        if name is None:
            return False
        place, text = self._sheet.place(record, name), self._sheet.text(record, name)
        self._problems.append(wording.not_known_yet(place, text))
        return True

    def meetings(self, record: int) -> list[Meeting]:
        """Return the meetings of a row; what is wrong with it is among the problems."""
        values = self._values(record)
        if self._numbered_sections and values.get("course") and (numbers := values.get("class")):
            values["class"] = tuple(f"{values['course'][0]} {number}" for number in numbers)
        class_name = ", ".join(values.get("class") or values.get("course") or ())
        place = self._sheet.place(record)
        if not class_name:
            self._problems.append(wording.no_class(place))
            return []
        before = len(self._problems)
        division = self._division(record, class_name)
        if division:
            values["division"] = (division,)
        slots = list(self._slots(record, division, class_name))
        limits = self._limits(record)
        if any(problem.severity == "error" for problem in self._problems[before:]):
            return []
        stated = self._clock_beside_periods(record) if any(periods for _, periods, _ in slots) else None
        return [Meeting(values, When(day, periods, clock, *limits), place, stated) for day, periods, clock in slots]

    def _clock_beside_periods(self, record: int) -> tuple[time, time] | None:
        """Return the times that a row with a period has, too; what is wrong with them changes nothing."""
        before = len(self._problems)
        clock = self._clock(record)
        del self._problems[before:]
        return clock

    def _values(self, record: int) -> Values:
        values = {name: self._list(texts[record]) for name, texts in self._columns.items() if texts[record]}
        values.update({name: self._sheet.values(record, name) for name in self._people})
        values.update({key: (texts[record],) for key, texts in self._others.items() if texts[record]})
        return clean(values)

    def _list(self, text: str) -> tuple[str, ...]:
        if text not in self._lists:
            self._lists[text] = tuple(split_list(text)) if ";" in text or "\n" in text else (text,)
        return self._lists[text]

    def _division(self, record: int, class_name: str) -> str:
        stated = self._sheet.text(record, "division")
        if stated and stated.casefold() not in self._divisions and self._divisions:
            place = self._sheet.place(record, "division")
            self._problems.append(wording.unknown_division(place, stated, list(self._divisions.values())))
            return ""
        return self._choices.division_of(class_name, self._divisions.get(stated.casefold(), ""))

    def _slots(self, record: int, division: str, class_name: str) -> Iterator[_Slot]:
        timed = self._timed_slots(record, division)
        if timed is not None:
            yield from timed
            return
        together = self._written_together(record, division)
        if together:
            yield from self._days_and_periods(record, together, division)
            return
        before = len(self._problems)
        days, periods = self._days(record, division), self._periods(record)
        clock = None if periods or len(self._problems) > before else self._clock(record)
        if (not days or not (clock or periods)) and len(self._problems) == before:
            lacks = "day" if not days else "period and no times"
            self._problems.append(wording.no_slot(self._sheet.place(record), class_name, lacks))
        for day in days:
            if clock:
                yield day, (), clock
            for group in periods:
                yield day, group, None

    def _timed_slots(self, record: int, division: str) -> list[_Slot] | None:
        """Return the slots of a cell that holds days and times in one: "Mon 16:00–17:00; Wed & Fri 15:30–16:30"."""
        name = next((name for name in _TOGETHER if span_in(self._said(record, name))), "")
        if not name or any(self._said(record, other) for other in _TIMES):
            return None
        if not all(part.days for part in parts_with_times(self._said(record, name))):
            return None
        clock = self._clocks.get(name)
        if clock is None:
            spans = {
                f"{text} {number}": span
                for text in dict.fromkeys(self._said(record, name) for record in range(len(self._sheet)))
                for number, span in enumerate(_spans(text))
            }
            clock = self._clocks[name] = Clock.of(
                {text: [s for s in span if s] for text, span in spans.items()}, self._choices.dates.earliest_hour
            )
        if behind := words_behind_spans(self._said(record, name)):
            otherwise = says_when(behind) or (is_repeat(behind) and behind.casefold() not in EVERY_WEEK)
            tell = wording.unread_behind if otherwise else remark_behind
            self._problems.append(tell(self._sheet.place(record, name), self._said(record, name), behind))
        found: list[_Slot] = []
        for part in parts_with_times(self._said(record, name)):
            days = self._day_reader.read(part.days, self._choices.cycles(division))
            start, end = clock.read_span(part.span.start, part.span.end) if part.span.end else (None, None)
            if isinstance(days, UnknownDay):
                labels = self._choices.labels(division)
                self._problems.append(wording.unknown_day(self._sheet.place(record, name), part.days, days, labels))
                return []
            if start is None or end is None or not start.seconds < end.seconds < 86_400:
                place = self._sheet.place(record, name)
                self._problems.append(wording.unreadable_clock(place, self._said(record, name)))
                return []
            found += [(day, (), (time_at(start.seconds), time_at(end.seconds))) for day in days]
        return found

    def _day_field(self, record: int, division: str) -> str:
        """Return the field that names the days of a row: that of slots may hold days alone, the times apart."""
        slot = self._said(record, "slot")
        apart = any(self._sheet.text(record, name) for name in ("period", *_TIMES))
        if not slot or self._said(record, "day") or not apart:
            return "day"
        days = self._day_reader.read(slot, self._choices.cycles(division))
        return "day" if isinstance(days, UnknownDay) else "slot"

    def _written_together(self, record: int, division: str) -> str:
        """Return the field of a row that holds days and periods in one; "" where they stand apart."""
        if self._day_field(record, division) == "slot":
            return ""
        if self._said(record, "slot") and not self._said(record, "day"):
            return "slot"
        filled = [name for name in ("day", "period", *_TIMES) if self._said(record, name)]
        if filled not in (["day"], ["period"]):
            return ""
        (name,), cycles = filled, self._choices.cycles(division)
        text = self._said(record, name)
        only_days = name == "day" and not isinstance(self._day_reader.read(text, cycles), UnknownDay)
        slots = UnknownDay(text) if only_days else read_slots(text, self._day_reader, cycles)
        return "" if isinstance(slots, UnknownDay) else name

    def _days_and_periods(self, record: int, name: str, division: str) -> Iterator[_Slot]:
        text = self._said(record, name)
        found = read_slots(text, self._day_reader, self._choices.cycles(division))
        if isinstance(found, UnknownDay):
            self._problems.append(wording.unreadable_slots(self._sheet.place(record, name), text, found.part))
            return
        for day, periods in found:
            yield day, periods, None

    def _days(self, record: int, division: str) -> tuple[DayTest, ...]:
        """Return the days of a row; none, with a problem, where they cannot be told."""
        name = self._day_field(record, division)
        text = self._said(record, name)
        if not text:
            return self._of_every_day(record)
        found = self._day_reader.read(text, self._choices.cycles(division))
        if isinstance(found, UnknownDay):
            place = self._sheet.place(record, name)
            self._problems.append(wording.unknown_day(place, text, found, self._choices.labels(division)))
            return ()
        return found

    def _of_every_day(self, record: int) -> tuple[DayTest, ...]:
        """Return every school day for a row of a list without a column of days, where it has a period; else none."""
        if not self._every_day or not self._sheet.text(record, "period"):
            return ()
        if not any(problem.code == "every-day" for problem in self._problems):
            self._problems.append(wording.every_day(self._sheet.table.place))
        return (DayTest(),)

    def _periods(self, record: int) -> tuple[Periods, ...]:
        """Return the periods of a row; none, with a problem, where they cannot be told."""
        text = self._sheet.text(record, "period")
        timed = not self._choices.has_bells and any(self._sheet.text(record, name) for name in _TIMES)
        if not text or timed:
            return ()
        cell = self._sheet.cell(record, "period")
        found = None if isinstance(cell, date | time) else read_periods(text)
        if found is None:
            self._problems.append(wording.unreadable_periods(self._sheet.place(record, "period"), text))
        return found or ()

    def _clock(self, record: int) -> tuple[time, time] | None:
        """Return the clock times of a row; none, with a problem, where they cannot be told."""
        given = {name: self._sheet.cell(record, name) for name in _TIMES if name in self._moments}
        filled = {name: cell for name, cell in given.items() if cell != ""}
        if not filled:
            return None
        seconds: list[int] = []
        for name, cell in filled.items():
            moment = self._moments[name].moments[cell]
            ends = (moment.start, moment.end) if isinstance(moment, Moment) else ()
            seconds += [clock.seconds for clock in ends if clock is not None]
        if len(seconds) == 1 and (length := self._length(record)):
            seconds.append(seconds[0] + length)
        elif len(seconds) == 1 and self._choices.length is not None:
            seconds.append(seconds[0] + int(self._choices.length.total_seconds()))
        elif len(seconds) == 1 and self._are_starts_alone:
            seconds.append(seconds[0] + int(USUAL_LENGTH.total_seconds()))
            self.lengths_assumed += 1
        if len(seconds) != 2 or not (
            seconds[0] < seconds[1] < 86_400
            or (seconds[1] < seconds[0] and may_pass_midnight(seconds[0], seconds[1], nights=self._nights))
        ):
            name = next(iter(filled))
            text = " ".join(plain_text(cell) for cell in filled.values())
            self._problems.append(wording.unreadable_clock(self._sheet.place(record, name), text))
            return None
        return time_at(seconds[0]), time_at(seconds[1])

    @cached_property
    def _are_starts_alone(self) -> bool:
        """Whether no row says when it ends, and no bell could."""
        ends = [cell for cell in self._sheet.texts("end") if cell]
        hours = self._moments["hours"].moments.values() if "hours" in self._moments else ()
        spans = [moment for moment in hours if isinstance(moment, Moment) and moment.end is not None]
        return not (ends or spans or self._choices.has_bells)

    def _length(self, record: int) -> int:
        """Return how many seconds a row says that it takes; 0 where it says nothing that can be read."""
        column = self._sheet.matches.column("duration")
        length = cell_length(column.cells[record], self._unit) if column else None
        return int(length.elapsed.total_seconds()) if length else 0

    def _limits(self, record: int) -> _Limits:
        texts = tuple(self._sheet.cell(record, name) for name in (*_LIMITS, *_BOUNDS, *_TOGETHER))
        if texts not in self._known_limits:
            before = len(self._problems)
            limits = self._read_limits(record)
            if len(self._problems) > before:
                return limits
            self._known_limits[texts] = limits
        return self._known_limits[texts]

    def _read_limits(self, record: int) -> _Limits:
        terms = set()
        for text in split_list(self._sheet.text(record, "term")):
            if text.casefold() in self._terms:
                terms.add(self._terms[text.casefold()])
            else:
                names = list(self._terms.values())
                self._problems.append(wording.unknown_term(self._sheet.place(record, "term"), text, names))
        first = self._bound(record, "from")
        last = self._bound(record, "until") or self._end_of_span(record)
        if first and last and last < first:
            self._problems.append(wording.backward_bounds(self._sheet.place(record, "until")))
        said = self._bounds_of(record, first)
        said = said._replace(without=said.without | self._exceptions(record, first))
        last = last or said.last or self._last_of_weeks(record, first)
        return said._replace(weeks=self._weeks(record), terms=frozenset(terms), last=last)

    def _last_of_weeks(self, record: int, first: date | None) -> date | None:
        """Return the last day of the weeks that a row says it runs; None where it says none."""
        text = self._sheet.text(record, "weeks")
        match = _NUMBER.match(text)
        if text and (match is None or first is None):
            self._problems.append(wording.no_number(self._sheet.place(record, "weeks"), text))
        if match is None or first is None:
            return None
        weeks = range(int(match[1]))
        lost = [day for week in weeks if self._choices.year.day(day := first + timedelta(weeks=week)).closures]
        if lost:
            self._problems.append(wording.weeks_closed(self._sheet.place(record, "weeks"), text, lost))
        return first + timedelta(weeks=len(weeks), days=-1)

    @cached_property
    def _order_of_exceptions(self) -> Order | None:
        """The only order of day and month in which all dates can be read on which rows do not meet."""
        texts = dict.fromkeys(map(self._excepted, range(len(self._sheet))))
        return only_order(one for text in texts for one in parted_dates(text))

    def _excepted(self, record: int) -> str:
        """Return the dates on which a row does not meet, as written: “No class on 28 October” names one."""
        text = self._sheet.text(record, "except")
        dates = without_not_on(text)
        return text if dates is None else dates

    def _exceptions(self, record: int, first: date | None) -> frozenset[date]:
        """Return the dates on which a row says that it does not meet."""
        cell = self._sheet.cell(record, "except")
        if isinstance(cell, datetime):
            return frozenset({cell.date()})
        if isinstance(cell, date):
            return frozenset({cell})
        after = first or self._choices.year.rules.first
        if cell == "":
            return self._remarked(record, after)
        return self._dates_in(record, "except", self._excepted(record), after)

    def _remarked(self, record: int, after: date) -> frozenset[date]:
        """Return the dates on which remarks of a row say that it does not meet, in whatever column; it is told."""
        found: set[date] = set()
        for column in self._sheet.others:
            text = plain_text(column.cells[record])
            dates = without_not_on(text) if text else None
            if off := all_days(parted_dates(dates or ""), lambda part: days_in_words(part, after, self._order)):
                found |= off
                self._problems.append(wording.excepted_by_remark(self._sheet.table.cell_place(record, column), text))
        return frozenset(found)

    def _dates_in(self, record: int, name: str, dates: str, after: date) -> frozenset[date]:
        """Return the dates that a cell names, the next behind a day where it has no year; others are told."""
        found: set[date] = set()
        for text in parted_dates(dates):
            days = days_in_words(text, after, self._order or self._order_of_exceptions)
            if not days:
                self._problems.append(wording.unreadable_bound(self._sheet.place(record, name), text))
            found.update(days)
        return frozenset(found)

    def _bounds_of(self, record: int, first: date | None) -> _Limits:
        """Return what bounds the days of a row in its columns or in its words: from when, how often, when not."""
        name = next((name for name in _TOGETHER if self._bounds(self._sheet.text(record, name))), "")
        bounds = self._bounds(self._sheet.text(record, name)) if name else None
        after = first or self._choices.year.rules.first
        count, without = self._count(record, after)
        if bounds is None:
            return _Limits((), frozenset(), first, None, without, count)
        place = self._sheet.place(record, name)

        def read(text: str) -> date | None:
            day = date_in_words(text, after, self._order)
            if day is None:
                self._problems.append(wording.unreadable_bound(place, text))
            return day

        first = (read(bounds.first) if bounds.first else None) or first
        last = read(bounds.until) if bounds.until else None
        without |= {day for text in bounds.without if (day := read(text)) is not None}
        return _Limits((), frozenset(), first, last, without, bounds.times or count)

    def _count(self, record: int, after: date) -> tuple[int, frozenset[date]]:
        """Return how often a row says that it meets, 0 where it does not say, and when not: "3 (not on 2 October)"."""
        text = self._sheet.text(record, "count")
        head, _, behind = text.partition("(")
        dates = without_not_on(behind.rstrip(" )"))
        without = self._dates_in(record, "count", dates or "", after)
        match = _NUMBER.match(text if dates is None else head.strip())
        if text and match is None:
            self._problems.append(wording.no_number(self._sheet.place(record, "count"), text))
        return (int(match[1]) if match else 0), without

    def _end_of_span(self, record: int) -> date | None:
        """Return the last day of a row whose first stands in one cell with it: "11 Jan – 7 May 2027"."""
        moments = self._moments.get("from")
        moment = moments.moments.get(self._sheet.cell(record, "from")) if moments else None
        return moment.last if isinstance(moment, Moment) and moment.first else None

    def _bound(self, record: int, name: str) -> date | None:
        cell = self._sheet.cell(record, name)
        if cell == "" or name not in self._moments:
            return None
        moment = self._moments[name].moments.get(cell)
        if isinstance(moment, Moment) and moment.first is not None:
            return (moment.last or moment.first) if name == "until" else moment.first
        place = self._sheet.place(record, name)
        if isinstance(moment, Fault):
            self._problems.append(moment.at(place))
        elif moment is not None:
            self._problems.append(wording.unreadable_bound(place, plain_text(cell)))
        return None  # where the order of the whole column is not proved, that is said once

    def _weeks(self, record: int) -> tuple[DayTest, ...]:
        text = self._sheet.text(record, "week")
        if not text or text.casefold() in EVERY_WEEK:
            return ()
        if self._week_numbers and (numbers := read_week_numbers(text)) is not None:
            return self._numbered_weeks(numbers, self._sheet.place(record, "week"), text)
        letters = self._choices.days.letters(text)
        if not isinstance(letters, UnknownDay):
            return tuple(DayTest(letter=letter) for letter in letters)
        by_weeks = [name for name, cycle in self._choices.year.cycles.items() if cycle.rule.advance.by_weeks]
        found = self._day_reader.read(text, by_weeks)
        if isinstance(found, UnknownDay) or not all(day.label for day in found):
            known = [*self._choices.year.rules.weeks.letters, *self._labels_of(by_weeks)]
            self._problems.append(wording.unknown_week(self._sheet.place(record, "week"), text, known))
            return ()
        return found

    def _numbered_weeks(self, weeks: WeekNumbers, place: Place, text: str) -> tuple[DayTest, ...]:
        """Return weeks by number: of the calendar or of the term, as the words say, or as only one of them can be."""
        counted_by = weeks.counted_by or self._weeks_counted_by
        if not counted_by:
            self._problems.append(wording.ambiguous_weeks(place, text))
            return ()
        if counted_by == "calendar":
            return tuple(DayTest(calendar_week=number) for number in weeks.numbers)
        lacking = [number for number in weeks.numbers if number > max(self._term_weeks, default=0)]
        if lacking and not weeks.through_the_year:
            self._problems.append(wording.week_beyond_term(place, text, lacking[0], max(self._term_weeks, default=0)))
            return ()
        return tuple(DayTest(week=number) for number in weeks.numbers)

    def _settle_weeks(self) -> None:
        """Decide for the whole column by what its weeks are counted: by a word, else by what they all can be."""
        texts = dict.fromkeys(filter(None, self._sheet.texts("week"))) if self._sheet.has("week") else {}
        read = [numbers for text in texts if (numbers := read_week_numbers(text)) is not None]
        self._week_numbers = bool(read)
        if not read:
            return
        days = list(self._choices.year.days())
        self._term_weeks = {day.week for day in days if day.week}
        calendar = {day.date.isocalendar().week for day in days if day.has_school}
        named = {number for weeks in read if not weeks.counted_by for number in weeks.numbers}
        column = self._sheet.matches.column("week")
        said = counted_by_words(column.heading) if column else ""
        by_words: set[Count] = {weeks.counted_by for weeks in read if weeks.counted_by}
        if not (said or by_words) and {str(number) for number in named} <= set(self._choices.year.rules.weeks.letters):
            self._week_numbers = False  # the weeks of the year go by these numbers, again and again
            return
        if said or len(by_words) == 1:
            self._weeks_counted_by = said or by_words.pop()
        elif (named <= self._term_weeks) is not (named <= calendar):
            self._weeks_counted_by = "term" if named <= self._term_weeks else "calendar"
        elif all(_agree(days, weeks.numbers) for weeks in read):
            self._weeks_counted_by = "term"

    def _labels_of(self, cycles: Sequence[str]) -> list[str]:
        return [label for name in cycles for label in self._choices.year.cycles[name].rule.labels]


def _agree(days: Sequence[Day], numbers: Collection[int]) -> bool:
    """Tell whether weeks are the same days of school, be they counted by the calendar or by the term."""
    return all(
        (day.week in numbers) == (day.date.isocalendar().week in numbers) for day in days if day.has_school and day.week
    )


def _is_part_of_course(section: str) -> bool:
    """Tell whether a class is called by a number, or by how it is taught: "1", "Lecture 2", "TD"."""
    return (len(section) <= _LONGEST_SECTION and section.isdecimal()) or _TAUGHT_AS.fullmatch(section) is not None


_TAUGHT_AS = regex(
    r"(?:lectures?|lec|tutorials?|tut|seminars?|sem|labs?|laborator(?:y|ies)|practicals?|prac|workshops?|recitation|rec|"
    r"vorlesung|vl|übung|ü|seminar|praktikum|tutorium|cours magistral|cm|td|tp|teoría|práctica|laboratorio|teórica|"
    r"esercitazione|lezione|aula teórica|aula prática|hoorcollege|hc|werkcollege|wc|practicum|föreläsning|övning|"
    r"forelesning|øvelse|forelæsning|luento|harjoitus|wykład|ćwiczenia|přednáška|cvičení)[ .-]{0,2}(?:\d{1,2}|[A-Z])?",
    re.IGNORECASE,
)


def _shows_nights(sheet: Sheet) -> bool:
    """Tell whether words of a sheet's headings or cells speak of nights, shifts or watches."""
    headings = [column.heading for column in sheet.table.columns]
    texts = {text for name in ("class", "course") for text in sheet.texts(name)}
    return speaks_of_nights([*headings, *texts])
