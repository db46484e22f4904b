"""Notes above or below a table that say when, where or for how long: "Thursdays, 16:15–17:15, Room L2"."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field, replace
from datetime import datetime, time

from nomarium.core.columns import Certainty, Match, Matches, SheetKind
from nomarium.core.kinds import vocabulary as words
from nomarium.core.problems import Place, Problem
from nomarium.core.sheets import wording
from nomarium.core.tables import Cell, Column, Grid, Table, address, is_data, plain_text
from nomarium.core.values import (
    DateSpan,
    Order,
    are_dates,
    month_of,
    names_part_of_year,
    read_length,
    span_of_dates,
    spans_in,
    weekday_in_any,
    without_not_on,
)
from nomarium.lazily import regex

_PLACE = regex(
    r"(?:\bin|\bat|@|\bwhere:|\bvenue:|\bplace:|\bort:|\blieu:)\s+(?P<place>[^,;.]*[^\W\d_][^,;.]*)", re.IGNORECASE
)
_ABOUT_OTHERS = (
    r"\b(?:office|opening|open|phone|telephone|tel|contact|call|desk|reception|enquir\w+|sekretariat|bürozeiten|sprechzeiten|"
    r"secrétariat|ouverture|horario de (?:atención|oficina)|segreteria|kontor|kanslie?|except|unless|not on)\b"
)
"""Words of notes whose times are not those of the rows."""
_UNLESS_SAID = regex(
    r"\s*[,;(]?\s*(?:unless|except (?:where|when|as|if)|if not|soweit nicht|sofern nicht|wenn nicht|sauf|salvo|tenzij|"
    r"om inte|hvis ikke|om ikke)\s+(?:\w+\s+)?(?:stated|noted|shown|indicated|announced|advertised|specified|agreed|"
    r"listed|otherwise|angegeben|vermerkt|indiqué|indication|mention contraire|indicado|indicato|diversa indicazione|"
    r"vermeld|annat anges|andet fremgår|annet er oppgitt)\b[^.;]*",
    re.IGNORECASE,
)
"""What lets rows say it otherwise."""
_HOLDS = (
    r"\b(?:valid|gültig|gilt|valables?|válid[oa]|valid[oa]|geldig|gäller|gælder|gjelder|effective|in force|in effect|"
    r"clinics?|services?|meetings?|rehearsals?|activities|duties|bookings|lectures|modules|"
    r"runs?|holds?|time ?tables?|schedules?|rosters?|rotas?|plan|programme|classes|lessons|courses?|stundenplan|"
    r"dienstplan|kursplan|emploi du temps|horaires?|horarios?|orario|rooster|schema|skema|timeplan|kurse|cours|"
    r"cursos?|corsi|terms?|times|timings|hours|weekly|sessions?|training|trainings(?:plan|zeiten)|hallenplan|hallenzeiten|grille|"
    r"zajęcia|rozkład|rozvrh|órarend|lukujärjestys|vuorot|aukioloajat|öppettider|åpningstider|schooljaar|"
    r"semester|trimester|quarter|season|spring|summer|autumn|fall|winter|halbjahr|semestre|trimestre|saison|temporada|"
    r"horários?|\w*tider|squads?|groups?|teams?|fixtures|seizoen|sæson|säsong|sesong|sezon\w*|kurser|schooltijden|"
    r"stagione|periodo|période|periode|termin|\w*zeit(?:raum)?|duration|durée|duración|durata|looptijd)\b"
)
"""Words of titles whose dates are those of all rows."""
_OF_SOMETHING_ELSE = (
    r"\b(?:regist\w+|enrol\w*|sign[- ]?up|anmeld\w*|inscri\w+|iscri\w+|inschrijv\w*|exams?|prüfung\w*|exam\w*|closed?|"
    r"holidays?|break|vacation|no (?:class\w*|lessons?|school)|ferien|vacances|vacaciones|vacanze|vakantie|lov|"
    r"printed|updated?|published|stand|except|unless|not on|office|opening)\b"
)
_MOST_CELLS = 2
"""A row of more cells is no note, but a line of some table."""


@dataclass(frozen=True, slots=True)
class Note:
    """A text beside a table, and where it stands."""

    text: str
    place: Place


@dataclass(slots=True)
class Notes:
    """What the notes of a sheet say of all its rows."""

    columns: dict[str, Column] = field(default_factory=dict)
    """Columns that the notes stand for, by their fields: the same in every row."""
    problems: list[Problem] = field(default_factory=list)
    unused: list[Note] = field(default_factory=list)
    """The notes of which nothing was taken."""


def notes_of(grid: Grid, table: Table) -> list[Note]:
    """Return the texts above the headings and below the records of a table that say when: a time, a day, a date."""
    last = table.row_numbers[-1] if table.row_numbers else table.heading_row
    below = range(last + 1, min(len(grid.rows), last + _MOST_BELOW) + 1) if not table.origins else ()
    found = []
    for number in [*range(1, table.heading_row), *below]:
        row = grid.rows[number - 1]
        cells = [
            (column, plain_text(cell)) for column, cell in enumerate(row) if isinstance(cell, str) and cell.strip()
        ]
        if 0 < len(cells) <= _MOST_CELLS and any(_may_tell(text) for _, text in cells):
            line, column = grid.origins[number - 1][cells[0][0]] if grid.origins else (number - 1, cells[0][0])
            place = Place(grid.file, grid.sheet, address(line + 1, column), line + 1)
            found.append(Note(", ".join(" ".join(text.split()) for _, text in cells), place))
    return found


_MOST_BELOW = 20


def _may_tell(text: str) -> bool:
    return says_when(text) or bool(length_said(text) or _HOUR.search(text) or place_said(text))


def place_said(text: str) -> str:
    """Return the place that a note says all rows are at: "All lessons in the Annex unless noted"; "" for none."""
    found = _PLACE_OF_ALL.fullmatch(_UNLESS_SAID.sub("", text).rstrip(". "))
    return found["place"].strip() if found and not any(map(str.isdigit, found["what"])) else ""


_PLACE_OF_ALL = regex(
    r"(?:.*[.;]\s+)?(?P<what>(?:all|alle|every|each|jede[rs]?|tous|toutes|chaque|todos|todas|cada|tutt[ie]|ogni|elke|alla|"
    r"varje|hver|everything|alles|tout)\b[^.;]{0,40}?)\s(?:in|at|@|im|am|à|en|au|aux|dans|nel|nella|i|på|op|bij)\s+"
    r"(?:the\s+|der\s+|dem\s+|la\s+|le\s+|el\s+|de\s+|het\s+)?(?P<place>[^.;,]{2,40})",
    re.IGNORECASE,
)


def take_notes(
    grid: Grid, table: Table, matches: Matches, kind: SheetKind, order: Order | None = None
) -> list[Problem]:
    """Give a table the columns that the notes beside it stand for, and say so; those that nothing used are told."""
    notes = notes_of(grid, table)
    if not notes:
        return []
    timed = any(matches.column(name) for name in _TIMES) or any(
        map(_has_times, matches.columns(("start", "start_date")))
    )
    place = "location" if kind.field("location") else "room"
    placed = matches.column(place)
    wanted = [*(() if timed else ("hours",)), *(() if placed and "" not in placed.cells else (place,))]
    bounded = any(map(matches.column, _BOUNDS)) or not all(map(kind.field, _BOUNDS))
    repeating = kind.field("slot") or matches.column("repeat")
    wanted += ["except"] if repeating and not matches.column("except") else []
    found = read_notes(notes, table, kind, (*wanted, *(() if bounded else _BOUNDS)), order)
    _take_length(found, [note for note in notes if length_said(note.text)], table, matches, kind)
    untold = [
        note
        for note in found.unused
        if says_when(note.text) or place_said(note.text) or (not timed and _HOUR.search(note.text))
    ]
    found.problems += [wording.note_unused(note.place, note.text) for note in untold]
    for name, column in found.columns.items():
        if (there := matches.column(name)) is not None:
            there.cells = [own if own != "" else said for own, said in zip(there.cells, column.cells, strict=True)]
            continue
        table.columns.append(column)
        matches.all.append(Match(column, name, Certainty.LIKELY, "a note beside the table"))
    return found.problems


def _take_length(found: Notes, notes: Sequence[Note], table: Table, matches: Matches, kind: SheetKind) -> None:
    """Give rows with a start and no end how long all of them take, where a single note says it."""
    starts = [matches.column(name) for name in ("start_time", "start", "when", "hours")]
    started = [column for column in starts if column is not None]
    lasting = any(map(matches.column, ("duration", "end_time", "end", "end_date")))
    if len(notes) != 1 or len(started) != 1 or lasting or kind.field("duration") is None:
        return
    texts = [plain_text(cell) for cell in started[0].cells]
    if any(any(True for _ in spans_in(text)) for text in set(texts)):
        return
    length = length_said(notes[0].text)
    column = _column(table, "Length", length, 4)
    column.cells = [length if any(map(str.isdigit, text)) else "" for text in texts]
    found.columns["duration"] = column
    found.problems.append(wording.note_used(notes[0].place, notes[0].text, [f"the length {length}"]))
    found.unused = [note for note in found.unused if note is not notes[0]]


def length_said(text: str) -> str:
    """Return the one length that a note says of all rows: "Matches last 70 minutes"; "" for none."""
    found = _LENGTH.findall(text)
    lasting = _LASTING.search(text) and not _NOT_LASTING.search(text)
    return found[0] if len(found) == 1 and lasting and read_length(found[0]) is not None else ""


_LENGTH = regex(
    r"\b\d+(?:[.,]\d+)?\s*(?:minutes|minute|mins?|min|hours?|hrs?|h|minuten|stunden?|std|heures?|minuti|minutos|ore|horas?|minuter|minutter|minutt|minuten|timmar|timme|timer|time|uur|uren)\b",
    re.IGNORECASE,
)
_LASTING = regex(
    r"\b(?:lasts?|lasting|long|all|each|every|length|duration|\w*dauer\w*|durée|durent|durer|duración|duran|dura|"
    r"durata|durano|duur|duren|varer|varar|alle|alla|varje|hver|elke|ogni|cada|chaque|jeweils|tous|toutes|todos|todas|tutti|tutte)\b",
    re.IGNORECASE,
)
_NOT_LASTING = regex(
    r"\b(?:before|after|prior|early|earlier|late|later|break|within|notice|vor|nach|pause|avant|après|antes|después|"
    r"prima|dopo|innan|før|etter|efter)\b",
    re.IGNORECASE,
)
_TIMES = ("start_time", "end_time", "hours", "when", "end", "end_date", "period", "slot", "repeat")
"""Fields that say when a row is, or that it lasts several days: a note does not say it for them."""
_BOUNDS = ("from", "until")
_CLOCK = regex(r"\d[:h.u]\d\d|\d\s*[ap]\.?m", re.IGNORECASE)


_HOUR = regex(r"\b\d{1,2}[:hu]\d\d\b|\b\d{1,2}\s*[ap]\.?m\b", re.IGNORECASE)
"""A time of the day, which matters where rows have none."""


def _has_times(named: tuple[str, Column]) -> bool:
    cells = named[1].cells[:_LOOKED_AT]
    return any(
        (isinstance(cell, datetime) and cell.time() != time()) or (isinstance(cell, str) and _CLOCK.search(cell))
        for cell in cells
    )


_LOOKED_AT = 100


def holding_span(text: str, order: Order | None = None) -> DateSpan | None:
    """Return from when until when all rows hold, where a title says it: "Clinic plan, valid 11.01.2027 to 25.06.2027".

    ``order`` is that of day and month, where it is known.
    """
    span = span_of_dates(text, order)
    around = f"{span.before} {span.behind}" if span else ""
    if span is None or re.search(_OF_SOMETHING_ELSE, around, re.IGNORECASE):
        return None
    alone = not re.search(r"[^\W\d_]{4,}", around)
    return span if alone or re.search(_HOLDS, around, re.IGNORECASE) or names_part_of_year(span.before) else None


def read_notes(
    notes: Sequence[Note], table: Table, kind: SheetKind, open_fields: Sequence[str], order: Order | None = None
) -> Notes:
    """Return what notes say of rows that do not say it themselves: their times, the place beside them, their bounds.

    ``open_fields`` are the fields that no column has, ``order`` is that of day and month, where it is known.
    """
    found = Notes()
    place = "location" if kind.field("location") else "room"
    usual = {note: replace(note, text=_UNLESS_SAID.sub("", note.text)) for note in notes}
    telling = [note for note in notes if not re.search(_ABOUT_OTHERS, usual[note].text, re.IGNORECASE)]
    timed = [(note, spans) for note in telling if len(spans := list(spans_in(note.text))) == 1]
    used: list[Note] = []
    bounds = [(note, span) for note in telling if (span := holding_span(note.text, order)) is not None]
    if len(bounds) == 1 and set(_BOUNDS) <= set(open_fields):
        ((note, span),) = bounds
        for behind, (name, heading) in enumerate(zip(_BOUNDS, ("From", "Until"), strict=True), 2):
            found.columns[name] = _column(table, heading, getattr(span, _ENDS[name]), behind)
        found.problems.append(wording.note_used(note.place, note.text, [f"the span {span.words}"]))
        used.append(note)
    if len(timed) == 1 and "hours" in open_fields and kind.field("hours") is not None:
        said_by, (times,) = timed[0]
        found.columns["hours"] = _column(table, "Hours", times.text, 0)
        said = [f"the times {times.text}"]
        match = _PLACE.search(usual[said_by].text[times.end :])
        if match and place in open_fields:
            named = re.sub(r"^the\s+", "", match["place"].strip(), flags=re.IGNORECASE)
            found.columns[place] = _column(table, "Place", named, 1)
            said.append(f"the place “{named}”")
        found.problems.append(wording.note_used(said_by.place, said_by.text, said))
        used.append(said_by)
    placing = [(note, said) for note in notes if note not in used and (said := place_said(note.text))]
    if len(placing) == 1 and place in open_fields and place not in found.columns:
        ((note, said_place),) = placing
        found.columns[place] = _column(table, "Place", said_place, 1)
        found.problems.append(wording.note_used(note.place, note.text, [f"the place “{said_place}”"]))
        used.append(note)
    if "except" in open_fields:
        without = {note: dates for note in notes if note not in used and (dates := dates_without(note.text))}
        if without:
            found.columns["except"] = _column(table, "Except", "; ".join(without.values()), 5)
        for note, dates in without.items():
            found.problems.append(wording.note_used(note.place, note.text, [f"the dates {dates}"]))
            used.append(note)
    found.unused = [note for note in notes if note not in used]
    return found


_ENDS = {"from": "first", "until": "last"}


def dates_without(text: str) -> str:
    """Return the dates on which a note says that nothing is: "No class on 26 October", "Studio closed 5–9 April"."""
    dates = without_not_on(text)
    if dates is not None and any(map(str.isdigit, dates)):
        return dates
    closed = _CLOSED.fullmatch(text)
    if closed is None or re.search(_ABOUT_OTHER_DATES, closed["what"], re.IGNORECASE):
        return ""
    return closed["dates"] if are_dates(closed["dates"]) else ""


_CLOSED = regex(
    rf"(?P<what>[^\d:;]{{0,40}}?\b(?:{words.CLOSED})\b)[\s:,–(-]*(?:(?:from|on|is|are|be|for|vom|am|von|du|le|del|el|dal|il|van|op|"
    r"från|den|fra)\s+)*(?P<dates>[^:]*?)[\s.)]*",
    re.IGNORECASE,
)
_ABOUT_OTHER_DATES = (
    r"\b(?:regist\w+|enrol\w*|sign|anmeld\w*|inscri\w+|iscri\w+|inschrijv\w*|office|bookings?|entries|applications?|"
    r"deadline|before|after|until|by|last|first|vor|nach|bis|letzte\w*|erste\w*|avant|après|jusqu\w+|derni\w+|premi\w+|"
    r"antes|después|hasta|prima|dopo|not|never|nicht|open|except|course|kurs|camp)\b"
)
"""Words beside which a closing word says nothing of the rows: “Bookings closed 5 May”, “last class before Easter”."""


def _column(table: Table, heading: str, cell: Cell, behind: int) -> Column:
    index = max((column.index for column in table.columns), default=0) + 1 + behind
    return Column(heading, index, [cell] * len(table))


def says_when(text: str) -> bool:
    """Tell whether a text holds a span of times, a weekday or a date."""
    timed = any(True for _ in spans_in(text)) or any(map(_is_day, _words(text))) or is_data(text)
    return timed or span_of_dates(text) is not None or _names_date(text)


def _names_date(text: str) -> bool:
    """Tell whether a date stands in a text: in digits, or a day beside the name of its month."""
    if _IN_DIGITS.search(text):
        return True
    words = (match["month"] or match["first"] for match in _DAY_AND_MONTH.finditer(text))
    return any(month_of(word) is not None for word in words)


_IN_DIGITS = regex(r"(?<![\d.,])\d{1,2}[./-]\d{1,2}[./-](?:\d{4}|\d{2})(?![\d.])|\b\d{4}-\d\d-\d\d\b")
_DAY_AND_MONTH = regex(
    r"\b\d{1,2}(?:st|nd|rd|th|er|\.|º)?\s+(?:de\s+)?(?P<month>[^\W\d_]{3,})|(?P<first>[^\W\d_]{3,})\.?\s+\d{1,2}\b(?!\s*[:h])",
    re.IGNORECASE,
)


def _words(text: str) -> Iterator[str]:
    return (word for word in re.findall(r"[^\W\d_]+", text) if len(word) > 2)


def _is_day(word: str) -> bool:
    return weekday_in_any(word.removesuffix("s")) is not None
