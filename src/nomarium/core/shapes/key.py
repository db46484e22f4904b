"""What the codes in the cells of a sheet stand for: a list of codes, or lines such as "E = Early, 7:00–15:00"."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Sequence
from contextlib import suppress
from dataclasses import dataclass, field, replace
from datetime import time
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.columns import Headings
from nomarium.core.kinds import CODE_SHEET
from nomarium.core.problems import DataRefused
from nomarium.core.shapes import wording
from nomarium.core.sheets import SheetChoices, read_sheet
from nomarium.core.tables import Cell, Grid, plain_text
from nomarium.core.values import scan_span, span_in
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Place, Problem

_LINE = regex(r"(?P<code>[^\s=:,;]{1,8})\s*(?:=|:|–|—|→|\s-\s)\s*(?P<meaning>[^=]+?)")
_BARE_LINE = regex(
    r"(?P<code>\S{1,8})\s+(?P<meaning>\(?\d{1,2}(?:[:.h]?\d{2})?\s*(?:[ap]\.?m\.?\s*)?(?:[-–—]|to\b).+)|"
    r"(?P<mark>[A-Z]{2,8}|[^\s/]{1,3}/[^\s/]{1,3})\s+(?P<words>[^=:]+)"
)
"""A line without a sign between: the hours themselves behind the code, or words behind one that is no word."""
_APART = regex(r"\s*(?:[;\n|]|,(?=\s*[^\s=:,;]{1,8}\s*[=:]))\s*|\s+(?=[^\s=:,;]{1,8}\s*=)")
FREE = frozenset(
    "|off|day off|rest|rest day|free|none|no shift|not working|frei|"
    "ruhetag|libre|libranza|descanso|repos|riposo|vrij|fri|"
    "ledig|folga|smonto|smonto notte|riposo compensativo|recupero|saliente|compensatorio|repos compensateur|"
    "repos hebdomadaire|freizeitausgleich|zeitausgleich|inhaalrust|kompensationsledig|"
    "-|–|—|/|.|---".split("|")
)
"""What a cell says, or a key of its code, where nothing is on."""


class Meaning(NamedTuple):
    """What a code stands for."""

    code: str
    title: str
    hours: str = ""
    place: str = ""
    days: str = ""
    """The weekdays of a week that it is on, where a cell stands for a week."""

    @property
    def is_free(self) -> bool:
        """Whether nothing is on: it has no hours, and its title says so."""
        return not self.hours and self.title.casefold() in FREE


@dataclass(slots=True)
class Key:
    """What codes stand for, by the codes as they are written."""

    meanings: dict[str, Meaning] = field(default_factory=dict)
    problems: list[Problem] = field(default_factory=list)

    def add(self, meaning: Meaning, place: Place) -> None:
        """Take up a code; the same code for something else is a problem."""
        other = self.meanings.setdefault(meaning.code, meaning)
        if other != meaning:
            self.problems.append(wording.two_meanings(place, meaning.code))

    def find(self, text: str) -> Meaning | None:
        """Return what a code stands for: as it is written, else the only one that differs in case alone."""
        if text in self.meanings:
            return self.meanings[text]
        alike = [one for code, one in self.meanings.items() if code.casefold() == text.casefold()]
        return alike[0] if len(alike) == 1 else None


def read_key(grid: Grid, choices: SheetChoices, key: Key, codes: Collection[str] = ()) -> None:
    """Read a list of codes into a key: their column is found by the ``codes`` wanted, where no heading names it.

    Raises DataRefused where it has none.
    """
    if not choices.columns and (heading := headed_by_values(grid, codes)):
        choices = replace(choices, columns={heading: "code"})
    sheet, problems = read_sheet(grid, CODE_SHEET, choices)
    key.problems += problems
    if sheet is None:
        return
    for record in range(len(sheet)):
        code = sheet.text(record, "code") or sheet.text(record, "title")
        if not code:
            key.problems.append(wording.meaning_without_code(sheet.place(record)))
            continue
        start, end = (sheet.cell(record, name) for name in ("start", "end"))
        hours = sheet.text(record, "hours") or "–".join(text for cell in (start, end) if (text := _clock_text(cell)))
        title = sheet.text(record, "title") or code
        meaning = Meaning(code, title, hours, sheet.text(record, "room"), sheet.text(record, "days"))
        key.add(meaning, sheet.place(record, "code"))


def codes_with_hours(grid: Grid, choices: SheetChoices, codes: Collection[str]) -> frozenset[str]:
    """Return the codes that a list gives hours; none where it has none of the ``codes`` of another sheet."""
    key = Key()
    with suppress(DataRefused):
        read_key(grid.copy(), choices, key, codes)
    return frozenset(meaning.code for meaning in key.meanings.values() if meaning.hours)


def headed_by_values(grid: Grid, codes: Collection[str]) -> str:
    """Return the heading of the column that holds some codes, where none is headed as codes; "" for none."""
    wanted = {code.casefold() for code in codes}
    head = next((row for row in grid.rows if sum(cell != "" for cell in row) > 1), [])
    known = Headings(CODE_SHEET)
    texts = [plain_text(cell).strip() for cell in head]
    if any(known(text) == "code" for text in texts if text):
        return ""
    below = grid.rows[grid.rows.index(head) + 1 :] if head else []
    for column, text in enumerate(texts):
        cells = {plain_text(row[column]).strip().casefold() for row in below if column < len(row) and row[column] != ""}
        if text and cells and len(cells & wanted) * 2 > len(cells):
            return text
    return ""


def _clock_text(cell: Cell) -> str:
    return f"{cell:%H:%M}" if isinstance(cell, time) else " ".join(plain_text(cell).split())


def meanings_in(cells: Sequence[str], codes: Iterable[str]) -> list[Meaning]:
    """Return what a line below or above a sheet says of its codes: "E = Early 7:00–15:00; N = Night", or in cells."""
    wanted = {code.casefold(): code for code in codes}
    first = cells[0] if cells else ""
    if len(cells) > 1 and first.casefold() in wanted:
        return [_meaning(wanted[first.casefold()], _with_spans(cells[1:]))]
    found = []
    for cell in cells:
        for part in _APART.split(cell):
            match = _LINE.fullmatch(part.strip())
            if match and match["code"].casefold() in wanted:
                found.append(_meaning(wanted[match["code"].casefold()], match["meaning"]))
            elif (bare := _BARE_LINE.fullmatch(part.strip())) and (bare["code"] or bare["mark"]) in wanted.values():
                found.append(_meaning(bare["code"] or bare["mark"], bare["meaning"] or bare["words"]))
    return found


def _with_spans(cells: Sequence[str]) -> str:
    """Return cells as one text: a time beside another is from when to when."""
    text = cells[0]
    for before, cell in pairwise(cells):
        text += f"–{cell}" if _is_time(before) and _is_time(cell) else f" {cell}"
    return text


def _is_time(text: str) -> bool:
    span = scan_span(text)
    return span is not None and span.end is None and not text.strip().isdecimal()


def _meaning(code: str, text: str) -> Meaning:
    span = span_in(text)
    if span is None:
        return Meaning(code, text.strip(" ,;:()–-") or code)
    words = " ".join((text[: span.start] + " " + text[span.end :]).split()).strip(" ,;:()–-")
    return Meaning(code, words or code, span.text)
