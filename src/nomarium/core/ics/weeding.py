"""A calendar file without some of its events: all else says what it said, letter by letter."""

from __future__ import annotations

import re
from collections.abc import Collection

from nomarium.core.ics.components import read_components
from nomarium.core.ics.text import CONTROLS, fold
from nomarium.lazily import regex

_BREAK = regex(r"(?<=\n)|(?<=\r)(?!\n)")
_END = "END:VEVENT"


def without_events(text: str, uids: Collection[str], lines: Collection[int]) -> str:
    """Return the text of a calendar file without the events of some UIDs, and those that begin on some lines.

    Lines are counted from 1. An event goes with all its changed occurrences, as these have its UID. Lines that are too
    long are folded (RFC 5545, 3.1).
    """
    calendars, _ = read_components(text)
    begins = {
        event.line
        for calendar in calendars
        for event in calendar.within("VEVENT")
        if event.line in lines or ((uid := event.first("UID")) and uid.value.strip() in uids)
    }
    kept: list[str] = []
    skipping = False
    for number, line in enumerate(_BREAK.split(text), 1):
        skipping = skipping or number in begins
        if not skipping:
            kept.append(_folded(line))
        elif line.strip().upper() == _END:
            skipping = False
    return _UNWRITABLE.sub("", "".join(kept))


def _folded(line: str) -> str:
    """Return a line as it was written, with its break as RFC 5545, 3.1 has it; in parts where it is too long."""
    bare = line.rstrip("\r\n")
    return fold(bare) + "\r\n" * (bare != line)


def unsound_line(text: str) -> tuple[int, str] | None:
    """Return the first line at which what begins and ends in a calendar file does not fit; None where all does.

    Lines are counted from 1. What is never ended is named by its last line.
    """
    begun: list[str] = []
    number, last = 0, ""
    for number, line in enumerate(_BREAK.split(text), 1):
        name, colon, value = line.strip().upper().partition(":")
        if name == "BEGIN" and colon:
            begun.append(value)
        elif name == "END" and colon and (not begun or begun.pop() != value):
            return number, line.strip()
        last = line.strip() or last
    return (number, last) if begun else None


_UNWRITABLE = regex(f"[{CONTROLS}\x0b\x0c\u2028\u2029]")
"""What steers a terminal, or is a line's end to some reader: no line that is written holds it."""

_STAMP = regex(r"(LAST-MODIFIED|DTSTAMP|CREATED)[^:]*:\s*(\w+)", re.IGNORECASE)


def changed_at(text: str) -> dict[int, str]:
    """Return when each event of a calendar file was last changed, as it is written, by the line where it begins."""
    found: dict[int, dict[str, str]] = {}
    begin = 0
    for number, line in enumerate(_BREAK.split(text), 1):
        if line.strip().upper() == "BEGIN:VEVENT":
            begin = number
            found[begin] = {}
        elif begin and (stamp := _STAMP.match(line)):
            found[begin].setdefault(stamp[1].upper(), stamp[2])
    order = ("LAST-MODIFIED", "DTSTAMP", "CREATED")
    return {line: next((said[name] for name in order if name in said), "") for line, said in found.items()}
