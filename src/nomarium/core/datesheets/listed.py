"""A sheet of dates and labels → the label of each date, as a school publishes its cycle."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.datesheets import wording
from nomarium.core.datesheets.row_names import closes_school
from nomarium.core.datesheets.rows import DatedRow, DatedSheet, read_dated_rows
from nomarium.core.kinds import bare_label, listed_sheet, plain_labels
from nomarium.core.year import Pin

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import SheetChoices


@dataclass(slots=True)
class ListedDays:
    """Labels by date, and the words that stand in their place on other dates."""

    labels: dict[date, Pin] = field(default_factory=dict)
    words: dict[date, Pin] = field(default_factory=dict)
    """Dates whose text is no label: "No school", "Holiday"; for a list whose labels are known beforehand."""
    unlabelled: set[date] = field(default_factory=set)
    """Dates that the list names without a label."""
    sheet: DatedSheet | None = None


def read_listed_days(choices: SheetChoices, cycle: str, labels: Sequence[str] = ()) -> tuple[ListedDays, list[Problem]]:
    """Read a list of dates and labels; with several columns of labels, that which the cycle's name heads.

    ``labels`` are those of the cycle, where they are known; else they are letters or numbers where most texts are, and
    every text where not. A text of several letters that is no label counts as words.
    """
    sheet, problems = read_dated_rows(choices, listed_sheet(cycle).needing("date"))
    if sheet is None or not sheet.sheet.headed("summary"):
        sheet, problems = read_dated_rows(choices, listed_sheet().needing("date"))
    found = ListedDays(sheet=sheet)
    if sheet is not None and not sheet.sheet.has("summary"):
        problems.append(wording.no_label_column(sheet.sheet.table, cycle))
    stated, labels = bool(labels), labels or _labels_among(sheet)
    for row in sheet.rows if sheet else ():
        if sheet is not None:
            problems += _take(row, sheet, found, labels, may_be_slips=stated)
    return found, problems


def _labels_among(sheet: DatedSheet | None) -> tuple[str, ...]:
    named = plain_labels([row.name for row in sheet.rows]) if sheet else set()
    found = {label for label in named if not closes_school(label)}
    return tuple(found) if len(found) > 1 else ()


def _take(
    row: DatedRow, sheet: DatedSheet, found: ListedDays, labels: Sequence[str], *, may_be_slips: bool
) -> list[Problem]:
    label = bare_label(row.name, labels)
    pin = Pin(label, goes_on=True, place=sheet.place(row, "summary"))
    day = row.first
    if not label:
        found.unlabelled.add(day)
    elif labels and label not in labels and (not may_be_slips or len(label) > _LONGEST_SLIP):
        found.words[day] = pin
    elif day in found.labels and found.labels[day].label != label:
        return [wording.listed_twice(pin.place, day, label, found.labels[day].label)]
    else:
        found.labels[day] = pin
    return []


_LONGEST_SLIP = 3
"""A text up to this long that is no label is a slip in one; a longer one says that there is none."""
