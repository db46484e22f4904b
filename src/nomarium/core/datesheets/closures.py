"""A list of closures, as a sheet or as plain text → Closures, and the half days among them as special days."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.edges import join_edges, names_holiday, names_term_alone, speaks_of_holiday
from nomarium.core.datesheets.plain_list import LineTable
from nomarium.core.datesheets.row_names import closes_school, leaves_school_open
from nomarium.core.datesheets.rows import DatedRow, DatedSheet, read_dated_rows
from nomarium.core.kinds import CLOSURE_SHEET
from nomarium.core.tables import plain_text
from nomarium.core.values import split_list
from nomarium.core.year import Closure, DayPart, Effect, SpecialDay, closure_effect, read_day_part
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem
    from nomarium.core.sheets import SheetChoices

_HALF = regex(
    r"\bhalf[- ]?days?\b|\bearly (dismissal|release|close|closing|closure|finish)\b|\blate (start|opening|arrival)\b|"
    r"\bdelayed (start|opening)\b|\bminimum day\b|\bshortened day\b|\bclos(es|ing) (early|at)\b|\b½ ?day\b",
    re.IGNORECASE,
)
_SCHOOL_IN = regex(
    r"\b(school|classes|class|lessons|students|term|semester|quarter|trimester|instruction)\s+"
    r"(re-?opens?|resumes?|returns?|re-?starts?|begins?|starts?|commences?|back)\b|"
    r"\b(first|last) day (of|for) (school|classes|class|term|semester|instruction|students|the)\b|"
    r"\b(back to school|return to school|start of (term|classes|school)|end of (term|classes))\b",
    re.IGNORECASE,
)
_CLOSED = regex(r"clos|holiday|break|vacation|no (school|class)|storm|snow|\b(pd|staff|full|off)\b|^(y|yes|true|x)$")
_WHOLE = regex(
    r"(?:all|whole|full|entire|ganz)[ -]?(?:day|tag|tägig)s?|ganztägig|journée entière|todo el día|yes|-", re.I
)
_OPEN = frozenset("no|n|false|open|in session|school open|regular|school day".split("|"))
"""Kinds that say closed, and those that say open, in small letters."""


def speaks_of_school(name: str) -> bool:
    """Tell whether a row of a list of closures is about school itself: "Classes resume", "First day of school"."""
    return bool(_SCHOOL_IN.search(name))


def shortens_school(name: str) -> bool:
    """Tell whether a row says that school is in for a part of the day: "Half day – dismissal 11:30"."""
    return bool(_HALF.search(name)) or read_day_part(name, closed=True, surely=False) is not None


@dataclass(slots=True)
class ClosureList:
    """What a list of closures gave."""

    closures: list[Closure] = field(default_factory=list)
    half_days: list[SpecialDay] = field(default_factory=list)
    sheet: DatedSheet | None = None
    left_out: int = 0
    """Rows that speak of school, not of closures."""


def read_closures(
    choices: SheetChoices, cycles: Collection[str] = (), terms: Collection[tuple[Place, date]] = ()
) -> tuple[ClosureList, list[Problem]]:
    """Read a list of closures; names in its column of divisions that are cycles mean the cycles.

    ``terms`` are where rows stand that are in use as terms, with their first days: they are passed over.
    """
    sheet, problems = read_dated_rows(choices, CLOSURE_SHEET, plain_lists=True)
    found = ClosureList(sheet=sheet)
    if sheet is not None:
        in_use = {row.record for row in sheet.rows if (sheet.place(row), row.first) in terms}
        problems += take_closures(sheet, sheet.rows, found, cycles, in_use)
    return found, problems


def take_closures(
    sheet: DatedSheet,
    rows: Sequence[DatedRow],
    found: ClosureList,
    cycles: Collection[str],
    in_use: Collection[int] = frozenset(),
) -> list[Problem]:
    """Add the closures of some rows of a sheet, those that two rows bound as one; return what is wrong with them.

    ``in_use`` are records that are something else: terms.
    """
    problems: list[Problem] = []
    mixed = isinstance(sheet.sheet.table, LineTable) and sum(closes_school(row.name) for row in rows) >= _SEVERAL
    reader = _Reader(sheet, found, {name.casefold(): name for name in cycles}, problems, mixed)
    edges, of_school = (join_edges(rows, of_school=whether) for whether in (False, True))
    open_rows = [(row, edge) for row, edge in edges.open if row.record not in of_school.used]
    beside: list[DatedRow] = []  # “Advising begins”, “Swimming ends”
    for joined in edges.spans:
        if _speaks_of_closing(joined.name):
            reader.take(joined.row._replace(name=joined.name, last=joined.last))
        else:
            beside.append(joined.row)
    for row, edge in open_rows:
        if _speaks_of_closing(edge.what) or closes_school(row.name):
            problems.append(wording.edge_alone(sheet.place(row), row.name, edge.side))
        else:
            beside.append(row)
    problems += [wording.not_a_closure(sheet.place(row), row.name) for row in beside]
    found.left_out += len(beside)
    apart = {*in_use} | edges.used | {row.record for row, _ in open_rows} | of_school.used
    for row in rows:
        if row.record not in apart:
            reader.take(row)
    return problems


def _speaks_of_closing(what: str) -> bool:
    """Tell whether what begins or ends is a holiday, or closes the school."""
    return speaks_of_holiday(what) or names_holiday(what) or closes_school(what)


_RETURN = regex(
    r"\s?\((?:reprise(?: des cours)?|rentrée|school (?:resumes|reopens)|classes resume|return|wiederbeginn|vuelta|"
    r"ripresa)\)$",
    re.IGNORECASE,
)
_SEVERAL = 2
"""So many lines that say that there is no school make those that only name an event no closures."""


@dataclass(slots=True)
class _Reader:
    """Sorts rows into closures, half days, and what is neither."""

    sheet: DatedSheet
    found: ClosureList
    cycles: dict[str, str]
    problems: list[Problem]
    mixed: bool
    """Whether lines about events stand among those that say "no school"."""

    def take(self, row: DatedRow) -> None:
        """Add what a row says."""
        row = self._without_return(row)
        name, kind = row.name or "Closed", self.sheet.text(row, "kind").casefold()
        divisions, cycles = self._for_whom(row)
        why = _why_half(row, kind)
        if (part := self._part(row)) and row.first != row.last:
            self.problems.append(wording.part_of_days(self.sheet.place(row), name, part.words))
        elif part:
            self.problems.append(wording.part_of_day(self.sheet.place(row), name, part.words))
            place = self.sheet.place(row)
            self.found.half_days.append(SpecialDay(name, row.first, row.last, place, divisions, part=part))
        elif why:
            self.problems.append(wording.half_day(self.sheet.place(row), name, why))
            self.found.half_days.append(SpecialDay(name, row.first, row.last, self.sheet.place(row), divisions))
        elif kind in _OPEN or (not _CLOSED.search(kind) and self._is_open(name)):
            self.problems.append(wording.not_a_closure(self.sheet.place(row), name))
            self.found.left_out += 1
        else:
            effect = self._effect(row)
            self.found.closures.append(
                Closure(name, row.first, row.last, self.sheet.place(row), divisions, cycles, effect)
            )

    def _without_return(self, row: DatedRow) -> DatedRow:
        """Return a row without its last day where school is in again on that, “(reprise)”; it is told."""
        if row.first == row.last or row.timed or not (said := _RETURN.search(row.name)):
            return row
        self.problems.append(wording.returns_on(self.sheet.place(row), row.name, row.last))
        return row._replace(name=row.name[: said.start()].strip(), last=row.last - timedelta(days=1))

    def _is_open(self, name: str) -> bool:
        return speaks_of_school(name) or names_term_alone(name) or (self.mixed and leaves_school_open(name))

    def _part(self, row: DatedRow) -> DayPart | None:
        """Return which part of the day a row closes, by a column of its own, its kind, its name or a remark."""
        columns = self.sheet.sheet.others
        texts = [(self.sheet.text(row, "part"), True), (self.sheet.text(row, "kind"), False), (row.name, False)]
        texts += [(plain_text(column.cells[row.record]), False) for column in columns]
        parts = (read_day_part(text, closed=True, surely=surely) for text, surely in texts)
        found = next(filter(None, parts), None)
        if found is None and self.sheet.text(row, "part") and not _WHOLE.fullmatch(self.sheet.text(row, "part")):
            self.problems.append(wording.unknown_part(self.sheet.place(row, "part"), self.sheet.text(row, "part")))
        return found

    def _for_whom(self, row: DatedRow) -> tuple[frozenset[str], frozenset[str]]:
        names = [] if _is_all(self.sheet.text(row, "division")) else list(split_list(self.sheet.text(row, "division")))
        effect_text = self.sheet.text(row, "effect")
        if effect_text.casefold() in self.cycles:  # a column “Cycle” may as well say which cycle is meant
            names.append(effect_text)
        cycles = frozenset(self.cycles[name.casefold()] for name in names if name.casefold() in self.cycles)
        return frozenset(name for name in names if name.casefold() not in self.cycles), cycles

    def _effect(self, row: DatedRow) -> Effect | None:
        text = self.sheet.text(row, "effect")
        if not text or text.casefold() in self.cycles:
            return None
        effect = closure_effect(text)
        if effect is None:
            self.problems.append(wording.unknown_effect(self.sheet.place(row, "effect"), text))
        return effect


def _is_all(text: str) -> bool:
    return text.casefold() in ("", "all", "everyone", "whole school", "school", "all divisions", "all students", "both")


def _why_half(row: DatedRow, kind: str) -> str:
    """Return why a row is a half day, or "" where it is none."""
    if _HALF.search(kind) or kind == "half":
        return f"its kind is “{kind}”"
    if _CLOSED.search(kind):
        return ""
    if _HALF.search(row.name):
        return "its name says so"
    return "it names times" if row.timed else ""
