"""Columns that say one thing together, joined into one: hour and minute; day, month and year; building and room."""

from __future__ import annotations

import re
from collections.abc import Callable, Collection, Sequence
from typing import TYPE_CHECKING

from nomarium.core.columns import wording
from nomarium.core.columns.contents import (
    holds_dates,
    holds_halves_of_the_day,
    holds_people,
    holds_times,
    holds_titles,
    holds_weekdays,
    holds_weeks_of_month,
    names_people,
)
from nomarium.core.columns.fields import TIMED_FIELDS, YEAR_HEADINGS, Field, Kind, SheetKind, heading_key
from nomarium.core.columns.matches import Certainty, Match, Matches
from nomarium.core.tables import Cell, Column, plain_text
from nomarium.core.values import (
    MONTH_NAMES,
    TITLED_FORM,
    hours_of_part,
    is_date,
    is_place_word,
    read_visibility,
    spans_in,
    weekday_in_any,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.tables import Table


def _keys(headings: str) -> frozenset[str]:
    return frozenset(map(heading_key, headings.split("|")))


def title_of_two_sides(matches: Matches, sheet: SheetKind) -> None:
    """Let two columns be the title, where none else is: of opponents, "Otters – Seals", or from where to where."""
    name = "summary" if "title" in sheet.needs else "course" if sheet.kind is Kind.LIST else ""
    if not name or not matches.open(name) or (name == "course" and not matches.open("class")):
        return
    of_events = [match for match in matches.all if match.is_free and name == "summary"]
    open_or_local = [match for match in of_events if match.field in ("", "location")]  # “Local”
    sides = _two_of(open_or_local, _HOME, _AWAY) or _two_of(open_or_local, _OURS, _THEIRS)
    ends = [match for match in matches.all if (match.is_free or match.released) and _holds_words(match.column)]
    for two, why, text in (
        (sides, "the two sides of a match", _both_sides),
        (_two_of(ends, _ORIGIN, _DESTINATION), "from where to where", _both_sides),
        (_two_of(open_or_local, _THEIRS, _HOME_OR_AWAY), "whom a match is against, and where", _in_brackets),
    ):
        if two:
            _join(matches, two, name, why, text, Certainty.LIKELY)
            return
    against = [match for match in open_or_local if heading_key(match.column.heading) in _THEIRS]
    if len(against) == 1:
        against[0].take(name, Certainty.LIKELY, "whom a match is against")


def title_of_duties(matches: Matches, sheet: SheetKind) -> None:
    """Let what somebody does and who does it be the title, "Lifeguard – Dana Cole", where no other column is."""
    if "title" not in sheet.needs:
        return
    titles = [match for match in matches.all if match.field == "summary"]
    duties = [match for match in matches.all if match.is_free and heading_key(match.column.heading) in _DUTIES]
    people = [match for match in matches.all if match.is_free and heads_people(match.column)]
    parts = [*duties, *people]
    if not len(duties) == len(people) == 1 or any(title not in parts for title in titles):
        return
    if all(match.field in ("", "summary", "location") and _holds_words(match.column) for match in parts):
        _join(matches, parts, "summary", "what somebody does, and who", _both_sides, Certainty.LIKELY)


def _two_of(matches: Sequence[Match], firsts: frozenset[str], seconds: frozenset[str]) -> list[Match]:
    found = [[one for one in matches if heading_key(one.column.heading) in side] for side in (firsts, seconds)]
    return [*found[0], *found[1]] if list(map(len, found)) == [1, 1] else []


def _holds_words(column: Column) -> bool:
    """Tell whether no filled cell of a column has a digit: names of places, and neither dates nor times."""
    cells = [cell for cell in column.distinct if cell != ""]
    return bool(cells) and all(isinstance(cell, str) and not any(map(str.isdigit, cell)) for cell in cells)


def _both_sides(cells: Sequence[str]) -> str:
    return " – ".join(filter(None, cells))


def _in_brackets(cells: Sequence[str]) -> str:
    """Return whom a match is against, and whether at home: "Rovers (H)"."""
    against, where = cells
    return f"{against} ({where})" if against and where else against


_DUTIES = _keys(
    "role|position|station|post|duty|function|job|task|assignment|rolle|funktion|aufgabe|einsatz|posten|rôle|poste|fonction|"
    "tâche|puesto|función|tarea|rol|ruolo|mansione|compito|função|tarefa|posto|functie|taak|roll|uppgift|opgave|oppgave|"
    "tehtävä|stanowisko|zadanie"
)
_PEOPLE = _keys(
    "employee|volunteer|staff|staff member|person|worker|helper|member|team member|mitarbeiter|mitarbeiterin|"
    "helfer|mitarbeiter/in|helfer/in|freiwillige|bénévole|employé|salarié|personne|voluntario|voluntaria|empleado|"
    "persona|volontario|dipendente|voluntário|funcionário|medewerker|vrijwilliger|frivillig|"
    "anställd|medarbetare|medarbejder|ansatt|pracownik|wolontariusz"
)
_NAMES = _keys("name|names|nom|nombre|nome|naam|namn|navn|nimi|imię i nazwisko|full name")


def heads_people(column: Column) -> bool:
    """Tell whether a column is headed as those who do something, or as names, with the form of people's names below."""
    key = heading_key(column.heading)
    return key in _PEOPLE or (key in _NAMES and holds_people(column))


_HOME = _keys("home|home team|host|hosts|heim|domicile|local|locales|casa|thuis|hemma|hjemme|team 1|team a")
_AWAY = _keys(
    "away|away team|visitors|visitor|guest|guests|opponent|gast|extérieur|visitante|visitantes|trasferta|uit|borta|ude|"
    "team 2|team b"
)
_OURS = _keys("team|our team|side|squad|mannschaft|équipe|equipo|squadra|equipa|lag|hold|joukkue|drużyna")
_THEIRS = _keys(
    "opponent|opponents|opposition|against|versus|vs|v|gegner|adversaire|rival|avversario|adversário|tegenstander|"
    "motståndare|motstander|modstander|vastustaja|przeciwnik|soupeř"
)
_HOME_OR_AWAY = _keys("h/a|ha|home/away|home or away|home away|h or a|heim/auswärts|dom/ext|thuis/uit|hemma/borta")
_ORIGIN = _keys("from|origin|departs from|leaves from|departure port|von|ab|de|desde|da|van|från|fra|lähtöpaikka|z")
_DESTINATION = _keys("to|destination|arrives at|arrival port|nach|à|a|hasta|naar|till|til|do")

SIDES_OF_A_MATCH = _HOME | _AWAY
"""Headings of the two sides of a match, which are no names."""
_HOURS = _keys("hour|hours|hh|hr|stunde|heure|hora|ora|uur|timme|time")
_MINUTES = _keys("minute|minutes|min|mins|mm|minuto|minuti|minuut|minut")
_ENDING = regex(r"\b(?:end|ends|finish|finishes|to|until|bis|ende|fin|hasta|fine|einde|slut)\b", re.IGNORECASE)
_DAYS = _keys("day|dd|d|day of month|tag|jour|día|dia|giorno|dag")
_MONTHS = _keys("month|mm|monat|mois|mes|mês|mese|maand|måned|månad")


def join_parts(matches: Matches, sheet: SheetKind) -> None:
    """Join hours with their minutes into times, and days with their months and years into dates."""
    if "start_time" in sheet.names:
        _join_clock(matches)
        _join_halves(matches)
    if "start_date" in sheet.names and not matches.columns(("start", "start_date", "when")):
        _join_dates(matches)
    if "repeat" in sheet.names and matches.open("repeat"):
        _join_weeks_of_months(matches)


def _join_weeks_of_months(matches: Matches) -> None:
    """Join a weekday and the weeks of the month on which it is, “1st & 3rd” beside “Tuesday”, in how it repeats."""
    weeks = [match for match in matches.all if match.is_free and holds_weeks_of_month(match.column)]
    days = [match for match in matches.all if match.field == "weekday" or holds_weekdays(match.column)]
    if len(weeks) == len(days) == 1:
        _join(matches, [weeks[0], days[0]], "repeat", "the weekday and its weeks of the month", " ".join)


def _join_halves(matches: Matches) -> None:
    """Join times with am and pm, where these stand in the column behind them."""
    by_index = {match.column.index: match for match in matches.all}
    for half in [match for match in matches.all if match.is_free and holds_halves_of_the_day(match.column)]:
        before = by_index.get(half.column.index - 1)
        timed = before is not None and before.field in ("start_time", "end_time", "start", "end")
        sparse = "" in half.column.cells  # of leave, “PM” says which half of the day
        if before is not None and timed and not (sparse and holds_dates(before.column)):
            _join(matches, [before, half], before.field, "the time and its half of the day", " ".join)


def _join_clock(matches: Matches) -> None:
    minutes = [match for match in _headed(matches, _MINUTES) if _all_below(match.column, 60)]
    for minute in minutes:
        hours = [
            match
            for match in _headed(matches, _HOURS)
            if match.column.index == minute.column.index - 1 and _all_below(match.column, 24)
        ]
        if len(hours) == 1:
            name = "end_time" if _ENDING.search(hours[0].column.heading) else "start_time"
            starts = [column for _, column in matches.columns(("start", "start_time", "when", "hours"))]
            if name == "start_time" and any(column is not hours[0].column for column in starts):
                _join(matches, [hours[0], minute], "duration", "hours and minutes", _length_text)
            elif matches.open(name) or matches.column(name) is hours[0].column:
                _join(matches, [hours[0], minute], name, "hour and minute", _clock_text)


def _join_dates(matches: Matches) -> None:
    parts = [_headed(matches, words, whole=True) for words in (_DAYS, _MONTHS, YEAR_HEADINGS)]
    days = [match for match in parts[0] if _all_below(match.column, 32)]
    if len(days) == len(parts[1]) == 1 and len(parts[2]) <= 1:
        _join(matches, [days[0], *parts[1], *parts[2]], "start_date", "day, month and year", _date_text)


def _headed(matches: Matches, words: frozenset[str], *, whole: bool = False) -> list[Match]:
    """Return the columns whose heading is one of the words, or ends in one: "Start hour"."""
    found = []
    for match in matches.all:
        key = heading_key(match.column.heading)
        if match.certainty is not Certainty.STATED and (
            key in words or (not whole and _last_word(match.column.heading) in words)
        ):
            found.append(match)
    return found


def _last_word(heading: str) -> str:
    return heading_key(heading.rsplit(maxsplit=1)[-1]) if heading.split() else ""


def _all_below(column: Column, limit: int) -> bool:
    cells = [plain_text(cell) for cell in column.distinct if cell != ""]
    return bool(cells) and all(cell.isdecimal() and int(cell) < limit for cell in cells)


def _clock_text(cells: Sequence[str]) -> str:
    hour, minute = cells
    return f"{hour}:{int(minute or 0):02}" if hour else ""


def _length_text(cells: Sequence[str]) -> str:
    hours, minutes = cells
    return f"{hours or 0}:{int(minutes or 0):02}" if hours or minutes else ""


def join_buildings(matches: Matches) -> None:
    """Let a building and the number of a room in it be one place: "SCI 210"."""
    rooms = [match for match in matches.all if match.field == "room"]
    buildings = [match for match in rooms if heading_key(match.column.heading) in _BUILDINGS]
    if len(rooms) == len(buildings) + 1 == _PAIR:
        others = [match for match in rooms if match not in buildings]
        _join(matches, [*buildings, *others], "room", "a building and a room in it", _one_text)


_PAIR = 2
_BUILDINGS = _keys(
    "building|bldg|building name|site|campus|gebäude|haus|bâtiment|bat|edificio|edifício|gebouw|byggnad|bygning|"
    "rakennus|budynek|budova|épület"
)


def _date_text(cells: Sequence[str]) -> str:
    """Write a date so that nothing of it is in doubt: the year first, or the month in words."""
    day, month, *years = cells
    if not day:
        return ""
    if month.isdecimal() and years and len(years[0]) == 4:
        return f"{years[0]}-{int(month):02}-{int(day):02}"
    return " ".join(filter(None, (day, _MONTH_NAMES.get(month.lstrip("0"), month), *years)))


_MONTH_NAMES = {str(number): name for number, name in enumerate(MONTH_NAMES, 1)}


def join_doubles(matches: Matches, sheet: SheetKind) -> None:
    """Join the columns of a field that several can say together: places by commas, texts a line each."""
    _title_among_texts(matches, sheet)
    for field in sheet.fields:
        claiming = [match for match in matches.all if match.field == field.name]
        text = _text_of_several(field, [match.column.heading for match in claiming])
        if text is not None and len(claiming) > 1:
            certainty = min((match.certainty for match in claiming), key=list(Certainty).index)
            _join(matches, claiming, field.name, "its headings", text, certainty)


def _title_among_texts(matches: Matches, sheet: SheetKind) -> None:
    """Let the first of several columns of texts be the title, where none else is and its cells are short and differ."""
    texts = sorted((match for match in matches.all if match.field == "description"), key=lambda one: one.column.index)
    if "title" not in sheet.needs or not matches.open("summary") or len(texts) < 2 or not texts[0].is_free:
        return
    cells = [plain_text(cell).strip() for cell in texts[0].column.cells]
    others_blank = any(cell == "" for match in texts[1:] for cell in match.column.cells)
    if others_blank and all(0 < len(cell) <= _LONGEST_TITLE for cell in cells) and len(set(cells)) == len(cells) > 1:
        texts[0].take("summary", Certainty.LIKELY, "its cells are short, and each row has another")


_LONGEST_TITLE = 60


_COUNTED = _keys(
    "race|heat|match|game|round|leg|fixture|session|lesson|lecture|class|training|stage|run|flight|tour|trip|sitting|"
    "meeting|workshop|webinar|module|unit|shift|slot|appointment|booking|rehearsal|rennen|lauf|spiel|runde|termin|course|"
    "manche|séance|match no|race no|heat no|game no|carrera|partido|sesión|gara|corsa|partita|lezione|"
    "wedstrijd|les|lopp|løb|"
    "kamp|match nr|spiel nr|corrida|jogo|sessão|zajęcia|mecz|závod"
)
"""Headings of the numbers by which rows go, that say what each row is."""


def title_by_number(matches: Matches, sheet: SheetKind) -> None:
    """Call rows by their numbers, where nothing else calls them: 3 below “Race”, and “Spring” beside it."""
    if "title" not in sheet.needs or not matches.open("summary"):
        return
    free = {match.column.index: match for match in matches.unused_matches()}
    numbered = [match for match in free.values() if heading_key(match.column.heading) in _COUNTED and _counts(match)]
    if len(numbered) != 1:
        return
    called = _NUMBER_WORD.sub("", numbered[0].column.heading).strip()
    before = free.get(numbered[0].column.index - 1)
    parts = [before, numbered[0]] if before is not None and holds_titles(before.column) else numbered

    def title(cells: Sequence[str]) -> str:
        *series, number = cells
        return " – ".join([*series, f"{called} {number}"]) if number else ""

    _join(matches, parts, "summary", f"the numbers by which its rows go: “{called} …”", title, Certainty.LIKELY)


def _counts(match: Match) -> bool:
    cells = [plain_text(cell).strip() for cell in match.column.cells if cell != ""]
    return len(cells) == len(set(cells)) > 1 and all(cell.lstrip("#").isdecimal() for cell in cells)


_NUMBER_WORD = regex(r"\s*(?:\bno\b\.?|\bnr\b\.?|#|\bnumber\b)\s*$", re.IGNORECASE)


def join_code(matches: Matches, code: Match, named: Match) -> None:
    """Join a code and what it is called: "ENG 101 College Writing"."""
    _join(matches, [code, named], named.field, "a code and its title", _one_text, named.certainty)


def _one_text(cells: Sequence[str]) -> str:
    return " ".join(filter(None, cells))


def people_into_texts(
    table: Table, matches: Matches, used: Collection[str], means_people: Callable[[str], bool]
) -> list[Problem]:
    """Let people for whom an event has no field stand in its text: "Nurse: Sr Mokoena"; so somebody whose tab it is.

    ``used`` are the keys of headings that a split or a pattern uses: names that another shape was read from stay with
    these alone. ``means_people`` tells whether a heading means people; of others their cells must say so.
    """
    kept = {*(used if table.origins else ()), ""}
    unused = [match for match in matches.unused_matches() if heading_key(match.column.heading) not in kept]
    people = [
        match
        for match in unused
        if names_people(match.column) or (means_people(match.column.heading) and _holds_words(match.column))
    ]
    told = [wording.people_in_text(table, match.column) for match in people]
    if tab := _somebody_by_tab(table):
        people.append(Match(Column("Person", max(one.index for one in table.columns) + 1, [tab] * len(table))))
        matches.all.append(people[-1])
        told.append(wording.tab_in_text(table, tab))
    texts = [match for match in matches.all if match.field == "description" and match.is_free]
    if not people or (not texts and not matches.open("description")):
        return []
    headings = [match.column.heading for match in people]

    def text(cells: Sequence[str]) -> str:
        named = zip(headings, cells[len(texts) :], strict=True)
        return "\n".join(filter(None, (*cells[: len(texts)], *(f"{whose}: {name}" for whose, name in named if name))))

    _join(matches, [*texts, *people], "description", "its cells hold people", text, Certainty.LIKELY)
    table.derived.append(matches.all[-1].column)
    return told


def _somebody_by_tab(table: Table) -> str:
    """Return the name of a sheet’s tab where it is somebody’s, "Mr Hale", and stands in no cell; "" for any other."""
    tab = table.sheet or ""
    return tab if TITLED_FORM.fullmatch(tab) and not any(tab in column.distinct for column in table.columns) else ""


def _text_of_several(field: Field, headings: Sequence[str]) -> Callable[[Sequence[str]], str] | None:
    """Return what makes one text of the cells below several headings of a field; None where only one can be it."""
    if field.name == "visibility":
        return _most_private
    if field.joint == "\n":
        return lambda cells: "\n".join(f"{name}: {cell}" for name, cell in zip(headings, cells, strict=True) if cell)
    return (lambda cells: field.joint.join(dict.fromkeys(filter(None, cells)))) if field.joint else None


def _most_private(cells: Sequence[str]) -> str:
    """Return the cell that lets the fewest see: "True" of Private beside "Normal" of Sensitivity."""
    ranks = [_PRIVACY[read_visibility(cell, "Private")] for cell in cells]
    return cells[ranks.index(max(ranks))]


_PRIVACY = {"": 0, "PUBLIC": 1, "PRIVATE": 2, "CONFIDENTIAL": 3, None: 4}
"""What is no such word comes first: it is refused."""


def part_times_and_words(matches: Matches, sheet: SheetKind) -> None:
    """Part the column whose cells hold times and words in two: "7.30–9.30pm, Long Hall".

    It is headed as times, or is the one open column of that form where none is. The words are places where the heading
    says so or they look so, else a description.
    """
    if not {"hours", "location", "description"} <= set(sheet.names):
        return
    timed = [match for match in matches.all if match.field in TIMED_FIELDS]
    found = [match for match in timed or matches.unused_matches() if _holds_times_and_words(match.column)]
    if len(found) != 1 or len(timed) > 1 or found[0].field not in ("", "hours", "start_time"):
        return
    match = found[0]
    if any(holds_times(other.column) for other in matches.unused_matches() if other is not match):
        if match.field:  # a column of times alone says when: “Class meeting time” beside “Exam time”
            match.release()
        return
    parts = [_time_and_words(plain_text(cell)) for cell in match.column.cells]
    words: list[Cell] = [rest for _, rest in parts]
    said = re.findall(r"[^\W\d_]+", match.column.heading.casefold())
    placed = not _PLACES.isdisjoint(said) or _mostly([is_place_word(str(one)) for one in words if one])
    name = next(filter(matches.open, ("location", "description") if placed else ("description",)), "")
    if not name:
        return
    why = "its cells hold times and words"
    match.column.cells = [span for span, _ in parts]
    if not match.field:
        match.take("hours", Certainty.LIKELY, why)
    matches.all.append(Match(Column(match.column.heading, match.column.index, words), name, Certainty.SURE, why))


def _mostly(held: Sequence[bool]) -> bool:
    return sum(held) * 2 > len(held)


_PLACES = frozenset(
    "where place venue location room ort wo raum lieu où salle lugar dónde donde luogo dove plaats waar sted hvor "
    "plats var".split()
)


def _holds_times_and_words(column: Column) -> bool:
    texts = [plain_text(cell) for cell in column.distinct if cell != ""]
    parts = [_time_and_words(text) for text in texts]
    words = [rest for _, rest in parts if rest]
    days = any(is_date(rest) or weekday_in_any(rest.split()[0].strip(".,")) is not None for rest in words)
    return bool(parts) and all(span for span, _ in parts) and len(words) * 2 > len(parts) and not days


def _time_and_words(text: str) -> tuple[str, str]:
    """Return the one span of times of a text, and its other words; nothing where it has none or several."""
    spans = list(spans_in(text))
    if len(spans) != 1:
        return "", ""
    if hours_of_part(text):  # “Morning (9–12)” says nothing more
        return spans[0].text, ""
    return spans[0].text, f"{text[: spans[0].start]} {text[spans[0].end :]}".strip(" ,;:/|@·–-()\n")


def _join(
    matches: Matches,
    parts: Sequence[Match],
    name: str,
    why: str,
    text: Callable[[Sequence[str]], str],
    certainty: Certainty = Certainty.SURE,
) -> None:
    """Put a column made of several in their place."""
    rows = zip(*(part.column.cells for part in parts), strict=True)
    cells: list[Cell] = [text([plain_text(cell).strip() for cell in row]) for row in rows]
    column = Column(", ".join(part.column.heading for part in parts), parts[0].column.index, cells)
    for part in parts:
        part.take(f"part of {name}", Certainty.SURE, why)
    matches.all.append(Match(column, name, certainty, why))
