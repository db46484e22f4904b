"""The words that stand for months and weekdays, and texts made comparable."""

from __future__ import annotations

import unicodedata
from collections.abc import Mapping
from dataclasses import dataclass

from nomarium.lazily import regex

_SPACES = regex(r"\s+")
_EAST_ASIAN_DATE = regex(r"(\d{4})\s*[年년]\s*(\d{1,2})\s*[月월]\s*(\d{1,2})\s*[日일]")
_EAST_ASIAN_LAST_DAY = regex(r"([~〜–-] ?\d{1,2})\s*[日일]")
_QUOTES = str.maketrans(
    {
        "’": "'",
        "‘": "'",
        "ʼ": "'",
        "´": "'",
        "`": "'",
        "׳": "'",
        "\u200b": None,
        "\u00ad": None,
        "\u200e": None,
        "\u200f": None,
    }
)


def normalised(text: str) -> str:
    """Return a text ready for comparison: lower case, one kind of space and quote, compatibility forms resolved."""
    if not text.isascii():
        text = unicodedata.normalize("NFKC", text).translate(_QUOTES)
        text = _EAST_ASIAN_LAST_DAY.sub(r"\1", _EAST_ASIAN_DATE.sub(r"\1-\2-\3", text))
    return _SPACES.sub(" ", text).strip().casefold()


def without_accents(word: str) -> str:
    """Return a word without the marks on its letters."""
    return "".join(letter for letter in unicodedata.normalize("NFD", word) if not unicodedata.combining(letter))


@dataclass(frozen=True)
class CalendarWords:
    """The names of months (1 to 12) and weekdays (Monday is 0) of one or more languages, normalised, without dots."""

    language: str
    months: Mapping[str, int]
    weekdays: Mapping[str, int]


def _abbreviations(names: str, *more: str) -> dict[str, int]:
    """Number the names of a line, each with its first three letters; further lines give further forms in order."""
    numbered: dict[str, int] = {}
    for index, name in enumerate(names.split()):
        numbered[name] = numbered[name[:3]] = index
    for line in more:
        for form in line.split():
            word, _, index_text = form.partition("=")
            numbered[word] = int(index_text)
    return numbered


ENGLISH = CalendarWords(
    "English",
    {
        word: index + 1
        for word, index in _abbreviations(
            "january february march april may june july august september october november december", "sept=8"
        ).items()
    },
    _abbreviations(
        "monday tuesday wednesday thursday friday saturday sunday",
        "tues=1 weds=2 wednes=2 thur=3 thurs=3 mo=0 tu=1 we=2 th=3 fr=4 sa=5 su=6",
    ),
)

MONTH_NAMES = "January February March April May June July August September October November December".split()
WEEKDAY_NAMES = "Monday Tuesday Wednesday Thursday Friday Saturday Sunday".split()
