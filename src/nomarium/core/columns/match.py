"""Headings → fields: what the user said, else what is known, else what is like it, else what the cells hold."""

from __future__ import annotations

import re
from collections.abc import Callable, Mapping, Sequence
from difflib import get_close_matches
from itertools import pairwise

from nomarium.core.columns import wording
from nomarium.core.columns.contents import (
    are_first_and_last_days,
    are_starts_and_ends,
    counts_up,
    holds_amounts,
    holds_codes,
    holds_dates,
    holds_days_and_times,
    holds_halves_of_the_day,
    holds_lengths,
    holds_mostly_times,
    holds_numbers,
    holds_repeats,
    holds_times,
    holds_titles,
    is_deadline,
    may_be_the_day,
    may_be_times,
    named_field,
    names_no_time,
    says_how_often,
    what_meets,
)
from nomarium.core.columns.fields import DAY_HEADINGS, MOMENT_FIELDS, TIME_FIELDS, Holds, Kind, SheetKind, heading_key
from nomarium.core.columns.headings import Headings
from nomarium.core.columns.joined import join_code, join_doubles, join_parts, title_of_two_sides
from nomarium.core.columns.matches import Certainty, Match, Matches
from nomarium.core.problems import Problem, WrongCall
from nomarium.core.tables import Column, Table, column_letters, lead_in, plain_text
from nomarium.core.values import PERSON_FORM, most_are


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
    _repeats_among_moments(matches, headings.sheet)
    _beside_repeats(matches)
    join_parts(matches, headings.sheet)
    misheaded = _release_misheaded(table, matches, titled="title" in headings.sheet.needs)
    _departures_first(matches)
    _release_weaker(matches, headings)
    _codes_apart(matches, headings.sheet)
    _meetings_named(matches, headings.sheet)
    join_doubles(matches, headings.sheet)
    doubled = _doubled(table, matches, headings.sheet.names)
    _by_likeness(matches, headings)
    title_of_two_sides(matches, headings.sheet)
    _by_contents(matches, headings.sheet)
    unsure = [
        match for match in matches.all if match.field and match.certainty in (Certainty.LIKELY, Certainty.DOUBTFUL)
    ]
    problems = [wording.unsure_match(table, match.column, match.field, match.why) for match in unsure]
    apart = [match.column for match in matches.unused_matches() if holds_halves_of_the_day(match.column)]
    problems += [wording.halves_apart(table, column) for column in apart]
    problems += misheaded
    return matches, doubled + _missing(table, matches, headings.sheet) + problems


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
            if likeness and likeness.field in TIME_FIELDS and names_no_time(match.column):
                continue
            if likeness and matches.open(likeness.field):
                claims.setdefault(likeness.field, []).append((match, likeness.heading))
    for name, claimants in claims.items():
        if len(claimants) == 1:
            match, heading = claimants[0]
            match.field, match.certainty, match.why = name, Certainty.LIKELY, f"like “{heading}”"


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


def _repeats_among_moments(matches: Matches, sheet: SheetKind) -> None:
    """Let “When” with “every Friday” below it be the repeat, where another column has the dates."""
    if "repeat" not in sheet.names or not matches.open("repeat"):
        return
    titles = [match for match in matches.all if match.field == "summary" and match.certainty is Certainty.SURE]
    unheaded = [match for match in (*matches.unused_matches(), *titles) if says_how_often(match.column)]
    if len(unheaded) == 1:
        unheaded[0].field, unheaded[0].certainty = "repeat", Certainty.LIKELY
        unheaded[0].why = "its cells say how often"
        return
    fields = set(MOMENT_FIELDS) - set(TIME_FIELDS)
    moments = [match for match in matches.all if match.field in fields and match.certainty is Certainty.SURE]
    repeating = [match for match in moments if holds_repeats(match.column)]
    if len(repeating) == 1 and len(moments) > 1:
        repeating[0].field, repeating[0].why = "repeat", "its cells say how often"


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
        if match.field == "reminders" and "time" in key and holds_times(match.column):
            match.field, match.why = "reminder_time", "its heading, with times of day below it"
            continue
        if match.field in ("hours", "start_time") and key in _COUNTING and holds_amounts(match.column):
            if matches.columns(("start", "when")) or len(matches.columns(("start_time", "hours"))) > 1:
                match.field, match.why = _COUNTING[key], "its heading, with numbers below it"
                continue
            problems.append(wording.numbers_of_hours(table, match.column))
        elif not _says_something_else(matches, match, titled=titled):
            continue
        match.field, match.why, match.released = "", "", True
    return problems


def _says_something_else(matches: Matches, match: Match, *, titled: bool) -> bool:
    """Tell whether a column of numbers was taken for the titles, or one of words for times that another column has."""
    if match.field == "summary":
        return titled and holds_amounts(match.column)
    if match.field not in ("when", *TIME_FIELDS) or not names_no_time(match.column):
        return False
    in_dates = match.field in ("when", "hours") and _has_other_dates(matches, match)
    return in_dates or (match.field in TIME_FIELDS and _has_other_times(matches, match))


def _has_other_dates(matches: Matches, match: Match) -> bool:
    """Tell whether another column holds the dates, so that one of words says something else: "Session"."""
    others = (one for one in matches.all if one is not match and one.field in MOMENT_FIELDS)
    return any(holds_dates(one.column) for one in others)


def _has_other_times(matches: Matches, match: Match) -> bool:
    """Tell whether another column holds times, so that one of words says something else: "Called"."""
    others = (one for one in matches.all if one is not match and one.field in TIME_FIELDS)
    return any(not names_no_time(one.column) for one in others)


_COUNTING = {"hours": "duration", "hrs": "duration", "stunden": "duration", "heures": "duration", "horas": "duration"}
_COUNTING |= {"times": "", "ore": "duration", "uren": "duration", "timer": "duration"}
"""Headings of times that may as well count: what they then count a length by, if anything."""


def _departures_first(matches: Matches) -> None:
    """Let “Departs” before “Arrives” be the start: a ship is in from its arrival on, a bus under way until it."""
    back = [match for match in matches.all if match.field in ("end", "end_time")]
    on_the_way = all(_ON_THE_WAY.search(match.column.heading) for match in back)
    if len(back) == 2 and on_the_way and matches.open("start") and matches.open("start_time"):
        back[0].field = "start" if back[0].field == "end" else "start_time"
        return
    pairs = (("start", "end"), ("start_time", "end_time"))
    for first, last in pairs:
        starts, ends = ([match for match in matches.all if match.field == name] for name in (first, last))
        if len(starts) != 1 or len(ends) != 1 or starts[0].column.index < ends[0].column.index:
            continue
        if _ON_THE_WAY.search(starts[0].column.heading) and _ON_THE_WAY.search(ends[0].column.heading):
            starts[0].field, ends[0].field = last, first


_ON_THE_WAY = re.compile(r"\b(?:depart\w*|arriv\w*|leaves?|return\w*|eta|etd|ata|atd)\b", re.IGNORECASE)


def _is_telling(heading: str) -> bool:
    return bool(heading) and heading_key(heading) not in DAY_HEADINGS


def _by_contents(matches: Matches, sheet: SheetKind) -> None:
    """Find the date, then the title, among columns that no heading explains; only where a single one can be it."""
    if sheet.kind is not Kind.EVENTS:
        _spans_by_contents(matches, sheet)
    if "start_date" in sheet.names and not matches.columns(("start", "start_date", "when")):
        _take_only(matches, "start_date", may_be_the_day, "all its cells are dates")
        if matches.open("start_date"):
            _take_only(matches, "start_date", is_deadline, "all its cells are dates, and no other column has any")
    if "start_time" in sheet.names and all(map(matches.open, _TIMES)):
        _take_times(matches)
    elif "end_time" in sheet.names and matches.open("end_time") and matches.open("end"):
        _take_end(matches)
    elif "start_time" in sheet.names and not (matches.open("end_time") and matches.open("end")):
        _take_start(matches)
    if "duration" in sheet.names and matches.open("duration") and matches.open("end_time") and matches.open("end"):
        _take_only(matches, "duration", holds_lengths, "all its cells are lengths of time")
    if ("title" in sheet.needs or sheet.kind is Kind.CLOSURES) and matches.open("summary"):
        _take_title(matches)


def _spans_by_contents(matches: Matches, sheet: SheetKind) -> None:
    """Find first and last days, periods, starts and ends among columns that no heading explains."""
    if ("start_date", "end_date") in sheet.spans:
        _take_days(matches)
    if sheet.kind is Kind.BELLS and matches.open("period"):
        _take_only(matches, "period", counts_up, "its numbers count up")
    if ("start", "end") in sheet.spans:
        _take_clocks(matches)
    if "slot" in sheet.names and all(map(matches.open, ("day", "slot"))):
        for match in matches.all:
            if match.field in ("hours", "period") and holds_days_and_times(match.column):
                match.field, match.why = "slot", "its heading, with days and times below it"


def _take_days(matches: Matches) -> None:
    """Take two columns of dates, the second never before the first, for first and last days, whatever heads them."""
    dated = [match for match in matches.unused_matches() if may_be_the_day(match.column)]
    starts = [match for match in matches.all if match.field == "start_date"]
    if matches.open("start_date") and len(dated) == 2:
        pair = dated
    elif len(starts) == len(dated) == 1 and starts[0].column.index < dated[0].column.index:
        pair = [*starts, *dated]
    else:
        return
    if matches.open("end_date") and are_first_and_last_days(pair[0].column, pair[1].column):
        for match, name in zip(pair, ("start_date", "end_date"), strict=True):
            if match.field != name:
                match.field, match.certainty, match.why = name, Certainty.LIKELY, "dates never before those beside them"


def _take_clocks(matches: Matches) -> None:
    """Take the only two columns of times, one beside the other, for starts and ends, where no heading says them."""
    timed = [match for match in matches.unused_matches() if may_be_times(match.column)]
    beside = len(timed) == 2 and timed[1].column.index == timed[0].column.index + 1
    if beside and all(map(matches.open, ("start", "end", "hours"))):
        for match, name in zip(timed, ("start", "end"), strict=True):
            match.field, match.certainty, match.why = name, Certainty.LIKELY, "the only two columns of times"


def _take_title(matches: Matches) -> None:
    """Find the title: the descriptions where nothing stands nearer to the date, else the only column of words."""
    described = next((match for match in matches.all if match.field == "description"), None)
    dated = [match.column.index for match in matches.all if match.field in ("start_date", "start", "when")]
    if described is not None and described.certainty is Certainty.SURE:
        nearer = [
            match
            for match in matches.unused_matches()
            if dated and match.column.heading and holds_titles(match.column) and _are_different(match.column)
            if abs(match.column.index - dated[0]) < abs(described.column.index - dated[0])
            or _is_filled(match.column) > _is_filled(described.column)
        ]
        beside = len(nearer) == 1
        taken = nearer[0] if beside else described
        taken.field, taken.certainty = "summary", Certainty.DOUBTFUL
        taken.why = "the column of words beside the date" if beside else "no other column is the title"
        return
    _take_only(matches, "summary", holds_titles, "the only column of words left")
    _take_beside_the_date(matches)


def _is_filled(column: Column) -> bool:
    return all(cell != "" for cell in column.cells)


_LONGEST_MARK = 2
_TIMES = ("start_time", "start", "when", "hours", "end_time", "end")


def _take_start(matches: Matches) -> None:
    """Take the only column of times that is left for the starts, where a heading names the ends."""
    timed = [match for match in matches.unused_matches() if holds_mostly_times(match.column)]
    if len(timed) == 1 and matches.open("start_time") and matches.open("start") and matches.open("hours"):
        timed[0].field, timed[0].certainty = "start_time", Certainty.LIKELY
        timed[0].why = "its cells are times, and another column has the ends"


def _take_times(matches: Matches) -> None:
    """Take the only column of times for the starts, or the only two for starts and ends; “9.30” counts in a pair."""
    timed = [match for match in matches.unused_matches() if may_be_times(match.column)] or _pair_beside_dates(matches)
    if len(timed) <= 2:
        for match, name in zip(timed, ("start_time", "end_time"), strict=False):
            match.field, match.certainty, match.why = name, Certainty.DOUBTFUL, "all its cells are times"


def _pair_beside_dates(matches: Matches) -> list[Match]:
    """Return the only two neighbouring columns of starts and ends, dotted ones too, that stand beside the dates."""
    dated = [match.column.index for match in matches.all if match.field in ("start_date", "weekday")]
    pairs = [
        pair
        for pair in pairwise(matches.unused_matches())
        if {pair[0].column.index - 1, pair[1].column.index + 1}.intersection(dated)
        if are_starts_and_ends(pair[0].column, pair[1].column)
    ]
    return list(pairs[0]) if len(pairs) == 1 else []


def _take_end(matches: Matches) -> None:
    """Take the column behind the only one of starts for the ends, where its clock times never come before them."""
    starts = [match for match in matches.all if match.field in ("start_time", "start")]
    if len(starts) != 1 or not all(map(matches.open, ("end_time", "end", "hours", "when", "duration"))):
        return
    behind = [match for match in matches.unused_matches() if match.column.index == starts[0].column.index + 1]
    timed = [match for match in matches.unused_matches() if may_be_times(match.column)]
    if behind and all(match in behind for match in timed) and are_starts_and_ends(starts[0].column, behind[0].column):
        behind[0].field, behind[0].certainty = "end_time", Certainty.LIKELY
        behind[0].why = "its times stand beside the starts, and never before them"


def _take_only(matches: Matches, name: str, fits: Callable[[Column], bool], why: str) -> None:
    fitting = [match for match in matches.unused_matches() if fits(match.column)]
    if len(fitting) == 1:
        fitting[0].field, fitting[0].certainty, fitting[0].why = name, Certainty.DOUBTFUL, why


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
        of_dates = (lambda match: holds_dates(match.column),) if dated and dated.holds is Holds.DATE else ()
        for better in (_holds_anything, *of_dates, lambda match: _is_certain(match, headings)):
            kept = [match for match in claiming if better(match)]
            for match in claiming if len(claiming) > 1 and kept else ():
                if match not in kept:
                    match.field, match.why = "", ""
            claiming = kept or claiming


_CALLED_TITLE = re.compile(r"\b(?:title|titel|titre|título|titolo|summary)\b", re.IGNORECASE)


def _codes_apart(matches: Matches, sheet: SheetKind) -> None:
    """Of two columns of one field, let that with codes be the field that codes are of, else stand before the other."""
    for field_ in sheet.fields:
        claiming = [match for match in matches.all if match.field == field_.name]
        coded = [match for match in claiming if holds_codes(match.column)]
        if not field_.codes or len(claiming) != 2 or len(coded) != 1:
            continue
        if matches.open(field_.codes):
            coded[0].field, coded[0].why = field_.codes, "its heading, with codes below it"
        else:
            join_code(matches, coded[0], next(match for match in claiming if match is not coded[0]))


def _people_by_form(matches: Matches, sheet: SheetKind) -> None:
    """Let the only column of people's names, by their form, be who teaches, where no heading says who does."""
    if "teacher" not in sheet.names or not matches.open("teacher") or matches.open("day"):
        return
    fitting = [match for match in matches.unused_matches() if _holds_people(match.column)]
    if len(fitting) == 1:
        fitting[0].field, fitting[0].certainty = "teacher", Certainty.LIKELY
        fitting[0].why = "its cells have the form of people’s names"


def _take_beside_the_date(matches: Matches) -> None:
    """Take the column of words beside the date for the title, where its texts mostly differ, and no other is it."""
    dated = [match.column.index for match in matches.all if match.field in ("start_date", "start", "when")]
    if not dated or not matches.open("summary"):
        return
    fitting = [
        match
        for match in matches.unused_matches()
        if abs(match.column.index - dated[0]) == 1 and holds_titles(match.column) and not holds_codes(match.column)
    ]
    if len(fitting) == 1 and _are_different(fitting[0].column):
        fitting[0].field, fitting[0].certainty = "summary", Certainty.DOUBTFUL
        fitting[0].why = "the column of words beside the date"


def _are_different(column: Column) -> bool:
    cells = [plain_text(cell) for cell in column.cells if cell != ""]
    written_out = sum(len(cell) > _LONGEST_MARK for cell in cells)
    return written_out * 2 > len(cells) and len(set(cells)) * 2 > len(cells)


def _holds_people(column: Column) -> bool:
    names = list(dict.fromkeys(plain_text(cell).strip() for cell in column.cells if cell != ""))
    return most_are(names, PERSON_FORM)


def _meetings_named(matches: Matches, sheet: SheetKind) -> None:
    """Find what meets, where a day and clock times say when and no heading says what: the only column of words left."""
    _people_by_form(matches, sheet)
    _no_periods(matches)
    names = ("class", "course")
    _groups_of_courses(matches)
    if not set(names) <= set(sheet.names) or not matches.open("class") or matches.open("day"):
        return
    groups = [match for match in matches.all if match.field == "group" and match.certainty is Certainty.SURE]
    if len(groups) == 1:
        groups[0].field, groups[0].certainty = "class", Certainty.LIKELY
        groups[0].why = "no other column names the class"
        return
    if not matches.open("course"):
        _classes_by_homeroom(matches)
        return
    if matches.open("start") and matches.open("hours"):
        return
    teams = [match for match in matches.all if match.field == "team" and match.certainty is Certainty.SURE]
    if len(teams) == 1:
        teams[0].field, teams[0].certainty = "class", Certainty.LIKELY
        teams[0].why = "nothing else says what meets"
        return
    periods = [match for match in matches.all if match.field == "period" and match.certainty is Certainty.SURE]
    unused = matches.unused_matches()
    found = what_meets([match.column for match in periods], [match.column for match in unused])
    for match in [*periods, *unused]:
        if match.column is found and match.field:
            match.certainty, match.why = Certainty.LIKELY, "clock times say when, and nothing else says what"
        elif match.column is found:
            match.certainty, match.why = Certainty.DOUBTFUL, "the only column of words left"
        if match.column is found:
            match.field = "course"


def _groups_of_courses(matches: Matches) -> None:
    """Let the groups be the classes, and what may mean either the course, where both stand beside one another."""
    groups = [match for match in matches.all if match.field == "group" and match.certainty is Certainty.SURE]
    either = [match for match in matches.all if match.field == "class" and heading_key(match.column.heading) in _EITHER]
    if len(groups) == len(either) == 1 and matches.open("course") and either[0].certainty is Certainty.SURE:
        groups[0].field, groups[0].why = "class", "its heading, beside a course"
        either[0].field, either[0].why = "course", "its heading, beside groups"


_EITHER = frozenset(map(heading_key, "curso|kurs|kurse|corso|kursus|cursus|kurssi|kurz|kurzus".split("|")))
"""Headings of courses as well as of classes."""


def _classes_by_homeroom(matches: Matches) -> None:
    """Let the homerooms that courses are for be the classes, too, where no other column names these."""
    homes = [match for match in matches.all if match.field == "team" and heading_key(match.column.heading) in _HOMES]
    if len(homes) == 1:
        why = "no other column names the class"
        matches.all.append(Match(homes[0].column, "class", Certainty.LIKELY, why))


_HOMES = frozenset(
    map(heading_key, "homeroom|home room|tutor group|tutor class|advisory|registration group".split("|"))
)


def _no_periods(matches: Matches) -> None:
    """Let a column headed as periods, below which none stands, say what meets where clock times say when."""
    periods = matches.column("period")
    if periods is None or (matches.open("start") and matches.open("hours")):
        return
    if what_meets([periods], []) is None or not matches.open("class"):
        return
    for match in matches.all:
        if match.column is periods and not matches.open("course"):
            match.field, match.certainty, match.why = (
                "class",
                Certainty.LIKELY,
                "clock times say when, and it is no period",
            )


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
    if "date" in sheet.needs and not matches.columns(MOMENT_FIELDS):
        problems.append(wording.no_date_column(table))
    return problems
