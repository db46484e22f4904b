"""What a VEVENT says beside its times: the fields of a Series, and what none of them stands for, kept as written."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import timedelta
from typing import TYPE_CHECKING, Any

from nomarium.core.ics.content_lines import ContentLine, caret_decoded, split_values, unescaped
from nomarium.core.ics.harmless import is_harmless_alarm, is_harmless_line
from nomarium.core.ics.moments import BadValue, read_duration
from nomarium.core.values import Person

if TYPE_CHECKING:
    from nomarium.core.ics.components import Component

UNTITLED = "(untitled)"
_TEXTS = ("SUMMARY", "LOCATION", "DESCRIPTION")
_WORDS = {
    "STATUS": ("status", {word: word for word in ("CONFIRMED", "TENTATIVE", "CANCELLED")}),
    "CLASS": ("visibility", {word: word for word in ("PUBLIC", "PRIVATE", "CONFIDENTIAL")}),
    "TRANSP": ("busy", {"OPAQUE": "BUSY", "TRANSPARENT": "FREE"}),
}
_TIMES = frozenset("UID DTSTAMP DTSTART DTEND DURATION RRULE RDATE EXDATE EXRULE RECURRENCE-ID".split())
"""Properties that the reading of times uses up."""


def read_details(component: Component) -> tuple[dict[str, Any], list[tuple[int, str]]]:
    """Return the fields of a Series that a VEVENT states, ``extra`` among them; and what was left out as harmful.

    That is told by its line and its text: alarms that run or mail something, and addresses that are no links.
    """
    details = _Details()
    harmful: list[tuple[int, str]] = []
    for line in component.properties:
        if line.name in _TIMES:
            continue
        if not is_harmless_line(line):
            harmful.append((line.line, line.raw[:_SHOWN]))
        elif not details.take(line):
            details.extra.append(line.raw)
    for alarm in component.components:
        if alarm.name == "VALARM" and not is_harmless_alarm(alarm):
            harmful.append((alarm.line, _raw(alarm)[1][:_SHOWN]))
        else:
            details.take_alarm(alarm)
    said: dict[str, Any] = {"summary": UNTITLED, **details.said}
    if details.categories:
        said["categories"] = tuple(dict.fromkeys(details.categories))
    for name in ("attendees", "reminders", "extra"):
        if found := getattr(details, name):
            said[name] = tuple(found)
    return said, harmful


_SHOWN = 80
"""Characters of a line that are shown."""


@dataclass(slots=True)
class _Details:
    """What the properties taken so far have said."""

    said: dict[str, object] = field(default_factory=dict)
    categories: list[str] = field(default_factory=list)
    attendees: list[Person] = field(default_factory=list)
    reminders: list[timedelta] = field(default_factory=list)
    extra: list[str] = field(default_factory=list)

    def take(self, line: ContentLine) -> bool:
        """Take in a property; tell whether a field stands for it."""
        if line.name in _TEXTS and (not line.parameters or set(line.parameters) <= {"LANGUAGE"}):
            text = unescaped(line.value).strip()
            if text:
                self.said[line.name.lower()] = text
            return True
        if line.name in _WORDS:
            key, words = _WORDS[line.name]
            word = words.get(line.value.strip().upper())
            if word:
                self.said[key] = word
            return word is not None
        return self._take_list(line)

    def take_alarm(self, alarm: Component) -> None:
        """Take in an alarm: as a reminder, or as it was written."""
        before = _reminder(alarm)
        if before is None:
            self.extra += _raw(alarm)
        else:
            self.reminders.append(before)

    def _take_list(self, line: ContentLine) -> bool:
        person = _person(line) if line.name in ("ORGANIZER", "ATTENDEE") else None
        if line.name == "CATEGORIES":
            self.categories += [text.strip() for text in split_values(line.value) if text.strip()]
        elif line.name == "URL":
            self.said["url"] = line.value.strip()
        elif person and line.name == "ORGANIZER":
            self.said["organizer"] = person
        elif person:
            self.attendees.append(person)
        else:
            return False
        return True


def _person(line: ContentLine) -> Person | None:
    address = line.value.strip()
    if not address.lower().startswith("mailto:"):
        return None
    name = caret_decoded(line.parameters.get("CN", ""))
    rest = {key: value for key, value in line.parameters.items() if key != "CN"}
    written = "".join(f";{key}={_quoted(value)}" for key, value in rest.items())
    return Person(name, address[7:], written)


def _quoted(value: str) -> str:
    return f'"{value}"' if any(sign in value for sign in ",;:") else value


def _reminder(alarm: Component) -> timedelta | None:
    """Return how long before the start an alarm that only shows itself goes off; None for any other."""
    action, trigger = alarm.first("ACTION"), alarm.first("TRIGGER")
    plain = {line.name for line in alarm.properties} <= {"ACTION", "TRIGGER", "DESCRIPTION", "UID", "X-WR-ALARMUID"}
    shows = action is not None and action.value.strip().upper() == "DISPLAY"
    if alarm.name != "VALARM" or not plain or trigger is None or not shows:
        return None
    if trigger.parameters.get("RELATED", "START").upper() != "START" or "VALUE" in trigger.parameters:
        return None
    try:
        duration = read_duration(trigger.value)
    except BadValue:
        return None
    length = duration.days * timedelta(days=1) + duration.elapsed
    return -length if length <= timedelta(0) and length % timedelta(minutes=1) == timedelta(0) else None


def _raw(component: Component) -> list[str]:
    """Return the lines of a component as they were written."""
    lines = [f"BEGIN:{component.name}", *(line.raw for line in component.properties)]
    for inner in component.components:
        lines += _raw(inner)
    return [*lines, f"END:{component.name}"]
