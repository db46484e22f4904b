"""The language of a sheet's month and weekday names, found from the names themselves (CLDR's, by Babel)."""

from __future__ import annotations

import json
from collections.abc import Iterable, Iterator, Mapping
from datetime import date
from functools import cache
from importlib.resources import files
from typing import NamedTuple

from nomarium.core.values.date_text import FILLERS, ORDERS, ORDINALS, DateShape, Order, scan_date
from nomarium.core.values.words import ENGLISH, CalendarWords, normalised
from nomarium.lazily import regex

USUAL = (
    "fr es de pt it nl sv da nb nn fi is pl cs sk hu ro bg hr sr sl lt lv et el tr ru uk be ca gl eu cy ga gd br "
    "id ms fil sw af sq mk he ar fa ur hi bn ta te ml mr gu pa th vi ko ja zh ka hy az kk mn"
).split()
"""Languages tried first; only where none of them knows the names, all others are."""

_TIME_WORDS = frozenset(
    "am pm a p t z noon midday midnight h hr hrs hours uhr uur um at to until till til from between o'clock utc gmt "
    "all day full whole and through thru bis von vom du au al heures à "
    "til tot met hasta até del dal desde van vanaf fra från".split()
)
_WORD = regex(r"[^\W\d_](?:[^\W\d_]|[\u0300-\u036f\u0900-\u0dff\u0e31-\u0e4e'])*")
_LONGEST_NAME = 30
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
    for languages, wanted in ((USUAL, words), (None, dated)):
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
        found = _explaining(rest, set(), USUAL[:_MORE]) if rest else []
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
    file, wanted = (_OTHERS, names_in(_OTHERS)) if identifiers is None else (_USUAL_NAMES, identifiers)
    return (names_in(file)[identifier].words for identifier in wanted)


class LanguageNames(NamedTuple):
    """What a language calls months and weekdays, as CLDR says."""

    words: CalendarWords
    """Names in full and abbreviated, without accents too, and their beginnings where these tell them apart."""
    short: Mapping[str, int]
    """The shortest names of weekdays (Monday is 0): any of them alone may be another word."""
    letters: str
    """A letter for each weekday, from Monday on."""


@cache
def names_in(file: str) -> Mapping[str, LanguageNames]:
    """Return the names of the languages in one of the tables that docs/make_calendar_names.py writes."""
    read = json.loads(files(__package__).joinpath(file).read_text("utf-8"))
    return {
        identifier: LanguageNames(
            CalendarWords(said["language"], said["months"], said["weekdays"]), said["short"], said["letters"]
        )
        for identifier, said in read.items()
    }


_USUAL_NAMES, _OTHERS = "usual_names.json", "other_names.json"


@cache
def usual_languages(*, more: bool = False) -> tuple[CalendarWords, ...]:
    """Return the names of the languages that a single word is looked up in: more would contradict one another."""
    return tuple(_languages(USUAL[: _MORE if more else _LOOKED_THROUGH]))


@cache
def short_weekdays() -> tuple[Mapping[str, int], ...]:
    """Return the names of weekdays (Monday is 0), by language: the shortest, too ("må"); letters where all differ."""
    return tuple({**names.words.weekdays, **names.short} for names in names_in(_USUAL_NAMES).values())


@cache
def weekdays_in_turn(names: tuple[str, ...]) -> tuple[int, ...]:
    """Return the weekdays (Monday is 0) that texts mean one behind the other, () for none.

    Single letters do so from a week's first day on ("M, T, W, T, F"), short forms as one language has them all
    ("Po, Út, St").
    """
    said = tuple(normalised(name).strip(". ") for name in names)
    if all(len(letter) == 1 for letter in said):
        return _letters_in_turn("".join(said)) if len(said) >= _FEWEST_LETTERS else ()
    if not _FEWEST_IN_TURN <= len(said) <= _DAYS_OF_A_WEEK:
        return ()
    readings = {
        first
        for language in names_in(_USUAL_NAMES).values()
        for first in range(7)
        if all(_may_stand_for(word, (first + step) % 7, language) for step, word in enumerate(said))
    }
    return tuple((first + step) % 7 for first in readings for step in range(len(said))) if len(readings) == 1 else ()


def may_be_short_weekday(text: str) -> bool:
    """Tell whether a text is short, and in some usual language a form of a weekday: most texts are none."""
    return len(text) <= _LONGEST_SHORT_FORM and normalised(text).strip(". ") in _short_forms()


@cache
def _short_forms() -> frozenset[str]:
    letters = (letter for names in names_in(_USUAL_NAMES).values() for letter in names.letters)
    return frozenset(form for names in (*short_weekdays(), letters) for form in names if not form.isdecimal())


_LONGEST_SHORT_FORM = 5


def _may_stand_for(word: str, day: int, language: LanguageNames) -> bool:
    """Tell whether a word is a weekday's (Monday is 0) in a language; a letter, too: "P, O, T, C, Pk"."""
    return language.short.get(word, language.words.weekdays.get(word)) == day or language.letters[day] == word


def _letters_in_turn(said: str) -> tuple[int, ...]:
    of_languages = dict.fromkeys((_ENGLISH_LETTERS, *(names.letters for names in names_in(_USUAL_NAMES).values())))
    for names in of_languages:
        for first in (0, 6, 5):
            if (names[first:] + names[:first])[: len(said)] == said:
                return tuple((first + step) % 7 for step in range(len(said)))
    return ()


_FEWEST_LETTERS, _FEWEST_IN_TURN, _DAYS_OF_A_WEEK = 5, 3, 7
_ENGLISH_LETTERS = "mtwtfss"


def is_weekday(text: str) -> bool:
    """Tell whether a text is the name of a weekday in English or in one of the usual languages."""
    word = normalised(text).strip(". ")
    known = (
        _NUMBERED.fullmatch(word) is not None
        or weekday_of(word, ENGLISH) is not None
        or any(word in names.weekdays for names in usual_languages())
    )
    return known or len(_long_weekdays().get(word, ())) == 1


def is_date(text: str) -> bool:
    """Tell whether a text is one date, in any order and in any of the usual languages, its year perhaps missing."""
    return bool(_date_shapes(text))


def date_in(text: str, order: Order) -> date | None:
    """Return the date that a text is, its parts read in an order; None where it has no year, is none, or two."""
    readings = [reading for shape in _date_shapes(text) if (reading := shape.readings.get(order))]
    days = {reading.as_date() for reading in readings}
    return days.pop() if len(days) == 1 else None


def only_order(texts: Iterable[str]) -> Order | None:
    """Return the only order of day and month in which each of some texts is a date; None for none or several."""
    dated = list(texts)
    fitting = [order for order in ORDERS if all(date_in(text, order) is not None for text in dated)]
    return fitting[0] if len(fitting) == 1 else None


@cache
def _date_shapes(text: str) -> tuple[DateShape, ...]:
    """Return what a text is as a date, in English, else in each usual language that knows its words."""
    words = words_in([text])
    if len(words) > _MOST_WORDS or not any(map(str.isdigit, text)):
        return ()
    if _knows(ENGLISH, words):
        found = scan_date(text, ENGLISH)
        begins = _SHORT_WEEKDAY.match(text) if found is None else None
        if begins is None:
            return () if found is None else (found,)
        words = {normalised(begins[1])}  # “st 17.3.2027” is a Wednesday in Czech, and “1st” no weekday
    languages = [_with_english(names) for names in usual_languages() if _knows(names, words)]
    if not languages:
        others = (names.words for names in names_in(_USUAL_NAMES).values())
        languages = [_with_english(names) for names in others if _knows(names, words)]
    return tuple(shape for names in languages if (shape := scan_date(text, names)) is not None)


_SHORT_WEEKDAY = regex(r"([^\W\d_]{2,3})\.?,? \d")


def _knows(names: CalendarWords, words: Iterable[str]) -> bool:
    return all(word in names.months or word in names.weekdays for word in words)


_MOST_WORDS = 2
"""A date has the words of a weekday and a month."""


def weekday_in_any(text: str) -> int | None:
    """Return the weekday (Monday is 0) that a text names in English, else in the usual languages that agree on it."""
    word = normalised(text).strip(". ")
    if numbered := _NUMBERED.fullmatch(word):
        return int(numbered["feira"] or numbered["thu"]) - 2
    if eastern := _EASTERN.fullmatch(word):
        return _EASTERN_DAYS.index(next(filter(None, eastern.groups()))) // _WRITINGS
    for form in _singulars(word):
        if form in ENGLISH.weekdays:
            return ENGLISH.weekdays[form]
        found = {names.weekdays[form] for names in usual_languages() if form in names.weekdays}
        if known := found or _long_weekdays().get(form, frozenset()):
            return next(iter(known)) if len(known) == 1 else None
    first, _, other = word.partition("/")
    if other and (weekday := weekday_in_any(first)) is not None:  # said in two languages: “Monday / Lundi”
        return weekday if weekday_in_any(other) == weekday else None
    return None


def _singulars(word: str) -> Iterator[str]:
    """Yield a word, and what it would be without the ending of several: "Mondays", "måndagar", "maandagen"."""
    yield word
    if len(word) >= _SHORTEST_PLURAL:
        yield word.removesuffix("s")
    if len(word) >= _LONG_PLURAL:
        yield from (word.removesuffix(ending) for ending in _PLURALS if word.endswith(ending))


_LONG_PLURAL = 7
_PLURALS = ("arna", "ar", "ene", "er", "en", "e", "isin", "sin")
_NUMBERED = regex(r"(?P<feira>[2-6])\.?[ªao]?[ .-]{0,2}(?:feiras?|f)|thứ ?(?P<thu>[2-7])")
"""Weekdays by number, Monday the second: "2ª-feira" in Portuguese, "Thứ 2" in Vietnamese."""


_EASTERN = regex(r"(?:星期|周|週|礼拜|禮拜)([一二三四五六日天])|([月火水木金土日])曜日?|([월화수목금토일])요일")
_EASTERN_DAYS = "一月월二火화三水수四木목五金금六土토日天일"
"""How each weekday is written in Chinese, Japanese and Korean; Sunday is 日 in both of the first, and 天 in Chinese."""
_WRITINGS = 3


def weekday_beside_date(text: str) -> int | None:
    """Return the weekday that a text beside a date names, a single letter included: "木", "(목)"."""
    word = normalised(text).strip("() ")
    if len(word) == 1 and word in _EASTERN_DAYS[1::_WRITINGS] + _EASTERN_DAYS[2::_WRITINGS] + "日":
        return _EASTERN_DAYS.index(word) // _WRITINGS
    return weekday_in_any(text)


@cache
def may_be_weekday(text: str, weekday: int) -> bool:
    """Tell whether a text beside a date names a weekday (Monday is 0) in any usual language: “So” is one of two."""
    if weekday_beside_date(text) == weekday:
        return True
    word = normalised(text).strip("(). ")
    return any(names.words.weekdays.get(word) == weekday for names in names_in(_USUAL_NAMES).values())


@cache
def _long_weekdays() -> Mapping[str, frozenset[int]]:
    """Return what long words mean as weekdays in any usual language; of short ones, those that are whole names."""
    found: dict[str, set[int]] = {}
    for names in names_in(_USUAL_NAMES).values():
        days = names.words.weekdays
        for word, day in days.items():
            whole = len(word) == _SHORTEST_WHOLE and not any(o != word and o.startswith(word) for o in days)
            if len(word) > _SHORTEST_WHOLE or whole:
                found.setdefault(word, set()).add(day)
    return {word: frozenset(days) for word, days in found.items()}


_SHORTEST_WHOLE = 4
_SHORTEST_PLURAL = 6
"""So many letters has a plural such as “lundis” or “Mondays”; a shorter word is itself."""


def weekday_of(text: str, words: CalendarWords) -> int | None:
    """Return the weekday that a text names (Monday is 0), or None."""
    return words.weekdays.get(normalised(text).strip(". "))
