"""What can be wrong with a user's data or call, as values that travel to whoever shows them."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable
from dataclasses import dataclass
from enum import StrEnum
from typing import NamedTuple


class Severity(StrEnum):
    """How much a problem weighs: an error stops the writing, a warning and a note do not."""

    ERROR = "error"
    WARNING = "warning"
    NOTE = "note"


@dataclass(frozen=True, slots=True)
class Place:
    """Where something stands: a file, perhaps one of its sheets, perhaps a cell or range of it ("B7")."""

    file: str
    sheet: str | None = None
    cell: str | None = None
    row: int = 0
    """The row of the cell, counted from 1 as a spreadsheet program does; 0 where no row is meant."""

    def __str__(self) -> str:
        parts = [self.file]
        if self.sheet is not None:
            parts.append(f"sheet “{self.sheet}”")
        if self.cell is not None:
            parts.append(self.cell)
        return ", ".join(parts)


class Way(NamedTuple):
    """A way out by a setting: named as an option by a call, as a key by a plan, and not at all where neither has it."""

    setting: str
    """The name of the setting, as core/settings.py declares it."""
    text: str = "{}"
    """What to do with it; ``{}`` is the option or key with its value."""
    value: str = ""
    joint: str = ", or "
    """What stands between it and the way before it."""


Advice = str | tuple[str | Way, ...]
"""What to do about a problem: words, or several ways, of which some may not be open to who asked."""


@dataclass(frozen=True, slots=True)
class Problem:
    """One thing that the user should know, with its place, the value found and the way out."""

    severity: Severity
    code: str
    """A short stable name for programs, such as ``impossible-date``; docs/problems.md lists them all."""
    place: Place
    message: str
    found: str = ""
    expected: str = ""
    advice: Advice = ""


class DataRefused(Exception):
    """The data cannot be used at all, and further reading would say nothing more: carries the problem."""

    def __init__(self, problem: Problem) -> None:
        super().__init__(problem.message)
        self.problem = problem


class WrongCall(Exception):
    """The caller asked for something that does not exist or cannot be: a hint names what would do."""

    def __init__(self, message: str, hint: str = "") -> None:
        super().__init__(message)
        self.message = message
        self.hint = hint


def error(
    code: str, place: Place, message: str, *, found: str = "", expected: str = "", advice: Advice = ""
) -> Problem:
    """Return a problem that stops the writing."""
    return Problem(Severity.ERROR, code, place, message, found, expected, advice)


def warning(code: str, place: Place, message: str, *, found: str = "", advice: Advice = "") -> Problem:
    """Return a problem that is written past, but that the user should look at."""
    return Problem(Severity.WARNING, code, place, message, found, "", advice)


def note(code: str, place: Place, message: str, *, advice: Advice = "") -> Problem:
    """Return word of a decision that was taken."""
    return Problem(Severity.NOTE, code, place, message, "", "", advice)


def has_errors(problems: Iterable[Problem]) -> bool:
    """Tell whether any of the problems stops the writing."""
    return any(problem.severity is Severity.ERROR for problem in problems)


@dataclass(frozen=True, slots=True)
class Cause:
    """Problems of one kind on one sheet, told as one: the first stands for all."""

    first: Problem
    others: tuple[Problem, ...] = ()

    @property
    def count(self) -> int:
        """The number of its problems."""
        return 1 + len(self.others)

    @property
    def cells(self) -> list[str | None]:
        """Where they are."""
        return [problem.place.cell for problem in (self.first, *self.others)]

    @property
    def messages(self) -> list[str]:
        """What they say, each message once."""
        return list(dict.fromkeys(problem.message for problem in (self.first, *self.others)))

    @property
    def values(self) -> dict[str, int]:
        """The different values that were found, each with how often; the most frequent first."""
        found = Counter(problem.found for problem in (self.first, *self.others) if problem.found)
        return dict(found.most_common())


def by_cause(problems: Iterable[Problem]) -> list[Cause]:
    """Return problems of one severity, code, sheet and advice as one, in the order of the first of each."""
    found: dict[tuple[object, ...], list[Problem]] = {}
    for one in problems:
        about = one.message if one.place.cell is None else one.expected
        key = (one.severity, one.code, one.place.file, one.place.sheet, one.advice, about)
        found.setdefault(key, []).append(one)
    return [Cause(first, tuple(others)) for first, *others in found.values()]


_WEIGHT = {Severity.ERROR: 0, Severity.WARNING: 1, Severity.NOTE: 2}


def by_place(problems: Iterable[Problem]) -> list[Problem]:
    """Return the problems in the order in which a person looks them up: errors first, then by file, sheet and row."""
    return sorted(problems, key=lambda p: (_WEIGHT[p.severity], p.place.file, p.place.sheet or "", p.place.row))
