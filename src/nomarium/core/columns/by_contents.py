"""What the cells of columns say that no heading explains: days, spans, times, titles."""

from __future__ import annotations

import re
from collections.abc import Callable, Collection
from itertools import pairwise

from nomarium.core.columns.contents import (
    are_first_and_last_days,
    are_starts_and_ends,
    counts_up,
    days_by_cells,
    holds_codes,
    holds_dates,
    holds_days_alone,
    holds_days_and_periods,
    holds_days_and_times,
    holds_lengths,
    holds_mostly_times,
    holds_repeats,
    holds_spans,
    holds_spans_of_dates,
    holds_spans_of_weeks,
    holds_times,
    holds_titles,
    holds_weekdays,
    is_deadline,
    may_be_the_day,
    may_be_times,
    names_several_weekdays,
    says_how_often,
    says_when_not,
    span_weeks,
)
from nomarium.core.columns.fields import TIMED_FIELDS, Kind, SheetKind, heading_key
from nomarium.core.columns.matches import Certainty, Match, Matches
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import TITLED_FORM, are_dates, are_reversed_names, most_are, without_not_on


def fields_by_contents(matches: Matches, sheet: SheetKind) -> None:
    """Give fields to columns that no heading explains: the date, times, the title; where a single one can be it."""
    _take_exceptions(matches, sheet)
    if sheet.kind is not Kind.EVENTS:
        _spans_by_contents(matches, sheet)
    else:
        _take_times_for_days(matches)
        _take_repeats(matches)
        if all(map(matches.open, ("start_date", "start", "when", "end", "end_date", "repeat"))):
            _take_days(matches)
        _take_weekly(matches)
    if "start_date" in sheet.names and not any(_says_day(matches, name) for name in ("start", "start_date", "when")):
        _take_only(matches, "start_date", may_be_the_day, "all its cells are dates")
        if matches.open("start_date"):
            _take_only(matches, "start_date", is_deadline, "all its cells are dates, and no other column has any")
    if "start_time" in sheet.names and not any(_says_time(matches, name) for name in TIMED_FIELDS):
        _take_times(matches)
    elif "end_time" in sheet.names and matches.open("end_time") and matches.open("end"):
        _take_end(matches)
    elif "start_time" in sheet.names and not (matches.open("end_time") and matches.open("end")):
        _take_start(matches)
    if "duration" in sheet.names and matches.open("duration") and matches.open("end_time") and matches.open("end"):
        _take_only(matches, "duration", holds_lengths, "all its cells are lengths of time")
    named = "title" in sheet.needs or sheet.kind in (Kind.CLOSURES, Kind.TERMS)
    if named and matches.open("summary"):
        _let_go_of_periods(matches)
        _take_title(matches)


def _take_exceptions(matches: Matches, sheet: SheetKind) -> None:
    """Take a column of dates that is headed as when it is not, "No clinic on", for the exceptions of what repeats."""
    repeats = "slot" in sheet.names or not matches.open("repeat")
    for match in matches.unused_matches() if repeats and "except" in sheet.names and matches.open("except") else ():
        filled = [plain_text(cell) for cell in match.column.cells if cell != ""]
        if without_not_on(match.column.heading) is not None and filled and all(map(are_dates, filled)):
            match.take("except", Certainty.LIKELY, "its heading, with dates below it")
            return


def _says_time(matches: Matches, name: str) -> bool:
    """Tell whether a column has a field of times; one of starts or ends that holds days alone leaves them open."""
    column = matches.column(name)
    return column is not None and not (name in ("start", "end") and holds_days_alone(column))


def _take_times_for_days(matches: Matches) -> None:
    """Take a start or an end that is headed as a day, and has nothing but times below it, for the time of it."""
    for match in matches.all if all(map(matches.open, TIMED_FIELDS)) else ():
        if match.field in ("start_date", "end_date") and match.is_free and holds_times(match.column):
            match.field, match.why = match.field.replace("date", "time"), "its heading, with times below it"


def _says_day(matches: Matches, name: str) -> bool:
    """Tell whether a column has a field of days; one of starts that holds times alone leaves them open."""
    column = matches.column(name)
    return column is not None and not (name == "start" and holds_times(column))


def _take_repeats(matches: Matches) -> None:
    """Take a column headed When or Date for what repeats, where its cells say how often and no other does."""
    often = [
        match
        for match in matches.all
        if match.field in ("when", "start_date", "start") and match.is_free and says_how_often(match.column)
    ]
    if len(often) == 1 and matches.open("repeat"):
        often[0].field, often[0].why = "repeat", "its heading, with how often below it"


def _take_weekly(matches: Matches) -> None:
    """Take weekdays beside first and last days that lie weeks apart, in two columns or one, for what repeats.

    Without times they may be no more than the weekdays of the first days.
    """
    by_field = {match.field: match for match in matches.all}
    first, last = (by_field.get(f"{end}_date") or by_field.get(end) for end in ("start", "end"))
    may_repeat = [*matches.unused_matches(), *(match for match in matches.all if match.field == "weekday")]
    weekly = [match for match in may_repeat if holds_weekdays(match.column) or holds_repeats(match.column)]
    if first is None or len(weekly) != 1 or not all(map(matches.open, ("repeat", "until"))):
        return
    if not any(match.field in TIMED_FIELDS or holds_mostly_times(match.column) for match in matches.all):
        return
    if last is None and holds_spans_of_weeks(first.column):
        weekly[0].why = "its weekdays stand beside spans of weeks"
    elif last is not None and (why := _why_weekly(weekly[0].column, first.column, last.column)):
        weekly[0].why = why
        last.field, last.why = "until", "the last day of what repeats"
    else:
        return
    weekly[0].field, weekly[0].certainty = "repeat", Certainty.LIKELY


def _why_weekly(weekdays: Column, first: Column, last: Column) -> str:
    """Return why weekdays beside first and last days say what repeats; "" where they need not."""
    if span_weeks(first, last):
        return "its weekdays stand beside first and last days that are weeks apart"
    several = names_several_weekdays(weekdays)
    return "each of its cells names several weekdays, beside first and last days" if several else ""


def _spans_by_contents(matches: Matches, sheet: SheetKind) -> None:
    """Find first and last days, periods, starts and ends among columns that no heading explains."""
    if ("start_date", "end_date") in sheet.spans:
        _take_days(matches)
    if sheet.kind is Kind.BELLS and matches.open("period"):
        for match in matches.all:
            if match.field == "hours" and counts_up(match.column):
                match.field, match.why = "period", "its heading, with numbers that count up below it"
        _take_only(matches, "period", counts_up, "its numbers count up")
    if ("start", "end") in sheet.spans:
        _take_clocks(matches)
    if "slot" in sheet.names:
        _take_days_of_meetings(matches)
    if "slot" in sheet.names and matches.open("except"):
        _take_only(matches, "except", says_when_not, "all its cells say when it is not")


def _take_days_of_meetings(matches: Matches) -> None:
    """Find on which weekdays, and from when until when, classes meet."""
    dated = [match for match in matches.unused_matches() if may_be_the_day(match.column)]
    whole = len(dated) == 2 and are_first_and_last_days(dated[0].column, dated[1].column)
    if whole and all(map(matches.open, ("from", "until"))):
        for match, name in zip(dated, ("from", "until"), strict=True):
            match.take(name, Certainty.LIKELY, "dates never before those beside them")
    if all(map(matches.open, ("from", "until"))):
        _take_only(matches, "from", holds_spans_of_dates, "spans of dates stand below it")
    _take_spans_for_hours(matches)
    if all(map(matches.open, ("hours", "start", "slot", "period"))):
        _take_only(matches, "hours", holds_spans, "all its cells are spans of times")
    if all(map(matches.open, ("day", "slot", "period"))):
        _take_only(matches, "day", holds_weekdays, "all its cells are weekdays")
    if all(map(matches.open, ("day", "slot", "period", "hours", "start"))):
        _take_only(matches, "slot", holds_days_and_periods, "weekdays and periods stand below it")
        _take_only(matches, "slot", holds_days_and_times, "weekdays and times stand below it")
    _take_headed_days(matches)
    if says_not_what({match.field for match in matches.all}):
        _take_what_meets(matches)


def says_not_what(fields: Collection[str]) -> bool:
    """Tell whether the fields of a timetable's rows say where or with whom it is, but not what is on."""
    return _WHAT.isdisjoint(fields) and not _BESIDE.isdisjoint(fields)


_WHAT = frozenset({"class", "course", "team", "group", "id", "period"})
_BESIDE = frozenset({"room", "location", "teacher", "student"})


def _take_what_meets(matches: Matches) -> None:
    """Take the first column of words that stand in each row for what meets, where rows say only when and where."""
    fitting = [match for match in matches.unused_matches() if _names_each(match.column)]
    titles = [match for match in fitting if not holds_codes(match.column)]
    for match in (titles or fitting)[:1]:
        match.take("course", Certainty.DOUBTFUL, "its words stand in each row")


def _names_each(column: Column) -> bool:
    """Tell whether a column has words in each row, more than two by turns, and names no people."""
    many = len(column.distinct) > min(2, len(column.cells) - 1)
    return bool(column.heading) and many and _is_filled(column) and _holds_titles_of_things(column)


def _take_headed_days(matches: Matches) -> None:
    """Take what is headed as days, periods or hours for days and times, or for days, where its cells are that."""
    for match in matches.all if all(map(matches.open, ("slot", "period", "hours", "start"))) else ():
        if match.field == "day" and holds_days_and_periods(match.column):
            match.field, match.why = "slot", "weekdays and periods stand below it"
    for match in matches.all if all(map(matches.open, ("day", "slot"))) else ():
        if says := days_by_cells(match.field, match.column):
            below = "days and times" if says == "slot" else "weekdays"
            match.field, match.why = says, f"its heading, with {below} below it"


def _take_spans_for_hours(matches: Matches) -> None:
    """Take a column headed as periods for the hours, where spans of times stand below it and nowhere else."""
    for match in matches.all if all(map(matches.open, ("hours", "start", "slot"))) else ():
        if match.field == "period" and match.is_free and holds_spans(match.column):
            match.field, match.why = "hours", "its heading, with times below it"


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
                match.take(name, Certainty.LIKELY, "dates never before those beside them")


def _take_clocks(matches: Matches) -> None:
    """Take the only two columns of times, one beside the other, for starts and ends, where no heading says them."""
    unused = matches.unused_matches()
    timed = [match for match in unused if may_be_times(match.column)] or [
        match for pair in pairwise(unused) if are_starts_and_ends(pair[0].column, pair[1].column) for match in pair
    ]
    beside = len(timed) == 2 and timed[1].column.index == timed[0].column.index + 1
    if beside and all(map(matches.open, ("start", "end", "hours"))):
        for match, name in zip(timed, ("start", "end"), strict=True):
            match.take(name, Certainty.LIKELY, "the only two columns of times")
    if matches.open("hours") and matches.open("start") != matches.open("end"):
        _take_clock_beside(matches)


def _take_clock_beside(matches: Matches) -> None:
    """Take the column of times in front of the ends for the starts, or that behind the starts for the ends."""
    name, other, step = ("start", "end", -1) if matches.open("start") else ("end", "start", 1)
    known = next(match.column for match in matches.all if match.field == other)
    for match in matches.unused_matches():
        pair = sorted((match.column, known), key=lambda column: column.index)
        if match.column.index == known.index + step and are_starts_and_ends(*pair):
            match.take(name, Certainty.LIKELY, f"its times beside “{known.heading}”")


def _let_go_of_periods(matches: Matches) -> None:
    """Let go of a column of words headed as periods beside first and last days: they are spans of the year there."""
    ends = [column for _, column in matches.columns(("start_date", "start", "end_date", "end"))]
    for match in matches.all if len(ends) == 2 and all(map(holds_dates, ends)) else ():
        if match.field == "period" and match.is_free and holds_titles(match.column):
            match.field, match.why = "", ""


def _take_title(matches: Matches) -> None:
    """Find the title: what sessions are called, the descriptions, else the only column of words."""
    called = [match for match in matches.unused_matches() if heading_key(match.column.heading) in _DUTIES]
    if len(called) == 1 and holds_titles(called[0].column):
        called[0].take("summary", Certainty.LIKELY, "what people are there for")
        return
    released = [match for match in matches.all if match.released and not match.field]
    sessions = [match for match in released if heading_key(match.column.heading) in _SESSIONS]
    before = sessions[0].column.index if sessions else 0
    others = [match for match in matches.unused_matches() if match.column.index < before and holds_titles(match.column)]
    if len(sessions) == 1 and not others and _are_different(sessions[0].column):
        sessions[0].take("summary", Certainty.LIKELY, "sessions are called so")
        return
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
        if not _is_filled(taken.column):
            return  # a rehearsal without a note is one, too
        taken.take(
            "summary",
            Certainty.DOUBTFUL,
            "the column of words beside the date" if beside else "no other column is the title",
        )
        return
    _take_only(matches, "summary", holds_titles, "the only column of words left")
    if matches.open("summary"):
        _take_only(matches, "summary", _holds_titles_of_things, "the only column of words that names no people")
    if matches.open("summary"):
        _take_only(matches, "summary", _calls_rows, "the first column, whose words differ in each row")
    _take_beside_the_date(matches)
    if matches.open("summary"):
        wordy = [match for match in released if not match.field and holds_titles(match.column)]
        if len(wordy) == 1:  # “Call” heads what is on as well as when to come
            wordy[0].take("summary", Certainty.DOUBTFUL, "the only column of words left")
    people = [match for match in matches.all if match.field in ("attendees", "organizer") and match.is_free]
    if matches.open("summary") and len(people) == 1 and holds_titles(people[0].column):
        people[0].take("summary", Certainty.DOUBTFUL, "nothing else says what is on")


_DUTIES = frozenset(
    heading_key(word)
    for word in "role|duty|duties|task|job|position|post|assignment|shift|shift type|shift name|function|funktion|"
    "aufgabe|dienst|einsatz|rôle|poste|tâche|mission|puesto|función|turno|tarea|mansione|compito|ruolo|taak|functie|rol|"
    "uppgift|opgave|oppgave|vagt|vakt|purpose|booking purpose|reason for booking|used for|zweck|nutzung|"
    "anlass der buchung|"
    "usage|but|finalidad|uso|scopo|doel|syfte|formål|patient|patientin|candidate|applicant|interviewee|client|customer|guest|"
    "kunde|kundin|klient|klientin|mandant|mandantin|bewerber|paciente|cliente|paziente|klant|kund|klientka|pacjent|"
    "student|pupil|learner|"
    "trainee|tutee|child|schüler|schülerin|schüler in|teilnehmer|élève|étudiant|alumno|alumna|estudiante|allievo|"
    "allieva|aluno|aluna|"
    "leerling|cursist|elev|kursist|uczeń|žák|pet|film|movie|production|play|piece|"
    "show|screening|fixture|opponent|gegner|adversaire|rival|avversario|tegenstander".split("|")
)
"""Headings of what somebody does while they are there: a title where nothing else is one."""


def _holds_titles_of_things(column: Column) -> bool:
    """Tell whether a column could be the title, and its cells are not called as people are."""
    texts = [plain_text(cell) for cell in column.cells if cell != ""]
    named = map(plain_text, column.distinct)
    return holds_titles(column) and not most_are(texts, TITLED_FORM) and not are_reversed_names(named)


def _calls_rows(column: Column) -> bool:
    """Tell whether a column is the first, and each row is called by it: no people, no codes, no numbered labels."""
    texts = [re.sub(r"\d+", "9", plain_text(cell)) for cell in column.cells]
    different = len(set(texts)) == len(texts) > 1
    return (
        column.index == 0
        and different
        and _are_different(column)
        and _holds_titles_of_things(column)
        and not holds_codes(column)
    )


def _is_filled(column: Column) -> bool:
    return all(cell != "" for cell in column.cells)


_SESSIONS = ("session", "sessions")
"""Headings of when something is, or of what it is called."""
_LONGEST_MARK = 2


def _take_start(matches: Matches) -> None:
    """Take the only column of times that is left for the starts, where a heading names the ends."""
    timed = [match for match in matches.unused_matches() if holds_mostly_times(match.column)]
    if len(timed) == 1 and matches.open("start_time") and matches.open("start") and matches.open("hours"):
        timed[0].take("start_time", Certainty.LIKELY, "its cells are times, and another column has the ends")


def _take_times(matches: Matches) -> None:
    """Take the only column of times for the starts, or the only two for starts and ends; “9.30” counts in a pair."""
    timed = [match for match in matches.unused_matches() if may_be_times(match.column)] or _pair_beside_dates(matches)
    if len(timed) <= 2:
        for match, name in zip(timed, ("start_time", "end_time"), strict=False):
            match.take(name, Certainty.DOUBTFUL, "all its cells are times")


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
        behind[0].take("end_time", Certainty.LIKELY, "its times stand beside the starts, and never before them")


def _take_only(matches: Matches, name: str, fits: Callable[[Column], bool], why: str) -> None:
    fitting = [match for match in matches.unused_matches() if fits(match.column)]
    if len(fitting) == 1:
        fitting[0].take(name, Certainty.DOUBTFUL, why)


def _take_beside_the_date(matches: Matches) -> None:
    """Take the column of words beside the date or its times for the title, where its texts mostly differ."""
    dated = [match.column.index for match in matches.all if match.field in ("start_date", "start", "when")]
    if not dated or not matches.open("summary"):
        return
    timed = {match.column.index for match in matches.all if match.field in (*TIMED_FIELDS, "weekday")}
    beside_times = {index + step for index in timed for step in (-1, 1)}
    fitting = [
        match
        for match in matches.unused_matches()
        if abs(match.column.index - dated[0]) == 1
        or (match.column.index in beside_times and _holds_phrases(match.column))
        if holds_titles(match.column) and not holds_codes(match.column)
    ]
    if len(fitting) == 1 and _are_different(fitting[0].column):
        fitting[0].take("summary", Certainty.DOUBTFUL, "the column of words beside the date")


def _holds_phrases(column: Column) -> bool:
    """Tell whether most texts of a column have several words: a name in one word may be anybody's."""
    texts = [plain_text(cell) for cell in column.cells if cell != ""]
    return sum(len(text.split()) > 1 for text in texts) * 2 > len(texts)


def _are_different(column: Column) -> bool:
    cells = [plain_text(cell) for cell in column.cells if cell != ""]
    written_out = sum(len(cell) > _LONGEST_MARK for cell in cells)
    return written_out * 2 > len(cells) and len(set(cells)) * 2 > len(cells)
