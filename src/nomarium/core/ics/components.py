"""Content lines → components: calendars, and the events, zones and alarms in them."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field

from nomarium.core.ics.content_lines import ContentLine, Sloppiness, content_lines


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
        for line in self.properties:  # a handful: quicker than any index
            if line.name == name:
                return line
        return None

    def all(self, name: str) -> Sequence[ContentLine]:
        """Return all properties of a name."""
        return [line for line in self.properties if line.name == name]

    @property
    def names(self) -> frozenset[str]:
        """The names of its properties."""
        return frozenset([line.name for line in self.properties])

    def within(self, name: str) -> Iterator[Component]:
        """Yield the components of a name right within this one."""
        return (component for component in self.components if component.name == name)


_DEEPEST = 20
_FRAMES = frozenset(("BEGIN", "END"))


def read_components(text: str) -> tuple[list[Component], Sloppiness]:
    """Return the calendars of a file, those cut off included (they are not ``closed``), and its sloppiness."""
    sloppiness = Sloppiness()
    root = Component("", 0)
    stack = [root]
    for read in content_lines(text, sloppiness):
        name = read[1]
        if name not in _FRAMES and len(stack) > 1:
            stack[-1].properties.append(read)
        elif name == "BEGIN":
            if len(stack) <= _DEEPEST:
                component = Component(read.value.strip().upper(), read.line)
                stack[-1].components.append(component)
                stack.append(component)
        elif name == "END":
            _close(stack, read, sloppiness)
        else:
            sloppiness.stray.append((read.line, read.raw[:60]))
    return list(root.within("VCALENDAR")), sloppiness


def _close(stack: list[Component], end: ContentLine, sloppiness: Sloppiness) -> None:
    """Close the innermost component of a name; those left open within it stay open."""
    name = end.value.strip().upper()
    if len(stack) > 1 and stack[-1].name == name:
        stack.pop().closed = True
        return
    places = [place for place, component in enumerate(stack) if component.name == name]
    if not places or not places[-1]:
        sloppiness.stray.append((end.line, end.raw[:60]))
        return
    stack[places[-1]].closed = True
    del stack[places[-1] :]
