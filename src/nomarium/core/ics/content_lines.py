"""The text of an iCalendar file → its content lines (RFC 5545, 3.1), however sloppily it was written."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass, field
from typing import NamedTuple


class ContentLine(NamedTuple):
    """One property: its line in the file, name, parameters and value, as written."""

    line: int
    name: str
    parameters: dict[str, str]
    value: str
    raw: str
    """The whole line, unfolded."""


@dataclass(slots=True)
class Sloppiness:
    """What a file does that the standard does not allow, and what was made of it: each with its first line."""

    bare_breaks: int = 0
    stray: list[tuple[int, str]] = field(default_factory=list)
    rejoined: list[tuple[int, str]] = field(default_factory=list)


_NAME = re.compile(r"[A-Za-z0-9-]+(?=[;:])")
_PARAMETER = re.compile(r';([A-Za-z0-9-]+)=((?:"[^"]*"|[^";:,]*)(?:,(?:"[^"]*"|[^";:,]*))*)')


def unfolded(text: str, sloppiness: Sloppiness) -> Iterator[tuple[int, str]]:
    """Yield each logical line with the number of its first; folded lines are joined (RFC 5545, 3.1).

    A line that begins like no property and follows one is taken for its rest, badly folded.
    """
    if "\r" not in text and "\n" in text:
        sloppiness.bare_breaks = 1
    number, held = 0, ""
    for count, line in enumerate(re.split(r"\r\n|\n|\r", text), 1):
        if line[:1] in (" ", "\t"):
            held += line[1:]
            continue
        if line and not _NAME.match(line):
            if held and not held.upper().startswith(("BEGIN:", "END:")):
                sloppiness.rejoined.append((count, line[:60]))
                held += f"\\n{line}" if ":" in held and held.split(":", 1)[0].upper().startswith("DESC") else line
            else:
                sloppiness.stray.append((count, line[:60]))
            continue
        if held:
            yield number, held
        number, held = count, line
    if held:
        yield number, held


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


_ESCAPE = re.compile(r"\\([\\;,nN])")


def unescaped(value: str) -> str:
    r"""Return a TEXT value (RFC 5545, 3.3.11) as it is meant: "\n" is a line break."""
    return _ESCAPE.sub(lambda match: "\n" if match[1] in "nN" else match[1], value)


def split_values(value: str) -> list[str]:
    """Split a list of TEXT values at the commas that are not escaped, each as it is meant."""
    return [unescaped(part) for part in re.split(r"(?<!\\)(?:\\\\)*,", value)] if value else []


def caret_decoded(text: str) -> str:
    """Return a parameter's value as it is meant (RFC 6868)."""
    return re.sub(r"\^([n^'])", lambda match: {"n": "\n", "^": "^", "'": '"'}[match[1]], text)
