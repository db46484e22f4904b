"""Divisions that are called by their grades, and the grade that a class's name begins with: “Grades 7–8”, “7B”."""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping

from nomarium.lazily import regex

_GRADES = regex(
    r"(?:grades?|gr|years?|yrs?|forms?|classes|klassen?|jahrgang(?:sstufen?)?|stufen?|niveaux?|cursos?|åk|årskurs|"
    r"trinn|klasser?|groep(?:en)?)\.?\s*"
    r"(?P<numbers>\d{1,2}(?:\s*(?:[-–—,/&+]|to|and|bis|und|et|à|y|a)\s*\d{1,2})*)",
    re.IGNORECASE,
)
_STEP = regex(r"(\d{1,2})\s*(?:[-–—]|to|bis|à|a)\s*(\d{1,2})|(\d{1,2})", re.IGNORECASE)
_OF_CLASS = regex(r"(?:year|grade|klasse|class|form|gr|y|g)?\.?\s*(\d{1,2})(?!\d)", re.IGNORECASE)
_MOST = 13


def grades_named(text: str) -> frozenset[int]:
    """Return the grades that a division's name says: "Grades 7–8" is 7 and 8; none where it is called otherwise."""
    match = _GRADES.fullmatch(" ".join(text.split()))
    found: set[int] = set()
    for step in _STEP.finditer(match["numbers"]) if match else ():
        first, last = (int(step[1]), int(step[2])) if step[1] else (int(step[3]), int(step[3]))
        found |= set(range(first, last + 1))
    return frozenset(found) if found and max(found) <= _MOST else frozenset()


def division_by_grade(divisions: Iterable[str]) -> Mapping[int, str]:
    """Return the division of each grade, where all divisions are called by grades and none by another's; else none."""
    found: dict[int, str] = {}
    for division in divisions:
        grades = grades_named(division)
        if not grades or not grades.isdisjoint(found):
            return {}
        found |= dict.fromkeys(grades, division)
    return found


def grade_of(class_name: str) -> int | None:
    """Return the grade that a class's name begins with: "7B" and "Year 7 Oak" are of 7; None for none."""
    match = _OF_CLASS.match(class_name.strip())
    return int(match[1]) if match else None
