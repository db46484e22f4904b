"""Which columns of a list say what meets, and who: the class, the course, the teacher."""

from __future__ import annotations

import re

from nomarium.core.columns.contents import (
    holds_amounts,
    holds_codes,
    holds_days_and_times,
    holds_people,
    holds_titles,
    holds_weekdays,
    what_meets,
)
from nomarium.core.columns.fields import SheetKind, heading_key
from nomarium.core.columns.joined import join_code
from nomarium.core.columns.matches import Certainty, Match, Matches
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import looks_like_place, names_part_of_year
from nomarium.lazily import regex


def codes_apart(matches: Matches, sheet: SheetKind) -> None:
    """Of two columns of one field, let that with codes be the field that codes are of, else stand before the other."""
    for field_ in sheet.fields:
        if field_.codes:
            _number_of_subject(matches, field_.name)
        claiming = [match for match in matches.all if match.field == field_.name]
        coded = [match for match in claiming if holds_codes(match.column)]
        if not field_.codes or len(claiming) != 2 or len(coded) != 1:
            continue
        if matches.open(field_.codes):
            coded[0].field, coded[0].why = field_.codes, "its heading, with codes below it"
        else:
            join_code(matches, coded[0], next(match for match in claiming if match is not coded[0]))


def _number_of_subject(matches: Matches, name: str) -> None:
    """Join the short name of a subject and its number into one code, where a title stands beside: "BIO", "101"."""
    claiming = [match for match in matches.all if match.field == name]
    short = [match for match in claiming if _holds_all(match.column, _SHORT_NAME)]
    numbers = [match for match in claiming if match not in short and holds_codes(match.column)]
    if len(claiming) == len(short) + len(numbers) + 1 and len(short) == len(numbers) == 1:
        join_code(matches, short[0], numbers[0])


_SHORT_NAME = regex(r"[A-ZÄÖÜ&]{2,6}")


def _holds_all(column: Column, form: re.Pattern[str]) -> bool:
    texts = [plain_text(cell).strip() for cell in column.distinct if cell != ""]
    return bool(texts) and all(form.fullmatch(text) for text in texts)


def _people_by_form(matches: Matches, sheet: SheetKind) -> None:
    """Let the only column of people's names, by their form, be who teaches, where no heading says who does."""
    if "teacher" not in sheet.names or not matches.open("teacher") or matches.open("day"):
        return
    fitting = [match for match in matches.unused_matches() if holds_people(match.column)]
    if len(fitting) == 1:
        fitting[0].take("teacher", Certainty.LIKELY, "its cells have the form of people’s names")


def meetings_named(matches: Matches, sheet: SheetKind) -> None:
    """Find what meets, where days and clock times say when and no heading says what."""
    _people_by_form(matches, sheet)
    _no_periods(matches)
    _units_of_study(matches)
    _places_of_divisions(matches)
    _sessions_of_the_day(matches)
    _counted_classes(matches, sheet)
    _counted_by_heading(matches, sheet)
    _groups_of_courses(matches)
    _lessons_and_no_rooms(matches)
    slots = matches.column("slot")
    wanted = {"class", "course"} <= set(sheet.names) and matches.open("class")
    if not wanted or not (slots or matches.column("day")):
        return
    if not _numbers_parts_of_courses(matches) and _take_sure(matches, "group", "no other column names the class"):
        return
    if not matches.open("course"):
        _classes_by_homeroom(matches)
        return
    says_both = slots is not None and holds_days_and_times(slots)
    timed = says_both or not all(map(matches.open, ("start", "hours", "period")))
    if timed and not _take_sure(matches, "team", "nothing else says what meets"):
        _courses_by_words(matches)
        _classes_by_level(matches)


def _numbers_parts_of_courses(matches: Matches) -> bool:
    """Tell whether groups are but numbers or letters beside courses, “1”, “2”, “All”: none is the name of a class."""
    groups, courses = matches.column("group"), matches.column("course")
    texts = {plain_text(cell).strip().casefold() for cell in groups.cells} - {""} if groups and courses else set()
    return bool(texts) and all(_PART_OF_COURSE.fullmatch(text) for text in texts)


_PART_OF_COURSE = regex(
    r"(?:group |gruppe |groupe |grupo |gruppo |g)?(?:\d{1,2}|[a-z])|all|alle|tous|todos|tutti|everyone|whole class"
)


def _take_sure(matches: Matches, field: str, why: str) -> bool:
    """Let the only column that is surely headed as a field be the class; tell whether there is one."""
    headed = [match for match in matches.all if match.field == field and match.certainty is Certainty.SURE]
    if len(headed) == 1:
        headed[0].take("class", Certainty.LIKELY, why)
    return len(headed) == 1


def _courses_by_words(matches: Matches) -> None:
    """Let the only words left, else the students whose lessons they are, be what meets."""
    periods = [match for match in matches.all if match.field == "period" and match.certainty is Certainty.SURE]
    unused = matches.unused_matches()
    found = what_meets([match.column for match in periods], [match.column for match in unused])
    for match in [*periods, *unused]:
        if match.column is found and match.field:
            match.certainty, match.why = Certainty.LIKELY, "clock times say when, and nothing else says what"
        elif match.column is found:
            match.certainty, match.why = Certainty.DOUBTFUL, "the only column of words left"
        if match.column is found:
            match.field = "course"
    if found is None and (student := matches.column("student")) is not None:
        matches.all.append(Match(student, "course", Certainty.LIKELY, "nothing else says what meets"))


def _classes_by_level(matches: Matches) -> None:
    """Let “Level” with several below it, a part of a school elsewhere, be what meets, where nothing else is."""
    levels = [match for match in matches.all if match.field == "division" and says_levels(match.column)]
    if matches.open("course") and len(levels) == 1 and levels[0].is_free:
        levels[0].take("class", Certainty.LIKELY, "nothing else says what meets")


def says_levels(column: Column) -> bool:
    """Tell whether a column is headed as levels, and has several."""
    return heading_key(column.heading) in _LEVELS and len(set(column.distinct) - {""}) > 1


_LEVELS = frozenset(
    map(
        heading_key,
        "level|levels|stage|stages|year group|key stage|niveau|stufe|nivel|livello|nível|nivå".split("|"),
    )
)


def _groups_of_courses(matches: Matches) -> None:
    """Let what may mean a class or a course be the course, where codes of classes or groups stand beside it."""
    groups = [match for match in matches.all if match.field == "group" and match.certainty is Certainty.SURE]
    classes = [match for match in matches.all if match.field == "class" and match.certainty is Certainty.SURE]
    either = [match for match in classes if heading_key(match.column.heading) in _EITHER]
    if len(either) != 1 or not matches.open("course"):
        return
    numbered = [match for match in classes if _NUMBERED.search(match.column.heading) and holds_codes(match.column)]
    if len(numbered) == 1 and numbered != either:
        either[0].field, either[0].why = "course", "its heading, beside codes of classes"
    elif len(groups) == 1:
        groups[0].field, groups[0].why = "class", "its heading, beside a course"
        either[0].field, either[0].why = "course", "its heading, beside groups"


_EITHER = frozenset(map(heading_key, "curso|kurs|kurse|corso|kursus|cursus|kurssi|kurz|kurzus".split("|")))
"""Headings of courses as well as of classes."""
_NUMBERED = regex(r"(?:nr|no|n°|num(?:m?er|ber|éro|ero)|code|id|ref|crn)\.?$", re.IGNORECASE)


def _counted_classes(matches: Matches, sheet: SheetKind) -> None:
    """Let “Classes” with numbers below it be how often it meets, where another column says what does."""
    if "count" not in sheet.names or not matches.open("count"):
        return
    named = [match for match in matches.all if match.field == "course"]
    for match in matches.all:
        plural = match.field == "class" and heading_key(match.column.heading) in _COUNTED
        if plural and match.is_free and holds_amounts(match.column) and (named or _holds_words(matches, match)):
            match.take("count", Certainty.LIKELY, "its heading, with numbers below it")


def _counted_by_heading(matches: Matches, sheet: SheetKind) -> None:
    """Let “Nº de sesiones” with numbers below it be how often it meets, where rows have their first day."""
    if "count" not in sheet.names or not matches.open("count") or matches.open("from"):
        return
    for match in matches.unused_matches():
        bare = heading_key(match.column.heading) in _HOW_MANY and matches.open("until")
        if (bare or _NUMBER_OF.match(match.column.heading)) and holds_amounts(match.column):
            match.take("count", Certainty.LIKELY, "its heading, with numbers below it")
            return


_HOW_MANY = frozenset(
    map(heading_key, "anzahl|aantal|antal|antall|nombre|quantità|cantidad|quantidade|počet|liczba".split("|"))
)
"""What counts meetings beside a first day, where nothing says the last."""
_NUMBER_OF = regex(
    r"(?:n[.ºo°]{1,2}|nr\.?|num(?:ber|éro|ero|ăr(?:ul)?|ar|de)?|broj|število|liczba|počet|количество|число|кількість|брой|αριθμός|"
    r"antal[lg]?|aantal|anzahl|nombre|arv|skaits|skaičius|jumlah|số)\s+(?!weeks?\b|wochen|semaines|semanas|settimane|weken|veckor|"
    r"uger|uker|seats?|places?|pl[aä]tz|plazas|vagas|posti|alumnos|students?|pupils?|people|personen)\w",
    re.IGNORECASE,
)
"""Words for a number of meetings, and not of weeks or of people."""


def _lessons_and_no_rooms(matches: Matches) -> None:
    """Let “Aula”, a room in Spain and a lesson in Portugal, be what meets, where nothing else is and it is no room."""
    aulas = [match for match in matches.all if match.field == "room" and heading_key(match.column.heading) in _AULAS]
    if len(aulas) != 1 or not (matches.open("course") and matches.open("class")) or not aulas[0].is_free:
        return
    texts = [plain_text(cell) for cell in aulas[0].column.distinct if cell != ""]
    if texts and not any(looks_like_place(text) or any(map(str.isdigit, text)) for text in texts):
        aulas[0].take("course", Certainty.LIKELY, "nothing else says what meets, and no room stands below it")


_AULAS = frozenset(map(heading_key, ("aula", "aulas")))


def _holds_words(matches: Matches, beside: Match) -> bool:
    """Tell whether a column that is not used holds words."""
    return any(match is not beside and holds_titles(match.column) for match in matches.unused_matches())


_COUNTED = frozenset(map(heading_key, "classes|clases|cours|klassen|lezioni|lessen|aulas".split("|")))


def _units_of_study(matches: Matches) -> None:
    """Let a “Unit” with codes below it be the course beside classes: NAV101, and no part of a school."""
    units = [
        match for match in matches.all if match.field == "division" and heading_key(match.column.heading) in _UNITS
    ]
    if len(units) == 1 and matches.open("course") and not matches.open("class") and holds_codes(units[0].column):
        units[0].take("course", Certainty.LIKELY, "codes of units below it")


_UNITS = frozenset(map(heading_key, "unit|units|unit code".split("|")))


def _sessions_of_the_day(matches: Matches) -> None:
    """Let a “Session” with parts of the day, or titles, below it be what meets, and no term, where nothing else is."""
    sessions = [match for match in matches.all if match.field == "term" and _names_no_term(match.column)]
    if len(sessions) == 1 and matches.open("course") and matches.open("class"):
        sessions[0].take(
            "course",
            Certainty.LIKELY,
            "parts of the day below it" if _of_the_day(sessions[0].column) else "its words are no terms",
        )


def _names_no_term(column: Column) -> bool:
    """Tell whether a column headed as sessions has parts of the day below it, or titles that name no part of a year."""
    texts = [str(cell).strip() for cell in column.distinct if cell != ""]
    sessions = heading_key(column.heading) in _SESSIONS and holds_titles(column)
    return _of_the_day(column) or (sessions and not any(map(names_part_of_year, texts)))


_SESSIONS = frozenset(map(heading_key, ("session", "sessions")))


def _of_the_day(column: Column) -> bool:
    cells = [str(cell).strip().casefold() for cell in column.cells if cell != ""]
    return bool(cells) and all(cell in _PARTS_OF_DAY for cell in cells)


_PARTS_OF_DAY = frozenset(
    "am|pm|a.m.|p.m.|morning|mornings|noon|lunch|lunchtime|midday|afternoon|afternoons|evening|evenings|night|early|late|"
    "vormittag|nachmittag|abend|matin|après-midi|soir|mañana|tarde|noche|mattina|pomeriggio|sera|ochtend|middag|avond".split(
        "|"
    )
)


def _places_of_divisions(matches: Matches) -> None:
    """Let names of schools, sites or stages be where something is, where no column says that and rows have clock times.

    A stage is no part of a school; schools and sites may be that, too.
    """
    divisions = [match for match in matches.all if match.field == "division" and not holds_amounts(match.column)]
    timed = not (matches.open("start") and matches.open("hours") and matches.open("slot"))
    if len(divisions) != 1 or not matches.open("room") or not timed:
        return
    key, why = heading_key(divisions[0].column.heading), "no other column names the place"
    if key == "stage":
        divisions[0].take("room", Certainty.LIKELY, why)
    elif key in _SITES:
        matches.all.append(Match(divisions[0].column, "room", Certainty.LIKELY, why))


_SITES = frozenset(
    map(
        heading_key,
        "school|site|campus|branch|centre|center|schule|école|escuela|scuola|sede|sitio|locatie|vestiging".split("|"),
    )
)


def _classes_by_homeroom(matches: Matches) -> None:
    """Let the homerooms that courses are for be the classes, too, where no other column names these."""
    homes = [match for match in matches.all if match.field == "team" and heading_key(match.column.heading) in _HOMES]
    if len(homes) == 1:
        why = "no other column names the class"
        matches.all.append(Match(homes[0].column, "class", Certainty.LIKELY, why))


_HOMES = frozenset(
    map(heading_key, "homeroom|home room|tutor group|tutor class|advisory|registration group".split("|"))
)


def _no_periods(matches: Matches) -> None:
    """Let a column headed as periods, below which none stands, say what meets where clock times say when."""
    periods = matches.column("period")
    if periods is None or (matches.open("start") and matches.open("hours")):
        return
    if what_meets([periods], []) is None or not matches.open("class") or holds_weekdays(periods):
        return
    field = "class" if not matches.open("course") else "course" if not matches.open("group") else ""
    for match in matches.all:
        if match.column is periods and field:
            match.take(field, Certainty.LIKELY, "clock times say when, and it is no period")
