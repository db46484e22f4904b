"""Every column of a sheet is accounted for: what it is used for, or that it is not used."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from itertools import islice
from typing import TYPE_CHECKING

from nomarium.core.columns import Certainty, Headings, Holds, Kind, Matches, SheetKind, heading_key
from nomarium.core.columns.contents import (
    holds_amounts,
    holds_dates,
    holds_days_and_times,
    holds_repeats,
    holds_times,
    holds_times_among_others,
    is_about_the_row,
    is_person,
    may_be_dotted_times,
    may_be_times,
)
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.kinds.vocabulary import NOTES
from nomarium.core.sheets import wording
from nomarium.core.sheets.said_in_notes import says_when_or_where
from nomarium.core.tables import Cell, Column, Table, plain_text
from nomarium.core.values import read_status, read_yes_no
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets.choices import Known

_LOOKED_AT = 300
_FEWEST_BLANKS = 2
_TIMES = (("start_time", "start", "when", "hours"), ("end_time", "end", "hours"))
_DATES = (("start_date", "start", "when", "first", "date", "from"), ("end_date", "end", "last", "until"))
"""What an unused column of times or of dates may be: the fields of a start, those of an end."""


def _open_field(kind: SheetKind, matches: Matches, column: Column) -> str:
    """Return what an unused column of dates or times may be: an end that is open, else a part of the text."""
    for names in _TIMES if holds_times(column) or may_be_dotted_times(column) else _DATES:
        if all(map(matches.open, names)):
            return next((name for name in names if kind.field(name) is not None), "")
    return "description" if kind.field("description") is not None else ""


def account(kind: SheetKind, table: Table, matches: Matches, used: Collection[str], known: Known) -> list[Problem]:
    """Report the columns of a sheet that nothing uses, though what they hold usually changes what is true.

    ``used`` are the keys of headings that a split, a pattern or a condition uses.
    """
    unused = [match for match in matches.all if not match.field and match.certainty is not Certainty.STATED]
    unused = [match for match in unused if not (match.released and _is_score(match.column))]
    idle = [match.column for match in unused if heading_key(match.column.heading) not in used]
    idle = [column for column in idle if not is_about_the_row(column)]
    problems, told = _half_spans(kind, table, matches, idle)
    ended = any(holds_dates(column) for _, column in matches.columns(("end", "end_date")))
    for column in idle:
        if column.index in told:
            continue
        if not column.heading:
            problems += _said_beside(table, column)
        elif kind.kind is Kind.LIST and _says_on_which_dates(column):
            problems.append(wording.unread_dates(table, column))
        elif any(holds(column) for holds in _MOMENTS) or (_lacks_times(kind, matches) and may_be_dotted_times(column)):
            problems.append(wording.unread_moments(table, column, _open_field(kind, matches, column)))
        elif _says_how_often(kind, column, ended):
            problems.append(wording.idle_column(table, column, "how often each row meets"))
        elif holds := _telling(column, known):
            problems.append(wording.idle_column(table, column, holds))
        elif kind.field("week") is not None and (whose := _twice_there(matches, column)) is not None:
            problems.append(wording.tells_apart(table, column, whose))
        elif Headings(kind)(column.heading) is None and heading_key(column.heading) not in _NOTES:
            problems += [one for one in _said_beside(table, column) if one.found.count(" ") >= _FEWEST_BLANKS]
    return problems


def _lacks_times(kind: SheetKind, matches: Matches) -> bool:
    """Tell whether a sheet may have times of its rows, and no column has them."""
    return kind.field("start_time") is not None and all(map(matches.open, _TIMES[0]))


def _says_on_which_dates(column: Column) -> bool:
    """Tell whether a column is headed as dates, and holds some: when all that meets does so hangs on them."""
    return Headings(EVENT_SHEET)(column.heading) in ("start_date", "when") and holds_dates(column)


_MOMENTS = (holds_dates, holds_times, holds_times_among_others, holds_days_and_times)


def _said_beside(table: Table, column: Column) -> list[Problem]:
    """Return a word on the first text of a column that says when or where, and that nothing else was made of."""
    texts = [plain_text(cell) for cell in column.cells]
    record = next((record for record, text in enumerate(texts) if says_when_or_where(text)), None)
    return [] if record is None else [wording.note_unused(table.cell_place(record, column), texts[record])]


def _is_score(column: Column) -> bool:
    """Tell whether a column holds what looks like times and is none: scores, ratios."""
    return holds_times(column) and not may_be_times(column)


def _says_how_often(kind: SheetKind, column: Column, ended: bool) -> bool:
    """Tell whether a column says how often: in words in a timetable, by number beside events that do not end."""
    if kind.kind is Kind.LIST:
        return holds_repeats(column)
    return kind.kind is Kind.EVENTS and not ended and _counts_meetings(column)


def _counts_meetings(column: Column) -> bool:
    """Tell whether a column is headed as the number of meetings, and has numbers."""
    return Headings(TIMETABLE_SHEET)(column.heading) in ("count", "weeks") and holds_amounts(column)


_WHEN = ("day", "slot", "period", "hours", "start", "end", "week", "division", "term")
_WHOSE = ("room", "teacher", "class")


def _twice_there(matches: Matches, column: Column) -> Column | None:
    """Return the rooms, teachers or classes that rows have twice at one time, each with its own text of a column.

    Weeks tell such rows apart. A class may be in two groups where teachers or rooms stand beside it.
    """
    when = [other.cells for _, other in matches.columns(_WHEN)]
    whose = next(filter(None, map(matches.column, _WHOSE)), None)
    texts = [cell for cell in column.distinct if cell != ""]
    if whose is None or not when or not 1 < len(texts) <= _MOST_WEEKS:
        return None
    there: dict[tuple[Cell, ...], list[Cell]] = {}
    for cell, who, *times in zip(column.cells, whose.cells, *when, strict=True):
        if cell != "" and who != "":
            there.setdefault((who, *times), []).append(cell)
    several = [cells for cells in there.values() if len(cells) > 1]
    return whose if several and all(len(set(cells)) == len(cells) for cells in several) else None


_MOST_WEEKS = 4


def _half_spans(
    kind: SheetKind, table: Table, matches: Matches, idle: Sequence[Column]
) -> tuple[list[Problem], set[int]]:
    """Report columns that must be the other end of a span of which one end is understood."""
    problems: list[Problem] = []
    told: set[int] = set()
    for ends in kind.spans:
        there = [name for name in ends if matches.column(name) is not None]
        known = matches.column(there[0]) if len(there) == 1 else None
        field = kind.field(ends[0])
        if known is None or field is None:
            continue
        lacking = ends[1 - ends.index(there[0])]
        fits = holds_times if field.holds is Holds.TIME else holds_dates
        for column in idle:
            if column.heading and fits(column) and _are_ends(column, known, last_known=there[0] == ends[1]):
                problems.append(wording.half_span(table, column, known, lacking))
                told.add(column.index)
    return problems, told


def _are_ends(column: Column, known: Column, *, last_known: bool) -> bool:
    """Tell whether a column is the other end of a known one: its rows are filled alike, and never on the wrong side.

    A first end without a last is usual, so that only a known last end asks for more than that.
    """
    if last_known:
        return True
    typed = [(one, other) for one, other in zip(known.cells, column.cells, strict=True) if one != "" and other != ""]
    alike = sum((one == "") == (other == "") for one, other in zip(known.cells, column.cells, strict=True))
    comparable = [(one, other) for one, other in typed if type(one) is type(other) and _is_comparable(one)]
    later = all(other >= one for one, other in comparable)  # type: ignore[operator]
    return alike == len(known.cells) and bool(comparable) and later


_NOTES = frozenset(map(heading_key, NOTES.split("|")))
_ISO = regex(r"\d{4}-\d{2}-\d{2}")


def _is_comparable(cell: Cell) -> bool:
    return not isinstance(cell, str) or bool(_ISO.fullmatch(cell))


def _telling(column: Column, known: Known) -> str:
    """Return what a column holds that usually changes what is true, "" for nothing of the kind."""
    if heading_key(column.heading) in _NOTES:
        return ""
    cells = list(islice(dict.fromkeys(cell for cell in column.cells if cell != ""), _LOOKED_AT))
    texts = [" ".join(plain_text(cell).split()) for cell in cells]
    if not texts or not any(any(map(str.isalpha, text)) for text in texts):
        return ""
    return next((holds for holds, fits in _HOLDS.items() if all(map(fits, texts))), "") or _known(texts, known)


def _is_answer(text: str) -> bool:
    return read_yes_no(text) is not None


def _is_status(text: str) -> bool:
    return bool(read_status(text)) or text.casefold() in NOT_RUNNING | RUNNING


_HOLDS = {"yes or no": _is_answer, "statuses": _is_status, "people": is_person}

NOT_RUNNING = frozenset(
    "dropped drop cancelled canceled closed inactive withdrawn deleted archived suspended ended no n false entfällt "
    "annulé annulée supprimé cancelado cancelada annullato annullata geannuleerd vervallen aflyst avlyst inställd "
    "gestrichen tobedeleted".split()
)
RUNNING = frozenset(
    "active open running confirmed planned scheduled full waitlist waitlisted ok yes y true aktiv actif active activo "
    "activa attivo attiva ativo ativa actief published ongoing current approved".split()
)


def _known(texts: list[str], known: Known) -> str:
    """Return the field of which all texts are values that the plan or other sheets know: divisions, terms, people."""
    for name, words in (("division", "divisions"), ("term", "terms"), ("teacher", "people")):
        values = known.of(name)
        if len(values) > 1 and all(text.casefold() in values for text in texts):
            return words
    return ""


def column_text(cell: Cell) -> str:
    """Return a cell as one line of text."""
    return " ".join(plain_text(cell).split())
