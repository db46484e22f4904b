"""Cells that say one of a few things: yes or no, a status, a visibility, busy or free; and lists."""

from __future__ import annotations

import re

from nomarium.core.values.words import normalised

MARKS = frozenset("x × ✓ ✔ ☑ ● • + *".split())
"""Crosses and ticks, which no word is."""
PLAIN_YES = MARKS | frozenset("1 yes y true ja".split())
"""Marks and words that say yes wherever they stand; other letters for it may be codes."""
YES = PLAIN_YES | frozenset("t on j oui o si sí s sim tak igen evet kyllä".split())
"""All that says yes in a column of yes and no."""
NO = frozenset("no n false f 0 - – — off nein non não nao ☐ ✗ ✘".split())

STATUSES = {
    "CONFIRMED": "confirmed definite fixed agreed approved booked final ok yes",
    "TENTATIVE": "tentative provisional planned proposed pencilled penciled maybe tbc unconfirmed draft pending",
    "CANCELLED": "cancelled canceled called-off off dropped withdrawn postponed",
}
"""STATUS of an event (RFC 5545, 3.8.1.11) and the words that people write for it."""

VISIBILITIES = {
    "PUBLIC": "public open everyone all default normal",
    "PRIVATE": "private personal internal staff-only hidden",
    "CONFIDENTIAL": "confidential secret restricted",
}
"""CLASS (RFC 5545, 3.8.1.3) and the words that people write for it."""

BUSY = {"BUSY": "busy opaque blocked away occupied out-of-office tentative", "FREE": "free transparent available open"}
"""Whether the time is taken: TRANSP (RFC 5545, 3.8.2.7) and the words that people write for it."""


def _by_word(choices: dict[str, str]) -> dict[str, str]:
    return {word.replace("-", " "): choice for choice, words in choices.items() for word in words.split()}


_STATUS_WORDS, _VISIBILITY_WORDS, _BUSY_WORDS = map(_by_word, (STATUSES, VISIBILITIES, BUSY))


def read_yes_no(text: str) -> bool | None:
    """Return what a text answers, an empty one meaning no; None where it is neither yes nor no."""
    word = normalised(text)
    if word in YES:
        return True
    return False if not word or word in NO else None


_ASKED_STATUSES = (
    ("cancel", "CANCELLED", ""),
    ("tentative", "TENTATIVE", ""),
    ("provisional", "TENTATIVE", ""),
    ("confirmed", "CONFIRMED", "TENTATIVE"),
)
"""What headings ask, and what yes and no answer there."""


def read_status(text: str, heading: str = "") -> str | None:
    """Return CONFIRMED, TENTATIVE or CANCELLED; "" for none; None where a text is no status.

    Under a heading such as "Confirmed?" or "Cancelled" yes and no are answers too.
    """
    word = normalised(text).replace("-", " ")
    answer = read_yes_no(text)
    asked = next((both for part, *both in _ASKED_STATUSES if part in heading.casefold()), None)
    if word and asked and answer is not None:
        return asked[0] if answer else asked[1]
    return _STATUS_WORDS.get(word) if word else ""


def read_visibility(text: str, heading: str = "") -> str | None:
    """Return PUBLIC, PRIVATE or CONFIDENTIAL; "" for an empty text; None where it is none of them.

    Under a heading such as "Private" or "Confidential?" yes and no are answers too.
    """
    word = normalised(text).replace("-", " ")
    if not word or word in _VISIBILITY_WORDS:
        return _VISIBILITY_WORDS.get(word, "")
    asked = next((choice for choice in VISIBILITIES if choice.lower() in heading.casefold()), None)
    answer = read_yes_no(text)
    if asked is None or answer is None:
        return None
    if asked == "PUBLIC":
        return "PUBLIC" if answer else "PRIVATE"
    return asked if answer else ""


def read_busy(text: str, heading: str = "") -> str | None:
    """Return BUSY or FREE; "" for an empty text; None where it is neither. "Free?" and "Busy?" take yes and no."""
    word = normalised(text).replace("-", " ")
    if not word or word in _BUSY_WORDS:
        return _BUSY_WORDS.get(word, "")
    answer = read_yes_no(text)
    if answer is None:
        return None
    asks_free = "free" in heading.casefold() and "busy" not in heading.casefold()
    return "FREE" if answer == asks_free else "BUSY"


def split_list(text: str) -> tuple[str, ...]:
    """Split a list in one cell at ``;``, else at line breaks or ``|``, else at ``,``; each item once."""
    if ";" in text:
        items = text.split(";")
    elif "\n" in text or "|" in text:
        items = re.split(r"[\n|]", text)
    else:
        items = text.split(",")
    return tuple(dict.fromkeys(stripped for item in items if (stripped := item.strip())))
