"""Repeats in plain words → a rule, and what of the school year it depends on. Every word must be understood.

docs/repeats.md writes the grammar down; its examples are tests.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import dataclass, field, replace
from datetime import date
from difflib import get_close_matches
from typing import Literal

from nomarium.core.repeats.months_as_bounds import in_days
from nomarium.core.repeats.other_languages import in_english
from nomarium.core.repeats.rule import Frequency, Rule, RuleRefused, WeekdayNumber, parse_rule
from nomarium.core.repeats.runs import run_in
from nomarium.core.values import WEEKDAY_NAMES, day_words, month_of, parted_dates, weekday_in_any
from nomarium.lazily import regex

OnClosure = Literal["drop", "keep", "next", "previous"]


@dataclass(frozen=True, slots=True)
class Repeat:
    """What a repeat in words means: a rule's dates, of those the ones that the school year lets be."""

    rule: Rule
    labels: tuple[str, ...] = ()
    """Only dates with one of these labels in a cycle."""
    week: str = ""
    """Only weeks that are "odd" or "even" by their number in the term, or that have this letter (in capitals)."""
    period: str = ""
    """The period of the bell times that it is in, "" where the row has times of its own, or none."""
    in_term: bool = False
    school_days: bool = False
    on_closure: OnClosure | None = None
    """What a closure does, where the words themselves say so: the last working day comes before it."""
    first: str = ""
    """The date from which it goes, as it was written: "from 14 September"; "" where the words say none."""
    until: str = ""
    """The last date, as it was written: "18 Dec 2026", "end of term"."""
    times: int | None = None
    except_: tuple[str, ...] = field(default=())

    @property
    def needs_year(self) -> bool:
        """Whether the dates depend on a school year."""
        return bool(self.labels or self.week or self.in_term or self.school_days or self.period)


class NotUnderstood(ValueError):
    """Words that are no repeat, or could mean two: carries what would do instead."""

    def __init__(self, message: str, expected: str | Callable[[], str] = "", *, surely: bool = False) -> None:
        super().__init__(message)
        self._expected = expected
        self.surely = surely
        """Whether the words are a repeat beyond doubt, and only contradict themselves."""

    @property
    def expected(self) -> str:
        """What would do instead: worked out only where somebody is told."""
        return self._expected if isinstance(self._expected, str) else self._expected()


FORMS = (
    "daily", "every 3 days", "weekdays", "weekly", "every Tuesday and Thursday", "Mon, Wed, Fri", "fortnightly",
    "every other Wednesday", "every 3 weeks on Monday", "monthly on the 15th", "monthly on the 15th and the last day",
    "first Monday of the month", "last Friday monthly", "last working day of the month", "every 2 months on the 1st",
    "quarterly", "yearly", "yearly on 5 May", "every school day", "every Day 3", "every A day", "every A day, period 2",
    "weekly in term",
    "odd weeks", "Thursdays in week B", "RRULE:FREQ=WEEKLY;BYDAY=TU",
)  # fmt: skip
"""Forms that are understood, for messages."""

_NUMBERS = {
    word: n for n, word in enumerate("one two three four five six seven eight nine ten eleven twelve".split(), 1)
}
_ORDINALS = {
    **{word: n for n, word in enumerate("first second third fourth fifth".split(), 1)},
    **{f"{n}{ending}": n for n, ending in zip(range(1, 6), ("st", "nd", "rd", "th", "th"), strict=True)},
    "last": -1,
    "second last": -2,
    "second to last": -2,
    "penultimate": -2,
}
_DAYS = {name.lower(): n for n, name in enumerate(WEEKDAY_NAMES)}
_DAYS |= {f"{name}s": n for name, n in list(_DAYS.items())}
_DAYS |= {name.lower()[:3]: n for n, name in enumerate(WEEKDAY_NAMES)}
_DAYS |= {"tues": 1, "wednes": 2, "weds": 2, "thur": 3, "thurs": 3}
_WEEKDAY = "|".join(sorted(_DAYS, key=len, reverse=True))
_N_PLAIN = rf"(?:\d{{1,3}}|{'|'.join(_NUMBERS)})"
_N = rf"(?:\d{{1,3}}|{'|'.join(_NUMBERS)}|other)"
_ORD = "|".join(sorted(_ORDINALS, key=len, reverse=True))
_MONTHS = "january february march april may june july august september october november december".split()
_WORKING = ("working day", "weekday", "school day", "business day")


LONGEST_REPEAT = 400
"""Characters of a repeat in words, beyond any that a person writes."""


def read_words(text: str, start: date) -> Repeat:
    """Read a repeat in words; ``start`` is the date of the row, by which "weekly" knows its weekday.

    Raises NotUnderstood for what is no repeat, for a word too many, and for words with two meanings.
    """
    if len(text) > LONGEST_REPEAT:
        raise NotUnderstood("It is too long for a repeat.")
    plain = " ".join(text.split()).strip(" .;")
    if plain.upper().startswith(("RRULE:", "FREQ=")):
        return Repeat(_standard(plain))
    plain = _with_whole_dates(plain)
    plain = _run_in_words(plain) or plain
    try:
        return _read_english(plain, start, text)
    except NotUnderstood:
        if (english := in_english(plain)) is None:
            raise
        return _read_english(english, start, text)


def _run_in_words(text: str) -> str | None:
    """Return a course's run, "Di, 12.01. – 16.02.2027, 6x", as a repeat in English; None for other words.

    Raises NotUnderstood where its dates are on other weekdays, or not as many, as it says.
    """
    run = run_in(text)
    if run is not None and run.strays:
        day = run.strays[0]
        raise NotUnderstood(
            f"{day_words(day)} is not on the weekday that it says.", "Weekday and date agree", surely=True
        )
    if run is not None and run.last is not None and run.times not in (None, counted := run.counted()):
        raise NotUnderstood(
            f"From its first to its last day it is {counted} times, not {run.times}.",
            lambda: f"“{run.words} except …” with the dates on which it is not, or no number",
            surely=True,
        )
    return run.words if run else None


def _read_english(plain: str, start: date, text: str) -> Repeat:
    head, modifiers = _modifiers(_normalised(plain))
    repeat = _head(head, start, text)
    for apply in modifiers:
        repeat = apply(repeat)
    return repeat


@dataclass(frozen=True, slots=True)
class Bounds:
    """What bounds the days that words name: from when, until when, how often, and when not; dates as written."""

    head: str
    """The words that name the days; "weekly" where only their number stands there."""
    first: str = ""
    until: str = ""
    times: int | None = None
    without: tuple[str, ...] = ()


def bounds_in(text: str) -> Bounds | None:
    """Part a text such as "8 Tuesdays from 14 September, none on 26 October" into days and bounds; None without any."""
    if len(text) > LONGEST_REPEAT:
        return None
    plain = _with_whole_dates(" ".join(text.split()).strip(" .;"))
    try:
        plain = _run_in_words(plain) or plain
    except NotUnderstood:
        return None
    if not _is_english(plain):
        plain = in_english(plain) or plain
    try:
        head, modifiers = _modifiers(_normalised(plain))
        found = Repeat(Rule(Frequency.DAILY))
        for apply in modifiers:
            found = apply(found)
    except NotUnderstood:
        return None
    if not (found.first or found.until or found.times or found.except_) or found.in_term or found.week or found.period:
        return None
    at = plain.lower().find(head)  # labels and letters of weekdays are told by their case
    return Bounds(plain[at : at + len(head)] if at >= 0 else head, found.first, found.until, found.times, found.except_)


def _is_english(text: str) -> bool:
    """Tell whether a text is a repeat in English words; “Mar” is March then, and no Tuesday of Spain."""
    try:
        _read_english(text, date(2000, 1, 3), text)
    except NotUnderstood:
        return False
    return True


def _standard(text: str) -> Rule:
    try:
        return parse_rule(text[6:] if text.upper().startswith("RRULE:") else text)
    except RuleRefused as refused:
        raise NotUnderstood(
            f"The rule can't be read: {refused}.", "A rule of RFC 5545, such as RRULE:FREQ=DAILY"
        ) from None


def _normalised(text: str) -> str:
    text = text.lower().replace("–", "-").replace("—", "-").replace("&", " and ").replace("+", " and ")
    text = re.sub(r"(?<=[a-z])\.(?=\s|,|$)", "", text)
    text = re.sub(r"\s*\(\s*", ", ", text).replace(")", "")
    text = re.sub(r"(?<=[a-z])\s*/\s*(?=[a-z])", ", ", text)
    text = re.sub(r"(?<=\d(?:st|nd|rd|th))\s*/\s*(?=\d)", " and ", text)
    text = re.sub(r"\balt\b", "alternate", re.sub(r"\b(?:of|in|per) month\b", "of the month", text))
    text = re.sub(r"^((?:once )?(?:monthly|weekly|fortnightly|a month)) ?[-:] ?", r"\1, ", text)
    text = in_days(" ".join(text.split()))
    return _SPAN_BEHIND.sub(r"\g<days> from \g<first> until \g<last>", text, count=1)


_DATE = (
    r"(?:\d{1,2}(?:st|nd|rd|th|er|\.)? (?:de )?[^\W\d]{3,}(?:,? (?:de )?\d{4})?|"
    r"[^\W\d]{3,} \d{1,2}(?:st|nd|rd|th)?(?:,? \d{4})?|\d{1,2}[./]\d{1,2}[./](?:\d{2,4})?|\d{4}-\d\d-\d\d)"
)
_TO = r"(?:[-–—]|to|until|till?|through|au|al?|bis|tot|hasta(?: el)?) ?"
_OFTEN = rf"(?:{_WEEKDAY}|daily|weekdays?|every day|weekly)"
_DAYS_OF_ONE_MONTH = regex(
    r"^(?P<days>[^\d,]+?(?:, [^\d,]+?)*?),? (?P<from>from |between |du |del |dal |vom |van |från |fra )?"
    r"(?:(?P<ahead>[^\W\d]{3,} ))?"
    rf"(?P<first>\d{{1,2}}(?:st|nd|rd|th|\.)?)(?:(?P<and> and )| ?{_TO})(?P<last>\d{{1,2}}(?:st|nd|rd|th|\.)?)"
    r"(?P<behind> (?:de )?[^\W\d]{3,})?(?P<year>,? (?:de )?\d{4})?(?=$|,| )",
    re.IGNORECASE,
)
"""“Tuesdays, 2–23 February 2027”, “between February 2 and 23”."""
_BETWEEN = regex(rf"\bbetween (?P<first>{_DATE}) and (?P<last>{_DATE})", re.IGNORECASE)


def _with_whole_dates(text: str) -> str:
    """Write both ends of a span as dates: “2–23 February 2027”, “between 2 February and 9 March”."""
    text = _BETWEEN.sub(r"\g<first> to \g<last>", text)
    found = _DAYS_OF_ONE_MONTH.match(text)
    if found is None or (found["and"] and (found["from"] or "").lower() != "between "):
        return text
    numbers = [int(re.sub(r"\D", "", found[end])) for end in ("first", "last")]
    if _WEEKDAY_SPAN.fullmatch(found["days"]) and numbers[1] - numbers[0] < _DAYS_OF_WEEK:
        return text  # “Wed–Thu, 7–8 September”: the span itself
    month = (found["ahead"] or found["behind"] or "").removeprefix(" de ").strip()
    if bool(found["ahead"]) is bool(found["behind"]) or month_of(month) is None:
        return text
    first, last = (
        f"{found['ahead'] or ''}{found[end]}{found['behind'] or ''}{found['year'] or ''}" for end in ("first", "last")
    )
    return f"{found['days']}, {first} to {last}{text[found.end() :]}"


_WEEKDAY_SPAN = regex(r"[^\W\d_]{2,}\.?\s?[-–—]\s?[^\W\d_]{2,}\.?")
_DAYS_OF_WEEK = 7
_SPAN_BEHIND = regex(
    rf"^(?P<days>[^\d]*\b{_OFTEN}),? (?:du |del? |dal |vom |van )?(?P<first>{_DATE}) ?"
    rf"{_TO}(?P<last>{_DATE})(?=$|,| )"
)
"""“Wednesdays, 9 September to 9 December 2026”."""


_KEYWORDS = regex(
    r",?\s*\b(?P<word>until|till|up to|through|ending|except(?: on| for)?|but not(?: on)?|excluding|not on|none on|"
    r"skipping|missing|no (?:class|classes|sessions?|lessons?|meetings?|training|rehearsals?)(?: on)?|"
    r"(?:not|from|start(?:s|ing)?|begin(?:s|ning)?|commencing|as of|ab|desde|à partir du|dès le|dal|vanaf|från|fra|"
    r"bis|hasta|jusqu[’']au|fino al|tot|t/m|til|außer|sauf|salvo|excepto|eccetto|behalve|utom|undtagen)"
    r"(?: on| dem| am| zum| el| le| du)?(?=\s[^,;]*\d))\b\s*"
)
_STARTS = (
    "from",
    "start",
    "begin",
    "commencing",
    "as of",
    "ab",
    "desde",
    "à partir",
    "dès",
    "dal",
    "vanaf",
    "från",
    "fra",
)
_EXCEPT = (
    "except", "but", "excluding", "not", "none", "skipping", "missing", "no ", "außer", "sauf", "salvo", "excepto",
    "eccetto", "behalve", "utom", "undtagen",
)  # fmt: skip
_COUNTED = regex(
    rf"({_N_PLAIN})(?: ?[x×]| (?:(?:weekly |consecutive )?(?:times|occurrences|sessions|meetings|lessons|classes|"
    r"evenings|mornings|afternoons|dates|weeks|sesiones|clases|tardes|séances?|cours|soirées?|semaines|termin|termine|abende?|"
    r"treffen|wochen|lezioni|incontri|serate|settimane|semanas|sessões|aulas|lessen|avonden|weken|bijeenkomsten|gånger|ggr|"
    r"kvällar|veckor|tillfällen|gange|uger|aftener|kvelder|uker|kertaa|kerta|viikkoa|zajęć|spotkań|tygodni|lekcí|setkání|"
    r"alkalom)|"
    r"(?:x |× )?(?P<days>[^\W\d]{2}.*)))"
)
"""A number of meetings that stands in front: "10 sessions", "8x", "8 Tuesdays"."""
_TIMES = regex(rf",?\s+(?:for )?({_N}) (?:times|occurrences|sessions|meetings)$|,?\s*[x×]\s?(\d{{1,3}})$")
_FOR_WEEKS = regex(rf"(?:,?\s+for|,) ({_N_PLAIN}) (weeks|months|years|days)$")
_COUNT_BEHIND = regex(rf",?\s+(?:for )?{_N_PLAIN} (?:times|occurrences|sessions|meetings|weeks)$")
_IN_TERM = regex(r",?\s*\b(?:in|during) (?:the )?term(?: ?time)?(?: only)?$|,?\s*\bterm ?time(?: only)?$")
_IN_PERIOD = regex(r",?\s*\b(?:(?:in|during|at) )?(?:the )?(?:period|block|lesson) (\w{1,12})$")
_IN_WEEK = regex(
    r",?\s*\b(?:(?:in|of|on) )?(?:(odd|even) weeks?|weeks? ([a-z])|([a-z]) weeks)$|"
    r"^(?:every )?(odd|even|[a-z]) weeks?(?: on)? |"
    r"^weeks? ([a-z])(?: on)? "
)

_Modifier = Callable[[Repeat], Repeat]


def _modifiers(text: str) -> tuple[str, list[_Modifier]]:
    """Split a text into what repeats, and what bounds it: until, times, except, in term, odd weeks."""
    found: list[_Modifier] = []
    pieces = list(_KEYWORDS.finditer(text))
    head = text[: pieces[0].start()] if pieces else text
    for place, match in enumerate(pieces):
        end = pieces[place + 1].start() if place + 1 < len(pieces) else len(text)
        rest = text[match.end() : end].strip(" ,")
        if counted := _COUNT_BEHIND.search(rest):  # “from 13 Jan, 6 weeks”
            head, rest = f"{head}, {counted[0].strip(' ,')}", rest[: counted.start()]
        found.append(_bound(match["word"], rest))
    counted = _COUNTED.fullmatch(head.strip(" ,"))
    if counted and (counted["days"] is None or _is_weekday(counted["days"].split()[0].rstrip(","))):
        times = _number(counted[1])
        found.append(lambda repeat: replace(repeat, times=times))
        head = counted["days"] or "weekly"
    while True:
        shorter, apply = _suffix(head)
        if apply is None:
            return head.strip(" ,"), found
        head = shorter
        found.append(apply)


def _bound(word: str, rest: str) -> _Modifier:
    if not rest:
        raise NotUnderstood(f"After “{word}” a date is missing.", f"{word} 18 Dec 2026")
    if word.startswith(_STARTS):
        first, _, last = rest.partition(" to ")
        return lambda repeat: replace(repeat, first=first.strip(), until=last.strip() or repeat.until)
    if word.startswith(_EXCEPT):
        dates = tuple(parted_dates(rest))
        return lambda repeat: replace(repeat, except_=(*repeat.except_, *dates))

    def until(repeat: Repeat) -> Repeat:
        if repeat.until:
            raise NotUnderstood("Two ends are stated.", "One “until”.")
        return replace(repeat, until=re.sub(r"^(?:the )", "", rest))

    return until


def _is_weekday(word: str) -> bool:
    return word in _DAYS or weekday_in_any(word) is not None or weekday_in_any(word.rstrip("s")) is not None


def _suffix(head: str) -> tuple[str, _Modifier | None]:
    """Take one bound off the end (or a week off the front) of a text."""
    if match := _TIMES.search(head):
        times = _number(match[1] or match[2])
        return head[: match.start()], lambda repeat: replace(repeat, times=times)
    if match := _FOR_WEEKS.search(head):
        shorter, times = head[: match.start()], _times_in_weeks(head[: match.start()], match)
        return shorter, lambda repeat: replace(repeat, times=times)
    if match := _IN_PERIOD.search(head):
        period = match[1]
        return head[: match.start()], lambda repeat: replace(repeat, period=period)
    if match := _IN_TERM.search(head):
        return head[: match.start()] or "daily", lambda repeat: replace(repeat, in_term=True)
    if match := _IN_WEEK.search(head):
        which = next(group for group in match.groups() if group)
        week = which if which in ("odd", "even") else which.upper()
        rest = f"{head[: match.start()]} {head[match.end() :]}".strip()
        return rest or "weekly", lambda repeat: replace(repeat, week=week)
    return head, None


_TIMES_BEHIND = regex(r"[\s,]*(?=\d)")


def _times_in_weeks(head: str, weeks: re.Match[str]) -> int:
    """Return how often something is in some weeks that is on the same weekdays in each; others have no last date."""
    try:
        days, *_ = _TIMES_BEHIND.split(head, 1)
        rule = _head(days or head, date(2000, 1, 3), head).rule
    except NotUnderstood:
        rule = Rule(Frequency.DAILY)
    if weeks[2] != "weeks" or rule.freq is not Frequency.WEEKLY or rule.interval != 1:
        raise NotUnderstood(
            f"“{weeks[0].strip(' ,')}” does not say on which date it ends.", "“until 18 Dec 2026”, or “10 times”"
        )
    return _number(weeks[1]) * max(1, len(rule.by_day))


def _number(word: str) -> int:
    number = 2 if word == "other" else _NUMBERS.get(word) or int(word)
    if number < 1:
        raise NotUnderstood(f"“{word}” is no number from 1 on.")
    return number


def _head(head: str, start: date, text: str) -> Repeat:
    """Read what repeats, by the first of the forms that takes every word."""
    _refuse_double_meanings(head)
    for read in (_by_days, _by_weeks, _by_school, _by_months, _by_years):
        found = read(head, start)
        if found is not None:
            return found
    raise NotUnderstood(f"“{text}” is not understood as a repeat.", lambda: f"“{_nearest_form(head)}”, for example")


def _nearest_form(head: str) -> str:
    near = get_close_matches(head, [form.lower() for form in FORMS], 1, 0.4)
    return next((form for form in FORMS if near and form.lower() == near[0]), "every Tuesday and Thursday")


def _refuse_double_meanings(head: str) -> None:
    if re.fullmatch(r"bi-?weekly.*|semi-?weekly.*", head):
        raise NotUnderstood("It can mean twice a week or every other week.", "“every other week”, or two weekdays")
    if re.fullmatch(r"bi-?monthly.*|semi-?monthly.*", head):
        raise NotUnderstood(
            "It can mean twice a month or every other month.", "“every 2 months”, or two days of the month"
        )
    if match := re.fullmatch(rf"(?:every|each) (second|2nd) ({_WEEKDAY})s?", head):
        day = WEEKDAY_NAMES[_DAYS[match[2]]]
        raise NotUnderstood(
            f"It can mean every other {day}, or the second {day} of each month.",
            f"“every other {day}” or “second {day} of the month”",
        )


def _by_days(head: str, start: date) -> Repeat | None:
    del start
    if head in ("daily", "every day", "each day"):
        return Repeat(Rule(Frequency.DAILY))
    if match := re.fullmatch(rf"every ({_N}|second) days?", head):
        return Repeat(Rule(Frequency.DAILY, interval=2 if match[1] == "second" else _number(match[1])))
    if re.fullmatch(r"(?:every |each |on |all )?(?:weekdays?|working days?|business days?)", head):
        return Repeat(_weekly(1, tuple(range(5))))
    if re.fullmatch(r"(?:every |each |on |at )?weekends?", head):
        return Repeat(_weekly(1, (5, 6)))
    return None


def _weekly(interval: int, weekdays: Sequence[int]) -> Rule:
    return Rule(Frequency.WEEKLY, interval=interval, by_day=tuple(map(WeekdayNumber, dict.fromkeys(weekdays))))


_DAY_LIST = rf"(?:{_WEEKDAY})(?:(?:, and |, | and | ?- ?| to | )(?:{_WEEKDAY}))*"
_WEEKLY = regex(
    r"(?:(?P<once>weekly|every week|each week|once a week)|"
    r"(?P<twice>fortnightly|every fortnight|each fortnight|alternate weeks)|"
    rf"every (?P<n>{_N}) weeks?)(?:,? (?:on |every )?(?P<days>{_DAY_LIST}))?"
)
_ON_DAYS = regex(
    rf"(?:(?P<other>every other|alternate)|(?:every|each|on|all|daily,?))? ?(?P<days>{_DAY_LIST})"
    r"(?:,? (?:weekly|each week|every week|"
    r"(?P<twice>fortnightly|alternate weeks|every (?:other|two|2|second) weeks?)))?"
)
_SO_OFTEN = regex(
    rf"(?P<times>once|twice|thrice|{_N_PLAIN} ?(?:times|x)) (?:weekly|a week|per week|each week),? (?:on )?"
    rf"(?P<days>{_DAY_LIST})"
)
_HOW_MANY = {"once": 1, "twice": 2, "thrice": 3}


def _by_weeks(head: str, start: date) -> Repeat | None:
    if match := _WEEKLY.fullmatch(head):
        interval = 1 if match["once"] else 2 if match["twice"] else _number(match["n"])
        return Repeat(_weekly(interval, _weekdays(match["days"]) if match["days"] else (start.weekday(),)))
    if match := _ON_DAYS.fullmatch(head):
        return Repeat(_weekly(2 if match["other"] or match["twice"] else 1, _weekdays(match["days"])))
    if match := _SO_OFTEN.fullmatch(head):
        times = _HOW_MANY.get(match["times"]) or _number(re.sub(r" ?(?:times|x)$", "", match["times"]))
        weekdays = _weekdays(match["days"])
        if len(set(weekdays)) != times:
            message = f"{len(set(weekdays))} weekdays are not “{match['times']}” a week."
            raise NotUnderstood(message, "As many weekdays as it says", surely=True)
        return Repeat(_weekly(1, weekdays))
    return None


def _weekdays(text: str) -> list[int]:
    """Return the weekdays of a list; "mon-thu" and "monday to thursday" are all from the first to the last."""
    found: list[int] = []
    for part in re.split(r", and |, | and | (?!to |- )(?<!to )(?<!- )", text):
        ends = [_DAYS[name.strip()] for name in re.split(r" ?- ?| to ", part) if name.strip()]
        first, last = ends[0], ends[-1]
        found += [(first + step) % 7 for step in range((last - first) % 7 + 1)]
    return found


_LABELS = r"[a-z0-9]{1,3}(?:(?:, and |, | and )[a-z0-9]{1,3})*"


def _by_school(head: str, start: date) -> Repeat | None:
    """Read "every school day", "every Day 3", "every A day" and "Days 1 and 4"."""
    del start
    if re.fullmatch(r"(?:every |each |on |all )?school days?", head):
        return Repeat(Rule(Frequency.DAILY), school_days=True)
    match = re.fullmatch(rf"(?:every |each |on )?days? ({_LABELS})", head) or re.fullmatch(
        rf"(?:every |each |on )?({_LABELS})[ -]days?", head
    )
    counts_days = match is not None and re.fullmatch(_N, match[1]) and not _NAMES_A_DAY.match(head)
    if match is None or counts_days:
        return None
    labels = tuple(part.upper() for part in re.split(r", and |, | and ", match[1]))
    return Repeat(Rule(Frequency.DAILY), labels=labels, school_days=True)


_NAMES_A_DAY = regex(r"(?:every |each |on )?days? ")

_SPEC = (
    rf"(?:the )?(?:(?:{_ORD}|\d{{1,2}}(?:st|nd|rd|th)?)(?: (?:{_WEEKDAY}|day|{'|'.join(_WORKING)}))?|day \d{{1,2}}|"
    rf"(?:{_ORD}) (?:{_WEEKDAY}))"
)
_SPECS = rf"{_SPEC}(?:(?:, and |, | and ){_SPEC})*"
_MONTHLY = regex(
    rf"(?:(?P<once>monthly|once monthly|once a month|every month|each month)|every (?P<n>{_N}) months?|"
    r"(?P<quarter>quarterly|every quarter|each quarter))"
    rf"(?:,? (?:on )?(?P<specs>{_SPECS})(?: of the month)?)?"
)
_OF_MONTH = regex(
    rf"(?:on |every )?(?P<specs>{_SPECS}) (?:(?:(?:of|in) )?(?:the|each|every|a) month|monthly|"
    rf"(?:of |in )?every (?P<n>{_N}) months?|(?P<quarter>quarterly))"
)


_NTH_DAYS = rf"(?:{_ORD})(?:(?:, and |, | and )(?:{_ORD}))* (?:{_WEEKDAY}|{'|'.join(_WORKING)})"
_BY_ITSELF = regex(
    rf"(?:on |the |(?:every|each) (?=(?:first|1st|last) ))*(?P<specs>{_NTH_DAYS}(?:(?:, and |, | and ){_NTH_DAYS})*)s?",
)
"""“First and third Wednesday”: of the month, where nothing else stands there."""
_ORDINALS_BEHIND = regex(
    rf"(?P<day>{_WEEKDAY}),? (?P<nth>(?:{_ORD})(?:(?:, and |, | and )(?:{_ORD}))*)(?: of (?:the|each) month| monthly)?"
)
"""“Mon (1st and 3rd)”."""


def _by_months(head: str, start: date) -> Repeat | None:
    if turned := _ORDINALS_BEHIND.fullmatch(head):
        head = f"{turned['nth']} {turned['day']}"
    match = _MONTHLY.fullmatch(head) or _OF_MONTH.fullmatch(head) or _BY_ITSELF.fullmatch(head)
    if match is None:
        return None
    groups = match.groupdict()
    interval = 3 if groups.get("quarter") else _number(groups["n"]) if groups.get("n") else 1
    if not match["specs"]:
        if start.day > 28:
            raise NotUnderstood(
                f"Not every month has a {nth(start.day)}.",
                f"“monthly on the last day”, or RRULE:FREQ=MONTHLY;BYMONTHDAY={start.day} (short months left out)",
            )
        return Repeat(Rule(Frequency.MONTHLY, interval=interval, by_month_day=(start.day,)))
    return _with_specs(match["specs"], interval)


def nth(number: int) -> str:
    """Return a number as the day of a month is called: "1st", "22nd"."""
    return f"{number}{'th' if 10 < number % 100 < 14 else {1: 'st', 2: 'nd', 3: 'rd'}.get(number % 10, 'th')}"


def _with_specs(text: str, interval: int) -> Repeat:
    """Read the days of a month: "the 15th and the last day", "first Monday", "last working day"."""
    days: list[int] = []
    weekdays: list[WeekdayNumber] = []
    shared: list[int] = []
    for part in reversed(re.split(r", and |, | and ", text)):
        words = part.removeprefix("the ")
        match = re.fullmatch(rf"({_ORD}) ({_WEEKDAY}|{'|'.join(_WORKING)})", words)
        if match and match[2] in _WORKING:
            return _working_day(text, words, _ORDINALS[match[1]], interval)
        if match:
            shared = [_DAYS[match[2]]]
            weekdays.append(WeekdayNumber(_DAYS[match[2]], _ORDINALS[match[1]]))
        elif words in _ORDINALS and shared and (words == "last" or not words[0].isdigit() or weekdays):
            weekdays.append(WeekdayNumber(shared[0], _ORDINALS[words]))
        else:
            days.append(_month_day(words))
    if days and weekdays:
        raise NotUnderstood("Days of the month and weekdays stand side by side.", "Two rows, one for each")
    rule = Rule(Frequency.MONTHLY, interval=interval)
    if weekdays:
        return Repeat(replace(rule, by_day=tuple(reversed(weekdays))))
    return Repeat(replace(rule, by_month_day=tuple(reversed(days))))


def _working_day(text: str, words: str, ordinal: int, interval: int) -> Repeat:
    if words != text.removeprefix("the "):
        raise NotUnderstood("A working day stands beside other days.", "Two rows, one for each")
    rule = Rule(Frequency.MONTHLY, interval, by_day=tuple(map(WeekdayNumber, range(5))), by_set_pos=(ordinal,))
    return Repeat(rule, on_closure="previous" if ordinal < 0 else "next")


def _month_day(words: str) -> int:
    if words in ("last", "last day"):
        return -1
    match = re.fullmatch(r"(?:day )?(\d{1,2})(?:st|nd|rd|th)?(?: day)?", words)
    if match is None and words.removesuffix(" day") in _ORDINALS:
        return _ORDINALS[words.removesuffix(" day")]
    number = int(match[1]) if match else 0
    if not 1 <= number <= 31:
        raise NotUnderstood(f"“{words}” is no day of a month.", "“the 15th”, “the last day”")
    if number > 28:
        raise NotUnderstood(
            f"Not every month has a {nth(number)}.",
            f"“on the last day”, or RRULE:FREQ=MONTHLY;BYMONTHDAY={number} (short months left out)",
        )
    return number


_YEARLY = regex(
    rf"(?:(?P<once>yearly|annually|every year|each year|once a year)|every (?P<n>{_N}) years?)"
    rf"(?:,? on (?:the )?(?:(?P<day>\d{{1,2}})(?:st|nd|rd|th)? (?:of )?(?P<month>{'|'.join(_MONTHS)})|"
    rf"(?P<month2>{'|'.join(_MONTHS)}) (?P<day2>\d{{1,2}})(?:st|nd|rd|th)?))?"
)


def _by_years(head: str, start: date) -> Repeat | None:
    match = _YEARLY.fullmatch(head)
    if match is None:
        return None
    interval = 1 if match["once"] else _number(match["n"])
    name, number = match["month"] or match["month2"], match["day"] or match["day2"]
    month, day = (_MONTHS.index(name) + 1, int(number)) if name else (start.month, start.day)
    if (month, day) == (2, 29):
        raise NotUnderstood(
            "Not every year has a 29 February.",
            "“yearly on 28 February”, or RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29 (other years left out)",
        )
    try:
        date(2024, month, day)
    except ValueError:
        raise NotUnderstood(f"There is no {day} {name}.", "“yearly on 5 May”") from None
    return Repeat(Rule(Frequency.YEARLY, interval, by_month=(month,), by_month_day=(day,)))
