"""Headings → fields: what the user said, else what is known, else what is like it, else what the cells hold."""

from __future__ import annotations

import re
from collections.abc import Callable, Collection, Mapping, Sequence
from difflib import get_close_matches
from functools import partial
from typing import TYPE_CHECKING

from nomarium.core.columns import wording
from nomarium.core.columns.by_contents import fields_by_contents
from nomarium.core.columns.closings import marks_of_closures
from nomarium.core.columns.contents import (
    are_clock_times,
    are_first_and_last_days,
    are_starts_and_ends,
    counts_up,
    holds_amounts,
    holds_dates,
    holds_days_alone,
    holds_days_and_times,
    holds_halves_of_the_day,
    holds_mostly_times,
    holds_numbered_weeks,
    holds_numbers,
    holds_ordinals,
    holds_repeats,
    holds_spans_of_dates,
    holds_times,
    holds_weekdays,
    may_be_times,
    named_field,
    names_no_time,
    numbers_periods,
    says_how_often,
    span_weeks,
)
from nomarium.core.columns.exceptions_behind import part_exceptions
from nomarium.core.columns.fields import DAY_HEADINGS, MOMENT_FIELDS, TIME_FIELDS, Holds, Kind, SheetKind, heading_key
from nomarium.core.columns.joined import (
    join_buildings,
    join_doubles,
    join_parts,
    part_times_and_words,
    title_by_number,
    title_of_duties,
    title_of_two_sides,
)
from nomarium.core.columns.matches import Certainty, Match, Matches
from nomarium.core.columns.meetings import codes_apart, meetings_named
from nomarium.core.columns.places_behind import part_places
from nomarium.core.columns.times_behind_days import part_days_and_times, part_times_and_repeats
from nomarium.core.columns.whole_hours import hours_behind_weekdays
from nomarium.core.problems import Problem, WrongCall
from nomarium.core.tables import Column, Table, column_letters, lead_in, plain_text
from nomarium.core.values import CLASS_FORM, is_date, span_in
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns.headings import Headings


def match_columns(table: Table, stated: Mapping[str, str], headings: Headings) -> tuple[Matches, list[Problem]]:
    """Find the field of each column; ``stated`` maps headings to fields, or to "" for a column to leave alone."""
    by_user = _stated_columns(table, {heading: headings.field_of(name) for heading, name in stated.items()})
    matches = Matches()
    lead = lead_in([column.heading for column in table.columns])
    for column in table.columns:
        if column.index in by_user:
            matches.all.append(Match(column, by_user[column.index], Certainty.STATED, "--column"))
        else:
            matches.all.append(_by_heading(column, headings, set(by_user.values()), lead))
    _part_and_settle(matches, headings.sheet)
    join_parts(matches, headings.sheet)
    _weekdays_that_are_dates(matches, headings.sheet)
    _times_below_a_title(matches, headings.sheet)
    misheaded = _release_misheaded(table, matches, titled="title" in headings.sheet.needs)
    _doors_before_starts(matches)
    _no_ends_beside_hours(matches)
    _departures_first(matches, headings.sheet)
    _due_dates_end(matches)
    marks_of_closures(matches, headings.sheet)
    _days_and_times_apart(matches, headings.sheet)
    _last_day_of_repeats(matches)
    _breaks_of_terms(matches, headings.sheet)
    _release_weaker(matches, headings)
    codes_apart(matches, headings.sheet)
    meetings_named(matches, headings.sheet)
    join_buildings(matches)
    title_of_two_sides(matches, headings.sheet)
    title_of_duties(matches, headings.sheet)
    join_doubles(matches, headings.sheet)
    doubled = _doubled(table, matches, headings.sheet.names)
    _by_likeness(matches, headings)
    _numbers_are_no_times(matches)
    part_times_and_words(matches, headings.sheet)
    fields_by_contents(matches, headings.sheet)
    title_by_number(matches, headings.sheet)
    meetings_named(matches, headings.sheet)
    unsure = [
        match for match in matches.all if match.field and match.certainty in (Certainty.LIKELY, Certainty.DOUBTFUL)
    ]
    own = set(map(id, table.columns))
    table.derived += {id(match.column): match.column for match in matches.all if id(match.column) not in own}.values()
    problems = [
        wording.unsure_match(table, match.column, match.field, match.why)
        if id(match.column) in own
        else wording.joined_match(table, match.column, match.field, match.why)
        for match in unsure
    ]
    apart = [match.column for match in matches.unused_matches() if holds_halves_of_the_day(match.column)]
    problems += [wording.halves_apart(table, column) for column in apart]
    problems += misheaded
    return matches, doubled + _missing(table, matches, headings.sheet) + problems


def _part_and_settle(matches: Matches, sheet: SheetKind) -> None:
    """Part columns that say two things, and settle what headings mean that cells or neighbours say otherwise."""
    part_places(matches, sheet)
    part_exceptions(matches, sheet)
    hours_behind_weekdays(matches, sheet)
    part_times_and_repeats(matches, sheet)
    part_days_and_times(matches, sheet)
    _repeats_among_moments(matches, sheet)
    _counts_are_numbers(matches)
    _beside_repeats(matches)
    _say_what_cells_say(matches, sheet)
    _counted_weeks(matches, sheet)


def check_stated(tables: Sequence[Table], stated: Mapping[str, str], headings: Headings) -> None:
    """Raise WrongCall where ``stated`` names a field that does not exist, or a heading that no table has."""
    for heading, name in stated.items():
        names = headings.sheet.names
        if name and headings.field_of(name) not in names:
            near = get_close_matches(name, names, 1)
            raise WrongCall(f"There is no field “{name}”.", wording.fields_hint(near, names))
        if tables and not any(columns_headed(table, heading) for table in tables):
            raise WrongCall(f"No column has the heading “{heading}”.", wording.headings_hint(tables[0], heading))


def columns_headed(table: Table, heading: str) -> list[Column]:
    """Return the columns with a heading, case and punctuation apart; one without a heading goes by its letters."""
    headed = [column for column in table.columns if heading_key(column.heading) == heading_key(heading)]
    return headed or [c for c in table.columns if not c.heading and column_letters(c.index) == heading.strip().upper()]


def _stated_columns(table: Table, stated: Mapping[str, str]) -> dict[int, str]:
    """Return the field stated for each column, by the column's place on the sheet."""
    return {column.index: name for heading, name in stated.items() for column in columns_headed(table, heading)}


def _by_heading(column: Column, headings: Headings, taken: set[str], lead: str) -> Match:
    name = named_field(column, headings.sheet, headings, lead)
    field = headings.sheet.field(name) if name else None
    is_its = name and (name not in taken or (field is not None and field.joint))
    return Match(column, name or "", why="its heading") if is_its else Match(column)


def _by_likeness(matches: Matches, headings: Headings) -> None:
    """Let an unknown heading stand for a field that it is like, where no other column does and no other is like it."""
    claims: dict[str, list[tuple[Match, str]]] = {}
    for match in matches.all:
        if not match.field and match.is_free and _is_telling(match.column.heading):
            likeness = headings.likeness(match.column.heading)
            if likeness and matches.open(likeness.field) and _may_be(match.column, likeness.field):
                claims.setdefault(likeness.field, []).append((match, likeness.heading))
    for name, claimants in claims.items():
        if len(claimants) == 1:
            match, heading = claimants[0]
            match.take(name, Certainty.LIKELY, f"like “{heading}”")


def _may_be(column: Column, field: str) -> bool:
    """Tell whether a column whose heading is like one of a field holds what that field has."""
    if field in _BY_DATES and holds_dates(column) != (field == "week_of"):
        return False
    if (field in TIME_FIELDS and names_no_time(column)) or (field == "start_date" and _holds_words_alone(column)):
        return False
    return field not in _OF_WHAT or not (
        holds_weekdays(column) or holds_repeats(column) or holds_days_and_times(column)
    )


_OF_WHAT = frozenset(
    "summary location description categories class course teacher room division group organizer".split()
)
"""Fields that a likeness gives to no column that says when something is."""
_BY_DATES = frozenset({"week_of", "summary", "location", "description", "categories"})
"""Fields that a likeness gives only to a column of dates, or only to one of none."""
_BESIDE_REPEATS = dict.fromkeys(("until", "till", "through", "last"), "until")
_BESIDE_REPEATS |= dict.fromkeys(("times", "count"), "times")
"""Headings that mean something else beside a column of repeats."""


def _beside_repeats(matches: Matches) -> None:
    """Let “Until” beside a column of repeats be the repeat's end, and “Times” their number, where these are open."""
    if matches.open("repeat"):
        return
    for match in matches.all:
        name = _BESIDE_REPEATS.get(heading_key(match.column.heading))
        if name and match.certainty is Certainty.SURE and matches.open(name):
            fits = holds_numbers(match.column) if name == "times" else not holds_times(match.column)
            if fits:
                match.field, match.why = name, "its heading, beside repeats"
    _last_day_of_repeats(matches)


def _last_day_of_repeats(matches: Matches) -> None:
    """Let the days on which something ends be the repeats' last, where they are weeks behind the first ones."""
    ends = [match for match in matches.all if match.field in ("end", "end_date") and holds_days_alone(match.column)]
    repeat = matches.column("repeat")
    if len(ends) == 1 and matches.open("until") and repeat is not None and says_how_often(repeat, in_words=True):
        starts = [match for match in matches.all if match.field in ("start", "start_date")]
        if len(starts) == 1 and span_weeks(starts[0].column, ends[0].column):
            ends[0].field, ends[0].why = "until", "the last day of what repeats"


def _days_and_times_apart(matches: Matches, sheet: SheetKind) -> None:
    """Let of two columns that both begin or end events one be the day and one the time, as their cells say."""
    for name in ("start", "end"):
        parts = f"{name}_date", f"{name}_time"
        alike = [match for match in matches.all if match.field == name and match.is_free]
        if len(alike) < 2 or name not in sheet.names or not all(map(matches.open, parts)):
            continue
        dated = [match for match in alike if holds_dates(match.column)]
        timed = [match for match in alike if match not in dated and holds_times(match.column)]
        if len(dated) == len(timed) == 1:
            dated[0].field, timed[0].field = parts
            dated[0].why = timed[0].why = "its cells, beside another such heading"


def _retell(matches: Matches, fields: Collection[str], fits: Callable[[Match], bool], name: str, below: str) -> None:
    """Give the first column of some fields whose cells fit another field, where no column has that."""
    fitting = (match for match in matches.all if match.field in fields and match.is_free and fits(match))
    if matches.open(name) and (match := next(fitting, None)) is not None:
        match.field, match.why = name, f"its heading, with {below} below it"


def _begins_with_numbers(match: Match) -> bool:
    cells = [plain_text(cell) for cell in match.column.distinct if cell != ""]
    return numbers_periods(match.column) and all(cell[:1].isdecimal() for cell in cells)


def _is_no_end(match: Match) -> bool:
    """Tell whether a word that means an end here, and a place there, heads words: “Kraj”."""
    return heading_key(match.column.heading) in _ENDS_OR_PLACES and _says_no_when(match.column)


def _says_no_when(column: Column) -> bool:
    return not (holds_times(column) or are_clock_times(column) or holds_dates(column))


def _no_ends_beside_hours(matches: Matches) -> None:
    """Let a column headed as starts or ends be left, and so be told, where hours have both and it holds no times."""
    for match in matches.all if not matches.open("hours") else ():
        if match.field in ("start", "end") and match.is_free and _says_no_when(match.column):
            match.release()


_ENDS_OR_PLACES = frozenset(map(heading_key, ("kraj", "край")))


def _numbers_rooms(match: Match) -> bool:
    """Tell whether a word that means class and classroom, in Finnish, heads numbers of three digits: rooms."""
    cells = [plain_text(cell) for cell in match.column.distinct if cell != ""]
    rooms = all(cell.isdecimal() and len(cell) > 2 for cell in cells)
    return heading_key(match.column.heading) == "luokka" and bool(cells) and rooms


def _numbers_are_no_times(matches: Matches) -> None:
    """Let a column headed Session or When be left that only numbers its rows: 1, 2, 3 are no hours."""
    for match in matches.all:
        if match.field == "when" and match.is_free and counts_up(match.column):
            match.field, match.why = "", ""


def _due_dates_end(matches: Matches) -> None:
    """Let “Due date” be the last day, where another column has the first, and is never behind it."""
    starts = [match for match in matches.all if match.field == "start_date"]
    due = [match for match in starts if heading_key(match.column.heading) in _DUE]
    if len(starts) == 2 and len(due) == 1 and matches.open("end_date"):
        first = next(match for match in starts if match is not due[0])
        if are_first_and_last_days(first.column, due[0].column):
            due[0].field, due[0].why = "end_date", "its heading, beside the first days"


_DUE = frozenset(map(heading_key, ("due", "due date", "deadline", "due by", "due on")))


def _breaks_of_terms(matches: Matches, sheet: SheetKind) -> None:
    """Let “Half term” with dates below it, in a sheet of terms, be the days off within each, and no name."""

    def are_days_off(match: Match) -> bool:
        return _OFF.search(match.column.heading) is not None and holds_dates(match.column)

    if "break" in sheet.names:
        _retell(matches, ("summary",), are_days_off, "break", "dates")


_OFF = regex(r"half|break|holiday|recess|pause|ferien|vacances|vacaciones", re.IGNORECASE)


def _weekdays_that_are_dates(matches: Matches, sheet: SheetKind) -> None:
    """Let “Tag” with whole dates below it be the date, where no other column is: “Fr, 11.09.2026”."""

    def are_the_dates(match: Match) -> bool:
        return holds_dates(match.column) and not _has_other_dates(matches, match)

    _retell(matches, ("weekday", "categories"), are_the_dates, "start_date", "dates")
    days = [match for match in matches.unused_matches() if heading_key(match.column.heading) in DAY_HEADINGS]
    if len(days) == 1 and "start_date" in sheet.names and matches.open("start_date") and are_the_dates(days[0]):
        days[0].take("start_date", Certainty.LIKELY, "all its cells are dates")


def _say_what_cells_say(matches: Matches, sheet: SheetKind) -> None:
    """Let headings that may mean two things be what the cells below them are.

    “Ora” with “1ª” or “1” is the period, “Aula” beside “Sala”, too; “Runs” with spans of dates from when until when,
    “Luokka” with “204” the room, and “Kraj” with words.
    """
    if "period" in sheet.names:
        times = ("hours", "start", "start_time")
        _retell(matches, times, lambda match: holds_ordinals(match.column), "period", "ordinals")
        if all(map(matches.open, ("duration", "start", "slot"))):  # “Hours” beside starts says how long
            _retell(matches, ("hours",), lambda match: numbers_periods(match.column), "period", "numbers of periods")
        if len(matches.columns(("room",))) > 1 and matches.open("start") and matches.open("hours"):
            _retell(matches, ("room",), _begins_with_numbers, "period", "numbers of periods")
    if {"week", "period"} <= set(sheet.names):
        _retell(
            matches, ("period", "term"), lambda match: holds_numbered_weeks(match.column), "week", "numbers of weeks"
        )
    if {"status", "from"} <= set(sheet.names):
        _retell(matches, ("status",), lambda match: holds_spans_of_dates(match.column), "from", "first and last days")
    place = next((name for name in ("room", "location") if name in sheet.names), "")
    if place:
        _retell(matches, ("end", "end_time", "end_date"), _is_no_end, place, "no times")
    if {"class", "room"} <= set(sheet.names) and not matches.open("course"):
        _retell(matches, ("class",), _numbers_rooms, "room", "numbers of rooms")


def _counted_weeks(matches: Matches, sheet: SheetKind) -> None:
    """Let “Weeks” with a number in each row be how many weeks it runs, where each has its first day and no last."""
    if "weeks" not in sheet.names or not matches.open("weeks") or matches.open("from") or not matches.open("until"):
        return
    for match in matches.all:
        if match.field == "week" and match.certainty is Certainty.SURE and _counts_weeks(match.column):
            match.field, match.why = "weeks", "its heading, with a number beside each first day"


def _counts_weeks(column: Column) -> bool:
    plural = heading_key(column.heading) in _WEEKS
    return plural and all(_WEEK_COUNT.fullmatch(plain_text(cell).strip()) for cell in column.cells if cell != "")


_WEEKS = frozenset("weeks wochen semaines semanas settimane weken veckor uger uker viikot tygodnie".split())
_WEEK_COUNT = regex(
    r"(?:[2-9]|[1-4]\d|5[0-3])(?:\.0)?(?:\s*(?:weeks|wks?|wochen|semaines|semanas|weken|veckor|uger|uker))?",
    re.IGNORECASE,
)


def _repeats_among_moments(matches: Matches, sheet: SheetKind) -> None:
    """Let “When” with “every Friday” below it be the repeat, where another column has the dates."""
    if "repeat" not in sheet.names or not matches.open("repeat"):
        return
    titles = [match for match in matches.all if match.field == "summary" and match.certainty is Certainty.SURE]
    unheaded = [match for match in matches.unused_matches() if says_how_often(match.column)]
    unheaded += [match for match in titles if says_how_often(match.column, in_words=True)]
    if len(unheaded) == 1:
        unheaded[0].take("repeat", Certainty.LIKELY, "its cells say how often")
        return
    fields = set(MOMENT_FIELDS) - set(TIME_FIELDS)
    moments = [match for match in matches.all if match.field in fields and match.certainty is Certainty.SURE]
    repeating = [match for match in moments if holds_repeats(match.column)]
    if len(repeating) == 1 and len(moments) > 1:
        repeating[0].field, repeating[0].why = "repeat", "its cells say how often"


def _counts_are_numbers(matches: Matches) -> None:
    """Release “How often” with “weekly” below it: it counts no meetings."""
    for match in matches.all:
        if match.field == "count" and match.is_free and holds_repeats(match.column):
            match.release()


def _release_misheaded(table: Table, matches: Matches, *, titled: bool) -> list[Problem]:
    """Release columns whose cells are not what their headings say, each with a word.

    “Hours” with “2” and “1.25” below it are lengths where another column has the starts; “Reminder time” with a time of
    day is no length before the start. Where sheets have titles (``titled``), numbers are none.
    """
    problems = []
    for match in matches.all:
        key = heading_key(match.column.heading)
        if match.certainty is not Certainty.SURE:
            continue
        if match.field == "week_of" and not holds_dates(match.column):
            match.field, match.why = "", ""
        if match.field == "start_date" and _holds_words_alone(match.column) and _has_other_dates(matches, match):
            match.field, match.why = "", ""  # “Termin” may be what is on, beside “Wann”
        if match.field == "reminders" and "time" in key and holds_times(match.column):
            match.field, match.why = "reminder_time", "its heading, with times of day below it"
            continue
        if match.field == "id" and key in _REFERENCES and _names_no_row(match.column):
            match.release()
            continue
        if match.field in ("hours", "start_time") and key in _COUNTING and holds_amounts(match.column):
            if matches.columns(("start", "when")) or len(matches.columns(("start_time", "hours"))) > 1:
                match.field, match.why = _COUNTING[key], "its heading, with numbers below it"
                continue
            problems.append(wording.numbers_of_hours(table, match.column))
        elif not _says_something_else(matches, match, titled=titled):
            continue
        match.release()
    return problems


def _times_below_a_title(matches: Matches, sheet: SheetKind) -> None:
    """Take what is headed as a title for the starts where it has the only times beside dates: “Service”, “8.00 am”."""
    timed = [match for match in matches.all if holds_mostly_times(match.column)]
    if "start_time" not in sheet.names or len(timed) != 1 or timed[0].field != "summary" or not timed[0].is_free:
        return
    if may_be_times(timed[0].column) and _has_other_dates(matches, timed[0]):
        timed[0].take("start_time", Certainty.LIKELY, "all its cells are times, and no other column has any")


_REFERENCES = frozenset({"ref", "reference"})


def _holds_words_alone(column: Column) -> bool:
    """Tell whether a column holds words, and no date, time, weekday or repeat among them."""
    texts = [plain_text(cell) for cell in column.distinct if cell != ""]
    wordy = all(text[:1].isalpha() and not is_date(text) and span_in(text) is None for text in texts)
    return bool(texts) and wordy and not (holds_weekdays(column) or says_how_often(column) or holds_dates(column))


def _names_no_row(column: Column) -> bool:
    """Tell whether what would tell rows apart comes again: it is something of the row then, such as its referee."""
    cells = [cell for cell in column.cells if cell != ""]
    return len(set(cells)) < len(cells)


def _says_something_else(matches: Matches, match: Match, *, titled: bool) -> bool:
    """Tell whether a column of numbers was taken for the titles, or one of words for times that another column has."""
    if match.field == "summary":
        tests = (
            (holds_amounts,)
            if heading_key(match.column.heading) in _TITLES
            else (holds_amounts, holds_times, holds_dates)
        )
        return titled and any(holds(match.column) for holds in tests)
    if match.field not in ("when", "start", "end", *TIME_FIELDS) or not names_no_time(match.column):
        return False
    if match.field in ("start", "end") and _has_other_dates(matches, match):
        return True
    in_dates = match.field in ("when", "hours") and _has_other_dates(matches, match)
    return in_dates or (match.field in TIME_FIELDS and _has_other_times(matches, match))


_TITLES = frozenset("title titel titre título titolo título summary subject betreff objet asunto oggetto".split())
"""Headings of titles, whatever stands below them."""


def _has_other_dates(matches: Matches, match: Match) -> bool:
    """Tell whether another column holds the dates or how often it is, so that one of words is another: "Session"."""
    fields = (*MOMENT_FIELDS, "repeat")
    others = [one.column for one in matches.all if one is not match and one.field in fields]
    dated = any(holds_dates(column) and not are_clock_times(column) for column in others)
    return dated or any(says_how_often(column, in_words=True) for column in others)


def _has_other_times(matches: Matches, match: Match) -> bool:
    """Tell whether another column holds times, so that one of words says something else: "Called"."""
    others = (one for one in matches.all if one is not match and one.field in TIME_FIELDS)
    return any(not names_no_time(one.column) for one in others)


_COUNTING = {"hours": "duration", "hrs": "duration", "stunden": "duration", "heures": "duration", "horas": "duration"}
_COUNTING |= {"times": "", "ore": "duration", "uren": "duration", "timer": "duration"}
"""Headings of times that may as well count: what they then count a length by, if anything."""


def _departures_first(matches: Matches, sheet: SheetKind) -> None:
    """Let the first of “Departs” and “Arrives” be the start: a ship is in from its arrival on, a bus goes until it.

    Of two columns of starts, one never before the other, such as “Entrada” and “Salida”, the second is the end.
    """
    back = [match for match in matches.all if match.field in ("end", "end_time")]
    on_the_way = all(_ON_THE_WAY.search(match.column.heading) for match in back)
    if len(back) == 2 and on_the_way and matches.open("start") and matches.open("start_time"):
        back[0].field = "start" if back[0].field == "end" else "start_time"
        return
    pairs = (("start", "end"), ("start_time", "end_time"))
    for first, last in pairs:
        there = [match for match in matches.all if match.field == first]
        if len(there) == 2 and matches.open(last) and _end_in_turn(there, sheet):
            there[1].field = last
            continue
        starts, ends = ([match for match in matches.all if match.field == name] for name in (first, last))
        if len(starts) != 1 or len(ends) != 1 or starts[0].column.index < ends[0].column.index:
            continue
        if _ON_THE_WAY.search(starts[0].column.heading) and _ON_THE_WAY.search(ends[0].column.heading):
            starts[0].field, ends[0].field = last, first


def _end_in_turn(there: Sequence[Match], sheet: SheetKind) -> bool:
    """Tell whether the second of two columns of starts may as well be of ends, and its times are never before."""
    if all(_ON_THE_WAY.search(match.column.heading) for match in there):
        return True
    ends = [field for name in ("end", "end_time") if (field := sheet.field(name)) is not None]
    known = {heading_key(word) for field in ends for word in f"{field.headings}|{field.shared}".split("|")}
    second = heading_key(there[1].column.heading)
    return second in known and are_starts_and_ends(there[0].column, there[1].column)


def _doors_before_starts(matches: Matches) -> None:
    """Let “Doors” be no start where another column has the starts."""
    starts = [match for match in matches.all if match.field in ("start", "start_time")]
    doors = [match for match in starts if match.is_free and _DOORS.fullmatch(match.column.heading.strip())]
    for match in doors if len(doors) < len(starts) else ():
        match.release()


_DOORS = regex(
    r"doors?(?: open(?:s|ing)?)?|einlass|portes|ouverture des portes|puertas|apertura (?:de )?puertas|porte|"
    r"apertura porte|portas|deuren(?: open)?|dørene åbner|dörrar|insläpp|dører",
    re.IGNORECASE,
)


_ON_THE_WAY = regex(
    r"\b(?:pick[- ]?ups?|collect\w*|drop[- ]?offs?|depart\w*|arriv\w*|leaves?|return\w*|eta|etd|ata|atd|départs?|"
    r"retours?|(?:abfahrt|ankunft)\w*|abreise|anreise|"
    r"rückkehr|llegadas?|salidas?|regreso|vuelta|chegadas?|partidas?|saídas?|regresso|partenz[ae]|ritorno|aankomst\w*|"
    r"vertrek\w*|terug\w*|ankomst\w*|afgang\w*|avgang\w*|avgång\w*|avresa|hemkomst|hjemkomst)\b",
    re.IGNORECASE,
)


def _is_telling(heading: str) -> bool:
    return bool(heading) and heading_key(heading) not in DAY_HEADINGS


def _release_weaker(matches: Matches, headings: Headings) -> None:
    """Of columns that claim one field, leave those with cells, and with headings that are the kind's own."""
    titled = [match for match in matches.all if match.field == "summary" and _CALLED_TITLE.search(match.column.heading)]
    for match in matches.all if len(titled) == 1 and headings.sheet.kind is Kind.EVENTS else ():
        weaker = match.is_free and not headings.is_own(match.column.heading)
        if match.field == "summary" and match is not titled[0] and weaker:
            match.field, match.why = "", ""
    for name in headings.sheet.names:
        claiming = [match for match in matches.all if match.field == name]
        dated = headings.sheet.field(name)
        of_kind: tuple[Callable[[Match], bool], ...] = ()
        if dated and dated.holds is Holds.DATE:
            of_kind = (_holds_dates,)
        elif name == "summary":
            of_kind = (_may_be_titles,)
        certain: Callable[[Match], bool] = partial(_is_certain, headings=headings)
        for better in (_holds_anything, *of_kind, certain):
            kept = [match for match in claiming if better(match)]
            for match in claiming if len(claiming) > 1 and kept else ():
                if match not in kept:
                    match.field, match.why = "", ""
            claiming = kept or claiming


_CALLED_TITLE = regex(r"\b(?:title|titel|titre|título|titolo|summary)\b", re.IGNORECASE)


def _holds_dates(match: Match) -> bool:
    return holds_dates(match.column)


def _may_be_titles(match: Match) -> bool:
    """Tell whether a column may say what events are called: ordinals, and forms such as 7A, say for whom they are."""
    cells = (plain_text(cell).strip() for cell in match.column.distinct if cell != "")
    return not holds_ordinals(match.column) and not all(map(CLASS_FORM.fullmatch, cells))


def _holds_anything(match: Match) -> bool:
    return any(cell != "" for cell in match.column.cells)


def _is_certain(match: Match, headings: Headings) -> bool:
    return match.certainty is Certainty.STATED or headings.is_own(match.column.heading)


def _doubled(table: Table, matches: Matches, names: Sequence[str]) -> list[Problem]:
    problems = []
    for name in names:
        columns = [match.column for match in matches.all if match.field == name]
        if len(columns) > 1:
            problems.append(wording.doubled_field(table, name, columns))
    return problems


def _missing(table: Table, matches: Matches, sheet: SheetKind) -> list[Problem]:
    """A title and a date are all that an event needs."""
    problems = []
    if "title" in sheet.needs and matches.open("summary"):
        problems.append(wording.no_title_column(table))
    if "date" in sheet.needs and not matches.columns((*MOMENT_FIELDS, "week_of", "repeat")):
        problems.append(wording.no_date_column(table))
    return problems
