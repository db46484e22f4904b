"""Web addresses as cells hold them."""

from __future__ import annotations

import re

from nomarium.lazily import regex

SCHEMES = ("http", "https", "mailto", "tel", "geo", "cid")
"""What addresses may begin with: they lead to a page, a message, a number, a place or a part of the file."""
_SCHEME = regex(rf"(?:{'|'.join(SCHEMES)}):[^\s<>\"{{}}|\\^`]+", re.IGNORECASE)
_BARE_HOST = regex(r"(www\.)?[a-z0-9-]+(\.[a-z0-9-]+)*\.[a-z]{2,}(:\d+)?(/[^\s<>\"{}|\\^`]*)?", re.IGNORECASE)
_LONGEST_HOST = 2_000


def web_address(text: str) -> str | None:
    """Return a text as a URI (RFC 3986) that only leads somewhere, with https:// in front of a bare host; else None."""
    if not text or _SCHEME.fullmatch(text):
        return text
    if len(text) > _LONGEST_HOST:
        return None
    return f"https://{text}" if _BARE_HOST.fullmatch(text) else None
