"""Which sheets of a folder are its terms, closures and special days, as they prove it together."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from dataclasses import replace
from datetime import date, timedelta
from itertools import pairwise

from nomarium.core.bells import bell_parts, grid_heading
from nomarium.core.columns import (
    Evidence,
    Headings,
    Kind,
    holds_dates,
    holds_times,
    match_columns,
    reads_as_dates,
)
from nomarium.core.datesheets import (
    SHORTEST_TERM,
    Side,
    closes_school,
    edge_of,
    holds_holidays,
    is_bare_edge,
    names_event,
    names_holiday,
    names_term,
    read_terms,
    speaks_of_school,
)
from nomarium.core.drafting.sheets import FoundSheet, as_found, texts_below
from nomarium.core.drafting.special_notes import special_name
from nomarium.core.kinds import (
    BELL_SHEET,
    CLOSURE_SHEET,
    EVENT_SHEET,
    SPECIAL_SHEET,
    TERM_SHEET,
    is_usual,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.problems import has_errors
from nomarium.core.recognition import Recognised
from nomarium.core.shapes import dated_lines
from nomarium.core.tables import Cell, Column, Grid, plain_text
from nomarium.core.values import is_date, weekday_in_any
from nomarium.lazily import regex


def with_closures_alone(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; closures are events of their own where nothing meets that they could stop.

    So are lines of dates and words, of which nothing else says what they are.
    """
    if any(sheet.kind not in (Kind.CLOSURES, Kind.EVENTS, None) for sheet in sheets):
        return list(sheets)
    alone = all(sheet.kind is not Kind.EVENTS for sheet in sheets)
    closed = Recognised(Kind.EVENTS, "it says when it is closed, and no other sheet says what would meet")

    def as_events(sheet: FoundSheet) -> FoundSheet:
        if sheet.kind is Kind.CLOSURES and alone:
            return replace(sheet, recognised=closed)
        if sheet.kind is None and sheet.grid is not None and (lines := dated_lines(sheet.grid)) is not None:
            return replace(sheet, recognised=Recognised(lines.kind, lines.why))
        return sheet

    return list(map(as_events, sheets))


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
    """Tell whether rows of a sheet name the first and the last day of school, or the first and the break that ends it.

    Where both stand in one row they are headings: the dates are below them. So are bare words without a date beside.
    """
    sides: set[Side] = set()
    of_clubs: set[Side] = set()
    for row in sheet.grid.rows if sheet.grid else ():
        if any(isinstance(cell, str) and is_bare_edge(cell) for cell in row) and not _names_any_date(row):
            continue
        edges = [edge.without_break for cell in row if isinstance(cell, str) and (edge := edge_of(cell)) is not None]
        if len({edge.side for edge in edges}) == 1:
            sides |= {edge.side for edge in edges if edge.of_school}
            of_clubs |= {edge.side for edge in edges if edge.of_activity}
    sides = {Side.BEGINS if side is Side.RESUMES else side for side in sides or of_clubs}
    if sides == {Side.BEGINS} and _may_be_mixed(sheet):
        terms = read_terms(as_found(sheet))[0]
        return bool(terms) and all(term.last - term.first > SHORTEST_TERM for term in terms)
    return {Side.BEGINS, Side.ENDS} <= sides


def _names_any_date(row: Sequence[Cell]) -> bool:
    return any(isinstance(cell, date) or (isinstance(cell, str) and is_date(cell)) for cell in row)


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
    "period|periods|session|sessions|half|halves|modul|modulul|module|halbjahr|zeitraum|schuljahr|año|année|anno|terms|semesters|trimesters|quarters|roster|rota|dienstplan|turno".split(
        "|"
    )
)
"""Words in a heading, the tab or the file's name that say that spans are parts of a year."""
_MOST_TERMS = 8


def with_closures(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; beside timetables, names and dates without times that say so are closures."""
    hanging = any(sheet.kind in (Kind.LIST, Kind.GRID, Kind.TERMS) or repeats(sheet) for sheet in sheets)
    if not hanging:
        return list(sheets)

    def as_closures(sheet: FoundSheet) -> FoundSheet:
        also = sheet.recognised.also
        if sheet.kind in (Kind.EVENTS, None) and (said := _closes_on_dates_alone(sheet)):
            return replace(sheet, recognised=Recognised(Kind.CLOSURES, f"it holds dates alone, and “{said}” says why"))
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


def _closes_on_dates_alone(sheet: FoundSheet) -> str:
    """Return what says of a sheet that holds dates and nothing else that it is closed then; "" for other sheets."""
    rows = [[cell for cell in row if cell != ""] for row in sheet.grid.rows] if sheet.grid is not None else []
    cells = [row for row in rows if row]
    words = [plain_text(row[0]) for row in cells if not _names_any_date(row)]
    alone = all(len(row) == 1 for row in cells) and len(words) <= 1 < len(cells)
    names = [*words, sheet.grid.sheet or "" if sheet.grid is not None else "", sheet.path.stem]
    return next((name for name in names if closes_school(name)), "") if alone else ""


def with_specials(sheets: Sequence[FoundSheet]) -> list[FoundSheet]:
    """Return the sheets of a folder; dates with the kinds of day that bell times are headed with are special days."""
    bells = [sheet for sheet in sheets if sheet.kind is Kind.BELLS and sheet.grid is not None]
    known = kinds_of_day(bells)
    of_files = {frozenset(_words(name)): name for sheet in bells if (name := special_name(sheet))}

    def as_specials(sheet: FoundSheet) -> FoundSheet:
        called = [
            name for said, name in of_files.items() if said <= set(_words(f"{sheet.path.stem} {sheet.sheet or ''}"))
        ]
        if len(called) == 1 and _holds_only_dates(sheet):
            why = f"its name says “{called[0]}”, as bell times do"
            return replace(sheet, recognised=Recognised(Kind.SPECIAL_DAYS, why), whole={"special": called[0]})
        if sheet.kind is Kind.DAYS and _says_kinds_of_day(sheet, known):
            both = replace(sheet.recognised, also=(*sheet.recognised.also, Kind.SPECIAL_DAYS))
            return replace(sheet, recognised=both)
        if sheet.kind not in (Kind.EVENTS, None) or sheet.recognised.crossing or sheet.grid is None:
            return sheet
        seen = Evidence.of(sheet.grid, SPECIAL_SHEET, {})
        columns = seen.table.columns if seen.table else []
        named_so = next((one for one in columns if not holds_dates(one) and _mostly_in(known, one)), None)
        if named_so is None or not any(map(holds_dates, columns)):
            return sheet
        by_heading = seen.named.get("summary") is named_so or not named_so.heading
        return replace(
            sheet,
            recognised=Recognised(Kind.SPECIAL_DAYS, "it has the kinds of day that bell times are headed with"),
            columns={**sheet.columns, **({} if by_heading else {named_so.heading: "summary"})},
        )

    return [as_specials(sheet) for sheet in sheets] if known or of_files else list(sheets)


def _mostly_in(known: Collection[str], column: Column) -> bool:
    """Tell whether most of the filled cells of a column are known texts."""
    texts = [plain_text(cell).casefold() for cell in column.cells if cell != ""]
    return sum(text in known for text in texts) * 2 > len(texts)


def _heads_of_bells(grid: Grid) -> list[str]:
    """Return the kinds of day that head the columns of bell times which are a grid; weekdays and labels are none."""
    head = grid_heading(grid)
    row = grid.rows[head][1:] if head is not None else []
    heads = [" ".join(plain_text(cell).split()) for cell in row]
    return [head for head in heads if len(head) > _LONGEST_LABEL and weekday_in_any(head) is None]


_LONGEST_LABEL = 6


def _says_kinds_of_day(sheet: FoundSheet, known: Collection[str]) -> bool:
    """Tell whether a list of days has a column of its own for the kinds of day that bell times are headed with."""
    if Kind.SPECIAL_DAYS in sheet.recognised.also or sheet.grid is None:
        return False
    texts = {text.casefold() for text in Evidence.of(sheet.grid, SPECIAL_SHEET, {}).texts("summary")}
    return bool(texts & set(known)) and all(text in known or is_usual(text) for text in texts)


def _words(name: str) -> list[str]:
    return re.findall(r"[^\W\d_]{2,}", name.casefold())


def _holds_only_dates(sheet: FoundSheet) -> bool:
    """Tell whether a sheet lists days, and no times."""
    if sheet.kind not in (Kind.EVENTS, Kind.CLOSURES, None) or sheet.recognised.crossing or sheet.grid is None:
        return False
    table = Evidence.of(sheet.grid, SPECIAL_SHEET, {}).table
    columns = table.columns if table else []
    return any(map(holds_dates, columns)) and not any(map(holds_times, columns))


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
    dated = [column for column in seen.table.columns if holds_dates(column) or reads_as_dates(column)]
    words = [column for column in seen.table.columns if column not in dated and any(column.cells)]
    return not others and bool(dated) and bool(words)


_OF_EVENTS = frozenset({"location", "repeat", "attendees", "duration"})
"""Fields that closures have not."""


def _names_on(sheet: FoundSheet) -> Sequence[str]:
    """Return what the rows of a sheet of names and dates are called."""
    if sheet.is_plain_list:
        _, listed, _ = read_terms(as_found(sheet))
        return [row.name for row in listed.rows] if listed else ()
    named = texts_below(sheet, CLOSURE_SHEET, "summary") or texts_below(sheet, EVENT_SHEET, "summary")
    if named or sheet.grid is None:
        return named
    table = Evidence.of(sheet.grid, CLOSURE_SHEET, {}).table
    words = [column for column in table.columns if not holds_dates(column)] if table else []
    return [plain_text(cell) for cell in words[0].cells if cell != ""] if words else ()


def kinds_of_day(bells: Sequence[FoundSheet]) -> set[str]:
    """Return the case folded kinds of day that captions, columns, tabs and files of bell times name."""
    captions = {part.caption for sheet in bells if sheet.grid for part in bell_parts(sheet.grid)}
    heads = {head for sheet in bells if sheet.grid for head in _heads_of_bells(sheet.grid)}
    named = {text for sheet in bells for text in texts_below(sheet, BELL_SHEET, "special")}
    known = {name.casefold() for name in captions | heads | named}
    return {name for name in known if name and not is_usual(name)}


def silent_rows(sheet: FoundSheet, bells: Sequence[FoundSheet]) -> list[str]:
    """Return the rows of a calendar of the year that may be closures, and do not say so; bells ring on special days."""
    special = kinds_of_day(bells) | {special_name(one).casefold() for one in bells}
    names = [name for name in _names_on(sheet) if not closes_school(name) and not names_term(name)]
    names = [name for name in names if edge_of(name) is None and name.casefold() not in special]
    return [name for name in names if not speaks_of_school(name) and not names_event(name)]


def silent_lines(sheet: FoundSheet) -> list[str]:
    """Return the lines of a plain list of names and dates that was taken for closures, where no word says so."""
    if not sheet.is_plain_list or sheet.kind is not Kind.CLOSURES or sheet.grid is None:
        return []
    lines = [" ".join(filter(None, map(plain_text, row))) for row in sheet.grid.rows]
    said = any(map(_CLOSED.search, (f"{sheet.path.stem} {sheet.sheet or ''}".replace("_", " "), *lines)))
    names = [*_names_on(sheet), *lines]
    return [] if said or any(names_holiday(name) or edge_of(name) or names_term(name) for name in names) else lines


def is_called_changes(sheet: FoundSheet) -> bool:
    """Tell whether a sheet’s tab or file is called as changes of a timetable are: "Vertretungsplan", "Cover"."""
    return bool(_CHANGES.search(f"{sheet.path.stem} {sheet.sheet or ''}".replace("_", " ")))


_CHANGES = regex(
    r"\b(?:(?:timetable |class |lesson )?(?:changes|cancellations|substitutions)|cover(?: list| sheet)?|"
    r"vertretung\w*|suppli?er\w*|"
    r"remplacements?|sustituciones|suplencias|supplenze|substituições|vervangingen|lesuitval|vikar\w*|ændringer|"
    r"zastępstwa|suplování)\b",
    re.IGNORECASE,
)


def says_closed(sheet: FoundSheet) -> str:
    """Return which of a heading, a name or most cells of a sheet speak of closures; "" where none does."""
    seen = Evidence.of(sheet.grid, CLOSURE_SHEET, {}) if sheet.grid else None
    if seen is None or seen.table is None:
        return ""
    headings = [(column.heading, "its headings speak") for column in seen.table.columns]
    for text, where in (*headings, (f"{sheet.path.stem} {sheet.sheet or ''}".strip(), "its name speaks")):
        plain = text.replace("_", " ")
        if _CLOSED.search(plain) or _NO_SUCH.fullmatch(plain.strip()):
            return f"{where} of closures"
    names = [name for name in _names_on(sheet) if not names_term(name)]
    spoken = [name for name in names if _CLOSED.search(name) or edge_of(name) is not None]
    holidays = [name for name in names if name not in spoken and names_holiday(name) and not names_event(name)]
    whole = len(spoken) > 1 and len(spoken) + len(holidays) == len(names)
    if whole or (len(spoken) * 2 > len(names) and sum(map(holds_dates, seen.table.columns)) > 1):
        spoken += holidays  # beside rows that begin and end school, or with a first and a last day
    others = [name for name in names if name not in spoken and not speaks_of_school(name)]
    shown = next(filter(closes_school, spoken), next(iter(spoken), ""))
    return f"its rows speak of closures (“{shown}”)" if len(spoken) * 2 > len(names) and not others else ""


_MOST_COLUMNS = 4
_NO_SUCH = regex(
    r"(?:pas d[’']|(?:no|keine?|pas de|sin|senza|geen|ingen|sem)\s+)"
    r"(?!of\b|show|charge|fee)[^\W\d_]{4,}(?: (?:dates|days|on))?",
    re.IGNORECASE,
)
"""“No clubs”: what is not on."""
_CLOSED = regex(
    rf"^off$|\b(?:{words.CLOSED}|\w*ferien|frei\w*|motivo|reason|grund|motif|raison|orsak|årsag|reden)\b",
    re.IGNORECASE,
)
"""What headings, names and rows of a sheet of closures say: its headings the reason, too."""
