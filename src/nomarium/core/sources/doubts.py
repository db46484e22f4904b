"""What can be read, and looks wrong all the same: mornings of evening games, lengths that overlap, dates far away."""

from __future__ import annotations

import re
from collections.abc import Sequence
from datetime import date, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.sources import wording
from nomarium.core.sources.batch import Events, longest_of, spans_of, starts_of
from nomarium.core.tables import plain_text
from nomarium.core.values import Fault, Moment
from nomarium.core.values.wall import DAY_SECONDS, day_of_wall
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sources.details import Details
    from nomarium.core.sources.event_sheet import EventSheet
    from nomarium.core.sources.span_columns import SpanColumns


def mornings_in_doubt(sheet: EventSheet, said: Sequence[str]) -> list[Problem]:
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


def overlaps(sheet: EventSheet, spans: SpanColumns, details: Details) -> list[Problem]:
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
    place = sheet.moment_place(first)
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
FAR_AWAY = timedelta(days=3 * 366)
"""So far from the middle of a list, a date is more likely a slip in the year."""


def _years_between(events: Events) -> int:
    starts = starts_of(events)
    return day_of_wall(max(starts)).year - day_of_wall(min(starts)).year


def far_away(sheet: EventSheet) -> list[Problem]:
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
        problems.append(finding.at(sheet.moment_place(series.record), series.summary))
    return problems


MONTHS_AWAY = timedelta(days=120)
"""So far from all other dates, the first row of a list is more likely a sample."""


def first_apart(sheet: EventSheet) -> list[Problem]:
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
    return [wording.perhaps_a_sample(first.occurrences[0].start).at(sheet.moment_place(0), first.summary)]


_FEW = 5


def refuse_other_years(sheet: EventSheet, within: tuple[date, date] | None) -> None:
    """Refuse a sheet of which no event has a part in the span that it is said to be about: last year's file."""
    if within is None or not sheet.events:
        return
    spans = spans_of(sheet.events)
    first, last = (day_of_wall(pick(start for start, _ in spans)) for pick in (min, max))
    opens, closes = (day.toordinal() * DAY_SECONDS for day in within)
    if any(start < closes + DAY_SECONDS and end >= opens for start, end in spans):
        return
    sheet.problems = [problem for problem in sheet.problems if problem.code != "outside-within"]
    sheet.problems.append(wording.all_outside_within(sheet.moment_place(sheet.events[0].record), first, last, within))


def other_year_than_title(sheet: EventSheet) -> list[Problem]:
    """Warn where titles name years, and all events lie in others: neither in one of them nor next to one."""
    named = {int(year) for text in sheet.table.titles for year in _YEAR.findall(text)}
    if not named or not sheet.events:
        return []
    starts = starts_of(sheet.events)
    first, last = (day_of_wall(pick(starts)).year for pick in (min, max))
    if first <= max(named) + 1 and last >= min(named) - 1:
        return []
    title = next(text for text in sheet.table.titles if _YEAR.search(text))
    return [wording.other_year(sheet.moment_place(sheet.events[0].record), title, first)]


def lasting_long(sheet: EventSheet) -> list[Problem]:
    """Warn of events that last most of a year: their two dates are rather two of something else."""
    if longest_of(sheet.events) <= _MOST_OF_A_YEAR.total_seconds():
        return []
    found = [one for one in sheet.events if any(when.end - when.start > _MOST_OF_A_YEAR for when in one.occurrences)]
    days = max(when.end - when.start for when in found[0].occurrences).days
    return [wording.lasts_long(sheet.moment_place(found[0].record), days, len(found))]


_MOST_OF_A_YEAR = timedelta(days=300)
_YEAR = regex(r"(?<!\d)(?:19|20)\d\d(?!\d)")
