"""Crews that work by a pattern from a date on, "DDNN----" from 4 January → a list of events that repeat."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta
from itertools import groupby, pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import Headings, Kind, holds_dates
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.shapes import wording
from nomarium.core.shapes.axis import as_date, leading_date, one_date
from nomarium.core.shapes.cell_texts import is_free
from nomarium.core.shapes.key import Key, Meaning, meanings_in
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, Column, Grid, GridView, Spot, plain_text
from nomarium.core.values import Order, in_reach, only_order
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place

_RUN = regex(r"[A-Za-z][A-Za-z.\-–_]{3,41}")
_INITIALS = regex(r"(?:[A-Za-z]\.)+[A-Za-z]?")
_SHORTEST, _MOST_SYMBOLS = 4, 6
_APART = regex(r"[\s,;/|]+")
_LONGEST_CODE = 3
_MOST_ROWS = 60
_LATER = regex(
    r"\b(?:each|every)\s+(?:\w+\s+){1,4}?(?P<count>\d+|a|an|one|two|three|four|five|six|seven|eight|nine|ten)\s+"
    r"(?P<unit>days?|weeks?)\s+(?:later|after)\b",
    re.IGNORECASE,
)
_COUNTS = {word: n for n, word in enumerate("one two three four five six seven eight nine ten".split(), 1)}
_COUNTS |= {"a": 1, "an": 1}
_WORDS_OF_A_DATE = 4
_LONGEST_PATTERN = 2_000
"""So many letters, or words of a line, hold the codes of more than a year of days."""


def codes_of_pattern(text: str) -> list[str]:
    """Return the codes of a pattern, day by day; none for any other text: "DDNN----", "D D N N - - - -"."""
    text = " ".join(text.split()) if len(text) <= _LONGEST_PATTERN else ""
    if not text or _INITIALS.fullmatch(text):
        return []
    if _RUN.fullmatch(text):
        found = list(text)
    else:
        found = [part for part in _APART.split(text) if part]
        if len(found) < _SHORTEST or any(len(part) > _LONGEST_CODE for part in found):
            return []
    symbols = Counter(found)
    capitals = all(symbol.isupper() or not symbol.isalpha() for symbol in symbols)
    again = sum(count for count in symbols.values() if count > 1) * 3 >= len(found) * 2
    letters = any(map(str.isalpha, symbols))
    if all(map(str.isalpha, found)) and sum(one == other for one, other in pairwise(found)) * 3 < len(found):
        return []  # a word in capitals: days of one kind stand side by side
    return found if len(found) >= _SHORTEST and len(symbols) <= _MOST_SYMBOLS and capitals and again and letters else []


class _Crew(NamedTuple):
    """A row: whose it is, its pattern, its first day, its last where that is stated; with the cells that say so."""

    row: int
    name: str
    codes: list[str]
    first: Cell
    last: Cell


class _Line(NamedTuple):
    """What a line around the crews says of all: their pattern, its first and last day, how much later each begins."""

    row: int
    codes: list[str]
    first: date | None
    last: date | None
    later: timedelta | None


@dataclass(slots=True)
class Patterns:
    """Crews with their patterns, and the lines around them."""

    view: GridView
    columns: dict[str, int]
    """Where the name, the pattern, the first and the last day stand in the rows of the crews."""
    said: Spot | None = None
    """The line that says pattern and first day of all, where the rows do not."""
    crews: list[_Crew] = field(default_factory=list)
    lines: list[tuple[int, list[str]]] = field(default_factory=list)
    others: dict[int, str] = field(default_factory=dict)
    """All other columns, each with its heading: they go along."""
    head: int = 0
    """The row of headings."""

    def codes(self) -> dict[str, Place]:
        """Return the codes of all patterns, each with the first cell that has it."""
        found: dict[str, Place] = {}
        for crew in self.crews:
            place = self.view.place(*self._spots(crew)[2])
            for code in crew.codes:
                if not is_free(code):
                    found.setdefault(code, place)
        return found

    def words(self) -> list[str]:
        """Return no words: a pattern has codes."""
        return []

    def own_key(self) -> list[tuple[Meaning, Place]]:
        """Return what the lines around the crews say of their codes."""
        codes = list(self.codes())
        return [
            (meaning, self.view.place(row, 0)) for row, texts in self.lines for meaning in meanings_in(texts, codes)
        ]

    def unfold(self, key: Key, order: Order | None = None) -> Unfolded:
        """Return the list: for each crew and each day of its pattern an event that repeats when the pattern does.

        ``key`` explains the codes, what the lines around the crews say of them included; ``order`` is that of day and
        month, where it is stated: else the dates of all crews together prove it.
        """
        written = (cell for crew in self.crews for cell in (crew.first, crew.last) if isinstance(cell, str) and cell)
        order = order or only_order(written)
        problems = list(key.problems)
        unexplained: Counter[str] = Counter()
        rows: list[list[Cell]] = []
        origins: list[list[Spot]] = []
        for crew in self.crews:
            first = one_date(crew.first) or (as_date(crew.first, order) if order else None)
            if first is None or not in_reach(first):
                place = self.view.place(*self._spots(crew)[1])
                problems.append(wording.pattern_without_date(place, plain_text(crew.first)))
                continue
            for offset, code in enumerate(crew.codes):
                known = key.find(code)
                if known is None and not is_free(code):
                    unexplained[code] += 1
                elif known is not None and not known.is_free:
                    rows.append(self._event(crew, first + timedelta(days=offset), known))
                    origins.append(self._spots(crew))
        if unexplained:
            problems.append(wording.unexplained(self.codes()[next(iter(unexplained))], unexplained))
        headings: list[Cell] = ["Group", "Date", "Title", "Shift hours", "Place", "Repeat", "Repeat until"]
        headings += self.others.values()
        own = [(0, 0)] * (len(headings) - len(self.others))
        heads = [(self.head, column) for column in self.others]
        listed = self.view.grid.as_list([headings, *rows], [own + heads, *origins])
        shown = "".join(self.crews[0].codes)
        why = f"crews work by a pattern from a date on ({self.crews[0].name}: {shown})"
        return Unfolded(listed, Kind.EVENTS, "Group", why, problems)

    def _event(self, crew: _Crew, day: date, meaning: Meaning) -> list[Cell]:
        repeat = f"every {len(crew.codes)} days"
        others = [self.view.cell(crew.row, column) for column in self.others]
        return [crew.name, day, meaning.title, meaning.hours, meaning.place, repeat, crew.last, *others]

    def _spots(self, crew: _Crew) -> list[Spot]:
        at = {name: (crew.row, column) for name, column in self.columns.items()}
        pattern = at.get("pattern") or self.said or at["name"]
        return [at["name"], at.get("first", pattern), pattern, pattern, pattern, pattern, at.get("last", pattern)] + [
            (crew.row, column) for column in self.others
        ]


def find_patterns(grid: Grid) -> Patterns | None:
    """Return crews with their patterns and first days; None for any other sheet."""
    if not 1 < len(grid.rows) <= _MOST_ROWS:
        return None
    view = GridView(grid)
    if not any(_holds_pattern(text) for row in range(len(view.rows)) for _, text in view.filled(row)):
        return None
    for head in range(len(view.rows) - 1):
        if sum(1 for _ in view.filled(head)) > 1 and (found := _below(view, head)) is not None:
            return found
    return None


def _holds_pattern(text: str) -> bool:
    return bool(codes_of_pattern(text) or _pattern_in(_words(text)))


def _below(view: GridView, head: int) -> Patterns | None:
    """Read crews below a row of headings."""
    rows: list[int] = []
    for row in range(head + 1, len(view.rows)):
        if sum(1 for _ in view.filled(row)) < 2:
            break
        rows.append(row)
    around = [row for row in range(len(view.rows)) if row != head and row not in rows]
    lines = [(row, texts) for row in around if (texts := [text for _, text in view.filled(row)])]
    line = _said_of_all(lines)
    columns = _columns(view, head, rows, line) if rows else None
    if columns is None:
        return None
    others = {column: text for column, text in view.filled(head) if column not in columns.values()}
    found = Patterns(view, columns, lines=lines, others=others, head=head)
    for number, row in enumerate(rows):
        codes = codes_of_pattern(view.text(row, columns["pattern"])) if "pattern" in columns else line.codes
        first: Cell = view.cell(row, columns["first"]) if "first" in columns else ""
        if "first" not in columns and line.first is not None:
            first = line.first + number * (line.later or timedelta())
        last: Cell = view.cell(row, columns["last"]) if "last" in columns else line.last or ""
        found.crews.append(_Crew(row, " ".join(view.text(row, columns["name"]).split()), codes, first, last))
    if not {"pattern", "first"} <= set(columns):
        found.said = (line.row, next(column for column, _ in view.filled(line.row)))
    return found


def _said_of_all(lines: Sequence[tuple[int, list[str]]]) -> _Line:
    """Return the line around the crews that has a pattern in it: "Pattern DDNN---- from 4 January 2027"."""
    for row, texts in lines:
        text = " ".join(texts)
        words = _words(text)
        if codes := _pattern_in(words):
            first, last = _dates_among(words)
            return _Line(row, codes, first, last, _later_in(text))
    return _Line(0, [], None, None, None)


def _words(text: str) -> list[str]:
    return text.replace(":", ": ").split()


def _pattern_in(words: Sequence[str]) -> list[str]:
    """Return the codes of the word of a line that is a pattern, else of its run of single marks: "D D N N - - - -"."""
    if len(words) > _LONGEST_PATTERN:
        return []
    for word in words:
        if codes := codes_of_pattern(word.strip(".,;")):
            return codes
    for single, run in groupby(words, key=lambda word: len(word) == 1):
        if single and (codes := codes_of_pattern(" ".join(run))):
            return codes
    return []


def _dates_among(words: Sequence[str]) -> tuple[date | None, date | None]:
    """Return the first and the last day that a line names: "from 4 January 2027 until 30 June 2027"."""
    found: list[date] = []
    start = 0
    while start < len(words):
        day, length = leading_date(words[start:], range(1, _WORDS_OF_A_DATE + 1), ".,;") or (None, 1)
        found += [day] if day else []
        start += length
    return (found[0] if found else None), (found[1] if len(found) > 1 and found[1] > found[0] else None)


def _later_in(text: str) -> timedelta | None:
    """Return how much later each crew begins than the one above it: "each crew two days later"."""
    if (found := _LATER.search(text)) is None:
        return None
    count = found["count"].casefold()
    days = (int(count) if count.isdecimal() else _COUNTS[count]) * (7 if found["unit"][0] in "wW" else 1)
    return timedelta(days=days)


def _columns(view: GridView, head: int, rows: Sequence[int], line: _Line) -> dict[str, int] | None:
    """Return where the name, the pattern and the days stand; None unless rows or a line say all three."""
    used = [column for column, _ in view.filled(head)]
    patterns = [c for c in used if all(codes_of_pattern(view.text(row, c)) for row in rows)]
    dated = [c for c in used if holds_dates(Column("", c, [view.cell(row, c) for row in rows]))]
    names = [c for c in used if c not in dated and c not in patterns and all(view.text(row, c) for row in rows)]
    if len(patterns) > 1 or len(dated) > 2 or not names:
        return None
    if not (patterns or line.codes) or not (dated or (line.first and (line.later or len(rows) == 1))):
        return None
    found = {"name": names[0]}
    if patterns:
        found["pattern"] = patterns[0]
    if dated:
        found["first"] = dated[0]
    return {**found, **_last_day(view, head, dated)}


def _last_day(view: GridView, head: int, dated: Sequence[int]) -> dict[str, int]:
    known = Headings(EVENT_SHEET)
    ends = [column for column in dated[1:] if known(view.text(head, column)) in ("end", "end_date", "until")]
    return {"last": ends[0]} if ends else {}
