"""Lists of dates with their label in a cycle."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from datetime import date

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Evidence,
    Field,
    Holds,
    Kind,
    SheetKind,
    Verdict,
    dated,
    has,
    heading_key,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.dated_fields import WEEKDAY
from nomarium.core.kinds.labels import NUMBERS, PLAIN_LABELS, bare_label
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import DAY, SHEET_RULES

_LABELS = (
    "label|cycle day|day letter|letter day|rotation day|rotation|cycle|day number|letter|timetable day|day of cycle|"
    "workshop day|day name|school day|day type|schedule day|day code|day|a/b|a/b day|ab day|day no|day #"
)
_MOST_LABELS = 12


def _few_labels(seen: Evidence) -> Verdict:
    """The labels are few, come again and again, and are letters or numbers."""
    labels = seen.texts("summary")
    bare = plain_labels(labels)
    few = 1 < len(bare) <= _MOST_LABELS and seen.table is not None and len(bare) * 3 <= len(seen.table)
    if not few:
        return Verdict("its labels do not come again and again")
    return Verdict("" if bare <= PLAIN_LABELS else "its labels are neither letters nor numbers")


def plain_labels(texts: Sequence[str]) -> set[str]:
    """Return the labels among some texts: where most are letters or numbers, these, as others say "No school"."""
    bare = [bare_label(text, ()) for text in texts]
    plain = [label for label in bare if label in PLAIN_LABELS]
    numbers = [label for label in plain if label in NUMBERS]
    if len(numbers) * _MOST_OF > len(bare) * (_MOST_OF - 1):
        return set(numbers)  # “H” among numbers is a holiday
    return set(plain) if len(plain) * _MOST_OF > len(bare) * (_MOST_OF - 1) else set(bare)


_MOST_OF = 4
"""So many parts of all texts but one are labels, where the others are words."""


def _little_beside(seen: Evidence) -> Verdict:
    """Beside dates and labels stand no more than two columns that are no weekday, kind of day or remark."""
    used = {column.index for column in seen.named.values()}
    columns = [column for column in seen.table.columns if column.index not in used] if seen.table else []
    others = [column for column in columns if heading_key(column.heading) not in _BESIDE]
    return Verdict("it has more than 4 columns" if len(others) > _MOST_BESIDE else "")


_BESIDE = frozenset(
    heading_key(word)
    for word in f"{words.NOTES}|schedule|bell schedule|bells|schedule type|day type|special|event|events|holiday".split(
        "|"
    )
)
_MOST_BESIDE = 2

DAY_SHEET = with_phrases(
    SheetKind(
        Kind.DAYS,
        "listed days",
        (
            Field(
                "start_date",
                "the day; required",
                "date|dates|when|on|calendar date|datum|fecha|data|school date",
                Holds.DATE,
                words.DATE,
                Blank("Date", "The day. Required.", date(2026, 9, 10)),
            ),
            WEEKDAY,
            Field(
                "summary",
                "its label in the cycle; required",
                _LABELS,
                Holds.NAMES,
                "day of rotation|cycle label|rotation label|day label|color day|colour day|tag|jour|día|giorno|dia|dag|"
                "zyklustag|jour du cycle|día del ciclo|giorno del ciclo|dia do ciclo|cyclusdag|syklusdag|cykeldag",
                Blank("Label", "Its day in the cycle. Required.", DAY),
                last_word="day",
            ),
        ),
        proof=(has("start_date", "summary"), dated, _few_labels, _little_beside),
        telling=("start_date", "summary"),
        blank=BlankSheet(
            "Days",
            ("One date a row, for a cycle that is listed and not worked out, or to prove one that is.", *SHEET_RULES),
            'name it under [cycles.NAME] in nomarium.toml: listed = "{file}"; or: nomarium days --against {file}',
        ),
    )
)


def listed_sheet(cycle: str = "") -> SheetKind:
    """Return the kind of a sheet of dates and labels; with a cycle's name, its column is the label."""
    if not cycle:
        return DAY_SHEET
    day, weekday, label = DAY_SHEET.fields
    return replace(DAY_SHEET, fields=(day, weekday, label._replace(headings=f"{cycle}|day {cycle}", shared="")))
