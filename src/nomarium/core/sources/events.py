"""A sheet of dated events → Series, one a row."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.columns import MOMENT_FIELDS, TIME_FIELDS, Matches, heading_key, holds_dates
from nomarium.core.kinds import means_people
from nomarium.core.problems import Place, Problem, has_errors
from nomarium.core.sheets import name_or_names
from nomarium.core.sheets.several_dates import split_dates
from nomarium.core.sheets.several_times import split_times
from nomarium.core.sources import wording
from nomarium.core.sources.attendance import PEOPLE_FIELDS, TAKING_PART
from nomarium.core.sources.batch import EventBatch, Events, spans_of, starts_of, without
from nomarium.core.sources.called_off import call_off, moved
from nomarium.core.sources.carried_dates import carry_dates
from nomarium.core.sources.details import Details, read_details
from nomarium.core.sources.lookups import Lookups
from nomarium.core.sources.repeat_row import RepeatChoices, Repeated, is_own_rows
from nomarium.core.sources.repeating import REPEAT_FIELDS, unroll
from nomarium.core.sources.row_spans import RowSpans
from nomarium.core.sources.set_reminders import REMINDER_FIELDS, set_reminders
from nomarium.core.sources.spans import SpanFound, SpanRules
from nomarium.core.sources.undated_repeats import with_first_days
from nomarium.core.sources.week_dates import dated_by_weeks
from nomarium.core.tables import Column, LeftOut, Table, plain_text
from nomarium.core.values import (
    Commas,
    DateChoices,
    Fault,
    Moment,
    MomentColumn,
    NameReader,
    are_reversed_names,
    read_moments,
    speaks_of_nights,
)
from nomarium.core.values.wall import DAY_SECONDS, day_of_wall
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sources.series import Series
    from nomarium.core.sources.span_columns import SpanColumns
    from nomarium.core.sources.wording import Finding


@dataclass(frozen=True, slots=True)
class EventChoices:
    """What the user stated about a sheet of events."""

    zone: str
    length: timedelta = timedelta(hours=1)
    dates: DateChoices = field(default_factory=DateChoices)
    lookups: Lookups = field(default_factory=Lookups)
    zone_stated: bool = True
    each_day: bool = False
    """Whether times beside several days hold on each of them, and not from the first to the last."""
    repeats: RepeatChoices = field(default_factory=RepeatChoices)
    commas: Commas = None
    """Whether commas stand within the names of people or between them, where that is stated."""
    used: frozenset[str] = frozenset()
    """Keys of headings that a split, a pattern or a condition uses."""


@dataclass(slots=True)
class EventSheet:
    """What was read from one table: rows = series + left out + refused."""

    table: Table
    matches: Matches
    events: Events = field(default_factory=list)
    """What became of the rows; in columns, as long as nobody changes single events."""
    moments: list[MomentColumn] = field(default_factory=list)
    problems: list[Problem] = field(default_factory=list)
    left_out: Counter[LeftOut] = field(default_factory=Counter)
    refused: dict[int, Problem] = field(default_factory=dict)
    """The records that make no event, each with its first problem."""
    lengths_assumed: int = 0
    repeated: Repeated = field(default_factory=Repeated)

    @property
    def series(self) -> list[Series]:
        """The events one by one, to be changed in place."""
        if not isinstance(self.events, list):
            self.events = list(self.events)
        return self.events

    @series.setter
    def series(self, series: list[Series]) -> None:
        self.events = series

    @property
    def rows(self) -> int:
        """All rows below the headings, blank ones included."""
        return len(self.table) + self.table.left_out.total()


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
    columns = matches.columns(MOMENT_FIELDS)
    beside_dates = any(name == "start_date" and holds_dates(column) for name, column in columns)
    timed = {*TIME_FIELDS, *(("start", "end") if beside_dates else ())}  # “9.30” below Start is no date there
    wanted = [(column, name in timed) for name, column in columns]
    sheet.moments, sheet.problems = read_moments(table, wanted, choices.dates, matches.column("weekday"))
    sheet.problems += [*carried, *by_weeks]
    if has_errors(sheet.problems):
        return sheet
    sheet.problems += _part_names(table, matches, choices)
    titles = matches.column("summary")
    said = [*(column.heading for column in table.columns), *(map(plain_text, titles.distinct) if titles else ())]
    said += table.titles
    nights = speaks_of_nights(said)
    sheet.problems += _mornings_in_doubt(sheet, said)
    rules = SpanRules(
        choices.zone,
        choices.length,
        _timed(sheet.moments),
        choices.dates.within,
        choices.each_day,
        choices.repeats.periods,
        nights,
    )
    spans = RowSpans(table, matches, sheet.moments, rules)
    sheet.problems += spans.problems
    details = read_details(table, matches, choices.lookups)
    sheet.problems += details.problems
    sheet.refused.update(details.refused)
    sheet.problems += [] if own_rows else [*call_off(table, matches, details), *moved(table, matches)]
    in_columns = spans.in_columns()
    sheet.problems += _overlaps(sheet, in_columns, details)
    _make_events(sheet, in_columns, details, choices.zone, own_rows=own_rows)
    _remind(sheet, choices)
    _unroll(sheet, choices)
    sheet.problems += _far_away(sheet) or _first_apart(sheet)
    _refuse_other_years(sheet, choices.dates.within)
    if own_rows:
        sheet.problems = [problem for problem in sheet.problems if problem.code not in _NO_SLIPS]
        for series in sheet.series:
            series.uid_kept = bool(series.id)
    return sheet


def _mornings_in_doubt(sheet: EventSheet, said: Sequence[str]) -> list[Problem]:
    """Report starts at seven and eight that nothing puts into the morning, in a sheet of games and concerts."""
    for column in sheet.moments:
        doubtful = {cell for cell, moment in column.moments.items() if _may_be_evening(moment)}
        records = [record for record, cell in enumerate(column.column.cells) if cell in doubtful] if doubtful else []
        if not records:
            continue
        evening = next((found[0] for text in said if (found := _OF_EVENINGS.search(text))), "")
        if not evening:
            break
        place, text = sheet.table.cell_place(records[0], column.column), plain_text(column.column.cells[records[0]])
        return [wording.morning_assumed(place, text, evening, len(records))]
    return []


def _overlaps(sheet: EventSheet, spans: SpanColumns, details: Details) -> list[Problem]:
    """Warn where most lengths that were assumed reach past the next start at the same place."""
    assumed = [record for record, is_so in enumerate(spans.assumed) if is_so]
    if len(assumed) * 2 <= len(spans.starts):
        return []
    places = details.columns.get("location", [""] * len(spans.starts))
    in_order = sorted((places[record], spans.starts[record], record) for record in assumed)
    steps = {
        record: (other - start, record)
        for (place, start, record), (other_place, other, _) in pairwise(in_order)
        if place == other_place and start < other < spans.ends[record]
    }
    if len(steps) * 2 < len(assumed):
        return []
    step, first = min(steps.values())
    place = _moment_place(sheet, first)
    return [wording.hours_overlap(place, len(steps), step // _MINUTE)]


_MINUTE = 60


def _may_be_evening(moment: Moment | Fault) -> bool:
    start = moment.start if isinstance(moment, Moment) else None
    return start is not None and start.assumed and _SEVEN <= start.seconds < _NINE


_SEVEN, _NINE = 7 * 3600, 9 * 3600
_OF_EVENINGS = regex(
    r"\b(?:opponents?|games?|match(?:es)?|fixtures?|concerts?|dinner|supper|party|rehearsals?|performances?|shows?|quiz|"
    r"gala|ball|film|disco|dance|ceilidh|recital|evening|night|abend\w*|konzert\w*|spiele?|soirée|concierto|partidos?|"
    r"concerto|partite?|wedstrijd\w*)\b",
    re.IGNORECASE,
)
_NO_SLIPS = ("night-start", "through-several-days")
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


def _not_running(titles: Sequence[str], all_day: Sequence[int]) -> Iterator[int]:
    """Return which titles say that nothing is on, or that a team does not play.

    A lone “Bye” is a team's only where other titles name two sides.
    """
    all_titles = "\n".join(titles).casefold()
    has_byes = any(word in all_titles for word in _BYE_WORDS)
    of_sides = has_byes and _TWO_SIDES.search(all_titles) is not None
    for record, title in enumerate(titles):
        bye = _IS_A_BYE.fullmatch(title) if has_byes else None
        if (_IS_NOT_ON.match(title) and not all_day[record]) or (bye and (of_sides or _TWO_SIDES.search(title))):
            yield record


def _leave_out_idle(sheet: EventSheet, details: Details, all_day: Sequence[int]) -> set[int]:
    """Leave out the rows on which nothing is on, and name them."""
    idle = [record for record in _not_running(details.summaries, all_day) if record not in sheet.refused]
    if idle:
        sheet.left_out[LeftOut.NOT_RUNNING] += len(idle)
        titles = Counter(details.summaries[record] for record in idle)
        named = sheet.matches.column("summary")
        place = sheet.table.cell_place(idle[0], named) if named else _moment_place(sheet, idle[0])
        sheet.problems.append(wording.nothing_on(place, titles))
    return set(idle)


def _make_events(sheet: EventSheet, spans: SpanColumns, details: Details, zone: str, *, own_rows: bool) -> None:
    """Join what and when; rows without a title, and those that need a word, are looked at one by one."""
    last_dated = _last_dated(spans)
    no_event = set(sheet.refused)
    untitled = [record for record, summary in enumerate(details.summaries) if not summary]
    idle = set() if own_rows else _leave_out_idle(sheet, details, spans.all_day)
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


_IS_NOT_ON = regex(
    r"(?:no|kein\w*|pas de|sin|nessun\w*|geen|ingen)\s+(?:meetings?|class(?:es)?|lessons?|sessions?|rehearsals?|"
    r"practice|training|club|choir|treffen|kurs|unterricht|probe|cours|séance|réunion|clases?|reunión|lezione|les|repetitie|möte|"
    r"møde|træning|träning)\b",
    re.IGNORECASE,
)
"""What the title of a row with times says where nothing is on: “No meeting – half term”."""
_BYE_WORDS = (
    "bye", "bye week", "spielfrei", "exempt", "exempte", "descansa", "descanso", "riposa", "riposo", "spilfri",
    "spillefri", "folga",
)  # fmt: skip
_IS_A_BYE = regex(r"(?:.+ (?:–|-|vs?\.?) )?(?:{})(?: (?:–|-|vs?\.?) .+)?".format("|".join(_BYE_WORDS)), re.IGNORECASE)
"""What the title says where a team does not play: “Herons – BYE”."""
_TWO_SIDES = regex(r"\S (?:–|-|vs?\.?) \S", re.IGNORECASE)
FAR_AWAY = timedelta(days=3 * 366)
"""So far from the middle of a list, a date is more likely a slip in the year."""


def _years_between(events: Events) -> int:
    starts = starts_of(events)
    return day_of_wall(max(starts)).year - day_of_wall(min(starts)).year


def _far_away(sheet: EventSheet) -> list[Problem]:
    """Report single dates that lie years away from all others: one in twenty at most, and more than one event else."""
    if len(sheet.events) < 3 or _years_between(sheet.events) < 3:
        return []
    starts = sorted(series.occurrences[0].start for series in sheet.series)
    middle = starts[len(starts) // 2]
    far = [series for series in sheet.series if abs(series.occurrences[0].start - middle) > FAR_AWAY]
    if len(far) > max(1, len(starts) // 20):
        return []
    problems = []
    for series in far:
        finding = wording.far_away(series.occurrences[0].start, middle)
        problems.append(finding.at(_moment_place(sheet, series.record), series.summary))
    return problems


MONTHS_AWAY = timedelta(days=120)
"""So far from all other dates, the first row of a list is more likely a sample."""


def _first_apart(sheet: EventSheet) -> list[Problem]:
    """Report a first row that lies months away from the rest of a list, which has no such gap itself."""
    starts = starts_of(sheet.events)
    if len(starts) < _FEW or sheet.events[0].record != 0:
        return []
    gap = min(abs(starts[0] - other) for other in starts[1:])
    if gap <= MONTHS_AWAY.total_seconds():
        return []
    if gap <= 2 * max(later - earlier for earlier, later in pairwise(sorted(starts[1:]))):
        return []
    first = sheet.events[0]
    return [wording.perhaps_a_sample(first.occurrences[0].start).at(_moment_place(sheet, 0), first.summary)]


_FEW = 5


def _refuse_other_years(sheet: EventSheet, within: tuple[date, date] | None) -> None:
    """Refuse a sheet of which no event has a part in the span that it is said to be about: last year's file."""
    if within is None or not sheet.events:
        return
    spans = spans_of(sheet.events)
    first, last = (day_of_wall(pick(start for start, _ in spans)) for pick in (min, max))
    opens, closes = (day.toordinal() * DAY_SECONDS for day in within)
    if any(start < closes + DAY_SECONDS and end >= opens for start, end in spans):
        return
    sheet.problems = [problem for problem in sheet.problems if problem.code != "outside-within"]
    sheet.problems.append(wording.all_outside_within(_moment_place(sheet, sheet.events[0].record), first, last, within))


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
        return _moment_place(sheet, record)
    return sheet.table.cell_place(record, timed[0 if finding.about == "start" else -1].column)


def _holds_time(moment: Moment | Fault) -> bool:
    return isinstance(moment, Moment) and (moment.start is not None or moment.end is not None)


def _moment_place(sheet: EventSheet, record: int) -> Place:
    """The first cell that says when, or the first of its columns where all are empty."""
    filled = (column.column for column in sheet.moments if column.column.cells[record] != "")
    return sheet.table.cell_place(record, next(filled, sheet.moments[0].column))


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
    elif isinstance(span, SpanFound) and untitled and len(filled) == dates:
        sheet.left_out[LeftOut.GAP] += 1
    elif isinstance(span, SpanFound) and span.occurrence and untitled and len(filled) == says_when:
        sheet.left_out[LeftOut.FREE_SLOT] += 1
    else:
        _refuse(sheet, record, span, " | ".join(filled) if untitled else "")


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
    if isinstance(span, Problem):
        sheet.problems.append(span)
    else:
        _report(sheet, record, span)
    sheet.refused.setdefault(record, sheet.problems[before])
