"""What may pass from a calendar into another: nothing that runs or mails something, and no address that is no link."""

from __future__ import annotations

import re
from html import unescape
from typing import TYPE_CHECKING

from nomarium.core.ics.content_lines import ContentLine, unescaped
from nomarium.core.sources.web import SCHEMES
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.ics.components import Component

_SCHEME = regex(r"\s*([a-z][a-z0-9+.-]*):", re.IGNORECASE)
_ADDRESSES = frozenset({"URL", "ATTACH", "IMAGE", "CONFERENCE", "SOURCE", "STRUCTURED-DATA", "LINK", "TZURL"})
"""Properties whose values are addresses, where they do not say otherwise."""
_PEOPLE = frozenset({"ATTENDEE", "ORGANIZER"})
_NAMES_ONLY = frozenset({"urn", "invalid"})
"""Schemes of people's addresses that lead nowhere: a person's number, or nobody's mail."""
_OWN_BEGINNINGS = frozenset({"javascript", "vbscript", "data", "file"})
"""What a line of another program's own may not begin with; what else it holds is its own matter."""
_RUNS = regex(r"<\s*(script|iframe|object|embed|form|meta|base|link)\b|[\s\"'/]on[a-z]+\s*=", re.IGNORECASE)
"""What a text in HTML holds that does more than to look well,"""
_LEADS_IN = regex(r"=[\"']?(javascript|vbscript|data|file):", re.IGNORECASE)
"""or, blanks aside, leads to."""
_ADDRESS_PARAMETERS = ("ALTREP", "DIR")
_SHOWS_OR_SOUNDS = frozenset({"DISPLAY", "AUDIO"})


def is_harmless_address(text: str) -> bool:
    """Tell whether an address leads to a page, a message, a number, a place or a part of the file, or is relative."""
    plain = _printable(text)
    return _scheme(plain) in ("", *SCHEMES) and not plain.lstrip().startswith(("\\", "//"))


def _printable(text: str) -> str:
    return "".join(sign for sign in text if sign.isprintable())


def _scheme(text: str) -> str:
    found = _SCHEME.match(_printable(text))
    return found[1].casefold() if found else ""


def is_harmless_line(line: ContentLine) -> bool:
    """Tell whether a property holds no address, file or markup that could do something."""
    value = line.parameters.get("VALUE", "").upper()
    scheme = _scheme(line.value)
    if value == "BINARY" or (line.name in _PEOPLE and scheme not in ("", *SCHEMES, *_NAMES_ONLY)):
        return False
    if line.name.startswith("X-") and scheme in _OWN_BEGINNINGS:
        return False
    if "html" in line.parameters.get("FMTTYPE", "").lower() and _runs(line.value):
        return False
    is_address = value == "URI" or (line.name in _ADDRESSES and value in ("", "URI"))
    if is_address and not is_harmless_address(line.value):
        return False
    return all(is_harmless_address(line.parameters[name]) for name in _ADDRESS_PARAMETERS if name in line.parameters)


def _runs(value: str) -> bool:
    html = unescape(unescaped(value))
    return bool(_RUNS.search(html) or _LEADS_IN.search("".join(html.split())))


def is_harmless_alarm(alarm: Component) -> bool:
    """Tell whether an alarm only shows itself or sounds, and brings nothing harmful with it (RFC 5545, 3.8.6.1)."""
    action = alarm.first("ACTION")
    plain = action is None or action.value.strip().upper() in _SHOWS_OR_SOUNDS
    return plain and all(map(is_harmless_line, alarm.properties))
