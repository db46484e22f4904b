"""Texts, lists and keys as TOML writes them."""

from __future__ import annotations

import json
from collections.abc import Iterable

from nomarium.lazily import regex

_BARE_KEY = regex(r"[A-Za-z0-9_-]+")


_BREAKS = regex("[\x00-\x08\x0a-\x1f\x7f-\x9f\u2028\u2029\u202a-\u202e\u2066-\u2069]")
"""What ends a line for some reader, controls a terminal, or turns the order of what is shown."""
_LONE = regex("[\ud800-\udfff]")
"""Halves of characters, and bytes of file names that are no UTF-8: no TOML can hold them."""


def toml_text(text: str) -> str:
    """Return a TOML basic string: its escapes are those of JSON; what could be taken for a line break is escaped."""
    quoted = json.dumps(_LONE.sub("\ufffd", text), ensure_ascii=False)
    return _BREAKS.sub(lambda sign: f"\\u{ord(sign[0]):04x}", quoted)


def plan_text(lines: Iterable[str]) -> str:
    """Return the text of a plan from its lines: none of them can begin another, whatever stands in it."""
    return "\n".join(one_line(line) for line in lines).rstrip() + "\n"


def one_line(text: str) -> str:
    """Return a text without anything that some reader takes for the end of a line."""
    return _LONE.sub("\ufffd", _BREAKS.sub(" ", text))


def toml_list(texts: Iterable[str]) -> str:
    """Return a TOML array of strings."""
    return f"[{', '.join(map(toml_text, texts))}]"


def toml_key(name: str) -> str:
    """Return a TOML key: bare where it can be."""
    return name if _BARE_KEY.fullmatch(name) else toml_text(name)
