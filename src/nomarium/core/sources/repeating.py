"""Rows that repeat → all their dates: by the words of their cells, the school year, and its closures."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from datetime import datetime
from typing import TYPE_CHECKING

from nomarium.core.sources.repeat_dates import DatesInWords
from nomarium.core.sources.repeat_row import (
    RepeatChoices,
    Repeated,
    RepeatingRow,
    RepeatSheet,
    RowRefused,
    is_own_rows,
)
from nomarium.core.tables import Table, plain_text
from nomarium.core.values import MomentColumn, MomentScanner

if TYPE_CHECKING:
    from nomarium.core.columns import Matches
    from nomarium.core.problems import Problem
    from nomarium.core.sources.series import Series

REPEAT_FIELDS = ("repeat", "until", "times", "except", "on_closure", "also", "occurrence")
"""The fields of rows that repeat."""


def unroll(
    series: Sequence[Series], table: Table, matches: Matches, moments: Sequence[MomentColumn], choices: RepeatChoices
) -> tuple[Repeated, dict[int, Problem], list[Problem]]:
    """Give each series whose row repeats all its occurrences.

    Returns the tally, the records that cannot be (each with its problem), and what else there is to say.
    """
    repeated = Repeated()
    refused: dict[int, Problem] = {}
    said: list[Problem] = []
    order = choices.order or next((column.order for column in moments if column.order), None)
    sheet = RepeatSheet(
        table, matches, choices, DatesInWords(MomentScanner(moments[0].words), order), is_own_rows(table)
    )
    for one in series:
        row = RepeatingRow(one, sheet)
        try:
            row.unroll(repeated)
        except RowRefused as fault:
            refused[one.record] = fault.problem
        said += row.said
    _place_changes(series, matches, rules=choices.rules)
    return repeated, refused, said


def _place_changes(series: Sequence[Series], matches: Matches, *, rules: bool) -> None:
    """Let rows that stand for single occurrences take these out of their events, which have the same id."""
    column = matches.column("occurrence")
    if column is None:
        return
    changes = [(one, text) for one in series if (text := plain_text(column.cells[one.record]))]
    masters = {one.id: one for one in series if one.id and one.of_repeat}
    for one, text in changes:
        try:
            start = datetime.fromisoformat(text)
        except ValueError:
            continue
        if rules:
            one.replaces = start
            continue
        master = masters.get(one.id)
        if master is not None:
            master.occurrences = tuple(o for o in master.occurrences if (o.known_by or o.start) != start)
        one.of_repeat = True
        one.occurrences = tuple(replace(o, known_by=start) for o in one.occurrences)
