"""Events whose title or remark says that they are called off: "Choir (cancelled)", "POSTPONED" below Notes."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Iterator, Sequence
from typing import TYPE_CHECKING

from nomarium.core.sources import wording
from nomarium.core.tables import Column, LeftOut, Table, plain_text
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.problems import Problem
    from nomarium.core.sources.details import Details
    from nomarium.core.sources.event_sheet import EventSheet

_WORD = (
    r"(?:cancell?ed|called off|postponed|abgesagt|verschoben|entfällt|fällt aus|annulée?s?|reportée?s?|supprimée?s?|"
    r"cancelad[oa]s?|suspendid[oa]s?|aplazad[oa]s?|annullat[oaie]|rinviat[oaie]|sospes[oaie]|adiad[oa]s?|afgelast|"
    r"geannuleerd|uitgesteld|inställ[td]a?|uppskjuten|avlyst|utsatt|aflyst|udsat|peruttu|peruutettu|siirretty|odwołan[eya]|"
    r"przełożon[eya]|zrušen[oaý]?|odloženo|elmarad|elhalasztva|iptal|ertelendi)"
)
_IN_REMARK = regex(
    rf"\W*{_WORD}(?:\W*$|\s*[-–—:,;.(!]|\s+(?:due|because|owing|until|till|to|by|wegen|bis|auf|durch|pour|à|au|jusqu.au|"
    r"por|hasta|a|per|fino|vanwege|tot|pga|på grund|til)\b)",
    re.IGNORECASE,
)
"""What begins a remark and says no more than why or until when; “postponed from 6 Feb” is of the new date."""
_IN_TITLE = regex(
    rf"\s*[(\[*]*{_WORD}[)\]*]*\s*(?:[:–—!-]|$)|.*\s(?:[–—-]\s*{_WORD}|[(\[*]+{_WORD}[)\]*]+)\W*$", re.IGNORECASE
)


_MOVED = regex(
    r"\W*(?:new date|moved to|now on|rescheduled|rearranged|verlegt (?:auf|nach)|neuer termin|neues datum|"
    r"reporté au|déplacé au|nouvelle date|trasladad[oa] al?|nueva fecha|spostat[oa] al?|nuova data|"
    r"verplaatst naar|nieuwe datum|flyttad? til|nytt datum|ny dat[oe])\b.*\d",
    re.IGNORECASE,
)
"""A remark that names another day."""


def moved(table: Table, matches: Matches) -> Iterator[Problem]:
    """Warn of remarks that say that an event is moved: it is given out on the day that its date says."""
    for column in _remarks(matches):
        if telling := list(_telling(column, _MOVED, _STEMS_OF_MOVES)):
            text = plain_text(column.cells[telling[0]])
            yield wording.moved(table.cell_place(telling[0], column), text, len(telling))


def call_off(table: Table, matches: Matches, details: Details) -> Iterator[Problem]:
    """Give events that are called off by their words, and have no status of their own, that of a cancelled one.

    A warning names the first, and what was read so.
    """
    statuses = list(details.columns.get("status", [""] * len(table)))
    said: Counter[str] = Counter()
    first: tuple[int, Column] | None = None
    for column, form in _columns(matches):
        for record in _telling(column, form, _STEMS):
            if not statuses[record]:
                statuses[record] = "CANCELLED"
                said[plain_text(column.cells[record])] += 1
                first = first or (record, column)
    if first is not None:
        details.columns["status"] = statuses
        yield wording.called_off(table.cell_place(*first), said)


_STEMS = tuple(
    "cancel|called off|postpon|abgesagt|verschob|entfällt|fällt aus|annul|report|supprim|suspend|aplazad|rinviat|"
    "sospes|adiad|afgelast|geannul|uitgesteld|inställ|uppskjut|avlyst|utsatt|aflyst|udsat|peru|siirretty|odwołan|"
    "przełoż|zrušen|odlož|elmarad|elhalaszt|iptal|ertelen".split("|")
)
_STEMS_OF_MOVES = tuple(
    "new date|moved|now on|rescheduled|rearranged|verlegt|neue|report|déplac|nouvelle|traslad|nueva|spostat|nuova|"
    "verplaatst|nieuwe|flytta|nytt|ny dat".split("|")
)
"""What any of the words holds: most sheets hold none, and are then looked through just once."""
_AT_ONCE, _NEAR = 5_000, 24


def _telling(column: Column, form: re.Pattern[str], stems: Sequence[str]) -> Iterator[int]:
    """Yield the records whose cells have a form; only cells with one of some stems near their beginning can have it."""
    within = None if form is _IN_TITLE else _NEAR
    for begin in range(0, len(column.cells), _AT_ONCE):
        cells = column.cells[begin : begin + _AT_ONCE]
        texts = [cell[:within] if type(cell) is str else "" for cell in cells]
        whole = "\n".join(texts).casefold()
        if any(stem in whole for stem in stems):
            yield from (
                record for record, cell in enumerate(cells, begin) if cell != "" and form.match(plain_text(cell))
            )


def _columns(matches: Matches) -> Iterator[tuple[Column, re.Pattern[str]]]:
    if (titles := matches.column("summary")) is not None:
        yield titles, _IN_TITLE
    yield from ((column, _IN_REMARK) for column in _remarks(matches))


def _remarks(matches: Matches) -> list[Column]:
    """Return the columns that may hold a remark: descriptions, and those that have no field."""
    described = [column for _, column in matches.columns(("description",))]
    return [*described, *(match.column for match in matches.unused_matches())]


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


def leave_out_idle(sheet: EventSheet, details: Details, all_day: Sequence[int]) -> set[int]:
    """Leave out the rows on which nothing is on, and name them."""
    idle = [record for record in _not_running(details.summaries, all_day) if record not in sheet.refused]
    if idle:
        sheet.left_out[LeftOut.NOT_RUNNING] += len(idle)
        titles = Counter(details.summaries[record] for record in idle)
        named = sheet.matches.column("summary")
        place = sheet.table.cell_place(idle[0], named) if named else sheet.moment_place(idle[0])
        sheet.problems.append(wording.nothing_on(place, titles))
    return set(idle)


_IS_NOT_ON = regex(
    r"(?:(?:[\w’' ]{2,30} )?(?:half[- ]?term|holidays?|break|vacation|easter|christmas|\w*ferien|vacances|vacaciones|"
    r"vacanze|\w*vakantie|\w*lov|\w*ferie)(?:\s[–—-]\s|\s?[,:(]\s?))?(?:no|kein\w*|pas de|sin|nessun\w*|geen|ingen)\s+"
    r"(?:meetings?|class(?:es)?|lessons?|sessions?|rehearsals?|"
    r"practice|training|club|choir|treffen|kurs|unterricht|probe|cours|séance|réunion|clases?|reunión|lezione|les|repetitie|möte|"
    r"møde|træning|träning)\b",
    re.IGNORECASE,
)
"""What the title of a row with times says where nothing is on: “No meeting – half term”, “Half term (no meeting)”."""
_BYE_WORDS = (
    "bye", "bye week", "spielfrei", "exempt", "exempte", "descansa", "descanso", "riposa", "riposo", "spilfri",
    "spillefri", "folga",
)  # fmt: skip
_IS_A_BYE = regex(r"(?:.+ (?:–|-|vs?\.?) )?(?:{})(?: (?:–|-|vs?\.?) .+)?".format("|".join(_BYE_WORDS)), re.IGNORECASE)
"""What the title says where a team does not play: “Herons – BYE”."""
_TWO_SIDES = regex(r"\S (?:–|-|vs?\.?) \S|\S \((?:h|a|home|away)\)$", re.IGNORECASE | re.MULTILINE)
