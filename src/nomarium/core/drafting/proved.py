"""What the sheets of a folder prove of one another: which are its terms, special days, closures, and keys of codes."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from dataclasses import replace
from datetime import timedelta
from itertools import pairwise
from typing import Literal

from nomarium.core.bells import bell_parts, is_usual
from nomarium.core.columns import (
    Evidence,
    Headings,
    Kind,
    SheetKind,
    holds_dates,
    holds_times,
    holds_weekdays,
    match_columns,
)
from nomarium.core.datesheets import (
    SHORTEST_TERM,
    Side,
    closes_school,
    edge_of,
    holds_holidays,
    names_holiday,
    names_term,
    read_terms,
    speaks_of_school,
)
from nomarium.core.drafting.programmes import with_programmes
from nomarium.core.drafting.sheets import FoundSheet, as_found, codes_in_column, codes_of, key_column, texts_of_grid
from nomarium.core.drafting.special_notes import special_name, with_special_notes
from nomarium.core.kinds import (
    BELL_SHEET,
    CLOSURE_SHEET,
    EVENT_SHEET,
    PEOPLE_SHEET,
    PLACE_SHEET,
    SPECIAL_SHEET,
    SUBJECT_SHEET,
    TERM_SHEET,
    bare_label,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.problems import has_errors
from nomarium.core.recognition import Recognised, label_columns, plain_or_named, recognise
from nomarium.core.shapes import explains
from nomarium.core.slots import bare_period, read_periods
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import Order, are_people, name_key, split_list
from nomarium.lazily import regex


def proved_together(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder as what they are beside one another."""
    order, _ = proved_order(sheets)
    sheets = [replace(sheet, order=order or None) for sheet in sheets]
    sheets = with_lists_of_times(sheets)
    proved = with_class_lists(with_keys(with_closures(with_specials(with_terms(with_named_days(sheets))))))
    return with_closures_alone(with_special_notes(with_programmes(with_periods(with_lookups(proved)))))


def with_lists_of_times(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; weekdays, times and words are a timetable where no other sheet is one.

    Of bell times every row would have a period: a number, or a break between two.
    """
    if any(sheet.kind in (Kind.LIST, Kind.GRID, Kind.SLOTS) for sheet in sheets):
        return list(sheets)

    def as_list(sheet: FoundSheet) -> FoundSheet:
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


def with_closures_alone(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; closures are events of their own where nothing meets that they could stop."""
    if any(sheet.kind not in (Kind.CLOSURES, None) for sheet in sheets):
        return list(sheets)
    why = "it says when it is closed, and no other sheet says what would meet"
    as_events = Recognised(Kind.EVENTS, why)
    return [replace(sheet, recognised=as_events) if sheet.kind else sheet for sheet in sheets]


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
        if listed.kind not in (Kind.EVENTS, Kind.DAYS, None) or listed.grid is None or listed.recognised.crossing:
            continue
        said = {text for other in sheets if other is not listed for text in _days_said(other)}
        columns = [text for texts in label_columns(listed.grid).values() for text in texts]
        words = [text for text in dict.fromkeys(columns) if not list(plain_or_named([text], ()))]
        if _are_labels(columns, words, said):
            why = f"it gives dates the labels that other sheets have ({', '.join(dict.fromkeys(columns[:3]))})"
            labelled = replace(listed, recognised=Recognised(Kind.DAYS, why))
            return [labelled if sheet is listed else sheet for sheet in sheets]
        names = tuple(name for name in words if name.casefold() in said)
        if len(names) < _FEWEST_NAMES or len(names) * 2 <= len(words):
            continue
        why = f"it gives dates the names of days that other sheets have ({', '.join(names[:3])})"
        is_days = replace(listed, recognised=Recognised(Kind.DAYS, why), names=names)
        return [is_days if sheet is listed else _with_names(sheet, names) for sheet in sheets]
    return list(sheets)


_FEWEST_NAMES = 2


def _are_labels(texts: Sequence[str], words: Sequence[str], said: Collection[str]) -> bool:
    """Tell whether texts beside dates are all letters or numbers that come again, and timetables name some of them."""
    distinct = {text.casefold() for text in texts}
    return not words and 1 < len(distinct) < len(texts) and not distinct.isdisjoint(said)


def _days_said(sheet: FoundSheet) -> set[str]:
    """Return what may be the days of a timetable: the texts below “Day”, and what heads the lines of a grid."""
    if sheet.kind is Kind.LIST:
        texts = [*sheet.column("day"), *sheet.column("slot")]
        return {bare_label(part, ()).casefold() for text in texts for part in (text, *split_list(text))}
    if sheet.kind not in (Kind.GRID, None) or sheet.grid is None:
        return set()
    rows = sheet.grid.rows
    heads = [next((row for row in rows if sum(cell != "" for cell in row) > 1), []), [row[0] for row in rows if row]]
    return {bare_label(cell, ()).casefold() for line in heads for cell in line if isinstance(cell, str) and cell}


def _cells_of(sheet: FoundSheet) -> set[str]:
    """Return the texts of a sheet's cells, each part of one that names several days, in small letters."""
    cells = {cell for row in sheet.grid.rows for cell in row if isinstance(cell, str)} if sheet.grid else set()
    return {bare_label(part, ()).casefold() for cell in cells for part in split_list(cell)} | {
        cell.strip().casefold() for cell in cells
    }


def _with_names(sheet: FoundSheet, names: tuple[str, ...]) -> FoundSheet:
    """Return a sheet as it is where days have names: a grid with such heads is one."""
    if sheet.grid is None or not {name.casefold() for name in names} & _cells_of(sheet):
        return sheet
    again = sheet.kind in (Kind.GRID, None)
    return replace(sheet, names=names, recognised=recognise(sheet.grid, names=names) if again else sheet.recognised)


def with_terms(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; where none is of terms and timetables need them, the one that can only be theirs.

    It names a few spans of weeks that do not overlap, without times: “Season, First day, Last day”.
    """
    kinds = {sheet.kind for sheet in sheets}
    needed = kinds & {Kind.LIST, Kind.GRID} or any(one.recognised.crossing or repeats(one) for one in sheets)
    if Kind.TERMS in kinds or not needed:
        return list(sheets)
    others = [sheet for sheet in sheets if sheet.kind in (Kind.EVENTS, Kind.CLOSURES, None)]
    edged = [sheet for sheet in others if _says_when_school_begins(sheet)]
    if len(edged) == 1:
        also = replace(edged[0].recognised, also=(*edged[0].recognised.also, Kind.TERMS))
        return [replace(sheet, recognised=also) if sheet is edged[0] else sheet for sheet in sheets]
    mixed = [sheet for sheet in others if _may_be_mixed(sheet) and holds_holidays(_names_on(sheet))]
    if len(mixed) == 1:
        both = Recognised(Kind.TERMS, "its rows are terms and holidays")
        return [replace(sheet, recognised=both) if sheet is mixed[0] else sheet for sheet in sheets]
    fitting = [sheet for sheet in others if _is_of_terms(sheet)]
    if len(fitting) != 1:
        return list(sheets)
    why = "it names spans of weeks, one behind the other, and no other sheet has the terms"
    terms = replace(fitting[0], recognised=Recognised(Kind.TERMS, why))
    return [terms if sheet is fitting[0] else sheet for sheet in sheets]


def _may_be_mixed(sheet: FoundSheet) -> bool:
    return sheet.is_plain_list or may_be_closures(sheet)


def _says_when_school_begins(sheet: FoundSheet) -> bool:
    """Tell whether rows of a sheet name the first and the last day of school, or of its terms.

    Where both stand in one row they are headings: the dates are below them.
    """
    sides: set[Side] = set()
    for row in sheet.grid.rows if sheet.grid else ():
        edges = (edge_of(cell) for cell in row if isinstance(cell, str))
        of_row = {edge.side for edge in edges if edge is not None and edge.without_break.of_school}
        sides |= of_row if len(of_row) == 1 else set()
    return {Side.BEGINS, Side.ENDS} <= sides


def _is_of_terms(sheet: FoundSheet) -> bool:
    if sheet.grid is None:
        return False
    table = Evidence.of(sheet.grid, TERM_SHEET, {}).table if not sheet.is_plain_list else None
    if not sheet.is_plain_list and (table is None or any(map(holds_times, table.columns))):
        return False
    terms, _, problems = read_terms(as_found(sheet))
    named = [plain_text(cell) for cell in table.columns[0].cells] if table else [term.name for term in terms]
    heading = table.columns[0].heading if table else ""
    said = " ".join([heading, *named, sheet.path.stem, sheet.grid.sheet or ""])
    by_name = not _TERM_WORDS.isdisjoint(re.findall(r"[^\W\d_]+", said.casefold())) or all(map(names_term, named))
    if not by_name and (table is None or len(table.columns) > _NAME_AND_SPAN):
        return False
    if not 0 < len(terms) <= _MOST_TERMS or has_errors(problems):
        return False
    in_order = sorted(terms, key=lambda term: term.first)
    apart = all(term.last < after.first for term, after in pairwise(in_order))
    whole = sum((term.last - term.first for term in terms), timedelta())
    return (by_name or whole > _MOST_OF_A_TERM) and apart and all(t.last - t.first > SHORTEST_TERM for t in terms)


_NAME_AND_SPAN = 3
_MOST_OF_A_TERM = timedelta(days=41)
"""What has only names and spans must cover so many days, where no word says that they are parts of a year."""


_TERM_WORDS = frozenset(
    f"{words.TERM}|season|seasons|saison|temporada|stagione|periodo|periodos|période|periode|curso|cursos|block|blocks|year|"
    "session|sessions|half|halves|halbjahr|zeitraum|schuljahr|año|année|anno|terms|semesters|trimesters|quarters|roster|rota|dienstplan|turno".split(
        "|"
    )
)
"""Words in a heading, the tab or the file's name that say that spans are parts of a year."""
_MOST_TERMS = 8


def with_closures(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; beside timetables, names and dates without times that say so are closures."""
    hanging = any(sheet.kind in (Kind.LIST, Kind.GRID) or repeats(sheet) for sheet in sheets)
    if not hanging:
        return list(sheets)

    def as_closures(sheet: FoundSheet) -> FoundSheet:
        also = sheet.recognised.also
        if sheet.kind is Kind.TERMS and holds_holidays(_names_on(sheet)):
            return replace(sheet, recognised=replace(sheet.recognised, also=(*also, Kind.CLOSURES)))
        if not may_be_closures(sheet):
            return sheet
        if said := says_closed(sheet):
            return replace(sheet, recognised=Recognised(Kind.CLOSURES, said, also=also))
        if any(map(closes_school, _names_on(sheet))):
            return replace(sheet, recognised=replace(sheet.recognised, also=(*also, Kind.CLOSURES)))
        return sheet

    return [as_closures(sheet) for sheet in sheets]


def with_specials(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; dates with the kinds of day that bell times are headed with are special days."""
    bells = [sheet for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    captions = {part.caption.casefold() for sheet in bells if sheet.grid for part in bell_parts(sheet.grid)}
    named = {text.casefold() for sheet in bells for text in _texts_of(sheet, BELL_SHEET, "special")}
    known = {name for name in captions | named if name and not is_usual(name)}

    of_files = {frozenset(_words(name)): name for sheet in bells if (name := special_name(sheet))}

    def as_specials(sheet: FoundSheet) -> FoundSheet:
        called = [
            name for said, name in of_files.items() if said <= set(_words(f"{sheet.path.stem} {sheet.sheet or ''}"))
        ]
        if len(called) == 1 and _holds_only_dates(sheet):
            why = f"its name says “{called[0]}”, as bell times do"
            return replace(sheet, recognised=Recognised(Kind.SPECIAL_DAYS, why), whole={"special": called[0]})
        if sheet.kind not in (Kind.EVENTS, None) or sheet.recognised.crossing or sheet.grid is None:
            return sheet
        table = Evidence.of(sheet.grid, SPECIAL_SHEET, {}).table
        columns = table.columns if table else []
        words = [
            [plain_text(cell).casefold() for cell in one.cells if cell != ""] for one in columns if not holds_dates(one)
        ]
        named_so = any(sum(text in known for text in texts) * 2 > len(texts) for texts in words)
        if not named_so or not any(map(holds_dates, columns)):
            return sheet
        return replace(
            sheet, recognised=Recognised(Kind.SPECIAL_DAYS, "it has the kinds of day that bell times are headed with")
        )

    return [as_specials(sheet) for sheet in sheets] if known or of_files else list(sheets)


def _words(name: str) -> list[str]:
    return re.findall(r"[^\W\d_]{2,}", name.casefold())


def _holds_only_dates(sheet: FoundSheet) -> bool:
    """Tell whether a sheet lists days, and no times."""
    if sheet.kind not in (Kind.EVENTS, Kind.CLOSURES, None) or sheet.recognised.crossing or sheet.grid is None:
        return False
    table = Evidence.of(sheet.grid, SPECIAL_SHEET, {}).table
    columns = table.columns if table else []
    return any(map(holds_dates, columns)) and not any(map(holds_times, columns))


def _texts_of(sheet: FoundSheet, kind: SheetKind, name: str) -> Sequence[str]:
    return Evidence.of(sheet.grid, kind, {}).texts(name) if sheet.grid else ()


def repeats(sheet: FoundSheet) -> bool:
    """Tell whether a sheet of events has such that repeat: closures drop or move them."""
    table = Evidence.of(sheet.grid, EVENT_SHEET, {}).table if sheet.kind is Kind.EVENTS and sheet.grid else None
    return table is not None and not match_columns(table, sheet.columns, Headings(EVENT_SHEET))[0].open("repeat")


def may_be_closures(sheet: FoundSheet) -> bool:
    """Tell whether a sheet that seems to be of events has but names and dates: it could be of closures."""
    if sheet.kind not in (Kind.EVENTS, None) or sheet.recognised.crossing or sheet.grid is None:
        return False
    seen = Evidence.of(sheet.grid, CLOSURE_SHEET, {})
    if seen.table is None or len(seen.table.columns) > _MOST_COLUMNS or any(map(holds_times, seen.table.columns)):
        return False
    others = _OF_EVENTS & Evidence.of(sheet.grid, EVENT_SHEET, {}).named.keys()
    dated = sum(map(holds_dates, seen.table.columns))
    words = [column for column in seen.table.columns if not holds_dates(column) and any(column.cells)]
    return not others and dated > 0 and len(words) > 0


_OF_EVENTS = frozenset({"location", "repeat", "attendees", "duration"})
"""Fields that closures have not."""


def _names_on(sheet: FoundSheet) -> Sequence[str]:
    """Return what the rows of a sheet of names and dates are called."""
    if sheet.is_plain_list:
        _, listed, _ = read_terms(as_found(sheet))
        return [row.name for row in listed.rows] if listed else ()
    named = _texts_of(sheet, CLOSURE_SHEET, "summary") or _texts_of(sheet, EVENT_SHEET, "summary")
    if named or sheet.grid is None:
        return named
    table = Evidence.of(sheet.grid, CLOSURE_SHEET, {}).table
    words = [column for column in table.columns if not holds_dates(column)] if table else []
    return [plain_text(cell) for cell in words[0].cells if cell != ""] if words else ()


def silent_rows(sheet: FoundSheet) -> list[str]:
    """Return the rows of a calendar of the year that may be closures, and do not say so."""
    names = [name for name in _names_on(sheet) if not closes_school(name) and not names_term(name)]
    names = [name for name in names if edge_of(name) is None]
    return [name for name in names if not speaks_of_school(name) and not _IS_EVENT.search(name)]


_IS_EVENT = regex(
    r"\d[:.hu]\d\d|\d\s?[ap]m\b|\b(?:open (?:house|day|evening)|evening|night|conferences?|concert|play|show|game|"
    r"match|meeting|trip|fair|fête|exams?|tests?|photos?|pictures?|dance|prom|graduation|ceremony|assembly|visit|"
    r"deadline|due|reports?|grades|quarter|progress|orientation|festival|sale|competition|tournament|sports day|"
    r"performance|rehearsal|parents?|teachers|staff|elternabend|konzert|réunion|reunión|riunione|ouderavond|"
    r"early (?:dismissal|release)|half[- ]day)\b",
    re.IGNORECASE,
)
"""What an event is called that closes no school."""


def says_closed(sheet: FoundSheet) -> str:
    """Return which of a heading, a name or most cells of a sheet speak of closures; "" where none does."""
    seen = Evidence.of(sheet.grid, CLOSURE_SHEET, {}) if sheet.grid else None
    if seen is None or seen.table is None:
        return ""
    headings = [(column.heading, "its headings speak") for column in seen.table.columns]
    for text, where in (*headings, (f"{sheet.path.stem} {sheet.sheet or ''}".strip(), "its name speaks")):
        if _CLOSED.search(text.replace("_", " ")):
            return f"{where} of closures"
    names = _names_on(sheet)
    spoken = [name for name in names if _CLOSED.search(name) or edge_of(name) is not None]
    if len(spoken) * 2 > len(names) and sum(map(holds_dates, seen.table.columns)) > 1:
        spoken += [name for name in names if names_holiday(name)]  # beside holidays with a first and a last day
    others = [name for name in names if name not in spoken and not speaks_of_school(name) and not names_term(name)]
    shown = next(filter(closes_school, spoken), next(iter(spoken), ""))
    return f"its rows speak of closures (“{shown}”)" if len(spoken) * 2 > len(names) and not others else ""


_MOST_COLUMNS = 4
_CLOSED = regex(
    rf"^off$|\b(?:{words.CLOSED}|\w*ferien|frei\w*|motivo|reason|grund|motif|raison|orsak|årsag|reden)\b",
    re.IGNORECASE,
)
"""What headings, names and rows of a sheet of closures say: its headings the reason, too."""


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


def with_periods(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; a column of events that holds the periods of bell times says when they are."""
    bells = [sheet for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    known = {bare_period(text).casefold() for sheet in bells for text in _texts_of(sheet, BELL_SHEET, "period")}

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


def with_lookups(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; what explains the codes of a timetable is a list of its people, rooms or subjects.

    It is known by its values: most of one column stand in a timetable, and a name beside each.
    """
    timetables = [sheet for sheet in sheets if sheet.kind in (Kind.LIST, Kind.GRID)]
    coded = [sheet for sheet in sheets if sheet.kind in (Kind.GRID, Kind.SLOTS) or sheet.recognised.crossing]
    blocks = {code for sheet in coded for code in codes_of(sheet)}
    by_field = {
        name: {name_key(text) for sheet in timetables for text in sheet.column(name)} for name in LOOKED_UP.values()
    }
    said = {name_key(text) for sheet in timetables if sheet.kind is Kind.GRID for text in texts_of_grid(sheet)}
    said = said.union(*by_field.values())

    def as_lookup(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind not in (Kind.CODES, None) or sheet.grid is None or sheet.recognised.crossing or not said:
            return sheet
        if sheet.kind is Kind.CODES and codes_of(sheet) & blocks:
            return sheet
        found = _codes_and_names(sheet, said)
        kind = _explained(sheet, *found, by_field) if found else None
        if found is None or kind is None:
            return sheet
        why = f"below “{found[0].heading}” it has codes of a timetable, and beside them what they stand for"
        columns = {found[0].heading: "code"} | ({found[1].heading: "name"} if found[1] else {})
        return replace(sheet, recognised=Recognised(kind, why), columns=columns)

    return [as_lookup(sheet) for sheet in sheets]


LOOKED_UP = {Kind.PEOPLE: "teacher", Kind.PLACES: "room", Kind.SUBJECTS: "course"}
"""What look-up sheets explain, by the field of timetables."""
_LOOKUP_WORDS = {
    Kind.PEOPLE: frozenset(f"{words.PEOPLE}|initials|people|surname|first name".split("|")),
    Kind.PLACES: frozenset(words.PLACE.split("|")),
    Kind.SUBJECTS: frozenset(words.COURSE.split("|")),
}


def _codes_and_names(sheet: FoundSheet, said: Collection[str]) -> tuple[Column, Column | None] | None:
    """Return the column of a sheet that has the codes of timetables, and that of names; None where there is none.

    Names in two columns are no column.
    """
    kinds = (PEOPLE_SHEET, PLACE_SHEET, SUBJECT_SHEET)
    read = [Evidence.of(sheet.grid, kind, {}) for kind in kinds] if sheet.grid else []
    seen = next((one for one in read if one.table is not None), None)
    columns = [one for one in seen.table.columns if one.heading and any(one.cells)] if seen and seen.table else []
    texts = {one.index: {name_key(plain_text(cell)) for cell in one.cells if cell != ""} for one in columns}
    fitting = [one for one in columns if sum(text in said for text in texts[one.index]) * 2 > len(texts[one.index])]
    if not fitting or seen is None:
        return None
    code = min(fitting, key=lambda one: sum(map(len, texts[one.index])) / len(texts[one.index]))
    if seen.texts("last_name"):
        return code, None
    others = [one for one in columns if one is not code and any(map(str.isalpha, "".join(texts[one.index])))]
    others = [one for one in others if not any("@" in text or "://" in text for text in texts[one.index])]
    longer = [one for one in others if sum(map(len, texts[one.index])) > sum(map(len, texts[code.index]))]
    named = seen.named.get("name")
    name = named if named in longer else next(iter(longer), None)
    return (code, name) if name is not None else None


def _explained(sheet: FoundSheet, code: Column, name: Column | None, by_field: dict[str, set[str]]) -> Kind | None:
    """Return what the codes of a sheet stand for: people, rooms or subjects; None where nothing tells."""
    codes = {name_key(plain_text(cell)) for cell in code.cells if cell != ""}
    of_lists = [kind for kind, field in LOOKED_UP.items() if len(codes & by_field[field]) * 2 > len(codes)]
    if len(of_lists) == 1:
        return of_lists[0]
    if name is None:
        return Kind.PEOPLE
    for text in (name.heading, code.heading, sheet.sheet or "", sheet.path.stem):
        said = {text.casefold(), *re.findall(r"[^\W\d_]+", text.casefold())}
        named = [kind for kind, meant in _LOOKUP_WORDS.items() if said & meant]
        if len(named) == 1:
            return named[0]
    names = [plain_text(cell) for cell in name.cells if cell != ""]
    return Kind.PEOPLE if are_people(names, Headings(PEOPLE_SHEET)) else None


def _by_key_column(sheet: FoundSheet, grids: Sequence[set[str]]) -> FoundSheet | None:
    """Return a sheet as the key of a grid whose blocks stand in one of its columns; None where none does."""
    columns = next(filter(None, (key_column(sheet, blocks) for blocks in grids)), None)
    if columns is None:
        return None
    why = f"below “{next(iter(columns))}” it has the codes of another sheet’s cells"
    return replace(sheet, recognised=Recognised(Kind.CODES, why), columns=columns)


def with_keys(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder, those as keys that explain the codes or blocks in another's cells."""
    coded = {code for sheet in sheets if sheet.recognised.crossing for code in codes_of(sheet)}
    grids = [codes for sheet in sheets if sheet.kind is Kind.GRID and (codes := codes_of(sheet))]

    def as_key(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind is Kind.CODES and not any(codes_of(sheet) & blocks for blocks in (*grids, coded)):
            return _by_key_column(sheet, grids) or sheet
        if sheet.kind in (Kind.CODES, Kind.GRID) or sheet.recognised.crossing or sheet.grid is None:
            return sheet
        if sheet.kind is Kind.LIST and sheet.names_days():
            return sheet
        named = codes_in_column(sheet)
        if explains(sheet.grid, coded) or any(len(named & blocks) * 2 > len(blocks) for blocks in grids):
            return replace(sheet, recognised=Recognised(Kind.CODES, "it has the codes of another sheet’s cells"))
        return _by_key_column(sheet, grids) or sheet

    return [as_key(sheet) for sheet in sheets]
