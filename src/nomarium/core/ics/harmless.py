"""What may pass from a calendar into another: nothing that runs or mails something, and no address that is no link."""

from __future__ import annotations

import re

from nomarium.core.ics.components import Component
from nomarium.core.ics.content_lines import ContentLine
from nomarium.core.sources.web import SCHEMES

_SCHEME = re.compile(r"\s*([a-z][a-z0-9+.-]*):", re.IGNORECASE)
_ADDRESSES = frozenset({"URL", "ATTACH", "IMAGE", "CONFERENCE", "SOURCE", "STRUCTURED-DATA", "LINK", "TZURL"})
"""Properties whose values are addresses, where they do not say otherwise."""
_ADDRESS_PARAMETERS = ("ALTREP", "DIR")
_SHOWS_OR_SOUNDS = frozenset({"DISPLAY", "AUDIO"})


def is_harmless_address(text: str) -> bool:
    """Tell whether an address leads to a page, a message, a number, a place or a part of the file, or is relative."""
    scheme = _SCHEME.match("".join(sign for sign in text if sign.isprintable()))
    return scheme is None or scheme[1].casefold() in SCHEMES


def is_harmless_line(line: ContentLine) -> bool:
    """Tell whether a property holds no address that could do something."""
    value = line.parameters.get("VALUE", "").upper()
    is_address = value == "URI" or (line.name in _ADDRESSES and value in ("", "URI"))
    if is_address and not is_harmless_address(line.value):
        return False
    return all(is_harmless_address(line.parameters[name]) for name in _ADDRESS_PARAMETERS if name in line.parameters)


def is_harmless_alarm(alarm: Component) -> bool:
    """Tell whether an alarm only shows itself or sounds, and brings nothing harmful with it (RFC 5545, 3.8.6.1)."""
    action = alarm.first("ACTION")
    plain = action is None or action.value.strip().upper() in _SHOWS_OR_SOUNDS
    return plain and all(map(is_harmless_line, alarm.properties))
