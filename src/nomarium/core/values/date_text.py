"""One text → the dates that it can mean, without deciding between them."""

from __future__ import annotations

from collections.abc import Iterator
from datetime import date
from typing import Literal, NamedTuple

from nomarium.core.values.words import CalendarWords, normalised
from nomarium.lazily import regex

Order = Literal["dmy", "mdy", "ymd"]
ORDERS: tuple[Order, ...] = ("dmy", "mdy", "ymd")
ORDER_NAMES: dict[Order, str] = {"dmy": "day/month/year", "mdy": "month/day/year", "ymd": "year/month/day"}


class YearMonthDay(NamedTuple):
    """A date as written: the year may be missing, and the whole may be impossible (31 February)."""

    year: int | None
    month: int
    day: int

    @property
    def possible(self) -> bool:
        """Whether some calendar has this date."""
        return 1 <= self.month <= 12 and 1 <= self.day <= days_in_month(self.year, self.month)

    def as_date(self) -> date | None:
        """Return the date, or None where it has no year or is impossible."""
        return date(self.year, self.month, self.day) if self.year is not None and self.possible else None


class DateShape(NamedTuple):
    """What a text can mean as a date: one reading for each order of its parts that its form allows."""

    readings: dict[Order, YearMonthDay]
    weekday: int | None = None
    """The weekday that the text names, Monday being 0."""
    plain: bool = False
    """Whether the text itself says which part is which: a month in words, or the year in front with four digits."""
    dotted: bool = False
    short_year: tuple[int, int, int] | None = None
    """The three parts as written, where none of them has four digits: each might be the year."""
    month_first: bool = False
    """Whether the month is known to stand before the day, as in "Sept 8" and "2026-09-08"."""


def days_in_month(year: int | None, month: int) -> int:
    """Return the number of days of a Gregorian month; 29 for a February of an unknown year."""
    if month == 2:
        leap = year is None or (year % 4 == 0 and (year % 100 != 0 or year % 400 == 0))
        return 29 if leap else 28
    return 30 if month in (4, 6, 9, 11) else 31


def full_year(year: int) -> int:
    """Return the year that two digits mean, split as POSIX strptime does: 69 to 99 → 19xx, 0 to 68 → 20xx."""
    if year >= 100:
        return year
    return year + (1900 if year >= 69 else 2000)


_ISO = regex(r"(\d{4})-(\d{2})-(\d{2})")
_TOKEN = regex(
    r"(?P<number>\d+)|(?P<separator>[./\-,'])|(?P<space>\s)|(?P<bracket>[()\[\]])|(?P<word>[^\d\s./\-,'()\[\]]+)"
)
ORDINALS = frozenset("st nd rd th er º ª re ème eme e".split())
FILLERS = frozenset("of the de del den der le el dia día am d on do feira".split())


class _Pieces(NamedTuple):
    """A text taken apart: its numbers as written, the separators between them, the month, its place, the weekday."""

    numbers: list[str]
    separators: list[str]
    month: int | None
    numbers_before_month: int
    weekday: int | None


def scan_date(text: str, words: CalendarWords) -> DateShape | None:
    """Return what a text can mean as one date, or None where it is no date at all.

    Impossible dates (31/02/2026) are shapes too, so that a message can say what is wrong with them.
    """
    text = normalised(text)
    iso = _ISO.fullmatch(text)
    if iso:
        return _plain(YearMonthDay(int(iso[1]), int(iso[2]), int(iso[3])), month_first=True)
    pieces = _take_apart(text, words)
    if pieces is None:
        return None
    return _with_month_name(pieces) if pieces.month is not None else _in_numbers(pieces)


def day_alone(text: str, words: CalendarWords) -> tuple[int, int | None, int | None] | None:
    """Return (day, year or None, weekday or None) of the shortened half of a range: "8", "Mon 8", "12, 2026"."""
    pieces = _take_apart(normalised(text), words)
    if pieces is None or pieces.month is not None or not 1 <= len(pieces.numbers) <= 2:
        return None
    if len(pieces.numbers[0]) > 2 or any(separator not in " ,." for separator in pieces.separators):
        return None
    if len(pieces.numbers) == 1:
        return int(pieces.numbers[0]), None, pieces.weekday
    if len(pieces.numbers[1]) != 4:
        return None
    return int(pieces.numbers[0]), int(pieces.numbers[1]), pieces.weekday


def _plain(reading: YearMonthDay, weekday: int | None = None, *, month_first: bool = False) -> DateShape:
    return DateShape(dict.fromkeys(ORDERS, reading), weekday, plain=True, month_first=month_first)


def _take_apart(text: str, words: CalendarWords) -> _Pieces | None:
    """Split a normalised text into numbers, month and weekday; None where a word is neither."""
    numbers: list[str] = []
    separators: list[str] = []
    month = weekday = None
    before_month = 0
    between = ""
    tokens = list(_tokens(text))
    # A short name may be both ("mar." is Tuesday and March): beside a month or a whole date it is the day.
    months_named = sum(token in words.months for _, token in tokens)
    whole = sum(kind == "number" for kind, _ in tokens) > 2
    for kind, token in tokens:
        if kind == "number":
            if numbers:
                separators.append(between)
            numbers.append(token)
            between = ""
        elif kind != "word":
            between = token if kind == "separator" else between or " "
        elif token in ORDINALS and numbers and not between:
            continue
        elif token in words.weekdays and weekday is None and (whole or months_named > 1 or token not in words.months):
            weekday = words.weekdays[token]
            months_named -= token in words.months
        elif token in words.months and month is None:
            month, before_month = words.months[token], len(numbers)
        elif token not in FILLERS or (token == "am" and numbers):
            return None  # "am 7.9." is German for a date, "7.15am" a time
    return _Pieces(numbers, separators, month, before_month, weekday)


def _tokens(text: str) -> Iterator[tuple[str, str]]:
    for match in _TOKEN.finditer(text):
        yield match.lastgroup or "", match.group()


def _with_month_name(pieces: _Pieces) -> DateShape | None:
    """8 Sep, Sep 8, 8 Sep 2026, Sep 8 2026, 2026 Sep 8."""
    month, before, numbers = pieces.month or 0, pieces.numbers_before_month, pieces.numbers
    if len(numbers) == 1 and len(numbers[0]) <= 2:
        return _plain(YearMonthDay(None, month, int(numbers[0])), pieces.weekday, month_first=before == 0)
    if len(numbers) != 2 or before == 2:
        return None
    day, year = numbers
    year_first = before == 1 and len(day) == 4
    if year_first:
        day, year = year, day
    if len(day) > 2 or len(year) not in (2, 4):
        return None
    if before == 0 and len(year) == 2 and pieces.separators[0] not in (",", "'"):
        return None  # "Sept 8-12" and "Sept 8 10" may as well go on with a range or a time
    month_first = before == 0 or year_first
    return _plain(YearMonthDay(full_year(int(year)), month, int(day)), pieces.weekday, month_first=month_first)


def _in_numbers(pieces: _Pieces) -> DateShape | None:
    numbers, weekday = pieces.numbers, pieces.weekday
    separators = {separator for separator in pieces.separators if separator.strip(" ,")}
    dotted = separators == {"."}
    if len(numbers) == 1 and len(numbers[0]) == 8:
        return _eight_digits(numbers[0], weekday)
    if len(separators) > 1 or any(len(number) not in (1, 2, 4) for number in numbers):
        return None
    if len(numbers) == 2 and separators and all(len(number) <= 2 for number in numbers):
        first, second = map(int, numbers)
        pair: dict[Order, YearMonthDay] = {
            "dmy": YearMonthDay(None, second, first),
            "mdy": YearMonthDay(None, first, second),
        }
        return DateShape(pair, weekday, dotted=dotted)
    if len(numbers) == 3:
        return _triple(numbers, weekday, dotted)
    return None


def _eight_digits(digits: str, weekday: int | None) -> DateShape:
    """20260908, or 08092026 where the front is no year of our time."""
    if 1900 <= int(digits[:4]) <= 2199:
        return _plain(YearMonthDay(int(digits[:4]), int(digits[4:6]), int(digits[6:])), weekday)
    first, second, year = int(digits[:2]), int(digits[2:4]), int(digits[4:])
    return DateShape({"dmy": YearMonthDay(year, second, first), "mdy": YearMonthDay(year, first, second)}, weekday)


def _triple(numbers: list[str], weekday: int | None, dotted: bool) -> DateShape | None:
    lengths = [len(number) for number in numbers]
    first, second, third = map(int, numbers)
    if lengths[1] == 4 or (lengths[0] == 4 and lengths[2] == 4):
        return None
    if lengths[0] == 4:
        return _plain(YearMonthDay(first, second, third), weekday, month_first=True)
    readings: dict[Order, YearMonthDay] = {
        "dmy": YearMonthDay(full_year(third), second, first),
        "mdy": YearMonthDay(full_year(third), first, second),
    }
    if lengths[2] == 4:
        return DateShape(readings, weekday, dotted=dotted)
    readings["ymd"] = YearMonthDay(full_year(first), second, third)
    return DateShape(readings, weekday, dotted=dotted, short_year=(first, second, third))
