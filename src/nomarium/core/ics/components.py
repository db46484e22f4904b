"""Content lines → components: calendars, and the events, zones and alarms in them."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field

from nomarium.core.ics.content_lines import ContentLine, Sloppiness, content_line, unfolded


@dataclass(slots=True)
class Component:
    """A component: its name, the line where it begins, its properties and the components within it."""

    name: str
    line: int
    properties: list[ContentLine] = field(default_factory=list)
    components: list[Component] = field(default_factory=list)
    closed: bool = False

    def first(self, name: str) -> ContentLine | None:
        """Return the first property of a name, or None."""
        return next((line for line in self.properties if line.name == name), None)

    def all(self, name: str) -> list[ContentLine]:
        """Return all properties of a name."""
        return [line for line in self.properties if line.name == name]

    def within(self, name: str) -> Iterator[Component]:
        """Yield the components of a name right within this one."""
        return (component for component in self.components if component.name == name)


_DEEPEST = 20


def read_components(text: str) -> tuple[list[Component], Sloppiness]:
    """Return the calendars of a file, those cut off included (they are not ``closed``), and its sloppiness."""
    sloppiness = Sloppiness()
    root = Component("", 0)
    stack = [root]
    for number, line in unfolded(text, sloppiness):
        read = content_line(number, line)
        if read is None:
            if line.strip():
                sloppiness.stray.append((number, line[:60]))
        elif read.name == "BEGIN":
            if len(stack) <= _DEEPEST:
                component = Component(read.value.strip().upper(), number)
                stack[-1].components.append(component)
                stack.append(component)
        elif read.name == "END":
            _close(stack, read, sloppiness)
        elif len(stack) > 1:
            stack[-1].properties.append(read)
        else:
            sloppiness.stray.append((number, line[:60]))
    return list(root.within("VCALENDAR")), sloppiness


def _close(stack: list[Component], end: ContentLine, sloppiness: Sloppiness) -> None:
    """Close the innermost component of a name; those left open within it stay open."""
    name = end.value.strip().upper()
    places = [place for place, component in enumerate(stack) if component.name == name]
    if not places or not places[-1]:
        sloppiness.stray.append((end.line, end.raw[:60]))
        return
    stack[places[-1]].closed = True
    del stack[places[-1] :]
