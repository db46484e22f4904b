"""The language of a sheet's month and weekday names, found from the names themselves (CLDR's, by Babel)."""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterable, Iterator, Mapping
from datetime import date
from functools import cache

from nomarium.core.values.date_text import FILLERS, ORDINALS, DateShape, Order, scan_date
from nomarium.core.values.words import ENGLISH, CalendarWords, normalised

_USUAL = (
    "fr es de pt it nl sv da nb nn fi is pl cs sk hu ro bg hr sr sl lt lv et el tr ru uk be ca gl eu cy ga gd br "
    "id ms fil sw af sq mk he ar fa ur hi bn ta te ml mr gu pa th vi ko ja zh ka hy az kk mn"
).split()
"""Languages tried first; only where none of them knows the names, all others are."""

_TIME_WORDS = frozenset(
    "am pm a p t z noon midday midnight h hr hrs hours uhr um at to until till til from between o'clock utc gmt "
    "all day full whole and through thru bis von du au al heures à".split()
)
_WORD = re.compile(r"[^\W\d_](?:[^\W\d_]|[\u0300-\u036f\u0900-\u0dff\u0e31-\u0e4e'])*")
_ALSO_WRITTEN = {"de": {"mrz": 3}}
_SHORTEST_PREFIX, _LONGEST_NAME = 3, 30
_MORE_LANGUAGES = 2
_LOOKED_THROUGH, _MORE = 12, 24
"""So many languages a short name of a weekday is looked up in, and a name of a month: more contradict one another."""


def words_in(texts: Iterable[str]) -> set[str]:
    """Return the words of texts that could name a month or a weekday."""
    found = {
        word.strip("'") for text in texts for word in _WORD.findall(normalised(text)) if len(word) <= _LONGEST_NAME
    }
    return found - _TIME_WORDS - FILLERS - ORDINALS


def calendar_words(texts: Iterable[str]) -> CalendarWords | list[CalendarWords]:
    """Return the names that explain the words in cells of dates: English, or English and the language found.

    Where two languages explain them, but differently (listopad is October here and November there): both of them.
    """
    texts = list(texts)
    words = words_in(texts)
    dated = words_in(text for text in texts if any(map(str.isdigit, text)))  # “TBC” is worth no look at 300 languages
    for languages, wanted in ((_USUAL, words), (None, dated)):
        english = {word for word in wanted if word in ENGLISH.months or word in ENGLISH.weekdays}
        if wanted == english:
            return ENGLISH
        found = _explaining(wanted, english, languages)
        if found:
            return _with_more(found[0], words) if _agree(found, words) else found
    return _with_more(ENGLISH, words) if english else ENGLISH


def likeliest_words(texts: Iterable[str]) -> CalendarWords:
    """Return the names that explain the words of texts; of two languages that do, and differ, the first."""
    found = calendar_words(texts)
    return found[0] if isinstance(found, list) else found


def _agree(languages: list[CalendarWords], words: set[str]) -> bool:
    """Tell whether no word is the name of one month or weekday here, and of another there."""
    return not any(
        len({names[word] for names in (getattr(one, kind) for one in languages) if word in names}) > 1
        for kind in ("months", "weekdays")
        for word in words
    )


def _with_more(names: CalendarWords, words: set[str]) -> CalendarWords:
    """Add the names of a second and third usual language to those of the first, for words that it does not know."""
    for _ in range(_MORE_LANGUAGES):
        rest = {word for word in words if word not in names.months and word not in names.weekdays}
        found = _explaining(rest, set(), _USUAL[:_MORE]) if rest else []
        if not found or not _agree(found, rest):
            break
        more = found[0]
        names = CalendarWords(
            f"{names.language} and {more.language}",
            {**{word: more.months[word] for word in rest if word in more.months}, **names.months},
            {**{word: more.weekdays[word] for word in rest if word in more.weekdays}, **names.weekdays},
        )
    return names


def _explaining(words: set[str], english: set[str], languages: Iterable[str] | None) -> list[CalendarWords]:
    """Return the languages that know most of the words, and all of those that English knows; alike ones once."""
    best: dict[tuple[tuple[str, int | None, int | None], ...], CalendarWords] = {}
    most = 0
    for names in _languages(languages):
        known = {word for word in words if word in names.months or word in names.weekdays}
        if not english <= known or len(known) == len(english) or len(known) < most:
            continue
        if len(known) > most:
            best, most = {}, len(known)
        meaning = tuple((word, names.months.get(word), names.weekdays.get(word)) for word in sorted(known))
        best.setdefault(meaning, _with_english(names))
    return list(best.values())


def _with_english(names: CalendarWords) -> CalendarWords:
    return CalendarWords(names.language, {**ENGLISH.months, **names.months}, {**ENGLISH.weekdays, **names.weekdays})


def _languages(identifiers: Iterable[str] | None) -> Iterator[CalendarWords]:
    if identifiers is None:
        from babel.localedata import locale_identifiers

        identifiers = [name for name in locale_identifiers() if "_" not in name and name not in _USUAL and name != "en"]
    return (names for identifier in identifiers if (names := _names_of(identifier)))


@cache
def _names_of(identifier: str) -> CalendarWords | None:
    """Collect a language's names, their forms without accents, and their beginnings where these tell them apart."""
    from babel import Locale, UnknownLocaleError

    try:
        locale = Locale.parse(identifier)
    except (UnknownLocaleError, ValueError):
        return None
    months, weekdays = _names(locale.months), _names(locale.days)
    months.update(_ALSO_WRITTEN.get(identifier, {}))
    return CalendarWords(locale.english_name or identifier, months, weekdays)


def _names(forms: Mapping[str, Mapping[str, Mapping[int, str]]]) -> dict[str, int]:
    """Number the names of months or weekdays: CLDR's wide and abbreviated forms, alone and within dates."""
    numbers: dict[str, int] = {}
    wide: dict[str, int] = {}
    for context in ("format", "stand-alone"):
        for width in ("wide", "abbreviated"):
            for number, name in forms[context][width].items():
                word = normalised(name).strip(". ")
                if not word or " " in word or any(map(str.isdigit, word)):
                    continue
                numbers[word] = number
                numbers.setdefault(_plain(word), number)
                if width == "wide":
                    wide[word] = number
    _add_beginnings(numbers, wide)
    return numbers


def _plain(word: str) -> str:
    return "".join(letter for letter in unicodedata.normalize("NFD", word) if not unicodedata.combining(letter))


def _add_beginnings(target: dict[str, int], wide: dict[str, int]) -> None:
    for word, number in wide.items():
        for length in range(_SHORTEST_PREFIX, len(word)):
            beginning = word[:length]
            if {other for name, other in wide.items() if name.startswith(beginning)} == {number}:
                target.setdefault(beginning, number)
                target.setdefault(_plain(beginning), number)


@cache
def usual_languages(*, more: bool = False) -> tuple[CalendarWords, ...]:
    """Return the names of the languages that a single word is looked up in: all others cost a second to read."""
    return tuple(_languages(_USUAL[: _MORE if more else _LOOKED_THROUGH]))


def is_weekday(text: str) -> bool:
    """Tell whether a text is the name of a weekday in English or in one of the usual languages."""
    word = normalised(text).strip(". ")
    return weekday_of(word, ENGLISH) is not None or any(word in names.weekdays for names in usual_languages())


def is_date(text: str) -> bool:
    """Tell whether a text is one date, in any order and in any of the usual languages, its year perhaps missing."""
    return bool(_date_shapes(text))


def date_in(text: str, order: Order) -> date | None:
    """Return the date that a text is, its parts read in an order; None where it has no year, is none, or two."""
    readings = [reading for shape in _date_shapes(text) if (reading := shape.readings.get(order))]
    days = {reading.as_date() for reading in readings}
    return days.pop() if len(days) == 1 else None


@cache
def _date_shapes(text: str) -> tuple[DateShape, ...]:
    """Return what a text is as a date, in English, else in each usual language that knows its words."""
    words = words_in([text])
    if len(words) > _MOST_WORDS or not any(map(str.isdigit, text)):
        return ()
    if all(word in ENGLISH.months or word in ENGLISH.weekdays for word in words):
        languages = [ENGLISH]
    else:
        knowing = (n for n in usual_languages() if all(word in n.months or word in n.weekdays for word in words))
        languages = [_with_english(names) for names in knowing]
    return tuple(shape for names in languages if (shape := scan_date(text, names)) is not None)


_MOST_WORDS = 2
"""A date has the words of a weekday and a month."""


def weekday_in_any(text: str) -> int | None:
    """Return the weekday (Monday is 0) that a text names in English, else in the usual languages that agree on it."""
    word = normalised(text).strip(". ")
    for form in (word, word.removesuffix("s")) if len(word) >= _SHORTEST_PLURAL else (word,):
        if form in ENGLISH.weekdays:
            return ENGLISH.weekdays[form]
        found = {names.weekdays[form] for names in usual_languages() if form in names.weekdays}
        if found:
            return found.pop() if len(found) == 1 else None
    return None


_SHORTEST_PLURAL = 6
"""So many letters has a plural such as “lundis” or “Mondays”; a shorter word is itself."""


def weekday_of(text: str, words: CalendarWords) -> int | None:
    """Return the weekday that a text names (Monday is 0), or None."""
    return words.weekdays.get(normalised(text).strip(". "))
