"""The weekdays that stand ahead of dates: "Di, 12.01.2027", "jeweils dienstags 12.01. – 16.02.2027"."""

from __future__ import annotations

from nomarium.core.values.languages import weekday_in_any
from nomarium.lazily import regex

_LEADING = frozenset(
    "from starting start starts beginning commencing ab am vom von du des le les dès el los desde del dal dalle il "
    "vanaf op från fra od alkaen".split()
)
_BETWEEN = frozenset("and und et y e en och og i a & + / , x × – -".split())
_EVERY = frozenset("every each jeweils immer jeden chaque cada ogni elke varje hver weekly wöchentlich".split())
_WORD = regex(r"\s*([^\W\d_]+\.?|[&+/,×–-])\s*")
_PLURALS = ("s", "ar", "er", "e")
_SHORTEST = 2


def leading_weekdays(text: str) -> tuple[tuple[int, ...], bool, str]:
    """Return the weekdays at the beginning of a text, whether they are meant week by week, and what follows them.

    Week by week: in the plural, or behind a word such as “every”. No weekdays and the whole text where others stand
    there.
    """
    weekdays: list[int] = []
    every = False
    at = 0
    while match := _WORD.match(text, at):
        word = match[1].casefold().rstrip(".")
        stems = (word.removesuffix(ending) for ending in _PLURALS if word.endswith(ending))
        stem = next(
            (day for stem in stems if len(stem) > _SHORTEST and (day := weekday_in_any(stem)) is not None), None
        )
        weekday = weekday_in_any(word) if stem is None else stem
        if weekday is not None:
            weekdays.append(weekday)
            every |= stem is not None
        elif word in _EVERY:
            every = True
        elif word not in _LEADING and word not in _BETWEEN:
            break
        at = match.end()
    return (tuple(dict.fromkeys(weekdays)), every, text[at:].strip(" ,;")) if weekdays else ((), False, text)
