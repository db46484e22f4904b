"""What one note beside a table says of all its rows: a place, dates on which nothing is, a length, a span."""

from __future__ import annotations

import re
from collections.abc import Iterator
from datetime import date
from itertools import zip_longest
from typing import NamedTuple

from nomarium.core.kinds import vocabulary as words
from nomarium.core.tables import is_data
from nomarium.core.values import (
    ORDERS,
    DateSpan,
    Found,
    Order,
    TitledYear,
    are_dates,
    date_in,
    month_of,
    names_part_of_year,
    read_length,
    span_of_dates,
    spans_in,
    weekday_in_any,
    without_not_on,
    year_in_titles,
)
from nomarium.lazily import regex

_ABOUT_OTHERS = (
    r"\b(?:office|opening|open|phone|telephone|tel|contact|call|desk|reception|enquir\w+|sekretariat|bürozeiten|sprechzeiten|"
    r"secrétariat|ouverture|horario de (?:atención|oficina)|segreteria|kontor|kanslie?|except|unless|not on)\b"
)
"""Words of notes whose times are not those of the rows."""
_UNLESS_SAID = regex(
    r"\s*[,;(]?\s*(?:unless|except (?:where|when|as|if)|if not|soweit nicht|sofern nicht|wenn nicht|sauf|salvo|tenzij|"
    r"om inte|hvis ikke|om ikke)\s+(?:\w+\s+)?(?:stated|noted|shown|indicated|announced|advertised|specified|agreed|"
    r"listed|otherwise|angegeben|vermerkt|indiqué|indication|mention contraire|indicado|indicato|diversa indicazione|"
    r"vermeld|annat anges|andet fremgår|annet er oppgitt)\b[^.;]*",
    re.IGNORECASE,
)
"""What lets rows say it otherwise."""


def is_about_others(text: str) -> bool:
    """Tell whether a note speaks of something else than the rows: the office, the phone."""
    return re.search(_ABOUT_OTHERS, without_unless(text), re.IGNORECASE) is not None


def without_unless(text: str) -> str:
    """Return a note without the words that let rows say it otherwise: "… unless stated"."""
    return _UNLESS_SAID.sub("", text)


_PLACE = regex(
    r"(?:\bin(?: (?:der|het|de|la|le|il))?|\bat|@|\bim|\bi|\ben|\bdans|"
    r"\bnella?|\bnel|\bpå|\bau|\bwhere:|\bvenue:|\bplace:|\bort:|\blieu:)\s+"
    r"(?P<place>[^,;.]*[^\W\d_][^,;.]*(?:,\s(?=(?-i:[A-ZÄÖÜÉ]))[^,;.]*)?)",
    re.IGNORECASE,
)


def place_behind(text: str) -> str:
    """Return the place that a note names behind its times: "at the Scout Hut unless stated"; "" for none."""
    found = _PLACE.search(without_unless(text))
    return re.sub(r"^the\s+", "", found["place"].strip(" )]"), flags=re.IGNORECASE) if found else ""


def start_said(text: str) -> Found | None:
    """Return the one time at which a note says that all rows begin: "All at 19:00 in the hall"; None for none."""
    times = list(_ONE_TIME.finditer(text))
    if len(times) != 1 or not _BEGINNING.search(text[: times[0].start()]) or _PART.search(text):
        return None
    return Found(times[0]["time"], *times[0].span("time"))


_ONE_TIME = regex(
    r"(?<![\d.:])(?P<time>\d{1,2}[:hu]\d\d(?:\s*[ap]\.?m\.?)?|(?:(?<=\bat )|(?<=\bkl\. )|(?<=\bkl )|(?<=\bklo )|"
    r"(?<=\bum )|(?<=\bà )|(?<=\balle )|(?<=\balle ore )|(?<=\bom ))"
    r"\d{1,2}\.[0-5]\d(?![\d.]*\d|\s*[ap]\.?m\b)(?:\s*uhr)?|"
    r"\d{1,2}(?:\.\d\d)?\s*[ap]\.?m\.?|\d{1,2}(?:[.:]\d\d)?\s*uhr|"
    r"0\d[0-5]\d|[012]\d[0-5]\d(?=\s*(?:h|hrs|hours)\b))(?!\w)",
    re.IGNORECASE,
)
_BEGINNING = regex(
    r"\b(?:all|shifts?|duties|watches|runs?|every|each|always|meetings?|sessions?|rehearsals?|services?|begin\w*|starts?|starting|commenc\w*|kick-?offs?|"
    r"alle|jeweils|immer|tous|toutes|toujours|débutent|commencent|todos|todas|siempre|empiezan|comienzan|tutti|tutte|"
    r"sempre|iniziano|altijd|telkens|alla|alltid|börjar|altid|starter)\b(?:[^.;]|\bkl\.)*$",
    re.IGNORECASE,
)


def times_of_parts(text: str) -> dict[str, str]:
    """Return the times that a note gives to parts of the day: "Morning papers at 9:00, afternoon papers at 13:30"."""
    found: dict[str, str] = {}
    parts = list(_PART.finditer(text))
    for part, following in zip_longest(parts, parts[1:]):
        said = text[part.end() : following.start() if following else len(text)]
        times = [span.text for span in spans_in(said)] or [one["time"] for one in _ONE_TIME.finditer(said)]
        if len(times) == 1:
            found.setdefault(half_of_day(part[0]), times[0])
    return found if len(found) > 1 else {}


def half_of_day(text: str) -> str:
    """Return "am", "pm" or "evening" for a text that is such a part of the day in some language; "" for any other."""
    word = text.strip(" .:()").casefold().replace(".", "")
    return next((half for half, words in _HALVES.items() if word in words), "")


_HALVES = {
    "am": "am morning mornings vormittag vormittags matin mañana mañanas mattina manhã ochtend förmiddag "
    "formiddag".split(),
    "pm": "pm afternoon afternoons nachmittag nachmittags après-midi tarde tardes pomeriggio middag eftermiddag "
    "ettermiddag".split(),
    "evening": "evening evenings abend abends soir soirée noche noches sera noite avond kväll aften kveld".split(),
}
_PART = regex(
    rf"(?<![\w-])(?:{'|'.join(word for words in _HALVES.values() for word in words)}|[ap]\.m\.)(?![\w-])"
    r"(?<!\d am)(?<!\d pm)(?<!\dam)(?<!\dpm)",
    re.IGNORECASE,
)


def weekdays_named(text: str) -> set[int]:
    """Return the weekdays that a note names (Monday is 0)."""
    return {day for word in _words(text) if (day := weekday_in_any(word.removesuffix("s"))) is not None}


def place_said(text: str) -> str:
    """Return the place that a note says all rows are at: "All lessons in the Annex unless noted"; "" for none."""
    found = _PLACE_OF_ALL.fullmatch(without_unless(text).rstrip(". "))
    return found["place"].strip() if found and not any(map(str.isdigit, found["what"])) else ""


_PLACE_OF_ALL = regex(
    r"(?:.*[.;]\s+)?(?P<what>(?:all|alle|every|each|jede[rs]?|tous|toutes|chaque|todos|todas|cada|tutt[ie]|ogni|elke|alla|"
    r"varje|hver|everything|alles|tout)\b[^.;]{0,40}?)\s(?:in|at|@|im|am|à|en|au|aux|dans|nel|nella|i|på|op|bij)\s+"
    r"(?:the\s+|der\s+|dem\s+|la\s+|le\s+|el\s+|de\s+|het\s+)?(?P<place>[^.;,]{2,40})",
    re.IGNORECASE,
)
_HOLDS = (
    r"\b(?:valid|gültig|gilt|valables?|válid[oa]|valid[oa]|geldig|gäller|gælder|gjelder|effective|in force|in effect|"
    r"clinics?|services?|meetings?|rehearsals?|activities|duties|bookings|lectures|modules|"
    r"runs?|holds?|time ?tables?|schedules?|rosters?|rotas?|plan|programme|classes|lessons|courses?|stundenplan|"
    r"dienstplan|kursplan|emploi du temps|horaires?|horarios?|orario|rooster|schema|skema|timeplan|kurse|cours|"
    r"cursos?|corsi|terms?|times|timings|hours|weekly|sessions?|training|trainings(?:plan|zeiten)|hallenplan|hallenzeiten|grille|"
    r"zajęcia|rozkład|rozvrh|órarend|lukujärjestys|vuorot|aukioloajat|öppettider|åpningstider|schooljaar|"
    r"semester|trimester|quarter|season|spring|summer|autumn|fall|winter|halbjahr|semestre|trimestre|saison|temporada|"
    r"horários?|\w*tider|squads?|groups?|teams?|fixtures|seizoen|sæson|säsong|sesong|sezon\w*|kurser|schooltijden|"
    r"stagione|periodo|période|periode|termin|\w*zeit(?:raum)?|duration|durée|duración|durata|looptijd)\b"
)
"""Words of titles whose dates are those of all rows."""
_ACTIVITIES = rf"\b(?:{words.ACTIVITIES})\b"
_OF_SOMETHING_ELSE = (
    r"\b(?:regist\w+|enrol\w*|sign[- ]?up|anmeld\w*|inscri\w+|iscri\w+|inschrijv\w*|exams?|prüfung\w*|exam\w*|closed?|"
    r"holidays?|break|vacation|no (?:class\w*|lessons?|school)|ferien|vacances|vacaciones|vacanze|vakantie|lov|"
    r"printed|updated?|published|stand|except|unless|not on|office|opening)\b"
)


def sentences_of(text: str) -> list[str]:
    """Return the sentences of a note; when nothing is stands alone: "14 Sep – 5 Dec (no classes 12 Oct)" has two."""
    return [part for sentence in _between_stops(text) for part in _exception_apart(sentence)]


def _exception_apart(sentence: str) -> list[str]:
    """Return a sentence in two where it says in brackets, or behind a comma, when nothing is; else alone."""
    for start, end, aside in _asides(sentence) if len(sentence) <= _LONGEST_SAID else ():
        rest = f"{sentence[:start]} {sentence[end:]}".strip()
        otherwise = _EXCEPT.match(aside) and any(True for _ in spans_in(rest))  # the times may be others then
        if not otherwise and any(map(str.isdigit, rest)) and are_dates(dates_without(aside)):
            return [rest, aside]
    return [sentence]


def _asides(sentence: str) -> Iterator[tuple[int, int, str]]:
    for found in _BRACKETS.finditer(sentence):
        yield *found.span(), found["aside"].strip()
    for found in _COMMA.finditer(sentence):
        yield found.start(), len(sentence), sentence[found.end() :]


_BRACKETS = regex(r"\s*[(\[](?P<aside>[^()\[\]]+)[)\]]")
_EXCEPT_WORDS = (
    r"(?:except\w*|excluding|excl|außer|ohne|sauf|salvo|excepto|senza|escluso|behalve|utom|undtagen|unntatt)\b"
)
_EXCEPT = regex(_EXCEPT_WORDS, re.IGNORECASE)
_COMMA = regex(rf"\s*[,;]\s+|\s+[–—-]\s+|\s+(?={_EXCEPT_WORDS})", re.IGNORECASE)


def _between_stops(text: str) -> list[str]:
    """Return the sentences of a note; what ends on a short word, as "Mr. Hale" does, goes on."""
    found = [""]
    for part in _SENTENCE_ENDS.split(text):
        word = "".join(re.findall(r"[^\W_]+", found[-1])[-1:])
        is_short = len(word) <= _SHORTENED and (_is_day(word) or month_of(word) is not None)
        goes_on = is_short or word.casefold() in _TITLES_OF_PEOPLE
        if found[-1] and not goes_on:
            found.append(part)
        else:
            found[-1] = f"{found[-1]}. {part}" if found[-1] else part
    return found


_SENTENCE_ENDS = regex(r"(?:(?<=[^\W\d_]{3})|(?<=\d{4})|(?<=\)))\.\s+(?=[^\W\d_a-zß-öø-ÿ])")
_SHORTENED = 4
"""Letters of a day or month that is cut short: "Mon.", "Sept."."""
_TITLES_OF_PEOPLE = frozenset("mrs miss prof capt revd rev fräulein frau herr mme mlle sra srta dott ing str".split())


def holding_span(text: str, order: Order | None = None, year: TitledYear | None = None) -> DateSpan | None:
    """Return from when until when all rows hold, where a title says it: "Clinic plan, valid 11.01.2027 to 25.06.2027".

    ``order`` is that of day and month, where it is known; ``year`` is that of dates which name none.
    """
    found = [span for sentence in sentences_of(text) if (span := _span_of_all(sentence, order, year)) is not None]
    return found[0] if len(found) == 1 else None


_LONGEST_SAID = 200
"""A note of more characters than this is looked into no further."""


class Bound(NamedTuple):
    """A first or a last day, by the field of a list that says it: "from" or "until"."""

    name: str
    day: date
    what: str = ""
    """What stands in front: what it is that holds."""


def holding_bound(
    text: str, order: Order | None = None, *, titled: bool = False, year: tuple[date, date] | None = None
) -> Bound | None:
    """Return from when on, or until when, all rows hold, where a title says one of both: "Kursplan ab 11.01.2027".

    ``order`` is that of day and month, where it is known; without it, the date must be one in any. A text that is
    ``titled`` stands above a sheet, and may call it as it likes; of two readings that in the ``year`` holds.
    """
    found = _BOUND.fullmatch(text.strip(" .")) if len(text) <= _LONGEST_SAID else None
    if found is None or not (titled or re.search(_HOLDS, found["what"] or "plan", re.IGNORECASE)):
        return None
    if re.search(_OF_SOMETHING_ELSE, found["what"] or "", re.IGNORECASE) or says_off(found["what"] or ""):
        return None
    orders = [order] if order else ORDERS[:1] if _DOTTED.search(found["date"]) else ORDERS
    days = {day for one in orders if (day := date_in(found["date"], one)) is not None}
    if len(days) > 1 and year is not None:
        days = {day for day in days if year[0] <= day <= year[1]}
    name = "until" if found["until"] else "from"
    return Bound(name, days.pop(), found["what"] or "") if len(days) == 1 else None


def says_off(text: str) -> bool:
    """Tell whether a text says that something is closed, or that nothing is."""
    return _IS_OFF.search(text) is not None


_IS_OFF = regex(
    rf"\b(?:{words.CLOSED})\b|\b(?:no|not|kein\w*|nicht|pas de|sin|nessun\w*|geen|niet|ingen|inga|cancelled|off)\b",
    re.IGNORECASE,
)
"""What says of its dates that nothing is then."""
_DOTTED = regex(r"\d\.\d{1,2}\.\d")
"""A date whose dots say that its day comes first."""
_VALID = r"(?:valid |in force |effective |gültig |valable |válid[oa] |geldig )?"
_BOUND = regex(
    r"(?:(?P<what>.*?)[\s,:(–-]+)?"
    rf"(?:{_VALID}(?:from|as of|starts|starting|beginning|w\.?\s?e\.?\s?f\.?|with effect from|ab|vom|"
    r"à partir du|dès le|desde(?: el)?|dal|a partire dal|"
    rf"vanaf|från(?: och med)?|fra(?: og med)?|od|alkaen)|effective|(?P<until>{_VALID}(?:until|till|bis|jusqu.au|"
    r"hasta(?: el)?|fino al|até|tot(?: en met)?|t/m|till och med|til og med)))\s+(?P<date>[^()]*\d{4})\)?",
    re.IGNORECASE,
)


def titled_span(text: str, order: Order | None = None, year: TitledYear | None = None) -> DateSpan | None:
    """Return from when until when a sheet holds, by a title above it: as a note says it, or a few words in front.

    "Museum front desk, January 4 – March 26, 2027".
    """
    year = year or year_in_titles([text])
    span = holding_span(text, order, year)
    telling = [sentence for sentence in sentences_of(text) if not dates_without(sentence)]
    if span is not None or not telling:
        return span
    span = _any_span(". ".join(telling), order, year)
    if span is None or span.behind or re.search(_OF_SOMETHING_ELSE, span.before, re.IGNORECASE):
        return None
    before = _NUMBERED_PART.sub(" ", span.before)
    return span if len(before.split()) <= _WORDS_OF_TITLE and not any(map(str.isdigit, before)) else None


_NUMBERED_PART = regex(
    r"\b20\d\d\b|\b(?:blocks?|terms?|sessions?|cycles?|modules?|quarters?|semesters?|trimesters?|parts?|phases?|rounds?|weeks?|"
    r"half[- ]terms?|courses?|bloc|bloques?|blok|blocco|phase|fase|quartal|kurs|runde|vecka|uke|uge|woche|wochen|"
    r"semaines?|semanas?|settimane|weken)\s*\d{1,2}(?:\s?[-–]\s?\d{1,2})?\b",
    re.IGNORECASE,
)
"""What a title calls the part of a year that it is about, and the year: “Block 1”, “Weeks 1–5”."""


_WORDS_OF_TITLE = 5


def _any_span(text: str, order: Order | None, year: TitledYear | None) -> DateSpan | None:
    found = span_of_dates(text, order) or _span_behind_year(text, order)
    return found or (_span_in(text, order, year) if year else None)


def _span_of_all(text: str, order: Order | None, year: TitledYear | None) -> DateSpan | None:
    if dates_without(text):
        return None
    span = _any_span(text, order, year)
    around = f"{span.before} {span.behind}" if span else ""
    if span is None or re.search(_OF_SOMETHING_ELSE, around, re.IGNORECASE):
        return None
    alone = not re.search(r"[^\W\d_]{4,}", around)
    holds = re.search(_HOLDS, around, re.IGNORECASE) or re.search(_ACTIVITIES, around, re.IGNORECASE)
    return span if alone or holds or names_part_of_year(span.before) else None


def _span_behind_year(text: str, order: Order | None) -> DateSpan | None:
    """Return the span that a title names behind its year, that of the first day: "Fall 2026: Sept 8 – Dec 19"."""
    found = _YEAR_AHEAD.fullmatch(text)
    span = span_of_dates(f"{found['days']} {found['year']}", order) if found else None
    if found is None or span is None:
        return None
    if span.first.year < int(found["year"]):
        span = span_of_dates(f"{found['days']} {int(found['year']) + 1}", order)  # it runs over the turn of the year
    return span._replace(before=f"{found['before']} {span.before}".strip()) if span else None


def _span_in(text: str, order: Order | None, year: TitledYear) -> DateSpan | None:
    """Return the span that a text without a year names: “14 September to 4 December”, in the year that it lies in."""
    text = " ".join(_SCHOOL_YEAR.sub(" ", text).split()) if year.crosses else text
    for form in () if re.search(r"\b\d{4}\b", text) else _YEARLESS:
        days = [(match, month) for match in form.finditer(text) if (month := _month_in(match["month"])) is not None]
        if len(days) == _BOTH_ENDS and (year.crosses or days[0][1] <= days[1][1]):
            last, month = days[-1]
            behind = "." if last["month"].isdigit() else ", "
            dated = f"{last[0].rstrip('.')}{behind}{year.of_month(month)}"
            return span_of_dates(f"{text[: last.start()]}{dated}{text[last.end() :]}", order)
    return None


def _month_in(text: str) -> int | None:
    if text.isdigit():
        return int(text) if 1 <= int(text) <= _MONTHS_OF_A_YEAR else None
    return month_of(text)


_MONTHS_OF_A_YEAR = 12
_YEARLESS = (
    regex(r"\b\d{1,2}(?:st|nd|rd|th|er|\.|º)?\s+(?:de\s+|of\s+)?(?P<month>[^\W\d_]{3,})"),
    regex(r"\b(?P<month>[^\W\d_]{3,})\.?\s+\d{1,2}(?:st|nd|rd|th)?\b(?!\s*[:h]|\.\d)"),
    regex(r"(?<![\d.])\d{1,2}\.(?P<month>\d{1,2})\.?(?![\d.])"),
)
"""A day and its month, as texts without a year name them."""
_BOTH_ENDS = 2
_YEAR_AHEAD = regex(r"(?P<before>[^\d]*)(?P<year>20\d\d)\s*(?:[:,;(–-]|\s)\s*(?P<days>(?:(?!20\d\d).)*?)\)?")


def dates_without(text: str) -> str:
    """Return the dates on which a note says that nothing is: "No class on 26 October", "Studio closed 5–9 April"."""
    text = _NAME_IN_BRACKETS.sub(" ", text)
    if _is_open_ended(text):
        return ""
    nothing = _NOTHING_IN.fullmatch(text)
    if nothing is not None and are_dates(nothing["dates"]):
        return nothing["dates"]
    if named := _dates_behind_a_name(text) or _dates_ahead_of_nothing(text):
        return named
    dates = without_not_on(text)
    if dates is not None and any(map(str.isdigit, dates)):
        return dates
    closed = _CLOSED.fullmatch(text)
    if closed is None or re.search(_ABOUT_OTHER_DATES, closed["what"], re.IGNORECASE):
        return ""
    return closed["dates"] if are_dates(closed["dates"]) else ""


_NAME_IN_BRACKETS = regex(
    r"(?<=\d)\s*\([^()\d]+\)(?=\s*(?:$|[.,;&]|(?:and|und|et|y|e|en|och|og|i|a)\b))", re.IGNORECASE
)
"""What a date is called, behind it: “15 February (Family Day) and 13 March”."""


def _dates_behind_a_name(text: str) -> str:
    """Return the dates behind what they are called: "closed for half term (26–30 October)"."""
    for gap in _GAP.finditer(text) if len(text) <= _LONGEST_SAID else ():
        head, dates = text[: gap.start()], text[gap.end() :].rstrip(" )")
        off = _OFF_FOR.match(head)
        name = (head[off.end() :] if off else without_not_on(head)) if are_dates(dates) else None
        if name and _OF_A_BREAK.search(name) and not re.search(_ABOUT_OTHER_DATES, name, re.IGNORECASE):
            return dates
    return ""


_GAP = regex(r"[\s(:–-]+")


def _dates_ahead_of_nothing(text: str) -> str:
    """Return the dates ahead of words that say that nothing is: "Autumn break: 19–23 October no training"."""
    found = _NOTHING_BEHIND.fullmatch(text) if len(text) <= _LONGEST_SAID else None
    if found is None or are_dates(found["rest"]):
        return found["rest"] if found else ""
    name, _, dates = found["rest"].partition(":")
    return dates.strip() if not any(map(str.isdigit, name)) and are_dates(dates) else ""


_NO_ACTIVITY = rf"{words.NONE_OF}\s+(?:{words.ACTIVITIES})\b"
_NOTHING_BEHIND = regex(
    rf"(?P<rest>.*?\d[^:]*?)[\s:,;(–-]+(?:there (?:is|are|will be) )?{_NO_ACTIVITY}(?:\s*\([^()]*\))?[\s.)!]*",
    re.IGNORECASE,
)
_OFF_FOR = regex(
    r"(?:we are\s+|(?:the\s+)?(?:pool|hall|studio|school|club|centre|gym|building)\s+(?:is\s+)?)?"
    r"(?:closed|geschlossen|fermé\w*|cerrado|chiuso|gesloten|stängt|lukket|stengt)\s+(?=\w)",
    re.IGNORECASE,
)
_OF_A_BREAK = regex(
    r"^(?:in|during|over|for|wegen|im|während|pour|pendant|por|durante|per|nelle|voor|i|för|op|på|w)\b|"
    rf"\b(?:{words.CLOSED})\b",
    re.IGNORECASE,
)


def _is_open_ended(text: str) -> bool:
    """Tell whether a text says from when on, or until when, something is, and not both: it names no single days."""
    found = _ONE_END.search(text)
    alone = found is not None and not any(map(str.isdigit, text[: found.start()]))
    return found is not None and alone and span_of_dates(found["dates"]) is None and not _TO.search(found["dates"])


_ONE_END = regex(
    r"\b(?:until|till|before|after|since|from|starting|ab|bis|vor|nach|seit|jusqu.au|avant|après|depuis|à partir d[eu]|"
    r"desde(?: el)?|hasta(?: el)?|antes|dal|fino al|vanaf|tot|sedan|från|fra|til)\s+(?P<dates>\d.*)",
    re.IGNORECASE,
)
_TO = regex(
    r"\d\S*\s*(?:[-–—]|\b(?:to|until|till|bis|au|al?|tot|t/m|til|till|hasta)\b)\s*\S*\d|[,;&]|\band\b", re.IGNORECASE
)
_NOTHING_IN = regex(
    rf"(?:there (?:is|are|will be) )?{_NO_ACTIVITY}"
    r"(?:\s+(?:in|during|over|on|at|for|am|an|im|in den|während|pendant|en|durante|i|op|på|om)\b)?"
    r"(?:\s+(?:the\s+|den\s+|der\s+|la\s+|les\s+|el\s+)?[^\d():,]{3,40}?)?"
    r"[\s(:,–-]+(?P<dates>\d[^():]*|[^\W\d_]{3,}\.? \d[^():]*)[\s).]*",
    re.IGNORECASE,
)
"""“No clubs in half term (26–30 October)”."""
_CLOSED = regex(
    rf"(?P<what>[^\d:;]{{0,40}}?\b(?:{words.CLOSED})\b)[\s:,–(-]*(?:(?:from|on|is|are|be|for|vom|am|von|du|le|del|el|dal|il|van|op|"
    r"från|den|fra)\s+)*(?P<dates>[^:]*?)[\s.)]*",
    re.IGNORECASE,
)
_ABOUT_OTHER_DATES = (
    r"\b(?:regist\w+|enrol\w*|sign|anmeld\w*|inscri\w+|iscri\w+|inschrijv\w*|office|bookings?|entries|applications?|"
    r"deadline|before|after|until|by|last|first|vor|nach|bis|letzte\w*|erste\w*|avant|après|jusqu\w+|derni\w+|premi\w+|"
    r"antes|después|hasta|prima|dopo|not|never|nicht|open|except|course|kurs|camp)\b"
)
"""Words beside which a closing word says nothing of the rows: “Bookings closed 5 May”, “last class before Easter”."""


def length_said(text: str) -> str:
    """Return the one length that a note says of all rows: "Matches last 70 minutes"; "" for none."""
    found = _LENGTH.findall(text)
    lasting = _LASTING.search(text) and not _NOT_LASTING.search(text)
    return found[0] if len(found) == 1 and lasting and read_length(found[0]) is not None else ""


_LENGTH = regex(
    r"\b\d+(?:[.,]\d+)?\s*(?:minutes|minute|mins?|min|hours?|hrs?|h|minuten|stunden?|std|heures?|minuti|minutos|ore|horas?|minuter|minutter|minutt|minuten|timmar|timme|timer|time|uur|uren)\b",
    re.IGNORECASE,
)
_LASTING = regex(
    r"\b(?:lasts?|lasting|runs?|takes?|long|all|each|every|length|duration|\w*dauer\w*|durée|durent|durer|duración|duran|dura|"
    r"durata|durano|duur|duren|varer|varar|alle|alla|varje|hver|elke|ogni|cada|chaque|jeweils|tous|toutes|todos|todas|tutti|tutte)\b",
    re.IGNORECASE,
)
_NOT_LASTING = regex(
    r"\b(?:before|after|prior|early|earlier|late|later|break|within|notice|vor|nach|pause|avant|après|antes|después|"
    r"prima|dopo|innan|før|etter|efter)\b",
    re.IGNORECASE,
)


def says_how_new(text: str) -> bool:
    """Tell whether a text says no more than how new a sheet is: "Updated 5 January 2027"."""
    return _OF_VERSION.search(text) is not None


_OF_VERSION = regex(
    r"\b(?:updated|revised|printed|version|as at|last changed|approved|draft|stand|fassung|gedruckt|mis à jour|"
    r"actualizado|aggiornato|bijgewerkt|uppdaterad|opdateret|oppdatert|päivitetty)\b",
    re.IGNORECASE,
)
"""Words of notes that say how new a sheet is."""


def says_when(text: str) -> bool:
    """Tell whether a text holds a span of times, a weekday or a date."""
    text = _SCHOOL_YEAR.sub("", text)
    timed = any(True for _ in spans_in(text)) or any(map(_is_day, _words(text))) or is_data(text)
    return timed or span_of_dates(text) is not None or _names_date(text)


def says_when_or_where(text: str) -> bool:
    """Tell whether a text says when something is, or where all of it is: it may change what events are."""
    return says_when(text) or bool(place_said(text))


_SCHOOL_YEAR = regex(r"\b20\d\d\s?[-–/]\s?(?:20)?\d\d\b(?![-/])")


def _names_date(text: str) -> bool:
    """Tell whether a date stands in a text: in digits, or a day beside the name of its month."""
    if _IN_DIGITS.search(text):
        return True
    return any(month_of(word) is not None for form in _DAY_AND_MONTH for word in form.findall(text))


_IN_DIGITS = regex(r"(?<![\d.,])\d{1,2}[./-]\d{1,2}[./-](?:\d{4}|\d{2})(?![\d.])|\b\d{4}-\d\d-\d\d\b")
_DAY_AND_MONTH = (
    regex(r"\b\d{1,2}(?:st|nd|rd|th|er|\.|º)?\s+(?:de\s+)?([^\W\d_]{3,})", re.IGNORECASE),
    regex(r"([^\W\d_]{3,})\.?\s+\d{1,2}\b(?!\s*[:h])", re.IGNORECASE),
)
"""The words beside a number that may be a day's: looked for apart, for “from 25 January” has two."""


def _words(text: str) -> Iterator[str]:
    return (word for word in re.findall(r"[^\W\d_]+", text) if len(word) > 2)


def _is_day(word: str) -> bool:
    return weekday_in_any(word.removesuffix("s")) is not None
