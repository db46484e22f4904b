"""Whose timetable a grid is: from its caption, its sheet's name, and what other sheets prove."""

from __future__ import annotations

import re
from collections.abc import Iterable, Sequence
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import Headings, Kind, is_caption
from nomarium.core.kinds import TIMETABLE_SHEET
from nomarium.core.values import (
    CLASS_FORM,
    PERSON_FORM,
    TITLED_FORM,
    is_place_name,
    is_place_word,
    names_part_of_year,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sheets import Known

_KINDS = {
    "teacher": "teacher|instructor|tutor|staff|lehrer|lehrerin|lehrkraft|prof(?=\\s*:)|professor|professeur|enseignant|"
    "profesor|profesora|docente|insegnante|leraar|docent|lærer|lärare",
    "class": "class|form|section|klasse|classe|clase|grupo|turma|klas|klass|year group|group",
    "room": "room|shop|raum|salle|aula|sala|lokaal|lokale|rom",
    "student": "student|pupil|apprentice|schüler|schülerin|élève|alumno|alumna|studente|aluno|leerling|elev",
}
OWNERS = tuple(_KINDS)
"""What a grid may be the timetable of."""
_LABELLED = regex("|".join(rf"(?P<{name}>(?:{words})\b\s*[:.–-]?\s*)" for name, words in _KINDS.items()), re.IGNORECASE)
_BEHIND = regex(
    r"(?P<name>[^\W\d_][\w ]{0,30}?)\s+(?:"
    + "|".join(rf"(?P<{kind}>{words})" for kind, words in _KINDS.items() if kind in ("class", "room"))
    + ")",
    re.IGNORECASE,
)
"""A name with its label behind it: “Oak class”, “Keel Room”."""
_NO_NAME = regex(
    r"(?:group|class|team|room)\s+(?:fitness|exercise|training|lessons?|classes|tuition|activities|work|therapy|sessions?|"
    r"times?|time ?tables?|schedules?|plans?|rotas?|lists?|bookings?|allocations?|hire|use|usage)\b",
    re.IGNORECASE,
)
"""What begins with a label, and names nobody: “Group fitness”."""
_PARTS = regex(r"\s+[–—|/-]\s+|\s*,\s+")
_AROUND = regex(
    r"\b(?:weekly |cycle |class )?(?:timetable|time table|schedule|stundenplan|emploi du temps|horario|orario|horário|"
    r"lesrooster|rooster|skema|timeplan|schema|plan lekcji|rozvrh(?: hod[ií]n)?|órarend(?:je)?|"
    r"lukujärjestys|ders programı|raspored(?: sati)?|urnik|orarul|orar|"
    r"plan zajęć|расписание(?: уроков)?|розклад(?: уроків)?|(?:седмично )?разписание|"
    r"(?:ωρολόγιο )?πρόγραμμα|tunniplaan|"
    r"stundu saraksts|tvarkaraštis|stundaskrá|amserlen|ordutegia|jadwal(?: pelajaran)?|thời khóa biểu|horari|جدول|"
    r"מערכת שעות)\b"
    r"(?:\s+(?:of|for|der|des|für|de la|de|del|della|di|do|da|van|voor|til|för))?\s*[:–-]?"
    r"|(?:時間割|课程表|課表|課程表|时间表|시간표)表?",
    re.IGNORECASE,
)
_DIVISION = regex(r"division\s*[:–-]?\s*(.+)", re.IGNORECASE)


_WEEK = regex(
    r"(?:week|woche|semaine|semana|settimana|uge|uke|vecka)\s*[:–-]?\s*(\w)|(\w)[- ]?(?:week|woche)", re.IGNORECASE
)


def week_of(captions: Sequence[str]) -> str:
    """Return the letter of the week that a caption names: "Week A" and "A-Woche" are "A"; "" for none."""
    found = (match for caption in captions if (match := _WEEK.fullmatch(" ".join(caption.split()))))
    match = next(found, None)
    return (match[1] or match[2]).upper() if match else ""


class Owner(NamedTuple):
    """Whose grid it is: "teacher", "class", "room", "student" or "" where that is not known, and the name."""

    kind: str
    name: str
    division: str = ""
    teacher: str = ""
    """Who teaches all of a class's lessons, where the caption says so: “Oak class – Miss Bee”."""


def owner_of(captions: Sequence[str], fallback: str, each: str, known: Known, divisions: Iterable[str]) -> Owner:
    """Return whose grid it is. ``captions`` stand above it, the nearest first; ``fallback`` is the sheet's name."""
    texts, division = _names_above(captions, divisions)
    texts = [text for text in [*texts, fallback] if text and not is_caption(_bare(text), Kind.GRID)]
    for text in texts:
        match = _LABELLED.match(text) if not _NO_NAME.match(text) else None
        if match and match.lastgroup and match.end() < len(text):
            return Owner(match.lastgroup, _name(text, match, known), division)
    if (labelled := _label_behind(texts)) is not None:
        return labelled._replace(division=division)
    for text in texts:
        kinds = known.kinds(text) & set(_KINDS)
        if each in kinds or len(kinds) == 1:
            return Owner(each if each in kinds else kinds.pop(), text, division)
    for text in texts if not each else ():
        bare = _bare(text)
        parts = [one for one in _PARTS.split(bare) if one]
        named = [(kind, one) for one in parts for kind, form in _FORMS.items() if form.fullmatch(one)]
        if len(parts) > 1 and len(named) == 1:
            return Owner(*named[0], division)
        forms = [(kind, bare) for kind, form in _FORMS.items() if form.fullmatch(bare)] or _named_within(bare)
        if not forms and is_place_name(bare):
            forms = [("room", bare)]
        if len(forms) == 1:
            return Owner(*forms[0], division)
    return Owner(each, texts[0] if texts else "", division)


def _names_above(captions: Sequence[str], divisions: Iterable[str]) -> tuple[list[str], str]:
    """Return the captions that may say whose a grid is, and the division that one of them names."""
    by_key = {name.casefold(): name for name in divisions}
    texts, division = [], ""
    for caption in captions:
        match = _DIVISION.fullmatch(caption.strip())
        named = by_key.get((match[1] if match else caption).strip().casefold())
        if named:
            division = named
        elif not _WEEK.fullmatch(" ".join(caption.split())) and not is_caption(bare := _bare(caption), Kind.GRID):
            texts.append(bare)
    return texts, division


def _bare(caption: str) -> str:
    """Return a caption without the word for a timetable and the year that it is of: "Class 1A timetable 2026/27"."""
    if len(caption) > _LONGEST_CAPTION:
        return caption
    bare = _AROUND.sub("", " ".join(caption.split())).strip(" :–-")
    undated = _OF_TERM.sub("", _OF_YEAR.sub("", bare)).strip(" :–-,")
    return undated if undated.casefold() not in _LABELS else bare


_LONGEST_CAPTION = 300


_OF_YEAR = regex(
    r"(?:[\s–—|/,(-]*\b(?:school year|academic year|year|schuljahr|sj|année(?: scolaire)?|"
    r"curso(?: escolar| académico)?|"
    r"año(?: escolar| lectivo)?|anno(?: scolastico)?|a\.? ?s\.?|"
    r"ano(?: letivo)?|schooljaar|läsår|läsåret|skoleår|skoleåret|"
    r"lukuvuosi|rok szkolny|školní rok|tanév)\s*[:–-]?\s*)?"
    r"\(?\b20\d\d(?:\s*[-–/]\s*(?:20)?\d\d)?\b\)?$",
    re.IGNORECASE,
)
_OF_TERM = regex(
    r"[\s–—|/,(-]+(?:(?:term|semester|semestre|trimester|trimestre|quarter|halbjahr|termin|periodo|período)\s*\d|"
    r"(?:autumn|spring|summer|winter|fall|michaelmas|lent|hilary|trinity)(?: term)?|"
    r"\d\.?\s*(?:halbjahr|semester|trimester))\s*\)?$",
    re.IGNORECASE,
)
_LABELS = frozenset(word for known in _KINDS.values() for word in known.split("|")) | {""}


def _label_behind(texts: Iterable[str]) -> Owner | None:
    """Return whose grid it is where a caption says so behind a name: "Oak class – Miss Bee"."""
    for text in texts:
        first, *others = _PARTS.split(text)
        match = _BEHIND.fullmatch(first)
        if match and match.lastgroup:
            people = [other for other in others if TITLED_FORM.fullmatch(other)]
            teacher = people[0] if match.lastgroup == "class" and len(people) == len(others) == 1 else ""
            return Owner(match.lastgroup, match["name"].strip(), teacher=teacher)
    return None


def teacher_by_cells(name: str, cells: Sequence[str]) -> bool:
    """Tell whether what stands above a grid is a teacher's: it has the form of a name, and most cells name classes."""
    called = PERSON_FORM.fullmatch(name) is not None and not all(map(Headings(TIMETABLE_SHEET), name.split()))
    called = called and not names_part_of_year(name) and not is_place_word(name)
    classes = [cell for cell in cells if any(_are_classes(line) for line in cell.splitlines())]
    return called and len(classes) * 2 > len(cells)


def _are_classes(line: str) -> bool:
    return all(CLASS_FORM.fullmatch(part) for part in re.split(r"\s*[/,;+&]\s*", line.strip()))


_FORMS = {"class": CLASS_FORM, "teacher": TITLED_FORM}
"""Forms that tell whose a grid is; initials alone do not, for they may be anything."""


def _named_within(text: str) -> list[tuple[str, str]]:
    """Return what the words of a name say whose it is: "Plan lekcji 5a" is of class 5a, "Rooster dhr. Smit" of him."""
    words = re.split(r"[\s_]+", text)
    classes = [("class", word) for word in words if _SURELY_CLASS.fullmatch(word) and CLASS_FORM.fullmatch(word)]
    behind = (" ".join(words[start:]) for start in range(1, len(words)))
    people = [("teacher", name) for name in behind if TITLED_FORM.fullmatch(name)][:1]
    return classes + people


_SURELY_CLASS = regex(r"\d{1,2}(?![ºª])[^\W\d_]{1,2}|\d{1,2}[./-][^\W\d_]")


def each_by_name(name: str) -> str:
    """Return whose grids a file holds, by its name ("teachers 2026": teacher); "" where that does not tell."""
    bare = _OF_ALL_CLASSES.sub(" ", name.replace("_", " "))
    words = {word.removesuffix(plural) for word in re.split(r"[\W\d_]+", bare.casefold()) for plural in ("", "s", "es")}
    kinds = [kind for kind, known in _KINDS.items() if not words.isdisjoint(known.split("|"))]
    return kinds[0] if len(kinds) == 1 else ""


_OF_ALL_CLASSES = regex(r"\bclass (?:schedule|timetable)\b", re.IGNORECASE)
"""What a list of all that is taught is called, and no class's own grid."""


def _name(text: str, match: re.Match[str], known: Known) -> str:
    """Return the name behind a label; "Room 12" where other sheets know it with its label."""
    return text if known.kinds(text) else text[match.end() :].strip()
