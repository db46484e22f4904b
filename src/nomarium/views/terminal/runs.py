"""Texts of a terminal as wide as they are there: wide letters count two, marks none, signs of direction none."""

from __future__ import annotations

import unicodedata
from collections.abc import Iterator
from typing import NamedTuple

from rich.cells import cell_len, chop_cells, set_cell_size

from nomarium.lazily import regex

_CONTROL = regex(r"[\x00-\x1f\x7f-\x9f\u2028\u2029]+")
_DIRECTION = regex(r"[\u061c\u200e\u200f\u202a-\u202e\u2066-\u2069]")
_ISOLATE, _END = "\u2068", "\u2069"
"""What keeps a text that runs from right to left from moving its neighbours (Unicode, UAX 9)."""
_MORE = "…"


class Run(NamedTuple):
    """A text and the name of its style: "" for plain, "bold", "dim", "calendar 3"."""

    text: str
    style: str = ""


Line = list[Run]
"""What stands on a line, from left to right."""


def plain_text(line: Line) -> str:
    """Return what a line says, without styles."""
    return "".join(run.text for run in line).rstrip()


def clean(text: str) -> str:
    """Return a text that cannot command a terminal: no control characters, no signs that turn the direction."""
    return _DIRECTION.sub("", _CONTROL.sub(" ", text))


def fitted(text: str, width: int) -> str:
    """Return a text as wide as stated: shortened with "…", or filled with spaces."""
    text = clean(text)
    if cell_len(text) > width:
        text = set_cell_size(text, width - 1).rstrip() + _MORE if width > 1 else _MORE[:width]
    return isolated(text) + " " * (width - cell_len(text))


def isolated(text: str) -> str:
    """Return a text that keeps its direction to itself, where it runs from right to left."""
    rightward = any(unicodedata.bidirectional(letter) in ("R", "AL") for letter in text)
    return f"{_ISOLATE}{text}{_END}" if rightward else text


def wrapped(text: str, width: int, most: int) -> list[str]:
    """Return a text in lines of a width, at words where it can be; the last of the most lines is shortened."""
    lines = list(_lines(clean(text), max(1, width)))
    if len(lines) <= most:
        return lines
    rest = " ".join(lines[most - 1 :])
    return [*lines[: most - 1], rest]  # whoever fits it to the width shortens it


def _lines(text: str, width: int) -> Iterator[str]:
    line = ""
    for word in text.split():
        longer = f"{line} {word}" if line else word
        if cell_len(longer) <= width:
            line = longer
            continue
        if line:
            yield line
        *whole, line = chop_cells(word, width) if cell_len(word) > width else [word]
        yield from whole
    if line:
        yield line
