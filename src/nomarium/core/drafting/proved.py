"""What the sheets of a folder prove of one another: the order of dates, days with names, lists, periods and classes."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection, Iterable, Sequence
from dataclasses import replace
from typing import Literal

from nomarium.core.bells import bell_parts
from nomarium.core.columns import (
    Evidence,
    Headings,
    Kind,
    holds_weekdays,
    match_columns,
)
from nomarium.core.drafting.programmes import with_programmes
from nomarium.core.drafting.proved_codes import with_crossings, with_keys, with_lookups
from nomarium.core.drafting.proved_year import with_closures, with_closures_alone, with_specials, with_terms
from nomarium.core.drafting.sheets import FoundSheet, texts_below, texts_of_grid
from nomarium.core.drafting.special_notes import with_special_notes
from nomarium.core.kinds import (
    BELL_SHEET,
    CLASS_SHEET,
    CODE_SHEET,
    EVENT_SHEET,
    TIMETABLE_SHEET,
    bare_label,
)
from nomarium.core.recognition import Recognised, label_columns, plain_or_named, recognise
from nomarium.core.shapes import Crossing, crossing_of_hours, unfold
from nomarium.core.slots import bare_period, read_periods
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import Order, split_list
from nomarium.lazily import regex


def proved_together(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder as what they are beside one another."""
    order, _ = proved_order(sheets)
    sheets = [replace(sheet, order=order or None) for sheet in sheets]
    sheets = with_crossings(with_lists_in_periods(with_lists_of_times(sheets)))
    proved = with_class_lists(with_keys(with_closures(with_specials(with_terms(with_named_days(sheets))))))
    return with_closures_alone(with_special_notes(with_programmes(with_periods(with_divisions(with_lookups(proved))))))


def with_lists_of_times(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; weekdays, times and words are a timetable where no other sheet is one.

    Of bell times every row would have a period: a number, or a break between two.
    """
    if any(sheet.kind in (Kind.LIST, Kind.GRID, Kind.SLOTS) for sheet in sheets):
        return list(sheets)

    def as_list(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind is Kind.BELLS and sheet.grid and (crossing := crossing_of_hours(sheet.grid)) is not None:
            unfolded = unfold(crossing)
            return replace(sheet, recognised=Recognised.as_list(unfolded, crossing), grid=unfolded.grid)
        seen = Evidence.of(sheet.grid, BELL_SHEET, {}) if sheet.kind is Kind.BELLS and sheet.grid else None
        days = seen and (seen.named.get("weekday") or seen.named.get("day"))
        if not seen or not days or "period" not in seen.named:
            return sheet
        numbered = [text for text in seen.texts("period") if any(map(str.isdigit, text))]
        if numbered or not holds_weekdays(days) or "" in days.cells:
            return sheet
        called = seen.named["period"].heading
        why = f"a weekday and times stand in each row, what is on below “{called}”, and no other sheet is a timetable"
        return replace(sheet, recognised=Recognised(Kind.LIST, why), columns={called: "course"})

    return [as_list(sheet) for sheet in sheets]


def with_lists_in_periods(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; rows with a weekday and one of the periods of bell times are a timetable.

    So are rows with one of the periods and what is on in it every day, which could be the key of a grid, where none is.
    """
    known = _periods_of(sheets)
    alone = not any(sheet.kind in (Kind.LIST, Kind.GRID, Kind.SLOTS) or sheet.recognised.unfolded for sheet in sheets)

    def on_every_day(sheet: FoundSheet) -> FoundSheet:
        seen = Evidence.of(sheet.grid, CODE_SHEET, {}) if sheet.grid and known and alone else None
        code = seen.named.get("code") if seen is not None else None
        if code is None or not _are_all(code, known):
            return sheet
        why = f"below “{code.heading}” stand the periods of the bell times, and no other sheet is a timetable"
        return replace(sheet, recognised=Recognised(Kind.LIST, why), columns={code.heading: "period"})

    def as_list(sheet: FoundSheet) -> FoundSheet:
        grid = sheet.grid if sheet.kind in (Kind.GRID, None) and known and not sheet.recognised.unfolded else None
        seen = Evidence.of(grid, TIMETABLE_SHEET, {}) if grid is not None else None
        columns = [one for one in seen.table.columns if one.heading] if seen is not None and seen.table else []
        days = [one for one in columns if holds_weekdays(one) and "" not in one.cells]
        periods = [one for one in columns if one not in days and "" not in one.cells and _are_all(one, known)]
        if seen is None or seen.table is None or len(days) != 1 or len(periods) != 1:
            return sheet
        stated = {days[0].heading: "day", periods[0].heading: "period"}
        matches, _ = match_columns(seen.table.again(), stated, Headings(TIMETABLE_SHEET))
        if matches.open("class") and matches.open("course"):
            return sheet
        why = f"a weekday stands in each row, and below “{periods[0].heading}” when bell times say it is"
        return replace(sheet, recognised=Recognised(Kind.LIST, why), columns=stated)

    return [on_every_day(sheet) if sheet.kind is Kind.CODES else as_list(sheet) for sheet in sheets]


def _are_all(column: Column, known: Collection[str]) -> bool:
    """Tell whether all texts of a column are known periods, of which it has several."""
    texts = {bare_period(plain_text(cell)).casefold() for cell in column.cells}
    return len(texts) > 1 and texts <= set(known)


def _periods_of(sheets: Sequence[FoundSheet]) -> set[str]:
    """Return the periods of the bell times of a folder, without the words around them, case folded."""
    bells = [sheet for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    return {bare_period(text).casefold() for sheet in bells for text in texts_below(sheet, BELL_SHEET, "period")}


def proved_order(sheets: Sequence[FoundSheet]) -> tuple[Order | Literal[""], str]:
    """Return the order of day and month that dates in digits prove over a folder, and the file that does.

    ("", "") where none proves it, or files prove different ones.
    """
    found: dict[Order, str] = {}
    for sheet in sheets:
        cells = {cell.strip() for row in sheet.grid.rows for cell in row if isinstance(cell, str)} if sheet.grid else ()
        for match in filter(None, map(_IN_DIGITS.fullmatch, cells)):
            first, second = int(match[1]), int(match[2])
            if first > _MONTHS >= second:
                found.setdefault("dmy", sheet.path.name)
            elif second > _MONTHS >= first:
                found.setdefault("mdy", sheet.path.name)
    return next(iter(found.items())) if len(found) == 1 else ("", "")


_IN_DIGITS = regex(r"(\d{1,2})[./-](\d{1,2})[./-](?:\d{4}|\d{2})")
_MONTHS = 12


def with_named_days(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; dates with texts that stand as days in other sheets are a list of days.

    The texts come again and again, and are no letters or numbers: “Red”, “Blue”.
    """
    for listed in sheets:
        if listed.kind not in (Kind.EVENTS, Kind.DAYS, Kind.SPECIAL_DAYS, None) or listed.grid is None:
            continue
        said = {text for other in sheets if other is not listed for text in _days_said(other)}
        if listed.recognised.crossing:
            timetables = [other for other in sheets if other.kind in (Kind.LIST, Kind.GRID)]
            if drawn := _with_drawn_names(listed, {text for other in timetables for text in _days_said(other)}):
                return [drawn if sheet is listed else _with_names(sheet, drawn.names) for sheet in sheets]
            continue
        columns = [text for texts in label_columns(listed.grid).values() for text in texts]
        words = [text for text in dict.fromkeys(columns) if not list(plain_or_named([text], ()))]
        if _are_labels(columns, words, said):
            why = f"it gives dates the labels that other sheets have ({', '.join(dict.fromkeys(columns[:3]))})"
            labelled = listed if listed.kind is Kind.DAYS else replace(listed, recognised=Recognised(Kind.DAYS, why))
            return [labelled if sheet is listed else sheet for sheet in sheets]
        names = tuple(name for name in words if name.casefold() in said)
        if len(names) < _FEWEST_NAMES or len(names) * 2 <= len(words):
            continue
        why = f"it gives dates the names of days that other sheets have ({', '.join(names[:3])})"
        is_days = replace(listed, recognised=Recognised(Kind.DAYS, why), names=names)
        return [is_days if sheet is listed else _with_names(sheet, names) for sheet in sheets]
    return list(sheets)


_FEWEST_NAMES = 2


def _with_drawn_names(sheet: FoundSheet, said: Collection[str]) -> FoundSheet | None:
    """Return weeks whose days hold names of days that other sheets have as a list of days; None for any other sheet."""
    if sheet.kind is not Kind.EVENTS or not isinstance(sheet.recognised.crossing, Crossing):
        return None
    crossing = replace(sheet.recognised.crossing, is_of_days=True)
    if not crossing.holds_labels():
        return None
    names = tuple(text for text in dict.fromkeys(crossing.texts()) if text.casefold() in said)
    if len(names) < _FEWEST_NAMES:
        return None
    drawn = unfold(crossing)
    why = f"its weeks give days the names that other sheets have ({', '.join(names[:3])})"
    found = Recognised(Kind.DAYS, why, is_list=False, crossing=crossing, unfolded=drawn)
    return replace(sheet, recognised=found, grid=drawn.grid, names=names)


def _are_labels(texts: Sequence[str], words: Sequence[str], said: Collection[str]) -> bool:
    """Tell whether texts beside dates are letters or numbers that come again, and timetables name some of them.

    A few ``words`` among them, each there once, say of a day that it has none: “No school”.
    """
    labels = [text for text in texts if text not in words]
    distinct = {bare_label(text, ()).casefold() for text in labels}
    few = len(words) * _LABELS_TO_WORDS <= len(labels) == len(texts) - len(words)
    return few and 1 < len(distinct) < len(labels) and not distinct.isdisjoint(said)


_LABELS_TO_WORDS = 5


def _days_said(sheet: FoundSheet) -> set[str]:
    """Return what may be the days of a timetable: the texts below “Day”, and what heads the lines of a grid."""
    if sheet.kind is Kind.LIST:
        numbered = [found[1] for text in sheet.column("period") if (found := _NUMBERED.fullmatch(text))]
        texts = [*sheet.column("day"), *sheet.column("slot"), *numbered]
        return {bare_label(part, ()).casefold() for text in texts for part in (text, *split_list(text))}
    if sheet.kind not in (Kind.GRID, None) or sheet.grid is None:
        return set()
    rows = sheet.grid.rows
    heads = [next((row for row in rows if sum(cell != "" for cell in row) > 1), []), [row[0] for row in rows if row]]
    texts = [cell for line in heads for cell in line if isinstance(cell, str) and cell]
    return {bare_label(text, ()).casefold() for text in (*texts, *_numbered_names(texts))}


def _numbered_names(texts: Iterable[str]) -> list[str]:
    """Return what stands before several numbers: of “Gold 1 | Gold 2” the name."""
    numbered = Counter(found[1] for text in texts if (found := _NUMBERED.fullmatch(text)))
    return [name for name, count in numbered.items() if count > 1]


_NUMBERED = regex(r"([^\W\d_]+(?: [^\W\d_]+)?)[ -]?\d{1,2}(?:[,;] .*)?")
"""A day, and its period: “Gold 1”, “A1”."""


def _cells_of(sheet: FoundSheet) -> set[str]:
    """Return the texts of a sheet's cells, each part of one that names several days, in small letters."""
    cells = {cell for row in sheet.grid.rows for cell in row if isinstance(cell, str)} if sheet.grid else set()
    parts = [part for cell in cells for part in split_list(cell)]
    return {bare_label(part, ()).casefold() for part in (*parts, *_numbered_names(cells))} | {
        cell.strip().casefold() for cell in cells
    }


def _with_names(sheet: FoundSheet, names: tuple[str, ...]) -> FoundSheet:
    """Return a sheet as it is where days have names: a grid with such heads is one."""
    if sheet.grid is None or not {name.casefold() for name in names} & _cells_of(sheet):
        return sheet
    again = sheet.kind in (Kind.GRID, None)
    return replace(sheet, names=names, recognised=recognise(sheet.grid, names=names) if again else sheet.recognised)


def with_class_lists(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; classes without days that another timetable has are a class list beside it."""
    timed = [one for one in sheets if one.kind is Kind.GRID or (one.kind is Kind.LIST and one.names_days())]
    met = {text.casefold() for one in timed for text in (one.column("class") or texts_of_grid(one))}

    def as_class_list(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind is not Kind.LIST or sheet.names_days() or sheet.recognised.crossing:
            return sheet
        classes = {text.casefold() for text in sheet.column("class")}
        if not classes or len(classes & met) * 2 <= len(classes):
            return sheet
        return replace(sheet, recognised=Recognised(Kind.CLASSES, "its classes meet as another sheet says"))

    return [as_class_list(sheet) for sheet in sheets]


def with_divisions(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; a column that holds what tables of bell times are captioned with says for whom."""
    bells = [sheet.grid for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    captions = {part.caption.casefold() for grid in bells for part in bell_parts(grid) if part.caption}

    def for_whom(sheet: FoundSheet) -> FoundSheet:
        kind = {Kind.LIST: TIMETABLE_SHEET, Kind.CLASSES: CLASS_SHEET}.get(sheet.kind) if sheet.kind else None
        seen = Evidence.of(sheet.grid, kind, sheet.columns) if kind and sheet.grid and len(captions) > 1 else None
        if seen is None or seen.table is None or "division" in seen.named:
            return sheet
        held = {
            one.heading: {plain_text(cell).strip().casefold() for cell in one.cells} - {""}
            for one in seen.table.columns
        }
        fitting = [heading for heading, texts in held.items() if heading and len(texts) > 1 and texts <= captions]
        return replace(sheet, columns={**sheet.columns, fitting[0]: "division"}) if len(fitting) == 1 else sheet

    return [for_whom(sheet) for sheet in sheets]


def with_periods(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; a column of events that holds the periods of bell times says when they are."""
    known = _periods_of(sheets)

    def in_periods(sheet: FoundSheet) -> FoundSheet:
        if not known or sheet.kind is not Kind.EVENTS or sheet.grid is None or not sheet.recognised.is_list:
            return sheet
        seen = Evidence.of(sheet.grid, EVENT_SHEET, {})
        headings = Headings(BELL_SHEET)
        fitting = [
            column
            for column in (seen.table.columns if seen.table else ())
            if headings(column.heading) == "period" and _are_periods(column, known)
        ]
        said = [column for name in _SAYS_WHEN if (column := seen.named.get(name))]
        if len(fitting) != 1 or any(column is not fitting[0] for column in said):
            return sheet
        return replace(sheet, columns={fitting[0].heading: "period"})

    return [in_periods(sheet) for sheet in sheets]


_SAYS_WHEN = ("start_time", "end_time", "when", "period")


def _are_periods(column: Column, known: Collection[str]) -> bool:
    """Tell whether most different cells of a column name nothing but periods."""
    texts = list(dict.fromkeys(plain_text(cell) for cell in column.cells if cell != ""))
    named = [read_periods(text) or () for text in texts]
    fitting = [groups for groups in named if groups and all(p.casefold() in known for one in groups for p in one)]
    return len(fitting) * 2 > len(texts)
