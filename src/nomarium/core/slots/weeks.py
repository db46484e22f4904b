"""A text → the weeks that it names by number: "1-5, 7-12", "KW 36", "v. 35–42", "teaching weeks 3 and 4"."""

from __future__ import annotations

import re
from typing import Literal, NamedTuple

from nomarium.lazily import regex

Count = Literal["calendar", "term", ""]
"""What weeks are counted by: the calendar (ISO 8601), the term, or not said."""

_CALENDAR = regex(
    r"\b(?:kw|kalenderwochen?|calendar weeks?|iso weeks?|v|veckor|vecka|uger|uge|uker|uke|sem|semaines?|semanas?|"
    r"settimane|settimana)\b\.?",
    re.IGNORECASE,
)
_TERM = regex(
    r"\b(?:teaching|term|semester|lecture|unterrichts|study)[- ]?(?:weeks?|wochen?)\b|"
    r"\bweeks? of (?:the )?(?:term|semester)\b",
    re.IGNORECASE,
)
_ANY = regex(r"\b(?:weeks?|wks?|wochen?|w)\b\.?", re.IGNORECASE)
_PART = regex(r"(?P<first>\d{1,2})(?:-(?P<last>\d{1,2}))?")
_APART = regex(r"\s*(?:[,;/&+]|\band\b|\bund\b|\bet\b|\by\b|\boch\b|\bog\b)\s*|(?<=\d)\s+(?=\d)", re.IGNORECASE)
_SPACED_RANGE = regex(
    r"\s*[-–—]\s*|(?<=\d)\s*(?:t/m|tot en met|tot|till|til|to|thru|through|bis|hasta|até|au|al|à|a|do)\s*(?=\d)", re.I
)
_WITHOUT = regex(
    r"\s*,?\s*\b(?:not|no|except|excluding|excl\.?|without|but not|ohne|außer|sauf|salvo|excepto|exceto|eccetto|utom|"
    r"ej|inte|ikke|ikkje|undtagen|unntatt|niet|behalve|"
    r"kivéve|oprócz|kromě|paitsi)\b\s*",
    re.I,
)
LAST_WEEK = 53
_EVERY_OTHER = {
    0: "even|lige|jämn|jämna|partalls?|like|gerade|pairs?|paires?|par|pares|pari|parillinen|parilliset|sud[éýáíy]|"
    "parzyst[eya]|páros|párn[eya]|par[ăe]|pară|pare|parni|paran|parna|parne|sod[iao]|ч[её]т(?:ная|ные|ную)?|парн(?:ий|а|і)|"
    "ζυγή|ζυγές|çift|paaris|parells?",
    1: "odd|ulige|udda|oddetalls?|ulike|ungerade|impairs?|impaires?|impar|impares|dispari|oneven|pariton|parittomat|"
    "lich[éýáíy]|nieparzyst[eya]|páratlan|nepárn[eya]|impară|impare|neparni|neparan|neparna|neparne|lih[iao]|"
    "неч[её]т(?:ная|ные|ную)?|непарн(?:ий|а|і)|μονή|μονές|tek|paaritu|senars?",
}
_ALTERNATE = (
    "every (?:other|second|two weeks)|alternat(?:e|ing)(?: weeks?)?|(?:bi|fort)(?:-?weekly|nightly)|14-täglich|14-tägig"
)
EVERY_WEEK = frozenset(
    "all|every|both|*|each|weekly|every week|each week|a+b|a/b|a & b|jede|jede woche|alle|beide|chaque|toutes|cada|"
    "todas|ambas|ogni|tutte|entrambe|elke|beide weken|varje|alla|hver|alle uger|každý|každá|každé|obě|každý týden|"
    "każdy|każda|co tydzień|minden|joka|joka viikko|fiecare|каждая|каждую|все|кожен|кожна|svaki|svaka|vsak|vsaki|"
    "κάθε|her|her hafta|iga|katru|kas".split("|")
)
"""What a column of weeks says of a row that is on in all of them."""
_IN_ENGLISH = regex(r"even|odd", re.IGNORECASE)


class WeekNumbers(NamedTuple):
    """Weeks by their numbers, and by what they are counted where the text says so."""

    numbers: tuple[int, ...]
    counted_by: Count = ""
    through_the_year: bool = False
    """Whether they are all even or all odd ones, and so more than a term may have."""


def read_week_numbers(text: str) -> WeekNumbers | None:
    """Return the weeks that a cell names by number; None where it names none, or something else beside them."""
    said = counted_by_words(text)
    if (every_other := _every_other(text)) is not None:
        return WeekNumbers(every_other, said or ("" if _IN_ENGLISH.search(text) else "calendar"), True)
    text = text.replace(")", " ").replace("(", " ")
    if (some := _some_of(text)) is not None:
        return some if some.numbers else None
    kept, *without = _WITHOUT.split(text)
    if without:
        return _less(read_week_numbers(kept), read_week_numbers(" ".join(without)))
    bare = _ANY.sub(" ", _TERM.sub(" ", _CALENDAR.sub(" ", text))).strip(" .:")
    numbers: list[int] = []
    for part in _APART.split(_SPACED_RANGE.sub("-", bare)):
        match = _PART.fullmatch(part.strip())
        if match is None:
            return None
        first, last = int(match["first"]), int(match["last"] or match["first"])
        if not 1 <= first <= LAST_WEEK or not 1 <= last <= LAST_WEEK:
            return None
        # "50-3" runs over the turn of the year
        numbers += range(first, last + 1) if first <= last else [*range(first, LAST_WEEK + 1), *range(1, last + 1)]
    return WeekNumbers(tuple(dict.fromkeys(numbers)), said) if numbers else None


_WEEK_CAPTION = regex(
    r"(?:week|woche|semaine|semana|settimana|uge|uke|vecka)\s*[:–-]?\s*([A-D])|"
    r"([A-D])[- ]?(?:week|woche|uge|uke|vecka)",
    re.IGNORECASE,
)


def weeks_of_caption(text: str) -> str:
    """Return the weeks for which what stands below a caption holds, as a column of weeks says it; "" for none.

    "Week A" is "A"; "Lige uger" and "Weeks 2–8" stay as they are.
    """
    text = " ".join(text.split()).strip(" :")
    if lettered := _WEEK_CAPTION.fullmatch(text):
        return (lettered[1] or lettered[2]).upper()
    speaks = _ANY.search(text) or _CALENDAR.search(text) or _TERM.search(text)
    return text if speaks and len(text) <= _LONGEST_CAPTION and read_week_numbers(text) is not None else ""


_LONGEST_CAPTION = 40


def _less(weeks: WeekNumbers | None, others: WeekNumbers | None) -> WeekNumbers | None:
    """Return weeks without others; None where one of them is none."""
    if weeks is None or others is None:
        return None
    return weeks._replace(numbers=tuple(n for n in weeks.numbers if n not in others.numbers))


def _some_of(text: str) -> WeekNumbers | None:
    """Return every second week of a span: “3–11 odd”, “3–11 fortnightly”; None where no such word stands there."""
    for remainder, words in _EVERY_OTHER.items():
        if (weeks := _beside(words, text)) is not None:
            return weeks._replace(numbers=tuple(n for n in weeks.numbers if n % 2 == remainder))
    weeks = _beside(_ALTERNATE, text)
    return weeks and weeks._replace(numbers=weeks.numbers[::2])


def _beside(words: str, text: str) -> WeekNumbers | None:
    """Return the one span of weeks that stands before or behind one of some words; None where nothing stands so."""
    found = re.fullmatch(rf"(?:{words})(?!\w)(.+)|(.+)(?<!\w)(?:{words})\W*", text.strip(), re.IGNORECASE)
    bare = (found[1] or found[2]).strip() if found else ""
    return read_week_numbers(bare) if bare and not _APART.search(_SPACED_RANGE.sub("-", bare)) else None


def _every_other(text: str) -> tuple[int, ...] | None:
    """Return the even or the odd weeks, where a text names these; in Danish and the like, those of the calendar."""
    bare = _ANY.sub(" ", _TERM.sub(" ", _CALENDAR.sub(" ", text))).strip(" .:-").casefold()
    found = [remainder for remainder, words in _EVERY_OTHER.items() if re.fullmatch(words, bare)]
    return tuple(range(2 - found[0], LAST_WEEK + 1, 2)) if found else None


def counted_by_words(text: str) -> Count:
    """Return by what weeks are counted, by the words of a heading or a cell; "" where they do not say."""
    if _TERM.search(text):
        return "term"
    return "calendar" if _CALENDAR.search(text) else ""
