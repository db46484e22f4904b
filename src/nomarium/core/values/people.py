"""People as cells name them: "Nell Farrow <nell@example.org>", an address, or a name."""

from __future__ import annotations

import re
from typing import NamedTuple

from nomarium.lazily import regex


class Person(NamedTuple):
    """A person or group: a name, a mail address, or both; "" for what is not known."""

    name: str
    address: str
    parameters: str = ""
    """Further parameters of a calendar file (";ROLE=CHAIR"), as they were written."""

    def __str__(self) -> str:
        if self.name and self.address:
            return f"{self.name} <{self.address}>"
        return self.address or self.name


LONGEST_PERSON = 400
"""Characters of a name with an address; a longer text is no more than a name."""

_MAIL = r"[^\s<>@,;:\"()\[\]\\]+@[^\s<>@,;:\"()\[\]\\]+\.[^\s<>@,;:\"()\[\]\\.]+"
_ADDRESS = regex(rf"<?(?:mailto:)?({_MAIL})>?", re.IGNORECASE)
_NAMED = regex(rf"([^<>]*?)\s*[<(](?:mailto:)?({_MAIL})[>)]", re.IGNORECASE)


def read_person(text: str) -> Person:
    """Return the person that a text names; a text without an address is a name."""
    text = " ".join(text.split())
    if len(text) > LONGEST_PERSON:
        return Person(text, "")
    alone = _ADDRESS.fullmatch(text)
    if alone:
        return Person("", alone[1])
    named = _NAMED.fullmatch(text)
    return Person(named[1].strip().strip('"'), named[2]) if named else Person(text, "")
