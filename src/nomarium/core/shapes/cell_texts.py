"""What the text of one cell says: times, the code of a shift, a task, a place."""

from __future__ import annotations

import re
from collections.abc import Collection, Iterable, Iterator, Sequence
from itertools import pairwise
from typing import NamedTuple

from nomarium.core.kinds import LETTERS, NUMBERS, bare_label
from nomarium.core.shapes.key import FREE, Key
from nomarium.core.values import is_and, looks_like_place, read_length, several_times, spans_in
from nomarium.lazily import regex

_CODE = regex(r"[^\W_]{1,4}[*+!?]?")
_LONGEST_WORD_CODE = 2
"""A longer code is written in capitals, or has a digit: “Ito” is a name."""
_JOINED = regex(r"\s*(?:[\n/+&,;]|\s-\s)\s*")
_LENGTH = regex(r"\(\s*(?P<length>\d[^()]{0,14}\D)\s*\)")
CLOCK_FORM = r"\d{1,2}[:.hu]\d{2}(?:\s*[ap]\.?m\.?)?|\d{1,2}\s*[ap]\.?m\.?"
CLOCK = regex(CLOCK_FORM, re.IGNORECASE)
"""A time of day that is surely one: “8.00”, “8 am”."""
_EDGES = " \n,;:|/()–—-@"


class Said(NamedTuple):
    """What one entry of a cell says."""

    title: str = ""
    hours: str = ""
    place: str = ""
    days: str = ""
    """The weekdays that its code is on, where a list of codes says them."""
    length: str = ""
    """How long it takes, where its words say so: "English P1 (2 h)"."""
    week: str = ""
    """The letter of the weeks in which it is, where the cell names one."""


def is_free(text: str) -> bool:
    """Tell whether a cell says that nothing is on: “Free”, “–”, “Closed”."""
    plain = text.strip().casefold()
    return plain in FREE or plain in _CLOSED or _NOT_ON.fullmatch(plain) is not None


_NOT_ON = regex(
    r"no (?:[^\W\d_]+ ){0,2}(?:school|class(?:es)?|lessons?|training|practice|rehearsals?|sessions?|meetings?|"
    r"services?|club|choir|swimming|games?|duty|clinic)"
)


_CLOSED = frozenset(
    "closed|geschlossen|fermé|cerrado|chiuso|fechado|gesloten|lukket|stängt|zamknięte|zavřeno".split("|")
)


def without_length(text: str) -> tuple[str, int]:
    """Return a cell without its length, and that in seconds: "Spin (45 min)", "Spin (Ina) 45 min"; 0 for none."""
    for form in (_LENGTH, _LENGTH_BEHIND):
        for match in form.finditer(text):
            length = read_length(match["length"])
            if length is not None and not length.days:
                return f"{text[: match.start()].rstrip()}{text[match.end() :]}", int(length.elapsed.total_seconds())
    return text, 0


_LENGTH_BEHIND = regex(
    r"(?:[\s,;·|–-]+)(?P<length>\d{1,3}\s?(?:min(?:s|utes?|uten|uti|utos)?\b\.?|['′’])|\d(?:[.,]\d)?\s?(?:h|hrs?|hours?|std)\b\.?)"
    r"(?=\s*(?:\)|$))",
    re.IGNORECASE,
)
"""A length that ends a cell, or the words in brackets at its end."""


def is_code(text: str) -> bool:
    """Tell whether a text can be the code of something: short, one word, and no small word."""
    text = text.strip()
    is_word = len(text) > _LONGEST_WORD_CODE and not any(map(str.isdigit, text)) and not text.isupper()
    return bool(_CODE.fullmatch(text)) and not is_word and not CLOCK.fullmatch(text)


def mostly_labels(texts: Sequence[str], *, any_words: bool = False) -> bool:
    """Tell whether most texts are labels of a cycle, "A" to "L", "1" to "12" or "Day 3", that come again.

    With ``any_words`` other words are labels too: "Gold", "Black".
    """

    def is_label(text: str) -> bool:
        return any_words or bare_label(text, LETTERS) in LETTERS or bare_label(text, NUMBERS) in NUMBERS

    labels = list(filter(is_label, texts))
    return len(labels) * 2 > len(texts) and len(set(labels)) * 2 <= len(labels)


def codes_in(text: str) -> list[str]:
    """Return the codes that a cell holds and nothing else: "E", "E/N"; none for other texts."""
    parts = [part for part in _JOINED.split(text.strip()) if part]
    if is_code(text):
        return [text.strip()]
    return parts if parts and all(map(is_code, parts)) and not any(map(str.isdecimal, parts)) else []


def read_cell(
    text: str, key: Key, codes: Collection[str], *, words_are_place: bool, rooms: Iterable[str] = ()
) -> list[Said] | str:
    """Return what a cell says, entry by entry; the one of its ``codes`` that nothing explains, where there is one."""
    if is_free(text):
        return []
    whole = key.find(text.strip())
    parts = [text.strip()] if whole else [part for part in codes_in(text) if part in codes or key.find(part)]
    if parts and (whole or len(parts) == len(codes_in(text))):
        found = []
        for code in parts:
            meaning = key.find(code)
            if meaning is None and not is_free(code):
                return code
            if meaning is not None and not meaning.is_free:
                found.append(Said(meaning.title, meaning.hours, meaning.place, meaning.days))
        return found
    known_rooms = {room.casefold() for room in rooms}
    return [_said(words, hours, known_rooms, words_are_place=words_are_place) for hours, words in _timed_parts(text)]


def words_beside_times(text: str) -> list[str]:
    """Return the words that go with each span of times of a cell: "17:30–19:00 Pool 2" has "Pool 2"."""
    return [line for hours, words in _timed_parts(text) if hours for line in words.splitlines() if line]


def _timed_parts(text: str) -> Iterator[tuple[str, str]]:
    """Yield the spans of times of a cell, each with the words that go with it; ("", words) where it has no times."""
    spans = list(spans_in(text))
    starts = [] if spans else several_times(text.strip()) or CLOCK.findall(text.strip())
    if starts and all(CLOCK.fullmatch(start) for start in starts) and not CLOCK.sub("", text).strip(_BETWEEN_TIMES):
        yield from ((start, "") for start in starts)
        return
    if not spans:
        yield "", text if _LENGTH.search(text) else _bare(text)
        return
    between = [text[: spans[0].start], *(text[a.end : b.start] for a, b in pairwise(spans))]
    after = _bare(text[spans[-1].end :])
    words = ["" if is_and(part) else _bare(part) for part in between]
    behind = [*words[1:], after]
    leading = bool(words[0]) and (len(spans) == 1 or not after)
    for number, span in enumerate(spans):
        before = words[number] if leading or number == 0 else ""
        follows = "" if leading and number < len(spans) - 1 else behind[number]
        yield span.text, "\n".join(filter(None, (before, follows)))


_BETWEEN_TIMES = " \n,;/&+|·"


def named_length(name: str) -> tuple[str, str]:
    """Return a name without the length in brackets behind it, and that length: "The Keel (112 min)"; "" for none."""
    match = next((one for one in _LENGTH.finditer(name) if read_length(one["length"])), None)
    return (f"{name[: match.start()].rstrip()}{name[match.end() :]}", match["length"].strip()) if match else (name, "")


def _said(words: str, hours: str, rooms: set[str], *, words_are_place: bool) -> Said:
    """Part the words of an entry into a title, a place and a length."""
    length = next((match[1] for match in _LENGTH.finditer(words) if read_length(match[1])), "")
    words = _LENGTH.sub("", words).strip() if length else words
    bracketed = _IN_BRACKETS.fullmatch(words)
    if bracketed and (bracketed["last"].casefold() in rooms or looks_like_place(bracketed["last"])):
        words = f"{bracketed['before']}\n{bracketed['last']}"
    parts = [_bare(part) for part in re.split(r"\s*(?:\n|,|\s/\s|\||\s[–—-]\s|\s@\s)\s*", words) if _bare(part)]
    has_title = len(parts) > 1 or (words_are_place and bool(hours))
    places = [part for part in parts if part.casefold() in rooms] or (
        [part for part in parts if looks_like_place(part)][-1:] if has_title else []
    )
    titles = [part for part in parts if part not in places]
    return Said(", ".join(titles), hours, ", ".join(places), length=length)


_IN_BRACKETS = regex(r"(?P<before>.+?)\s*[(\[](?P<last>[^()\[\]]+)[)\]]", re.DOTALL)
"""“Kunst (R3)”."""


def _bare(text: str) -> str:
    """Return a text without what stands between it and others; a bracket that it opens stays closed."""
    bare = text.strip(_EDGES)
    return f"{bare})" if bare.count("(") > bare.count(")") else bare
