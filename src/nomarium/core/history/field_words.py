"""The fields of events as they are kept → what a reader is told of them."""

from __future__ import annotations

from ast import literal_eval
from collections.abc import Sequence
from datetime import timedelta

from nomarium.core.rows import length_words
from nomarium.core.values import Person

OTHER_PROPERTIES = "other properties"
"""What the field of properties is called that nothing here stands for."""
_PEOPLE = frozenset({"organizer", "attendees"})
_RULES = frozenset({"RRULE", "EXRULE", "RDATE", "EXDATE"})


def field_words(name: str, text: str) -> str:
    """Return what a kept field says, in words: people as "Nell Farrow <nell@example.org>", reminders as lengths."""
    if name in _PEOPLE:
        return "; ".join(str(person) for person in _people(text))
    if name == "reminders":
        return "; ".join(length_words(timedelta(seconds=int(one))) for one in text.split(";") if one.isdecimal())
    if name == "categories":
        return "; ".join(filter(None, text.split(";")))
    return text


def _people(text: str) -> Sequence[Person]:
    """Return the people of a kept field; "" of what no build can have written."""
    found: list[Person] = []
    for part in text.replace(");(", ")\n(").split("\n"):
        try:
            found.append(Person(*literal_eval(part)) if part else Person("", ""))
        except (ValueError, SyntaxError, TypeError, MemoryError, RecursionError):
            return [Person(text, "")]
    return found


def properties_that_differ(before: str, after: str) -> list[tuple[str, str, str]]:
    """Return how the properties differ that nothing here stands for: repeats by themselves, all others in one line."""
    old, new = (set(text.split("\n")) - {""} for text in (before, after))
    rules = [sorted(line for line in side if _name(line) in _RULES) for side in (old, new)]
    gone, come = (
        sorted({_name(line) for line in side if _name(line) not in _RULES}) for side in (old - new, new - old)
    )
    found = [("repeat", "; ".join(rules[0]), "; ".join(rules[1]))] if rules[0] != rules[1] else []
    return [*found, (OTHER_PROPERTIES, ", ".join(gone), ", ".join(come))] if gone or come else found


def _name(line: str) -> str:
    return line.replace(";", ":", 1).partition(":")[0].upper()
