"""The one door for what is shown: text from sheets, files and calls cannot steer a terminal or turn what is read."""

from __future__ import annotations

import sys
from io import TextIOWrapper
from typing import TextIO, cast

from nomarium.lazily import regex

_CONTROL = "\x00-\x08\x0b-\x1a\x1c-\x1f\x7f-\x9f\u2028\u2029\u202a-\u202e\u2066-\u2069"
_UNSEEN = regex(f"[{_CONTROL}\x1b]")
_UNSEEN_BUT_COLOUR = regex(f"[{_CONTROL}]|\x1b(?!\\[[0-9;]*m)")


def visible(text: str, *, colours: bool = False) -> str:
    r"""Return a text with control characters, and signs that turn its direction, as they would be written: "\u001b".

    Line breaks and tabs stay, and with ``colours`` the sequences that colour text.
    """
    if text.isprintable():
        return text
    unseen = _UNSEEN_BUT_COLOUR if colours else _UNSEEN
    return unseen.sub(lambda sign: f"\\u{ord(sign[0][0]):04x}", text)


class _Visible:
    """A stream that shows what it is given, and is else the stream behind it."""

    def __init__(self, stream: TextIOWrapper) -> None:
        self._stream = stream

    def write(self, text: str) -> int:
        """Write a text, what cannot be seen made visible."""
        return self._stream.write(visible(text, colours=self._stream.isatty()))

    def __getattr__(self, name: str) -> object:
        return getattr(self._stream, name)


def guard_streams() -> None:
    """Let standard output and error show what they are given; what an encoding cannot hold is written as its number.

    Where they are no terminal, they are UTF-8.
    """
    for name in ("stdout", "stderr"):
        stream = getattr(sys, name)
        if isinstance(stream, TextIOWrapper):
            encoding = None if stream.isatty() else "utf-8"
            stream.reconfigure(encoding=encoding, errors="backslashreplace")
            setattr(sys, name, cast("TextIO", _Visible(stream)))
