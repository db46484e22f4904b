"""Months that bound what repeats → the days that they stand for: “February to June 2027” is 1 February to 30 June."""

from __future__ import annotations

import re
from calendar import monthrange

from nomarium.lazily import regex

_NAMES = "january february march april may june july august september october november december".split()
_SHORT = {name[:3]: number for number, name in enumerate(_NAMES, 1)} | {"sept": 9}
_ANY = "|".join([*_NAMES, "sept", *(name[:3] for name in _NAMES)])
_MONTH = rf"(?<!\d )(?<!\dth )(?<!\dst )(?<!\dnd )(?<!\drd )\b(?:{_ANY})\b(?! \d{{1,2}}(?!\d))"
"""The name of a month without a day beside it."""
_YEAR = r"\d{4}"
_SPAN = regex(
    rf"(?:,|\b(?:from|between|in|during|for))?(?: the)? ?(?P<first>{_MONTH})(?: (?P<first_year>{_YEAR}))?"
    rf" ?(?:to|until|till|through|-|and) ?(?:the )?(?:end of )?(?P<last>{_MONTH}) (?P<last_year>{_YEAR})\b"
)
_UNTIL = regex(
    rf"\b(?:until|till|up to|through|to|ending)(?: the)?(?: end of| in)? (?P<month>{_MONTH}) (?P<year>{_YEAR})\b"
)
_OPEN_END = regex(rf"\b(?:until|till)(?: in)? {_MONTH} {_YEAR}\b")
_FROM = regex(rf"\b(?:from|start(?:s|ing)?|begin(?:s|ning)?)(?: the)?(?: in)? (?P<month>{_MONTH}) (?P<year>{_YEAR})\b")
_IN = regex(rf"(?:,|\b(?:in|during)) ?(?P<month>{_MONTH}) (?P<year>{_YEAR})\b")
_DAY = rf"\d{{1,2}}(?:st|nd|rd|th)? (?:of )?(?:{_ANY})"
_DAYS = regex(
    rf", ?(?P<first>{_DAY})(?: (?P<first_year>{_YEAR}))? ?(?:to|until|till|through|-) ?"
    rf"(?P<last>{_DAY}) (?P<last_year>{_YEAR})\b"
)
_WITHOUT = regex(
    rf",? ?\b(?:except|but not|not|excluding)(?: in| for)? (?P<month>{_MONTH})(?: (?P<year>{_YEAR}))?(?=,|$| )"
)


def in_days(text: str) -> str:
    """Return a repeat in small letters with the days that its months stand for, where these have their year.

    A month that is left out is said by all its days: in the year that it names, else in the only one that is named.
    """
    if not re.search(r"\d{4}", text):
        return text
    years = set(re.findall(rf"\b{_YEAR}\b", text))
    text = _WITHOUT.sub(lambda match: _without(match, years), text)
    text = _SPAN.sub(_span, text)
    text = _DAYS.sub(_days, text)
    text = _UNTIL.sub(lambda match: f"until {_last_day(match['month'], int(match['year']))}", text)
    text = _FROM.sub(lambda match: f"from 1 {match['month']} {match['year']}", text)
    return _IN.sub(lambda match: _from_to(match["month"], match["year"], match["month"], match["year"]), text)


def open_end(text: str) -> str:
    """Return the words of a repeat, in small letters, that end it with a month and say no day of it, or nothing."""
    found = _OPEN_END.search(text)
    return found[0] if found else ""


def _number(month: str) -> int:
    return _SHORT[month if month == "sept" else month[:3]]


def _last_day(month: str, year: int) -> str:
    return f"{monthrange(year, _number(month))[1]} {month} {year}"


def _days(match: re.Match[str]) -> str:
    months = [_number(match[name].split()[-1]) for name in ("first", "last")]
    year = match["first_year"] or str(int(match["last_year"]) - (months[0] > months[1]))
    return f" from {match['first']} {year} until {match['last']} {match['last_year']}"


def _span(match: re.Match[str]) -> str:
    first, last, last_year = match["first"], match["last"], match["last_year"]
    turned = _number(first) > _number(last)
    first_year = match["first_year"] or str(int(last_year) - turned)
    return _from_to(first, first_year, last, last_year)


def _from_to(first: str, first_year: str, last: str, last_year: str) -> str:
    return f" from 1 {first} {first_year} until {_last_day(last, int(last_year))}"


def _without(match: re.Match[str], years: set[str]) -> str:
    year = match["year"] or (next(iter(years)) if len(years) == 1 else "")
    if not year:
        return match[0]
    days = range(1, monthrange(int(year), _number(match["month"]))[1] + 1)
    return " except " + "; ".join(f"{day} {match['month']} {year}" for day in days)
