"""Texts, lists and keys as TOML writes them."""

from __future__ import annotations

import json
import re
from collections.abc import Iterable

_BARE_KEY = re.compile(r"[A-Za-z0-9_-]+")


def toml_text(text: str) -> str:
    """Return a TOML basic string: its escapes are those of JSON."""
    return json.dumps(text, ensure_ascii=False).replace("\x7f", "\\u007f")


def toml_list(texts: Iterable[str]) -> str:
    """Return a TOML array of strings."""
    return f"[{', '.join(map(toml_text, texts))}]"


def toml_key(name: str) -> str:
    """Return a TOML key: bare where it can be."""
    return name if _BARE_KEY.fullmatch(name) else toml_text(name)
