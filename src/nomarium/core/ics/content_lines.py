"""The text of an iCalendar file → its content lines (RFC 5545, 3.1), however sloppily it was written."""

from __future__ import annotations

import re
from collections.abc import Container, Iterable, Iterator, Mapping
from dataclasses import dataclass, field
from typing import NamedTuple

from nomarium.lazily import regex


class ContentLine(NamedTuple):
    """One property: its line in the file, name, parameters and value, as written."""

    line: int
    name: str
    parameters: Mapping[str, str]
    value: str
    raw: str
    """The whole line, unfolded."""


@dataclass(slots=True)
class Sloppiness:
    """What a file does that the standard does not allow, and what was made of it: each with its first line."""

    bare_breaks: int = 0
    stray: list[tuple[int, str]] = field(default_factory=list)
    rejoined: list[tuple[int, str]] = field(default_factory=list)


_BREAK = regex(r"\r\n|\n|\r")
_UNUSED = "DTSTAMP"
"""A property that every event must have, and that nothing here asks for."""
_FOLDS = frozenset(" \t")
_NAME = regex(r"[A-Za-z0-9-]+(?=[;:])")
_PARAMETER = regex(r';([A-Za-z0-9-]+)=((?:"[^"]*"|[^";:,]*)(?:,(?:"[^"]*"|[^";:,]*))*)')


def content_lines(text: str, sloppiness: Sloppiness) -> Iterable[ContentLine]:
    """Return the content lines of a text, folded ones joined, each with the number of its first line.

    A line that begins like no property and follows one is taken for its rest, badly folded. A property's name and
    parameters ("DTSTART;TZID=America/Halifax") recur all through a file, and are read once.
    """
    clean = clean_lines(text)
    return sloppy_lines(text, sloppiness) if clean is None else clean


def clean_lines(text: str) -> list[ContentLine] | None:
    """Return the content lines of a text written as the standard wants it, all at once; None for any other."""
    if text.count("\n") != text.count("\r\n") or text.count("\r") != text.count("\n"):
        return None
    lines = text.split("\r\n")
    folds = [place for place, line in enumerate(lines) if line[:1] in _FOLDS]
    if folds and folds[0] == 0:
        return None
    for place in reversed(folds):  # so that the rest of a rest comes first
        lines[place - 1] += lines[place][1:]
        lines[place] = ""
    try:
        heads = [line[: line.index(":")] if line else None for line in lines]
    except ValueError:
        return None
    known: dict[str, tuple[str, Mapping[str, str]]] = {}
    for head in {head for head in heads if head is not None}:
        read = content_line(0, f"{head}:") if '"' not in head else None
        if read is None:
            return None
        known[head] = (read.name, read.parameters)
    new = tuple.__new__
    return [
        new(ContentLine, (number, *known[head], line[len(head) + 1 :], line))
        for number, (head, line) in enumerate(zip(heads, lines, strict=True), 1)
        if head is not None and head != _UNUSED
    ]


def sloppy_lines(text: str, sloppiness: Sloppiness) -> Iterator[ContentLine]:
    """Yield the content lines of any text, one by one, and note what the standard does not allow."""
    heads: dict[str, tuple[str, Mapping[str, str]]] = {}
    for number, line, head in _unfolded(text, heads, sloppiness):
        known = heads.get(head)
        if head == _UNUSED:
            continue
        if known is not None:
            yield ContentLine(number, known[0], known[1], line[len(head) + 1 :], line)
            continue
        read = content_line(number, line)
        if read is None:
            sloppiness.stray.append((number, line[:60]))
            continue
        if '"' not in head and line[len(head) : len(head) + 1] == ":":
            heads[head] = (read.name, read.parameters)
        yield read


def _unfolded(text: str, heads: Container[str], sloppiness: Sloppiness) -> Iterator[tuple[int, str, str]]:
    """Yield each logical line with the number of its first, and what stands before the first colon of that one.

    ``heads`` are those known to begin a property.
    """
    if "\r" not in text and "\n" in text:
        sloppiness.bare_breaks = 1
    number, held, head = 0, "", ""
    lines = text.split("\r\n") if text.count("\n") == text.count("\r\n") == text.count("\r") else _BREAK.split(text)
    for count, line in enumerate(lines, 1):
        if line[:1] in (" ", "\t"):
            held += line[1:]
            continue
        begins = line.partition(":")[0]
        if line and begins not in heads and not _NAME.match(line):
            held = _rest_or_stray(held, count, line, sloppiness)
            continue
        if held:
            yield number, held, head
        number, held, head = count, line, begins
    if held:
        yield number, held, head


def _rest_or_stray(held: str, count: int, line: str, sloppiness: Sloppiness) -> str:
    """Take a line that begins like no property for the rest of the one above, or for a stray one."""
    if not held or held.upper().startswith(("BEGIN:", "END:")):
        sloppiness.stray.append((count, line[:60]))
        return held
    sloppiness.rejoined.append((count, line[:60]))
    is_description = held.partition(":")[0].upper().startswith("DESC")
    return f"{held}\\n{line}" if is_description else held + line


def content_line(number: int, text: str) -> ContentLine | None:
    """Take a logical line apart, or return None where it is no property."""
    match = _NAME.match(text)
    if match is None:
        return None
    name, at = match[0].upper(), match.end()
    parameters: dict[str, str] = {}
    while (parameter := _PARAMETER.match(text, at)) is not None:
        parameters[parameter[1].upper()] = parameter[2].strip('"')
        at = parameter.end()
    if text[at : at + 1] != ":":
        return None
    return ContentLine(number, name, parameters, text[at + 1 :], text)


_ESCAPE = regex(r"\\([\\;,nN])")


def unescaped(value: str) -> str:
    r"""Return a TEXT value (RFC 5545, 3.3.11) as it is meant: "\n" is a line break."""
    if "\\" not in value:
        return value
    return _ESCAPE.sub(lambda match: "\n" if match[1] in "nN" else match[1], value)


def split_values(value: str) -> list[str]:
    """Split a list of TEXT values at the commas that are not escaped, each as it is meant."""
    return [unescaped(part) for part in re.split(r"(?<!\\)(?:\\\\)*,", value)] if value else []


def caret_decoded(text: str) -> str:
    """Return a parameter's value as it is meant (RFC 6868)."""
    return re.sub(r"\^([n^'])", lambda match: {"n": "\n", "^": "^", "'": '"'}[match[1]], text)
