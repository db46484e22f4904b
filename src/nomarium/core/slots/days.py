"""A text → the days that it names: labels of a cycle, weekdays, both, or all."""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.kinds import bare_label
from nomarium.core.values import WEEKDAY_NAMES, is_to_come, normalised, short_weekdays, weekday_in_any
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.year import SchoolYear


class DayTest(NamedTuple):
    """On which days something is: all that is stated must be true of a date; nothing stated means every school day."""

    cycle: str = ""
    label: str = ""
    """The label of the cycle of that name."""
    weekday: int | None = None
    letter: str = ""
    """The letter of the week."""
    week: int = 0
    """The number of the week in its term, 0 for any."""
    calendar_week: int = 0
    """The number of the week by ISO 8601, 0 for any."""

    @property
    def words(self) -> str:
        """The days in words: "day 3 of Yard", "Monday", "Monday in week A"."""
        parts = [f"day {self.label} of {self.cycle}"] if self.label else []
        parts += [WEEKDAY_NAMES[self.weekday]] if self.weekday is not None else []
        parts += [f"week {self.letter}"] if self.letter else []
        parts += [f"week {self.week} of the term"] if self.week else []
        parts += [f"calendar week {self.calendar_week}"] if self.calendar_week else []
        return ", ".join(parts) or "every school day"

    @property
    def name(self) -> str:
        """The day as people call it: "3", "Monday", "A Monday"."""
        weekday = WEEKDAY_NAMES[self.weekday] if self.weekday is not None else ""
        return " ".join(filter(None, (self.label or self.letter, weekday)))


@dataclass(frozen=True, slots=True)
class UnknownDay:
    """A text that names no day: the part of it that does not, and the cycles that might have meant it."""

    part: str
    several: tuple[str, ...] = ()
    """The cycles that all have the label."""
    readings: str = ""
    """What it may mean, where it can be read in two ways."""

    @property
    def why(self) -> str:
        """What is to be said of it, for a sentence that begins with the text."""
        return f"may be {self.readings}" if self.readings else "is a day of no cycle, and no weekday"


_APART = regex(r"\s*(?:[,;/&+\n]|\band\b|(?<=\s)(?:y|e|und|et|en|och|og)(?=\s))\s*", re.IGNORECASE)
_RANGE = regex(r"(.+?)\s*(?:[-–—]|\bto\b)\s*(.+)", re.IGNORECASE)
_DASHED = regex(r"([^\W\d_]{1,2})\s?[-–—]\s?([^\W\d_]{1,2})")
_EITHER_WAY = 3
"""So many days from the first to the last: a dash between letters joins two as often as it spans them."""
_WEEK = regex(r"[()\[\]:]|\b(?:weeks?|wk|woche|semaine|semana|vecka|uge)(?:\b\.?|(?=[A-D]\b))", re.IGNORECASE)
_GLUED = regex(
    r"([^\W\d_]{2,}?[a-z])([A-D])|([A-D])([A-Z][a-z]+)|(?i:week|wk|w)?\.?(\d)[-.:/]?([^\W\d_]{2,})|"
    r"([^\W\d_]{2,}?)[-.:/]?(?i:week|wk|w)?\.?(\d)"
)
"""A weekday and the letter or the number of a week in one: "MonA", "1Mon"."""
_EVERY = frozenset({"daily", "every day", "every school day", "all", "all days", "each day", "*"})
_WEEKEND = (5, 6)
_ONLY = regex(r"\s+(?:only|nur|seulement|uniquement|solo|sólo|alleen|bara|kun|endast)$", re.IGNORECASE)
_EXCEPT = regex(
    r"(?P<days>.+?),?\s*\(?\b(?:except(?: for)?|excl\.?|excluding|but not|not|außer|ausser|sauf|salvo|excepto|tranne|"
    r"behalve|utom|undtagen|unntatt)\s+(?:on\s+|am\s+|le\s+|el\s+)?(?P<off>[^()]+?)\)?",
    re.IGNORECASE,
)
_EACH = regex(
    r"^(?:every|each|on|jeden|jede|jeweils|tous les|chaque|todos los|cada|ogni|elke|iedere|varje|hver) (?=\S{3})", re.I
)
_LETTERS = regex(r"(?:M|Tu|Th|T|W|R|F|Sa|Su)+")
_LETTER = regex(r"M|Tu|Th|T|W|R|F|Sa|Su")
_OF_LETTER = {"M": 0, "T": 1, "Tu": 1, "W": 2, "Th": 3, "R": 3, "F": 4, "Sa": 5, "Su": 6}
_OF_MORE_LETTERS = {**_OF_LETTER, "S": 5, "U": 6}
_ONE_OF_MORE = regex(r"M|Tu|Th|T|W|R|F|Sa|Su|S|U")
_MORE_LETTERS = regex(rf"(?:{_ONE_OF_MORE.pattern})+")
_LETTERS_APART = regex(rf"(?:{_LETTER.pattern})(?: (?:{_LETTER.pattern}))+")
_FEWEST_SHORT = 2


def _ends_of(part: str) -> tuple[str, ...]:
    """Return both ends of a range of days, else the part itself."""
    match = _RANGE.fullmatch(part)
    return match.groups() if match else (part,)


def _short_names(parts: Sequence[str], unknown: Sequence[str]) -> dict[str, int]:
    """Return what the parts of a column are in a language whose short names of weekdays they all are."""
    found: list[dict[str, int]] = []
    for names in short_weekdays():
        read = {part: names.get(normalised(part).strip(". ")) for part in parts}
        if all(day is not None or part not in unknown for part, day in read.items()):
            days = {part: day for part, day in read.items() if day is not None}
            found += [days] if days and days not in found else []
    return found[0] if len(found) == 1 else {}


def _short_letters(parts: Sequence[str], unknown: Sequence[str]) -> dict[str, int]:
    """Return "S" as Saturday and "U" as Sunday, where all other days are letters such as "MWF"."""
    others = [part for part in parts if part not in unknown]
    runs = all(map(_MORE_LETTERS.fullmatch, parts)) and any(len(_LETTER.findall(part)) > 1 for part in others)
    return dict(_OF_MORE_LETTERS) if runs else {}


def _rising(letters: Sequence[str]) -> list[DayTest]:
    """Return the weekdays of a run of letters, each later than the one before: of two “T”, the second is Thursday.

    A run that does not rise stands for nothing that is known.
    """
    found: list[int] = []
    for letter in letters:
        day = _OF_MORE_LETTERS[letter]
        if letter == "T" and found and found[-1] >= day:
            day = _OF_MORE_LETTERS["Th"]
        if found and day <= found[-1] and not (day == 0 and found == [6]):
            return []
        found.append(day)
    return [DayTest(weekday=day) for day in found]


def _two_or_three(part: str, span: Sequence[DayTest]) -> UnknownDay | None:
    """Refuse "T-Th" and "L-X", which may be two days or three; "Mo-Mi" and "M-F" are spans. None for all others."""
    ends = _DASHED.fullmatch(part)
    weekdays = [day.weekday for day in span if day.weekday is not None]
    if ends is None or min(map(len, ends.groups())) > 1 or len(weekdays) != _EITHER_WAY:
        return None
    first, between, last = (WEEKDAY_NAMES[weekday] for weekday in weekdays)
    return UnknownDay(part, readings=f"{first} and {last}, with or without the {between} between")


def _pairs(spans: Mapping[str, Sequence[DayTest]]) -> dict[str, tuple[int, int]]:
    """Return the pairs of a column in which one is Monday and Wednesday, and another Tuesday and Thursday; else none.

    Spans of three days each would share two of them.
    """
    found = {part: span for part, span in spans.items() if _two_or_three(part, span) is not None}
    pairs = {part: (span[0].weekday or 0, span[-1].weekday or 0) for part, span in found.items()}
    return pairs if set(pairs.values()) >= _HALVES_OF_WEEK else {}


_HALVES_OF_WEEK = {(0, 2), (1, 3)}


class DayReader:
    """Reads days as people write them, for one school year."""

    def __init__(
        self,
        year: SchoolYear,
        *,
        numbers_are_weekdays: bool = False,
        short: Mapping[str, int] | None = None,
        pairs: Mapping[str, tuple[int, int]] | None = None,
    ) -> None:
        self._year = year
        self.short: Mapping[str, int] = short or {}
        """Forms of weekdays that only all days of a column together prove: "må", "S" beside "MWF"."""
        self.pairs: Mapping[str, tuple[int, int]] = pairs or {}
        """Two days with a dash between, as only all days of a column together prove: "L-X" beside "M-J"."""
        self._numbers_are_weekdays = numbers_are_weekdays
        self._letters = {letter.casefold(): letter for letter in year.rules.weeks.letters}
        self._known: dict[tuple[str, tuple[str, ...]], tuple[DayTest, ...] | UnknownDay] = {}

    def cycles_of(self, division: str) -> tuple[str, ...]:
        """Return the cycles that a division follows, all of them for none."""
        rules = self._year.rules.cycles
        return tuple(rule.name for rule in rules if not division or not rule.divisions or division in rule.divisions)

    def of_column(self, texts: Iterable[str], cycles: Sequence[str]) -> DayReader:
        """Return a reader that knows the short forms of weekdays in which all days of a column are written."""
        whole = [" ".join(text.split()) for text in dict.fromkeys(texts) if not is_to_come(text)]
        said = list(dict.fromkeys(part for text in whole for part in _APART.split(text)))
        parts = list(dict.fromkeys(end for part in said for end in _ends_of(part)))
        unknown = [part for part in parts if isinstance(self.read(part, cycles), UnknownDay)]
        short = _short_names(parts, unknown) or _short_letters(parts, unknown) if unknown else {}
        reader = self._with(short, {}) if short and len(parts) >= _FEWEST_SHORT else self
        pairs = _pairs({part: reader._range(part, cycles) for part in said if _DASHED.fullmatch(part)})
        return self._with(reader.short, pairs) if pairs else reader

    def _with(self, short: Mapping[str, int], pairs: Mapping[str, tuple[int, int]]) -> DayReader:
        return DayReader(self._year, numbers_are_weekdays=self._numbers_are_weekdays, short=short, pairs=pairs)

    def read(self, text: str, cycles: Sequence[str]) -> tuple[DayTest, ...] | UnknownDay:
        """Return the days that a cell names, among the labels of the cycles given and the weekdays."""
        key = (text, tuple(cycles))
        if key not in self._known:
            self._known[key] = self._read(text, cycles)
        return self._known[key]

    def _read(self, text: str, cycles: Sequence[str]) -> tuple[DayTest, ...] | UnknownDay:
        whole = _ONLY.sub("", " ".join(text.split()))
        if whole.casefold() in _EVERY:
            return (DayTest(),)
        if (but := _EXCEPT.fullmatch(whole)) is not None:
            return self._all_but(but["days"], but["off"], cycles)
        found: list[DayTest] = []
        for part in _APART.split(_EACH.sub("", whole)):
            days = self._part(part, cycles)
            if isinstance(days, UnknownDay):
                return days
            found += days
        return tuple(dict.fromkeys(found))

    def _all_but(self, days: str, off: str, cycles: Sequence[str]) -> tuple[DayTest, ...] | UnknownDay:
        """Return the days of a text without some weekdays: "daily except Sunday" is Monday to Saturday.

        Who leaves out a day of the weekend has the other days of all weeks in mind, else those of the school.
        """
        left, out = self.read(days, cycles), self.read(off, cycles)
        if isinstance(left, UnknownDay) or isinstance(out, UnknownDay) or any(day.weekday is None for day in out):
            return left if isinstance(left, UnknownDay) else UnknownDay(off)
        if left == (DayTest(),):
            of_weekend = any(day.weekday in _WEEKEND for day in out)
            days_of_weeks = range(7) if of_weekend else sorted(self._year.rules.weekdays)
            left = tuple(DayTest(weekday=day) for day in days_of_weeks)
        return tuple(day for day in left if day not in out)

    def _part(self, part: str, cycles: Sequence[str]) -> Sequence[DayTest] | UnknownDay:
        single = self._single(part, cycles)
        if single is not None:
            return single if isinstance(single, UnknownDay) else [single]
        if part in self.pairs:
            return [DayTest(weekday=weekday) for weekday in self.pairs[part]]
        span = self._range(part, cycles)
        if (doubtful := _two_or_three(part, span)) is not None:
            return doubtful
        several = span or self._letters_run(part, cycles) or self._both(part, cycles)
        return several or UnknownDay(part)

    def _single(self, part: str, cycles: Sequence[str]) -> DayTest | UnknownDay | None:
        if self._numbers_are_weekdays and re.fullmatch(r"[1-7]", part):
            return DayTest(weekday=int(part) - 1)
        if part in self.short:
            return DayTest(weekday=self.short[part])
        having = [(name, label) for name in cycles if (label := self._label(part, name))]
        if len(having) > 1:
            return UnknownDay(part, tuple(name for name, _ in having))
        if having:
            return DayTest(*having[0])
        weekday = weekday_in_any(part)
        return DayTest(weekday=weekday) if weekday is not None else None

    def _labels(self, cycle: str) -> tuple[str, ...]:
        return self._year.cycles[cycle].rule.labels

    def _label(self, part: str, cycle: str) -> str:
        labels = self._labels(cycle)
        label = bare_label(part, labels)
        return label if label in labels else ""

    def _range(self, part: str, cycles: Sequence[str]) -> list[DayTest]:
        match = _RANGE.fullmatch(part)
        ends = [self._single(end, cycles) for end in match.groups()] if match else []
        if match and None in ends and all(end in _OF_MORE_LETTERS for end in match.groups()):
            ends = [DayTest(weekday=_OF_MORE_LETTERS[end]) for end in match.groups()]  # "M–F"
        if len(ends) != 2 or not all(isinstance(end, DayTest) for end in ends):
            return []
        first, last = (end for end in ends if isinstance(end, DayTest))
        if first.weekday is not None and last.weekday is not None:
            count = (last.weekday - first.weekday) % 7 + 1
            return [DayTest(weekday=(first.weekday + step) % 7) for step in range(count)]
        if first.cycle and first.cycle == last.cycle:
            labels = self._labels(first.cycle)
            start, end = labels.index(first.label), labels.index(last.label)
            return [DayTest(first.cycle, label) for label in labels[start : end + 1]]
        return []

    def _letters_run(self, part: str, cycles: Sequence[str]) -> list[DayTest]:
        """Read "MWF", "T R" and "TTh"; a single letter only where no cycle goes by letters: there it may be a slip."""
        part = part.replace(" ", "") if _LETTERS_APART.fullmatch(part) else part
        lettered = any(len(label) == 1 and label.isalpha() for name in cycles for label in self._labels(name))
        if "S" in self.short and _MORE_LETTERS.fullmatch(part):
            return _rising(_ONE_OF_MORE.findall(part))
        if not _LETTERS.fullmatch(part) or (lettered and len(_LETTER.findall(part)) == 1):
            return []
        return _rising(_LETTER.findall(part))

    def _both(self, part: str, cycles: Sequence[str]) -> list[DayTest]:
        """Read a weekday with a week's letter, or with the label of a cycle that goes by weeks: "Mon A", "A Monday"."""
        words = _WEEK.sub(" ", part).split()
        if len(words) == 1 and (glued := _GLUED.fullmatch(part)) is not None:
            words = [word for word in glued.groups() if word]
        if len(words) != 2:
            return []
        for weekday_word, other in (words, words[::-1]):
            weekday = weekday_in_any(weekday_word)
            if weekday is None:
                continue
            if other.casefold() in self._letters:
                return [DayTest(weekday=weekday, letter=self._letters[other.casefold()])]
            label = self._single(other, [name for name in cycles if self._year.cycles[name].rule.advance.by_weeks])
            if isinstance(label, DayTest) and label.cycle:
                return [label._replace(weekday=weekday)]
        return []

    def letters(self, text: str) -> tuple[str, ...] | UnknownDay:
        """Return the letters of weeks that a cell names: "A", "week B", "A, B"."""
        found = []
        for part in _APART.split(_WEEK.sub(" ", text)):
            letter = self._letters.get(part.strip().casefold())
            if letter is None:
                return UnknownDay(part.strip())
            found.append(letter)
        return tuple(found)
