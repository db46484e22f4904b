"""Lines of RFC 5545: values escaped, lines folded."""

from __future__ import annotations

import re

from nomarium.lazily import regex

FOLD_AT = 75
"""Octets of a line, its break not counted (RFC 5545, 3.1)."""

_SHORT = FOLD_AT - len("DESCRIPTION:")
_PLAIN = re.compile(r"[ -+\--:<-\[\]-~]*").fullmatch
"""Texts that need no escape: printable, without comma, semicolon and backslash."""

_BREAKS = regex("\r\n|[\n\r\x0b\x0c\x85\u2028\u2029]")
CONTROLS = "\x00-\x08\x0e-\x1f\x7f-\x9f"
"""The control characters, as a range of an expression, but for those that break or indent a line."""
_UNWRITABLE = regex(f"[{CONTROLS}\ud800-\udfff]")


def escape(text: str) -> str:
    """Return a text as a TEXT value (RFC 5545, 3.3.11): it cannot leave its property, whatever it holds.

    Control characters have no form in iCalendar and are dropped; line breaks of every kind become ``\\n``.
    """
    if "\\" in text:
        text = text.replace("\\", "\\\\")
    if ";" in text:
        text = text.replace(";", "\\;")
    if "," in text:
        text = text.replace(",", "\\,")
    # Printable is what has no break, no control character and no half of a pair: most texts, at one glance.
    if text.isprintable():
        return text
    plain = "" if "\r" in text else text.replace("\n", "\\n")
    return plain if plain and plain.isprintable() else _UNWRITABLE.sub("", _BREAKS.sub(r"\\n", text))


def uri(text: str) -> str:
    """Return a URI value (RFC 5545, 3.3.13), which knows no escapes: what could break a line is left out."""
    return _UNWRITABLE.sub("", _BREAKS.sub("", text))


def text_line(name: str, text: str) -> str:
    """Return a property of a TEXT value, escaped and folded, with its break."""
    if text.isascii() and len(text) < _SHORT and _PLAIN(text):
        return f"{name}:{text}\r\n"
    return fold(f"{name}:{escape(text)}") + "\r\n"


def fold(line: str) -> str:
    """Return a line folded at 75 octets, never inside a character (RFC 5545, 3.1); without a line break at its end."""
    if len(line) <= FOLD_AT and (line.isascii() or len(line.encode()) <= FOLD_AT):
        return line
    return fold_every_line(line)


def fold_every_line(line: str) -> str:
    """Fold without a look at whether it is needed."""
    if line.isascii():
        rest = [line[place : place + FOLD_AT - 1] for place in range(FOLD_AT, len(line), FOLD_AT - 1)]
        return "\r\n ".join([line[:FOLD_AT], *rest])
    octets = line.encode()
    parts = []
    start, room = 0, FOLD_AT
    while len(octets) - start > room:
        end = start + room
        while octets[end] & 0xC0 == 0x80:  # a continuation byte of UTF-8: step back to where its character begins
            end -= 1
        parts.append(octets[start:end])
        start, room = end, FOLD_AT - 1
    parts.append(octets[start:])
    return b"\r\n ".join(parts).decode()
