"""What the name of a row in a calendar of the year says: that the school is closed, or what is on."""

from __future__ import annotations

import re

from nomarium.core.kinds import vocabulary as words
from nomarium.lazily import regex

_CLOSES = regex(
    rf"\b(?:{words.CLOSED}|off|no students|\w*ferien|no lectivo|"
    rf"{words.NONE_OF}\s(?:{words.ACTIVITIES}))\b",
    re.IGNORECASE,
)


def closes_school(name: str) -> bool:
    """Tell whether a row's name says that the school is closed: "Fall break", "Founders' day (no school)"."""
    return bool(_CLOSES.search(name))


def names_event(name: str) -> bool:
    """Tell whether a row is called as an event that closes no school: "Concert", "Last day to withdraw"."""
    return bool(_IS_EVENT.search(name))


def leaves_school_open(name: str) -> bool:
    """Tell whether a row that does not say "closed" is surely no closure, among rows that do say so."""
    return names_event(name) and not closes_school(name) and not _MAY_CLOSE.search(name)


_MAY_CLOSE = regex(r"\b(?:staff|teachers?|parents?|conferences?|exams?|examinations?)\b", re.IGNORECASE)
_IS_EVENT = regex(
    r"\d[:.hu]\d\d|\d\s?[ap]m\b|\b(?:open (?:house|day|evening)|evening|night|conferences?|concert|play|show|game|"
    r"match|meeting|trip|fair|fête|exams?|tests?|photos?|pictures?|dance|prom|graduation|ceremony|assembly|visit|"
    r"deadline|due|reports?|grades|quarter|progress|orientation|festival|sale|competition|tournament|sports day|"
    r"performance|rehearsal|parents?|teachers|staff|elternabend|konzert|réunion|reunión|riunione|ouderavond|"
    r"early (?:dismissal|release)|half[- ]day|last day to|withdraw\w*|registration|add[/ ]drop|census|enrol\w*)\b",
    re.IGNORECASE,
)
