"""A plan file → the plan, or all that is wrong with it, line by line."""

from __future__ import annotations

import tomllib
from dataclasses import dataclass
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.plan import wording
from nomarium.core.plan.lines import key_lines, nearest_line
from nomarium.core.plan.model import Plan
from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.lazily import regex
from nomarium.run import note_input

if TYPE_CHECKING:
    from pydantic_core import ErrorDetails

_MOST_BYTES = 2_000_000
_DEEP = regex(r"(?<![\w\"'-])(?:[\w\"'-]++[ \t]*+\.[ \t]*+){60}")
"""A dotted key so deep that no plan needs it, and whose reading would take minutes."""


@dataclass(frozen=True, slots=True)
class PlanFile:
    """A plan and where it stands: paths in it are meant from its folder."""

    path: Path
    plan: Plan
    lines: dict[tuple[str, ...], int]

    @property
    def folder(self) -> Path:
        """The folder of the plan."""
        return self.path.parent

    def place(self, *keys: str) -> Place:
        """Return where a table or key stands."""
        return _place(self.path.name, nearest_line(self.lines, keys))


def load_plan(path: Path) -> tuple[PlanFile | None, list[Problem]]:
    """Read a plan file; None where it says what no plan can, with a problem for each fault.

    Raises DataRefused where the file cannot be read at all.
    """
    from pydantic import ValidationError

    text = _text(path)
    try:
        if _DEEP.search(text):
            raise RecursionError
        keys = tomllib.loads(text)
    except tomllib.TOMLDecodeError as fault:
        return None, [_not_toml(path, text, str(fault))]
    except RecursionError:
        return None, [wording.not_toml(_place(path.name, 0), "it is nested too deeply")]
    lines = key_lines(text)
    try:
        plan = Plan.model_validate(keys)
    except ValidationError as faults:
        return None, [_problem(path.name, lines, fault) for fault in _telling(faults.errors())]
    return PlanFile(path, plan, lines), []


def _text(path: Path) -> str:
    try:
        if path.exists() and not path.is_file():
            raise DataRefused(wording.no_plan(Place(path.name), "it is no file"))
        if path.stat().st_size > _MOST_BYTES:
            raise DataRefused(wording.no_plan(Place(path.name), "it is far larger than any plan"))
        note_input(path)
        return path.read_bytes().decode("utf-8-sig")
    except OSError as fault:
        raise DataRefused(wording.no_plan(Place(path.name), (fault.strerror or str(fault)).lower())) from None
    except UnicodeDecodeError:
        raise DataRefused(wording.no_plan(Place(path.name), "it is not text in UTF-8")) from None


def _place(file: str, line: int) -> Place:
    return Place(file, None, f"line {line}" if line else None, line)


_AT = regex(r"\s*\(at (?:line (\d+), column \d+|end of document)\)")


def _not_toml(path: Path, text: str, message: str) -> Problem:
    at = _AT.search(message)
    line = int(at[1]) if at and at[1] else len(text.splitlines())
    reason = _AT.sub("", message)
    return wording.not_toml(_place(path.name, line), reason[:1].lower() + reason[1:])


def _telling(faults: list[ErrorDetails]) -> list[ErrorDetails]:
    """Leave one fault for each key: where a value may have several forms, each form that it misses is a fault."""
    by_key: dict[tuple[str, ...], ErrorDetails] = {}
    for fault in faults:
        by_key.setdefault(_keys(fault), fault)
    return list(by_key.values())


def _keys(fault: ErrorDetails) -> tuple[str, ...]:
    """Return the keys of a fault's place, without what pydantic adds: positions, forms of a union, validators."""
    return tuple(part for part in fault["loc"] if isinstance(part, str) and not _ADDED.search(part))


_ADDED = regex(r"[\[(]|^(str|int|date|bool|float)$")


def _problem(file: str, lines: dict[tuple[str, ...], int], fault: ErrorDetails) -> Problem:
    keys = _keys(fault)
    place = _place(file, nearest_line(lines, keys))
    if fault["type"] == "extra_forbidden":
        return wording.unknown_key(place, keys)
    if fault["type"] == "missing":
        return wording.missing_key(place, keys)
    return wording.wrong_value(place, keys, fault["input"], fault["type"], fault["msg"])
