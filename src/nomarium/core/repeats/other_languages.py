"""Repeats in other languages → the English words that read_words knows: "jeden zweiten Montag bis 18.12.2026"."""

from __future__ import annotations

import re
from functools import partial

from nomarium.core.values import MONTH_NAMES, WEEKDAY_NAMES, month_of, weekday_in_any
from nomarium.lazily import regex

_PHRASES = {
    "monthly": (
        r"(?:ein|1) ?(?:mal|x) (?:im|pro) monat|einmal monatlich|(?:une|1) fois par mois|una vez al mes|"
        r"una volta al mese|uma vez por mês|(?:een|één|1) keer per maand|en gång i månaden|en gang [io]m? måneden|"
        r"raz w miesiącu|"
        r"monatlich|jeden monat|mensuel(?:le|lement)?|chaque mois|tous les mois|mensual(?:mente)?|(?<!de )cada mes"
        r"|todos los meses|mensal(?:mente)?|todos os meses|mensil(?:e|mente)|(?<!di )ogni mese|maandelijks"
        r"|(?<!van )elke maand|varje månad|månatligen|hver måned|månedligt?|co miesiąc"
    ),
    "of the month": (
        r"(?:im|pro) ?monat|(?:des|jeden|eines) monats|d\.? ?m\.?|du mois|de chaque mois|par mois|del mes|de cada mes|"
        r"de mes|al mes|del mese|di ogni mese|al mese|do mês|de cada mês|van (?:de|elke|iedere) maand|per maand|"
        r"i månaden|i måneden|(?:każdego )?miesiąca|w miesiącu|v měsíci|(?:každého )?měsíce|kuukauden"
    ),
    "fortnightly": (
        r"alle (?:14|vierzehn) tage|co (?:dwa|2) tygodnie"
        r"|alle (?:zwei|2) wochen|vierzehntäg(?:ig|lich)|14-?täg(?:ig|lich)|zweiwöchentlich"
        r"|toutes les (?:deux|2) semaines|une semaine sur deux|tous les (?:15|quinze) jours"
        r"|cada (?:dos|2) semanas|quincenal(?:mente)?|a? ?cada (?:duas|2) semanas|quinzenal(?:mente)?"
        r"|ogni (?:due|2) settimane|quindicinale|om de (?:(?:twee|2) weken|week)|tweewekelijks"
        r"|elke (?:twee|2) weken|varannan vecka|hver anden uge|annenhver uke"
    ),
    "weekly": (
        r"wöchentlich|jede woche|hebdomadaire|chaque semaine|toutes les semaines|semanal(?:mente)?"
        r"|cada semana|todas las semanas|todas as semanas|settimanal(?:e|mente)|ogni settimana|wekelijks"
        r"|elke week|varje vecka|veckovis|hver uge|ugentligt?|hver uke|ukentlig"
    ),
    "daily": (
        r"täglich|jeden tag|quotidien(?:ne|nement)?|tous les jours|chaque jour|diario|diariamente"
        r"|todos los días|cada día|todos os dias|giornaliero|ogni giorno|tutti i giorni|dagelijks|elke dag"
        r"|varje dag|dagligen|hver dag|dagligt?"
    ),
    "yearly": (
        r"jährlich|jedes jahr|annuel(?:le|lement)?|chaque année|tous les ans|anual(?:mente)?|cada año"
        r"|todos los años|todos os anos|annual(?:e|mente)|ogni anno|jaarlijks|elk jaar|varje år|årligen"
        r"|hvert år|årligt?"
    ),
    "weekdays": (
        r"(?:an )?werktag(?:s|en)|en semaine|(?:les )?jours ouvrables|días laborables|dias úteis"
        r"|giorni feriali|(?:op )?werkdagen|vardagar|hverdage[r]?"
    ),
    "every other": r"jeden zweiten|jede zweite|varannan|hver anden|annenhver",
    "every": (
        r"jede[nrs]?|an jedem|chaque|tous les|toutes les|cada|todos los|todas las|todos os|todas as|todas?"
        r"|todos?|ogni|tutt[ie] (?:i|gli|le)|elke|iedere|varje|hvert?"
    ),
    "until": (
        r"bis(?: zum| einschließlich)?|jusqu['’](?:au|à)|hasta(?: el)?|até(?: [oa])?|fino a(?:l|ll['’])?"
        r"|tot(?: en met)?|t/m|till(?: och med)?|t\.o\.m\.|til(?: og med)?"
    ),
    "from": (
        r"ab(?: dem)?|vom|à partir du|dès le|a partir de[l]?|desde(?: el)?|a partire dal|dal|vanaf"
        r"|från(?: och med)?|fra(?: og med)?"
    ),
    "except": (
        r"außer(?: am)?|ausser(?: am)?|nicht am|sauf(?: le)?|excepté(?: le)?|excepto(?: el)?|salvo(?: el)?"
        r"|exceto|tranne(?: il)?|eccetto|behalve(?: op)?|niet op|utom|undtagen|unntatt"
    ),
    "times": r"(?<=\d )(?:mal|fois|veces|vezes|volte|keer|gånger|gange[r]?)",
}
_TRANSLATED = [
    (english, regex(rf"(?<![\w-])(?:{words})(?![\w-])", re.IGNORECASE)) for english, words in _PHRASES.items()
]
_ORDINALS = {
    "first": r"erste[rnsm]?|premi(?:er|ère)|primer[oa]?|prim[oa]|primeir[oa]|eerste|första|første|pierwsz\w+|první",
    "second": r"zweite[rnsm]?|deuxième|second[oae]?|segundo|tweede|andra|anden|andre|drugi\w*|druh\w",
    "third": r"dritte[rnsm]?|troisième|tercer[oa]?|terz[oa]|terceir[oa]|derde|tredje|trzeci\w*|třetí",
    "fourth": r"vierte[rnsm]?|quatrième|cuart[oa]|quart[oa]|quarto|vierde|fjärde|fjerde|czwart[aey]\w*|čtvrt[áýé]",
    "last": r"letzte[rnsm]?|derni(?:er|ère)|últim[oa]|ultim[oa]|laatste|sista|siste|sidste|ostatni\w*|poslední",
}
_NAMED_ORDINALS = [
    (english, regex(rf"(?<![\w-])(?:{words})(?=\s*(?:\x00|/|,|(?:und|et|y|e|en|och|og|i|a|and)\b))", re.IGNORECASE))
    for english, words in _ORDINALS.items()
]
_NUMBERED = regex(
    r"(?<![\w.:-])([1-5])(?:\.º|\.|er|re|ère|e|ème|eme|de|ste|º|ª|°|:a|:e)"
    r"(?=\s*(?:\x00|/|,|(?:und|et|y|e|en|och|og|i|a|and)\b))",
    re.IGNORECASE,
)
_NTH = ("first", "second", "third", "fourth", "fifth")
_OTHER_OF_MONTH = regex(r"\bevery other (?=(?:\w+)days? of the month)", re.IGNORECASE)
"""“Jeden zweiten Dienstag im Monat” is the second, and not every other one."""
_WORD = regex(r"[^\W\d_]+(?:-[^\W\d_]+)?\.?")
_ARTICLES = regex(r"(?<![\w-])(?:am|le|les|el|los|il|op|på|om|na|nas|às|aos)\s+(?=\x00)", re.IGNORECASE)
_BETWEEN = regex(r"(?<=\x00)\s*(?:/|(?:und|et|y|e|en|och|og|i|a)\s)\s*(?=\x00)", re.IGNORECASE)
_FEIRA = {"segunda": 0, "terça": 1, "terca": 1, "quarta": 2, "quinta": 3, "sexta": 4}
_ENDINGS = ("", "s", "e", "ar", "er", "en")


def in_english(text: str) -> str | None:
    """Return a repeat in the words of another language in English; None where it has none of them."""
    found = text
    for english, words in _TRANSLATED:
        found = words.sub(english, found)
    shortest = _PAIR if found != text or _NUMBERED.search(text) else _SHORTEST
    found = _WORD.sub(partial(_weekday, shortest=shortest), found)
    found = _NUMBERED.sub(lambda number: f"\x00{_NTH[int(number[1]) - 1]}\x00", found)
    for english, ordinals in _NAMED_ORDINALS:
        found = ordinals.sub(f"\x00{english}\x00", found)
    found = _BETWEEN.sub(" and ", _ARTICLES.sub("", found)).replace("\x00", "")
    found = _OTHER_OF_MONTH.sub("second ", found)
    found = _MONTH_ALONE.sub(_month, _FROM_MONTH_TO_MONTH.sub(_months, found))
    return found if found != text else None


_MONTH_ALONE = regex(
    r"(?<![\d.] )(?<!\d)\b[^\W\d_]{3,}\b(?= (?:\d{4}|until|to|-|–|a|à|al|au|tot|til|till)\b| ?[-–])", re.IGNORECASE
)
"""A word that may be a month without a day: “Juni bis August 2027”."""


_FROM_MONTH_TO_MONTH = regex(
    r"\b(?:de|da|di)\s+(?P<first>[^\W\d_]{3,})\s+(?:à|a|al?|até)\s+(?P<last>[^\W\d_]{3,})(?:\s+de)?\s+(?P<year>\d{4})\b",
    re.IGNORECASE,
)
"""“De septembre à décembre 2027”."""


def _months(span: re.Match[str]) -> str:
    """Return a span of months in English; any other words as they are."""
    first, last = month_of(span["first"]), month_of(span["last"])
    if first is None or last is None:
        return span[0]
    return f"from {MONTH_NAMES[first - 1]} to {MONTH_NAMES[last - 1]} {span['year']}"


def _month(word: re.Match[str]) -> str:
    """Return a month's name in English; any other word as it is."""
    number = month_of(word[0]) if len(word[0]) >= _SHORTEST_MONTH else None
    return word[0] if number is None else MONTH_NAMES[number - 1]


_SHORTEST_MONTH = 4


def _weekday(word: re.Match[str], shortest: int) -> str:
    """Return a weekday's name in English, marked as one; any other word as it is."""
    plain = word[0].casefold().rstrip(".")
    bare = plain.removesuffix("-feiras").removesuffix("-feira").removesuffix("s")
    number = _FEIRA.get(bare)
    for ending in _ENDINGS if number is None and plain not in _ENGLISH else ():
        stem = plain[: len(plain) - len(ending)]
        if plain.endswith(ending) and len(stem) >= (_WHOLE if ending else shortest):
            number = weekday_in_any(stem)
            if number is not None:
                break
    return word[0] if number is None else f"\x00{WEEKDAY_NAMES[number]}\x00"


_PAIR, _SHORTEST, _WHOLE = 2, 3, 5
"""Letters of a short form beside other words of a repeat, or alone, and of a name that may have an ending: “free”."""
_ENGLISH = frozenset(
    "every until from except times weekly daily monthly yearly fortnightly weekdays other and the of day month on to "
    "in at de du la le el il no na os as er es im am".split()
)
