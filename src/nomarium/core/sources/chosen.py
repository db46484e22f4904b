"""Which events of a sheet are chosen, by what their rows say and by when they are.

Rows are chosen before they are judged: what is said of a row that is not chosen is not told.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from datetime import date, timedelta
from functools import cache
from typing import TYPE_CHECKING

from nomarium.core.columns import Headings, columns_headed
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.problems import WrongCall
from nomarium.core.tables import LeftOut, plain_text
from nomarium.core.values import Moment, read_busy, read_status, read_visibility, split_list

if TYPE_CHECKING:
    from nomarium.core.sources.event_sheet import EventSheet
    from nomarium.core.sources.series import Occurrence, Series
    from nomarium.core.tables import Column, Table

_PLAIN_FIELDS = ("summary", "location", "description", "url", "status", "visibility", "busy", "id")
_TEXTS_OF: dict[str, Callable[[Series], Iterable[str]]] = {
    **{name: lambda series, name=name: (getattr(series, name),) for name in _PLAIN_FIELDS},  # type: ignore[misc]
    "categories": lambda series: series.categories,
    "attendees": lambda series: [text for person in series.attendees for text in person[:2]],
    "organizer": lambda series: (series.organizer or ())[:2],
    "date": lambda series: [occurrence.start.date().isoformat() for occurrence in series.occurrences],
    "start_date": lambda series: [occurrence.start.date().isoformat() for occurrence in series.occurrences],
}
"""How the texts of each field are got from an event."""
_WORDS: dict[str, Callable[[str], str | None]] = {
    "status": read_status,
    "visibility": read_visibility,
    "busy": read_busy,
}


@cache
def _field_meant(name: str) -> str:
    """Return the field that a name means by itself, or as a heading ("place"); "" for none that events are known by."""
    key = name.strip().casefold()
    key = key if key in _TEXTS_OF else Headings(EVENT_SHEET).field_of(name.strip())
    return key if key in _TEXTS_OF else ""


def values_of(series: Series, name: str) -> list[str] | None:
    """Return what an event says for a field or under a heading, as text; None where there is no such column."""
    if name.strip().casefold() in _TEXTS_OF:
        return [text for text in _TEXTS_OF[name.strip().casefold()](series) if text]
    columns = columns_headed(series.table, name) if series.table else []
    if columns:
        return [text for column in columns for text in _texts_in(column, series.record)]
    meant = _field_meant(name)
    return [text for text in _TEXTS_OF[meant](series) if text] if meant else None


def _texts_in(column: Column, record: int) -> list[str]:
    return [text for text in (column.parted or split_list)(plain_text(column.cells[record])) if text]


class SplitValues:
    """What events say that can be split by: some fields, and all columns of their sheets; each heading is read once."""

    def __init__(self) -> None:
        self._columns: dict[int, dict[str, list[Column]]] = {}

    def of(self, series: Series) -> dict[str, tuple[str, ...]]:
        """Return the values of an event by field or heading, in small letters; those without a value are left out."""
        found = {name: tuple(filter(None, _TEXTS_OF[name](series))) for name in _SPLIT_FIELDS}
        for name, columns in self._headed(series.table).items() if series.table else ():
            if name in _TEXTS_OF:
                texts = tuple(filter(None, _TEXTS_OF[name](series)))
            else:
                texts = tuple(text for column in columns for text in _texts_in(column, series.record))
            found.setdefault(name, texts)
        return {name: texts for name, texts in found.items() if texts}

    def _headed(self, table: Table) -> dict[str, list[Column]]:
        if id(table) not in self._columns:
            headings = [column.heading for column in table.columns if column.heading]
            self._columns[id(table)] = {text.casefold(): columns_headed(table, text) for text in headings}
        return self._columns[id(table)]


_SPLIT_FIELDS = ("summary", "location", "categories")


def check_name(sheets: Sequence[EventSheet], name: str, option: str) -> None:
    """Raise WrongCall where a name is neither a field nor a heading of any sheet."""
    if _field_meant(name) or any(columns_headed(sheet.table, name) for sheet in sheets):
        return
    headings = dict.fromkeys(column.heading for sheet in sheets for column in sheet.table.columns if column.heading)
    raise WrongCall(f"{option}: “{name}” is no field and no heading.", f"The headings are: {', '.join(headings)}.")


def choose_rows(sheets: Sequence[EventSheet], name: str, values: Sequence[str], *, keep: bool) -> None:
    """Leave the rows that say one of the values for a field or heading, or take them out; "" is an empty cell."""
    wanted = {value.strip().casefold() for value in values}

    def says(texts: Iterable[str]) -> bool:
        said = {text.casefold() for text in texts if text}
        return not wanted.isdisjoint(said or {""})

    for sheet in sheets:
        _keep(sheet, lambda series: says(values_of(series, name) or ()) is keep)
        _judge_only(sheet, lambda record, sheet=sheet: says(_texts_of_record(sheet, record, name)) is keep)  # type: ignore[misc]


def choose_days(sheets: Sequence[EventSheet], first: date | None, last: date | None) -> None:
    """Leave each event the occurrences that have a part in a span of days, and take out those that have none."""
    for sheet in sheets:
        _keep(sheet, lambda series: _within(series, first, last))
        _judge_only(sheet, lambda record, sheet=sheet: _may_be_within(sheet, record, first, last))  # type: ignore[misc]


def has_part(occurrence: Occurrence, first: date | None, last: date | None) -> bool:
    """Tell whether an occurrence has any part in the days from ``first`` to ``last``, both included."""
    ends = occurrence.end if occurrence.end == occurrence.start else occurrence.end - timedelta(seconds=1)
    return (last is None or occurrence.start.date() <= last) and (first is None or ends.date() >= first)


def _within(series: Series, first: date | None, last: date | None) -> bool:
    series.occurrences = tuple(o for o in series.occurrences if has_part(o, first, last))
    return bool(series.occurrences)


def _keep(sheet: EventSheet, wanted: Callable[[Series], bool]) -> None:
    """Take out the events that are not wanted, and what was said of their rows."""
    kept = [series for series in sheet.series if wanted(series)]
    if len(kept) == len(sheet.series):
        return
    sheet.left_out[LeftOut.NOT_CHOSEN] += len(sheet.series) - len(kept)
    stay = {id(series) for series in kept}
    _forget(sheet, [series.record for series in sheet.series if id(series) not in stay and series.table])
    sheet.series = kept


def _judge_only(sheet: EventSheet, wanted: Callable[[int], bool]) -> None:
    """Leave refused rows that are not wanted out, as not chosen."""
    others = [record for record in sheet.refused if not wanted(record)]
    for record in others:
        del sheet.refused[record]
    sheet.left_out[LeftOut.NOT_CHOSEN] += len(others)
    _forget(sheet, others)


def _forget(sheet: EventSheet, records: Sequence[int]) -> None:
    """Drop what was said of the rows of records; a sheet made of another shape has no row for each."""
    if not records or sheet.table.origins:
        return
    rows = {sheet.table.row_numbers[record] for record in records}
    sheet.problems = [one for one in sheet.problems if one.place.row not in rows]


def _texts_of_record(sheet: EventSheet, record: int, name: str) -> list[str]:
    """Return what the cells of a row say that makes no event, as values_of does of one that makes some."""
    field = _field_meant(name)
    headed = [] if name.strip().casefold() in _TEXTS_OF else columns_headed(sheet.table, name)
    columns = headed or [column for _, column in sheet.matches.columns((field,))]
    read = _WORDS.get(field) if not headed else None
    cells = [(column, plain_text(column.cells[record])) for column in columns]
    texts = [text for column, cell in cells for text in (column.parted or split_list)(cell)]
    return [value for text in texts if (value := (read(text) if read else "") or text)]


def _may_be_within(sheet: EventSheet, record: int, first: date | None, last: date | None) -> bool:
    """Tell whether a row that makes no event may have a part in a span of days: any without readable dates may."""
    repeat = sheet.matches.column("repeat")
    if repeat is not None and repeat.cells[record] != "":
        return True
    found = [column.moments[column.column.cells[record]] for column in sheet.moments]
    days = [day for one in found if isinstance(one, Moment) for day in (one.first, one.last) if day]
    if not days:
        return True
    return (last is None or min(days) <= last) and (first is None or max(days) >= first)
