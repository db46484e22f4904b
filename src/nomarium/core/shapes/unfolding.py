"""A sheet on which names and days cross → a list, a row for each entry of a cell, every cell at its own address."""

from __future__ import annotations

import re
from collections import Counter, defaultdict
from collections.abc import Collection, Iterator, Mapping
from datetime import date
from functools import cached_property
from typing import TYPE_CHECKING

from nomarium.core.columns import Headings, Kind, heading_key
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.shapes import wording
from nomarium.core.shapes.axis import Axis, all_dates, one_date, weekdays_named
from nomarium.core.shapes.block_captions import HeldIn, held_in
from nomarium.core.shapes.cell_texts import (
    Said,
    is_free,
    named_length,
    read_cell,
    words_beside_times,
)
from nomarium.core.shapes.crossing import Crossing, Line, Row, hours_in
from nomarium.core.shapes.duty_spells import spell_in
from nomarium.core.shapes.key import Key, Meaning, meanings_in
from nomarium.core.shapes.named_weekdays import day_of_week, weekdays_of_names
from nomarium.core.shapes.patterns import Patterns
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.shapes.untold import lines_untold
from nomarium.core.sheets import (
    dates_without,
    holding_bound,
    length_said,
    note_unused,
    note_used,
    says_when,
    sentences_of,
    titled_span,
    whole_weeks,
)
from nomarium.core.slots import by_weeks
from nomarium.core.tables import Cell, Spot, column_letters, plain_text
from nomarium.core.values import (
    TITLED_FORM,
    WEEKDAY_NAMES,
    DateChoices,
    ends_as_written,
    full_day,
    is_place_word,
    is_span,
    last_of_week,
    looks_like_place,
    on_or_after,
    span_in,
    weekday_in_any,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem

_OF_EVENTS = {"teacher": "Person", "room": "Location", "student": "Person"}
_OF_MEETINGS = {"teacher": "Teacher", "room": "Room", "student": "Student"}
_Filled = tuple[Cell, Spot]


def unfold(
    found: Crossing | Patterns,
    key: Key | None = None,
    rooms: Collection[str] = (),
    used: Collection[str] | None = None,
    days: str = "",
    dates: DateChoices | None = None,
) -> Unfolded:
    """Return a crossing as a list: of events where its days are dates, else of meetings.

    ``key`` explains the codes in its cells, together with the lines around it; without one, codes stand for
    themselves. ``rooms`` are known places. Where events go into one calendar, because nothing of ``used`` is what the
    names go by, their titles say whose they are. ``days`` are the weekdays of its weeks ("Mon–Fri"), where they are
    stated; ``dates`` says in which order dates are written, and within which span those lie that have no year.
    """
    by = Key(dict(key.meanings)) if key else Key({code: Meaning(code, code) for code in found.codes()})
    for meaning, place in found.own_key():
        by.add(meaning, place)
    if isinstance(found, Patterns):
        unfolded = found.unfold(by, dates.order if dates else None)
    else:
        unfolded = _Unfolding(found, by, rooms, used, days, dates).unfolded()
    unfolded.problems += lines_untold(found.view.grid, unfolded)
    return unfolded


_WEEK_WORD = regex(
    r"\b(?:weeks?|w[/-]?[cb]|week (?:of|beginning|commencing)|woche|kw|semaine|semana|settimana|vecka|uge|uke)\b", re.I
)
_WEEKS_NUMBERED = frozenset("week weekno weeknumber wk woche kw semaine semana settimana vecka uge uke".split())
"""What heads the numbers of weeks beside the dates in them."""
_BEGIN_WEEKS = (0, 5, 6)
"""Monday, Saturday and Sunday."""
_SAID = {"From": "first day", "Until": "last day", "Except": "dates"}
"""What texts around weekdays say, in words."""
_ANY_PLACE = frozenset("room rooms raum salle sala aula zaal".split())
"""Headings of places that name no place of their own."""


def _start_of(hours: str) -> str:
    """Return when a span of times begins, where its end follows from a length."""
    start, _ = ends_as_written(hours)
    return start if re.search(r"\d[:.hu]\d\d|[ap]\.?m", start, re.I) else hours


class _Unfolding:
    def __init__(
        self,
        found: Crossing,
        key: Key,
        rooms: Collection[str],
        used: Collection[str] | None,
        days: str,
        dates: DateChoices | None,
    ) -> None:
        self._within, self._order = (dates.within, dates.order) if dates else (None, None)
        self._found = found
        self._key = key
        self._rooms = rooms
        self._turned_around = found.people_in_cells()
        self._role = found.role()
        self._who, self._hours_lead = found.who, found.hours_lead
        self._more = [lead for lead in found.leads if lead not in (self._who, self._hours_lead)]
        """The leading columns beside that of the names and that of the hours."""
        self._codes = self._codes_to_explain()
        self._kind = Kind.DAYS if found.holds_labels() else Kind.EVENTS if found.dated else Kind.LIST
        by_name = found.dated and self._whose() not in ("", "Location")
        self._is_titled = by_name and used is not None and heading_key(self._whose()) not in used
        self._unexplained: Counter[str] = Counter()
        self._weeks = self._kind is Kind.EVENTS and found.goes_by_weeks() and not self._has_last_days()
        by_name = self._kind is Kind.EVENTS and not found.by_weeks
        self._named_weekdays = weekdays_of_names(found.names()) if by_name else {}
        around = " ".join(text for line in found.lines for text in line.texts if text not in self._named_weekdays)
        self._days = weekdays_named(days) or (weekdays_named(around) if self._weeks else ())
        self._title_with_hours = self._find_hours_of_all()
        self._spell = spell_in(self._title_with_hours[1]) if self._title_with_hours else None
        """The weekdays and times from and until which each entry is, as a title says."""
        said = self._title_with_hours[1] if self._title_with_hours else ""
        self._hours_of_all = self._spell.start if self._spell else hours_in(said)
        """The times that a title says of all entries, where none says its own."""
        if self._spell:
            self._named_weekdays, self._days = dict.fromkeys(found.names(), self._spell.weekday), ()
        self._length_of_all = self._find_length()
        self._moved = 0
        """Entries on another day than the date that heads them, by the weekday in their name."""
        self._unclear: list[Problem] = []
        """Cells that name a week, and not for all of what they hold; and weekdays that may be of several weeks."""
        self._open_weeks = False
        """Whether a cell means a week, and nothing says which of its days."""
        self._whole_weeks = False
        """Whether a cell is of all days of its week."""

    def unfolded(self) -> Unfolded:
        """Return the list."""
        found = self._found
        headings = self._headings()
        rows = list(self._rows())
        if self._kind is Kind.DAYS:  # a date, its weekday, its label
            headings, rows = headings[:3], [row[:3] for row in rows]
        else:  # no last day, length, place, week or bound stands in any cell
            idle = [len(headings) - back for back in range(1, 7) if not any(row[-back][0] for row in rows)]
            headings = [one for at, one in enumerate(headings) if at not in idle]
            rows = [[one for at, one in enumerate(row) if at not in idle] for row in rows]
        for name, day, at in self._said_around():
            headings.append(name)
            rows = [[*entry, (day, found.spot(*at))] for entry in rows]
        start = found.spot(found.axes[0].row, next(iter(found.leads), min(found.axes[0].heads)))
        list_of = found.view.grid.as_list(
            [headings, *([cell for cell, _ in row] for row in rows)],
            [[start] * len(headings), *([spot for _, spot in row] for row in rows)],
        )
        return Unfolded(list_of, self._kind, self._whose(), self._why(), list(self._problems()))

    def _codes_to_explain(self) -> dict[str, Place]:
        """Return the codes in cells; none where lines say their hours, or titled people stand there."""
        codes = self._found.codes()
        says_hours = self._hours_lead is not None or all(map(span_in, self._found.names()))
        are_names = says_hours or any(map(TITLED_FORM.fullmatch, self._found.texts()))
        return {} if are_names and not any(map(self._key.find, codes)) else codes

    def _has_last_days(self) -> bool:
        """Tell whether a line beside the days says when each ends: “Von”, “Bis”."""
        known = Headings(EVENT_SHEET)
        return any(known(heading) in ("end", "end_date") for heading in self._found.about_days.values())

    def _find_length(self) -> tuple[tuple[int, int], str] | None:
        """Return the one line that says how long each entry takes, where all say but when they begin; and where."""
        said = [(line, length) for line in self._found.lines if (length := length_said(" ".join(line.texts)))]
        if len(said) != 1 or self._kind is Kind.DAYS or any(map(span_in, self._found.texts())):
            return None
        ((line, length),) = said
        return (line.row, line.column), length

    def _find_hours_of_all(self) -> tuple[tuple[int, int], str] | None:
        """Return the one title, or line of the days of weeks, that holds the times that nothing else holds."""
        found = self._found
        codes = self._key.meanings.values()
        near = [*found.texts(), *found.about_days.values(), *found.names()]
        if any(map(span_in, near)) or found.hours_lead is not None or any(one.hours for one in codes):
            return None
        timed = found.captions_with_hours()
        if not timed and self._weeks:  # the line that says on which days each week is, says its times too
            lines = [((line.row, line.column), " ".join(line.texts)) for line in found.lines]
            timed = [(at, text) for at, text in lines if weekdays_named(text) and hours_in(text)]
        return timed[0] if len(timed) == 1 else None

    @cached_property
    def _own_captions(self) -> dict[int, tuple[int, int, str]]:
        return self._found.own_captions()

    @cached_property
    def _held_in(self) -> Mapping[int, HeldIn]:
        """What the captions of blocks of days say of each, by the rows of these days."""
        captions = self._own_captions if self._kind is Kind.LIST else {}
        said = {row: held_in(text, self._order, self._rooms) for row, (_, _, text) in captions.items()}
        return defaultdict(HeldIn, said)

    @cached_property
    def _titled(self) -> dict[tuple[int, int], dict[str, Cell]]:
        """What texts around weekdays say of all entries, by headings: from when, until when, when not; and where."""
        if self._kind is not Kind.LIST:
            return {}
        found: dict[tuple[int, int], dict[str, Cell]] = {}
        own = {(row, column) for row, column, _ in self._own_captions.values()}
        captions = [((row, column), text) for row, column, text in self._found.captions()]
        lines = [((line.row, line.column), " ".join(line.texts)) for line in self._found.lines]
        captions, lines = ([one for one in texts if one[0] not in own] for texts in (captions, lines))
        for number, (at, text) in enumerate([*captions, *lines]):
            above = number < len(captions)
            without = next(filter(None, map(dates_without, sentences_of(text))), "")
            said: dict[str, Cell] = {"Except": without} if without else {}
            if above and (span := titled_span(text, self._order)):
                found[at] = {"From": span.first, "Until": span.last, **said}
            elif (bound := holding_bound(text, self._order, titled=above)) is not None:
                found[at] = {bound.name.capitalize(): bound.day, **said}
            elif said:
                found[at] = said
        names = [name for said in found.values() for name in said]
        return found if len(set(names)) == len(names) else {}

    def _said_around(self) -> Iterator[tuple[str, Cell, tuple[int, int]]]:
        """Yield what the texts around say of all entries, by its heading, with where it stands."""
        for at, said in self._titled.items():
            for name, cell in said.items():
                yield name, cell, at

    def _whose(self) -> str:
        if self._turned_around:
            return "Person" if self._found.dated else "Teacher"
        if self._who is None:
            return ""
        if self._found.dated:
            return _OF_EVENTS.get(self._role, "Group")
        return _OF_MEETINGS.get(self._role, "Class")

    def _headings(self) -> list[Cell]:
        """Return the headings of the list: who, more of a line and of a day, the day, what, when, where."""
        found, known = self._found, Headings(EVENT_SHEET if self._found.dated else TIMETABLE_SHEET)
        taken = {"start_date", "day", "summary", "class", "course", "hours", "weekday", known(self._whose())}
        more: list[Cell] = []
        for lead in self._more:
            heading = found.heading(lead) or f"Column {column_letters(found.spot(0, lead)[1])}"
            more.append(f"{heading} (line)" if known(heading) in taken else heading)
        return [
            *([self._whose()] if self._whose() and not self._is_titled else []),
            *more,
            *found.about_days.values(),
            *(["Date", "Weekday"] if found.dated else ["Day"]),
            *self._what_headings(),
            "Shift hours" if self._codes or any(one.hours for one in self._key.meanings.values()) else "Hours",
            "Last day",
            "Length",
            "Place" if self._whose() not in ("Location", "Room") else "Note",
            "Week",
            "From",
            "Until",
        ]

    def _what_headings(self) -> list[Cell]:
        if self._kind is Kind.DAYS:
            return ["Day"]
        if self._found.dated:
            return ["Title"]
        return ["Course"] if self._whose() == "Class" else ["Class", "Course"]

    def _rows(self) -> Iterator[list[_Filled]]:
        found = self._found
        words_are_place, all_places = self._words_are_places()
        for row, column, week, text in self._in_weeks():
            name = found.name(row, self._who) if self._who is not None else ""
            if is_free(text):
                continue
            if self._kind is Kind.DAYS:
                yield self._row(row, column, "", Said(text))
                continue
            if self._turned_around:
                said: list[Said] | str = self._duty(name)
                name = "; ".join(text.replace(" & ", "\n").replace("/", "\n").splitlines())
            else:
                rooms = {*self._rooms, *words_beside_times(text)} if all_places else self._rooms
                said = read_cell(text, self._key, self._codes, words_are_place=words_are_place, rooms=rooms)
            if isinstance(said, str):
                self._unexplained[said] += 1
                continue
            bare, length = named_length(name)
            for one in said:
                own = one.length or (length if one.hours and not is_span(one.hours) else "")
                called = bare if own and own == length else name
                yield from self._on_days(row, column, called, one._replace(week=week, length=own))

    def _in_weeks(self) -> Iterator[tuple[Row, int, str, str]]:
        """Yield each cell, and of one on weekdays what it holds in each week that it names; "" for all weeks."""
        found = self._found
        for row, column, text in found.cells():
            held = by_weeks(text) if self._kind is Kind.LIST else [("", text)]
            for week, part in held or [("", text)]:
                yield row, column, week or self._held_in[row.axis.row].weeks, part
            if not held:
                self._unclear.append(wording.unclear_weeks(found.view.place(row.row, column), text))

    def _words_are_places(self) -> tuple[bool, bool]:
        """Tell whether the words beside times are places: of a class, only where most look so; of a team, surely.

        And whether all of them are, though some do not look so: of a team, where half of them do.
        """
        if self._who is None or self._role not in ("class", "team", "group", "student"):
            return False, False
        words = [word for text in self._found.texts() for word in words_beside_times(text)]
        known = {room.casefold() for room in self._rooms}
        like = [word for word in words if word.casefold() in known or looks_like_place(word)]
        all_places = self._role in ("team", "group") and len(like) * 2 >= len(words) > 0
        return self._role != "class" or len(like) * 2 > len(words), all_places

    def _on_days(self, row: Row, column: int, name: str, said: Said) -> Iterator[list[_Filled]]:
        """Yield an entry on its day, or on each day of its week where its head is a week."""
        weekdays = weekdays_named(said.days) or self._days if self._weeks else ()
        if not weekdays:
            last = None
            if self._weeks and self._means_week(row.axis, column, said):
                last = self._last_of_week(row, column, said)
                self._open_weeks |= last is None
                self._whole_weeks |= last is not None
            yield self._row(row, column, name, said, self._day_by_name(row, column), last)
            return
        first = self._dates.get(column)
        if first is None:
            yield self._row(row, column, name, said)  # its date is refused where it is read
        for weekday in weekdays if first is not None else ():
            day = on_or_after(first, weekday) if first else None
            yield self._row(row, column, name, said, day)

    def _last_of_week(self, row: Row, column: int, said: Said) -> date | None:
        """Return the last day of what lasts a week; None where it has times, and may be on any of the days."""
        day = self._dates.get(column)
        timed = said.hours or said.length or self._hours_of(row) or self._hours_of_all
        return None if day is None or timed else last_of_week(day)

    def _day_by_name(self, row: Row, column: int) -> date | None:
        """Return the day of the weekday in a line’s name, where the date that heads it is another; else None."""
        found = self._found
        name = found.name(row, found.named_by) if found.named_by is not None else ""
        weekday, day = self._named_weekdays.get(name), self._dates.get(column)
        if weekday is None or day is None or day.weekday() == weekday:
            return None
        on = day_of_week(day, weekday, frozenset(self._named_weekdays.values()))
        if on is None:
            self._unclear.append(wording.weekday_of_name(found.view.place(row.row, column), name, day))
        self._moved += on is not None
        return on

    @cached_property
    def _dates(self) -> dict[int, date]:
        """The dates of the columns, where all of them can be but one thing."""
        heads = {column: cell for axis in self._found.axes for column, cell in axis.heads.items()}
        return dict(zip(heads, all_dates(list(heads.values()), self._within, self._order), strict=False))

    def _means_week(self, axis: Axis, column: int, said: Said) -> bool:
        """Tell whether an entry is a shift that a list of codes gives hours, or the heads are called weeks.

        A weekday beside its date, or in its name, that begins no week says the day itself; so does a date beside
        the number of its week that is no Monday.
        """
        beside = weekdays_named(axis.weekdays.get(column, "") or plain_text(axis.heads[column]))
        leads, text = self._found.leads, self._found.view.text
        above = [text(axis.row - 1, lead) for lead in leads] if axis.row else []
        numbered = any(heading_key(word) in _WEEKS_NUMBERED for word in (*above, *self._found.about_days.values()))
        amid = numbered and column in self._dates and self._dates[column].weekday() != 0
        if self._named_weekdays or amid or (len(beside) == 1 and beside[0] not in _BEGIN_WEEKS):
            return False
        meant = any(meaning.hours and meaning.title == said.title for meaning in self._key.meanings.values())
        near = [*above, *(text(axis.row, lead) for lead in leads)]
        return meant or any(map(_WEEK_WORD.search, [*near, *self._found.titles]))

    def _duty(self, name: str) -> list[Said]:
        """Return what a line is for, where its cells name people: by the key of codes, or by the times in its name."""
        meaning, span = self._key.find(name), span_in(name)
        if meaning is not None:
            return [Said(meaning.title, meaning.hours, meaning.place)]
        return [Said(self._bare(name), span.text if span else "")]

    def _row(
        self, row: Row, column: int, name: str, said: Said, on: date | None = None, last: date | None = None
    ) -> list[_Filled]:
        """Return an entry of the list, on another day than that of its column, or until a last one, where given."""
        found = self._found
        view, axis = found.view, row.axis
        here, head = found.spot(row.row, column), found.spot(axis.row, column)
        lead = self._who if self._who is not None else next(iter(found.leads), column)
        named = [(self._bare(name), here if self._turned_around else found.spot(row.named_at, lead))]
        said_at = [(found.said_at(row, lead), lead) for lead in self._more]
        more = [(view.cell(*at), found.spot(*at)) for at in said_at]
        of_day = [(self._of_day(view.cell(line, column), said), found.spot(line, column)) for line in found.about_days]
        of_week = self._dates.get(column) if self._weeks else None  # whole weeks apart: that decides their order
        day: list[_Filled] = [(on or of_week or axis.heads[column], head)]
        title = said.title or self._bare(name) or view.text(row.row, column)
        if self._is_titled and title != self._bare(name):
            title = f"{self._bare(name)}: {title}"
        if found.dated:
            day.append(("" if on else axis.weekdays.get(column, ""), head))
            what = [(title, here)]
        elif self._whose() == "Class":
            what = [(said.title, here)]
        else:
            what = [(title, here), ("", here)]
        hours = said.hours or self._hours_of(row) or self._hours_of_all
        of_block = self._held_in[axis.row]
        return [
            *(named if self._whose() and not self._is_titled else []),
            *more,
            *of_day,
            *day,
            *what,
            (_start_of(hours) if said.length else hours, here),
            (last or "", head),
            (said.length or self._usual_length(hours), here),
            (said.place or of_block.place, here),
            (said.week, here),
            (of_block.first or "", head),
            (of_block.last or "", head),
        ]

    def _usual_length(self, hours: str) -> str:
        """Return how long an entry takes that says but when it begins: as a title or a line around says of all."""
        if self._spell is not None and hours == self._spell.start:
            return self._spell.length
        return self._length_of_all[1] if self._length_of_all and hours and not is_span(hours) else ""

    def _of_day(self, cell: Cell, said: Said) -> Cell:
        """Return what a line says of a day; of times the start alone, where an entry says how long it takes."""
        return _start_of(cell) if said.length and isinstance(cell, str) and span_in(cell) else cell

    def _hours_of(self, row: Row) -> str:
        """Return the times that a line says of all its cells."""
        found = self._found
        texts = [found.name(row, lead) for lead in (self._hours_lead, self._who) if lead is not None]
        return next((hours for text in texts if (hours := hours_in(text))), "")

    def _bare(self, name: str) -> str:
        """Return a name without the times that stand in it, unless they are all that tells it from other weekdays."""
        hours = hours_in(name)
        span = span_in(name)
        start, end = (span.start, span.end) if span else (name.find(hours), name.find(hours) + len(hours))
        bare = " ".join((name[:start] + " " + name[end:]).split()).strip(" ,;:()–-") if hours and start >= 0 else name
        return name if not bare or weekday_in_any(bare) is not None else bare

    def _problems(self) -> Iterator[Problem]:
        found = self._found
        yield from (*self._key.problems, *self._unclear)
        if self._unexplained:
            first = next(iter(self._unexplained))
            yield wording.unexplained(self._codes[first], self._unexplained)
        if found.carried:
            axis = found.axes[0]
            blank = next(c for c in sorted(axis.heads) if not found.view.text(axis.row, c))
            yield wording.days_carried(found.view.place(axis.row, blank), str(axis.heads[blank]), found.carried)
        yield from self._problems_of_heads()
        yield from self._said_of_all()
        yield from self._of_blocks()
        for row, heading in found.about_days.items():
            if is_place_word(heading) and heading_key(heading) not in _ANY_PLACE:
                yield wording.taken_for_place(found.view.place(row, 0), heading)
        if found.totals:
            yield wording.totals_left_out(found.view.grid.place, found.totals)
        if found.stray:
            yield wording.stray(found.view.place(*found.stray[0]), found.view.text(*found.stray[0]), len(found.stray))
        codes = list(self._codes)
        captions = found.captions() if self._kind is Kind.LIST else []
        used = {*self._titled, *([self._title_with_hours[0]] if self._title_with_hours else [])}
        used |= {(row, column) for row, column, _ in self._own_captions.values()}
        above = [Line(row, column, [text]) for row, column, text in captions if row < found.axes[0].row]
        unused = [
            line
            for line in (*above, *found.lines)
            if not meanings_in(line.texts, codes)
            and not (self._weeks and weekdays_named(" ".join(line.texts)))
            and (line in above or line.row > found.axes[0].row or line.column)
            and (line.row, line.column) not in used
            and any(map(says_when, line.texts))
        ]
        if unused:
            line = unused[0]
            yield note_unused(found.view.place(line.row, line.column), " ".join(line.texts), len(unused) - 1)

    def _of_blocks(self) -> Iterator[Problem]:
        """Tell of the captions of blocks: those used, and those that nothing was made of, though they part them."""
        for row, (line, column, text) in self._own_captions.items() if self._kind is Kind.LIST else ():
            told = note_unused if self._held_in[row] == HeldIn() else wording.said_of_block
            yield told(self._found.view.place(line, column), text)

    def _said_of_all(self) -> Iterator[Problem]:
        """Tell of texts around that say something of all entries: dates, times, a length."""
        found = self._found
        for at, cells in self._titled.items():
            said = [
                f"the {_SAID[name]} {full_day(cell) if isinstance(cell, date) else plain_text(cell)}"
                for name, cell in cells.items()
            ]
            yield note_used(found.view.place(*at), found.view.text(*at), said)
        if self._title_with_hours is not None:
            at, text = self._title_with_hours
            length = f", and the length {self._spell.length}" if self._spell else ""
            yield note_used(found.view.place(*at), text, [f"the times {self._hours_of_all}{length}"])
        if self._length_of_all is not None:
            at, length = self._length_of_all
            yield note_used(found.view.place(*at), found.view.text(*at), [f"the length {length}"])

    def _problems_of_heads(self) -> Iterator[Problem]:
        """Tell of heads that are dates by a title, or that stand for weeks."""
        found, axis = self._found, self._found.axes[0]
        column = min(axis.heads)
        place, text = found.view.place(axis.row, column), found.view.text(axis.row, column)
        if self._kind is Kind.EVENTS and not found.by_weeks and weekday_in_any(text) is not None:
            yield wording.weekdays_from_title(
                place, one_date(axis.heads[column]), one_date(axis.heads[max(axis.heads)])
            )
        if self._moved:
            yield wording.days_by_names(place, next(iter(self._named_weekdays)), self._moved)
        if self._open_weeks:
            yield wording.days_of_week_open(place, text)
        elif self._whole_weeks:
            yield whole_weeks(place, text)
        elif self._weeks and self._days:
            yield wording.on_days_of_week(place, ", ".join(WEEKDAY_NAMES[day][:3] for day in self._days))

    def _why(self) -> str:
        found = self._found
        if found.by_weeks:
            first, last = (axis.heads[column] for axis, column in self._ends())
            return f"weeks stand down and weekdays across ({first} to {last}), {self._what()} in its cells"
        side, other = ("across", "down") if found.view.turned else ("down", "across")
        heads = [found.view.text(axis.row, column) for axis in found.axes for column in axis.heads]
        names = found.names()
        return (
            f"names stand {side} ({', '.join(names[:2])}{', …' if len(names) > 2 else ''}), "
            f"days {other} ({heads[0]} to {heads[-1]}), {self._what()} in its cells"
        )

    def _ends(self) -> list[tuple[Axis, int]]:
        first, last = self._found.axes[0], self._found.axes[-1]
        return [(first, min(first.heads)), (last, max(last.heads))]

    def _what(self) -> str:
        """Return what the cells hold, in a word."""
        if self._turned_around:
            return "people"
        if self._codes:
            return f"codes ({', '.join(sorted(self._codes)[:6])})"
        return "times" if any(map(span_in, self._found.texts())) else "words"
