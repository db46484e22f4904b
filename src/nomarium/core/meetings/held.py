"""What calendars are filled with: a meeting or event, what is said of it, and all its dates."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import TYPE_CHECKING

from nomarium.core.problems import Place
from nomarium.core.slots import DayTest, Periods

if TYPE_CHECKING:
    from nomarium.core.sources import Occurrence, Series
    from nomarium.core.timetable import Change, Values


About = Mapping[str, str]
"""What a single meeting is about: its lesson and its notes, by their fields."""


@dataclass(slots=True)
class Held:
    """Meetings that are alike in all but their dates: one class at one slot."""

    source: str
    """The plan's name of the source that it comes from."""
    values: Values
    occurrences: list[Occurrence] = field(default_factory=list)
    known_on: list[str] = field(default_factory=list)
    """For each occurrence, by what it is known within its stem: its original date, "20261014"."""
    stem: str = ""
    """What the UIDs of its occurrences begin with."""
    identity: tuple[str, ...] = ()
    """What the stem is made of."""
    day: DayTest = field(default_factory=DayTest)
    periods: Periods = ()
    """The periods as written; none where it has clock times of its own, or is an event."""
    called: Periods = ()
    """What its line of a grid calls its clock times: “Lunch”."""
    place: Place = field(default=Place(""), compare=False)
    event: Series | None = None
    """The event, where it is of a source of events."""
    uids: tuple[str, ...] = ()
    """The UIDs of an event's occurrences."""
    change: Change | None = None
    natural: tuple[str, ...] = ()
    """The UIDs of its occurrences as they come from what it is, where corrections have given it others."""
    about: Mapping[int, About] = field(default_factory=dict)
    """What single occurrences are about, by their places."""
    edited: bool = False
    """Whether the event stands as somebody has edited it by hand: nothing of the plan is put on it."""

    def cut(self, kept: Sequence[int]) -> Held:
        """Return it with only some of its occurrences, by their places."""
        cut = replace(self, occurrences=[self.occurrences[place] for place in kept])
        if self.uids:
            cut.uids = tuple(self.uids[place] for place in kept)
            cut.natural = tuple(self.natural[place] for place in kept) if self.natural else ()
            if self.event is not None:
                cut.event = replace(self.event, occurrences=tuple(cut.occurrences))
        else:
            cut.known_on = [self.known_on[place] for place in kept]
        if self.about:
            cut.about = {now: self.about[place] for now, place in enumerate(kept) if place in self.about}
        return cut

    def of(self, name: str) -> tuple[str, ...]:
        """Return the values of a field."""
        return self.values.get(name, ())

    @property
    def class_name(self) -> str:
        """The class, or the course where no class is named, or the event’s title."""
        named = self.of("class") or self.of("code") or self.of("course")
        return ", ".join(named) or (self.event.summary if self.event else "")

    def occurrence_uids(self) -> list[str]:
        """Return the UID of each occurrence."""
        return list(self.uids) if self.uids else [f"{self.stem}-{known}" for known in self.known_on]
