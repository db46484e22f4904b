"""What a table shows of its kind: the conditions that descriptions of kinds are made of, each with what speaks against.

A condition looks at the evidence and returns a verdict: nothing against it, or a few words that say what is missing.
"""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import NamedTuple

from nomarium.core.columns.captions import has_captioned_days
from nomarium.core.columns.contents import (
    are_first_and_last_days,
    days_by_cells,
    holds_dates,
    may_be_the_day,
    named_field,
    reads_as_dates,
    says_how_often,
)
from nomarium.core.columns.fields import Condition, SheetKind, heading_key
from nomarium.core.columns.headings import Headings
from nomarium.core.problems import DataRefused, Problem
from nomarium.core.tables import Column, Grid, Table, lead_in, look_for_table, plain_text


class Verdict(NamedTuple):
    """Whether a condition holds: what speaks against it, "" for nothing; and what else than headings speaks for it."""

    against: str = ""
    because: str = ""


@dataclass(slots=True)
class Evidence:
    """A sheet, its table as a kind would read it, and the first column of each field that a heading surely means."""

    grid: Grid
    kind: SheetKind
    table: Table | None = None
    refused: Problem | None = None
    """Why it has no table."""
    named: dict[str, Column] = field(default_factory=dict)
    stated: frozenset[str] = frozenset()
    """The fields that somebody said."""

    @classmethod
    def of(cls, grid: Grid, kind: SheetKind, stated: Mapping[str, str]) -> Evidence:
        """Look at a sheet as one of a kind; ``stated`` maps headings to fields. The sheet stays as it is."""
        headings = Headings(kind)
        by_user = {heading_key(heading): headings.field_of(name) for heading, name in stated.items()}

        def vocabulary(heading: str) -> str | None:
            return by_user.get(heading_key(heading)) or headings(heading)

        found = cls(grid, kind, stated=frozenset(filter(None, by_user.values())))
        try:
            found.table, _ = look_for_table(grid, vocabulary)
        except DataRefused as refused:
            found.refused = refused.problem
            return found
        lead = lead_in([column.heading for column in found.table.columns])
        for column in found.table.columns:
            name = by_user.get(heading_key(column.heading)) or named_field(column, kind, vocabulary, lead)
            if name:
                found.named.setdefault(name, column)
        if kind.field("slot") and found.named.keys().isdisjoint(("day", "slot")):
            found._take_days()
        return found

    def _take_days(self) -> None:
        """Take hours that have their days beside them for slots, and periods that are weekdays for days, as read."""
        for name in ("hours", "period", "count"):
            if name in self.named and (says := days_by_cells(name, self.named[name])):
                self.named[says] = self.named.pop(name)
                return

    def heading(self, name: str) -> str:
        """Return the key of a field's heading, "" for none."""
        return heading_key(self.named[name].heading) if name in self.named else ""

    def texts(self, name: str) -> list[str]:
        """Return what the filled cells of a field say."""
        column = self.named.get(name)
        return [" ".join(plain_text(cell).split()) for cell in column.cells if cell != ""] if column else []


def _such_as(kind: SheetKind, name: str) -> str:
    field_ = kind.field(name)
    return f"“{field_.headings.split('|')[0]}”" if field_ else f"“{name}”"


def has(*names: str) -> Condition:
    """Every one of some fields has a heading."""

    def condition(seen: Evidence) -> Verdict:
        lacking = [name for name in names if name not in seen.named]
        return Verdict(f"no column such as {_such_as(seen.kind, lacking[0])}" if lacking else "")

    return condition


def has_one_of(*names: str) -> Condition:
    """At least one of some fields has a heading."""

    def condition(seen: Evidence) -> Verdict:
        if not seen.named.keys().isdisjoint(names):
            return Verdict()
        return Verdict(f"no column such as {' or '.join(_such_as(seen.kind, name) for name in names)}")

    return condition


def has_none_of(*names: str) -> Condition:
    """No heading means any of some fields."""

    def condition(seen: Evidence) -> Verdict:
        there = [seen.named[name].heading for name in names if name in seen.named]
        return Verdict(f"it has a column “{there[0]}”" if there else "")

    return condition


def any_of(*conditions: Condition) -> Condition:
    """One of some conditions holds; the first that does is the reason."""

    def condition(seen: Evidence) -> Verdict:
        verdicts = [one(seen) for one in conditions]
        good = [verdict for verdict in verdicts if not verdict.against]
        return good[0] if good else Verdict(", ".join(dict.fromkeys(verdict.against for verdict in verdicts)))

    return condition


def all_of(*conditions: Condition) -> Condition:
    """All of some conditions hold."""

    def condition(seen: Evidence) -> Verdict:
        verdicts = [one(seen) for one in conditions]
        against = next((verdict.against for verdict in verdicts if verdict.against), "")
        return Verdict(against, "".join(verdict.because for verdict in verdicts))

    return condition


def dated(seen: Evidence) -> Verdict:
    """Some column holds dates, or days of the month that a caption names; or is headed so, and mostly reads so."""
    headed = [seen.named[name] for name in ("start_date", "when", "start") if name in seen.named]
    found = seen.table is not None and (
        any(map(holds_dates, seen.table.columns))
        or has_captioned_days(seen.table, Headings(seen.kind))
        or any(map(reads_as_dates, headed))
    )
    return Verdict("" if found else "no column of dates")


def undated(seen: Evidence) -> Verdict:
    """No column holds dates, or says how often something is."""
    for column in seen.table.columns if seen.table else ():
        if holds_dates(column):
            return Verdict(f"column “{column.heading}” holds dates")
        if says_how_often(column, in_words=True):
            return Verdict(f"column “{column.heading}” says how often")
    return Verdict()


def dates_in(*names: str) -> Condition:
    """Each of some fields has a column of dates."""

    def condition(seen: Evidence) -> Verdict:
        lacking = [name for name in names if name not in seen.named or not holds_dates(seen.named[name])]
        return Verdict(f"no dates under a heading such as {_such_as(seen.kind, lacking[0])}" if lacking else "")

    return condition


def holds_first_and_last_days(seen: Evidence) -> Verdict:
    """Two columns of dates, the second never before the first, are the first and last days, whatever heads them."""
    dated = [column for column in seen.table.columns if may_be_the_day(column)] if seen.table else []
    if len(dated) == _BOTH_ENDS and are_first_and_last_days(*dated):
        return Verdict("", f"dates from until below “{dated[0].heading}” and “{dated[1].heading}”, and by ")
    return Verdict("no two columns of dates")


_BOTH_ENDS = 2


def no_dates_in(*names: str) -> Condition:
    """None of some fields has a column of dates."""

    def condition(seen: Evidence) -> Verdict:
        there = [name for name in names if name in seen.named and holds_dates(seen.named[name])]
        return Verdict(f"column “{seen.named[there[0]].heading}” holds dates" if there else "")

    return condition


def headed(name: str, words: str) -> Condition:
    """The heading of a field is one of some words, which no other kind of sheet would use."""
    keys = {heading_key(word) for word in words.split("|")}

    def condition(seen: Evidence) -> Verdict:
        return Verdict("" if seen.heading(name) in keys else f"no heading says {_first_words(words)}")

    return condition


def _first_words(words: str) -> str:
    return " or ".join(f"“{word}”" for word in words.split("|")[:2])


def at_most(rows: int) -> Condition:
    """The table has few rows."""

    def condition(seen: Evidence) -> Verdict:
        return Verdict(f"it has more than {rows} rows" if seen.table and len(seen.table) > rows else "")

    return condition


def few_columns(columns: int) -> Condition:
    """The table has few columns."""

    def condition(seen: Evidence) -> Verdict:
        many = seen.table is not None and len(seen.table.columns) > columns
        return Verdict(f"it has more than {columns} columns" if many else "")

    return condition


_SAYS_NOTHING = frozenset("a and calendar date dates day days list of our school sheet the year".split())
_TIMED = frozenset({"start_time", "end_time", "duration", "repeat", "when"})


def called(words: str, timed: SheetKind) -> Condition:
    """The sheet's name, or its file's, says only what it holds; an event's times, by ``timed``, speak against it."""
    meant = frozenset(words.split())

    def condition(seen: Evidence) -> Verdict:
        for name in seen.grid.names:
            said = set(re.findall(r"[^\W\d_]+", name.casefold())) - _SAYS_NOTHING
            if said and said <= meant:
                times = Evidence.of(seen.grid, timed, {}).named.keys() & (_TIMED | {"start", "end"})
                return Verdict("it has times", "") if times else Verdict("", f"its name “{name}” and ")
        return Verdict("neither its name nor its file’s says so")

    return condition
