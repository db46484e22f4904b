"""Texts that name a place by a word such as hall or pool, or have the form of a room's number."""

from __future__ import annotations

import re

from nomarium.lazily import regex

_PLACE_WORD = regex(
    r"\b(?:pool|hall|room|classroom|courtroom|boardroom|gym|gymnasium|field|court|studio|lab|library|theatre|theater|rink|track|pitch|lane|ice|barn|stage|foyer|"
    r"playground|canteen|cafeteria|\w*schulhof|pausenhof|kantine|mensa|cantine|préau|patio|comedor|cortile|pátio|cantina|"
    r"gallery|auditorium|chapel|arena|bühne|scène|escenario|palco|\w*(?:raum|saal|halle|zaal)|feld|becken|platz|salle|piscine|gymnase|terrain|stade|aula|sala|pista|piscina|campo|palestra|zaal|hal|"
    r"sporthal|sportzaal|stadion|pabellón|polideportivo|pavilhão|ginásio|csarnok|tornaterem|dvorana|igralište|"
    r"teren(?:ul)?|stadionul|telocvičňa|tělocvična|ihrisko|saha|зал|спортзал|поле|стадион|γήπεδο|kenttä|"
    r"bad|rom|plats|salon|veld|baan|bana|bane|hallen|halli|hala|hřiště|boisko|pálya|atelier|werkstatt|workshop)\b",
    re.IGNORECASE,
)
_NUMBERED = regex(r"[A-Z]{1,3}[ .-]?\d{1,4}[A-Za-z]?|\d{2,4}[A-Za-z]?")


def is_place_word(text: str) -> bool:
    """Tell whether a text names a place by a word such as hall or pool."""
    return bool(_PLACE_WORD.search(text))


def is_place_name(text: str) -> bool:
    """Tell whether a text is the name of a place and nothing else: "Court 2", "Studio B", "Main hall"."""
    words = text.split()
    numbered = len(words) == _PAIR and _PLACE_CODE.fullmatch(words[1]) is not None
    return len(words) == _PAIR and bool(_PLACE_WORD.fullmatch(words[0] if numbered else words[-1]))


_PAIR = 2
_PLACE_CODE = regex(r"[A-Z]|\d{1,3}[a-z]?")


def looks_like_place(text: str) -> bool:
    """Tell whether a text has the form of a place: "Pool 2", "R12", "Main hall"."""
    return bool(_PLACE_WORD.search(text) or _NUMBERED.fullmatch(text))
