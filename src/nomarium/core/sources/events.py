"""A sheet of dated events → Series, one a row."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import replace
from datetime import timedelta
from typing import TYPE_CHECKING

from nomarium.core.columns import MOMENT_FIELDS, TIME_FIELDS, Matches, heading_key, holds_dates
from nomarium.core.kinds import EVENT_SHEET, means_people
from nomarium.core.problems import Place, Problem, has_errors
from nomarium.core.sheets import name_or_names, note_unused, says_how_new, says_when_or_where
from nomarium.core.sheets.several_dates import split_dates
from nomarium.core.sheets.several_times import split_times
from nomarium.core.sources import repeat_wording, wording
from nomarium.core.sources.attendance import PEOPLE_FIELDS, TAKING_PART
from nomarium.core.sources.batch import EventBatch, without
from nomarium.core.sources.called_off import call_off, leave_out_idle, moved
from nomarium.core.sources.carried_dates import carry_dates
from nomarium.core.sources.details import Details, read_details
from nomarium.core.sources.doubts import (
    far_away,
    first_apart,
    lasting_long,
    mornings_in_doubt,
    other_year_than_title,
    overlaps,
    refuse_other_years,
)
from nomarium.core.sources.event_sheet import EventChoices, EventSheet
from nomarium.core.sources.repeat_row import is_own_rows
from nomarium.core.sources.repeating import REPEAT_FIELDS, unroll
from nomarium.core.sources.row_spans import RowSpans
from nomarium.core.sources.set_reminders import REMINDER_FIELDS, set_reminders
from nomarium.core.sources.spans import SpanFound, SpanRules
from nomarium.core.sources.times_in_headings import with_times_of_headings
from nomarium.core.sources.times_in_remarks import with_times_of_remarks
from nomarium.core.sources.times_in_titles import with_time_in_title, with_times_of_titles
from nomarium.core.sources.undated_repeats import with_first_days
from nomarium.core.sources.week_dates import dated_by_weeks
from nomarium.core.tables import Column, LeftOut, Table, plain_text
from nomarium.core.values import (
    Fault,
    Moment,
    MomentColumn,
    NameReader,
    are_reversed_names,
    read_moments,
    speaks_of_nights,
)

if TYPE_CHECKING:
    from nomarium.core.sources.span_columns import SpanColumns
    from nomarium.core.sources.wording import Finding


def read_events(table: Table, matches: Matches, choices: EventChoices) -> EventSheet:
    """Read every row of a table as an event; rows that cannot be are refused, each with its problem."""
    sheet = EventSheet(table, matches, left_out=Counter(table.left_out))
    own_rows = is_own_rows(table)
    carried = carry_dates(table, matches)
    split_dates(table, matches)
    split_times(table, matches)
    matches, by_weeks = dated_by_weeks(table, matches, choices.dates)
    sheet.matches = matches = with_first_days(matches, choices.dates, choices.repeats.year)
    choices = _for_own_rows(choices) if own_rows else choices
    of_headings: list[Problem] = []
    of_titles: list[Problem] = []
    if not own_rows:
        matches, of_headings = with_times_of_headings(table, matches)
        sheet.matches, of_titles = with_times_of_titles(table, matches)
        sheet.matches, of_remarks = with_times_of_remarks(table, sheet.matches)
        of_titles += of_remarks
        matches = sheet.matches
    columns = matches.columns(MOMENT_FIELDS)
    beside_dates = any(name == "start_date" and holds_dates(column) for name, column in columns)
    timed = {*TIME_FIELDS, *(("start", "end") if beside_dates else ())}  # “9.30” below Start is no date there
    wanted = [(column, name in timed) for name, column in columns]
    spans = matches.spans(EVENT_SHEET.spans)
    sheet.moments, sheet.problems = read_moments(table, wanted, choices.dates, matches.column("weekday"), spans)
    sheet.problems += [*carried, *by_weeks, *of_headings, *of_titles]
    if has_errors(sheet.problems):
        return sheet
    sheet.problems += _part_names(table, matches, choices)
    titles = matches.column("summary")
    said = [*(column.heading for column in table.columns), *(map(plain_text, titles.distinct) if titles else ())]
    said += table.titles
    nights = speaks_of_nights(said)
    sheet.problems += mornings_in_doubt(sheet, said)
    rules = SpanRules(
        choices.zone,
        choices.length,
        _timed(sheet.moments) and not of_titles,
        choices.dates.within,
        choices.each_day,
        choices.repeats.periods,
        nights,
    )
    of_rows = RowSpans(table, matches, sheet.moments, rules)
    sheet.problems += of_rows.problems
    details = read_details(table, matches, choices.lookups)
    sheet.problems += details.problems
    sheet.refused.update(details.refused)
    sheet.problems += [] if own_rows else [*call_off(table, matches, details), *moved(table, matches)]
    in_columns = of_rows.in_columns()
    sheet.problems += overlaps(sheet, in_columns, details)
    _make_events(sheet, in_columns, details, choices.zone, own_rows=own_rows)
    _remind(sheet, choices)
    _unroll(sheet, choices)
    sheet.problems += far_away(sheet) or first_apart(sheet)
    sheet.problems += [*other_year_than_title(sheet), *lasting_long(sheet), *with_time_in_title(matches, sheet.events)]
    refuse_other_years(sheet, choices.dates.within)
    if own_rows:
        sheet.problems = [problem for problem in sheet.problems if problem.code not in _NO_SLIPS]
        for series in sheet.series:
            series.uid_kept = bool(series.id)
    return sheet


_NO_SLIPS = ("night-start", "through-several-days", "other-year", "lasts-long", "time-in-title")
"""What is worth no word where a calendar was written as rows: it means what it says."""


def _part_names(table: Table, matches: Matches, choices: EventChoices) -> list[Problem]:
    """Decide for each column of people how its cells are parted; doubt matters where the events go by the names."""
    problems = []
    for match in matches.all:
        column = match.column
        of_people = match.field in PEOPLE_FIELDS or means_people(column.heading)
        if not of_people and not are_reversed_names(map(plain_text, column.distinct)):
            continue
        texts = list(map(plain_text, column.cells))
        reader = NameReader.of(texts, choices.commas, ())
        column.parted = reader.read
        asked = match.field in TAKING_PART or heading_key(column.heading) in choices.used
        unsure = reader.unsure or ("" if of_people or choices.commas else next(filter(None, texts)))
        if unsure and asked:
            problems.append(name_or_names(table.cell_place(texts.index(unsure), column), unsure))
    return problems


def _unroll(sheet: EventSheet, choices: EventChoices) -> None:
    """Give rows that repeat all their dates, and refuse those whose repeat cannot be."""
    if not any(sheet.matches.column(name) for name in REPEAT_FIELDS):
        return
    proved = next((column.order for column in sheet.moments if column.order), None)
    repeats = replace(choices.repeats, order=choices.repeats.order or choices.dates.order or proved)
    unrolled = unroll(sheet.series, sheet.table, sheet.matches, sheet.moments, repeats)
    sheet.repeated, refused, said = unrolled
    sheet.problems += [*refused.values(), *said]
    sheet.refused.update(refused)
    sheet.series = [one for one in sheet.series if one.record not in refused and one.occurrences]


def _remind(sheet: EventSheet, choices: EventChoices) -> None:
    """Give events the reminders that stand as dates and times of their own."""
    if not sheet.matches.columns(REMINDER_FIELDS):
        return
    order = next((column.order for column in sheet.moments if column.order), None)
    sheet.problems += set_reminders(sheet.table, sheet.matches, sheet.series, choices.dates, order)


def _for_own_rows(choices: EventChoices) -> EventChoices:
    """Return how rows are read that a calendar was written as: they mean what they say."""
    zone = choices.zone if choices.zone_stated else ""
    return replace(choices, zone=zone, length=timedelta(0), dates=replace(choices.dates, keep_midnights=True))


def _timed(moments: Sequence[MomentColumn]) -> bool:
    return any(column.has_times for column in moments)


def _make_events(sheet: EventSheet, spans: SpanColumns, details: Details, zone: str, *, own_rows: bool) -> None:
    """Join what and when; rows without a title, and those that need a word, are looked at one by one."""
    last_dated = _last_dated(spans)
    no_event = set(sheet.refused)
    untitled = [record for record, summary in enumerate(details.summaries) if not summary]
    idle = set() if own_rows else leave_out_idle(sheet, details, spans.all_day)
    no_event |= idle
    for record in sorted({*untitled, *spans.special} - idle):
        span = spans.found(record, zone)
        if isinstance(span, Problem) or span.occurrence is None or not details.summaries[record]:
            no_event.add(record)
            _without_event(sheet, record, span, last_dated)
        elif span.findings:
            _report(sheet, record, span)
    texts = {**details.columns, "summary": details.summaries}
    batch = EventBatch(sheet.table, range(len(sheet.table)), (spans.starts, spans.ends, spans.all_day), texts, zone)
    sheet.lengths_assumed = spans.assumed.count(1) - sum(spans.assumed[record] for record in no_event)
    sheet.events = without(batch, no_event) if no_event else batch
    if apart := spans.apart(zone):
        for series in sheet.series:
            series.occurrences = apart.get(series.record, series.occurrences)
            series.of_repeat = len(series.occurrences) > 1


def _last_dated(spans: SpanColumns) -> int:
    """Return the last record that has a date, right or wrong."""
    dated = (i for i in range(len(spans.starts) - 1, -1, -1) if not _undated(spans.special.get(i)))
    return next(dated, -1)


def _undated(span: SpanFound | Problem | None) -> bool:
    return isinstance(span, SpanFound) and any(finding.code == "no-date" for finding in span.findings)


def _report(sheet: EventSheet, record: int, span: SpanFound) -> None:
    found = " ".join(filled for column in sheet.moments if (filled := plain_text(column.column.cells[record])))
    sheet.problems += [finding.at(_place_of(sheet, record, finding), found) for finding in span.findings]


def _place_of(sheet: EventSheet, record: int, finding: Finding) -> Place:
    """The cell that a finding is about: of those that hold a time, the first or the last."""
    timed = [one for one in sheet.moments if _holds_time(one.moments[one.column.cells[record]])]
    if finding.about == "day" or not timed:
        return sheet.moment_place(record)
    return sheet.table.cell_place(record, timed[0 if finding.about == "start" else -1].column)


def _holds_time(moment: Moment | Fault) -> bool:
    return isinstance(moment, Moment) and (moment.start is not None or moment.end is not None)


def _without_event(sheet: EventSheet, record: int, span: SpanFound | Problem, last_dated: int) -> None:
    """Leave a row out that is no event, and refuse one that should be."""
    filled = [text for column in sheet.table.columns if (text := plain_text(column.cells[record]))]
    titles = sheet.matches.column("summary")
    untitled = titles is not None and titles.cells[record] == ""
    says_when = sum(1 for column in _when_columns(sheet) if column.cells[record] != "")
    dates = sum(1 for column in sheet.moments if _is_date_alone(column.moments[column.column.cells[record]]))
    if _undated(span) and any(one.column.cells[record] in one.to_come for one in sheet.moments):
        sheet.left_out[LeftOut.UNDATED] += 1
    elif _undated(span) and record > last_dated >= 0 and len(filled) == 1:
        sheet.left_out[LeftOut.FOOTER] += 1
        sheet.problems += [] if says_how_new(filled[0]) else [_about_footer(sheet, record, filled[0])]
    elif isinstance(span, SpanFound) and untitled and len(filled) == dates:
        sheet.left_out[LeftOut.GAP] += 1
    elif isinstance(span, SpanFound) and span.occurrence and untitled and len(filled) == says_when:
        sheet.left_out[LeftOut.FREE_SLOT] += 1
    else:
        _refuse(sheet, record, span, " | ".join(filled) if untitled else "")


def _about_footer(sheet: EventSheet, record: int, text: str) -> Problem:
    """Return a word on the only text of a row below all dates: a remark, or an event whose date is missing."""
    column = next(column for column in sheet.table.columns if column.cells[record] != "")
    place = sheet.table.cell_place(record, column)
    return note_unused(place, text) if says_when_or_where(text) else wording.taken_for_footer(place, text)


def _when_columns(sheet: EventSheet) -> list[Column]:
    """Return the columns that only say when."""
    return [column for _, column in sheet.matches.columns((*MOMENT_FIELDS, "weekday", "duration", "all_day", "zone"))]


def _is_date_alone(moment: Moment | Fault) -> bool:
    return isinstance(moment, Moment) and moment.first is not None and moment.start is None


def _refuse(sheet: EventSheet, record: int, span: SpanFound | Problem, untitled: str) -> None:
    """Report why a row makes no event; ``untitled`` is what a row without a title holds."""
    before = len(sheet.problems)
    titles = sheet.matches.column("summary")
    if untitled and titles:
        sheet.problems.append(wording.no_title(sheet.table.cell_place(record, titles), untitled))
    repeats = sheet.matches.column("repeat")
    if isinstance(span, Problem):
        sheet.problems.append(span)
    elif repeats is not None and repeats.cells[record] != "" and _undated(span):
        place = sheet.table.cell_place(record, repeats)
        sheet.problems.append(repeat_wording.no_beginning(place, plain_text(repeats.cells[record])))
    else:
        _report(sheet, record, span)
    sheet.refused.setdefault(record, sheet.problems[before])
